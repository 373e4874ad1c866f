import { likely } from "../../knowledge/likely.ts";
import { complains } from "../../language/features.ts";
import { NEEDS, OF_OURS } from "../../language/packs/en/talk.ts";
import type { Reading } from "../../language/read.ts";
import { contextOf } from "../context.ts";
import { applyToBook } from "../errands/apply.ts";
import { ofTheNeed } from "../errands/told.ts";
import { proceed } from "../proceed.ts";
import { newBook } from "../tasks.ts";
import type { Turn } from "../turn.ts";

/** Begins a visit for what was told of, whatever it is of. */
export function visitFor(t: Turn, reading: Reading, rule: string): void {
  t.state.task = { ...newBook(), complaint: true };
  t.rule(rule);
  applyToBook(t, t.state.task, reading, contextOf(t.house, t.now, t.state));
  proceed(t);
}

/** "Got a new pup, she's full of knots": whether a need is told of, nothing is asked, and a service is for such a thing. */
export const tellsOfNeed = (t: Turn, reading: Reading): boolean =>
  !reading.question && (NEEDS.test(reading.said) || OF_OURS.test(reading.said) || complains(reading.said)) && likely(t.house, ofTheNeed(reading)).length > 0;
