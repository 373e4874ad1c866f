/** Sound as the phone line carries it: 16 kHz, 16 bit, one channel, in frames of 20 ms. */
export const RATE = 16_000;
export const FRAME_MS = 20;
export const FRAME = (RATE * FRAME_MS) / 1000;

export type Samples = Int16Array;

/** What a sound file holds. Channels are samples from -1 to 1. */
export interface Sound {
  rate: number;
  channels: Float32Array[];
}

/** A sound file that cannot be used: what is wrong with it, and what to do. */
export class SoundFault extends Error {}

const text = (b: DataView, at: number): string => String.fromCharCode(b.getUint8(at), b.getUint8(at + 1), b.getUint8(at + 2), b.getUint8(at + 3));

/** Reads a WAV file (RIFF): 8, 16, 24 or 32 bit PCM, or 32 bit floating point, any rate, any number of channels. */
export function readWav(bytes: Uint8Array): Sound {
  const b = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  if (bytes.length < 44 || text(b, 0) !== "RIFF" || text(b, 8) !== "WAVE") throw new SoundFault("This is not a WAV file. Save the sound as WAV and try again.");
  let format: { kind: number; channels: number; rate: number; bits: number } | null = null;
  for (let at = 12; at + 8 <= bytes.length;) {
    const name = text(b, at);
    const size = b.getUint32(at + 4, true);
    const body = at + 8;
    if (name === "fmt " && size >= 16 && body + 16 <= bytes.length) {
      const tag = b.getUint16(body, true);
      // The extensible format keeps its kind further on.
      const kind = tag === 0xfffe && size >= 26 ? b.getUint16(body + 24, true) : tag;
      format = { kind, channels: b.getUint16(body + 2, true), rate: b.getUint32(body + 4, true), bits: b.getUint16(body + 14, true) };
    }
    if (name === "data") {
      if (!format) break;
      const { kind, channels, rate, bits } = format;
      if (!((kind === 1 && [8, 16, 24, 32].includes(bits)) || (kind === 3 && bits === 32)) || channels < 1 || rate < 1000)
        throw new SoundFault(`This WAV file is coded in a way that is not read here (kind ${kind}, ${bits} bit). Save it as 16 bit PCM.`);
      // A file that was cut off, or streamed, says more than there is.
      const step = (bits / 8) * channels;
      const count = Math.floor(Math.min(size, bytes.length - body) / step);
      const out = Array.from({ length: channels }, () => new Float32Array(count));
      for (let i = 0; i < count; i++)
        for (let c = 0; c < channels; c++) {
          const p = body + i * step + c * (bits / 8);
          (out[c] as Float32Array)[i] =
            kind === 3
              ? b.getFloat32(p, true)
              : bits === 8
                ? (b.getUint8(p) - 128) / 128
                : bits === 16
                  ? b.getInt16(p, true) / 32768
                  : bits === 24
                    ? ((b.getInt8(p + 2) << 16) | b.getUint16(p, true)) / 8388608
                    : b.getInt32(p, true) / 2147483648;
        }
      return { rate, channels: out };
    }
    at = body + size + (size % 2);
  }
  throw new SoundFault("This WAV file holds no sound. Save it again and try once more.");
}

/** A WAV file of 16 bit PCM; every channel as many samples as the longest. */
export function writeWav(channels: readonly Samples[], rate = RATE): Uint8Array {
  const count = Math.max(0, ...channels.map((c) => c.length));
  const step = 2 * channels.length;
  const out = new Uint8Array(44 + count * step);
  const b = new DataView(out.buffer);
  const put = (at: number, s: string): void => [...s].forEach((c, i) => b.setUint8(at + i, c.charCodeAt(0)));
  put(0, "RIFF");
  b.setUint32(4, 36 + count * step, true);
  put(8, "WAVEfmt ");
  b.setUint32(16, 16, true);
  b.setUint16(20, 1, true);
  b.setUint16(22, channels.length, true);
  b.setUint32(24, rate, true);
  b.setUint32(28, rate * step, true);
  b.setUint16(32, step, true);
  b.setUint16(34, 16, true);
  put(36, "data");
  b.setUint32(40, count * step, true);
  for (let i = 0; i < count; i++) channels.forEach((c, k) => b.setInt16(44 + i * step + 2 * k, c[i] ?? 0, true));
  return out;
}

