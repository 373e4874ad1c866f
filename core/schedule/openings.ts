import type { House } from "../house/compile.ts";
import type { Service } from "../house/schema.ts";
import type { DayNumber } from "../time/days.ts";
import { isFree } from "../time/intervals.ts";
import type { EpochMin } from "../time/zone.ts";
import { classStretches, type Calendar } from "./calendar.ts";

/** A time that could be booked. `endMin` is without clean-up, `busyUntilMin` with it. */
export interface Opening {
  service: string;
  lengthMin: number;
  staff: string;
  room: string;
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
  /** The appointment that is being moved: its own time does not stand in its way. */
  ignore?: { staff: string; room: string | null; startMin: EpochMin; busyUntilMin: EpochMin; place?: boolean };
  /** The desk may book without notice; a client may not. */
  noNotice?: boolean;
}

/** The bounds inside which a client may book at a moment: notice in elapsed minutes, horizon in calendar days. */
export function bookingBounds(house: House, now: EpochMin): { earliestMin: EpochMin; firstDay: DayNumber; lastDay: DayNumber } {
  const today = house.zone.toLocal(now).day;
  return { earliestMin: now + house.handbook.rules.noticeMin, firstDay: today, lastDay: today + house.handbook.rules.horizonDays };
}

/**
 * Gives every opening of a request, day by day, within a day by time and then in the order of the staff list. Lazily:
 * whoever wants the first three takes the first three. An opening has its person inside working hours and free, a room
 * of the pool free throughout, and clean-up after it that may run past closing and past the person's hours but never
 * into a break or anything that is booked.
 */
export function* openings(house: House, calendar: Calendar, now: EpochMin, request: OpeningsRequest): Generator<Opening> {
  const service = house.services.get(request.service);
  if (!service || !service.variants.some((v) => v.lengthMin === request.lengthMin)) return;
  const bounds = bookingBounds(house, now);
  const earliest = request.noNotice ? now : bounds.earliestMin;
  const first = Math.max(request.fromDay, bounds.firstDay);
  const last = Math.min(request.toDay, bounds.lastDay);
  const people = service.staff.filter((id) => house.staff.get(id)?.bookable && (!request.staff || request.staff.includes(id)));
  for (let day = first; day <= last; day++) {
    if (house.openOn(day).length === 0) continue;
    if (service.group) yield* classOpenings(house, calendar, service, request, day, earliest, people);
    else yield* visitOpenings(house, calendar, service, request, day, earliest, people);
  }
}

function* classOpenings(
  house: House,
  calendar: Calendar,
  service: Service,
  request: OpeningsRequest,
  day: DayNumber,
  earliest: EpochMin,
  people: readonly string[],
): Generator<Opening> {
  const staff = people[0];
  const room = house.pools.get(service.pool)?.[0];
  if (!staff || !room || !service.group) return;
  for (const at of house.classTimes(service.id, day)) {
    const startMin = house.zone.toEpochMin(day, at);
    if (startMin < earliest) continue;
    const left = service.group.places - calendar.taken(service.id, startMin);
    if (left < (request.places ?? 1)) continue;
    const endMin = startMin + request.lengthMin;
    const busyUntilMin = endMin + service.cleanUpMin;
    if (!isFree(calendar.staffBusy(staff), startMin, busyUntilMin)) continue;
    if (!isFree(calendar.roomBusy(room.id), startMin, busyUntilMin)) continue;
    yield { service: service.id, lengthMin: request.lengthMin, staff, room: room.id, startMin, endMin, busyUntilMin, left };
  }
}

function* visitOpenings(
  house: House,
  calendar: Calendar,
  service: Service,
  request: OpeningsRequest,
  day: DayNumber,
  earliest: EpochMin,
  people: readonly string[],
): Generator<Opening> {
  const rooms = house.pools.get(service.pool) ?? [];
  const needsRoom = service.pool !== "";
  if (needsRoom && rooms.length === 0) return;
  const grid = house.handbook.rules.gridMin;
  const classes = classStretches(house, day);
  const found: Opening[] = [];
  people.forEach((staff) => {
    const busy = calendar.staffBusy(staff);
    const breaks = house.breaksOn(staff, day).map((b) => ({ startMin: house.zone.toEpochMin(day, b.fromMin), endMin: house.zone.toEpochMin(day, b.toMin) }));
    for (const w of house.worksOn(staff, day)) {
      for (let at = Math.ceil(w.fromMin / grid) * grid; at + request.lengthMin <= w.toMin; at += grid) {
        const startMin = house.zone.toEpochMin(day, at);
        if (startMin < earliest) continue;
        const endMin = startMin + request.lengthMin;
        const busyUntilMin = endMin + service.cleanUpMin;
        if (breaks.some((b) => b.startMin < busyUntilMin && startMin < b.endMin)) continue;
        if (!freeBut(busy, startMin, busyUntilMin, request.ignore?.staff === staff && !request.ignore.place ? request.ignore : undefined)) continue;
        if (classes.some((c) => c.staff.includes(staff) && c.startMin < busyUntilMin && startMin < c.endMin)) continue;
        const room = needsRoom
          ? rooms.find(
              (r) =>
                freeBut(calendar.roomBusy(r.id), startMin, busyUntilMin, request.ignore?.room === r.id && !request.ignore.place ? request.ignore : undefined) &&
                !classes.some((c) => c.room === r.id && c.startMin < busyUntilMin && startMin < c.endMin),
            )
          : undefined;
        if (needsRoom && !room) continue;
        found.push({ service: service.id, lengthMin: request.lengthMin, staff, room: room?.id ?? "", startMin, endMin, busyUntilMin });
      }
    }
  });
  found.sort((a, b) => a.startMin - b.startMin);
  yield* found;
}

/** Free, or taken only by the appointment that is being moved. */
function freeBut(
  list: readonly { startMin: number; endMin: number }[],
  startMin: number,
  endMin: number,
  own: { startMin: number; busyUntilMin: number } | undefined,
): boolean {
  if (isFree(list, startMin, endMin)) return true;
  if (!own) return false;
  const before = Math.min(endMin, own.startMin);
  const after = Math.max(startMin, own.busyUntilMin);
  return (startMin >= before || isFree(list, startMin, before)) && (after >= endMin || isFree(list, after, endMin));
}

/** Whether one opening still stands, as it is. The room may have changed: the opening with its room is given back. */
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
