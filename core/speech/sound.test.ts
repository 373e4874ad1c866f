import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { activity, silentRoom } from "./activity.ts";
import { keyIn, keys, noKey } from "./dtmf.ts";
import { medianWait, spokenAt, type SpokenTurn } from "./kept.ts";
import { respelled } from "./respelled.ts";
import { FRAME, joined, loudness, RATE, readWav, resample, SoundFault, toLine, writeWav, type Samples, apart, interleaved } from "./sound.ts";
import { webvtt } from "./webvtt.ts";
import { arrived, framed, unframed } from "./wire.ts";

const tone = (hertz: readonly number[], loud = 0.3, ms = 20, rate = RATE): Float32Array =>
  Float32Array.from({ length: (rate * ms) / 1000 }, (_, i) =>
    hertz.reduce((sum, hz) => sum + (loud / hertz.length) * Math.sin((2 * Math.PI * hz * i) / rate), 0),
  );
const pcm = (f: Float32Array): Samples => Int16Array.from(f, (x) => Math.round(x * 32767));

describe("sound files", () => {
  it("are read as they were written", () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -32768, max: 32767 }), { minLength: 1, maxLength: 200 }), (list) => {
        const samples = Int16Array.from(list);
        const wav = readWav(writeWav([samples, samples]));
        expect(wav.rate).toBe(RATE);
        expect(wav.channels).toHaveLength(2);
        expect(toLine(wav)).toEqual(samples);
      }),
    );
  });

  it("of other rates and channels come to the line's own, with the same tone", () => {
    for (const rate of [8000, 22_050, 44_100, 48_000]) {
      const left = tone([440], 0.5, 400, rate);
      const line = toLine({ rate, channels: [left, left] });
      expect(line.length / RATE).toBeCloseTo(0.4, 2);
      const middle = line.slice(1600, 4800);
      let crossings = 0;
      for (let i = 1; i < middle.length; i++) if ((middle[i - 1] as number) < 0 && (middle[i] as number) >= 0) crossings++;
      expect(Math.abs(crossings - 88)).toBeLessThanOrEqual(1);
      expect(loudness(middle)).toBeCloseTo(20 * Math.log10(0.5 / Math.SQRT2), 0);
    }
  });

  it("lose what the line cannot carry, instead of folding it back", () => {
    const high = resample(tone([11_000], 0.5, 200, 44_100), 44_100, RATE);
    expect(loudness(pcm(high.slice(400, -400)))).toBeLessThan(-45);
  });

  it("that are none are refused in words", () => {
    expect(() => readWav(new Uint8Array(10))).toThrow(SoundFault);
    expect(() => readWav(new TextEncoder().encode("RIFF....WAVEnothing to hear in here, only these letters"))).toThrow(/no sound/);
    const coded = writeWav([new Int16Array(10)]);
    new DataView(coded.buffer).setUint16(20, 6, true);
    expect(() => readWav(coded)).toThrow(/16 bit PCM/);
    const cut = writeWav([new Int16Array(100)]).slice(0, 100);
    expect(readWav(cut).channels[0]).toHaveLength(28);
  });
});

describe("somebody's sound", () => {
  const noise = (loud: number, seed = 1): Samples => {
    let s = seed;
    return Int16Array.from({ length: FRAME }, () => {
      s = (Math.imul(s, 1664525) + 1013904223) >>> 0;
      return Math.round((s / 2 ** 32 - 0.5) * 2 * loud * 32767);
    });
  };
  const heard = (frames: Samples[]): boolean[] => {
    let state = silentRoom();
    return frames.map((f) => (state = activity(state, f)).sounding);
  };
  it("is told from a quiet room, from a noisy one, and from a click", () => {
    const speech = Array.from({ length: 30 }, () => pcm(tone([150, 900], 0.3)));
    for (const loud of [0, 0.001, 0.02]) {
      const room = Array.from({ length: 100 }, (_, i) => noise(loud, i + 1));
      const all = heard([...room, ...speech, ...room]);
      expect(all.slice(20, 100).filter(Boolean)).toHaveLength(0);
      expect(all.slice(104, 130).every(Boolean)).toBe(true);
      expect(all.slice(135, 200).filter(Boolean)).toHaveLength(0);
    }
    expect(heard([...Array.from({ length: 20 }, () => noise(0)), pcm(tone([900], 0.8)), ...Array.from({ length: 5 }, () => noise(0))])).not.toContain(true);
  });
});

describe("keys by their tones", () => {
  // ITU-T Recommendation Q.23: the low tone of the row and the high tone of the column.
  const LOW: Record<string, number> = {
    "1": 697,
    "2": 697,
    "3": 697,
    "4": 770,
    "5": 770,
    "6": 770,
    "7": 852,
    "8": 852,
    "9": 852,
    "*": 941,
    "0": 941,
    "#": 941,
  };
  const HIGH: Record<string, number> = {
    "1": 1209,
    "4": 1209,
    "7": 1209,
    "*": 1209,
    "2": 1336,
    "5": 1336,
    "8": 1336,
    "0": 1336,
    "3": 1477,
    "6": 1477,
    "9": 1477,
    "#": 1477,
  };
  it.each(Object.keys(LOW))("hears %s", (key) => {
    expect(keyIn(pcm(tone([LOW[key] as number, HIGH[key] as number])))).toBe(key);
    // 1.5 per cent off is still the key.
    expect(keyIn(pcm(tone([(LOW[key] as number) * 1.015, (HIGH[key] as number) * 0.985])))).toBe(key);
  });
  it("hears none in one tone, in a voice, or in silence", () => {
    expect(keyIn(pcm(tone([697])))).toBeNull();
    expect(keyIn(pcm(tone([150, 300, 450, 900, 1400])))).toBeNull();
    expect(keyIn(new Int16Array(FRAME))).toBeNull();
  });
  it("tells a key once, however long it is held, and again after it was let go", () => {
    const five = pcm(tone([770, 1336]));
    const none = new Int16Array(FRAME);
    let state = noKey();
    const told = [five, five, five, five, none, five, five].map((f) => {
      const k = keys(state, f);
      state = k.state;
      return k.pressed;
    });
    expect(told).toEqual([null, "5", null, null, null, null, "5"]);
  });
});

