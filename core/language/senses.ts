import table from "./packs/en/senses.json" with { type: "json" };
import { normalise } from "./text.ts";
import { cosine, meanOf, rankOf, unitVectors } from "./vectors.ts";

/** Numbers in what a word means inside sentences. */
export const SENSE = 64;
/** Frequencies from which on a word counts less than half (Arora, Liang and Ma 2017). */
const HALF_FROM = 1e-3;
/** The rank at which words are taken to stand that the table has not. */
const LAST = 60_000;

/** What a word means inside sentences, at a length of one; null where the table has none. The words are those of the word vectors. */
export const senseOf = unitVectors(table.data, SENSE);

/** How much a word counts in the sense of a text: rare ones more. Ranks stand for frequencies by Zipf's law. */
function weightOf(word: string): number {
  const frequency = 0.1 / (Math.min(rankOf(word), LAST) + 10);
  return HALF_FROM / (HALF_FROM + frequency);
}

/** What a text means: the mean of its words' senses, at a length of one; zeros where none has any. */
export const senseOfText = (text: string): Float32Array =>
  meanOf(
    SENSE,
    normalise(text).tokens.map(({ text: word }) => [senseOf(word), weightOf(word)] as const),
  );

/** From this cosine on, two words speak of something like the same. */
const FAR = 0.35;

/** How near two words are by their senses, 0 to 1. */
export function nearBySense(a: string, b: string): number {
  if (a === b) return 1;
  const [u, v] = [senseOf(a), senseOf(b)];
  return u && v ? Math.max(0, (cosine(u, v) - FAR) / (1 - FAR)) : 0;
}
