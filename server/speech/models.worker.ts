import { compile } from "@gentian/core/house/compile";
import type { Handbook } from "@gentian/core/house/schema";
import { makeModel } from "./models.ts";

/** A house's models are to be made. */
export interface ToMake {
  folder: string;
  handbook: Handbook;
  clients: readonly string[];
}

/** Makes models away from the process that holds the calls. */
process.on("message", (what: ToMake) => {
  const fault = (error: unknown): void => void process.send?.({ why: error instanceof Error ? error.message : String(error) });
  const { folder, handbook, clients } = what;
  const { house } = compile(handbook);
  if (!house) process.send?.({ why: "the handbook does not compile" });
  else makeModel(folder, house, clients).then((model) => process.send?.({ made: true, model }), fault);
});
process.on("disconnect", () => process.exit(0));
