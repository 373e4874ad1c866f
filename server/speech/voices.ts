import { execFile } from "node:child_process";
import { randomUUID } from "node:crypto";
import { readFile, rm } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { House } from "@gentian/core/house/compile";
import { respelled } from "@gentian/core/speech/respelled";
import { readWav, toLine, type Samples } from "@gentian/core/speech/sound";
import { VOICES, type VoiceName } from "@gentian/core/speech/voices";

/** How something is said: by which voice, how fast (1 is its own pace), how high (1 is its own pitch). */
export interface Manner {
  voice: VoiceName;
  pace: number;
  pitch: number;
}

/** So many seconds of speech are kept ready: 16,000 samples of two bytes each. */
const KEPT_SECONDS = 1200;
const LONGEST_WAIT_MS = 15_000;

/** Speaks. What was said lately is kept, so that it is there at once when it is said again. */
export class Voices {
  readonly #kept = new Map<string, Promise<Samples>>();
  readonly #seconds = new Map<string, number>();
  #all = 0;

  /** The sound of a text as the line carries it. Fails where the voice's program is missing. */
  speak(text: string, manner: Manner): Promise<Samples> {
    const key = JSON.stringify([text, manner]);
    const there = this.#kept.get(key);
    if (there) {
      this.#kept.delete(key);
      this.#kept.set(key, there);
      return there;
    }
    const made = synthesised(text, VOICES[manner.voice], manner.pace, manner.pitch);
    this.#kept.set(key, made);
    made.then(
      (sound) => {
        this.#seconds.set(key, sound.length / 16_000);
        this.#all += sound.length / 16_000;
        for (const old of this.#kept.keys()) {
          if (this.#all <= KEPT_SECONDS) break;
          this.#all -= this.#seconds.get(old) ?? 0;
          this.#seconds.delete(old);
          this.#kept.delete(old);
        }
      },
      () => this.#kept.delete(key),
    );
    return made;
  }
}

/** A voice of one of the programs that speak, and how high it is by itself. */
export interface Speaker {
  engine: "flite" | "espeak-ng";
  id: string;
  pitchHz: number;
}

/** A text as one of the programs speaks it: faster or slower, higher or lower than by itself (1). */
export async function synthesised(text: string, { engine, id, pitchHz }: Speaker, pace: number, pitch: number): Promise<Samples> {
  const words = text.replace(/\s+/g, " ").trim();
  if (!/[\p{L}\p{N}]/u.test(words)) return new Int16Array(0);
  const file = join(tmpdir(), `gentian-voice-${randomUUID()}.wav`);
  try {
    if (engine === "flite") {
      // Flite's own pronunciation marks are not for callers to write.
      const args = ["-voice", id, "--setf", `duration_stretch=${(1 / pace).toFixed(3)}`];
      if (pitch !== 1) args.push("--setf", `int_f0_target_mean=${Math.round(pitchHz * pitch)}`);
      await run("flite", [...args, "-t", words.replace(/[^\p{L}\p{N}\s.,?!'-]/gu, " "), "-o", file]);
    } else
      await run("espeak-ng", [
        "-v",
        id,
        "-s",
        String(Math.round(165 * pace)),
        "-p",
        String(Math.max(0, Math.min(99, Math.round(50 * pitch)))),
        "-w",
        file,
        "--",
        words,
      ]);
    return trimmed(toLine(readWav(await readFile(file))));
  } finally {
    await rm(file, { force: true });
  }
}

/** Without the silence before and after, but for a moment. */
function trimmed(sound: Samples): Samples {
  const quiet = 300;
  let from = 0;
  let to = sound.length;
  while (from < to && Math.abs(sound[from] as number) < quiet) from++;
  while (to > from && Math.abs(sound[to - 1] as number) < quiet) to--;
  return sound.slice(Math.max(0, from - 160), Math.min(sound.length, to + 480));
}

function run(program: string, args: readonly string[]): Promise<void> {
  return new Promise((done, fail) => {
    execFile(program, args, { timeout: LONGEST_WAIT_MS }, (error) => (error ? fail(new Error(`${program} cannot be run`, { cause: error })) : done()));
  });
}

/** How one of a house's receptionists speaks: in their voice, and with the words that voices say wrong written as they are said. */
export function speakerOf(voices: Voices, house: House, receptionist: string | undefined): (text: string) => Promise<Samples> {
  const { receptionists, calls } = house.handbook;
  const voice = receptionists.find((r) => r.id === receptionist)?.voice;
  const manner: Manner = { voice: voice?.name ?? "clara", pace: voice?.pace ?? 1, pitch: voice?.pitch ?? 1 };
  const said = new Map((calls?.said ?? []).map((s) => [s.word.toLowerCase(), s.as]));
  return (text) => voices.speak(respelled(text, said), manner);
}
