import { EXAMPLES } from "./examples.ts";
import { MET } from "./examples/met.ts";
import { KIN } from "./kin.ts";

const wordsOf = (text: string): string[] => text.replace(/<\w+>/g, " ").split(/[^a-z']+/);

/** The sentences without the names and things of other houses that clients of test sets spoke of. */
const TALK = EXAMPLES.replace(MET, MET.replace(/[+*][\w']+/g, " "));

/** Every word of the example sentences: ordinary talk at a front desk. */
export const SENTENCE_WORDS: ReadonlySet<string> = new Set(wordsOf(TALK));

/** Every word that has kin. */
export const KIN_WORDS: ReadonlySet<string> = new Set(KIN.flatMap((row) => row.split(/[ :]+/)));

/** The same without what the sentences mark as odd and without the row of the wide world. */
export const HOUSE_TALK: ReadonlySet<string> = new Set([
  ...wordsOf(TALK.replace(/\*[\w']+/g, " ")),
  ...KIN.filter((row) => !row.startsWith("world:")).flatMap((row) => row.split(/[ :]+/)),
]);
