/** English words that the recognisers share. */

export const WEEKDAY_WORDS: Record<string, number> = {
  monday: 1,
  mon: 1,
  mondays: 1,
  tuesday: 2,
  tue: 2,
  tues: 2,
  tuesdays: 2,
  wednesday: 3,
  wed: 3,
  weds: 3,
  wednesdays: 3,
  wensday: 3,
  wednsday: 3,
  thursday: 4,
  thu: 4,
  thur: 4,
  thurs: 4,
  thursdays: 4,
  thrusday: 4,
  thursay: 4,
  friday: 5,
  fri: 5,
  fridays: 5,
  firday: 5,
  frday: 5,
  saturday: 6,
  sat: 6,
  saturdays: 6,
  saterday: 6,
  sunday: 7,
  sundays: 7,
  tuseday: 2,
  teusday: 2,
  munday: 1,
};

/** What is counted from now, where somebody would come then: "in an hour", "can I come in twenty minutes". */
export const FROM_NOW =
  "\\bin (?<=(?:^\\W*(?:(?:how about|what about|maybe|say|like|around|about|can i|could i|come|ok|yes|yeah|please|well|um+)\\W+)*|\\b(?:come(?: in| by| over)?|be there|get there|make it|see (?:me|us)|be with you|drop in|pop in) )in )(?:about |around |roughly |maybe )?(?:(half) an hour|(an|one|two|three|four|1|2|3|4) hours?|(\\d{1,2}|five|ten|fifteen|twenty|thirty|forty|forty-five) min(?:ute)?s?)(?:' time|'s time| from now)?(?! (?:massage|session|appointment|class|slot|lesson|earlier|sooner|later|early|late)\\b)(?=\\W|$)";

/** "sat" and "sun", "wed" and "mon" are words of their own; they count as days only beside a sign of one. */
export const WEEKDAY = Object.keys(WEEKDAY_WORDS)
  .sort((a, b) => b.length - a.length)
  .join("|");

export const MONTH_WORDS: Record<string, number> = {
  january: 1,
  jan: 1,
  february: 2,
  feb: 2,
  march: 3,
  mar: 3,
  april: 4,
  apr: 4,
  may: 5,
  june: 6,
  jun: 6,
  july: 7,
  jul: 7,
  august: 8,
  aug: 8,
  september: 9,
  sept: 9,
  sep: 9,
  october: 10,
  oct: 10,
  november: 11,
  nov: 11,
  december: 12,
  dec: 12,
};
export const MONTH = Object.keys(MONTH_WORDS)
  .sort((a, b) => b.length - a.length)
  .join("|");

export const CARDINALS: Record<string, number> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  seventeen: 17,
  eighteen: 18,
  nineteen: 19,
  twenty: 20,
};

/** Two digits of a number in one word, as they are said in pairs. */
export const TEN_WORDS: Record<string, string> = {
  ten: "10",
  eleven: "11",
  twelve: "12",
  thirteen: "13",
  fourteen: "14",
  fifteen: "15",
  sixteen: "16",
  seventeen: "17",
  eighteen: "18",
  nineteen: "19",
  twenty: "20",
  thirty: "30",
  forty: "40",
  fifty: "50",
  sixty: "60",
  seventy: "70",
  eighty: "80",
  ninety: "90",
};

export const ORDINALS: Record<string, number> = {
  first: 1,
  second: 2,
  third: 3,
  fourth: 4,
  fifth: 5,
  sixth: 6,
  seventh: 7,
  eighth: 8,
  ninth: 9,
  tenth: 10,
  eleventh: 11,
  twelfth: 12,
  thirteenth: 13,
  fourteenth: 14,
  fifteenth: 15,
  sixteenth: 16,
  seventeenth: 17,
  eighteenth: 18,
  nineteenth: 19,
  twentieth: 20,
  "twenty-first": 21,
  "twenty first": 21,
  "twenty-second": 22,
  "twenty second": 22,
  "twenty-third": 23,
  "twenty third": 23,
  "twenty-fourth": 24,
  "twenty fourth": 24,
  "twenty-fifth": 25,
  "twenty fifth": 25,
  "twenty-sixth": 26,
  "twenty sixth": 26,
  "twenty-seventh": 27,
  "twenty seventh": 27,
  "twenty-eighth": 28,
  "twenty eighth": 28,
  "twenty-ninth": 29,
  "twenty ninth": 29,
  thirtieth: 30,
  "thirty-first": 31,
  "thirty first": 31,
};
export const ORDINAL = Object.keys(ORDINALS)
  .sort((a, b) => b.length - a.length)
  .join("|");

