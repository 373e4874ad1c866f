import type { House } from "../house/compile.ts";
import {
  ASKS_FOR_IT,
  COUNSELS,
  HAS_LASTED,
  IN_THE_PAST,
  LENGTH_REPLACED,
  NUMBER,
  OR_THAN,
  PART_OF_TODAY,
  SINCE,
  TALK_TO_SOMEBODY,
  WAS_TODAY,
} from "./packs/en/reading.ts";
import { readTime } from "./clock.ts";
import { asksNothing, freeToAsk, momentOf, type Moment, type ReadContext } from "./context.ts";
import { isGuess, type ErrandRead } from "./errand.ts";
import type { Clause } from "./errands.ts";
import { OF_THE_HOUSE, ofKind, WEAK_SERVICE, type Found, type FoundOf } from "./found.ts";
import { isEmergency, limitOf, limitOn } from "./limits.ts";
import { isQuestion, mask } from "./masked.ts";
import { changedThing, changesOwn, changesThing, OWN_CHANGED, ownVisit, sameDayOtherwise, tellsOfVisit, toBeOtherwise, tradesHour } from "./own.ts";
import { AND_NOT_THEN, NOT_AFTER } from "./packs/en/around.ts";
import { ONE_MORE } from "./packs/en/company.ts";
import { AND_ANOTHER_THING } from "./packs/en/joining.ts";
import { COMPARES_PRICES, HAS_A_TURN, IN_DESPAIR, IS_THAT_CHEAPER, TELLS_THEM, THE_CHEAPER } from "./packs/en/limits.ts";
import {
  ASKS_OF_IT,
  CANNOT,
  CANNOT_DO,
  CANT_COME,
  DO_YOU_DO,
  A_WORD_WITH,
  FOR_A_WORD,
  HAS_A_VISIT,
  IS_A_CLIENT,
  REPAIRS,
  SAW,
  SOMEBODY_ELSE,
  WEAK_YES,
} from "./packs/en/signs.ts";
import { IS_TALK, OF_WHAT_STANDS, ON_BEHALF, TALK_ABOUT } from "./packs/en/talk.ts";
import { CALLED_OFF, JOINS_A_WISH } from "./packs/en/wanting.ts";
import { MISSED_ON } from "./packs/en/turns.ts";
import { lexiconOf } from "./recognisers/house.ts";
import { recognise } from "./recognise.ts";
import { ofItsWeek, ofThatPart } from "./refiners/itsweek.ts";
import { absentOn, aroundEvents, beforeEvents, beforeHour, correct, everyWeek, joinDays, narrowed, passedHour, ruleOut, whenBusy } from "./refiners/join.ts";
import { assignParts, assignPeople, splitRanges } from "./refiners/parts.ts";
import { AND_NOT } from "./packs/en/parts.ts";
import { asSentences, spell } from "./spelling.ts";
import { normalise, type Said } from "./text.ts";
import { CANCEL_AND_INSTEAD_RULE, CANNOT_BUT_RULE, SOONER_THAN_RULE, TOO_LATE_RULE } from "./turned.ts";
import { SOONER_OR_EARLIER } from "./packs/en/choices.ts";
import { errandsOf } from "./wanted.ts";

/** Everything that one message says, with the rule and the place of each part. */
export interface Reading {
  text: string;
  /** The words with slips of the pen put right. */
  said: string;
  found: Found[];
  /** What a later word of the same message corrected. */
  corrected: Found[];
  errands: ErrandRead[];
  /** Where each errand was said, in `said`, when there are several. */
  clauses: Clause[];
  /** The words with what was found put aside. */
  masked: string;
  /** Whether it asks something. */
  question: boolean;
  /** Set when the house's danger words were said. */
  emergency: boolean;
  /** It sounded like one, though no word of a danger was said. */
  alarm: boolean;
  /** The limit of the house that the message touches. */
  limit: string | null;
  /** Whether the limit was only guessed from how it was said: then what the house has an answer to is answered. */
  guessed: boolean;
  sure: number;
}

