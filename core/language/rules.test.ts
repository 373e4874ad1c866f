import { describe, expect, it } from "vitest";
import { demoHouse, houseOf, demoFile } from "../testing/demo.ts";
import { dayOfIso, isoOfDay } from "../time/days.ts";
import { epochMinOf } from "../time/zone.ts";
import type { Expects } from "./context.ts";
import { clauses } from "./errands.ts";
import { ofKind } from "./found.ts";
import { read } from "./read.ts";
import { readPublic } from "./slots.ts";
import { spell } from "./spelling.ts";

const house = demoHouse();
const MONDAY = epochMinOf(house.zone, "2027-03-01T08:30");
const reading = (text: string, expects?: Expects, of = house) => readPublic(text, { house: of, now: MONDAY, ...(expects ? { expects } : {}) });
const slots = (text: string, expects?: Expects, of = house) => reading(text, expects, of).slots;

/** The seven days from a Monday on. */
const week = (monday: string): string[] => Array.from({ length: 7 }, (_, i) => isoOfDay(dayOfIso(monday) + i));

describe("days said in less usual ways", () => {
  it.each([
    ["not this thursday but the one after", { date: "2027-03-11" }],
    ["any thursday or saturday", { weekdays: ["Thursday", "Saturday"] }],
    ["every second friday", { weekdays: ["Friday"] }],
    ["tuesday mornings", { weekdays: ["Tuesday"], time_to: "12:00", time_to_is: "start" }],
    ["any weekend", { weekdays: ["Saturday", "Sunday"] }],
    ["in around five days", { date: "2027-03-06" }],
    ["a fortnight from now", { date: "2027-03-15" }],
    ["next week on tuesday", { date: "2027-03-09" }],
    ["the second tuesday of next month", { date: "2027-04-13" }],
    ["until april", { date_to: "2027-04-30" }],
    ["not later than the 19th", { date_to: "2027-03-19" }],
    ["after the weekend", { date_from: "2027-03-08" }],
    ["wednesday or else friday", { date_candidates: ["2027-03-03", "2027-03-05"], date_choice: "either" }],
    ["the day after christmas", { date: "2027-12-26" }],
    ["mother's day", { date: "2027-05-09" }],
    ["paddy's day", { date: "2027-03-17" }],
    ["tomorrow's too soon, wednesday", { date: "2027-03-03" }],
    ["any weekday but thursday", { weekdays: ["Monday", "Tuesday", "Wednesday", "Thursday", "Friday"], exclude_weekdays: ["Thursday"] }],
    ["4/21/2027", { date: "2027-04-21" }],
    ["three weeks from tomorrow", { date: "2027-03-23" }],
    ["a fortnight from tomorrow", { date: "2027-03-16" }],
    ["the tail end of next week", { date_from: "2027-03-12", date_to: "2027-03-14" }],
    ["the first half of next week", { date_from: "2027-03-08", date_to: "2027-03-09" }],
    ["the tuesday after easter", { date: "2027-03-30" }],
    ["the wednesday before good friday", { date: "2027-03-24" }],
    ["after next thursday", { date_from: "2027-03-12" }],
    ["before next thursday", { date_to: "2027-03-03" }],
    ["after the 8th but before the 13th", { date_from: "2027-03-09", date_to: "2027-03-12" }],
    ["in two weeks, on the friday", { date: "2027-03-19" }],
    ["not next week, any day after thursday", { exclude_dates: week("2027-03-08"), date_from: "2027-03-05" }],
    ["whenever is soonest", { date_from: "2027-03-01" }],
    ["late morning on friday", { date: "2027-03-05", time_from: "11:00", time_to: "12:00", time_to_is: "start" }],
    ["thursday mid-afternoon", { date: "2027-03-04", time_from: "14:00", time_to: "16:00", time_to_is: "start" }],
    ["thursday when school lets out", { date: "2027-03-04", time_from: "15:00" }],
    ["i can't do before nine on friday", { date: "2027-03-05", time_from: "09:00" }],
    ["six or after on wednesday", { date: "2027-03-03", time_from: "18:00" }],
    ["at twenty after three", { time: "15:20" }],
    ["ten of nine", { time: "08:50" }],
    ["thursday afternoon or friday morning", { date_candidates: ["2027-03-04", "2027-03-05"], date_choice: "either" }],
  ])("%s", (text, wanted) => {
    expect(slots(text)).toEqual(wanted);
  });

  it("mother's day lies where the country has it", () => {
    const file = demoFile();
    const british = houseOf({ ...file, country: "GB", zone: "Europe/London" });
    expect(readPublic("mothering sunday", { house: british, now: epochMinOf(british.zone, "2027-03-01T08:30") }).slots).toEqual({ date: "2027-03-07" });
  });

  it("what has been is no wish", () => {
    expect(slots("since last tuesday")).toEqual({});
    expect(slots("since easter", "question:since_when")).toEqual({});
    expect(slots("it was operated on in february")).toEqual({});
  });
});

