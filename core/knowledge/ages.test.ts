import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ageIn, agesOf, mayCome } from "./ages.ts";

describe("the ages that a service is for", () => {
  it.each([
    ["A small group on mats; from 14 years.", { from: 14 }],
    ["Skipping and clapping for three to five year olds.", { from: 3, to: 5 }],
    ["Ages 8-12, in pairs.", { from: 8, to: 12 }],
    ["For children from two to twelve years: communions.", { from: 2, to: 12 }],
    ["For those under 5 years.", { to: 4 }],
    ["For everybody of 60 and over.", { from: 60 }],
    ["Up to the age of sixteen with a parent.", { to: 16 }],
    ["For those who have not driven for years.", null],
    ["Lying on the side, from the fourth month on.", null],
    ["Up to four, at the same price.", null],
    ["It takes 3 to 5 visits.", null],
  ])("%s", (about, ages) => expect(agesOf(about)).toEqual(ages));

  it("lets in whoever is inside of them, and whose age nobody told", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 20 }),
        fc.integer({ min: 1, max: 20 }),
        fc.option(fc.integer({ min: 1, max: 40 }), { nil: undefined }),
        (a, b, age) => {
          const [from, to] = a < b ? [a, b] : [b, a + 1];
          expect(mayCome(`For ${from} to ${to} year olds.`, age)).toBe(age === undefined || (age >= from && age <= to));
        },
      ),
    );
  });

  it.each([
    ["my daughter is nine", 9],
    ["he's 4 and loves it", 4],
    ["a ten-year-old", 10],
    ["we have two dogs", undefined],
  ])("how old is told by: %s", (text, age) => expect(ageIn(text)).toBe(age));
});
