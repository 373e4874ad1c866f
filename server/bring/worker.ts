import { parentPort } from "node:worker_threads";
import { readFileText } from "./files.ts";
import { Unreadable } from "./unreadable.ts";

/** Reads files away from the thread that answers people: a bad file can only stop itself. */
parentPort?.on("message", (job: { id: number; name: string; bytes: Uint8Array }) => {
  readFileText(job.name, job.bytes)
    .then((source) => parentPort?.postMessage({ id: job.id, source }))
    .catch((error: unknown) =>
      parentPort?.postMessage({
        id: job.id,
        wrong:
          error instanceof Unreadable
            ? { title: error.title, detail: error.detail }
            : { title: `${job.name} cannot be read`, detail: "Save it in another form, or paste its text. Nothing was changed." },
      }),
    );
});