describe("times said in less usual ways", () => {
  it.each([
    ["wednesday at the earliest two", { date: "2027-03-03", time_from: "14:00" }],
    ["tuesday, eleven at the latest", { date: "2027-03-02", time_to: "11:00", time_to_is: "end" }],
    ["thursday ten thirty", { date: "2027-03-04", time: "10:30" }],
    ["thursday 11 thirty", { date: "2027-03-04", time: "11:30" }],
    ["friday nine forty-five", { date: "2027-03-05", time: "09:45" }],
    ["wednesday at 3, sorry, 4", { date: "2027-03-03", time: "16:00" }],
    ["thursday night", { date: "2027-03-04", time_from: "17:00" }],
    ["late in the afternoon on monday the 8th", { date: "2027-03-08", time_from: "15:00", time_to: "17:00", time_to_is: "start" }],
    ["eleven or so on tuesday", { date: "2027-03-02", time_from: "10:30", time_to: "11:30", time_to_is: "start" }],
    ["at ate pm on tuesday", { date: "2027-03-02", time: "20:00" }],
    ["half too on thursday", { date: "2027-03-04", time: "14:30" }],
    ["15h on friday", { date: "2027-03-05", time: "15:00" }],
    ["not too early, from ten", { time_from: "10:00" }],
    ["on wednesday, only not first thing", { date: "2027-03-03", time_from: "10:00" }],
    ["wednesday, just not the last thing", { date: "2027-03-03", time_to: "17:00" }],
  ])("%s", (text, wanted) => {
    expect(slots(text)).toMatchObject(wanted);
  });

  it("a pair of the same number is no stretch, and a greeting no evening", () => {
    expect(slots("is it one to one?")).toEqual({});
    expect(slots("evening everyone!")).toEqual({});
  });
});

describe("how long, how many, for whom", () => {
  it.each([
    ["60 deep tissue with Jo", { length_min: 60, service: "Sports massage" }],
    ["relaxation, ninety, on friday", { length_min: 90, service: "Relaxation massage" }],
    ["hour of swedish please", { length_min: 60 }],
    ["a spot in the mat class", { service: "Mat class" }],
    ["there will be three of us in the mat class", { places: 3 }],
    ["the mat class for me and my cousin", { places: 2 }],
    ["the mat class for my daughter, 16, and me", { places: 2 }],
    ["could you schedule my father for taping", { for_whom: "father" }],
    ["my son is twelve and wants taping", { for_whom: "son" }],
  ])("%s", (text, wanted) => {
    expect(slots(text)).toMatchObject(wanted);
  });

  it("a place is no number of places, and half past nine no thirty mats", () => {
    expect(slots("a place in the mat class")).not.toHaveProperty("places");
    expect(slots("thursday 9:30 mat class")).toMatchObject({ time: "09:30" });
    expect(slots("thursday 9:30 mat class")).not.toHaveProperty("places");
    expect(slots("ok thanks ah")).not.toHaveProperty("length_min");
  });
});

