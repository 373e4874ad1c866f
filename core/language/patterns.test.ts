import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { setMessages } from "../testing/sets.ts";
import { CHOICES, SHIFTS } from "./packs/en/choices.ts";
import { CUES } from "./packs/en/cues.ts";
import { COUNT_RULES, LATER_COUNT_RULES } from "./packs/en/company.ts";
import { DAY_RULES } from "./packs/en/days.ts";
import { TIME_RULES } from "./packs/en/times.ts";
import { eachMatch, mayMatch } from "./patterns.ts";
import { normalise } from "./text.ts";

const found = (pattern: RegExp, text: string): string[] => [...eachMatch(pattern, text)].map((m) => `${m.index} ${m.join("|")}`);
const plainly = (pattern: RegExp, text: string): string[] => [...text.matchAll(pattern)].map((m) => `${m.index} ${m.join("|")}`);

describe("what a pattern finds", () => {
  it("is what it finds by itself, for every rule of days, times, numbers and choices in what clients say", () => {
    const patterns = [DAY_RULES, TIME_RULES, CHOICES, SHIFTS, COUNT_RULES, LATER_COUNT_RULES].flatMap((rules) => rules.map((r) => r.pattern));
    const said = (["first", "ninth", "sixteenth"] as const).flatMap((set) => setMessages(set).map((m) => normalise(m.text).norm));
    const together = Array.from({ length: 40 }, (_, i) => said.slice(i * 25, i * 25 + 25).join(". "));
    let matches = 0;
    for (const pattern of patterns)
      for (const text of together) {
        const own = plainly(pattern, text);
        matches += own.length;
        expect(found(pattern, text)).toEqual(own);
      }
    expect(matches).toBeGreaterThan(700);
  });

  // Patterns of every kind that the rules are written with, over few letters, so that they match often.
  const letter = fc.constantFrom("a", "b", "c", "1", "2", " ", "'", ",", "A", "é");
  const piece = fc.letrec<{ one: string; several: string; any: string }>((tie) => ({
    one: fc.oneof(
      letter,
      fc.constantFrom("[ab]", "[^a]", "[a-c]", "[1-9]", "\\d", "\\w", "\\s", "\\W", ".", "\\b", "^", "$"),
      tie("any").map((x) => `(?:${x})`),
      tie("any").map((x) => `(${x})`),
      tie("any").map((x) => `(?=${x})`),
      tie("any").map((x) => `(?!${x})`),
      tie("any").map((x) => `(?<=${x})`),
      tie("any").map((x) => `(?<!${x})`),
    ),
    several: fc
      .array(fc.tuple(tie("one"), fc.constantFrom("", "", "", "?", "*", "+", "{2}", "{0,2}", "+?")), { minLength: 1, maxLength: 4 })
      .map((parts) => parts.map(([x, how]) => (/^(?:\(\?[=!<]|\\b|\^|\$)/.test(x) && !x.startsWith("(?:") ? x : x + how)).join("")),
    any: fc.array(tie("several"), { minLength: 1, maxLength: 3 }).map((all) => all.join("|")),
  })).any;

  it("is what it finds by itself, whatever the pattern and the text", () => {
    fc.assert(
      fc.property(piece, fc.constantFrom("g", "gi", "gu", "giu"), fc.array(letter, { maxLength: 60 }), (source, flags, letters) => {
        const pattern = new RegExp(source, flags);
        const text = letters.join("");
        expect(found(pattern, text)).toEqual(plainly(pattern, text));
        if (plainly(pattern, text).length > 0) expect(mayMatch(pattern, text)).toBe(true);
      }),
      { numRuns: 1000 },
    );
  });

  it("is ruled out by a text that lacks what it asks for, and only then", () => {
    expect(mayMatch(/\bleave (?:it|that) alone\b/, "please move it")).toBe(false);
    expect(mayMatch(/\bleave (?:it|that) alone\b/, "please leave it alone")).toBe(true);
    const said = setMessages("ninth").map((m) => normalise(m.text).norm);
    for (const cue of CUES)
      for (const text of said) if (cue.pattern.test(text)) expect(`${cue.name}: ${mayMatch(cue.pattern, text)}`).toBe(`${cue.name}: true`);
  });

  it("is found anew when it is looked for while its matches are gone through", () => {
    const pattern = /a(b|c)/g;
    const text = "ab ac ab ".repeat(9);
    let inside = 0;
    for (const _ of eachMatch(pattern, text)) inside += found(pattern, text).length;
    expect(inside).toBe(27 * 27);
  });
});
