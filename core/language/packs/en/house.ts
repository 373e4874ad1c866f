/** How people speak of a house's services and people. */

/** Words in service names that say little by themselves. */
export const WEAK = new Set(
  "first new visit visits initial return session sessions check group custom therapy consult running run the and with for physio service treatment appointment appointments patient patients client clients person people help talk you your me my mine we us our it its this that these those before after in on at to of from by into or a an is are be do".split(
    " ",
  ),
);

/** What is done, in one word with a hyphen: "take-down", "top-up". */
export const NOUN_WITH_A_PARTICLE = /\b[a-z]+-(?:up|down|off|out|over|on)\b/g;

/** Words that tell nothing of a service even in its name. */
export const EVERYDAY = new Set(
  "hour hours time times day days night nights evening evenings morning mornings week weeks change changes full session sessions visit open opening do up on off in out for to of a an one two first last long short big small hot cold old new other more less any all my your our room space place spot through going go take get down over".split(
    " ",
  ),
);

/** What somebody is made ready for: "our nails done before a wedding" is said of nails. */
export const OCCASIONS = new Set(
  "wedding party ball prom holiday birthday christening funeral graduation interview race marathon concert reunion trip date".split(" "),
);

/** A word and the ending it may have. */
export const ENDINGS = /^(.{3,}?)(?:s|es|ed|d|ing|er|ly)$/;

/** What stands between the kinds of work that somebody does. */
export const BETWEEN_TRADES = /,| and |;/;