describe("who it is", () => {
  it.each([
    ["nine hundred and two, five five five, oh one seven seven", "phone", { phone: "+19025550177" }],
    ["001 902 555 0178", "phone", { phone: "+19025550178" }],
    ["first name Zoë, surname Kvist", "name", { name: "Zoë Kvist" }],
    ["it's spelled K-V-I-S-T, Zoe Kwist", "name", { name: "Zoe Kvist" }],
    ["the name is Kvist, Zoe Kvist", "name", { name: "Zoe Kvist" }],
    ["Maria de las Nieves Prado", "name", { name: "Maria de las Nieves Prado" }],
    ["zoe at kvist dash family dot example", "email", { email: "zoe@kvist-family.example" }],
    ["z.kvist at post dot example", "email", { email: "z.kvist@post.example" }],
  ])("%s", (text, expects, wanted) => {
    expect(slots(text, expects as Expects)).toMatchObject(wanted);
  });

  it("“under” names somebody only where a booking is", () => {
    expect(slots("it's under Zoe Kvist")).toMatchObject({ name: "Zoe Kvist" });
    expect(slots("is the mat class under thirty dollars")).not.toHaveProperty("name");
  });

  it("everyday words are nobody's name by their sound", () => {
    expect(slots("seven pm", "time")).not.toHaveProperty("staff");
    expect(slots("I was taking it easy")).not.toHaveProperty("service");
  });
});

describe("the appointment that is and the one that is wished for", () => {
  it.each([
    ["my visit on monday, please make it tuesday at two", { old_weekdays: ["Monday"], new_date: "2027-03-02", new_time: "14:00" }],
    ["could we do saturday instead of friday, 10 am", { old_weekdays: ["Friday"], new_date: "2027-03-06", new_time: "10:00" }],
    ["move my thursday appointment to the following tuesday", { old_weekdays: ["Thursday"], new_date: "2027-03-09" }],
    ["postpone wednesday's massage to friday", { old_weekdays: ["Wednesday"], new_date: "2027-03-05" }],
    ["I can't do thursday. friday at ten?", { new_date: "2027-03-05", new_time: "10:00" }],
  ])("%s", (text, wanted) => {
    const r = reading(text);
    expect(r.errand).toBe("move");
    expect(r.slots).toMatchObject(wanted);
  });

  it("of an appointment that exists a weekday is any coming one", () => {
    expect(slots("when am I booked on thursday")).toMatchObject({ weekdays: ["Thursday"] });
    expect(slots("the one on friday", "which-appointment")).toMatchObject({ weekdays: ["Friday"] });
  });
});

describe("yes and no", () => {
  it.each([
    ["yes. oh wait, actually no", "go-ahead", false],
    ["you bet", "go-ahead", true],
    ["uh huh", "go-ahead", true],
    ["heavens no", "question:pregnant", false],
    ["It was quite a week. That works.", "go-ahead", true],
  ])("%s", (text, expects, yes) => {
    expect(slots(text, expects as Expects)).toMatchObject({ yes });
  });

  it("a question after “wait” is neither", () => {
    expect(slots("wait, which day was that?", "go-ahead")).not.toHaveProperty("yes");
    expect(slots("right after lunch", "time")).not.toHaveProperty("yes");
  });
});

describe("errands", () => {
  it.each([
    ["I don't want to cancel, only to ask who is in on friday", "cancel"],
    ["book the mat class on monday and cancel nothing", "cancel"],
  ])("%s", (text, never) => {
    expect(reading(text).errands).not.toContain(never);
  });

  it("a service's name alone, and having something booked, ask for nothing yet", () => {
    expect(reading("acupuncture").errands).toEqual([]);
    expect(reading("a sports massage please").errands).toEqual([]);
    expect(reading("I have two appointments with you").errands).toEqual([]);
  });

  it("what is told beside a question is its reason", () => {
    expect(reading("my cousin says one should come to you. what do you charge for taping?").errands).toEqual(["ask-price"]);
  });

  it("parts that begin a wish of their own are told apart", () => {
    expect(clauses("is there a lift, and put me down for monday").map((c) => c.text)).toEqual(["is there a lift", "put me down for monday"]);
  });
});

