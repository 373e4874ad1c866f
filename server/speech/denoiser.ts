import { fork, type ChildProcess } from "node:child_process";
import { fileURLToPath } from "node:url";
import { RATE, type Samples } from "@gentian/core/speech/sound";
import type { ToClear } from "./denoiser.worker.ts";

/** So many pieces of a line may wait; where there are more, what comes is passed on as it is. */
const MOST_WAITING = 50;
/** Sound is cleared in pieces of 10 ms. */
const PIECE = RATE / 100;
/** A process that has died so often is not started again. */
const MOST_DEATHS = 3;

/** Takes the noise out of noisy lines' sound, in a process of its own that is started when it is first needed. */
export class Denoiser {
  #worker: ChildProcess | null = null;
  #deaths = 0;
  #closed = false;
  #lines = 0;
  /** What is waited for, in the order in which it was asked for. */
  readonly #waiting: { line: number; samples: Samples; done: (cleared: Samples) => void }[] = [];

  /** A line whose noise is to be taken out: `clear` gives pieces of 20 ms back in their order, `gone` forgets it. */
  line(): { clear: (samples: Samples) => Promise<Samples>; gone: () => void } {
    const line = ++this.#lines;
    return {
      clear: (samples) => this.#clear(line, samples),
      gone: () => this.#send({ line, gone: true }),
    };
  }

  close(): void {
    this.#closed = true;
    this.#worker?.kill();
  }

  #clear(line: number, samples: Samples): Promise<Samples> {
    // A line's frames are whole; what is not is passed on too.
    if (samples.length % PIECE !== 0 || !this.#start() || this.#waiting.filter((w) => w.line === line).length >= MOST_WAITING) return Promise.resolve(samples);
    return new Promise((done) => {
      this.#waiting.push({ line, samples, done });
      this.#send({ line, samples });
    });
  }

  #send(what: ToClear): void {
    if (this.#worker?.connected) this.#worker.send(what);
  }

  #start(): ChildProcess | null {
    if (this.#worker || this.#closed || this.#deaths >= MOST_DEATHS) return this.#worker;
    const worker = fork(fileURLToPath(new URL("./denoiser.worker.ts", import.meta.url)), [], {
      execArgv: ["--import", "tsx"],
      serialization: "advanced",
    });
    worker.unref();
    worker.channel?.unref();
    worker.on("message", (cleared: Samples) => this.#waiting.shift()?.done(cleared));
    const over = (): void => {
      if (this.#worker !== worker) return;
      this.#worker = null;
      this.#deaths++;
      // What it had not done is passed on as it is.
      for (const w of this.#waiting.splice(0)) w.done(w.samples);
    };
    // One that cannot be started never ends.
    worker.on("error", over);
    worker.on("exit", over);
    this.#worker = worker;
    return worker;
  }
}
