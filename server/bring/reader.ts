import { Worker } from "node:worker_threads";
import type { SourceText } from "@gentian/core/bring/source";
import { Unreadable } from "./unreadable.ts";

const FILE_MS = 30_000;
const MEMORY_MB = 768;

interface Answer {
  id: number;
  source?: SourceText;
  wrong?: { title: string; detail: string };
}

/** Reads files in a thread of its own, one after another, each within bounded time and memory. */
export class Reader {
  #worker: Worker | null = null;
  #next = 1;
  #waiting = new Map<number, (a: Answer) => void>();
  #turn: Promise<unknown> = Promise.resolve();

  read(name: string, bytes: Uint8Array): Promise<SourceText> {
    const result = this.#turn.then(() => this.#read(name, bytes));
    this.#turn = result.catch(() => undefined);
    return result;
  }

  async #read(name: string, bytes: Uint8Array): Promise<SourceText> {
    const worker = (this.#worker ??= this.#start());
    const id = this.#next++;
    const answer = await new Promise<Answer>((done) => {
      const late = setTimeout(() => {
        this.#stop();
        done({ id, wrong: { title: `${name} takes too long to read`, detail: "Split it, or paste the part that matters. Nothing was changed." } });
      }, FILE_MS);
      this.#waiting.set(id, (a) => {
        clearTimeout(late);
        done(a);
      });
      worker.postMessage({ id, name, bytes });
    });
    this.#waiting.delete(id);
    if (answer.wrong) throw new Unreadable(answer.wrong.title, answer.wrong.detail);
    return answer.source as SourceText;
  }

  #start(): Worker {
    const worker = new Worker(new URL("./worker.ts", import.meta.url), {
      execArgv: ["--import", "tsx"],
      resourceLimits: { maxOldGenerationSizeMb: MEMORY_MB },
    });
    worker.unref();
    worker.on("message", (a: Answer) => this.#waiting.get(a.id)?.(a));
    worker.on("error", () => this.#fail());
    worker.on("exit", () => {
      if (this.#worker === worker) this.#fail();
    });
    return worker;
  }

  #fail(): void {
    this.#worker = null;
    for (const [id, done] of this.#waiting)
      done({ id, wrong: { title: "This file is too much to read", detail: "Split it, or paste the part that matters. Nothing was changed." } });
    this.#waiting.clear();
  }

  #stop(): void {
    const worker = this.#worker;
    this.#worker = null;
    void worker?.terminate();
  }

  close(): void {
    this.#stop();
  }
}
