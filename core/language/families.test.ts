import { describe, expect, it } from "vitest";
import { readsAt } from "../testing/reads.ts";

/** What parents and people who train say, and hours of a clock with twenty-four of them, in words of no set. */

const gym = readsAt("twentieth", "msasa");
const braces = readsAt("twentieth", "tamarack");
const tern = readsAt("twentieth", "ternbay");
const nails = readsAt("nineteenth", "almond");

describe("so many hours", () => {
  it.each([
    ["on Friday at 15 hours", "15:00"],
    ["Wednesday at 7 hours", "07:00"],
    ["0930 hours", "09:30"],
    ["tomorrow, 13 hours please", "13:00"],
    ["on the 9th at sixteen hours", "16:00"],
    ["can we make it for 11 hours", undefined],
    ["from 8 to 12 hours I sleep", undefined],
  ])("are an hour of the clock, where they say when: %s", (text, time) => {
    expect(gym(text).slots.time).toBe(time);
  });

  it("are one where an hour is waited for", () => {
    expect(gym("ten hours", "slot").slots.time).toBe("10:00");
    expect(gym("8 hours", "time").slots.time).toBe("08:00");
  });

  it("bound it before and after", () => {
    expect(gym("not before 14 hours on Tuesday").slots).toMatchObject({ time_from: "14:00", date: "2027-03-02" });
    expect(gym("before 9 hours").slots).toMatchObject({ time_to: "09:00", time_to_is: "end" });
    expect(gym("between 15 and 18 hours").slots).toMatchObject({ time_from: "15:00", time_to: "18:00" });
  });

  it.each(["I need it for 2 hours", "I drove for 14 hours", "we were there about 8 hours", "do you open 12 hours a day", "I can be there in 16 hours"])(
    "are a length of time elsewhere: %s",
    (text) => {
      const { slots } = gym(text);
      expect([slots.time, slots.time_from, slots.time_to]).toEqual([undefined, undefined, undefined]);
    },
  );
});

describe("an hour", () => {
  it("ten before another is one, where no stretch of hours is that long", () => {
    expect(braces("Tuesday, ten till eight").slots).toMatchObject({ date: "2027-03-02", time: "07:50" });
    expect(braces("I'm free ten till one").slots).toMatchObject({ time_from: "10:00", time_to: "13:00" });
  });

  it("is said for, where nothing is said of money", () => {
    expect(tern("could we say eleven on Thursday").slots).toMatchObject({ time: "11:00", date: "2027-03-04" });
    expect(tern("the price is ninety, could we say eighty").slots.time).toBeUndefined();
  });
});

describe("a day", () => {
  it("stands after its month with a stroke between, where no hour could be meant", () => {
    expect(braces("4-27 would be good").slots.date).toBe("2027-04-27");
    expect(gym("10-14 would be good").slots).toMatchObject({ time_from: "10:00", time_to: "14:00" });
    expect(braces("for kids 9-13").slots.date).toBeUndefined();
  });

  it("is counted on, after so many weeks", () => {
    expect(gym("let me come again after two weeks").slots.date).toBe("2027-03-15");
    expect(gym("after two weeks my knee was fine").slots.date).toBeUndefined();
  });

  it("is one of the week after", () => {
    expect(tern("please move it to the week after on Wednesday").slots.new_date).toBe("2027-03-10");
  });

  it("in the middle of a month is one of ten", () => {
    expect(gym("some time mid-month").slots).toMatchObject({ date_from: "2027-03-11", date_to: "2027-03-20" });
  });

  it.each(["my brackets fell off in February, I want a cleaning", "I started running in November and I'd like a massage"])(
    "of what was is none of the visit's: %s",
    (text) => {
      expect(braces(text).slots).not.toMatchObject({ date_from: expect.any(String) as string });
    },
  );

  it("of what is to come bounds what is wished for before it", () => {
    expect(gym("I'd like some training before my sister's wedding in May").slots).toMatchObject({ date_to: "2027-04-30" });
  });
});

describe("what is moved", () => {
  it("is liked better on one day than on another", () => {
    expect(nails("I'd sooner have my gels on Wednesday than Friday").slots).toMatchObject({ new_date: "2027-03-03", old_weekdays: ["Friday"] });
    expect(tern("Wednesday at two is better for my massage than Thursday").errands).toEqual(["move"]);
  });

  it("is on the day that is no good any more", () => {
    expect(braces("the 16th is no good, could the retainer be two days later").slots).toMatchObject({ old_date: "2027-03-16" });
  });

  it("is put from one hour to another in few words", () => {
    expect(tern("make it quarter past ten, not ten, on the 11th")).toMatchObject({ errands: ["move"], slots: { new_time: "10:15", old_time: "10:00" } });
  });

  it("is put to another day by who travels", () => {
    expect(gym("I'm flying to Harare on Tuesday, let us do my massage on Thursday")).toMatchObject({
      errands: ["move"],
      slots: { new_date: "2027-03-04", old_weekdays: ["Tuesday"] },
    });
  });
});

