import {
  ASKS_OF_MINE,
  CANCELLED_VERB,
  CHANGES_IT,
  DENIED,
  GIVES_ANOTHER,
  HAS_SOMETHING,
  INSTEAD,
  MEANS_INSTEAD,
  NEEDS_ONE,
  OF_RULES,
  OF_THEM,
  ONLY_WHO_I_AM,
  TAKEN_BACK,
  TAKES_BACK,
  TO_BE_TOLD,
  WHO_I_AM,
  WISHES_FOR_ONE,
} from "./packs/en/wanting.ts";
import { isAsk, isGuess, type Errand, type ErrandRead } from "./errand.ts";
import { cuesIn } from "./cued.ts";
import { guesses, type Guess } from "./classifier.ts";
import { complains } from "./features.ts";
import { DEPENDS_ON_PRICE, HOLD_IT_FOR_ME, THAN_THOUGHT } from "./packs/en/talk.ts";
import { eachMatch, mayMatch } from "./patterns.ts";
import { CANCEL_AND_INSTEAD_RULE, CANNOT_BUT_RULE, HAS_AND_CANNOT, HAVE_AND_CANNOT_RULE, asks, SURE, turned, WAVERS, type Single } from "./turned.ts";
import {
  ANOTHERS_MONEY,
  ASKS_OR_ORDERS,
  BRINGS_OR_SENDS,
  COMES_ALONG,
  DANGER,
  IN_ONES_SLEEP,
  LONG_OVER,
  HARMLESS_BLOOD,
  NO_DANGER,
  OF_ONESELF,
  HANDS_ON,
  HAS_BOOKED,
  HAS_SOMETHING_ON,
  LONG_AGO,
  NAMES_ONLY,
  LEFT_ALONE,
  SUPPOSES,
  NO_WORD_WITH,
  NOT_TO_BE_CALLED,
  NEGATED,
  NEW_WISH,
  OF_A_VISIT,
  OF_HEALTH,
  OF_OURSELVES,
  ONLY_WHEN,
  ONLY_WHETHER_OK,
  ONLY_WHO,
  OPENER,
  MAY_I_COME_THEN,
  OTHERWISE,
  OWN_DOCTOR_DOES,
  PAST,
  PRIVATE,
  THERE_FROM_TO,
  UNRESPONSIVE,
  WHAT_TO_DO,
  CANNOT_DO_IT,
  LACKS_HELP,
  THING_BROKE,
  TITLE_BEFORE,
  STAYS,
} from "./packs/en/signs.ts";
import {
  ASKS_OF_THAT,
  CALLS_THAT_OFF,
  CANCELLED_ELSEWHERE,
  DOES_INSTEAD,
  DROPS_SOMEBODY,
  HAVE_IT,
  LEADS_IN,
  MUST_THEY,
  OF_THE_ONE,
  PUTS_ME_IN,
  TELLS_FIRST,
  TAKES_ME_OFF,
  WAS_MOVED,
  whenSomebodyIsOut,
  WILL_BOOK_AGAIN,
  YOU_ALL,
} from "./packs/en/turns.ts";

/** Errands whose plain signs stand in a masked text, in the order said; the surer of two that exclude each other wins. */
export function cuedErrands(masked: string): ErrandRead[] {
  const out: ErrandRead[] = [];
  for (const { cue, at } of cuesIn(masked)) {
    const have = out.find((o) => o.errand === cue.errand);
    if (have) {
      if (cue.name === "what-if") have.rule = `errand/${cue.errand}/${cue.name}`;
      continue;
    }
    out.push({ errand: cue.errand, rule: `errand/${cue.errand}/${cue.name}`, at, sure: 0.9 });
  }
  const has = (e: Errand): boolean => out.some((o) => o.errand === e);
  const drop = (e: Errand): void => {
    const i = out.findIndex((o) => o.errand === e);
    if (i >= 0) out.splice(i, 1);
  };
  if (out.some((o) => o.rule.endsWith("/what-if"))) for (const e of ["move", "cancel", "book", "ask-availability", "ask-price"] as const) drop(e);
  if (has("move")) {
    drop("book");
    drop("ask-availability");
    // "I can't make Thursday, can we move it" is one errand.
    drop("cancel");
  }
  if (has("cancel")) {
    drop("book");
    drop("ask-availability");
    drop("ask-mine");
  }
  if (has("ask-mine")) {
    drop("book");
    drop("ask-availability");
    drop("ask-staff");
    drop("ask-price");
  }
  if (has("message") || has("person")) {
    drop("book");
    drop("ask-staff");
    drop("ask-policy");
  }
  if (has("message")) drop("person");
  if (has("ask-policy") && OF_RULES.test(masked)) {
    drop("cancel");
    drop("ask-price");
  }
  if (has("ask-availability")) {
    drop("ask-service");
    drop("ask-staff");
    if (has("book")) drop("ask-availability");
  }
  if (has("ask-hours")) drop("ask-availability");
  if (has("ask-place")) {
    drop("ask-availability");
    drop("ask-service");
  }
  if (has("ask-policy")) {
    drop("ask-service");
    if (has("book") && NEEDS_ONE.test(masked)) drop("book");
  }
  if (out.length > 1) drop("thanks-bye");
  return out.sort((a, b) => a.at - b.at);
}

