import type { IncomingMessage } from "node:http";
import type { Duplex } from "node:stream";
import type { WebSocketServer, WebSocket } from "ws";
import { z } from "zod";
import { readyOf } from "@gentian/core/house/draft";
import type { House } from "@gentian/core/house/compile";
import { FRAME_MS, RATE } from "@gentian/core/speech/sound";
import type { App } from "../parts.ts";
import type { AccountRow } from "../data/accounts.ts";
import { houseById, houseNow } from "../data/houses.ts";
import { draftFor } from "../drafts.ts";
import { namesOn } from "./names.ts";
import { endingsAt } from "../speech/models.ts";
import { speakerOf } from "../speech/voices.ts";
import { accountOf } from "./account.ts";
import { Call, type Talker, type Turned } from "./call.ts";
import { carry } from "./socket.ts";

/** So long the page may take over an answer. */
const ANSWER_MS = 10_000;

const answerSchema = z.object({
  event: z.literal("answer"),
  id: z.number().int(),
  turned: z.object({
    replies: z.array(z.object({ text: z.string().max(8000), speech: z.string().max(8000), from: z.enum(["receptionist", "desk"]) })).max(20),
    status: z.enum(["open", "with-desk", "closed"]),
    expects: z.string().max(100),
    spelling: z.boolean().optional(),
  }),
});
const ownMessages = z.discriminatedUnion("event", [
  answerSchema,
  z.object({ event: z.literal("key"), key: z.string().regex(/^[0-9*#]$/) }),
  z.object({ event: z.literal("hang-up") }),
]);

/**
 * A rehearsal by voice. The conversation is the page's own, which plays it on a copy of the calendars by the draft as it
 * is being written; here is what it lacks: an ear, a voice, and whose turn it is.
 */
export function openRehearsalLine(app: App, sockets: WebSocketServer, req: IncomingMessage, socket: Duplex, head: Buffer): void {
  accountOf(app, req, socket, (account) =>
    sockets.handleUpgrade(req, socket, head, (ws) => {
      sockets.emit("connection", ws, req);
      hold(app, ws, account).catch((error: unknown) => {
        app.log.warn({ err: error }, "a rehearsal by voice");
        ws.terminate();
      });
    }),
  );
}

async function hold(app: App, ws: WebSocket, account: AccountRow): Promise<void> {
  const tell = (message: object): void => {
    if (ws.readyState === ws.OPEN) ws.send(JSON.stringify(message));
  };
  const fault = (why: string, what: string): void => {
    tell({ event: "fault", why, what });
    ws.close(1008, why);
  };
  const { speech } = app;
  if (!speech) return fault("no-speech", "This machine has no recogniser or voices. Start Gentian with ./gentian start, which installs them.");
  const row = await houseById(app.db, account.houseId);
  if (!row) return fault("no-house", "This house is no longer there.");
  const { house, handbook } = readyOf((await draftFor(app.db, row)).draft);
  const clients = await namesOn(app, row.id);
  const model = await speech.modelNow(house, clients);
  const ear = speech.borrow(model);
  try {
    await ear.ready;
    const talker = new PageTalker(house, () => houseNow(row.clock), tell);
    const line = handbook.lines.find((l) => l.channel === "phone") ?? handbook.lines[0];
    const call = new Call({
      talker,
      ear,
      endings: endingsAt(model),
      speak: speakerOf(speech.voices, house, line?.receptionist),
      // Nothing of a rehearsal is recorded.
      calls: { ...handbook.calls, record: "no" },
      clients,
      // Nobody is at a rehearsal's desk: it rings, and the receptionist comes back.
      desk: { ring: () => () => undefined },
      on: tell,
    });
    tell({ event: "started", rate: RATE, frameMs: FRAME_MS });
    const held = carry(ws, call, {
      tell,
      message: (m) => {
        const known = ownMessages.safeParse(m);
        if (!known.success) return false;
        if (known.data.event === "hang-up") return "hang-up";
        if (known.data.event === "key") call.press(known.data.key);
        else talker.answered(known.data.id, known.data.turned as Turned);
        return true;
      },
    });
    await call.begin();
    await held;
  } finally {
    ear.close();
  }
  if (ws.readyState === ws.OPEN) ws.close(1000);
}

/** A conversation that the page holds: each turn is asked of it, and its answer waited for. */
class PageTalker implements Talker {
  readonly #waiting = new Map<number, { done: (t: Turned) => void; fail: (e: Error) => void }>();
  #next = 1;

  constructor(
    readonly house: House,
    readonly now: () => number,
    readonly tell: (message: object) => void,
  ) {}

  answered(id: number, turned: Turned): void {
    this.#waiting.get(id)?.done(turned);
    this.#waiting.delete(id);
  }

  #ask(what: object): Promise<Turned> {
    const id = this.#next++;
    return new Promise((done, fail) => {
      this.#waiting.set(id, { done, fail });
      setTimeout(() => {
        if (this.#waiting.delete(id)) fail(new Error("the page gave no answer"));
      }, ANSWER_MS).unref();
      this.tell({ event: "ask", id, ...what });
    });
  }

  start = (): Promise<Turned> => this.#ask({ start: true });
  say = (text: string, sure = 1): Promise<Turned> => this.#ask({ said: text, sure });
  event = (kind: "silence" | "unclear" | "left"): Promise<Turned> =>
    kind === "left" ? Promise.resolve({ replies: [], status: "closed", expects: "nothing" }) : this.#ask({ kind });
  nobodyCame = (): Promise<Turned> => this.#ask({ kind: "nobody-came" });
  interrupted = (): Promise<void> => Promise.resolve();
}
