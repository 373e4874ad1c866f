import { createHash } from "node:crypto";
import { spawn } from "node:child_process";
import { existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync, symlinkSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { chance } from "@gentian/core/callers/ways";
import { Grammar } from "@gentian/core/speech/grammar";
import type { Noise } from "@gentian/core/speech/noise";
import { ANSWERS } from "@gentian/core/speech/packs/en/answers";
import { FIRST_NAMES, LAST_NAMES } from "@gentian/core/speech/packs/en/names";
import { bytesOf } from "@gentian/core/speech/sound";
import { isLetterWord } from "@gentian/core/speech/words";
import { compiled } from "./compiled.ts";
import { ACOUSTIC } from "./dictionary.ts";
import { synthesised, type Speaker } from "./voices.ts";

type Noisy = Exclude<Noise, "none">;
/** Speech over noise, dB. */
const LEVELS: Readonly<Record<Noisy, number>> = { some: 20, much: 10 };
const SENTENCES = 160;
/** Made anew when the way of making changes. */
const MAKE = 1;
const SOURCE = new URL("./noise.c", import.meta.url);
/** Who speaks for it: none of the voices that speak on the line. */
const SPEAKERS: readonly Speaker[] = [
  { engine: "flite", id: "kal16", pitchHz: 100 },
  { engine: "espeak-ng", id: "en-us+m3", pitchHz: 100 },
  { engine: "espeak-ng", id: "en-us+f3", pitchHz: 180 },
  { engine: "flite", id: "kal16", pitchHz: 100 },
  { engine: "espeak-ng", id: "en-gb+m1", pitchHz: 100 },
];
const PACES = [0.88, 1, 1.12];

/** Where the acoustic models for noisy lines are; null until they are made. */
export function noisyAcoustics(folder: string): Readonly<Record<Noisy, string>> | null {
  const own = join(folder, "noise", key());
  if (!existsSync(join(own, "done"))) return null;
  return { some: join(own, "some"), much: join(own, "much") };
}

const key = (): string =>
  createHash("sha256")
    .update(JSON.stringify([MAKE, LEVELS, SENTENCES, SPEAKERS, PACES]))
    .update(readFileSync(SOURCE))
    .digest("hex")
    .slice(0, 20);

/**
 * Makes the acoustic models for noisy lines from speech that is spoken for it: about a minute, once a machine. A second
 * maker does no harm.
 */
export async function makeNoisyAcoustics(folder: string): Promise<Readonly<Record<Noisy, string>>> {
  const there = noisyAcoustics(folder);
  if (there) return there;
  const program = compiled(folder, SOURCE, ["-O3", "-ffast-math"]);
  const own = join(folder, "noise", key());
  const draft = `${own}.${process.pid}.${Date.now()}`;
  for (const level of Object.keys(LEVELS)) {
    mkdirSync(join(draft, level), { recursive: true });
    for (const file of readdirSync(ACOUSTIC)) if (file !== "means" && file !== "variances") symlinkSync(join(ACOUSTIC, file), join(draft, level, file));
  }
  const child = spawn(program, [ACOUSTIC, ...Object.entries(LEVELS).map(([level, db]) => `${db}=${join(draft, level)}`)], {
    stdio: ["pipe", "ignore", "pipe"],
  });
  let said = "";
  child.stderr.setEncoding("utf8").on("data", (text: string) => (said += text));
  child.stdin.on("error", () => undefined);
  const ended = new Promise<void>((done, fail) => {
    child.on("error", fail);
    child.on("exit", (code) => (code === 0 ? done() : fail(new Error(`no model for noisy lines: ${said.trim()}`))));
  });
  for await (const sound of speech()) {
    const bytes = bytesOf(sound);
    const head = Buffer.alloc(4);
    head.writeUInt32LE(bytes.length);
    child.stdin.write(head);
    if (!child.stdin.write(bytes)) await Promise.race([new Promise((done) => child.stdin.once("drain", done)), ended]);
  }
  child.stdin.end();
  await ended;
  writeFileSync(join(draft, "done"), "");
  try {
    renameSync(draft, own);
  } catch {
    // Somebody else has made them meanwhile.
    rmSync(draft, { recursive: true, force: true });
  }
  return noisyAcoustics(folder) as Readonly<Record<Noisy, string>>;
}

/** Answers as they are given on the telephone, by several voices. */
async function* speech() {
  const random = chance(20);
  const pick = (list: readonly string[]): string => list[Math.floor(random() * list.length)] as string;
  const names = `${FIRST_NAMES} ${LAST_NAMES}`.trim().split(/\s+/);
  const grammar = new Grammar([ANSWERS], () => pick(names), random);
  const things = [...ANSWERS.matchAll(/^= ([\w-]+)$/gm)].map((m) => m[1] as string);
  for (let i = 0; i < SENTENCES; i++) {
    const text = [0, 1, 2]
      .map(() => grammar.say(pick(things)))
      .join(" ")
      .split(" ")
      .map((w) => (isLetterWord(w) ? w.slice(0, 1) : w))
      .join(" ");
    yield await synthesised(text, SPEAKERS[i % SPEAKERS.length] as Speaker, PACES[i % PACES.length] as number, 1);
  }
}
