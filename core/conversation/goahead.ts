import { COUNTED_ANEW } from "../language/packs/en/company.ts";
import { num } from "../language/packs/en/lengths.ts";
import { CANNOT } from "../language/packs/en/signs.ts";
import { IT_STAYS } from "../language/packs/en/yesno.ts";
import { AS_WELL, LETS_IT_GO, ONE_MOMENT_PLEASE, THAT_SAME_DAY } from "../language/packs/en/doing.ts";
import { ofKind, type Found } from "../language/found.ts";
import type { Reading } from "../language/read.ts";
import { contextOf } from "./context.ts";
import { bookIt } from "./errands/book.ts";
import { regularly } from "./errands/regular.ts";
import { newBook } from "./tasks.ts";
import { applyWish } from "./errands/wished.ts";
import { toMin } from "./errands/hours.ts";
import { cancelIt, moveIt } from "./errands/existing.ts";
import { chosen, dropHold, take } from "./errands/offering.ts";
import { proceed } from "./proceed.ts";
import { hearSlot } from "./slot.ts";
import { ownIsMeant } from "./start.ts";
import type { BookTask, MoveTask, Task } from "./state.ts";
import { type Turn } from "./turn.ts";
import { isGuess, isAsk } from "../language/errand.ts";
import { wishIn } from "./wish.ts";
import { weekdayOf } from "../time/days.ts";
import {
  ASKS_FURTHER,
  BRINGS_ONE,
  CANCELS_ALL_THE_SAME,
  CLASHES,
  COMES_BACK,
  HESITATES,
  HOLD_IT_FOR_ME,
  ORDERS_IT,
  PUTS_OFF,
  SAYS_OF_OTHERS,
} from "../language/packs/en/talk.ts";

