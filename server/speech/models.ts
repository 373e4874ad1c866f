import { createHash } from "node:crypto";
import { execFileSync } from "node:child_process";
import { existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync, statSync, utimesSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import type { House } from "@gentian/core/house/compile";
import { endings, type Endings } from "@gentian/core/speech/endings";
import { EARS, ownWords, sentences, type Ear as EarName } from "@gentian/core/speech/sentences";
import { Trigrams } from "@gentian/core/speech/trigrams";
import { compiled } from "./compiled.ts";
import { ACOUSTIC, dictionaryOf, GENERAL_MODEL, spokenWords } from "./dictionary.ts";
import type { EarFiles } from "./ear.ts";

/** How many sentences each model is counted on. */
const SENTENCES: Record<EarName, number> = { open: 60_000, choose: 40_000, name: 25_000, letters: 15_000, number: 25_000, email: 15_000, "yes-no": 25_000 };
/** How much is left for what was never counted. */
const TRUST = 1.5;
/** The general model's weight: none where hardly anything but letters and figures is said. */
const SHARE: Record<EarName, number> = { open: 0.001, choose: 0.001, name: 0.001, letters: 0, number: 0, email: 0, "yes-no": 0.001 };
/** How many of its commonest words can be heard. */
const COMMON_WORDS = 8000;
/** So many count as common where slips of the pen are told from words. */
const WRITTEN_WORDS = 30_000;
/** Made anew when the way of making changes. */
const MAKE = 14;

const SOURCE = new URL("./ear.c", import.meta.url);

/** The ear's program. */
export const earProgram = (folder: string): string => compiled(folder, SOURCE, ["-O2"]);

/** What a house's ear is made of, as one word: the same house and names give the same. */
export function modelKey(house: House, clients: readonly string[]): string {
  const h = house.handbook;
  const what = [
    MAKE,
    h.services,
    h.staff.map((s) => [s.name, s.called]),
    h.answers,
    h.facts,
    h.questions,
    h.limits,
    house.emergency.words,
    h.handingOver?.words,
    h.calls?.said,
    h.place,
    h.currency,
    h.clientClock,
    clients,
  ];
  return createHash("sha256").update(JSON.stringify(what)).digest("hex").slice(0, 20);
}

/** Where a house's models are, and how sure an end is after two words. */
export interface Model {
  key: string;
  folder: string;
  files: EarFiles;
}

const known = new Map<string, Record<EarName, Endings>>();

/** How sure an end is after the last words, for each of a model's ears. */
export function endingsAt(model: Model): Record<EarName, Endings> {
  let own = known.get(model.folder);
  if (!own) {
    own = Object.fromEntries(EARS.map((e) => [e, JSON.parse(readFileSync(join(model.folder, `${e}.ends.json`), "utf8")) as Endings])) as Record<
      EarName,
      Endings
    >;
    known.set(model.folder, own);
    if (known.size > 20) known.delete(known.keys().next().value as string);
  }
  return own;
}

const modelFolder = (folder: string, key: string): string => join(folder, "models", key);

export function modelAt(folder: string, key: string): Model | null {
  const own = modelFolder(folder, key);
  const done = join(own, "done");
  if (!existsSync(done)) return null;
  // It is in use, and kept.
  const now = new Date();
  utimesSync(done, now, now);
  return {
    key,
    folder: own,
    files: {
      program: earProgram(folder),
      acoustic: ACOUSTIC,
      dictionary: join(own, "words.dict"),
      general: GENERAL_MODEL,
      models: Object.fromEntries(EARS.map((e) => [e, { path: join(own, `${e}.arpa`), share: SHARE[e] }])),
    },
  };
}

/** Models that nobody has used for so long are thrown away when another is made: each is some 15 MB. */
const KEPT_DAYS = 14;

/** Throws away the models that were used last before a time (ms since 1970). */
export function throwAway(folder: string, before: number): void {
  const all = join(folder, "models");
  for (const name of existsSync(all) ? readdirSync(all) : []) {
    const own = join(all, name);
    const done = join(own, "done");
    if (statSync(existsSync(done) ? done : own).mtimeMs < before) rmSync(own, { recursive: true, force: true });
  }
}

/** Makes the language models and the dictionary of a house; a second maker of the same does no harm. */
export async function makeModel(folder: string, house: House, clients: readonly string[]): Promise<Model> {
  const key = modelKey(house, clients);
  const there = modelAt(folder, key);
  if (there) return there;
  const program = earProgram(folder);
  const own = modelFolder(folder, key);
  const draft = `${own}.${process.pid}.${Date.now()}`;
  mkdirSync(draft, { recursive: true });
  const common = execFileSync(program, ["--words", GENERAL_MODEL, String(WRITTEN_WORDS)], { encoding: "utf8" })
    .split("\n")
    .filter((w) => /^[a-z']+$/.test(w));
  const words = new Set(common.slice(0, COMMON_WORDS));
  const spoken = spokenWords(new Set(common), new Set(ownWords({ house, clients })));
  const made = new Map<EarName, Trigrams>();
  for (const ear of EARS) {
    const model = new Trigrams(TRUST);
    for (const s of sentences({ house, clients }, ear, SENTENCES[ear])) if (s.every(spoken)) model.add(s);
    for (const w of model.words) words.add(w);
    made.set(ear, model);
  }
  const { text, silent } = await dictionaryOf([...words], new Map(house.handbook.calls?.said?.map((s) => [s.word.toLowerCase(), s.as])));
  const mute = new Set(silent);
  writeFileSync(join(draft, "words.dict"), text);
  for (const [ear, model] of made) {
    writeFileSync(
      join(draft, `${ear}.arpa`),
      model.arpa((w) => !mute.has(w)),
    );
    writeFileSync(join(draft, `${ear}.ends.json`), JSON.stringify(endings(model)));
  }
  writeFileSync(join(draft, "silent.json"), JSON.stringify(silent));
  writeFileSync(join(draft, "done"), "");
  try {
    renameSync(draft, own);
  } catch {
    // Somebody else has made it meanwhile.
    rmSync(draft, { recursive: true, force: true });
  }
  throwAway(folder, Date.now() - KEPT_DAYS * 24 * 3_600_000);
  return modelAt(folder, key) as Model;
}
