/**
 * Plain signs of what a message is about, beside the cues that the errands are told by: looked for in what was said, most of
 * them after days, times, services, people, names and numbers have been put aside as `<day>`, `<time>` and so on.
 */

/** What asks or orders something, in the middle of an errand too. */
export const ASKS_OR_ORDERS =
  /\?|^\W*(?:(?:and|but|so|ok|well|oh|um|hi|hello|actually|wait|sorry|yes|no|please|then|just|right|maybe|in that case)\W+)*(?:what|who|when|where|which|how|why|can|could|may|do|does|is|are|will|would|cancel|move|change|book|tell|give|put|let|stop|forget|i want|i need|i'd|i would|i can't|we)\b|\b(?:can|could|do|is|are) (?:you|i|we|there)\b/;

/** Words that begin to speak and say nothing yet: "do you know what, …", "the thing is, …". */
export const OPENER =
  /^\W*(?:(?:so|well|ok(?:ay)?|right|look|listen|now|um|hi|hello|hey)\W+)*(?:(?:do )?you know what|(?:i'll )?tell you what|guess what|the thing is|here's the thing|long story short|to be honest|between (?:us|you and me))\W+(?=\S+ \S)/;

/** Somebody else's visits, number or doings are asked for. */
export const OF_OTHERS =
  /\b(?:treatments?|visits?|appointments?|bookings?|records?|files?|notes|details|history|bills?|payments?|schedule) (?:of|for|from|by) (?:(?:a|the|my|our|mr|mrs|ms|miss|dr)\.? )*<name>|\b(?:is|has|did|does|was|when|what) <name> (?:booked|coming|come|been|there|in|here|have|pay|do)\b|\bwho(?: has(?: got)?|'s got|'s having| is having| got| booked) the <time>|\bwho else(?:'s| is| will be| comes| goes) (?:<service>|coming|going|booked|in (?:it|the|that|on)|on <day>)/;

/** Whose name stands at an hour or on a day. */
export const WHOSE_NAME = /\b(?:which|what|whose) (?:names?|clients?|patients?|customers?)\b[^.;?!]{0,30}<(?:time|day)>/;

/** Somebody of theirs is said to want to know when they come: "my mum forgot her times, when are they". */
export const FOR_THEIR_TIMES =
  /\bmy (?!(?:own|next|last)\b)[a-z]+(?: [a-z<>]+){0,2} (?:forgot|forgets|has forgotten|lost|has lost|asks?|wants? to know|can't remember|doesn't remember|isn't sure of|is not sure of) (?:when|what time|(?:her|his|their) (?:times?|hours?|appointments?|visits?|bookings?|days?|card))\b/;

/** Who sees the speaker, or when they are awaited: it is theirs, whoever booked it. */
export const OF_OURSELVES =
  /\bwho(?:'s| is| will be| is going to be)(?: it)? (?:\w+ )?(?:seeing|treating|doing|teaching|helping|looking after|cutting) (?:me|us)\b|\b(?:when|what time|which day|where) (?:are we|we're|we are|am i|i'm) (?:expected|due|booked|wanted|supposed|coming|meant)\b|\b(?:does|do|is|are|will|would) my (?:(?:own|old|new|current|last) )?(?:<service>|[a-z]+)(?: from [a-z]+(?: [a-z]+)?)? (?:still )?(?:count|carry over|transfer|apply|valid|good|accepted|recogni[sz]ed|enough)\b|\bbook(?:ed|ing)?(?: \w+){0,2} for (?:us|me)\b/;

/** What was settled with them is asked for: "what hour did you give me". */
export const GAVE_ME = /\b(?:did|have) (?:you|they|she|he) (?:give|given|put|book|booked|write|written|say|said|tell|told)\b/;

/** A part that asks whether what was said before it will do, and nothing else. */
export const ONLY_WHETHER_OK =
  /^\W*(?:(?:and|so|but)\W+)*(?:(?:is|would|will) (?:that|it|this)(?: be)?(?: still)? (?:an? (?:problem|issue|bother|trouble)|ok|okay|all right|alright|fine|possible|allowed|too (?:late|bad|much))|(?:does|will|would) (?:that|it|this) (?:matter|work|do|be ok|be okay|be a problem))(?: with you| for you| then)?\W*$/;

/** Services are weighed against each other: "which of the <service> is firmer". */
export const WHICH_OF_THEM = /\b(?:which|what)(?: one)? of (?:the|your|those|these) <service>(?: \w+)? (?:is|are|would|will|do|does|should)\b/;

/** It is asked when something of theirs is, or was. */
export const WHEN_IS_MINE = /\b(?:what time|when|which day|what day)(?:'s| is| was| are| were) (?:it|my|our|the)\b/;

/** "Is an hour enough", "half an hour isn't too short, is it": how long it takes is asked. */
export const LENGTH_ENOUGH =
  /<length>,? (?:is|will|would) (?:that|it|this) (?:be )?(?:really )?(?:enough|sufficient|too (?:short|long|little|much)|long enough)\b|\b(?:is|will|would|isn't) <length> (?:be )?(?:really |usually |going to be )?(?:enough|sufficient|too (?:short|long|little|much)|long enough)\b/;

/** A visit of theirs that has passed without them, or is about to: "I was supposed to come in this morning but". */
export const SUPPOSED_TO_COME =
  /\b(?:(?:i|we|he|she|my [a-z]+) (?:was|were) (?:supposed|meant|due|booked|scheduled|down|going) to (?:come(?: in| by| over)?|be (?:there|in|with you|seen)|see|have)\b|(?:i|we)(?:'m|'re| am| are) (?:supposed|meant|due) to (?:come(?: in| by| over)?|be (?:there|in|with you))\b(?=[^?]*\b(?:can't|cannot|won't|couldn't)\b))(?![^?]*\b(?:remember|recall|forgot|forgotten|what for|sure|check)\b)[^?]*\b(?:but|and (?:my|i|we|the)|couldn't|can't|won't|wouldn't|missed|didn't)\b/;

/** They were to come on one day, and ask whether another would do. */
export const WAS_TO_BUT_THEN =
  /\b(?:i|we|he|she|they|my [a-z]+) (?:was|were)(?: supposed| meant| due| going)? to (?:come|bring|be|see|have|drop)\b[^?]*<(?:day|time)>[^?]*\b(?:can|could|may|might) (?:i|we|he|she|they) (?:please |maybe )?(?:bring|come|do|have|be|drop)\b[^?]*<(?:day|time)>/;

/** Somebody else will not come to something, as it is told of people and not of a visit: "he won't come to <service>". */
export const WILL_NOT_COME =
  /\b(?:he|she|they|husband|wife|partner|son|daughter|teenager|kid|child|mother|father|mum|mom|dad|boyfriend|girlfriend|brother|sister)(?: simply| just)? (?:won't|will not|refuses to|doesn't want to) (?:come|go|do|try|attend)\b(?![^.?!]*<(?:day|time)>)/;

/** Two or more visits of theirs are told of, and something is wished of them together. */
export const BOTH_OF_THEIRS =
  /\b(?:i|we)(?:'ve| have)(?: got)? (?:two|three|a couple of|both|2|3|<places>) ?(?:appointments|visits|bookings|sessions|lessons|treatments)?\b[^?]*\b(?:both|them|all)\b[^?]*\b(?:(?:on|in|into|for) (?:the same|one) (?:day|visit|trip|go|morning|afternoon)\b|on <day>)|\b(?:combine|put|move|bring) (?:my |the |our |these |those |both |two |<places> )*(?:both|them|two|<places>|appointments|visits|bookings|sessions|together)(?: together)? (?:(?:on|in|into|to|for) )?(?:(?:the )?same|one) (?:day|visit|trip|go|morning|afternoon)\b|\b(?:do|have|get) (?:my |our |these |those |both |two |<places> )+(?:appointments|visits|bookings|sessions)(?: together)? (?:(?:on|in|into|to|for) )?(?:(?:the )?same|one) (?:day|visit|trip|go|morning|afternoon)\b|\bcombine (?:my |the |our |these |those |both |two |<places> )*(?:(?:both|them|two|<places>|appointments|visits|bookings|sessions|together) )?(?:(?:on|in|into|to|for) )?(?:(?:(?:the )?same|one) (?:day|visit|trip|go|morning|afternoon)\b|<day>)/;

/** Blood that nobody loses: of pills, tests and kin. */
export const HARMLESS_BLOOD =
  /\bblood[- ](?:thinners?|tests?|work|sugar|types?|groups?|pressure (?:pills?|tablets?|medication|medicine)|relatives?|samples?|draws?|orange)\b/g;

/** What is said to be well is no danger: "he's breathing fine"; "I don't think he is breathing fine" is one. */
export const NO_DANGER =
  /(?<!(?:\b(?:not|never|doubt|unsure|if|whether)\b|n't\b)[^.;!?]{0,30})\b(?:(?:he|she|it|they|i)(?:'s|'m|'re| is| am| are)|is|are|his|her|my|the|their) (?:still )?(?:breathing|heart|chest|conscious|awake|blood pressure|pulse)(?: rate)?(?: is|'s)? (?:fine|ok|okay|normal|normally|well|good|alright|all right)\b|\bbleed(?:ing|s)? (?:money|cash|dry|out of my wallet)\b|\b(?:throat|tonsils|gums?|tongue|mouth|muscles?|joints?)(?:'s|'re| is| are| feels?| feel)? (?:(?:just|like) |(?:it's|they're) )*on fire\b/g;

/** What befell somebody a good while ago is no danger of now: "he had a stroke in the autumn". */
export const LONG_OVER =
  /\b(?:had|has had|'s had|have had|'ve had|suffered|survived|recovering from|since|after) (?:(?:an?|the|my|his|her|another) )?(?:[a-z]+ )?(?:stroke|heart attack|seizure|bypass|concussion)s?\b(?!.*\b(?:just|now|again|today|tonight|yesterday|this (?:morning|afternoon|evening|minute)|last night|(?:minutes?|hours?) ago)\b|.*<(?:time|length)>)(?=[^.;?!]{0,30}\b(?:(?:years?|months?) (?:ago|back)|long ago|last (?:year|spring|summer|autumn|fall|winter|christmas|easter)|back in|in (?:the )?(?:spring|summer|autumn|winter)|in (?:19|20)\d\d|as a child)\b)/g;

/** What befell somebody a moment ago, or today, is a danger whatever else is said: "my dad had a stroke this morning". */
export const BEFELL_TODAY =
  /\b(?:had|has had|'s had|having|suffered|suffering) (?:an?|another) (?:[a-z]+ )?(?:stroke|seizure|heart attack)s?\b(?=.{0,40}\b(?:now|today|tonight|yesterday|this (?:morning|afternoon|evening)|last night|(?:minutes?|hours?|an hour) ago)\b)|\b(?:just|'s just|has just) (?:had|suffered) (?:an?|another) (?:[a-z]+ )?(?:stroke|seizure|heart attack)\b/;

/** Somebody has swallowed what nobody eats: "my son swallowed a coin". */
export const SWALLOWED =
  /\b(?:swallowed|inhaled|choking on|(?:has|have|had|'s) swallowed) (?:an?|the|his|her|their|my|its|some|two|three|four|several|one of (?:his|her|my|the|our)|part of|half of|(?:a )?(?:bit|piece|chunk)s? of) (?!(?:[a-z]+ )?(?:lots?|loads?|water|food|gum|chewing gum|seeds?|pips?|fly|flies|bugs?|midges?|bite|mouthful|pride|words?|anger|tongue|lunch|dinner|breakfast|drink|air|sip|dust|pollen|smoke break)\b)[a-z]+/;

/** A doctor has been asked already. */
export const A_DOCTOR_SAYS =
  /\b(?:doctor|dr|gp|paediatrician|pediatrician|hospital|nurse|er|a and e)\b[^.;?!]*\b(?:asks?|asked|says?|said|told|wants?|sent|orders?|ordered|referred|checked|saw|recommends?|needs?)\b/;

/** After what happened: it is long ago. */
export const LONG_AGO =
  /^[^.;?!]{0,40}\b(?:last (?:year|month|summer|winter|spring|autumn|fall)|(?:years?|months?|weeks?) ago|as an? (?:child|kid|baby|boy|girl)|when (?:i|he|she) was|in (?:19|20)\d\d)\b/;

/** What somebody grown up does in their sleep, as a habit: "she says I stop breathing at night". */
export const IN_ONES_SLEEP =
  /(?<!\b(?:baby|infant|newborn|now|just)\b[^.;?!]{0,40})\b(?:i|he|she|husband|wife|missus|partner|dad|mum|mom|father|mother|son|daughter)(?:'ll)? (?:often |sometimes |always |apparently )?(?:stops?|keeps?|quits?|gasps?|chokes?|wakes? up|struggles?)(?: [a-z]+){0,4} (?:at night|every night|most nights|in (?:my|his|her) (?:sleep|<service>)|when (?:i|he|she)(?:'m| am|'s| is)? (?:sleeps?|asleep|sleeping|<service>)|while (?:asleep|sleeping|<service>))(?!\w)(?![^.;?!]*\b(?:right now|won't wake|blue)\b)/g;

/** A word of a danger to life or limb, or to the house: without one nothing is an emergency, however it sounds. */
export const DANGER = new RegExp(
  `\\b(?:${[
    "breath\\w*|chok\\w+|suffocat\\w*|gasping|wheez\\w+|chest|heart|stroke|blood|bleed\\w*|bled|haemorrhag\\w+|hemorrhag\\w+",
    "unconscious\\w*|unresponsive|pass(?:ed|ing) out|faint\\w*|collaps\\w+|keeled over|black(?:ed|ing) out|seizures?|fits?|fitting|convuls\\w+|shaking all over",
    "poison\\w*|swallow\\w*|overdos\\w*|too (?:many|much)|took (?:all|a whole|the whole)|eaten|ate|drank|drunk|antifreeze|bleach|acid|chemicals?",
    "burn\\w*|scald\\w*|fire|flames?|smok(?:e|ing)|gas|electrocut\\w*|electric shock|sparks?|sparking|explo\\w+|flood\\w*",
    "droop\\w*|slurr\\w*|numb\\w*|paraly[sz]\\w*|blind|deaf|double|one side|tingl\\w+|weak|dizzy|confused|sleepy|drowsy|limp|blue|gr[ea]y|pale|cold and",
    "(?:can't|cannot|can not|couldn't|can hardly|can barely) (?:\\w+ )?(?:feel|move|breathe|swallow|speak|talk|see|hear|wake|stand|get up|stop|walk|pee|wee|urinate|open)|won't (?:\\w+ )?(?:wake|stop|respond|breathe|answer)",
    "(?:not|isn't|doesn't|hasn't|stopped|stops) (?:\\w+ )?(?:breath\\w+|respond\\w*|wak\\w+|mov\\w+|answer\\w*|reacting)|(?:lost|losing|no|loss of) (?:\\w+ )?(?:control|feeling|sight|vision|sensation|consciousness)",
    "ambulance|paramedics?|hospital|casualty|a and e|emergency|911|999|112|000|dying|die|dead|life|lives?|kill\\w*|suicid\\w*|end it|hurt(?:ing)? (?:my|him|her|them)sel\\w+|harm\\w*",
    "knife|stab\\w*|shot|gun|weapon|threaten\\w*|attack\\w*|hit|hitting|beat\\w*|punch\\w*|strangl\\w+|raped?|break(?:ing)? in|run over|knocked (?:out|down|over)|crash\\w*|accident|thrown",
    "(?:i|he|she|they|we|who|it's|has|have|had|just|and|mum|mom|mother|dad|father|son|daughter|baby|child|kid|toddler|wife|husband|gran\\w*|nan|uncle|aunt|friend|brother|sister|man|woman|boy|girl|client|rider|patient|partner|colleague|horse|pony|dog|cat|<\\w+>) (?:just )?(?:fell|fallen|fall)|(?:fell|fallen) (?:off|from|down|over|on (?:his|her|my|the|their) (?:head|back|face|neck|arm|hip|side|shoulder|wrist|hand|knee|elbow|leg|bum))|since the fall|head|neck|spine|concuss\\w*|bone|broken|broke|sever\\w+|sliced|cut|gash\\w*|gushing|pouring|spurting|amputat\\w+|socket|crush\\w*|trapped|stuck|drown\\w*",
    "swell\\w*|swollen|swelled|swole|closing up|allerg\\w+|anaphyla\\w*|bees?|wasps?|stung|sting|bit|bitten|snake|rash all over|hives",
    "labou?r|contractions?|waters?|miscarr\\w+|baby (?:has )?stopped|sudden\\w*|worst|agony|unbearable|excruciating|screaming|vomit\\w*|throwing up|coughing up|fever|temperature|thunderclap",
    "(?:mouth|face|eye|lip|arm) (?:is |has |just )?(?:hang|drop|droop)\\w*|talk(?:s|ing) funny|speech|lick\\w*|come round|scared|terrified",
    "woke up|pupil|shard|glass in|metal in|(?:something|chemicals?|bleach|acid|cleaner|spray|glue|stuff|it|splash\\w*|got) (?:\\w+ ){0,3}(?:in|into) (?:my|his|her|the) eyes?|chocolate|lil(?:y|ies)|grapes|raisins|bloat\\w*|rat bait|twisted stomach",
  ].join("|")})\\b`,
  "i",
);

/** What stands is named as what it is about: "it's about my lesson on Wednesday". */
export const ABOUT_MINE =
  /^\W*(?:(?:hi|hiya|hello|hey|good (?:morning|afternoon|evening)|um|er|so|yes|yeah|it's <name>|this is <name>|<name>(?: here)?)\W+)*(?:it's|it is|this is|i'm (?:calling|ringing|writing)|i am (?:calling|ringing|writing)|calling|ringing) (?:about|regarding) (?:my|our|his|her) (?:(?:<staff>|<day>|<time>|\w+)(?:'s)? ){0,2}(?:<service>|(?:appointment|visit|booking|lesson|session|slot|class)\b)/;

/** What somebody has written down is a visit that stands. */
export const IN_MY_DIARY =
  /\b(?:i|we)(?:'ve| have)(?: got)? (?:something|an? \w+|you|<service>|it)(?: \w+)? (?:in|on) (?:my|the|our) (?:diary|calendar|phone|planner|fridge|wall)\b/;

/** Somebody is sought who sees them. */
export const SOMEONE_TO_SEE =
  /\b(?:someone|somebody|anyone|anybody)(?: \w+)? (?:who |that )?(?:(?:i|we|he|she|they|my \w+) (?:can|could|might|should) see|(?:can|could|would|will) (?:see|look at|treat) (?:me|us|him|her|them|it|my))\b/;

/** Somebody was told to book. */
export const TOLD_TO_BOOK =
  /\b(?:said|told|asked|advised|wants?|wanted)(?: (?:me|us|him|her|that i|i))?(?: to| should| must) (?:(?:ring|call|phone|come|get|write|go)(?: (?:back|in|you|up|again))*(?: and| to) )?(?:book|make an (?:appointment|booking)|arrange (?:an?|it)|get (?:an appointment|booked))\b|\b(?:letter|referral|text|email|note|doctor|gp|consultant|hospital|surgeon|school|vet|dentist)\b[^.?!]*\b(?:said|says|told|tells|asked|asks)(?: (?:me|us|that))?(?: i should| we should)? ?(?:to )?(?:ring|call|phone|contact you|get in touch|come in|come to you)\b(?!(?: you)? back)/;

/** It is asked whether somebody is one of the house's people still. */
export const STILL_THERE =
  /\b(?:(?:do|have) you(?: guys)? still (?:have|got|employ)|do you have) <staff>(?! (?:<|free|available|on|at|any|for|this|next|today|tomorrow))|\bis <staff> still (?:there|here|with|around|working|at|part|on)\b|\bdoes <staff> still (?:work|see|do|treat|teach|cut|come)\b/;

/** A number that begins a question or a wish: "2) how much is it". */
export const NUMBERED =
  /(?:^|\s)\(?([1-9])[).:]?\s+(?=(?:what|how|do|does|can|could|is|are|when|where|who|which|will|would|may|i|we|please|also|book|cancel|move)\b)/gi;

/** After one of these a number is an hour or so many: "at 1 is fine". */
export const BEFORE_A_FIGURE = /\b(?:at|by|for|from|around|about|to|till|until|after|before|past|only|just|need|want|have|got|are|we're|number|of|and|or)\W*$/i;

/** Something of theirs is told of, and that they cannot keep it. */
export const HAS_AND_CANNOT =
  /\b(?:i'm|i am|we're|we are)(?: supposed| meant| due| down| booked| scheduled)(?: in)?(?: to (?:see|come(?: in)?(?: to)?|be (?:in|there|with)))?[^.?!]{0,40}<day>[^.?!]{0,24}\b(?:but|and|only) (?:i|we) (?:can'?t|cannot|won'?t)\b(?: (?:come|make it|be there|do it|any ?more))?(?=\s*(?:[,.;?!]|$))|\b(?:i|we) (?:had|have|'ve got) (?:an?|my|our) (?:<\w+>|[a-z]+)(?: (?:with <staff>|booked|appointment|visit|in|down))* (?:for |on )?<day>(?: <time>)?,? (?:but|and|only|though) (?:something(?:'s| has| is)?(?: just)? (?:came|come|cropped|popped|turned) up|(?:now )?(?:i|we)(?:'ve| have) (?:got )?to (?:work|be))\b|\b(?:i|we)(?:'ve| have|'m| am| are)(?: got| booked)?(?: in)?(?: for)? (?:an?|my|our|the) (?:<\w+>|\w+)(?: <\w+>| \w+){0,4}[,.?!;]?\W*(?:(?:but|and|however|only|though|i|we|sadly|unfortunately|sorry|now|that|which)\W+)*(?:can'?t|cannot|can not|won'?t be able to|am not able to|not able to) (?:do|make|manage|keep|go to|attend|get to|come to)(?: (?:it|that|this|them)\b|(?=\s*(?:[,.;?!]|$| (?:any ?more|after all)\b)))/;

/** After what they cannot keep: when else it could be. */
export const AND_WHEN_ELSE =
  /^[^<]{0,16}[.;?!,-]\s*(?:but |and |so |then |maybe |perhaps |how about |what about )*<day>(?: <time>)?(?: (?:instead|then|perhaps|please|maybe))*\W*$|^[^<]{0,16}[,.;?!-]\s*(?:but |and |so |then )*(?:is|are|what|when|have|has|do|does|could|can|may|might|would|any chance|how about|something|anything|maybe)\b[^.;!]{0,50}<(?:day|time)>/;

/** Whether something of theirs is to be sent ahead or brought along. */
export const SENDS_OR_BRINGS =
  /\b(?:should|shall|must|ought|do) (?:i|we|he|she|they)(?: to| have to| need to)? (?:send|bring|take)\b[^.;!]{0,40}\bor (?:just |rather )?(?:bring|send|take|carry)\b/;

/** What is on a day, and by when or how it is needed: theirs where they have it then, else a new one. */
export const NEEDED_ON_ITS_DAY =
  /(?:^|[,.;!]\s*)(?:(?:it's |about )?the|i'd want the) <service> (?:(?:on|for|at) )?<day>[^.?!<]{0,24}\b(?:i|we) (?:need|want|would need|'d need|must have) it\b[^.?!<]{0,16}<time>/;

/** Help with what ails somebody is wished for. */
export const WANTS_GUIDANCE =
  /\b(?:i|we|he|she|they) (?:'d like|would like|need|want|am looking for|are looking for)(?: some| a bit of| your| proper| professional)* (?:guidance|advice|help|support)\W*$/;

/** What it costs, or what comes of it, if somebody calls off what they have, or does not come. */
export const WHAT_IF_I_CANCEL =
  /\b(?:if|when|say|suppose) (?:i|we|he|she|somebody|someone)(?: (?:have|had|need|want|were) to| should| just| suddenly| must)* (?:cancel|call (?:it|that|this|[^.;?!]{0,20}) ?off|call off|don't (?:come|show|turn up|make it)|do not come|can't (?:come|make it)|miss|back out|pull out|drop out|change (?:my|our) minds?|forget (?:it|to come|my))\b[^.;!]*?\b(?:what|how much|will|do|does|would|is|am|are|must) (?:do |will |would |is |happens|i |we |you |there )*(?:i |we )?(?:owe|pay|have to pay|charge|charged|cost|lose|fee|a fee|happens?)\b|\b(?:what|how much) (?:do|will|would|does|must|is|happens|am|are)\b[^.;?!<]{0,24}\b(?:owe|pay|charged?|cost|lose|happens?|fee)\b[^.;?!]{0,16}\b(?:if|when) (?:i|we)(?: (?:have|need) to| just)* (?:cancel|call (?:it )?off|don't (?:come|show|turn up|make it)|can't (?:come|make it)|miss|back out|pull out|drop out)\b/;

/** What somebody has on besides, told before what they ask: "I've a game that evening, can I …". */
export const HAS_SOMETHING_ON =
  /^\W*(?:i|we|he|she|they)(?:'ve| have|'s| has)(?: got)? (?:a|an|my|our|his|her|their|the) (?:big |important |school |work |first |[a-z]+'s )?(?:game|match|race|party|wedding|meeting|exam|interview|flight|concert|recital|tournament|performance|shoot|presentation|date|funeral|holiday|trip|run|marathon|training|practice)\b(?: (?:<(?:day|time)>|on|in|at|that|this|coming up|soon|later|after|then|the same|[a-z]+day|morning|afternoon|evening|night))*(?:\s*[,.;]\s*(?=(?:can|could|may|is|do|does|should|will|would|am|are|what|how)\b)|\W*$)/;

/** A visit that somebody calls theirs. */
export const CALLED_OURS = /\b(?:my|our|his|her|their) (?:[a-z]+ )?(?:<service>|(?:appointment|visit|session|lesson|booking)\b)/g;

/** Of what they have, one is dropped: "I've got a colour and a blow-dry, drop the blow-dry". */
export const DROPS_ONE =
  /\b(?:drop|scrap|ditch|skip|lose) (?:the|my|our) (?:<service>|<day>(?:'s)? (?:one\b|<service>)|(?:first|second|later|earlier) one\b)[^.?!]*\b(?:keep|leave)\b|\b(?:i|we)(?:'ve| have)(?: got| booked)?\b[^?!]*<(?:service|day)>[^?!]*[,.;] ?(?:please |so |could you |can you )*(?:drop|scrap|ditch|skip|lose) (?:the|my|our) (?:<service>|<day>)/;

/** Whether somebody may come on a day and at a time that they name. */
export const COMES_THEN =
  /\b(?:can|could|may) (?:i|we|he|she|my \w+) (?:please )?(?:come|be seen|get|pop|stop|drop|nip)(?: (?:in|by|over|along|round|down))?\b[^.?!]*(?:<time>[^.?!]*<day>|<day>[^.?!]*<time>)|<day>,? (?:can|could|may) (?:i|we) (?:start|begin|come|be there)\b[^.?!]*<time>/;

/** What, and on which day, and at what hour. */
export const WHOLE_WISH = /<service>[^.;?!]*<day>[^.;?!]*<time>/;

/** Without any of these nothing is said to be changed. */
export const OF_A_CHANGE =
  /\b(?:my|our|mine|it|that|instead|rather|other|another|different|later|(?<!\b(?:called|rang|phoned|wrote|spoke|asked|said|emailed) )earlier|sooner|back|forward|can't|cannot|can not|won't|not|no|move|change|switch|swap|re-?\w+|better|suits?|free|possible|booked|have|had|got|from|than|until|till)\b|'s\b/;

/** Whoever is free first is wished for, or asked about. */
export const FREE_FIRST =
  /\b(?:who|which [a-z]+|which of (?:you|them|the [a-z]+)|whoever)(?:'s| is| has| can see (?:me|us))(?: the)?(?: free| available| an? opening)? ?(?:first|next|soonest|earliest|the earliest|the soonest)\b/;

/** A stretch of days during which somebody is there: no visit is moved from the one to the other. */
export const THERE_FROM_TO =
  /\b((?:some ?time|any ?time|any ?where|any ?day|something|anything|holidays?|vacation|here|there|in town|in the (?:area|city|village|country)|visiting|staying|stay|around|free|available|over|home|off|(?:i'm|we're|i am|we are|he's|she's|they're|i'll be|we'll be) (?:in|at|with) [a-z]+)(?: (?!to\b)\w+){0,2})(?: from)? <day> (?:to|until|till|through) <day>/g;

/** No other time is wished for: what cannot be kept is not to be moved. */
export const NO_OTHER_TIME =
  /\b(?:don't|do not|won't|no need to|not) (?:want|need|wish|looking for|take|have) (?:for |to have |to make )?(?:another|a new|a different|any other|any new) (?:<day>|day|date|time|one|appointment|visit|slot|booking)\b|\b(?:no|without) (?:new|other) (?:day|date|time|appointment)\b/;

/** Another visit is wished for beside the one there is. */
export const ONE_MORE_OF =
  /\b(?:another|one more|a second|an extra|an additional) <service>(?!.*\b(?:move|change|reschedule|switch|swap|shift|postpone|instead)\b)/;

/** Something on them is to be taken away: what treats it is wished for, and nothing is called off. */
export const TO_BE_REMOVED =
  /\b(?:want|like|need|wish|hoping|looking|can|could)\b[^.;?!<]{0,24}\b(?:remove|get rid of|take (?:off|away)|have removed|removed?)\b (?:my|an?|the|this|these|some)? ?<service>(?![^.;?!]*<(?:day|time)>)/;

/** A reason why somebody may be told of, or change, what is another's. */
export const PRETEXT =
  /\b(?:i'm|i am|this is|here is|speaking as) (?:calling )?(?:her|his|their) (?!usual|first|last|next)[a-z]+\b|\b(?:asked|told|wants) me to (?:check|look|find out|ask|confirm)\b|\bon (?:her|his|their) behalf\b|\b(?:we|our (?:practice|clinic|office)s?) (?:share|have|treat|see) a (?:client|patient|customer)\b|\ba (?:client|patient|customer) (?:of ours|we share|in common)\b/;

/** Who speaks for somebody else tells of that one's visit: "on behalf of my father, he has an appointment". */
export const BEHALF_AND_HAS =
  /\bon behalf of\b[^?]*\b(?:he|she|they)(?:'s| has| have|'ve)(?: got)? (?:an?|his|her|their|the) (?:[a-z]+ )?(?:<service>|appointment|booking|visit|session|lesson)/;

/** Words without which hardly anybody asks for advice on their health; where there are none of them, it must be plain. */
export const OF_HEALTH =
  /\b(?:normal|worry|worried|serious|bad|safe|wrong|broken|catching|infected|infection|swelling|lump|rash|fever|temperature|blood|heart|head|chest|skin|doctor|hospital|nurse|pills?|tablets?|medicines?|medication|drugs?|dose|doses|drops|cream|ice|heat|exercises?|stretch\w*|run|running|train|training|swim|walk|lift|work out|heal|healing|cure|treat|diagnos\w*|symptoms?|x-?ray|scan|mri|test|results?|sick|ill|allerg\w*|pregnan\w*|baby|eat|drink|diet|vitamins?|bleed\w*|itch\w*|burn\w*|numb|tingl\w*|dizzy|sleep|breath\w*|cough|cold|flu|take|taking|have got|have i got)\b/;

/** What is to be brought, sent or shown is asked, and nothing of anybody's health. */
export const BRINGS_OR_SENDS =
  /\b(?:should|shall|must|ought|do|does|can|could|may) (?:i|we|he|she|they|my [a-z]+)(?: to| have to| need to| better)? take (?:off )?(?:my|our|his|her|the)(?: [a-z]+){1,3}(?: (?:off|out))\b|\b(?:should|shall|must|ought|do|does|can|could|may) (?:i|we|he|she|they|my [a-z]+)(?: to| have to| need to| better)? (?:e-?mail|send|bring|carry|mail|upload|post|hand|print|show)\b|\b(?:should|shall|must|do|ought) (?:i|we|he|she|they)(?: to| have to| need to)? take (?:along|with|to (?:the|my|our|a|an|your))\b/;

/** Somebody comes along: "I'm 17 but my mum will come". */
export const COMES_ALONG =
  /\b(?:my|our) [a-z]+(?:'ll| will| is going to| would|'s going to| can) (?:come|be there|be with me|join|drive|bring|sign|go with)\b|\bwith my [a-z]+ there\b/;

/** What one's own doctor is to do, or has to. */
export const OWN_DOCTOR_DOES =
  /\b(?:does|do|must|should|has|have|can|could|will|would) (?:my|our|his|her|their) (?:own |family )?(?:gp|doctor|physician|dentist|vet|midwife|specialist|consultant|insurer|employer|school|teacher)\b/;

/** Of a person's private things, one must be named: "could I have Jo" asks for Jo. */
export const PRIVATE =
  /\b(?:numbers?|address|phone|telephone|mobile|cell|whats ?app|e-?mail|mail|home|house|lives?|living|located|birthday|born|age|old|salary|earns?|paid|married|single|boyfriend|girlfriend|husband|wife|partner|family|kids|children|private|personal|contact|insta(?:gram)?|facebook|social|where|text|surname|last name|date)\b/;

/** A person is wished for, and said to be. */
export const WANTS_PERSON =
  /\b(?:i|we)(?:'d| would)? (?:want|need|like|prefer|rather have|demand)(?: to (?:talk|speak) (?:to|with))? (?:a |an )?(?:real|actual|live|proper|living) (?:person|human(?: being)?|one|somebody|someone)\b|\bi want (?:a )?(?:person|human(?: being)?)\b|\bgive me (?:one of your (?:people|staff|team|colleagues)|somebody|someone|a (?:real )?(?:person|human))\b|<staff> (?:free|available|there|around|about) for a (?:quick |little )?(?:word|chat)\b/;

/** A service and for whom it is, with nothing that asks. */
export const FOR_ONE =
  /^\W*(?:(?:hi|hello|hey)\W+)?(?:an?|the|one)?\s*<service>,? for (?:my|our|me|us|him|her|them|an?|the)\b(?!.*(?:\?|\b(?:is|are|do|does|can|could|what|how|which|who|when|where|possible|okay|ok|safe|good|suitable)\b))/;

/** Whether what was spoken of is done by somebody who is named. */
export const IS_IT_WITH = /^\W*(?:(?:and|so|ok|okay|but)\W+)*(?:is|would|will) (?:that|it|this)(?: one)?(?: be)? (?:with|by|done by) (?:the |an? )?<staff>\W*$/;

/** Somebody will come late to what is booked. */
export const RUNS_LATE =
  /\b(?:i'm|i am|i'll|i will|we're|we are|we'll|we will|might|may|gonna|running|going to)\b(?: \w+){0,3} (?:(?<!\b(?:days?|weeks?|months?) )late(?![^.?!]{0,24}\b(?:days?|weeks?|months?) late\b)|delayed|held up|behind schedule|stuck in (?:traffic|the traffic)|stuck on the (?:bridge|bus|train))\b/;

/** Something is to be changed, or passed on, beside coming late. */
export const WANTS_OTHERWISE =
  /\b(?:move|change|cancel|re-?schedul\w*|push|shift|postpone|later (?:time|slot|one)|another (?:time|day)|instead|tell|let|inform|message|call|know)\b|\b(?:can|could|may|shall) (?:i|we|you|it|that) (?:come|be|have|start|do|make (?:it|that|mine|ours))\b|\b(?:can|could|may|shall) (?:i|we|you|it|that) (?:say )?<time>/;

/** One day, hour or person for another. */
export const EXCHANGE =
  /<(day|time)>[^.;?!]{0,24}\b(?:instead of|rather than|in place of)\b[^.;?!]{0,24}<\1>|<time>[^.;?!]{0,12}(?:instead of|rather than|in place of) (?:at )?(?:<time>|\d{1,2}\b|one\b|two\b|three\b|four\b|five\b|six\b|seven\b|eight\b|nine\b|ten\b|eleven\b|twelve\b|noon\b)|<time>\W+(?:instead of|rather than|in place of)\b|\b(?:instead of|rather than|in place of) (?:at )?<time>/;

/** Of one of the house's people, what is nobody's business: their family, age, home or pay. */
export const OF_THEIR_LIFE =
  /\b(?:does|do|has|have) <staff> (?:have|got) (?:any |an? )?(?:children|kids|child|kid|baby|husband|wife|boyfriend|girlfriend|partner|family)\b|\bis <staff> (?:still )?(?:married|single|divorced|engaged|seeing (?:anyone|someone|anybody|somebody)|pregnant)\b|\bhow old is <staff>|\bwhere does <staff> live\b|\b(?:what(?:'s| is| are)|give me|tell me|can i have|could i have|may i have|i need|i want|have you(?: got)?|do you have) <staff>(?:'s)? (?:own |private |personal |home |direct )*(?:mobile|cell|cell ?phone|phone|number|telephone|email|e-mail|address|home|age|birthday|surname|salary)\b|\bhow much does <staff> (?:earn|make|get paid)\b|\bwhat does <staff> earn\b/;

/** A visit has been booked, or was meant to be. */
export const BOOKED_ALREADY =
  /\b(?:i|we|she|he|they|(?:my|our) [a-z]+|someone|somebody)(?:'ve| have)?(?: already)? (?:(?:tried|meant) to (?:book|reserve)|booked|scheduled|arranged|reserved|made)\b|\b(?:i|we)(?:'ve got| have(?: got)?|'m|'re) (?:an? )?(?:booked|<service>|appointment|booking|down)\b/;

/** It is asked whether something stands. */
export const CHECKS =
  /\b(?:can|could|would) (?:you|somebody|someone) (?:please |just )?(?:check|confirm|look (?:it|that) up|see (?:if|whether))\b|\bhas (?:it|that) (?:arrived|gone through|come through|reached you|worked)\b|\bdid (?:it|that) (?:arrive|go through|come through|reach you|work)\b|\b(?:is that (?:right|correct)|please (?:check|confirm))\b/;

/** Somebody does not know. */
const UNSURE =
  "(?:(?:don't|do not|didn't|can't|cannot|can not|couldn't|could not) (?:really |quite )?(?:know|say|tell|decide|choose)|not (?:really |quite |too )?(?:sure|certain)|no idea|unsure|undecided)";

/** Somebody cannot say which of two it is. */
export const UNSURE_OF_TWO = new RegExp(`\\b${UNSURE}\\b`);

/** A service of several kinds is wished for, and which is open. */
export const UNSURE_WHICH = new RegExp(
  `<service>[^.;?!]{0,60}\\b(?:${UNSURE} (?:which|what (?:kind|sort|type)|between)\\b|which(?: of (?:them|these|the two)| one)?,? (?:i|we)(?:'m|'re| am| are)? ${UNSURE}\\b)`,
);

/** Nor what it is that they need. */
export const UNSURE_WHAT =
  /\b(?:don't know|not sure|no idea|unsure) (?:really |quite |exactly )?what (?:(?:it is )?(?:i|we|he|she|they) (?:really |actually )?(?:needs?|want|should (?:book|have|get|ask for))|(?:would|might|could|will) (?:suit|work for|be right for) (?:me|us|him|her|them))\b/;

/** "Do you have reflexology": a short question whether the house does a thing asks for a service, however odd the thing. */
export const WHETHER =
  /^\W*(?:hi |hello |hey )*(?:do|does) (?:you|anybody|anyone|ye|they)(?: guys| people| all)?(?: also| ever)? (?:do|have|offer|provide|give)(?: an?| any| some)? (?:<odd>|[a-z-]+)(?: (?:<odd>|[a-z-]+))?\W*$/;

/** A deed that is said not to be wished. */
export const NEGATED =
  /\b(?:(?:don't|do not|didn't|did not|never|not|no need) (?:(?:really |actually )?(?:want|wish|need|mean|going|have|ask(?:ed)?)(?: you)? )?(?:to )?(?:cancel|call off|move|change|reschedule|shift|book)(?! (?:policy|fee))|(?:cancel|move|change|book) (?:nothing|no other|none))\b(?! .*\b(?:instead|rather|but)\b)/;

/** Somebody would rather not have a word with anybody, or not with such a one; with a machine, they would rather have a person. */
export const NO_WORD_WITH =
  /\b(?:don't|do not|didn't|rather not|not)(?: really)?(?: (?:want|wish|need|like|care|have))?(?: to)? (?:talk|speak|chat)(?:ing)? (?:to|with)\b(?! (?:an? |the |some |any |another |you,? (?:an? )?)?(?:machine|robot|bot|computer|ai|program|recording|answering)\b)/;

/** What is said last may never be so: "what if it snows", "do I pay if I'm ill". */
export const SUPPOSES =
  /\b(?:if|unless|in case|suppose|supposing|what happens when|should) (?:it|i|we|he|she|they|there|somebody|someone|something|my|our|the)\b[^.?!;]*$/;

/** Somebody else is to do what is booked: "can I rebook with somebody punctual". */
export const BOOKS_WITH_SOMEBODY =
  /^(?!.*\b(?:speak|talk|chat|word)\b).*\b(?:re-?)?book(?:ing|ed)?\b[^.?!]*\bwith (?:some(?:one|body)|any(?:one|body)|another [a-z]+|a different [a-z]+)\b/;

/** How they are not to be reached: "don't call the house". */
export const NOT_TO_BE_CALLED =
  /\b(?:can|could|would|will) you (?:please )?not (?:call|ring|phone|text|e-?mail|contact|write to)\b|\b(?:don't|do not|please don't|never) (?:call|ring|phone|text|e-?mail|contact|write to|message|leave (?:a )?(?:voice ?mail|message|anything))\b(?! (?:it off|off|it))/;

/** All of it asks that what they have stays as it is: "and don't touch my filling", "leave the Friday one alone". */
export const LEFT_ALONE =
  /^\W*(?:(?:and|but|please|oh|also|so|just|ok(?:ay)?)\W+)*(?:(?:don't|do not|without|not) (?:touch|touching|mess with|messing with) (?:my|our|the|his|her|their|that|it|anything)\b[^.,;?!]{0,30}|leave (?:(?:my|our|the|his|her|their) (?:<service>|<day>|<time>|other|[a-z]+)(?: (?:one|appointment|visit|booking))?(?: (?:on )?<day>)?|it|that|that one|<service>|<day>) (?:alone|as (?:it is|is)|where it is|be|standing)|keep (?:my|our|the|his|her|their) (?:<service>|<day>|<time>|other|[a-z]+)(?: (?:one|appointment|visit|booking))? (?:as (?:it is|is)|where it is))(?:,? (?:please|though|thanks|thank you|then|for now))*\W*$/;

/** A part that tells who somebody is and nothing else: "just put <name>, <phone>". */
export const ONLY_WHO =
  /^\W*(?:(?:and|so|just|please|you|can|could|may|it's|it is|this is|i'm|i am|my|name|number|is|the|put|under|use|down|as|for|on|email|phone|thanks|ok)\W+)*<(?:name|phone|email)>(?:\W+(?:<(?:name|phone|email)>|here|speaking|please|thanks|and|on|is|it's|my|number|name))*\W*$/;

/** A part that says when and nothing else: "Wednesday after school", "preferably Thursday at four". */
export const ONLY_WHEN =
  /^\W*(?:(?:and|so|on|at|in|the|for|maybe|perhaps|ideally|preferably|best|if possible|or|please|say)\W+)*<(?:day|time)>(?:\W+(?:<(?:day|time)>|on|at|in|the|or|and|if possible|please|ideally|preferably|maybe|if you can|would be (?:best|good|great|nice|perfect|ideal)))*\W*$/;

/** A part that names what is wished for and asks nothing: "a <service>, the firm one, <length>". */
export const NAMES_ONLY =
  /^\W*(?:an?|the|one|some)?\W*(?:\w+ ){0,2}<(?:service|length)>(?!.*(?:\?|\b(?:what|how|is|are|do|does|can|could|when|where|who|price|cost|costs|charge|much|long|about)\b))/;

/** Advice is sought on what to do. */
export const WHAT_TO_DO = /\bwhat (?:do|should|can|shall|would|could) (?:i|we) do\b|\bwhat now\b/;

/** What speaks of a visit, or of when and with whom it is. */
export const OF_A_VISIT =
  /<(?:day|time|staff|length)>|\b(?:my|our|the|an?|have) (?:\w+ )?<service>|\b(?:appointments?|appts?|book\w*|visits?|sessions?|lessons?|slots?|reservations?|schedul\w*|down|com(?:e|ing)|due|see(?:ing)?|meet(?:ing)?|when|time|date|day|next|again|remind\w*|confirm\w*|check\w*|mine|in for|have (?:anything|something|got)|supposed|still|on for|who)\b/;

/** What somebody was going to do, some time ago. */
export const PAST =
  /^\W*(?:so |well |anyway |hi |hello )*(?:i|we) (?:(?:was|were) (?:going|hoping|meaning|planning|about) to|(?:meant|wanted|tried|planned|intended) to)\b.*\b(?:yesterday|earlier|sooner|ago|last|before|but|<day>)|^\W*(?:so |well |anyway |hi |hello |and )*(?:i|we|he|she|my [a-z]+)(?:'ve|'s| have| has)? (?:just |already )?(?:had|got) (?:my|our|his|her|an?|some|the) [a-z]+(?: [a-z]+)? (?:done|cut|shaved|[a-z]+ed)\b(?![^?]*\b(?:again|another|more|need|want|like)\b)/;

/** What hands word on to somebody. */
export const HANDS_ON = /\b(?:tell|let|pass|inform|remind|message|note|say|give|ask|complain\w*|feedback|call|ring|phone|text|email)\b/;

/** A wish for some other day or hour, and for nothing else. */
export const OTHERWISE =
  /\b(?:could|can|may|might|would|is|are|maybe|perhaps|possible|how about|what about|rather|prefer)\b[^.;!]*<(?:day|time)>|<(?:day|time)>[^.;!]*\b(?:instead|better|possible|okay|ok|fine)\b/;

/** "We can't reach Tuesday at nine, could we get the afternoon": one visit that cannot be kept, and when it might be instead. */
export const CANNOT_BUT =
  /\b(?:can'?t|cannot|can not|won'?t(?: be able to)?|will not|unable to|not able to|not going to)(?: \w+){0,2} (?:make it|come|attend|be there|reach|get there|get to you|keep|get (?:off|away|out)|(?:do|manage|make)(?= (?:<day>|<time>)))\b(?: it)?[^.;?!]{0,24}<(?:day|time)>(?!.*\b(?:another|new|extra) (?:appointment|visit|booking|session)\b)(?:(?!<service>|\bbook\b|\bbefore\b|\buntil\b).)*?(?:[,.;!?]|\b(?:so|but|and)\b) ?(?:<\w+>|[\w' ]|,)*?\b(?:could|can|may|might|would|is|are|anything|something|any chance|how about|what about|maybe|perhaps|have you|do you have)\b[^<.]{0,40}<(?:day|time)>/;

/** What cannot be kept, and the hour or day that would do: "can't make two on Saturday, half three would work". */
export const CANNOT_BUT_WOULD =
  /\b(?:can'?t|cannot|can not|won'?t(?: be able to)?|unable to|not able to|not going to)(?: \w+){0,2} (?:make|do|manage|come|be there|keep|get there)\b(?: it)?[^.;?!]{0,24}<(?:day|time)>[^<?]{0,16}[,.;-]\s*(?:but |and |so |then )*<(?:day|time)>(?:,? <time>)? (?:would|will|could|might|is|'s|'d|does|works?|suits?|do)\b/;

/** Something of somebody's is broken: "my daughter's <service> broke", "one of the brackets came off". What takes them here is another matter. */
export const THING_BROKE =
  /\b(?:(?:my|our|his|her|their|the|one of (?:my|our|his|her|the)|an?) (?:[a-z]+(?:'s)? ){0,2}(?:<service>|(?!(?:car|bus|train|van|bike|lift|taxi|ride|truck)\b)[a-z]+)|<service>)(?: has| have|'s)?(?: just| completely)? (?:broke(?!n? down)|broken|snapped|cracked|split|tore|ripped|popped (?:off|out)|came (?:off|loose|out|apart)|come (?:off|loose|out|apart)|fell (?:off|out|apart)|fallen (?:off|out)|stopped working|is (?:broken|loose|cracked|bent|torn|dead|smashed|shattered|soaked))\b|\b(?:the|its) (?!(?:pain|aches?|swelling|rash|cough|fever|itch|lump|problem|trouble|headache|stiffness|discomfort|need|feeling|spot|mole|wart|infection|cold)\b)[a-z]+ is gone\b/;

/** A part that tells of visits somebody has. */
export const HAS_BOOKED =
  /^\W*(?:(?:hi|hello|hey|so|and)\W+)*(?:i|we|she|he|they|my [a-z]+)(?:'ve got| have(?: got)?|'ve|'s got| has(?: got)?)(?: already)? (?!to\b)[^.;?!]*(?:<service>|\b(?:appointments?|bookings?|visits?|things?|sessions?|lessons?)\b)/;

/** What a point after it ends no sentence: "Dr." */
export const TITLE_BEFORE = /\b(?:dr|mr|mrs|ms|prof)$/;

/** Where one wish may end and another begin. */
export const NEW_WISH =
  /(?<![.!?;:])[.!?;:]+\s+|(?<!\s),?\s+(?:and then|and also|and|but|also|then|plus)\s+(?=(?:my|our) (?:[\w']+ ){1,2}(?:needs|wants|would (?:like|love))\b|(?:\w+ ){0,2}(?:i|we|you|can|could|would|what|when|where|who|how|is|are|do|does|did|book|cancel|move|tell|ask|please|which|need|have|has|will|reschedule|change|put|sign|add|squeeze|let|give|show|send|explain|remind|find|check|say|get|make|take|keep|remove|drop|scrap|shift|swap|i'd|i'll|i'm|we'd)\b)|,\s+(?=(?:can|could|would|what|when|where|who|how|is|are|do|does|book|cancel|move|please)\b)/g;

/** What somebody who told of a visit would rather have. */
export const RATHER =
  /(?:\b(?:but|and|though|only|so)\b|[,.;])[ ,]*(?:now |actually |really |please )*(?:(?:(?:i|we)(?:'d| would)|would)(?: much)? (?:rather|sooner|like|prefer|love)|(?:i|we) (?:want|need|prefer)|(?:could|can|may) (?:i|we|it|that)|(?:is|are) there (?:something|anything|any|another|one|an?)|(?:it|that) (?:has|needs|will have|would have) to)\b/;

/** A word for a visit. */
export const VISIT = /^(?:appointment|visit|booking|slot|session)s?$/;

/** Somebody has a visit, and it is told. */
export const HAS_A_VISIT = /\b(?:i|we|she|he|they|(?:my|our) [a-z]+)(?:'ve| have|'s| has)(?: got)?(?: already)? (?:an? |my |her |his )/;

/** The same of what takes no article: "my daughter has piano on Thursdays". */
export const HAS_WITHOUT_ARTICLE = /\b(?:she|he|they|(?:my|our) [a-z]+)(?: have| has|'s got| has got| have got)(?: already)? /;

/** Something of a visit is asked. */
export const ASKS_OF_IT = /\b(?:when|what|who|which|where|whether|if|tell|know|check|find|confirm|remind)\b/;

/** Something is wished for. */
export const WISHES =
  /\b(?:(?:like|want|need|wish)s?(?! to (?:know|ask|check|find out)\b)|love|please|could|can(?!')|may|would(?! like to (?:know|ask))|book me|hoping|looking)\b/;

/** "A quick word with him". */
export const A_WORD_WITH = /\b(?:a|one) (?:quick |short )?word with (?:him|her|them|[a-z]+)\b/;

/** Somebody named, with a few small words around that ask for them: "<staff>, if she's about", "give me <staff> please". */
export const FOR_A_WORD =
  /^\W*(?:(?:hi|hello|hey|just|please|give me|get me|can i (?:have|get)|could i (?:have|get)|i need|i want|i'd like|is|a|quick|word|with|for|to|through|for me)\W+)*<staff>(?:\W+(?:please|if|she|he|they|she's|he's|they're|is|are|around|about|in|there|free|available|today|now|would|be|good|great|for|a|word|me|quick|thanks|possible|at the desk))*\W*$/;

/** Another person than the one spoken of is wished for. */
export const SOMEBODY_ELSE =
  /\b(?:(?:some|any)(?:one|body) else|(?:another|a different|some other) (?:person|one|therapist|doctor|nurse|physio\w*|counsellor|stylist|[a-z]+ist))\b/;

/** Right before a name: they were seen by that person. */
export const SAW = /\b(?:saw|seen|met|had|(?:had|was|been|went|did|treated)\b[^.;?!]*\b(?:with|by|to))\s+(?:dr |doctor )?$/;

/** Right before a day: it cannot be that day. */
export const CANT_COME = /\b(?:can't|cannot|can not|won't|couldn't|unable to) (?:come|be there|make it)(?: in)? (?:on )?$/;

/** Right before a thing: it is to be changed. */
export const CHANGES = /\b(?:change|changed|changing|replace|replaced|swap|exchange)(?: out)? (?:the |my |our |his |her |an? |this )?(?:old |dead )?$/;
/** What a service is called that changes a thing for another. */
export const A_CHANGE = /\b(?:changes?|replacements?|replace|exchange|swap)\b/i;

/** Something cannot be. */
export const CANNOT = /\b(?:can'?t|cannot|can not|won'?t|couldn't|unable|not able)\b/;

/** Right before a day: it cannot be kept. */
export const CANNOT_DO = /\b(?:can't|cannot|can not|won't|couldn't) (?:do|manage|make)(?: it)?(?: on)? (?:the |this |next )?$/;

/** What is said of anything that may be chosen, and names nobody. */
export const INDIFFERENT =
  /^(?:(?:it )?(?:doesn't|don't) matter|no matter|no preference|not (?:fussed|fussy|bothered)|(?:i )?(?:don't|do not|dont) (?:really |actually |much )?(?:mind|care|have a preference))$/;

/** Without any of these there is no time, or no day, in a message: nothing need be looked for. */
export const MAY_BE_TIME =
  /\d|minute|hours\b|hrs\b|later,? the better|\bin (?:about |around |roughly |maybe )?(?:half )?an? hour|\b(?:latest|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirty|fifteen|forty|noon|mid|midday|midnight|weeknights?|half|past|quarter|hundred|to|too|for|ate|won|same|morning|mornings|lunch|lunchtime|lunchbreak|after|afternoon|afternoons|aft|evening|evenings|tonight|night|work|school|first|early|late|end|last|open|a\.?m|p\.?m)\b|noon|lunch|morning|ish\b/;

/** What is to be booked is asked, by somebody who does not know. */
export const WHAT_TO_BOOK =
  /\bwhat (?:do|should|would|must|shall) (?:i|we) (?:book|ask for|go for|sign up for|pick|choose|start with|begin with)\b|\bwhere (?:do|should|would|does|can) (?:i|we|he|she|one) (?:start|begin)\b|\bhow (?:do|can|should|would) (?:i|we|he|she|one) (?:get (?:started|going)|start|begin)\b(?! (?:my|the|a|an|it|this)\b)/;

/** Whether some work is done here. */
export const DO_YOU_DO =
  /^\W*(?:(?:and|so|hi|hello|hey|also)\W+)*do (?:you|ye)(?: guys| people| also)? (fix|repair|mend|replace|restore|clean|treat|sharpen|service|wash|paint|sew|alter|teach|train|groom|trim|tune|tailor|resole|unblock|remove|fill)\b(?! (?:me|us|it|this|that|him|her|them)\b)/;

/** Somebody is a client of the house themselves. */
export const IS_A_CLIENT =
  /\b(?:i'm|i am|we're|we are)(?: already| also| actually| still)? (?:(?:an?|one of)(?: your)? |your )?(?:(?:old|long-?time|existing|regular|returning|new|former) )?(?:clients?|patients?|customers?|members?|regulars?|students?|pupils?)\b/;

/** Somebody fell, or hurt themselves otherwise. */
export const FELL =
  /\b(?:i|we|he|she)(?: have| has|'ve|'s)? (?:just |badly )?(?:fell|fallen|slipped|tripped|stumbled|crashed|hurt|sprained|twisted|banged|knocked|bumped|burnt|burned|cut) (?:on|off|over|down|from|into|against|my|his|her|(?:my|him|her)self)\b/;

/** A thing was dropped, and no visit. */
export const DROPPED =
  /\b(?:i|we|he|she)(?: have| has|'ve|'s)? (?:just |accidentally )?dropped (?:my|his|her|our|the|it|a)\b|\b(?:my|our|his|her|the) (?:<service>|[a-z]+) (?:went|fell|got|was) (?:under|run over|down the|into the|in the|crushed|soaked|drowned|dropped)\b/;

/** They have been in touch about it before. */
export const CALLED_EARLIER =
  /\b(?:i|we)(?:'ve| have)? (?:just |already )?(?:called|rang|phoned|emailed|wrote|messaged|spoke to (?:you|someone|somebody))\b[^.;?!]{0,20}\b(?:earlier|before|yesterday|last|already|<day>|this morning)\b/;

/** "I want to be filmed": something is to be done to whoever speaks. */
export const WANTS_DONE =
  /\b(?:i|we)(?:'d like| would like| want| need|'d love| would love) to (?:be|get|have) (?!(?:able|sure|home|back|clear|told|honest)\b)[a-z<]+/;

/** What tells of whoever speaks, or of theirs. */
export const OF_ONESELF =
  /^\W*(?:(?:g'?day|hi|hello|hey|so|well|look|ok|oh|good|morning|afternoon|evening|and|but)\W+)*(?:i|i've|i'm|my|we|we've|we're|our|he|he's|she|she's)\b/;

/** A visit of theirs is to be earlier or later on its day. */
export const COMES_EARLIER =
  /\b(?:come|be there|be seen|get in)(?: in)? (?:(?:a (?:bit|little) |an hour |half an hour |<length> )?(?:earlier|later) (?:on |that )?<day>|(?:an hour|half an hour) <day>)/;

/** Who comes wishes for it, and does not ask when the doors open. */
export const WISHES_TO_COME = /\b(?:(?:i|we)(?:'d| would) (?:like|prefer|love) to|(?:i|we) (?:want|need|have|'ve got) to) (?:come|be there|be seen|get in)\b/;

/** One is needed that they do not have yet: "I've got to have a medical for my new job". */
export const MUST_HAVE_ONE =
  /\b(?:have to|(?:'ve|have|has|'s) got to|has to|need to|needs to|must|should|ought to|supposed to|asked to|told to) (?:have|get|book|make|do|take) an? (?:[a-z]+ )?<service>(?! (?:moved|changed|cancelled|rescheduled|shifted))/;

/** Somebody is to have a look at what ails them: "I'd like someone to listen to my chest". */
export const WANTS_IT_SEEN =
  /\b(?:like|want|need|love|wish for|looking for|appreciate) (?:someone|somebody|anyone|one of you|<staff>|an? [a-z]+) (?:to|who(?: can| could)?) (?:please )?(?:listen to|look (?:at|into)|have a (?:look|listen) (?:at|to)|take a look at|check|examine|see|feel|treat|sort(?: out)?|fix|help with) (?:my|our|his|her|the|it|this|that|me)\b/;

/** Whether somebody comes to where the client lives. */
export const COMES_TO_THEM =
  /\b(?:come|comes|coming|drive|travel|pop|get)(?: (?:out|over|round|around|along|down))*(?: to| round to| over to)? (?:the|my|our|his|her|their|your clients'|people's|someone's) (?:own )?(?:house|home|flat|apartment|place|hotel|office|nursing home|care home|bedside|door)s?\b|\b(?:home|house) (?:visits?|calls?)\b/;

/** What cannot be done on a day, and nothing besides: "I can't ride on the 12th". */
export const CANNOT_THAT_DAY =
  /^\W*(?:(?:sorry|hi|hello|oh|so|well|unfortunately|i'm afraid|it's <name>|<name>|<phone>)\W+)*(?:(?:i|we|he|she|my [a-z]+)(?:'m afraid (?:i|we))? )?(?:can'?t|cannot|can not|won't be able to|will not be able to|(?:am|'m|are|'re) not able to) (?:<service>|(?!find|remember|see|get|have|book|decide|tell|say|wait|believe|sleep|move|walk)[a-z]+) (?:with you |together )?<day>(?: <time>)?(?: after all| any ?more| sorry| now)*\W*(?:<name>|<phone>|\W)*$/;

/** None of what they have can be kept: "I can't manage either of my appointments". */
export const CANNOT_ANY_OF_MINE =
  /\b(?:can'?t|cannot|can not|won't|will not|unable to|not able to)(?: be able to)? (?:manage|make|keep|come to|do|attend|get to) (?:either|any|both|all)(?: (?:one|two|three))?(?: of)? (?:my|our|these|those|the) (?:[a-z]+ )?(?:appointments?|visits?|bookings?|sessions?|lessons?|classes|<service>|ones?|two|three)\b(?![^.;!]*\b(?:another|instead|other days?|move|change)\b)/;

/** What somebody else has done or comes for is asked. */
export const WHAT_THEY_GET =
  /\b(?:what|which|how often|whether|if)\b[^.;?!]*\b(?:does|do|did|has|have|is|are|was|were)? ?(?:she|he|they)(?: \w+)? (?:gets?|had|has|have|comes?|came|sees?|saw|takes?|took|books?|booked|in for)\b/;

/** What they booked, and how it is to be instead. */
export const BOOKED_BUT_INSTEAD =
  /\b(?:i|we)(?:(?:'m| am|'re| are) (?:down|booked(?: in)?|in)|(?:'ve| have|'d| had)?(?: already)? (?:booked|scheduled|got|have) (?:in )?(?:an? |the |my |our )?(?:<service>|appointment|visit|booking|session|lesson))(?: (?:with |for |on |at )*<(?:staff|day|time|length)>)+[\s,;.-]+(?:and |but |so )?(?:can|could|may|might|would)\b[^.?!]*\b(?:instead|rather)\b(?! of)/;

/** One of what they have is to stay, and nothing else. */
export const KEEPS_ONLY = /\b(?:only|just) (?:want|need|wish|would like|like) to keep\b|^\W*(?:please )?keep (?:only|just)\b/;

/** One of two is needed. */
export const NEEDS_ONE_OR_OTHER =
  /\b(?:i|we)(?: need| want|'d like| would like|'m after|'re after| am after| are after|'m looking for|'re looking for) (?:an? |the |some )?<service> or (?:an? |the |some )?<service>|<service> or (?:an? |the |some )?<service>,? (?:that |which )?(?:i|we)(?: need| want|'d like| would like|(?:'m|'re| am| are) (?:after|looking for))\b/;

/** When or with whom theirs is, and how it might be. */
export const MINE_IS_COULD_BE =
  /\b(?:my|our|her|his) (?:[a-z]+ )?(?:<service>|appointment|booking|visit|session|lesson|class)(?:'s| is| was)(?: down| booked| set)? (?:with|at|on|for|<day>|<time>)[^.?!]*[.,;]? (?:but |and |so )?(?:can|could|may|might) (?:(?:i|we|he|she|they) (?:please |maybe )?have it|(?:it|that) (?:please |maybe )?be)\b[^.?!]*<(?:staff|day|time)>/;

/** One is to be had on a day, or before something that was told. */
export const HAVE_ONE_THEN =
  /\b(?:can|could|may|might) (?:i|we|he|she|they|my [a-z]+) (?:please |maybe |just |also )?(?:have|get|come (?:in )?for|pop in for) (?:an? |my |our |his |her |the )?<service> (?:please )?(?:(?:before|after|by|right after|just before) (?:it|that|then|them|this)\b|beforehand|afterwards|first\b|<day>|<time>)/;

/** Who it is that answers is asked. */
export const WHO_ANSWERS = /(?<!\bwhom? )\b(?:am i|are we) (?:really |actually |just )?(?:talking|chatting|speaking|writing|texting) (?:to|with)\b/;

/** Whom to speak to is asked. */
export const WHOM_TO_SPEAK_TO = /\bwho(?:m)? (?:should|do|can|could|must|would) (?:i|we|one) (?:speak|talk|go|turn|write) to\b(?! (?:learn|get|find)\b)/;

/** Something that the house makes or mends is lost or broken. */
export const LOST_THEIRS =
  /\b(?:i|we|he|she|they|my [a-z]+)(?:'ve| have|'s| has)? (?:just |only |gone and )?(?:lost|broke|broken|cracked|chipped|snapped|swallowed|sat on|trodden on|stepped on) (?:my|our|his|her|their|a|one of (?:my|our|his|her)) (?:[a-z]+ )?<service>/;

/** One is to be made, in place of what is lost or broken. */
export const MAKE_A_NEW_ONE =
  /<service>.*\b(?:can|could|will|would|may|might) (?:you|i|we|he|she|they) (?:please |just )?(?:make|do|fit|get|give|have|order)(?: (?:me|us|him|her|them|my [a-z]+))? (?:a new (?:one|pair|set)|another (?:one|pair|set)?|new ones)\b/;

/** Whether somebody is let in is asked. */
export const LET_IN =
  /\b(?:will|would|can|could|is|are|am) (?:i|we|he|she|they|my [a-z]+) (?:still )?(?:be |get )?(?:let in|allowed(?: in)?(?! to\b)|admitted|turned away|too (?:young|old) (?:for it|to come))\b/;

/** Whom to complain to is asked. */
export const WHOM_TO_COMPLAIN_TO =
  /\bwho(?:m)? (?:should|do|can|could|must|would) (?:i|we|one) complain to\b|\bwho(?:'s| is| would be) the (?:right )?(?:person|one) (?:for|to (?:hear|take)) (?:an? |my |our |this )?complaints?\b/;

/** One of several things is wished for, the soonest or whichever it is. */
export const WHICHEVER_IS_SOONER =
  /<service> or (?:maybe |perhaps )?(?:an? |the |some )?<service>[^?]*\b(?:i|we) (?:don't|do not) (?:really )?(?:mind|care)\b|<service>.*\bwhichever (?:one )?(?:is|comes|can be|you have|you've got) (?:the )?(?:free |available |open )?(?:sooner|soonest|first|earlier|earliest|quicker|quickest)\b/;

/** Somebody would come by for a while. */
export const NIP_IN =
  /^\W*(?:(?:hi|hello|hey|so|ok|and)\W+)*(?:could|can|may|might) (?:i|we) (?:just |quickly )?(?:nip|pop|drop|stop|swing|squeeze|call) (?:in|by|over|round|along)\b/;

/** Whether a visit stands. */
export const STILL_ON =
  /\b(?:is|are|was) (?:the|my|our|his|her|<day>'s) (?:<\w+> )?(?:<service>|appointments?|visits?|bookings?|lessons?|sessions?|class) still (?:on|booked|there|happening|going ahead|standing|all right|ok|okay)(?= ?(?:$|[?.!,;]|<day>|<time>|for me\b|then\b))|\b(?:whether|if) (?:<day>|<time>|<service>|it|my [a-z<>]+)(?: on)?(?: <day>)? (?:is|'s) still (?:on|booked|happening|going ahead|standing)\b/;
/** What they have once known of their visit: "I've forgotten if it's ten or eleven". */
export const FORGOT_WHEN =
  /\b(?:i|we)(?:'ve| have)? (?:forgot|forgotten|(?:can't|cannot|don't|do not) (?:remember|recall))(?: (?:if|whether|when|what time|which day|what day|at what time))\b[^.;?!]*(?:<time>|<day>|\b(?:i|we|it|they|you)\b)/;
/** Which of what they have: "which of my visits is first". */
export const WHICH_OF_MINE =
  /\bwhich (?:one )?of (?:my|our) (?:things|visits|appointments|bookings|lessons|sessions|ones|two|three) (?:is|comes|are|do|was|will)\b/;
/** Somebody else of the house is wished for: "any other person?". */
export const ANOTHER_OF_THEM =
  /^\W*(?:(?:is there|have you(?: got)?|do you have|got) )?(?:any|some) (?:other|different) (?:person|people|one|ones|body)(?: (?:there|free|available|who does it|for that))?\W*$/;
/** When they come next: "when are we next in". */
export const WHEN_NEXT_IN =
  /\b(?:when|what time|which day|what day) (?:am|are) (?:i|we)(?: next| due| back| booked)* (?:in|due|booked|coming in|up)\b(?! (?:line|trouble)\b)/;
/** Who does what they have: "is Petra doing my course". */
export const WHO_DOES_MINE =
  /\b(?:is|will|'s)(?: it)? <staff>(?: (?:or|and) <staff>)? (?:who(?:'s| is) )?(?:be )?(?:doing|teaching|giving|taking|running|holding|handling) (?:my|our) |\bwho(?:'s| is|'ll be| will be)(?: it)?(?: that is| that's)? (?:doing|teaching|giving|taking|running|holding|handling) (?:my|our) /;
/** One thing for another: "can I trade my hour on Thursday for one on Monday". */
export const TRADES_FOR = /\b(?:trade|exchange|swap|switch) (?:my|our|the|<day>'s) [^.;?!]{0,40}?\bfor (?:one|another|the one|an? |<day>|<time>)/;
/** Word to be passed on: "would you pass on to Owen that I'll be late". */
export const PASSES_ON =
  /\b(?:pass (?:it |this |that |word |a message )?on to|let|tell|inform) <staff>(?: know)?(?: that)? (?:i|i'm|i'll|we|we're|we'll|he|she|it|my|our|they)\b/;
/** With whom a visit of theirs is. */
export const MINE_IS_WITH =
  /\b(?:my|our) (?:<\w+> )?(?:<service>|appointment|visit|booking|lesson|session)\b[^.?!]*[,;.] ?(?:and )?is (?:it|that|this) (?:still )?(?:with|by) <staff>\W*$/;

/** Right before a danger that is said not to be there. */
export const DID_NOT =
  /\b(?:didn't|did not|don't|do not|haven't|have not|hasn't|has not|doesn't|does not|never)(?: (?:have|had|get|got|feel|felt|really|actually|even|any|a|the))* $/;

/** Whether a class or an hour has room, and no car. */
export const IS_THERE_SPACE =
  /^\W*(?:(?:and|so|ok|okay)\W+)*(?:is|was) there (?:still |enough )?(?:any )?(?:space|room|a place|a spot|places)(?: (?:left|free|for (?:us|me|all|both|two|three|four)(?: of us)?|in (?:it|that|there)|on (?:it|that)|then|still))*\W*$/;

/** "What'll that be": what it comes to. */
export const WHAT_WILL_IT_BE =
  /^\W*(?:(?:and|so|ok|okay|right|grand)\W+)*what(?:'ll| will|'d| would) (?:that|it|this|they)(?: all)? (?:be|come to|run (?:me|us)|set (?:me|us) back)(?: altogether| in all| then)?\W*$/;

/** Somebody else has booked for the speaker, who asks what. */
export const BOOKED_FOR_ME =
  /\b(?:my [a-z]+|he|she|they|someone|somebody)(?:'s| has| have|'ve)? (?:booked|made|arranged|got) (?:me|us) (?:in\b|down\b|something|(?:an? )?(?:appointment|visit|booking|lesson|session|<service>))/;

/** Words for the same work. */
export const REPAIRS: readonly string[] = ["fix", "repair", "repairs", "mend", "mending", "replace", "restore"];

/** Without any of these no day is in a message, and none need be looked for. */
export const MAY_BE_DAY =
  /\d|flexible|schedule|calendar|diary|\bin (?:about |around |roughly |maybe )?(?:half )?an? hour|minute|hours|day|week|month|year|tomorrow|tommor|tomor|tmr|2mor|tonight|morning|afternoon|evening|fortnight|soon|asap|a\.s\.a|quick|fast|early|earliest|available|whenever|time|away|fool|holy|palm|shrove|pancake|stephen|\bnow\b|next|first|after|before|same|easter|christmas|hallow|valentine|patrick|padd(?:y|ie)|bonfire|fawkes|burns night|\b(?:mon|tue|tues|wed|weds|thu|thur|thurs|fri|sat|sun|jan|feb|mar|apr|may|jun|jul|aug|sep|sept|oct|nov|dec|january|february|march|april|june|july|august|september|october|november|december)\b|teenth|tieth|\b(?:second|third|fourth|fifth|sixth|seventh|eighth|ninth|tenth|eleventh|twelfth)\b/;

/** "Do you treat people after a stroke" asks what the house does, and tells of nobody who is in danger. */
export const IN_GENERAL =
  /^(?:(?:hi|hello|hey|and|also|um+) )*(?:do|does|have) (?:you|anyone|anybody|any of you|your \w+|the \w+) (?:ever |also |all )?(?:treat|see|help|take|accept|work with|look after|worked with|treated|deal with)(?: with)? (?:people|patients|clients|those|folks|cases)\b(?!.*\b(?:now|just|my|i'm|i am|i|he|she|he's|she's|him|her|me|we|us|today|minutes?|quick\w*|urgent\w*)\b)/;

/** What is no bare answer, however short: "how much would an hour be", "where is that". */
export const ASKS_OR_ACTS =
  /\?|\b(?:cancel|move|change|book|how (?:much|long|far)|why|where|who|whom|when (?:do|does|is|are|will|can)|prices? (?:of|for)|cost of)\b|\bwhat(?! about| if)\b/;

/** "No, that's all" answers whether there is anything else; thanks and goodbyes say more. */
export const FAREWELL = /\b(?:bye|goodbye|cheerio|see you)\b/;

/** Thanks and goodbyes. */
export const THANKS = /\b(?:thank|thanks|ta|cheers|bye|goodbye|see you|have a)\b/;

/** A word of agreement that may only open a sentence. */
export const WEAK_YES = /^(?:ok(?:ay)?|k|kk|great|good|fine|perfect|cool|super|right|sure|lovely|all right|alright|wonderful|brilliant|excellent|please)$/;

/** Somebody cannot do with their body what everybody does. */
export const CANNOT_MOVE =
  /\b(?:can't|cannot|can not|can hardly|can barely|hardly|barely) (?:even |really |properly )?(?:turn|bend|lift|move|raise|straighten|rotate|twist|chew|put (?:any )?weight on|walk|stand up|get out of bed)\b(?! (?:it|my (?:appointment|visit|booking|lesson|session))\b)/;

/** Right before a thing: it is not wished for. */
export const UNWANTED = /\b(?:(?:don't|do not|didn't) (?:really |actually )?(?:want|need|mean)|not|no|instead of|rather than) (?:an?|the|any|another)? ?$/;

/** Right before a thing: what was said before it is not said of this one. */
export const BUT_NOT = /\b(?:but|just|only|and) not (?:the |my |our |an? |for )?$/;

/** A part of a message that says no more than what stays. */
export const STAYS = /^\W*(?:(?:but|and|just|please|only|i'll|we'll|i'd like to|we'd like to|i want to)\W+)*(?:keep|leave|hold on to|hang on to)\b[^?]*$/;

/** Right before what stays as it is: "cancel the massage but keep the facial". */
export const KEEPS_THE = /\b(?:keep|keeping|leave|leaving|hold on to|hang on to) (?:the |my |our )?(?:one |appointment |visit |booking )?(?:on |at |for )?$/;

/** The same of what is named, beside what is moved or called off: "…, and leave the braids on Saturday". */
export const KEEPS_BESIDE = /(?:,|\band\b|\bbut\b)\s*(?:please )?(?:keep|leave) (?:the |my |our )(?:[a-z-]+ ){0,3}(?:on |at |for )?$/;

/** Right before a day that is not called off: "cancel tomorrow's, but not the one on". */
export const BUT_NOT_THE_ONE = /\b(?:but|just|only|and) not (?:the |my |our )?(?:one |appointment |visit |booking )?(?:on |at |for )?$/;

/** Right after what is left as it stands: "leave Wednesday alone but …". */
export const LEFT_AS_IT_IS = /^(?:'s)?(?: (?:one|appointment|visit|booking))? (?:be\b(?! )|alone|as (?:it is|is|planned)|where it is|standing|untouched)\b/;

/** What is called off, beside what is kept. */
export const CALLS_OFF = /\b(?:cancel\w*|call(?:ing)? off|scrap|drop|scratch|delete|get rid of|take (?:out|off)|lose)\b/;

/** Right after it: something else is. */
export const WANTED_INSTEAD = /^\W*(?:but|just|only|i (?:want|need|meant|mean)|it's)\b \w/;

/** A service is wished for in so many words. */
export const WISHES_FOR = /\b(?:want|like|love|need|book|hoping|looking|wish)\b[^.;?!<]{0,24}<service>/;

/** A deed is named in place of the one that was said. */
export const MEANT_DEED = /\bi (?:mean|meant)(?: to)? (move|change|reschedule|cancel|book)(?: it| that)?\W*$/;

/** It is asked whether something will do, or what it is like. */
export const OF_WHETHER =
  /\b(?:ok|okay|safe|allowed|good|bad|fine|all right|alright|hurt|help|suitable|if i|when i|with (?:a|my)|pregnant|what|how|why|which)\b/;

/** Somebody does not wake, breathe, move or answer. */
export const UNRESPONSIVE =
  /\b(?:he|she|they|(?:my|our|the) [a-z]+)(?:'s| is)? (?:won't|will not|doesn't|does not|isn't|is not|not|can't|cannot) (?:wake up|waking up|woken up|breathe|breathing|move|moving|respond|responding|react|reacting|come round|coming round|answer me|answering me|answering)\b/;

/** It is asked when a visit is. */
export const ASKS_WHEN = /\bwhen(?:'s| is| are| was| does| do)\b|\bwhat (?:time|day|date)\b|\bwhich (?:day|date)\b/;

/** Before a day: somebody was there then. */
export const WAS_THERE =
  /\b(?:i|we|she|he|they) (?:was|were) (?:only |just )?(?:there|here|in|with you|at yours|over)(?: only| just)? (?:on )?(?:the )?$|\b(?:i|we|he|she|they)(?:'d| had)? (?:bought|purchased|ordered|received|inherited)\b[^.;?!]{0,40}?(?: (?:back )?(?:in|on|last))?\s*$/;

/** What is theirs is to be done by another than the one it is with. */
export const OTHER_THAN_OURS =
  /\b(?:some|any)(?:body|one) (?:else |other )?(?:than|but) <staff>[^.;?!]*\b(?:my|our) (?:<|\w+ <|appointment|booking|visit|session|lesson)/;

/** Somebody has a visit, and something has come between. */
export const HAS_BUT =
  /\b(?:i|we)(?:(?:'ve| have)(?: got)? (?:(?:an?|my|our) (?:appointment|booking|visit|session|lesson|<service>)\b|the <service> <day>)|(?:'ve| have|'d| had)? booked (?:in )?(?:for )?<day>)[^.;?!]*\bbut (?!(?:i |we )?(?:can't (?:find|remember|recall)|don't know|forgot|lost|need|want|would|what|when|where|how|who|is|do|am not sure|i'm not sure))(?![^.;?!]*\b(?:another|one more|also|book|as well)\b)/;

/** "I have an appointment at three but I have to work, can we do Thursday": what they have, why it cannot be, and when it might be instead. */
export const HAS_BUT_THEN =
  /\b(?:i|we)(?:(?:'ve| have)(?: got)? (?:(?:an?|my|our) (?:[a-z]+ )?(?:appointment|booking|visit|session|lesson)\b|(?:an?|my|our) (?:[a-z]+ )?<service>|the <service> <day>)|(?:'ve| have|'d| had)? booked (?:in )?(?:for )?<day>|(?:'m| am|'re| are) (?:booked(?: in)?|down|supposed to (?:come|be)(?: in| there)?|coming(?: in)?|in)(?: for (?:my |an? )?<service>)? <(?:day|time)>)[^.;?!]*\bbut\b(?:<\w+>|[\w' ]|,)*?\b(?:could|can|may|might|would|is|are|any chance|how about|what about|maybe|perhaps|have you|do you have|i'd (?:like|prefer|rather)|let's)\b[^<.]{0,40}<(?:day|time)>/;

/** Somebody is to look at a thing: "somebody should check it". */
export const SOMEBODY_SHOULD =
  /\b(?:someone|somebody|anyone|one of you|a specialist|an expert|<staff>) (?:should|must|ought to|has to|needs to|had better) (?:really |just |please )?(?:check|look|see|fix|repair|examine|have a look|take a look|come|sort|do)\b/;

/** Sooner than a day on which they have something. */
export const SOONER_THAN_THE_DAY = /(?<!\b(?:no|not|any|nothing) )\b(?:sooner|earlier) than (?:the )?<day>(?! (?:or|and)\b)/;

/** How long what they have takes is to change: "can we go from 45 to 30 minutes". */
export const FROM_LENGTH_TO_LENGTH =
  /\b(?:go|change|switch|cut|reduce|extend|shorten|make it|get it)(?: it| that)?(?: down| up)? from (?:<length>|\d{2,3}|an?) to (?:<length>|\d{2,3})/;

/** A day is in the way, and others would do: "the 13th clashes with a wedding, any other Saturday is fine". */
export const CLASHES =
  /<day>[^.;?!,]{0,12}\b(?:clash\w*|collides?|overlaps?|falls on|is (?:also )?(?:the day of|my|our))\b[^.;?!]*[,;.]? [^.;?!]*(?:\bother <day>|\bany (?:other )?(?:day|time|<day>)|<day>[^.;?!]*\b(?:fine|ok|okay|good|better|works?|possible|do)\b|\binstead\b)/;

/** One of the visits that they have stands against something else: "I've two things booked and one of them clashes with …". */
export const THEIRS_CLASHES =
  /\b(?:booked(?: in| with you)?|bookings?|appointments?|my <service>|our <service>|<day>'s <service>|visits?|lessons?|class(?:es)?)(?!\w)[^.;?!]*\b(?:clash(?:es|ing)?|conflict(?:s|ing)?|collides?|overlaps?|interferes?|coincides?) with\b/;

/** What they have is to be put otherwise: "I need to shuffle my manicure and my facial". */
export const SHUFFLES_MINE =
  /\b(?:shuffle|juggle|rejig|re-?jig|rearrange|re-arrange|jiggle|reshuffle|swap round|swap around|switch around|shift around)(?: around| round)? (?:my|our|both|things|what (?:i|we)(?:'ve| have)|the (?:two|<service>))(?! (?:name|number|hours|schedule)\b)/;

/** "Can we start at half ten", where nothing is being booked: of what they have. */
export const STARTS_AT =
  /\b(?:can|could|may|might) (?:we|i|she|he|they) (?:please )?(?:start|begin|kick off)(?: it| things)?(?: a (?:bit|little))?(?: later| earlier)?,? <time>(?: instead| please| rather| then)*\W*$/;

/** What was to happen is off: "I broke my arm, so the lessons are off". */
export const IT_IS_OFF =
  /(?:<service>|\b(?:appointments?|visits?|lessons?|sessions?|bookings?))(?: on <day>)?(?:'s| is| are|'ll be| will be)(?: all)? off(?=\W*$|[.,;!]|\s+(?:then|now|for now|sadly|i'm afraid|sorry|please))/;

/** Somebody is to be recommended. */
export const RECOMMENDS_WHOM =
  /\bwho(?:m)? (?:would|do|should|can|could) (?:you|i|we) (?:recommend|suggest|advise|pick|choose|ask for|go to|see|send (?:me|us|him|her|them|somebody|someone|my [a-z]+) to)\b|\bwho(?:'s| is| would be) (?:an? |the |your |a really |some)?(?:good|best|right)(?: (?:one|person|[a-z]+))? (?:for|with|at)\b/;

/** Whom they have is asked. */
export const WHOM_HAVE_I = /\bwho(?:'ve| have| do| did| am|'m|m)? i(?:'m)? (?:got|have|see|seeing|with|get|getting)\b/;

/** Whether one can come in with what one walks or rolls with. */
export const GETS_IN =
  /\b(?:crutches|wheelchair|rollator|walker|walking (?:frame|stick)|zimmer frame|pram|buggy|stroller|pushchair|scooter)\b[^.?!]*\b(?:get (?:in|up|to|through|inside|round)|come (?:in|up)|enter|inside|access\w*|through the door)\b/;

/** Whether some part of the house is open then. */
export const OPEN_THEN = /\b(?:is|are|will) (?:the|your) (?:<service>|[a-z]+)(?: [a-z]+)? (?:be )?(?:open|closed|shut)\b/;

/** The car is spoken of, and where it stands. */
export const OF_PARKING = /\b(?:parking|car ?park)\b/;

/** Whether somebody's relative comes to the house. */
export const OF_THEIR_RELATIVE =
  /\b(?:is|does|did|was|has) (?!(?:my|our)\b)(?:(?:the|that|mr|mrs|ms|dr) )?(?:<name>|[a-z]+)'s (?:son|daughter|wife|husband|boy|girl|kid|child|children|mother|father|mum|mom|dad|brother|sister|partner)(?: [a-z]+){0,2} (?:in (?:the|your|a) (?:<service>|\w+)|with you|(?:a )?(?:client|patient|member|customer) |coming|come|come to you|go to you|booked|take|taking)/;

/** They were to come, and ask whether they may come otherwise. */
export const WAS_TO_COME =
  /\b(?:i|we|she|he|my [a-z]+) (?:was|were|am|'m|'re|is) (?:supposed|meant|due|going|scheduled|down)? ?to (?:bring|come|be|have|see|get|drop)\b[^?]*<(?:day|time)>[^?]*\b(?:can|could|may|is it|would it|shall)\b[^?]*<(?:day|time)>/;

/** Another time for what is theirs. */
export const ANOTHER_TIME_FOR =
  /\b(?:another|a different|a new|some other|an earlier|a later|a sooner) (?:time|day|date|slot|hour|appointment) for (?:my|our|her|his|their|the) (?!first\b)/;

/** One of the house's people is to be asked, or told, something. */
export const ASK_THEM =
  /^\W*(?:(?:and|also|then|please|could you|can you|would you|will you|kindly)\W+)*(?:ask <staff> to\b|(?:tell|remind) <staff> (?:to|that|about|the|our|i|i'm|we|we're|my|it|he|she|they)\b|tell (?!(?:me|us|you|anyone|anybody|if|when|what|how|who|where|whether|from|the|a|my|by)\b)[a-z]+ (?:that|the|about|i|i'm|we|we're|my|it|he|she|they)\b)/;

/** What is on a day is to be otherwise: "tomorrow's lesson: can it be at nine". */
export const THEIRS_TO_BE =
  /<day>'s (?:<\w+>|(?!(?:offer|special|first|last|next)\b)[a-z]+\b)(?!'s)[^.?!]*?\b(?:can|could|may|might|would) (?:it|that|this)(?: please)? (?:be|start|begin|go|happen|take place)\b|(?:^|[.,;!?>]\s*)(?:and |so )?(?:the|my|our) <service>,? (?:can|could|may|might|would) (?:it|that|this)(?: please)? (?:be|start|begin|go|happen|take place)\b[^.?!]*(?:<(?:day|time)>|\bright (?:after|before)\b)|\b(?:can|could|may|might|would) <day>'s(?: (?:<\w+>|(?!(?:offer|special|first|last|next)\b)[a-z]+))? (?:please )?(?:be|start|begin|go|happen|take place)\b[^.?!]*<(?:day|time)>/;

/** What is theirs is to be some other time. */
export const MINE_INSTEAD = /\b(?:do|have|take|come for|get|like|want|prefer|need) (?:my|our|me) <service>[^.?!]*<(?:day|time)>[^.?!]*\binstead\b(?! of)/;

/** On a day somebody is elsewhere. */
export const AWAY_THEN =
  /\b(?:i|we)(?:'ll| will|'m|'re| am| are) (?:be |going to be )?(?:travelling|traveling|away|abroad|out of town|in hospital|on (?:holiday|leave|a trip|call)|at work|working|busy|tied up|stuck at work|elsewhere)\b[^.?!]{0,20}<day>/;

/** Whether somebody may come at an hour, and nothing besides. */
export const MAY_I_COME_AT =
  /^\W*(?:(?:hi|hello|hey|and|so|ok|okay)\W+)*(?:can|could|may) (?:i|we)(?: still| also)? (?:come|be seen|pop in|drop in|stop by)(?: in| by| over| along| round)?(?: <time>)+\W*(?:[?.!]|$)/;

/** The same of a day, beside something that is wished for. */
export const MAY_I_COME_THEN =
  /^\W*(?:(?:and|so|please)\W+)*(?:can|could|may) (?:i|we|he|she)(?: still| also)? (?:come|be seen|pop in|drop in|stop by)(?: in| by| over| along| round)? <day>\W*$/;

/** A new visit, before some day. */
export const A_NEW_ONE_BY =
  /\b(?:an?|some|another|one) (?:\w+ )?<(?:service|length)>[^.?!]*\b(?:(?:no|not) later than|earlier than|sooner than|before|by) (?:the )?<day>/;

/** Right after a thing that somebody had: it is some time ago. */
export const AGO =
  /^[^.;?!]{0,16}\b(?:this morning|earlier(?: today)?|yesterday|the other day|just now|last (?:night|year|month|week|time|summer|winter|spring|autumn)|(?:a|an|one|two|three|some|many|a few|\d+) (?:days?|weeks?|months?|years?) (?:ago|back)|years ago|already|recently|back in)\b/;

/** Somebody else will not give what is theirs: no refund is asked of the house. */
export const ANOTHERS_MONEY =
  /\b(?:my|our|his|her|their|the) (?!(?:receptionist|desk|clinic|shop|school|salon|practice|office)\b)(?:<service>|[a-z]+(?: [a-z]+)?) (?:won't|will not|doesn't|does not|refuses?|refused|didn't|hasn't|never|keeps?|kept|owes?|is refusing|isn't)\b(?![^.?!]*\byou\b)/;

/** A back that troubles somebody; by itself the word is said of much else. */
export const OF_ONES_BACK =
  /\b(?:about|with|hurts?|hurting|done|put|pulled|thrown|wrenched|in) (?:my|his|her) (?:lower |upper )?back(?:\b(?! ?(?:pack|yard|garden|door|seat|pocket|up)\b))|\b(?:my|his|her) (?:lower |upper )?back(?:'s| is| has| was) (?:been )?(?:gone|going|sore|killing|bad|stiff|out|playing up|in bits|awful|terrible|(?:all |really |properly |totally |completely )?(?:buggered|knackered|stuffed|munted|crook|gammy|dodgy|seized|locked|shot|wrecked|ruined|a mess|in agony|in spasm|jacked|messed up|giving|acting up|spasming))\b/i;

/** What ails an animal or somebody, told by what they do, or do not. */
export const AILING =
  /\b(?:swelled|swollen|swells|swelling|puffed|puffs|flared|flares) up\b|\b(?:i|we|he|she|they|it)(?:'ve| have|'s| has)(?: got)? (?:an?|this) (?:bad |nasty |itchy |red |sore |big |little |small )*(?:rash|boil|blister|lump|bump|swelling|cyst|ulcer|bunion|verruca|wart)\b|\b(?:limp(?:s|ing|ed)|hobbl(?:es|ing|ed)|off (?:his|her|its|their) (?:food|feet|legs)|not (?:himself|herself|eating|drinking|walking|putting (?:any )?weight)|won't (?:eat|drink|walk|stand|put (?:his|her|its|any|the) (?:weight|paw|foot|leg))|vomit(?:s|ing|ed)|throwing up|wheez(?:es|ing|ed)|(?:dog|cat|puppy|pup|kitten|baby|toddler|son|daughter|kid|lad|rabbit|he|she|it)(?:'s| has| just|'s just| has just)? (?:ate|eaten|swallowed|chewed up|licked|been (?:bitten|stung|scratched|attacked)) (?:an? |some |half |the |my |our |his |her |all |rat |by )|(?:came|come|comes|coming|broke|broken|breaking) out in (?:an? |the )?(?:[a-z]+ )?[a-z]+|(?:can't|cannot|couldn't|can not|won't|doesn't|don't) (?:seem to )?stop (?:coughing|sneezing|itching|scratching|bleeding|shaking|crying|being sick|throbbing|running|streaming|watering)|keeps? (?:on )?(?:running|coughing|sneezing|itching|scratching|fainting|streaming|watering|bleeding|throbbing|swelling|being sick|waking up in pain|getting (?:headaches?|migraines?|cramps?|dizzy|heartburn|nosebleeds?|stomach aches?|spots))|(?:face|eyes?|eyelids?|lips?|ears?|nose|throat|skin|chest|tummy|stomach|scalp|mouth|gums?|cheeks?|hands?|feet|foot|legs?)(?:'s|'re| is| are| feels?| looks?| has gone| have gone| went)(?: been)?(?: all| so| really| very| a bit| still| completely| quite| always)* (?:puffy|blocked|streaming|itchy|itching|running|runny|watering|swollen|swelling|burning|tight|flaky|red|throbbing|peeling|cracked|tingling|clogged|blotchy)|(?:has|have|had|got|with) (?:an? |this |some )?(?:[a-z]+ )?(?:rash|cough|fever|temperature|earache|toothache|infection|hives|sore throat|lump|blister|ulcer|stye|boil|nosebleeds?|heartburn|hay ?fever|itch)|(?<!\bdon't )(?:feel|feels|feeling|felt) (?:so |very |really |quite |always |constantly |a bit |rather |too )?(?:sick|dizzy|faint|queasy|ill|unwell|poorly|weak|exhausted|bloated|nauseous|nauseated|shaky|breathless|feverish|anxious|depressed|stressed|overwhelmed|sad|lonely|numb inside|empty|(?:low|down)(?! (?:to|on|there)\b)))\b/i;

/** Somebody is not able to do what they have: "I can't ride on Sunday". */
/** What cannot be got for that day, and keeps somebody from coming: "I can't get a sitter for". */
export const LACKS_HELP =
  /\b(?:can'?t|cannot|couldn't|not able to) (?:get|find) (?:an?|any|my|the) (?:baby ?)?(?:sitter|babysitter|lift|ride|driver|carer|childcare|cover|time off|day off)\b/;

export const CANNOT_DO_IT =
  /\b(?:can'?t|cannot|can not|won'?t|not able to|unable to|not going to)\b(?! (?:wait|decide|remember|find|tell|say)\b)[^?]*<(?:service|day)>/;
