import { describe, expect, it } from "vitest";
import { normalise } from "./text.ts";

const from = (code: number): string => String.fromCodePoint(code);

describe("signs that are written otherwise", () => {
  it.each([0x2018, 0x2019, 0x02bc])("U+%s is an apostrophe", (code) => {
    expect(normalise(`can${from(code)}t`).norm).toBe("can't");
  });

  it.each([0x2010, 0x2011, 0x2013, 0x2014, 0x2015])("U+%s is a hyphen", (code) => {
    expect(normalise(`half${from(code)}hour`).norm).toBe("half-hour");
  });

  it.each([0x200f, 0x2016])("U+%s is none", (code) => {
    expect(normalise(`half${from(code)}hour`).norm).not.toContain("-");
  });

  it.each([0xa0, 0x2000, 0x2009, 0x200b, 0x200f, 0x202a, 0x202e, 0x2066, 0x2069, 0xfeff])("U+%s is a space", (code) => {
    expect(normalise(`next${from(code)}week`).norm).toBe("next week");
  });

  it.each([
    ["Æ", "a"],
    ["ø", "o"],
    ["ł", "l"],
    ["ß", "s"],
    ["é", "e"],
    ["Ñ", "n"],
  ])("%s is read as %s", (sign, letter) => {
    expect(normalise(sign).norm).toBe(letter);
  });

  it("keeps as many places as there were, so that what is found can be shown where it stands", () => {
    const text = "Zoë’s “half–hour”… at 3";
    expect(normalise(text).norm).toHaveLength(normalise(text).raw.length);
  });
});
