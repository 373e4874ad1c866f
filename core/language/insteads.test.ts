import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { closedDay } from "../house/compile.ts";
import { setHouse, type SetName } from "../testing/sets.ts";
import { isoOfDay, weekdayOf } from "../time/days.ts";
import { epochMinOf } from "../time/zone.ts";
import { readAnswer } from "./answers.ts";
import type { Expects } from "./context.ts";
import { HOLIDAYS } from "./packs/en/holidays.ts";
import { readPublic } from "./slots.ts";

/** One thing in place of another, days by their names, and whose the visit is: in words of no set. */

const at = (set: SetName, key: string) => {
  const house = setHouse(set, key);
  return (text: string, expects?: Expects, now = "2027-03-01T08:30") =>
    readPublic(text, { house, now: epochMinOf(house.zone, now), ...(expects ? { expects } : {}) });
};
const tern = at("eighteenth", "ternbay");
const sleep = at("seventeenth", "coolabah");
const speech = at("eighteenth", "elmet");
const boats = at("eighteenth", "saltgrass");

describe("holidays of the house's country", () => {
  it("come once a year, on the weekday that their rule names", () => {
    fc.assert(
      fc.property(fc.integer({ min: 2020, max: 2060 }), fc.constantFrom(...Object.values(HOLIDAYS).flatMap((of) => Object.values(of))), (year, rule) => {
        const day = closedDay(rule, year);
        expect(day).not.toBeNull();
        expect(isoOfDay(day as number).slice(0, 4)).toBe(String(year));
        if (rule.kind === "weekday") expect(weekdayOf(day as number)).toBe({ Monday: 1, Tuesday: 2, Thursday: 4, Sunday: 7 }[rule.weekday as "Monday"]);
      }),
    );
  });

  // From memory: calendars of 2027.
  it.each([
    ["US", "thanksgiving", "2027-11-25"],
    ["US", "memorial day", "2027-05-31"],
    ["CA", "victoria day", "2027-05-24"],
    ["CA", "thanksgiving", "2027-10-11"],
    ["GB", "early may bank holiday", "2027-05-03"],
    ["GB", "spring bank holiday", "2027-05-31"],
    ["IE", "october bank holiday", "2027-10-25"],
    ["NZ", "labour day", "2027-10-25"],
  ])("%s: %s is %s", (country, name, day) => {
    const rule = HOLIDAYS[country]?.[name];
    expect(rule).toBeDefined();
    expect(isoOfDay(closedDay(rule as NonNullable<typeof rule>, 2027) as number)).toBe(day);
  });

  it("are days by their names, though the house does not list them", () => {
    expect(boats("Australia Day", "day").slots).toEqual({ date: "2028-01-26" });
    expect(boats("the Monday before Melbourne Cup Day", "day").slots).toEqual({ date: "2027-11-01" });
    expect(speech("the early May bank holiday", "day").slots).toEqual({ date: "2027-05-03" });
    expect(tern("the Tuesday after Victoria Day", "day").slots).toEqual({ date: "2027-05-25" });
  });

  it("of another country are none", () => {
    expect(tern("Anzac Day", "day").slots).not.toHaveProperty("date");
    expect(speech("Memorial Day", "day").slots).not.toHaveProperty("date");
  });
});

describe("days that are told by others", () => {
  it.each<[string, object]>([
    ["nothing sooner than the 12th", { date_from: "2027-03-12" }],
    ["she's off until the 9th", { date_from: "2027-03-10" }],
    ["we get back on the 12th, so any time after that", { date_from: "2027-03-13" }],
    ["we get back on the 12th", { date_from: "2027-03-12" }],
    ["Thursday of the week after next", { date: "2027-03-18" }],
    ["not next week, the week after", { date_from: "2027-03-15", date_to: "2027-03-21" }],
    ["asap, the sooner the better, whenever there's something", { date_from: "2027-03-01" }],
    ["the first weekend of April", { date_candidates: ["2027-04-03", "2027-04-04"], date_choice: "either" }],
  ])("%s", (text, slots) => {
    expect(boats(text, "day").slots).toEqual(slots);
  });

  it("a stretch that is ruled out is left out where another is wished for, and kept where none is", () => {
    expect(boats("not this week, the 16th", "day").slots).toEqual({ date: "2027-03-16" });
    expect(boats("any day but Friday", "day").slots).toEqual({ exclude_weekdays: ["Friday"] });
  });

  it("that week is the week of the day that was named before", () => {
    expect(tern("not Monday the 8th, Friday of that week", "day").slots).toMatchObject({ date: "2027-03-12" });
  });
});

describe("hours", () => {
  it("that were meant are heard where something is read back", () => {
    expect(tern("sorry, I meant eleven", "phone-check").slots).toMatchObject({ time: "11:00" });
    expect(tern("actually twelve is better", "go-ahead").slots).toMatchObject({ time: "12:00" });
    expect(tern("sorry, I meant five", "phone-check").slots).not.toHaveProperty("time");
  });

  it("between two hours end with the second, whatever part of the day is named besides", () => {
    expect(tern("early afternoon, from one to two", "time").slots).toMatchObject({ time_from: "13:00", time_to: "14:00", time_to_is: "end" });
  });
});

