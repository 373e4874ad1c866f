import type { House } from "../house/compile.ts";
import { isFree } from "../time/intervals.ts";
import type { EpochMin } from "../time/zone.ts";
import type { Calendar } from "./calendar.ts";
import { DayPlan } from "./dayplan.ts";
import { bookingBounds, needsAnyway, openingAt, roomInTheDay, stretchOf, type Opening } from "./openings.ts";

/** What stands against a place that somebody at the desk has in mind. */
export type FaultCode =
  | "no-such-service"
  | "not-theirs"
  | "taken"
  | "no-room"
  | "no-class"
  | "class-full"
  | "closed"
  | "not-in"
  | "break"
  | "only-then"
  | "past"
  | "too-far"
  | "off-grid"
  | "day-full";

/** What is said of each thing that stands against a place. */
export const FAULT_WORDS: Record<FaultCode, string> = {
  "no-such-service": "the service does not come in that length",
  "not-theirs": "this person does not do it",
  taken: "the person has something else then",
  "no-room": "no room is free then",
  "no-class": "there is no class then",
  "class-full": "the class is full",
  closed: "the house is closed then",
  "not-in": "outside of the person’s hours",
  break: "in the person’s break",
  "only-then": "outside of the service’s own hours",
  past: "that time has passed",
  "too-far": "further ahead than clients may book",
  "off-grid": "not at one of the house’s starting times",
  "day-full": "more of it than the house does a day",
};

/** Notice, horizon, hours, grid and a day's fill may be overruled with a reason; nothing that is taken ever is. */
const MAY_BE_OVERRULED: ReadonlySet<FaultCode> = new Set(["closed", "not-in", "break", "only-then", "past", "too-far", "off-grid", "day-full"]);

export interface Fault {
  code: FaultCode;
  mayOverrule: boolean;
  /** The room or kind of room that is missing. */
  about?: string;
}

export interface PlaceRequest {
  service: string;
  lengthMin: number;
  staff: string;
  startMin: EpochMin;
  places?: number;
  /** The appointment that is being moved: its own time does not stand in its way. */
  own?: string;
  /** A room that is wished for; any of its kind where not said. */
  room?: string;
}

/**
 * Everything that stands against one place, and the opening that it is where nothing does that could not be overruled.
 * A place without any fault is an opening of `openings` without notice.
 */
