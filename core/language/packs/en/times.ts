import { hoursFor } from "../../clock.ts";
import type { Expects, Moment } from "../../context.ts";
import type { ClockValue, TimeValue } from "../../found.ts";
import { minutesOf } from "./lengths.ts";
import { CARDINALS, DAY_PARTS, FROM_NOW, HOUR, HOUR_WORDS, MINUTE, MINUTE_WORDS, MONTH } from "./words.ts";

/** One way to say a time of day. */
export interface TimeRule {
  name: string;
  pattern: RegExp;
  value(m: RegExpExecArray, at: Moment): { value: TimeValue; assumed?: string } | null;
}

/** Words before a number of hours that say how long, and not when. */
const HOW_LONG =
  "about|for|in|within|over|under|than|every|each|last|lasts|lasted|least|most|takes?|took|sleep|slept|fast|fasted|drove|next|past|another|wait|waited|been|only|all|these|those|by";
const UP_TO_NOON = "0?[6-9]|1[0-2]|six|seven|eight|nine|ten|eleven|twelve";
const TEENS_AND_ON = "1[3-9]|2[0-3]|thirteen|fourteen|fifteen|sixteen|seventeen|eighteen|nineteen|twenty(?:[- ](?:one|two|three))?";
const HOURS = " ?(?:hours|hrs)";
/**
 * "18 hours", "six hours": the hour of a clock with twenty-four of them. What is shorter than six is how long something
 * takes. What stands before it is looked at once the rest fits, which is seldom.
 */
const OF_TWENTY_FOUR = `(?:${TEENS_AND_ON}|${UP_TO_NOON})${HOURS}(?<!\\b(?:${HOW_LONG}) (?:${TEENS_AND_ON}|${UP_TO_NOON})${HOURS})(?<!\\b(?:around|(?<!time )after) (?:${UP_TO_NOON})${HOURS})(?! (?:of|notice|before|earlier|later|late|ago|away|an?|per|in|long|each|every|or|from now|straight|ahead|after|drive|sleep|flight)\\b)(?!')`;
/** A clock time in words or digits; groups are read by `clock`. */
const CLOCK =
  `(?:half past (?:${HOUR}|\\d{1,2})|half (?:${HOUR}|(?:1[0-2]|[1-9])(?![\\d.:]))|(?:a )?quarter (?:past|after|to|of|till|til) (?:${HOUR}|\\d{1,2})|(?:(?:(?:twenty[- ]five|twenty|ten|five)(?: minutes)?|\\d{1,2} minutes) (?:past|to|after|of|till?)|(?:5|10|20|25) past) (?:${HOUR}|\\d{1,2})` +
  `|(?:${HOUR}|1[0-2]|[1-9])[ -](?:fifteen|thirty|forty[- ]five)(?![ -]?(?:min|of\\b))|(?:${HOUR}) (?:${MINUTE})(?![ -]?min)|(?:thirteen|fourteen|fifteen|sixteen|seventeen|eighteen|nineteen) (?:fifteen|thirty|forty[- ]five|hundred)(?![ -]?(?:min|of\\b))|\\d{1,2}[:.][0-5]\\d(?: ?(?:h|hrs|hours)\\b)?|\\d{1,2}h(?:[0-5]\\d)?|${OF_TWENTY_FOUR}|(?:[01]?\\d|2[0-3])[0-5]\\d(?: ?(?:hrs|hours))?(?=\\b)|(?:12|twelve) (?:noon|mid-?day)|noon|mid-?day|midnight|(?:${HOUR})|\\d{1,2})` +
  `(?: ?(?:o'?clock))?(?: ?(?:a\\.m\\.?|p\\.m\\.?|am|pm|a|p)\\b\\.?)?(?: (?:in the (?:morning|afternoon|evening)|at night|sharp|on the dot|exactly|precisely))?`;

/** Like CLOCK, but sure to be a time without anything before it. */
const SURE = new RegExp(
  `^(?:.*(?:a\\.?m|p\\.?m)\\b\\.?$|(?:${TEENS_AND_ON}|\\d{3,4}) ?(?:hours|hrs)$|.*o'?clock$|.*in the (?:morning|afternoon|evening)$|.*at night$|\\d{1,2}:[0-5]\\d.*|\\d{1,2}h(?:[0-5]\\d)?|(?:(?:12|twelve) )?(?:noon|mid-?day)|midnight|half .*|(?:a )?quarter .*|.* (?:past|to|after|of|till?) .*|(?:${HOUR}|1[0-2]|[1-9])[ -](?:${MINUTE}))$`,
);

