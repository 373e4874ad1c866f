import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { nearBySense, SENSE, senseOf, senseOfText } from "./senses.ts";
import { cosine } from "./vectors.ts";

const sense = (word: string): Float32Array => senseOf(word) as Float32Array;

describe("what a word means inside sentences", () => {
  it("is a vector of a length of one, the same for an owner, and none for a made-up word", () => {
    expect(sense("dentist")).toHaveLength(SENSE);
    expect(Math.hypot(...sense("dentist"))).toBeCloseTo(1, 5);
    expect(senseOf("dentist's")).toBe(senseOf("dentist"));
    expect(senseOf("qwxzzy")).toBeNull();
  });

  it.each([
    ["tooth", "dentist", "mortgage"],
    ["rain", "storm", "invoice"],
    ["kitten", "puppy", "engine"],
    ["haircut", "beard", "contract"],
  ])("%s is nearer to %s than to %s", (word, near, far) => {
    expect(cosine(sense(word), sense(near))).toBeGreaterThan(cosine(sense(word), sense(far)));
  });

  it("is as near as can be to itself, and never less than not near", () => {
    expect(nearBySense("massage", "massage")).toBe(1);
    expect(nearBySense("qwxzzy", "qwxzzy")).toBe(1);
    expect(nearBySense("qwxzzy", "massage")).toBe(0);
    fc.assert(
      fc.property(fc.constantFrom("tooth", "rain", "lesson", "the", "price"), fc.constantFrom("dentist", "storm", "teacher", "of", "cost"), (a, b) => {
        const near = nearBySense(a, b);
        expect(near).toBeGreaterThanOrEqual(0);
        expect(near).toBeLessThanOrEqual(1);
        expect(nearBySense(b, a)).toBe(near);
      }),
    );
  });
});

describe("what a text means", () => {
  it("is told by its rare words rather than by its common ones", () => {
    const text = senseOfText("the dentist");
    expect(cosine(text, sense("dentist"))).toBeGreaterThan(cosine(text, sense("the")));
  });

  it("is nothing where no word has a sense", () => {
    expect([...senseOfText("")].every((n) => n === 0)).toBe(true);
    expect([...senseOfText("qwxzzy 17 ??")].every((n) => n === 0)).toBe(true);
  });

  it("is alike where the same is said in other words", () => {
    const asked = senseOfText("is there somewhere to leave my car");
    expect(cosine(asked, senseOfText("where can I park"))).toBeGreaterThan(cosine(asked, senseOfText("do you give refunds")));
  });

  it("is of a length of one, or of none, whatever is said", () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 80 }), (text) => {
        const length = Math.hypot(...senseOfText(text));
        expect(length === 0 || Math.abs(length - 1) < 1e-4).toBe(true);
      }),
    );
  });
});
