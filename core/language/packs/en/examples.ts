import { ASKED } from "./examples/asked.ts";
import { ASKING } from "./examples/asking.ts";
import { DEEDS } from "./examples/deeds.ts";
import { DONE } from "./examples/done.ts";
import { ELSE } from "./examples/else.ts";
import { MET } from "./examples/met.ts";
import { OUTSIDE } from "./examples/outside.ts";
import { PEOPLE } from "./examples/people.ts";
import { SAID } from "./examples/said.ts";
import { WIDER } from "./examples/wider.ts";

/**
 * Example sentences for telling errands apart, ours alone; nothing that a test says may stand here.
 *
 * `= errand` begins one; `(a|b|)` is one of them; what the recognisers put aside is written as its placeholder. `+word`
 * is a word of the house's own, `*word` one that is not: each also stands for any such word.
 */
export const EXAMPLES = [DEEDS, ASKING, PEOPLE, OUTSIDE, DONE, ASKED, ELSE, SAID, WIDER, MET].join("\n");
