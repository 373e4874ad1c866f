import { partsOf } from "../../time/days.ts";
import type { Moment } from "../context.ts";
import type { Found } from "../found.ts";
import type { Said } from "../text.ts";

/** So many weeks on, a number after a weekday may still be its date. */
const WEEKS = 4;

/**
 * "Sat 6", "Friday 12, in the morning": a number straight after a weekday is its date where that weekday has it soon, and
 * it cannot be the hour, since the house is shut then or another hour is said.
 */
export function dated(said: Said, at: Moment, days: readonly Found[], times: readonly Found[]): { days: Found[]; times: Found[] } {
  const gone = new Set<Found>();
  const out = days.map((d): Found => {
    if (d.kind !== "day" || d.rule !== "day/weekday" || d.value.kind !== "days" || d.value.from === undefined || d.value.from !== d.value.to) return d;
    const hour = times.find((t) => t.rule === "time/clock" && said.norm.slice(d.end, t.start).trim() === "" && t.start > d.end);
    const number = hour ? said.norm.slice(hour.start, hour.end) : "";
    if (!hour || !/^\d{1,2}$/.test(number)) return d;
    const n = Number(number);
    const from = d.value.from;
    const day = Array.from({ length: WEEKS }, (_, i) => from + 7 * i).find((x) => partsOf(x).date === n);
    if (day === undefined) return d;
    const open = at.house.openOn(day);
    const fits = [n % 12, (n % 12) + 12].some((h) => open.some((w) => w.fromMin <= h * 60 && h * 60 < w.toMin));
    if (fits && !times.some((t) => t !== hour)) return d;
    gone.add(hour);
    return { ...d, value: { kind: "days", from: day, to: day }, rule: "day/weekday-and-date", end: hour.end };
  });
  return { days: out, times: times.filter((t) => !gone.has(t)) };
}
