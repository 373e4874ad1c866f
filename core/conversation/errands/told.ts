import type { Reading } from "../../language/read.ts";

/** So many letters of what was told are kept. */
export const LONGEST_TOLD = 400;

/** What was said without when, with whom, who and how many: what may tell of a need. */
export const ofTheNeed = (reading: Reading): string =>
  reading.found
    .filter((f) => !["service", "yes", "choice", "gender"].includes(f.kind))
    .reduce((text, f) => text.slice(0, f.start) + " ".repeat(f.end - f.start) + text.slice(f.end), reading.text)
    .replace(/\s+/g, " ")
    .trim();
