import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { sameName, soundsAlike } from "./names.ts";

describe("a name that was written", () => {
  it.each([
    ["José Álvarez", "jose alvarez"],
    ["Galloway Dario", "Dario Galloway"],
    ["Dario Gallaway", "Dario Galloway"],
    ["tan  wei ling", "Wei Ling Tan"],
  ])("%s is %s", (given, card) => {
    expect(sameName(given, card)).toBe(true);
  });

  it.each([
    ["Dario Galloway", "Maria Galloway"],
    ["Dario", "Dario Galloway"],
    ["Ann", "Anna Kowal"],
    ["Dario Gallowein", "Dario Galloway"],
  ])("%s is not %s", (given, card) => {
    expect(sameName(given, card)).toBe(false);
  });
});

describe("a name that was heard", () => {
  it.each([
    ["Stephen Mayer", "Steven Meyer"],
    ["Catherine Smith", "Kathryn Smyth"],
    ["Stevenmeyer", "Steven Meyer"],
    // One word more than the card has: what was said before or after the name.
    ["Steven Meyer Sanders", "Steven Meyer"],
    ["Well Steven Meyer", "Steven Meyer"],
  ])("%s may be %s", (given, card) => {
    expect(soundsAlike(given, card)).toBe(true);
  });

  it.each([
    ["Martha Meyer", "Steven Meyer"],
    ["Steven Sanders", "Steven Meyer"],
    // Whole names of others of the family.
    ["Steven Meyer", "Steven John Meyer"],
    ["Meyer Sanders Steven", "Steven Meyer"],
    ["Steven", "Steven Meyer"],
  ])("%s is not %s", (given, card) => {
    expect(soundsAlike(given, card)).toBe(false);
  });

  it("is itself, whatever stands around it", () => {
    const word = fc.stringMatching(/^[A-Z][a-z]{3,8}$/);
    fc.assert(
      fc.property(word, word, fc.array(word, { maxLength: 3 }), fc.array(word, { maxLength: 3 }), (given, family, before, after) => {
        const name = `${given} ${family}`;
        expect(soundsAlike([...before, name, ...after].join(" "), name)).toBe(true);
      }),
    );
  });
});
