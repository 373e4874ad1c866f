import { extname } from "node:path";
import { parse as parseCsv } from "csv-parse/sync";
import ExcelJS from "exceljs";
import mammoth from "mammoth";
import { blocksOfText, type Block, type SourceText } from "@gentian/core/bring/source";
import { readHtml } from "./html.ts";
import { readPdf } from "./pdf.ts";
import { Unreadable } from "./unreadable.ts";

/** The largest file that is taken, in bytes. */
export const LARGEST_FILE = 20 * 1024 * 1024;

/** Rows of a table beyond this are not read. */
export const MOST_ROWS = 20_001;

/** Reads a file of any kind that houses keep their papers in. Throws Unreadable with what to do. */
export async function readFileText(name: string, bytes: Uint8Array): Promise<SourceText> {
  if (bytes.length === 0) throw new Unreadable(`${name} is empty`, "Nothing was changed. Save it again and bring it once more.");
  const kind = kindOf(name, bytes);
  switch (kind) {
    case "pdf":
      return { name, blocks: await readPdf(name, bytes) };
    case "word":
      return { name, blocks: await readWord(name, bytes) };
    case "sheet":
      return { name, blocks: await readSheet(name, bytes) };
    case "csv":
      return { name, blocks: readCsv(name, decoded(bytes)) };
    case "html": {
      const { blocks, data } = readHtml(name, decoded(bytes));
      return { name, blocks, ...(data ? { data } : {}) };
    }
    case "text":
      return { name, blocks: blocksOfText(decoded(bytes)) };
    case "old-office":
      throw new Unreadable(`${name} is in an old office format`, "Save it as .docx or .xlsx, or as a PDF, and bring that.");
    case "picture":
      throw new Unreadable(`${name} is a picture`, "Words in pictures are not read. Type or paste what it says.");
    default:
      throw new Unreadable(`${name} is of no kind that can be read`, "Text, web pages, PDF, Word (.docx), spreadsheets (.xlsx) and CSV can.");
  }
}

function kindOf(name: string, bytes: Uint8Array): "pdf" | "word" | "sheet" | "csv" | "html" | "text" | "old-office" | "picture" | "unknown" {
  const extension = extname(name).toLowerCase();
  const begins = (...list: number[]): boolean => list.every((b, i) => bytes[i] === b);
  if (begins(0x25, 0x50, 0x44, 0x46)) return "pdf";
  if (begins(0xd0, 0xcf, 0x11, 0xe0)) return "old-office";
  if (begins(0x89, 0x50, 0x4e, 0x47) || begins(0xff, 0xd8, 0xff) || begins(0x47, 0x49, 0x46)) return "picture";
  if (begins(0x50, 0x4b)) return extension === ".docx" ? "word" : extension === ".xlsx" ? "sheet" : "unknown";
  if (extension === ".pdf" || extension === ".docx" || extension === ".xlsx") return "unknown";
  // A zero byte stands in no text but that of sixteen-bit characters, which begins with its mark.
  if (bytes.subarray(0, 4000).includes(0) && !begins(0xff, 0xfe) && !begins(0xfe, 0xff)) return "unknown";
  if (extension === ".csv" || extension === ".tsv") return "csv";
  const start = new TextDecoder().decode(bytes.subarray(0, 400)).toLowerCase();
  if (extension === ".html" || extension === ".htm" || /<!doctype html|<html/.test(start)) return "html";
  return "text";
}

/** Text in UTF-8 or UTF-16 as its bytes say, else as old Windows wrote it. */
function decoded(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder("utf-16le").decode(bytes);
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder("utf-16be").decode(bytes);
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder("windows-1252").decode(bytes);
  }
}

/** The rows of a spreadsheet or a CSV file as they stand, empty cells too. Throws Unreadable with what to do. */
export async function readTable(name: string, bytes: Uint8Array): Promise<string[][]> {
  if (bytes.length === 0) throw new Unreadable(`${name} is empty`, "Nothing was changed. Save it again and bring it once more.");
  const kind = kindOf(name, bytes);
  const rows = kind === "sheet" ? await sheetRows(name, bytes) : kind === "csv" || kind === "text" ? csvRows(name, decoded(bytes)) : null;
  if (!rows) throw new Unreadable(`${name} is no table`, "Save it as a spreadsheet (.xlsx) or as CSV, and bring that. Nothing was changed.");
  // What stands above the headings, such as a title, is passed over: the headings are the first line with several words.
  const first = rows.findIndex((r) => r.filter(Boolean).length > 1);
  return first < 0 ? rows : rows.slice(first);
}

