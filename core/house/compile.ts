import { easterOf, dayFrom, dayOfIso, isoOfDay, mondayOf, nthWeekday, partsOf, weekdayNumber, weekdayOf, type DayNumber } from "../time/days.ts";
import { intersect, subtract, union, type Interval } from "../time/intervals.ts";
import { minuteOfClock, zoneOf, type Zone } from "../time/zone.ts";
import { ALWAYS_EMERGENCY, ALWAYS_REFUSED, helpNumber, helpSentence } from "../language/packs/en/limits.ts";
import { everyWeeks, recurrenceOf } from "../time/recurrence.ts";
import type { ClosedRule, Handbook, Limit, Question, Room, Rules, Service, SingleDay, Staff } from "./schema.ts";

/** What every receptionist refuses, without the words that the house calls a service of its own by: a repair shop's "diagnosis". */
function withoutServices(limit: Limit, handbook: Handbook): Limit {
  const named = handbook.services.flatMap((s) => [s.name, ...s.also]).map((n) => ` ${n.toLowerCase()} `);
  return { ...limit, words: limit.words.filter((w) => !named.some((n) => n.includes(` ${w} `))) };
}

/** Something that is missing or contradicts, as data: the interface words it. `stops` keeps the house off duty. */
export interface Gap {
  code: GapCode;
  place: string;
  about?: string;
  stops: boolean;
}

export type GapCode =
  | "no-services"
  | "no-hours"
  | "no-line"
  | "hours-backwards"
  | "hours-overlap"
  | "double-id"
  | "unknown-staff"
  | "unknown-pool"
  | "unknown-question"
  | "unknown-service"
  | "unknown-receptionist"
  | "nobody-does-it"
  | "staff-without-hours"
  | "room-too-few"
  | "same-name"
  | "price-missing"
  | "after-itself"
  | "class-outside-hours"
  | "length-missing"
  | "ages-backwards"
  | "same-length"
  | "no-staff"
  | "address-missing"
  | "phone-missing"
  | "unknown-choice"
  | "choices-missing"
  | "circular"
  | "unknown-variable"
  | "variable-needed"
  | "figure-in-wording"
  | "disagreement"
  | "to-fill"
  | "assumed";

/** Minutes of wall time within one day. */
export interface DayWindow {
  fromMin: number;
  toMin: number;
  id: string;
}

/** What a service of one length takes: who can do it, which rooms, and how long before and after the visit itself. */
export interface Needs {
  readonly service: Service;
  readonly lengthMin: number;
  readonly priceMinor: number | null;
  /** Who does it and can be booked, in the order of the handbook. */
  readonly people: readonly string[];
  /** One free room of each is needed throughout: the rooms of its pool first, then those of what it also needs. */
  readonly pools: readonly (readonly Room[])[];
  readonly staffBeforeMin: number;
  readonly staffAfterMin: number;
  readonly roomBeforeMin: number;
  readonly roomAfterMin: number;
}

/** A house as everything reads it: immutable, with what is looked up often made ready. */
export interface House {
  readonly handbook: Handbook;
  readonly zone: Zone;
  readonly services: ReadonlyMap<string, Service>;
  readonly staff: ReadonlyMap<string, Staff>;
  readonly rooms: ReadonlyMap<string, Room>;
  readonly questions: ReadonlyMap<string, Question>;
  readonly pools: ReadonlyMap<string, readonly Room[]>;
  /** The handbook's limits, and those that are always on. */
  readonly limits: readonly Limit[];
  readonly emergency: NonNullable<Handbook["emergency"]>;
  /** Single days that differ from the weekly hours. */
  readonly days: readonly SingleDay[];
  /** The house's opening windows of a day: empty when it is shut. */
  openOn(day: DayNumber): readonly DayWindow[];
  /** The name of the closed day, or null. */
  closedOn(day: DayNumber): { id: string; name: string } | null;
  /** A person's working windows of a day, inside the house's hours, breaks taken out. */
  worksOn(staffId: string, day: DayNumber): readonly DayWindow[];
  /** Whether the day has hours of its own, of the house or of the person. */
  differs(day: DayNumber, staffId?: string): SingleDay | null;
  /** What a service of a length takes; null where it does not come in that length. */
  needs(serviceId: string, lengthMin: number): Needs | null;
  /** The hours inside which a service must lie on a day; null where it may lie anywhere. */
  hoursOf(serviceId: string, day: DayNumber): readonly DayWindow[] | null;
  /** A person's breaks on a day. */
  breaksOn(staffId: string, day: DayNumber): readonly DayWindow[];
  /** Starting minutes of a group service on a day. */
  classTimes(serviceId: string, day: DayNumber): readonly number[];
}

