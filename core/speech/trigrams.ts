/**
 * A language model of word triples with back-off, written in the ARPA format that recognisers read. Probabilities are
 * interpolated by the method of Witten and Bell (as in Chen and Goodman, "An empirical study of smoothing techniques
 * for language modeling", 1998): what follows a history is trusted by how often it was seen, and the rest is left to
 * the shorter history by how many different words followed.
 */

export const BEGIN = "<s>";
export const END = "</s>";

interface Followers {
  /** What followed, with its weight. */
  next: Map<string, number>;
  total: number;
}

/** Counts of one, two and three words in a row. */
export class Trigrams {
  readonly #one: Followers = { next: new Map(), total: 0 };
  readonly #two = new Map<string, Followers>();
  readonly #three = new Map<string, Followers>();

  /**
   * @param trust how much every different follower takes from those that were seen: 1 is Witten and Bell's own; more
   * leaves more to words that were never seen there.
   */
  constructor(readonly trust = 1) {}

  /** Counts one sentence, its words in order, so many times. */
  add(words: readonly string[], weight = 1): void {
    const list = [BEGIN, ...words, END];
    for (let i = 1; i < list.length; i++) {
      const word = list[i] as string;
      const before = list[i - 1] as string;
      count(this.#one, word, weight);
      count(entry(this.#two, before), word, weight);
      if (i > 1) count(entry(this.#three, `${list[i - 2] as string} ${before}`), word, weight);
    }
  }

  get words(): string[] {
    return [...this.#one.next.keys()].filter((w) => w !== END);
  }

  /** Every two words that were counted in a row, the beginning of a sentence among them. */
  *pairs(): Generator<[before: string, word: string]> {
    for (const [before, f] of this.#two) for (const word of f.next.keys()) if (word !== END) yield [before, word];
  }

  /** The probability that a word follows two others (`</s>` is the end); 0 for a word that was never counted. */
  probability(word: string, before: string, beforeThat?: string): number {
    const uniform = 1 / Math.max(1, this.#one.next.size);
    let p = this.#mix(this.#one, word, uniform);
    if (!this.#one.next.has(word)) return 0;
    p = this.#mix(this.#two.get(before), word, p);
    if (beforeThat !== undefined) p = this.#mix(this.#three.get(`${beforeThat} ${before}`), word, p);
    return p;
  }

  #mix(f: Followers | undefined, word: string, shorter: number): number {
    if (!f) return shorter;
    const kinds = this.trust * f.next.size;
    return ((f.next.get(word) ?? 0) + kinds * shorter) / (f.total + kinds);
  }

  #left(f: Followers): number {
    const kinds = this.trust * f.next.size;
    return kinds / (f.total + kinds);
  }

  /**
   * The model in the ARPA format: base-10 logarithms, back-off weights where a longer row begins alike. Words that cannot
   * be spoken are left out.
   */
  arpa(speakable: (word: string) => boolean = () => true): string {
    const words = [...this.#one.next.keys()].filter(speakable).sort();
    const log = (p: number): string => Math.max(-99, Math.log10(p)).toFixed(4);
    const two: string[] = [];
    for (const [before, f] of [...this.#two].filter(([b]) => speakable(b)).sort(byKey))
      for (const word of [...f.next.keys()].filter(speakable).sort()) {
        const longer = this.#three.get(`${before} ${word}`);
        two.push(`${log(this.probability(word, before))} ${before} ${word}${longer ? ` ${log(this.#left(longer))}` : ""}`);
      }
    const three: string[] = [];
    for (const [pair, f] of [...this.#three].sort(byKey)) {
      const [beforeThat, before] = pair.split(" ") as [string, string];
      if (!speakable(beforeThat) || !speakable(before)) continue;
      for (const word of [...f.next.keys()].filter(speakable).sort()) three.push(`${log(this.probability(word, before, beforeThat))} ${pair} ${word}`);
    }
    const one = words.map((w) => {
      const f = this.#two.get(w);
      return `${log(this.probability(w, ""))} ${w}${f ? ` ${log(this.#left(f))}` : ""}`;
    });
    const begin = this.#two.get(BEGIN);
    one.unshift(`-99 ${BEGIN}${begin ? ` ${log(this.#left(begin))}` : ""}`);
    return [
      "\\data\\",
      `ngram 1=${one.length}`,
      `ngram 2=${two.length}`,
      `ngram 3=${three.length}`,
      "",
      "\\1-grams:",
      ...one,
      "",
      "\\2-grams:",
      ...two,
      "",
      "\\3-grams:",
      ...three,
      "",
      "\\end\\",
      "",
    ].join("\n");
  }
}

function count(f: Followers, word: string, weight: number): void {
  f.next.set(word, (f.next.get(word) ?? 0) + weight);
  f.total += weight;
}

function entry(map: Map<string, Followers>, key: string): Followers {
  let f = map.get(key);
  if (!f) map.set(key, (f = { next: new Map(), total: 0 }));
  return f;
}

const byKey = (a: [string, unknown], b: [string, unknown]): number => (a[0] < b[0] ? -1 : a[0] > b[0] ? 1 : 0);
