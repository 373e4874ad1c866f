import { chance } from "../callers/ways.ts";
import { numberAloud } from "../conversation/wording/speech.ts";
import type { House } from "../house/compile.ts";
import type { Expects } from "../language/context.ts";
import { EXAMPLES } from "../language/packs/en/examples.ts";
import { TOPICS } from "../language/packs/en/topics.ts";
import { Grammar } from "./grammar.ts";
import { ANSWERS } from "./packs/en/answers.ts";
import { GIVEN_NAMES } from "./packs/en/given.ts";
import { FAMILY_NAMES } from "./packs/en/family.ts";
import { FIRST_NAMES, LAST_NAMES } from "./packs/en/names.ts";
import { letterWord, wordsOf } from "./words.ts";

/** The models that an ear has: for everything, and narrowed by what is waited for. */
export const EARS = ["open", "choose", "name", "letters", "number", "email", "yes-no"] as const;
export type Ear = (typeof EARS)[number];

/** Which model listens when the receptionist waits for something; `spelling` when it has asked for letters. */
export function earFor(expects: Expects, spelling = false): Ear {
  if (spelling && expects === "name") return "letters";
  switch (expects) {
    case "service":
    case "length":
    case "staff":
    case "day":
    case "time":
    case "slot":
    case "which-appointment":
      return "choose";
    case "name":
    case "name-check":
      return "name";
    case "phone":
    case "phone-check":
      return "number";
    case "email":
    case "email-check":
      return "email";
    case "go-ahead":
      return "yes-no";
    case "errand":
    case "anything":
    case "message":
    case "nothing":
      return "open";
    default:
      return "yes-no";
  }
}

/** So many given names are of the long list and not of the common ones, where names are waited for. */
const RARE_NAMES: Partial<Record<Ear, number>> = { name: 0.12, letters: 0.3, email: 0.12 };
/** So many names are those of cards, where the house has cards. */
const OF_CARDS = 0.4;

type Shares = Record<string, number>;

const ERRANDS: Shares = {
  book: 16,
  "ask-price": 6,
  "ask-availability": 7,
  move: 8,
  cancel: 7,
  "ask-hours": 4,
  "ask-service": 5,
  "ask-place": 3,
  "ask-policy": 4,
  "ask-staff": 3,
  "ask-mine": 3,
  message: 2,
  person: 2,
  "thanks-bye": 2,
  emergency: 1,
  "refused/advice": 1,
  "refused/discounts": 1,
  "refused/refunds": 1,
  "refused/others": 1,
  "refused/private": 1,
  "out-of-scope": 1,
  none: 4,
  "house-question": 6,
  topic: 3,
};
const CHOOSING: Shares = { "say-when": 14, choose: 8, "not-these": 4, "say-service": 6, "say-length": 3, "say-staff": 5, which: 3, contrast: 4, yes: 3, no: 2 };
const EVERYDAY: Shares = {
  yes: 4,
  no: 4,
  name: 3,
  phone: 2,
  spelled: 0.15,
  done: 4,
  again: 2,
  hello: 2,
  email: 1,
  "no-phone": 0.5,
  "say-time-length": 1,
  filler: 0.5,
  "about-me": 1.5,
  "small-talk": 1.2,
};

const times = (shares: Shares, by: number): Shares => {
  const total = Object.values(shares).reduce((a, b) => a + b, 0);
  return Object.fromEntries(Object.entries(shares).map(([k, v]) => [k, (v * by) / total]));
};
const plus = (...all: Shares[]): Shares => {
  const out: Shares = {};
  for (const s of all) for (const [k, v] of Object.entries(s)) out[k] = (out[k] ?? 0) + v;
  return out;
};

