/**
 * Chooses how much each sign of `signsOf` counts, by logistic regression on questions of which it is known what answers
 * them, and keeps the weights as core/language/packs/en/matching.json. With a set's name, that set is left out and tried.
 *   node --import tsx scripts/weigh.ts [SET]
 */
import { writeFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { format, resolveConfig } from "prettier";
import { signsOf } from "../core/knowledge/match.ts";
import { setHouse, setQuestions, type SetName } from "../core/testing/sets.ts";

/** The sets whose questions are for learning from. */
const LEARNT: SetName[] = ["first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth", "ninth", "tenth", "eleventh"];
const STEPS = 4000;
const RATE = 2;
const DECAY = 1e-5;

const tried = process.argv[2] as SetName | undefined;

const questionsOf = (set: SetName): { rows: { id: string; signs: number[] }[]; ids: string[] }[] =>
  setQuestions(set).map((q) => ({ ids: q.ids, rows: signsOf(setHouse(set, q.house), q.text).map((r) => ({ id: r.passage.id, signs: r.signs })) }));

const rows = LEARNT.filter((s) => s !== tried).flatMap((s) =>
  questionsOf(s).flatMap((q) => q.rows.map((r) => ({ x: r.signs, y: q.ids.includes(r.id) ? 1 : 0 }))),
);
const n = rows[0]?.x.length ?? 0;
const w = new Float64Array(n + 1);
const speed = new Float64Array(n + 1);
for (let step = 0; step < STEPS; step++) {
  const g = new Float64Array(n + 1);
  for (const { x, y } of rows) {
    let z = w[n] as number;
    for (let i = 0; i < n; i++) z += (w[i] as number) * (x[i] as number);
    const d = 1 / (1 + Math.exp(-z)) - y;
    for (let i = 0; i < n; i++) g[i] = (g[i] as number) + d * (x[i] as number);
    g[n] = (g[n] as number) + d;
  }
  // Gradient steps that keep nine tenths of their speed.
  for (let i = 0; i <= n; i++) {
    speed[i] = 0.9 * (speed[i] as number) - RATE * ((g[i] as number) / (rows.length / 40) + (i < n ? DECAY * 40 * (w[i] as number) : 0)) * 0.1;
    w[i] = (w[i] as number) + (speed[i] as number);
  }
}
const score = (x: number[]): number => 1 / (1 + Math.exp(-x.reduce((a, v, i) => a + v * (w[i] as number), w[n] as number)));
if (tried) {
  for (const least of [0.2, 0.25, 0.3, 0.35, 0.4, 0.5]) {
    let [right, asked, refused, none] = [0, 0, 0, 0];
    for (const q of questionsOf(tried)) {
      const best = q.rows.map((r) => ({ id: r.id, sure: score(r.signs) })).sort((a, b) => b.sure - a.sure)[0];
      const given = best && best.sure >= least ? best.id : null;
      if (q.ids.length > 0) {
        asked++;
        if (given && q.ids.includes(given)) right++;
      } else {
        none++;
        if (!given) refused++;
      }
    }
    process.stdout.write(`from ${least} on: answered ${right} of ${asked}, refused ${refused} of ${none}\n`);
  }
} else {
  const round = (v: number): number => Math.round(v * 1000) / 1000;
  const file = fileURLToPath(new URL("../core/language/packs/en/matching.json", import.meta.url));
  const chosen = JSON.stringify({ base: round(w[n] as number), weights: [...w.slice(0, n)].map(round) });
  writeFileSync(file, await format(chosen, { ...(await resolveConfig(file)), filepath: file }));
}
process.stdout.write(`${rows.length} rows: ${[...w].map((v) => v.toFixed(2)).join(" ")}\n`);
