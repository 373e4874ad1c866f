import { WISHES_TO_BE_CALLED } from "../../language/packs/en/doing.ts";
import { MAY_IT_BE } from "../../language/packs/en/asked.ts";
import { WAVERS } from "../../language/turned.ts";
import { isAsk, isGuess, type Errand } from "../../language/errand.ts";
import { clauses } from "../../language/errands.ts";
import { ofKind, WEAK_SERVICE, type Found } from "../../language/found.ts";
import { BEGINS } from "../../language/packs/en/house.ts";
import { likely } from "../../knowledge/likely.ts";
import { ofTheNeed } from "../errands/told.ts";
import { FOR_ONE, WHEN_IS_MINE } from "../../language/packs/en/signs.ts";
import { SEEKS, SEES_SOMEBODY } from "../../language/packs/en/talk.ts";
import { answerTo } from "../../knowledge/match.ts";
import { complains } from "../../language/features.ts";
import type { Reading } from "../../language/read.ts";
import { stem } from "../../language/text.ts";
import type { Turn } from "../turn.ts";
import { fromHandbook } from "../errands/handbook.ts";
import { sharesWord } from "../errands/whichservice.ts";
import { resume } from "../unheard.ts";
import { askedAbout } from "./asked.ts";
import { guessedFrom, idle, type Heard, type Step } from "./heard.ts";
import { needOfWhomTheyAskFor } from "./needs.ts";

/** Lines of the handbook that go before what else a message might be: the surer the line, the surer the guess that gives way. */

/** Says that a line was given rather than what was guessed. */
function answered({ t, reading }: Heard, rule: string): true {
  t.rule(rule);
  // "I'm diabetic, can Marlon do my feet": of whom it was asked, a wish after it means.
  askedAbout(t, reading);
  t.state.lastAsk ??= "ask-service";
  t.state.repairs = 0;
  // "Guitar then. He's five": what is named is what a wish after it is about, whatever line was given.
  const named = ofKind(reading.found, "service");
  const [of] = named.length === 1 ? (named[0]?.value ?? []) : [];
  if (of !== undefined && named[0]?.value.length === 1 && sharesWord(t, of, reading.said.slice(named[0].start, named[0].end))) t.state.topic = of;
  resume(t);
  return true;
}

/** "The day after a peel" names no day. */
const aDay = (f: Found): boolean => f.kind === "day" && f.rule !== "day/relative";

/** What was said without the days, services and people that were found in it. */
const unmasked = (m: Heard): string => m.reading.masked.replace(/<\w+>/g, " ");

/** What a line was plainly written for is answered by it, where no deed is said plainly. */
const plainlyWritten: Step = (m) => {
  const { t, reading, errands } = m;
  const none = errands.length === 0 || (errands.length === 1 && ["out-of-scope", "message"].includes(errands[0] as Errand));
  const guessedDeed =
    errands.length === 1 &&
    ["cancel", "move"].includes(errands[0] as Errand) &&
    reading.question &&
    guessedFrom(m) &&
    // Who names what they have wants it done: "could we rearrange my acupuncture".
    !reading.found.some((f) => f.kind === "service");
  if (reading.found.some((f) => ["day", "time", "phone", "name"].includes(f.kind))) return false;
  if (!(none && (reading.question || errands.length > 0)) && !guessedDeed) return false;
  // "Can you tell Tui the colour went orange": what a service is said to be answers no message.
  const kinds = errands[0] === "message" ? (["answer", "fact", "document"] as const) : null;
  return fromHandbook(t, reading, guessedDeed ? 0.85 : 0.6, { telling: true, kinds }) && answered(m, "answer/plainly-written");
};

/** A wish that is only guessed and names nothing gives way to a line that was written for the question. */
const ratherThanNothingNamed: Step = (m) => {
  const { t, reading, errands } = m;
  if (!reading.question || errands.length !== 1 || errands[0] !== "book" || !guessedFrom(m)) return false;
  if (!reading.found.every((f) => f.kind === "for-whom" || f.kind === "yes")) return false;
  if (needOfWhomTheyAskFor(t, reading)) return false;
  return fromHandbook(t, reading, 0.8) && answered(m, "answer/rather-than-a-wish");
};

