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
