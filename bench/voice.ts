import { tmpdir } from "node:os";
import { join } from "node:path";
import { Caller, TEMPERS, type Aim } from "@gentian/core/callers/caller";
import { chance } from "@gentian/core/callers/ways";
import { CopyBook, Rehearsal } from "@gentian/core/conversation/copybook";
import { soundsAlike } from "@gentian/core/conversation/names";
import { wordErrors } from "@gentian/core/speech/errors";
import { goingOn } from "@gentian/core/speech/turns";
import { FRAME, FRAME_MS, joined, loudness, RATE, type Samples } from "@gentian/core/speech/sound";
import { spoken } from "@gentian/core/conversation/wording/speech";
import { wordsOf } from "@gentian/core/speech/words";
import { rate } from "@gentian/core/tally/rates";
import { demoHouse } from "@gentian/core/testing/demo";
import { epochMinOf } from "@gentian/core/time/zone";
import type { House } from "@gentian/core/house/compile";
import { englishWays } from "@gentian/server/cli/rehearse";
import { Call, type Talker, type Turned } from "@gentian/server/lines/call";
import { Ear, type EarFiles } from "@gentian/server/speech/ear";
import { BorrowedEar } from "@gentian/server/speech/speech";
import { Denoiser } from "@gentian/server/speech/denoiser";
import { endingsAt, makeModel, type Model } from "@gentian/server/speech/models";
import { Voices } from "@gentian/server/speech/voices";
import { GENERAL_DICTIONARY } from "@gentian/server/speech/dictionary";
import { PACES, SPEAKERS, spokenBy } from "./speakers.ts";
import { quantile } from "./server.ts";

const NOW = "2027-03-01T08:30";
const SHARES: readonly Aim[] = ["book", "book", "book", "move", "cancel", "ask"];
/** Names that are common where English is spoken (from memory), and the callers' own odd ones: half of each. */
const COMMON = {
  first: "Sarah Michael Emily David Laura James Karen Robert Linda Thomas Rachel Kevin Diane Peter Angela Steven Julie Brian Megan Scott".split(" "),
  last: "Miller Johnson Brown Campbell Wilson Fraser Murphy Taylor Anderson Walker Robinson Stewart Mitchell Turner Parker Collins Bennett Marshall Grant Foster".split(
    " ",
  ),
};
const LONGEST_MS = 8 * 60_000;
const MODES = { clean: null, "20": 20, "10": 10 } as const;

interface Turn {
  said: string[];
  heard: string[];
  cut: boolean;
  /** From the caller's last sound to the first of the answer. */
  waitMs: number | null;
  giving: boolean;
}
interface Held {
  n: number;
  aim: Aim;
  right: boolean;
  wrong: boolean;
  number: "right" | "wrong" | "none";
  nameExact: boolean | null;
  turns: Turn[];
  script: string[];
  seconds: number;
}

/** Measures calls by voice: `./gentian bench voice [clean|20|10] [calls] [general] [at-once]`. */
export async function run(mode = "clean", count = "200", ...more: string[]): Promise<void> {
  const snr = MODES[mode as keyof typeof MODES];
  if (snr === undefined) throw new Error("Which noise? clean, 20 or 10 (dB).");
  const general = more.includes("general");
  const atOnce = Number(more.find((m) => /^\d+$/.test(m)) ?? 2);
  const live = more.includes("live");
  const show = more.includes("show");
  const house = demoHouse();
  // The names on the house's cards are known to the ear, as they are in a house.
  const cards = Array.from({ length: Number(count) }, (_, n) => callerOf(house, new CopyBook(house), n).caller.facts).filter((f) => f.known);
  const names = [...new Set(cards.map((f) => f.name))].sort();
  const model = await makeModel(join(tmpdir(), "gentian-bench-speech"), house, names);
  const denoiser = new Denoiser();
  const voices = new Voices();
  const held: Held[] = [];
  let next = 0;
  const worker = async (): Promise<void> => {
    const ear = new BorrowedEar(
      () => new Ear(general ? byGeneral(model.files) : model.files),
      (e) => e.close(),
      denoiser,
    );
    await ear.ready;
    while (next < Number(count)) {
      const n = next++;
      const h = await hold(house, { model, ear, voices, names }, n, snr, live);
      held.push(h);
      if (show || !h.right) process.stderr.write(`--- ${n} ${h.aim} ${h.right ? "right" : "not right"}${h.wrong ? " WRONG" : ""}\n${h.script.join("\n")}\n`);
    }
    ear.close();
  };
  await Promise.all(Array.from({ length: atOnce }, worker));
  denoiser.close();
  tell(
    held,
    `${mode === "clean" ? "clean" : `noise at ${mode} dB`}${general ? ", general language model alone" : ""}${live ? `, ${atOnce} at once in real time` : ""}`,
  );
}

