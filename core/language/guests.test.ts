import { describe, expect, it } from "vitest";
import { readsAt } from "../testing/reads.ts";

/** What guests of a float house and patients of osteopaths say, in words of no set. */

const floats = readsAt("twenty-first", "larkspur");
const bones = readsAt("twenty-first", "bogmyrtle");
const tern = readsAt("twenty-first", "ternbay");
const boats = readsAt("eighteenth", "saltgrass");

describe("who somebody is", () => {
  it.each([
    ["Octavia Marsh, 902 555 0161, taping on Friday", "Octavia Marsh"],
    ["Apryl Lindt, 902 555 0162. A follow-up please", "Apryl Lindt"],
    ["Mondae Carr, 902 555 0163", "Mondae Carr"],
  ])("is no slip of a month or a day, beside a family name: %s", (text, name) => {
    expect(tern(text).slots.name).toBe(name);
  });

  it("is put right all the same where it is no name", () => {
    expect(tern("a follow-up on Wensday please").slots).toMatchObject({ date: "2027-03-03" });
    expect(tern("Wensday March 3 at nine").slots).toMatchObject({ date: "2027-03-03" });
  });

  it.each([
    ["Ty Bower", "Ty Bower"],
    ["Thea, T H E A, Lomas", "Thea Lomas"],
    ["it's Ines, i n e s, Duarte", "Ines Duarte"],
  ])("is told with letters, or begins like thanks: %s", (text, name) => {
    expect(tern(text, "name").slots.name).toBe(name);
  });

  it("is not what they are insured with or go by", () => {
    for (const text of ["do you bill if I have Green Shield", "can I come by the Atlantic Ferry"]) expect(tern(text).slots).not.toHaveProperty("name");
    expect(tern("I'd like taping on Friday, thanks, Doris Quill").slots.name).toBe("Doris Quill");
  });
});

describe("danger", () => {
  it.each([
    "I'm about to end my life",
    "he says he's going to take his own life",
    "my mum's having a fit on the floor",
    "she is having one of her fits and we can't stop it",
    "he has stopped breathing",
  ])("goes before everything: %s", (text) => {
    expect(floats(text).errand).toBe("emergency");
  });

  it("that only may be one is kept as an alarm", () => {
    expect(floats.read("he's having one of his funny turns in the sauna, we'd like to come tomorrow").alarm).toBe(true);
    expect(floats.read("we're having a turn in the sauna tomorrow").alarm).toBe(false);
  });
});

describe("what is told and not asked", () => {
  it.each(["I've a rash under my watch strap", "my neck is stiff and it clicks", "I've got a cold since Sunday"])("is no advice that is sought: %s", (text) => {
    expect(bones(text).errand).not.toBe("refused");
  });

  it.each(["is this rash an allergy", "my knee clicks, what is it", "should I put ice on my back or heat"])("but this is: %s", (text) => {
    expect(tern(text).errand).toBe("refused");
  });

  it("is how something has been, and no day", () => {
    expect(bones("my hip has been sore all week, can somebody see me on Thursday").slots).toMatchObject({ date: "2027-03-04" });
    expect(bones("I'm free all week").slots).toMatchObject({ date_from: "2027-03-01", date_to: "2027-03-07" });
  });

  it("is when somebody was here, and no day", () => {
    expect(bones("I saw Morag at Christmas and it's sore again").slots).not.toHaveProperty("date");
    expect(bones("a return with Morag on Christmas Eve").slots).toMatchObject({ date: "2027-12-24" });
  });
});

describe("what they have", () => {
  it.each<[typeof tern, string, string]>([
    [tern, "I'm booked on the 10th, is there anything earlier", "move"],
    [tern, "could you find us a different day for Friday's", "move"],
    [bones, "is there any way to pull me forward, it's agony", "move"],
    [boats, "Otis Lamb, 03 6555 0177, could we do the sailing lesson on Sunday, not on Saturday", "move"],
    [bones, "have you got me down for the 9th", "ask-mine"],
    [bones, "I'm supposed to see Shona on Tuesday, am I right?", "ask-mine"],
    [floats, "I booked for Thursday but my car is in the garage", "cancel"],
    [floats, "I could do with a good massage on Sunday", "book"],
    [bones, "could you take Friday out, please", "cancel"],
  ])("is told from a new wish: %#", (house, text, errand) => {
    expect([text, house(text).errand]).toEqual([text, errand]);
  });
});

