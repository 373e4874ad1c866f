import { describe, expect, it } from "vitest";
import { talksAt } from "../testing/held.ts";

/** Two visits in one breath, week by week, of whom was asked about, and who has never been: as guests and patients ask for them, in words of no set. */

const floats = talksAt("twenty-first", "larkspur");
const bones = talksAt("twenty-first", "bogmyrtle");
const tern = talksAt("twenty-first", "ternbay");
const drives = talksAt("second", "ribble");
const hair = talksAt("fifth", "mahoe");
const barber = talksAt("tenth", "kauri");
const diet = talksAt("fifteenth", "moringa");
const vet = talksAt("eighth", "wattle");
const speech = talksAt("eighteenth", "elmet");
const lawyers = talksAt("ninth", "pinyon");
const tailor = talksAt("seventh", "hollow");
const feet = talksAt("tenth", "larch");
const bridal = talksAt("sixteenth", "hawthorn");
const WHO = ["Ina Reid", "0131 555 0151"] as const;

describe("two visits told in the same shape", () => {
  it("are each of somebody of their own, with a thing of their own", () => {
    const t = bones("corns for my mother and a deep massage for me, an hour, both on Friday the 12th");
    expect(t.state.task).toMatchObject({ errand: "book" });
    expect([t.state.task, ...t.state.later].map((x) => (x?.errand === "book" ? (x.service ?? x.among) : x?.errand))).toEqual(["nails", "massage"]);
  });

  it("are needed by two people", () => {
    const t = floats("my wife needs a facial and I want a float, on Thursday the 11th both of them");
    const tasks = [t.state.task, ...t.state.later];
    expect(tasks.map((x) => (x?.errand === "book" ? x.service : x?.errand))).toEqual(["facial", "float"]);
    expect(tasks.map((x) => (x?.errand === "book" ? x.forWhom : undefined))).toEqual(["wife", undefined]);
  });

  it("are each on a day of its own", () => {
    const t = bones("the back class on the 6th for me and on the 8th for my wife", "yes", "Rab Tait", "0131 555 0152", "yes", "yes", "Ada Tait", "yes");
    expect(t.booked.map((b) => b.slice(0, 15)).sort()).toEqual(["back 2027-03-06", "back 2027-03-08"]);
  });

  it("are each at an hour of its own", () => {
    const t = bones("deep massages, half an hour, on Monday the 8th at noon and on Friday the 12th at nine", ...WHO, "yes", "yes");
    expect(t.booked).toEqual(["massage 2027-03-08 12:00 iain", "massage 2027-03-12 09:00 iain"]);
  });

  it("come one right after the other", () => {
    const t = bones("a baby check for my son and cranial for me on Wednesday the 10th from ten, back to back", "Skye Orr", "0131 555 0153");
    expect(t.state.later.at(-1)).toMatchObject({ errand: "book", service: "cranial", rightAfter: true });
  });

  it("are one where two come to one thing", () => {
    for (const say of ["the back class on Saturday for me and my wife", "a place in the back class for me and one for my wife on Saturday"])
      expect([say, bones(say, "yes", ...WHO).last]).toEqual([say, expect.stringMatching(/2 places/)]);
  });

  it("are one wish where either would do", () => {
    const t = bones("a deep massage for half an hour, I could do Monday at noon or Friday at nine");
    expect(t.state.task).toMatchObject({ errand: "book", service: "massage", lengthMin: 30 });
    expect(t.state.later).toEqual([]);
  });

  it("are at once where two do it at the same time", () => {
    const t = floats("two massages for an hour, for my sister and me, at the same time on Thursday at three", "Bo Finch", "208 555 0151", "yes", "yes");
    expect(t.booked.map((b) => b.split(" ").slice(0, 3).join(" "))).toEqual(["massage 2027-03-04 15:00", "massage 2027-03-04 15:00"]);
  });
});

describe("visits week by week", () => {
  it("begin with the first of them, and go on when it is asked for", () => {
    const t = drives("a manual lesson every Thursday at five, an hour", "Joan Firth", "01632 550151", "yes", "and the same the week after", "yes");
    expect(t.each[0]).toMatch(/one of them first|one, and then the next/);
    expect(t.booked.map((b) => b.split(" ").slice(1, 3).join(" "))).toEqual(["2027-03-04 17:00", "2027-03-11 17:00"]);
  });

  it("change nothing of what is about to be booked", () => {
    const t = drives("a manual lesson on Thursday at five, an hour", "Joan Firth", "01632 550151", "could we do that every Thursday", "yes");
    expect(t.booked).toHaveLength(1);
    expect(t.each[3]).toMatch(/Shall I book it\?$/);
  });

  it("may be on another day the next time", () => {
    const t = drives("a manual lesson on Thursday at five, an hour", "Joan Firth", "01632 550151", "yes", "and then the Saturday after that");
    expect(t.last).toMatch(/Saturday 6 March/);
    expect(t.state.task).toMatchObject({ errand: "book", service: "manual", lengthMin: 60 });
    expect(t.booked).toHaveLength(1);
  });
});

