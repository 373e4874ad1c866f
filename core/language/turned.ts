import {
  ANEW,
  ASKS_FOR_ONE,
  ASKS_WHAT_IT_IS,
  ASKS_WHEN_OR_WHO,
  BOOKS_ME,
  BOOKS_ONE,
  CANNOT_ANY,
  CHANGES_MINE,
  NAMES_A_VISIT,
  ONE_FOR_ANOTHER,
  WHEN_OR_AFTER,
  WHEN_OR_NEXT,
} from "./packs/en/wanting.ts";
import { ASKS_WHAT_IS_FIRST, DOES_IT_MATTER_WHO } from "./packs/en/asked.ts";
import { isGivenName } from "./called.ts";
import { complains } from "./features.ts";
import type { Guess } from "./classifier.ts";
import type { Errand, ErrandRead } from "./errand.ts";
import { KIN } from "./packs/en/kin.ts";
import { NO_GOOD_BUT } from "./packs/en/around.ts";
import { BEGINS_ASKING, ONE_DAY_NOT_ANOTHER, THE_SERVICE } from "./packs/en/reading.ts";
import * as signs from "./packs/en/signs.ts";
import { BARELY_WHAT, DEPENDS_ON_PRICE, SPEAKS_OF_MONEY } from "./packs/en/talk.ts";
import { eachMatch, mayMatch } from "./patterns.ts";
import * as turns from "./packs/en/turns.ts";

/** Whether a visit is named that is not said to be theirs: "a massage, but Thursday is no good". */
const namesNew = (before: string): boolean => NAMES_A_VISIT.test(before.replace(signs.CALLED_OURS, " "));

/** "I have a massage on Friday that I can't make, is there anything on Saturday". */
const cannotAndElse = (masked: string): boolean => {
  const m = signs.HAS_AND_CANNOT.exec(masked);
  return m !== null && signs.AND_WHEN_ELSE.test(masked.slice(m.index + m[0].length));
};

/** Below this, what the sentences say may be something else that is signed plainly. */
export const WAVERS = 0.7;
/** As sure as this, a message as a whole weighs more than a part of it that seems to say something else besides. */
export const SURE = 0.85;

/** The rule by which what somebody has, and cannot keep, is to be cancelled. */
export const HAS_AND_CANNOT = "errand/cancel/has-and-cannot";
/** The rule by which one visit is called off, and another day is wished for it. */
export const CANCEL_AND_INSTEAD_RULE = "errand/move/cancel-and-instead";
/** The rule by which what cannot be kept is to be at another time. */
export const CANNOT_BUT_RULE = "errand/move/cannot-but";
/** The rule by which what they have is to be sooner than a day. */
export const SOONER_THAN_RULE = "errand/move/sooner-than";

/** The rule by which when theirs is does not suit. */
export const TOO_LATE_RULE = "errand/move/too-late";

/** The rule by which what they have is asked about, since they are not able to come. */
export const HAVE_AND_CANNOT_RULE = "errand/ask-mine/have-and-cannot";

/** A masked text, what the sentences hold it for, and the plain signs that stand in it. */
export interface Guessed {
  masked: string;
  /** The same with who it is not yet left out. */
  said: string;
  top: Guess;
  list: readonly Guess[];
  cued: readonly ErrandRead[];
  /** The sign of what the sentences hold it for, if there is one. */
  sign: ErrandRead | undefined;
  /** Whether nothing is being worked on. */
  open: boolean;
  /** Whether something of the house is named plainly. */
  named: boolean;
}

export interface Single {
  read: ErrandRead | null;
  subject: string | null;
}

/** A sign by which something else is meant than the sentences hold likeliest. */
interface Turn {
  /** The rule that stands in the reasons, after the errand; or the sign whose own errand it is. */
  is?: `${Errand}/${string}`;
  cue?: string;
  /** What the sentences may hold it for, for the sign to count. */
  from?: readonly Errand[];
  /** What they may not. */
  notFrom?: readonly Errand[];
  /** Only where nothing is being worked on. */
  open?: true;
  when?: (g: Guessed) => boolean;
  /** As sure as this at least. */
  least?: number;
  /** How sure it is, where that is not how sure the sentences are of something else. */
  sure?: (g: Guessed) => number;
  /** Who or what a refusal is about. */
  subject?: string;
}

const holds = (pattern: RegExp, text: string): boolean => mayMatch(pattern, text) && pattern.test(text);
const has = (pattern: RegExp) => (g: Guessed) => holds(pattern, g.masked);
const cueOf = (g: Guessed, rule: string): ErrandRead | undefined => g.cued.find((c) => c.rule === `errand/${rule}`);
const cuedFor = (g: Guessed, errand: Errand): boolean => g.cued.some((c) => c.errand === errand);
/** Whether something is asked or ordered, and not only told. */
export const asks = (masked: string): boolean =>
  masked.includes("?") || BEGINS_ASKING.test(masked) || signs.ASKS_OR_ORDERS.test(masked) || turns.ASKS_WHAT_OR_WHY.test(masked);
const asksFor = (errand: Errand): boolean => errand.startsWith("ask-");

const WORLD = new Set(KIN.find((row) => row.startsWith("world:"))?.split(/[: ]+/) ?? []);
/** Whether a message speaks of the wide world: tickets, taxis, homework. */
const worldly = (masked: string): boolean => (masked.match(/[a-z]+/g) ?? []).some((w) => WORLD.has(w));

/** Whether something new was wished for before it was said what cannot be: "a massage please, I can't come on Monday". */
function wishesBefore(masked: string): boolean {
  const before = masked.slice(0, masked.search(CANNOT_ANY));
  return NAMES_A_VISIT.test(before) && ASKS_FOR_ONE.test(before);
}

/** "Is Luc's massage an hour": of somebody's, who is named, and not of the house's. */
const ofSomebodys = (said: string): boolean => OF_SOMEBODYS.some((pattern) => [...eachMatch(pattern, said)].some((m) => isGivenName(m[1] as string)));
const OF_SOMEBODYS = [turns.SOMEBODYS_VISIT, turns.WHETHER_THEY];

