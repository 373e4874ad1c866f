import { Temporal } from "temporal-polyfill";
import { dayOfIso, type DayNumber } from "./days.ts";

/** Minutes since 1970-01-01T00:00Z. All instants inside the core are whole minutes. */
export type EpochMin = number;

/** A moment on the house's wall: its calendar day and the minutes since that day's midnight by the clock. */
export interface LocalTime {
  day: DayNumber;
  minute: number;
}

/**
 * Turns wall time into instants and back for one IANA zone. Wall times that a clock change skips are taken with the
 * offset before the change (so they land after it); those that come twice are the first of the two. That is
 * Temporal's "compatible" rule, RFC 5545 section 3.3.5 in other words.
 */
export interface Zone {
  id: string;
  toEpochMin(day: DayNumber, minute: number): EpochMin;
  toLocal(at: EpochMin): LocalTime;
  /** Minutes that wall time is ahead of UTC at an instant. */
  offsetAt(at: EpochMin): number;
}

const known = new Map<string, Zone>();

/** The zone of an IANA name. Throws RangeError when there is none. */
export function zoneOf(id: string): Zone {
  const have = known.get(id);
  if (have) return have;
  const zone = makeZone(id);
  known.set(id, zone);
  return zone;
}

const FIRST_YEAR = 1990;
const LAST_YEAR = 2075;

function makeZone(id: string): Zone {
  let at: Temporal.ZonedDateTime | null = Temporal.ZonedDateTime.from(`${FIRST_YEAR}-01-01T00:00[${id}]`);
  const starts: EpochMin[] = [-Infinity];
  const offsets: number[] = [Math.round(at.offsetNanoseconds / 6e10)];
  for (;;) {
    at = at.getTimeZoneTransition("next");
    if (!at || at.year > LAST_YEAR) break;
    starts.push(Math.floor(at.epochMilliseconds / 60_000));
    offsets.push(Math.round(at.offsetNanoseconds / 6e10));
  }
  const offsetAt = (instant: EpochMin): number => {
    let lo = 0;
    let hi = starts.length - 1;
    while (lo < hi) {
      const mid = (lo + hi + 1) >> 1;
      if ((starts[mid] as number) <= instant) lo = mid;
      else hi = mid - 1;
    }
    return offsets[lo] as number;
  };
  return {
    id,
    offsetAt,
    toEpochMin(day, minute) {
      const wall = day * 1440 + minute;
      const before = offsetAt(wall - 1440);
      const guess = wall - before;
      const there = offsetAt(guess);
      if (there === before) return guess;
      const other = wall - there;
      return offsetAt(other) === there ? other : guess;
    },
    toLocal(instant) {
      const wall = instant + offsetAt(instant);
      const day = Math.floor(wall / 1440);
      return { day, minute: wall - day * 1440 };
    },
  };
}

const pad = (n: number): string => String(n).padStart(2, "0");

/** HH:MM of minutes since midnight; 1440 is 24:00. */
export function clockText(minute: number): string {
  return `${pad(Math.floor(minute / 60))}:${pad(minute % 60)}`;
}

/** Reads HH:MM (00:00 to 24:00) as minutes since midnight. Throws RangeError on anything else. */
export function minuteOfClock(text: string): number {
  const m = /^(\d{2}):(\d{2})$/.exec(text);
  const minute = m ? Number(m[1]) * 60 + Number(m[2]) : NaN;
  if (!m || Number(m[2]) > 59 || minute > 1440) throw new RangeError(`not a time of day: ${text}`);
  return minute;
}

/** RFC 3339 with the zone's offset, to the second. */
export function rfc3339(zone: Zone, at: EpochMin): string {
  const offset = zone.offsetAt(at);
  const wall = new Date((at + offset) * 60_000).toISOString().slice(0, 19);
  const abs = Math.abs(offset);
  return `${wall}${offset < 0 ? "-" : "+"}${pad(Math.floor(abs / 60))}:${pad(abs % 60)}`;
}

/** Reads `YYYY-MM-DDTHH:MM` (seconds allowed) as wall time of the zone, or an RFC 3339 time with offset. */
export function epochMinOf(zone: Zone, text: string): EpochMin {
  const m = /^(\d{4}-\d{2}-\d{2})T(\d{2}:\d{2})(?::\d{2}(?:\.\d+)?)?$/.exec(text);
  if (m) return zone.toEpochMin(dayOfIso(m[1] as string), minuteOfClock(m[2] as string));
  const ms = /T.*(Z|[+-]\d{2}:\d{2})$/.test(text) ? Date.parse(text) : NaN;
  if (Number.isNaN(ms)) throw new RangeError(`not a time: ${text}`);
  return Math.floor(ms / 60_000);
}