/** What is said to the receptionist, in shares of all, by what it waits for. */
const SHARES: Record<Ear, Shares> = {
  open: plus(times(ERRANDS, 0.6), times(CHOOSING, 0.22), times(EVERYDAY, 0.18)),
  choose: plus(times(CHOOSING, 0.72), times(ERRANDS, 0.13), times(EVERYDAY, 0.15)),
  name: plus({ name: 0.58, spelled: 0.18 }, times(EVERYDAY, 0.12), times(CHOOSING, 0.05), times(ERRANDS, 0.07)),
  letters: plus({ spelled: 0.9, name: 0.04 }, times(EVERYDAY, 0.06)),
  number: plus({ phone: 0.76 }, times(EVERYDAY, 0.14), times(CHOOSING, 0.03), times(ERRANDS, 0.07)),
  email: plus({ email: 0.5, spelled: 0.12, "no-phone": 0.12 }, times(EVERYDAY, 0.16), times(ERRANDS, 0.1)),
  "yes-no": plus({ yes: 0.36, no: 0.22, "house-choice": 0.05, "about-me": 0.16 }, times(CHOOSING, 0.1), times(EVERYDAY, 0.09), times(ERRANDS, 0.08)),
};

/** What a caller may say to a house that no grammar knows: its services, its people, its own questions, its clients' names. */
export interface Own {
  house: House;
  /** Names of clients, whole. */
  clients: readonly string[];
}

/**
 * Sentences that may be said to a house, as words, for one of its ears: as many as wanted, the same for the same seed.
 */
