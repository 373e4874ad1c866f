import { WHAT_IF_I_CANCEL } from "../../language/packs/en/signs.ts";
import { HOW_LONG, HOW_LONG_OR_MUCH, IT_OR_THAT } from "../../language/packs/en/asked.ts";
import { contentOf } from "../../knowledge/search.ts";
import { lengthTold } from "../../knowledge/lengths.ts";
import { isAsk, type Errand } from "../../language/errand.ts";
import { complains } from "../../language/features.ts";
import { clauses } from "../../language/errands.ts";
import { ofKind, type Found } from "../../language/found.ts";
import { BEGINS_A_QUESTION } from "../../language/packs/en/people.ts";
import { AND_ALSO, AND_ABOUT, ASKS_TO_COME, HOW_SOON, MAY_I_COME, SMALL_BESIDE, SPEAKS_OF_MONEY, WHO_IS_BEST } from "../../language/packs/en/talk.ts";
import { read, type Reading } from "../../language/read.ts";
import { contextOf } from "../context.ts";
import { applyToBook } from "../errands/apply.ts";
import { answer } from "../errands/ask.ts";
import { settled } from "../errands/wished.ts";
import { fromHandbook, SURELY } from "../errands/handbook.ts";
import { proceed } from "../proceed.ts";
import { hearSlot } from "../slot.ts";
import { startTask } from "../start.ts";
import type { BookTask } from "../state.ts";
import type { Turn } from "../turn.ts";
import { notKnown, resume } from "../unheard.ts";
import { dayWish, singleDay, wishIn } from "../wish.ts";
import { idle, type Heard, type Step } from "./heard.ts";
import { tellsOfNeed, visitFor } from "./needs.ts";
import { askedFor } from "./refusing.ts";

/** "And the massage", "what about the day after": the same question of another thing. Ends nothing. */
export const askedOfAnother: Step = (m) => {
  const { reading, errands, text } = m;
  const { lastAsk } = m.t.state;
  if (!idle(m) || !lastAsk) return false;
  const also = AND_ALSO.test(text);
  const follow =
    also &&
    !errands.some(isAsk) &&
    !reading.errands.some((e) => e.errand !== "ask-availability" || e.sure >= 0.6) &&
    // "And can I have it straight away" wishes for it.
    !ASKS_TO_COME.test(text) &&
    wishIn(reading);
  const alike = also && wishIn(reading) && onlyFound(reading);
  // Right after the hours: those of that day.
  const ofHours =
    lastAsk === "ask-hours" &&
    AND_ABOUT.test(text) &&
    reading.found.some((f) => f.kind === "day") &&
    reading.found.every((f) => f.kind === "day" || f.kind === "time") &&
    contentOf(reading.masked.replace(/<\w+>/g, " ")).length === 0;
  if (follow || alike || ofHours) m.errands = [lastAsk];
  return false;
};

/** Answers what is asked, beside what a message begins; true where something was asked. */
export function answerAsked(m: Heard, started: boolean): boolean {
  const { t, reading, text } = m;
  const { state } = t;
  const asks = m.errands.filter(isAsk);
  if (asks.length === 0) return false;
  // "My elbow hurts, who would be best for that": what anybody begins with, and its people.
  const named = reading.found.some((f) => f.kind === "service" || f.kind === "staff");
  if (idle(m) && !started && asks.every((e) => e === "ask-staff") && !named && complains(reading.said) && WHO_IS_BEST.test(text)) {
    visitFor(t, reading, "book/for-a-need");
    return true;
  }
  state.lastAsk = asks.at(-1) as Errand;
  const about = onDays(t, reading);
  askedAbout(t, about);
  const open = asks.filter((e) => !answer(t, e, partOf(t, about, e)));
  for (const e of open) t.reasons.push({ what: "ruled-out", why: "no-answer", about: e });
  // "Do you take cheques, and could I come today", "do you give homework, and is there a pool": what is not known of it is said, beside what else is done.
  const sure = (e: Errand): number => reading.errands.find((r) => r.errand === e)?.sure ?? 0;
  if ((started || t.spoke) && reading.clauses.length > 1 && open.some((e) => NEEDS_AN_ANSWER.has(e) && sure(e) >= PLAINLY_ASKED)) t.say("unknown/say-so");
  if (t.spoke) answerRest(t, reading);
  if (!t.spoke && !started) {
    // "How soon can you see him", while it is open what it is for: that is asked first.
    if (state.task?.errand === "book" && !state.task.service && asks.every((e) => e === "ask-availability")) {
      applyToBook(t, state.task, reading, contextOf(t.house, t.now, state));
      if (HOW_SOON.test(text)) state.task.wish.days ??= { ranges: [], soonest: true };
      proceed(t);
      return true;
    }
    if (forRoom(m) && startTask(t, reading, ["ask-availability"])) proceed(t);
    else if (idle(m) && (tellsOfNeed(t, reading) || wantsToCome(m))) visitFor(t, reading, "book/for-a-need");
    else notKnown(t, text);
    return true;
  }
  state.repairs = 0;
  // What a question names is not a wish, unless it came with one.
  if (started) proceed(t);
  else if (!withAChoice(t, reading) && !asksWhich(t)) resume(t);
  return true;
}

/** "Friday so. Does Magda do them both?", while it is open when: the day of a sentence that asks nothing is a wish. Ends nothing. */
export const wishBeforeAsking: Step = ({ t, reading }) => {
  const { task } = t.state;
  if (reading.question && task?.errand === "book" && task.service && !task.hold && task.offered.length === 0 && !task.wish.days) wishBefore(t, task, reading);
  return false;
};

