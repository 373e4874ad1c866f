import { WILL_NOT_WAIT } from "../language/packs/en/doing.ts";
import type { Reading } from "../language/read.ts";
import { ofKind } from "../language/found.ts";
import { contextOf } from "./context.ts";
import { applyToBook } from "./errands/apply.ts";
import { newBook } from "./tasks.ts";
import { wantsToWait } from "./errands/offering.ts";
import { proceed } from "./proceed.ts";
import { begin } from "./start.ts";
import type { MoveTask } from "./state.ts";
import type { Turn } from "./turn.ts";
import { BACK, ON_IT, WAITS } from "../language/packs/en/talk.ts";

/** What takes up again what was done or could not be had: wanting a visit back, and waiting for one. */

/** "Oh no, can I have it back": what was cancelled or moved a moment ago is to stand as it did. */
export function wantsBack(t: Turn, text: string): boolean {
  const { state } = t;
  const undone = state.undone;
  if (!undone || state.task || !BACK.test(text)) return false;
  const { was } = undone;
  const at = t.house.zone.toLocal(was.startMin);
  const wish = { days: { ranges: [{ from: at.day, to: at.day }] }, atMin: at.minute };
  delete state.undone;
  t.rule("back-again");
  if (undone.did === "moved") {
    const now = state.appointments.find((a) => a.id === was.id);
    if (!now) return false;
    const move: MoveTask = { errand: "move", old: {}, appointment: now, staff: [was.staff], lengthMin: was.lengthMin, wish, offered: [], refused: [] };
    state.task = move;
  } else state.task = { ...newBook(), service: was.service, lengthMin: was.lengthMin, saidLength: was.lengthMin, staff: [was.staff], wish };
  proceed(t);
  return true;
}

/** "Put me on the waiting list": what could not be had is waited for; what was not looked for yet is looked for first. */
export function waits(t: Turn, reading: Reading, text: string): boolean {
  const { state } = t;
  const offered = state.task && "missed" in state.task && state.task.missed !== undefined && ON_IT.test(text);
  if ((!WAITS.test(text) && !offered) || state.task?.errand === "message" || state.expects === "go-ahead") return false;
  const task = state.task;
  const no = ofKind(reading.found, "yes")[0]?.value === false && WILL_NOT_WAIT.test(text);
  if (no) return false;
  const context = contextOf(t.house, t.now, state);
  t.rule("wait/asked-for");
  if (task?.errand === "book" || task?.errand === "move") {
    if (task.errand === "book") applyToBook(t, task, { ...reading, found: reading.found.filter((f) => f.kind !== "choice" && f.kind !== "shift") }, context);
    wantsToWait(t, task);
  } else {
    const fresh = { ...newBook(), waits: true, ...(state.topic ? { service: state.topic } : {}) };
    begin(t, fresh);
    applyToBook(t, fresh, reading, context);
  }
  state.repairs = 0;
  proceed(t);
  return true;
}
