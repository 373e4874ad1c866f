import { createInterface } from "node:readline";
import { migrate, openDb } from "../data/db.ts";
import { turnsOf } from "../data/conversations.ts";
import { notify } from "../data/notify.ts";
import { houseByLine } from "../data/houses.ts";
import { Houses } from "../houses.ts";
import { Talk } from "../talk.ts";
import { database } from "./database.ts";
import { Mistake, type Flags } from "./mistake.ts";

/** Holds a conversation in the terminal, on the real calendars; with reasons it shows why each reply was given. */
export async function talk(flags: Flags, key: string | undefined): Promise<void> {
  if (!key) throw new Mistake("On which line? ./gentian talk ternbay-web");
  const data = await database(flags, (l) => void process.stderr.write(`${l}\n`));
  const db = openDb(data.url, 4);
  try {
    await migrate(db);
    const row = await houseByLine(db, key);
    if (!row) throw new Mistake(`There is no line ${key}. Start Gentian once, or check the line's key.`);
    const houses = new Houses();
    const house = await houses.version(db, row.versionId);
    const line = house.handbook.lines.find((l) => l.key === key);
    if (!line) throw new Mistake(`There is no line ${key}.`);
    const run = new Talk(db, houses, (m) => void notify(db, m));
    const started = await run.start(row, line, flags.seed ? { seed: Number(flags.seed) } : {});
    let seen = 0;
    const show = async (): Promise<void> => {
      for (const t of await turnsOf(db, started.conversation, seen)) {
        seen = t.id;
        if (t.who === "client") continue;
        if (t.who === "event") process.stdout.write(`    (${t.text})\n`);
        else {
          const reply = t.reply as { choices?: { label: string }[]; expects?: string };
          process.stdout.write(`${t.who === "desk" ? "Desk" : "Receptionist"}: ${t.text}\n`);
          if (reply.choices) process.stdout.write(`    [${reply.choices.map((c) => c.label).join("] [")}]\n`);
          if (flags.reasons) for (const r of (t.reasons as Record<string, unknown>[] | null) ?? []) process.stdout.write(`    · ${reasonLine(r)}\n`);
        }
      }
    };
    await show();
    const lines = createInterface({ input: process.stdin, output: process.stdout, prompt: "You: ", terminal: process.stdin.isTTY });
    lines.prompt();
    for await (const text of lines) {
      if (text.trim() !== "") {
        const answer = await run.say(started.conversation, started.token, text);
        await show();
        if (answer.state.status === "closed") break;
      }
      lines.prompt();
    }
    lines.close();
  } finally {
    await db.destroy();
    await data.stop();
  }
}

function reasonLine(r: Record<string, unknown>): string {
  switch (r["what"]) {
    case "read":
      return `read "${String(r["words"])}" as ${String(r["means"])} by ${String(r["rule"])}${typeof r["assumed"] === "string" ? `, assumed ${r["assumed"]}` : ""}`;
    case "errand":
      return `errand ${String(r["errand"])} by ${String(r["rule"])}, sure ${String(r["sure"])}`;
    case "source":
      return `source: ${(r["source"] as { label: string }).label}`;
    case "looked":
      return `looked at ${String(r["seen"])} openings of ${String(r["at"])}`;
    default:
      return Object.values(r).map(String).join(" ");
  }
}
