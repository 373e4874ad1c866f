import {
  AND_ALSO,
  AND_ANOTHER,
  AND_ONE,
  AND_ONE_FOR,
  AND_THEN,
  AND_ANOTHER_THING,
  AND_THE_SAME_DAY,
  BEHIND_AND,
  DAY_TOO,
  BETWEEN_THEM,
  MARKS_THE_SECOND,
  ONLY_A_COMMA,
  FOR_ALL,
  GOES_ON_LISTING,
  HERS_TOO,
  LINKS,
  LINKS_VISITS,
  MAY_THEY,
  SAYS_AND,
  SAYS_THEN,
  SAYS_OR,
  SMALL_BETWEEN,
  THE_FIRST_ONE,
  THE_SECOND_ONE,
  TO_ANOTHER_KIND,
} from "../language/packs/en/doing.ts";
import { likely } from "../knowledge/likely.ts";
import { isAsk, isGuess } from "../language/errand.ts";
import { ofKind, type Found, type FoundOf } from "../language/found.ts";
import { read, type Reading } from "../language/read.ts";
import { withEach } from "./eachperson.ts";
import { contextOf } from "./context.ts";
import { applyOld } from "./errands/old.ts";
import { applyToBook } from "./errands/apply.ts";
import { applyWish } from "./errands/wished.ts";
import { dropHold } from "./errands/offering.ts";
import { newBook, newCancel, newMove } from "./tasks.ts";
import { bothMoved, bothOff } from "./both.ts";
import { alike } from "./parallel.ts";
import { asAsked, begin } from "./start.ts";
import { CARDINALS } from "../language/packs/en/words.ts";
import { weekdayNumber, weekdayOf, type WeekdayName } from "../time/days.ts";
import type { Task } from "./state.ts";
import type { Turn } from "./turn.ts";
import { AILS, AND_ADDS, COULD_COME, ON_EACH, ON_THAT_DAY, STRAIGHT_AFTER, TWICE } from "../language/packs/en/talk.ts";

/** What each part of a message wants done, where it wants several things done, in the order said. */
interface Deed {
  errand: "book" | "move" | "cancel";
  reading: Reading;
  /** Right after the one before it. */
  rightAfter?: boolean;
}

/** What tells of things that ail somebody may be taken for any of these. */
const MAY_BE_A_WISH: readonly string[] = ["book", "move", "message", "ask-availability", "ask-service", "out-of-scope"];
/** A thing by its article. */
const THE_FIRST = /^the\b/i;
/** More needs in one breath are not taken apart. */
const MOST_NEEDS = 3;
const DEEDS: readonly string[] = ["book", "move", "cancel"];

