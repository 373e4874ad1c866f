import type { Expects } from "../language/context.ts";
import { SO_MANY_TIMES } from "../language/packs/en/words.ts";
import { isLetterWord } from "./letters.ts";

const DIGIT: Record<string, string> = Object.fromEntries("zero one two three four five six seven eight nine".split(" ").map((w, i) => [w, String(i)]));
DIGIT["oh"] = "0";
const TEENS: Record<string, string> = Object.fromEntries(
  "ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen".split(" ").map((w, i) => [w, String(10 + i)]),
);
const TENS: Record<string, string> = Object.fromEntries("twenty thirty forty fifty sixty seventy eighty ninety".split(" ").map((w, i) => [w, String(2 + i)]));

/** The fewest digits in a row that are a number said digit by digit, where none is waited for. */
const FEWEST_DIGITS = 7;
/** Where one is waited for. */
const FEWEST_EXPECTED = 3;
const FEWEST_LETTERS = 2;
/** The fewest that are a name. */
const FEWEST_NAMING = 3;

/** Where "no" was heard at the end of digits: "oh" is what sounds like it. Null where there is none. */
export function noughtsForNo(words: readonly string[]): string[] | null {
  const digit = (w: string | undefined): boolean => w !== undefined && DIGIT[w] !== undefined;
  const meant = words.map((w, i) => (w === "no" && digit(words[i - 1]) && digit(words[i - 2]) && !digit(words[i + 1]) ? "oh" : w));
  return meant.some((w, i) => w !== words[i]) ? meant : null;
}

/** Digits of the words from a place on: "oh", "double five", "forty two". */
function digitsFrom(words: readonly string[], at: number): { digits: string; end: number } {
  let digits = "";
  let i = at;
  for (; i < words.length; i++) {
    const w = words[i] as string;
    const next = words[i + 1] ?? "";
    if (DIGIT[w] !== undefined) digits += DIGIT[w];
    else if (Object.hasOwn(SO_MANY_TIMES, w) && DIGIT[next] !== undefined) {
      digits += DIGIT[next].repeat(SO_MANY_TIMES[w] as number);
      i++;
    } else if (TEENS[w] !== undefined && digits !== "") digits += TEENS[w];
    else if (TENS[w] !== undefined && digits !== "") {
      const one = DIGIT[next];
      digits += TENS[w] + (one !== undefined && one !== "0" && next !== "oh" ? one : "0");
      if (one !== undefined && one !== "0") i++;
    } else break;
  }
  return { digits, end: i };
}

/** Between the letters of a first and of a last name. */
const NAME_PARTS = new Set("and then last first surname name as for like".split(" "));

/** Letters of the words from a place on: "n:", "n: as in november", "double l:". */
function lettersFrom(words: readonly string[], at: number): { letters: string; end: number } {
  let letters = "";
  let i = at;
  while (i < words.length) {
    const w = words[i] as string;
    const next = words[i + 1] ?? "";
    if (w === "double" && isLetterWord(next)) {
      letters += (next[0] as string).repeat(2);
      i += 2;
    } else if (isLetterWord(w)) {
      letters += w[0] as string;
      i++;
      // One word that is no letter, in the middle of many that are, was a letter that was not made out.
      if (
        !isLetterWord(words[i] ?? "a:") &&
        isLetterWord(words[i + 1] ?? "") &&
        isLetterWord(words[i + 2] ?? "") &&
        letters.length >= 2 &&
        words[i] !== "double" &&
        !NAME_PARTS.has(words[i] as string)
      )
        i++;
      if ((words[i] === "as" && words[i + 1] === "in") || words[i] === "for" || words[i] === "like") {
        const word = words[words[i] === "as" ? i + 2 : i + 1];
        if (word?.startsWith(w[0] as string) && word.length > 1) i += words[i] === "as" ? 3 : 2;
      }
    } else break;
  }
  return { letters, end: i };
}

