import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { setHouse, type SetName } from "../testing/sets.ts";
import { epochMinOf } from "../time/zone.ts";
import type { Expects } from "./context.ts";
import { ofKind } from "./found.ts";
import { read } from "./read.ts";
import { readPublic } from "./slots.ts";

/** What is meant after all where the example sentences lead astray, and what a word is of, in words of no set. */

const at = (set: SetName, key: string) => {
  const house = setHouse(set, key);
  return (text: string, now = "2027-03-01T08:30", expects?: Expects) =>
    readPublic(text, { house, now: epochMinOf(house.zone, now), ...(expects ? { expects } : {}) });
};
const tern = at("fifteenth", "ternbay");
const golf = at("fifteenth", "jacaranda");
const diet = at("fifteenth", "moringa");

describe("a day that cannot be kept, and another", () => {
  it.each<[string, Record<string, unknown>]>([
    ["Wednesday at two is out, Thursday at the same hour?", { old_weekdays: ["Wednesday"], old_time: "14:00", new_date: "2027-03-04" }],
    ["Tuesday doesn't suit any more, could it be the 10th", { old_weekdays: ["Tuesday"], new_date: "2027-03-10" }],
    ["the 9th is no longer possible. Is Priya there on the 11th? At three?", { old_date: "2027-03-09", new_date: "2027-03-11", new_time: "15:00" }],
    ["tomorrow is off, we're all ill. Friday?", { old_date: "2027-03-02", new_date: "2027-03-05" }],
  ])("is a move: %s", (text, slots) => {
    const r = tern(text);
    expect(r.errand).toBe("move");
    expect(r.slots).toMatchObject(slots);
  });

  it("is none where something new is wished for, or only one day is named", () => {
    expect(tern("a relaxation massage please, Thursday is no good, Friday?").errand).toBe("book");
    expect(tern("Wednesday's too early, the week after", undefined, "day").errands).not.toContain("move");
  });

  it("is a cancellation where that is all", () => {
    expect(tern("Friday isn't going to happen, please cancel")).toMatchObject({ errand: "cancel", slots: { old_weekdays: ["Friday"] } });
  });
});

describe("who does not come", () => {
  it.each(["I'm not coming on Thursday", "we aren't coming Thursday", "Dora Finch speaking, she's not coming on Thursday"])("cancels: %s", (text) => {
    expect(tern(text)).toMatchObject({ errand: "cancel", slots: { old_weekdays: ["Thursday"] } });
  });

  it("and the coming day is one all the same", () => {
    expect(tern("this coming Thursday").slots).toEqual({ date: "2027-03-04" });
    expect(tern("coming Thursday").slots).toEqual({ date: "2027-03-04" });
  });

  it("calls it off in so many words, and not where it is only asked about", () => {
    expect(tern("my shift changed on the 9th, so call that off").errand).toBe("cancel");
    expect(tern("until when may I call it off").errand).toBe("ask-policy");
    expect(tern("what if I call it off in the morning").errand).not.toBe("cancel");
  });
});

describe("what is asked or wished, against the first guess", () => {
  it.each<[string, string, (text: string) => { errand: string | null }]>([
    ["my husband cannot digest milk, we need some guidance", "book", diet],
    ["please send Farida to check our kitchen", "book", diet],
    ["diet plan charges please", "ask-price", diet],
    ["kindly tell the timings", "ask-hours", diet],
    ["any seats in the cooking class on Thursday for two", "ask-availability", diet],
    ["Good Friday, is anyone at the studio", "ask-hours", golf],
    ["does somebody remind us the day before", "ask-policy", tern],
    ["please prepone it, my report came", "move", diet],
    ["may one just turn up or do I book", "ask-policy", golf],
    ["Friday's fitting, may I come for it on Saturday instead", "move", golf],
  ])("%s: %s", (text, errand, read) => {
    expect(read(text).errand).toBe(errand);
  });
});

describe("words that lead into a question", () => {
  it("say nothing of it, though a yes is waited for", () => {
    expect(tern("ok when can somebody check it", undefined, "message").errand).toBe("ask-availability");
    expect(tern("ok great", undefined, "message").errand).toBe("none");
  });
});

