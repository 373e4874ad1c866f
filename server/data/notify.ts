import type { Tx } from "./db.ts";

/** The channel that every process listens on. */
export const CHANNEL = "gentian";

/** Tells every process what changed; heard when the transaction commits. */
export async function notify(tx: Tx, message: { house: string; what: "calendar" | "talk" | "slip" | "draft"; id?: string }): Promise<void> {
  await tx.raw("select pg_notify(?, ?)", [CHANNEL, JSON.stringify(message)]);
}