/** The deeds of a message that names more than one; none where it names only one. */
export function deedsOf(t: Turn, reading: Reading): Deed[] {
  const named = reading.errands.map((e, i) => ({ e, part: reading.clauses[i] })).filter(({ e }) => DEEDS.includes(e.errand) || e.errand === "ask-availability");
  const besideAsking = t.state.task ? null : namedBesideAsking(t, reading);
  if (besideAsking) return [besideAsking];
  if (named.length > 1 && named.every((n) => n.part)) {
    const context = contextOf(t.house, t.now, t.state);
    return named.map(({ e, part }) => {
      const errand = e.errand === "ask-availability" ? "book" : (e.errand as Deed["errand"]);
      const from = part?.from ?? 0;
      const text = reading.said.slice(from, part?.to === Infinity ? undefined : part?.to);
      const own = read(text, { ...context, expects: "errand", errand });
      // "Cancel Thursday and book me for the Wednesday after": measured from the day that another part named.
      const settled = (f: Found): Found => {
        const whole = f.kind === "day" && f.value.kind === "relative" ? ofKind(reading.found, "day").find((d) => d.end === f.end + from) : undefined;
        return whole && whole.value.kind !== "relative" && f.kind === "day" ? { ...f, value: whole.value } : f;
      };
      return { errand, reading: { ...own, found: own.found.map(settled) } };
    });
  }
  const off = t.state.task ? null : bothOff(t, reading);
  if (off) return off.map((own) => ({ errand: "cancel" as const, reading: own }));
  const needs = t.state.task ? [] : needsOf(t, reading);
  if (needs.length > 1) return needs;
  const swap = t.state.task ? null : exchanged(t, reading);
  if (swap)
    return [
      { errand: "book", reading: { ...reading, found: swap[1] } },
      { errand: "cancel", reading: { ...reading, found: swap[0] } },
    ];
  const added = t.state.task ? null : addsOne(reading);
  if (added)
    return [
      { errand: "move", reading: partOf(reading, added.moved) },
      { errand: "book", reading: partOf(reading, added.added), rightAfter: true },
    ];
  const moved = t.state.task ? null : bothMoved(t, reading);
  if (moved) return moved.map((own) => ({ errand: "move" as const, reading: own }));
  const alone = besidesQuestions(reading);
  if (alone && !t.state.task) return deedsOf(t, alone);
  // "The brows tomorrow and the lashes on Friday", of times that were offered for one of them: both are booked.
  const open = t.state.task;
  const anew = open?.errand === "book" && !open.hold && bookings(reading, () => false).length > 1;
  if (reading.errands.every((e) => e.errand === "book" || e.errand === "ask-availability") && (!open || anew)) {
    const two = alike(t, reading);
    if (two)
      return [
        { errand: "book", reading: two.first },
        { errand: "book", reading: two.second, ...(two.follows ? { rightAfter: true } : {}) },
      ];
    // "A place in the class for me and one for my wife": of what several come to, two places.
    const places =
      ofKind(reading.found, "places").length > 0 && ofKind(reading.found, "service").every((f) => f.value.every((id) => t.house.services.get(id)?.group));
    const whom = places ? null : oneMoreFor(reading);
    if (whom) {
      const next = STRAIGHT_AFTER.test(reading.said.slice(ofKind(reading.found, "for-whom").at(-1)?.start));
      // "For me and one for my brother, at nine and ten": an hour for each.
      const hours = ofKind(reading.found, "time").filter((x) => x.value.kind === "at");
      const each = hours.length === whom.length && !next;
      return whom.map((found, i) => ({
        errand: "book" as const,
        reading: partOf(
          reading,
          found.filter((f) => (f.kind !== "time" || !(each ? hours.includes(f) && f !== hours[i] : next && i > 0)) && !(next && i > 0 && f.kind === "day")),
        ),
        ...(next && i > 0 ? { rightAfter: true } : {}),
      }));
    }
    const series = inSeries(t, reading);
    if (series) return series.map((found) => ({ errand: "book" as const, reading: partOf(reading, found) }));
    const twice = bothDays(reading);
    if (twice) return twice.map((found) => ({ errand: "book" as const, reading: partOf(reading, found) }));
    const does = (who: string, service: string): boolean => t.house.services.get(service)?.staff.includes(who) ?? false;
    const each = eachAtItsHour(t, reading);
    if (each) return each.map((found) => ({ errand: "book" as const, reading: partOf(reading, found) }));
    const groups = bookings(reading, does);
    const pair = groups.length > 1 ? [] : together(reading, does);
    // One after the other, where nothing else is said: nobody comes twice for what can be done at once.
    if (pair.length > 1) return pair.map((found, i) => ({ errand: "book" as const, reading: partOf(reading, found), ...(i > 0 ? { rightAfter: true } : {}) }));
    const row = groups.length > 1 ? null : inARow(reading);
    if (row)
      return [
        { errand: "book", reading: partOf(reading, row.first) },
        { errand: "book", reading: partOf(reading, row.second), ...(row.follows ? { rightAfter: true } : {}) },
      ];
    if (groups.length > 1) return groups.map((found) => ({ errand: "book" as const, reading: partOf(reading, found) }));
    const withTwo = withEach(t, reading);
    if (withTwo)
      return [
        { errand: "book", reading: partOf(reading, withTwo.first) },
        { errand: "book", reading: partOf(reading, withTwo.second), ...(withTwo.follows ? { rightAfter: true } : {}) },
      ];
  }
  return [];
}

