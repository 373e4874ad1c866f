import { describe, expect, it } from "vitest";
import { readsAt } from "../testing/reads.ts";

/** Weeks, hours and people that are told by one another, at a hairdresser's and at chiropractors': in words of no set. */

const tern = readsAt("twenty-fourth", "ternbay");
const hair = readsAt("twenty-fourth", "marigold");
const backs = readsAt("twenty-fourth", "harbour");
const errands = (r: { errands: readonly string[] }) => r.errands;

describe("a week that is told by a day", () => {
  it.each([
    ["the 17th clashes with my shift, is there an afternoon that week", "2027-03-15", "2027-03-21"],
    ["my follow-up on the 9th won't work, anything else during that week", "2027-03-08", "2027-03-14"],
    ["please put mine on the 12th to some time the following week", "2027-03-15", "2027-03-21"],
  ])("is any day of it: %s", (text, from, to) => {
    expect(tern(text).slots).toMatchObject({ new_date_from: from, new_date_to: to });
  });

  it("is the part of the day too that is named with it", () => {
    expect(tern("the 17th clashes with my shift, is there an afternoon that week").slots).toMatchObject({ old_date: "2027-03-17", new_time_from: "12:00" });
  });

  it("is none of the wish where it only tells where somebody is", () => {
    expect(tern("I'm in Montreal that week, could mine be on the 22nd").slots).toMatchObject({ new_date: "2027-03-22" });
    expect(tern("I'm in Montreal that week, could mine be on the 22nd").slots).not.toHaveProperty("new_date_from");
  });

  it("stays one day where the day is the same", () => {
    const wished = tern.read("could it be the week after, same weekday and same hour").found.find((f) => f.kind === "day");
    expect(wished?.kind === "day" && wished.value).toEqual({ kind: "relative", byDays: 7 });
  });

  it("keeps the day that was booked, and takes nothing for its correction", () => {
    expect(tern("I'm down for the 10th at nine with Maren, might Tobias do it instead, any day that week").slots).toMatchObject({
      old_date: "2027-03-10",
      new_date_from: "2027-03-08",
      new_staff: "Tobias Lindqvist",
    });
  });
});

describe("what is no hour of the wish", () => {
  it.each([
    ["a taping on Friday morning, he's got a match at noon", { date: "2027-03-05", time_to: "12:00" }],
    ["insoles on the 10th, I've a train at four", { date: "2027-03-10" }],
  ])("is when something else is: %s", (text, slots) => {
    const read = tern(text).slots;
    expect(read).toMatchObject(slots);
    expect(read).not.toHaveProperty("time");
  });

  it("is when a train gets in late", () => {
    expect(tern("my train comes in late on Thursday, could mine be an hour later").slots).not.toHaveProperty("new_time_from");
    expect(tern("late on Thursday would suit me").slots).toMatchObject({ date: "2027-03-04", time_from: "17:00" });
  });

  it("is the evening of which only the morning is wished for", () => {
    expect(hair("I'm going out on Friday night, could you do me a blow-dry that morning").slots).toMatchObject({ date: "2027-03-05", time_to: "12:00" });
  });

  it("is a wife who sat with somebody", () => {
    expect(tern("is it all right if my sister sat in with me").slots).not.toHaveProperty("date");
    expect(tern("a massage on sat at ten").slots).toMatchObject({ date: "2027-03-06", time: "10:00" });
  });
});

describe("an hour that is told by another", () => {
  it("is a quarter past the hour that was named", () => {
    const times = backs.read("mine at ten and my wife's at half past").found.filter((f) => f.kind === "time");
    expect(times.map((f) => f.kind === "time" && f.value)).toEqual([
      { kind: "at", at: { hour: 10, minute: 0, certain: false } },
      { kind: "at", at: { hour: 10, minute: 30, certain: false } },
    ]);
  });

  it("and none where no hour was", () => {
    expect(backs("one for my wife at half past").slots).not.toHaveProperty("time");
  });

  it("is what a visit is to be made", () => {
    expect(backs("could we make Tuesday's massage half past three").slots).toMatchObject({ new_time: "15:30" });
    expect(backs("might my adjustment on Wednesday be earlier, at half past seven").slots).toMatchObject({ new_time: "07:30" });
  });
});

describe("who is wished for", () => {
  it("is the one who is preferred to the other", () => {
    expect(tern("for my first visit I'd prefer Maren to Tobias").slots).toMatchObject({ new_staff: "Maren Oduya", staff: "Tobias Lindqvist" });
    expect(backs("my wife would prefer to see Isaac over Whetu for the adjustment").slots).toMatchObject({ new_staff: "Isaac Leota" });
  });

  it("is a woman, where it must be one, and none where only a guest is one", () => {
    expect(tern("anyone, as long as it's a man", "staff").slots).toMatchObject({ staff_gender: "man" });
    expect(tern("is the couch strong enough for a really heavy man").slots).not.toHaveProperty("staff_gender");
    expect(hair("I'm looking for a really experienced woman stylist").slots).toMatchObject({ staff_gender: "woman" });
    expect(backs("a first visit with the lady chiropractor").slots).toMatchObject({ staff_gender: "woman" });
  });

  it("is somebody else, of what stands where it stands", () => {
    const r = hair("could someone else do my men's cut on Friday");
    expect(errands(r)).toEqual(["move"]);
    expect(r.slots).toMatchObject({ old_weekdays: ["Friday"] });
    expect(r.slots).not.toHaveProperty("new_date");
  });
});

describe("what they have", () => {
  it.each([
    ["I've a facial on Friday that I can't keep, is there something on Wednesday", "2027-03-03"],
    ["we have a lesson on Friday which we cannot make, have you got Wednesday", "2027-03-03"],
  ])("and cannot keep is to be at another time: %s", (text, date) => {
    const r = tern(text);
    expect([text, ...errands(r)]).toEqual([text, "move"]);
    expect(r.slots).toMatchObject({ old_weekdays: ["Friday"], new_date: date });
  });

  it("is called off where no other time is named", () => {
    expect(errands(tern("I've got a massage on Friday that I can't make any more"))).toEqual(["cancel"]);
  });

  it("is of a month, where it is booked for that", () => {
    expect(tern("please cancel the sessions for April").slots).toMatchObject({ old_date_from: "2027-04-01", old_date_to: "2027-04-30" });
  });

  it("is on the day that it is not to be any more", () => {
    expect(tern("there's a mistake, my visit should be on the 16th, not the 9th").slots).toMatchObject({ old_date: "2027-03-09", new_date: "2027-03-16" });
  });
});

describe("a question of what comes of calling it off", () => {
  it.each([
    "what would I lose if I cancelled the day before",
    "if we call Friday's lesson off, how much do we pay",
    "how much do you charge if I don't turn up",
    "suppose I can't make it, what do I owe you",
  ])("calls nothing off: %s", (text) => {
    expect([text, ...errands(tern(text))]).toEqual([text, "ask-policy"]);
  });

  it("while who says so calls it off", () => {
    expect(errands(tern("call off Friday's visit please"))).toEqual(["cancel"]);
  });
});

it("Easter has a Tuesday and a Friday", () => {
  expect(tern("Easter Tuesday").slots).toMatchObject({ date: "2027-03-30" });
  expect(tern("Easter Friday").slots).toMatchObject({ date: "2027-03-26" });
});

it("just themselves is one place", () => {
  expect(tern("no, only me").slots).toMatchObject({ places: 1 });
});
