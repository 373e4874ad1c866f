import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { setHouse, type SetName } from "../testing/sets.ts";
import { likely } from "./likely.ts";

interface Need {
  set: SetName;
  house: string;
  told: string;
  meant: string[];
}

const needs: Need[] = readFileSync(new URL("needs.txt", import.meta.url), "utf8")
  .split("\n")
  .filter((l) => l && !l.startsWith("#"))
  .map((l) => {
    const [of = "", told = "", meant = ""] = l.split(" | ");
    const [set, house = ""] = of.split(" ");
    return { set: set as SetName, house, told, meant: meant === "-" ? [] : meant.split("|") };
  });

describe("what was told of a need", () => {
  it("is labelled with services that the houses have", () => {
    expect(needs.length).toBeGreaterThan(120);
    for (const n of needs) for (const id of n.meant) expect(setHouse(n.set, n.house).services.has(id), `${n.house}: ${id}`).toBe(true);
  });

  it("speaks for a few services, among them most often the one that is meant", () => {
    const told = needs.filter((n) => n.meant.length > 0).map((n) => ({ ...n, named: likely(setHouse(n.set, n.house), n.told) }));
    const named = told.filter((n) => n.named.length > 0);
    const right = named.filter((n) => n.named.some((id) => n.meant.includes(id)));
    expect(named.length / told.length).toBeGreaterThan(0.8);
    // Words alone, without what they mean inside sentences, reach 0.77.
    expect(right.length / named.length).toBeGreaterThan(0.8);
    for (const n of told) expect(n.named.length).toBeLessThanOrEqual(3);
  });

  // None of these is in the list that the bounds were chosen on.
  it.each([
    ["sixth", "birch", "a corner of my tooth broke off", "filling"],
    ["sixth", "birch", "it's urgent, my mouth hurts so much", "toothache"],
    ["tenth", "larch", "the ball of my heel burns when I get up", "heel"],
    ["fourth", "shandon", "the tube on my front tyre is leaking", "puncture"],
    ["second", "karoo", "the baby is a week old", "newborn"],
    ["ninth", "pinyon", "the lease on my flat says no dogs", "housing"],
    ["third", "ocotillo", "there's this ringing that won't stop", "tinnitus"],
  ] as const)("of %s %s: %s", (set, house, told, meant) => {
    expect(likely(setHouse(set, house), told)).toContain(meant);
  });

  it.each(["I need an appointment", "can you help me", "", "12", "hello there, good morning to you"])("says nothing: %j", (told) => {
    expect(likely(setHouse("sixth", "birch"), told)).toEqual([]);
  });

  it("is none where only whose it is is told", () => {
    expect(likely(setHouse("twenty-third", "kestrel"), "it's my mother, she's seventy next week")).toEqual([]);
  });

  it("is told of by whose it is besides what it is", () => {
    expect(likely(setHouse("twenty-third", "loquat"), "my son's vaccination")).toContain("childjabs");
  });

  it("speaks for nothing that is for another age", () => {
    const house = setHouse("sixth", "birch");
    const grown = { ...house, handbook: { ...house.handbook, services: house.handbook.services.map((s) => ({ ...s, about: `${s.about} From 16 years.` })) } };
    expect(likely(grown, "a corner of her tooth broke off")).not.toEqual([]);
    expect(likely(grown, "a corner of her tooth broke off, she's nine")).toEqual([]);
  });

  it("speaks for nothing that every service is near to", () => {
    expect(likely(setHouse("fourth", "bukit"), "a lesson please")).not.toHaveLength(1);
  });
});
