import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoFile, demoHouse, houseOf } from "../testing/demo.ts";
import { epochMinOf } from "../time/zone.ts";
import type { Expects } from "./context.ts";
import { read } from "./read.ts";
import { readPublic } from "./slots.ts";
import { normalise, stem } from "./text.ts";

const house = demoHouse();
const at = (wall: string): number => epochMinOf(house.zone, wall);
const MONDAY = at("2027-03-01T08:30");
const slots = (text: string, expects?: Expects, now = MONDAY) => readPublic(text, { house, now, ...(expects ? { expects } : {}) }).slots;
const errands = (text: string, expects?: Expects) => readPublic(text, { house, now: MONDAY, ...(expects ? { expects } : {}) }).errands;

describe("named days, on the day itself", () => {
  it.each([
    ["mother's day", "2027-05-09"],
    ["good friday", "2027-03-26"],
    ["canada day", "2027-07-01"],
    ["christmas eve", "2027-12-24"],
  ])("%s is today", (said, day) => {
    expect(slots(`on ${said}`, undefined, at(`${day}T08:30`))).toMatchObject({ date: day });
  });

  it("and the next year's on the day after", () => {
    expect(slots("on mother's day", undefined, at("2027-05-10T08:30"))).toMatchObject({ date: "2028-05-14" });
  });
});

describe("two hours of one afternoon", () => {
  it.each([
    ["2:30 to 4 pm", "14:30", "16:00"],
    ["from 11:15 to 1 pm", "11:15", "13:00"],
    ["between 1:45 and 3 pm", "13:45", "15:00"],
  ])("%s", (said, from, to) => {
    expect(slots(said)).toMatchObject({ time_from: from, time_to: to, time_to_is: "end" });
  });
});

describe("days told from what happens besides", () => {
  it.each([
    ["our wedding is on the 20th and we need a massage the week before", { date_from: "2027-03-08", date_to: "2027-03-14" }],
    ["my race is on the 14th, could I have a massage the day after", { date: "2027-03-15" }],
    ["my insurance stops paying next week, may I come in tomorrow", { date: "2027-03-02" }],
    ["my wedding is on saturday, please make me an appointment", { date: "2027-03-06" }],
  ])("%s", (said, right) => {
    expect(slots(said)).toMatchObject(right);
  });

  it("a week that is bounded from within stays that week", () => {
    expect(slots("taping next week, any day after tuesday")).toMatchObject({ date_from: "2027-03-10", date_to: "2027-03-14" });
    expect(slots("taping next week, before thursday")).toMatchObject({ date_from: "2027-03-08", date_to: "2027-03-10" });
  });
});

describe("what is said no to", () => {
  it("days and people in general", () => {
    expect(slots("a massage, no fridays please")).toMatchObject({ exclude_weekdays: ["Friday"] });
    expect(slots("a massage, but not with a man")).toMatchObject({ staff_gender: "woman" });
    expect(slots("rather no women")).toMatchObject({ staff_gender: "man" });
  });
});

describe("names of people who are clients", () => {
  it.each([
    ["cancel Greta Holm on thursday", undefined, "Greta Holm"],
    ["May Firth", "name", "May Firth"],
    ["taping on friday, Rosa Brandt, 902 555 0177", undefined, "Rosa Brandt"],
  ] as const)("%s", (said, expects, name) => {
    expect(slots(said, expects)).toMatchObject({ name });
  });

  it("though somebody of the house has such a name; with them alone it is no name", () => {
    expect(slots("taping on friday, Rosa Brandt, 902 555 0177")["staff"]).toBeUndefined();
    expect(slots("with Tobias 902 555 0177")).toMatchObject({ staff: "Tobias Lindqvist" });
    expect(slots("with Tobias 902 555 0177")["name"]).toBeUndefined();
  });
});

describe("shorthand", () => {
  it("is read as what it stands for, and letters among letters are letters", () => {
    expect(errands("whats ur opening hrs")).toEqual(["ask-hours"]);
    expect(slots("b u r t", "name")).toMatchObject({ name: expect.stringMatching(/burt/i) as string });
  });
});

