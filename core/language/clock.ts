import type { House } from "../house/compile.ts";
import type { TimeWish } from "../schedule/wish.ts";
import type { DayNumber } from "../time/days.ts";
import type { ClockValue, TimeValue } from "./found.ts";

/** A time of day read against opening hours. */
export interface TimeRead {
  wish: TimeWish;
  /** Both halves of the day would do: the client is asked. */
  candidates?: number[];
  /** Which half was taken, where the words did not say. */
  assumed?: string;
  /** Waits for a day: "first thing" without one. */
  waits?: "first-thing" | "end-of-day";
}

/**
 * The opening window a time is read against: of the day, of all of several days that may be meant, or of the house's
 * longest day where none is named.
 */
export function hoursFor(
  house: House,
  day: DayNumber | undefined,
  staff?: string,
  amongst: readonly DayNumber[] = [],
): { fromMin: number; toMin: number } | null {
  if (day !== undefined) {
    const own = staff ? house.worksOn(staff, day) : [];
    const windows = own.length > 0 ? own : house.openOn(day);
    if (windows.length > 0) return around(windows);
  }
  const open = day === undefined ? amongst.flatMap((d) => house.openOn(d)) : [];
  if (open.length > 0) return around(open);
  let best: { fromMin: number; toMin: number } | null = null;
  // Any seven days with their weekly hours: closed days do not matter here.
  for (const h of house.handbook.hours) {
    const fromMin = minute(h.from);
    const toMin = minute(h.to);
    if (!best || toMin - fromMin > best.toMin - best.fromMin) best = { fromMin, toMin };
  }
  return best;
}

const around = (windows: readonly { fromMin: number; toMin: number }[]): { fromMin: number; toMin: number } => ({
  fromMin: Math.min(...windows.map((w) => w.fromMin)),
  toMin: Math.max(...windows.map((w) => w.toMin)),
});

const minute = (s: string): number => Number(s.slice(0, 2)) * 60 + Number(s.slice(3));

function resolve(at: ClockValue, hours: { fromMin: number; toMin: number } | null): { min: number; both?: number[]; assumed?: string } {
  const early = at.hour * 60 + at.minute;
  if (at.certain || at.hour > 12) return { min: early };
  const am = (at.hour % 12) * 60 + at.minute;
  const pm = am + 720;
  const inside = (m: number): boolean => hours !== null && m >= hours.fromMin && m < hours.toMin;
  if (inside(am) && inside(pm)) return { min: am, both: [am, pm] };
  if (inside(am)) return { min: am, assumed: "morning, by the opening hours" };
  return { min: pm, assumed: "afternoon, by the opening hours" };
}

/**
 * Reads a time of day against the hours of a day (of those in `amongst` where it is one of several), of the person where
 * one is named (only for parts like "first thing").
 */
export function readTime(house: House, value: TimeValue, day: DayNumber | undefined, staff?: string, amongst: readonly DayNumber[] = []): TimeRead {
  const hours = hoursFor(house, day, undefined, amongst);
  const done = (wish: TimeWish, r?: { both?: number[]; assumed?: string }): TimeRead => ({
    wish,
    ...(r?.both ? { candidates: r.both } : {}),
    ...(r?.assumed ? { assumed: r.assumed } : {}),
  });
  switch (value.kind) {
    case "at": {
      const r = resolve(value.at, hours);
      return done({ fromMin: r.min, toMin: r.min, toIs: "start", nearMin: r.min }, r);
    }
    case "from": {
      const r = resolve(value.at, hours);
      return done({ fromMin: r.min }, r.both ? { assumed: "morning, by the opening hours" } : r);
    }
    case "until": {
      // "By 5" on a day that closes at 5 is the closing hour: it may be reached, so the window's end counts.
      const wide = hours && { fromMin: hours.fromMin + 1, toMin: hours.toMin + 1 };
      const read = resolve(value.at, wide);
      // "Before nine", of a day from nine to one: before it opens, and not at nine in the evening.
      const opens = hours !== null && !value.at.certain && read.min >= 720 && read.min - 720 === hours.fromMin && read.min > hours.toMin;
      const r = opens ? { min: hours.fromMin } : read;
      return done({ toMin: r.min, toIs: value.is }, r.both ? { assumed: "morning, by the opening hours" } : r);
    }
    case "around": {
      const r = resolve(value.at, hours);
      return done({ fromMin: r.min - 30, toMin: r.min + 30, toIs: "start", nearMin: r.min }, r);
    }
    case "either": {
      const starts: number[] = [];
      for (const at of value.hours) starts.push(at.certain || starts.length === 0 ? resolve(at, hours).min : after(at, starts.at(-1) as number));
      return done({ fromMin: Math.min(...starts), toMin: Math.max(...starts), toIs: "start", nearMin: starts[0] as number, startMins: starts });
    }
    case "between": {
      const sameHalf = value.to.certain && !value.from.certain && value.to.hour > 12 ? pmIfFits(value.from, value.to) : null;
      const from = sameHalf ?? resolve(value.from, hours).min;
      const to = value.to.certain ? value.to.hour * 60 + value.to.minute : after(value.to, from);
      return done({ fromMin: from, toMin: to, toIs: "end" });
    }
    case "span":
      return done({
        ...(value.fromMin === undefined ? {} : { fromMin: value.fromMin }),
        ...(value.toMin === undefined ? {} : { toMin: value.toMin, toIs: "start" as const }),
      });
    case "same":
      return { wish: {} };
    case "part": {
      if (day === undefined) return { wish: {}, waits: value.part };
      const own = hoursFor(house, day, staff);
      if (!own) return { wish: {}, waits: value.part };
      return value.part === "first-thing"
        ? done({ fromMin: own.fromMin, toMin: own.fromMin + 60, toIs: "start" })
        : done({ fromMin: own.toMin - 120, toMin: own.toMin, toIs: "start" });
    }
  }
}

/** "2 to 4 pm": the first takes the second's half when that comes before it. */
function pmIfFits(from: ClockValue, to: ClockValue): number | null {
  const pm = (from.hour % 12) * 60 + from.minute + 720;
  return pm < to.hour * 60 + to.minute ? pm : null;
}

function after(at: ClockValue, fromMin: number): number {
  const am = (at.hour % 12) * 60 + at.minute;
  return am > fromMin ? am : am + 720 > fromMin ? am + 720 : am;
}
