import { spawn } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import { Agent, request } from "node:http";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import type { House } from "@gentian/core/house/compile";
import type { HouseFile } from "@gentian/core/house/schema";
import { CalendarBook } from "@gentian/core/schedule/calendar";
import { openings, rowOf } from "@gentian/core/schedule/openings";
import { demoFile, demoHouse } from "@gentian/core/testing/demo";
import { isoOfDay } from "@gentian/core/time/days";
import { clockText, epochMinOf } from "@gentian/core/time/zone";
import { freePort } from "@gentian/server/cluster";
import { openDb } from "@gentian/server/data/db";
import { loadHouse } from "@gentian/server/housefile";

export interface Measured {
  base: string;
  appointments: number;
  stop(): Promise<void>;
}

const CLOCK = "2027-03-01T08:30";

/** Gentian in a process of its own, on a fresh database with fsync on, its demo house's calendars nearly full. */
export async function startMeasured(given?: HouseFile): Promise<Measured> {
  const folder = mkdtempSync(join(tmpdir(), "gentian-bench-"));
  const root = fileURLToPath(new URL("..", import.meta.url));
  const port = await freePort();
  const child = spawn(
    process.execPath,
    ["--import", "tsx", "server/cli/main.ts", "start", "--data", folder, "--port", String(port), "--clock", CLOCK, "--clock-rate", "0"],
    {
      cwd: root,
      env: { ...process.env, GENTIAN_MEASURE: "1", GENTIAN_START_LIMIT: "1000000", GENTIAN_MESSAGE_LIMIT: "1000000" },
      stdio: ["ignore", "pipe", "inherit"],
    },
  );
  await new Promise<void>((done, fail) => {
    child.stdout.on("data", (d: Buffer) => d.toString().includes("Gentian is open at") && done());
    child.once("exit", (code) => fail(new Error(`the server stopped with ${code}`)));
  });
  const { url } = JSON.parse(readFileSync(join(folder, "running.json"), "utf8")) as { url: string };
  const house = demoHouse();
  const book = given?.book ?? fullBook(house, epochMinOf(house.zone, CLOCK));
  const db = openDb(url, 2);
  await loadHouse(db, given ?? { ...demoFile(), book });
  await db.destroy();
  return {
    base: `http://127.0.0.1:${port}`,
    appointments: book.appointments.length,
    stop: async () => {
      const ended = new Promise((done) => child.once("exit", done));
      child.kill("SIGINT");
      await ended;
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** Sixty days in which about nine of ten possible hours are taken. */
function fullBook(house: House, now: number): NonNullable<HouseFile["book"]> {
  const clients = Array.from({ length: 60 }, (_, i) => ({
    id: `c${i}`,
    name: `Client ${i}`,
    phone: `+190255501${String(i).padStart(2, "0")}`,
    assessed: true,
    saysSo: false,
    note: "",
    answers: {},
  }));
  const calendar = new CalendarBook();
  const appointments: NonNullable<HouseFile["book"]>["appointments"] = [];
  const today = house.zone.toLocal(now).day;
  let n = 0;
  for (let day = today; day <= today + 60; day++)
    // The longest first, so that the short ones fill what is left.
    for (const service of house.handbook.services.filter((s) => !s.group).sort((a, b) => (b.variants[0]?.lengthMin ?? 0) - (a.variants[0]?.lengthMin ?? 0))) {
      const lengthMin = service.variants[0]?.lengthMin ?? 30;
      for (let o = first(); o; o = first()) {
        n++;
        calendar.set(rowOf(house, `x${n}`, o, 1));
        // Every eighth is left open, for good.
        if (n % 8 === 0) continue;
        const l = house.zone.toLocal(o.startMin);
        appointments.push({
          id: `x${n}`,
          client: `c${n % 60}`,
          service: o.service,
          lengthMin,
          staff: o.staff,
          room: o.room,
          start: `${isoOfDay(l.day)}T${clockText(l.minute)}`,
          status: "booked",
        });
      }
      function first() {
        for (const o of openings(house, calendar, now - 600, { service: service.id, lengthMin, fromDay: day, toDay: day })) return o;
        return null;
      }
    }
  return { clients, appointments, absences: [] };
}

const connections = new Agent({ keepAlive: true, maxSockets: 100 });

/** A request by Node's plain HTTP client: the talkers share this machine's cores with what they measure. */
export function post<T>(url: string, body: unknown, token?: string): Promise<{ status: number; body: T }> {
  const text = JSON.stringify(body);
  return new Promise((done, fail) => {
    const r = request(
      url,
      {
        method: "POST",
        agent: connections,
        headers: { "content-type": "application/json", "content-length": Buffer.byteLength(text), ...(token ? { authorization: `Bearer ${token}` } : {}) },
      },
      (res) => {
        let got = "";
        res.setEncoding("utf8");
        res.on("data", (d: string) => (got += d));
        res.on("end", () => done({ status: res.statusCode ?? 0, body: JSON.parse(got) as T }));
      },
    );
    r.once("error", fail);
    r.end(text);
  });
}

export const quantile = (list: readonly number[], q: number): number =>
  [...list].sort((a, b) => a - b)[Math.min(list.length - 1, Math.floor(q * list.length))] ?? NaN;
export const ms = (x: number): string => `${x.toFixed(1)} ms`;
