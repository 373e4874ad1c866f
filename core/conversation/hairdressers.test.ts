import { describe, expect, it } from "vitest";
import { talksAt } from "../testing/held.ts";

/** Visits that are told by one another, and questions that are no wishes, at a hairdresser's and at chiropractors': in words of no set. */

const tern = talksAt("twenty-fourth", "ternbay");
const hair = talksAt("twenty-fourth", "marigold");
const backs = talksAt("twenty-fourth", "harbour");
const NOOR = "Noor Haddad, 902 555 0143";
const DOLORES = "Dolores Quayle, 0113 555 0143";

describe("of two visits that are told of with their days", () => {
  it("the one that the verb is said of goes", () => {
    const t = hair(`I've got a colour on the 4th and a blow-dry on Saturday, drop the blow-dry and leave the other. ${DOLORES}`, "yes");
    expect(t.was("ma-dolores-two")).toMatch(/cancelled$/);
    expect(t.was("ma-dolores-one")).toMatch(/booked$/);
  });

  it("and no other one that was done before is meant by what is kept", () => {
    const t = tern(`${NOOR}. We booked acupuncture on Thursday and a massage on the 9th. Please cancel the acupuncture and keep the other one`, "yes");
    expect(t.was("a-noor-one")).toMatch(/cancelled$/);
    expect(t.was("a-noor-two")).toMatch(/booked$/);
  });
});

describe("a visit that is moved by its week", () => {
  it("is offered any day of it", () => {
    const t = tern("Felix Brunt, 902 555 0144. I'm down for the 11th with Tobias, could it be another day that week, with Maren");
    expect(t.last).toMatch(/(?:8|9|10|12|13) March/);
    expect(t.last).not.toMatch(/(?: 1| 2| 3| 4| 5) March/);
  });

  it("keeps its weekday and hour a week later, right after it was told of", () => {
    const t = hair("when's my root tint", "Dolores Quayle", "0113 555 0143", "I'd prefer the week after, at the same time on the same day", "yes");
    expect(t.was("ma-dolores-one")).toMatch(/2027-03-11 11:00/);
  });

  it("may be on its own day, where something else is asked for then", () => {
    const t = tern(`${NOOR}, there's an acupuncture of mine on Thursday I can't make, what else have you got that day`);
    expect(t.last).toMatch(/Thursday 4 March/);
    expect(t.state.task).toMatchObject({ errand: "move" });
  });

  it("is at the hour that is named, and not only later", () => {
    expect(backs("Moana Ruru, 07 555 0141. might Wednesday's adjustment be a bit later, say half past nine").last).toMatch(/9:30 am/);
  });
});

describe("what they were just told that they have", () => {
  it.each(["do I have to pay more to have it with Joaquim", "does it hurt to have it with Joaquim"])("stays as it is where something is asked: %s", (says) => {
    const t = tern("when is my massage", "Noor Haddad", "902 555 0143", says);
    expect(t.state.task?.errand).not.toBe("move");
  });

  it("goes to another person who is asked for", () => {
    expect(tern("when is my massage", "Noor Haddad", "902 555 0143", "could I have it with Joaquim").state.task).toMatchObject({ errand: "move" });
  });
});

describe("whether it is as they know it", () => {
  it.each(["I'm down with Bronagh on Thursday at ten, is that correct?", "my cut is on Thursday at ten, am I right?"])(
    "is looked up, and nothing is moved: %s",
    (says) => {
      const t = hair(says, "Hannah Thwaite", "0113 555 0141");
      expect(t.last).toMatch(/Wednesday 3 March at 10:00/);
      expect(t.was("ma-hannah")).toMatch(/2027-03-03 10:00 bronagh booked/);
    },
  );
});

