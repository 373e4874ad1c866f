// Runs every check of the project and closes with one line: N passed, N failed.
import { spawn } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";

const folder = mkdtempSync(join(tmpdir(), "gentian-checks-"));
const bin = (name) => join("node_modules", ".bin", name);
const only = process.argv.slice(2);

const run = (command, args) =>
  new Promise((done) => {
    const child = spawn(command, args, { stdio: ["ignore", "inherit", "inherit"], env: { ...process.env, FORCE_COLOR: "0" } });
    child.once("error", () => done(1));
    child.once("exit", (code) => done(code ?? 1));
  });

const checks = [
  ["types of core and server", bin("tsc"), ["-p", "tsconfig.json"]],
  ["types of the desk", bin("tsc"), ["-p", "web/tsconfig.json"]],
  ["types of the chat", bin("tsc"), ["-p", "widget/tsconfig.json"]],
  ["lint", bin("eslint"), ["."]],
  ["imports", bin("depcruise"), ["core", "server", "web", "widget", "--config", ".dependency-cruiser.cjs", "--output-type", "err"]],
  ["nothing unused", bin("knip"), ["--no-config-hints"]],
  ["format", bin("prettier"), ["--check", ".", "--log-level", "warn"]],
];

let passed = 0;
let failed = 0;
const failures = [];
const check = async ([name, command, args]) => {
  const code = await run(command, args);
  console.log(`${code === 0 ? "ok    " : "FAILED"} ${name}`);
  if (code === 0) passed++;
  else {
    failed++;
    failures.push(name);
  }
};
if (only.length === 0) {
  // Each of these keeps one processor busy: two go on at a time.
  const waiting = [...checks];
  const hand = async () => {
    for (let next = waiting.shift(); next; next = waiting.shift()) await check(next);
  };
  await Promise.all([hand(), hand()]);
}
for (const group of [["core", "sets", "server"], ["browser"]]) {
  const projects = group.filter((p) => only.length === 0 || only.includes(p));
  if (projects.length === 0) continue;
  const name = projects.join(" and ");
  const report = join(folder, `${projects[0]}.json`);
  const code = await run(bin("vitest"), [
    "run",
    ...projects.flatMap((p) => ["--project", p]),
    ...(group[0] === "browser" ? ["--no-file-parallelism"] : []),
    "--reporter=default",
    "--reporter=json",
    `--outputFile.json=${report}`,
  ]);
  try {
    const r = JSON.parse(readFileSync(report, "utf8"));
    passed += r.numPassedTests;
    failed += r.numFailedTests;
    // A file that did not even load has no tests to fail, but it failed.
    const broken = r.testResults.filter((f) => f.status === "failed" && f.assertionResults.every((a) => a.status !== "failed")).length;
    failed += broken;
    for (const f of r.testResults) for (const a of f.assertionResults) if (a.status === "failed") failures.push(`${name}: ${a.fullName}`);
    if (code !== 0 && r.numFailedTests + broken === 0) failed++;
    if (r.numPassedTests === 0) failed++;
  } catch {
    failed++;
    failures.push(`${name}: the tests did not run`);
  }
}
rmSync(folder, { recursive: true, force: true });
for (const f of failures) console.log(`failed: ${f}`);
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
