import {
  AND_NOT_ON,
  AND_ON,
  IS_IT_ON,
  IS_THERE,
  AND_ONLY,
  AT_AN_HOUR,
  AT_EARLIEST,
  AT_LATEST,
  AT_WORK_ON,
  BESIDE_A_DAY,
  BETWEEN,
  COUNTED_BESIDE,
  DAY_BESIDE,
  EITHER_OF_DAYS,
  ENDS_THERE,
  END_OF,
  HAS_MONTH,
  IF_NOT,
  IN_OR_ON,
  ITS_PARTS,
  NOT_CORRECTED,
  NO_START,
  OF_A_WEEK,
  OF_THAT_WEEK,
  ONLY_A_WHILE,
  ON_THE,
  OPEN_DAY_RULE,
  OR_AND,
  OR_ONLY,
  PARTS_BETWEEN,
  SAYS_NO_TO,
  SLIPS,
  SOONER_THAN,
  STANDS,
  TO_A_DAY,
  WEEKDAY_BESIDE,
  WEEK_BESIDE,
  WEEKEND_RULE,
  WHOLE_WEEKEND_RULE,
  WISHES,
  WISHES_THEN,
} from "../packs/en/joining.ts";
import { num } from "../packs/en/lengths.ts";
import { HAVE_BOOKED, IN_PLACE_OF, SUPPOSED_TO } from "../packs/en/parts.ts";
import { dayFrom, mondayOf, partsOf, weekdayOf, type DayNumber } from "../../time/days.ts";
import type { Moment } from "../context.ts";
import { ofKind, type ClockValue, type DayValue, type Found, type FoundOf, type TimeValue } from "../found.ts";
import type { Said } from "../text.ts";
import {
  ABSENT,
  AFTER,
  BEFORE,
  BEFORE_DEED,
  FROM_NOW_TO,
  BEGAN_THEN,
  BEGINS,
  BUSY_BEFORE,
  BUSY_WITH,
  WILL_NOT_DO_AT_ALL,
  CORRECTS,
  EVENT,
  BEFORE_A_FEAST,
  FEAST_IN,
  AND_AFTER_IT,
  FROM,
  OFF_TILL,
  GOES_AWAY,
  GOES_TO_A_FEAST,
  BEFORE_THAT,
  ON_THAT_DAY,
  OF_A_BOOKING,
  HAPPENS,
  IS_DUE,
  LEAVES,
  NOT,
  NOT_AFTER,
  OVER,
  TAKEN_FROM,
  UNTIL,
  NEEDED_BEFORE_THAT,
} from "../packs/en/around.ts";

type DayFound = FoundOf<"day">;

/** Whether somebody says that they are somewhere else on a day. */
export const absentOn = (said: Said, day: Found): boolean => ABSENT.test(said.norm.slice(Math.max(0, day.start - 60), day.start));

/** Marks the days that are ruled out: "not Tuesday", "any day but Thursday", "can't do Friday", "Monday doesn't suit". */
export function ruleOut(said: Said, found: readonly Found[]): Found[] {
  const out = byWords(said, found);
  // "Not Monday or Tuesday" rules out both.
  const days = out.filter((f): f is DayFound => f.kind === "day").sort((a, b) => a.start - b.start);
  for (let i = 1; i < days.length; i++) {
    const a = days[i - 1] as DayFound;
    const b = days[i] as DayFound;
    const gap = said.norm.slice(a.end, b.start);
    if (a.not && !b.not && (AND_NOT_ON.test(gap) || TO_A_DAY.test(gap))) b.not = true;
  }
  return out;
}

function byWords(said: Said, found: readonly Found[]): Found[] {
  return found.map((f) => {
    if (f.kind !== "day") return f;
    const before = said.norm.slice(Math.max(0, f.start - 30), f.start);
    const after = said.norm.slice(f.end, f.end + 40);
    // "No Fridays, please": a weekday in general that is said no to.
    const none =
      (f.value.kind === "weekdays" && SAYS_NO_TO.test(before)) ||
      // "I work Thursdays".
      (AT_WORK_ON.test(before) && ENDS_THERE.test(after));
    // "I'm away next week": no day of it will do. "I'm busy on Tuesday until three" leaves the rest of it.
    const away = absentOn(said, f) && !ONLY_A_WHILE.test(after) && f.value.kind !== "soonest";
    const unfit = NOT_AFTER.test(after) && !BEFORE.test(before);
    if (!none && !away && !(NOT.test(before) && !IF_NOT.test(before)) && !unfit) return f;
    // "Not this week" leaves what comes after it.
    if (f.rule === "day/this-week" && f.value.kind === "days" && f.value.to !== undefined && !found.some((o) => o !== f && o.kind === "day"))
      return { ...f, rule: "day/not-this-week", value: { kind: "days", from: f.value.to + 1 } };
    return { ...f, not: true };
  });
}

