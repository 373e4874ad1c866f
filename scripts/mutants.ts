/**
 * Makes small faults in the core, one at a time, and sees whether the tests notice:
 *
 *   node --import tsx scripts/mutants.ts [how many] [seed] [calendars|talk]
 *
 * Each fault is made in a copy of the project; the working tree is left alone.
 */
import { execFileSync, spawnSync } from "node:child_process";
import { cpSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";

const root = fileURLToPath(new URL("..", import.meta.url));
const many = Number(process.argv[2] ?? 10);
let seed = Number(process.argv[3] ?? 7);
const random = (n: number): number => {
  seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
  return Math.floor((seed / 4294967296) * n);
};

/**
 * What is tried where no other area is named: the calendars. `talk` is reading and conversation. What is `slow` among the
 * tests is run only for a fault that no other test has noticed.
 */
const AREAS: Record<string, { files: string[]; tests: string[]; slow?: string }> = {
  calendars: {
    tests: ["core/schedule", "core/time", "core/house"],
    files: [
      "core/schedule/openings.ts",
      "core/schedule/offers.ts",
      "core/schedule/wish.ts",
      "core/schedule/calendar.ts",
      "core/schedule/dayplan.ts",
      "core/schedule/places.ts",
      "core/schedule/visits.ts",
      "core/schedule/series.ts",
      "core/schedule/touched.ts",
      "core/schedule/tidiness.ts",
      "core/schedule/fees.ts",
      "core/time/zone.ts",
      "core/time/intervals.ts",
      "core/time/days.ts",
      "core/house/compile.ts",
      "core/house/book.ts",
    ],
  },
  talk: {
    tests: ["core/language", "core/conversation", "core/callers", "core/knowledge", "core/bring", "core/beginnings"],
    slow: "core/language/blind",
    files: execFileSync("git", ["ls-files", "core/language", "core/conversation"], { cwd: root, encoding: "utf8" })
      .trim()
      .split("\n")
      .filter((f) => /\.ts$/.test(f) && !/\.test\.ts$|wording\/|packs\/en\/(?:words|examples|concepts|kin)/.test(f)),
  },
};
const area = AREAS[process.argv[4] ?? "calendars"];
if (!area) throw new Error(`There is no area ${process.argv[4]}; there are ${Object.keys(AREAS).join(" and ")}.`);
const FILES = area.files;
/** A bound, a comparison, a sign. */
const FAULTS: [RegExp, string][] = [
  [/ < /g, " <= "],
  [/ <= /g, " < "],
  [/ > /g, " >= "],
  [/ >= /g, " > "],
  [/ \+ /g, " - "],
  [/ - /g, " + "],
  [/ && /g, " || "],
  [/ === /g, " !== "],
];

interface Site {
  file: string;
  at: number;
  from: string;
  to: string;
}

const sites: Site[] = FILES.flatMap((file) => {
  const text = readFileSync(join(root, file), "utf8");
  return FAULTS.flatMap(([pattern, to]) =>
    [...text.matchAll(pattern)]
      .filter((m) => !/^\s*(?:\/\/|\*|\/\*)/.test(text.slice(text.lastIndexOf("\n", m.index) + 1, m.index)))
      .map((m) => ({ file, at: m.index, from: m[0], to })),
  );
});

const copy = mkdtempSync(join(tmpdir(), "gentian-mutants-"));
const tracked = execFileSync(
  "git",
  ["ls-files", "core", "demo", "docs", "scripts", "package.json", "vitest.config.ts", "tsconfig.json", "server/package.json"],
  {
    cwd: root,
    encoding: "utf8",
  },
)
  .trim()
  .split("\n");
for (const f of tracked) cpSync(join(root, f), join(copy, f), { recursive: true });
symlinkSync(join(root, "node_modules"), join(copy, "node_modules"));

/** Whether the tests of these places fail. */
const fail = (places: readonly string[], without?: string): { failed: boolean; told: string } => {
  const more = without ? ["--exclude", `**/${without}/**`] : [];
  const run = spawnSync(join(root, "node_modules", ".bin", "vitest"), ["run", "--project", "core", "--bail", "1", ...places, ...more], {
    cwd: copy,
    encoding: "utf8",
    timeout: 1_200_000,
  });
  return { failed: run.status !== 0, told: String(run.stdout) };
};
/** Which tests notice: the quick ones are asked first. */
const noticed = (): "quick" | "slow" | null => {
  if (fail(area.tests, area.slow).failed) return "quick";
  return area.slow && fail([area.slow]).failed ? "slow" : null;
};
// Without a fault the tests must pass in the copy, or everything would count as noticed.
for (const sound of [fail(area.tests, area.slow), ...(area.slow ? [fail([area.slow])] : [])])
  if (sound.failed) throw new Error(`The tests fail without any fault:\n${sound.told.slice(-3000)}`);

let killed = 0;
for (let i = 0; i < many; i++) {
  const site = sites[random(sites.length)] as Site;
  const path = join(copy, site.file);
  const text = readFileSync(join(root, site.file), "utf8");
  writeFileSync(path, text.slice(0, site.at) + site.to + text.slice(site.at + site.from.length));
  const by = noticed();
  writeFileSync(path, text);
  if (by) killed++;
  const line = text.slice(0, site.at).split("\n").length;
  process.stdout.write(`${by ? `noticed (${by})` : "SURVIVED"} ${site.file}:${line} ${site.from.trim()} → ${site.to.trim()}\n`);
}
rmSync(copy, { recursive: true, force: true });
process.stdout.write(`${killed} of ${many} noticed\n`);
