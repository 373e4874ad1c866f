import { CalendarBook } from "@gentian/core/schedule/calendar";
import { openings, rowOf } from "@gentian/core/schedule/openings";
import type { House } from "@gentian/core/house/compile";
import type { HouseFile } from "@gentian/core/house/schema";
import { isoOfDay, mondayOf, weekdayOf } from "@gentian/core/time/days";
import { clockText } from "@gentian/core/time/zone";

type Book = NonNullable<HouseFile["book"]>;
type Appointment = Book["appointments"][number];

const FIRST =
  "Olu Kit Fen Beatriz Jo Sol Nadia Tam Ada Mo Yuki Chidi Ingrid Desmond Petra Quentin Rosa Bram Leocadia Hamish Aoife Tove Emeka Lucie Anselm Freya Gideon Halima Isidor Juno Kaspar Linnea Matteo Nkechi Orla Pascal Rhona Stellan Thandi Ulrich Vesna Wilf Xanthe Yannick Zelda Arlo Brigid Cosmo Delphine Edwin Fatima Gunnar Hester Imran Jocasta Kofi Lars Marguerite".split(
    " ",
  );
const LAST =
  "Bassey Marlowe Zhao Lobo Okafor Vance Haddad Lindgren Ferreira Dlamini Mori Eze Solheim Achebe Quist Barrow Medina Visser Pound MacNab Kehoe Nilsen Adeyemi Roche Weir Holm Strand Yusuf Kern Abara Voss Berg Conti Obi Farrell Moreau Craig Lund Nkosi Brandl Kovac Tanner Doyle Laurent Fitz Hale Sorley Penn Aubert Rusk Rahman Dahl Colby Saleh Wray Mensah Holt Duval".split(
    " ",
  );

