import { existsSync, readFileSync } from "node:fs";
import { resolve } from "node:path";
import { join } from "node:path";
import { alive, defaultDataFolder, startCluster } from "../cluster.ts";
import type { Flags } from "./mistake.ts";

export interface Database {
  url: string;
  stop(): Promise<void>;
}

export const folderOf = (flags: Flags): string => (flags.data ? inCwd(flags.data) : defaultDataFolder());

/** A path as it was meant where the command was typed. */
export const inCwd = (path: string): string => resolve(process.env["GENTIAN_CWD"] ?? process.cwd(), path);

/** Who runs on a data folder: the process and its database's address, or null. */
export function runningOn(folder: string): { pid: number; url: string } | null {
  const file = join(folder, "running.json");
  if (!existsSync(file)) return null;
  try {
    const r = JSON.parse(readFileSync(file, "utf8")) as { pid: number; url: string };
    return alive(r.pid) ? r : null;
  } catch {
    return null;
  }
}

/** The database to work on: the one named by DATABASE_URL, that of a running Gentian, or one started for the while. */
export async function database(flags: Flags, say: (line: string) => void): Promise<Database> {
  const given = process.env["DATABASE_URL"];
  if (given) return { url: given, stop: () => Promise.resolve() };
  const folder = folderOf(flags);
  const running = runningOn(folder);
  if (running) return { url: running.url, stop: () => Promise.resolve() };
  return startCluster(folder, say);
}
