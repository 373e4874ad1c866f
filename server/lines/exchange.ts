import type { OtherEnd } from "./call.ts";

/** A call that rings at the desk. */
export interface Ringing {
  conversation: string;
  house: string;
  /** Who is calling, and why, as far as it is known. */
  who: string;
  why: string;
  sinceMs: number;
}

/** The calls of this process that ring at the desk, and those that were put through. */
export class Exchange {
  readonly #rings = new Map<string, Ringing & { answered: (other: OtherEnd) => void }>();

  /** Rings at the desk of a house; gives what stops it. */
  ring(ring: Ringing, answered: (other: OtherEnd) => void): () => void {
    this.#rings.set(ring.conversation, { ...ring, answered });
    return () => this.#rings.delete(ring.conversation);
  }

  ringing(house: string): Ringing[] {
    return [...this.#rings.values()].filter((r) => r.house === house).map(({ answered: _, ...r }) => r);
  }

  /** Somebody takes the call: the caller hears them from now on. False where it rings no more. */
  take(house: string, conversation: string, other: OtherEnd): boolean {
    const r = this.#rings.get(conversation);
    if (r?.house !== house) return false;
    this.#rings.delete(conversation);
    r.answered(other);
    return true;
  }
}