/** "Before a meeting on Thursday at ten": on Thursday, and over by ten. */
export function beforeHour(said: Said, found: readonly Found[]): Found[] {
  return found.map((f): Found => {
    const at = f.kind === "time" ? beginningOf(f.value) : null;
    const day = at && found.find((d) => d.kind === "day" && hourOf(said, d) === f.start);
    const before = day && BEFORE_DEED.test(said.norm.slice(Math.max(0, day.start - 60), day.start));
    return at && before ? { ...f, kind: "time", rule: "time/before-event", value: { kind: "until", at, is: "end" } } : f;
  });
}

/** The hour at which something begins; null where no hour is told. */
function beginningOf(value: TimeValue): ClockValue | null {
  if (value.kind === "at") return value.at;
  if (value.kind !== "span" || value.fromMin === undefined) return null;
  return { hour: Math.floor(value.fromMin / 60), minute: value.fromMin % 60, certain: true };
}

/** Where an hour begins that stands right behind a day. */
const hourOf = (said: Said, day: Found): number => day.end + (/^,? /.exec(said.norm.slice(day.end))?.[0].length ?? 0);

/** Joins and bounds days: "Monday to Wednesday", "Tuesday or Thursday", "after Wednesday". */
export function joinDays(said: Said, found: Found[], moving: boolean, today: DayNumber): Found[] {
  const days = found.filter((f): f is DayFound => f.kind === "day").sort((a, b) => a.start - b.start);
  const others = found.filter((f) => f.kind !== "day");
  const bounded = plainer(said, sameMonth(said, besideDays(said, days)), moving).map((d) => bound(said, d, moving, today));
  const out: DayFound[] = [];
  for (const bare of bounded) {
    const next = insideWeek(out, bare);
    const last = out[out.length - 1];
    const gap = last ? said.norm.slice(last.end, next.start) : "";
    // "From Thursday to the following Monday": counted from the day that was named.
    const base = last && !last.not ? single(last.value)[0] : undefined;
    if (base !== undefined && next.value.kind === "relative" && next.value.weekday !== undefined && next.value.byDays > 0) {
      const ahead = (next.value.weekday - weekdayOf(base) + 7) % 7 || 7;
      out.push({ ...next, value: { kind: "days", from: base + ahead, to: base + ahead } });
      continue;
    }
    // "Not Tuesday the 9th, Thursday of that week".
    const near = last ? single(last.value)[0] : undefined;
    if (near !== undefined && next.value.kind === "relative" && next.value.byDays === 0 && next.value.weekday !== undefined && !moving) {
      const on = mondayOf(near) + next.value.weekday - 1;
      out.push({ ...next, value: { kind: "days", from: on, to: on } });
      continue;
    }
    // "Tomorrow or the day after": the day after the one that was named.
    if (last && base !== undefined && next.value.kind === "relative" && next.value.byDays === 1 && next.value.weekday === undefined && OR_ONLY.test(gap)) {
      const both = join(said, last, { ...next, value: { kind: "days", from: base + 1, to: base + 1 } }, gap, moving);
      if (both) {
        out[out.length - 1] = both;
        continue;
      }
    }
    // "Not tomorrow, the day after".
    const not = last?.not ? single(last.value)[0] : undefined;
    if (not !== undefined && next.value.kind === "relative" && next.value.byDays === 1 && next.value.weekday === undefined) {
      out[out.length - 1] = { ...next, value: { kind: "days", from: not + 1, to: not + 1 } };
      continue;
    }
    // "Not this week, the week after".
    if (
      last?.not &&
      last.value.kind === "days" &&
      last.value.to !== undefined &&
      next.value.kind === "relative" &&
      next.value.byDays === 7 &&
      next.value.weekday === undefined
    ) {
      const monday = mondayOf(last.value.to) + 7;
      out[out.length - 1] = { ...next, value: { kind: "days", from: monday, to: monday + 6 } };
      continue;
    }
    // "Not this week, next week": a stretch that shares no day with what is wished for need not be ruled out.
    if (last?.not && !next.not && apart(last.value, next.value)) {
      out[out.length - 1] = next;
      continue;
    }
    const joined = last && !last.not && !next.not ? join(said, last, next, gap, moving) : null;
    // "I'm away from the 8th to the 15th".
    const outside = last?.not && next.not && TO_A_DAY.test(gap) ? join(said, { ...last, not: false }, { ...next, not: false }, gap, false) : null;
    if (outside) out[out.length - 1] = { ...outside, not: true };
    else if (joined) out[out.length - 1] = joined;
    else if (last?.not && AND_NOT_ON.test(gap)) out.push({ ...next, not: true });
    else out.push(next);
  }
  return [...others, ...out];
}

/** "The Monday class on the 8th", "Monday's good, say next Monday": of a weekday that is said twice, the date that one of the two gives. */
function plainer(said: Said, days: DayFound[], moving: boolean): DayFound[] {
  if (moving) return days;
  return days.filter((d, i) => {
    const next = days[i + 1];
    const [on] = next && !next.not && next.rule !== "day/weekday" ? single(next.value) : [];
    const same = on !== undefined && next?.value.kind === "days" && !d.not && d.rule === "day/weekday" && d.weekday === weekdayOf(on);
    return !same || OR_AND.test(said.norm.slice(d.end, next.start)) || d.value.kind !== "days";
  });
}