/** The same ear with nothing but the general model. */
const byGeneral = (files: EarFiles): EarFiles => ({
  ...files,
  dictionary: GENERAL_DICTIONARY,
  models: Object.fromEntries(Object.entries(files.models).map(([name, m]) => [name, { ...m, share: 1 }])),
});

function tell(held: readonly Held[], what: string): void {
  const say = (line: string): void => void process.stdout.write(`${line}\n`);
  const percent = (x: number): string => `${(100 * x).toFixed(1)} %`;
  const share = (hits: number, of: number): string => {
    const r = rate(hits, of);
    return `${hits} of ${of}, ${percent(r.share)} (${percent(r.low)} to ${percent(r.high)})`;
  };
  const turns = held.flatMap((h) => h.turns);
  let errors = 0;
  let said = 0;
  for (const t of turns) {
    const e = wordErrors(t.said.map(plain), t.heard.map(plain));
    errors += e.rate * e.said;
    said += e.said;
  }
  say(`${what}: ${held.length} calls, ${turns.length} turns, ${Math.round(held.reduce((a, h) => a + h.seconds, 0) / 60)} minutes of talk`);
  say(`  word error rate: ${percent(errors / said)} of ${said} words`);
  say(`  turns cut off: ${share(turns.filter((t) => t.cut).length, turns.length)}`);
  say(`  calls in the right state: ${share(held.filter((h) => h.right).length, held.length)}`);
  for (const aim of new Set(held.map((h) => h.aim))) {
    const own = held.filter((h) => h.aim === aim);
    say(`    ${aim}: ${share(own.filter((h) => h.right).length, own.length)}`);
  }
  say(`  wrong appointments: ${held.filter((h) => h.wrong).length}`);
  const numbers = held.filter((h) => h.number !== "none");
  say(`  numbers booked that are right: ${share(numbers.filter((h) => h.number === "right").length, numbers.length)}`);
  const names = held.filter((h) => h.nameExact !== null);
  say(`  names booked to the letter: ${share(names.filter((h) => h.nameExact).length, names.length)}`);
  for (const giving of [false, true]) {
    const waits = turns.filter((t) => t.giving === giving && t.waitMs !== null).map((t) => t.waitMs as number);
    say(
      `  ${giving ? "waits after a number or a spelling" : "waits"}: median ${(quantile(waits, 0.5) / 1000).toFixed(2)} s, 95th percentile ${(quantile(waits, 0.95) / 1000).toFixed(2)} s (${waits.length})`,
    );
  }
}

/** Words that are one sound and one meaning count as one. */
const plain = (w: string): string => (w === "ok" ? "okay" : w === "zero" ? "oh" : w);

class Copied implements Talker {
  replies: string[] = [];
  interruptions = 0;
  constructor(
    readonly house: House,
    readonly rehearsal: Rehearsal,
    readonly line?: string,
  ) {}
  now = (): number => this.rehearsal.now;
  #turned(list: ReturnType<Rehearsal["say"]>): Promise<Turned> {
    this.replies = list.map((r) => r.text);
    return Promise.resolve({
      replies: list.map((r) => ({ text: r.text, speech: spoken(r.text, this.house), from: "receptionist" as const })),
      status: this.rehearsal.state.status,
      expects: this.rehearsal.state.expects,
      spelling: this.rehearsal.state.client.spells === true,
    });
  }
  start = (): Promise<Turned> => this.#turned(this.rehearsal.start(this.line));
  say = (text: string, sure?: number): Promise<Turned> => this.#turned(this.rehearsal.say(text, sure));
  event = (kind: "silence" | "unclear" | "left"): Promise<Turned> => this.#turned(kind === "left" ? [] : this.rehearsal.event(kind));
  nobodyCame = (): Promise<Turned> => this.#turned(this.rehearsal.nobodyCame());
  interrupted = (): Promise<void> => {
    this.interruptions++;
    return Promise.resolve();
  };
}

