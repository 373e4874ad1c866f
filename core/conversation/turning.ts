import {
  BESIDES_THAT,
  CHANGES_SOMETHING,
  GOES_ON,
  HER,
  HIM,
  MY_MISTAKE,
  ALSO_FOR,
  ONE_AS_WELL,
  ONE_HOUR_FOR_ANOTHER,
  SAME_HOUR,
  SAYS_INSTEAD,
  OF_SOMEBODY_SPOKEN_OF,
  OF_THAT_DAY,
} from "../language/packs/en/doing.ts";
import { BOTH_OF_THEM } from "../language/packs/en/things.ts";
import { isGuess } from "../language/errand.ts";
import { ofKind } from "../language/found.ts";
import { read, type Reading } from "../language/read.ts";
import { applyOld } from "./errands/old.ts";
import { applyToBook } from "./errands/apply.ts";
import { applyWish } from "./errands/wished.ts";
import { newBook, newCancel, newMove } from "./tasks.ts";
import { dropHold } from "./errands/offering.ts";
import { contextOf } from "./context.ts";
import type { AppointmentView, BookTask, CancelTask, MoveTask } from "./state.ts";
import { type Turn } from "./turn.ts";
import {
  ADDS_TO_IT,
  AT_THE_SAME_GO,
  BESIDES_FIRST,
  ASKS_FOR_IT,
  CANNOT_KEEP_IT,
  GETS_THEM,
  LIKES_THEM,
  PREFERS,
  SOMEBODY_ELSE,
  WITH_THEM,
  IN_ITS_PLACE,
  JUST_ANOTHER,
  IT_TO_BE,
  ONE_MORE,
  SAME,
  THE_ONE_TO_BE,
  THEY_HAVE,
  THE_SAME_AS_WELL,
  WAS_IT_THEN,
  WITH_WOULD_BE_BETTER,
} from "../language/packs/en/talk.ts";

/** What turns what was said, or what is being done, into something else: a booking into a move, a person spoken of, another visit. */

/** "Could Tobias see me earlier on the 16th": later or earlier than something that is booked is a move. */
export function asMove(t: Turn, reading: Reading, text: string): Reading {
  const books = reading.errands.length === 1 && ["book", "ask-availability"].includes(reading.errands[0]?.errand ?? "");
  const shift = ofKind(reading.found, "shift").some((s) => s.value === "later" || s.value === "earlier");
  const known =
    t.state.appointments.length > 0 &&
    reading.errands.length === 0 &&
    ofKind(reading.found, "shift").some((s) => s.byMin !== undefined || s.value === "later" || s.value === "earlier");
  // "At 11 instead of 10": one hour for another is a move, whoever is to do it.
  const swaps = books && ofKind(reading.found, "time").length > 0 && ONE_HOUR_FOR_ANOTHER.test(reading.said);
  // "The ninety minutes instead", with no day: what they have is to be longer.
  const resized =
    books && ofKind(reading.found, "length").length > 0 && SAYS_INSTEAD.test(reading.said) && !reading.found.some((f) => f.kind === "day" || f.kind === "time");
  // "Make it half an hour shorter", right after they were told what they have.
  const byLength =
    t.state.toldOf !== undefined &&
    (books || reading.errands.length === 0) &&
    ofKind(reading.found, "length").some((l) => /-by$/.test(l.rule)) &&
    ofKind(reading.found, "service").length === 0;
  // "Can the one on the 12th be at two", "can you make it eleven": of what they have, once it was told.
  const named = new Set(ofKind(reading.found, "service").flatMap((s) => s.value));
  const ofTold =
    // "Can I have the dietitian on the same day too" is of nothing that they have.
    t.state.appointments.some((a) => named.size === 0 || named.has(a.service)) &&
    (books || reading.errands.length === 0) &&
    reading.found.some((f) => f.kind === "day" || f.kind === "time") &&
    (THE_ONE_TO_BE.test(reading.masked) || (t.state.toldOf !== undefined && IT_TO_BE.test(reading.masked)));
  if ((swaps || resized || byLength || ofTold) && !t.state.task) return again(t, text);
  // "I'd like a lady for the laser, can somebody else do it", of a visit that they have.
  const theirs = t.state.appointments.filter((a) => (named.size > 0 ? named.has(a.service) : a.id === t.state.toldOf));
  if (
    !t.state.task &&
    reading.errands.every((e) => e.errand === "book" || (e.errand.startsWith("ask-") && isGuess(e))) &&
    theirs.length === 1 &&
    SOMEBODY_ELSE.test(reading.said)
  )
    return again(t, text);
  // What was just booked or moved is what is spoken of too, until something else is.
  const done =
    t.state.did && t.state.did.did !== "cancelled" && (t.state.topic ?? t.state.did.of.service) === t.state.did.of.service ? t.state.did.of.id : undefined;
  const told = t.state.task ? undefined : t.state.appointments.find((a) => a.id === (t.state.toldOf ?? done));
  // "Wait, was that Saturday": what stands is told again.
  const only = reading.found.every((f) => f.kind === "day" || f.kind === "time" || (f.kind === "yes" && !f.value));
  if (told && !t.state.task && only && WAS_IT_THEN.test(reading.masked))
    return { ...reading, found: [], errands: [{ errand: "ask-mine", rule: "errand/ask-mine/was-it-then", at: 0, sure: 0.8 }] };
  if (told && otherwise(reading, told)) return ofWhatWasTold(t, done === told.id ? told : undefined, text);
  // "Sorry, wrong day, Wednesday I meant", right after a booking.
  const mistaken =
    t.state.last !== undefined &&
    !t.state.task &&
    (books || reading.errands.length === 0) &&
    reading.found.some((f) => f.kind === "day" || f.kind === "time") &&
    ofKind(reading.found, "service").length === 0 &&
    MY_MISTAKE.test(text);
  if (mistaken) return again(t, text);
  if (!(books || known) || !shift || t.state.task || ofKind(reading.found, "service").length > 0 || SAME.test(reading.said)) return reading;
  return again(t, text);
}

