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

let patterns: RegExp[] | undefined;

/** Every template as one pattern: its alternatives are already written as a pattern's are. */
function compiled(): RegExp[] {
  patterns ??= [EXAMPLES, TOPICS].flatMap((text) => [...headed(text).values()].flat()).map(patternOf);
  return patterns;
}

/** A template as a pattern of all that it can say. */
export function patternOf(template: string): RegExp {
  const text = template
    .toLowerCase()
    .replace(/[+*](?=\w)/g, "")
    .replace(/[?!.,;]/g, " ")
    .replace(/\s+/g, " ?");
  return new RegExp(`^ ?(?:${text}) ?$`);
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
  return [text, masked].map(plainly).some((t) => tells(t) && compiled().some((p) => p.test(t)));
}
