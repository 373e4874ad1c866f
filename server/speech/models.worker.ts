import { constants, setPriority } from "node:os";
import { compile } from "@gentian/core/house/compile";
import type { Handbook } from "@gentian/core/house/schema";
import { makeModel } from "./models.ts";
import { makeNoisyAcoustics } from "./noise.ts";

/** What is to be made: a house's models, or those for noisy lines. */
export type ToMake = { folder: string } & ({ handbook: Handbook; clients: readonly string[] } | { noisy: true });

/** Makes models away from the process that holds the calls. */
process.on("message", (what: ToMake) => {
  const fault = (error: unknown): void => void process.send?.({ why: error instanceof Error ? error.message : String(error) });
  if ("noisy" in what) {
    // Calls that are going on come first.
    setPriority(constants.priority.PRIORITY_LOW);
    makeNoisyAcoustics(what.folder).then(() => process.send?.({ made: true }), fault);
    return;
  }
  const { folder, handbook, clients } = what;
  const { house } = compile(handbook);
  if (!house) process.send?.({ why: "the handbook does not compile" });
  else makeModel(folder, house, clients).then((model) => process.send?.({ made: true, model }), fault);
});
process.on("disconnect", () => process.exit(0));
