import { easterOf, dayFrom, dayOfIso, mondayOf, nthWeekday, partsOf, weekdayNumber, weekdayOf, type DayNumber } from "../time/days.ts";
import { intersect, subtract, union, type Interval } from "../time/intervals.ts";
import { minuteOfClock, zoneOf, type Zone } from "../time/zone.ts";
import { ALWAYS_EMERGENCY, ALWAYS_REFUSED, helpNumber, helpSentence } from "../language/packs/en/limits.ts";
import type { ClosedRule, Handbook, Limit, Question, Room, Service, Staff } from "./schema.ts";

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
  /** The house's opening windows of a day: empty when it is shut. */
  openOn(day: DayNumber): readonly DayWindow[];
  /** The name of the closed day, or null. */
  closedOn(day: DayNumber): { id: string; name: string } | null;
  /** A person's working windows of a day, inside the house's hours, breaks taken out. */
  worksOn(staffId: string, day: DayNumber): readonly DayWindow[];
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

function makeHouse(handbook: Handbook): House {
  const zone = zoneOf(handbook.zone);
  const staff = new Map(handbook.staff.map((s) => [s.id, s]));
  const services = new Map(handbook.services.map((s) => [s.id, s]));
  const pools = new Map<string, Room[]>();
  for (const room of handbook.rooms) pools.set(room.pool, [...(pools.get(room.pool) ?? []), room]);
  const openByWeekday = [0, 1, 2, 3, 4, 5, 6, 7].map((d) => windowsOf(handbook.hours, d));
  const closedByYear = new Map<number, Map<DayNumber, { id: string; name: string }>>();
  const worked = new Map<string, readonly DayWindow[]>();

  const closedOn = (day: DayNumber) => {
    const year = partsOf(day).year;
    let days = closedByYear.get(year);
    if (!days) {
      days = new Map();
      for (const c of handbook.closed) {
        const d = closedDay(c.on, year);
        if (d !== null) days.set(d, { id: c.id, name: c.name });
      }
      closedByYear.set(year, days);
    }
    return days.get(day) ?? null;
  };
  const openOn = (day: DayNumber): readonly DayWindow[] => (closedOn(day) ? [] : (openByWeekday[weekdayOf(day)] ?? []));
  const breaksOn = (staffId: string, day: DayNumber): DayWindow[] => windowsOf(staff.get(staffId)?.breaks ?? [], weekdayOf(day));
  const worksOn = (staffId: string, day: DayNumber): readonly DayWindow[] => {
    const key = `${staffId} ${day}`;
    const have = worked.get(key);
    if (have) return have;
    const person = staff.get(staffId);
    const own = (person?.hours ?? []).filter((h) => {
      if (!h.every) return true;
      const weeks = (mondayOf(day) - mondayOf(dayOfIso(h.every.from))) / 7;
      return weeks >= 0 && weeks % h.every.weeks === 0;
    });
    const windows = windowsOf(own, weekdayOf(day));
    const free = subtract(intersect(union(windows.map(asInterval)), union(openOn(day).map(asInterval))), union(breaksOn(staffId, day).map(asInterval)));
    const out = free.map((i) => ({
      fromMin: i.startMin,
      toMin: i.endMin,
      id: windows.find((w) => w.fromMin <= i.startMin && i.startMin < w.toMin)?.id ?? "",
    }));
    if (worked.size > 20_000) worked.clear();
    worked.set(key, out);
    return out;
  };
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
    limits: [...handbook.limits, ...ALWAYS_REFUSED],
    emergency: handbook.emergency ?? { words: [...ALWAYS_EMERGENCY], say: helpSentence(helpNumber(handbook.country)), call: helpNumber(handbook.country) },
    openOn,
    closedOn,
    worksOn,
    breaksOn,
    classTimes,
  });
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
    if (s.pool && !pools.has(s.pool)) add("unknown-pool", `${place}/pool`, true, s.pool);
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
  list: readonly { weekdays: readonly string[]; from: string; to: string; every?: unknown }[],
  place: string,
  add: (code: GapCode, place: string, stops: boolean, about?: string) => void,
): void {
  list.forEach((w, i) => {
    if (minuteOfClock(w.from) >= minuteOfClock(w.to)) add("hours-backwards", `${place}/${i}`, true, `${w.from}–${w.to}`);
    list.slice(0, i).forEach((v) => {
      const day = w.weekdays.find((d) => v.weekdays.includes(d));
      if (day && !w.every && !v.every && w.from < v.to && v.from < w.to) add("hours-overlap", `${place}/${i}`, true, day);
    });
  });
}