/** Whether a stretch of several days ends before another begins. */
const apart = (a: DayFound["value"], b: DayFound["value"]): boolean =>
  a.kind === "days" && b.kind === "days" && a.from !== a.to && a.to !== undefined && b.from !== undefined && a.to < b.from;

/** "The Tuesday after the 14th", "the Monday before Victoria Day": a weekday that is told by another day. */
function besideDays(said: Said, days: readonly DayFound[]): DayFound[] {
  const out: DayFound[] = [];
  for (const day of days) {
    const last = out.at(-1);
    const weekday = last && !last.not && (last.rule === "day/weekday" ? last.weekday : last.value.kind === "relative" ? last.value.weekday : undefined);
    const side = last && weekday ? WEEKDAY_BESIDE.exec(said.norm.slice(last.start, day.start)) : null;
    const [from] = single(day.value);
    if (last && weekday && side && from !== undefined && day.value.kind === "days" && day.rule !== "day/weekday") {
      const sign = side[1] === "after" ? 1 : -1;
      const on = from + sign * (((sign * (weekday - weekdayOf(from)) + 6) % 7) + 1);
      out[out.length - 1] = { ...day, value: { kind: "days", from: on, to: on }, start: last.start, rule: "day/beside" };
      continue;
    }
    // "The day before Thanksgiving", "the week after Easter".
    const plain =
      last && !last.not && last.value.kind === "relative" && last.value.weekday === undefined
        ? BESIDE_A_DAY.exec(said.norm.slice(last.start, day.start))
        : null;
    const week = plain?.[1] === "week" ? plain : WEEK_BESIDE.exec(said.norm.slice(Math.max(0, day.start - 24), day.start));
    if (from !== undefined && day.value.kind === "days" && !day.not && (plain || week)) {
      if (plain) out.pop();
      const which = (plain ? plain[2] : week?.[1]) as string;
      if (which === "of" || which === "with") {
        const monday = mondayOf(from);
        out.push({ ...day, value: { kind: "days", from: monday, to: monday + 6 }, start: day.start, rule: "day/beside" });
        continue;
      }
      const after = which === "after";
      const value: DayValue =
        plain?.[1] === "day"
          ? { kind: "days", from: from + (after ? 1 : -1), to: from + (after ? 1 : -1) }
          : after
            ? { kind: "days", from: mondayOf(from) + 7, to: mondayOf(from) + 13 }
            : // Before a Sunday comes its own week.
              weekdayOf(from) === 7
              ? { kind: "days", from: mondayOf(from), to: from - 1 }
              : { kind: "days", from: mondayOf(from) - 7, to: mondayOf(from) - 1 };
      out.push({ ...day, value, start: plain && last ? last.start : day.start, rule: "day/beside" });
      continue;
    }
    out.push(day);
  }
  return out;
}

/** "Between the 1st and the 4th of April", "April 8 to the 12th": the month stands with one date and is meant of both. */
function sameMonth(said: Said, days: readonly DayFound[]): DayFound[] {
  const out = [...days];
  const joined = (a: DayFound, b: DayFound): boolean => {
    const gap = said.norm.slice(a.end, b.start);
    return TO_A_DAY.test(gap) || EITHER_OF_DAYS.test(gap) || /^\s*,\s*$/.test(gap);
  };
  const onlyDate = (d: DayFound): DayNumber | undefined =>
    d.rule === "day/date" && d.value.kind === "days" && d.value.from === d.value.to ? d.value.from : undefined;
  // From the last to the first: "the 5th, 6th or 7th of April".
  for (let i = out.length - 2; i >= 0; i--) {
    const [a, b] = [out[i] as DayFound, out[i + 1] as DayFound];
    const date = onlyDate(a);
    const [to] = single(b.value);
    if (date === undefined || to === undefined || !HAS_MONTH.test(b.rule) || !joined(a, b)) continue;
    const from = onOrBefore(partsOf(date).date, to);
    if (from !== null) out[i] = { ...a, value: { kind: "days", from, to: from }, rule: b.rule };
  }
  for (let i = 1; i < out.length; i++) {
    const [a, b] = [out[i - 1] as DayFound, out[i] as DayFound];
    const date = onlyDate(b);
    const from = a.value.kind === "days" ? a.value.to : undefined;
    if (date === undefined || from === undefined || !HAS_MONTH.test(a.rule) || !joined(a, b)) continue;
    const to = onOrAfter(partsOf(date).date, from);
    if (to !== null) out[i] = { ...b, value: { kind: "days", from: to, to }, rule: a.rule };
  }
  return out;
}

/** The last such date of a month up to a day, and the first from it on; null where neither month has it. */
function onOrBefore(date: number, day: DayNumber): DayNumber | null {
  const { year, month, date: last } = partsOf(day);
  return date <= last ? dayFrom(year, month, date) : dayFrom(month === 1 ? year - 1 : year, month === 1 ? 12 : month - 1, date);
}
function onOrAfter(date: number, day: DayNumber): DayNumber | null {
  const { year, month, date: first } = partsOf(day);
  return date >= first ? dayFrom(year, month, date) : dayFrom(month === 12 ? year + 1 : year, month === 12 ? 1 : month + 1, date);
}

