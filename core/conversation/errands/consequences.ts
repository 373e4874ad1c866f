import type { House } from "../../house/compile.ts";
import type { Consequence, ConsequenceTest, Question } from "../../house/schema.ts";
import { readAnswer, type AnswerValue } from "../../language/answers.ts";
import { folded } from "../../language/text.ts";
import { dayOfIso } from "../../time/days.ts";
import { serviceText } from "../format.ts";
import { serviceSource } from "../sources.ts";
import type { BookTask, Source } from "../state.ts";
import { val, type Turn } from "../turn.ts";
import { newBook } from "../tasks.ts";
import { slip } from "./message.ts";
import { dropHold } from "./offering.ts";

/** Whether a test holds of an answer. What an open range leaves undecided does not hold. */
export function holds(test: ConsequenceTest, text: string, value: AnswerValue): boolean {
  switch (test.is) {
    case "yes":
    case "no":
      return value.is === "yes" && value.yes === (test.is === "yes");
    case "choice":
      return value.is === "choice" && value.id === test.choice;
    case "over":
      return value.is === "amount" && value.from !== undefined && value.from > test.than;
    case "under":
      return value.is === "amount" && value.to !== undefined && value.to < test.than;
    case "before":
      return value.is === "date" && value.day < dayOfIso(test.date);
    case "after":
      return value.is === "date" && value.day > dayOfIso(test.date);
    case "says": {
      const said = ` ${folded(text)} `;
      return test.words.some((w) => said.includes(` ${folded(w)} `));
    }
    case "skipped":
      return false;
  }
}

/** The answer to a question as it stands, by the client's words or by the card. */
export function answerOf(t: Turn, key: string): string | undefined {
  return t.state.answers[key] ?? t.state.client.card?.answers?.[key];
}

function testHolds(t: Turn, house: House, question: Question, test: ConsequenceTest): boolean | undefined {
  if (t.state.skipped?.includes(question.key)) return test.is === "skipped";
  const text = answerOf(t, question.key);
  if (text === undefined) return undefined;
  const read = readAnswer(house, question, text, null);
  return read.kind === "value" && holds(test, text, read.value);
}

/**
 * Does what follows from the answers so far, each consequence once, in the handbook's order. True when the conversation
 * takes another way and the booking at hand does not simply go on.
 */
export function follow(t: Turn, task: BookTask): boolean {
  const asked = [...(t.house.services.get(task.service ?? "")?.asks ?? []), ...(task.extra ?? [])];
  for (const key of asked) {
    const question = t.house.questions.get(key);
    if (question?.then && walk(t, task, question, question.then)) return true;
  }
  return false;
}

function walk(t: Turn, task: BookTask, question: Question, list: readonly Consequence[]): boolean {
  for (const c of list) {
    const of = c.question === undefined ? question : t.house.questions.get(c.question);
    if (!of || testHolds(t, t.house, of, c.if) !== true) continue;
    const name = `${question.key}/${c.id}`;
    if (!task.followed?.includes(name)) {
      task.followed = [...(task.followed ?? []), name];
      t.rule(`then/${name}`);
      for (const act of c.do) if (done(t, task, question, act)) return true;
    }
    if (walk(t, task, question, c.then)) return true;
  }
  return false;
}

function done(t: Turn, task: BookTask, question: Question, act: Consequence["do"][number]): boolean {
  const { state, house } = t;
  const source: Source = { kind: "question", id: question.key, label: question.ask };
  switch (act.act) {
    case "go-on":
      return false;
    case "tag":
      task.tags = [...new Set([...(task.tags ?? []), act.tag])];
      return false;
    case "ask":
      task.extra = [...new Set([...(task.extra ?? []), act.question])];
      return false;
    case "book": {
      if (act.service === task.service || !house.services.has(act.service)) return false;
      change(t, task, act.service);
      t.say("then/book", { service: val(`a ${serviceText(house, act.service)}`, serviceSource(house, act.service), source) });
      return false;
    }
    case "offer": {
      if (act.service === task.service || !house.services.has(act.service)) return false;
      // What is held stays held until the other service is taken.
      t.say("then/offer", { service: val(`a ${serviceText(house, act.service)}`, serviceSource(house, act.service), source) });
      task.among = [act.service];
      if (task.service) task.instead = { service: task.service, ...(task.lengthMin === undefined ? {} : { lengthMin: task.lengthMin }) };
      delete task.service;
      delete task.lengthMin;
      delete task.saidLength;
      task.offered = [];
      const name = house.services.get(act.service)?.name ?? act.service;
      t.expect("service", [
        { label: name, say: name },
        { label: "No, thank you", say: "No, thank you" },
      ]);
      return true;
    }
    case "hand-over":
      dropHold(t, task);
      if (act.say) t.say("then/say", { say: val(act.say, source) });
      t.say("then/handed");
      slip(t, "hand-over", `${house.services.get(task.service ?? "")?.name ?? "A visit"}: ${question.ask} ${answerOf(t, question.key) ?? "(skipped)"}`, "desk");
      t.outcome("handed-over");
      state.task = null;
      t.expect("anything");
      return true;
    case "turn-away":
      dropHold(t, task);
      t.say("then/say", { say: val(act.say, source) });
      t.outcome("turned-away");
      state.task = null;
      t.expect("anything");
      return true;
  }
}

/** Another service takes the booking's place; who, when and what was answered stay. */
function change(t: Turn, task: BookTask, service: string): void {
  dropHold(t, task);
  const fresh = newBook();
  task.service = service;
  task.offered = fresh.offered;
  delete task.among;
  delete task.lengthMin;
  delete task.saidLength;
  delete task.barren;
  const does = t.house.services.get(service)?.staff ?? [];
  if (task.staff && task.staff !== "any" && !task.staff.some((s) => does.includes(s))) delete task.staff;
}
