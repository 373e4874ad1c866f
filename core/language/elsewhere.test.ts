import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { readsAt } from "../testing/reads.ts";
import { setHouse } from "../testing/sets.ts";
import { epochMinOf } from "../time/zone.ts";
import { readPublic } from "./slots.ts";
import { inside } from "./text.ts";

/** How people of other countries and trades say it: in words of no set. */

const tern = readsAt("sixteenth", "ternbay");
const bridal = readsAt("sixteenth", "hawthorn");
const scans = readsAt("sixteenth", "sampaguita");

describe("a name", () => {
  it("of somebody who works there is no slip of a service that sounds like it", () => {
    expect(bridal("could Ciara see me on Friday").slots).toMatchObject({ staff: "Ciara Nolan", date: "2027-03-05" });
    expect(bridal("could Ciara see me on Friday").slots).not.toHaveProperty("service");
    expect(bridal("is Ciara's Saturday full").slots).not.toHaveProperty("service");
    expect(bridal("a tiarra for me please").slots).toMatchObject({ service: "Veil and headpiece" });
  });

  it("of a client is no form of what the house does", () => {
    expect(bridal("Brid Hickey, 021 255 0199, when am I coming in").slots).toMatchObject({ name: "Brid Hickey" });
    expect(bridal("Brid Hickey, 021 255 0199, when am I coming in").slots).not.toHaveProperty("service");
  });

  it("of a relative, whose something is, names nothing", () => {
    expect(bridal("my mother's coat, would it go with a hat").slots["service"]).not.toBe("Mother of the bride");
    expect(bridal("an appointment for the mother of the bride").slots).toMatchObject({ service: "Mother of the bride" });
  });
});

describe("which service it is", () => {
  it.each<[string, (text: string) => ReturnType<typeof tern>, string]>([
    ["a scan on Tuesday with Paolo", scans, "MRI scan"],
    ["the short scan with Grace tomorrow", scans, "Pregnancy ultrasound"],
    ["could Doc Liza read my x-ray on Monday", scans, "Results visit"],
    ["an opinion on my mammogram from Dr Reyes, please book me", scans, "Results visit"],
    ["a wedding dress appointment, Saturday", bridal, "Bridal appointment"],
    ["trying on some wedding dresses", bridal, "Bridal appointment"],
  ])("is told by who it is with, how long, and every word of it: %s", (text, house, service) => {
    expect(house(text).slots).toMatchObject({ service });
  });

  it("stays what was said where nothing else is spoken of, or two are", () => {
    expect(scans("a mammogram with Jun").slots).toMatchObject({ service: "Mammogram" });
    expect(tern("taping with Nell and the mat class").slots["service"]).toBe("Taping");
  });
});

describe("how many come", () => {
  it.each<[string, number]>([
    ["my sister and my cousin would like to join the mat class", 2],
    ["our daughter, our son and our nephew want to come to Pilates", 3],
    ["three slots for the mat class on Thursday", 3],
    ["the class for my two boys, wait, just the older one", 1],
  ])("%s", (text, places) => {
    expect(tern(text).slots).toMatchObject({ places });
  });
});

