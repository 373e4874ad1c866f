import { createServer, type Server } from "node:http";
import pg from "pg";
import { compile, type House } from "@gentian/core/house/compile";
import type { HouseFile } from "@gentian/core/house/schema";
import { demoFile } from "@gentian/core/testing/demo";
import { epochMinOf } from "@gentian/core/time/zone";
import { openApp } from "../app.ts";
import type { App } from "../parts.ts";
import { migrate, openDb } from "../data/db.ts";
import { setClock } from "../data/houses.ts";
import { openLines } from "../lines/phone.ts";
import { loadHouse } from "../housefile.ts";
import { PAGES } from "../pages.ts";

export interface TestHouse {
  app: App;
  base: string;
  house: House;
  houseId: string;
  nowMin: number;
  url: string;
  setNow(wall: string): Promise<void>;
  stop(): Promise<void>;
}

/** A server with a database of its own, the demo house in it (with the given book), and its clock held still. */
export async function openTestHouse(
  databaseUrl: string,
  name: string,
  book: HouseFile["book"] = { clients: [], appointments: [], absences: [] },
  wall = "2027-03-01T08:30",
): Promise<TestHouse> {
  const admin = new pg.Client({ connectionString: databaseUrl });
  await admin.connect();
  await admin.query(`drop database if exists ${name} with (force)`);
  await admin.query(`create database ${name}`);
  await admin.end();
  const url = databaseUrl.replace(/\/[^/]+$/, `/${name}`);
  const db = openDb(url, 2);
  await migrate(db);
  const file = { ...demoFile(), book };
  const { houseId } = await loadHouse(db, file);
  const { house } = compile(demoFile());
  if (!house) throw new Error("the demo house does not compile");
  const set = (w: string): Promise<void> => setClock(db, houseId, { houseMs: epochMinOf(house.zone, w) * 60_000, realMs: Date.now(), rate: 0 });
  await set(wall);
  const app = await openApp({
    databaseUrl: url,
    secret: "for tests alone",
    pages: PAGES,
    startLimit: 10_000,
    messageLimit: 100_000,
    signInLimit: 5,
    measure: true,
  });
  const server: Server = createServer(app.http);
  const closeLines = openLines(app, server);
  await new Promise<void>((done) => server.listen(0, "127.0.0.1", done));
  const address = server.address();
  return {
    app,
    base: `http://127.0.0.1:${address && typeof address === "object" ? address.port : 0}`,
    house,
    houseId,
    nowMin: epochMinOf(house.zone, wall),
    url,
    setNow: set,
    stop: async () => {
      closeLines();
      server.close();
      server.closeAllConnections();
      await app.close();
      await db.destroy();
    },
  };
}

export interface Client {
  id: string;
  token: string;
  replies: {
    text: string;
    expects: string;
    choices?: { label: string; say: string }[];
    appointment?: Record<string, unknown>;
    sources: { kind: string; id: string }[];
  }[];
  say(text: string, ref?: string): Promise<{ status: number; body: Answer }>;
}
export interface Answer {
  replies: Client["replies"];
  state: { status: string; outcome?: string; outcomes: string[]; known: Record<string, unknown> };
  title?: string;
  detail?: string;
  errors?: { path: string; message: string }[];
}

/** Begins a conversation over HTTP. */
export async function talkTo(base: string, line = "ternbay-web"): Promise<Client> {
  const res = await fetch(`${base}/api/v1/lines/${line}/conversations`, { method: "POST", headers: { "content-type": "application/json" }, body: "{}" });
  if (res.status !== 201) throw new Error(`${res.status} ${await res.text()}`);
  const made = (await res.json()) as { conversation: string; token: string; replies: Client["replies"] };
  return {
    id: made.conversation,
    token: made.token,
    replies: made.replies,
    say: async (text, ref) => {
      const r = await fetch(`${base}/api/v1/conversations/${made.conversation}/messages`, {
        method: "POST",
        headers: { "content-type": "application/json", authorization: `Bearer ${made.token}` },
        body: JSON.stringify({ text, ...(ref ? { ref } : {}) }),
      });
      return { status: r.status, body: (await r.json()) as Answer };
    },
  };
}

/** Says several things in turn and gives the last answer. */
export async function sayAll(c: Client, ...lines: string[]): Promise<Answer> {
  let last: Answer | null = null;
  for (const line of lines) last = (await c.say(line)).body;
  if (!last) throw new Error("nothing was said");
  return last;
}
