/** Answers to a house's own questions, as people give them. */

export const SKIP =
  /^(?:(?:please|can we|can i|i'd|i would|let's|rather|just|um+|oh|well|no|ok)[, ]+)*(?:skip(?: (?:it|that|this|this one|that one|the question))?|pass|next(?: question| one)?|(?:prefer|rather) not(?: to)?(?: say| answer| tell)?(?: you| that)?|not say|none of your business|don't want to (?:say|answer|tell)(?: you| that)?)[.! ]*(?:please)?[.! ]*$/;

/** How an answer begins that is none of the choices. */
export const BEGINS_AN_ANSWER = /^\W*(?:i|we|my|he|she|they|it|not|never|only|just)\b/;

/** A no within a sentence. */
export const DENIES =
  /\b(?:not|never|n't|none|nobody|no one|nothing(?! (?:but|except|besides|other))|neither|hardly|barely|without|no(?! (?:more|less|fewer|doubt|problem|idea|clue|worries|matter)\b))\b|n't\b/;

/** What is over, is not certain, or is asked about itself: neither a yes nor a no. */
export const NO_LONGER_OR_PERHAPS =
  /\b(?:stopped|quit|gave up|given up|used to|no longer|yet to|might|maybe|perhaps|possibly|if|no idea|no clue|what|which|why|how)\b/;

/** Whether somebody is of an age is asked: that old or older, older than that, or younger. */
export const AGE_ASKED =
  /\b(?:are you|is (?:he|she|the (?:child|client|patient|visitor|rider|driver))|are they)(?: already| at least)? (?:(?:at least )?([a-z]+|\d+)(?: years?(?: old)?)?,? (?:or (?:older|over|above|more)|and (?:over|above|older))|(?:over|older than|above) ([a-z]+|\d+)|(?:under|younger than|below) ([a-z]+|\d+))\b/;

/** How old somebody is, in figures and with nothing else counted: "I'm 30", "he's 14 years old", "42 love". */
export const AGE_TOLD =
  /^\W*(?:(?:yes|yeah|no|oh|well|um)\W+)*(?:(?:i'm|i am|he's|he is|she's|she is|they're|just turned|turned|nearly|only|just|almost|i|my (?:son|daughter|boy|girl)(?: is|'s)?)\W+)*(\d{1,3})(?: years?(?: old)?| (?:and a half|now|love|mate|already))*\W*$/;

/** A yes within a sentence. */
export const AFFIRMS = /\b(?:did|do|does|have|has|had|am|was|take|taking|got|referred|sent)\b/;

/** A choice by its place in the list. */
export const BY_PLACE = /\b(first|second|third|fourth|fifth|last)(?: (?:one|of them|option))?\b/;

/** A number and a half. */
export const AND_A_HALF = /(\d+) and a half\b/g;

/** Up to a number. */
export const AT_MOST = /\b(?:under|less than|below|at most|up to|no more than|maximum|max)\b/;

/** From a number on. */
export const AT_LEAST = /\b(?:over|more than|above|at least|minimum|from)\b|\d ?(?:\+|plus|or more)/;

export const UNIT = /\b(min(?:ute)?|hour|hr|day|week|month|year)s?\b/;

export const HALF_AN_HOUR = /\b(?:half an|a half|half a)[ -]hour\b/g;

export const HOUR_AND_A_HALF = /\bhour and a half\b/g;

/** "An hour". */
export const ONE_OF_A_UNIT = /\b(?:an?|one) (?=(?:min|hour|day|week|month|year))/g;

export const A_COUPLE_OF = /\ba couple(?: of)? /g;

export const UNIT_WORD = /(?:^|[\s,])((?:apt|apartment|unit|suite|flat|#) ?\.? ?[a-z]?\d+[a-z]?)\b/i;

/** Words before an address. */
export const MY_ADDRESS_IS = /^\s*(?:it'?s|my address is|i live (?:at|in|on)|we(?:'re| are) at|at|the address is)\s+/i;

/** Words around a place. */
export const AROUND_A_PLACE = /^(?:in|and) |[.\s]+$/g;
