import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoHouse } from "../../testing/demo.ts";
import { spoken, timeAloud } from "./speech.ts";

const house = demoHouse();

describe("a reply said aloud", () => {
  it.each([
    ["That is Thursday 4 March at 2:30 pm, $95.", "That is Thursday the fourth of March at two thirty in the afternoon, ninety-five dollars."],
    ["$37.50 is charged.", "thirty-seven dollars and fifty cents is charged."],
    ["I have 902 555 0142. Is that right?", "I have nine oh two, five five five, oh one four two. Is that right?"],
    ["Open 8:00 am to 7:00 pm.", "Open eight in the morning to seven in the evening."],
    ["At 12:00 pm.", "At noon."],
    ["I have ana.petrov@mail.example.", "I have ana dot petrov at mail dot example."],
    ["Have you been to us before? (1 of 5)", "Have you been to us before?, one of five,"],
    ["45 minutes, less than 24 hours before", "forty-five minutes, less than twenty-four hours before"],
    ["at 10:05 am", "at ten oh five in the morning"],
    ["I have Nia Amo, N-I-A, A-M-O. Is that right?", "I have Nia Amo, N as in November, I, A, A, M as in Mike, O. Is that right?"],
    ["a mid-morning X-ray", "a mid-morning X-ray"],
  ])("%s", (written, said) => {
    expect(spoken(written, house)).toBe(said);
  });

  it("leaves no figure of a time, a sum, a date or a number", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1439 }), fc.integer({ min: 1, max: 99999 }), fc.integer({ min: 1, max: 28 }), (m, cents, date) => {
        const clock = `${Math.floor(m / 60) % 12 || 12}:${String(m % 60).padStart(2, "0")} ${m < 720 ? "am" : "pm"}`;
        const text = `On Monday ${date} June at ${clock} for $${(cents / 100).toFixed(2)}, call 902 555 0142.`;
        expect(spoken(text, house)).not.toMatch(/\d|\$/);
      }),
    );
  });

  it("says every minute of the day in words of its own", () => {
    const all = new Set(Array.from({ length: 1440 }, (_, m) => timeAloud(m, true)));
    expect(all.size).toBe(1440);
  });
});
