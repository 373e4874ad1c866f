import { mkdtempSync, rmSync, chmodSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { TestProject } from "vitest/node";
import { startCluster } from "../cluster.ts";

declare module "vitest" {
  interface ProvidedContext {
    databaseUrl: string;
    /** Keeps the models of hearing, which take a minute to make: those of one house are made once. */
    speechFolder: string;
  }
}

/** One PostgreSQL cluster for all the server's tests; each test file makes a database of its own in it. */
export default async function setup(project: TestProject): Promise<() => Promise<void>> {
  const folder = mkdtempSync(join(tmpdir(), "gentian-test-"));
  chmodSync(folder, 0o755);
  const cluster = await startCluster(folder, () => undefined);
  project.provide("databaseUrl", cluster.url);
  const speech = mkdtempSync(join(tmpdir(), "gentian-speech-"));
  project.provide("speechFolder", speech);
  return async () => {
    await cluster.stop();
    for (const f of [folder, speech]) rmSync(f, { recursive: true, force: true });
  };
}
