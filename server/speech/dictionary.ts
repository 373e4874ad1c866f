import { execFile } from "node:child_process";
import { readFileSync } from "node:fs";
import { glided, ofParts, phonesOf } from "@gentian/core/speech/phones";
import { isLetterWord } from "@gentian/core/speech/letters";

/** Debian's pocketsphinx-en-us: sounds, and how 134,000 words are spoken. */
export const ACOUSTIC = "/usr/share/pocketsphinx/model/en-us/en-us";
export const GENERAL_MODEL = "/usr/share/pocketsphinx/model/en-us/en-us.lm.bin";
export const GENERAL_DICTIONARY = "/usr/share/pocketsphinx/model/en-us/cmudict-en-us.dict";

let general: Map<string, string[]> | undefined;

/** How the words of the general dictionary are spoken, each in one way or several. */
function generalWords(): Map<string, string[]> {
  if (general) return general;
  general = new Map();
  for (const line of readFileSync(GENERAL_DICTIONARY, "utf8").split("\n")) {
    const gap = line.indexOf(" ");
    if (gap < 0) continue;
    const word = line.slice(0, gap).replace(/\(\d+\)$/, "");
    const own = general.get(word);
    if (own) own.push(line.slice(gap + 1).trim());
    else general.set(word, [line.slice(gap + 1).trim()]);
  }
  return general;
}

/**
 * Which words a sentence may hold to be learnt from: the house's own, common ones, and those of the dictionary that do
 * not sound just like a commoner one. Slips of the pen are not spoken.
 */
export function spokenWords(common: ReadonlySet<string>, own: ReadonlySet<string>): (word: string) => boolean {
  const known = generalWords();
  const sounds = new Set([...common].flatMap((w) => known.get(w) ?? []));
  return (word) => {
    if (own.has(word) || common.has(word) || isLetterWord(word) || SPOKEN[word] !== undefined) return true;
    const ways = known.get(word);
    return ways !== undefined && !ways.some((p) => sounds.has(p));
  };
}

const SPOKEN: Record<string, string[]> = { "a.m.": ["EY EH M"], "p.m.": ["P IY EH M"] };
const ZED = "Z EH D";

/**
 * A dictionary in the recogniser's format for these words, and the words that nobody can speak. `said` is how the house
 * says some of them, written as they sound: they are heard so too.
 */
export async function dictionaryOf(words: readonly string[], said: ReadonlyMap<string, string> = new Map()): Promise<{ text: string; silent: string[] }> {
  const known = generalWords();
  const ways = new Map<string, string[]>();
  const strange: string[] = [];
  for (const word of [...new Set(words)].sort()) {
    const own = SPOKEN[word] ?? (isLetterWord(word) ? letterSounds(word[0] as string, known) : known.get(word));
    if (own) ways.set(word, own);
    else strange.push(word);
  }
  const silent: string[] = [];
  const made = await pronounced([...strange, ...[...said.values()].flatMap((as) => as.split(/\s+/))]);
  for (const word of strange) {
    const byRule = made.get(word);
    const phones = [...ofParts(word, (w) => ways.get(w) ?? known.get(w)), ...(byRule === undefined ? [] : [byRule])];
    if (phones.length > 0) ways.set(word, [...new Set(phones)]);
    else silent.push(word);
  }
  for (const [word, as] of said) {
    const parts = as.split(/\s+/).map((part) => made.get(part));
    const own = parts.every((p) => p !== undefined) ? parts.join(" ") : null;
    if (own && words.includes(word) && !ways.get(word)?.includes(own)) ways.set(word, [...(ways.get(word) ?? []), own]);
  }
  for (const [word, list] of ways) ways.set(word, [...new Set([...list, ...list.flatMap(glided)])]);
  const lines = [...ways]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .flatMap(([word, list]) => list.map((phones, i) => `${word}${i === 0 ? "" : `(${i + 1})`} ${phones}`));
  return { text: `${lines.join("\n")}\n`, silent };
}

function letterSounds(letter: string, known: ReadonlyMap<string, string[]>): string[] {
  const named = known.get(`${letter}.`) ?? known.get(letter) ?? [];
  return letter === "z" ? [...named, ZED] : named;
}

/** How a voice would speak words that no dictionary has: espeak-ng's own rules, in the recogniser's sounds. */
export async function pronounced(words: readonly string[]): Promise<Map<string, string>> {
  const out = new Map<string, string>();
  const list = words.filter((w) => /\p{L}/u.test(w) && !/\n/.test(w));
  if (list.length === 0) return out;
  const ipa = await new Promise<string>((done, fail) => {
    const child = execFile("espeak-ng", ["-q", "--ipa", "-v", "en-us", "-b", "1"], { maxBuffer: 1 << 26 }, (error, stdout) =>
      error ? fail(new Error("espeak-ng cannot be run", { cause: error })) : done(stdout),
    );
    child.stdin?.end(list.map((w) => `${w}.\n`).join("\n"));
  });
  const spoken = ipa
    .split("\n")
    .map((l) => l.trim())
    .filter((l) => l !== "");
  // One line for each word, or nothing is believed of it.
  if (spoken.length === list.length)
    list.forEach((w, i) => {
      const phones = phonesOf(spoken[i] as string);
      if (phones) out.set(w, phones);
    });
  else if (list.length > 1) for (const w of list) for (const [k, v] of await pronounced([w])) out.set(k, v);
  return out;
}
