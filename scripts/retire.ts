/**
 * Turns the messages of test sets that are no longer tests into example sentences, as the reader puts them aside
 * (`<service>`, `<day>`): core/language/packs/en/examples/met.ts. To be followed by scripts/train.ts.
 * node --import tsx scripts/retire.ts
 */
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { guesses } from "../core/language/classifier.ts";
import { EXAMPLES } from "../core/language/packs/en/examples.ts";
import { MET as MET_SENTENCES } from "../core/language/packs/en/examples/met.ts";
import { COMMON } from "../core/language/packs/en/words.ts";
import { lexiconOf } from "../core/language/recognisers/house.ts";
import { read } from "../core/language/read.ts";
import { MET, setHouse, setMessages, setQuestions, SETS } from "../core/testing/sets.ts";
import { NOW } from "../core/testing/play.ts";
import { patternOf, plainly, tells } from "../core/testing/templated.ts";
import type { House } from "../core/house/compile.ts";
import type { Expects } from "../core/language/context.ts";
import { epochMinOf } from "../core/time/zone.ts";

const by = new Map<string, Set<string>>();

/** Words that any house's clients use; the others are the house's own, or odd, and are marked so that they stand for any such word. */
const common = new Set(
  EXAMPLES.replace(MET_SENTENCES, "")
    .replace(/[+*][\w']+/g, " ")
    .match(/[a-z']+/g) ?? [],
);
const everyday = (w: string): boolean => common.has(w) || COMMON.has(w) || COMMON.has(w.replace(/'s$/, "")) || /\d/.test(w);

/** Words of a message as a template says them: no signs that mean something there. */
const plain = (masked: string): string =>
  masked
    .toLowerCase()
    .replace(/[()|*+`$\\{}[\]/]/g, " ")
    .replace(/[.!;,:"–—]+/g, " ")
    .replace(/(?<!\w)[-'’]|[-'’](?!\w)/g, " ")
    .replace(/\s+/g, " ")
    .trim();

for (const set of MET)
  for (const m of setMessages(set)) {
    if (m.expects !== undefined || m.errands.length > 1) continue;
    const house = setHouse(set, m.house);
    const { masked } = read(m.text, { house, now: epochMinOf(house.zone, NOW) });
    const errand = m.errands[0] ?? "none";
    // What is refused is told by its subject, which the sets do not name.
    const label = errand === "refused" ? guesses(masked, () => false).find((g) => g.label.startsWith("refused/"))?.label : errand;
    const text = plain(masked)
      .split(" ")
      .map((w) => (w.startsWith("<") || everyday(w) ? w : `${lexiconOf(house).vocabulary.has(w) ? "+" : "*"}${w}`))
      .join(" ");
    if (label === undefined || text.replace(/<\w+>/g, "").trim().length < 4) continue;
    by.set(label, (by.get(label) ?? new Set()).add(text));
  }

// What is still tested by, messages, questions and the sentences that stand in tests, none of these may say.
const house = setHouse("first", "ternbay");
const held = new Set<string>();
const hold = (text: string, of: House, expects?: Expects): void => {
  const { masked } = read(text, { house: of, now: epochMinOf(of.zone, NOW), ...(expects ? { expects } : {}) });
  for (const t of [text, masked].map(plainly)) if (tells(t)) held.add(t);
};
for (const set of SETS)
  for (const m of [...(MET.includes(set) ? [] : setMessages(set)), ...setQuestions(set)])
    hold(m.text, setHouse(set, m.house), "expects" in m ? (m.expects as Expects) : undefined);
for (const folder of ["core", "server", "e2e"])
  for (const file of readdirSync(folder, { recursive: true, encoding: "utf8" }))
    if (file.endsWith(".test.ts")) for (const m of readFileSync(join(folder, file), "utf8").matchAll(/"([^"\\\n]{12,160})"/g)) hold(m[1] as string, house);
for (const texts of by.values())
  for (const text of texts) {
    const pattern = patternOf(text);
    if ([...held].some((t) => pattern.test(t))) texts.delete(text);
  }

const lines = [...by].map(([label, texts]) => `= ${label}\n${[...texts].join("\n")}`).join("\n");
writeFileSync(
  new URL("../core/language/packs/en/examples/met.ts", import.meta.url),
  `/** What clients wrote in the test sets that have been retired, as it is read. Made by scripts/retire.ts. */\nexport const MET = String.raw\`\n${lines}\n\`;\n`,
);
process.stdout.write(`${[...by.values()].reduce((n, s) => n + s.size, 0)} sentences\n`);
