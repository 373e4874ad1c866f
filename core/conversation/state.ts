import type { Channel } from "../house/schema.ts";
import type { Expects } from "../language/context.ts";
import type { ChoiceValue, Found, FoundOf } from "../language/found.ts";
import type { Errand, ErrandRead } from "../language/errand.ts";

import type { Why } from "../schedule/offers.ts";
import type { DayWish } from "../schedule/wish.ts";
import type { DayNumber } from "../time/days.ts";
import type { EpochMin } from "../time/zone.ts";

// ---- what a conversation is ----

export type Outcome = "booked" | "moved" | "cancelled" | "answered" | "message-taken" | "handed-over" | "waitlisted" | "turned-away" | "abandoned";

export type Status = "open" | "with-desk" | "closed";

/** An opening as the conversation keeps it. Minutes since the epoch. */
export interface OfferView {
  service: string;
  lengthMin: number;
  staff: string;
  room: string;
  /** Rooms and devices besides the first. */
  more?: string[];
  startMin: EpochMin;
  endMin: EpochMin;
  busyUntilMin: EpochMin;
}

/** An appointment of the client's, as the conversation keeps it. */
export interface AppointmentView extends OfferView {
  id: string;
  client: { name: string; phone?: string };
  places: number;
  priceMinor: number | null;
}

/** What the house knows of the person, once number or email and name have been found on one card. */
export interface CardView {
  id: string;
  name: string;
  assessed: boolean;
  /** What the card knows already, by question. */
  answers?: Record<string, string>;
  /** Whom they saw last. */
  lastStaff?: string;
  /** How many appointments are still to come. */
  coming?: number;
  /** Only a person of the house books for them. */
  byPersonOnly?: boolean;
}

export interface ClientState {
  name?: string;
  phone?: string;
  email?: string;
  /** Read back and confirmed, or found on a card under the same name. */
  confirmed: boolean;
  /** The name as it was read back on the telephone and found right. */
  nameHeard?: string;
  /** The name is to be given letter by letter. */
  spells?: boolean;
  /** What was looked up last, so that it is looked up once. */
  looked?: string;
  match?: "both" | "number-only" | "none";
  card?: CardView;
  /** Their card was made by a booking in this conversation: they are no less new for it. */
  fresh?: boolean;
  /** Questions that they have answered for an earlier booking in this conversation. */
  told?: string[];
  /** Their own word where there is no card. */
  saysBefore?: boolean;
  noPhone?: boolean;
  /** The number that they call from, unless they have said that it is not theirs. */
  line?: string;
  /** The digits of a number that was not whole. */
  phonePart?: string;
  /** Digits to which a nought that was not heard has been added once. */
  triedNought?: string;
}

/** What is wished for the visit, as far as it was said. */
export interface WishState {
  days?: DayWish;
  /** "Next Friday": two days of which one must be chosen. */
  ask?: DayNumber[];
  times?: FoundOf<"time">[];
  /** What lies nearest to the hour that is wished for will do. */
  orNearest?: boolean;
  /** The day was said by the name of its weekday: the same one a week on may do as well. */
  byName?: boolean;
  /** The stretch of days that was spoken of: a weekday that is named after it is one of them. */
  within?: { from: DayNumber; to: DayNumber };
  /** The half of the day that was wished for before an hour was named: "in the evening" – "six, then". */
  halfWished?: "am" | "pm";
  /** Either half of the day will do, where an hour could be of both. */
  eitherHalf?: true;
  /** The half of the day that was chosen when both would do. */
  atMin?: number;
  /** "Tomorrow at nine or Thursday at four": what will do where the first cannot be had. */
  orElse?: { day: DayNumber; times: FoundOf<"time">[] };
}

/** An opening that is not offered again: it was turned down, or somebody else had it first. */
export interface Refused {
  startMin: EpochMin;
  staff: string;
  lost?: true;
}

