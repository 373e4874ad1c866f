import type { House, Needs } from "../house/compile.ts";
import type { DayNumber } from "../time/days.ts";
import { isFree } from "../time/intervals.ts";
import type { EpochMin } from "../time/zone.ts";
import type { Calendar } from "./calendar.ts";
import { DayPlan, type Start } from "./dayplan.ts";
import { bookingBounds, openingAt, roomInTheDay, rowOf, searchOf, type Opening, type OpeningsRequest, type Search } from "./openings.ts";
import { minutesOff, wantsDay, wishSpan, type Wish } from "./wish.ts";

/** One service of a visit that has several, or what one of several people comes for. */
export type VisitPart = Pick<OpeningsRequest, "service" | "lengthMin" | "staff">;

export interface VisitRequest {
  parts: readonly VisitPart[];
  /** One after another: two services back to back, or two people in turn. At the same time: two people, each with somebody. */
  how: "one-after-another" | "same-time";
  noNotice?: boolean;
}

/** Openings that make one visit, in the order of its parts. */
export interface Visit {
  startMin: EpochMin;
  endMin: EpochMin;
  parts: Opening[];
}

/** Nobody waits longer than this between two parts of a visit. */
export const LONGEST_WAIT_MIN = 30;

/**
 * Gives every start at which a whole visit fits, soonest first. Each part follows as soon as it can after the one
 * before; where several people could do it, the first in the list does. Groups are not part of such visits.
 */
export function* visits(house: House, calendar: Calendar, now: EpochMin, request: VisitRequest & { fromDay: DayNumber; toDay: DayNumber }): Generator<Visit> {
  const searches = request.parts.map((p) => searchOf(house, now, { ...p, ...(request.noNotice ? { noNotice: true } : {}) }));
  const [first] = searches;
  if (!first || searches.some((s) => !s || s.needs.service.group)) return;
  const parts = searches as Search[];
  const bounds = bookingBounds(house, now);
  const last = Math.min(request.toDay, bounds.lastDay);
  for (let day = Math.max(request.fromDay, bounds.firstDay); day <= last; day++) {
    if (house.openOn(day).length === 0) continue;
    const starts = startsOf(house, calendar, day, first);
    let done = -1;
    for (const s of starts) {
      if (s.startMin === done) continue;
      const found = arrange(
        house,
        calendar,
        day,
        parts,
        request.how,
        starts.filter((x) => x.startMin === s.startMin),
        [],
      );
      done = s.startMin;
      if (found) yield { startMin: s.startMin, endMin: Math.max(...found.map((o) => o.endMin)), parts: found };
    }
  }
}

function startsOf(house: House, calendar: Calendar, day: DayNumber, search: Search): Start[] {
  const found: Start[] = [];
  if (!roomInTheDay(house, calendar, day, search.needs)) return found;
  new DayPlan(house, calendar, day).starts(search.needs, search.people, search.earliestMin, search.gridMin, (s) => found.push(s));
  return found.sort((a, b) => a.startMin - b.startMin || a.order - b.order);
}

/** Places the first part at one of the given starts and the rest after it or beside it; null where they do not all fit. */
function arrange(
  house: House,
  calendar: Calendar,
  day: DayNumber,
  parts: readonly Search[],
  how: VisitRequest["how"],
  starts: readonly Start[],
  placed: readonly Opening[],
): Opening[] | null {
  const [part, ...rest] = parts;
  if (!part) return [...placed];
  const plan = new DayPlan(house, calendar, day);
  for (const s of starts)
    for (const rooms of everyChoice(plan, part.needs, s.startMin)) {
      const o = openingAt(part.needs, s.staff, s.startMin, rooms);
      const next = rest[0];
      if (!next) return [...placed, o];
      const then = calendar.with([rowOf(house, `part ${placed.length} ${o.startMin}`, o, 1)]);
      const open = startsOf(house, then, day, next).filter((x) =>
        how === "same-time" ? x.startMin === o.startMin : x.startMin >= o.endMin && x.startMin <= o.endMin + LONGEST_WAIT_MIN,
      );
      const all = arrange(house, then, day, rest, how, open, [...placed, o]);
      if (all) return all;
    }
  return null;
}

/** Every choice of free rooms for a part, in the order of the house's rooms. */
function* everyChoice(plan: DayPlan, needs: Needs, startMin: EpochMin, chosen: readonly string[] = []): Generator<string[]> {
  const pool = needs.pools[chosen.length];
  if (!pool) {
    yield [...chosen];
    return;
  }
  const from = startMin - needs.roomBeforeMin;
  const to = startMin + needs.lengthMin + needs.roomAfterMin;
  for (const r of pool) if (!chosen.includes(r.id) && isFree(plan.roomTaken(r.id), from, to)) yield* everyChoice(plan, needs, startMin, [...chosen, r.id]);
}

/** Two or three visits for a wish, apart from each other, soonest or nearest to the hour first. */
export function findVisits(house: House, calendar: Calendar, now: EpochMin, request: VisitRequest & { wish: Wish; most?: number }): Visit[] {
  const bounds = bookingBounds(house, now);
  const span = wishSpan(request.wish.days, bounds.firstDay, bounds.lastDay);
  const most = request.most ?? 3;
  const near = request.wish.time?.nearMin;
  const found: { visit: Visit; off: number; day: DayNumber }[] = [];
  for (let day = span.from; day <= span.to; day++) {
    if (!wantsDay(request.wish.days, day)) continue;
    for (const visit of visits(house, calendar, now, { ...request, fromDay: day, toDay: day })) {
      const { minute } = house.zone.toLocal(visit.startMin);
      if (minutesOff(request.wish.time, minute, visit.endMin - visit.startMin) === 0)
        found.push({ visit, off: near === undefined ? 0 : Math.abs(minute - near), day });
    }
    if (new Set(found.map((f) => f.day)).size >= 3) break;
  }
  found.sort((a, b) => a.off - b.off || a.visit.startMin - b.visit.startMin);
  const picks: Visit[] = [];
  for (const apart of [120, 60, 30, 1]) {
    for (const f of found) if (picks.length < most && picks.every((p) => Math.abs(p.startMin - f.visit.startMin) >= apart)) picks.push(f.visit);
    if (picks.length >= 2) break;
  }
  return picks;
}
