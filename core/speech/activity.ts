import { loudness, RATE, type Samples } from "./sound.ts";

/** How far above the room a frame must be to be somebody's sound, in dB, to begin and to go on; below the floor it never is. */
interface Limits {
  begin: number;
  goOn: number;
  floor: number;
}
/** Over all frequencies, where consonants are heard too; and where voices are loudest, which most noise leaves free. */
const WIDE: Limits = { begin: 8, goOn: 5, floor: -58 };
const VOICED: Limits = { begin: 6, goOn: 3, floor: -60 };
const VOICED_FROM_HZ = 150;
const VOICED_TO_HZ = 1000;
/** So many frames are looked back over for the quietest, which is the room: 1.6 s. */
const LOOK_BACK = 80;
/** So many frames of sound in a row begin it, so that a click does not. */
const FRAMES_TO_BEGIN = 3;

/** How loud it is, and how loud the room is by itself, dB below full scale. */
interface Levels {
  last: readonly number[];
  room: number;
  above: boolean;
}

export interface ActivityState {
  wide: Levels;
  voiced: Levels;
  /** What the filter that lets voices through remembers. */
  filter: readonly [number, number, number, number];
  sounding: boolean;
  run: number;
}

const SILENT: Levels = { last: [], room: -70, above: false };
export const silentRoom = (): ActivityState => ({ wide: SILENT, voiced: SILENT, filter: [0, 0, 0, 0], sounding: false, run: 0 });

/**
 * Whether somebody makes a sound in a frame, by its loudness against the room's: the quiet fifth of the last 1.6 s, which
 * follows noise that comes and goes.
 */
export function activity(state: ActivityState, frame: Samples): ActivityState {
  const { out, filter } = voices(state.filter, frame);
  const wide = levels(state.wide, loudness(frame), WIDE, state.sounding);
  const voiced = levels(state.voiced, loudness(out), VOICED, state.sounding);
  const loud = wide.above || voiced.above;
  const run = loud ? state.run + 1 : 0;
  return { wide, voiced, filter, run, sounding: loud && (state.sounding || run >= FRAMES_TO_BEGIN) };
}

function levels(before: Levels, level: number, limits: Limits, sounding: boolean): Levels {
  const last = [...before.last.slice(-(LOOK_BACK - 1)), level];
  const quiet = last.toSorted((a, b) => a - b)[Math.floor(last.length / 5)] as number;
  const room = Math.max(-75, last.length < 10 ? quiet : before.room + 0.1 * (quiet - before.room));
  return { last, room, above: level > limits.floor && level - room > (sounding ? limits.goOn : limits.begin) };
}

const LOW = Math.exp((-2 * Math.PI * VOICED_FROM_HZ) / RATE);
const HIGH = Math.exp((-2 * Math.PI * VOICED_TO_HZ) / RATE);

/** A frame as far as it lies where voices do: one pole below, two above. */
function voices([high, before, low1, low2]: ActivityState["filter"], frame: Samples): { out: Samples; filter: ActivityState["filter"] } {
  const out = new Int16Array(frame.length);
  for (let i = 0; i < frame.length; i++) {
    const s = frame[i] as number;
    high = LOW * (high + s - before);
    before = s;
    low1 += (1 - HIGH) * (high - low1);
    low2 += (1 - HIGH) * (low1 - low2);
    out[i] = low2;
  }
  return { out, filter: [high, before, low1, low2] };
}
