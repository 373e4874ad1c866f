import * as rrule from "rrule";
import { dayOfIso, partsOf, weekdayName, type DayNumber, type WeekdayName } from "./days.ts";

// For Node the package is one CommonJS object, for bundlers it has named parts: both are taken.
const whole = rrule as unknown as { RRule?: typeof rrule.RRule } & Record<"default", { RRule: typeof rrule.RRule } | undefined>;
const RRule = (whole.RRule ?? whole["default"]?.RRule) as typeof rrule.RRule;

/** Days that come again, by a recurrence rule of RFC 5545 (section 3.3.10) counted from a first day. */
export interface Recurrence {
  has(day: DayNumber): boolean;
  /** All days between two, both included. */
  between(from: DayNumber, to: DayNumber): DayNumber[];
}

const DAY_MS = 86_400_000;
const known = new Map<string, Recurrence>();

/**
 * Reads a recurrence rule. Only whole days are meant: rules by the hour, minute or second are refused.
 * Throws RangeError with what is wrong.
 */
export function recurrenceOf(rule: string, from: string): Recurrence {
  const key = `${from} ${rule}`;
  const have = known.get(key);
  if (have) return have;
  const made = read(rule, from);
  if (known.size > 2000) known.clear();
  known.set(key, made);
  return made;
}

function read(text: string, from: string): Recurrence {
  const first = dayOfIso(from);
  if (!/^FREQ=(?:DAILY|WEEKLY|MONTHLY|YEARLY)(?:;[A-Z]+=[^;=]+)*$/.test(text)) throw new RangeError(`not a recurrence of days: ${text}`);
  if (/BYHOUR|BYMINUTE|BYSECOND|DTSTART|TZID/.test(text)) throw new RangeError(`a recurrence of days has no clock times: ${text}`);
  let options;
  try {
    options = RRule.parseString(text);
  } catch (error) {
    throw new RangeError(`not a recurrence: ${text} (${error instanceof Error ? error.message : ""})`);
  }
  if (options.count && options.until) throw new RangeError("a recurrence ends by a count or by a day, not by both");
  if (options.interval !== undefined && !(options.interval >= 1)) throw new RangeError("a recurrence comes every 1 or more");
  // Days are counted as if they all lay in UTC, so that no clock change stands between them.
  const until = options.until ? { until: new Date(Math.floor(options.until.getTime() / DAY_MS) * DAY_MS) } : {};
  const rule = new RRule({ ...options, ...until, dtstart: new Date(first * DAY_MS) });
  const years = new Map<number, Set<DayNumber>>();
  const dayOf = (d: Date): DayNumber => Math.floor(d.getTime() / DAY_MS);
  const between = (a: DayNumber, b: DayNumber): DayNumber[] => rule.between(new Date(a * DAY_MS), new Date(b * DAY_MS), true).map(dayOf);
  return {
    between,
    has(day) {
      if (day < first) return false;
      const { year } = partsOf(day);
      let days = years.get(year);
      if (!days) {
        days = new Set(between(dayOfIso(`${year}-01-01`), dayOfIso(`${year}-12-31`)));
        years.set(year, days);
      }
      return days.has(day);
    },
  };
}

const CODES: Record<WeekdayName, string> = { Monday: "MO", Tuesday: "TU", Wednesday: "WE", Thursday: "TH", Friday: "FR", Saturday: "SA", Sunday: "SU" };
const NTH = ["first", "second", "third", "fourth", "fifth"] as const;

/** "Every second week" of some weekdays, as a rule. */
export const everyWeeks = (weeks: number, weekdays: readonly WeekdayName[]): string =>
  `FREQ=WEEKLY;INTERVAL=${weeks};BYDAY=${weekdays.map((d) => CODES[d]).join(",")}`;

/** "The first and third Thursday of the month", as a rule. -1 is the last. */
export const nthOfMonth = (nth: readonly number[], weekdays: readonly WeekdayName[]): string =>
  `FREQ=MONTHLY;BYDAY=${nth.flatMap((n) => weekdays.map((d) => `${n}${CODES[d]}`)).join(",")}`;

/** A rule in plain words, for those that people use; else the rule itself. */
export function ruleWords(rule: string): string {
  const parts = Object.fromEntries(rule.split(";").map((p) => p.split("=") as [string, string]));
  const extra = Object.keys(parts).filter((k) => !["FREQ", "INTERVAL", "BYDAY", "WKST"].includes(k));
  const days = (parts["BYDAY"] ?? "").split(",").map((d) => /^([+-]?\d)?([A-Z]{2})$/.exec(d));
  if (extra.length > 0 || days.some((d) => !d)) return rule;
  const interval = Number(parts["INTERVAL"] ?? 1);
  const name = (code: string): string => Object.entries(CODES).find(([, c]) => c === code)?.[0] ?? code;
  const list = (words: string[]): string => [...new Set(words)].join(" and ");
  const names = list(days.map((d) => name(d?.[2] ?? "")));
  const ordinals = days.map((d) => d?.[1]);
  if (parts["FREQ"] === "WEEKLY" && ordinals.every((o) => !o))
    return interval === 1 ? `every ${names}` : interval === 2 ? `every second ${names}` : `every ${interval} weeks on ${names}`;
  if (parts["FREQ"] === "MONTHLY" && interval === 1 && ordinals.every((o) => o))
    return `${list(ordinals.map((o) => (o === "-1" ? "last" : (NTH[Number(o) - 1] ?? rule))))} ${names} of the month`;
  return rule;
}

/** Reads "every second Saturday", "every 3 weeks on Mon", "first and third Thursday of the month"; null where it says nothing of the kind. */
export function ruleOfWords(words: string): string | null {
  const text = words.toLowerCase();
  const weekdays = [1, 2, 3, 4, 5, 6, 7]
    .map((n) => weekdayName(n))
    .filter((d) => new RegExp(`\\b${d.slice(0, 3).toLowerCase()}(?:${d.slice(3).toLowerCase()}|[a-z]{0,2})s?\\b`).test(text.replace(/\bmonths?\b/g, "")));
  if (weekdays.length === 0) return null;
  const nth = NTH.map((n, i) => (new RegExp(`\\b(?:${n}|${i + 1}(?:st|nd|rd|th))\\b`).test(text) ? i + 1 : 0)).filter((n) => n > 0);
  if (/\blast\b/.test(text)) nth.push(-1);
  if (/\bmonth\b/.test(text)) return nth.length > 0 ? nthOfMonth(nth, weekdays) : null;
  const weeks = /\bevery (\d{1,2}) weeks\b/.exec(text);
  if (weeks) return everyWeeks(Number(weeks[1]), weekdays);
  if (/\b(?:every (?:second|other)|alternate|fortnightly)\b/.test(text)) return everyWeeks(2, weekdays);
  const other = /\bevery (third|fourth|fifth)\b/.exec(text);
  if (other) return everyWeeks(NTH.indexOf(other[1] as (typeof NTH)[number]) + 1, weekdays);
  return null;
}
