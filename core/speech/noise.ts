/** So many decibels lie between speech and the room on a line that is as good as quiet. */
const QUIET_FROM_DB = 27;
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
  noisy: boolean;
}

export const quietLine = (): NoiseState => ({ quiet: 0, speechDb: USUAL_SPEECH_DB, noisy: false });

/** Whether a line is noisy after another frame: its loudness and the room's, dB below full scale, and whether somebody speaks. */
export function lineNoise(state: NoiseState, frame: { levelDb: number; roomDb: number; sounding: boolean }): NoiseState {
  const quiet = frame.sounding ? 0 : state.quiet + 1;
  const speechDb = frame.sounding ? state.speechDb + FOLLOW * (frame.levelDb - state.speechDb) : state.speechDb;
  // Between words a room seems louder than it is.
  if (quiet < QUIET_FIRST) return { quiet, speechDb, noisy: state.noisy };
  // Only what lies clearly on the other side of the border changes it.
  return { quiet, speechDb, noisy: speechDb - frame.roomDb < QUIET_FROM_DB + (state.noisy ? HYSTERESIS_DB : -HYSTERESIS_DB) };
}
