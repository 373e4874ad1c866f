import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { RATE, type Samples } from "@gentian/core/speech/sound";
import { Mouth, type Told } from "./mouth.ts";

const LOUD = 5000;
/** A voice that takes 60 ms a letter. */
const voice = (text: string): Promise<Samples> => Promise.resolve(new Int16Array(text.length * 0.06 * RATE).fill(LOUD));
const settle = (): Promise<void> => new Promise(setImmediate);

async function saying(text: string, speak = voice): Promise<Mouth> {
  const mouth = new Mouth(speak, () => undefined);
  mouth.say(text, "receptionist");
  await settle();
  return mouth;
}

/** Plays so many frames; gives how loud each was (null where nothing was said) and what was told. */
async function play(mouth: Mouth, frames: number, fromMs = 0): Promise<{ loud: (number | null)[]; told: Told[] }> {
  const loud: (number | null)[] = [];
  const told: Told[] = [];
  for (let i = 0; i < frames; i++) {
    const f = mouth.frame(fromMs + (i + 1) * 20);
    loud.push(f ? Math.max(...f.samples) : null);
    if (f?.told) told.push(f.told);
    await settle();
  }
  return { loud, told };
}

describe("what it speaks with", () => {
  it("says all of it, and tells each word with its time, in order", async () => {
    const mouth = await saying("Good morning. How can I help?");
    const { told, loud } = await play(mouth, 120);
    expect(told).toHaveLength(1);
    expect(told[0]).toMatchObject({ who: "receptionist", text: "Good morning. How can I help?", fromMs: 20 });
    expect(told[0]?.words.map((w) => w.word).join(" ")).toBe("Good morning. How can I help?");
    const times = told[0]?.words.flatMap((w) => [w.fromMs, w.toMs]) ?? [];
    expect(times).toEqual([...times].sort((a, b) => a - b));
    expect(loud.at(-1)).toBeNull();
    expect(mouth.speaking).toBe(false);
  });

  it("is quieter in a tenth of a second where the caller makes a sound, and aloud again", async () => {
    const mouth = await saying("There is a good deal to say about this, and so it goes on and on.");
    await play(mouth, 10);
    mouth.quieter();
    const { loud } = await play(mouth, 5);
    expect(loud.at(-1)).toBeLessThan(LOUD / 4);
    mouth.aloud();
    expect((await play(mouth, 5)).loud.at(-1)).toBe(LOUD);
  });

  it("tells what was heard of it when it is broken off, and goes on with the rest", async () => {
    const mouth = await saying("Taping is 15 minutes. It costs $25. Shall I book it?");
    await play(mouth, 80);
    const told = mouth.stop();
    expect(told?.text).toMatch(/^Taping is 15 minutes\./);
    expect(told?.text).not.toContain("Shall");
    expect(told?.words.length).toBe(told?.text.split(" ").length);
    expect(mouth.speaking).toBe(false);
    expect(mouth.brokenOff).toBe(true);
    mouth.goOn();
    expect(mouth.brokenOff).toBe(false);
    const { told: rest } = await play(mouth, 200, 1600);
    expect(rest.at(-1)?.text).toContain("Shall I book it?");
  });

  it("forgets what is left where the caller says something of their own", async () => {
    const mouth = await saying("Taping is 15 minutes. It costs $25. Shall I book it?");
    await play(mouth, 80);
    mouth.stop();
    expect(mouth.leaveOff()).toBe("Taping is 15 minutes.");
    expect(mouth.brokenOff).toBe(false);
    expect(mouth.speaking).toBe(false);
  });

  it("tells nothing where nothing of it was heard yet", async () => {
    const mouth = await saying("Taping is 15 minutes.");
    expect(mouth.stop()).toBeNull();
  });

  it("waits for its first words, and leaves out what no voice can say", async () => {
    const making: Promise<void>[] = [];
    const mouth = new Mouth(
      (text) => (text.startsWith("Taping") ? Promise.reject(new Error("no voice")) : voice(text)),
      (p) => making.push(p),
    );
    mouth.say("Taping is 15 minutes. It costs $25.", "desk");
    expect(mouth.waits).toBe(true);
    expect(mouth.frame(20)).toBeNull();
    expect(making).toHaveLength(1);
    await making[0];
    await settle();
    expect(mouth.waits).toBe(false);
    const { told } = await play(mouth, 100);
    expect(told[0]).toMatchObject({ who: "desk", text: "Taping is 15 minutes. It costs $25." });
    expect(told[0]?.words.slice(-3).map((w) => w.word)).toEqual(["It", "costs", "$25."]);
  });

  it("knows the question that it asked last, but for one", async () => {
    const mouth = await saying("How can I help? May I record this call, yes or no?");
    expect(mouth.asked("May I record this call, yes or no?")).toBe("How can I help?");
    expect((await saying("Goodbye.")).asked("")).toBe("");
  });

  it("whenever it is broken off, has said a beginning of its words and all of them in the end", async () => {
    const text = "Taping is 15 minutes. It costs $25. Shall I book it for tomorrow at ten?";
    await fc.assert(
      fc.asyncProperty(fc.array(fc.integer({ min: 1, max: 90 }), { maxLength: 6 }), async (breaks) => {
        const mouth = await saying(text);
        let at = 0;
        for (const frames of breaks) {
          await play(mouth, frames, at);
          at += frames * 20;
          const told = mouth.stop();
          if (told) expect(text.startsWith(told.text)).toBe(true);
          if (!mouth.brokenOff) break;
          mouth.goOn();
        }
        await play(mouth, 400, at);
        expect(mouth.speaking).toBe(false);
      }),
      { numRuns: 30 },
    );
  });
});
