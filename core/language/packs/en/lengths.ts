import type { House } from "../../../house/compile.ts";
import { CARDINALS } from "./words.ts";

/** How long a visit is to be, as people say it. */

/** A number in figures or in one word; 0 where it is neither. */
export const num = (w: string): number => (/^\d+$/.test(w) ? Number(w) : (CARDINALS[w] ?? 0));

const TENS: Record<string, number> = { twenty: 20, thirty: 30, forty: 40, fifty: 50, sixty: 60, seventy: 70, eighty: 80, ninety: 90 };
/** Minutes that a visit may last, in words: "fifteen", "forty-five", "eighty". */
const SPELLED = `(?:${Object.keys(TENS).join("|")})(?:[ -](?:one|two|three|four|five|six|seven|eight|nine))?|(?:a |one )?hundred(?: and (?:ten|twenty))?|fifteen`;

/** How many minutes a number stands for, in figures or in words. */
export function minutesOf(words: string): number {
  if (/^\d/.test(words)) return Number(words);
  return words
    .split(/[ -]/)
    .reduce((sum, w) => sum + (w === "hundred" ? 100 : (TENS[w] ?? (/^(?:a|and|one)$/.test(w) && /hundred/.test(words) ? 0 : num(w)))), 0);
}

/** A way to say a length. `value` gives minutes, or which of a service's own lengths is meant; null where nothing here is as long. */
export interface LengthRule {
  name: string;
  pattern: RegExp;
  value: (m: RegExpMatchArray, house: House) => number | "long" | "short" | null;
}

