import { isName } from "./called.ts";
import { distance } from "fastest-levenshtein";
import { KIN_WORDS, SENTENCE_WORDS } from "./packs/en/vocabulary.ts";
import { BEFORE_A_FIGURE, NUMBERED } from "./packs/en/signs.ts";
import { DIGIT_WORDS, HAS_IT_DONE, MONTH_WORDS, ONES_OWN, PLAIN_WORDS, TROUBLES, WEEKDAY_WORDS, WRITTEN_SHORT } from "./packs/en/words.ts";
import { eachMatch } from "./patterns.ts";
import { normalise, type Said, type Token } from "./text.ts";

/** Words that carry much and are often written wrong: only these are put right. */
const CARRYING = [
  ...Object.keys(WEEKDAY_WORDS).filter((w) => /^(?:mon|tues|wednes|thurs|fri|satur|sun)days?$/.test(w)),
  ...Object.keys(MONTH_WORDS).filter((w) => w.length > 4),
  ..."rearrange postpone rebook switch half past quarter with noon change move cancel shift drop delete appointment massage tomorrow morning afternoon evening appointment appointments booking cancel cancelled reschedule around between before after earlier later first second third please price open address parking minutes hour weekend available availability person message".split(
    " ",
  ),
];

const sorted = (word: string): string => [...word].sort().join("");

const CARRIED = new Set(CARRYING);
/** "Mornings" is no slip of "morning", and "postponed" none of "postpone". */
const ended = (word: string): boolean =>
  [/s$/, /d$/, /ed$/, /ing$/].some((end) => [word.replace(end, ""), word.replace(end, "e")].some((w) => w !== word && CARRIED.has(w)));

/** Letters that are written for words. */
const LETTER_WORDS: Record<string, string> = { u: "you", r: "are" };

/** A capital and small letters behind it. */
const TITLED = /^\p{Lu}\p{Ll}+/u;

const HESITATION = new Set("um umm uh uhh uhm er err erm ah hm hmm mm mhm".split(" "));

/** Said for politeness, after anything. */
const POLITE = "po";

/** "1 do you do moles 2 how much is it": what is numbered from one on as sentences, every letter where it was. */
export function asSentences(text: string): string {
  const marks = [...eachMatch(NUMBERED, text)];
  const before = text.slice(0, marks[0]?.index);
  if (marks.length < 2 || !marks.every((m, i) => Number(m[1]) === i + 1) || BEFORE_A_FIGURE.test(before)) return text;
  return marks.reduce((out, m) => {
    const ends = /[\w)"']$/.test(out.slice(0, m.index)) ? "." : " ";
    return out.slice(0, m.index) + ends.padEnd(m[0].length) + out.slice(m.index + m[0].length);
  }, text);
}

/** What was said with slips of the pen put right, and where each place of it stood in the original. */
export interface Spelled {
  said: Said;
  /** The place in the original for a place in `said`. */
  back: (place: number, end?: boolean) => number;
}

/**
 * Leaves out hesitation and words begun twice, and puts right the few carrying words of the language that were miswritten: one letter wrong, missing, doubled or two
 * swapped (two in long words). Words that the house or the language has are never touched.
 */
