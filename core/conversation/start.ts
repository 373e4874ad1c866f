import {
  COMES_TOO,
  MINE_OR_BOOKED,
  MOVES_MINE,
  MOVES_MINE_PLAINLY,
  OF_THEIR_OWN_VISIT,
  ONLY_A_MESSAGE,
  RIGHT_AFTER,
  SAYS_BOOK,
  THEN,
  THE_OTHER,
} from "../language/packs/en/doing.ts";
import { ofKind, peopleIn, type Found } from "../language/found.ts";
import { isGuess, type Errand } from "../language/errand.ts";
import type { Reading } from "../language/read.ts";
import { contextOf } from "./context.ts";
import { alsoTheSame } from "./errands/alsothesame.ts";
import { tellsOfAnother } from "./errands/existing.ts";
import { applyOld } from "./errands/old.ts";
import { applyToBook } from "./errands/apply.ts";
import { moreOf } from "./errands/whichservice.ts";
import { applyWish } from "./errands/wished.ts";
import { ofLength } from "./errands/oflength.ts";
import { newBook, newCancel, newMove } from "./tasks.ts";
import { dropHold } from "./errands/offering.ts";
import type { BookTask, CancelTask, MoveTask, Task } from "./state.ts";
import { singleDay } from "./wish.ts";
import { type Turn } from "./turn.ts";
import {
  ANOTHER_ONE,
  OTHERWISE_THAN,
  AT_THE_SAME_GO,
  BESIDE_MINE,
  IT_AND_ANOTHER,
  DOES_OURS,
  OURS_THAT_DAY,
  OF_WHAT_IS_ON,
  PREFERS,
  SAME,
  START_ON_THE_DAY,
  STARTS_OTHERWISE,
  TELLS_THEM_THAT,
  TO_BE_REACHED,
  HOW_SOON,
} from "../language/packs/en/talk.ts";