/** "Next week, any day after Tuesday": bounded inside of the week that was named before it, which it takes the place of. */
function insideWeek(out: DayFound[], next: DayFound): DayFound {
  const v = next.value;
  if (v.kind !== "days" || next.not || (v.from === undefined) === (v.to === undefined) || !OPEN_DAY_RULE.test(next.rule)) return next;
  const i = out.findLastIndex((d) => d.value.kind === "days" && !d.not && d.value.from !== undefined && d.value.to === d.value.from + 6);
  const week = out[i]?.value;
  if (week?.kind !== "days" || week.from === undefined || week.to === undefined) return next;
  const { from: monday, to: sunday } = week;
  const inside = (day: DayNumber): DayNumber => monday + ((day - monday + 70) % 7);
  const value: DayValue =
    v.from !== undefined ? { kind: "days", from: inside(v.from), to: sunday } : { kind: "days", from: monday, to: inside(v.to as DayNumber) };
  for (let k = out.length - 1; k >= i; k--) if (k === i || out[k]?.value.kind === "soonest") out.splice(k, 1);
  return { ...next, value };
}

/** "This week instead of Tuesday? Thursday at two?": a day of a stretch that was named before is what is meant of it. */
/** "Can I come next week? Wednesday would be ideal": a weekday that is named in the next sentence is that of the week named before it. */
function ofTheWeekNamed(said: Said, found: Found[]): Found[] {
  const week = found.find((f): f is DayFound => f.kind === "day" && !f.not && WEEKS_AHEAD.test(f.rule));
  const v = week?.value;
  if (!week || v?.kind !== "days" || v.from === undefined || v.to === undefined) return found;
  const [from, to] = [v.from, v.to];
  return found.map((f): Found => {
    if (f.kind !== "day" || f.rule !== "day/weekday" || f.not || f.part === "old" || f.weekday === undefined || f.start < week.end) return f;
    if (f.value.kind !== "days" || !/[.?!;]/.test(said.norm.slice(week.end, f.start))) return f;
    const on = mondayOf(from) + f.weekday - 1;
    return on >= from && on <= to ? { ...f, value: { kind: "days", from: on, to: on } } : f;
  });
}
const WEEKS_AHEAD = /^day\/(?:next-week|week-after-next)$/;

export function narrowed(said: Said, all: Found[]): Found[] {
  const found = ofTheWeekNamed(said, all);
  const days = ofKind(found, "day").filter((d) => !d.not && d.part !== "old");
  const within = (d: FoundOf<"day">): boolean => {
    const { value: v } = d;
    if (v.kind !== "days" || v.from === undefined || v.to === undefined || v.to <= v.from) return false;
    return days.some(
      ({ value: w, start }) =>
        start > d.end &&
        w.kind === "days" &&
        w.from !== undefined &&
        w.from === w.to &&
        w.from >= (v.from as number) &&
        w.from <= (v.to as number) &&
        /[.?!;]/.test(said.norm.slice(d.end, start)),
    );
  };
  return found.filter((f) => f.kind !== "day" || !days.includes(f) || !within(f));
}

function ends(value: DayValue): { from?: DayNumber; to?: DayNumber } | null {
  if (value.kind === "days") return value;
  return null;
}