describe("days", () => {
  it.each([
    ["today", { date: "2027-03-01" }],
    ["tmrw would be good", { date: "2027-03-02" }],
    ["the day after tomorrow", { date: "2027-03-03" }],
    ["this coming Friday", { date: "2027-03-05" }],
    ["next Friday", { date_candidates: ["2027-03-05", "2027-03-12"], date_choice: "ask" }],
    ["next monday", { date: "2027-03-08" }],
    ["a week on Friday", { date: "2027-03-12" }],
    ["Friday after next", { date: "2027-03-12" }],
    ["Friday fortnight", { date: "2027-03-19" }],
    ["a week today", { date: "2027-03-08" }],
    ["in ten days", { date: "2027-03-11" }],
    ["in three weeks", { date: "2027-03-22" }],
    ["on the twelfth", { date: "2027-03-12" }],
    ["March 12", { date: "2027-03-12" }],
    ["12 March 2027", { date: "2027-03-12" }],
    ["3/12", { date: "2027-03-12" }],
    ["2027-03-12", { date: "2027-03-12" }],
    ["Thursday the 12th", { date_candidates: ["2027-03-11", "2027-03-12"], date_choice: "ask" }],
    ["Friday the 12th", { date: "2027-03-12" }],
    ["this week", { date_from: "2027-03-01", date_to: "2027-03-07" }],
    ["later this week", { date_from: "2027-03-02", date_to: "2027-03-07" }],
    ["next week", { date_from: "2027-03-08", date_to: "2027-03-14" }],
    ["the week after next", { date_from: "2027-03-15", date_to: "2027-03-21" }],
    ["early next week", { date_from: "2027-03-08", date_to: "2027-03-09" }],
    ["end of next week", { date_from: "2027-03-12", date_to: "2027-03-14" }],
    ["next month", { date_from: "2027-04-01", date_to: "2027-04-30" }],
    ["mid April", { date_from: "2027-04-11", date_to: "2027-04-20" }],
    ["the first Monday in April", { date: "2027-04-05" }],
    ["after Wednesday", { date_from: "2027-03-04" }],
    ["before Friday", { date_to: "2027-03-04" }],
    ["on Sundays", { weekdays: ["Sunday"] }],
    ["any Tuesday", { weekdays: ["Tuesday"] }],
    ["asap please", { date_from: "2027-03-01" }],
    ["not Tuesday", { exclude_weekdays: ["Tuesday"] }],
    ["tuesday doesn't work", { exclude_weekdays: ["Tuesday"] }],
    ["on friday I can't", { exclude_weekdays: ["Friday"] }],
    ["thursdays are no good for me", { exclude_weekdays: ["Thursday"] }],
    ["Tuesday or Thursday", { date_candidates: ["2027-03-02", "2027-03-04"], date_choice: "either" }],
    ["Monday to Wednesday", { date_from: "2027-03-01", date_to: "2027-03-03" }],
    ["Good Friday", { date: "2027-03-26" }],
  ])("%s", (text, wanted) => {
    expect(slots(text)).toEqual(wanted);
  });

  it("take Friday on a Friday as today until the house has closed or the hour has passed", () => {
    expect(slots("friday", undefined, at("2027-03-05T09:00"))).toEqual({ date: "2027-03-05" });
    expect(slots("friday", undefined, at("2027-03-05T17:30"))).toEqual({ date: "2027-03-12" });
    expect(slots("friday at 10 am", undefined, at("2027-03-05T12:00"))).toEqual({ date: "2027-03-12", time: "10:00" });
    expect(slots("next friday", undefined, at("2027-03-05T09:00"))).toEqual({ date: "2027-03-12" });
  });

  it("read ambiguous dates in the house's order", () => {
    const other = houseOf({ ...demoFile(), dateOrder: "day-first" });
    expect(readPublic("3/12", { house: other, now: MONDAY }).slots).toEqual({ date: "2027-12-03" });
    expect(readPublic("25/3", { house, now: MONDAY }).slots).toEqual({ date: "2027-03-25" });
  });
});

