import type { House } from "../house/compile.ts";
import type { Service } from "../house/schema.ts";
import { rankOf } from "../language/vectors.ts";
import { VISIT } from "../language/packs/en/signs.ts";
import { CARDINALS } from "../language/packs/en/words.ts";
import { near } from "./match.ts";
import { passagesOf, termsOf, type Term } from "./search.ts";

/** What the words that speak for a service must weigh together, so that it is named at all. */
const SPEAKS = 0.8;
/** Services that what was told speaks for nearly as much as for the best are named with it. */
const NEARLY = 0.65;
/** So many are named at most. */
const MOST = 3;
/** What a word of a service's description counts beside one of its names. */
const IN_ABOUT = 0.8;

/** Words as frequent as these tell nothing, even where a service is called so: "look", "first", "help". */
const FREQUENT = 2000;

interface Named {
  id: string;
  names: Term[];
  about: Term[];
}

const made = new WeakMap<House, Named[]>();

const namedOf = (s: Service): Named => ({ id: s.id, names: [s.name, ...s.also].flatMap((name) => termsOf(name)), about: termsOf(s.about) });

/**
 * The services that what somebody told of a need speaks for, likeliest first: "my crown came off, it's urgent" of a
 * toothache appointment. Each word counts by how few of the services it is near to (a soft inverse document frequency)
 * and by how near it is to a word of the service's names, or its description. Empty where nothing told is near enough.
 *
 * The bounds were chosen on 135 needs of 27 houses (`needs.txt`). Where reading alone names no one service, some are
 * named for 67 of 82; the one that somebody who has worked there for years would ask about is among them in 49, and is
 * the only one in 19 of the 25 times that one is named.
 */
export function likely(house: House, told: string): string[] {
  const { everyday } = passagesOf(house);
  let list = made.get(house);
  if (!list) made.set(house, (list = house.handbook.services.map(namedOf)));
  const scores = new Map(list.map((s) => [s.id, 0]));
  for (const t of termsOf(told)) {
    // "Urgent" is an everyday word, unless a service is called so.
    if (/^\d+$/.test(t.key) || Object.hasOwn(CARDINALS, t.word) || VISIT.test(t.word)) continue;
    if (everyday(t) && (rankOf(t.word) < FREQUENT || !list.some((s) => s.names.some((u) => u.word === t.word)))) continue;
    const nears = list.map((s) => Math.max(0, ...s.names.map((u) => near(t, u)), ...s.about.map((u) => IN_ABOUT * near(t, u))));
    const weight = Math.log((list.length + 1) / (nears.reduce((sum, x) => sum + x, 0) + 0.5));
    list.forEach((s, i) => scores.set(s.id, (scores.get(s.id) as number) + weight * (nears[i] as number)));
  }
  const ranked = [...scores].sort(([, a], [, b]) => b - a);
  const best = ranked[0]?.[1] ?? 0;
  if (best < SPEAKS) return [];
  return ranked
    .filter(([, score]) => score >= NEARLY * best)
    .slice(0, MOST)
    .map(([id]) => id);
}
