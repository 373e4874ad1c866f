import fc from "fast-check";
import { Temporal } from "temporal-polyfill";
import { describe, expect, it } from "vitest";
import type { HouseFile } from "../house/schema.ts";
import { demoFile, demoHouse, houseOf } from "../testing/demo.ts";
import { dayOfIso, isoOfDay, WEEKDAYS } from "../time/days.ts";
import { clockText, epochMinOf } from "../time/zone.ts";
import { CalendarBook, type BusyRow } from "./calendar.ts";
import { openings, stillOpen } from "./openings.ts";

/** A slow search written apart from the real one: every quarter hour, every person, every room, by Temporal. */
function slowly(file: HouseFile, busy: readonly BusyRow[], nowMin: number, serviceId: string, lengthMin: number, iso: string): string[] {
  const service = file.services.find((s) => s.id === serviceId);
  if (!service) return [];
  const date = Temporal.PlainDate.from(iso);
  const weekday = WEEKDAYS[date.dayOfWeek - 1];
  const out: string[] = [];
  const today = Temporal.Instant.fromEpochMilliseconds(nowMin * 60_000)
    .toZonedDateTimeISO(file.zone)
    .toPlainDate();
  const ahead = today.until(date, { largestUnit: "days" }).days;
  if (ahead < 0 || ahead > file.rules.horizonDays) return [];
  const at = (minute: number): number =>
    date.toPlainDateTime({ hour: Math.floor(minute / 60), minute: minute % 60 }).toZonedDateTime(file.zone).epochMilliseconds / 60_000;
  const min = (s: string): number => Number(s.slice(0, 2)) * 60 + Number(s.slice(3));
  for (let m = 0; m + lengthMin <= 1440; m += file.rules.gridMin) {
    const start = at(m);
    const end = start + lengthMin;
    const clean = end + service.cleanUpMin;
    if (start < nowMin + file.rules.noticeMin) continue;
    if (!file.hours.some((h) => h.weekdays.includes(weekday as never) && min(h.from) <= m && m + lengthMin <= min(h.to))) continue;
    for (const who of service.staff) {
      const person = file.staff.find((p) => p.id === who);
      if (!person?.bookable) continue;
      if (!person.hours.some((h) => h.weekdays.includes(weekday as never) && min(h.from) <= m && m + lengthMin <= min(h.to))) continue;
      if (person.breaks.some((b) => b.weekdays.includes(weekday as never) && at(min(b.from)) < clean && start < at(min(b.to)))) continue;
      if (busy.some((b) => b.staff === who && b.startMin < clean && start < b.endMin)) continue;
      const room = file.rooms.find((r) => r.pool === service.pool && !busy.some((b) => b.room === r.id && b.startMin < clean && start < b.endMin));
      if (!room) continue;
      out.push(`${clockText(m)} ${who} ${room.id}`);
    }
  }
  return out.sort();
}

const clock = (q: number): string => clockText(q * 15);
const window = fc
  .tuple(fc.integer({ min: 24, max: 52 }), fc.integer({ min: 4, max: 40 }))
  .map(([f, n]) => ({ from: clock(f), to: clock(Math.min(95, f + n)) }));
const someDays = fc.uniqueArray(fc.constantFrom(...WEEKDAYS), { minLength: 1, maxLength: 7 });

