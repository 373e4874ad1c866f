import { z } from "zod";
import { PATIENCES } from "../speech/turns.ts";
import { VOICE_NAMES } from "../speech/voices.ts";
import { dayFrom, WEEKDAYS } from "../time/days.ts";
import { recurrenceOf } from "../time/recurrence.ts";

/**
 * The open house format: everything a house is, in one JSON document. Lengths are minutes (`…Min`), money is minor
 * units of the house's currency (`…Minor`), clock times are HH:MM on the house's wall, dates are YYYY-MM-DD.
 * Unknown keys are refused, so that a slip of the pen is said and not swallowed.
 */

const id = z.string().regex(/^[a-z0-9][a-z0-9-]{0,63}$/, "small letters, digits and hyphens, 64 at most");
const words = (max: number) => z.string().trim().min(1).max(max);
const clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$|^24:00$/, "a time of day as HH:MM");
const date = z
  .string()
  .regex(/^\d{4}-\d{2}-\d{2}$/, "a date as YYYY-MM-DD")
  .refine((s) => dayFrom(Number(s.slice(0, 4)), Number(s.slice(5, 7)), Number(s.slice(8))) !== null, {
    message: "no such date",
  });
const wallTime = z.string().regex(/^\d{4}-\d{2}-\d{2}T([01]\d|2[0-3]):[0-5]\d$/, "a wall time as YYYY-MM-DDTHH:MM");
const weekday = z.enum(WEEKDAYS);
const weekdays = z.array(weekday).min(1).max(7);
const phone = z.string().regex(/^\+[1-9]\d{6,14}$/, "a telephone number in E.164, such as +19025550100");
const email = z
  .string()
  .max(254)
  .regex(/^[^\s@]+@[^\s@]+\.[^\s@]+$/, "an email address");
const minutes = z
  .number()
  .int()
  .min(0)
  .max(60 * 24 * 400);

export const zoneName = z.string().refine(
  (s) => {
    try {
      new Intl.DateTimeFormat("en", { timeZone: s });
      return true;
    } catch {
      return false;
    }
  },
  { message: "an IANA time zone, such as America/Halifax" },
);

export const windowSchema = z.strictObject({ id, weekdays, from: clock, to: clock });

export const closedRule = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("yearly"), month: z.number().int().min(1).max(12), date: z.number().int().min(1).max(31) }),
  z.strictObject({ kind: z.literal("easter"), days: z.number().int().min(-60).max(70) }),
  z.strictObject({
    kind: z.literal("weekday"),
    month: z.number().int().min(1).max(12),
    weekday,
    /** 1 is the first of the month, -1 the last. */
    nth: z.number().int().min(-5).max(5),
  }),
  z.strictObject({ kind: z.literal("before"), month: z.number().int().min(1).max(12), date: z.number().int().min(1).max(31), weekday }),
  z.strictObject({ kind: z.literal("once"), date }),
]);

const span = z.strictObject({ from: clock, to: clock });

export const closedSchema = z.strictObject({
  id,
  name: words(80),
  on: closedRule,
  /** Where the day is shortened, not closed: what is open of it. */
  hours: z.array(span).max(4).optional(),
});

/** A recurrence rule of RFC 5545 that counts whole days. */
const dayRule = z
  .string()
  .max(200)
  .superRefine((rule, ctx) => {
    try {
      recurrenceOf(rule, "2027-01-04");
    } catch (error) {
      ctx.addIssue({ code: "custom", message: error instanceof Error ? error.message : "not a recurrence" });
    }
  });

export const roomSchema = z.strictObject({ id, name: words(60), pool: words(60) });

export const staffSchema = z.strictObject({
  id,
  name: words(80),
  called: z.array(words(40)).default([]),
  work: words(120),
  gender: z.enum(["woman", "man"]).optional(),
  languages: z.array(words(40)).default([]),
  bookable: z.boolean(),
  takesMessages: z.boolean().default(false),
  hours: z
    .array(
      z.strictObject({
        id,
        weekdays,
        from: clock,
        to: clock,
        /** Every so many weeks, counted from the week of `from`. */
        every: z.strictObject({ weeks: z.number().int().min(2).max(12), from: date }).optional(),
        /** Only on the days of a recurrence (RFC 5545) that are among `weekdays`, counted from `from`. */
        repeat: z.strictObject({ rule: dayRule, from: date }).optional(),
      }),
    )
    .default([]),
  breaks: z.array(z.strictObject({ id, weekdays, from: clock, to: clock })).default([]),
});

