import { distance } from "fastest-levenshtein";
import { folded } from "../language/text.ts";

/** Whether a name given is the name on a card: capitals and accents do not matter, nor one slip. */
export function sameName(given: string, onCard: string): boolean {
  const a = folded(given);
  const b = folded(onCard);
  if (a === b) return true;
  return Math.min(a.length, b.length) >= 4 && distance(a, b) <= 1;
}
