/** Shorter clauses are joined with the next: a voice that stops after every word is hard to follow. */
const FEWEST_LETTERS = 14;
/** Longer ones are cut at a comma, and the first one soonest, so that speaking begins while the rest is made. */
const MOST_LETTERS = 110;
const FIRST_LETTERS = 48;

/** A text in the pieces in which it is spoken, each with the marks that end it. Joined with blanks they are the text. */
export function clauses(text: string): string[] {
  const sentences =
    text
      .replace(/\s+/g, " ")
      .trim()
      .match(/[^.?!]+(?:[.?!]+(?=\s|$)|$)|[^.?!]*[.?!]+\S*/g) ?? [];
  const out: string[] = [];
  for (const s of sentences.map((x) => x.trim()).filter((x) => x !== "")) {
    const last = out.at(-1);
    if (last !== undefined && last.length < FEWEST_LETTERS) out[out.length - 1] = `${last} ${s}`;
    else out.push(s);
  }
  return out.flatMap((s, i) => cut(s, i === 0 ? FIRST_LETTERS : MOST_LETTERS));
}

function cut(sentence: string, most: number): string[] {
  if (sentence.length <= most) return [sentence];
  const commas = [...sentence.matchAll(/[,;:]\s/g)].map((m) => m.index + 1).filter((at) => at >= FEWEST_LETTERS && sentence.length - at >= FEWEST_LETTERS);
  const at = commas.filter((c) => c <= most).at(-1) ?? commas[0];
  if (at === undefined) return [sentence];
  return [sentence.slice(0, at).trim(), ...cut(sentence.slice(at).trim(), MOST_LETTERS)];
}

/** A piece of speech: its words, and how long it lasts. */
export interface Piece {
  text: string;
  ms: number;
}

/**
 * What was heard of some speech that was broken off: whole words, by the share of a piece that had been spoken. The rest
 * begins anew with the piece that was broken off.
 */
export function heardOf(pieces: readonly Piece[], ms: number): { heard: string; rest: string[] } {
  const heard: string[] = [];
  let left = ms;
  for (const [i, p] of pieces.entries()) {
    if (left >= p.ms) {
      heard.push(p.text);
      left -= p.ms;
      continue;
    }
    const words = p.text.split(" ");
    const part = words.slice(0, Math.floor((left / Math.max(1, p.ms)) * words.length));
    if (part.length > 0) heard.push(part.join(" "));
    return { heard: heard.join(" "), rest: pieces.slice(i).map((x) => x.text) };
  }
  return { heard: heard.join(" "), rest: [] };
}