/** "Move the ballet to Wednesday and tell me what a trial lesson costs": what is moved is named in its own part, by a word that the other name hides; null where nothing is hidden. */
function namedBesideAsking(t: Turn, reading: Reading): Deed | null {
  const i = reading.errands.findIndex((e) => e.errand === "move" || e.errand === "cancel");
  const part = reading.clauses[i];
  const errand = reading.errands[i]?.errand;
  if (!part || (errand !== "move" && errand !== "cancel") || !reading.errands.every((e, k) => k === i || isAsk(e.errand))) return null;
  const own = read(reading.said.slice(part.from, part.to === Infinity ? undefined : part.to), {
    ...contextOf(t.house, t.now, t.state),
    expects: "errand",
    errand,
  });
  const named = ofKind(own.found, "service").map((f) => ({ ...f, start: f.start + part.from, end: f.end + part.from }));
  if (named.length === 0 || ofKind(reading.found, "service").some((f) => f.start >= part.from && f.start < part.to)) return null;
  return { errand, reading: { ...reading, found: [...reading.found.filter((f) => f.kind !== "service"), ...named] } };
}

/** The reading of one of several visits: what was found of it, and the words without the other visits' services. */
function partOf(reading: Reading, found: Found[]): Reading {
  const others = ofKind(reading.found, "service").filter((f) => !found.some((own) => own.kind === "service" && own.start === f.start));
  const text = others.reduce((words, f) => words.slice(0, f.start) + " ".repeat(f.end - f.start) + words.slice(f.end), reading.text);
  return { ...reading, text, found };
}

/** "Make my gels the longer one and add a pedicure after": what is moved, and what is booked right after it. */
function addsOne(reading: Reading): { moved: Found[]; added: Found[] } | null {
  const [only, other] = reading.errands;
  const [a, b, third] = ofKind(reading.found, "service");
  if (only?.errand !== "move" || other || !a || !b || third || b.value.some((s) => a.value.includes(s))) return null;
  if (!AND_ADDS.test(reading.said.slice(a.end, b.start))) return null;
  const who = reading.found.filter((f) => ["name", "phone", "email"].includes(f.kind));
  return { moved: reading.found.filter((f) => f.start < b.start || who.includes(f)), added: [b, ...who] };
}

/** "My phone won't charge and my wife's laptop is slow, can we bring both on Thursday": a visit for each of the things that ail them. */
function needsOf(t: Turn, reading: Reading): Deed[] {
  const [only, another] = reading.errands;
  if (another || (only && !(isGuess(only) && MAY_BE_A_WISH.includes(only.errand)))) return [];
  const ailing = [...reading.said.matchAll(/[^,;.?!]+/g)]
    .flatMap((m) => {
      let from = m.index;
      return m[0].split(BEHIND_AND).map((text) => ({ text, from, to: (from += text.length) }));
    })
    .filter((p) => AILS.test(p.text));
  // "My phone fell and the glass is broken": what is the matter with the one thing.
  const theirs = ailing.filter((p) => !THE_FIRST.test(AILS.exec(p.text)?.[0] ?? ""));
  if (theirs.length > 0 && theirs.length < ailing.length) ailing.splice(0, ailing.length, ...theirs);
  if (ailing.length < 2 || ailing.length > MOST_NEEDS) return [];
  const context = contextOf(t.house, t.now, t.state);
  const parts = ailing.map((p) => ({ ...p, reading: read(p.text, { ...context, expects: "errand" }) }));
  const best = parts.map((p) => likely(t.house, p.text)[0] ?? ofKind(p.reading.found, "service").find((s) => s.value.length === 1)?.value[0]);
  if (best.some((b) => b === undefined) || new Set(best).size < best.length) return [];
  const shared = reading.found.filter((f) => f.kind !== "service" && f.kind !== "places" && !parts.some((p) => f.start >= p.from && f.end <= p.to));
  return parts.map((p) => ({ errand: "book" as const, reading: { ...p.reading, found: [...p.reading.found.filter((f) => f.kind !== "yes"), ...shared] } }));
}

/** "I need a will and a power of attorney, can that be done in one go": the part that wishes, where the others only ask; null where there is none such. */
function besidesQuestions(reading: Reading): Reading | null {
  const i = reading.errands.findIndex((e) => e.errand === "book");
  const part = reading.clauses[i];
  if (!part || !reading.errands.every((e, k) => k === i || e.errand.startsWith("ask-"))) return null;
  const found = reading.found.filter((f) => f.start >= part.from && f.start < part.to);
  return { ...reading, found, errands: reading.errands.slice(i, i + 1), clauses: [], question: false };
}