export interface Compiled {
  house: House | null;
  gaps: Gap[];
}

/** Makes a handbook into a house, and lists what is missing or contradicts. The house is null when a gap stops it. */
export function compile(handbook: Handbook): Compiled {
  const gaps = findGaps(handbook);
  if (gaps.some((g) => g.stops)) return { house: null, gaps };
  return { house: makeHouse(handbook), gaps };
}

/** The day of a closing rule in a year, or null when that year has none. */
export function closedDay(rule: ClosedRule, year: number): DayNumber | null {
  switch (rule.kind) {
    case "yearly":
      return dayFrom(year, rule.month, rule.date);
    case "easter":
      return easterOf(year) + rule.days;
    case "weekday":
      return nthWeekday(year, rule.month, weekdayNumber(rule.weekday), rule.nth);
    case "before": {
      const end = dayFrom(year, rule.month, rule.date);
      if (end === null) return null;
      return end - 1 - ((weekdayOf(end - 1) - weekdayNumber(rule.weekday) + 7) % 7);
    }
    case "once": {
      const day = dayOfIso(rule.date);
      return partsOf(day).year === year ? day : null;
    }
  }
}

function windowsOf(list: readonly { id: string; weekdays: readonly string[]; from: string; to: string }[], weekday: number): DayWindow[] {
  return list
    .filter((w) => w.weekdays.some((d) => weekdayNumber(d as Parameters<typeof weekdayNumber>[0]) === weekday))
    .map((w) => ({ fromMin: minuteOfClock(w.from), toMin: minuteOfClock(w.to), id: w.id }))
    .sort((a, b) => a.fromMin - b.fromMin);
}

const asInterval = (w: DayWindow): Interval => ({ startMin: w.fromMin, endMin: w.toMin });
const NONE: readonly DayWindow[] = [];

/** The same house with single days that differ: they act at once, whichever version a conversation goes by. */
export function withDays(house: House, days: readonly SingleDay[]): House {
  return days.length === 0 && house.days.length === 0 ? house : makeHouse(house.handbook, days);
}

/** The same house with some of its rules otherwise: for trying what they would do. */
export function withRules(house: House, rules: Partial<Rules>): House {
  return makeHouse({ ...house.handbook, rules: { ...house.handbook.rules, ...rules } }, house.days);
}

function windowsOfSpans(id: string, spans: readonly { from: string; to: string }[]): DayWindow[] {
  return spans.map((h) => ({ fromMin: minuteOfClock(h.from), toMin: minuteOfClock(h.to), id })).sort((a, b) => a.fromMin - b.fromMin);
}

