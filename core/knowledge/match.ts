import { ASKS_MONEY, COMPARED, COMPARED_Y, DEED, KINDS_OF_LINE, KINDS_OF_QUESTION, OPEN_LATE, SUM, WHO_DOES } from "../language/packs/en/asked.ts";
import type { House } from "../house/compile.ts";
import { ASKS_FOR, BEFORE_THING, ENDS_THING } from "../language/packs/en/things.ts";
import kept from "../language/packs/en/matching.json" with { type: "json" };
import { services } from "../language/recognisers/house.ts";
import { normalise, stem } from "../language/text.ts";
import { nearBySense, senseOfText } from "../language/senses.ts";
import { cosine, DIMS, meanOf, vectorOf } from "../language/vectors.ts";
import { contentOf, passagesOf, search, sentencesOf, telling as tellingPart, termsOf, type Passage, type Term } from "./search.ts";
import { judged } from "./judging.ts";
import { topicsOf } from "./topics.ts";

/** From this likeness on two words begin to be used alike; from the other on they are as good as the same. */
const LIKE = 0.42;
const SAME = 0.8;
/** What a word that is only like the other counts at most. */
const ALIKE = 0.85;
/** What a word of the answer counts beside one of the question's own wordings. */
const IN_ANSWER = 0.75;

/** How near two terms are, 0 to 1: the same word or concept is 1, another by how alike the two are used. */
export function near(a: Term, b: Term): number {
  if (a.key === b.key && (a.key.startsWith("~") || alikeByStem(a.word, b.word))) return 1;
  if (a.phrase === b.phrase && stem(a.word) === stem(b.word) && alikeByStem(a.word, b.word)) return 1;
  if (comparedTo(a.word, b.word) || comparedTo(b.word, a.word)) return 1;
  const [u, v] = [vectorOf(a.word), vectorOf(b.word)];
  const alike = u && v ? Math.max(0, Math.min(ALIKE, (cosine(u, v) - LIKE) / (SAME - LIKE))) : 0;
  // A number is nobody who numbs.
  return alike > 0 && (doesIt(a.word, b.word) || doesIt(b.word, a.word)) ? 1 : alike;
}

/** Whether words of one stem are one word: a short stem is shared by chance, "tap" and "tape". */
const alikeByStem = (a: string, b: string): boolean => a === b || stem(a).length > 3 || `${a}s` === b || `${b}s` === a;

/** "Gentler", "easiest": how much of a quality there is, beside the word for it. */
const comparedTo = (more: string, word: string): boolean => {
  if (word.length < 4 || !more.startsWith(word.slice(0, -1))) return false;
  return COMPARED.test(more.slice(word.length)) || (word.endsWith("y") && COMPARED_Y.test(more.slice(word.length - 1)));
};

/** "Runners" and "running", "cyclist" and "cycling": who does it and what is done. */
const doesIt = (who: string, deed: string): boolean => {
  const root = DEED.exec(deed)?.[1];
  return root !== undefined && WHO_DOES.exec(who)?.[1] === root;
};

/** The mean of the terms' vectors by their weights, at a length of one. */
const mean = (terms: readonly Term[], weight: (t: Term) => number): Float32Array =>
  meanOf(
    DIMS,
    terms.map((t) => [vectorOf(t.word), weight(t)] as const),
  );

/** Shares at a length of one, so that the cosine of two is the sum of their products. */
function unit(shares: Float64Array): Float64Array {
  const length = Math.hypot(...shares) || 1;
  return shares.map((s) => s / length);
}

function overlap(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += (a[i] as number) * (b[i] as number);
  return sum;
}

/** A side of a line: its terms as places in the house's vocabulary, what it is about, and its topics at a length of one. */
interface Side {
  at: number[];
  about: Float32Array;
  sense: Float32Array;
  topics: Float64Array;
}

interface Wording extends Side {
  /** What each of its terms weighs, and all of them together. */
  weights: number[];
  weight: number;
  /** The topic it is most about, and its share. */
  peak: { topic: number; share: number };
}

interface Line {
  passage: Passage;
  wordings: Wording[];
  body: Side;
  /** What kinds of line it is, and what kinds of question its wordings are; 1 or 0 each. */
  kinds: number[];
  asks: number[];
  /** The pairs of words next to each other in each of its wordings. */
  pairs: string[][];
  /** The places of the terms that its wordings have, and of those that only its body has, each once. */
  asked: readonly number[];
  told: readonly number[];
}

