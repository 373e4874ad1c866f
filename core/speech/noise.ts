/** How noisy a line is: as good as not, somewhat (20 dB), or much (10 dB). */
export const NOISES = ["none", "some", "much"] as const;
export type Noise = (typeof NOISES)[number];

/** So many decibels lie between speech and noise, from which on a line is less noisy. */
const FROM_DB: readonly [Exclude<Noise, "much">, number][] = [
  ["none", 27],
  ["some", 16],
];
/** A line does not change over what is less than this. */
const HYSTERESIS_DB = 2;
/** How loud people are on a line by themselves, until it is known, dB below full scale; and how fast that is followed. */
const USUAL_SPEECH_DB = -23;
const FOLLOW = 0.02;
/** So many frames nobody must have spoken, so that what is measured is the room: 0.6 s. */
const QUIET_FIRST = 30;

export interface NoiseState {
  /** So many frames nobody has spoken. */
  quiet: number;
  speechDb: number;
  noise: Noise;
}

export const quietLine = (): NoiseState => ({ quiet: 0, speechDb: USUAL_SPEECH_DB, noise: "none" });

/** How noisy a line is after another frame: its loudness and the room's, dB below full scale, and whether somebody speaks. */
export function lineNoise(state: NoiseState, frame: { levelDb: number; roomDb: number; sounding: boolean }): NoiseState {
  const quiet = frame.sounding ? 0 : state.quiet + 1;
  const speechDb = frame.sounding ? state.speechDb + FOLLOW * (frame.levelDb - state.speechDb) : state.speechDb;
  // Between words a room seems louder than it is.
  if (quiet < QUIET_FIRST) return { quiet, speechDb, noise: state.noise };
  const apart = speechDb - frame.roomDb;
  const at = (shift: number): Noise => FROM_DB.find(([, from]) => apart >= from + shift)?.[0] ?? "much";
  const [up, down] = [at(HYSTERESIS_DB), at(-HYSTERESIS_DB)];
  // Only what lies clearly on the other side of a border changes it.
  const index = (n: Noise): number => NOISES.indexOf(n);
  const noise = index(up) < index(state.noise) ? up : index(down) > index(state.noise) ? down : state.noise;
  return { quiet, speechDb, noise };
}
