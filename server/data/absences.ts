import type { Tx } from "./db.ts";

export interface AbsenceRow {
  id: string;
  extId: string | null;
  staff: string | null;
  room: string | null;
  startMin: number;
  endMin: number;
  reason: string;
  kind: "block" | "time-off";
}

interface Columns {
  id: string;
  ext_id: string | null;
  staff: string | null;
  room: string | null;
  s: string;
  e: string;
  reason: string;
  kind: "block" | "time-off";
}

const COLUMNS = "id, ext_id, staff, room, extract(epoch from lower(during)) / 60 as s, extract(epoch from upper(during)) / 60 as e, reason, kind";
const asRow = (r: Columns): AbsenceRow => ({
  id: r.id,
  extId: r.ext_id,
  staff: r.staff,
  room: r.room,
  startMin: Number(r.s),
  endMin: Number(r.e),
  reason: r.reason,
  kind: r.kind,
});

export async function insertAbsence(
  tx: Tx,
  houseId: string,
  a: { staff?: string; room?: string; startMin: number; endMin: number; reason: string; kind?: AbsenceRow["kind"]; extId?: string },
  rev: number,
): Promise<string> {
  const { rows } = await tx.raw<{ rows: { id: string }[] }>(
    "insert into absences (house_id, ext_id, staff, room, during, reason, kind, rev) values (?, ?, ?, ?, tstzrange(to_timestamp(?::double precision * 60), to_timestamp(?::double precision * 60)), ?, ?, ?) returning id",
    [houseId, a.extId ?? null, a.staff ?? null, a.room ?? null, a.startMin, a.endMin, a.reason, a.kind ?? "block", rev],
  );
  return (rows[0] as { id: string }).id;
}

export async function absencesBetween(tx: Tx, houseId: string, fromMin: number, toMin: number): Promise<AbsenceRow[]> {
  const { rows } = await tx.raw<{ rows: Columns[] }>(
    `select ${COLUMNS} from absences where house_id = ? and not gone and during && tstzrange(to_timestamp(?::double precision * 60), to_timestamp(?::double precision * 60)) order by lower(during), id`,
    [houseId, fromMin, toMin],
  );
  return rows.map(asRow);
}

export async function allAbsences(tx: Tx, houseId: string): Promise<AbsenceRow[]> {
  const { rows } = await tx.raw<{ rows: Columns[] }>(`select ${COLUMNS} from absences where house_id = ? and not gone order by lower(during), id`, [houseId]);
  return rows.map(asRow);
}

export async function dropAbsence(tx: Tx, houseId: string, id: string, rev: number): Promise<boolean> {
  const { rowCount } = await tx.raw<{ rowCount: number }>("update absences set gone = true, rev = ? where house_id = ? and id = ? and not gone", [
    rev,
    houseId,
    id,
  ]);
  return rowCount === 1;
}

export async function absenceById(tx: Tx, houseId: string, id: string): Promise<AbsenceRow | null> {
  const { rows } = await tx.raw<{ rows: Columns[] }>(`select ${COLUMNS} from absences where house_id = ? and id = ? and not gone`, [houseId, id]);
  return rows[0] ? asRow(rows[0]) : null;
}
