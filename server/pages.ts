import { createHash } from "node:crypto";
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { fileURLToPath } from "node:url";

const ROOT = fileURLToPath(new URL("..", import.meta.url));

/** Where the built pages stand. */
export const PAGES = join(ROOT, "dist");

/** Builds the desk's application and the chat where their sources have changed since the last time. */
export async function buildPages(say: (line: string) => void): Promise<void> {
  const stamp = join(PAGES, ".stamp");
  const mark = sourceMark();
  if (existsSync(stamp) && readFileSync(stamp, "utf8") === mark) return;
  say("Building the pages…");
  const { build } = await import("vite");
  for (const part of ["web", "widget"]) {
    const before = process.cwd();
    process.chdir(join(ROOT, part));
    try {
      await build({ root: join(ROOT, part), configFile: join(ROOT, part, "vite.config.ts"), logLevel: "error" });
    } finally {
      process.chdir(before);
    }
  }
  mkdirSync(PAGES, { recursive: true });
  writeFileSync(stamp, mark);
}

function sourceMark(): string {
  const hash = createHash("sha256");
  for (const folder of ["web", "widget", "core"])
    for (const e of readdirSync(join(ROOT, folder), { withFileTypes: true, recursive: true })
      .filter((x) => x.isFile() && !x.parentPath.includes("node_modules"))
      .sort((a, b) => (join(a.parentPath, a.name) < join(b.parentPath, b.name) ? -1 : 1))) {
      const file = join(e.parentPath, e.name);
      hash.update(`${file.slice(ROOT.length)} ${statSync(file).size} `);
      hash.update(readFileSync(file));
    }
  return hash.digest("hex");
}
