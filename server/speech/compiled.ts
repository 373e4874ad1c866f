import { createHash } from "node:crypto";
import { execFileSync } from "node:child_process";
import { existsSync, mkdirSync, readFileSync, renameSync } from "node:fs";
import { basename, join } from "node:path";
import { fileURLToPath } from "node:url";

/** A program on the recogniser's library, compiled when it is not there yet. Fails where the compiler or the library is missing. */
export function compiled(folder: string, source: URL, options: readonly string[]): string {
  const file = fileURLToPath(source);
  const hash = createHash("sha256").update(readFileSync(file)).update(options.join(" ")).digest("hex").slice(0, 12);
  const path = join(folder, `${basename(file, ".c")}-${hash}`);
  if (existsSync(path)) return path;
  mkdirSync(folder, { recursive: true });
  const flags = execFileSync("pkg-config", ["--cflags", "--libs", "pocketsphinx", "sphinxbase"], { encoding: "utf8" }).trim().split(/\s+/);
  const draft = `${path}.${process.pid}`;
  execFileSync("gcc", ["-std=c11", ...options, "-o", draft, file, ...flags, "-lm"]);
  renameSync(draft, path);
  return path;
}
