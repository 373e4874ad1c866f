import { FRAME, RATE, type Samples } from "@gentian/core/speech/sound";

/** A frame of tones at a place in time; each tone hertz and loudness (0 to 1), with soft edges by the envelope. */
function tones(atMs: number, list: readonly (readonly [hertz: number, loud: number])[], envelope: (ms: number) => number): Samples {
  const out = new Int16Array(FRAME);
  for (let i = 0; i < FRAME; i++) {
    const ms = atMs + (i * 1000) / RATE;
    const loud = envelope(ms);
    if (loud <= 0) continue;
    let sum = 0;
    for (const [hz, share] of list) sum += share * Math.sin((2 * Math.PI * hz * ms) / 1000);
    out[i] = Math.round(sum * loud * 32767);
  }
  return out;
}

const soft = (ms: number, from: number, to: number): number => (ms < from || ms > to ? 0 : Math.min(1, (ms - from) / 30, (to - ms) / 60));

/** While an answer takes long: two soft notes every two seconds. */
export function earcon(sinceMs: number): Samples {
  const at = sinceMs % 2000;
  return tones(at, at < 140 ? [[660, 0.08]] : [[880, 0.08]], (ms) => Math.max(soft(ms, 0, 120), soft(ms, 150, 300)));
}

/** While it rings at the desk: the ringing tone of North America, two seconds in six (440 and 480 Hz; common practice, no source). */
export function ringing(sinceMs: number): Samples {
  return tones(
    sinceMs % 6000,
    [
      [440, 0.05],
      [480, 0.05],
    ],
    (ms) => soft(ms, 0, 2000),
  );
}
