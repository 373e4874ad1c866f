import { ofKind } from "../../language/found.ts";
import { THE_SAME_AS_WELL } from "../../language/packs/en/talk.ts";
import type { Reading } from "../../language/read.ts";
import { contextOf } from "../context.ts";
import type { BookTask } from "../state.ts";
import { newBook } from "../tasks.ts";
import type { Turn } from "../turn.ts";
import { dayWish } from "../wish.ts";

/** "Can I also book the same for Thursday", while a visit is being booked: another of the kind, once this one is done. */
export function alsoTheSame(t: Turn, task: BookTask, reading: Reading): boolean {
  const days = ofKind(reading.found, "day").filter((d) => !d.not);
  const another = reading.found.some((f) => (f.kind === "service" && !f.value.includes(task.service ?? "")) || f.kind === "length" || f.kind === "staff");
  if (!task.service || days.length !== 1 || another || !THE_SAME_AS_WELL.test(reading.said)) return false;
  const times = ofKind(reading.found, "time").filter((f) => f.value.kind !== "same");
  t.state.later.push({
    ...newBook(),
    service: task.service,
    ...(task.lengthMin === undefined ? {} : { lengthMin: task.lengthMin }),
    ...(task.saidLength === undefined ? {} : { saidLength: task.saidLength }),
    ...(task.staff === undefined ? {} : { staff: task.staff }),
    ...(task.places === undefined ? {} : { places: task.places }),
    ...(task.forWhom === undefined ? {} : { forWhom: task.forWhom }),
    ...(task.visitor === undefined ? {} : { visitor: task.visitor }),
    wish: { ...dayWish(days, contextOf(t.house, t.now, t.state)), ...(times.length > 0 ? { times } : {}) },
    ...(times.length > 0 ? {} : { sameTime: true }),
  });
  t.rule("book/the-same-as-well");
  return true;
}