interface Lines {
  list: Line[];
  weight: (t: Term) => number;
  everyday: (t: Term) => boolean;
  /** How near a term of a question is to what the house says. */
  nearTo: (t: Term) => Nearness;
}

/** How near a term is to each of a house's own. */
interface Nearness {
  /** … to each term of the vocabulary. */
  terms: Float64Array;
  /** … to the nearest in each line, one of its wordings or, less, of its body. */
  lines: Float64Array;
  /** The same by what words mean inside sentences. */
  sensed: Float64Array;
}

/** So many terms are kept with how near they are to a house's own. */
const KEPT_TERMS = 1500;

/** A house's terms, each once. */
class Vocabulary {
  readonly terms: Term[] = [];
  readonly #places = new Map<string, number>();

  place(t: Term): number {
    const name = nameOf(t);
    const have = this.#places.get(name);
    if (have !== undefined) return have;
    this.#places.set(name, this.terms.length);
    return this.terms.push(t) - 1;
  }
}

const nameOf = (t: Term): string => `${t.key} ${t.word}`;

/** How near terms are to a vocabulary and to the lines that it is of; what was asked last is remembered. */
function nearness(terms: readonly Term[], lines: readonly Line[]): (t: Term) => Nearness {
  const kept = new Map<string, Nearness>();
  const nearest = (to: Float64Array): Float64Array => Float64Array.from(lines, (line) => nearestIn(line, to));
  return (t) => {
    const name = nameOf(t);
    const have = kept.get(name);
    if (have) return have;
    if (kept.size >= KEPT_TERMS) kept.clear();
    const all = Float64Array.from(terms, (u) => near(t, u));
    const sensed = Float64Array.from(terms, (u) => nearBySense(t.word, u.word));
    const of = { terms: all, lines: nearest(all), sensed: nearest(sensed) };
    kept.set(name, of);
    return of;
  };
}

const made = new WeakMap<House, Lines>();

/** Which of some patterns a text fits, 1 or 0 each. */
const fitting = (patterns: readonly RegExp[], text: string): number[] => patterns.map((p) => (p.test(text) ? 1 : 0));

/** Words that stand next to each other. */
function pairsOf(text: string): string[] {
  const words = normalise(text).tokens.map((t) => t.text);
  return words.slice(1).map((w, i) => `${words[i]} ${w}`);
}
/** More pairs than these say no more. */
const ENOUGH_PAIRS = 3;

function linesOf(house: House): Lines {
  const have = made.get(house);
  if (have) return have;
  const { passages, weight, everyday } = passagesOf(house);
  const vocabulary = new Vocabulary();
  const side = (text: string): Wording => {
    const terms = termsOf(text);
    const topics = topicsOf(text, terms);
    const weights = terms.map(weight);
    const share = Math.max(...topics);
    return {
      at: terms.map((t) => vocabulary.place(t)),
      about: mean(terms, weight),
      sense: senseOfText(text),
      topics: unit(topics),
      weights,
      weight: weights.reduce((a, w) => a + w, 0) || 1,
      peak: { topic: topics.indexOf(share), share },
    };
  };
  const people = house.handbook.staff.flatMap((p) => [p.name, ...p.called].map((n) => n.toLowerCase()));
  const names = (text: string): boolean => people.some((n) => text.toLowerCase().includes(n));
  const list = passages.map((passage): Line => {
    // A document was not written as an answer: each of its sentences is what may be asked for.
    const wordings = [...passage.asked, ...(passage.kind === "document" ? sentencesOf(passage.text) : [])].map(side);
    const body = side(passage.text);
    const asked = new Set(wordings.flatMap((w) => w.at));
    return {
      passage,
      kinds: [...fitting(KINDS_OF_LINE, passage.text), names(passage.text) ? 1 : 0, passage.kind === "fact" ? 1 : 0],
      asks: KINDS_OF_QUESTION.map((p) => (passage.asked.some((a) => p.test(a)) ? 1 : 0)),
      pairs: passage.asked.map(pairsOf),
      wordings,
      body,
      asked: [...asked],
      told: [...new Set(body.at)].filter((u) => !asked.has(u)),
    };
  });
  const lines = {
    list,
    weight,
    everyday,
    nearTo: nearness(vocabulary.terms, list),
  };
  made.set(house, lines);
  return lines;
}

