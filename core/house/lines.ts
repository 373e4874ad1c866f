import { parsePhoneNumberFromString, type CountryCode } from "libphonenumber-js/min";
import { readHours } from "../bring/calendar.ts";
import { tokensOf } from "../bring/tokens.ts";
import { WEEKDAYS, weekdayNumber } from "../time/days.ts";
import { everyWeeks, recurrenceOf, ruleOfWords, ruleWords } from "../time/recurrence.ts";
import { clockText } from "../time/zone.ts";
import type { DraftService } from "./draft.ts";
import type { Handbook } from "./schema.ts";

type Window = Handbook["hours"][number];
type Weekday = Window["weekdays"][number];

const SHORT = WEEKDAYS.map((d) => d.slice(0, 3));

/** Weekly hours as one line: "Mon–Thu 8:00–19:00; Sat 9:00–13:00". */
export function hoursLine(list: readonly Pick<Window, "weekdays" | "from" | "to">[]): string {
  return list.map((w) => `${daysLine(w.weekdays)} ${clockLine(w.from)}–${clockLine(w.to)}`).join("; ");
}

const clockLine = (t: string): string => t.replace(/^0/, "");

function daysLine(days: readonly Weekday[]): string {
  const list = [...new Set(days.map(weekdayNumber))].sort((a, b) => a - b);
  const runs: [number, number][] = [];
  for (const d of list) {
    const last = runs.at(-1);
    if (last && last[1] === d - 1) last[1] = d;
    else runs.push([d, d]);
  }
  return runs.map(([a, b]) => (a === b ? SHORT[a - 1] : b === a + 1 ? `${SHORT[a - 1]}, ${SHORT[b - 1]}` : `${SHORT[a - 1]}–${SHORT[b - 1]}`)).join(", ");
}

/** Reads weekly hours from one line; null where it says none. An empty line is no hours. */
export function parseHours(line: string): Window[] | null {
  if (line.trim() === "") return [];
  const found = readHours(line);
  if (found.length === 0) return null;
  const taken = new Set<string>();
  return found.map((f) => {
    const weekdays = f.days.map((d) => WEEKDAYS[d - 1] as Weekday);
    const base = `${weekdays.map((d) => d.slice(0, 2).toLowerCase()).join("")}-${clockText(f.fromMin).replace(":", "")}`;
    let id = base;
    for (let n = 2; taken.has(id); n++) id = `${base}-${n}`;
    taken.add(id);
    return { id, weekdays, from: clockText(f.fromMin), to: f.toMin === 1440 ? "24:00" : clockText(f.toMin) };
  });
}

/** Lengths and prices as one line: "30 min $60 · 60 min $95". What is not known is left out. */
export function variantsLine(draft: { locale: string; currency: string }, variants: DraftService["variants"]): string {
  return variants
    .map((v) => [v.lengthMin === null ? "" : `${v.lengthMin} min`, v.priceMinor === null ? "" : moneyLine(draft, v.priceMinor)].filter(Boolean).join(" "))
    .filter(Boolean)
    .join(" · ");
}

export function moneyLine(draft: { locale: string; currency: string }, minor: number): string {
  const options = { style: "currency", currency: draft.currency, currencyDisplay: "narrowSymbol" } as const;
  const digits = new Intl.NumberFormat(draft.locale, options).resolvedOptions().maximumFractionDigits ?? 2;
  const value = minor / 10 ** digits;
  return new Intl.NumberFormat(draft.locale, { ...options, minimumFractionDigits: Number.isInteger(value) ? 0 : digits, maximumFractionDigits: digits }).format(
    value,
  );
}

/** Reads lengths and prices from one line; null where a part of it is neither. */
export function parseVariants(line: string): DraftService["variants"] | null {
  const parts = line
    .split(/\s*[·;]\s*|,\s+(?=\d)/)
    .map((p) => p.trim())
    .filter(Boolean);
  const out: DraftService["variants"] = [];
  for (const part of parts) {
    const tokens = tokensOf(part);
    const length = tokens.find((t) => t.kind === "length");
    const price = tokens.find((t) => t.kind === "price");
    let minor = price?.kind === "price" && price.price.is === "fixed" ? price.price.minor : null;
    let lengthMin = length?.kind === "length" ? length.min : null;
    const rest = tokens.reduceRight((t, k) => `${t.slice(0, k.start)} ${t.slice(k.end)}`, part);
    const bare = [...rest.matchAll(/\d+(?:[.,]\d{2})?/g)].map((m) => m[0].replace(",", "."));
    // "45 85" is a length and its price, "45 min 85" too.
    if (lengthMin === null && bare.length > 0) lengthMin = Number(bare.shift());
    if (minor === null && bare.length > 0) minor = Math.round(Number(bare.shift()) * 100);
    if (bare.length > 0 || (lengthMin === null && minor === null) || /[a-z]{2}/i.test(rest.replace(/\b(?:for|at|and)\b/gi, ""))) return null;
    if (lengthMin !== null && (lengthMin < 5 || lengthMin > 720 || !Number.isInteger(lengthMin))) return null;
    out.push({ lengthMin, priceMinor: minor });
  }
  return out;
}

