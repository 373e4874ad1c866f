import type { House } from "../house/compile.ts";
import type { Rules } from "../house/schema.ts";
import { withRules } from "../house/compile.ts";
import type { DayNumber } from "../time/days.ts";
import { subtract } from "../time/intervals.ts";
import { CalendarBook, type BusyRow } from "./calendar.ts";
import { DayPlan } from "./dayplan.ts";
import { findOffers, shortestOf } from "./offers.ts";
import { rowOf } from "./openings.ts";

/** Minutes of a day in which somebody works and is free, in stretches too short for anything that they do. */
export function unusableOf(house: House, calendar: CalendarBook, day: DayNumber): number {
  const plan = new DayPlan(house, calendar, day);
  let sum = 0;
  for (const s of house.handbook.staff) {
    if (!s.bookable) continue;
    const shortest = shortestOf(house, s.id);
    const works = house.worksOn(s.id, day).map((w) => ({ startMin: plan.at(w.fromMin), endMin: plan.at(w.toMin) }));
    for (const free of subtract(works, plan.staffTaken(s.id))) if (free.endMin - free.startMin < shortest) sum += free.endMin - free.startMin;
  }
  return sum;
}

/** A booking of the past, as it was made: for a day, in the morning or the afternoon. */
export interface PastBooking {
  service: string;
  lengthMin: number;
  startMin: number;
}

const SETTINGS: NonNullable<Rules["offers"]>[] = ["nearest", "tidy", "quiet"];
const NOON = 720;

/**
 * How many minutes of unusable gaps each setting would have left, had the past bookings been offered by it: each, in
 * the order in which they were made, is given the first offer for its day and half of the day. The other rows
 * stood whatever was offered.
 */
export function gapsBySetting(
  house: House,
  past: readonly PastBooking[],
  others: readonly BusyRow[],
): { setting: (typeof SETTINGS)[number]; gapMin: number; placed: number }[] {
  const days = [...new Set(past.map((b) => house.zone.toLocal(b.startMin).day))].sort((a, b) => a - b);
  const first = days[0];
  if (first === undefined) return SETTINGS.map((setting) => ({ setting, gapMin: 0, placed: 0 }));
  // Seen from before the first of them, so that none is too late or too far to be offered.
  const now = house.zone.toEpochMin(first - 1, 0);
  return SETTINGS.map((setting) => {
    const trial = withRules(house, { offers: setting, noticeMin: 0, horizonDays: 730 });
    const calendar = new CalendarBook(others);
    let placed = 0;
    past.forEach((b, i) => {
      const { day, minute } = house.zone.toLocal(b.startMin);
      const { offers } = findOffers(trial, calendar, now, {
        service: b.service,
        lengthMin: b.lengthMin,
        wish: { days: { ranges: [{ from: day, to: day }] }, time: minute < NOON ? { toMin: NOON, toIs: "start" } : { fromMin: NOON } },
        most: 1,
      });
      const [o] = offers;
      if (!o || house.zone.toLocal(o.startMin).day !== day) return;
      placed++;
      calendar.set(rowOf(trial, `past ${i}`, o, 1));
    });
    return { setting, gapMin: days.reduce((n, d) => n + unusableOf(trial, calendar, d), 0), placed };
  });
}
