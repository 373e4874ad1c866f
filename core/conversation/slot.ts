import { ALL_OF_THEM, NOT_ALL_OF_THEM, RULED_OUT, SOONER_DAY, TELLS_OF_THEMSELVES } from "../language/packs/en/doing.ts";
import { isAsk } from "../language/errand.ts";
import { ofKind, peopleIn } from "../language/found.ts";
import type { Reading } from "../language/read.ts";
import { contextOf } from "./context.ts";
import { applyOld } from "./errands/old.ts";
import { applyWish } from "./errands/wished.ts";
import { fitting } from "./errands/existing.ts";
import { chosen, offerChoices, take, whenVal } from "./errands/offering.ts";
import { calledText } from "./format.ts";
import { proceed } from "./proceed.ts";
import { staffSource } from "./sources.ts";
import type { BookTask, CancelTask, MoveTask } from "./state.ts";
import { joinVals, val, type Turn } from "./turn.ts";
import { wantsDay } from "../schedule/wish.ts";
import { keepHalf, wishIn } from "./wish.ts";
import { EITHER_ONE, HESITATES, IN_A_HURRY, PUTS_OFF, SO_MANY } from "../language/packs/en/talk.ts";
import { CARDINALS } from "../language/packs/en/words.ts";

/** Takes a choice of what was offered; true when the message was about the offers. */
export function hearSlot(t: Turn, task: BookTask | MoveTask, reading: Reading): boolean {
  const changes =
    task.errand === "book" &&
    (ofKind(reading.found, "length").some((l) => typeof l.value === "string" || l.value !== task.lengthMin) ||
      ofKind(reading.found, "service").some((s) => !s.value.includes(task.service ?? "") && !(s.rule === "service/telling-word" && reading.question)) ||
      ofKind(reading.found, "gender").length > 0);
  if (changes) return false;
  // "Yes, two", of what several come to at one time: so many places.
  const many = SO_MANY.exec(reading.said);
  const [whole, other] = task.offered;
  const group = task.errand === "book" ? t.house.services.get(task.service ?? "")?.group : undefined;
  if (many && group && task.errand === "book" && whole && !other) {
    const places = CARDINALS[(many[1] as string).toLowerCase()] ?? Number(many[1]);
    // "Four", of a class at four, is its hour.
    if (Math.floor(t.house.zone.toLocal(whole.startMin).minute / 60) % 12 !== places) {
      task.places = places;
      t.rule("slot/so-many");
      if (places <= (group.perBooking ?? places)) take(t, task, whole, places);
      else proceed(t);
      return true;
    }
  }
  // "I'd better ask my wife first", "maybe": none is chosen, and none is declined.
  const declines = ofKind(reading.found, "yes").some((y) => !y.value);
  const thinks = (PUTS_OFF.test(reading.said) && !declines) || HESITATES.test(reading.said);
  if (thinks && !wishIn(reading) && !reading.errands.some((e) => isAsk(e.errand))) {
    t.say("take-your-time");
    t.rule("slot/thinks-it-over");
    t.expect("slot", offerChoices(t, task.offered));
    return true;
  }
  // "The first or the second": it is still open which.
  const [one, two] = ofKind(reading.found, "choice");
  if (one && two && one.value !== two.value && EITHER_ONE.test(reading.said.slice(one.end, two.start))) {
    t.rule("slot/either-one");
    which(t, task);
    return true;
  }
  const hit = chosen(t, task.offered, reading);
  const yes = ofKind(reading.found, "yes")[0]?.value;
  const measured = ofKind(reading.found, "shift")[0];
  const shift = measured?.value;
  const places = task.errand === "book" ? (task.places ?? ofKind(reading.found, "places").at(-1)?.value ?? 1) : (task.appointment?.places ?? 1);
  if (Array.isArray(hit)) {
    // Who and which day an offer is told by is wished for from then on.
    const people = new Set(peopleIn(reading.found));
    if (people.size > 0) task.staff = [...people];
    const only = hit[0];
    // "Half past four", of hours on the day that was wished for and on another: of the day that was wished for.
    const wanted = hit.length > 1 && task.wish.days ? hit.filter((o) => wantsDay(task.wish.days, t.house.zone.toLocal(o.startMin).day)) : [];
    const [there] = wanted;
    if (there && wanted.length === 1 && ofKind(reading.found, "time").length > 0 && !reading.found.some((f) => f.kind === "day")) {
      if (task.errand === "book") task.places = places;
      take(t, task, there, places, task.errand === "move" ? task.appointment : undefined);
      t.rule("slot/on-the-day-wished");
      return true;
    }
    if (
      hit.length === 1 &&
      only &&
      // "Another day with Gordon" takes none of his.
      shift !== "another-day" &&
      !(yes === false && ofKind(reading.found, "choice").length === 0 && hit.length === task.offered.length && !ofKind(reading.found, "time").length)
    ) {
      if (task.errand === "book") task.places = places;
      take(t, task, only, places, task.errand === "move" ? task.appointment : undefined);
      t.rule("slot/chosen");
      return true;
    }
    // "With Dulcie", "on Tuesday", where all that was offered is with her or then: it is still open which.
    const sameDay = !shift && ofKind(reading.found, "day").some((d) => d.rule === "day/weekday" && !d.not);
    if ((people.size > 0 || sameDay) && hit.length === task.offered.length && hit.length > 1) {
      const [day, other] = new Set(hit.map((o) => t.house.zone.toLocal(o.startMin).day));
      const named = sameDay || ofKind(reading.found, "day").some((d) => d.value.kind === "days" && !d.not);
      if (named && day !== undefined && other === undefined) task.wish.days = { ranges: [{ from: day, to: day }] };
      which(t, task);
      t.rule("slot/all-of-them");
      return true;
    }
    if (hit.length < task.offered.length && hit.length > 1) {
      task.offered = hit;
      const [day, other] = new Set(hit.map((o) => t.house.zone.toLocal(o.startMin).day));
      if (day !== undefined && other === undefined) task.wish.days = { ranges: [{ from: day, to: day }] };
      const hours = ofKind(reading.found, "time").filter((f) => f.part !== "old");
      if (hours.length > 0) task.wish.times = hours;
      which(t, task);
      return true;
    }
  }
  if (hit === "none" && wishIn(reading)) {
    // An hour alone, where the day that was wished for could not be had, is meant of the days that were offered instead.
    const days = [...new Set(task.offered.map((o) => t.house.zone.toLocal(o.startMin).day))];
    const only = reading.found.every((f) => ["time", "yes", "choice", "name", "phone", "email"].includes(f.kind));
    // "Six o'clock", where an evening was wished for.
    keepHalf(task.wish);
    if (only && task.wish.days && !days.some((d) => wantsDay(task.wish.days, d)))
      task.wish.days = { ranges: days.slice(0, 1).map((d) => ({ from: d, to: d })) };
    return false;
  }
  // "I haven't had a patch test" declines nothing.
  const tells = TELLS_OF_THEMSELVES.test(reading.said);
  if (shift || hit === "none" || (yes === false && !wishIn(reading) && !tells)) {
    // "I need it sooner", of a day to come: another day before it.
    const first = task.offered[0] ? t.house.zone.toLocal(task.offered[0].startMin).day : undefined;
    const sooner = shift === "earlier" && measured?.byMin === undefined && SOONER_DAY.test(reading.said);
    if (sooner && first !== undefined && first > t.house.zone.toLocal(t.now).day) {
      task.wish.days = { ranges: [{ to: first - 1 }], soonest: true };
      delete task.wish.times;
      delete task.wish.within;
    } else shiftWish(t, task, shift ?? "another-time", measured?.byMin);
    task.refused.push(...task.offered.map((o) => ({ startMin: o.startMin, staff: o.staff })));
    task.offered = [];
    delete task.barren;
    if (yes === false && !shift) {
      t.say("book/other-time");
      t.expect("day");
      return true;
    }
    proceed(t);
    return true;
  }
  // "Whatever is soonest", of what was offered: the earliest of it.
  const onlySoonest = reading.found.length > 0 && reading.found.every((f) => (f.kind === "day" && f.value.kind === "soonest") || (f.kind === "yes" && f.value));
  const [next] = [...task.offered].sort((a, b) => a.startMin - b.startMin);
  if (onlySoonest && next && reading.found.some((f) => f.kind === "day") && !reading.question) {
    if (task.errand === "book") task.places = places;
    take(t, task, next, places, task.errand === "move" ? task.appointment : undefined);
    t.rule("slot/the-soonest");
    return true;
  }
  // "Whoever, just quick", where nobody in particular was wished for: the first of them.
  const anyone = ofKind(reading.found, "staff").some((s) => s.value === "any") && IN_A_HURRY.test(reading.said) && !wishIn(reading) && !reading.question;
  const [soonest] = [...task.offered].sort((a, b) => a.startMin - b.startMin);
  if (anyone && soonest && task.offered.length > 1 && !Array.isArray(task.staff)) {
    if (task.errand === "book") task.places = places;
    take(t, task, soonest, places, task.errand === "move" ? task.appointment : undefined);
    t.rule("slot/whoever");
    return true;
  }
  if (yes && task.offered.length > 1) {
    // A yes to several is no choice; after a second one the first of them is proposed by itself.
    task.agreed = (task.agreed ?? 0) + 1;
    if (task.agreed > 1) {
      task.offered = task.offered.slice(0, 1);
      t.rule("slot/first-proposed");
    }
    which(t, task);
    return true;
  }
  return false;
}