/** Words set apart by commas. */
export const wordsLine = (list: readonly string[]): string => list.join(", ");
export const parseWords = (line: string): string[] => [...new Set(line.split(/\s*[,;\n]\s*/).map((w) => w.trim()))].filter(Boolean);

/** Where in the handbook a source of a reply stands. */
export function placeOfSource(source: { kind: string; id: string }): string | null {
  const list: Record<string, string> = {
    service: "services",
    staff: "staff",
    closed: "closed",
    rule: "rules",
    answer: "answers",
    fact: "facts",
    limit: "limits",
    question: "questions",
    document: "documents",
    receptionist: "receptionists",
  };
  if (source.kind === "hours") return "hours";
  if (source.kind === "emergency") return "emergency";
  if (source.kind === "handing-over") return "handingOver";
  if (source.kind === "house") return "place";
  const section = list[source.kind];
  return section ? `${section}/${source.id.split("/")[0]}` : null;
}

type TurnHours = Handbook["staff"][number]["hours"][number];

/** Hours that come in turn, as one line: "every second Saturday 9:00–13:00 from 2027-03-06". Weekly hours are left out. */
export function inTurnLine(list: readonly TurnHours[]): string {
  return list
    .filter((h) => h.every ?? h.repeat)
    .map((h) => {
      const rule = h.repeat?.rule ?? everyWeeks(h.every?.weeks ?? 2, h.weekdays);
      return `${ruleWords(rule)} ${clockLine(h.from)}–${clockLine(h.to)} from ${h.repeat?.from ?? h.every?.from ?? ""}`;
    })
    .join("; ");
}

/** Reads hours that come in turn; null where a part of the line says no turn, no hours or no first day. */
export function parseInTurn(line: string): TurnHours[] | null {
  if (line.trim() === "") return [];
  const out: TurnHours[] = [];
  for (const [i, part] of line.split(";").entries()) {
    const m = /^(.*?)\s+(\d{1,2}(?::\d{2})?\s*(?:[ap]m)?\s*(?:[–-]|to)\s*\d.*?)\s+from\s+(\d{4}-\d{2}-\d{2})\s*$/i.exec(part.trim());
    const rule = m ? ruleOfWords(m[1] ?? "") : null;
    // The weekday stands for a reader's sake: the hours are read as those of one day.
    const hours = m ? parseHours(`Mon ${m[2]}`)?.[0] : undefined;
    if (!m || !rule || !hours) return null;
    try {
      recurrenceOf(rule, m[3] ?? "");
    } catch {
      return null;
    }
    const codes = [...rule.matchAll(/([A-Z]{2})(?=,|$)/g)].map((c) => c[1]);
    const weekdays = WEEKDAYS.filter((d) => codes.includes(d.slice(0, 2).toUpperCase()));
    out.push({ id: `turn-${i + 1}`, weekdays, from: hours.from, to: hours.to, repeat: { rule, from: m[3] ?? "" } });
  }
  return out;
}

/** A class's times as one line: "Mon, Wed 17:30; Thu 12:15". */
export function classLine(times: readonly { weekdays: readonly Weekday[]; at: string }[]): string {
  return times.map((t) => `${daysLine(t.weekdays)} ${clockLine(t.at)}`).join("; ");
}

/** Reads a class's times; null where it says none. */
export function parseClass(line: string): { weekdays: Weekday[]; at: string }[] | null {
  const parts = line
    .split(";")
    .map((p) => p.trim())
    .filter(Boolean);
  const out = parts.map((part) => {
    const m = /^(.*?)\s*(\d{1,2}:\d{2})$/.exec(part);
    // Read as an hour's opening, so that the days are read as everywhere.
    const read = m ? parseHours(`${m[1]} ${m[2]}–24:00`) : null;
    return read?.[0] ? { weekdays: [...new Set(read.flatMap((r) => r.weekdays))], at: (m?.[2] ?? "").padStart(5, "0") } : null;
  });
  return out.length > 0 && out.every((t) => t !== null) ? out : null;
}

/** A telephone number as people of a country write it, as E.164; null where it is none. */
export function parsePhone(text: string, country: string): string | null {
  const number = parsePhoneNumberFromString(text, country as CountryCode);
  return number?.isPossible() ? number.number : null;
}
