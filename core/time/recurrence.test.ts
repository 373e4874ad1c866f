import { describe, expect, it } from "vitest";
import { dayOfIso, isoOfDay } from "./days.ts";
import { everyWeeks, nthOfMonth, recurrenceOf, ruleOfWords, ruleWords } from "./recurrence.ts";

/** All days of a rule up to a date. */
const days = (rule: string, from: string, to: string): string[] => recurrenceOf(rule, from).between(dayOfIso(from), dayOfIso(to)).map(isoOfDay);

// The worked examples of RFC 5545, section 3.8.5.3 (all in America/New_York there; their days are taken, not their clock times).
describe("recurrences of RFC 5545", () => {
  it.each([
    [
      "daily for ten times",
      "FREQ=DAILY;COUNT=10",
      "1997-09-02",
      ["1997-09-02", "1997-09-03", "1997-09-04", "1997-09-05", "1997-09-06", "1997-09-07", "1997-09-08", "1997-09-09", "1997-09-10", "1997-09-11"],
    ],
    ["every ten days, five times", "FREQ=DAILY;INTERVAL=10;COUNT=5", "1997-09-02", ["1997-09-02", "1997-09-12", "1997-09-22", "1997-10-02", "1997-10-12"]],
    [
      "weekly for ten times",
      "FREQ=WEEKLY;COUNT=10",
      "1997-09-02",
      ["1997-09-02", "1997-09-09", "1997-09-16", "1997-09-23", "1997-09-30", "1997-10-07", "1997-10-14", "1997-10-21", "1997-10-28", "1997-11-04"],
    ],
    [
      "every other week on Tuesday and Thursday, eight times",
      "FREQ=WEEKLY;INTERVAL=2;COUNT=8;WKST=SU;BYDAY=TU,TH",
      "1997-09-02",
      ["1997-09-02", "1997-09-04", "1997-09-16", "1997-09-18", "1997-09-30", "1997-10-02", "1997-10-14", "1997-10-16"],
    ],
    [
      "monthly on the first Friday, ten times",
      "FREQ=MONTHLY;COUNT=10;BYDAY=1FR",
      "1997-09-05",
      ["1997-09-05", "1997-10-03", "1997-11-07", "1997-12-05", "1998-01-02", "1998-02-06", "1998-03-06", "1998-04-03", "1998-05-01", "1998-06-05"],
    ],
    [
      "every other month on the first and last Sunday, ten times",
      "FREQ=MONTHLY;INTERVAL=2;COUNT=10;BYDAY=1SU,-1SU",
      "1997-09-07",
      ["1997-09-07", "1997-09-28", "1997-11-02", "1997-11-30", "1998-01-04", "1998-01-25", "1998-03-01", "1998-03-29", "1998-05-03", "1998-05-31"],
    ],
    [
      "monthly on the second-to-last Monday, six times",
      "FREQ=MONTHLY;COUNT=6;BYDAY=-2MO",
      "1997-09-22",
      ["1997-09-22", "1997-10-20", "1997-11-17", "1997-12-22", "1998-01-19", "1998-02-16"],
    ],
    [
      "monthly on the 2nd and 15th, ten times",
      "FREQ=MONTHLY;COUNT=10;BYMONTHDAY=2,15",
      "1997-09-02",
      ["1997-09-02", "1997-09-15", "1997-10-02", "1997-10-15", "1997-11-02", "1997-11-15", "1997-12-02", "1997-12-15", "1998-01-02", "1998-01-15"],
    ],
    [
      "every Tuesday, every other month",
      "FREQ=MONTHLY;INTERVAL=2;BYDAY=TU;COUNT=9",
      "1997-09-02",
      ["1997-09-02", "1997-09-09", "1997-09-16", "1997-09-23", "1997-09-30", "1997-11-04", "1997-11-11", "1997-11-18", "1997-11-25"],
    ],
    [
      "yearly in June and July, ten times",
      "FREQ=YEARLY;COUNT=10;BYMONTH=6,7",
      "1997-06-10",
      ["1997-06-10", "1997-07-10", "1998-06-10", "1998-07-10", "1999-06-10", "1999-07-10", "2000-06-10", "2000-07-10", "2001-06-10", "2001-07-10"],
    ],
    [
      "every Friday the 13th, five times",
      "FREQ=MONTHLY;BYDAY=FR;BYMONTHDAY=13;COUNT=5",
      "1998-02-13",
      ["1998-02-13", "1998-03-13", "1998-11-13", "1999-08-13", "2000-10-13"],
    ],
    [
      "the third Tuesday, Wednesday or Thursday of the month, three times",
      "FREQ=MONTHLY;COUNT=3;BYDAY=TU,WE,TH;BYSETPOS=3",
      "1997-09-04",
      ["1997-09-04", "1997-10-07", "1997-11-06"],
    ],
    [
      "an invalid date is passed over",
      "FREQ=MONTHLY;BYMONTHDAY=15,30;COUNT=5",
      "2007-01-15",
      ["2007-01-15", "2007-01-30", "2007-02-15", "2007-03-15", "2007-03-30"],
    ],
  ])("%s", (_, rule, from, expected) => {
    expect(days(rule, from, "2010-12-31")).toEqual(expected);
  });

  it("until a day, that day included, over both clock changes", () => {
    const found = days("FREQ=WEEKLY;UNTIL=19971224T000000Z", "1997-09-02", "1998-12-31");
    expect(found.length).toBe(17);
    expect(found.at(-1)).toBe("1997-12-23");
    expect(days("FREQ=DAILY;UNTIL=20271108", "2027-11-05", "2027-12-01")).toEqual(["2027-11-05", "2027-11-06", "2027-11-07", "2027-11-08"]);
  });

  it("say of each day whether it is one of them, and have none before the first", () => {
    const r = recurrenceOf("FREQ=WEEKLY;INTERVAL=2;BYDAY=SA", "2027-03-06");
    expect(["2027-02-20", "2027-03-06", "2027-03-13", "2027-03-20", "2028-01-08"].map((d) => r.has(dayOfIso(d)))).toEqual([false, true, false, true, true]);
  });

  it.each([
    ["nothing at all", ""],
    ["an hourly rule", "FREQ=HOURLY"],
    ["clock times", "FREQ=DAILY;BYHOUR=9"],
    ["two ends", "FREQ=DAILY;COUNT=3;UNTIL=20270401"],
    ["an unknown part", "FREQ=DAILY;BYMOON=FULL"],
    ["no number", "FREQ=DAILY;INTERVAL=0"],
  ])("refuse %s", (_, rule) => {
    expect(() => recurrenceOf(rule, "2027-03-01")).toThrow(RangeError);
  });
});

describe("recurrences in words", () => {
  it.each([
    ["every second Saturday", everyWeeks(2, ["Saturday"])],
    ["every 3 weeks on Monday", everyWeeks(3, ["Monday"])],
    ["first and third Thursday of the month", nthOfMonth([1, 3], ["Thursday"])],
    ["last Friday of the month", nthOfMonth([-1], ["Friday"])],
  ])("%s", (words, rule) => {
    expect(ruleOfWords(words)).toBe(rule);
    expect(ruleWords(rule)).toBe(words);
  });

  it("are read in short forms too, and are none where nothing comes in turn", () => {
    expect(ruleOfWords("every other Sat")).toBe(everyWeeks(2, ["Saturday"]));
    expect(ruleOfWords("1st and 3rd Thu of the month")).toBe(nthOfMonth([1, 3], ["Thursday"]));
    expect(ruleOfWords("Mondays")).toBeNull();
    expect(ruleOfWords("some time in the month")).toBeNull();
    expect(ruleWords("FREQ=YEARLY;BYMONTH=6")).toBe("FREQ=YEARLY;BYMONTH=6");
  });
});
