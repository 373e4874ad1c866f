import { describe, expect, it } from "vitest";
import { setHouse, type SetName } from "../testing/sets.ts";
import { epochMinOf } from "../time/zone.ts";
import type { Expects } from "./context.ts";
import { read } from "./read.ts";
import { readPublic } from "./slots.ts";

/** What clients of a waxing house and of a dance studio say, in words of no set. */

const at = (set: SetName, key: string) => {
  const house = setHouse(set, key);
  const context = { house, now: epochMinOf(house.zone, "2027-03-01T08:30") };
  const slots = (text: string, expects?: Expects, aroundMin?: number) =>
    readPublic(text, { ...context, ...(expects ? { expects } : {}), ...(aroundMin === undefined ? {} : { aroundMin }) });
  return Object.assign(slots, { read: (text: string, expects?: Expects) => read(text, { ...context, ...(expects ? { expects } : {}) }) });
};
const wax = at("twenty-second", "teasel");
const dance = at("twenty-second", "huisache");
const tern = at("twenty-second", "ternbay");
const shop = at("seventh", "hollow");

describe("an hour of one of several days", () => {
  it.each([
    ["next Monday or Tuesday at ten", "10:00"],
    ["Mondays at half ten", "10:30"],
    ["Monday or Tuesday, at ten", "10:00"],
  ])("is one at which the house is open then: %s", (text, time) => {
    // On its longest day the house opens at eleven only.
    expect(wax(text).slots.time).toBe(time);
  });

  it("is the afternoon's where the house is open then, and by the longest day where none is named", () => {
    expect(wax("Mondays at three").slots.time).toBe("15:00");
    expect(wax("at ten").slots.time).toBe("22:00");
  });

  it("before it opens is no hour of the evening", () => {
    expect(wax("a wax on Saturday before nine").slots).toMatchObject({ date: "2027-03-06", time_to: "09:00" });
    expect(wax("a wax on Saturday before four").slots).toMatchObject({ time_to: "16:00" });
  });
});

describe("days and hours", () => {
  it.each([
    ["weeknights are best", { weekdays: ["Monday", "Tuesday", "Wednesday", "Thursday", "Friday"], time_from: "17:00" }],
    ["the ninth or tenth", { date_candidates: ["2027-03-09", "2027-03-10"], date_choice: "either" }],
    ["anything through the 19th", { date_to: "2027-03-19" }],
    ["ten till five", { time: "16:50" }],
    ["quarter till six", { time: "17:45" }],
  ])("%s", (text, slots) => expect(dance(text).slots).toMatchObject(slots));

  it("are a stretch of hours where the house is open so long", () => {
    expect(tern("ten till five").slots).toMatchObject({ time_from: "10:00", time_to: "17:00" });
  });

  it("of the week are told by what is wished, and not by a start", () => {
    expect(dance("could we start this week").slots).toMatchObject({ date_from: "2027-03-01", date_to: "2027-03-07" });
    expect(dance("at the start of this week").slots).toMatchObject({ date_to: "2027-03-02" });
  });

  it.each([
    ["we fly to Malta on the 19th and I'd like my legs waxed the day before", "2027-03-18"],
    ["my brother's wedding's on the 20th so I want a tan the day before", "2027-03-19"],
  ])("are counted from what happens: %s", (text, date) => expect(wax(text).slots.date).toBe(date));

  it.each(["I work weekdays though", "we're at work on weekdays, sorry", "I work weekdays full time, so not those"])("at work are ruled out: %s", (text) =>
    expect(dance(text).slots.exclude_weekdays).toEqual(["Monday", "Tuesday", "Wednesday", "Thursday", "Friday"]),
  );

  it("of two visits stay those of two visits", () => {
    expect(dance.read("book me a tap lesson on Thursday and a trial the day after").found.filter((f) => f.kind === "day")).toHaveLength(2);
  });

  it.each([
    ["the Monday class, the one on the 8th", "2027-03-08"],
    ["Wednesday's fine, say Wednesday the 10th", "2027-03-10"],
  ])("that are said twice are the date: %s", (text, date) => expect(dance(text).slots.date).toBe(date));

  it.each([
    ["hems before a christening on the 21st", { date_to: "2027-03-20" }],
    ["can I pop in before a meeting on Thursday at eleven", { date: "2027-03-04", time_to: "11:00", time_to_is: "end" }],
  ])("before something else are before it: %s", (text, slots) => expect(shop(text).slots).toMatchObject(slots));

  it.each([
    ["could it be half past", 13 * 60, "13:30"],
    ["make it quarter past please", 9 * 60 + 30, "09:15"],
    ["twenty past would be better", 10 * 60, "10:20"],
  ])("go on from the hour that is held: %s", (text, aroundMin, time) => {
    expect(tern(text, "go-ahead", aroundMin).slots.time).toBe(time);
    expect(tern(text, "go-ahead").slots).not.toHaveProperty("time");
  });
});

