import type { Errand } from "./errand.ts";
import { eachFeature, gist, tokens } from "./features.ts";
import errandsKept from "./packs/en/model.json" with { type: "json" };
import { bytesOf } from "./vectors.ts";

/** What a sentence may be about: an errand, or a refused one with its subject. */
export type Label = string;

export interface Guess {
  label: Label;
  errand: Errand;
  /** Calibrated: of guesses that say 0.8, about eight in ten are right. */
  sure: number;
}

export interface Model {
  labels: Label[];
  /** Place of each feature in `weights`, `labels.length` numbers a feature. */
  places: Map<string, number>;
  weights: Float32Array;
  /** The weights of a text's gist, as many numbers for each label as a gist has. */
  gist: Float32Array;
  /** Words that the sentences use as themselves. */
  words: Set<string>;
  /** Scores are divided by this before they become shares; chosen on sentences left out of the training. */
  temperature: number;
}

/** A model as it is kept: numbers as signed bytes in base64, each a `step` of its own. */
export interface StoredModel {
  /** The mark of the sentences that it was trained on. */
  of: string;
  labels: string[];
  features: string;
  words: string;
  weights: { step: number; data: string };
  gist: { step: number; data: string };
  temperature: number;
}

/** The product of numbers and as many of a table from a place on, in four sums side by side, which is twice as quick as one. */
function product(v: Float32Array, table: Float32Array, from: number): number {
  let [a, b, c, d] = [0, 0, 0, 0];
  let i = 0;
  for (; i + 3 < v.length; i += 4) {
    a += (v[i] as number) * (table[from + i] as number);
    b += (v[i + 1] as number) * (table[from + i + 1] as number);
    c += (v[i + 2] as number) * (table[from + i + 2] as number);
    d += (v[i + 3] as number) * (table[from + i + 3] as number);
  }
  for (; i < v.length; i++) a += (v[i] as number) * (table[from + i] as number);
  return a + b + c + d;
}

/** Shares by softmax of the summed weights, into `scores`. */
export function share(m: Pick<Model, "weights" | "gist">, at: readonly number[], gist: Float32Array, k: number, scores: Float64Array, temperature = 1): void {
  const { weights } = m;
  for (let c = 0; c < k; c++) scores[c] = product(gist, m.gist, c * gist.length);
  for (const f of at) for (let c = 0; c < k; c++) scores[c] = (scores[c] as number) + (weights[f * k + c] as number);
  let top = -Infinity;
  for (let c = 0; c < k; c++) top = Math.max(top, scores[c] as number);
  let sum = 0;
  for (let c = 0; c < k; c++) sum += scores[c] = Math.exp(((scores[c] as number) - top) / temperature);
  for (let c = 0; c < k; c++) scores[c] = (scores[c] as number) / sum;
}

function numbersOf(kept: StoredModel["weights"]): Float32Array {
  const bytes = bytesOf(kept.data);
  const out = new Float32Array(bytes.length);
  for (let i = 0; i < bytes.length; i++) out[i] = (bytes[i] as number) * kept.step;
  return out;
}

const unpacked = new Map<StoredModel, Model>();

/** A model that ships with Gentian; its numbers are unpacked once. */
export function shipped(kept: StoredModel): Model {
  const have = unpacked.get(kept);
  if (have) return have;
  const model: Model = {
    labels: kept.labels,
    places: new Map(kept.features.split("\n").map((f, i) => [f, i])),
    weights: numbersOf(kept.weights),
    gist: numbersOf(kept.gist),
    words: new Set(kept.words.split(" ")),
    temperature: kept.temperature,
  };
  unpacked.set(kept, model);
  return model;
}

/** Unpacks the model of errands now, so that the first who speaks does not wait for it. */
export function readyToRead(): void {
  shipped(errandsKept);
}

function shares(masked: string, own: (word: string) => boolean, model: Model): Float64Array {
  const list = tokens(masked, model.words, own);
  const at: number[] = [];
  const seen = new Set<number>();
  eachFeature(masked, list, (f) => {
    const place = model.places.get(f);
    if (place === undefined || seen.has(place)) return;
    seen.add(place);
    at.push(place);
  });
  const scores = new Float64Array(model.labels.length);
  share(model, at, gist(masked), model.labels.length, scores, model.temperature);
  return scores;
}

/**
 * The likeliest meanings of a masked text, likeliest first. `own` tells the words of the house. Where what was put aside
 * may be no more than a word in passing, `bare` has it standing as it was said, and both are weighed alike.
 */
export function guesses(masked: string, own: (word: string) => boolean, bare = masked, model: Model = shipped(errandsKept)): Guess[] {
  const scores = shares(masked, own, model);
  if (bare !== masked) shares(bare, own, model).forEach((s, i) => (scores[i] = ((scores[i] as number) + s) / 2));
  const first = Array.from(scores.keys())
    .sort((a, b) => (scores[b] as number) - (scores[a] as number))
    .slice(0, 3);
  return first.map((i) => {
    const label = model.labels[i] as Label;
    return { label, errand: label.replace(/\/.*/, "") as Errand, sure: scores[i] as number };
  });
}
