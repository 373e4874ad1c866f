import { z } from "zod";

/** The public interface's shapes. Fields may be added; none may go. */

export const LONGEST_MESSAGE = 4000;

const text = z.string().max(LONGEST_MESSAGE, `a message may have ${LONGEST_MESSAGE} characters at most; please shorten it`);

export const startRequest = z.object({
  channel: z.enum(["web", "text", "phone"]).optional(),
  locale: z.string().max(35).optional(),
  page: z.string().max(2000).optional(),
  client: z.object({ name: z.string().max(120).optional(), phone: z.string().max(40).optional(), email: z.string().max(254).optional() }).optional(),
});

export const messageRequest = z.object({
  text: text.refine((s) => s.trim().length > 0, "the message is empty; write something"),
  ref: z.string().min(1).max(200).optional(),
});

export const eventRequest = z.object({ kind: z.enum(["silence", "left", "interrupted", "key"]), key: z.string().max(1).optional() }).loose();

export const money = z.object({ minor: z.number().int(), currency: z.string() });

export const appointment = z.object({
  id: z.string(),
  service: z.string(),
  length_min: z.number().int(),
  staff: z.string(),
  start: z.string(),
  end: z.string(),
  status: z.enum(["booked", "moved", "cancelled"]),
  price: money.optional(),
  places: z.number().int().optional(),
  client: z.object({ name: z.string(), phone: z.string().optional() }).optional(),
});
export type PublicAppointment = z.infer<typeof appointment>;

export const source = z.object({ kind: z.string(), id: z.string(), label: z.string() });

export const reply = z.object({
  id: z.string(),
  from: z.enum(["receptionist", "desk"]),
  text: z.string(),
  speech: z.string().optional(),
  choices: z.array(z.object({ label: z.string(), say: z.string() })).optional(),
  expects: z.string().optional(),
  appointment: appointment.optional(),
  sources: z.array(source).optional(),
});
export type PublicReply = z.infer<typeof reply>;

export const OUTCOMES = ["booked", "moved", "cancelled", "answered", "message-taken", "handed-over", "waitlisted", "turned-away", "abandoned"] as const;

export const conversationState = z.object({
  status: z.enum(["open", "with-desk", "closed"]),
  /** On the telephone: a name has been asked for letter by letter. */
  spelling: z.boolean().optional(),
  errand: z.string().optional(),
  known: z.record(z.string(), z.unknown()),
  outcome: z.enum(OUTCOMES).optional(),
  outcomes: z.array(z.enum(OUTCOMES)),
});
export type PublicState = z.infer<typeof conversationState>;

export const started = z.object({ conversation: z.string(), token: z.string(), replies: z.array(reply) });
export const answered = z.object({ replies: z.array(reply), state: conversationState });
export type Answered = z.infer<typeof answered>;

export const whole = z.object({
  conversation: z.string(),
  said: z.array(z.object({ id: z.string(), from: z.enum(["client", "receptionist", "desk"]), text: z.string(), at: z.string() })),
  replies: z.array(reply),
  state: conversationState,
});

export const lineInfo = z.object({
  line: z.string(),
  house: z.string(),
  languages: z.array(z.string()),
  open: z.boolean(),
  channel: z.string(),
  /** The house's number, E.164. */
  phone: z.string().optional(),
  questions: z.array(z.object({ key: z.string(), kind: z.string() })),
});

/** RFC 9457. */
export const problem = z.object({
  type: z.string(),
  title: z.string(),
  status: z.number().int(),
  detail: z.string().optional(),
  errors: z.array(z.object({ path: z.string(), message: z.string() })).optional(),
});
export type ProblemDocument = z.infer<typeof problem>;
