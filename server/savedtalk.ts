import type { Event, Looked } from "@gentian/core/conversation/state";
import type { SavedTalk } from "@gentian/core/formats/talk";
import { turnsOf, type ConversationRow } from "./data/conversations.ts";
import type { Tx } from "./data/db.ts";
import { handbookOf } from "./data/houses.ts";

/** A conversation as it can be played again, up to where a person of the house took part. */
export async function savedTalkOf(tx: Tx, row: ConversationRow): Promise<SavedTalk> {
  const turns = await turnsOf(tx, row.id);
  const steps: SavedTalk["steps"] = [];
  const looked: Looked[] = [];
  let answered = -1;
  const answer = (i: number, text: string, reply: unknown): void => {
    const step = steps[i];
    if (!step) return;
    step.reply = { text, expects: (reply as { expects?: string }).expects ?? "" };
    answered = i;
  };
  for (const t of turns) {
    if (t.who === "desk") break;
    const atMin = Math.floor(t.atMin);
    if (t.who === "client") {
      const sure = (t.event as { sure?: number } | null)?.sure;
      steps.push({ atMin, event: { kind: "said", text: t.text, ...(sure === undefined ? {} : { sure }) }, reply: null });
    } else if (t.who === "event") {
      const back = (t.event as { back?: Event | null } | null)?.back;
      if (back) steps.push({ atMin, event: back, reply: null });
      else if (t.text === "silence" || t.text === "unclear" || t.text === "left") steps.push({ atMin, event: { kind: t.text }, reply: null });
      else if (t.text === "nobody came") steps.push({ atMin, event: { kind: "nobody-came" }, reply: null });
    } else {
      looked.push(...((t.openings as Looked[] | null) ?? []));
      const event = t.event as Event | null;
      if (steps.length === 0) steps.push({ atMin, event: event?.kind === "start" ? event : { kind: "start" }, reply: null });
      if (!event) answer(steps.length - 1, t.text, t.reply);
      else
        answer(
          steps.findIndex((s, i) => i > answered && s.reply === null && s.event.kind === event.kind),
          t.text,
          t.reply,
        );
    }
  }
  return {
    format: "gentian-talk/1",
    house: await handbookOf(tx, row.versionId),
    line: row.line,
    channel: row.channel,
    seed: row.state.seed,
    startedMin: Math.floor(row.startedMin),
    steps,
    looked,
  };
}
