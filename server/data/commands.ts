import { prepared, type Tx } from "./db.ts";

/** The answer given to a command before, under the same ref. */
export async function answerOf(tx: Tx, houseId: string, ref: string): Promise<unknown> {
  const { rows } = await prepared<{ answer: unknown }>(tx, "answer-of", "select answer from commands where house_id = $1::uuid and ref = $2::text", [
    houseId,
    ref,
  ]);
  return rows[0]?.answer ?? null;
}

export async function keepAnswer(tx: Tx, houseId: string, ref: string, answer: unknown): Promise<void> {
  await prepared(tx, "keep-answer", "insert into commands (house_id, ref, answer) values ($1::uuid, $2::text, $3::jsonb)", [
    houseId,
    ref,
    JSON.stringify(answer),
  ]);
}