describe("who was asked about", () => {
  it("is with whom it is then, on that day", () => {
    const t = floats("is Miguel there on Thursday", "ninety minutes at one, then", "Al Wray", "208 555 0152");
    expect(t.last).toMatch(/90 minutes of massage with Miguel/);
    expect(t.last).toMatch(/Thursday 4 March at 1:00 pm/);
  });

  it("is one of what they do, where that is not told", () => {
    const t = floats("is Miguel there on Thursday", "at one, then");
    expect(t.last).toMatch(/massage or head and neck release/i);
    expect(t.last).not.toMatch(/float/i);
  });
});

describe("who has never been", () => {
  it("begins with what is for them", () => {
    expect(bones("I've put my back out. I haven't been to you before", "yes").state.task).toMatchObject({ service: "first" });
    expect(bones("my back is killing me, can somebody see me on Friday", "no, it's my first visit with you").state.task).toMatchObject({ service: "first" });
  });

  it("or has been, and returns", () => {
    const t = bones("my back is killing me, can somebody see me on Friday", "aye, I was in at Christmas");
    expect(t.each[0]).toMatch(/been to us before/);
    expect(t.state.task).toMatchObject({ service: "return" });
    expect(t.last).toMatch(/Friday 5 March/);
  });

  it("is not sent to a class by a part of the body", () => {
    expect(bones("I hurt my back shovelling, could I see someone").last).not.toMatch(/class/);
    expect(bones("I'd like to join the back class").state.task).toMatchObject({ service: "back" });
  });

  it("may be somebody else, who is spoken of", () => {
    const t = tern("my son hurt his wrist at hockey, could he be seen on Thursday", "he's never been");
    expect(t.state.task).toMatchObject({ service: "assessment" });
  });
});