function join(said: Said, plain: DayFound, b: DayFound, between: string, moving: boolean): DayFound | null {
  // "Monday or Tuesday next week": both are of that week. "Thursday morning or Friday morning": the part is no gap.
  const a: DayFound =
    b.rule === "day/weekday-of-week" && plain.rule === "day/weekday" && plain.weekday && b.value.kind === "days" && b.value.from !== undefined
      ? { ...plain, value: { kind: "days", from: mondayOf(b.value.from) + plain.weekday - 1, to: mondayOf(b.value.from) + plain.weekday - 1 } }
      : plain;
  const gap = between.replace(PARTS_BETWEEN, "");
  // "Next week, Tuesday or Wednesday": so is the second.
  if (plain.rule === "day/weekday-of-week" && b.rule === "day/weekday" && b.weekday && plain.value.kind === "days" && plain.value.from !== undefined) {
    const own = mondayOf(plain.value.from) + b.weekday - 1;
    if (EITHER_OF_DAYS.test(gap)) b = { ...b, value: { kind: "days", from: own, to: own } };
  }
  const x = ends(a.value);
  const y = ends(b.value);
  // "Next week, Thursday", "the week after next, on the Wednesday": the day of that week.
  const week = x?.from !== undefined && x.to !== undefined && x.to - x.from <= 6 && x.to > x.from && OF_A_WEEK.test(said.norm.slice(a.start, a.end)) ? x : null;
  if (week?.from !== undefined && week.to !== undefined && b.rule === "day/weekday" && b.weekday && ON_THE.test(gap)) {
    const day = mondayOf(week.to) + b.weekday - 1;
    return { ...b, value: { kind: "days", from: day, to: day }, start: a.start, rule: "day/weekday-of-week" };
  }
  // "In three weeks, on the Saturday", "… on a Saturday": the Saturday of that week.
  if (
    a.rule === "day/in-days" &&
    x?.from !== undefined &&
    /^day\/(?:any-)?weekday$/.test(b.rule) &&
    b.weekday &&
    OF_A_WEEK.test(said.norm.slice(a.start, a.end))
  ) {
    const day = mondayOf(x.from) + b.weekday - 1;
    if (ON_THE.test(gap)) return { ...b, value: { kind: "days", from: day, to: day }, start: a.start, rule: "day/weekday-of-week" };
  }
  // "After the 10th but before the 15th".
  if (x?.from !== undefined && x.to === undefined && y?.to !== undefined && y.from === undefined && y.to >= x.from && !/[.;?!]/.test(gap))
    return { ...a, value: { kind: "days", from: x.from, to: y.to }, end: b.end, rule: "day/range" };
  if (TO_A_DAY.test(gap) || (AND_ONLY.test(gap) && BETWEEN.test(said.norm.slice(0, a.start)))) {
    // "I'm in town Wednesday to Friday" tells when somebody is there, and moves nothing.
    if ((moving && TO_A_DAY.test(gap) && !IS_THERE.test(said.norm.slice(0, a.start))) || x?.from === undefined || y?.to === undefined) return null;
    const to = y.to < x.from && b.weekday ? y.to + 7 : y.to;
    return { ...a, value: { kind: "days", from: x.from, to }, end: b.end, rule: "day/range" };
  }
  if (EITHER_OF_DAYS.test(gap) || /^\s*,\s*$/.test(gap)) {
    if (a.value.kind === "weekdays" && b.value.kind === "weekdays")
      return { ...a, value: { kind: "weekdays", weekdays: [...a.value.weekdays, ...b.value.weekdays] }, end: b.end, rule: "day/either" };
    const list = [...single(a.value), ...single(b.value)];
    if (list.length >= 2 && list.length === count(a.value) + count(b.value) && !moving)
      return {
        ...a,
        value: { kind: "either", days: [...new Set(list)].sort((p, q) => p - q) },
        end: b.end,
        rule: "day/either",
        // Said of what was offered, the days of the week count, not the next ones to come.
        ...(weekdaysOf(a) && weekdaysOf(b) ? { weekdays: [...(weekdaysOf(a) ?? []), ...(weekdaysOf(b) ?? [])] } : {}),
      };
  }
  return null;
}

const weekdaysOf = (d: DayFound): number[] | undefined => d.weekdays ?? (d.rule === "day/weekday" && d.weekday ? [d.weekday] : undefined);

const count = (v: DayValue): number => (v.kind === "either" ? v.days.length : 1);

export function single(v: DayValue): DayNumber[] {
  if (v.kind === "either") return v.days;
  if (v.kind === "days" && v.from !== undefined && v.from === v.to) return [v.from];
  return [];
}

