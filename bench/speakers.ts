import { execFile } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, mkdirSync, readFileSync, renameSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { isLetterWord } from "@gentian/core/speech/letters";
import { readWav, toLine, type Samples } from "@gentian/core/speech/sound";

export const SPEAKERS = ["slt", "rms", "awb", "kal16"] as const;
export const PACES = [0.88, 1, 1.15] as const;

/** What voices call the letters. */
const LETTERS: Record<string, string> = Object.fromEntries(
  "a ay,b bee,c see,d dee,e ee,f ef,g jee,h aitch,i eye,j jay,k kay,l el,m em,n en,o oh,p pee,q cue,r are,s ess,t tee,u you,v vee,w double you,x ex,y why,z zee"
    .split(",")
    .map((x) => [x[0] as string, x.slice(2)]),
);
/** Words that the voices say wrong, and how they must be written to be said as people say them. */
const SAID: Record<string, string> = {
  pilates: "pi lah tees",
  kinesio: "kin easy oh",
  "haven't": "have unt",
  "isn't": "is unt",
  "doesn't": "duz unt",
  hm: "hum",
  hmm: "hum",
  hiya: "hi ya",
  "a.m.": "ay em",
  "p.m.": "pee em",
};

const folder = join(tmpdir(), "gentian-bench-voice");

/** A caller's words as sound: by one of the voices that ship with the system, faster or slower. */
export async function spokenBy(words: readonly string[], speaker: string, pace: number): Promise<Samples> {
  const text = words.map((w) => (isLetterWord(w) ? `${LETTERS[w[0] as string] ?? w},` : (SAID[w] ?? w))).join(" ");
  mkdirSync(folder, { recursive: true });
  const file = join(folder, `${createHash("sha1").update(`${speaker} ${pace} ${text}`).digest("hex")}.wav`);
  if (!existsSync(file)) {
    const draft = `${file}.${process.pid}-${Math.random()}`;
    await new Promise<void>((done, fail) =>
      execFile("flite", ["-voice", speaker, "--setf", `duration_stretch=${1 / pace}`, "-t", text, "-o", draft], (e) =>
        e ? fail(new Error("flite cannot be run", { cause: e })) : done(),
      ),
    );
    renameSync(draft, file);
  }
  return trimmed(toLine(readWav(readFileSync(file))));
}

/** Soft sounds at the edges are left: 30 ms. */
const EDGE = 480;

/** Without the silence that voices put before and after, so that pauses are as long as they are said to be. */
function trimmed(sound: Samples): Samples {
  let from = 0;
  let to = sound.length;
  while (from < to && Math.abs(sound[from] as number) < 250) from++;
  while (to > from && Math.abs(sound[to - 1] as number) < 250) to--;
  return sound.slice(Math.max(0, from - EDGE), to + EDGE);
}