/**
 * The thing that a question asks for, by its last word: "is there a piano in the waiting room" asks for a piano, "do you sell
 * sewing machines" for machines. Null where it asks for none so.
 */
export const thingAskedFor = (question: string): string | null =>
  headOf(
    ASKS_FOR.exec(
      question
        .toLowerCase()
        .replace(/[?!.,;]+/g, " | ")
        .replace(/\s+/g, " "),
    )?.[1] ?? "",
  );

/** The last word of what is named at the beginning of some words: "coffee machine" of "a coffee machine in the hall". */
export function headOf(phrase: string): string | null {
  const words = phrase.toLowerCase().split(" ").filter(Boolean);
  let last: string | null = null;
  for (const w of words) {
    if (ENDS_THING.test(w)) break;
    if (!BEFORE_THING.test(w)) last = w;
    else if (last !== null) break;
  }
  return last;
}

/** How near a term comes to any of a line, by how near it is to each of the vocabulary's. */
function nearestIn(line: Line, to: Float64Array): number {
  let best = 0;
  for (const u of line.asked) best = Math.max(best, to[u] as number);
  for (const u of line.told) best = Math.max(best, IN_ANSWER * (to[u] as number));
  return best;
}

/** What speaks for each line of the house as the answer to a question, as numbers: the signs that `matches` weighs. */
export function signsOf(house: House, question: string): { passage: Passage; signs: number[]; telling: boolean; lacks: number }[] {
  const asked = termsOf(question);
  if (asked.length === 0) return [];
  const { list, weight, everyday, nearTo } = linesOf(house);
  const weights = asked.map(weight);
  const total = weights.reduce((a, w) => a + w, 0) || 1;
  const about = mean(asked, weight);
  const topics = topicsOf(question, asked);
  const asks = unit(topics);
  const sense = senseOfText(question);
  const nears = asked.map(nearTo);
  const plain = asked.map(everyday);
  const ranked = new Map(search(house, question, Infinity).map((h) => [h.passage, h]));
  const peak = Math.max(...topics);
  const thing = thingAskedFor(question);
  const head = thing === null ? -1 : asked.findIndex((t) => t.word === thing);
  const nearest = nears.map((n) => n.terms).reduce((all, to) => all.map((n, u) => Math.max(n, to[u] as number)));
  const got = (w: Wording): number => {
    let sum = 0;
    for (let j = 0; j < w.at.length; j++) sum += (w.weights[j] as number) * (nearest[w.at[j] as number] as number);
    return sum / w.weight;
  };
  // How alike the whole question and each line are in what they mean, and by how much the likest stands out.
  const alike = list.map((line) => ({
    asked: Math.max(-1, ...line.wordings.map((w) => cosine(sense, w.sense))),
    body: cosine(sense, line.body.sense),
  }));
  const kind = fitting(KINDS_OF_QUESTION, question);
  const pairs = new Set(pairsOf(question));
  const shared = (own: readonly string[]): number => own.reduce((n, p) => n + (pairs.has(p) ? 1 : 0), 0);
  const [likest = 0, second = 0] = alike.map((a) => Math.max(a.asked, a.body)).sort((a, b) => b - a);
  return list.map((line, l) => {
    const { asked: likeAsked, body: likeBody } = alike[l] as (typeof alike)[number];
    const likeEither = Math.max(likeAsked, likeBody);
    let [hard, soft, missed, telling, lacks, sensedAll] = [0, 0, 0, 0, 0, 0];
    for (let i = 0; i < asked.length; i++) {
      const { lines, sensed } = nears[i] as Nearness;
      const best = lines[l] as number;
      const w = weights[i] as number;
      sensedAll += w * (sensed[l] as number);
      if (best >= IN_ANSWER) hard += w;
      soft += w * best;
      missed = Math.max(missed, w * (1 - best));
      if (i === head) lacks = 1 - best;
      if (!plain[i]) telling = Math.max(telling, w * best);
    }
    let [back, like, topic, sharp] = [0, -1, IN_ANSWER * overlap(asks, line.body.topics), 0];
    for (const w of line.wordings) {
      back = Math.max(back, got(w));
      like = Math.max(like, cosine(about, w.about));
      topic = Math.max(topic, overlap(asks, w.topics));
      sharp = Math.max(sharp, Math.min(w.peak.share, topics[w.peak.topic] as number));
    }
    const cover = soft / total;
    return {
      passage: line.passage,
      telling: telling > 0,
      lacks,
      signs: [
        hard / total,
        cover,
        back,
        like,
        cosine(about, line.body.about),
        missed / total,
        missed / 5,
        telling / 5,
        Math.min(6, asked.length) / 6,
        line.passage.kind === "service" ? 1 : 0,
        line.passage.kind === "document" ? 1 : 0,
        cover * back,
        topic,
        peak * topic,
        cover * topic,
        Math.min(3, ranked.get(line.passage)?.strength ?? 0) / 3,
        ranked.get(line.passage)?.cover ?? 0,
        sharp * sharp * sharp,
        lacks,
        line.passage.kind === "service" ? lacks : 0,
        lacks * Math.min(1, (weights[head] ?? 0) / 5),
        likeAsked,
        likeBody,
        sensedAll / total,
        likeEither - (likeEither === likest ? second : likest),
        ...kind,
        ...line.kinds,
        kind.reduce((n, k, i) => n + k * (line.asks[i] as number), 0),
        Math.min(ENOUGH_PAIRS, Math.max(0, ...line.pairs.map(shared))) / ENOUGH_PAIRS,
      ],
    };
  });
}

