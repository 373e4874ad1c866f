import { WebSocket } from "ws";
import { FRAME, type Samples } from "@gentian/core/speech/sound";
import { framed, unframed } from "@gentian/core/speech/wire";
import { Voices } from "../speech/voices.ts";

const voices = new Voices();

export interface Message {
  event: string;
  conversation?: string;
  call?: string;
  number?: string;
  name?: string;
  who?: string;
  why?: string;
  to?: string;
  turn?: { who: string; text: string };
}

/** Somebody on the telephone, whose line sends sound at the pace of a line once it is told one of `begins`. */
export class Caller {
  readonly messages: Message[] = [];
  readonly heard: Samples[] = [];
  readonly ws: WebSocket;
  #seq = 0;
  #queue: Samples = new Int16Array(0);
  readonly #clock: NodeJS.Timeout;

  constructor(url: string, start: object | null, begins: readonly string[] = ["started"], headers: Record<string, string> = {}) {
    this.ws = new WebSocket(url.replace(/^http/, "ws"), { headers });
    this.ws.on("open", () => start && this.ws.send(JSON.stringify(start)));
    this.ws.on("error", () => undefined);
    this.ws.on("message", (data: Buffer, binary: boolean) => {
      if (binary) this.heard.push(unframed(data)?.samples ?? new Int16Array(0));
      else this.messages.push(JSON.parse(data.toString()) as Message);
    });
    this.#clock = setInterval(() => {
      if (this.ws.readyState !== WebSocket.OPEN || !this.messages.some((m) => begins.includes(m.event))) return;
      const frame = new Int16Array(FRAME);
      frame.set(this.#queue.subarray(0, FRAME));
      this.#queue = this.#queue.slice(FRAME);
      this.ws.send(framed(this.#seq++, frame));
    }, 20);
  }

  async until(what: (m: Message) => boolean, ms = 30_000): Promise<Message> {
    return this.#wait(() => this.messages.find(what), ms);
  }

  says = (text: RegExp): Promise<Message> => this.until((m) => m.event === "said" && m.turn?.who === "receptionist" && text.test(m.turn.text));

  /** Waits until something loud is heard after so many frames. */
  async hears(after = 0, ms = 15_000): Promise<void> {
    await this.#wait(() => this.heard.slice(after).some((f) => f.some((s) => Math.abs(s) > 1000)), ms);
  }

  async closed(ms = 15_000): Promise<void> {
    await this.#wait(() => this.ws.readyState === WebSocket.CLOSED, ms);
  }

  async say(text: string): Promise<void> {
    this.#queue = await voices.speak(text, { voice: "ronan", pace: 1, pitch: 1 });
  }

  play(samples: Samples): void {
    this.#queue = samples;
  }

  press(key: string): void {
    this.ws.send(JSON.stringify({ event: "key", key }));
  }

  /** Gone without a word, as a line is that was cut. */
  cut(): void {
    clearInterval(this.#clock);
    this.ws.terminate();
  }

  hangUp(): void {
    clearInterval(this.#clock);
    this.ws.close(1000);
  }

  async #wait<T>(what: () => T | undefined | false, ms: number): Promise<T> {
    const end = Date.now() + ms;
    for (;;) {
      const hit = what();
      if (hit) return hit;
      if (Date.now() > end) throw new Error(`nothing of the kind in ${ms} ms: ${JSON.stringify(this.messages).slice(-1500)}`);
      await new Promise((done) => setTimeout(done, 20));
    }
  }
}