describe("times", () => {
  it.each([
    ["tomorrow at 3", { date: "2027-03-02", time: "15:00" }],
    ["tomorrow at 8", { date: "2027-03-02", time: "08:00" }],
    ["half past two tomorrow", { date: "2027-03-02", time: "14:30" }],
    ["tomorrow, quarter to five", { date: "2027-03-02", time: "16:45" }],
    ["half two tomorrow", { date: "2027-03-02", time: "14:30" }],
    ["tomorrow 3 pm", { date: "2027-03-02", time: "15:00" }],
    ["tomorrow at noon", { date: "2027-03-02", time: "12:00" }],
    ["tomorrow 15:00", { date: "2027-03-02", time: "15:00" }],
    ["tomorrow at seven", { date: "2027-03-02", time: "19:00" }],
    ["tomorrow morning", { date: "2027-03-02", time_to: "12:00", time_to_is: "start" }],
    ["thursday evening", { date: "2027-03-04", time_from: "17:00" }],
    ["over lunch on thursday", { date: "2027-03-04", time_from: "12:00", time_to: "14:00", time_to_is: "start" }],
    ["after 4 tomorrow", { date: "2027-03-02", time_from: "16:00" }],
    ["not before 4 tomorrow", { date: "2027-03-02", time_from: "16:00" }],
    ["4 or later tomorrow", { date: "2027-03-02", time_from: "16:00" }],
    ["tomorrow before noon", { date: "2027-03-02", time_to: "12:00", time_to_is: "end" }],
    ["friday, by 5", { date: "2027-03-05", time_to: "17:00", time_to_is: "end" }],
    ["around 3 tomorrow", { date: "2027-03-02", time_from: "14:30", time_to: "15:30", time_to_is: "start" }],
    ["tomorrow 3-ish", { date: "2027-03-02", time_from: "14:30", time_to: "15:30", time_to_is: "start" }],
    ["between 2 and 4 tomorrow", { date: "2027-03-02", time_from: "14:00", time_to: "16:00", time_to_is: "end" }],
    ["tomorrow 2 to 4", { date: "2027-03-02", time_from: "14:00", time_to: "16:00", time_to_is: "end" }],
    ["between 11 and 1 tomorrow", { date: "2027-03-02", time_from: "11:00", time_to: "13:00", time_to_is: "end" }],
    ["first thing on friday", { date: "2027-03-05", time_from: "08:00", time_to: "09:00", time_to_is: "start" }],
    ["first thing please", { part: "first-thing" }],
    ["end of the day thursday", { date: "2027-03-04", time_from: "17:00", time_to: "19:00", time_to_is: "start" }],
    ["ten in the morning on thursday", { date: "2027-03-04", time: "10:00" }],
  ])("%s", (text, wanted) => {
    expect(slots(text)).toEqual(wanted);
  });

  it("count neither people, minutes, money nor house numbers as times", () => {
    for (const text of ["for two people", "the 90 minutes", "it costs $15", "18 Causeway Street", "bus 7"]) expect(slots(text)).not.toHaveProperty("time");
  });
});

