/** What people say in a conversation beside their errands: remarks, doubts, goodbyes, what they ask of what was told, and how they begin. */

/** What was said is to be said again. */
export const AGAIN =
  /^\W*(?:(?:sorry|oh|um|wait|hm+|er)[,.]? )*(?:what was that(?: again)?|(?:can|could) you (?:please )?(?:say|repeat) (?:that|it)(?: again| please| one more time)*|say (?:that|it) again|repeat (?:that|it)?|come again|pardon(?: me)?|excuse me|what did you say|i (?:didn't|did not) (?:catch|hear|get) (?:that|you|it)|didn't (?:catch|get) that|once more|one more time|sorry|what|huh|again)(?:,? (?:please|sorry|again))*\W*$/i;

/** The conversation is to begin anew. */
export const ANEW =
  /\b(?:start (?:over|again|anew|from (?:scratch|the beginning))|begin (?:again|anew)|let's (?:restart|start over)|forget (?:all|everything) (?:that|of that|i said)|from the top)\b/i;

/** It is asked whether something must be begun again: no talk is. */
export const ASKS_IF_ANEW =
  /\b(?:do|does|must|should|would|will|can|could|is|are|if) (?:i|we|he|she|they|one|it)(?: just)?(?: (?:have|need|got) to)? (?:start|begin)\b/i;

/** Words of abuse. */
export const ABUSE =
  /\b(?:idiot|stupid|moron|dumb(?:ass)?|useless|worthless|f+u+c+k+\w*|f\*+\w*|sh[i*]t+y?|bullshit|a+s+s+h+o+l+e+|bastard|b[i*]tch|cunt|piss off|screw you|shut up|go to hell|hate you|piece of (?:junk|crap|trash|garbage)|retard(?:ed)?|scum)\b/i;

/** Words of feeling about something else than the one who answers. */
export const NOT_AT_US =
  /\b(?:my (?:stupid|damn|bloody|useless)|i(?:'m| am| feel| was) (?:such )?(?:an? )?(?:so )?(?:stupid|idiot|dumb|useless)|stupid question)\b/i;

/** A sentence that only leads up to one. */
export const BEGINS =
  /^\W*(?:(?:so|well|ok(?:ay)?|right|hi|hello|hey|yes|yeah|um+|uh+|er+|look|listen|actually|see|now)\W+)*(?:(?:i|we)(?: was|'m| am|'ve| have| had)?(?: just)? (?:wondering|(?:got )?a (?:quick |little |small |silly )?question|something to ask)|(?:can|could|may) i (?:just )?ask (?:you )?(?:something|a (?:quick )?question)|(?:i have|i've got|i got) a (?:bit of a |small |little )?(?:problem|situation)|(?:the|here's the) thing is|you see|let me (?:explain|think)|(?:it's|it is) about)\W*$/i;

/** A sentence that breaks off. */
export const DANGLES = /\b(?:and|but|because|(?<!\bor )so|if|or|although|since|my|the|an?|with (?:the|my|an?))\s*(?:\.{2,}|…|,|-)?\s*$/i;

/** What was done is to be undone. */
export const BACK =
  /\b(?:(?:have|get|want|give|need) (?:me )?(?:it|that|them|mine|my (?:appointment|visit|booking|slot|old (?:time|slot|one|appointment)))(?: \w+)? back|(?:put|change|move|set|switch) (?:it|that|everything) back|(?:undo|reverse|reinstate|restore|un-?cancel|uncancel) (?:it|that|the|my)|keep (?:it|that|the old one|my old (?:time|one)) after all|(?:leave|keep|put) (?:it|that|everything|things|them) (?:back )?(?:where|when|how|as|the way) (?:it|that|they|things) (?:was|were|stood|had been)|(?:was|that's|made|is) a mistake|by mistake|didn't mean to (?:cancel|move|change))\b/i;

/** Somebody wants to hear when something gets free. */
export const WAITS =
  /\bwait(?:ing)?[- ]?list\b|\b(?:let|tell|call|text|ring|email|notify|phone|message) me (?:know )?(?:if|when|once|as soon as|should|in case) (?:something|anything|a|an|it|one|that|somebody|someone|anyone|there)\b[^.?!]*\b(?:free|open|opens|comes|cancel|cancels|cancelled|available|drops|gap|up)\b|\b(?:let|tell|call|text|ring|email|notify|phone|message) me (?:know )?(?:if|when|once|as soon as) you(?:'ve| have| get)?(?: got)? (?:something|anything|a (?:gap|slot|place|space|spot))\b|\bif (?:somebody|someone|anyone|anybody) cancels\b/i;

/** After it was offered: "yes, put me on it", "I'll wait". */
export const ON_IT =
  /\b(?:on|to) (?:the|a|your|that|this) list\b|\b(?:put|add|have) me (?:on|to) (?:it|that)\b|\bi(?:'ll| will| can| would|'d)?(?: rather)? wait\b|\bthe list\b/i;

/** A need is told of, whatever it is of. */
export const NEEDS =
  /^\W*(?:(?:hi|hello|hey|so|well|um+)\W+)*(?:(?:i|we)(?:'ve)? (?:(?:think|guess|believe|suspect) )?(?:(?:i|we) )?(?:may |might |probably )?(?:just )?(?:need|have|want|got|am having|are having)\b|got (?:an?|this|some|my)\b|(?:(?:i'm|i am|i've been|i have been|we're|we've been|been|just|still) )+(?:feeling|struggling|suffering|dealing|coping|going through)\b)(?! to (?:talk|speak|chat|know|ask|tell|say)\b)/i;

/** Something of theirs is told of. */
export const OF_OURS =
  /^\W*(?:(?:hi|hello|hey|so|well|um+|please|good (?:morning|afternoon|evening|day))\W+)*(?:both |all |one of )?(?:my|our) (?:\w+ ){1,3}(?:are|aren't|has|hasn't|have|haven't|is|isn't|won't|can't|doesn't|keeps|broke|needs|looks|feels|got|went|goes|came|fell|died|cracked|dropped|stopped|snapped|tore|burst|hurts?|aches?|makes|made|lost|leaks?|smells?|shakes|rattles|squeaks|itches|must)\b|^\W*(?:(?:hi|hello|hey|so|well|um+|please|good (?:morning|afternoon|evening|day))\W+)*(?:my|our) (?:\w+ ){0,2}\w+(?:'s|'ve|'re) (?:just |all |really |completely |suddenly )*(?:gone|got|turned|come|fallen|broken|started|stopped|stuck|[a-z]{3,}ing)\b/i;

/** What befell something of theirs: "I cracked a tooth on an olive stone". */
export const BEFELL =
  /^\W*(?:(?:hi|hello|hey|so|well|um+|help|oh|no|good (?:morning|afternoon|evening|day))\W+)*(?:i|we|he|she|they|my [a-z]+)(?:'ve| have|'s| has)?(?: just| only| managed to)? (?:crack|broke|broken|break|cracked|chipped|snapped|tore|torn|ripped|bent|scratched|dented|split|twisted|sprained|pulled|hurt|cut|burst|smashed|dropped|spilled|spilt|stained|burned|burnt|blocked|bumped|strained|sat on|stepped on|trod on|stood on|ran over|drove over|fell on|slept on|put (?:my|his|her) (?:back|shoulder|neck|hip|knee) out|done (?:my|his|her) [a-z]+ in) (?:a|an|the|my|our|his|her|their|one of (?:my|our|the|his|her))\b/i;

/** Whether somebody can do something for what is theirs, or for one of theirs. */
export const CAN_YOU_FOR_THEM =
  /\b(?:can|could|would|will) (?:you|someone|somebody|anyone|anybody|one of you)(?: guys| people)? (?:please |possibly |maybe )?(?!(?:tell|let|give|send|explain|remind|call|ring|phone|email|text|say|confirm|put|pass|move|cancel|change|book|recommend|check (?:if|whether|when|my|our)|make|bring|find|keep|ask|hear|wait|stop|repeat)\b)[a-z]+(?: (?:at|with|after|to|on|out))? (?:my|our|me|us|him|her|them|it|this)\b|\b(?:can|could) (?:he|she|it|they|my \w+|our \w+) be (?!(?:moved|cancelled|canceled|booked|changed|done (?:on|at|by)|late|there|in|at)\b)[a-z]+(?:ed|en|ght|ne)\b/i;

/** The same without saying whose: "car makes a clunk when I brake". */
export const A_THING_AILS =
  /^\W*(?:(?:hi|hello|hey|so|well|um+|please|good (?:morning|afternoon|evening|day))\W+)*(?!(?:i|we|you|it|he|she|they|there|this|that|these|those|the|what|who|how|when|where|why|which|some\w*|no\w*|every\w*|all|just|your|payment|price)\b)[a-z]+ (?:[a-z]+ )?(?:keeps?|makes?|won't|can't|doesn't|hasn't|hurts?|aches?|broke|died|fell|cracked|leaks?|squeaks?|rattles?|smokes?|shakes?|is (?:leaking|broken|stuck|dead|swollen|sore|cracked|making|loose|blocked|bleeding|wobbling))\b/i;

/** Where what is told of somebody begins, beside what is asked for them: at another sentence, or at "he", "she" and "it". */
export const TOLD_BESIDES = /(?<=[.!?;])\s+|,\s+(?=(?:s?he|they|it)\b)/i;

/** "The mask leaks", "the strap broke": what ails a thing that is named as though both knew it. */
export const THE_THING_AILS =
  /\bthe [a-z]+ (?:[a-z]+ )?(?:keeps?|won't|doesn't|broke|died|cracked|leaks?|squeaks?|rattles?|smokes?|shakes?|slips?|is (?:leaking|broken|stuck|dead|cracked|loose|blocked|wobbling|too (?:tight|loose)))\b/i;

/** Words that ask for a person, and for nothing of theirs. */
export const A_PERSON =
  /\b(?:real|live|actual|human(?: being)?|persons?|people|someone|somebody|anyone|anybody|staff|operator|agent|manager|desk|reception|talk|speak|chat|put me (?:through|on)|call|ring|phone|robot|machine|computer|bot)\b/gi;

/** Somebody is to be talked to about something of one's own. */
export const TALK_ABOUT =
  /\b(?:talk|speak|chat|open up) (?:to|with) (?:someone|somebody|anyone|anybody|one of (?:you|your)|a (?:professional|counsell?or|therapist))\b[^.?!]*\b(?:about|because|over|regarding)\b/i;

/** What has been arranged, paid or done, and is not what one comes for. */
export const OF_WHAT_STANDS =
  /\b(?:appointments?|bookings?|bills?|invoices?|receipts?|payments?|paid|charged?|accounts?|complain\w*|refunds?|records?|reports?|letters?|prices?|job|vacanc\w+|desk|reception\w*|manager|human|real)\b/i;

/** What a service is called or said to be that is talk. */
export const IS_TALK = /\b(?:counsell?\w*|therap(?:y|ies|ist|ists)|talk\w*|listen\w*|coaching|mediation|advice|consult\w*)\b/i;

/** What somebody wants to talk about with a person is not asked of the receptionist. */
export const WHAT_IT_IS_ABOUT = /\b(?:about|regarding|concerning|over|because|with regard)\b/i;

/** Who speaks of themselves; any other name in answer to a question of the house's is somebody else's. */
export const SAYS_OWN_NAME = /\b(?:my name|name's|name is|i'm|i am|call me|it's|this is)\b/i;

/** What is said of a price or an answer and asks for nothing: "that's too dear", "sounds expensive", "oh I see". */
export const COMMENT =
  /^\W*(?:(?:oh|ah|ok|okay|hm+|well|wow|gosh|ouch|right|so)\W+)*(?:(?:that(?:'s| is)|it(?:'s| is)|sounds|seems)(?: (?:a bit|rather|quite|very|really|too|so|pretty|awfully))* (?:expensive|dear|pricey|steep|a lot(?: of money)?|much|more than i thought|cheap|reasonable|interesting|good to know|nice|strange|odd|a shame|a pity)|i see|good to know|fair enough|interesting|wow|ouch|oh dear|that's life|too bad|what a (?:shame|pity)|(?:just|only) (?:me|myself|one|the one)(?: person)?(?: please)?|(?:he|she|they|it|i|my [a-z]+)(?:'s| is|'re| are|'m| am) (?:only |just |about |almost |nearly |already )?(?:\d{1,2}|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen)(?:(?:,| and|, and) (?:\d{1,2}|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve))*(?: years old| now| already)?)\W*$/i;

/** Nothing but doubt. */
export const UNDECIDED =
  /^(?:(?:hmm?|um+|er|well|oh|so|let me (?:think|see)|(?:i'm |am )?(?:really |honestly )?not sure(?: which(?: one| of them)?)?|(?:i |we )?(?:really |honestly |just |still )?(?:don't|do not) (?:really )?know(?: which(?: one| of them)?| what (?:that|it) is(?: called)?)?|dunno(?: which(?: one)?)?|(?:i have |i've |i've got )?no (?:idea|clue)(?: which(?: one| of them)?)?|which(?: one)? (?:is|would be) (?:best|better)|difficult|hard to say|good question|what do you (?:suggest|recommend|have)|what would you (?:say|suggest|recommend)|(?:what|which(?: one)?) (?:do|would) you (?:think|reckon|suggest|recommend|say|advise)(?: (?:that )?(?:i|we)(?: (?:need|want|require|(?:should|ought to) (?:have|get|take|book|do|try|go for)))?)?|(?:what|which(?: one)?) (?:should|shall|do|would) (?:i|we) (?:need|have|get|take|book|try|go for|pick|choose)|what is there|what have you(?: got)?|maybe|what are (?:the|my) (?:options|choices)|what (?:lengths|times|days|services) (?:are there|do you have|have you(?: got)?)|sorry|(?:i |we )?(?:can't|cannot|can not|couldn't) (?:really |quite )?(?:decide|choose|say|tell)(?: which| between (?:them|the two))?|(?:you|just) (?:choose|decide|pick)|up to you|oh dear) ?)+$/;

/** What somebody has or takes: no line of the handbook was written for that. */
export const OF_ONES_HEALTH =
  /\b(?:medic\w*|tablets?|pills?|drugs?|dos(?:e|es|age)|condition|heart|pressure|pregnan\w*|allerg\w*|fever|temperature|infect\w*|swell\w*|swollen|rash|symptoms?|pain\w*|ache\w*|bleed\w*|safe|normal|serious|worr\w*|diagnos\w*|cure|thinners?|diabet\w*|ill|sick|heal\w*|broken|torn|wrong)\b/i;

/** What was begun is to be left. */
export const GIVES_UP =
  /^\W*(?:(?:ok|okay|oh|no|nah|nope|fine|just|well|actually|then|ah|let's|we'll|i'll)\W+)*(?:forget (?:it|about it|that)|never ?mind|(?:leave|keep) (?:it|mine|that|everything)(?: (?:as|how|where|the way) it (?:is|was)| be| alone)|leave it|don't bother|drop it)(?:\W+(?:then|please|thanks|thank you|sorry|i'll (?:call|ring|come by).*))*\W*$/i;

/** Right before a thing of theirs that they need, bring or come for, and wish no service for: "I need the", "pick up my". */
export const OF_THEIR_OWN =
  /\b(?:need|leave|leaving|left|drop|dropping|drop off|bring|bringing|collect|collecting|pick up|picking up|fetch|drive|driving|take|have|get|use|want|park) (?:back )?(?:the|my|our|his|her|their)(?: [a-z]+)? $/i;

/** What is named takes the place of what was spoken of. */
export const TAKES_ANOTHER = /\b(?:instead|rather|change|switch|swap|actually|prefer|better|no|not|sorry)\b/i;

/** One thing, by a name of its own, is not wished for any more, now or at all: "leave the wheel for now". */
export const LEAVES_OUT =
  /\b(?:leave|forget|skip|drop|scrap|not|no) (?:about )?(?:the|that|my|our) (?:[a-z]+ ){1,3}(?:for now|for today|for the moment|this time|after all|then|out|off|altogether)\b/i;

/** … whatever it is. */
export const KEEPS_IT = /\b(?:keep|leave) (?:it|that|them|both|everything)\b/i;

/** What they have stays as it is: "please keep the consultation". */
export const KEEPS_ONE =
  /^\W*(?:(?:and|but|so|please|just|oh|also|do|i'll|we'll|i'd like to|can you|could you)\W+)*(?:keep|leave) (?:(?:it|that|them|both|everything)(?: one| all)?(?= *(?:$|\W|then|as|please))|(?:the|my|our|that) (?!name|number|old|receipt|change)(?:[a-z]+ ){0,3}[a-z]+)(?: (?:as (?:it is|planned|booked)|alone|where it is|there|then|please|for now))*\W*$/i;

/** … said of one of them while another is moved or called off: "the science one stays". */
export const THAT_STAYS =
  /<service>(?: (?:one|lesson|class|visit|appointment|session))?,? (?:(?:can |should |will |must |just |please |also )*(?:stays?|remains?|keeps?|is (?:to stay|fine|ok(?:ay)?|unchanged))|(?:as (?:it is|planned|booked)|unchanged))\b(?! (?:on|at|for|with|to)\b)/i;

/** Of several, one that is to stay: "actually leave the photo", "but not the massage". */
export const KEEPS_SOME = /\b(?:keep|leave|except|but not|not) (?:the|my|our|that|<|(?:mon|tues|wednes|thurs|fri|satur|sun)day)/i;

/** After a word that agrees, a question of its own: "ok then what's the nearest". */
export const ASKS_FURTHER =
  /^\W*(?:ok|okay|yes|yeah|right|fine|sure|good|great|well|alright|all right)\b[\s,]*(?:(?:and|but|then|so|well)[\s,]+)*(?:what|which|when|where|who|how)(?:'s|\b)(?! (?:about|if)\b)(?= \w+ \w+)/i;

/** Right before the thing that is wished for: "we both need a". */
export const WISHED_THING =
  /(?:^\W*|[.!?]\s+)(?:need|needing|want|looking for|after) (?:an?|some|another|the)(?: [a-z]+)? $|\b(?:i|we|both|she|he|they)(?: both| all| just| really)? (?:need|want|would like|'d like|needs|wants) (?:an?|some|another|the|to book an?|to have an?|to get an?)(?: [a-z]+)? $|\b(?:wants?|likes?|loves?|wishes|keen|hoping|wanting) to (?:try|learn|take up|have a go at) (?:some |a bit of )?$/i;

/** Right before another visit of theirs that a wish is measured from: "the day of the", "right after my". */
export const BESIDE_ANOTHER =
  /\b(?:(?:on )?(?:the )?(?:same )?day (?:of|as|that i have|i have|i come for)|(?:straight |right |directly |just )?(?:after|before)|(?:along|together) with|when i(?:'m| am)? (?:have|come (?:in )?for|here for|in for|there for)|next to|the day i(?:'m| am)? (?:have|in for|here for)) (?:the|my|our|his|her)(?: other)? $|\b(?:straight |right |directly |just )?(?:after|before|when) (?:they|you|we|i|he|she)(?:'ve|'ll|'re)?(?: have| had| get| got| do| did| are| take| took)*(?: the| my| our| his| her)? $/i;

/** Right before what is told of somebody, and is not wished for: "he's", "I have never". */
export const TOLD_OF_SOMEBODY =
  /\b(?:i|we|he|she|they|who|that)(?:'s|'ve|'m|'re| is| has| have| am| are| was| were)(?: (?:never|only|just|not|already|always|been|had|done|tried))* $/i;

/** Whom a visit is with that was just told of. */
export const WITH_WHOM_IS_IT =
  /^\W*(?:(?:and|so|ok|okay|oh|right|great|thanks)\W+)*(?:who(?:'s| is| am i| are we| will i| do i| will)? ?(?:it|that|this|booked|seeing|see|be seeing)?(?: (?:is|be|booked|down))? with|with (?:whom|who)(?: is (?:it|that))?|who(?:'s| is) (?:doing|seeing|giving|treating) (?:it|that|me|us)|who (?:am i|are we) seeing|who (?:will|do) i see)\W*$/i;

/** It is asked whether something was done. */
export const DID_IT =
  /^\W*(?:(?:so|and|ok|okay|wait|sorry|oh|hm+|um+|great|thanks)\W+)*(?:did (?:that|it) (?:work|go through|save|take)|(?:is|was) (?:it|that|everything|all) (?:all )?(?:done|booked|cancelled|canceled|moved|confirmed|in|set|saved|sorted|final|through)|(?:am i|are we|i'm|we're) (?:all |now |really )?(?:booked|set|done|confirmed|in)(?: in)?)(?: now| then| (?:for )?sure)?\W*(?:right|yes|correct|now|then)?\W*$/i;

/** What was booked a moment ago is asked. */
export const WHAT_I_BOOKED =
  /\bwhat (?:have|did) (?:i|we|you) (?:(?:just|now|actually) )+(?:book(?:ed)?|agree(?:d)? to|done?|make|made|reserved?)\b|\b(?:is|was) (?:anything|something) booked(?: now| yet)?\W*$|\b(?:have|did) (?:i|you|we) (?:just |already |now |actually )*(?:book(?:ed)?|reserved?) (?:anything|something|that|it|me)(?: in)?(?: yet| already| now)?\W*$/i;

/** Said of two visits. */
export const TWICE = /\b(?:both|each|twice|(?:on )?two (?:days|times|visits|appointments|sessions|lessons|dates))\b/i;

/** Asked how many, so many: "two then, on Saturday". */
export const SO_MANY_THEN =
  /^\W*(?:(?:ok(?:ay)?|oh|well|right|then|just|only|make it|so|we'll be|we're)\W+)*(?:\d{1,2}|one|two|three|four|five|six)(?: of us| places?| people| please)?(?:\W+(?:then|please|in that case|instead)\b|\s*[,.!]|\s*$)/i;

/** Two days, each with its own "on": a visit on each. */
export const ON_EACH = /\band (?:also )?on\b/i;
/** Before days: they are when somebody could come. */
export const COULD_COME = /\b(?:free|available|can|could|able|possible|either|works?|work for|off|suits?)\b[^.;?!]*$/i;

/** What is on a day is spoken of first, and then how it is to be: "the clean-up on the 8th, I need it in the morning". */
export const OF_WHAT_IS_ON =
  /^\W*(?:(?:hi|hello|hey|good (?:morning|afternoon|evening)|it's|this is|here|<name>|<phone>|<email>)\W+)*(?:(?:the|my|our) <service>(?: (?:visit|appointment|session|lesson|class|one))?(?: on| at| of)? ?<day>|<day>'s <service>)\W[^?]*\b(?:can|could|may|need|want|like|rather|prefer|better|instead|would|has to|must)\b/i;
/** Whether one may begin at some hour of a day, with no service named. */
export const START_ON_THE_DAY =
  /<day>[^.?!]*\b(?:can|could|may|might) (?:i|we) (?:start|begin|come|be there|be seen|have it|do it|make it)\b[^.?!]*<time>|\b(?:can|could|may|might) (?:i|we) (?:start|begin|have it|do it|make it)\b[^.?!]*(?:<time> <day>|<day>[^.?!]*<time>)/i;

/** What was spoken of. */
export const OF_THEM = /\b(?:it|that|those|they|these|them)\b/i;

/** A part that tells what ails something of theirs. */
export const AILS =
  /\b(?:my|our|his|her|their|the|one of my) (?:[\w']+ ){1,3}(?:won't|will not|doesn't|does not|can't|isn't|has|have|is|are|keeps?|needs?|broke|fell|died|went|came|hurts?|aches?|stopped|lost|leaks?|squeaks?|rattles?|itches|makes|tore|ripped|got|goes|slips?|wobbles?)\b|\b(?:an?|some|these|two) (?:[\w']+ ){1,2}(?:that|which)(?:'s| is| are| has| have| won't| doesn't)\b|\b(?:i've|i have|we've|we have|got)(?: got)? (?:an? |some |two |these )?(?:[\w']+ ){1,2}to (?:take|be|mend|shorten|fix|repair|alter|clean|have|get|let)\b/i;

/** The class that comes next. */
export const THE_NEXT_CLASS = /\b(?:the|your) (?:very )?next (?:one|class|session|course|lesson|group|evening)\b/i;

/** Who of the house's people is the one for it. */
export const WHO_IS_BEST =
  /\b(?:who|which (?:one|of you|of them|[a-z]+))(?:'d| would|'s| is| should| do| does)?(?: i| you)? (?:be |see |go to )?(?:the )?(?:best|right one|right person|good (?:at|for|with)|see|go to|recommend|suggest)\b/i;

/** Somebody is to see or look at them: "could someone check her anyway". */
export const SEE_TO_THEM =
  /\b(?:can|could|would|will|may) (?:you|someone|somebody|anyone|anybody|one of you|a [a-z]+|the [a-z]+) (?:please |still |just )?(?:see|check|examine|look at|have a look at|take a look at|fit|squeeze) (?:me|us|him|her|it|them|my [a-z]+|our [a-z]+)\b/i;

/** It is asked when somebody can come: the soonest there is answers it. */
export const ASKS_WHEN_TO_COME =
  /\b(?:when|what time|how soon)\b (?:can|could|may|should|would|do|are|is|will)\b (?:i|we|he|she|they|you|it|there|my [a-z]+)\b[^.?!]*\b(?:come|be seen|get (?:in|an?|one|it)|have (?:it|one|me|us|you|a)|see (?:me|us|him|her|them|someone|somebody)|fit (?:me|us|him|her) in|free|available|possible)\b|\bwhen(?:'s| is| are| would) (?:the |your |my |an? )?(?:next )?[a-z]+(?: [a-z]+)?(?: be)?(?: next)? (?:free|available|in)\b/i;

/** When they could come at the earliest. */
export const HOW_SOON =
  /\b(?:how (?:soon|quickly|early)|(?:soonest|earliest)|(?:when|what)(?:'s| is| would be) (?:your|the) (?:very )?(?:first|next)(?! (?:step|thing|time|day|week|month|visit|appointment (?:for|with) me)\b))\b/i;

/** One visit right after another. */
export const STRAIGHT_AFTER =
  /\b(?:(?:right|straight|directly|just|immediately) (?:after|afterwards|behind)|back to back|one after (?:the other|another)|one by one|in a row|after (?:that|it)|afterwards)\b/i;

/** What was just settled is to be at another time. */
export const STARTS_OTHERWISE =
  /^(?!.*\b(?:another|also|one more|as well|too|book|second)\b).*\b(?:start|begin|make (?:it|that)|rather|instead|(?:have|move|change|push|shift) (?:it|that))\b/i;

/** What is told of somebody or something, and chooses nothing: "he's old and slow". */
export const TELLS_OF_THEM = /^\W*(?:he|she|it|they)(?:'s|'re| is| are| was| were| has| have| had)\b/i;

/** After what was told, something is asked. */
export const ASKS_AT_LAST = /[,.;!]\s*(?:and |so |but )?(?:is|are|can|could|do|does|would|will|should|what|who|when|how)\b[^.;!]*$/i;

/** What a limit of the house is on, where it is one of money. */
export const OF_MONEY = /\b(?:refunds?|discounts?|prices?|reductions?)\b/i;

/** Who would rather have it otherwise. */
export const PREFERS = /\b(?:i|we)(?:'d| would)?(?: much)? (?:rather|prefer|sooner)\b|\bbetter for (?:me|us)\b|\b(?:suits?|works?) (?:me|us) better\b/i;

/** Somebody is wished for, and nothing besides: "I'd like Petra". */
export const LIKES_THEM =
  /^\W*(?:(?:ok|okay|then|and|but)\W+)*(?:i|we)(?:'d| would) (?:like|love) (?:it with |to have |to see )?<staff>\W*(?:(?:please|instead)\W*)*$/;

/** What was spoken of cannot be kept. */
export const CANNOT_KEEP_IT =
  /\b(?:can't|cannot|can not|won't|couldn't|unable to|not able to)\b(?: \w+){0,3} (?:that|it|then|this)\b|^\W*(?:(?:oh|no|sorry|ah|hm+|actually|well|damn)\W+)*(?:i|we) (?:can't|cannot|can not|won't)(?=\s*[,.;!-])|\b(?:that|it|this)(?: \w+)? (?:doesn't|does not|won't|isn't|is not) (?:work|suit|do|good|possible|fit)\b/i;

/** It, with one of the house's people. */
export const WITH_THEM =
  /\b(?:it|that|this|one|mine)\b(?: please)?(?: be)? (?:with|by) (?:<staff>|him|her|them)|\bwith (?:<staff>|him|her|them) (?:instead|rather)\b|^\W*(?:and |but |ok(?:ay)? )*(?:can|could|may) (?:it be |i (?:have|see|get) )(?:<staff>|him|her|them)|\b(?:can|could|would) (?:<staff>|him|her|them) (?:do|take|have|see|give|teach|treat) (?:it|that|me|us|mine)\b/i;

/** One more of what is being booked. */
export const ONE_MORE =
  /\b(?:another(?: one)?|one more|a second(?: one)?|the same(?: again| thing)?|one)(?: \w+)? (?:for (?:my|our|his|her|the)|on|next|in|a week|two weeks|the week)\b|\b(?:for (?:my|our) [\w' ]+) (?:as well|too|also)\b/i;

/** "Is this the vet?", "am I talking to a robot?": who answers is never unknown. */
export const WHO_ARE_YOU = /^\W*(?:(?:and|so|sorry|hi|hello)\W+)*who (?:is this|are you|am i)\b/i;

/** It is asked whether anybody is there. */
export const ARE_YOU_THERE =
  /^\W*(?:(?:hello|hi|hey)\W+)*(?:is (?:anyone|anybody|someone|somebody) there|(?:are )?you (?:still )?there|(?:anyone|anybody) there)\W*$/i;

/** Who wants what they had before. */
export const SAME =
  /\b(?:same (?:\w+ )?again|same (?=(?:on|for|next|please|too)\b|\w+day\b)|same (?:thing|as (?:last|before|my last|always))|same (?:thing |one )?as (?:then|that|before|always|usual|(?:i|we) (?:had|did))|the same as(?! (?:my|our|his|her|their|he|she|they|a|your|every|any)\b)|(?<!as )(?:the|my) usual(?= (?:please|one|thing|time|massage|treatment|appointment|with|on|at|for|this|next|\w+day)\b|[.,!]|$)|(?:as|just like|like) (?:the |my )?last (?:time|one|visit|session)|(?:just |exactly )?like (?:the one|what) (?:i|we)(?:'ve| have)(?: got| booked| now| already)?)\b/i;

/** Of all that there is. */
export const OF_ALL = /\b(?:you|there)(?:'ve| have|'s| is| do| offer| got)\b/i;

/** What is asked of two things or more: which of them has more of something. */
export const MORE_OF =
  /\b(?:which|what|whichever|is|are|do|does)\b[^?]*\b(?:(?:long|short|quick|fast|cheap|dear)(?:er|est)|pric(?:ier|iest)|costs? (?:more|less|the (?:most|least))|(?:more|less|most|least) expensive)\b/;

/** How two things differ is asked. */
export const TELLS_APART = /\b(?:differen(?:ce|t)|diff|differ|compared?|versus|vs|tell (?:them )?apart)\b/;

/** Which of two things it is to be. */
export const WHICH_OF_TWO =
  /\b(?:is it|would it be|should (?:i|we|he|she|they) (?:book|have|get|take|do|come for|go for)|(?:do|does|would|will) (?:i|we|he|she|they|my [a-z]+) (?:need|want|have)|am i after) (?!(?:on|at|by|before|after|this|next)\b)[a-z' -]{3,40} or (?!not\b|what\b)/;

/** The other visits are asked for. */
export const THE_OTHERS =
  /^\W*(?:(?:and|ok|okay|right|what about|how about|when(?:'s| is)|thanks)\W+)*(?:the others?(?: (?:ones?|appointments?|visits?|bookings?))?|any (?:others?|more)|(?:do i have )?anything else|what else(?: do i have)?)(?: (?:booked|coming up|then|please))*\W*$/i;

/** What a question is opened with, and does not ask: "wait, how much was it". */
export const OPENS =
  /^\W*(?:(?:no(?= wait|,)|hm+|wait|hang on|hold on|one (?:moment|second)|sorry|actually|oh|ok|okay|well|so|and|but|um+|hi|hello|hey)\b[\s,.!-]+)+/i;

/** Money is spoken of. */
export const SPEAKS_OF_MONEY =
  /how much|\b(?:cost|price|pric|charge|fee|rate|pay|paid|expensive|dear|cheap|free|money|dollar|buck|euro|pound|set me back|run me|damage|quote|extra|included|more than|less than|owe|worth|tax|total|altogether)|[$€£]/i;

/** Nothing but a price is asked, of what was spoken of. */
export const BARELY_WHAT = /^\W*(?:(?:hi|hello|hey|so|ok|and|um)\W+)*what(?:'s| is) (?:an? |your )?<service>\W*(?:and\W*)?$/;

/** Questions that a description answers, whatever else they name. */
export const ASKS_WHAT =
  /\bwhat\b[^?]*\b(?:include|included|involve|involved|cover|covered|like)\b|\bwhat(?:'?s| is| are| exactly is| is exactly)? (?:a |an |the |this )?<service>\W*(?:like|about|thing|for|good for)?\W*$|\b(?:tell me|know) (?:a bit |more )?about (?:the |your )?<service>|\bexplain (?:the |a )?<service>|\b(?:do|does) (?:you|anybody|anyone|they|ye)(?: guys)? (?:do|offer|have|give|provide|also do) (?:a |any |the )?<service>\W*$|\bwhat (?:happens|goes on)\b|\bhow does (?:the |a )?<service> work/;

/** What was spoken of last is asked about. */
export const OF_THAT =
  /\bwhat(?:'s| is| does| do| would| will)? (?:(?:i|you|we|one) (?:get|have|be getting)(?: for (?:that|it|this))?|(?:that|it|this)(?: actually| normally| usually)? (?:include|involve|entail|consist of|mean|come with|be)|(?:in|included in) (?:that|it|this)|that|it|this)(?: then| exactly| anyway| though| please)*\W*$/;

/** When a class is held is asked. */
export const WHEN_IT_IS = /\b(?:when|what (?:time|day)s?|which days?)\b/;

/** A complaint with a question what can be done: "my back hurts, what can I do". */
export const SEEKS_HELP =
  /\b(?:hurts?|hurting|aches?|aching|pain(?:s|ful)?|sore|stiff|swollen|pulled|sprained|twisted|injured|injury|strained|broke|broken|problem|trouble)\b[^?]*\b(?:what (?:can|could|should|do|would|shall) (?:i|you|we|one|be)|can you (?:do|help)|(?:who|what) (?:can|could|would) help|help me)\b/;

/** "Have you anything for a stiff neck". */
export const SEEKS_SOMETHING = /\b(?:anything|something|someone|somebody|anyone|anybody) (?:\w+ ){0,2}?(?:for|to help)\b/;

/** Advice on which service is sought. */
export const SEEKS =
  /\b(?:suggest|recommend|advise)\b|\b(?:which|what) (?:one|treatment|service|kind|sort)s? (?:do|would|should|is|are|helps?)\b|\bwhat (?:do|does|should|would) (?:i|we|he|she|they|my \w+) (?:need|take|have|book|get)\b|\bwhat (?:have you got|do you have|have you|can you do|could you do|would you do|do you do|is there) (?:that (?:helps|might help) |to help )?(?:for|against|about)\b/;

/** Of one of several things they have, when it is to be: "can the one on <day> be <time>". */
export const THE_ONE_TO_BE =
  /\b(?:the one|mine|the <service>)(?: <day>| (?:on|with|at) <(?:day|staff|time)>)? (?:be|become|happen|start|go|move)\b[^.;?!]{0,16}<(?:day|time)>|\b(?:have|make|put|move|do) (?:the one|mine|the <service>) (?:<(?:day|time)> )?(?:(?:for|to|on|at) )?<(?:day|time)>/;

/** Of what was told of, when it is to be: "can you make it <time>", "could that be on <day>". */
export const IT_TO_BE =
  /\b(?:make|have|do|put|move|get) (?:it|that|this)(?: one)?\b[^.;?!]{0,16}<(?:day|time)>|\b(?:it|that|this)(?: one)? (?:be|happen|start)\b[^.;?!]{0,16}<(?:day|time)>|<time>(?: slot| one)?(?: still)? (?:open|free|available|possible|going|taken)\b|\b(?:could|can|would|might) (?:she|he|they|you) (?:take|see|do|have|fit|manage)(?: (?:me|us|him|her|them|it))?(?: in)? <(?:day|time)>|\b(?:could|can|may|might|would) (?:i|we) (?:start|begin|come)(?: in| then| instead| rather| maybe)? <(?:day|time)>/;

/** Right before a part of somebody's body: "my lower". */
export const OF_ONES_OWN = /\b(?:my|me|his|her|our|their) (?:(?:lower|upper|left|right|bad|poor|whole) )?$/i;

/** Somebody else is to come along to what several come to. */
export const BRINGS_ONE =
  /\b(?:can|could|may) (?:i|we) (?:also )?(?:bring|take|add|sign up) (?:along )?(?:my|a|one more|another|our)\b|\b(?:can|could|may) (?:my|our|a) (?:[a-z]+ )?[a-z]+ (?:come|join|take part|do it)(?: in| along| too| as well|\b)|\badd (?:her|him|them|one more|another|my [a-z]+|a friend)\b|\bone more (?:place|spot|person)\b/i;

/** It is to be soon, whatever else. */
export const IN_A_HURRY = /\b(?:quick(?:ly|est|er)?|soon(?:est|er)?|fast(?:est)?|asap|hurry|urgent(?:ly)?|first)\b/i;

/** A no to a question that was not asked, and what is told besides: "no, she can walk on it". */
export const NO_AND_TELLS =
  /^\W*(?:no|nope|nah|not really)\W+(?:(?:but|and|well|just)\W+)*(?:(?:he|she|it|they)(?:'s|'re|'ll|'d)? |(?:i|we)(?:'ve| have)? never\b|(?:i|we) (?:can|could|have(?! to| another| something)|had|did|fell|hit|haven't|hasn't|didn't)\b|(?:i'm|i am|we're|we are) (?!looking|after|not|asking|here|calling)|there(?:'s| is| was)|(?:my|his|her|the) [a-z]+ (?:is|was|has|had|can|did|does)\b)/i;

/** "No", asked whether there is anything else, and then something that is so with a thing or a person of theirs. */
export const NO_IT_IS_OTHERWISE =
  /^\W*(?:no|nope|nah)\W+(?:(?:but|well|just)\W+)*(?:(?:it|he|she|they)(?:'s|'re| is| was| are| were| still| never) |(?:my|his|her|our|the) [a-z]+(?:'s| is| was| has| had) |there(?:'s| is| was) (?!no)(?:an?|some|something|my|the) )(?![^]*\b(?:fine|good|grand|ok|okay|al+ ?right|perfect|great|lovely|all|everything|nothing|sorted|done|cool|brilliant|helpful|plenty|enough|later|wait|matter|clear|lot|bye)\b)/i;

/** Who does not know what a thing is called. */
export const NOT_KNOWING =
  /\b(?:(?:don't|do not|can't|cannot|can not|didn't) (?:really |quite |even )?(?:know|remember|recall|say|tell)|no idea|not (?:really )?sure|forget|forgot(?:ten)?) (?:what|which|the name|how)\b/i;

/** Who is to come back, after what was done. */
export const TO_COME_BACK =
  /\b(?:(?:told|asked|said|supposed|meant|due|wants?(?:ed)?|have|need|should)(?: (?:me|us|him|her|that))?(?: (?:i|we|he|she))?(?: (?:to|should|must|needed to|had to))?|to) (?:come|go|be|bring (?:him|her|it)) (?:back|in again|seen again|checked again|again)\b|\b(?:wants?|wanted|needs?|needed) (?:me|us|him|her|them) back\b(?! (?:at (?:work|school)|home|and forth)\b)/i;

/** Whoever saw one of the house's people has been there: "we saw Dr Ng in the fall". */
export const SAW_OURS =
  /\b(?:i|we|he|she|my \w+)(?:'ve| have|'s| has)?(?: already| once| usually| always)? (?:saw|seen|been (?:to|with|seeing)|went to|was with|were with|had (?:a \w+ |an \w+ |my \w+ )?with) <staff>/i;

/** It is asked which times there are. */
export const WHICH_TIMES = /\b(?:what|which|any|when)\b[^.?!]*\b(?:times?|days?|slots?|openings?|free|available|availability|soonest|earliest)\b/i;

/** What comes after is what somebody does: "can you look at it", "have a look". */
export const AS_A_VERB = /\b(?:i|you|we|he|she|they|someone|somebody|anyone|anybody|to|can|could|please|(?:have|take|get) a(?: quick)?) $/i;

/** What is to be done now is asked: "should I bring him in?". */
export const WHAT_NOW =
  /\b(?:(?:should|shall|do|can|must|could) (?:i|we) (?:still |just |really )?(?:come|bring|drive|go|wait|call|do|need|have)|what (?:should|shall|do|can) (?:i|we) do|(?:is|are) (?:you|anyone|anybody|somebody|someone|there) (?:there|open|in)|where (?:do|should|shall) (?:i|we) go)\b/i;

/** Who asks what they need, or does not know. */
export const WHAT_ONE_NEEDS =
  /\b(?:what|which)(?: \w+)? (?:do|does|would|will|should) (?:i|we|he|she|they|my \w+)(?: all| both)? (?:need|have to have|require|want|take|get)\b|\b(?:don't|do not|not) (?:know|sure) what\b/i;

/** What a service is called that anything new begins with. */
export const BEGINS_WITH =
  /\b(?:consultation|assessment|(?:new (?:patient|client)|initial|first) (?:exam(?:ination)?|visit|appointment|talk|consultation)|diagnos\w+|(?:doctor'?s'?|gp|general|ordinary|standard|routine) (?:appointment|visit))\b/i;

/** What a service is called that is for those who have not been before. */
export const FOR_THE_NEW = /\b(?:new (?:patient|client|customer|pupil)s?|initial|first|trial|taster|introduct\w+)\b/i;

/** What a service is called that is for those who come back. */
export const FOR_WHO_RETURNS = /\b(?:follow[- ]?ups?|reviews?|return(?:ing)? (?:visit|appointment|client|patient)s?|re-?checks?|control)\b/i;

/** What a service is called that is for children. */
export const FOR_CHILDREN = /\b(?:child(?:ren)?(?:'s|s')?|kid(?:s|s'|'s)?|junior(?:s|s')?|youth|paediatric|pediatric|little ones'?)(?=\W|$)/i;

/** Somebody who can be nothing but a child. */
export const OF_A_CHILD =
  /\b(?:my|our|the|a|her|his|for|two|three) (?:little |small |young |wee )*(?:kids?|child|children|toddlers?|little (?:boy|girl|one)s?|boys?|girls?|baby|babies)\b/i;
/** Somebody's son or daughter, who may be grown up. */
export const OF_ONES_CHILD =
  /\b(?:my|our|her|his) (?:(?:eldest|oldest|youngest|younger|older|other|little) )?(?:sons?|daughters?|grandsons?|granddaughters?|grandchild(?:ren)?|nephews?|nieces?|twins)\b/i;

/** Children are spoken of, and the visit is not for them: "while the kids are at school", "my daughter can drive me". */
export const AROUND_A_CHILD =
  /\b(?:while|when|until|till|before|after|because|since|as|unless|if|with) (?:my|our|the|a|both) (?:[a-z]+ )?(?:kids?|child|children|toddlers?|boys?|girls?|baby|babies|sons?|daughters?|twins|grand[a-z]+|nephews?|nieces?)\b|\b(?:kids?|children|boys?|girls?|baby|babies|sons?|daughters?|twins)(?:'s| is| are|'re)? (?:at (?:school|home|nursery|work)|in (?:school|bed|class)|asleep|away|(?:can |will |would |could )?(?:drive|drop|pick|collect|bring|recommend|come with|told|said|gave|bought|works?))/i;

/** How old somebody is told to be. */
export const HOW_OLD_THEY_ARE =
  /\b(?:(?:he|she)(?:'s| is|'ll be)|(?:son|daughter|boy|girl|kid|child|grandson|granddaughter|nephew|niece|who)(?:'s| is|,)?(?: aged?| of)?|aged?) (?:only |just |nearly |almost |about |turning )?(\d{1,2}|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|seventeen|eighteen|nineteen|twenty)(?= *(?:$|[.,;!?)]|and\b|years?\b|yrs?\b|but\b|so\b|to\b|now\b|join|want|would|wants|needs|has))|\b(\d{1,2}|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|seventeen)[- ]years?[- ]old\b|\b(\d{1,2}) (?:yo|y\/o)\b/i;

/** What else would do, if what was wished for cannot be had. */
export const IN_CASE = /^\W*(?:if not|otherwise|failing that|or else)\b/i;

/** A yes with how many they are, or the number alone. */
export const SO_MANY =
  /^\W*(?:(?:yes|yeah|yep|ok|okay|sure|no|sorry|actually|then|well|just|only|for|make (?:it|that)|we're|we are|it's)\W+)*(two|three|four|five|six|[2-6])\W*(?:of us|people|places|seats|spots|tickets)?(?:\W+(?:then|please|actually|instead|in all|altogether|of us|so))*\W*$/i;

/** Which of several is meant, by what it is like: "the gentle one". */
export const LIKE_WHAT = /\bthe ((?:[a-z-]+ ){1,3})(?:one|kind|sort|type|version)\b/i;

/** One more of what is being booked: "the same for Thursday too". */
export const THE_SAME_AS_WELL =
  /\b(?:also|as well|too|and|another of)\b[^.?!]*\bthe same\b(?! (?:time|hour|day|place|person|room|one)\b)|\bthe same\b(?! (?:time|hour|day|place|person|room|one)\b)[^.?!]*\b(?:also|as well|too)\b/i;

/** The minutes of an hour, and nothing besides. */
const ONLY_MINUTES =
  /^\W*(?:(?:the|at|ok|okay|yes|let's say|maybe|then)\W+)*(half past|half|quarter past|quarter to|o'?clock|on the hour|full hour)(?: one)?(?:\W+(?:please|then|thanks|thank you))*\W*$/i;

/** The minute of an hour that a message names, and nothing besides: "half past". */
export function minuteAlone(text: string): number | undefined {
  const said = ONLY_MINUTES.exec(text)?.[1]?.toLowerCase();
  if (said === undefined) return undefined;
  return said.startsWith("half") ? 30 : said === "quarter past" ? 15 : said === "quarter to" ? 45 : 0;
}

/** A message is pressing. */
export const IT_IS_URGENT =
  /^\W*(?:(?:and|but|please|tell (?:them|him|her)|it's|it is|that's|this is|really|very|quite|rather|pretty|so|a bit|say)\W+)*(?:urgent|pressing|important|an emergency for me|time[- ]sensitive)\W*(?:please|thanks|thank you)?\W*$/i;

/** Nothing more is wanted: "no thanks, that's all". */
export const THAT_IS_ALL = /\b(?:all|bye|goodbye|nothing else)\b/i;

/** When what ails somebody began is told. */
export const BEGAN =
  /\b(?:it|this|that|they|the pain|the trouble)(?:'s| has| have)?(?: all| only| just| really| first)? (?:started|began|begun|happened|flared(?: up)?|came on|came back|kicked in|appeared)\b/i;

/** Right after people: they come along. */
export const COME_ALONG_TOO =
  /^s?,? (?:(?:is|are|will be)|'re|'ll be) (?:all |both |also )?(?:coming|joining|tagging along|there)(?: along)?(?: too| as well| with (?:me|us)| along)\b/i;

/** What ails somebody is not what did before. */
export const NEW_PROBLEM = /\b(?:the other|a different|another|a new|something (?:else|new)|this time)\b/i;

/** Of two that were named, neither is liked better. */
export const EITHER_WILL_DO =
  /^\W*(?:(?:oh|um+|well|i think|really|honestly|ok(?:ay)?)\W+)*(?:any ?time|either(?: one| way| of them)?|whichever|whenever|both|no preference|(?:(?:i|we) )?(?:don't|do not|couldn't) (?:really |much )?(?:mind|care)(?: (?:which|when))?|(?:it )?(?:doesn't|does not) matter|up to you|you (?:choose|pick|decide))(?: is| are| will| would| works?| suits?| do| me| us| fine| ok| okay| good| for| with| you| which|,)*\W*(?:please|thanks|thank you)?\W*$/i;

/** Something is to be otherwise than it is. */
export const OTHERWISE_THAN = /\b(?:rather|prefer|instead|sooner (?:have|see)|switch|change|different)\b/i;

/** What is said of a thing right before it is named: "a gentle massage". */
export const SAID_OF_IT =
  /\b(?:an?|some|your|more|really|something) ((?:(?!few|couple|bit|lot|good|nice|quick|short|long|new|different|other|single|free|proper|normal|little|private)[a-z-]+,? ){1,2})$/i;

/** One more beside what is spoken of. */
export const ANOTHER_ONE = /\b(?:another|also|as well|too|one more|second)\b/i;

/** Who leaves it for later: "no, another time", "I'll sleep on it", "we'll get back to you". */
export const PUTS_OFF = new RegExp(
  [
    "^\\W*(?:(?:ok|okay|thanks|well|hm+|ah|right)\\W+)*(?:no|nope|nah)\\b.*\\b(?:another time|some other time|later|not now|not today|not yet)\\b",
    "\\b(?:i|we|let me)(?:'ll)? ?(?:have to|need to|must|want to|should|better|'d better)?(?: just)? (?:see|find out|make sure|ask|check|know)(?: first)? (?:if|whether) (?:i|we|my)\\b",
    "\\b(?:let me|can i|could i|may i|i(?:'d| would) (?:like|want) to|i should|we should)(?: just| maybe)? (?:think (?:about )?(?:it|that|this)|think it over|sleep on|(?:check|clear (?:it|that)|confirm|talk|speak) with my|(?:ask|talk to|speak to|consult) my|check my (?:diary|calendar|schedule))\\b",
    "\\b(?:i|we)(?:'ll| will|'d better|'ve got to| better| must| need to| have to| want to)(?: just)? (?:think (?:about )?(?:it|that)|think about|sleep on|(?:ring|call) (?:you )?back|get back to|be in touch|let you know|check (?:with|my|first)|ask my|talk to my)\\b",
  ].join("|"),
  "i",
);

/** Who turns to something else: "right, so basically …". */
export const NEW_TURN =
  /^\W*(?:ok(?:ay)?|right|so|well|anyway|alright|fine|actually|look|listen)\b(?:\W+(?:so|then|well|but|and|basically|anyway|what|how|it's|i|we|my|the|if|can|could|is|are|do|does|both|just))\b(?=(?:\W+\w+){2})/i;

/** A message is to bring an answer. */
export const TO_BE_REACHED = /\b(?:call|ring|phone|reach|contact|text)\b/i;

/** Somebody is to be told something. */
export const TO_BE_TOLD = /\b(?:pass|tell|ask|message|call|ring|phone|say)\b/i;

/** What is to be done with a question that was not answered. */
export const WITH_IT = /\b(?:pass|tell|ask (?:them|her|him)|message|call|ring|phone)\b/i;

/** A sentence that goes on from the one before. */
export const AND_ABOUT = /^\W*(?:and|what about|how about|ok and)\b/i;
export const AND_ALSO = /^\W*(?:and|what about|how about|ok and|also|(?:no,? |sorry,? |oh,? )*i (?:mean|meant)(?: for| the one for)?)\b/i;

/** Somebody asks to have or to do it. */
export const ASKS_TO_COME = /\b(?:can|could|may) (?:i|we) (?:have|get|book|do|come|take) /i;

/** Somebody asks whether they may come. */
export const MAY_I_COME =
  /\b(?:could|can|may) (?:i|we|he|she|they) (?:please )?(?:come|be seen|get in|stop by|pop in|bring (?:it|him|her|them|my \w+) (?:in|over|along|round|by))\b/i;

/** Somebody wants to see one who can help. */
export const SEES_SOMEBODY = /\b(?:can|could|may|should|to) (?:i |we |he |she |they |my \w+ )?(?:please )?see (?:someone|somebody|anyone|anybody)\b/i;

/** Words that may stand around the one thing that is named, and say nothing besides. */
export const SMALL_BESIDE = /\b(?:and|what|how|about|also|ok|okay|then|the|an?|for|with|on|your|one|please|if|it's|is)\b/g;

/** Two that are to be told apart. */
export const THE_DIFFERENCE = /\b(?:difference|diff|differ|better|recommend|which (?:one|is))\b/i;

/** Something is to be other than it stands. */
export const OTHER_THAN_NOW = /\b(?:chang(?:e|ed)|new|update|correct|replace|different|another)\b/i;

/** With whom the one that is spoken of is, and which of several is with whom. */
export const IT_IS_WITH_WHOM = /\b(?:who|whom|who's)\b[^?]*\b(?:with|it|that|do|see|does)\b|\bwith (?:whom|who)\b/i;
export const WITH_WHOM = /\b(?:who|who's|whom|which (?:of (?:those|them|these)|one|ones))\b.*\b(?:with|by|does)\b|\bwith (?:whom|who)\b/i;

/** Who speaks of something of their own. */
export const OF_MINE = /\b(?:my|i|i'm|we|our|am|booked)\b/i;

/** What is asked of the house itself. */
export const ASKS_OF_US = /\b(?:do|have|is|are|does) (?:you|ye|there|your|anybody|anyone)\b/i;

/** What the house would do is asked: "would you come out to me". */
export const WHETHER_WE_WOULD = /\b(?:would|could|can|will) (?:you|ye|your|anybody|anyone|somebody|someone)\b/i;

/** Whether one of the house's people can do what is being arranged: "and can Marlon do it". */
export const CAN_THEY_DO_IT =
  /^\W*(?:(?:and|but|oh|so|ok(?:ay)?|hm+|um+)[ ,]+)*(?:can|could|may|might|would|is it possible for|is it possible that)(?: it be| that be)? (?:with )?<staff>(?: (?:do|take|handle|give|teach) (?:it|that|this|me|us|him|her)| to do (?:it|that))?(?: (?:then|please|maybe|perhaps|instead))*\W*$/;

/** Right before what is one's own: "my taping", "our lesson". */
export const MY_OWN = /\b(?:and |but )?(?:is |are |when's |when is |what about )?(?:my|our)\s+(?:(?:other|existing|[a-z]+day'?s?)\s+)?$/i;

/** Between what is said of one thing and of the next. */
export const PARTS_OF_SEVERAL = /\s*(?:[,;]\s*(?:and\b|then\b|but\b)?|\band then\b|\band\b|\bthen\b|\bbut\b)\s*/i;

/** What is said of each of several visits. */
export const FOR_EACH = /\b(?:for|with|at) (?:both|all|each)(?: (?:of (?:them|those)|two|three))?\W*$|^\W*(?:both|all|each)\b/i;

/** Something is told of what was named: "this photo, it's ripped", "a bag with a broken zip". */
export const TOLD_OF_IT =
  /[,.;]\s*(?:it|he|she|they|that|this)(?:'s|'re| is| are| was| has| have| won't| doesn't| keeps?)\b|\bwith (?:an?|some|the) [a-z]+|\b(?:that|which|who)(?:'s| is| are| has| have| won't| doesn't| keeps?)\b|\bi'm [a-z]+|\b(?:pregnant|weeks|months|years old)\b/i;

/** What lies nearest to an hour will do as well. */
export const OR_NEAREST =
  /\bor (?:(?:whatever|whichever|anything)(?:'s| is)? (?:(?:the )?(?:nearest|closest)|near(?:by)?|close(?: to (?:it|that))?)|(?:the )?(?:nearest|closest)(?: (?:to (?:it|that)|you(?:'ve| have)(?: got)?|there is|one|time|slot))?|as (?:near|close) (?:to (?:it|that) )?as (?:you can|possible)|(?:there|near) ?abouts?)\b/i;

/** What others said or did is told, and nothing wished. */
export const SAYS_OF_OTHERS = /\b(?:my|our|a|the) (?:[a-z]+ ){1,2}(?:said|says|told|mentioned|recommended|suggested|swears|sent|goes|loves|likes)\b/i;

/** One more thing at the same visit: "can you tack a beard trim on the end". */
export const ADDS_TO_IT =
  /\b(?:add|chuck|throw|tack|stick|pop|squeeze|slip|fit)\b[^.?!]*\b(?:on|in|too|as well|to (?:it|that|mine))\b|\b(?:add|include)\b|\b(?:on the end|at the (?:end|same (?:go|time|visit|appointment))|in the same (?:go|visit|appointment)|in one go|while (?:you(?:'ve got| have) (?:it|him|her|them)\b|(?:i'm|we're|it's|he's|she's|they're|you're|i am|we are|it is|he is|she is|they are|you are) (?:there|at it|in|here|at yours|with you))|as well|too|also|afterwards|after that|on top)\b|\bafter\W*(?:please\W*)?$/i;

/** Something besides is named first of all. */
export const BESIDES_FIRST = /^\W*(?:oh,? )?(?:and|also|plus)\b(?! (?:how|what|when|where|who|which|is|are|do|does|can|could)\b)/i;

/** At the same visit as the one that was booked. */
export const AT_THE_SAME_GO =
  /\b(?:on the end|(?:at|in) the same (?:go|time|visit|appointment|trip)|in one go|while (?:you(?:'ve got| have) (?:it|him|her|them)\b|(?:i'm|we're|it's|he's|she's|they're|you're|i am|we are|it is|he is|she is|they are|you are) (?:there|at it|in|here|at yours|with you))|(?:right|straight|directly) after(?:wards)?|afterwards|after that)\b/i;

/** Something is to take the place of what was spoken of. */
export const IN_ITS_PLACE = /\b(?:instead|rather|not the|swap|switch|change)\b/i;

/** Who asks and does not want a visit. */
export const NO_VISIT =
  /\b(?:don't|do not|didn't|not|no longer) (?:really |actually )?(?:want|need|wish|looking|trying|here|after|ready|going)(?: to)? (?:book(?:ing)?|make an? (?:appointment|booking)|an? (?:appointment|booking|visit)|come in)\b(?! (?:yet )?(?:on|at|with|for|before|after|until|till|so))|\bnot booking\b/i;

/** Whether something that was told of is done there: "is that something you do". */
export const DO_THAT =
  /\b(?:is (?:that|this|it) something (?:you|ye|that you)(?: guys)? (?:do|could do|can do|offer|deal with|help with|(?:can|could) help with|see|treat)|do you (?:do|offer|handle|treat|deal with) (?:that|this|those|these|such)\b|can you (?:help|do (?:anything|something)) (?:with|about|for) (?:that|this|it))/i;

/** With whom what is kept or offered is. */
export const IS_WITH = /\b(?:is|are|was|were|will|would) (?:that|it|this|those|they|these|both|all)(?: all)?(?: be)? with\b/i;

/** What is asked is to be had or done. */
export const ASKS_FOR_IT = /\b(?:(?:can|could|may|would|will) (?:you|i|we|ye|he|she|they|(?:my|our) [a-z]+)|how about|what about|any chance)\b/i;

/** Somebody is to be had: "can I get him on Wednesday". */
export const GETS_THEM = /\b(?:get|have|want|take|i'll take|catch) (him|her|them)(?= (?:at|on|for|then|instead|today|tomorrow|this|next|again|please)\b|\W*$)/i;

/** What somebody has free: "the next opening he has", "whatever she's got". */
export const THEY_HAVE =
  /\b(?:openings?|times?|slots?|appointments?|days?|thing|one|whatever|whenever|anything|when|soonest|earliest)(?: that)? (he|she|they)(?:'s|'ve| has| have|'s got|'ve got| can| could)\b/i;

/** Between two of which either will do. */
export const EITHER_OR =
  /^[\s,]*(?:or|or else|or maybe|if not|failing that|otherwise|alternatively)(?:,? (?:maybe|perhaps|even|else|if not))?[\s,]*(?:on |the )?$/i;

/** How long what is spoken of takes. */
export const HOW_LONG_IS_IT =
  /\bhow (?:long(?:'s|s)|(?:long|many minutes) (?:is|are|does|do|will|would|am|should))\b(?! (?:you|the wait|i wait|it last|they last))|\bhow (?:long|many minutes) (?:altogether|in all|in total|all in all|all told)\b/i;

/** Two who want something together. */
export const SEVERAL_OF_US =
  /\b(?:my (?:husband|wife|partner|boyfriend|girlfriend|fianc[eé]e?|other half|spouse) and (?:i|me)|(?:me|i|myself) and my (?:husband|wife|partner|boyfriend|girlfriend|fianc[eé]e?|other half|spouse)|the (?:two|pair) of us|both of us|us both|as a couple)\b/i;

/** What a service is called, or said to be, that two come to together. */
export const FOR_TWO = /\b(?:couples?|both (?:partners|of you)|partners|for two|(?:two|you) together|duo|side by side|two people)\b/i;

/** Two do it with each other: "the one we do together". */
export const DO_TOGETHER = /\b(?:together|with each other|at the same time|as a couple|side by side)\b/i;

/** Another number of people come to what is booked: "there'll be five of us now", "one of the two can't come after all". */
export const MORE_OR_FEWER_COME =
  /\b(?:there'?ll|there will|we'?ll|we will|it'?ll|it will|we're|we are|it's|there's|there are)(?: now| only| just| actually)* (?:be )?(?:only |just |now )*(?:the )?(?:one|two|three|four|five|six|seven|eight|\d{1,2})(?: of (?:us|them)| people| kids| children)?(?:,? (?:now\b|after all|instead of|rather than|and not|not (?:one|two|three|four|five|six|\d))| (?:more|fewer|less|extra)\b)|\b(?:booked|down) (?:for|on|in)\b[^.?!]*\b(?:just|only) (?:be )?(?:the )?(?:one|two|three|four)\b|\bone of (?:us|them|the (?:two|three|four|girls|boys|kids|children)) (?:can't|cannot|won't|isn't|is not|will not|is sick|is ill)\b|\b(?:one|two|three) (?:fewer|less|extra) (?:person|people|places?|of us|child|kids)\b/i;

/** Anybody but the one who is named. */
export const SOMEBODY_ELSE =
  /\b(?:some|any)(?:body|one) (?:else|other than|but|except|apart from)\b|\b(?:a different|another|some other) (?:person|one|therapist|stylist|doctor|instructor)\b/i;

/** It is asked whose name is wanted. */
export const WHOSE_NAME =
  /\bwhose name\b|\b(?:mine|my (?:own )?name|(?:the|my) [a-z]+'s(?: name)?|(?:his|her|their)s?(?: name)?),? or (?:is it |do you (?:need|want|mean) )?(?:mine|my (?:own )?name|my own|(?:the|my) [a-z]+'s(?: name)?|(?:his|her|their)s?(?: name)?)\b/i;

/** Somebody has something booked. */
export const IS_BOOKED = /\b(?:booked|down)(?: in)? (?:for|on|in|with)\b/i;

/** Only one comes. */
export const JUST_ME = /\b(?:(?:just|only) (?:me|myself|one of us|the one)|on my own|by myself|(?:just|only) for me)\b(?! and)/i;

/** What somebody is addressed by, before their name. */
export const TITLE_BEFORE_A_NAME = /\b(?:[Mm]iss|[Mm]rs?|[Mm]s|[Mm]adam|[Ss]ir|[Dd]r)\.? (?=\p{Lu}\p{Ll})/gu;

/** Right before what something is to be over by, or comes after. */
export const UP_TO_AN_EVENT = /\b(?:until|till|til|before|after|since|by) (?:(?:the|my|his|her|our|their|a|an) )?$/i;

/** What is asked of a thing of theirs that is here, or of one of the house's people: it wishes for no visit. */
export const OF_THEIR_THING =
  /\b(?:can|could|may|might|would|will|should|do|shall) (?:i|we|he|she|they|my [a-z]+)\b[^.?!]{0,20}\b(?:collect|fetch|pick (?:(?:it|him|her|them|that|this|my \w+|the \w+) )?up|drop (?:(?:it|him|her|them|that|this|my \w+|the \w+) )?off|leave (?:it|him|her|them|my|the)|(?:have|get) (?:it|him|her|them) back)\b/i;

/** One of the house's people is asked about. */
export const IS_THEY_SO =
  /\b(?:is|was|does|did|has|isn't|doesn't) (?:(?:miss|mr|mrs|ms|dr|madam|sir)\.? )?<staff>|<staff>[ ,]+(?:(?:how )?(?:is|was|does|did|has)|isn't|doesn't) (?:he|she|they)\b/i;

/** Right before how somebody is: "I'm already". */
export const HOW_THEY_ARE = /\b(?:i'm|i am|im|we're|we are|been|is|was|are|were|he's|she's|they're|you're)(?: (?:already|fully|now|not|still))? $/i;

/** Right before something that somebody has none of: "no". */
export const NO_SUCH_THING = /(?:^|[,;.!?])\s*(?:there(?:'s| is) |i have |i've |we have |got )?no $/i;

/** Something is not wanted, and no more is said. */
export const DOES_NOT_WANT = /^\W*(?:no|nah|nope)\b[\s,.!-]*(?:thanks|thank you)?[\s,.!-]*(?:i|we) (?:don't|do not|didn't) (?:want|need)\b[^.?!]*[.!]?\s*$/i;

/** Advice is asked for, if not as a question. */
export const ASKS_ADVICE =
  /\b(?:tell|advise|advice|recommend|suggest|explain|say|know|wonder(?:ing)?|should|shall|what|which|whether|how|why|can|could|is|are|would|will|do|does|must|allowed|dose|need you|want you|think|reckon|opinion|diagnos\w*|prescri\w*)\b/i;

/** One more thing, and nothing besides: "and the fitting?" */
export const JUST_ANOTHER = /^\W*(?:oh,? |ok(?:ay)?,? )?(?:and|also|plus)(?: also| then)? (?:the |an? |my )?<service>(?: too| as well| please)*\W*$/;

/** What was spoken of is wished for, and something beside it: "can I get it done on Friday, and a trim". */
export const IT_AND_ANOTHER =
  /\b(?:get|have|book|do|take|want|like|come (?:in )?for|go for)(?: me| us)? (?:it|that|this|them)\b(?! to (?:know|ask))[^.?!]*(?:\band|\bplus|\bwith|&)(?: also| then| maybe| possibly)? (?:an? |the |my )?<service>/;

/** The same before one of the house's people, in what was said with finds put aside. */
export const TITLED = /\b(?:miss|mrs?|ms|madam|sir|dr)\.? (?=<(?:staff|name)>)/g;

/** It is to be called off, and nothing else: "no, just cancel it". */
export const CANCELS_ALL_THE_SAME =
  /^\W*no\b[\s,.!-]*(?:thanks|thank you|sorry)?[\s,.!-]*(?:(?:(?:i|we) (?:don't|do not|dont) (?:want|need|wish for|care for)|don't bother with|no need (?:for|to (?:find|look for|give me))) (?:an?other|a different|a new|any other|to (?:move|change|rebook|reschedule|shift))\b[a-z' ]*[,.;!-]+\s*)?(?:(?:i|we)(?:'d| would)? (?:just |only |simply )?(?:want|like|wish|need) (?:you )?to\s*)?(?:(?:just|please|go ahead and|only|simply)[\s,]*)*(?:cancel|call (?:it|that) off|scrap)(?: (?:it|that|this|the (?:lot|appointment|visit|booking)))?(?: please| thanks| thank you| altogether| completely)*\W*$/i;

/** One of the house's people is to be told, and not what. */
export const TELLS_THEM_THAT =
  /^\W*(?:(?:and|so|ok(?:ay)?|please|thanks)\W+)*(?:(?:can|could|would|will) you |please )*(?:please )?(?:(?:tell|inform|warn) (?:<staff>|him|her|them|the [a-z]+)|let (?:<staff>|him|her|them|the [a-z]+) know|pass (?:it|that|this) on(?: to (?:<staff>|him|her|them|the [a-z]+))?|mention (?:it|that) to (?:<staff>|him|her|them))(?: (?:that|this|it|so))?(?: please| for me| then)*\W*$/;

/** Right before another thing that is to take the place of what is at hand: "forget it, what about". */
export const NAMES_ANOTHER =
  /\b(?:(?:what|how) about|forget|scrap|leave (?:it|that)|or(?: maybe)?|maybe|make (?:it|that)|let's (?:do|have|say)|i'll (?:have|take|do)|give me|only|just) ?(?:[a-z]+ ){0,2}$/i;

/** Right before when somebody is to be reminded or reached: "text me". */
export const REMINDS_ME =
  /\b(?:text|remind|ring|call|phone|email|e-mail|message|whatsapp|notify|send|let)(?: me| us)(?: know| back| again)?(?: a (?:text|reminder|message))?(?: (?:on|at|from|maybe|please))* $/i;

/** What was meant is said after a no, or asked: "no, I mean is it ready". */
export const NO_I_MEAN =
  /^\W*(?:no|nope|nah|not that)\b\W*(?:(?:but|sorry|wait|hang on|oh)\W+)*(?:i mean|i meant|what i mean|i(?:'m| am) asking|i want(?:ed)? to know|(?:is|are|do|does|can|could|will|would|what|when|where|how|who|which|did|has|have) (?:it|i|you|we|they|he|she|the|my|there|that|this)\b)/i;

/** Somebody else is to come to what is theirs: "could my daughter take my lesson". */
export const IN_MY_PLACE =
  /\b(?:can|could|may|might|would it be (?:ok|okay|alright|all right|possible) if|is it (?:ok|okay|alright|all right|possible) if)(?: my (?:[a-z]+ )?[a-z]+| (?:he|she|they|somebody else|someone else|another person))[^.?!]*\b(?:take|takes|have|has|use|uses|come|comes|go|goes|do|does|attend)s?\b[^.?!]*\b(?:instead of me|in my (?:place|stead|spot)|for me instead|my (?:lesson|appointment|slot|place|visit|session|class|spot) instead)\b|\b(?:give|pass|transfer|hand) my (?:lesson|appointment|slot|place|visit|session|class|spot|booking)\b[^.?!]*\b(?:to|on to|over to) (?:my|somebody|someone|a)\b/i;

/** Right before what is theirs, or is to be changed: "my", "cancel the". */
export const CALLED_THEIRS =
  /\b(?:my|our|mine) $|\b(?:cancel|call off|move|reschedul\w*|change|shift|push|bring|swap|drop|postpone|put off|make|keep)\b[^,.;!?]{0,30}$/i;

/** Straight before or after what is theirs. */
export const BESIDE_MINE =
  /\b(?:(?:right|straight|directly|just|immediately) )?(?:before or after|after or before|either side of|next to) (?:mine|me|that|it|my (?:own|one|appointment|visit|slot|lesson)|ours)\b|\b(?:right|straight|directly|just|immediately) (?:before|after) (?:mine|me|my own)\b/i;

/** A part of some day, whichever: "to an evening". */
export const ANY_SUCH_PART = /\b(?:an?|some|any) (?:early |late )?(?:morning|afternoon|evening|arvo)\b|\b(?:mornings|afternoons|evenings)\b/i;

/** Which days there are is asked, and nothing besides. */
export const WHICH_DAYS =
  /^\W*(?:(?:and|so|ok|okay|well|on)\W+)*(?:what|which) (?:days?|times?|days and times)(?: (?:is it|are they|are there|do you have|is that))?\W*$/i;

/** Between what is moved and what is to be booked beside it: "and add a". */
export const AND_ADDS =
  /\b(?:and|plus|then)(?: also| then| maybe| can (?:i|we)| could (?:i|we|you)| please)* (?:add|include|tack on|squeeze in|fit in|book|put (?:me |us )?(?:in|down) for|have|get)(?: me| us)?(?: in)?(?: an?| the| my)?(?: [a-z]+)?\s*$/i;

/** On the day that was spoken of. */
export const ON_THAT_DAY = /\b(?:that|the) (?:very )?same (?:day|morning|afternoon|evening|date)\b|\bon (?:that|the) day\b/i;

/** All that was spoken of is meant, and not one thing of it. */
export const ALL_OF_THEM =
  /\b(?:all (?:of )?(?:that|this|it|them|those)|altogether|all together|in (?:all|total)|the lot|everything|both|(?:the |a )?total|combined|the two(?: of them)?|them all)\b/i;

/** Visits are wished for week by week, with no end: "every Friday", "once a week". */
export const REGULARLY =
  /\b(?:every|each) (?:other |second )?(?:week|fortnight|month|(?:mon|tues|wednes|thurs|fri|satur|sun)day)\b(?! (?:until|till|for|from now until)\b)|\bweekly\b|\bonce a (?:week|fortnight|month)\b/i;
export const EVERY = /^(?:every|each) /i;

/** Who speaks comes as well: "me and my son". */
export const AND_ME = /\b(?:me|myself|i) and (?:my|our|the|his|her)\b|\band (?:for )?(?:me|myself)\b/i;

/** "The bride is Niamh", with the name taken out: who somebody is, and nothing of a need. */
export const IS_WHO = /\b(?:the|my|our) [a-z]+(?:'s)?(?: name)? is(?= {3,}| *$)/i;

/** What is theirs is to be at another hour of its day: "can we do my lesson at eleven on the same day". */
export const OURS_THAT_DAY = /\b(?:my|our) [a-z0-9:.' -]{3,60}?\b(?:on )?(?:the|that) same day\b/i;

/** Somebody named is to do what is theirs: "could Trent do my cleaning". */
export const DOES_OURS =
  /<staff> (?:could |can |might |would |will |to |please )*(?:do|take|handle|give me|see (?:me|us) for) (?:my|our) <service>|<staff> (?:please )?[a-z]+(?: at)? (?:my|our) <service>(?: [a-z]+){0,2} (?:instead|rather|in (?:the )?place of)\b|\b(?:my|our) <service> (?:to be )?(?:done )?(?:by|with) <staff>(?! (?:on|at|is|was)\b)/;

/** What somebody else of theirs is called: "and hers is Mia Abel". */
export const IS_THEIRS = /\b(?:hers|his|theirs|the other(?: one)?|(?:her|his|their|my [a-z]+'s) (?:full )?name)(?:'s| is|:)/i;

/** Somebody speaks for somebody else. */
export const ON_BEHALF = /\bon (?:(?:his|her|their) behalf|behalf of)\b/;

/** Something is asked to be done, and nothing to be told. */
export const ASKS_FOR_A_DEED =
  /^\W*(?:(?:and|so|please|ok|okay|well)\W+)*(?:can|could|would|will|may) (?:you|someone|somebody|anyone|anybody|they|one of you|i|we)\b/i;

/** Whether one may book another time is asked, while something is to be called off: "and can I book again later". */
export const BOOK_LATER =
  /\b(?:can|could|may) (?:i|we) (?:still |always |just )?(?:re-?book|book (?:again|another(?: one)?|a new one|one)|make (?:a new|another) (?:one|appointment|booking)|come back)(?: (?:again|anew))? (?:later(?: on)?|another time|some other time|at another time|any ?time|afterwards|whenever|once|when)\b/i;

/** All of it is a number that may be an hour. */
export const BARE_HOUR =
  /^(?:(?:ok(?:ay)?|k|so|or|maybe|then|how about|what about|say|make it|at|around|about|like) )*(?:\d{1,2}(?:[:.]?\d\d)?(?: ?ish)?|[a-z]{3,6}(?: (?:thirty|fifteen|forty five))?)(?: (?:then|please|maybe|ish|is fine|is good|works))*[.!?]?$/i;

/** Right before a thing of somebody's own. */
export const RIGHT_BEFORE_OF_THEIRS = /\b(?:my|our|his|her|their)(?: own)? $/i;

/** Somebody or some animal of theirs. */
export const KIN_OR_PET =
  /^(?:dog|cat|puppy|pup|kitten|rabbit|bunny|hamster|guinea pig|horse|pony|bird|parrot|baby|son|daughter|child|kid|toddler|boy|girl|wife|husband|mum|mom|dad|mother|father)(?:s|'s)?$/i;

/** Right before what somebody or something is. */
export const THAT_IS_THE = /\b(?:that|it|she|he|this)(?:'s| is| was) (?:the|my|our) (?:name of (?:the|my) )?$/i;

/** Right before what was spoken of already. */
export const OF_BEFORE = /\b(?:the|that|this) $/i;

/** Who was taken to leave a message would rather come: "no, I'd rather just come back in". */
export const WOULD_RATHER_COME =
  /\b(?:i|we)(?:'d| would)? (?:just |really )?(?:rather|prefer to|like to|want to|need to) (?:just |simply )?(?:come (?:back|in|again|by|over)|be seen|be looked at|(?:make|book|have|get) (?:an?|another) (?:appointment|visit|time|slot)|book (?:in|something)|see (?:some(?:one|body)|any(?:one|body)|an? [a-z]+))\b/i;

/** What is to be done before a visit or for it, and not for somebody's health: "do I take my tablets on the day". */
export const FOR_THE_VISIT =
  /\bbefore(?:hand)?\b|\bon the (?:day|morning)\b|\b(?:that|the same) (?:day|morning)\b|\bfor the (?:test|visit|appointment|scan|session|treatment)\b|\bwhen i (?:come|get there|arrive)\b|\bas (?:usual|always|normal)\b/i;

/** Neither a yes nor a no, and nothing more: "maybe", "let me see". */
export const HESITATES =
  /^\W*(?:(?:hm+|um+|er+m?|uh|well|oh|ah|so|ok|okay|yeah|yes)\W+)*(?:hm+|um+|er+m?|maybe|perhaps|possibly|probably|we'll see|let me see|let's see|in a (?:minute|moment|sec|second|bit)|not yet|i(?:'m| am) not sure(?: yet)?|not sure(?: yet)?|i don't know(?: yet)?|i (?:don't know|'m not sure) (?:if|whether) (?:i|we) can (?:make it|come|do it|get off)[a-z ]{0,16})\W*$/i;

/** What is kept is to be kept a while longer. */
export const HOLD_IT_FOR_ME =
  /\b(?:can|could|will|would) you (?:please |just )?(?:hold|keep|save) (?:it|that|this|my (?:place|spot))\b|^\W*(?:please )?(?:hold|keep|save) (?:it|that|this)(?: for (?:me|us))?(?: (?:a|for a) (?:bit|while|minute|moment))?(?: please)?\W*$/i;

/** What orders that it be done: of guesses that somebody wishes for what was read back, only such are a yes. */
export const ORDERS_IT =
  /^(?!.*\b(?:but|if|unless|until|till|first|whether|have to|need to|would|wants?|cannot|can't|don't|not)\b).*\b(?:book|put (?:me|us|it|him|her|them|that)|sign (?:me|us)|reserve|go (?:on|ahead)|do (?:it|that|so)|confirm|take it|lock it in|pencil|move it|cancel it|schedule|(?:i'd|i would) like (?:to book|that|it|this))\b/i;

/** When it is does not suit: "that clashes with my meeting". */
export const CLASHES =
  /\b(?:clash(?:es|ing)?|conflicts?|overlaps?) with\b|^\W*(?:(?:oh|hm+|no|ah|well|ugh)\W+)*(?:that's|it's|that is|it is) (?:(?:quite|rather|very|really|a bit|a little|pretty|way|far|just|so|too) )+(?:late|early|soon)(?: (?:for (?:me|us|him|her)|in the (?:day|morning|evening)))?\W*$|\b(?:i|we) (?:have|need) to (?:be )?(?:at )?(?:work|school) then\b/i;

/** What it costs decides. */
export const DEPENDS_ON_PRICE =
  /\bdepend(?:s|ing) (?:a bit |rather )?(?:up)?on (?:the|your) (?:price|cost|fee)s?\b|\bdepend(?:s|ing) (?:up)?on (?:how much|what) (?:it|that|you) (?:is|costs?|charges?)\b/i;

/** All that stands between two of what was offered, of which either will do. */
export const EITHER_ONE = /^,? or (?:maybe |perhaps )?$/i;

/** It costs less, or more, than they thought: nothing is to be cheaper. */
export const THAN_THOUGHT = /\b(?:cheap|dear|pric|cost|less|more|expensive)[a-z]* than (?:i|we)(?:'d| had)? (?:thought|expected|feared|hoped|imagined)\b/i;

/** What was spoken of is asked about, and nothing more. */
export const WHAT_IS_THAT =
  /^\W*(?:(?:and|so|but|ok|okay|sorry|oh|hm+|wait|right)\W+)*what(?:'s| is) (?:it|that|this)(?: (?:exactly|then|about|all about|for|like|anyway))?\W*$/i;

/** What was spoken of is taken, and nothing more is said. */
export const TAKES_IT =
  /^\W*(?:(?:ok(?:ay)?|great|good|then|right|well|so|yes|yeah|fine|perfect|lovely|in that case|all right|alright|cool|sure)\W+)*(?:(?:i'll|we'll|i will|we will|let me|i'd like to|i want to) (?:take|have|do|go for|try|book) (?:it|that|one)|let's (?:do|book|have|go for) (?:it|that|one)|(?:sign|put) (?:me|us) (?:up|down)(?: for (?:it|that|one))?|i'd like (?:it|that|one))(?: (?:then|please|thanks))*\W*$/i;

/** Who thinks it over comes back some day, and wishes for nothing on it. */
export const COMES_BACK = /\b(?:let you know|get back to you|be in touch|(?:ring|call|write|message)(?: you)? back|tell you)\b/i;

/** Whether it was then is asked, of what was just done: "wait, was that Saturday". */
export const WAS_IT_THEN =
  /^\W*(?:(?:wait|sorry|hang on|hold on|hm+|oh|and|so|but|just checking|just to check)\W+)*(?:(?:was|is) (?:that|it)(?: (?:for|on|at|definitely|really|still))* <(?:day|time)>(?: (?:at )?<(?:day|time)>)?(?:,? (?:right|yes|correct|then))?|(?:it's|that's|it is|that is)(?: (?:for|on|at))* <(?:day|time)>(?: (?:at )?<(?:day|time)>)?,? (?:right|yes|correct|isn't it|is it not))\W*$/;

/** With somebody else it would be better: "with Mali would be better". */
export const WITH_WOULD_BE_BETTER =
  /^\W*(?:(?:actually|oh|hm+|sorry|wait|could it be|can it be|i think|maybe)\W+)*(?:with )?<staff> (?:would be|is|might be) (?:better|easier|nicer|preferable)\b|^\W*(?:(?:actually|oh|hm+|sorry|wait|no)\W+)*(?:make (?:it|that) )?with <staff>(?: (?:instead|rather|please|if possible|if i can))+\W*$/;