/** The answer to "shall I?": true when it was one. */
export function hearGoAhead(t: Turn, reading: Reading): boolean {
  const task = t.state.task;
  if (!task || task.errand === "message" || task.errand === "ask-mine") return false;
  // "I changed my mind about going away, so please keep it", asked whether to cancel.
  const stays = task.errand === "cancel" && !reading.question && !wishIn(reading) && staysAsItIs(reading.said);
  const clashes = task.errand !== "cancel" && !reading.question && !wishIn(reading) && CLASHES.test(reading.said);
  const yes = ofKind(reading.found, "yes")[0]?.value ?? (stays || clashes ? false : undefined);
  const asks = reading.errands.some((e) => isAsk(e.errand));
  // "Go on, put me down" is a yes; a remark that is only like a wish, such as "my friend said I should come to you", is none.
  const same = reading.errands.some(
    (e) =>
      e.errand === task.errand &&
      (!isGuess(e) || ((e.errand === "cancel" || ORDERS_IT.test(reading.said)) && !SAYS_OF_OTHERS.test(reading.said) && !staysAsItIs(reading.said))),
  );
  const shift = ofKind(reading.found, "shift")[0];
  // "Can I bring my sister too", "add her": one more place in what several come to.
  const more = task.errand === "book" && task.hold && yes !== false && BRINGS_ONE.test(reading.said) && t.house.services.get(task.service ?? "")?.group;
  if (more && task.errand === "book" && task.hold && ofKind(reading.found, "places").length === 0 && !wishIn(reading)) {
    const many = (task.places ?? 1) + 1;
    task.places = many;
    if (many <= (more.perBooking ?? many)) take(t, task, task.hold.offer, many);
    else {
      dropHold(t, task);
      proceed(t);
    }
    t.rule("go-ahead/one-more-comes");
    return true;
  }
  // "I'd better check with my wife first": neither a yes nor a no; what is kept stays so for a while.
  const elsewhen = reading.found.some((f) => f.kind === "time" || f.kind === "service" || (f.kind === "staff" && f.value !== "any"));
  // "I'll let you know tomorrow" wishes for no other day.
  const otherDay = reading.found.some((f) => f.kind === "day") && !COMES_BACK.test(reading.said);
  const thinks = PUTS_OFF.test(reading.said) && yes !== false && !elsewhen && !otherDay && !asks;
  if (thinks || HESITATES.test(reading.said) || (task.errand !== "cancel" && HOLD_IT_FOR_ME.test(reading.said))) {
    t.say("take-your-time");
    t.rule("go-ahead/thinks-it-over");
    t.expect("go-ahead");
    return true;
  }
  if (otherThanHeld(t, task, reading)) return true;
  // "No, I want to cancel my walk", told that this would be one more of it: nothing is to be booked.
  const calledOff = yes === false && reading.errands.some((e) => e.errand === "cancel" && !isGuess(e));
  if (calledOff && task.errand === "book" && t.state.appointments.some((a) => a.service === task.service)) {
    dropHold(t, task);
    t.state.task = null;
    t.expect("anything");
    t.rule("go-ahead/no-but-cancel");
    return false;
  }
  // "Move it instead" is neither a yes nor a no.
  const other = reading.errands.some((e) => (e.errand === "move" || e.errand === "cancel" || e.errand === "book") && e.errand !== task.errand);
  if (asks || shift || (other && task.errand !== "book")) return false;
  // "No, can I switch my Thursday one": of what they have already, and not of what is about to be booked.
  if (task.errand === "book" && reading.errands.some((e) => e.errand === "move") && ownIsMeant(t, task, reading)) return false;
  if (yes === false && ONE_MOMENT_PLEASE.test(reading.text) && !wishIn(reading)) {
    t.say("take-your-time");
    t.rule("go-ahead/waits");
    t.expect("go-ahead");
    return true;
  }
  // "Yes, and his nails as well": a yes, with another visit after it.
  const besides = ofKind(reading.found, "service").find((s) => s.value.length === 1 && task.errand === "book" && s.value[0] !== task.service);
  if (yes && besides && task.errand === "book" && task.hold && AS_WELL.test(reading.said)) {
    const at = t.house.zone.toLocal(task.hold.offer.startMin).day;
    t.state.later.push({ ...newBook(), service: besides.value[0] as string, wish: { days: { ranges: [{ from: at, to: at }] } } });
    t.rule("go-ahead/yes-and-another");
    bookIt(t, task);
    return true;
  }
  // "And the same every Friday": this one first, and the others after it.
  if (task.errand === "book" && task.hold && yes !== false && regularly(reading) && onThatDay(t, task, reading)) {
    t.say("book/one-at-first");
    t.rule("go-ahead/every-week");
    if (yes) bookIt(t, task);
    else proceed(t);
    return true;
  }
  // "Yes, for two", "no, sorry, three of us": the same hour, for as many.
  const counted = COUNTED_ANEW.exec(reading.said.toLowerCase());
  const anew = counted?.[1] ?? counted?.[2];
  const many = ofKind(reading.found, "places").at(-1)?.value ?? (anew === undefined ? undefined : num(anew) || undefined);
  if (
    task.errand === "book" &&
    task.hold &&
    (yes !== false || !CANNOT.test(reading.said.toLowerCase())) &&
    many !== undefined &&
    many !== (task.places ?? 1) &&
    (!wishIn(reading) || (counted !== null && onlyCounts(t, task, reading, many))) &&
    t.house.services.get(task.service ?? "")?.group
  ) {
    task.places = many;
    const most = t.house.services.get(task.service ?? "")?.group?.perBooking ?? many;
    if (many <= most) take(t, task, task.hold.offer, many);
    else {
      dropHold(t, task);
      proceed(t);
    }
    t.rule("go-ahead/more-places");
    return true;
  }
  // "Ok, then what's the nearest": what asks something else agrees to nothing yet.
  if (yes && !same && ASKS_FURTHER.test(reading.text)) return false;
  if (yes !== false && (yes || same) && !wishIn(reading)) {
    t.rule("go-ahead/yes");
    if (task.errand === "book") bookIt(t, task);
    else if (task.errand === "move") moveIt(t, task);
    else cancelIt(t, task);
    return true;
  }
  if (yes === true && task.errand !== "cancel" && wishIn(reading)) {
    // A yes that names again just what is held is a yes; anything else is a change.
    if (task.hold && chosenIs(t, task, reading)) {
      if (task.errand === "book") bookIt(t, task);
      else moveIt(t, task);
      return true;
    }
    return false;
  }
  // "No, just cancel", asked whether it is to be called off.
  if (yes !== true && task.errand === "cancel" && same && CANCELS_ALL_THE_SAME.test(reading.said)) {
    t.rule("go-ahead/yes");
    cancelIt(t, task);
    return true;
  }
  if (yes === false && !wishIn(reading)) {
    t.rule("go-ahead/no");
    if (task.errand === "book") {
      dropHold(t, task);
      const over = reading.errands.some((e) => e.errand === "cancel" || e.errand === "thanks-bye") || LETS_IT_GO.test(reading.text);
      if (over) {
        t.say("book/let-go");
        t.state.task = null;
        proceed(t);
        return true;
      }
      t.say("book/other-time");
      task.offered = [];
      t.expect("day");
      return true;
    }
    if (task.errand === "move") dropHold(t, task);
    t.say("move/kept");
    t.state.task = null;
    proceed(t);
    return true;
  }
  return false;
}

