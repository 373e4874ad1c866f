import { readFileText, readTable } from "./files.ts";
import { Unreadable } from "./unreadable.ts";

/** Reads files in a process away from the one that answers people: a bad file can only stop itself. */
process.on("message", (job: { id: number; name: string; bytes: Uint8Array; table: boolean }) => {
  (job.table ? readTable(job.name, job.bytes).then((table) => ({ table })) : readFileText(job.name, job.bytes).then((source) => ({ source })))
    .then((read) => process.send?.({ id: job.id, ...read }))
    .catch((error: unknown) =>
      process.send?.({
        id: job.id,
        wrong:
          error instanceof Unreadable
            ? { title: error.title, detail: error.detail }
            : { title: `${job.name} cannot be read`, detail: "Save it in another form, or paste its text. Nothing was changed." },
      }),
    );
});
process.on("disconnect", () => process.exit(0));
