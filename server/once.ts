import type { Desk } from "./books.ts";
import { answerOf, keepAnswer } from "./data/commands.ts";
import type { Db, Tx } from "./data/db.ts";
import type { Houses } from "./houses.ts";

/**
 * Does a command of the desk once: in one transaction, under its ref, which is unique. Asked again with the same ref, it
 * gives the same answer and does nothing. What throws leaves nothing behind.
 */
export async function once<T>(
  at: { db: Db; houses: Houses; houseId: string },
  ref: string,
  deskOf: (tx: Tx) => Desk,
  act: (desk: Desk, tx: Tx) => Promise<T>,
): Promise<T> {
  let desk: Desk | null = null;
  try {
    return await at.db.transaction(async (tx) => {
      const before = await answerOf(tx, at.houseId, ref);
      if (before) return before as T;
      desk = deskOf(tx);
      desk.stage = (rev, rows) => (rows ? at.houses.stage(at.houseId, rev, rows) : at.houses.unstage(at.houseId, rev));
      const answer = await act(desk, tx);
      await keepAnswer(tx, at.houseId, ref, answer);
      return answer;
    });
  } catch (error) {
    const rev = (desk as Desk | null)?.rev;
    if (rev !== undefined) at.houses.unstage(at.houseId, rev);
    throw error;
  }
}
