import { blocksOfText, type Block } from "@gentian/core/bring/source";
import { Unreadable } from "./unreadable.ts";

const MOST_PAGES = 200;

interface Piece {
  text: string;
  x: number;
  y: number;
  width: number;
  height: number;
}

/** The text of a PDF line by line; what stands well apart on a line is a cell of a row. */
export async function readPdf(name: string, bytes: Uint8Array): Promise<Block[]> {
  const { getDocument, VerbosityLevel } = await import("pdfjs-dist/legacy/build/pdf.mjs");
  const task = getDocument({
    data: new Uint8Array(bytes),
    isEvalSupported: false,
    useSystemFonts: false,
    disableFontFace: true,
    verbosity: VerbosityLevel.ERRORS,
  });
  try {
    const document = await task.promise;
    const lines: string[] = [];
    for (let n = 1; n <= Math.min(document.numPages, MOST_PAGES); n++) {
      const page = await document.getPage(n);
      const content = await page.getTextContent();
      const pieces = content.items.flatMap((i): Piece[] =>
        "str" in i && i.str.trim() !== ""
          ? [{ text: i.str, x: i.transform[4] as number, y: i.transform[5] as number, width: i.width, height: i.height || 10 }]
          : [],
      );
      lines.push(...linesOf(pieces), "");
    }
    if (lines.every((l) => l === ""))
      throw new Unreadable(
        `${name} holds no text`,
        "It is a scan: a picture of words. Type or paste what it says, or bring the document that it was printed from.",
      );
    return blocksOfText(lines.join("\n"));
  } catch (error) {
    if (error instanceof Unreadable) throw error;
    if ((error as { name?: string }).name === "PasswordException")
      throw new Unreadable(`${name} is locked with a password`, "Save a copy without the password and bring that.");
    throw new Unreadable(`${name} is damaged, or no PDF`, "Open it, save or print it to PDF again, and bring that; or paste its text.");
  } finally {
    await task.destroy();
  }
}

function linesOf(pieces: readonly Piece[]): string[] {
  const rows: Piece[][] = [];
  for (const p of [...pieces].sort((a, b) => b.y - a.y || a.x - b.x)) {
    const row = rows.at(-1);
    if (row?.[0] && Math.abs(row[0].y - p.y) < Math.max(2, p.height * 0.4)) row.push(p);
    else rows.push([p]);
  }
  const out: string[] = [];
  let last: Piece | undefined;
  for (const row of rows) {
    row.sort((a, b) => a.x - b.x);
    let line = "";
    let end: number | null = null;
    for (const p of row) {
      const gap = end === null ? 0 : p.x - end;
      line += end === null ? p.text : gap > p.height * 1.6 ? `\t${p.text}` : gap > p.height * 0.15 && !line.endsWith(" ") ? ` ${p.text}` : p.text;
      end = p.x + p.width;
    }
    const top = row[0] as Piece;
    // A wider space than between lines is a paragraph's.
    if (last && last.y - top.y > Math.max(last.height, top.height) * 1.9) out.push("");
    out.push(line.trim());
    last = top;
  }
  return out;
}