const TAKES = ["both", "person", "room"] as const;

/** A length of a service. Price, people and room are the service's own where it does not name others. */
export const variantSchema = z.strictObject({
  lengthMin: z.number().int().min(5).max(720),
  priceMinor: z.number().int().min(0).max(100_000_000).nullable(),
  staff: z.array(id).max(200).optional(),
  pool: z.string().max(60).optional(),
});

export const serviceSchema = z.strictObject({
  id,
  name: words(80),
  also: z.array(words(60)).default([]),
  /** The heading that it stands under. */
  category: words(60).optional(),
  about: z.string().trim().max(600).default(""),
  bring: z.string().trim().max(300).optional(),
  variants: z.array(variantSchema).min(1).max(12),
  /** What is said in place of a price where none is given. */
  noPrice: z.string().trim().max(300).optional(),
  /** The price is known and charged, and not told on the lines. */
  priceKept: z.boolean().optional(),
  staff: z.array(id).max(200),
  pool: z.string().max(60),
  cleanUpMin: z.number().int().min(0).max(240).default(0),
  /** Whose time the clean-up takes; both where not said. */
  cleanUpTakes: z.enum(TAKES).optional(),
  /** Time to make ready before the client comes. */
  setUpMin: z.number().int().min(0).max(240).optional(),
  setUpTakes: z.enum(TAKES).optional(),
  /** Kinds of rooms or devices of which one is needed besides the room. */
  alsoNeeds: z.array(words(60)).max(5).optional(),
  /** Only inside these hours, start and end. */
  when: z.array(windowSchema).max(20).optional(),
  /** Years of age, both included. */
  ages: z.strictObject({ from: z.number().int().min(0).max(120).optional(), to: z.number().int().min(0).max(120).optional() }).optional(),
  /** How many of it the house does a day. */
  mostADay: z.number().int().min(1).max(500).optional(),
  /** Only for those who have never been here, or only for those who have. */
  clients: z.enum(["new", "returning"]).optional(),
  /** The questions of the house that concern this service, by key. */
  asks: z.array(id.or(z.string().regex(/^[a-z][a-z0-9_]*$/))).default([]),
  /** Only for clients who have had the service named here; others are offered that one. */
  after: id.optional(),
  group: z
    .strictObject({
      places: z.number().int().min(2).max(500),
      perBooking: z.number().int().min(1).max(50),
      times: z.array(z.strictObject({ weekdays, at: clock })).min(1),
    })
    .optional(),
});

/** Keep days tidy, fill quiet days, or nearest wins. */
export const OFFER_WEIGHTS = ["nearest", "tidy", "quiet"] as const;

export const rulesSchema = z.strictObject({
  noticeMin: minutes,
  horizonDays: z.number().int().min(1).max(730),
  gridMin: z.number().int().min(5).max(60),
  holdMin: z.number().int().min(1).max(120),
  freeUntilMin: minutes,
  lateFeePercent: z.number().min(0).max(100),
  missedFeePercent: z.number().min(0).max(100),
  parentUnderAge: z.number().int().min(0).max(21).optional(),
  /** How many coming appointments a client may hold; any number where not said. */
  mostComing: z.number().int().min(1).max(100).optional(),
  /** What weighs most where several openings would do; nearest where not said. */
  offers: z.enum(OFFER_WEIGHTS).optional(),
});

const questionKey = z.string().regex(/^[a-z][a-z0-9_]{0,39}$/, "small letters, digits and underscores, beginning with a letter");

/** When a consequence holds: what the answer to a question must be. Money is minor units, lengths are minutes. */
export const testSchema = z.discriminatedUnion("is", [
  z.strictObject({ is: z.literal("yes") }),
  z.strictObject({ is: z.literal("no") }),
  z.strictObject({ is: z.literal("skipped") }),
  z.strictObject({ is: z.literal("choice"), choice: id }),
  z.strictObject({ is: z.literal("over"), than: z.number() }),
  z.strictObject({ is: z.literal("under"), than: z.number() }),
  z.strictObject({ is: z.literal("before"), date }),
  z.strictObject({ is: z.literal("after"), date }),
  z.strictObject({ is: z.literal("says"), words: z.array(words(80)).min(1).max(20) }),
]);

