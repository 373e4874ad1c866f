import type { IncomingMessage, Server } from "node:http";
import type { Duplex } from "node:stream";
import { parsePhoneNumberFromString, type CountryCode } from "libphonenumber-js";
import { WebSocket, WebSocketServer, type RawData } from "ws";
import { z } from "zod";
import type { Answered } from "@gentian/core/contract";
import type { Expects } from "@gentian/core/language/context";
import type { House } from "@gentian/core/house/compile";
import type { Calls, Line } from "@gentian/core/house/schema";
import { bytesOf, FRAME_MS, RATE, type Samples } from "@gentian/core/speech/sound";
import { arrived, framed, unframed, type Arrivals } from "@gentian/core/speech/wire";
import type { App } from "../app.ts";
import { cutOffFrom, insertCall, insertSound, saveCall } from "../data/calls.ts";
import { allClients } from "../data/clients.ts";
import { turnsOf } from "../data/conversations.ts";
import { allHouses, houseByLine, houseNow, type HouseRow } from "../data/houses.ts";
import { endingsAt, type Model } from "../speech/models.ts";
import type { BorrowedEar, Speech } from "../speech/speech.ts";
import { Call, type CallEvent, type Talker, type Turned } from "./call.ts";
import { openDeskEnd } from "./deskend.ts";

/** How far ahead of the clock a line's sound may come, and how long it may stay away, milliseconds. */
const AHEAD_MS = 3000;
const AWAY_MS = 10_000;
/** A line that was cut may call again for so long, and the conversation goes on. */
const AGAIN_MIN = 10;
/** Each call has an ear of its own, of some 150 MB. */
const MOST_CALLS = 12;
const KEEP_DAYS = 30;
/** A recording is kept in pieces of so long. */
const PIECE_MS = 5000;

