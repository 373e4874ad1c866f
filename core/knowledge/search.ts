import type { House } from "../house/compile.ts";
import type { Service } from "../house/schema.ts";
import { AGED, CONCEPTS, IN_TIME, OF_AGE } from "../language/packs/en/concepts.ts";
import { HOUSE_TALK } from "../language/packs/en/vocabulary.ts";
import { CARDINALS, COMMON, MINUTE_WORDS, ORDINALS } from "../language/packs/en/words.ts";
import { folded, inside, normalise, stem } from "../language/text.ts";

/** One piece of what the house can say, found by its words. */
export interface Passage {
  kind: "answer" | "fact" | "document" | "service";
  id: string;
  label: string;
  text: string;
  /** Wordings of the question that it answers. */
  asked: string[];
}

export interface Hit {
  passage: Passage;
  /** BM25 score. */
  score: number;
  /** Share of the question's weight that the passage covers, 0 to 1. */
  cover: number;
  /** The score beside what an answer needs in this house, where a word tells less the fewer lines there are. */
  strength: number;
}

/** BM25 parameters as Robertson and Zaragoza (2009) recommend. */
const K1 = 1.2;
const B = 0.75;

/** Words that a question is made of, not what it is about. */
const EMPTY = new Set(
  "hiya hallo greetings a an the i me my mine we us our ours you your yours u ye do does did done is are am was were be been being can could will would should shall may might must have has had having there here it its this that these those of for to in on at by from with into onto about and or nor but if so as than then what when where who whom whose how which why any some someone somebody anyone anybody one ones get gets got getting go goes going need needs want wants wanted like please hi hello hey thanks thank just also tell know question let lets s re ll ve d m t don doesn isn aren it's i'm i've what's there's possible ok okay fine really actually along together well still give given someone's he she him her his hers they them their every each other too very much many more most happen happens happened simply already again maybe perhaps usually normally ever only even yet way kind sort thing things something anything whether would've able sure mind problem people person myself yourself himself herself itself ourselves yourselves themselves towards without while whilst during through between unless upon besides except instead else straight bit".split(
    " ",
  ),
);

interface Phrase {
  words: string[];
  concept: string;
}

/** Rows of words that ask for the same: the phrases by their first word, longest first, and single words by their stem. */
const phrases = new Map<string, Phrase[]>();
const single = new Map<string, string>();
for (const row of CONCEPTS) {
  const [name = "", rest = ""] = row.split(": ");
  const concept = `~${name}`;
  for (const phrase of [name, ...rest.split(", ")]) {
    const words = wordsOf(phrase);
    if (words.length > 1) phrases.set(words[0] as string, [...(phrases.get(words[0] as string) ?? []), { words, concept }]);
    else if (words[0] && !single.has(stem(words[0]))) single.set(stem(words[0]), concept);
  }
}
for (const list of phrases.values()) list.sort((a, b) => b.words.length - a.words.length);

