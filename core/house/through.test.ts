import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoFile, houseOf } from "../testing/demo.ts";
import { epochMinOf, zoneOf } from "../time/zone.ts";
import { readyOf, draftSchema } from "./draft.ts";
import { giveAway, handbookFileSchema, takeIn } from "./handbookfile.ts";
import type { HouseFile } from "./schema.ts";
import { EMERGENCY, telephoneFor, telephonesOf, thereOn } from "./through.ts";

const zone = zoneOf("America/Halifax");
const at = (wall: string): number => epochMinOf(zone, wall);
const week = (from: string, to: string) => [{ id: "w", weekdays: ["Monday" as const, "Tuesday" as const], from, to }];

const house = (change: (f: HouseFile) => void = () => undefined) => {
  const file = structuredClone(demoFile());
  file.calls = {
    telephones: [
      { id: "m", staff: "mina", number: "+19025550107", hours: week("09:00", "16:30") },
      { id: "t", staff: "tobias", number: "+19025550108" },
    ],
  };
  change(file);
  return houseOf(file);
};

describe("the telephone that rings", () => {
  it("is a person's own in its hours, from the first minute to the one before the last", () => {
    const h = house();
    const rings = (wall: string): boolean => telephoneFor(h, "mina", at(wall)) !== null;
    expect(telephoneFor(h, "mina", at("2027-03-01T10:00"))).toEqual({ number: "+19025550107", name: "Wilhelmina Achterberg" });
    expect([rings("2027-03-01T08:59"), rings("2027-03-01T09:00"), rings("2027-03-01T16:29"), rings("2027-03-01T16:30")]).toEqual([false, true, true, false]);
    expect(rings("2027-03-03T10:00")).toBe(false);
  });

  it("rings while the house is open where it has no hours, or in the hours of handing over", () => {
    expect(telephoneFor(house(), "tobias", at("2027-03-01T18:59"))).not.toBeNull();
    expect(telephoneFor(house(), "tobias", at("2027-03-01T19:00"))).toBeNull();
    const short = house((f) => (f.handingOver = { nobody: "message", hours: week("10:00", "11:00") }));
    expect([telephoneFor(short, "tobias", at("2027-03-01T10:30")) !== null, telephoneFor(short, "tobias", at("2027-03-01T11:30")) !== null]).toEqual([
      true,
      false,
    ]);
    expect(thereOn(short, zone.toLocal(at("2027-03-03T10:30")).day)).toEqual([]);
  });

  it("does not ring on a day on which the house is closed", () => {
    const closed = house((f) => f.closed.push({ id: "move", name: "Moving day", on: { kind: "once", date: "2027-03-01" } }));
    expect(telephoneFor(closed, "mina", at("2027-03-01T10:00"))).toBeNull();
    expect(telephoneFor(closed, EMERGENCY, at("2027-03-01T10:00"))).not.toBeNull();
  });

  it("of emergencies rings at any hour, and is nobody's where the house has none", () => {
    const h = house();
    const without = house((f) => delete f.emergency?.housePhone);
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 60 * 24 * 400 }), (n) => {
        const now = at("2027-01-01T00:00") + n;
        expect(telephoneFor(h, EMERGENCY, now)).toEqual({ number: "+19025550111", name: "the emergency line" });
        expect(telephoneFor(without, EMERGENCY, now)).toBeNull();
      }),
    );
  });

  it("is nobody's where nobody is named, or who has none", () => {
    const now = at("2027-03-01T10:00");
    expect([undefined, "maren", "nobody"].map((to) => telephoneFor(house(), to, now))).toEqual([null, null, null]);
  });

  it("stands in a list of all, with whether it would ring", () => {
    const list = telephonesOf(house(), at("2027-03-01T17:00"));
    expect(list.map((t) => [t.number, t.rings])).toEqual([
      ["+19025550111", true],
      ["+19025550107", false],
      ["+19025550108", true],
    ]);
  });
});

describe("telephones in a draft", () => {
  const draft = () => {
    const { book: _book, ...file } = demoFile();
    return draftSchema.parse({ ...file, calls: { record: "tell", telephones: [{ id: "x", staff: "gone", number: "+19025550109" }] } });
  };

  it("of somebody who has left are said to be missing, and left out of what goes on duty", () => {
    const ready = readyOf(draft());
    expect(ready.gaps).toContainEqual(expect.objectContaining({ code: "unknown-staff", place: "calls/telephones/x" }));
    expect(ready.handbook.calls).toEqual({ record: "tell", telephones: [] });
  });

  it("are the house's own: not given away, and not taken in from another's", () => {
    const given = giveAway(draft());
    expect(given.calls).toEqual({ record: "tell" });
    const theirs = handbookFileSchema.parse({ ...given, calls: { record: "ask", telephones: [{ id: "y", staff: "mina", number: "+19025550110" }] } });
    expect(JSON.stringify(takeIn(draft(), theirs))).toContain("+19025550109");
    expect(JSON.stringify(takeIn(draft(), theirs))).not.toContain("+19025550110");
  });
});
