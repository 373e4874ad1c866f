import { EventEmitter } from "node:events";
import pg from "pg";

export interface Message {
  house: string;
  what: "calendar" | "talk" | "slip";
  id?: string;
}

/** Hears what any process changed, over PostgreSQL's LISTEN, and passes it on in this one. Connects again when cut. */
export class Bus {
  #emitter = new EventEmitter().setMaxListeners(0);
  #client: pg.Client | null = null;
  #closed = false;

  constructor(readonly url: string) {}

  async open(): Promise<void> {
    const client = new pg.Client({ connectionString: this.url });
    client.on("notification", (n) => {
      if (n.payload) this.#emitter.emit("message", JSON.parse(n.payload) as Message);
    });
    client.on("error", () => this.#again());
    client.on("end", () => this.#again());
    await client.connect();
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

  on(hear: (m: Message) => void): () => void {
    this.#emitter.on("message", hear);
    return () => this.#emitter.off("message", hear);
  }

  async close(): Promise<void> {
    this.#closed = true;
    await this.#client?.end().catch(() => undefined);
  }
}
