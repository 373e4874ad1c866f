import type { ChoiceValue, ShiftValue } from "../../found.ts";

/** Choices among what was offered, and wishes for something else than that. */

export const CHOICES: { value: ChoiceValue; pattern: RegExp }[] = [
  {
    value: "none",
    pattern:
      /\b(?:neither|none|not (?:any|either|those|these)(?!,? (?:but |something |a bit |any )?(?:later|earlier|sooner)\b)|not keen on either) ?(?:of (?:those|them|these))?\b|\b(?:those|they|these|that) (?:don't|doesn't|do not|won't|wouldn't) (?:work|suit|do)\b|\bnone of (?:those|them|these)\b|\b(?:those|they|these|that)(?:'s| is| are|'re)(?: all| both| really| just)? (?:no (?:good|use)|useless|impossible|not (?:good|possible|any good|going to work|gonna work))(?: (?:for|to) (?:me|us))?(?! (?:at|on|for) (?:\d|the))|\b(?:can't|cannot|can not|couldn't|won't|don't|do not) (?:do|make|manage|take|like|want|come (?:at|on|to)|fit)(?: it)?(?: at| to| on)? (?:any|either) of (?:those|them|these)\b|\b(?:both|all)(?: of (?:those|them|these))? (?:don't|do not|won't|are no good|are bad|are out|are impossible)(?: (?:work|suit|do|fit))?(?: (?:for )?(?:me|us))?(?=\W*$)|\bsomething else\b|\b(?:is (?:that|this)|are (?:those|these|they)) (?:all|the only (?:ones?|times?|slots?))\b/g,
  },
  {
    value: "first",
    pattern:
      /\b(?:the )?(?:very )?(?:first|1st)(?: (?:one|time|slot|option|choice|opening|offer|of (?:those|them|these|the \w+)))?\b(?<!\b(?:my|a|his|her|our|their) first(?: time)?)(?! (?:visit|thing|time (?:here|there|at|with|coming|i)|appointment|available|name|week|of \w+ber))/g,
  },
  { value: "second", pattern: /\b(?:the )?(?:second|2nd)(?: (?:one|time|slot|option|choice|opening|offer))?\b|\b(?:the )?middle (?:one)?\b/g },
  { value: "third", pattern: /\b(?:the )?(?:third|3rd)(?: (?:one|time|slot|option|choice))?\b/g },
  {
    value: "last",
    pattern:
      /\b(?:the |)(?:very )?(?:(?<!\b(?:than|like|as|since|from|before) )last|final|latest|third and last)(?: (?:one|time|slot|option|of (?:those|them|these)))?\b(?! (?:time i|week|visit|month|year|night|thing))(?<!(?<!\bthe )\blast time)/g,
  },
  {
    value: "later",
    pattern:
      /\bthe (?:later(?!,? the better)|late(?= one))(?: (?:one|time|slot|option))?\b|\blater of the\b|\bthe latter\b|\bwhichever(?: one)?(?: is|'s) (?:the )?(?:later|latest)\b/g,
  },
  {
    value: "earlier",
    pattern:
      /^\W*(?:(?:ok|okay|well|oh|um|just)\W+)*early(?: (?:one|please|as you can|then|if (?:possible|you can)))*\W*$|\b(?:the |whichever is |whichever's )(?:earlier|earliest|former|sooner|soonest|early(?= one))(?: (?:one|time|slot|option|of (?:those|them|these)))?\b/g,
  },
  {
    value: "any",
    pattern:
      /\b(?:(?<!(?:n't|\bnot|\bno good|\bno use)\b[^.;?!]{0,24})either(?: one| of (?:those|them|these))?(?: is| works| will do)?(?=\W*$|[,.;!?]| (?:is|works|will|would|suits?|please|then|for me|fine|ok|good)\b)|any of (?:those|them|these)|any ?time(?: is| works| will do)?(?= (?:fine|good|ok)|[.,! ]*$)|whichever(?! (?:day|time|date|week|hour|(?:one )?is the|of)\b|'s the\b)|whatever(?: (?:you have|you've got|works|is free|suits you|is there))|surprise me|you (?:choose|pick|decide)|both (?:work|are fine))\b/g,
  },
];

/** Right before a choice among what somebody has. */
export const OF_THEIRS = /\b(?:cancel|move|change|drop|reschedule|shift|switch|swap|postpone|call off)\s+(?:only |just )?$/;

export const NEAREST = /\b(?:the |what's (?:the )?|whichever(?:'s| is) (?:the )?)(?:nearest|closest)(?: (?:one|time|slot|to (?:that|it|then)))?\b/g;

/** What can be nothing but a choice. */
export const SURELY_CHOICE = /\bone\b|of (?:those|them|these)|latter|neither|either|whichever|option/;
export const WITH_ARTICLE = /^the /;
/** A number or a day before a choice: "the 3rd of the first" chooses nothing. */
export const AFTER_A_DAY = /(?:\d|day\b)[^.;?!]*$/;
export const ENDS_CHOICE = /^(?:\W*$|[,.;!?]| (?:please|to|and|but|until|till)\b)/;
/** "Is it free to talk to you first" chooses nothing. */
export const BARE_ORDINAL = /^(?:first|last|second|third)$/;

/** All of an answer to which of them, by number. */
export const BY_NUMBER = /^(?:option |number |no\.? )?([123]|one|two|three)(?: please)?[.!]?$/;
/** … or that all would do. */
export const ALL_WOULD_DO =
  /^(?:any|anything|any one|all fine|no preference|(?:i )?(?:don't|couldn't|could not|do not) (?:really |actually |much )?(?:mind|care)(?: less| which| when)?|(?:it )?(?:doesn't|does not|don't) (?:really )?matter(?: to (?:me|us))?|(?:it's |it is )?all the same(?: to (?:me|us))?|(?:it )?makes no (?:difference|odds)(?: to (?:me|us))?|not (?:fussed|fussy|bothered))(?: please| is fine| will do)?[.!]?$/;
/** … or that whoever asks is to choose. */
export const LEAVES_IT_TO_YOU =
  /^(?:(?:oh|well|um+|er|hmm|ok(?:ay)?|sure|yeah|yes|i don't know|dunno|not sure|no idea),? )*(?:(?:just )?what ?ever (?:you|he|she|they|<staff>) (?:thinks?|suggests?|recommends?|likes?|says?|advises?|prefers?)|(?:just )?what ?ever you (?:think|reckon|say|suggest|recommend|advise|feel|prefer|like|can do|have)(?: is| would be|'s)?(?: best| right)?|what(?:'s| is|ever is|ever's) best(?: for (?:it|me|that))?|(?:i'm |i am )?(?:happy|fine|good) with whatever(?: you (?:think|say))?|(?:it's |it is |that's |that is )?(?:up to you|your call|your choice)|(?:you(?:'re| are) the (?:expert|professional|boss|doctor|pro)s?)|you (?:choose|pick|decide|tell me|know best)|i(?:'ll|'d)? (?:trust you|go with whatever you (?:think|say)|take your word for it)|i(?:'ll)? leave (?:it|that) (?:up )?to you)(?:,? (?:really|please|honestly|you(?:'re| are) the (?:expert|professional|boss|doctor)s?))*[.!]?$/;
/** … or that it is what comes next after what could not be had. */
export const THE_NEXT_ONE =
  /^(?:(?:oh|ok(?:ay)?|well|so|then|ah|right|alright|fine|sure|i'll take|give me|just)[,.]? )*the next (?:one|available|free one|slot|time)(?: then| please| you have| after that)*[.!]?$/;
export const SAYS_NUMBER = /option|number|no/;

/** Sooner than something. */
export const SOONER_OR_EARLIER = /\b(?:sooner|earlier) than\b/;

/** Right before what is not wished for. */
export const NOT_WISHED =
  /\b(?:(?:don't|do not|won't|needn't)(?: really)? (?:need|want|have)(?: to (?:find|book|have))?|no need for|without|not looking for) $/;

/** Other times than those offered. `word` is one that every match has: where it is not said, nothing else need be looked for. */
export const SHIFTS: { value: ShiftValue; word?: RegExp; pattern: RegExp }[] = [
  {
    value: "another-day",
    pattern: /\bnot (?:on )?(?:that|this) day\b(?! (?:but|or)\b)|\b(?:another|a different|some other|other|any other) days?\b|\bdifferent day\b/g,
  },
  {
    value: "another-time",
    pattern:
      /\b(?:another|a different|some other|other|any other|different|more) (?:times?|slots?|options?|openings?)\b|\banything else(?=\?| (?:free|available|going|open|that day|then|today|tomorrow|(?:on )?(?:mon|tues|wednes|thurs|fri|satur|sun)day)\b)|\bwhat else\b/g,
  },
  {
    value: "later",
    word: /later|back|early|too soon/,
    pattern:
      /\b(?:an? (?:bit |little |much |wee bit |slightly )?later (?:time|slot|hour|appointment|start|one)|(?:be|get) (?:put|pushed|moved) back(?! (?:by|to|a|an|one|two|half|till?|until)\b)|(?:something|anything|nothing|a (?:wee )?(?:bit|little|touch|tad|shade|smidgen|smidge|fraction)|bit|any|somewhat|have|got|come(?: in| by| over| round)?|make it|(?:do|have|fit|take|manage|see|get|need|want) (?:it|me|us|him|her|that|this|them)(?: in)?|be|no,?|nah,?|rather|even) later(?! than (?!that|those|these|planned|booked|agreed|arranged))|later (?:than that|in the day|on(?! (?:today|this|in))|please|if)|(?<=\b(?:push|put|move|set)\b[^.;?!]{1,30} )back (?:a (?:wee )?(?:bit|little|touch|tad|shade|smidgen|smidge|fraction)|somewhat|slightly)|^(?:or )?(?:even )?later(?: even)?$|not (?:that|so|this|quite so|quite that) early|(?:any(?:thing)?|a bit|somewhat)? ?later (?:would|might|could|will) (?:be|suit|do)|(?<!not |is that |is it |be )too early|(?<=\b(?:that|it|this|those|they|all)(?:'s| is|'re| are)(?: all| a bit| far| much| just)? )too soon(?! (?:to|after)\b))\b/g,
  },
  {
    value: "earlier",
    word: /earlier|sooner|forward|late/,
    pattern:
      /\b(?:an? (?:bit |little |much |wee bit |slightly )?(?:earlier|sooner) (?:time|slot|hour|appointment|start|one)|(?:be|get) (?:brought|moved|pulled|pushed) forward(?! (?:by|to|a|an|one|two|half)\b)|(?:something|anything|nothing|a (?:wee )?(?:bit|little|touch|tad|shade|smidgen|smidge|fraction)|bit|any|somewhat|have|got|come(?: in| by| over| round)?|make it|see me|(?:do|have|fit|take|manage|see|get|need|want) (?:it|me|us|him|her|that|this|them)(?: in)?|be|no,?|rather|even|get one|(?:get|fit|squeeze) (?:me|us) in|get in) (?:earlier|sooner)(?! than (?!that|those|these|planned|booked|agreed|arranged))|(?:earlier|sooner) (?:than that|please|if)|(?:bring|pull|move|push) (?:it|that|this|mine|me|us|him|her|them) forward(?! (?:by|to|a|an|one|two|half)\b)|^(?:or )?(?:even )?(?:earlier|sooner)(?: even)?$|not (?:that|so|this|quite so|quite that) late|(?:earlier|sooner) (?:would|might|could|will) (?:be|suit|do)|(?<!not |is that |is it |be )too late)\b/g,
  },
];