describe("what was done", () => {
  it("costs what it costs, when that is asked afterwards", () => {
    expect(tern("Arthur Quigley, 902 555 0142, please cancel Friday", "yes", "do I have to pay anything for that").last).toMatch(/no charge/i);
    expect(hair("Dolores Quayle, 0113 555 0143, cancel my root tint", "yes", "and will there be a charge?").last).toMatch(/no charge/i);
  });

  it("and no longer once something else is spoken of", () => {
    const t = tern("Arthur Quigley, 902 555 0142, please cancel Friday", "yes", "what is shockwave", "and what does it cost");
    expect(t.last).not.toMatch(/no charge/i);
    expect(t.last).toMatch(/\$65/);
  });

  it("and nothing is told of it where nothing was done", () => {
    expect(tern("is there a fee?").last).not.toMatch(/^There's no charge/);
  });
});

describe("a visit that is to come on the day of another", () => {
  it("is not that other one, which is not asked about to be moved", () => {
    const t = tern(`${NOOR}. I'd like my appointment moved to the day of my massage`, "the acupuncture");
    expect(t.last).toMatch(/acupuncture.*Tuesday 9 March/i);
    expect(t.state.task).toMatchObject({ errand: "move", appointment: { id: "a-noor-one" } });
  });
});

describe("two visits in one breath", () => {
  it("have each their own hour, and one person for both", () => {
    const t = hair(
      "a patch test and a dry trim on Wednesday please",
      "the patch test at two and the trim at three, both with Bronagh",
      "Elsie Marr",
      "0113 555 0171",
      "yes",
      "yes",
    );
    expect(t.booked).toEqual(["patch 2027-03-03 14:00 bronagh", "dry 2027-03-03 15:00 bronagh"]);
  });

  it("may be told by the quarter of the same hour", () => {
    const t = backs(
      "on Wednesday with Whetu, an adjustment for me at ten and one for my son at quarter past",
      "Jo Marr",
      "07 555 0171",
      "yes",
      "Sam Marr",
      "yes",
    );
    expect(t.booked).toEqual(["adjust 2027-03-03 10:00 whetu", "adjust 2027-03-03 10:15 whetu"]);
  });
});

describe("a question of something that has a line", () => {
  it.each([
    ["would one of you drive out to the hotel on the wedding day for my bridesmaids", "here or at the venue"],
    ["my mother is in a nursing home and can't get out, does anybody visit", "Bronagh visits"],
    ["what do I have to pay if I call it off the day before", "half is charged"],
    ["how much is it if I just don't turn up", "charged in full"],
    ["are there any steps up to the door", "level with the street"],
  ])("is answered by it, and begins no visit: %s", (text, answer) => {
    const t = hair(text);
    expect(t.last).toContain(answer);
    expect(t.state.task).toBeNull();
  });

  it("tells no rule of changing a visit where a baby is changed", () => {
    expect(backs("could I change my baby's nappy somewhere").last).not.toMatch(/free until|half of the price/i);
  });

  it("is not where the house is, where something of theirs is to be put", () => {
    expect(hair("where should I hang my jacket").last).not.toContain("17 Spindle Row");
    expect(hair("where will I find you").last).toContain("17 Spindle Row");
  });

  it("lists no services where it asks what is done about something", () => {
    expect(hair("what do you do if somebody faints").last).not.toContain("We offer");
    expect(backs("what kind of chair would you recommend").last).not.toContain("We offer");
    expect(hair("what kinds of treatments do you do").last).toContain("We offer");
  });

  it("is of an operation, and of no class that is called by the same word", () => {
    expect(backs("I've had surgery on my back, is that a problem").last).toContain("surgeon's letter");
  });

  it("is not answered by how one pays, where less is asked for", () => {
    expect(backs("would my gran pay less than me").last).not.toContain("EFTPOS");
  });

  it("begins no visit though something is on besides", () => {
    const t = backs("we've got a match on Saturday, can I run after my adjustment");
    expect(t.state.task).toBeNull();
  });
});

describe("what was offered", () => {
  it.each(["that's no good", "those are no use to me", "they don't work either", "nah, we've got choir practice at eleven"])("may be refused: %s", (says) => {
    const t = backs("a first visit with Fiona on Tuesday", says);
    expect(t.state.expects).not.toBe("name");
    expect(t.state.task).not.toHaveProperty("hold");
  });

  it("need not be offered where the nearest will do", () => {
    expect(tern("a relaxation massage with Nell tomorrow at ten past eleven or whatever is closest, an hour").state.task).toMatchObject({ hold: {} });
    const strangers = tern("a relaxation massage with Nell on Friday at eleven or the nearest you have, an hour");
    expect(strangers.state.task).not.toHaveProperty("hold");
  });

  it("leaves out the day on which they work", () => {
    const t = backs("a remedial massage on Thursday, an hour", "sorry, make that Saturday, Thursday he's working");
    expect(t.last).toMatch(/Saturday 6 March/);
    expect(t.last).not.toMatch(/Thursday/);
  });

  it("is taken where either would do", () => {
    expect(backs("a first visit with Fiona on Tuesday", "either is fine").state.expects).toBe("name");
  });
});

it("for whom it is tells nothing of which of several is meant", () => {
  const spa = talksAt("twenty-third", "kestrel");
  const t = spa("my husband and I would love a massage together on Saturday, it's his fiftieth");
  expect(t.last).not.toMatch(/^(?:Would that be for|Is it) prenatal/i);
});

describe("what is said in the words of a place", () => {
  it("begins with a first visit for a back that is gone, and says no goodbye", () => {
    const t = backs("hey mate, me back's completely stuffed", "never been to you");
    expect(t.state.status).toBe("open");
    expect(t.state.task).toMatchObject({ errand: "book", service: "first" });
  });
});

it("what has happened to something of theirs, and whether it can be mended, is a visit for it", () => {
  const t = hair("my highlights have gone orange after a home dye, could you put it right", "yes");
  expect(t.state.task).toMatchObject({ errand: "book" });
  expect(t.slips).toEqual([]);
});
