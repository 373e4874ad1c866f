import type { IncomingMessage } from "node:http";
import type { Duplex } from "node:stream";
import { WebSocket, type RawData, type WebSocketServer } from "ws";
import { FRAME, type Samples } from "@gentian/core/speech/sound";
import { arrived, framed, unframed, type Arrivals } from "@gentian/core/speech/wire";
import type { App } from "../app.ts";
import { accountOf } from "./account.ts";
import type { OtherEnd } from "./call.ts";

/** So many frames of the desk's sound are kept for the caller: what comes faster is older than it should be. */
const MOST_WAITING = 25;

/** A person at the desk takes a call that rings: they hear the caller, and the caller hears them. */
export function openDeskEnd(app: App, sockets: WebSocketServer, req: IncomingMessage, socket: Duplex, head: Buffer, conversation: string): void {
  accountOf(app, req, socket, (account) =>
    sockets.handleUpgrade(req, socket, head, (ws) => {
      sockets.emit("connection", ws, req);
      const end = new DeskEnd(ws, account.name);
      if (!app.exchange.take(account.houseId, conversation, end)) {
        ws.send(JSON.stringify({ event: "fault", why: "gone", what: "This call rings no more: somebody else has taken it, or the caller has gone." }));
        ws.close(1000);
        return;
      }
      ws.send(JSON.stringify({ event: "taken" }));
      app.talk.takeOver(account.houseId, conversation, account).catch(() => undefined);
    }),
  );
}

class DeskEnd implements OtherEnd {
  gone = false;
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
      this.#waiting.push(...came.frames);
      if (this.#waiting.length > MOST_WAITING) this.#waiting.splice(0, this.#waiting.length - MOST_WAITING);
    });
    ws.on("close", () => (this.gone = true));
    ws.on("error", () => (this.gone = true));
  }

  frame(caller: Samples): Samples {
    if (this.ws.readyState === WebSocket.OPEN) this.ws.send(framed(this.#sent++, caller));
    return this.#waiting.shift() ?? new Int16Array(FRAME);
  }

  close(): void {
    if (this.ws.readyState === WebSocket.OPEN) {
      this.ws.send(JSON.stringify({ event: "ended", why: "left" }));
      this.ws.close(1000);
    }
  }
}
