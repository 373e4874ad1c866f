import { RegExpParser, type AST } from "@eslint-community/regexpp";

/**
 * Matches of a pattern in a text, found without trying it at every place: a pattern tells by itself what a text must hold
 * for it to match at all, and what a match begins with. Most patterns ask for words that most texts lack, and the others
 * begin at few places of a long one. What is found is what the pattern finds by itself.
 */

/** Characters are told apart as letters, digits of any kind, the blank, the apostrophe, and all others. */
const [DIGIT, BLANK, QUOTE, OTHER, KINDS] = [26, 27, 28, 29, 30];

function kindOf(code: number): number {
  if (code >= 97 && code <= 122) return code - 97;
  if (code >= 65 && code <= 90) return code - 65;
  if (code >= 48 && code <= 57) return DIGIT;
  if (code === 32) return BLANK;
  return code === 39 ? QUOTE : OTHER;
}

/** Characters in a row, by their kinds. */
type Run = readonly number[];

/** So many characters in a row are looked up at once. */
const LONGEST = 3;
/** Where runs of one, of two and of three characters stand in one table. */
const [PAIRS, TRIPLES] = [KINDS, KINDS + KINDS * KINDS];
const SIZE = TRIPLES + KINDS * KINDS * KINDS;

function placeOf(run: Run): number {
  const [a, b, c] = run as [number, number, number];
  return run.length === 1 ? a : run.length === 2 ? PAIRS + a * KINDS + b : TRIPLES + (a * KINDS + b) * KINDS + c;
}

/** Where each short run of characters stands in a text: the first place, and from each place the next. */
interface Index {
  text: string;
  first: Int32Array;
  /** The places of `first` that the text has written to. */
  written: number[];
  next: [Int32Array, Int32Array, Int32Array];
}

/** So many texts are remembered: parts of a message are looked at in turn. */
const REMEMBERED = 6;
const remembered: Index[] = [];
let oldest = 0;

let latest: Index | undefined;

function indexOf(text: string): Index {
  if (latest?.text === text) return latest;
  for (const r of remembered) if (r.text === text) return (latest = r);
  const at = remembered.length < REMEMBERED ? remembered.length : (oldest = (oldest + 1) % REMEMBERED);
  const before = remembered[at];
  const first = before?.first ?? new Int32Array(SIZE).fill(-1);
  for (const p of before?.written ?? []) first[p] = -1;
  const written: number[] = [];
  const n = text.length;
  const next: Index["next"] = [new Int32Array(n), new Int32Array(n), new Int32Array(n)];
  let [one, two] = [-1, -1];
  for (let i = n - 1; i >= 0; i--) {
    const kind = kindOf(text.charCodeAt(i));
    const places = [kind, one < 0 ? -1 : PAIRS + kind * KINDS + one, two < 0 ? -1 : TRIPLES + (kind * KINDS + one) * KINDS + two];
    for (let k = 0; k < LONGEST; k++) {
      const p = places[k] as number;
      if (p < 0) continue;
      const last = first[p] as number;
      if (last < 0) written.push(p);
      (next[k] as Int32Array)[i] = last;
      first[p] = i;
    }
    [two, one] = [one, kind];
  }
  return (latest = remembered[at] = { text, first, written, next });
}

// What a match must hold.

/** How often a run of so many characters is met in texts, roughly: what chooses between the runs of one pattern. */
const MET = [1, 0.9, 0.5, 0.15, 0.06];
const metOf = (runs: readonly Run[]): number => runs.reduce((sum, run) => sum + (MET[run.length] ?? 0.03), 0);
/** Where a match may hold any of more runs, it is looked for in every text. */
const MOST_RUNS = 80;

/** Any of these runs; null where none can be told. */
type Needs = Run[] | null;
const better = (a: Needs, b: Needs): Needs => (a === null ? b : b === null || metOf(a) <= metOf(b) ? a : b);

function ofAlternatives(alternatives: readonly AST.Alternative[]): Needs {
  const runs: Run[] = [];
  for (const a of alternatives) {
    const own = ofSequence(a.elements);
    if (own === null) return null;
    runs.push(...own);
    if (runs.length > MOST_RUNS) return null;
  }
  return runs;
}

