import { describe, expect, it } from "vitest";
import { readsAt } from "../testing/reads.ts";

/** What stays and what goes, what a length is for, days that are only told of, and those who come along, at a pharmacy's clinic and at a studio with classes: in words of no set. */

const tern = readsAt("twenty-sixth", "ternbay");
const chemist = readsAt("twenty-sixth", "rowan");
const studio = readsAt("twenty-sixth", "spoonbill");

describe("what is not called off", () => {
  it("is a day that is named only to be kept", () => {
    expect(tern("please call off Tuesday but not the appointment on Friday").slots).toMatchObject({ old_weekdays: ["Tuesday"] });
    expect(tern("cancel the 5th, only not the one on the 9th").slots).toMatchObject({ old_date: "2027-03-05" });
    expect(tern("leave Thursday as it is but shift the 9th to Wednesday the 10th at two").slots).toMatchObject({
      old_date: "2027-03-09",
      new_date: "2027-03-10",
      new_time: "14:00",
    });
  });

  it("is what somebody would rather keep, asked whether to cancel", () => {
    expect(tern("ah, I've changed my mind again, just leave it as it was please", "go-ahead").slots).toMatchObject({ yes: false });
  });

  it.each([
    [chemist, "I've picked up a bug, so don't trouble with the 8th"],
    [chemist, "there's a booking in my name that I'd like to get out of"],
    [studio, "I'm not able to make it on Thursday at eight, sorry"],
  ] as const)("is not what somebody will not come to: %#", (house, text) => {
    expect(house(text).errand).toBe("cancel");
  });

  it("is not asked of, where it is said what to do instead", () => {
    expect(studio("I can't make it on Thursday at eight, could we do nine").errand).toBe("move");
  });

  it("is what was done of it, which somebody has forgotten", () => {
    expect(chemist("I'm not sure whether I already moved mine").errand).toBe("ask-mine");
    expect(chemist("I don't know if I cancelled it or only thought of it").errand).toBe("ask-mine");
  });
});

describe("what stands, and how it is to be", () => {
  it("is told without an article, and with a wish that leaves out who speaks", () => {
    expect(studio("I have meditation with Theo on Thursday but I'd prefer Bea on Monday the 8th").slots).toMatchObject({
      staff: "Theo Vance",
      new_staff: "Bea Lindholm",
      old_weekdays: ["Thursday"],
      new_date: "2027-03-08",
    });
    expect(tern("I've got a follow-up on Tuesday and would like it with Maren, Wednesday at ten").slots).toMatchObject({
      new_staff: "Maren Oduya",
      new_date: "2027-03-03",
    });
    expect(studio("I have back pain and I'd like Bea on Monday the 8th").errand).toBe("book");
  });

  it("goes from one day to another", () => {
    expect(studio("please take us off Thursday and put us in on Saturday").errand).toBe("move");
    expect(tern("the 9th at ten is an awkward time for us, is the 11th free?").slots).toMatchObject({ old_date: "2027-03-09", new_date: "2027-03-11" });
    expect(tern("oh we can't, we're at a funeral. Friday at one?").errand).toBe("move");
  });

  it("is put forward or back", () => {
    expect(tern("might the one on the 12th be moved forward?").slots).toMatchObject({ old_date: "2027-03-12", shift: "earlier" });
    expect(tern("do you have a later one", "slot").slots).toMatchObject({ shift: "later" });
  });

  it("is not on the day until which somebody is away, nor on that of a deed of theirs", () => {
    expect(studio("I'm stuck in Denver until Thursday, so my posture check needs another day").slots).toMatchObject({ new_date_from: "2027-03-05" });
    expect(tern("they called me in to work on Thursday, could I see Priya on Tuesday instead").slots).toMatchObject({
      old_weekdays: ["Thursday"],
      new_date: "2027-03-02",
    });
    expect(tern("Wednesday's follow-up doesn't work any more, could it be the Friday after").slots).toMatchObject({
      old_weekdays: ["Wednesday"],
      new_date: "2027-03-05",
    });
  });
});

