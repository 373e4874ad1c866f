import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { WEEKDAYS } from "../time/days.ts";
import { clockText } from "../time/zone.ts";
import { classLine, hoursLine, inTurnLine, parseClass, parseHours, parseInTurn, parseVariants, parseWords, placeOfSource, variantsLine } from "./lines.ts";

const money = { locale: "en-CA", currency: "CAD" };

describe("lines as one writes them", () => {
  it("hours", () => {
    expect(parseHours("Mon-Thu 8-7, Fri till 5, Sat 9-1")?.map((w) => `${hoursLine([w])}`)).toEqual(["Mon–Thu 8:00–19:00", "Fri 8:00–17:00", "Sat 9:00–13:00"]);
    expect(parseHours("")).toEqual([]);
    expect(parseHours("whenever")).toBeNull();
  });

  it("hours read back are the same hours", () => {
    const window = fc
      .record({ days: fc.subarray([...WEEKDAYS], { minLength: 1 }), from: fc.integer({ min: 0, max: 90 }), length: fc.integer({ min: 1, max: 5 }) })
      .map((w) => ({ weekdays: w.days, from: clockText(w.from * 15), to: clockText(Math.min(1425, w.from * 15 + w.length * 15)) }))
      .filter((w) => w.from < w.to);
    fc.assert(
      fc.property(window, (w) => {
        expect(parseHours(hoursLine([w]))?.map(({ id: _id, ...x }) => x)).toEqual([w]);
      }),
    );
  });

  it.each([
    [
      "30 min $60 · 60 min $95",
      [
        [30, 6000],
        [60, 9500],
      ],
    ],
    ["45 85", [[45, 8500]]],
    ["1 h 30 – $72.50", [[90, 7250]]],
    ["20 min", [[20, null]]],
    ["$40", [[null, 4000]]],
    ["15 min free", [[15, 0]]],
    ["", []],
  ])("lengths and prices: %s", (line, expected) => {
    expect(parseVariants(line)?.map((v) => [v.lengthMin, v.priceMinor])).toEqual(expected);
  });

  it.each(["soon", "2 min $3", "30 min $60 or so maybe", "1 2 3"])("no lengths and prices: %s", (line) => {
    expect(parseVariants(line)).toBeNull();
  });

  it("lengths and prices read back are the same", () => {
    const one = fc.record({ lengthMin: fc.integer({ min: 5, max: 720 }), priceMinor: fc.option(fc.integer({ min: 1, max: 99_999 })) });
    fc.assert(
      fc.property(fc.array(one, { maxLength: 4 }), (list) => {
        expect(parseVariants(variantsLine(money, list))).toEqual(list);
      }),
    );
  });

  it("words and places", () => {
    expect(parseWords(" a, b;c ,, a")).toEqual(["a", "b", "c"]);
    expect(placeOfSource({ kind: "receptionist", id: "day/w1" })).toBe("receptionists/day");
    expect(placeOfSource({ kind: "calendar", id: "x" })).toBeNull();
  });
});

describe("hours in turn and classes, as lines", () => {
  it.each([
    "every second Saturday 9:00–13:00 from 2027-03-06",
    "first and third Thursday of the month 8:00–12:00 from 2027-01-01",
    "every 3 weeks on Monday 9:00–12:00 from 2027-03-01; last Friday of the month 10:00–16:00 from 2027-01-29",
  ])("%s", (line) => {
    const read = parseInTurn(line);
    expect(read).not.toBeNull();
    expect(inTurnLine(read ?? [])).toBe(line);
  });

  it("are nothing where they say nothing that could be kept", () => {
    expect(parseInTurn("")).toEqual([]);
    for (const line of ["Saturdays 9–13", "every second Saturday", "every second Saturday 9–13", "every second Saturday 9–13 from 2027-02-30"])
      expect(parseInTurn(line), line).toBeNull();
  });

  it("say when a class is held", () => {
    const times = parseClass("Mon, Wed 17:30; Thu 12:15");
    expect(times).toEqual([
      { weekdays: ["Monday", "Wednesday"], at: "17:30" },
      { weekdays: ["Thursday"], at: "12:15" },
    ]);
    expect(classLine(times ?? [])).toBe("Mon, Wed 17:30; Thu 12:15");
    expect(parseClass("in the evening")).toBeNull();
  });
});