const UNITS = "one two three four five six seven eight nine".split(" ");
const TO_NINETEEN = [...UNITS, ..."ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen".split(" ")];
/** The days of a month as plain numbers: "March sixteen", "May twenty-one". */
export const DAY_NUMBERS: Record<string, number> = Object.fromEntries([
  ...TO_NINETEEN.map((w, i): [string, number] => [w, i + 1]),
  ["twenty", 20],
  ...UNITS.map((w, i): [string, number] => [`twenty ${w}`, 21 + i]),
  ["thirty", 30],
  ["thirty one", 31],
]);
export const DAY_NUMBER = `(?:twenty|thirty)(?:[ -](?:${UNITS.join("|")}))?|${TO_NINETEEN.sort((a, b) => b.length - a.length).join("|")}`;

export const HOUR_WORDS: Record<string, number> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
};
export const HOUR = Object.keys(HOUR_WORDS).join("|");

export const MINUTE_WORDS: Record<string, number> = {
  "oh five": 5,
  five: 5,
  ten: 10,
  fifteen: 15,
  twenty: 20,
  "twenty five": 25,
  "twenty-five": 25,
  thirty: 30,
  "thirty five": 35,
  "thirty-five": 35,
  forty: 40,
  fourty: 40,
  "forty five": 45,
  "forty-five": 45,
  fifty: 50,
  "fifty five": 55,
  "fifty-five": 55,
};
export const MINUTE = Object.keys(MINUTE_WORDS)
  .sort((a, b) => b.length - a.length)
  .join("|");

export const DIGIT_WORDS: Record<string, string> = {
  zero: "0",
  oh: "0",
  o: "0",
  nought: "0",
  one: "1",
  two: "2",
  three: "3",
  four: "4",
  five: "5",
  six: "6",
  seven: "7",
  eight: "8",
  nine: "9",
};

/** How often the digit that follows is said: "double five". */
export const SO_MANY_TIMES: Record<string, number> = { double: 2, triple: 3, treble: 3 };

/** Parts of the day: minutes of the wall clock at which a visit may start. A part ends where the next begins. */
export const DAY_PARTS: Record<string, { fromMin?: number; toMin?: number }> = {
  "mid-morning": { fromMin: 570, toMin: 660 },
  "late-morning": { fromMin: 660, toMin: 720 },
  morning: { toMin: 720 },
  "early-afternoon": { fromMin: 720, toMin: 840 },
  "early-evening": { fromMin: 1020, toMin: 1140 },
  "mid-afternoon": { fromMin: 840, toMin: 960 },
  "late-afternoon": { fromMin: 900, toMin: 1020 },
  "after-lunch": { fromMin: 780 },
  lunchtime: { fromMin: 720, toMin: 840 },
  afternoon: { fromMin: 720, toMin: 1020 },
  evening: { fromMin: 1020 },
  "after-work": { fromMin: 1020 },
  "after-school": { fromMin: 900 },
};

/** What a service is called, or said to be, that is for two or more people at once. */
export const FOR_SEVERAL =
  /\b(?:couples?|famil(?:y|ies)|both (?:partners|of you)|partners|for two|(?:two|you) together|duo|side by side|siblings|(?:up to|for|of) (?:two|three|four|five|six|seven|eight|ten|twelve|\d+) (?:people|persons|children|kids|guests|riders|friends|adults|players|of you|(?:can |may |could )?share|at (?:a time|once)|together)|colleagues|(?:small|whole|closed) groups?|part(?:y|ies))\b/i;

