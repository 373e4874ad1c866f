import { doubleMetaphone } from "double-metaphone";
import { distance } from "fastest-levenshtein";
import { folded } from "../language/text.ts";

/** The words of a name in one order, whichever of them is said first. */
const inOrder = (name: string): string => name.split(/\s+/).sort().join(" ");

/** Whether a name given is the name on a card: capitals and accents do not matter, nor one slip, nor whether the family's stands first. */
export function sameName(given: string, onCard: string): boolean {
  const a = folded(given);
  const b = folded(onCard);
  if (a === b || inOrder(a) === inOrder(b)) return true;
  return Math.min(a.length, b.length) >= 4 && distance(a, b) <= 1;
}

/** How a whole name sounds, by double metaphone (Philips 2000), its words run together. */
const soundOf = (name: string): string =>
  folded(name)
    .split(/[^\p{L}]+/u)
    .map((w) => doubleMetaphone(w)[0])
    .join("");

/** Whether two sounds may be one that was heard otherwise: a quarter of it may differ. */
const near = (a: string, b: string): boolean => Math.min(a.length, b.length) >= 1 && distance(a, b) <= Math.floor(Math.max(a.length, b.length) / 4);

/**
 * Whether a name given by voice may be the name on a card that its number points to: as written, or by its sound, the
 * given name and the family name each for itself, so that another of the family is not taken for them.
 */
export function soundsAlike(given: string, onCard: string): boolean {
  if (sameName(given, onCard)) return true;
  // "Thanks" after a name, heard as one more word of it: the name on the card may stand anywhere in what was heard.
  const words = given.trim().split(/\s+/);
  const many = onCard.trim().split(/\s+/).length;
  if (many > 1 && words.length > many) return words.some((_, at) => at + many <= words.length && soundsAlike(words.slice(at, at + many).join(" "), onCard));
  const split = (name: string): [string, string] => {
    const [first = "", ...rest] = name.trim().split(/\s+/);
    return [soundOf(first), soundOf(rest.join(" "))];
  };
  const [a, b] = split(given);
  const [c, d] = split(onCard);
  // Spelled in one go, the two names are one word.
  return b === "" || d === "" ? near(a + b, c + d) : near(a, c) && near(b, d);
}
