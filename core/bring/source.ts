/**
 * What is brought in, as text in blocks: whatever it was before (a page, a sheet, a letter), it is read the same way.
 * Headings and rows are kept, since they say what a line is about.
 */
export type Block =
  | { kind: "heading"; text: string; at: number }
  | { kind: "line"; text: string; at: number }
  /** A row of a table; `head` is the table's own first row where it has one. */
  | { kind: "row"; cells: string[]; head?: string[]; at: number };

export interface SourceText {
  /** Tells one source from another when it is brought in again: a file's name, a page's address. */
  name: string;
  blocks: Block[];
  /** schema.org data that a page carries, as parsed JSON. */
  data?: unknown[];
}

export const textOf = (b: Block): string => (b.kind === "row" ? b.cells.filter(Boolean).join(" | ") : b.text);

/** Plain text as blocks: short lines alone in capitals or before a break are headings; tabs and bars make rows. */
export function blocksOfText(text: string): Block[] {
  const lines = text
    .replace(/\r\n?/g, "\n")
    .replace(/\f/g, "\n\n")
    .split("\n")
    .map((l) => l.replace(/[ \u00a0]+$/g, "").replace(/\u00a0/g, " "));
  const out: Block[] = [];
  lines.forEach((raw, i) => {
    const line = raw.trim();
    if (line === "") return;
    const cells = line.includes("\t") ? line.split(/\t+/) : line.includes(" | ") ? line.split(/\s*\|\s*/) : [];
    if (cells.length > 1) out.push({ kind: "row", cells: cells.map((c) => c.trim()), at: i });
    else if (isHeading(line, lines[i - 1]?.trim() ?? "", lines[i + 1]?.trim() ?? ""))
      out.push({ kind: "heading", text: line.replace(/^#+\s*|[:\s]+$/g, ""), at: i });
    else out.push({ kind: "line", text: line, at: i });
  });
  return out;
}

function isHeading(line: string, before: string, after: string): boolean {
  if (/^#{1,6}\s/.test(line)) return true;
  if (/[$€£\d]/.test(line) || line.length > 50 || /[.!?,;–-]$/.test(line)) return false;
  if (after === "") return false;
  const words = line.split(/\s+/).length;
  if (line === line.toUpperCase() && /[A-Z]{3}/.test(line)) return true;
  if (line.endsWith(":") && words <= 6) return true;
  return before === "" && words <= 5 && !line.includes(",") && !/\b(?:closed|open)\b.*\b(?:mon|tue|wed|thu|fri|sat|sun)/i.test(line) && !ADJACENT.test(after);
}

/** What follows a service's name on the next line: a length or a price alone. There the line above is no heading. */
const ADJACENT = /^(?:from )?(?:[$€£]\s?\d|\d+(?:\.\d+)?\s*(?:min|mins|minutes|h|hr|hrs|hours?)\b)/i;

/** The most of a document that one passage holds, in characters. */
const LONGEST_PASSAGE = 1100;

/** A document's text in passages, each under its heading; what is very long is cut, at a sentence's end where there is one. */
export function passagesOf(text: string): { id: string; heading: string; text: string }[] {
  const cut = new RegExp(`.{1,${LONGEST_PASSAGE}}(?:[.!?](?=\\s|$)|$)|.{1,${LONGEST_PASSAGE}}`, "gs");
  let heading = "";
  const out: { id: string; heading: string; text: string }[] = [];
  for (const b of blocksOfText(text)) {
    if (b.kind === "heading") heading = b.text.slice(0, 160);
    else for (const part of textOf(b).match(cut) ?? []) if (part.trim()) out.push({ id: `p${out.length + 1}`, heading, text: part.trim() });
  }
  return out.slice(0, 2000);
}
