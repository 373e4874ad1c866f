/** Plain signs in what is said while something is booked, moved or cancelled. */

/** No place on the waiting list is wished for. */
export const WILL_NOT_WAIT = /\b(?:no|not|don't|without)\b[^.?!]*wait/i;

/** After a person's name: what is theirs, and no wish for them. */
export const THEIR_DETAILS = /^ (?:number|phone|address|hours|days|schedule|name|email|home|cell|mobile)/i;

/** Who comes with somebody. */
export const A_CHILD = /son|daughter|kid|child|boy|girl|nephew|niece/;

/** Somebody is asked to call them. */
export const WISHES_TO_BE_CALLED =
  /\b(?:someone|somebody|one of you|any(?:one|body)|you|<staff>|the (?:desk|manager|owner|office|team))(?: please)? (?:to )?(?:please )?(?:give (?:me|us) a (?:ring|call|bell)|(?:ring|call|phone) (?:me|us)\b)(?! (?:when|if|before|beforehand|first|once|as soon as)\b)/i;

/** Somebody wants to be called. */
export const TO_BE_CALLED = /\b(?:call|ring|phone)\b/i;

/** Right before what is to be kept. */
export const KEEPS = /\bkeep(?:ing)?(?: just| only)?(?: the| my| our)?\s+$/i;

/** The verb of what is to go. */
export const DROPS = /\b(?:cancel|drop|scrap|remove|delete|call off|take off|get rid of)\b/i;

/** The other of two. */
export const THE_OTHER = /(?<!\b(?:keep|keeping|leave|leaving) )\bthe other(?: one| appointment| visit| booking)?\b/i;

/** All that somebody has. */
export const ALL_OF_THEM =
  /\b(?:both|(?<=\b(?:can't|cannot|won't|not|don't|unable) [^.;?!]{0,40})either of|neither of|all(?: of)?(?: (?:my|our|the|them|it))?|everything|each of|(?:the )?whole lot|the lot)\b/i;

/** "That's all": not all of them. */
export const NOT_ALL_OF_THEM = /\b(?:that's all|after all|at all)\b/i;

/** An answer that asks back. */
export const WHAT_DO_YOU_MEAN = /^\W*(?:what|why|how|huh|pardon|sorry|come again)\b[^.]{0,30}\?*\W*$/i;

/** Words for a visit, which tell nothing of what it is for. */
export const VISITS = /\b(?:appointment|visit|booking|slot|session)s?\b/gi;

/** "The longer one", "the cheapest". */
export const MORE_OF =
  /\bthe (?:(long)|(short|quick|fast)|(cheap)|(dear|pric))(?:er|est|ier|iest)\b|\bthe (?:(less|least)|(more|most)) expensive\b|\b(?:whichever|whatever)(?: [a-z]+){0,2}?(?: (?:is|costs)|'s) (?:the )?(cheaper|cheapest|less|least)\b/i;

/** A kind of visit, before it is said with whom. */
export const KIND_OF_VISIT =
  /(?<!\b(?:had|was|in|after|from|during|got) )\b(?:an?|another|my next|one more|the) (session|lesson|consultation|treatment|class|talk|course|test|fitting|check|clean|cut)\b(?: \w+){0,2} with\b/i;

/** Right before a word that is a thing of the house's. */
export const AS_A_THING = /\b(?:an?|the|your|this|that|some|for|of|book|another|more|new)\s$/i;

/** Right before what is only thought of. */
export const MAYBE_THE = /\b(?:maybe|perhaps|possibly)(?: it's| it is)? (?:the |my |a )?$/i;

/** Right before what somebody has, or had. */
export const HAVING_A = /\b(?:having|had|has|got|lost|expecting|with|after) (?:an?|the|my|our|his|her)\s$/i;

/** There is no telephone to give. */
export const HAS_NO_NUMBER =
  /\b(?:don't have|do not have|haven't got|no|without) an?y? ?(?:tele)?(?:phone|number|mobile|cell)\b|\bno (?:tele)?(?:phone|mobile|cell)\b/i;

/** They have not been here. */
export const NEVER_BEEN =
  /\b(?:first time|never been|ha(?:ve|s)n't been|ha(?:ve|s) not been|first (?:visit|appointment) with you|not been (?:here|before|there)|new (?:client|patient|customer|here|to you)|(?:i'm|i am|am) new)\b/;

/** They have been here. */
export const HAS_BEEN =
  /\b(?:(?:was|were|been|got) (?:already )?assessed|had (?:an?|the|my|his|her) (?:first visit|assessment)|i(?:'ve| have) been(?! (?!(?:coming|seeing|visiting|attending)\b)\w{3,}ing\b| (?:told|sent|referred|ill|sick|in pain|busy|away|advised|recommended|asked|unwell|off|stuck|so|very|really|a bit|given|diagnosed|on|without)\b)|(?<!\b(?:she|he|they|wife|husband)(?:'s| has|'ve| have) (?:already )?)been (?:here|there|to you|before)|returning|existing (?:client|patient)|a regular|come regularly|i was (?:there|in) (?:last|before)|last time i|i was (?:there|here|in|with you|seen) (?:on|yesterday|this|a (?:week|month|year|while)|in|just)|(?:said|told me|asked me|wants? me|want me|was told|should) to come back|(?:wants?|wanted|needs?) (?:me|us|him|her|them) back(?! and forth)|(?:saw|seen) (?:him|her|them|you) (?:last|on|in|before|already|(?:\w+ ){1,3}ago)|same as last time|i'm a (?:client|patient)|you(?:'ve| have) (?:all |already |kindly )?(?:treated|seen|helped|looked (?:at|after)|worked on|trained|taught|done|fixed) (?:me|us|him|her|it|this|that|mine|ours|my [a-z]+|our [a-z]+)\b|(?:had|been|was|were|got) (?:(?:it|this|that|my [a-z]+) )?(?:looked at|treated|seen|done) by (?:you|one of you)\b)\b/;

/** A sooner day, and not a sooner hour. */
export const SOONER_DAY = /\b(?:sooner|any earlier|an earlier (?:day|date|appointment|visit|slot|one))\b/i;

export const AFTER_OR_BEFORE = /\b(after|before)\b/i;

/** A day that is told by its article: "the Wednesday". */
export const THE_BEFORE = /\bthe\s*$/i;

/** The day that was spoken of. */
export const THAT_SAME_DAY = /\b(?:that|same) day\b/i;

/** All of it asks for a moment. */
export const ONE_MOMENT_PLEASE = /^\W*(?:hang on|hold on|wait|one (?:moment|second|sec)|just a (?:moment|second|sec))\b[^?]*$/i;

/** Something besides. */
export const AS_WELL = /\b(?:too|also|as well|and)\b/i;

/** Nothing of it is wished for any more. */
export const LETS_IT_GO = /\b(?:forget|never ?mind|leave it|don't bother|cancel)\b/i;

/** Says goodbye, or lets everything go. */
export const ENDS_IT = /\b(?:bye|goodbye|forget it|never ?mind)\b/i;

/** Does not want to tell. */
export const RATHER_NOT_SAY =
  /\b(?:rather not|not say|prefer not|don't want|do not want|none of your)\b|^\W*(?:(?:can we|let's|just|please|i'll|i'd like to)\W+)*skip(?: (?:it|that|this(?: one)?))?(?: please)?\W*$|\bi(?:'ll| will| can) (?:tell|give|bring) (?:it to )?(?:you|it|that)(?: to you)?(?: my [a-z]+)? (?:later|when|then|there|on the day|in person|at the desk)\b/i;

/** Has no number or address. */
export const HAS_NONE = /\b(?:don't|do not|no) (?:have|phone|number|mobile|cell|email)\b/i;
/** An address is offered in place of a number. */
export const GIVES_EMAIL =
  /\b(?:can|could|may|might) i (?:just |rather |please )*(?:give|leave|use|send|have)(?: you| to you)? (?:an?|my) e-?mail\b|\b(?:is|would|will) (?:an? |my )?e-?mail(?: address)? (?:be )?(?:ok|okay|fine|do|enough|alright|all right|good)\b/i;
/** Why that is asked for, and whether it must be. */
export const WHY_ASKED =
  /^\W*(?:(?:but|and|sorry|oh|hm+|well|wait|ok|okay|no)\W+)*(?:why\b(?![^?]*\b(?:not|don't|can't)\b)[^?]{0,50}|what (?:do|would|will) you (?:need|want|use) (?:it|that|this|my [a-z ]+) for|what for|what is (?:it|that|this) for|what's (?:it|that|this) for|(?:do|must) i(?: really)?(?: have to| need to)?(?: (?:say|tell you|give (?:you )?(?:it|that|one|my [a-z]+)))?|(?:do you|is (?:it|that|this)) (?:really )?(?:need(?:ed)?|necessary|required|obligatory)(?: (?:it|that|this|my [a-z]+))?)\W*$/i;

/** An hour, by its signs. */
export const A_CLOCK_TIME = /\bat \d|:\d\d|[ap]\.?m\b/i;

/** A number at the head of an answer. */
export const A_NUMBER_FIRST = /^\W*(?:\w+\W+){0,3}?(\d{1,2}|one|two|three|four|five|six)\b/i;

/** It may stay as it is. */
export const LEAVES_IT = /\b(?:forget|never ?mind|leave it|don't bother|as it is)\b/i;

/** None of it is wished for. */
export const NOTHING_THEN = /\b(?:forget|never ?mind|leave it|nothing)\b/i;

/** It is asked when, with whom, or whether. */
export const ASKS_OF_WHAT_IS = /\b(?:when|what (?:time|day|date)|which (?:day|one|date)|who|whom|with whom|is (?:that|it))\b/i;

/** All of it is a greeting. */
export const GREETING =
  /^\W*(?:(?:hi+|hello|hey+|good (?:morning|afternoon|evening|day)|hiya|greetings|yo|howdy|how are you(?: doing| today)?)(?: there| you| again| everyone| to you| all)?\W*)+$/i;

export const SAYS_BOOK = /\bbook\b/i;

/** Behind a word that joins two parts. */
export const BEHIND_AND = /(?<=\band\s)/i;

/** Between two days, each with a visit. */
export const AND_ANOTHER = /\b(?:and|plus|then)\s+(?:then )?(?:(?:the |that )?one|another|a second|again)\b/i;

/** Between two days, both of which are wished for: "Wednesday and also on Saturday", "Wednesday's Pilates and Saturday's". */
export const AND_ALSO = /\b(?:and|plus)\s+(?:also|again)\b|^'s\s[^.;?!]*\b(?:and|plus)\s+$/i;
/** After the second of two days: it is wished for as well as the first. */
export const DAY_TOO = /^(?:'s)?(?: one| class)?,? (?:too|as well|also)\b/i;

/** Whether somebody may do something, asked right before when. */
export const MAY_THEY = /\b(?:can|could|may|might) (?:i|we|he|she|they|my [a-z]+)\b[^.;?!]*$/i;

/** Right before an hour: it is that of the first of two, or of the second. */
export const THE_FIRST_ONE = /\bfirst(?: one| thing)?(?: is| would be)? $/i;
export const THE_SECOND_ONE = /\b(?:second|other)(?: one)?(?: is| would be)? $/i;

/** A word that links two visits. */
export const LINKS = /\b(?:and|plus|then|also)\b/gi;

/** What is said once of both. */
export const FOR_ALL = /\b(?:both|each|all of them)\b(?! (?:an?|my|the|our)\b)/i;

/** Between two visits that are told one after the other. */
export const JOINS_TWO = /,? (?:and|plus|&)(?: (?:also|then))? /gi;

/** The second of two that are called off, and nothing besides. */
export const ONLY_NAMES_ONE =
  /^(?:\W|\b(?:the|my|our|that|this|one|ones|on|at|for|with|too|also|as|well|please|pls|then|appointment|appointments|booking|visit|class|lesson|session|it|is|it's|i'm|am|thanks|thank|you|both|of|them|name|number|under|here)\b)*$/i;

/** A visit is the speaker's: "for me", "I need". */
export const OF_ONESELF = /\bfor (?:me|myself)\b|\bi(?:'d like| (?:also |just )?(?:need|want|would like|could do with|have to have))\b/i;

/** A visit is somebody else's, and whose. */
export const OF_SOMEBODY =
  /\bfor (?:my|our) (?:[a-z]+ )??([a-z]+)(?= *(?:$|[,.;!?]|on\b|at\b|with\b|this\b|next\b|and\b|both\b|please\b|too\b|the same\b|tomorrow\b|today\b))|\b(?:my|our) ([a-z]+) (?:also )?(?:needs?|wants?|would like|could do with|has to have)\b|^(?:my|our) (?:[a-z]+ )??([a-z]+)(?= (?:at|on) [a-z0-9])/i;

/** A visit has a thing of its own: "a trim for my son", and not "one for my son". */
export const THING_OF_ITS_OWN =
  /\b(?:an?|the) (?!(?:one|same|second|seat|spot|place|space|slot|friend|mate|time|day|appointment|visit)\b)[a-z-]+(?: [a-z-]+){0,3}? for (?:me|myself|my|our)\b/i;

/** The second of two visits is like the first: "one for me". */
export const ONE_LIKE_IT = /^(?:also )?(?:one|another(?: one)?|the same(?: one| thing)?|a second(?: one)?)\b/i;

/** One visit comes right after the other. */
export const ONE_AFTER_ANOTHER = /\b(?:one after (?:the other|another)|back to back|(?:right|straight) after)\b/i;

/** "And one for me", behind whom it is for. */
export const AND_ONE_FOR = /\b(?:and|plus) (?:also )?(?:one|another(?: one)?|the same(?: one| thing)?|a second(?: one)?) for (?:me|myself)\b/i;

/** "And one", right before whom it is for. */
export const AND_ONE = /\b(?:and|plus) (?:also )?(?:one|another(?: one)?|the same(?: one| thing)?|a second(?: one)?)\s*$/i;

/** "And then", right before whom it is for. */
export const AND_THEN = /\b(?:and|plus|then)(?: then)?\s*$/i;

/** "Hers too", right behind whom it is for. */
export const HERS_TOO = /^\s*(?:to have )?(?:hers|his|theirs|one|another(?: one)?|the same(?: one| thing)?|it too)\b/i;

export const SAYS_AND = /\band\b/i;

export const SAYS_OR = /\bor\b/i;

/** What joins two visits on one day. */
export const AND_THE_SAME_DAY =
  /^\s*,?\s*(?:and|plus|&|with|together with|as well as),?\s+(?:(?:on |for )?(?:the |that )?same day,?\s+)?(?:also )?(?:an?|the|my)?\s*$/i;

/** Between two of a list. */
export const GOES_ON_LISTING = /^\s*,\s*(?:also\s+)?(?:an?|the|my|some)?\s*$/i;

/** Before those of which one is to be chosen. */
export const BETWEEN_THEM = /\b(?:between|either|which of|whether|difference|out of)\b/i;

/** Between a visit and what it is to be instead. */
export const TO_ANOTHER_KIND = /\b(?:to|into|for|with|instead|(?:make|do) (?:it|that))\s+(?:be\s+)?(?:an?|the|one)?\s*$/i;

/** Between two visits that come one after the other. */
export const LINKS_VISITS =
  /(?:,\s*)?\b(?:and|plus|then|followed by|afterwards)\s+(?:(?:also|then|maybe|afterwards|(?:(?:right|straight|directly) )?after(?: that| it)?)\s+)*/gi;

/** Between two visits, of which the second follows the first. */
export const SAYS_THEN = /\b(?:then|followed by|afterwards)\b/i;

/** Between what one person is wished for and the next. */
export const WITH_EACH = /(?:,\s*)?\b(?:and then|and|then|plus|followed by)\b/gi;

/** Small words between two visits. */
export const SMALL_BETWEEN = /^(?:[\s,]|\b(?:on|at|with|for|in|the|please|around|of|an?|one|my|about|to see|me|myself)\b)*$/i;

/** "I haven't had a patch test": declines nothing. */
export const TELLS_OF_THEMSELVES = /^\W*(?:(?:but|and|oh|um+|well)\W+)*i (?:haven't|have not|didn't|did not|don't have)\b/i;

/** A visit that somebody has. */
export const OF_THEIR_OWN_VISIT = /\b(?:my|our|mine|booked|booking|appointments?)\b/i;

/** The day or hour that is spoken of. */
export const THEN = /\b(?:then|that day)\b/i;

/** What they have is to be moved. */
export const MOVES_MINE = /\b(?:move|change|reschedule|shift|switch|swap|push|postpone|bring)(?: (?:forward|back))? (?:my|our)\b/i;

/** … by a verb that says nothing else. */
export const MOVES_MINE_PLAINLY = /\b(?:move|reschedule|postpone|shift) (?:my|our)\b/i;

/** What they have. */
export const MINE_OR_BOOKED = /\b(?:my|our|mine|booked)\b/i;

/** Somebody else comes too. */
export const COMES_TOO =
  /\b(?:(?:also|too|as well|and)\b.*\b(?:can|could|may) (?:my|our) \w+ (?:come|join|have|get)|(?:can|could|may) (?:my|our) \w+ (?:come|join)\b.*\bsame time|(?:and|also|then) (?:one|another|a second)|another one|one more|one for|^\W*(?:and|then|also|plus|ok(?:ay)? and|now)\b[^.?!]*\b(?:week|day|month|fortnight|one|[a-z]+day) after\b|same (?:time|again|thing)[^.?!]*\b(?:week|fortnight) after\b|as well|too\b|also for|for (?:my|our|him|her) .*(?:as well|too|also))/;

/** One right after the other. */
export const RIGHT_AFTER = /\b(?:right|straight|directly|just|immediately) (?:after|afterwards)\b|\bback to back\b/;

/** Words around a wish to leave a message. */
export const ONLY_A_MESSAGE =
  /^(?:(?:hi|hello|hey|please|can|could|may|i|i'd|id|you|would|like|want|to|leave|take|pass|send|give|on|a|an|the|message|note|word|for|mina|desk|manager|boss|owner|team|your|our|somebody|anyone|something|write|down|along|complaint|make|have|complain|someone|staff|with|just|tell|ask|let|know|<staff>|[,.!? ])+)$/i;

/** One hour instead of another. */
export const ONE_HOUR_FOR_ANOTHER =
  /\b[\w:.]+ (?:am |pm |o'clock )?(?:instead of|rather than) (?:at )?(?:\d|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|noon|half|quarter)/i;

/** Instead of what was done. */
export const SAYS_INSTEAD = /\binstead\b(?! of)/i;

/** What was done was meant otherwise. */
export const MY_MISTAKE = /\b(?:wrong (?:day|time|date)|i meant|meant to say|my mistake|should (?:have been|be))\b/i;

/** A message that goes on from the one before. */
export const GOES_ON = /^\W*(?:and|what about|how about|ok(?:ay)?,? and)\b/i;

/** Somebody who was spoken of. */
export const OF_SOMEBODY_SPOKEN_OF = /\b(?:with|by|see|to|is|does|when's|has|can|could|would|will|did|if) (him|her|he|she|they|them)\b/i;

/** A man who was spoken of. */
export const HIM = /^(?:him|he)$/i;

/** A woman who was spoken of. */
export const HER = /^(?:her|she)$/i;

/** Something is to be otherwise. */
export const CHANGES_SOMETHING = /\b(?:come|instead|move|make it|rather|change|shift|do it|have (?:an?|it|that))\b/i;

/** One more, of the same. */
export const ONE_AS_WELL = /\b(?:and|another|same|as well|too|also|second|more)\b/i;

/** At the same hour. */
export const SAME_HOUR = /\bsame (?:time|hour)\b/i;

/** Something besides what was done. */
export const BESIDES_THAT = /^\W*(?:and|also|then|plus|besides|(?:yes|yeah|ok|okay|sure|please)\b.*\band)\b/i;

/** Between two things: the mark of the second of a list. */
export const MARKS_THE_SECOND = /^\s*[,;.]?\s*(?:\(?(?:2|b|ii)[).:]|[-*•+])\s*(?:an? )?$/i;
/** … or nothing but a comma. */
export const ONLY_A_COMMA = /^\s*[,;]\s*(?:an? |the |my )?$/i;

/** All of it is for whom there is to be another: "and for my wife as well", "and one for the wife". */
export const ALSO_FOR =
  /^\W*(?:(?:and|plus|also|oh|yes|ok|okay)\W+)+(?:(?:one|another|another one|the same|it) )?(?:also )?for (?:my|our|the)\b|^\W*(?:(?:one|another) )?for (?:my|our|the) [a-z' -]{2,30} (?:as well|too|also)\b|^\W*(?:(?:and|oh|well|yes|ok|okay|but)\W+)*(?:my|our) [a-z]+(?:(?:'d| would) (?:like|love|want)|'s| wants?| needs?| is)(?: (?:to (?:come|have (?:one|it|that))|one|it|the same|coming))* (?:too|as well|also)\b/i;

/** On the day that was just told of. */
export const OF_THAT_DAY = /\b(?:that|the same) day\b/i;

/** Between two things, what is to be done with the first, and the second as another: "… to mend and an earring to". */
export const AND_ANOTHER_THING =
  /^ (?:to (?:be )?[a-z]+|(?:to )?be [a-z]+|[a-z]+(?:ed|ing))(?: [a-z]+)? and (?:also )?(?:an?|my|our|the|his|her|their|one|some) (?:[a-z']+ ){0,3}$/i;

/** Right before what is not meant, of several: "not the massage". */
export const RULED_OUT = /\b(?:not|isn't|is not|wasn't|no,? not|other than|except(?: for)?|anything but|leave) (?:the |my |that |of |for )?$/i;

/** Which they are is asked, of those that were just named: "which ones do I have". */
export const WHICH_ARE_THEY =
  /^\W*(?:(?:sorry|wait|hm+|oh|and|ok|well)\W+)*(?:which|what)(?: (?:ones?|appointments?|visits?|bookings?))?(?:'s| is| are| was| were| do| have| did)?(?: (?:they|there|those|it|that|mine|the options|i(?: have| got| book)?|we(?: have| got)?))+(?: (?:booked|again|exactly|then))*\W*$/i;