describe("who, what, how much", () => {
  it.each([
    ["deep tissue please", { service: "Sports massage" }],
    ["some needles for my back", { service: "Acupuncture" }],
    ["accupuncture", { service: "Acupuncture" }],
    ["a relaxation masage", { service: "Relaxation massage" }],
    ["orthotic insoles", { service: "Orthotics" }],
    ["shok wave therapy", { service: "Shockwave therapy" }],
    ["an hour and a half of swedish", { service: "Relaxation massage", length_min: 90 }],
    ["the half hour sports massage", { service: "Sports massage", length_min: 30 }],
    ["with Eleanor", { staff: "Eleanor Fairweather" }],
    ["is Warren free", { staff: "Maren Oduya" }],
    ["with toby", { staff: "Tobias Lindqvist" }],
    ["with Lindqvist", { staff: "Tobias Lindqvist" }],
    ["whoever is free", { staff: "any" }],
    ["with a woman please", { staff_gender: "woman" }],
    ["three places in the mat class", { service: "Mat class", places: 3 }],
    ["for my son", { for_whom: "son" }],
  ])("%s", (text, wanted) => {
    expect(slots(text)).toMatchObject(wanted);
  });

  it("keep several services that fit one word apart", () => {
    expect(slots("a massage")).toEqual({ service_candidates: ["Sports massage", "Relaxation massage"] });
    expect(slots("physio")).toEqual({ service_candidates: ["Physiotherapy assessment", "Physiotherapy follow-up"] });
  });

  // E.164 by libphonenumber.
  it.each([
    ["902 555 0142", "+19025550142"],
    ["(902) 555-0142", "+19025550142"],
    ["+1 902 555 0142", "+19025550142"],
    ["nine oh two five double five oh one four two", "+19025550142"],
    ["902.555.0142", "+19025550142"],
    ["it's 1-902-555-0142", "+19025550142"],
    ["triple five... sorry, 902 triple five 0142", "+19025550142"],
    ["555 0142", "+19025550142"],
  ])("telephone %s", (text, wanted) => {
    expect(slots(text, "phone")).toMatchObject({ phone: wanted });
  });

  it("mend the end of a number", () => {
    expect(slots("902 555 0181, no sorry, 0118 at the end")).toMatchObject({ phone: "+19025550118" });
  });

  it("read emails, written or spoken", () => {
    expect(slots("write to ana.petrov@mail.example please")).toMatchObject({ email: "ana.petrov@mail.example" });
    expect(slots("ana dot petrov at ternbay dot example", "email")).toMatchObject({ email: "ana.petrov@ternbay.example" });
    expect(slots("we meet at noon")).not.toHaveProperty("email");
  });

  it.each([
    ["My name is Siobhán O'Kane", undefined, "Siobhán O'Kane"],
    ["this is ulrich tanner", undefined, "Ulrich Tanner"],
    ["Grace Moss", "name", "Grace Moss"],
    ["freya pound 902 555 0107", undefined, "Freya Pound"],
    ["um it's hope may", "name", "Hope May"],
  ] as const)("name in %s", (text, expects, wanted) => {
    expect(slots(text, expects)).toMatchObject({ name: wanted });
  });

  it.each(["I'm free on Friday", "it's about my knee", "I'm looking for a massage", "this is urgent", "it's Friday"])("no name in %s", (text) => {
    expect(slots(text)).not.toHaveProperty("name");
  });

  it.each(["i'd like taping on thursday", "we'll need an hour of it", "i'd say ana petrov"])(
    "no more of a name that was asked for than there is in %s",
    (text) => {
      const { name } = slots(text, "name") as { name?: string };
      expect(name ?? "Ana Petrov").toBe("Ana Petrov");
    },
  );
});

describe("yes, no, choosing", () => {
  it.each(["yep", "sounds good", "go ahead", "that one's fine", "Yes please", "perfect"])("%s is a yes", (t) =>
    expect(slots(t, "go-ahead")).toMatchObject({ yes: true }),
  );
  it.each(["nah", "not really", "I'd rather not", "hang on", "no"])("%s is a no", (t) => expect(slots(t, "go-ahead")).toMatchObject({ yes: false }));
  it.each([
    ["the first one", "first"],
    ["the later one", "later"],
    ["neither", "none"],
    ["the last of those", "last"],
    ["second", "second"],
  ])("%s", (t, choice) => expect(slots(t, "slot")).toMatchObject({ choice }));
  it.each(["we'll take the eight", "the eight please", "could I have the eight then"])("%s is an hour of those offered", (t) =>
    expect(slots(t, "slot")).toMatchObject({ time: "08:00" }),
  );
  it.each(["morning", "Evening", "hi, good morning"])("%s greets at the beginning, and is a time where one was asked for", (t) => {
    expect(slots(t, "errand")).toEqual({});
    if (!/good/.test(t)) expect(slots(t, "day")).not.toEqual({});
  });
  it("reads a bare hour as one that was offered", () => {
    expect(slots("3:15", "slot")).toMatchObject({ time: "15:15" });
    expect(slots("ten", "slot")).toMatchObject({ time: "10:00" });
  });
});

