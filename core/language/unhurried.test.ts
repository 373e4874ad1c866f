import { describe, expect, it } from "vitest";
import { complains } from "./features.ts";
import { readsAt } from "../testing/reads.ts";

/** What words are and are not, at houses of many trades: in words of no set. */

const tern = readsAt("twenty-fifth", "ternbay");
const hair = readsAt("twenty-fourth", "marigold");
const backs = readsAt("twenty-fourth", "harbour");
const dance = readsAt("twenty-second", "huisache");
const teeth = readsAt("twenty-fifth", "sycamore");

describe("a yes or a no", () => {
  it.each([
    ["ya", true],
    ["yis!", true],
    ["yessir", true],
    ["mhm", true],
    ["you got it", true],
    ["👍🏽", true],
    ["✔️", true],
    ["👎", false],
    ["yes that's it, thanks", true],
  ])("is %s, to what is read back", (text, value) => {
    expect(tern(text, "go-ahead").slots).toMatchObject({ yes: value });
  });

  it("is none of a full stop, and that's it ends things where nothing is read back", () => {
    expect(tern(" . ", "go-ahead").slots).toEqual({});
    expect(tern("that's it", "anything").slots).toMatchObject({ yes: false });
  });
});

describe("what is left to the house", () => {
  it.each(["whatever you recommend", "I'd go with whatever you think", "you're the expert", "you tell me", "what's best for that"])(
    "is a choice of any: %s",
    (text) => {
      expect(tern(text, "service").slots).toMatchObject({ choice: "any" });
    },
  );

  it("is none of an appetite, or of a time that was forgotten", () => {
    expect(tern("I had the flu and lost my appetite, may I still come on Friday").errands).not.toContain("message");
    expect(tern("I came in on Monday and forgot my appointment").errands).not.toEqual(["message"]);
  });
});

describe("a word that sounds like another", () => {
  it("is no slip of it where its first letter is hard", () => {
    expect(tern("must I take off my glasses").slots).not.toHaveProperty("service");
    expect(tern("I'd like to do the mat clas").slots).toMatchObject({ service: "Mat class" });
  });
});

describe("what ails somebody", () => {
  it.each([
    "I came out in spots",
    "he can't stop sneezing",
    "my eyes are all puffy",
    "her nose keeps running",
    "I've got a lump on my arm",
    "my scalp is so itchy",
  ])("is told by %s", (text) => {
    expect(complains(text)).toBe(true);
  });

  it.each(["I came out at noon", "keep sending the bill", "my face is new here", "her ears are pierced"])("is not told by %s", (text) => {
    expect(complains(text)).toBe(false);
  });

  it("names no class that is called by it, and does name what is for it", () => {
    expect(backs("my back is in bits, who is on today").slots).not.toHaveProperty("service");
    expect(backs("a place in the back class on Thursday").slots).toMatchObject({ service: "Strong backs class" });
  });
});

describe("a day", () => {
  it("is not that of a feast in some month", () => {
    expect(dance("my cousin and I want to learn a waltz, and our wedding is in June").slots).not.toHaveProperty("date_from");
    expect(dance("a salsa lesson in June").slots).toMatchObject({ date_from: "2027-06-01" });
  });

  it("is that of a test that the house gives, and not that of one that it does not", () => {
    expect(hair("may I have the patch test tomorrow or on Friday").slots).toMatchObject({ date_candidates: ["2027-03-02", "2027-03-05"] });
    expect(hair("I have an exam tomorrow, could I come on Friday for a trim").slots).toMatchObject({ date: "2027-03-05" });
  });

  it("is of the first of two things where the other is not known here", () => {
    expect(hair("the patch test tomorrow and the other bit on Saturday").slots).toMatchObject({ service: "Patch test", date: "2027-03-02" });
    expect(hair("a patch test tomorrow and, if not, on Saturday").slots).not.toMatchObject({ date: "2027-03-02" });
  });

  it("is at its end where the later is the better", () => {
    expect(tern("Friday, the later the better", "slot").slots).toMatchObject({ date: "2027-03-05", time_to_is: "start" });
    expect(tern("Friday, the later the better", "slot").slots).not.toHaveProperty("choice");
    expect(tern("the later one", "slot").slots).toMatchObject({ choice: "later" });
  });
});

describe("a name", () => {
  it.each([
    ["the older one's called Miles", "Miles"],
    ["my youngest is Ada Lund", "Ada Lund"],
    ["one is Jon and the other's Kay", "Jon"],
    ["my eldest, Sigrid", "Sigrid"],
  ])("is told of one of several: %s", (text, name) => {
    expect(teeth(text, "name").slots).toMatchObject({ name });
  });

  it("is none of what is said of the one", () => {
    for (const text of ["the first one's fine", "one is enough", "the first is for my dad"]) expect(teeth(text, "name").slots).not.toHaveProperty("name");
  });

  it("stands beside digits that are too many for a number", () => {
    expect(readsAt("nineteenth", "bryn")("Gwen Pugh 01970 555 0123", "slot").slots).toMatchObject({ name: "Gwen Pugh" });
  });
});