function callerOf(house: House, book: CopyBook, n: number) {
  const now = epochMinOf(house.zone, NOW);
  const random = chance(n * 7 + 5);
  const aim = SHARES[n % SHARES.length] as Aim;
  const tempers = TEMPERS.filter((t) => t !== "careless");
  const temper = tempers[Math.floor(n / SHARES.length) % tempers.length] as (typeof TEMPERS)[number];
  const caller = new Caller(house, book, now, englishWays(), random, aim, temper, random() < 0.5 ? COMMON : undefined);
  caller.facts.usesChoices = false;
  return { caller, random, aim, temper, now };
}

interface Means {
  model: Model;
  ear: BorrowedEar;
  voices: Voices;
  names: readonly string[];
}

async function hold(house: House, { model, ear, voices, names }: Means, n: number, snr: number | null, live: boolean): Promise<Held> {
  const book = new CopyBook(house);
  const { caller, random, aim, temper, now } = callerOf(house, book, n);
  const speaker = SPEAKERS[n % 3] as string;
  const pace = PACES[Math.floor(n / 3) % PACES.length] as number;
  const before = new Map(book.appointments.map((a) => [a.id, { ...a }]));
  const rehearsal = new Rehearsal(book, now, "ternbay-phone", "phone", n + 1);
  // Half of the lines show the caller's number.
  const talker = new Copied(house, rehearsal, random() < 0.5 ? caller.facts.phone : undefined);
  const script: string[] = [`${speaker} at ${pace}, ${temper}, ${caller.facts.name}, ${caller.facts.phone}`];
  const turns: Turn[] = [];
  let current: Turn | null = null;
  let speakingLeft = 0;
  const call = new Call({
    talker,
    ear,
    endings: endingsAt(model),
    speak: (text) => voices.speak(text, { voice: "clara", pace: 1, pitch: 1 }),
    calls: {},
    clients: names,
    on: (e) => {
      if (e.event === "heard") {
        script.push(`  heard: ${e.turn.words.map((w) => w.word).join(" ")}  [${e.turn.text}] ${(e.turn.sure ?? 0).toFixed(2)}`);
        if (current) {
          current.heard.push(...e.turn.words.map((w) => w.word));
          if (speakingLeft > 0) {
            current.cut = true;
            script.push("  (cut off)");
          }
        }
      } else if (e.event === "unclear") script.push(`  unclear`);
      else if (e.event === "says") script.push(`R: ${talker.replies.join(" ")}`);
    },
  });
  const noise = snr === null ? null : pink(chance(n + 77), snr, await spokenBy("i would like to book a visit on friday".split(" "), speaker, pace));
  let queue: Samples = new Int16Array(0);
  let at = 0;
  let lastSoundAt = 0;
  let firstAfter: number | null = null;
  let silentAt = 0;
  const step = async (): Promise<void> => {
    const frame = queue.slice(at, at + FRAME);
    const padded = frame.length === FRAME ? frame : Int16Array.from({ length: FRAME }, (_, i) => frame[i] ?? 0);
    at += FRAME;
    speakingLeft = Math.max(0, queue.length - at);
    if (speakingLeft > 0 || frame.length > 0) lastSoundAt = call.nowMs + FRAME_MS;
    const out = call.frame(noise ? noise(padded) : padded);
    const audible = out.some((s) => Math.abs(s) > 200);
    if (audible) {
      silentAt = call.nowMs;
      if (firstAfter === null && current && speakingLeft === 0) firstAfter = call.nowMs;
    }
    if (live || call.working) await new Promise((done) => setTimeout(done, FRAME_MS - 1));
    else await new Promise(setImmediate);
    // What is with the denoiser takes less than the line's own time.
    if (!live) await ear.settled;
    while (call.asking) await new Promise(setImmediate);
  };
  await call.begin();
  let text: string | null = caller.first();
  while (text !== null && !call.ended && call.nowMs < LONGEST_MS) {
    // The caller waits until the receptionist has finished, and a moment more.
    while ((call.speaking || call.working || call.nowMs - silentAt < 300 + (n % 4) * 100) && !call.ended) await step();
    if (call.ended) break;
    const words = wordsOf(text, house);
    script.push(`C: ${words.join(" ")}`);
    if (words.length === 0) break;
    current = { said: words, heard: [], cut: false, waitMs: null, giving: words.some((_, i) => goingOn(words.slice(0, i + 1)) !== null) };
    turns.push(current);
    queue = await sounds(words, speaker, pace, random);
    at = 0;
    firstAfter = null;
    while (at < queue.length && !call.ended) await step();
    const until = call.nowMs + 12_000;
    const mine: Turn = current;
    while (firstAfter === null && !call.ended && call.nowMs < until) await step();
    if (firstAfter !== null) mine.waitMs = (firstAfter as number) - lastSoundAt;
    while ((call.speaking || call.working) && !call.ended) await step();
    const replies: string[] = talker.replies;
    if (rehearsal.state.status !== "open") break;
    text = caller.hear({ text: replies.join(" "), expects: rehearsal.state.expects });
  }
  await call.hangUp("left");
  const verdict = caller.judge(before, () => true);
  const fresh = book.appointments.filter((a) => !before.has(a.id) && a.status === "booked");
  const made = fresh.at(-1);
  const phone = made?.client.phone;
  const alike = made === undefined || soundsAlike(made.client.name, caller.facts.name);
  return {
    n,
    aim,
    right: verdict.right && alike && (phone === undefined || phone === caller.facts.phone),
    wrong: verdict.wrong,
    number: phone === undefined ? "none" : phone === caller.facts.phone ? "right" : "wrong",
    nameExact: made ? made.client.name === caller.facts.name : null,
    turns,
    script: [...script, ...verdict.why],
    seconds: call.nowMs / 1000,
  };
}