/** Reads one message. Pure: the same words at the same moment in the same house read the same. */
export function read(text: string, context: ReadContext): Reading {
  const at = momentOf(context);
  const lexicon = lexiconOf(context.house);
  const spelled = spell(
    asSentences(text),
    (w) => lexicon.vocabulary.has(w) || lexicon.names.has(w),
    context.expects === "name" || context.expects === "name-check",
  );
  const { said } = spelled;
  const { found, dropped } = correct(said, ruleOut(said, recognise(said, at)));
  // A day that was ruled out or corrected speaks of the errand as much as one that is wished for.
  const spoken = [...found, ...dropped.filter((f) => f.kind === "day" || f.kind === "time")];
  const masked = mask(said, spoken);
  const wanted = wantedIn(said, masked, found, spoken, context);
  const settled = settle(said, at, found, dropped, wanted);
  const placed = (f: Found): Found => ({ ...f, start: spelled.back(f.start), end: spelled.back(f.end, true) });
  const { emergency, limit } = wanted;
  const top = emergency
    ? [{ errand: "emergency" as const, rule: "errand/emergency/words", at: 0, sure: 1 }]
    : limit
      ? [{ errand: "refused" as const, rule: `errand/refused/${limit}`, at: 0, sure: 1 }]
      : wanted.errands;
  return {
    text: normalise(text).raw,
    said: said.raw,
    found: settled.map(placed),
    corrected: dropped.map(placed),
    errands: top,
    clauses: top === wanted.errands ? wanted.clauses : [],
    masked,
    question: isQuestion(said),
    emergency,
    // What is refused besides keeps nobody from hearing where to call.
    alarm: !emergency && ((wanted.alarm && limit === null) || IN_DESPAIR.test(said.norm) || HAS_A_TURN.test(said.norm)),
    limit,
    guessed: wanted.guessed,
    sure: Math.min(1, ...top.map((e) => e.sure)),
  };
}

/** What a message wants, and which of the house's limits it touches. */
type Wanted = Pick<Reading, "errands" | "clauses" | "emergency" | "limit" | "guessed" | "alarm">;

/** The errands of a message, once what it says of visits that exist, of limits and of people has been weighed. */
function wantedIn(said: Said, masked: string, found: readonly Found[], spoken: readonly Found[], context: ReadContext): Wanted {
  const judged = errandsOf(said, masked, spoken, context);
  let all = judged.errands;
  if (changesOwn(said, found, context) || tradesHour(found, masked, context) || toBeOtherwise(masked, context))
    all = all.map((e) => (e.errand === "book" || e.errand === "ask-availability" ? OWN_CHANGED(e) : e));
  if (all.every((e) => e.errand === "book" || e.errand === "ask-availability") && sameDayOtherwise(found, context))
    all = [{ errand: "move", rule: "errand/move/same-day", at: 0, sure: 0.7 }];
  all = all.map((e) => (e.errand === "move" && changesThing(said, found, context.house) ? changedThing(e, found, said) : e));
  // "I need to talk to someone", at a counsellor's.
  if (all.some((e) => e.errand === "person") && wantsToTalk(said, context.house))
    all = all.map((e) => (e.errand === "person" ? { ...e, errand: "book", rule: "errand/book/to-talk" } : e));
  // "Do you fix windscreens", at a house that fixes things: whether it is offered.
  const [only] = all.length === 1 ? all : [];
  if (only?.errand === "out-of-scope" && isGuess(only) && worksSo(context.house, DO_YOU_DO.exec(masked)?.[1]))
    all = [{ ...only, errand: "ask-service", rule: "errand/ask-service/do-you-do" }];
  // "Could my friend come too", while places in a class are booked: one more, and no question.
  if (context.group && context.errand === "book" && found.some((f) => f.rule === ONE_MORE))
    all = all.filter((e) => !isGuess(e) || !(e.errand.startsWith("ask-") || e.errand === "book" || e.errand === "message"));
  const emergency = isEmergency(said, context) || all.some((e) => e.errand === "emergency");
  const weighed = COMPARES_PRICES.test(said.norm);
  const { limit, named } = limitIn(said, masked, found, all, judged.subject, weighed, context);
  const errands = all.filter((e) => e.errand !== "refused" || limit !== null);
  // A part that is refused has no errand here; it is still asked, and what is said of it is the conversation's to find.
  let clauses =
    errands.length < all.length && judged.clauses.length === all.length ? judged.clauses.filter((_, i) => all[i]?.errand !== "refused") : judged.clauses;
  if (weighed && errands.length === 0 && isQuestion(said)) errands.push({ errand: "ask-price", rule: "errand/ask-price/compared", at: 0, sure: 0.9 });
  if (limit === null && (ownVisit(said, found, context) || tellsOfVisit(said, found, context, errands))) {
    errands.splice(0, errands.length, { errand: "ask-mine", rule: "errand/ask-mine/own-visit", at: 0, sure: 0.5 });
    clauses = [];
  }
  if (asksForPerson(said, masked, found, errands, context))
    errands.splice(0, errands.length, { errand: "person", rule: "errand/person/by-name", at: 0, sure: 0.7 });
  return { errands, clauses, emergency, limit, guessed: limit !== null && named === null, alarm: judged.alarm === true };
}