/** How much better than the next a description must fit to be the one that is meant. */
const CLEARLY = 1.3;
/** The share of what was said that it must speak of. */
const MOSTLY = 0.45;

/** Of some services, the one whose names and description a text speaks of most clearly: "the gentle one". Null where none does. */
export function described(house: House, ids: readonly string[], text: string): string | null {
  const { weight, everyday } = linesOf(house);
  const said = termsOf(text).filter((t) => !everyday(t) && !/^\d+$/.test(t.key));
  const scores = ids.map((id) => {
    const s = house.services.get(id);
    const own = termsOf([s?.name, ...(s?.also ?? []), s?.about].join(" "));
    return { id, score: said.reduce((sum, t) => sum + weight(t) * Math.max(0, ...own.map((u) => near(t, u))), 0) };
  });
  const [best, next] = scores.sort((a, b) => b.score - a.score);
  const total = said.reduce((sum, t) => sum + weight(t), 0);
  return best && total > 0 && best.score >= MOSTLY * total && best.score >= CLEARLY * (next?.score ?? 0) ? best.id : null;
}

export interface Match {
  passage: Passage;
  /** How sure it is that this line answers the question, 0 to 1. */
  sure: number;
  /** Whether a word that is more than everyday talk speaks for it. */
  telling: boolean;
  /** Whether the thing that is asked for is nothing that the line speaks of: the corner of "is there a play corner". */
  lacking: boolean;
}

/** From here on nothing in a line is near to the thing that is asked for. */
const LACKS = 0.9;
/** The lines of a house for the questions that were asked last: one message looks for them several times. */
const looked = new WeakMap<House, Map<string, readonly Match[]>>();
const KEPT_QUESTIONS = 32;

/** The lines that a question may be answered by, surest first; `asked`: it is known to be a question, and not just something that was said. */
export function matches(house: House, question: string, most = 3, asked = true): Match[] {
  const last = looked.get(house) ?? new Map<string, readonly Match[]>();
  looked.set(house, last);
  const key = `${asked ? "?" : "."}${question}`;
  let all = last.get(key);
  if (!all) {
    if (last.size >= KEPT_QUESTIONS) last.clear();
    all = allMatches(house, question.replace(OPEN_LATE, "$1"), asked);
    last.set(key, all);
  }
  return all.slice(0, most);
}

function allMatches(house: House, question: string, asked: boolean): Match[] {
  const lines = signsOf(house, question);
  const sure = judged(
    kept,
    lines.map((l) => l.signs),
    asked,
  );
  return lines
    .map(({ passage, telling, lacks }, i) => ({ passage, telling, lacking: lacks >= LACKS, sure: sure[i] as number }))
    .sort((a, b) => b.sure - a.sure || (a.passage.id < b.passage.id ? -1 : 1));
}

const namedBy = new WeakMap<Passage, ReadonlySet<string>>();

/**
 * The services that a line's own wordings name. A word that several may be called by names them where each of the
 * wordings has such a word, and where it is what their names end with: "massage", and not the bike of "bike fitting".
 */
