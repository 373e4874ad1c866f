import type { House } from "../house/compile.ts";
import type { Service } from "../house/schema.ts";
import { nearBySense, senseOfText } from "../language/senses.ts";
import { cosine, rankOf } from "../language/vectors.ts";
import { BEGINS, FOR_BEGINNERS, OCCASIONS } from "../language/packs/en/house.ts";
import { GROWN_UP } from "../language/packs/en/company.ts";
import { VISIT } from "../language/packs/en/signs.ts";
import { CARDINALS } from "../language/packs/en/words.ts";
import { ageIn, mayCome } from "./ages.ts";
import { near } from "./match.ts";
import { passagesOf, sentencesOf, termsOf, type Term } from "./search.ts";

/**
 * What the four signs weigh: words near to a service's own, the sentence of it that means most alike what was told, all
 * that is said of it, and words that mean something like its own. Chosen by conditional logistic regression on 135 needs
 * of 27 houses (`needs.txt`), each house left out in turn.
 */
const WEIGHTS = [1.86, 0.32, 0.43, 0.54] as const;
/** Cosines of senses are small beside sums of words; so many times as much they are of one size. */
const COSINES = 5;
/** The words that speak for some service must weigh this much together, so that any is named at all. */
const SPEAKS = 0.8;
/** As likely as this, a service is named alone. */
const ALONE = 0.8;
/** Else with those that are likely beside it by this share. */
const NEARLY = 0.2;
/** So many are named at most. */
const MOST = 3;
/** Where a word itself stands in some service's names, one that is only like it counts so much of what it would. */
const BESIDE_ITSELF = 0.4;
/** What a word counts that the house is called by. */
const OF_THE_HOUSE = 0.3;
/** What a word of a service's description counts beside one of its names. */
const IN_ABOUT = 0.8;

/** Words as frequent as these tell nothing, even where a service is called so: "look", "first", "help". */
const FREQUENT = 2000;

interface Named {
  id: string;
  /** Its description. */
  said: string;
  names: Term[];
  about: Term[];
  /** What each of its names and each sentence of its description means, and at last all of them together. */
  senses: Float32Array[];
}

const made = new WeakMap<House, Named[]>();

const namedOf = (s: Service): Named => ({
  id: s.id,
  said: s.about,
  names: [s.name, ...s.also].flatMap((name) => termsOf(name)),
  about: termsOf(s.about),
  senses: [s.name, ...s.also, ...sentencesOf(s.about), [s.name, ...s.also, s.about].join(" ")].map(senseOfText),
});

/** How few of the services a word is near to counts for it (a soft inverse document frequency). */
const rarity = (nears: readonly number[]): number => Math.log((nears.length + 1) / (nears.reduce((sum, x) => sum + x, 0) + 0.5));

/** "Guitar" is a guitar before it is anything like one. */
const beforeOthers = (nears: number[]): number[] => (nears.includes(1) ? nears.map((x) => (x === 1 ? x : BESIDE_ITSELF * x)) : nears);

/** By how much each number stands above the mean of them all. */
function above(values: readonly number[]): number[] {
  const mean = values.reduce((sum, x) => sum + x, 0) / (values.length || 1);
  return values.map((x) => COSINES * (x - mean));
}

/**
 * The services that what somebody told of a need speaks for, likeliest first: "my crown came off, it's urgent" of a
 * toothache appointment. Empty where nothing told is near enough to any, or all are for another age.
 *
 * Each house left out in turn, some are named for 119 of 135 needs; the one that somebody who has worked there for years
 * would ask about is among them in 98, and is the only one in 41 of the 49 times that one is named alone.
 */
export function likely(house: House, told: string): string[] {
  const { everyday } = passagesOf(house);
  let list = made.get(house);
  if (!list) made.set(house, (list = house.handbook.services.map(namedOf)));
  // "My mum" tells whose need it is, and nothing of it.
  const said = termsOf(told.replace(GROWN_UP, " "));
  const [byWords, bySense] = [list.map(() => 0), list.map(() => 0)];
  const own = new Set(termsOf(`${house.handbook.name} ${house.handbook.shortName}`).map((t) => t.word));
  // "My nails are a mess, wedding on Saturday": what it is for tells less than anything else that the house does.
  const besides = said.some((t) => !OCCASIONS.has(t.word) && list.some((s) => s.names.some((u) => u.word === t.word && !everyday(u))));
  for (const t of said) {
    if (besides && OCCASIONS.has(t.word)) continue;
    // "Urgent" is an everyday word, unless a service is called so.
    if (/^\d+$/.test(t.key) || Object.hasOwn(CARDINALS, t.word) || VISIT.test(t.word)) continue;
    if (everyday(t) && (rankOf(t.word) < FREQUENT || !list.some((s) => s.names.some((u) => u.word === t.word)))) continue;
    const nears = beforeOthers(list.map((s) => Math.max(0, ...s.names.map((u) => near(t, u)), ...s.about.map((u) => IN_ABOUT * near(t, u)))));
    const alike = beforeOthers(list.map((s) => Math.max(0, ...[...s.names, ...s.about].map((u) => nearBySense(t.word, u.word)))));
    // "We want to start golf", at a golf studio: all that is done there is that.
    const weight = own.has(t.word) ? OF_THE_HOUSE : 1;
    list.forEach((_, i) => {
      byWords[i] = (byWords[i] as number) + weight * rarity(nears) * (nears[i] as number);
      bySense[i] = (bySense[i] as number) + weight * rarity(alike) * (alike[i] as number);
    });
  }
  if (!(Math.max(...byWords) >= SPEAKS)) return [];
  // What is for three to five year olds is for nobody of nine.
  const age = ageIn(told);
  // "She's never sat on a horse, where do we start": what there is for beginners, where it is one thing.
  if (BEGINS.test(told)) {
    const [first, another] = list.filter((s) => FOR_BEGINNERS.test(house.services.get(s.id)?.name ?? "") && mayCome(s.said, age));
    if (first && !another) return [first.id];
  }
  const sense = senseOfText(told);
  const like = list.map((s) => s.senses.map((own) => cosine(sense, own)));
  const signs = [byWords, above(like.map((l) => Math.max(...l))), above(like.map((l) => l.at(-1) as number)), bySense];
  const scores = list.map((s, i) =>
    mayCome(s.said, age) ? signs.reduce((sum, values, k) => sum + (WEIGHTS[k] as number) * (values[i] as number), 0) : -Infinity,
  );
  const best = Math.max(...scores);
  if (best === -Infinity) return [];
  const shares = scores.map((s) => Math.exp(s - best));
  const all = shares.reduce((sum, x) => sum + x, 0);
  const ranked = list.map((s, i) => ({ id: s.id, share: shares[i] as number })).sort((a, b) => b.share - a.share);
  if (1 / all >= ALONE) return ranked.slice(0, 1).map((s) => s.id);
  return ranked
    .filter((s) => s.share >= NEARLY)
    .slice(0, MOST)
    .map((s) => s.id);
}