/** Whether talking is what is wished for: "to someone about my marriage" where most of the services are talk, "to someone" at a counsellor's. */
function wantsToTalk(said: Said, house: House): boolean {
  if (OF_WHAT_STANDS.test(said.norm)) return false;
  const { services } = house.handbook;
  if (TALK_ABOUT.test(said.norm)) return services.filter((s) => [s.name, ...s.also, s.about].some((words) => IS_TALK.test(words))).length * 2 > services.length;
  return TALK_TO_SOMEBODY.test(said.norm) && services.some((s) => [s.name, ...s.also].some((name) => COUNSELS.test(name)));
}

/** Whether such work is done here, by what its services are called and said to be. */
function worksSo(house: House, work: string | undefined): boolean {
  if (work === undefined) return false;
  const { vocabulary } = lexiconOf(house);
  return (REPAIRS.includes(work) ? REPAIRS : [work]).some((w) => vocabulary.has(w));
}

/** The limit that a message touches: one whose words it says, else the one on the subject that was guessed. */
function limitIn(
  said: Said,
  masked: string,
  found: readonly Found[],
  errands: readonly ErrandRead[],
  subject: string | null,
  weighed: boolean,
  context: ReadContext,
): { limit: string | null; named: string | null } {
  // "Her number is 902 …" gives a number; no private one is asked for.
  const gives = found.some((f) => f.kind === "phone") && !isQuestion(said) && !ASKS_FOR_IT.test(masked);
  const touched = limitOf(said, context);
  const named = gives && context.house.limits.some((l) => l.id === touched && NUMBER.test(l.subject)) ? null : touched;
  // "Which is cheaper, the half hour or the hour": two things are compared, and nothing off is asked for.
  const [only] = errands.length === 1 ? errands : [];
  const compared = only?.errand === "ask-price" && ((only.sure >= 0.7 && OR_THAN.test(masked)) || (only.sure >= 0.9 && IS_THAT_CHEAPER.test(masked)));
  // "My wife has an appointment with you, she's ill": what stands is told, and nothing is asked about her.
  // "I'm a patient of yours" tells of nobody else.
  const told =
    subject === "others" &&
    !isQuestion(said) &&
    !ON_BEHALF.test(said.norm) &&
    (IS_A_CLIENT.test(said.norm) || (HAS_A_VISIT.test(said.norm) && !ASKS_OF_IT.test(said.norm)));
  // "The cheaper one", asked which: one of those there are.
  const chosen = CHOOSES.has(context.expects ?? "") && THE_CHEAPER.test(said.norm);
  // "Tell Amina I found somebody cheaper": what is to be passed on asks nothing of the house.
  const passed =
    named !== null && !said.norm.includes("?") && errands.some((e) => e.errand === "message") && limitOf(before(said, TELLS_THEM), context) === null;
  if (compared || weighed || chosen || passed || (told && named === null)) return { limit: null, named };
  return { limit: named ?? (subject && errands.some((e) => e.errand === "refused") ? limitOn(subject, context) : null), named };
}

const CHOOSES = new Set<string>(["service", "length", "slot", "staff"]);

/** What was said before a pattern; all of it where the pattern is not there. */
function before(said: Said, pattern: RegExp): Said {
  const at = said.norm.search(pattern);
  return at < 0 ? said : normalise(said.raw.slice(0, at));
}

/** "Mina, if she's about": who is not booked but named, and nothing besides, is asked for. */
function asksForPerson(said: Said, masked: string, found: readonly Found[], errands: readonly ErrandRead[], context: ReadContext): boolean {
  const [asked] = ofKind(whomTheySaw(said, found), "staff").flatMap((f) => (f.not || f.value === "any" || f.value.length !== 1 ? [] : f.value));
  return (
    // "Can I have Glenys please", "is Mina there, I'd like a word with her": who cannot be booked is asked for.
    errands.every((e) => (e.errand === "ask-staff" && (!isQuestion(said) || A_WORD_WITH.test(said.norm))) || (e.errand === "book" && isGuess(e))) &&
    freeToAsk(context) &&
    asked !== undefined &&
    context.house.staff.get(asked)?.bookable === false &&
    (FOR_A_WORD.test(masked) || A_WORD_WITH.test(said.norm))
  );
}

/** "I had a session with Grace and it was awful, can I see someone else": whom they saw is whom they do not wish for. */
const whomTheySaw = (said: Said, found: readonly Found[]): Found[] =>
  SOMEBODY_ELSE.test(said.norm)
    ? found.map((f) => (f.kind === "staff" && f.value !== "any" && !f.part && SAW.test(said.norm.slice(0, f.start)) ? { ...f, not: true } : f))
    : [...found];

