import table from "./packs/en/vectors.json" with { type: "json" };

/** Numbers in one word's vector. */
export const DIMS = 100;
/** Numbers in the gist of a text. */
export const GIST = 3 * DIMS;
/** A word as common as this counts half in a gist; rarer ones more. */
const HALF_AT = 300;

const rank = new Map(table.words.split(" ").map((w, i) => [w, i]));

/** How much a word counts by how common it is, 0 to 1: rare ones nearly 1, and one that the table has not half. */
export const countOf = (word: string): number => {
  const at = rank.get(word) ?? HALF_AT;
  return at / (at + HALF_AT);
};

/** Signed bytes from base64. */
export function bytesOf(base64: string): Int8Array {
  const text = atob(base64);
  const out = new Int8Array(text.length);
  for (let i = 0; i < text.length; i++) out[i] = text.charCodeAt(i);
  return out;
}

/** How many words of everyday English are commoner; infinite for one that the table has not. */
export const rankOf = (word: string): number => rank.get(word) ?? Infinity;

/** Looks words up in a table of `dims` numbers for each of the known words, as signed bytes in base64; what is found is at a length of one. */
export function unitVectors(data: string, dims: number): (word: string) => Float32Array | null {
  let bytes: Int8Array | undefined;
  const units = new Map<number, Float32Array>();
  return (word) => {
    const at = rank.get(word) ?? rank.get(word.replace(/'s$/, "")) ?? rank.get(word.replaceAll("'", ""));
    if (at === undefined) return null;
    const have = units.get(at);
    if (have) return have;
    bytes ??= bytesOf(data);
    const unit = atLengthOne(Float32Array.from(bytes.subarray(at * dims, (at + 1) * dims)));
    units.set(at, unit);
    return unit;
  };
}

/** The vector of a word at a length of one; null where the table has none. The apostrophe of "what's" is passed over. */
export const vectorOf = unitVectors(table.data, DIMS);

/** The cosine of two vectors of a length of one, of as many numbers: how alike two words are. */
export function cosine(u: Float32Array, v: Float32Array): number {
  let sum = 0;
  for (let d = 0; d < u.length; d++) sum += (u[d] as number) * (v[d] as number);
  return sum;
}

/** The mean of vectors by their weights, at a length of one; zeros where there is none. */
export function meanOf(dims: number, weighted: Iterable<readonly [Float32Array | null, number]>): Float32Array {
  const out = new Float32Array(dims);
  for (const [v, w] of weighted) if (v) for (let d = 0; d < dims; d++) out[d] = (out[d] as number) + w * (v[d] as number);
  return atLengthOne(out);
}

function atLengthOne(v: Float32Array): Float32Array {
  const length = Math.hypot(...v);
  if (length > 0) for (let d = 0; d < v.length; d++) v[d] = (v[d] as number) / length;
  return v;
}

/**
 * What a text is about as numbers: the mean of its words' vectors with rarer words counting more, the plain mean, and
 * the most of each number over all words. Zeros where no word has a vector.
 */
export function gistOf(words: readonly string[]): Float32Array {
  const gist = new Float32Array(GIST);
  let [weight, n] = [0, 0];
  for (const word of words) {
    const v = vectorOf(word);
    if (!v) continue;
    const w = countOf(word);
    weight += w;
    n++;
    for (let d = 0; d < DIMS; d++) {
      const x = v[d] as number;
      gist[d] = (gist[d] as number) + w * x;
      gist[DIMS + d] = (gist[DIMS + d] as number) + x;
      gist[2 * DIMS + d] = n === 1 ? w * x : Math.max(gist[2 * DIMS + d] as number, w * x);
    }
  }
  if (n === 0) return gist;
  for (let d = 0; d < DIMS; d++) {
    gist[d] = (gist[d] as number) / Math.max(weight, 1e-6);
    gist[DIMS + d] = (gist[DIMS + d] as number) / n;
  }
  return gist;
}