export function which(t: Turn, task: BookTask | MoveTask, withWhom = false): void {
  if (withWhom)
    t.say("book/which-with", {
      list: joinVals(
        task.offered.map((o) =>
          val(`${whenVal(t, o.startMin).text} with ${calledText(t.house, o.staff)}`, ...whenVal(t, o.startMin).sources, staffSource(t.house, o.staff)),
        ),
        "or",
      ),
    });
  else
    t.say(task.offered.length === 1 ? "book/take-it" : "book/which-of", {
      list: joinVals(
        task.offered.map((o) => whenVal(t, o.startMin)),
        "or",
      ),
    });
  t.expect("slot", offerChoices(t, task.offered));
}

/** Another time than those that are offered; `byMin` says by how many minutes later or earlier, and is measured where there is one of them. */
export function shiftWish(
  t: Turn,
  task: BookTask | MoveTask,
  shift: "later" | "earlier" | "another-day" | "another-time",
  byMin: number | undefined = undefined,
): void {
  const local = task.offered.map((o) => t.house.zone.toLocal(o.startMin));
  const first = local[0];
  const last = local.at(-1);
  if (!first || !last) return;
  if (byMin !== undefined && local.length === 1 && (shift === "later" || shift === "earlier")) {
    const by = shift === "later" ? byMin : -byMin;
    const day = first.day + Math.trunc(by / 1440);
    task.wish.days = { ranges: [{ from: day, to: day }] };
    task.wish.atMin = first.minute + (by % 1440);
    delete task.wish.times;
    return;
  }
  const at = (minute: number) => ({ hour: Math.floor(minute / 60), minute: minute % 60, certain: true });
  if (shift === "later") {
    task.wish.times = [{ kind: "time", value: { kind: "from", at: at(last.minute + t.house.handbook.rules.gridMin) }, rule: "shift/later", start: 0, end: 0 }];
    task.wish.days = { ranges: [{ from: last.day, to: last.day }] };
  } else if (shift === "earlier") {
    task.wish.times = [{ kind: "time", value: { kind: "until", at: at(Math.max(0, first.minute - 1)), is: "start" }, rule: "shift/earlier", start: 0, end: 0 }];
    task.wish.days = { ranges: [{ from: first.day, to: first.day }] };
  } else if (shift === "another-day") {
    const days = task.wish.days ?? { ranges: [] };
    const all = days.ranges.every((r) => r.from !== undefined && r.from === r.to);
    task.wish.days = { ...days, ranges: all ? [] : days.ranges, excludeDays: [...(days.excludeDays ?? []), ...local.map((l) => l.day)] };
    delete task.wish.ask;
  }
}