describe("an errand", () => {
  it.each([
    ["forget about the cleaning on Thursday, he's got exams", "cancel"],
    ["my brother left his cap in your waiting room", "message"],
    ["was it at ten on Friday?", "ask-mine"],
    ["I believe we have an appointment with Jolene next week, when was it", "ask-mine"],
    ["how many dollars is the whitening", "ask-price"],
    ["how many painkillers should she take after the fitting", "refused"],
  ])("is told by a plain sign: %s", (text, errand) => {
    expect(braces(text).errands).toEqual([errand]);
  });

  it("is to see to what broke, and not to put a visit off", () => {
    expect(braces("I'm ringing because my son's band came loose, could he be seen on Thursday").errands).toEqual(["book"]);
  });

  it("of a message for a doctor stands beside another", () => {
    expect(braces("please cancel the whitening and let Mrs. Pruitt know I'm sorry").errands).toContain("cancel");
    expect(braces("cancel the adjustment and tell Dr. Solberg that it feels fine").errands).toEqual(["cancel", "message"]);
  });
});

describe("a name", () => {
  it("is what ends an answer and is written as one", () => {
    expect(braces("I'm her dad, Tou Ger Vue", "name").slots.name).toBe("Tou Ger Vue");
  });

  it("may have a plain word inside", () => {
    expect(braces("Ka Lee Thao, could you cancel my whitening").slots.name).toBe("Ka Lee Thao");
  });

  it("is whose visit is taken off", () => {
    expect(braces("take Glenn Aho off tomorrow's list").slots.name).toBe("Glenn Aho");
  });
});

describe("how long and how many", () => {
  it("is no sum of two lengths that are compared", () => {
    expect(nails("what's cheaper, between an hour and seventy-five minutes").slots.length_min).not.toBe(135);
  });

  it("may stand before what it comes after", () => {
    expect(gym("a stretch for thirty minutes after my boxing").slots.length_min).toBe(30);
  });

  it.each([
    ["put us down for three", 3],
    ["put four down please", 4],
    ["we are five women and want the circuit class", 5],
    ["put two in", 2],
  ])("are counted: %s", (text, places) => {
    expect(gym(text).slots.places).toBe(places);
  });
});

describe("a service", () => {
  it("is named by what is done in it", () => {
    expect(braces("when can I have the braces removed").slots.service).toBe("Braces removal");
  });

  it("is not chosen by who comes for the first time", () => {
    expect(tern("it's her first time", "service").slots.choice).toBeUndefined();
    expect(tern("the first one", "service").slots.choice).toBe("first");
  });
});

describe("what somebody swallowed", () => {
  it.each(["my toddler has swallowed a battery", "I just swallowed one of my crowns", "an hour ago our boy swallowed a magnet"])(
    "is told where to call: %s",
    (text) => {
      expect(tern(text).errands).toEqual(["emergency"]);
    },
  );

  it.each(["I swallowed a lot of water in the pool", "can she swallow tablets with these", "she swallowed her retainer last year"])(
    "is nothing to be called for: %s",
    (text) => {
      expect(braces(text).errands).not.toContain("emergency");
    },
  );
});

describe("late on a day", () => {
  it.each(["Thursday late", "late on Thursday please", "something late Thursday"])("is its end: %s", (text) => {
    expect(tern(text).slots).toMatchObject({ date: "2027-03-04", time_from: "17:00", time_to: "19:00" });
  });

  it.each(["I'll be late on Thursday", "how late on Thursday are you open", "we might be twenty minutes late on Thursday"])("is not meant by: %s", (text) => {
    expect(tern(text).slots.time_from).toBeUndefined();
  });
});

describe("a month that is only hoped for", () => {
  it.each(["I was hoping to have an assessment in April", "we were thinking of a massage in April", "if you had something in April I'd take it"])(
    "is wished for: %s",
    (text) => {
      expect(tern(text).slots).toMatchObject({ date_from: "2027-04-01", date_to: "2027-04-30" });
    },
  );
});

describe("a class that somebody thinks they have", () => {
  it("is theirs, by its name too", () => {
    expect(gym("I think I have yoga this week, what time").errands).toEqual(["ask-mine"]);
  });
});
