import { spawn, spawnSync, type ChildProcess } from "node:child_process";
import { existsSync, mkdtempSync, rmSync, writeFileSync, chmodSync } from "node:fs";
import { tmpdir } from "node:os";
import pg from "pg";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import type { HouseFile } from "@gentian/core/house/schema";
import { demoFile } from "@gentian/core/testing/demo";
import { isoOfDay, WEEKDAYS } from "@gentian/core/time/days";
import { clockText, epochMinOf, zoneOf } from "@gentian/core/time/zone";
import { bookByHand } from "@gentian/server/byhand";
import { freePort, startCluster } from "@gentian/server/cluster";
import { migrate, openDb, type Db } from "@gentian/server/data/db";
import { houseById, houseNow, setClock } from "@gentian/server/data/houses";
import { loadHouse } from "@gentian/server/housefile";
import { Houses } from "@gentian/server/houses";
import { once } from "@gentian/server/once";

const CLIENTS = 8;
const SECONDS = 8;
const ROUNDS = 3;
const PGBENCH = ["/usr/lib/postgresql/15/bin/pgbench", "/usr/lib/postgresql/16/bin/pgbench", "/usr/lib/postgresql/17/bin/pgbench"].find((p) => existsSync(p));

const say = (line: string): void => {
  process.stdout.write(`${line}\n`);
};

/** A house whose calendars do not run full while it is measured: many people, two years ahead. */
function wideHouse(): HouseFile {
  const file: HouseFile = { ...demoFile(), key: "wide", questions: [], answers: [], closed: [] };
  file.hours = [{ id: "h", weekdays: [...WEEKDAYS], from: "06:00", to: "22:00" }];
  file.staff = Array.from({ length: 60 }, (_, i) => ({
    id: `s${i}`,
    name: `Person ${i}`,
    called: [],
    work: "x",
    languages: [],
    bookable: true,
    takesMessages: false,
    hours: [{ id: `w${i}`, weekdays: [...WEEKDAYS], from: "06:00", to: "22:00" }],
    breaks: [],
  }));
  file.rooms = file.staff.map((_, i) => ({ id: `r${i}`, name: `Room ${i}`, pool: "Room" }));
  file.services = [
    {
      id: "v",
      name: "Visit",
      also: [],
      about: "",
      asks: [],
      variants: [{ lengthMin: 30, priceMinor: 5000 }],
      staff: file.staff.map((s) => s.id),
      pool: "Room",
      cleanUpMin: 0,
    },
  ];
  file.rules = { ...file.rules, horizonDays: 730, noticeMin: 0 };
  file.lines = file.lines.map((l) => ({ ...l, key: `wide-${l.channel}` }));
  file.book = { clients: [{ id: "c", name: "Client", assessed: false, saysSo: false, note: "", answers: {} }], appointments: [], absences: [] };
  return file;
}

/** The places that the benchmark books, one after another, each once. */
function* places(zoneDay: number, from: number): Generator<{ day: number; minute: number; staff: string }> {
  for (let n = from; ; n++) {
    const staff = `s${n % 60}`;
    const k = Math.floor(n / 60);
    yield { day: zoneDay + 1 + Math.floor(k / 32), minute: 360 + (k % 32) * 30, staff };
  }
}

interface Bench {
  db: Db;
  url: string;
  houseId: string;
  clientId: string;
  next: Generator<{ day: number; minute: number; staff: string }>;
}

/** One booking command as the desk does it: one transaction, once by its ref, with its audit row. */
async function bookOne(b: Bench, houses: Houses, ref: string): Promise<void> {
  const row = await houseById(b.db, b.houseId);
  if (!row) throw new Error("the house is gone");
  const nowMin = houseNow(row.clock);
  const at = { versionId: row.versionId, houseId: row.id, nowMin };
  const place = b.next.next().value as { day: number; minute: number; staff: string };
  const today = await houses.today(b.db, { ...at, rev: row.calendarRev });
  await once(
    { db: b.db, houses, houseId: row.id },
    ref,
    (tx) => ({ tx, ...today, houseId: row.id, nowMin, actor: "bench", fresh: (rev) => houses.today(tx, { ...at, rev }) }),
    async (desk) => {
      const startMin = today.house.zone.toEpochMin(place.day, place.minute);
      const done = await bookByHand(desk, { chosen: { service: "v", lengthMin: 30, staff: place.staff, startMin }, clientId: b.clientId });
      if (!done.done) throw new Error(`not booked: ${JSON.stringify(done)}`);
      return done;
    },
  );
}

