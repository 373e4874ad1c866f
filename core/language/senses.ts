import table from "./packs/en/senses.json" with { type: "json" };
import { bytesOf, rankOf } from "./vectors.ts";
import { normalise } from "./text.ts";

/** Numbers in what a word means inside sentences. */
export const SENSE = 64;
/** Frequencies from which on a word counts less than half (Arora, Liang and Ma 2017). */
const HALF_FROM = 1e-3;
/** The rank at which words are taken to stand that the table has not. */
const LAST = 60_000;

let bytes: Int8Array | undefined;
const units = new Map<number, Float32Array>();

/** What a word means inside sentences, at a length of one; null where the table has none. The words are those of the word vectors. */
export function senseOf(word: string): Float32Array | null {
  const at = [word, word.replace(/'s$/, ""), word.replaceAll("'", "")].map(rankOf).find((r) => r !== Infinity);
  if (at === undefined) return null;
  const have = units.get(at);
  if (have) return have;
  bytes ??= bytesOf(table.data);
  const unit = Float32Array.from(bytes.subarray(at * SENSE, (at + 1) * SENSE));
  const length = Math.hypot(...unit) || 1;
  for (let d = 0; d < SENSE; d++) unit[d] = (unit[d] as number) / length;
  units.set(at, unit);
  return unit;
}

/** How much a word counts in the sense of a text: rare ones more. Ranks stand for frequencies by Zipf's law. */
function weightOf(word: string): number {
  const frequency = 0.1 / (Math.min(rankOf(word), LAST) + 10);
  return HALF_FROM / (HALF_FROM + frequency);
}

/** What a text means: the mean of its words' senses, at a length of one; zeros where none has any. */
export function senseOfText(text: string): Float32Array {
  const out = new Float32Array(SENSE);
  for (const { text: word } of normalise(text).tokens) {
    const sense = senseOf(word);
    if (!sense) continue;
    const w = weightOf(word);
    for (let d = 0; d < SENSE; d++) out[d] = (out[d] as number) + w * (sense[d] as number);
  }
  const length = Math.hypot(...out);
  if (length > 0) for (let d = 0; d < SENSE; d++) out[d] = (out[d] as number) / length;
  return out;
}

/** The cosine of two senses of a length of one, −1 to 1. */
export function sameSense(a: Float32Array, b: Float32Array): number {
  let sum = 0;
  for (let d = 0; d < SENSE; d++) sum += (a[d] as number) * (b[d] as number);
  return sum;
}

/** From this cosine on, two words speak of something like the same. */
const FAR = 0.35;

/** How near two words are by their senses, 0 to 1. */
export function nearBySense(a: string, b: string): number {
  if (a === b) return 1;
  const [u, v] = [senseOf(a), senseOf(b)];
  return u && v ? Math.max(0, (sameSense(u, v) - FAR) / (1 - FAR)) : 0;
}
