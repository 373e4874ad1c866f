import type { House } from "../house/compile.ts";
import type { Expects } from "../language/context.ts";
import type { Found } from "../language/found.ts";
import { normalise } from "../language/text.ts";
import { read } from "../language/read.ts";
import type { EpochMin } from "../time/zone.ts";
import { isName } from "../language/called.ts";
import { spelledName } from "./spelled.ts";
import { isLetterWord } from "./letters.ts";
import { nameWords, noughtsForNo, written } from "./written.ts";

/** A word that was heard, and how sure it is: 0 to 1. */
export interface SureWord {
  word: string;
  fromMs: number;
  toMs: number;
  sure: number;
}

/** Below this nothing is acted on; a yes to something that will be done must be surer. */
const LEAST_SURE = 0.3;
const LEAST_SURE_YES = 0.5;
/** A yes or a no by itself has so many words at most. */
const MOST_OF_A_YES = 3;
/** Nor is a question answered that is less sure. */
const LEAST_SURE_QUESTION = 0.5;
/** A yes before something is done, of which none was sure, counts when it is said so often in a row. */
const YESES_IN_ALL = 3;
/** What somebody tells in words of their own is asked for so often; then it is kept as it was heard, for a person to read. */
const TELLS_IN_ALL = 3;
/** So many of the other hypotheses are read. */
const OTHERS = 12;

/** How sure the words are, each by how long it lasted. */
export function sureness(words: readonly SureWord[]): number {
  let sum = 0;
  let all = 0;
  for (const w of words) {
    const ms = Math.max(10, w.toMs - w.fromMs);
    sum += ms * w.sure;
    all += ms;
  }
  return all === 0 ? 0 : sum / all;
}

