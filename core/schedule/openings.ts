import type { House, Needs } from "../house/compile.ts";
import type { DayNumber } from "../time/days.ts";
import { isFree } from "../time/intervals.ts";
import type { EpochMin } from "../time/zone.ts";
import type { BusyRow, Calendar } from "./calendar.ts";
import { DayPlan, type Start } from "./dayplan.ts";

/** A time that could be booked. `endMin` is without clean-up, `busyUntilMin` with it. */
export interface Opening {
  service: string;
  lengthMin: number;
  staff: string;
  room: string;
  /** Rooms and devices besides the first. */
  more?: string[];
  startMin: EpochMin;
  endMin: EpochMin;
  busyUntilMin: EpochMin;
  /** Places left, for a group. */
  left?: number;
}

export interface OpeningsRequest {
  service: string;
  lengthMin: number;
  /** Only these people; all who do the service when left out. */
  staff?: readonly string[];
  places?: number;
  fromDay: DayNumber;
  toDay: DayNumber;
  /** The appointment that is being moved, by its id in the calendar: its own time does not stand in its way. */
  own?: string;
  /** The desk may book without notice; a client may not. */
  noNotice?: boolean;
}

/** The bounds inside which a client may book at a moment: notice in elapsed minutes, horizon in calendar days. */
export function bookingBounds(house: House, now: EpochMin): { earliestMin: EpochMin; firstDay: DayNumber; lastDay: DayNumber } {
  const today = house.zone.toLocal(now).day;
  return { earliestMin: now + house.handbook.rules.noticeMin, firstDay: today, lastDay: today + house.handbook.rules.horizonDays };
}

/** What a request looks for, once the house has been asked what it takes. */
export interface Search {
  needs: Needs;
  people: readonly string[];
  places: number;
  earliestMin: EpochMin;
  gridMin: number;
}

/** What is searched for, or null where nobody could ever do it. */
export function searchOf(
  house: House,
  now: EpochMin,
  request: Pick<OpeningsRequest, "service" | "lengthMin" | "staff" | "places" | "noNotice">,
): Search | null {
  const needs = house.needs(request.service, request.lengthMin);
  if (!needs || needs.pools.some((p) => p.length === 0)) return null;
  const people = request.staff ? needs.people.filter((id) => request.staff?.includes(id)) : needs.people;
  const earliestMin = request.noNotice ? now : bookingBounds(house, now).earliestMin;
  return { needs, people, places: request.places ?? 1, earliestMin, gridMin: house.handbook.rules.gridMin };
}

/** Whether the service may be booked once more on the day. */
export function roomInTheDay(house: House, calendar: Calendar, day: DayNumber, needs: Needs): boolean {
  const most = needs.service.mostADay;
  if (most === undefined) return true;
  const from = house.zone.toEpochMin(day, 0);
  const to = house.zone.toEpochMin(day + 1, 0);
  return calendar.between(from - 240, to + 240).count(needs.service.id, from, to) < most;
}

/** The day's plan where anything may begin on it; null where the house is shut or has had its fill of the service. */
export function planOf(house: House, calendar: Calendar, day: DayNumber, needs: Needs): DayPlan | null {
  if (house.openOn(day).length === 0 || !roomInTheDay(house, calendar, day, needs)) return null;
  return new DayPlan(house, calendar, day);
}

/**
 * Gives every opening of a request, day by day, within a day by time and then in the order of the staff list. Lazily:
 * whoever wants the first three takes the first three. An opening has its person inside working hours and free, a room
 * of each kind that it needs free throughout, and clean-up after it that may run past closing and past the person's
 * hours but never into a break or anything that is booked.
 */
export function* openings(house: House, calendar: Calendar, now: EpochMin, request: OpeningsRequest): Generator<Opening> {
  const search = searchOf(house, now, request);
  if (!search) return;
  const seen = request.own === undefined ? calendar : calendar.without([request.own]);
  const bounds = bookingBounds(house, now);
  const last = Math.min(request.toDay, bounds.lastDay);
  for (let day = Math.max(request.fromDay, bounds.firstDay); day <= last; day++) {
    const plan = planOf(house, seen, day, search.needs);
    if (!plan) continue;
    if (search.needs.service.group) {
      yield* classOpenings(plan, search);
      continue;
    }
    const found: Start[] = [];
    plan.starts(search.needs, search.people, search.earliestMin, search.gridMin, (s) => found.push(s));
    found.sort((a, b) => a.startMin - b.startMin);
    for (const s of found) {
      const rooms = plan.roomsFor(search.needs, s.startMin);
      if (rooms) yield openingAt(search.needs, s.staff, s.startMin, rooms);
    }
  }
}

