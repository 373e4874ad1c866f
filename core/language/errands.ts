import type { Errand } from "./errand.ts";
import { CUES } from "./packs/en/cues.ts";
import { EXAMPLES } from "./packs/en/examples.ts";
import { stem } from "./text.ts";

export interface ErrandRead {
  errand: Errand;
  rule: string;
  /** Where its sign stands in the masked text, for the order of several. */
  at: number;
  /** 0 to 1. */
  sure: number;
}

/** Errands whose plain signs stand in a masked text, in the order said; the surer of two that exclude each other wins. */
export function cuedErrands(masked: string): ErrandRead[] {
  const out: ErrandRead[] = [];
  for (const cue of CUES) {
    const m = cue.pattern.exec(masked);
    if (!m) continue;
    const have = out.find((o) => o.errand === cue.errand);
    if (have) {
      if (cue.name === "what-if") have.rule = `errand/${cue.errand}/${cue.name}`;
      continue;
    }
    out.push({ errand: cue.errand, rule: `errand/${cue.errand}/${cue.name}`, at: m.index, sure: 0.9 });
  }
  const has = (e: Errand): boolean => out.some((o) => o.errand === e);
  const drop = (e: Errand): void => {
    const i = out.findIndex((o) => o.errand === e);
    if (i >= 0) out.splice(i, 1);
  };
  if (out.some((o) => o.rule.endsWith("/what-if"))) for (const e of ["move", "cancel", "book", "ask-availability", "ask-price"] as const) drop(e);
  if (has("move")) {
    drop("book");
    drop("ask-availability");
    // "I can't make Thursday, can we move it" is one errand.
    drop("cancel");
  }
  if (has("cancel")) {
    drop("book");
    drop("ask-availability");
    drop("ask-mine");
  }
  if (has("ask-mine")) {
    drop("book");
    drop("ask-availability");
    drop("ask-staff");
    drop("ask-price");
  }
  if (has("message") || has("person")) {
    drop("book");
    drop("ask-staff");
    drop("ask-policy");
  }
  if (has("message")) drop("person");
  if (has("ask-policy") && /\b(?:fee|policy|rule|charge)\b/.test(masked)) {
    drop("cancel");
    drop("ask-price");
  }
  if (has("ask-availability")) {
    drop("ask-service");
    drop("ask-staff");
    if (has("book")) drop("ask-availability");
  }
  if (has("ask-hours")) drop("ask-availability");
  if (has("ask-place")) {
    drop("ask-availability");
    drop("ask-service");
  }
  if (has("ask-policy")) {
    drop("ask-service");
    if (has("book") && /\b(?:need|have to have|want one|require)\b/.test(masked)) drop("book");
  }
  if (out.length > 1) drop("thanks-bye");
  return out.sort((a, b) => a.at - b.at);
}

type Guessable = keyof typeof EXAMPLES;

interface Model {
  weight: Map<string, Map<Guessable, number>>;
  unseen: Map<Guessable, number>;
  errands: Guessable[];
}

let model: Model | null = null;

/** Words and pairs of a masked text. */
export function features(masked: string): string[] {
  const words = [...masked.matchAll(/<\w+>|[a-z0-9]+(?:'[a-z]+)?/g)].map((m) => (m[0].startsWith("<") ? m[0] : stem(m[0].replace(/'/g, ""))));
  return [...words, ...words.slice(1).map((w, i) => `${words[i]} ${w}`)];
}

/** Multinomial naive Bayes with add-half smoothing (McCallum and Nigam 1998) over our example sentences. */
function trained(): Model {
  if (model) return model;
  const errands = Object.keys(EXAMPLES) as Guessable[];
  const counts = new Map<Guessable, Map<string, number>>();
  const vocabulary = new Set<string>();
  for (const e of errands) {
    const own = new Map<string, number>();
    for (const text of EXAMPLES[e])
      for (const f of features(text)) {
        own.set(f, (own.get(f) ?? 0) + 1);
        vocabulary.add(f);
      }
    counts.set(e, own);
  }
  const weight = new Map<string, Map<Guessable, number>>();
  const unseen = new Map<Guessable, number>();
  for (const e of errands) {
    const own = counts.get(e) as Map<string, number>;
    const total = [...own.values()].reduce((a, b) => a + b, 0) + 0.5 * vocabulary.size;
    unseen.set(e, Math.log(0.5 / total));
    for (const f of vocabulary) {
      const at = weight.get(f) ?? new Map<Guessable, number>();
      at.set(e, Math.log(((own.get(f) ?? 0) + 0.5) / total));
      weight.set(f, at);
    }
  }
  model = { weight, unseen, errands };
  return model;
}

/** The likeliest errand of a masked text by the example sentences, with its posterior; null when too little is known. */
export function guessedErrand(masked: string): ErrandRead | null {
  const m = trained();
  const known = features(masked).filter((f) => m.weight.has(f));
  if (known.filter((f) => !f.startsWith("<") && !STOP.has(f)).length === 0) return null;
  const scores = m.errands.map((e) => ({ e, s: known.reduce((a, f) => a + (m.weight.get(f)?.get(e) ?? 0), 0) }));
  const top = scores.reduce((a, b) => (b.s > a.s ? b : a));
  const sum = scores.reduce((a, b) => a + Math.exp(b.s - top.s), 0);
  return { errand: top.e, rule: `errand/${top.e}/examples`, at: 0, sure: 1 / sum };
}

const STOP = new Set("i me my you your the a an is are it to of on in at for and or do can with be please that this".split(" "));