/** "A taping tomorrow and a class on Thursday": the finds of each visit, where every one of them has its own day. */
function bookings(reading: Reading, does: (who: string, service: string) => boolean): Found[][] {
  const days = ofKind(reading.found, "day").filter((d) => !d.not && d.value.kind === "days" && d.value.from === d.value.to);
  const services = ofKind(reading.found, "service");
  const between = reading.said.slice(days[0]?.end ?? 0, days[1]?.start ?? 0);
  // "Wednesday's Pilates and Saturday's too", unless they are days on which somebody could come.
  const also =
    days.length === 2 &&
    services.length === 1 &&
    !COULD_COME.test(reading.said.slice(0, days[0]?.start)) &&
    (AND_ALSO.test(between) || (SAYS_AND.test(between) && DAY_TOO.test(reading.said.slice(days[1]?.end))));
  const counted = also || (days.length === 2 && AND_ANOTHER.test(between));
  const named =
    days.length === 2 && services.length === 2 && services[0]?.value[0] !== services[1]?.value[0] && (services[1]?.start ?? 0) > (days[0]?.end ?? 0);
  if (!counted && !named) return [];
  // What follows the first day up to "and" is still the first visit's: "Wednesday at 9 and a follow-up on Friday".
  const from = days[0]?.end ?? 0;
  const until = (named ? services[1]?.start : days[1]?.start) ?? from;
  const link = [...reading.said.slice(from, until).matchAll(LINKS)].at(-1);
  const cut = link ? from + link.index : named ? until : from;
  const shared = FOR_ALL.exec(reading.said);
  const own = (f: Found, second: boolean): boolean => (second ? f.start >= cut : f.start < cut) || (shared !== null && f.start > shared.index);
  // How many come is said once of both: "the class on Monday and the one on Wednesday, for two".
  const many = ofKind(reading.found, "places");
  const ofBoth = (f: Found): boolean => counted && f.kind === "places" && many.length === 1;
  const first = reading.found.filter((f) => own(f, false) || ofBoth(f));
  const second = reading.found.filter((f) => own(f, true) || ofBoth(f));
  // What only the first names is meant of the second as well: "one manual lesson on Tuesday and one on Thursday".
  const carried = first.filter(
    (f) =>
      ["service", "length", "staff", "time"].includes(f.kind) &&
      (counted || (f.kind === "staff" && (f.value === "any" || f.value.some((w) => services[1]?.value.some((s) => does(w, s)))))) &&
      !second.some((s) => s.kind === f.kind),
  );
  return [first, [...carried, ...second]];
}

/** "A massage on Thursday at noon and one for my brother": a visit for the speaker, and the same for somebody else. */
function oneMoreFor(reading: Reading): Found[][] | null {
  const whom = ofKind(reading.found, "for-whom").at(-1);
  if (
    !whom ||
    ofKind(reading.found, "service").length === 0 ||
    !(
      // "An appointment for my mom and one for me".
      AND_ONE_FOR.test(reading.said.slice(whom.end)) ||
      AND_ONE.test(reading.said.slice(0, whom.start)) ||
      // "And my wife would like hers right after".
      (AND_THEN.test(reading.said.slice(0, whom.start)) && HERS_TOO.test(reading.said.slice(whom.end)))
    )
  )
    return null;
  const shared = reading.found.filter((f) => ["service", "day", "time", "length", "staff", "gender"].includes(f.kind));
  return [reading.found.filter((f) => f !== whom && f.kind !== "places"), [...shared, whom]];
}

const oneDay = (d: FoundOf<"day">): boolean => d.value.kind === "days" && d.value.from !== undefined && d.value.from === d.value.to;