function servicesOf(house: House, passage: Passage): ReadonlySet<string> {
  let of = namedBy.get(passage);
  if (!of) {
    const each = passage.asked.map((a) =>
      services(normalise(a), house).flatMap((f) => {
        if (f.kind !== "service") return [];
        const ends = endsTheirNames(house, f.value, a.slice(f.start, f.end));
        // "What do I bring to a class", of the only one: what its name ends in names it.
        return f.rule !== "service/telling-word" || (ends && f.value.every((id) => house.services.get(id)?.group) && f.value.length === 1)
          ? [{ ids: f.value, ends }]
          : [];
      }),
    );
    const all = each.flat();
    const throughout = each.every((found) => found.some((f) => f.ids.length === 1 || f.ends));
    const named = throughout || all.some((f) => f.ids.length === 1) ? all.flatMap((f) => f.ids) : [];
    of = new Set(passage.kind === "service" ? [passage.id] : named);
    namedBy.set(passage, of);
  }
  return of;
}

const endsTheirNames = (house: House, ids: readonly string[], words: string): boolean => {
  const last = contentOf(words).at(-1);
  return ids.every((id) => {
    const s = house.services.get(id);
    return s !== undefined && [s.name, ...s.also].some((name) => contentOf(name).at(-1) === last);
  });
};

/** Whether a line was written of other services than the ones that a question names. */
const ofAnother = (house: House, passage: Passage, named: ReadonlySet<string>): boolean => {
  if (named.size === 0) return false;
  const of = servicesOf(house, passage);
  return of.size > 0 && ![...of].some((s) => named.has(s));
};

/** As sure as this, a line is given as the answer; chosen on questions that were left out when the signs were weighed. */
export const SUPPORTS = 0.4;
/** … and as sure as this where nothing of the line is near to the thing that is asked for: of the sets' 731 questions that nothing answers five fewer are answered so, and none fewer of those that have an answer. */
const SUPPORTS_LACKING = 0.8;

const NONE: ReadonlySet<string> = new Set();

/** The line that answers a question, or null where none is supported well enough. Of a document, its telling sentences. `ofGroup`: what was asked speaks of a service for a group, whose name may have been put aside. `named`: the services that it names; a line about others answers nothing of them. */
export function answerTo(house: House, question: string, ofGroup = false, named: ReadonlySet<string> = NONE, asked = true): Match | null {
  const all = matches(house, question, named.size > 0 ? 8 : 3, asked).filter((m) => !ofAnother(house, m.passage, named));
  const list = (ofGroup ? all : generalFirst(house, question, all)).filter((m) => m.sure >= (m.lacking ? SUPPORTS_LACKING : SUPPORTS));
  // Of lines that fit nearly as well, a question of money is answered by the one that names a sum.
  const sums = ASKS_MONEY.test(question) ? list.filter((m) => SUM.test(m.passage.text)) : [];
  const best = sums.find((m) => m.sure >= 0.5 * (list[0]?.sure ?? 0)) ?? list[0];
  if (!best) return null;
  return best.passage.kind === "document" ? { ...best, passage: { ...best.passage, text: tellingPart(best.passage.text, question) } } : best;
}

/**
 * A line that was written of a service for a group ("from what age can one join a class") stands behind one that fits
 * too and names none, where the question speaks of no such service either.
 */
function generalFirst(house: House, question: string, list: Match[]): Match[] {
  const groups = house.handbook.services.filter((s) => s.group);
  if (groups.length === 0) return list;
  const said = (texts: string[]): string[] => texts.flatMap((text) => text.toLowerCase().match(/[a-z]{3,}/g) ?? []).map(stem);
  // A word that other services are told by as well ("back", of a class for backs) speaks of none of them.
  const others = new Set(house.handbook.services.filter((s) => !s.group).flatMap((s) => said([s.name, ...s.also, s.about ?? ""])));
  const words = new Set(groups.flatMap((s) => said([s.name, ...s.also])).filter((w) => !others.has(w)));
  const speaks = (text: string): boolean => (text.toLowerCase().match(/[a-z]{3,}/g) ?? []).some((w) => words.has(stem(w)));
  if (speaks(question)) return list;
  const general = list.find((m) => m.passage.kind !== "service" && !m.passage.asked.some(speaks));
  const [first] = list;
  if (!first || !general || general === first || general.sure < NEARLY * first.sure || !first.passage.asked.some(speaks)) return list;
  // It is as sure as the one that it stands before: what was written there was asked too.
  return [{ ...general, sure: Math.max(general.sure, first.sure) }, ...list.filter((m) => m !== general)];
}
/** The share of the surest that a line must reach to go before it. */
const NEARLY = 0.3;
