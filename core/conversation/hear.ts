import { EMERGENCY } from "../house/through.ts";
import type { Errand } from "../language/errand.ts";
import { ofKind, peopleIn, type Found } from "../language/found.ts";
import { WHEN_IS_MINE } from "../language/packs/en/signs.ts";
import { clauses } from "../language/errands.ts";
import { read, says, type Reading } from "../language/read.ts";
import { lengthTold } from "../knowledge/lengths.ts";
import { contentOf } from "../knowledge/search.ts";
import { applyToBook, keepIdentity, settled } from "./errands/apply.ts";
import { answer } from "./errands/ask.ts";
import { compared } from "./errands/compare.ts";
import { tellsOthers } from "./errands/existing.ts";
import { fromHandbook, inOwnWords, SURELY } from "./errands/handbook.ts";
import { price as priceOf } from "./errands/prices.ts";
import { yesNoChoices } from "./errands/identity.ts";
import { EMERGENCY_SOURCE, handOver, messageTaker, slip } from "./errands/message.ts";
import { hearNumber } from "./errands/number.ts";
import { hearQuestion } from "./errands/questions.ts";
import { waits, wantsBack } from "./backagain.ts";
import { checks } from "./checks.ts";
import { contextOf } from "./context.ts";
import { calledText, phoneText } from "./format.ts";
import { hearGoAhead, isAsk, wishIn } from "./goahead.ts";
import { hearInTask, hearOpen } from "./intask.ts";
import { proceed } from "./proceed.ts";
import { wasDone } from "./result.ts";
import { deedsOf, takeUp } from "./several.ts";
import { newBook } from "./tasks.ts";
import { hearSlot, which } from "./slot.ts";
import { staffSource } from "./sources.ts";
import { startTask } from "./start.ts";
import { dayWish, singleDay } from "./wish.ts";
import { val, type Turn } from "./turn.ts";
import { asMove, spokenOf, theOther, insteadOfCancelling, lineUpAnother, lineUpDeed } from "./turning.ts";
import { SURE_EMERGENCY, maybeMisheard, namesHouse, notKnown, whoThisIs, resume, repair, thanks } from "./unheard.ts";
import {
  ARE_YOU_THERE,
  A_PERSON,
  COMMENT,
  NEEDS,
  OF_ONES_HEALTH,
  OF_OURS,
  SAYS_OWN_NAME,
  UNDECIDED,
  WHAT_IT_IS_ABOUT,
  WHO_ARE_YOU,
} from "../language/packs/en/talk.ts";

const asksAny = (list: readonly Errand[]): boolean => list.some(isAsk);

