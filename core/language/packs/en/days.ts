import { addMonths, dayFrom, dayOfIso, lastOfMonth, mondayOf, nthWeekday, partsOf, weekdayOf, type DayNumber } from "../../../time/days.ts";
import { closedDay, type House } from "../../../house/compile.ts";
import type { Moment } from "../../context.ts";
import type { DayValue } from "../../found.ts";
import { normalise } from "../../text.ts";
import { HOLIDAYS } from "./holidays.ts";
import { OF_A_WEEK_TOLD, OF_THAT_WEEK } from "./joining.ts";
import { CARDINALS, FROM_NOW, DAY_NUMBER, DAY_NUMBERS, MONTH, MONTH_WORDS, ORDINAL, ORDINALS, WEEKDAY, WEEKDAY_WORDS } from "./words.ts";

export interface DayReading {
  value: DayValue;
  assumed?: string;
  weekday?: number;
}

/** One way to say a day. `value` gives null where the words turn out to be something else. */
export interface DayRule {
  name: string;
  pattern: RegExp;
  value(m: RegExpExecArray, at: Moment): DayReading | null;
}

const one = (day: DayNumber): DayValue => ({ kind: "days", from: day, to: day });
const span = (from: DayNumber, to: DayNumber): DayValue => ({ kind: "days", from, to });
const wd = (word: string): number => WEEKDAY_WORDS[word.toLowerCase()] ?? 0;
const count = (word: string): number => (/^\d+$/.test(word) ? Number(word) : (CARDINALS[word] ?? (/couple/.test(word) ? 2 : 0)));

/** The next such weekday to come; today counts as long as the house has not closed. */
function coming(at: Moment, weekday: number): DayNumber {
  const ahead = (weekday - weekdayOf(at.today) + 7) % 7;
  return at.today + (ahead === 0 && at.closedForToday ? 7 : ahead);
}

/** A week after the coming one, counted from today when today is that weekday. */
function weekAfter(at: Moment, weekday: number): DayNumber {
  const ahead = (weekday - weekdayOf(at.today) + 7) % 7;
  return at.today + ahead + 7;
}

/** The next such date to come: today counts as long as the house has not closed. */
function nextDate(at: Moment, date: number): DayNumber | null {
  const { year, month } = partsOf(at.today);
  for (let i = 0; i < 12; i++) {
    const y = year + Math.floor((month - 1 + i) / 12);
    const day = dayFrom(y, ((month - 1 + i) % 12) + 1, date);
    if (day !== null && (day > at.today || (day === at.today && !at.closedForToday))) return day;
  }
  return null;
}

function nextMonthDate(at: Moment, month: number, date: number, year?: number): DayNumber | null {
  if (year !== undefined) return dayFrom(year < 100 ? 2000 + year : year, month, date);
  const now = partsOf(at.today).year;
  for (let y = now; y < now + 9; y++) {
    const day = dayFrom(y, month, date);
    if (day !== null && day >= at.today) return day;
  }
  return null;
}

/** What exists is to be changed, or is missed. */
const OF_WHAT_EXISTS = /\b(?:cancel|call off|mov(?:e|ing)\b|reschedul|chang|shift|swap|skip|miss|push|bring forward|when|my next)/;

/** A weekday and a date that may not agree: both are named then. */
function agree(day: DayNumber | null, weekday: number): DayReading | null {
  if (day === null) return null;
  if (weekdayOf(day) === weekday) return { value: one(day) };
  const forward = (weekday - weekdayOf(day) + 7) % 7;
  const nearest = forward <= 3 ? day + forward : day + forward - 7;
  return { value: { kind: "ask", days: [nearest, day].sort((a, b) => a - b) } };
}

const week = (at: Moment, weeks: number): DayNumber => mondayOf(at.today) + weeks * 7;

function third(which: string, from: DayNumber, to: DayNumber, kind: "week" | "month"): DayValue {
  if (kind === "week") {
    if (/early|start|begin|first/.test(which)) return span(from, from + 1);
    if (/mid/.test(which)) return span(from + 2, from + 3);
    return span(from + 4, to);
  }
  if (/early|start|begin/.test(which)) return span(from, from + 9);
  if (/mid/.test(which)) return span(from + 10, from + 19);
  return /late/.test(which) ? span(from + 20, to) : span(to - 6, to);
}

function monthSpan(at: Moment, month: number): { from: DayNumber; to: DayNumber } {
  const now = partsOf(at.today);
  const year = month < now.month ? now.year + 1 : now.year;
  return { from: dayFrom(year, month, 1) ?? at.today, to: lastOfMonth(year, month) };
}

const ahead = (at: Moment, value: DayValue): DayValue =>
  value.kind === "days" && value.from !== undefined && value.from < at.today ? { ...value, from: at.today } : value;

const N = `\\d{1,2}|${Object.keys(CARDINALS)
  .filter((w) => w.length > 2)
  .join("|")}|(?:a )?couple(?: of)?|a|an`;
/** Right before a date in words without its article: another that has it. */
const AFTER_A_DATE = new RegExp(`\\bthe (?:${ORDINAL}|\\d{1,2}(?:st|nd|rd|th)),? (?:or|and|to) $`);
const NTH = `(\\d{1,2})(?:st|nd|rd|th)|(${ORDINAL})`;
const nth = (digits: string | undefined, word: string | undefined): number =>
  digits ? Number(digits) : word ? (ORDINALS[word] ?? DAY_NUMBERS[word.replace("-", " ")] ?? 0) : 0;