function ofSequence(elements: readonly AST.Element[]): Needs {
  let best: Needs = null;
  let run: number[] = [];
  const close = (): void => {
    if (run.length > 0) best = better(best, [run]);
    run = [];
  };
  for (const e of elements) {
    const [kind, another] = kindsOf(e) ?? [];
    if (kind !== undefined && another === undefined && kind !== OTHER) run.push(kind);
    else if (e.type === "Assertion") {
      if ((e.kind === "lookahead" || e.kind === "lookbehind") && !e.negate) best = better(best, ofAlternatives(e.alternatives));
    } else {
      close();
      if (e.type === "Group" || e.type === "CapturingGroup") best = better(best, ofAlternatives(e.alternatives));
      else if (e.type === "Quantifier" && e.min > 0) best = better(best, ofSequence([e.element]));
    }
  }
  close();
  return best;
}

/** The kinds that the one character of an element may be of; null where it is no single character, or may be of any kind. */
function kindsOf(e: AST.Element): readonly number[] | null {
  switch (e.type) {
    case "Character":
      return [e.value < 128 ? kindOf(e.value) : OTHER];
    case "CharacterSet":
      if (e.kind === "digit" && !e.negate) return [DIGIT];
      if (e.kind === "space" && !e.negate) return [BLANK, OTHER];
      return e.kind === "word" && e.negate ? [BLANK, QUOTE, OTHER] : null;
    case "CharacterClass": {
      if (e.negate) return null;
      const kinds = new Set<number>();
      for (const c of e.elements) {
        if (c.type === "CharacterClassRange") {
          if (c.max.value - c.min.value > FEW_CHARACTERS) return null;
          for (let code = c.min.value; code <= c.max.value; code++) kinds.add(code < 128 ? kindOf(code) : OTHER);
        } else {
          const own = kindsOf(c as AST.Element);
          if (own === null) return null;
          for (const k of own) kinds.add(k);
        }
      }
      return kinds.size <= FEW_KINDS ? [...kinds] : null;
    }
    default:
      return null;
  }
}
const [FEW_CHARACTERS, FEW_KINDS] = [10, 6];

// What a match begins with.

/** What a match may begin with: runs that more may be known of, and runs of which no more is. Null where there are too many. */
interface Lead {
  open: Set<string>;
  shut: Set<string>;
}

/** Where a match may begin with more runs, it is looked for at every place. */
const MOST_LEADS = 400;

const letter = (kind: number): string => String.fromCharCode(kind + 1);

/** What may stand at a beginning once one more element has been gone past. Adds to `shut`. */
function after(open: Set<string>, e: AST.Element, shut: Set<string>): Set<string> {
  if (open.size === 0 || open.size + shut.size > MOST_LEADS) return open;
  if (e.type === "Assertion") return open;
  if (e.type === "Group" || e.type === "CapturingGroup") {
    const out = new Set<string>();
    for (const a of e.alternatives) for (const run of throughAll(open, a.elements, shut)) out.add(run);
    return out;
  }
  if (e.type === "Quantifier") {
    const out = new Set(e.min === 0 ? open : []);
    let now = open;
    for (let n = 1; n <= Math.min(e.max, LONGEST) && now.size > 0; n++) {
      now = after(now, e.element, shut);
      if (n >= Math.min(e.min, LONGEST)) for (const run of now) out.add(run);
    }
    return out;
  }
  const kinds = kindsOf(e);
  const out = new Set<string>();
  for (const run of open) {
    if (kinds === null) shut.add(run);
    else for (const k of kinds) (run.length + 1 === LONGEST ? shut : out).add(run + letter(k));
  }
  return out;
}

const throughAll = (open: Set<string>, elements: readonly AST.Element[], shut: Set<string>): Set<string> =>
  elements.reduce((now, e) => after(now, e, shut), open);

/** The runs that every match begins with one of, as places in the table; null where it may begin with anything. */
function leadsOf(alternatives: readonly AST.Alternative[]): number[] | null {
  const { open, shut }: Lead = { open: new Set(), shut: new Set() };
  for (const a of alternatives) for (const run of throughAll(new Set([""]), a.elements, shut)) open.add(run);
  const all = [...new Set([...open, ...shut])];
  if (all.length > MOST_LEADS || all.includes("")) return null;
  return all.map((run) => placeOf([...run].map((c) => c.charCodeAt(0) - 1)));
}

