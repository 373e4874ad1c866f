import { tmpdir } from "node:os";
import { join } from "node:path";
import { wordErrors } from "@gentian/core/speech/errors";
import { FRAME } from "@gentian/core/speech/sound";
import { sentences } from "@gentian/core/speech/sentences";
import { demoHouse } from "@gentian/core/testing/demo";
import { Ear } from "@gentian/server/speech/ear";
import { makeModel } from "@gentian/server/speech/models";
import { PACES, SPEAKERS, spokenBy } from "./speakers.ts";

/** Sentences as the model's own, which it was not counted on. */
const SEED = 991;
const EARS = ["open", "open", "open", "open", "choose", "yes-no", "number"] as const;
const LONGEST = 14;
const PAUSE = new Int16Array(15 * FRAME);

/**
 * How well single sentences are heard, and which words are missed most: for work on the dictionary and the language
 * model, apart from the callers' words. `./gentian bench hearing [sentences]`.
 */
export async function run(count = "120"): Promise<void> {
  const house = demoHouse();
  const model = await makeModel(join(tmpdir(), "gentian-bench-speech"), house, []);
  const ear = new Ear(model.files);
  await ear.ready;
  let [errors, said] = [0, 0];
  const missed = new Map<string, number>();
  const sources = EARS.map((name, i) => ({ name, of: sentences({ house, clients: [] }, name, 100_000, SEED + i) }));
  for (let n = 0; n < Number(count); n++) {
    const { name, of } = sources[n % sources.length] as (typeof sources)[number];
    const next = of.next();
    if (next.done) break;
    const words = next.value;
    if (words.length < 2 || words.length > LONGEST) continue;
    for (const [i, speaker] of SPEAKERS.entries()) {
      const sound = await spokenBy(words, speaker, PACES[(n + i) % PACES.length] as number);
      ear.begin(name);
      for (let at = 0; at < sound.length; at += FRAME) ear.hear(sound.slice(at, at + FRAME));
      ear.hear(PAUSE);
      const heard = (await ear.end()).words.map((w) => w.word);
      const e = wordErrors(words, heard);
      errors += e.rate * e.said;
      said += e.said;
      for (const w of new Set(words)) if (!heard.includes(w)) missed.set(w, (missed.get(w) ?? 0) + 1);
    }
  }
  ear.close();
  process.stdout.write(`word error rate: ${((100 * errors) / said).toFixed(1)} % of ${said} words\n`);
  const most = [...missed].sort((a, b) => b[1] - a[1]).slice(0, 20);
  process.stdout.write(`missed most: ${most.map(([w, k]) => `${w} ${k}`).join(", ")}\n`);
}
