import type { House } from "../house/compile.ts";
import type { Expects } from "../language/context.ts";
import { EXAMPLES } from "../language/packs/en/examples.ts";
import { TOPICS } from "../language/packs/en/topics.ts";
import { read } from "../language/read.ts";
import { headed } from "../language/templates.ts";
import { epochMinOf } from "../time/zone.ts";
import { NOW } from "./play.ts";

/** Shorter sentences are said by everybody alike, and prove nothing when they stand on both sides. */
const OWN_WORDS = 4;

/** A sentence as patterns are held against it. */
export const plainly = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[?!.,;]/g, " ")
    .replace(/\s+/g, " ")
    .trim();

let patterns: { always: readonly string[]; pattern: RegExp }[] | undefined;

/** Every template as one pattern, with what stands in all that it can say: most need not be held against a sentence. */
function compiled(): { always: readonly string[]; pattern: RegExp }[] {
  patterns ??= [EXAMPLES, TOPICS]
    .flatMap((text) => [...headed(text).values()].flat())
    .map((template) => ({ always: alwaysIn(template), pattern: patternOf(template) }));
  return patterns;
}

const written = (template: string): string =>
  template
    .toLowerCase()
    .replace(/[+*](?=\w)/g, "")
    .replace(/[?!.,;]/g, " ");

/** The pieces of words outside every alternative of a template. */
export function alwaysIn(template: string): string[] {
  let depth = 0;
  let outside = "";
  for (const c of written(template)) {
    if (c === "(") depth++;
    outside += depth === 0 ? c : " ";
    if (c === ")") depth--;
  }
  // A bar outside of all brackets parts whole sentences, of which none is always there.
  return outside.includes("|") ? [] : outside.split(/\s+/).filter(Boolean);
}

/** A template as a pattern of all that it can say: its alternatives are already written as a pattern's are. */
export function patternOf(template: string): RegExp {
  return new RegExp(`^ ?(?:${written(template).replace(/\s+/g, " ?")}) ?$`);
}

/** Whether a sentence has enough words of its own that it tells something to find it on both sides. */
export const tells = (sentence: string): boolean => sentence.split(" ").filter((w) => !w.startsWith("<")).length >= OWN_WORDS;

/**
 * Whether some template of the example sentences can say this word for word, as it stands or with its finds put aside:
 * by any of all its readings, not only the ones that are trained on. Sentences of fewer than four own words do not
 * count.
 */
export function saidByTemplate(text: string, house: House, expects?: string): boolean {
  const { masked } = read(text, { house, now: epochMinOf(house.zone, NOW), ...(expects ? { expects: expects as Expects } : {}) });
  return [text, masked].map(plainly).some((t) => tells(t) && compiled().some((p) => p.always.every((piece) => t.includes(piece)) && p.pattern.test(t)));
}
