import { likely } from "../../knowledge/likely.ts";
import { asksSomething, SURELY } from "../errands/handbook.ts";
import { matches } from "../../knowledge/match.ts";
import { complains } from "../../language/features.ts";
import { isAsk, isGuess } from "../../language/errand.ts";
import { A_THING_AILS, ASKS_AT_LAST, BEFELL, CAN_YOU_FOR_THEM, NEEDS, OF_OURS, THE_THING_AILS, TOLD_BESIDES } from "../../language/packs/en/talk.ts";
import { HANDS_ON } from "../../language/packs/en/signs.ts";
import type { Reading } from "../../language/read.ts";
import { contextOf } from "../context.ts";
import { applyToBook } from "../errands/apply.ts";
import { ofTheNeed } from "../errands/told.ts";
import { proceed } from "../proceed.ts";
import { newBook } from "../tasks.ts";
import type { Turn } from "../turn.ts";
import { idle, type Step } from "./heard.ts";

/** Begins a visit for what was told of, whatever it is of. */
export function visitFor(t: Turn, reading: Reading, rule: string): void {
  t.state.task = { ...newBook(), complaint: true };
  t.rule(rule);
  applyToBook(t, t.state.task, reading, contextOf(t.house, t.now, t.state));
  proceed(t);
}

/** "Got a new pup, she's full of knots": whether a need is told of, nothing is asked, and a service is for such a thing. */
export const tellsOfNeed = (t: Turn, reading: Reading): boolean => !reading.question && needIn(t, reading);

/** The same, where something may be asked beside it. */
const needIn = (t: Turn, reading: Reading): boolean =>
  (NEEDS.test(reading.said) ||
    BEFELL.test(reading.said) ||
    OF_OURS.test(reading.said) ||
    A_THING_AILS.test(reading.said) ||
    (THE_THING_AILS.test(reading.said) && reading.found.some((f) => f.kind === "service")) ||
    complains(reading.said)) &&
  likely(t.house, ofTheNeed(reading)).length > 0;

/** "Would you see my nephew, he stammers": something is asked for one of theirs, and what ails them is told beside it. */
export const needOfWhomTheyAskFor = (t: Turn, reading: Reading): boolean => CAN_YOU_FOR_THEM.test(reading.said) && needToldBesides(t, reading);

/** Whether a need is told beside what is asked. */
function needToldBesides(t: Turn, reading: Reading): boolean {
  const besides = reading.text.split(TOLD_BESIDES).filter((part) => !part.includes("?") && !CAN_YOU_FOR_THEM.test(part));
  return besides.length > 0 && likely(t.house, besides.join(" ")).length > 0;
}

/** A line of the handbook that is surer than this answers what is asked, whoever it is asked for. */
const WRITTEN = 0.93;
/** And one as sure as this may well do so. */
const MAY_BE = 0.2;
/** A guess of a message that is surer than this is one. */
const A_MESSAGE = 0.9;

/**
 * "Can you teach my dad? He's a bit nervous in water", "my phone fell and the glass is broken": what is taken for a question
 * or a message tells of what is theirs, and a service is for such a thing.
 */
export const needOfTheirs: Step = (m) => {
  const { t, reading } = m;
  const [only, another] = reading.errands;
  if (!idle(m) || another || reading.found.some((f) => f.kind === "day" || f.kind === "time" || f.kind === "email")) return false;
  const asked = only !== undefined && (isAsk(only.errand) || only.errand === "out-of-scope") && isGuess(only) && CAN_YOU_FOR_THEM.test(reading.said);
  // Who asks something wants an answer, and leaves no word: "my toenail has gone black, is that one for you".
  const told = only?.errand === "message" && isGuess(only) && !HANDS_ON.test(reading.masked);
  const asks = told && (reading.question || ASKS_AT_LAST.test(reading.said));
  const toldOf = told && (asks ? needIn(t, reading) : only.sure < A_MESSAGE && tellsOfNeed(t, reading));
  // "Both my toenails are growing in, it's agony": what only seems to ask.
  const tells =
    only !== undefined &&
    isAsk(only.errand) &&
    isGuess(only) &&
    only.sure < A_MESSAGE &&
    (OF_OURS.test(reading.said) || BEFELL.test(reading.said)) &&
    tellsOfNeed(t, reading);
  if (!asked && !toldOf && !tells) return false;
  if (likely(t.house, ofTheNeed(reading)).length === 0) return false;
  // What is told besides the question weighs more than a line that may be about it.
  const least = needToldBesides(t, reading) ? WRITTEN : toldOf && asks && OF_OURS.test(reading.said) ? SURELY : MAY_BE;
  if ((asked || asks || tells) && (matches(t.house, reading.text, 1, asksSomething(reading))[0]?.sure ?? 0) >= least) return false;
  visitFor(t, reading, "book/for-a-need");
  return true;
};
