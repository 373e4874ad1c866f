import { readFileSync } from "node:fs";
import { attacksMeasured, messagesMeasured, phrasesMeasured, questionsMeasured, talksMeasured } from "./measured.ts";
import type { SetName } from "./sets.ts";

/** Where it stands what of the test sets is not understood as it is labelled. */
export const MISSED = new URL("../language/blind/missed.txt", import.meta.url);

/** What of a set is not understood as it is labelled, a line each, in order. */
export function missedIn(set: SetName): string[] {
  const parts = [
    messagesMeasured(set),
    phrasesMeasured(set),
    questionsMeasured(set),
    attacksMeasured(set),
    talksMeasured(set, false),
    talksMeasured(set, true),
  ];
  return [...new Set(parts.flatMap((p) => p.missed.map((m) => `${m.kind}: ${m.what}`)))].sort();
}

/** What is known of a set not to be understood. */
export function knownMissed(set: SetName): string[] {
  const lines = readFileSync(MISSED, "utf8").split("\n");
  const from = lines.indexOf(`## ${set}`) + 1;
  const to = lines.findIndex((l, i) => i >= from && l.startsWith("## "));
  return from === 0 ? [] : lines.slice(from, to < 0 ? undefined : to).filter((l) => l !== "");
}
