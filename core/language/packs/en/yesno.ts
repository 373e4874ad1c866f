/** Yes and no, as people say them. */

/** A yes that takes itself back: "ok then leave it", "yes, but not that one". */
export const TAKEN_BACK =
  /\b(?:leave it|keep it|keep mine|as it is|as it was|forget it|never ?mind|(?:don't|do not)(?=\W*$|[,.!;]| (?:do|book|bother|move|cancel|change|go|take|keep|want|think|like|make|put)\b)|i(?:'ll| will) come(?: (?:after all|anyway|all the same|then))?(?=\W*$|[,.!;])|not now|rather not|changed my mind|no longer)\b/;

/** After a yes it is the reason, and takes nothing back: "yes, I changed my mind about it". */
export const OF_A_REASON = /^changed my mind$/;

/** What is to stay as it is, or is not meant any more: two of these in one answer are no reason for something else. */
export const IT_STAYS =
  /\b(?:(?:leave|keep) (?:it|that|mine|them|everything)|(?:just|simply) (?:leave|keep) (?:it|that)|as it (?:is|was)|never ?mind|i(?:'ll| will) (?:come|be there|make it)|(?:actually|after all|it turns out|turns out),? i can (?:come|make it|be there)|i can (?:come|make it) after all|changed my mind(?! about)|having second thoughts|(?:don't|do not) cancel)\b/g;

