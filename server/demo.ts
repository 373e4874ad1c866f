import { readFileSync } from "node:fs";
import { compile } from "@gentian/core/house/compile";
import { parseHouseFile } from "@gentian/core/house/schema";
import { demoBook } from "../demo/book.ts";
import { loadHouse } from "./housefile.ts";
import { insertAccount } from "./data/accounts.ts";
import { houseById, setClock, type Clock } from "./data/houses.ts";
import type { App } from "./parts.ts";
import { passwordHash } from "./http/session.ts";

export const DEMO_KEY = "ternbay";
export const DEMO_SIGN_IN = { email: "mina@ternbay.example", password: "gentian by the bay" } as const;

/** Loads the demo house around a moment of its clock, and plays the conversations that it has had. */
export async function loadDemo(app: App, clock: Clock): Promise<void> {
  const read = (name: string): unknown => JSON.parse(readFileSync(new URL(`../demo/${name}`, import.meta.url), "utf8"));
  const parsed = parseHouseFile(read("ternbay.json"));
  if ("problems" in parsed) throw new Error(JSON.stringify(parsed.problems));
  const { house } = compile(parsed.file);
  if (!house) throw new Error("the demo house does not compile");
  const nowMin = Math.floor(clock.houseMs / 60_000);
  const { houseId } = await loadHouse(app.db, { ...parsed.file, book: demoBook(house, nowMin) });
  app.houses.forget(houseId);
  await insertAccount(app.db, {
    houseId,
    name: "Mina Achterberg",
    email: DEMO_SIGN_IN.email,
    passwordHash: await passwordHash(DEMO_SIGN_IN.password),
    role: "owner",
  });
  const { conversations } = read("conversations.json") as { conversations: { line: string; minutesAgo: number; says: string[]; left?: boolean }[] };
  let seed = 1;
  for (const c of conversations) {
    let at = clock.houseMs - c.minutesAgo * 60_000;
    await setClock(app.db, houseId, { houseMs: at, realMs: Date.now(), rate: 0 });
    const row = await houseById(app.db, houseId);
    const line = house.handbook.lines.find((l) => l.key === c.line);
    if (!row || !line) continue;
    const talk = await app.talk.start(row, line, { seed: seed++ });
    let open = true;
    for (const text of c.says) {
      if (!open) break;
      at = Math.min(at + 20_000, clock.houseMs);
      await setClock(app.db, houseId, { houseMs: at, realMs: Date.now(), rate: 0 });
      open = (await app.talk.say(talk.conversation, talk.token, text)).state.status !== "closed";
    }
    if (c.left && open) await app.talk.event(talk.conversation, talk.token, "left");
  }
  await setClock(app.db, houseId, { ...clock, realMs: Date.now() });
}