/** "Taping on the 4th and the 11th, both at nine": a visit on each day. */
function bothDays(reading: Reading): Found[][] | null {
  const days = ofKind(reading.found, "day").filter((d) => !d.not);
  const [only, other] = days;
  // "Twice, this Wednesday at nine and next week Wednesday at ten": each day with the hour that follows it.
  if (days.length === 2 && only && other && TWICE.test(reading.said) && ofKind(reading.found, "service").length <= 1 && [only, other].every(oneDay)) {
    const parts = [
      [only.start, other.start],
      [other.start, Infinity],
    ] as const;
    const times = ofKind(reading.found, "time");
    return parts.map(([from, to]) => {
      const own = times.filter((f) => f.start >= from && f.start < to);
      return reading.found.filter(
        (f) => f.kind !== "places" && (f.kind !== "day" || (f.start >= from && f.start < to)) && (f.kind !== "time" || own.length === 0 || own.includes(f)),
      );
    });
  }
  if (days.length !== 1 || only?.value.kind !== "either" || only.value.days.length !== 2) return null;
  const words = reading.said.slice(only.start, only.end);
  // "Aqua gym on Tuesday and on Thursday": both, unless they are days on which somebody could come.
  const before = reading.said.slice(0, only.start);
  // "Can I do the class on Monday, and on Thursday as well": both, though it is asked whether they could.
  const too = DAY_TOO.test(reading.said.slice(only.end)) && MAY_THEY.test(before);
  const onEach = (ON_EACH.test(words) || too) && ofKind(reading.found, "service").length === 1 && (too || !COULD_COME.test(before));
  if (!SAYS_AND.test(words) || SAYS_OR.test(words) || !(TWICE.test(reading.said) || onEach)) return null;
  return only.value.days.map((day) =>
    reading.found.filter((f) => onEach || f.kind !== "places").map((f) => (f === only ? { ...only, value: { kind: "days" as const, from: day, to: day } } : f)),
  );
}

const NUMBER = "two|three|four|[2-4]";
const WEEKDAY = "(?:mon|tues|wednes|thurs|fri|satur|sun)day";
const OFTEN: Record<string, number> = { twice: 2, thrice: 3 };
const SERIES = [
  // "Every Tuesday at four, twice".
  new RegExp(`\\bevery (?<other>other |second )?(?<day>${WEEKDAY})s?\\b[^.;?!]*?\\b(?:(?<n>${NUMBER}) times|(?<often>twice|thrice))\\b`, "i"),
  new RegExp(
    `\\bevery (?<other>other |second )?(?<day>${WEEKDAY})s?\\b.*?\\bfor (?:the )?(?:next )?(?<n>${NUMBER}) (?<unit>weeks|times|visits|sessions|lessons)\\b`,
    "i",
  ),
  new RegExp(`\\b(?<day>${WEEKDAY})s?\\b[^.;?!]*?\\bfor (?:the )?next (?<n>${NUMBER}) (?<unit>weeks)\\b`, "i"),
  new RegExp(`\\bnext (?<n>${NUMBER}) (?<day>${WEEKDAY})s\\b`, "i"),
  new RegExp(`\\b(?<n>${NUMBER}) (?<day>${WEEKDAY})s in a row\\b`, "i"),
  new RegExp(
    `\\b(?<n>${NUMBER}) (?<unit>sessions|visits|lessons|times|appointments|classes)\\b[^.;?!]*?\\bon (?:consecutive|successive|(?:the )?following) (?<day>${WEEKDAY})s\\b`,
    "i",
  ),
];

/** "Every Tuesday at ten for the next three weeks": a visit on each of the days. */
function inSeries(t: Turn, reading: Reading): Found[][] | null {
  const m = SERIES.map((pattern) => pattern.exec(reading.said)?.groups).find((g) => g !== undefined);
  const number = (m?.["n"] ?? m?.["often"])?.toLowerCase();
  if (!m?.["day"] || number === undefined) return null;
  const said = OFTEN[number] ?? CARDINALS[number] ?? Number(number);
  const other = m["other"] !== undefined;
  const many = other && m["unit"] === "weeks" ? Math.ceil(said / 2) : said;
  const today = t.house.zone.toLocal(t.now).day;
  const weekday = weekdayNumber(`${m["day"].charAt(0).toUpperCase()}${m["day"].slice(1).toLowerCase()}` as WeekdayName);
  // "… starting the 9th": from then on.
  const from = ofKind(reading.found, "day").find((d) => d.rule === "day/from" && d.value.kind === "days")?.value;
  const after = from?.kind === "days" && from.from !== undefined ? from.from - 1 : today;
  const first = after + ((weekday - weekdayOf(after) + 7) % 7 || 7);
  // The number is of visits, and no length or number of people.
  const kept = reading.found.filter((f) => f.kind !== "day" && f.kind !== "places" && f.kind !== "shift");
  const at = ofKind(reading.found, "day")[0];
  return Array.from({ length: many }, (_, i): Found[] => {
    const day = first + i * (other ? 14 : 7);
    return [...kept, { kind: "day", value: { kind: "days", from: day, to: day }, rule: "day/in-series", start: at?.start ?? 0, end: at?.end ?? 0 }];
  });
}