/** Everyday words: never taken for a slip of a name, and no sign of what a question is about. */
export const COMMON = new Set(
  (
    "close closed closes closing shut a about above actually after afternoon again ago ah all almost alright also always am an and another any anybody anyone anything anyway appointment appt are aren't around as ask at available away " +
    "back bad badly be because been before begin being best better between big bit book booked booking both but by bye call called came can can't cancel cannot care cell change chance check class clinic come coming confirm cost could couldn't couple cut cute " +
    "day days dear did didn't different do does doesn't doing don't done down drop due during each earlier early easy either else email end enough evening ever every everyone everything exactly except " +
    "far feel few find fine first fit five for forget four free from front full get getting give go goes going gone gonna good got great guess guys had half hang happen hard has have haven't having he hello help her here hey hi him his hold home hope hour hours how however hurts i i'd i'll i'm i've idea if in info instead into is isn't it it'd it'll it's its " +
    "just keep kind kindly know known last late later least leave left less let let's like little ll long look looking lot lots love made make many maybe me mean meant message mid might mind mine minute minutes mix mobile moment month months more morning most move mum mom much must my myself " +
    "name near need never new next nice night no nobody none noon nope normal not nothing now number of off often oh ok okay on once one only open opening or other our out over own pain part past pay people perfect person phone place places plan please plus pm possible prefer pretty price problem put question quick quite " +
    "rather re ready really reason regular reschedule right room round run running said same say schedule second see seen send session set she short should show side since sir slot slots so some somebody someone something sometime somewhere soon sooner soonest sore sorry speak spot spots start stay still stop stuff such suit suits super sure switch " +
    "take talk tell ten than thank thanks that that'd that's the their them then there there's these they thing things think this those though thought three thru time times to today together told tomorrow tonight too took total toward tried true try trying two type uh um under unless until up upon us use used usual usually very via visit wait want wanted wants was wasn't way we we'd we'll we're week weekend weeks well went were what what's whatever when whenever where which while who who's whoever whole why will wish with without woman won't wonder wondering word work working works would wouldn't wrong yeah year years yep yes yesterday yet you you'd you're you've your yours yup " +
    "monday tuesday wednesday thursday friday saturday sunday doctor therapist physio massage man lady gentleman female male guy urgent urgently actual absolutely definitely probably possibly certainly hopefully unfortunately afraid able unable busy sick ill stuck flexible interested calling texting writing hoping planning asking enquiring inquiring referred paying client patient customer son daughter wife husband mother father friend partner kid child"
  ).split(" "),
);

/** Short ways of writing, as people type. */
export const WRITTEN_SHORT: Record<string, string> = {
  owt: "anything",
  nowt: "nothing",
  summat: "something",
  tmrw: "tomorrow",
  tmr: "tomorrow",
  "2morrow": "tomorrow",
  "2moro": "tomorrow",
  yh: "yes",
  yeh: "yes",
  pls: "please",
  plz: "please",
  appt: "appointment",
  arvo: "afternoon",
  satdy: "saturday",
  "arvo's": "afternoon is",
  "what'd": "what would",
  "when'd": "when did",
  "where'd": "where did",
  "how'd": "how did",
  tomoz: "tomorrow",
  tmw: "tomorrow",
  wknd: "weekend",
  nxt: "next",
  abt: "about",
  msg: "message",
  resched: "reschedule",
  wud: "would",
  cud: "could",
  shud: "should",
  ye: "you",
  ya: "you",
  yous: "you",
  youse: "you",
  "y'all": "you",
  thx: "thanks",
  ty: "thanks",
  ur: "your",
  hrs: "hours",
  mins: "minutes",
  appts: "appointments",
  im: "i'm",
  ive: "i've",
  dont: "don't",
  cant: "can't",
  wont: "won't",
  didnt: "didn't",
  doesnt: "doesn't",
  isnt: "isn't",
  wasnt: "wasn't",
  arent: "aren't",
  werent: "weren't",
  havent: "haven't",
  hasnt: "hasn't",
  hadnt: "hadn't",
  couldnt: "couldn't",
  wouldnt: "wouldn't",
  shouldnt: "shouldn't",
  youre: "you're",
  theyre: "they're",
  youve: "you've",
  weve: "we've",
  theyve: "they've",
  hes: "he's",
  shes: "she's",
  itll: "it'll",
  youll: "you'll",
  theyll: "they'll",
  thatll: "that'll",
  whats: "what's",
  hows: "how's",
  wheres: "where's",
  whens: "when's",
  whos: "who's",
  thats: "that's",
  theres: "there's",
  cuz: "because",
  coz: "because",
  bcos: "because",
  "2nite": "tonight",
  tonite: "tonight",
  "2day": "today",
  b4: "before",
  dunno: "don't know",
  gonna: "going to",
  gotta: "have to",
  lemme: "let me",
  gimme: "give me",
  kinda: "kind of",
  prolly: "probably",
};

