import { isLetterWord } from "./letters.ts";

/** How long a pause may be before the turn is taken. */
export const PATIENCES = ["brisk", "usual", "patient"] as const;
export type Patience = (typeof PATIENCES)[number];

export interface TurnSettings {
  patience: Patience;
  /** Whether the receptionist stops when the caller speaks. */
  interruptible: boolean;
  /** A telephone number is waited for. */
  number?: boolean;
  /** Help is given after so long a silence, milliseconds. */
  helpAfterMs: number;
  /** The longest turn, milliseconds: what goes on for longer is music, a crowd or a tape, and waits for no answer. */
  longestMs: number;
}

/** Pauses in milliseconds: after what is whole, after what is not, and while a number or a spelling goes on. */
const PAUSES: Record<Patience, { whole: number; open: number; going: number }> = {
  brisk: { whole: 380, open: 700, going: 1000 },
  usual: { whole: 570, open: 890, going: 1300 },
  patient: { whole: 800, open: 1400, going: 2000 },
};

/** From this likelihood of an end on, what was said counts as whole. */
const WHOLE = 0.3;
/** Below this likelihood of an end something is still to come, and it is waited for longer. */
const DANGLING = 0.01;
const DANGLING_MS = 250;
/** The surer, the sooner. */
const SURER_MS = 30;
/** Nothing that could be words: let go after this pause. */
const NO_WORDS_MS = 700;
/** Sound over the receptionist: quieter after so much of it, and silent when it is speech and has lasted so long. */
const QUIETER_MS = 120;
const SPEECH_MS = 300;
/** How often it is asked what has been heard so far. */
const ASK_EVERY_MS = 200;
/** A pause in which it is asked once more, so that the whole of it is known before the turn may end. */
const ASK_IN_PAUSE_MS = 200;

/** After a turn that was too long nothing is speech until it has been quiet for so long. */
const HUSH_MS = 400;

/** What the caller is in the middle of. */
interface Utterance {
  fromMs: number;
  lastSoundMs: number;
  soundMs: number;
  words: readonly string[];
  /** How likely the words are a whole sentence. */
  endSure: number;
  askedMs: number;
  askedInPause: boolean;
  /** It began while the receptionist was speaking. */
  over: boolean;
}

export interface TurnState {
  nowMs: number;
  voice: "silent" | "speaking" | "quieter";
  /** A turn was taken and is being answered. */
  answering: boolean;
  utterance: Utterance | null;
  /** Since when nobody has spoken. */
  quietSinceMs: number;
  /** A turn was too long, and its sound still goes on: how long it has been quiet since. */
  drowned: { quietMs: number } | null;
}

export const noTurn = (): TurnState => ({ nowMs: 0, voice: "silent", answering: false, utterance: null, quietSinceMs: 0, drowned: null });

export type TurnEvent =
  /** So many milliseconds of the line went by, with or without the caller's sound. */
  | { is: "frame"; ms: number; sound: boolean }
  /** What has been heard of the utterance so far. */
  | { is: "so-far"; words: readonly string[]; endSure: number }
  /** The receptionist begins or ends to speak. */
  | { is: "speaks" }
  | { is: "spoken" }
  /** An answer to the turn is there, or there is nothing to answer. */
  | { is: "answered" };

export type TurnAct =
  /** An utterance begins: what went before the sound belongs to it. */
  | "begin"
  /** What has been heard so far? */
  | "ask"
  /** The turn is the receptionist's. */
  | "end"
  /** It was over the receptionist, and short: what it was is to be found out, while the receptionist goes on quietly. */
  | "end-aside"
  | "quieter"
  | "aloud"
  | "stop"
  /** Nobody has spoken for a while. */
  | "silence";

/** Words with which one listens, and does not speak: they interrupt nobody. */
const LISTENING = new Set("mm mhm hm uh huh um er ah okay ok yeah yes right sure oh".split(" "));

export const onlyListening = (words: readonly string[]): boolean => words.length <= 2 && words.every((w) => LISTENING.has(w));

const DIGITS = new Set("oh zero one two three four five six seven eight nine double triple".split(" "));

/** What is being given piece by piece at the end of the words, and how many pieces; `number` where one is waited for. */
export function goingOn(words: readonly string[], number = false): { what: "number" | "spelling"; pieces: number } | null {
  let digits = 0;
  let letters = 0;
  for (let i = words.length - 1; i >= 0; i--) {
    const w = words[i] as string;
    if (letters === 0 && DIGITS.has(w)) digits += w === "double" ? 1 : w === "triple" ? 2 : 1;
    else if (digits === 0 && isLetterWord(w)) letters++;
    else break;
  }
  if (digits >= (number ? 1 : 3)) return { what: "number", pieces: digits };
  if (letters >= 2) return { what: "spelling", pieces: letters };
  return null;
}

