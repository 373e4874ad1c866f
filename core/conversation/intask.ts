import { OF_ONESELF } from "../language/packs/en/signs.ts";
import {
  ASKS_OF_WHAT_IS,
  A_CLOCK_TIME,
  A_NUMBER_FIRST,
  ENDS_IT,
  GREETING,
  HAS_NONE,
  LEAVES_IT,
  NOTHING_THEN,
  ONE_MOMENT_PLEASE,
  RATHER_NOT_SAY,
  SAYS_BOOK,
} from "../language/packs/en/doing.ts";
import { complains } from "../language/features.ts";
import { contentOf } from "../knowledge/search.ts";
import { isAsk, isGuess } from "../language/errand.ts";
import { ofKind } from "../language/found.ts";
import { CARDINALS } from "../language/packs/en/words.ts";
import { read, type Reading } from "../language/read.ts";
import { applyOld } from "./errands/old.ts";
import { applyToBook } from "./errands/apply.ts";
import { applyWish } from "./errands/wished.ts";
import { deniedIn } from "./errands/whichservice.ts";
import { ofTheNeed } from "./errands/told.ts";
import { saysBefore } from "./errands/who.ts";
import { answer, feeOfThat } from "./errands/ask.ts";
import { SURELY, TO_THE_WORD, fromHandbook, spoken } from "./errands/handbook.ts";
import { beyond } from "./errands/services.ts";
import { newBook } from "./tasks.ts";
import { dropHold, take } from "./errands/offering.ts";
import { contextOf } from "./context.ts";
import { chosenIs } from "./goahead.ts";
import { singleDay, wishIn, wishOf } from "./wish.ts";
import { proceed } from "./proceed.ts";
import { tellsOfNeed, visitFor } from "./hearing/needs.ts";
import { hearSlot, pickAppointment, which } from "./slot.ts";
import { anotherHour, asAsked, carriedOn, mayBeTheirs, reopen } from "./start.ts";
import type { Task } from "./state.ts";
import { type Turn } from "./turn.ts";
import { notKnown, resume, repair, close } from "./unheard.ts";
import {
  BARE_HOUR,
  BEGAN,
  IT_IS_URGENT,
  EITHER_WILL_DO,
  GIVES_UP,
  HOW_LONG_IS_IT,
  IN_CASE,
  IS_THEY_SO,
  NO_AND_TELLS,
  NO_IT_IS_OTHERWISE,
  NO_I_MEAN,
  OF_THEIR_THING,
  SEE_TO_THEM,
  NOT_KNOWING,
  SO_MANY_THEN,
  THAT_IS_ALL,
  WHICH_TIMES,
} from "../language/packs/en/talk.ts";

/** What was said and is no errand of its own: an answer or a change within an errand, or words while nothing is being worked on. */

