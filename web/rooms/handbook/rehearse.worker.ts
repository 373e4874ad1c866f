import { CopyBook, Rehearsal, type CopyAppointment, type CopyClient } from "@gentian/core/conversation/copybook";
import { spoken } from "@gentian/core/conversation/wording/speech";
import { readyOf, type Draft, type Ready } from "@gentian/core/house/draft";
import { matches, SUPPORTS } from "@gentian/core/knowledge/match";
import type { ReplyOut } from "@gentian/core/conversation/state";
import type { Channel } from "@gentian/core/house/schema";
import type { BusyRow } from "@gentian/core/schedule/calendar";

/** Lines less likely than this are not worth a look. */
const WORTH_SHOWING = 0.01;

/** What a rehearsal copies of the books. */
export interface Copy {
  nowMin: number;
  busy: BusyRow[];
  clients: CopyClient[];
  appointments: CopyAppointment[];
}

/** What comes from the client: words, written or heard and so sure, or that nothing was said, or nothing that could be heard. */
export type Said = string | { kind: "heard"; text: string; sure: number } | { kind: "silence" | "unclear" | "nobody-came" };

/** The last replies as a telephone line needs them. */
export interface Turned {
  replies: { text: string; speech: string; from: "receptionist" }[];
  status: string;
  expects: string;
  spelling?: boolean;
}

export interface Played {
  who: "client" | "receptionist";
  text: string;
  reply?: ReplyOut;
  /** What was done beside the words. */
  notes: string[];
}

export interface Tried {
  label: string;
  text: string;
  kind: string;
  id: string;
  /** How sure it is that the line answers the question, 0 to 1. */
  sure: number;
  given: boolean;
}

export type Ask =
  | { id: number; what: "house"; draft: Draft }
  | { id: number; what: "copy"; copy: Copy }
  | { id: number; what: "play"; said: Said[]; line: string; channel: Channel; seed: number }
  | { id: number; what: "try"; question: string };

export type Told =
  | { id: number; what: "gaps"; gaps: Ready["gaps"] }
  | { id: number; what: "played"; turns: Played[]; expects: string; last: Turned; tookMs: number }
  | { id: number; what: "tried"; hits: Tried[] }
  | { id: number; what: "ok" };

let ready: Ready | null = null;
let copy: Copy | null = null;

const NOTES = { silence: "nothing is said", unclear: "not heard well enough", "nobody-came": "nobody comes to the telephone" } as const;

function play(said: readonly Said[], line: string, channel: Channel, seed: number): { turns: Played[]; expects: string; last: Turned } {
  if (!ready || !copy) return { turns: [], expects: "", last: { replies: [], status: "open", expects: "nothing" } };
  const { house } = ready;
  const book = new CopyBook(house);
  for (const row of copy.busy) book.calendar.set(row);
  book.clients.push(...copy.clients.map((c) => ({ ...c })));
  // Visits of services that the draft no longer has take their time, and are not spoken of.
  book.appointments.push(...copy.appointments.filter((a) => house.services.has(a.service)).map((a) => ({ ...a })));
  const talk = new Rehearsal(book, copy.nowMin, line, channel, seed);
  const turns: Played[] = [];
  const hear = (replies: readonly ReplyOut[], before: { slips: number; holds: number; booked: number }): void => {
    const notes = [
      ...(book.holds.size > before.holds ? ["held on the copy"] : []),
      ...book.slips.slice(before.slips).map(
        (s) =>
          ({
            message: "a message for the desk",
            "hand-over": "handed over to the desk",
            emergency: "the desk is alarmed",
            "call-back": "a call back is wished for",
            waiting: "put on the waiting list",
          })[s.slip],
      ),
    ];
    if (replies.length > 0) turns.push({ who: "receptionist", text: replies.map((r) => r.text).join(" "), reply: joined(replies), notes });
    else if (notes.length > 0) turns.push({ who: "receptionist", text: "", notes });
  };
  let replies = talk.start();
  hear(replies, { slips: 0, holds: 0, booked: 0 });
  for (const what of said) {
    const before = { slips: book.slips.length, holds: book.holds.size, booked: 0 };
    if (typeof what === "string" || what.kind === "heard") {
      const { text, sure } = typeof what === "string" ? { text: what, sure: undefined } : what;
      turns.push({ who: "client", text, notes: [] });
      replies = talk.say(text, sure);
    } else {
      turns.push({ who: "client", text: "", notes: [NOTES[what.kind]] });
      replies = what.kind === "nobody-came" ? talk.nobodyCame() : talk.event(what.kind);
    }
    hear(replies, before);
  }
  const { status, expects, client } = talk.state;
  return {
    turns,
    expects,
    last: {
      replies: replies.map((r) => ({ text: r.text, speech: spoken(r.text, house), from: "receptionist" })),
      status,
      expects,
      ...(client.spells ? { spelling: true } : {}),
    },
  };
}

const joined = (list: readonly ReplyOut[]): ReplyOut => {
  const last = list.at(-1) as ReplyOut;
  return { ...last, sources: list.flatMap((r) => r.sources), reasons: list.flatMap((r) => r.reasons), text: list.map((r) => r.text).join(" ") };
};

onmessage = (event: MessageEvent<Ask>): void => {
  const ask = event.data;
  const tell = (told: Told): void => postMessage(told);
  switch (ask.what) {
    case "house":
      ready = readyOf(ask.draft);
      return tell({ id: ask.id, what: "gaps", gaps: ready.gaps });
    case "copy":
      copy = ask.copy;
      return tell({ id: ask.id, what: "ok" });
    case "play": {
      const at = performance.now();
      const { turns, expects, last } = play(ask.said, ask.line, ask.channel, ask.seed);
      return tell({ id: ask.id, what: "played", turns, expects, last, tookMs: performance.now() - at });
    }
    case "try": {
      const hits = ready ? matches(ready.house, ask.question, 4).filter((h) => h.sure >= WORTH_SHOWING) : [];
      return tell({
        id: ask.id,
        what: "tried",
        hits: hits.map((h, i) => ({
          label: h.passage.label,
          text: h.passage.text,
          kind: h.passage.kind,
          id: h.passage.id,
          sure: h.sure,
          given: i === 0 && h.sure >= SUPPORTS,
        })),
      });
    }
  }
};
