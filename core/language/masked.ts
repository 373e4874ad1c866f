import { ASKS_POLITELY, BEGINS_ASKING, INSTEAD_OF } from "./packs/en/reading.ts";
import type { Found } from "./found.ts";
import type { Said } from "./text.ts";

/** Puts what was found aside, so that what is left speaks of the errand. */
export function mask(said: Said, found: readonly Found[]): string {
  const shown = found
    .filter(
      (f) =>
        ["day", "time", "service", "length", "staff", "name", "phone", "email", "places"].includes(f.kind) &&
        !(f.kind === "staff" && f.value === "any") &&
        !(f.kind === "day" && f.value.kind === "soonest"),
    )
    .sort((a, b) => a.start - b.start || b.end - a.end);
  let out = "";
  let pos = 0;
  for (const f of shown) {
    if (f.start < pos) continue;
    const several = f.kind === "service" && f.rule === "service/several";
    // "Instead of three" stays to be seen: it tells that one hour is to take another's place.
    const instead = f.rule === "time/not-but" ? (INSTEAD_OF.exec(said.norm.slice(f.start, f.end))?.[0] ?? "") : "";
    out += said.norm.slice(pos, f.start) + (several ? `<service>` : `${instead}<${f.kind}>`);
    pos = f.end;
  }
  return (out + said.norm.slice(pos)).replace(/\s+/g, " ").trim();
}

/** Whether a message asks something. */
export function isQuestion(said: Said): boolean {
  return /\?/.test(said.norm) || BEGINS_ASKING.test(said.norm.trim()) || ASKS_POLITELY.test(said.norm);
}