/** How sure a guess must be to count when nothing else was asked, and in the middle of an errand, where an answer is likelier. */
const LEAST = { open: 0.34, asked: 0.6, bare: 0.88 } as const;
/** What is told of one's own appointment must be this sure to be a question about it. */
const TOLD = 0.92;
/** A guess of danger or of a refusal weighs heavily: it must be surer. */
const GRAVE: Partial<Record<Errand, number>> = {
  emergency: 0.93,
  cancel: 0.7,
  move: 0.62,
  refused: 0.5,
  "out-of-scope": 0.45,
  message: 0.62,
  "thanks-bye": 0.7,
  person: 0.6,
};

/** As sure as this, a part of a message holds an errand of its own beside that of the whole. */
const ASIDE = 0.6;

/** How sure an errand of a part must be: what changes what is booked, or calls for a person, more than what asks. */
const leastInPart = (e: ErrandRead): number => (e.rule.endsWith("/examples") ? (["cancel", "move", "person"].includes(e.errand) ? 0.7 : 0.45) : LEAST.open);

/** A part of what was said that may hold a wish of its own. */
export interface Clause {
  from: number;
  to: number;
}

export interface Judged {
  errands: ErrandRead[];
  /** The part that each errand was read from, where there are several. */
  clauses: Clause[];
  /** The subject of a refusal that was guessed. */
  subject: string | null;
  /** It sounded like an emergency, though no word of a danger was said. */
  alarm?: true;
}

/** What is noted beside what is judged. */
interface Notes {
  alarm: boolean;
}

/**
 * The errands of a masked text, in the order said. Each sentence of it is judged by itself as well; where two of them
 * ask for different things and both are plain, both are done.
 */
export function judge(
  masked: string,
  /** The same with words in passing left as they were said. */
  bare: string,
  parts: readonly (Clause & { masked: string; bare: string })[],
  own: (word: string) => boolean,
  open: boolean,
  /** Whether something of the house is named plainly: a service by a name of its own, or a person. */
  named: boolean,
): Judged {
  const notes: Notes = { alarm: false };
  const judged = judgeAll(masked, bare, parts, (text, plain) => judgeOne(text, plain, own, open, named, notes), open);
  return notes.alarm ? { ...judged, alarm: true } : judged;
}

