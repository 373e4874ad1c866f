import type { State } from "@gentian/core/conversation/state";
import { prepared, type Tx } from "./db.ts";
import { CLOCK_COLUMNS, clockOf, type Clock, type ClockColumns } from "./houses.ts";

export interface ConversationRow {
  id: string;
  houseId: string;
  versionId: string;
  line: string;
  channel: "web" | "text" | "phone";
  state: State;
  status: State["status"];
  clientName: string | null;
  takenBy: string | null;
  startedMin: number;
  lastMin: number;
  outcomes: string[];
  clock: Clock;
  calendarRev: number;
  /** Whether a hold of the house has run out and still stands. */
  anyExpired: boolean;
  tokenHash: Buffer;
  /** How often it was saved when it was read. */
  saves: number;
  /** What was answered before under the ref that was asked for, if anything. */
  answered: unknown;
}

interface Columns extends ClockColumns {
  id: string;
  house_id: string;
  version_id: string;
  line: string;
  channel: ConversationRow["channel"];
  state: State;
  status: State["status"];
  client_name: string | null;
  taken_by: string | null;
  started: string;
  last: string;
  outcomes: string[];
  calendar_rev: number;
  any_expired: boolean;
  token_hash: Buffer;
  saves: number;
  answered: unknown;
}

const COLUMNS = `k.id, k.house_id, k.version_id, k.line, k.channel, k.state, k.status, k.client_name, k.taken_by, k.outcomes, k.token_hash, k.saves,
  extract(epoch from k.started_at) / 60 as started, extract(epoch from k.last_at) / 60 as last, h.calendar_rev, ${CLOCK_COLUMNS},
  exists (select 1 from appointments a where a.house_id = k.house_id and a.status = 'held' and a.hold_until <= h.clock_house + (clock_timestamp() - h.clock_real) * h.clock_rate) as any_expired`;

const asRow = (r: Columns): ConversationRow => ({
  id: r.id,
  houseId: r.house_id,
  versionId: r.version_id,
  line: r.line,
  channel: r.channel,
  state: r.state,
  status: r.status,
  clientName: r.client_name,
  takenBy: r.taken_by,
  startedMin: Number(r.started),
  lastMin: Number(r.last),
  outcomes: r.outcomes,
  clock: clockOf(r),
  calendarRev: r.calendar_rev,
  anyExpired: r.any_expired,
  tokenHash: r.token_hash,
  saves: r.saves,
  answered: r.answered,
});

export async function insertConversation(
  tx: Tx,
  c: { houseId: string; versionId: string; line: string; channel: string; tokenHash: Buffer; state: State; page?: string; locale?: string; nowMin: number },
): Promise<string> {
  const { rows } = await tx.raw<{ rows: { id: string }[] }>(
    `insert into conversations (house_id, version_id, line, channel, token_hash, state, status, page, locale, started_at, last_at)
     values (?, ?, ?, ?, ?, ?::jsonb, ?, ?, ?, to_timestamp(?::double precision * 60), to_timestamp(?::double precision * 60)) returning id`,
    [c.houseId, c.versionId, c.line, c.channel, c.tokenHash, JSON.stringify(c.state), c.state.status, c.page ?? null, c.locale ?? null, c.nowMin, c.nowMin],
  );
  return (rows[0] as { id: string }).id;
}

/** Reads a conversation, and what was answered under a ref; with `lock`, nobody else changes it until the transaction ends. */
export async function conversationById(tx: Tx, id: string, lock = false, ref: string | null = null): Promise<ConversationRow | null> {
  const { rows } = await prepared<Columns>(
    tx,
    lock ? "conversation-locked" : "conversation",
    `select ${COLUMNS}, (select t.answer from turns t where t.conversation_id = k.id and t.ref = $1::text) as answered from conversations k join houses h on h.id = k.house_id where k.id = $2::uuid ${lock ? "for update of k" : ""}`,
    [ref, id],
  );
  return rows[0] ? asRow(rows[0]) : null;
}

const STATE_VALUES = 7;
const UPDATE = `update conversations set state = $1::jsonb, status = $2, outcomes = $3, client_name = $4, client_id = $5, last_at = to_timestamp($6::double precision * 60), last_real = clock_timestamp(), saves = saves + 1 where id = $7`;
const stateValues = (id: string, state: State, nowMin: number) => [
  JSON.stringify(state),
  state.status,
  state.outcomes,
  state.client.name ?? null,
  state.client.card?.id ?? null,
  nowMin,
  id,
];

