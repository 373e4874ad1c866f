import { WEEKDAY_WORDS } from "../language/packs/en/words.ts";

/** A length of time or a price in a line, with its place. */
export type Token = { kind: "length"; min: number; start: number; end: number } | { kind: "price"; price: Price; start: number; end: number };

/** A price as it was written: one sum, a sum it begins at or a span, or words that give none. Sums in minor units. */
export type Price = { is: "fixed"; minor: number; plus?: boolean } | { is: "from"; minor: number } | { is: "span"; from: number; to: number } | { is: "quote" };

const SUM = String.raw`(?:(?:CA|US|AU|NZ)?[$€£]\s?(\d{1,3}(?:,\d{3})+|\d+)(?:[.,](\d{2}))?(?!\d)|(\d{1,3}(?:,\d{3})+|\d+)(?:[.,](\d{2}))?\s?(?:[$€£]|CAD|USD|EUR|GBP|AUD|dollars|euros?)(?![a-z]))`;
const LENGTH =
  /(\d+)\s?(?:hours?|hrs?|h)(?![a-z])\s?(?:(?:and )?(\d{1,2})\s?(?:min(?:ute)?s?|m)?\b|(?:and a half)\b)?|(\d+(?:[.,]\d+)?)\s?(?:h|hrs?|hours?)\b|(\d{1,3})\s?(?:-\s?)?(?:min(?:ute)?s?\b|mins\b|['′](?!\w))|\b(an? hour and a half|half an hour|half[- ]hour|three[- ]quarters of an hour|an? hour)\b/gi;

/** The lengths and prices of a line, in order. */
export function tokensOf(line: string): Token[] {
  const out: Token[] = [];
  for (const m of line.matchAll(LENGTH)) {
    // "48 hours before" and "24 hours' notice" are no length of a visit, nor is an age or an amount of anything else.
    const after = line.slice(m.index + m[0].length);
    if (/^['’]?\s*(?:notice|before|in advance|ahead|prior|ago|late|walk|drive|away)\b/i.test(after)) continue;
    const min = lengthOf(m);
    if (min !== null && min >= 5 && min <= 720) out.push({ kind: "length", min, start: m.index, end: m.index + m[0].length });
  }
  const sums = [...line.matchAll(new RegExp(SUM, "gi"))].map((m) => ({
    minor: minorOf(m[1] ?? m[3] ?? "", m[2] ?? m[4]),
    start: m.index,
    end: m.index + m[0].length,
  }));
  for (let i = 0; i < sums.length; i++) {
    const s = sums[i] as (typeof sums)[number];
    const next = sums[i + 1];
    const before = line.slice(0, s.start);
    if (/(?:from|starting (?:at|from)|starts (?:at|from)|as of|ab)\s*$/i.test(before)) {
      const lead = /(?:from|starting (?:at|from)|starts (?:at|from)|as of|ab)\s*$/i.exec(before) as RegExpExecArray;
      out.push({ kind: "price", price: { is: "from", minor: s.minor }, start: lead.index, end: s.end });
    } else if (/^\s*(?:\+|and up|or more|upwards)(?=\W|$)/i.test(line.slice(s.end)))
      out.push({
        kind: "price",
        price: { is: "from", minor: s.minor },
        start: s.start,
        end: s.end + (/^\s*(?:\+|and up|or more|upwards)/i.exec(line.slice(s.end))?.[0].length ?? 0),
      });
    else if (next && /^\s*(?:-|–|—|to)\s*$/.test(line.slice(s.end, next.start)) && next.minor > s.minor) {
      out.push({ kind: "price", price: { is: "span", from: s.minor, to: next.minor }, start: s.start, end: next.end });
      i++;
    } else {
      const plus = /\+\s*$/.test(before);
      const bare = /^\s?(?:-|–|—)\s?(\d{2,4})(?![\d:])(?!\s?(?:min|h\b|hour))/.exec(line.slice(s.end));
      const upper = bare ? Number(bare[1]) * 100 : 0;
      if (bare && upper > s.minor) out.push({ kind: "price", price: { is: "span", from: s.minor, to: upper }, start: s.start, end: s.end + bare[0].length });
      else
        out.push({
          kind: "price",
          price: { is: "fixed", minor: s.minor, ...(plus ? { plus } : {}) },
          start: s.start - (plus ? (/\+\s*$/.exec(before)?.[0].length ?? 0) : 0),
          end: s.end,
        });
    }
  }
  for (const m of line.matchAll(QUOTE))
    if (!out.some((t) => t.start < m.index + m[0].length && m.index < t.end))
      out.push({ kind: "price", price: { is: "quote" }, start: m.index, end: m.index + m[0].length });
  for (const m of line.matchAll(FREE))
    if (!out.some((t) => t.start < m.index + m[0].length && m.index < t.end))
      out.push({ kind: "price", price: { is: "fixed", minor: 0 }, start: m.index, end: m.index + m[0].length });
  out.sort((a, b) => a.start - b.start);
  // "90 min – 135": a bare number after a length is its price.
  const last = out.at(-1);
  if (last?.kind === "length" && !out.some((t) => t.kind === "price")) {
    const bare = /^(\s*(?:[-–—:|/=]|\.{2,})\s*)(\d{1,4})(?:[.,](\d{2}|-))?(?=\s*$|\s*[,;.)])/.exec(line.slice(last.end));
    if (bare) {
      const start = last.end + (bare[1] as string).length;
      out.push({
        kind: "price",
        price: { is: "fixed", minor: minorOf(bare[2] as string, bare[3] === "-" ? undefined : bare[3]) },
        start,
        end: last.end + bare[0].length,
      });
    }
  }
  return out;
}

const QUOTE =
  /\b(?:price )?(?:by|on) (?:quote|quotation|request|consultation|estimate|application)\b|\b(?:price|quote) (?:varies|on (?:inspection|enquiry|inquiry))\b|\bask (?:us )?for (?:a price|a quote)\b|\bPOA\b|\bquoted (?:after|individually)\b|\bsee the desk\b/gi;
const FREE = /\b(?:free(?: of charge)?(?! (?:of|to|from|parking|cancel))|no charge|complimentary|at no cost)\b/gi;

function lengthOf(m: RegExpMatchArray): number | null {
  const [whole, h, extra, dec, min, word] = m;
  if (word) return /and a half/i.test(word) ? 90 : /half/i.test(word) ? 30 : /quarters/i.test(word) ? 45 : 60;
  if (min) return Number(min);
  if (dec) return Math.round(Number(dec.replace(",", ".")) * 60);
  if (h) return Number(h) * 60 + (extra ? Number(extra) : /and a half/i.test(whole) ? 30 : 0);
  return null;
}

export const minorOf = (whole: string, cents: string | undefined): number => Number(whole.replaceAll(",", "")) * 100 + (cents ? Number(cents) : 0);

const NAMES = Object.keys(WEEKDAY_WORDS)
  .sort((a, b) => b.length - a.length)
  .join("|");
const DAY = `(?:${NAMES}|we|tu|th|sun)`;
const DAY_SHORT: Record<string, number> = { we: 3, tu: 2, th: 4, sun: 7 };
const dayNumber = (w: string): number => WEEKDAY_WORDS[w.toLowerCase()] ?? DAY_SHORT[w.toLowerCase()] ?? 0;

export interface DaySpec {
  days: number[];
  start: number;
  end: number;
}

const GROUPS: [RegExp, number[]][] = [
  [/\b(?:every day|daily|seven days(?: a week)?|7 days(?: a week)?)\b/gi, [1, 2, 3, 4, 5, 6, 7]],
  [/\bweekdays\b|\bworking days\b/gi, [1, 2, 3, 4, 5]],
  [/\bweekends?\b/gi, [6, 7]],
];

/** The weekdays that a text names, group by group: "Mon–Thu", "Monday, Tuesday", "weekdays", "every day except Tuesday". */
export function daySpecs(text: string): DaySpec[] {
  const found: DaySpec[] = [];
  for (const [pattern, days] of GROUPS) for (const m of text.matchAll(pattern)) found.push({ days: [...days], start: m.index, end: m.index + m[0].length });
  const single = [...text.matchAll(new RegExp(`\\b(${DAY})\\b\\.?`, "gi"))].map((m) => ({
    day: dayNumber(m[1] as string),
    start: m.index,
    end: m.index + m[0].length,
  }));
  let i = 0;
  while (i < single.length) {
    const first = single[i] as (typeof single)[number];
    const spec: DaySpec = { days: [first.day], start: first.start, end: first.end };
    let at = i;
    for (;;) {
      const next = single[at + 1];
      if (!next) break;
      const between = text.slice((single[at] as (typeof single)[number]).end, next.start);
      if (/^\s*(?:-|–|—|to|through|until|thru)\s*$/i.test(between)) {
        const from = (single[at] as (typeof single)[number]).day;
        for (let d = from; d !== next.day; d = (d % 7) + 1) spec.days.push((d % 7) + 1);
      } else if (/^\s*(?:,|&|\+|\/|and|,\s*and)\s*$/i.test(between)) spec.days.push(next.day);
      else break;
      spec.end = next.end;
      at++;
    }
    spec.days = [...new Set(spec.days)].sort((a, b) => a - b);
    found.push(spec);
    i = at + 1;
  }
  found.sort((a, b) => a.start - b.start);
  // "Every day except Tuesday" is one group.
  for (let k = 0; k + 1 < found.length; k++) {
    const a = found[k] as DaySpec;
    const b = found[k + 1] as DaySpec;
    if (/^\s*(?:,?\s*(?:except|but not|apart from|other than))\s*(?:on\s*)?$/i.test(text.slice(a.end, b.start))) {
      a.days = a.days.filter((d) => !b.days.includes(d));
      a.end = b.end;
      found.splice(k + 1, 1);
    }
  }
  // "Monday, Wednesday to Friday" and "weekdays and Saturday" join with what stands beside them.
  for (let k = 0; k + 1 < found.length;) {
    const a = found[k] as DaySpec;
    const b = found[k + 1] as DaySpec;
    if (/^\s*(?:,|&|and|,\s*and)\s*$/i.test(text.slice(a.end, b.start))) {
      a.days = [...new Set([...a.days, ...b.days])].sort((x, y) => x - y);
      a.end = b.end;
      found.splice(k + 1, 1);
    } else k++;
  }
  return found;
}

const CLOCK = String.raw`(?:(\d{1,2})(?:[:.h](\d{2}))?\s?(am|pm|a\.m\.|p\.m\.|o'clock)?|(noon|midday|midnight))`;
const RANGE = new RegExp(String.raw`(?:from\s+)?${CLOCK}\s*(?:-|–|—|to|till|until|'til|til)\s*${CLOCK}`, "gi");
const UNTIL = new RegExp(String.raw`(?:till|until|'til|til|to)\s+${CLOCK}`, "i");

export interface TimeSpan {
  fromMin?: number;
  toMin: number;
  start: number;
  end: number;
}

/** Spans of clock times: "8–7" is eight to nineteen, "1–5" the afternoon, "till 8" only an end. */
export function timeSpans(text: string): TimeSpan[] {
  const out: TimeSpan[] = [];
  for (const m of text.matchAll(RANGE)) {
    const from = clockOf(m[1], m[2], m[3], m[4]);
    const to = clockOf(m[5], m[6], m[7], m[8]);
    if (!from || !to) continue;
    let fromMin = from.min;
    let toMin = to.min;
    if (!from.half && !to.half && from.min < 780 && m[2] === undefined && from.min < 420) fromMin += 720;
    if (!from.half && to.half === "pm" && from.min + 720 < to.min && from.min < 420) fromMin = from.min + 720;
    if (!to.half && toMin <= fromMin && toMin < 720) toMin += 720;
    if (to.min === 0) toMin = 1440;
    if (toMin > fromMin && toMin <= 1440) out.push({ fromMin, toMin, start: m.index, end: m.index + m[0].length });
  }
  if (out.length === 0) {
    const m = UNTIL.exec(text);
    const to = m ? clockOf(m[1], m[2], m[3], m[4]) : null;
    if (m && to) out.push({ toMin: !to.half && to.min < 720 ? to.min + 720 : to.min, start: m.index, end: m.index + m[0].length });
  }
  return out;
}

function clockOf(
  hour: string | undefined,
  minute: string | undefined,
  half: string | undefined,
  word: string | undefined,
): { min: number; half: "am" | "pm" | null } | null {
  if (word) return { min: /midnight/i.test(word) ? 0 : 720, half: "pm" };
  const h = Number(hour);
  const min = Number(minute ?? 0);
  if (h > 24 || min > 59) return null;
  const ap = half?.toLowerCase().startsWith("p") ? "pm" : half?.toLowerCase().startsWith("a") ? "am" : null;
  const base = ap === "pm" ? (h % 12) + 12 : ap === "am" ? h % 12 : h;
  return { min: base * 60 + min, half: ap };
}
