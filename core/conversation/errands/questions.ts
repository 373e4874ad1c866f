import { ofKind } from "../../language/found.ts";
import type { Reading } from "../../language/read.ts";
import { proceed } from "../proceed.ts";
import { val, type Turn } from "../turn.ts";
import { saysBefore } from "./apply.ts";
import { fromHandbook } from "./ask.ts";
import { slip } from "./message.ts";

/** Takes the answer to one of the house's questions; true when the message was dealt with. */
export function hearQuestion(t: Turn, reading: Reading, text: string): boolean {
  const { state } = t;
  if (!state.expects.startsWith("question:")) return false;
  const key = state.expects.slice("question:".length);
  const question = t.house.questions.get(key);
  const task = state.task;
  if (!question || task?.errand !== "book") return false;
  const asks = reading.errands.some((e) => e.errand.startsWith("ask-")) && reading.question;
  if (asks) return false;
  const yes = ofKind(reading.found, "yes")[0]?.value;
  if (question.kind === "yes-no") {
    const before = question.whom === "unknown" ? saysBefore(text) : null;
    const said = before ?? yes ?? impliedYes(text);
    if (said === undefined) {
      if (reading.errands.some((e) => e.errand === "cancel" || e.errand === "move")) return false;
      if (reading.question && fromHandbook(t, reading)) {
        proceed(t);
        return true;
      }
      return false;
    }
    if (question.whom === "unknown") state.client.saysBefore = said;
    state.answers[key] = said ? "yes" : "no";
    if (said && question.yesHandsOver) {
      const source = { kind: "question" as const, id: question.key, label: question.ask };
      if (task.hold) t.effect({ kind: "release", hold: task.hold.id });
      t.say("book/question-hands-over", { say: val(question.yesHandsOver, source) });
      slip(t, "hand-over", `${t.house.services.get(task.service ?? "")?.name ?? "A visit"}: ${question.ask} ${text}`, "desk");
      t.outcome("handed-over");
      state.task = null;
      t.expect("anything");
      return true;
    }
    proceed(t);
    return true;
  }
  if (reading.question && fromHandbook(t, reading, 0.6)) {
    proceed(t);
    return true;
  }
  if (/^\W*(?:what|why|how|huh|pardon|sorry|come again)\b[^.]{0,30}\?*\W*$/i.test(text)) {
    if (question.help) t.say("question/help", { help: val(question.help, { kind: "question", id: key, label: question.ask }) });
    proceed(t);
    return true;
  }
  const plain = text.trim();
  if (plain === "") return false;
  state.answers[key] = plain.slice(0, 500);
  state.repairs = 0;
  proceed(t);
  return true;
}

/** A yes or no without either word: "I do", "a few times", "my doctor did". */
function impliedYes(text: string): boolean | undefined {
  const s = text.toLowerCase();
  if (/\b(?:not|never|n't|none|nobody|no one|without)\b/.test(s)) return false;
  if (/\b(?:did|do|does|have|has|had|am|was|take|taking|got|referred|sent)\b/.test(s)) return true;
  return undefined;
}
