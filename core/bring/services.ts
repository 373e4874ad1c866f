import type { FindOf } from "./find.ts";
import type { Block } from "./source.ts";
import { minorOf, tokensOf, type Price, type Token } from "./tokens.ts";

type ServiceFind = Omit<FindOf<"service">, "source">;

/** Things that have a price and are no service. */
const NO_SERVICE =
  /\b(?:gift|vouchers?|deposits?|late|cancel\w*|no[- ]?shows?|missed|memberships?|tax|hst|gst|vat|delivery|shipping|postage|add[- ]?ons?|surcharge|call[- ]?out|fees?|tips?|parking)\b/i;
const NO_SERVICE_HEADING =
  /\b(?:sale|retail|products?|shop|extras|gift|vouchers?|polic(?:y|ies)|small print|rules|terms|parking|find(?:ing)? us|how to get)\b/i;
/** Words of a sentence rather than of a name. */
const SENTENCE = /\b(?:we|we're|our|you|your|please|is|are|was|will|can|must|ask|asks|charged?|includes?|if|because|they)\b/i;
const HEAD_NAME = /^(?:services?|treatments?|class(?:es)?|what|items?|names?|lessons?|sessions?|jobs?|work|description of service)$/i;
const HEAD_KIND = /\b(?:size|kind|type|breed|length of hair|weight|age|for whom|level|category)\b/i;
const HEAD_LENGTH = /\b(?:min(?:ute)?s?|hours?|hrs?|duration|time|length|how long)\b/i;
const HEAD_PRICE = /\b(?:prices?|costs?|fees?|rates?|charge|cad|usd|eur|gbp)\b|[$€£]/i;
const HEAD_BY = /\b(?:with|who|by|staff|therapist|teacher|stylist|instructor|person)\b/i;
const HEAD_NOTE = /\b(?:notes?|about|details?|description|includes?|remarks?)\b/i;

/** Reads services with their lengths and prices out of blocks; gives also which blocks it used. */
export function readServices(blocks: readonly Block[]): { finds: ServiceFind[]; used: Set<number> } {
  const out: ServiceFind[] = [];
  const used = new Set<number>();
  let heading = "";
  let pending: { text: string; at: number; i: number } | null = null;
  let last: ServiceFind | null = null;
  let head: string[] | null = null;
  blocks.forEach((b, i) => {
    if (b.kind === "heading") {
      // A heading may itself be a service: "Root touch-up" over "90 min – 95".
      heading = b.text;
      pending = { text: b.text, at: b.at, i };
      last = null;
      head = null;
      return;
    }
    if (NO_SERVICE_HEADING.test(heading)) return;
    if (b.kind === "row") {
      const own = b.head ?? head;
      if (!b.head && isHead(b.cells)) {
        head = b.cells;
        return;
      }
      const found = own ? readRow(b.cells, own, heading, b.at) : readLine(b.cells.filter(Boolean).join(" | "), heading, b.at);
      if (found && keep(found)) {
        out.push(found);
        used.add(i);
        last = found;
        pending = null;
      }
      return;
    }
    head = null;
    const tokens = tokensOf(b.text);
    if (tokens.length === 0) {
      const sentence = SENTENCE.test(b.text) || /[.!]$/.test(b.text) || b.text.split(/\s+/).length > 8;
      if (
        last &&
        !pending &&
        sentence &&
        last.at === b.at - 1 &&
        !last.about &&
        /^[a-z(]|[.]$/.test(b.text) &&
        !NO_SERVICE.test(b.text) &&
        out.at(-1) === last
      ) {
        last.about = b.text;
        used.add(i);
      }
      pending = sentence ? null : { text: b.text, at: b.at, i };
      if (!sentence) last = null;
      return;
    }
    const found = readLine(b.text, heading, b.at);
    if (found) {
      if (keep(found)) {
        out.push(found);
        used.add(i);
        last = found;
      }
      pending = null;
      return;
    }
    // A line of lengths and prices alone belongs to the name above it.
    const bare = b.text.slice(0, tokens[0]?.start).replace(/[\s\-–—•*:|(.]/g, "");
    if (bare !== "" || !tokens.some((t) => t.kind === "price")) return;
    const variants = pair(tokens);
    if (pending) {
      const { name, about } = clean(pending.text);
      const made: ServiceFind = {
        what: "service",
        name,
        variants,
        about,
        under: pending.text === heading ? "" : heading,
        words: `${pending.text} ${b.text}`,
        at: b.at,
      };
      if (keep(made)) {
        out.push(made);
        used.add(i).add(pending.i);
        last = made;
      }
      pending = null;
    } else if (last) {
      last.variants.push(...variants);
      last.words += ` ${b.text}`;
      last.at = b.at;
      used.add(i);
    }
  });
  return { finds: joined(out), used };
}

const keep = (f: ServiceFind): boolean => f.name.length >= 2 && f.name.length <= 80 && /\p{L}{2}/u.test(f.name) && !NO_SERVICE.test(f.name);

function isHead(cells: readonly string[]): boolean {
  const named = cells.filter(
    (c) => HEAD_NAME.test(c.trim()) || HEAD_KIND.test(c) || HEAD_LENGTH.test(c) || HEAD_PRICE.test(c) || HEAD_BY.test(c) || HEAD_NOTE.test(c),
  );
  return named.length >= 2 && !cells.some((c) => tokensOf(c).some((t) => t.kind === "price"));
}

function readRow(cells: readonly string[], head: readonly string[], heading: string, at: number): ServiceFind | null {
  const columns = head.map((h, i) => ({ h: h.trim(), i, cell: (cells[i] ?? "").trim() }));
  const nameColumn = columns.find((c) => HEAD_NAME.test(c.h)) ?? columns[0];
  if (!nameColumn?.cell) return null;
  const rest = columns.filter((c) => c !== nameColumn);
  // "30 min", "45 min" as columns: each holds the price of that length.
  const byLength = rest.map((c) => ({ ...c, length: tokensOf(c.h).find((t) => t.kind === "length") })).filter((c) => c.length);
  const { name, about } = clean(nameColumn.cell);
  const kind = HEAD_KIND.test(nameColumn.h) && heading !== "";
  const full = kind ? `${heading}, ${name.slice(0, 1).toLowerCase()}${name.slice(1)}` : name;
  const base = { what: "service" as const, name: full, under: kind ? "" : heading, words: cells.filter(Boolean).join(" | "), at };
  if (byLength.length > 0) {
    const variants = byLength.flatMap((c) => {
      const price = priceOf(c.cell);
      return price && c.length?.kind === "length" ? [{ lengthMin: c.length.min, price }] : [];
    });
    return variants.length > 0 ? { ...base, variants, about } : null;
  }
  let lengthMin: number | null = null;
  let price: Price | null = null;
  let by = "";
  const notes = [about];
  for (const c of rest) {
    if (!c.cell) continue;
    const tokens = tokensOf(c.cell);
    const length = tokens.find((t) => t.kind === "length");
    const own = tokens.find((t) => t.kind === "price");
    if (HEAD_PRICE.test(c.h) && !price) price = priceOf(c.cell);
    else if (HEAD_LENGTH.test(c.h) && lengthMin === null) lengthMin = length?.kind === "length" ? length.min : bareLength(c.cell, c.h);
    else if (HEAD_BY.test(c.h)) by = c.cell;
    else if (HEAD_NOTE.test(c.h)) notes.push(c.cell);
    else if (own?.kind === "price" && !price) price = own.price;
    else if (length?.kind === "length" && lengthMin === null) lengthMin = length.min;
  }
  if (lengthMin === null && price === null) return null;
  return { ...base, variants: [{ lengthMin, price }], about: notes.filter(Boolean).join(". "), ...(by ? { by } : {}) };
}

function bareLength(cell: string, head: string): number | null {
  const n = /^\d+(?:[.,]\d+)?$/.exec(cell);
  if (!n) return null;
  const min = Math.round(Number(cell.replace(",", ".")) * (/\b(?:hours?|hrs?)\b/i.test(head) ? 60 : 1));
  return min >= 5 && min <= 720 ? min : null;
}

function priceOf(cell: string): Price | null {
  const token = tokensOf(cell).find((t) => t.kind === "price");
  if (token?.kind === "price") return token.price;
  const bare = /^(from\s+)?(\d{1,3}(?:,\d{3})+|\d+)(?:[.,](\d{2}))?$/i.exec(cell.trim());
  if (!bare) return null;
  const minor = minorOf(bare[2] as string, bare[3]);
  return bare[1] ? { is: "from", minor } : { is: "fixed", minor };
}

/** "Sports massage, 30 min $60, 60 min $95: firm strokes": a name, then lengths and prices, then words about it. */
function readLine(text: string, heading: string, at: number): ServiceFind | null {
  const tokens = tokensOf(text);
  const first = tokens[0];
  if (!first || !tokens.some((t) => t.kind === "price" || t.kind === "length")) return null;
  const { name, about } = clean(text.slice(0, first.start));
  if (name.replace(/[^\p{L}]/gu, "").length < 2) return null;
  if (name.split(/\s+/).length > 8 || SENTENCE.test(name)) return null;
  // A length alone may be anything; beside a price, or in a list of such lines, it is a service's.
  if (!tokens.some((t) => t.kind === "price")) return null;
  if (tokens.some((t) => t.kind === "price" && t.price.is === "fixed" && t.price.plus)) return null;
  const end = (tokens.at(-1) as Token).end;
  const tail = tidy(text.slice(end));
  return { what: "service", name, variants: pair(tokens), about: [about, tail].filter(Boolean).join(". "), under: heading, words: text, at };
}

/** Lengths and prices in turn, whichever comes first. */
function pair(tokens: readonly Token[]): { lengthMin: number | null; price: Price | null }[] {
  const out: { lengthMin: number | null; price: Price | null }[] = [];
  const lengthFirst = tokens[0]?.kind === "length";
  let open: { lengthMin: number | null; price: Price | null } | null = null;
  for (const t of tokens) {
    const begins = (t.kind === "length") === lengthFirst;
    if (open && !begins && (t.kind === "length" ? open.lengthMin === null : open.price === null)) {
      if (t.kind === "length") open.lengthMin = t.min;
      else open.price = t.price;
      open = null;
    } else if (begins) {
      open = t.kind === "length" ? { lengthMin: t.min, price: null } : { lengthMin: null, price: t.price };
      out.push(open);
    }
  }
  // A length without a price beside others that have one is no length of its own.
  const priced = out.filter((v) => v.price !== null);
  return priced.length > 0 ? priced : out;
}

/** A name without bullets, leaders and brackets; what stood in brackets is about it. */
function clean(text: string): { name: string; about: string } {
  const notes: string[] = [];
  let s = text.replace(/\(([^()]*)\)/g, (_, inside: string) => {
    notes.push(inside.trim());
    return " ";
  });
  s = s
    .replace(/^[\s\-–—•*·>]+|^\d+[.)]\s+/g, "")
    .replace(/\.{2,}/g, " ")
    .replace(/\s+/g, " ")
    .trim();
  for (;;) {
    const shorter = s
      .replace(/[\s\-–—:;,.|(/=@]+$/, "")
      .replace(/(?:^|\s)(?:per|for|at|about|approx\.?|ca\.?|each|a|price|prices|only at|costs?|and|or|is)$/i, "");
    if (shorter === s) break;
    s = shorter;
  }
  return { name: s, about: notes.filter(Boolean).join("; ") };
}

const tidy = (text: string): string =>
  text
    .replace(/^[\s\-–—:;,.|)/=]+|[\s\-–—:;,|(/=]+$/g, "")
    .replace(/\s+/g, " ")
    .trim();

/** Lines of the same name in one source are one service with several lengths. */
function joined(list: readonly ServiceFind[]): ServiceFind[] {
  const out: ServiceFind[] = [];
  for (const f of list) {
    const same = out.find((o) => o.name.toLowerCase() === f.name.toLowerCase() && o.under === f.under);
    const fresh = same && f.variants.every((v) => !same.variants.some((o) => o.lengthMin === v.lengthMin));
    if (same && fresh) {
      same.variants.push(...f.variants);
      same.words += `; ${f.words}`;
      if (!same.about) same.about = f.about;
    } else out.push(f);
  }
  return out;
}