/** "Could I have it with Nell", "I can't make that, Tuesday at ten?", right after they were told what they have. */
function otherwise(reading: Reading, told: AppointmentView): boolean {
  const named = ofKind(reading.found, "service").flatMap((s) => s.value);
  if (named.length > 0 && !named.includes(told.service)) return false;
  if (reading.errands.some((e) => !["book", "ask-availability", "move", "cancel"].includes(e.errand) && !(e.errand === "ask-staff" && isGuess(e))))
    return false;
  if (reading.found.some((f) => f.kind === "day" || f.kind === "time") && CANNOT_KEEP_IT.test(reading.said)) return true;
  // "Is two o'clock that day possible".
  if (reading.found.some((f) => f.kind === "time") && OF_THAT_DAY.test(reading.said)) return true;
  const others = ofKind(reading.found, "staff").some((s) => s.value !== "any" && !s.not && !s.value.includes(told.staff));
  if (others && WITH_WOULD_BE_BETTER.test(reading.masked)) return true;
  return others && (PREFERS.test(reading.said) || LIKES_THEM.test(reading.masked) || WITH_THEM.test(reading.masked));
}

/** Of the visit that was told of: whatever day, hour or person is named is wished for. */
function ofWhatWasTold(t: Turn, done: AppointmentView | undefined, text: string): Reading {
  if (done) t.state.toldOf = done.id;
  const anew = read(text, { ...contextOf(t.house, t.now, t.state), errand: "move", oldKnown: true });
  const found = anew.found
    .map((f) => (["staff", "day", "time"].includes(f.kind) && f.part === "old" ? { ...f, part: "new" as const } : f))
    .filter((f) => f.kind !== "service");
  return { ...anew, found, errands: [{ errand: "move", rule: "errand/move/of-what-was-told", at: 0, sure: 0.7 }] };
}

function again(t: Turn, text: string): Reading {
  const anew = read(text, { ...contextOf(t.house, t.now, t.state), errand: "move" });
  return { ...anew, errands: [{ errand: "move", rule: "errand/move/later-or-earlier", at: 0, sure: 0.5 }] };
}