function makeHouse(handbook: Handbook, days: readonly SingleDay[] = []): House {
  const zone = zoneOf(handbook.zone);
  const staff = new Map(handbook.staff.map((s) => [s.id, s]));
  const services = new Map(handbook.services.map((s) => [s.id, s]));
  const pools = new Map<string, Room[]>();
  for (const room of handbook.rooms) pools.set(room.pool, [...(pools.get(room.pool) ?? []), room]);
  const openByWeekday = [0, 1, 2, 3, 4, 5, 6, 7].map((d) => windowsOf(handbook.hours, d));
  const single = new Map<string, SingleDay>();
  for (const d of days) single.set(`${d.staff ?? ""} ${dayOfIso(d.date)}`, d);
  const differs = (day: DayNumber, staffId?: string): SingleDay | null => (single.size === 0 ? null : (single.get(`${staffId ?? ""} ${day}`) ?? null));

  const closedByYear = new Map<number, Map<DayNumber, Handbook["closed"][number]>>();
  const listed = (day: DayNumber): Handbook["closed"][number] | null => {
    const year = partsOf(day).year;
    let found = closedByYear.get(year);
    if (!found) {
      found = new Map();
      for (const c of handbook.closed) {
        const d = closedDay(c.on, year);
        if (d !== null) found.set(d, c);
      }
      closedByYear.set(year, found);
    }
    return found.get(day) ?? null;
  };
  const closedOn = (day: DayNumber): { id: string; name: string } | null => {
    const own = differs(day);
    const named = listed(day);
    if (own) return own.hours.length > 0 ? null : { id: named?.id ?? "", name: own.reason || (named?.name ?? "a day off for all") };
    return named && !named.hours ? { id: named.id, name: named.name } : null;
  };
  const opened = new Map<DayNumber, readonly DayWindow[]>();
  const openOn = (day: DayNumber): readonly DayWindow[] => {
    const have = opened.get(day);
    if (have) return have;
    const own = differs(day);
    const named = own ? null : listed(day);
    const out = own
      ? windowsOfSpans(own.id, own.hours)
      : named
        ? named.hours
          ? windowsOfSpans(named.id, named.hours)
          : NONE
        : (openByWeekday[weekdayOf(day)] ?? NONE);
    if (opened.size > 5000) opened.clear();
    opened.set(day, out);
    return out;
  };

  // Which hours of a person hold on a day: the weekly ones at once, those that come in turn by their recurrence.
  const hoursByStaff = new Map<string, { weekly: DayWindow[][]; inTurn: { weekday: boolean[]; window: DayWindow; has: (day: DayNumber) => boolean }[] }>();
  const breaksByStaff = new Map<string, DayWindow[][]>();
  for (const s of handbook.staff) {
    const plain = s.hours.filter((h) => !h.every && !h.repeat);
    hoursByStaff.set(s.id, {
      weekly: [0, 1, 2, 3, 4, 5, 6, 7].map((d) => windowsOf(plain, d)),
      inTurn: s.hours
        .filter((h) => h.every ?? h.repeat)
        .map((h) => ({
          weekday: [0, 1, 2, 3, 4, 5, 6, 7].map((d) => h.weekdays.some((w) => weekdayNumber(w) === d)),
          window: { fromMin: minuteOfClock(h.from), toMin: minuteOfClock(h.to), id: h.id },
          has: inTurn(h),
        })),
    });
    breaksByStaff.set(
      s.id,
      [0, 1, 2, 3, 4, 5, 6, 7].map((d) => windowsOf(s.breaks, d)),
    );
  }
  const breaksOn = (staffId: string, day: DayNumber): readonly DayWindow[] => breaksByStaff.get(staffId)?.[weekdayOf(day)] ?? NONE;
  const worked = new Map<string, Map<DayNumber, readonly DayWindow[]>>();
  const worksOn = (staffId: string, day: DayNumber): readonly DayWindow[] => {
    let own = worked.get(staffId);
    if (!own) worked.set(staffId, (own = new Map<DayNumber, readonly DayWindow[]>()));
    const have = own.get(day);
    if (have) return have;
    if (own.size > 2000) own.clear();
    const out = workOn(staffId, day);
    own.set(day, out);
    return out;
  };
  const workOn = (staffId: string, day: DayNumber): readonly DayWindow[] => {
    const open = openOn(day);
    if (open.length === 0) return NONE;
    const other = differs(day, staffId);
    const hours = hoursByStaff.get(staffId);
    const weekday = weekdayOf(day);
    const windows = other
      ? windowsOfSpans(other.id, other.hours)
      : [...(hours?.weekly[weekday] ?? NONE), ...(hours?.inTurn ?? []).filter((t) => t.weekday[weekday] && t.has(day)).map((t) => t.window)];
    if (windows.length === 0) return NONE;
    const free = subtract(intersect(union(windows.map(asInterval)), union(open.map(asInterval))), union(breaksOn(staffId, day).map(asInterval)));
    return free.map((i) => ({
      fromMin: i.startMin,
      toMin: i.endMin,
      id: windows.find((w) => w.fromMin <= i.startMin && i.startMin < w.toMin)?.id ?? "",
    }));
  };

  const needed = new Map<string, Needs | null>();
  const needs = (serviceId: string, lengthMin: number): Needs | null => {
    const key = `${serviceId} ${lengthMin}`;
    const have = needed.get(key);
    if (have !== undefined) return have;
    const service = services.get(serviceId);
    const variant = service?.variants.find((v) => v.lengthMin === lengthMin);
    const out = service && variant ? needsOf(service, variant, staff, pools) : null;
    needed.set(key, out);
    return out;
  };
  const whenByService = new Map(handbook.services.filter((s) => s.when).map((s) => [s.id, [0, 1, 2, 3, 4, 5, 6, 7].map((d) => windowsOf(s.when ?? [], d))]));
  const hoursOf = (serviceId: string, day: DayNumber): readonly DayWindow[] | null => whenByService.get(serviceId)?.[weekdayOf(day)] ?? null;

  const classTimes = (serviceId: string, day: DayNumber): number[] => {
    const service = services.get(serviceId);
    if (!service?.group) return [];
    const weekday = weekdayOf(day);
    const length = Math.min(...service.variants.map((v) => v.lengthMin));
    const open = openOn(day);
    return service.group.times
      .filter((t) => t.weekdays.some((d) => weekdayNumber(d) === weekday))
      .map((t) => minuteOfClock(t.at))
      .filter((at) => open.some((w) => w.fromMin <= at && at + length <= w.toMin))
      .sort((a, b) => a - b);
  };
  return Object.freeze({
    handbook,
    zone,
    services,
    staff,
    rooms: new Map(handbook.rooms.map((r) => [r.id, r])),
    questions: new Map(handbook.questions.map((q) => [q.key, q])),
    pools,
    limits: [...handbook.limits, ...ALWAYS_REFUSED.map((l) => withoutServices(l, handbook))],
    emergency: {
      ...(handbook.emergency ?? { say: helpSentence(helpNumber(handbook.country)), call: helpNumber(handbook.country) }),
      words: [...new Set([...(handbook.emergency?.words ?? []), ...ALWAYS_EMERGENCY])],
    },
    days,
    differs,
    openOn,
    closedOn,
    worksOn,
    breaksOn,
    classTimes,
    needs,
    hoursOf,
  });
}

