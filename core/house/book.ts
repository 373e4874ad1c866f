import { CalendarBook } from "../schedule/calendar.ts";
import { isFree } from "../time/intervals.ts";
import { epochMinOf, type EpochMin } from "../time/zone.ts";
import type { House } from "./compile.ts";
import type { HouseFile, Problem } from "./schema.ts";

/** An appointment of a house file, placed on the calendar. */
export interface PlacedAppointment {
  extId: string;
  client: string;
  visitor?: string;
  service: string;
  lengthMin: number;
  staff: string;
  room: string;
  startMin: EpochMin;
  endMin: EpochMin;
  busyUntilMin: EpochMin;
  places: number;
  group: boolean;
  status: "booked" | "done" | "missed" | "cancelled";
  priceMinor: number | null;
  feeMinor: number;
}

/** Places a house file's appointments: finds rooms where none is named, and says by path what cannot stand. */
export function placeBook(house: House, file: HouseFile): { placed: PlacedAppointment[]; problems: Problem[] } {
  const book = file.book;
  const problems: Problem[] = [];
  const placed: PlacedAppointment[] = [];
  if (!book) return { placed, problems };
  const clients = new Set<string>();
  book.clients.forEach((c, i) => {
    if (clients.has(c.id)) problems.push({ path: `book/clients/${i}/id`, message: `${c.id} stands twice` });
    clients.add(c.id);
  });
  const seen = new Set<string>();
  const calendar = new CalendarBook();
  const classes = new Map<string, number>();
  book.appointments.forEach((a, i) => {
    const path = `book/appointments/${i}`;
    const say = (field: string, message: string): void => {
      problems.push({ path: `${path}/${field}`, message });
    };
    const service = house.services.get(a.service);
    if (seen.has(a.id)) return say("id", `${a.id} stands twice`);
    seen.add(a.id);
    if (!clients.has(a.client)) return say("client", `no client has the id ${a.client}`);
    if (!service) return say("service", `no service has the id ${a.service}`);
    if (!house.staff.has(a.staff)) return say("staff", `nobody has the id ${a.staff}`);
    if (a.room && !house.rooms.has(a.room)) return say("room", `no room has the id ${a.room}`);
    const startMin = epochMinOf(house.zone, a.start);
    const endMin = startMin + a.lengthMin;
    const busyUntilMin = endMin + service.cleanUpMin;
    const counts = a.status !== "cancelled";
    const pool = house.pools.get(service.pool) ?? [];
    const group = service.group !== undefined;
    const places = a.places ?? 1;
    let room = a.room ?? "";
    const key = `${a.service} ${startMin}`;
    const fresh = !group || !classes.has(key);
    if (counts && fresh) {
      if (!isFree(calendar.staffBusy(a.staff), startMin, busyUntilMin)) return say("start", `${house.staff.get(a.staff)?.name} has another appointment then`);
      if (!room) room = (group ? pool[0] : pool.find((r) => isFree(calendar.roomBusy(r.id), startMin, busyUntilMin)))?.id ?? "";
      if (pool.length > 0 && (!room || !isFree(calendar.roomBusy(room), startMin, busyUntilMin))) return say("room", "no room is free then");
      calendar.set({ id: a.id, staff: a.staff, room: room || null, startMin, endMin: busyUntilMin });
    } else if (!room) room = pool[0]?.id ?? "";
    if (counts && group) {
      const taken = (classes.get(key) ?? 0) + places;
      if (taken > (service.group?.places ?? 0)) return say("places", "more places than the class has");
      classes.set(key, taken);
    }
    const minor = service.variants.find((v) => v.lengthMin === a.lengthMin)?.priceMinor ?? null;
    placed.push({
      extId: a.id,
      client: a.client,
      ...(a.visitor ? { visitor: a.visitor } : {}),
      service: a.service,
      lengthMin: a.lengthMin,
      staff: a.staff,
      room,
      startMin,
      endMin,
      busyUntilMin,
      places,
      group,
      status: a.status,
      priceMinor: minor === null ? null : minor * places,
      feeMinor: a.feeMinor ?? 0,
    });
  });
  book.absences.forEach((a, i) => {
    if (a.staff && !house.staff.has(a.staff)) problems.push({ path: `book/absences/${i}/staff`, message: `nobody has the id ${a.staff}` });
    if (a.room && !house.rooms.has(a.room)) problems.push({ path: `book/absences/${i}/room`, message: `no room has the id ${a.room}` });
    if (a.from >= a.to) problems.push({ path: `book/absences/${i}/to`, message: "the end comes before the beginning" });
  });
  return { placed, problems };
}