/** Random houses around both clock changes of America/Halifax and ordinary days. */
const randomHouse = fc
  .record({
    hours: fc.array(fc.tuple(someDays, window), { minLength: 1, maxLength: 1 }),
    staff: fc.array(fc.record({ hours: window, days: someDays, rest: fc.option(window) }), { minLength: 1, maxLength: 3 }),
    rooms: fc.integer({ min: 1, max: 2 }),
    length: fc.constantFrom(15, 30, 45, 60, 90),
    cleanUp: fc.constantFrom(0, 5, 15, 20),
    grid: fc.constantFrom(15, 30),
    notice: fc.constantFrom(0, 120, 1440),
    busy: fc.array(
      fc.record({
        who: fc.integer({ min: 0, max: 2 }),
        room: fc.integer({ min: 0, max: 1 }),
        at: fc.integer({ min: 0, max: 287 }),
        n: fc.integer({ min: 1, max: 9 }),
        alone: fc.boolean(),
      }),
      { maxLength: 8 },
    ),
    date: fc.constantFrom("2027-03-01", "2027-03-14", "2027-11-07", "2027-03-13", "2027-07-05"),
  })
  .map((r) => {
    const file = demoFile();
    file.closed = [];
    file.hours = r.hours.map(([weekdays, w], i) => ({ id: `h${i}`, weekdays, ...w }));
    file.staff = r.staff.map((s, i) => ({
      id: `s${i}`,
      name: `Person ${i}`,
      called: [],
      work: "x",
      languages: [],
      bookable: true,
      takesMessages: false,
      hours: [{ id: `w${i}`, weekdays: s.days, ...s.hours }],
      breaks: s.rest
        ? [
            {
              id: `b${i}`,
              weekdays: s.days,
              from: s.rest.from,
              to: clockText(Math.min(1425, Number(s.rest.from.slice(0, 2)) * 60 + Number(s.rest.from.slice(3)) + 30)),
            },
          ]
        : [],
    }));
    file.rooms = Array.from({ length: r.rooms }, (_, i) => ({ id: `r${i}`, name: `Room ${i}`, pool: "Room" }));
    file.services = [
      {
        id: "v",
        name: "Visit",
        also: [],
        about: "",
        variants: [{ lengthMin: r.length, priceMinor: 100 }],
        staff: file.staff.map((s) => s.id),
        pool: "Room",
        cleanUpMin: r.cleanUp,
        asks: [],
      },
    ];
    file.questions = [];
    file.rules = { ...file.rules, gridMin: r.grid, noticeMin: r.notice };
    const zone = demoHouse().zone;
    const base = zone.toEpochMin(dayOfIso(r.date), 0) - 480;
    const busy: BusyRow[] = r.busy.map((b, i) => ({
      id: `busy${i}`,
      staff: file.staff[b.who % file.staff.length]?.id ?? null,
      room: b.alone ? null : (file.rooms[b.room % file.rooms.length]?.id ?? null),
      startMin: base + b.at * 10,
      endMin: base + (b.at + b.n) * 10,
    }));
    return { file, busy, length: r.length, date: r.date };
  });