/** What follows: the conversation goes on, or takes another way. */
export const actSchema = z.discriminatedUnion("act", [
  z.strictObject({ act: z.literal("go-on") }),
  z.strictObject({ act: z.literal("book"), service: id }),
  z.strictObject({ act: z.literal("offer"), service: id }),
  z.strictObject({ act: z.literal("hand-over"), say: z.string().trim().max(300).optional() }),
  z.strictObject({ act: z.literal("turn-away"), say: words(300) }),
  z.strictObject({ act: z.literal("tag"), tag: words(40) }),
  z.strictObject({ act: z.literal("ask"), question: questionKey }),
]);

/** "If … then …": where its test holds, its acts follow in order, and then the consequences inside it. */
export interface Consequence {
  id: string;
  /** The question whose answer is tested; the one that it stands under, unless named. */
  question?: string | undefined;
  if: z.infer<typeof testSchema>;
  do: z.infer<typeof actSchema>[];
  then: Consequence[];
}

export const consequenceSchema: z.ZodType<Consequence, Consequence> = z.strictObject({
  id,
  question: questionKey.optional(),
  if: testSchema,
  do: z.array(actSchema).max(10),
  then: z.lazy(() => z.array(consequenceSchema).max(50)),
});

export const QUESTION_KINDS = ["text", "choice", "yes-no", "number", "money", "date", "length", "phone", "email", "address"] as const;

export const questionSchema = z.strictObject({
  key: questionKey,
  ask: words(300),
  help: z.string().trim().max(300).optional(),
  kind: z.enum(QUESTION_KINDS),
  /** For a choice: each with the other words it is meant by. */
  choices: z
    .array(z.strictObject({ id, say: words(80), also: z.array(words(60)).default([]) }))
    .max(20)
    .optional(),
  /** Needed unless this says that it may be skipped. */
  maySkip: z.boolean().optional(),
  /** Asked again though the card has an answer; where not said, only what concerns everyone is. */
  again: z.boolean().optional(),
  /** Kept on the client's card, or with the visit only. */
  keep: z.enum(["card", "visit"]).optional(),
  /** Asked only where a consequence asks for it. */
  onlyThen: z.boolean().optional(),
  then: z.array(consequenceSchema).max(50).optional(),
  /** new: only of new clients; everyone: at every booking; unknown: where the card does not tell who it is. */
  whom: z.enum(["new", "everyone", "unknown"]),
  /** A yes hands the conversation over to a person; nothing is booked. */
  yesHandsOver: z.string().trim().max(300).optional(),
});

export const answerSchema = z.strictObject({
  id,
  question: words(200),
  also: z.array(words(200)).default([]),
  answer: words(600),
});

export const limitSchema = z.strictObject({
  id,
  subject: words(80),
  /** Words that show the subject; every one of a line's words must be there, in any order. */
  words: z.array(words(80)).min(1),
  say: words(400),
  /** Who is told, by id; the desk where nobody is named. */
  tell: id.optional(),
});

/** A document of the house's, cut into passages that answer. */
export const documentSchema = z.strictObject({
  id,
  name: words(120),
  /** Used on the lines, left out where the handbook is given away. */
  private: z.boolean().default(false),
  passages: z.array(z.strictObject({ id, heading: z.string().trim().max(160).default(""), text: words(1200) })).max(2000),
});

export const handingOverSchema = z.strictObject({
  /** Who is called, by id; the desk where nobody is named. */
  to: id.optional(),
  /** When somebody is there; the house's opening hours where none are named. */
  hours: z.array(windowSchema).max(20).optional(),
  /** How many minutes somebody may be waited for, before that is said; three where not said. */
  waitMin: z.number().int().min(1).max(120).optional(),
  /** What is offered when nobody is there, or nobody comes. */
  nobody: z.enum(["call-back", "message"]),
  /** Words that call for a person at once, besides asking for one. */
  words: z.array(words(80)).max(30).optional(),
});

/** What is done with a question that the handbook does not answer. */
export const unknownSchema = z.strictObject({ do: z.enum(["pass-on", "hand-over", "say-so"]) });

export const MANNERS = ["warm", "brisk", "formal"] as const;
/** The moments for which a house may have words of its own. */
export const OWN_MOMENTS = ["offer", "booked", "moved", "cancelled", "late-fee", "unknown", "handing-over", "anything-else", "goodbye", "unheard"] as const;