export function spell(text: string, own: (word: string) => boolean, naming = false): Spelled {
  const raw = normalise(text);
  const edits: { start: number; end: number; word: string }[] = [];
  const letter = (i: number): boolean => raw.tokens[i]?.text.length === 1;
  for (const [i, t] of raw.tokens.entries()) {
    const next = raw.tokens[i + 1];
    // Hesitation, and a word begun twice, say nothing; a figure said twice is two figures.
    const twice =
      next?.text === t.text &&
      !(letter(i) && (letter(i - 1) || letter(i + 2))) &&
      !/\d/.test(t.text) &&
      DIGIT_WORDS[t.text] === undefined &&
      /^[\s,.-]+$/.test(raw.norm.slice(t.end, next.start));
    const polite = t.text === POLITE && i > 0 && next?.text !== "box" && !naming;
    if ((HESITATION.has(t.text) && !ofSomething(raw, i)) || twice || polite) {
      if (!next && polite) edits.push({ start: (raw.tokens[i - 1] as Token).end, end: t.end, word: "" });
      if (next) {
        const gap = /^[\s,.-]*/.exec(raw.norm.slice(t.end, t.end + 40))?.[0].length ?? 0;
        edits.push({ start: t.start, end: t.end + gap, word: "" });
        continue;
      }
    }
    const written = WRITTEN_SHORT[t.text] ?? LETTER_WORDS[t.text];
    const short = written !== undefined && callsSomebody(raw, i, own, naming) ? undefined : written;
    // "Me mum", "do me eyebrows", "me back's gone": said for "my".
    const thing = next?.text.replace(/'s$/, "") ?? "";
    const troubles = next?.text === "back's" || TROUBLES.has(raw.tokens[i + 2]?.text ?? "");
    if (
      t.text === "me" &&
      next &&
      raw.norm.slice(t.end, next.start) === " " &&
      (ONES_OWN.has(thing) || (thing === "back" && (troubles || HAS_IT_DONE.has(raw.tokens[i - 1]?.text ?? ""))))
    )
      edits.push({ start: t.start, end: t.end, word: "my" });
    // "Sports n relax": between two words.
    const [before, after] = [raw.tokens[i - 1]?.text ?? "", next?.text ?? ""];
    if (t.text === "n" && !inAddress(raw, i) && before.length > 1 && after.length > 1 && !/[^ ]/.test(raw.norm.slice(t.end, next?.start)))
      edits.push({ start: t.start, end: t.end, word: "and" });
    if (short !== undefined && !(t.text.length === 1 && (naming || inAddress(raw, i) || letter(i + 1) || letter(i - 1))))
      edits.push({ start: t.start, end: t.end, word: short });
    // A word of the example sentences is itself, never a slip of another: "charge" is not "change".
    if (
      t.text.length < 4 ||
      /[\d']/.test(t.text) ||
      PLAIN_WORDS.has(t.text) ||
      SENTENCE_WORDS.has(t.text) ||
      KIN_WORDS.has(t.text) ||
      own(t.text) ||
      ended(t.text)
    )
      continue;
    // Where a name is asked for, a word with a capital is one, and so is what people are called.
    if (naming && (/[A-Z]/.test(raw.raw[t.start] ?? "") || isName(t.text))) continue;
    // A capital in the middle of a sentence is a name more often than a slip.
    if (t.start > 0 && /[A-Z]/.test(raw.raw[t.start] ?? "") && /[a-z]/.test(raw.raw.slice(0, t.start))) continue;
    // "Marcy Dillon, 208 …": two words with capitals side by side are who somebody is.
    const beside = next && raw.norm.slice(t.end, next.start) === " " && !CARRIED.has(next.text) && TITLED.test(raw.raw.slice(next.start, next.end));
    if (beside && TITLED.test(raw.raw.slice(t.start, t.end))) continue;
    const right = slipOf(t.text);
    if (right !== null) edits.push({ start: t.start, end: t.end, word: right });
  }
  if (edits.length === 0) return { said: raw, back: (p) => p };
  let out = "";
  let from = 0;
  const marks: { at: number; was: number }[] = [{ at: 0, was: 0 }];
  for (const e of edits) {
    out += raw.raw.slice(from, e.start);
    marks.push({ at: out.length, was: e.start });
    out += e.word;
    marks.push({ at: out.length, was: e.end });
    from = e.end;
  }
  out += raw.raw.slice(from);
  const back = (place: number, end = false): number => {
    let i = marks.length - 1;
    while (i > 0 && (marks[i] as { at: number }).at > place) i--;
    const m = marks[i] as { at: number; was: number };
    const next = marks[i + 1];
    // Inside a word that was put right, only its two ends are places of the original.
    if (i % 2 === 1 && next && place > m.at) return end ? next.was : m.was;
    return Math.min(raw.raw.length, m.was + (place - m.at));
  };
  return { said: normalise(out), back };
}

/** "Ty Monk", where a name is asked for, thanks nobody; nor does "Ty" at a house where somebody is called so. */
function callsSomebody({ raw, tokens }: Said, i: number, own: (word: string) => boolean, naming: boolean): boolean {
  const [t, next] = [tokens[i] as Token, tokens[i + 1]];
  if (!TITLED.test(raw.slice(t.start, t.end))) return false;
  return own(t.text) || (naming && next !== undefined && TITLED.test(raw.slice(next.start, next.end)));
}

/** "Uh huh" agrees, and a capital inside a sentence may be part of a name: then a word is no hesitation. */
function ofSomething({ raw, tokens }: Said, i: number): boolean {
  const { text, start } = tokens[i] as Token;
  return (
    (/[A-Z]/.test(raw[start] ?? "") && /\b[A-Z][a-z]+ $/.test(raw.slice(Math.max(0, start - 40), start))) || (text === "uh" && tokens[i + 1]?.text === "huh")
  );
}

/** Among letters, and in an address that is spoken, a letter is one: "b u r t", "jay dot r at". */
function inAddress({ norm, tokens }: Said, i: number): boolean {
  const next = tokens[i + 1];
  return tokens[i - 1]?.text === "dot" || next?.text === "dot" || (next?.text === "at" && / dot /.test(norm.slice(next.end)));
}

/** What strange words were taken for: the same come again and again. */
const taken = new Map<string, string | null>();

/** The carrying word that a strange one is a slip of; null where it is none. */
function slipOf(word: string): string | null {
  let right = taken.get(word);
  if (right === undefined) {
    const near = CARRYING.filter((w) => w[0] === word[0] && Math.abs(w.length - word.length) <= 2)
      .map((w) => ({ w, d: slips(word, w) }))
      // A short word is put right only where its own letters stand in another order: "hlaf", "wiht".
      .filter(({ w, d }) => (w.length <= 4 ? d === 1 && sorted(w) === sorted(word) : d <= (w.length >= 8 ? 2 : 1)))
      .sort((a, b) => a.d - b.d)[0];
    right = near?.w ?? null;
    if (taken.size > 20_000) taken.clear();
    taken.set(word, right);
  }
  return right;
}

/** Edits between two words, two letters swapped counting as one. */
function slips(a: string, b: string): number {
  const d = distance(a, b);
  if (d !== 2 || a.length !== b.length) return d;
  const at = [...a].findIndex((c, i) => c !== b[i]);
  return a[at] === b[at + 1] && a[at + 1] === b[at] && a.slice(at + 2) === b.slice(at + 2) ? 1 : d;
}
