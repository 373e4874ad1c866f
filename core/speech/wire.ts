import { bytesOf, FRAME, samplesOf, type Samples } from "./sound.ts";

/**
 * Sound on the phone line's wire: four bytes that count the frames (little endian), then samples of 16 bit, little
 * endian, one channel, 16 kHz; a frame of 20 ms, or several of them.
 */
export function framed(seq: number, samples: Samples): Uint8Array {
  const out = new Uint8Array(4 + samples.length * 2);
  new DataView(out.buffer).setUint32(0, seq >>> 0, true);
  out.set(bytesOf(samples), 4);
  return out;
}

/** The most samples that one message may carry: a second. */
const MOST = 16_000;

export function unframed(bytes: Uint8Array): { seq: number; samples: Samples } | null {
  if (bytes.length < 6 || bytes.length % 2 !== 0 || (bytes.length - 4) / 2 > MOST) return null;
  return { seq: new DataView(bytes.buffer, bytes.byteOffset, 4).getUint32(0, true), samples: samplesOf(bytes.subarray(4)) };
}

/** A gap in the frames is filled with silence up to this, 500 ms. */
const LONGEST_GAP = 25;

export interface Arrivals {
  /** The number of the frame that comes next. */
  next: number;
  rest: Samples;
}

/**
 * Puts arriving sound in order: frames that come late are left out, a gap is filled with silence, and what comes is cut
 * into frames of 20 ms.
 */
export function arrived(state: Arrivals, seq: number, samples: Samples): { state: Arrivals; frames: Samples[] } {
  const frames: Samples[] = [];
  // The count goes round after 2^32.
  const ahead = (seq - state.next) | 0;
  if (ahead < 0) return { state, frames };
  for (let i = 0; i < Math.min(ahead, LONGEST_GAP); i++) frames.push(new Int16Array(FRAME));
  const all = new Int16Array(state.rest.length + samples.length);
  all.set(state.rest);
  all.set(samples, state.rest.length);
  let at = 0;
  let count = 0;
  for (; at + FRAME <= all.length; at += FRAME, count++) frames.push(all.slice(at, at + FRAME));
  return { state: { next: (seq + Math.max(1, count)) >>> 0, rest: all.slice(at) }, frames };
}