export function pickAppointment(t: Turn, task: MoveTask | CancelTask, reading: Reading): boolean {
  const context = contextOf(t.house, t.now, t.state);
  const choice = ofKind(reading.found, "choice").at(-1)?.value;
  const list = t.state.appointments;
  if (choice && choice !== "none") {
    const i = { first: 0, second: 1, third: 2, last: list.length - 1, later: list.length - 1, earlier: 0, any: 0 }[choice];
    const a = list[i];
    if (a) {
      task.appointment = a;
      return true;
    }
  }
  if (list.length === 1 && ofKind(reading.found, "yes")[0]?.value && list[0]) {
    task.appointment = list[0];
    return true;
  }
  // "Not the acupuncture": what is left, where it is one.
  const ruledOut = ofKind(reading.found, "service").filter((s) => RULED_OUT.test(reading.said.slice(0, s.start)));
  if (ruledOut.length > 0) {
    const left = list.filter((a) => !ruledOut.some((s) => s.value.includes(a.service)));
    const [only, other] = left;
    if (!only || other) return false;
    task.appointment = only;
    t.rule("which/not-the-other");
    return true;
  }
  // "All of them to next week": each of them, and the days are the wish.
  if (task.errand === "move" && ALL_OF_THEM.test(reading.said) && !NOT_ALL_OF_THEM.test(reading.said)) {
    task.all = true;
    applyWish(t, task, { ...reading, found: reading.found.map((f) => (f.kind === "day" || f.kind === "time" ? { ...f, part: "new" as const } : f)) }, context);
    t.rule("which/all-of-them");
    return true;
  }
  const before = { ...task.old };
  if (!applyOld(task, reading, context, true)) return false;
  if (fitting(t, list, task.old).length === 0) task.old = before;
  return true;
}
