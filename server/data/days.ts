import type { SingleDay } from "@gentian/core/house/schema";
import type { Tx } from "./db.ts";

interface Columns {
  id: string;
  ext_id: string | null;
  staff: string | null;
  date: string;
  hours: SingleDay["hours"];
  reason: string;
}

const asDay = (r: Columns): SingleDay => ({ id: r.id, ...(r.staff ? { staff: r.staff } : {}), date: r.date, hours: r.hours, reason: r.reason });

/** Writes a single day that differs, in place of what stood for it. */
export async function putDay(tx: Tx, houseId: string, d: Omit<SingleDay, "id"> & { extId?: string }, rev: number): Promise<string> {
  await tx.raw("update single_days set gone = true, rev = ? where house_id = ? and coalesce(staff, '') = ? and day = ?::date and not gone", [
    rev,
    houseId,
    d.staff ?? "",
    d.date,
  ]);
  const { rows } = await tx.raw<{ rows: { id: string }[] }>(
    "insert into single_days (house_id, ext_id, staff, day, hours, reason, rev) values (?, ?, ?, ?::date, ?::jsonb, ?, ?) returning id",
    [houseId, d.extId ?? null, d.staff ?? null, d.date, JSON.stringify(d.hours), d.reason, rev],
  );
  return (rows[0] as { id: string }).id;
}

export async function dropDay(tx: Tx, houseId: string, id: string, rev: number): Promise<boolean> {
  const { rowCount } = await tx.raw<{ rowCount: number }>("update single_days set gone = true, rev = ? where house_id = ? and id = ? and not gone", [
    rev,
    houseId,
    id,
  ]);
  return rowCount === 1;
}

export async function allDays(tx: Tx, houseId: string): Promise<(SingleDay & { extId: string | null })[]> {
  const { rows } = await tx.raw<{ rows: Columns[] }>(
    "select id, ext_id, staff, to_char(day, 'YYYY-MM-DD') as date, hours, reason from single_days where house_id = ? and not gone order by day, staff nulls first",
    [houseId],
  );
  return rows.map((r) => ({ ...asDay(r), extId: r.ext_id }));
}
