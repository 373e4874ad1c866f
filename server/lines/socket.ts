import { WebSocket, type RawData } from "ws";
import { FRAME_MS, type Samples } from "@gentian/core/speech/sound";
import { arrived, framed, unframed, type Arrivals } from "@gentian/core/speech/wire";
import type { Call } from "./call.ts";

/** How far ahead of the clock a line's sound may come, and how long it may stay away, milliseconds. */
const AHEAD_MS = 3000;
const AWAY_MS = 10_000;
/** More than this is not sent to a line that does not take it. */
const MOST_WAITING = 1 << 20;

/** What stands around the sound of a line. */
export interface Around {
  tell: (message: object) => void;
  /** A message that is no sound: true where it is understood, or that the other side hangs up. */
  message: (message: unknown) => boolean | "hang-up";
  /** Called for each frame that came in, with what went out for it. */
  frame?: (heard: Samples, said: Samples) => void;
}

/** A text message of a socket as data; null where it is none. */
export function jsonOf(data: RawData): unknown {
  try {
    return JSON.parse((data as Buffer).toString("utf8"));
  } catch {
    return null;
  }
}

/** Carries a call's sound in and out over a socket, until it has ended on one side or the other and all is answered. */
export function carry(ws: WebSocket, call: Call, around: Around): Promise<void> {
  return new Promise((done) => {
    const began = performance.now();
    let arrivals: Arrivals = { next: 0, rest: new Int16Array(0) };
    let heardAt = began;
    let gotMs = 0;
    let sent = 0;
    const finish = (): void => {
      clearInterval(watch);
      ws.off("message", hear);
      ws.off("close", gone);
      // What is still being answered is let finish: it may be a booking.
      const settle = async (): Promise<void> => {
        for (let i = 0; i < 100 && call.working; i++) await new Promise((d) => setTimeout(d, 20));
      };
      void settle().finally(done);
    };
    const end = (why: "left" | "dropped"): void => void call.hangUp(why).finally(finish);
    const gone = (code: number): void => end(code === 1000 || code === 1001 ? "left" : "dropped");
    const watch = setInterval(() => {
      if (performance.now() - heardAt > AWAY_MS) end("dropped");
    }, 1000);
    const hear = (data: RawData, binary: boolean): void => {
      if (!binary) {
        const known = around.message(jsonOf(data));
        if (known === "hang-up") end("left");
        else if (!known) around.tell({ event: "unknown", what: "A message that is not understood was left out." });
        return;
      }
      const frame = unframed(data as Buffer);
      if (!frame) {
        around.tell({ event: "unknown", what: "Sound must be four bytes of count and then samples of 16 bit, a second at most." });
        return;
      }
      heardAt = performance.now();
      const came = arrived(arrivals, frame.seq, frame.samples);
      arrivals = came.state;
      gotMs += came.frames.length * FRAME_MS;
      if (gotMs - (heardAt - began) > AHEAD_MS) {
        around.tell({ event: "fault", why: "too-fast", what: "Sound comes faster than it can be spoken. Send 50 frames a second." });
        ws.close(1008, "too-fast");
        return;
      }
      for (const f of came.frames) {
        if (call.ended) break;
        const out = call.frame(f);
        if (ws.bufferedAmount < MOST_WAITING) ws.send(framed(sent, out));
        sent++;
        around.frame?.(f, out);
      }
      if (call.ended) finish();
    };
    ws.on("message", hear);
    ws.on("close", gone);
    if (ws.readyState !== WebSocket.OPEN) gone(1006);
  });
}