describe("what there is and what is wished for", () => {
  it.each([
    ["I'm in at two on Thursday, any chance of three", { old_time: "14:00", new_time: "15:00" }],
    ["can't do 15:00 on Friday, 17:30 would suit", { old_time: "15:00", new_time: "17:30" }],
    ["my mum can't get away at five on Thursday, how about six", { old_time: "17:00", new_time: "18:00" }],
    ["could I come at noon on Thursday instead", { new_time: "12:00", new_date: "2027-03-04" }],
    ["I've an appointment with Shaz on Monday, could Dom do it", { staff: "Shazia Malik", new_staff: "Dominic Hurst" }],
    ["I'd like my brows on the Tuesday instead, same time", { new_date: "2027-03-02" }],
    ["what else is there besides Friday, I can't make that", {}],
    ["I was going to come on Monday but the sitter's ill", {}],
  ])("is moved: %s", (text, slots) => {
    const r = wax(text);
    expect(r.errands).toEqual(["move"]);
    expect(r.slots).toMatchObject(slots);
  });

  it.each([
    ["a spray tan this week, just not today", { exclude_dates: ["2027-03-01"] }],
    ["threading next week, but not Friday", { exclude_weekdays: ["Friday"] }],
  ])("is new: %s", (text, slots) => {
    const r = wax(text);
    expect(r.errands).toEqual(["book"]);
    expect(r.slots).toMatchObject(slots);
  });

  it.each([
    ["undo my booking for Saturday", "cancel"],
    ["strike it off the list", "cancel"],
    ["take it off please", "cancel"],
    ["is there a fee for moving my tan", "ask-policy"],
    ["what do I pay if I cancel tomorrow's wax", "ask-policy"],
    ["can I call it off without being charged", "ask-policy"],
    ["you charged my card twice for the peel", "message"],
    ["is Jean about, could you put her on please", "person"],
    ["could somebody wax my husband on Saturday", "book"],
    ["any joy for a wax today", "ask-availability"],
    ["do I have anything booked this week", "ask-mine"],
    ["would micro-needling break the bank", "ask-price"],
    ["does my sister have to come in with me", "ask-policy"],
  ])("%s", (text, errand) => expect(wax(text).errands).toEqual([errand]));
});

describe("danger", () => {
  it.each([
    "my tongue's swelling and my throat's closing up",
    "she's passed out on the floor",
    "he's just swallowed a whole bottle of pills",
    "I've taken too many tablets",
    "she took about thirty of her sleeping pills",
  ])("%s", (text) => expect(wax.read(text).emergency).toBe(true));

  it.each([
    "I took all my tablets this morning as usual",
    "he takes lots of tablets for his heart",
    "I took a bottle of water",
    "I've had a load of painkillers with me since June",
  ])("is not: %s", (text) => expect(wax.read(text).emergency).toBe(false));
});

describe("ways of speaking", () => {
  it.each([
    ["mint", true],
    ["that's bang on", true],
    ["champion, ta", true],
    ["not a bit of it", false],
    ["not in the least", false],
  ])("a plain answer: %s", (text, yes) => expect(wax(text, "go-ahead").slots.yes).toBe(yes));

  it("names anybody with a verb of any form", () => {
    for (const text of ["don't matter", "it don't matter who", "doesn't matter"]) expect([text, dance(text, "staff").slots.staff]).toEqual([text, "any"]);
  });

  it.each([
    ["0161, treble five, oh one seven one", "+441615550171"],
    ["oh one six one, triple five, 0172", "+441615550172"],
    ["0161 555 0178, one more thing", "+441615550178"],
    ["0161 555 0179, two of us", "+441615550179"],
  ])("a number: %s", (text, phone) => expect(wax(text, "phone").slots.phone).toBe(phone));

  it("thanks for being asked beside a number, and says goodbye where it does", () => {
    expect(wax("it's 0161 555 0177 ta", "phone").errands).toEqual([]);
    expect(wax("ta, that's all, bye", "anything").errands).toEqual(["thanks-bye"]);
  });

  it("says me for my before kin and parts of the body", () => {
    expect(wax.read("can you do me eyebrows").said).toBe("can you do my eyebrows");
    expect(wax.read("it's for me mum").said).toBe("it's for my mum");
    expect(wax.read("ring me back").said).toBe("ring me back");
    expect(wax.read("book me lesson").said).toBe("book me lesson");
  });

  it("has a person before thanks where somebody is called so", () => {
    expect(dance("Ty", "staff").slots.staff).toBe("Tyrell Boone");
    expect(wax("ty").errands).toEqual(["thanks-bye"]);
  });

  it.each(["a touch later", "a tad later", "a wee bit later"])("asks for what is %s", (text) =>
    expect(wax(`could it be ${text}`, "slot").slots.shift).toBe("later"),
  );
});

describe("a name", () => {
  it.each([
    ["this is Owen Platt, 0161 555 0173, her name is Lily", "Owen Platt"],
    ["my daughter's name is Ivy and I'm Ruth Cole", "Ruth Cole"],
    ["Gail Moffat, my son is Rory, 0161 555 0175", "Gail Moffat"],
    ["Ines Prado, my daughter Lia, 0161 555 0176", "Ines Prado"],
  ])("is the speaker's before another's: %s", (text, name) => expect(wax(text).slots.name).toBe(name));

  it("is the one that a visit is under where only another's is told", () => {
    expect(wax("a wax for Grandad on Thursday at three, his name is Albert Cross, 0161 555 0174").slots.name).toBe("Albert Cross");
  });
});
