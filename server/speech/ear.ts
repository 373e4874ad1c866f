import { spawn, type ChildProcessWithoutNullStreams } from "node:child_process";
import type { Samples } from "@gentian/core/speech/sound";
import { bytesOf } from "@gentian/core/speech/sound";

/** A word as it was heard: milliseconds from the beginning of the utterance, and how sure it is (0 to 1). */
export interface HeardWord {
  word: string;
  fromMs: number;
  toMs: number;
  sure: number;
}

export interface Heard {
  words: HeardWord[];
  /** What else it may have been, the likeliest first. */
  others: string[];
}

/** Where an ear's program and its models are. */
export interface EarFiles {
  program: string;
  acoustic: string;
  dictionary: string;
  general: string;
  /** The house's models by name, and the general model's weight beside each: 0 leaves it out, 1 hears by it alone. */
  models: Readonly<Record<string, { path: string; share: number }>>;
}

interface Told {
  is: string;
  why?: string;
  words?: [string, number, number, number?][];
  others?: string[];
}

/** The recogniser of one call: a process of its own, spoken to over pipes. It hears one utterance at a time. */
export class Ear {
  readonly #child: ChildProcessWithoutNullStreams;
  readonly #waiting: { done: (t: Told) => void; fail: (e: Error) => void }[] = [];
  #rest = "";
  #dead = false;
  #awake = false;
  readonly ready: Promise<void>;
  /** Called once, when the process has ended without being asked to. */
  onDeath: () => void = () => undefined;

  constructor(readonly files: EarFiles) {
    this.#child = spawn(files.program, [
      files.acoustic,
      files.dictionary,
      files.general,
      ...Object.entries(files.models).map(([name, { path, share }]) => `${name}=${share}=${path}`),
    ]);
    this.#child.stdout.setEncoding("utf8");
    this.#child.stdout.on("data", (text: string) => this.#read(text));
    this.#child.stdin.on("error", () => this.#die());
    this.#child.on("error", () => this.#die());
    this.#child.on("exit", () => this.#die());
    this.#child.stderr.resume();
    this.ready = this.#next().then(() => void (this.#awake = true));
    this.ready.catch(() => undefined);
  }

  get alive(): boolean {
    return !this.#dead;
  }

  /** Whether its models are loaded. */
  get awake(): boolean {
    return this.#awake && !this.#dead;
  }

  get pid(): number | undefined {
    return this.#child.pid;
  }

  /** An utterance begins, heard with the model of this name. */
  begin(model: string): void {
    this.#send("S", Buffer.from(model));
    this.#next().catch(() => undefined);
  }

  hear(samples: Samples): void {
    this.#send("A", bytesOf(samples));
  }

  /** What has been heard of the utterance so far. */
  async soFar(): Promise<HeardWord[]> {
    this.#send("H");
    return wordsIn(await this.#next());
  }

  /** The utterance has ended: what was heard of it. */
  async end(): Promise<Heard> {
    this.#send("E");
    const told = await this.#next();
    return { words: wordsIn(told), others: told.others ?? [] };
  }

  /** The utterance was nothing: it is forgotten. */
  letGo(): void {
    this.#send("X");
  }

  close(): void {
    this.onDeath = () => undefined;
    this.#child.kill();
  }

  #send(kind: string, body: Uint8Array = new Uint8Array(0)): void {
    if (this.#dead) return;
    const head = Buffer.alloc(5);
    head.write(kind, "latin1");
    head.writeUInt32LE(body.length, 1);
    this.#child.stdin.write(head);
    if (body.length > 0) this.#child.stdin.write(body);
  }

  #next(): Promise<Told> {
    return new Promise((done, fail) => {
      if (this.#dead) fail(new Error("the ear's process has ended"));
      else this.#waiting.push({ done, fail });
    });
  }

  #read(text: string): void {
    this.#rest += text;
    for (let end = this.#rest.indexOf("\n"); end >= 0; end = this.#rest.indexOf("\n")) {
      const line = this.#rest.slice(0, end);
      this.#rest = this.#rest.slice(end + 1);
      let told: Told;
      try {
        told = JSON.parse(line) as Told;
      } catch {
        continue;
      }
      const next = this.#waiting.shift();
      if (told.is === "fault") next?.fail(new Error(told.why));
      else next?.done(told);
    }
  }

  #die(): void {
    if (this.#dead) return;
    this.#dead = true;
    for (const w of this.#waiting.splice(0)) w.fail(new Error("the ear's process has ended"));
    this.onDeath();
  }
}

const wordsIn = (told: Told): HeardWord[] =>
  (told.words ?? []).map(([word, from, to, sure]) => ({ word, fromMs: from * 10, toMs: (to + 1) * 10, sure: sure ?? 1 }));