describe("openings", () => {
  it("are those that a slow search over every quarter hour finds, on random houses and over both clock changes", () => {
    fc.assert(
      fc.property(randomHouse, fc.integer({ min: -1, max: 1 }), fc.integer({ min: 0, max: 95 }), ({ file, busy, length, date }, before, quarter) => {
        const house = houseOf(file);
        const now = house.zone.toEpochMin(dayOfIso(date) + before, quarter * 15);
        const day = dayOfIso(date);
        const all = [...openings(house, new CalendarBook(busy), now, { service: "v", lengthMin: length, fromDay: day, toDay: day })];
        const clean = file.services[0]?.cleanUpMin ?? 0;
        all.forEach((o, i) => {
          expect(o.endMin - o.startMin).toBe(length);
          expect(o.busyUntilMin - o.endMin).toBe(clean);
          // Soonest first.
          if (i > 0) expect(o.startMin).toBeGreaterThanOrEqual(all[i - 1]?.startMin ?? 0);
        });
        const found = all.map((o) => `${clockText(house.zone.toLocal(o.startMin).minute)} ${o.staff} ${o.room}`);
        expect(found.sort()).toEqual(slowly(file, busy, now, "v", length, isoOfDay(day)));
      }),
      { numRuns: 1500, seed: 20270314 },
    );
  });

  const house = demoHouse();
  const now = epochMinOf(house.zone, "2027-03-01T08:30");
  const list = (service: string, lengthMin: number, iso: string, calendar = new CalendarBook(), more: object = {}): string[] =>
    [...openings(house, calendar, now, { service, lengthMin, fromDay: dayOfIso(iso), toDay: dayOfIso(iso), ...more })].map(
      (o) => `${clockText(house.zone.toLocal(o.startMin).minute)} ${o.staff}`,
    );

  it("begin after the notice and end at the sixtieth day, that day included", () => {
    expect(list("follow-up", 30, "2027-03-01")[0]).toBe("10:30 maren");
    expect(list("follow-up", 30, "2027-04-30").length).toBeGreaterThan(0);
    expect(list("follow-up", 30, "2027-05-01")).toEqual([]);
    expect(list("follow-up", 30, "2027-02-26")).toEqual([]);
  });

  it("let clean-up run past closing and past the person's hours, but never into a break", () => {
    // Maren's last assessment on Monday: 15:00 to 16:00, clean-up until 16:10. Before lunch at 12:00: 10:45 at the latest.
    const maren = list("assessment", 60, "2027-03-01", new CalendarBook(), { staff: ["maren"] });
    expect(maren.at(-1)).toBe("15:00 maren");
    expect(maren).toContain("10:45 maren");
    expect(maren).not.toContain("11:00 maren");
  });

  it("keep the studio for the class, whether anybody has booked it or not", () => {
    // On Thursdays Maren is not in; on Mondays the class begins at 17:30, after her day. On Saturday she is not in either.
    const file = demoFile();
    file.staff[0]?.hours.push({ id: "maren-thu", weekdays: ["Thursday"], from: "10:00", to: "16:00" });
    const changed = houseOf(file);
    const times = [
      ...openings(changed, new CalendarBook(), now, {
        service: "gait-analysis",
        lengthMin: 75,
        fromDay: dayOfIso("2027-03-04"),
        toDay: dayOfIso("2027-03-04"),
      }),
    ].map((o) => clockText(changed.zone.toLocal(o.startMin).minute));
    expect(times).toContain("11:00");
    expect(times).not.toContain("11:15");
    expect(times).not.toContain("13:00");
    expect(times).toContain("13:15");
  });

  it("count places in a class", () => {
    const at = epochMinOf(house.zone, "2027-03-03T17:30");
    const taken = (places: number) =>
      new CalendarBook([{ id: "p", staff: "hanneke", room: "studio", startMin: at, endMin: at + 50, place: { service: "mat-class", places } }]);
    expect(list("mat-class", 50, "2027-03-03", taken(6), { places: 2 })).toEqual(["17:30 hanneke"]);
    expect(list("mat-class", 50, "2027-03-03", taken(7), { places: 2 })).toEqual([]);
    expect(list("mat-class", 50, "2027-03-03", taken(8))).toEqual([]);
  });

  it("last as long as the class, with its places left", () => {
    const [o] = [
      ...openings(house, new CalendarBook(), now, { service: "mat-class", lengthMin: 50, fromDay: dayOfIso("2027-03-03"), toDay: dayOfIso("2027-03-03") }),
    ];
    expect(o).toMatchObject({ left: 8 });
    expect((o?.endMin ?? 0) - (o?.startMin ?? 0)).toBe(50);
    expect(o?.busyUntilMin).toBe(o?.endMin);
    // Whoever else has the studio then, the class has not.
    const startMin = o?.startMin ?? 0;
    expect(
      list("mat-class", 50, "2027-03-03", new CalendarBook([{ id: "x", staff: null, room: "studio", startMin: startMin + 45, endMin: startMin + 90 }])),
    ).toEqual([]);
    expect(
      list("mat-class", 50, "2027-03-03", new CalendarBook([{ id: "x", staff: null, room: "studio", startMin: startMin + 50, endMin: startMin + 90 }])),
    ).toHaveLength(1);
  });

  it("keep the studio for the clean-up after a class as well", () => {
    const file = demoFile();
    (file.services[8] as { cleanUpMin: number }).cleanUpMin = 10;
    const changed = houseOf(file);
    const day = dayOfIso("2027-03-03");
    const request = { service: "mat-class", lengthMin: 50, fromDay: day, toDay: day };
    const [o] = [...openings(changed, new CalendarBook(), now, request)];
    expect((o?.busyUntilMin ?? 0) - (o?.endMin ?? 0)).toBe(10);
    const after = new CalendarBook([{ id: "x", staff: null, room: "studio", startMin: (o?.endMin ?? 0) + 5, endMin: (o?.endMin ?? 0) + 60 }]);
    expect([...openings(changed, after, now, request)]).toEqual([]);
  });

  it("do not stand in the way of their own move", () => {
    const startMin = epochMinOf(house.zone, "2027-03-04T16:00");
    const calendar = new CalendarBook([{ id: "own", staff: "priya", room: "treatment-1", startMin, endMin: startMin + 45 }]);
    const wanted = {
      service: "acupuncture",
      lengthMin: 45,
      staff: "priya",
      room: "treatment-1",
      startMin: startMin + 15,
      endMin: startMin + 60,
      busyUntilMin: startMin + 60,
    };
    expect(stillOpen(house, calendar, now, wanted)).toBeNull();
    expect(stillOpen(house, calendar, now, wanted, { own: "own" })?.startMin).toBe(startMin + 15);
  });

  it("come lazily: the first of sixty days costs one day", () => {
    let days = 0;
    const counting = { ...house, openOn: (d: number) => (days++, house.openOn(d)) };
    openings(counting, new CalendarBook(), now, { service: "follow-up", lengthMin: 30, fromDay: dayOfIso("2027-03-01"), toDay: dayOfIso("2027-04-30") }).next();
    expect(days).toBeLessThan(10);
  });
});

