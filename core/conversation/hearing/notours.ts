import { SUPPORTS } from "../../knowledge/match.ts";
import { contentOf } from "../../knowledge/search.ts";
import { ofKind } from "../../language/found.ts";
import { ASKS_OF_US, NEEDS, WHETHER_WE_WOULD, WOULD_RATHER_COME, OF_OURS } from "../../language/packs/en/talk.ts";
import { read, type Reading } from "../../language/read.ts";
import { contextOf } from "../context.ts";
import { fromHandbook, SURELY } from "../errands/handbook.ts";
import { proceed } from "../proceed.ts";
import type { Turn } from "../turn.ts";
import { maybeMisheard, notKnown, repair } from "../unheard.ts";
import { idle, type Step } from "./heard.ts";
import { visitFor } from "./needs.ts";

/** Below this, it is no more than likely that a need is none of the house's business. */
const SURELY_NOT_OURS = 0.8;

/** "I think I need a root canal", "my cat hasn't eaten": something that the house may well be there for. */
function mayBeOurs(t: Turn, reading: Reading): boolean {
  const sure = reading.errands.find((e) => e.errand === "out-of-scope")?.sure ?? 1;
  if (NEEDS.test(reading.said)) return sure < SURELY_NOT_OURS;
  if (!OF_OURS.test(reading.said)) return false;
  // Its services speak of such a thing.
  const spoken = new Set(t.house.handbook.services.flatMap((s) => contentOf([s.name, ...s.also, s.about].join(" "))));
  return contentOf(reading.said).some((w) => spoken.has(w));
}

/** What is none of the house's business, unless a line of the handbook, or a service, is about it. */
export const notOurs: Step = (m) => {
  const { t, reading, text } = m;
  if (!m.errands.includes("out-of-scope") || !idle(m)) return false;
  // What is asked of the house itself needs no more than any other question.
  if (fromHandbook(t, reading, WHETHER_WE_WOULD.test(text) ? SUPPORTS : SURELY)) proceed(t);
  // Who tells of a need, and asks nothing, is told which services there are rather than that it is nobody's business.
  else if (!reading.question && mayBeOurs(t, reading)) visitFor(t, reading, "book/for-a-need");
  // What is asked of the house itself may be its business all the same: the desk knows.
  else if (ASKS_OF_US.test(text)) notKnown(t, text);
  else if (maybeMisheard(t)) repair(t, "unclear");
  else {
    t.say("unknown/not-ours");
    t.say("repair/help");
    t.outcome("turned-away");
    t.expect("errand");
  }
  return true;
};

/** What was taken for a message, and then a day or an hour and nothing else instead of a name: they want to come. */
export const ratherThanAMessage: Step = ({ t, reading, kept }) => {
  const { state } = t;
  if (state.task?.errand !== "message" || !state.task.guessed || state.expects !== "name" || kept.name) return false;
  // "No, I'd rather just come back in".
  const comes = WOULD_RATHER_COME.test(reading.said);
  const when = reading.found.some((f) => f.kind === "day" || f.kind === "time");
  if (!comes && (!when || contentOf(reading.masked.replace(/<\w+>/g, " ")).length > 0)) return false;
  // What was told before is what the visit is for.
  const before = comes ? state.task.text : undefined;
  const told = before === undefined ? [] : ofKind(read(before, contextOf(t.house, t.now, { ...state, task: null, expects: "errand" })).found, "service");
  visitFor(t, { ...reading, found: [...reading.found.filter((f) => f.kind !== "yes"), ...told] }, "book/rather-than-a-message");
  return true;
};
