import type { Tx } from "./db.ts";

export async function feedKeys(tx: Tx, houseId: string): Promise<{ key: string; staff: string | null }[]> {
  const { rows } = await tx.raw<{ rows: { key: string; staff: string | null }[] }>(
    "select key, staff from feeds where house_id = ? order by staff nulls first",
    [houseId],
  );
  return rows;
}

export async function feedByKey(tx: Tx, key: string): Promise<{ houseId: string; staff: string | null } | null> {
  const { rows } = await tx.raw<{ rows: { house_id: string; staff: string | null }[] }>("select house_id, staff from feeds where key = ?", [key]);
  return rows[0] ? { houseId: rows[0].house_id, staff: rows[0].staff } : null;
}

export async function insertFeed(tx: Tx, houseId: string, key: string, staff: string | null): Promise<void> {
  await tx.raw("insert into feeds (key, house_id, staff) values (?, ?, ?) on conflict do nothing", [key, houseId, staff]);
}