/** Tells whether a client's whole name stands among words, as they are spoken. */
export function namesOnCards(names: readonly string[]): (words: readonly string[]) => boolean {
  // With the apostrophes and without the accents, as the ear's words are.
  const spoken = (name: string): string =>
    normalise(name)
      .norm.replace(/[^a-z' ]+/g, " ")
      .trim()
      .replace(/ +/g, " ");
  const whole = new Set(names.map(spoken).filter((n) => n.includes(" ")));
  const longest = Math.max(0, ...[...whole].map((n) => n.split(" ").length));
  return (words) => {
    for (let at = 0; at < words.length; at++)
      for (let count = 2; count <= Math.min(longest, words.length - at); count++) if (whole.has(words.slice(at, at + count).join(" "))) return true;
    return false;
  };
}

/** What a reading must hold to answer what was asked. */
const WANTED: Partial<Record<Expects, readonly Found["kind"][]>> = {
  phone: ["phone", "email"],
  "phone-check": ["phone", "phone-end", "yes"],
  email: ["email", "phone"],
  slot: ["choice", "time", "day", "staff", "yes", "shift"],
  service: ["service"],
  length: ["length"],
  staff: ["staff", "gender"],
  day: ["day", "time"],
  time: ["time", "day", "choice"],
};

export type Understood = { is: "said"; text: string; sure: number } | { is: "unclear"; text: string; sure: number } | { is: "nothing" };

/** A yes or a no to something that was asked; undefined where it is neither. */
export function agreed(house: House, now: EpochMin, text: string): boolean | undefined {
  const yes = read(text, { house, now, expects: "go-ahead" }).found.find((f) => f.kind === "yes");
  return yes?.kind === "yes" ? yes.value : undefined;
}

/** Words with which people round off what they have said. */
const ROUNDING_OFF = new Set(
  `please thanks thank you very much many then as usual by the way ok okay yes yeah yep yup sure right all correct exactly certainly absolutely perfect
   great fine good lovely brilliant cheers go ahead book do it that's is that works me us now bye er um uh hm mm`
    .trim()
    .split(/\s+/),
);

/** Whether words after an answer to something only round it off: "please", "thank you", a second yes. */
export function addsNothing(house: House, now: EpochMin, asked: Expects, text: string): boolean {
  if (!text.split(" ").every((w) => ROUNDING_OFF.has(w.toLowerCase()))) return false;
  const r = read(text, { house, now, expects: asked });
  return !r.question && r.errands.every((e) => e.errand === "thanks-bye") && r.found.every((f) => f.kind === "yes" && f.value);
}

/** Another hypothesis as words, without the recogniser's own signs. */
const wordsIn = (hypothesis: string): string[] =>
  hypothesis
    .split(" ")
    .map((w) => w.replace(/\(\d+\)$/, ""))
    .filter((w) => w !== "" && !/^[<[+]/.test(w));

/** What is known of names where one is waited for. */
export interface NamesKnown {
  /** Whether words in a row are a client's whole name, as words. */
  onCard: (words: readonly string[]) => boolean;
  /** Names on cards, as they are written. */
  cards: readonly string[];
  /** What was heard when the name was said, before it was spelled. */
  heard: readonly string[];
  /** What was made of its letters was refused: they are taken as they are heard. */
  refused: boolean;
}
const NO_NAMES: NamesKnown = { onCard: () => false, cards: [], heard: [], refused: false };

/**
 * What was said, as far as it may be acted on. Where the likeliest words do not answer what was asked, and others that
 * may have been said do, those are taken; where nothing is sure enough it is asked back. Where a name is waited for,
 * one that is on a card is likelier than what sounds like it.
 */
export function understood(
  house: House,
  now: EpochMin,
  expects: Expects,
  heard: { words: readonly SureWord[]; others: readonly string[] },
  names: NamesKnown = NO_NAMES,
  /** What was made of the words before, each time that they were not sure enough and the same was asked again. */
  before: readonly string[] = [],
): Understood {
  if (heard.words.length === 0) return { is: "nothing" };
  const sure = sureness(heard.words);
  const likeliest = heard.words.map((w) => w.word);
  const words = expects === "name" && !names.onCard(likeliest) ? (heard.others.slice(0, OTHERS).map(wordsIn).find(names.onCard) ?? likeliest) : likeliest;
  const reads = (text: string) => read(text, { house, now, expects });
  // A question is no name: "could we park the car there".
  const naming = expects === "name" && !words.some(isLetterWord) && !reads(words.join(" ")).question;
  const spelled = names.refused ? undefined : (letters: string) => spelledName(letters, names);
  const first = written(naming ? nameWords(words, isName) : words, expects, spelled);
  const wanted = WANTED[expects];
  const reading = reads(first);
  if (expects === "message") return { is: "said", text: first, sure };
  const yes = reading.found.find((f) => f.kind === "yes");
  // The same yes or no a second time: whoever is asked again says it again, and what is misheard seldom sounds alike twice.
  const bare = yes !== undefined && words.length <= MOST_OF_A_YES && reading.errands.length === 0;
  // Of what is only read back, another yes after a yes is enough: "fine", and then "right". The go-ahead comes after it.
  const sameYes = (text: string): boolean => reads(text).found.some((f) => f.kind === "yes" && f.value === yes?.value);
  const alike = (text: string): boolean => text === first || (expects.endsWith("-check") && sameYes(text));
  if (bare && before.some(alike)) return { is: "said", text: first, sure: Math.max(sure, LEAST_SURE_YES) };
  if (bare && expects === "go-ahead" && before.length >= YESES_IN_ALL - 1 && before.slice(1 - YESES_IN_ALL).every(sameYes))
    return { is: "said", text: first, sure: Math.max(sure, LEAST_SURE_YES) };
  const told = expects.startsWith("question:") && house.questions.get(expects.slice("question:".length))?.kind === "text";
  if (told && before.length >= TELLS_IN_ALL - 1) return { is: "said", text: first, sure };
  if (sure < LEAST_SURE) return { is: "unclear", text: first, sure };
  // A question of which hardly a word is sure may have been any other.
  if ((expects === "errand" || expects === "anything") && sure < LEAST_SURE_QUESTION && reading.errands.some((e) => e.errand.startsWith("ask")))
    return { is: "unclear", text: first, sure };
  if ((expects === "go-ahead" || expects.endsWith("-check")) && yes?.kind === "yes" && yes.value && heard.words.every((w) => w.sure < LEAST_SURE_YES))
    return { is: "unclear", text: first, sure };
  if (!wanted || reading.errands.length > 0 || reading.found.some((f) => wanted.includes(f.kind))) return { is: "said", text: first, sure };
  const noughts = expects === "phone" ? noughtsForNo(likeliest) : null;
  for (const other of [...(noughts ? [noughts] : []), ...heard.others.slice(0, OTHERS).map(wordsIn)]) {
    const text = written(other, expects);
    const r = reads(text);
    if (r.errands.length === 0 && r.found.some((f) => wanted.includes(f.kind) && f.kind !== "yes")) return { is: "said", text, sure };
  }
  return { is: "said", text: first, sure };
}
