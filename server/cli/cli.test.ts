import { spawnSync } from "node:child_process";
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { readPublic } from "@gentian/core/language/slots";
import { epochMinOf } from "@gentian/core/time/zone";
import { houseOf } from "./read.ts";

const main = fileURLToPath(new URL("./main.ts", import.meta.url));
let folder = "";
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), "gentian-cli-"));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** Runs a command as it is run from a shell in `folder`. */
const run = (args: string[], input = "") => {
  const { status, stdout, stderr } = spawnSync(process.execPath, ["--import", import.meta.resolve("tsx"), main, ...args], {
    cwd: folder,
    env: { ...process.env, GENTIAN_CWD: folder },
    input,
    encoding: "utf8",
  });
  return { status, stdout, stderr };
};
const lines = (text: string): Record<string, unknown>[] =>
  text
    .trim()
    .split("\n")
    .map((l) => JSON.parse(l) as Record<string, unknown>);

describe("read", () => {
  it("reads a message a line, in their order, under their ids, as the conversation reads them", () => {
    const now = "2027-03-01T10:00";
    const said = ["a taping on friday at ten", "what does acupuncture cost?", "Ana Petrov, 902 555 0142", ""];
    const r = run(["read"], said.map((text, id) => JSON.stringify({ id, text, now })).join("\n"));
    expect(r.status).toBe(0);
    const house = houseOf("ternbay");
    expect(lines(r.stdout)).toEqual(
      said.map((text, id) => JSON.parse(JSON.stringify({ id, ...readPublic(text, { house, now: epochMinOf(house.zone, now) }) })) as object),
    );
  });

  it("heeds what is waited for", () => {
    const ask = (expects: string) => lines(run(["read"], JSON.stringify({ text: "two", now: "2027-03-01T10:00", expects })).stdout)[0];
    expect(ask("time")).not.toEqual(ask("phone"));
  });

  it("goes on after a line that it cannot read, says which, and fails in the end", () => {
    const r = run(
      ["read"],
      ['{"text":"hello"}', "not json", '{"words":"hello"}', '{"text":"goodbye","now":"yesterday"}', '{"id":"z","text":"bye"}'].join("\n"),
    );
    expect(r.status).toBe(1);
    const out = lines(r.stdout);
    expect(out.map((o) => o["line"])).toEqual([undefined, 2, 3, 4, undefined]);
    expect(out[2]?.["error"]).toMatch(/text/);
    expect(out[4]).toMatchObject({ id: "z" });
  });

  it("of a file that is no house says what is wrong with it, and of a house that is not there that it is not", () => {
    writeFileSync(join(folder, "house.json"), JSON.stringify({ format: "something" }));
    const wrong = run(["read", "--house", "house.json"]);
    expect(wrong.status).toBe(1);
    expect(wrong.stderr).toMatch(/house\.json is not a house file/);
    expect(wrong.stderr).not.toMatch(/\bat .*\.ts:\d/);
    expect(run(["read", "--house", "elsewhere"]).stderr).toMatch(/There is no house elsewhere/);
  });
});

describe("replay", () => {
  it("says what it needs, and what is wrong with what it was given", () => {
    expect(run(["replay"])).toMatchObject({ status: 1, stderr: "Which conversation? ./gentian replay FILE\n" });
    expect(run(["replay", "nowhere.json"]).stderr).toMatch(/^nowhere\.json could not be read/);
    writeFileSync(join(folder, "empty.json"), "{}");
    expect(run(["replay", "empty.json"]).stderr).toMatch(/is not a saved conversation/);
  });
});

describe("rehearse", () => {
  it("tells of every caller, and is the same for the same seed", () => {
    const of = () => JSON.parse(run(["rehearse", "--callers", "6", "--seed", "5", "--json"]).stdout) as { callers: { n: number; talk: string[] }[] };
    const [one, two] = [of(), of()];
    expect(one.callers).toHaveLength(6);
    expect(two).toEqual(one);
  });

  it("sums up by aim and temper, and keeps the talks of those who failed", () => {
    const r = run(["rehearse", "--callers", "12", "--seed", "5", "--save", "failed"]);
    expect(r.stdout).toMatch(/^all +\d+ of 12, /m);
    expect(r.stdout).toMatch(/^wrong appointments: \d+$/m);
    const all = /^all +(\d+) of 12/m.exec(r.stdout);
    expect(readdirSync(join(folder, "failed"))).toHaveLength(12 - Number(all?.[1]));
  });

  it.each([["0"], ["many"]])("refuses %s callers", (n) => {
    expect(run(["rehearse", "--callers", n])).toMatchObject({ status: 1, stderr: expect.stringMatching(/How many callers/) as string });
  });
});

describe("the command itself", () => {
  it("tells how it is used, and of a command that there is none", () => {
    expect(run(["help"]).stdout).toBe(readFileSync(new URL("./usage.txt", import.meta.url), "utf8"));
    const r = run(["dance"]);
    expect(r.status).toBe(2);
    expect(r.stderr).toMatch(/^There is no command dance/);
    expect(run(["read", "--dance"]).status).toBe(2);
  });
});
