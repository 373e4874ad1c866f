import { EventEmitter } from "node:events";
import pg from "pg";

export interface Message {
  house: string;
  what: "calendar" | "talk" | "slip" | "draft";
  id?: string;
}

/** So long messages are gathered before they are told together. */
const GATHER_MS = 15;

/** Hears what any process changed, over PostgreSQL's LISTEN, and passes it on in this one. Connects again when cut. */
export class Bus {
  #emitter = new EventEmitter().setMaxListeners(0);
  #client: pg.Client | null = null;
  #closed = false;
  #pending = new Set<string>();
  #sending: Promise<unknown> = Promise.resolve();
  #timer: NodeJS.Timeout | null = null;

  constructor(readonly url: string) {}

  async open(): Promise<void> {
    const client = new pg.Client({ connectionString: this.url });
    client.on("notification", (n) => {
      if (n.payload) this.#emitter.emit("message", JSON.parse(n.payload) as Message);
    });
    client.on("error", () => this.#again());
    client.on("end", () => this.#again());
    await client.connect();
    // What is told here needs no disk: the rows it speaks of are committed.
    await client.query("set synchronous_commit = off");
    await client.query("listen gentian");
    this.#client = client;
  }

  #again(): void {
    if (this.#closed || !this.#client) return;
    this.#client = null;
    setTimeout(() => {
      if (!this.#closed) this.open().catch(() => this.#again());
    }, 1000).unref();
  }

  /**
   * Tells every process what was said, soon and together. Not inside the transaction that says it: a NOTIFY there makes
   * commits wait for one another. What a crash loses in between is one live update; the rows are committed.
   */
  tell(message: Message): void {
    this.#pending.add(JSON.stringify(message));
    this.#timer ??= setTimeout(() => {
      this.#timer = null;
      const list = [...this.#pending];
      this.#pending.clear();
      this.#sending = this.#sending.then(() => this.#client?.query("select pg_notify('gentian', m) from unnest($1::text[]) m", [list])).catch(() => undefined);
    }, GATHER_MS);
  }

  on(hear: (m: Message) => void): () => void {
    this.#emitter.on("message", hear);
    return () => this.#emitter.off("message", hear);
  }

  async close(): Promise<void> {
    this.#closed = true;
    if (this.#timer) clearTimeout(this.#timer);
    await this.#client?.end().catch(() => undefined);
  }
}