export function faultsOf(house: House, calendar: Calendar, now: EpochMin, request: PlaceRequest): { faults: Fault[]; opening: Opening | null } {
  const faults: Fault[] = [];
  const add = (code: FaultCode, about?: string): void => {
    faults.push({ code, mayOverrule: MAY_BE_OVERRULED.has(code), ...(about === undefined ? {} : { about }) });
  };
  const needs = needsAnyway(house, request.service, request.lengthMin);
  if (!needs) {
    add("no-such-service");
    return { faults, opening: null };
  }
  const seen = request.own === undefined ? calendar : calendar.without([request.own]);
  const { startMin } = request;
  const { day, minute } = house.zone.toLocal(startMin);
  const endMin = startMin + needs.lengthMin;
  const plan = new DayPlan(house, seen, day);
  if (!needs.people.includes(request.staff)) add("not-theirs");
  if (startMin < now) add("past");
  if (Number.isFinite(now) && day > bookingBounds(house, now).lastDay) add("too-far");
  if (!roomInTheDay(house, seen, day, needs)) add("day-full");

  const group = needs.service.group;
  if (group) {
    const c = plan.classes.find((x) => x.service === needs.service.id && x.startMin === startMin);
    if (!c) {
      add("no-class");
      return { faults, opening: null };
    }
    const left = group.places - plan.busy.taken(c.service, startMin);
    if (left < (request.places ?? 1)) add("class-full");
    if (!isFree(plan.busy.staff(c.staff), c.staffFromMin, c.staffToMin)) add("taken");
    const room = c.rooms.find((r) => !isFree(plan.busy.room(r), c.roomFromMin, c.roomToMin));
    if (room !== undefined) add("no-room", room);
    return { faults, opening: faults.every((f) => f.mayOverrule) ? { ...openingAt(needs, c.staff, startMin, c.rooms), left } : null };
  }

  const stretch = stretchOf(needs, startMin);
  // What is outside of opening hours is looked up on its own: the day's plan ends with them.
  const wide = seen.between(stretch.staff.startMin - 1440, stretch.staff.endMin + 1440);
  const classes = plan.classes.filter((c) => c.staff === request.staff);
  if (
    !isFree(wide.staff(request.staff), stretch.staff.startMin, stretch.staff.endMin) ||
    classes.some((c) => c.staffFromMin < stretch.staff.endMin && stretch.staff.startMin < c.staffToMin)
  )
    add("taken");
  const inBreak = house.breaksOn(request.staff, day).some((b) => plan.at(b.fromMin) < stretch.staff.endMin && stretch.staff.startMin < plan.at(b.toMin));
  if (inBreak) add("break");
  if (house.openOn(day).length === 0) add("closed");
  else if (!inBreak || !inside(plan, house.openOn(day), startMin, endMin)) {
    if (!inside(plan, house.worksOn(request.staff, day), stretch.staff.startMin, endMin)) add("not-in");
  }
  const only = house.hoursOf(needs.service.id, day);
  if (only && !inside(plan, only, startMin, endMin)) add("only-then");
  if (minute % house.handbook.rules.gridMin !== 0) add("off-grid");

  const rooms: string[] = [];
  const from = stretch.room.startMin;
  const to = stretch.room.endMin;
  needs.pools.forEach((pool, k) => {
    const list = k === 0 && request.room !== undefined && pool.some((r) => r.id === request.room) ? pool.filter((r) => r.id === request.room) : pool;
    const room = list.find(
      (r) =>
        !rooms.includes(r.id) &&
        isFree(wide.room(r.id), from, to) &&
        !plan.classes.some((c) => c.rooms.includes(r.id) && c.roomFromMin < to && from < c.roomToMin),
    );
    if (room) rooms.push(room.id);
    else add("no-room", list[0]?.pool ?? "");
  });
  return { faults, opening: faults.every((f) => f.mayOverrule) ? openingAt(needs, request.staff, startMin, rooms) : null };
}

function inside(plan: DayPlan, windows: readonly { fromMin: number; toMin: number }[], fromMin: EpochMin, toMin: EpochMin): boolean {
  return windows.some((w) => plan.at(w.fromMin) <= fromMin && toMin <= plan.at(w.toMin));
}

/** A stretch of a day in which a visit cannot begin with a person, or not without a reason; wall minutes. */
export interface Shut {
  fromMin: number;
  toMin: number;
  code: FaultCode;
  never: boolean;
}

/** Why a visit cannot begin with a person at the starts of a day, neighbours of one reason joined. */
export function shutOn(
  house: House,
  calendar: Calendar,
  now: EpochMin,
  day: number,
  visit: Omit<PlaceRequest, "startMin">,
  fromMin: number,
  toMin: number,
): Shut[] {
  const grid = house.handbook.rules.gridMin;
  const runs: Shut[] = [];
  for (let minute = Math.floor(fromMin / grid) * grid; minute < toMin; minute += grid) {
    const { faults } = faultsOf(house, calendar, now, { ...visit, startMin: house.zone.toEpochMin(day, minute) });
    const worst = faults.find((f) => !f.mayOverrule) ?? faults[0];
    if (!worst) continue;
    const last = runs.at(-1);
    if (last?.toMin === minute && last.code === worst.code) last.toMin = minute + grid;
    else runs.push({ fromMin: minute, toMin: minute + grid, code: worst.code, never: !worst.mayOverrule });
  }
  return runs;
}

/** What each person could begin at an instant with somebody who stands at the counter: everything but the grid holds. */
export function walkIns(house: House, calendar: Calendar, startMin: EpochMin): Opening[] {
  return house.handbook.services.flatMap((s) =>
    s.group
      ? []
      : s.variants.flatMap((v) =>
          (house.needs(s.id, v.lengthMin)?.people ?? []).flatMap((staff) => {
            const { faults, opening } = faultsOf(house, calendar, startMin, { service: s.id, lengthMin: v.lengthMin, staff, startMin });
            return opening && faults.every((f) => f.code === "off-grid") ? [opening] : [];
          }),
        ),
  );
}
