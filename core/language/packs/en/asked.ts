/** Plain signs of what a question asks, looked for once it is known to be one. */

/** "How loud is it": something else than money is measured. */
export const HOW_MUCH_OF_IT = /\bhow (?!much\b|many\b|about\b|do\b|does\b|is\b|are\b)\w+ (?:is|are|was|does|do)\b/i;

/** Where something of theirs goes, once they are here: not where the house is. */
export const WHERE_FOR_THINGS =
  /\bwhere (?:can|could|do|should|would|may|shall) (?:i|we|my [a-z]+|he|she|they) (?:put|leave|hang|store|keep|stash|lock|get changed|get dressed|freshen up|shower|change|wash|charge|sit|wait|smoke|eat|sleep)\b/i;

/** Where the house is, or how one gets there. */
export const WHERE_IT_IS = /\b(?:where|address|located|location|find|directions?|street|get (?:to|there)|reach|how far)\b/i;

/** Whether what was just done costs something. */
export const FEE_OF_THAT =
  /^\W*(?:(?:and|so|but|oh|ok(?:ay)?|right|thanks|thank you|great)\W+)*(?:(?:is|was|will|would) there (?:be )?(?:a |any |some )?(?:fees?|charges?|costs?|penalty|anything to pay)|(?:do|will|must|did) (?:i|we) (?:have to |need to )?(?:pay|owe)(?: you)?(?: anything| something| a fee)?|(?:does|did|will) (?:that|it|this|moving it|cancelling) cost(?: me| us)?(?: anything| something)?|what (?:does|did|will) (?:that|it|this) cost(?: me| us)?)(?: for (?:that|this|it|cancelling|moving|changing)(?: it)?)?(?: now)?\W*$/i;

/** What a change costs. */
export const OF_A_FEE = /\b(?:fees?|charged?|cost|penalty|pay)\b/i;

/** Somebody does not come. */
export const WHO_MISSES =
  /\b(?:miss|missed|missing (?:my|our|an?|the) (?:appointment|visit|class|lesson|session|slot|booking)|no[- ]show|(?:don't|do not|doesn't|didn't|not) (?:(?:show|turn) up|(?:just |simply )?come(?= *(?:$|[?.,!]|at all)))|stay away|forget to come|(?:slip(?:s|ped)?|goes|go|went) (?:out of |from )?(?:my|their|his|her|one's) mind)\b/;

/** Somebody cancels, or moves late. */
export const WHO_CANCELS =
  /\b(?:cancel\w*|call(?:ing)? (?:it |\w+ )?off|move it|reschedul\w*|chang(?:e|ing)(?! (?:(?:the|a|my|our|his|her|your|into|out of) )*(?:bab(?:y|ies)|child|kids?|napp(?:y|ies)|diapers?|clothes|shoes|rooms?|tyres?|tires?|bandages?|dressings?|hair|colou?r|sheets|towels)\b)|notice|late fee|back out|drop out)\b/;

/** What it costs not to come, or to come at another time: "what would you charge me if I cancelled". */
export const CHARGED_FOR_A_CHANGE =
  /\b(?:if|when|to|for|after)\b(?: (?:i|we|somebody|one))?(?: (?:had|have|want|wanted|need|needed) to)? (?:cancel\w*|reschedul\w*|call(?:ed|ing)? (?:it|this|that) off|(?:mov|chang)(?:e|ed|ing) (?:it\b|my (?:appointment|visit|booking|lesson|session)|the (?:appointment|visit|booking|lesson|session))|(?:don't|didn't|do not) (?:come|show|turn up)|miss(?:ed)? (?:it|an?|my|the))/i;

/** How early one must book. */
export const HOW_FAR_AHEAD =
  /\b(?:ahead|in advance|advance|last minute|short notice|how (?:early|late|soon) (?:can|may|must|do) (?:i|we|one) (?:book|reserve))\b/;