/** Words that a letter sounds like, where letters are being given. */
const LETTER_SOUNDS: Record<string, string> = {
  then: "n",
  and: "n",
  in: "n",
  are: "r",
  our: "r",
  you: "u",
  why: "y",
  see: "c",
  be: "b",
  tea: "t",
  oh: "o",
  eye: "i",
  am: "m",
  a: "a",
  i: "i",
  ex: "x",
  of: "f",
};

/** Between letters, and at their ends, words that sound like one are one. */
function lettered(words: readonly string[]): string[] {
  if (words.filter(isLetterWord).length < 3) return [...words];
  return words.map((w, i) => {
    const sound = LETTER_SOUNDS[w];
    const near = [words[i - 1], words[i + 1]].some((x) => x !== undefined && isLetterWord(x));
    return sound !== undefined && near && !(w === "as" || words[i + 1] === "in") ? `${sound}:` : w;
  });
}

const titled = (w: string): string => w.slice(0, 1).toUpperCase() + w.slice(1);

/** What introduces a name and is none. */
const INTRODUCES = new Set("it's my name is this i'm i am the that's under for it here speaking please thanks first last surname and".split(" "));

/** What else stands around a name, and is no part of it. */
const AROUND = new Set("as by are we be on in to a an of his her you your can could put have had was so then and um uh er".split(" "));

/**
 * The words of an answer to "what is your name" without what was heard around the name: from the first to the last word
 * that somebody is called, where there are two or more in a row.
 */
export function nameWords(words: readonly string[], called: (word: string) => boolean): string[] {
  let best: string[] = [];
  let run: string[] = [];
  for (const w of words) {
    run = called(w) && !INTRODUCES.has(w) ? [...run, w] : [];
    if (run.length >= best.length) best = run;
  }
  if (best.length >= 2) return best.slice(-3);
  // A name of no list comes after a given name: those two, without what was said around them.
  for (let at = words.length - 2; at >= 0; at--) {
    const [given, family] = [words[at] as string, words[at + 1] as string];
    if (called(given) && !INTRODUCES.has(given) && !INTRODUCES.has(family) && !AROUND.has(family)) return [given, family];
  }
  return [...words];
}

/**
 * Words as they were heard, written as a client would write them, for reading: numbers given digit by digit in figures,
 * spelled letters put together (`spelled` makes a name of them), "a.m." after its hour.
 */
export function written(heard: readonly string[], expects: Expects, spelled: (letters: string) => string = titled): string {
  const out: string[] = [];
  const words = expects === "name" ? lettered(heard) : heard;
  const number = expects === "phone" || expects === "phone-check";
  const name = expects === "name" || expects === "name-check";
  // Beside words, a letter or two is no name that is spelled but a piece of one that was not made out, or an "er".
  const beside = name && words.some((w) => !isLetterWord(w));
  for (let i = 0; i < words.length;) {
    const w = words[i] as string;
    const { digits, end } = digitsFrom(words, i);
    if (digits.length >= (number ? FEWEST_EXPECTED : FEWEST_DIGITS)) {
      out.push(digits);
      i = end;
      continue;
    }
    const { letters, end: after } = lettersFrom(words, i);
    if (letters.length >= FEWEST_LETTERS) {
      // A first name that is said and a family name that is spelled make one name; what is spelled is surer.
      if (name && letters.length >= FEWEST_NAMING) {
        const own = spelled(letters);
        const said = out.at(-1)?.toLowerCase();
        if (said === letters || said === own.split(" ")[0]?.toLowerCase()) out.pop();
        out.push(own);
      } else if (!beside) out.push(name ? titled(letters) : letters);
      i = after;
      continue;
    }
    if (isLetterWord(w)) {
      if (!beside) out.push(w[0] as string);
    } else if (w === "a.m." || w === "p.m.") out.push(w.replace(/\./g, ""));
    else out.push(w);
    i++;
  }
  return out.join(" ");
}
