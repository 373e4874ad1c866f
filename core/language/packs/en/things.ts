/** How a question names the thing that it asks for. */

/** What comes before it: "is there", "do you sell", "what kind of". */
export const ASKS_FOR =
  /\b(?:is there|are there|isn't there|have you got|has anybody|do you (?:have|do|offer|run|make|sell|stock|keep|serve|use|take|provide|give|teach|treat|rent out|rent|hire out|hire|lend|fix|mend|repair|work with|carry|accept|see|also do|also have)|can (?:i|we) (?:get|have|buy|rent|hire|borrow)|could (?:i|we) (?:get|have|buy|rent|borrow)|what(?:'s| is| are| kind of| sort of)?|which|how many|does (?:any(?:one|body)|some(?:one|body)|one of you|any of you) (?:there |here )?(?:speak|know|do|have|teach|understand))\s+(.*)/;

/** What may stand before it and is no part of it. */
export const BEFORE_THING =
  /^(?:a|an|any|some|the|your|my|our|his|her|their|this|that|these|those|more|other|another|much|many|no|also|still|ever|only|just|all|both|out)$/;

/** What ends it. */
export const ENDS_THING =
  /^(?:\||for|to|in|at|on|of|with|by|from|that|which|who|when|while|if|near|nearby|there|here|inside|outside|upstairs|downstairs|around|before|after|during|without|about|i|you|we|he|she|they|it|is|are|was|do|does|did|can|could|will|would|should|must|may|or|and|as|so|included|available|possible|allowed|free|too|please|now|today|tomorrow|behind|between|against|instead|then|than|because)$/;

/** Right before a thing that is not the one wished for: "automatic, not manual". */
export const NOT_THE_THING = /\b(?<!(?:am|is|are|was|why|if|or|'m|'s|'re) )not (?:an? |the |any )?$/;
/** The same at the beginning, or after a stop. */
export const BUT_NOT = /(?:^\W*(?:(?:no|well|oh|just|ok(?:ay)?)[, ]+)*|[,;.!?]\s*(?:but |and )?|\bbut )not (?:an? |the |any )?$/;
/** What stands between one thing and another that it may be instead. */
export const OR_THE = /^[\s,]*or (?:maybe |perhaps |possibly |else |even )?(?:an? |the |some |my |for (?:an? )?)?$/i;
/** Which of two it is, is all the same. */
export const EITHER_WILL_DO =
  /\b(?:whichever|either (?:one |of them )?(?:is|would be|will be|will do|works|suits)|(?:don't|do not) (?:mind|care)|no preference|all the same|doesn't matter|not (?:bothered|fussy|picky))\b/;

/** Both of two that were named. */
export const BOTH_OF_THEM =
  /^\W*(?:(?:oh|well|um+|actually|really|yes|no|then|let's (?:do|have|say)|(?:can|could|may) (?:i|we) (?:have|get)|(?:i|we)(?:'d| would) like|(?:i|we)(?:'ll| will) (?:have|take)|(?:i|we) (?:want|need)|make it)\W+)*both(?: of (?:them|those|these))?(?:\W+(?:please|thanks|thank you|then|actually|if (?:i|we) (?:can|may|could)))*\W*$/;

/** The word of a thing that is ruled out so. */
export const NOT_THIS =
  /(?:^\W*(?:(?:no|well|oh|just|ok(?:ay)?)[, ]+)*|[,;.!?]\s*(?:but |and )?|\bbut |\w )not (?:(?:an? |the |any )([a-z]{3,})|(?<!\b(?:am|is|are|was|why|if|or|about|of|for|from) not )([a-z]{3,}))\b/;

/** "Removal", "renewal", "appraisal": what is done, by a noun. */
export const NOUN_OF_A_DEED = /^([a-z]*(?:ov|ew|rais|viv))al$/;
