import { expand, headed } from "../language/templates.ts";

/** Everything that simulated callers can say, by the thing said. */
export interface Ways {
  say: Map<string, string[]>;
  days: Map<string, string[]>;
}

/** Reads the callers' words: `say` holds the things to say, `days` the ways to say a day or a time. */
export function waysOf(say: string, days: string): Ways {
  const all = (text: string): Map<string, string[]> => new Map([...headed(text)].map(([thing, templates]) => [thing, templates.flatMap((t) => expand(t))]));
  return { say: all(say), days: all(days) };
}

/** A small generator of numbers from 0 to 1, the same for the same seed. */
export function chance(seed: number): () => number {
  let s = (seed ^ 0x9e3779b9) >>> 0;
  return () => {
    s = (s + 0x6d2b79f5) >>> 0;
    let t = Math.imul(s ^ (s >>> 15), 1 | s);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}
