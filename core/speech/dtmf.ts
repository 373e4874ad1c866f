import { RATE, type Samples } from "./sound.ts";

/** The two tones of each key, in hertz: ITU-T Recommendation Q.23. */
const LOW = [697, 770, 852, 941] as const;
const HIGH = [1209, 1336, 1477, 1633] as const;
const KEYS = ["123A", "456B", "789C", "*0#D"] as const;

/** How much of a frame's energy the two tones must hold, and how far apart they may be, in dB. */
const MOST_OF_IT = 0.55;
const TWIST_DB = 8;
const QUIETEST = 1e-4;

/** The energy of one tone in the samples (Goertzel's algorithm), as a share of full scale squared. */
function tone(samples: Samples, hertz: number): number {
  const k = 2 * Math.cos((2 * Math.PI * hertz) / RATE);
  let a = 0;
  let b = 0;
  for (const s of samples) {
    const next = s / 32768 + k * a - b;
    b = a;
    a = next;
  }
  const n = samples.length;
  return (2 * (a * a + b * b - k * a * b)) / (n * n);
}

/** The key whose tones sound in a frame, if any. */
export function keyIn(samples: Samples): string | null {
  let energy = 0;
  for (const s of samples) energy += (s / 32768) ** 2;
  energy /= samples.length;
  if (energy < QUIETEST) return null;
  const strongest = (list: readonly number[]): [number, number] => {
    const all = list.map((hz) => tone(samples, hz));
    const best = Math.max(...all);
    return [all.indexOf(best), best];
  };
  const [row, low] = strongest(LOW);
  const [column, high] = strongest(HIGH);
  if (low + high < MOST_OF_IT * energy) return null;
  if (Math.abs(10 * Math.log10(low / high)) > TWIST_DB) return null;
  return (KEYS[row] as string)[column] as string;
}

export interface KeyState {
  key: string | null;
  frames: number;
  told: boolean;
}

export const noKey = (): KeyState => ({ key: null, frames: 0, told: false });

/** Follows the frames of a line; `pressed` is the key that was pressed, told once, when it has sounded for 40 ms. */
export function keys(state: KeyState, frame: Samples): { state: KeyState; pressed: string | null } {
  const key = keyIn(frame);
  if (key === null || key !== state.key) return { state: { key, frames: key === null ? 0 : 1, told: false }, pressed: null };
  const frames = state.frames + 1;
  const pressed = frames >= 2 && !state.told ? key : null;
  return { state: { key, frames, told: state.told || pressed !== null }, pressed };
}
