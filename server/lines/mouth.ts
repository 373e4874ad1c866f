import { clauses, heardOf } from "@gentian/core/speech/clauses";
import { FRAME, RATE, type Samples } from "@gentian/core/speech/sound";

/** A piece of what is said, spoken in one go; its sound is made while the one before it is spoken. */
interface Piece {
  text: string;
  samples: Samples | null;
  startedMs?: number;
}

/** Who is speaking to the caller: the receptionist, or somebody at the desk whose written words it says. */
export type Speaker = "receptionist" | "desk";

/** What was said of something, and each word of it when. Milliseconds from the beginning of the call. */
export interface Told {
  who: Speaker;
  text: string;
  fromMs: number;
  words: { word: string; fromMs: number; toMs: number }[];
}

const QUIET_GAIN = 0.22;
/** How much louder or quieter it becomes in a frame: in a tenth of a second it has gone all the way. */
const GAIN_STEP = 0.28;

/** What the receptionist speaks with: clause by clause, quieter where the caller makes a sound, broken off where they speak. */
export class Mouth {
  #who: Speaker = "receptionist";
  #pieces: Piece[] = [];
  #played = 0;
  #gain = 1;
  #wantGain = 1;
  /** The whole of what is or was being said, and what of it is left since it was broken off. */
  #all: Piece[] = [];
  #rest: Piece[] = [];

  /** `making` is told of each piece that is waited for, while it is made. */
  constructor(
    readonly speak: (text: string) => Promise<Samples>,
    readonly making: (piece: Promise<void>) => void,
  ) {}

  get speaking(): boolean {
    return this.#pieces.length > 0;
  }
  /** Its next words are still being made. */
  get waits(): boolean {
    return this.#pieces[0] !== undefined && !this.#pieces[0].samples;
  }
  /** When it began to say what it is saying or said last; none yet is long ago. */
  get beganMs(): number {
    return this.#all.find((p) => p.startedMs !== undefined)?.startedMs ?? -Infinity;
  }
  /** It is at the beginning of a clause, none of which has been heard. */
  get between(): boolean {
    return this.#played === 0;
  }
  get brokenOff(): boolean {
    return this.#rest.length > 0;
  }

  say(text: string, who: Speaker): void {
    this.#who = who;
    const pieces: Piece[] = clauses(text).map((c) => ({ text: c, samples: null }));
    this.#all = pieces;
    this.#rest = [];
    this.#queue(pieces);
  }

  quieter(): void {
    this.#wantGain = QUIET_GAIN;
  }
  aloud(): void {
    this.#wantGain = 1;
  }

  /** Is silent, and forgets what is left. */
  hush(): void {
    this.#pieces = [];
    this.#played = 0;
  }

  /** Breaks off: what is left may be gone on with. Gives what was heard of it, if anything was. */
  stop(): Told | null {
    const spoken = this.#all.map((p) => ({ text: p.text, ms: p.samples ? (p.samples.length / RATE) * 1000 : 1e9 }));
    const done = this.#all.length - this.#pieces.length;
    const ms = spoken.slice(0, done).reduce((a, p) => a + p.ms, 0) + (this.#played / RATE) * 1000;
    const { heard } = heardOf(spoken, ms);
    this.#rest = this.#pieces;
    this.hush();
    return heard === "" ? null : this.#told(heard);
  }

  /** What was heard before it was broken off; after this there is nothing to go on with. */
  leaveOff(): string {
    const heard = this.#all.filter((p) => !this.#rest.includes(p)).map((p) => p.text);
    this.#rest = [];
    return heard.join(" ");
  }

  /** Goes on from where it was broken off. */
  goOn(): void {
    const rest = this.#rest;
    this.#rest = [];
    this.#queue(rest);
  }

  /** The last question of what was said, but for one. */
  asked(butFor: string): string {
    return this.#all.map((p) => p.text).findLast((x) => x.endsWith("?") && x !== butFor) ?? "";
  }

  /** The next 20 ms, and all that was said where they are the last; null where there is nothing to say yet. */
  frame(nowMs: number): { samples: Samples; told: Told | null } | null {
    if (this.#gain !== this.#wantGain) this.#gain += Math.max(-GAIN_STEP, Math.min(GAIN_STEP, this.#wantGain - this.#gain));
    const piece = this.#pieces[0];
    if (!piece?.samples) return null;
    piece.startedMs ??= nowMs;
    const out = new Int16Array(FRAME);
    const left = piece.samples.subarray(this.#played, this.#played + FRAME);
    for (let i = 0; i < left.length; i++) out[i] = Math.round((left[i] as number) * this.#gain);
    this.#played += FRAME;
    if (this.#played < piece.samples.length) return { samples: out, told: null };
    this.#pieces.shift();
    this.#played = 0;
    return { samples: out, told: this.#pieces.length > 0 ? null : this.#told(this.#all.map((p) => p.text).join(" "), nowMs) };
  }

  #queue(pieces: readonly Piece[]): void {
    this.#pieces = [...pieces];
    this.#played = 0;
    this.#gain = this.#wantGain = 1;
    // The first is waited for; the others are made, one after the other, while it is spoken.
    let before = Promise.resolve();
    for (const [i, p] of pieces.entries()) {
      if (p.samples) continue;
      before = before
        .then(() => this.speak(p.text))
        .then(
          (s) => void (p.samples = s),
          () => void (p.samples = new Int16Array(0)),
        );
      if (i === 0) this.making(before);
    }
  }

  #told(text: string, nowMs = 0): Told {
    const words = this.#all.flatMap((p) => {
      if (p.startedMs === undefined || !p.samples) return [];
      const list = p.text.split(" ");
      const letters = p.text.length + list.length;
      let at = p.startedMs;
      return list.map((word) => {
        const ms = (((word.length + 1) / letters) * (p.samples as Samples).length * 1000) / RATE;
        at += ms;
        return { word, fromMs: Math.round(at - ms), toMs: Math.round(at) };
      });
    });
    const fromMs = Math.max(this.beganMs, 0) || nowMs;
    return { who: this.#who, text, fromMs, words: words.slice(0, text.split(" ").length) };
  }
}
