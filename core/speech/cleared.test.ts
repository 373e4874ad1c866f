import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { Cleared, LATE, SUPPRESSED } from "./cleared.ts";
import { joined, loudness, RATE, type Samples } from "./sound.ts";

const tone = (hz: number, ms: number): Samples => Int16Array.from({ length: (RATE * ms) / 1000 }, (_, i) => 8000 * Math.sin((2 * Math.PI * hz * i) / RATE));
/** A suppressor that changes nothing, and is late as one is: by two pieces. */
const idle = () => {
  const past = [new Float32Array(SUPPRESSED), new Float32Array(SUPPRESSED)];
  return (s: Float32Array): void => {
    past.push(Float32Array.from(s));
    s.set(past.shift() as Float32Array);
  };
};
const through = (cleared: Cleared, sound: Samples, piece: number): Samples =>
  joined(Array.from({ length: sound.length / piece }, (_, i) => cleared.frame(sound.slice(i * piece, (i + 1) * piece))));

describe("a line's sound on its way through a suppressor", () => {
  it.each([120, 440, 1800, 6500])("comes out as it went in where nothing is suppressed, and late by what is told: %i Hz", (hz) => {
    const sound = tone(hz, 400);
    const out = through(new Cleared(idle()), sound, 320);
    const off = out.slice(LATE + 500).map((v, i) => v - (sound[i + 500] as number));
    expect(loudness(off)).toBeLessThan(loudness(sound) - 35);
  });

  it("keeps a tenth of what the suppressor mutes", () => {
    const sound = tone(440, 200);
    const out = through(new Cleared((s) => void s.fill(0)), sound, 320);
    for (let i = 0; i < out.length; i++) expect(Math.abs((out[i] as number) - (i < LATE ? 0 : 0.1 * (sound[i - LATE] as number)))).toBeLessThanOrEqual(0.5);
  });

  it("is given to the suppressor 480 samples at a time, at 48 kHz", () => {
    const given: number[] = [];
    let crossings = 0;
    let last = 0;
    new Cleared((s) => {
      given.push(s.length);
      // The filter has to fill up first.
      if (given.length <= 2) return;
      for (const v of s) {
        if (last <= 0 && v > 0) crossings++;
        last = v;
      }
    }).frame(tone(1000, 100));
    expect(given).toEqual(Array.from({ length: 10 }, () => 480));
    expect(crossings).toBeGreaterThanOrEqual(79);
    expect(crossings).toBeLessThanOrEqual(81);
  });

  it("is the same in whatever pieces it comes, as long, and never louder than 16 bits can say", () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -32768, max: 32767 }), { minLength: 1920, maxLength: 1920 }), (values) => {
        const sound = Int16Array.from(values);
        const whole = new Cleared(idle()).frame(sound);
        expect(whole).toHaveLength(sound.length);
        expect(through(new Cleared(idle()), sound, 160)).toEqual(whole);
        expect(through(new Cleared(idle()), sound, 640)).toEqual(whole);
      }),
      { numRuns: 20 },
    );
  });

  it("must come in whole pieces of 10 ms", () => {
    expect(() => new Cleared(idle()).frame(new Int16Array(100))).toThrow("10 ms");
    expect(new Cleared(idle()).frame(new Int16Array(0))).toHaveLength(0);
  });
});
