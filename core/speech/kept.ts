/** A stretch of talk with its words in time, kept with the call. Milliseconds from the call's beginning. */
export interface SpokenTurn {
  who: "client" | "receptionist" | "desk";
  text: string;
  fromMs: number;
  toMs: number;
  words: { word: string; fromMs: number; toMs: number }[];
  /** How sure the words are, 0 to 1. */
  sure?: number;
  /** How long the caller waited for the first sound of the answer after their last. */
  waitMs?: number;
  /** Broken off by the caller. */
  brokenOff?: boolean;
}

/** What is kept of a call. */
export interface KeptCall {
  id: string;
  from: string | null;
  state: "going" | "closed" | "left" | "dropped" | "too-long";
  lengthMs: number;
  recorded: boolean;
  /** Whether there is any sound of it. */
  sound: boolean;
  turns: SpokenTurn[];
  putThroughTo: string | null;
}

/** A stretch of a recording, milliseconds from its own beginning. */
export interface Stretch {
  fromMs: number;
  toMs: number;
}

/** A recording that is shorter than its call by more than this holds only the message that was left. */
const WHOLE_WITHIN_MS = 3000;
/** So much is heard before and after. */
const EDGE_MS = 400;

/**
 * Where in a recording a text was spoken by the caller: the last turn that holds it, or that it holds. The whole of a
 * recording that is not the whole call; the last of what the caller said where the text is none of it.
 */
export function spokenAt(call: Pick<KeptCall, "lengthMs" | "turns">, soundMs: number, text: string): Stretch {
  if (call.lengthMs - soundMs > WHOLE_WITHIN_MS) return { fromMs: 0, toMs: soundMs };
  const plain = (s: string): string =>
    s
      .toLowerCase()
      .replace(/[^\p{L}\p{N}]+/gu, " ")
      .trim();
  const wanted = plain(text);
  const own = call.turns.filter((t) => t.who === "client" && t.text !== "");
  const hit =
    own.findLast((t) => plain(t.text) === wanted) ?? own.findLast((t) => plain(t.text).includes(wanted) || wanted.includes(plain(t.text))) ?? own.at(-1);
  if (!hit) return { fromMs: 0, toMs: soundMs };
  return { fromMs: Math.max(0, hit.fromMs - EDGE_MS), toMs: Math.min(soundMs, hit.toMs + EDGE_MS) };
}

/** The wait in the middle of all the caller's waits, milliseconds; undefined where there was none. */
export function medianWait(turns: readonly SpokenTurn[]): number | undefined {
  const waits = turns.flatMap((t) => (t.waitMs === undefined ? [] : [t.waitMs])).sort((a, b) => a - b);
  return waits[Math.floor(waits.length / 2)];
}