/** "The patch test tomorrow and the colour on Saturday": the day of a thing that is not known besides is not that of the service that is. */
function withoutAnothers(said: Said, found: readonly Found[]): Found[] {
  const days = found.filter((f) => f.kind === "day" && !f.not && f.part === undefined).sort((a, b) => a.start - b.start);
  const [a, b, more] = days;
  if (!a || !b || more || !AND_ANOTHER_THING.test(said.norm.slice(a.end, b.start))) return [...found];
  const services = found.filter((f) => f.kind === "service");
  if (!services.some((f) => f.end <= a.start) || services.some((f) => f.start >= a.end)) return [...found];
  return found.filter((f) => f !== b && !(f.kind === "time" && f.start >= b.start));
}

/** What was found, once it is known what is wanted: what is no wish falls, days and hours are joined, and in a move each belongs to the old or the new. */
function settle(said: Said, at: Moment, all: readonly Found[], dropped: readonly Found[], { errands, clauses, emergency, limit }: Wanted): Found[] {
  const wants = (...which: ErrandRead["errand"][]): boolean => errands.some((e) => which.includes(e.errand));
  const moving = at.errand === "move" || wants("move");
  const cancelling = at.errand === "cancel" || wants("cancel");
  let found = whomTheySaw(said, all)
    .filter((f) => f.rule !== OF_THE_HOUSE)
    // "Ok, book me in" opens with a word of agreement and agrees to nothing.
    .filter((f) => !(f.kind === "yes" && f.value && errands.some((e) => e.errand !== "thanks-bye") && WEAK_YES.test(said.norm.slice(f.start, f.end).trim())))
    // What was said of the past is no wish.
    .filter((f) => !((f.kind === "day" || f.kind === "time") && sincePast(said, f)))
    .filter((f) => !(f.kind === "choice" && wants("book") && asksNothing(at)))
    // Where nothing is booked yet, the day somebody cannot come is ruled out: "a scan, please, I can't come on Monday".
    .map((f) => (!moving && !cancelling && f.kind === "day" && CANT_COME.test(said.norm.slice(Math.max(0, f.start - 40), f.start)) ? { ...f, not: true } : f));
  // "The hour instead of 45 minutes": what it stands instead of is no wish.
  if (ofKind(found, "length").length > 1) found = found.filter((f) => f.kind !== "length" || !LENGTH_REPLACED.test(said.norm.slice(0, f.start)));
  if (!moving && !cancelling) found = beforeHour(said, ofThatPart(said, withoutAnothers(said, found)));
  found = everyWeek(said, joinDays(said, whenBusy(said, aroundEvents(said, ofItsWeek(said, found, moving), moving || cancelling)), moving, at.today));
  if (!moving && !cancelling && (wants("book", "ask-availability", "ask-service") || errands.length === 0)) found = beforeEvents(said, found, at.today);
  found = passedHour(found, at, (f, day) => {
    const { fromMin, toMin } = readTime(at.house, f.value, day).wish;
    // A morning has passed when it is over; what begins at an hour, when that has come.
    return (f.value.kind === "from" ? fromMin : f.value.kind === "span" || f.value.kind === "part" ? toMin : (toMin ?? fromMin)) ?? null;
  });
  if (moving)
    found = withMissed(
      said,
      at,
      splitRanges(said, found),
      dropped,
      errands.some((e) => e.rule === CANNOT_BUT_RULE || e.rule === TOO_LATE_RULE),
    );
  // "We have a funeral on the 10th, I can't be there": of what is called off, the day that cannot be.
  else if (cancelling)
    found = found.map((f) =>
      f.kind === "day" &&
      f.not &&
      (CANNOT.test(said.norm.slice(Math.max(0, f.start - 30), f.end + 40)) || absentOn(said, f) || NOT_AFTER.test(said.norm.slice(f.end)))
        ? kept(f)
        : f,
    );
  if (moving || cancelling) {
    // Of several errands, only the one that touches an appointment has an old and a new.
    const deed = clauses[errands.findIndex((e) => e.errand === "move" || e.errand === "cancel")];
    const other = errands.length > 1 && deed && errands.some((e) => e.errand === "book" || e.errand.startsWith("ask-"));
    const inside = (f: Found): boolean => !other || (f.start >= deed.from && f.start < deed.to);
    const cannot = errands.some((e) => e.rule === CANNOT_BUT_RULE);
    // "Cancel tomorrow and give me the week after, on Wednesday": what is called off is the one there is, and the rest the wish.
    if (errands.some((e) => e.rule === CANCEL_AND_INSTEAD_RULE)) found = calledOffFirst(said, found);
    found = [...assignParts(said, found.filter(inside), at, moving ? "move" : "cancel", cannot), ...found.filter((f) => !inside(f))];
  }
  found = narrowed(said, found);
  // "Anything sooner than the 9th": earlier than what they have.
  const sooner = errands.some((e) => e.rule === SOONER_THAN_RULE) ? SOONER_OR_EARLIER.exec(said.norm) : null;
  if (sooner && !found.some((f) => f.kind === "shift" || f.part === "new"))
    found.push({ kind: "shift", value: "earlier", rule: "shift/earlier", start: sooner.index, end: sooner.index + sooner[0].length });
  if (moving) found = assignPeople(said, found);
  // "At four, not five", "any time but noon": what is named only to be ruled out.
  else if (!cancelling) found = found.filter((f) => f.rule !== "time/not-but");
  // What is no wish names no service by a word in passing.
  const wayThere = errands.length === 1 && wants("ask-place");
  const aside = wayThere || emergency || limit !== null || wants("out-of-scope", "thanks-bye");
  if (aside) found = found.filter((f) => !(f.kind === "service" && WEAK_SERVICE.test(f.rule)));
  if (errands.length === 1 && wants("out-of-scope")) found = found.filter((f) => !(f.kind === "day" && f.value.kind === "soonest"));
  return found.sort((a, b) => a.start - b.start);
}

