import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Question } from "../house/schema.ts";
import { demoHouse } from "../testing/demo.ts";
import { epochMinOf } from "../time/zone.ts";
import { addressParts, addressText, readAnswer } from "./answers.ts";
import { read } from "./read.ts";

const house = demoHouse();
const now = epochMinOf(house.zone, "2027-03-01T10:42");
const ask = (kind: Question["kind"], text: string, more: Partial<Question> = {}): unknown => {
  const question: Question = { key: "q", ask: "?", kind, whom: "new", ...more };
  const r = readAnswer(house, question, text, read(text, { house, now, expects: "question:q" }));
  return r.kind === "value" ? r.text : r.kind === "several" ? r.ids : r.kind;
};
const value = (kind: Question["kind"], text: string): unknown => {
  const r = readAnswer(house, { key: "q", ask: "?", kind, whom: "new" }, text, read(text, { house, now, expects: "question:q" }));
  return r.kind === "value" ? r.value : r.kind;
};

describe("an answer read by its question's kind", () => {
  it.each([
    ["twenty five", "25"],
    ["about a hundred and twenty", "120"],
    ["3 to 5", "3 to 5"],
    ["between three and five", "3 to 5"],
    ["at least 4", "at least 4"],
    ["no more than 10", "up to 10"],
    ["two and a half", "2.5"],
    ["1,200", "1200"],
    ["5 to 3", "unclear"],
    ["1 then 2 then 3", "unclear"],
    ["lots", "unclear"],
    ["", "unclear"],
  ])("number: %s is %s", (text, is) => {
    expect(ask("number", text)).toBe(is);
  });

  it.each([
    ["Do you take any tablets?", "tablets for my heart", "yes"],
    ["Do you take any tablets?", "no tablets", "no"],
    ["Do you take any tablets?", "I take nothing", "no"],
    ["Do you take any tablets?", "I have no tablets at home", "no"],
    ["Do you take any tablets?", "I gave up tablets", "unclear"],
    ["Do you take any tablets?", "what sort of tablets", "unclear"],
    ["Do you take any tablets?", "maybe tablets", "unclear"],
    ["Has another studio turned you away?", "two studios turned me away", "yes"],
    ["Has another studio turned you away?", "neither of the two studios did", "no"],
    ["Has another studio turned you away?", "they hardly ever turned me away", "no"],
    ["Has another studio turned you away?", "it has nothing to do with studios", "no"],
    ["Has another studio turned you away?", "a long story", "unclear"],
  ])("yes or no, to %s: %s is %s", (question, text, is) => {
    expect(ask("yes-no", text, { ask: question })).toBe(is);
  });

  it("in words is the number that it is, up to nine hundred and ninety-nine", () => {
    const ones = "zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen".split(" ");
    const tens = "twenty thirty forty fifty sixty seventy eighty ninety".split(" ");
    const small = (n: number, hyphen: string): string =>
      n < 20 ? (ones[n] as string) : `${tens[Math.floor(n / 10) - 2] as string}${n % 10 ? hyphen + (ones[n % 10] as string) : ""}`;
    const words = (n: number, hyphen: string, and: string): string =>
      n < 100 ? small(n, hyphen) : `${ones[Math.floor(n / 100)] as string} hundred${n % 100 ? and + small(n % 100, hyphen) : ""}`;
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 999 }), fc.constantFrom(" ", "-"), fc.constantFrom(" and ", " "), (n, hyphen, and) => {
        expect(ask("number", words(n, hyphen, and))).toBe(String(n));
      }),
      { numRuns: 300 },
    );
  });

  it("in words may be two of them: tens or ones that follow one which is whole", () => {
    expect(ask("number", "between twenty and thirty")).toBe("20 to 30");
    expect(ask("number", "fifteen to seventeen")).toBe("15 to 17");
    expect(ask("number", "three twenty")).not.toBe("23");
    expect(ask("number", "eleven five")).not.toBe("16");
  });

  it.each([
    ["$60", "60 CAD", { is: "amount", from: 6000, to: 6000 }],
    ["between $60 and $80.50", "60 CAD to 80.50 CAD", { is: "amount", from: 6000, to: 8050 }],
    ["under 2k", "up to 2000 CAD", { is: "amount", to: 200_000 }],
  ])("money: %s is %s", (text, is, comes) => {
    expect(ask("money", text)).toBe(is);
    expect(value("money", text)).toEqual(comes);
  });

  it.each([
    ["half an hour", "30 minutes", 30],
    ["an hour and a half", "90 minutes", 90],
    ["three weeks", "3 weeks", 3 * 10_080],
    ["a couple of days", "2 days", 2880],
    ["a year", "1 year", 525_600],
  ])("length: %s is %s", (text, is, min) => {
    expect(ask("length", text)).toBe(is);
    expect(value("length", text)).toMatchObject({ to: min });
  });

  it("takes a date of any year, by the house's order, and no half a date", () => {
    expect(ask("date", "12 May 1990")).toBe("1990-05-12");
    expect(ask("date", "I was born on may 12th, 1990")).toBe("1990-05-12");
    expect(ask("date", "05/12/1990")).toBe("1990-05-12");
    expect(ask("date", "25/12/1990")).toBe("1990-12-25");
    expect(ask("date", "tomorrow")).toBe("2027-03-02");
    expect(ask("date", "31 February 1990")).toBe("unclear");
    expect(ask("date", "next Friday")).toBe("unclear");
  });

  it("takes a choice by any of its words, by a slip, by its place, and asks between two", () => {
    const choices = [
      { id: "automatic", say: "Automatic", also: ["auto", "no clutch"] },
      { id: "manual", say: "Manual", also: ["stick", "gear stick"] },
      { id: "unsure", say: "Not sure", also: ["no idea", "either is fine"] },
    ];
    expect(ask("choice", "the gear stick kind", { choices })).toBe("Manual");
    expect(ask("choice", "automtic please", { choices })).toBe("Automatic");
    expect(ask("choice", "I'm not sure", { choices })).toBe("Not sure");
    expect(ask("choice", "the second one", { choices })).toBe("Manual");
    expect(ask("choice", "auto or manual", { choices })).toEqual(["automatic", "manual"]);
    expect(ask("choice", "a hovercraft", { choices })).toBe("unclear");
    // One long word among short ones is a slip of nothing that is unlike it.
    const sides = ["Left", "Top", "Neither"].map((say) => ({ id: say.toLowerCase(), say, also: [] }));
    expect(ask("choice", "a hovercraft", { choices: sides })).toBe("unclear");
    expect(ask("choice", "nether of them", { choices: sides })).toBe("Neither");
  });

  it("skips only when that is said", () => {
    expect(ask("text", "skip that please")).toBe("skip");
    expect(ask("text", "I'd rather not say")).toBe("skip");
    expect(ask("text", "I skipped a step on the stairs")).toBe("I skipped a step on the stairs");
  });

  it.each([
    ["12 Elm Street, Apt 4, Tern Bay, NS B0J 1T0", { street: "12 Elm Street", unit: "Apt 4", town: "Tern Bay", region: "NS", postcode: "B0J 1T0" }],
    ["I live at 7 Wharf Lane Tern Bay", { street: "7 Wharf Lane", town: "Tern Bay" }],
    ["tern bay", { town: "tern bay" }],
    ["221 Harbour Rd", { street: "221 Harbour Rd" }],
    ["12345 Long Road, Springfield, 90210", { street: "12345 Long Road", town: "Springfield", postcode: "90210" }],
  ])("address: %s", (text, parts) => {
    expect(addressParts(text)).toEqual(parts);
  });

  it("does not make an address of a sentence", () => {
    expect(ask("address", "why do you need to know where I live")).toBe("unclear");
  });

  it("reads what it kept as the same value again", () => {
    const amounts = fc.oneof(
      fc.nat(9999).map(String),
      fc.tuple(fc.nat(99), fc.nat(99)).map(([a, b]) => `${a} to ${a + b + 1}`),
    );
    fc.assert(
      fc.property(
        fc.constantFrom("number" as const, "money" as const, "length" as const),
        amounts,
        fc.constantFrom("days", "weeks", "minutes"),
        (kind, a, unit) => {
          const text = kind === "length" ? `${a} ${unit}` : a;
          expect(value(kind, String(ask(kind, text)))).toEqual(value(kind, text));
        },
      ),
    );
    const part = fc.constantFrom("12 Elm Street", "7 Wharf Lane", "9 Old Mill Road");
    fc.assert(
      fc.property(
        part,
        fc.option(fc.constantFrom("Apt 4", "Unit 12")),
        fc.constantFrom("Tern Bay", "Mill Village"),
        fc.option(fc.constantFrom("B0J 1T0")),
        (street, unit, town, postcode) => {
          const parts = { street, town, ...(unit ? { unit } : {}), ...(postcode ? { postcode } : {}) };
          expect(addressParts(addressText(parts))).toEqual(parts);
        },
      ),
    );
  });
});