export interface BookTask {
  errand: "book";
  service?: string;
  /** Several services that were meant by one word. */
  among?: string[];
  lengthMin?: number;
  saidLength?: number | "long" | "short";
  staff?: string[] | "any";
  gender?: "woman" | "man";
  /** Whom the client does not want. */
  notStaff?: string[];
  /** It was begun, and something else came in between. */
  setAside?: boolean;
  /** The number is of visits, one after the other, and not of people. */
  sessions?: boolean;
  /** What was said, where it may be of a visit that they have: once it is known who they are, that is looked for. */
  ofOwn?: string;
  /** Of several who come, one right after the other. */
  inARow?: boolean;
  /** On a day after the one that was booked before it. */
  afterLast?: boolean;
  /** Another visit of the same, for those who come along: booked one after the other. */
  beside?: boolean;
  places?: number;
  forWhom?: string;
  visitor?: string;
  wish: WishState;
  hold?: Hold;
  offered: OfferView[];
  /** Nothing was found for the wish as it stands: it is not looked for again. */
  barren?: boolean;
  refused: Refused[];
  /** Questions that consequences ask besides the service's own. */
  extra?: string[];
  /** Consequences that have had their say, each once. */
  followed?: string[];
  /** How often the question at hand was not understood. */
  again?: number;
  tags?: string[];
  /** The same as last time: what that was is looked up once it is known who it is. */
  same?: boolean;
  /** So many days after that one. */
  sameInDays?: number;
  /** On the day of what was given up just before, or of what they have. */
  sameDay?: true;
  /** So many minutes after it. */
  sameByMin?: number;
  /** So many days after a visit that they have, until it is known which that is. */
  afterOwn?: number;
  /** At the time of the appointment that was cancelled or moved before it. */
  sameTime?: boolean;
  /** How many there are is asked for, since it was too many. */
  needPlaces?: boolean;
  /** The wish that could not be had when it was last looked for; the same again is said to be still so. */
  missed?: string;
  /** They want to be on the waiting list if it cannot be had. */
  waits?: boolean;
  /** How often the number of places was said to be too many. */
  crowded?: number;
  /** The one in `among` was only heard of in passing: whether it is meant is asked. */
  maybe?: boolean;
  /** Those in `among` are what was told speaks for; nobody named them. */
  byTold?: boolean;
  /** What was told of what it is for, while that is open. */
  told?: string;
  /** They cannot say which of those in `among` it is: what each is goes before the question. */
  tellApart?: boolean;
  /** What each is has been said; if they still do not choose, one of them is proposed, and the rest wait here. */
  toldApart?: boolean;
  rest?: string[];
  /** It was asked whether they have been here before, which tells which of two it is. */
  asksBefore?: boolean;
  /** Services that were suggested by what was told, and not taken. */
  declined?: string[];
  /** What it is for is another matter than what they came for before. */
  newMatter?: boolean;
  /** Something hurts: where the house has everybody begin with one service, that is suggested, once. */
  complaint?: boolean;
  suggested?: boolean;
  /** When what was held or offered stood before the wish changed, for "the same time tomorrow". */
  before?: EpochMin;
  /** How often it was asked what it is for. */
  serviceAsked?: number;
  /** How often the length was asked for and nothing was said of it. */
  lengthAsked?: number;
  /** How often several times were agreed to without saying which. */
  agreed?: number;
  /** The service that a question was about while it was open which one it is to be. */
  askedOf?: string;
  /** How often it was said that another service has to come first. */
  barred?: number;
  /** Right after the visit that is booked before it. */
  rightAfter?: boolean;
  /** The service that was wished for before another was offered in its place. */
  instead?: { service: string; lengthMin?: number };
}

export interface Hold {
  id: string;
  offer: OfferView;
  untilMin: EpochMin;
}

/** What was said of the appointment that exists. */
export interface OldState {
  days?: DayWish;
  times?: FoundOf<"time">[];
  service?: string[];
  staff?: string[];
  /** The service was told by a word in passing alone. */
  weak?: boolean;
  /** Not the one that was booked or moved last. */
  other?: boolean;
  /** Services of which none is meant: "all but the facial". */
  keep?: string[];
  /** "The later one", of those that are coming. */
  pick?: ChoiceValue;
}

export interface MoveTask {
  errand: "move";
  old: OldState;
  /** All that fit are meant, each moved alike: "both to the week after". */
  all?: boolean;
  appointment?: AppointmentView;
  staff?: string[] | "any";
  /** Whom it is not to be with, and what they are to be, where nobody is named. */
  notStaff?: string[];
  gender?: "woman" | "man";
  /** The day was not named: it is only where the appointment stands. */
  looseDay?: boolean;
  /** Minutes later than it stands; negative is earlier, 0 only "later" without saying how much. */
  by?: { min: number; sign: 1 | -1; sooner?: boolean };
  /** Days measured from where it stands, kept until it is known which one it is. */
  after?: { byDays: number; weekday?: number; week?: true };
  /** The wish that could not be had when it was last looked for. */
  missed?: string;
  waits?: boolean;
  before?: EpochMin;
  /** How often several times were agreed to without saying which. */
  agreed?: number;
  /** Beside which other visit of theirs it is to be, until it is known which they have. */
  beside?: { services: string[]; side?: "after" | "before" };
  /** Only the person or the length is to change: day and hour stay if they can. */
  keepTime?: boolean;
  /** How long it is to be from now on, where that is to change. */
  lengthMin?: number;
  /** The longest or the shortest that the service comes in is wished for. */
  lengthTo?: "long" | "short";
  /** So many minutes longer than it is; shorter where negative. */
  lengthBy?: number;
  wish: WishState;
  hold?: Hold;
  offered: OfferView[];
  /** Nothing was found for the wish as it stands: it is not looked for again. */
  barren?: boolean;
  refused: Refused[];
  numberAsked?: boolean;
  /** The whole name was asked for, after one of its words. */
  nameAsked?: boolean;
}