export function openingAt(needs: Needs, staff: string, startMin: EpochMin, rooms: readonly string[]): Opening {
  const endMin = startMin + needs.lengthMin;
  const [room = "", ...more] = rooms;
  return {
    service: needs.service.id,
    lengthMin: needs.lengthMin,
    staff,
    room,
    ...(more.length > 0 ? { more } : {}),
    startMin,
    endMin,
    busyUntilMin: endMin + needs.service.cleanUpMin,
  };
}

/** The group's times of a day that have places left. The class itself stands in nobody's way but that of others. */
export function* classOpenings(plan: DayPlan, search: Search): Generator<Opening> {
  const { needs, people } = search;
  const group = needs.service.group;
  if (!group) return;
  for (const c of plan.classes) {
    if (c.service !== needs.service.id || c.startMin < search.earliestMin || !people.includes(c.staff)) continue;
    const left = group.places - plan.busy.taken(c.service, c.startMin);
    if (left < search.places) continue;
    if (!isFree(plan.busy.staff(c.staff), c.staffFromMin, c.staffToMin)) continue;
    if (c.rooms.some((r) => !isFree(plan.busy.room(r), c.roomFromMin, c.roomToMin))) continue;
    yield { ...openingAt({ ...needs, lengthMin: search.needs.lengthMin }, c.staff, c.startMin, c.rooms), left };
  }
}

/** Whether one opening still stands, as it is. The rooms may have changed: the opening with its rooms is given back. */
export function stillOpen(house: House, calendar: Calendar, now: EpochMin, wanted: Opening, more: Partial<OpeningsRequest> = {}): Opening | null {
  const day = house.zone.toLocal(wanted.startMin).day;
  for (const o of openings(house, calendar, now, {
    ...more,
    service: wanted.service,
    lengthMin: wanted.lengthMin,
    staff: [wanted.staff],
    fromDay: day,
    toDay: day,
  }))
    if (o.startMin === wanted.startMin) return o;
  return null;
}

/**
 * What a service of a length takes, also where it does not come in that length (an appointment that was made longer by
 * hand): as the nearest shorter length does, or the shortest. Null where the service is gone.
 */
export function needsAnyway(house: House, serviceId: string, lengthMin: number): Needs | null {
  const exact = house.needs(serviceId, lengthMin);
  if (exact) return exact;
  const lengths = (house.services.get(serviceId)?.variants ?? []).map((v) => v.lengthMin).sort((a, b) => a - b);
  const like = lengths.filter((l) => l <= lengthMin).at(-1) ?? lengths[0];
  const needs = like === undefined ? null : house.needs(serviceId, like);
  return needs && { ...needs, lengthMin };
}

/** How a booked opening takes time, as a row of a calendar. */
export function rowOf(
  house: House,
  id: string,
  o: Pick<Opening, "service" | "lengthMin" | "staff" | "room" | "more" | "startMin" | "endMin" | "busyUntilMin">,
  places: number,
): BusyRow {
  const needs = needsAnyway(house, o.service, o.lengthMin);
  const group = house.services.get(o.service)?.group;
  if (group || !needs)
    return {
      id,
      staff: o.staff,
      room: o.room || null,
      startMin: o.startMin,
      endMin: o.busyUntilMin,
      service: o.service,
      ...(group ? { place: { service: o.service, places } } : {}),
    };
  const stretch = stretchOf(needs, o.startMin);
  return {
    id,
    staff: o.staff,
    room: o.room || null,
    startMin: stretch.staff.startMin,
    endMin: stretch.staff.endMin,
    ...(o.more && o.more.length > 0 ? { more: o.more } : {}),
    ...(stretch.room.startMin === stretch.staff.startMin && stretch.room.endMin === stretch.staff.endMin
      ? {}
      : { roomStartMin: stretch.room.startMin, roomEndMin: stretch.room.endMin }),
    service: o.service,
    ...(needs.staffBeforeMin > 0 ? { visitMin: o.startMin } : {}),
  };
}

/** The person's and the rooms' time of a visit that begins at an instant. */
export function stretchOf(
  needs: Needs,
  startMin: EpochMin,
): { staff: { startMin: EpochMin; endMin: EpochMin }; room: { startMin: EpochMin; endMin: EpochMin } } {
  const endMin = startMin + needs.lengthMin;
  return {
    staff: { startMin: startMin - needs.staffBeforeMin, endMin: endMin + needs.staffAfterMin },
    room: { startMin: startMin - needs.roomBeforeMin, endMin: endMin + needs.roomAfterMin },
  };
}
