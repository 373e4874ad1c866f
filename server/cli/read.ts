import { readFileSync } from "node:fs";
import { createInterface } from "node:readline";
import { compile, type House } from "@gentian/core/house/compile";
import { parseHouseFile } from "@gentian/core/house/schema";
import type { Expects } from "@gentian/core/language/context";
import { readPublic } from "@gentian/core/language/slots";
import { epochMinOf } from "@gentian/core/time/zone";
import { z } from "zod";
import { inCwd } from "./database.ts";
import { Mistake, type Flags } from "./mistake.ts";

const line = z.object({
  id: z.unknown().optional(),
  text: z.string(),
  now: z.string().optional(),
  channel: z.string().optional(),
  expects: z.string().optional(),
});

/** The house to read for: a file in the open house format, or the demo house by its key. */
export function houseOf(name: string): House {
  const file = name.endsWith(".json") ? inCwd(name) : new URL("../../demo/ternbay.json", import.meta.url);
  const parsed = parseHouseFile(JSON.parse(readFileSync(file, "utf8")));
  if ("problems" in parsed) throw new Mistake(`${name} is not a house file:\n${parsed.problems.map((p) => `  ${p.path}: ${p.message}`).join("\n")}`);
  const { house, gaps } = compile(parsed.file);
  if (!house) throw new Mistake(`${name} contradicts itself:\n${gaps.map((g) => `  ${g.place}: ${g.code}`).join("\n")}`);
  if (!name.endsWith(".json") && house.handbook.key !== name)
    throw new Mistake(`There is no house ${name} to read for without a file; give --house FILE.json.`);
  return house;
}

/** Reads messages, a JSON document a line, and writes what was read of each, in the same order. */
export async function read(flags: Flags): Promise<void> {
  const house = houseOf(flags.house ?? "ternbay");
  let n = 0;
  let wrong = 0;
  for await (const raw of createInterface({ input: process.stdin, crlfDelay: Infinity })) {
    n++;
    if (raw.trim() === "") continue;
    try {
      const m = line.parse(JSON.parse(raw));
      const now = m.now === undefined ? Math.floor(Date.now() / 60_000) : epochMinOf(house.zone, m.now);
      const reading = readPublic(m.text, { house, now, ...(m.expects ? { expects: m.expects as Expects } : {}) });
      process.stdout.write(`${JSON.stringify({ ...(m.id === undefined ? {} : { id: m.id }), ...reading })}\n`);
    } catch (error) {
      wrong++;
      process.stdout.write(
        `${JSON.stringify({ line: n, error: `not read: ${error instanceof z.ZodError ? error.issues.map((i) => `${i.path.join("/")} ${i.message}`).join("; ") : (error as Error).message}` })}\n`,
      );
    }
  }
  if (wrong > 0) process.exitCode = 1;
}
