import type { ClosedRule } from "../house/schema.ts";
import { MONTH_WORDS } from "../language/packs/en/words.ts";
import type { FindOf } from "./find.ts";
import { daySpecs, timeSpans, tokensOf } from "./tokens.ts";

type HoursFind = Omit<FindOf<"hours">, "source" | "words" | "at">;

/** Opening hours of one line: each group of days takes the times up to the next; "till 8" keeps the start before it. */
export function readHours(text: string): HoursFind[] {
  if (tokensOf(text).some((t) => t.kind === "price" && t.price.is !== "fixed")) return [];
  if (/[$€£]/.test(text)) return [];
  const specs = daySpecs(text);
  const out: HoursFind[] = [];
  let from: number | undefined;
  specs.forEach((spec, i) => {
    const next = specs[i + 1];
    const after = text.slice(spec.end, next?.start ?? text.length);
    const spans = timeSpans(after);
    // "9–5 Monday to Friday": the times stand before the days.
    const before = i === 0 && spans.length === 0 ? timeSpans(text.slice(0, spec.start)) : [];
    for (const s of spans.length > 0 ? spans : before) {
      const fromMin = s.fromMin ?? from;
      if (fromMin === undefined || fromMin >= s.toMin) continue;
      from = fromMin;
      out.push({ what: "hours", days: spec.days, fromMin, toMin: s.toMin });
    }
  });
  return out;
}

interface Holiday {
  pattern: RegExp;
  name: string;
  on: (country: string) => ClosedRule | null;
}

const yearly = (month: number, date: number): ClosedRule => ({ kind: "yearly", month, date });
const nth = (month: number, weekday: "Monday" | "Thursday", n: number): ClosedRule => ({ kind: "weekday", month, weekday, nth: n });

/** Public holidays by name. Dates from memory of each country's own rules; a name that differs by country needs one. */
const HOLIDAYS: readonly Holiday[] = [
  { pattern: /\bnew year'?s day\b/i, name: "New Year's Day", on: () => yearly(1, 1) },
  { pattern: /\bnew year'?s eve\b/i, name: "New Year's Eve", on: () => yearly(12, 31) },
  { pattern: /\bgood friday\b/i, name: "Good Friday", on: () => ({ kind: "easter", days: -2 }) },
  { pattern: /\beaster sunday\b/i, name: "Easter Sunday", on: () => ({ kind: "easter", days: 0 }) },
  { pattern: /\beaster monday\b/i, name: "Easter Monday", on: () => ({ kind: "easter", days: 1 }) },
  { pattern: /\bheritage day\b/i, name: "Heritage Day", on: (c) => (c === "CA" ? nth(2, "Monday", 3) : null) },
  { pattern: /\bvictoria day\b/i, name: "Victoria Day", on: (c) => (c === "CA" ? { kind: "before", month: 5, date: 25, weekday: "Monday" } : null) },
  { pattern: /\bcanada day\b/i, name: "Canada Day", on: () => yearly(7, 1) },
  { pattern: /\bindependence day\b|\bfourth of july\b/i, name: "Independence Day", on: (c) => (c === "US" ? yearly(7, 4) : null) },
  { pattern: /\bjuneteenth\b/i, name: "Juneteenth", on: () => yearly(6, 19) },
  { pattern: /\bmemorial day\b/i, name: "Memorial Day", on: (c) => (c === "US" ? nth(5, "Monday", -1) : null) },
  { pattern: /\blabou?r day\b/i, name: "Labour Day", on: (c) => (c === "CA" || c === "US" ? nth(9, "Monday", 1) : null) },
  { pattern: /\btruth and reconciliation\b/i, name: "Truth and Reconciliation Day", on: () => yearly(9, 30) },
  { pattern: /\bthanksgiving\b/i, name: "Thanksgiving", on: (c) => (c === "CA" ? nth(10, "Monday", 2) : c === "US" ? nth(11, "Thursday", 4) : null) },
  { pattern: /\bremembrance day\b/i, name: "Remembrance Day", on: (c) => (c === "CA" ? yearly(11, 11) : null) },
  { pattern: /\bveterans'? day\b/i, name: "Veterans Day", on: () => yearly(11, 11) },
  { pattern: /\bchristmas eve\b/i, name: "Christmas Eve", on: () => yearly(12, 24) },
  { pattern: /\bchristmas day\b/i, name: "Christmas Day", on: () => yearly(12, 25) },
  { pattern: /\bboxing day\b/i, name: "Boxing Day", on: () => yearly(12, 26) },
];

const MONTHS = Object.keys(MONTH_WORDS)
  .filter((m) => m.length > 2)
  .sort((a, b) => b.length - a.length)
  .join("|");
const NAMES = ["January", "February", "March", "April", "May", "June", "July", "August", "September", "October", "November", "December"];

/** Closed days of a line that says so: holidays by name, dates and runs of dates, of every year or of a named one. */
export function readClosed(text: string, country: string): { name: string; on: ClosedRule }[] {
  if (!/\b(?:closed|shut|holidays?|not open)\b/i.test(text)) return [];
  const plain = text.replace(/[’]/g, "'");
  const out: { name: string; on: ClosedRule }[] = [];
  for (const h of HOLIDAYS) {
    const on = h.pattern.test(plain) ? h.on(country) : null;
    if (on) out.push({ name: h.name, on });
  }
  const add = (month: number, from: number, to: number, year: string | undefined): void => {
    for (let d = from; d <= to && d <= from + 40; d++) {
      const name = `${d} ${NAMES[month - 1]}${year ? ` ${year}` : ""}`;
      const iso = `${year}-${String(month).padStart(2, "0")}-${String(d).padStart(2, "0")}`;
      if (d >= 1 && d <= 31 && !out.some((o) => o.name === name)) out.push({ name, on: year ? { kind: "once", date: iso } : yearly(month, d) });
    }
  };
  const month = (w: string): number => MONTH_WORDS[w.toLowerCase()] ?? 0;
  const ORD = "(?:st|nd|rd|th)?";
  for (const m of plain.matchAll(new RegExp(`\\b(\\d{1,2})${ORD}\\s*(?:-|–|—|to|until)\\s*(\\d{1,2})${ORD} (?:of )?(${MONTHS})\\b(?:,? (\\d{4}))?`, "gi")))
    add(month(m[3] as string), Number(m[1]), Number(m[2]), m[4]);
  for (const m of plain.matchAll(new RegExp(`\\b(${MONTHS})\\.? (\\d{1,2})${ORD}\\s*(?:-|–|—|to)\\s*(\\d{1,2})${ORD}\\b(?:,? (\\d{4}))?`, "gi")))
    add(month(m[1] as string), Number(m[2]), Number(m[3]), m[4]);
  for (const m of plain.matchAll(new RegExp(`\\b((?:\\d{1,2}${ORD}(?:,| and|,? &)? ?)+)(?:of )?(${MONTHS})\\b(?:,? (\\d{4}))?`, "gi"))) {
    const before = plain.slice(Math.max(0, m.index - 4), m.index);
    if (/(?:-|–|—|to )\s*$/.test(before)) continue;
    for (const d of (m[1] as string).matchAll(/\d{1,2}/g)) add(month(m[2] as string), Number(d[0]), Number(d[0]), m[3]);
  }
  for (const m of plain.matchAll(new RegExp(`\\b(${MONTHS})\\.? (\\d{1,2})${ORD}\\b(?!\\s*(?:-|–|—|to)\\s*\\d)(?:,? (\\d{4}))?`, "gi")))
    add(month(m[1] as string), Number(m[2]), Number(m[2]), m[3]);
  return out;
}
