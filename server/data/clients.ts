import type { Tx } from "./db.ts";

export interface ClientRow {
  id: string;
  extId: string | null;
  name: string;
  phone: string | null;
  email: string | null;
  assessed: boolean;
  saysSo: boolean;
  note: string;
  byPersonOnly: boolean;
  answers: Record<string, string>;
}

interface Columns {
  id: string;
  ext_id: string | null;
  name: string;
  phone: string | null;
  email: string | null;
  assessed: boolean;
  says_so: boolean;
  note: string;
  by_person_only: boolean;
  answers: Record<string, string>;
}

const COLUMNS = "id, ext_id, name, phone, email, assessed, says_so, note, by_person_only, answers";
const asRow = (r: Columns): ClientRow => ({
  id: r.id,
  extId: r.ext_id,
  name: r.name,
  phone: r.phone,
  email: r.email,
  assessed: r.assessed,
  saysSo: r.says_so,
  note: r.note,
  byPersonOnly: r.by_person_only,
  answers: r.answers,
});

/** Cards under a telephone number or an email address; the caller compares the names. */
export async function clientsByContact(
  tx: Tx,
  houseId: string,
  phone: string | undefined,
  email: string | undefined,
): Promise<{ client: ClientRow; visitors: string[] }[]> {
  const { rows } = await tx.raw<{ rows: (Columns & { visitors: string[] | null })[] }>(
    `select ${COLUMNS}, (select array_agg(distinct visitor) from appointments a where a.client_id = clients.id and visitor is not null) as visitors
       from clients where house_id = ? and (phone = ? or lower(email) = lower(?)) order by made_at, id limit 20`,
    [houseId, phone ?? null, email ?? null],
  );
  return rows.map((r) => ({ client: asRow(r), visitors: r.visitors ?? [] }));
}

export async function clientById(tx: Tx, houseId: string, id: string): Promise<ClientRow | null> {
  const { rows } = await tx.raw<{ rows: Columns[] }>(`select ${COLUMNS} from clients where house_id = ? and id = ?`, [houseId, id]);
  return rows[0] ? asRow(rows[0]) : null;
}

export async function insertClient(
  tx: Tx,
  houseId: string,
  c: {
    name: string;
    phone?: string;
    email?: string;
    assessed?: boolean;
    saysSo?: boolean;
    note?: string;
    byPersonOnly?: boolean;
    answers?: Record<string, string>;
    extId?: string;
  },
  nowMin: number,
): Promise<string> {
  const { rows } = await tx.raw<{ rows: { id: string }[] }>(
    "insert into clients (house_id, ext_id, name, phone, email, assessed, says_so, note, by_person_only, answers, made_at) values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?::jsonb, to_timestamp(?::double precision * 60)) returning id",
    [
      houseId,
      c.extId ?? null,
      c.name,
      c.phone ?? null,
      c.email ?? null,
      c.assessed ?? false,
      c.saysSo ?? false,
      c.note ?? "",
      c.byPersonOnly ?? false,
      JSON.stringify(c.answers ?? {}),
      nowMin,
    ],
  );
  return (rows[0] as { id: string }).id;
}

export async function addAnswers(tx: Tx, id: string, answers: Record<string, string>): Promise<void> {
  if (Object.keys(answers).length > 0) await tx.raw("update clients set answers = answers || ?::jsonb where id = ?", [JSON.stringify(answers), id]);
}

/** Clients whose name, number or email holds the words. */
export async function findClients(tx: Tx, houseId: string, words: string): Promise<ClientRow[]> {
  const like = `%${words.replace(/[\\%_]/g, (c) => `\\${c}`)}%`;
  const digits = words.replace(/\D/g, "");
  const { rows } = await tx.raw<{ rows: Columns[] }>(
    `select ${COLUMNS} from clients where house_id = ? and (name ilike ? or email ilike ? or (? <> '' and phone like ?)) order by name limit 12`,
    [houseId, like, like, digits, `%${digits}%`],
  );
  return rows.map(asRow);
}

export async function allClients(tx: Tx, houseId: string): Promise<ClientRow[]> {
  const { rows } = await tx.raw<{ rows: Columns[] }>(`select ${COLUMNS} from clients where house_id = ? order by made_at, name, id`, [houseId]);
  return rows.map(asRow);
}

/** Writes what a person at the desk may change of a card; null takes a value off. */
export async function updateClient(
  tx: Tx,
  houseId: string,
  id: string,
  c: {
    name?: string | undefined;
    phone?: string | null | undefined;
    email?: string | null | undefined;
    note?: string | undefined;
    assessed?: boolean | undefined;
    byPersonOnly?: boolean | undefined;
  },
): Promise<boolean> {
  const columns = { name: c.name, phone: c.phone, email: c.email, note: c.note, assessed: c.assessed, by_person_only: c.byPersonOnly };
  const set = Object.entries(columns).filter(([, v]) => v !== undefined);
  if (set.length === 0) return true;
  const { rowCount } = await tx.raw<{ rowCount: number }>(`update clients set ${set.map(([k]) => `${k} = ?`).join(", ")} where house_id = ? and id = ?`, [
    ...set.map(([, v]) => v as string | boolean | null),
    houseId,
    id,
  ]);
  return rowCount === 1;
}

/** The card of somebody of the same name with the same number or address, if there is one. */
export async function cardLike(tx: Tx, houseId: string, c: { name: string; phone?: string; email?: string }): Promise<string | null> {
  if (!c.phone && !c.email) return null;
  const near = await clientsByContact(tx, houseId, c.phone, c.email);
  return near.find((n) => n.client.name.toLowerCase() === c.name.toLowerCase())?.client.id ?? null;
}
