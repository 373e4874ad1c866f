/**
 * How sure it is that a line answers a question, of all the lines that a house has: what speaks for each, as numbers, is
 * weighed twice. A plain sum picks the few that come into question; a small network weighs those, by their signs and by how
 * much each sign stands out among all the lines. Both are learnt by `scripts/weigh.ts`.
 */

/** A layer of sums that are bent, and the sum of those: one network. `first` holds the weights of one bent sum after the other. */
export interface Net {
  bias: readonly number[];
  first: readonly number[];
  base: number;
  second: readonly number[];
}

export interface Weights {
  /** The plain sum by which lines come into question. */
  base: number;
  weights: readonly number[];
  /** Networks of which the mean counts, for what is known to be a question … */
  asked: readonly Net[];
  /** … and for what somebody says, of which most asks for nothing. */
  said: readonly Net[];
}

/** So many lines come into question. */
export const SHORTLIST = 12;

const squash = (z: number): number => 1 / (1 + Math.exp(-z));

/** How sure a plain sum is of a line, 0 to 1. */
export function plainly({ base, weights }: Pick<Weights, "base" | "weights">, signs: readonly number[]): number {
  let z = base;
  for (let i = 0; i < weights.length; i++) z += (weights[i] as number) * (signs[i] as number);
  return squash(z);
}

/** How sure a network is, 0 to 1. */
export function netted(net: Net, inputs: readonly number[]): number {
  const n = inputs.length;
  let z = net.base;
  for (let h = 0; h < net.bias.length; h++) {
    let sum = net.bias[h] as number;
    for (let i = 0; i < n; i++) sum += (net.first[h * n + i] as number) * (inputs[i] as number);
    z += (net.second[h] as number) * Math.tanh(sum);
  }
  return squash(z);
}

/** The places of the lines that come into question, surest first. */
export function shortlisted(sure: readonly number[]): number[] {
  return sure
    .map((s, i) => ({ s, i }))
    .sort((a, b) => b.s - a.s || a.i - b.i)
    .slice(0, SHORTLIST)
    .map(({ i }) => i);
}

/** Of each sign the greatest among all lines, and the greatest of the others. */
export function peaksOf(lines: readonly (readonly number[])[]): { top: number; next: number }[] {
  return (lines[0] ?? []).map((_, k) => {
    let [top, next] = [-Infinity, -Infinity];
    for (const signs of lines) {
      const v = signs[k] as number;
      if (v > top) [top, next] = [v, top];
      else if (v > next) next = v;
    }
    return { top, next: next === -Infinity ? top : next };
  });
}

/** What a network sees of a line: its signs, and by how much each is above the best of the other lines. */
export const inputsOf = (signs: readonly number[], peaks: readonly { top: number; next: number }[]): number[] => [
  ...signs,
  ...signs.map((v, k) => {
    const { top, next } = peaks[k] as (typeof peaks)[number];
    return v - (v === top ? next : top);
  }),
];

/** How sure it is that each line answers, 0 to 1, in the order of the lines; `asked`: a question is known to be asked. Those that do not come into question are at most as sure as the least of those that do. */
export function judged(weights: Weights, lines: readonly (readonly number[])[], asked: boolean): number[] {
  const plain = lines.map((signs) => plainly(weights, signs));
  const list = shortlisted(plain);
  const peaks = peaksOf(lines);
  const nets = asked ? weights.asked : weights.said;
  const sure = plain.map(() => 0);
  for (const i of list) {
    const inputs = inputsOf(lines[i] as readonly number[], peaks);
    sure[i] = nets.reduce((sum, net) => sum + netted(net, inputs), 0) / nets.length;
  }
  const least = Math.min(...list.map((i) => sure[i] as number));
  const chosen = new Set(list);
  // Behind them the others keep their order.
  return sure.map((s, i) => (chosen.has(i) ? s : least * (plain[i] as number)));
}
