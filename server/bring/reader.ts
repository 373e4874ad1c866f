import { fork, type ChildProcess } from "node:child_process";
import { fileURLToPath } from "node:url";
import type { SourceText } from "@gentian/core/bring/source";
import { Unreadable } from "./unreadable.ts";

const FILE_MS = 30_000;
const MEMORY_MB = 768;

interface Answer {
  id: number;
  source?: SourceText;
  table?: string[][];
  wrong?: { title: string; detail: string };
}

/** Reads files in a process of its own, one after another, each within bounded time and memory. */
export class Reader {
  #worker: ChildProcess | null = null;
  #next = 1;
  #waiting = new Map<number, (a: Answer) => void>();
  #turn: Promise<unknown> = Promise.resolve();

  async read(name: string, bytes: Uint8Array): Promise<SourceText> {
    return (await this.#inTurn(name, bytes, false)).source as SourceText;
  }

  /** The rows of a spreadsheet or CSV file, as they stand. */
  async table(name: string, bytes: Uint8Array): Promise<string[][]> {
    return (await this.#inTurn(name, bytes, true)).table as string[][];
  }

  #inTurn(name: string, bytes: Uint8Array, table: boolean): Promise<Answer> {
    const result = this.#turn.then(() => this.#read(name, bytes, table));
    this.#turn = result.catch(() => undefined);
    return result;
  }

  async #read(name: string, bytes: Uint8Array, table: boolean): Promise<Answer> {
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
      worker.send({ id, name, bytes, table }, (error) => {
        if (error) this.#fail();
      });
    });
    this.#waiting.delete(id);
    if (answer.wrong) throw new Unreadable(answer.wrong.title, answer.wrong.detail);
    return answer;
  }

  #start(): ChildProcess {
    const worker = fork(fileURLToPath(new URL("./worker.ts", import.meta.url)), [], {
      execArgv: ["--import", "tsx", `--max-old-space-size=${MEMORY_MB}`],
      serialization: "advanced",
      // What it reads may be anything: it is given nothing of ours.
      env: { PATH: process.env["PATH"] ?? "" },
      stdio: ["ignore", "ignore", "ignore", "ipc"],
    });
    worker.unref();
    worker.channel?.unref();
    worker.on("message", (a: Answer) => this.#waiting.get(a.id)?.(a));
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
    worker?.kill("SIGKILL");
  }

  close(): void {
    this.#stop();
  }
}