/** What a price is asked of: "how much is a crown". */
export const PRICED =
  /\b(?:how much (?:is|are|for|would|does|do|will)|(?:price|cost) (?:of|for)|what (?:does|do|would|will)|what(?:'s| is) the (?:price|cost|charge) (?:of|for)) (?:a|an|the|your|some|any) ([^?.!;,]+)/i;

/** What follows the thing: "… cost", "… set me back". */
export const COMES_TO = / (?:cost|come to|set (?:me|us) back|run (?:me|us))\b.*$/i;

/** What visits are called in general, when their price is asked. */
export const OF_ANY_VISIT =
  /^(?:(?:first|second|next|whole|full|total|other|new|extra|short|long|shorter|longer|cheaper|dearer|shortest|longest|cheapest)|visits?|appointments?|sessions?|lessons?|class|classes|treatments?|bookings?|slots?|ones?|things?|lot|hours?|half|price|cost|total|people|person|child|children|adults?|kids?|family|two|three|four|five|six|services?|work|job|repair|option|version)$/;

/** Compared by what they cost. */
export const BY_MONEY = /cheap|dear|pric|cost|expensive/;

/** Between two questions of one message. */
export const PARTS_OF_QUESTIONS =
  /(?<=[.!?;])\s+|,?\s+(?:oh,? and|and also|also,?|by the way,?)\s+|,\s+(?=(?:is|are|do|does|can|could|may|must|what|where|when|who|how|will|would)\b)/i;

/** Of the house's age, and not of its hours. */
export const HOW_OLD = /\b(?:what|which) year\b|\bhow long (?:ago|have you been)\b|\bfounded\b/i;

/** When it is open. */
export const OF_HOURS =
  /\b(?:open|opens|opening|close|closed|closes|closing|shut|hours?|till|until|when|late|early|latest|times?|start|finish|working|work|there|around|weekends?|holidays?|bank)\b/i;

/** "Open late", "stay open that late": when a house is open, and nothing of who comes late. */
export const OPEN_LATE =
  /\b(open(?:ed|s)?|stay open|working|close|closing|closed|shut)(?: (?:that|as|so|any|quite|very|until|till|up))* (?:late|early)(?:r|st)?\b/gi;

/** Words of how long a visit takes, and of nothing besides. */
export const OF_ITS_LENGTH = new Set([
  "long",
  "take",
  "takes",
  "last",
  "lasts",
  "time",
  "minutes",
  "hours",
  "hour",
  "visit",
  "appointment",
  "session",
  "lesson",
  "need",
  "usually",
  "normally",
  "roughly",
  "about",
  "whole",
]);

/** A word that asks for people. */
export const SAYS_WHO =
  /\b(?:who(?:'s|'ll|'d|ever|se|m)?|which|any ?(?:one|body)|some ?(?:one|body)|every ?(?:one|body)|staff|team|people|person|persons|specialists?|experts?|man|men|woman|women|lady|ladies|guy|guys|male|female|colleagues?)\b/i;

/** Whether somebody named is a woman or a man. */
export const IS_OF_A_GENDER =
  /\b(?:is|'s) <staff> (?:an? )?(?:woman|man|lady|female|male|girl|guy|gentleman|he|she|him|her)\b|^\W*<staff>\W+(?:is|would|might) (?:that|it|this|he|she)(?: be)? (?:an? )?(?:woman|man|lady|female|male|girl|guy)\b/i;

/** How one gets to the house is asked. */
export const HOW_TO_GET_THERE =
  /\b(?:how (?:do|can|would|does|should) (?:i|we|you|one|people) (?:find|get to|reach|come to)\b(?! (?:out|hold|an? |rid))|directions|the way (?:to you|there))/i;
/** Whether one gets in, and about inside. */
export const HOW_TO_GET_IN =
  /^(?!.*\b(?:borrow|lend|hire|rent|attendant|how many)\b).*(?:\b(?:is|are) (?:there|it) (?:an? |any |many )?(?:[a-z]+ )?(?:lifts?|elevators?|stairs|staircase|steps|step[- ]free|ramps?|upstairs)\b|\b(?:wheel ?chairs?|walking frame|zimmer|rollator|prams?|pushchairs?|strollers?|bugg(?:y|ies))\b.*\b(?:in|inside|up|door|doors|access|fits?|through|manage)\b|\b(?:get|come|go|fit|manage)\b.*\b(?:wheel ?chairs?|walking frame|zimmer|rollator|prams?|pushchairs?|strollers?|bugg(?:y|ies)|stairs|steps)\b)/i;
/** What a house calls that among its facts. */
export const OF_ACCESS = /\b(?:access|accessib\w*|getting in)\b/i;
/** What a house calls the way to it among its facts. */
export const OF_THE_WAY = /\b(?:getting (?:there|here)|directions?|find(?:ing)? us|how to find|the way|transport|location)\b/i;

/** What can be paid with is asked: "do you accept …". */
export const WHAT_IS_TAKEN =
  /\b(?:accept|take|pay (?:with|by|in|using|via|through)|paying (?:with|by|in|via))\b[^.;?!]{0,40}\b(?:money|cards?|cash|pay|cheques?|checks?|coins?|transfers?|wallets?|app|apps|payments?|credit|debit)\b/i;
/** What a house calls paying among its facts. */
export const OF_PAYING = /\b(?:pay(?:ing|ment|ments)?)\b/i;

/** Somebody who was spoken of. */
export const OF_ONE_PERSON = /\b(?:he|she|they)\b/i;

/** What was spoken of. */
export const OF_ONE_THING = /\b(?:it|that|this|one|with)\b/i;

export const OF_MONEY = /\b(?:expensive|dear|pricey|costly|cheap|cost|price|charge|fee|pay)/i;

/** Words that ask for a price and name nothing. */
export const PRICE_WORDS = /\b(?:how much|what|cost|costs|price|prices|pay|charge|fee|does|is|it|that|the|do|and|much|expensive)\b/gi;

/** Of a first visit. */
export const TO_BEGIN_WITH = /\b(?:to (?:begin|start) with|(?:for|as) a (?:first|new) \w+|first (?:time|visit))\b/i;

/** The one that costs least. */
export const CHEAPEST = /\b(?:cheapest|least expensive|lowest(?:-priced)?|least)\b/i;

/** The one that costs most. */
export const DEAREST = /\b(?:dearest|most expensive|priciest|highest)\b/i;

/** The whole list of prices. */
export const ALL_PRICES =
  /\b(?:price ?lists?|(?:list|overview) of (?:your |the |all )*prices|all (?:of )?(?:your |the )?prices|your prices|prices for everything|menu)\b/i;

/** "What do you do": the services are asked for. */
export const WHAT_DO_YOU_DO = /\b(?:what|which)\b(?: \w+){0,3} (?:do|does|have|can|could) (?!i\b|we\b)/i;

export const HOW_LONG = /\bhow long\b|\bhow many minutes\b|\bduration\b/;

/** How long it takes, or what to bring, and nothing of what it is asked for. */
export const OF_WHICHEVER =
  /^\W*(?:(?:and|so|ok(?:ay)?|hi|hello|hey|please|also)[ ,]+)*(?:how long (?:does|do|will|would|is|are)(?: (?:it|that|they|this|an? (?:appointment|visit|session|lesson)|the (?:appointment|visit|session)s?|appointments|visits|sessions))?(?: usually| normally| typically)?(?: be| take| last)?|(?:(?:can you |could you |please )?(?:remind|tell) me )?what (?:(?:should|do|must|shall|will) )?i(?:'m supposed to| am supposed to)?(?: (?:have|need|ought) to| should| must)? (?:bring|wear|prepare|take along)(?: along| with me)?)(?: again| then| please)*\W*$/;

/** Something is sought for what ails somebody, or for an occasion. */
export const ANYTHING_FOR =
  /\b(?:do|have|has|is|are|got|would|can) (?:you|ye|there|your|y'all)(?: guys| people| all| folks)?(?: do| have| got| offer| recommend| suggest)? (?:anything|something|a (?:treatment|massage|session|service|class|course)|any (?:treatments?|services?|massages?|class(?:es)?)) (?:for|against|to help(?: with)?|that (?:helps?|works?|is good)(?: with| for| against)?|good for)\b|\bwhat (?:have|do|can) (?:you|ye|y'all)(?: guys| people| all)? (?:got|have|do|offer)(?: about)? (?:for|against) (?!(?:me|us|my birthday|breakfast|lunch|dinner|today|tomorrow|this|next)\b)/;

/** For what was told before it. */
export const FOR_WHAT_WAS_TOLD = /\b(?:for|against|about) (?:that|this|it|those|them)\b/;

/** What to bring, or to wear. */
export const WHAT_TO_BRING =
  /\b(?:bring|wear|clothes|shoes|prepare|(?:have|need|got|supposed)? ?to do before(?:hand)?|do (?:i|we|you) do (?:before(?:hand)?|first))\b/;

/** One of several is asked for. */
export const WHICH_OR_WHAT = /\bwhich\b|\bwhat\b/;

/** Words that ask for one of several. */
export const KIND_WORDS = /\b(?:which|what|one|kind|sort)\b/g;

/** Whether the house does something. */
export const DO_YOU_OFFER = /\bdo you\b|offer/;

/** Whether the house does something for somebody: "is there something for me", "can you make a new one". */
export const DONE_FOR_THEM =
  /\b(?:(?:is|are) there (?:something|anything|anybody|anyone|someone|somebody|an?\b|any\b)|(?:do|have|can|could|would) (?:you|ye|someone|somebody|anyone|anybody)(?: guys| people| all| folks)?(?: also| still| maybe| perhaps)? (?:have|do|got|offer|make|fix|mend|repair|replace|treat|see|help|sort|clean|take|look|get|straighten|remove|anything|something)|(?:can|could|may|might) (?:i|he|she|we|they|it|my [a-z]+) be (?!in\b|here\b|there\b|late\b|with\b)[a-z]+(?:ed|en|een|wn|one|ut|ixed)(?! (?:in|on|from|by|up|about)\b))\b(?!.*\b(?:how (?:much|long|often)|hurts?|safe|painful|bring|wear)\b)/i;

/** Somebody speaks of themselves, or of theirs. */
export const OF_THEIRS = /\b(?:i|i'm|i've|me|my|we|we're|we've|us|our|mine|ours|he|she|his|her|him)\b/i;

/** A kind of something that is no service is asked for: "what kind of pillow". */
export const A_KIND_OF_THING =
  /\b(?:what|which) (?:kinds?|sorts?|types?|brands?|makes?) of (?!(?:things?|services?|treatments?|visits?|appointments?|sessions?|lessons?|classes|work|jobs|stuff)\b)[a-z]+/;

/** Which services there are. */
export const WHICH_SERVICES =
  /\b(?:what|which) (?:services|treatments|kinds?|sorts?|do you (?:do|offer)(?! (?:if|when|with|about|once|after)\b))|\bwhat.*\boffer\b/;

/** "Is that Tern Bay?" */
export const IS_THIS = /\b(?:is (?:this|that)|am i (?:speaking|talking|through) (?:to|with)|have i (?:reached|got)|are you) (?:the )?([^.;?!]+)/i;

/** What a house may be called by what it is: "the bike place". */
export const A_PLACE = new Set(
  "place shop clinic salon studio centre center practice surgery school office people folks guys lot workshop parlour parlor house rooms spa garage hospital pharmacy barbers hairdressers dentists dentist".split(
    " ",
  ),
);

/** One of those who work here is asked for, by what they are. */
export const WHICH_OF_THEM =
  /^\W*(?:(?:and|so|ok|okay|well|then)\W+)*(?:which|what) (?:of (?:you|them)|person|therapist|teacher|tutor|doctor|dentist|stylist|barber|trainer|coach|instructor|vet|nurse|specialist|mechanic|optician|optometrist)\b/i;

/** Who does a kind of work. */
export const WHO_DOES_SUCH =
  /^\W*(?:(?:and|so|ok|okay|well|then)\W+)*who (?:does|do|draws|paints|makes|cuts|handles|takes|sees|treats|teaches|can do|is (?:best|good|the best) (?:at|for|with)|specialises in|specializes in)\b/i;

/** Who it is that answers. */
export const WHO_IS_THIS =
  /(?<!\b(?:how|what|why|where|when|which)\b[^.?!]{0,40})\bis (?:this|that)\b|\b(?:are you|am i (?:speaking|talking|through|chatting) (?:to|with)|have i (?:reached|got)|who (?:is this|are you|am i (?:speaking|talking|chatting)))\b/;

/** A person or a machine. */
export const PERSON_OR_MACHINE = /\b(?:robot|bot|machine|computer|program|human|person|real|alive|ai)\b/;

/** "Is that the clinic?" */
export const IS_THIS_THE =
  /^\W*(?:(?:hi|hello|hey|um+|er|oh|yes|yeah|good (?:morning|afternoon|evening))\W+)*is (?:this|that) (?:the|an?) (?!\w+ (?:for|if|to|that)\b|problem|issue|must|lot|rule|joke|yes|no\b)|\b(?:have i (?:reached|got)|who (?:is this|are you|am i)|through to)\b/;

/** A length or a price, plainly. */
export const HOW_LONG_OR_MUCH = /\bhow (?:long|much)\b/i;

/** What was named in another part. */
export const IT_OR_THAT = /\b(?:it|that|this)\b/i;

/** A part that asks whether something can be. */
export const MAY_IT_BE = /\b(?:can|could|may|is|are|would|do|does)\b/i;

/** Endings of "gentler" and "gentlest". */
export const COMPARED = /^(?:r|er|st|est)$/;

/** … after a y. */
export const COMPARED_Y = /^i(?:er|est)$/;

/** What is done, and who does it. */
export const DEED = /^([a-z]{3,})ing$/;
export const WHO_DOES = /^([a-z]{3,})(?:ers?|ists?)$/;

export const ASKS_MONEY = /\b(?:how much|costs?|prices?|charges?|fees?|the least|expensive|pay for)\b/i;

/** A line that speaks of money at all. */
export const SPEAKS_OF_SUMS =
  /[$€£]\s?\d|\b(?:pay|pays|paid|paying|price|prices|priced|cost|costs|cheap\w*|discount\w*|reduc\w*|concession\w*|half|free|percent|per cent|less|off|charge[ds]?|fees?|refund\w*|money|voucher\w*|vouchers|packages?|dollars?|euros?|pounds?|rate|rates|deal|deals|offer|offers|loyalty|card|cards|bundle|course)\b|%/i;

/** A line that speaks of paying less. */
export const OF_LESS_MONEY =
  /[$€£]\s?\d|\b(?:cheap\w*|discount\w*|reduc\w*|concession\w*|half|free|percent|per cent|less|off|refund\w*|voucher\w*|packages?|dollars?|euros?|pounds?|rates?|deals?|offers?|loyalty|(?:stamp|student|gold|senior|concession|points|member\w*) cards?|bundle|course|pass(?:es)?|saves?|same price|full price|extra)\b|%/i;

/** What a limit of the house is on, where it is what is taken off a price. */
export const OFF_THE_PRICE = /\b(?:discounts?|reductions?|prices?)\b/i;

/** What it is that is had for the money: "and what do I get for that". */
export const WHAT_ONE_GETS = /\bwhat (?:do|would|will|does|can) (?:i|we|you|one|he|she|they) get\b/i;

/** What a question asks for: a sum, who, where, when, how long or many, from what age, yes or no, what then, what. */
export const KINDS_OF_QUESTION: readonly RegExp[] = [
  /\bhow much\b|\bcosts?\b|\bprices?\b|\bcharged?\b|\bfees?\b|\bexpensive\b|\bpay\b/i,
  /\bwho\b|\bwhich of\b|\b(?:any|some)(?:one|body)\b/i,
  /\bwhere\b|\bwhich (?:way|door|bus|road|street|train)\b/i,
  /\bwhen\b|\bwhat time\b|\bhow (?:early|soon|late|far (?:ahead|in advance))\b/i,
  /\bhow (?:long|many|often)\b/i,
  /\byears? old\b|\baged?\b|\bold enough\b|\bhow (?:old|young)\b|\b(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|\d+)[- ]year/i,
  /^\W*(?:(?:and|so|but|ok|okay|hi|hello)\W+)*(?:can|could|do|does|is|are|will|would|may|must|should|shall|am|did|have|has)\b/i,
  /\bwhat (?:if|happens?)\b|^if\b/i,
  /\bwhat\b/i,
];

/** What a line holds: a sum, a number, a yes, a no or a rule, an age, a length of time. */
export const KINDS_OF_LINE: readonly RegExp[] = [
  /[$€£]\s?\d|\bR\s?\d|\b(?:dollars|pounds|euros|rand|cents|free|charged?|costs?|half)\b/i,
  /\d|\b(?:two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|sixteen|twenty|thirty|forty|fifty|sixty|hundred)\b/i,
  /^(?:yes|of course|sure|certainly|gladly)\b/i,
  /^(?:no|not|only|never|sorry|please)\b/i,
  /\b(?:years?|old|age|sixteen|fourteen|twelve|eighteen)\b/i,
  /\b(?:minutes?|hours?|days?|weeks?|months?)\b/i,
];

export const SUM = /[$€£]\s?\d|\bR\s?\d|\d+ ?(?:dollars|euros|pounds|rand)\b/;

/** Between two lengths in a description. */
export const BETWEEN_LENGTHS = /[,;.:]| and (?!a half)/;

/** Whether somebody else does it too. */
export const ONLY_ONE = /\bthe only (?:one|person) (?:who|that) (?:does|gives|teaches|can do|takes|has)\b/i;

/** What comes of something is asked: "what do you do when …", "what if". */
export const WHAT_COMES_OF_IT = /\bwhat (?:if|happens|do you do|about|would (?:you|happen))\b/;

/** Whether something is paid for besides. */
export const PAID_BESIDES =
  /\b(?:pay|pays|paying|charge|charges|charged|costs?) (?:me |you |us )?(?:any(?:thing)? )?(?:extra|more|besides|on top|separately)\b|\b(?:extra|additional) (?:charge|cost|fee)s?\b|\b(?:is|are) (?:the |it |that |[a-z]+ )?(?:included|extra|on top)\b/;

/** How long something is to be waited for, or left off: of no visit's length. */
export const HOW_LONG_TO_WAIT =
  /\bhow (?:long|soon|many (?:hours|days|weeks))\b[^.?!]*\b(?:wait|hold off|avoid|stay (?:off|away|out)|keep (?:off|away|it|them|my)|leave (?:it|them)|give up|not (?:eat|drink|smoke|wash|swim)|without|before (?:i|we|he|she) (?:can|may|could)|until (?:i|we|he|she) (?:can|may|could))\b/;

/** Whether something else of the house's has to come before: "do I need to be seen first", "must she have a test before she can have it". */
export const ASKS_WHAT_IS_FIRST =
  /\b(?:(?:do|does|would|will|should|must) (?:i|we|he|she|they|(?:my|our) [a-z]+) (?:first )?(?:need|have|has|get|see|be|want)\b|does <service> (?:need|require))[^.?!]*(?:\b(?:seen|see (?:an?|the|somebody|someone|anyone|one of|<staff>)|assess\w*|consult\w*|checked|tested|looked at|examined|(?:an?|the|my) (?:first |check-?up |new )?(?:visit|check-?up|appointment))| <service>(?! (?:my|his|her|our|their|it|them)\b))[^.?!]*\b(?:(?<!\bthe )first|beforehand|before (?:(?:i|we|he|she|they) (?:can |could |may )?(?:have|get|book|do|start)|that|it|having|getting|booking|starting|an?|the)|before <service>)(?=[ ,.?!]|$)/;

/** Somebody outside the house has to send them. */
export const OF_A_REFERRAL = /\b(?:referr\w*|referral|doctor|gp|physician|prescription|note from)\b/;

/** Whether it makes a difference whom one sees. */
export const DOES_IT_MATTER_WHO =
  /\b(?:does|do|would|will) it (?:really |actually |even )?(?:matter|make (?:a|any) difference) (?:who|whom|which (?:one|person|of (?:them|you)|[a-z]+))\b/;

/** Who of the house's people is at work, on a day that is named. */
export const WHO_IS_IN =
  /\bwho(?:'s|'ll be| is| are| will be| all is| else is| do you have| have you got)?(?: all)? (?:on|in|working|there|around|about|here|available|at work|on duty|at the desk)\b/;

/** Somebody is not able to come to what they have. */
export const IS_NOT_ABLE_TO_COME = /\b(?:can't|cannot|can not|couldn't|not able to|unable to) (?:come|make it|be there|attend|keep it)\b/;
