import { readFileSync } from "node:fs";
import { compile, type House } from "../house/compile.ts";
import { parseHouseFile, type HouseFile } from "../house/schema.ts";

/** The demo house's file as it ships. */
export function demoFile(): HouseFile {
  const parsed = parseHouseFile(JSON.parse(readFileSync(new URL("../../demo/ternbay.json", import.meta.url), "utf8")));
  if ("problems" in parsed) throw new Error(JSON.stringify(parsed.problems));
  return parsed.file;
}

/** A house of a file; throws with the gaps that stop it. */
export function houseOf(file: HouseFile): House {
  const { house, gaps } = compile(file);
  if (!house) throw new Error(JSON.stringify(gaps));
  return house;
}

export const demoHouse = (): House => houseOf(demoFile());
