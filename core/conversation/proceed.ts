import { nextBook } from "./errands/book.ts";
import { nextCancel, nextMine, nextMove } from "./errands/existing.ts";
import { finish } from "./errands/finish.ts";
import { nextMessage } from "./errands/message.ts";
import { standing } from "./errands/standing.ts";
import type { Turn } from "./turn.ts";

/** Goes on with the errand at hand, or with one that was set aside, or asks whether there is anything else. */
export function proceed(t: Turn): void {
  const { state } = t;
  const task = state.task ?? state.later.pop() ?? null;
  state.task = task;
  if (!task) {
    if (state.status === "open") finish(t);
    return;
  }
  switch (task.errand) {
    case "book": {
      const own = standing(t, task);
      return own === "asked" ? undefined : own === "moved" ? proceed(t) : nextBook(t, task);
    }
    case "move":
      return nextMove(t, task);
    case "cancel": {
      // What has been called off meanwhile is not asked about again.
      const gone = task.appointment !== undefined && !state.appointments.some((a) => a.id === task.appointment?.id);
      if (!gone) return nextCancel(t, task);
      state.task = null;
      return proceed(t);
    }
    case "ask-mine":
      return nextMine(t, task);
    case "message":
      // A message that was offered, and then something else was asked and answered, is offered no more.
      if (task.offered !== undefined && task.text === undefined && !task.callBack) {
        state.task = null;
        return proceed(t);
      }
      return nextMessage(t, task);
  }
}