function wordsOf(text: string): string[] {
  return normalise(text.replace(/[xX]-rays?/g, "xray").replace(/wi-fi/gi, "wifi")).tokens.map((t) => t.text.replace(/'s$/, ""));
}

/** A word of a text, and what it counts as: its stem, or the concept that it asks for. */
export interface Term {
  word: string;
  key: string;
  /** It is several words: the one that stands for them, their last, was not said by itself. */
  phrase?: true;
}

/** What a text speaks of: its words by their stems, and those that ask for the same as one. */
function terms(text: string): string[] {
  return termsOf(text).map((t) => t.key);
}

/** What a text speaks of, in its order. */
export function termsOf(text: string): Term[] {
  const words = wordsOf(
    text
      .replace(IN_TIME, " ")
      .replace(AGED, (said) => `${said} years old`)
      .replace(OF_AGE, (said) => `${said} child`),
  );
  const out: Term[] = [];
  for (let i = 0; i < words.length; i++) {
    const word = words[i] as string;
    const phrase = phrases.get(word)?.find((p) => p.words.every((w, k) => words[i + k] === w || stem(words[i + k] ?? "") === stem(w)));
    if (phrase) {
      out.push({ word: phrase.words.at(-1) as string, key: phrase.concept, phrase: true });
      i += phrase.words.length - 1;
      continue;
    }
    if (EMPTY.has(word)) continue;
    const s = stem(word);
    out.push({ word, key: single.get(s) ?? s });
  }
  return out;
}

/** How much a word that the house has no line with counts against an answer: a plain one little, an odd one more than others speak for it. */
const PLAIN = 0.2;
const ODD = 1.5;
/** Words of doing that hardly tell what is asked about. */
const DOING =
  "bring give keep put use offer provide allow let take come find work stay include happen suggest recommend advise chat talk deal handle carry walk extra least most fit stop anywhere somewhere charge accept join visit see look show send sell buy make ask answer begin end finish leave arrive move hold read write call speak say set run turn bag stuff sir madam morning first last next new own whole half full fair easy hard quick slow small late early good bad best better worse nice great fine different main common usual special simple certain clear sure able likely necessary free busy open close closed ready strange stranger strangers family friend friends grandmother grandma grandpa grandfather mother father mum dad uncle aunt nephew niece cousin lady gentleman man woman men women customer visitor place shop store room house building town city area way day days week weeks month months year years minute minutes hour hours time times today tomorrow evening afternoon weekend appointment booking session lesson visit".split(
    " ",
  );
/** Words of ordinary talk at a front desk: that the house has no line with one of them says less than that it has none with an odd word. */
const plainly = new Set([...HOUSE_TALK].map(stem));
const everyday = new Set([...COMMON, ...DOING, ...Object.keys({ ...CARDINALS, ...ORDINALS, ...MINUTE_WORDS })].map(stem));
// The short form of Wednesday is the stem of a wedding.
everyday.delete("wed");

/** A description to stand inside a sentence: its first letter small, unless it begins with the name of somebody of the house, or with an abbreviation. */
export function aboutInside(house: House, service: Service): string {
  const first = /^[\p{L}'’]+/u.exec(service.about)?.[0] ?? "";
  const name = house.handbook.staff.some((p) => [p.name, ...p.called].some((n) => n.split(" ")[0] === first.replace(/['’]s$/, "")));
  return name || first === "I" ? service.about : inside(service.about);
}

interface Index {
  passages: { passage: Passage; terms: Map<string, number>; asked: Set<string>[]; length: number }[];
  idf: Map<string, number>;
  mean: number;
  /** The house's answers by the plain text of each wording that they are asked in. */
  wordings: ReadonlyMap<string, Passage>;
  /** The score that an answer needs: as many words tell less in a small house than in a large one. */
  least: number;
}

const made = new WeakMap<House, Index>();

function indexOf(house: House): Index {
  const have = made.get(house);
  if (have) return have;
  const passages: Passage[] = [
    ...house.handbook.answers.map((a): Passage => ({ kind: "answer", id: a.id, label: a.question, text: a.answer, asked: [a.question, ...a.also] })),
    ...house.handbook.facts.map((f): Passage => ({ kind: "fact", id: f.id, label: f.topic, text: f.text, asked: [f.topic, ...f.also] })),
    ...house.handbook.services
      .filter((s) => s.about !== "")
      .map((s): Passage => ({
        kind: "service",
        id: s.id,
        label: s.name,
        text: `${s.name}: ${aboutInside(house, s)}`,
        asked: [s.name],
      })),
    ...(house.handbook.documents ?? []).flatMap((d) =>
      d.passages.map((p): Passage => ({
        kind: "document",
        id: `${d.id}/${p.id}`,
        label: p.heading ? `${d.name}, ${p.heading}` : d.name,
        text: p.text,
        asked: p.heading ? [p.heading] : [],
      })),
    ),
  ];
  const list = passages.map((passage) => {
    const all = terms([...passage.asked, passage.text].join(" "));
    const counts = new Map<string, number>();
    for (const t of all) counts.set(t, (counts.get(t) ?? 0) + 1);
    return { passage, terms: counts, asked: passage.asked.map((a) => new Set(terms(a))), length: all.length };
  });
  const df = new Map<string, number>();
  for (const p of list) for (const t of p.terms.keys()) df.set(t, (df.get(t) ?? 0) + 1);
  const idf = new Map<string, number>();
  for (const [t, n] of df) idf.set(t, Math.log(1 + (list.length - n + 0.5) / (n + 0.5)));
  const least = Math.min(2, 0.62 * Math.log(1 + (list.length - 0.5) / 1.5));
  const wordings = new Map<string, Passage>();
  for (const p of passages) if (p.kind === "answer") for (const a of p.asked) if (!wordings.has(folded(a))) wordings.set(folded(a), p);
  const index = { passages: list, idf, least, wordings, mean: list.reduce((a, p) => a + p.length, 0) / Math.max(1, list.length) };
  made.set(house, index);
  return index;
}

/** The house's passages, and how much a term weighs in this house. */
export function passagesOf(house: House): { passages: Passage[]; weight: (t: Term) => number; everyday: (t: Term) => boolean } {
  const index = indexOf(house);
  return { passages: index.passages.map((p) => p.passage), weight: (t) => weightOf(index, t.key), everyday: (t) => everyday.has(t.key) };
}

/** How much a term weighs: by how few lines have it; what the house never says, by how odd it is. */
function weightOf(index: Index, term: string): number {
  const unknown = 0.75 * Math.log(1 + index.passages.length);
  return index.idf.get(term) ?? (/^\d+$/.test(term) || everyday.has(term) ? 0.3 : (plainly.has(term) ? PLAIN : term.startsWith("~") ? 1 : ODD) * unknown);
}

/** Whether a term is a number or a word of everyday talk, which tells little of what a text is about. */
export const isEveryday = (key: string): boolean => everyday.has(key) || /^\d+$/.test(key);

/** What a text speaks of beyond everyday words. */
export const contentOf = (text: string): string[] => terms(text).filter((t) => !isEveryday(t));

/** Ranks passages for a question by BM25, best first. A word the house never uses counts against all of them. */
export function search(house: House, question: string, most = 3): Hit[] {
  const index = indexOf(house);
  const asked = [...new Set(terms(question))];
  if (asked.length === 0) return [];
  const weight = (t: string): number => weightOf(index, t);
  const total = asked.reduce((a, t) => a + weight(t), 0);
  const hits: Hit[] = [];
  for (const p of index.passages) {
    let score = 0;
    let covered = 0;
    for (const t of asked) {
      const n = p.terms.get(t);
      if (!n) continue;
      score += (weight(t) * n * (K1 + 1)) / (n + K1 * (1 - B + (B * p.length) / index.mean));
      // A word of the question's own wordings speaks louder than one of the answer.
      // A document was not written as an answer: there its own words are all that can be met.
      covered += weight(t) * (p.asked.some((a) => a.has(t)) ? 1 : p.passage.kind === "document" ? 0.9 : 0.75);
    }
    if (score === 0) continue;
    hits.push({ passage: p.passage, score, cover: covered / total, strength: score / index.least });
  }
  return hits.sort((a, b) => b.cover * b.score - a.cover * a.score || (a.passage.id < b.passage.id ? -1 : 1)).slice(0, most);
}

/** The house's own answer to a question that is asked nearly in its own words. */
export function ownAnswerTo(house: House, question: string): Passage | null {
  const { wordings, passages } = indexOf(house);
  const same = wordings.get(folded(question));
  if (same) return same;
  const asked = new Set(terms(question));
  if (asked.size < 2) return null;
  let best: { passage: Passage; near: number } | null = null;
  for (const p of passages) {
    if (p.passage.kind !== "answer") continue;
    for (const own of p.asked) {
      const shared = [...own].filter((w) => asked.has(w)).length;
      const near = shared / (own.size + asked.size - shared);
      if (own.size >= 2 && near >= 0.8 && near > (best?.near ?? 0)) best = { passage: p.passage, near };
    }
  }
  return best?.passage ?? null;
}

export const sentencesOf = (text: string): string[] => text.match(/[^.!?\n]+(?:[.!?](?=\s|$)|$)[.!?]*|[^.!?\n]+[.!?]+/g)?.map((s) => s.trim()) ?? [text];

/** The sentence of a passage that shares most with a question, with the one after it where that goes on about it. */
export function telling(text: string, question: string): string {
  const sentences = sentencesOf(text);
  if (sentences.length <= 2) return text;
  const asked = new Set(terms(question));
  // A telling word weighs more than any number of everyday ones.
  const shared = sentences.map((s) => [...new Set(terms(s))].filter((w) => asked.has(w)).reduce((sum, w) => sum + (everyday.has(w) ? 0.2 : 1), 0));
  const at = shared.indexOf(Math.max(...shared));
  const next = sentences[at + 1];
  return [sentences[at], ...(next && (shared[at + 1] ?? 0) > 0 ? [next] : [])].join(" ");
}