/** With these one begins, and says no whole thing. */
const GREETS = new Set("hi hello hey hiya howdy good morning afternoon evening there all".split(" "));

/** A telephone number is whole with ten digits, or eleven with the one before it. */
const WHOLE_NUMBER = 10;

/** How long the pause must be before the turn ends, milliseconds. */
export function pauseFor(u: Pick<Utterance, "words" | "endSure">, patience: Patience, number = false): number {
  const p = PAUSES[patience];
  if (u.words.length === 0) return NO_WORDS_MS;
  const going = goingOn(u.words, number);
  if (going?.what === "number") {
    const countryFirst = u.words.at(-going.pieces) === "one";
    return going.pieces >= WHOLE_NUMBER + (countryFirst ? 1 : 0) ? p.whole - SURER_MS : p.going;
  }
  if (going?.what === "spelling") return p.going;
  if (u.words.length <= 3 && u.words.every((w) => GREETS.has(w))) return p.open;
  if (u.endSure >= WHOLE) return p.whole - SURER_MS * ((u.endSure - WHOLE) / (1 - WHOLE));
  // Hardly anybody ends there ("on the", "to book a"): they are looking for the next word.
  if (u.endSure < DANGLING) return p.open + DANGLING_MS;
  return p.open - (u.endSure / WHOLE) * (p.open - p.whole) * 0.3;
}

/**
 * Whose turn it is, frame by frame. Pure: the same state, event and settings give the same. Times are the line's own,
 * counted in frames, so that a call can be played faster than it was spoken.
 */
export function turn(before: TurnState, event: TurnEvent, settings: TurnSettings): { state: TurnState; acts: TurnAct[] } {
  const state: TurnState = { ...before, utterance: before.utterance && { ...before.utterance } };
  const acts: TurnAct[] = [];
  switch (event.is) {
    case "frame":
      state.nowMs += event.ms;
      frame(state, event.sound, event.ms, settings, acts);
      break;
    case "so-far":
      if (state.utterance) {
        state.utterance.words = event.words;
        state.utterance.endSure = event.endSure;
      }
      break;
    case "speaks":
      state.voice = "speaking";
      state.answering = false;
      break;
    case "spoken":
      state.voice = "silent";
      state.quietSinceMs = state.nowMs;
      break;
    case "answered":
      state.answering = false;
      state.quietSinceMs = state.nowMs;
      break;
  }
  return { state, acts };
}

function frame(state: TurnState, sounding: boolean, ms: number, settings: TurnSettings, acts: TurnAct[]): void {
  const now = state.nowMs;
  if (state.drowned) {
    const quietMs = sounding ? 0 : state.drowned.quietMs + ms;
    state.drowned = quietMs >= HUSH_MS ? null : { quietMs };
  }
  const sound = sounding && !state.drowned;
  const u = state.utterance;
  if (!u) {
    if (sound && (settings.interruptible || state.voice === "silent")) {
      state.utterance = {
        fromMs: now,
        lastSoundMs: now,
        soundMs: ms,
        words: [],
        endSure: 0,
        askedMs: now,
        askedInPause: false,
        over: state.voice !== "silent",
      };
      acts.push("begin");
    } else if (state.voice === "silent" && !state.answering && now - state.quietSinceMs >= settings.helpAfterMs) {
      state.quietSinceMs = now;
      acts.push("silence");
    }
    return;
  }
  if (sound) {
    u.lastSoundMs = now;
    u.soundMs += ms;
    u.askedInPause = false;
  }
  const quiet = now - u.lastSoundMs;
  if (now - u.askedMs >= ASK_EVERY_MS && (sound || quiet < ASK_IN_PAUSE_MS)) {
    u.askedMs = now;
    acts.push("ask");
  } else if (quiet >= ASK_IN_PAUSE_MS && !u.askedInPause) {
    u.askedInPause = true;
    u.askedMs = now;
    acts.push("ask");
  }
  if (state.voice !== "silent") {
    if (state.voice === "speaking" && u.soundMs >= QUIETER_MS) {
      state.voice = "quieter";
      acts.push("quieter");
    }
    if (u.soundMs >= SPEECH_MS && u.words.length > 0 && !onlyListening(u.words)) {
      state.voice = "silent";
      acts.push("stop");
    }
  }
  const tooLong = now - u.fromMs >= settings.longestMs;
  if (tooLong) state.drowned = { quietMs: 0 };
  else if (quiet < pauseFor(u, settings.patience, settings.number)) return;
  state.utterance = null;
  state.quietSinceMs = now;
  if (state.voice !== "silent") {
    acts.push("end-aside");
    return;
  }
  state.answering = true;
  acts.push("end");
}

/** The receptionist goes on aloud, since what was said over it was nothing. */
export function goOn(state: TurnState): TurnState {
  return state.voice === "quieter" ? { ...state, voice: "speaking" } : state;
}
