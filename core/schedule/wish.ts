import type { House } from "../house/compile.ts";
import { weekdayOf, type DayNumber } from "../time/days.ts";
import type { EpochMin } from "../time/zone.ts";
import type { Opening } from "./openings.ts";

/** Days a client would come. Ranges are inclusive; an open end means "whenever". */
export interface DayWish {
  ranges: { from?: DayNumber; to?: DayNumber }[];
  weekdays?: number[];
  excludeDays?: DayNumber[];
  excludeWeekdays?: number[];
  /** Soonest first was asked for. */
  soonest?: boolean;
}

/** A time of day, in minutes of the house's wall. `toIs` says whether the visit starts or ends by `toMin`. */
export interface TimeWish {
  fromMin?: number;
  toMin?: number;
  toIs?: "start" | "end";
  /** Nearest to this first. */
  nearMin?: number;
  /** Only these starts will do: "ten or eleven". */
  startMins?: number[];
}

export interface Wish {
  days?: DayWish;
  time?: TimeWish;
  staff?: readonly string[];
}

/** Whether a day was ruled out: "not on the 9th", "no Mondays". */
export const rulesOut = (days: DayWish | undefined, day: DayNumber): boolean =>
  days?.excludeDays?.includes(day) === true || days?.excludeWeekdays?.includes(weekdayOf(day)) === true;

export function wantsDay(days: DayWish | undefined, day: DayNumber): boolean {
  if (!days) return true;
  const weekday = weekdayOf(day);
  if (rulesOut(days, day)) return false;
  if (days.weekdays && !days.weekdays.includes(weekday)) return false;
  return days.ranges.length === 0 || days.ranges.some((r) => (r.from === undefined || day >= r.from) && (r.to === undefined || day <= r.to));
}

/** Minutes that a visit lies outside the wished time of day; 0 is inside. */
export function minutesOff(time: TimeWish | undefined, startMinute: number, lengthMin: number): number {
  if (!time) return 0;
  if (time.startMins) return Math.min(...time.startMins.map((m) => Math.abs(m - startMinute)));
  let off = 0;
  if (time.fromMin !== undefined && startMinute < time.fromMin) off += time.fromMin - startMinute;
  if (time.toMin !== undefined) {
    const reach = time.toIs === "end" ? startMinute + lengthMin : startMinute;
    // A part of the day ends where the next begins: "afternoon" until 17:00 has no start at 17:00; an hour named has.
    const over = time.toIs === "start" && time.nearMin === undefined && time.toMin !== time.fromMin ? reach - time.toMin + 1 : reach - time.toMin;
    if (over > 0) off += over;
  }
  return off;
}

/** Whether an opening is inside a wish. */
export function fits(house: House, wish: Wish, opening: Opening): boolean {
  const { day, minute } = house.zone.toLocal(opening.startMin);
  return wantsDay(wish.days, day) && minutesOff(wish.time, minute, opening.lengthMin) === 0 && (!wish.staff || wish.staff.includes(opening.staff));
}

/** The first and last day that a wish can mean inside bounds. */
export function wishSpan(days: DayWish | undefined, first: DayNumber, last: DayNumber): { from: DayNumber; to: DayNumber } {
  if (!days || days.ranges.length === 0) return { from: first, to: last };
  const from = Math.min(...days.ranges.map((r) => r.from ?? first));
  const to = Math.max(...days.ranges.map((r) => r.to ?? last));
  return { from: Math.max(first, from), to: Math.min(last, to) };
}

export type { EpochMin };
