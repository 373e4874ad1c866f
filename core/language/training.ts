import { features, gist, TOKEN, tokens } from "./features.ts";
import type { Label, Model } from "./classifier.ts";
import { share } from "./classifier.ts";
import { CUES } from "./packs/en/cues.ts";
import { EXAMPLES } from "./packs/en/examples.ts";
import { KIN } from "./packs/en/kin.ts";
import { expand, headed } from "./templates.ts";

/** How many sentences each template gives at most, so that none outweighs the others. */
const PER_TEMPLATE = 40;
const ROUNDS = 4;
const RATE = 0.3;
const GIST_RATE = 0.06;
const DECAY = 1e-4;
/** So many models, each of another order of the sentences, whose mean is taken: one alone wavers with the order. */
const ORDERS = 8;

/** What a model sees of a text: its features, and numbers of what all of it means. */
export interface Look {
  features(text: string): string[];
  gist(text: string): Float32Array;
}

/** How errands are looked at. */
export const OF_ERRANDS: Look = {
  features: (text) =>
    features(
      text,
      tokens(text, null, () => false),
    ),
  gist,
};

interface Example {
  label: Label;
  features: string[];
  gist: Float32Array;
}

/** The sentences of every template, with the words that stand for any of the house's own or for none of them. */
export function sentences(of: string = EXAMPLES): { label: Label; text: string; template: string }[] {
  const out: { label: Label; text: string; template: string }[] = [];
  for (const [label, templates] of headed(of))
    for (const template of templates)
      for (const text of expand(template, PER_TEMPLATE)) {
        out.push({ label, text: text.replace(/[+*](?=\w)/g, ""), template });
        if (/[+*]\w/.test(text)) out.push({ label, text: text.replace(/\+[\w']+/g, "<own>").replace(/\*[\w']+/g, "<odd>"), template });
      }
  return out;
}

/** Words that stand only where a template marks them as standing for any other. */
function marked(of: string): Set<string> {
  const bare = (word: string): string => word.replace(/'/g, "");
  const plain = new Set((of.replace(/[+*][\w']+/g, " ").match(/[\w']+/g) ?? []).map(bare));
  return new Set([...of.matchAll(/[+*]([\w']+)/g)].map((m) => bare(m[1] as string)).filter((w) => !plain.has(w)));
}

/** A small generator of numbers, the same each time. */
function numbers(seed: number): () => number {
  let s = seed >>> 0;
  return () => {
    s = (Math.imul(s, 1664525) + 1013904223) >>> 0;
    return s / 4294967296;
  };
}

interface Row {
  at: number[];
  gist: Float32Array;
  label: number;
}

type Weights = Pick<Model, "weights" | "gist">;

/** The mean of models that saw the sentences in different orders. */
function train(list: readonly Example[], labels: Label[], orders: number): Pick<Model, "places" | "weights" | "gist"> {
  const places = new Map<string, number>();
  for (const e of list) for (const f of e.features) if (!places.has(f)) places.set(f, places.size);
  const rows = list.map((e): Row => ({ at: e.features.map((f) => places.get(f) as number), gist: e.gist, label: labels.indexOf(e.label) }));
  const dims = list[0]?.gist.length ?? 0;
  const sum: Weights = { weights: new Float32Array(places.size * labels.length), gist: new Float32Array(dims * labels.length) };
  for (let seed = 7; seed < 7 + orders; seed++) {
    const one = inOneOrder(rows, places.size, labels.length, seed);
    for (const part of ["weights", "gist"] as const) one[part].forEach((w, i) => (sum[part][i] = (sum[part][i] as number) + w / orders));
  }
  return { places, ...sum };
}

/** Softmax regression by stochastic gradients with per-weight rates (AdaGrad; Duchi, Hazan and Singer 2011). */
function inOneOrder(rows: readonly Row[], many: number, k: number, seed: number): Weights {
  const weights = new Float32Array(many * k);
  const squares = new Float32Array(many * k).fill(1e-6);
  const dims = rows[0]?.gist.length ?? 0;
  const dense = new Float32Array(dims * k);
  // Errands with few sentences count as much as those with many.
  const sizes = new Array<number>(k).fill(0);
  for (const r of rows) sizes[r.label] = (sizes[r.label] ?? 0) + 1;
  const mean = rows.length / k;
  const importance = sizes.map((n) => Math.sqrt(mean / Math.max(1, n)));
  const next = numbers(seed);
  const order = rows.map((_, i) => i);
  const scores = new Float64Array(k);
  for (let round = 0; round < ROUNDS; round++) {
    for (let i = order.length - 1; i > 0; i--) {
      const j = Math.floor(next() * (i + 1));
      [order[i], order[j]] = [order[j] as number, order[i] as number];
    }
    for (const n of order) {
      const row = rows[n] as (typeof rows)[number];
      const { at, label } = row;
      share({ weights, gist: dense }, at, row.gist, k, scores);
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
        if (Math.abs(g) < 0.003) continue;
        const step = (GIST_RATE / (1 + round)) * g;
        for (let d = 0; d < dims; d++) dense[c * dims + d] = (dense[c * dims + d] as number) - step * (row.gist[d] as number);
      }
    }
  }
  return { weights, gist: dense };
}

/** Trains on headed sentences, or on those of them that `keep` keeps; the mean of models that saw them in `orders` orders. */
export function modelOf(of: string, keep: (template: string) => boolean = () => true, orders = ORDERS, look: Look = OF_ERRANDS): Model {
  const list = sentences(of).filter((s) => keep(s.template));
  const loose = marked(of);
  const words = new Set<string>();
  for (const s of list)
    for (const m of s.text.matchAll(TOKEN)) {
      const plain = m[0].replace(/'s$/, "").replace(/'/g, "");
      if (!plain.startsWith("<") && !loose.has(plain)) words.add(plain);
    }
  const labels = [...new Set(list.map((s) => s.label))];
  const examples = list.map((s) => ({ label: s.label, gist: look.gist(s.text), features: look.features(s.text) }));
  return { labels, words, temperature: 1, ...train(examples, labels, orders) };
}

/** A short mark of all that a model is made of (FNV-1a): the sentences, the kin and the signs. */
export function markOfSentences(of: string): string {
  let h = 0x811c9dc5;
  for (const c of [of, ...KIN, ...CUES.map((c) => `${c.errand} ${c.name} ${c.pattern.source}`)].join("\n")) {
    h ^= c.codePointAt(0) as number;
    h = Math.imul(h, 0x01000193) >>> 0;
  }
  return h.toString(16).padStart(8, "0");
}
