import { createHash, randomBytes, randomInt, randomUUID, timingSafeEqual } from "node:crypto";
import type { Answered, PublicReply } from "@gentian/core/contract";
import { advance, begin } from "@gentian/core/conversation/advance";
import { publicAppointment, publicState } from "@gentian/core/conversation/public";
import type { Effect, Event, Looked, Reason, ReplyOut, State } from "@gentian/core/conversation/state";
import { spoken } from "@gentian/core/conversation/wording/speech";
import type { House } from "@gentian/core/house/compile";
import type { Channel } from "@gentian/core/house/schema";
import type { Message } from "./bus.ts";
import { doEffect, lockDesk, type Desk } from "./books.ts";
import {
  answerToRef,
  conversationById,
  insertConversation,
  insertTurns,
  saveConversation,
  saveTurn,
  setTaken,
  setToken,
  type ConversationRow,
  type NewTurn,
} from "./data/conversations.ts";
import type { Db, Tx } from "./data/db.ts";
import { houseNow, type HouseRow } from "./data/houses.ts";
import { notify } from "./data/notify.ts";
import { finishSlipsOf } from "./data/slips.ts";
import type { Houses } from "./houses.ts";
import { Refusal } from "./refusal.ts";

/** The most steps one message may take: lookups and holds come back as events, and never this many. */
const MOST_STEPS = 24;

export interface Started {
  conversation: string;
  token: string;
  replies: PublicReply[];
}

/** Runs conversations: each message is one transaction, in which its effects are done and its replies are kept. */
export class Talk {
  constructor(
    readonly db: Db,
    readonly houses: Houses,
    /** Tells other processes, once it is committed, that something was said. */
    readonly tell: (message: Message) => void,
  ) {}

