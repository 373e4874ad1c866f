import { readFileSync } from "node:fs";
import { parseTalk, replay as playAgain } from "@gentian/core/formats/talk";
import { inCwd } from "./database.ts";
import { Mistake } from "./mistake.ts";

/** Plays a saved conversation again and tells where replies differ from those that were given; exit code 1 if any does. */
export function replay(name: string | undefined): void {
  if (!name) throw new Mistake("Which conversation? ./gentian replay FILE");
  let data: unknown;
  try {
    data = JSON.parse(readFileSync(inCwd(name), "utf8"));
  } catch (error) {
    throw new Mistake(`${name} could not be read: ${(error as Error).message}`);
  }
  const parsed = parseTalk(data);
  if ("problems" in parsed) throw new Mistake(`${name} is not a saved conversation:\n${parsed.problems.map((p) => `  ${p}`).join("\n")}`);
  const { replies, differences } = playAgain(parsed.talk);
  for (const d of differences) process.stdout.write(`step ${d.step}, after "${d.said}"\n  was: ${d.was || "(nothing)"}\n  is:  ${d.is || "(nothing)"}\n`);
  process.stdout.write(
    differences.length === 0 ? `${replies.length} replies, all the same to the letter\n` : `${replies.length} replies, ${differences.length} differ\n`,
  );
  if (differences.length > 0) process.exitCode = 1;
}
