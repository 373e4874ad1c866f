import {
  AFFIRMS,
  AGE_ASKED,
  AGE_TOLD,
  AND_A_HALF,
  AROUND_A_PLACE,
  AT_LEAST,
  AT_MOST,
  A_COUPLE_OF,
  BEGINS_AN_ANSWER,
  BY_PLACE,
  DENIES,
  NO_LONGER_OR_PERHAPS,
  HALF_AN_HOUR,
  HOUR_AND_A_HALF,
  MY_ADDRESS_IS,
  ONE_OF_A_UNIT,
  SKIP,
  UNIT,
  UNIT_WORD,
} from "./packs/en/given.ts";
import { distance } from "fastest-levenshtein";
import type { House } from "../house/compile.ts";
import type { Question } from "../house/schema.ts";
import { dayFrom, dayOfIso, isoOfDay, type DayNumber } from "../time/days.ts";
import { ofKind } from "./found.ts";
import { CARDINALS, COMMON, MONTH_WORDS, ORDINALS } from "./packs/en/words.ts";
import type { Reading } from "./read.ts";
import { folded, normalise, stem } from "./text.ts";

/** A postal address as far as it was said. */
export interface AddressParts {
  street?: string;
  unit?: string;
  town?: string;
  region?: string;
  postcode?: string;
}

/** What an answer comes to, for testing it: money in minor units, lengths in minutes, an open end where only one side was said. */
export type AnswerValue =
  | { is: "words" }
  | { is: "yes"; yes: boolean }
  | { is: "choice"; id: string }
  | { is: "amount"; from?: number; to?: number }
  | { is: "date"; day: DayNumber }
  | { is: "address"; parts: AddressParts };

export type AnswerRead =
  /** `text` is what is kept; read again, it gives the same value. */
  { kind: "value"; text: string; value: AnswerValue } | { kind: "skip" } | { kind: "several"; ids: string[] } | { kind: "unclear" };

/** Reads an answer by its question's kind. Nothing is guessed: what does not fit the kind is unclear. */
export function readAnswer(house: House, question: Question, text: string, reading: Reading | null): AnswerRead {
  const norm = normalise(text).norm.trim();
  if (norm === "") return { kind: "unclear" };
  if (SKIP.test(norm)) return { kind: "skip" };
  switch (question.kind) {
    case "text":
      return { kind: "value", text: text.trim().slice(0, 500), value: { is: "words" } };
    case "yes-no": {
      const yes =
        norm === "yes"
          ? true
          : norm === "no"
            ? false
            : (ofKind(reading?.found ?? [], "yes")[0]?.value ?? impliedYes(norm, reading?.question === true, question.ask));
      return yes === undefined ? { kind: "unclear" } : { kind: "value", text: yes ? "yes" : "no", value: { is: "yes", yes } };
    }
    case "choice":
      return choice(question, norm);
    case "number":
      return amount(digits(norm), (n) => n, plainNumber);
    case "money":
      return amount(
        digits(norm),
        (n) => Math.round(n * 100),
        (n) => money(house, n),
      );
    case "length":
      return length(digits(norm));
    case "date":
      return date(house, norm, reading);
    case "phone": {
      const phone = /^\+\d{7,15}$/.test(norm) ? norm : ofKind(reading?.found ?? [], "phone").at(-1)?.value;
      return phone ? { kind: "value", text: phone, value: { is: "words" } } : { kind: "unclear" };
    }
    case "email": {
      const email = ofKind(reading?.found ?? [], "email").at(-1)?.value ?? /^[^\s@]+@[^\s@]+\.[^\s@]+$/.exec(norm)?.[0];
      return email ? { kind: "value", text: email, value: { is: "words" } } : { kind: "unclear" };
    }
    case "address": {
      const parts = addressParts(text);
      return Object.keys(parts).length === 0 ? { kind: "unclear" } : { kind: "value", text: addressText(parts), value: { is: "address", parts } };
    }
  }
}