/** What is only guessed to agree, and says that it is to stay: "I changed my mind, leave it", asked whether to cancel. */
const staysAsItIs = (said: string): boolean => said.toLowerCase().match(IT_STAYS) !== null;

/** Another hour than the one that is kept: "what else is there that day", "no, earlier"; true when that was wished for. */
export function otherThanHeld(t: Turn, task: Task, reading: Reading): boolean {
  const shift = ofKind(reading.found, "shift")[0];
  // "What else is there that day", of what is about to be booked or moved: other hours of the same day.
  const sameDay = reading.found.every((f) => f.kind === "shift" || f.kind === "yes" || (f.kind === "day" && THAT_SAME_DAY.test(reading.said)));
  const others = shift?.value === "another-time" && sameDay && (task.errand === "book" || task.errand === "move") && task.hold;
  if (others && (task.errand === "book" || task.errand === "move")) {
    const { day } = t.house.zone.toLocal(others.offer.startMin);
    task.refused.push({ startMin: others.offer.startMin, staff: others.offer.staff });
    dropHold(t, task);
    task.wish = { ...task.wish, days: { ranges: [{ from: day, to: day }] } };
    delete task.wish.times;
    delete task.wish.atMin;
    task.offered = [];
    delete task.barren;
    t.rule("go-ahead/others-that-day");
    proceed(t);
    return true;
  }
  // "What other times are there on Tuesday": those of that day, at whatever hour.
  const onADay = reading.found.every((f) => f.kind === "shift" || f.kind === "yes" || f.kind === "day") && reading.found.some((f) => f.kind === "day");
  if (shift?.value === "another-time" && onADay && (task.errand === "book" || task.errand === "move") && task.hold) {
    dropHold(t, task);
    task.offered = [];
    delete task.wish.times;
    delete task.wish.atMin;
    applyWish(t, task, reading, contextOf(t.house, t.now, t.state));
    t.rule("go-ahead/others-on-a-day");
    proceed(t);
    return true;
  }
  // "No, earlier": measured from what is held, which is let go.
  const withThem = reading.found.every(
    (f) =>
      f.kind === "shift" ||
      f.kind === "yes" ||
      // "A bit later the same day": where it is already.
      isSameDay(f) ||
      (f.kind === "staff" && !f.not && (task.errand === "book" || task.errand === "move") && task.hold && f.value.includes(task.hold.offer.staff)),
  );
  const measured = shift?.value === "later" || shift?.value === "earlier" || shift?.byMin === undefined;
  if (shift && measured && (task.errand === "book" || task.errand === "move") && task.hold && (!wishIn(reading) || withThem)) {
    if (task.errand === "move") delete task.keepTime;
    task.offered = [task.hold.offer];
    dropHold(t, task);
    t.rule("go-ahead/another");
    return hearSlot(t, task, { ...reading, found: reading.found.filter((f) => !isSameDay(f)) });
  }
  return false;
}

const isSameDay = (f: Found): boolean =>
  f.kind === "day" && f.value.kind === "relative" && f.value.byDays === 0 && f.value.weekday === undefined && !f.value.week;

export function chosenIs(t: Turn, task: BookTask | MoveTask, reading: Reading): boolean {
  if (!task.hold) return false;
  const hit = chosen(t, [task.hold.offer], reading);
  const other =
    ofKind(reading.found, "service").some((s) => !s.value.includes(task.hold?.offer.service ?? "")) ||
    ofKind(reading.found, "length").some((l) => l.value !== task.hold?.offer.lengthMin);
  return Array.isArray(hit) && hit.length === 1 && !other;
}

/** "Make that three", of a class that is at half past seven: a number of places, and no hour at which it is held. */
function onlyCounts(t: Turn, task: BookTask, reading: Reading, many: number): boolean {
  const group = t.house.services.get(task.service ?? "")?.group;
  const hour = reading.found.filter((f) => f.kind !== "yes");
  return (
    group !== undefined &&
    hour.length === 1 &&
    hour.every((f) => f.kind === "time" && f.value.kind === "at" && !f.value.at.certain && f.value.at.hour === many && f.value.at.minute === 0) &&
    !group.times.some((time) => toMin(time.at) % (12 * 60) === many * 60)
  );
}

/** Whether no other day is named than the weekday of what is held. */
function onThatDay(t: Turn, task: BookTask, reading: Reading): boolean {
  const on = weekdayOf(t.house.zone.toLocal(task.hold?.offer.startMin ?? t.now).day);
  return ofKind(reading.found, "day").every((d) => d.value.kind === "weekdays" && d.value.weekdays.length === 1 && d.value.weekdays[0] === on);
}