/** A line that is surer than this answers what was guessed to be a wish, where no day is named; and where one is. */
const ASKED_RATHER = 0.8;
const ASKED_THOUGH_DATED = 0.92;

/** "Would somebody come to the hotel to do my bridesmaids", "I've black hair and want to be blonde by Saturday, is that possible": what is asked has a line of its own. */
const askedRather: Step = (m) => {
  const { t, reading, errands } = m;
  // "My baby has her first tooth, when should I bring her": what else it might be is no more than guessed.
  const [, other] = reading.errands;
  const besides = errands.length === 2 && other !== undefined && isAsk(other.errand) && isGuess(other) && other.sure < WAVERS;
  if (!reading.question || !(errands.length === 1 || besides) || errands[0] !== "book" || !guessedFrom(m)) return false;
  if (reading.found.some((f) => ["phone", "email", "name", "length"].includes(f.kind)) || needOfWhomTheyAskFor(t, reading)) return false;
  const dated = reading.found.some((f) => f.kind === "day" || f.kind === "time");
  // "A bit of my tooth broke off, can I come in this week" wishes to be seen.
  if (dated && complains(reading.said)) return false;
  return (
    fromHandbook(t, reading, dated ? ASKED_THOUGH_DATED : ASKED_RATHER, { telling: true, kinds: ["answer", "fact"], asks: true }) &&
    answered(m, "answer/asked-rather")
  );
};

/**
 * "When can I sunbathe again after my laser": a line that was surely written for it goes before a guess at what is
 * theirs. "I need a present for a friend of horses": and before a wish that is no more than guessed.
 */
const ratherThanAGuess: Step = (m) => {
  const { t, reading, errands } = m;
  const wants = reading.errands[0]?.rule === "errand/book/want";
  if (errands.length !== 1 || !(guessedFrom(m) || wants) || WHEN_IS_MINE.test(reading.masked)) return false;
  if (reading.found.some((f) => aDay(f) || ["time", "phone", "name"].includes(f.kind))) return false;
  const line = (least: number): boolean => fromHandbook(t, reading, least, { telling: true, kinds: ["answer"] });
  const asks = reading.question && (errands[0] === "ask-mine" || errands[0] === "book");
  // "Ballet for my nine year old" wishes for it, whatever line there is about ages.
  const wishes = errands[0] === "book" && !FOR_ONE.test(reading.masked);
  const doubtful = wishes && (reading.errands[0]?.sure ?? 1) < 0.9 && !reading.found.some((f) => f.kind === "service" && f.rule !== "service/telling-word");
  // "I want to give my wife some sessions for her birthday": said in nearly the words of a line, and naming nothing by its name.
  const toTheWord = wishes && !reading.found.some((f) => f.kind === "service" && !WEAK_SERVICE.test(f.rule)) && line(0.95);
  return ((asks && !wants && line(0.9)) || (doubtful && !wants && line(0.75)) || toTheWord) && answered(m, "answer/rather-than-a-guess");
};

const wordsIn = (text: string): string[] => (text.toLowerCase().match(/[a-z]{3,}/g) ?? []).map(stem);

/** Whether the likeliest line was written of one of the services that are spoken of: "Can I have a massage when I am pregnant?" */
function written(t: Turn, reading: Reading): boolean {
  const asked = new Set((answerTo(t.house, reading.text)?.passage.asked ?? []).flatMap((text) => wordsIn(text)));
  return ofKind(reading.found, "service").some((f) => wordsIn(reading.said.slice(f.start, f.end)).some((w) => asked.has(w)));
}

