import { describe, expect, it } from "vitest";
import { setHouse } from "../testing/sets.ts";
import { epochMinOf } from "../time/zone.ts";
import type { Expects } from "./context.ts";
import { readPublic } from "./slots.ts";

const house = setHouse("tenth", "kauri");
const reading = (text: string, expects?: Expects) =>
  readPublic(text, { house, now: epochMinOf(house.zone, "2027-03-02T08:30"), ...(expects ? { expects } : {}) });
const slots = (text: string, expects?: Expects) => reading(text, expects).slots;

describe("a service that is called by everyday words", () => {
  it.each([
    ["give me a cut on friday", "Haircut"],
    ["a moustache trim on friday", "Beard trim"],
    ["two kids haircuts on saturday", "Kids' cut"],
    ["children's haircuts on saturday", "Kids' cut"],
    ["a zero fade on friday", "Skin fade"],
    ["my beard on friday", "Beard trim"],
  ])("%s", (text, service) => {
    expect(slots(text)["service"]).toBe(service);
  });

  it("stands beside another that is named", () => {
    const { rules } = reading("a cut and a wet shave on friday at ten");
    expect(rules.filter((r) => r.startsWith("service/"))).toEqual(["service/other-word", "service/other-word"]);
  });

  it("does not stand where another says the same word", () => {
    expect(reading("beard trim on friday").rules.filter((r) => r.startsWith("service/"))).toEqual(["service/name"]);
  });
});

describe("a slip of the pen", () => {
  it.each([
    ["a coler on friday", "Colour"],
    ["a shaving lessson", "Shaving lesson"],
  ])("%s", (text, service) => {
    expect(slots(text)["service"]).toBe(service);
  });

  it("is no word of the language that only looks alike", () => {
    const dentist = setHouse("sixth", "birch");
    const { rules } = readPublic("my jaw is killing me", { house: dentist, now: epochMinOf(dentist.zone, "2027-03-02T08:30") });
    expect(rules).not.toContain("service/slip");
  });
});

describe("how many come", () => {
  it.each([
    ["three for the razor lesson on thursday", 3],
    ["two for your lesson this week", 2],
  ])("%s", (text, places) => {
    expect(slots(text)["places"]).toBe(places);
  });

  it("is two for twins, each with a visit of their own where it is no class", () => {
    expect(reading("my twins would like a cut").rules).toContain("places/both");
    expect(slots("my twins would like a cut")).not.toHaveProperty("places");
  });

  it.each(["put me in at two for the lesson", "quarter to two for the lesson on thursday"])("%s counts nobody", (text) => {
    expect(slots(text)).not.toHaveProperty("places");
  });
});

describe("what is said beside an answer", () => {
  it("agrees in other words", () => {
    expect(slots("that'll do nicely", "go-ahead")["yes"]).toBe(true);
    expect(slots("lock me in", "go-ahead")["yes"]).toBe(true);
    expect(slots("yeah nah", "go-ahead")["yes"]).toBe(false);
  });

  it.each(["ok then no", "right, no thanks", "yes, no, don't", "ok no", "sure but let's not"])("%s is a no", (text) => {
    expect(slots(text, "go-ahead")["yes"]).toBe(false);
  });

  it.each(["ok no problem", "yes no worries", "ok, not before ten", "fine, no rush"])("%s is none", (text) => {
    expect(slots(text, "go-ahead")["yes"]).not.toBe(false);
  });

  it("is no part of an address that is spelled out", () => {
    expect(slots("it's h dot walker at kauri dot example", "email")["email"]).toBe("h.walker@kauri.example");
  });

  it("tells an hour with another word behind it", () => {
    expect(slots("ten too", "slot")["time"]).toBe("10:00");
  });

  it("takes an hour that is free next for the soonest one", () => {
    expect(slots("the next free half hour with Anders")).toMatchObject({ date_from: "2027-03-02", length_min: 30, staff: "Anders Falk" });
  });
});

describe("what somebody has", () => {
  it.each(["I've got a shave with Anders on Friday, could I come in later", "I have a cut booked for the 12th, please make it a fade"])(
    "%s is to be changed",
    (text) => {
      expect(reading(text).errand).toBe("move");
    },
  );

  it("is no appointment where they have something else", () => {
    expect(reading("I've got an interview on Friday, can I have a cut before it").errand).toBe("book");
  });
});

describe("danger", () => {
  const clinic = setHouse("tenth", "ternbay");
  const errand = (text: string) => readPublic(text, { house: clinic, now: epochMinOf(clinic.zone, "2027-03-01T08:30") }).errand;
  it("is told from what the house treats in general", () => {
    expect(errand("do you treat patients with chest pain")).toBe("ask-service");
  });
  it.each([
    "do you treat people, I have chest pain right now",
    "can you see somebody with chest pain, he is grey",
    "can you help someone with chest pain",
    "do you help people with chest pain, I need it",
    "I have chest pain",
  ])("%s", (text) => {
    expect(errand(text)).toBe("emergency");
  });
});