/** Within an errand: an answer, a choice, a change, a question, or something that was not understood. */
export function hearInTask(t: Turn, task: Task, reading: Reading, text: string, kept: { name: boolean; contact: boolean }): void {
  const { state } = t;
  const context = contextOf(t.house, t.now, state);
  const yes = ofKind(reading.found, "yes")[0]?.value;
  let moved = kept.name || kept.contact;
  // "Four", asked which of some it is, once a day was named: an hour, since none of them is called so.
  if (
    task.errand === "book" &&
    state.expects === "service" &&
    task.among &&
    task.wish.days &&
    !reading.found.some((f) => f.kind === "time") &&
    BARE_HOUR.test(text.trim())
  ) {
    const hour = read(text, { ...context, expects: "time" });
    if (
      hour.found.some((f) => f.kind === "time") &&
      hour.found.every((f) => f.kind === "time" || (f.kind === "yes" && f.value)) &&
      applyToBook(t, task, hour, context)
    ) {
      t.say("noted");
      t.rule("time/asked-which-service");
      return proceed(t);
    }
  }
  // Beside a number, a goodbye was misheard.
  if (!kept.contact && reading.errands.some((e) => e.errand === "thanks-bye") && ENDS_IT.test(text)) {
    if ("hold" in task && task.hold) dropHold(t, task);
    state.task = null;
    state.later = [];
    state.outcomes.push("abandoned");
    t.say("bye/nothing-done");
    state.status = "closed";
    t.expect("nothing");
    return;
  }
  // "Forget it", instead of a name or a number.
  if (
    ["name", "phone", "email", "name-check", "phone-check", "email-check", "service", "length", "day", "time", "slot", "which-appointment"].includes(
      state.expects,
    ) &&
    GIVES_UP.test(text)
  ) {
    if ("hold" in task && task.hold && (task.errand === "book" || task.errand === "move")) dropHold(t, task);
    state.task = null;
    t.say(task.errand === "move" || task.errand === "cancel" ? "move/kept" : "book/let-go");
    t.rule("aside/gives-up");
    return proceed(t);
  }
  if (state.expects === "name" && RATHER_NOT_SAY.test(text) && !GIVES_UP.test(text) && (task.errand === "book" || task.errand === "move")) {
    t.say("why/name");
    t.rule("aside/rather-no-name");
    return proceed(t);
  }
  if (state.expects === "phone" || state.expects === "email") {
    if (!moved && ((yes === false && !ONE_MOMENT_PLEASE.test(text)) || RATHER_NOT_SAY.test(text) || HAS_NONE.test(text))) {
      // Neither number nor address: one of them is needed, and is asked for once more in words of its own.
      if (state.client.noPhone) {
        delete state.client.noPhone;
        state.repairs++;
        if (state.repairs >= 3) return repair(t);
        t.say("book/need-contact");
        t.expect("phone");
        return;
      }
      state.client.noPhone = true;
      return proceed(t);
    }
  }
  // "Or earlier even", once an hour is kept and a name is asked for: measured from what is kept.
  const shift = ofKind(reading.found, "shift").find((s) => s.value === "earlier" || s.value === "later");
  if (shift && (task.errand === "book" || task.errand === "move") && task.hold && state.expects !== "go-ahead" && !moved && !wishIn(reading)) {
    task.offered = [task.hold.offer];
    dropHold(t, task);
    t.rule("hold/another");
    if (hearSlot(t, task, reading)) return;
  }
  // "It's urgent", while a message is taken: part of it.
  if (task.errand === "message" && task.text !== undefined && IT_IS_URGENT.test(text)) {
    task.text = `${task.text.replace(/[.\s]+$/, "")}. ${text.trim()}`;
    t.say("aside/heard");
    t.rule("message/urgent");
    return proceed(t);
  }
  // "Either", asked whether the morning's or the evening's hour is meant.
  if ((task.errand === "book" || task.errand === "move") && state.expects === "time" && task.wish.times && EITHER_WILL_DO.test(text)) {
    task.wish.eitherHalf = true;
    t.rule("time/either-half");
    return proceed(t);
  }
  // "If not, Wednesday", once what was wished for is kept: nothing else is needed.
  if ((task.errand === "book" || task.errand === "move") && task.hold && IN_CASE.test(text)) {
    t.rule("hold/not-needed");
    return proceed(t);
  }
  // "Wednesday is good", once Wednesday at nine is kept: it stands as it is.
  if (
    (task.errand === "book" || task.errand === "move") &&
    task.hold &&
    state.expects !== "go-ahead" &&
    !reading.question &&
    wishIn(reading) &&
    chosenIs(t, task, reading)
  ) {
    t.rule("hold/said-again");
    return proceed(t);
  }
  // "Can I do the long one instead", while hours are offered for what is moved.
  // So at the go-ahead: "the longer one this time, two hours".
  if (task.errand === "move" && (state.expects === "slot" || (state.expects === "go-ahead" && yes !== false)) && ofKind(reading.found, "length").length > 0) {
    const lengths = (): string => JSON.stringify([task.lengthMin, task.lengthTo, task.lengthBy]);
    const before = lengths();
    if (applyWish(t, task, reading, context) || lengths() !== before) reopen(t, task);
    t.rule("slot/another-length");
    return proceed(t);
  }
  if ((task.errand === "book" || task.errand === "move") && state.expects === "slot" && task.offered.length > 0) {
    if (hearSlot(t, task, reading)) return;
  }
  if (task.errand === "book") {
    // "The first one" and "Wednesday at 5" say no number of places.
    // "Two then, on Saturday" does, since it begins with it.
    const counts =
      task.needPlaces && !A_CLOCK_TIME.test(text) && (SO_MANY_THEN.test(text) || !reading.found.some((f) => f.kind === "choice" || f.kind === "day"));
    const bare = counts ? A_NUMBER_FIRST.exec(text)?.[1] : undefined;
    if (bare !== undefined) {
      delete task.needPlaces;
      task.places = /^\d/.test(bare) ? Number(bare) : (CARDINALS[bare.toLowerCase()] ?? 1);
      moved = true;
    }
    // "No, not the assessment, somebody to talk to her": what was suggested is named to be declined.
    const named = ofKind(reading.found, "service");
    const deniesIt =
      named.length > 0 &&
      named.every((f) => f.value.every((id) => task.among?.includes(id)) && deniedIn({ reading }, f)) &&
      !reading.found.some((f) => f.kind === "day" || f.kind === "time");
    // "Neither", of those that were named.
    const neither = (task.among?.length ?? 0) > 1 && ofKind(reading.found, "choice").some((c) => c.value === "none");
    if (
      state.expects === "service" &&
      (yes === false || neither) &&
      !(task.asksBefore && task.among && state.client.saysBefore === undefined) &&
      (deniesIt || (!wishIn(reading) && saysBefore(text) === null && !reading.errands.some((e) => e.errand === "book" || e.errand === "ask-availability"))) &&
      !moved
    ) {
      if (task.suggested && task.among?.length === 1) {
        // "No, she can walk on it" tells of what ails her, and declines nothing.
        if (NO_AND_TELLS.test(text) || NOT_KNOWING.test(text)) {
          t.say("aside/heard");
          return proceed(t);
        }
        task.declined = [...(task.declined ?? []), ...task.among];
        task.told = `${task.told ?? ""} ${ofTheNeed(reading)}`;
        delete task.among;
        // "No", of some that were told apart: then it is one of the others.
        const others = (task.rest ?? []).filter((id) => !task.declined?.includes(id));
        if (others.length > 0) Object.assign(task, { among: others, ...(others.length === 1 ? { maybe: true } : {}) });
        delete task.rest;
        return proceed(t);
      }
      if (task.instead) {
        // What was offered in its place is declined: the first wish stands.
        Object.assign(task, task.instead);
        delete task.instead;
        delete task.among;
        return proceed(t);
      }
      // None of those that were named: what else there is is heard then.
      const several = (task.among?.length ?? 0) > 1;
      if (NOT_KNOWING.test(text) || NO_AND_TELLS.test(text) || several) {
        t.rule("service/none-of-those");
        // "No, it's still under guarantee" tells something, and declines none of them.
        if (several && !NOT_KNOWING.test(text) && (neither || !NO_AND_TELLS.test(text))) {
          task.declined = [...(task.declined ?? []), ...(task.among ?? [])];
          task.told = `${task.told ?? ""} ${ofTheNeed(reading)}`;
          delete task.among;
        }
        return proceed(t);
      }
      state.task = null;
      t.say("book/let-go");
      return proceed(t);
    }
    // Asked how long, they want none of it: it was another service that was meant.
    // "No, it's just me and my dad" tells how many, and declines nothing.
    const tellsWho = reading.found.some((f) => f.kind === "places" || f.kind === "for-whom");
    if (state.expects === "length" && yes === false && !wishIn(reading) && !tellsWho && !moved) {
      for (const key of ["service", "lengthMin", "saidLength", "lengthAsked", "among", "suggested"] as const) delete task[key];
      t.rule("service/not-that-one");
      return proceed(t);
    }
    const before = JSON.stringify(task);
    if (applyToBook(t, task, reading, context)) reopen(t, task);
    moved ||= before !== JSON.stringify(task);
  } else if (task.errand === "move") {
    if (!task.appointment && state.expects !== "which-appointment" && applyOld(task, reading, context, false)) moved = true;
    if (state.expects === "which-appointment") moved = pickAppointment(t, task, reading) || moved;
    else if (applyWish(t, task, reading, context)) {
      reopen(t, task);
      moved = true;
    }
    const person = ofKind(reading.found, "staff").findLast((p) => !p.not && p.part !== "old");
    if (person && task.appointment) {
      task.staff = person.value;
      // "With Joaquim", asked when it is to be instead: when it is now, with them.
      if (state.expects === "day" && !wishIn({ ...reading, found: reading.found.filter((f) => f.kind !== "staff") }) && !task.wish.days) task.keepTime = true;
      reopen(t, task);
      moved = true;
    }
  } else if (task.errand === "cancel") {
    if (state.expects === "which-appointment") moved = pickAppointment(t, task, reading) || moved;
    else if (task.appointment === undefined && applyOld(task, reading, context, true)) moved = true;
  } else if (task.errand === "ask-mine") moved = applyOld(task, reading, context, true) || moved;
  // A yes to several lengths is no choice; it is asked again, and then the house takes one and says so.
  if (state.expects === "length" && task.errand === "book" && yes === true && !reading.question && !moved) return proceed(t);
  if (moved) {
    state.repairs = 0;
    if (onlyWho(reading, kept) && noted(t, task)) return;
    return proceed(t);
  }
  if ((task.errand === "move" || task.errand === "cancel") && yes === false && LEAVES_IT.test(text)) {
    if (task.errand === "move") dropHold(t, task);
    state.task = null;
    t.say("move/kept");
    return proceed(t);
  }
  if (state.expects === "day" && task.errand === "book" && (yes === false || reading.found.some((f) => f.kind === "staff"))) {
    // "I don't mind" when: soonest first.
    if (yes === false && NOTHING_THEN.test(text)) {
      state.task = null;
      t.say("book/let-go");
      return proceed(t);
    }
    task.wish.days = { ranges: [], soonest: true };
    return proceed(t);
  }
  // "What time do you have", while times are offered: those.
  const { expects } = state;
  if (expects === "slot" && (task.errand === "book" || task.errand === "move") && task.offered.length > 0 && asksWhatThereIs(reading)) {
    state.repairs = 0;
    t.rule("slot/asked-again");
    return which(t, task);
  }
  // "How long is that visit", of what is being booked or moved.
  if (reading.question && HOW_LONG_IS_IT.test(text) && spoken(t, reading).length === 1 && answer(t, "ask-service", reading)) {
    state.repairs = 0;
    return resume(t);
  }
  // "Could someone check her anyway", while it is open which service it is.
  if (task.errand === "book" && !task.service && SEE_TO_THEM.test(text) && !reading.errands.some((e) => isAsk(e.errand))) {
    t.rule("book/see-to-them");
    return resume(t);
  }
  if (reading.question && (feeOfThat(t, reading) || fromHandbook(t, reading))) {
    state.repairs = 0;
    return resume(t);
  }
  // "Wait, when was it?": what is to be agreed to is said again.
  if (reading.question && state.expects === "go-ahead" && text.trim().split(/\s+/).length <= 8 && ASKS_OF_WHAT_IS.test(text)) {
    t.rule("go-ahead/said-again");
    return proceed(t);
  }
  if (reading.question && /\w{3,} \w{2,} \w{2,}/.test(reading.masked)) return notKnown(t, text);
  // "I've been coming for years", told before it is asked.
  const before = saysBefore(text);
  if (task.errand === "book" && before !== null && !reading.question) {
    state.client.saysBefore = before;
    state.repairs = 0;
    t.rule("who/been-before");
    t.say("noted");
    return proceed(t);
  }
  // "My husband will drive me", asked whether it is to be booked: told, and no answer yet.
  const nothing = reading.found.length === 0 && reading.errands.every((e) => isGuess(e)) && !reading.question;
  if (state.expects === "go-ahead" && nothing && OF_ONESELF.test(reading.said.toLowerCase()) && reading.said.trim().split(/\s+/).length > 2) {
    t.say("aside/heard");
    t.rule("aside/tells");
    return resume(t);
  }
  // "It hurts", "it started on Saturday", said instead of an answer, is heard; what was asked is asked again.
  if (reading.errands.every((e) => e.errand === "book" && isGuess(e)) && !reading.question && (complains(reading.said) || BEGAN.test(reading.said))) {
    t.say("aside/heard");
    t.rule("aside/ails");
    return resume(t);
  }
  repair(t);
}

