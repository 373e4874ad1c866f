import { ANY_OF, OF_THAT_WEEK, THAT_PART } from "../packs/en/joining.ts";
import { mondayOf } from "../../time/days.ts";
import { single } from "./join.ts";
import type { Found, FoundOf } from "../found.ts";
import type { Said } from "../text.ts";

/** "I have a do on Saturday night, could I come that afternoon": the part of that day that is wished for, and not when the other thing is. */
export function ofThatPart(said: Said, found: readonly Found[]): Found[] {
  const that = found.find((f) => f.kind === "time" && f.value.kind === "span" && THAT_PART.test(said.norm.slice(f.start, f.end)));
  return that ? found.filter((f) => f === that || !(f.kind === "time" && f.end <= that.start)) : [...found];
}

/**
 * "From the 10th to any day the week after", "the 9th is no good, have you a morning that week": any day of a week that is
 * told by another day. Where that day stands in the message it is that week; else it is measured later, from what was
 * offered or from the visit that is moved. "The week after, the same day" is one day.
 */
export function ofItsWeek(said: Said, found: readonly Found[], moving: boolean): Found[] {
  let out = [...found];
  for (const f of ofWeeks(out)) {
    const loose = f.rule === OF_THAT_WEEK || ANY_OF.test(said.norm.slice(0, f.start));
    if (!loose) {
      // "The week after, the same day and time".
      if (Math.abs(f.value.byDays) === 7) out = out.filter((g) => !(g.kind === "day" && g.start > f.end && g.value.kind === "relative" && sameDay(g.value)));
      continue;
    }
    // "Any day" beside it says no more.
    out = out.filter((g) => !(g.kind === "day" && g.value.kind === "soonest" && g.end <= f.start && ANY_OF.test(said.norm.slice(g.start, f.start))));
    const told = out.filter((g): g is FoundOf<"day"> => g.kind === "day" && g.end <= f.start && single(g.value).length === 1).at(-1);
    const [day] = told ? single(told.value) : [];
    const monday = day === undefined ? undefined : mondayOf(day) + f.value.byDays;
    const value: FoundOf<"day">["value"] = monday === undefined ? { ...f.value, week: true } : { kind: "days", from: monday, to: monday + 6 };
    // "A morning that week" is one wish.
    const ofIt = (g: Found): boolean => g === f || (g.kind === "time" && g.end <= f.start && BESIDE_IT.test(said.norm.slice(g.end, f.start)));
    out = out.map((g) => (ofIt(g) ? { ...g, ...(g === f ? { value } : {}), ...(moving ? { part: "new" as const } : {}) } : g) as Found);
  }
  return out;
}

const BESIDE_IT = /^ (?:in |of |during |on )?$/;

type Week = FoundOf<"day"> & { value: { kind: "relative"; byDays: number } };
const ofWeeks = (found: readonly Found[]): Week[] =>
  found.filter(
    (f): f is Week =>
      f.kind === "day" && !f.not && f.value.kind === "relative" && f.value.weekday === undefined && (f.rule === OF_THAT_WEEK || Math.abs(f.value.byDays) === 7),
  );
const sameDay = (v: { byDays: number; weekday?: number }): boolean => v.byDays === 0 && v.weekday === undefined;
