import { mkdirSync, rmSync, writeFileSync } from "node:fs";
import { createServer } from "node:http";
import { join } from "node:path";
import { zoneName } from "@gentian/core/house/schema";
import { readyToAnswer } from "@gentian/core/knowledge/topics";
import { readyToRead } from "@gentian/core/language/classifier";
import { epochMinOf, zoneOf } from "@gentian/core/time/zone";
import { openApp } from "../app.ts";
import { secretOf, startCluster } from "../cluster.ts";
import { migrate, openDb } from "../data/db.ts";
import { allHouses, handbookOf, setClock, type Clock } from "../data/houses.ts";
import { DEMO_KEY, DEMO_SIGN_IN, loadDemo } from "../demo.ts";
import { buildPages, PAGES } from "../pages.ts";
import { openLines, warmLines } from "../lines/phone.ts";
import { startJobs } from "../jobs/sweep.ts";
import { countAccounts } from "../data/accounts.ts";
import { folderOf, runningOn } from "./database.ts";
import { Mistake, type Flags } from "./mistake.ts";

const DEMO_ZONE = "America/Halifax";

/** Sets up whatever is missing, serves everything on one port, and stops what it started when it is stopped. */
export async function start(flags: Flags): Promise<void> {
  const say = (line: string): void => void process.stdout.write(`${line}\n`);
  const port = Number(flags.port ?? 4600);
  if (!Number.isInteger(port) || port < 0 || port > 65_535) throw new Mistake("--port takes a number from 0 to 65535.");
  const rate = flags["clock-rate"] === undefined ? 1 : Number(flags["clock-rate"]);
  if (!(rate >= 0 && rate <= 1000)) throw new Mistake("--clock-rate takes a number from 0 (the clock stands still) to 1000.");
  const folder = folderOf(flags);
  const given = process.env["DATABASE_URL"];
  if (!given) {
    const running = runningOn(folder);
    if (running) throw new Mistake(`Gentian runs on ${folder} already (process ${running.pid}). Stop it first, or name another folder with --data.`);
    if (flags.fresh) {
      // Only what Gentian itself put there.
      for (const name of ["postgres", "run", "running.json", "secret-database", "secret-sessions"])
        rmSync(join(folder, name), { recursive: true, force: true });
    }
  }
  mkdirSync(folder, { recursive: true, mode: 0o755 });
  await buildPages(say);
  const cluster = given ? null : await startCluster(folder, say);
  const url = given ?? (cluster as { url: string }).url;
  let app: Awaited<ReturnType<typeof openApp>> | null = null;
  try {
    const db = openDb(url, 2);
    if (given && flags.fresh) await db.migrate.rollback(undefined, true).catch(() => undefined);
    await migrate(db);
    await db.destroy();
    app = await openApp({
      databaseUrl: url,
      secret: process.env["GENTIAN_SECRET"] ?? secretOf(folder, "sessions"),
      pages: PAGES,
      startLimit: limit("GENTIAN_START_LIMIT", 60),
      messageLimit: limit("GENTIAN_MESSAGE_LIMIT", 600),
      signInLimit: limit("GENTIAN_SIGN_IN_LIMIT", 20),
      speech: join(folder, "speech"),
      measure: process.env["GENTIAN_MEASURE"] === "1",
      ...(process.env["GENTIAN_GATEWAY_SECRET"] ? { gatewaySecret: process.env["GENTIAN_GATEWAY_SECRET"] } : {}),
    });
    await prepare(app, flags, rate, say);
  } catch (error) {
    await app?.close();
    await cluster?.stop();
    throw error;
  }
  const opened = app;
  const server = createServer(opened.http);
  const stopLines = openLines(opened, server);
  const stopJobs = startJobs(opened);
  let stopping = false;
  const stop = async (code: number): Promise<void> => {
    if (stopping) return;
    stopping = true;
    stopJobs();
    stopLines();
    server.close();
    server.closeAllConnections();
    await opened.close().catch(() => undefined);
    await cluster?.stop();
    rmSync(join(folder, "running.json"), { force: true });
    process.exit(code);
  };
  process.on("SIGINT", () => void stop(0));
  process.on("SIGTERM", () => void stop(0));
  process.on("SIGHUP", () => void stop(0));
  await new Promise<void>((done, fail) => {
    server.once("error", (e: NodeJS.ErrnoException) => fail(e.code === "EADDRINUSE" ? new Mistake(`Port ${port} is taken. Choose another with --port.`) : e));
    server.listen(port, flags.host ?? "127.0.0.1", done);
  }).catch(async (e: unknown) => {
    await opened.close();
    await cluster?.stop();
    throw e;
  });
  readyToRead();
  readyToAnswer();
  warmLines(opened).catch((error: unknown) => opened.log.warn({ err: error }, "the telephone's models"));
  if (!given) writeFileSync(join(folder, "running.json"), JSON.stringify({ pid: process.pid, url }), { mode: 0o600 });
  const address = server.address();
  const bound = address && typeof address === "object" ? address.port : port;
  say(`Gentian is open at http://${flags.host ?? "127.0.0.1"}:${bound}`);
  const houses = await allHouses(opened.db);
  if (houses.some((h) => h.key === DEMO_KEY)) {
    say(`  Demo sign-in: ${DEMO_SIGN_IN.email} with the password "${DEMO_SIGN_IN.password}"`);
    say(`  The demo house's page with the chat: http://${flags.host ?? "127.0.0.1"}:${bound}/house/ternbay-web`);
  } else if ((await countAccounts(opened.db)) === 0) say("  Open it in a browser to make the owner and the house.");
}

function limit(name: string, fallback: number): number {
  const n = Number(process.env[name]);
  return Number.isInteger(n) && n > 0 ? n : fallback;
}

async function prepare(app: Awaited<ReturnType<typeof openApp>>, flags: Flags, rate: number, say: (line: string) => void): Promise<void> {
  const asked = flags.clock;
  const clockIn = (zone: string): Clock | null => {
    if (asked === undefined) return flags["clock-rate"] === undefined ? null : { houseMs: Date.now(), realMs: Date.now(), rate };
    try {
      return { houseMs: epochMinOf(zoneOf(zoneName.parse(zone)), asked) * 60_000, realMs: Date.now(), rate };
    } catch {
      throw new Mistake("--clock takes a time such as 2027-03-01T08:30.");
    }
  };
  const houses = await allHouses(app.db);
  if (houses.length === 0 && !flags.empty && (await countAccounts(app.db)) === 0) {
    say("Loading the demo house…");
    await loadDemo(app, clockIn(DEMO_ZONE) ?? { houseMs: Date.now(), realMs: Date.now(), rate: 1 });
    return;
  }
  for (const h of houses) {
    const clock = clockIn((await handbookOf(app.db, h.versionId)).zone);
    if (clock) await setClock(app.db, h.id, clock);
  }
}