export const LENGTH_RULES: LengthRule[] = [
  {
    name: "length/hour-and-half",
    pattern: /\b(?:(?:an? |one )?hour and a half|(?:one|1) and a half hours?|1\.5 ?(?:h|hrs?|hours?)|an? hour and (?:thirty|30)(?: minutes)?)\b/g,
    value: () => 90,
  },
  // "An hour and a quarter", "two hours and twenty minutes".
  {
    name: "length/hours-and-minutes",
    pattern: new RegExp(
      `\\b(an?|one|two|three|four|[1-4])[ -]?(?:hours?|hrs?) (?:and )?(?:(a|three) quarters?(?: of an hour)?|(?:a )?(half)|(\\d{1,2}|ten|${SPELLED})(?: ?(?:minutes?|mins?))(?! (?:later|earlier|late|before|after|away|walk|drive)))\\b`,
      "g",
    ),
    // "Between an hour and ninety minutes": no sum of both.
    value: (m) =>
      m[4] && minutesOf(m[4]) >= 60
        ? null
        : 60 * (/^an?$/.test(m[1] as string) ? 1 : num(m[1] as string)) +
          (m[2] ? (m[2] === "a" ? 15 : 45) : m[3] ? 30 : /^ten$/.test(m[4] as string) ? 10 : minutesOf(m[4] as string)),
  },
  {
    name: "length/half-hour",
    pattern: /\b(?:an? )?half(?: an|-an| a)?[ -]hours?\b(?! (?:later|late|sooner|earlier|early|before|after(?! all)|ago))/g,
    value: () => 30,
  },
  {
    name: "length/quarter",
    pattern: /(?<!\b(?:hours? and|hours?|three|an hour and) )\ba quarter of an hour\b(?! (?:later|earlier|early|late|before|after|from|sooner))/g,
    value: () => 15,
  },
  { name: "length/three-quarters", pattern: /\b(?:three[ -]quarters? of an hour|three[ -]quarter hour)\b/g, value: () => 45 },
  {
    name: "length/hours",
    pattern:
      /(?<!quarters? of )\b(?:(a|an|one|two|three|four|full)(?: full)?[ -](?:hours?|hrs?)|the hour(?=[ -](?:long|one|slot|version|session|visit|option)\b)|([1-4])[ -]?(?:hours?|hrs?|h))\b(?! (?:later|late|sooner|early|earlier|before|after(?! all)|ago|and a half|notice|or two|or so (?:later|early|late|earlier|before|after|ago)))/g,
    value: (m) => (({ two: 2, three: 3, four: 4 })[m[1] ?? ""] ?? Number(m[2] ?? 1)) * 60,
  },
  // "Six hours": where something lasts as long.
  {
    name: "length/hours",
    pattern:
      /\b(five|six|seven|eight|nine|ten|[5-9]|10)[ -]?(?:hours?|hrs?)\b(?! (?:later|late|sooner|early|earlier|before|after(?! all)|ago|and a half|notice|or two|or so (?:later|early|late|earlier|before|after|ago)))/g,
    value: (m, house) => (lengthsOf(house).includes(60 * num(m[1] as string)) ? 60 * num(m[1] as string) : null),
  },
  {
    name: "length/minutes",
    pattern: new RegExp(
      `\\b(\\d{2,3}|${SPELLED})[ -]?(?:-?minutes?|mins?|minuter?)\\b(?! (?:later|earlier|late|before|after(?! all)|ago|early|away|walk|drive|behind))`,
      "g",
    ),
    value: (m) => minutesOf(m[1] as string),
  },
  // "For thirty minutes after my lesson": how long it is to be, and when.
  {
    name: "length/minutes",
    pattern: new RegExp(`(?<=\\bfor )(\\d{2,3}|${SPELLED})[ -]?(?:minutes?|mins?)\\b(?= (?:before|after))`, "g"),
    value: (m) => minutesOf(m[1] as string),
  },
  // "A half day" is as long as the longest that lasts about that here.
  {
    name: "length/half-day",
    pattern: /\b(?:half[ -](?:an? )?day|half of (?:a|the) day)\b/g,
    value: (_, house) => Math.max(0, ...lengthsOf(house).filter((l) => l >= 180 && l <= 300)) || null,
  },
  // "The next free hour".
  // "Hour", and nothing besides.
  { name: "length/hours", pattern: /hour(?<=^\W*(?:(?:just|the|full|a) )*hour)(?=\W*(?:please\W*|then\W*|will do\W*)?$)/g, value: () => 60 },
  { name: "length/hours", pattern: /(?<=\b(?:next|first) (?:free|open|available) )(half[ -])?hour\b/g, value: (m) => (m[1] ? 30 : 60) },
  // "For 60", "make it 90": a bare number that is the length of something that comes in several.
  {
    name: "length/bare-number",
    pattern: /\b(?:for|make it|make that|rather|the) (\d{2,3})(?= *(?:$|[,.;!]|please\b|then\b|with\b|on\b|no\b))/g,
    value: (m, house) =>
      house.handbook.services.some((s) => s.variants.length > 1 && s.variants.some((v) => v.lengthMin === Number(m[1]))) ? Number(m[1]) : null,
  },
  {
    name: "length/the-hour",
    pattern: /\b(?:(?:make it|just|take|want|have|do|for) )the (?:full )?hour\b|\bthe (?:one[- ]hour|hour)(?: one| version| session)\b/g,
    value: () => 60,
  },
  // "How much is the hour", "ok, the hour", and a bare "hour" at the end of a list.
  { name: "length/the-hour", pattern: /(?<!\b(?:an?|one|two|half|quarter of an) )\bhour(?= of (?!the day))/g, value: () => 60 },
  {
    name: "length/the-hour",
    pattern: /\b(?:is|for|ok(?:ay)?,?|then) the (?:full )?hour\b|,\s*(?:one |an |full |the )?hour(?=\s*(?:,|\W*$))/g,
    value: () => 60,
  },
  {
    name: "length/long-short",
    pattern: /\bthe (long(?:er|est)?|short(?:er|est)?|quick(?:er|est)?)(?: (?:one|version|session|massage))\b/g,
    value: (m) => ((m[1] as string).startsWith("long") ? "long" : "short"),
  },
];

/** How long visits of a house are, minutes. */
export const lengthsOf = (house: House): number[] => house.handbook.services.flatMap((s) => s.variants.map((v) => v.lengthMin));

