import { isGuess } from "../language/errand.ts";
import type { Reading } from "../language/read.ts";
import { dropHold } from "./errands/offering.ts";
import { handOver } from "./errands/message.ts";
import type { State } from "./state.ts";
import type { Turn } from "./turn.ts";
import { ABUSE, AGAIN, ANEW, ASKS_IF_ANEW, BEGINS, DANGLES, NOT_AT_US } from "../language/packs/en/talk.ts";

/**
 * What is said beside every errand: asking to hear it again, beginning anew, silence, abuse, and talk in which nothing
 * moves on.
 */

/** How many turns may pass in which nothing moves on, before the conversation is given to a person; twice that ends it. */
export const STILL_TURNS = 6;

/** Takes up what is said beside the errands; true when the message has been dealt with. */
export function hearAside(t: Turn, reading: Reading, text: string): boolean {
  const { state } = t;
  if (ABUSE.test(text) && !NOT_AT_US.test(text) && reading.found.every((f) => f.kind === "yes")) return abused(t);
  if (ANEW.test(text) && !ASKS_IF_ANEW.test(text)) {
    anew(t);
    return true;
  }
  if (goesOn(t, reading, text)) return true;
  if (AGAIN.test(text) && state.heard !== undefined && !state.expects.startsWith("question:")) {
    t.again(state.heard);
    t.rule("aside/again");
    return true;
  }
  return false;
}

/** Who has begun to speak and said nothing yet is let go on: "so I was wondering", "you see my wife is having a baby and". */
function goesOn(t: Turn, reading: Reading, text: string): boolean {
  const { state } = t;
  const silent = reading.found.every((f) => f.kind === "for-whom" || f.kind === "yes" || f.kind === "gender");
  if (reading.emergency || reading.limit || !silent || state.expects === "message" || state.expects.startsWith("question:")) return false;
  const begins = BEGINS.test(text);
  const dangles =
    !reading.question &&
    !reading.found.some((f) => f.kind === "yes") &&
    DANGLES.test(text) &&
    text.trim().split(/\s+/).length > 2 &&
    reading.errands.every(isGuess);
  if (!begins && !dangles) return false;
  t.rule("aside/go-on");
  t.say("go-on");
  t.expect(state.expects);
  return true;
}

/** Abuse is answered once; the second time the conversation ends. */
function abused(t: Turn): boolean {
  const { state } = t;
  state.abused = (state.abused ?? 0) + 1;
  t.rule("aside/abuse");
  if (state.abused === 1) {
    t.say("aside/abuse");
    t.expect(state.expects === "nothing" ? "errand" : state.expects);
    return true;
  }
  const task = state.task;
  if (task && "hold" in task && task.hold) dropHold(t, task);
  state.task = null;
  state.later = [];
  t.say("aside/abuse-ends");
  t.outcome("turned-away");
  state.status = "closed";
  t.expect("nothing");
  return true;
}

/** All that was wished is dropped; who it is stays known. */
function anew(t: Turn): void {
  const { state } = t;
  for (const task of [state.task, ...state.later]) if (task && "hold" in task && task.hold) dropHold(t, task);
  state.task = null;
  state.later = [];
  state.answers = {};
  delete state.skipped;
  delete state.topic;
  delete state.topics;
  delete state.asking;
  delete state.askingWhat;
  delete state.lastAsk;
  state.repairs = 0;
  t.rule("aside/anew");
  t.say("aside/anew");
  t.expect("errand");
}

/** Nobody speaks: asked once more, then whether they are there, then the conversation ends. */
export function silence(t: Turn): void {
  const { state } = t;
  state.silences = (state.silences ?? 0) + 1;
  if (state.silences >= 3) {
    const task = state.task;
    if (task && "hold" in task && task.hold) dropHold(t, task);
    if (task) state.outcomes.push("abandoned");
    state.task = null;
    state.later = [];
    t.say("silence/ends");
    state.status = "closed";
    t.expect("nothing");
    return;
  }
  t.say("silence");
  if (state.silences === 2 && state.heard !== undefined) t.again(state.heard);
  t.expect(state.expects);
}

/** What must change for a conversation to have moved on: what is known and done, not what was said. */
function standing(state: State): string {
  const task = state.task;
  const wish = task && "wish" in task ? JSON.stringify(task.wish) : "";
  return [
    task?.errand,
    task?.errand === "book" ? `${task.service} ${task.lengthMin} ${task.places} ${JSON.stringify(task.staff)}` : "",
    wish,
    task && "hold" in task ? task.hold?.id : "",
    state.client.name,
    state.client.phone,
    state.client.email,
    Object.keys(state.answers).length,
    state.outcomes.length,
    state.later.length,
  ].join("|");
}

/** Counts turns in which nothing moved on; true when that has gone on for too long and has been ended. */
export function standsStill(t: Turn, before: State): boolean {
  const { state } = t;
  if (state.status !== "open") return false;
  const moved = standing(before) !== standing(state);
  state.still = moved ? 0 : (state.still ?? 0) + 1;
  if (state.still < STILL_TURNS) return false;
  if (state.handed) {
    if (state.still < 2 * STILL_TURNS) return false;
    t.say("aside/stops");
    state.status = "closed";
    t.expect("nothing");
    t.rule("aside/nothing-moves-on");
    return true;
  }
  state.handed = true;
  t.rule("aside/nothing-moves-on");
  handOver(t, "The conversation went in circles.");
  return true;
}