/** A small generator of our own (mulberry32 in other words), so that the demo's book is the same for the same week. */
function seeded(seed: number): () => number {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = Math.imul(a ^ (a >>> 15), a | 1);
    t = (t + Math.imul(t ^ (t >>> 7), t | 61)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** Six weeks of invented appointments of about 60 clients: three weeks before the week of the clock, and three from it on. */
export function demoBook(house: House, nowMin: number): Book {
  const random = seeded(20270301);
  const monday = mondayOf(house.zone.toLocal(nowMin).day);
  const clients: Book["clients"] = [
    {
      id: "c-ana",
      name: "Ana Petrov",
      phone: "+19025550142",
      email: "ana.petrov@mail.example",
      assessed: true,
      saysSo: false,
      note: "Runs; left Achilles tendon.",
      answers: { body_part: "left heel", since_when: "last autumn", referred: "no", health_plan: "Northshore Mutual" },
    },
    { id: "c-desmond", name: "Desmond Achebe", phone: "+19025550171", assessed: true, saysSo: false, note: "Has a pacemaker.", answers: {} },
    { id: "c-ingrid", name: "Ingrid Solheim", phone: "+19025550163", email: "ingrid@solheim.example", assessed: true, saysSo: false, note: "", answers: {} },
  ];
  FIRST.forEach((first, i) => {
    const last = LAST[i] as string;
    if (first === "Desmond" || first === "Ingrid") return;
    const phone = i % 9 === 4 ? undefined : `+1902555010${i % 10}`;
    const tail = String(100 + ((i * 7) % 100)).padStart(4, "0");
    clients.push({
      id: `c-${first.toLowerCase()}`,
      name: `${first} ${last}`,
      ...(phone ? { phone: `+1902555${tail}` } : {}),
      ...(i % 3 === 0 || !phone ? { email: `${first.toLowerCase()}.${last.toLowerCase()}@mail.example` } : {}),
      assessed: i % 4 !== 3,
      saysSo: false,
      note: "",
      answers: {},
    });
  });
  // Numbers of the named clients stay theirs alone.
  const own = new Set(["+19025550142", "+19025550171", "+19025550163"]);
  clients.slice(3).forEach((c) => {
    if (c.phone && own.has(c.phone)) delete c.phone;
  });

  const calendar = new CalendarBook();
  const appointments: Appointment[] = [];
  const start = monday - 21;
  const before = house.zone.toEpochMin(start, 0) - house.handbook.rules.noticeMin - 60;
  const nowDay = house.zone.toLocal(nowMin).day;
  const add = (client: string, service: string, lengthMin: number, staff: string, startMin: number, room: string, places?: number): void => {
    const id = `demo-${String(appointments.length + 1).padStart(3, "0")}`;
    const s = house.services.get(service);
    const endMin = startMin + lengthMin;
    const l = house.zone.toLocal(startMin);
    const past = endMin < nowMin;
    calendar.set(rowOf(house, id, { service, lengthMin, staff, room, startMin, endMin, busyUntilMin: endMin + (s?.cleanUpMin ?? 0) }, places ?? 1));
    appointments.push({
      id,
      client,
      service,
      lengthMin,
      staff,
      ...(room ? { room } : {}),
      start: `${isoOfDay(l.day)}T${clockText(l.minute)}`,
      ...(places ? { places } : {}),
      status: past ? (random() < 0.04 ? "missed" : "done") : "booked",
    });
  };
  const fixed: [string, string, number, string, number, number][] = [
    ["c-ana", "acupuncture", 45, "priya", monday + 3, 960],
    ["c-ana", "follow-up", 30, "tobias", monday + 10, 540],
    ["c-desmond", "follow-up", 30, "maren", monday, 900],
    ["c-ingrid", "relaxation-massage", 60, "nell", monday + 8, 600],
  ];
  for (const [client, service, length, staff, day, minute] of fixed) {
    const startMin = house.zone.toEpochMin(day, minute);
    for (const o of openings(house, calendar, before, { service, lengthMin: length, staff: [staff], fromDay: day, toDay: day }))
      if (o.startMin === startMin) add(client, service, length, staff, startMin, o.room);
  }
  const others = clients.slice(3).map((c) => c.id);
  const anyone = (): string => others[Math.floor(random() * others.length)] as string;
  const weights: Record<string, number> = {
    "follow-up": 6,
    assessment: 3,
    "sports-massage": 5,
    "relaxation-massage": 3,
    acupuncture: 3,
    shockwave: 1,
    taping: 1,
    "gait-analysis": 0.5,
    orthotics: 0.6,
  };
  for (let day = start; day < monday + 21; day++) {
    if (house.openOn(day).length === 0) continue;
    const weeksAhead = Math.max(0, (day - nowDay) / 7);
    const fill = day <= nowDay ? 0.72 : 0.62 - 0.16 * weeksAhead;
    for (const person of house.handbook.staff) {
      const services = house.handbook.services.filter((s) => !s.group && s.staff.includes(person.id));
      if (services.length === 0) continue;
      const capacity = house.worksOn(person.id, day).reduce((a, w) => a + w.toMin - w.fromMin, 0);
      let used = 0;
      for (let tries = 0; tries < 14 && used < capacity * fill; tries++) {
        const total = services.reduce((a, s) => a + (weights[s.id] ?? 1), 0);
        let roll = random() * total;
        const service = services.find((s) => (roll -= weights[s.id] ?? 1) < 0) ?? services[0];
        if (!service) break;
        const variant = service.variants[Math.floor(random() * service.variants.length)];
        if (!variant) break;
        const open = [
          ...openings(house, calendar, before, { service: service.id, lengthMin: variant.lengthMin, staff: [person.id], fromDay: day, toDay: day }),
        ];
        // On the half hour more often than on the quarter, as people book.
        const round = open.filter((o) => house.zone.toLocal(o.startMin).minute % 30 === 0);
        const list = round.length > 0 ? round : open;
        const o = list[Math.floor(random() * list.length)];
        if (!o) continue;
        add(anyone(), service.id, variant.lengthMin, person.id, o.startMin, o.room);
        used += variant.lengthMin + service.cleanUpMin;
      }
    }
    for (const service of house.handbook.services) {
      if (!service.group) continue;
      const length = service.variants[0]?.lengthMin ?? 0;
      for (const o of openings(house, calendar, before, { service: service.id, lengthMin: length, fromDay: day, toDay: day })) {
        const taken = Math.floor(random() * (service.group.places - 1));
        const who = new Set<string>();
        while (who.size < taken) who.add(anyone());
        for (const c of who) add(c, service.id, length, o.staff, o.startMin, o.room, 1);
      }
    }
  }
  const friday = monday + 4;
  return {
    clients,
    appointments: appointments.sort((a, b) => (a.start < b.start ? -1 : a.start > b.start ? 1 : a.id < b.id ? -1 : 1)),
    absences: [{ id: "demo-away-1", staff: "maren", from: `${isoOfDay(friday + 7)}T08:00`, to: `${isoOfDay(friday + 7)}T16:00`, reason: "Course" }].filter(
      () => weekdayOf(friday) === 5,
    ),
  };
}
