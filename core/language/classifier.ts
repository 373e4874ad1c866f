import type { Errand } from "./errand.ts";
import { CUES } from "./packs/en/cues.ts";
import { EXAMPLES } from "./packs/en/examples.ts";
import { KIN } from "./packs/en/kin.ts";
import { COMMON } from "./packs/en/words.ts";
import { expand, headed } from "./templates.ts";
import { stem } from "./text.ts";

/** What a sentence may be about: an errand, or a refused one with its subject. */
export type Label = string;

export interface Guess {
  label: Label;
  errand: Errand;
  /** Calibrated: of guesses that say 0.8, about eight in ten are right. */
  sure: number;
}

interface Model {
  labels: Label[];
  /** Place of each feature in `weights`, `labels.length` numbers a feature. */
  places: Map<string, number>;
  weights: Float32Array;
  /** Words that the sentences use as themselves. */
  words: Set<string>;
}

/** How many sentences each template gives at most, so that none outweighs the others. */
const PER_TEMPLATE = 40;
const ROUNDS = 5;
const RATE = 0.3;
const DECAY = 1e-4;
/** Scores are divided by this before they become shares; measured on sentences left out of the training. */
const TEMPERATURE = 2;

/** The row of kin that a word belongs to, by the word and by its stem. */
const KIN_OF = new Map<string, string>();
for (const row of KIN) {
  const [name = "", rest = ""] = row.split(": ");
  for (const word of [name, ...rest.split(" ")]) for (const w of [word, stem(word)]) if (!KIN_OF.has(w)) KIN_OF.set(w, `@${name}`);
}

