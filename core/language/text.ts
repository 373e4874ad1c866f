/** A word of what was said, with its place in the original. */
export interface Token {
  text: string;
  start: number;
  end: number;
}

/** What was said, made plain for reading. Every position in `norm` is the same position in `raw`. */
export interface Said {
  raw: string;
  norm: string;
  tokens: Token[];
}

/** The longest message that is read, in UTF-16 units; the interface refuses longer ones with a word to the sender. */
export const LONGEST_READ = 2000;

/**
 * Lower case, accents off, one kind of quote and dash, control and direction marks blanked. One unit in, one unit out,
 * so that a place found here is a place in what was said.
 */
export function normalise(raw: string): Said {
  const cut = raw.slice(0, LONGEST_READ);
  // Small letters of what is ASCII are one unit for one unit, and most of what is said is.
  const norm = cut
    .replace(/[\x80-\uffff]/g, plain)
    .toLowerCase()
    .replace(/[\x00-\x1f\x7f]/g, " ");
  const tokens: Token[] = [];
  for (const m of norm.matchAll(/[a-z0-9]+(?:'[a-z]+)?/g)) tokens.push({ text: m[0], start: m.index, end: m.index + m[0].length });
  return { raw: cut, norm, tokens };
}

/** A sign outside of ASCII as one unit of plain text. */
function plain(char: string): string {
  const code = char.charCodeAt(0);
  if (code === 0x2019 || code === 0x2018 || code === 0x02bc) return "'";
  if (code === 0x201c || code === 0x201d) return '"';
  if (code >= 0x2010 && code <= 0x2015) return "-";
  if (code === 0x2026) return ".";
  if (code === 0xa0 || (code >= 0x2000 && code <= 0x200f) || (code >= 0x202a && code <= 0x202e) || (code >= 0x2066 && code <= 0x2069) || code === 0xfeff)
    return " ";
  if (code === 0xe6 || code === 0xc6) return "a";
  if (code === 0xf8 || code === 0xd8) return "o";
  if (code === 0x142) return "l";
  if (code === 0xdf) return "s";
  const first = char.normalize("NFD")[0] as string;
  const lower = first.toLowerCase();
  return lower.length === 1 ? lower : (lower[0] as string);
}

/** Plain text for comparing names: lower case, no accents, letters only, single spaces. */
export function folded(text: string): string {
  return normalise(text)
    .norm.replace(/[^a-z0-9]+/g, " ")
    .trim();
}

/** A word's stem, light: plural and -ing, -ed endings come off. For matching only, never shown. */
export function stem(word: string): string {
  let s = stems.get(word);
  if (s === undefined) {
    s = cut(word);
    if (stems.size > 50_000) stems.clear();
    stems.set(word, s);
  }
  return s;
}

const stems = new Map<string, string>();

function cut(word: string): string {
  let w = word.replace(/'s$/, "").replace(/'/g, "");
  if (w.length > 4 && w.endsWith("ies")) return w.slice(0, -3) + "y";
  if (w.length > 3 && w.endsWith("s") && !/(ss|us|is)$/.test(w)) w = /(sses|shes|ches|xes|zes)$/.test(w) ? w.slice(0, -2) : w.slice(0, -1);
  if (w.length > 5 && w.endsWith("ing")) w = undouble(w.slice(0, -3));
  else if (w.length > 7 && w.endsWith("ment")) w = w.slice(0, -4);
  else if (w.length > 5 && w.endsWith("ation")) w = w.slice(0, -5);
  else if (w.length > 4 && w.endsWith("ed")) w = undouble(w.slice(0, -2));
  else if (w.length > 4 && w.endsWith("e")) w = w.slice(0, -1);
  return w;
}

const undouble = (w: string): string => (/([bdgmnprt])\1$/.test(w) ? w.slice(0, -1) : w);

/** A text to stand inside a sentence: its first letter small, unless it begins with capitals or a letter by itself, as in "MRI scan" and "X-ray". */
export const inside = (text: string): string => (/^\p{Lu}(?![\p{Ll}'’ ])/u.test(text) ? text : text.slice(0, 1).toLowerCase() + text.slice(1));
