import { compile } from "@gentian/core/house/compile";
import type { Handbook } from "@gentian/core/house/schema";
import { makeModel } from "./models.ts";

/** Makes a house's models away from the process that holds its calls. */
process.on("message", ({ folder, handbook, clients }: { folder: string; handbook: Handbook; clients: string[] }) => {
  const { house } = compile(handbook);
  if (!house) process.send?.({ why: "the handbook does not compile" });
  else
    makeModel(folder, house, clients).then(
      (model) => process.send?.({ model }),
      (error: unknown) => process.send?.({ why: error instanceof Error ? error.message : String(error) }),
    );
});
process.on("disconnect", () => process.exit(0));