export async function saveConversation(tx: Tx, id: string, state: State, nowMin: number): Promise<void> {
  await prepared(tx, "save-conversation", UPDATE, stateValues(id, state, nowMin));
}

export async function setToken(tx: Tx, id: string, tokenHash: Buffer): Promise<void> {
  await tx.raw("update conversations set token_hash = ? where id = ?", [tokenHash, id]);
}

export async function setTaken(tx: Tx, id: string, accountId: string | null): Promise<void> {
  await tx.raw("update conversations set taken_by = ? where id = ?", [accountId, id]);
}

export interface TurnRow {
  id: number;
  who: "client" | "receptionist" | "desk" | "event";
  atMin: number;
  text: string;
  reply: unknown;
  reasons: unknown;
  event: unknown;
  openings: unknown;
}

export interface NewTurn {
  who: TurnRow["who"];
  text: string;
  ref?: string;
  event?: unknown;
  reply?: unknown;
  reasons?: unknown;
  openings?: unknown;
  answer?: unknown;
}

const json = (v: unknown): string | null => (v === undefined ? null : JSON.stringify(v));

const ROW = ["int", "text", "text", "text", "jsonb", "jsonb", "jsonb", "jsonb", "jsonb"];
const INTO = "insert into turns (conversation_id, said_at, who, text, ref, event, reply, reasons, openings, answer)";
const WHAT = "v.who, v.text, v.ref, v.event, v.reply, v.reasons, v.openings, v.answer";
/** The turns as rows, their parameters counted on from those before. */
const from = (turns: readonly NewTurn[], before: number) =>
  `(values ${turns.map((_, i) => `(${ROW.map((type, j) => `$${before + i * ROW.length + j + 1}::${type}`).join(", ")})`).join(", ")}) v (n, who, text, ref, event, reply, reasons, openings, answer)`;

const turnValues = (turns: readonly NewTurn[]) =>
  turns.flatMap((t, n) => [n, t.who, t.text, t.ref ?? null, json(t.event), json(t.reply), json(t.reasons), json(t.openings), json(t.answer)]);

export async function insertTurns(tx: Tx, conversationId: string, nowMin: number, turns: readonly NewTurn[]): Promise<void> {
  if (turns.length === 0) return;
  await prepared(
    tx,
    `insert-turns-${turns.length}`,
    `${INTO} select $1::uuid, to_timestamp($2::double precision * 60), ${WHAT} from ${from(turns, 2)} order by v.n`,
    [conversationId, nowMin, ...turnValues(turns)],
  );
}

/**
 * Keeps what was said and what became of the conversation in one statement, if nobody has saved it since it was read;
 * false when somebody has, and then nothing is kept.
 */
export async function saveTurn(tx: Tx, row: { id: string; saves: number }, nowMin: number, turns: readonly NewTurn[], state: State): Promise<boolean> {
  const { rowCount } = await prepared(
    tx,
    `save-turn-${turns.length}`,
    `with u as (${UPDATE} and saves = $${STATE_VALUES + 1} returning id, last_at) ${INTO} select u.id, u.last_at, ${WHAT} from u cross join ${from(turns, STATE_VALUES + 1)} order by v.n`,
    [...stateValues(row.id, state, nowMin), row.saves, ...turnValues(turns)],
  );
  return rowCount > 0;
}

/** What was answered to a message that came before under the same ref. */
export async function answerToRef(tx: Tx, conversationId: string, ref: string): Promise<unknown> {
  const { rows } = await tx.raw<{ rows: { answer: unknown }[] }>("select answer from turns where conversation_id = ? and ref = ?", [conversationId, ref]);
  return rows[0]?.answer ?? null;
}

export async function turnsOf(tx: Tx, conversationId: string, after = 0): Promise<TurnRow[]> {
  const { rows } = await tx.raw<{ rows: (Omit<TurnRow, "atMin"> & { at: string })[] }>(
    "select id, who, extract(epoch from said_at) / 60 as at, text, reply, reasons, event, openings from turns where conversation_id = ? and id > ? order by id",
    [conversationId, after],
  );
  return rows.map(({ at, ...r }) => ({ ...r, atMin: Number(at) }));
}

