import { cuesIn } from "./cued.ts";
import { KIN } from "./packs/en/kin.ts";
import { AILING, CANNOT_MOVE, OF_ONES_BACK } from "./packs/en/signs.ts";
import { COMMON } from "./packs/en/words.ts";
import { eachMatch } from "./patterns.ts";
import { stem } from "./text.ts";
import { gistOf } from "./vectors.ts";

/** The row of kin that a word belongs to, by the word and by its stem. */
const KIN_OF = new Map<string, string>();
for (const row of KIN) {
  const [name = "", rest = ""] = row.split(": ");
  for (const word of [name, ...rest.split(" ")]) for (const w of [word, stem(word)]) if (!KIN_OF.has(w)) KIN_OF.set(w, `@${name}`);
}

/** Whether a text speaks of a part of the body that troubles somebody: a limb, or words of pain and injury. */
export const complains = (text: string): boolean =>
  CANNOT_MOVE.test(text.toLowerCase()) ||
  OF_ONES_BACK.test(text) ||
  AILING.test(text) ||
  (text.toLowerCase().match(/[a-z]+/g) ?? []).some((w) => ["@limb", "@hurts", "@injured"].includes(KIN_OF.get(w) ?? ""));

/** The kind of thing that a word names, such as a part of the body, where it is known. */
export const kinOf = (word: string): string | undefined => KIN_OF.get(word);

export const TOKEN = /<\w+>|[a-z0-9]+(?:'[a-z]+)?|\?/g;

/** The words of a masked text; one that is known neither to the sentences nor to everyday speech is the house's own, or odd. */
export function tokens(masked: string, words: Set<string> | null, own: (word: string) => boolean): string[] {
  const out: string[] = [];
  for (const m of eachMatch(TOKEN, masked)) {
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

/** What the scores are made of: words, pairs, how it begins, what stands in it, and the plain signs; some of them more than once. */
export function eachFeature(masked: string, list: readonly string[], add: (feature: string) => void): void {
  add("*");
  const asks = list.includes("?");
  const said = list.filter((t) => t !== "?");
  if (asks) add("?");
  said.forEach((t, i) => {
    add(t);
    const next = said[i + 1];
    if (next !== undefined) add(`${t} ${next}`);
    const after = said[i + 2];
    if (after !== undefined) add(`${t} _ ${after}`);
  });
  // The same with each word's kin in its place: what was learnt of one holds for the others.
  const kin = said.map((t) => KIN_OF.get(t) ?? t);
  kin.forEach((k, i) => {
    if (k.startsWith("@")) add(k);
    const next = kin[i + 1];
    if (next !== undefined && (k.startsWith("@") || next.startsWith("@"))) add(`${k} ${next}`);
    const after = kin[i + 2];
    if (after !== undefined && (k.startsWith("@") || after.startsWith("@"))) add(`${k} _ ${after}`);
  });
  // How it asks, with each thing that it speaks of.
  const asked = said.slice(0, 4).find((t) => ASKS.has(t)) ?? "";
  for (const k of new Set(kin)) if (k.length > 3) add(`${asked} … ${k}`);
  add(`^ ${said[0] ?? ""}`);
  add(`^ ${said[0] ?? ""} ${said[1] ?? ""}`);
  add(`${said.at(-1) ?? ""} $`);
  add(`n ${Math.min(6, said.length)}`);
  for (const { cue } of cuesIn(masked)) add(`cue ${cue.errand} ${cue.name}`);
}

/** All of them, each once, in the order of their first place. */
export function features(masked: string, list: readonly string[]): string[] {
  const out = new Set<string>();
  eachFeature(masked, list, (f) => void out.add(f));
  return [...out];
}

const ASKS = new Set(
  "what who when where which how why can could may do doe is are am will would should must did ha have i we my pleas tell let you if".split(" "),
);

/** How loudly a text's gist speaks beside its words. */
const GIST_SCALE = 3;

/** What a masked text is about, by its words' vectors. */
export function gist(masked: string): Float32Array {
  const out = gistOf([...masked.matchAll(/<\w+>|[a-z']+/g)].map((m) => m[0]).filter((w) => !w.startsWith("<")));
  for (let d = 0; d < out.length; d++) out[d] = (out[d] as number) * GIST_SCALE;
  return out;
}
