import type { KeptCall, Stretch } from "@gentian/core/speech/kept";

/** What the desk's interface sends. Minutes are of the house's wall clock within the day. */
export interface Me {
  account: { name: string; email: string; role: string };
  house: {
    key: string;
    name: string;
    shortName: string;
    zone: string;
    currency: string;
    locale: string;
    rules: { gridMin: number; offers?: "nearest" | "tidy" | "quiet" };
    rooms: { id: string; name: string; pool: string }[];
    staff: { id: string; name: string; called: string; work: string; bookable: boolean }[];
    services: {
      id: string;
      name: string;
      variants: { lengthMin: number; priceMinor: number | null }[];
      staff: string[];
      pool: string;
      group: boolean;
      cleanUpMin: number;
    }[];
    lines: { key: string; name: string; channel: string; state: "on-duty" | "drafting" | "off" }[];
  };
  clock: { nowMs: number; rate: number };
  feeds: { staff: string | null; path: string }[];
}

export interface Span {
  fromMin: number;
  toMin: number;
}

export interface Slip {
  id: string;
  kind: "visit" | "place" | "session";
  status: string;
  service: string;
  serviceName: string;
  lengthMin: number;
  staff: string;
  room: string;
  from: number;
  to: number;
  busyTo: number;
  time: string;
  client: string;
  clientId: string | null;
  places: number;
  priceMinor: number | null;
  feeMinor: number;
  feeState: "owed" | "waived" | "paid" | null;
  more: string[];
  visit: string | null;
  series: string | null;
  overruled: string | null;
  sequence: number;
  byReceptionist: boolean;
  madeBy: string;
}

export interface Day {
  date: string;
  today: string;
  open: Span[];
  closed: string | null;
  staff: { id: string; works: Span[]; breaks: Span[] }[];
  classes: { service: string; name: string; staff?: string; room: string; from: number; to: number; places: number }[];
  appointments: Slip[];
  held: { id: string; staff: string; room: string; from: number; to: number }[];
  blocks: { id: string; staff: string | null; room: string | null; from: number; to: number; reason: string; kind: "block" | "time-off"; longer: boolean }[];
  single: { id: string; staff: string | null; hours: Hours[]; reason: string }[];
}

export interface Hours {
  from: string;
  to: string;
}

export interface At {
  date: string;
  time: string;
}

export interface Card {
  id: string;
  name: string;
  phone: string | null;
  email: string | null;
  assessed: boolean;
  saysSo: boolean;
  note: string;
  byPersonOnly: boolean;
  answers: Record<string, string>;
  owedMinor?: number;
  lastStaff?: string | null;
}

export interface OneAppointment {
  appointment: Slip & { date: string; answers: Record<string, string>; conversation: string | null; lateFeeMinor: number; told?: boolean };
  client: Card | null;
  history: (Slip & { date: string })[];
  audit: { at: At; actor: string; action: string }[];
  questions: Record<string, string>;
}

export interface Waiting {
  id: string;
  conversationId: string | null;
  kind: "message" | "hand-over" | "emergency" | "call-back" | "tell" | "waiting";
  appointmentId: string | null;
  to: string;
  text: string;
  name: string | null;
  phone: string | null;
  agoMin: number;
  at: At;
  status: string;
  /** Where it can be heard, when it was spoken. */
  listen?: Stretch & { call: string };
}

export interface LogEntry {
  id: string;
  line: string;
  channel: string;
  status: "open" | "with-desk" | "closed";
  outcome: string | null;
  clientName: string | null;
  at: At;
  lastedMin: number;
  agoMin: number;
  takenBy: string | null;
  first: string | null;
  last: { who: string; text: string }[];
  expects: string;
}

/** A stretch of a call's talk, in milliseconds from its beginning. */
export interface Ringing {
  conversation: string;
  who: string;
  why: string;
  /** What they said last. */
  words: string;
  /** Whose telephone rings besides the desk. */
  telephone?: string;
  sinceSec: number;
}