describe("what is theirs is to be otherwise", () => {
  it.each<[string, Record<string, unknown>]>([
    ["I'm held up in Truro so I can't come on Tuesday. Friday at two?", { old_weekdays: ["Tuesday"], new_date: "2027-03-05", new_time: "14:00" }],
    ["we won't be able to make it on Wednesday, maybe Friday the 12th in the morning", { old_weekdays: ["Wednesday"], new_date: "2027-03-12" }],
    ["I'm on duty on Thursday, any other day?", { old_weekdays: ["Thursday"] }],
    ["I'll be travelling on the 9th, could it be on the 16th", { old_date: "2027-03-09", new_date: "2027-03-16" }],
    ["there's a parents' evening on Tuesday so I have to move my massage", { old_weekdays: ["Tuesday"] }],
    ["please swap Tobias for Maren on Friday", { staff: "Tobias Lindqvist", new_staff: "Maren Oduya", old_weekdays: ["Friday"] }],
    ["new plan: Nell on the 10th, not the 8th, can you change it", { old_date: "2027-03-08", new_date: "2027-03-10" }],
    ["let me come on Tuesday rather than this Friday", { old_weekdays: ["Friday"], new_date: "2027-03-02" }],
    ["taping on the 9th: could Thursday the 11th do instead?", { service: "Taping", old_date: "2027-03-09", new_date: "2027-03-11" }],
    ["could I have a later time for my acupuncture", { service: "Acupuncture" }],
    ["the ferry's cancelled, can I come on Thursday instead", { new_date: "2027-03-04" }],
  ])("is a move: %s", (text, slots) => {
    const r = tern(text);
    expect(r.errands).toEqual(["move"]);
    expect(r.slots).toMatchObject(slots);
  });

  it("moves nothing where somebody tells when they are there", () => {
    const r = tern("we're in town Tuesday to Thursday, is there a relaxation massage");
    expect(r.errands).not.toContain("move");
    expect(r.slots).toMatchObject({ date_from: "2027-03-02", date_to: "2027-03-04" });
  });

  it.each<[string, Record<string, unknown>]>([
    ["my back is fine again, no need to come on Thursday", { old_weekdays: ["Thursday"] }],
    ["the splint came off, so no more follow-up for me, thanks", { service: "Physiotherapy follow-up" }],
    ["forget my Friday appointment, I'm cured", { old_weekdays: ["Friday"] }],
    ["could you take the taping off please", { service: "Taping" }],
    ["I can't come tomorrow, I don't need another day", { old_date: "2027-03-02" }],
  ])("is called off: %s", (text, slots) => {
    const r = tern(text);
    expect(r.errands).toEqual(["cancel"]);
    expect(r.slots).toMatchObject(slots);
    expect(r.slots).not.toHaveProperty("shift");
  });

  it("is called off by nobody who is reminded, or asks about it", () => {
    expect(tern("don't forget my appointment on Friday").errand).toBe("ask-mine");
    expect(tern("do I have to take my shoes off").errand).not.toBe("cancel");
    expect(tern("is my class cancelled?").errand).toBe("ask-mine");
    expect(tern("my class was cancelled, when could I come instead").errand).toBe("book");
    expect(tern("what's the deal if we have to back out").errand).toBe("ask-policy");
  });
});

describe("what is asked", () => {
  it.each<[string, (text: string) => ReturnType<typeof tern>, string]>([
    ["what's half an hour with Joaquim", tern, "ask-price"],
    ["what's a ticket for the try-on evening", bridal, "ask-price"],
    ["does my work insurance pay for taping", tern, "ask-policy"],
    ["have you tuxedos", bridal, "ask-service"],
    ["is it Maren or Priya on Tuesdays", tern, "ask-staff"],
    ["is it Maren or Priya I'm seeing on Tuesday", tern, "ask-mine"],
    ["would anybody still be there at five on Friday", tern, "ask-hours"],
    ["how old is Marta", bridal, "refused"],
    ["what's Declan's home address", bridal, "refused"],
    ["are yous open on Saturday", bridal, "ask-hours"],
    ["cancel my hem and tell Marta the dress fits", bridal, "cancel"],
  ])("%s", (text, house, errand) => {
    expect(house(text).errand).toBe(errand);
  });

  it("of what is to be taken off is no question of medicine", () => {
    expect(scans("should I take off my watch").errand).not.toBe("refused");
    expect(scans("should I take my tablets before it").errand).toBe("refused");
  });
});

