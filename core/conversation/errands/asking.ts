import type { Question } from "../../house/schema.ts";
import type { BookTask, Choice, Source } from "../state.ts";
import { val, type Turn } from "../turn.ts";
import { yesNoChoices } from "./identity.ts";

/** Where the words of a question come from. */
export const sourceOf = (q: Question): Source => ({ kind: "question", id: q.key, label: q.ask });

/** From so many questions on, each says how far along it is. */
const MANY = 3;

/** Asks a question of the house's, and shows how far along it is. */
export function askQuestion(t: Turn, task: BookTask, question: Question, open: readonly Question[]): void {
  const asks = [...(t.house.services.get(task.service ?? "")?.asks ?? []), ...(task.extra ?? [])];
  const answered = asks.filter((k) => k in t.state.answers || t.state.skipped?.includes(k)).length;
  const all = answered + open.length;
  const source = sourceOf(question);
  const ask = val(question.ask, source);
  if (all >= MANY) t.say("question/of", { ask, n: val(String(answered + 1), source), all: val(String(all), source) });
  else t.say("question", { ask });
  waitFor(t, question);
}

/** Waits for the answer to one of the house's questions, with what there is to choose from. */
export function waitFor(t: Turn, question: Question): void {
  const choices: Choice[] =
    question.kind === "yes-no" ? yesNoChoices() : question.kind === "choice" ? (question.choices ?? []).map((c) => ({ label: c.say, say: c.say })) : [];
  if (question.maySkip) choices.push({ label: "Skip", say: "Skip that" });
  t.expect(`question:${question.key}`, choices);
}
