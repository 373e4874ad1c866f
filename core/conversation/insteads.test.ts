import { describe, expect, it } from "vitest";
import { heldAt } from "../testing/held.ts";

/** One visit in place of another, weeks and hours that are told by those that stand, told to the end in words of no set. */

const tern = (...says: string[]) => heldAt("eighteenth", "ternbay", "web", ...says);
const speech = (...says: string[]) => heldAt("eighteenth", "elmet", "web", ...says);
const boats = (...says: string[]) => heldAt("eighteenth", "saltgrass", "web", ...says);

const GRACE = "Grace Obi, 0113 555 0144";
const YUKI = "Yuki Mori, 03 6555 0144";
const LILY = "Lily Tran, 902 555 0145";
const PETE = "Pete Doucet, 902 555 0144";

describe("something else in place of a visit", () => {
  it("stands on its day and at its hour", () => {
    const t = boats(`${YUKI}. Please cancel the rolling, and could I do a sailing lesson at the same time instead`, "yes", "two hours", "yes", "yes");
    expect(t.was("sa-yuki")).toMatch(/cancelled$/);
    expect(t.each.join(" ")).toMatch(/Thursday 11 March at 3:00 pm/);
  });

  it("or on the same day at another hour", () => {
    const t = tern(`${LILY}: cancel my massage and book a follow-up on the same day at nine in the morning instead`, "yes", "yes");
    expect(t.was("a-lily")).toMatch(/cancelled$/);
    expect(t.booked).toEqual(["follow-up 2027-03-11 09:00 tobias"]);
  });

  it("is no other thing where only the day is another", () => {
    const t = tern(`${PETE}. Cancel Friday's and put me down for Monday the 8th at ten instead`, "yes");
    expect(t.was("a-pete")).toBe("assessment 2027-03-08 10:00 maren booked");
    expect(t.booked).toEqual([]);
  });
});

describe("a visit that is measured from the one that stands", () => {
  it("is in its week, where a weekday is told by its article or as of that week", () => {
    expect(speech(`${GRACE}, when am I in?`, "could it be on the Thursday, same time", "yes").was("ea-grace")).toBe("voice 2027-03-11 16:00 safiya booked");
    expect(tern(`${LILY}. The 11th is out, is Friday of that week possible at four?`, "yes").was("a-lily")).toMatch(/^sports-massage 2027-03-12 16:00 joaquim/);
  });

  it("is a week after it at its hour", () => {
    const t = speech(`${GRACE}. Another voice clinic the week after the one I have, same day and time please`, "yes");
    expect(t.booked).toEqual(["voice 2027-03-16 16:00 safiya"]);
    expect(t.was("ea-grace")).toMatch(/^voice 2027-03-09 16:00 safiya booked$/);
  });

  it("is like it", () => {
    expect(tern(`${LILY}, I'd like one more massage like the one I have, a week later`, "the first", "yes").booked[0]).toMatch(/^sports-massage 2027-03-18/);
  });

  it("is longer by what it is to be", () => {
    const t = tern(`${LILY}. I want the massage on the 11th to last ninety minutes`, "yes");
    expect([t.was("a-lily"), t.minutesOf("a-lily")]).toEqual(["sports-massage 2027-03-11 16:00 joaquim booked", 90]);
  });
});

describe("whom a visit is to be with", () => {
  it("is who none of theirs is with", () => {
    const t = tern(`${LILY}: is Nell working at the time of my massage? I'd sooner have her`, "yes");
    expect(t.was("a-lily")).toBe("sports-massage 2027-03-11 16:00 nell booked");
  });

  it("is whoever is wished for right after they were told", () => {
    const t = boats("Bob Kenny, 03 6555 0141: who is teaching my course, Mick or Petra?", "I'd like Petra");
    expect(t.state.task).toMatchObject({ errand: "move" });
    expect(t.last).toMatch(/with Petra/);
  });

  it("is somebody else at the hour that it has", () => {
    const t = tern("Samir Haddad, 902 555 0142. Could someone other than Tobias see me on Tuesday at nine? A lady would be nice");
    expect(t.last).not.toMatch(/when it is already/);
  });
});

describe("an hour that was meant", () => {
  it("replaces the one that is read back, and is said", () => {
    const t = tern("sports massage with Nell, an hour, tomorrow at two", "Una Roy", "902 555 0192", "sorry, I meant eleven", "yes", "yes", "yes");
    expect(t.booked).toEqual(["sports-massage 2027-03-02 11:00 nell"]);
  });

  it("and each of two who come has the one that was named for them", () => {
    const t = boats("a mooring lesson for me and one for my sister, Wednesday at nine and eleven", "Ada Cole", "03 6555 0190", "yes", "Ida Cole", "yes");
    expect(t.booked).toEqual(["berth 2027-03-03 09:00 mick", "berth 2027-03-03 11:00 mick"]);
  });
});

