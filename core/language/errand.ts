/** What a client wants done, as the public interface names it. */
export type Errand =
  | "book"
  | "move"
  | "cancel"
  | "ask-price"
  | "ask-hours"
  | "ask-service"
  | "ask-place"
  | "ask-policy"
  | "ask-staff"
  | "ask-availability"
  | "ask-mine"
  | "message"
  | "person"
  | "thanks-bye"
  | "emergency"
  | "refused"
  | "out-of-scope"
  | "none";

const ASKS: readonly Errand[] = ["ask-price", "ask-hours", "ask-service", "ask-place", "ask-policy", "ask-staff"];

/** Whether an errand asks something that the handbook answers. */
export const isAsk = (e: Errand): boolean => ASKS.includes(e);

/** Whether an errand was guessed from sentences that are like it, and no plain sign of it was there. */
export const isGuess = (read: { rule: string }): boolean => read.rule.endsWith("/examples");

/** An errand as it was read, with its reasons. */
export interface ErrandRead {
  errand: Errand;
  rule: string;
  /** Where its sign stands in the masked text, for the order of several. */
  at: number;
  /** 0 to 1. */
  sure: number;
}
