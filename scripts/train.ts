/**
 * Trains the classifier of errands on the example sentences and keeps it as core/language/packs/en/model.json.
 * To be run again whenever sentences, kin or signs have changed: node --import tsx scripts/train.ts
 */
import { writeFileSync } from "node:fs";
import { OF_TOPICS, topicsOf } from "../core/knowledge/topics.ts";
import { guesses, type Model, type StoredModel } from "../core/language/classifier.ts";
import { TOPICS } from "../core/language/packs/en/topics.ts";
import { EXAMPLES } from "../core/language/packs/en/examples.ts";
import { expand, headed } from "../core/language/templates.ts";
import { markOfSentences, modelOf, OF_ERRANDS, type Look } from "../core/language/training.ts";

const FOLDS = 5;
/** What the folds have chosen, for a quick run without them. */
const USUAL = 1.25;
const TEMPERATURES = [1, 1.25, 1.5, 1.75, 2, 2.5, 3];
/** Weights that all stay below this are left out. */
const LEAST = 0.06;

/** Templates told apart by their place: each fold is tried on a model that has not seen it. */
function folds(
  sentences: string,
  look: Look,
  sharesOf: (text: string, model: Model) => ReadonlyMap<string, number>,
): { right: number; of: number; loss: Map<number, number> } {
  const all = [...headed(sentences)].flatMap(([label, list]) => list.map((template) => ({ label, template })));
  const loss = new Map(TEMPERATURES.map((t) => [t, 0]));
  let [right, of] = [0, 0];
  for (let fold = 0; fold < FOLDS; fold++) {
    const out = new Set(all.filter((_, i) => i % FOLDS === fold).map((t) => t.template));
    const model = modelOf(sentences, (template) => !out.has(template), 1, look);
    for (const { label, template } of all) {
      if (!out.has(template)) continue;
      const text = (expand(template, 1)[0] as string).replace(/[+*](?=\w)/g, "");
      of++;
      if ([...sharesOf(text, model)].sort((a, b) => b[1] - a[1])[0]?.[0] === label) right++;
      for (const t of TEMPERATURES) {
        const share = sharesOf(text, { ...model, temperature: t }).get(label) ?? 0.001;
        loss.set(t, (loss.get(t) as number) - Math.log(Math.max(share, 0.001)));
      }
    }
  }
  return { right, of, loss };
}

function pack(numbers: Float32Array): StoredModel["weights"] {
  const step = numbers.reduce((a, n) => Math.max(a, Math.abs(n)), 0) / 127;
  return { step, data: Buffer.from(Int8Array.from(numbers, (n) => Math.round(n / step)).buffer).toString("base64") };
}

function kept(sentences: string, model: Model, temperature: number): StoredModel {
  const k = model.labels.length;
  const names: string[] = [];
  const weights: number[] = [];
  for (const [name, place] of model.places) {
    const row = model.weights.subarray(place * k, (place + 1) * k);
    if (row.every((w) => Math.abs(w) < LEAST)) continue;
    names.push(name);
    weights.push(...row);
  }
  return {
    of: markOfSentences(sentences),
    labels: model.labels,
    features: names.join("\n"),
    words: [...model.words].join(" "),
    weights: pack(Float32Array.from(weights)),
    gist: pack(model.gist),
    temperature,
  };
}

const quick = process.argv.includes("--quick");
const only = process.argv.find((a) => a === "model" || a === "topics");
const errandShares = (text: string, model: Model): ReadonlyMap<string, number> =>
  new Map(guesses(text, () => false, text, model).map((g) => [g.label, g.sure]));
const topicShares = (text: string, model: Model): ReadonlyMap<string, number> => {
  const shares = topicsOf(text, undefined, model);
  return new Map(model.labels.map((label, i) => [label, shares[i] as number]));
};

for (const [name, sentences, look, sharesOf] of [
  ["model", EXAMPLES, OF_ERRANDS, errandShares],
  ["topics", TOPICS, OF_TOPICS, topicShares],
] as const) {
  if (only && only !== name) continue;
  const told = quick ? null : folds(sentences, look, sharesOf);
  if (told) {
    process.stdout.write(`${name}: left out of the training and told right: ${told.right} of ${told.of}, ${((100 * told.right) / told.of).toFixed(1)} %\n`);
    for (const [t, l] of told.loss) process.stdout.write(`  temperature ${t}: ${(l / told.of).toFixed(4)}\n`);
  }
  const temperature = told ? ([...told.loss].sort((a, b) => a[1] - b[1])[0]?.[0] ?? USUAL) : USUAL;
  const model = kept(
    sentences,
    modelOf(sentences, () => true, undefined, look),
    temperature,
  );
  writeFileSync(new URL(`../core/language/packs/en/${name}.json`, import.meta.url), `${JSON.stringify(model)}\n`);
  process.stdout.write(`${name}: ${model.features.split("\n").length} features, temperature ${temperature}\n`);
}