export const emergencySchema = z.strictObject({
  words: z.array(words(80)).min(1),
  say: words(400),
  call: words(20),
  housePhone: phone.optional(),
});

/** How a receptionist sounds on the telephone. Pace and pitch are shares of the voice's own. */
export const voiceSchema = z.strictObject({
  name: z.enum(VOICE_NAMES),
  pace: z.number().min(0.7).max(1.4).optional(),
  pitch: z.number().min(0.7).max(1.4).optional(),
});

export const receptionistSchema = z.strictObject({
  id,
  name: words(60),
  greeting: words(300),
  callBack: z.boolean().default(false),
  manner: z.enum(MANNERS).optional(),
  /** Full where not said. */
  length: z.enum(["short", "full"]).optional(),
  /** Other greetings, which take turns with the first. */
  greetings: z.array(words(300)).max(10).optional(),
  wordings: z
    .array(z.strictObject({ id, moment: z.enum(OWN_MOMENTS), say: words(400) }))
    .max(100)
    .optional(),
  voice: voiceSchema.optional(),
});

export const RECORDING = ["no", "tell", "ask"] as const;
/** Put through with a word to whoever picks up, or straight. */
export const THROUGH = ["announced", "straight"] as const;
export const BACKGROUNDS = ["none", "room"] as const;

/** How the house telephones. What is left out is as the comment says. */
export const callsSchema = z.strictObject({
  /** How long a pause may be before the receptionist answers: usual. */
  patience: z.enum(PATIENCES).optional(),
  /** Whether it stops when the caller speaks: yes. */
  interruptible: z.boolean().optional(),
  /** The longest call, in minutes: 20. */
  longestMin: z.number().int().min(1).max(120).optional(),
  /** Help after so many seconds of silence: 6. */
  helpAfterSec: z.number().int().min(3).max(30).optional(),
  background: z.enum(BACKGROUNDS).optional(),
  /** Whether calls are recorded: no; "tell" says so, "ask" asks first. */
  record: z.enum(RECORDING).optional(),
  /** After so many days a recording is deleted: 30. */
  keepDays: z.number().int().min(1).max(3650).optional(),
  /** Words that voices say wrong, each with a way to write it that they say right. */
  said: z
    .array(z.strictObject({ id, word: words(60), as: words(80) }))
    .max(500)
    .optional(),
  /** How long it rings at the desk before a message is taken, in seconds: 25. */
  ringSec: z.number().int().min(5).max(120).optional(),
  /** Whether whoever picks up a telephone is told who calls and why before they have the caller: announced. */
  through: z.enum(THROUGH).optional(),
  /** Telephones that calls are put through to besides the desk's page, each of a person of the house. */
  telephones: z
    .array(
      z.strictObject({
        id,
        staff: id,
        number: phone,
        /** When it may ring; while somebody is there for what is handed over, where none are named. */
        hours: z.array(windowSchema).max(20).optional(),
      }),
    )
    .max(50)
    .optional(),
});

export const lineSchema = z.strictObject({
  key: id,
  name: words(40),
  channel: z.enum(["web", "text", "phone"]),
  state: z.enum(["on-duty", "drafting", "off"]),
  receptionist: id,
  afterHours: id.optional(),
});

export const clientSchema = z.strictObject({
  id: words(64),
  name: words(120),
  phone: phone.optional(),
  email: email.optional(),
  assessed: z.boolean().default(false),
  saysSo: z.boolean().default(false),
  /** Only a person of the house books for them. */
  byPersonOnly: z.boolean().optional(),
  note: z.string().max(2000).default(""),
  answers: z.record(z.string(), z.string().max(2000)).default({}),
});

export const FEE_STATES = ["owed", "waived", "paid"] as const;

export const appointmentSchema = z.strictObject({
  id: words(64),
  client: words(64),
  visitor: words(120).optional(),
  service: id,
  lengthMin: z.number().int().min(5).max(720),
  staff: id,
  room: id.optional(),
  start: wallTime,
  places: z.number().int().min(1).max(50).optional(),
  status: z.enum(["booked", "arrived", "done", "missed", "cancelled"]).default("booked"),
  feeMinor: z.number().int().min(0).optional(),
  feeState: z.enum(FEE_STATES).optional(),
  /** Appointments of one visit, or of one series, carry the same word. */
  visit: words(64).optional(),
  series: words(64).optional(),
});

