import type { Answered } from "@gentian/core/contract";
import type { House } from "@gentian/core/house/compile";
import type { Line } from "@gentian/core/house/schema";
import type { Expects } from "@gentian/core/language/context";
import { WHY, type Why } from "@gentian/core/speech/packs/en/phrases";
import type { App } from "../parts.ts";
import { turnsOf } from "../data/conversations.ts";
import { houseNow, type HouseRow } from "../data/houses.ts";
import type { Talker, Turned } from "./call.ts";

/** A conversation of the house's own, held by telephone. */
export class LineTalker implements Talker {
  #id = "";
  #token = "";
  #first: Turned | null = null;
  /** What whoever takes the call is told of it: who, why, and what was said last. */
  handedOver: { name?: string; errand?: Why; said: string; through?: string } = { said: "" };

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

  say(text: string, sure = 1): Promise<Turned> {
    this.handedOver.said = text;
    return this.app.talk.heard(this.#id, this.#token, text.slice(0, 4000), sure).then((a) => this.#turned(a));
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

  async #turned(a: Answered): Promise<Turned> {
    const { name } = a.state.known;
    if (typeof name === "string") this.handedOver.name = name;
    if (a.state.errand) this.handedOver.errand = whyOf(a.state.errand);
    if (a.state.status === "with-desk") {
      const { state } = await this.app.talk.open(this.app.db, this.#id, this.#token);
      delete this.handedOver.through;
      if (state.through !== undefined) this.handedOver.through = state.through;
    }
    return {
      replies: a.replies.map((r) => ({ text: r.text, speech: r.speech ?? r.text, from: r.from })),
      status: a.state.status,
      expects: (a.replies.at(-1)?.expects ?? (a.state.status === "open" ? "anything" : "nothing")) as Expects,
      ...(a.state.spelling ? { spelling: true } : {}),
    };
  }
}

/** An errand as whoever takes the call is told of it: what is asked is a question, whatever it is about. */
const whyOf = (errand: string): Why => (errand in WHY ? (errand as Why) : errand.startsWith("ask") ? "ask" : "person");
