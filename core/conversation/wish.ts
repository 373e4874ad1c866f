import type { House } from "../house/compile.ts";
import type { ReadContext } from "../language/context.ts";
import type { FoundOf } from "../language/found.ts";
import type { Reading } from "../language/read.ts";
import { mergeTimes } from "../language/slots.ts";
import type { DayWish, TimeWish, Wish } from "../schedule/wish.ts";
import { mondayOf, nextOf, weekdayOf, type DayNumber } from "../time/days.ts";
import { momentOf } from "../language/context.ts";
import type { WishState } from "./state.ts";

/** Adds what was said of days to a wish. A new day replaces the old; "not Tuesday" is added to it. */
export function addDays(wish: WishState, days: readonly FoundOf<"day">[], context: ReadContext): void {
  const positive = days.filter((d) => !d.not);
  const negative = days.filter((d) => d.not);
  if (positive.length > 0) {
    // Asked which of two days is meant, "this week" or "the later one" tells.
    const asked = wish.ask;
    const picked = asked?.filter((day) =>
      positive.every((d) => d.value.kind !== "days" || ((d.value.from ?? -Infinity) <= day && day <= (d.value.to ?? Infinity))),
    );
    if (asked && picked?.length === 1 && positive.every((d) => d.value.kind === "days") && picked[0] !== undefined) {
      delete wish.ask;
      wish.days = { ranges: [{ from: picked[0], to: picked[0] }] };
      return;
    }
    const named = inTheWeek(wish, positive);
    const made = dayWish(named, context);
    delete wish.ask;
    if (made.ask) wish.ask = made.ask;
    if (positive.every((d) => d.rule === "day/weekday")) wish.byName = true;
    else delete wish.byName;
    const kept = wish.days;
    wish.days = made.days;
    // "Next week", or any such stretch: a day that is then only named by its weekday is one of its days.
    const [stretch] =
      named.length === 1 || named.some((d) => d.value.kind === "soonest") ? named.flatMap((d) => (d.value.kind === "days" ? [d.value] : [])) : [];
    if (stretch?.from !== undefined && stretch.to !== undefined && stretch.to > stretch.from) wish.within = { from: stretch.from, to: stretch.to };
    // "Next weekend", where only one of its days is open, has two all the same.
    else if (stretch?.from !== undefined && named.length === 1 && /weekend$/.test(named[0]?.rule ?? ""))
      wish.within = { from: mondayOf(stretch.from) + 5, to: mondayOf(stretch.from) + 6 };
    else if (!named.every((d) => byWeekday(d) || (d.rule === "day/either" && d.weekdays))) delete wish.within;
    keepExcluded(wish.days, kept);
    const soonestOnly = positive.every((d) => d.value.kind === "soonest");
    if (soonestOnly && kept && kept.ranges.length > 0) wish.days = { ...kept, soonest: true };
  }
  if (negative.length > 0) {
    const to = wish.days ?? { ranges: [] };
    for (const d of negative) {
      const v = d.value;
      if (v.kind === "weekdays") to.excludeWeekdays = [...(to.excludeWeekdays ?? []), ...v.weekdays];
      else if (d.rule === "day/weekday" && d.weekday) to.excludeWeekdays = [...(to.excludeWeekdays ?? []), d.weekday];
      else if (v.kind === "days" && v.from !== undefined && v.to !== undefined)
        to.excludeDays = [...(to.excludeDays ?? []), ...Array.from({ length: Math.min(31, v.to - v.from + 1) }, (_, i) => (v.from as number) + i)];
    }
    wish.days = to;
  }
}

/** "Next week" and then "the Tuesday" narrow: what was ruled out stays so, until it is named itself. */
function keepExcluded(days: DayWish, kept: DayWish | undefined): void {
  const named = days.ranges.flatMap((r) => (r.from !== undefined && r.from === r.to ? [r.from] : []));
  const weekdays = [...(days.weekdays ?? []), ...named.map(weekdayOf)];
  const outDays = kept?.excludeDays?.filter((d) => !named.includes(d)) ?? [];
  const outWeekdays = kept?.excludeWeekdays?.filter((w) => !weekdays.includes(w)) ?? [];
  if (outDays.length > 0) days.excludeDays = outDays;
  if (outWeekdays.length > 0) days.excludeWeekdays = outWeekdays;
}

const byWeekday = (d: FoundOf<"day">): boolean => d.rule === "day/weekday" && d.weekday !== undefined;