/** A telephone outside the desk that calls are put through to. */
export interface HouseTelephone {
  /** E.164. */
  number: string;
  name: string;
  /** In words; empty where it rings while somebody is there. */
  hours: string;
  /** Whether it would ring now. */
  rings: boolean;
}

export interface Now {
  ringing: Ringing[];
  waiting: Waiting[];
  talking: LogEntry[];
  today: { conversations: number; outcomes: Record<string, number> };
}

export interface Logbook {
  date: string;
  today: string;
  conversations: LogEntry[];
}

export type Reason =
  | { what: "read"; rule: string; words: string; from: number; means: string; assumed?: string }
  | { what: "errand"; errand: string; rule: string; sure: number }
  | { what: "corrected"; words: string }
  | { what: "rule"; rule: string }
  | { what: "ruled-out"; why: string; about?: string }
  | { what: "looked"; at: string; seen: number }
  | { what: "source"; source: { kind: string; id: string; label: string } }
  | { what: "withheld"; text: string };

export interface TurnView {
  id: number;
  who: "client" | "receptionist" | "desk" | "event";
  text: string;
  at: At;
  reply: { appointment?: { service: string; staff: string; start: string; end: string; status: string } } | null;
  reasons: Reason[] | null;
  direction?: string;
}

export interface OneConversation {
  calls: KeptCall[];
  id: string;
  line: string;
  channel: string;
  status: "open" | "with-desk" | "closed";
  clientName: string | null;
  outcome: string | null;
  outcomes: string[];
  turns: TurnView[];
}

export interface Openings {
  openings: { staff: string; room: string; time: string; left?: number }[];
  offers: ({ staff: string } & At)[];
}

/** Why the places of a day are shut for an appointment, by person. */
export interface Places {
  grid: number;
  people: { staff: string; shut: { fromMin: number; toMin: number; why: string; never: boolean }[] }[];
}

export interface Week {
  from: string;
  days: {
    date: string;
    closed: string | null;
    people: { staff: string; worksMin: number; freeMin: number; full: number; booked: number; from: string | null; to: string | null }[];
  }[];
}

export interface WalkIn extends At {
  service: string;
  serviceName: string;
  length: number;
  priceMinor: number | null;
  staff: string;
  room: string;
}

export interface TouchedList {
  block: { id: string; staff?: string; room?: string; reason: string; kind: "block" | "time-off"; from: At; to: At };
  touched: (Slip & { date: string; phone: string | null; told?: boolean; offers: ({ staff: string } & At)[] })[];
}

export interface Differs {
  absences: { id: string; staff: string | null; room: string | null; reason: string; kind: "block" | "time-off"; from: At; to: At }[];
  days: { id: string; staff: string | null; date: string; hours: Hours[]; reason: string }[];
}

export type TouchedWhy = "service-gone" | "length-gone" | "person-gone" | "not-theirs" | "room-gone" | "closed" | "outside-hours" | "no-class";

export interface Attempt {
  touched: (Slip & { date: string; why: TouchedWhy })[];
  gaps?: { code: string; place: string; about?: string }[];
}

export interface Done {
  id: string;
  undo: number;
}

export interface VisitOffer extends At {
  until: string;
  parts: ({ service: string; length: number; staff: string; room: string } & At)[];
}

export interface SeriesOffer {
  staff: string | null;
  weeks: { date: string; opening?: { staff: string } & At; instead: ({ staff: string } & At)[] }[];
}

export interface Holiday {
  date: string;
  name: string;
  closed: string | null;
  hours: Hours[] | null;
}

export interface ExchangeReport {
  of: number;
  good: number;
  wrong: number;
  faults: { line: number; column: string; message: string }[];
  shown: string[][];
  kept: boolean;
  clients?: number;
  known?: number;
  appointments?: number;
  services?: number;
}

export interface Tidiness {
  days: number;
  bookings: number;
  now: "nearest" | "tidy" | "quiet";
  settings: { setting: "nearest" | "tidy" | "quiet"; gapMin: number; placed: number }[];
}
