import type { Expects } from "../language/context.ts";
import { KEY_WORDS } from "./packs/en/phrases.ts";

export interface Keyed {
  /** Digits of a number that is being given. */
  digits: string;
  /** What the keys say, once they say something. */
  text: string | null;
}

/** How many digits a number has at least where no # ends it. */
const WHOLE_NUMBER = 10;

/**
 * What pressing a key says, by what the receptionist waits for: digits of a number until it is whole or # ends it; 1 and
 * 2 for yes and no, or for the first and the second of what is offered; 0 for a person.
 */
export function keyed(digits: string, key: string, expects: Expects): Keyed {
  if (expects === "phone" || (expects.startsWith("question:") && digits !== "")) {
    if (key === "#") return { digits: "", text: digits === "" ? null : digits };
    if (key === "*") return { digits: "", text: null };
    const all = digits + key;
    return all.length >= WHOLE_NUMBER ? { digits: "", text: all } : { digits: all, text: null };
  }
  if (key === "0") return { digits: "", text: KEY_WORDS.person };
  if (expects === "slot" || expects === "which-appointment" || expects === "time" || expects === "day")
    return { digits: "", text: KEY_WORDS.nth[Number(key) - 1] ?? null };
  if (expects === "go-ahead" || expects.endsWith("-check") || expects.startsWith("question:"))
    return { digits: "", text: key === "1" ? KEY_WORDS.yes : key === "2" ? KEY_WORDS.no : null };
  return { digits: "", text: null };
}
