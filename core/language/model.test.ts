import { describe, expect, it } from "vitest";
import { guesses } from "./classifier.ts";
import { EXAMPLES } from "./packs/en/examples.ts";
import kept from "./packs/en/model.json" with { type: "json" };
import topics from "./packs/en/topics.json" with { type: "json" };
import { TOPICS } from "./packs/en/topics.ts";
import { headed } from "./templates.ts";
import { markOfSentences, modelOf, sentences } from "./training.ts";
import { cosine, DIMS, GIST, gistOf, vectorOf } from "./vectors.ts";

const top = (text: string): string | undefined => guesses(text, () => false)[0]?.label;

describe("the models that ship", () => {
  it("were trained on the sentences as they stand", () => {
    // Where this fails, sentences, kin or signs have changed: run `node --import tsx scripts/train.ts`.
    expect(kept.of).toBe(markOfSentences(EXAMPLES));
    expect(topics.of).toBe(markOfSentences(TOPICS));
  });

  it("have a label for every heading, and weights for every label", () => {
    expect([...kept.labels].sort()).toEqual([...headed(EXAMPLES).keys()].sort());
    expect([...topics.labels].sort()).toEqual([...headed(TOPICS).keys()].sort());
    const bytes = atob(kept.weights.data).length;
    expect(bytes).toBe(kept.features.split("\n").length * kept.labels.length);
    expect(atob(kept.gist.data).length).toBe(GIST * kept.labels.length);
    // A heading of several words is one all the same.
    expect(topics.labels).toContain("getting there");
  });

  it("know nothing of an empty text", () => {
    expect(guesses("", () => false).every((g) => Number.isFinite(g.sure))).toBe(true);
  });

  it("know a word by its likes: what no sentence has is told by how it is used", () => {
    const words = new Set(kept.words.split(" "));
    for (const word of ["pastries", "hairdo", "aspirins"]) expect(words.has(word)).toBe(false);
    expect(top("do you deliver pastries")).toBe("out-of-scope");
    expect(top("what aspirins should i take")).toBe("refused/advice");
  });
});

describe("training", () => {
  const small = `= yes
(sure|fine) thing
by all means
= no
(never|hardly) ever
by no means`;

  it("learns what it is given, the same each time", () => {
    const [a, b] = [modelOf(small), modelOf(small)];
    expect([...a.weights]).toEqual([...b.weights]);
    expect(guesses("hardly ever", () => false, "hardly ever", a)[0]?.label).toBe("no");
    expect(guesses("by all means", () => false, "by all means", a)[0]?.label).toBe("yes");
  });

  it("leaves out the templates that it is told to", () => {
    const without = modelOf(small, (t) => !t.includes("never"));
    expect(without.words.has("hardly")).toBe(false);
    expect(sentences(small).map((s) => s.text)).toContain("hardly ever");
  });

  it("marks change with a letter", () => {
    expect(markOfSentences(small)).not.toBe(markOfSentences(`${small}.`));
  });
});

describe("word vectors", () => {
  it("have a length of one, and are nearer for words of one use", () => {
    const [dog, cat, tax] = ["dog", "cat", "tax"].map((w) => vectorOf(w) as Float32Array) as [Float32Array, Float32Array, Float32Array];
    expect(dog).toHaveLength(DIMS);
    expect(Math.hypot(...dog)).toBeCloseTo(1, 5);
    expect(cosine(dog, dog)).toBeCloseTo(1, 5);
    expect(cosine(dog, cat)).toBeGreaterThan(cosine(dog, tax) + 0.2);
  });

  it("pass over apostrophes and know nothing of made-up words", () => {
    expect(vectorOf("dog's")).toBe(vectorOf("dog"));
    expect(vectorOf("qwxzzy")).toBeNull();
    expect([...gistOf(["qwxzzy"])].every((n) => n === 0)).toBe(true);
  });

  it("make a gist in which common words count less than rare ones", () => {
    const [the, dentist] = [vectorOf("the") as Float32Array, vectorOf("dentist") as Float32Array];
    const mean = gistOf(["the", "dentist"]).subarray(0, DIMS);
    const length = Math.hypot(...mean);
    const unit = mean.map((n) => n / length);
    expect(cosine(unit, dentist)).toBeGreaterThan(cosine(unit, the));
  });
});