/** The words spoken, a third of the sentences with a pause of 0.3 to 0.8 s inside. */
async function sounds(words: readonly string[], speaker: string, pace: number, random: () => number): Promise<Samples> {
  if (words.length < 3 || random() >= 1 / 3) return spokenBy(words, speaker, pace);
  const cut = 1 + Math.floor(random() * (words.length - 1));
  const pause = new Int16Array(Math.round((0.3 + 0.5 * random()) * RATE));
  return joined([await spokenBy(words.slice(0, cut), speaker, pace), pause, await spokenBy(words.slice(cut), speaker, pace)]);
}

/** So many samples of noise are measured, so that it is as loud as it is said to be. */
const MEASURED = 64_000;

/** Adds pink noise (Paul Kellet's filter, from memory) to frames, so many dB below the speech's root mean square. */
function pink(random: () => number, snr: number, speech: Samples): (frame: Samples) => Samples {
  let b0 = 0;
  let b1 = 0;
  let b2 = 0;
  const next = (): number => {
    const white = random() * 2 - 1;
    b0 = 0.99765 * b0 + white * 0.099046;
    b1 = 0.963 * b1 + white * 0.2965164;
    b2 = 0.57 * b2 + white * 1.0526913;
    return b0 + b1 + b2 + white * 0.1848;
  };
  let sum = 0;
  for (let i = 0; i < MEASURED; i++) sum += next() ** 2;
  const own = Math.sqrt(sum / MEASURED);
  const loud = (10 ** ((loudness(speech) - snr) / 20) * 32768) / own;
  return (frame) => Int16Array.from(frame, (s) => Math.max(-32768, Math.min(32767, Math.round(s + next() * loud))));
}
