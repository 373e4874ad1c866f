/** What tells one errand from another where several could be meant, and what is said beside errands. */

export const OF_RULES = /\b(?:fee|policy|rule|charge)\b/;

/** "Do I need to book": asked, and not wished for. */
export const NEEDS_ONE = /\b(?:need|have to have|want one|require)\b/;

/** A part that takes back the one before it. */
export const TAKES_BACK = /^\W*(?:actually no|no wait|oh no|scratch that|no sorry|sorry no|wait no|actually,? no)\b/;

/** Up to where what was said is taken back for what follows. */
export const MEANS_INSTEAD =
  /^.*?[,.;!-] ?(?:(?:oh|no|sorry|actually|hang on|hold on|wait|scratch that)[, ]+)+(?:what )?i (?:mean|meant)[, ]+(?:(?:to say|is|was)[, ]+)?/;

export const OF_THEM = /\b(?:her|him|them|she|he)\b/;

/** A part that names what is wished for instead. */
export const INSTEAD = /\binstead\b(?! of)/;

/** After a day is called off: another in its place, and no other thing. */
export const GIVES_ANOTHER =
  /^\W*(?:and |then |please )*(?:(?:can|could) (?:i|we|you) )?(?:give|put|get|book|have|take|make it|let me have)\b(?: (?:me|us|him|her|it))?(?: (?:down|in))?(?: (?:for|on))? ?(?:the (?:one|next)\b|another\b|one\b|<day>)[^.?!]*<(?:day|time)>|^\W*(?:and |then |please )*(?:give|put|get|book) (?:me|us|him|her)(?: (?:down|in))?(?: (?:for|on))? ?<day>/;

/** What is called off, and the word that joins a wish to it. */
export const CALLED_OFF = /\b(?:cancel|call off|drop|scrap|forget|delete|take off)\b/;
export const JOINS_A_WISH =
  /(?:[.;!,]\s*|\b(?:and|then)\s+)(?:(?:and|then|please|also|instead|rather)\s+)*(?:(?:can|could|may) (?:i|we|you) |i'd like |let me )?(?:give|put|get|book|have|take|make|re-?book|schedule|come)\b/;

/** Who somebody is, said beside what they want. */
export const WHO_I_AM =
  /(?:[,.;]\s*|\s)(?:and )?(?:(?:it's|it is|this is|i'm|i am|my name(?: is|'s)|my (?:number|email|phone)(?: is|'s)?|number|email|on|under)\s+)?(?:<name>|<phone>|<email>)(?=[\s,.;?!]|$)/g;

/** A part that says who somebody is, and nothing else. */
export const ONLY_WHO_I_AM =
  /^(?:(?:hi|hello|hey)[, ]+)?(?:(?:it's|it is|this is|i'm|i am|my name(?: is|'s))\s+)?(?:<name>|<phone>|<email>)(?: here| speaking)?(?:[,.;:]\s*|\s+|$)/;

/** "I need to cancel, no sorry, move my thing": the deed that was said first is taken back. */
const DEED = "cancel|call off|move|change|reschedule|shift|postpone|book";

export const TAKEN_BACK = new RegExp(
  `\\b(${DEED})\\b[^.;?!<]{0,24}?\\b(?:no|sorry|i mean|i meant|wait|rather|actually|scratch that)\\b[, ]+(?:(?:no|sorry|i mean|i meant|wait|actually|rather|to|please|i'd like to|i want to)[, ]+)*(?=(${DEED})\\b)`,
);

/** "Cancel, no, not cancel, change": what is denied of what was just said. */
export const DENIED = new RegExp(
  `\\b(${DEED})\\b[, ]+(?:(?:no|sorry|wait|i mean)[, ]+)*not (?:to )?\\1\\b[, ]*(?:it[, ]+)?(?:but |rather |i mean )?(?=[^.;?!]*\\b(?:${DEED})\\b)`,
);

/** The verb of a deed that was taken back. */
export const CANCELLED_VERB = /cancel|call/;

/** … that moves something. */
export const CHANGES_IT = /move|change|reschedule|shift/;

/** Words that ask of what stands. */
export const ASKS_OF_MINE = /\b(?:when|what|which|who|whether|if|confirm\w*|check\w*|remind|forgot\w*|remember|sure|right|lost|isn't|aren't|wasn't)\b/;

/** A wish for something new. */
export const WISHES_FOR_ONE = /\b(?:like|want|need|another|new)\b/;

/** Somebody cannot do something. */
export const CANNOT_ANY = /\b(?:can'?t|cannot|can not|won'?t|will not|unable|not able|not going)\b/;

/** A service or a visit is named. */
export const NAMES_A_VISIT = /<service>|\b(?:appointment|visit|session)\b/;

/** One is asked for. */
export const ASKS_FOR_ONE = /\b(?:like|want|need|book|please|looking|after|get)\b/;

export const BOOKS_ONE = /\bbook (?:me\b|us\b|an?\b|in\b|<)/;

/** A day, a service, or the next visit is named. */
export const WHEN_OR_NEXT = /<(?:day|time|service)>|\b(?:next|again|for my)\b/;

/** What they have is to be changed. */
export const CHANGES_MINE = /\b(?:change|move|switch|shift|swap|push|bump) (?:my|our|the) (?:<|\w+ <|appointment|booking|visit|session|lesson)/;

/** Somebody is to be booked in. */
export const BOOKS_ME = /\bbook (?:me|us|a|an)\b/;

/** To be booked or scheduled anew. */
export const ANEW = /\b(?:re-?book|re-?schedul)/;

/** One person rather than another. */
export const ONE_FOR_ANOTHER = /<staff>[^.;?!]{0,40}\b(?:instead of|rather than|in place of) <staff>/;

/** It is asked what something is. */
export const ASKS_WHAT_IT_IS = /\?|\b(?:what|which) (?:is|are|does|do)\b/;

/** A day, an hour, or before or after something. */
export const WHEN_OR_AFTER = /<(?:day|time)>|\b(?:before|after) (?:it|that|then)\b/;

/** It is asked when or who. */
export const ASKS_WHEN_OR_WHO = /\b(?:who|when|what time|which day)\b/;

/** Somebody tells what they have. */
export const HAS_SOMETHING =
  /^\W*(?:(?:hi|hello|hey|so|well|and)\W+)*(?:i|we|she|he|they|my [a-z]+)(?:'ve got| have got|'ve| have|'s got| has got| has|'ve still got| still have) (?:an?|some|this|my|our|two|three) (?!question\b)/;

/** Something is to be told: "let me know what to bring". */
export const TO_BE_TOLD = /^\W*(?:(?:and|also|then|please|could you|can you)\W+)*(?:tell|let|remind|explain to|show) (?:me|us)\b/;