export const YES =
  /^(?:(?:oh|um+|uh|well|ah|ok(?:ay)?|hm+|and)[,.]? )*(?:yes|yep|yeah|yup|yea|ya|yah|yis+|yass?|yessir|yes sir|you(?=\W*$)|mm ?-?hm+|mhm+|uh[- ]?huh|fire away|sold(?=\W*$)|works(?=\W*$)|you(?:'ve)? got it|you're on|y(?=\W*$)|sure(?: thing)?|ok(?:ay)?|k|kk|correct|right|exactly|absolutely|definitely|of course|certainly|indeed|perfect|great|grand(?: so)?|chur|righto|too easy|sweet(?: as)?|fine|lovely|wonderful|excellent|brilliant|good|super|cool|deal|done|(?:hell|heck|oh) (?:yes|yeah)|agreed|affirmative|bang on|dead on|(?:mint|ace|champion|smashing|magic|class|belting|cracking|tidy|deadly)(?=\W*$|[.,!] )|i (?:do|am|have|did|might)(?= ?(?:$|[.,!]|indeed|yes|so\b))|i think so|(?:i'm |i am )?afraid so|ja|s[ií](?=\W*$)|opo|sige(?: po)?|yebo|ndiyo|ndio|sawa(?: sawa)?|haan(?: ?ji)?|ji haan|boleh|aye|please do|please(?=[.,!]|$)|go (?:ahead|for it|on)|go(?=[.,!]*$)|take it|do (?:it|that|so)|book (?:it|that|me in)|sounds? (?:good|great|fine|perfect|right|lovely)|(?:that|it)(?:'ll| will| would|ll|'d) (?:work|do|suit)|crack on|(?:i'm )?happy with (?:that|it)|lock (?:it|that|me) in|that(?:'s| is| one is|'ll be| will be| would be|ll be|'d be) (?:right|correct|good|fine|great|perfect|it|me|ok(?:ay)?|lovely|grand|brilliant|wonderful|ideal|super|the one|bang on|dead on|spot on|smashing|mint|champion|ace|magic|tidy)|too right|aye|go on so|spot on|that (?:works|does it|suits)(?: for me)?|that one(?:'s| is)? (?:fine|good|great|works)|that one(?= ?(?:$|[.,!]|please|then|thanks))|works for me|looks (?:good|right)|it is|all good|no problem|confirm(?:ed)?|all right|alright|why not|suits me|let's do (?:it|that)|let's go|you bet|uh[- ]huh|yup|by all means|can(?:,? can| lah| la)?(?=\W*$)|please go ahead|get on with it)\b/;
/** What follows something that begins like a yes, and says no: "ok then no". */
export const SAYS_NO_AFTER =
  /^(?:[.,!;]? ?(?:then|well|so|but|in that case|hm+|um+|uh|thanks|thank you|maybe|i think|i guess|rather|please))*[.,!;]? (?:no|nah|nope|not|don't|do not|let's not|i'd rather not)\b(?! (?:problem|worries|need|rush|hurry|matter|bother|a problem|bad|preference|one|later than|before|after|until|too|on|at|in the|with|tomorrow|today|(?:mon|tues|wednes|thurs|fri|satur|sun)day))/;
export const NO =
  /^(?:(?:oh|um+|uh|well|ah|hm+|actually|sorry)[,.]? )*(?:(?:i'm |i am )?not (?:so |too |really |quite )?sure(?! (?:what|when|which|how|who|whether|if|about))|no(?! preference| one\b| matter| problem| rush| (?:later|earlier|sooner|more|less) than\b| (?:phone|email|number|mobile|cell)\b)|n(?=\W*$)|nope|nah|naw|not (?:a (?:bit|jot|chance|single one)|one bit|in the least|remotely|really|yet|now|at all|that i know(?: of)?|(?:so far )?as far as i (?:know|am aware)|as far as i'm aware|today|quite|for me|right)|never(?! (?:[a-z]{2,}(?:ed|en)|had|did|done|swam|swum|rode|sat|went|took|ran|learnt)\b)|none|negative|i'd rather not|i would rather not|rather not|(?:i'm |i am )?afraid not|i don't(?! have| know| (?:really |actually )?mind| (?:really )?care| want| need)(?: think so)?|i haven't|i'm not|i am not|i didn't|i won't|hang on|hold on|wait|(?:don't|do not)(?! (?:really |actually |much )?(?:mind|care|matter)\b)|stop|that's (?:not|wrong)|that is (?:not|wrong)|oh,? then no|wrong|incorrect|it's (?:not|wrong)|cancel that|forget (?:it|that)|never ?mind|nothing(?: else)?(?! (?:earlier|later|sooner|before|after|on|at|in|else (?:on|at|in)|any|till|until|free)\b)|that's (?:all|it|everything)|that (?:was|is) (?:all|it|everything))\b/;

/** All of it is a sign that agrees, or one that does not. */
export const SIGN_OF_YES = /^[\s.!]*(?:(?:👍|👌|✅|✔|🙂|😊|💯|🙌|🤝)[\u{1F3FB}-\u{1F3FF}\uFE0F\s]*)+[.!]*$/u;
export const SIGN_OF_NO = /^[\s.!]*(?:(?:👎|❌|🚫|✖)[\u{1F3FB}-\u{1F3FF}\uFE0F\s]*)+[.!]*$/u;

/** Of what was read back, "that's it" says that it is right. */
export const THATS_IT = /^(?:(?:yes|yep|yeah|ok(?:ay)?|oh|ah|right|sure),? )*that(?:'s| is) it(?:,? (?:thanks|thank you|please|yes|exactly|indeed))*\W*$/;

/** A plain yes or no at the end of a sentence that began with something else. */
export const AT_THE_END =
  /\s(?:(?<yes>yes|yep|yeah|exactly|absolutely|definitely|perfect|all good|that works|sounds (?:good|great|fine)|go ahead|please do|do it|let's do (?:it|that)|book it)(?: please| thanks| thank you)?|(?:no|nope|nah)(?: please| thanks| thank you| sorry|,? (?:it|that)(?: isn't|'s not| is not)(?: right| correct)?)?|no not (?:really|at all)(?: sorry)?|not (?:really|at all)(?: sorry)?|i don't think so(?: sorry)?|i'm afraid not)[.! ]*$/;

/** A yes that a question may end with as well. */
export const DOES_IT = /^\s(?:do it|book it|go ahead)/;

/** Before a yes at the end, what turns away from what was read back: "sorry, better the sixteenth, yeah". */
export const TURNS_AWAY = /\b(?:sorry|better|rather|instead|actually|no|not|wait|hang on|hold on|change|scratch)\b/;

/** "Has anybody opened it?" – "nobody has touched it". */
export const NOBODY = /^(?:(?:no,?|well,?|oh,?) )*(?:nobody|no one|no-one)\b(?! (?:but|except|knows))/;

/** "No problem" and "no, that's fine" agree. */
export const FRIENDLY_NO = /^(?:no (?:problem|worries)|no,? (?:that's|that is|it's) (?:right|correct|fine|good|ok(?:ay)?|perfect)\b)/;
export const STRONG_NO = /^(?:oh )?(?:god|heavens|hell|lord|goodness),? no\b|^absolutely not\b|^certainly not\b|^no way\b/;

/** What asks for a moment, and what follows it as a question: "wait, when was it?" is no answer. */
export const WAIT = /^(?:oh,? |um,? )?(?:no,? |ok(?:ay)?,? |yes,? |yeah,? )?(?:wait|hang on|hold on|stop)\b/;
export const ENDS_ASKING = /[,.]? (?:what|when|where|who|which|how|is|are|was|do|does|did|can|could|will)\b.*\?\s*$/;
export const WAIT_AND_ASK = /\b(?:wait|hang on|hold on|stop)[,.]? (?:so |but )?(?:what|when|where|who|which|how|is|are|was|do(?! not)|does|did|can|could)\b/;

/** "I don't mind" takes nothing back. */
export const DONT_MIND = /\bdon't (?:really |actually |much )?(?:mind|know|worry|have|need|care|matter)\b/;
/** "Yes… actually no, cancel that" is a no. */
export const NO_AFTER_ALL = /^(?:[.,]? (?:nah|nope)\b|.{0,20}?[.,!;]?\s*(?:(?:actually|oh|wait|sorry|hm+|or)[, ]+)+no\b)/;
export const I_SUPPOSE = /^(?:yeah,? |well,? |ok,? )?i (?:suppose|guess|think)(?: so| that's fine| it is)?\W*$/;
/** Asked whether something is meant, "could be" is as good as a yes. */
export const SO_TO_SAY =
  /^(?:(?:well|yeah|hm+|yes),? )?(?:(?:it |that )?(?:could|might|may|must) (?:well )?be(?:,? (?:yes|yeah|it|that|so))?|probably(?: yes| so)?|most likely|(?:i )?(?:expect|imagine) so)\W*$/;
/** "Yes, but at four" changes something; it agrees to nothing yet. */
export const BUT = /^[,. ]*but\b/;
/** "Right after lunch", "good morning", "do you …": no answers. */
export const ONLY_BEGINS_SO = /^(?:right|good|ok(?:ay)?|well|do|great|fine)\b(?: (?:now|morning|afternoon|evening|you|away|after|before|at|on|around))\b/;
export const DO_IT = /^do (?:it|that|so)/;

/** How often, or how long ago, somebody has done what they are asked for: as good as a yes. */
export const SO_OFTEN =
  /^(?:(?:well|oh|um+|just|only|i think|maybe|about),? )*(?:once(?: or twice)?|twice|(?:a few|a couple of|several|many|lots of|two|three|four|five) times|(?:(?:many|some|ten|twenty|a few|a couple of) )?years ago|last (?:year|month|summer|winter|spring|autumn|fall|week)|ages ago|a (?:long |good )?(?:while|time) (?:ago|back)|all the time|loads|plenty)(?=\W|$)/;

/** A plain yes after a comma, and nothing more. */
export const YES_AT_LAST = /, ?(?:so )?(?:yes|yep|yeah|yup|go ahead|please do|all good)(?: please| thanks| thank you)?[.!\s]*$/;

/** What agrees to a visit that was read back, and to nothing else: "see you then". */
export const YES_TO_A_VISIT =
  /^\W*(?:(?:ok|okay|great|good|perfect|lovely|yes|yeah|right|alright|all right|fine|cool|brilliant|well|oh)\W+)*(?:see (?:you|ya) (?:then|there)|i'll (?:be there|come|take (?:it|that))|we'll (?:be there|come|take (?:it|that))|count (?:me|us) in|alrighty|(?:that|it) (?:should|ought to|will|would) (?:be|do) ?(?:ok|okay|fine|good|great|alright|all right|perfect|nicely)?|i(?:'d| would) love (?:to|that|it)|(?:i|we) want (?:that|it)|i(?:'d| would) like (?:that|it)|consider it done|deal|lovely stuff|job done)(?: (?:please|then|thanks|thank you))*\W*$/;