describe("days and hours", () => {
  it("begin where somebody is not there before", () => {
    const kinds = (text: string): unknown[] => tern.read(text).found.flatMap((f) => (f.kind === "time" ? [f.value.kind] : []));
    expect(kinds("my lift isn't here until ten, what have you got on Thursday?")).toEqual(["from"]);
    expect(tern("the sitter doesn't come till two, what do you have on Friday?").slots).toMatchObject({ time_from: "14:00" });
    expect(tern("I can't stay until four on Friday").slots).not.toMatchObject({ time_from: "16:00" });
  });

  it("are none of what begins on them, and may be those of what happens on them", () => {
    expect(tern("he starts school on Monday, he needs a follow-up this week").slots).not.toHaveProperty("date");
    expect(tern("can I start the insoles on Monday the 8th").slots).toMatchObject({ date: "2027-03-08" });
    expect(tern("we're flying home on Friday evening, could I have a massage that morning?").slots).toMatchObject({ date: "2027-03-05", time_to: "12:00" });
    expect(chemist("I'm travelling on the 24th, could you do me before then").slots).toMatchObject({ date_to: "2027-03-23" });
  });

  it("are no hour where one of a thing is meant", () => {
    expect(studio("I love yin, have you got one in the evening?").slots).toMatchObject({ time_from: "17:00" });
    expect(studio("is there one in the afternoon on Saturday?").slots).toMatchObject({ time_from: "12:00" });
    expect(tern("Thursday at one in the afternoon").slots).toMatchObject({ time: "13:00" });
  });
});

describe("what a length is for", () => {
  it.each([
    ["microsuction for both my ears on Saturday", 30],
    ["ear wax removal, it's only the one ear", 20],
    ["the weight clinic, it's the first visit for me", 40],
  ])("is told by the description: %s", (text, minutes) => {
    expect(chemist(text).slots).toMatchObject({ length_min: minutes });
  });

  it("is told by bare numbers and by everyday words as well", () => {
    expect(readsAt("ninth", "foxglove")("leg wax, whole legs please").slots).toMatchObject({ length_min: 45 });
    expect(readsAt("twenty-fourth", "marigold")("I'd like a full head of highlights").slots).toMatchObject({ length_min: 180 });
    expect(readsAt("thirteenth", "tamarind")("laser for my underarms").slots).toMatchObject({ length_min: 20 });
  });

  it("is not told by what both are for, nor by a number that stands by itself", () => {
    expect(chemist("wax removal, my left ear hurts").slots).not.toHaveProperty("length_min");
    expect(chemist("I'll take the first one", "slot").slots).not.toHaveProperty("length_min");
    expect(readsAt("eighth", "wattle")("a consultation for an animal that is not well").slots).not.toHaveProperty("length_min");
  });
});

describe("who comes along, and for whom it is", () => {
  it.each([
    ["me plus three for slow flow on Tuesday", 4],
    ["could I bring my three cousins to the sound bath on Saturday", 4],
  ])("is counted: %s", (text, places) => {
    expect(studio(text).slots).toMatchObject({ places });
  });

  it("is one of theirs who is spoken of first", () => {
    expect(tern("my husband put his neck out, he's never been, do you have anything for him on Friday?").slots).toMatchObject({ for_whom: "husband" });
    expect(chemist("my granda is on lots of pills, would Colm go over them with him on Friday").slots).toMatchObject({ for_whom: "granda" });
    expect(tern("my husband is the driver, have you anything on Friday for me").slots).not.toHaveProperty("for_whom");
  });
});

describe("what a word tells of", () => {
  it("is a service whose name begins with it, before another", () => {
    const r = chemist.read("B12 and a cholesterol test on Wednesday");
    expect(r.found.filter((f) => f.kind === "service").map((f) => f.value)).toEqual([["b12"], ["cholesterol"]]);
  });

  it("is one whose name has a word of the same root", () => {
    expect(studio("something gentle, I'm pregnant, maybe yoga").slots).toMatchObject({ service: "Prenatal yoga" });
  });

  it("is nobody who would do it, where it is who else comes", () => {
    expect(studio("would I be the only guy").slots).not.toHaveProperty("staff_gender");
    expect(studio("only a woman please, for the posture check").slots).toMatchObject({ staff_gender: "woman" });
  });
});

describe("what is asked", () => {
  it.each([
    [chemist, "is there still any sense in a flu jab now", "ask-service"],
    [chemist, "I'm on steroids, may I still have the shingles jab", "ask-service"],
    [chemist, "I was away, may I still have a flu jab on Thursday", "book"],
    [studio, "is there a class on Sunday that my knees would survive", "ask-availability"],
    [chemist, "how late can I still pop in on a Thursday", "ask-hours"],
    [chemist, "how late can I call it off", "ask-policy"],
  ] as const)("is told by what it is about: %#", (house, text, errand) => {
    expect(house(text).errand).toBe(errand);
  });

  it("is nothing of who does not know what they want, nor of who shows a rash", () => {
    expect(studio("I've no idea really, I don't know what to book").errand).toBe("book");
    expect(tern("I've a lump behind my knee").errand).not.toBe("refused");
  });
});