describe("what cannot be", () => {
  it("is no wish beside what is called off", () => {
    expect(boats("we can't sail on Saturday, please cancel, but keep the 12th").errands).toEqual(["cancel"]);
    expect(boats("I can't do the sailing lesson on Saturday, cancel it please, and book me a kayak roll lesson on the 12th").errands).toEqual([
      "cancel",
      "book",
    ]);
  });
});

describe("questions", () => {
  it.each<[typeof tern, string, string]>([
    [floats, "I dyed my hair last week, can I still float", "ask-service"],
    [floats, "could she still have a facial with a sunburn", "ask-service"],
    [tern, "is my own mat something I need to bring on Monday", "ask-service"],
    [floats, "can you simply turn up for the sauna", "ask-policy"],
    [floats, "who's got the six o'clock on Thursday", "refused"],
    [floats, "who else is coming on Saturday", "refused"],
    [tern, "who is the best one for a sore shoulder", "ask-staff"],
    [bones, "what else do you do for feet", "ask-service"],
    [tern, "there's a wrong sum on my bill, somebody should check it", "message"],
  ])("are told from wishes: %#", (house, text, errand) => {
    expect([text, house(text).errand]).toEqual([text, errand]);
  });

  it("name no thing by a word that is a verb there", () => {
    expect(floats("sounds perfect", "go-ahead").slots).toEqual({ yes: true });
    expect(bones("he told me to come back").slots).not.toHaveProperty("service");
    expect(bones("the back class on Saturday").slots).toMatchObject({ service: "Back class" });
  });

  it("tell how tall one is with no hour", () => {
    expect(floats("I'm six four, do I fit in").slots).not.toHaveProperty("time");
    expect(floats("at six forty").slots).toMatchObject({ time: "18:40" });
  });

  it("of a meal name no hour", () => {
    expect(floats("may we have lunch first").slots).not.toHaveProperty("time_from");
    expect(floats("over lunch on Friday").slots).toMatchObject({ date: "2027-03-05", time_from: "12:00" });
  });
});

describe("days and hours", () => {
  it.each([
    ["late on Tuesday afternoon", { date: "2027-03-02", time_from: "15:00", time_to: "17:00" }],
    ["late this Wednesday morning", { date: "2027-03-03", time_from: "11:00", time_to: "12:00" }],
  ])("are late in a part of the day: %s", (text, slots) => {
    expect(bones(text, "day").slots).toMatchObject(slots);
  });

  it("move up to an hour, or end by it", () => {
    expect(tern("please move my acupuncture on the 8th up to eleven").slots).toMatchObject({ new_time: "11:00" });
    expect(tern("I'm free up to eleven").slots).toMatchObject({ time_to: "11:00" });
  });

  it.each([
    ["on St Andrew's Day", "2027-11-30"],
    ["Hogmanay", "2027-12-31"],
    ["Saint George's Day", "2027-04-23"],
  ])("are called as they are in Britain: %s", (text, date) => {
    expect(bones(text, "day").slots).toMatchObject({ date });
    expect(tern(text, "day").slots).not.toHaveProperty("date");
  });

  it("are the soonest there is", () => {
    expect(bones("as soon as you have a gap").slots).toMatchObject({ date_from: "2027-03-01" });
  });
});

describe("answers", () => {
  it.each(["that'd be lovely", "it'll do", "crack on", "happy with that"])("agree: %s", (text) => {
    expect(tern(text, "go-ahead").slots).toMatchObject({ yes: true });
  });

  it.each(["twice, I think", "ages ago", "a couple of times last year"])("say that one has: %s", (text) => {
    expect(floats(text, "question:floated").slots).toMatchObject({ yes: true });
  });

  it("care not which", () => {
    for (const text of ["don't care", "it's all the same to me", "makes no difference"]) expect(floats(text, "staff").slots).toEqual({ staff: "any" });
    expect(floats("don't do it", "go-ahead").slots).toMatchObject({ yes: false });
  });
});
