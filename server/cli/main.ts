import { readFileSync } from "node:fs";
import { parseArgs } from "node:util";
import { Mistake } from "./mistake.ts";

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

/** Only what a command needs is loaded for it: reading waits for no voices. */
async function run(): Promise<void> {
  const [first] = positionals;
  switch (process.argv[2]) {
    case "start":
      return (await import("./start.ts")).start(values);
    case "load":
      return (await import("./books.ts")).load(values, first);
    case "save":
      return (await import("./books.ts")).save(values, first);
    case "owner":
      return (await import("./books.ts")).owner(values);
    case "read":
      return (await import("./read.ts")).read(values);
    case "replay":
      return (await import("./replay.ts")).replay(first);
    case "rehearse":
      return (await import("./rehearse.ts")).rehearse(values);
    case "talk":
      return (await import("./talk.ts")).talk(values, first);
    case "call":
      return (await import("./call.ts")).call(values, first);
    case "bench":
      return (await import("./bench.ts")).bench(positionals);
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
