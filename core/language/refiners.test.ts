import { describe, expect, it } from "vitest";
import { setHouse } from "../testing/sets.ts";
import { dayOfIso } from "../time/days.ts";
import { epochMinOf } from "../time/zone.ts";
import { read } from "./read.ts";

const house = setHouse("first", "ternbay");
const days = (text: string, now = "2027-03-01T08:00") =>
  read(text, { house, now: epochMinOf(house.zone, now) }).found.flatMap((f) => (f.kind === "day" ? [{ ...f.value, ...(f.not ? { not: true } : {}) }] : []));
const on = (iso: string) => dayOfIso(iso);
const one = (iso: string) => ({ kind: "days", from: on(iso), to: on(iso) });

describe("a weekday of every week", () => {
  it("is meant by its mornings, one or two of them", () => {
    expect(days("tuesday mornings")).toEqual([{ kind: "weekdays", weekdays: [2] }]);
    expect(days("tuesday or thursday afternoons")).toEqual([{ kind: "weekdays", weekdays: [2, 4] }]);
    expect(days("tuesday morning")).toEqual([one("2027-03-02")]);
  });

  it("is not meant where the two days are a week apart or more", () => {
    const either = (text: string) => days(text)[0];
    expect(either("the 2nd or the 9th mornings")).toMatchObject({ kind: "either", days: [on("2027-03-02"), on("2027-03-09")] });
    expect(either("the 2nd or the 8th mornings")).toEqual({ kind: "weekdays", weekdays: [2, 1] });
  });

  it("is not meant by one that is ruled out", () => {
    expect(days("not tuesday mornings")[0]).toMatchObject({ not: true });
  });
});

describe("a weekday that is today", () => {
  it("is today until the hour has come, and then the one after", () => {
    expect(days("monday at 10:30", "2027-03-01T10:29")).toEqual([one("2027-03-01")]);
    expect(days("monday at 10:30", "2027-03-01T10:30")).toEqual([one("2027-03-08")]);
    expect(days("monday at 10:30", "2027-03-01T10:31")).toEqual([one("2027-03-08")]);
  });
});

describe("what happens besides", () => {
  it("counts days exactly, and weeks as calendar weeks", () => {
    expect(days("our wedding is on the 20th, could I come the day before")).toEqual([one("2027-03-19")]);
    expect(days("our wedding is on the 20th, could I come the week before")).toEqual([{ kind: "days", from: on("2027-03-08"), to: on("2027-03-14") }]);
  });

  it("is none of the visit's days where another is named", () => {
    expect(days("we fly out on the 20th, can I come on the 11th")).toEqual([one("2027-03-11")]);
  });
});

describe("what is said later", () => {
  it("corrects what was said before, and an alternative does not", () => {
    expect(days("friday, sorry, thursday")).toEqual([one("2027-03-04")]);
    expect(days("friday, or better thursday")).toEqual([one("2027-03-04")]);
    expect(days("friday or thursday")).toMatchObject([{ kind: "either" }]);
  });

  it("takes nothing from what they have", () => {
    const list = days("my appointment on thursday, please make it friday");
    expect(list).toHaveLength(2);
  });

  it("rules out again what was wished for", () => {
    expect(days("monday… no, not monday")).toMatchObject([{ not: true }]);
  });
});

describe("a number straight after a weekday", () => {
  it("is looked for four weeks ahead, and no further", () => {
    // Saturday 27 March is the fourth Saturday from Monday 1 March; the house opens at nine and closes at one.
    expect(days("sat 6")).toEqual([one("2027-03-06")]);
    expect(days("saturday 3 in the morning")).not.toEqual([one("2027-04-03")]);
    expect(days("thursday 11, after lunch")).toEqual([one("2027-03-11")]);
  });

  it("is an hour where the house is open then and no other hour is said", () => {
    expect(days("thursday 11")).toEqual([one("2027-03-04")]);
    expect(days("thursday 4")).toEqual([one("2027-03-04")]);
  });
});
