import type { Tx } from "./db.ts";

/** Writes who changed what, when by the house's clock and by the real one. */
export async function writeAudit(
  tx: Tx,
  houseId: string,
  nowMin: number,
  actor: string,
  action: string,
  subject: string | null,
  detail: unknown = {},
): Promise<number> {
  const { rows } = await tx.raw<{ rows: { id: number }[] }>(
    "insert into audit (house_id, house_time, actor, action, subject, detail) values (?, to_timestamp(?::double precision * 60), ?, ?, ?, ?::jsonb) returning id",
    [houseId, nowMin, actor, action, subject, JSON.stringify(detail)],
  );
  return (rows[0] as { id: number }).id;
}

export interface OneAudit {
  id: number;
  actor: string;
  action: string;
  subject: string | null;
  detail: Record<string, unknown>;
}

export async function auditById(tx: Tx, houseId: string, id: number): Promise<OneAudit | null> {
  const { rows } = await tx.raw<{ rows: OneAudit[] }>("select id, actor, action, subject, detail from audit where house_id = ? and id = ?", [houseId, id]);
  return rows[0] ?? null;
}

export interface AuditRow {
  atMin: number;
  actor: string;
  action: string;
  detail: unknown;
}

export async function auditOf(tx: Tx, houseId: string, subject: string): Promise<AuditRow[]> {
  const { rows } = await tx.raw<{ rows: { at: string; actor: string; action: string; detail: unknown }[] }>(
    "select extract(epoch from house_time) / 60 as at, actor, action, detail from audit where house_id = ? and subject = ? order by id",
    [houseId, subject],
  );
  return rows.map((r) => ({ atMin: Number(r.at), actor: r.actor, action: r.action, detail: r.detail }));
}
