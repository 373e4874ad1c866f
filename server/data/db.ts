import knex, { type Knex } from "knex";
import pg from "pg";
import { migrations } from "./migrations.ts";

export type Db = Knex;
/** A connection inside a transaction, or the pool. */
export type Tx = Knex | Knex.Transaction;

// Whole numbers of eight bytes fit a double here: revisions and turn numbers.
pg.types.setTypeParser(20, (v: string) => Number(v));

export function openDb(url: string, most = 24): Db {
  return knex({ client: "pg", connection: url, pool: { min: 1, max: most }, acquireConnectionTimeout: 15_000 });
}

/**
 * One statement by its name: PostgreSQL reads and plans it once a connection, not once a request. For the few statements
 * that every message needs. Parameters are `$1`, `$2`, …
 */
export async function prepared<Row>(tx: Tx, name: string, text: string, values: readonly unknown[]): Promise<{ rows: Row[]; rowCount: number }> {
  const pool = tx.client as { acquireConnection(): Promise<pg.Client>; releaseConnection(c: pg.Client): Promise<void> };
  const connection = await pool.acquireConnection();
  try {
    const { rows, rowCount } = await connection.query<pg.QueryResultRow>({ name, text, values: [...values] });
    return { rows: rows as Row[], rowCount: rowCount ?? 0 };
  } finally {
    await pool.releaseConnection(connection);
  }
}

/** Parameters written as question marks, numbered as PostgreSQL wants them. */
export function numbered(sql: string): string {
  let n = 0;
  return sql.replace(/\?/g, () => `$${++n}`);
}

/** Brings the tables up to date; safe when several processes start at once. */
export async function migrate(db: Db): Promise<void> {
  await db.migrate.latest({
    migrationSource: {
      getMigrations: () => Promise.resolve(Object.keys(migrations)),
      getMigrationName: (name: string) => name,
      getMigration: (name: string) => {
        const m = migrations[name];
        if (!m) throw new Error(`no migration ${name}`);
        return Promise.resolve(m);
      },
    },
  });
}

/** PostgreSQL's word for "an exclusion constraint stands against it". */
const EXCLUDED = "23P01";

/** Whether an error is the calendars' constraints saying that a time is taken. */
export const isTaken = (error: unknown): boolean => (error as { code?: string }).code === EXCLUDED;

/** Does something that the calendars' constraints may refuse; null when they do, and the transaction goes on. */
export async function unlessTaken<T>(tx: Tx, act: () => Promise<T>): Promise<T | null> {
  await tx.raw("savepoint attempt");
  try {
    const done = await act();
    await tx.raw("release savepoint attempt");
    return done;
  } catch (error) {
    await tx.raw("rollback to savepoint attempt");
    if (isTaken(error)) return null;
    throw error;
  }
}