export function* sentences(own: Own, ear: Ear, count: number, seed = 1): Generator<string[]> {
  const random = chance(seed * 7919 + EARS.indexOf(ear));
  const { house } = own;
  const fill = filler(own, RARE_NAMES[ear] ?? 0);
  const grammar = new Grammar([EXAMPLES.replace(/[+*](?=[\w'])/g, ""), ANSWERS], fill, random);
  const topics = new Grammar([`= topic\n${TOPICS.replace(/^= .*$/gm, "").replace(/[+*](?=[\w'])/g, "")}`], fill, random);
  const shares = Object.entries(SHARES[ear]);
  const total = shares.reduce((a, [, n]) => a + n, 0);
  const one = (): string => {
    let at = random() * total;
    const thing = (shares.find(([, n]) => (at -= n) < 0) ?? shares[0])?.[0] as string;
    return thing === "topic" ? topics.say("topic") : grammar.say(thing);
  };
  for (let n = 0; n < count; n++) {
    const parts = [one()];
    const r = random();
    if (r < 0.09) parts.unshift(grammar.say("hello"));
    else if (r < 0.1) parts.unshift(grammar.say("small-talk"));
    else if (r < 0.13) parts.unshift(grammar.say("filler"));
    else if (r < 0.17) parts.unshift(grammar.say("yes"));
    else if (r < 0.2) parts.unshift(grammar.say("no"));
    else if (r < 0.3) parts.push(one());
    else if (r < 0.34) parts.push(grammar.say("tail"));
    const words = wordsOf(parts.join(" "), house);
    if (words.length > 0) yield words;
  }
}

/** Every word by which the house calls something or somebody: services, people, clients, its questions; and common names. */
export function ownWords({ house, clients }: Own): string[] {
  const { handbook: h } = house;
  return [
    ...h.services.flatMap((s) => [s.name, ...s.also, s.category ?? ""]),
    ...h.staff.flatMap((s) => [s.name, ...s.called, `${s.name}'s`, ...s.called.map((c) => `${c}'s`)]),
    ...h.answers.flatMap((a) => [a.question, ...a.also]),
    ...h.facts.flatMap((f) => [f.topic, ...f.also]),
    ...h.limits.flatMap((l) => l.words),
    ...house.emergency.words,
    ...(h.handingOver?.words ?? []),
    ...h.questions.flatMap((q) => (q.choices ?? []).flatMap((c) => [c.say, ...c.also])),
    ...clients,
    FIRST_NAMES,
    LAST_NAMES,
    GIVEN_NAMES,
    FAMILY_NAMES,
  ].flatMap((text) => wordsOf(text, house));
}

/** Words of a text that stand for a house: long enough to carry a meaning. */
const content = (text: string): string[] => text.toLowerCase().match(/[a-z']{4,}/g) ?? [];

function filler({ house, clients }: Own, rare: number): (thing: string, random: () => number) => string {
  const { handbook } = house;
  const services = handbook.services.map((s) => [s.name, s.name, ...s.also]);
  const lengths = [...new Set(handbook.services.flatMap((s) => s.variants.map((v) => v.lengthMin)))];
  const ownWords = [...new Set(handbook.services.flatMap((s) => [s.name, ...s.also, s.category ?? ""].flatMap(content)))];
  const odd = [...EXAMPLES.matchAll(/\*([a-z']+)/g)].map((m) => m[1] as string);
  const questions = [
    ...handbook.answers.flatMap((a) => [a.question, ...a.also]),
    ...handbook.facts.flatMap((f) => [f.topic, ...f.also]),
    ...handbook.limits.flatMap((l) => l.words),
    ...house.emergency.words,
    ...(handbook.handingOver?.words ?? []),
  ];
  const choices = handbook.questions.flatMap((q) => (q.choices ?? []).flatMap((c) => [c.say, ...c.also]));
  const first = FIRST_NAMES.trim().split(/\s+/);
  const last = LAST_NAMES.trim().split(/\s+/);
  const given = GIVEN_NAMES.trim().split(/\s+/);
  const family = FAMILY_NAMES.trim().split(/\s+/);
  const known = clients.map((c) => c.trim().split(/\s+/)).filter((c) => c[0]);
  const area = (handbook.place.phone ?? "").replace(/^\+1/, "").replace(/\D/g, "").slice(0, 3);
  const digit = (d: string): string => (d === "0" ? "oh" : numberAloud(Number(d)));
  const one = <T>(list: readonly T[], random: () => number): T | undefined => list[Math.floor(random() * list.length)];
  const firstName = (random: () => number): string =>
    (random() < OF_CARDS && one(known, random)?.[0]) || (one(random() < rare ? given : first, random) as string);
  const lastName = (random: () => number): string =>
    (random() < OF_CARDS && one(known, random)?.at(-1)) || (one(random() < rare ? family : last, random) as string);
  const letters = (name: string): string => [...name.toLowerCase().replace(/[^a-z]/g, "")].map(letterWord).join(" ");
  return (thing, random) => {
    const pick = <T>(list: readonly T[]): T | undefined => one(list, random);
    switch (thing) {
      case "service":
        return pick(pick(services) ?? []) ?? "appointment";
      case "staff": {
        const p = pick(handbook.staff);
        return p ? (pick([...p.called, ...p.called, p.name]) ?? p.name) : "anyone";
      }
      case "length":
        return lengthAloud(pick(lengths) ?? 60, random);
      case "own":
        return pick(ownWords) ?? "treatment";
      case "odd":
        return pick(odd) ?? "thing";
      case "first-name":
        return firstName(random);
      case "last-name":
        return lastName(random);
      case "whole-name":
        return (random() < OF_CARDS && pick(known)?.join(" ")) || `${firstName(random)} ${lastName(random)}`;
      case "spelt-name":
        return letters(random() < 0.5 ? lastName(random) : firstName(random));
      case "spelt-whole":
        return letters((random() < OF_CARDS && pick(known)?.join(" ")) || `${firstName(random)} ${lastName(random)}`);
      case "area":
        return area && random() < 0.7 ? [...area].map(digit).join(" ") : [0, 1, 2].map(() => digit(String(Math.floor(random() * 10)))).join(" ");
      case "phone":
        return Array.from({ length: 10 }, () => digit(String(Math.floor(random() * 10)))).join(" ");
      case "places":
        return pick(["two", "three", "two people", "the two of us", "four of us", "two places"]) as string;
      case "shift":
        return pick(["earlier", "later", "an hour later", "a bit later", "half an hour earlier", "a day later", "a week later"]) as string;
      case "gender":
        return pick(["a woman", "a man", "a female", "a lady"]) as string;
      case "house-question":
        return pick(questions) ?? "hello";
      case "house-choice":
        return pick(choices) ?? "yes";
      default:
        return "";
    }
  };
}

/** A length as people say it. Minutes. */
function lengthAloud(n: number, random: () => number): string {
  const ways = [`${numberAloud(n)} minutes`, `${numberAloud(n)} minutes`, `${numberAloud(n)} minute`];
  if (n === 30) ways.push("half an hour", "half an hour", "half hour");
  if (n === 60) ways.push("an hour", "one hour", "an hour", "one hour");
  if (n === 90) ways.push("an hour and a half", "one and a half hours", "an hour and a half");
  if (n > 60 && n % 60 === 0) ways.push(`${numberAloud(n / 60)} hours`);
  return ways[Math.floor(random() * ways.length)] as string;
}