/** Begins, turns or ends an errand that the message names; true when the message's parts have been taken in. */
export function startTask(t: Turn, reading: Reading, errands: readonly Errand[]): boolean {
  const { state } = t;
  let did = false;
  for (const named of errands) {
    const task = state.task;
    // "You have … on Friday" – "I'd prefer Tuesday": of the visit that was told of.
    const prefers = named === "book" && !task && state.toldOf !== undefined && PREFERS.test(reading.said) && ofKind(reading.found, "service").length === 0;
    const e = prefers ? "move" : named;
    const context = contextOf(t.house, t.now, state);
    if (e === "book" || e === "ask-availability") {
      // Asked which of their appointments is meant, they name one of those.
      if (task && state.expects === "which-appointment") continue;
      if (!task && anotherHour(t, reading)) {
        did = true;
        continue;
      }
      if (task?.errand === "book") {
        if (state.expects !== "go-ahead" && alsoTheSame(t, task, reading)) {
          did = true;
          continue;
        }
        const asked =
          state.expects === "slot" ||
          state.expects === "service" ||
          state.expects === "length" ||
          state.expects === "which-appointment" ||
          state.expects === "name";
        if (asked || state.expects === "go-ahead") continue;
        if (applyToBook(t, task, reading, context)) reopen(t, task);
        // "How many places are left", asked for a day: the first ones that there are.
        if (e === "ask-availability" && state.expects === "day" && !task.wish.days && !task.wish.times && !task.wish.ask)
          task.wish.days = { ranges: [], soonest: true };
      } else if (task?.errand === "move" && (task.appointment || e === "ask-availability") && !booksAnother(task, reading, e)) continue;
      else {
        const fresh = carriedOn(t, reading) ?? newBook();
        if (
          !fresh.service &&
          !fresh.same &&
          state.topic &&
          !byPrice(reading) &&
          // Who is asked for must do it.
          doesIt(t, reading, state.topic) &&
          ofKind(reading.found, "service").length === 0 &&
          (e === "ask-availability" || state.lastAsk !== undefined)
        )
          fresh.service = state.topic;
        else if (!fresh.service && !fresh.same && state.topics && ofKind(reading.found, "service").length === 0 && state.lastAsk !== undefined)
          fresh.among = state.topics;
        // "No, I'd like to book a taping" lets go of what was to be moved.
        if (task?.errand === "move" && ofKind(reading.found, "yes")[0]?.value === false) {
          dropHold(t, task);
          state.task = null;
        }
        const another = besideIt(t, fresh, reading);
        begin(t, fresh);
        applyToBook(t, fresh, another ? withoutServices(reading) : reading, contextOf(t.house, t.now, state));
        if (another) state.later.push(another);
        asAsked(t, fresh, reading);
        mayBeTheirs(t, fresh, reading);
        // "Alright then, when's your first": the soonest there is.
        if (e === "ask-availability" && HOW_SOON.test(reading.said) && !fresh.wish.days && !fresh.wish.times && !fresh.wish.ask)
          fresh.wish.days = { ranges: [], soonest: true };
        // "Can I get the lashes done at the same go", once the brows are booked: right after them.
        // "And my husband needs one, right before or after mine", once theirs was booked or moved.
        const done = state.did && state.did.did !== "cancelled" ? state.did.of : undefined;
        // "Straight after, the same day": its day is told by what it comes after.
        const lastDay = state.last ? t.house.zone.toLocal(state.last.startMin).day : undefined;
        const ofOther = fresh.service !== state.last?.service && ofKind(reading.found, "day").length > 0;
        if (lastDay !== undefined && ofOther && singleDay(fresh.wish.days) === lastDay && AT_THE_SAME_GO.test(reading.said)) delete fresh.wish.days;
        if (done && fresh.service && !fresh.wish.days && !fresh.wish.times && BESIDE_MINE.test(reading.said))
          Object.assign(fresh, { rightAfter: true, beside: true });
        else if (
          state.last &&
          fresh.service &&
          fresh.service !== state.last.service &&
          AT_THE_SAME_GO.test(reading.said) &&
          !fresh.wish.days &&
          !fresh.wish.times
        )
          Object.assign(fresh, { rightAfter: true, beside: true });
        instead(t, fresh);
      }
      did = true;
    } else if (e === "move" && !task && SAME.test(reading.said)) {
      // "The same again two weeks later" is another visit, not the old one at another time.
      const fresh = carriedOn(t, reading) ?? newBook();
      begin(t, fresh);
      applyToBook(t, fresh, reading, contextOf(t.house, t.now, state));
      did = true;
    } else if (e === "move") {
      if (task?.errand === "book" && ownIsMeant(t, task, reading)) {
        // "No, I want to move my acupuncture": what is booked already is meant, not what was being booked.
        dropHold(t, task);
        state.task = null;
        const fresh: MoveTask = { ...newMove(), old: task.service ? { service: [task.service] } : {} };
        begin(t, fresh);
        applyOld(fresh, reading, context, false);
        applyWish(t, fresh, reading, context);
      } else if (
        task?.errand === "book" &&
        !task.service &&
        !task.among &&
        !task.hold &&
        task.wish.days &&
        (reading.errands.find((r) => r.errand === "move")?.sure ?? 0) >= 0.8
      ) {
        // "I've got something on the 12th with Nell", "can I bring it forward": what was taken for a wish is what they have.
        state.task = null;
        const fresh: MoveTask = { ...newMove(), old: { days: task.wish.days, ...(task.staff && task.staff !== "any" ? { staff: task.staff } : {}) } };
        begin(t, fresh);
        applyWish(t, fresh, reading, context);
      } else if (
        task?.errand === "book" &&
        (task.offered.length > 0 || task.hold || state.client.match !== "both") &&
        (!reading.found.some((f) => f.part === "old") || nothingOfTheirs(t, task, reading))
      ) {
        // "Make it half an hour longer", "change that to Priya": said of more than days and hours.
        const more = state.expects === "service" || reading.found.some((f) => f.kind === "length" || f.kind === "staff" || f.part === "old");
        const wish = { ...reading, found: reading.found.map(({ part: _, ...f }): Found => f) };
        if (more ? applyToBook(t, task, wish, context) : applyWish(t, task, reading, context)) reopen(t, task);
      } else if (task?.errand === "move") {
        applyOld(task, reading, context, false);
        if (applyWish(t, task, reading, context)) reopen(t, task);
      } else {
        const fresh: MoveTask = {
          ...newMove(),
          ...(task?.errand === "cancel" && task.appointment ? { appointment: task.appointment } : {}),
        };
        if (task?.errand === "cancel") state.task = null;
        begin(t, fresh);
        applyOld(fresh, reading, context, false);
        applyWish(t, fresh, reading, context);
      }
      did = true;
    } else if (e === "cancel") {
      if (task?.errand === "book" && !reading.found.some((f) => f.kind === "service" || (f.part === "old" && task.wish.days !== undefined))) {
        dropHold(t, task);
        state.task = null;
        t.say("book/let-go");
      } else if (task?.errand === "cancel") applyOld(task, reading, context, true);
      else {
        // "And the other one, cancel please": not the one that is being moved.
        const other =
          task?.errand === "move" && task.appointment && THE_OTHER.test(reading.said) ? state.appointments.filter((a) => a.id !== task.appointment?.id) : null;
        const meant = other ? (other.length === 1 ? other[0] : undefined) : task?.errand === "move" ? task.appointment : undefined;
        const fresh: CancelTask = { ...newCancel(), ...(meant ? { appointment: meant } : {}) };
        if (task?.errand === "move" && !other) {
          dropHold(t, task);
          state.task = null;
        }
        begin(t, fresh);
        applyOld(fresh, reading, context, true);
      }
      did = true;
    } else if (e === "ask-mine") {
      // "And is the acupuncture still on", while another visit is being moved.
      if ((task?.errand === "move" || task?.errand === "cancel") && task.appointment && tellsOfAnother(t, task.appointment, reading)) {
        did = true;
        continue;
      }
      if (task?.errand === "ask-mine" || task?.errand === "move" || task?.errand === "cancel") continue;
      // "So who do I see", while a visit is being booked, asks of that one.
      if (task?.errand === "book" && !OF_THEIR_OWN_VISIT.test(reading.said)) continue;
      const fresh: Task = { errand: "ask-mine", old: {} };
      begin(t, fresh);
      applyOld(fresh, reading, context, true);
      did = true;
    } else if (e === "message") {
      if (task?.errand === "message") continue;
      // "Can you tell Callum", right after it was said what.
      const before = TELLS_THEM_THAT.test(reading.masked) ? state.saidBefore : undefined;
      const body = before === undefined ? messageBody(reading.text, reading.masked) : `${before} / ${reading.text}`;
      // "The medical was sixty last time": what is asked next may be of that.
      const [of, other] = new Set(ofKind(reading.found, "service").flatMap((s) => s.value));
      if (of !== undefined && other === undefined) state.topic ??= of;
      const guessed = reading.errands.some((r) => r.errand === "message" && isGuess(r)) && !TO_BE_REACHED.test(reading.said);
      begin(t, { errand: "message", ...(body ? { text: body } : {}), ...(guessed ? { guessed } : {}) });
      did = true;
    }
  }
  return did;
}

