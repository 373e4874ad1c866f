import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { spell } from "./spelling.ts";
import { expand, headed } from "./templates.ts";

const nothing = (): boolean => false;

describe("slips of the pen", () => {
  it.each([
    ["can we move it to thrusday", "can we move it to thursday"],
    ["tomorow aftrenoon", "tomorrow afternoon"],
    ["i want to cancle my apointment", "i want to cancel my appointment"],
    ["um i i would uh like wednsday", "i would like wednesday"],
    ["nine nine oh two", "nine nine oh two"],
    ["jay dot r at mail dot example", "jay dot r at mail dot example"],
    ["are u at the corner", "are you at the corner"],
  ])("%s", (said, meant) => {
    expect(spell(said, nothing).said.raw).toBe(meant);
  });

  it("never touches a word that the house has", () => {
    expect(spell("thrusday", (w) => w === "thrusday").said.raw).toBe("thrusday");
  });

  it("leaves names in capitals alone in the middle of a sentence", () => {
    expect(spell("my name is Frida Augustus", nothing).said.raw).toBe("my name is Frida Augustus");
  });

  it("tells where each place stood: unchanged words map onto themselves", () => {
    const said = "um can we do thrusday with priya";
    const { said: put, back } = spell(said, nothing);
    for (const word of ["can", "we", "do", "with", "priya"]) {
      const at = put.raw.indexOf(word);
      expect(said.slice(back(at), back(at + word.length, true))).toBe(word);
    }
    const at = put.raw.indexOf("thursday");
    expect(said.slice(back(at), back(at + 8, true))).toBe("thrusday");
  });

  it("gives places inside of what was said, for any words", () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom("um", "thrusday", "the", "the", "appointmnet", "Ana", "9", ",", "tomorow"), { maxLength: 12 }), (words) => {
        const said = words.join(" ");
        const { said: put, back } = spell(said, nothing);
        let last = 0;
        for (let i = 0; i <= put.raw.length; i++) {
          const was = back(i);
          expect(was).toBeGreaterThanOrEqual(last === 0 ? 0 : Math.min(last, was));
          expect(was).toBeLessThanOrEqual(said.length);
          last = was;
        }
      }),
    );
  });
});

describe("templates", () => {
  it("give every way, nested parts as well", () => {
    expect(expand("(a|b) c(| d|(x|y))").sort()).toEqual(["a c", "a c d", "a cx", "a cy", "b c", "b c d", "b cx", "b cy"].sort());
  });

  it("leave no part out when only some ways are taken", () => {
    const some = expand("(a|b|c|d|e) (f|g|h) (i|j|k|l)", 12);
    expect(some.length).toBeLessThanOrEqual(12);
    for (const w of "abcdefghijkl") expect(some.join(" ")).toContain(w);
    expect(expand("(a|b|c|d|e) (f|g|h) (i|j|k|l)", 12)).toEqual(some);
  });

  it("stand under headings", () => {
    expect(headed("# no\n= one\nx (y|z)\n\n= two\nq")).toEqual(
      new Map([
        ["one", ["x (y|z)"]],
        ["two", ["q"]],
      ]),
    );
  });
});
