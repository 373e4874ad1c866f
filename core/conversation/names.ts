import { doubleMetaphone } from "double-metaphone";
import { distance } from "fastest-levenshtein";
import { folded } from "../language/text.ts";

/** Whether a name given is the name on a card: capitals and accents do not matter, nor one slip. */
export function sameName(given: string, onCard: string): boolean {
  const a = folded(given);
  const b = folded(onCard);
  if (a === b) return true;
  return Math.min(a.length, b.length) >= 4 && distance(a, b) <= 1;
}

/** How a whole name sounds, by double metaphone (Philips 2000), its words run together. */
const soundOf = (name: string): string =>
  folded(name)
    .split(/[^\p{L}]+/u)
    .map((w) => doubleMetaphone(w)[0])
    .join("");

/**
 * Whether a name given by voice may be the name on a card that its number points to: as written, or by its sound, a
 * quarter of which may have been heard otherwise.
 */
export function soundsAlike(given: string, onCard: string): boolean {
  if (sameName(given, onCard)) return true;
  const a = soundOf(given);
  const b = soundOf(onCard);
  return Math.min(a.length, b.length) >= 2 && distance(a, b) <= Math.floor(Math.max(a.length, b.length) / 4);
}