function bound(said: Said, day: DayFound, moving: boolean, today: DayNumber): DayFound {
  const before60 = said.norm.slice(Math.max(0, day.start - 60), day.start);
  // A rule's own words may have taken "on" or "the": look before them.
  const before = said.norm.slice(Math.max(0, day.start - 30), day.start);
  const v = day.value;
  // "The week after Easter" has both its ends.
  if (day.rule === "day/beside") return day;
  // "After next Wednesday", of which there are two readings: after either.
  if (!day.not && v.kind === "ask") {
    if (AFTER.test(before)) return { ...day, value: { kind: "days", from: Math.max(...v.days) + 1 }, rule: "day/after" };
    if (BEFORE.test(before)) return { ...day, value: { kind: "days", to: Math.min(...v.days) - 1 }, rule: "day/before" };
  }
  // After the weekend comes Monday, however many of its days the house is open.
  if (!day.not && v.kind === "either" && WEEKEND_RULE.test(day.rule)) {
    const saturday = mondayOf(Math.min(...v.days)) + 5;
    if (AFTER.test(before)) return { ...day, value: { kind: "days", from: saturday + 2 }, rule: "day/after" };
    if (BEFORE.test(before)) return { ...day, value: { kind: "days", to: saturday - 1 }, rule: "day/before" };
  }
  if (day.not || v.kind !== "days") return day;
  const after = said.norm.slice(day.end, day.end + 30);
  // After the weekend comes Monday, whether the house is open on Sundays or not.
  if (AFTER.test(before) && WHOLE_WEEKEND_RULE.test(day.rule) && v.to !== undefined)
    return { ...day, value: { kind: "days", from: mondayOf(v.to) + 7 }, rule: "day/after" };
  // "Two weeks before Good Friday", "three days after the 14th".
  const counted = COUNTED_BESIDE.exec(before);
  if (counted && v.from !== undefined && v.from === v.to) {
    const n = num(counted[1] as string) || 2;
    const on = v.from + (counted[3] === "after" ? 1 : -1) * n * (counted[2] === "week" ? 7 : 1);
    return { ...day, value: { kind: "days", from: on, to: on }, rule: "day/beside" };
  }
  // "The day after the 14th" is the 15th alone.
  const beside = DAY_BESIDE.exec(before);
  if (beside && v.from !== undefined && v.from === v.to) {
    const on = v.from + (beside[1] === "after" ? 1 : -1);
    return { ...day, value: { kind: "days", from: on, to: on }, rule: "day/beside" };
  }
  if (AFTER.test(before) && v.to !== undefined) return { ...day, value: { kind: "days", from: v.to + 1 }, rule: "day/after" };
  // "March 8 until the 12th" has both its ends.
  if (day.rule === "day/range-of-month") return day;
  // "Between now and Friday".
  if (FROM_NOW_TO.test(before) && v.to !== undefined) return { ...day, value: { kind: "days", from: today, to: v.to }, rule: "day/range" };
  // "I'm away until the 14th": what comes after it.
  const beforeUntil = before60.replace(UNTIL, " ");
  if (UNTIL.test(before) && (ABSENT.test(beforeUntil) || OFF_TILL.test(beforeUntil)) && v.to !== undefined)
    return { ...day, value: { kind: "days", from: v.to + 1 }, rule: "day/after", ...(moving ? { part: "new" as const } : {}) };
  if ((FROM.test(before) && !TAKEN_FROM.test(before) && !moving && !NO_START.test(after)) || (AND_ON.test(after) && !IS_IT_ON.test(before60)))
    // "I get back on the 10th, so after that".
    return v.from === undefined ? day : { ...day, value: { kind: "days", from: v.from + (AND_AFTER_IT.test(after) ? 1 : 0) }, rule: "day/from" };
  // "Sooner than the 10th", of what they have then.
  if (moving && SOONER_THAN.test(before) && v.from !== undefined && v.from === v.to) return { ...day, part: "old" };
  if (BEFORE.test(before) && v.from !== undefined && v.to !== undefined)
    return {
      ...day,
      value: {
        kind: "days",
        to: v.from === v.to ? v.from - 1 : END_OF.test(said.norm.slice(day.start, day.end)) || OVER.test(said.norm.slice(day.end)) ? v.to : v.from - 1,
      },
      rule: "day/before",
    };
  if (AT_LATEST.test(said.norm.slice(day.end)) && v.to !== undefined && !moving) return { ...day, value: { kind: "days", to: v.to }, rule: "day/until" };
  if (AT_EARLIEST.test(said.norm.slice(day.end)) && v.from !== undefined && !moving) return { ...day, value: { kind: "days", from: v.from }, rule: "day/from" };
  // "Before I ship out on the 22nd": what happens on that day is no visit.
  if (BEFORE_DEED.test(before60) && v.from !== undefined && v.from === v.to && !moving && !AT_AN_HOUR.test(after))
    return { ...day, value: { kind: "days", to: v.from - 1 }, rule: "day/before" };
  if (UNTIL.test(before) && v.to !== undefined && !moving) return { ...day, value: { kind: "days", to: v.to }, rule: "day/until" };
  return day;
}

/** "My appointment on Thursday, please make it Monday": the first is what there is, not a slip. */
const standing = (said: Said, a: Found, gap: string): boolean =>
  !SLIPS.test(gap) &&
  (((a.kind === "day" || a.kind === "time") && (STANDS.test(said.norm.slice(0, a.start)) || SUPPOSED_TO.test(said.norm.slice(0, a.start)))) ||
    // "I booked a lesson with Lou but I'd rather have Ann": the first is whom they have.
    (a.kind === "staff" && HAVE_BOOKED.test(said.norm.slice(0, a.start))));

/** What is said later corrects what was said before: "Friday, sorry, Thursday", "0142, no, 0143 at the end". */
export function correct(said: Said, found: Found[]): { found: Found[]; dropped: Found[] } {
  const dropped: Found[] = [];
  const sorted = [...found].sort((a, b) => a.start - b.start);
  for (const kind of ["day", "time", "service", "length", "staff", "phone", "email", "name", "places"] as const) {
    const own = sorted.filter((f) => f.kind === kind);
    for (let i = 1; i < own.length; i++) {
      const a = own[i - 1] as Found;
      const b = own[i] as Found;
      if (b.kind === "day" && b.not) {
        // "Monday… no, not Monday": what is ruled out after it was wished for is wished for no more.
        if (a.kind === "day" && !a.not && a.weekday !== undefined && a.weekday === b.weekday) dropped.push(a);
        continue;
      }
      if (a.kind === "day" && a.not) {
        // "Not Friday, Thursday": a contrast, not two wishes.
        if (b.kind === "day" && single(b.value).length === 1) dropped.push(a);
        continue;
      }
      const gap = said.norm.slice(a.end, b.start);
      // "I'm booked for the 11th, could I come instead any day that week".
      if (b.kind === "day" && b.rule === OF_THAT_WEEK) continue;
      // "Rather than the 4th, make it the 11th": the first is what there is.
      if (a.kind === "day" && IN_PLACE_OF.test(said.norm.slice(Math.max(0, a.start - 24), a.start))) continue;
      if (gap.length < 60 && CORRECTS.test(gap) && !NOT_CORRECTED.test(gap) && !standing(said, a, gap)) dropped.push(a);
    }
  }
  const positive = sorted.filter((f) => f.kind === "day" && !f.not && !dropped.includes(f));
  // Days on which somebody is away stay ruled out beside one that is wished for.
  const away = (f: Found, i: number): boolean => {
    const last = sorted[i - 1];
    return absentOn(said, f) || (last?.kind === "day" && last.not === true && TO_A_DAY.test(said.norm.slice(last.end, f.start)) && away(last, i - 1));
  };
  for (const [i, f] of sorted.entries())
    if (f.kind === "day" && f.not && !away(f, i) && positive.length === 1 && positive[0]?.kind === "day" && single(positive[0].value).length === 1)
      dropped.push(f);
  const rest = sorted.filter((f) => !dropped.includes(f));
  const end = rest.find((f) => f.kind === "phone-end");
  const phone = [...rest].reverse().find((f) => f.kind === "phone");
  if (end && phone && end.kind === "phone-end" && phone.kind === "phone" && end.start > phone.end) {
    const fixed: Found = { ...phone, value: phone.value.slice(0, -end.value.length) + end.value, rule: "phone/corrected-end" };
    return { found: rest.map((f) => (f === phone ? fixed : f)).filter((f) => f !== end), dropped: [...dropped, end] };
  }
  return { found: rest, dropped };
}