/** Half the width of the resampling filter, in zero crossings. */
const CROSSINGS = 16;

/**
 * The same sound at another rate: band-limited interpolation with a windowed sinc (Julius O. Smith, "Digital Audio
 * Resampling"), the window Hann's.
 */
export function resample(from: Float32Array, rate: number, to: number): Float32Array {
  if (rate === to) return from;
  const ratio = to / rate;
  const cut = Math.min(1, ratio);
  const reach = CROSSINGS / cut;
  const out = new Float32Array(Math.floor(from.length * ratio));
  for (let i = 0; i < out.length; i++) {
    const centre = i / ratio;
    let sum = 0;
    for (let j = Math.max(0, Math.ceil(centre - reach)); j <= Math.min(from.length - 1, Math.floor(centre + reach)); j++) {
      const x = (j - centre) * cut;
      const sinc = x === 0 ? 1 : Math.sin(Math.PI * x) / (Math.PI * x);
      sum += (from[j] as number) * sinc * 0.5 * (1 + Math.cos((Math.PI * x) / CROSSINGS));
    }
    out[i] = sum * cut;
  }
  return out;
}

/** A sound as the line carries it: its channels made one, at 16 kHz, 16 bit. */
export function toLine(sound: Sound): Samples {
  const [first] = sound.channels;
  if (!first) return new Int16Array(0);
  const mono = new Float32Array(first.length);
  for (const c of sound.channels) for (let i = 0; i < mono.length; i++) mono[i] = (mono[i] as number) + (c[i] as number) / sound.channels.length;
  const at = resample(mono, sound.rate, RATE);
  const out = new Int16Array(at.length);
  for (let i = 0; i < at.length; i++) out[i] = Math.max(-32768, Math.min(32767, Math.round((at[i] as number) * 32768)));
  return out;
}

/** How loud a stretch of samples is: its root mean square in dB below full scale; -100 where there is nothing. */
export function loudness(samples: Samples): number {
  let sum = 0;
  for (const s of samples) sum += s * s;
  const rms = Math.sqrt(sum / Math.max(1, samples.length)) / 32768;
  return rms < 1e-5 ? -100 : 20 * Math.log10(rms);
}

export function joined(parts: readonly Samples[]): Samples {
  const out = new Int16Array(parts.reduce((n, p) => n + p.length, 0));
  let at = 0;
  for (const p of parts) {
    out.set(p, at);
    at += p.length;
  }
  return out;
}

/** Samples of raw 16 bit little-endian bytes. An odd last byte is left out. */
export function samplesOf(bytes: Uint8Array): Samples {
  const out = new Int16Array(bytes.length >> 1);
  const b = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  for (let i = 0; i < out.length; i++) out[i] = b.getInt16(2 * i, true);
  return out;
}

export function bytesOf(samples: Samples): Uint8Array {
  const out = new Uint8Array(samples.length * 2);
  const b = new DataView(out.buffer);
  samples.forEach((s, i) => b.setInt16(2 * i, s, true));
  return out;
}

/** Two sides of a call as they stand in a stereo file: a sample of the left, one of the right; the shorter ends in silence. */
export function interleaved(left: Samples, right: Samples): Samples {
  const out = new Int16Array(2 * Math.max(left.length, right.length));
  left.forEach((s, i) => (out[2 * i] = s));
  right.forEach((s, i) => (out[2 * i + 1] = s));
  return out;
}

/** The two sides again. */
export function apart(both: Samples): [Samples, Samples] {
  const count = both.length >> 1;
  return [Int16Array.from({ length: count }, (_, i) => both[2 * i] as number), Int16Array.from({ length: count }, (_, i) => both[2 * i + 1] as number)];
}