describe("several things, corrections, parts", () => {
  it("keeps all of one breath", () => {
    expect(slots("deep tissue with Nell on Wednesday after two for ninety minutes, it's Freya Pound, 902 555 0107")).toEqual({
      service: "Sports massage",
      staff: "Eleanor Fairweather",
      date: "2027-03-03",
      time_from: "14:00",
      length_min: 90,
      name: "Freya Pound",
      phone: "+19025550107",
    });
  });

  it.each([
    ["wednesday, no wait, thursday", { date: "2027-03-04" }],
    ["tuesday at 3, actually make that 4", { date: "2027-03-02", time: "16:00" }],
    ["not friday, thursday", { date: "2027-03-04" }],
    ["I said taping but I meant acupuncture", { service: "Acupuncture" }],
  ])("%s", (text, wanted) => {
    const s = slots(text);
    expect(s).toMatchObject(wanted);
    expect(s).not.toHaveProperty("exclude_weekdays");
  });

  it.each([
    ["move my Thursday one to Friday at five", { old_weekdays: ["Thursday"], new_date: "2027-03-05", new_time: "17:00" }],
    ["please change my appointment on the 9th at 10 to the 11th", { old_date: "2027-03-09", old_time: "10:00", new_date: "2027-03-11" }],
    ["can we shift it to tomorrow afternoon", { new_date: "2027-03-02", new_time_from: "12:00" }],
    ["cancel my visit tomorrow at 3", { old_date: "2027-03-02", old_time: "15:00" }],
  ])("%s", (text, wanted) => {
    expect(slots(text)).toMatchObject(wanted);
  });
});

describe("errands", () => {
  it.each([
    ["Could I book a massage for tomorrow?", "book"],
    ["please reschedule me", "move"],
    ["I have to cancel", "cancel"],
    ["what does acupuncture cost?", "ask-price"],
    ["when do you close on fridays", "ask-hours"],
    ["where are you located", "ask-place"],
    ["can I pay by card", "ask-policy"],
    ["who teaches the mat class?", "ask-staff"],
    ["is there anything on thursday?", "ask-availability"],
    ["when is my appointment?", "ask-mine"],
    ["how long does shockwave take", "ask-service"],
    ["I'd like to leave a message", "message"],
    ["can I speak to a real person", "person"],
    ["thanks a lot, bye", "thanks-bye"],
    ["my chest hurts and I can't breathe", "emergency"],
    ["I want a refund", "refused"],
    ["who won the match yesterday", "out-of-scope"],
  ])("%s is %s", (text, wanted) => {
    expect(errands(text)[0]).toBe(wanted);
  });

  it("keep the order in which they are said", () => {
    expect(errands("what does taping cost, and please book me one for friday")).toEqual(["ask-price", "book"]);
  });

  it("are none in a bare answer", () => {
    for (const t of ["Friday", "an hour", "Ana Petrov", "902 555 0142", "yes"]) expect(readPublic(t, { house, now: MONDAY }).errand).toBe("none");
  });
});

describe("reading anything at all", () => {
  it("never throws, and every find is where it says", () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string({ unit: "binary", maxLength: 300 }),
          fc.string({ unit: "grapheme", maxLength: 200 }),
          fc.constantFrom("<script>alert(1)</script>", "'; drop table houses; --", "\u202Emoc.elpmaxe", "\u0000\u0007", "😀".repeat(50)),
        ),
        (text) => {
          const r = read(text, { house, now: MONDAY });
          for (const f of r.found) {
            expect(f.start).toBeGreaterThanOrEqual(0);
            expect(f.end).toBeLessThanOrEqual(r.text.length);
            expect(f.rule).toMatch(/^[a-z-]+\//);
          }
        },
      ),
      { numRuns: 1500 },
    );
  });

  it("keeps every place when it makes words plain", () => {
    fc.assert(
      fc.property(fc.string({ unit: "binary", maxLength: 200 }), (text) => {
        expect(normalise(text).norm.length).toBe(normalise(text).raw.length);
      }),
    );
  });

  it("reads the same words the same each time", () => {
    const text = "sports massage with nell on thursday after two";
    expect(read(text, { house, now: MONDAY })).toEqual(read(text, { house, now: MONDAY }));
  });

  it("finds one stem for the forms of a word", () => {
    expect(stem("massages")).toBe(stem("massage"));
    expect(stem("booking")).toBe(stem("booked"));
    expect(stem("relaxing")).toBe(stem("relaxation"));
  });
});
