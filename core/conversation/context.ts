import type { House } from "../house/compile.ts";
import type { ReadContext } from "../language/context.ts";
import type { EpochMin } from "../time/zone.ts";
import type { State } from "./state.ts";

/** What reading may know of a conversation. */
export function contextOf(house: House, now: EpochMin, state: State): ReadContext {
  const task = state.task;
  const days = task && "wish" in task ? task.wish.days : undefined;
  const only = days?.ranges.length === 1 && days.ranges[0]?.from !== undefined && days.ranges[0].from === days.ranges[0].to ? days.ranges[0].from : undefined;
  const of = task ? (task.errand === "book" ? task.service : undefined) : state.topic;
  return {
    house,
    now,
    expects: state.expects,
    ...(task ? { errand: task.errand === "book" || task.errand === "move" || task.errand === "cancel" ? task.errand : "other" } : {}),
    ...(task?.errand === "move" && task.appointment ? { oldKnown: true } : {}),
    ...(of === undefined ? {} : { service: of }),
    ...(of !== undefined && house.services.get(of)?.group ? { group: true } : {}),
    ...(only === undefined ? {} : { day: only }),
    ...aroundMin(house, state),
  };
}

/** The hour that is spoken of: of what is held, of what is offered where that shares one, or of the visit that is moved. */
function aroundMin(house: House, { task }: State): { aroundMin?: number } {
  if (task?.errand !== "book" && task?.errand !== "move") return {};
  const starts = task.hold ? [task.hold.offer.startMin] : task.offered.map((o) => o.startMin);
  if (starts.length === 0 && task.errand === "move" && task.appointment) starts.push(task.appointment.startMin);
  const [first, ...others] = starts.map((s) => house.zone.toLocal(s).minute);
  const shared = first !== undefined && others.every((m) => Math.floor(m / 60) === Math.floor(first / 60));
  return shared ? { aroundMin: first } : {};
}
