import { dated } from "./refiners/dated.ts";
import { isoOfDay, weekdayName, type DayNumber } from "../time/days.ts";
import { clockText } from "../time/zone.ts";
import type { TimeWish } from "../schedule/wish.ts";
import { readTime, type TimeRead } from "./clock.ts";
import { momentOf, type Moment, type ReadContext } from "./context.ts";
import type { Errand, ErrandRead } from "./errand.ts";
import { clauses, judge, type Clause, type Judged } from "./errands.ts";
import { ofKind, type Found, type FoundOf, type Part } from "./found.ts";
import { DAY_RULES, ownDayRule, type DayRule } from "./packs/en/days.ts";
import { TIME_RULES } from "./packs/en/times.ts";
import { CARDINALS } from "./packs/en/words.ts";
import { COMPARES_PRICES } from "./packs/en/limits.ts";
import { COMMON } from "./packs/en/words.ts";
import { lexiconOf, services, staff } from "./recognisers/house.ts";
import { longRuns, emails, names, phones } from "./recognisers/people.ts";
import { choices, company, lengths, lengthsOfServices, shifts, yesNo } from "./recognisers/small.ts";
import { aroundEvents, correct, everyWeek, joinDays, passedHour, ruleOut } from "./refiners/join.ts";
import { assignParts, assignPeople, splitRanges } from "./refiners/parts.ts";
import { asSentences, spell } from "./spelling.ts";
import { normalise, type Said, eachMatch } from "./text.ts";
import {
  A_CHANGE,
  AGO,
  ASKS_OF_IT,
  ASKS_OR_ACTS,
  WAS_THERE,
  CANNOT,
  CANNOT_DO,
  CANT_COME,
  CHANGES,
  FAREWELL,
  FOR_A_WORD,
  HAS_A_VISIT,
  HAS_WITHOUT_ARTICLE,
  INDIFFERENT,
  IN_GENERAL,
  MAY_BE_DAY,
  MAY_BE_TIME,
  RATHER,
  SAW,
  SOMEBODY_ELSE,
  THANKS,
  VISIT,
  WEAK_YES,
  WISHES,
} from "./packs/en/signs.ts";

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
  const solid = [...emails(said), ...phones(said, at)];
  // Where a number is waited for, digits in a row are part of one, however short it came: "nine oh two" is no hour then.
  const pieces = longRuns(said, context.expects === "phone");
  const clear = (f: Found): boolean => ![...solid, ...pieces].some((s) => s.start < f.end && f.start < s.end);
  const timed = longest(timeFinds(said, at).filter(clear), []);
  // "I was there on Friday" tells of a visit that is over.
  const bareDays = longest(dayFinds(said, at).filter(clear), timed).filter((d) => !WAS_THERE.test(said.norm.slice(Math.max(0, d.start - 40), d.start)));
  const { days: dayed, times } = dated(
    said,
    at,
    bareDays,
    timed.filter((t) => !bareDays.some((d) => overlap(t, d) && !shares(t, d))),
  );
  const shifted = shifts(said);
  // "Push it back an hour": what it is to be later by is no length.
  const size = lengths(said, at).filter((l) => clear(l) && !dayed.some((d) => overlap(l, d)) && !shifted.some((s) => s.rule === "shift/by" && overlap(s, l)));
  const many = company(said);
  const when = [...dayed, ...times.filter((t) => !size.some((l) => overlap(t, l)) && !many.some((c) => c.kind === "places" && overlap(t, c)))];
  const offered = services(said, context.house, [...solid, ...size, ...when], /^(?:name|phone|email)/.test(context.expects ?? "")).filter(clear);
  // "Repair evening": a word of a service's own name is no time.
  const whole = offered.filter((o) => o.kind === "service" && /name|other-word/.test(o.rule));
  for (let i = when.length - 1; i >= 0; i--) {
    const w = when[i] as Found;
    if (whole.some((o) => o.start <= w.start && w.end <= o.end && o.end - o.start > w.end - w.start)) when.splice(i, 1);
  }
  if (size.length === 0) size.push(...lengthsOfServices(said, context.house, offered, [...solid, ...when]));
  narrow(context.house, offered, size);
  if (size.length === 0) size.push(...longOrShort(said, context.house, offered));
  if (many.length === 0) many.push(...counted(said, context.house, offered));
  for (let i = many.length - 1; i >= 0; i--) if (many[i]?.rule === "places/with" && !offered.some((o) => forSeveral(context.house, o))) many.splice(i, 1);
  for (const past of hadBefore(said, offered)) offered.splice(offered.indexOf(past), 1);
  const people = staff(said, context.house).filter(
    (f) =>
      clear(f) &&
      !offered.some((s) => overlap(f, s)) &&
      // "Spiritual Baptist Day" is a day, however near one of its words sounds to a name.
      !(f.kind === "staff" && f.rule === "staff/near-sound" && dayed.some((d) => overlap(f, d))) &&
      // Asked when, "it doesn't matter" is said of days and hours.
      !(
        f.kind === "staff" &&
        f.value === "any" &&
        ["day", "time", "length"].includes(context.expects ?? "") &&
        INDIFFERENT.test(said.norm.slice(f.start, f.end))
      ),
  );
  const vocabulary = lexicon.vocabulary;
  const blocked = [...solid, ...when, ...size, ...offered, ...people.filter((p) => p.kind !== "gender")];
  // "Dr Lakshmi" is one of the house's people, unless a name is asked for or goes on beyond theirs.
  const called = names(said, at, blocked, (w) => vocabulary.has(w)).filter(
    (n) => context.expects === "name" || !people.some((p) => p.kind === "staff" && p.value !== "any" && p.start <= n.start && n.end <= p.end),
  );
  if (context.expects === "name") for (let i = when.length - 1; i >= 0; i--) if (called.some((n) => overlap(n, when[i] as Found))) when.splice(i, 1);
  const staffed = people.filter((p) => !called.some((n) => overlap(p, n)));
  let found: Found[] = [...solid, ...when, ...size, ...offered, ...staffed, ...called, ...many, ...shifted];
  found.push(...yesNo(said, at).filter((y) => !when.some((w) => overlap(w, y) || noToDay(said, y, w))));
  const soonest = (w: Found): boolean => w.kind === "day" && w.value.kind === "soonest";
  const picked = choices(said, at);
  // "The earliest" of what was offered is a choice, not a new wish.
  if (context.expects === "slot") found = found.filter((f) => !(soonest(f) && picked.some((c) => overlap(c, f))));
  found.push(
    ...picked.filter(
      (c) =>
        !when.some((w) => overlap(w, c) && !(context.expects === "slot" && soonest(w))) &&
        !offered.some((s) => overlap(s, c) && s.end - s.start > c.end - c.start),
    ),
  );

  const first = correct(said, ruleOut(said, found));
  found = first.found;
  // A day that was ruled out or corrected speaks of the errand as much as one that is wished for.
  const ruled = first.dropped.filter((f) => (f.kind === "day" || f.kind === "time") && clear(f));
  const masked = mask(said, [...found, ...ruled]);
  const judged = errandsOf(said, masked, [...found, ...ruled], context);
  if (changesOwn(said, found, context) || tradesHour(found, masked, context))
    judged.errands = judged.errands.map((e) => (e.errand === "book" || e.errand === "ask-availability" ? OWN_CHANGED(e) : e));
  judged.errands = judged.errands.map((e) => (e.errand === "move" && changesThing(said, found, context.house) ? changedThing(e, found, said) : e));
  const emergency = isEmergency(said, context) || judged.errands.some((e) => e.errand === "emergency");
  // "Her number is 902 …" gives a number; no private one is asked for.
  const gives = solid.some((f) => f.kind === "phone") && !isQuestion(said) && !/\b(?:give|tell|send|need|want|get|what|have)\b/.test(masked);
  const touched = limitOf(said, context);
  const named = gives && context.house.limits.some((l) => l.id === touched && /\bnumbers?\b/i.test(l.subject)) ? null : touched;
  // "Which is cheaper, the half hour or the hour": two things are compared, and nothing off is asked for.
  const compared = judged.errands.length === 1 && judged.errands[0]?.errand === "ask-price" && judged.errands[0].sure >= 0.7 && /\b(?:or|than)\b/.test(masked);
  const weighed = COMPARES_PRICES.test(said.norm);
  // "My wife has an appointment with you, she's ill": what stands is told, and nothing is asked about her.
  const told = judged.subject === "others" && !isQuestion(said) && HAS_A_VISIT.test(said.norm) && !ASKS_OF_IT.test(said.norm);
  const limit =
    compared || weighed || (told && named === null)
      ? null
      : (named ?? (judged.subject && judged.errands.some((e) => e.errand === "refused") ? limitOn(judged.subject, context) : null));
  const errands = judged.errands.filter((e) => e.errand !== "refused" || limit !== null);
  if (weighed && errands.length === 0 && isQuestion(said)) errands.push({ errand: "ask-price", rule: "errand/ask-price/compared", at: 0, sure: 0.9 });
  if (limit === null && (ownVisit(said, found, context) || tellsOfVisit(said, found, context, errands))) {
    errands.splice(0, errands.length, { errand: "ask-mine", rule: "errand/ask-mine/own-visit", at: 0, sure: 0.5 });
    judged.clauses = [];
  }
  // "I had a session with Grace and it was awful, can I see someone else": whom they saw is whom they do not wish for.
  if (SOMEBODY_ELSE.test(said.norm))
    found = found.map((f) => (f.kind === "staff" && f.value !== "any" && !f.part && SAW.test(said.norm.slice(0, f.start)) ? { ...f, not: true } : f));
  // "Mina, if she's about": who is not booked but named, and nothing besides, is asked for.
  const [asked] = ofKind(found, "staff").flatMap((f) => (f.not || f.value === "any" || f.value.length !== 1 ? [] : f.value));
  if (
    errands.every((e) => e.errand === "ask-staff" && !isQuestion(said)) &&
    freeToAsk(context) &&
    asked !== undefined &&
    context.house.staff.get(asked)?.bookable === false &&
    FOR_A_WORD.test(masked)
  )
    errands.splice(0, errands.length, { errand: "person", rule: "errand/person/by-name", at: 0, sure: 0.7 });
  // "Ok, book me in" opens with a word of agreement and agrees to nothing.
  if (errands.some((e) => e.errand !== "thanks-bye"))
    found = found.filter((f) => !(f.kind === "yes" && f.value && WEAK_YES.test(said.norm.slice(f.start, f.end).trim())));
  // What was said of the past is no wish.
  found = found.filter((f) => !((f.kind === "day" || f.kind === "time") && sincePast(said, f)));
  if (errands.some((e) => e.errand === "book") && (context.expects === undefined || context.expects === "errand" || context.expects === "anything"))
    found = found.filter((f) => f.kind !== "choice");
  const moving = context.errand === "move" || errands.some((e) => e.errand === "move");
  const cancelling = context.errand === "cancel" || errands.some((e) => e.errand === "cancel");
  // Where nothing is booked yet, the day somebody cannot come is ruled out: "a scan, please, I can't come on Monday".
  if (!moving && !cancelling)
    found = found.map((f) => (f.kind === "day" && CANT_COME.test(said.norm.slice(Math.max(0, f.start - 40), f.start)) ? { ...f, not: true } : f));
  found = everyWeek(said, joinDays(said, aroundEvents(said, found), moving));
  found = passedHour(found, at, (f, day) => readTime(context.house, f.value, day).wish.fromMin ?? null);
  if (moving) found = splitRanges(said, found);
  // "I won't manage the 12th, could you give me the 14th": the day that cannot be kept is that of the visit there is.
  const missed = [...found, ...first.dropped].find((f) => f.kind === "day" && f.not && CANNOT_DO.test(said.norm.slice(Math.max(0, f.start - 24), f.start)));
  if (moving && missed && freeToAsk(context) && !found.some((f) => f.kind === "day" && f.part === "old")) {
    const { not: _, ...kept } = missed as FoundOf<"day">;
    found = [...found.filter((f) => f !== missed), { ...kept, part: "old" as const }].sort((a, b) => a.start - b.start);
  }
  // "We have a funeral on the 10th, I can't be there": of what is called off, the day that cannot be.
  if (cancelling && !moving)
    found = found.map((f) => {
      if (f.kind !== "day" || !f.not || !CANNOT.test(said.norm.slice(Math.max(0, f.start - 30), f.end + 40))) return f;
      const { not: _, ...kept } = f;
      return kept;
    });
  if (moving || cancelling) {
    // Of several errands, only the one that touches an appointment has an old and a new.
    const deed = judged.clauses[errands.findIndex((e) => e.errand === "move" || e.errand === "cancel")];
    const other = errands.length > 1 && deed && errands.some((e) => e.errand === "book" || e.errand.startsWith("ask-"));
    const inside = (f: Found): boolean => !other || (f.start >= deed.from && f.start < deed.to);
    found = [...assignParts(said, found.filter(inside), at, moving ? "move" : "cancel"), ...found.filter((f) => !inside(f))];
  }
  if (moving) found = assignPeople(said, found);
  // "At four, not five": the other is named only to be ruled out.
  else if (found.some((f) => f.kind === "time" && f.rule !== "time/not-but")) found = found.filter((f) => f.rule !== "time/not-but");
  // What is no wish names no service by a word in passing.
  const wayThere = errands.length === 1 && errands[0]?.errand === "ask-place";
  const aside = wayThere || emergency || limit !== null || errands.some((e) => e.errand === "out-of-scope" || e.errand === "thanks-bye");
  if (aside) found = found.filter((f) => !(f.kind === "service" && WEAK_SERVICE.test(f.rule)));
  if (errands.length === 1 && errands[0]?.errand === "out-of-scope") found = found.filter((f) => !(f.kind === "day" && f.value.kind === "soonest"));
  found.sort((a, b) => a.start - b.start);
  const top = emergency
    ? [{ errand: "emergency" as const, rule: "errand/emergency/words", at: 0, sure: 1 }]
    : limit
      ? [{ errand: "refused" as const, rule: `errand/refused/${limit}`, at: 0, sure: 1 }]
      : errands;
  const placed = (f: Found): Found => ({ ...f, start: spelled.back(f.start), end: spelled.back(f.end, true) });
  return {
    text: normalise(text).raw,
    said: said.raw,
    found: found.map(placed),
    corrected: first.dropped.map(placed),
    errands: top,
    clauses: top === errands ? judged.clauses : [],
    masked,
    question: isQuestion(said),
    emergency,
    alarm: judged.alarm === true && !emergency && limit === null,
    limit,
    guessed: limit !== null && named === null,
    sure: Math.min(1, ...top.map((e) => e.sure)),
  };
}

