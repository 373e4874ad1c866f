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
    rooms: { id: string; name: string; pool: string }[];
    staff: { id: string; name: string; called: string; work: string; bookable: boolean }[];
    services: { id: string; name: string; variants: { lengthMin: number; priceMinor: number | null }[]; staff: string[]; pool: string; group: boolean }[];
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
  byReceptionist: boolean;
  madeBy: string;
}

export interface Day {
  date: string;
  today: string;
  open: Span[];
  closed: string | null;
  staff: { id: string; works: Span[]; breaks: Span[] }[];
  classes: { service: string; staff?: string; room: string; from: number; to: number; places: number }[];
  appointments: Slip[];
  held: { id: string; staff: string; room: string; from: number; to: number }[];
  blocks: { id: string; staff: string | null; room: string | null; from: number; to: number; reason: string }[];
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
  answers: Record<string, string>;
}

export interface OneAppointment {
  appointment: Slip & { date: string; answers: Record<string, string>; conversation: string | null };
  client: Card | null;
  history: (Slip & { date: string })[];
  audit: { at: At; actor: string; action: string; detail: unknown }[];
  questions: Record<string, string>;
}

export interface Waiting {
  id: string;
  conversationId: string | null;
  kind: "message" | "hand-over" | "emergency" | "call-back";
  to: string;
  text: string;
  name: string | null;
  phone: string | null;
  agoMin: number;
  at: At;
  status: string;
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

export interface Now {
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
