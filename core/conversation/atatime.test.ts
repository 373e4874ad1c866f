import { describe, expect, it } from "vitest";
import { heldAt } from "../testing/held.ts";

const tern = (...says: string[]) => heldAt("eleventh", "ternbay", "web", ...says);
const gorse = (...says: string[]) => heldAt("eleventh", "gorse", "web", ...says);
const wood = (...says: string[]) => heldAt("eleventh", "cottonwood", "web", ...says);

describe("two visits in one breath", () => {
  it("are each on their own day, with the hour that follows it", () => {
    const t = tern("can I have taping twice, friday at 10 and monday the 8th at 11? Lucie Gaudet 902 555 0136", "yes", "yes");
    expect(t.booked.map((b) => b.split(" ").slice(0, 3).join(" "))).toEqual(["taping 2027-03-05 10:00", "taping 2027-03-08 11:00"]);
  });

  it("share an hour that is said once", () => {
    const t = gorse("rabies jabs for me on two days, tuesday and the tuesday after at 12. Cora Lynch 01 555 0179", "yes", "yes");
    expect(t.booked.map((b) => b.split(" ")[2])).toEqual(["12:00", "12:00"]);
  });

  it("of one kind follow each other where one person does them", () => {
    const t = wood("two ear piercings on thursday at 1, Ada Lowe 720 555 0190", "yes", "yes");
    expect(t.booked).toEqual(["ear 2027-03-04 13:00 opal", "ear 2027-03-04 13:30 opal"]);
  });

  it("have each their own hour where as many are named", () => {
    const t = wood("two ear piercings on thursday at 1 and at 3, Ada Lowe 720 555 0190", "yes", "yes");
    expect(t.booked).toEqual(["ear 2027-03-04 13:00 opal", "ear 2027-03-04 15:00 opal"]);
  });

  it("may be for somebody else right after, who is asked for by name", () => {
    const t = gorse("a flu jab for me on tuesday at 10, and my husband would like his straight after. Moira Nash, 01 555 0191", "yes", "Ted Nash", "yes");
    expect(t.each[1]).toMatch(/visitor's name/);
    expect(t.booked.map((b) => b.split(" ")[2])).toEqual(["10:00", "10:10"]);
  });

  it("are for what somebody known comes for, and it is not asked which", () => {
    const t = tern("could Tobias see me twice, thursday at 9 and the thursday after at 9? it's about physio. Ana Petrov 902 555 0142", "yes", "yes");
    expect(t.each.filter((x) => /Which is it|would that be|before\?/i.test(x))).toHaveLength(0);
    expect(t.booked).toEqual(["follow-up 2027-03-04 09:00 tobias", "follow-up 2027-03-11 09:00 tobias"]);
  });

  it("are asked once which service they are for", () => {
    const t = tern(
      "could Nell see me twice, thursday at 9 and the thursday after at 9? it's for a massage. Ana Petrov 902 555 0142",
      "relaxation",
      "60 minutes",
    );
    expect(t.each.filter((x) => /Which is it|Which one do you mean/i.test(x))).toHaveLength(1);
  });

  it("are one where a friend only comes along to what is done for one at a time", () => {
    expect(tern("could I come with a friend to the class on saturday, Ivo Lund 902 555 0191", "yes", "yes").places).toEqual([2]);
    expect(tern("I'd like to come with a friend for taping on friday at 10, Lucie Gaudet 902 555 0136", "yes").booked).toHaveLength(1);
  });
});

describe("who has a visit and would rather have it otherwise", () => {
  it("moves it, and books none beside it", () => {
    const t = tern("I've got a massage on friday but I'd prefer monday the 8th at noon. Helen MacAskill, 902 555 0114");
    expect(t.state.task?.errand).toBe("move");
    expect(t.booked).toEqual([]);
  });

  it("may want another person for it", () => {
    expect(gorse("I have an appointment on thursday the 11th and I'd like a different nurse. Inês Duarte 01 555 0145").state.task?.errand).toBe("move");
  });

  it("books where one more is meant", () => {
    const t = tern("I've got a massage on friday and I'd like another one on monday the 8th");
    expect(t.state.task?.errand).toBe("book");
  });

  it("says so after hearing when it is", () => {
    const t = gorse("when am I in with Lorcan? Peter Kavanagh, 01 555 0146", "I'd rather come on tuesday the 9th at 2", "yes");
    expect(t.was("ga-peter")).toBe("altitude 2027-03-09 14:00 lorcan booked");
    expect(t.booked).toEqual([]);
  });

  it("may start it at another hour once it is settled", () => {
    const t = tern("move my massage on friday to thursday at 2, Helen MacAskill 902 555 0114", "yes", "and make it start at 3", "yes");
    expect(t.was("a-helen")).toBe("sports-massage 2027-03-04 15:00 joaquim booked");
  });

  it("is asked nothing but the go-ahead where it is brought forward to an hour", () => {
    const t = tern("please bring my friday massage forward to noon, Helen MacAskill, 902 555 0114");
    expect(t.state.expects).toBe("go-ahead");
    expect(t.last).toMatch(/Friday 5 March at 12:00 pm/);
  });
});

describe("of several visits that somebody has", () => {
  it("all but the one that is to be kept are cancelled", () => {
    const t = gorse("I'd just like to keep my flu jab, Conor Daly 01 555 0144", "yes");
    expect(t.was("ga-conor-one")).toMatch(/booked$/);
    expect(t.was("ga-conor-two")).toMatch(/cancelled$/);
  });

  it("the one that the verb is said of is meant, though both were named", () => {
    const t = gorse("I have a flu jab and a medical with you, please cancel the medical. Conor Daly 01 555 0144", "yes");
    expect(t.was("ga-conor-one")).toMatch(/booked$/);
    expect(t.was("ga-conor-two")).toMatch(/cancelled$/);
  });

  it("a word in passing tells of none that they do not have", () => {
    const t = gorse("cancel the lot, our trip was called off. Conor Daly 01 555 0144", "yes", "yes");
    expect([t.was("ga-conor-one"), t.was("ga-conor-two")].every((w) => w.endsWith("cancelled"))).toBe(true);
  });

  it("the other one is not the one that was just moved", () => {
    const t = wood("move my touch-up on tuesday to wednesday at 1, then cancel the other one. Joel Kimura 720 555 0144", "yes", "yes");
    expect(t.was("wa-joel-one")).toBe("touch 2027-03-03 13:00 juno booked");
    expect(t.was("wa-joel-two")).toMatch(/cancelled$/);
  });

  it("one that is told of for somebody else is found, and cancelled when that is said", () => {
    const t = tern("my mother's got a massage with you on wednesday, she has a cold. Ana Petrov 902 555 0142", "then cancel it please", "yes");
    expect(t.each[0]).toMatch(/Wednesday 3 March at 1:00 pm/);
    expect(t.was("a-ana")).toMatch(/cancelled$/);
  });
});

describe("what a question named", () => {
  it("is who and how long a wish after it means", () => {
    const t = wood("what does Rex charge for half a day?", "I'll have that, wednesday the 10th at 1");
    expect(t.state.task).toMatchObject({ service: "sitting", lengthMin: 240, staff: ["rex"] });
  });

  it("is the day as well, and what the first of two visits is on the second is right after", () => {
    const t = wood("is Opal in on thursday?", "ear piercing with her at 2 and one for my son right after. Yara Bloom 720 555 0175", "yes", "Max Bloom", "yes");
    expect(t.booked).toEqual(["ear 2027-03-04 14:00 opal", "ear 2027-03-04 14:30 opal"]);
  });

  it("is he or she who was asked about", () => {
    expect(tern("who is Tobias", "and is he there on thursday").last).toMatch(/Tobias is in on Thursday 4 March/);
  });

  it("is how long one's own visit takes, once it was told", () => {
    const t = wood("when am I in? Andre Toussaint 720 555 0145", "and how long does it take?");
    expect(t.last).toMatch(/4 hours/);
    expect(t.last).not.toMatch(/2 hours/);
  });
});

describe("who does it", () => {
  it("may be asked for by trade, where not everybody has it", () => {
    const t = gorse("could I see a doctor for a travel consultation on tuesday");
    expect(t.last).toMatch(/Lorcan/);
    expect(t.last).not.toMatch(/Pascal|Sinéad/);
  });

  it("leaves behind what was spoken of where they do not do it", () => {
    const t = gorse("what does yellow fever cost", "book me in with the doctor on tuesday");
    expect(t.state.task).not.toHaveProperty("service");
  });

  it("tells of what is done: an acupuncturist", () => {
    expect(tern("I want to see the acupuncturist on thursday").last).toMatch(/acupuncture/i);
  });
});

describe("days and hours in the middle of a booking", () => {
  it("by the weekday of all that was offered choose none of it yet, and no other week", () => {
    const t = wood("a design talk with Mika any day next week, afternoon", "tuesday", "3:30");
    expect(t.each[1]).toMatch(/Tuesday 9 March/);
    expect(t.each[1]).not.toMatch(/2 March/);
    expect(t.last).toMatch(/Tuesday 9 March at 3:30 pm is kept/);
  });

  it("change the hour of the day that is kept", () => {
    const t = gorse("a flu jab before thursday", "wednesday", "ten past eleven");
    expect(t.last).toMatch(/Wednesday 3 March at 11:10 am/);
  });

  it("may be an hour in words where a name is waited for", () => {
    const t = tern("taping on friday at 9", "eleven");
    expect(t.last).toMatch(/Friday 5 March at 11:00 am/);
    expect(t.state.client).not.toHaveProperty("name");
  });

  it("are turned down for being too early in so many words", () => {
    const t = tern("taping on friday morning", "not that early");
    const [before, after] = t.each.map((x): string[] => x.match(/\d{1,2}:\d\d [ap]m/g) ?? []);
    expect(after?.length).toBeGreaterThan(0);
    expect(before).toContain("8:00 am");
    expect(after?.filter((x) => before?.includes(x))).toEqual([]);
  });

  it("of a day on which the house is shut are counted on from it", () => {
    const t = gorse("a flu jab on patrick's day", "the day after then", "one");
    expect(t.each[0]).toMatch(/closed on Wednesday 17 March/);
    expect(t.last).toMatch(/Thursday 18 March at 1:00 pm is kept/);
  });
});

describe("what is asked in the middle of something else", () => {
  it("is no name", () => {
    const t = gorse("the medical was 60 euro last week, tell the manager", "well how much is it");
    expect(t.state.client).not.toHaveProperty("name");
    expect(t.last).toMatch(/€80/);
  });

  it("is a price though it is asked for in many words", () => {
    expect(tern("hello um I was wondering if you could tell me how much it is for a for a relaxation massage like an hour").last).toMatch(/\$90/);
  });

  it("is answered where the house has a line for what only sounds like advice, and not where it is of somebody's health", () => {
    expect(wood("when may I go back to the pool").last).toMatch(/After three weeks/);
    expect(gorse("are malaria tablets safe with my heart medicine").last).toMatch(/can't give medical advice/);
  });

  it("is looked up where they booked and are not sure", () => {
    const t = wood("I booked a session with Rex on the 13th, could you check the time? Andre Toussaint 720 555 0145");
    expect(t.last).toMatch(/Saturday 13 March at 2:00 pm/);
    expect(t.booked).toEqual([]);
  });

  it("of which service it is, is not asked for ever", () => {
    const t = wood("I want a tattoo", "hm", "well", "hm", "no idea", "hm");
    expect(t.state.expects).not.toBe("service");
  });
});

describe("a service", () => {
  it("is told by a length that it alone comes in", () => {
    const t = wood("four hours with Rex on thursday the 11th");
    expect(t.last).toMatch(/would that be for tattoo sitting/i);
    expect(wood("four hours with Rex on thursday the 11th", "exactly").state.task).toMatchObject({ service: "sitting", lengthMin: 240 });
  });

  it("is the one of which every word was said", () => {
    expect(wood("I'd love a tattoo, just a small one, on friday").last).toMatch(/small tattoo/i);
  });

  it("is not what somebody has had beside what they wish for", () => {
    const t = tern("shockwave on thursday at 9 please, I've had my assessment already");
    expect(t.state.task).toMatchObject({ service: "shockwave" });
  });

  it("written as one word is the same", () => {
    expect(wood("a coverup on sunday").last).toMatch(/Cover-up|cover-up/);
  });

  it("comes in the long one where it is asked for as a long one", () => {
    expect(gorse("a long medical certificate on friday the 12th").state.task).toMatchObject({ service: "cert", lengthMin: 60 });
    expect(gorse("the short medical certificate on friday the 12th").state.task).toMatchObject({ service: "cert", lengthMin: 30 });
  });
});
