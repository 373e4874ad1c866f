import { describe, expect, it } from "vitest";
import { epochMinOf } from "../time/zone.ts";
import { setHouse, type SetName } from "../testing/sets.ts";
import type { Expects } from "./context.ts";
import { readPublic } from "./slots.ts";
import { spell } from "./spelling.ts";

/** What theirs is told beside what it is to be, one thing and not another, and short answers, in words of no set. */

const at = (set: SetName, key: string) => {
  const house = setHouse(set, key);
  return (text: string, expects?: Expects, now = "2027-03-01T08:30") =>
    readPublic(text, { house, now: epochMinOf(house.zone, now), ...(expects ? { expects } : {}) });
};
const tern = at("eighteenth", "ternbay");
const speech = at("eighteenth", "elmet");
const boats = at("eighteenth", "saltgrass");
const islands = at("nineteenth", "almond");

describe("what they have, and what it is to be", () => {
  it.each<[typeof tern, string, object]>([
    [boats, "I've got the radio certificate on the 9th. Would the afternoon be possible, at one?", { old_date: "2027-03-09", new_time: "13:00" }],
    [speech, "I'm in with Owen on Friday, could it be at twelve", { old_weekdays: ["Friday"], new_time: "12:00", staff: "Owen Pritchard" }],
    [tern, "my acupuncture on Tuesday is too early for me", { old_weekdays: ["Tuesday"], shift: "later" }],
    [boats, "the test needs to be put back, my knee is in plaster", {}],
    [tern, "skip Thursday, I'd like to come on Monday the 8th at three", { new_date: "2027-03-08", new_time: "15:00" }],
    [speech, "half an hour after the time we'd agreed would be better", { shift: "later" }],
    [tern, "could we do the taping on the 16th, not the 9th", { old_date: "2027-03-09", new_date: "2027-03-16" }],
    [boats, "scrap Thursday and put me down for the 12th at ten", { old_weekdays: ["Thursday"], new_date: "2027-03-12", new_time: "10:00" }],
    [tern, "Otis Lamb, 902 555 0177, may I come at nine on Friday, not ten", { new_time: "09:00", old_time: "10:00" }],
    [boats, "Otis Lamb, 03 6555 0177, can we sail on Friday, not on Thursday", { new_date: "2027-03-05", old_weekdays: ["Thursday"] }],
    [tern, "Pia Roe, 902 555 0178: could Friday's be at two, I've got to fetch the kids at four", { old_weekdays: ["Friday"], new_time: "14:00" }],
  ])("is moved: %#", (read, text, slots) => {
    const { errands, slots: told } = read(text);
    expect([text, errands, told]).toEqual([text, ["move"], expect.objectContaining(slots)]);
  });

  it.each<[typeof tern, string, string]>([
    [tern, "I've got the flu, could you see me on Friday", "book"],
    [boats, "is a lesson on Saturday too late for a child", "ask-service"],
    [tern, "cancel Thursday and book me a follow-up on the 12th at nine", "cancel book"],
    [boats, "could I have a sailing lesson on Friday, not too early", "book"],
  ])("but nothing is moved by %#", (read, text, errands) => {
    expect([text, read(text).errands.join(" ")]).toEqual([text, errands]);
  });
});

describe("what one's own doctor does, and what is to be brought", () => {
  it.each<[typeof tern, string, string]>([
    [tern, "does our family doctor have to sign anything", "ask-policy"],
    [speech, "should I send his old reports ahead or bring them", "ask-service"],
    [tern, "what do I take along to the class", "ask-service"],
  ])("is asked of the house: %#", (read, text, errand) => {
    expect([text, read(text).errands]).toEqual([text, [errand]]);
  });

  it("is not what one should swallow", () => {
    expect(tern("what should I take for a sore back").errands).toEqual(["refused"]);
    expect(tern("should I take two of these pills before I come").errands).toEqual(["refused"]);
  });
});

describe("short answers", () => {
  it.each<[string, Expects, object]>([
    ["an hour and three quarters", "length", { length_min: 105 }],
    ["two hours and a quarter", "length", { length_min: 135 }],
    ["an hour and twenty minutes", "length", { length_min: 80 }],
    ["nothing too long, sixty", "length", { length_min: 60 }],
    ["whichever of you has time", "staff", {}],
    ["that's up to you", "staff", { staff: "any" }],
    ["I leave it to you", "staff", { staff: "any" }],
    ["earlier would suit me better", "slot", { shift: "earlier" }],
    ["that's too soon", "slot", { shift: "later" }],
    ["Petrov. Ivan Petrov", "name", { name: "Ivan Petrov" }],
    ["under Mrs Lowe-Carter", "name", { name: "Lowe-Carter" }],
    ["Saana Aaltonen, spelled A-A-L-T-O-N-E-N", "name", { name: "Saana Aaltonen" }],
  ])("%s", (text, expects, slots) => {
    expect([text, tern(text, expects).slots]).toEqual([text, expect.objectContaining(slots)]);
  });

  it("keep a letter that is spelled twice, and no word that is begun twice", () => {
    expect(spell("a a r o n", () => false, true).said.norm).toBe("a a r o n");
    expect(spell("can can I come", () => false).said.norm).toBe("can i come");
  });
});

describe("days that are named, and weeks of them", () => {
  it("are those of the house's country", () => {
    expect(islands("Emancipation Day", "day").slots).toEqual({ date: "2027-08-01" });
    expect(islands("the Monday before National Heroes Day", "day").slots).toEqual({ date: "2027-04-26" });
    expect(boats("Emancipation Day", "day").slots).not.toHaveProperty("date");
  });

  it("are a week where it is asked for, and none where a holiday of weeks is", () => {
    expect(speech("the week of Good Friday", "day").slots).toEqual({ date_from: "2027-03-22", date_to: "2027-03-28" });
    expect(speech("in the Easter holidays", "day").slots).not.toHaveProperty("date");
    expect(speech("before May", "day").slots).toEqual({ date_to: "2027-04-30" });
    expect(tern("whatever comes up first", "day").slots).not.toHaveProperty("date_to");
    expect(tern("whatever comes first", "day").slots).toEqual({ date_from: "2027-03-01" });
  });
});

describe("numbers that are no hours", () => {
  it("one by one is none", () => {
    expect(tern("can I pay the classes one by one").slots).not.toHaveProperty("time_to");
    expect(tern("by one, please", "time").slots).toMatchObject({ time_to: "13:00" });
  });
});

describe("an hour that is said of both days", () => {
  it("stands beside them, and one that is said of one of them does not", () => {
    expect(tern("move it to Tuesday or Wednesday, any time in the morning").slots).toMatchObject({
      new_date_candidates: ["2027-03-02", "2027-03-03"],
      new_time_to: "12:00",
      new_time_to_is: "start",
    });
    expect(tern("Tuesday at ten or Wednesday at two", "day").slots).toEqual({ date_candidates: ["2027-03-02", "2027-03-03"], date_choice: "either" });
  });
});
