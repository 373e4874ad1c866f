import { chmodSync, mkdtempSync, rmSync } from "node:fs";
import { createServer } from "node:http";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { TestProject } from "vitest/node";
import { epochMinOf, zoneOf } from "@gentian/core/time/zone";
import { openApp } from "@gentian/server/app";
import { startCluster } from "@gentian/server/cluster";
import { migrate, openDb } from "@gentian/server/data/db";
import { loadDemo } from "@gentian/server/demo";
import { openLines } from "@gentian/server/lines/phone";
import { buildPages, PAGES } from "@gentian/server/pages";

declare module "vitest" {
  interface ProvidedContext {
    base: string;
    /** Gentian as it is first started, without any house; and its database. */
    emptyBase: string;
    emptyUrl: string;
  }
}

/** The whole of Gentian with its demo house, on a Monday morning, for the browser's tests. */
export default async function setup(project: TestProject): Promise<() => Promise<void>> {
  await buildPages(() => undefined);
  const folder = mkdtempSync(join(tmpdir(), "gentian-e2e-"));
  chmodSync(folder, 0o755);
  const cluster = await startCluster(folder, () => undefined);
  const db = openDb(cluster.url, 2);
  await migrate(db);
  await db.destroy();
  const emptyUrl = cluster.url.replace(/[^/]+$/, "gentian_empty");
  const admin = openDb(cluster.url, 1);
  await admin.raw("create database gentian_empty");
  await admin.destroy();
  const fresh = openDb(emptyUrl, 2);
  await migrate(fresh);
  await fresh.destroy();
  const open = async (databaseUrl: string) => {
    const app = await openApp({ databaseUrl, secret: "for tests alone", pages: PAGES, startLimit: 10_000, messageLimit: 10_000, signInLimit: 100 });
    const server = createServer(app.http);
    openLines(app, server);
    await new Promise<void>((done) => server.listen(0, "127.0.0.1", done));
    const address = server.address();
    return { app, server, base: `http://127.0.0.1:${address && typeof address === "object" ? address.port : 0}` };
  };
  const full = await open(cluster.url);
  const empty = await open(emptyUrl);
  await loadDemo(full.app, { houseMs: epochMinOf(zoneOf("America/Halifax"), "2027-03-01T08:30") * 60_000, realMs: Date.now(), rate: 0 });
  project.provide("base", full.base);
  project.provide("emptyBase", empty.base);
  project.provide("emptyUrl", emptyUrl);
  return async () => {
    for (const { app, server } of [full, empty]) {
      server.close();
      server.closeAllConnections();
      await app.close();
    }
    await cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  };
}
