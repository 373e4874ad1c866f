import { Cleared } from "@gentian/core/speech/cleared";
import type { Samples } from "@gentian/core/speech/sound";

/** A piece of a line's sound, or that the line is gone. */
export type ToClear = { line: number; samples: Samples } | { line: number; gone: true };

// The library asks whether it is in a browser's worker by this name.
Object.assign(globalThis, { WorkerGlobalScope: Object });
const { Rnnoise } = await import("@shiguredo/rnnoise-wasm");
const library = await Rnnoise.load();
const lines = new Map<number, { cleared: Cleared; forget: () => void }>();

process.on("message", (what: ToClear) => {
  if ("gone" in what) {
    lines.get(what.line)?.forget();
    lines.delete(what.line);
    return;
  }
  let line = lines.get(what.line);
  if (!line) {
    const state = library.createDenoiseState();
    line = {
      cleared: new Cleared((s) => void state.processFrame(s)),
      forget: () => state.destroy(),
    };
    lines.set(what.line, line);
  }
  process.send?.(line.cleared.frame(what.samples));
});
process.on("disconnect", () => process.exit(0));
