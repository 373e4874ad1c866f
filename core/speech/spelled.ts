import { GIVEN_NAMES } from "./packs/en/given.ts";
import { FAMILY_NAMES } from "./packs/en/family.ts";
import { FIRST_NAMES, LAST_NAMES } from "./packs/en/names.ts";

/** Letters whose names sound alike over a line: they are taken for one another (the ICAO's alphabet is there for them). */
const ALIKE = ["bcdegptvz", "ahjk", "fsx", "mn", "iy", "quw", "lo"] as const;
const LIKE = 0.4;
const UNLIKE = 1;
/** A letter that was not heard, or was heard and not said; one that was heard twice. */
const MISSED = 0.8;
const DOUBLED = 0.3;
/** What it costs to believe a name that is rare; and, for each letter, one that no list has. */
const RARE = 0.4;
const UNKNOWN = 0.14;
const HARDLY = 0.6;
/** A name and the letters that were heard for it differ in length by so many at most. */
const MOST_MORE = 3;
/** What was heard before as a word speaks for a name. */
const HEARD = 0.8;

const A = 97;
const codes = (word: string): Uint8Array => Uint8Array.from(word, (c) => c.charCodeAt(0) - A);
/** What it costs that a letter was said and another heard, by both. */
const COST = new Float64Array(26 * 26).fill(UNLIKE);
for (const set of ALIKE) for (const a of codes(set)) for (const b of codes(set)) COST[a * 26 + b] = LIKE;
for (let i = 0; i < 26; i++) COST[i * 26 + i] = 0;

/** How far a name is from each beginning of the letters that were heard: the k-th for the first k of them. */
function costs(name: Uint8Array, letters: Uint8Array): Float64Array {
  const n = letters.length;
  let row = Float64Array.from({ length: n + 1 }, (_, k) => k * MISSED);
  let next = new Float64Array(n + 1);
  for (let i = 1; i <= name.length; i++) {
    next[0] = i * MISSED;
    const said = (name[i - 1] as number) * 26;
    for (let k = 1; k <= n; k++) {
      const heard = letters[k - 1] as number;
      const same = (row[k - 1] as number) + (COST[said + heard] as number);
      const missed = (row[k] as number) + MISSED;
      const more = (next[k - 1] as number) + (k > 1 && heard === letters[k - 2] ? DOUBLED : MISSED);
      next[k] = Math.min(same, missed, more);
    }
    [row, next] = [next, row];
  }
  return row;
}

const letterOnly = (name: string): string =>
  name
    .toLowerCase()
    .normalize("NFD")
    .replace(/[^a-z]/g, "");
const reversed = (text: string): string => [...text].reverse().join("");
const list = (text: string): string[] => text.trim().split(/\s+/);
const titled = (w: string): string => w.slice(0, 1).toUpperCase() + w.slice(1);

interface Likely {
  name: string;
  cost: number;
  rare: boolean;
}
interface Listed {
  name: string;
  letters: Uint8Array;
  doubt: number;
}
const listed = (names: Iterable<string>, doubt: (name: string) => number, turned = false): Listed[] =>
  [...names].map((name) => ({ name, letters: codes(turned ? reversed(letterOnly(name)) : letterOnly(name)), doubt: doubt(name) }));
const COMMON = new Set(list(FIRST_NAMES));
const GIVEN = listed(new Set([...COMMON, ...list(GIVEN_NAMES)]), (n) => (COMMON.has(n) ? 0 : RARE));
/** From the end, as they stand at the end of a whole name. */
const USUAL = new Set(list(LAST_NAMES));
const FAMILY = listed(new Set([...USUAL, ...list(FAMILY_NAMES)]), (n) => (USUAL.has(n) ? 0 : RARE), true);

/** What speaks for a name besides its letters. */
export interface Known {
  /** Whole names on cards, as they are written. */
  cards: readonly string[];
  /** Words that were heard when the name was said. */
  heard: readonly string[];
}

/**
 * A name that was spelled without a gap, letter by letter as they were heard: the given name and the family name that
 * they most likely are. Letters sound alike, so a name that people have (a client's first of all) is likelier than what
 * sounds like it; but nothing is made of letters that are near no name. Small letters in, a name with capitals out.
 */
export function spelledName(letters: string, known: Known): string {
  let best = { cost: letters.length * UNKNOWN, name: titled(letters) };
  const offer = (cost: number, name: string): void => {
    if (cost < best.cost) best = { cost, name };
  };
  const heard = codes(letters);
  for (const card of known.cards) {
    const name = letterOnly(card);
    if (Math.abs(name.length - letters.length) <= MOST_MORE) offer(costs(codes(name), heard).at(-1) as number, card);
  }
  // The likeliest given name for each beginning of the letters, and family name for each end.
  const first = likeliest(heard, GIVEN, known.heard);
  const last = likeliest(heard.toReversed(), FAMILY, known.heard);
  for (let at = 2; at <= letters.length - 2; at++) {
    const given = first[at];
    const family = last[letters.length - at];
    if (!given) continue;
    // A rare name before letters that are no name is hardly one, unless it was heard.
    const hardly = given.rare && !known.heard.includes(given.name) ? HARDLY : 0;
    offer(given.cost + (letters.length - at) * UNKNOWN + hardly, `${titled(given.name)} ${titled(letters.slice(at))}`);
    if (family) offer(given.cost + family.cost, `${titled(given.name)} ${titled(family.name)}`);
  }
  for (const whole of [first[letters.length], last[letters.length]]) if (whole) offer(whole.cost, titled(whole.name));
  return best.name;
}

/** For each length of a beginning of the letters, the name that it most likely is. */
function likeliest(letters: Uint8Array, names: readonly Listed[], heard: readonly string[]): (Likely | undefined)[] {
  const out: (Likely | undefined)[] = [];
  for (const { name, letters: own, doubt } of names) {
    if (own.length > letters.length + MOST_MORE) continue;
    const row = costs(own, letters);
    const extra = doubt - (heard.includes(name) ? HEARD : 0);
    for (let k = Math.max(1, own.length - MOST_MORE); k <= Math.min(letters.length, own.length + MOST_MORE); k++) {
      const c = (row[k] as number) + extra;
      const before = out[k];
      if (!before || c < before.cost) out[k] = { name, cost: c, rare: doubt > 0 };
    }
  }
  return out;
}