describe("what was asked about", () => {
  it("is what is booked, as the one of two that it fits and as long as was asked", () => {
    const t = tern(
      "what are the two massages like?",
      "and what's an hour of the gentle one?",
      "could I have that on Wednesday at three with Nell",
      "Ben Ashe",
      "902 555 0193",
    );
    expect(t.state.task).toMatchObject({ service: "relaxation-massage", lengthMin: 60 });
  });

  it("of a price, and wished for in the same breath", () => {
    const t = speech("what does a lisp lesson cost and could I have one on Thursday at two");
    expect(t.last).toMatch(/£45/);
    expect(t.state.task).toMatchObject({ errand: "book", service: "lisp" });
  });
});

describe("visits in a row", () => {
  it("are as many as is said behind them", () => {
    const t = speech(
      "a half hour therapy session with Beth every Thursday at two, starting the 11th, three times",
      "Jo Marsh",
      "0113 555 0190",
      "yes",
      "yes",
      "yes",
    );
    expect(t.booked).toEqual(["session 2027-03-11 14:00 beth", "session 2027-03-18 14:00 beth", "session 2027-03-25 14:00 beth"]);
  });
});

describe("an age", () => {
  it("answers whether somebody is old enough, both ways", () => {
    const ask = (age: string) => boats("licence test on Thursday the 11th at one", "Sam Field", "03 6555 0191", "yes", age);
    expect(ask("I'm thirty one").last).toMatch(/Shall I book it/);
    expect(ask("he's only fifteen").last).toMatch(/restricted licence/);
  });
});

describe("a thing in the words of a line", () => {
  it("that the line does not speak of is not answered by it", () => {
    expect(tern("is there a puppet theatre for my dog").state.outcomes).not.toContain("answered");
    expect(tern("is there a reading corner for children").state.outcomes).not.toContain("answered");
    expect(boats("is there a cloakroom for the dog").state.outcomes).not.toContain("answered");
  });
});

describe("what is asked in the middle", () => {
  it("of who else does it is answered with those who do", () => {
    expect(tern("relaxation massage with Nell on Wednesday at ten", "is she the only one who does it").last).toMatch(/Nell or Joaquim/);
    const t = tern("an hour of relaxation massage on Wednesday at six, with Nell", "any other person?");
    expect(t.state.status).toBe("open");
    expect(t.last).toMatch(/Nell or Joaquim/);
    expect(t.last).not.toMatch(/Maren/);
  });

  it("which of theirs comes first is told from the books", () => {
    expect(boats("Craig Duffy, 03 6555 0143, which of my bookings is first?").last).toMatch(/licence test with Petra on Thursday 4 March/);
  });

  it("an hour by itself is a length, where a length or a service is asked for", () => {
    expect(tern("a sports massage tomorrow", "hour").state.task).toMatchObject({ saidLength: 60 });
    expect(tern("a massage tomorrow", "just an hour please").last).not.toMatch(/We are open/);
  });

  it("what is good for something is no gift that is good for some years", () => {
    expect(tern("have you got anything that is good for tension").last).not.toMatch(/voucher/i);
  });
});

describe("one more, once something was booked", () => {
  it("is as many days later as is said, at its hour and with whom it was", () => {
    const t = speech(
      "stammering session with Owen on Friday the 12th at eleven",
      "Lee Cope, 0113 555 0191",
      "yes",
      "and put me down for the week after too",
      "the first",
      "yes",
    );
    expect(t.booked).toEqual(["stammer 2027-03-12 11:00 owen", "stammer 2027-03-19 11:00 owen"]);
  });
});

describe("by ear", () => {
  it("three of several services are named, and that there are others; a fourth may be said", () => {
    const say = (channel: "web" | "phone", ...says: string[]) => heldAt("eighteenth", "saltgrass", channel, "an appointment with Petra please", ...says);
    const services = ["boat licence course", "licence test", "radio certificate", "navigation lesson"];
    const named = (text: string): number => services.filter((s) => text.includes(s)).length;
    expect(named(say("phone").last)).toBe(3);
    expect(say("phone").last).toMatch(/, \w+ \w+ or another/);
    expect(named(say("web").last)).toBe(4);
    expect(say("phone", "charts").state.task).toMatchObject({ errand: "book", service: "charts", staff: ["petra"] });
  });
});
