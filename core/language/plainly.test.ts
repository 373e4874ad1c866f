import { describe, expect, it } from "vitest";
import { NOW } from "../testing/play.ts";
import { setHouse, type SetName } from "../testing/sets.ts";
import { epochMinOf } from "../time/zone.ts";
import type { Expects } from "./context.ts";
import { readPublic } from "./slots.ts";

const at =
  (set: SetName, key: string) =>
  (text: string, expects?: Expects): ReturnType<typeof readPublic> => {
    const house = setHouse(set, key);
    return readPublic(text, { house, now: epochMinOf(house.zone, NOW), ...(expects ? { expects } : {}) });
  };
const tern = at("fourteenth", "ternbay");
const repairs = at("fourteenth", "kapok");
const pool = at("fourteenth", "carob");
const riding = at("thirteenth", "burnside");

describe("days", () => {
  it.each([
    ["Wednesday next, if that's all right", { date_candidates: ["2027-03-03", "2027-03-10"], date_choice: "ask" }],
    ["I'd say the 9th of next month", { date: "2027-04-09" }],
    ["the twentieth of this month", { date: "2027-03-20" }],
    ["perhaps May then", { date_from: "2027-05-01", date_to: "2027-05-31" }],
    ["June would suit us", { date_from: "2027-06-01", date_to: "2027-06-30" }],
    ["we're not available on Thursdays", { exclude_weekdays: ["Thursday"] }],
    ["april seven please", { date: "2027-04-07" }],
    ["that weekend around the 20th of March", { date_candidates: ["2027-03-20", "2027-03-21"], date_choice: "either" }],
    ["the weekend of april 4", { date_candidates: ["2027-04-03", "2027-04-04"], date_choice: "either" }],
    ["on march twenty-two around nine", { date: "2027-03-22" }],
    ["wednesday march thirty one", { date: "2027-03-31" }],
  ])("%s", (text, slots) => {
    expect(tern(text).slots).toMatchObject(slots);
  });

  it("of the house's own go by their names however the apostrophe stands", () => {
    expect(pool("workers day").slots).toMatchObject({ date: "2027-05-01" });
    expect(pool("on Workers' Day").slots).toMatchObject({ date: "2027-05-01" });
  });

  it("may is no month where it asks, nor march where it walks", () => {
    expect(tern("may I come in at ten").slots).not.toHaveProperty("date_from");
    expect(tern("we march at ten, then home").slots).not.toHaveProperty("date_from");
    expect(tern("may one pay by card").slots).not.toHaveProperty("date");
    expect(tern("may four people come along").slots).not.toHaveProperty("date");
    expect(tern("in april two hours would be good").slots).not.toHaveProperty("date");
  });

  it("on which something of the world's begins are none to come on", () => {
    expect(pool("my little one can't float and her new school starts in September").slots).not.toHaveProperty("date_from");
    expect(pool("can you teach her in April, school starts in September").slots).toMatchObject({ date_from: "2027-04-01" });
  });
});

describe("times", () => {
  it("of day before work ends when most begin", () => {
    expect(riding("Tuesday before school").slots).toMatchObject({ date: "2027-03-02", time_to: "09:00", time_to_is: "end" });
  });

  it("are none in how many somebody brings", () => {
    expect(pool("a party for fifteen kids").slots).not.toHaveProperty("time");
    expect(pool("at for fifteen on Thursday").slots).toHaveProperty("time");
  });

  it("at which one could begin are no working hours", () => {
    expect(tern("an assessment on the 9th, could we begin at eleven").slots).toMatchObject({ time: "11:00" });
    expect(tern("on the 9th, I begin at eleven").slots).toMatchObject({ time_to: "11:00", time_to_is: "end" });
  });
});

describe("how many come to what is for several", () => {
  it.each([
    ["three for the elders' hour on Wednesday", 3],
    ["hi, two for phone class please", 2],
  ])("%s", (text, places) => {
    expect(repairs(text).slots).toMatchObject({ places });
  });

  it("is not told by an hour", () => {
    expect(tern("Wednesday at two for Pilates").slots).not.toHaveProperty("places");
  });

  it("nor by a number before what one person has at a time", () => {
    expect(repairs("move it to two for screen repair").slots).not.toHaveProperty("places");
  });
});

describe("services", () => {
  it("that one is said not to be, is none", () => {
    expect(repairs("please call off the lesson but not the screen replacement").slots).toMatchObject({ service: "Computer lesson" });
    expect(repairs("cancel the clean-up and not the battery change").slots).toMatchObject({ service: "Computer clean-up" });
  });

  it("are no slips of everyday words with an ending", () => {
    expect(repairs("would you mind exchanging the cover").slots).not.toHaveProperty("service");
  });

  it("are not named by what is to be paid", () => {
    expect(repairs("do you have your charges written somewhere").slots).not.toHaveProperty("service");
    expect(repairs("is there a charge for looking").slots).not.toHaveProperty("service");
  });

  it("that change a thing are wished for, and nothing is moved", () => {
    expect(repairs("could you replace my battery on Thursday")).toMatchObject({ errand: "book", slots: { service: "Battery change" } });
    expect(repairs("can one change the battery of such an old thing").errand).toBe("ask-service");
    expect(repairs("could you change my battery appointment to Thursday").errand).toBe("move");
  });
});