/** A question that the handbook answers is no wish, unless it says when, or plainly wishes. */
const ratherThanAWish: Step = (m) => {
  const { t, reading, errands } = m;
  if (!reading.question || errands.length !== 1 || isAsk(errands[0] as Errand)) return false;
  if (reading.found.some((f) => aDay(f) || f.kind === "time" || f.kind === "phone")) return false;
  // "What should we book for her": which of the services it is to be is settled with them.
  if (errands[0] === "book" && SEES_SOMEBODY.test(reading.said)) return false;
  if (errands[0] === "book" && SEEKS.test(reading.said.toLowerCase())) return false;
  // "Would you see my nephew, he hardly speaks": what ails them weighs more than a line about whom one sees.
  if (errands[0] === "book" && needOfWhomTheyAskFor(t, reading)) return false;
  // Of a service that is wished for, what it is need not be told.
  const wished = errands[0] === "book" && reading.found.some((f) => f.kind === "service");
  const line = (least: number): boolean => fromHandbook(t, reading, least, { asked: unmasked(m), telling: true, kinds: wished ? ["answer", "fact"] : null });
  // "Both bikes need a full service, do you do the kid's too": plainly wished for by its name, it is begun after the answer.
  const byName = reading.found.some((f) => f.kind === "service" && f.value.length === 1 && !WEAK_SERVICE.test(f.rule));
  if (wished && byName && !guessedFrom(m)) {
    if (line(0.75)) t.rule("answer/beside-a-wish");
    return false;
  }
  if ((reading.errands[0]?.sure ?? 1) < 0.8) return line(0.6) && answered(m, "answer/rather-than-a-wish");
  const named = reading.found.some((f) => f.kind === "service" || (f.kind === "staff" && f.value !== "any"));
  if ((errands[0] !== "book" && named) || reading.found.some((f) => f.kind === "for-whom")) return false;
  // "I'm five months along, can I get a massage": a line that says just that goes before the wish.
  const ofIt = wished && !byName && written(t, reading) && fromHandbook(t, reading, 0.95, { telling: true, kinds: ["answer"] });
  if (ofIt) return answered(m, "answer/rather-than-a-wish");
  // "How would I cancel": what changes a visit gives way only to a line that says just that.
  // A wish gives way to a line that speaks of what is wished for, else only to one that is surer.
  const least = errands[0] === "cancel" || errands[0] === "move" ? 0.97 : wished && !written(t, reading) ? 0.85 : 0.75;
  return line(least) && answered(m, "answer/rather-than-a-wish");
};

/** "My session on Thursday, could we do it online": what is asked of a visit that they have, and has a line, is answered. Ends nothing. */
const besideAMove: Step = (m) => {
  const { t, reading, errands } = m;
  if (!reading.question || errands.length !== 1 || errands[0] !== "move" || !guessedFrom(m)) return false;
  // Another day, hour or person is the wish, and no question.
  if (reading.found.some((f) => ["time", "shift", "staff", "length", "gender"].includes(f.kind)) || reading.found.filter((f) => f.kind === "day").length > 1)
    return false;
  const asked = clauses(reading.said)
    .map((c) => c.text)
    .filter((text) => MAY_IT_BE.test(text))
    .at(-1);
  return asked !== undefined && fromHandbook(t, reading, 0.7, { asked, telling: true, kinds: ["answer", "fact"] }) && answered(m, "answer/of-what-stands");
};

const LINES: readonly Step[] = [besideAMove, plainlyWritten, askedRather, ratherThanNothingNamed, ratherThanAGuess, ratherThanAWish];

/** "He's never sat on a horse, where do we begin": with what there is for beginners, whatever line speaks of his age. */
const wantsToBegin = ({ t, reading, errands }: Heard): boolean =>
  errands.length === 1 && errands[0] === "book" && BEGINS.test(reading.said) && likely(t.house, ofTheNeed(reading)).length === 1;

/** "Can someone ring me about my invoice": a word with somebody is wished for, and no line. */
const wantsToBeCalled = ({ reading, errands }: Heard): boolean => errands.length === 1 && errands[0] === "message" && WISHES_TO_BE_CALLED.test(reading.masked);

/** Tries the handbook's lines, where nothing else is going on. */
export const linesFirst: Step = (m) => idle(m) && !wantsToBegin(m) && !wantsToBeCalled(m) && LINES.some((step) => step(m));