describe("when", () => {
  it.each<[string, Record<string, unknown>]>([
    ["on or after the 10th", { date_from: "2027-03-10" }],
    ["on or before Friday", { date_to: "2027-03-05" }],
    ["next week, Monday or Thursday", { date_candidates: ["2027-03-08", "2027-03-11"], date_choice: "either" }],
    ["this day week at ten", { date: "2027-03-08", time: "10:00" }],
    ["the Thursday after school", { date: "2027-03-04", time_from: "15:00" }],
    ["somewhere in the next two hours", { date: "2027-03-01" }],
    ["morning! anything before eleven on Friday?", { date: "2027-03-05", time_to: "11:00", time_to_is: "end" }],
    ["tomorrow at 1415", { date: "2027-03-02", time: "14:15" }],
  ])("%s", (text, slots) => {
    expect(tern(text).slots).toMatchObject(slots);
  });

  it("is no year, and no number of minutes that nobody comes at", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1900, max: 2059 }).filter((n) => n % 5 !== 0),
        (year) => {
          const { slots } = tern(`an old letter from ${year}`);
          expect(Object.keys(slots).filter((k) => k.startsWith("time"))).toEqual([]);
        },
      ),
      { numRuns: 40 },
    );
  });

  it("leaves a length that is wished for after all", () => {
    expect(tern("an hour after all", "go-ahead").slots).toMatchObject({ length_min: 60 });
    expect(tern("ninety minutes after all please", "name").slots).toMatchObject({ length_min: 90 });
    expect(tern("an hour after lunch", "go-ahead").slots).not.toHaveProperty("length_min");
  });
});

describe("what is said before or after it", () => {
  it("for politeness alone changes nothing", () => {
    expect(scans("open on Saturday po?")).toMatchObject({ errand: "ask-hours", slots: scans("open on Saturday?").slots });
    expect(scans("good am po, a mammogram po on Friday").slots).toMatchObject({ service: "Mammogram", date: "2027-03-05" });
    expect(scans("po box 12, is that you?").errand).not.toBe("book");
  });
});

describe("a text inside a sentence", () => {
  it("has a small first letter, unless it is an abbreviation or a letter by itself", () => {
    expect(["MRI scan", "ECG", "X-ray", "T-shirt", "Mat class", "Über"].map(inside)).toEqual(["MRI scan", "ECG", "X-ray", "T-shirt", "mat class", "über"]);
  });

  it("stays the same inside another", () => {
    fc.assert(fc.property(fc.string(), (text) => void expect(inside(inside(text))).toBe(inside(text))));
  });
});

const sleep = readsAt("seventeenth", "coolabah");
const papers = readsAt("seventeenth", "iroko");

describe("what stands is to be otherwise, in other words", () => {
  it.each<[string, (text: string) => ReturnType<typeof tern>, Record<string, unknown>]>([
    ["Luc Bergeron, 902 555 0142: trim Friday's massage to an hour please", tern, { length_min: 60, old_weekdays: ["Friday"] }],
    ["make my review twenty minutes", sleep, { service: "Review", length_min: 20 }],
    ["Kate Mulligan, 07 2555 0145. I have a wedding on the 11th, the 18th at one?", sleep, { new_date: "2027-03-18" }],
    ["let my appointment be on Thursday the 11th", papers, { new_date: "2027-03-11" }],
    ["I'll be late on Friday, could we begin at three", papers, { new_time: "15:00" }],
    ["anything sooner than the 9th with Tobias", tern, { old_date: "2027-03-09", shift: "earlier" }],
  ])("is a move: %s", (text, house, slots) => {
    const r = house(text);
    expect(r.errands).toEqual(["move"]);
    expect(r.slots).toMatchObject(slots);
  });

  it.each<[string, (text: string) => ReturnType<typeof tern>, Record<string, unknown>]>([
    ["cancel Thursday, my exam was postponed", papers, { old_weekdays: ["Thursday"] }],
    ["don't worry about the machine check any more", sleep, { service: "Machine check" }],
    ["take my husband off Wednesday please", sleep, { old_weekdays: ["Wednesday"] }],
    ["my son has the car on the 10th, scrap that one", sleep, { old_date: "2027-03-10" }],
  ])("is called off: %s", (text, house, slots) => {
    const r = house(text);
    expect(r.errands).toEqual(["cancel"]);
    expect(r.slots).toMatchObject(slots);
  });

  it("is asked for by whoever wants to know when or what it was", () => {
    expect(tern("was my booking for nine or for ten").errand).toBe("ask-mine");
    expect(tern("did my massage get booked in").errand).toBe("ask-mine");
    expect(papers("what time did you people put me down for").errand).toBe("ask-mine");
  });
});

