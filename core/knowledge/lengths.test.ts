import { describe, expect, it } from "vitest";
import type { Service } from "../house/schema.ts";
import { lengthTold } from "./lengths.ts";

const of = (about: string | undefined, ...lengths: number[]): Service =>
  ({ id: "s", name: "Service", ...(about ? { about } : {}), variants: lengths.map((lengthMin) => ({ lengthMin, priceMinor: 1000 })) }) as unknown as Service;

describe("the length that a description ties to words", () => {
  const arms = of("Lower arms in twenty minutes, whole arms in thirty-five.", 20, 35);

  it.each([
    ["the lower arm please", 20],
    ["both arms, the entire thing", 35],
    ["full arms", 35],
    ["my arms", null],
    ["twenty people told me", null],
    ["lower, no, whole", null],
  ])("%s: %s", (text, minutes) => {
    expect(lengthTold(arms, text)).toBe(minutes);
  });

  it("is read from hours and halves of them too", () => {
    const tour = of("Beginners stay for half an hour; groups for an hour and a half; families an hour.", 30, 60, 90);
    expect(lengthTold(tour, "we are a group")).toBe(90);
    expect(lengthTold(tour, "i am a beginner")).toBe(30);
    expect(lengthTold(tour, "our family")).toBe(60);
  });

  it("is none where nothing is told, or nothing is to be told apart", () => {
    expect(lengthTold(of(undefined, 30, 60), "the lower arm")).toBeNull();
    expect(lengthTold(of("Lower arms in twenty minutes.", 20), "the lower arm")).toBeNull();
    expect(lengthTold(of("Twenty or thirty-five minutes for lower arms.", 20, 35), "the lower arm")).toBeNull();
  });
});