  async start(
    row: HouseRow,
    line: { key: string; channel: Channel },
    more: { page?: string; locale?: string; seed?: number; nowMin?: number; phone?: string } = {},
  ): Promise<Started> {
    const token = randomBytes(24).toString("base64url");
    return this.db.transaction(async (tx) => {
      const { house } = await this.houses.today(tx, { versionId: row.versionId, houseId: row.id, rev: row.calendarRev, nowMin: houseNow(row.clock) });
      const nowMin = more.nowMin ?? houseNow(row.clock);
      const state = begin(house, nowMin, line.key, line.channel, more.seed ?? randomInt(1, 2 ** 31));
      const id = await insertConversation(tx, {
        houseId: row.id,
        versionId: row.versionId,
        line: line.key,
        channel: line.channel,
        tokenHash: hashOf(token),
        state,
        nowMin,
        ...(more.page ? { page: more.page } : {}),
        ...(more.locale ? { locale: more.locale } : {}),
      });
      const run = await this.#run(
        tx,
        { id, houseId: row.id, versionId: row.versionId, calendarRev: row.calendarRev, anyExpired: false },
        state,
        nowMin,
        { kind: "start", ...(more.phone ? { phone: more.phone } : {}) },
        [],
      );
      await saveConversation(tx, id, run.state, nowMin);
      return { conversation: id, token, replies: run.replies };
    });
  }

  /** Answers what was heard on the telephone, of which it is so sure (0 to 1). */
  async heard(id: string, token: string, text: string, sure: number): Promise<Answered> {
    return this.#step(id, token, { kind: "said", text, sure }, { who: "client", text, event: { sure } });
  }

  /** Answers a message. The same `ref` is answered the same and done once. */
  async say(id: string, token: string, text: string, ref?: string): Promise<Answered> {
    return this.#step(id, token, { kind: "said", text }, { who: "client", text, ...(ref ? { ref } : {}) });
  }

  async event(id: string, token: string, kind: "silence" | "unclear" | "left"): Promise<Answered> {
    return this.#step(id, token, { kind }, { who: "event", text: kind });
  }

  /** Goes on with an open conversation on a new call: it gets a new token. */
  async resume(id: string): Promise<{ token: string; state: State } | null> {
    const token = randomBytes(24).toString("base64url");
    return this.db.transaction(async (tx) => {
      const row = await conversationById(tx, id, true);
      if (row?.status !== "open") return null;
      await setToken(tx, id, hashOf(token));
      return { token, state: row.state };
    });
  }

  /** Notes what happened beside the words. */
  async note(id: string, text: string): Promise<void> {
    await this.db.transaction(async (tx) => {
      const row = await conversationById(tx, id, true);
      if (row) await insertTurns(tx, id, houseNow(row.clock), [{ who: "event", text }]);
    });
  }

  /** Takes up again what was handed over, since nobody at the desk has come to it. */
  async nobodyCame(id: string): Promise<void> {
    const houseId = await this.db.transaction(async (tx) => {
      const row = await conversationById(tx, id, true);
      if (row?.status !== "with-desk" || row.takenBy !== null) return null;
      await this.#advance(tx, row, { kind: "nobody-came" }, { who: "event", text: "nobody came" });
      return row.houseId;
    });
    if (houseId) this.tell({ house: houseId, what: "talk", id });
  }

  /** Closes a conversation in which nobody speaks any more. */
  async abandon(id: string): Promise<void> {
    const houseId = await this.db.transaction(async (tx) => {
      const row = await conversationById(tx, id, true);
      if (row?.status !== "open") return null;
      await this.#advance(tx, row, { kind: "left" }, { who: "event", text: "left" });
      return row.houseId;
    });
    if (houseId) this.tell({ house: houseId, what: "talk", id });
  }

  async #step(id: string, token: string, event: Event, turn: NewTurn): Promise<Answered> {
    const light = await this.#lightly(id, token, event, turn);
    if (light) return light;
    let houseId = "";
    const answer = await this.db.transaction(async (tx) => {
      const row = await this.open(tx, id, token, true);
      houseId = row.houseId;
      // Asked again now that the lock is held: who waited for it saw the turns as they were before.
      const before = turn.ref ? await answerToRef(tx, id, turn.ref) : null;
      if (before) return before as Answered;
      refuseClosed(row);
      return this.#advance(tx, row, event, turn);
    });
    this.tell({ house: houseId, what: "talk", id });
    return answer;
  }

  /**
   * The common turn, in which nothing is done outside: read, advance, and one statement that keeps it, provided that
   * nobody else has changed the conversation meanwhile. Null where it takes a transaction.
   */
  async #lightly(id: string, token: string, event: Event, turn: NewTurn): Promise<Answered | null> {
    const row = await this.open(this.db, id, token, false, turn.ref);
    if (row.answered) return row.answered as Answered;
    refuseClosed(row);
    if (row.anyExpired) return null;
    const nowMin = houseNow(row.clock);
    const { house, calendar } = await this.houses.today(this.db, { versionId: row.versionId, houseId: row.houseId, rev: row.calendarRev, nowMin });
    const step = advance(house, calendar, nowMin, row.state, event);
    if (step.effects.length > 0) return null;
    const replies = step.reply ? [publicReply(house, step.reply)] : [];
    const answer: Answered = { replies, state: publicState(house, nowMin, step.state) };
    const turns: NewTurn[] = [{ ...turn, ...(turn.ref ? { answer } : {}) }];
    if (step.reply) turns.push({ who: "receptionist", text: step.reply.text, reply: replies[0], reasons: step.reasons, openings: step.looked });
    try {
      if (!(await saveTurn(this.db, row, nowMin, turns, step.state))) return null;
    } catch (error) {
      // Somebody else was first with the same ref: their answer is found in the transaction.
      if ((error as { code?: string }).code === "23505") return null;
      throw error;
    }
    this.tell({ house: row.houseId, what: "talk", id });
    return answer;
  }

  async #advance(tx: Tx, row: ConversationRow, event: Event, turn: NewTurn): Promise<Answered> {
    const nowMin = houseNow(row.clock);
    const { house } = await this.houses.today(tx, { versionId: row.versionId, houseId: row.houseId, rev: row.calendarRev, nowMin });
    const turns: NewTurn[] = [turn];
    const run = await this.#run(tx, row, row.state, nowMin, event, turns);
    const answer: Answered = { replies: run.replies, state: publicState(house, nowMin, run.state) };
    turn.answer = turn.ref ? answer : undefined;
    if (!(await saveTurn(tx, row, nowMin, turns, run.state))) throw new Error("a conversation that changed under its lock");
    return answer;
  }

  /** Advances until nothing is left to be done outside; replies are joined into one per message. */
  async #run(
    tx: Tx,
    row: { id: string; houseId: string; versionId: string; calendarRev: number; anyExpired: boolean },
    before: State,
    nowMin: number,
    first: Event,
    turns: NewTurn[],
  ): Promise<{ state: State; replies: PublicReply[] }> {
    const at = { versionId: row.versionId, houseId: row.houseId, nowMin };
    const desk: Desk = {
      tx,
      ...(await this.houses.today(tx, { ...at, rev: row.calendarRev })),
      houseId: row.houseId,
      nowMin,
      actor: "receptionist",
      conversationId: row.id,
      fresh: (rev) => this.houses.today(tx, { ...at, rev }),
    };
    // A hold that has run out no longer stands in anybody's way, swept away or not.
    if (row.anyExpired) await lockDesk(desk);
    let state = before;
    const replies: PublicReply[] = [];
    const events: Event[] = [first];
    // What was read before a look-up belongs to the reply that comes after it.
    let reasons: Reason[] = [];
    let seen: Looked[] = [];
    for (let i = 0; events.length > 0; i++) {
      if (i >= MOST_STEPS) throw new Error("a conversation that does not come to rest");
      const event = events.shift() as Event;
      const { house } = desk;
      const step = advance(house, desk.calendar, nowMin, state, event);
      state = step.state;
      reasons = [...reasons, ...step.reasons];
      seen = [...seen, ...step.looked];
      if (step.reply) {
        const reply = publicReply(house, step.reply);
        replies.push(reply);
        turns.push({ who: "receptionist", text: step.reply.text, event: i === 0 && !("phone" in event) ? undefined : event, reply, reasons, openings: seen });
        reasons = [];
        seen = [];
      }
      for (const effect of step.effects) {
        const back = await doEffect(desk, effect);
        if (back) events.push(back);
        const note = effectNote(effect, back);
        if (note) turns.push({ who: "event", text: note, event: { effect, back } });
      }
    }
    if (turns.length > 0 && first.kind === "start") await insertTurns(tx, row.id, nowMin, turns);
    return { state, replies };
  }

  /** The conversation, if the token is its own: 404 where there is none, 401 where the token is wrong. */
  async open(tx: Tx, id: string, token: string, lock = false, ref?: string): Promise<ConversationRow> {
    const row = UUID.test(id) ? await conversationById(tx, id, lock, ref ?? null) : null;
    if (!row) throw new Refusal(404, "There is no such conversation");
    if (!token || !timingSafeEqual(hashOf(token), row.tokenHash))
      throw new Refusal(401, "The token does not belong to this conversation", "Send it as Authorization: Bearer, as it came when the conversation began.");
    return row;
  }

  // ---- the desk's hand ----

  /** A person takes the conversation over: the receptionist is silent until it is handed back. */
  async takeOver(houseId: string, id: string, account: { id: string; name: string }): Promise<void> {
    await this.#byDesk(houseId, id, async (tx, row, nowMin) => {
      if (row.status === "closed") throw new Refusal(409, "This conversation is closed");
      const state: State = { ...row.state, status: "with-desk", expects: "anything" };
      await saveConversation(tx, id, state, nowMin);
      await setTaken(tx, id, account.id);
      await finishSlipsOf(tx, id, account.name, nowMin);
      await insertTurns(tx, id, nowMin, [{ who: "event", text: `${account.name} takes over` }]);
    });
  }

  /** A telephone of the house's was picked up, and its owner has the caller. */
  async pickedUp(houseId: string, id: string, name: string): Promise<void> {
    await this.#byDesk(houseId, id, (tx, _row, nowMin) => finishSlipsOf(tx, id, name, nowMin));
  }

  async handBack(houseId: string, id: string, account: { name: string }): Promise<void> {
    await this.#byDesk(houseId, id, async (tx, row, nowMin) => {
      if (row.status !== "with-desk") throw new Refusal(409, "This conversation is not with the desk");
      await saveConversation(tx, id, { ...row.state, status: "open", expects: "anything" }, nowMin);
      await setTaken(tx, id, null);
      await insertTurns(tx, id, nowMin, [{ who: "event", text: `${account.name} hands back` }]);
    });
  }

  async deskSays(houseId: string, id: string, account: { name: string }, text: string): Promise<void> {
    await this.#byDesk(houseId, id, async (tx, row, nowMin) => {
      if (row.status !== "with-desk") throw new Refusal(409, "Take the conversation over before you write");
      const reply: PublicReply = { id: randomUUID(), from: "desk", text, expects: "anything" };
      await insertTurns(tx, id, nowMin, [{ who: "desk", text, reply, reasons: [{ what: "rule", rule: `desk/${account.name}` }] }]);
      await saveConversation(tx, id, row.state, nowMin);
    });
  }

  async #byDesk(houseId: string, id: string, act: (tx: Tx, row: ConversationRow, nowMin: number) => Promise<void>): Promise<void> {
    await this.db.transaction(async (tx) => {
      const row = UUID.test(id) ? await conversationById(tx, id, true) : null;
      if (!row || row.houseId !== houseId) throw new Refusal(404, "There is no such conversation");
      await act(tx, row, houseNow(row.clock));
      await notify(tx, { house: houseId, what: "talk", id });
      await notify(tx, { house: houseId, what: "slip" });
    });
  }
}

function refuseClosed(row: ConversationRow): void {
  if (row.status === "closed") throw new Refusal(409, "This conversation is closed", "Start a new conversation to go on.");
}

export const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;

export const hashOf = (token: string): Buffer => createHash("sha256").update(token).digest();

function publicReply(house: House, r: ReplyOut): PublicReply {
  return {
    id: randomUUID(),
    from: "receptionist",
    text: r.text,
    speech: spoken(r.text, house),
    expects: r.expects,
    ...(r.choices ? { choices: r.choices } : {}),
    ...(r.appointment ? { appointment: publicAppointment(house, r.appointment.of, r.appointment.status) } : {}),
    sources: r.sources,
  };
}

/** A stage direction for what was done beside the words. */
function effectNote(effect: Effect, back: Event | null): string | null {
  switch (effect.kind) {
    case "find-client":
      return back?.kind === "client-found"
        ? `looked up the card: ${back.match === "both" ? "found" : back.match === "number-only" ? "the number is another name's" : "not found"}`
        : null;
    case "hold":
      return back?.kind === "held" ? "held" : "lost";
    case "release":
      return "released";
    case "book":
    case "move":
    case "cancel":
      return back?.kind ?? null;
    case "slip":
      return effect.slip;
  }
}
