import { readFileSync, writeFileSync } from "node:fs";
import { WebSocket } from "ws";
import { FRAME, FRAME_MS, joined, readWav, SoundFault, toLine, writeWav, type Samples } from "@gentian/core/speech/sound";
import { framed, unframed } from "@gentian/core/speech/wire";
import { inCwd } from "./database.ts";
import { Mistake, type Flags } from "./mistake.ts";

/** When nobody speaks for so long after the last sound file, the caller hangs up. */
const HANG_UP_AFTER_MS = 4000;
/** Between the receptionist's last sound and the caller's next file. */
const PAUSE_MS = 400;
/** A frame louder than this is something that one hears. */
const AUDIBLE = 200;

/**
 * Holds a call from sound files: each is spoken when the receptionist has finished, in real time. Writes what the
 * receptionist said, and tells both sides' words.
 */
export async function call(flags: Flags, line: string | undefined): Promise<void> {
  if (!line) throw new Mistake("Which line? ./gentian call ternbay-phone --wav FILE");
  const files = flags.wav ?? [];
  if (files.length === 0) throw new Mistake("What shall the caller say? --wav takes a sound file; give several for several turns.");
  const turns = files.map((f) => {
    try {
      return toLine(readWav(readFileSync(inCwd(f))));
    } catch (error) {
      throw new Mistake(error instanceof SoundFault ? `${f}: ${error.message}` : `${f} cannot be read.`);
    }
  });
  const port = Number(flags.port ?? 4600);
  const ws = new WebSocket(`ws://127.0.0.1:${port}/api/v1/lines/${encodeURIComponent(line)}/call`);
  const heard: Samples[] = [];
  const say = (text: string): void => void process.stdout.write(`${text}\n`);
  await new Promise<void>((done, fail) => {
    ws.once("open", done);
    ws.once("error", () => fail(new Mistake(`Nothing answers on port ${port}. Start Gentian first (./gentian start), or name its port with --port.`)));
  });
  ws.send(JSON.stringify({ event: "start", ...(flags.from ? { from: flags.from } : {}) }));
  let fault: string | null = null;
  await new Promise<void>((done) => {
    let seq = 0;
    let atMs = 0;
    let lastAudibleMs = 0;
    let turn: Samples | null = null;
    let at = 0;
    let timer: NodeJS.Timeout | null = null;
    const tick = (): void => {
      atMs += FRAME_MS;
      if (!turn && atMs - lastAudibleMs > PAUSE_MS && lastAudibleMs > 0 && turns.length > 0) {
        turn = turns.shift() ?? null;
        at = 0;
      }
      if (!turn && turns.length === 0 && atMs - lastAudibleMs > HANG_UP_AFTER_MS) {
        ws.send(JSON.stringify({ event: "hang-up" }));
        return;
      }
      const part = turn?.slice(at, at + FRAME) ?? new Int16Array(0);
      const frame = new Int16Array(FRAME);
      frame.set(part);
      at += FRAME;
      if (turn && at >= turn.length) {
        turn = null;
        lastAudibleMs = atMs + 1500;
      }
      ws.send(framed(seq++, frame));
    };
    ws.on("message", (data, binary) => {
      if (binary) {
        const f = unframed(data as Buffer);
        if (!f) return;
        heard.push(f.samples);
        if (f.samples.some((s) => Math.abs(s) > AUDIBLE)) lastAudibleMs = Math.max(lastAudibleMs, atMs);
        return;
      }
      const m = JSON.parse((data as Buffer).toString("utf8")) as {
        event: string;
        what?: string;
        why?: string;
        to?: string;
        words?: string;
        turn?: { text: string; waitMs?: number };
      };
      if (m.event === "started") {
        const began = performance.now();
        // By the clock, not by the timer: a timer is late.
        timer = setInterval(() => {
          while (atMs < performance.now() - began) tick();
        }, 10);
      } else if (m.event === "heard") say(`Caller: ${m.turn?.text ?? ""}`);
      else if (m.event === "said") say(`Receptionist: ${m.turn?.text ?? ""}`);
      else if (m.event === "unclear") say(`    (not clear: ${m.words ?? ""})`);
      else if (m.event === "ringing" || m.event === "back") say(`    (${m.event})`);
      else if (m.event === "put-through") say(`    (put through to ${m.to ?? ""})`);
      else if (m.event === "ended") say(`    (ended: ${m.why ?? ""})`);
      else if (m.event === "fault") fault = m.what ?? "The line is broken.";
    });
    ws.on("close", () => {
      if (timer) clearInterval(timer);
      done();
    });
  });
  if (fault) throw new Mistake(fault);
  const out = inCwd(flags.out ?? "answer.wav");
  writeFileSync(out, writeWav([joined(heard)]));
  say(`The answer's sound is in ${flags.out ?? "answer.wav"}.`);
}