/** On which days hours hold that come in turn. */
function inTurn(h: Staff["hours"][number]): (day: DayNumber) => boolean {
  // Every so many weeks is counted from the Monday of the first, so that every weekday of that week counts.
  const days = h.repeat
    ? recurrenceOf(h.repeat.rule, h.repeat.from)
    : recurrenceOf(everyWeeks(h.every?.weeks ?? 1, h.weekdays), isoOfDay(mondayOf(dayOfIso(h.every?.from ?? "1970-01-05"))));
  return (day) => days.has(day);
}

function needsOf(
  service: Service,
  variant: Service["variants"][number],
  staff: ReadonlyMap<string, Staff>,
  pools: ReadonlyMap<string, readonly Room[]>,
): Needs {
  const pool = variant.pool ?? service.pool;
  const takes = (who: "person" | "room", min: number, of: Service["cleanUpTakes"]): number => (of === undefined || of === "both" || of === who ? min : 0);
  const setUp = service.setUpMin ?? 0;
  return {
    service,
    lengthMin: variant.lengthMin,
    priceMinor: variant.priceMinor,
    people: (variant.staff ?? service.staff).filter((id) => staff.get(id)?.bookable),
    pools: [...(pool === "" ? [] : [pool]), ...(service.alsoNeeds ?? [])].map((p) => pools.get(p) ?? []),
    staffBeforeMin: takes("person", setUp, service.setUpTakes),
    staffAfterMin: takes("person", service.cleanUpMin, service.cleanUpTakes),
    roomBeforeMin: takes("room", setUp, service.setUpTakes),
    roomAfterMin: takes("room", service.cleanUpMin, service.cleanUpTakes),
  };
}