/** So near before an hour stands what it is the hour of, in letters. */
const OF_THIS_HOUR = 28;

/** The words that a service is called by. */
function wordsOfService(t: Turn, id: string): string[] {
  const service = t.house.services.get(id);
  return [service?.name ?? "", ...(service?.also ?? [])].flatMap((name) => name.toLowerCase().match(/[a-z]+/g) ?? []);
}

/** "A cut and a shave tomorrow, the cut at nine and the shave at ten": each of two with its own hour; null where not both have one. */
function eachAtItsHour(t: Turn, reading: Reading): Found[][] | null {
  const [a, b, third] = new Set(ofKind(reading.found, "service").flatMap((s) => (s.value.length === 1 ? s.value : [])));
  const times = ofKind(reading.found, "time").filter((x) => x.value.kind === "at");
  // "The same day, Tuesday the 16th": one day, told twice.
  const days = ofKind(reading.found, "day");
  const sameDay = days.length === 2 ? days.find((d) => d.value.kind === "relative" && d.value.byDays === 0 && d.value.weekday === undefined) : undefined;
  if (a === undefined || b === undefined || third !== undefined || times.length !== 2 || (days.length > 1 && !sameDay)) return null;
  // Whose hour it is: of the two, the one that the words right before it are of, by whatever the house calls it.
  const names = new Map([a, b].map((id) => [id, new Set(wordsOfService(t, id))]));
  const own = times.map((x) => {
    const before =
      reading.said
        .slice(Math.max(0, x.start - OF_THIS_HOUR), x.start)
        .toLowerCase()
        .match(/[a-z]+/g) ?? [];
    return before.reverse().flatMap((w) => [a, b].filter((id) => names.get(id)?.has(w) && !names.get(id === a ? b : a)?.has(w)))[0];
  });
  // "Braces off and a retainer, the first at ten and the second at half past eleven": in the order in which they were named.
  const named = ofKind(reading.found, "service").filter((s) => s.value.length === 1);
  const afterBoth = times.every((x) => x.start > Math.max(...[a, b].map((id) => named.find((s) => s.value[0] === id)?.start ?? 0)));
  const [hour1, hour2] = times.map((x) => reading.said.slice(0, x.start));
  const counted = afterBoth && THE_FIRST_ONE.test(hour1 ?? "") && THE_SECOND_ONE.test(hour2 ?? "");
  const inOrder = counted || (own[0] === undefined && own[1] === undefined && afterBoth && SAYS_AND.test(reading.said.slice(times[0]?.end, times[1]?.start)));
  const [first, second] = inOrder || (own[0] === a && own[1] === b) ? times : own[0] === b && own[1] === a ? [...times].reverse() : [];
  if (!first || !second) return null;
  return [
    { id: a, hour: first },
    { id: b, hour: second },
  ].map(({ id, hour }) => {
    const does = (who: string): boolean => t.house.services.get(id)?.staff.includes(who) === true;
    return reading.found.filter(
      (f) =>
        f !== sameDay &&
        (f.kind !== "service" || f.value[0] === id) &&
        (f.kind !== "time" || f === hour) &&
        (f.kind !== "staff" || f.value === "any" || f.value.some(does)),
    );
  });
}

