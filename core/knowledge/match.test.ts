import { describe, expect, it } from "vitest";
import { houseOf, demoFile } from "../testing/demo.ts";
import { setHouse } from "../testing/sets.ts";
import { answerTo, described, matches, signsOf, SUPPORTS } from "./match.ts";

const demo = houseOf(demoFile());

describe("the lines that a question is matched with", () => {
  it("answer though they share no word with it", () => {
    const hit = answerTo(demo, "would our spaniel have to stay outside");
    expect(hit?.passage.id).toBe("dogs");
    expect(hit?.sure).toBeGreaterThanOrEqual(SUPPORTS);
  });

  it("are none where nothing is known of the matter", () => {
    for (const q of ["do you breed llamas", "how deep is the harbour", ""]) expect(answerTo(demo, q)).toBeNull();
  });

  it("stand in the order of how sure they are, each once", () => {
    const list = matches(demo, "can I pay by card and do you take my plan", 50);
    expect(list.map((m) => m.sure)).toEqual([...list.map((m) => m.sure)].sort((a, b) => b - a));
    expect(new Set(list.map((m) => `${m.passage.kind} ${m.passage.id}`)).size).toBe(list.length);
  });

  it("have signs that are numbers, whatever is asked", () => {
    for (const q of ["???", "x".repeat(500), "the the the", "päïn 12 %", "do"])
      for (const { signs } of signsOf(demo, q)) expect(signs.every(Number.isFinite)).toBe(true);
  });

  it("do not mix up words that share only a short stem", () => {
    // "Taping" and "tap" have one stem and nothing else in common.
    expect(answerTo(demo, "does the kitchen tap drip")?.passage.id).not.toBe("taping");
  });
});

describe("a service by its description", () => {
  const massages = ["sports-massage", "relaxation-massage"];

  it("is the one whose lines speak of what was said", () => {
    expect(described(demo, massages, "the gentle one")).toBe("relaxation-massage");
    expect(described(demo, massages, "something firm for my muscles")).toBe("sports-massage");
  });

  it("is none where nothing tells them apart", () => {
    expect(described(demo, massages, "the massage")).toBeNull();
    expect(described(demo, massages, "I was here in winter")).toBeNull();
    expect(described(demo, massages, "")).toBeNull();
  });

  it("holds in a house of another trade", () => {
    const house = setHouse("fifth", "sorrel");
    expect(described(house, ["single", "joint"], "the one for two who file together")).toBe("joint");
  });
});
