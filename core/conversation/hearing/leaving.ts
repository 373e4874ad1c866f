import { contentOf } from "../../knowledge/search.ts";
import { ofKind } from "../../language/found.ts";
import { KEEPS_IT, KEEPS_ONE, LEAVES_OUT } from "../../language/packs/en/talk.ts";
import { VISIT } from "../../language/packs/en/signs.ts";
import { read } from "../../language/read.ts";
import { contextOf } from "../context.ts";
import { dropHold } from "../errands/offering.ts";
import { sharesWord } from "../errands/whichservice.ts";
import { proceed } from "../proceed.ts";
import { idle, type Step } from "./heard.ts";

/** "Ok, leave the wheel for now": what was being booked is let go, and what is said besides is heard by itself. */
export const leavesOut: Step = (m) => {
  const { t, text } = m;
  const task = t.state.task;
  if (task?.errand !== "book" || t.state.expects.startsWith("question:")) return false;
  const left = LEAVES_OUT.exec(text);
  if (!left || !sharesWord(t, task.service ?? task.among?.[0], left[0])) return false;
  if (task.hold) dropHold(t, task);
  t.state.task = t.state.later.pop() ?? null;
  t.rule("book/left-out");
  t.say("book/let-go");
  const rest = text.slice(left.index + left[0].length);
  if (contentOf(rest).length > 0) {
    t.state.expects = "anything";
    m.again = read(rest, contextOf(t.house, t.now, t.state));
  } else proceed(t);
  return true;
};

/** "And please keep the consultation": what they have stays as it is. */
export const keepsOne: Step = (m) => {
  const { t, reading, text } = m;
  if (!idle(m) || reading.question || !KEEPS_ONE.test(text)) return false;
  const visit = ofKind(reading.found, "service").length > 0 || (text.toLowerCase().match(/[a-z]+/g) ?? []).some((w) => VISIT.test(w) || OTHER.has(w));
  if (!visit && !KEEPS_IT.test(text)) return false;
  t.rule("aside/keeps-one");
  t.say("move/kept");
  proceed(t);
  return true;
};
const OTHER = new Set(["other", "others", "rest"]);
