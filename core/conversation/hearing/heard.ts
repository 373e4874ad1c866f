import { isGuess, type Errand } from "../../language/errand.ts";
import type { Reading } from "../../language/read.ts";
import type { Turn } from "../turn.ts";

/** A message while it is being taken in. Steps narrow what it is about, until one of them deals with it. */
export interface Heard {
  readonly t: Turn;
  readonly reading: Reading;
  readonly text: string;
  /** What is still to be done of it. */
  errands: Errand[];
  /** Whether a name, and whether a number or an address was kept from it. */
  kept: { name: boolean; contact: boolean };
  /** Set where the message is to be heard once more, after what it was an answer to has been put aside. */
  again?: Reading;
  /** The words of that, where they are a part of what was said. */
  rest?: string;
}

/** Takes a message in, or a part of it: true when it has been dealt with. */
export type Step = (m: Heard) => boolean;

/** Whether nothing else is going on. */
export const idle = (m: Heard): boolean => !m.t.state.task;

/** Whether the first errand was guessed. */
export const guessedFrom = (m: Heard): boolean => m.reading.errands.slice(0, 1).some(isGuess);