/** "Can I get it done on Friday, and a trim while I'm there": the visit for the trim, which comes after the one that was spoken of. */
function besideIt(t: Turn, task: BookTask, reading: Reading): BookTask | null {
  const { topic, lastAsk } = t.state;
  const [of, other] = new Set(ofKind(reading.found, "service").flatMap((s) => s.value));
  if (topic === undefined || lastAsk === undefined || of === undefined || other !== undefined || of === topic || task.service) return null;
  if (!IT_AND_ANOTHER.test(reading.masked)) return null;
  task.service = topic;
  t.say("book/one-each");
  t.rule("several/it-and-another");
  return { ...newBook(), service: of, beside: true, rightAfter: true };
}

const withoutServices = (reading: Reading): Reading => ({ ...reading, found: reading.found.filter((f) => f.kind !== "service") });

/** "And start at three", once it is booked or moved: that visit at another hour. True when that was taken up. */
export function anotherHour(t: Turn, reading: Reading): boolean {
  const { state } = t;
  const done = state.did && state.did.did !== "cancelled" ? state.appointments.find((a) => a.id === state.did?.of.id) : undefined;
  const when = reading.found.some((f) => f.kind === "day" || f.kind === "time");
  // What was asked about since is what is meant.
  if (done && state.topic !== undefined && state.topic !== done.service) return false;
  if (!done || state.expects !== "anything" || !when || ofKind(reading.found, "service").length > 0 || !STARTS_OTHERWISE.test(reading.said)) return false;
  const move: MoveTask = { ...newMove(), appointment: done };
  begin(t, move);
  t.rule("move/what-was-done");
  applyWish(t, move, reading, contextOf(t.house, t.now, state));
  return true;
}