describe("at the go-ahead", () => {
  it("how many come may be put right", () => {
    const t = tern("three of us for Pilates on Wednesday", "yes", "Gail Roe", "902 555 0151", "sorry, just two", "yes");
    expect(t.booked).toEqual([expect.stringMatching(/^mat-class 2027-03-03/)]);
    expect(t.each[4]).toMatch(/2 places/);
  });

  it("what was called off meanwhile is not called off again", () => {
    const t = tern(
      "book me taping on the 5th at nine with Maren, and cancel my follow-up on the 4th. Peter Okonkwo, 902 555 0142",
      "no, first cancel the follow-up",
      "yes",
      "yes",
    );
    expect(t.was("a-peter")).toMatch(/cancelled$/);
    expect(t.last).not.toMatch(/don't find|which one/i);
  });
});

describe("other hours, asked for at the go-ahead", () => {
  const held = ["a facial on Saturday at noon", "Bo Finch", "208 555 0151"] as const;

  it.each(["any other times?", "what other times are there that day?", "yes, or what other times are there that day"])("are of the same day: %s", (say) => {
    const t = floats(...held, say);
    expect(t.state).toMatchObject({ expects: "slot", task: { errand: "book", service: "facial" } });
    expect(t.last).toMatch(/Saturday 6 March/);
    expect(t.last).not.toMatch(/12:00 pm/);
  });

  it("are of another day where that is named", () => {
    const t = floats(...held, "what other times are there on Tuesday the 9th?");
    expect(t.last).toMatch(/Tuesday 9 March at/);
    expect(t.state.expects).toBe("slot");
  });
});

describe("what they have", () => {
  it("is called off whole where neither can be kept", () => {
    const t = bones("Jean Abernethy, 0131 555 0143. I'm not able to come to either of them", "yes", "yes");
    expect([t.was("oa-jean-one"), t.was("oa-jean-two")]).toEqual([expect.stringMatching(/cancelled$/), expect.stringMatching(/cancelled$/)]);
  });

  it("is moved where its own person could take them then", () => {
    const t = bones("I'm seeing Shona on the 9th, is that correct? Dougal Kerr, 0131 555 0144", "could she do me at two", "yes");
    expect(t.was("oa-dougal")).toBe("walk 2027-03-09 14:00 shona booked");
  });

  it("is left as it is by one like it later on", () => {
    const t = tern("Gwen Arsenault, 902 555 0141: the same as we had, three weeks later", "yes");
    expect(t.was("a-gwen")).toMatch(/2027-03-02 10:00/);
  });
});

describe("a day that was ruled out", () => {
  it("is meant where it is named after all", () => {
    const t = hair("a haircut next week, any day but Thursday", "oh, Thursday the 11th would do after all");
    expect(t.last).toMatch(/Thursday 11 March/);
    expect(t.last).not.toMatch(/nothing/i);
  });

  it("stays so where another is named", () => {
    const t = hair("a haircut next week, any day but Thursday", "or the week after");
    expect(t.state.task).toMatchObject({ errand: "book", wish: { days: { excludeWeekdays: [4] } } });
    expect(t.last).not.toMatch(/Thursday/);
  });
});

describe("of some times that are offered", () => {
  it.each(["don't care", "doesn't matter", "all the same to me", "couldn't care less"])("the first is taken where it is all the same: %s", (say) => {
    expect(floats("a massage on Sunday, an hour", say).state.expects).toBe("name");
  });
});

describe("despair", () => {
  it("comes before all else where somebody wants to die", () => {
    const t = floats("I'm going to take my own life tonight");
    expect(t.last).toMatch(/911/);
    expect(t.last).not.toMatch(/Which is it|massage/);
  });
});

describe("children beside their parents", () => {
  it("have what is for children, right after", () => {
    const t = barber("haircuts for me and my two girls, they're 5 and 8", "Saturday at nine", "Moana Reid", "021 555 0151", "yes", "yes", "yes");
    expect(t.booked.map((b) => b.split(" ")[0])).toEqual(["cut", "kids", "kids"]);
    expect(new Set(t.booked.map((b) => b.split(" ")[1]))).toEqual(new Set(["2027-03-06"]));
  });

  it("have none of it when they are grown", () => {
    const t = barber("haircuts for me and my son, he's 24", "Saturday at nine", "Moana Reid", "021 555 0151", "yes");
    expect([t.state.task, ...t.state.later].map((x) => (x?.errand === "book" ? x.service : undefined))).toEqual(["cut"]);
  });
});

describe("what anything begins with", () => {
  it("is suggested to who is sent by a doctor", () => {
    expect(diet("my physician is asking me to meet a dietician").last).toMatch(/diet consultation/);
    expect(diet("my doctor told me to see somebody about my diabetes").last).toMatch(/diabetes session/);
  });

  it("and for an animal that is not well, which is not at its end", () => {
    const t = vet("our cat is limping and won't put her paw down, is it an emergency");
    expect(t.last).toMatch(/consultation/);
    expect(t.last).not.toMatch(/quiet appointment/);
    expect(t.last).toMatch(/emergency/);
  });

  it("is for who has not been, and may mean one of several", () => {
    const t = speech("my little girl is three and only her dad can make out what she says", "no, never");
    expect(t.each[0]).toMatch(/before\?$/);
    expect(t.state.task).toMatchObject({ service: "first" });
  });
});

describe("hours at which somebody is busy", () => {
  it("are over before they come", () => {
    expect(lawyers("housing advice, half an hour. I clean at a school till one so any time after that, on Thursday").last).toMatch(/[1-6]:\d\d pm/);
    expect(lawyers("housing advice, half an hour. I clean at a school till one so any time after that, on Thursday").last).not.toMatch(/ am\b/);
  });
});

describe("a feast", () => {
  it("is gone to by its day, and is not the visit's", () => {
    const t = tailor("we're invited to my cousin's wedding on the 20th and my suit trousers are too tight", "yes");
    expect(t.last).toMatch(/suit fitting/i);
    expect(t.last).not.toMatch(/20 March/);
  });

  it("leaves it open whether something is ready by then", () => {
    const t = tailor("a suit fitting on Thursday", "will it be finished in time for the party?");
    expect(t.last).not.toMatch(/bridal/i);
  });
});

describe("a question that is offered to the desk", () => {
  it("is let go by a choice among the times that wait", () => {
    const t = feet("an ingrown nail treatment tomorrow", "do you take Green Shield", "okay, the second one");
    expect(t.state.expects).toBe("name");
  });

  it("is passed on by a plain yes", () => {
    const t = feet("an ingrown nail treatment tomorrow", "do you take Green Shield", "yes please");
    expect(t.state.task).toMatchObject({ errand: "message" });
  });
});

describe("how long it takes", () => {
  it("is told once it was booked", () => {
    const t = feet("an ingrown nail treatment tomorrow at ten", "Deb Marsh", "312 555 0151", "yes", "and how long will I be there?");
    expect(t.last).toMatch(/45 minutes/);
  });
});

describe("who is told of", () => {
  it("is no service by a word that one is called by", () => {
    const t = bridal("I'd like to book something", "the bride is Una Geary");
    expect(t.last).not.toMatch(/(?:Is it|Would that be for) mother of the bride/i);
  });
});
