import { Mistake } from "./mistake.ts";

/** Measures one thing; the benchmarks stand in `bench/`, a file each. */
export async function bench([name, ...more]: string[]): Promise<void> {
  const known = ["turns", "race", "handbook", "typing", "openings", "bookings", "dragging", "language", "reading", "voice", "hearing"];
  if (!name || !known.includes(name)) throw new Mistake(`What shall be measured? One of: ${known.join(", ")}.`);
  const module = (await import(`../../bench/${name}.ts`)) as { run: (...more: string[]) => Promise<void> };
  await module.run(...more);
}