function readCsv(name: string, text: string): Block[] {
  return rowsOf(csvRows(name, text));
}

function csvRows(name: string, text: string): string[][] {
  const first = text.split("\n").slice(0, 5).join("\n");
  const delimiter = [",", ";", "\t"].sort((a, b) => first.split(b).length - first.split(a).length)[0] as string;
  try {
    return parseCsv(text, { delimiter, bom: true, relax_column_count: true, relax_quotes: true, skip_empty_lines: true, trim: true });
  } catch (error) {
    throw new Unreadable(`${name} is no CSV that can be read`, `${error instanceof Error ? error.message : ""}. Nothing was changed.`);
  }
}

/** A row with one cell filled is a heading or a line of its own. */
function rowsOf(rows: readonly string[][]): Block[] {
  return rows.flatMap((cells, at): Block[] => {
    const filled = cells.filter((c) => c !== "");
    if (filled.length === 0) return [];
    const [only] = filled;
    if (filled.length === 1 && only !== undefined) return [/[.!?\d$€£:]/.test(only) ? { kind: "line", text: only, at } : { kind: "heading", text: only, at }];
    return [{ kind: "row", cells, at }];
  });
}

async function readWord(name: string, bytes: Uint8Array): Promise<Block[]> {
  try {
    const { value } = await mammoth.convertToHtml(
      { buffer: Buffer.from(bytes) },
      { convertImage: mammoth.images.imgElement(() => Promise.resolve({ src: "" })) },
    );
    return readHtml(name, `<body>${value}</body>`).blocks;
  } catch {
    throw new Unreadable(`${name} is damaged, or no Word document`, "Open it, save it again, and bring that; or paste its text.");
  }
}

async function readSheet(name: string, bytes: Uint8Array): Promise<Block[]> {
  return rowsOf(await sheetRows(name, bytes));
}

async function sheetRows(name: string, bytes: Uint8Array): Promise<string[][]> {
  const book = new ExcelJS.Workbook();
  try {
    await book.xlsx.load(bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength) as ArrayBuffer);
  } catch {
    throw new Unreadable(`${name} is damaged, locked, or no spreadsheet`, "Open it, take a password off, save it as .xlsx and bring that.");
  }
  const rows: string[][] = [];
  for (const sheet of book.worksheets) {
    if (sheet.state !== "visible") continue;
    sheet.eachRow((row) => {
      const cells: string[] = [];
      for (let c = 1; c <= Math.min(row.cellCount, 60); c++) {
        const cell = row.getCell(c);
        // A cell merged over several columns is said once; one merged over several rows holds for each of them.
        const echo = cell.isMerged && cell.master.address !== cell.address && cell.master.row === cell.row;
        cells.push(echo ? "" : cellText(cell.isMerged ? cell.master : cell));
      }
      if (rows.length < MOST_ROWS) rows.push(cells);
    });
  }
  return rows;
}

/** What a cell shows: a formula's result, money with its sign, a clock time as one. */
function cellText(cell: ExcelJS.Cell): string {
  const value: unknown = cell.type === ExcelJS.ValueType.Formula ? cell.result : cell.value;
  if (value === null || value === undefined) return "";
  if (value instanceof Date) {
    const iso = value.toISOString();
    return value.getUTCFullYear() < 1901 ? iso.slice(11, 16) : iso.slice(0, 10);
  }
  if (typeof value === "number") {
    const format = cell.numFmt as string | undefined;
    const rounded = Number.isInteger(value) ? String(value) : value.toFixed(2);
    return /[$€£]/.test(format ?? "") ? `${(/[$€£]/.exec(format ?? "") as RegExpExecArray)[0]}${rounded}` : rounded;
  }
  if (typeof value === "object") {
    if ("error" in value) return "";
    return cell.text.replace(/\s+/g, " ").trim();
  }
  return (typeof value === "string" ? value : typeof value === "boolean" ? (value ? "yes" : "no") : "").replace(/\s+/g, " ").trim();
}
