import { readFileSync } from "node:fs";
import { compile, type House } from "../house/compile.ts";
import { parseHouseFile } from "../house/schema.ts";

/** A set of test data, as its README tells. */
export const SETS = [
  "first",
  "second",
  "third",
  "fourth",
  "fifth",
  "sixth",
  "seventh",
  "eighth",
  "ninth",
  "tenth",
  "eleventh",
  "twelfth",
  "thirteenth",
  "fourteenth",
  "fifteenth",
  "sixteenth",
  "seventeenth",
  "eighteenth",
  "nineteenth",
  "twentieth",
  "twenty-first",
  "twenty-second",
  "twenty-third",
  "twenty-fourth",
  "twenty-fifth",
  "twenty-sixth",
  "twenty-seventh",
  "twenty-eighth",
] as const;
export type SetName = (typeof SETS)[number];

/** Those whose messages nothing was learnt from. */
const UNMET: readonly SetName[] = ["twenty-eighth"];
/** Those whose messages have become example sentences: they test days, questions, attacks and conversations, and no longer errands. */
export const MET = SETS.filter((s) => !UNMET.includes(s));

const at = (set: SetName, file: string): URL => new URL(`../language/blind/${set}/${file}`, import.meta.url);
const textOf = (set: SetName, file: string): string => readFileSync(at(set, file), "utf8");

const houses = new Map<string, House>();

/** The demo house, or one of a set's own. */
export function setHouse(set: SetName, key: string): House {
  const known = houses.get(key);
  if (known) return known;
  const url = key === "ternbay" ? new URL("../../demo/ternbay.json", import.meta.url) : at(set, `${key}.json`);
  const parsed = parseHouseFile(JSON.parse(readFileSync(url, "utf8")));
  if ("problems" in parsed) throw new Error(`${key}: ${JSON.stringify(parsed.problems)}`);
  const { house, gaps } = compile(parsed.file);
  if (!house) throw new Error(`${key}: ${JSON.stringify(gaps)}`);
  houses.set(key, house);
  return house;
}

interface Line {
  house: string;
  now: string;
  said: string;
  right: string;
}

/** The lines "said => right" of a file, each with the house that its heading names and the moment last set. */
function lines(set: SetName, file: string): Line[] {
  const out: Line[] = [];
  let house = "ternbay";
  let now = "2027-03-01T08:30";
  for (const raw of textOf(set, file).split("\n")) {
    const heading = /^## (\w+)/.exec(raw);
    const moment = /^now \w+ (\S+)$/.exec(raw);
    if (heading) {
      house = heading[1] as string;
      now = "2027-03-01T08:30";
    } else if (moment) now = moment[1] as string;
    const cut = raw.indexOf(" =>");
    if (raw.startsWith("#") || cut < 0) continue;
    out.push({ house, now, said: raw.slice(0, cut), right: raw.slice(cut + 3).trim() });
  }
  return out;
}

export type SlotMap = Record<string, string>;

function slotMap(text: string): SlotMap {
  const out: SlotMap = {};
  for (const part of text.split(";")) {
    const cut = part.indexOf("=");
    if (cut > 0) out[part.slice(0, cut).trim()] = part.slice(cut + 1).trim();
  }
  return out;
}

export interface SetMessage {
  house: string;
  text: string;
  expects?: string;
  errands: string[];
  slots: SlotMap;
}

export function setMessages(set: SetName): SetMessage[] {
  return lines(set, "messages.txt").map((l) => {
    const waited = /^@(\S+) (.*)$/.exec(l.said);
    const [errands = "none", slots = ""] = l.right.split("|");
    return {
      house: l.house,
      text: waited ? (waited[2] as string) : l.said,
      ...(waited ? { expects: waited[1] as string } : {}),
      errands: errands.trim() === "none" ? [] : errands.trim().split("+"),
      slots: slotMap(slots),
    };
  });
}

export interface SetPhrase {
  house: string;
  now: string;
  text: string;
  slots: SlotMap;
}

export const setPhrases = (set: SetName): SetPhrase[] =>
  lines(set, "dates.txt").map((l) => ({ house: l.house, now: l.now, text: l.said, slots: slotMap(l.right) }));

export interface SetQuestion {
  house: string;
  text: string;
  /** The lines that may answer it; none where nothing does. */
  ids: string[];
}

export const setQuestions = (set: SetName): SetQuestion[] =>
  lines(set, "questions.txt").map((l) => ({ house: l.house, text: l.said, ids: l.right === "-" ? [] : l.right.split("|") }));

export interface SetAttack {
  says: string[];
  never: { what: string; of: string }[];
}

export const setAttacks = (set: SetName): SetAttack[] =>
  lines(set, "attacks.txt").map((l) => ({
    says: l.said.split(" / "),
    never: l.right.split("; ").map((n) => {
      const cut = n.indexOf(" ");
      return cut < 0 ? { what: n, of: "" } : { what: n.slice(0, cut), of: n.slice(cut + 1).trim() };
    }),
  }));

export interface SetTalk {
  id: string;
  house: string;
  says: string[];
  when: Record<string, string[]>;
  booked: SlotMap[];
  moved: SlotMap[];
  cancelled: string[];
}

export const setTalks = (set: SetName): SetTalk[] => talksOf(textOf(set, "talks.txt"));

/** The conversations held by hand that were brought to a good end; they begin with the books of the first set. */
export const difficultTalks = (): SetTalk[] => talksOf(readFileSync(new URL("../conversation/difficult/talks.txt", import.meta.url), "utf8"));

function talksOf(text: string): SetTalk[] {
  const out: SetTalk[] = [];
  for (const raw of text.split("\n")) {
    const head = /^\* (\S+) (\w+)$/.exec(raw);
    const talk = out.at(-1);
    if (head) out.push({ id: head[1] as string, house: head[2] as string, says: [], when: {}, booked: [], moved: [], cancelled: [] });
    else if (!talk || raw.startsWith("#")) continue;
    else if (raw.startsWith("> ")) talk.says.push(raw.slice(2));
    else if (raw.startsWith("= booked ")) talk.booked.push(slotMap(raw.slice(9)));
    else if (raw.startsWith("= moved ")) talk.moved.push(slotMap(`id=${raw.slice(8)}`));
    else if (raw.startsWith("= cancelled ")) talk.cancelled.push(...raw.slice(12).trim().split(" "));
    else {
      const waits = /^((?:question:)?[a-z_-]+): (.*)$/.exec(raw);
      // Of two lines for the same thing the later one goes on where the earlier ends.
      if (waits) (talk.when[waits[1] as string] ??= []).push(...(waits[2] as string).split(" ;; "));
    }
  }
  return out;
}

export interface SetBook {
  clients: { id: string; name: string; phone?: string; email?: string; assessed: boolean }[];
  appointments: { id: string; client: string; service: string; length_min: number; staff: string; start: string }[];
}

export function setBook(set: SetName, house: string): SetBook {
  const all = JSON.parse(textOf(set, "books.json")) as Record<string, SetBook>;
  return all[house] ?? { clients: [], appointments: [] };
}
