import type { KeptCall, SpokenTurn } from "@gentian/core/speech/kept";
import type { Tx } from "./db.ts";

export interface CallRow extends KeptCall {
  conversationId: string;
}

export async function insertCall(tx: Tx, c: { houseId: string; conversationId: string; from?: string; nowMin: number }): Promise<string> {
  const { rows } = await tx.raw<{ rows: { id: string }[] }>(
    "insert into calls (house_id, conversation_id, from_number, began_at) values (?, ?, ?, to_timestamp(?::double precision * 60)) returning id",
    [c.houseId, c.conversationId, c.from ?? null, c.nowMin],
  );
  return (rows[0] as { id: string }).id;
}

/** Keeps how a call stands; `keepDays` after which its recording goes, where it is recorded. */
export async function saveCall(
  tx: Tx,
  id: string,
  c: { state: CallRow["state"]; lengthMs: number; recorded: boolean; turns: readonly SpokenTurn[]; putThroughTo?: string; keepDays: number },
): Promise<void> {
  await tx.raw(
    `update calls set state = ?, length_ms = ?, recorded = ?, turns = ?::jsonb, put_through_to = ?, last_real = clock_timestamp(),
       delete_at = case when ? then clock_timestamp() + make_interval(days => ?) end where id = ?`,
    [c.state, Math.round(c.lengthMs), c.recorded, JSON.stringify(c.turns), c.putThroughTo ?? null, c.recorded, c.keepDays, id],
  );
}

export async function insertSound(tx: Tx, callId: string, seq: number, sound: Buffer): Promise<void> {
  await tx.raw("insert into call_sounds (call_id, seq, sound) values (?, ?, ?)", [callId, seq, sound]);
}

interface Columns {
  id: string;
  conversation_id: string;
  from_number: string | null;
  state: CallRow["state"];
  length_ms: number;
  recorded: boolean;
  sound: boolean;
  turns: SpokenTurn[];
  put_through_to: string | null;
}

const COLUMNS =
  "c.id, c.conversation_id, c.from_number, c.state, c.length_ms, c.recorded, c.turns, c.put_through_to, exists (select 1 from call_sounds s where s.call_id = c.id) as sound";
const asRow = (r: Columns): CallRow => ({
  id: r.id,
  conversationId: r.conversation_id,
  from: r.from_number,
  state: r.state,
  lengthMs: r.length_ms,
  recorded: r.recorded,
  sound: r.sound,
  turns: r.turns,
  putThroughTo: r.put_through_to,
});

/** The calls of a conversation, in their order. */
export async function callsOf(tx: Tx, conversationId: string): Promise<CallRow[]> {
  const { rows } = await tx.raw<{ rows: Columns[] }>(`select ${COLUMNS} from calls c where c.conversation_id = ? order by c.real_at`, [conversationId]);
  return rows.map(asRow);
}

export async function callById(tx: Tx, houseId: string, id: string): Promise<CallRow | null> {
  const { rows } = await tx.raw<{ rows: Columns[] }>(`select ${COLUMNS} from calls c where c.house_id = ? and c.id = ?`, [houseId, id]);
  return rows[0] ? asRow(rows[0]) : null;
}

/** The conversation of the last call from a number that was cut so few minutes ago, if it is still open. */
export async function cutOffFrom(tx: Tx, houseId: string, from: string, withinMin: number): Promise<string | null> {
  const { rows } = await tx.raw<{ rows: { conversation_id: string }[] }>(
    `select c.conversation_id from calls c join conversations k on k.id = c.conversation_id
      where c.house_id = ? and c.from_number = ? and c.state = 'dropped' and k.status = 'open' and c.last_real > clock_timestamp() - make_interval(mins => ?)
      order by c.last_real desc limit 1`,
    [houseId, from, withinMin],
  );
  return rows[0]?.conversation_id ?? null;
}

/** A call's sound as raw bytes: 16 bit stereo. */
export async function soundOf(tx: Tx, id: string): Promise<Buffer> {
  const { rows } = await tx.raw<{ rows: { sound: Buffer }[] }>("select sound from call_sounds where call_id = ? order by seq", [id]);
  return Buffer.concat(rows.map((r) => r.sound));
}

export async function deleteSound(tx: Tx, id: string): Promise<void> {
  await tx.raw("delete from call_sounds where call_id = ?", [id]);
  await tx.raw("update calls set delete_at = null where id = ?", [id]);
}

/** The last call with sound of each of these conversations, and how long its recording is: 16 bit stereo at 16 kHz. */
export async function heardIn(tx: Tx, conversations: readonly string[]): Promise<(CallRow & { soundMs: number })[]> {
  if (conversations.length === 0) return [];
  const { rows } = await tx.raw<{ rows: (Columns & { sound_ms: string })[] }>(
    `select distinct on (c.conversation_id) ${COLUMNS}, (select sum(length(s.sound)) / 64 from call_sounds s where s.call_id = c.id) as sound_ms
       from calls c where c.conversation_id = any(?::uuid[]) and exists (select 1 from call_sounds s where s.call_id = c.id) order by c.conversation_id, c.real_at desc`,
    [[...conversations]],
  );
  return rows.map((r) => ({ ...asRow(r), soundMs: Number(r.sound_ms) }));
}

/** Deletes the recordings whose term is over; how many calls that were. */
export async function deleteOldSounds(tx: Tx): Promise<number> {
  const { rows } = await tx.raw<{ rows: { id: string }[] }>(
    "with old as (update calls set delete_at = null where delete_at < clock_timestamp() returning id), gone as (delete from call_sounds where call_id in (select id from old)) select id from old",
  );
  return rows.length;
}
