import { BESIDE_ANOTHER, CALLED_THEIRS } from "../../language/packs/en/talk.ts";
import { ALL_OF_THEM, DROPS, KEEPS, NOT_ALL_OF_THEM, THE_OTHER } from "../../language/packs/en/doing.ts";
import type { ReadContext } from "../../language/context.ts";
import { ofKind, type FoundOf } from "../../language/found.ts";
import { read, type Reading } from "../../language/read.ts";
import type { CancelTask, MineTask, MoveTask, OldState } from "../state.ts";
import { dayWish } from "../wish.ts";

/** Puts what was said of the existing appointment aside for finding it. */
export function applyOld(task: MoveTask | CancelTask | MineTask, reading: Reading, context: ReadContext, all: boolean): boolean {
  const old: OldState = task.old;
  const days = ofKind(reading.found, "day").filter((d) => !d.not && (d.part === "old" || all));
  const times = ofKind(reading.found, "time").filter((d) => d.part === "old" || all);
  let any = false;
  if (days.length > 0) {
    // Of an existing appointment a weekday is any coming one.
    const loose = days.map((d) => (d.rule === "day/weekday" && d.weekday ? { ...d, value: { kind: "weekdays" as const, weekdays: [d.weekday] } } : d));
    old.days = dayWish(loose, context).days;
    any = true;
  }
  if (times.length > 0) {
    old.times = times;
    any = true;
  }
  // "Bring the clean forward to the day of the filling": what it is to come beside is not the one that is moved.
  const spoken = ofKind(reading.found, "service");
  const beside = task.errand === "move" ? spoken.filter((s) => BESIDE_ANOTHER.test(reading.text.slice(0, s.start))) : [];
  const named = spoken.filter((s) => !beside.includes(s));
  // "Cancel science, keep English".
  const kept = named.filter((s) => KEEPS.test(reading.said.slice(0, s.start)));
  // "I've got a facial and a peel, cancel the peel": what the verb is said of.
  const verb = task.errand === "cancel" ? DROPS.exec(reading.said) : null;
  const after = verb ? named.filter((s) => s.start > verb.index && !kept.includes(s)) : [];
  // A word that tells of one of them is heard by itself: "cancel the peel one".
  const heard =
    verb && after.length === 0 && named.length > 0 ? ofKind(read(reading.said.slice(verb.index), { ...context, errand: "cancel" }).found, "service") : [];
  // "I have a massage on the 9th and a facial on Thursday, cancel the massage": the days were told of both, and are not its own.
  if (after.length + heard.length > 0 && days.length > 1) {
    const its = days.filter((d) => verb && d.start > verb.index);
    if (its.length > 0) old.days = dayWish(its, context).days;
    else delete old.days;
  }
  const meant = [after, heard, named.filter((s) => !kept.includes(s))].find((list) => list.length > 0) ?? [];
  const services = meant.flatMap((s) => s.value);
  // "I only want to keep the facial": all but that.
  if (task.errand === "cancel" && kept.length > 0 && services.length === 0) {
    old.keep = kept.flatMap((s) => s.value);
    task.all = true;
    any = true;
  }
  if (services.length > 0) {
    // "I'll send my brother with the phone": so is a word that several have, where it is not called theirs.
    const passing = (s: FoundOf<"service">): boolean =>
      s.rule === "service/telling-word" || (s.rule === "service/several" && !CALLED_THEIRS.test(reading.text.slice(0, s.start)));
    if (meant.every(passing)) old.weak = true;
    else delete old.weak;
    old.service = services;
    any = true;
  }
  // "Move mine to Friday, then cancel the other one": not what was done just before.
  if ((task.errand === "cancel" || (task.errand === "move" && !task.appointment)) && THE_OTHER.test(reading.said)) old.other = true;
  const pick = ofKind(reading.found, "choice").at(-1)?.value;
  if (pick && pick !== "none" && pick !== "any") {
    old.pick = pick;
    any = true;
  }
  const people = ofKind(reading.found, "staff").flatMap((s) => (s.value === "any" || s.not || s.part === "new" ? [] : s.value));
  if ((task.errand === "cancel" || (task.errand === "move" && !task.appointment)) && ALL_OF_THEM.test(reading.said) && !NOT_ALL_OF_THEM.test(reading.said))
    task.all = true;
  // "The 4th at ten and one on the 12th, both": an hour that one of them has does not tell the other.
  if (task.errand === "cancel" && task.all && days.length > 1 && times.length < days.length) delete old.times;
  if (people.length > 0 && (task.errand !== "move" || !task.appointment)) {
    old.staff = people;
    any = true;
  }
  return any;
}