/** Words that are themselves, never a slip of another. */
export const PLAIN_WORDS = new Set([
  ...COMMON,
  ..."than them they tree free your here hear were word world found sound round ground pound hound parting barking fist burst thirst worst person personal pricey prize opened opens older order oven latter letter water laser message massage massages moaning evenings mourning fiddly finally family fairly formerly canal candle council parcel counsel cancels dress dresses march marsh match may april augusta july june moment money honey sunny funny sandy candy handy mandy brandy muddy study bunny".split(
    " ",
  ),
]);

/** What stands before the family name of somebody who is spoken of with respect. */
export const TITLES = new Set("dr doctor mr mrs ms miss mx nurse sister prof professor madam mdm sir puan encik dato".split(" "));

/** What follows a part of the body that troubles somebody: "me back is". */
export const TROUBLES = new Set("is has hurts aches kills keeps feels went gives gave".split(" "));

/** What is so much one's own that "me" before it is said for "my": kin, and parts of the body. */
export const ONES_OWN = new Set(
  (
    "mum mam mom dad da nan nana gran granny grandad grandma brother sister bro sis son daughter lad kid kids wife husband missus hubby boyfriend girlfriend partner cousin auntie uncle niece nephew " +
    "legs leg arms arm hands hand feet foot toes toe toenails nails nail hair beard fringe roots chin lip lips nose face skin cheeks cheek eyebrows eyebrow brows lashes eyelashes eyes eye ears ear teeth tooth neck shoulder shoulders chest belly tummy knee knees ankle ankles hip hips elbow elbows wrist wrists thumb thumbs finger fingers heel heels calf calves shin shins underarms armpits bikini"
  ).split(" "),
);
/** Before "me back", where the back is one's own and nothing is given back. */
export const HAS_IT_DONE = new Set([
  "",
  "do",
  "does",
  "done",
  "doing",
  "wax",
  "waxing",
  "laser",
  "on",
  "of",
  "in",
  "and",
  "for",
  "hurt",
  "hurts",
  "rub",
  "see",
  "want",
  "about",
]);

/** Words of doing that have forms of their own for what was done. */
const FORMS: Record<string, string> = {
  take: "took taken",
  break: "broke broken",
  wear: "wore worn",
  tear: "tore torn",
  give: "gave given",
  forget: "forgot forgotten",
  eat: "ate eaten",
  drink: "drank drunk",
  drive: "drove driven",
  write: "wrote written",
  ride: "rode ridden",
  grow: "grew grown",
  know: "knew known",
  show: "shown",
  see: "seen",
  fall: "fell fallen",
  choose: "chose chosen",
  freeze: "froze frozen",
  shake: "shook shaken",
  speak: "spoke spoken",
  steal: "stole stolen",
  wake: "woke woken",
  bite: "bit bitten",
  hide: "hid hidden",
  buy: "bought",
  bring: "brought",
  think: "thought",
  catch: "caught",
  teach: "taught",
  pay: "paid",
  sell: "sold",
  tell: "told",
  make: "made",
  lose: "lost",
  send: "sent",
  spend: "spent",
  lend: "lent",
  build: "built",
  bend: "bent",
  keep: "kept",
  sleep: "slept",
  feel: "felt",
  leave: "left",
  mean: "meant",
  meet: "met",
  hold: "held",
  find: "found",
  win: "won",
  stick: "stuck",
  swell: "swollen",
  begin: "began begun",
  swim: "swam swum",
  sing: "sang sung",
  shrink: "shrank shrunk",
  come: "came",
  run: "ran",
  go: "went gone",
  sit: "sat",
  get: "got gotten",
  do: "did done",
};
/** What such a form is of: "taken" of "take". */
export const ROOTS = new Map(Object.entries(FORMS).flatMap(([root, forms]) => forms.split(" ").map((form) => [form, root] as const)));
