import { WebSocket, type RawData } from "ws";
import { FRAME, type Samples } from "@gentian/core/speech/sound";
import { arrived, framed, unframed, type Arrivals } from "@gentian/core/speech/wire";
import type { OtherEnd } from "./call.ts";

/** So many frames of their sound are kept for the caller: what comes faster is older than it should be. */
const MOST_WAITING = 25;

/** The end of a line at which a person speaks with the caller, over a socket of its own. */
export class FarEnd implements OtherEnd {
  gone = false;
  /** Where the caller is not there yet: gets each frame of theirs, and gives what they hear. */
  before: ((heard: Samples) => Samples) | null = null;
  #waiting: Samples[] = [];
  #arrivals: Arrivals = { next: 0, rest: new Int16Array(0) };
  #sent = 0;

  constructor(
    readonly ws: WebSocket,
    readonly name: string,
  ) {
    ws.on("message", (data: RawData, binary: boolean) => {
      const frame = binary ? unframed(data as Buffer) : null;
      if (!frame) return;
      const came = arrived(this.#arrivals, frame.seq, frame.samples);
      this.#arrivals = came.state;
      for (const f of came.frames) {
        if (this.before) this.#send(this.before(f));
        else this.#waiting.push(f);
      }
      if (this.#waiting.length > MOST_WAITING) this.#waiting.splice(0, this.#waiting.length - MOST_WAITING);
    });
    ws.on("close", () => (this.gone = true));
    ws.on("error", () => (this.gone = true));
  }

  tell(message: object): void {
    if (this.ws.readyState === WebSocket.OPEN) this.ws.send(JSON.stringify(message));
  }

  frame(caller: Samples): Samples {
    this.#send(caller);
    return this.#waiting.shift() ?? new Int16Array(FRAME);
  }

  close(): void {
    this.tell({ event: "ended", why: "left" });
    if (this.ws.readyState === WebSocket.OPEN) this.ws.close(1000);
  }

  #send(samples: Samples): void {
    if (this.ws.readyState === WebSocket.OPEN) this.ws.send(framed(this.#sent++, samples));
  }
}
