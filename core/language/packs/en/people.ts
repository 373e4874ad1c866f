/** How people say who they are, and how they can be reached. */

import { COMMON } from "./words.ts";
import { SENTENCE_WORDS } from "./vocabulary.ts";

/** Digits that are only the end of a number: "142 at the end". */
export const AT_ITS_END = /^,? ?(?:at|on) the end\b|^ (?:is|are) the last\b/;

/** Right before the hour of a visit: "Friday at". */
export const AN_HOUR_BEFORE = /\b(?:at|around|about|by|before|after|from|till|until|for|\w+day|tomorrow|today)[, ]+$/;

/** All that stands between two numbers where the second corrects the first. */
export const CORRECTS_A_NUMBER = /^[\s.,;-]*(?:(?:no|wait|sorry|rather|oh|i mean|correction|make that|or rather|actually)[\s.,]*)+$/;

/** Right before digits that are only the end of a number. */
export const ENDS_IN = /\b(?:ends? (?:in|with|on)|ending(?: in)?|last (?:digits|four|two|three)(?: are| is)?|finishes (?:in|with)) $/;

/** "Nine hundred", said in a number. */
export const HUNDRED_AFTER = /^ hundred(?: and)?(?: (\w+))?/;

/** A number said in words. */
export const SPOKEN_DIGITS = /^(?!.*hundred)[a-z]+(?: [a-z]+)+$/;

