/** What is said around days, times and people, and tells what is meant by them: ruled out, before, after, old or new. */

/** Right before a day: it is ruled out. */
export const NOT =
  /\b(?:(?:any ?(?:day|night|evening|morning|afternoon)|anything|any ?time|whenever)\b[^.;?!]{0,24} (?:but|bar)|not|never|except(?: for| on)?|bar|save|only not|week ?days? but|but not|(?:any ?(?:day|thing|time)|every ?day|everything|all) but|apart from|other than|any day but|anything but|besides|not (?:free|available|around)|(?:can't|cannot|can not|won't|couldn't) (?:do|manage))\s+(?:on |for |the |this |next |a )*$/;

/** What is said of a day or an hour that will not do. */
export const NO_GOOD =
  "(?:really |just )?(?:doesn'?t|does not|don'?t|do not|won'?t|will not|wouldn'?t|isn'?t|is not|aren'?t|are not)\\s+(?:really |quite |going to )?(?:work|suit|do|fit|happen|good|great|possible|an option|convenient|be possible)|makes? no sense|(?:'?s|is|are|was|would be|has become|is now) (?:no good|no use|no longer possible|not good|bad|out|off|gone|impossible|difficult|tricky|a problem|a no|an? (?:bad|awkward|difficult|terrible|impossible|poor) (?:time|day|hour|one)(?: for (?:me|us))?(?: now)?)\\b(?! (?:work|school|duty|for me to))";

/** What rules the day before it out: "doesn't work", "is no good", "I can't". */
export const NOT_AFTER = new RegExp(
  `^s?\\s*,?\\s*(?:${NO_GOOD}|(?:'?s|is|are|would be) too (?:soon|early|late|far)|(?:i|we|he|she|they)(?:'m|'re|'s| am| are| is| always| both)? (?:works?|working|at (?:work|school|college|nursery)|busy|away|tied up|in (?:class|court|surgery|school)|on (?:shift|call|duty))\\b(?! (?:from|until|till|at|after|before|mornings?|afternoons?|evenings?|nights?))|i (?:can'?t|cannot|couldn'?t|won'?t be able)\\b(?! (?:do|make|manage|come|be there|have|start)\\b(?: (?:on|for|the|in|any|at))* (?:mon|tues?|wed|thur?s?|fri|sat|sun|tomorrow|\\d|morning|afternoon|evening|before|after|earlier|until|till)))`,
);

/** A day, with or without an hour, that will not do, and another day or hour after it: what they have, and what they wish. */
export const NO_GOOD_BUT = new RegExp(
  `<day>(?:'s (?:<service>|appointment|visit|booking|lesson|session|one))?(?: <time>)?,?\\s*(?:${NO_GOOD})(?!.*\\b(?:another|new|extra) (?:appointment|visit|booking|session)\\b)(?!.*(?:(?<!\\b(?:the|my|our) )<service>|\\bbook\\b)).*<(?:day|time)>`,
);

/** Between the day that is wished for and the one that is not. */
export const AND_NOT_THEN = /(?:,|\band\b|\binstead,?)\s+not\s+(?:on |for |the |this )*$/;

/** Before an hour at which somebody is busy with something else: "I'm on the school run at", "we've got a meeting at". */
export const BUSY_BEFORE =
  /(?:^|[,.;:!?]\s*|\b(?:because|since|as|but|and|so) )(?:i|we|he|she|they)(?:(?:'m|'re|'s| am| are| is) (?:(?:on|in) (?:the |a |an |my )?(?:[a-z]+ run|duty|call|court|class|meetings?|lectures?|training|theatre|surgery)|at (?:the |my )?(?:school|work|office|gym|dentist'?s?|nursery|church|mosque|temple)|(?:teaching|working|picking|dropping|collecting|busy|flying|catching|taking)\b)[a-z ]{0,24}|(?:'ve got|'s got| have got|'ve| have| has) (?:to (?:be|go|pick|drop|collect|take|fetch|leave)\b[a-z ]{0,24}|(?:a |an |my |the |another )?[a-z ]{0,12}(?:meeting|call|class|lecture|shift|train|flight|bus|ferry|exam|interview|appointment|lesson|practice|rehearsal|game|match|tournament|recital|wedding|party|ceremony|viewing|funeral|audition|race|concert|graduation|training|choir|church|service)))[a-z ]{0,12}$|(?:^|[,.;:!?]\s*|\b(?:because|since|as|but|and|so|cause|cos) )(?:i've |we've )?got [a-z ]{0,16}(?:meeting|call|class|lecture|shift|train|flight|bus|ferry|exam|interview|practice|rehearsal|game|match|tournament|recital|party|training|choir|church|school|work|uni|footy|football|netball|soccer|rugby)[a-z ]{0,12}$/;

/** What was offered is refused. */
export const WILL_NOT_DO_AT_ALL =
  /^\W*(?:no|nah|nope|sorry|not (?:really|possible))\b(?! (?:later|earlier|sooner|before|after))|\b(?:(?:that|those|none|neither|they|it|this)(?:'s| is| are|'re)? ?(?:of (?:those|them) ?)?(?:is |are )?(?:no (?:good|use)|not (?:good|possible|great|going to work)|out|useless|too (?:early|late)|(?:doesn't|don't|won't|wouldn't) (?:work|suit|do))|(?:can't|cannot) (?:do|make|manage) (?:that|those|any|either|it)|no good|won't work)\b/;

/** What somebody is busy with that can be no visit here: the hour of it is no wish, though no other is named. */
export const BUSY_WITH =
  /\b(?:meeting|call|shift|train|flight|bus|ferry|exam|interview|rehearsal|game|match|tournament|recital|wedding|party|ceremony|viewing|funeral|audition|race|concert|graduation|training|choir|church|practice|footy|football|netball|soccer|rugby)[a-z ]{0,12}$/;

/** Right before a day: what comes after it. */
export const AFTER = /(?<!\b(?:not|no|or) )\b(?:after|later than)\s+(?:the |this )*$/;

/** Right before a day: it and what comes after it. */
export const FROM =
  /\b(?:from|starting|beginning|not before|(?:no|not|nothing|not anything|never) (?:earlier|sooner) than|on or after|any ?time from|(?:am|are|is|'m|'re|'s|get|gets|be)(?: due)? (?:back|home)(?: again)?(?: from)?|(?:not|(?:can|do|wo|could|is|are)n'?t|cannot)(?: (?:free|available|able|possible|around|back|come|make it|do (?:it|anything|that)|start|manage|be (?:there|free|available|back)))* (?:until|till|til))\s+(?:on |the |this )*$/;

/** Right after a day from which on somebody is there: the days after it are meant, and not itself. */
export const AND_AFTER_IT = /^\W*(?:so |and |but |please |then )*(?:any ?time |any day |some ?time |anything )?after (?:that|then|it)\b/;

/** Right before a day: somebody is taken off what they have then. */
export const TAKEN_FROM = /\b(?:remove|take|scratch|strike|cross|delete) (?:me|us|him|her|them|my [a-z]+)(?: off| out)? from\s+(?:the |this )*$/;

/** Right before a day: what comes before it. */
export const BEFORE = /(?<!\b(?:or|no|not|nothing|anything|never) )\b(?:before|earlier than|sooner than|this side of)\s+(?:the |this )*$/;

/** Right before days: somebody is somewhere else then. */
export const ABSENT =
  /\b(?:i|we|he|she|they|my [a-z]+)(?:'m|'re|'s|'ll be| am| are| is| will be)(?: still| all)? (?:away|off sick|out of (?:town|the country)|on (?:holiday|holidays|vacation|leave|a trip|a course)|abroad|overseas|travelling|traveling|in hospital|stuck(?: (?:in|at|on|with) (?:the |a |an )?[a-z]+(?: (?!until\b|till?\b)[a-z]+)?)?|held up(?: (?:in|at) (?:the )?[a-z]+)?|laid up|working away|(?:in|visiting|at) (?!(?:town|pain|agony|need|trouble|doubt|school|work|touch|the (?:area|city|country|village|middle))\b)[a-z]+(?: [a-z]+)?(?= from\b)|busy|tied up|booked up|fully booked)(?: (?:for|all|all of|most of|during|over|on|from|to|the whole(?: of)?|in|[a-z]+ing))*\s*(?:the |this )*$/;

/** Right before the day until which somebody is not there. */
export const OFF_TILL = /\b(?:i|we|he|she|they)(?:'m|'re|'s| am| are| is)(?: all)? off\s*$/;

/** Right before a day: from now until then. */
export const FROM_NOW_TO = /\b(?:between|from) now (?:and|to|until|till|through)\s+(?:the |this )*$/;

/** Right before a day: it and what comes before it. */
export const UNTIL =
  /\b(?:until|till|til|(?<!\b(?:come|coming|came|stop|stopping|drop|dropping|swing|swinging|pop|popping|go|going|pass|passing) )by|no later than|not later than|on or before|(?<!\b(?:half-?way|get|got|go|going|came|come|put|run|went|all) )through|latest(?: by| on)?|not after|up to)\s+(?:the |this )*$/;

/** Before somebody does something on a day, or before something of theirs happens: not before they come. */
export const BEFORE_DEED =
  /\bbefore (?:i|we|he|she|they|my|our|his|her|their|the|an?) (?!(?:come|am in|are in|visit|see you|appointment|booking)\b)[a-z']+(?: (?!on\b|before\b)[a-z']+){0,5} (?:on )?(?:the |this |next )*$/;

/** "Before this week is over" lasts to its end. */
export const OVER = /^(?:'s| is) (?:over|out|up|done)\b|^ (?:ends|finishes|runs out)\b/;

/** Between two finds of a kind: the later takes the place of the earlier. */
export const CORRECTS =
  /\b(?:no(?! (?:later|earlier|sooner|more)\b)|sorry|i mean|i meant|meant|actually|rather|correction|make (?:it|that)|scratch that|wait|oops|or better|better|instead)\b/;

/** What happens on a day besides a visit: the day is told, and is not when they want to come. */
export const EVENT =
  /\b(?:expires?|runs? out|(?:is|are|'s|'re) (?:due|up|over|away|leaving|flying|getting married|moving)|due|wedding|exam|test|flight|birthday|anniversary|party|marathon|race|match|game|tournament|interview|concert|recital|graduation|holiday|trip|surgery|operation|funeral|baptism|prom|ceremony|(?:hen|stag|leaving|works?|school|staff) (?:do|night|ball|weekend))(?:'s)?\b(?: (?:is|are|starts?|begins?|comes|on|the|a|at|in|it's|that's|,))*\s*$/;

/** What happens on a day that is told by itself, right before the day: "my test's on", "the baby is due", "we're off to Kenya". */
export const HAPPENS =
  /\b(?:i'm|we're|i am|we are|she's|he's|they're|she is|he is|they are) getting married(?: (?:on|in|at))?(?: the)?\s*$|\b(?:my|our|his|her|their|the)(?: [a-z]+){0,2} (?:exam|test|flight|race|marathon|match|tournament|interview|recital|graduation|trip|surgery|operation|move|expedition|audition|hearing)(?:'s| is| are)(?: [a-z]+)?(?: (?:on|in|at))?(?: the)?\s*$|\b(?:i|we|he|she|they)(?:'ve| have|'s| has)(?: got)? (?:an? |my |our )(?:[a-z]+ )?(?:exam|flight|race|marathon|half-marathon|triathlon|match|tournament|interview|recital|graduation|surgery|operation|expedition|audition|concert|wedding)(?: (?:on|in|at))?(?: the)?\s*$|\b(?:and|plus|got|have|has|having) (?:an?|my|our|his|her|their) (?:[a-z]+(?:'s)? )?(?:wedding|communion|christening|graduation|anniversary|marathon|recital|prom|quince\w*|bar mitzvah|bat mitzvah)(?: coming up)?(?: (?:on|in|at))?(?: the)?\s*$|\bbefore (?:my|our|his|her|their|the) (?:[a-z]+(?:'s)? )?(?:exams?|test|flight|race|marathon|match|tournament|interview|recital|graduation|trip|surgery|operation|wedding|birthday|anniversary|party|holidays?|audition|concert|prom|ceremony|big day)(?: (?:on|in|at))?(?: the)?\s*$/;
/** A feast of theirs, right before the month that it is in. */
export const FEAST_IN =
  /\b(?:wedding|communion|christening|graduation|prom|anniversary)(?:'s| is| are|'ll be| will be)?(?: coming up| sometime| early| late| planned)?(?: in)?\s*$/;
/** What is wished for is to be done before it. */
export const BEFORE_A_FEAST = /\bbefore\b/;
/** A feast to which somebody goes, right before its day: what they need for it is needed by then, or that day. */
export const GOES_TO_A_FEAST =
  /\b(?:asked|invited|going|off|(?:got|have) to go) (?:to|along to) (?:an?|my|our|his|her|their|the)(?: [a-z']+){0,3}? (?:wedding|party|ball|prom|christening|gala|reunion|ceremony|graduation|festival|conference|dinner|funeral|anniversary)(?: (?:on|in|at))?(?: the)?\s*$/;
/** A birth, or what else is only expected. */
export const IS_DUE = /\b(?:baby|twins|i'm|she's|we're|wife|daughter|sister|partner)(?: is|'s)? due(?: (?:on|in|at|around|about))?(?: the)?\s*$/;
/** What ails somebody began on the day that follows: "it started on". */
export const BEGAN_THEN =
  /\b(?:it|this|that|they|(?:my|the|his|her) (?:pain|[a-z]+))(?:'s| has| have)?(?: all| only| just| really| first)? (?:started|began|begun|happened|flared(?: up)?|came on|came back|kicked in|appeared|showed up|popped out)(?: hurting| aching| again| up)?(?: (?:on|last|this|late|early))*\s*$/;
/** Somebody goes away: what they need is needed before. */
export const GOES_AWAY =
  /(?:^|[,;.!?(]|\band) ?(?:we're |i'm )?(?:flying|travelling|traveling|leaving|departing|emigrating)(?: (?:out|off|away|home|abroad|back|to(?: [a-z]+){1,3}?))*(?: (?:on|in|at))?(?: the)?\s*$|\b(?:i|we|he|she|they)(?:'m|'re|'s| am| are| is) (?:all )?(?:off|flying|travelling|traveling|leaving|sailing|emigrating|moving away|heading (?:off|out))(?: (?:to|for|out|away|abroad|home|back)(?: [a-z]+){0,3}?)?(?: (?:on|in|at))?(?: the)?\s*$|\b(?:i|we|he|she|they) (?:fly|leave|travel|set off|sail|ship out)(?: (?:out|off|away|home|back|abroad|to(?: [a-z]+){1,3}?))*(?: (?:on|in|at))?(?: the)?\s*$/;

/** What somebody has with the house: what is to come before it comes that day. */
export const OF_A_BOOKING = /\b(?:booking|booked|appointments?|visits?|sessions?|lessons?)\b/;

/** After a day: what is wished for comes before it. */
export const BEFORE_THAT =
  /^[^.?!;]{0,24}[,.?!;]\s*(?:so |and |but |then )?(?:(?:is|are|have you|do you have|can|could|got|would there be)\b[^.?!;]{0,30})?(?:(?:any ?thing|some ?thing|any (?:slots?|time|chance|space)|possible|it|me|us|i|we)\b[^.?!;]{0,44})?\b(?:before|ahead of) (?:that|then)\b/;

/** After the day of something else: "that morning" is on that day itself. */
export const ON_THAT_DAY = /(?<!\b(?:before|after|than) )\bthat (?:same )?(?:morning|afternoon|evening|day)\b/;

/** Something of the world's begins on a day: none is wished for then. */
export const BEGINS =
  /\b(?:school|term|college|university|kindergarten|nursery|the (?:season|course|semester|camp|holidays?|summer|winter)|(?:my|his|her|our|their|the) (?:new )?(?:job|course|season|camp|training|exams?|semester))\b(?: [a-z']+){0,2} (?:starts?|begins?|opens?|is starting)\b(?: [a-z']+){0,3}\s*$|(?<!\b(?:can|could|may|shall|should|might|would) )\b(?:i|we|he|she|they|my [a-z]+)(?:'m|'re|'s|'ll| am| are| is| will)? (?:start|starts|starting|begin|begins|beginning) (?:back at )?(?:(?:an?|my|our|his|her|the) )?(?:new |first )*(?:job|school|work|term|college|university|uni|placement|internship|maternity leave|chemo)\b(?: [a-z']+){0,2}\s*$/;

/** On that day they are gone, whatever stands before or after it. */
export const LEAVES =
  /\b(?:i|we|he|she|they) (?:fly|leave|travel|set off|sail|drive|ship out|head)(?: (?:out|off|away|home|back|abroad|again))* (?:on )?(?:the |this |next )*$/;

/** Right before a day or time: that of the appointment that exists. */
export const OLD_BEFORE = /\b(?:my|our|from|of|the)\b\s*(?:(?:one|appointment|visit|booking|session|<?\w+>?)\s+)?(?:on |at |for )?$/;

/** Right before a day or time: that of the wish. */
export const NEW_BEFORE =
  /\b(?:to|onto|into|until|till|make it|instead|rather|prefer|want|do|have it|could it be|can it be|possible|be|something|anything|better|for|(?:any |a |some )?chance(?: of| for)?|book (?:me|us)(?: in| one| it| another| something)?|put (?:me|us)(?: in| down)?|put (?:the|my|our|it|that)(?: (?!off\b|back\b)[a-z]+){0,2})\s*(?:on |at |for |the |a |like |around |about |next |this |in |some ?time |maybe |say )*$/;

/** Between two days: what follows is the wish. */
export const TURNS_TO_WISH =
  /(?:^|[,.;!]|\b(?:so|but|and|then)\b)\s*(?:(?:so|but|and|then|please|maybe|perhaps)\s+)*(?:(?:could|can|may|might|would|shall) (?:i|we|you|my|our|it|that|this|the|he|she|they)|is it (?:possible|okay|ok|all right)|let's|let us|i'd (?:like|prefer|rather)|i would (?:like|prefer|rather))\b[^.;?!]*$/;

/** Between two days: the second takes the place of the first. */
export const TAKES_ITS_PLACE = /\bfor\s+(?:the|that|a|an|another)\s+(?:(?:one|class|session|slot|appointment|visit|place|<\w+>)\s+)?(?:on |at |in )?$/;

/** Before a day or time: it cannot be kept. */
export const CANT = /\b(?:can'?t|cannot|won'?t|unable|not able|couldn't|not coming|not going)\b[^.;?!]*$/;

/** What is said of the day or hour that is wished for, after it. */
export const BETTER =
  /^\s*(?:at \w+ )?(?:(?:is|would be|will be|'s|'d be) (?:(?!not |no |never |hardly )\w+ )?(?:better|best|easier|possible|okay|ok|fine|good|perfect|ideal|all right|alright|free)(?! (?:any ?more|for nothing))|(?:would|will|does|should|could) (?:work|suit|do)\b|would be(?=\W*$)|works\b|suits\b)/;

/** After a day or time: whether it might be. */
export const POSSIBLE =
  /^[^.;!]{0,24}\b(?:possible|free|any (?:good|better|use)|okay|ok|all right|alright|better|available|work|suit|suitable|do|doable|an option)\b/;

/** After a day: that it would do. */
export const IS_FINE =
  /^(?:'s| is| would be| will be|'d be) (?:just |quite |really |very |also )?(?:good|fine|great|ok|okay|perfect|better|best|all right|alright|possible|lovely|ideal|grand)\b/;

/** The same, where what is needed is told first: "and I need a check-up before that". */
export const NEEDED_BEFORE_THAT =
  /^[^.?!;]{0,24}(?:[,;.]|\b(?:and|so|but)\b)[^.?!;]{0,40}\b(?:need|needs|want|wants|like|have to|has to|must|require|requires|could|can|may|get|book)\b[^.?!;]{0,60}\b(?:before|ahead of) (?:that|then)\b/;
