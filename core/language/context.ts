import type { House } from "../house/compile.ts";
import type { DayNumber } from "../time/days.ts";
import type { EpochMin } from "../time/zone.ts";

/** What the receptionist waits for, as the public interface names it. */
export type Expects =
  | "errand"
  | "service"
  | "length"
  | "staff"
  | "day"
  | "time"
  | "slot"
  | "name"
  | "phone"
  | "email"
  | "name-check"
  | "phone-check"
  | "email-check"
  | "which-appointment"
  | "go-ahead"
  | "message"
  | `question:${string}`
  | "anything"
  | "nothing";

/** What reading may know besides the words: the house, the moment, and what was just asked. */
export interface ReadContext {
  house: House;
  now: EpochMin;
  expects?: Expects;
  /** The errand that is being worked on, if any. */
  errand?: "book" | "move" | "cancel" | "other";
  /** In a move or a cancellation: whether the appointment is known already. */
  oldKnown?: boolean;
  /** The day under discussion, for times that name none. */
  day?: DayNumber;
  /** What is being booked, or was spoken of last. */
  service?: string;
  /** What is being booked or was spoken of last is held for several, so that those who come along count. */
  group?: boolean;
  /** The minute of the day at which what is held, or all that is offered, begins; of several, where they share an hour. For "half past". */
  aroundMin?: number;
  /** The person under discussion, for "first thing" and the like. */
  staff?: string;
}

/** What recognisers get: the context with the local moment worked out. */
export interface Moment extends ReadContext {
  today: DayNumber;
  minute: number;
  /** Whether the house has closed for the day, or is shut all day. */
  closedForToday: boolean;
}

export function momentOf(context: ReadContext): Moment {
  const { day, minute } = context.house.zone.toLocal(context.now);
  const open = context.house.openOn(day);
  const last = open.length > 0 ? Math.max(...open.map((w) => w.toMin)) : 0;
  return { ...context, today: day, minute, closedForToday: minute >= last };
}

/** Whether nothing in particular was asked, so that a message may begin anything. */
export const asksNothing = (c: ReadContext): boolean => c.expects === undefined || c.expects === "errand" || c.expects === "anything";
/** … and no errand is being worked on either. */
export const freeToAsk = (c: ReadContext): boolean => c.errand === undefined && asksNothing(c);