export interface CancelTask {
  errand: "cancel";
  old: OldState;
  /** All that fit are meant: "both", "everything". */
  all?: boolean;
  appointment?: AppointmentView;
  numberAsked?: boolean;
  /** The whole name was asked for, after one of its words. */
  nameAsked?: boolean;
}

export interface MineTask {
  errand: "ask-mine";
  old: OldState;
  numberAsked?: boolean;
  /** The whole name was asked for, after one of its words. */
  nameAsked?: boolean;
}

export interface MessageTask {
  errand: "message";
  text?: string;
  /** It was not made out which service they want: the booking waits, in case they go on with it, and is over when they do not. */
  stuck?: true;
  /** They wish to be called back: who and under which number is asked. */
  callBack?: boolean;
  /** When they wish to be called back, in their words; empty where the message says it. */
  when?: string;
  /** What could not be answered: offered to be passed on. */
  offered?: string;
  /** What was asked for is refused: what is said next is most likely of that. */
  refused?: true;
  /** The line that may be what was asked about: whether it is has been asked. */
  meant?: Source;
  /** Who is to be told, by id, where the handbook names somebody. */
  tell?: string;
  /** It was not said that it is one. */
  guessed?: boolean;
  /** What they wait for, on the waiting list: a name and a number are asked, and nothing else. */
  waiting?: boolean;
}

export type Task = BookTask | MoveTask | CancelTask | MineTask | MessageTask;

/** Everything a conversation is between two turns: plain data. */
export interface State {
  v: 1;
  seed: number;
  line: string;
  channel: Channel;
  receptionist: string;
  afterHours: boolean;
  status: Status;
  expects: Expects;
  task: Task | null;
  later: Task[];
  client: ClientState;
  /** Answers to the house's questions by key; of an address its parts too, as key.town and so on. */
  answers: Record<string, string>;
  /** Questions that were skipped. */
  skipped?: string[];
  /** The client's coming appointments, when known. */
  appointments: AppointmentView[];
  outcomes: Outcome[];
  /** The last service spoken of, for "how long is it". */
  topic?: string;
  /** The only appointment that was told of just now: "it", for what is wished next. */
  toldOf?: string;
  /** Several services spoken of at once, where it is open which is meant. */
  topics?: string[];
  /** The service for which a time may be looked for, and the turn in which that was asked. */
  mayLook?: { service: string; turn: number };
  /** A question that waits for a service to be named. */
  asking?: "ask-price" | "ask-service" | "book";
  /** The question itself, where it was of whichever service that is: "how long does it take". */
  askingWhat?: string;
  /** The days that were asked about last, for "at nine then", until something is begun. */
  askedDays?: DayWish;
  /** The one person that the last question was about. */
  askedStaff?: string;
  /** The length that was asked about last, of the service spoken of. */
  askedLength?: number | "long" | "short";
  /** What was asked last, for "and on Saturday?". */
  lastAsk?: Errand;
  /** The visit that was booked last in this conversation. */
  last?: { service: string; lengthMin: number; staff: string; startMin: EpochMin; endMin: EpochMin };
  /** What was done last, for "did that work?". */
  did?: { did: "booked" | "moved" | "cancelled"; of: AppointmentView };
  /** What was cancelled or moved last as it stood before, for those who want it back. */
  undone?: { did: "cancelled" | "moved"; was: AppointmentView; turn: number };
  /** When the appointment was that was cancelled or moved away from last. */
  left?: EpochMin;
  /** The person of the house spoken of last, for "when is he in". */
  person?: string;
  /** Those of the house who were named to the client last, where there were several. */
  people?: string[];
  /** Whom it was last handed over to: a person of the house by id, or the emergency line; the desk where it is not said. */
  through?: string;
  /** How often the client was abusive. */
  abused?: number;
  /** What was said to the client last, for those who ask to hear it again. */
  heard?: string;
  /** What may have been an emergency was heard, not surely. */
  emergencyHeard?: boolean;
  /** What the client said before what is being heard. */
  saidBefore?: string;
  /** What was told last and could not be answered, or was not understood. */
  told?: string;
  /** Lines of which it has been asked whether they are meant. */
  askedWhether?: string[];
  /** The turn in which an emergency was met last. */
  emergencyAt?: number;
  /** The turn in which what was not known was last asked back, since it may have been misheard. */
  askedBack?: number;
  /** Silences in a row. */
  silences?: number;
  /** Turns in a row in which nothing moved on; and whether that has led to a person already. */
  still?: number;
  handed?: boolean;
  /** Marks of the sentences that were said, so that none is said twice in the same words. */
  spoken?: number[];
  /** How often each wording was used, for variety. */
  used: Record<string, number>;
  repairs: number;
  turn: number;
}