describe("services", () => {
  const found = (text: string) => ofKind(read(text, { house, now: MONDAY }).found, "service").map((s) => s.value);

  it("slips in each word of a name are forgiven, whatever service is named before it", () => {
    expect(found("a runnning gait anaylsis")).toEqual([["gait-analysis"]]);
    expect(found("taping, relaxtion masage")).toEqual([["taping"], ["relaxation-massage"]]);
    expect(found("acupuncture and phsyiotherapy asessment")).toEqual([["acupuncture"], ["assessment"]]);
  });

  it("nobody is no number of places", () => {
    expect(slots("the mat class for 0 people")).not.toHaveProperty("places");
  });
});

describe("slips of the pen", () => {
  const own = (): boolean => false;
  it.each([
    ["hlaf past nine", "half past nine"],
    ["wiht nell", "with nell"],
    ["rearrrange it", "rearrange it"],
  ])("%s", (text, wanted) => {
    expect(spell(text, own).said.raw).toBe(wanted);
  });

  it.each(["what do you charge", "on monday mornings", "the hall is calm", "Tan Ah Lian"])("“%s” stays as it is", (text) => {
    expect(spell(text, own).said.raw).toBe(text);
  });
});

describe("what a move says", () => {
  it.each([
    ["my massage with nell on wednesday, joaquim on friday please, can you move it", { staff: "Eleanor Fairweather", new_staff: "Joaquim Teves" }],
    ["we're travelling on thursday, could we do my acupuncture on friday", { old_weekdays: ["Thursday"], new_date: "2027-03-05" }],
    ["swap my saturday class for the one on monday the 8th", { old_weekdays: ["Saturday"], new_date: "2027-03-08" }],
    ["i have tobias on the 9th, please change it to maren", { staff: "Tobias Lindqvist", new_staff: "Maren Oduya", old_date: "2027-03-09" }],
    ["can't manage thursday, could my follow-up be friday instead", { new_date: "2027-03-05" }],
  ])("%s", (text, right) => {
    expect(slots(text)).toMatchObject(right);
  });

  it("that is to be longer names no length that it is to have", () => {
    expect(slots("please make my massage half an hour longer")).not.toHaveProperty("length_min");
    expect(slots("extend my massage to 90 minutes")).toMatchObject({ length_min: 90 });
    expect(slots("push my follow-up back by half an hour")).toMatchObject({ shift: "later" });
    expect(slots("push my follow-up back by half an hour")).not.toHaveProperty("length_min");
    expect(slots("could it be 20 minutes later")).toMatchObject({ shift: "later" });
  });
});

describe("days told from others", () => {
  it.each([
    ["not this week, the week after", { date_from: "2027-03-08", date_to: "2027-03-14" }],
    ["the day before the 12th", { date: "2027-03-11" }],
    ["any day after the 12th", { date_from: "2027-03-13" }],
    ["the last thursday of the month", { date: "2027-03-25" }],
    ["tenish on thursday", { date: "2027-03-04", time_from: "09:30", time_to: "10:30" }],
  ])("%s", (text, right) => {
    expect(slots(`taping ${text}`)).toMatchObject(right);
  });
});

describe("who it is for", () => {
  it.each([
    ["my brother's back is bad, can someone see him tomorrow", "brother"],
    ["i'd like to treat my aunt to a relaxation massage", "aunt"],
    ["a massage for my mother-in-law on thursday", "mother-in-law"],
  ])("%s", (text, whom) => {
    expect(slots(text)).toMatchObject({ for_whom: whom });
  });

  it("a title is no part of a name", () => {
    expect(slots("taping on friday, this is Mrs. Harriet Blom")).toMatchObject({ name: "Harriet Blom" });
  });
});

it("the end of a number is put right by up to six digits of it", () => {
  const end = (text: string) => ofKind(read(text, { house, now: MONDAY, expects: "phone-check" }).found, "phone-end").map((f) => f.value);
  expect(end("no, 550143 at the end")).toEqual(["550143"]);
  expect(end("no, 43 at the end")).toEqual(["43"]);
  expect(end("no, 3 at the end")).toEqual([]);
});
