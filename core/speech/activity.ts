import { loudness, type Samples } from "./sound.ts";

/** How much louder than the room a frame must be to be somebody's sound, in dB, to begin and to go on. */
const ABOVE_TO_BEGIN = 8;
const ABOVE_TO_GO_ON = 5;
/** Quieter than this is never somebody speaking, however quiet the room, in dB below full scale. */
const FLOOR = -58;
/** So many frames are looked back over for the quietest, which is the room: 1.6 s. */
const LOOK_BACK = 80;
/** So many frames of sound in a row begin it, so that a click does not. */
const FRAMES_TO_BEGIN = 3;

export interface ActivityState {
  /** The loudness of the last frames, dB. */
  levels: number[];
  /** The room, smoothed, dB. */
  room: number;
  sounding: boolean;
  run: number;
}

export const silentRoom = (): ActivityState => ({ levels: [], room: -70, sounding: false, run: 0 });

/**
 * Whether somebody makes a sound in a frame, by its loudness against the room's: the quiet fifth of the last 1.6 s, which
 * follows noise that comes and goes.
 */
export function activity(state: ActivityState, frame: Samples): ActivityState {
  const level = loudness(frame);
  const levels = [...state.levels.slice(-(LOOK_BACK - 1)), level];
  const sorted = [...levels].sort((a, b) => a - b);
  const quiet = sorted[Math.floor(sorted.length / 5)] as number;
  const room = Math.max(-75, levels.length < 10 ? quiet : state.room + 0.1 * (quiet - state.room));
  const above = level - room;
  const loud = level > FLOOR && above > (state.sounding ? ABOVE_TO_GO_ON : ABOVE_TO_BEGIN);
  const run = loud ? state.run + 1 : 0;
  return { levels, room, run, sounding: loud && (state.sounding || run >= FRAMES_TO_BEGIN) };
}
