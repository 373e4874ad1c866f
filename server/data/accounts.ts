import type { Tx } from "./db.ts";

export interface AccountRow {
  id: string;
  houseId: string;
  name: string;
  email: string;
  passwordHash: string;
  role: string;
}

interface AccountColumns {
  id: string;
  house_id: string;
  name: string;
  email: string;
  password_hash: string;
  role: string;
}

const asAccount = (r: AccountColumns): AccountRow => ({
  id: r.id,
  houseId: r.house_id,
  name: r.name,
  email: r.email,
  passwordHash: r.password_hash,
  role: r.role,
});

export async function accountByEmail(tx: Tx, email: string): Promise<AccountRow | null> {
  const { rows } = await tx.raw<{ rows: AccountColumns[] }>(
    "select id, house_id, name, email, password_hash, role from accounts where lower(email) = lower(?)",
    [email],
  );
  return rows[0] ? asAccount(rows[0]) : null;
}

export async function accountById(tx: Tx, id: string): Promise<AccountRow | null> {
  const { rows } = await tx.raw<{ rows: AccountColumns[] }>("select id, house_id, name, email, password_hash, role from accounts where id = ?", [id]);
  return rows[0] ? asAccount(rows[0]) : null;
}

export async function ownerOf(tx: Tx, houseId: string): Promise<AccountRow | null> {
  const { rows } = await tx.raw<{ rows: AccountColumns[] }>(
    "select id, house_id, name, email, password_hash, role from accounts where house_id = ? and role = 'owner' order by made_at limit 1",
    [houseId],
  );
  return rows[0] ? asAccount(rows[0]) : null;
}

export async function countAccounts(tx: Tx): Promise<number> {
  const { rows } = await tx.raw<{ rows: { n: number }[] }>("select count(*)::int as n from accounts");
  return rows[0]?.n ?? 0;
}

export async function insertAccount(
  tx: Tx,
  a: { houseId: string; name: string; email: string; passwordHash: string; role: "owner" | "desk" },
): Promise<string> {
  const { rows } = await tx.raw<{ rows: { id: string }[] }>(
    "insert into accounts (house_id, name, email, password_hash, role) values (?, ?, ?, ?, ?) returning id",
    [a.houseId, a.name, a.email, a.passwordHash, a.role],
  );
  return (rows[0] as { id: string }).id;
}

/** Sets a new password and ends every session of the account. */
export async function setPassword(tx: Tx, accountId: string, passwordHash: string): Promise<void> {
  await tx.raw("update accounts set password_hash = ? where id = ?", [passwordHash, accountId]);
  await tx.raw("delete from session where sess->>'account' = ?", [accountId]);
}

/** Lets nobody else make an account until the transaction ends: there is one first owner. */
export async function lockAccounts(tx: Tx): Promise<void> {
  await tx.raw("lock table accounts in exclusive mode");
}