/** Whether one of those who are asked for by name or work does what was spoken of, where any are. */
function doesIt(t: Turn, reading: Reading, service: string): boolean {
  const who = peopleIn(reading.found);
  return who.length === 0 || who.some((p) => t.house.services.get(service)?.staff.includes(p));
}

/** "The cheapest one", of all that there is and not of what was spoken of. */
const byPrice = (reading: Reading): boolean => ["cheap", "dear"].includes(moreOf(reading.said) ?? "");

/** Keeps what was said where it may be of a visit that stands: that is looked for once it is known who they are. */
export function mayBeTheirs(t: Turn, task: BookTask, reading: Reading): void {
  // "And the week after at the same time": one more like the last.
  if (task.same || task.beside) return;
  const { client } = t.state;
  const known = client.match === "both" || (client.name !== undefined && (client.phone ?? client.email) !== undefined);
  // "The repair tomorrow at eleven, can Teddy see me at ten": said of what stands, whoever it is.
  const stands = OF_WHAT_IS_ON.test(reading.masked);
  if (stands && (known || ofKind(reading.found, "time").length > 1)) task.ofOwn = reading.text;
  if (!known || SAYS_BOOK.test(reading.said) || ANOTHER_ONE.test(reading.said)) return;
  // "Could Trent do my cleaning on Friday", of who has one with somebody else.
  if (DOES_OURS.test(reading.masked) || OURS_THAT_DAY.test(reading.said)) task.ofOwn = reading.text;
  if (ofKind(reading.found, "service").length > 0) return;
  const days = ofKind(reading.found, "day");
  const has = (kind: string): boolean => reading.found.some((f) => f.kind === kind);
  // "Could Fleur do nine on the 11th", "only 45 minutes on Wednesday", "I'd prefer Marcus on Thursday": of one day.
  const onOneDay = days.length === 1 && (has("time") || has("length") || (has("staff") && OTHERWISE_THAN.test(reading.said)));
  // "Not Wednesday, Saturday": the day that it is not to be may be the one it is on.
  const ruledOut = [...ofKind(reading.corrected, "day"), ...days.filter((d) => d.not)];
  const notThen = ruledOut.length === 1 && days.some((d) => !d.not);
  if (onOneDay || notThen || START_ON_THE_DAY.test(reading.masked)) task.ofOwn = reading.text;
}

