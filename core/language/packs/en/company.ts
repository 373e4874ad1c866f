import { num } from "./lengths.ts";

/** How many come, and for whom a visit is. */

const RELATIVE =
  "(?:mother|father|sister|brother|son|daughter)[- ]in[- ]law|step(?:son|daughter|mother|father|mum|mom|dad|sister|brother)|teenager|toddler|twins?|granny|grandad|hubby|missus|cousin|flatmate|roommate|son|daughter|kid|child|boy|girl|wife|husband|partner|mother|mommy|mummy|mom|mum|mama|father|daddy|papa|dad|friend|mate|pal|buddy|brother|bro|sister|sis|nan|nana|grandpa|auntie|lad|lass|mam|mammy|da|granda|grandmother|grandma|grandfather|grandson|granddaughter|boyfriend|girlfriend|neighbour|neighbor|colleague|aunt|uncle|niece|nephew|fiance|fiancee";

const YOUNG = "teenager toddler twins? son daughter kid child boy girl lad grandson granddaughter niece nephew".split(" ");
const GROWN = RELATIVE.replace(/\(\?:[^)]*\)(?:\[- \]in\[- \]law)?/g, "")
  .split("|")
  .filter((w) => w !== "" && !YOUNG.includes(w) && /^[a-z]+$/.test(w));
const ofOnes = (words: readonly string[]): RegExp =>
  new RegExp(`\\b(?:my|our|me) (?:(?:little|wee|young|old|elderly) )*(?:${words.join("|")})(?:'s)?\\b`, "gi");
/** One's own who are no children, and one's own who may be. */
export const GROWN_UP = ofOnes(RELATIVE.split("|").filter((w) => !YOUNG.includes(w)));
export const OF_THE_YOUNG = ofOnes(YOUNG);

/** Whom one may come for or send, besides, where they are called one's own. */
const ONES_OWN = `${RELATIVE}|baby|babies|children|kids|girls|boys|sons|daughters|parents|gran|little ones?|wee one|youngest|eldest|oldest|better half|other half|boss|driver|student|tenant`;

/** Those of one's own whom one calls so, without "my". */
const OWN_KIN = "mummy|mum|mom|mam|dad|daddy|nan|nana|gran|granny|grandma|grandpa|grandad";

/** Something of a relative's: "mother's". */
export const A_RELATIVES = new RegExp(`^(?:${RELATIVE})'s$`);
/** Whose relative it is. */
export const OWNER = /^(?:my|our|his|her|their)$/;

/** A way to say how many places are wished for. `places` gives the number, 0 where it is none; `span` the part of the match that says so, where it is not all of it. */
export interface CountRule {
  name: string;
  pattern: RegExp;
  places: (m: RegExpMatchArray, before: string) => number;
  /** Where this rule's name depends on what follows. */
  nameBy?: (after: string) => string;
  span?: (m: RegExpMatchArray) => { from: number; to: number };
}

const whole = (m: RegExpMatchArray): number => num(m[1] as string);
const andMe = (m: RegExpMatchArray): number => num((m[1] ?? m[2]) as string) + 1;

/** "Me and my two kids" are three. */
export const ME_AND_SEVERAL =
  /\b(?:me|myself|i) and (?:my |our |the )?(two|three|four|five|2|3|4|5) (?:other |more )?[a-z]+s?\b|\b(?:my|our|the) (two|three|four|five|[2-5]) (?:boys|girls|kids|children|sons|daughters|little ones|friends|sisters|brothers|nieces|nephews|grandchildren) and (?:me|myself|i)\b/g;

/** "Pictures of our three kids" tells how many somebody has, and books no places. */
const HOW_MANY_THEY_HAVE = /\b(?:of|about|with) (?:my|our|the|his|her) $/;

/** Who speaks was named in the same sentence. */
const FOR_ME_BEFORE = /\b(?:me|myself)\b[^.?!]{0,60}$/;

/** The rule by which one more comes than was said before. */
export const ONE_MORE = "places/one-more";