describe("the wire", () => {
  it("carries sound and its count there and back", () => {
    const f = unframed(framed(7, Int16Array.from([1, -2, 32767])));
    expect(f).toEqual({ seq: 7, samples: Int16Array.from([1, -2, 32767]) });
    expect(unframed(new Uint8Array(5))).toBeNull();
    expect(unframed(new Uint8Array(9))).toBeNull();
    expect(unframed(new Uint8Array(100_000))).toBeNull();
  });

  it("puts frames in order: late ones are left out, gaps are silence, and the time is kept", () => {
    const frame = (n: number): Samples => new Int16Array(FRAME).fill(n);
    let state = { next: 0, rest: new Int16Array(0) as Samples };
    const come = (seq: number, s: Samples): number[] => {
      const a = arrived(state, seq, s);
      state = a.state;
      return a.frames.map((f) => f[0] as number);
    };
    expect(come(0, frame(1))).toEqual([1]);
    expect(come(3, frame(4))).toEqual([0, 0, 4]);
    expect(come(2, frame(3))).toEqual([]);
    expect(come(4, joined([frame(5), frame(6)]))).toEqual([5, 6]);
    expect(come(6, frame(7))).toEqual([7]);
    // A long gap is not filled up for ever.
    expect(come(10_000, frame(8)).length).toBeLessThanOrEqual(26);
    expect(come(10_001, frame(9))).toEqual([9]);
  });
});

describe("a transcript with times", () => {
  it("is WebVTT: its line, its stamps, each with who speaks", () => {
    const text = webvtt([
      { fromMs: 61_500, toMs: 62_000, who: "Client", text: "a <b> & c" },
      { fromMs: 0, toMs: 900, who: "Receptionist", text: "Good\nmorning." },
    ]);
    expect(text).toBe(
      "WEBVTT\n\n00:00:00.000 --> 00:00:00.900\n<v Receptionist>Good morning.\n\n00:01:01.500 --> 00:01:02.000\n<v Client>a &lt;b&gt; &amp; c\n",
    );
  });
});

describe("what is kept of a call", () => {
  const turn = (who: SpokenTurn["who"], text: string, fromMs: number, waitMs?: number): SpokenTurn => ({
    who,
    text,
    fromMs,
    toMs: fromMs + 2000,
    words: [],
    ...(waitMs === undefined ? {} : { waitMs }),
  });
  const call = {
    lengthMs: 60_000,
    turns: [
      turn("receptionist", "What shall I tell them?", 0),
      turn("client", "please tell Nell that I'm late", 10_000, 900),
      turn("receptionist", "please tell Nell that I'm late, I'll pass that on", 15_000),
      turn("client", "thanks bye", 20_000, 500),
    ],
  };
  it("finds where a message was spoken, by the caller and not by who says it back", () => {
    expect(spokenAt(call, 60_000, "Please tell Nell that I'm late.")).toEqual({ fromMs: 9600, toMs: 12_400 });
    expect(spokenAt(call, 60_000, "From a caller: please tell Nell that I'm late (taping)")).toEqual({ fromMs: 9600, toMs: 12_400 });
    expect(spokenAt(call, 60_000, "something else")).toEqual({ fromMs: 19_600, toMs: 22_400 });
    expect(spokenAt({ lengthMs: 60_000, turns: [] }, 59_000, "x")).toEqual({ fromMs: 0, toMs: 59_000 });
  });
  it("gives the whole of a recording that holds the message alone", () => {
    expect(spokenAt(call, 8000, "please tell Nell that I'm late")).toEqual({ fromMs: 0, toMs: 8000 });
  });
  it("knows the wait in the middle, and that there may be none", () => {
    expect(medianWait(call.turns)).toBe(900);
    expect(medianWait([])).toBeUndefined();
  });
  it("puts two sides together as a stereo file has them, and takes them apart again", () => {
    expect([...interleaved(Int16Array.of(1, 2), Int16Array.of(3))]).toEqual([1, 3, 2, 0]);
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.integer({ min: -32768, max: 32767 }), fc.integer({ min: -32768, max: 32767 }))), (pairs) => {
        const left = Int16Array.from(pairs, ([l]) => l);
        const right = Int16Array.from(pairs, ([, r]) => r);
        expect(apart(interleaved(left, right))).toEqual([left, right]);
      }),
    );
  });
  it("says words as the house writes them for the voice, whole words alone", () => {
    const said = new Map([["nell", "nel"]]);
    expect(respelled("Nell, and Nelly; nell's", said)).toBe("nel, and Nelly; nell's");
  });
});
