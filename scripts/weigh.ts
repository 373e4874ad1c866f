/**
 * Chooses how much each sign of `signsOf` counts, on questions of which it is known what answers them, and keeps it as
 * core/language/packs/en/matching.json: a logistic regression that picks the lines which come into question, and small
 * networks that weigh those (`core/knowledge/judging.ts`). Tells how many are answered and refused of the sets that
 * nothing was learnt from.
 *   node --import tsx scripts/weigh.ts [--dry]
 */
import { writeFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { format, resolveConfig } from "prettier";
import { inputsOf, judged, peaksOf, plainly, shortlisted, type Net, type Weights } from "../core/knowledge/judging.ts";
import { signsOf } from "../core/knowledge/match.ts";
import { chance } from "../core/callers/ways.ts";
import { SETS, setHouse, setMessages, setQuestions, type SetName } from "../core/testing/sets.ts";

/** The sets whose questions are for learning from. */
const LEARNT = SETS.slice(0, 20);
const STEPS = 1500;
const RATE = 2;
const DECAY = 1e-5;

const NETS = 3;
const HIDDEN = 32;
const EPOCHS = 25;
const BATCH = 512;
const NET_RATE = 0.004;
const NET_DECAY = 1e-4;

/** Errands whose messages are no questions that a line of the handbook answers: they are learnt from as such. */
const SAID = new Set<string>("book move cancel message person none thanks-bye emergency out-of-scope refused ask-mine ask-availability".split(" "));
/** What is asked, and answered by the house's services, hours and people rather than by a line. */
const ANSWERED_OTHERWISE = new Set<string>("ask-price ask-hours ask-staff".split(" "));
/** What a message counts beside a question. */
const SAID_COUNTS = 0.25;
const OTHERWISE_COUNTS = 0.1;
/** By this the surety of what is known to be a question is drawn in: the networks are surer than they are right. */
const TEMPERATURE = 1.5;

interface Asked {
  ids: string[];
  lines: { id: string; signs: number[] }[];
}

const linesFor = (set: SetName, house: string, text: string): Asked["lines"] =>
  signsOf(setHouse(set, house), text).map((r) => ({ id: r.passage.id, signs: r.signs }));
const questionsOf = (set: SetName): Asked[] => setQuestions(set).map((q) => ({ ids: q.ids, lines: linesFor(set, q.house, q.text) }));
/** Messages that no line answers. Answers to something that was asked are left out. */
const messagesOf = (set: SetName, of: ReadonlySet<string>): Asked[] =>
  setMessages(set)
    .filter((m) => of.has(m.errands.join("+") || "none") && !(m.expects && m.errands.length === 0))
    .map((m) => ({ ids: [], lines: linesFor(set, m.house, m.text) }));

interface Row {
  x: readonly number[];
  y: number;
  counts: number;
}

/** Weights of a sum by logistic regression: gradient steps that keep nine tenths of their speed. */
function regression(rows: { x: readonly number[]; y: number }[]): Pick<Weights, "base" | "weights"> {
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
    for (let i = 0; i <= n; i++) {
      speed[i] = 0.9 * (speed[i] as number) - RATE * ((g[i] as number) / (rows.length / 40) + (i < n ? DECAY * 40 * (w[i] as number) : 0)) * 0.1;
      w[i] = (w[i] as number) + (speed[i] as number);
    }
  }
  return { base: w[n] as number, weights: [...w.slice(0, n)] };
}