// Looking for it.

interface Known {
  /** For each run that a match may hold, the places in the table of its groups of three; null where it may hold anything. */
  needs: number[][] | null;
  leads: number[] | null;
  /** The same pattern, tried at one place alone. */
  there: RegExp;
}

const parser = new RegExpParser({ ecmaVersion: 2024 });
const known = new WeakMap<RegExp, Known>();

function knownOf(pattern: RegExp): Known {
  let k = known.get(pattern);
  if (!k) {
    const { source, flags } = pattern;
    const ast = parser.parsePattern(source, 0, source.length, { unicode: flags.includes("u"), unicodeSets: flags.includes("v") });
    const groups = (run: Run): number[] => (run.length <= LONGEST ? [placeOf(run)] : run.slice(2).map((_, i) => placeOf(run.slice(i, i + LONGEST))));
    // With both flags a letter may stand for one outside of the alphabet.
    const folds = flags.includes("i") && (flags.includes("u") || flags.includes("v"));
    k = {
      needs: folds ? null : (ofAlternatives(ast.alternatives)?.map(groups) ?? null),
      leads: folds || flags.includes("m") ? null : leadsOf(ast.alternatives),
      there: new RegExp(source, `${flags.replace(/[gy]/g, "")}y`),
    };
    known.set(pattern, k);
  }
  return k;
}

/** Whether the text holds any of the runs that a match must hold. */
function holds({ first }: Index, needs: readonly number[][]): boolean {
  for (const places of needs) {
    let all = true;
    for (let i = 0; all && i < places.length; i++) all = (first[places[i] as number] as number) >= 0;
    if (all) return true;
  }
  return false;
}

/** Where begin more than one in so many places, each is tried. */
const ONE_IN = 6;

/** The places at which a match may begin, in order; null where they are too many to be told one by one. */
function beginnings(index: Index, leads: readonly number[]): ArrayLike<number> | null {
  const { text, first, next } = index;
  const places: number[] = [];
  const most = text.length / ONE_IN;
  let [last, inOrder] = [-1, true];
  for (const p of leads) {
    const list = next[p < PAIRS ? 0 : p < TRIPLES ? 1 : 2];
    for (let i = first[p] as number; i >= 0; i = list[i] as number) {
      places.push(i);
      if (places.length > most) return null;
      inOrder &&= i > last;
      last = i;
    }
  }
  // Numbers in a typed array are sorted without being compared by a function.
  return inOrder ? places : Int32Array.from(places).sort();
}

/** Whether a text holds what a match of a pattern must: where it does not, there is none. */
export function mayMatch(pattern: RegExp, text: string): boolean {
  const { needs } = knownOf(pattern);
  return !needs || holds(indexOf(text), needs);
}

/** No matches; most patterns have none in most texts. */
const NONE: RegExpExecArray[] = [];

/** The matches of a pattern with the global flag, one after the other; the list is not to be written to. */
export function eachMatch(pattern: RegExp, text: string): readonly RegExpExecArray[] {
  const { needs, leads, there } = knownOf(pattern);
  const index = indexOf(text);
  if (needs && !holds(index, needs)) return NONE;
  const places = leads && beginnings(index, leads);
  if (!places) return everywhere(pattern, text);
  let out = NONE;
  let from = 0;
  for (let k = 0; k < places.length; k++) {
    const at = places[k] as number;
    if (at < from) continue;
    there.lastIndex = at;
    const m = there.exec(text);
    if (!m) continue;
    from = Math.max(at + 1, at + m[0].length);
    if (out === NONE) out = [m];
    else out.push(m);
  }
  return out;
}

function everywhere(pattern: RegExp, text: string): readonly RegExpExecArray[] {
  let out = NONE;
  pattern.lastIndex = 0;
  for (let m = pattern.exec(text); m; m = pattern.exec(text)) {
    if (m[0] === "") pattern.lastIndex++;
    if (out === NONE) out = [m];
    else out.push(m);
  }
  return out;
}
