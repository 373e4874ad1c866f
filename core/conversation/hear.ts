import { EMERGENCY } from "../house/through.ts";
import { ofKind } from "../language/found.ts";
import type { Errand } from "../language/errand.ts";
import { CARDINALS } from "../language/packs/en/words.ts";
import { read, says, type Reading } from "../language/read.ts";
import { contextOf } from "./context.ts";
import { calledText, phoneText } from "./format.ts";
import { staffSource } from "./sources.ts";
import { applyOld, applyToBook, applyWish, keepIdentity, saysBefore } from "./errands/apply.ts";
import { answer, beyond, feeOfThat, fromHandbook, inOwnWords, price as priceOf } from "./errands/ask.ts";
import { newBook } from "./errands/book.ts";

import { EMERGENCY_SOURCE, handOver, messageTaker, offerToPassOn, slip } from "./errands/message.ts";
import { yesNoChoices } from "./errands/identity.ts";
import { waits, wantsBack } from "./backagain.ts";
import { dropHold } from "./errands/offering.ts";
import { hearNumber } from "./errands/number.ts";
import { hearQuestion } from "./errands/questions.ts";
import { hearGoAhead, isAsk, wishIn } from "./goahead.ts";
import { proceed } from "./proceed.ts";
import { wasDone } from "./result.ts";
import { hearSlot, pickAppointment, which } from "./slot.ts";
import { deedsOf, takeUp } from "./several.ts";
import { carriedOn, reopen, SAME, startTask } from "./start.ts";
import type { BookTask, MoveTask, Task } from "./state.ts";
import { val, type Turn } from "./turn.ts";

const asksAny = (list: readonly Errand[]): boolean => list.some(isAsk);

/** What is heard less surely than this may have been another thing: where nothing is known of it, and where it would be an emergency. */
const SURE = 0.93;
const SURE_EMERGENCY = 0.75;

