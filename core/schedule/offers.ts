import type { House } from "../house/compile.ts";
import type { Rules } from "../house/schema.ts";
import type { DayNumber } from "../time/days.ts";
import type { EpochMin } from "../time/zone.ts";
import type { Calendar } from "./calendar.ts";
import type { DayPlan } from "./dayplan.ts";
import { bookingBounds, classOpenings, openingAt, planOf, searchOf, type Opening, type Search } from "./openings.ts";
import { minutesOff, rulesOut, wantsDay, wishSpan, type Wish } from "./wish.ts";

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
  /** The appointment that is being moved: its id in the calendar, and where it stands. */
  own?: { id: string; staff: string; startMin: EpochMin; lengthMin?: number };
  /** Openings that were refused already, or lost to somebody else: what is offered instead of a refused one stands apart from it, where there is such. */
  not?: readonly { startMin: EpochMin; staff: string; lost?: boolean }[];
  /** The person whom the client saw last. */
  lastStaff?: string;
  /** The desk may book without notice. */
  noNotice?: boolean;
}

/**
 * What each setting of the house weighs, in hundredths of a minute of nearness. With "nearest", nothing outweighs a
 * later quarter of an hour: the rest only decides between openings that are equally near.
 */
interface Weights {
  /** A day later than the first that was wished for; the same where an hour was named. */
  day: number;
  dayNear: number;
  /** A minute later in the day; a minute away from the hour that was named. */
  minute: number;
  near: number;
  /** A minute of a stretch left that is too short for anything the person does. */
  unusable: number;
  unusableMost: number;
  /** A percent of the person's day that is taken already. */
  load: number;
  /** Somebody else than the client saw last. */
  otherPerson: number;
}

export const WEIGHTS: Record<NonNullable<Rules["offers"]>, Weights> = {
  nearest: { day: 144_000, dayNear: 1500, minute: 100, near: 100, unusable: 1, unusableMost: 40, load: 0.25, otherPerson: 24 },
  tidy: { day: 6000, dayNear: 1500, minute: 25, near: 50, unusable: 200, unusableMost: 120, load: 5, otherPerson: 3000 },
  quiet: { day: 1500, dayNear: 500, minute: 5, near: 25, unusable: 30, unusableMost: 120, load: 150, otherPerson: 1500 },
};

const DAY_COST = 120;
const OTHER_PERSON_COST = 240;
const NEAR_DAYS = 14;
const FAR_MIN = 120;

/** An opening that could be offered, and what it costs by the house's weights. */
interface Candidate {
  startMin: EpochMin;
  day: DayNumber;
  staff: string;
  order: number;
  cost: number;
  /** Its rooms are looked for when it is about to be chosen. */
  open(): Opening | null;
}

/** Proposes openings for a wish: inside it when there are any, else the nearest, with the reason. */
export function findOffers(house: House, calendar: Calendar, now: EpochMin, request: OfferRequest): Offered {
  const most = request.most ?? 3;
  const { wish } = request;
  const bounds = bookingBounds(house, now);
  const span = wishSpan(wish.days, bounds.firstDay, bounds.lastDay);
  const search = searchOf(house, now, { ...request, ...(wish.staff ? { staff: wish.staff } : {}) });
  const refused = wish.time?.nearMin === undefined ? (request.not ?? []).flatMap((o) => (o.lost ? [] : [o.startMin])) : [];
  const scan = new Scan(house, request.own ? calendar.without([request.own.id]) : calendar, request);
  if (search) {
    const exact = wish.time?.fromMin !== undefined && wish.time.fromMin === wish.time.toMin;
    const days: DayNumber[] = [];
    for (let day = span.from; day <= span.to; day++) if (wantsDay(wish.days, day)) days.push(day);
    const w = scan.weights;
    const perDay = wish.time?.nearMin === undefined ? w.day : w.dayNear;
    const otherDays = days.length > 1 && !wish.days?.soonest;
    const least = (day: DayNumber): number => (day - span.from) * perDay;
    const offers = choose(days, least, (day) => scan.inside(search, day, least(day)), exact ? Math.min(2, most) : most, otherDays, refused);
    if (offers.length > 0) {
      // Where an hour was named the nearest comes first; else they come as the day goes.
      if (wish.time?.nearMin === undefined) offers.sort(soonest);
      return { offers, fit: "inside", why: null, seen: scan.seen };
    }
  }
  const why = explain(house, now, request);
  const anyone = searchOf(house, now, request);
  if (!anyone) return { offers: [], fit: "none", why, seen: scan.seen };
  const from = Math.max(bounds.firstDay, span.from > span.to ? bounds.firstDay : span.from - NEAR_DAYS);
  const to = Math.min(bounds.lastDay, (span.from > span.to ? bounds.lastDay : span.to) + NEAR_DAYS);
  const least = (day: DayNumber): number => daysOff(wish, day, span);
  const days: DayNumber[] = [];
  for (let day = from; day <= to; day++) if (!rulesOut(wish.days, day)) days.push(day);
  days.sort((a, b) => least(a) - least(b) || a - b);
  const offers = choose(days, least, (day) => scan.near(anyone, day, least(day)), most, false, refused).sort(soonest);
  return { offers, fit: offers.length > 0 ? "near" : "none", why, seen: scan.seen };
}

