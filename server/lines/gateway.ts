import type { IncomingMessage } from "node:http";
import type { Duplex } from "node:stream";
import { WebSocket, type RawData, type WebSocketServer } from "ws";
import { z } from "zod";
import { keys, noKey, type KeyState } from "@gentian/core/speech/dtmf";
import { FRAME, RATE, type Samples } from "@gentian/core/speech/sound";
import type { App } from "../parts.ts";
import { accountOf } from "./account.ts";
import { FarEnd } from "./farend.ts";
import { knows } from "./secret.ts";
import { jsonOf } from "./socket.ts";

/** What is said to whoever picks up is said again after so long, so many times in all. */
const AGAIN_AFTER = 4 * RATE;
const TIMES = 3;

const startMessage = z.object({ event: z.literal("start"), secret: z.string().max(200) });
const legMessage = z.discriminatedUnion("event", [
  z.object({ event: z.literal("key"), key: z.string().regex(/^[0-9*#]$/) }),
  z.object({ event: z.literal("hang-up") }),
]);

/**
 * Where a gateway to a telephone network waits for what it is to ring: with the secret that the house's server shares with
 * it, or, as the stand-in for one, with a session of the desk and for its house alone.
 */
export function openGateway(app: App, sockets: WebSocketServer, req: IncomingMessage, socket: Duplex, head: Buffer): void {
  if (req.headers.cookie !== undefined && req.headers.origin !== undefined) {
    accountOf(app, req, socket, (account) =>
      sockets.handleUpgrade(req, socket, head, (ws) => {
        sockets.emit("connection", ws, req);
        attach(app, ws, account.houseId);
      }),
    );
    return;
  }
  const secret = app.options.gatewaySecret;
  if (secret === undefined) return void socket.end("HTTP/1.1 403 Forbidden\r\n\r\n");
  sockets.handleUpgrade(req, socket, head, (ws) => {
    sockets.emit("connection", ws, req);
    const timer = setTimeout(() => ws.close(1008, "no-start"), 5000);
    ws.once("message", (data: RawData) => {
      clearTimeout(timer);
      const start = startMessage.safeParse(jsonOf(data));
      if (!start.success || !knows(start.data.secret, secret)) {
        ws.send(
          JSON.stringify({
            event: "fault",
            why: "not-known",
            what: 'Begin with {"event":"start","secret":"…"}, with the secret that the server was started with.',
          }),
        );
        ws.close(1008, "not-known");
        return;
      }
      attach(app, ws, null);
    });
    ws.once("close", () => clearTimeout(timer));
  });
}

function attach(app: App, ws: WebSocket, house: string | null): void {
  const tell = (message: object): void => {
    if (ws.readyState === WebSocket.OPEN) ws.send(JSON.stringify(message));
  };
  tell({ event: "started" });
  const detach = app.exchange.attach({ house, tell });
  ws.on("close", detach);
}

/**
 * A telephone that was picked up: whoever holds it hears who calls and why, and has the caller once they press 1; or has
 * them straight away, as the house has it. The number that was dialled is the key to it.
 */
export function openTelephone(app: App, sockets: WebSocketServer, req: IncomingMessage, socket: Duplex, head: Buffer, dialled: string): void {
  sockets.handleUpgrade(req, socket, head, (ws) => {
    sockets.emit("connection", ws, req);
    const gone = (): void => {
      if (ws.readyState !== WebSocket.OPEN) return;
      ws.send(JSON.stringify({ event: "ended", why: "gone" }));
      ws.close(1000);
    };
    const ring = app.exchange.pickedUp(dialled, gone);
    if (!ring?.telephone) return gone();
    const end = new FarEnd(ws, ring.telephone.name);
    const take = (): void => {
      ring.leave();
      end.before = null;
      if (!app.exchange.take(ring.house, ring.conversation, end)) return gone();
      end.tell({ event: "taken" });
      app.talk.pickedUp(ring.house, ring.conversation, end.name).catch((error: unknown) => app.log.warn({ err: error }, "a telephone that was picked up"));
    };
    const leave = (): void => {
      ring.leave();
      if (ws.readyState === WebSocket.OPEN) ws.close(1000);
    };
    ws.on("close", () => ring.leave());
    ws.on("message", (data: RawData, binary: boolean) => {
      const m = binary ? null : legMessage.safeParse(jsonOf(data));
      if (!m?.success) return;
      if (m.data.event === "hang-up") leave();
      else if (end.before) pressed(m.data.key);
    });
    const pressed = (key: string): void => {
      if (key === "1") take();
      else if (key === "2") leave();
    };
    if (!ring.announcement) return take();
    end.tell({ event: "announced", who: ring.who, why: ring.why });
    end.before = announcing(ring.announcement(), pressed, leave);
  });
}

/** Says the announcement until a key is pressed, and gives up after some times. */
function announcing(sound: Promise<Samples>, pressed: (key: string) => void, giveUp: () => void): (heard: Samples) => Samples {
  let samples: Samples | null = null;
  sound.then(
    (s) => (samples = s),
    () => (samples = new Int16Array(0)),
  );
  let tones: KeyState = noKey();
  let at = 0;
  let times = 0;
  return (heard) => {
    const key = keys(tones, heard);
    tones = key.state;
    const out = new Int16Array(FRAME);
    if (key.pressed !== null) pressed(key.pressed);
    else if (samples) {
      out.set(samples.subarray(at, at + FRAME));
      at += FRAME;
      if (at > samples.length + AGAIN_AFTER) {
        at = 0;
        if (++times >= TIMES) giveUp();
      }
    }
    return out;
  };
}