/** A network by Adam (Kingma and Ba 2015), with steps that shrink to nothing, on inputs brought to a mean of 0 and a spread of 1, which is put back into its weights. */
function network(rows: readonly Row[], seed: number, temperature: number): Net {
  const d = rows[0]?.x.length ?? 0;
  const random = chance(seed);
  const normal = (): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  const means = new Float64Array(d);
  const spreads = new Float64Array(d);
  for (const { x } of rows) for (let i = 0; i < d; i++) means[i] = (means[i] as number) + (x[i] as number) / rows.length;
  for (const { x } of rows) for (let i = 0; i < d; i++) spreads[i] = (spreads[i] as number) + ((x[i] as number) - (means[i] as number)) ** 2 / rows.length;
  for (let i = 0; i < d; i++) spreads[i] = Math.sqrt(spreads[i] as number);
  const scaled = rows.map(({ x }) => Float64Array.from(x, (v, i) => ((spreads[i] as number) > 1e-9 ? (v - (means[i] as number)) / (spreads[i] as number) : 0)));
  // All weights in one row: of the bent sums one after the other, their biases, the second layer's, its base.
  const [bias, second, base] = [HIDDEN * d, HIDDEN * d + HIDDEN, HIDDEN * d + 2 * HIDDEN];
  const w = new Float64Array(base + 1);
  for (let i = 0; i < HIDDEN * d; i++) w[i] = normal() / Math.sqrt(d);
  for (let h = 0; h < HIDDEN; h++) w[second + h] = normal() / Math.sqrt(HIDDEN);
  w[base] = -2;
  const [first, square] = [new Float64Array(w.length), new Float64Array(w.length)];
  const order = rows.map((_, i) => i);
  const perEpoch = Math.floor(rows.length / BATCH);
  let t = 0;
  for (let epoch = 0; epoch < EPOCHS; epoch++) {
    for (let i = order.length - 1; i > 0; i--) {
      const k = Math.floor(random() * (i + 1));
      [order[i], order[k]] = [order[k] as number, order[i] as number];
    }
    for (let b = 0; b < perEpoch; b++) {
      t++;
      const g = new Float64Array(w.length);
      const bent = new Float64Array(HIDDEN);
      for (const at of order.slice(b * BATCH, (b + 1) * BATCH)) {
        const x = scaled[at] as Float64Array;
        let z = w[base];
        for (let h = 0; h < HIDDEN; h++) {
          let sum = w[bias + h] as number;
          for (let i = 0; i < d; i++) sum += (w[h * d + i] as number) * (x[i] as number);
          const v = Math.tanh(sum);
          bent[h] = v;
          z += (w[second + h] as number) * v;
        }
        const { y, counts } = rows[at] as Row;
        const off = ((1 / (1 + Math.exp(-z)) - y) * counts) / BATCH;
        g[base] = (g[base] as number) + off;
        for (let h = 0; h < HIDDEN; h++) {
          const v = bent[h] as number;
          g[second + h] = (g[second + h] as number) + off * v;
          const back = off * (w[second + h] as number) * (1 - v * v);
          g[bias + h] = (g[bias + h] as number) + back;
          for (let i = 0; i < d; i++) g[h * d + i] = (g[h * d + i] as number) + back * (x[i] as number);
        }
      }
      const rate = NET_RATE * (1 - t / (EPOCHS * perEpoch + 1));
      for (let i = 0; i < w.length; i++) {
        const decays = i < bias || (i >= second && i < base);
        const gi = (g[i] as number) + (decays ? NET_DECAY * (w[i] as number) : 0);
        first[i] = 0.9 * (first[i] as number) + 0.1 * gi;
        square[i] = 0.999 * (square[i] as number) + 0.001 * gi * gi;
        w[i] = (w[i] as number) - (rate * ((first[i] as number) / (1 - 0.9 ** t))) / (Math.sqrt((square[i] as number) / (1 - 0.999 ** t)) + 1e-8);
      }
    }
  }
  const own = Float64Array.from({ length: HIDDEN * d }, (_, i) => ((spreads[i % d] as number) > 1e-9 ? (w[i] as number) / (spreads[i % d] as number) : 0));
  return {
    bias: Array.from({ length: HIDDEN }, (_, h) => {
      let sum = w[bias + h] as number;
      for (let i = 0; i < d; i++) sum -= (own[h * d + i] as number) * (means[i] as number);
      return sum;
    }),
    first: [...own],
    base: w[base] / temperature,
    second: [...w.slice(second, base)].map((v) => v / temperature),
  };
}

const asked = (all: readonly Asked[]): Asked[] => all.filter((q) => q.lines.length > 0);
const learnt = asked(LEARNT.flatMap(questionsOf));
const sum = regression(learnt.flatMap((q) => q.lines.map((r) => ({ x: r.signs, y: q.ids.includes(r.id) ? 1 : 0 }))));
const rowsOf = (all: readonly Asked[], counts: number): Row[] =>
  asked(all).flatMap((q) => {
    const signs = q.lines.map((r) => r.signs);
    const peaks = peaksOf(signs);
    return shortlisted(signs.map((s) => plainly(sum, s))).map((i) => ({
      x: inputsOf(signs[i] as number[], peaks),
      y: q.ids.includes((q.lines[i] as { id: string }).id) ? 1 : 0,
      counts,
    }));
  });
const ofQuestions = rowsOf(learnt, 1);
const ofOthers = (of: ReadonlySet<string>, counts: number): Row[] =>
  rowsOf(
    LEARNT.flatMap((set) => messagesOf(set, of)),
    counts,
  );
const round = (v: number): number => Number(v.toPrecision(4));
const nets = (rows: readonly Row[], seed: number, temperature: number): Net[] =>
  Array.from({ length: NETS }, (_, k) => {
    const net = network(rows, seed + k, temperature);
    return { bias: net.bias.map(round), first: net.first.map(round), base: round(net.base), second: net.second.map(round) };
  });
const weights: Weights = {
  base: round(sum.base),
  weights: sum.weights.map(round),
  asked: nets([...ofQuestions, ...ofOthers(ANSWERED_OTHERWISE, OTHERWISE_COUNTS)], 1, TEMPERATURE),
  said: nets([...ofQuestions, ...ofOthers(SAID, SAID_COUNTS)], 11, 1),
};
for (const set of SETS.filter((s) => !LEARNT.includes(s))) {
  const questions = questionsOf(set);
  for (const least of [0.3, 0.35, 0.4, 0.45, 0.5, 0.6]) {
    let [right, of, refused, none] = [0, 0, 0, 0];
    for (const q of questions) {
      const sure = judged(
        weights,
        q.lines.map((l) => l.signs),
        true,
      );
      const best = sure.indexOf(Math.max(...sure));
      const given = (sure[best] ?? 0) >= least ? q.lines[best]?.id : undefined;
      if (q.ids.length > 0) {
        of++;
        if (given !== undefined && q.ids.includes(given)) right++;
      } else {
        none++;
        if (given === undefined) refused++;
      }
    }
    process.stdout.write(`${set}, from ${least} on: answered ${right} of ${of}, refused ${refused} of ${none}\n`);
  }
}
if (!process.argv.includes("--dry")) {
  const file = fileURLToPath(new URL("../core/language/packs/en/matching.json", import.meta.url));
  writeFileSync(file, await format(JSON.stringify(weights), { ...(await resolveConfig(file)), filepath: file }));
}
process.stdout.write(`${learnt.length} questions, ${ofQuestions.length} lines that came into question\n`);
