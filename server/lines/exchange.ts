import { randomUUID } from "node:crypto";
import type { Telephone } from "@gentian/core/house/through";
import type { Samples } from "@gentian/core/speech/sound";
import type { OtherEnd } from "./call.ts";

/** A call that rings at the desk, and at a telephone where it is for somebody who has one. */
export interface Ringing {
  conversation: string;
  house: string;
  /** Who is calling, and why, as far as it is known; and what they said last. */
  who: string;
  why: string;
  words: string;
  sinceMs: number;
  telephone?: Telephone;
  /** The caller's own number, for the gateway to show. */
  from?: string;
  /** What is said to whoever picks the telephone up, before they have the caller; none where it is put through straight. */
  announcement?: () => Promise<Samples>;
}

/** What can ring a telephone: a gateway to a telephone network, or the stand-in for one. */
export interface Gateway {
  /** The only house that it rings for; any where it is null. */
  house: string | null;
  tell(message: object): void;
}

interface Ring extends Ringing {
  answered: (other: OtherEnd) => void;
  /** The number under which gateways know it. */
  dialled: string;
  /** Called when it rings no more. */
  over: Set<() => void>;
}

/** The calls of this process that ring, at the desk and at telephones, until somebody takes them. */
export class Exchange {
  readonly #rings = new Map<string, Ring>();
  readonly #gateways = new Set<Gateway>();

  /** Rings at the desk of a house, and its telephone; gives what stops it. */
  ring(ring: Ringing, answered: (other: OtherEnd) => void): () => void {
    const r: Ring = { ...ring, answered, dialled: randomUUID(), over: new Set() };
    this.#rings.set(ring.conversation, r);
    for (const g of this.#gateways) this.#dial(g, r);
    return () => this.#over(r);
  }

  ringing(house: string): Ringing[] {
    return [...this.#rings.values()]
      .filter((r) => r.house === house)
      .map(({ answered: _answered, dialled: _dialled, over: _over, announcement: _announcement, ...r }) => r);
  }

  /** Somebody takes the call: the caller hears them from now on. False where it rings no more. */
  take(house: string, conversation: string, other: OtherEnd): boolean {
    const r = this.#rings.get(conversation);
    if (r?.house !== house) return false;
    this.#over(r);
    r.answered(other);
    return true;
  }

  /** A gateway is there; what rings already rings there too. Gives what takes it away again. */
  attach(gateway: Gateway): () => void {
    this.#gateways.add(gateway);
    for (const r of this.#rings.values()) this.#dial(gateway, r);
    return () => this.#gateways.delete(gateway);
  }

  /** The ring behind a dialled number, for a telephone that was picked up; `over` is called when it rings no more. */
  pickedUp(dialled: string, over: () => void): (Ringing & { leave: () => void }) | null {
    const r = [...this.#rings.values()].find((x) => x.dialled === dialled);
    if (!r) return null;
    r.over.add(over);
    return { ...r, leave: () => r.over.delete(over) };
  }

  #dial(gateway: Gateway, r: Ring): void {
    if (!r.telephone || (gateway.house !== null && gateway.house !== r.house)) return;
    gateway.tell({ event: "dial", call: r.dialled, number: r.telephone.number, name: r.telephone.name, ...(r.from ? { from: r.from } : {}) });
    r.over.add(() => gateway.tell({ event: "stop", call: r.dialled }));
  }

  #over(r: Ring): void {
    if (!this.#rings.delete(r.conversation)) return;
    for (const tell of r.over) tell();
    r.over.clear();
  }
}
