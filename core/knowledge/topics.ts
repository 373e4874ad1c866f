import { share, shipped, type Model } from "../language/classifier.ts";
import kept from "../language/packs/en/topics.json" with { type: "json" };
import { senseOfText, SENSE } from "../language/senses.ts";
import type { Look } from "../language/training.ts";
import { countOf, DIMS, meanOf, vectorOf } from "../language/vectors.ts";
import { isEveryday, termsOf, type Term } from "./search.ts";

/** How loudly what a text means speaks beside what it speaks of; chosen on ways to ask that were left out of the training. */
const SCALE = 4;

/**
 * How topics are looked at: what a text speaks of, each thing once, and what it means by its words' vectors and senses.
 * What a question is made of besides ("could one", "is there") is left out: of ways to ask that were left out of the
 * training, two in five are told right among 177 topics so, and one in four with all words and pairs of them.
 */
export const OF_TOPICS: Look = {
  features: (text) => featuresOf(termsOf(text)),
  gist: (text) => gistOf(text, termsOf(text)),
};

const featuresOf = (terms: readonly Term[]): string[] => [...new Set(terms.map((t) => t.key).filter((k) => !isEveryday(k)))];

function gistOf(text: string, terms: readonly Term[]): Float32Array {
  const out = new Float32Array(DIMS + SENSE);
  out.set(
    meanOf(
      DIMS,
      terms.map((t) => [vectorOf(t.word), countOf(t.word)] as const),
    ),
  );
  out.set(senseOfText(text), DIMS);
  return out.map((x) => SCALE * x);
}

/** What a question is about: the share of each topic. Two that ask for the same have their shares in the same place. `terms`: what it speaks of, where that is known. */
export function topicsOf(text: string, terms: readonly Term[] = termsOf(text), model: Model = shipped(kept)): Float64Array {
  const at = featuresOf(terms).flatMap((f) => model.places.get(f) ?? []);
  const scores = new Float64Array(model.labels.length);
  share(model, at, gistOf(text, terms), model.labels.length, scores, model.temperature);
  return scores;
}

/** Unpacks the topics now, so that the first who asks does not wait for them. */
export function readyToAnswer(): void {
  shipped(kept);
}