export interface LogRow {
  id: string;
  line: string;
  channel: string;
  status: string;
  outcomes: string[];
  clientName: string | null;
  startedMin: number;
  lastMin: number;
  takenBy: string | null;
  first: string | null;
  last: { who: string; text: string }[];
  expects: string;
}

interface LogColumns {
  id: string;
  line: string;
  channel: string;
  status: string;
  outcomes: string[];
  client_name: string | null;
  started: string;
  last: string;
  taken_by: string | null;
  first: string | null;
  words: { who: string; text: string }[] | null;
  expects: string;
}

const LOG = `select k.id, k.line, k.channel, k.status, k.outcomes, k.client_name, k.taken_by, k.state->>'expects' as expects, extract(epoch from k.started_at) / 60 as started, extract(epoch from k.last_at) / 60 as last,
  (select text from turns t where t.conversation_id = k.id and who = 'client' order by id limit 1) as first,
  (select json_agg(json_build_object('who', who, 'text', text)) from (select who, text, id from turns t where t.conversation_id = k.id and who <> 'event' order by id desc limit 3) w) as words
  from conversations k`;

const asLog = (r: LogColumns): LogRow => ({
  id: r.id,
  line: r.line,
  channel: r.channel,
  status: r.status,
  outcomes: r.outcomes,
  clientName: r.client_name,
  startedMin: Number(r.started),
  lastMin: Number(r.last),
  takenBy: r.taken_by,
  first: r.first,
  last: [...(r.words ?? [])].reverse(),
  expects: r.expects,
});

export async function logBetween(tx: Tx, houseId: string, fromMin: number, toMin: number): Promise<LogRow[]> {
  const { rows } = await tx.raw<{ rows: LogColumns[] }>(
    `${LOG} where k.house_id = ? and k.started_at >= to_timestamp(?::double precision * 60) and k.started_at < to_timestamp(?::double precision * 60) order by k.started_at desc, k.id limit 500`,
    [houseId, fromMin, toMin],
  );
  return rows.map(asLog);
}

/** Conversations that go on now. */
export async function talkingNow(tx: Tx, houseId: string): Promise<LogRow[]> {
  const { rows } = await tx.raw<{ rows: LogColumns[] }>(
    `${LOG} where k.house_id = ? and k.status <> 'closed' and exists (select 1 from turns t where t.conversation_id = k.id and t.who = 'client') order by k.last_at desc, k.id limit 30`,
    [houseId],
  );
  return rows.map(asLog);
}

/** Conversations that nobody has spoken in for some minutes of the real clock; each is taken by one process only. */
export async function idleConversations(tx: Tx, idleMinutes: number): Promise<string[]> {
  const { rows } = await tx.raw<{ rows: { id: string }[] }>(
    "select id from conversations where status = 'open' and last_real < clock_timestamp() - make_interval(mins => ?) order by last_real limit 50 for update skip locked",
    [idleMinutes],
  );
  return rows.map((r) => r.id);
}

/**
 * Conversations handed over so many minutes of the real clock ago, by house, to which nobody at the desk has come. Those on
 * the telephone are not among them: a call that rings sees to that itself.
 */
export async function unattended(tx: Tx, houseId: string, waitMin: number): Promise<string[]> {
  const { rows } = await tx.raw<{ rows: { id: string }[] }>(
    `select id from conversations where house_id = ? and status = 'with-desk' and taken_by is null and last_real < clock_timestamp() - make_interval(mins => ?)
      and not exists (select 1 from calls c where c.conversation_id = conversations.id and c.state = 'going' and c.last_real > clock_timestamp() - interval '1 minute')
      order by last_real limit 50 for update skip locked`,
    [houseId, waitMin],
  );
  return rows.map((r) => r.id);
}

export async function countSince(tx: Tx, houseId: string, fromMin: number): Promise<{ conversations: number; outcomes: Record<string, number> }> {
  const { rows } = await tx.raw<{ rows: { outcomes: string[] }[] }>(
    "select outcomes from conversations where house_id = ? and started_at >= to_timestamp(?::double precision * 60)",
    [houseId, fromMin],
  );
  const outcomes: Record<string, number> = {};
  for (const r of rows) for (const o of new Set(r.outcomes)) outcomes[o] = (outcomes[o] ?? 0) + 1;
  return { conversations: rows.length, outcomes };
}
