import { CalendarBook } from "@gentian/core/schedule/calendar";
import type { App } from "../parts.ts";
import { lockDesk } from "../books.ts";
import { deleteOldSounds } from "../data/calls.ts";
import { anyExpired } from "../data/appointments.ts";
import { idleConversations, unattended } from "../data/conversations.ts";
import { allHouses, houseNow } from "../data/houses.ts";

const EVERY_MS = 15_000;
/** How long somebody who was handed over waits for the desk, where the house has not said. */
const WAIT_MINUTES = 3;
/** A conversation in which nobody speaks for so long is over. */
const IDLE_MINUTES = 30;

/** Lets holds lapse and closes conversations that were left; gives what stops it. Several processes may do it. */
export function startJobs(app: App): () => void {
  let busy = false;
  const timer = setInterval(() => {
    if (busy) return;
    busy = true;
    sweep(app)
      .catch((error: unknown) => app.log.warn({ err: error }, "sweep"))
      .finally(() => (busy = false));
  }, EVERY_MS);
  timer.unref();
  return () => clearInterval(timer);
}

export async function sweep(app: App): Promise<void> {
  for (const row of await allHouses(app.db)) {
    const nowMin = houseNow(row.clock);
    const { handingOver } = (await app.houses.version(app.db, row.versionId)).handbook;
    for (const id of await unattended(app.db, row.id, handingOver?.waitMin ?? WAIT_MINUTES)) await app.talk.nobodyCame(id);
    if (!(await anyExpired(app.db, row.id, nowMin))) continue;
    const house = await app.houses.version(app.db, row.versionId);
    await app.db.transaction((tx) =>
      lockDesk({
        tx,
        house,
        houseId: row.id,
        nowMin,
        calendar: new CalendarBook(),
        actor: "clock",
        fresh: () => Promise.resolve({ house, calendar: new CalendarBook() }),
      }),
    );
  }
  await deleteOldSounds(app.db);
  for (const id of await idleConversations(app.db, IDLE_MINUTES)) await app.talk.abandon(id);
}