/** "Friday" said on a Friday is today only while the hour named, or the part of the day, has not passed. */
export function passedHour(found: Found[], at: Moment, latestOf: (f: FoundOf<"time">, day: DayNumber) => number | null): Found[] {
  return found.map((f) => {
    if (
      f.kind !== "day" ||
      f.value.kind !== "days" ||
      f.rule !== "day/weekday" ||
      f.value.from !== at.today ||
      f.value.to !== at.today ||
      weekdayOf(at.today) !== f.weekday
    )
      return f;
    const time = found.find((t): t is FoundOf<"time"> => t.kind === "time");
    const latest = time ? latestOf(time, at.today) : null;
    return latest !== null && latest <= at.minute ? { ...f, value: { kind: "days", from: at.today + 7, to: at.today + 7 } } : f;
  });
}

/** "Tuesday mornings": the weekday in general, not the next one. */
export function everyWeek(said: Said, found: Found[]): Found[] {
  return found.map((f): Found => {
    if (f.kind !== "day" || f.not || !ITS_PARTS.test(said.norm.slice(f.end))) return f;
    const days = single(f.value);
    if (f.rule === "day/weekday" && f.weekday) return { ...f, value: { kind: "weekdays", weekdays: [f.weekday] } };
    return f.rule === "day/either" && days.length > 1 && days.every((d) => d < (days[0] as number) + 7)
      ? { ...f, value: { kind: "weekdays", weekdays: days.map(weekdayOf) } }
      : f;
  });
}

/** "Could it be at eleven, I'm on the school run at nine": where another hour is named, the one at which somebody is busy is no wish. */
export function whenBusy(said: Said, found: readonly Found[]): Found[] {
  const hours: readonly Found[] = found.filter((f) => f.kind === "time");
  const busy = hours.filter((f) => BUSY_BEFORE.test(said.norm.slice(Math.max(0, f.start - 70), f.start)));
  // "A massage on Friday, I've got a meeting at two": nor is it where a day was wished for before it.
  const dayBefore = (f: Found): boolean =>
    found.some((d) => d.kind === "day" && !d.not && d.end <= f.start && /[,.;:!?]/.test(said.norm.slice(d.end, f.start)));
  // "That's no good, got training at six": and what was offered is refused for it.
  const refused = (f: Found): boolean => WILL_NOT_DO_AT_ALL.test(said.norm.slice(0, f.start));
  const sole = (f: Found): boolean => BUSY_WITH.test(said.norm.slice(Math.max(0, f.start - 40), f.start)) && (dayBefore(f) || refused(f));
  return busy.length === hours.length && !busy.every(sole) ? [...found] : found.filter((f) => !busy.includes(f));
}

/** Rules of services that were named. */
const BY_NAME = /name|other-word|slip/;

/** "A skin test tomorrow", of a house that does them: what would be an event besides is part of a service's name. */
const isOurEvent = (said: Said, found: readonly Found[], day: Found): boolean =>
  found.some(
    (f) =>
      f.kind === "service" &&
      BY_NAME.test(f.rule) &&
      f.end <= day.start &&
      EVENT.test(said.norm.slice(f.start, f.end)) &&
      /^\W*(?:on|at)?\W*$/.test(said.norm.slice(f.end, day.start)),
  );

const LONGER_THAN_A_WEEK = 7;

/** Whether a service of the house's is named right before a day: what is held here by the name of an event is none. */
const namedBefore = (found: readonly Found[], day: Found): boolean =>
  found.some((f) => f.kind === "service" && BY_NAME.test(f.rule) && f.end > day.start - 24 && f.start < day.start);

/**
 * The only day of a wish, where it is that of something else: "our baby is due on April 2nd" tells of no day to come on,
 * and who sits a test or goes away on a day needs what they need before it.
 */
