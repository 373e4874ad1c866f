import type { IncomingMessage, Server } from "node:http";
import type { Duplex } from "node:stream";
import { parsePhoneNumberFromString, type CountryCode } from "libphonenumber-js";
import { WebSocket, WebSocketServer, type RawData } from "ws";
import { z } from "zod";
import type { House } from "@gentian/core/house/compile";
import { phoneText } from "@gentian/core/conversation/format";
import { spoken } from "@gentian/core/conversation/wording/speech";
import type { Calls, Line } from "@gentian/core/house/schema";
import { EMERGENCY, telephoneFor } from "@gentian/core/house/through";
import { announcement, type Why } from "@gentian/core/speech/packs/en/phrases";
import { bytesOf, FRAME_MS, interleaved, joined, RATE, type Samples } from "@gentian/core/speech/sound";
import type { App } from "../parts.ts";
import { cutOffFrom, insertCall, insertSound, saveCall } from "../data/calls.ts";
import { clientsByContact } from "../data/clients.ts";
import { turnsOf } from "../data/conversations.ts";
import { allHouses, houseByLine, houseNow, type HouseRow } from "../data/houses.ts";
import { endingsAt, type Model } from "../speech/models.ts";
import type { BorrowedEar, Speech } from "../speech/speech.ts";
import { speakerOf } from "../speech/voices.ts";
import { Call, type CallEvent, type OtherEnd } from "./call.ts";
import { openDeskEnd } from "./deskend.ts";
import { openGateway, openTelephone } from "./gateway.ts";
import { namesOn } from "./names.ts";
import { openRehearsalLine } from "./rehearsal.ts";
import { knows } from "./secret.ts";
import { carry, jsonOf } from "./socket.ts";
import { LineTalker } from "./talker.ts";

/** A line that was cut may call again for so long, and the conversation goes on. */
const AGAIN_MIN = 10;
/** Each call has an ear of its own, of some 150 MB. */
const MOST_CALLS = 12;
const KEEP_DAYS = 30;
/** A recording is kept in pieces of so long. */
const PIECE_MS = 5000;

const startMessage = z.object({ event: z.literal("start"), from: z.string().max(40).optional(), secret: z.string().max(200).optional() });
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
    const dialled = /^\/api\/v1\/gateway\/([0-9a-f-]{36})$/.exec(path)?.[1];
    if (line)
      sockets.handleUpgrade(req, socket, head, (ws) => {
        sockets.emit("connection", ws, req);
        lines.open(ws, line).catch((error: unknown) => {
          app.log.warn({ err: error }, "a line");
          ws.terminate();
        });
      });
    else if (taken) openDeskEnd(app, sockets, req, socket, head, taken);
    else if (path === "/api/v1/gateway") openGateway(app, sockets, req, socket, head);
    else if (dialled) openTelephone(app, sockets, req, socket, head, dialled);
    else if (path === "/api/desk/rehearsal/line") openRehearsalLine(app, sockets, req, socket, head);
    else socket.end("HTTP/1.1 404 Not Found\r\n\r\n");
  };
  server.on("upgrade", upgrade);
  return () => {
    server.off("upgrade", upgrade);
    for (const ws of sockets.clients) ws.terminate();
    sockets.close();
  };
}

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
      await new OpenCall(app, app.speech, ws, row, line, believed(first, app.options.gatewaySecret)).run();
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

/** The number that a line shows; none where a gateway must prove itself and does not: anybody can write a number. */
const believed = (start: z.infer<typeof startMessage>, secret: string | undefined): string | undefined =>
  secret === undefined || knows(start.secret, secret) ? start.from : undefined;

/** A call on a line, from the first frame to the last row that is kept of it. */
class OpenCall {
  #id = "";
  #conversation = "";
  #piece: { left: Samples[]; right: Samples[] } = { left: [], right: [] };
  #pieces = 0;
  #saving: Promise<unknown> = Promise.resolve();
  #putThroughTo: string | undefined;
  /** Whose card the number of the line is on, where it is on one alone. */
  #card: string | undefined;

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
    const cards = from ? await clientsByContact(app.db, row.id, from, undefined) : [];
    this.#card = cards.length === 1 ? cards[0]?.client.name : undefined;
    const resumed = before ? await app.talk.resume(before) : null;
    const talker = new LineTalker(app, row, house, this.line, from, before && resumed ? { id: before, ...resumed } : null);
    const call = new Call({
      talker,
      ear,
      endings: endingsAt(model),
      speak: speakerOf(speech.voices, house, this.line.receptionist),
      calls,
      clients,
      ...(resumed ? { resumed: { again: resumed.state.heard ?? "" } } : {}),
      desk: { ring: (answered) => this.#ring(house, talker, from, answered) },
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
    let savedMs = 0;
    return carry(this.ws, call, {
      tell: (m) => this.#tell(m),
      message: (m) => {
        const known = lineMessage.safeParse(m);
        if (!known.success) return false;
        if (known.data.event === "hang-up") return "hang-up";
        if (known.data.event === "key") call.press(known.data.key);
        return true;
      },
      frame: (heard, said) => {
        // A message that is left is kept with its sound, whatever else is.
        if (call.recording || call.expects === "message") this.#record(heard, said);
        if (call.nowMs - savedMs > PIECE_MS) {
          savedMs = call.nowMs;
          this.#saving = this.#saving.then(() => this.#save(call, calls)).catch((error: unknown) => this.app.log.warn({ err: error }, "keeping a call"));
        }
      },
    });
  }

  /** Rings at the desk, and at the telephone of whoever it is for. */
  #ring(house: House, talker: LineTalker, from: string | undefined, answered: (other: OtherEnd) => void): () => void {
    const { app, row } = this;
    const { name, errand, said, through } = talker.handedOver;
    const tell = (): void => app.bus.tell({ house: row.id, what: "talk", id: this.#conversation });
    const telephone = telephoneFor(house, through, talker.now());
    const known = name ?? this.#card ?? (from ? phoneText(from, house.handbook.country) : undefined);
    const why: Why = through === EMERGENCY ? "emergency" : (errand ?? "person");
    const announced = (house.handbook.calls?.through ?? "announced") === "announced";
    const speak = speakerOf(this.speech.voices, house, this.line.receptionist);
    const stop = app.exchange.ring(
      {
        conversation: this.#conversation,
        house: row.id,
        who: known ?? "somebody whose number is not shown",
        why,
        words: said,
        sinceMs: Date.now(),
        ...(telephone ? { telephone } : {}),
        ...(from ? { from } : {}),
        ...(announced ? { announcement: () => speak(spoken(announcement(house.handbook.shortName, known, why), house)) } : {}),
      },
      (other) => {
        tell();
        answered(other);
      },
    );
    tell();
    return () => {
      stop();
      tell();
    };
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
    const both = interleaved(joined(left), joined(right));
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