/** "I won't manage the 12th, could you give me the 14th": the day that cannot be kept is that of the visit there is. */
function withMissed(said: Said, at: Moment, found: Found[], dropped: readonly Found[], cannot: boolean): Found[] {
  const missed = [...found, ...dropped].find(
    (f): f is FoundOf<"day"> =>
      f.kind === "day" &&
      f.not === true &&
      (CANNOT_DO.test(said.norm.slice(Math.max(0, f.start - 24), f.start)) ||
        (absentOn(said, f) && oneDay(f)) ||
        // "On Friday and not on Thursday": what it is not any more is when it was to be.
        (oneDay(f) && AND_NOT_THEN.test(said.norm.slice(0, f.start))) ||
        (oneDay(f) && found.some((o) => o.kind === "day" && !o.not && o.end <= f.start && AND_NOT.test(said.norm.slice(o.end, f.start)))) ||
        // "Tomorrow is off. Thursday at four?"
        // "The 9th is no good, could we do it a week later?"
        ((cannot || found.some((o) => o.kind === "shift")) && oneDay(f) && NOT_AFTER.test(said.norm.slice(f.end)))),
  );
  if (!missed || !freeToAsk(at) || found.some((f) => f.kind === "day" && f.part === "old")) return found;
  return [...found.filter((f) => f !== missed), { ...kept(missed), part: "old" as const }].sort((a, b) => a.start - b.start);
}

/** The days and hours up to the word that joins what is wished for to what is called off are old, those after it new. */
function calledOffFirst(said: Said, found: readonly Found[]): Found[] {
  const off = CALLED_OFF.exec(said.norm);
  const joins = off ? said.norm.slice(off.index).search(JOINS_A_WISH) : -1;
  if (!off || joins < 0) return [...found];
  const until = off.index + joins;
  return found
    .map((f) =>
      f.part || !(f.kind === "time" || (f.kind === "day" && !f.not))
        ? f
        : { ...f, part: f.start < until && f.start > off.index ? "old" : f.start > until ? "new" : undefined },
    )
    .map((f) => {
      const { part, ...rest } = f;
      return part ? f : rest;
    });
}

const oneDay = (f: FoundOf<"day">): boolean => f.value.kind === "days" && f.value.from === f.value.to;

/** A day that was ruled out, as one that is meant. */
function kept({ not: _, ...f }: FoundOf<"day">): FoundOf<"day"> {
  return f;
}

/** "Since Christmas", "assessed in January": how long something has been, not when to come. */
function sincePast(said: Said, f: Found): boolean {
  const before = said.norm.slice(Math.max(0, f.start - 60), f.start);
  if (MISSED_ON.test(before)) return true;
  if (SINCE.test(before.slice(-40))) return true;
  // "I had a jab this morning".
  if (PART_OF_TODAY.test(said.norm.slice(f.start, f.end).trim()) && WAS_TODAY.test(before)) return true;
  // "It's been sore all week, can somebody look at it on Friday".
  if (f.kind === "day" && f.rule === "day/this-week" && HAS_LASTED.test(before)) return true;
  return f.kind === "day" && ["day/month", "day/named"].includes(f.rule) && IN_THE_PAST.test(before);
}