/** "Can you change the battery": what is to be changed is what a service changes, and no visit. */
const changesThing = (said: Said, found: readonly Found[], house: ReadContext["house"]): boolean =>
  found.some(
    (f) =>
      f.kind === "service" &&
      CHANGES.test(said.norm.slice(Math.max(0, f.start - 30), f.start)) &&
      !VISIT.test(/^ ?([a-z]*)/.exec(said.norm.slice(f.end))?.[1] ?? "") &&
      f.value.some((id) => {
        const s = house.services.get(id);
        return [s?.name ?? "", ...(s?.also ?? [])].some((n) => A_CHANGE.test(n));
      }),
  );
const changedThing = (e: ErrandRead, found: readonly Found[], said: Said): ErrandRead => {
  const wished = /\b(?:my|our)\b/.test(said.norm) || found.some((f) => f.kind === "day" || f.kind === "time") || !isQuestion(said);
  const errand = wished ? "book" : "ask-service";
  return { ...e, errand, rule: `errand/${errand}/changes-a-thing` };
};

/** "I've got a massage with Nell on Friday, could I come earlier", "… make it a taping": what they have is to be another. */
function changesOwn(said: Said, found: readonly Found[], context: ReadContext): boolean {
  if (context.expects !== undefined && context.expects !== "errand" && context.expects !== "anything") return false;
  const have =
    /\b(?:i|we)(?:'ve got| have(?: got)?|'ve)(?: already)? (?:an?|my|our|something|one)\b|\b(?:i'm|we're|i am|we are) (?:booked|scheduled|down)\b|\b(?:i|we)(?:'ve| have)?(?: already)? (?:booked|made|scheduled|arranged) (?:an?|my|our|something|one)\b/.exec(
      said.norm,
    );
  if (!have) return false;
  const after = said.norm.slice(have.index);
  const ours =
    found.some((f) => (f.kind === "service" || f.kind === "staff") && f.start > have.index) || /\b(?:appointment|visit|booking|booked|scheduled)\b/.test(after);
  const measured = found.some((f) => f.kind === "shift" && (f.value === "earlier" || f.value === "later"));
  const wish = RATHER.exec(after);
  const turned =
    wish !== null &&
    !found.some((f) => f.kind === "service" && f.start > have.index + wish.index) &&
    !/\b(?:another|one more|a second|an extra|as well|too|also)\b(?! (?:day|time|hour|date))/.test(after.slice(wish.index)) &&
    (/\b(?:different|other|another) [a-z]+/.test(after.slice(wish.index)) ||
      (["day", "time", "staff", "length"] as const).some((kind) => {
        const of = found.filter((f) => f.kind === kind && f.start > have.index);
        return of.some((f) => f.start < have.index + wish.index) && of.some((f) => f.start > have.index + wish.index);
      }));
  return (
    ours &&
    (turned ||
      measured ||
      /\b(?:make|change|switch|swap) (?:it|that)\b|\b(?:bring|pull|push|put|shift) (?:it|that) (?:forward|back|off|earlier|later|out)\b/.test(after))
  );
}