// ---- what comes in ----

export type Event =
  /** `phone` is the number that the line shows, E.164. */
  | { kind: "start"; phone?: string }
  /** `sure` is how sure it is that this was said, 0 to 1, where it was heard and not written. */
  | { kind: "said"; text: string; sure?: number }
  | { kind: "silence" }
  /** Something was said, and could not be heard well enough to act on. */
  | { kind: "unclear" }
  | { kind: "left" }
  /** Handed over, and nobody at the desk has come. */
  | { kind: "nobody-came" }
  | { kind: "client-found"; match: "both" | "number-only" | "none"; card?: CardView; appointments: AppointmentView[] }
  | { kind: "held"; id: string; offer: OfferView; untilMin: EpochMin }
  | { kind: "lost"; offer: OfferView }
  | { kind: "booked"; appointment: AppointmentView }
  | { kind: "moved"; appointment: AppointmentView; feeMinor: number }
  | { kind: "cancelled"; appointment: AppointmentView; feeMinor: number }
  | { kind: "gone" }
  | { kind: "slipped"; slip: SlipKind };

export type SlipKind = "message" | "hand-over" | "emergency" | "call-back" | "waiting";

// ---- what must be done outside ----

export type Effect =
  /** With `byEar` a name that sounds like the one on the card is that one. */
  | { kind: "find-client"; name: string; phone?: string; email?: string; byEar?: boolean }
  | { kind: "hold"; offer: OfferView; places: number; untilMin: EpochMin; replaces?: string }
  | { kind: "release"; hold: string }
  | {
      kind: "book";
      hold: string;
      offer: OfferView;
      places: number;
      client: { card?: string; name: string; phone?: string; email?: string; saysBefore?: boolean };
      visitor?: string;
      answers: Record<string, string>;
      /** Those of them that the client's card keeps. */
      cardAnswers: Record<string, string>;
    }
  | { kind: "move"; appointment: string; hold: string; offer: OfferView; feeMinor: number }
  | { kind: "cancel"; appointment: string; feeMinor: number }
  | { kind: "slip"; slip: SlipKind; text: string; to: "desk" | "manager"; name?: string; phone?: string };

// ---- what goes out ----

export interface Source {
  kind:
    | "house"
    | "hours"
    | "closed"
    | "service"
    | "staff"
    | "rule"
    | "answer"
    | "fact"
    | "document"
    | "limit"
    | "question"
    | "calendar"
    | "card"
    | "said"
    | "receptionist"
    | "emergency"
    | "handing-over";
  id: string;
  label: string;
}

export interface Choice {
  label: string;
  say: string;
}

export interface ReplyOut {
  text: string;
  expects: Expects;
  choices?: Choice[];
  sources: Source[];
  appointment?: { of: AppointmentView; status: "booked" | "moved" | "cancelled" };
  reasons: Reason[];
}

/** One note at the side of a reply. */
export type Reason =
  | { what: "read"; rule: string; words: string; from: number; means: string; assumed?: string }
  | { what: "errand"; errand: ErrandRead["errand"]; rule: string; sure: number }
  | { what: "corrected"; words: string }
  | { what: "rule"; rule: string }
  | { what: "ruled-out"; why: string; about?: string }
  | { what: "looked"; at: string; seen: number }
  | { what: "source"; source: Source }
  | { what: "withheld"; text: string };

/** What one look at the calendar gave. */
export interface Looked {
  offers: OfferView[];
  fit: "inside" | "near" | "none";
  why: Why | null;
  seen: number;
}

export interface Step {
  state: State;
  reply: ReplyOut | null;
  /** Why, also where nothing was said yet because something is looked up first. */
  reasons: Reason[];
  effects: Effect[];
  /** What was seen of the calendar, in the order in which it was looked at, to be kept with the turn. */
  looked: Looked[];
}

export type { Found };