/** The first of these that finds anything tells how many. */
export const COUNT_RULES: CountRule[] = [
  {
    name: "places/count",
    pattern:
      /(?<![:.\d])\b(\d{1,2}|two|too|three|four|for(?= of us)|five|six|seven|eight|nine|ten|a couple of|couple of|one) (?:places?|dogs|pups|puppies|cats|pets|kids|children|adults|boys|girls|cars|bikes|bicycles|spots?|spaces?|seats?|mats?(?! (?:class|pilates))|people|ppl|pax|persons?|tickets?|of us)\b/g,
    places: (m, before) => {
      if (HOW_MANY_THEY_HAVE.test(before)) return 0;
      return /couple|too/.test(m[1] as string) ? 2 : m[1] === "for" ? 4 : whole(m);
    },
  },
  {
    name: "places/for",
    pattern:
      /(?<!\b(?:down|booked|in|scheduled|set|due|go|going) )\bfor (two|three|four|2|3|4)(?= (?:dogs|pups|puppies|kids|children|pets|people|adults)| *(?:$|[,.!?]| please| on| in| at| for| this| next| actually| then| instead))/g,
    places: whole,
  },
  {
    name: "places/me-and",
    pattern:
      /\b(?:me|myself|i) and (two|three|four|five|2|3|4|5) (?:friends?|others?|more|colleagues?|kids|children|sisters|brothers)\b|\b(?:me|myself) and my (two|three|four) \w+s\b/g,
    places: andMe,
  },
  // "I need two appointments": of one kind, where no other is named. The word that asks for them tells of the errand.
  {
    name: "places/visits",
    pattern:
      /\b(?:need|want|like|book|make|get|have for us|looking for|after) (?:us )?(two|three|four|[2-4]) (?:appointments|visits|slots|bookings|sessions|lessons|treatments)\b/g,
    places: whole,
    span: (m) => ({ from: m[0].lastIndexOf(` ${m[1] as string} `) + 1, to: m[0].length }),
  },
  // "Great, put two down": a list to which so many are added.
  {
    name: "places/put-down",
    pattern:
      /\bput (?:us |me )?(?:down (?:for )?(two|three|four|five|six|[2-6])(?= *(?:$|[,.;!?]|please\b|of us\b|then\b|for\b(?! (?:\d|half|one|two|three|four|five|six)))|,)|(two|three|four|five|six|[2-6])(?: of us)? (?:down|in)(?= *(?:$|[,.;!?]|please\b|then\b|for\b)))/g,
    places: (m) => num((m[1] ?? m[2]) as string),
    span: (m) => ({ from: m[0].lastIndexOf((m[1] ?? m[2]) as string), to: m[0].lastIndexOf((m[1] ?? m[2]) as string) + ((m[1] ?? m[2]) as string).length }),
  },
  // "Two for the class on Thursday".
  {
    name: "places/for-the",
    pattern:
      /(?<!\b(?:at|to|till|until|past|by|around|about|before|after|from|and|or|for) )(?<![:.\d])\b(two|three|four|five|six|[2-6]) for (?:the|this|that|your|tonight's|today's|tomorrow's|\w+day's|(?:mon|tues|wednes|thurs|fri|satur|sun)day)(?! (?:\d|morning|afternoon|evening))/g,
    places: whole,
    span: (m) => ({ from: 0, to: (m[1] as string).length + 4 }),
  },
  // "One for the Saturday class".
  {
    name: "places/for-the",
    pattern:
      /(?<=^\W*(?:(?:hi|hello|hey|please|just|and|ok|okay|yes)\W+)*)one (?:place |spot |seat )?for (?:the|this|that|tonight's|today's|tomorrow's|\w+day's) (?!(?:time|moment|same|price)\b)/g,
    places: () => 1,
    span: () => ({ from: 0, to: 7 }),
  },
  // "Me plus one", "me plus two".
  {
    name: "places/me-and",
    pattern:
      /\b(?:me|myself) (?:plus|\+) (one|two|three|four|[1-4])\b(?: (?:more|others?|friends?|guests?))?|(?<=^\W*(?:a )?)plus (one|two|three|[1-3])(?=\W*$)/g,
    places: andMe,
  },
  // "Bring my two sisters to the class".
  {
    name: "places/with",
    pattern:
      /\b(?:bring|bringing|take|taking) (?:along )?(?:my|our) (two|three|four|[2-4]) (?:[a-z]+ )?(?:sisters|brothers|friends|mates|pals|cousins|colleagues|daughters|sons|girls|boys|kids|children|nieces|nephews|aunts|sisters[- ]in[- ]law)(?: along)?\b/g,
    places: andMe,
  },
  {
    name: "places/just-me",
    pattern: /(?:^|[,;] ?)(?:no,? )?(?:it's |it is |it'll be |that's )?(?:just|only) (?:me|myself|for me|the one of us)(?=\W*$|[,.] | please| then)/g,
    places: () => 1,
  },
  // "For me, my sister and my niece".
  {
    name: "places/me-and",
    pattern: new RegExp(`\\b(?:me|myself)((?:, (?:and )?(?:my |our )?(?:${RELATIVE}))+,? and (?:my |our |a )?(?:${RELATIVE}))\\b`, "g"),
    places: (m) => 1 + ((m[1] as string).match(new RegExp(`\\b(?:${RELATIVE})\\b`, "g"))?.length ?? 0),
  },
  // "Just us two".
  { name: "places/we-are", pattern: /\b(?:just |only )?us (two|three|four|both)\b/g, places: (m) => (m[1] === "both" ? 2 : whole(m)) },
  // "A trim for me and the boy".
  {
    name: "places/both",
    pattern: /\bfor (?:me|myself) and (?:the (?:boy|girl|lad|wee one|little one|missus|wife|husband|baby|kid)|a (?:friend|mate))\b/g,
    places: () => 2,
  },
];

/** "Three places. No, make it two": the number that is said last. */
export const COUNTED_ANEW =
  /\b(?:make (?:it|that)|no,? only|no,? just|sorry,? only|sorry,?|rather|actually)\s+(one|two|three|four|five|2|3|4|5)(?=\W*(?:$|[,.;!]|please\b))|\b(?:no|wait|sorry|actually|rather|oh)\b[\s,]*(?:it's |it is |it'll be |there's |there are |we're |make it |that's )?(?:only |just )?(one|two|three|four|five|2|3|4|5)(?= *(?:$|[,.;!]|please\b|of us\b|people\b|places\b|now\b|then\b))|\b(?:no|wait|sorry|actually|rather)\b[\s,]*(?:only|just) (?:the|my) (?:[a-z]+ )?(one|son|daughter|boy|girl|kid|child)\b/;

/** Looked for after a count was corrected, where none was found. */
export const LATER_COUNT_RULES: CountRule[] = [
  // "We're four", "there will be three of us".
  {
    name: "places/we-are",
    pattern:
      /\b(?:we(?:'re| are| will be|'ll be)|there(?:'s| are|'ll be| will be)) (?:only |just )?(two|three|four|five|six|2|3|4|5|6)(?= *(?:$|[,.!?]|and\b|people|in\b|so\b|of us|who\b|(?:ladies|women|men|girls|boys|friends|colleagues|adults|guys|sisters|brothers|mates)\b))/g,
    places: whole,
  },
  // "For my girls, seven and nine": as many as there are ages.
  {
    name: "places/by-ages",
    pattern:
      /\b(?:for )?(?:my|our) (?:girls|boys|kids|children|sons|daughters|grandchildren|grandsons|granddaughters|nieces|nephews|little ones),? [(]?(?:aged |who are |they're |they are )?((?:\d{1,2}|[a-z]+)(?:, (?:\d{1,2}|[a-z]+))* and (?:\d{1,2}|[a-z]+))\b/g,
    places: (m) => {
      const ages = (m[1] as string).split(/, | and /);
      return ages.every((a) => num(a) > 0 && num(a) < 18) ? ages.length : 0;
    },
  },
  // "My kids need it, one's five and the other is eight".
  {
    name: "places/both",
    pattern:
      /\b(?:my|our) (?:girls|boys|kids|children|sons|daughters|grandchildren|nieces|nephews|two|dogs|cats)\b(?=[^.?!]*\bone(?:'s| is| has)\b[^.?!]*\b(?:one|the other(?: one)?)(?:'s| is| has)\b)/g,
    places: () => 2,
  },
  // "Saturday is good, both of them".
  {
    name: "places/both",
    pattern:
      /\b(?:for )?(?:both|the two|all three|all four) of (?:them|us|my (?:kids|children|boys|girls))\b|\bboth (?:my |our |the )?(?:kids|children|boys|girls|daughters|sons|of the (?:kids|children|boys|girls))\b/g,
    places: (m) => (/three/.test(m[0]) ? 3 : /four/.test(m[0]) ? 4 : 2),
  },
  // "My mother and my aunt would like to join".
  {
    name: "places/they-are",
    pattern: new RegExp(
      `\\b(?:my|our) (?:${RELATIVE})((?:,? (?:and )?(?:my |our |her |his )?(?:${RELATIVE})){1,4}) (?:both |all |also |really )*(?:want|like|need|wish|hope|would|are (?:coming|joining|hoping|keen))\\b`,
      "g",
    ),
    places: (m) => 1 + ((m[1] as string).match(new RegExp(`\\b(?:${RELATIVE})\\b`, "g"))?.length ?? 0),
  },
  // "My twins both need a cut".
  { name: "places/both", pattern: /\b(?:my|our|the) twins\b/g, places: () => 2 },
  // "Could I come with two friends": whether the others have it done as well, or only come along.
  {
    name: "places/with",
    nameBy: (after) => (/^[^.;?!]*\b(?:to (?:get|have)|all|each|matching)\b/.test(after) ? "places/me-and" : "places/with"),
    pattern:
      /\bwith (?:my |our )?(two|three|four|2|3|4) (?:other |best |girl|boy)?(?:friends|mates|pals|buddies|colleagues|sisters|brothers|daughters|sons|kids|children|others)\b/g,
    places: (m) => whole(m) + 1,
  },
  // "Could I bring a friend to the class": who is grown comes beside who asks.
  {
    name: "places/with",
    pattern: new RegExp(
      `\\b(?:bring|bringing|take|taking) (?:along )?(?:a|my|one) (?:\\w+ )?(?:${GROWN.join("|")})(?: along)?(?= to (?!see\\b|be\\b|get\\b|have\\b|watch\\b|you\\b))`,
      "g",
    ),
    places: () => 2,
  },
  // "I'd like the class on Saturday with my daughter".
  {
    name: "places/with",
    pattern: new RegExp(`\\b(?:class|course|workshop|session|lesson)\\b[^.;?!]{0,30}\\bwith (?:a|my|one) (?:\\w+ )?(?:${RELATIVE})\\b`, "g"),
    places: () => 2,
    span: (m) => ({ from: m[0].search(/\bwith (?:a|my|one) /), to: m[0].length }),
  },
  // "Could I come with a friend": of a class only, where places are counted.
  {
    name: "places/with",
    pattern: new RegExp(
      `\\b(?:come|coming|join|attend|sign up|go|be there)\\b[^.;?!]{0,24}\\b(?:together )?with (?:a|my|one) (?:\\w+ )?(?:${RELATIVE})\\b`,
      "g",
    ),
    places: () => 2,
    span: (m) => ({ from: m[0].search(/\b(?:together )?with (?:a|my|one) (?!.*\bwith (?:a|my|one) )/), to: m[0].length }),
  },
  // "Can my husband come to the class with me".
  {
    name: "places/with",
    pattern: new RegExp(
      `\\b(?:can|could|may|might|would) (?:my|a|our) (?:\\w+ )?(?:${RELATIVE}) (?:also |please )?(?:come|join|go)\\b[^.;?!]{0,30} with me\\b`,
      "g",
    ),
    places: () => 2,
    span: (m) => ({ from: m[0].length - 7, to: m[0].length }),
  },
  {
    name: "places/both",
    pattern: new RegExp(
      `\\b(?:for (?:me|myself),? and (?:(?:one|another|a [a-z]+|the same|[a-z]+) )?(?:for )?(?:my|our) (?:${RELATIVE})|for my (?:${RELATIVE})(?:,? (?:\\d+|aged \\d+),?)?,? and (?:(?:one|another|a) )?(?:for )?(?:me|myself|i)\\b|me and (?:my|a|the) (?:(?:wee|little) )?(?:${RELATIVE}|missus|mrs|lads?|boys?|girls?|man|fella|little one|wee one)|(?:my (?:${RELATIVE})|${OWN_KIN}) and (?:i|me|myself)|both of us|us both|we(?:'d|'ll| would| will)? both(?= (?:like|love|want|come|need|join|be)\\b)|me and (?:my|a|our) [a-z]{3,}|(?:and )my (?:${RELATIVE}) too)(?: both)?\\b`,
      "g",
    ),
    places: () => 2,
  },
  // "Put me in the choir, and also my wife", "for me, and my wife is coming as well".
  {
    name: "places/both",
    pattern: new RegExp(
      `(?:,? (?:and|plus) (?:also |as well |then )?my (?:\\w+ )?(?:${RELATIVE})(?: (?:too|also|as well))?(?= *(?:$|[,.;!?]| please\\b))|[,;]? (?:and )?my (?:\\w+ )?(?:${RELATIVE})(?:'s| is| will be|'ll be)? (?:also )?(?:wants? to (?:come|join|do it)|would (?:like|love) to (?:come|join|do it)|comes|joins|coming|joining|in)(?: along)? (?:too|also|as well|with (?:me|us))\\b)`,
      "g",
    ),
    places: (_m, before) => (FOR_ME_BEFORE.test(before.slice(-70)) ? 2 : 0),
  },
  // "Could my friend come too", "can I bring my sister", while places in a class are spoken of.
  {
    name: ONE_MORE,
    pattern: new RegExp(
      `\\b(?:(?:can|could|may|might|would|will) (?:my|a|one) (?:\\w+ )?(?:${RELATIVE}) (?:also )?(?:come|join|tag|do it|be there|take part)(?: (?:too|as well|along|us|me|in))*|(?:can|could|may|might) i (?:also )?(?:bring|take) (?:along )?(?:my|a|one) (?:\\w+ )?(?:${RELATIVE})(?: (?:along|too|as well))?|(?:and|plus|with) (?:one|a) (?:more|friend|guest|other)(?: (?:person|place|spot|seat))?)(?= *(?:$|[,.;!?]))`,
      "g",
    ),
    places: () => 2,
  },
];

/** "Two", "wee": what may stand before whom it is for. */
const WHAT_LIKE = "(?:(?:two|three|four|little|wee|old|older|young|younger|youngest|oldest|eldest|elderly|middle|other|poor|dear|late|teenage|baby|own) )*";
/** "Of nine", "who is six": what may stand behind. */
const HOW_OLD = "(?:,? (?:of|aged|age|who is|who's|he's|she's) (?:[a-z]+|\\d+)(?: years? old)?,?)?";

const MAY_COME = new RegExp(
  `\\b(?:(?:can|could|may) (?:(?:my|our) ${WHAT_LIKE}(${ONES_OWN})${HOW_OLD}|(${OWN_KIN})) (?:get|have|come(?! (?:in |into |inside |along |through |to |up )?(?:[a-z]+ ){0,3}(?:with (?:me|us)|along|and (?:watch|sit|wait)))|be seen|see|do|go|join|try|start)|(?:fit|get|book|squeeze|put|pencil|slot|schedule|sign|enrol|register|have|teach|surprise|(?:fit|slot|squeeze|book|pencil) in) (?:my|our) ${WHAT_LIKE}(${ONES_OWN})\\b(?!'| (?:and|or) (?:me|i|myself)\\b| with (?:me|us)\\b| to (?:call|ring|phone|write)\\b)|(?:bring|send|take) (?:my|our) ${WHAT_LIKE}(${ONES_OWN}) (?:in|over|round|by|to (?:you|see|be))\\b|my ${WHAT_LIKE}(${ONES_OWN})(?: \\w+)? (?:needs (?!me\\b|us\\b|the car\\b)|wants (?!me\\b|us\\b)|would (?:like|love) (?!me\\b|us\\b)|is (?:\\w+ (?:and |years? old and )|\\w+ ){0,2}(?:would|wants|needs|failing|struggling|keen|looking)))\\b`,
  "g",
);
const SPOKEN_OF = new RegExp(
  `\\b(?:treat|take) (?:my|our) ${WHAT_LIKE}(${ONES_OWN})\\b|\\b(?:my|our) ${WHAT_LIKE}(${ONES_OWN})\\b(?=[^.?!]{0,60}\\b(?:book|get|see|fit|squeeze|bring|put|help|treat|schedule) (?:her|him|them)\\b|[^.?!]{0,70}\\b(?:could|can|would|will|is there|have you|do you have|any)\\b[^.?!]{0,40}\\b(?:for|with) (?:her|him|them)\\b)`,
  "g",
);
/** They are spoken of first, and then what they would have: "my daughter's prom is on the 26th, she'd like a tan". */
const THEY_WISH = new RegExp(
  `\\b(?:my|our) ${WHAT_LIKE}(${ONES_OWN})\\b(?= (?!(?:and|or) (?:i|me|we)\\b)|'s |,)(?=[^?]{0,120}\\b(?:(?:she|he|they)(?:'d| would| might) (?:really |quite |rather )?(?:like|love|want|need|prefer)\\b|(?:she|he|they)(?:'ll| will)? (?:really |only |just )?(?:needs?|wants?|can (?:only|come))\\b|(?:could|can|may|might) (?:she|he|they) (?:come|be seen|have|get|see|start|join)\\b|and (?:needs?|wants?|would (?:like|love)) (?!me\\b|us\\b)|(?:like|want|need) (?:him|her|them) (?:to|seen|looked|assessed|done|checked)\\b|(?:could|can|would|will) (?:you|someone|somebody|anyone|[a-z]+) (?:please )?(?:see|look at|have a look at|treat|check|film|help|teach) (?:him|her|them)\\b|(?:have|has|get|getting) (?:him|her|them) (?:seen|looked at|assessed|checked)\\b))`,
  "g",
);
/** They have hurt themselves. */
const THEY_ARE_HURT = new RegExp(
  `\\b(?:my|our) ${WHAT_LIKE}(${ONES_OWN})\\b(?=(?:'s| has| have)? (?:just |badly )?(?:(?:sprained|twisted|hurt|broke|broken|rolled|pulled|bumped|banged|fractured|dislocated|cut|burnt|burned|scalded) (?:his|her|their)\\b|swallowed|came out in|come out in|got hurt|had a fall))`,
  "g",
);
/** Something of theirs is to be seen to: "my father's check is due", "could you trim my husband's nails". */
const OF_THEIRS = new RegExp(
  `\\b(?:my|our) ${WHAT_LIKE}(${ONES_OWN})(?='s (?:[a-z]+ ){1,3}(?:needs?|is (?:due|overdue)|are (?:due|overdue)|has to be|have to be|(?:said|says|asked|asks|wants|told|thinks|recommends?|recommended|advised)\\b))|\\b(?:trim|cut|clean|fix|check|do|see to|look at|mend|repair|put on) (?:my|our) ${WHAT_LIKE}(${ONES_OWN})(?='s [a-z]+)(?!'s (?:number|address|email|phone|appointment|booking|visit|slot|name)\\b)`,
  "g",
);
const ABOUT_ONE = new RegExp(
  `\\b(?:it's|it is|this is|that's|i'm (?:calling|ringing|writing|asking|phoning|here)|i am (?:calling|ringing|writing)|calling|ringing) about (?:my|our) (?:\\w+ )?(${RELATIVE})\\b(?!'s)`,
  "g",
);
const FOR_WHOM = new RegExp(
  `\\bfor (?:my|our) ${WHAT_LIKE}(${ONES_OWN})\\b(?!'| and (?:me|i|myself)\\b)|\\bfor the (wife|missus|husband|hubby|little one|wee one|mother-in-law|other half)\\b(?!'| and (?:me|i|myself)\\b)|\\bfor (?:my|our|a) (?:(?:\\w+|\\d+[- ]year[- ]old) )?(${RELATIVE})\\b(?! and (?:me|i|myself)\\b)|\\bbring (?:my|our) ${WHAT_LIKE}(${ONES_OWN})(?: in| over| round)? for (?:an?|his|her|their)\\b`,
  "g",
);
/** "Me and my sister would like …" speaks of both. */
const ME_AND = /\b(?:me|i|myself) and $/;

/** Ways to say for whom a visit is; those that are not `besides` count only where nobody was found before. */
export const FOR_WHOM_RULES: { name: string; pattern: RegExp; besides: boolean; not?: RegExp }[] = [
  { name: "for-whom/may-come", pattern: MAY_COME, besides: true, not: ME_AND },
  // "My mum's turning sixty and I'd like to book her a facial".
  { name: "for-whom/spoken-of", pattern: SPOKEN_OF, besides: false },
  { name: "for-whom/they-wish", pattern: THEY_WISH, besides: false, not: ME_AND },
  { name: "for-whom/they-are-hurt", pattern: THEY_ARE_HURT, besides: false },
  { name: "for-whom/of-theirs", pattern: OF_THEIRS, besides: false },
  // "It's about my daughter, she's hurt her ankle".
  { name: "for-whom/about", pattern: ABOUT_ONE, besides: false },
  { name: "for-whom/relative", pattern: FOR_WHOM, besides: true },
];