/** "When is he in", "with her": the person spoken of last. */
export function spokenOf(t: Turn, reading: Reading, text: string): Reading {
  const people = new Set(ofKind(reading.found, "staff").flatMap((s) => (s.value === "any" || s.not ? [] : s.value)));
  // Of several who are named, "she" is the one of whom it can be said.
  if (people.size > 1) {
    t.state.people = [...people];
    delete t.state.person;
    return reading;
  }
  const named = ofKind(reading.found, "staff").find((s) => s.value !== "any" && !s.not);
  if (named && named.value !== "any") {
    t.state.person = named.value[0] as string;
    delete t.state.people;
    return reading;
  }
  // "Is Nell in on Thursday?" "And Saturday?"
  const first = GOES_ON.exec(text);
  if (
    first &&
    !t.state.task &&
    t.state.lastAsk === "ask-staff" &&
    t.state.person &&
    reading.found.length > 0 &&
    reading.found.every((f) => f.kind === "day" || f.kind === "time")
  ) {
    const asked: Reading["found"][number] = {
      kind: "staff",
      value: [t.state.person],
      rule: "staff/spoken-of",
      start: 0,
      end: first[0].length,
      assumed: t.house.staff.get(t.state.person)?.name ?? "",
    };
    return { ...reading, found: [...reading.found, asked] };
  }
  // "Can I get him on Wednesday", after it was asked whether he is in.
  const got = t.state.lastAsk === "ask-staff" ? GETS_THEM.exec(text) : null;
  const word = got ?? THEY_HAVE.exec(text) ?? OF_SOMEBODY_SPOKEN_OF.exec(text);
  const person = word && personMeant(t, word[1] as string);
  if (!word || !person || reading.found.some((f) => f.kind === "for-whom") || (t.state.task?.errand === "book" && t.state.task.forWhom)) return reading;
  const start = word.index + word[0].length - (word[1] as string).length;
  return {
    ...reading,
    found: [
      ...reading.found,
      {
        kind: "staff",
        value: [person],
        rule: "staff/spoken-of",
        start,
        end: start + (word[1] as string).length,
        assumed: t.house.staff.get(person)?.name ?? "",
        // In a move, somebody else than whom it is with is wished for.
        ...(reading.errands.some((e) => e.errand === "move") ? { part: "new" as const } : {}),
      },
    ],
  };
}

/** Who "her" or "him" is: the person spoken of last, or of several who were named the only one of whom it can be said. */
function personMeant(t: Turn, word: string): string | undefined {
  const gender = HIM.test(word) ? "man" : HER.test(word) ? "woman" : undefined;
  const fits = (id: string): boolean => {
    const own = t.house.staff.get(id)?.gender;
    return gender === undefined || own === undefined || own === gender;
  };
  if (t.state.person) return fits(t.state.person) ? t.state.person : undefined;
  const [only, other] = gender ? (t.state.people ?? []).filter(fits) : [];
  return other === undefined ? only : undefined;
}

/** "No, the follow-up": another of the client's appointments is meant than the one that was named. */
export function theOther(t: Turn, reading: Reading): boolean {
  const task = t.state.task;
  if ((task?.errand !== "cancel" && task?.errand !== "move") || !task.appointment || reading.question) return false;
  const named = ofKind(reading.found, "service").flatMap((s) => s.value);
  if (named.length === 0 || named.includes(task.appointment.service)) return false;
  const others = t.state.appointments.filter((a) => a.id !== task.appointment?.id && named.includes(a.service));
  const [other] = others;
  if (!other || others.length > 1) return false;
  if (task.errand === "move") dropHold(t, task);
  task.appointment = other;
  t.rule("which-appointment/the-other");
  return true;
}

/** So many words say when and nothing else. */
const LONGEST_WHEN = 6;