/** "Can we have the carriage at two, not at eleven": of a thing they have, one hour and not the other. */
const tradesHour = (found: readonly Found[], masked: string, context: ReadContext): boolean =>
  freeToAsk(context) &&
  /\b(?:the|my|our) <service>/.test(masked) &&
  found.some((f) => f.kind === "time" && f.rule === "time/not-but") &&
  found.some((f) => f.kind === "time" && f.rule !== "time/not-but");

/** What is said around a visit that somebody has, and tells nothing of what is to be done with it. */
const AROUND_OWN = new Set(
  "hi hiya hello hey good morning afternoon evening er um so well yes yeah it its it's this is i'm i am calling ringing writing about regarding concerning re with my our the at on for please thanks next last first other".split(
    " ",
  ),
);
const OF_VISITS = new Set<Found["kind"]>(["service", "staff", "day", "time", "length", "name", "phone", "email"]);

/** "My acupuncture", "it's about our appointment on Thursday": which one it is is found first, and then what is wished. */
function ownVisit(said: Said, found: readonly Found[], context: ReadContext): boolean {
  if (context.errand !== undefined || (context.expects !== undefined && context.expects !== "errand" && context.expects !== "anything")) return false;
  if (!/\b(?:my|our)\b/.test(said.norm) || said.norm.length > LONGEST_WISH) return false;
  const words = [...said.norm.matchAll(/[a-z']+/g)]
    .filter((w) => !found.some((f) => OF_VISITS.has(f.kind) && w.index >= f.start && w.index < f.end))
    .map((w) => w[0]);
  const named = found.some((f) => f.kind === "service" && f.value.length === 1 && f.rule === "service/name") || words.some((w) => VISIT.test(w));
  return named && words.some((w) => w === "my" || w === "our") && words.every((w) => AROUND_OWN.has(w) || VISIT.test(w));
}
/** "My mother's got a massage with you on Wednesday": a visit that stands is told of, and nothing is wished for yet. */
function tellsOfVisit(said: Said, found: readonly Found[], context: ReadContext, errands: readonly ErrandRead[]): boolean {
  if (context.errand !== undefined || (context.expects !== undefined && context.expects !== "errand" && context.expects !== "anything")) return false;
  const guessed = (e: ErrandRead): boolean =>
    e.errand === "message" && e.rule.endsWith("/examples") && !/\b(?:tell|let|pass|say|message|call|ring)\b/.test(said.norm);
  if (errands.some((e) => e.errand !== "book" && e.errand !== "ask-availability" && !guessed(e)) || isQuestion(said)) return false;
  const bare = HAS_WITHOUT_ARTICLE.exec(said.norm);
  const follows = bare && found.some((f) => f.kind === "service" && f.start === bare.index + bare[0].length);
  const has = follows ? bare : HAS_A_VISIT.exec(said.norm);
  if (!has) return false;
  const from = has.index + has[0].length;
  const after = said.norm.slice(from);
  const named =
    found.some((f) => f.kind === "service" && f.start >= has.index && f.start <= from + 12) || /^(?:\w+ )?(?:appointment|visit|booking)\b/.test(after);
  // Of somebody else's, the day tells as much.
  const stands =
    /\bwith you\b|\b(?:booked|coming up|in the (?:book|diary))\b/.test(after) ||
    (!/^(?:i|we)\b/.test(has[0]) && found.some((f) => (f.kind === "day" || f.kind === "time") && f.start >= from));
  return named && stands && !WISHES.test(said.norm);
}
const OWN_CHANGED = (e: ErrandRead): ErrandRead => ({ ...e, errand: "move", rule: "errand/move/changes-own" });

const freeToAsk = (c: ReadContext): boolean => c.errand === undefined && (c.expects === undefined || c.expects === "errand" || c.expects === "anything");

const overlap = (a: Found, b: Found): boolean => a.start < b.end && b.start < a.end;
/** The "no" of "no Fridays" rules them out, and answers nothing. */
const noToDay = (said: Said, y: Found, day: Found): boolean =>
  day.kind === "day" && day.value.kind === "weekdays" && said.norm.slice(y.start, day.start).trim() === "no";
/** "Tonight" and "this morning" are a day and a part of it at once. */
const shares = (t: Found, d: Found): boolean => d.rule === "day/today" && t.kind === "time" && t.value.kind === "span";

/** "Since Christmas", "assessed in January": how long something has been, not when to come. */
function sincePast(said: Said, f: Found): boolean {
  const before = said.norm.slice(Math.max(0, f.start - 40), f.start);
  if (/\bsince\b[^.,;?!]{0,30}$/.test(before)) return true;
  return f.kind === "day" && f.rule === "day/month" && /\b(?:was|were|been|had|did|last|assessed|started|began|ago)\b[^.;?!]*$/.test(before);
}

/** A length that only some of the services in question have tells which are meant. */
function narrow(house: ReadContext["house"], offered: Found[], size: readonly Found[]): void {
  const minutes = size.find((l) => l.kind === "length" && typeof l.value === "number" && !/-by$/.test(l.rule));
  if (minutes?.kind !== "length") return;
  offered.forEach((f, i) => {
    if (f.kind !== "service" || f.value.length < 2) return;
    const fit = f.value.filter((id) => house.services.get(id)?.variants.some((v) => v.lengthMin === minutes.value));
    if (fit.length === 1) offered[i] = { ...f, value: fit, rule: "service/by-length", assumed: house.services.get(fit[0] as string)?.name ?? "" };
  });
}

/** Whether what is named is held for several at a time. */
const forSeveral = (house: ReadContext["house"], f: Found): boolean =>
  f.kind === "service" && f.value.length === 1 && house.services.get(f.value[0] as string)?.group !== undefined;

/** "A long medical certificate", of a service that comes in several lengths. */
function longOrShort(said: Said, house: ReadContext["house"], offered: readonly Found[]): Found[] {
  return offered.flatMap((f): Found[] => {
    const word = /\b(long|short)(?:er|est)? $/.exec(said.norm.slice(0, f.start));
    const [id] = f.kind === "service" && f.value.length === 1 ? f.value : [];
    if (!word || id === undefined || (house.services.get(id)?.variants.length ?? 0) < 2) return [];
    return [{ kind: "length", value: word[1] === "long" ? "long" : "short", rule: "length/long-short", start: word.index, end: f.start - 1 }];
  });
}

/** "Two flu jabs": how many of a thing are wished for. */
function counted(said: Said, house: ReadContext["house"], offered: readonly Found[]): Found[] {
  return offered.flatMap((f): Found[] => {
    // "Two for Pilates": of what is held for several, how many come.
    const come = forSeveral(house, f)
      ? /(?:^|[,.;!?] ?|\b(?:book|put|have|take|get|want|need|like|make it|reserve|down|us|yes|hi|hello|and) )(two|three|four|five|six|[2-6]) (?:for|in|at|to) $/.exec(
          said.norm.slice(0, f.start),
        )
      : null;
    if (come)
      return [
        {
          kind: "places",
          value: CARDINALS[come[1] as string] ?? Number(come[1]),
          rule: "places/for-the",
          start: come.index + come[0].indexOf(come[1] as string),
          end: f.start - 1,
        },
      ];
    const number = /\b(two|three|four|[2-4]) $/.exec(said.norm.slice(0, f.start));
    if (!number || f.kind !== "service" || f.value.length !== 1 || !/[^s]s$/.test(said.norm.slice(f.start, f.end))) return [];
    // What is called by a word in the plural is no more than one by it.
    if (house.services.get(f.value[0] as string)?.also.some((a) => a.toLowerCase() === said.norm.slice(f.start, f.end))) return [];
    return [{ kind: "places", value: CARDINALS[number[1] as string] ?? Number(number[1]), rule: "places/of-a-thing", start: number.index, end: f.start - 1 }];
  });
}

/** "Shockwave, please. I had my assessment in February": what somebody has had, beside what they wish for. */
function hadBefore(said: Said, offered: readonly Found[]): Found[] {
  const services = offered.filter((f) => f.kind === "service");
  const past = services.filter((f) =>
    /\b(?:i|we|he|she)(?: (?:had|did|got|finished|completed)|(?:'ve| have)(?: already)? (?:had|done|finished|completed)) (?:my|an?|the|our|his|her) (?:\w+ )?$/.test(
      said.norm.slice(0, f.start),
    ),
  );
  // "I had a test last year", of which nothing more is wished for.
  const long = past.filter((f) => AGO.test(said.norm.slice(f.end)));
  return past.length < services.length ? past : long;
}

function timeFinds(said: Said, at: Moment): Found[] {
  const out: Found[] = [];
  if (!MAY_BE_TIME.test(said.norm)) return out;
  for (const rule of TIME_RULES)
    for (const m of eachMatch(rule.pattern, said.norm)) {
      const v = rule.value(m, at);
      if (v)
        out.push({
          kind: "time",
          value: v.value,
          rule: rule.name,
          start: m.index,
          end: m.index + m[0].trimEnd().length,
          ...(v.assumed ? { assumed: v.assumed } : {}),
        });
    }
  return out;
}

function dayFinds(said: Said, at: Moment): Found[] {
  const own = ownDayRule(at.house);
  const rules = MAY_BE_DAY.test(said.norm) ? DAY_RULES : [];
  return [...rules, ...(own ? [own] : [])].flatMap((rule) => daysBy(said, at, rule));
}

function daysBy(said: Said, at: Moment, rule: DayRule): Found[] {
  const out: Found[] = [];
  for (const m of eachMatch(rule.pattern, said.norm)) {
    const v = rule.value(m, at);
    if (v)
      out.push({
        kind: "day",
        value: v.value,
        rule: rule.name,
        start: m.index,
        end: m.index + m[0].length,
        ...(v.assumed ? { assumed: v.assumed } : {}),
        ...(v.weekday ? { weekday: v.weekday } : {}),
        ...(rule.name === "day/weekday" && /\bthe $/.test(said.norm.slice(0, m.index)) ? { definite: true as const } : {}),
      });
  }
  return out;
}

/** Of finds that overlap, keeps the longest (the earlier rule where equal). Those of `others` win when strictly longer. */
function longest(finds: Found[], others: readonly Found[]): Found[] {
  const kept: Found[] = [];
  const size = (f: Found): number => f.end - f.start;
  for (const f of [...finds].sort((a, b) => size(b) - size(a))) {
    if (kept.some((k) => overlap(k, f))) continue;
    if (others.some((o) => overlap(o, f) && size(o) > size(f) && !shares(o, f))) continue;
    kept.push(f);
  }
  return kept;
}

/** Puts what was found aside, so that what is left speaks of the errand. */
function mask(said: Said, found: readonly Found[]): string {
  const shown = found
    .filter(
      (f) =>
        ["day", "time", "service", "length", "staff", "name", "phone", "email", "places"].includes(f.kind) &&
        !(f.kind === "staff" && f.value === "any") &&
        !(f.kind === "day" && f.value.kind === "soonest"),
    )
    .sort((a, b) => a.start - b.start || b.end - a.end);
  let out = "";
  let pos = 0;
  for (const f of shown) {
    if (f.start < pos) continue;
    const several = f.kind === "service" && f.rule === "service/several";
    // "Instead of three" stays to be seen: it tells that one hour is to take another's place.
    const instead = f.rule === "time/not-but" ? (/^(?:instead of|rather than|in place of) /.exec(said.norm.slice(f.start, f.end))?.[0] ?? "") : "";
    out += said.norm.slice(pos, f.start) + (several ? `<service>` : `${instead}<${f.kind}>`);
    pos = f.end;
  }
  return (out + said.norm.slice(pos)).replace(/\s+/g, " ").trim();
}

function isQuestion(said: Said): boolean {
  return (
    /\?/.test(said.norm) ||
    /(?:^|[.,!;]\s*)(?:(?:and|so|but|oh|hi|hello|hey|um|also|ok|okay|well|right|hm|sorry|actually|great|just|quick (?:one|question))[ ,:]+)*(?:what|how|where|when|who|whom|whose|which|why|do(?! (?:it|that|so|this)\b)|does|did|is|are|am|can|could|will|would|should|shall|ought|must|has|have|may|might|any(?! (?:time|day) (?:on|in|next|this|after|before|from|between|is|will|would|suits|works))|anything|anyone|anybody|need i)\s/.test(
      said.norm.trim(),
    ) ||
    /\b(?:i (?:was )?wonder(?:ing)?|do you know|tell me|i'd like to know|wants? to know|(?:know|ask|see|check) (?:if|whether))\b/.test(said.norm)
  );
}

function isEmergency(said: Said, context: ReadContext): boolean {
  const e = context.house.emergency;
  const text = ` ${said.norm.replace(/[^a-z0-9' ]+/g, " ").replace(/\s+/g, " ")} `;
  return e.words.some((w) => inOrder(text, w)) && !IN_GENERAL.test(text.trim());
}

/** Whether a message says a phrase: its words in their order, endings aside, with few between. */
export function says(text: string, phrase: string): boolean {
  return inOrder(
    ` ${normalise(text)
      .norm.replace(/[^a-z0-9' ]+/g, " ")
      .replace(/\s+/g, " ")} `,
    phrase,
  );
}

const ordered = new Map<string, RegExp>();

/** All the words of a phrase, in their order, with up to two words between each. */
function inOrder(text: string, phrase: string): boolean {
  let pattern = ordered.get(phrase);
  if (!pattern) {
    const words = normalise(phrase).tokens.map((t) => t.text.replace(/[^a-z0-9']/g, ""));
    pattern = new RegExp(`(?<![a-z])${words.map((w) => w + "(?:s|ing|ed)?").join("(?: [a-z']+){0,2} ")}(?![a-z])`);
    if (ordered.size > 5000) ordered.clear();
    ordered.set(phrase, pattern);
  }
  return pattern.test(text);
}

function limitOf(said: Said, context: ReadContext): string | null {
  const text = ` ${said.norm.replace(/[^a-z0-9' ]+/g, " ").replace(/\s+/g, " ")} `;
  for (const l of context.house.limits) if (l.words.some((w) => inOrder(text, w))) return l.id;
  return null;
}

/** What a subject is called where a house or every receptionist names it. */
const SUBJECT: Record<string, string> = {
  refunds: "refund",
  discounts: "discount",
  advice: "diagnose",
  others: "who else is booked",
  private: "private number",
};

/** The house's limit on a subject that was guessed. */
function limitOn(subject: string, context: ReadContext): string | null {
  const text = ` ${SUBJECT[subject] ?? subject} `;
  return context.house.limits.find((l) => l.words.some((w) => inOrder(text, w)))?.id ?? null;
}

const CHANGING = new Set<string>(["go-ahead", "slot"]);

/** Beside a yes or a no, a remark that only seems to ask asks nothing: "What a lovely voice you have. That works." */
const SURELY_ASKED = 0.9;
const guessedAsk = (e: ErrandRead): boolean => e.errand.startsWith("ask-") && e.rule.endsWith("/examples");

/** A service heard by a word in passing, not by a name of its own. */
const WEAK_SERVICE = /^service\/(?:telling-word|several)$/;

/** So many parts of a message are looked at for a wish of their own: nobody asks for more at once. */
const MOST_CLAUSES = 8;
/** How much of a message is judged as a whole; less where it has so many parts that each is judged by itself. */
const LONGEST_WISH = 400;
const LONGEST_OF_MANY = 200;

function errandsOf(said: Said, masked: string, found: readonly Found[], context: ReadContext): Judged {
  const rest = masked
    .replace(/<\w+>/g, " ")
    .replace(/[^a-z' ]/g, " ")
    .trim();
  const words = rest.split(/\s+/).filter(Boolean);
  const left = words.filter((w) => !COMMON.has(w));
  const open = context.expects === undefined || context.expects === "errand" || context.expects === "anything";
  // A bare answer to what was asked.
  if (!open && found.length > 0 && words.length <= 4 && left.length === 0 && !ASKS_OR_ACTS.test(masked) && !/\b(?:good)?bye\b/.test(masked))
    return { errands: [], clauses: [], subject: null };
  // A service's name alone asks nothing yet.
  const bareWords = words.filter((w) => !/^(?:a|an|the|one|some|my|please|hi|hello|hey|just)$/.test(w));
  if (open && bareWords.length === 0 && found.some((f) => f.kind === "service") && found.every((f) => f.kind === "service") && !/\?/.test(masked))
    return { errands: [], clauses: [], subject: null };
  // A day, a time, a name by itself asks nothing either.
  if (open && bareWords.length === 0 && !/\?/.test(masked) && found.every((f) => !["service", "staff", "shift"].includes(f.kind)))
    return { errands: [], clauses: [], subject: null };
  // "Could we make it a bit earlier" moves what was offered, not what is booked.
  if (context.expects === "slot" && found.some((f) => f.kind === "shift") && !found.some((f) => f.kind === "service"))
    return { errands: [], clauses: [], subject: null };
  // In answer to a question, "lovely, thanks" agrees, and "perfect, book it" does too where nothing new is named.
  const agrees =
    (!open || context.expects === "anything") &&
    !/\?/.test(masked) &&
    found.some((f) => f.kind === "yes" && !/^(?:wait|hang on|hold on|one (?:moment|sec\w*))\b/.test(said.norm.slice(f.start, f.end)));
  const vocabulary = lexiconOf(context.house).vocabulary;
  const parts = clauses(said.norm)
    .slice(0, MOST_CLAUSES)
    .map((c) => {
      const own = found.filter((f) => f.start >= c.from && f.end <= c.to).map((f) => ({ ...f, start: f.start - c.from, end: f.end - c.from }));
      const part = { ...said, norm: c.text };
      return {
        ...c,
        masked: mask(part, own),
        bare: mask(
          part,
          own.filter((f) => f.rule !== "service/telling-word"),
        ),
      };
    });
  // In a long message the wish stands at its beginning or in a part of its own.
  const named = found.some((f) => f.kind === "staff" || (f.kind === "service" && !WEAK_SERVICE.test(f.rule)));
  const passing = found.some((f) => f.kind === "service" && f.rule === "service/telling-word");
  const bare = passing
    ? mask(
        said,
        found.filter((f) => f.kind !== "service" || f.rule !== "service/telling-word"),
      )
    : masked;
  const longest = parts.length < MOST_CLAUSES ? LONGEST_WISH : LONGEST_OF_MANY;
  const judged = judge(masked.slice(0, longest), bare.slice(0, longest), parts, (w) => vocabulary.has(w), open, named);
  // "Could it be an hour later" to what is read back changes what is being booked, not what is.
  if (!open && CHANGING.has(context.expects ?? "") && !/\b(?:my|our|appointment|booking|reschedule)\b/.test(masked))
    judged.errands = judged.errands.filter((e) => e.errand !== "move" || !e.rule.endsWith("/examples"));
  // Nor does "could it be two" ask for a diagnosis there: an hour, a day or a choice answers what was asked.
  if (!open && found.some((f) => ["time", "day", "shift", "choice"].includes(f.kind)))
    judged.errands = judged.errands.filter((e) => e.errand !== "refused" || !e.rule.endsWith("/examples"));
  if (!agrees) return judged;
  const fresh = found.some((f) => ["day", "time", "service", "staff", "length", "shift"].includes(f.kind));
  return {
    ...judged,
    errands: judged.errands.filter(
      (e) =>
        (e.errand !== "thanks-bye" || (open && THANKS.test(masked)) || FAREWELL.test(masked)) &&
        (e.errand !== "book" || fresh || open) &&
        (!guessedAsk(e) || e.sure >= SURELY_ASKED),
    ),
  };
}

/** The slots of the public interface: only what the message says. */
export type Slots = Record<string, unknown>;

/** Errands in which a word of a service's name may well be only that word: "do I bring my own guitar". */
const ASKS_ASIDE = new Set<string>(["ask-service", "ask-place", "ask-policy", "message"]);

/** Whether one word of a service's name stands for it there: "the class", "a trial", "the gait thing". */
function meant(reading: Reading, f: FoundOf<"service">, house: ReadContext["house"]): boolean {
  const before = reading.said.slice(0, f.start).toLowerCase();
  const after = reading.said.slice(f.end).toLowerCase();
  if (/^ (?:thing|one|stuff|service|session|visit|appointment)\b/.test(after)) return true;
  if (!/\b(?:an?|the|your|this|for) $/.test(before)) return false;
  const s = house.services.get(f.value[0] ?? "");
  const word = reading.said.slice(f.start, f.end).toLowerCase();
  return [s?.name ?? "", ...(s?.also ?? [])].some((name) => name.toLowerCase().split(/[ -]/).at(-1) === word || name.toLowerCase().split(/[ -]/)[0] === word);
}

/** Writes a reading's finds as the public interface's slots. */
export function slotsOf(reading: Reading, context: ReadContext): Slots {
  const { house } = context;
  const out: Slots = {};
  const split = reading.found.some((f) => f.part !== undefined);
  const aside = reading.errands.length === 1 && ASKS_ASIDE.has(reading.errands[0]?.errand ?? "");
  const services = ofKind(reading.found, "service")
    .filter((f) => !aside || f.rule !== "service/telling-word" || meant(reading, f, house))
    .map((f) => f.value);
  const one = services.find((s) => s.length === 1) ?? services[0];
  if (one?.length === 1) out["service"] = house.services.get(one[0] as string)?.name;
  else if (one) out["service_candidates"] = one.map((s) => house.services.get(s)?.name);
  const length = last(ofKind(reading.found, "length").filter((l) => !/-by$/.test(l.rule)));
  if (length) {
    const minutes = lengthOf(context, one?.length === 1 ? one[0] : undefined, length.value);
    if (minutes !== null) out["length_min"] = minutes;
    else if (typeof length.value === "string") out["choice"] = length.value === "long" ? "last" : "first";
  }
  // A kind of work that several do names nobody.
  const named = ofKind(reading.found, "staff").filter((s) => !s.not && (s.rule !== "staff/role" || s.value.length === 1));
  const nameOf = (s: FoundOf<"staff">): string | undefined => (s.value === "any" ? "any" : house.staff.get(s.value[0] as string)?.name);
  const person = named.find((s) => s.value !== "any" && s.part !== "new") ?? named.find((s) => s.part !== "new");
  const wished = named.find((s) => s.part === "new");
  // Of several who would all do, none is the one.
  const several = new Set(named.filter((s) => s.part === undefined && s.value !== "any").map((s) => nameOf(s))).size > 1;
  if (person && !several) out["staff"] = nameOf(person);
  if (wished) out["new_staff"] = nameOf(wished);
  const gender = last(ofKind(reading.found, "gender"));
  if (gender) out["staff_gender"] = gender.value;
  for (const part of split ? (["old", "new", undefined] as const) : [undefined]) writeWhen(out, reading, context, part);
  const value = <K extends "name" | "phone" | "email" | "places" | "choice" | "shift" | "yes" | "for-whom">(kind: K, key: string): void => {
    const f = last(ofKind(reading.found, kind));
    if (f) out[key] = (f as { value: unknown }).value;
  };
  value("name", "name");
  value("phone", "phone");
  value("email", "email");
  value("for-whom", "for_whom");
  // "My daughter and I" are two places in a class; of other visits each has their own.
  const group = one?.length === 1 && house.services.get(one[0] as string)?.group !== undefined;
  const counted = last(ofKind(reading.found, "places"));
  const wishes = !reading.errands.some((e) => ["refused", "out-of-scope", "cancel", "emergency", "thanks-bye"].includes(e.errand));
  if (counted && wishes && (counted.rule !== "places/both" || group)) value("places", "places");
  value("choice", "choice");
  value("shift", "shift");
  // "Thanks, that's all" and "yes hi, I'd like to book" agree to nothing.
  const answered = reading.errands.length === 0 || (context.expects !== undefined && context.expects !== "errand");
  if (answered && !ofKind(reading.found, "staff").some((s) => s.value === "any") && out["choice"] === undefined) value("yes", "yes");
  return out;
}

const last = <T>(list: readonly T[]): T | undefined => list[list.length - 1];

/** Minutes of a said length: "the long one" picks among the service's own. */
export function lengthOf(context: ReadContext, service: string | undefined, value: number | "long" | "short"): number | null {
  if (typeof value === "number") return value;
  const own = service ? (context.house.services.get(service)?.variants.map((v) => v.lengthMin) ?? []) : [];
  if (own.length === 0) return null;
  return value === "long" ? Math.max(...own) : Math.min(...own);
}

function writeWhen(out: Slots, reading: Reading, context: ReadContext, part: Part | undefined): void {
  const key = (k: string): string => (part ? `${part}_${k}` : k);
  // "Any day" leaves the day open, and names none.
  const anyDay = (d: FoundOf<"day">): boolean => d.value.kind === "soonest" && /^any day/.test(reading.said.slice(d.start, d.end).toLowerCase());
  const days = ofKind(reading.found, "day").filter((d) => (d.not || d.part === part) && !anyDay(d));
  const today = momentOf(context).today;
  let day: DayNumber | undefined = context.day;
  for (const d of days) {
    const v = d.value;
    if (d.not) {
      const set = (k: string, list: unknown[]): void => {
        out[k] = [...new Set([...((out[k] as unknown[] | undefined) ?? []), ...list])];
      };
      if (v.kind === "weekdays") set("exclude_weekdays", v.weekdays.map(weekdayName));
      else if (v.kind === "days" && d.rule === "day/weekday" && d.weekday) set("exclude_weekdays", [weekdayName(d.weekday)]);
      else if (v.kind === "days" && v.from !== undefined && v.to !== undefined)
        for (let x = v.from; x <= v.to && x < v.from + 31; x++) set("exclude_dates", [isoOfDay(x)]);
      continue;
    }
    if (v.kind === "ask" || v.kind === "either") {
      out[key("date_candidates")] = v.days.map(isoOfDay);
      out[key("date_choice")] = v.kind;
    } else if (v.kind === "relative") {
      if (v.byDays !== 0) out["shift"] = v.byDays > 0 ? "later" : "earlier";
    } else if (v.kind === "weekdays") out[key("weekdays")] = v.weekdays.map(weekdayName);
    else if (v.kind === "soonest") {
      if (!days.some((o) => o !== d) && context.expects !== "slot") out[key("date_from")] = isoOfDay(today);
    } else if (
      d.rule === "day/weekday" &&
      d.weekday &&
      (part === "old" ||
        // Of an appointment that exists, a weekday is any coming one, but for "this Friday".
        ((context.expects === "which-appointment" || reading.errands[0]?.errand === "ask-mine") &&
          !/\b(?:this|coming)\b/i.test(reading.text.slice(d.start, d.end))))
    )
      out[key("weekdays")] = [weekdayName(d.weekday)];
    else if (v.from !== undefined && v.from === v.to) {
      out[key("date")] = isoOfDay(v.from);
      day = v.from;
    } else {
      if (v.from !== undefined) out[key("date_from")] = isoOfDay(v.from);
      if (v.to !== undefined) out[key("date_to")] = isoOfDay(v.to);
    }
  }
  const times = ofKind(reading.found, "time").filter((t) => t.part === part);
  const merged = mergeTimes(times, context, day);
  if (!merged) return;
  if (merged.waits) out[key("part")] = merged.waits;
  const w = merged.wish;
  if (w.nearMin !== undefined && w.fromMin === w.toMin) out[key("time")] = clockText(w.nearMin);
  else {
    if (w.fromMin !== undefined) out[key("time_from")] = clockText(w.fromMin);
    if (w.toMin !== undefined) {
      out[key("time_to")] = clockText(w.toMin);
      out[key("time_to_is")] = w.toIs;
    }
  }
}

/** Two times as one wish: a clock time stands by itself, bounds are drawn together. */
function mergeOf(merged: TimeRead | null, r: TimeRead): TimeRead {
  if (!merged || r.wish.nearMin !== undefined) return r;
  if (merged.wish.nearMin !== undefined) return merged;
  const wish: TimeWish = { ...merged.wish };
  if (r.wish.fromMin !== undefined) wish.fromMin = Math.max(wish.fromMin ?? 0, r.wish.fromMin);
  if (r.wish.toMin !== undefined && (wish.toMin === undefined || r.wish.toMin < wish.toMin)) {
    wish.toMin = r.wish.toMin;
    wish.toIs = r.wish.toIs ?? "start";
  }
  return { ...merged, wish };
}

/** Several times of one message make one wish: "in the afternoon, after three". */
export function mergeTimes(times: readonly FoundOf<"time">[], context: ReadContext, day: DayNumber | undefined): TimeRead | null {
  let merged: TimeRead | null = null;
  const part = times.find((t) => t.value.kind === "span");
  for (const t of times) {
    let r = readTime(context.house, t.value, day, context.staff);
    // "Ten in the morning", "at 8 in the evening": the part settles the half.
    if (
      part &&
      part !== t &&
      t.value.kind !== "span" &&
      t.value.kind !== "between" &&
      t.value.kind !== "part" &&
      t.value.kind !== "same" &&
      !t.value.at.certain &&
      part.value.kind === "span"
    ) {
      if (part.value.name?.startsWith("not-")) {
        merged = mergeOf(merged, r);
        continue;
      }
      const pm = (part.value.fromMin ?? 0) >= 720;
      const hour = (t.value.at.hour % 12) + (pm ? 12 : 0);
      r = readTime(context.house, { ...t.value, at: { ...t.value.at, hour, certain: true } }, day, context.staff);
    }
    merged = mergeOf(merged, r);
  }
  // "Friday afternoon or Saturday morning": parts of the day that leave nothing between them belong to a day each.
  const { fromMin, toMin } = merged?.wish ?? {};
  if (fromMin !== undefined && toMin !== undefined && fromMin >= toMin && times.length > 1 && times.every((t) => t.value.kind === "span")) return null;
  return merged;
}

/** A message's errands and slots in the public form, for reading without a conversation. */
export function readPublic(text: string, context: ReadContext): { errand: Errand; errands: Errand[]; slots: Slots; sure: number; rules: string[] } {
  const reading = read(text, context);
  const errands = reading.errands.map((e) => e.errand);
  return {
    errand: errands[0] ?? "none",
    errands,
    slots: slotsOf(reading, context),
    sure: Math.round(reading.sure * 100) / 100,
    rules: [...reading.errands.map((e) => e.rule), ...reading.found.map((f) => f.rule)],
  };
}
