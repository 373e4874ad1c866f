/**
 * Calendar days as whole numbers: days since 1970-01-01, without a zone. Weekdays are 1 (Monday) to 7 (Sunday),
 * as ISO 8601 numbers them.
 */
export type DayNumber = number;

export const WEEKDAYS = ["Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday"] as const;
export type WeekdayName = (typeof WEEKDAYS)[number];

export const MONTHS = ["January", "February", "March", "April", "May", "June", "July", "August", "September", "October", "November", "December"] as const;

const DAY_MS = 86_400_000;

/** Gives the day number of a civil date, or null when there is no such date (30 February). */
export function dayFrom(year: number, month: number, date: number): DayNumber | null {
  if (year < 1 || year > 9999) return null;
  const ms = Date.UTC(2000, month - 1, date);
  const at = new Date(ms);
  at.setUTCFullYear(year, month - 1, date);
  if (at.getUTCMonth() !== month - 1 || at.getUTCDate() !== date) return null;
  return Math.floor(at.getTime() / DAY_MS);
}

/** The parts of a day number: year, month 1–12, date 1–31. */
export function partsOf(day: DayNumber): { year: number; month: number; date: number } {
  const at = new Date(day * DAY_MS);
  return { year: at.getUTCFullYear(), month: at.getUTCMonth() + 1, date: at.getUTCDate() };
}

/** Reads YYYY-MM-DD. Throws RangeError on anything else. */
export function dayOfIso(iso: string): DayNumber {
  const m = /^(\d{4})-(\d{2})-(\d{2})$/.exec(iso);
  const day = m ? dayFrom(Number(m[1]), Number(m[2]), Number(m[3])) : null;
  if (day === null) throw new RangeError(`not a date: ${iso}`);
  return day;
}

/** Writes YYYY-MM-DD. */
export function isoOfDay(day: DayNumber): string {
  return new Date(day * DAY_MS).toISOString().slice(0, 10);
}

/** 1 (Monday) to 7 (Sunday). 1970-01-01 was a Thursday. */
export function weekdayOf(day: DayNumber): number {
  return ((((day + 3) % 7) + 7) % 7) + 1;
}

/** The first such weekday (1 Monday to 7 Sunday) from a day on, that day included. */
export const nextOf = (weekday: number, from: DayNumber): DayNumber => from + ((weekday - weekdayOf(from) + 7) % 7);

export function weekdayName(weekday: number): WeekdayName {
  const name = WEEKDAYS[weekday - 1];
  if (!name) throw new RangeError(`not a weekday: ${weekday}`);
  return name;
}

export function weekdayNumber(name: WeekdayName): number {
  return WEEKDAYS.indexOf(name) + 1;
}

/** The Monday of the week that holds the day. */
export function mondayOf(day: DayNumber): DayNumber {
  return day - weekdayOf(day) + 1;
}

/** The last day of a month, as a day number. */
export function lastOfMonth(year: number, month: number): DayNumber {
  const next = month === 12 ? dayFrom(year + 1, 1, 1) : dayFrom(year, month + 1, 1);
  if (next === null) throw new RangeError(`no such month: ${year}-${month}`);
  return next - 1;
}

/** The same date some months on; the 31st becomes the last day of a shorter month. */
export function addMonths(day: DayNumber, months: number): DayNumber {
  const { year, month, date } = partsOf(day);
  const index = year * 12 + (month - 1) + months;
  const y = Math.floor(index / 12);
  const m = (index % 12) + 1;
  return dayFrom(y, m, date) ?? lastOfMonth(y, m);
}

/** Easter Sunday of a year in the Gregorian calendar, by the Meeus/Jones/Butcher rule. */
export function easterOf(year: number): DayNumber {
  const a = year % 19;
  const b = Math.floor(year / 100);
  const c = year % 100;
  const d = Math.floor(b / 4);
  const e = b % 4;
  const f = Math.floor((b + 8) / 25);
  const g = Math.floor((b - f + 1) / 3);
  const h = (19 * a + b - d - g + 15) % 30;
  const i = Math.floor(c / 4);
  const k = c % 4;
  const l = (32 + 2 * e + 2 * i - h - k) % 7;
  const m = Math.floor((a + 11 * h + 22 * l) / 451);
  const month = Math.floor((h + l - 7 * m + 114) / 31);
  const date = ((h + l - 7 * m + 114) % 31) + 1;
  const day = dayFrom(year, month, date);
  if (day === null) throw new RangeError(`no Easter in ${year}`);
  return day;
}

/** The n-th weekday of a month; n below 0 counts from the end (-1 is the last). */
export function nthWeekday(year: number, month: number, weekday: number, n: number): DayNumber | null {
  const first = dayFrom(year, month, 1);
  if (first === null || n === 0) return null;
  const last = lastOfMonth(year, month);
  if (n > 0) {
    const day = first + ((weekday - weekdayOf(first) + 7) % 7) + (n - 1) * 7;
    return day <= last ? day : null;
  }
  const day = last - ((weekdayOf(last) - weekday + 7) % 7) + (n + 1) * 7;
  return day >= first ? day : null;
}