/** What a question before named and the wish leaves out: "are you open on Saturday?", "at nine then". */
export function asAsked(t: Turn, task: BookTask, reading: Reading): void {
  const { state } = t;
  const { askedDays, askedLength, askedStaff } = state;
  if (!task.service && !task.among && typeof askedLength === "number" && task.saidLength === undefined && ofKind(reading.found, "length").length === 0) {
    // "What is half a day with Rex?" – "I'll have that".
    const long = ofLength(t, askedLength, askedStaff === undefined ? [] : [askedStaff]);
    const [only, other] = long;
    if (only !== undefined && other === undefined) Object.assign(task, { service: only, saidLength: askedLength });
  }
  delete state.askedDays;
  delete state.askedLength;
  delete state.askedStaff;
  if (askedStaff && task.staff === undefined && task.gender === undefined && task.notStaff === undefined && !task.same)
    withWhomTheyAsked(t, task, reading, askedStaff);
  const named = ofKind(reading.found, "service").flatMap((s) => s.value);
  if (
    askedLength !== undefined &&
    task.saidLength === undefined &&
    task.service &&
    (named.length === 0 || named.includes(task.service)) &&
    task.service === state.topic
  )
    task.saidLength = askedLength;
  const day = singleDay(askedDays);
  if (!askedDays || task.wish.days || task.wish.ask || task.same) return;
  // A day on which the house is closed is not what they mean after that was said.
  if (day !== undefined && t.house.openOn(day).length === 0) return;
  // "What time is yoga on Saturday?", "put me and my two sisters there": places in the class of that day.
  const joins = ofKind(reading.found, "places").length > 0 && t.house.services.get(task.service ?? "")?.group !== undefined;
  if (joins || reading.found.some((f) => f.kind === "time") || THEN.test(reading.said)) {
    task.wish.days = askedDays;
    t.rule("book/the-day-asked-about");
  }
}

/** Who was asked about right before is whom the visit is with, where they do it. */
function withWhomTheyAsked(t: Turn, task: BookTask, reading: Reading, who: string): void {
  const does = (service: string): boolean => t.house.services.get(service)?.staff.includes(who) === true;
  if (task.service || task.among) {
    if (!(task.service ? does(task.service) : task.among?.some(does))) return;
    const theirs = task.service ? [] : (task.among?.filter(does) ?? []);
    if (theirs.length === 1) {
      task.service = theirs[0] as string;
      delete task.among;
      delete task.maybe;
    } else if (!task.service) task.among = theirs;
  } else {
    // "Is Miguel in on Wednesday" – "an hour at seven then": of what he does.
    const minutes = ofKind(reading.found, "length").at(-1)?.value;
    const theirs = typeof minutes === "number" ? ofLength(t, minutes, [who]) : servicesOf(t, who);
    if (theirs.length === 0 || reading.question || ofKind(reading.found, "staff").length > 0) return;
    if (theirs.length === 1) task.service = theirs[0] as string;
    else task.among = theirs;
  }
  task.staff = [who];
  t.rule("book/who-was-asked-about");
}

/** What somebody of the house does, of what can be booked. */
const servicesOf = (t: Turn, who: string): string[] => t.house.handbook.services.filter((s) => s.staff.includes(who)).map((s) => s.id);

/** Whether somebody whose visit is being moved wants to book one of another kind beside it. */
function booksAnother(task: MoveTask, reading: Reading, e: Errand): boolean {
  const other = ofKind(reading.found, "service").some((s) => !s.value.includes(task.appointment?.service ?? ""));
  return e === "book" && other && SAYS_BOOK.test(reading.said);
}

/** Whether a client who is being booked speaks of an appointment that they have: "move my acupuncture to Friday". */
export function ownIsMeant(t: Turn, task: BookTask, reading: Reading): boolean {
  if (!MOVES_MINE.test(reading.said)) return false;
  const named = ofKind(reading.found, "service").flatMap((s) => s.value);
  // Who has not been looked up yet says it by naming what is theirs.
  if (t.state.client.match === undefined && named.length > 0 && MOVES_MINE_PLAINLY.test(reading.said)) return true;
  return t.state.appointments.some((a) => (named.length > 0 ? named.includes(a.service) : a.service === task.service || !task.service));
}