describe("what a word is of", () => {
  it("is who somebody is rather than what they do", () => {
    expect(golf("an hour with Coach Peter on Friday at two").slots).toMatchObject({ staff: "Peter Kamau", length_min: 60 });
    expect(golf("an hour with Coach Peter on Friday at two").slots).not.toHaveProperty("service");
    expect(golf("a lady coach on Thursday please").slots).toMatchObject({ staff_gender: "woman" });
    expect(golf("any of the ladies", undefined, "staff").slots).toEqual({ staff_gender: "woman" });
  });

  it("is of no one service where the whole house is called so", () => {
    expect(golf("my sister would like to start golf").slots).not.toHaveProperty("service");
    expect(golf("kids' golf on Saturday").slots).toMatchObject({ service: "Junior class" });
  });

  it("is of none that it only looks like", () => {
    expect(diet("does somebody speak Marathi").slots).not.toHaveProperty("service");
    expect(golf("I've never played before, Saturday at ten").slots).not.toHaveProperty("service");
  });

  it("is of one more service after one that was named", () => {
    const house = setHouse("fifteenth", "jacaranda");
    const named = (text: string): string[] =>
      ofKind(read(text, { house, now: epochMinOf(house.zone, "2027-03-01T08:30") }).found, "service").flatMap((f) => f.value);
    expect(named("the simulator on Friday at eleven and then a fitting")).toEqual(["simulator", "fitting"]);
    expect(named("the simulator on Friday at eleven and a question")).toEqual(["simulator"]);
    expect(named("the simulator on Friday at eleven, my fitting was great")).toEqual(["simulator"]);
  });
});

describe("days and hours", () => {
  it.each<[string, Record<string, unknown>]>([
    ["this Thursday or the one after", { date_candidates: ["2027-03-04", "2027-03-11"], date_choice: "either" }],
    ["Saturday or the next one please", { date_candidates: ["2027-03-06", "2027-03-13"], date_choice: "either" }],
    ["tomorrow or day after", { date_candidates: ["2027-03-02", "2027-03-03"], date_choice: "either" }],
    ["Wednesday post lunch", { date: "2027-03-03", time_from: "13:00" }],
    ["Wednesday in the morning? Ten", { date: "2027-03-03", time: "10:00" }],
  ])("%s", (text, slots) => {
    expect(tern(text).slots).toEqual(slots);
  });

  it("a part of the day is of next week once it is over, and not before", () => {
    const thursday = (text: string, hour: string) => tern(text, `2027-03-04T${hour}`).slots["date"];
    fc.assert(
      fc.property(fc.integer({ min: 8, max: 18 }), (hour) => {
        const now = `${String(hour).padStart(2, "0")}:30`;
        expect(thursday("Thursday morning", now)).toBe(hour < 12 ? "2027-03-04" : "2027-03-11");
        expect(thursday("Thursday afternoon", now)).toBe(hour < 17 ? "2027-03-04" : "2027-03-11");
        expect(thursday("Thursday evening", now)).toBe("2027-03-04");
      }),
    );
  });

  it("a day inside a stretch that was named before is what is meant of it", () => {
    expect(tern("could I see Tobias this week instead of the 16th? Friday at nine?").slots).toMatchObject({ new_date: "2027-03-05", new_time: "09:00" });
    expect(tern("could I see Tobias this week instead of the 16th? Friday at nine?").slots).not.toHaveProperty("new_date_to");
  });

  it("of two lengths the one that is not replaced is meant", () => {
    expect(tern("may I have 90 minutes instead of the hour on Friday").slots).toMatchObject({ length_min: 90 });
    expect(tern("half an hour rather than an hour, my massage").slots).toMatchObject({ length_min: 30 });
  });
});

describe("numbers without their area code", () => {
  it.each<[SetName, string, string, string]>([
    ["fifteenth", "moringa", "2555 0199", "+912025550199"],
    ["fifteenth", "jacaranda", "255 0199", "+254202550199"],
    ["fifteenth", "ternbay", "555 0199", "+19025550199"],
    ["fourteenth", "carob", "2155 0199", "+35621550199"],
  ])("at %s %s: %s", (set, key, said, phone) => {
    expect(at(set, key)(said, undefined, "phone").slots).toEqual({ phone });
  });
});
