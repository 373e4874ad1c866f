import { END, type Trigrams } from "./trigrams.ts";

/** How likely a sentence is at its end after a word, and after two; rounded, what is near nothing left out. */
export interface Endings {
  one: Record<string, number>;
  two: Record<string, number>;
}

const LEAST = 0.02;
const rounded = (p: number): number => Math.round(p * 1000) / 1000;

export function endings(model: Trigrams): Endings {
  const one: Record<string, number> = {};
  for (const w of model.words) {
    const p = model.probability(END, w);
    if (p >= LEAST) one[w] = rounded(p);
  }
  const two: Record<string, number> = {};
  for (const [before, word] of model.pairs()) {
    const p = model.probability(END, word, before);
    // Only where it tells something else than the word alone.
    if (Math.abs(p - (one[word] ?? 0)) > 0.05) two[`${before} ${word}`] = rounded(p);
  }
  return { one, two };
}

/** How likely the words are a whole sentence, as far as their last two tell: 0 to 1. */
export function endSure(e: Endings, words: readonly string[]): number {
  const last = words.at(-1);
  if (last === undefined) return 0;
  const before = words.at(-2) ?? "<s>";
  return e.two[`${before} ${last}`] ?? e.one[last] ?? 0;
}