async function ours(b: Bench, houses: Houses): Promise<number> {
  // What is in the tables is read once before, as it is in a server that runs.
  await bookOne(b, houses, crypto.randomUUID());
  const until = performance.now() + SECONDS * 1000;
  let n = 0;
  await Promise.all(
    Array.from({ length: CLIENTS }, async () => {
      while (performance.now() < until) {
        await bookOne(b, houses, crypto.randomUUID());
        n++;
      }
    }),
  );
  return n / SECONDS;
}

const literal = (v: unknown): string =>
  v === null || v === undefined
    ? "null"
    : typeof v === "number" || typeof v === "boolean"
      ? String(v)
      : Array.isArray(v)
        ? `'{${v.map(String).join(",")}}'`
        : `'${(typeof v === "string" ? v : JSON.stringify(v)).replace(/'/g, "''")}'`;

/**
 * The statements of one booking as they went to PostgreSQL, as a pgbench script. What must differ each time (the person's
 * time, the ref, the row that was made, the revision) is a variable; all else stands as it was sent.
 */
async function script(b: Bench): Promise<string> {
  const seen: { sql: string; bindings: readonly unknown[] }[] = [];
  const hear = (q: { sql: string; bindings?: readonly unknown[] }): void => void seen.push({ sql: q.sql, bindings: q.bindings ?? [] });
  const houses = new Houses();
  await bookOne(b, houses, crypto.randomUUID());
  // Named statements go past knex: they are heard on the connection.
  const plain = Object.getOwnPropertyDescriptor(pg.Client.prototype, "query")?.value as typeof pg.Client.prototype.query;
  pg.Client.prototype.query = function (this: pg.Client, ...args: unknown[]) {
    const [q] = args as [{ text?: string; values?: readonly unknown[]; name?: string } | string];
    if (typeof q === "object" && q.name) hear({ sql: q.text ?? "", bindings: q.values ?? [] });
    return (plain as (...a: unknown[]) => unknown).apply(this, args);
  } as typeof plain;
  b.db.on("query", hear);
  const ref = crypto.randomUUID();
  await bookOne(b, houses, ref);
  b.db.removeListener("query", hear);
  pg.Client.prototype.query = plain;
  let made = "";
  let start = 0;
  const insert = seen.find((q) => q.sql.includes("insert into appointments"));
  if (insert) start = insert.bindings.find((v): v is number => typeof v === "number" && v > 25_000_000) ?? 0;
  const { rows } = await b.db.raw<{ rows: { id: string; rev: number }[] }>("select id, rev from appointments order by rev desc limit 1");
  made = rows[0]?.id ?? "";
  const rev = rows[0]?.rev ?? 0;
  const staff = insert?.bindings.find((v): v is string => typeof v === "string" && /^s\d+$/.test(v)) ?? "";
  const lines = ["\\set n :n + 1", "\\set start :base + :n * 30"];
  for (const q of seen) {
    let i = 0;
    const sql = q.sql.replace(/\?|\$(\d+)/g, (_all, n?: string) => {
      const v = q.bindings[n === undefined ? i++ : Number(n) - 1];
      if (v === ref) return "'bench-' || :client_id || '-' || :n || '-' || :run";
      if (v === made && made) return "':made'";
      if (typeof v === "number" && start > 0 && v >= start && v <= start + 60) return `(:start + ${v - start})`;
      // What changed in the calendars since they were read last: a turn or two ago.
      if (typeof v === "number" && v < rev && q.sql.startsWith("select * from (")) return "(:h_calendar_rev - 1)";
      if (typeof v === "number" && rev > 0 && (v === rev || v === rev - 1)) return `(:rev - ${rev - v})`;
      if (v === staff && staff) return "'s' || :client_id";
      if (typeof v === "string" && v.includes(`"staff":"${staff}"`)) return literal(v.replace(`"staff":"${staff}"`, '"staff":"s0"'));
      return literal(v);
    });
    const one = sql
      .replace(/\s+/g, " ")
      .replace(/'r\d+'/g, "'r' || :client_id")
      .trim();
    if (/^update houses set calendar_rev/.test(one)) lines.push(`${one} \\gset`);
    else if (/^with made as/.test(one)) lines.push(`${one.replace("select made.id, noted.id as audit", "select made.id as made, noted.id as audit")} \\gset`);
    else if (one.startsWith("select h.id, h.key")) lines.push(`${one} \\gset h_`);
    else lines.push(`${one.replace(/;$/, "")};`);
  }
  return `${lines.join("\n")}\n`;
}

