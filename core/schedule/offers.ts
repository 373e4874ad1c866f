import type { House } from "../house/compile.ts";
import type { DayNumber } from "../time/days.ts";
import type { EpochMin } from "../time/zone.ts";
import type { Calendar } from "./calendar.ts";
import { bookingBounds, openings, type Opening, type OpeningsRequest } from "./openings.ts";
import { fits, minutesOff, wantsDay, wishSpan, type Wish } from "./wish.ts";

/** Why a wish could not be met as it was said. The conversation words it; each names the line it comes from. */
export type Why =
  | { code: "closed"; day: DayNumber; closed: string | null }
  | { code: "not-in"; staff: string; day: DayNumber }
  | { code: "shut-then"; day: DayNumber }
  | { code: "past" }
  | { code: "too-soon" }
  | { code: "too-far" }
  | { code: "not-theirs"; staff: string }
  | { code: "full" };

export interface Offered {
  /** Two or three openings, soonest first; fewer where there are no more. */
  offers: Opening[];
  /** Whether the offers are inside the wish, only near it, or there are none. */
  fit: "inside" | "near" | "none";
  why: Why | null;
  /** How many openings were looked at. */
  seen: number;
}

export interface OfferRequest {
  service: string;
  lengthMin: number;
  places?: number;
  wish: Wish;
  most?: number;
  ignore?: OpeningsRequest["ignore"];
  /** Openings that were refused already. */
  not?: readonly { startMin: EpochMin; staff: string }[];
}

const DAY_COST = 120;
const OTHER_PERSON_COST = 240;
const NEAR_DAYS = 14;
const FAR_MIN = 120;

/** Proposes openings for a wish: inside it when there are any, else the nearest, with the reason. */
export function findOffers(house: House, calendar: Calendar, now: EpochMin, request: OfferRequest): Offered {
  const most = request.most ?? 3;
  const bounds = bookingBounds(house, now);
  const span = wishSpan(request.wish.days, bounds.firstDay, bounds.lastDay);
  const refused = new Set((request.not ?? []).map((o) => `${o.startMin} ${o.staff}`));
  let seen = 0;
  const inside: Opening[] = [];
  const days = new Set<DayNumber>();
  const exact = request.wish.time?.fromMin !== undefined && request.wish.time.fromMin === request.wish.time.toMin;
  const base: Omit<OpeningsRequest, "fromDay" | "toDay"> = {
    service: request.service,
    lengthMin: request.lengthMin,
    ...(request.places === undefined ? {} : { places: request.places }),
    ...(request.ignore === undefined ? {} : { ignore: request.ignore }),
  };
  const ownStart = request.ignore?.startMin;
  for (let day = span.from; day <= span.to; day++) {
    if (!wantsDay(request.wish.days, day)) continue;
    for (const o of openings(house, calendar, now, { ...base, ...(request.wish.staff ? { staff: request.wish.staff } : {}), fromDay: day, toDay: day })) {
      seen++;
      if (o.startMin === ownStart && o.staff === request.ignore?.staff) continue;
      if (refused.has(`${o.startMin} ${o.staff}`) || !fits(house, request.wish, o)) continue;
      inside.push(o);
      days.add(day);
    }
    if (days.size >= (request.wish.days?.soonest ? 1 : 3) && inside.length >= most) break;
  }
  if (inside.length > 0) {
    const near = request.wish.time?.nearMin;
    const ranked = inside
      .map((o) => ({ o, cost: near === undefined ? 0 : Math.abs(house.zone.toLocal(o.startMin).minute - near) }))
      .sort((a, b) => a.cost - b.cost || a.o.startMin - b.o.startMin)
      .map((r) => r.o);
    const offers = pick(house, ranked, exact ? 2 : most, days.size > 1 && !request.wish.days?.soonest);
    // Where an hour was named the nearest comes first; else they come as the day goes.
    if (near === undefined) offers.sort((a, b) => a.startMin - b.startMin);
    return { offers, fit: "inside", why: null, seen };
  }
  const why = explain(house, now, request);
  const near: { o: Opening; cost: number }[] = [];
  const from = Math.max(bounds.firstDay, span.from > span.to ? bounds.firstDay : span.from - NEAR_DAYS);
  const to = Math.min(bounds.lastDay, (span.from > span.to ? bounds.lastDay : span.to) + NEAR_DAYS);
  for (const o of openings(house, calendar, now, { ...base, fromDay: from, toDay: to })) {
    seen++;
    if (refused.has(`${o.startMin} ${o.staff}`)) continue;
    if (o.startMin === ownStart && o.staff === request.ignore?.staff) continue;
    const { day, minute } = house.zone.toLocal(o.startMin);
    if (request.wish.days?.excludeDays?.includes(day)) continue;
    near.push({ o, cost: costOf(request.wish, day, minute, o, span) });
  }
  near.sort((a, b) => a.cost - b.cost || a.o.startMin - b.o.startMin);
  const offers = pick(
    house,
    near.map((n) => n.o),
    most,
    false,
  ).sort((a, b) => a.startMin - b.startMin);
  return { offers, fit: offers.length > 0 ? "near" : "none", why, seen };
}

