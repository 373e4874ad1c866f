import { contentOf } from "../../knowledge/search.ts";
import type { House } from "../../house/compile.ts";
import { isAsk } from "../../language/errand.ts";
import { IS_WHO } from "../../language/packs/en/talk.ts";
import type { Reading } from "../../language/read.ts";

/** So many letters of what was told are kept. */
export const LONGEST_TOLD = 400;

/** Where something is asked beside a wish: "do you take cheques, and could I come today". */
const askedIn = (reading: Reading): { start: number; end: number }[] =>
  reading.errands.length < 2 || reading.clauses.length !== reading.errands.length || reading.said.length !== reading.text.length
    ? []
    : reading.clauses.flatMap((c, i) =>
        isAsk(reading.errands[i]?.errand ?? "none") && reading.errands[i]?.errand !== "ask-service"
          ? [{ start: c.from, end: Math.min(c.to, reading.text.length) }]
          : [],
      );

/** What was said without when, with whom, who and how many, and without what was asked besides: what may tell of a need. */
export const ofTheNeed = (reading: Reading): string =>
  [...reading.found.filter((f) => !["service", "yes", "choice", "gender"].includes(f.kind)), ...askedIn(reading)]
    .reduce((text, f) => text.slice(0, f.start) + " ".repeat(f.end - f.start) + text.slice(f.end), reading.text)
    .replace(IS_WHO, " ")
    .replace(/\s+/g, " ")
    .trim();

/** Of some services, first those of whose names a word was said: "my girl wants to learn to ride" is for a first ride before a drive. */
export function namedFirst(house: House, ids: readonly string[], said: string): string[] {
  const words = new Set(contentOf(said));
  const order = (id: string): number => (contentOf(house.services.get(id)?.name ?? "").some((w) => words.has(w)) ? 0 : 1);
  return [...ids].sort((x, y) => order(x) - order(y));
}
