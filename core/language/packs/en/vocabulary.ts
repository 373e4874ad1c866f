import { EXAMPLES } from "./examples.ts";
import { KIN } from "./kin.ts";

const wordsOf = (text: string): string[] => text.replace(/<\w+>/g, " ").split(/[^a-z']+/);

/** Every word of the example sentences: ordinary talk at a front desk. */
export const SENTENCE_WORDS: ReadonlySet<string> = new Set(wordsOf(EXAMPLES));

/** Every word that has kin. */
export const KIN_WORDS: ReadonlySet<string> = new Set(KIN.flatMap((row) => row.split(/[ :]+/)));

/** The same without what the sentences mark as odd and without the row of the wide world. */
export const HOUSE_TALK: ReadonlySet<string> = new Set([
  ...wordsOf(EXAMPLES.replace(/\*[\w']+/g, " ")),
  ...KIN.filter((row) => !row.startsWith("world:")).flatMap((row) => row.split(/[ :]+/)),
]);