function pgbench(b: Bench, file: string, run: number): number {
  const base = Date.UTC(2040, 0, 1) / 60_000 + run * 30_000_000;
  const r = spawnSync(
    PGBENCH as string,
    ["-n", "-c", String(CLIENTS), "-j", "2", "-T", String(SECONDS), "-D", "n=0", "-D", `base=${base}`, "-D", `run=${run}`, "-f", file, b.url],
    { encoding: "utf8" },
  );
  const tps = /tps = ([\d.]+) \(without/.exec(r.stdout)?.[1] ?? /tps = ([\d.]+)/.exec(r.stdout)?.[1];
  if (r.status !== 0 || !tps || /aborted/.test(r.stderr)) throw new Error(`pgbench did not run: ${r.stderr.slice(0, 1500)}`);
  return Number(tps);
}

// ---- the server killed while many book ----

const TALKERS = 64;
const COMMANDS = 2000;

interface Known {
  id: string;
  ref: string;
  staff: string;
  startMin: number;
  standing: boolean;
}

async function kills(url: string, folder: string): Promise<void> {
  const root = fileURLToPath(new URL("..", import.meta.url));
  const port = await freePort();
  const base = `http://127.0.0.1:${port}`;
  let child: ChildProcess | null = null;
  const up = async (): Promise<void> => {
    child = spawn(
      process.execPath,
      ["--import", "tsx", "server/cli/main.ts", "start", "--data", folder, "--port", String(port), "--clock", "2027-03-01T07:00", "--clock-rate", "0"],
      {
        cwd: root,
        env: { ...process.env, DATABASE_URL: url },
        stdio: ["ignore", "pipe", "inherit"],
      },
    );
    const started = child;
    await new Promise<void>((done, fail) => {
      started.stdout?.on("data", (d: Buffer) => d.toString().includes("Gentian is open at") && done());
      started.once("exit", (code, signal) => signal !== "SIGKILL" && fail(new Error(`the server stopped with ${code}`)));
    });
  };
  await up();
  const headers: Record<string, string> = { "content-type": "application/json", "x-gentian": "desk" };
  const signed = await fetch(`${base}/api/desk/sign-in`, {
    method: "POST",
    headers,
    body: JSON.stringify({ email: "mina@ternbay.example", password: "gentian by the bay" }),
  });
  headers["cookie"] = (signed.headers.get("set-cookie") ?? "").split(";")[0] ?? "";
  const db = openDb(url, 2);
  const zone = zoneOf("America/Halifax");
  let seed = 11;
  const random = (n: number): number => {
    seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
    return Math.floor((seed / 4294967296) * n);
  };
  const counts = { done: 0, refused: 0, again: 0, killed: 0 };
  /** Sends a command until it is answered, always under the same ref. */
  const sure = async (path: string, body: object): Promise<{ status: number; body: { id?: string } }> => {
    for (;;) {
      try {
        const r = await fetch(`${base}/api/desk${path}`, { method: "POST", headers, body: JSON.stringify(body), signal: AbortSignal.timeout(15_000) });
        const answer = (await r.json()) as { id?: string };
        if (r.status < 500) return { status: r.status, body: answer };
      } catch {
        // Cut off: whether it was done is not known, so it is asked again.
      }
      counts.again++;
      await new Promise((d) => setTimeout(d, 200));
    }
  };
  const services = [
    { service: "follow-up", length: 30, people: ["maren", "tobias", "priya"] },
    { service: "sports-massage", length: 60, people: ["nell", "joaquim"] },
    { service: "acupuncture", length: 45, people: ["priya"] },
    { service: "taping", length: 15, people: ["maren", "tobias"] },
  ];
  const monday = 20_882 + 14;
  const when = () => ({ date: isoOfDay(monday + random(5)), time: clockText(480 + random(44) * 15) });
  const all: Known[] = [];
  let sent = 0;
  const talker = async (n: number): Promise<void> => {
    const mine: Known[] = [];
    while (sent < COMMANDS) {
      sent++;
      const ref = crypto.randomUUID();
      const own = mine.filter((m) => m.standing);
      const pick = own[random(own.length)];
      const roll = random(10);
      if (pick && roll < 3) {
        const at = when();
        const r = await sure(`/appointments/${pick.id}/move`, { ref, ...at });
        if (r.status === 200) pick.startMin = epochMinOf(zone, `${at.date}T${at.time}`);
        counts[r.status === 200 ? "done" : "refused"]++;
      } else if (pick && roll < 5) {
        const r = await sure(`/appointments/${pick.id}/cancel`, { ref });
        if (r.status === 200) pick.standing = false;
        counts[r.status === 200 ? "done" : "refused"]++;
      } else {
        const s = services[random(services.length)] as (typeof services)[number];
        const staff = s.people[random(s.people.length)] as string;
        const at = when();
        const r = await sure("/appointments", {
          ref,
          service: s.service,
          length: s.length,
          staff,
          ...at,
          newClient: { name: `Talker ${n}`, phone: `902 555 01${String(n).padStart(2, "0")}` },
        });
        if (r.status === 201 && r.body.id) {
          const made = { id: r.body.id, ref, staff, startMin: epochMinOf(zone, `${at.date}T${at.time}`), standing: true };
          mine.push(made);
          all.push(made);
        }
        counts[r.status === 201 ? "done" : "refused"]++;
      }
    }
  };
  const talkers = Promise.all(Array.from({ length: TALKERS }, (_, n) => talker(n)));
  for (const share of [0.25, 0.5, 0.75]) {
    while (sent < COMMANDS * share) await new Promise((d) => setTimeout(d, 20));
    (child as unknown as ChildProcess).kill("SIGKILL");
    counts.killed++;
    await new Promise((d) => setTimeout(d, 300));
    await up();
  }
  await talkers;
  const { rows } = await db.raw<{ rows: { id: string; status: string; staff: string; at: string }[] }>(
    "select id, status, staff, extract(epoch from starts) / 60 as at from appointments where made_by in (select name from accounts)",
  );
  const stands = new Map(rows.map((r) => [r.id, r]));
  const lost = all.filter((a) => {
    const r = stands.get(a.id);
    return a.standing ? !r || r.status !== "booked" || Number(r.at) !== a.startMin : r?.status !== "cancelled";
  });
  const extra = rows.filter((r) => r.status === "booked" && !all.some((a) => a.id === r.id && a.standing));
  const overlaps = await db.raw<{ rows: { n: number }[] }>(
    `select (select count(*) from appointments a join appointments b on a.house_id = b.house_id and a.staff = b.staff and a.id < b.id and a.during && b.during
        where a.kind <> 'place' and b.kind <> 'place' and a.status in ('held', 'booked', 'arrived', 'done', 'missed') and b.status in ('held', 'booked', 'arrived', 'done', 'missed'))
      + (select count(*) from appointments a join appointments b on a.house_id = b.house_id and a.room = b.room and a.id < b.id and a.room_during && b.room_during
        where a.kind <> 'place' and b.kind <> 'place' and a.status in ('held', 'booked', 'arrived', 'done', 'missed') and b.status in ('held', 'booked', 'arrived', 'done', 'missed')) as n`,
  );
  const n = Number(overlaps.rows[0]?.n ?? -1);
  say(
    `${TALKERS} talkers, ${counts.done + counts.refused} commands on one week, the server killed ${counts.killed} times: ${counts.done} done, ${counts.refused} refused, ${counts.again} asked again; ${n} overlaps, ${lost.length} confirmed and lost, ${extra.length} doubled or unasked for`,
  );
  if (n !== 0 || lost.length > 0 || extra.length > 0 || counts.killed !== 3) process.exitCode = 1;
  await db.destroy();
  (child as unknown as ChildProcess).kill("SIGINT");
}

/** Booking commands without HTTP beside pgbench with the same statements; then, apart from time, a server killed while many book. */
export async function run(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), "gentian-bench-"));
  chmodSync(folder, 0o755);
  const cluster = await startCluster(folder, () => undefined);
  const db = openDb(cluster.url, CLIENTS + 2);
  try {
    await migrate(db);
    const { houseId } = await loadHouse(db, wideHouse());
    await setClock(db, houseId, { houseMs: Date.UTC(2027, 2, 1, 12), realMs: Date.now(), rate: 0 });
    const { rows } = await db.raw<{ rows: { id: string }[] }>("select id from clients limit 1");
    const settings = await db.raw<{ rows: { name: string; setting: string }[] }>(
      "select name, setting from pg_settings where name in ('fsync', 'synchronous_commit')",
    );
    const b: Bench = { db, url: cluster.url, houseId, clientId: rows[0]?.id ?? "", next: places(20_878, 0) };
    say(`PostgreSQL with ${settings.rows.map((r) => `${r.name} ${r.setting}`).join(", ")}; ${CLIENTS} clients, ${SECONDS} s a round`);
    const file = join(folder, "booking.sql");
    writeFileSync(file, await script(b));
    const shares: number[] = [];
    const houses = new Houses();
    for (let round = 1; round <= ROUNDS; round++) {
      const own = await ours(b, houses);
      const theirs = pgbench(b, file, round);
      shares.push(own / theirs);
      say(
        `round ${round}: ${own.toFixed(0)} booking commands a second; pgbench with the same statements ${theirs.toFixed(0)}; share ${(own / theirs).toFixed(2)} (line: 0.5)`,
      );
    }
    if (([...shares].sort((x, y) => x - y)[1] ?? 0) < 0.5) process.exitCode = 1;
    const second = cluster.url.replace(/\/[^/]+$/, "/killed");
    await db.raw("create database killed");
    await kills(second, folder);
  } finally {
    await db.destroy();
    await cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}