/** In the order in which they are tried: the first that holds decides. */
const TURNS: readonly Turn[] = [
  // Who says that they are somebody else, or names somebody whose visits they ask for, asks about another client.
  {
    is: "refused/of-others",
    subject: "others",
    least: 0.7,
    when: ({ masked, said, top: { errand } }) =>
      turns.WHAT_AILS_THEM.test(said) ||
      ((asksFor(errand) || ["none", "out-of-scope", "refused"].includes(errand)) && signs.OF_OTHERS.test(said)) ||
      (signs.PRETEXT.test(masked) && (["ask-mine", "move", "cancel"].includes(errand) || signs.ASKS_WHEN.test(masked) || signs.WHAT_THEY_GET.test(masked))),
  },
  {
    is: "refused/of-others",
    subject: "others",
    least: 0.7,
    when: (g) => ofSomebodys(g.said) || signs.WHOSE_NAME.test(g.masked) || signs.FOR_THEIR_TIMES.test(g.masked) || signs.BEHALF_AND_HAS.test(g.masked),
  },
  { is: "refused/of-their-life", subject: "private", least: 0.7, when: has(signs.OF_THEIR_LIFE) },
  {
    is: "cancel/not-to-be-kept",
    open: true,
    from: ["none", "message", "thanks-bye", "book", "ask-mine", "ask-availability", "out-of-scope", "move"],
    least: 0.9,
    when: (g) => turns.NOT_TO_BE_KEPT.test(g.masked) && !/\bif\b/.test(g.masked),
  },
  {
    is: "move/may-it-be-then",
    open: true,
    from: ["move", "book", "ask-availability", "none", "ask-service", "ask-hours"],
    least: 0.8,
    when: has(turns.MAY_IT_BE_THEN),
  },
  {
    is: "move/theirs-will-not-do",
    open: true,
    from: ["move", "none", "book", "cancel", "ask-availability", "message"],
    least: 0.7,
    when: has(turns.THEIRS_WILL_NOT_DO),
  },
  // "What's a taping?" may ask what it costs as well, which is told with what it is.
  { is: "ask-price/barely-what", from: ["ask-service", "ask-price"], least: 0.6, when: (g) => g.top.sure < WAVERS && BARELY_WHAT.test(g.masked) },
  // "I've inherited some brooches, who could I see on Tuesday": a wish.
  { is: "book/who-could-i-see", open: true, from: ["ask-staff"], least: 0.8, when: has(turns.WHO_COULD_I_SEE_THEN) },
  { is: "book/brings-it-in", open: true, from: ["ask-policy", "ask-service", "none", "ask-availability"], least: 0.8, when: has(turns.BRINGS_IT_IN) },
  { is: "ask-service/who-is-it-for", from: ["ask-staff", "none"], least: 0.8, when: has(turns.WHO_IS_IT_FOR) },
  { is: "ask-place/free-parking", from: ["ask-price", "ask-policy"], least: 0.8, when: has(turns.FREE_PARKING) },
  { is: "ask-service/how-long-they-need", from: ["ask-availability", "ask-staff", "none"], least: 0.8, when: has(turns.HOW_LONG_THEY_NEED) },
  { is: "message/does-not-hold", open: true, from: ["ask-service", "none", "ask-policy"], least: 0.7, when: has(turns.DOES_NOT_HOLD) },
  // "Tuesday, when my boyfriend's at work": a day, and no question of theirs.
  {
    is: "book/when-they-are",
    from: ["book", "ask-mine", "ask-availability", "none"],
    least: 0.6,
    when: (g) => turns.whenSomebodyIsOut(g.masked) && /<(?:day|time)>/.test(g.masked),
  },
  // Somebody who does not wake or answer is in danger, where the sentences hold that likelier than anything else.
  { is: "emergency/unresponsive", from: ["emergency"], least: 0, when: (g) => g.top.sure >= 0.5 && signs.UNRESPONSIVE.test(g.masked) },
  // "Up to when may I call a lesson off": of the house's rules.
  {
    is: "ask-policy/until-when",
    from: ["ask-service", "ask-hours", "ask-policy", "ask-availability", "cancel", "move", "none", "ask-mine"],
    when: has(turns.UNTIL_WHEN),
  },
  {
    is: "out-of-scope/a-table",
    open: true,
    from: ["book", "ask-availability"],
    least: 0.7,
    when: (g) => holds(turns.TABLE_FOR, g.masked) && !/<service>/.test(g.masked),
  },
  { is: "ask-policy/if-i-book", from: ["book", "move", "cancel", "none", "ask-service", "ask-availability"], least: 0.8, when: has(turns.IF_I_BOOK) },
  {
    is: "book/names-when",
    open: true,
    from: ["move", "cancel"],
    least: 0.6,
    when: (g) => !g.sign && (holds(turns.COULD_WE_SAY, g.masked) || holds(turns.SOMETHING_WRONG_COME, g.masked) || holds(turns.OF_TWO_DAYS, g.masked)),
  },
  { is: "ask-mine/have-anything", open: true, from: ["book", "ask-mine", "ask-availability", "none"], least: 0.8, when: has(turns.HAVE_ANYTHING) },
  { is: "move/can-it-be", open: true, from: ["move", "ask-service", "book", "ask-availability", "ask-mine", "none"], least: 0.8, when: has(turns.CAN_IT_BE) },
  {
    is: "book/knows-not-what",
    open: true,
    from: ["message"],
    least: 0.6,
    when: (g) => holds(turns.KNOWS_NOT_WHAT, g.masked) && !signs.HANDS_ON.test(g.masked),
  },
  { is: "book/so-many-do-it", open: true, from: ["ask-policy", "ask-service"], least: 0.8, when: has(turns.SO_MANY_DO_IT) },
  { is: "ask-price/depends-on-it", from: ["refused", "ask-policy", "none", "ask-service", "book", "ask-price"], least: 0.8, when: has(DEPENDS_ON_PRICE) },
  { is: "none/something-for", from: ["ask-service", "ask-policy", "none"], least: 0.7, when: (g) => !g.open && holds(turns.SOMETHING_FOR, g.masked) },
  { is: "move/with-but-rather", open: true, from: ["book", "move", "ask-mine", "ask-staff", "none"], least: 0.8, when: has(turns.WITH_BUT_RATHER) },
  {
    is: "ask-mine/which-first",
    open: true,
    from: ["ask-service", "ask-mine", "none", "book", "ask-staff", "ask-policy"],
    least: 0.8,
    when: has(turns.WHICH_OF_MINE),
  },
  { is: "ask-availability/any-slots", open: true, from: ["book", "ask-availability"], least: 0.8, when: has(turns.ANY_SLOTS) },
  { is: "ask-staff/what-are-they-like", from: ["none", "ask-staff", "ask-service"], least: 0.8, when: has(turns.WHAT_ARE_THEY_LIKE) },
  { is: "ask-place/how-to-find", from: ["out-of-scope", "none", "ask-policy", "ask-service", "ask-place"], least: 0.8, when: has(turns.HOW_TO_FIND) },
  {
    is: "cancel/may-forget",
    from: ["cancel", "none", "book", "ask-mine", "move", "thanks-bye", "ask-hours", "message", "ask-service"],
    open: true,
    least: 0.8,
    when: (g) => holds(turns.MAY_FORGET, g.masked) && !/\?/.test(g.masked),
  },
  {
    is: "message/still-at-yours",
    open: true,
    from: ["none", "message", "ask-service", "ask-policy", "ask-place", "book"],
    least: 0.7,
    when: has(turns.STILL_AT_YOURS),
  },
  // "I missed my jab yesterday, can I get in this week": that visit has passed, and another is wished for.
  {
    is: "book/missed-theirs",
    open: true,
    from: ["move", "book", "none", "ask-policy", "ask-mine", "cancel", "ask-availability", "ask-hours", "ask-service"],
    least: 0.8,
    when: (g) =>
      holds(turns.MISSED_THEIRS, g.masked) && turns.WISHES_ANOTHER.test(g.masked) && !turns.OWED_FOR_IT.test(g.masked) && !/^(?:have|did) /.test(g.masked),
  },
  // "My class was cancelled, can I come another day": nothing is to be called off.
  {
    is: "book/was-cancelled",
    from: ["cancel", "move", "book", "none", "ask-availability"],
    when: (g) => turns.WAS_CANCELLED.test(g.masked) && turns.OTHER_DAY.test(g.masked),
  },
  { is: "ask-mine/was-cancelled", notFrom: ["refused", "emergency"], when: has(turns.WAS_CANCELLED) },
  {
    is: "ask-mine/was-moved",
    from: ["move", "cancel", "ask-mine"],
    when: (g) => turns.WAS_MOVED.test(g.masked) && !/<day>|<time>/.test(g.masked.replace(turns.WAS_MOVED, "")),
  },
  {
    is: "move/late-so",
    open: true,
    from: ["ask-policy", "book", "move", "ask-availability", "none", "ask-mine", "message"],
    least: 0.7,
    when: (g) => turns.LATE_SO.test(g.masked) && !signs.EXCHANGE.test(g.masked),
  },
  {
    is: "move/length",
    open: true,
    from: ["book", "none", "ask-availability", "ask-service", "ask-price", "move"],
    least: 0.7,
    when: has(turns.ANOTHER_LENGTH),
  },
  {
    is: "move/squeeze-in-sooner",
    from: ["book", "ask-availability", "none", "move"],
    least: 0.7,
    when: (g) => turns.SQUEEZE_IN_SOONER.test(g.masked) && !g.masked.includes("<service>"),
  },
  {
    is: "cancel/one-not-needed",
    open: true,
    from: ["book", "none", "message", "ask-mine", "move", "cancel", "ask-service"],
    least: 0.8,
    when: has(turns.ONE_NOT_NEEDED),
  },
  {
    is: "move/cannot-make-theirs",
    open: true,
    from: ["book", "cancel", "move", "ask-availability", "ask-hours", "message", "none", "ask-service"],
    least: 0.7,
    when: (g) => turns.CANNOT_MAKE_THEIRS.test(g.masked),
  },
  { is: "move/make-it-not", open: true, from: ["book", "none", "ask-availability", "move"], least: 0.7, when: has(turns.MAKE_IT_NOT) },
  {
    is: "move/sooner-than",
    open: true,
    from: ["ask-mine", "book", "none", "ask-availability", "move"],
    least: 0.7,
    when: (g) => turns.BOOKED_AND_SOONER.test(g.masked) && !g.masked.includes("<service>"),
  },
  { is: "move/new-time-for", open: true, from: ["book", "ask-availability", "none", "move"], least: 0.7, when: has(turns.NEW_TIME_FOR) },
  { is: "move/bring-me-forward", open: true, notFrom: ["refused", "emergency", "cancel"], least: 0.7, when: has(turns.BRING_ME_FORWARD) },
  {
    is: "ask-mine/have-me-down",
    open: true,
    from: ["book", "none", "ask-availability", "ask-staff", "ask-service", "ask-mine"],
    when: has(turns.HAVE_ME_DOWN),
  },
  {
    is: "ask-mine/is-that-right",
    open: true,
    from: ["book", "none", "ask-availability", "ask-staff", "ask-hours", "ask-mine", "move", "cancel", "message", "ask-policy"],
    when: (g) => turns.PLAN_IS_RIGHT.test(g.masked) || turns.BOOKED_IS_RIGHT.test(g.masked),
  },
  { is: "cancel/take-out", open: true, from: ["move", "book", "none", "cancel"], least: 0.7, when: has(turns.TAKE_OUT_THE_DAY) },
  { is: "ask-mine/think-i-have", open: true, from: ["book", "none", "ask-availability", "ask-hours", "ask-staff", "ask-mine"], when: has(turns.THINK_I_HAVE) },
  { is: "ask-mine/was-it-then", open: true, from: ["book", "none", "ask-availability", "ask-hours", "ask-mine", "move"], when: has(turns.WAS_IT_THEN) },
  {
    is: "ask-service/what-is-first",
    notFrom: ["cancel", "move", "emergency"],
    least: 0.8,
    when: (g) => asks(g.masked) && ASKS_WHAT_IS_FIRST.test(g.masked),
  },
  {
    is: "ask-staff/matters-who",
    from: ["book", "none", "ask-availability", "ask-service", "ask-policy", "ask-staff", "thanks-bye", "out-of-scope"],
    least: 0.9,
    when: has(DOES_IT_MATTER_WHO),
  },
  {
    is: "book/with-somebody",
    open: true,
    from: ["person"],
    least: 0.7,
    when: has(signs.BOOKS_WITH_SOMEBODY),
  },
  {
    is: "book/unsure-what",
    open: true,
    from: ["message", "none", "out-of-scope", "thanks-bye", "ask-service"],
    least: 0.7,
    when: (g) => turns.UNSURE_WHAT.test(g.masked) && !g.masked.includes("?"),
  },
  { is: "book/before-then", open: true, from: ["message", "none", "out-of-scope"], least: 0.8, when: has(turns.GETS_BEFORE_THEN) },
  // "I can't remember if I cancelled or not": what theirs is.
  {
    is: "ask-mine/forgot-whether",
    open: true,
    from: ["cancel", "move", "book", "none", "message", "ask-policy", "ask-mine", "out-of-scope"],
    least: 0.8,
    when: has(turns.FORGOT_WHETHER),
  },
  {
    is: "ask-service/is-it-worth",
    from: ["ask-availability", "book", "none", "ask-policy", "ask-service", "out-of-scope"],
    least: 0.8,
    when: (g) => turns.IS_IT_WORTH.test(g.masked) || turns.STILL_FOR_ME.test(g.masked),
  },
  // "The sitter doesn't come till two, what do you have on Friday?"
  {
    is: "ask-availability/what-have-you-then",
    open: true,
    from: ["move", "cancel"],
    least: 0.8,
    when: (g) => turns.WHAT_HAVE_YOU_THEN.test(g.masked) && !g.sign && !turns.OTHER_THAN_THAT.test(g.masked),
  },
  {
    is: "ask-availability/is-there-one-then",
    from: ["ask-service", "ask-hours", "none", "ask-policy"],
    least: 0.8,
    when: has(turns.IS_THERE_ONE_THEN),
  },
  {
    is: "cancel/will-book-again",
    from: ["move", "book", "cancel"],
    least: 0.9,
    when: (g) =>
      (cuedFor(g, "cancel") || signs.CALLS_OFF.test(g.masked) || signs.CANNOT.test(g.masked)) &&
      turns.WILL_BOOK_AGAIN.test(g.masked) &&
      !g.masked.includes("?"),
  },
  // "Joy Pendle, 0117 …, the 12th won't work for me": which it is, and then what is to become of it.
  {
    is: "ask-mine/have-and-cannot",
    open: true,
    from: ["none", "move", "cancel", "book", "ask-availability", "thanks-bye"],
    least: 0.8,
    when: (g) => /<(?:phone|email)>/.test(g.said) && turns.DAY_WILL_NOT_DO.test(g.said),
  },
  {
    is: "ask-service/change-into",
    from: ["move", "cancel", "ask-service"],
    least: 0.8,
    when: (g) => turns.CHANGES_INTO.test(g.masked) && !/<(?:day|time)>/.test(g.masked),
  },
  // "I won't be able to make it on Friday at ten", with nothing wished in its place.
  {
    is: "cancel/will-not-make-it",
    open: true,
    from: ["move"],
    when: (g) => g.sign?.errand !== "move" && turns.WILL_NOT_MAKE_IT.test(g.masked) && !asks(g.masked),
  },
  {
    is: "ask-service/has-and-wonders",
    open: true,
    from: ["book", "none", "ask-availability", "ask-mine", "ask-policy", "ask-service", "message", "move"],
    least: 0.7,
    when: has(turns.HAS_AND_WONDERS),
  },
  {
    is: "ask-mine/has-forgotten",
    open: true,
    from: ["book", "none", "ask-availability", "ask-hours", "ask-mine", "ask-policy", "message", "move"],
    least: 0.7,
    when: (g) => turns.HAS_AND_FORGOT.test(g.masked) && !cuedFor(g, "cancel"),
  },
  {
    is: "ask-policy/without-booking",
    open: true,
    from: ["book", "none", "ask-availability", "ask-service", "ask-policy", "ask-hours"],
    least: 0.8,
    when: (g) => asks(g.masked) && turns.WITHOUT_BOOKING.test(g.masked) && !/<(?:service|day|time)>/.test(g.masked),
  },
  {
    is: "ask-price/was-told",
    open: true,
    from: ["book", "none", "message", "ask-availability", "ask-service", "ask-mine", "out-of-scope", "ask-price"],
    least: 0.7,
    when: has(turns.TOLD_A_PRICE),
  },
  {
    is: "message/left-behind",
    open: true,
    from: ["book", "none", "ask-service", "ask-mine", "out-of-scope", "cancel", "message"],
    least: 0.8,
    when: (g) => turns.LEFT_BEHIND.test(g.masked) || turns.LEFT_AFTER_A_VISIT.test(g.masked),
  },
  {
    is: "refused/how-many-to-take",
    subject: "advice",
    least: 0.8,
    from: ["ask-service", "ask-policy", "ask-price", "none", "book", "out-of-scope", "refused"],
    when: has(turns.HOW_MANY_TO_TAKE),
  },
  {
    is: "ask-price/in-money",
    least: 0.9,
    from: ["ask-service", "ask-policy", "none", "book", "out-of-scope", "ask-price"],
    when: has(turns.HOW_MANY_OF_MONEY),
  },
  {
    is: "move/one-day-not-another",
    open: true,
    from: ["book", "none", "ask-availability", "move"],
    least: 0.7,
    when: (g) => ONE_DAY_NOT_ANOTHER.test(g.masked) && (THE_SERVICE.test(g.masked) || /<(?:phone|email)>/.test(g.said)),
  },
  {
    is: "book/wants-one",
    open: true,
    from: ["move", "cancel", "ask-mine", "none", "ask-service", "book"],
    when: (g) => turns.WANTS_ONE.test(g.masked) && !/\b(?:instead|cancel\w*|move|change|switch|swap)\b/.test(g.masked),
  },
  {
    is: "out-of-scope/weather",
    open: true,
    from: ["book", "none", "ask-hours", "ask-availability", "ask-service", "out-of-scope", "move"],
    when: (g) => !g.named && turns.THE_WEATHER.test(g.masked),
  },
  { is: "book/can-i-get-some", open: true, from: ["ask-service", "ask-policy", "none", "ask-availability", "book"], when: has(turns.CAN_I_GET_SOME) },
  {
    is: "book/ails-whenever",
    open: true,
    from: ["cancel", "message"],
    when: (g) =>
      !g.sign &&
      !asks(g.masked) &&
      turns.AILS_WHENEVER.test(g.masked) &&
      !/<(?:day|time|staff)>|\b(?:appointment|visit|booking|lesson|session)\b/.test(g.masked),
  },
  { is: "book/comes-along", open: true, from: ["ask-service", "ask-policy", "none", "ask-availability", "book"], when: has(turns.COMES_ALONG_THEN) },
  {
    is: "ask-place/street",
    from: ["out-of-scope", "message", "ask-mine", "none", "ask-service", "ask-policy", "ask-place", "book"],
    when: has(turns.NAME_OF_THE_STREET),
  },
  { is: "ask-place/to-park", open: true, from: ["ask-policy", "none", "ask-service", "ask-place", "book", "ask-availability"], when: has(turns.PLACE_TO_PARK) },
  { is: "ask-policy/do-you-take", open: true, from: ["ask-service", "none", "out-of-scope", "ask-policy"], when: has(turns.DO_YOU_TAKE) },
  { is: "ask-policy/whether-a-fee", from: ["ask-price", "ask-service", "none"], when: has(turns.WHETHER_A_FEE) },
  { is: "ask-policy/may-bring-them", open: true, from: ["book", "none", "ask-service", "ask-policy"], when: has(turns.MAY_BRING_THEM) },
  { is: "ask-service/whether-i-should", from: ["ask-mine", "none"], when: (g) => g.masked.includes("<service>") && turns.WHETHER_I_SHOULD.test(g.masked) },
  {
    is: "person/speak-with-them",
    open: true,
    from: ["ask-staff", "none", "message", "ask-mine", "book", "ask-availability", "person"],
    least: 0.7,
    when: has(turns.SPEAKS_WITH_THEM),
  },
  {
    is: "book/could-you-then",
    open: true,
    from: ["book", "none", "ask-service", "ask-availability", "ask-policy"],
    least: 0.7,
    when: has(turns.COULD_YOU_THEN),
  },
  {
    is: "ask-service/whether-brought",
    notFrom: ["refused", "emergency", "ask-service", "ask-policy"],
    least: 0.7,
    when: has(turns.IS_IT_TO_BE_BROUGHT),
  },
  { is: "ask-service/what-is-brought", notFrom: ["refused", "emergency"], least: 0.9, when: has(turns.WHAT_MUST_BE_BROUGHT) },
  { is: "ask-service/whether-still", from: ["book", "ask-availability", "none", "move"], least: 0.7, when: has(turns.WHETHER_STILL) },
  { is: "book/could-do-with", open: true, from: ["move", "none", "ask-service", "cancel", "book"], least: 0.7, when: has(turns.COULD_DO_WITH) },
  { is: "ask-service/what-to-bring", from: ["ask-policy", "ask-service"], when: (g) => g.top.sure < 0.75 && turns.WHETHER_TO_BRING.test(g.masked) },
  {
    is: "ask-policy/fee-for-a-change",
    from: ["move", "cancel", "ask-price", "ask-policy", "none", "book", "ask-service"],
    least: 0.8,
    when: has(turns.FEE_FOR_A_CHANGE),
  },
  {
    is: "message/billed-wrongly",
    open: true,
    from: ["ask-policy", "none", "ask-price", "book", "ask-mine", "message", "refused", "cancel", "move"],
    least: 0.7,
    when: has(turns.BILLED_WRONGLY),
  },
  { is: "book/could-somebody", open: true, from: ["ask-service", "ask-staff", "none", "ask-policy", "book"], least: 0.7, when: has(turns.COULD_SOMEBODY) },
  { is: "cancel/undo", open: true, from: ["move", "none", "book", "ask-mine", "message", "cancel"], least: 0.8, when: has(turns.UNDO_MINE) },
  {
    is: "cancel/take-off",
    open: true,
    from: ["book", "none", "ask-mine", "move", "message", "ask-service", "cancel", "thanks-bye"],
    least: 0.8,
    when: has(turns.TAKE_IT_OFF),
  },
  {
    is: "ask-availability/any-hope",
    open: true,
    from: ["book", "none", "ask-service", "ask-availability"],
    when: (g) => turns.ANY_HOPE.test(g.masked) && /<(?:day|time|service)>/.test(g.masked),
  },
  { is: "ask-mine/anything-on", open: true, from: ["book", "none", "ask-availability", "ask-hours", "ask-service", "ask-mine"], when: has(turns.ANYTHING_ON) },
  {
    is: "ask-price/costs-dearly",
    from: ["ask-price", "ask-service", "none", "cancel", "book", "ask-policy", "out-of-scope", "move"],
    least: 0.6,
    when: (g) => turns.COSTS_DEARLY.test(g.masked) && g.masked.includes("<service>") && !g.sign,
  },
  {
    is: "ask-policy/must-they-come",
    open: true,
    from: ["refused", "ask-service", "none", "book", "ask-policy", "ask-mine"],
    least: 0.7,
    when: has(turns.MUST_THEY_COME),
  },
  {
    is: "move/what-else-but",
    open: true,
    from: ["cancel", "book", "none", "ask-availability", "ask-service", "move"],
    least: 0.8,
    when: has(turns.WHAT_ELSE_BUT),
  },
  { is: "book/whichever-costs-less", open: true, from: ["ask-price", "none", "ask-service", "book"], when: has(turns.WHICHEVER_COSTS_LESS) },
  { is: "book/on-days", open: true, from: ["move", "cancel", "none"], when: (g) => !g.sign && turns.SERVICE_ON_DAYS.test(g.masked) },
  {
    is: "book/needs-to",
    open: true,
    from: ["cancel"],
    when: (g) => g.sign?.rule !== "errand/cancel/cancel" && turns.NEEDS_TO.test(g.masked) && !turns.NEEDS_A_VISIT.test(g.masked),
  },
  { is: "move/let-it-be", open: true, from: ["book", "none", "ask-availability", "move"], least: 0.7, when: has(turns.LET_IT_BE) },
  { is: "person/put-through", notFrom: ["refused", "emergency"], least: 0.7, when: has(turns.PUT_THROUGH) },
  {
    is: "ask-mine/was-mine-for",
    open: true,
    from: ["none", "book", "ask-availability", "ask-mine", "ask-service", "ask-hours", "ask-policy", "message"],
    when: has(turns.WAS_MINE_FOR),
  },
  // "Could I do the fitting right after", once something was booked.
  {
    is: "book/right-after",
    open: true,
    from: ["ask-service", "ask-policy", "none", "ask-staff", "ask-mine", "ask-availability"],
    when: has(turns.RIGHT_AFTER_IT),
  },
  // "Can my brother come at the same time": another like it, where one was booked.
  { is: "book/comes-then", open: true, from: ["ask-policy", "none", "ask-service", "ask-availability"], when: has(turns.COMES_THEN_TOO) },
  { is: "book/one-more-beside", open: true, from: ["move", "ask-mine", "ask-availability"], when: has(turns.ONE_MORE_BESIDE) },
  {
    is: "move/booked-but-rather",
    open: true,
    from: ["book", "ask-availability", "ask-mine", "none", "ask-staff", "move"],
    least: 0.7,
    when: has(turns.BOOKED_BUT_RATHER),
  },
  { is: "ask-mine/told-booked", open: true, from: ["book", "ask-availability"], when: has(turns.TOLD_BOOKED) },
  { is: "ask-policy/if-off", notFrom: ["refused", "emergency"], when: has(turns.IF_OFF) },
  // "Forget Monday, I'd rather come on Wednesday".
  {
    is: "move/forget-and-come",
    open: true,
    from: ["book", "none", "ask-availability", "ask-mine", "message", "cancel", "move"],
    least: 0.7,
    when: (g) => (turns.FORGET_IT.test(g.masked) || turns.OFF_THE_DAY.test(g.masked)) && turns.RATHER_THEN.test(g.masked),
  },
  {
    is: "move/have-then-ask",
    open: true,
    from: ["book", "none", "ask-availability", "ask-mine", "move", "ask-hours", "ask-staff"],
    least: 0.7,
    when: (g) => turns.HAVE_THEN_ASK.test(g.masked) && !cuedFor(g, "cancel"),
  },
  {
    is: "move/too-late",
    open: true,
    from: ["book", "none", "ask-availability", "ask-mine", "move", "message", "ask-hours", "cancel"],
    least: 0.7,
    when: (g) => turns.IS_TOO_LATE.test(g.masked) && !g.masked.includes("?"),
  },
  {
    is: "move/has-to-wait",
    open: true,
    from: ["book", "none", "ask-availability", "ask-mine", "move", "message", "cancel", "ask-service", "ask-policy"],
    least: 0.7,
    when: has(turns.HAS_TO_WAIT),
  },
  {
    is: "move/as-agreed",
    open: true,
    from: ["book", "none", "ask-availability", "ask-mine", "move", "ask-hours"],
    least: 0.7,
    when: (g) => turns.AS_AGREED.test(g.masked) && !cuedFor(g, "cancel") && !cuedFor(g, "ask-policy"),
  },
  // What came of a visit is for those who did it to hear.
  {
    is: "message/ails-since-a-visit",
    open: true,
    from: ["book", "none", "ask-service", "ask-staff", "ask-mine", "refused", "message", "ask-policy"],
    least: 0.7,
    when: has(turns.AILS_SINCE_A_VISIT),
  },
  // "My doctor says I need something for my shoulder, what's your availability".
  { cue: "ask-availability/room", open: true, from: ["out-of-scope"], least: 0.6, when: (g) => turns.OF_OUR_ROOM.test(g.masked) && !worldly(g.masked) },
  // "I got served eviction papers, court is next week": nothing of a visit is asked, and something is needed.
  {
    is: "book/tells-of-need",
    least: 0.4,
    open: true,
    from: ["ask-mine"],
    when: (g) =>
      g.top.sure < 0.6 &&
      !cuedFor(g, "ask-mine") &&
      g.masked.includes("<service>") &&
      !turns.OF_A_VISIT_THEIRS.test(g.masked) &&
      !turns.WHO_DOES_OURS.test(g.masked) &&
      !turns.BEGINS_TO_ASK.test(g.masked) &&
      !turns.WHAT_NOW.test(g.masked),
  },
  // "Nataka lesson kesho": what is named in words that are not known, and nothing of money.
  {
    is: "book/names-it",
    least: 0.4,
    open: true,
    from: ["ask-price"],
    when: (g) =>
      g.top.sure < 0.6 &&
      !cuedFor(g, "ask-price") &&
      !g.masked.includes("?") &&
      !turns.ASKS_SOMETHING.test(g.masked) &&
      g.masked.includes("<service>") &&
      !SPEAKS_OF_MONEY.test(g.said),
  },
  {
    is: "ask-service/how-long",
    notFrom: ["refused", "emergency"],
    when: has(turns.ONLY_HOW_LONG),
  },
  // "I've got the ride on Sunday, but my ankle is in plaster. Can't ride for two weeks. What do I do about it?"
  {
    is: "ask-mine/have-and-cannot",
    open: true,
    notFrom: ["emergency"],
    least: 0.92,
    when: (g) => turns.HAVE_CANNOT.test(g.masked) && g.masked.includes("?") && !cuedFor(g, "move") && !cuedFor(g, "cancel"),
  },
  // "Could I get my colour done by Dulcie instead", "is it Morag I've got on Wednesday? I'd rather have Eilidh".
  {
    is: "move/with-them-instead",
    open: true,
    notFrom: ["refused", "emergency"],
    least: 0.92,
    when: (g) => turns.MINE_WITH_THEM.test(g.masked) || turns.HAVE_BUT_RATHER_THEM.test(g.masked),
  },
  { is: "ask-service/what-it-involves", notFrom: ["refused", "emergency"], when: has(turns.WHAT_IT_INVOLVES) },
  // "Could I have it by Friday": when it is ready, and nothing that is to be moved.
  { is: "ask-policy/ready-by", open: true, from: ["move"], when: (g) => g.top.sure < SURE && !g.sign && turns.READY_BY.test(g.masked) },
  // "She's seventy and can't get out", while a visit is booked: it tells how she is, and calls nothing off.
  {
    is: "book/cannot-get-out",
    from: ["cancel"],
    when: (g) => !g.sign && turns.CANNOT_GET_OUT.test(g.masked) && !/<(?:day|time)>|\b(?:appointment|visit|booking|session|class)\b/.test(g.masked),
  },
  {
    is: "ask-availability/is-it-free",
    open: true,
    from: ["ask-hours", "none", "ask-service", "ask-availability"],
    when: (g) => turns.IS_THE_HOUR_FREE.test(g.masked) && !(turns.BUSY_THEN.test(g.masked) && /<(?:phone|email)>/.test(g.said)),
  },
  {
    is: "ask-service/what-else",
    open: true,
    from: ["ask-availability", "ask-staff", "book", "none", "ask-service"],
    when: (g) => turns.WHAT_ELSE.test(g.masked) && !/<(?:day|time)>/.test(g.masked),
  },
  // "I've got a rash, I think it's nickel": what ails somebody is told, and nothing is asked about it.
  {
    is: "book/tells-what-ails",
    open: true,
    from: ["refused", "ask-policy"],
    when: (g) =>
      (g.top.errand !== "refused" || g.top.label === "refused/advice") &&
      (g.top.errand === "refused" || g.top.sure < WAVERS) &&
      complains(g.masked) &&
      !asks(g.masked),
  },
  // "Is little brushers the right thing, or should he see Fiona".
  {
    is: "ask-service/right-thing",
    open: true,
    from: ["book", "none", "out-of-scope", "ask-staff", "ask-availability", "ask-policy", "ask-service", "refused"],
    least: 0.7,
    when: (g) => turns.RIGHT_THING.test(g.masked) && !/<(?:day|time)>/.test(g.masked),
  },
  { is: "ask-service/right-place", open: true, notFrom: ["refused", "emergency"], least: 0.7, when: has(turns.RIGHT_PLACE) },
  { is: "book/will-come", open: true, from: ["thanks-bye"], least: 0.7, when: has(turns.WILL_COME) },
  // "My knee stopped hurting, no need to come on Monday".
  {
    is: "cancel/no-need",
    open: true,
    from: ["book", "none", "ask-availability", "ask-mine", "thanks-bye", "message", "out-of-scope", "ask-service", "cancel"],
    least: 0.7,
    when: (g) => turns.NO_NEED.test(g.masked) && !turns.ONLY_IN_CASE.test(g.masked),
  },
  {
    is: "cancel/forget-it",
    open: true,
    from: ["book", "none", "ask-availability", "ask-mine", "message", "out-of-scope", "ask-service", "cancel", "move"],
    least: 0.7,
    when: (g) =>
      (turns.FORGET_IT.test(g.masked) || turns.DO_NOT_BOTHER.test(g.masked) || turns.OFF_THE_DAY.test(g.masked)) &&
      !turns.ONLY_WHAT_IF.test(g.masked) &&
      !cuedFor(g, "move"),
  },
  { is: "ask-mine/don't-forget", from: ["cancel"], when: has(turns.DO_NOT_FORGET) },
  // "Maren or Tobias, is it, on Fridays".
  { is: "ask-staff/one-or-other", open: true, from: ["ask-mine", "none", "book", "ask-availability"], when: has(turns.ONE_OR_OTHER) },
  { is: "ask-price/of-a-ticket", from: ["ask-service", "none", "out-of-scope", "ask-availability", "ask-policy"], when: has(turns.WHAT_IS_A_TICKET) },
  { is: "ask-policy/covered", from: ["ask-service", "none", "out-of-scope", "ask-price"], when: has(turns.COVERED) },
  {
    is: "ask-service/have-you",
    open: true,
    from: ["ask-staff", "none", "book", "ask-availability"],
    when: (g) => turns.HAVE_YOU.test(g.masked) && !/<(?:day|time)>/.test(g.masked),
  },
  { is: "ask-price/of-a-length", from: ["ask-service", "none", "ask-availability", "ask-mine"], when: has(turns.WHAT_IS_A_LENGTH) },
  // "Are walk-ins all right or do I book".
  { is: "ask-policy/must-one-book", open: true, from: ["book", "none", "ask-service", "ask-availability", "ask-policy"], when: has(turns.MUST_ONE_BOOK) },
  {
    is: "cancel/call-it-off",
    least: 0.7,
    notFrom: ["refused", "emergency", "ask-policy"],
    when: (g) => turns.CALL_IT_OFF.test(g.masked) && !turns.ONLY_IN_CASE.test(g.masked),
  },
  // "My daughter cannot have gluten, I need guidance": no visit is called off.
  {
    is: "book/what-ails-them",
    open: true,
    from: ["cancel", "out-of-scope"],
    when: (g) =>
      !g.sign &&
      (g.top.errand === "cancel" ? turns.BODY_CANNOT : turns.SOMEBODY_CANNOT).test(g.masked) &&
      !/<(?:day|time)>|\b(?:appointment|visit|booking|session|class)\b/.test(g.masked),
  },
  // "Please send Farida to look at my kitchen": a visit, and no word to be passed on.
  { is: "book/send-somebody", open: true, from: ["message", "person", "none", "ask-staff", "out-of-scope", "book"], when: has(turns.SEND_SOMEBODY) },
  { is: "ask-policy/reminds", from: ["ask-availability", "none", "message", "ask-service", "ask-mine", "ask-policy", "book"], when: has(turns.REMINDS) },
  {
    is: "ask-hours/timings",
    open: true,
    from: ["message", "none", "ask-place", "ask-policy", "out-of-scope", "ask-hours"],
    when: has(turns.THE_TIMINGS),
  },
  { is: "ask-availability/any-left", open: true, from: ["book", "none", "ask-service", "ask-place", "ask-availability"], when: has(turns.ANY_LEFT) },
  {
    is: "ask-hours/anybody-there",
    open: true,
    from: ["none", "message", "person", "ask-staff", "ask-hours", "ask-availability"],
    when: (g) => turns.IS_ANYBODY_THERE.test(g.masked) && /<(?:day|time)>/.test(g.masked),
  },
  {
    cue: "cancel/cancel",
    least: 0.5,
    when: (g) => {
      const unsure = asksFor(g.top.errand) && g.top.sure < 0.5 && !g.cued.some((c) => asksFor(c.errand));
      return (unsure || ["move", "book", "ask-availability", "ask-mine", "none"].includes(g.top.errand)) && !cuedFor(g, "move");
    },
  },
  {
    is: "refused/of-others",
    subject: "others",
    least: 0.7,
    from: ["ask-service", "ask-mine", "none", "out-of-scope", "refused", "ask-availability"],
    when: (g) => signs.OF_THEIR_RELATIVE.test(g.said),
  },
  // "An hour, is that enough": nothing of anybody's health is asked.
  {
    is: "ask-service/long-enough",
    from: ["refused", "ask-service", "ask-price", "none", "out-of-scope", "ask-policy"],
    least: 0.6,
    when: has(signs.LENGTH_ENOUGH),
  },
  // "I've two appointments with you, I'd like them both on the same day".
  {
    is: "move/both-to-one-day",
    open: true,
    notFrom: ["refused", "emergency"],
    least: 0.6,
    when: (g) => signs.BOTH_OF_THEIRS.test(g.masked) && !cuedFor(g, "cancel"),
  },
  // "I was supposed to come in this morning, but the car broke down": it is to be on another day.
  {
    is: "move/supposed-to-come",
    open: true,
    from: ["book", "none", "ask-mine", "move", "cancel", "message", "out-of-scope", "ask-service", "ask-policy"],
    least: 0.6,
    when: (g) =>
      (signs.SUPPOSED_TO_COME.test(g.masked) || signs.WAS_TO_BUT_THEN.test(g.masked)) && !(g.top.errand === "cancel" && (g.sign || g.top.sure >= WAVERS)),
  },
  // "My husband won't come to <service>, can I come alone": no visit of his is called off.
  {
    is: "ask-policy/won't-come",
    from: ["cancel", "none", "ask-policy", "book"],
    least: 0.5,
    when: (g) => signs.WILL_NOT_COME.test(g.masked) && !/\bcancel\b|\b(?:my|our) (?:<service>|appointment|visit|booking)/.test(g.masked),
  },
  // "Tell Rita to bring the fins": beside another wish too, one of them is to be told.
  { is: "message/to-them", from: ["none", "ask-staff", "book", "person", "ask-mine", "ask-service", "message"], when: has(signs.ASK_THEM) },
  // "I can't come on Friday and I don't want another day".
  { is: "cancel/no-other-time", from: ["move"], when: has(signs.NO_OTHER_TIME) },
  // "The heel session, an hour on <day> at <time> please": a whole wish, and nothing of a visit that there is.
  {
    is: "book/whole-wish",
    from: ["move", "ask-mine"],
    sure: () => 0.6,
    when: (g) => !g.sign && (g.top.sure < 0.75 || signs.CALLED_EARLIER.test(g.masked)) && signs.WHOLE_WISH.test(g.masked) && !signs.OF_A_CHANGE.test(g.masked),
  },
  // "Can I have a lesson no later than the 20th": a new one, until then.
  { is: "book/by-then", open: true, from: ["move"], when: (g) => !g.sign && signs.A_NEW_ONE_BY.test(g.masked) },
  // "I want to remove my verruca".
  { is: "book/to-be-removed", from: ["cancel", "move"], when: has(signs.TO_BE_REMOVED) },
  // "It won't come on, somebody should check it": a visit, and no word to be passed on.
  {
    is: "book/somebody-should",
    open: true,
    from: ["message", "none", "ask-service", "person", "book"],
    when: (g) => signs.SOMEBODY_SHOULD.test(g.masked) && !turns.OF_A_BILL.test(g.masked),
  },
  {
    is: "move/sooner-than",
    open: true,
    from: ["book", "none", "ask-availability", "move"],
    when: (g) => signs.SOONER_THAN_THE_DAY.test(g.masked) && !/<service>/.test(g.masked),
  },
  { is: "move/length", open: true, from: ["book", "none", "ask-availability", "ask-service", "move"], when: has(signs.FROM_LENGTH_TO_LENGTH) },
  {
    is: "move/clashes",
    open: true,
    from: ["book", "none", "ask-availability", "cancel", "ask-mine", "ask-hours", "message", "move", "ask-policy", "ask-service"],
    when: (g) => signs.CLASHES.test(g.masked) || signs.THEIRS_CLASHES.test(g.masked),
  },
  {
    is: "move/shuffle",
    open: true,
    from: ["book", "none", "ask-availability", "cancel", "ask-mine", "message", "out-of-scope", "move", "ask-policy"],
    least: 0.8,
    when: has(signs.SHUFFLES_MINE),
  },
  {
    is: "move/start-at",
    open: true,
    from: ["book", "none", "ask-availability", "ask-mine", "ask-hours", "move", "ask-policy"],
    least: 0.7,
    when: (g) => signs.STARTS_AT.test(g.masked) && !/<(?:service|day)>/.test(g.masked),
  },
  {
    is: "move/was-to-come",
    open: true,
    from: ["book", "none", "ask-availability", "ask-mine", "ask-hours", "ask-policy", "move"],
    when: has(signs.WAS_TO_COME),
  },
  { is: "move/another-time-for", open: true, from: ["book", "ask-availability", "none", "move"], when: has(signs.ANOTHER_TIME_FOR) },
  {
    is: "cancel/is-off",
    open: true,
    from: ["book", "none", "ask-mine", "cancel", "thanks-bye"],
    when: (g) => signs.IT_IS_OFF.test(g.masked) && !g.masked.includes("?"),
  },
  // "Tomorrow's lesson: can it be at nine", "I'd like to do my badge on Saturday instead".
  {
    is: "move/theirs-to-be",
    open: true,
    from: ["book", "ask-availability", "none", "ask-mine", "ask-service", "ask-staff", "move"],
    when: (g) =>
      signs.THEIRS_TO_BE.test(g.masked) || signs.MINE_INSTEAD.test(g.masked) || turns.BRING_INSTEAD.test(g.masked) || turns.THAT_INSTEAD.test(g.masked),
  },
  // "Kofi Annor, 030 …, I'll be travelling on Thursday": who says so who they are cannot come.
  {
    is: "cancel/away-then",
    open: true,
    from: ["book", "none", "message", "out-of-scope", "ask-mine", "ask-availability", "cancel", "thanks-bye"],
    when: (g) => signs.AWAY_THEN.test(g.masked) && /<(?:phone|email)>/.test(g.said) && !/\?|<service>|<day>.*<(?:day|time)>/.test(g.masked),
  },
  // "Who would you recommend for a shoulder": of people.
  // "My nephew is fifteen, would he be let in": a rule of the house's.
  { is: "ask-policy/let-in", from: ["book", "ask-availability", "ask-service", "none", "ask-place", "ask-hours"], when: has(signs.LET_IN) },
  {
    is: "person/whom-to-complain-to",
    from: ["ask-staff", "none", "message", "ask-policy", "person", "out-of-scope"],
    when: has(signs.WHOM_TO_COMPLAIN_TO),
  },
  // "I lost my retainer at camp": another is needed.
  {
    is: "book/lost-theirs",
    from: ["message", "out-of-scope", "none", "ask-service", "ask-policy"],
    when: (g) => (signs.LOST_THEIRS.test(g.masked) && !g.masked.includes("?")) || signs.MAKE_A_NEW_ONE.test(g.masked),
  },
  // "A cut or a trim, whichever is sooner".
  { is: "book/whichever-is-sooner", open: true, from: ["ask-price", "ask-service", "ask-availability", "none"], when: has(signs.WHICHEVER_IS_SOONER) },
  {
    is: "ask-staff/recommends",
    from: ["ask-service", "book", "ask-availability", "none", "person", "message", "ask-staff", "out-of-scope"],
    when: has(signs.RECOMMENDS_WHOM),
  },
  {
    is: "ask-mine/whom",
    from: ["none", "ask-staff", "book", "ask-availability", "person", "ask-mine"],
    when: (g) => signs.WHOM_HAVE_I.test(g.masked) && WHEN_OR_NEXT.test(g.masked),
  },
  // "Can somebody on crutches get in".
  {
    is: "ask-place/gets-in",
    open: true,
    from: ["book", "none", "ask-service", "ask-policy", "out-of-scope", "ask-availability", "ask-place", "person", "ask-staff", "ask-mine"],
    when: has(signs.GETS_IN),
  },
  { is: "ask-place/parking", open: true, from: ["out-of-scope", "none", "ask-place"], when: has(signs.OF_PARKING) },
  // "Is the pool open on the 19th": when the house is open, and no room on a day.
  { is: "ask-hours/open-then", open: true, from: ["ask-availability", "none", "ask-service", "book", "ask-policy", "ask-hours"], when: has(signs.OPEN_THEN) },
  // "I've got to have a medical for my new job, could that be on the 9th": one that they do not have yet.
  { is: "book/needs-one", open: true, from: ["move"], when: (g) => !g.sign && signs.MUST_HAVE_ONE.test(g.masked) },
  // "I'd like somebody to listen to my chest": word for nobody.
  { is: "book/wants-it-seen", open: true, from: ["message", "none", "person", "ask-staff"], when: (g) => !g.sign && signs.WANTS_IT_SEEN.test(g.masked) },
  // "Could somebody come to the house for my grandmother": whether they do at all.
  {
    is: "ask-policy/comes-to-them",
    open: true,
    from: ["book", "ask-availability"],
    when: (g) => asks(g.masked) && !g.named && !/<(?:day|time)>/.test(g.masked) && signs.COMES_TO_THEM.test(g.masked),
  },
  // "I can't ride on the 12th": what they were to do then.
  { is: "move/cannot-that-day", open: true, from: ["move"], least: 0.7, when: has(signs.CANNOT_THAT_DAY) },
  { is: "move/cannot-that-day", open: true, from: ["cancel"], least: 0.7, when: (g) => g.top.sure < WAVERS && signs.CANNOT_THAT_DAY.test(g.masked) },
  {
    is: "cancel/cannot-that-day",
    open: true,
    from: ["book", "ask-availability", "none", "ask-mine"],
    least: 0.7,
    when: (g) => signs.CANNOT_THAT_DAY.test(g.masked),
  },
  // "I can't manage either of my appointments".
  {
    is: "cancel/cannot-any",
    from: ["none", "book", "message", "ask-mine", "cancel", "ask-service", "ask-availability", "emergency"],
    least: 0.7,
    // Who goes into hospital calls off what they have.
    when: (g) => (g.top.errand !== "emergency" || g.top.sure < WAVERS) && signs.CANNOT_ANY_OF_MINE.test(g.masked),
  },
  // "I booked a massage with Freya for Friday, can Marcus do it instead": what is theirs is to be otherwise.
  { is: "move/booked-but-instead", open: true, from: ["book", "ask-availability", "ask-staff", "none"], least: 0.6, when: has(signs.BOOKED_BUT_INSTEAD) },
  // "I only want to keep the lesson": all the rest is called off.
  { is: "cancel/keeps-only", from: ["book", "none", "ask-mine", "message", "cancel", "move"], least: 0.6, when: has(signs.KEEPS_ONLY) },
  // "We need a will or a divorce consultation": one of them is wished for, whichever it is.
  { is: "book/one-or-other", open: true, from: ["ask-service"], when: (g) => !g.masked.includes("?") && signs.NEEDS_ONE_OR_OTHER.test(g.masked) },
  // "My lesson is with Eilidh on the 12th, could I have it with Morag": what is theirs is to be otherwise.
  { is: "move/mine-is-could-be", open: true, from: ["book", "ask-availability", "ask-mine", "ask-staff", "none"], when: has(signs.MINE_IS_COULD_BE) },
  // "I've a wedding on Saturday, can I have a cut before it".
  { is: "book/have-one-then", open: true, from: ["ask-service", "ask-policy", "none"], when: has(signs.HAVE_ONE_THEN) },
  // "Another lesson, a week after the one I have": one more.
  { is: "book/one-more", from: ["move"], when: (g) => !g.sign && signs.ONE_MORE_OF.test(g.masked) },
  // "Which doctor is free first": who it is depends on when.
  { is: "ask-availability/free-first", open: true, from: ["ask-staff", "ask-availability", "none"], when: has(signs.FREE_FIRST) },
  // "Could somebody other than Joaquim do my massage": what is theirs is to be with another.
  {
    is: "move/with-another",
    from: ["none", "book", "move", "person", "message", "ask-staff", "ask-service", "ask-mine"],
    when: has(signs.OTHER_THAN_OURS),
  },
  // "I fell on the stairs and my wrist is swollen": what befell somebody asks for no way in.
  {
    is: "book/was-hurt",
    open: true,
    from: ["ask-place"],
    when: (g) => (complains(g.masked) || signs.FELL.test(g.masked)) && !signs.ASKS_OR_ORDERS.test(g.masked),
  },
  // "I dropped my phone in the gutter and it's soaked": nothing of theirs is called off.
  { is: "book/was-dropped", open: true, from: ["cancel"], when: (g) => !g.sign && (signs.DROPPED.test(g.masked) || signs.THING_BROKE.test(g.masked)) },
  // "I want to be filmed running".
  { is: "book/wants-done", open: true, from: ["ask-service"], when: (g) => g.top.sure < WAVERS && !g.masked.includes("?") && signs.WANTS_DONE.test(g.masked) },
  // "I'd like to come earlier on Wednesday", of who says who they are.
  {
    is: "move/comes-earlier",
    open: true,
    from: ["book", "ask-availability", "none", "move"],
    when: (g) => signs.COMES_EARLIER.test(g.masked) && (g.top.errand === "move" || /<(?:phone|email)>/.test(g.said) || signs.WISHES_TO_COME.test(g.masked)),
  },
  // "Am I chatting with a real person".
  { is: "ask-service/who-answers", from: ["person", "ask-service", "none", "out-of-scope"], when: has(signs.WHO_ANSWERS) },
  // "Any other person?", of those who do it.
  { is: "ask-staff/another", from: ["person", "ask-staff", "none"], when: has(signs.ANOTHER_OF_THEM) },
  // "It left a burn, who should I speak to".
  { is: "person/whom-to-speak-to", from: ["ask-staff", "none", "message", "ask-policy", "person"], when: has(signs.WHOM_TO_SPEAK_TO) },
  // "Could I nip in at lunchtime tomorrow": whether there is room, where nothing of theirs is spoken of.
  {
    is: "ask-availability/nip-in",
    open: true,
    from: ["move"],
    when: (g) => !g.sign && signs.NIP_IN.test(g.masked) && !signs.OF_A_CHANGE.test(g.masked),
  },
  // "I've got a colour on the 4th and a blow-dry on Saturday, drop the blow-dry".
  { is: "cancel/drops-one", open: true, from: ["book", "message", "none", "move", "ask-mine", "cancel"], when: has(signs.DROPS_ONE) },
  // "If I call off tomorrow's appointment, what do I owe": nothing is called off yet.
  {
    is: "ask-policy/what-if-i-cancel",
    open: true,
    from: ["cancel", "move", "ask-price", "book", "none", "ask-policy", "ask-service", "refused"],
    when: (g) => signs.WHAT_IF_I_CANCEL.test(g.masked),
  },
  // "The clean-up on Thursday, I need it in the afternoon": whether it is theirs is found out.
  {
    is: "book/on-its-day",
    open: true,
    from: ["move", "book", "cancel", "ask-availability", "none"],
    when: (g) => !g.sign && signs.NEEDED_ON_ITS_DAY.test(g.masked),
  },
  // "He can't digest milk, we need some guidance".
  {
    is: "book/wants-guidance",
    open: true,
    from: ["ask-policy", "out-of-scope", "none", "message", "ask-service"],
    when: (g) => !g.sign && g.top.sure < WAVERS && !g.masked.includes("?") && signs.WANTS_GUIDANCE.test(g.masked),
  },
  { is: "ask-service/send-or-bring", from: ["ask-policy", "message", "none"], when: (g) => signs.SENDS_OR_BRINGS.test(g.masked) },
  // "I've an appointment tomorrow, but I've got the flu": what comes of it is that they do not come.
  {
    is: "cancel/has-but",
    least: 0.8,
    from: ["none", "book", "cancel", "message", "ask-mine", "ask-availability", "move"],
    when: (g) => !(g.sign && g.top.errand === "move") && signs.HAS_BUT.test(g.masked) && !g.masked.includes("?") && !signs.HAS_BUT_THEN.test(g.masked),
  },
  // "I have a class on Wednesday, I think? Can't do it any more": what they have they cannot keep.
  {
    is: "cancel/has-and-cannot",
    from: ["none", "book", "message", "ask-mine", "ask-availability", "ask-service", "move", "cancel"],
    when: (g) => !(g.sign && ["move", "cancel"].includes(g.top.errand)) && signs.HAS_AND_CANNOT.test(g.masked) && !cannotAndElse(g.masked),
  },
  // "It's about my lesson on Wednesday, I've got the dentist now", "I've got something in my diary for the 9th": which one it is is found first.
  {
    is: "ask-mine/about-mine",
    open: true,
    from: ["book", "ask-availability", "none", "message", "ask-mine", "ask-service", "ask-hours", "out-of-scope", "cancel", "move"],
    when: (g) => signs.ABOUT_MINE.test(g.masked) || signs.IN_MY_DIARY.test(g.masked),
  },
  { is: "move/prepone", from: ["message", "book", "move", "ask-availability", "none"], when: has(turns.PREPONES) },
  // "Put off", "postpone": nothing else is meant by them.
  {
    cue: "move/reschedule",
    from: ["book", "move", "ask-availability", "none"],
    least: 0.5,
    when: (g) => !cuedFor(g, "ask-policy"),
  },
  { cue: "move/theirs-otherwise", from: ["book", "move", "ask-availability", "none"], least: 0.5, when: (g) => !cuedFor(g, "ask-policy") },
  // "I can't come on Friday, is Monday possible".
  {
    is: "move/cannot-but",
    from: ["book", "cancel", "move", "ask-availability", "ask-hours", "ask-staff", "message", "none", "ask-policy", "ask-mine"],
    when: (g) =>
      ((signs.CANNOT_BUT.test(g.masked) ||
        (g.open && cannotAndElse(g.masked)) ||
        (g.open && signs.HAS_BUT_THEN.test(g.masked)) ||
        (g.open && turns.CANNOT_SO_THEN.test(g.masked)) ||
        signs.CANNOT_BUT_WOULD.test(g.masked) ||
        (g.open && turns.CANNOT_THEN.test(g.masked)) ||
        (g.open && /<(?:phone|email)>/.test(g.said) && turns.BUSY_THEN.test(g.masked))) &&
        !wishesBefore(g.masked)) ||
      (g.open && NO_GOOD_BUT.test(g.masked) && !namesNew(g.masked.slice(0, g.masked.search(NO_GOOD_BUT)))),
  },
  // "Oh wait, I meant move": which deed it is, and nothing else.
  ...(["cancel", "book", "move"] as const).map((deed): Turn => ({
    is: `${deed}/meant`,
    sure: () => 0.9,
    when: (g) => {
      const meant = signs.MEANT_DEED.exec(g.masked)?.[1];
      return meant !== undefined && (["cancel", "book"].includes(meant) ? meant : "move") === deed;
    },
  })),
  // "Are you a robot? I want a real person".
  { is: "person/wants-one", notFrom: ["refused", "emergency"], least: 0.7, when: has(signs.WANTS_PERSON) },
  // "Would you pass on to Owen that I'll be late": word for him, whatever it says.
  { is: "message/passed-on", from: ["ask-policy", "message", "none", "ask-staff", "move", "cancel", "book"], when: has(signs.PASSES_ON) },
  // "I'm running late for my two o'clock": what holds then is asked, and nothing is to be moved.
  {
    is: "ask-policy/runs-late",
    from: ["move", "cancel", "book", "message", "ask-mine", "none"],
    when: (g) =>
      signs.RUNS_LATE.test(g.masked) &&
      !signs.PASSES_ON.test(g.masked) &&
      !signs.WANTS_OTHERWISE.test(g.masked) &&
      !(g.top.errand === "book" && signs.WISHES_FOR.test(g.masked)),
  },
  // "Could I change my assessment": what is mine is moved, not booked anew.
  {
    cue: "move/move-it",
    from: ["book", "ask-availability", "none"],
    least: 0.5,
    when: (g) => CHANGES_MINE.test(g.masked) && !BOOKS_ME.test(g.masked),
  },
  // "Book me for Friday instead of it" books.
  {
    is: "book/book",
    from: ["move"],
    least: 0.5,
    when: (g) => BOOKS_ONE.test(g.masked) && cuedFor(g, "book") && !ANEW.test(g.masked),
  },
  // "At four instead of three": one for the other is a move, whatever it begins like.
  {
    is: "move/one-for-the-other",
    from: ["book", "ask-availability", "ask-hours", "ask-staff", "ask-service", "none", "move"],
    when: (g) => signs.EXCHANGE.test(g.masked) && !BOOKS_ONE.test(g.masked),
  },
  // "Can Otieno do it instead of Wanjiru": one person for the other, where a move is possible at all.
  {
    is: "move/one-for-the-other",
    sure: (g) => Math.max(0.6, g.list.find((x) => x.errand === "move")?.sure ?? 0),
    when: (g) => ONE_FOR_ANOTHER.test(g.masked) && g.list.some((x) => x.errand === "move" && x.sure >= (g.open ? 0.05 : 0.3)),
  },
  // "So what do I book": which of them it is to be is settled with them.
  {
    is: "book/what-to-book",
    open: true,
    from: ["out-of-scope", "ask-mine", "ask-service", "none", "ask-policy", "book", "ask-availability", "ask-place"],
    least: 0.6,
    when: has(signs.WHAT_TO_BOOK),
  },
  // "A massage, and I don't know which": which of them it is to be is settled with them.
  {
    is: "book/unsure-which",
    from: ["ask-service", "none", "out-of-scope"],
    when: (g) => signs.UNSURE_WHICH.test(g.masked) && !ASKS_WHAT_IT_IS.test(g.masked),
  },
  // "My hair's a mess and I don't know what I want": nor is that word for anybody.
  {
    is: "book/unsure-which",
    open: true,
    from: ["ask-service", "none", "out-of-scope", "message", "ask-mine", "person", "move"],
    when: has(signs.UNSURE_WHAT),
  },
  { is: "ask-availability/is-there-space", from: ["ask-place", "ask-service", "none", "ask-policy"], when: has(signs.IS_THERE_SPACE) },
  {
    is: "ask-price/what-will-it-be",
    from: ["none", "ask-service", "ask-availability", "ask-hours", "ask-mine", "thanks-bye"],
    least: 0.9,
    when: has(signs.WHAT_WILL_IT_BE),
  },
  // "My wife booked me something but I don't know what".
  {
    is: "ask-mine/booked-for-me",
    open: true,
    from: ["book", "none", "message", "ask-service", "ask-availability", "refused"],
    least: 0.92,
    when: has(signs.BOOKED_FOR_ME),
  },
  // "Is the acupuncture still on", "my appointment on Friday, is it with Tobias": of a visit that stands.
  {
    is: "ask-mine/still-on",
    notFrom: ["emergency"],
    least: 0.92,
    when: (g) => signs.STILL_ON.test(g.masked) || signs.MINE_IS_WITH.test(g.masked),
  },
  {
    is: "ask-mine/forgot-when",
    open: true,
    from: ["book", "none", "ask-availability", "ask-hours", "ask-mine", "ask-policy", "ask-staff", "ask-service", "message", "move"],
    least: 0.7,
    when: (g) =>
      (signs.FORGOT_WHEN.test(g.masked) || signs.WHICH_OF_MINE.test(g.masked) || signs.WHEN_NEXT_IN.test(g.masked) || signs.WHO_DOES_MINE.test(g.masked)) &&
      !cuedFor(g, "cancel"),
  },
  // "Can I trade my hour on Thursday for one on Monday".
  { is: "move/one-for-another", open: true, from: ["book", "none", "ask-availability", "ask-policy", "move"], when: has(signs.TRADES_FOR) },
  // "And is that with the doctor": of what was spoken of, who does it.
  {
    is: "ask-staff/is-it-with",
    open: true,
    notFrom: ["emergency"],
    when: (g) => signs.IS_IT_WITH.test(g.masked) && (g.top.errand !== "refused" || g.top.sure < SURE),
  },
  // "I've got an interview on <day>, can I have a <service> before it": asked for in so many words, and with a day.
  {
    cue: "book/want",
    open: true,
    from: ["ask-service"],
    least: 0.5,
    when: (g) => g.top.sure < WAVERS && WHEN_OR_AFTER.test(g.masked) && !signs.OF_WHETHER.test(g.masked),
  },
  // "Which of the massages is firmer": of services, and not of people.
  { is: "ask-service/which-of-them", from: ["ask-staff"], when: has(signs.WHICH_OF_THEM) },
  // "Play therapy for my five year old": what and for whom, and nothing asked.
  { is: "book/what-for-whom", open: true, from: ["ask-service"], when: (g) => !g.sign && signs.FOR_ONE.test(g.masked) },
  // "Do you still have Maren": who works here.
  {
    is: "ask-staff/still-there",
    open: true,
    from: ["none", "book", "ask-availability", "ask-service", "ask-mine", "message", "person", "out-of-scope", "ask-staff", "refused", "cancel"],
    when: has(signs.STILL_THERE),
  },
  // "They said to ring back and book": what was said before is done now.
  { is: "book/told-to-book", open: true, from: ["none", "message", "person", "ask-mine", "ask-service", "ask-availability"], when: has(signs.TOLD_TO_BOOK) },
  // "Is there someone I could see": a visit, and nobody to talk to now.
  { is: "book/someone-to-see", open: true, from: ["person"], when: has(signs.SOMEONE_TO_SEE) },
  // "Can I come in on <time> <day>": whether there is room, and not when the house is open.
  {
    is: "ask-availability/may-come",
    open: true,
    from: ["none", "out-of-scope", "book", "move", "ask-hours", "ask-availability"],
    when: (g) => g.top.sure < (g.top.errand === "ask-hours" ? SURE : g.top.errand === "move" ? 0.62 : 0.5) && signs.COMES_THEN.test(g.masked),
  },
  // "Can I come before work?"
  { is: "ask-availability/may-come", open: true, from: ["ask-hours", "none", "ask-policy", "book", "ask-availability"], when: has(signs.MAY_I_COME_AT) },
  // "What hour did you give me for Friday": what stands is asked for.
  { cue: "ask-mine/my-appointment", from: ["book", "ask-availability"], when: has(signs.GAVE_ME) },
  {
    is: "ask-mine/ourselves",
    from: ["ask-staff", "none", "book", "ask-availability"],
    when: (g) => signs.OF_OURSELVES.test(g.masked) && ASKS_WHEN_OR_WHO.test(g.masked),
  },
  // "I was wondering if you could tell me how much it is for a massage": no sign of a booking, and a plain one of a price.
  {
    cue: "ask-price/price",
    from: ["book", "ask-availability", "ask-service"],
    when: (g) => !g.sign && (g.top.errand !== "ask-service" || g.top.sure < WAVERS),
  },
  // "I booked a session for the 13th, can you check": what stands is asked for.
  {
    is: "ask-mine/checks",
    when: (g) =>
      (g.top.errand === "book" || g.top.errand === "ask-availability" || g.top.sure < 0.5) &&
      signs.BOOKED_ALREADY.test(g.masked) &&
      signs.CHECKS.test(g.masked),
  },
  { cue: "ask-policy/what-if", notFrom: ["refused", "emergency"] },
  // "How much for a rose on my arm": what is asked the price of may be of the house in words that it does not use.
  { cue: "ask-price/price", open: true, from: ["out-of-scope"], least: 0.6, when: (g) => !worldly(g.masked) && turns.HOW_MUCH_FOR.test(g.masked) },
  {
    is: "book/sent-by-doctor",
    open: true,
    from: ["none", "out-of-scope", "ask-service", "message", "person", "refused", "ask-policy", "book"],
    least: 0.7,
    when: (g) => turns.SENT_BY_DOCTOR.test(g.masked) && !asks(g.masked),
  },
  { is: "ask-availability/other-times", from: ["ask-hours", "none", "ask-service"], least: 0.7, when: has(turns.OTHER_TIMES) },
  { is: "ask-availability/any-open", open: true, from: ["ask-hours", "none", "book", "ask-availability"], when: has(turns.ANY_OPEN) },
  {
    is: "ask-policy/ready-by",
    from: ["ask-service", "ask-availability", "none", "ask-mine"],
    when: (g) => turns.WILL_IT_BE_READY.test(g.masked) && !/<(?:day|time)>/.test(g.masked),
  },
  { is: "ask-service/whether", from: ["out-of-scope"], sure: () => 0.6, when: (g) => signs.WHETHER.test(g.masked) && !worldly(g.masked) },
];

/** The signs that count for each errand that the sentences may hold it for, once it has been met. */
const byErrand = new Map<Errand, readonly Turn[]>();

function turnsOf(errand: Errand): readonly Turn[] {
  let own = byErrand.get(errand);
  if (!own) byErrand.set(errand, (own = TURNS.filter((t) => (!t.from || t.from.includes(errand)) && !t.notFrom?.includes(errand))));
  return own;
}

/** What a sign says that a guess is after all; undefined where none does. */
export function turned(g: Guessed): Single | undefined {
  for (const t of turnsOf(g.top.errand)) {
    if (t.open && !g.open) continue;
    const cue = t.cue === undefined ? undefined : cueOf(g, t.cue);
    if ((t.cue !== undefined && !cue) || (t.when && !t.when(g))) continue;
    const sure = t.sure?.(g) ?? Math.max(t.least ?? 0.6, g.top.sure);
    if (cue) return { read: { ...cue, sure }, subject: null };
    const [errand] = (t.is as string).split("/") as [Errand];
    return { read: { errand, rule: `errand/${t.is ?? ""}`, at: 0, sure }, subject: t.subject ?? null };
  }
  return undefined;
}
