import { OF_LESS_MONEY, OFF_THE_PRICE, SPEAKS_OF_SUMS } from "../../language/packs/en/asked.ts";
import type { Limit } from "../../house/schema.ts";
import { EMERGENCY } from "../../house/through.ts";
import { ofKind, peopleIn } from "../../language/found.ts";
import { A_PERSON, ASKS_ADVICE, FOR_THE_VISIT, OF_MONEY, OF_ONES_HEALTH, PUTS_OFF, WHAT_IT_IS_ABOUT, WHAT_NOW } from "../../language/packs/en/talk.ts";
import { isGuess } from "../../language/errand.ts";
import { clauses } from "../../language/errands.ts";
import { limitOf, says } from "../../language/limits.ts";
import { read, type Reading } from "../../language/read.ts";
import { normalise } from "../../language/text.ts";
import { contextOf } from "../context.ts";
import { contentOf } from "../../knowledge/search.ts";
import { LONGEST_TOLD } from "../errands/told.ts";
import { fromHandbook, inOwnWords, SURELY } from "../errands/handbook.ts";
import { yesNoChoices } from "../errands/identity.ts";
import { EMERGENCY_SOURCE, handOver, messageTaker, slip } from "../errands/message.ts";
import { phoneText } from "../format.ts";
import { proceed } from "../proceed.ts";
import { val, type Turn } from "../turn.ts";
import { maybeMisheard, repair, resume, SURE_EMERGENCY, SURE_LIMIT } from "../unheard.ts";
import { wishIn } from "../wish.ts";
import type { Step } from "./heard.ts";

/** Emergencies go before everything. */
export const emergencies: Step = ({ t, reading }) => {
  // What only sounds like one: what to do is said once, and the rest of it is heard.
  if (reading.alarm && !t.state.emergencyHeard) {
    t.state.emergencyHeard = true;
    t.say("emergency/maybe", { say: val(t.house.emergency.say, EMERGENCY_SOURCE) });
    t.rule("emergency/alarm");
  }
  if (reading.emergency) emergency(t, reading);
  else if (afterOne(t, reading)) {
    t.say("emergency/say-only", { say: val(t.house.emergency.say, EMERGENCY_SOURCE) });
    t.rule("emergency/again");
    t.expect("anything");
    return true;
  }
  return reading.emergency;
};

/** "Should I bring him in?", right after an emergency: what was said holds. */
const afterOne = (t: Turn, reading: Reading): boolean =>
  t.state.emergencyAt === t.state.turn - 1 && t.state.status === "open" && !t.state.task && WHAT_NOW.test(reading.said) && !wishIn(reading);

/** As sure as this, a line was written of what is asked about the price. */
const WRITTEN_OF_IT = 0.4;
/** As sure as this, it was written of what is asked about somebody's health. */
const SURELY_WRITTEN = 0.9;
/** Limits that every house has, and none has written. */
const BUILT_IN = /^always-/;

