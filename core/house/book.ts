import { CalendarBook } from "../schedule/calendar.ts";
import { needsAnyway, rowOf, stretchOf } from "../schedule/openings.ts";
import { isFree } from "../time/intervals.ts";
import { epochMinOf, type EpochMin } from "../time/zone.ts";
import type { House } from "./compile.ts";
import type { FeeState, HouseFile, Problem } from "./schema.ts";

/** An appointment of a house file, placed on the calendar. */
export interface PlacedAppointment {
  extId: string;
  client: string;
  visitor?: string;
  service: string;
  lengthMin: number;
  staff: string;
  room: string;
  more?: string[];
  startMin: EpochMin;
  endMin: EpochMin;
  busyUntilMin: EpochMin;
  places: number;
  group: boolean;
  status: "booked" | "arrived" | "done" | "missed" | "cancelled";
  priceMinor: number | null;
  feeMinor: number;
  feeState?: FeeState;
  visit?: string;
  series?: string;
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
    const needs = needsAnyway(house, a.service, a.lengthMin);
    if (!needs) return say("lengthMin", `${service.name} has no length yet`);
    const startMin = epochMinOf(house.zone, a.start);
    const endMin = startMin + a.lengthMin;
    const busyUntilMin = endMin + service.cleanUpMin;
    const counts = a.status !== "cancelled";
    const group = service.group !== undefined;
    const places = a.places ?? 1;
    const key = `${a.service} ${startMin}`;
    const fresh = !group || !classes.has(key);
    const stretch = stretchOf(needs, startMin);
    const busy = calendar.between(startMin - 240, busyUntilMin + 240);
    const roomFree = (id: string): boolean => isFree(busy.room(id), stretch.room.startMin, stretch.room.endMin);
    const rooms: string[] = [];
    needs.pools.forEach((pool, k) => {
      const named = k === 0 ? a.room : undefined;
      const room = named ?? (group || !counts ? pool[0]?.id : pool.find((r) => !rooms.includes(r.id) && roomFree(r.id))?.id);
      if (room) rooms.push(room);
    });
    const [room = a.room ?? "", ...more] = rooms;
    if (counts && fresh) {
      if (!isFree(busy.staff(a.staff), stretch.staff.startMin, stretch.staff.endMin))
        return say("start", `${house.staff.get(a.staff)?.name} has another appointment then`);
      if (rooms.length < needs.pools.length || rooms.some((r) => !roomFree(r))) return say("room", "no room is free then");
      const row = rowOf(house, a.id, { ...a, room, more, startMin, endMin, busyUntilMin }, places);
      // The first place in a class takes the class's person and rooms.
      const { place: _place, ...whole } = row;
      calendar.set(group ? { ...whole, more, endMin: stretch.staff.endMin } : row);
    }
    if (counts && group) {
      const taken = (classes.get(key) ?? 0) + places;
      if (taken > (service.group?.places ?? 0)) return say("places", "more places than the class has");
      classes.set(key, taken);
    }
    const minor = house.needs(a.service, a.lengthMin)?.priceMinor ?? null;
    placed.push({
      extId: a.id,
      client: a.client,
      ...(a.visitor ? { visitor: a.visitor } : {}),
      service: a.service,
      lengthMin: a.lengthMin,
      staff: a.staff,
      room,
      ...(more.length > 0 ? { more } : {}),
      startMin,
      endMin,
      busyUntilMin,
      places,
      group,
      status: a.status,
      priceMinor: minor === null ? null : minor * places,
      feeMinor: a.feeMinor ?? 0,
      ...(a.feeState ? { feeState: a.feeState } : {}),
      ...(a.visit ? { visit: a.visit } : {}),
      ...(a.series ? { series: a.series } : {}),
    });
  });
  book.absences.forEach((a, i) => {
    if (a.staff && !house.staff.has(a.staff)) problems.push({ path: `book/absences/${i}/staff`, message: `nobody has the id ${a.staff}` });
    if (a.room && !house.rooms.has(a.room)) problems.push({ path: `book/absences/${i}/room`, message: `no room has the id ${a.room}` });
    if (a.from >= a.to) problems.push({ path: `book/absences/${i}/to`, message: "the end comes before the beginning" });
  });
  const single = new Set<string>();
  (book.days ?? []).forEach((d, i) => {
    const path = `book/days/${i}`;
    const key = `${d.staff ?? ""} ${d.date}`;
    if (d.staff && !house.staff.has(d.staff)) problems.push({ path: `${path}/staff`, message: `nobody has the id ${d.staff}` });
    if (single.has(key)) problems.push({ path: `${path}/date`, message: `${d.date} stands twice` });
    single.add(key);
    d.hours.forEach((h, k) => {
      if (h.from >= h.to) problems.push({ path: `${path}/hours/${k}/to`, message: "the end comes before the beginning" });
      if (d.hours.slice(0, k).some((o) => h.from < o.to && o.from < h.to)) problems.push({ path: `${path}/hours/${k}`, message: "these hours overlap" });
    });
  });
  return { placed, problems };
}
