import type { Tx } from "./db.ts";

/** The answer given to a command before, under the same ref. */
export async function answerOf(tx: Tx, houseId: string, ref: string): Promise<unknown> {
  const { rows } = await tx.raw<{ rows: { answer: unknown }[] }>("select answer from commands where house_id = ? and ref = ?", [houseId, ref]);
  return rows[0]?.answer ?? null;
}

export async function keepAnswer(tx: Tx, houseId: string, ref: string, answer: unknown): Promise<void> {
  await tx.raw("insert into commands (house_id, ref, answer) values (?, ?, ?::jsonb)", [houseId, ref, JSON.stringify(answer)]);
}