describe("an errand", () => {
  it("asks what comes first, and books nothing", () => {
    for (const text of ["do I have to be seen first before I can get taping", "does my son need an assessment beforehand", "must we have a consultation first"])
      expect(tern(text).errands).toEqual(["ask-service"]);
    expect(tern("do I see the first physio").rules).not.toContain("errand/ask-service/what-is-first");
  });

  it("asks who does it, where it is asked whether it matters", () => {
    expect(tern("will it make a difference which therapist I see").errands).toEqual(["ask-staff"]);
  });

  it("moves what clashes, what is shuffled, and what is to begin at another hour", () => {
    for (const text of [
      "one of my bookings with you overlaps with a dentist's",
      "I have to juggle my massage and my taping a bit",
      "could we begin at eleven instead",
    ])
      expect(tern(text).errands).toEqual(["move"]);
    expect(tern("an assessment on the 9th, could we begin at eleven").errands).toEqual(["book"]);
  });

  it("calls nothing off that is to be left alone", () => {
    for (const text of ["and don't touch my massage", "please leave the Friday one alone", "keep my taping as it is"]) expect(tern(text).errands).toEqual([]);
    expect(tern("cancel the taping and leave the massage as it is").errands).toEqual(["cancel"]);
  });

  it("asks for a price where one thing is asked to be cheaper than what was named, and for something off elsewhere", () => {
    expect(tern("is the taping any cheaper").errands).toEqual(["ask-price"]);
    expect(tern("can you make it cheaper for me").errands).toEqual(["refused"]);
  });
});

describe("what they have already", () => {
  it("is asked for by who has forgotten when it is", () => {
    for (const text of ["I've a taping some day this week and can't recall which", "we have a class with you on Monday or Wednesday, not sure which"])
      expect(tern(text).errands).toEqual(["ask-mine"]);
  });

  it("is only told by who wonders what to bring to it", () => {
    expect(tern("I'm booked in for a massage on Friday and don't know if I should bring a towel").errands).toEqual(["ask-service"]);
  });

  it("is not asked for by who wants to come without", () => {
    for (const text of ["may we just turn up", "is it okay to come without a booking"]) expect(tern(text).errands).toEqual(["ask-policy"]);
    expect(tern("could I pop in tomorrow at three").errands).not.toEqual(["ask-policy"]);
  });
});

describe("how old they are", () => {
  it("is no hour", () => {
    for (const text of ["they're all about nine", "my boys are both around seven", "she's about eight"])
      expect(tern(text).slots).not.toHaveProperty("time_from");
    expect(tern("somewhere around nine", "time").slots).toMatchObject({ time_from: "08:30" });
    expect(tern("he's free about nine").slots).toMatchObject({ time_from: "08:30" });
  });
});

describe("what is to be brought", () => {
  it("is asked in other orders of words, whatever is waited for", () => {
    expect(tern("and what we have to wear", "service").errands).toEqual(["ask-service"]);
    expect(tern("what I must bring", "day").errands).toEqual(["ask-service"]);
  });
});

describe("what was missed", () => {
  const booksAnew = (text: string): unknown => tern.read(text).errands.map((e) => e.errand);
  it.each([
    "I clean forgot about my acupuncture, can I have another one this week",
    "my husband missed his taping on Saturday, is there anything for him on Tuesday",
    "we slept right through our class, could we come to the next one",
  ])("is past, and another is wished for: %s", (text) => {
    expect(booksAnew(text)).toEqual(["book"]);
  });

  it("tells no day of the wish", () => {
    expect(tern("I missed my taping this morning, could I come on Wednesday").slots).toMatchObject({ date: "2027-03-03" });
    expect(tern("I missed my taping on Friday, could I come on Wednesday").slots).not.toHaveProperty("date_candidates");
  });

  it.each([
    ["I missed my taping, what do I owe you", "book"],
    ["I missed your call, can I have the number again", "book"],
    ["did I miss my taping", "book"],
  ])("is no wish where money, a call or nothing is asked for: %s", (text, errand) => {
    expect(booksAnew(text)).not.toContain(errand);
  });
});

describe("what is on fire", () => {
  it("is no danger where it is inside of somebody, and one where it may burn", () => {
    expect(tern.read("my gums feel like they're on fire, can I come on Wednesday").emergency).toBe(false);
    expect(tern.read("the chair is on fire").emergency).toBe(true);
  });
});