function judgeAll(
  masked: string,
  bare: string,
  parts: readonly (Clause & { masked: string; bare: string })[],
  one: (text: string, plain: string) => Single,
  open: boolean,
): Judged {
  const whole = one(masked, bare);
  if (whole.read && OF_ALL_OF_IT.has(whole.read.rule)) return { errands: [whole.read], clauses: [], subject: whole.subject };
  if (parts.length > 1 && withoutTakenBack(masked) === masked) {
    const each = parts.map((p) => ({ from: p.from, to: p.to, masked: p.masked, ...one(p.masked, p.bare) }));
    const grave = each.find((e) => e.read && (e.read.errand === "emergency" || e.read.errand === "refused"));
    // "Book a massage… actually no, cancel it": what is taken back is not done.
    let backed = false;
    parts.forEach((p, i) => {
      if (i > 0 && TAKES_BACK.test(p.masked)) {
        for (const e of each.slice(0, i)) e.read = null;
        backed = true;
      }
    });
    // "I booked a lesson, do I bring my own racket": what has been booked is told, and something else is asked.
    each.forEach((e, i) => {
      if (e.read?.rule === "errand/ask-mine/told-booked" && each.some((o, k) => k !== i && o.read)) {
        e.read = null;
        backed = true;
      }
    });
    // "I have a voucher and I'd like a massage": what somebody has is told, where something else is wished for.
    parts.forEach((p, i) => {
      const e = each[i];
      if (e?.read && e.read.errand === "ask-policy" && HAS_SOMETHING.test(p.masked) && !p.masked.includes("?") && each.some((o) => o !== e && o.read))
        e.read = null;
    });
    // Beside another deed, words of who it is for are no wish of their own: "cancel it, the booking is for Ana Petrov".
    const deed = each.some((e) => e.read?.errand === "move" || e.read?.errand === "cancel");
    parts.forEach((p, i) => {
      const e = each[i];
      // What somebody was going to do the other day is no wish of now, and who it is says nothing of it.
      if (e && (PAST.test(p.masked) || ONLY_WHO.test(p.masked))) e.read = null;
      if (
        deed &&
        e?.read &&
        (e.read.errand === "book" || e.read.errand === "ask-availability") &&
        /<(?:name|phone|email)>/.test(p.masked) &&
        !/<(?:service|day|time|length|staff|places)>/.test(p.masked)
      )
        e.read = null;
    });
    // "Do I pay if it snows and I can't come": what would be so calls nothing off.
    each.forEach((e, i) => {
      const before = parts[i - 1]?.masked ?? "";
      if (e.read?.rule === "errand/cancel/not-coming" && SUPPOSES.test(before)) e.read = null;
    });
    // "I'll be abroad on the 8th, can the check-up be on the 15th": it goes on another day.
    if (each.some((e) => e.read?.errand === "move")) for (const e of each) if (e.read?.rule === "errand/cancel/away-then") e.read = null;
    // "I can't ride on Sunday, cancel please": what cannot be is no wish beside what is called off.
    if (each.some((e) => e.read?.rule === "errand/cancel/cancel")) for (const e of each) if (e.read?.rule === "errand/move/cannot-that-day") e.read = null;
    if (each.some((e) => e.read?.rule === "errand/cancel/cancel"))
      parts.forEach((p, i) => {
        const e = each[i];
        if (e?.read?.errand === "book" && ((isGuess(e.read) && CANNOT_DO_IT.test(p.masked)) || LACKS_HELP.test(p.masked))) e.read = null;
      });
    // "Cancel it as well, I'll rebook later": what may be some other time is nothing to be done now.
    if (each.some((e) => e.read?.errand === "cancel"))
      parts.forEach((p, i) => {
        const e = each[i];
        if (e?.read && (e.read.errand === "move" || e.read.errand === "book") && WILL_BOOK_AGAIN.test(p.masked) && !/<(?:day|time)>/.test(p.masked))
          e.read = null;
      });
    // "Friday's grips, can I bring them on Saturday instead": what is theirs is named, and not wished for.
    if (whole.read?.errand === "move" && !isGuess(whole.read))
      parts.forEach((p, i) => {
        const e = each[i];
        if (e?.read?.errand === "book" && isGuess(e.read) && OF_A_DAY.test(p.masked)) e.read = null;
      });
    // "As soon as possible, please. A massage, the firm one, half an hour": what is wished for is named, and nothing asked.
    const books = each.some((e) => e.read?.errand === "book");
    parts.forEach((p, i) => {
      const e = each[i];
      if (books && e?.read?.rule.endsWith("/examples") && e.read.errand.startsWith("ask-") && NAMES_ONLY.test(p.masked)) {
        e.read = null;
        backed = true;
      }
    });
    // "I chipped a tooth, can I come in this morning": when the house is open is not asked.
    if (books)
      parts.forEach((p, i) => {
        const e = each[i];
        if (e?.read?.errand === "ask-hours" && isGuess(e.read) && MAY_I_COME_THEN.test(p.masked)) {
          e.read = null;
          backed = true;
        }
      });
    // "The lesson on Friday, is that in the barn or outside?": what is asked about is named first, and not wished for.
    parts.forEach((p, i) => {
      const [e, next] = [each[i], each[i + 1]];
      if (e?.read?.errand === "book" && isGuess(e.read) && next?.read && ASKS_OF_THAT.test(parts[i + 1]?.masked ?? "") && OF_THE_ONE.test(p.masked)) {
        e.read = null;
        backed = true;
      }
    });
    // "I've never exercised, what do I start with?": what is told before a question is handed on to nobody.
    parts.forEach((p, i) => {
      const e = each[i];
      const tells = e?.read?.errand === "message" && isGuess(e.read) && !HANDS_ON.test(p.masked) && TELLS_FIRST.test(p.masked);
      if (e && tells && (whole.read?.errand === "book" || each.some((o, k) => k > i && o.read && isAsk(o.read.errand)))) {
        e.read = null;
        backed = true;
      }
    });
    // "Deep tissue for an hour and a half, what's the damage?": what the price is asked of.
    if (each.some((e) => e.read?.errand === "ask-price"))
      parts.forEach((p, i) => {
        const e = each[i];
        if (e?.read?.rule === "errand/book/with-whom-when" && NAMES_ONLY.test(p.masked) && !/<(?:day|time|staff|name|phone|places)>/.test(p.masked)) {
          e.read = null;
          backed = true;
        }
      });
    // What tells, and is only like a question, asks nothing beside a wish: "I've got knee pain after five kilometres".
    parts.forEach((p, i) => {
      const e = each[i];
      const tells = e?.read?.errand === "ask-service" && isGuess(e.read) && e.read.sure < WAVERS && !ASKS_OR_ORDERS.test(p.masked) && OF_ONESELF.test(p.masked);
      if (e && tells && each.some((o, k) => k !== i && o.read?.errand === "book")) {
        e.read = null;
        backed = true;
      }
    });
    // "My sister said I should come. What do you charge?": beside another errand, a wish without anything wished for is talk.
    const asked = each.some((e) => e.read && e.read.errand !== "book" && e.read.errand !== "ask-availability");
    parts.forEach((p, i) => {
      const e = each[i];
      // "Is Maren there? I'd like her to look at it": whom the wish speaks of was named before.
      const ofThem = OF_THEM.test(p.masked) && parts.slice(0, i).some((o) => /<staff>/.test(o.masked));
      if (asked && e?.read?.errand === "book" && !ofThem && !/<(?:service|day|time|staff|length|places)>|\b(?:book|appointment)\b/.test(p.masked)) {
        e.read = null;
        backed = true;
      }
    });
    // "Do you take gel off? Somebody else put it on": nobody is asked for, beside a question about what is done here.
    const ofADeed = parts.some((p) => /<service>/.test(p.masked) && p.masked.includes("?"));
    parts.forEach((p, i) => {
      const e = each[i];
      if (ofADeed && e?.read?.errand === "person" && isGuess(e.read) && e.read.sure < SURE && !ASKS_OR_ORDERS.test(p.masked)) e.read = null;
    });
    // "We're twenty minutes late, is that a problem": the second half asks of the first, and nothing besides.
    parts.forEach((p, i) => {
      const e = each[i];
      if (i > 0 && e && ONLY_WHETHER_OK.test(p.masked)) e.read = null;
    });
    // "What does acupuncture cost, and could I have it on Monday": the thing that was asked about is wished for.
    parts.forEach((p, i) => {
      const e = each[i];
      if (!e || i === 0 || !open) return;
      const guessed = !e.read || isGuess(e.read);
      const before = parts
        .slice(0, i)
        .some((o, k) => /<service>/.test(o.masked) && ["ask-price", "ask-service", "ask-staff"].includes(each[k]?.read?.errand ?? ""));
      if (guessed && before && HAVE_IT.test(p.masked)) e.read = { errand: "book", rule: "errand/book/and-have-it", at: e.from, sure: SURE };
      // "Cancel the lesson, and can I do the course at the same time instead": another thing in its place.
      const off = each.slice(0, i).some((o) => o.read?.errand === "cancel");
      if (off && (guessed || e.read?.errand === "move") && DOES_INSTEAD.test(p.masked))
        e.read = { errand: "book", rule: INSTEAD_OF_IT, at: e.from, sure: SURE };
    });
    // "Can my son see a physio? Wednesday after school": a part that says when wishes to come then.
    const when = open ? parts.findIndex((p) => ONLY_WHEN.test(p.masked)) : -1;
    const told = each.filter((e) => e.read);
    const asksOf = (e: Errand | undefined): boolean => e === "ask-service" || e === "ask-staff";
    if (when > 0 && told.every((e) => asksOf(e.read?.errand)) && (told.length > 0 || asksOf(whole.read?.errand))) {
      const e = each[when] as (typeof each)[number];
      for (const o of told) if (o.read && asksOf(o.read.errand)) o.read = { ...o.read, sure: Math.max(o.read.sure, WAVERS) };
      e.read = { errand: "book", rule: "errand/book/says-when", at: e.from, sure: SURE };
      backed = true;
    }
    const plain = each.filter((e) => e.read && e.read.sure >= leastInPart(e.read) && e.read.errand !== "thanks-bye" && e.read.errand !== "out-of-scope");
    // "Cancel today's and book me on Thursday instead": it goes on another day, and is one wish.
    const cancels = each.find((e) => e.read?.rule === "errand/cancel/cancel" || e.read?.rule === "errand/cancel/forget-it");
    const goes = (i: number): boolean => ["book", "move"].includes(each[i]?.read?.errand ?? "") && each[i]?.read?.rule !== INSTEAD_OF_IT;
    // "Cancel Friday and give me the one after, on the 12th at nine": so is that, where no thing is named.
    const day = parts.some((p, i) => each[i] === cancels && /<day>/.test(p.masked) && !/<service>/.test(p.masked));
    const another = (p: { masked: string }): boolean =>
      INSTEAD.test(p.masked) || (day && GIVES_ANOTHER.test(p.masked) && !/<(?:staff|length|places)>|\binstead of\b/.test(p.masked));
    // "Take me out of Saturday and put me in Thursday's class".
    const across = (p: { masked: string }): boolean => parts.some((o, i) => each[i] === cancels && TAKES_ME_OFF.test(o.masked)) && PUTS_ME_IN.test(p.masked);
    const instead = parts.find((p, i) => goes(i) && (across(p) || (another(p) && !/<service>/.test(p.masked))));
    if (cancels && instead && each.filter((e) => e.read).length === 2)
      return { errands: [{ errand: "move", rule: CANCEL_AND_INSTEAD_RULE, at: 0, sure: 0.8 }], clauses: [], subject: null };
    let reads = together(plain.map((e) => ({ ...(e.read as ErrandRead), at: e.from, masked: e.masked })));
    // "I might have to cancel, how much notice do you need": all of it says what a part of it seems not to.
    if (whole.read && whole.read.sure >= SURE) {
      const same = reads.filter((r) => r.errand === whole.read?.errand);
      // A plain sign of a visit that is wished for on a day or at an hour is enough beside a question.
      const wished = (r: ErrandRead): boolean =>
        (r.errand === "book" || r.errand === "ask-availability") &&
        !r.rule.endsWith("/examples") &&
        /<(?:day|time)>/.test(each.find((e) => e.from === r.at)?.masked ?? "");
      // "… and let me know what to bring": what is to be told is asked beside the rest.
      const tobeTold = (r: ErrandRead): boolean => isAsk(r.errand) && !isGuess(r) && TO_BE_TOLD.test(each.find((e) => e.from === r.at)?.masked ?? "");
      if (same.length > 0) reads = reads.filter((r) => same.includes(r) || r.sure >= ASIDE || wished(r) || tobeTold(r));
      // "I can't do three, is five possible": a wish in two halves.
      else if (
        whole.read.errand === "move" &&
        !reads.some((r) => r.rule === INSTEAD_OF_IT) &&
        reads.every((r) => ["cancel", "ask-hours", "ask-availability", "book"].includes(r.errand))
      )
        reads = [];
    }
    const hasAndCannot = whole.read?.rule === HAS_AND_CANNOT || whole.read?.rule === HAVE_AND_CANNOT_RULE;
    const cannot = whole.read?.rule === CANNOT_BUT_RULE || hasAndCannot;
    const beside = ["move", "cancel", "ask-hours", "ask-availability", "ask-staff", "book", ...(hasAndCannot ? ["ask-service", "ask-mine"] : [])];
    if (whole.read && cannot && reads.every((r) => beside.includes(r.errand) || r.rule === "errand/ask-policy/runs-late"))
      return { errands: [whole.read], clauses: [], subject: null };
    // "My toes tingle, is that normal?": what is refused may stand beside talk that asks for nothing.
    const alone = grave?.read && !whole.read && each.every((e) => e === grave || !e.read);
    if (grave?.read && (alone || whole.read?.errand === grave.read.errand)) return { errands: [grave.read], clauses: [], subject: grave.subject };
    if (reads.length > 1) {
      // Each errand's part reaches to where the next begins.
      const clauses = reads.map((r, i) => ({ from: i === 0 ? 0 : r.at, to: reads[i + 1]?.at ?? Infinity }));
      return { errands: reads, clauses, subject: null };
    }
    if (reads.length === 1 && (backed || !whole.read || whole.read.sure < (reads[0] as ErrandRead).sure) && !grave)
      return { errands: reads, clauses: [], subject: null };
  }
  return { errands: whole.read ? [whole.read] : [], clauses: [], subject: whole.subject };
}