/** What the house does not do or say; what only sounds like advice is answered where the house has a line of its own for it. */
export const limits: Step = (m) => {
  const { t, reading, text } = m;
  if (!reading.limit) return false;
  // "My Thursday appointment" may have been heard as words of a limit: what was hardly heard is asked back first.
  if (t.sure < SURE_LIMIT && maybeMisheard(t)) {
    repair(t, "unclear");
    return true;
  }
  const subject = t.house.limits.find((l) => l.id === reading.limit)?.subject ?? "";
  const ofMoney = OF_MONEY.test(subject);
  // "Just blood pressure tablets", while a visit is being booked: it is told, and no advice is asked for.
  if (
    reading.guessed &&
    !reading.question &&
    ofHealth(t, reading) &&
    (t.state.task?.errand === "book" || t.state.task?.errand === "move") &&
    !ASKS_ADVICE.test(text)
  ) {
    t.say("aside/heard");
    t.rule("aside/of-their-health");
    resume(t);
    return true;
  }
  const apart = takenApart(t, reading);
  const asked = apart?.asked ?? reading.text;
  // What stands beside it is heard by itself, whether the line or the refusal has answered.
  const goOn = (): true => {
    if (apart) {
      t.rule("limit/and-the-rest");
      m.again = apart.rest;
      m.rest = apart.rest.text;
    } else resume(t);
    return true;
  };
  // What is less to pay is told by a line of that; money that is to come back may be of any.
  const ofWhichMoney = OFF_THE_PRICE.test(subject) ? OF_LESS_MONEY : SPEAKS_OF_SUMS;
  if (reading.guessed) {
    const least = ofTheirLife(t, reading)
      ? null
      : ofMoney
        ? WRITTEN_OF_IT
        : !ofHealth(t, reading)
          ? 0.7
          : OF_ONES_HEALTH.test(text) && !FOR_THE_VISIT.test(text)
            ? null
            : SURELY_WRITTEN;
    if (inOwnWords(t, reading) || (least !== null && reading.question && fromHandbook(t, reading, least, { asked, of: ofMoney ? ofWhichMoney : null })))
      return goOn();
  }
  // "Is it cheaper if I take several lessons": what the house wrote about it is its own word.
  if (!reading.guessed && ofMoney && reading.question && fromHandbook(t, reading, WRITTEN_OF_IT, { asked, of: ofWhichMoney })) {
    t.rule("limit/a-line-of-its-own");
    return goOn();
  }
  // "Should I take painkillers before the drug test": what the house itself wrote of it is no advice of this program's.
  if (
    !reading.guessed &&
    BUILT_IN.test(reading.limit) &&
    ofHealth(t, reading) &&
    reading.question &&
    FOR_THE_VISIT.test(text) &&
    fromHandbook(t, reading, SURELY_WRITTEN, { asked, of: null })
  ) {
    t.rule("limit/a-line-of-its-own");
    return goOn();
  }
  if (apart) {
    sayLimit(t, reading);
    return goOn();
  }
  refuse(t, reading);
  return true;
};

/**
 * "Book me in for Friday at three, and is there something off for students": what is asked that touches a limit, and what
 * is wished for or asked beside it, where that limit is money off or advice; null where there is no such part. Of other
 * people nothing is taken apart: a half of such a message may be what the whole of it was refused for.
 */
function takenApart(t: Turn, reading: Reading): { asked: string; rest: Reading } | null {
  const limit = t.house.limits.find((l) => l.id === reading.limit);
  const { task, expects } = t.state;
  if (!limit || task?.errand === "message" || expects === "go-ahead") return null;
  if (!OF_MONEY.test(limit.subject) && !ofHealth(t, reading)) return null;
  const context = contextOf(t.house, t.now, t.state);
  const all = clauses(reading.said);
  if (all.length < 2 || all.length > MOST_PARTS) return null;
  const touches = all.map((c) => (reading.guessed ? read(c.text, context).limit : limitOf(normalise(c.text), context)) !== null);
  const words = (touch: boolean): string => all.flatMap((c, i) => (touches[i] === touch ? [c.text.trim()] : [])).join(". ");
  if (!touches.includes(true) || !touches.includes(false)) return null;
  const rest = read(words(false), context);
  if (rest.limit !== null || rest.emergency) return null;
  const [first] = rest.errands;
  if (!first || NOTHING_ASKED.has(first.errand)) return null;
  const plain = !isGuess(first) || (first.sure >= SURE_OF_THE_REST && OF_A_VISIT.some((k) => rest.found.some((f) => f.kind === k)));
  return plain ? { asked: words(true), rest } : null;
}
const MOST_PARTS = 4;
const SURE_OF_THE_REST = 0.8;
const OF_A_VISIT = ["service", "day", "time", "length", "staff"] as const;
const NOTHING_ASKED = new Set<string>(["none", "out-of-scope", "thanks-bye", "refused", "person", "message"]);