describe("who says it", () => {
  it("first, before a colon", () => {
    expect(pool("Sandra Pace: please call off my lesson").slots).toMatchObject({ name: "Sandra Pace" });
  });

  it("and a remark before a colon is no name", () => {
    expect(pool("One more thing: what does it cost").slots).not.toHaveProperty("name");
  });
});

describe("answers", () => {
  it("that say never, and what was never done", () => {
    expect(tern("never again", "go-ahead").slots).toMatchObject({ yes: false });
    expect(tern("never ridden", "service").slots).not.toHaveProperty("yes");
  });

  it("that nobody has", () => {
    expect(repairs("no one, it's sealed still", "question:opened").slots).toMatchObject({ yes: false });
    expect(repairs("nobody but my cousin", "question:opened").slots).not.toHaveProperty("yes");
  });

  it("that no matter who", () => {
    expect(pool("no matter who", "staff").slots).toMatchObject({ staff: "any" });
  });

  it("that none of them will do but later ones", () => {
    expect(pool("not these, something later", "slot").slots).toMatchObject({ shift: "later" });
    expect(pool("not these", "slot").slots).toMatchObject({ choice: "none" });
  });

  it("of any time on a day ask nothing", () => {
    expect(tern("any time on the 12th", "day")).toMatchObject({ errands: [], slots: { date: "2027-03-12" } });
  });
});

describe("what is wanted", () => {
  it.each([
    ["move", "could you fit us in sooner than the 20th"],
    ["move", "is it possible to go from half an hour to 45 minutes on Friday's lesson"],
    ["move", "the 10th overlaps with my exam, any other Wednesday will do"],
    ["move", "we were supposed to come on Thursday, could we come on Friday"],
    ["move", "I'm afraid we need a different day for his lesson"],
    ["move", "Friday's lesson: could it start at noon"],
    ["move", "I'd like to have my stroke check on Tuesday instead"],
    ["cancel", "he has chickenpox, so the lessons are off"],
    ["book", "he swims like a stone, somebody should look at it"],
    ["ask-staff", "whom would you suggest for a nervous child"],
    ["ask-mine", "who do I have on Thursday"],
    ["ask-place", "could someone with a pushchair get in"],
    ["ask-place", "is there lighting in the car park"],
    ["ask-hours", "will the pool be closed on the 31st"],
    ["refused", "is that teacher's daughter coming to the children's group"],
    ["message", "please ask Rita to bring the short fins"],
    ["emergency", "the heater burst into flames"],
  ])("%s: %s", (errand, text) => {
    expect(pool(text).errands).toContain(errand);
  });

  it.each([
    ["book", "can I have a lesson no later than the 20th"],
    ["book", "a private lesson earlier than Friday please"],
    ["ask-staff", "does Rita ask people to wear fins"],
  ])("is not taken for something else: %s, %s", (errand, text) => {
    expect(pool(text).errands).not.toContain(errand === "book" ? "move" : "message");
  });

  it("of two things that are joined both are done", () => {
    expect(pool("move my check to the 9th and ask Luca to film my kick").errands).toEqual(["move", "message"]);
  });

  it("of a price is only asked, where a service is named before it", () => {
    expect(tern("Swedish for an hour and a half, how much would that be").errands).toEqual(["ask-price"]);
  });
});

describe("the visit that stands", () => {
  it("is when they booked it, and the wish what follows", () => {
    expect(tern("we booked acupuncture for Tuesday, but it has to be Thursday").slots).toMatchObject({ old_weekdays: ["Tuesday"], new_date: "2027-03-04" });
  });

  it("is one of the house's people's", () => {
    expect(tern("I'd like Priya's three o'clock on the 9th to be with Maren").slots).toMatchObject({ old_time: "15:00", old_date: "2027-03-09" });
  });

  it("is on the day that they cannot come", () => {
    expect(tern("there's a wedding on the 12th, we can't be there").slots).toMatchObject({ old_date: "2027-03-12" });
  });

  it("is when something else happens, where another time is wished for", () => {
    expect(pool("there's a school concert tomorrow at six so we need another time for his lesson").slots).toMatchObject({ old_date: "2027-03-02" });
  });
});

describe("what is no name", () => {
  it("is any one word that is nobody's, where a name was read back", () => {
    expect(tern("the fires, please", "name-check").slots).not.toHaveProperty("name");
    expect(tern("seventy five", "name-check").slots).not.toHaveProperty("name");
    expect(tern("Priscilla", "name-check").slots).toMatchObject({ name: "Priscilla" });
  });
});

describe("a telephone number", () => {
  it("has no exchange that begins with a nought or a one, where one dials 1 before it", () => {
    expect(tern("555 014 9800", "phone").slots).not.toHaveProperty("phone");
    expect(tern("902 155 0142", "phone").slots).not.toHaveProperty("phone");
    expect(tern("902 555 0142", "phone").slots).toMatchObject({ phone: "+19025550142" });
  });
});

describe("whether some work is done", () => {
  const garage = at("eighth", "baobab");

  it("is asked of a house that does such work, and is the world's business elsewhere", () => {
    expect(garage("do you fix windscreens").errands).toEqual(["ask-service"]);
    expect(tern("do you fix laptops").errands).toEqual(["out-of-scope"]);
  });
});