/** Days named by their weekday as days of the stretch that was said before: "next week" – "Wednesday, then". */
function inTheWeek(wish: WishState, days: readonly FoundOf<"day">[]): readonly FoundOf<"day">[] {
  const { within } = wish;
  // "Next week" – "Thursday or Friday": both of that week.
  const [two, more] = days;
  if (within && two?.rule === "day/either" && two.weekdays && more === undefined) {
    const inside = Array.from({ length: Math.min(7, within.to - within.from + 1) }, (_, i) => within.from + i).filter((x) =>
      two.weekdays?.includes(weekdayOf(x)),
    );
    return inside.length === two.weekdays.length ? [{ ...two, value: { kind: "either", days: inside } }] : days;
  }
  if (!within || !days.every(byWeekday)) return days;
  const there = days.map((d) => {
    const inside = Array.from({ length: Math.min(7, within.to - within.from + 1) }, (_, i) => within.from + i).find((x) => weekdayOf(x) === d.weekday);
    // "The end of next week" – "rather the Wednesday": of the same week.
    const ofTheWeek = mondayOf(within.from) + (d.weekday as number) - 1;
    const day =
      inside ??
      (d.definite && mondayOf(within.from) === mondayOf(within.to) && d.value.kind === "days" && ofTheWeek > (d.value.from ?? Infinity)
        ? ofTheWeek
        : undefined);
    return day === undefined ? undefined : { ...d, value: { kind: "days" as const, from: day, to: day } };
  });
  return there.every((d) => d !== undefined) ? there : days;
}

export function dayWish(days: readonly FoundOf<"day">[], context: ReadContext): { days: DayWish; ask?: DayNumber[] } {
  const out: DayWish = { ranges: [] };
  let ask: DayNumber[] | undefined;
  for (const d of days) {
    const v = d.value;
    if (v.kind === "days") out.ranges.push({ ...(v.from === undefined ? {} : { from: v.from }), ...(v.to === undefined ? {} : { to: v.to }) });
    else if (v.kind === "either") for (const day of v.days) out.ranges.push({ from: day, to: day });
    else if (v.kind === "weekdays") out.weekdays = [...(out.weekdays ?? []), ...v.weekdays];
    else if (v.kind === "soonest") out.soonest = true;
    else if (v.kind === "ask") ask = v.days;
  }
  if (ask) out.ranges = ask.map((day) => ({ from: day, to: day }));
  void context;
  return ask ? { days: out, ask } : { days: out };
}

/** Noon, in minutes of the day. */
export const NOON = 12 * 60;

/** Keeps the half of the day that was wished for, before an hour takes its place: "in the evening" – "six, then". */
export function keepHalf(wish: WishState): void {
  const part = wish.times?.map((f) => f.value).find((v) => v.kind === "span");
  if ((part?.fromMin ?? 0) >= NOON) wish.halfWished = "pm";
  else if (part?.toMin !== undefined && part.toMin <= NOON) wish.halfWished = "am";
}

/** The single day a wish is about, if it is one. */
export function singleDay(days: DayWish | undefined): DayNumber | undefined {
  const r = days?.ranges.length === 1 ? days.ranges[0] : undefined;
  return r && r.from !== undefined && r.from === r.to && !days?.weekdays ? r.from : undefined;
}

/** The days of which one is wished for, where they are named one by one. */
function someDays(days: DayWish | undefined, today: DayNumber): DayNumber[] {
  const named = days?.ranges.flatMap((r) => (r.from !== undefined && r.from === r.to ? [r.from] : [])) ?? [];
  return [...named, ...(days?.weekdays ?? []).map((w) => nextOf(w, today))];
}

/** A wish ready for finding offers: times read against the day's hours. */
export function wishOf(house: House, state: WishState, now: number, staff: string[] | undefined, sameMin?: number): { wish: Wish; both?: number[] } {
  const day = singleDay(state.days);
  const context: ReadContext = { house, now, ...(day === undefined ? {} : { day }), ...(staff?.length === 1 ? { staff: staff[0] as string } : {}) };
  const merged = state.times
    ? mergeTimes(
        state.times,
        context,
        day ?? (state.times.some((t) => t.value.kind === "part") ? momentOf(context).today : undefined),
        someDays(state.days, momentOf(context).today),
      )
    : null;
  let time: TimeWish | undefined = merged?.wish;
  let both = merged?.candidates;
  const same = state.times?.some((t) => t.value.kind === "same") ? sameMin : undefined;
  if (same !== undefined) time = { fromMin: same, toMin: same, toIs: "start", nearMin: same };
  if (state.atMin !== undefined) {
    time = { fromMin: state.atMin, toMin: state.atMin, toIs: "start", nearMin: state.atMin };
    both = undefined;
  }
  // "As late as possible": of the last hours of a day, the latest first.
  if (time?.toMin !== undefined && state.times?.some((t) => t.value.kind === "part" && t.value.part === "end-of-day")) time = { ...time, nearMin: time.toMin };
  if (time && Object.keys(time).length === 0) time = undefined;
  return {
    wish: { ...(state.days ? { days: state.days } : {}), ...(time ? { time } : {}), ...(staff ? { staff } : {}) },
    ...(both ? { both } : {}),
  };
}

export function wishIn(reading: Reading): boolean {
  return reading.found.some(
    (f) =>
      (f.kind === "day" && f.part !== "old") ||
      (f.kind === "time" && f.part !== "old") ||
      f.kind === "service" ||
      f.kind === "length" ||
      (f.kind === "staff" && f.value !== "any"),
  );
}