/** What makes an hour exact. */
/** Somebody or what brings them gets here: what stands after "by" is when they can begin. */
const ARRIVES =
  /\b(?:i|we|he|she|they|(?:my|our|the|his|her) (?:[a-z]+ )?(?:ride|lift|bus|train|ferry|taxi|flight|plane|carer|driver|husband|wife|mum|mom|dad|son|daughter|sitter|babysitter)) (?:can|could|will|'ll|should|would|might|may)(?: only| just| probably| maybe)* (?:get|be|make it|arrive|reach|come|bring|drop)(?: me| us| him| her| you)?(?: there| here| in| to you| to yours| over| down| round| back| off)* $/;
/** What is not there, or not free, until an hour is from then on; who cannot stay until then is not meant. */
const NOT_UNTIL = /\b(?:not|isn't|aren't|don't|doesn't|won't|can't|cannot|didn't|never)\b(?! (?:stay|wait|last|go on|be (?:there|here) all))[^.,;?!]{0,30}$/;
/** "One in the evening" is no hour of a day; "is there one in the afternoon" is one of them. */
const AFTER_A_MONTH = new RegExp(`\\b(?:${MONTH}) $`);
const ONE_IN_THE_EVENING = /^one in the (?:morning|evening)$/;
const ONE_IN_THE = /^one in the afternoon$/;
const A_THING_BEFORE = /\b(?:the|there|there's|have|got|want|need|like|prefer|do|any|is|book|find)(?: me)? $/;
/** Right after an hour until which somebody is busy: "so after that". */
const ONLY_AFTER_IT =
  /^,? ?(?:(?:so|and|then|but)\b,? ?)*(?:(?:any ?time|only|sometime|it (?:has|would have) to be|has to be|must be) )*(?:after (?:that|then|it)|afterwards|from then(?: on)?)\b/;
const PRECISELY = / (?:sharp|on the dot|exactly|precisely)$/;

/** Reads one clock time; null when the words are no possible time. */
export function clock(text: string): ClockValue | null {
  let t = text.trim();
  let half: "am" | "pm" | null = null;
  const daytime = / (in the (?:morning|afternoon|evening)|at night)$/.exec(t);
  if (daytime) {
    half = daytime[1] === "in the morning" ? "am" : "pm";
    t = t.slice(0, daytime.index);
  }
  t = t
    .replace(PRECISELY, "")
    .replace(/ ?(?:h|hrs|hours)$/, (h) => (/^(?:\d{1,2}[:.]|\d{1,2})\d\d/.test(t) ? "" : h))
    .replace(/^([a-z]+|\d{1,2})-(?=fifteen|thirty|forty)/, "$1 ")
    .replace(/ ?o'?clock/, "");
  const suffix = / ?(a\.?m\.?|p\.?m\.?|a|p)$/.exec(t);
  if (suffix && /\d|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirty|fifteen/.test(t.slice(0, suffix.index))) {
    half = suffix[1]?.startsWith("a") ? "am" : "pm";
    t = t.slice(0, suffix.index);
  }
  t = t.trim();
  if (/noon|mid-?day/.test(t)) return { hour: 12, minute: 0, certain: true };
  if (t === "midnight") return { hour: 24, minute: 0, certain: true };
  const ofTwentyFour = /^(.+?) ?(?:hours|hrs)$/.exec(t);
  if (ofTwentyFour) return valid(minutesOf(ofTwentyFour[1] as string), 0, true);
  const number = (w: string): number => (/^\d+$/.test(w) ? Number(w) : (HOUR_WORDS[w] ?? NaN));
  let hour: number;
  let minute = 0;
  let m: RegExpExecArray | null;
  if ((m = /^(thirteen|fourteen|fifteen|sixteen|seventeen|eighteen|nineteen) (fifteen|thirty|forty[- ]five|hundred)$/.exec(t))) {
    const teens = ["thirteen", "fourteen", "fifteen", "sixteen", "seventeen", "eighteen", "nineteen"];
    return valid(13 + teens.indexOf(m[1] as string), { fifteen: 15, thirty: 30, hundred: 0 }[m[2] as string] ?? 45, true);
  }
  t = t.replace(/ (?:till|til|of) /, " to ").replace(/ after /, " past ");
  if ((m = /^half (?:past )?(\w+)$/.exec(t))) {
    hour = number(m[1] as string);
    minute = 30;
  } else if ((m = /^(?:a )?quarter (past|to) (\w+)$/.exec(t))) {
    hour = number(m[2] as string) - (m[1] === "to" ? 1 : 0);
    minute = m[1] === "to" ? 45 : 15;
  } else if ((m = /^(.+?)(?: minutes)? (past|to) (\w+)$/.exec(t))) {
    const n = /^\d+$/.test(m[1] as string) ? Number(m[1]) : (MINUTE_WORDS[m[1] as string] ?? NaN);
    hour = number(m[3] as string) - (m[2] === "to" ? 1 : 0);
    minute = m[2] === "to" ? 60 - n : n;
  } else if ((m = /^(\d{1,2})[:.h](\d\d)$/.exec(t))) {
    hour = Number(m[1]);
    minute = Number(m[2]);
    if (!half && (hour > 12 || hour === 0 || /^0\d/.test(t))) return valid(hour, minute, true);
  } else if ((m = /^(\d{1,2})h$/.exec(t))) {
    return valid(Number(m[1]), 0, true);
  } else if ((m = /^(\d{1,2})(\d\d)$/.exec(t))) {
    hour = Number(m[1]);
    minute = Number(m[2]);
    // Nobody comes at 19:52: four bare digits that are no five minutes are a year, or some other number.
    if (minute % 5 !== 0) return null;
    if (!half) return valid(hour, minute, hour > 12 || t.length === 4);
  } else if ((m = /^(\d{1,2})$/.exec(t))) {
    hour = Number(m[1]);
    if (!half && hour > 12) return valid(hour, 0, true);
  } else if ((m = new RegExp(`^(${HOUR}|\\d{1,2}) (.+)$`).exec(t))) {
    hour = number(m[1] as string);
    minute = MINUTE_WORDS[m[2] as string] ?? NaN;
  } else hour = number(t);
  if (hour === 0 && minute > 0) hour = 12;
  if (!half) return hour >= 1 && hour <= 12 ? valid(hour, minute, false) : null;
  if (hour < 1 || hour > 12) return valid(hour, minute, true);
  return valid((hour % 12) + (half === "pm" ? 12 : 0), minute, true);
}

function valid(hour: number, minute: number, certain: boolean): ClockValue | null {
  return hour >= 0 && hour <= 24 && minute >= 0 && minute < 60 ? { hour, minute, certain } : null;
}

/** Whether the first hour is later on the dial than the second, and more than eight hours of the clock lie between them. */
function wraps(from: string | undefined, to: string | undefined): boolean {
  const [a, b] = [clock(from ?? ""), clock(to ?? "")];
  return a !== null && b !== null && !a.certain && !b.certain && a.hour > b.hour && b.hour + 12 - a.hour > 8;
}

/** Whether from one hour to the other, in the one half of the day or the other, the house is open on its longest day. */
function insideHours(at: Moment, from: string | undefined, to: string | undefined): boolean {
  const [a, b] = [clock(from ?? ""), clock(to ?? "")];
  const hours = hoursFor(at.house, undefined);
  if (!a || !b || !hours) return true;
  return [0, 12].some((half) => {
    const start = ((a.hour % 12) + half) * 60 + a.minute;
    const ends = ((b.hour % 12) + half) * 60 + b.minute;
    const end = ends > start ? ends : ends + 12 * 60;
    return start >= hours.fromMin && end <= hours.toMin;
  });
}

const rx = (source: string): RegExp => new RegExp(source, "g");
/** Not followed by what makes a number something else than a time. */
const NOT_TIME =
  "(?![a-z])(?! (?:or|to) (?:\\d+|two|three|four|five|six|seven|eight|nine|ten|twelve|more) (?:days?|weeks?|months?|hours?|minutes?|years?|people|times)\\b)(?! ?(?:%|kilo|kg|pound|lbs|euro|cent|km|mile|cm|metre|meter|foot|feet|inch|years?[ -]old|times|dogs?|kids?|children|sessions?|lessons?|classes|minute|min\\b|mins|hour|hr|day|week|month|year|people|person|place|spot|of us|dollar|st\\b|nd\\b|rd\\b|th\\b|/\\d|[-.]?\\d(?!\\d{0,2} ?-?(?:min|hour|hr))))(?!\\d)";

const ranged = (name: string): { value: TimeValue } => ({ value: { kind: "span", ...DAY_PARTS[name], name } });
/** What is asked while it is open when a visit is to be: an hour may come with the answer. */
const WHILE_BOOKING = new Set<Expects>(["slot", "time", "day", "service", "length", "staff"]);
const waitsFor = (at: Moment): boolean => at.expects === "time" || at.expects === "slot" || at.expects === "day";
/** What is read back may be answered with another hour: "no, ten", "could we do 4". */
const mayChange = (at: Moment): boolean => at.expects === "go-ahead" || at.expects === "phone-check" || at.expects === "name-check";
const CHANGES = /\b(?:no|nope|wait|sorry|i mean|i meant|rather|actually|do|be|make it|make that|have|take|say|come|prefer|at)[, ]+(?:it |that )?$/;

/** What rules the hours before a time out. */
const UNABLE =
  "(?:\\b(?:i|we) )?\\b(?:can'?t|cannot|can not|couldn'?t|won'?t|am not able to|are not able to|unable to|don'?t (?:like|want|do)|never|nothing|hate)(?: (?:really|do|make|manage|come|be there|get there|get away|start|any ?thing|any ?time|it))*";

/** A part of the day and nothing else, before anything was asked: "morning" greets. */
const greets = (m: RegExpMatchArray, at: Moment): boolean =>
  at.expects === "errand" && /^\W*(?:(?:hi|hello|hey|oh|um+|uh+|good)\W+)*(?:morning|afternoon|evening)\W*(?:there\W*)?$/.test(m.input ?? "");

/** Nobody names just an hour in more characters. */
const LONGEST_ANSWER = 160;

/** What people put around a bare number that names a time. */
const AROUND_A_TIME =
  /\b(?:um+|uh+|ok(?:ay)?|kk?|yes|yeah|yep|no|at|around|maybe|how about|what about|say|let's|do|the|then|please|works?|is|fine|good|great|grand|lovely|ideal|brilliant|super|nice|suits?|does it|sounds|would|be|for me|me|thanks|thank you|(?:i|we)'(?:ll|d) (?:take|have|like|go for|go with|prefer)|(?:can|could) (?:i|we) (?:have|take)|give me|let me have|book|put me down for|take|it|make|better|perfect|with|slot|one|too|also|again|as well|if|you|can|possible|there is|that|sorry|actually|rather|i (?:meant|mean|said)|i'd (?:rather|sooner)(?: have| do)?|(?:do|does|have) you have|instead|'s)\b/g;

/** Right before how old somebody is. */
const IS_SO_OLD =
  /\b(?:(?:he|she)(?:'s| is)|they(?:'re| are)|(?:my|our|the) [a-z]+(?:'s| is|'re| are)|(?:kids|boys|girls|children|both|all) are) (?:all |both |only |just |now |each )*$/;

/** An hour with its sign, and what joins another to it. */
const AT_AN_HOUR_AND =
  /\bat (?:\d{1,2}|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)(?:[:.]\d\d)?(?: ?(?:am|pm|o'clock))? (?:and|and then)(?: one)?(?: at)? $/;
/** What was meant, and not what was taken. */
const MEANS_RATHER = /\b(?:mean|meant|rather|sooner|better|instead|make it)\b/;
/** A figure that a telephone number has. */
const DIGIT = /^(?:oh|one|two|three|four|five|six|seven|eight|nine)$/;

/** Before the hour that was meant. */
const MEANT_BEFORE = /(?:^\W*|\b(?:i )?(?:meant|mean|said|sorry|no)[, ]+|\bit (?:was|is) |\bit's )(?:at )?$/;
/** After one hour that is no good, before another. */
const TOO_SOON_BEFORE =
  /\b(?:too (?:early|late|soon)|no (?:good|use)|(?:not|n't) (?:work|suit|good|possible))\b[^.;a-z]{0,3}(?:(?:how about|what about|maybe|make it|could we do|could it be|is|can we do|let's say|say|rather|better)\s+)?$/;
/** What follows an hour: another that is not meant. */
const BUT_NOT_AFTER = new RegExp(`^,? (?:and )?not (?:at )?(?:${HOUR}|\\d{1,2})\\b`);

/** Right before an hour that follows from what was asked. */
const THEN_BEFORE = /^\W*(?:(?:ok(?:ay)?|so|well|good|great)\W+)*then,? $/;
/** A sentence before it named a day, or a part of one. */
const SPOKE_OF_A_DAY = /(?:\b(?:morning|afternoon|evening|tomorrow|today)|day|\d(?:st|nd|rd|th))\b[^.?!;]{0,24}[.?!]+ (?:say |maybe |perhaps )?$/;
const DAY_RIGHT_BEFORE = /(?:day|tomorrow|today|mon|tues?|weds?|thurs?|fri|sat|sun|\d(?:st|nd|rd|th)),? (?:either )?$/;
const WOULD_DO =
  /^,? (?:(?:would|will|could|should|might) (?:be (?:(?:so |very )?much |far |a lot |even |way |a bit )?(?:good|fine|great|ok|okay|best|better|easier|ideal|perfect|possible)|do|work|suit)|(?:is|are) (?:good|fine|both fine|ok|okay|best|better)|works?|suits?)\b/;
/** A day or an hour was named in the same sentence, and another one follows. */
const BUT_BEFORE = /(?:\b(?:at|day|tomorrow|today|o'clock|noon|[ap]m|\d(?:st|nd|rd|th)?)\b)[^.?!;]{0,40}\bbut (?:maybe |perhaps |i think )?$/;
const DAY_RIGHT_AFTER = /^,? (?:on |this |next |the )*(?:(?:mon|tues|wednes|thurs|fri|satur|sun)day|tomorrow|today|\d{1,2}(?:st|nd|rd|th))\b/;

/** A visit that is moved to an hour, whatever stands between. */
const MOVED_TO = /\b(?:move|change|shift|switch|push|bring|put|reschedule|rearrange|postpone)\b[^.;?!]*\bto $/;

/** Until some hour, somebody is not free. */
const OCCUPIED =
  "(?:(?:not|n't)(?: be| going to be)? (?:free|available|done|finished|back|home|off|out)|busy|booked up|booked|tied up|occupied|away|out|on shift|asleep|stuck)";

/** An hour by itself: "at nine". */
const HOUR_NAMED = new RegExp(`\\bat (${HOUR}|1[0-2]|[1-9])(?: o'?clock)?\\b(?![:.]\\d| (?:past|to|thirty|fifteen|forty))`, "g");

export const TIME_RULES: TimeRule[] = [
  {
    name: "time/between",
    pattern: rx(`\\b(?:between |from )(${CLOCK}) ?(?:and|to|-|till|until|til) ?(${CLOCK})${NOT_TIME}`),
    value: (m) => between(m[1], m[2]),
  },
  {
    name: "time/range",
    pattern: rx(`(?<![\\d/-])\\b(${CLOCK}) ?(?:to|-|till|until|til) ?(${CLOCK})${NOT_TIME}(?![-\\d])`),
    value: (m, at) => {
      // "Move the other one to ten": a visit, and no hour.
      if (/^one\b/.test(m[0]) && /\b(?:the|that|this|other|my|first|second|next|last)\s+$/.test(m.input.slice(0, m.index))) return null;
      if (/^(a |quarter|half)/.test(m[0]) && !/-| to .* /.test(m[0])) return null;
      // "Ten to eleven" in words is ten minutes before; "10 to 11" a range.
      if (new RegExp(`^(?:five|ten|twenty|twenty[- ]five) to (?:${HOUR})$`).test(m[0].trim())) return null;
      // "Ten till nine": no stretch of hours is that long.
      // "Ten till six", where nobody is there from ten to six: ten minutes before.
      if (/^(?:five|ten|twenty(?:[- ]five)?) (?:till|til) [a-z]+$/.test(m[0].trim()) && (wraps(m[1], m[2]) || !insideHours(at, m[1], m[2]))) return null;
      // "Nine forty-five" is one time, "one to one" none.
      if (/ (?:twenty|thirty|forty|fifty)-\w+$/.test(m[0].trim()) || m[1]?.trim() === m[2]?.trim()) return null;
      return between(m[1], m[2]);
    },
  },
  {
    name: "time/or-later",
    pattern: rx(`\\b(?:at )?(${CLOCK}) (?:or|and) (?:later|after|onwards?)(?! (?:that|it|them|we|i|the|a)\\b)\\b|\\b(${CLOCK}) onwards?\\b`),
    value: (m) => one("from", m[1] ?? m[2]),
  },
  {
    name: "time/or-earlier",
    pattern: rx(`\\b(?:at )?(${CLOCK}) or (?:earlier|before)\\b`),
    value: (m) => until(m[1], "start"),
  },
  {
    name: "time/after",
    pattern: rx(
      `\\b(?:any ?time after|some ?time after|(?<!\\bthe day )(?<!\\bthe one )after|from|past|since|any ?time from|not before|no earlier than|no sooner than|not sooner than|not earlier than|starting(?: at| from)?|later than|at the (?:very )?earliest) (?:about |around )?(${CLOCK})(?: onwards?| on(?= ?$| ?[,.;?!]))?${NOT_TIME}|\\b(?:at )?(${CLOCK}) at the (?:very )?earliest\\b`,
    ),
    value: (m) => one("from", m[1] ?? m[2]),
  },
  {
    // "I'm down for two on Thursday".
    name: "time/down-for",
    pattern: rx(
      `(?<=\\b(?:i'm|i am|we're|we are|am i|are we) (?:down|booked|in|due|scheduled) )for (${CLOCK})${NOT_TIME}(?= (?:on |this |next )?(?:mon|tues|wednes|thurs|fri|satur|sun)day\\b| (?:on the|tomorrow|today)\\b)`,
    ),
    value: (m) => one("at", m[1]),
  },
  {
    // "I can't do before eleven" wishes for eleven or later.
    name: "time/not-before",
    pattern: rx(`${UNABLE} (?:before|earlier than) (${CLOCK})${NOT_TIME}`),
    value: (m) => one("from", m[1]),
  },
  {
    // "She has school until three", "I'm in meetings till two", "busy until four": what comes after it.
    name: "time/taken-until",
    pattern: rx(
      `\\b(?:(?:have|has|'ve|'s|got|in|at|at a|in a|in the|with)(?: got)? (?:an? |the |my |his |her )?(?:school|work|class|classes|lectures?|lessons|training|meetings?|practice|kindergarten|nursery|court|college|uni|university|rehearsals?|shift)|${OCCUPIED}),? (?:until|till|til|to) (?:around |about )?(${CLOCK})${NOT_TIME}|(?<=\\b${OCCUPIED} (?:on )?[a-z]+,? )(?:until|till|til) (?:around |about )?(${CLOCK})${NOT_TIME}`,
    ),
    value: (m) => one("from", m[1] ?? m[2]),
  },
  {
    name: "time/before",
    pattern: rx(
      `\\b(?:any ?time before|some ?time before|before|(?<!\\b(?:come|coming|stop|stopping|drop|dropping|swing|swinging|pop|popping|one|two|three) )by|until|till?(?<!\\b(?:five|ten|twenty) till?)|done by|out by|finished by|over by|no later than|not later than|earlier than|not after|(?<!\\b(?:moved?|bring|brought|push|pull|bump|shift|get)\\b[^.;?!]{0,40})up to|up until|at the (?:very )?latest) (?:about |around )?(${CLOCK})${NOT_TIME}|\\b(?:at )?(${CLOCK}) at the (?:very )?latest\\b`,
    ),
    // "I can only get there by half past nine", "I clean offices till two, so after that": from then on, and not until then.
    value: (m) =>
      (/^by /.test(m[0]) && ARRIVES.test(m.input.slice(0, m.index))) ||
      (/^(?:until|till?) /.test(m[0]) && ONLY_AFTER_IT.test(m.input.slice(m.index + m[0].length)))
        ? one("from", m[1] ?? m[2])
        : // "The bus doesn't get in till ten", "I'm not free until two".
          /^(?:until|till?) /.test(m[0]) && NOT_UNTIL.test(m.input.slice(Math.max(0, m.index - 50), m.index))
          ? one("from", m[1] ?? m[2])
          : until(m[1] ?? m[2], "end"),
  },
  {
    // "A bit later, eleven", of what was offered.
    name: "time/rather",
    pattern: rx(
      `(?<=^[a-z' ]*\\b(?:later|earlier|sooner|rather|better|instead|no|nah|maybe)\\b[a-z' ]*, ?)(${CLOCK})${NOT_TIME}(?=\\W*(?:please|then|if (?:you|that)[a-z' ]*)?\\W*$)`,
    ),
    value: (m, at) => (waitsFor(at) ? one("at", m[1]) : null),
  },
  {
    // "Is ten still open": whether an hour can be had.
    name: "time/is-it-free",
    pattern: rx(
      `(?<=\\b(?:is|would) (?:the )?)(${CLOCK})${NOT_TIME}(?= (?:slot |one )?(?:still )?(?:open|free|available|possible|going|taken|be (?:possible|ok|okay|free|available))\\b)`,
    ),
    value: (m) => one("at", m[1]),
  },
  {
    // Who works until five wishes for what comes after it, and who starts at nine for what is over by then.
    name: "time/own-hours",
    pattern: rx(
      `(?<!\\b(?:could|can|may|might|shall|should|would) )\\b(?:i|we|he|she|they|my (?:shift|work|day)|work|school) (?:(?:only|usually|always|normally|have to|has to|need to|must|don't|doesn't) )?(?:(start|starts|begin|begins|be(?: back)? (?:at|in)(?: work| school| the office)?|am (?:back )?(?:at|in) (?:work|school|the office))(?: work| school| my shift| teaching)?|works?|finish|finishes|end|ends|get off|gets off|knock off|clock off|get out|gets out)(?: work| school| my shift)?,? (?:(from )?(?:${CLOCK}) ?(?:to|-|till|until|til) ?|at |by |till |until |til )(?:around |about )?(${CLOCK})${NOT_TIME}`,
    ),
    value: (m) => (m[1] && !m[2] ? until(m[3], "end") : one("from", m[3])),
  },
  {
    // "I have to leave at three", "I need to be out of there by half past four": what is over by then will do.
    name: "time/leave-by",
    pattern: rx(
      `\\b(?:have|has|had|need|needs|got|gotta|must|'ve got|want|should|'d better)(?: to)? (?:(?:be (?:out|gone|away|off|back|finished|done|home|on my way|on our way|somewhere(?: else)?|at (?:work|school|the [a-z]+|an? [a-z]+))|leave|go|run|get (?:out|away|off|back|going|home)|head (?:off|out|back|home)|catch (?:a|the|my) [a-z]+|pick (?:up )?(?:the |my |our )?[a-z]+(?: up)?)(?: of (?:there|here|the door))?(?: again)?(?: from [a-z]+)?) (?:by|at|before|around|for) (?:around |about )?(${CLOCK})${NOT_TIME}`,
    ),
    value: (m) => until(m[1], "end"),
  },
  {
    // "She naps at eleven": what is over by then will do; "he gets up at nine": what comes after it.
    name: "time/their-hours",
    pattern: rx(
      `\\b(?:she|he|they|it|(?:the|my|our) (?:baby|kids?|children|boys?|girls?|twins|son|daughter|mother|father|mum|dad|dog|wife|husband)) (?:usually |always |normally |only )?(?:(wakes?(?: up)?|gets? up|get up|comes? home|gets? home|gets? back)|naps?|sleeps?|eats?|has (?:a nap|lunch|dinner|his nap|her nap|a bath)|goes? to (?:bed|sleep)|feeds?) (?:at |around |about |from )+(${CLOCK})${NOT_TIME}`,
    ),
    value: (m) => (m[1] ? one("from", m[2]) : until(m[2], "end")),
  },
  {
    name: "time/around",
    pattern: rx(
      `\\b(?:(?:somewhere |round )?(?:around|(?<!\\b(?:what|how) )about)|(?<=(?:[,.]|night,?|evening,?|afternoon,?|morning,?|day,?) )like|(?<=\\b(?:at|for|say) )like|round|roughly|approximately|circa|near|(?:the )?(?:close|closer|closest|nearest|nearer) to|nearer|ish) (?:about |at )?(${CLOCK})${NOT_TIME}`,
    ),
    // "They're all about eight" tells how old they are.
    value: (m) => (IS_SO_OLD.test(m.input.slice(Math.max(0, m.index - 40), m.index)) && /^[a-z\d]+$/.test(m[1] ?? "") ? null : one("around", m[1])),
  },
  {
    // "Ten or eleven on Friday", "at three or four".
    name: "time/either",
    pattern: rx(`\\b(?:(at|around|about|say|either|like) )?(${CLOCK}),? or (?:(?:at|maybe|perhaps|even|around|about) )?(${CLOCK})${NOT_TIME}`),
    value: (m, at) => {
      const hours = [m[2], m[3]].flatMap((h) => clock(h ?? "") ?? []);
      const rest = m.input.slice(m.index + m[0].length);
      const before = m.input.slice(0, m.index);
      const sure =
        m[1] !== undefined ||
        SURE.test(m[2] ?? "") ||
        SURE.test(m[3] ?? "") ||
        DAY_RIGHT_BEFORE.test(before) ||
        DAY_RIGHT_AFTER.test(rest) ||
        WOULD_DO.test(rest) ||
        (waitsFor(at) && `${before} ${rest}`.replace(AROUND_A_TIME, " ").replace(/[^a-z0-9]+/g, "") === "");
      return hours.length === 2 && sure && m.input.length <= LONGEST_ANSWER ? { value: { kind: "either", hours } } : null;
    },
  },
  { name: "time/thereabouts", pattern: rx(`\\b(?:at )?(${CLOCK}),? or (?:thereabouts|so)\\b`), value: (m) => one("around", m[1]) },
  {
    name: "time/hundred-hours",
    pattern: /\b(?:at )?(oh |zero )?([a-z]+|\d{1,2}) hundred(?: hours)?\b/g,
    value: (m) => {
      const hour = /^\d/.test(m[2] ?? "") ? Number(m[2]) : (CARDINALS[m[2] ?? ""] ?? -1);
      return hour >= 6 && hour <= 22 && (/hours/.test(m[0]) || m[1]) ? { value: { kind: "at", at: { hour, minute: 0, certain: true } } } : null;
    },
  },
  {
    // Heard: "at to", "at too" is at two; "for thirty" half past four; "at for" at four.
    name: "time/heard",
    pattern:
      /\b(?:at (to|too|for|ate|won)(?= ?(?:$|[,.!?]|on\b|please|with|for\b))|(?:at |half )?(for|to|too|ate|won) (thirty|fifteen|forty[- ]five)(?! ?min| (?!(?:on|in|at|please|with|and|or|then|today|tomorrow|this|next|thanks|if|maybe|would|is|works|for|pm|am)\b)[a-z]+)|(?:at )?(to|too|for|ate|won) ?(am|pm|a\.m\.?|p\.m\.?)(?=\W|$)|half (to|too|for|ate|won)(?= ?(?:$|[,.!?]|on\b|please|with)))/g,
    value: (m) => {
      const hour = { to: 2, too: 2, for: 4, ate: 8, won: 1 }[m[1] ?? m[2] ?? m[4] ?? m[6] ?? ""];
      if (hour === undefined) return null;
      const half = m[5];
      return {
        value: {
          kind: "at",
          at: {
            hour: half?.startsWith("p") ? hour + 12 : hour,
            minute: m[6] ? 30 : m[3] ? (MINUTE_WORDS[m[3]] ?? 0) : 0,
            certain: half !== undefined,
          },
        },
        assumed: "as heard",
      };
    },
  },
  {
    name: "time/not-but",
    pattern: rx(
      `\\b(?:instead of|rather than|in place of|and not|not|(?:any ?time|anything|any hour)(?: at all)? (?:but|except|bar)|except(?: for)?|apart from|other than) (?:at |around )?(${CLOCK})${NOT_TIME}`,
    ),
    value: (m) => one("at", m[1]),
  },
  {
    // "Half three is no good", "four doesn't work": named only to be ruled out.
    name: "time/not-but",
    pattern: rx(
      `\\b(?:at )?(${CLOCK})(?= (?:(?:is|'s|are|was|would be) (?:no good|no use|not good|bad|out|impossible|not possible|difficult|too (?:early|late|soon)|a no)|(?:doesn't|does not|won't|will not|wouldn't)(?: really)? (?:work|suit|do|fit))(?: ?(?:$|[,.;!?]|for|so|but|and)))`,
    ),
    value: (m) => one("at", m[1]),
  },
  {
    // "Any time except between one and two".
    name: "time/not-but",
    pattern: rx(
      `\\b(?:and not|not|but|except(?: for)?|bar|apart from|other than) (?:between |from )(${CLOCK}) ?(?:and|to|-|till|until|til) ?(${CLOCK})${NOT_TIME}`,
    ),
    value: (m) => between(m[1], m[2]),
  },
  {
    name: "time/same",
    pattern: /\b(?:(?:at )?(?:the )?same (?:day and (?:the )?(?:same )?)?(?:times?|hours?)(?! next)|(?:at )?(?:the )?same times?(?= next))\b/g,
    value: () => ({ value: { kind: "same" } }),
  },
  { name: "time/ish", pattern: rx(`\\b(?:at |about |around )?(${CLOCK}) ?-?ish\\b`), value: (m) => one("around", m[1]) },
  {
    name: "time/at",
    pattern: rx(
      // The verb itself stays: it tells the errand.
      `(?:\\b(?:at|@|bang on|dead on|exactly|precisely|for|let's say|(?<=[,;] )say|say(?<=\\b(?:can|could|shall|should|may|might) (?:we|i|you) (?:just |maybe |perhaps )?say)) |@|(?<=\\bmake (?:it|that) )|(?<=\\b(?:change|move|switch|shift|push|bump)(?: it| that| this| mine| me)? to )|(?<=\\b(?:forward|back|up|over|on|out|earlier|later) to ))(${CLOCK})${NOT_TIME}`,
    ),
    value: (m) => {
      // "for two" counts people, "for 3 pm" does not.
      // "Could we say sixty": a sum, unless it is an hour and nothing is said of money.
      if (/^say /.test(m[0]) && /[$£€]|\b(?:price|pay|cost|charge|dollars?|pounds?|euros?|quid|bucks|each|apiece|total|cash)\b/.test(m.input)) return null;
      const onADay = Number(m[1]) >= 7 && /^ (?:on|tomorrow|today|next|this)\b/.test((m.input ?? "").slice(m.index + m[0].length));
      // "Let's go for four" takes an hour.
      const goesFor =
        /\bgo(?:ing)? $/.test((m.input ?? "").slice(0, m.index)) && /^\W*(?:$|[.,;!?]|then\b|please\b|on\b)/.test((m.input ?? "").slice(m.index + m[0].length));
      if (/^for /.test(m[0]) && !SURE.test(m[1] ?? "") && !onADay && !goesFor) return null;
      return one("at", m[1]);
    },
  },
  {
    // "I'm in at three tomorrow, any chance of four": another hour than the one that was named.
    name: "time/chance-of",
    pattern: rx(
      `(?<=\\b(?:(?:any|a) (?:chance|hope|possibility) of|how about|what about|(?:could|can|might|may|would) (?:it|that|mine) (?:maybe |perhaps |possibly )?be|(?:could|can) (?:we|you) do|is there) )(?<=\\b(?:at|for|do|make|come at|my|the) (?:${CLOCK}|noon|midday)\\b[^.?!]{0,60})(${CLOCK})(?=\\W*$|[,.;?!]| (?:instead|rather|then|please|on)\\b)`,
    ),
    value: (m) => one("at", m[1]),
  },
  {
    // "11.30. Koa Henare": hour and minutes with a point, at the beginning of an answer to when.
    name: "time/with-a-point",
    pattern:
      /(?:^\W*|, ?|\b(?:ok|okay|yes|yeah|then|so|well|the|maybe|say|make it|rather)[ ,]+)(1\d|2[0-3]|[1-9])\.(00|15|30|45|[0-5][05])(?![\d%])(?= *(?:[.,;!?]|$|[a-z]))/g,
    value: (m, at) => ((at.expects !== undefined && WHILE_BOOKING.has(at.expects)) || m[0] === m.input.trim() ? one("at", `${m[1]}:${m[2]}`) : null),
  },
  {
    // "The ten thirty" in figures, where one of several times is waited for: "the 10 30".
    name: "time/two-numbers",
    pattern: /(?<![\d:.,$£€/-] ?)\b(1[0-2]|[1-9]) ([0-5][05])(?![\d:.,]?\d|(?: ?-?(?:min|m\b|hour|%|dollar|pound|euro)))\b/g,
    value: (m, at) => (at.expects === "slot" || at.expects === "time" ? one("at", `${m[1]}:${m[2]}`) : null),
  },
  {
    name: "time/clock",
    pattern: rx(
      `(?<![\\d$:.,/'-])(?<!\\b(?:bus|no|number|of|for|unit|room|suite) )(?<!\\b(?:i'm|i am|he's|she's|he is|she is) (?=[a-z]+ [a-z]+))(?<!\\$ ?)\\b(${CLOCK})${NOT_TIME}(?![\\d:%])`,
    ),
    value: (m, at) => {
      const exact = PRECISELY.test((m[1] ?? "").trim());
      // "April 14 in the afternoon": the number is the day's.
      if (/ in the (?:morning|afternoon|evening)$/.test((m[1] ?? "").trim()) && AFTER_A_MONTH.test(m.input.slice(Math.max(0, m.index - 14), m.index)))
        return null;
      const said = (m[1] ?? "").trim().replace(PRECISELY, "");
      if (exact) return one("at", said);
      // "The one in the morning", of what was offered, and "is there one in the evening": one of those.
      if (ONE_IN_THE_EVENING.test(said) || (ONE_IN_THE.test(said) && A_THING_BEFORE.test(m.input.slice(Math.max(0, m.index - 20), m.index)))) return null;
      // "The 09:00 one" is a time; "the 12" is not.
      if (
        /\bthe $/.test(m.input.slice(0, m.index)) &&
        !SURE.test(said) &&
        !(waitsFor(at) && /^ (?:one|slot|o'?clock)\b/.test(m.input.slice(m.index + m[0].length))) &&
        // "We'll take the eight": an hour in words, of those that were offered.
        !(at.expects === "slot" && /^[a-z]+$/.test(said) && /^\W*(?:(?:please|then|thanks|thank you)\W*)*$/.test(m.input.slice(m.index + m[0].length)))
      )
        return null;
      if (SURE.test(said)) return one("at", said);
      // "1030" and nothing else.
      if (/^(?:0\d|1\d|2[0-3])(?:00|15|30|45)$/.test(said) && said === m.input.trim()) return one("at", said);
      // A bare number is a time where a time is waited for, or right after a day.
      const whole = m.input.slice(0, m.index);
      // What stands just before it is enough to tell, and quick to look through.
      const before = whole.slice(-60);
      const rest = m.input.slice(m.index + m[0].length);
      // "I meant three, not four", "ten is too early, eleven".
      if (said !== "one" && ((MEANT_BEFORE.test(before) && BUT_NOT_AFTER.test(rest)) || (TOO_SOON_BEFORE.test(before) && /^\W*$/.test(rest))))
        return one("at", said);
      // "At nine and ten": two hours that are wished for.
      // "I'm booked at nine, but eleven would be better".
      if (said !== "one" && BUT_BEFORE.test(before) && WOULD_DO.test(rest)) return one("at", said);
      if (said !== "one" && AT_AN_HOUR_AND.test(before) && /^\W*(?:$|[.,;?!]|please\b|on\b|then\b)/.test(rest)) return one("at", said);
      // "Then five", "five then", after a day was asked about.
      if (
        at.expects === "anything" &&
        said !== "one" &&
        ((THEN_BEFORE.test(before) && /^\W*(?:please\W*)?$/.test(rest)) || (/^\W*(?:ok(?:ay)?\W+)?$/.test(before) && /^ then\b\W*(?:please\W*)?$/.test(rest)))
      )
        return one("at", said);
      // "At ten, sorry, eleven".
      if (
        /\d|\b(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|noon)\b/.test(whole) &&
        /\b(?:sorry|no|i mean|rather|actually|make that|make it|or better)[, ]+(?:at )?$/.test(before) &&
        /^\W*(?:$|please|if|then|with|for)|^, ?[A-Z]?[a-z]+(?: |,)/.test(m.input.slice(m.index + m[0].length))
      )
        return one("at", said);
      const afterDay =
        /(?:day|tomorrow|today|mon|tues?|wed|thurs?|fri|sat|sun),? $/.test(before) ||
        // "Tuesday would be better, nine?"
        (/day\b[^.;]*, $/.test(before) && /^\W*$/.test(m.input.slice(m.index + m[0].length))) ||
        // "After school, four maybe".
        (/\b(?:\w+day|tomorrow|today|morning|afternoon|evening|school|work|lunch)\b[^.;?!]{0,12}, $/.test(before) &&
          /^ (?:maybe|perhaps|possibly|ideally|if (?:possible|you can|that works)|would be (?:best|great|good|ideal|perfect|lovely))\W*$/.test(rest)) ||
        // "Could we do it in the morning? Nine": an hour in a sentence of its own, after one that names a day or a part of it.
        (SPOKE_OF_A_DAY.test(before) && /^\W*(?:please\W*)?$/.test(rest)) ||
        // "15th March 10.30", "the 4th 9.15".
        (/^\d{1,2}\.[0-5]\d$/.test(said) && /(?:\d(?:st|nd|rd|th)|\b(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\.?),? (?:at )?$/.test(before)) ||
        // "On the 13th, eleven": an hour in words after a date.
        (/\d(?:st|nd|rd|th), $/.test(before) && /^[a-z]+$/.test(said)) ||
        // "Is 5 on Wednesday gone", "seven on Friday": a number that a day follows.
        (/(?:^\W*|\b(?:is|are|would|could|will|was|say) )$/.test(before) &&
          /^ (?:on |this |next )*(?:mon|tues?|wednes|thurs|fri|satur|sun)day\b/.test(m.input.slice(m.index + m[0].length)));
      // "Twelve will do", of what was offered.
      if (waitsFor(at) && said !== "one" && /^\W*(?:(?:ok|okay|right|then|yes|well)\W+)*$/.test(whole) && WOULD_DO.test(rest)) return one("at", said);
      const waited = waitsFor(at) || at.expects === "name";
      const alone = (): boolean =>
        m.input.length <= LONGEST_ANSWER && `${whole} ${m.input.slice(m.index + m[0].length)}`.replace(AROUND_A_TIME, " ").replace(/[^a-z0-9]+/g, "") === "";
      if (said === "one" && (afterDay || /\b(?:the|that|this)(?: \w+)? $/.test(before))) return null;
      // To a name or a number that is read back, an hour that was meant: "sorry, I meant ten", "eleven is better".
      if (
        (at.expects === "phone-check" || at.expects === "name-check") &&
        /^[a-z]{3,}/.test(said) &&
        !DIGIT.test(said) &&
        MEANS_RATHER.test(m.input) &&
        alone()
      )
        return one("at", said);
      // "What about ten", of what was read back.
      if (at.expects === "go-ahead" && said !== "one" && /\b(?:what|how) about (?:at )?$/.test(before) && /^\W*(?:then\W*)?$/.test(rest))
        return one("at", said);
      // "Sorry, eleven is better".
      if (at.expects === "go-ahead" && said !== "one" && MEANS_RATHER.test(m.input) && alone()) return one("at", said);
      // To what is read back, an hour alone is another hour: "ten".
      if (at.expects === "go-ahead" && /^\W*(?:no\W+)?[a-z0-9:.]+(?:\W+(?:please|then|rather|instead))*\W*$/.test(m.input) && alone()) return one("at", said);
      if (afterDay || (waited && alone())) return one("at", said);
      // "Move my massage on Thursday to four".
      if (
        MOVED_TO.test(before) &&
        /^\W*(?:$|[,.;?!]|please\b|instead\b|if\b|on\b|then\b|tomorrow\b|today\b|\w+day\b|and\b|with\b)/.test(m.input.slice(m.index + m[0].length))
      )
        return one("at", said);
      // "My sister said you're good, I'll take the ten one": an hour of those that were offered.
      if (
        at.expects === "slot" &&
        said !== "one" &&
        /\bthe $/.test(before) &&
        /^ (?:one|slot|o'?clock)\b\W*(?:please\b|then\b|thanks\b|$)/.test(m.input.slice(m.index + m[0].length))
      )
        return one("at", said);
      // "Is four any good".
      if (
        said !== "one" &&
        /\b(?:is|would|are) $/.test(before) &&
        /^ (?:be )?(?:any (?:good|better|use)|okay|ok|all right|alright|possible|free|doable|an option|better)\b/.test(m.input.slice(m.index + m[0].length))
      )
        return one("at", said);
      // "Could it be eleven instead".
      if (/\b(?:be|do|come(?: at)?|make it|have|to)[, ]+$/.test(before) && /^ instead\b/.test(m.input.slice(m.index + m[0].length))) return one("at", said);
      if (
        mayChange(at) &&
        !(at.expects === "phone-check" && DIGIT.test(said)) &&
        CHANGES.test(before) &&
        /^\W*(?:$|then|please|instead|rather|o'?clock)/.test(m.input.slice(m.index + m[0].length))
      )
        return one("at", said);
      return null;
    },
  },
  {
    // "Sunday pm", "tomorrow am": a half of a day that is named right before it.
    name: "time/half-of-day",
    pattern: /(?<=\b(?:\w+day|tomorrow|tmrw|tmr|mon|tues?|weds?|thur?s?|fri|sat|sun|\d{1,2}(?:st|nd|rd|th)) )(am|pm)\b(?! i\b)(?=\W*(?:$|[a-z,.;!?]))/g,
    value: (m) => (m[1] === "am" ? ranged("morning") : { value: { kind: "span", fromMin: 720, name: "afternoon" } }),
  },
  {
    name: "time/late-morning",
    pattern: /\b(?:(?:late(?:r)? in the|late|(?:towards? |at )?(?:the )?end of the) morning|late(?= (?:on )?(?:this |next )?[a-z]+day morning))\b/g,
    value: () => ranged("late-morning"),
  },
  { name: "time/mid-afternoon", pattern: /\bmid[- ]?afternoon\b/g, value: () => ranged("mid-afternoon") },
  { name: "time/early-afternoon", pattern: /\b(?:early(?: in the)?|(?:the )?start of the) afternoon\b/g, value: () => ranged("early-afternoon") },
  { name: "time/early-evening", pattern: /\b(?:early(?: in the)?) evening\b/g, value: () => ranged("early-evening") },
  { name: "time/mid-morning", pattern: /\bmid[- ]?morning\b/g, value: () => ranged("mid-morning") },
  {
    name: "time/late-afternoon",
    pattern: /\b(?:(?:late(?:r)? in the|late|(?:towards? |at )?(?:the )?end of the) afternoon|late(?= (?:on )?(?:this |next )?[a-z]+day afternoon))\b/g,
    value: () => ranged("late-afternoon"),
  },
  { name: "time/before-lunch", pattern: /\b(?:before|by) lunch(?:time)?\b/g, value: () => until("noon", "end") },
  { name: "time/after-lunch", pattern: /\b(?:after|post)[- ]lunch(?:time)?\b/g, value: () => ranged("after-lunch") },
  {
    name: "time/lunch",
    pattern:
      /(?<!before |until |by )(?<!\b(?:have|having|had|eat|eating|ate|grab|grabbing|skip|skipped|bring|buy) (?:my |some |an? (?:[a-z]+ )?)?)\b(?:(?:at|over|during|in my) )?(?:my )?lunch ?(?:time|hour|break)?\b/g,
    value: () => ranged("lunchtime"),
  },
  {
    // "In an hour", "in twenty minutes": counted from now, where somebody would come then.
    name: "time/from-now",
    pattern: rx(FROM_NOW),
    value: (m, at) => {
      if (at.expects === "length" || at.expects === "service") return null;
      const more = m[1] ? 30 : m[2] ? 60 * (CARDINALS[m[2]] ?? Number(m[2])) : minutesOf(m[3] ?? "");
      const then = at.minute + more;
      return then < 24 * 60 ? { value: { kind: "from", at: { hour: Math.floor(then / 60), minute: then % 60, certain: true } }, assumed: "from now" } : null;
    },
  },
  // Over by nine, when most begin: common practice, no source.
  {
    name: "time/before-work",
    pattern: /\bbefore (?:i (?:go to|start|begin) |my )?(?:work|school)\b/g,
    value: () => ({ value: { kind: "until", at: { hour: 9, minute: 0, certain: true }, is: "end" } }),
  },
  {
    name: "time/after-work",
    pattern:
      /\bafter (?:my |i finish )?work(?:ing hours)?\b|\b(?:when|once|after|as soon as) (?:i|we|he|she|they)(?:'m|'re|'s| am| are| is)? (?:finish|done|get off|get out of|am off|off|out of|leave|finished|done with|gets? home from)(?: from| with)? work\b/g,
    value: () => ranged("after-work"),
  },
  {
    name: "time/after-school",
    pattern:
      /\b(?:after (?:his |her |their |the kids' )?school|(?:once|when|after) (?:(?:his |her |their )?school(?:'s| is| gets)? (?:out|over|finished|done|lets? out|finishes|ends)|the (?:kids|children)(?: are| get| finish)? (?:out of |done with )?school))\b(?: lets out)?/g,
    value: () => ranged("after-school"),
  },
  {
    name: "time/first-thing",
    pattern:
      /\b(?:first thing(?: in the morning)?(?! (?:you|that|which|available))|(?:(?:right )?at )?the (?:start|beginning) of the day|as early as (?:possible(?: in the (?:day|morning))?|you(?:'ve got| have(?: got)?| can| open| do| offer)|there is)|when you open|right when you open|as soon as you(?:'re| are)? open|when (?:the )?doors open)\b/g,
    value: () => ({ value: { kind: "part", part: "first-thing" } }),
  },
  {
    name: "time/end-of-day",
    pattern:
      /\b(?:(?:at )?(?:the )?end of (?:the |my )?(?:work ?)?day|(?:as )?late as possible|(?:the )?later,? the better|(?:the )?latest (?:that )?(?:you(?:'ve got| have(?: got)?| do| offer| could| can)|there is|possible|available|slot|appointment)|(?:the|your) (?:very )?last (?:slot|appointment|opening|visit)(?: of the day| you have| there is)?(?= on\b| (?:tomorrow|today|that day|this|next)\b|\W*$)|(?:the|your) last (?:slot|appointment|one) (?:of the day|you have)|last thing|(?<!\btoo )late in the day|(?<!\b(?:i'm|im|be|am|are|is|running|too|come|coming|was|get|in|home|back|out|up|off|there|works?|working|finish|finish(?:es|ing)|stay|staying|how|so|very|bit|little|not|open|open till|until|hours?|hr|minutes?|mins?) )late(?= (?:on )?(?:this |next )?(?:mon|tues|wednes|thurs|fri|satur|sun)day\b(?! (?:morning|afternoon|evening|night)\b))|(?<=\b(?:mon|tues|wednes|thurs|fri|satur|sun)day,? )late(?=\W*(?:please\W*|then\W*|ish\W*)?$))\b/g,
    value: () => ({ value: { kind: "part", part: "end-of-day" } }),
  },
  {
    name: "time/morning",
    pattern: /(?<!good )\b(?:(?:in|during|of) the |this |that |early (?:in the )?)?(?:mornings?|a\.m\.?)(?!\w)(?<!\d ?a\.m\.?)/g,
    // "Morning, could I …" greets.
    value: (m, at) =>
      greets(m, at) ||
      (/^\W*(?:hi |hello |hey )?$/.test(m.input.slice(0, m.index)) &&
        /^morning(?:! ?\w|\W+(?:all\b|everyone|can|could|i\b|i'd|may|we|is|are|do|what|how|this|just|team|folks)\b)/.test(m.input.slice(m.index)))
        ? null
        : ranged("morning"),
  },
  {
    name: "time/not-part",
    pattern:
      /\b(?:any ?time )?(?:(?:but )?not|no|(?:anything|any ?time|any ?day|all) (?:but|except|bar)|except(?: for| in)?|avoid(?:ing)?|apart from) (?:in the |too |(?:at )?the )?(?:(mornings?|early|(?:very )?first thing(?: in the morning)?|(?:start|beginning) of the day)|(afternoons?)|(evenings?|late|(?:very )?last thing|end of the day))\b/g,
    value: (m) => ({
      value: m[1]
        ? // Not too early is no rule against the morning.
          { kind: "span", ...(m[1].startsWith("morning") ? { fromMin: 720, name: "not-morning" } : { fromMin: 600, name: "not-early" }) }
        : m[2]
          ? { kind: "span", toMin: 720, name: "not-afternoon" }
          : { kind: "span", toMin: 1020, name: m[3]?.startsWith("evening") ? "not-evening" : "not-late" },
    }),
  },
  {
    // "I can't do mornings", "afternoons are no good".
    name: "time/not-part",
    pattern: new RegExp(
      `${UNABLE}(?: in)?(?: the)? (?:(mornings?)|(afternoons?)|(evenings?))(?=\\W*(?:$|[,.;!?]|at all\\b|so\\b|but\\b|because\\b|please\\b|on\\b|for\\b|i\\b))|\\b(?:(mornings)|(afternoons)|(evenings))(?: (?:are|aren't|are not|is|isn't)(?: really| just| always)? (?:no good|no use|not good|not great|bad|out|hard|difficult|impossible|tricky|tough|not possible|good|great|possible|an option|out of the question|no)| (?:don't|do not|won't|will not|never|wouldn't)(?: really)? (?:work|suit|do|fit|go)(?: for (?:me|us))?)\\b`,
      "g",
    ),
    value: (m) => {
      // "Mornings are good" wishes for them.
      if (/ (?:are|is)(?: really| just| always)? (?:good|great|possible|an option)$/.test(m[0])) return null;
      return {
        value:
          m[1] || m[4]
            ? { kind: "span", fromMin: 720, name: "not-morning" }
            : m[2] || m[5]
              ? { kind: "span", toMin: 720, name: "not-afternoon" }
              : { kind: "span", toMin: 1020, name: "not-evening" },
      };
    },
  },
  {
    // "Could it be half past instead", of what is held at ten: half past ten.
    name: "time/past-the-hour",
    pattern: rx(
      `\\b(?:at )?(half past|(?:a )?quarter past|(?:ten|twenty|twenty[- ]five) past)(?! ?(?:${HOUR}|\\d))(?=\\s*(?:$|[,.;?!]|\\b(?:instead|rather|please|then|would|is|if|or|be|works?|suits?|on|for|with)\\b))`,
    ),
    value: (m, at) => {
      const said = (m[1] ?? "").replace(/^a | past$/g, "");
      const minute = said === "half" ? 30 : said === "quarter" ? 15 : MINUTE_WORDS[said];
      if (minute === undefined) return null;
      // "One at nine and one at quarter past".
      const [named] = [...m.input.slice(0, m.index).matchAll(HOUR_NAMED)].slice(-1).map((h) => h[1] as string);
      if (named !== undefined) return { value: { kind: "at", at: { hour: HOUR_WORDS[named] ?? Number(named), minute, certain: false } } };
      return at.aroundMin === undefined ? null : { value: { kind: "at", at: { hour: Math.floor(at.aroundMin / 60), minute, certain: true } } };
    },
  },
  {
    name: "time/afternoon",
    pattern: /(?<!good |late )\b(?:(?:in|during) the |this |that |early )?(?:afternoons?|aft)\b/g,
    value: (m, at) => (greets(m, at) ? null : ranged("afternoon")),
  },
  {
    name: "time/evening",
    pattern:
      /(?<!good )\b(?:(?:in|during) the |this |that |early |late )?(?:evenings?|tonight|week ?nights|(?<=\bany )week ?night|(?<=(?:day|tomorrow|mon|tues|wed|thurs|fri|sat) )night)\b/g,
    value: (m, at) =>
      greets(m, at) ||
      (/^\W*(?:hi |hello |hey )?$|[.!?]\s*$/.test(m.input.slice(0, m.index)) &&
        (waitsFor(at) || mayChange(at) ? /^evening\W+(?:all\b|everyone|folks|team|there)/ : /^evening(?:\W*$|\W+(?:all\b|everyone|folks|team|there)|!)/).test(
          m.input.slice(m.index),
        ))
        ? null
        : ranged("evening"),
  },
];

function one(kind: "at" | "from" | "around", text: string | undefined): { value: TimeValue } | null {
  const at = text === undefined ? null : clock(text);
  return at && { value: { kind, at } };
}

function until(text: string | undefined, is: "start" | "end"): { value: TimeValue } | null {
  const at = text === undefined ? null : clock(text);
  return at && { value: { kind: "until", at, is } };
}

function between(a: string | undefined, b: string | undefined): { value: TimeValue } | null {
  const from = a === undefined ? null : clock(a);
  const to = b === undefined ? null : clock(b);
  return from && to && { value: { kind: "between", from, to } };
}
