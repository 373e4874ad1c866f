import { useSyncExternalStore } from "react";
import type { Places, Slip } from "../../../api/types.ts";

/** A slip that is being moved or made longer, and where it would go. */
export interface Lift {
  slip: Slip;
  by: "hand" | "keys";
  what: "place" | "length";
  /** The ribbon it would lie on: a person's or a room's id. */
  row: string;
  fromMin: number;
  lengthMin: number;
}

/** Why a place is shut, where it is. */
export interface Shut {
  why: string;
  never: boolean;
}

/** What is lifted, outside of React's state: while something is dragged only the layer above the ribbons is drawn again. */
class LiftStore {
  #now: Lift | null = null;
  #places: Places | null = null;
  #hear = new Set<() => void>();

  get now(): Lift | null {
    return this.#now;
  }

  get places(): Places | null {
    return this.#places;
  }

  readonly subscribe = (f: () => void): (() => void) => {
    this.#hear.add(f);
    return () => this.#hear.delete(f);
  };

  readonly snapshot = (): Lift | null => this.#now;
  readonly shutSnapshot = (): Places | null => this.#places;

  set(lift: Lift | null): void {
    const a = this.#now;
    if (a && lift && a.row === lift.row && a.fromMin === lift.fromMin && a.lengthMin === lift.lengthMin) return;
    this.#now = lift;
    if (!lift) this.#places = null;
    this.#hear.forEach((f) => f());
  }

  setPlaces(places: Places): void {
    if (!this.#now) return;
    this.#places = places;
    this.#hear.forEach((f) => f());
  }
}

export const lifted = new LiftStore();

export const useLift = (): Lift | null => useSyncExternalStore(lifted.subscribe, lifted.snapshot);
export const usePlaces = (): Places | null => useSyncExternalStore(lifted.subscribe, lifted.shutSnapshot);

/** Why a lifted slip cannot lie where it is held, if it cannot; by the person who would do it. */
export function shutAt(places: Places | null, lift: Lift, staff: string): Shut | null {
  if (lift.what === "length") return null;
  const runs = places?.people.find((p) => p.staff === staff)?.shut ?? [];
  const run = runs.find((r) => r.fromMin <= lift.fromMin && lift.fromMin < r.toMin);
  return run ? { why: run.why, never: run.never } : null;
}