/** Whether a message asks what times there are, and names none. */
const asksWhatThereIs = (reading: Reading): boolean =>
  !wishIn(reading) && (reading.errands.some((e) => e.errand === "ask-availability") || (reading.question && WHICH_TIMES.test(reading.said)));

/** Whether a message told who they are, and nothing besides. */
const onlyWho = (reading: Reading, kept: { name: boolean; contact: boolean }): boolean =>
  (kept.name || kept.contact) && !reading.question && reading.found.every((f) => f.kind === "name" || f.kind === "phone" || f.kind === "email");

/** Who they are, told while times are offered, is kept: what was offered by itself, or is just the hour they wished for, is taken with it; else it is asked again which. */
function noted(t: Turn, task: Task): boolean {
  if (t.state.expects !== "slot" || (task.errand !== "book" && task.errand !== "move")) return false;
  const [only, another] = task.offered;
  if (!only) return false;
  t.rule("slot/who-they-are");
  const { wish } = wishOf(t.house, task.wish, t.now, undefined);
  const exactly = task.offered.filter((o) => {
    const { day, minute } = t.house.zone.toLocal(o.startMin);
    return day === singleDay(wish.days) && wish.time?.fromMin === minute && wish.time.toMin === minute;
  });
  const meant = another === undefined ? only : exactly.length === 1 ? exactly[0] : undefined;
  if (meant) {
    take(t, task, meant, task.errand === "book" ? (task.places ?? 1) : (task.appointment?.places ?? 1), task.errand === "move" ? task.appointment : undefined);
    return true;
  }
  t.say("noted");
  which(t, task);
  return true;
}

