import type { Change } from "@gentian/core/house/change";
import type { Draft } from "@gentian/core/house/draft";
import type { Tx } from "./db.ts";

export interface DraftRow {
  draft: Draft;
  rev: number;
  versionId: string | null;
}

export interface ChangeRow {
  id: number;
  change: Change;
  inverse: Change;
  lines: string[];
  by: string;
  accountId: string | null;
  secondsAgo: number;
}

interface Columns {
  id: number;
  change: Change;
  inverse: Change;
  lines: string[];
  by_name: string;
  account_id: string | null;
  seconds: string;
}

const CHANGE = "id, change, inverse, lines, by_name, account_id, extract(epoch from clock_timestamp() - made_at) as seconds";
const asChange = (r: Columns): ChangeRow => ({
  id: r.id,
  change: r.change,
  inverse: r.inverse,
  lines: r.lines,
  by: r.by_name,
  accountId: r.account_id,
  secondsAgo: Number(r.seconds),
});

/** The house's draft; with `lock`, nobody else changes it until the transaction ends. */
export async function draftOf(tx: Tx, houseId: string, lock = false): Promise<DraftRow | null> {
  const { rows } = await tx.raw<{ rows: { handbook: Draft; rev: number; version_id: string | null }[] }>(
    `select handbook, rev, version_id from drafts where house_id = ? ${lock ? "for update" : ""}`,
    [houseId],
  );
  const r = rows[0];
  return r ? { draft: r.handbook, rev: r.rev, versionId: r.version_id } : null;
}

export async function insertDraft(tx: Tx, houseId: string, draft: Draft, versionId: string): Promise<void> {
  await tx.raw("insert into drafts (house_id, handbook, version_id) values (?, ?::jsonb, ?) on conflict (house_id) do nothing", [
    houseId,
    JSON.stringify(draft),
    versionId,
  ]);
}

export async function saveDraft(tx: Tx, houseId: string, draft: Draft): Promise<number> {
  const { rows } = await tx.raw<{ rows: { rev: number }[] }>(
    "update drafts set handbook = ?::jsonb, rev = rev + 1, changed_at = clock_timestamp() where house_id = ? returning rev",
    [JSON.stringify(draft), houseId],
  );
  return (rows[0] as { rev: number }).rev;
}

export async function setDraftVersion(tx: Tx, houseId: string, versionId: string): Promise<void> {
  await tx.raw("update drafts set version_id = ? where house_id = ?", [versionId, houseId]);
}

export async function dropDraft(tx: Tx, houseId: string): Promise<void> {
  await tx.raw("delete from draft_changes where house_id = ?", [houseId]);
  await tx.raw("delete from drafts where house_id = ?", [houseId]);
}

export async function insertChange(
  tx: Tx,
  houseId: string,
  c: { rev: number; accountId: string; by: string; change: Change; inverse: Change; lines: string[] },
): Promise<void> {
  await tx.raw(
    "insert into draft_changes (house_id, rev, account_id, by_name, change, inverse, lines, state) values (?, ?, ?, ?, ?::jsonb, ?::jsonb, ?, 'done')",
    [houseId, c.rev, c.accountId, c.by, JSON.stringify(c.change), JSON.stringify(c.inverse), c.lines],
  );
}

/** Something else is written: what was taken back before cannot be made again. */
export async function dropUndone(tx: Tx, houseId: string): Promise<void> {
  await tx.raw("update draft_changes set state = 'gone' where house_id = ? and state = 'undone'", [houseId]);
}

/** Writes more of the same line into the change made just before, so that a line typed is taken back as one. */
export async function extendChange(tx: Tx, id: number, rev: number, change: Change): Promise<void> {
  await tx.raw("update draft_changes set change = ?::jsonb, rev = ?, made_at = clock_timestamp() where id = ?", [JSON.stringify(change), rev, id]);
}

/** The change that would be taken back next, or made again next. */
export async function nextChange(tx: Tx, houseId: string, state: "done" | "undone"): Promise<ChangeRow | null> {
  const { rows } = await tx.raw<{ rows: Columns[] }>(
    `select ${CHANGE} from draft_changes where house_id = ? and state = ? order by id ${state === "done" ? "desc" : "asc"} limit 1`,
    [houseId, state],
  );
  return rows[0] ? asChange(rows[0]) : null;
}

export async function markChange(tx: Tx, id: number, state: "done" | "undone", rev: number): Promise<void> {
  await tx.raw("update draft_changes set state = ?, rev = ? where id = ?", [state, rev, id]);
}

/** What others have changed since a revision. */
export async function changesSince(tx: Tx, houseId: string, rev: number): Promise<ChangeRow[]> {
  const { rows } = await tx.raw<{ rows: Columns[] }>(`select ${CHANGE} from draft_changes where house_id = ? and rev > ? order by id`, [houseId, rev]);
  return rows.map(asChange);
}

export async function countChanges(tx: Tx, houseId: string): Promise<{ undo: number; redo: number }> {
  const { rows } = await tx.raw<{ rows: { state: string; n: number }[] }>(
    "select state, count(*)::int as n from draft_changes where house_id = ? and state <> 'gone' group by state",
    [houseId],
  );
  const n = (s: string): number => rows.find((r) => r.state === s)?.n ?? 0;
  return { undo: n("done"), redo: n("undone") };
}