/** A number in words right after a month is its day, where it counts nothing else: "March sixteen", and not "in March two people" or "may one". */
const SPOKEN_DAY = `(?:${DAY_NUMBER})(?! (?:of|more|or|others?|people|persons?|adults?|children|kids|places?|visits?|appointments?|sessions?|lessons?|times?|hours?|minutes?|days?|weeks?|months?|o'clock|am|pm|a\\.m|p\\.m|i|we|can|could|may|thirty|fifteen|forty|fifty)\\b)(?<!\\bmay one)`;
/** Birthdays that are called by their number, whose they are, and what is said of visits by their date. */
const BIRTHDAYS = new Set([1, 16, 18, 21, 30]);
const OWN_BEFORE = /\b(?:my|his|her|our|their) (?:big |own |upcoming )?$/;
const CHANGED = /\b(?:move|change|cancel|reschedule|shift|push|swap|appointment|booking|visit)\b/;
/** Two dates of one month with what joins them between. */
const DATE_TO_DATE = "(\\d{1,2})(?:st|nd|rd|th)? ?(?:-|to|through|thru|until|till) ?(?:the )?(\\d{1,2})(?:st|nd|rd|th)?";
/** Abbreviated weekdays that are also words need a sign of a day before them. */
/** After "sat": somebody did, and no Saturday is meant. */
const SAT_SOMEWHERE = /^ (?:in (?:with|on)|down|with|through|beside|next to)\b/;
const UNSURE = new Set(["sat", "mon", "wed", "fri", "tue"]);
/** After one of these such a word is what somebody did: "she's never sat on a horse". */
const VERB_BEFORE = /\b(?:i|we|she|he|you|never|ever|has|have|had|(?:i|we|she|he|they|you)'(?:ve|s|d)) $/;

/** The open days of a weekend: one, either of two, or both where the house is shut on both, which is then said. */
function openOf(at: Moment, saturday: DayNumber): DayValue {
  const days = [saturday, saturday + 1].filter((d) => d > at.today || (d === at.today && !at.closedForToday));
  const open = days.filter((d) => at.house.openOn(d).length > 0);
  if (open.length === 2) return { kind: "either", days: open };
  return open.length === 1 ? one(open[0] as DayNumber) : ahead(at, span(saturday, saturday + 1));
}

/** Days that everyone knows by a name. */
const NAMED =
  "(?:maundy|holy) thursday|good friday|(?:shrove|pancake) tuesday|palm sunday|holy saturday|april fool'?s?'?(?: day)?|(?:saint|st\\.?) stephen'?s(?: day)?|easter (?:sunday|monday|saturday|tuesday|friday)|easter|ash wednesday|whit monday|christmas(?: day| eve)?|boxing day|(?<!\bthe |\bhappy )new year'?s?(?: day| eve)?|hallowe'?en|valentine'?s(?: day)?|(?:saint|st\\.?) patrick'?s(?: day)?|patrick'?s day|padd(?:y|ie)'?s(?: day)?|mother'?s day|mothering sunday|father'?s day|tax day";

/** "Easter weekend", "the Victoria Day long weekend": the one that the day is in or stands beside. */
/** What follows a holiday where its name only tells of what kind something is: "Christmas cards". */
const OF_ITS_KIND =
  "(?!(?:'s|s'?)? (?:cards?|part(?:y|ies)|presents?|gifts?|vouchers?|photos?|pictures?|portraits?|dinner|lunch|tree|shopping|markets?|decorations?|jumpers?|play|concert|hampers?|eggs?|bunn(?:y|ies)|sales?|theme[ds]?|colou?rs?|nails|pudding|crackers?|songs?|carols?|bonus|special|offers?)\\b)";
const ITS_WEEKEND = "(?: (?:long )?weekend\\b)?";

/** The visit that somebody has, as what is measured from. */
const OWN_VISIT =
  "(?:the one (?:(?:that )?i(?:'ve| have)(?: got)?|before|i(?:'m| am) down for)|(?:my|the) (?:current |last |next |other |first |existing )?(?:appointment|visit|one|lesson|session|booking))";

export const DAY_RULES: DayRule[] = [
  { name: "day/after-tomorrow", pattern: /\b(?:the )?day after tomorrow\b/g, value: (_m, at) => ({ value: one(at.today + 2) }) },
  {
    name: "day/tomorrow-or-after",
    pattern: /\b(?:tomorrow|tmrw|tmr) or (?:the )?day after(?! tomorrow)\b/g,
    value: (_m, at) => ({ value: { kind: "either", days: [at.today + 1, at.today + 2] } }),
  },
  { name: "day/tomorrow", pattern: /\b(?:tomorrow|tommorow|tomorow|tommorrow|tmrw|tmr|2morrow)\b/g, value: (_m, at) => ({ value: one(at.today + 1) }) },
  {
    name: "day/tomorrow-week",
    pattern: new RegExp(`\\b(?:tomorrow week|(${N}) weeks? (?:from )?tomorrow|(a|tomorrow) fortnight(?: (?:from )?tomorrow)?)\\b`, "g"),
    value: (m, at) => {
      if (m[2] && !/tomorrow/.test(m[0])) return null;
      return { value: one(at.today + 1 + 7 * (m[2] ? 2 : m[1] ? count(m[1]) : 1)) };
    },
  },
  {
    name: "day/weeks-on-weekday",
    pattern: new RegExp(`\\b(${N}) weeks? (?:on|from|this)(?: coming)? (${WEEKDAY})\\b|\\b(${WEEKDAY}) in (${N}) weeks?(?:' time)?\\b`, "g"),
    value: (m, at) => {
      const n = count(m[1] ?? m[4] ?? "");
      const weekday = wd(m[2] ?? m[3] ?? "");
      // "Tuesday in two weeks" lies in the week that is so many ahead; "two weeks on Tuesday" counts from the coming one.
      return n ? { value: one(m[1] ? weekAfter(at, weekday) + 7 * (n - 1) : mondayOf(at.today) + 7 * n + weekday - 1) } : null;
    },
  },
  {
    name: "day/weeks-today",
    pattern: new RegExp(`\\b(${N}) (week|month)s? today\\b`, "g"),
    value: (m, at) => {
      const n = count(m[1] ?? "");
      return n ? { value: one(m[2] === "week" ? at.today + 7 * n : addMonths(at.today, n)) } : null;
    },
  },
  {
    // "This time next week", "about this time next month".
    name: "day/this-time-next",
    pattern: /\bthis time next (week|month)\b/g,
    value: (m, at) => ({ value: one(m[1] === "week" ? at.today + 7 : addMonths(at.today, 1)) }),
  },
  {
    name: "day/weekday-of-week",
    pattern: new RegExp(
      `\\b(?:on )?(${WEEKDAY}) (?:(?:of )?(next|this) week|(?:of |in )?the week (after next|after))\\b|\\b(?:next|the) week'?s (${WEEKDAY})\\b|\\b(next|this) week,? on (?:the )?(${WEEKDAY})\\b|\\bthe week (after next|after),? (?:on (?:the )?)?(${WEEKDAY})\\b`,
      "g",
    ),
    value: (m, at) => {
      const weeks = m[2] === "this" || m[5] === "this" ? 0 : m[3] === "after next" || m[7] === "after next" ? 2 : 1;
      const weekday = wd(m[1] ?? m[4] ?? m[6] ?? m[8] ?? "");
      return { value: one(week(at, weeks) + weekday - 1), weekday };
    },
  },
  {
    name: "day/within",
    pattern: new RegExp(
      `\\b(?:with?in|in|over|during) (?:the next |the coming )(${N})? ?(days?|weeks?|fortnight|months?|few days)(?:' time)?\\b|\\bwithin (${N}) (days?|weeks?|fortnight|months?)\\b`,
      "g",
    ),
    value: (m, at) => {
      const unit = m[2] ?? m[4] ?? "";
      if (/few/.test(unit)) return { value: { kind: "days", from: at.today } };
      const n = count(m[1] ?? m[3] ?? "a") || 1;
      const to = /^day/.test(unit) ? at.today + n : /^week/.test(unit) ? at.today + 7 * n : /^fort/.test(unit) ? at.today + 14 : addMonths(at.today, n);
      return { value: span(at.today, to) };
    },
  },
  {
    name: "day/weekdays",
    pattern: /\b(?:on )?(?:week ?days?|working days|(?<!\b(?:a|normal|regular) )working day)(?: only)?\b/g,
    value: () => ({ value: { kind: "weekdays", weekdays: [1, 2, 3, 4, 5] } }),
  },
  {
    name: "day/weeknights",
    pattern: /\b(?:on )?(?:week ?nights(?: only)?|any week ?night)\b/g,
    value: () => ({ value: { kind: "weekdays", weekdays: [1, 2, 3, 4, 5] } }),
  },
  {
    name: "day/midweek",
    pattern: /\bmid[- ]?week(?:,? (?:of )?(next week))?\b/g,
    value: (m, at) => ({ value: m[1] ? span(week(at, 1) + 2, week(at, 1) + 3) : ahead(at, span(week(at, 0) + 2, week(at, 0) + 3)) }),
  },
  {
    name: "day/week-of",
    pattern: new RegExp(
      `\\bthe week (?:of|starting|beginning|commencing)(?: on)?(?: the)? (?:(?:(\\d{1,2})(?:st|nd|rd|th)?|(${ORDINAL}))(?: of)?(?: (${MONTH}))?|(${MONTH}) (?:the )?(\\d{1,2})(?:st|nd|rd|th)?)\\b`,
      "g",
    ),
    value: (m, at) => {
      const month = m[3] ?? m[4];
      const date = m[5] ? Number(m[5]) : nth(m[1], m[2]);
      const day = month ? nextMonthDate(at, MONTH_WORDS[month] ?? 0, date) : nextDate(at, date);
      return day === null ? null : { value: ahead(at, span(mondayOf(day), mondayOf(day) + 6)) };
    },
  },
  {
    // "The weekend of the 13th": the one that the day is in, or stands before.
    name: "day/weekend-of",
    pattern: new RegExp(
      `\\b(?:the |that )?weekend (?:of|around)(?: the)? (?:(?:(\\d{1,2})(?:st|nd|rd|th)?|(${ORDINAL}))(?: of)?(?: (${MONTH}))?|(${MONTH}) (?:the )?(\\d{1,2})(?:st|nd|rd|th)?)\\b`,
      "g",
    ),
    value: (m, at) => {
      const month = m[3] ?? m[4];
      const date = m[5] ? Number(m[5]) : nth(m[1], m[2]);
      const day = month ? nextMonthDate(at, MONTH_WORDS[month] ?? 0, date) : nextDate(at, date);
      if (day === null) return null;
      const saturday = mondayOf(day) + 5;
      return { value: { kind: "either", days: [saturday, saturday + 1] } };
    },
  },
  {
    // "The last day of March", "the first day of next month".
    name: "day/end-of-month",
    pattern: new RegExp(`\\b(?:the )?(?:very )?(first|last)(?: day)? (?:of|in) (?:(${MONTH})|(next|this|the) month)\\b`, "g"),
    value: (m, at) => {
      const now = partsOf(at.today).month;
      const s = monthSpan(at, m[2] ? (MONTH_WORDS[m[2]] ?? 1) : m[3] === "next" ? (now % 12) + 1 : now);
      if (m[1] === "last") return { value: one(s.to) };
      return / day /.test(m[0]) && s.from >= at.today ? { value: one(s.from) } : null;
    },
  },
  {
    // "The next two Fridays".
    name: "day/next-few",
    pattern: new RegExp(`\\b(?:either of |one of )?the next (two|three|four|2|3|4) (${WEEKDAY})\\b`, "g"),
    value: (m, at) => {
      const weekday = wd(m[2] ?? "");
      return { value: { kind: "either", days: Array.from({ length: count(m[1] ?? "") }, (_, i) => coming(at, weekday) + 7 * i) } };
    },
  },
  {
    name: "day/week-of-month",
    pattern: new RegExp(`\\b(?:the )?(first|second|third|last) (week|half) (?:of|in) (?:(${MONTH})|(next|this) month)\\b`, "g"),
    value: (m, at) => {
      const now = partsOf(at.today);
      const s = monthSpan(at, m[3] ? (MONTH_WORDS[m[3]] ?? 1) : m[4] === "next" ? (now.month % 12) + 1 : now.month);
      if (m[2] === "half") return { value: ahead(at, m[1] === "first" ? span(s.from, s.from + 14) : span(s.from + 15, s.to)) };
      const n = { first: 0, second: 1, third: 2, last: -1 }[m[1] ?? "first"] ?? 0;
      return { value: ahead(at, n < 0 ? span(s.to - 6, s.to) : span(s.from + 7 * n, s.from + 7 * n + 6)) };
    },
  },
  {
    // "Thursday of that week": of the week of the day that was spoken of, or of the visit that is being moved.
    name: "day/of-that-week",
    pattern: new RegExp(
      `\\b(?:on |for )?(?:the )?(${WEEKDAY}) (?:of |in )?(?:that|the same)(?: same)? week\\b|\\b(?:that|the same)(?: same)? week,? (?:on )?(?:the )?(${WEEKDAY})\\b`,
      "g",
    ),
    value: (m) => ({ value: { kind: "relative", byDays: 0, weekday: wd(m[1] ?? m[2] ?? "") } }),
  },
  {
    name: OF_THAT_WEEK,
    pattern: new RegExp(
      `(?<=\\b(?:any ?(?:day|time|thing|one|body)|some ?(?:day|time|thing)|(?:an?|any|another|some|other|different) (?:[a-z]+ )?(?:day|morning|afternoon|evening|slot|time|space|gap|appointment)s?|mornings|afternoons|evenings|else|free|available|possible|open|(?:has|have|got|is)) (?:in |of |during |on |for )?)(?:that|the same)(?: same)? week\\b(?!,? (?:on )?(?:the )?(?:${WEEKDAY}))`,
      "g",
    ),
    value: () => ({ value: { kind: "relative", byDays: 0 } }),
  },
  {
    name: "day/relative",
    pattern: new RegExp(
      `\\b(?:on )?the (?:(day|week)|(${WEEKDAY})) (after|before)(?: that)?(?! (?:tomorrow|next|the\\b|<|my\\b|lunch|work|school|class|dinner|breakfast|noon|midday|hours|\\d|${WEEKDAY}|${MONTH}))(?=\\W|$)|\\b(?:the same|(?<=\\belse [^.;?!]{0,30})that) (day)\\b|\\bthat same (day)\\b|\\bthe following (?:(day|week)|(${WEEKDAY}))\\b|\\b(?:to|on|for|until|till) the next (day|week)\\b|\\b(?:the )?next (day)(?=\\W*$|,? (?:at )?(?:the )?same\\b)`,
      "g",
    ),
    value: (m) => {
      // By itself or before "the same time", where nothing else is said before it.
      if (m[9] && !/^\W*(?:(?:ok|okay|then|maybe|so|how about|what about)\W+)*$/.test(m.input.slice(0, m.index))) return null;
      if (m[4] || m[5]) return { value: { kind: "relative", byDays: 0 } };
      if (m[6] || m[7]) return { value: { kind: "relative", ...(m[7] ? { weekday: wd(m[7]) } : {}), byDays: m[6] === "day" ? 1 : 7 } };
      if (m[8] || m[9]) return { value: { kind: "relative", byDays: m[8] === "week" ? 7 : 1 } };
      const sign = m[3] === "after" ? 1 : -1;
      return { value: { kind: "relative", ...(m[2] ? { weekday: wd(m[2]) } : {}), byDays: sign * (m[1] === "day" ? 1 : 7) } };
    },
  },
  {
    // Measured from the visit that they have.
    name: "day/after-own",
    pattern: new RegExp(
      `\\b(${N}) (day|week)s? (after|before|later than|earlier than) ${OWN_VISIT}\\b|\\b(?:in )?the (day|week) (after|before) ${OWN_VISIT}\\b`,
      "g",
    ),
    value: (m) => {
      const n = (m[1] ? count(m[1]) : 1) * ((m[2] ?? m[4]) === "week" ? 7 : 1);
      return n ? { value: { kind: "relative", byDays: /after|later/.test(m[3] ?? m[5] ?? "") ? n : -n } } : null;
    },
  },
  {
    name: "day/today",
    pattern:
      /\b(?:(?:later (?:on )?|earlier )?today|tonight|this (?:very )?(?:morning|afternoon|evening)|in the next (?:few |couple of |two |three |2 |3 )?hours?|within the hour)\b/g,
    value: (_m, at) => ({ value: one(at.today) }),
  },
  {
    name: "day/today",
    pattern: new RegExp(FROM_NOW, "g"),
    value: (_m, at) => (at.expects === "length" || at.expects === "service" ? null : { value: one(at.today) }),
  },
  {
    name: "day/bank-holiday",
    pattern: new RegExp(`\\b(?:the |this |next |on |a )*(?:bank|public) holiday (${WEEKDAY})\\b`, "g"),
    value: (m, at) => {
      const day = holidayOn(at, wd(m[1] ?? ""));
      return day === null ? null : { value: one(day), assumed: "the next one" };
    },
  },
  {
    // "Put me in the choir, the next one": the first that there is; of what is called off or offered it is another.
    name: "day/next-one",
    pattern:
      /(?:^|(?<=[,.;!?-] ?)|(?<=\b(?:into|in|for|on|join|do|take|attend|come to|is|be) ))(?:the |your )?next (?:one|class|session|group|course)(?=\s*(?:please|pls|then|thanks|thank you|will do|would do|works|is fine|would be|if\b|$|[,.!?]))/g,
    value: (m, at) =>
      at.expects === "slot" ||
      at.expects === "which-appointment" ||
      !(at.expects === "day" || at.errand === undefined || at.errand === "book") ||
      OF_WHAT_EXISTS.test(m.input)
        ? null
        : { value: { kind: "soonest" } },
  },
  {
    name: "day/soonest",
    pattern:
      /\b(?:(?:as )?(?:soon|early|quickly|quick|fast) as (?:you |i |we )?(?:possible|poss\b|possibly can|can|could|u can|ever possible)|the (?:sooner|quicker) the better|asap|a\.s\.a\.p\.?|as soon as (?:there(?:'s| is)|you(?:'ve got| have(?: got)?|'ve)) (?:one|anything|something|an? (?:space|slot|opening|gap|place)|room|time)|whatever(?:'s| is| comes?| you have| there is)(?: going)?(?: next| first)(?! (?:week|month|to|then|on|in)\b)|(?:whatever(?:'s| is) )?(?:the |your )?(?:soonest|earliest)(?: (?:possible|you(?:'ve)? (?:have|can|got)|available|that|there is|time|slot|appointment|opening))*|next available(?: \w+)?|first available(?: \w+)?|(?<=\bwhen(?:'s| is| are) )(?:the|your) next(?! (?:appointment|visit|week|month|day|bus|train|holiday|time i)\b)(?= [a-z])|(?:the )?(?:next|first) one (?:available|free|open|there is|you(?:'ve| have)(?: got)?)|(?:who|whoever|which [a-z]+|which of (?:you|them))(?:'s| is) (?:free|available) (?:first|next|soonest|earliest)|(?:the |your )?(?:next|first) (?:free|open)(?! (?:slot|spot|time|one|appointment|place|opening))|(?:the |your )?(?:next|first) (?:free |open |possible )(?:slot|spot|time|one|appointment|place|opening)|(?:the |your )?next (?:slot|spot|opening|appointment you have)|(?:the )?first thing (?:you(?:'ve| have)?(?: got)?|that'?s|which is|available)(?: (?:have|got|free|available|open))*|when(?:ever)?(?:'s| is)? (?:the )?soonest|whenever|any ?time(?! (?:after|before|from|between|on|in|not|around|past|until|till|this|next))|any day(?! (?:but|except|other|apart|besides))|right away|straight ?away|now now|(?<=^\W*(?:(?:as|some ?time|fairly|quite|pretty|very|just|oh|well|hopefully|i'd like to come|i need it)\W+)*)soon(?=\W*(?:please|if possible|if you can|ish)?\W*$)|(?:i'm|i am|we're|we are) (?:(?:pretty|quite|very|totally|completely|fairly|really) )?(?:flexible|easy(?= (?:with|about|on)))|my (?:schedule|calendar|diary|week) is (?:wide |completely |totally )?(?:open|free|flexible|empty)|(?<=\b(?:come|come in|come over|come by|come round|be seen|get in|see (?:me|us|him|her|them)) )(?:right )?now)\b/g,
    // Of several times that were offered, it is the earlier one.
    // Asked with whom, "whoever's free first" says that it may be anybody.
    value: (m, at) =>
      (at.expects === "slot" && / the better$/.test(m[0])) ||
      (at.expects === "staff" && /^who/.test(m[0])) ||
      OF_A_WEEK_TOLD.test(m.input.slice(m.index + m[0].length))
        ? null
        : { value: { kind: "soonest" } },
  },
  {
    name: "day/weekday-fortnight",
    pattern: new RegExp(`\\b(?:(?:two|2) weeks (?:on|from|this)(?: coming)? (${WEEKDAY})|(${WEEKDAY}) fortnight|a fortnight (?:on|from) (${WEEKDAY}))\\b`, "g"),
    value: (m, at) => ({ value: one(weekAfter(at, wd(m[1] ?? m[2] ?? m[3] ?? "")) + 7) }),
  },
  {
    name: "day/weekday-week",
    pattern: new RegExp(`\\b(?:(${WEEKDAY}) week|(?:(?:a|one|1) )?week (?:on|from)(?: this)? (${WEEKDAY}))\\b`, "g"),
    value: (m, at) => ({ value: one(weekAfter(at, wd(m[1] ?? m[2] ?? ""))) }),
  },
  {
    name: "day/the-one-after",
    pattern: new RegExp(
      `\\bnot (?:this |on |the coming |coming |next )*(${WEEKDAY}),? (?:but )?(?:the )?(?:one after(?: that)?|following one|next one|week after)\\b`,
      "g",
    ),
    value: (m, at) => ({ value: one(coming(at, wd(m[1] ?? "")) + 7), weekday: wd(m[1] ?? "") }),
  },
  {
    name: "day/the-week-after",
    pattern: /\bnot (this|next) week,? (?:but |rather )?(?:the )?(?:one after(?: that)?|following(?: one| week)?|next(?: one)?(?! week)|week after)\b/g,
    value: (m, at) => ({ value: span(week(at, m[1] === "this" ? 1 : 2), week(at, m[1] === "this" ? 1 : 2) + 6) }),
  },
  {
    name: "day/weekdays-from-now",
    pattern: new RegExp(`\\b(${N}) (${WEEKDAY}) from (?:now|today)\\b`, "g"),
    value: (m, at) => {
      const n = count(m[1] ?? "");
      return n ? { value: one(coming(at, wd(m[2] ?? "")) + 7 * (n - 1)) } : null;
    },
  },
  {
    name: "day/day-before-named",
    pattern: new RegExp(`\\bthe (?:day|(${WEEKDAY})) (before|after) (${NAMED})\\b`, "g"),
    value: (m, at) => besideNamed(m[3] ?? "", m[2] ?? "", wd(m[1] ?? ""), at),
  },
  {
    // "The Thursday after this one", "the Friday after next Friday" (of which there may be two).
    name: "day/weekday-after-this",
    pattern: new RegExp(
      `\\b(?:the )?(${WEEKDAY}) after (?:(?:this(?: coming)?|the coming)(?: one| \\1)?(?! (?:${WEEKDAY}|week|month|appointment|visit|class|lesson|session))|next \\1)(?=\\W|$)`,
      "g",
    ),
    value: (m, at) => {
      const weekday = wd(m[1] ?? "");
      const first = coming(at, weekday);
      // "Next Friday" is the coming one or the one after it while this week's is still ahead.
      if (/ next /.test(m[0]) && weekday > weekdayOf(at.today)) return { value: { kind: "ask", days: [first + 7, first + 14] }, weekday };
      return { value: one(/ next /.test(m[0]) && weekday === weekdayOf(at.today) ? at.today + 14 : first + 7), weekday };
    },
  },
  {
    name: "day/weekday-after-next",
    pattern: new RegExp(`\\b(${WEEKDAY}) after next\\b`, "g"),
    value: (m, at) => {
      const weekday = wd(m[1] ?? "");
      return { value: one(weekAfter(at, weekday) + (weekdayOf(at.today) === weekday ? 7 : 0)) };
    },
  },
  {
    name: "day/this-or-next",
    pattern: new RegExp(
      `\\b(?:(?:either|on) )?(?:this )?(${WEEKDAY}) or (?:the )?(?:next(?: one)?|following(?: one)?|one after(?: that)?|week after)(?= ?(?:$|[.,;!?]|at\\b|please\\b))`,
      "g",
    ),
    value: (m, at) => {
      const first = coming(at, wd(m[1] ?? ""));
      return { value: { kind: "either", days: [first, first + 7] } };
    },
  },
  {
    name: "day/next-weekday",
    // "Monday next" is next Monday, as some say it.
    pattern: new RegExp(
      `\\bnext (${WEEKDAY})(?!s? (?:the \\d|\\d{1,2}(?:st|nd|rd|th)))\\b|\\b(?<!after )(${WEEKDAY}) next(?! (?:week|month|year|one|available|free|appointment|slot))\\b`,
      "g",
    ),
    value: (m, at) => {
      const weekday = wd(m[1] ?? m[2] ?? "");
      const today = weekdayOf(at.today);
      if (weekday > today) return { value: { kind: "ask", days: [at.today + weekday - today, at.today + weekday - today + 7] }, weekday };
      if (weekday === today) return { value: one(at.today + 7), weekday };
      return { value: one(at.today + 7 - (today - weekday)), assumed: "the coming one", weekday };
    },
  },
  {
    name: "day/weekday-and-date",
    pattern: new RegExp(
      `\\b(?:next |this )?(${WEEKDAY}),? ?(?:the )?(?:(\\d{1,2})(?:st|nd|rd|th)?|(${ORDINAL}))(?: of)?,?(?: (${MONTH}))?\\b(?!:|\\.\\d| ?(?:am|pm|a\\.m|p\\.m|o'clock|min|hour))`,
      "g",
    ),
    value: (m, at) => {
      const date = nth(m[2], m[3]);
      if (!date || date > 31) return null;
      // "Friday 3" without "the" or an ending is a time more often than a date.
      if (m[2] && !m[4] && !/the |st\b|nd\b|rd\b|th\b/.test(m[0].slice((m[1] ?? "").length))) return null;
      // "Monday, first time": an ordinal in words is a date only after "the".
      if (m[3] && !m[4] && !/\bthe /.test(m[0])) return null;
      return agree(m[4] ? nextMonthDate(at, MONTH_WORDS[m[4]] ?? 0, date) : nextDate(at, date), wd(m[1] ?? ""));
    },
  },
  {
    name: "day/weekday-month-date",
    pattern: new RegExp(`\\b(${WEEKDAY}),? (${MONTH})\\.? (?:the )?(?:(\\d{1,2})(?:st|nd|rd|th)?|(${ORDINAL}|${SPOKEN_DAY}))\\b(?!:)`, "g"),
    value: (m, at) => agree(nextMonthDate(at, MONTH_WORDS[m[2] ?? ""] ?? 0, nth(m[3], m[4])), wd(m[1] ?? "")),
  },
  {
    name: "day/weekday",
    // "I'm not coming on Saturday": somebody comes, and no day does.
    pattern: new RegExp(`\\b((?:(?:on|for) )*(?:this )?(?:(?<!(?:\\b(?:not|am|are|is|be|been|was|were)|n't|'m|'re|'s) )coming )?)(${WEEKDAY})\\b`, "g"),
    value: (m, at) => {
      const word = m[2] ?? "";
      const weekday = wd(word);
      if (/s$/.test(word) && /days$/.test(word)) return { value: { kind: "weekdays", weekdays: [weekday] }, weekday };
      // "If my wife sat in with me".
      if (word === "sat" && SAT_SOMEWHERE.test(m.input.slice(m.index + m[0].length))) return null;
      if (UNSURE.has(word) && !m[1] && m[0] !== m.input.trim() && VERB_BEFORE.test(m.input.slice(0, m.index))) return null;
      return { value: one(coming(at, weekday)), assumed: "the coming one", weekday };
    },
  },
  {
    // "Any Wednesday or Thursday" is any of both.
    name: "day/any-weekday",
    pattern: new RegExp(
      `\\b(?:any|every(?: (?:other|second))?|each|most|some|all|whichever|whatever|on a|of a|a) (${WEEKDAY})(?:(?: ?, ?| ?/ ?| or | and )(?:(?:on )?(?:any |a |every ))?(${WEEKDAY}))*\\b`,
      "g",
    ),
    value: (m) => {
      const weekdays = [...m[0].matchAll(new RegExp(`\\b(${WEEKDAY})\\b`, "g"))].map((w) => wd(w[1] ?? ""));
      return { value: { kind: "weekdays", weekdays: [...new Set(weekdays)] }, weekday: wd(m[1] ?? "") };
    },
  },
  {
    name: "day/nth-weekday-of-month",
    pattern: new RegExp(`\\b(?:the )?(first|second|third|fourth|last|1st|2nd|3rd|4th) (${WEEKDAY}) (?:in|of) (?:(${MONTH})|(next|this|the) month)\\b`, "g"),
    value: (m, at) => {
      const day = nthOfMonth(m[1] ?? "", wd(m[2] ?? ""), m[3], m[4], at);
      return day === null ? null : { value: one(day) };
    },
  },
  {
    // "March 8-12", "8 to 12 March".
    name: "day/range-of-month",
    pattern: new RegExp(
      `\\b(${MONTH})\\.? (?:the )?${DATE_TO_DATE}(?!:|[/.]\\d| ?(?:am|pm|o'clock))\\b|\\b(?:the )?${DATE_TO_DATE} (?:of )?(${MONTH})\\b`,
      "g",
    ),
    value: (m, at) => {
      const month = MONTH_WORDS[m[1] ?? m[6] ?? ""] ?? 0;
      const [from, to] = [m[2] ?? m[4], m[3] ?? m[5]].map((d) => nextMonthDate(at, month, Number(d)));
      return from != null && to != null && to > from ? { value: span(from, to) } : null;
    },
  },
  {
    name: "day/month-date",
    pattern: new RegExp(`\\b(${MONTH})\\.? (?:the )?(?:(\\d{1,2})(?:st|nd|rd|th)?|(${ORDINAL}|${SPOKEN_DAY}))(?:,? (20\\d\\d))?\\b(?!:)`, "g"),
    value: (m, at) => {
      const day = nextMonthDate(at, MONTH_WORDS[m[1] ?? ""] ?? 0, nth(m[2], m[3]), m[4] ? Number(m[4]) : undefined);
      return day === null ? null : { value: one(day) };
    },
  },
  {
    name: "day/date-month",
    pattern: new RegExp(`\\b(?:the )?(?:(\\d{1,2})(?:st|nd|rd|th)?|(${ORDINAL})) (?:of )?(${MONTH})\\b(?:,? (20\\d\\d))?`, "g"),
    value: (m, at) => {
      const day = nextMonthDate(at, MONTH_WORDS[m[3] ?? ""] ?? 0, nth(m[1], m[2]), m[4] ? Number(m[4]) : undefined);
      return day === null ? null : { value: one(day) };
    },
  },
  {
    name: "day/date-of-next-month",
    pattern: new RegExp(`\\b(?:the )?(?:(\\d{1,2})(?:st|nd|rd|th)?|(${ORDINAL})) of (next|this) month\\b`, "g"),
    value: (m, at) => {
      const now = partsOf(at.today);
      const later = m[3] === "next" ? 1 : 0;
      const day = dayFrom(now.year + Math.floor((now.month - 1 + later) / 12), ((now.month - 1 + later) % 12) + 1, nth(m[1], m[2]));
      return day === null ? null : { value: one(day) };
    },
  },
  {
    name: "day/iso",
    pattern: /\b(\d{4}-\d{2}-\d{2})\b/g,
    value: (m) => {
      try {
        return { value: one(dayOfIso(m[1] ?? "")) };
      } catch {
        return null;
      }
    },
  },
  {
    name: "day/numbers",
    // With a hyphen only where a nought leads it, as in "03-15", or where the second is no hour of a morning: "10-12" is a stretch of hours.
    pattern: new RegExp(
      `(?:\\b(${WEEKDAY}),? (?:the )?)?(?<![\\d/.$-])(?:(\\d{1,2})(?:\\/|(?<=\\b0\\d)-(?=\\d\\d\\b)|-(?=\\d{1,2}-20\\d\\d)|(?<=\\b1?\\d)-(?=(?:1[3-9]|2\\d|3[01])\\b(?! ?(?:-|hours?|hrs?|h\\b|min|people|places|of us|years?)))(?<!\\b(?:from|between|for|ages?|aged|kids|children|boys|girls|teens) \\d{1,2}-))(\\d{1,2})(?:[/-](20\\d\\d|\\d\\d))?|(?<!\\b(?:at|by|from|to|till|until|around|about|after|before|past|is|for) )(\\d{1,2})\\.(\\d{1,2})\\.(20\\d\\d)?)(?![\\d/-])`,
      "g",
    ),
    value: (m, at) => {
      const a = Number(m[2] ?? m[5]);
      const b = Number(m[3] ?? m[6]);
      const year = m[4] ?? m[7];
      // With points, and no year: the day stands first everywhere; "11.30." is an hour, and so is what comes where one is waited for.
      if (m[5] !== undefined && year === undefined && (b > 12 || at.expects === "time" || at.expects === "slot")) return null;
      const { dateOrder, clientClock } = at.house.handbook;
      // "10-14" is a date only where the month stands first, and nobody says 14 for two o'clock.
      if (/^\W*\d+-\d+$/.test(m[0].trim()) && !/^0/.test(m[0]) && !(dateOrder === "month-first" && clientClock === "12")) return null;
      const monthFirst = a > 12 ? false : b > 12 ? true : dateOrder === "month-first";
      const dayBy = (first: boolean): DayNumber | null => nextMonthDate(at, first ? a : b, first ? b : a, year ? Number(year) : undefined);
      const day = dayBy(monthFirst);
      // "Tues 9/3": the weekday tells which of the two is the month.
      if (m[1]) {
        const weekday = wd(m[1]);
        const fits = [monthFirst, !monthFirst].map(dayBy).find((d) => d !== null && weekdayOf(d) === weekday);
        return fits == null ? agree(day, weekday) : { value: one(fits) };
      }
      if (day === null) return null;
      return a <= 12 && b <= 12 && a !== b ? { value: one(day), assumed: monthFirst ? "month first" : "day first" } : { value: one(day) };
    },
  },
  {
    name: "day/date",
    pattern: new RegExp(`\\b(on )?(the )?(?:${NTH})\\b(?! (?:one|time|visit|slot|option|choice|of those|thing|floor|appointment|session))`, "g"),
    value: (m, at) => {
      const date = nth(m[3], m[4]);
      if (!date || date > 31) return null;
      // "the first" is a choice as often as a date: a small ordinal in words needs "on".
      if (m[4] && date <= 4 && !m[1] && !(at.expects === "day" && date === 4)) return null;
      // "The eighth or ninth".
      if (m[4] && !m[2] && !AFTER_A_DATE.test(m.input.slice(0, m.index))) return null;
      // "For my 18th" is a birthday, unless a visit of that day is to be changed.
      if (!m[2] && BIRTHDAYS.has(date) && OWN_BEFORE.test(m.input.slice(0, m.index)) && !CHANGED.test(m.input)) return null;
      const day = nextDate(at, date);
      return day === null ? null : { value: one(day), assumed: "the next one to come" };
    },
  },
  {
    name: "day/in-days",
    pattern: new RegExp(
      `\\bin (?:about |around |roughly |some )?(${N}) (day|week|month)s?(?:' time)?\\b|\\b(${N}) (day|week|month)s?(?: from (?:now|today)|'? time)\\b|\\bafter (${N}) (day|week|month)s?(?<=(?:^\\W*|\\b(?:again|come|back|me|us|see|it|make it|book|is|be|then|only) )after [a-z0-9 ]+)(?=\\W*$|\\W*[.;?!,]|,? please)`,
      "g",
    ),
    value: (m, at) => {
      const n = count(m[1] ?? m[3] ?? m[5] ?? "");
      const unit = m[2] ?? m[4] ?? m[6];
      if (!n) return null;
      return { value: one(unit === "day" ? at.today + n : unit === "week" ? at.today + 7 * n : addMonths(at.today, n)) };
    },
  },
  {
    // "In the next half hour": today, and soon.
    name: "day/in-the-next-hours",
    pattern:
      /\b(?:in|within) the next (?:half(?: an)? hour|hour(?: or (?:so|two))?|couple of hours|few (?:hours|minutes)|(?:two|three|four|\d{1,2}) (?:hours|minutes|mins))\b/g,
    value: (_m, at) => ({ value: one(at.today) }),
  },
  {
    name: "day/week-today",
    pattern: /\b(?:a|one|1) week (?:from )?today\b|\bin a week(?:'s time)?\b|\b(?:today|this day) week\b/g,
    value: (_m, at) => ({ value: one(at.today + 7) }),
  },
  {
    name: "day/fortnight",
    pattern: /\b(?:(?:in a|a) fortnight(?: (?:from (?:now|today)|today))?(?! (?:on|from|tomorrow|later|earlier|after|before)\b)|(?:today|this day) fortnight)/g,
    value: (_m, at) => ({ value: one(at.today + 14) }),
  },
  {
    name: "day/later-this-week",
    pattern: /\b(?:later (?:on )?(?:in the|this) week)\b/g,
    value: (_m, at) => ({ value: span(at.today + 1, week(at, 0) + 6) }),
  },
  {
    name: "day/part-of-week",
    pattern:
      /\b(?:(?:the )?(early|(?:start|beginning)(?= of| in)|first (?:half|part)|middle|mid|back end|tail end|end|late|later|latter (?:half|part|end)|second half)(?: of| in)?(?: the)?[ -](this|next)? ?week(?: after next)?)\b/g,
    value: (m, at) => {
      const weeks = /after next/.test(m[0]) ? 2 : m[2] === "next" ? 1 : 0;
      return { value: ahead(at, third(m[1] ?? "", week(at, weeks), week(at, weeks) + 6, "week")) };
    },
  },
  {
    // "Next week, early on".
    name: "day/part-of-week",
    pattern:
      /\b(this|next) week,? (?:but |rather |preferably |ideally )?(?:in the |towards the |at the )?(early|middle|late|beginning|start|end)\b(?: on)?(?! (?:morning|afternoon|evening|enough|as))/g,
    value: (m, at) => {
      const weeks = m[1] === "next" ? 1 : 0;
      return { value: ahead(at, third(m[2] ?? "", week(at, weeks), week(at, weeks) + 6, "week")) };
    },
  },
  {
    name: "day/week-after-next",
    pattern: /\b(?:(?:the )?week after next|next to next week|the week after that one)\b/g,
    value: (_m, at) => ({ value: span(week(at, 2), week(at, 2) + 6) }),
  },
  {
    // "This week and next", "this week or next".
    name: "day/these-two-weeks",
    pattern: /\b(?:within |in )?this (?:week )?(?:and|or) (?:the )?next(?: week)?\b(?= ?(?:$|[.,;!?]|please|at|in the|after|before|would|will|is|are|i|we))/g,
    value: (_m, at) => ({ value: span(at.closedForToday ? at.today + 1 : at.today, week(at, 1) + 6) }),
  },
  {
    name: "day/this-week",
    pattern: /\b(?:(?:within |in )?this week|all week(?: long)?|(?:the )?rest of (?:the|this) week)\b/g,
    value: (_m, at) => ({ value: span(at.closedForToday ? at.today + 1 : at.today, week(at, 0) + 6) }),
  },
  {
    name: "day/next-week",
    pattern: /\bthe week after this(?: one| week)?(?=\W*$|[,.;!?]| (?:please|then|if|would|is|on|in|at)\b)/g,
    value: (_m, at) => ({ value: span(week(at, 1), week(at, 1) + 6) }),
  },
  { name: "day/next-week", pattern: /\bnext week\b/g, value: (_m, at) => ({ value: span(week(at, 1), week(at, 1) + 6) }) },
  { name: "day/next-weekend", pattern: /\bnext weekend\b/g, value: (_m, at) => ({ value: openOf(at, week(at, 1) + 5) }) },
  { name: "day/next-weekend", pattern: /\b(?:the )?weekend after next\b/g, value: (_m, at) => ({ value: openOf(at, week(at, 2) + 5) }) },
  {
    name: "day/next-weekend",
    pattern: /\b(?:the )?weekend after (?:this|the coming|this coming)(?: one| weekend)?\b/g,
    value: (_m, at) => ({ value: openOf(at, week(at, 1) + 5) }),
  },
  {
    // "The last weekend in March": told by its Saturday.
    name: "day/nth-weekend-of-month",
    pattern: new RegExp(`\\b(?:the )?(first|second|third|fourth|last|1st|2nd|3rd|4th) weekend (?:in|of) (?:(${MONTH})|(next|this|the) month)\\b`, "g"),
    value: (m, at) => {
      const saturday = nthOfMonth(m[1] ?? "", 6, m[2], m[3], at);
      return saturday === null ? null : { value: openOf(at, saturday) };
    },
  },
  {
    name: "day/weekend",
    pattern: /\b(?:this |any |every |some |(?:on |at )?a |(?:at |on |over |during )?the )?weekends?\b/g,
    value: (m, at) =>
      /s$|^(?:any|every|some|(?:on |at )?a) /.test(m[0]) ? { value: { kind: "weekdays", weekdays: [6, 7] } } : { value: openOf(at, week(at, 0) + 5) },
  },
  {
    name: "day/part-of-month",
    pattern: new RegExp(
      `\\b(?:the )?(early|start of|beginning of|mid|middle of|late|end of)(?: in)?[ -](?:(the|this|next) month|(?<=\\bmid[ -])month|(${MONTH}))\\b`,
      "g",
    ),
    value: (m, at) => {
      const now = partsOf(at.today);
      const s = m[3] ? monthSpan(at, MONTH_WORDS[m[3]] ?? 1) : monthSpan(at, m[2] === "next" ? (now.month % 12) + 1 : now.month);
      return { value: ahead(at, third(m[1] ?? "", s.from, s.to, "month")) };
    },
  },
  {
    name: "day/part-of-month",
    pattern: /\bthis month[ -]end\b|\bmonth[ -]end\b/g,
    value: (_m, at) => {
      const last = lastOfMonth(partsOf(at.today).year, partsOf(at.today).month);
      return { value: span(Math.max(at.today, last - 6), last) };
    },
  },
  {
    name: "day/this-month",
    pattern:
      /\b(?:(later )(?:on )?(?:in the|this) month|this month)\b|(?<=\b(?:before|until|till|by the time) )the month(?= (?:is|has) (?:out|over|up|done|ended)\b|'s (?:out|over|up)\b| ends\b| runs out\b)/g,
    value: (m, at) => ({ value: span(m[1] || at.closedForToday ? at.today + 1 : at.today, lastOfMonth(partsOf(at.today).year, partsOf(at.today).month)) }),
  },
  {
    name: "day/next-month",
    pattern: /\bnext month\b/g,
    value: (_m, at) => {
      const s = monthSpan(at, (partsOf(at.today).month % 12) + 1);
      return { value: span(s.from, s.to) };
    },
  },
  {
    name: "day/month",
    pattern: new RegExp(
      `\\b(?:in|during|this|some ?time in) (${MONTH})\\b(?! \\d)|(?<=\\b(?:from|after|before|until|till) )(?!may\\b(?! on|\\W*$|[.,;!?]))(${MONTH})\\b(?! (?:the )?(?:\\d|${ORDINAL}))|(?<=\\b(?:booked|bookings?|appointments|visits|lessons|sessions|classes)(?: (?:in|down))? )for (?:all of )?(${MONTH})\\b(?! (?:the )?(?:\\d|${ORDINAL}))|(?:(?<=^|[.,;!?]\\s*|\\b(?:maybe|perhaps|make it|rather|then|or|say) )(?!(?:may|march)\\b)|(?<=\\b(?:maybe|perhaps|make it|rather|say) ))(${MONTH})(?= (?:is|would|will|suits|works|might|could|should)\\b|,? (?:please|maybe|perhaps|then|instead|rather)\\b|[.!]*$)`,
      "g",
    ),
    value: (m, at) => {
      const s = monthSpan(at, MONTH_WORDS[m[1] ?? m[2] ?? m[3] ?? m[4] ?? ""] ?? 1);
      return { value: ahead(at, span(s.from, s.to)) };
    },
  },
  {
    name: "day/named",
    pattern: new RegExp(`\\b(?:${NAMED})\\b(?! (?:school )?(?:holidays|break|vacation)\\b)${OF_ITS_KIND}${ITS_WEEKEND}`, "g"),
    value: (m, at) => namedDay(m[0], at),
  },
];

/** The first, second … or last such weekday of a month that is named, or of this or the next one; of the next year where it has passed. */
function nthOfMonth(which: string, weekday: number, month: string | undefined, relative: string | undefined, at: Moment): DayNumber | null {
  const n = which === "last" ? -1 : (ORDINALS[which] ?? Number.parseInt(which, 10));
  const now = partsOf(at.today).month;
  const { from } = monthSpan(at, month ? (MONTH_WORDS[month] ?? 1) : relative === "next" ? (now % 12) + 1 : now);
  const p = partsOf(from);
  const day = nthWeekday(p.year, p.month, weekday, n);
  return day === null || day >= at.today ? day : (nthWeekday(p.year + 1, p.month, weekday, n) ?? day);
}

/** "The Tuesday after Easter", "the day before Victoria Day". */
function besideNamed(name: string, side: string, weekday: number, at: Moment): DayReading | null {
  const named = namedDay(name, at);
  const day = named?.value.kind === "days" ? named.value.from : undefined;
  if (day === undefined) return null;
  const sign = side === "before" ? -1 : 1;
  return { value: one(day + sign * (weekday ? ((sign * (weekday - weekdayOf(day)) + 6) % 7) + 1 : 1)) };
}

/** The rule for the days that the house names among those on which it is closed or shortened, and for its country's holidays. */
const ownDays = new WeakMap<House, DayRule | null>();
export function ownDayRule(house: House): DayRule | null {
  const have = ownDays.get(house);
  if (have !== undefined) return have;
  const names = [
    ...house.handbook.closed.map((c) => plainDay(c.name)),
    ...Object.keys(HOLIDAYS[house.handbook.country] ?? {}),
    ...Object.keys(KNOWN_IN[house.handbook.country] ?? {}),
  ].filter((n) => n.length > 3);
  const words = [...new Set(names.flatMap(shortened))]
    .sort((a, b) => b.length - a.length)
    .map((n) =>
      n
        .replace(/[^a-z0-9 ]/g, "")
        .replace(/\blabou?r\b/g, "labou?r")
        .replace(/s\b/g, "'?s'?")
        .replace(/^saint /, "(?:saint|st\\.?) ")
        .replace(/ /g, "[ -]"),
    );
  const rule: DayRule | null =
    words.length === 0
      ? null
      : {
          name: "day/named",
          pattern: new RegExp(`\\b(?:the (?:day|(${WEEKDAY})) (before|after) )?(${words.join("|")})\\b${OF_ITS_KIND}${ITS_WEEKEND}`, "g"),
          value: (m, at) => (m[2] ? besideNamed(m[3] ?? "", m[2], wd(m[1] ?? ""), at) : namedDay(m[0], at)),
        };
  ownDays.set(house, rule);
  return rule;
}

/** "Bank holiday Monday": the next public holiday that falls on such a weekday; the Easter days are holidays in most of these countries, from memory. */
function holidayOn(at: Moment, weekday: number): DayNumber | null {
  const rules: Yearly[] = [
    ...Object.values(HOLIDAYS[at.house.handbook.country] ?? {}),
    { kind: "easter", days: -2 },
    { kind: "easter", days: 1 },
    { kind: "yearly", month: 12, date: 25 },
    { kind: "yearly", month: 12, date: 26 },
    { kind: "yearly", month: 1, date: 1 },
  ];
  const { year } = partsOf(at.today);
  const days = rules
    .flatMap((r) => [year, year + 1].map((y) => closedDay(r, y)))
    .filter((d): d is DayNumber => d !== null && d >= at.today && weekdayOf(d) === weekday);
  return days.length > 0 ? Math.min(...days) : null;
}

/** "Spiritual Baptist Day" for "Spiritual Baptist Liberation Day": of a long name, people leave out what stands before its last word. */
function shortened(name: string): string[] {
  const words = name.split(" ");
  return words.length < 4 || words.at(-1) !== "day" ? [name] : [name, [...words.slice(0, -2), "day"].join(" ")];
}

const plainDay = (name: string): string =>
  normalise(name)
    .norm.replace(/'/g, "")
    .replace(/\blabor\b/g, "labour")
    .replace(/\bst\.? (?=[a-z])/g, "saint ")
    .trim();

/** Days that everyone knows, beside the house's own closed days. */
const KNOWN: Record<string, [number, number]> = {
  "christmas eve": [12, 24],
  christmas: [12, 25],
  "christmas day": [12, 25],
  "new years eve": [12, 31],
  halloween: [10, 31],
  "april fools": [4, 1],
  "april fools day": [4, 1],
  "boxing day": [12, 26],
  "saint stephens day": [12, 26],
  "saint stephens": [12, 26],
  valentines: [2, 14],
  "valentines day": [2, 14],
  "new year": [1, 1],
  "new year eve": [12, 31],
  "new years": [1, 1],
  "saint patricks day": [3, 17],
  "saint patricks": [3, 17],
};
/** Days that everyone knows in one country and that are no holidays. */
const KNOWN_IN: Record<string, Record<string, [number, number]>> = {
  US: { "tax day": [4, 15] },
  GB: {
    "burns night": [1, 25],
    "bonfire night": [11, 5],
    "guy fawkes night": [11, 5],
    "saint davids day": [3, 1],
    "saint georges day": [4, 23],
    "saint andrews day": [11, 30],
    hogmanay: [12, 31],
  },
};
type Yearly = Parameters<typeof closedDay>[0];
/** Mother's and Father's Day by country; common practice, no source. */
const PARENTS: Record<string, (country: string) => Yearly> = {
  "mothers day": (c) => (c === "GB" || c === "IE" ? { kind: "easter", days: -21 } : { kind: "weekday", month: 5, weekday: "Sunday", nth: 2 }),
  "mothering sunday": () => ({ kind: "easter", days: -21 }),
  "fathers day": (c) =>
    c === "AU" || c === "NZ" ? { kind: "weekday", month: 9, weekday: "Sunday", nth: 1 } : { kind: "weekday", month: 6, weekday: "Sunday", nth: 3 },
};
/** Days counted from Easter Sunday. */
const BY_EASTER: Record<string, number> = {
  "ash wednesday": -46,
  "shrove tuesday": -47,
  "pancake tuesday": -47,
  "palm sunday": -7,
  "maundy thursday": -3,
  "holy thursday": -3,
  "holy saturday": -1,
  "good friday": -2,
  "easter saturday": -1,
  easter: 0,
  "easter sunday": 0,
  "easter monday": 1,
  "easter tuesday": 2,
  "easter friday": -2,
  "whit monday": 50,
};

function namedDay(said: string, at: Moment): DayReading | null {
  const weekend = / (?:long )?weekend$/.exec(said);
  if (weekend) {
    const day = namedDay(said.slice(0, weekend.index), at)?.value;
    if (day?.kind !== "days" || day.from === undefined) return null;
    const weekday = weekdayOf(day.from);
    // From Monday to Wednesday the one before it is nearer, from Thursday on the one after.
    return { value: openOf(at, day.from - weekday + (weekday <= 3 ? -1 : 6)) };
  }
  const name = plainDay(said).replace(/^(?:padd(?:y|ie)s(?: day)?|patricks day)$/, "saint patricks day");
  const { year: now } = partsOf(at.today);
  const parents = PARENTS[name]?.(at.house.handbook.country);
  if (parents) {
    const day = [now, now + 1].map((y) => closedDay(parents, y)).find((d) => d !== null && d >= at.today);
    return day === null || day === undefined ? null : { value: one(day) };
  }
  const easter = BY_EASTER[name];
  if (easter !== undefined) {
    const day = [now, now + 1].map((y) => closedDay({ kind: "easter", days: easter }, y)).find((d) => d !== null && d >= at.today);
    return day === null || day === undefined ? null : { value: one(day) };
  }
  const known = KNOWN[name] ?? KNOWN_IN[at.house.handbook.country]?.[name];
  if (known) {
    const day = nextMonthDate(at, known[0], known[1]);
    return day === null ? null : { value: one(day) };
  }
  const rule = at.house.handbook.closed.find((c) => shortened(plainDay(c.name)).includes(name))?.on ?? HOLIDAYS[at.house.handbook.country]?.[name];
  if (!rule) return null;
  const { year } = partsOf(at.today);
  const day = [year, year + 1].map((y) => closedDay(rule, y)).find((d) => d !== null && d >= at.today);
  return day === null || day === undefined ? null : { value: one(day) };
}