/** "A puncture and a basic service on Friday at ten": two visits of one day, the second at any hour of it. */
function together(reading: Reading, does: (who: string, service: string) => boolean): Found[][] {
  const services = ofKind(reading.found, "service");
  const [a, b] = services;
  // "Can I get a cut and a shave on Friday" wishes for both; "what are a cut and a shave" does not.
  if (reading.question && !reading.errands.some((e) => e.errand === "book" || e.errand === "ask-availability")) return [];
  if (services.length > 2) return listed(reading, services);
  if (services.length !== 2 || !a || !b || a.value.length !== 1 || b.value.length !== 1 || a.value[0] === b.value[0]) return [];
  // "1) acupuncture 2) Pilates", "a cut + a shave", "a cut, a shave, both on Friday": a list of two.
  const between = reading.said.slice(a.end, b.start);
  const twoOfAList = MARKS_THE_SECOND.test(between) || (ONLY_A_COMMA.test(between) && FOR_ALL.test(reading.said));
  // "A chain to mend and an earring to polish": what is to be done with each stands between them.
  const eachToBeDone = AND_ANOTHER_THING.test(between) && !reading.found.some((f) => f.start >= a.end && f.end <= b.start);
  if (!AND_THE_SAME_DAY.test(between) && !twoOfAList && !eachToBeDone) return [];
  // "Pilates and also a massage right after, an hour, Nell if possible": what follows the second is of that one where only it can be.
  const ofSecond = (f: Found): boolean =>
    f.start > b.end &&
    ((f.kind === "length" && !reading.found.some((o) => o.kind === "length" && o.start < b.start)) ||
      (f.kind === "staff" && f.value !== "any" && f.value.some((w) => does(w, b.value[0] as string) && !does(w, a.value[0] as string))));
  const ofFirst = (f: Found): boolean =>
    f.kind === "staff" && f.value !== "any" && f.value.every((w) => does(w, a.value[0] as string) && !does(w, b.value[0] as string));
  return [
    reading.found.filter((f) => f !== b && !ofSecond(f)),
    reading.found.filter((f) => f !== a && !ofFirst(f) && f.kind !== "time" && (f.kind !== "length" || ofSecond(f))),
  ];
}

/** More are not taken one after the other. */
const MOST_LISTED = 4;

/** "Brows, lashes and a tan": each of several that are listed, the second and the others right after the one before. */
function listed(reading: Reading, services: FoundOf<"service">[]): Found[][] {
  const ids = services.flatMap((s) => s.value);
  if (services.length > MOST_LISTED || ids.length !== services.length || new Set(ids).size < ids.length) return [];
  const gaps = services.slice(1).map((s, i) => reading.said.slice(services[i]?.end, s.start));
  if (
    !gaps.every((gap, i) => (i < gaps.length - 1 ? GOES_ON_LISTING : AND_THE_SAME_DAY).test(gap)) ||
    BETWEEN_THEM.test(reading.said.slice(0, services[0]?.start))
  )
    return [];
  return services.map((own, i) => reading.found.filter((f) => (f.kind !== "service" || f === own) && (i === 0 || f.kind !== "time")));
}

/**
 * "Could my massage be changed to acupuncture": one service is to take another's place. The new one is booked before
 * the old one is cancelled, so that nothing is lost on the way. What is said of the old visit, and of the new.
 */
function exchanged(t: Turn, reading: Reading): [Found[], Found[]] | null {
  if (reading.errands.length !== 1 || reading.errands[0]?.errand !== "move") return null;
  // "Instead" may have made the second of them correct the first.
  const all = [...reading.corrected, ...reading.found].filter((f) => f.kind === "service").sort((x, y) => x.start - y.start);
  const only = all.length === 1 ? all[0] : undefined;
  // Beside a name, a word that stands for several services is heard by itself: "my massage".
  if (only) all.unshift(...ofKind(read(reading.said.slice(0, only.start), contextOf(t.house, t.now, t.state)).found, "service"));
  const [a, b, third] = all;
  if (a?.kind !== "service" || b?.kind !== "service" || third || b.value.length !== 1 || a.value.some((s) => b.value.includes(s))) return null;
  if (!TO_ANOTHER_KIND.test(reading.said.slice(a.end, b.start))) return null;
  const who = reading.found.filter((f) => ["name", "phone", "email"].includes(f.kind));
  const plain = (f: Found): Found => {
    const { part: _, ...rest } = f;
    return rest;
  };
  const old = [...all, ...reading.found.filter((f) => f.kind !== "service")].filter(
    (f) => f.start < b.start && f.part !== "new" && ["service", "day", "time", "staff"].includes(f.kind),
  );
  const wish = reading.found.filter(
    (f) => f === b || (f.part === "new" && f.kind !== "service") || (f.start > b.end && ["day", "time", "staff", "length"].includes(f.kind)),
  );
  return [
    [...old.map(plain), ...who],
    [...wish.map(plain), ...who],
  ];
}