export function beforeEvents(said: Said, found: readonly Found[], today: number): Found[] {
  // "I'm travelling on the 20th, can I come before then": ruled out itself, it is the end of what is wished.
  const bounds = (f: Found): boolean => f.kind === "day" && f.not === true && BEFORE_THAT.test(said.norm.slice(f.end));
  const days = found.filter((f): f is DayFound => f.kind === "day" && (!f.not || bounds(f)) && f.part === undefined);
  const [only, other] = days;
  // "Before I fly on the 14th" has its bound already.
  if (!only || other || (only.value.kind === "days" && only.value.from === undefined)) return [...found];
  const lead = IN_OR_ON.exec(said.norm.slice(only.start, only.end))?.[0].length ?? 0;
  const before = said.norm.slice(Math.max(0, only.start - 60), only.start + lead);
  // "A wedding in May": which day of it, is not known.
  const { value } = only;
  const month = value.kind === "days" && value.from !== undefined && value.to !== undefined && value.to - value.from > LONGER_THAN_A_WEEK;
  if (month && FEAST_IN.test(before) && !BEFORE_A_FEAST.test(before) && !isOurEvent(said, found, only)) return found.filter((f) => f !== only);
  // What is held here by that name is no event besides.
  const away = GOES_AWAY.test(before);
  if (!away && namedBefore(found, only)) return [...found];
  if (IS_DUE.test(before)) return found.filter((f) => f !== only);
  // "Big interview Thursday, anything before that?"
  const after = said.norm.slice(only.end);
  const beforeThat = (BEFORE_THAT.test(after) || NEEDED_BEFORE_THAT.test(after)) && !OF_A_BOOKING.test(before);
  const feast = GOES_TO_A_FEAST.test(before);
  if (!beforeThat && !HAPPENS.test(before) && !away && !feast) return [...found];
  const at = single(only.value)[0] ?? (only.value.kind === "days" ? only.value.from : undefined);
  // "I'm flying out on Thursday night, is there a massage that morning": on the day itself.
  if (ON_THAT_DAY.test(said.norm.slice(only.end))) return found.filter((f) => !(f.kind === "time" && f.start >= only.end && f.start - only.end < 4));
  const rest = found.filter((f) => f !== only && !(f.kind === "time" && f.start >= only.end && f.start - only.end < 4));
  if (at === undefined || at <= today) return rest;
  const until: DayFound = {
    kind: "day",
    value: { kind: "days", to: feast ? at : at - 1 },
    rule: feast ? "day/by-event" : "day/before-event",
    assumed: feast ? "by then" : "before it",
    start: only.start,
    end: only.end,
  };
  // "My test's on the 23rd": the word of the event is no service of the house's, though it may be in one's name.
  return [...rest.filter((f) => !(!away && f.kind === "service" && f.end > only.start - 12 && f.start < only.start)), until];
}

/**
 * "Our wedding is on the 21st, and we need it done the week before": where another day is named for the visit, the day of
 * what happens besides is none of its days; one that is told from it is counted from it, weeks as calendar weeks.
 */
export function aroundEvents(said: Said, found: readonly Found[], moving = false): Found[] {
  // "School starts swimming in April": of a need, and no day for it.
  const begins = found.find((f) => {
    const before = said.norm.slice(Math.max(0, f.start - 60), f.start + (IN_OR_ON.exec(said.norm.slice(f.start, f.end))?.[0].length ?? 0));
    const begun = f.kind === "day" && (BEGINS.test(before) || (f.part === undefined && BEGAN_THEN.test(before)));
    // "I start a new job on the 15th and need one before that": it is the end of the days.
    return begun && !NEEDED_BEFORE_THAT.test(said.norm.slice(f.end));
  });
  if (begins)
    return aroundEvents(
      said,
      found.filter((f) => f !== begins),
      moving,
    );
  const days = found.filter((f): f is DayFound => f.kind === "day" && !f.not).sort((a, b) => a.start - b.start);
  const event = days.find((d, i) => {
    const before = said.norm.slice(Math.max(0, d.start - 40), d.start);
    return i < days.length - 1
      ? (EVENT.test(before) && !isOurEvent(said, found, d)) ||
          LEAVES.test(before) ||
          (!moving &&
            days[i + 1]?.rule === "day/relative" &&
            !WISHES.test(said.norm.slice(0, d.start)) &&
            WISHES_THEN.test(said.norm.slice(d.end, days[i + 1]?.start)))
      : i > 0 && LEAVES.test(before) && /[.;?!,]/.test(said.norm.slice(days[i - 1]?.end, d.start));
  });
  if (!event) return [...found];
  const at = single(event.value)[0];
  const rest = found.filter((f) => f !== event);
  if (at === undefined) return rest;
  return rest
    .filter((f) => !(f.kind === "shift" && days.some((d) => d !== event && d.start < f.end && f.start < d.end)))
    .map((f): Found => {
      if (f.kind !== "day" || f.value.kind !== "relative" || f.start < event.end) return f;
      const { byDays, weekday } = f.value;
      // "The Wednesday after" is the next one from that day on.
      if (weekday !== undefined) {
        if (byDays !== 7) return f;
        const on = at + ((weekday - weekdayOf(at) + 6) % 7) + 1;
        return { ...f, value: { kind: "days", from: on, to: on } };
      }
      if (Math.abs(byDays) < 7) return { ...f, value: { kind: "days", from: at + byDays, to: at + byDays } };
      const monday = at - weekdayOf(at) + 1 + byDays;
      return { ...f, value: { kind: "days", from: monday, to: monday + 6 } };
    });
}
