import type { House } from "../house/compile.ts";
import type { DayNumber } from "../time/days.ts";
import type { EpochMin } from "../time/zone.ts";
import type { Calendar } from "./calendar.ts";
import { findOffers } from "./offers.ts";
import { openings, type Opening } from "./openings.ts";

export interface SeriesRequest {
  service: string;
  lengthMin: number;
  staff?: readonly string[];
  firstDay: DayNumber;
  /** Wall minute of the day. */
  minute: number;
  times: number;
  everyWeeks: number;
  noNotice?: boolean;
}

/** One week of a series: its opening, or what could be had instead. */
export interface SeriesWeek {
  day: DayNumber;
  opening: Opening | null;
  instead: Opening[];
}

/**
 * "Six Tuesdays at four": the whole of it, always with one person, the one with whom most weeks fit. The weeks that do
 * not fit are shown as such, each with the nearest that there is in that week.
 */
export function series(house: House, calendar: Calendar, now: EpochMin, request: SeriesRequest): { staff: string | null; weeks: SeriesWeek[] } {
  const days = Array.from({ length: request.times }, (_, i) => request.firstDay + i * 7 * request.everyWeeks);
  const base = { service: request.service, lengthMin: request.lengthMin, ...(request.noNotice ? { noNotice: true } : {}) };
  const byDay = days.map((day) => {
    const at = house.zone.toEpochMin(day, request.minute);
    return [...openings(house, calendar, now, { ...base, ...(request.staff ? { staff: request.staff } : {}), fromDay: day, toDay: day })].filter(
      (o) => o.startMin === at,
    );
  });
  const people = request.staff ?? house.needs(request.service, request.lengthMin)?.people ?? [];
  let staff: string | null = null;
  let most = 0;
  for (const id of people) {
    const n = byDay.filter((list) => list.some((o) => o.staff === id)).length;
    if (n > most) {
      most = n;
      staff = id;
    }
  }
  const weeks = days.map((day, i): SeriesWeek => {
    const opening = byDay[i]?.find((o) => o.staff === staff) ?? null;
    if (opening) return { day, opening, instead: [] };
    const wish = {
      days: { ranges: [{ from: day - 3, to: day + 3 }] },
      time: { nearMin: request.minute },
      ...(staff ? { staff: [staff] } : request.staff ? { staff: request.staff } : {}),
    };
    return { day, opening, instead: findOffers(house, calendar, now, { ...base, wish }).offers };
  });
  return { staff, weeks };
}
