import { contentOf } from "../../knowledge/search.ts";
import { ofKind } from "../../language/found.ts";
import { KEEPS_IT, KEEPS_ONE, KEEPS_SOME, LEAVES_OUT, THAT_STAYS } from "../../language/packs/en/talk.ts";
import { LEFT_ALONE, VISIT } from "../../language/packs/en/signs.ts";
import { read } from "../../language/read.ts";
import { contextOf } from "../context.ts";
import { apptVal, fitting } from "../errands/existing.ts";
import { dropHold } from "../errands/offering.ts";
import { applyOld } from "../errands/old.ts";
import { sharesWord } from "../errands/whichservice.ts";
import { proceed } from "../proceed.ts";
import { resume } from "../unheard.ts";
import { newCancel } from "../tasks.ts";
import { joinVals } from "../turn.ts";
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

/** "Actually leave the photo", while all that they have is being called off: that one is not. */
export const keepsOfAll: Step = ({ t, reading, text }) => {
  const { state } = t;
  const task = state.task;
  if (task?.errand !== "cancel" || !task.appointment || reading.question || !KEEPS_SOME.test(text)) return false;
  const meant = newCancel();
  applyOld(meant, reading, { ...contextOf(t.house, t.now, state), errand: "cancel" }, true);
  // What is to be kept is what is meant here.
  const { keep, ...old } = meant.old;
  meant.old = keep ? { ...old, service: keep } : old;
  const kept = Object.keys(meant.old).length > 0 ? fitting(t, state.appointments, meant.old) : [];
  const keeps = (id: string | undefined): boolean => kept.some((a) => a.id === id);
  const waiting = state.later.some((x) => x.errand === "cancel" && keeps(x.appointment?.id));
  if (!waiting && !keeps(task.appointment.id)) return false;
  state.later = state.later.filter((x) => x.errand !== "cancel" || !keeps(x.appointment?.id));
  if (keeps(task.appointment.id)) state.task = null;
  t.rule("cancel/keeps-one");
  t.say("cancel/kept", {
    old: joinVals(
      kept.map((a) => apptVal(t, a)),
      "and",
    ),
  });
  proceed(t);
  return true;
};

/** "And please keep the consultation": what they have stays as it is. */
export const keepsOne: Step = (m) => {
  const { t, reading, text } = m;
  const { task } = t.state;
  // "And the science one stays", while another of theirs is moved or called off.
  const [named] = ofKind(reading.found, "service").flatMap((f) => (f.value.length === 1 ? f.value : []));
  const another = (task?.errand === "move" || task?.errand === "cancel") && task.appointment && named !== undefined && named !== task.appointment.service;
  if (another && !reading.question && THAT_STAYS.test(reading.masked) && !reading.found.some((f) => f.kind === "day" || f.kind === "time")) {
    t.rule("aside/keeps-one");
    t.say("move/kept");
    resume(t);
    return true;
  }
  if (!idle(m) || reading.question || !(KEEPS_ONE.test(text) || LEFT_ALONE.test(reading.masked))) return false;
  const visit = ofKind(reading.found, "service").length > 0 || (text.toLowerCase().match(/[a-z]+/g) ?? []).some((w) => VISIT.test(w) || OTHER.has(w));
  if (!visit && !KEEPS_IT.test(text)) return false;
  t.rule("aside/keeps-one");
  t.say("move/kept");
  proceed(t);
  return true;
};
const OTHER = new Set(["other", "others", "rest"]);
