import words from "number-to-words";
import { isLetterWord } from "./letters.ts";
import type { House } from "../house/compile.ts";
import { numberAloud, spoken } from "../conversation/wording/speech.ts";

/** How letters are written for the recogniser, so that "a" the letter is not "a" the article. */
export const letterWord = (letter: string): string => `${letter}:`;

const ordinalAloud = (n: number): string => words.toWordsOrdinal(n).replace(/,/g, "");

const minuteAloud = (m: string | undefined): string => {
  const n = Number(m ?? 0);
  return n === 0 ? "" : n < 10 ? ` oh ${numberAloud(n)}` : ` ${numberAloud(n)}`;
};

/**
 * A text as the words in which somebody would say it on the telephone: figures, times, numbers and signs spoken out, all
 * small, no marks between them. "Fri, 2:30 pm" is "fri two thirty p.m.".
 */
export function wordsOf(text: string, house: House): string[] {
  const aloud = text
    .normalize("NFKC")
    .replace(/[’‘]/g, "'")
    .replace(
      /\b(\d{1,2})(?::(\d{2}))?\s?([ap])\.?m\b\.?/gi,
      (_, h: string, m: string | undefined, half: string) => `${numberAloud(Number(h))}${minuteAloud(m)} ${half.toLowerCase()}.m.`,
    )
    .replace(
      /\b(\d{1,2}):(\d{2})\b/g,
      (_, h: string, m: string) => `${numberAloud(Number(h))}${m === "00" ? (Number(h) > 12 ? " hundred" : " o'clock") : minuteAloud(m)}`,
    )
    .replace(/\b(\d{1,2})(?:st|nd|rd|th)\b/gi, (_, n: string) => ordinalAloud(Number(n)))
    .replace(/(?<![\d\w])\+?\d{7,15}(?!\d)/g, (m) => [...m.replace(/\D/g, "")].join(" "))
    .replace(/(?<!\d)(?:\d{2,4}[\s-]){1,3}\d{3,4}(?!\d)/g, (m) => (m.replace(/\D/g, "").length >= 7 ? [...m.replace(/\D/g, "")].join(" ") : m))
    .replace(/(?<!\d)\d(?: \d){5,}(?!\d)/g, (m) => [...m.replace(/ /g, "")].map((d) => (d === "0" ? "oh" : numberAloud(Number(d)))).join(" "));
  return spoken(aloud, house)
    .toLowerCase()
    .normalize("NFD")
    .replace(/\p{M}/gu, "")
    .replace(/\b([ap])\.\s?m\.?(?!\w)/g, "$1.m.")
    .replace(/[^a-z'. :]/g, " ")
    .split(/\s+/)
    .map((w) => (w === "a.m." || w === "p.m." || isLetterWord(w) ? w : w.replace(/[.:]/g, "").replace(/^'+|'+$/g, "")))
    .filter((w) => w !== "");
}