/** Another day or hour in answer to "shall I cancel it?": then it is to be moved. */
export function insteadOfCancelling(t: Turn, reading: Reading, text: string): boolean {
  const task = t.state.task;
  const agrees = ofKind(reading.found, "yes")[0]?.value === true;
  // "Yes, and can he get in the week after": the same visit, on another day.
  const { service } = task?.errand === "cancel" && task.appointment ? task.appointment : { service: undefined };
  const again =
    agrees &&
    reading.errands.some((e) => e.errand === "book" || e.errand === "ask-availability") &&
    ofKind(reading.found, "service").every((s) => service !== undefined && s.value.includes(service)) &&
    !reading.found.some((f) => f.kind === "for-whom" || f.kind === "length");
  // "Thursday same time?" asks for nothing else.
  const onlyWhen =
    reading.errands.length === 0 &&
    reading.found.some((f) => f.kind === "day") &&
    reading.found.every((f) => f.kind === "day" || f.kind === "time" || f.kind === "shift") &&
    text.trim().split(/\s+/).length <= LONGEST_WHEN;
  const asks = reading.question && !again && !onlyWhen && !CHANGES_SOMETHING.test(text);
  if (task?.errand !== "cancel" || !task.appointment || asks || reading.errands.some((e) => e.errand === "cancel")) return false;
  // "Could I just have a later time that day".
  const measured = ofKind(reading.found, "shift").some((s) => s.byMin !== undefined || reading.errands.length === 0);
  if ((!measured && !reading.found.some((f) => f.kind === "day" || f.kind === "time")) || (agrees && !again)) return false;
  const fresh: MoveTask = { ...newMove(), appointment: task.appointment };
  t.state.task = fresh;
  const context = contextOf(t.house, t.now, t.state);
  applyWish(t, fresh, read(text, { ...context, errand: "move", oldKnown: true }), context);
  t.rule("cancel/moved-instead");
  return true;
}

/** "And for my wife as well", before there is an hour for the first: another visit right after it, or one more place. */
function alsoFor(t: Turn, task: BookTask, reading: Reading): boolean {
  const whom = ofKind(reading.found, "for-whom").at(-1)?.value;
  if (!task.service || whom === undefined || task.forWhom !== undefined || !ALSO_FOR.test(reading.said)) return false;
  if (reading.found.some((f) => f.kind !== "for-whom" && f.kind !== "yes" && !(f.kind === "places" && f.value === 1))) return false;
  if (t.house.services.get(task.service)?.group) task.places = (task.places ?? 1) + 1;
  else
    t.state.later.push({
      ...newBook(),
      service: task.service,
      ...(task.saidLength === undefined ? {} : { saidLength: task.saidLength }),
      forWhom: whom,
      beside: true,
      rightAfter: true,
    });
  t.say("aside/heard");
  t.rule("several/also-for");
  return true;
}

/** "And the same for my brother", "another one on the 11th", while a visit is being kept: it waits until that one is booked. */
export function lineUpAnother(t: Turn, reading: Reading): boolean {
  const task = t.state.task;
  if (task?.errand === "book" && alsoFor(t, task, reading)) return true;
  if (task?.errand !== "book" || !task.hold || !ONE_MORE.test(reading.said) || reading.question) return false;
  if (ofKind(reading.found, "yes").some((y) => !y.value) || ofKind(reading.found, "service").some((s) => !s.value.includes(task.service ?? ""))) return false;
  const day = reading.found.some((f) => f.kind === "day");
  const whom = reading.found.some((f) => f.kind === "for-whom");
  if (!day && !whom) return false;
  // "One for my son" before anybody else was named is who this visit is for.
  if (whom && !day && !ONE_AS_WELL.test(reading.said)) return false;
  const at = t.house.zone.toLocal(task.hold.offer.startMin);
  const alike = THE_SAME_AS_WELL.test(reading.said);
  const next: BookTask = {
    ...newBook(),
    ...(task.service ? { service: task.service } : {}),
    lengthMin: task.hold.offer.lengthMin,
    saidLength: task.hold.offer.lengthMin,
    // "The same on Wednesday": with the same person, at the same hour.
    ...(alike ? { staff: [task.hold.offer.staff] } : {}),
    wish: { days: { ranges: [{ from: at.day, to: at.day }] }, ...(!day || alike || SAME_HOUR.test(reading.said) ? { atMin: at.minute } : {}) },
  };
  const { state } = t;
  const expects = state.expects;
  state.expects = "errand";
  applyToBook(t, next, { ...reading, found: reading.found.filter((f) => f.kind !== "shift" && f.kind !== "choice") }, contextOf(t.house, t.now, state));
  state.expects = expects;
  state.later.push(next);
  t.rule("several/another-after-this");
  return true;
}