/** While something is held or offered, and nothing that they have is spoken of, "that" is what is being booked. */
const nothingOfTheirs = (t: Turn, task: BookTask, reading: Reading): boolean =>
  (task.hold !== undefined || task.offered.length > 0) && t.state.appointments.length === 0 && !MINE_OR_BOOKED.test(reading.said);

/**
 * A new visit that takes over from the one just booked, or from the last that the client had: "and one for my son as
 * well", "the same again next week". Null where the message says nothing of the kind.
 */
export function carriedOn(t: Turn, reading: Reading): BookTask | null {
  const text = reading.said.toLowerCase();
  const fresh = newBook();
  const named = ofKind(reading.found, "service").length > 0;
  const [after] = ofKind(reading.found, "day").flatMap(({ value: v }) => (v.kind === "relative" && v.weekday === undefined && v.byDays > 0 ? [v.byDays] : []));
  if (SAME.test(text)) {
    fresh.same = true;
    const on = ofKind(reading.found, "shift").find((s) => (s.byMin ?? 0) >= 1440);
    if (on?.byMin) fresh.sameInDays = (on.byMin / 1440) * (on.value === "earlier" ? -1 : 1);
    const by = ofKind(reading.found, "shift").find((s) => s.byMin !== undefined && s.byMin < 1440);
    if (by?.byMin) fresh.sameByMin = by.byMin * (by.value === "earlier" ? -1 : 1);
    // "The week after": so many days after that one.
    if (after !== undefined) fresh.sameInDays = after;
    return fresh;
  }
  const last = t.state.last;
  if (!last || named) return null;
  if (!COMES_TOO.test(text)) return null;
  fresh.service = last.service;
  fresh.lengthMin = last.lengthMin;
  fresh.saidLength = last.lengthMin;
  fresh.beside = true;
  // "And put me down for the week after too": so many days after the one that was booked, at its hour.
  if (after !== undefined) return { ...fresh, same: true, sameInDays: after, staff: [last.staff] };
  const at = t.house.zone.toLocal(last.endMin);
  if (RIGHT_AFTER.test(text)) {
    fresh.wish = { days: { ranges: [{ from: at.day, to: at.day }] }, atMin: at.minute };
    fresh.staff = [last.staff];
  } else if (!reading.found.some((f) => f.kind === "day")) fresh.wish = { days: { ranges: [{ from: at.day, to: at.day }] } };
  return fresh;
}

/** What is to be passed on, when the request itself carries it. */
export function messageBody(text: string, masked = text): string | null {
  const plain = text.trim();
  return ONLY_A_MESSAGE.test(masked.trim()) ? null : plain;
}

export function begin(t: Turn, task: Task): void {
  const { state } = t;
  // What was asked about before is no part of anything but a booking.
  if (task.errand !== "book") {
    delete state.askedDays;
    delete state.askedLength;
    delete state.askedStaff;
  }
  if (task.errand !== "move" && task.errand !== "cancel") delete state.toldOf;
  if (state.task) {
    if (state.task.errand === "book") dropHold(t, state.task);
    if (state.task.errand === "book") state.task.setAside = true;
    if (state.task.errand !== "message") state.later.push(state.task);
  }
  state.task = task;
}

/** Who asks anew for what was set aside before it was booked means the same visit, not one more. */
function instead(t: Turn, task: BookTask): void {
  const { state } = t;
  if (!task.service || task.same || (task.places ?? 1) > 1 || task.forWhom) return;
  state.later = state.later.filter((x) => !(x.errand === "book" && x.setAside && !x.beside && !x.forWhom && x.service === task.service));
}

/** The wish changed: what was offered and held no longer stands. */
export function reopen(t: Turn, task: BookTask | MoveTask): void {
  const before = task.hold?.offer.startMin ?? (task.offered.length === 1 ? task.offered[0]?.startMin : undefined);
  if (before !== undefined) task.before = before;
  dropHold(t, task);
  task.offered = [];
  delete task.agreed;
  delete task.barren;
}
