import type { Moment } from "../context.ts";
import type { Found } from "../found.ts";
import type { Said } from "../text.ts";

const OLD_BEFORE = /\b(?:my|our|from|of|the)\s*(?:(?:one|appointment|visit|booking|session|<?\w+>?)\s+)?(?:on |at |for )?$/;
const NEW_BEFORE =
  /\b(?:to|onto|into|until|till|make it|instead|rather|prefer|want|do|have it|could it be|can it be|possible|be|something|anything|better|for)\s*(?:on |at |for |the |a |like |around |about |next |this |some ?time |maybe |say )*$/;
const CANT = /\b(?:can'?t|cannot|won'?t|unable|not able|couldn't|not coming|not going)\b[^.;?!]*$/;

/**
 * In a move or a cancellation, tells the days and times of the appointment that exists from those of the wish: by the
 * word before them, by their order, and by what is known already.
 */
export function assignParts(said: Said, found: Found[], at: Moment, errand: "move" | "cancel"): Found[] {
  const parts = found.filter((f) => (f.kind === "day" && !f.not) || f.kind === "time").sort((a, b) => a.start - b.start);
  if (parts.length === 0) return found;
  const given = new Map<Found, "old" | "new">();
  parts.forEach((f, i) => {
    if (errand === "cancel") {
      given.set(f, "old");
      return;
    }
    const previous = parts[i - 1];
    const clause = said.norm.slice(previous?.end ?? 0, f.start);
    const words = said.norm.slice(f.start, f.end);
    const lead = `${clause}${/^(?:on|at|for|the|my|this|next|around|about|after|before|by|in)\s/.exec(words)?.[0] ?? ""}`;
    const follow = said.norm.slice(f.end, f.end + 24);
    const close = previous !== undefined && clause.length <= 14 && !/\bto\b|instead|[;?]/.test(clause);
    if (
      /\bto\s+(?:\w+\s+){0,3}$/.test(lead) &&
      !/\b(?:need|want|like|have|going|able|try|trying|hoping|wanted) to\s+(?:\w+\s+){0,3}$/.test(lead) &&
      !/\bmy\s+$/.test(lead)
    )
      given.set(f, "new");
    else if (/^\s*instead\b/.test(follow)) given.set(f, "new");
    else if (/\binstead of\s+(?:my |the )?$/.test(lead)) given.set(f, "old");
    else if (/\b(?:my|our|from)\s+(?:\w+\s+){0,2}(?:on |at |for )?(?:the )?$/.test(lead) && !/\bto\s/.test(clause)) given.set(f, "old");
    else if (/^\s*(?:one|appointment|booking|visit|session)\b/.test(follow) && !NEW_BEFORE.test(lead)) given.set(f, "old");
    else if (CANT.test(clause) && !/\b(?:so|can|could)\b[^']*$/.test(clause.replace(CANT, ""))) given.set(f, "old");
    else if (close && previous) given.set(f, given.get(previous) ?? "new");
    else if (NEW_BEFORE.test(lead)) given.set(f, "new");
    else if (OLD_BEFORE.test(lead) && !at.oldKnown) given.set(f, "old");
  });
  // What stands before the wish and bears no sign of its own belongs to the appointment that exists.
  const firstNew = parts.findIndex((f) => given.get(f) === "new");
  parts.forEach((f, i) => {
    if (given.has(f)) return;
    const laterNew = parts.slice(i + 1).some((g) => g.kind === f.kind && (given.get(g) === "new" || !given.has(g)));
    given.set(f, at.oldKnown ? "new" : i < firstNew || laterNew ? "old" : "new");
  });
  return found.map((f) => {
    const part = given.get(f);
    return part ? { ...f, part } : f;
  });
}