describe("a calendar book", () => {
  const all = (b: CalendarBook) => b.between(0, 10_000);

  it("forgets what is dropped and what is left out", () => {
    const row: BusyRow = { id: "a", staff: "s", room: "r", startMin: 10, endMin: 20 };
    const book = new CalendarBook([row, { ...row, id: "b", startMin: 15, endMin: 30 }]);
    expect(all(book).staff("s")).toEqual([{ startMin: 10, endMin: 30 }]);
    expect(all(book.without(["b"])).staff("s")).toEqual([{ startMin: 10, endMin: 20 }]);
    book.drop("a");
    expect(all(book).room("r")).toEqual([{ startMin: 15, endMin: 30 }]);
    book.set({ ...row, id: "b", startMin: 40, endMin: 50 });
    expect(all(book).staff("s")).toEqual([{ startMin: 40, endMin: 50 }]);
    expect(all(book.with([{ ...row, id: "c", startMin: 50, endMin: 60 }])).staff("s")).toEqual([{ startMin: 40, endMin: 60 }]);
    expect(all(book).staff("s")).toEqual([{ startMin: 40, endMin: 50 }]);
  });

  it("says what a list of rows would say, whatever came and went, and however long ago", () => {
    const rowArb = fc.record({
      id: fc.integer({ min: 0, max: 40 }),
      staff: fc.constantFrom("s", "t", null),
      room: fc.constantFrom("r", "q", null),
      start: fc.integer({ min: 0, max: 6000 }),
      length: fc.oneof(fc.integer({ min: 0, max: 200 }), fc.integer({ min: 1400, max: 4000 })),
      before: fc.constantFrom(0, 15),
      more: fc.boolean(),
      drop: fc.boolean(),
    });
    fc.assert(
      fc.property(
        fc.array(rowArb, { maxLength: 60 }),
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 0, max: 7000 }),
        fc.integer({ min: 1, max: 3000 }),
        (list, first, from, width) => {
          const rows = list.map((r): BusyRow & { drop: boolean } => ({
            id: `${r.id}`,
            staff: r.staff,
            room: r.room,
            startMin: r.start,
            endMin: r.start + r.length,
            ...(r.before > 0 ? { roomStartMin: r.start - r.before, roomEndMin: r.start + r.length } : {}),
            ...(r.more ? { more: ["x"] } : {}),
            service: "v",
            drop: r.drop,
          }));
          const plain = new Map<string, BusyRow>();
          const begin = rows.slice(0, first).filter((r, i, l) => l.findIndex((o) => o.id === r.id) === i);
          for (const r of begin) plain.set(r.id, r);
          const book = new CalendarBook(begin);
          for (const r of rows.slice(first)) {
            book.between(from, from + width).staff("s");
            if (r.drop) {
              book.drop(r.id);
              plain.delete(r.id);
            } else {
              book.set(r);
              plain.set(r.id, r);
            }
          }
          const seen = book.between(from, from + width);
          for (const who of ["s", "t"])
            for (let m = from; m < from + width; m += 7)
              expect(seen.staff(who).some((i) => i.startMin <= m && m < i.endMin)).toBe(
                [...plain.values()].some((r) => r.staff === who && r.startMin <= m && m < r.endMin),
              );
          for (const room of ["r", "q", "x"])
            for (let m = from; m < from + width; m += 7)
              expect(seen.room(room).some((i) => i.startMin <= m && m < i.endMin)).toBe(
                [...plain.values()].some(
                  (r) => (r.room === room || (room === "x" && r.more?.includes("x"))) && (r.roomStartMin ?? r.startMin) <= m && m < (r.roomEndMin ?? r.endMin),
                ),
              );
        },
      ),
      { numRuns: 300, seed: 11 },
    );
  });
});
