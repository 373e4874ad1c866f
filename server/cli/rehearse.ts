import { mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import type { Call } from "@gentian/core/callers/run";
import { callers } from "@gentian/core/callers/run";
import { waysOf } from "@gentian/core/callers/ways";
import { rate } from "@gentian/core/tally/rates";
import { epochMinOf } from "@gentian/core/time/zone";
import { inCwd } from "./database.ts";
import { Mistake, type Flags } from "./mistake.ts";
import { houseOf } from "./read.ts";

const words = (name: string): string => readFileSync(new URL(`../../core/callers/${name}`, import.meta.url), "utf8");
export const englishWays = (): ReturnType<typeof waysOf> => waysOf(words("ways.en.txt"), words("days.en.txt"));

/** Lets simulated callers talk to a house's receptionist, and tells what came of them. */
export function rehearse(flags: Flags): void {
  const count = Number(flags.callers ?? 500);
  const seed = Number(flags.seed ?? 1);
  if (!Number.isInteger(count) || count < 1 || count > 100_000) throw new Mistake("How many callers? --callers takes a number from 1 to 100000.");
  if (!Number.isInteger(seed)) throw new Mistake("--seed takes a whole number.");
  const house = houseOf(flags.house ?? "ternbay");
  const now = epochMinOf(house.zone, flags.clock ?? "2027-03-01T08:30");
  const started = performance.now();
  const list = [...callers(house, now, englishWays(), seed, count)];
  const seconds = (performance.now() - started) / 1000;
  if (flags.save) {
    const folder = inCwd(flags.save);
    mkdirSync(folder, { recursive: true });
    for (const c of list.filter((x) => !x.right))
      writeFileSync(join(folder, `caller-${seed}-${c.n}.txt`), `${c.aim}, ${c.temper}: ${c.why.join("; ")}\n${c.talk.join("\n")}\n`);
  }
  if (flags.json) {
    process.stdout.write(`${JSON.stringify({ house: house.handbook.key, seed, callers: list })}\n`);
    return;
  }
  const say = (line = ""): void => void process.stdout.write(`${line}\n`);
  const share = (of: readonly Call[]): string => {
    const r = rate(of.filter((c) => c.right).length, of.length);
    return `${r.hits} of ${r.of}, ${(r.share * 100).toFixed(1)} % (${(r.low * 100).toFixed(1)} to ${(r.high * 100).toFixed(1)})`;
  };
  for (const key of ["aim", "temper"] as const)
    for (const kind of new Set(list.map((c) => c[key]))) say(`${kind.padEnd(12)} ${share(list.filter((c) => c[key] === kind))}`);
  const sorted = (of: (c: Call) => number): number[] => list.map(of).sort((a, b) => a - b);
  const median = (of: (c: Call) => number): number => sorted(of)[Math.floor(list.length / 2)] ?? 0;
  say(`${"all".padEnd(12)} ${share(list)}`);
  say(`wrong appointments: ${list.filter((c) => c.wrong).length}`);
  say(`turns at the median: ${median((c) => c.turns)}; questions asked more than once at the median: ${median((c) => c.extra)}`);
  const turns = list.reduce((a, c) => a + c.turns, 0);
  say(`${turns} turns in ${seconds.toFixed(1)} s, ${Math.round(turns / seconds)} a second`);
  const failed = list.filter((c) => !c.right);
  if (failed.length > 0) say();
  for (const c of failed) {
    say(`caller ${c.n} (${c.aim}, ${c.temper}): ${c.why.join("; ")}`);
    for (const line of c.talk) say(`  ${line}`);
  }
  if (list.some((c) => c.wrong)) process.exitCode = 1;
}
