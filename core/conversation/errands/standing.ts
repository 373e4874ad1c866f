import { DOES_OURS, OURS_THAT_DAY, SOMEBODY_ELSE } from "../../language/packs/en/talk.ts";
import type { ReadContext } from "../../language/context.ts";
import { ofKind, peopleIn, type Found } from "../../language/found.ts";
import { read, type Reading } from "../../language/read.ts";
import { wantsDay } from "../../schedule/wish.ts";
import { weekdayOf } from "../../time/days.ts";
import { contextOf } from "../context.ts";
import type { AppointmentView, BookTask, MoveTask } from "../state.ts";
import { newMove } from "../tasks.ts";
import type { Turn } from "../turn.ts";
import { dayWish } from "../wish.ts";
import { lookUp } from "./identity.ts";
import { dropHold } from "./offering.ts";
import { applyWish } from "./wished.ts";

/**
 * "The clean-up on the 8th, I need it in the morning", "on the 13th could we start at ten": of who has just that visit, and
 * no other on that day, it is the one that is meant, and it is moved. "asked" while the books are asked who they are.
 */
export function standing(t: Turn, task: BookTask): "asked" | "moved" | "not" {
  const text = task.ofOwn;
  if (text === undefined) return "not";
  if (t.state.client.match === undefined && lookUp(t)) return "asked";
  // Who they are may come out yet.
  if (t.state.client.match === undefined) return "not";
  delete task.ofOwn;
  if (t.state.client.match !== "both") return "not";
  const context = contextOf(t.house, t.now, t.state);
  const anew = read(text, { ...context, errand: "move" });
  const days = ofKind(anew.found, "day");
  const named = ofKind(anew.found, "service").flatMap((s) => s.value);
  const who = peopleIn(anew.found);
  const does = (a: { service: string }): boolean => who.length === 0 || who.some((p) => t.house.services.get(a.service)?.staff.includes(p));
  const thatDay = OURS_THAT_DAY.test(anew.said);
  // "Could Trent do my cleaning on Friday": of the only one that they have with somebody else.
  const [ours, another] = DOES_OURS.test(anew.masked) || thatDay ? t.state.appointments.filter((a) => named.includes(a.service)) : [];
  if (ours && !another) {
    if (!thatDay && (who.length === 0 || who.includes(ours.staff) || !does(ours))) return "not";
    toMove(t, task, ours, { ...anew, found: anew.found.map((f) => ({ ...f, part: "new" })) }, context);
    return "moved";
  }
  // "Not Wednesday, Saturday": the one that it is not to be is the one it is on.
  const first = [...ofKind(anew.corrected, "day"), ...days.filter((d) => d.not)][0] ?? days[0];
  if (!first) return "not";
  const on = dayWish([first], context).days;
  // Of a visit that stands, a weekday is any coming one.
  const then = (day: number): boolean => (first.rule === "day/weekday" && first.weekday ? weekdayOf(day) === first.weekday : wantsDay(on, day));
  const theirs = t.state.appointments.filter((a) => then(t.house.zone.toLocal(a.startMin).day) && (named.length === 0 || named.includes(a.service)));
  const [own, other] = theirs;
  if (!own || other) return "not";
  // Who is asked for must do it.
  if (!does(own)) return "not";
  // A length is wished for, and nothing else: it must be another than it has, and one that there is.
  const long = ofKind(anew.found, "length").at(-1)?.value;
  const rest = anew.found.some((f) => f.kind === "time" || f.kind === "staff" || (f.kind === "day" && f !== first));
  const comesIn = (min: number): boolean => t.house.services.get(own.service)?.variants.some((v) => v.lengthMin === min) === true;
  if (typeof long === "number" && !rest && (long === own.lengthMin || !comesIn(long))) return "not";
  // What is said of it besides its own day, and who it is with, is the wish.
  const wished = (f: Found): boolean => f.part !== undefined || (f.kind === "staff" && f.value !== "any" && !f.value.includes(own.staff));
  // Nor is its own hour a wish: "could somebody else see me on Thursday at nine".
  const at = t.house.zone.toLocal(own.startMin).minute;
  const itsHour = (f: Found): boolean =>
    f.kind === "time" && f.value.kind === "at" && (f.value.at.hour % 12) * 60 + f.value.at.minute === at % (12 * 60) && SOMEBODY_ELSE.test(text);
  const wish = anew.found
    .filter((f) => f !== first && !itsHour(f))
    .map((f) => {
      // Than whom somebody else is wished for is nobody to be wished for.
      if (f.kind !== "staff" || f.value === "any" || !f.value.includes(own.staff) || !SOMEBODY_ELSE.test(text)) return f;
      const { part: _, ...than } = f;
      return than;
    });
  toMove(t, task, own, { ...anew, found: wish.map((f) => (wished(f) ? { ...f, part: "new" } : f)) }, context);
  return "moved";
}

/** What stands is moved, by what is wished of it. */
function toMove(t: Turn, task: BookTask, own: AppointmentView, wish: Reading, context: ReadContext): void {
  if (task.hold) dropHold(t, task);
  const move: MoveTask = { ...newMove(), appointment: own };
  applyWish(t, move, wish, context);
  // Only whom it is with, or how long it is, is to be otherwise.
  if (!move.wish.days && !move.wish.times && !move.by && !move.after) move.keepTime = true;
  t.state.task = move;
  t.rule("move/what-stands");
}