describe("somebody else", () => {
  it.each([
    "is Marta's appointment on Thursday",
    "how long is Gus's massage",
    "what's the matter with Ada Obi",
    "can you check whether Pearl Whitaker showed up",
  ])("is not spoken of: %s", (text) => {
    expect(tern(text).errand).toBe("refused");
  });

  it("is none where it is somebody of the house, or a word for a day or for people", () => {
    for (const text of ["is Nell's massage firm", "is today's class full", "is the men's class full"]) expect(tern(text).errand).not.toBe("refused");
  });

  it("is put through to, and told what asks nothing of the house", () => {
    expect(sleep("put us through to Bronwyn").errand).toBe("person");
    expect(papers("tell Amina that my uncle got it cheaper").errand).toBe("message");
    expect(tern("please let Priya know that I stopped the ibuprofen").errand).toBe("message");
    expect(tern("the cheaper of the massages", "service").errand).not.toBe("refused");
  });
});

describe("a danger", () => {
  it("is none in what somebody does in their sleep", () => {
    for (const text of ["my wife says I stop breathing when I sleep, can I see a doctor", "he keeps choking in his sleep, could somebody see him next week"])
      expect(sleep(text).errand).not.toBe("emergency");
  });

  it("is one right now, in a baby, and in an eye", () => {
    for (const text of ["he stopped breathing, help", "my baby stops breathing at night", "I got bleach in my eye"])
      expect(sleep(text).errand).toBe("emergency");
  });
});

describe("two things, with each of which something else is done", () => {
  it("are two, though the house calls one by words of both", () => {
    const r = sleep("cancel the study and book me the home test on Friday at nine");
    expect(r.errands).toEqual(["cancel", "book"]);
    expect(r.slots).toMatchObject({ date: "2027-03-05", time: "09:00" });
  });
});

describe("figures", () => {
  it.each<[string, (text: string) => ReturnType<typeof tern>, Record<string, unknown>]>([
    ["the 9.4. at three", sleep, { date: "2027-04-09", time: "15:00" }],
    ["3-12-2027", tern, { date: "2027-03-12" }],
    ["three weeks' time", tern, { date: "2027-03-22" }],
    ["before 12 noon on Friday", tern, { date: "2027-03-05", time_to: "12:00", time_to_is: "end" }],
    ["the weekend after this one", sleep, { date_from: "2027-03-13", date_to: "2027-03-14" }],
    ["month end", sleep, { date_from: "2027-03-25", date_to: "2027-03-31" }],
    ["latest Thursday", tern, { date_to: "2027-03-04" }],
    ["any evening but Tuesday", tern, { exclude_weekdays: ["Tuesday"] }],
  ])("are a day or an hour: %s", (text, house, slots) => {
    expect(house(text).slots).toMatchObject(slots);
  });

  it("with a point are an hour where one is waited for", () => {
    const at = (text: string) =>
      readPublic(text, {
        house: setHouse("seventeenth", "coolabah"),
        now: epochMinOf(setHouse("seventeenth", "coolabah").zone, "2027-03-01T08:30"),
        expects: "slot",
      });
    expect(at("9.10. please").slots).not.toHaveProperty("date");
  });

  it("in groups with words between them are one number", () => {
    expect(tern("902, then 555, then 0177", "phone").slots).toMatchObject({ phone: "+19025550177" });
    expect(tern("902 555 0177, and three on Friday").slots).toMatchObject({ phone: "+19025550177" });
  });
});
