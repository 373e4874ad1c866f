import { describe, expect, it } from "vitest";
import topics from "../language/packs/en/topics.json" with { type: "json" };
import { modelOf } from "../language/training.ts";
import { OF_TOPICS, topicsOf } from "./topics.ts";

const likeliest = (text: string): string => {
  const shares = topicsOf(text);
  return topics.labels[shares.indexOf(Math.max(...shares))] as string;
};

describe("what a question is about", () => {
  it("is told by shares that add up to one, of a text without any word too", () => {
    for (const text of ["where do I leave the car", "", "zzyzx"])
      expect(
        topicsOf(text).reduce((a, b) => a + b, 0),
        text,
      ).toBeCloseTo(1, 6);
  });

  it.each([
    ["any stairs for a lady on two sticks", "access"],
    ["the dishwasher flooded us, would half an hour's delay cost me my place", "late"],
    ["would an espresso be possible", "drinks"],
    ["is the hallway somewhere a double pushchair gets through", "access"],
    ["must one pay for a parked motorhome", "parking"],
  ])("is told of what no example says: %s", (text, topic) => {
    expect(likeliest(text)).toBe(topic);
  });

  it("is the same whatever the question is made of besides", () => {
    const [plain, wordy] = ["parking", "would there be some of the parking for us please"].map((t) => OF_TOPICS.features(t));
    expect(wordy).toEqual(plain);
  });

  it("learns headings of several words", () => {
    const small = "= by land\ntake a tram\nthe tram is quick\n= by sea\ntake a ferry\nthe ferry is slow";
    const model = modelOf(small, () => true, 1, OF_TOPICS);
    expect(model.labels).toEqual(["by land", "by sea"]);
    const shares = topicsOf("is there a ferry", undefined, model);
    expect(shares[1]).toBeGreaterThan(shares[0] as number);
  });
});
