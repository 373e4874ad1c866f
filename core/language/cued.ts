import { CUES, type Cue } from "./packs/en/cues.ts";
import { mayMatch } from "./patterns.ts";

export interface Cued {
  cue: Cue;
  /** Where the sign stands in the masked text. */
  at: number;
}

/** A message's texts are looked at more than once while it is read: those of the last few are kept. */
const KEPT = 16;
const kept = new Map<string, readonly Cued[]>();

/** The plain signs of errands that stand in a masked text, in the order of the list. */
export function cuesIn(masked: string): readonly Cued[] {
  const have = kept.get(masked);
  if (have) return have;
  const out: Cued[] = [];
  for (const cue of CUES) {
    const at = mayMatch(cue.pattern, masked) ? masked.search(cue.pattern) : -1;
    if (at >= 0) out.push({ cue, at });
  }
  if (kept.size >= KEPT) kept.delete(kept.keys().next().value as string);
  kept.set(masked, out);
  return out;
}