function wishBefore(t: Turn, task: BookTask, reading: Reading): void {
  for (const c of clauses(reading.said)) {
    if (reading.said.slice(c.from, c.to + 1).includes("?") || BEGINS_A_QUESTION.test(c.text.toLowerCase())) continue;
    const part = read(c.text, contextOf(t.house, t.now, t.state));
    const when = part.found.filter((f) => f.kind === "day" || f.kind === "time");
    if (when.length === 0 || part.question || part.errands.some((e) => e.errand !== "book") || contentOf(part.masked.replace(/<\w+>/g, " ")).length > 1)
      continue;
    applyToBook(t, task, { ...part, found: when }, contextOf(t.house, t.now, t.state));
    t.rule("book/when-beside-a-question");
  }
}

/** "Can I come with my wife, neither of us can swim", "could my sister have one": nothing answers it, and somebody wants to come. */
const wantsToCome = ({ reading, text, errands }: Heard): boolean =>
  !errands.includes("ask-price") && (MAY_I_COME.test(text) || reading.found.some((f) => f.rule === "for-whom/may-come"));

/** Who names a day or one of the house's people, and asks something that nothing answers, most likely asks for room. */
function forRoom({ t, reading, errands, text }: Heard): boolean {
  const [ask, another] = errands.filter(isAsk);
  if (t.state.task || another !== undefined || ask === "ask-price" || (reading.errands[0]?.sure ?? 1) >= 0.85) return false;
  if (!reading.found.some((f) => f.kind === "day" || f.kind === "time")) return false;
  return reading.found.some((f) => f.kind === "staff") || MAY_I_COME.test(text);
}

/** A choice of what was offered may come with a question; true where it was taken. */
function withAChoice(t: Turn, reading: Reading): boolean {
  const { task, expects } = t.state;
  const [of, another] = new Set(ofKind(reading.found, "service").flatMap((s) => s.value));
  if (task?.errand === "book" && !task.service && of !== undefined && another === undefined) task.askedOf = of;
  if (expects !== "slot" || (task?.errand !== "book" && task?.errand !== "move") || ofKind(reading.found, "choice").length === 0) return false;
  return hearSlot(t, task, reading);
}

/** Whether a message names a service, and no day or hour for it, with nothing but a few small words around. */
const onlyFound = (reading: Reading): boolean =>
  reading.found.every((f) => f.kind === "service" || f.kind === "length") &&
  reading.masked
    .replace(/<\w+>/g, " ")
    .replace(SMALL_BESIDE, " ")
    .replace(/[^a-z]+/g, "") === "";

/** "And the Monday after?": the day that it is, counted from the one that was asked about before. */
function onDays(t: Turn, reading: Reading): Reading {
  const from = t.state.task ? undefined : singleDay(t.state.askedDays);
  return { ...reading, found: reading.found.flatMap((f): Found[] => (f.kind === "day" ? settled(f, from) : [f])) };
}

/** What is asked besides in the same message, and is of a kind with another question in it: each has a line of its own. */
function answerRest(t: Turn, reading: Reading): void {
  // "If I call it off, what do I owe" is one question.
  if (WHAT_IF_I_CANCEL.test(reading.masked)) return;
  const all = clauses(reading.said);
  // What an errand was read from by itself has been answered.
  const parts = all.filter((c) => !reading.clauses.some((k) => k.from === c.from && !all.some((o) => o.from > c.from && o.from < k.to)));
  if (all.length < 2 || parts.length > MOST_ASKED) return;
  // Where the message has one errand, the first part that asks for it is what has been answered.
  let main = reading.clauses.length > 0 ? undefined : reading.errands.find((e) => isAsk(e.errand))?.errand;
  for (const c of parts) {
    const part = read(c.text, { ...contextOf(t.house, t.now, t.state), expects: "errand" });
    // What is refused of it has been said.
    if (part.limit !== null && part.question) continue;
    const asked = part.errands.find((e) => isAsk(e.errand));
    if (!part.question || !asked) continue;
    const answeredAlready = asked.errand === main;
    if (answeredAlready) main = undefined;
    const of = spokenOfBefore(part, reading);
    // "How long is acupuncture and does it hurt": the length is said as well as the line.
    const plainly = ofKind(of.found, "service").length === 1 && HOW_LONG_OR_MUCH.test(part.said);
    if (fromHandbook(t, of, SURELY, { asked: c.text, telling: true, kinds: ["answer", "fact"] })) continue;
    if (plainly) answer(t, HOW_LONG.test(part.said.toLowerCase()) && !SPEAKS_OF_MONEY.test(part.said) ? "ask-service" : asked.errand, of);
    // "Are you open on Monday? And do you do walk-ins": what is not known of it is said too.
    else if (!answeredAlready && NEEDS_AN_ANSWER.has(asked.errand) && asked.sure >= PLAINLY_ASKED && part.found.length === 0) t.say("unknown/say-so");
  }
}

const PLAINLY_ASKED = 0.8;
const NEEDS_AN_ANSWER = new Set<Errand>(["ask-policy", "ask-place", "ask-price", "ask-hours"]);

/** More questions in one message are not looked for. */
const MOST_ASKED = 4;

/** Keeps what a question named: a wish after it that leaves it out means the same. */
export function askedAbout(t: Turn, reading: Reading): void {
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
  ofKind(part.found, "service").length === 0 && (IT_OR_THAT.test(part.said) || contentOf(part.said).length === 0)
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

/** Whether the answer itself has just asked which service it is to be. */
function asksWhich(t: Turn): boolean {
  const { state } = t;
  // What was asked before the question came between is asked again.
  if (!t.asked || state.expects !== "service") return false;
  return state.asking !== undefined || (state.task?.errand === "book" && state.task.among?.length === 1);
}