/** A yes or no without either word: "I do", "a few times", "my doctor did". */
function impliedYes(s: string, asks: boolean, question: string): boolean | undefined {
  // "Are you sixteen or older?" – "I'm thirty".
  const bound = AGE_ASKED.exec(question.toLowerCase());
  const age = bound ? AGE_TOLD.exec(digits(s)) : null;
  if (bound && age) {
    const least = Number(digits(bound[1] ?? bound[2] ?? bound[3] ?? "").trim());
    const told = Number(age[1]);
    if (least > 0) return bound[3] === undefined ? told > least || (told === least && bound[2] === undefined) : told < least;
  }
  // "Could I have Jo?" asks, and answers nothing.
  if (asks && !BEGINS_AN_ANSWER.test(s)) return undefined;
  if (DENIES.test(s)) return false;
  if (AFFIRMS.test(s)) return true;
  if (NO_LONGER_OR_PERHAPS.test(s)) return undefined;
  // "Has any country refused you a visa?" – "Spain refused me": what the question asks about is told.
  const asked = new Set(wordsWorth(question));
  return wordsWorth(s).some((w) => asked.has(w)) ? true : undefined;
}

/** The stems of the words of a text that are no everyday ones. */
const wordsWorth = (text: string): string[] => normalise(text).tokens.flatMap((t) => (t.text.length > 3 && !COMMON.has(t.text) ? [stem(t.text)] : []));

function choice(question: Question, norm: string): AnswerRead {
  const list = question.choices ?? [];
  const said = folded(norm);
  const one = (c: (typeof list)[number]): AnswerRead => ({ kind: "value", text: c.say, value: { is: "choice", id: c.id } });
  const words = list.map((c) => ({ c, all: [c.say, ...c.also].map(folded).filter(Boolean) }));
  const whole = words.find((w) => w.all.includes(said));
  if (whole) return one(whole.c);
  // The longest words win: "not sure yet" is not "sure".
  const hits = words
    .map((w) => ({ c: w.c, most: Math.max(0, ...w.all.filter((a) => ` ${said} `.includes(` ${a} `)).map((a) => a.length)) }))
    .filter((h) => h.most > 0)
    .sort((a, b) => b.most - a.most);
  const [best, next] = hits;
  if (best && (!next || inside(best.c, next.c))) return one(best.c);
  if (best && next) return { kind: "several", ids: list.map((c) => c.id).filter((id) => hits.some((h) => h.c.id === id)) };
  const slips = words.filter((w) =>
    w.all.some((a) => a.length >= 5 && said.split(" ").some((t) => t.length >= 4 && distance(t, a) <= (a.length >= 8 ? 2 : 1))),
  );
  if (slips.length === 1 && slips[0]) return one(slips[0].c);
  const place = BY_PLACE.exec(norm)?.[1];
  const picked = place === "last" ? list.at(-1) : place ? list[(ORDINALS[place] ?? 0) - 1] : undefined;
  return picked ? one(picked) : { kind: "unclear" };
  function inside(a: (typeof list)[number], b: (typeof list)[number]): boolean {
    const longer = [a.say, ...a.also].map(folded).filter((x) => ` ${said} `.includes(` ${x} `));
    return [b.say, ...b.also]
      .map(folded)
      .filter((x) => ` ${said} `.includes(` ${x} `))
      .every((x) => longer.some((l) => ` ${l} `.includes(` ${x} `)));
  }
}

const TENS: Record<string, number> = { twenty: 20, thirty: 30, forty: 40, fifty: 50, sixty: 60, seventy: 70, eighty: 80, ninety: 90 };