function costOf(wish: Wish, day: DayNumber, minute: number, o: Opening, span: { from: DayNumber; to: DayNumber }): number {
  const off = minutesOff(wish.time, minute, o.lengthMin);
  // Two hours off is still near; a morning in place of an evening is another wish.
  let cost = off <= FAR_MIN ? off : FAR_MIN + (off - FAR_MIN) * 3;
  if (wish.time?.nearMin !== undefined) cost += Math.abs(minute - wish.time.nearMin) / 4;
  if (wish.staff && !wish.staff.includes(o.staff)) cost += OTHER_PERSON_COST;
  if (!wantsDay(wish.days, day)) {
    const apart = day < span.from ? (span.from - day) * 1.2 : day > span.to ? day - span.to : 1;
    cost += apart * DAY_COST;
  }
  return cost;
}

/** Takes the first of a ranking, then the next ones that lie far enough from what is taken, on other days if asked. */
function pick(house: House, ranked: readonly Opening[], most: number, otherDays: boolean): Opening[] {
  const taken: Opening[] = [];
  const dayOf = (o: Opening): DayNumber => house.zone.toLocal(o.startMin).day;
  const steps = otherDays ? ["day", 120, 60, 1] : [120, 60, 30, 1];
  for (const apart of steps) {
    for (const o of ranked) {
      if (taken.length >= most) break;
      const clear = apart === "day" ? taken.every((t) => dayOf(t) !== dayOf(o)) : taken.every((t) => Math.abs(t.startMin - o.startMin) >= Number(apart));
      if (clear) taken.push(o);
    }
    if (taken.length >= 2) break;
  }
  return taken;
}

/** Names the first rule that stands against a wish, in the order in which a receptionist would say it. */
function explain(house: House, now: EpochMin, request: OfferRequest): Why {
  const { wish } = request;
  const service = house.services.get(request.service);
  const bounds = bookingBounds(house, now);
  const strangers = (wish.staff ?? []).filter((id) => !service?.staff.includes(id));
  const stranger = strangers[0];
  if (stranger !== undefined && strangers.length === wish.staff?.length) return { code: "not-theirs", staff: stranger };
  const ranges = wish.days?.ranges ?? [];
  const ends = ranges.map((r) => r.to).filter((d): d is number => d !== undefined);
  const begins = ranges.map((r) => r.from).filter((d): d is number => d !== undefined);
  if (ends.length > 0 && ends.length === ranges.length && Math.max(...ends) < bounds.firstDay) return { code: "past" };
  if (begins.length > 0 && begins.length === ranges.length && Math.min(...begins) > bounds.lastDay) return { code: "too-far" };
  const span = wishSpan(wish.days, bounds.firstDay, bounds.lastDay);
  const days: DayNumber[] = [];
  for (let d = span.from; d <= span.to && days.length < 62; d++) if (wantsDay(wish.days, d)) days.push(d);
  const firstDay = days[0];
  if (firstDay === undefined) return { code: "full" };
  if (days.every((d) => house.openOn(d).length === 0)) return { code: "closed", day: firstDay, closed: house.closedOn(firstDay)?.id ?? null };
  const person = wish.staff?.length === 1 ? wish.staff[0] : undefined;
  if (person && !service?.group && days.every((d) => house.worksOn(person, d).length === 0))
    return { code: "not-in", staff: person, day: days.find((d) => house.openOn(d).length > 0) ?? firstDay };
  const time = wish.time;
  if (time) {
    const possible = days.some((d) =>
      house.openOn(d).some((w) => {
        const latest = w.toMin - request.lengthMin;
        for (let m = w.fromMin; m <= latest; m += house.handbook.rules.gridMin) if (minutesOff(time, m, request.lengthMin) === 0) return true;
        return false;
      }),
    );
    if (!possible) return { code: "shut-then", day: days.find((d) => house.openOn(d).length > 0) ?? firstDay };
  }
  if (days.length === 1 && time?.fromMin !== undefined && house.zone.toEpochMin(firstDay, time.toMin ?? time.fromMin) < now) return { code: "past" };
  if (days.length === 1 && time?.toMin !== undefined && house.zone.toEpochMin(firstDay, time.toMin) < bounds.earliestMin) return { code: "too-soon" };
  return { code: "full" };
}