/** Nothing is being worked on: what was said begins something, asks something, or is not understood. */
export function hearOpen(t: Turn, reading: Reading, text: string, kept: { name: boolean; contact: boolean }): void {
  const { state } = t;
  const yes = ofKind(reading.found, "yes")[0]?.value;
  const services = ofKind(reading.found, "service");
  // What was chosen from all that there is is a wish for it.
  // So is what is said together with when: "the hour, on Tuesday at three".
  if (state.asking === "book" || (!reading.question && reading.found.some((f) => f.kind === "time" || f.kind === "day"))) {
    delete state.asking;
    delete state.askingWhat;
  }
  if (state.asking && services.length > 0) {
    const asking = state.asking;
    const what = state.askingWhat;
    delete state.asking;
    delete state.askingWhat;
    answer(t, asking, what === undefined ? reading : { ...reading, said: `${what} ${reading.said}` });
    return proceed(t);
  }
  // Whether a time is to be looked for was asked: "no, thanks" ends nothing but that.
  const may = state.mayLook?.turn === state.turn - 1 ? state.mayLook.service : undefined;
  if (may !== undefined && yes === false && !wishIn(reading) && reading.errands.length === 0 && !THAT_IS_ALL.test(text)) return proceed(t);
  if (may !== undefined && yes && !state.task) {
    state.task = { ...newBook(), service: may };
    // "What have you got for that? Thursday evening maybe": when and with whom was said with the question.
    if (state.saidBefore !== undefined) {
      const asked = read(state.saidBefore, contextOf(t.house, t.now, state));
      const told = asked.found.filter((f) => ["day", "time", "staff", "gender", "for-whom"].includes(f.kind));
      if (told.length > 0) applyToBook(t, state.task, { ...asked, found: told }, contextOf(t.house, t.now, state));
    }
    applyToBook(t, state.task, reading, contextOf(t.house, t.now, state));
    t.rule("book/as-was-offered");
    state.repairs = 0;
    return proceed(t);
  }
  if (state.expects === "anything" && yes === false && !wishIn(reading) && saysBefore(text) === null) {
    // "No, I mean is it ready": what is asked after it is not known.
    // "No, it's still under guarantee" tells of something that was not heard.
    return NO_I_MEAN.test(text) || NO_IT_IS_OTHERWISE.test(text) ? notKnown(t, text) : close(t);
  }
  // "Forget it then", of what came to nothing.
  if (GIVES_UP.test(text) && reading.found.every((f) => f.kind === "yes") && reading.errands.every(isGuess)) {
    t.say("aside/heard");
    t.rule("aside/gives-up");
    return proceed(t);
  }
  if (reading.question && services.length === 0 && fromHandbook(t, reading)) return proceed(t);
  const when = reading.found.some((f) => f.kind === "day" || f.kind === "time" || f.kind === "length" || f.kind === "places");
  if (services.length > 0 && !when && reading.question) {
    if (answer(t, "ask-service", reading)) return proceed(t);
    return notKnown(t, text);
  }
  // "The wire came out on Saturday night, who do I call": asked, and there is a line for it.
  if (reading.question && reading.errands.length === 0 && services.length > 0 && fromHandbook(t, reading, SURELY, { telling: true, kinds: ["answer", "fact"] }))
    return proceed(t);
  // A question that speaks of something else as well is no wish for what it names.
  if (
    services.length > 0 &&
    reading.question &&
    reading.errands.length === 0 &&
    beyond(
      t,
      reading,
      services.flatMap((s) => s.value),
    )
  ) {
    if (fromHandbook(t, reading)) return proceed(t);
    return notKnown(t, text);
  }
  // "Could I collect it the same day", once it is booked: nothing more is to be booked.
  if (reading.question && services.length === 0 && OF_THEIR_THING.test(text)) return notKnown(t, text);
  if (anotherHour(t, reading)) return proceed(t);
  // "Like twenty minutes", after what holds for who comes late: it tells how late, and wishes for nothing.
  if (state.lastAsk === "ask-policy" && reading.found.length > 0 && reading.found.every((f) => f.kind === "length") && services.length === 0) {
    t.say("aside/heard");
    t.rule("aside/how-long");
    return proceed(t);
  }
  // "Sat arvo?": a day or an hour, and nothing else that is asked.
  const onlyWhen = when && contentOf(reading.masked.replace(/<\w+>/g, " ")).length === 0;
  if (
    services.length > 0 ||
    (when && !reading.question) ||
    (onlyWhen && reading.errands.length === 0) ||
    (when && (state.topic || state.topics)) ||
    carriedOn(t, reading)
  ) {
    const fresh = carriedOn(t, reading) ?? newBook();
    if (services.length === 0 && !fresh.service) {
      if (state.topic) fresh.service = state.topic;
      else if (state.topics) fresh.among = state.topics;
    }
    state.task = fresh;
    applyToBook(t, fresh, reading, contextOf(t.house, t.now, state));
    asAsked(t, fresh, reading);
    mayBeTheirs(t, fresh, reading);
    state.repairs = 0;
    return proceed(t);
  }
  if (GREETING.test(text)) {
    t.say("what-can-i-do");
    t.expect("errand");
    return;
  }
  // "Yes, book": what was spoken of last is to be booked.
  if (yes && SAYS_BOOK.test(text) && (state.topic ?? state.topics)) {
    state.task = { ...newBook(), ...(state.topic ? { service: state.topic } : { among: state.topics as string[] }) };
    state.repairs = 0;
    return proceed(t);
  }
  // "My son has a fever, he's four": who tells what ails them wants to be seen, whatever line speaks of something in it.
  if (!reading.question && reading.errands.length === 0 && complains(reading.said) && !state.task && !fromHandbook(t, reading, TO_THE_WORD)) {
    state.task = newBook();
    applyToBook(t, state.task, reading, contextOf(t.house, t.now, state));
    t.rule("book/what-ails");
    state.repairs = 0;
    return proceed(t);
  }
  if (fromHandbook(t, reading, text.trim().split(/\s+/).length <= 4 ? 0.5 : 0.75)) return proceed(t);
  // Whoever speaks of one of the house's people, and asks nothing that is understood, most likely wants to see them.
  if ((kept.name || kept.contact || yes) && !(yes && reading.question)) {
    t.say("what-can-i-do");
    t.expect("errand");
    return;
  }
  const person = ofKind(reading.found, "staff").find((s) => s.value !== "any" && !s.not);
  const ofThem = reading.question && IS_THEY_SO.test(reading.masked);
  if (person && !ofThem && person.value !== "any" && t.house.staff.get(person.value[0] ?? "")?.bookable) {
    state.task = newBook();
    applyToBook(t, state.task, reading, contextOf(t.house, t.now, state));
    t.rule("book/for-a-person-named");
    return proceed(t);
  }
  if (reading.question && /\w{3,}/.test(reading.masked)) return notKnown(t, text);
  // Who tells what ails them wants it seen to.
  if (reading.errands.length === 0 && (complains(reading.said) || tellsOfNeed(t, reading))) return visitFor(t, reading, "book/for-a-complaint");
  repair(t);
}
