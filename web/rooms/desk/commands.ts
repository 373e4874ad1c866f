import { toast } from "sonner";
import { mutate } from "swr";
import { newRef, Refused, send, wordsOf } from "../../api/client.ts";
import type { Done } from "../../api/types.ts";

/** Asks again for everything that shows the calendars. */
export const again = (): Promise<unknown> =>
  mutate((key) => typeof key === "string" && /^\/(?:day|appointments|openings|week|differs|blocks|now|walk-ins)/.test(key));

/** Takes a change back, and says what came of it. */
export async function takeBack(undo: number): Promise<void> {
  try {
    await send("POST", "/undo", { ref: newRef(), id: undo });
    toast("Taken back");
  } catch (e) {
    const { title, detail } = wordsOf(e);
    toast.error(`${title}. ${detail}`);
  }
  await again();
}

/** Does a command and says so, with the way back. Throws what the server refuses. */
export async function command(path: string, body: object, said: string): Promise<Done> {
  const done = await send<Done>("POST", path, { ref: newRef(), ...body });
  toast(said, done.undo ? { action: { label: "Undo", onClick: () => void takeBack(done.undo) } } : undefined);
  await again();
  return done;
}

/** Whether a refusal may be overruled with a reason. */
export const mayOverrule = (e: unknown): boolean => e instanceof Refused && (e.problem as { mayOverrule?: boolean }).mayOverrule === true;

/** How many appointments lie in time that was to be blocked. */
export const underOf = (e: unknown): number => (e instanceof Refused ? ((e.problem as { under?: number }).under ?? 0) : 0);
