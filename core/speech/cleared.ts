import type { Samples } from "./sound.ts";

/** How many times as many samples a second the suppressor has as the line: 48 kHz. */
const TIMES = 3;
/** Samples that the suppressor takes at a time. */
export const SUPPRESSED = 480;
/** Half of the low-pass filter's length, in samples at 48 kHz, and how much of the line's band it lets through. */
const REACH = 48;
const BAND = 0.95;
/** Samples at 48 kHz by which what comes out of the suppressor is late. */
const SUPPRESSOR_LATE = 960;
/** Samples of the line by which what comes out is late. */
export const LATE = (SUPPRESSOR_LATE + 2 * REACH) / TIMES;
/** So much of the noise is left: what a suppressor mutes altogether a recogniser takes for sounds of its own. */
const LEFT = 0.1;

/** A windowed sinc (Hamming's window) that lets through what both rates can carry; its sum is one. */
const FILTER = ((): Float64Array => {
  const cut = BAND / TIMES;
  const taps = Float64Array.from({ length: 2 * REACH + 1 }, (_, i) => {
    const x = (i - REACH) * cut;
    return (x === 0 ? 1 : Math.sin(Math.PI * x) / (Math.PI * x)) * (0.54 + 0.46 * Math.cos((Math.PI * (i - REACH)) / REACH));
  });
  const sum = taps.reduce((a, b) => a + b, 0);
  return taps.map((t) => t / sum);
})();

/** What was there before and a new piece, as one; the last samples that a filter needs are kept for the next. */
class Past {
  #kept: Float64Array;
  constructor(readonly length: number) {
    this.#kept = new Float64Array(length);
  }
  before(piece: Float64Array): Float64Array {
    const all = new Float64Array(this.length + piece.length);
    all.set(this.#kept);
    all.set(piece, this.length);
    this.#kept = all.slice(piece.length);
    return all;
  }
}

/**
 * A line's sound with less noise, piece by piece: brought to 48 kHz, given to a suppressor, which changes 480 samples at
 * a time in place (16 bit, late by 20 ms), brought back to 16 kHz, and mixed with a little of what it was. What comes
 * out is as long as what went in and late by `LATE` samples.
 */
export class Cleared {
  readonly #in = new Past((2 * REACH) / TIMES);
  readonly #out = new Past(2 * REACH);
  readonly #raw = new Past(LATE);

  constructor(readonly suppress: (samples: Float32Array) => void) {}

  /** Pieces must be whole numbers of 10 ms. */
  frame(samples: Samples): Samples {
    const own = Float64Array.from(samples);
    const many = this.#thrice(own);
    if (many.length % SUPPRESSED !== 0) throw new RangeError("A piece of sound must be a whole number of 10 ms.");
    for (let at = 0; at < many.length; at += SUPPRESSED) {
      const part = Float32Array.from(many.subarray(at, at + SUPPRESSED));
      this.suppress(part);
      many.set(part, at);
    }
    const late = this.#raw.before(own);
    return Int16Array.from(this.#third(many), (v, i) => Math.max(-32768, Math.min(32767, Math.round((1 - LEFT) * v + LEFT * (late[i] as number)))));
  }

  #thrice(piece: Float64Array): Float64Array {
    const all = this.#in.before(piece);
    const out = new Float64Array(piece.length * TIMES);
    for (let i = 0; i < out.length; i++) {
      // Between the line's samples stand noughts, which need not be added up.
      const newest = Math.floor(i / TIMES);
      let sum = 0;
      for (let back = 0, tap = i % TIMES; tap < FILTER.length; back++, tap += TIMES)
        sum += (FILTER[tap] as number) * (all[this.#in.length + newest - back] as number);
      out[i] = sum * TIMES;
    }
    return out;
  }

  #third(piece: Float64Array): Float64Array {
    const all = this.#out.before(piece);
    const out = new Float64Array(piece.length / TIMES);
    for (let i = 0; i < out.length; i++) {
      let sum = 0;
      for (let tap = 0; tap < FILTER.length; tap++) sum += (FILTER[tap] as number) * (all[this.#out.length + i * TIMES - tap] as number);
      out[i] = sum;
    }
    return out;
  }
}
