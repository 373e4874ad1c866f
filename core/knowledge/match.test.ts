import { describe, expect, it } from "vitest";
import { houseOf, demoFile } from "../testing/demo.ts";
import { setHouse } from "../testing/sets.ts";
import { answerTo, described, matches, signsOf, SUPPORTS, thingAskedFor } from "./match.ts";
import { aboutInside, contentOf, termsOf } from "./search.ts";

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

describe("what a text speaks of", () => {
  const keys = (text: string): string[] => termsOf(text).map((t) => t.key);

  it("is the same for words that ask for the same at a front desk", () => {
    expect(keys("can I just walk in")).toContain("~walkin");
    expect(keys("do you take walk-ins?")).toContain("~walkin");
    expect(keys("is he too young")).toContain("~age");
    expect(keys("how long before should I get there")).toContain("~early");
  });

  it("has the age of who is spoken of, and no age where a number is an hour or a sum", () => {
    for (const text of ["he's 15, is that alright?", "she is only six", "they are nearly 12."]) expect(keys(text), text).toContain("~age");
    for (const text of ["it's 15 minutes", "he's 15 minutes late", "she is six feet tall", "we are at 12 Wharf Lane"])
      expect(keys(text), text).not.toContain("~age");
  });

  it("has no small words, and every word of several only once it is one", () => {
    expect(contentOf("do you have the one that I would like")).toEqual([]);
    const [gift] = termsOf("a gift card");
    expect(gift).toMatchObject({ key: "~voucher", phrase: true });
    expect(termsOf("voucher")[0]).not.toHaveProperty("phrase");
  });
});

describe("a description inside a sentence", () => {
  const service = (about: string) => ({ ...(demo.handbook.services[0] as (typeof demo.handbook.services)[number]), about });

  it("begins small, unless it begins with a name of the house or in capitals", () => {
    expect(aboutInside(demo, service("A first visit."))).toBe("a first visit.");
    expect(aboutInside(demo, service("Firm work on muscles."))).toBe("firm work on muscles.");
    const [person] = demo.handbook.staff;
    const first = person?.name.split(" ")[0] ?? "";
    expect(aboutInside(demo, service(`${first} looks at your gait.`))).toBe(`${first} looks at your gait.`);
    expect(aboutInside(demo, service(`${first}'s class.`))).toBe(`${first}'s class.`);
    expect(aboutInside(demo, service("MRI pictures are read."))).toBe("MRI pictures are read.");
    expect(aboutInside(demo, service("I do it myself."))).toBe("I do it myself.");
    expect(aboutInside(demo, service(""))).toBe("");
  });
});

describe("the thing that a question asks for", () => {
  it.each([
    ["is there a kettle in the hall", "kettle"],
    ["do you sell garden hoses", "hoses"],
    ["have you got any spare towels for us?", "towels"],
    ["where are you", null],
    ["is there", null],
  ])("%s: %s", (question, thing) => {
    expect(thingAskedFor(question)).toBe(thing);
  });
});