/** Takes in what the client said, and answers. */
export function hear(t: Turn, heard: Reading, text: string): void {
  const { state } = t;
  const spoken = spokenOf(t, asMove(t, heard, text), text);
  // "Yes, I take warfarin" answers the question; it asks for no advice.
  const told = spoken.guessed && !spoken.question && state.expects.startsWith("question:");
  // "What times does she have", of one of the house's people who was spoken of, asks about no client.
  const ofOurs = spoken.guessed && ofClients(t, spoken) && spoken.found.some((f) => f.rule === "staff/spoken-of");
  // "Sounds good" to a name that was read back is a yes, whatever name might be made of it.
  const agreed = state.expects === "name-check" && ofKind(spoken.found, "yes")[0]?.value === true;
  const reading: Reading = told
    ? { ...spoken, limit: null, guessed: false, errands: [] }
    : ofOurs
      ? { ...spoken, limit: null, guessed: false, errands: [{ errand: "ask-availability", rule: "errand/ask-availability/of-ours", at: 0, sure: 0.6 }] }
      : agreed
        ? { ...spoken, found: spoken.found.filter((f) => f.kind !== "name") }
        : spoken;
  note(t, reading);
  if (reading.emergency) return emergency(t, reading);
  const errands: Errand[] = reading.errands.map((e) => e.errand);
  // A number or address that a question of the house's asks for is its answer, not the client's own.
  const asked = state.expects.startsWith("question:") ? t.house.questions.get(state.expects.slice("question:".length))?.kind : undefined;
  const others = asked === "text" && !SAYS_OWN_NAME.test(text) ? { ...reading, found: reading.found.filter((f) => f.kind !== "name") } : reading;
  const kept = asked === "phone" || asked === "email" || asked === "address" ? { name: false, contact: false } : keepIdentity(t, others);
  const number = kept.contact || reading.limit !== null ? null : hearNumber(t, reading);
  if (number === "part") return;
  if (number === "whole") kept.contact = true;
  // What was asked for and is there is an answer, whatever else its words might begin: "ring me on 902 …".
  const answered = (state.expects === "name" && kept.name) || (["phone", "email", "phone-check", "email-check"].includes(state.expects) && kept.contact);
  if (answered && !reading.question) {
    const plainly = new Set<Errand>(reading.errands.filter((e) => !/\/examples$/.test(e.rule)).map((e) => e.errand));
    errands.splice(0, errands.length, ...errands.filter((e) => (e === "move" || e === "cancel") && (plainly.has(e) || state.task?.errand === e)));
  }
  // Asked which service, length or time, they name one: whatever else their words might ask.
  const asIs: Partial<Record<string, readonly string[]>> = { service: ["service"], length: ["length"], day: ["day"], time: ["time"], slot: ["choice", "time"] };
  if (!reading.question && asIs[state.expects]?.some((kind) => reading.found.some((f) => f.kind === kind)))
    errands.splice(0, errands.length, ...errands.filter((e) => !isAsk(e)));
  // "The earliest you've got", of what was offered, is a choice and no new wish.
  if (state.expects === "slot" && ofKind(reading.found, "choice").length > 0 && !wishIn(reading))
    errands.splice(0, errands.length, ...errands.filter((e) => e !== "book" && e !== "ask-availability"));
  // Beside a yes or a no, small talk is no wish: "My friend said I should come to you. Yes please."
  if (
    state.expects === "go-ahead" &&
    ofKind(reading.found, "yes").length > 0 &&
    !wishIn(reading) &&
    reading.errands.every((e) => e.errand === "book") &&
    !/\b(?:another|also|as well|too|one more|second)\b/i.test(text)
  )
    errands.length = 0;
  // "I'll think about it and ring you back": nothing is to be done now.
  const idleWords = errands.every((e) => ["book", "ask-availability", "thanks-bye", "message"].includes(e)) && !reading.question;
  if (state.expects === "anything" && !state.task && idleWords && PUTS_OFF.test(text) && !reading.found.some((f) => f.kind === "day" || f.kind === "time")) {
    t.rule("bye/another-time");
    if (thanks(t)) return;
  }
  if (!state.task && namesHouse(t, text) && whoThisIs(t, text)) return resume(t);
  if (tellsOthers(t, text)) return proceed(t);
  if (wantsBack(t, text) || waits(t, reading, text) || wasDone(t, text) || newContact(t, reading, text)) return;
  if (reading.limit && reading.guessed) {
    // What only sounds like advice is answered where the house has a line of its own for it.
    const least = ofTheirLife(t, reading) ? null : !ofHealth(t, reading) ? 0.7 : OF_ONES_HEALTH.test(text) ? null : 0.9;
    if (inOwnWords(t, reading) || (least !== null && reading.question && fromHandbook(t, reading, least))) return resume(t);
  }
  if (reading.limit) return refuse(t, reading);
  // "Is there somebody I could talk to in French": what is asked besides a person has a line of its own.
  if (errands.length === 1 && errands[0] === "person" && reading.question && !state.task && !WHAT_IT_IS_ABOUT.test(text)) {
    const rest = reading.text.replace(A_PERSON, " ");
    if (contentOf(rest).length > 0 && fromHandbook(t, reading, SURELY, rest, true, ["answer", "fact"])) return resume(t);
  }
  if (
    (errands.includes("person") || callsForPerson(t, reading)) &&
    (state.expects !== "message" || (state.task?.errand === "message" && state.task.offered !== undefined))
  )
    return handOver(t, text, askedFor(reading));
  if (state.expects === "message" && state.task?.errand === "message") return hearMessage(t, reading, text);
  if (lineUpAnother(t, reading) || lineUpDeed(t, reading)) return resume(t);
  if (checks(t, reading, kept.contact)) return;
  if (hearQuestion(t, reading, text)) return;
  if (state.expects === "go-ahead" && theOther(t, reading)) return proceed(t);
  if (state.expects === "go-ahead" && insteadOfCancelling(t, reading, text)) return proceed(t);
  // "No, that's wrong, it ends in 13": the number is put right, and nothing else.
  if (state.expects === "go-ahead" && kept.contact && ofKind(reading.found, "yes")[0]?.value === false && !wishIn(reading)) {
    t.rule("go-ahead/contact-corrected");
    return proceed(t);
  }
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
    // "And can I have it straight away" wishes for it.
    !/\b(?:can|could|may) (?:i|we) (?:have|get|book|do|come|take) /i.test(text) &&
    wishIn(reading);
  // "And the massage": nothing but another thing to ask the same of.
  const alike = !state.task && state.lastAsk && /^\W*(?:and|what about|how about|ok and|also)\b/i.test(text) && wishIn(reading) && onlyFound(reading);
  // "What about the day after", right after the hours: those of that day.
  const ofHours =
    !state.task &&
    state.lastAsk === "ask-hours" &&
    /^\W*(?:and|what about|how about|ok and)\b/i.test(text) &&
    reading.found.some((f) => f.kind === "day") &&
    reading.found.every((f) => f.kind === "day" || f.kind === "time") &&
    contentOf(reading.masked.replace(/<\w+>/g, " ")).length === 0;
  if ((follow || alike || ofHours) && state.lastAsk) errands.splice(0, errands.length, state.lastAsk);
  // "What's the difference?" between two lengths is what they cost.
  if (
    state.expects === "length" &&
    state.task?.errand === "book" &&
    /\b(?:difference|differ|better|recommend|which (?:one|is))\b/i.test(text) &&
    !reading.found.some((f) => f.kind === "length" || f.kind === "choice") &&
    priceOf(t, reading)
  )
    return resume(t);
  if (!state.task && errands.every(isAsk) && compared(t, reading)) return resume(t);
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
  // A wish that is only guessed and names nothing gives way to a line that was written for the question.
  const nothingNamed = reading.found.every((f) => f.kind === "for-whom" || f.kind === "yes");
  if (
    !state.task &&
    reading.question &&
    errands.length === 1 &&
    errands[0] === "book" &&
    /\/examples$/.test(reading.errands[0]?.rule ?? "") &&
    nothingNamed &&
    fromHandbook(t, reading, 0.8)
  ) {
    t.rule("answer/rather-than-a-wish");
    state.repairs = 0;
    return resume(t);
  }
  // "When can I sunbathe again after my laser": a line that was surely written for it goes before a guess at what is theirs.
  // "I need a present for a friend of horses": a wish that is no more than guessed, too.
  const guessedOnly =
    errands.length === 1 &&
    /\/examples$/.test(reading.errands[0]?.rule ?? "") &&
    !reading.found.some((f) => (f.kind === "day" && f.rule !== "day/relative") || ["time", "phone", "name"].includes(f.kind));
  if (
    !state.task &&
    guessedOnly &&
    !WHEN_IS_MINE.test(reading.masked) &&
    ((reading.question && (errands[0] === "ask-mine" || errands[0] === "book") && fromHandbook(t, reading, 0.9, reading.text, true, ["answer"])) ||
      (errands[0] === "book" &&
        (reading.errands[0]?.sure ?? 1) < 0.9 &&
        !reading.found.some((f) => f.kind === "service" && f.rule !== "service/telling-word") &&
        fromHandbook(t, reading, 0.75, reading.text, true, ["answer"])))
  ) {
    t.rule("answer/rather-than-a-guess");
    state.repairs = 0;
    return resume(t);
  }
  // A question that the handbook answers is no wish, unless it says when, or plainly wishes.
  if (
    !state.task &&
    reading.question &&
    errands.length === 1 &&
    !isAsk(errands[0] as Errand) &&
    // "The day after a peel" names no day.
    !reading.found.some((f) => (f.kind === "day" && f.rule !== "day/relative") || f.kind === "time" || f.kind === "phone") &&
    ((reading.errands[0]?.sure ?? 1) < 0.8
      ? fromHandbook(t, reading, 0.6, reading.masked.replace(/<\w+>/g, " "), true)
      : (errands[0] === "book" || !reading.found.some((f) => f.kind === "service" || (f.kind === "staff" && f.value !== "any"))) &&
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
  if (asks.length > 0) {
    state.lastAsk = asks.at(-1) as Errand;
  }
  if (asks.length > 0) {
    const about = onDays(t, reading);
    askedAbout(t, about);
    for (const e of asks) if (!answer(t, e, partOf(t, about, e))) t.reasons.push({ what: "ruled-out", why: "no-answer", about: e });
    if (t.spoke) answerRest(t, reading);
    // Who names a day or one of the house's people, and asks something that nothing answers, most likely asks for room.
    const forRoom =
      !t.spoke &&
      !started &&
      !state.task &&
      asks.length === 1 &&
      asks[0] !== "ask-price" &&
      (reading.errands[0]?.sure ?? 1) < 0.85 &&
      reading.found.some((f) => f.kind === "day" || f.kind === "time") &&
      (reading.found.some((f) => f.kind === "staff") ||
        /\b(?:could|can|may) (?:i|we|he|she|they) (?:please )?(?:come|be seen|get in|stop by|pop in)\b/i.test(text));
    if (forRoom && startTask(t, reading, ["ask-availability"])) return proceed(t);
    if (!t.spoke && !started) return notKnown(t, text);
    state.repairs = 0;
    // A choice of what was offered may come with a question.
    const open = state.task;
    const [of, another] = new Set(ofKind(reading.found, "service").flatMap((s) => s.value));
    if (!started && open?.errand === "book" && !open.service && of !== undefined && another === undefined) open.askedOf = of;
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
    // Who tells of a need, and asks nothing, is told which services there are rather than that it is nobody's business.
    if (!reading.question && tellsOfNeed(t, reading)) {
      state.task = { ...newBook(), complaint: true };
      t.rule("book/for-a-need");
      applyToBook(t, state.task, reading, contextOf(t.house, t.now, state));
      return proceed(t);
    }
    // What is asked of the house itself may be its business all the same: the desk knows.
    if (/\b(?:do|have|is|are|does) (?:you|ye|there|your|anybody|anyone)\b/i.test(text)) return notKnown(t, text);
    if (maybeMisheard(t)) return repair(t, "unclear");
    t.say("unknown/not-ours");
    t.say("repair/help");
    t.outcome("turned-away");
    t.expect("errand");
    return;
  }
  // What was taken for a message, and then a day or an hour and nothing else instead of a name: they want to come.
  if (
    state.task?.errand === "message" &&
    state.task.guessed &&
    state.expects === "name" &&
    !kept.name &&
    reading.found.some((f) => f.kind === "day" || f.kind === "time") &&
    contentOf(reading.masked.replace(/<\w+>/g, " ")).length === 0
  ) {
    state.task = { ...newBook(), complaint: true };
    t.rule("book/rather-than-a-message");
    applyToBook(t, state.task, reading, contextOf(t.house, t.now, state));
    return proceed(t);
  }
  const task = state.task;
  if (task) return hearInTask(t, task, reading, text, kept);
  return hearOpen(t, reading, text, kept);
}

/** Below this, it is no more than likely that a need is none of the house's business. */
const SURELY_NOT_OURS = 0.8;

/** "I think I need a root canal", "my cat hasn't eaten": something that the house may well be there for. */
function tellsOfNeed(t: Turn, reading: Reading): boolean {
  const sure = reading.errands.find((e) => e.errand === "out-of-scope")?.sure ?? 1;
  if (NEEDS.test(reading.said)) return sure < SURELY_NOT_OURS;
  if (!OF_OURS.test(reading.said)) return false;
  // Its services speak of such a thing.
  const spoken = new Set(t.house.handbook.services.flatMap((s) => contentOf([s.name, ...s.also, s.about].join(" "))));
  return contentOf(reading.said).some((w) => spoken.has(w));
}

/** Who leaves it for later: "no, another time", "I'll sleep on it", "we'll get back to you". */
const PUTS_OFF = new RegExp(
  [
    "^\\W*(?:(?:ok|okay|thanks|well|hm+|ah|right)\\W+)*(?:no|nope|nah)\\b.*\\b(?:another time|some other time|later|not now|not today|not yet)\\b",
    "\\b(?:i|we)(?:'ll| will|'d better| need to| have to| want to)(?: just)? (?:think (?:about )?(?:it|that)|think about|sleep on|(?:ring|call) (?:you )?back|get back to|be in touch|let you know|check (?:with|my|first)|ask my|talk to my)\\b",
  ].join("|"),
  "i",
);

/** Whether a message names a service, and no day or hour for it, with nothing but a few small words around. */
const onlyFound = (reading: Reading): boolean =>
  reading.found.every((f) => f.kind === "service" || f.kind === "length") &&
  reading.masked
    .replace(/<\w+>/g, " ")
    .replace(/\b(?:and|what|how|about|also|ok|okay|then|the|an?|for|with|on|your|one|please|if|it's|is)\b/g, " ")
    .replace(/[^a-z]+/g, "") === "";

/** "And the Monday after?": the day that it is, counted from the one that was asked about before. */
function onDays(t: Turn, reading: Reading): Reading {
  const from = t.state.task ? undefined : singleDay(t.state.askedDays);
  return { ...reading, found: reading.found.flatMap((f): Found[] => (f.kind === "day" ? settled(f, from) : [f])) };
}

/** What is asked besides in the same message, and is of a kind with another question in it: each has a line of its own. */
function answerRest(t: Turn, reading: Reading): void {
  const all = clauses(reading.said);
  // What an errand was read from by itself has been answered.
  const parts = all.filter((c) => !reading.clauses.some((k) => k.from === c.from && !all.some((o) => o.from > c.from && o.from < k.to)));
  if (all.length < 2 || parts.length > MOST_ASKED) return;
  for (const c of parts) {
    const part = read(c.text, { ...contextOf(t.house, t.now, t.state), expects: "errand" });
    const asked = part.errands.find((e) => isAsk(e.errand));
    if (!part.question || !asked) continue;
    const of = spokenOfBefore(part, reading);
    // "How long is acupuncture and does it hurt": the length is said as well as the line.
    const plainly = ofKind(of.found, "service").length === 1 && /\bhow (?:long|much)\b/i.test(part.said);
    if (!fromHandbook(t, of, SURELY, c.text, true, ["answer", "fact"]) && plainly) answer(t, asked.errand, of);
  }
}
/** More questions in one message are not looked for. */
const MOST_ASKED = 4;

/** Keeps what a question named: a wish after it that leaves it out means the same. */
function askedAbout(t: Turn, reading: Reading): void {
  const { state } = t;
  if (state.task) return;
  const days = ofKind(reading.found, "day").filter((d) => !d.not);
  if (days.length > 0) state.askedDays = dayWish(days, contextOf(t.house, t.now, state)).days;
  const who = askedFor(reading);
  if (who !== undefined && t.house.staff.get(who)?.bookable) state.askedStaff = who;
  else delete state.askedStaff;
  const service = t.house.services.get(state.topic ?? "");
  const length = ofKind(reading.found, "length").at(-1)?.value ?? (service ? lengthTold(service, reading.said) : null) ?? undefined;
  if (length !== undefined) state.askedLength = length;
  // A question of another service leaves the length of the one before behind.
  else if (ofKind(reading.found, "service").length > 0) delete state.askedLength;
}

/** "What's shockwave, does it hurt": what "it" is in a part of a message was named in another. */
const spokenOfBefore = (part: Reading, reading: Reading): Reading =>
  ofKind(part.found, "service").length === 0 && /\b(?:it|that|this)\b/i.test(part.said)
    ? { ...part, found: [...part.found, ...ofKind(reading.found, "service")] }
    : part;

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
  return { ...spokenOfBefore(part, reading), question: true, errands: [own], clauses: [] };
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
  const people = new Set(peopleIn(reading.found));
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

/** Whether what is refused is a private thing of one of the house's people: a line about clients answers nothing of theirs. */
const ofTheirLife = (t: Turn, reading: Reading): boolean =>
  reading.found.some((f) => f.kind === "staff" && f.value !== "any") && /\bprivate\b/i.test(t.house.limits.find((l) => l.id === reading.limit)?.subject ?? "");

/** Whether the limit touched is the one on medical advice: what is nearly an answer to that is none. */
const ofHealth = (t: Turn, reading: Reading): boolean =>
  t.house.limits.some((l) => l.id === reading.limit && l.words.some((w) => says(w, "diagnose") || says("diagnose", w)));

/** Whether the limit touched is the one on other clients. */
const ofClients = (t: Turn, reading: Reading): boolean =>
  t.house.limits.some((l) => l.id === reading.limit && l.words.some((w) => says("who else is booked", w)));

function refuse(t: Turn, reading: Reading): void {
  const limit = t.house.limits.find((l) => l.id === reading.limit);
  if (!limit) return;
  t.say("limit/say", { say: val(limit.say, { kind: "limit", id: limit.id, label: limit.subject }) });
  t.outcome("turned-away");
  if (t.state.task && t.state.task.errand !== "message") return proceed(t);
  // What it was asked of is what a wish after it is about.
  const of = [...new Set(ofKind(reading.found, "service").flatMap((s) => s.value))];
  if (of.length > 0 && !t.state.topic && !t.state.topics) {
    t.state.lastAsk ??= "ask-price";
    if (of.length === 1) t.state.topic = of[0] as string;
    else t.state.topics = of;
  }
  t.say("limit/offer", { to: messageTaker(t, limit.tell).value });
  t.state.task = { errand: "message", offered: reading.text, ...(limit.tell ? { tell: limit.tell } : {}) };
  t.expect("message", yesNoChoices());
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
        : // "Ok, the assessment": a service that is named is no message.
          task.offered &&
            ofKind(reading.found, "service").some((s) => s.value.length === 1 && s.rule !== "service/telling-word") &&
            !/\b(?:pass|tell|ask|message|call|ring|phone|say)\b/i.test(text)
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
