import type { House } from "../../house/compile.ts";
import type { Service } from "../../house/schema.ts";
import type { Found } from "../found.ts";
import {
  FOR_BOTH,
  FOR_ONE_OF_TWO,
  JUST_ONE,
  LACKS,
  LENGTH_RULES,
  minutesOf,
  num,
  OF_ONE_THING,
  ONE_OR_BOTH_OF,
  TELLING_OF_A_LENGTH,
  WITHOUT,
} from "../packs/en/lengths.ts";
import { COMMON } from "../packs/en/words.ts";
import { eachMatch } from "../patterns.ts";
import { stem, type Said } from "../text.ts";

/** What a service's description says of one of its lengths alone: the stems of those words, and whether that is for one of a thing or for both. */
interface Told {
  lengthMin: number;
  words: ReadonlySet<string>;
  /** What it comes without: "an hour without extensions". */
  without: ReadonlySet<string>;
  many: "one" | "both" | null;
}

const known = new WeakMap<House, Map<string, readonly Told[]>>();

/** "Half an hour does both ears, twenty minutes one": of each length, what it is for, as the description of the service has it. */
function toldOf(house: House, service: Service): readonly Told[] {
  const all = known.get(house) ?? new Map<string, readonly Told[]>();
  known.set(house, all);
  const before = all.get(service.id);
  if (before) return before;
  const own = service.variants.map((v) => v.lengthMin);
  const clauses = service.about
    .toLowerCase()
    .split(/[.;,:]/)
    .flatMap((clause) => {
      const found = lengthsIn(clause, house, own);
      const lengths = new Set(found.map((f) => f.value));
      const [lengthMin] = lengths;
      if (lengths.size !== 1 || lengthMin === undefined) return [];
      const rest = found.reduce((text, f) => text.replace(f.said, " "), clause);
      const many = FOR_BOTH.test(rest) ? ("both" as const) : FOR_ONE_OF_TWO.test(rest) ? ("one" as const) : null;
      // "Both ears": of what there are two tells nothing by itself.
      const plain = rest.replace(ONE_OR_BOTH_OF, " ");
      const without = WITHOUT.exec(plain);
      return [{ lengthMin, words: stemsOf(plain.replace(WITHOUT, " ")), without: stemsOf(without?.[1] ?? ""), many }];
    });
  // What is said of two of them tells neither.
  const told = own.flatMap((lengthMin): Told[] => {
    const of = clauses.filter((c) => c.lengthMin === lengthMin);
    if (of.length === 0) return [];
    const others = clauses.filter((c) => c.lengthMin !== lengthMin);
    const words = new Set(of.flatMap((c) => [...c.words]).filter((w) => !others.some((o) => o.words.has(w))));
    // "Two with": what the other of two comes without is what this one comes with.
    for (const o of others) if (own.length === 2) o.without.forEach((w) => words.add(w));
    return [{ lengthMin, words, without: new Set(of.flatMap((c) => [...c.without])), many: of.find((c) => c.many)?.many ?? null }];
  });
  // Of two, the one that is told without something tells of the other as well.
  const [only, more] = told;
  const rest = only && !more && only.without.size > 0 && own.length === 2 ? own.filter((v) => v !== only.lengthMin) : [];
  for (const lengthMin of rest) told.push({ lengthMin, words: only?.without ?? new Set(), without: new Set(), many: null });
  const useful = told.length > 1 ? told : [];
  all.set(service.id, useful);
  return useful;
}

/** The lengths of a service that a clause names; where none is named in full, a bare number may be one: "whole legs in forty-five". */
function lengthsIn(clause: string, house: House, own: readonly number[]): { value: number; said: string }[] {
  const found = LENGTH_RULES.flatMap((rule) =>
    [...eachMatch(rule.pattern, clause)].flatMap((m) => {
      const value = rule.value(m, house);
      return typeof value === "number" ? [{ value, said: m[0], start: m.index, end: m.index + m[0].length }] : [];
    }),
  );
  const whole = found.filter((f) => !found.some((o) => o !== f && o.start <= f.start && f.end <= o.end && o.end - o.start > f.end - f.start));
  const bare = [...clause.matchAll(/[a-z]+(?:-[a-z]+)?|\d+/g)]
    .filter((m) => !whole.some((f) => m.index >= f.start && m.index < f.end))
    .flatMap((m) => {
      const n = num(m[0]) || minutesOf(m[0]);
      return own.filter((v) => n > 1 && (v === n || v === n * 60)).map((value) => ({ value, said: m[0] }));
    });
  return [...whole.filter((f) => own.includes(f.value)), ...bare];
}

const stemsOf = (text: string): Set<string> =>
  new Set((text.match(/[a-z]{3,}/g) ?? []).filter((w) => !COMMON.has(w) || TELLING_OF_A_LENGTH.has(w)).map((w) => stem(w)));

/**
 * Which of a service's lengths is meant by what it is for, in the words of its description: "just the one ear". Of the
 * service that was named, else of the one that is spoken of (`service`), where `asked` tells that lengths are.
 */
export function byDescription(said: Said, house: House, offered: readonly Found[], service: string | undefined, asked: boolean): Found[] {
  const named = offered.find((f) => f.kind === "service" && f.value.length === 1);
  const id = named?.kind === "service" ? named.value[0] : offered.length === 0 ? service : undefined;
  const s = id === undefined ? undefined : house.services.get(id);
  if (!s || s.variants.length < 2) return [];
  const told = toldOf(house, s);
  if (told.length === 0) return [];
  const tokens = said.tokens.filter((t) => !(named && t.start >= named.start && t.end <= named.end && s.name.toLowerCase().includes(t.text)));
  const hits = told.flatMap((v) => {
    const lacks = (t: { start: number }): boolean => LACKS.test(said.norm.slice(0, t.start));
    const word = named || asked ? tokens.find((t) => (lacks(t) ? v.without.has(stem(t.text)) : v.words.has(stem(t.text)))) : undefined;
    const both = v.many === "both" ? said.tokens.find((t) => FOR_BOTH.test(t.text)) : undefined;
    const one = v.many === "one" ? (JUST_ONE.exec(said.norm) ?? (asked ? OF_ONE_THING.exec(said.norm) : null)) : null;
    const at = both ?? (one ? { start: one.index, end: one.index + one[0].length } : word);
    return at ? [{ lengthMin: v.lengthMin, start: at.start, end: at.end, sure: both !== undefined || one !== null }] : [];
  });
  // A number of things goes before a word.
  const sure = hits.filter((h) => h.sure);
  const [only, other] = sure.length > 0 ? sure : hits;
  return only && !other ? [{ kind: "length", value: only.lengthMin, rule: "length/what-it-is-for", start: only.start, end: only.end }] : [];
}