/** Numbers in words as figures: "twenty five" is 25, "a hundred and twenty" 120, "two and a half" 2.5. */
function digits(norm: string): string {
  const tokens = norm.replace(/-(?=[a-z])/g, " ").split(/(\s+|[^a-z0-9.']+)/);
  const out: string[] = [];
  let value: number | null = null;
  let pending = "";
  const flush = (): void => {
    if (value !== null) out.push(String(value));
    if (pending) out.push(pending);
    value = null;
    pending = "";
  };
  for (const t of tokens) {
    const ones = CARDINALS[t];
    if (/^\s*$/.test(t) && value !== null) pending += t;
    else if (t === "and" && value !== null && value >= 100) pending += t;
    else if (TENS[t] !== undefined) {
      if (value !== null && value % 100 !== 0) flush();
      value = (value ?? 0) + TENS[t];
      pending = "";
    } else if (ones !== undefined && t !== "a" && t !== "an") {
      if (value !== null && !(value % 10 === 0 && ones < 10) && !(value >= 100 && value % 100 === 0)) flush();
      value = (value ?? 0) + ones;
      pending = "";
    } else if (t === "hundred" || t === "thousand") {
      value = (value ?? 1) * (t === "hundred" ? 100 : 1000);
      pending = "";
      if (out.at(-2) === "a") out.splice(-2, 2);
    } else {
      flush();
      out.push(t);
    }
  }
  flush();
  return out.join("").replace(AND_A_HALF, "$1.5");
}

const NUM = String.raw`(\d{1,3}(?:,\d{3})+(?:\.\d+)?|\d+(?:\.\d+)?)( ?k\b)?`;
const figure = (n: string, k: string | undefined): number => Number(n.replaceAll(",", "")) * (k ? 1000 : 1);

/** The amount said: one, a range, or one with an open end. More than that is unclear. */
function span(norm: string): { from?: number; to?: number } | null {
  const bare = norm.replace(/[$€£]/g, "");
  const range = new RegExp(`${NUM} ?(?:[a-z]+ )?(?:-|to|and|or|until) ?${NUM}`).exec(bare);
  const all = [...bare.matchAll(new RegExp(NUM, "g"))].map((m) => figure(m[1] as string, m[2]));
  if (range && all.length === 2) {
    const [a, b] = all as [number, number];
    return a < b ? { from: a, to: b } : null;
  }
  const [one] = all;
  if (one === undefined || all.length > 1) return null;
  if (AT_MOST.test(bare)) return { to: one };
  if (AT_LEAST.test(bare)) return { from: one };
  return { from: one, to: one };
}

const plainNumber = (n: number): string => String(n);

function amount(norm: string, scale: (n: number) => number, write: (n: number) => string): AnswerRead {
  const s = span(norm);
  if (!s) return { kind: "unclear" };
  return {
    kind: "value",
    text: spanText(s, write),
    value: { is: "amount", ...(s.from === undefined ? {} : { from: scale(s.from) }), ...(s.to === undefined ? {} : { to: scale(s.to) }) },
  };
}

function spanText(s: { from?: number; to?: number }, write: (n: number) => string): string {
  if (s.from === undefined) return `up to ${write(s.to ?? 0)}`;
  if (s.to === undefined) return `at least ${write(s.from)}`;
  return s.from === s.to ? write(s.from) : `${write(s.from)} to ${write(s.to)}`;
}

const money = (house: House, n: number): string => `${n.toFixed(n % 1 === 0 ? 0 : 2)} ${house.handbook.currency}`;

const UNIT_MIN: Record<string, number> = { minute: 1, hour: 60, day: 1440, week: 10_080, month: 43_200, year: 525_600 };

/** A length of time: months count thirty days, years three hundred and sixty-five. */
function length(norm: string): AnswerRead {
  const plain = norm.replace(HALF_AN_HOUR, "30 minutes").replace(HOUR_AND_A_HALF, "90 minutes").replace(ONE_OF_A_UNIT, "1 ").replace(A_COUPLE_OF, "2 ");
  const unit = UNIT.exec(plain)?.[1];
  if (!unit) return { kind: "unclear" };
  const name = unit === "min" ? "minute" : unit === "hr" ? "hour" : unit;
  const s = span(plain);
  const each = UNIT_MIN[name];
  if (!s || each === undefined) return { kind: "unclear" };
  const last = s.to ?? s.from ?? 0;
  return {
    kind: "value",
    text: `${spanText(s, plainNumber)} ${name}${last === 1 ? "" : "s"}`,
    value: { is: "amount", ...(s.from === undefined ? {} : { from: s.from * each }), ...(s.to === undefined ? {} : { to: s.to * each }) },
  };
}

function date(house: House, norm: string, reading: Reading | null): AnswerRead {
  const found = (day: DayNumber | null): AnswerRead =>
    day === null ? { kind: "unclear" } : { kind: "value", text: isoOfDay(day), value: { is: "date", day } };
  if (/^\d{4}-\d{2}-\d{2}$/.test(norm))
    return found(dayFrom(Number(norm.slice(0, 4)), Number(norm.slice(5, 7)), Number(norm.slice(8))) === null ? null : dayOfIso(norm));
  const months = Object.keys(MONTH_WORDS)
    .sort((a, b) => b.length - a.length)
    .join("|");
  const dmy = new RegExp(`\\b(\\d{1,2})(?:st|nd|rd|th)? (?:of )?(${months})\\.?,? (\\d{4})\\b`).exec(norm);
  if (dmy) return found(dayFrom(Number(dmy[3]), MONTH_WORDS[dmy[2] as string] as number, Number(dmy[1])));
  const mdy = new RegExp(`\\b(${months})\\.? (\\d{1,2})(?:st|nd|rd|th)?,? (\\d{4})\\b`).exec(norm);
  if (mdy) return found(dayFrom(Number(mdy[3]), MONTH_WORDS[mdy[1] as string] as number, Number(mdy[2])));
  const figures = /\b(\d{1,2})[/.-](\d{1,2})[/.-](\d{4})\b/.exec(norm);
  if (figures) {
    const [a, b] = [Number(figures[1]), Number(figures[2])];
    const [month, day] = house.handbook.dateOrder === "month-first" ? [a, b] : [b, a];
    // Only one of the two orders may be possible at all.
    return found(dayFrom(Number(figures[3]), month, day) ?? dayFrom(Number(figures[3]), day, month));
  }
  const days = ofKind(reading?.found ?? [], "day").map((d) => d.value);
  const only = days.length === 1 && days[0]?.kind === "days" && days[0].from !== undefined && days[0].from === days[0].to ? days[0].from : null;
  return found(only);
}

/** What streets are called, as a pattern's alternatives. */
export const STREET =
  "street|st|road|rd|avenue|ave|lane|ln|drive|dr|way|court|ct|crescent|cres|boulevard|blvd|place|pl|terrace|highway|hwy|close|square|row|parkway|trail|circle|quay|wharf|hill|walk";
const POSTCODE = /\b([A-Z]\d[A-Z] ?\d[A-Z]\d|[A-Z]{1,2}\d[A-Z\d]? \d[A-Z]{2}|\d{5}(?:-\d{4})?)\b/i;

/** Splits a postal address into its parts; only what was said is there. */
export function addressParts(raw: string): AddressParts {
  const parts: AddressParts = {};
  let text = raw.replace(MY_ADDRESS_IS, "").trim();
  const tail = POSTCODE.exec(text.replace(/^\d+\b/, (m) => "x".repeat(m.length)));
  if (tail) {
    parts.postcode = text.slice(tail.index, tail.index + tail[0].length).toUpperCase();
    text = `${text.slice(0, tail.index)} ${text.slice(tail.index + tail[0].length)}`;
  }
  const unit = UNIT_WORD.exec(text);
  if (unit) {
    parts.unit = (unit[1] as string).trim();
    text = text.replace(unit[0], " ,");
  }
  const street =
    new RegExp(`\\d+[a-z]? [^,\\d]*?\\b(?:${STREET})\\b(?: (?:${STREET})\\b)*\\.?(?: (?:north|south|east|west|n|s|e|w))?(?=[\\s,]|$)`, "i").exec(text) ??
    /\d+[a-z]?[ ,]+[^,\d]+(?=,|$)/i.exec(text);
  if (street) {
    parts.street = street[0].replace(/\s+/g, " ").replace(/[\s,]+$/, "");
    text = `${text.slice(0, street.index)},${text.slice(street.index + street[0].length)}`;
  }
  const rest = text
    .split(",")
    .map((s) => s.replace(/\s+/g, " ").replace(AROUND_A_PLACE, "").trim())
    .filter((s) => /[a-z]/i.test(s));
  for (const r of rest) {
    const own = /^(.*?)\s*\b([A-Z]{2})$/.exec(r);
    if (own?.[2] && (parts.town || own[1])) {
      parts.region = own[2];
      if (own[1] && !parts.town) parts.town = own[1];
    } else if (!parts.town) parts.town = r;
    else if (!parts.region) parts.region = r;
  }
  // A bare sentence is no address: without a number and a street, a town is one or two words by itself.
  if (!parts.street && !parts.postcode && (parts.town ?? "").split(" ").length > 3) return {};
  return parts;
}

export const addressText = (p: AddressParts): string => [p.street, p.unit, p.town, p.region, p.postcode].filter(Boolean).join(", ");