/** Takes in what the client said, and answers. */
export function hear(t: Turn, heard: Reading, text: string): void {
  const { state } = t;
  const spoken = spokenOf(t, asMove(t, heard, text), text);
  // "Yes, I take warfarin" answers the question; it asks for no advice.
  const told = spoken.guessed && !spoken.question && state.expects.startsWith("question:");
  // "Sounds good" to a name that was read back is a yes, whatever name might be made of it.
  const agreed = state.expects === "name-check" && ofKind(spoken.found, "yes")[0]?.value === true;
  const reading: Reading = told
    ? { ...spoken, limit: null, guessed: false, errands: [] }
    : agreed
      ? { ...spoken, found: spoken.found.filter((f) => f.kind !== "name") }
      : spoken;
  note(t, reading);
  if (reading.emergency) return emergency(t, reading);
  const errands: Errand[] = reading.errands.map((e) => e.errand);
  // A number or address that a question of the house's asks for is its answer, not the client's own.
  const asked = state.expects.startsWith("question:") ? t.house.questions.get(state.expects.slice("question:".length))?.kind : undefined;
  const kept = asked === "phone" || asked === "email" || asked === "address" ? { name: false, contact: false } : keepIdentity(t, reading);
  const number = kept.contact || reading.limit !== null ? null : hearNumber(t, reading);
  if (number === "part") return;
  if (number === "whole") kept.contact = true;
  // What was asked for and is there is an answer, whatever else its words might begin: "ring me on 902 …".
  const answered = (state.expects === "name" && kept.name) || (["phone", "email", "phone-check", "email-check"].includes(state.expects) && kept.contact);
  if (answered && !reading.question) {
    const plainly = new Set<Errand>(reading.errands.filter((e) => !/\/examples$/.test(e.rule)).map((e) => e.errand));
    errands.splice(0, errands.length, ...errands.filter((e) => (e === "move" || e === "cancel") && plainly.has(e)));
  }
  // Asked which service, length or time, they name one: whatever else their words might ask.
  const asIs: Partial<Record<string, readonly string[]>> = { service: ["service"], length: ["length"], day: ["day"], time: ["time"], slot: ["choice", "time"] };
  if (!reading.question && asIs[state.expects]?.some((kind) => reading.found.some((f) => f.kind === kind)))
    errands.splice(0, errands.length, ...errands.filter((e) => !isAsk(e)));
  // Beside a yes or a no, small talk is no wish: "My friend said I should come to you. Yes please."
  if (
    state.expects === "go-ahead" &&
    ofKind(reading.found, "yes").length > 0 &&
    !wishIn(reading) &&
    reading.errands.every((e) => e.errand === "book") &&
    !/\b(?:another|also|as well|too|one more|second)\b/i.test(text)
  )
    errands.length = 0;
  if (wantsBack(t, text) || waits(t, reading, text) || wasDone(t, text) || newContact(t, reading, text)) return;
  if (reading.limit && reading.guessed && (inOwnWords(t, reading) || (reading.question && !ofHealth(t, reading) && fromHandbook(t, reading, 0.7))))
    return resume(t);
  if (reading.limit) return refuse(t, reading);
  if (
    (errands.includes("person") || callsForPerson(t, reading)) &&
    (state.expects !== "message" || (state.task?.errand === "message" && state.task.offered !== undefined))
  )
    return handOver(t, text, askedFor(reading));
  if (state.expects === "message" && state.task?.errand === "message") return hearMessage(t, reading, text);
  if (lineUpAnother(t, reading)) return resume(t);
  if (checks(t, reading, kept.contact)) return;
  if (hearQuestion(t, reading, text)) return;
  if (state.expects === "go-ahead" && theOther(t, reading)) return proceed(t);
  if (state.expects === "go-ahead" && insteadOfCancelling(t, reading, text)) return proceed(t);
  if (state.expects === "go-ahead" && hearGoAhead(t, reading)) return;
  if (hearUndecided(t, reading)) return;
  // What was asked about is what a wish after it is about.
  const about = new Set(ofKind(reading.found, "service").flatMap((s) => (s.value.length === 1 ? s.value : [])));
  if (!state.task && about.size === 1 && (reading.question || asksAny(errands))) state.topic = [...about][0] as string;
  if (errands.length < 2 && inOwnWords(t, reading)) return resume(t);
  const follow =
    !state.task &&
    state.lastAsk &&
    /^\W*(?:and|what about|how about|ok and|also)\b/i.test(text) &&
    !asksAny(errands) &&
    !reading.errands.some((e) => e.errand !== "ask-availability" || e.sure >= 0.6) &&
    wishIn(reading);
  if (follow && state.lastAsk) errands.splice(0, errands.length, state.lastAsk);
  // "What's the difference?" between two lengths is what they cost.
  if (
    state.expects === "length" &&
    state.task?.errand === "book" &&
    /\b(?:difference|differ|better|recommend|which (?:one|is))\b/i.test(text) &&
    !reading.found.some((f) => f.kind === "length" || f.kind === "choice") &&
    priceOf(t, reading)
  )
    return resume(t);
  if (!state.task && errands.every((e) => e === "ask-staff") && WHO_ARE_YOU.test(text) && whoThisIs(t, text)) return resume(t);
  if (ARE_YOU_THERE.test(text)) {
    t.say("aside/here");
    if (state.task) return resume(t);
    t.say("what-can-i-do");
    t.expect("errand");
    return;
  }
  // What a line was plainly written for is answered by it, where no deed is said plainly.
  const idle = errands.length === 0 || (errands.length === 1 && ["out-of-scope", "message"].includes(errands[0] as Errand));
  const guessedDeed =
    errands.length === 1 &&
    ["cancel", "move"].includes(errands[0] as Errand) &&
    reading.question &&
    /\/examples$/.test(reading.errands[0]?.rule ?? "") &&
    // Who names what they have wants it done: "could we rearrange my acupuncture".
    !reading.found.some((f) => f.kind === "service");
  const bareOfWhen = !reading.found.some((f) => ["day", "time", "phone", "name"].includes(f.kind));
  if (!state.task && bareOfWhen && ((idle && (reading.question || errands.length > 0)) || guessedDeed) && fromHandbook(t, reading, 0.6, reading.text, true)) {
    t.rule("answer/plainly-written");
    state.repairs = 0;
    return resume(t);
  }
  // A question that the handbook answers is no wish, unless it says when, or plainly wishes.
  if (
    !state.task &&
    reading.question &&
    errands.length === 1 &&
    !isAsk(errands[0] as Errand) &&
    !reading.found.some((f) => f.kind === "day" || f.kind === "time" || f.kind === "phone") &&
    ((reading.errands[0]?.sure ?? 1) < 0.8
      ? fromHandbook(t, reading, 0.6, reading.masked.replace(/<\w+>/g, " "), true)
      : errands[0] === "book" &&
        !reading.found.some((f) => f.kind === "for-whom") &&
        fromHandbook(t, reading, 0.75, reading.masked.replace(/<\w+>/g, " "), true))
  ) {
    t.rule("answer/rather-than-a-wish");
    state.repairs = 0;
    return resume(t);
  }
  if (saysWithWhom(t, reading, text)) return;
  if (COMMENT.test(text) && reading.found.length === 0) {
    t.say("aside/heard");
    t.rule("aside/comment");
    return resume(t);
  }
  // "What time is the class" asks when it is held, not for an appointment of their own.
  if (errands.length === 1 && errands[0] === "ask-mine" && aClass(t, reading) && !/\b(?:my|i|i'm|we|our|am|booked)\b/i.test(text)) errands[0] = "ask-service";
  const asks = errands.filter(isAsk);
  const deeds = deedsOf(t, reading);
  if (deeds.length > 0) takeUp(t, deeds);
  const started = deeds.length > 0 || startTask(t, reading, errands);
  if (asks.length > 0) state.lastAsk = asks.at(-1) as Errand;
  if (asks.length > 0) {
    for (const e of asks) if (!answer(t, e, partOf(t, reading, e))) t.reasons.push({ what: "ruled-out", why: "no-answer", about: e });
    if (!t.spoke && !started) return unknown(t, text);
    state.repairs = 0;
    // A choice of what was offered may come with a question.
    const open = state.task;
    if (!started && state.expects === "slot" && (open?.errand === "book" || open?.errand === "move") && ofKind(reading.found, "choice").length > 0)
      if (hearSlot(t, open, reading)) return;
    // What a question names is not a wish, unless it came with one.
    if (!started) return asksWhich(t) ? undefined : resume(t);
    return proceed(t);
  }
  if (started) {
    state.repairs = 0;
    return proceed(t);
  }
  if (errands.includes("thanks-bye") && thanks(t)) return;
  if (errands.includes("out-of-scope") && !state.task) {
    if (fromHandbook(t, reading, 0.5)) return proceed(t);
    // What is asked of the house itself may be its business all the same: the desk knows.
    if (/\b(?:do|have|is|are|does) (?:you|ye|there|your|anybody|anyone)\b/i.test(text)) return unknown(t, text);
    if (maybeMisheard(t)) return repair(t, "unclear");
    t.say("unknown/not-ours");
    t.say("repair/help");
    t.outcome("turned-away");
    t.expect("errand");
    return;
  }
  const task = state.task;
  if (task) return hearInTask(t, task, reading, text, kept);
  return hearOpen(t, reading, text, kept);
}

/** Of several questions in one message, the words of each. */
function partOf(t: Turn, reading: Reading, errand: Errand): Reading {
  const i = reading.errands.findIndex((e) => e.errand === errand);
  const clause = reading.clauses[i];
  const own = reading.errands[i];
  if (!clause || !own || reading.errands.length < 2) return reading;
  const part = read(reading.said.slice(clause.from, clause.to === Infinity ? undefined : clause.to), {
    ...contextOf(t.house, t.now, t.state),
    expects: "errand",
  });
  return { ...part, question: true, errands: [own], clauses: [] };
}

/** "Change my number to …", once it is known who asks: the desk is told, since what is on a card is not changed on anybody's word. */
function newContact(t: Turn, reading: Reading, text: string): boolean {
  const said = ofKind(reading.found, "phone").at(-1)?.value ?? ofKind(reading.found, "email").at(-1)?.value;
  if (said === undefined || t.state.task || t.state.client.match !== "both") return false;
  if (!/\b(?:chang(?:e|ed)|new|update|correct|replace|different|another)\b/i.test(text) || reading.found.some((f) => f.kind === "day" || f.kind === "time"))
    return false;
  t.rule("message/new-contact");
  t.state.task = { errand: "message", text };
  proceed(t);
  return true;
}

/** Whether the answer itself has just asked which service it is to be. */
function asksWhich(t: Turn): boolean {
  const { state } = t;
  if (state.expects !== "service") return false;
  return state.asking !== undefined || (state.task?.errand === "book" && state.task.among?.length === 1);
}

/** Whether what is named is held for several at a time. */
const aClass = (t: Turn, reading: Reading): boolean =>
  ofKind(reading.found, "service").some((s) => s.value.length === 1 && t.house.services.get(s.value[0] as string)?.group !== undefined);

/** What is said of a price or an answer and asks for nothing: "that's too dear", "sounds expensive", "oh I see". */
const COMMENT =
  /^\W*(?:(?:oh|ah|ok|okay|hm+|well|wow|gosh|ouch|right|so)\W+)*(?:(?:that(?:'s| is)|it(?:'s| is)|sounds|seems)(?: (?:a bit|rather|quite|very|really|too|so|pretty|awfully))* (?:expensive|dear|pricey|steep|a lot(?: of money)?|much|more than i thought|cheap|reasonable|interesting|good to know|nice|strange|odd|a shame|a pity)|i see|good to know|fair enough|interesting|wow|ouch|oh dear|that's life|too bad|what a (?:shame|pity))\W*$/i;

/** "Who's that with?": what was offered is said again with its people. */
function saysWithWhom(t: Turn, reading: Reading, text: string): boolean {
  const { task, expects } = t.state;
  const kept = (task?.errand === "book" || task?.errand === "move") && task.hold?.offer;
  const named = reading.found.some((f) => f.kind === "staff" || f.kind === "service" || f.kind === "gender");
  if (
    kept &&
    !named &&
    /\b(?:who|whom|who's)\b[^?]*\b(?:with|it|that|do|see|does)\b|\bwith (?:whom|who)\b/i.test(text) &&
    text.trim().split(/\s+/).length <= 9
  ) {
    t.say("ask/it-is-with", { staff: val(calledText(t.house, kept.staff), staffSource(t.house, kept.staff)) });
    t.rule("slot/with-whom");
    resume(t);
    return true;
  }
  if (expects !== "slot" || (task?.errand !== "book" && task?.errand !== "move") || task.offered.length === 0) return false;
  if (reading.found.some((f) => f.kind === "staff" || f.kind === "service")) return false;
  if (!/\b(?:who|who's|whom|which (?:of (?:those|them|these)|one|ones))\b.*\b(?:with|by|does)\b|\bwith (?:whom|who)\b/i.test(text)) return false;
  t.rule("slot/with-whom");
  which(t, task, true);
  return true;
}

/** "Could Tobias see me earlier on the 16th": later or earlier than something that is booked is a move. */
function asMove(t: Turn, reading: Reading, text: string): Reading {
  const books = reading.errands.length === 1 && ["book", "ask-availability"].includes(reading.errands[0]?.errand ?? "");
  const shift = ofKind(reading.found, "shift").some((s) => s.value === "later" || s.value === "earlier");
  const known =
    t.state.appointments.length > 0 &&
    reading.errands.length === 0 &&
    ofKind(reading.found, "shift").some((s) => s.byMin !== undefined || s.value === "later" || s.value === "earlier");
  // "At 11 instead of 10": one hour for another is a move, whoever is to do it.
  const swaps =
    books &&
    ofKind(reading.found, "time").length > 0 &&
    /\b[\w:.]+ (?:am |pm |o'clock )?(?:instead of|rather than) (?:at )?(?:\d|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|noon|half|quarter)/i.test(
      reading.said,
    );
  if (swaps && !t.state.task) return again(t, text);
  // "Sorry, wrong day, Wednesday I meant", right after a booking.
  const mistaken =
    t.state.last !== undefined &&
    !t.state.task &&
    (books || reading.errands.length === 0) &&
    reading.found.some((f) => f.kind === "day" || f.kind === "time") &&
    ofKind(reading.found, "service").length === 0 &&
    /\b(?:wrong (?:day|time|date)|i meant|meant to say|my mistake|should (?:have been|be))\b/i.test(text);
  if (mistaken) return again(t, text);
  if (!(books || known) || !shift || t.state.task || ofKind(reading.found, "service").length > 0 || SAME.test(reading.said)) return reading;
  return again(t, text);
}

function again(t: Turn, text: string): Reading {
  const anew = read(text, { ...contextOf(t.house, t.now, t.state), errand: "move" });
  return { ...anew, errands: [{ errand: "move", rule: "errand/move/later-or-earlier", at: 0, sure: 0.5 }] };
}

/** "When is he in", "with her": the person spoken of last. */
function spokenOf(t: Turn, reading: Reading, text: string): Reading {
  const named = ofKind(reading.found, "staff").find((s) => s.value !== "any" && !s.not);
  if (named && named.value !== "any") {
    t.state.person = named.value[0] as string;
    return reading;
  }
  const word = /\b(?:with|by|see|to|is|does|when's|has) (him|her|he|she|they|them)\b/i.exec(text);
  if (!word || !t.state.person || reading.found.some((f) => f.kind === "for-whom") || (t.state.task?.errand === "book" && t.state.task.forWhom)) return reading;
  const start = word.index + word[0].length - (word[1] as string).length;
  return {
    ...reading,
    found: [
      ...reading.found,
      {
        kind: "staff",
        value: [t.state.person],
        rule: "staff/spoken-of",
        start,
        end: start + (word[1] as string).length,
        assumed: t.house.staff.get(t.state.person)?.name ?? "",
      },
    ],
  };
}

/** "No, the follow-up": another of the client's appointments is meant than the one that was named. */
function theOther(t: Turn, reading: Reading): boolean {
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

/** Another day or hour in answer to "shall I cancel it?": then it is to be moved. */
function insteadOfCancelling(t: Turn, reading: Reading, text: string): boolean {
  const task = t.state.task;
  const asks = reading.question && !/\b(?:come|instead|move|make it|rather|change|shift|do it)\b/i.test(text);
  if (task?.errand !== "cancel" || !task.appointment || asks || reading.errands.some((e) => e.errand === "cancel")) return false;
  if (!reading.found.some((f) => f.kind === "day" || f.kind === "time") || ofKind(reading.found, "yes")[0]?.value) return false;
  const fresh: MoveTask = { errand: "move", old: {}, appointment: task.appointment, wish: {}, offered: [], refused: [] };
  t.state.task = fresh;
  const context = contextOf(t.house, t.now, t.state);
  applyWish(t, fresh, read(text, { ...context, errand: "move", oldKnown: true }), context);
  t.rule("cancel/moved-instead");
  return true;
}

/** "I don't know, what have you got?": what there is, is said again; without a day, the soonest there are. */
function hearUndecided(t: Turn, reading: Reading): boolean {
  const task = t.state.task;
  if (!task || !["slot", "day", "time", "service", "length"].includes(t.state.expects)) return false;
  const plain = reading.said
    .toLowerCase()
    .replace(/[.,!?]+/g, " ")
    .replace(/\s+/g, " ")
    .trim();
  if (!UNDECIDED.test(plain) || wishIn(reading)) return false;
  t.rule("aside/undecided");
  if (t.state.expects === "day" && task.errand === "book" && !task.wish.days) task.wish.days = { ranges: [], soonest: true };
  resume(t);
  return true;
}

const UNDECIDED =
  /^(?:(?:hmm?|um+|er|well|oh|so|let me (?:think|see)|not sure|i'm not sure|i don't know|don't know|dunno|no idea|difficult|hard to say|good question|what do you (?:suggest|recommend|have)|what would you (?:say|suggest|recommend)|what is there|what have you(?: got)?|maybe|what are (?:the|my) (?:options|choices)|what (?:lengths|times|days|services) (?:are there|do you have|have you(?: got)?)|sorry) ?)+$/;

function note(t: Turn, reading: Reading): void {
  for (const e of reading.errands) t.reasons.push({ what: "errand", errand: e.errand, rule: e.rule, sure: Math.round(e.sure * 100) / 100 });
  for (const f of reading.found)
    t.reasons.push({
      what: "read",
      rule: f.rule,
      words: reading.text.slice(f.start, f.end),
      from: f.start,
      means: f.kind + (f.part ? ` (${f.part})` : ""),
      ...(f.assumed ? { assumed: f.assumed } : {}),
    });
  for (const f of reading.corrected) t.reasons.push({ what: "corrected", words: reading.text.slice(f.start, f.end) });
}

function emergency(t: Turn, reading: Reading): void {
  const e = t.house.emergency;
  const help = val(e.say, EMERGENCY_SOURCE);
  if (t.sure < SURE_EMERGENCY && !t.state.emergencyHeard) {
    // It may have been misheard: what to do is said, nothing is lost, and said once more it is one.
    t.state.emergencyHeard = true;
    slip(t, "emergency", reading.text, "desk");
    t.say("emergency/maybe", { say: help });
    return resume(t);
  }
  const task = t.state.task;
  if (task && "hold" in task && task.hold) t.effect({ kind: "release", hold: task.hold.id });
  t.state.task = null;
  t.state.later = [];
  slip(t, "emergency", reading.text, "desk");
  t.outcome("handed-over");
  if (e.housePhone && t.state.channel === "phone") {
    t.say("emergency/putting", { say: help });
    t.state.status = "with-desk";
    t.state.through = EMERGENCY;
    t.expect("nothing");
    return;
  }
  if (e.housePhone) t.say("emergency/say", { say: help, phone: val(phoneText(e.housePhone, t.house.handbook.country), EMERGENCY_SOURCE) });
  else t.say("emergency/say-only", { say: help });
  t.expect("anything");
}

/** The one person of the house that was asked for by name. */
function askedFor(reading: Reading): string | undefined {
  const people = new Set(ofKind(reading.found, "staff").flatMap((f) => (f.not || f.value === "any" ? [] : f.value)));
  return people.size === 1 ? [...people][0] : undefined;
}

/** Words for which the house wants a person called at once. */
function callsForPerson(t: Turn, reading: Reading): boolean {
  const words = t.house.handbook.handingOver?.words ?? [];
  const hit = words.find((w) => says(reading.text, w));
  if (hit !== undefined) {
    t.reasons.push({ what: "source", source: { kind: "handing-over", id: "words", label: hit } });
    t.rule("hand-over/words");
  }
  return hit !== undefined;
}

/** Whether the limit touched is the one on medical advice: what is nearly an answer to that is none. */
const ofHealth = (t: Turn, reading: Reading): boolean =>
  t.house.limits.some((l) => l.id === reading.limit && l.words.some((w) => says(w, "diagnose") || says("diagnose", w)));

function refuse(t: Turn, reading: Reading): void {
  const limit = t.house.limits.find((l) => l.id === reading.limit);
  if (!limit) return;
  t.say("limit/say", { say: val(limit.say, { kind: "limit", id: limit.id, label: limit.subject }) });
  t.outcome("turned-away");
  if (t.state.task && t.state.task.errand !== "message") return proceed(t);
  t.say("limit/offer", { to: messageTaker(t, limit.tell).value });
  t.state.task = { errand: "message", offered: reading.text, ...(limit.tell ? { tell: limit.tell } : {}) };
  t.expect("message", yesNoChoices());
}

/** "Is this the vet?", "am I talking to a robot?": who answers is never unknown. */
const WHO_ARE_YOU = /^\W*(?:(?:and|so|sorry|hi|hello)\W+)*who (?:is this|are you|am i)\b/i;
const ARE_YOU_THERE =
  /^\W*(?:(?:hello|hi|hey)\W+)*(?:is (?:anyone|anybody|someone|somebody) there|(?:are )?you (?:still )?there|(?:anyone|anybody) there)\W*$/i;

function whoThisIs(t: Turn, text: string): boolean {
  const plain = text.toLowerCase();
  const asks =
    /\b(?:is (?:this|that)|are you|am i (?:speaking|talking|through|chatting) (?:to|with)|have i (?:reached|got)|who (?:is this|are you|am i (?:speaking|talking|chatting)))\b/.test(
      plain,
    );
  if (!asks) return false;
  const house = val(t.house.handbook.shortName, { kind: "house", id: "shortName", label: "Name" });
  if (/\b(?:robot|bot|machine|computer|program|human|person|real|alive|ai)\b/.test(plain)) t.say("ask/what-i-am", { house });
  else if (/\b(?:is (?:this|that) (?:the|an?) |have i (?:reached|got)|who (?:is this|are you|am i)|through to)\b/.test(plain))
    t.say("ask/who-this-is", { house });
  else return false;
  t.outcome("answered");
  return true;
}

/** What is not known may have been heard wrong: it is asked back, and not twice in a row. */
function maybeMisheard(t: Turn): boolean {
  const { state } = t;
  if (t.sure >= SURE || (state.askedBack !== undefined && state.turn - state.askedBack <= 1)) return false;
  state.askedBack = state.turn;
  t.rule("heard/asked-back");
  return true;
}

/** What is not known is said not to be known; what is done then is the house's to say. */
function unknown(t: Turn, text: string): void {
  if (t.state.task?.errand === "message") return proceed(t);
  if (whoThisIs(t, text)) return resume(t);
  if (maybeMisheard(t)) return repair(t, "unclear");
  if (!t.reasons.some((r) => r.what === "ruled-out" && r.why === "no-answer")) t.reasons.push({ what: "ruled-out", why: "no-answer", about: "ask" });
  switch (t.house.handbook.unknown?.do ?? "pass-on") {
    case "pass-on":
      return offerToPassOn(t, text);
    case "hand-over":
      t.say("unknown/say-so");
      return handOver(t, text);
    case "say-so":
      t.say("unknown/say-so");
      return resume(t);
  }
}

function hearMessage(t: Turn, reading: Reading, text: string): void {
  const task = t.state.task;
  if (task?.errand !== "message") return;
  const yes = ofKind(reading.found, "yes")[0]?.value;
  const askedWhen = task.callBack === true && task.text !== undefined;
  const declined = task.offered && yes === false && !reading.question && !reading.found.some((f) => f.kind === "service");
  const other = declined
    ? undefined
    : (reading.errands.find((e) => ["book", "move", "cancel", "ask-mine", "ask-availability"].includes(e.errand) || (isAsk(e.errand) && reading.question)) ??
      (task.offered &&
      (reading.found.some((f) => f.kind === "service") ||
        ((t.state.topic !== undefined || t.state.topics !== undefined || t.state.later.length > 0) &&
          !/\b(?:call|ring|phone|reach|contact|text)\b/i.test(text))) &&
      reading.found.some((f) => f.kind === "day" || f.kind === "time" || f.kind === "length")
        ? { errand: "book" as const }
        : undefined));
  // What is asked next is no message, unless it says what to do with it.
  if (task.offered && !other && reading.question && yes === undefined && !/\b(?:pass|tell|ask (?:them|her|him)|message|call|ring|phone)\b/i.test(text)) {
    t.state.task = t.state.later.pop() ?? null;
    t.state.expects = t.state.task ? "day" : "anything";
    return hear(t, reading, text);
  }
  if (task.offered && (yes === false || other)) {
    t.state.task = t.state.later.pop() ?? null;
    t.state.expects = t.state.task ? "day" : "anything";
    if (other) {
      const errands = reading.errands.length > 0 ? reading.errands : [{ errand: other.errand, rule: "errand/book/what-and-when", at: 0, sure: 0.5 }];
      return hear(t, { ...reading, errands, limit: null }, text);
    }
    t.say("message/no");
    return proceed(t);
  }
  if (!task.offered && !askedWhen && yes === false && reading.text.trim().split(/\s+/).length <= 4) {
    t.say("message/no");
    t.state.task = null;
    return proceed(t);
  }
  // A call back waits for nothing else but when.
  if (askedWhen) {
    task.when = text;
    return proceed(t);
  }
  task.text = task.offered && yes && reading.text.trim().split(/\s+/).length <= 5 ? task.offered : task.offered ? `${task.offered} / ${text}` : text;
  proceed(t);
}

/** Answers to a number or email that was read back; true when that was it. */
const ONE_MORE =
  /\b(?:another(?: one)?|one more|a second(?: one)?|the same(?: again| thing)?|one)(?: \w+)? (?:for (?:my|our|his|her|the)|on|next|in|a week|two weeks|the week)\b|\b(?:for (?:my|our) [\w' ]+) (?:as well|too|also)\b/i;

/** "And the same for my brother", "another one on the 11th", while a visit is being kept: it waits until that one is booked. */
function lineUpAnother(t: Turn, reading: Reading): boolean {
  const task = t.state.task;
  if (task?.errand !== "book" || !task.hold || !ONE_MORE.test(reading.said) || reading.question) return false;
  if (ofKind(reading.found, "yes").some((y) => !y.value) || ofKind(reading.found, "service").some((s) => !s.value.includes(task.service ?? ""))) return false;
  const day = reading.found.some((f) => f.kind === "day");
  const whom = reading.found.some((f) => f.kind === "for-whom");
  if (!day && !whom) return false;
  // "One for my son" before anybody else was named is who this visit is for.
  if (whom && !day && !/\b(?:and|another|same|as well|too|also|second|more)\b/i.test(reading.said)) return false;
  const at = t.house.zone.toLocal(task.hold.offer.startMin);
  const next: BookTask = {
    ...newBook(),
    ...(task.service ? { service: task.service } : {}),
    lengthMin: task.hold.offer.lengthMin,
    saidLength: task.hold.offer.lengthMin,
    wish: { days: { ranges: [{ from: at.day, to: at.day }] }, ...(!day || /\bsame (?:time|hour)\b/i.test(reading.said) ? { atMin: at.minute } : {}) },
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

function checks(t: Turn, reading: Reading, contact: boolean): boolean {
  const { state } = t;
  if (state.expects !== "phone-check" && state.expects !== "email-check" && state.expects !== "name-check") return false;
  const yes = ofKind(reading.found, "yes")[0]?.value;
  if (state.expects === "name-check" && nameChecked(t, reading, yes)) return true;
  if (contact) {
    if (yes && !ofKind(reading.found, "phone-end").length) state.client.confirmed = true;
    proceed(t);
    return true;
  }
  // What is wished for is kept, whatever is being asked.
  const task = state.task;
  if (task?.errand === "book" && wishIn(reading) && !reading.question && reading.errands.every((e) => e.errand === "book" || e.errand === "move")) {
    if (yes) state.client.confirmed = true;
    if (applyToBook(t, task, reading, contextOf(t.house, t.now, state))) reopen(t, task);
    proceed(t);
    return true;
  }
  if (yes === undefined) return false;
  if (yes) state.client.confirmed = true;
  else {
    if (state.expects === "phone-check") delete state.client.phone;
    else delete state.client.email;
    delete state.client.looked;
    t.say("check/again");
    t.expect(state.expects === "phone-check" ? "phone" : "email");
    return true;
  }
  proceed(t);
  return true;
}

/** What was read back as the name: right, another one, or to be spelled. */
function nameChecked(t: Turn, reading: Reading, yes: boolean | undefined): boolean {
  const { client } = t.state;
  if (yes) {
    if (client.name) client.nameHeard = client.name;
    delete client.spells;
    proceed(t);
    return true;
  }
  if (ofKind(reading.found, "name").length > 0) {
    delete client.looked;
    proceed(t);
    return true;
  }
  if (yes === undefined) return false;
  delete client.name;
  delete client.looked;
  client.spells = true;
  t.say("check/spell");
  t.expect("name");
  return true;
}

function thanks(t: Turn): boolean {
  const { state } = t;
  if (state.task) return false;
  close(t);
  return true;
}

function close(t: Turn): void {
  t.say("bye");
  t.state.status = "closed";
  t.expect("nothing");
}

/** Within an errand: an answer, a choice, a change, a question, or something that was not understood. */
function hearInTask(t: Turn, task: Task, reading: Reading, text: string, kept: { name: boolean; contact: boolean }): void {
  const { state } = t;
  const context = contextOf(t.house, t.now, state);
  const yes = ofKind(reading.found, "yes")[0]?.value;
  let moved = kept.name || kept.contact;
  if (reading.errands.some((e) => e.errand === "thanks-bye") && /\b(?:bye|goodbye|forget it|never ?mind)\b/i.test(text)) {
    if ("hold" in task && task.hold) dropHold(t, task);
    state.task = null;
    state.later = [];
    state.outcomes.push("abandoned");
    t.say("bye/nothing-done");
    state.status = "closed";
    t.expect("nothing");
    return;
  }
  if (state.expects === "phone" || state.expects === "email") {
    if (
      !moved &&
      (yes === false ||
        /\b(?:rather not|not say|prefer not|don't want|do not want|none of your)\b/i.test(text) ||
        /\b(?:don't|do not|no) (?:have|phone|number|mobile|cell|email)\b/i.test(text))
    ) {
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
  if ((task.errand === "book" || task.errand === "move") && state.expects === "slot" && task.offered.length > 0) {
    if (hearSlot(t, task, reading)) return;
  }
  if (task.errand === "book") {
    // "The first one" and "Wednesday at 5" say no number of places.
    const counts = task.needPlaces && !/\bat \d|:\d\d|[ap]\.?m\b/i.test(text) && !reading.found.some((f) => f.kind === "choice" || f.kind === "day");
    const bare = counts ? /^\W*(?:\w+ ){0,3}?(\d{1,2}|one|two|three|four|five|six)\b/i.exec(text)?.[1] : undefined;
    if (bare !== undefined) {
      delete task.needPlaces;
      task.places = /^\d/.test(bare) ? Number(bare) : (CARDINALS[bare.toLowerCase()] ?? 1);
      moved = true;
    }
    if (
      state.expects === "service" &&
      yes === false &&
      !wishIn(reading) &&
      !moved &&
      saysBefore(text) === null &&
      !reading.errands.some((e) => e.errand === "book" || e.errand === "ask-availability")
    ) {
      if (task.suggested && task.among?.length === 1) {
        delete task.among;
        return proceed(t);
      }
      if (task.instead) {
        // What was offered in its place is declined: the first wish stands.
        Object.assign(task, task.instead);
        delete task.instead;
        delete task.among;
        return proceed(t);
      }
      state.task = null;
      t.say("book/let-go");
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
      reopen(t, task);
      moved = true;
    }
  } else if (task.errand === "cancel") {
    if (state.expects === "which-appointment") moved = pickAppointment(t, task, reading) || moved;
    else if (task.appointment === undefined && applyOld(task, reading, context, true)) moved = true;
  } else if (task.errand === "ask-mine") moved = applyOld(task, reading, context, true) || moved;
  if (moved) {
    state.repairs = 0;
    return proceed(t);
  }
  if (state.expects === "day" && task.errand === "book" && (yes === false || reading.found.some((f) => f.kind === "staff"))) {
    // "I don't mind" when: soonest first.
    if (yes === false && /\b(?:forget|never ?mind|leave it|nothing)\b/i.test(text)) {
      state.task = null;
      t.say("book/let-go");
      return proceed(t);
    }
    task.wish.days = { ranges: [], soonest: true };
    return proceed(t);
  }
  if (reading.question && (feeOfThat(t, reading) || fromHandbook(t, reading))) {
    state.repairs = 0;
    return resume(t);
  }
  // "Wait, when was it?": what is to be agreed to is said again.
  if (
    reading.question &&
    state.expects === "go-ahead" &&
    text.trim().split(/\s+/).length <= 8 &&
    /\b(?:when|what (?:time|day|date)|which (?:day|one|date)|who|whom|with whom|is (?:that|it))\b/i.test(text)
  ) {
    t.rule("go-ahead/said-again");
    return proceed(t);
  }
  if (reading.question && /\w{3,} \w{2,} \w{2,}/.test(reading.masked)) return unknown(t, text);
  repair(t);
}

/** Nothing is being worked on: what was said begins something, asks something, or is not understood. */
function hearOpen(t: Turn, reading: Reading, text: string, kept: { name: boolean; contact: boolean }): void {
  const { state } = t;
  const yes = ofKind(reading.found, "yes")[0]?.value;
  const services = ofKind(reading.found, "service");
  // What was chosen from all that there is is a wish for it.
  if (state.asking === "book") delete state.asking;
  if (state.asking && services.length > 0) {
    const asking = state.asking;
    delete state.asking;
    answer(t, asking, reading);
    return proceed(t);
  }
  if (state.expects === "anything" && yes === false && !wishIn(reading)) return close(t);
  if (reading.question && services.length === 0 && fromHandbook(t, reading)) return proceed(t);
  const when = reading.found.some((f) => f.kind === "day" || f.kind === "time" || f.kind === "length" || f.kind === "places");
  if (services.length > 0 && !when && reading.question) {
    if (answer(t, "ask-service", reading)) return proceed(t);
    return unknown(t, text);
  }
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
    return unknown(t, text);
  }
  if (services.length > 0 || (when && !reading.question) || (when && (state.topic || state.topics)) || carriedOn(t, reading)) {
    const fresh = carriedOn(t, reading) ?? newBook();
    if (services.length === 0 && !fresh.service) {
      if (state.topic) fresh.service = state.topic;
      else if (state.topics) fresh.among = state.topics;
    }
    state.task = fresh;
    applyToBook(t, fresh, reading, contextOf(t.house, t.now, state));
    state.repairs = 0;
    return proceed(t);
  }
  if (/^\W*(?:hi+|hello|hey+|good (?:morning|afternoon|evening|day)|hiya|greetings|yo|howdy)(?: there| you| again| everyone)?\W*$/i.test(text)) {
    t.say("what-can-i-do");
    t.expect("errand");
    return;
  }
  // "Yes, book": what was spoken of last is to be booked.
  if (yes && /\bbook\b/i.test(text) && (state.topic ?? state.topics)) {
    state.task = { ...newBook(), ...(state.topic ? { service: state.topic } : { among: state.topics as string[] }) };
    state.repairs = 0;
    return proceed(t);
  }
  if (fromHandbook(t, reading, text.trim().split(/\s+/).length <= 4 ? 0.5 : 0.75)) return proceed(t);
  // Whoever speaks of one of the house's people, and asks nothing that is understood, most likely wants to see them.
  if (kept.name || kept.contact || yes) {
    t.say("what-can-i-do");
    t.expect("errand");
    return;
  }
  const person = ofKind(reading.found, "staff").find((s) => s.value !== "any" && !s.not);
  if (person && person.value !== "any" && t.house.staff.get(person.value[0] ?? "")?.bookable) {
    state.task = newBook();
    applyToBook(t, state.task, reading, contextOf(t.house, t.now, state));
    t.rule("book/for-a-person-named");
    return proceed(t);
  }
  if (reading.question && /\w{3,}/.test(reading.masked)) return unknown(t, text);
  repair(t);
}

/** Goes back to what was asked before a question came between. */
export function resume(t: Turn): void {
  const task = t.state.task;
  if (task && (task.errand === "book" || task.errand === "move") && !task.hold && task.offered.length > 0) {
    t.state.expects = "slot";
    which(t, task);
    return;
  }
  proceed(t);
}

/** Three tries in growing detail, then a person. */
export function repair(t: Turn, moment: "repair/again" | "unclear" = "repair/again"): void {
  const { state } = t;
  state.repairs++;
  if (state.repairs >= 3) {
    state.repairs = 0;
    return handOver(t, "Three replies in a row were not understood.");
  }
  t.say(moment);
  // A name that cannot be made out is spelled.
  if (moment === "unclear" && state.expects === "name" && state.channel === "phone") {
    state.client.spells = true;
    t.say("check/spell");
    t.expect("name");
    return;
  }
  if (state.repairs === 2) t.say(state.expects === "day" || state.expects === "time" ? "repair/help-day" : "repair/help");
  if (state.task) return resume(t);
  t.say("what-can-i-do");
  t.expect("errand");
}
