import { readFileSync } from "node:fs";
import { parseArgs } from "node:util";
import { bench } from "./bench.ts";
import { call } from "./call.ts";
import { load, owner, save } from "./books.ts";
import { Mistake } from "./mistake.ts";
import { read } from "./read.ts";
import { rehearse } from "./rehearse.ts";
import { replay } from "./replay.ts";
import { start } from "./start.ts";
import { talk } from "./talk.ts";

const { values, positionals } = (() => {
  try {
    return parseArgs({
      args: process.argv.slice(3),
      allowPositionals: true,
      options: {
        clock: { type: "string" },
        "clock-rate": { type: "string" },
        port: { type: "string" },
        host: { type: "string" },
        data: { type: "string" },
        fresh: { type: "boolean" },
        empty: { type: "boolean" },
        house: { type: "string" },
        reasons: { type: "boolean" },
        seed: { type: "string" },
        callers: { type: "string" },
        json: { type: "boolean" },
        save: { type: "string" },
        wav: { type: "string", multiple: true },
        out: { type: "string" },
        from: { type: "string" },
      },
    });
  } catch (error) {
    process.stderr.write(`${(error as Error).message}\n`);
    process.exit(2);
  }
})();

async function run(): Promise<void> {
  const [first] = positionals;
  switch (process.argv[2]) {
    case "start":
      return start(values);
    case "load":
      return load(values, first);
    case "save":
      return save(values, first);
    case "owner":
      return owner(values);
    case "read":
      return read(values);
    case "replay":
      return replay(first);
    case "rehearse":
      return rehearse(values);
    case "talk":
      return talk(values, first);
    case "call":
      return call(values, first);
    case "bench":
      return bench(positionals);
    case "help":
    case "--help":
      process.stdout.write(readFileSync(new URL("./usage.txt", import.meta.url), "utf8"));
      return;
    default:
      process.stderr.write(`There is no command ${process.argv[2] ?? ""}.\n\n${readFileSync(new URL("./usage.txt", import.meta.url), "utf8")}`);
      process.exitCode = 2;
  }
}

run().catch((error: unknown) => {
  process.stderr.write(error instanceof Mistake ? `${error.message}\n` : `${error instanceof Error ? (error.stack ?? error.message) : String(error)}\n`);
  process.exit(1);
});
