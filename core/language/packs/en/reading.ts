/** What settles a reading: of visits that exist, of the past, of limits, and whether a message asks. */

/** Something is asked for, and not given. */
export const ASKS_FOR_IT = /\b(?:give|tell|send|need|want|get|what|have)\b/;

/** A limit on numbers. */
export const NUMBER = /\bnumbers?\b/i;

/** Two things are compared. */
export const OR_THAN = /\b(?:or|than)\b/;

/** "Since Christmas": how long something has been. */
export const SINCE = /\bsince\b[^.,;?!]{0,30}$/;

/** "Assessed in January", "getting married in May": what was, or is to be, in a month, and no visit. */
export const IN_THE_PAST =
  /(?<!\b(?:you|could|can|may|might|would|be|get) )\b(?:was|were|been|had|did|last|assessed|started|began|ago|came (?:off|out|back|here)|fell|broke|went|saw|stopped|finished|born|(?:getting|gets?|got) (?:married|engaged)|you(?:'ve| have) (?:all |already |kindly )?(?:treated|seen|helped|fixed|repaired|looked|done|trained|taught|mended|cleaned|serviced)|(?:looked at|treated|seen|done|fixed|repaired|serviced|cleaned) by (?:you|one of you|somebody of yours))\b(?! (?:hoping|wondering|going|thinking|planning|meaning|looking|trying|told|asked|supposed|wanting)\b)[^.;?!]*$/;

/** How something has been, before how long: "it's been sore all week". */
export const HAS_LASTED =
  /\b(?:been|hurting|aching|bothering|had)\b(?! (?:hoping|wondering|thinking|planning|meaning|looking|trying|told|asked|wanting)\b)[^.;?!,]*$/;

/** What has been, before a part of today: "I had a jab with you this morning". */
export const WAS_TODAY =
  /\b(?:i|we|he|she|they|it)(?:'ve|'s| have| has)? (?:just )?(?:had|was|were|been|saw|came|got|did|went|left|woke|started|fell|hurt|broke|lost|bought|ate|drank|took)\b(?! (?:hoping|wondering|going|thinking|planning|meaning|about|looking|trying|told|asked|supposed|due|booked)\b)[^.;?!,]{0,40}$/;
export const PART_OF_TODAY = /^(?:earlier )?(?:this (?:morning|afternoon|evening)|today|just now)$/;

export const OURS = /\b(?:my|our)\b/;

/** Somebody tells of a visit that they have. */
export const HAS_ONE =
  /\b(?:i|we)(?:'ve got| have(?: got)?|'ve)(?: already)? (?:an?|my|our|something|one)\b|\b(?:i'm|we're|i am|we are) (?:booked|scheduled|down)\b|\b(?:i|we)(?:'ve| have)?(?: already)? (?:booked|made|scheduled|arranged) (?:an?|my|our|something|one)\b/;

/** Right before what takes no article: "I have yoga". */
export const I_HAVE = /\b(?:i|we)(?:'ve got| have(?: got)?)(?: already)? /;

/** Around a visit of theirs of which it is told when or with whom it is: "my scan is with". */
export const MY_BEFORE = /\b(?:my|our) $/;
export const IS_WITH = /^ (?:is|was)(?: booked| down| set)? (?:with|on|at|for)\b/;

/** A visit or its booking, by the word. */
export const A_VISIT = /\b(?:appointment|visit|booking|booked|scheduled)\b/;

/** Something is wished for besides, and not instead. */
export const ONE_MORE = /\b(?:another|one more|a second|an extra|as well|too|also)\b(?! (?:day|time|hour|date))/;

/** "A different day". */
export const ANOTHER_THING = /\b(?:different|other|another) [a-z]+/;

/** "Make it a taping", "bring it forward". */
export const MAKE_IT = /\b(?:make|change|switch|swap) (?:it|that)\b|\b(?:bring|pull|push|put|shift) (?:it|that) (?:forward|back|off|earlier|later|out)\b/;

/** A service as something of theirs. */
export const THE_SERVICE = /\b(?:the|my|our) <service>/;

/** What stands is to be done by another: "can somebody else do my <service>". */
export const BY_SOMEBODY_ELSE =
  /\b(?:can|could|may|might|would) (?:some(?:body|one) else|another (?:person|stylist|[a-z]+ist)|a different (?:person|stylist|[a-z]+ist)) (?:please )?(?:do|take(?: over)?|give me|see (?:me|us) for|have) (?:my|our|the) (?:<day>(?:'?s)? )?<service>/;

/** What a visit on a day is to be: "the <service> on <day> to be <length>". */
export const THE_SERVICE_TO_BE =
  /(?:\b(?:the|my|our) <service>|<day>'s <service>)(?: (?:with <staff>|(?:on |at |for )?<day>|(?:at )?<time>|in))* to (?:be|become|last|start|begin)(?: (?:at|on|for|with|a|an|the))* <(?:length|time|day|staff)>/;

/** Somebody is to be told something. */
export const TELLS_SOMEBODY = /\b(?:tell|let|pass|say|message|call|ring)\b/;

/** A visit is named next. */
export const VISIT_NEXT = /^(?:\w+ )?(?:appointment|visit|booking)\b/;

/** It stands in the book here. */
export const BOOKED_WITH_US = /\bwith you\b|\b(?:booked|coming up|in the (?:book|diary))\b/;

/** What is told is of the speaker. */
export const OF_MYSELF = /^(?:i|we)\b/;

/** Right before a length that another is to replace. */
export const LENGTH_REPLACED = /\b(?:instead of|rather than|in place of|and not|not)\s+(?:the |an? |for )*$/;

/** Stays to be seen where an hour is put aside: one takes another's place. */
export const INSTEAD_OF = /^(?:instead of|rather than|in place of) /;

/** A part begins as questions do. */
export const BEGINS_ASKING =
  /(?:^|[.,!;]\s*)(?:(?:and|so|but|oh|hi|hello|hey|um|also|ok|okay|well|right|hm|sorry|actually|great|just|quick (?:one|question))[ ,:]+)*(?:(?:what|how|where|when|who|why)(?:'s|'re|'d|'ll)?|whom|whose|which|whats|do(?! (?:it|that|so|this)\b)|does|did|is|are|am|can|could|will|would|should|shall|ought|must|has|have|may|might|any(?! (?:time|day) (?:on|in|next|this|after|before|from|between|is|will|would|suits|works))|anything|anyone|anybody|need i)\s/;

/** "I was wondering", "do you know". */
export const ASKS_POLITELY = /\b(?:i (?:was )?wonder(?:ing)?|do you know|tell me|i'd like to know|wants? to know|(?:know|ask|see|check) (?:if|whether))\b/;

/** Somebody asks for another, who has a visit: "he wants to know if it's tonight". */
export const ASKS_FOR_THEM = /\b(?:he|she|they|who|and) (?:wants?|would like|needs?) to (?:know|check)\b/;

export const SAYS_BYE = /\b(?:good)?bye\b/;

/** Words around a service's name that ask nothing. */
export const SAYS_NOTHING = /^(?:a|an|the|one|some|my|please|hi|hello|hey|just)$/;

/** Somebody is to be talked to, and nobody of the desk is meant where talking is what the house does. */
export const TALK_TO_SOMEBODY =
  /\b(?:talk|speak|talking|speaking|chat)(?: (?:it|this|things) (?:over|through))? (?:to|with) (?:some(?:one|body)|a professional)\b|\bsome(?:one|body) (?:(?:who|that) (?:can|could) |(?:for (?:her|him|them|us|my [a-z]+) )?to )(?:talk|speak|chat) (?:to|with) (?:her|him|them|us|me|my [a-z]+)\b/;
/** What a house offers that does so. */
export const COUNSELS = /\bcounsel|psychother|psycholog|talking therapy/i;

/** Between two days of which either will do, whatever stands with the first. */
export const OR_BETWEEN = /^[^.;?!]*\b(?:or(?! (?:rather|better)\b)|otherwise|failing that|if not)\b[^.;?!]*$/;

/** What people put around days and hours that they name, and which asks for nothing by itself. */
export const AROUND_WHEN =
  /^(?:a|an|the|some|sometime|time|any|anytime|anywhere|anything|between|and|or|either|ideally|preferably|preference|otherwise|maybe|perhaps|possibly|hopefully|but|not|except|only|just|i|i'm|am|we|we're|can|could|point|do|am|free|available|work|works|suit|suits|fine|good|best|for|me|us|on|in|at|then|failing|that|if|please|ok|okay|days?|times?|whenever|ever|from|to|until|till|up|after|before|which|whichever|all|same|early|earlier|late|later|about|around)$/;

/** … and around people. */
export const AROUND_WHOM = /^(?:with|anyone|anybody|someone|somebody|else|possible|rather|than|other|see|have)$/;

/** … unless it is asked so. */
export const ASKS_WHEN = /^\W*(?:is|are|would|could|can|do|does|will|any(?:thing)?(?! (?:but|except|time|day)\b)|how|what|maybe is|free|available)\b/;

/** Begins like a yes, and asks for a moment. */
export const ONE_MOMENT = /^(?:wait|hang on|hold on|one (?:moment|sec\w*))\b/;

/** What exists is spoken of, and not what is being booked. */
export const OF_WHAT_STANDS = /\b(?:my|our|appointment|booking|reschedule)\b/;

/** After a word that stands for a service: "the gait thing". */
export const STANDS_FOR_ONE = /^ (?:thing|one|stuff|service|session|visit|appointment)\b/;

/** Before a word that stands for a service: "the class". */
export const BEFORE_ONE = /\b(?:an?|the|your|this|for) $/;

export const ANY_DAY = /^any day/;

/** "This Friday": the next one, and no other. */
export const THIS_COMING = /\b(?:this|coming)\b/i;

/** Right before a service: "a long consultation". */
export const LONG_OR_SHORT = /\b(long|short)(?:er|est)? $/;

/** "Two for", right before what is held for several. */
export const SO_MANY_FOR =
  /(?:^|[,.;!?] ?|\b(?:book|put|have|take|get|want|need|like|make it|reserve|down|us|yes|hi|hello|and) )(two|three|four|five|six|[2-6])(?: slots)? (?:for|in|at|to) (?:the |your |that |this )?$/;

/** One day and not another, where something is asked for. */
export const ONE_DAY_NOT_ANOTHER = /\b(?:can|could|may|might|would|is)\b[^.?!]*<day>[^.?!]*(?:,| and) not (?:on )?<day>/;

/** Right after what is held for several: "for four teachers". */
export const FOR_SO_MANY =
  /^(?: (?:class|course|session|lesson|group))?(?:,? (?:please|on|this|next|the|[a-z]+day|tomorrow|\d{1,2}(?:st|nd|rd|th)?))* ?for (two|three|four|five|six|seven|eight|nine|ten|[2-9]|10) (?!hours?\b|minutes?\b|mins?\b|weeks?\b|days?\b|months?\b|o'clock|thirty|fifteen|forty)(?:[a-z]+ )?[a-z]+(?:s|men|people|children)\b/;

/** A number right before a thing: "two flu jabs". */
export const SO_MANY = /\b(two|three|four|[2-4]) $/;

/** Right before what somebody has had: "I had my". */
export const HAD_ONE =
  /\b(?:i|we|he|she)(?: (?:had|did|got|finished|completed)|(?:'ve| have)(?: already)? (?:had|done|finished|completed)) (?:my|an?|the|our|his|her) (?:\w+ )?$/;

/** What is told of was the other day, and what is to come. */
export const TELLS_OF_WHAT_WAS =
  /\b(?:was|were|left|forgot|forgotten|waited|hurt|treated|spoken|never (?:arrived|came)|didn't|embarrassed|thanks for|charged|paid|lost|had|went|came|rode|bought|(?:receipt|bill|invoice|visit|appointment|lesson|session) from)\b/;
export const TELLS_OF_WHAT_COMES = /\b(?:will|'ll|going to|won't|tomorrow|next|coming|can't|cannot)\b/;

/** What something is or does is asked. */
export const ASKS_OF_SOMETHING =
  /^\W*(?:(?:and|but|so|ok|okay|wait|oh|well|sorry)\W+)*(?:do|does|did|is|are|was|were|has|have|how|why|who|whose)\b(?! (?:there|about)\b)/;

/** Right before how many of a thing somebody has had: "we've done". */
export const HAS_DONE =
  /\b(?:i|we|he|she|they)(?:'ve| have|'s| has)(?: already| just| only| now)? (?:done|had|been to|taken|finished|gone to|come to|paid for|missed)(?: the| all)?\s*$/;
