/** What stands between and around days and times, and joins, rules out or corrects them. */

/** Between two days of which the first is ruled out, and so is the second. */
export const AND_NOT_ON = /^\s*,?\s*(?:or|nor|and)\s*(?:on )?$/;

export const SAYS_NO_TO = /\bno\s+$/;

/** Right before days on which somebody works. */
export const AT_WORK_ON = /\b(?:i|we|he|she)(?:'m| am|'re| are|'s| is)? (?:work|works|at work|working)\s+(?:on |every |most )?$/;

/** What follows days that are told, and not asked for. */
export const ENDS_THERE =
  /^s?\s*(?:(?:tho|though|unfortunately|sadly|sorry|mate|all day|full[- ]time|as well|too|myself|until \S+|till \S+)\b\s*)*(?:$|[.,;!?]|so\b|but\b|and\b)/;

export const IF_NOT = /\bif not\s+$/;

export const OR_ONLY = /^\s*,?\s*or\s*$/;

/** Rules of days that are open to one side. */
export const OPEN_DAY_RULE = /^day\/(?:after|from|before|until)/;

/** A part of the day between two days. */
export const PARTS_BETWEEN = /^\s*(?:in the )?(?:mornings?|afternoons?|evenings?|,? ?(?:all|any) (?:day|time)(?: long)?(?=,))(?=\s*,?\s*(?:or|and)\b|,)/;

export const OF_A_WEEK = /week/;

/** Between a week and a day of it. */
export const ON_THE =
  /^\s*,?\s*(?:(?:ideally|preferably|maybe|perhaps|hopefully|possibly|if possible|if you can|best|say|like|but)\s*,?\s*)*(?:on )?(?:the )?$/;

/** Between the two ends of some days. */
export const TO_A_DAY = /^\s*(?:to|through|thru|till|until|-)\s*$/;

export const AND_ONLY = /^\s*and\s*$/;

export const BETWEEN = /\bbetween\s+$/;

/** Between days of which either would do. */
export const EITHER_OF_DAYS =
  /^\s*(?:,|\.{2,3}|…)?\s*(?:or|and|\/|&|failing that|if not|or if not|alternatively|otherwise),?\s*(?:else |failing that,? |otherwise |if not,? |on |maybe |even |the |perhaps )*$/;

/** Rules of weekends. */
export const WEEKEND_RULE = /weekend$/;

/** … that are all of one. */
export const WHOLE_WEEKEND_RULE = /^day\/(?:next-)?weekend$/;

/** "The day after", right before a day. */
export const DAY_BESIDE = /\b(?:the|a) day (after|before)\s+(?:the |this )*$/;

/** "Two weeks before", right before a day. */
export const COUNTED_BESIDE = /\b(a|one|two|three|four|five|six|ten|\d{1,2}|(?:a )?couple(?: of)?) (day|week)s? (after|before)\s+(?:the |this )*$/;

/** A weekday and what stands between it and the day that it is told by: "the Tuesday after the 14th". */
export const WEEKDAY_BESIDE = /^(?:on )?(?:the )?[a-z]+ (after|before) (?:the )?$/;

/** A day or a week and what stands between it and the day that it is told by: "the day before Thanksgiving". */
export const BESIDE_A_DAY = /^(?:on |in )?the (day|week) (after|before) (?:the )?$/;

/** Before a day, of which it is the week after or before, or its own. */
export const WEEK_BESIDE = /(?<!\ba |\bone )\bweek (after|before|of|with) (?:the )?$/;

/** A day that is told with its month. */
export const HAS_MONTH = /^day\/(?:date-month|month-date|range-of-month|weekday-month-date)$/;

/** After a day of which only a part is taken: "I'm busy on Tuesday until three". */
export const ONLY_A_WHILE = /^\W*(?:until|till|til|before|after|from|at|around|by|between|in the|morning|afternoon|evening|lunch|first|except|apart)\b/;

/** After a day that is not the first of some. */
export const NO_START = /^'s\b|^\s*(?:to|till|until|-)\s/;

/** Right before the days on which somebody is there. */
export const IS_THERE =
  /\b(?:i'm|i am|we're|we are|i'll be|we'll be|he's|she's|they're)(?: only| just| back)? (?:in town|here|free|available|around|back|home|over|in [a-z]+)(?: only| just)?\W+(?:from |on )?$/;

/** "From Tuesday on". */
export const AND_ON = /^ (?:on(?= *(?:$|[,.;!?]|please))|onwards?|or (?:later|after))\b/;

/** Whether something takes place is asked: "is the class on Saturday on". */
export const IS_IT_ON = /\b(?:is|are|isn't|aren't|was|will)(?: [a-z']+){1,5}(?: be)?\s*$/;

/** Right before the day of a visit that is to come sooner. */
export const SOONER_THAN = /\b(?:sooner|earlier) than\s+(?:the |this )*$/;

export const END_OF = /\bend\b/;

/** After the last day that would do. */
export const AT_LATEST = /^,? at the (?:very )?latest(?=\s*(?:$|[,.;!?]|please))/;

/** After the first day that would do. */
export const AT_EARLIEST = /^,? at the (?:very )?earliest(?=\s*(?:$|[,.;!?]|please))/;

/** What takes back what was just said. */
export const SLIPS = /\b(?:no|sorry|i mean|i meant|meant|actually|correction|scratch that|wait|oops)\b/;

/** Before a day or an hour of what exists. */
export const STANDS =
  /\b(?:my|our|the (?:one|appointment|visit|booking|session)|(?:i|we)(?:'ve got| have(?: got)?|'ve)(?: already)? an?|(?:i|we)(?:'ve| have|'d| had)?(?: already)? (?:booked|scheduled|arranged|made))\b[^.;?!]*$/;

/** Between two that are both meant. */
export const NOT_CORRECTED = /\bor\b(?! better| rather)|\b(?:instead of|rather than)\b/;

/** After a day that is meant by its mornings. */
export const ITS_PARTS = /^\s*(?:mornings|afternoons|evenings|lunchtimes)\b/;

export const IN_OR_ON = /^(?:in|on) /;

/** Between the day of something and one that is told from it: a wish. "I'm off to Spain on the 14th and I need a tan the day before". */
export const WISHES_THEN = /^(?!.*\bor\b).*(?:[,.;]|\b(?:and|so)\b).*\b(?:i|we|he|she|they|him|her|us|them|need|want|like|can|could|book|please)\b/;

/** Anything that joins two days, whatever stands between. */
export const OR_AND = /\b(?:or|and|else|failing|otherwise)\b|\/|&/;

/** Something is wished for already. */
export const WISHES = /\b(?:book|like|need|want|can|could|may|please|put|get|have (?:a|an|the|my)|cancel|appointment|visit|booking)\b/;

/** Right after a day: an hour of it. */
export const AT_AN_HOUR =
  /^,? (?:at (?:\d|half|quarter|noon|mid-?day|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)|\d{1,2}(?:[:.]\d\d|[ap]m\b| [ap]m\b)|(?:afternoon|evening|night)\b)/;

/** The rule of a day that is any of the week that was spoken of. */
export const OF_THAT_WEEK = "day/any-of-that-week";
/** Right before a week: any day of it. */
export const ANY_OF =
  /\b(?:any ?(?:day|time|thing|where)|some ?(?:day|time|thing)|whenever|(?:an?|any|another|some) (?:[a-z]+ )?(?:mornings?|afternoons?|evenings?|slots?|times?)|else|mornings|afternoons|evenings)(?: (?:at all|you like|really|free))?,? (?:in |of |during |on )?$/;
/** A part of the day that was spoken of. */
export const THAT_PART = /^that (?:very |same )?(?:morning|afternoon|evening|night)\b/;
/** Right after "any day": of which week it is any. */
export const OF_A_WEEK_TOLD = /^ (?:in |of |during )?(?:(?:that|the same)(?: same)? week|the (?:week after|following week))\b/;

/** Between two days: another thing, for the second. */
export const AND_ANOTHER_THING =
  /^,? (?:and|then|plus)(?: then)? (?:the|my|an?|some|another) (?!(?:days?|ones?|other (?:days?|ones?)|next|following|weeks?|same|first|last|mornings?|afternoons?|evenings?|time)\b)[a-z]+(?: [a-z]+)?(?: on| at| for)? $/;
