import { ofKind } from "../language/found.ts";
import type { Errand } from "../language/errand.ts";
import type { Reading } from "../language/read.ts";
import { contextOf } from "./context.ts";
import { applyOld, applyToBook, applyWish } from "./errands/apply.ts";
import { newBook } from "./errands/book.ts";
import { dropHold } from "./errands/offering.ts";
import type { BookTask, CancelTask, MoveTask, Task } from "./state.ts";
import { type Turn } from "./turn.ts";

/** Begins, turns or ends an errand that the message names; true when the message's parts have been taken in. */
export function startTask(t: Turn, reading: Reading, errands: readonly Errand[]): boolean {
  const { state } = t;
  let did = false;
  for (const e of errands) {
    const task = state.task;
    const context = contextOf(t.house, t.now, state);
    if (e === "book" || e === "ask-availability") {
      if (task?.errand === "book") {
        const asked =
          state.expects === "slot" ||
          state.expects === "service" ||
          state.expects === "length" ||
          state.expects === "which-appointment" ||
          state.expects === "name";
        if (asked || state.expects === "go-ahead") continue;
        if (applyToBook(t, task, reading, context)) reopen(t, task);
      } else if (task?.errand === "move" && (task.appointment || e === "ask-availability")) continue;
      else {
        const fresh = newBook();
        if (state.topic && ofKind(reading.found, "service").length === 0 && (e === "ask-availability" || state.lastAsk !== undefined))
          fresh.service = state.topic;
        begin(t, fresh);
        applyToBook(t, fresh, reading, contextOf(t.house, t.now, state));
      }
      did = true;
    } else if (e === "move") {
      if (task?.errand === "book" && (task.offered.length > 0 || task.hold) && !reading.found.some((f) => f.part === "old")) {
        if (applyWish(task, reading, context)) reopen(t, task);
      } else if (task?.errand === "move") {
        applyOld(task, reading, context, false);
        if (applyWish(task, reading, context)) reopen(t, task);
      } else {
        const fresh: MoveTask = {
          errand: "move",
          old: {},
          wish: {},
          offered: [],
          refused: [],
          ...(task?.errand === "cancel" && task.appointment ? { appointment: task.appointment } : {}),
        };
        if (task?.errand === "cancel") state.task = null;
        begin(t, fresh);
        applyOld(fresh, reading, context, false);
        applyWish(fresh, reading, context);
      }
      did = true;
    } else if (e === "cancel") {
      if (task?.errand === "book" && !reading.found.some((f) => f.kind === "service" || (f.part === "old" && task.wish.days !== undefined))) {
        dropHold(t, task);
        state.task = null;
        t.say("book/let-go");
      } else if (task?.errand === "cancel") applyOld(task, reading, context, true);
      else {
        const fresh: CancelTask = { errand: "cancel", old: {}, ...(task?.errand === "move" && task.appointment ? { appointment: task.appointment } : {}) };
        if (task?.errand === "move") {
          dropHold(t, task);
          state.task = null;
        }
        begin(t, fresh);
        applyOld(fresh, reading, context, true);
      }
      did = true;
    } else if (e === "ask-mine") {
      if (task?.errand === "ask-mine" || task?.errand === "move" || task?.errand === "cancel") continue;
      const fresh: Task = { errand: "ask-mine", old: {} };
      begin(t, fresh);
      applyOld(fresh, reading, context, true);
      did = true;
    } else if (e === "message") {
      if (task?.errand === "message") continue;
      const body = messageBody(reading.text);
      begin(t, body ? { errand: "message", text: body } : { errand: "message" });
      did = true;
    }
  }
  return did;
}

/** What is to be passed on, when the request itself carries it. */
export function messageBody(text: string): string | null {
  const plain = text.trim();
  const empty =
    /^(?:(?:hi|hello|hey|please|can|could|may|i|i'd|id|you|would|like|want|to|leave|take|pass|send|give|on|a|an|the|message|note|for|mina|desk|manager|complaint|make|have|complain|someone|staff|with|just|[,.!? ])+)$/i;
  return empty.test(plain) ? null : plain;
}

export function begin(t: Turn, task: Task): void {
  const { state } = t;
  if (state.task) {
    if (state.task.errand === "book") dropHold(t, state.task);
    if (state.task.errand !== "message") state.later.push(state.task);
  }
  state.task = task;
}

/** The wish changed: what was offered and held no longer stands. */
export function reopen(t: Turn, task: BookTask | MoveTask): void {
  dropHold(t, task);
  task.offered = [];
  delete task.barren;
}