function findGaps(h: Handbook): Gap[] {
  const gaps: Gap[] = [];
  const add = (code: GapCode, place: string, stops: boolean, about?: string): void => {
    gaps.push(about === undefined ? { code, place, stops } : { code, place, stops, about });
  };
  if (h.services.length === 0) add("no-services", "services", false);
  if (h.hours.length === 0) add("no-hours", "hours", false);
  if (h.lines.length === 0) add("no-line", "lines", false);

  const seen = new Set<string>();
  const unique = (list: readonly { id?: string; key?: string }[], section: string): void =>
    list.forEach((item, i) => {
      const own = `${section}:${item.id ?? item.key}`;
      if (seen.has(own)) add("double-id", `${section}/${i}`, true, item.id ?? item.key);
      seen.add(own);
    });
  unique(h.services, "services");
  unique(h.staff, "staff");
  unique(h.rooms, "rooms");
  unique(h.questions, "questions");
  unique(h.answers, "answers");
  unique(h.facts, "facts");
  unique(h.hours, "hours");
  unique(h.closed, "closed");
  unique(h.receptionists, "receptionists");
  unique(h.lines, "lines");

  checkWindows(h.hours, "hours", add);
  h.closed.forEach((c, i) => {
    checkWindows(
      (c.hours ?? []).map((w) => ({ ...w, weekdays: ["Monday"] })),
      `closed/${i}/hours`,
      add,
    );
  });
  h.staff.forEach((s, i) => {
    checkWindows(s.hours, `staff/${i}/hours`, add);
    checkWindows(s.breaks, `staff/${i}/breaks`, add);
  });

  const staffIds = new Set(h.staff.map((s) => s.id));
  const questionKeys = new Set(h.questions.map((q) => q.key));
  const serviceIds = new Set(h.services.map((s) => s.id));
  const pools = new Set(h.rooms.map((r) => r.pool));
  const names = new Map<string, string>();
  h.services.forEach((s, i) => {
    const place = `services/${i}`;
    for (const who of s.staff) if (!staffIds.has(who)) add("unknown-staff", `${place}/staff`, true, who);
    for (const key of s.asks) if (!questionKeys.has(key)) add("unknown-question", `${place}/asks`, true, key);
    if (s.after === s.id) add("after-itself", `${place}/after`, true, s.id);
    else if (s.after && !serviceIds.has(s.after)) add("unknown-service", `${place}/after`, true, s.after);
    for (const pool of [s.pool, ...s.variants.map((v) => v.pool ?? ""), ...(s.alsoNeeds ?? [])])
      if (pool && !pools.has(pool)) add("unknown-pool", `${place}/pool`, true, pool);
    for (const v of s.variants) {
      for (const who of v.staff ?? []) if (!staffIds.has(who)) add("unknown-staff", `${place}/variants`, true, who);
    }
    if (new Set(s.variants.map((v) => v.lengthMin)).size < s.variants.length) add("same-length", `${place}/variants`, true, s.name);
    if (s.ages?.from !== undefined && s.ages.to !== undefined && s.ages.from > s.ages.to) add("ages-backwards", `${place}/ages`, true, s.name);
    checkWindows(s.when ?? [], `${place}/when`, add);
    const does = s.staff.filter((who) => h.staff.find((p) => p.id === who)?.bookable);
    if (does.length === 0) add("nobody-does-it", `${place}/staff`, false, s.name);
    if (s.variants.some((v) => v.priceMinor === null) && !s.noPrice) add("price-missing", `${place}/variants`, false, s.name);
    for (const name of [s.name, ...s.also].map((n) => n.toLowerCase())) {
      const other = names.get(name);
      if (other && other !== s.id) add("same-name", place, false, name);
      names.set(name, s.id);
    }
    for (const t of h.hours.length > 0 ? (s.group?.times ?? []) : [])
      for (const day of t.weekdays) {
        const at = minuteOfClock(t.at);
        const end = at + Math.min(...s.variants.map((v) => v.lengthMin));
        if (!windowsOf(h.hours, weekdayNumber(day)).some((w) => w.fromMin <= at && end <= w.toMin))
          add("class-outside-hours", `${place}/group/times`, false, `${day} ${t.at}`);
      }
  });
  h.staff.forEach((s, i) => {
    const teaches = h.services.some((v) => v.group && v.staff.includes(s.id));
    if (s.bookable && s.hours.length === 0 && !teaches) add("staff-without-hours", `staff/${i}/hours`, false, s.name);
  });
  const receptionists = new Set(h.receptionists.map((r) => r.id));
  h.lines.forEach((l, i) => {
    for (const r of [l.receptionist, l.afterHours]) if (r && !receptionists.has(r)) add("unknown-receptionist", `lines/${i}`, true, r);
  });
  return gaps;
}

function checkWindows(
  list: readonly { weekdays: readonly string[]; from: string; to: string; every?: unknown; repeat?: unknown }[],
  place: string,
  add: (code: GapCode, place: string, stops: boolean, about?: string) => void,
): void {
  list.forEach((w, i) => {
    if (minuteOfClock(w.from) >= minuteOfClock(w.to)) add("hours-backwards", `${place}/${i}`, true, `${w.from}–${w.to}`);
    list.slice(0, i).forEach((v) => {
      const day = w.weekdays.find((d) => v.weekdays.includes(d));
      if (day && !w.every && !v.every && !w.repeat && !v.repeat && w.from < v.to && v.from < w.to) add("hours-overlap", `${place}/${i}`, true, day);
    });
  });
}