/** "Can you tack a beard trim on the end", while a cut is being booked: it comes right after that one. */
export function lineUpBesides(t: Turn, reading: Reading): boolean {
  const { state } = t;
  const task = state.task;
  if (task?.errand !== "book") return false;
  // "And I'm due an eye test", while a visit is suggested for what was told before: both.
  const [suggested] =
    !task.service && task.suggested && task.among?.length === 1 && (state.expects === "service" || state.expects === "message") ? task.among : [];
  const besides = suggested !== undefined && BESIDES_FIRST.test(reading.said);
  if (!besides && (!task.service || (!task.hold && task.offered.length === 0 && state.expects !== "length"))) return false;
  // "And puppy school?", while another visit is being booked.
  const andThat = JUST_ANOTHER.test(reading.masked);
  if (reading.question && !andThat && !ASKS_FOR_IT.test(reading.said)) return false;
  if (
    (!besides && !andThat && !ADDS_TO_IT.test(reading.said)) ||
    // "While you have it, change the oil" changes no visit.
    (IN_ITS_PLACE.test(reading.said) && !AT_THE_SAME_GO.test(reading.said)) ||
    reading.errands.some((e) => e.errand !== "book" && e.errand !== "ask-availability" && !((e.errand === "move" || e.errand === "ask-service") && isGuess(e)))
  )
    return false;
  const named = ofKind(reading.found, "service");
  const [of, another] = new Set(named.flatMap((s) => s.value));
  // "A massage after", where there are two kinds: which of them is asked when it is their turn.
  const several = another !== undefined && named.length === 1;
  if (
    !of ||
    (another !== undefined && !several) ||
    named.some((s) => s.value.includes((task.service ?? suggested) as string)) ||
    ofKind(reading.found, "yes").some((y) => y.value && state.expects === "go-ahead")
  )
    return false;
  if (!several && state.later.some((x) => x.errand === "book" && x.service === of)) return false;
  const own = reading.found.some((f) => f.kind === "day" || f.kind === "time" || f.kind === "for-whom");
  if (besides) {
    task.service = suggested;
    for (const key of ["among", "suggested", "maybe"] as const) delete task[key];
  }
  const next: BookTask = { ...newBook(), ...(several ? {} : { service: of }), beside: true, ...(own ? {} : { rightAfter: true }) };
  const expects = state.expects;
  state.expects = "errand";
  applyToBook(t, next, reading, contextOf(t.house, t.now, state));
  state.expects = expects;
  state.later.push(next);
  t.say("book/one-each");
  t.rule("several/another-after-this");
  return true;
}

/** "Both, please", asked which of two it is to be: one after the other. */
export function bothOfThem(t: Turn, reading: Reading): boolean {
  const { state } = t;
  const task = state.task;
  const [first, other, more] = task?.errand === "book" ? (task.among ?? []) : [];
  if (task?.errand !== "book" || state.expects !== "service" || first === undefined || other === undefined || more !== undefined) return false;
  if (!BOTH_OF_THEM.test(reading.said.toLowerCase())) return false;
  task.service = first;
  for (const key of ["among", "maybe", "suggested", "byTold", "tellApart", "serviceAsked"] as const) delete task[key];
  state.later.push({ ...newBook(), service: other, beside: true, rightAfter: true });
  t.say("book/one-each");
  t.rule("several/both-of-them");
  return true;
}

/**
 * "And move the massage to the 11th", while another visit waits for its go-ahead: what is said of a visit of another
 * service is done after this one.
 */
export function lineUpDeed(t: Turn, reading: Reading): boolean {
  const { state } = t;
  const task = state.task;
  const [only] = reading.errands;
  if (state.expects !== "go-ahead" || (task?.errand !== "cancel" && task?.errand !== "move") || !task.appointment || reading.errands.length !== 1) return false;
  if ((only?.errand !== "cancel" && only?.errand !== "move") || !BESIDES_THAT.test(reading.said)) return false;
  const named = ofKind(reading.found, "service").flatMap((s) => s.value);
  if (named.length === 0 || named.includes(task.appointment.service)) return false;
  if (ofKind(reading.found, "yes").some((y) => !y.value)) return false;
  const context = contextOf(t.house, t.now, { ...state, task: null, expects: "errand" });
  const anew = read(reading.said, { ...context, errand: only.errand });
  const next: CancelTask | MoveTask = only.errand === "cancel" ? newCancel() : newMove();
  applyOld(next, anew, context, next.errand === "cancel");
  if (next.errand === "move") applyWish(t, next, anew, context);
  state.later.push(next);
  t.rule("several/another-after-this");
  return true;
}