const soonest = (a: Opening, b: Opening): number => a.startMin - b.startMin;

/** What a day costs that lies outside of the wish, in hundredths of a minute. */
function daysOff(wish: Wish, day: DayNumber, span: { from: DayNumber; to: DayNumber }): number {
  if (wantsDay(wish.days, day)) return 0;
  const apart = day < span.from ? (span.from - day) * 1.2 : day > span.to ? day - span.to : 1;
  return Math.round(apart * DAY_COST * 100);
}

/** Looks through days for candidates, one day at a time. */
class Scan {
  readonly weights: Weights;
  seen = 0;
  readonly #house: House;
  readonly #calendar: Calendar;
  readonly #request: OfferRequest;
  readonly #refused: ReadonlySet<string>;
  readonly #shortest = new Map<string, number>();

  constructor(house: House, calendar: Calendar, request: OfferRequest) {
    this.#house = house;
    this.#calendar = calendar;
    this.#request = request;
    this.weights = WEIGHTS[house.handbook.rules.offers ?? "nearest"];
    this.#refused = new Set((request.not ?? []).map((o) => `${o.startMin} ${o.staff}`));
  }

  inside(search: Search, day: DayNumber, least: number): Candidate[] {
    const { time } = this.#request.wish;
    const near = time?.nearMin;
    const w = this.weights;
    return this.#on(search, day, (minute, lengthMin) => {
      if (minutesOff(time, minute, lengthMin) !== 0) return null;
      return least + (near === undefined ? minute * w.minute : Math.abs(minute - near) * w.near);
    });
  }

  near(search: Search, day: DayNumber, least: number): Candidate[] {
    const { time, staff } = this.#request.wish;
    return this.#on(search, day, (minute, lengthMin, who) => {
      const off = minutesOff(time, minute, lengthMin);
      // Two hours off is still near; a morning in place of an evening is another wish.
      let cost = off <= FAR_MIN ? off : FAR_MIN + (off - FAR_MIN) * 3;
      if (time?.nearMin !== undefined) cost += Math.abs(minute - time.nearMin) / 4;
      if (staff && !staff.includes(who)) cost += OTHER_PERSON_COST;
      return least + cost * 100;
    });
  }

  /** The day's candidates whose nearness can be told; null leaves one out. */
  #on(search: Search, day: DayNumber, nearness: (minute: number, lengthMin: number, staff: string) => number | null): Candidate[] {
    const house = this.#house;
    const { needs } = search;
    const plan = planOf(house, this.#calendar, day, needs);
    if (!plan) return [];
    const out: Candidate[] = [];
    const own = this.#request.own;
    const put = (
      startMin: EpochMin,
      minute: number,
      staff: string,
      order: number,
      gap: { fromMin: number; toMin: number } | null,
      open: () => Opening | null,
    ) => {
      this.seen++;
      // Where it stands already is no offer, unless it is to be longer or shorter there.
      if (own && startMin === own.startMin && staff === own.staff && (own.lengthMin ?? this.#request.lengthMin) === this.#request.lengthMin) return;
      if (this.#refused.size > 0 && this.#refused.has(`${startMin} ${staff}`)) return;
      const near = nearness(minute, needs.lengthMin, staff);
      if (near !== null) out.push({ startMin, day, staff, order, cost: near + this.#rest(plan, search, staff, startMin, gap), open });
    };
    if (needs.service.group) {
      for (const o of classOpenings(plan, search)) put(o.startMin, house.zone.toLocal(o.startMin).minute, o.staff, 0, null, () => o);
      return out;
    }
    plan.starts(needs, search.people, search.earliestMin, search.gridMin, (s) => {
      put(s.startMin, s.minute, s.staff, s.order, { fromMin: s.gapFromMin, toMin: s.gapToMin }, () => {
        const rooms = plan.roomsFor(needs, s.startMin);
        return rooms && openingAt(needs, s.staff, s.startMin, rooms);
      });
    });
    return out;
  }

  /** What weighs besides nearness: who was seen last, how the person's day is filled, and how tidy it stays. */
  #rest(plan: DayPlan, search: Search, staff: string, startMin: EpochMin, gap: { fromMin: number; toMin: number } | null): number {
    const w = this.weights;
    const last = this.#request.lastStaff;
    let cost = last !== undefined && last !== staff ? w.otherPerson : 0;
    cost += Math.floor(w.load * plan.loadOf(staff));
    if (gap) cost += Math.min(w.unusableMost, unusableMin(search.needs, gap, startMin, this.#shortestOf(staff))) * w.unusable;
    return cost;
  }

  #shortestOf(staff: string): number {
    const have = this.#shortest.get(staff);
    if (have !== undefined) return have;
    const made = shortestOf(this.#house, staff);
    this.#shortest.set(staff, made);
    return made;
  }
}

/** The shortest that a person does, with the times before and after that take them, in minutes; 0 where nothing. */
export function shortestOf(house: House, staff: string): number {
  let shortest = Infinity;
  for (const s of house.handbook.services) {
    if (s.group) continue;
    for (const v of s.variants) {
      const needs = house.needs(s.id, v.lengthMin);
      if (needs?.people.includes(staff)) shortest = Math.min(shortest, needs.lengthMin + needs.staffBeforeMin + needs.staffAfterMin);
    }
  }
  return shortest === Infinity ? 0 : shortest;
}

/** Minutes that a visit leaves before and after it in the person's free stretch, where they are too few for anything. */
function unusableMin(needs: Search["needs"], gap: { fromMin: EpochMin; toMin: EpochMin }, startMin: EpochMin, shortestMin: number): number {
  const before = startMin - needs.staffBeforeMin - gap.fromMin;
  const after = gap.toMin - (startMin + needs.lengthMin + needs.staffAfterMin);
  return (before > 0 && before < shortestMin ? before : 0) + (after > 0 && after < shortestMin ? after : 0);
}

/**
 * Chooses by cost, and apart from each other: on other days where the wish is open as to the day, else two hours, an
 * hour, half an hour apart, until there are two; and as far from what was refused, a quarter of an hour beside it being no
 * other hour. Days are looked at in the order of the least that they could cost, and
 * no further than is needed to know that nothing better comes.
 */
function choose(
  days: readonly DayNumber[],
  least: (day: DayNumber) => number,
  scan: (day: DayNumber) => Candidate[],
  most: number,
  otherDays: boolean,
  refused: readonly EpochMin[],
): Opening[] {
  const pool: Candidate[] = [];
  const opened = new Map<Candidate, Opening | null>();
  let next = 0;
  const openOf = (c: Candidate): Opening | null => {
    const have = opened.get(c);
    if (have !== undefined) return have;
    const made = c.open();
    opened.set(c, made);
    return made;
  };
  const picks: { c: Candidate; o: Opening }[] = [];
  const steps = otherDays ? (["day", 120, 60, 1] as const) : ([120, 60, 30, 1] as const);
  const stages = (refused.length > 0 ? [60, 30, 1] : [1]).flatMap((off) => steps.map((apart) => ({ off, apart })));
  for (const { off, apart } of stages) {
    for (;;) {
      if (picks.length >= most) break;
      const clear = (c: Candidate): boolean =>
        picks.every((p) => (apart === "day" ? p.c.day !== c.day : Math.abs(p.c.startMin - c.startMin) >= apart)) &&
        refused.every((at) => Math.abs(at - c.startMin) >= off);
      const bound = next < days.length ? least(days[next] as DayNumber) : Infinity;
      const best = cheapest(pool, clear, openOf);
      if (best && best.cost < bound) picks.push({ c: best, o: openOf(best) as Opening });
      else if (next < days.length) for (const c of scan(days[next++] as DayNumber)) pool.push(c);
      else break;
    }
    if (picks.length >= 2) break;
  }
  return picks.map((p) => p.o);
}

/** So many without a room, one after another, and all are asked for theirs at once. */
const IN_VAIN = 8;

/** The cheapest that is clear of what was chosen and has its rooms; the soonest, and then the first in the list, of equals. */
function cheapest(pool: Candidate[], clear: (c: Candidate) => boolean, openOf: (c: Candidate) => Opening | null): Candidate | null {
  for (let vain = 1; ; vain++) {
    let best: Candidate | null = null;
    for (const c of pool) if ((best === null || before(c, best)) && clear(c)) best = c;
    if (best === null || openOf(best)) return best;
    const gone = best;
    const left = vain < IN_VAIN ? pool.filter((c) => c !== gone) : pool.filter((c) => openOf(c) !== null);
    pool.splice(0, pool.length, ...left);
  }
}

const before = (a: Candidate, b: Candidate): boolean =>
  a.cost !== b.cost ? a.cost < b.cost : a.startMin !== b.startMin ? a.startMin < b.startMin : a.order < b.order;

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
        // Every minute: twenty past is an hour at which the house is open, though nothing begins then.
        for (let m = w.fromMin; m <= latest; m++) if (minutesOff(time, m, request.lengthMin) === 0) return true;
        return false;
      }),
    );
    if (!possible) return { code: "shut-then", day: days.find((d) => house.openOn(d).length > 0) ?? firstDay };
  }
  if (days.length === 1 && time?.fromMin !== undefined && house.zone.toEpochMin(firstDay, time.toMin ?? time.fromMin) < now) return { code: "past" };
  if (days.length === 1 && time?.toMin !== undefined && house.zone.toEpochMin(firstDay, time.toMin) < bounds.earliestMin) return { code: "too-soon" };
  return { code: "full" };
}