const startMessage = z.object({ event: z.literal("start"), from: z.string().max(40).optional() });
const lineMessage = z.discriminatedUnion("event", [
  startMessage,
  z.object({ event: z.literal("key"), key: z.string().regex(/^[0-9*#]$/) }),
  z.object({ event: z.literal("hang-up") }),
]);

/** Opens the phone lines beside the server's requests: WebSockets at `/api/v1/lines/{line}/call` and the desk's own end. Gives what closes them. */
export function openLines(app: App, server: Server): () => void {
  const sockets = new WebSocketServer({ noServer: true, maxPayload: 64 * 1024 });
  const lines = new Lines(app);
  // Whatever a stranger sends must end their own line and nothing else.
  sockets.on("connection", (ws: WebSocket) => ws.on("error", () => ws.terminate()));
  const upgrade = (req: IncomingMessage, socket: Duplex, head: Buffer): void => {
    socket.on("error", () => socket.destroy());
    const path = (req.url ?? "/").split("?")[0] ?? "/";
    const line = /^\/api\/v1\/lines\/([a-z0-9-]{1,64})\/call$/.exec(path)?.[1];
    const taken = /^\/api\/desk\/calls\/([0-9a-f-]{36})\/line$/.exec(path)?.[1];
    if (line)
      sockets.handleUpgrade(req, socket, head, (ws) => {
        sockets.emit("connection", ws, req);
        lines.open(ws, line).catch((error: unknown) => {
          app.log.warn({ err: error }, "a line");
          ws.terminate();
        });
      });
    else if (taken) openDeskEnd(app, sockets, req, socket, head, taken);
    else socket.end("HTTP/1.1 404 Not Found\r\n\r\n");
  };
  server.on("upgrade", upgrade);
  return () => {
    server.off("upgrade", upgrade);
    for (const ws of sockets.clients) ws.terminate();
    sockets.close();
  };
}

const namesOn = async (app: App, houseId: string): Promise<string[]> => (await allClients(app.db, houseId)).slice(-5000).map((c) => c.name);

/** Makes the models of every house with a phone line, and starts ears ahead of the first call. */
export async function warmLines(app: App): Promise<void> {
  const { speech } = app;
  if (!speech) return;
  for (const row of await allHouses(app.db)) {
    const house = await app.houses.version(app.db, row.versionId);
    if (house.handbook.lines.some((l) => l.channel === "phone" && l.state !== "off")) speech.warm(await speech.model(house, await namesOn(app, row.id)));
  }
}

class Lines {
  #open = 0;
  constructor(readonly app: App) {}

  async open(ws: WebSocket, key: string): Promise<void> {
    const { app } = this;
    const fault = (why: string, what: string): void => {
      if (ws.readyState !== WebSocket.OPEN) return;
      ws.send(JSON.stringify({ event: "fault", why, what }));
      ws.close(1008, why);
    };
    // Sound may come before the call is ready: it is a caller who breathes.
    const first = await firstMessage(ws);
    if (!first) return fault("no-start", 'Begin with {"event":"start"}.');
    const row = await houseByLine(app.db, key);
    const line = row ? (await app.houses.version(app.db, row.versionId)).handbook.lines.find((l) => l.key === key) : undefined;
    if (!row || line?.channel !== "phone") return fault("no-such-line", "There is no such phone line. Check its key in the handbook.");
    if (line.state === "off") return fault("line-off", "This line is off. Call the house's own number instead.");
    if (!app.speech) return fault("no-speech", "This machine has no recogniser or voices. Start Gentian with ./gentian start, which installs them.");
    if (this.#open >= MOST_CALLS) return fault("busy", "All lines are busy. Call again in a minute.");
    this.#open++;
    try {
      await new OpenCall(app, app.speech, ws, row, line, first.from).run();
    } catch (error) {
      app.log.warn({ err: error }, "a call");
      if (ws.readyState === WebSocket.OPEN) fault("broken", "Something went wrong on our side. What was booked is safe; please call again.");
    } finally {
      this.#open--;
    }
  }
}

function firstMessage(ws: WebSocket): Promise<z.infer<typeof startMessage> | null> {
  return new Promise((done) => {
    const timer = setTimeout(() => done(null), 5000);
    const end = (v: z.infer<typeof startMessage> | null): void => {
      clearTimeout(timer);
      ws.off("message", hear);
      done(v);
    };
    const hear = (data: RawData, binary: boolean): void => {
      if (binary) return;
      const m = startMessage.safeParse(jsonOf(data));
      end(m.success ? m.data : null);
    };
    ws.on("message", hear);
    ws.once("close", () => end(null));
  });
}

function jsonOf(data: RawData): unknown {
  try {
    return JSON.parse((data as Buffer).toString("utf8"));
  } catch {
    return null;
  }
}

/** A call on a line, from the first frame to the last row that is kept of it. */
class OpenCall {
  #id = "";
  #conversation = "";
  #arrivals: Arrivals = { next: 0, rest: new Int16Array(0) };
  #sent = 0;
  #gotMs = 0;
  #piece: { left: Samples[]; right: Samples[] } = { left: [], right: [] };
  #pieces = 0;
  #saving: Promise<unknown> = Promise.resolve();
  #putThroughTo: string | undefined;

  constructor(
    readonly app: App,
    readonly speech: Speech,
    readonly ws: WebSocket,
    readonly row: HouseRow,
    readonly line: Line,
    readonly from: string | undefined,
  ) {}

  async run(): Promise<void> {
    const { app, speech, ws, row } = this;
    const house = await app.houses.version(app.db, row.versionId);
    const calls: Calls = house.handbook.calls ?? {};
    const number = this.from ? parsePhoneNumberFromString(this.from, house.handbook.country as CountryCode) : undefined;
    const from = number?.isPossible() ? number.number : undefined;
    const clients = await namesOn(app, row.id);
    const model: Model = await speech.modelNow(house, clients);
    const ear = speech.borrow(model);
    try {
      await this.#hold(house, { calls, clients }, from, model, ear);
    } finally {
      ear.close();
    }
    if (ws.readyState === WebSocket.OPEN) ws.close(1000);
  }

  async #hold(house: House, { calls, clients }: { calls: Calls; clients: string[] }, from: string | undefined, model: Model, ear: BorrowedEar): Promise<void> {
    const { app, speech, row } = this;
    await ear.ready;
    const before = from ? await cutOffFrom(app.db, row.id, from, AGAIN_MIN) : null;
    const resumed = before ? await app.talk.resume(before) : null;
    const talker = new LineTalker(app, row, house, this.line, from, before && resumed ? { id: before, ...resumed } : null);
    const voice = house.handbook.receptionists.find((r) => r.id === this.line.receptionist)?.voice;
    const said = new Map((calls.said ?? []).map((s) => [s.word.toLowerCase(), s.as]));
    const call = new Call({
      talker,
      ear,
      endings: endingsAt(model),
      speak: (text) => speech.voices.speak(respelled(text, said), { voice: voice?.name ?? "clara", pace: voice?.pace ?? 1, pitch: voice?.pitch ?? 1 }),
      calls,
      clients,
      ...(resumed ? { resumed: { again: resumed.state.heard ?? "" } } : {}),
      desk: {
        ring: (answered) => {
          const { client, task } = talker.state ?? { client: undefined, task: undefined };
          const stop = app.exchange.ring(
            {
              conversation: this.#conversation,
              house: row.id,
              who: client?.name ?? from ?? "somebody whose number is not shown",
              why: task ? task.errand : "asks for a person",
              sinceMs: Date.now(),
            },
            (other) => {
              app.bus.tell({ house: row.id, what: "talk", id: this.#conversation });
              answered(other);
            },
          );
          app.bus.tell({ house: row.id, what: "talk", id: this.#conversation });
          return () => {
            stop();
            app.bus.tell({ house: row.id, what: "talk", id: this.#conversation });
          };
        },
      },
      on: (e) => this.#on(e),
    });
    this.#conversation = await talker.open();
    this.#id = await insertCall(app.db, { houseId: row.id, conversationId: this.#conversation, nowMin: houseNow(row.clock), ...(from ? { from } : {}) });
    this.#tell({ event: "started", call: this.#id, conversation: this.#conversation, rate: RATE, frameMs: FRAME_MS });
    await call.begin();
    const stopDesk = this.#hearDesk(call);
    await this.#frames(call, calls);
    stopDesk();
    await this.#keepPiece();
    await this.#save(call, calls);
  }

  /** Sound comes in and goes out until the call has ended on one side or the other. */
  #frames(call: Call, calls: Calls): Promise<void> {
    const { ws } = this;
    return new Promise((done) => {
      const began = performance.now();
      let heardAt = began;
      let savedMs = 0;
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
          const m = lineMessage.safeParse(jsonOf(data));
          if (!m.success) this.#tell({ event: "unknown", what: "A message that is not understood was left out." });
          else if (m.data.event === "hang-up") end("left");
          else if (m.data.event === "key") call.press(m.data.key);
          return;
        }
        const frame = unframed(data as Buffer);
        if (!frame) {
          this.#tell({ event: "unknown", what: "Sound must be four bytes of count and then samples of 16 bit, a second at most." });
          return;
        }
        heardAt = performance.now();
        const came = arrived(this.#arrivals, frame.seq, frame.samples);
        this.#arrivals = came.state;
        this.#gotMs += came.frames.length * FRAME_MS;
        if (this.#gotMs - (heardAt - began) > AHEAD_MS) {
          this.#tell({ event: "fault", why: "too-fast", what: "Sound comes faster than it can be spoken. Send 50 frames a second." });
          ws.close(1008, "too-fast");
          return;
        }
        for (const f of came.frames) {
          if (call.ended) break;
          const out = call.frame(f);
          if (ws.bufferedAmount < 1 << 20) ws.send(framed(this.#sent, out));
          this.#sent++;
          // A message that is left is kept with its sound, whatever else is.
          if (call.recording || call.expects === "message") this.#record(f, out);
        }
        if (call.nowMs - savedMs > PIECE_MS) {
          savedMs = call.nowMs;
          this.#saving = this.#saving.then(() => this.#save(call, calls)).catch((error: unknown) => this.app.log.warn({ err: error }, "keeping a call"));
        }
        if (call.ended) finish();
      };
      ws.on("message", hear);
      ws.on("close", gone);
      if (ws.readyState !== WebSocket.OPEN) gone(1006);
    });
  }

  /** What a person at the desk writes is said to the caller. */
  #hearDesk(call: Call): () => void {
    let last = Infinity;
    turnsOf(this.app.db, this.#conversation)
      .then((list) => (last = Math.max(0, ...list.map((t) => t.id))))
      .catch(() => undefined);
    return this.app.bus.on((m) => {
      if (m.what !== "talk" || m.id !== this.#conversation) return;
      turnsOf(this.app.db, this.#conversation, last)
        .then((list) => {
          for (const t of list) {
            last = Math.max(last, t.id);
            if (t.who === "desk") call.tell(t.text);
          }
        })
        .catch(() => undefined);
    });
  }

  #on(e: CallEvent): void {
    if (e.event === "put-through") {
      this.#putThroughTo = e.to;
      void this.app.talk.note(this.#conversation, `put through to ${e.to}`).catch(() => undefined);
    }
    this.#tell(e);
  }

  #tell(message: object): void {
    if (this.ws.readyState === WebSocket.OPEN) this.ws.send(JSON.stringify(message));
  }

  #record(heard: Samples, said: Samples): void {
    this.#piece.left.push(heard);
    this.#piece.right.push(said);
    if (this.#piece.left.length * FRAME_MS >= PIECE_MS) void this.#keepPiece();
  }

  async #keepPiece(): Promise<void> {
    const { left, right } = this.#piece;
    if (left.length === 0) return;
    this.#piece = { left: [], right: [] };
    const frame = left[0]?.length ?? 0;
    const both = new Int16Array(left.length * frame * 2);
    left.forEach((l, k) =>
      l.forEach((s, i) => {
        both[(k * frame + i) * 2] = s;
        both[(k * frame + i) * 2 + 1] = right[k]?.[i] ?? 0;
      }),
    );
    await insertSound(this.app.db, this.#id, this.#pieces++, Buffer.from(bytesOf(both))).catch((error: unknown) =>
      this.app.log.warn({ err: error }, "keeping a recording"),
    );
  }

  async #save(call: Call, calls: Calls): Promise<void> {
    await saveCall(this.app.db, this.#id, {
      state: call.ended ?? "going",
      lengthMs: call.nowMs,
      recorded: this.#pieces > 0,
      turns: call.turns,
      keepDays: calls.keepDays ?? KEEP_DAYS,
      ...(this.#putThroughTo ? { putThroughTo: this.#putThroughTo } : {}),
    });
  }
}

/** Words that voices say wrong, written as they say them right. */
function respelled(text: string, said: ReadonlyMap<string, string>): string {
  if (said.size === 0) return text;
  return text.replace(/[\p{L}'-]+/gu, (w) => said.get(w.toLowerCase()) ?? w);
}

/** A conversation of the house's own, held by telephone. */
class LineTalker implements Talker {
  #id = "";
  #token = "";
  #first: Turned | null = null;
  state: { client: { name?: string }; task: { errand: string } | null } | null = null;

  constructor(
    readonly app: App,
    readonly row: HouseRow,
    readonly house: House,
    readonly line: Line,
    readonly from: string | undefined,
    readonly before: { id: string; token: string; state: { expects: Expects } } | null,
  ) {}

  now(): number {
    return houseNow(this.row.clock);
  }

  /** Begins the conversation, or takes the one up that was cut off; gives its id. */
  async open(): Promise<string> {
    if (this.before) {
      this.#id = this.before.id;
      this.#token = this.before.token;
      this.#first = { replies: [], status: "open", expects: this.before.state.expects };
      await this.app.talk.note(this.#id, "called again");
      return this.#id;
    }
    const started = await this.app.talk.start(this.row, this.line, this.from ? { phone: this.from } : {});
    this.#id = started.conversation;
    this.#token = started.token;
    this.#first = {
      replies: started.replies.map((r) => ({ text: r.text, speech: r.speech ?? r.text, from: r.from })),
      status: "open",
      expects: (started.replies.at(-1)?.expects ?? "errand") as Expects,
    };
    return this.#id;
  }

  start(): Promise<Turned> {
    return Promise.resolve(this.#first as Turned);
  }

  say(text: string): Promise<Turned> {
    return this.app.talk.say(this.#id, this.#token, text.slice(0, 4000)).then((a) => this.#turned(a));
  }

  event(kind: "silence" | "unclear" | "left"): Promise<Turned> {
    return this.app.talk.event(this.#id, this.#token, kind).then((a) => this.#turned(a));
  }

  async nobodyCame(): Promise<Turned> {
    const before = await turnsOf(this.app.db, this.#id);
    await this.app.talk.nobodyCame(this.#id);
    const fresh = (await turnsOf(this.app.db, this.#id, Math.max(0, ...before.map((t) => t.id)))).filter((t) => t.who === "receptionist");
    const replies = fresh.map((t) => t.reply as { text: string; speech?: string; expects?: string });
    const row = await this.app.talk.open(this.app.db, this.#id, this.#token);
    return {
      replies: replies.map((r) => ({ text: r.text, speech: r.speech ?? r.text, from: "receptionist" })),
      status: row.status,
      expects: row.state.expects,
    };
  }

  async interrupted(heard: string): Promise<void> {
    await this.app.talk.note(this.#id, heard === "" ? "interrupted" : `interrupted after “${heard}”`);
  }

  #turned(a: Answered): Turned {
    this.state = {
      client: { ...(typeof a.state.known["name"] === "string" ? { name: a.state.known["name"] } : {}) },
      task: a.state.errand ? { errand: a.state.errand } : null,
    };
    return {
      replies: a.replies.map((r) => ({ text: r.text, speech: r.speech ?? r.text, from: r.from })),
      status: a.state.status,
      expects: (a.replies.at(-1)?.expects ?? (a.state.status === "open" ? "anything" : "nothing")) as Expects,
      ...(a.state.spelling ? { spelling: true } : {}),
    };
  }
}
