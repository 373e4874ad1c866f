import type { Limit } from "../../../house/schema.ts";

/** What is asked is which of several costs less, and not whether something may be had for less. */
export const COMPARES_PRICES =
  /\b(?:which|what|whichever)(?:'s| is| are| one is| ones are| of (?:them|those|these|the two) is|(?: \w+){1,2} is)? (?:the )?cheap(?:er|est)\b|\bthe cheap(?:er|est) (?:one|of|option|treatment|service|thing|you|there|that|way|visit)\b/;

/** One of the house's own is asked about, and nothing off it: "is the short one cheaper". */
export const IS_THAT_CHEAPER =
  /\b(?:is|are|would|will) (?:the |an? )?(?:<service>|<length>|<staff>|(?:<length>|<service>|[a-z]+) (?:one|version|option))(?: (?:one|session|visit|class))?(?: be| work out)?(?: any| much| a (?:bit|lot))? (?:cheaper|less expensive|dearer|more expensive)(?: (?:on|in|at|with) [^,?]*)?\??$/;

/** Right after "take", where nothing is swallowed: "should I take off my shoes". */
export const TAKES_OTHERWISE =
  "(?! (?:(?:my|our|the|his|her|any)(?: [a-z]+){1,3} (?:off|out)\\b|off|out|along|home|back|with (?:me|us|him|her|them)|to (?:the|my|our|his|her|a|an|your|see|show|get|reach|come|find)\\b|part|place|care|photos?|pictures?|notes|turns|him|her|them|a (?:seat|photo|picture|bus|taxi|cab|shower|break|number|day)|the (?:bus|train|tram|lift|stairs|elevator|car|children|kids|day)|my (?:shoes|boots|coat|jacket|clothes|earrings|ring|rings|glasses|dog|son|daughter|child|car)))";

/** What is taken is a way to the house, or a course of it: "which bus should I take", "what class should I take first". */
export const TAKES_A_WAY =
  /\b(?:which|what) (?:[a-z]+ )?(?:bus|train|tram|ferry|boat|underground|tube|metro|subway|streetcar|exit|road|street|way|route|line|turn|turning|junction|door|entrance|lift|elevator|stop|class|lesson|course|level|grade|test|exam|seat)(?:e?s)? (?:should|do|must|can|shall|would|could) (?:i|we|he|she|they) (?:have to |need to )?take\b/;

/** Of several, the one that costs less. */
export const THE_CHEAPER = /\bthe (?:cheap|less expensive|least expensive)(?:er|est)?\b/;

/** From here on, somebody is to be told something. */
export const TELLS_THEM = /\b(?:tell|let|inform|remind|say to|pass on to)\b(?! (?:me|us)\b)/;

/** What every receptionist refuses, whether the handbook speaks of it or not. A subject of the handbook's own goes first. */
export const ALWAYS_REFUSED: readonly Limit[] = [
  { id: "always-refunds", subject: "refunds", words: ["refund", "money back", "reimburse"], say: "I can't give refunds; a person has to look at that." },
  {
    id: "always-discounts",
    subject: "discounts",
    words: [
      "discount",
      "cheaper for me",
      "coupon",
      "lower price",
      "percent off",
      "off the price",
      "money off",
      "reduce the price",
      "bring the price down",
      "come down on the price",
    ],
    say: "I can't give discounts.",
  },
  {
    id: "always-medical-advice",
    subject: "medical advice",
    words: ["diagnose", "diagnosis", "what should i take", "painkiller", "is it broken", "is it serious", "which medication", "ibuprofen", "should i take"],
    say: "I can't give medical advice.",
  },
  {
    id: "always-other-clients",
    subject: "other clients",
    words: [
      "who else is booked",
      "list of clients",
      "is he a client",
      "is she a client",
      "my neighbour's appointment",
      "her appointment details",
      "his appointment details",
    ],
    say: "I can't tell you about anybody else's visits.",
  },
  {
    id: "always-private",
    subject: "private numbers",
    words: ["private number", "private address", "personal number", "where does she live", "where does he live"],
    say: "I don't give out anything private of the people who work here.",
  },
];

/** Dangers that go before everything. The number to call is the country's. */
export const ALWAYS_EMERGENCY: readonly string[] = [
  "chest pain",
  "pain in my chest",
  "can't breathe",
  "cannot breathe",
  "not breathing",
  "bleeding badly",
  "bleeding a lot",
  "unconscious",
  "passed out",
  "having a stroke",
  "having a seizure",
  "having a fit",
  "having one of fits",
  "stopped breathing",
  "heart attack",
  "suicidal",
  "kill myself",
  "overdose",
  "won't wake up",
  "not waking up",
  "caught fire",
  "burst into flames",
  "electrocuted",
  "is drowning",
  "he's drowning",
  "she's drowning",
  "man overboard",
  "fell overboard",
  "boat taking on water",
];

/** Somebody may be in danger from themselves: what to do is said at once, and what else they want is heard all the same. */
export const IN_DESPAIR =
  /\b(?:can't|cannot|can not) (?:go on|carry on|take (?:it|this))(?: living)? any ?(?:more|longer)\b|\b(?:can't|cannot|can not) go on(?: living)?(?=\W*$|[.,;!?])|\b(?:wants?|wanted|wish(?:es)?) to (?:die\b(?! of| laughing| for| on)|be dead|end it all|not be here)|\bwish (?:i|he|she|they) (?:was|were) dead|\b(?:don't|doesn't|do not|does not|didn't) want to (?:live|be alive|be here any ?more|wake up any ?more|go on living)\b|\b(?:end|ending|take|taking) (?:my|his|her|their) own life|\bend(?:ing)? (?:my|his|her|their) life|\bno (?:point|reason) (?:in |to |of )?(?:living|live|going on|go on)\b|\bbetter off (?:dead|without (?:me|him|her)\b)|\b(?:self[- ]harm\w*|harm(?:ing|ed)? (?:my|him|her|them)sel(?:f|ves))\b/;

/** What comes over somebody now, and may be grave: "she's having one of her turns". */
export const HAS_A_TURN =
  /\b(?:is|would|could) (?:that|this|it)(?: be)? an? (?:real )?emergency\b|\bhaving (?:one of (?:his|her|their|my) (?:[a-z]+ )?(?:turns|episodes|attacks|spells|moments)|an? (?:[a-z]+ )?(?:asthma|panic|heart|allergic|funny|bad|dizzy) (?:turn|episode|attack|spell|reaction))\b/;

/** Somebody says that they are about to die by their own hand: nothing else is talked of. */
export const ENDS_THEIR_LIFE =
  /\b(?:i'm|i am|i'll|i will|i want to|i wanna|i'm going to|gonna|going to|about to|plan(?:ning)? to|ready to) (?:just )?(?:end|take|be ending|be taking) (?:my|his|her|their) (?:own )?li(?:fe|ves)\b(?! (?:savings|insurance|jacket))|\b(?:ending|taking) my own life\b/;

/** "Is" as it is joined to what stands before it. */
export const CONTRACTED_IS = /(?<=[a-z])'s /g;

/** Somebody has swallowed far more than is prescribed. */
export const TOO_MANY_PILLS =
  /\b(?:took|taken|swallowed|necked|downed|eaten|ate|had)(?: just| about| around| over| like| at least)* (?:(?:a|the) (?:whole |entire )?(?:load|bunch|handful|bottle|box|pack|packet|strip|tub) of|loads of|far too many|too many|all (?:of )?(?:my|his|her|their|the)|an overdose of|(?:twenty|thirty|forty|fifty|[2-9]\d|\d{3}) (?:of (?:my|his|her|their|the) )?)(?: (?:my|his|her|their|the|those|these))?(?: ?\b[a-z]+){0,2}? ?\b(?:pills|tablets|tabs|capsules|painkillers|sleepers|meds|medication|medicine|antidepressants|paracetamols?|pain killers)\b(?! (?:as (?:usual|prescribed|normal|told|always|i should)|this morning|today|already|before|with me|along|out|back|home|off)\b)/;

/** Numbers for help at once by ISO 3166 country; 112 in the European Union and many other places. Common knowledge, from memory. */
const HELP: Record<string, string> = {
  CA: "911",
  US: "911",
  MX: "911",
  GB: "999",
  IE: "112",
  AU: "000",
  NZ: "111",
  IN: "112",
  ZA: "112",
  JP: "119",
  PH: "911",
  KE: "999",
};
export const helpNumber = (country: string): string => HELP[country] ?? "112";
export const helpSentence = (number: string): string => `That needs help at once: please call ${number} now.`;