export const absenceSchema = z.strictObject({
  id: words(64),
  staff: id.optional(),
  room: id.optional(),
  from: wallTime,
  to: wallTime,
  reason: z.string().max(200).default(""),
  /** Time off is a person's own; a block keeps time free for something else. */
  kind: z.enum(["block", "time-off"]).optional(),
});

/** One day that differs, of the house or of a person: its hours instead of the weekly ones; none is shut or away. */
export const singleDaySchema = z.strictObject({
  id: words(64),
  staff: id.optional(),
  date,
  hours: z.array(span).max(6),
  reason: z.string().max(200).default(""),
});

export const bookSchema = z.strictObject({
  clients: z.array(clientSchema).max(100_000).default([]),
  appointments: z.array(appointmentSchema).max(500_000).default([]),
  absences: z.array(absenceSchema).max(50_000).default([]),
  days: z.array(singleDaySchema).max(20_000).optional(),
});

export const handbookSchema = z.strictObject({
  format: z.literal("gentian-house/1"),
  key: id,
  name: words(120),
  shortName: words(40),
  zone: zoneName,
  currency: z.string().regex(/^[A-Z]{3}$/, "an ISO 4217 code, such as CAD"),
  country: z.string().regex(/^[A-Z]{2}$/, "an ISO 3166 code, such as CA"),
  locale: words(20),
  languages: z.array(words(20)).min(1),
  dateOrder: z.enum(["month-first", "day-first"]),
  clientClock: z.enum(["12", "24"]),
  firstWeekday: weekday,
  place: z.strictObject({
    street: words(120).optional(),
    town: words(80).optional(),
    region: words(80).optional(),
    phone: phone.optional(),
    email: email.optional(),
    site: words(120).optional(),
  }),
  facts: z.array(z.strictObject({ id, topic: words(60), text: words(400), also: z.array(words(80)).default([]) })).default([]),
  hours: z.array(windowSchema),
  closed: z.array(closedSchema).default([]),
  rooms: z.array(roomSchema),
  staff: z.array(staffSchema),
  services: z.array(serviceSchema),
  rules: rulesSchema,
  questions: z.array(questionSchema).default([]),
  answers: z.array(answerSchema).default([]),
  limits: z.array(limitSchema).default([]),
  emergency: emergencySchema.optional(),
  documents: z.array(documentSchema).max(200).optional(),
  handingOver: handingOverSchema.optional(),
  unknown: unknownSchema.optional(),
  calls: callsSchema.optional(),
  receptionists: z.array(receptionistSchema).min(1),
  lines: z.array(lineSchema),
});

export const houseFileSchema = handbookSchema.extend({ book: bookSchema.optional() });

export type Handbook = z.infer<typeof handbookSchema>;
export type HouseFile = z.infer<typeof houseFileSchema>;
export type Service = z.infer<typeof serviceSchema>;
export type Staff = z.infer<typeof staffSchema>;
export type Room = z.infer<typeof roomSchema>;
export type Question = z.infer<typeof questionSchema>;
export type Line = z.infer<typeof lineSchema>;
export type Limit = z.infer<typeof limitSchema>;
export type Receptionist = z.infer<typeof receptionistSchema>;
export type HouseDocument = z.infer<typeof documentSchema>;
export type ConsequenceTest = z.infer<typeof testSchema>;
export type ConsequenceAct = z.infer<typeof actSchema>;
export type OwnMoment = (typeof OWN_MOMENTS)[number];
export type Manner = (typeof MANNERS)[number];
export type SingleDay = z.infer<typeof singleDaySchema>;
export type FeeState = (typeof FEE_STATES)[number];
export type Rules = z.infer<typeof rulesSchema>;
export type Calls = z.infer<typeof callsSchema>;
export type Channel = Line["channel"];
export type ClosedRule = z.infer<typeof closedRule>;

/** One thing that is wrong with a document: where, and what to do. */
export interface Problem {
  path: string;
  message: string;
}

/** Reads a document in the open house format; problems carry the path to each wrong place. */
export function parseHouseFile(input: unknown): { file: HouseFile } | { problems: Problem[] } {
  const result = houseFileSchema.safeParse(input);
  if (result.success) return { file: result.data };
  return {
    problems: result.error.issues.map((issue) => ({
      path: issue.path.map(String).join("/") || "(the whole file)",
      message: issue.message,
    })),
  };
}
