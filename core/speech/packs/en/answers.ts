/**
 * What people say on the telephone besides whole requests: bare answers, by what was asked. "= thing" begins a thing to
 * say; "3*" before a line lets it be said three times as often; `<…>` stands for another thing, for the house's own
 * words, or for names.
 */
export const ANSWERS = String.raw`
= digit
(oh|oh|oh|zero)
9*(one|two|three|four|five|six|seven|eight|nine)
= to-twelve
(one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)
= weekday
(monday|tuesday|wednesday|thursday|friday|saturday|sunday)
= month
(january|february|march|april|may|june|july|august|september|october|november|december)
= nth-of-month
(first|second|third|fourth|fifth|sixth|seventh|eighth|ninth|tenth|eleventh|twelfth|thirteenth|fourteenth|fifteenth|sixteenth|seventeenth|eighteenth|nineteenth|twentieth|twenty first|twenty second|twenty third|twenty fourth|twenty fifth|twenty sixth|twenty seventh|twenty eighth|twenty ninth|thirtieth|thirty first)
= n-of-month
(one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|seventeen|eighteen|nineteen|twenty|twenty one|twenty two|twenty three|twenty four|twenty five|twenty six|twenty seven|twenty eight|twenty nine|thirty|thirty one)
= day
8*<weekday>
2*(this|next) <weekday>
this coming <weekday>
<weekday> next week
<weekday> week
(a week|two weeks) (on|from) <weekday>
3*<weekday> the <nth-of-month>
2*<weekday> <month> <nth-of-month>
<weekday> <nth-of-month> of <month>
<weekday> the <nth-of-month> of <month>
3*the <nth-of-month>
3*the <nth-of-month> of <month>
3*<month> <nth-of-month>
<month> the <nth-of-month>
<month> <n-of-month>
<n-of-month> <month>
3*(today|tomorrow)
the day after tomorrow
(next week|this week|the week after|the week after next|later this week|early next week|at the weekend|this weekend|next weekend|any day|next month)
in (a few|two|three|four|ten) (days|weeks)
(in a week|in a fortnight|a week from today|a week from tomorrow|the end of the week|the beginning of next week)
= hour-minute
2*<to-twelve>
2*<to-twelve> o'clock
2*half past <to-twelve>
quarter (past|to) <to-twelve>
a quarter (past|to) <to-twelve>
2*<to-twelve> thirty
<to-twelve> (fifteen|forty five)
<to-twelve> (ten|twenty|forty|fifty|oh five|fifty five|thirty five|twenty five)
(ten|twenty|five) (past|to) <to-twelve>
noon
(thirteen|fourteen|fifteen|sixteen|seventeen|eighteen|nineteen) (hundred|thirty|fifteen|forty five)
= time
6*<hour-minute>
3*<to-twelve> (a.m.|p.m.)
3*<to-twelve> (thirty|fifteen|forty five) (a.m.|p.m.)
<hour-minute> in the (morning|afternoon|evening)
(before|after|around|about|by|not before|not after|some time after|any time after|from) <hour-minute>
between <to-twelve> and <to-twelve>
4*(in the morning|in the afternoon|in the evening|morning|afternoon|evening)
(some time in|early in|late in|later in) the (morning|afternoon|evening)
(before noon|after lunch|after work|before lunch|around lunch|at lunchtime|first thing|first thing in the morning|end of the day|as late as possible|as early as possible|after school|midday|lunchtime)
(early|late|mid) (morning|afternoon|evening)
= any-time
(any time|any day|whenever|whatever you have|i'm flexible|i don't mind|it doesn't matter|no preference|any time of day|anytime is fine|the earliest you have|as soon as possible|the next free one|the first one you have|when are you free|either|whichever is first)
= when
3*<day>
3*<time>
3*<day> <time>
3*<day> at <hour-minute>
2*on <day> at <hour-minute>
<day> at <to-twelve> (a.m.|p.m.)
on <day> <time>
2*on <day>
2*at <time>
<time> on <day>
<any-time>
= lead
(maybe|how about|what about|let's say|preferably|could it be|i can do|say|is there something|any room|it should be|can we do|do you have|is there anything|i'd prefer|i was thinking|i could come|i'd rather have|could we make it|would you have|what do you have|please make it)
= tail
(please|if possible|would be good|would be best|would be great|is fine|is good|works|works for me|is better|would suit me|if you have it|if that's okay|then|thanks|would work|that would be lovely)
= say-when
4*<when>
2*<lead> <when>
2*<when> <tail>
<lead> <when> <tail>
= nth
(first|second|third|last|earlier|later|other|early|late)
= choose
3*the <nth> one
2*the <nth> one <tail>
(i'll take|let's do|let's take|give me|we'll take|i'd like|can i have|put me down for|i'll go for|we'll go with|i prefer) the <nth> one
the <nth>
the one (at|on|with) (<hour-minute>|<day>|<staff>)
3*<hour-minute> <tail>
3*(i'll take|let's do|let's take|give me|make it|i'd like|can i have|i'll go for|let's go with) (the |)<hour-minute>
(i'll take|let's do|let's take|give me|make it|i'd like) <day> at <hour-minute>
2*<day> <tail>
<hour-minute> with <staff>
= not-these
(none of those|none of these|neither|neither of those|no none of them) (work|works|suit me|works for me|are good|please|)
(no|sorry) (i can't do|that's too early|that's too late|those don't work|that doesn't suit me|i work then|that's no good|not then)
(anything|something|do you have anything|is there something|have you got anything) (else|earlier|later|sooner|on another day|in the morning|in the afternoon|on <day>|after <hour-minute>|before <hour-minute>)
(something|a bit|a little) (earlier|later)
what else (do you have|is there|have you got)
= yes
4*(yes|yeah|yep|yup|sure|okay|correct|right|perfect|great|exactly|absolutely|of course|definitely|certainly|fine|lovely)
2*yes (please|thanks|thank you|that's right|that's correct|that's fine|that's it|that's good|go ahead|do that|book it|please do|it is|i am|i have|i do|that works|that's perfect|that would be great)
(that's right|that's correct|that's it|that's fine|that works|that's good|that's perfect|sounds good|sounds great|go ahead|please do|please go ahead|go for it|book it please|all correct|all good|that is right)
(okay|sure|great|perfect|lovely) (go ahead|that's fine|book it|let's do that|that works|thank you|please do|please book it)
= no
4*(no|nope|no thanks|no thank you|not really|never|not yet|nah|wrong)
no (that's wrong|that's not right|it isn't|i haven't|i don't|i'm not|not that one|that's all|not at all|sorry|never|not today|i have not|i do not|it's not|that isn't it|not that i know of)
(that's wrong|that's not right|that's not correct|i don't think so|not that i know|i'd rather not|not quite|i'm afraid not)
= contrast
(no|not <weekday>|no sorry|sorry|wait|oh|actually) (i meant|i mean|i said|make it|it's|it should be|rather|) <when>
not <weekday> <weekday>
not <to-twelve> <hour-minute>
(no|sorry|actually) (i meant|i said|i want|make it|with) (<service>|<staff>|<length>)
= full-name
18*<whole-name>
<first-name>
= name
3*<full-name>
3*(it's|my name is|this is|i'm|i am|the name is|the name's|my name's|that's|it is|under|it's under|yes it's|sure it's|for|put it under) <full-name>
(it's|my name is|this is|i'm) <full-name> (here|speaking|please|thanks)
(first name|my first name is) <first-name> (last name|surname|and my last name is) <last-name>
= letter
(a:|b:|c:|d:|e:|f:|g:|h:|i:|j:|k:|l:|m:|n:|o:|p:|q:|r:|s:|t:|u:|v:|w:|x:|y:|z:)
= as-in
(a: as in (alpha|apple|anna)|b: as in (bravo|boy|bob)|c: as in (charlie|cat)|d: as in (delta|dog|david)|e: as in (echo|edward|easy)|f: as in (foxtrot|frank|fox)|g: as in (golf|george|good)|h: as in (hotel|henry|house)|i: as in (india|ice|ink)|j: as in (juliet|john|jack)|k: as in (kilo|king|kite)|l: as in (lima|larry|lemon)|m: as in (mike|mary|mother)|n: as in (november|nancy|nora)|o: as in (oscar|orange|olive)|p: as in (papa|peter|paul)|q: as in (quebec|queen)|r: as in (romeo|robert|red)|s: as in (sierra|sam|sugar)|t: as in (tango|tom|table)|u: as in (uniform|uncle)|v: as in (victor|violet)|w: as in (whiskey|william)|x: as in (x-ray)|y: as in (yankee|yellow)|z: as in (zulu|zebra))
= spelled
8*<spelt-name>
5*<spelt-whole>
(it's spelled|that's|it's|spelled|my name is spelled|i spell it|sure|yes|okay|that's spelled|it's spelt) <spelt-name>
<spelt-name> (new word|space|and the last name is|and my surname is|last name|) <spelt-name>
<as-in> <as-in> <as-in> <as-in>
<as-in> <as-in> <as-in> <as-in> <as-in>
<as-in> <as-in> <as-in>
<spelt-name> <as-in>
<first-name> <spelt-name>
<last-name> <spelt-name>
<full-name> <spelt-name>
= group
3*<digit> <digit> <digit>
= number
10*<area> <digit> <digit> <digit> <digit> <digit> <digit> <digit>
3*<digit> <digit> <digit> <digit> <digit> <digit> <digit>
4*<area> five five five oh one <digit> <digit>
4*<area> five five five zero one <digit> <digit>
<area> <digit> <digit> <digit> <digit> <digit> <tens> <digit>
<digit> <digit> <digit> <digit> <digit> <digit> <digit> <digit> <digit> <digit>
<digit> <digit> <digit> <digit> <digit> <digit> <digit> <digit> <digit> <digit> <digit>
(double|triple) <digit> <digit> <digit> <digit> <digit>
2*one <area> <digit> <digit> <digit> <digit> <digit> <digit> <digit>
plus one <area> <digit> <digit> <digit> <digit> <digit> <digit> <digit>
= tens
(twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety|eleven|twelve|thirteen|fourteen|fifteen|sixteen|seventeen|eighteen|nineteen|ten)
= phone
5*<number>
3*(it's|my number is|that's|the number is|you can reach me at|you can reach me on|my phone number is|sure it's|it is|yes it's|call me on|my mobile is|my cell is|okay it's|no it's|no) <number>
<number> (thanks|please|is my number|is my cell)
(phone is|mobile is|the phone is|mine is|my work number is|my home number is|cell phone is|the best number is|try|use|take|write down|number is) <number>
<number> (that's my (mobile|cell|phone|work number|home number)|that's the best one|that's the only one i have|in case you need it|if you want to call|if you need to call me|if you need me|any time|day or night)
= mail-word
(post|mail|home|work|office|info)
= email
(<first-name>|<last-name>|<first-name> dot <last-name>|<letter> dot <last-name>|<first-name> <last-name>) at (<mail-word>|<last-name>) dot (com|net|org|example|ca)
(it's|my email is|that's|sure it's) (<first-name>|<first-name> dot <last-name>) at (<mail-word>|<last-name>) dot (com|net|org|example|ca)
= no-phone
(i don't have one|i'd rather not say|i don't have a phone|no email|i don't have an email|skip that|i don't know it by heart|rather not|i don't use email)
= say-service
3*<service>
2*(a|the|an|one) <service>
(i'd like|i want|i need|it's for|i'm after|make it|i'll have|i think|probably|just|could i have) (a |the |an |)<service>
<length> <service>
<length> of <service>
<service> (please|then|i think|if possible|thanks)
<length> <service> with <staff>
= say-length
3*<length>
(make it|the|a|i'd like|i'll take|just|let's do|for|i think|maybe|i want) <length> (one|please|version|)
= say-staff
2*<staff>
2*with <staff>
(i'd like|i'd prefer|i want|can it be|preferably|ideally|only|i usually see|i always go to|if possible with) <staff>
(anyone|anybody|whoever is free|no preference|i don't mind|it doesn't matter|either|anyone is fine|whoever|you choose|any of them)
= say-time-length
(for|about|around|it's been|since) (a|one|two|three|four|five|six|a few|several) (day|days|week|weeks|month|months|year|years)
= body
(back|lower back|upper back|neck|shoulder|right shoulder|left shoulder|shoulders|knee|left knee|right knee|hip|ankle|left ankle|right ankle|foot|heel|wrist|elbow|hand|thumb|arm|leg|calf|hamstring|head|jaw|ribs|spine|tailbone|hair|nails|skin|face|scalp|eyes|teeth|gums)
= about-me
3*(my|the) <body>
(my|the) <body> and (my|the) <body>
(it's|mostly|mainly|i think it's|i'd say it's|probably|well it's|it would be) (my|the) <body>
(both|all of it|everything|nothing in particular|nothing much|just a check up|just to relax|general pain|i'm not sure|i don't know|it comes and goes|the whole side|the right side|one side)
2*<say-time-length>
(i pay|i'd pay|i'm paying) (myself|out of pocket|privately|by card|in cash)
(my|our) (plan|insurance|insurer|work|employer|company) (pays|covers it|covers some|pays for it|does)
(yes|no) (i have|i do|my doctor did|my plan does|through work|i don't have one|i pay myself|nobody did)
(i run|i swim|i cycle|i play tennis|i play soccer|i go to the gym|i do yoga|i dance|i work at a desk|i stand all day|running|swimming|cycling|hockey|golf|none|not any more)
= small-talk
(how are you|i hope you're well|it's nice to talk to you|good to hear you|long time no see|thanks for picking up|sorry to bother you|i have a question)
(my|our) (mother|father|sister|brother|friend|neighbor|doctor|boss|wife|husband|partner|colleague) (says|said|told me|thinks|goes to you|was there last week|recommended you|likes you)
(i've been|i was|i am) (meaning|hoping|about|trying) to (call|ring|get in touch|do this) (for|since) (weeks|months|ages|last month|christmas)
(it has been|it's been|what) (a|such a) (day|long day|busy week|hard month|morning|summer)
(the|this) (rain|snow|wind|heat|traffic|bridge|bus) (is|was) (terrible|awful|something|late|bad) (today|again|this morning|)
= which
2*the <service> (on <day>|)
(my|the) (<service>|appointment|visit) (on|at|for|with) (<day>|<time>|<staff>|<day> at <time>)
the one (on|at|with) (<day>|<time>|<staff>)
(both|both of them|all of them|the <nth> one)
= done
3*(no that's all|that's all|that's it|nothing else|no thanks that's all|no thank you that's everything|that's everything|no that's it|that will be all|i'm all set|we're done|that would be all|that's all thanks|no i'm good|all done)
(thank you|thanks|thanks a lot|thank you very much|many thanks|great thanks|okay thanks|thank you so much|perfect thank you|lovely thank you|cheers)
(bye|goodbye|bye bye|thank you bye|thanks bye|have a nice day|see you then|see you|okay bye|talk to you later|take care|good night)
(no that's all|nothing else|that's it|that's everything|i'm done|no more|no i'm good|all good|that was all|no i'm fine) (thank you |thanks |okay |)(bye|bye bye|goodbye|bye now|bye then)
= again
(sorry|pardon|what|excuse me) (what was that|can you repeat that|could you say that again|i didn't catch that|say that again|once more please|)
(can|could) you (repeat that|say that again|say it again|speak slower|speak up|repeat it) (please|)
(are you still there|hello|hold on|one moment|just a second|wait a moment|hang on|one second please|give me a second|let me check|let me look)
= hello
(hi|hello|good morning|good afternoon|hey|good evening|hello there|hi there)
= filler
(um|uh|er|well|so|hm|let me see|let me think)
`;