/** An address as it is said: "leila dot haddad at mail dot example". */
export const SPOKEN_EMAIL =
  /(?<![\w'])([a-z0-9]+(?:[._-][a-z0-9]+)*(?: (?:dot|underscore|dash|hyphen) [a-z0-9]+| [a-z0-9](?= ))*) at ((?:[a-z0-9]+(?: (?:dash|hyphen|minus) [a-z0-9]+)* dot )+[a-z]{2,}(?: dot [a-z]{2,})*)\b/;

/** An address and nothing else but what leads up to it, where one is waited for: its words may stand apart. */
export const WHOLE_EMAIL =
  /^\W*(?:(?:yes|yeah|ok|okay|sure|um+|uh+|so|well|right|it's|it is|its|that's|my|the|email|e-mail|address|is|you can use|use|send it to|try)[,:]?\s+)*((?!(?:my|the|is|you|can|if)\b)[a-z0-9]+(?:[ ._,-]+[a-z0-9]+){0,16}?),? at ((?:[a-z0-9]+(?: (?:dash|hyphen|minus) [a-z0-9]+)* dot )+[a-z]{2,}(?: dot [a-z]{2,})*)[\s.!]*$/;

/** How an address is written, said beside it. */
export const HOW_WRITTEN = /,? ?(?:(?:all|in) (?:one|a single) word|all lower ?case|all small(?: letters)?|no spaces?|all together|as one word),?/g;

/** A word of an address that is spelled right after it was said. */
export const SPELLED_AGAIN = /, ?(?:that's )?(?:[a-z][ .-]+){2,}[a-z],?(?= |$)/g;

/** Words before an address that were taken for a part of it. */
export const BEFORE_EMAIL = /^(?:is|its|it'?s|email)/;

export const SAID_DOT = / dot /g;

export const SAID_UNDERSCORE = / underscore /g;

export const SAID_HYPHEN = / (?:dash|hyphen|minus) /g;

export const INTRODUCED =
  /\b(?<!call )(?:my (?:full )?name(?:'s| is| would be)|the name(?:'s| is)|name(?:'s| is|:)?(?! (?:of|for|on)\b)|i am called|call me(?! (?:back|on|at|when|please|tomorrow|today|later|about|before|after|if|once|in|any ?time|this|next|first|as|with|to|for|and|or|up|instead|between|from|soon|again|then|there|here|asap)\b)|booked (?:under|as)|book(?:ing)? (?:it )?(?:under|in the name of)|(?<=\b(?:it|it's|its|that|that's|is|was|down|booked|booking|appointment|visit|me|us|probably|maybe) )under(?: the name(?: of)?)?(?! (?:warranty|guarantee|contract|pressure|age|construction))|under the name(?: of)?|in the name of|for the name|signed|sincerely)\s*:?\s+(?=[a-z])/g;

/** Right before a name that is somebody else's. */
export const ANOTHERS = /\b(?:his|her|their|its|(?:my|our|the) [a-z]+(?:'s|s')) $/;

/** Right before the name of one of theirs: "my son is", "my daughter". */
export const ONE_OF_THEIRS = /\b(?:my|our) (?:[a-z]+ )?[a-z]+(?:'s name)?(?: is|'s|,)? $/;

export const MAYBE =
  /(?:\b(?:i'm|i am|im|it's|its|it is|tis|this is|here is|here's|speaking is)|^\s*(?:(?:ok|okay|yes|just|that's|please) )*under)\s+(?=[a-z])/g;

/** "Book Lia and Sam Brook". */
export const TWO_OF_A_FAMILY =
  /\b(?:book|for|it's|it is|we're|we are|this is|names? (?:is|are)|under)\s+([A-Z][a-z'’-]+) (?:and|&) ([A-Z][a-z'’-]+) ([A-Z][\w'’-]+)(?=\W|$)/;

/** A word spelled out: "m a h o n e y", "double l". */
export const LETTER_BY_LETTER =
  /(?<![\w'])(?:(?:double )?[a-z](?: (?:for|as in|like) [a-z]{2,})?(?:[ .,-]+|, ?)){2,}(?:double )?[a-z]\b(?!')(?: (?:for|as in|like) [a-z]{2,})?/g;

/** All that stands beside letters in a message that does nothing but spell. */
export const ONLY_SPELLS = /^(?:[\s.,;!-]|\b(?:that's|that is|it's|its|spelled|spelt|written|like|so|with|the|name|first|last|um|uh|ok|yes|is|and)\b)*$/;

/** The word that tells which letter is meant: "N as in November". */
export const AS_IN = / (?:for|as in|like) [a-z]{2,}/g;

export const DOUBLE_LETTER = /double ([a-z])/g;

/** What is said before a family name. */
export const TITLES_AND_TRADES = /^(?:dr|mr|mrs|ms|miss|sir|doctor|sister|nurse)$/;

/** A family name, a comma, and a given one. */
export const FAMILY_FIRST =
  /^\s*((?:(?:van|von|de|der|den|di|da|la|le|du|del|ter|ten|al|el|bin|ibn|st\.?|o)\s)*\p{Lu}[\p{L}'’-]+), (\p{Lu}[\p{L}'’-]+(?: \p{Lu}\.?)?)[\s.!]*$/iu;

/** "First name Fergal, last name Mahoney". */
export const FIRST_AND_LAST =
  /(?:\bfirst name(?: is|'s|:)?\s+|^\W*)(?!(?:last|my|surname|family|and|it|the|its|it's)\b)([a-z][^\s,]*),?\s+(?:and\s+)?(?:my\s+)?(?:last name|surname|family name)(?: is|'s|:)?\s+(\S+)/;

/** "It's Mahoney, m a h o n e y, first name Fergal". */
export const LAST_THEN_FIRST =
  /(?:^|\b(?:it's|it is|name is|name's|surname is|under|i'm|this is)\s+)(?!spel(?:led|t)\b)([a-z][a-z'’-]+)(?:,?\s+(?:that's\s+)?(?:[a-z][\s.-]+){2,}[a-z])?,?\s+(?:and\s+)?(?:my\s+)?(?:first|given) name(?: is|'s|:)?\s+([a-z][a-z'’-]+)/;

/** Between the groups of a number. */
export const JOINS_GROUPS = /^(?:then|and|dash|hyphen|space)$/;

export const POSSESSIVE = /'s$/;

/** Whose visit is to be changed. */
export const OWNER_OF_A_VISIT =
  /\b(?:[Cc]ancel|[Mm]ove|[Rr]eschedule|[Cc]hange|[Cc]onfirm|[Rr]ebook|[Pp]ostpone|[Ss]wap|[Ss]witch|[Ss]hift|[Pp]ush|[Bb]ring|[Dd]rop|[Cc]heck)\s+(\p{Lu}[\p{L}’-]+(?: \p{Lu}[\p{L}’.-]*){1,2})['’]s\b/u;

/** The same, said last: "cancel everything for Rita Hale, that's me". */
export const OWNER_IS_ME =
  /\b(?:[Ff]or|[Oo]f|[Uu]nder)\s+(\p{Lu}[\p{L}’-]+(?: \p{Lu}[\p{L}’.-]*){1,2})(?=,? (?:that['’]?s|that is|which is|this is|it['’]?s) (?:me|myself)\b)/u;

/** Somebody else, by name: "she's Ana Prieto", "my dad Elias Montoya"; who says "I'm her daughter Ana" speaks of themselves. */
export const SHE_IS =
  /\b(?<!\b(?:[Ii]['’]?m|I am|[Tt]his is|[Ii]t['’]?s) (?:his|her|their|the) )(?:[Ss]he|[Hh]e|[Hh](?:er|is) name|(?:[Mm]y )?(?:mum|mom|mam|mother|dad|father|son|daughter|wife|husband|partner|sister|brother|nan|gran|boy|girl|friend)(?:['’]s name)?)(?:['’]s|,? is)?(?: called)? (\p{Lu}[\p{L}'’-]+(?: \p{Lu}[\p{L}'’.-]*){1,2})(?=\s*(?:$|[,.;!?]|and\b))/u;

/** All of a message that is nothing but a name. */
export const ONLY_A_NAME =
  /^\s*(?:(?:[Ii]t's|[Ii]ts|[Ii]t is|[Mm]y name is|[Mm]y name's|[Ii]'m|[Ii] am|[Tt]his is)\s+)?(\p{Lu}[\p{L}'’-]+(?: \p{Lu}[\p{L}'’.-]*){1,3})[\s.!]*$/u;

/** A family name by itself, and then the whole name: "Okafor. Chidi Okafor". */
export const FAMILY_THEN_WHOLE = /^\s*(?:(?:[Ii]t's|[Tt]he name's)\s+)?(\p{Lu}[\p{L}'’-]+)[.,…]+\s+((?:\p{Lu}[\p{L}'’-]+\s+){1,2}\1[\s.!]*)$/u;

/** How a message begins that asks, and gives no name. */
export const BEGINS_A_QUESTION =
  /^\W*(?:(?:and|so|well|but|ok|okay|oh|um|wait|sorry|no|yes|right|first|hang on)\W+)*(?:what|when|where|who|how|why|which|can|could|do|does|is|are)\b/;

/** Right before one of the house's people. */
export const BEFORE_STAFF = /\b(?:with|by|see) $/;

/** Right after one of the house's people: what they are to do. */
export const IS_TO_DO = /^ (?:should|can|could|must|will|would|may|might|to|does|did|has to|needs to|is (?:fine|good|ok|okay|great|the)) ?/;

/** How an answer begins that gives no name. */
export const BEGINS_OTHERWISE =
  /^(?:(?:and|so|well|but|ok|okay|oh|um|wait|sorry|no|yes|right|first|hang on)\W+)*(?:what|why|how|when|where|who|whoever|whichever|whatever|can|could|do|does|is|are|tell|show|give|please tell)\b/;

/** A name at the head of a message, in capitals. */
export const NAME_AT_HEAD =
  /^\s*(?:(?:hiya|hi|hello|heya|hey|howdy|yo|oi|ok|okay|yes|yeah|g'day|gidday|howya|kia ora|habari|namaste|good (?:morning|day|afternoon|evening)|morning|afternoon|evening)[,!. ]+)*(?:(?:bro|mate|pal|man|love|dear|hun|darling|boss|fam|sis|sir|madam|guys|all|team|folks|there|again|please)[,!. ]+)*(?!(?:bro|mate|pal|man|love|dear|hun|darling|boss|fam|sis|sir|madam|guys|all|team|folks|there|again|please|hi|hiya|hey|hello)\b)(\p{L}[\p{L}'’-]+(?: \p{L}[\p{L}'’.-]*){1,2}) (?:here|speaking|calling)(?=\s*[,.;:!-]|\s+again\b|\s*$)/iu;

/** A name in small letters, all of what was said. */
export const NAME_IN_SMALL =
  /^\s*(?:(?:ok|okay|sure|yes|yeah|right|it's|its|i'm|im|this is|name's|under|hi)[,. ]+)*([a-z][a-z'’-]+) ([a-z][a-z'’-]+)[\s.,;:&+-]*(?:and |on |it's |number(?:'s| is)? |tel )*$/;

/** Whose visits, records or number something is about. */
export const OF_SOMEBODY =
  /\b(?:cancel|move|reschedule|rebook|change|take(?=\s[^.,;!?]*\soff\b)|(?:treatments?|visits?|appointments?|bookings?|records?|files?|notes|details|history|bills?|payments?) (?:of|for)) (\p{Lu}[\p{L}'’-]+ \p{Lu}[\p{L}’-]+)(?=[\s.,;!?]|$)/u;

/** What ends an answer and is written as a name, after something else. */
export const NAME_AT_THE_END = /^(?=.*\p{Ll}.*,).*,\s*((?:\p{Lu}[\p{L}'’-]+\s+){1,3}\p{Lu}[\p{L}'’-]+)\s*[.!]?$/u;

/** What is written in capitals as a rule and is no one's name. */
export const CAPITALS_ELSEWHERE =
  /\b(?:the|an?|at|in|to|from|near|on|of|by|accept|take|takes|visit|won|play|watch)\s+\p{Lu}[\p{L}'’-]+(?: \p{Lu}[\p{L}'’.-]*){1,3}\s*[.!?]?$/u;

/** What no name begins with: words that end as doing words do, and words of feeling. */
export const NEVER_FIRST =
  /^(?:\w{2,}ing|spell|spelled|spelt|that|which|who|because|i'd|i've|i'll|that's|what's|there's|it's|a|an|the|not|so|very|too|just|really|still|also|all|in|out|off|on|at|back|done|sorry|happy|late|sick|ill|unwell|nervous|pregnant|allergic|scared|terrified|blind|deaf|injured|hurt|free|busy|new|old|worried|interested|afraid|stuck|ready|here|there|sure|fine|good|okay|ok|with|from|for|to|by|about|after|been|have|had|got|booked|down)$/;

/** A sentence about something else than who somebody is: "it doesn't hurt", "I'm her sister". */
export const TELLS_SOMETHING =
  /\b(?:it|that|this|there|they|he|she|i|we) (?:doesn't|does not|isn't|wasn't|hasn't|has|had|can't|cannot|won't|don't|do not|didn't|haven't)\b(?! have (?:a|one))|\b(?:i'm|i am|it's|this is) (?:his|her|their|a|an) (?!name|number)[a-z]+\b|\b(?:my|our|his|her|a|some) (?!name)(?:[a-z]+ ){0,2}(?:said|says|told|recommended|goes|went|sent|referred|suggested|mentioned|swears|likes|loves|comes|knows) (?:i|we|you|me|us|to|that|about|it|by|here)\b/;

/** "Isn't", "won't": never a name, however it was introduced. */
export const NEGATED = /n['’]t\b/i;

/** Written with a capital, it begins a sentence and no name. */
export const IM = /^i['’]?m$/;

/** "I'm flying out": a doing word that everybody uses; "I'm Fleming" is none. */
export const DOES = /\b(?:i'm|i am|we're|we are|he's|she's|they're) ([a-z]{2,}ing)\b/;

/** A person with the verb run into it: "I'd", "you'll". */
export const SHORTENED = /^(?:i|you|he|she|it|we|they)['’](?:d|ll)$/;

/** Words around a name that are not part of it. */
export const FILLER = new Set(
  "spelled spelt hi hello hey um uh er ah oh yes yeah sure ok okay it's its it is i'm im i am my name name's the this here please thanks thank you and number phone cell mobile email my on at of course so well just call me full ideally preferably otherwise possibly hopefully definitely certainly actually really probably maybe perhaps instead else".split(
    " ",
  ),
);

/** What comes before a name that was asked for, and after it. */
export const LEADS_IN = new Set(
  "fi say put down it write just use take make out to under for call me they that that's thats it's its it'd it'll be would is this here you can could may i i'm im am my the name name's full booking booked appointment visit of course sure ok okay well so hi hello yes yeah then and right".split(
    " ",
  ),
);

/** Which of several who come it is that is named next: "the older one's", "my first is", "one is". */
export const WHICH_ONE_IT_IS =
  /^\W*(?:(?:ok(?:ay)?|so|well|um+|er|it's|that's)\W+)*(?:(?:the|my|our|his|her) )?(?:(?:first|second|third|other|next|older|elder|oldest|eldest|younger|youngest|big|bigger|little|smaller|taller|one|boy|girl|lad|kid)(?: (?:one|boy|girl|lad|kid|child|son|daughter|visitor|person|guest))?)(?: of (?:them|us))?(?:,? ?'s| is|'s called| is called| will be| goes by|,|:) +(?:called |named )?(?!(?:the|a|an|my|our|his|her|for|at|in|on|with|not)\b)/;

/** Another name than the one that was given is what something stands under. */
export const UNDER_ANOTHER_NAME =
  /\b(?:married|maiden|old|other|previous|former|new|middle|(?:husband|wife|mum|mom|mother|dad|father|partner|daughter|son)['’]s) (?:sur)?name\b(?:['’]s| is| was| would be|:|,)?,? (?:of )?(\p{Lu}[\p{L}'’-]+(?: \p{Lu}[\p{L}'’-]+)?)|\b(?:try|look(?: it up)?|check|could be|might be|may be|maybe|perhaps|probably) under (\p{Lu}[\p{L}'’-]+(?: \p{Lu}[\p{L}'’-]+)?)/u;

/** Whose mother or the like somebody is, said before their own name: "Jayden Aho's mom, ". */
export const WHOSE_RELATIVE =
  /^\W*(?:(?:it's|this is|i'm|i am|hi|hello|yes|yeah|um+)\W+)*[a-z][a-z'-]*(?: [a-z][a-z'-]*){0,2}'s (?:mom|mum|mam|mother|dad|father|wife|husband|daughter|son|sister|brother|partner|carer|gran|nan|grandma|granny|grandad|aunt|auntie|uncle|guardian)\b[,.:]? ?(?:(?:it's|this is|i'm|my name is|my name's|called) )?/;

/** Right after a name, another: "and Jonah", "and the younger one's Jonah Okoro". */
export const AND_ANOTHER_NAME =
  /^\s*,?\s*(?:and|&|,)\s+(?:(?:the|my|our) )?(?:(?:other|second|next|younger|youngest|little|older|elder|girl|boy|one|her sister|his brother|her brother|his sister)(?: (?:one|boy|girl|child|son|daughter))?(?:['’]s| is|,)? (?:called )?)?(\p{Lu}[\p{L}'-]+(?: \p{Lu}[\p{L}'-]+){0,2})\s*(?:[.,!]|$)/u;

/** No part of a name in small letters; one may come after them. */
export const LEADS_UP_TO = new Set("for under is name".split(" "));

export const TRAILS = new Set("thanks thank you please here by the way as usual again though is my name speaking".split(" "));

export const PARTICLES = new Set(
  "de la le los las lo du van von der den ten ter di da del das dos y e ni nic mac mc o al el bin binte binti bte ibn san st zu".split(" "),
);

export const GREETS = new Set("hi hiya heya hello hey morning evening dear here again bro mate boss hun guys madam sir fam".split(" "));

/** How a refusal to give a name begins. */
export const NOT_TELLING = new Set("not no nope nah nay why never none rather guess nobody what don't won't can't".split(" "));

/** Words of leading in that could be names by themselves. */
export const INTO = new Set("reach ring text try tel cell mobile contact course sure book write booking".split(" "));

/** Words of plain speech: never part of a name in small letters. */
export const SPEECH = new Set([...COMMON, ...SENTENCE_WORDS]);

export const RUNS_INTO_A_VERB = /^i'/;

export const STOPS = new Set(
  "and my number phone cell mobile email at on for from with but i can could please thanks tel is the it's its you to or who what when would want need want's calling speaking here if so just because yes no whichever whatever whenever wherever however".split(
    " ",
  ),
);

/** "Thirty weeks", "two years": how long something is, and nobody's name. */
export const OF_TIME =
  /^(?:(?:twenty|thirty|forty|fifty|sixty)(?:[- ](?:one|two|three|four|five|six|seven|eight|nine))?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|(?:thir|four|fif|six|seven|eigh|nine)teen|about|almost|nearly)[- ](?:and a half )?(?:weeks?|months?|years?|days?|hours?|minutes?)\b/;

export const TITLE = /^(?:mr|mrs|ms|miss|mx|dr)\.?$/;

export const PLAINLY_NOT = new Set("don't not no later now never already why not's".split(" "));

/** Right before words with capitals that are what somebody has or goes by, and not who they are: "if I've got Blue Cross". */
export const BEFORE_NO_NAME = /\b(?:got|have|has|had|takes?|accepts?|uses?|through|via|near|pays? (?:with|by)|covered by|insured (?:with|by)|the) $/;

/** One word with a capital, and nothing besides. */
export const ONLY_ONE_WORD = /^\W*(?:(?:it's|and|sorry)[\s,]+)?(\p{Lu}[\p{L}'’-]+)\W*$/u;

/** Sounds of somebody who thinks, and nothing else: "hmm". */
export const ONLY_A_SOUND = /^\W*(?:(?:h+m+|m+h?m*|u+h*m*|u+h+|e+h+m*|e+r+m*|a+h+|o+h+|ahem|huh|well|so)\W*)+$/;

/** What they have been, or given, before is told, and no name: "the same name as always". */
export const OF_BEFORE =
  /\bas (?:always|usual|before|last time|ever)\b|^\W*(?:but |and |yes,? |no,? |well,? )*(?:i've|i have|we've|we have) (?:been|come|had|given|told|said)\b|^\W*(?:the )?same (?:name|one|number|as)\b(?! (?:is|-)\b)|\bif (?:he|she|they)(?:'s|'re| is| are) (?:there|in|free|available|around|working)\b/;