describe("what is wanted", () => {
  it.each([
    ["I can't remember whether it was two or three on Monday", ["ask-mine"]],
    ["what time am I in with Fleur", ["ask-mine"]],
    ["is Harriet or Vikram doing my review", ["ask-mine"]],
    ["could you check whether the 9th is still happening", ["ask-mine"]],
    ["please let Shelley know that I'll be a bit late", ["message"]],
    ["may I speak to Bronwyn, just a quick word with her", ["person"]],
    ["does my old mask still count", ["ask-policy"]],
    ["can I swap my Tuesday for one later in the month", ["move"]],
    ["am I writing with a human being", ["ask-service"]],
    ["I slipped on the stairs and hurt my back", ["book"]],
    ["what does a mask fitting come to, and can I have one on Friday", ["ask-price", "book"]],
    ["cancel my review and book me a machine check instead", ["cancel", "book"]],
    ["cancel Tuesday's and put me down for Friday instead", ["move"]],
    ["who should we complain to", ["person"]],
  ])("%s", (text, errands) => {
    expect(sleep(text).errands).toEqual(errands);
  });

  it("who would pop in moves nothing", () => {
    expect(sleep("might I swing by of a Wednesday towards eleven").errands).not.toContain("move");
    expect(sleep("may I drop by tomorrow morning").errands).not.toContain("move");
  });

  it("what is dropped is no visit, and who is taken out for a sail gives nothing up", () => {
    expect(boats("I dropped my sunglasses in the water, can somebody fetch them").errands).not.toContain("cancel");
    expect(boats("could Jess take us out on Saturday for two hours").errands).not.toContain("cancel");
    expect(boats("please take me out of the Friday tour").errands).toContain("cancel");
  });

  it("what befell somebody a while ago is no danger of now", () => {
    expect(speech("my wife had a stroke last year, which group would suit her").errands).not.toContain("emergency");
    expect(speech("I think my wife is having a stroke").errands).toEqual(["emergency"]);
    expect(speech("my wife had a stroke ten minutes ago").errands).toEqual(["emergency"]);
    for (const house of [tern, speech, boats])
      for (const text of ["our dad had a stroke this morning", "she has just had a seizure", "he had a heart attack last night and last year too"])
        expect(house(text).errands, text).toEqual(["emergency"]);
    expect(tern("I had a stroke two years ago, is taping all right").errands).not.toContain("emergency");
  });

  it("who asks for a name on a day asks about others", () => {
    expect(tern("my gran lost her appointment card, what time is she due").errands).toEqual(["refused"]);
    expect(tern("I clean here, whose name is down for Thursday at nine").errands).toEqual(["refused"]);
  });
});

describe("people", () => {
  it("of one's own are called so without my", () => {
    expect(speech("could gran get a swallowing check").slots).toMatchObject({ for_whom: "gran", service: "Swallowing check" });
    expect(speech("nan and I fancy a go at the conversation group").slots).toMatchObject({ places: 2 });
    expect(speech("my nephew is five and needs an assessment").slots).toMatchObject({ for_whom: "nephew" });
  });

  it("whoever will do", () => {
    for (const text of ["I've no preference", "either would be good", "I don't mind which of them"])
      expect(speech(text, "staff").slots).toMatchObject({ staff: "any" });
  });

  it("tell their names in either order of saying it", () => {
    expect(speech("Ingrid, surname Aasen", "name").slots).toMatchObject({ name: "Ingrid Aasen" });
    expect(speech("first name Ingrid, family name Aasen", "name").slots).toMatchObject({ name: "Ingrid Aasen" });
    expect(speech("my last name is Aasen", "name").slots).toMatchObject({ name: "Aasen" });
  });
});

describe("a service", () => {
  it("is not named by a word that stands for any one", () => {
    for (const text of ["cancel the next one", "the later one", "when is my other one"]) expect(speech(text).slots).not.toHaveProperty("service");
  });

  it("none of what was offered is chosen where none will do", () => {
    expect(speech("I couldn't make any of those", "slot").slots).toMatchObject({ choice: "none" });
  });
});

describe("an age", () => {
  const house = setHouse("eighteenth", "saltgrass");
  const question = house.handbook.questions.find((q) => q.key === "sixteen");
  const said = (text: string, ask: string) => readAnswer(house, { ...(question as NonNullable<typeof question>), ask }, text, null);

  it.each([
    ["Are you sixteen or older?", "I'm twenty two", "yes"],
    ["Are you sixteen or older?", "he's 15", "no"],
    ["Are you sixteen or older?", "sixteen", "yes"],
    ["Are you over 18?", "18", "no"],
    ["Are you over 18?", "nearly forty", "yes"],
    ["Is the child under 5?", "she's four", "yes"],
    ["Is the child under 5?", "seven years old", "no"],
  ])("%s – %s: %s", (ask, text, answer) => {
    expect(said(text, ask)).toMatchObject({ kind: "value", text: answer });
  });

  it("is told by itself, and not by another number", () => {
    expect(said("I've been there 20 times", "Are you sixteen or older?")).not.toMatchObject({ kind: "value", text: "yes" });
  });
});