const TOKEN = /<\w+>|[a-z0-9]+(?:'[a-z]+)?|\?/g;

/** The words of a masked text; one that is known neither to the sentences nor to everyday speech is the house's own, or odd. */
function tokens(masked: string, words: Set<string> | null, own: (word: string) => boolean): string[] {
  const out: string[] = [];
  for (const m of masked.matchAll(TOKEN)) {
    const t = m[0];
    if (t.startsWith("<") || t === "?") out.push(t);
    else {
      const plain = t.replace(/'s$/, "").replace(/'/g, "");
      if (!words || words.has(plain)) out.push(stem(plain));
      else if (KIN_OF.has(plain) || KIN_OF.has(stem(plain))) out.push(KIN_OF.get(plain) ?? (KIN_OF.get(stem(plain)) as string));
      else if (own(t) || own(plain)) out.push("<own>");
      else if (COMMON.has(t) || COMMON.has(plain) || /^\d+$/.test(plain)) out.push(stem(plain));
      else out.push("<odd>");
    }
  }
  return out;
}

/** What the scores are made of: words, pairs, how it begins, what stands in it, and the plain signs. */
function features(masked: string, list: readonly string[]): string[] {
  const out = new Set<string>(["*"]);
  const asks = list.includes("?");
  const said = list.filter((t) => t !== "?");
  if (asks) out.add("?");
  said.forEach((t, i) => {
    out.add(t);
    const next = said[i + 1];
    if (next !== undefined) out.add(`${t} ${next}`);
    const after = said[i + 2];
    if (after !== undefined) out.add(`${t} _ ${after}`);
  });
  // The same with each word's kin in its place: what was learnt of one holds for the others.
  const kin = said.map((t) => KIN_OF.get(t) ?? t);
  kin.forEach((k, i) => {
    if (k.startsWith("@")) out.add(k);
    const next = kin[i + 1];
    if (next !== undefined && (k.startsWith("@") || next.startsWith("@"))) out.add(`${k} ${next}`);
    const after = kin[i + 2];
    if (after !== undefined && (k.startsWith("@") || after.startsWith("@"))) out.add(`${k} _ ${after}`);
  });
  // How it asks, with each thing that it speaks of.
  const asked = said.slice(0, 4).find((t) => ASKS.has(t)) ?? "";
  for (const k of new Set(kin)) if (k.length > 3) out.add(`${asked} … ${k}`);
  out.add(`^ ${said[0] ?? ""}`);
  out.add(`^ ${said[0] ?? ""} ${said[1] ?? ""}`);
  out.add(`${said.at(-1) ?? ""} $`);
  out.add(`n ${Math.min(6, said.length)}`);
  for (const cue of CUES) if (cue.pattern.test(masked)) out.add(`cue ${cue.errand} ${cue.name}`);
  return [...out];
}

const ASKS = new Set(
  "what who when where which how why can could may do doe is are am will would should must did ha have i we my pleas tell let you if".split(" "),
);

interface Example {
  label: Label;
  features: string[];
}

/** The sentences of every template, with the words that stand for any of the house's own or for none of them. */
export function sentences(): { label: Label; text: string; template: string }[] {
  const out: { label: Label; text: string; template: string }[] = [];
  for (const [label, templates] of headed(EXAMPLES))
    for (const template of templates)
      for (const text of expand(template, PER_TEMPLATE)) {
        out.push({ label, text: text.replace(/[+*](?=\w)/g, ""), template });
        if (/[+*]\w/.test(text)) out.push({ label, text: text.replace(/\+[\w']+/g, "<own>").replace(/\*[\w']+/g, "<odd>"), template });
      }
  return out;
}

/** Words that a template marks as standing for any other. */
function marked(): Set<string> {
  return new Set([...EXAMPLES.matchAll(/[+*]([\w']+)/g)].map((m) => (m[1] as string).replace(/'/g, "")));
}

/** A small generator of numbers, the same each time. */
function numbers(seed: number): () => number {
  let s = seed >>> 0;
  return () => {
    s = (Math.imul(s, 1664525) + 1013904223) >>> 0;
    return s / 4294967296;
  };
}

/** Softmax regression by stochastic gradients with per-weight rates (AdaGrad; Duchi, Hazan and Singer 2011). */
function train(list: readonly Example[], labels: Label[]): Pick<Model, "places" | "weights"> {
  const places = new Map<string, number>();
  for (const e of list) for (const f of e.features) if (!places.has(f)) places.set(f, places.size);
  const k = labels.length;
  const weights = new Float32Array(places.size * k);
  const squares = new Float32Array(places.size * k).fill(1e-6);
  const rows = list.map((e) => ({ at: e.features.map((f) => places.get(f) as number), label: labels.indexOf(e.label) }));
  // Errands with few sentences count as much as those with many.
  const sizes = new Array<number>(k).fill(0);
  for (const r of rows) sizes[r.label] = (sizes[r.label] ?? 0) + 1;
  const mean = rows.length / k;
  const importance = sizes.map((n) => Math.sqrt(mean / Math.max(1, n)));
  const next = numbers(7);
  const order = rows.map((_, i) => i);
  const scores = new Float64Array(k);
  for (let round = 0; round < ROUNDS; round++) {
    for (let i = order.length - 1; i > 0; i--) {
      const j = Math.floor(next() * (i + 1));
      [order[i], order[j]] = [order[j] as number, order[i] as number];
    }
    for (const n of order) {
      const { at, label } = rows[n] as (typeof rows)[number];
      share(weights, at, k, scores);
      const weight = importance[label] as number;
      for (let c = 0; c < k; c++) {
        const g = ((scores[c] as number) - (c === label ? 1 : 0)) * weight;
        if (Math.abs(g) < 1e-4) continue;
        for (const f of at) {
          const w = f * k + c;
          const step = g + DECAY * (weights[w] as number);
          squares[w] = (squares[w] as number) + step * step;
          weights[w] = (weights[w] as number) - (RATE * step) / Math.sqrt(squares[w]);
        }
      }
    }
  }
  return { places, weights };
}

/** Shares by softmax of the summed weights, into `scores`. */
function share(weights: Float32Array, at: readonly number[], k: number, scores: Float64Array, temperature = 1): void {
  scores.fill(0);
  for (const f of at) for (let c = 0; c < k; c++) scores[c] = (scores[c] as number) + (weights[f * k + c] as number);
  let top = -Infinity;
  for (let c = 0; c < k; c++) top = Math.max(top, scores[c] as number);
  let sum = 0;
  for (let c = 0; c < k; c++) sum += scores[c] = Math.exp(((scores[c] as number) - top) / temperature);
  for (let c = 0; c < k; c++) scores[c] = (scores[c] as number) / sum;
}

let made: Model | null = null;

/** Trains on the sentences, or on those of them that `keep` keeps. */
export function modelOf(keep: (template: string) => boolean = () => true): Model {
  const list = sentences().filter((s) => keep(s.template));
  const loose = marked();
  const words = new Set<string>();
  for (const s of list)
    for (const m of s.text.matchAll(TOKEN)) {
      const plain = m[0].replace(/'s$/, "").replace(/'/g, "");
      if (!plain.startsWith("<") && !loose.has(plain)) words.add(plain);
    }
  const labels = [...new Set(list.map((s) => s.label))];
  const examples = list.map((s) => ({
    label: s.label,
    features: features(
      s.text,
      tokens(s.text, null, () => false),
    ),
  }));
  return { labels, words, ...train(examples, labels) };
}

/** Trains the classifier now, so that the first who speaks does not wait for it. */
export function readyToRead(): void {
  made ??= modelOf();
}

/** The likeliest meanings of a masked text, likeliest first. `own` tells the words of the house. */
export function guesses(masked: string, own: (word: string) => boolean, model?: Model): Guess[] {
  const m = model ?? (made ??= modelOf());
  const list = tokens(masked, m.words, own);
  const at: number[] = [];
  for (const f of features(masked, list)) {
    const place = m.places.get(f);
    if (place !== undefined) at.push(place);
  }
  const scores = new Float64Array(m.labels.length);
  share(m.weights, at, m.labels.length, scores, TEMPERATURE);
  return m.labels
    .map((label, i) => ({ label, errand: label.replace(/\/.*/, "") as Errand, sure: scores[i] as number }))
    .sort((a, b) => b.sure - a.sure)
    .slice(0, 3);
}