/** "What's the shortest you do", asked how long. */
export const MOST_OF_ALL = /\bthe (short|long)est\b/;

/** All of an answer to how long. */
export const BARE_LENGTH =
  /^(?:the |full |whole |um |uh |just |maybe |make it |make that |let's say |say |i think |ok(?:ay)?,? |right,? |then |so |well,? |(?:not|nothing) (?:too|very|so) (?:long|short),? )*(\d{2,3}|thirty|sixty|ninety|forty[- ]five|(?:full |one )?hour|long(?:er|est)?|short(?:er|est)?)(?: one| option)?(?:'s| is)?(?: you have| there is)?(?:,? please|,? thanks| is fine| fine| enough| okay| ok| good| then| i guess| i think| i suppose| maybe|,? if (?:you can|that's ok(?:ay)?|possible|i may))*[.!]?$/;

/** "Six", asked how long where it takes four hours or six. */
export const BARE_HOURS =
  /^\W*(?:(?:the|um|uh|just|maybe|i think|ok(?:ay)?|then|so|well)\W+)*(one|two|three|four|five|six|seven|eight|nine|ten|[1-9]|10)(?: ones?)?\W*(?:please\W*|then\W*|i think\W*)?$/;

/** What a bare answer to how long stands for. */
export function bareLength(w: string): number | "long" | "short" {
  if (w.startsWith("long")) return "long";
  if (w.startsWith("short")) return "short";
  return /hour/.test(w) ? 60 : ({ thirty: 30, sixty: 60, ninety: 90, "forty five": 45, "forty-five": 45 }[w] ?? Number(w));
}

/** By how much something is to be longer or shorter than it is: "half an hour longer", "add another half hour", "extend it by". */
export function changesLength(before: string, after: string): "length/longer-by" | "length/shorter-by" | null {
  if (/^\s*(?:shorter|less)\b/.test(after) || /\b(?:shorten|shorter)\b[^.;?!]* by\s+$/.test(before)) return "length/shorter-by";
  return /^\s*(?:longer|more|extra|on top)\b/.test(after) ||
    /\b(?:add|adding|tack on|(?:extend|lengthen|prolong|longer)\b[^.;?!]* by)\s+(?:an? |another )?(?:extra |additional |more )?$/.test(before) ||
    /\b(?:extra|additional)\s+$/.test(before)
    ? "length/longer-by"
    : null;
}

const BARE = `(\\d{2,3}|${SPELLED})`;
/** A bare number right before a service or right after it: "90 deep tissue", "Swedish, sixty". */
export const BARE_BEFORE = new RegExp(`(?<![\\d:/.,-])\\b${BARE} (?:of |for )?(?:the |a )?$`);
export const BARE_AFTER = new RegExp(
  `^(?: massage| lesson| one| session| class| appointment)?[,.;]? (?:the |of |for )?${BARE}(?= *(?:$|[,.;!?]|with\\b|on\\b|please|at\\b|\\w+day\\b))`,
);

const BY_HOW_MUCH =
  "half an hour|an hour and a half|(?:an|one|two|three|four|a couple of|[1-4]) hours?|(?:\\d{1,3}|ten|fifteen|twenty|thirty|forty[- ]five) minutes?|a quarter of an hour|(?:a|one|two|three|[1-4]) weeks?|a fortnight|(?:a )?couple(?: of)? weeks|(?:a|one|two|three|a couple of|[1-6]) days?";
/** By how much a visit is to be earlier or later. */
export const SHIFTED_BY = new RegExp(
  `\\b(${BY_HOW_MUCH}) (later|earlier|sooner|back|forward)\\b|\\b(?:by|back|forward|off|wait(?: for)?|waits(?: for)?) (?:by )?(?:another )?(${BY_HOW_MUCH})\\b|\\b(${BY_HOW_MUCH}) (?:before|after)(?= (?:the (?:time|hour|day|date) )?(?:that )?(?:we|you|i|they)\\b)|\\b(?:move|push|shift|put|bump|delay|postpone) (?:it|that|this|mine|them|everything|my [a-z]+|the [a-z]+)(?: back| on| out| off)? (?:by )?(${BY_HOW_MUCH})\\b(?! (?:later|earlier|sooner|back|forward))`,
  "g",
);

/** How many minutes such an amount is. */
export function minutesIn(amount: string): number {
  if (/fortnight/.test(amount)) return 20_160;
  const unit = /week/.test(amount) ? 10_080 : /day/.test(amount) ? 1440 : /hour/.test(amount) ? 60 : 1;
  if (/and a half/.test(amount)) return 1.5 * unit;
  if (/half/.test(amount)) return 0.5 * unit;
  if (/quarter/.test(amount)) return 0.25 * unit;
  if (/couple/.test(amount)) return 2 * unit;
  return (unit === 1 ? minutesOf(amount.replace(/ minutes?$/, "")) : num(amount.split(" ")[0] as string)) * unit;
}

export const EARLIER = /earlier|sooner|forward|before/;
/** "Extend it by an hour" is longer by that, and not later. */
export const LONGER_BY = /\b(?:extend|lengthen|prolong|shorten|longer|shorter)\b[^.;?!]*$/;

/** Right before a length that is told of something, and not wished for: "if it takes five hours", "it's been three hours". */
export const TELLS_A_LENGTH =
  /\b(?:(?:if|when|since|because|as) (?:it|that|they) (?:takes?|lasts?|took)|(?:it|that)(?:'s| has) been|it took|for the (?:last|past)) (?:about |around |nearly |over |only |just |the |all of )*$/;

/** One of a thing, and no more: "just the one", "one ear". */
export const JUST_ONE =
  /\b(?:just|only) (?:the |my |his |her )?one\b|\b(?:the |my |his |her )?one (?:ear|eye|foot|hand|leg|arm|knee|side|tooth|nail|lobe|shoulder|room|page|bike|car|dog|cat|shoe|lens)\b/;
/** The same in answer to which. */
export const OF_ONE_THING = /^\W*(?:(?:oh|just|only|um+|well)\W+)*one(?: (?:please|will do|is fine))*\W*$/;
/** In a description: that a length is for both of two things, or for one of them. */
export const FOR_BOTH = /\bboth\b/;
export const FOR_ONE_OF_TWO = /\bone\b/;
/** Of what there are two, or one, which tells nothing by itself. */
export const ONE_OR_BOTH_OF = /\b(?:both|one) (?:of )?(?:the |your )?[a-z]+/g;
/** Everyday words that may well be what a length is for. */
export const TELLING_OF_A_LENGTH: ReadonlySet<string> = new Set("first new without small large big little full half whole quick".split(" "));
/** What a length of a visit comes without. */
export const WITHOUT = /\b(?:without|no|not) (?:any |the |your )?((?:[a-z]+ ?){1,2})/;
/** Right before what is not wanted with it: "no extensions". */
export const LACKS = /\b(?:without|no|not|don't (?:need|want)) (?:any |the |my )?$/;

/** The most or the least of several lengths, as an answer: "as long as possible", "not too long". */
export const LONGER_OR_SHORTER =
  /^\W*(?:(?:oh|well|um+|hmm|ok|okay|just|i think|maybe|i'd say|preferably|please|for)\W+)*(?:(?<long>as (?:long|much time) as (?:possible|you (?:can|have|do|offer)|i can (?:get|have))|the (?:full|whole|most) (?:time|thing|one)|the more the better|not too short|all the time you have)|(?:as (?:short|quick|brief) as (?:possible|you (?:can|have|do))|(?:nothing|not) too long|(?:something|a) (?:short|quick)(?: one)?|(?:whatever is |whatever's |the )?(?:the )?(?:cheapest|least expensive|quickest)(?: one)?|the less the better))(?:,? (?:please|then|will do|thanks))*\W*$/;
