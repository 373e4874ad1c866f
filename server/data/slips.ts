import type { Tx } from "./db.ts";

export interface SlipRow {
  id: string;
  conversationId: string | null;
  kind: "message" | "hand-over" | "emergency" | "call-back" | "tell" | "waiting";
  to: string;
  text: string;
  name: string | null;
  phone: string | null;
  madeMin: number;
  appointmentId: string | null;
}

export async function insertSlip(
  tx: Tx,
  houseId: string,
  s: { conversationId?: string; kind: string; to: string; text: string; name?: string; phone?: string; appointmentId?: string; auditId?: number },
  nowMin: number,
): Promise<string> {
  const { rows } = await tx.raw<{ rows: { id: string }[] }>(
    "insert into slips (house_id, conversation_id, kind, to_whom, text, name, phone, appointment_id, audit_id, made_at) values (?, ?, ?, ?, ?, ?, ?, ?, ?, to_timestamp(?::double precision * 60)) returning id",
    [houseId, s.conversationId ?? null, s.kind, s.to, s.text, s.name ?? null, s.phone ?? null, s.appointmentId ?? null, s.auditId ?? null, nowMin],
  );
  return (rows[0] as { id: string }).id;
}

/** What waits for a person: emergencies first, then oldest first. */
export async function waitingSlips(tx: Tx, houseId: string): Promise<SlipRow[]> {
  const { rows } = await tx.raw<{
    rows: {
      id: string;
      conversation_id: string | null;
      kind: SlipRow["kind"];
      to_whom: string;
      text: string;
      name: string | null;
      phone: string | null;
      at: string;
      appointment_id: string | null;
    }[];
  }>(
    `select s.id, s.conversation_id, s.kind, s.to_whom, s.text, coalesce(s.name, k.client_name) as name, coalesce(s.phone, k.state->'client'->>'phone') as phone, extract(epoch from s.made_at) / 60 as at, s.appointment_id
       from slips s left join conversations k on k.id = s.conversation_id where s.house_id = ? and s.done_at is null order by (s.kind = 'emergency') desc, s.made_at, s.id limit 100`,
    [houseId],
  );
  return rows.map((r) => ({
    id: r.id,
    conversationId: r.conversation_id,
    kind: r.kind,
    to: r.to_whom,
    text: r.text,
    name: r.name,
    phone: r.phone,
    madeMin: Number(r.at),
    appointmentId: r.appointment_id,
  }));
}

export async function finishSlip(tx: Tx, houseId: string, id: string, by: string, nowMin: number): Promise<boolean> {
  const { rowCount } = await tx.raw<{ rowCount: number }>(
    "update slips set done_at = to_timestamp(?::double precision * 60), done_by = ? where house_id = ? and id = ? and done_at is null",
    [nowMin, by, houseId, id],
  );
  return rowCount === 1;
}

export async function reopenSlip(tx: Tx, houseId: string, id: string): Promise<boolean> {
  const { rowCount } = await tx.raw<{ rowCount: number }>("update slips set done_at = null, done_by = null where house_id = ? and id = ?", [houseId, id]);
  return rowCount === 1;
}

export async function finishSlipsOf(tx: Tx, conversationId: string, by: string, nowMin: number): Promise<void> {
  await tx.raw(
    "update slips set done_at = to_timestamp(?::double precision * 60), done_by = ? where conversation_id = ? and kind = 'hand-over' and done_at is null",
    [nowMin, by, conversationId],
  );
}

/** Whether the client has been told of a change, and the slips that still say to tell them. */
export async function tellingsOf(tx: Tx, houseId: string, auditId: number): Promise<{ id: string; told: boolean }[]> {
  const { rows } = await tx.raw<{ rows: { id: string; told: boolean }[] }>(
    "select id, done_at is not null as told from slips where house_id = ? and audit_id = ? and kind = 'tell'",
    [houseId, auditId],
  );
  return rows;
}

export async function dropSlip(tx: Tx, id: string): Promise<void> {
  await tx.raw("delete from slips where id = ?", [id]);
}

/** Of these appointments, those whose client is still to be told of something, and those who have been. */
export async function toldOf(tx: Tx, appointmentIds: readonly string[]): Promise<Map<string, boolean>> {
  const { rows } = await tx.raw<{ rows: { id: string; told: boolean }[] }>(
    "select appointment_id as id, bool_and(done_at is not null) as told from slips where kind = 'tell' and appointment_id = any(?) group by appointment_id",
    [[...appointmentIds]],
  );
  return new Map(rows.map((r) => [r.id, r.told]));
}