/** What is said besides who it is: a name and a number say nothing of what is wanted. */
function besidesWho(masked: string): string {
  const rest = masked.replace(WHO_I_AM, "").replace(ONLY_WHO_I_AM, "").trim();
  return (rest.match(/[a-z']{2,}|<\w+>/g) ?? []).length >= 2 ? rest : masked;
}
/** "Running late for Friday, no wait I mean I can't do Friday at all": what is meant, where it is a whole sentence. */
const meantInstead = (masked: string): string => {
  const said = MEANS_INSTEAD.exec(masked);
  const rest = said ? masked.slice(said[0].length) : "";
  return (rest.match(/[a-z']+|<\w+>/g) ?? []).length >= LONG_ENOUGH_TO_MEAN ? rest : masked;
};
const LONG_ENOUGH_TO_MEAN = 5;

const withoutTakenBack = (said: string): string => {
  const denied = DENIED.exec(said);
  const text = denied ? said.slice(0, denied.index) + said.slice(denied.index + denied[0].length) : said;
  const m = TAKEN_BACK.exec(text);
  return m && m[1] !== m[2] ? text.slice(0, m.index) + text.slice(m.index + m[0].length) : text;
};

/** A danger that is only guessed, with no word of one said, is left out and kept as an alarm; what else it may be counts as much more. */
function withoutAlarm(list: Guess[], said: readonly string[], notes: Notes): Guess[] {
  const danger = list.find((g) => g.errand === "emergency");
  // "My throat is on fire", where the house has a throat swab: a word that was put aside hides what is no danger.
  const harmlessly = said.filter((text) => text.search(NO_DANGER) >= 0);
  const told = harmlessly.length > 0 ? harmlessly : said;
  if (
    !danger ||
    told.some(
      (text) =>
        DANGER.test(text.replace(NO_DANGER, " ").replace(HARMLESS_BLOOD, " ").replace(IN_ONES_SLEEP, " ").replace(LONG_OVER, " ")) || UNRESPONSIVE.test(text),
    )
  )
    return list;
  const rest = list.filter((g) => g !== danger);
  // What ails somebody in their sleep is for a visit, where it sounds like nothing but a danger.
  if (rest.length === 0)
    return said.some((text) => text.search(IN_ONES_SLEEP) >= 0 || text.search(LONG_OVER) >= 0)
      ? [{ ...danger, errand: "book", label: "book", sure: WAVERS }]
      : list;
  // "I'm on blood thinners": the word by which it sounds like one is of pills.
  const harmless = harmlessly.length > 0 || said.some((text) => text.search(HARMLESS_BLOOD) >= 0);
  if (!harmless && danger === list[0] && danger.sure >= (GRAVE.emergency ?? 0)) notes.alarm = true;
  const left = Math.max(0.02, 1 - danger.sure);
  return rest.map((g) => ({ ...g, sure: Math.min(1, g.sure / left) }));
}

/** What is left of the guesses when some cannot be meant: each counts as much more, and none as sure by it. */
function withoutRest(kept: Guess[], all: readonly Guess[]): Guess[] {
  if (kept.length === all.length) return kept;
  const left = Math.max(
    0.02,
    kept.reduce((sum, g) => sum + g.sure, 0) /
      Math.max(
        1e-9,
        all.reduce((sum, g) => sum + g.sure, 0),
      ),
  );
  return kept.map((g) => ({ ...g, sure: Math.max(g.sure, Math.min(WAVERS, g.sure / left)) }));
}

function judgeOne(first: string, bareFirst: string, own: (word: string) => boolean, open: boolean, named: boolean, notes: Notes): Single {
  const said = withoutTakenBack(first);
  const plain = first === bareFirst ? said : withoutTakenBack(bareFirst);
  /** Without who is dropped off somewhere; most messages speak of nothing of the kind. */
  const undropped = (text: string): string => (mayMatch(DROPS_SOMEBODY, text) ? text.replace(DROPS_SOMEBODY, "") : text);
  const tidy = (text: string): string =>
    besidesWho(
      undropped(meantInstead(text))
        .replace(HAS_SOMETHING_ON, "")
        .replace(CANCELLED_ELSEWHERE, " ")
        .replace(YOU_ALL, "you")
        .replace(OPENER, "")
        .replace(LEADS_IN, "")
        .replace(THERE_FROM_TO, "$1 <day>"),
    );
  const masked = tidy(said);
  const bare = said === plain ? masked : tidy(plain);
  // "My exam was postponed": who put it off is not the one who speaks.
  // "Friday, when my wife's at work": when somebody is out is told, and nothing of theirs is asked.
  const whenOut = whenSomebodyIsOut(masked);
  const cued = cuedErrands(masked).filter(
    (c) => (c.rule !== "errand/move/reschedule" || !WAS_MOVED.test(masked)) && (c.rule !== "errand/ask-mine/my-appointment" || !whenOut),
  );
  const guessed = guesses(masked, own, bare);
  const kept = guessed.filter(
    (g) =>
      // "Who is treating me": one's own visit is asked about, and nobody else's.
      // "Does my GP have to write to you": nor of the doctor's.
      (g.label !== "refused/others" ||
        !(whenOut || OF_OURSELVES.test(masked) || OWN_DOCTOR_DOES.test(masked) || COMES_ALONG.test(masked) || MUST_THEY.test(masked))) &&
      // "My landlord won't give my deposit back" asks no money back of the house.
      (g.label !== "refused/refunds" || !ANOTHERS_MONEY.test(masked)) &&
      // "Can you hold it for me", "depends on the price": nothing is to be cheaper.
      (g.label !== "refused/discounts" || !(HOLD_IT_FOR_ME.test(masked) || DEPENDS_ON_PRICE.test(masked) || THAN_THOUGHT.test(masked))) &&
      // "Her number is 902 …" gives a number, and asks for none.
      (g.label !== "refused/private" || (PRIVATE.test(masked) && !(/<(?:phone|email)>/.test(masked) && !ASKS_OR_ORDERS.test(masked)))) &&
      // "I think I'm pregnant, what do I do": without a word of a visit, none of theirs is asked about.
      (g.errand !== "ask-mine" || !WHAT_TO_DO.test(masked) || OF_A_VISIT.test(masked)) &&
      // "She swallowed her retainer last year": long over.
      (g.errand !== "emergency" || !LONG_AGO.test(masked)) &&
      // "Should I email my scans": nothing of anybody's health is asked.
      (g.label !== "refused/advice" || !BRINGS_OR_SENDS.test(masked)) &&
      (g.label !== "refused/advice" || g.sure >= SURE || complains(masked) || OF_HEALTH.test(masked)),
  );
  // Where the words say plainly that none of those is meant, what else it may be counts for all of it.
  const plainlyNot = BRINGS_OR_SENDS.test(masked) || OWN_DOCTOR_DOES.test(masked);
  const meantWell = kept.length === 0 ? guessed : plainlyNot ? withoutRest(kept, guessed) : kept;
  const list = withoutAlarm(meantWell, [masked, bare], notes);
  // "Cancel nothing", "I don't want to move it": what is said not to be wished is not done.
  const off = NEGATED.exec(masked);
  if (off) {
    const verb = CANCELLED_VERB.test(off[0]) ? "cancel" : CHANGES_IT.test(off[0]) ? "move" : "book";
    const rest = list.filter((g) => g.errand !== verb);
    list.splice(0, list.length, ...rest);
    cued.splice(0, cued.length, ...cued.filter((c) => c.errand !== verb));
    if (list.length === 0 || (list[0] as Guess).sure < LEAST.open) return { read: null, subject: null };
  }
  // "I don't want to talk to a man": whom they would rather not see, and no wish for a person.
  if (NO_WORD_WITH.test(masked)) {
    list.splice(0, list.length, ...list.filter((g) => g.errand !== "person"));
    cued.splice(0, cued.length, ...cued.filter((c) => c.errand !== "person"));
    if (list.length === 0 || (list[0] as Guess).sure < LEAST.open) return { read: null, subject: null };
  }
  // "Don't call the house": how they are not to be reached calls nothing off.
  if (NOT_TO_BE_CALLED.test(masked) && !cued.some((c) => c.errand !== "message")) {
    list.splice(0, list.length, ...list.filter((g) => g.errand === "message" || g.errand === "none" || g.errand.startsWith("ask-")));
    if (list.length === 0 || (list[0] as Guess).sure < LEAST.open) return { read: null, subject: null };
  }
  // "And don't touch my filling": what is to stay as it is, is neither called off nor moved.
  if (LEFT_ALONE.test(masked) && !cued.some((c) => c.errand === "cancel" || c.errand === "move")) {
    list.splice(0, list.length, ...list.filter((g) => g.errand !== "cancel" && g.errand !== "move" && g.errand !== "book"));
    if (list.length === 0 || (list[0] as Guess).sure < LEAST.open) return { read: null, subject: null };
  }
  const top = list[0] as Guess;
  // "I have two appointments with you" tells, and asks for nothing yet.
  const tells = top.errand === "ask-mine" && !ASKS_OR_ORDERS.test(masked) && !ASKS_OF_MINE.test(masked);
  const least = Math.max(tells ? TOLD : 0, open ? LEAST.open : ASKS_OR_ORDERS.test(masked) ? LEAST.asked : LEAST.bare, GRAVE[top.errand] ?? 0);
  const sign = cued.find((c) => c.errand === top.errand);
  const turn = turned({ masked, said, top, list, cued, sign, open, named });
  if (turn) return turn;
  // "I've got the flu": what ails somebody is told, and nothing is asked about it.
  if (top.label === "refused/advice" && !sign && top.sure < SURE && !asks(masked)) return { read: null, subject: null };
  // What names a thing that the house does is its business.
  if (top.errand === "out-of-scope" && /<(?:service|staff)>/.test(masked) && (named || top.sure < 0.9)) {
    const signed = cued.find((c) => c.errand !== "thanks-bye");
    if (signed) return { read: { ...signed, sure: 0.5 }, subject: null };
    const next = list.find((g) => !["out-of-scope", "none", "thanks-bye"].includes(g.errand));
    // "My dog ate a bar of chocolate": what hardly sounds like a message is none.
    const least = next?.errand === "message" ? LEAST.open : 0.1;
    return { read: next && next.sure >= least ? { errand: next.errand, rule: `errand/${next.label}/examples`, at: 0, sure: next.sure } : null, subject: null };
  }
  // Where the sentences waver, a plain sign of what they hold possible weighs more.
  const rival =
    !sign && (top.sure < WAVERS || top.errand === "person")
      ? cued.find((c) => (top.errand === "person" && c.errand.startsWith("ask-")) || list.some((g) => g.errand === c.errand && g.sure >= 0.2))
      : undefined;
  if (rival) return { read: { ...rival, sure: Math.max(0.5, top.sure) }, subject: null };
  if (top.sure >= (sign ? Math.min(least, LEAST.open) : least)) {
    if (top.errand === "none") return { read: null, subject: null };
    return {
      read: { errand: top.errand, rule: sign?.rule ?? `errand/${top.label}/examples`, at: sign?.at ?? 0, sure: top.sure },
      subject: top.errand === "refused" ? top.label.slice("refused/".length) : null,
    };
  }
  // Not sure by the sentences: a plain sign that they hold possible decides.
  const possible = cued.find((c) => list.some((g) => g.errand === c.errand && g.sure >= 0.15));
  if (possible) return { read: { ...possible, sure: Math.max(LEAST.open, top.sure) }, subject: null };
  return { read: null, subject: null };
}

/** The rule by which another thing is wished for in place of what is given up. */
const INSTEAD_OF_IT = "errand/book/instead-of-it";

/** What is on a day: "Friday's grips". */
const OF_A_DAY = /^\W*<(?:day|time)>'s\b/;

/** Signs that reach over several parts of a message. */
const OF_ALL_OF_IT = new Set([
  "errand/ask-mine/still-on",
  "errand/move/both-to-one-day",
  "errand/move/booked-but-rather",
  "errand/move/supposed-to-come",
  "errand/move/booked-but-instead",
  "errand/move/with-but-rather",
  "errand/move/can-it-be",
  "errand/move/theirs-to-be",
  "errand/book/was-cancelled",
  "errand/book/missed-theirs",
  "errand/move/late-so",
  "errand/move/have-then-ask",
  "errand/move/too-late",
  "errand/move/forget-and-come",
  "errand/ask-mine/checks",
  "errand/ask-mine/think-i-have",
  "errand/ask-mine/has-forgotten",
  "errand/ask-service/has-and-wonders",
  "errand/ask-mine/is-that-right",
  "errand/move/with-them-instead",
  "errand/move/sooner-than",
  "errand/cancel/has-but",
  "errand/cancel/drops-one",
  "errand/ask-policy/what-if-i-cancel",
  "errand/move/let-it-be",
  "errand/move/cannot-make-theirs",
  "errand/book/unsure-which",
  "errand/refused/of-others",
]);

/** What may stand beside another errand in one message, and what is only its reason. `masked` is the part that each was read from. */
function together(reads: (ErrandRead & { masked?: string })[]): ErrandRead[] {
  let out: (ErrandRead & { masked?: string })[] = reads.filter((r, i) => reads.findIndex((o) => o.errand === r.errand) === i);
  const has = (e: Errand): boolean => out.some((r) => r.errand === e);
  const drop = (...errands: Errand[]): void => void (out = out.filter((r) => !errands.includes(r.errand)));
  // "Cancel the cut but keep the colour": nothing is asked of what stays.
  if (has("cancel")) out = out.filter((r) => r.errand === "cancel" || !isGuess(r) || !STAYS.test(r.masked ?? ""));
  // "I can't make it, please cancel" says plainly which of the two.
  if (has("move") && out.some((r) => r.rule === "errand/cancel/cancel") && out.some((r) => r.errand === "move" && r.rule.endsWith("/examples"))) drop("move");
  // "I can't do Friday. Wednesday at ten?" wishes for another time.
  const otherwise = (r: ErrandRead & { masked?: string }): boolean =>
    r.errand === "ask-availability" || (r.errand === "book" && OTHERWISE.test(r.masked ?? "") && !/<(?:service|places|length)>/.test(r.masked ?? ""));
  // "My daughter's wire broke, can she come in tomorrow": what is the matter is told, and only sounds like a visit that is off.
  const matter = (r: ErrandRead & { masked?: string }): boolean => r.errand === "cancel" && isGuess(r) && r.sure < SURE && THING_BROKE.test(r.masked ?? "");
  if (out.some(matter) && out.some((r) => r.errand === "book" || r.errand === "ask-availability")) out = out.filter((r) => !matter(r));
  if (
    has("cancel") &&
    out.every((r) => (r.errand === "cancel" ? !r.rule.endsWith("/cancel/cancel") : r.errand !== "book" || otherwise(r))) &&
    out.some(otherwise)
  ) {
    out = out.map((r) => (r.errand === "cancel" ? { ...r, errand: "move" as const, rule: CANNOT_BUT_RULE } : r));
    drop("ask-availability", "book");
  }
  // "I can't make Thursday, can we move it", "it hurts, is there room tomorrow": one errand with its reason.
  if (has("move") && out.some((r) => r.errand === "cancel" && /not-coming|examples/.test(r.rule))) drop("cancel");
  if (has("move")) drop("ask-availability", "book");
  // "I've got a facial and a peel with you, cancel the peel": what they have is told, not wished for.
  if (has("cancel")) out = out.filter((r) => !(r.errand === "book" && HAS_BOOKED.test(r.masked ?? "") && !WISHES_FOR_ONE.test(r.masked ?? "")));
  // "My wife needs the car on the 9th, cancel that one": why, before what is called off.
  const [why, off] = out;
  if (
    out.length === 2 &&
    why?.errand === "book" &&
    off?.rule === "errand/cancel/cancel" &&
    why.rule.endsWith("/examples") &&
    !/<(?:service|length|places|staff)>|\bbook\b/.test(why.masked ?? "") &&
    CALLS_THAT_OFF.test(off.masked ?? "")
  )
    drop("book");
  // Nothing is cancelled beside a booking unless it is said plainly.
  const wish = out.findIndex((r) => r.errand === "book");
  const kept = out.findIndex((r) => r.errand === "cancel" && !r.rule.endsWith("/cancel/cancel"));
  // "A scan, please. I can't come on Monday, is there anything on Tuesday": the day that cannot be is part of the wish.
  const ofTheWish = wish < kept && (OTHERWISE.test(out[kept]?.masked ?? "") || out.slice(kept + 1).some((r) => r.errand === "ask-availability"));
  if (wish >= 0 && kept >= 0 && (ofTheWish || out[kept]?.rule.endsWith("/examples"))) drop("cancel");
  if (has("book")) drop("ask-availability", "ask-mine");
  if (has("cancel") || has("move")) drop("ask-mine");
  // "I have two appointments, what are they": what is the client's own costs nothing.
  if (has("ask-mine") && out.some((r) => r.errand === "ask-price" && r.rule.endsWith("/examples"))) drop("ask-price");
  // "My boss has no mercy. A massage on Friday, please": talk beside a wish is no message.
  if (has("book") && out.some((r) => r.errand === "message" && r.rule.endsWith("/examples") && !HANDS_ON.test(r.masked ?? ""))) drop("message");
  if (has("message") || has("person")) drop("book", "ask-staff");
  // "I left my gloves with you, can somebody keep them": what is asked is of what was left.
  if (out.some((r) => r.rule === "errand/message/left-behind")) out = out.filter((r) => !(r.errand.startsWith("ask-") && isGuess(r)));
  // "It's broken, how much is a repair", "he came early, please cancel": what is asked is the wish, what is told its reason.
  if (out.some((r) => r.errand === "message" && r.rule.endsWith("/examples")) && (out.some((r) => r.errand.startsWith("ask-")) || has("cancel") || has("move")))
    drop("message");
  return out.map(({ masked: _, ...read }) => read);
}

/** Sentences, and parts joined by a word that lets a new wish begin. */
export function clauses(text: string): (Clause & { text: string })[] {
  const out: (Clause & { text: string })[] = [];
  let from = 0;
  const add = (to: number): void => {
    const part = text.slice(from, to);
    if (/\w{2}/.test(part)) out.push({ text: part, from, to });
  };
  for (const m of eachMatch(NEW_WISH, text)) {
    if (m[0].startsWith(".") && TITLE_BEFORE.test(text.slice(Math.max(0, m.index - 6), m.index))) continue;
    add(m.index + (/^[.!?;:]/.test(m[0]) ? 1 : 0));
    from = m.index + m[0].length;
  }
  add(text.length);
  return out;
}
