import { WHAT_DO_YOU_MEAN } from "../../language/packs/en/doing.ts";
import type { Question } from "../../house/schema.ts";
import { addressParts, addressText, readAnswer } from "../../language/answers.ts";
import type { Reading } from "../../language/read.ts";
import { proceed } from "../proceed.ts";
import { saidSource } from "../sources.ts";
import type { BookTask } from "../state.ts";
import { joinVals, val, type Turn } from "../turn.ts";
import { saysBefore } from "./who.ts";
import { fromHandbook } from "./handbook.ts";
import { follow } from "./consequences.ts";
import { sourceOf, waitFor } from "./asking.ts";
import { handOver, slip } from "./message.ts";
import { dropHold } from "./offering.ts";

/** Takes the answer to one of the house's questions; true when the message was dealt with. */
export function hearQuestion(t: Turn, reading: Reading, text: string): boolean {
  const { state } = t;
  if (!state.expects.startsWith("question:")) return false;
  const key = state.expects.slice("question:".length);
  const question = t.house.questions.get(key);
  const task = state.task;
  if (!question || task?.errand !== "book") return false;
  if (reading.errands.some((e) => e.errand.startsWith("ask-")) && reading.question) return false;
  if (question.kind === "text" && reading.question && fromHandbook(t, reading, 0.6)) {
    proceed(t);
    return true;
  }
  if (WHAT_DO_YOU_MEAN.test(text)) {
    explain(t, question);
    return again(t, task, question);
  }
  const before = question.kind === "yes-no" && question.whom === "unknown" ? saysBefore(text) : null;
  const answer = before === null ? readAnswer(t.house, question, text, reading) : readAnswer(t.house, question, before ? "yes" : "no", null);
  switch (answer.kind) {
    case "skip":
      if (!question.maySkip) {
        t.say("question/needed");
        return again(t, task, question);
      }
      state.skipped = [...(state.skipped ?? []), key];
      return taken(t, task);
    case "several": {
      const list = joinVals(
        answer.ids.map((id) => val(question.choices?.find((c) => c.id === id)?.say ?? id, sourceOf(question))),
        "or",
      );
      t.say("question/which-choice", { list });
      waitFor(t, question);
      return true;
    }
    case "unclear":
      if (reading.errands.some((e) => e.errand === "cancel" || e.errand === "move" || e.errand === "book" || e.errand === "message")) return false;
      if (reading.question && fromHandbook(t, reading)) {
        proceed(t);
        return true;
      }
      // What names another day or service is a change of the wish, not an answer.
      if (
        question.kind !== "text" &&
        reading.found.some((f) => ["day", "time", "service", "staff", "gender", "length"].includes(f.kind)) &&
        question.kind !== "date"
      )
        return false;
      explain(t, question);
      return again(t, task, question);
    case "value":
      if (answer.value.is === "address") return address(t, task, question, text);
      state.answers[key] = answer.text;
      if (question.whom === "unknown" && answer.value.is === "yes") state.client.saysBefore = answer.value.yes;
      if (answer.value.is === "yes" && answer.value.yes && question.yesHandsOver) {
        dropHold(t, task);
        t.say("book/question-hands-over", { say: val(question.yesHandsOver, sourceOf(question)) });
        slip(t, "hand-over", `${t.house.services.get(task.service ?? "")?.name ?? "A visit"}: ${question.ask} ${text}`, "desk");
        t.outcome("handed-over");
        state.task = null;
        t.expect("anything");
        return true;
      }
      return taken(t, task);
  }
}

/** An answer has been kept: what follows from it is done, and the errand goes on. */
function taken(t: Turn, task: BookTask): boolean {
  t.state.repairs = 0;
  delete task.again;
  if (!follow(t, task)) proceed(t);
  return true;
}

/** An address may come in parts: what is there is kept, and the rest is asked for. */
function address(t: Turn, task: BookTask, question: Question, text: string): boolean {
  const { answers } = t.state;
  const { key } = question;
  const before = answers[`${key}.rest`] ? addressParts(answers[`${key}.rest`] as string) : {};
  const parts = { ...before, ...addressParts(text) };
  if (!parts.street || !parts.town) {
    answers[`${key}.rest`] = addressText(parts);
    task.again = (task.again ?? 0) + 1;
    if (task.again <= 2) {
      t.say(parts.street ? "question/rest-town" : "question/rest-street");
      waitFor(t, question);
      return true;
    }
  }
  delete answers[`${key}.rest`];
  answers[key] = addressText(parts);
  for (const [name, value] of Object.entries(parts)) answers[`${key}.${name}`] = value;
  return taken(t, task);
}

/** Says what is wanted: the house's own help, else what the kind needs. */
function explain(t: Turn, question: Question): void {
  if (question.help) t.say("question/help", { help: val(question.help, sourceOf(question)) });
  else if (question.kind === "choice")
    t.say("question/kind-choice", {
      list: joinVals(
        (question.choices ?? []).map((c) => val(c.say, sourceOf(question))),
        "or",
      ),
    });
  else t.say(`question/kind-${question.kind}`);
}

/** Asks once more, with help; what may be skipped is skipped in the end, and what is needed goes to a person. */
function again(t: Turn, task: BookTask, question: Question): boolean {
  const { state } = t;
  task.again = (task.again ?? 0) + 1;
  if (task.again >= 3) {
    if (question.maySkip) {
      state.skipped = [...(state.skipped ?? []), question.key];
      return taken(t, task);
    }
    dropHold(t, task);
    handOver(t, `${question.ask} was not answered in a way that is understood.`);
    return true;
  }
  if (question.maySkip) t.say("question/may-skip");
  t.say("question", { ask: val(question.ask, sourceOf(question), saidSource) });
  waitFor(t, question);
  return true;
}