/** "Taping on Thursday at nine and a follow-up right after": the second, of the same day unless it says another, and whether it comes right after the first; null where there are no such two. */
function inARow(reading: Reading): { first: Found[]; second: Found[]; follows: boolean } | null {
  const [a, b, third] = ofKind(reading.found, "service");
  if (!a || !b || third || a.value.length !== 1 || b.value.length !== 1 || a.value[0] === b.value[0]) return null;
  if (reading.question && !reading.errands.some((e) => e.errand === "book")) return null;
  const before = reading.said.slice(a.end, b.start);
  const link = [...before.matchAll(LINKS_VISITS)].at(-1);
  if (!link) return null;
  const cut = a.end + link.index;
  const behind = cut + link[0].length;
  // Between the two, nothing but each visit's own day, hour, length and person may stand.
  const bare = (from: number, to: number): string => {
    let words = reading.said.slice(from, to);
    for (const f of [...reading.found].sort((x, y) => y.start - x.start))
      if (f.start >= from && f.end <= to) words = words.slice(0, f.start - from) + words.slice(f.end - from);
    return words;
  };
  const small = SMALL_BETWEEN;
  if (!small.test(bare(a.end, cut)) || !small.test(bare(behind, b.start))) return null;
  const first = reading.found.filter((f) => f.start < cut || ["name", "phone", "email", "for-whom"].includes(f.kind));
  const second = reading.found.filter((f) => f.start >= cut);
  const shared = first.filter((f) => f.kind === "day" && f.start < cut && !second.some((s) => s.kind === "day"));
  // "A cut at ten and a shave at eleven, both on Saturday": the day at the end is of both.
  const ofBoth = second.filter((f) => f.kind === "day" && !first.some((s) => s.kind === "day"));
  const own = first.filter((f) => f.kind !== "for-whom" || f.start < cut);
  // "A scan and after that a consultation, Wednesday from two": the first is at the hour, the second follows it.
  const timed = (f: Found): boolean => f.kind === "time" && !own.some((o) => o.kind === "time");
  const rightAfter = STRAIGHT_AFTER.test(reading.said.slice(a.end));
  // "The simulator at eleven and then a fitting": what comes then comes after it, unless it has an hour of its own.
  const then = SAYS_THEN.test(before) && !second.some((f) => f.kind === "time");
  return {
    first: [...own, ...ofBoth, ...(rightAfter ? second.filter(timed) : [])],
    second: [...shared, ...(rightAfter ? second.filter((f) => !timed(f)) : second)],
    follows: rightAfter || then,
  };
}

/** Takes up several deeds: the first at once, the others after it, in their order. */
export function takeUp(t: Turn, deeds: readonly Deed[]): void {
  const tasks = deeds.map(({ errand, reading: part, rightAfter }, i): Task => {
    // "Two appointments, acupuncture on Thursday and a follow-up on Monday": those that are named.
    const reading = deeds.length > 1 ? { ...part, found: part.found.filter((f) => f.rule !== "places/visits") } : part;
    const context = { ...contextOf(t.house, t.now, t.state), errand };
    if (errand === "book") {
      const task = { ...newBook(), ...(rightAfter ? { rightAfter } : {}) };
      applyToBook(t, task, reading, context);
      // "Could I swap my check-up for a clean that same morning": on the day of what is given up.
      if (deeds.some((d) => d.errand === "cancel") && !task.wish.days && ON_THAT_DAY.test(reading.said)) task.sameDay = true;
      if (i === 0) asAsked(t, task, reading);
      return task;
    }
    if (errand === "move") {
      const task = newMove();
      applyOld(task, reading, context, false);
      applyWish(t, task, reading, context);
      return task;
    }
    const task = newCancel();
    applyOld(task, reading, context, true);
    return task;
  });
  const [first, ...rest] = tasks;
  if (!first) return;
  // What is planned anew takes the place of what was being booked; what is wished besides does not.
  const open = t.state.task;
  if (open?.errand === "book" && tasks.some((x) => x.errand === "book" && x.service !== undefined && x.service === open.service)) {
    dropHold(t, open);
    t.state.task = null;
  }
  begin(t, first);
  t.state.later.push(...rest.reverse());
  if (tasks.every((x) => x.errand === "book")) t.say("book/one-each");
  t.rule("several/one-after-the-other");
}
