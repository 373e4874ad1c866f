/** A stretch of a recording in which something is said. Milliseconds from its beginning. */
export interface Cue {
  fromMs: number;
  toMs: number;
  who: string;
  text: string;
}

const two = (n: number): string => String(n).padStart(2, "0");
const stamp = (ms: number): string =>
  `${two(Math.floor(ms / 3_600_000))}:${two(Math.floor(ms / 60_000) % 60)}:${two(Math.floor(ms / 1000) % 60)}.${String(Math.round(ms) % 1000).padStart(3, "0")}`;

/** A transcript with times, in the WebVTT format of the W3C: each cue with its speaker's voice. */
export function webvtt(cues: readonly Cue[]): string {
  const safe = (s: string): string => s.replace(/&/g, "&amp;").replace(/</g, "&lt;").replace(/>/g, "&gt;").replace(/\s+/g, " ").trim();
  const blocks = [...cues]
    .sort((a, b) => a.fromMs - b.fromMs)
    .map((c) => `${stamp(c.fromMs)} --> ${stamp(Math.max(c.toMs, c.fromMs + 1))}\n<v ${safe(c.who)}>${safe(c.text)}`);
  return `WEBVTT\n\n${blocks.join("\n\n")}\n`;
}