/** "What did the last client pay, and how much is the fitting": a part that is refused by itself is refused in words, and the rest is done. Ends nothing. */
export const refusedParts: Step = ({ t, reading, errands }) => {
  if (
    reading.limit !== null ||
    errands.length === 0 ||
    t.state.expects === "message" ||
    t.state.expects === "go-ahead" ||
    t.state.expects.startsWith("question:")
  )
    return false;
  const all = clauses(reading.said);
  if (all.length < 2 || all.length > MOST_PARTS) return false;
  for (const c of all) {
    const part = read(c.text, contextOf(t.house, t.now, t.state));
    // What only sounds like advice is refused beside something that is plainly asked or wished for.
    if (part.limit !== null && (!part.guessed || (part.question && reading.errands.some((e) => !isGuess(e))))) sayLimit(t, part);
  }
  return false;
};

/** Who wants to talk to a person, or says words for which the house wants one called. */
export const toAPerson: Step = ({ t, reading, errands, text }) => {
  const { state } = t;
  // "Let me talk to my partner first" is no wish for anybody here.
  if (PUTS_OFF.test(text)) return false;
  // "Is there somebody I could talk to in French": what is asked besides a person has a line of its own.
  if (errands.length === 1 && errands[0] === "person" && reading.question && !state.task && !WHAT_IT_IS_ABOUT.test(text)) {
    const rest = reading.text.replace(A_PERSON, " ");
    if (contentOf(rest).length > 0 && fromHandbook(t, reading, SURELY, { asked: rest, telling: true, kinds: ["answer", "fact"] })) {
      resume(t);
      return true;
    }
  }
  if (!errands.includes("person") && !callsForPerson(t, reading)) return false;
  if (state.expects === "message" && !(state.task?.errand === "message" && state.task.offered !== undefined)) return false;
  handOver(t, text, askedFor(reading));
  return true;
};

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
  t.state.emergencyAt = t.state.turn;
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
export function askedFor(reading: Reading): string | undefined {
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
export const ofClients = (t: Turn, reading: Reading): boolean =>
  t.house.limits.some((l) => l.id === reading.limit && l.words.some((w) => says("who else is booked", w)));

/** Says what the house says of a limit that was touched. */
export function sayLimit(t: Turn, reading: Reading): Limit | undefined {
  const limit = t.house.limits.find((l) => l.id === reading.limit);
  if (!limit) return undefined;
  t.say("limit/say", { say: val(limit.say, { kind: "limit", id: limit.id, label: limit.subject }) });
  t.outcome("turned-away");
  return limit;
}

function refuse(t: Turn, reading: Reading): void {
  const limit = sayLimit(t, reading);
  if (!limit) return;
  if (t.state.task && t.state.task.errand !== "message") return proceed(t);
  // What ails them, though nothing can be said of it, is what a visit after it is for.
  if (!t.state.task && ofHealth(t, reading)) t.state.told = reading.text.slice(0, LONGEST_TOLD);
  // What it was asked of is what a wish after it is about.
  const of = [...new Set(ofKind(reading.found, "service").flatMap((s) => s.value))];
  if (of.length > 0 && !t.state.topic && !t.state.topics) {
    t.state.lastAsk ??= "ask-price";
    if (of.length === 1) t.state.topic = of[0] as string;
    else t.state.topics = of;
  }
  t.say("limit/offer", { to: messageTaker(t, limit.tell).value });
  // What was to be passed on before is passed on with it.
  const before = t.state.task?.errand === "message" ? (t.state.task.text ?? t.state.task.offered) : undefined;
  const all = [before?.slice(0, LONGEST_TOLD), reading.text].filter((text) => text !== undefined).join(" / ");
  t.state.task = { errand: "message", offered: all, refused: true, ...(limit.tell ? { tell: limit.tell } : {}) };
  t.expect("message", yesNoChoices());
}