/** A word that says what somebody is. */
export const A_TRADE = /^(?:[a-z']+ )?[a-z]*(?:er|or|ist|ian|ant|nurse|vet|physio|midwife|notary|coach|guide)$/;

export const DOCTOR = /^dr\b/i;

/** Right before an occasion that a visit is for, and that is none itself. */
export const BEFORE_OCCASION = /^(?:before|for|after|until|till|by|got|have|to)$/;

/** Right before a word that is a thing there, and no deed. */
export const BEFORE_A_THING = /^(?:my|our|your|the|an?|some|of|for)$/;

export const CHARGES = /^charge[sd]?$/;

export const ENDS_IN_ED = /ed$/;

export const WAS = /^(?:was|were|been|never|already|has|had)$/;

/** Right before a kind of thing. */
export const BEFORE_KIND = /^(?:the|your|our|an?)$|'s$|day$/;

/** All that stands between two services that are wished for together. */
export const JOINS_SERVICES = /^ ?(?:and|&|plus|then|or|,)+ (?:(?:also|then|maybe|an?|the|my) )*$/;

/** From a service that was named to one more: "… on Saturday, and then a". */
export const ONE_MORE_AFTER =
  /(?:^|[ ,])(?:and|plus|followed by|then)(?: (?:also|then|afterwards|(?:right |straight |directly )?after(?: that| it)?))*(?: (?:an?|my|another|some))?(?: (?:quick|short|proper))? ?$/;

/** Between two words of which each names a service of its own. */
export const NAMES_ANOTHER = /\b(?:and|plus|then|also)\b/;

/** Of something that was spoken of: "can you look at it" names no service that begins with a look. */
export const LOOKS_AT_IT = /^ at (?:it|that|this|him|her|them|me|us|my|our)\b/;

/** Before a word that also tells what is to be paid: "your charges", "do you charge". */
export const WHAT_IT_COSTS = /^(?:your|the|any|you|they|we|no|extra|of|be|being|get|i|will|a)$/;

/** What is to be done, unless something of theirs is called so. */
export const DEED_WORDS = new Set("book move change cancel hold keep start try".split(" "));

/** Who does something for a living: "colourist". */
export const ENDS_IN_IST = /^(.{5,})ists?$/;

/** Forms of a short word that ends in "e": "tape", "taped", "taping". */
export const FROM_E = /(?:[^aeiou]ed|[^aeiou]ing|[^aeiou]e|[^aeiou]es)$/;

export const ENDS_IN_MENT = /ment$/;

/** Where somebody is spoken of by what they are. */
export const ROLES =
  /\b(?:(?:with|see|seeing|by) (?:the|an?|one of the|one of your|your|any) |(?:move|change|switch|shift|reschedule|postpone|cancel) (?:the|my) |(?:can|could|would|will|may|is|does|do|has|when is|when does) (?:the|your) )(?:other )?([a-z]+(?:(?:'s)? [a-z]+)?)\b/g;

/** The same, as an answer: "the doctor", "the doctor one". */
export const ROLE_ALONE =
  /^\W*(?:(?:with|by|um+|oh|well|just|maybe|i think) )*(?:the|an?|one of the|your) ([a-z]+(?:(?:'s)? [a-z]+)?)(?: (?:one|visit|appointment))?(?:,? (?:please|then|thanks|if (?:possible|i can|you can)))*\W*$/;

/** A question about somebody by what they are. */
export const ASKS_OF_A_ROLE = /^(?:can|could|would|will|may|is|does|do|has|when)\b/;

/** Right before somebody who is not wished for. */
export const NOT_WITH = /\b(?:not|never|anyone but|anybody but|except|without|other than|besides) (?:with |by )?$/;

/** Right before somebody without whom nobody will do. */
export const NOBODY_BUT = /\bnot with (?:anyone|anybody) but $|\b(?:no one|nobody|not anyone|not anybody)(?: else)? but (?:with )?$/;

/** After a person at the beginning of a message: when it is to be. */
export const THEN_WHEN = /^,? (?:on|at|this|next|tomorrow|today|for|around|after|before|monday|tuesday|wednesday|thursday|friday|saturday|sunday)\b/;

/** Whoever it is will do. */
export const ANYBODY =
  /\b(?:id[ck]?c(?: who)?|who(?:ever)?(?:'s| is) (?:there|in|free|available|around) (?:is|will be|would be) (?:okay|ok|fine|good|alright|all right)|(?<!not )(?<!with )any(?:one|body)(?! (?:but|except|bar|other than|apart from|there|at|in|work|speak|call|know|at home))|(?:i(?:'ve| have)(?: got)? )?no (?:preference|favourite|favorite)s?|(?:i )?(?:don't|do not|dont) (?:really |actually |much )?(?:mind|care|have a preference)(?: (?:who|which(?: one| person| of them)?))?|whoever(?:'?s| is)?(?: free| available)?|(?:doesn't|don't) matter(?: who)?|no matter(?: who)?|(?<=^\W*(?:it's |it is )?)all the same to (?:me|us)|(?:it )?makes no (?:difference|odds)(?: to (?:me|us))?(?: who)?|not (?:fussed|fussy|bothered)(?: who)?|who ?ever|which ?ever (?:[a-z]+ )?(?:is|'s) (?:the )?(?:nicest|best|kindest|gentlest|most experienced|least busy)|which ?ever (?:physio|therapist|doctor|teacher|instructor|stylist|nurse|person)|any (?:therapist|of them|physio\w*|person)|either of (?:them|you)|(?<=^\W*)either(?:'s| is| of them is| would be| will be)? (?:fine|good|ok|okay|great|grand)|either (?:doctor|therapist|person|one|nurse|instructor|stylist|of the two)(?= |$|[.,!])|any of (?:them|you)|which ?ever(?: one)? of (?:them|you)|(?<=^\W*(?:(?:well|oh|um),? )?)(?:i(?:'ll| will|'d)? )?(?:leave|am leaving|'m leaving) (?:that|it|the choice) (?:up )?to you|(?:that's|that is|it's|it is|this is|entirely|completely|totally) (?:entirely |all |completely )?up to you|you (?:choose|pick|decide)|anyone will do|with any(?:one|body)?)\b/g;

/** Somebody, by what they are: "any coach". */
export const ANY_OF_A_TRADE =
  /\b(?:any|whichever|either) (?:(?:one )?of (?:the|your) )?([a-z]{3,})(?= ?(?:$|[,.;!?]|is fine|will do|would do|works|please|then|who|that|you))/g;

/** What people of many trades are called. */
export const TRADES_OF_ALL = new Set(
  "coach teacher instructor trainer therapist doctor dentist stylist barber nurse vet tutor technician hairdresser guide mechanic optician practitioner specialist lady man woman guy girl".split(
    " ",
  ),
);

/** Right before who may be chosen from: "any of the ladies". */
export const ANY_OF_THE = /\b(?:any|one|either|some) of (?:the|your) $/;

/** A word by itself for a woman or a man. */
export const A_GENDER = /^(?:wom[ae]n|female|lady|ladies|m[ae]n|male|guy|bloke|chap|fella|gentlem[ae]n)$/;

/** A woman or a man is wished for. */
export const WOMAN_OR_MAN =
  /\b(?:(?:a |any |the )?(?:woman|women|female|lady|sheila|lass)|(?:a |any |the )?(?:man|(?<=\b(?:no|not) )men|male|guy|gentleman|bloke|chap|fella)|(?:any|one|either|some) of (?:the|your) (?:ladies|women|girls|men|guys|lads|gentlemen))\b/g;

/** Between two things with each of which something else is to be done. */
export const ANOTHER_DEED = /\b(?:and|but|then)\b[^.;?!]*\b(?:book|cancel|move|reschedule|sign|keep|add|put|swap)\b/;

/** Right before a word that says who a guest is. */
export const OF_A_GUEST =
  /\bthe (?:only|wee|little|old|young)\s+$|(?:\b(?:for|pregnant|old|older|young|that|this|another|my|other)|(?<!\bit)'s) (?:a )?$|(?<!\b(?:looking|asking|hoping|wishing) )\bfor an? (?:(?!with\b|by\b|from\b)[a-z]+ ){1,3}$/;

/** Right before what somebody does not wish for. */
export const NOT_A =
  /\b(?:not|no|never|anyone but|anybody but|except|other than|don't want|without|rather not|isn't|is not)(?: (?:with|by|see|to see|have|(?:to )?(?:talk|speak) (?:to|with)|(?:to )?be (?:seen|treated|touched) by))* $/;

export const A_WOMAN = /wom|female|lad(?:y|ies)|girls|sheila|lass/;

/** Words after which a person is spoken of. */
export const BEFORE_PEOPLE = new Set("with by see ask tell let is does for and or from to".split(" "));

/** How something seems, by the word and by what follows it: "sounds right". */
export const SEEMS = /^(?:sounds?|looks?|feels?|works|fits|suits)$/;
export const SEEMS_SO =
  /^ (?:(?:all|about|very|really|so|just|quite|pretty|absolutely|like) )*(?:right|good|great|fine|perfect|lovely|ok|okay|nice|grand|brilliant|reasonable|ideal|fair|well|better|like (?:a|it)|as if|me|us)\b/;

/** Whether something is so is asked: "is that correct", of a house that does corrections. */
export const IS_SO = /^(?:correct|right|exact|so)$/;
export const WHETHER_IT_IS = /\b(?:is|are|was) (?:that|this|it|these|those|they)(?: all| still)? $|\b(?:that|this|it)(?:'s| is)(?: all)? $/;

/** Before "back", which then tells of no back: "come back". */
export const BACK_AGAIN =
  /\b(?:com(?:e|es|ing)|came|go(?:es|ing)?|went|gets?|got|getting|be|been|bring|take|took|call|ring|phone|write|give|send|put|push|pull|move|want(?:ed)?|welcome|hold|look|switch|change|report|hear(?: from you)?)(?: (?:it|me|us|him|her|them|that|this|right|straight))? $/;
export const BACK_TO_BACK = /\bback[ -]to[ -]back\b/;

/** After a word: who that is. */
export const IS_SOMEBODY = /^(?:'s name)? is (?!(?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day\b)\p{Lu}\p{Ll}+ \p{Lu}\p{Ll}+/u;

/** Right before somebody's name, and a part of what they are called. */
export const A_TITLE = /^(?:dr|doctor|m(?:r|rs|s|x|iss)|prof|professor)$/;

/** Somebody has never done it, and asks where one begins. */
export const BEGINS =
  /\bnever (?:ever )?(?:done|tried|sat|been on|ridden|danced|played|had a go|held|touched|stood|learn(?:t|ed)|taken a lesson|had a lesson)\b|\b(?:complete|total|absolute|utter) (?:beginner|novice|newbie)\b|\bwhere (?:do|should|would|does) (?:we|i|one|he|she|they|you) (?:start|begin)\b|\bfrom scratch\b/i;

/** What is for beginners is called so. */
export const FOR_BEGINNERS = /\b(?:first|trial|taster|intro(?:duction|ductory)?|beginners?'?|starter|discovery)\b/i;

/** A part of the body, and right after it that it troubles somebody. */
export const AILS_RIGHT_AFTER =
  /^[a-z]+(?:'s|'ve| is| are| has| have| was|'re)?(?: just| really| completely| absolutely| all| been| gone and| still| totally)* (?:gone|went|goes|out|killing|playing|giving|acting|seized|locked|spasm\w*|in (?:bits|agony|pain|spasm|pieces)|hurt\w*|ach\w+|sore|stiff|bad|wrecked|knackered|ruined|throbb\w+|swollen|numb|at me)\b/;

/** Between two things that are each wished for. */
export const AND_ANOTHER = /\band (?:also )?(?:an?|my|our|the|his|her|their|one|another|some)\b/;
/** Right before a thing. */
export const AN_ARTICLE = /\b(?:an?|my|our|the|his|her|their|one|another) $/;

/** Right before a woman or a man who is wished for: "I want a", "I'd rather it was a". */
export const WISHED_WHO = /\b(?:want|like|prefer|see|need|have|be|was|with|by|rather)(?: it was)? (?:an? )$/;

/** Right before somebody who is only spoken of: "which is best for somebody who sits all day". */
export const LIKE_SOMEBODY = /\b(?:for|like|of|if|is|as)\s+$/;
/** … and right after them. */
export const WHO_DOES = /^,? (?:who|that|with|whose)\b/;

/** What makes a question of what follows it: "which would you pick". */
export const WOULD_BEFORE = /\b(?:would|do|should|could|did|might)\s+$/;
