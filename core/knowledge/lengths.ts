import { BETWEEN_LENGTHS } from "../language/packs/en/asked.ts";
import numbers from "number-to-words";
import type { Service } from "../house/schema.ts";
import { normalise, stem } from "../language/text.ts";

/** Words that say the same of how much is done. */
const ALIKE: Record<string, string> = { full: "whole", entire: "whole", complete: "whole", little: "small", big: "large" };
/** Words that tell no length from another. */
const COMMON = new Set("a an the in for of and or with to it is that takes take minute hour your you on at one".split(" "));

const key = (word: string): string => stem(ALIKE[word] ?? word);

/** How a number of minutes is written: in figures, in words, and as hours. */
function written(min: number): RegExp {
  const hours: Record<number, string> = { 30: "half an hour", 60: "(?<!half )(?:an|one) hour(?! and a half)", 90: "hour and a half", 120: "two hours" };
  return new RegExp(`\\b(?:${[String(min), numbers.toWords(min).replace("-", "[- ]"), ...(hours[min] ? [hours[min]] : [])].join("|")})\\b`);
}

/** The lengths of a service that a stretch of words names. */
const lengthsIn = (words: string, own: readonly number[]): number[] => own.filter((min) => written(min).test(words));

/**
 * The length in minutes that a service's description ties to words of `text`: of "half legs in thirty minutes, whole legs
 * in forty-five", "the full leg" is 45. Null where the description ties none to them, or more than one.
 */
export function lengthTold(service: Service, text: string): number | null {
  const own = service.variants.map((v) => v.lengthMin);
  if (own.length < 2 || !service.about) return null;
  const clauses = normalise(service.about)
    .norm.split(BETWEEN_LENGTHS)
    .map((words) => ({ words: new Set((words.match(/[a-z]+/g) ?? []).map(key)), lengths: lengthsIn(words, own) }))
    .filter((c) => c.lengths.length === 1);
  if (new Set(clauses.map((c) => c.lengths[0])).size < 2) return null;
  // The service's own name is said of every length.
  const name = new Set((normalise(service.name).norm.match(/[a-z]+/g) ?? []).map(key));
  const said = new Set(
    (normalise(text).norm.match(/[a-z]+/g) ?? []).map(key).filter((w) => !COMMON.has(w) && !name.has(w) && !own.some((min) => written(min).test(w))),
  );
  const hits = clauses.map((c) => ({
    length: c.lengths[0] as number,
    score: [...said].filter((w) => c.words.has(w) && clauses.every((o) => o.lengths[0] === c.lengths[0] || !o.words.has(w))).length,
  }));
  const fit = new Set(hits.filter((h) => h.score > 0).map((h) => h.length));
  return fit.size === 1 ? ([...fit][0] as number) : null;
}
