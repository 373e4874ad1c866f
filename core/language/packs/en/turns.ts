/** Plain signs by which something else is meant than the example sentences hold likeliest, in what was said with finds put aside. */

/** What stands is to be called off: "call it off". */
export const CALL_IT_OFF =
  /\b(?:call|calling) (?:it|that|this|them|everything|all of it|the whole thing|(?:my|our|the|<day>'s) (?:<service>|appointment|visit|booking|lesson|session|class)|<day>'s) off\b/;

/** Words that lead into a question and say nothing of it. */
export const LEADS_IN =
  /^\W*(?:(?:ok(?:ay)?|right|alright|all right|great|good|fine|cool|lovely|perfect|so|well|oh|ah|hm+)[\s,]+)+(?=(?:when|what|how|who|where|which|can|could|do|does|is|are|will|would|may|should)\b)/;

/** Fragments that say only when, to the end of what is said. */
const ONLY_WHEN = String.raw`(?:(?:maybe|perhaps|how about|what about|then|so|and|but|is|are|was|there|any|anything|other|next|available|the|a|on|at|in|or|for|from|please|possible|instead|if|you|have|it|ok|okay|do|fine|slot|one|free|that|would|could|be|suit|me|us|my|our)\b|<\w+>|[\s,?'-])*<(?:day|time)>(?:(?:on|at|in|or|and|to|please|possible|instead|if|okay|ok|fine|then|the|a|for|my|our|slot|one|is|available|free|that|would|be|good|better|great)\b|<\w+>|[\s,?'-])*[.!]?$`;

/** What they have they cannot keep, and after it nothing but when: "I can't make it on Thursday. Monday at ten?" */
export const CANNOT_THEN = new RegExp(
  String.raw`(?:\b(?:can'?t|cannot|can not|won'?t(?: be able to)?|unable to|not able to|not going to)(?: \w+){0,2} (?:make it|come|attend|be there|reach|get there|get to you|get (?:away|off|out)(?: (?:from|of))?(?: work)?|leave work|keep)\b[^.;?!]{0,24}|\bsomething(?:'s| has| is)(?: just)? (?:come|came|coming) up\b[^.;?!<]{0,12}|\b(?:rostered|on (?:shift|duty|call|nights)|working|abroad|away|travelling|traveling|out of town|tied up|at work|in hospital)\b[^.;?!<]{0,12})<(?:day|time)>(?: <time>)?(?: at all| any ?more| after all| now)?\s*[,.;!-]+\s*(?:${ONLY_WHEN}|(?:and |so |but )?(?:the )?(?:next available|earliest|soonest|next one|another (?:day|time|date|slot)|any other (?:day|time|date|slot)|anything else|something else)\b[^.<]{0,30}$|(?:and |so |but )?(?:can|could|may|might|would) (?:the|my|our|it|that|this|we|i)\b[^.?!<]{0,30}<(?:day|time)>)`,
);

/** Something of theirs is on a day, and after it nothing but when else: "I have an exam on Friday. Is Thursday at two free?" Only of who says who they are. */
export const BUSY_THEN = new RegExp(
  String.raw`\b(?:i'm|i am|i'll be|i will be|we're|we are|we'll be|i have|i've(?: got)?|we have|we've(?: got)?|i must|there's|there is|my [a-z]+ (?:is|has|needs))\b[^.;?!<]{0,40}<day>(?: <time>)?\s*[,.;!-]+\s*${ONLY_WHEN}`,
);

/** How long it takes is to be otherwise: "cut the lesson down to an hour", "make the lesson an hour". */
export const ANOTHER_LENGTH =
  /\b(?:cut|shorten|trim|reduce|bring|drop|extend|stretch|lengthen|change)\b[^.?!]*(?:<day>'s|my|our|the) <service>[^.?!]*?\b(?:down |up |back )?(?:to|into) (?:only |just |be )?<length>|\bmake (?:my|our|the|<day>'s) <service>(?: <day>)? (?:only |just )?<length>/;

/** What was theirs has been put to another time, and not by them. */
export const WAS_MOVED =
  /(?:<service>|\b(?:appointment|visit|lesson|session|class|interview|exam|meeting|flight))(?: was| were| got| has been|'s been| is)(?: just)?(?: been)? (?:postponed|rescheduled|moved|put off|delayed|brought forward)\b/;

/** Something of theirs is to be on another day or hour: "let the lesson be on Friday". */
export const LET_IT_BE =
  /\blet(?: us|'s| me) (?:do|have|make|put|hold|take) (?:my|our) (?:<service>|appointment|visit|booking|lesson|session|class)[^.?!]*<day>|\blet (?:(?:my|our|the) )?(?:<service>|appointment|visit|it|that) be (?:on |at |for )?<(?:day|time)>/;

/** Who comes late, and what is to begin later for it. */
export const LATE_SO =
  /\b(?:late|delayed|held up)\b[^.?!]*<day>[^.?!]*[,.;!] ?(?:so |and )?(?:can|could|may|might) (?:it|that|we|i|my <service>) (?:start|begin|come|be)\b[^.?!]*<time>/;

/** Nobody need trouble about it any more: "don't bother about the lesson". */
export const DO_NOT_BOTHER =
  /\b(?:don't|do not|no need to|needn't) (?:bother|worry)(?: any ?more)? (?:about|with) (?:my |our |the |that )?(?:<day>'s )?(?:<service>|appointment|visit|booking|lesson|session|class)|\b(?:never ?mind|forget) about (?:my|our|the|that) (?:<service>|appointment|visit|booking|lesson|session|class) <day>/;

/** One hour or day, and not another: "make it half past nine, not nine". */
export const MAKE_IT_NOT = /\bmake it <(day|time)>,? (?:and )?(?:not )?<\1>/;

/** An earlier hour is wished for what stands: "could you squeeze me in sooner". */
export const SQUEEZE_IN_SOONER = /\b(?:squeeze|fit|get|put|slot|book) (?:me|us|him|her|them) in (?:any |a bit |a little )?(?:sooner|earlier)\b(?! than)/;

/** One of those that were told of is not needed: "the first one I don't need". */
export const ONE_NOT_NEEDED =
  /^\W*(?:(?:ok|okay|so|well|and|then|right|yes|great|thanks|actually)\W+)*(?:the (?:first|second|third|last|other|later|earlier|<service>|<day>)(?: one)?|that one|the one <day>) (?:(?:that )?(?:i|we) (?:don't|do not|won't|no longer) (?:really )?(?:need|want)(?: any ?more)?|can go|isn't needed|is not needed(?: any ?more)?|has to go)\b/;

/** What is theirs they cannot keep, and when else it might be is asked: "we can't make his adjustment, anything on Monday". */
export const CANNOT_MAKE_THEIRS =
  /\b(?:can'?t|cannot|can not|won'?t(?: be able to)?|unable to|not able to|not going to) (?:make|keep|do|manage|get to|come to) (?:my|our|his|her|their|the) (?:next |own )?(?:<service>|appointment|visit|booking|lesson|session|class)[^?!]{0,40}?\b(?:any ?thing|something|any|could|can|may|might|is there|are there|how about|what about|maybe|perhaps|have you|do you have|rather)\b[^?!]*<(?:day|time)>/;

/** What they have is told without being sure of it, and when it is is asked. */
export const THINK_I_HAVE =
  /\b(?:i|we)(?:'ve| have)(?: got)? an? (?:appointment|booking|visit|session|lesson|<service>)(?: <day>)?,? (?:i|we) (?:think|believe|guess)\b[^.]*(?:[,.;]\s*(?:and |but )?)(?:is|was|who|when|what|which|can you)\b|\b(?:i|we) (?:think|believe|guess|thought)(?: that)? (?:i|we)(?:'ve| have| had)(?: got)? (?:something|an? (?:appointment|booking|visit|slot|session|lesson|<service>)|<service>)(?=\W)[^?]*\b(?:what time|when|which day|what day|am i right|is that right|what (?:was|is) it)\b/;

/** They have something on a day, and sooner would be better: "I'm booked on the 9th, have you got anything sooner". */
export const BOOKED_AND_SOONER =
  /\b(?:i'm|we're|i am|we are|i've|we've|i have|we have)(?: got)?(?: already)? (?:booked|down|in|scheduled|coming|something|one|an? (?:appointment|booking|visit))(?: in)?(?: (?:for|on))* ?<day>[^<]*\b(?:anything|something|any|an?|come|be seen|get in) ?(?:spot |slot |time |opening |appointment )?(?:sooner|earlier)\b/;

/** "A new time for Thursday's". */
export const NEW_TIME_FOR = /\b(?:another|different|new|other) (?:time|day|date|slot)s? (?:for )?<day>'s\b/;

/** "Can you bring me forward". */
export const BRING_ME_FORWARD = /\b(?:bring|pull|move|put) (?:me|us|him|her|them) (?:forward|up)(?! (?:on|to the front|for)\b)/;

/** Whether they stand in the book: "have you me down for Thursday". */
export const HAVE_ME_DOWN =
  /\b(?:have|do|'ve) (?:you|ye)(?: (?:got|have))?(?: still)? (?:me|us|him|her) (?:down|in the (?:book|diary)|on the (?:list|books?)|pencilled in)\b/;

/** What somebody has, as they know it, and whether it is so. */
export const BOOKED_IS_RIGHT =
  /\b(?:i'm|i am|we're|we are|he's|she's|i have|i've(?: got)?|we've(?: got)?|my <service> is|my (?:appointment|visit|lesson|session) is) (?:down |booked(?: in)? |in |due |coming |a <service> |an? (?:appointment|visit|lesson|session) )*(?:(?:with|for|on|at) )*<(?:day|time|staff|service)>[^.?!]*(?:[,.?!]|\b(?:and|but)\b)\s*(?:is (?:that|it|this) (?:right|correct|so|still (?:right|on))|(?:isn't|is) (?:it|that)|am i right|(?:that's |is it )?(?:right|correct|yes|no|yeah))\W*$/;

/** What they believe to be theirs is told, and whether it is so is asked: "I'm seeing Maren on Friday, is that right". */
export const PLAN_IS_RIGHT =
  /\b(?:i've|i have|i'm|i am|we've|we have|we're|we are)(?: got)? (?:to (?:see|be|come|meet)|supposed to|seeing|in|with|due|down|booked|coming)\b[^?]*<(?:day|time)>[^?]*\b(?:is (?:that|this) (?:right|correct|still on|so)|am i right|isn't (?:it|that)|aren't (?:i|we)|haven't (?:i|we)|right)\s*\?/;

/** "Take out Saturday". */
export const TAKE_OUT_THE_DAY = /\btake (?:out <day>|<day> out)(?! for (?:lunch|dinner|a)\b)/;

/** A bill is wrong: "you charged me twice". */
export const BILLED_WRONGLY =
  /\b(?:billed|charged|invoiced|debited) (?:me|us|my card|our card) (?:twice|double|too much|three times|again|the wrong|wrong(?:ly)?|extra|for (?:two|something|an? [a-z]+ i (?:didn't|never)))/;

/** What a change of a visit costs is asked, and nothing is changed: "is there a charge when I move it". */
export const FEE_FOR_A_CHANGE =
  /\b(?:is|are|will|would|do|does|am|what|how much|any|have to|what's)\b[^.?!]{0,24}\b(?:charges?|charged|fees?|pay|costs?|penalty|penalties|fined?)\b[^.?!<]{0,16}\b(?:when|if|for|to|by)\b[^.?!<]{0,16}\b(?:moving|move|cancel|cancell?ing|chang(?:e|ing)|re-?schedul(?:e|ing)|shift(?:ing)?|swap(?:ping)?|call(?:ing)? (?:it |this |that )?off)\b|\b(?:cancel|move|change|reschedule|call (?:it )?off)\b[^.?!]{0,40}\bwithout (?:paying|being charged|a (?:fee|charge|penalty)|it costing|having to pay)\b/;

/** Who is to do it is asked for: "could a man teach us to waltz". */
export const COULD_SOMEBODY =
  /^\W*(?:(?:hi|hello|hey|please|and|so)\W+)*(?:can|could|would) (?:an? )?(?:man|woman|lady|gentleman|one of you|somebody|someone|anybody|anyone|<staff>) (?:please )?(?:teach|see|treat|fit|wax|thread|train|coach|adjust|massage) (?:me|us|my|our|<places>|him|her|them)(?=\W)/;

/** What they have done, or have booked, is to be undone. */
export const UNDO_MINE = /\bundo (?:my|our|the|that|this) (?:<service>|booking|appointment|visit|session|lesson)\b/;

/** Off the book with what was spoken of: "take it off". */
export const TAKE_IT_OFF =
  /\b(?:take|strike|knock|cross) (?:it|that|this|that one|me|us|mine|<service>) (?:off|out)(?=\W*$|[,.;!]| (?:the|your) (?:list|books?|calendar|diary|schedule|system)\b| (?:please|then|again)\b)/;

/** Whether there is any room: "any hope of a massage today". */
export const ANY_HOPE = /^\W*(?:(?:hi|hello|hey|so|and|is there|have i)\W+)*any (?:hope|luck|joy|possibility) (?:of|for|on|with)\b/;

/** What they have is asked for: "have I got two things on this week". */
export const ANYTHING_ON =
  /\b(?:have|do) (?:i|we)(?: got| have)? (?:anything|something|one|(?:two|three|any|one|several) (?:things?|appointments?|visits?|bookings?|lessons?|sessions?))(?: booked| on| down| in the (?:diary|book))+\b/;

/** Words of money for what something costs. */
export const COSTS_DEARLY =
  /\b(?:hole in (?:my|our) (?:wallet|pocket|purse)|(?:out of|on) (?:my|our) (?:pocket|wallet|purse)|break the bank|(?:a|an) (?:bomb|fortune|arm and a leg|packet)|set (?:me|us) back|dearer|pricier|pricey)\b/;

/** Whether one of theirs must come along. */
export const MUST_THEY_COME =
  /\b(?:does|do|must|should) (?:my|our) (?!(?:own|next|last|visit|appointment|booking)\b)[a-z]+ (?:have to |need to |got to )?(?:come|be there|wait|sign|stay)(?: in| along| too| as well| with (?:me|us|him|her))*(?=\W*$|[,.;!?])/;

/** Something else than what they have is asked for, since it cannot be: "what else is there besides the 9th, we can't make it". */
export const WHAT_ELSE_BUT = /\bwhat else\b[^.?!]*\b(?:besides|apart from|other than|instead of|than) <day>[^?!]*\b(?:can't|cannot|can not|won't|couldn't)\b/;

/** A service is named with the days on which it may be: "acupuncture this week, but not today". */
export const SERVICE_ON_DAYS = /^\W*(?:(?:hi|hello|hey|please)\W+)*(?:an? |some )?<service>(?: with <staff>)?,? <day>,? (?:but |just |only )?(?:not|except)\b/;

/** Of several the one that costs less is wished for then: "whichever massage is cheaper, on Wednesday at ten". */
export const WHICHEVER_COSTS_LESS =
  /^\W*(?:(?:hi|hello|please|can i (?:have|get|book)|i'd like|i'll (?:have|take))\W+)*whichever\b[^?]*\b(?:cheap|less)[^?]*<(?:day|time)>/;

/** Something is to be learnt or practised: no visit that there is is called off. */
export const NEEDS_TO =
  /\b(?:i|we)(?:'d| would)? (?:need|want|like|have)(?: to|) (?:learn|practi[cs]e|start|try|get (?:ready|better|going)|work on|brush up)\b/;

/** Who needs one of these speaks of a visit: "I need to start later", "I need another". */
export const NEEDS_A_VISIT = /\b(?:another|other|different|instead|later|sooner|appointment|booking|visit|session)\b/;

/** What was charged is looked into, and nothing is seen to on a visit. */
export const OF_A_BILL = /\b(?:bill|invoice|charged?|receipt|statement|overcharged|payment|refund)\b/;

/** Which of two it was is asked: "was it two or half past". */
export const WAS_IT_THEN = /^\W*(?:(?:hi|hello|ok|okay|so|and|sorry|wait|um+)\W+)*(?:was|is) it (?:for |at |on )?<(?:time|day)>(?: <(?:time|day)>)?\W*$/;

/** A thing that somebody left behind: "my son left his jacket in the waiting room". */
export const LEFT_BEHIND =
  /\b(?:i|we|he|she|they|(?:my|our) [a-z]+)(?:'ve| have|'s| has| think i| must have| may have| might have)? (?:left|forgot|forgotten) (?:my|his|her|our|their|an?|the) (?!(?:time|date|day|name|address|number|price|appointment|booking|code|password|job|house|country)\b)[a-z]+(?: [a-z]+)? (?:at|in|on|behind|there|with|by)\b/;

/** … and that they were here: "my dad was in on Friday and forgot his glasses". */
export const LEFT_AFTER_A_VISIT =
  /\b(?:was|were|came|been|went|had|saw|visited)\b[^.?!]*(?:\band|\bbut|,) (?:(?:i|we|he|she|they|i think (?:i|we|he|she|they))(?:'ve| have|'s| has| must have| may have| might have)? )?(?:left|forgot|forgotten|lost|dropped) (?:my|his|her|our|their|an?|the|some) (?!(?:time|date|day|name|address|number|price|appointment|booking|code|password|job|house|country|weight)\b)(?:<service>|[a-z]+)(?: [a-z]+)?(?: (?:at|in|on|behind|there|with|by|somewhere)\b.*)?\W*$/;

/** They have something, and do not know when or what: "I've got a massage tomorrow or Wednesday, can't remember". */
export const HAS_AND_FORGOT =
  /\b(?:i|we)(?:'ve| have)(?: got)? (?:an? |my |our |the |some )?(?:<service>|<length>|appointment|booking|visit|session|lesson|class|something)(?: booked| with you| there)?(?: (?:on |for )?<day>)?(?: or <day>)?[^.?!]*(?:\b(?:can't|cannot|couldn't|don't|do not) (?:for the life of me )?(?:remember|recall)\b(?! (?:if|whether|what (?:i|we|to)\b|how|where|to\b))|\b(?:i |we )?(?:forgot|have forgotten|'ve forgotten|forget)\b|\bnot sure (?:which|what|when)\b|\b(?:don't|do not) know (?:which|what|when)\b)/;

/** They have something, and wonder what it asks of them: "I have a massage on Friday and can't remember if I need a towel". */
export const HAS_AND_WONDERS =
  /\b(?:i|we)(?:'ve| have|'m| am|'re| are)(?: got)? (?:an? |my |our |the |booked (?:in )?for (?:an? )?|down for (?:an? )?)(?:<service>|appointment|booking|visit|session|lesson|class)(?!\w)[^.?!]*\b(?:can't (?:remember|recall)|don't (?:remember|recall|know)|forgot|forget|wonder(?:ing)?|not sure|wasn't sure) (?:if|whether|what|how|where) (?:i|we|it|to) ?(?:need|have|should|must|can|may|am|are|ought|wear|bring|eat|drink|come|get|park)\b|\b(?:i|we)(?:'ve| have)?(?: got| already)? (?:booked|made|have|got|'ve got) (?:(?:an?|my|our|one)(?: [a-z]+)? (?:<service>|appointment|booking|visit|session|lesson|class|slot)(?!\w)|something (?:booked|with you|in with you|for <day>|<day>))[^.?!]*\b(?:should|shall|may|must|can) (?:i|we) (?:still|even|just) (?:come|go ahead|turn up|do it|keep it|be there)\b/;

/** Somebody asks whether they may come as they are: "can I come in without an appointment". */
export const WITHOUT_BOOKING =
  /\b(?:without|with no) (?:an? |any |having an? )?(?:appointment|appt|booking|reservation|booking first)\b|\bwithout booking\b|\b(?:just |simply )(?:walk|pop|drop|turn|show) (?:in|up|by)\b/;

/** A price that somebody was told: "your colleague said it would be 80 for the assessment". */
export const TOLD_A_PRICE =
  /\b(?:told|quoted|promised|said|says)\b[^.?!]{0,40}?\b(?:it'd be|it would be|it was|it is|it's|it'll be|costs?|would cost|charged?|pay) (?:only |just |about |around |no more than )?[$£€]?\s?\d{2,5}(?:\.\d\d)?\b(?! ?(?:minutes?|mins?|hours?|people|places|am|pm|o'clock|%|percent))/;

/** How much of a medicine somebody may take. */
export const HOW_MANY_TO_TAKE =
  /\bhow (?:many|much) (?:painkillers?|pain pills?|tablets?|pills?|capsules?|drops|doses?|milligrams?|mgs?|aspirins?|paracetamol|acetaminophen|ibuprofen|tylenol|advil|panadol|nurofen|[a-z]+(?:profen|cillin|zepam|codone)) (?:can|should|may|could|must|do) (?:i|he|she|we|they|(?:my|our) [a-z]+) (?:have|take|swallow|use|give)\b/;

/** A price is asked for in the money of a country. */
export const HOW_MANY_OF_MONEY =
  /\bhow many (?:dollars|bucks|pounds|quid|euros?|kwacha|shillings|rands?|naira|cedis?|pesos|rupees|ringgit|francs|crowns|kronor|kroner|yen|birr|pula|dirhams)\b/;

/** Somebody is taken off a day: "take Mei Lin off Wednesday". */
export const OFF_THE_DAY = /\btake (?:me|us|him|her|them|my [a-z]+|<name>|[a-z]+(?: [a-z]+){0,2}) off (?:the list (?:for |on )?|the books (?:for |on )?)?<day>/;

/** A call is to be handed over. */
export const PUT_THROUGH =
  /\bput (?:me|us) (?:on to|onto|on with|through to|through|on)\b(?! the (?:list|waiting))|\bput (?:him|her|them|<staff>) on(?=\W*$|[,.;!?]| (?:the (?:phone|line)|please|for me|would you|will you)\b)/;

/** What they have is asked for: "was my booking for ten or eleven". */
export const WAS_MINE_FOR =
  /\b(?:was|is) (?:my|our) (?:booking|appointment|visit|slot|session|lesson|<service>)(?: set| booked| down)? (?:for|at|on) [^.?!]*(?:<time>|\bor\b)|\bdid (?:my|our) (?:booking|appointment|visit|<service>) (?:get|go) (?:booked|through|made|confirmed)\b|\b(?:when|where) did (?:i|we) (?:book|make|put)\b/;

/** What ails somebody else, by their name, is asked. */
export const WHAT_AILS_THEM = /\bwhat(?:'s| is) (?:wrong|the matter|up|going on) with <name>|\b(?:tell me|know|say|check|confirm) (?:if|whether|that) <name>/;

/** A visit of somebody who is called by a word, asked about: "is Luc's massage an hour". */
export const SOMEBODYS_VISIT =
  /\b(?:is|was|are|were|when(?:'s| is| was)|what(?:'s| is| was)|how long(?:'s| is| was)) ([a-z]+)'s (?:next )?(?:<service>|appointment|visit|booking|session|lesson)/g;

/** What somebody did, asked about: "can you tell me if Ada Obi came". */
export const WHETHER_THEY = /\b(?:tell me|know|say|check|confirm) (?:if|whether|that) ([a-z]+) [a-z]+ [a-z]/g;

/** What is named with its day is to be at another: "the lesson on Friday: is Monday okay instead". */
export const THAT_INSTEAD =
  /<service>(?: with <staff>)?(?: <day>)(?: <time>)?[^.?!<]{0,12}[,:;.?-] ?(?:is|would|could|can|may|might)\b[^.?!]*<(?:day|time)>[^.?!]*\binstead\b(?! of)/;

/** Nobody need come any more. */
export const NO_NEED =
  /\b(?:no (?:need|point|reason)(?: for (?:me|us|him|her|them))?(?: any ?more| now)? (?:to (?:come|keep|see|attend)|coming|keeping|in (?:coming|keeping))|(?:needn't|don't need to|do not need to|don't have to|won't need to) (?:come|be seen|keep)\b(?: any ?more)?|so no more (?:<service>|[a-z]+)(?: for (?:me|us|him|her))?(?= ?(?:<day>|$|[,.;!])))(?! (?:back|again|with|in)\b)/;

/** What stands is to be forgotten: "forget Thursday's lesson", "take the massage off". */
export const FORGET_IT =
  /(?:(?:^|[,.;!?-] ?|\b(?:please|just|so|let's|to|can you|could you|would you|and) )(?:forget|skip|scrap|ditch|bin)(?: about)? (?:my |our |the |that |this )?(?:<day>(?:'s)?(?: (?:<service>|appointment|visit|one|session|lesson|booking))?|<service>|appointment|visit|session|lesson|booking)(?= ?(?:$|[,.;!?]|please|on|with|at|for|then|<)))|\b(?:take|get) (?:my |our |the )?(?:<service>|appointment|visit|session|lesson|booking)(?: <day>)? (?:off|out)\b(?! (?:of|on)\b)/;

/** "Which of the two is it with": one or the other of the house. */
export const ONE_OR_OTHER = /^\W*(?:and |so )?(?:is|will) it (?:be )?<staff> or <staff>(?!.*\b(?:i|i'm|me|my|mine|we|we're|our)\b)/;

/** What has been booked is told, and nothing new is wished for: "I booked a lesson and now I've a cold". */
export const TOLD_BOOKED =
  /^\W*(?:(?:hi|hello|hey|so|and|well|look|sorry|but|<name>|<phone>|<email>)\W+)*(?:i|we|she|he|they|my [a-z]+)(?:'ve| have|'s| has|'d| had)?(?: just| already| only)? (?:booked|scheduled|reserved)\b(?! (?:nothing|another|again)\b)(?!.*\b(?:another|one more|as well|too|instead|also)\b)/;

/** Somebody of theirs is to come at that time: "can my brother come at the same time". */
export const COMES_THEN_TOO =
  /^\W*(?:and )?(?:can|could|may|might) (?:my|our) [a-z]+ (?:also )?(?:come|be seen|have one)(?: too| as well| along)? <(?:day|time)>\W*$/;

/** One more beside what was booked: "I booked a lesson but I want another on Monday". */
export const ONE_MORE_BESIDE = /\bbooked\b[^.?!]*\b(?:want|need|like|love|have|book|get) (?:another|a second|one more)\b(?! (?:day|time|date|slot|hour)\b)/;

/** Those at the house, as they are spoken to. */
export const YOU_ALL = /\byou (?:people|lot|all|folks)\b/g;

/** "Cancel that one": what was spoken of before. */
export const CALLS_THAT_OFF = /\b(?:cancel|scrap|drop|call off) (?:it|that|this|that one|this one|mine)\b/;

/** "Don't forget my appointment": it is to stand. */
export const DO_NOT_FORGET = /\b(?:don't|do not|never|won't you) forget\b/;

/** What a length costs: "what's an hour with her". */
export const WHAT_IS_A_LENGTH = /\bwhat(?:'s| is| are| would be) (?:the |a |an )?<length>(?: (?:with|of|for|at)\b|\W*$)/;

/** What one place costs: "what's a ticket for the evening". */
export const WHAT_IS_A_TICKET =
  /\bwhat(?:'s| is| are| would be) (?:the |a |an |one )?(?:ticket|seat|place|spot|session|fee)s? (?:for|in|at|to) (?:the |your |a |one )?<service>/;

/** Who else pays: "does my plan cover it". */
export const COVERED =
  /\b(?:does|do|will|would|is|are) (?:my|our|the|his|her) (?:[a-z]+ ){1,4}(?:cover|pay for|pay|reimburse|contribute)\b|\b(?:is|are) (?:it|this|that|<service>) covered\b/;

/** Whether there is such a thing: "have you any suits". */
export const HAVE_YOU = /^\W*(?:(?:and|hi|hello)\W+)*have you(?: got)?(?: any| also)? <service>(?! (?:free|left|available|open)\b)/;

/** Something else than a visit of theirs is cancelled: "the train's cancelled". */
export const CANCELLED_ELSEWHERE =
  /\b(?:the|my|our|his|her|their) (?!appointments?\b|visits?\b|bookings?\b|sessions?\b|lessons?\b|class(?:es)?\b|reservation\b|slot\b|one\b)(?:[a-z]+ )?[a-z]+(?:'s| is| was| are| were| got| has been| have been)(?: just| all)?(?: been)? cancell?ed\b/g;

/** What was theirs is cancelled, and not by them. */
export const WAS_CANCELLED =
  /\b(?:my|our|the|<day>'s) (?:<service>|class|lesson|appointment|visit|session|booking)(?: <day>)?(?: was| were| got| has been|'s been)(?: just| already)?(?: been)? cancell?ed\b|\b(?:is|was|are|were|has|have) (?:my|our|the|<day>'s) (?:<service>|class|lesson|appointment|visit|session|booking)(?: <day>)?(?: been)? cancell?ed\b/;

/** Some other time is asked for. */
export const OTHER_DAY =
  /\b(?:another|other|different|new|next) (?:day|time|date|slot|one|class|lesson|session)\b|\b(?:can|could|may|when) (?:i|we)\b|\b(?:re-?book|reschedule|instead)\b/;

/** What comes of not coming. */
export const IF_OFF =
  /\b(?:what|how)\b[^.?!]*\bif (?:i|we|he|she|they)(?:'d| would)?(?: (?:have|had|need|want|decide|were) to| must| should)? (?:call (?:it|this|that) off|pull out|back out|drop out|bow out|cry off)\b/;

/** Whether one has to book at all. */
export const MUST_ONE_BOOK =
  /(?:\bor |^\W*)(?:do|must|should) (?:i|we|you|people)(?: really| always)?(?: (?:have|need) to)? (?:book|make an appointment|have an appointment)\b(?![^.?!]*<)|\b(?:can|could|may|do|should) (?:i|we|you|one|people)(?: just| simply| also)* (?:take |accept |have )?(?:walk in|walk-?ins?|turn up|show up|rock up)\b(?![^?]*<(?:time|name)>)/;

/** What is only asked about, or thought of. */
export const ONLY_IN_CASE = /\?|\b(?:if|when|whether|in case|what happens|unless|might|should i)\b/;

/** What is asked about, and not asked for. */
export const ONLY_WHAT_IF =
  /\b(?:if|when|whether|in case|what happens|unless|(?:should|must|can|may|could) (?:i|we)|(?:do|would|will) (?:i|we) (?:have|need) to)\b/;

/** Until when something may be called off or changed, and nothing to be done now. */
export const UNTIL_WHEN =
  /\b(?:up to when|until when|till when|how late|how long before|how (?:soon|early) before|by (?:when|what time)|what's the latest|when's the latest|how close to)\b[^.?!]*\b(?:call(?! (?:in|by|round|over|into|you|up)\b)|calling(?! (?:in|by|round|over|you)\b)|cancel|cancelling|move|moving|change|changing|put off|reschedule)\b/;

/** What the body does, or bears. */
const OF_THE_BODY = String.raw`(?:really |even |properly |to |anymore |ever )?(?:eat|drink|tolerate|digest|stomach|sleep|walk|run|stand|sit|kneel|bend|lift|climb|chew|swallow|hear|see|read|focus|concentrate|grip|hold|breathe|relax|have (?:any )?(?:<service>|(?!it\b|my\b|the\b|our\b|that\b)[a-z]+))(?!\w)`;
/** Something that the body cannot do or bear: no visit is called off by it. */
export const BODY_CANNOT = new RegExp(String.raw`\b(?:can'?t|cannot|can not|won'?t|can hardly|can barely) ${OF_THE_BODY}`);
/** … of somebody who is named, and who is not only unwilling. */
export const SOMEBODY_CANNOT = new RegExp(
  String.raw`\b(?:i|we|he|she|they|(?:my|our) [a-z]+) (?:just |simply |still )?(?:can'?t|cannot|can not|can hardly|can barely) ${OF_THE_BODY}`,
);

/** Somebody of the house is to come to them. */
export const SEND_SOMEBODY =
  /\b(?:send|sending) (?:over |round |out |us |me )?(?:<staff>|someone|somebody|a [a-z]+|one of (?:you|your [a-z]+))(?: over| round| out)? (?:to|for|and|over)\b/;

/** The hours at which the house is open, by what they are called. */
export const THE_TIMINGS = /\b(?:timings?|(?:opening|business|office|working|clinic|shop|visiting) hours|hours of (?:work|business|opening))\b/;

/** Whether any places are left. */
export const ANY_LEFT =
  /^\W*(?:(?:and|so|hi|hello|hey|ok)\W+)*(?:any|(?:are|is) there (?:any|still)|have you (?:any|got any)|do you (?:still )?have (?:any|some))(?: more| free| open| other| empty)? (?:seats?|places?|spots?|slots?|room|space|spaces|openings?|availability|gaps?|vacanc(?:y|ies))\b/;

/** Whether anybody is at the house on a day. */
export const IS_ANYBODY_THERE =
  /\b(?:is|will|would) (?:any ?(?:one|body)|some ?(?:one|body))(?: going to)?(?: still)?(?: be)?(?: still)? (?:there|in|around|working|at (?:the|your) [a-z]+)\b(?! (?:who|that|i|to)\b)/;

/** Whether the house reminds its clients. */
export const REMINDS =
  /\b(?:do|does|will|can|could|would) (?:you|someone|somebody|anyone|anybody|they|the [a-z]+)(?: guys| also| please)? (?:remind (?:me|us|people|clients|patients)(?! (?:who|what|when|where|which|how|of|why|that)\b)|send (?:me |us |out )?(?:an? |any )?(?:text |email )?reminders?)\b|\b(?:do|will|would|can|could) (?:i|we) (?:get|receive|have|expect) (?:an? |any )?(?:text |email )?reminders?\b/;

/** What is theirs is to be brought, had or done at another time. */
export const BRING_INSTEAD =
  /<day>'s (?:<\w+>|[a-z]+)[^.?!]*[,:;.?] ?(?:can|could|may|might) (?:i|we|you) (?:bring|have|do|come|get|take|make)\b[^.?!]*<(?:day|time)>[^.?!]*\binstead\b(?! of)/;

/** "Bring it forward", in one word. */
export const PREPONES = /\bprepon(?:e|ed|ing)\b/;

/** What was asked about is wished for on a day or at an hour. */
export const HAVE_IT =
  /^\W*(?:and |also |then )*(?:(?:could|can|may) (?:i|we|he|she) (?:have|get|do|take|book) (?:it|that|one|that one)|(?:could|can) (?:you|somebody|someone|anybody|anyone|they) (?:do|fix|fit|make) (?:it|that|this|one))(?: done)? (?:on |at |for )?<(?:day|time)>/;

/** Another thing in place of what is given up. */
export const DOES_INSTEAD =
  /^\W*(?:and |then )*(?:(?:could|can|may) (?:i|we|he|she) |i'd like to |i would like to |i want to |please )?(?:do|have|take|try|get|book) (?:me |us )?(?:in )?(?:for )?(?:an? |the |some )?(?:<service>|(?!(?:it|that|this|one|another|something|anything|the|someone|somebody|later|earlier|sooner)\b)[a-z]+)(?: [a-z]+)?(?: (?:on|at|for|with|<day>|<time>|<staff>|<length>))* instead\b/;

/** What is theirs is told with its day, and after it nothing but another: "I have the lesson on Saturday. Could we start at eleven". */
export const HAVE_THEN_ASK =
  /\b(?:(?:i|we)(?:'ve| have)(?: got)?(?: booked)? (?:(?:the|my|our) <service>|<staff>)|(?:i'm|i am|we're|we are)(?: in| booked| booked in| down)? (?:with <staff>|for (?:the |my |our )<service>))(?: with <staff>)?(?: (?:on|at|for|this|the))* ?<day>(?: (?:at )?<time>)?\s*[.,;!-]+\s*(?:and |so |but )?(?:could|can|would|may|might|is|are|what about|how about)\b[^.?!]*<(?:day|time)>/;

/** When theirs is does not suit: "Tuesday's lesson is too late for us". */
export const IS_TOO_LATE =
  /(?:\b(?:the|my|our|his|her|their) (?:<service>|appointment|visit|booking)(?: one| class| lesson| visit| appointment)?(?: (?:on |at |for )?(?:<day>|<time>))*|<day>'s (?:<service>|[a-z]+)(?: at <time>)?)(?: is|'s| are| will be| would be)(?: really| just| now)? (?:much |far |a bit |a little |rather |way )?too (?:early|late|soon)(?! to\b)/;

/** What is theirs is to be put off: "the lesson needs to wait a week". */
export const HAS_TO_WAIT =
  /(?:<service>|\b(?:appointment|visit|booking|lesson|session))(?: <day>)? (?:has|have|needs?|will have|must|'ll have)(?: got)? (?:to )?(?:wait|be (?:put off|put back|pushed back|delayed|deferred))\b/;

/** "Before the time we agreed": of one that has been agreed. */
export const AS_AGREED =
  /\b(?:before|after|than|from) (?:the (?:time|hour|day|date) )?(?:that )?(?:we|you|i|they)(?:'d| had| have|'ve)? (?:agreed|arranged|said|booked|planned|fixed|gave (?:me|us)|given (?:me|us)|set|made)\b/;

/** One day is to be forgotten, and another is wished for: "forget Monday, I'd rather come on Wednesday". */
export const RATHER_THEN =
  /[,.;!-]\s*(?:and |but |so )?(?:(?:i'd|i would|we'd|we would) (?:rather|prefer to|like to|sooner)|let me|let us|let's|(?:can|could|may) (?:i|we)|i'll|we'll)(?: instead)? (?:come|do it|have it|be seen|make it|take)\b(?![^.?!]*<service>)[^.?!]*<(?:day|time)>/;

/** Somebody says when they will come: "lovely, I'll join you on Saturday then". */
export const WILL_COME =
  /\b(?:i'll|we'll|i will|we will|i'd|we'd|let me|let us|let's) (?:come|join|take|have|do|try|book|go for)\b(?! (?:back|again|a look|that up|for (?:you|us)))[^.?!]*<(?:day|time)>/;

/** What ails somebody since they were here: "I had the lesson with Lou yesterday and now my knee is worse". */
export const AILS_SINCE_A_VISIT =
  /\b(?:i|we|he|she|my [a-z]+)(?:'ve|'s| have| has)? (?:just )?(?:had|got|did|was|came|saw|been)\b[^.?!]*(?:<service>|<staff>)[^.?!]*(?:<day>|yesterday|earlier|last night|the other day|last week)[^.?!]*[,;.]?\s*(?:and|but|since then|ever since|now)\b[^?!]*\b(?:swollen|swelled|swelling|worse|hot and|itch\w*|rash|hives|numb|bruis\w+|bleed\w*|infected|fever|burn(?:s|t|ed|ing)?|size of|can't (?:move|walk|see|feel|sleep|lift)|throbbing|agony|(?:really|so|very) (?:sore|red|bad|hot|painful))\b(?!.*\b(?:book|another (?:appointment|visit|session|go)|see (?:me|him|her|us) again|(?:can|could) (?:i|he|she|we) (?:come|see)|appointment)\b)/;

/** Whether one has come to the right place: "is this where I come for back trouble". */
export const RIGHT_PLACE =
  /\b(?:is (?:this|that|it)|am i (?:at|in|through to|speaking to)|have i (?:got|reached|come to)|did i reach)(?: still)? (?:the (?:right )?(?:place|clinic|number|people|salon|shop|garage|surgery|office|studio|school|practice|centre|center)\b|where (?:i|we|one|you|people) (?:can |could |would |should )?(?:comes?|go(?:es)?|gets?|see|ask|book|ring|call)\b)/;

/** What the house has free, by words that are said of nothing else. */
export const OF_OUR_ROOM =
  /\b(?:your (?:next )?(?:availabilit(?:y|ies)|openings?|free (?:times|slots))|appointments? (?:free|available|left|open)|available appointments?)\b/;

/** A visit that stands, or may stand, is spoken of. */
export const OF_A_VISIT_THEIRS =
  /\b(?:appointments?|bookings?|booked|visits?|slots?|scheduled|down for|due|when(?:'s| is| am| was| are)|am i|mine|my (?:next )?<service>|what time|which day|reminder|confirm\w*|still)\b/;

/** What is wished for is done on a day: "could you replace my battery on Thursday". */
export const COULD_YOU_THEN =
  /^\W*(?:(?:hi|hello|hey|please|and|so|ok|okay|good morning|morning)\W+)*(?:could|can|would|will) (?:you|someone|somebody|anyone|one of you|<staff>) (?:please )?(?:just )?(?:<service>|[a-z]+ (?:the|my|our) [a-z ]{2,40} (?:on|of|in|from) (?:the|my|our) <service>)[^?]*<(?:day|time)>/;

/** "Should I bring his old reports". */
export const WHETHER_TO_BRING =
  /(?<!\b(?:when|where|how early|how soon|at what age) )\b(?:should|do|shall|must|ought) (?:i|we) (?:to )?(?:have to |need to )?(?:send|bring|take along|email|fetch)\b(?! (?:him|her|them)\b)/;

/** "What else is there for him". */
export const WHAT_ELSE =
  /\bwhat else (?:is there|do (?:you|ye) (?:have|do|offer|teach)|have you(?: got)?|(?:can|could) (?:he|she|i|we|they) (?:do|have|try|join))\b/;

/** "Is a towel something I have to bring", "do I need to bring my own mat". */
export const IS_IT_TO_BE_BROUGHT =
  /\b(?:something|anything|things) (?:i|we|one) (?:have|need|should|ought|am supposed) (?:to )?bring\b|\bdo (?:i|we) (?:have|need) to bring\b/;
/** "What I must bring", in whatever order of words. */
export const WHAT_MUST_BE_BROUGHT =
  /^\W*(?:(?:and|so|ok|okay|but|also)\W+)*what(?: all| else)? (?:i|we|one) (?:must|should|have to|need to|got to|has to|ought to|am supposed to|are supposed to) (?:bring|wear|carry|take along|have with (?:me|us))\b/;

/** Whether something can be done all the same: "can I still float", "could she still have a massage with that". */
export const WHETHER_STILL =
  /\b(?:can|could|may|should) (?:i|we|he|she|they|my [a-z]+) (?:still|even) (?:<service>|(?:have|get|do|take|use) (?:an? |the |my )?<service>[^?.!]*\b(?:with|after|if|when|while|though|now that)\b)(?![^?]*<(?:day|time)>)/;

/** "I could do with my corns seen to". */
export const COULD_DO_WITH =
  /\b(?:i|we|he|she|my [a-z]+) (?:could|can)(?: really)? do with (?!(?:another|a different|a new|a later|an earlier) (?:time|day|date|slot))/;

/** The price of something in words of one's own: "how much for a rose on my arm". */
export const HOW_MUCH_FOR = /\bhow much (?:for|is it for|would (?:it|that) be for|to (?:get|have)|do you (?:want|ask|charge|take) for)\b/;

/** "Any Fridays open with whoever does colour". */
export const ANY_OPEN = /<day> (?:still )?(?:open|free|available) (?:w|with) /;

/** "Will it be ready in time". */
export const WILL_IT_BE_READY = /\bwill (?:it|they|that|mine|my [a-z]+) be (?:done|ready|finished)\b/;

/** Somebody's doctor sends them: "my doctor is telling me to see a dietician". */
export const SENT_BY_DOCTOR =
  /\b(?:doctor|dr|gp|dentist|physician|surgeon|consultant|nurse|midwife|pa?ediatrician|hospital|specialist|optician|optometrist|physio|school|teacher)(?:'s|s)?(?: \w+){0,2}? (?:(?:is |are |keeps |has )?(?:telling|told|tells|says?|said|saying|asked|asking|advised|advising|wants?|recommended|recommends|suggested|suggests)) (?:me|us|him|her|that i|that we|i|we|my [a-z]+)(?: should| must| need| have| ought)?(?: to)? (?:go (?:to|and) )?(?:meet|see|consult|visit|come|get|have|go|do|try|be (?:seen|checked|tested))\b/;

/** "What other times are there on Tuesday". */
export const OTHER_TIMES =
  /\b(?:what|which|any) (?:other|else|more) ?(?:times?|slots?|hours|options?|openings?)\b(?! (?:are|is) (?:you|the (?:shop|clinic|office|place))\b)/;

/** "Who is teaching my course". */
export const WHO_DOES_OURS = /\bwho(?:'s| is| will be|'ll be)? [a-z]+ing (?:my|our) <service>/;

/** What or why something is, is asked. */
export const ASKS_WHAT_OR_WHY = /\b(?:what|why|which)\b/;

/** A word that asks stands in it. */
export const ASKS_SOMETHING = /\b(?:how|what|which|when|where|who|why|whether|if|is|are|do|does|can|could)\b/;

/** Whether an hour can be had: "is ten still open". */
export const IS_THE_HOUR_FREE = /<time>(?: slot| one)?(?: still)? (?:open|free|available|possible|going|taken)\b/;

/** Something of theirs is on a day, and they are not able to do what it is for. */
export const HAVE_CANNOT =
  /\b(?:i've got|we've got|i have|we have|i'm down for|i am down for|i'm booked for) (?:the|my|our|an?) (?:<service>|appointment|lesson|session|visit|class|booking) <day>[^?]*\b(?:can't|cannot|can not|won't be able to|not able to|unable to|not allowed to|mustn't|shouldn't) (?!find|remember|recall|wait|decide|see|understand|believe|tell|say|think)[a-z]+/;

/** What is done in it is asked. */
export const WHAT_IT_INVOLVES =
  /\bwhat(?:'s| is| does| do| would| will)? (?:that|it|this|<service>)(?: actually| normally| usually)? (?:include|involve|entail|consist of)s?\b/;

/** When something is to be ready is asked. */
export const READY_BY = /\b(?:have|get|collect|pick up|take) (?:it|them|those|that|(?:the|my) [a-z]+)(?: back| ready| home)? by <(?:day|time)>/;

/** Somebody does not get about. */
export const CANNOT_GET_OUT =
  /\b(?:can't|cannot|can not|unable to|not able to|no longer able to|struggles? to) (?:really |even )?(?:get (?:out|about|around|up the stairs|upstairs|downstairs)|leave (?:the|her|his|my|their) (?:house|home|bed|flat)|walk|stand|climb|drive|(?:do|manage) (?:the )?stairs)\b/;

/** How long, and nothing besides. */
export const ONLY_HOW_LONG =
  /^\W*(?:(?:and|so|ok|okay|then|but|for)\W+)*(?:for )?how long(?: then| roughly| about)?\W*$|\bhow long (?:will|am|are|would|is|do|does) (?:i|we|he|she|it|they|this)(?: \w+){0,2}? (?:be|stay|take)(?: (?:there|in there|in|with you|for))*\W*$/;

/** What is theirs is to be done by somebody else: "could I get my colour done by Dulcie instead". */
export const MINE_WITH_THEM =
  /\b(?:get|have|do|be|like|want) (?:my|our) (?:<service>|[a-z]+)(?: done)? (?:by|with) <staff>[^.?!]*(?:\b(?:instead|rather)\b|\bnot (?:by |with )?<staff>)(?![^.?!]*\band (?:also )?book\b)/;

/** With whom theirs is on a day, and whom they would rather have. */
export const HAVE_BUT_RATHER_THEM =
  /\b(?:i|we)(?:'ve| have)(?: got)? (?:an?|my|our|the) (?:appointment|booking|visit|session|lesson|<service>) with <staff>[^.?!]*[,.;]\s*(?:and |but |so )?(?:can|could|may|might|would) <staff> (?:do|take|have|see|teach)\b|\b(?:(?:i've|we've|i have|we have)(?: got)?|am i|are we|i'm|we're)\b[^?!]*<day>[^<]*[.?!,;][^<]*\b(?:rather|prefer|like)\b(?: to)? (?:have|see|get|be with|go to|it was|it were) <staff>|<staff>[^?!]*\b(?:my|our) <service>[^<]*[?!.,;][^<]*\b(?:rather|sooner|prefer) (?:to )?(?:have|see|get) (?:her|him)\b/;

/** Whether a service is what somebody needs: "is the taping the right one for me". */
export const RIGHT_THING =
  /\b(?:is|are|would|wouldn't|isn't|will) (?:(?:the|a|an|that|this) )?<service>(?: be| really)* (?:the |a |an )?(?:right|best|good|better|suitable|proper|correct) (?:one|thing|choice|option|idea|fit|place|way|start|for)\b/;

/** Another visit is wished for beside the one that was spoken of: "could we do the fitting right after". */
export const RIGHT_AFTER_IT =
  /\b(?:can|could|may|might) (?:i|we|you) (?:also |just |maybe |then )?(?:do|get|have|fit(?: me| us| in)*|squeeze(?: me| us| in)*|add|book|put(?: me| us| in)*|come for|go for)\b[^.?!]*<service>[^.?!]*\b(?:(?:right|straight|directly|just|immediately) (?:after(?:wards?)?|before(?:hand)?)|afterwards|after that|before that|(?:(?:on|at) the )?same (?:day|go|visit|morning|afternoon|evening))(?=\s*(?:[?.!,]|$|too\b|as well\b|please\b|then\b))/;

/** What is to be done is asked at last: "my hearing aid got lost, what now". */
export const WHAT_NOW = /\bwhat (?:now|then|next)\W*$/;

/** What they booked, and whom they would rather have for it: "I booked cornrows with Ada, but I'd rather have Lindi". */
export const BOOKED_BUT_RATHER =
  /\b(?:i|we)(?:'ve| have|'d| had)?(?: already| just)? (?:booked|scheduled|reserved)\b[^.?!]*(?:<service>|\bappointment|\bvisit|\blesson|\bsession|\bwith\b)[^.?!]*(?:,|\b(?:but|and|though)\b)[^?!]*\b(?:i|we)(?:'d| would)(?: much| really)? (?:rather|prefer|like)\b[^.;?!]*<staff>/;

/** One is wanted of what was spoken of, where nothing is said of one that they have. */
export const WANTS_ONE =
  /(?:^\W*(?:(?:ok(?:ay)?|right|great|good|so|then|well|thanks|thank you|alright|and|but)\W+)*|\bi mean,? |\bbut )(?:i|we)(?:'d| would| do)? (?:do )?(?:want|need|like|take)(?: to (?:have|book|get))? one\b(?! (?:of (?:the|your|my)|that|less|fewer|more|which|cancelled|moved)\b)/;

/** Somebody is to come along to what is named, on a day: "can my husband come to the class with me on Thursday". */
export const COMES_ALONG_THEN =
  /\b(?:can|could|may|might) (?:my|a|our) [a-z]+ (?:also |please )?(?:come|join|go)(?: along)?(?: to| in| for)? (?:the |your |this )?<service>[^.?!]*(?:with me|<places>)[^?]*<(?:day|time)>/;

/** The weather is asked. */
export const THE_WEATHER =
  /\bhow (?:hot|cold|warm|sunny|windy|wet) (?:will|is|does|would) (?:it|the weather)\b[^?]*(?:<day>|<time>|\b(?:outside|today)\b)|\bwhat(?:'s| is| will| does)? the weather\b/;

/** The name of its street is asked. */
export const NAME_OF_THE_STREET = /\b(?:name|number) of (?:your|the) (?:street|road|building)\b|\b(?:what|which) (?:street|road) (?:are you|is it|is that)\b/;

/** Whether one's own may be brought along, and nothing of a day. */
export const MAY_BRING_THEM =
  /^\W*(?:(?:hi|hello|and|so|ok|okay)\W+)*(?:can|could|may|would it be ok(?:ay)? if|is it ok(?:ay)? (?:if|to)|am i allowed to)(?: (?:i|we))? bring (?:along )?(?:(?:my|our|the|all) )*(?:<places>|(?:little |small |older |younger )*(?:kids?|children|child|toddlers?|baby|babies|twins|sons?|daughters?))(?: along| with me| in| too)*\W*$/;

/** Which of two it is to be they do not know, and ask to be told. */
export const WHETHER_I_SHOULD =
  /\b(?:not sure|unsure|don't know|no idea|can't decide|wondering) (?:if|whether) (?:i|we|he|she) should (?:get|have|do|take|go for|book)\b/;

/** Somebody named is asked for, to be spoken with. */
export const SPEAKS_WITH_THEM =
  /<staff>[^?!]*[,.;?!]\s*(?:and |but )?(?:(?:i|we)(?:'d| would) like to|(?:i|we) (?:want|need) to|can i|could i|may i) (?:speak|talk|have a (?:quick )?word|chat) (?:with|to) (?:her|him|them)\b/;

/** A good place for the car is asked. */
export const PLACE_TO_PARK =
  /\b(?:place|places|spot|space|room|anywhere|somewhere) (?:for me |for us )?to (?:park|leave (?:my|our|the|a) (?:car|van|bike|truck))\b|\bwhere (?:do|can|could|should|would|may) (?:i|we|you|one|people) park\b/;

/** Whether something is taken here, of cards, insurers and people alike: "do you take Ridgeline". */
export const DO_YOU_TAKE =
  /^\W*(?:(?:hi|hello|hey|and|so|also|ok|okay)\W+)*(?:do|would|will) (?:you|ye|they) (?:guys |people )?(?:take|accept)(?! (?:off|out|in|up|down|care|long|my|me)\b)(?: (?!<service>)[a-z'<>-]+){1,3}\W*$/;

/** Whether there is a fee, of something that is not named. */
export const WHETHER_A_FEE = /\b(?:whether|if) there(?:'s| is| would be| will be) (?:a |any )?(?:fee|charge|penalty)\b(?! for (?:an?|the|your) )/;

/** Some more of what is named are asked for: "can I get a couple more lessons". */
export const CAN_I_GET_SOME =
  /^\W*(?:(?:hi|hello|hey|so|ok|okay|and|please)\W+)*(?:can|could|may|might) (?:i|we) (?:please )?(?:get|have|book|do) (?:a couple(?: of)?|a few|some|two|three|another|one more|\d) (?:more |extra )?<service>/;

/** Something of theirs does what it should not, whenever they do something: "the brakes scrape whenever I stop". */
export const AILS_WHENEVER =
  /\b(?:the|my|our|his|her|it|there's)\b[^.?!]*\b(?:whenever|every time|each time|when) (?:i|it|he|she|we|you) (?!(?:cancel|come|can|booked|rang|called|see)\b)[a-z]+/;

/** What was done of theirs has been forgotten: "I can't remember if I cancelled". */
export const FORGOT_WHETHER =
  /\b(?:can't|cannot|couldn't|don't|do not) (?:for the life of me )?(?:remember|recall|know)\b (?:if|whether) (?:i|we)(?:'ve| have| had)?(?: already| actually| ever| just)? (?:cancel\w*|book\w*|mov\w*|reschedul\w*|confirm\w*|chang\w*)\b|\b(?:not sure|no idea|unsure) (?:if|whether) (?:i|we)(?:'ve| have| had)?(?: already| actually| ever| just)? (?:cancelled|canceled|booked|moved|rescheduled|confirmed|changed)\b/;

/** Whether a thing is worth having is asked, and no room for it. */
export const IS_IT_WORTH =
  /\bis (?:there|it)(?: still| really)? (?:any |much |a lot of |even )?(?:point|sense|use|good|benefit|harm|danger|risk|worth)\b[^.?!]*<service>/;

/** After something that they tell of themselves, whether they may have it: "I take warfarin, can I still get the". */
export const STILL_FOR_ME =
  /[a-z>][^?]*[,.;] (?:so |and |but )?(?:can|could|may|should) (?:i|we|he|she|they) still (?:have|get|do|come (?:for|to)|use|take|go (?:for|to))(?: (?:an?|the|my))? <service>(?![^.?!]*<(?:day|time)>)/;

/** Whether there is one on a day: room is asked for. */
export const IS_THERE_ONE_THEN = /\b(?:is|are) there (?:an?|any|still an?) (?:<service>|class|lesson|session|slot|appointment)s? (?:<(?:day|time)>)/;

/** A visit is not to be kept: "don't bother with the 10th", "an appointment that I want to get rid of". */
export const NOT_TO_BE_KEPT =
  /\b(?:don't|do not|no need to|needn't) (?:bother|trouble) (?:with|about|keeping|holding) (?:<(?:day|service)>|(?:my|our|the) (?:<(?:day|service)>|appointment|visit|booking|slot))|\b(?:appointment|visit|booking|session|lesson|slot|<service>)\b[^.?!]*\b(?:i|we)(?:'d like to| want to| need to|'d love to| would like to|'m looking to) (?:get rid of|be rid of|drop|get out of|lose|cancel|scrap)\b|\b(?:get|be) rid of (?:my|our|the|that|this) (?:[a-z]+ )?(?:appointment|visit|booking|session|lesson|slot)\b/;

/** That somebody will not be there, and nothing after it but when. */
export const WILL_NOT_MAKE_IT =
  /\b(?:won't|will not|can't|cannot|not going to|unable to|(?:not|won't be) able to)(?: be able to)? (?:make|keep|attend)(?: it)?(?: to)?(?: (?:the|my|our)(?: <service>| appointment| visit)?)?(?: (?:on |for )?<(?:day|time)>)+(?:,? (?:sorry|i'm afraid|unfortunately|after all|any ?more))*\W*$/;

/** Right after a visit was taken off a day, another one is to be theirs: "and put me in". */
export const PUTS_ME_IN =
  /^\W*(?:and |then |but |please )*(?:put|stick|pop|get|squeeze|sign|pencil) (?:me|us|him|her) (?:in(?:to)?|on|down|up)(?: (?:for|on|to))?(?: the)? <day>/;
/** Somebody is taken off a day. */
export const TAKES_ME_OFF = /\btake (?:me|us|him|her|them) (?:out of|off|from) (?:the )?<day>/;

/** A wish that has a day to be done by: "can I get jabs before then". */
export const GETS_BEFORE_THEN = /\b(?:can|could|may) (?:i|we) (?:still |maybe )?(?:get|have|squeeze in|fit in) [^.?!]*\bbefore (?:then|that|<day>)/;

/** What they were just told of cannot be, and when instead: "oh no I can't, I'm in London. Thursday at three?" */
export const CANNOT_SO_THEN =
  /^\W*(?:(?:oh|no|ah|sorry|hm+|actually)[\s,]+)*(?:i|we) (?:can't|cannot|can not|won't be able to)(?: (?:make|do|come|be there|manage)(?: it| that)?)?(?: then)?[,.;!-]+ ?(?:(?:i'm|i am|i've|i have|we're|he's|she's|it's|that's)\b[^.;?!<]{0,40}[.;,!-]+ ?)?(?:(?:and|so|but) )?(?:is |what about |how about |maybe |(?:could|can|may) (?:it be|i come) )?<day>(?: <time>)?[?!.]*$/;

/** Somebody does not know what they would come for. */
export const UNSURE_WHAT =
  /\b(?:i|we)(?:'m|'re| am| are)? (?:really |just |honestly )*(?:don't|do not|not)(?: really)? (?:know|sure)(?: yet)? what (?:(?:exactly )?(?:i|we)(?:'d| would)? (?:want|need|like|should have|should get)|to (?:go for|have|get|choose|pick|book)|would suit)\b|\b(?:no idea|not sure|unsure|clueless|don't know|do not know|haven't a clue)(?: as to)? (?:which|what) (?:<service>|class|course|kind|one|service|treatment|lesson|visit)(?!\w)(?! (?:i (?:have|had|booked)|is mine|it was))/;

/** What there is on a day or at an hour is asked. */
export const WHAT_HAVE_YOU_THEN =
  /\bwhat (?:have you(?: got)?|do you have|is there|'?s there)(?: free| open| left| available)?(?: (?:for|on|at|in|around|after|before))*(?: the)? <(?:day|time)>/;

/** After something is called off, it may be booked again some other time: "cancel it, I'll rebook later". */
export const WILL_BOOK_AGAIN =
  /\b(?:i|we)(?:'ll| will| can| may| might|'d)? (?:then )?(?:re-?book|re-?schedule|book (?:again|another|a new one)|be in touch|get back to you)\b[^.?!<]*(?:\b(?:later|another time|some other time|soon|when|once|after|again|myself|online|next (?:week|month))\b|$)/;

/** Something of theirs is to become something else: nothing of a visit is changed. */
export const CHANGES_INTO = /\b(?:change|turn|make|remodel|convert)\b[^.?!]{2,60}\binto (?:something|an?|another|two|a new)\b/;

/** All that is said beside who they are: a day of theirs will not do. */
export const DAY_WILL_NOT_DO =
  /^\W*(?:<(?:name|phone|email)>\W*|(?:it's|this is|i'm|hi|hello|here|speaking|sorry|and|but|my number is)\W+)*<day>(?: <time>)? (?:won't|doesn't|isn't going to|is not going to|no longer|will not)(?: really)? (?:work|works|suit|suits|do)(?: (?:for|with) (?:me|us))?(?: (?:any ?more|after all|now))?\W*$/;

/** What theirs is will not do any more: "so the massage won't work". */
export const THEIRS_WILL_NOT_DO =
  /\b(?:the|my|our) (?:<service>|appointment|visit|booking|session|lesson)(?: (?:on |at )?<(?:day|time)>)* (?:won't|doesn't|isn't going to|is not going to|no longer|will not)(?: really)? (?:work|works|do|suit|suits|be possible|happen)(?: (?:for|with) (?:me|us))?(?: (?:any ?more|after all|now|then))?\W*$/;

/** Of a visit that is told by its day, when it is to be: "might the scan on Wednesday be in the afternoon". */
export const MAY_IT_BE_THEN =
  /\b(?:can|could|might|may) (?:the|my|our) (?:<service>|appointment|visit|booking|one) (?:on |at |for )?<day>(?: <time>)? (?:please |maybe |perhaps )?(?:be|start|begin)(?: moved)?(?: (?:at|in|on|to))? ?<(?:time|day)>/;

/** After a need that was told: who could see them then. */
export const WHO_COULD_I_SEE_THEN = /[a-z>] ?[,.;][^?]*\bwho (?:can|could|may|should|do|would|might) (?:i|we) see\b[^.?!]{0,24}<(?:day|time)>/;

/** A thing is to be brought in, to be done: "can I bring a ring in to be made smaller". */
export const BRINGS_IT_IN =
  /\b(?:can|could|may) (?:i|we) (?:bring|drop|take) (?!my (?:dog|son|daughter|child|kids?|children|husband|wife|partner|friend)\b)[^.?!]{2,40}? (?:in|over|round|by)\b (?:to (?:be|get|have)|for (?:an?|the|some)|so)\b[^.?!]*<(?:day|time)>/;

/** Whom a service is for. */
export const WHO_IS_IT_FOR = /\bwho(?:'s| is| are) (?:an? |the |your )?<service> (?:meant |intended |good |best |suitable |made )?for\b/;

/** Whether one may park for nothing. */
export const FREE_PARKING = /\bpark(?:ing)?\b[^.?!]*\b(?:free|cost|charge|paid|pay|meter)\b|\bfree parking\b/;

/** How long somebody takes over it. */
export const HOW_LONG_THEY_NEED = /\bhow long (?:does |do |would |will )?(?:<staff>|he|she|they|you|it)(?: normally| usually)? (?:needs?|takes?)\b/;

/** What was done for them does not hold: something to be passed on. */
export const DOES_NOT_HOLD =
  /^\W*(?:(?:hi|hello|sorry|hey)\W+)*(?:the|my|that) (?:<service>|[a-z]+)(?: [a-z]+)? (?:that )?you (?:just )?(?:<service>|[a-z]+ed|made|did|gave|sold|put in)\b[^.?!]*\b(?:still|again|already|too|broke|broken|fell|came (?:off|out|loose))\b[^?]*$/;

/** When somebody of theirs is somewhere: "Tuesday, when my boyfriend's at work". */
const WHEN_THEY_ARE = /\bwhen (?:my|our|the) [a-z]+(?:'s| is|'re| are) (?:at|in|on|off|away|out|home|asleep|working|back|gone|not)\b/;
export const whenSomebodyIsOut = (masked: string): boolean => WHEN_THEY_ARE.test(masked) && !masked.includes("?");

/** What is wished is to be another than one that stands. */
export const OTHER_THAN_THAT = /\b(?:instead|another|other|different|else|my|our) (?:<|day|time|visit|appointment)/;

/** A visit that has passed without them: "I missed my jab yesterday", "we slept through our lesson". */
export const MISSED_THEIRS =
  /\b(?:i|we|he|she|they|my [a-z]+)(?:'ve| have|'s| has)? (?:just |clean |only |[a-z]+ly )?(?:missed (?:it|mine|ours|(?:my|our|his|her|their|the|an?) (?!(?:voice ?|phone )?(?:calls?|messages?|mail|texts?|emails?|bus|trains?|turn(?:ing)?|ferry|flight|deadline|chance|period|pills?|doses?|tablets?|link|part|point)\b)[a-z<]|<)|slept (?:right |straight )?through|overslept|forgot(?:ten)? all about|(?:didn't|did not) make (?:it|my|our|the)\b)/;
/** Another one is wished for. */
export const WISHES_ANOTHER =
  /\b(?:can|could|may|might) (?:i|we|he|she|they) (?:still |please |just |maybe |perhaps )*(?:get|come|be (?:seen|fitted|squeezed)|have|book|re-?book|make|do|see|take)\b|\bre-?book\b|\b(?:new|another|the next|fresh|different) (?:one|appointment|time|slot|date|day|<service>)\b|\b(?:is|are) there (?:anything|any|an?|another)\b|\b(?:fit|squeeze|book|get) (?:me|us|him|her|them) in\b|\b(?:like|want|need|love) to (?:come|book|re-?book|try|have|make)\b/;
/** Money that is asked about a visit that was missed. */
export const OWED_FOR_IT = /\b(?:owe|charged?|charges?|fee|fined?|pay|refund(?:ed)?|money back|cost)\b/;
/** What stands between a visit that was missed and the day on which it was. */
export const MISSED_ON = /\b(?:missed|slept through|overslept|forgot(?:ten)? all about|(?:didn't|did not) make)\b[^.;?!,]{0,40}$/;

/** What begins as a question does: "when do my results come". */
export const BEGINS_TO_ASK = /^\W*(?:(?:and|so|but|ok|okay|hi|hello|sorry|please) )*(?:when|is|are|was|were|do|does|did|has|have|will|how|why)\b/;

/** Somebody is taken to where they are going, before or after: "after I drop the kids" calls nothing off. */
export const DROPS_SOMEBODY =
  /(?:,? ?\b(?:once|after|when|before|because|since|as) )?\b(?:i|we|i've|we've|i'll|my [a-z]+)(?: just| will| have to| need to| have)? (?:drop|drops|dropped|dropping)(?: off)? (?:the|my|our|his|her) (?:kids?|children|child|sons?|daughters?|boys?|girls?|lads?|little (?:one|ones)|toddler|baby|husband|wife|partner|mum|mother|dad|father|sister|brother|grandson|granddaughter|grandkids|twins)\b(?: off)?(?: (?:at|to) (?:school|nursery|kindergarten|daycare|day care|college|work|the (?:school|station|airport)))?/;

/** What somebody of theirs is bound to is asked about, and nothing of anybody else: "has he got to have all his jabs". */
export const MUST_THEY =
  /\b(?:has|have) (?:he|she|they|it) got to\b|\b(?:does|do) (?:he|she|they|it) (?:have|need|got) to\b|\b(?:must|should|can|may) (?:he|she|they|it) (?:be|have|wear|bring|come|take|eat|fast|drink)\b/;

/** What they have is not wished any more: "you can forget the 10th". */
export const MAY_FORGET =
  /\b(?:you|we) can (?:just |all )?(?:forget|drop|scratch|strike|scrap|delete)(?: about)? (?:<(?:day|service|time)>|it|that|the (?:appointment|booking|visit|whole thing)|(?:my|our) (?:appointment|booking|visit|<service>))(?!\w)|^\W*(?:(?:oh|ah|ok|well|actually|so) )*never ?mind (?:about )?(?:<(?:day|service)>|(?:the|my|our) (?:<service>|<day>|appointment|booking|visit))(?!\w)/;

/** How one comes to the house. */
export const HOW_TO_FIND =
  /\bhow (?:do|would|can|will|should|does|could)(?: i| we| one| you| people| he| she| they| my [a-z]+) (?:find|get to|reach|come to) (?:you\b|your (?:place|[a-z]+)\b|the (?:farm|place|clinic|shop|studio|house|office|surgery|salon|barn|school|building|entrance|practice|workshop|lab|rooms?|centre|center)\b)/;

/** A rule of the house, of a visit that is not booked yet: "if I book, can I still change it". */
export const IF_I_BOOK =
  /\bif (?:i|we) (?:book|take|reserve|sign up|go for|make (?:an?|the) (?:appointment|booking))\b[^.?!;]*\b(?:can|could|may|am i able to|is it possible to)(?: i| we)? (?:still |then |later |always )*(?:change|move|cancel|swap|switch|call it off|get out of|alter)\b/;

/** Something of theirs is still at the house. */
export const STILL_AT_YOURS =
  /\bmy (?:[a-z']+ ){0,3}(?:[a-z]+|<service>)(?:'s| is| are| must be| might be| may be)(?: probably| maybe| i think)? still (?:on|in|at|with|under|behind|by|hanging|lying) (?:on |in |at )?(?:your|yours|you\b|the (?:fence|hook|rack|waiting|changing|shelf|chair|desk|counter|room|barn|hall))/;

/** Places at an eating house. */
export const TABLE_FOR = /\b(?:a )?table (?:for (?:\d+|one|two|three|four|five|six|seven|eight|<places>)|by the window|tonight)(?!\w)/;

/** All of a part that names one thing: "the lesson on Friday". */
export const OF_THE_ONE = /^\W*(?:(?:and|so|about|also|oh|hi|hello) )*(?:the|that|this|my|our) <service>(?: <(?:day|time|staff)>| with <staff>)*\W*$/;
/** A question about what was named before it: "is that outside". */
export const ASKS_OF_THAT = /^\W*(?:(?:and|so|but) )*(?:is|are|was|were|does|do|has|where|how|who|what)(?:'s| is| are| does)? (?:that|it|this|they|those)\b/;

/** Which of what they have is asked: "I have two things with you, which is first". */
export const WHICH_OF_MINE =
  /\b(?:i|we)(?:'ve| have)(?: got)? (?:two|three|four|\d|some|a couple of|several|a few|<places>) (?:things|appointments|visits|bookings|sessions|lessons|<service>)(?: (?:booked|coming up|with you|down|there|at yours))*\b[^.]*\b(?:which|when|what)(?:'s| is| are| one| was| day| time)\b/;

/** Free times are asked for, in no whole sentence: "any Saturday slots for the sugar test". */
export const ANY_SLOTS =
  /^\W*(?:(?:hi|hello|hey|so|and|also|good (?:morning|afternoon|evening|day))\W+)*(?:any|are there any|have you(?: got)? any|do you have any|got any) (?:<(?:day|time)> )?(?:slots?|openings?|gaps?|spaces?|times?|availability)\b/;

/** What somebody who works here is like. */
export const WHAT_ARE_THEY_LIKE =
  /\b(?:is|are) <staff> (?:(?:really|very|any|quite|a bit|usually) )*(?:gentle|nice|good|kind|friendly|patient|strict|experienced|careful|thorough|easy|rough|new|qualified)\b/;

/** An hour and no more: "could we say eleven on Thursday". */
export const COULD_WE_SAY =
  /^\W*(?:(?:hi|hello|so|ok|okay|and)\W+)*(?:could|can|shall|should|might) (?:we|i) (?:say )?<time>(?: (?:on )?<day>)?(?:,? please)?\W*$/;
/** Something ails somebody who asks to come: no visit of theirs is to be moved. */
export const SOMETHING_WRONG_COME =
  /\bsomething(?:'s| is)?(?: (?:really|very|badly))? (?:the matter|wrong|not right)\b[^?]*\b(?:can|could|may) (?:i|we|he|she|somebody|someone) (?:come|get|be|see|have)\b(?![^?]*\binstead\b)/;
/** Two days of one thing that is named and no more: "Monday's class and Thursday's, please". */
export const OF_TWO_DAYS = /^\W*<day>'s <service> and (?:<day>|[a-z]+day)'s(?: too| as well)?(?:,? please)?\W*$/;
/** A visit of theirs is with somebody, and they would rather have somebody else: "our visit is with Nell but I'd prefer Jo". */
export const WITH_BUT_RATHER =
  /\b(?:my|our|his|her|their|the) (?:[a-z]+ )?(?:visit|appointment|booking|session|lesson|<service>)(?: <(?:day|time)>)*(?:'s| is| was)(?: booked| down)? with <staff>[^.?!]*\b(?:but|though|and)\b[^?!]*\b(?:rather|prefer|like|want|have)\b[^.;?!]*<staff>/;

/** Whether they have a visit is asked, and nothing more: "do I have anything this week". */
export const HAVE_ANYTHING =
  /(?<!\bhow )\b(?:do|have|did) (?:i|we)(?: still)? (?:have|got|book)(?: still)? (?:anything|something|an? (?:appointment|booking|visit)|one)(?: booked| coming up| on| down| with you| there| at yours| planned)*(?: <(?:day|time)>)?(?: with <staff>)?\W*$/;
/** What they have, and how it is to be: "the wax on the 9th, can it be half legs". */
export const CAN_IT_BE =
  /(?:^|[.,;!?]\s*)(?:about )?(?:the|my|our) (?:<service>|appointment|visit|booking|one)(?: (?:on |at |for )?<day>)(?: <time>)?,? (?:can|could|may|might) (?:it|that|this|we make it) (?:be|become)?\b/;
/** Who does not know what to have, or where to begin, and says so. */
export const KNOWS_NOT_WHAT =
  /\b(?:i|we) (?:really |just |honestly )?(?:don't|do not|have no idea|haven't (?:a clue|decided)) (?:really |quite |even )?(?:know )?(?:what|which|where|how) (?:i|we|to|one)\b(?: (?:want|need|like|start|begin|take|choose|get|have))?|\bwhat (?:do|should|would|shall) (?:i|we) (?:start|begin) with\b/;

/** What is told of somebody, and asks nothing: "I've never exercised". */
export const TELLS_FIRST =
  /^\W*(?:(?:hi|hello|so|well|um+|and|but)\W+)*(?:i|we|my [a-z]+|our [a-z]+|he|she|it|they)(?:'m|'ve|'s|'re|'d)?(?= (?!(?:want|need|would|like|wish)\b)[a-z<])[^?]*$/;

/** Several who would like one of what the house does, for then: "can my sister and I do a duet on Wednesday". */
export const SO_MANY_DO_IT =
  /^\W*(?:(?:hi|hello|so|and)\W+)*(?:can|could|may|might) <places> (?:please |both )?(?:do|have|come for|join|try|book|get|take)(?: an?| the| our)? <service>[^?]*<(?:day|time)>/;

/** What is needed, told as an answer: "something for a stiff neck". */
export const SOMETHING_FOR =
  /^\W*(?:(?:maybe|just|well|um+|oh|i need|i'd like|i want|i was thinking|perhaps|probably)\W+)*(?:something|anything|whatever you have) (?:for|against|that helps?(?: with)?|to help(?: with)?|good for)\b[^?]*$/;
