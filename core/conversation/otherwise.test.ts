import { describe, expect, it } from "vitest";
import { heldAt } from "../testing/held.ts";

const tern = (...says: string[]) => heldAt("twelfth", "ternbay", "web", ...says);
const poui = (...says: string[]) => heldAt("twelfth", "poui", "web", ...says);
const protea = (...says: string[]) => heldAt("twelfth", "protea", "web", ...says);
const ANA = "Ana Petrov, 902 555 0142";

describe("who cannot keep a visit and names another time", () => {
  it.each([
    `I can't come on thursday, ${ANA}. would friday at one work?`,
    `${ANA}. we won't be able to make it on thursday, could I have friday at one`,
    `I cannot keep thursday, ${ANA}, anything on friday at 1 pm?`,
  ])("moves it: %s", (text) => {
    const t = tern(text, "yes");
    expect(t.was("a-ana")).toBe("sports-massage 2027-03-05 13:00 joaquim booked");
  });

  it("and is not moved where something new is wished for, on no such day", () => {
    const t = tern("I'd like a gait analysis. I can't come on monday, is there anything on wednesday?");
    expect(t.state.task).toMatchObject({ errand: "book", service: "gait-analysis" });
    expect(t.last).toMatch(/Wednesday/);
    expect(t.last).not.toMatch(/Monday/);
  });

  it("cancels it where nothing else is wished for", () => {
    expect(tern(`I can't come on thursday, ${ANA}`, "yes").state.outcomes).toContain("cancelled");
  });
});

describe("a visit that is to be otherwise", () => {
  it.each([
    ["push my thursday massage back three hours", "sports-massage 2027-03-04 17:00 joaquim booked"],
    ["put my massage back an hour and a half", "sports-massage 2027-03-04 15:30 joaquim booked"],
    ["could my thursday massage be by Nell instead", "sports-massage 2027-03-04 14:00 nell booked"],
    ["can I have thursday's massage with Nell instead", "sports-massage 2027-03-04 14:00 nell booked"],
    ["my massage is thursday but friday is easier, at noon", "sports-massage 2027-03-05 12:00 joaquim booked"],
    ["I have a meeting on thursday at two so could my massage be later, say half past three", "sports-massage 2027-03-04 15:30 joaquim booked"],
    ["is it ok to swap thursday for friday, at noon", "sports-massage 2027-03-05 12:00 joaquim booked"],
  ])("%s", (text, right) => {
    expect(tern(`${ANA}. ${text}`, "yes").was("a-ana")).toBe(right);
  });

  it("with an hour alone, at what is read back", () => {
    const t = tern(`an hour of relaxation massage with Nell on tuesday at ten, ${ANA}`, "eleven");
    expect(t.last).toMatch(/Tuesday 2 March at 11:00 am/);
  });
});

describe("a question with a day in a part of its own", () => {
  it("is answered, and the visit is begun", () => {
    const t = tern("can you look at my 12 year old's shoulder? thursday at three");
    expect(t.last).toMatch(/under 16 a parent comes along/);
    expect(t.state.task).toMatchObject({ errand: "book" });
  });

  it("is only answered where the day is part of the question", () => {
    expect(tern("would a massage help before my race on sunday").state.task?.errand).not.toBe("book");
    expect(tern("what do you do for a stiff neck?").state.task?.errand).not.toBe("book");
  });
});

describe("what is wished for, named in passing", () => {
  it("an everyday word that a service has too is asked about before it is booked", () => {
    const t = protea("my nephew hates school, I'd like him to see Ayanda on wednesday");
    expect(t.last).toMatch(/Would that be for school assessment\?|Is it school assessment/);
    expect(t.state.expects).toBe("service");
  });

  it("the kind of thing that one person does is what it is called there", () => {
    expect(protea("another session with Grace on tuesday at three").state.task).toMatchObject({ service: "individual" });
    expect(protea("I need a session with Pieter").last).toMatch(/couples session or family session/);
  });

  it("what is for two at once is one visit, and what is not is two", () => {
    const couple = protea("couples session for me and my girlfriend on thursday at noon");
    expect(couple.state.later).toEqual([]);
    const each = protea("a first talk for me and my girlfriend on thursday at eleven");
    expect(each.state.later).toHaveLength(1);
  });

  it("two things on the same day are two visits of it", () => {
    const t = poui("I need a postnatal visit and, on the same day, a pregnancy check, on thursday the 11th");
    expect([t.state.task, ...t.state.later].map((x) => (x?.errand === "book" ? x.service : ""))).toEqual(["postnatal", "check"]);
  });

  it("a thing and for whom is a wish, and a question about it none", () => {
    expect(protea("play therapy for my little nephew").state.task).toMatchObject({ errand: "book", service: "play" });
    expect(protea("is play therapy right for my little nephew?").state.task).toBeNull();
  });
});

describe("somebody who is not booked", () => {
  it.each(["Patsy please", "a quick word with Patsy", "Patsy, if she is there"])("is asked for by name: %s", (text) => {
    expect(poui(text).state.outcomes).toContain("handed-over");
  });

  it.each(["who is Patsy", "does Patsy speak Spanish"])("is only asked about: %s", (text) => {
    expect(poui(text).state.outcomes).not.toContain("handed-over");
  });
});

describe("which of several", () => {
  it.each([
    ["which massage is gentler", /slow and gentle/],
    ["which of the massages is firmer", /firm work on tight/],
  ])("%s", (text, right) => {
    expect(tern(text).last).toMatch(right);
  });

  it("since when the house is there is no question of its hours", () => {
    expect(tern("which year did you open").last).not.toMatch(/8:00/);
  });
});

describe("several visits of a row", () => {
  it.each([
    ["every Thursday at noon for the next two weeks", ["2027-03-04 12:00", "2027-03-11 12:00"]],
    ["every other Thursday at noon for four weeks", ["2027-03-04 12:00", "2027-03-18 12:00"]],
    ["the next three Thursdays at noon", ["2027-03-04 12:00", "2027-03-11 12:00", "2027-03-18 12:00"]],
    ["at noon, two Thursdays in a row", ["2027-03-04 12:00", "2027-03-11 12:00"]],
  ])("%s", (when, right) => {
    const t = tern(`acupuncture ${when}, Wanda Oyelaran, 902 555 0133`, "yes", "yes", "yes");
    expect(t.booked.map((b) => b.replace(/^acupuncture (.*) priya$/, "$1"))).toEqual(right);
  });

  it("is none where hours are asked, and none of a number too large to be gone through", () => {
    expect(tern("are you open every thursday for the next two weeks").state.task).toBeNull();
    expect(tern("acupuncture every thursday at noon for the next nine weeks").state.later).toEqual([]);
  });
});

describe("who it is for", () => {
  it("two of one family are two places under the first of them", () => {
    const t = tern("put down Ivo and Petra Lang... I mean book Ivo and Petra Lang for pilates on Wednesday, 902 555 0191", "yes");
    expect(t.last).toMatch(/2 places.*Ivo Lang/);
  });

  it("whom they saw last and did not like is not offered again", () => {
    const t = protea("I saw Grace last week, could I have somebody else this time. an individual session, 50 minutes, on monday the 8th");
    expect(t.last).toMatch(/Nomvula/);
    expect(t.last).not.toMatch(/Grace/);
  });

  it("a number that is given is none that is asked for", () => {
    expect(tern("my wife booked something for thursday, is that right?", "her number is 902 555 0142, her name is Ana Petrov").last).not.toMatch(
      /don't give out/,
    );
    expect(tern("what is her number").last).toMatch(/don't give out/);
  });
});

describe("which service", () => {
  it("of one person, what they do is named", () => {
    expect(protea("something with Pieter on thursday").last).toMatch(/first talk, couples session or family session/);
  });

  it("what was told of is what is booked after it", () => {
    expect(poui("I think I'm pregnant, what do I do", "book that").state.task).toMatchObject({ errand: "book", service: "check" });
  });

  it("the cheapest is the cheapest of all, whatever was spoken of last", () => {
    expect(tern("what does the gait analysis cost", "I want the cheapest one on wednesday").last).toMatch(/Would that be for mat class|Is it mat class/);
  });

  it("whether it is with somebody is of what was asked about", () => {
    expect(poui("how much is a baby check", "and is that with the doctor").last).toMatch(/Dr Ramkissoon.*child check-up/i);
    expect(poui("how much is a baby check", "is it with Marlon").last).toMatch(
      /Marlon.*(?:not|n't).*child check-up.*Dr Ramkissoon|child check-up.*not.*Marlon/i,
    );
  });

  it("no matter which keeps the wish", () => {
    const t = tern("a massage tomorrow", "I don't really care");
    expect(t.state.task).toMatchObject({ errand: "book" });
    expect(t.last).toMatch(/sports massage or relaxation massage/);
  });

  it("a wish that names nothing gives way to a line that was written for it", () => {
    expect(protea("My wife refuses to come but I would like to. What now?").last).toMatch(/Come alone to a first talk/);
  });

  it("what a question opens with is not asked", () => {
    expect(protea("wait, what would they do").last).not.toMatch(/waiting room/);
    expect(protea("hang on, what was it with you").last).not.toMatch(/waiting room/);
    expect(protea("where do parents wait").last).toMatch(/waiting room/);
  });
});

describe("what a caller begins with", () => {
  it.each(["hello, is that Tern Bay?", "is this Tern Bay Physiotherapy", "am I through to tern bay"])("is told whom they have reached: %s", (text) => {
    expect(tern(text).last).toMatch(/This is Tern Bay|reached Tern Bay/);
  });

  it.each(["I'm going to be late for my appointment today", "we are stuck in traffic, it may be ten minutes", "I'll be a bit late for my 2 o'clock"])(
    "who runs late hears what holds then, and nothing is moved: %s",
    (text) => {
      const t = tern(text);
      expect(t.last).toMatch(/10 minutes late/);
      expect(t.state.task).toBeNull();
    },
  );

  it("who runs late and wants another hour moves", () => {
    expect(tern(`I'm running late, can we move my massage on thursday to four, ${ANA}`, "yes").was("a-ana")).toBe(
      "sports-massage 2027-03-04 16:00 joaquim booked",
    );
  });

  it("a deed that is denied in the same breath is not done", () => {
    expect(tern("I want to cancel, no, not cancel, move my appointment").state.task).toMatchObject({ errand: "move" });
    expect(tern("please move, sorry, not move, cancel my visit").state.task).toMatchObject({ errand: "cancel" });
  });
});

describe("of two", () => {
  const both = ["move my appointment, Keith Lemaire 902 555 0126", "the first one", "at half past two", "yes"];

  it("the other is not what was moved just before", () => {
    const t = tern(...both, "and move the other one to ten");
    expect(t.was("a-keith-one")).toBe("acupuncture 2027-03-04 14:30 priya booked");
    expect(t.state.task).toMatchObject({ errand: "move", appointment: { id: "a-keith-two" } });
  });

  it("the other goes to the day of what was moved just before", () => {
    const t = tern(...both, "and now move the other one to the same day");
    expect(t.last).toMatch(/Thursday 4 March/);
    expect(t.state.task).toMatchObject({ errand: "move", appointment: { id: "a-keith-two" } });
  });

  it("an hour that two of them have is of the day that was wished for", () => {
    const t = protea("Marie Jacobs 021 555 0142, could wednesday's session be at 17:00", "half past four");
    expect(t.last).toMatch(/Wednesday 3 March at 16:30/);
  });
});

describe("what was told of", () => {
  it("is what is to be shorter", () => {
    const t = tern(`Hello, ${ANA}. Do I have anything on thursday?`, "make it half an hour shorter please", "yes");
    expect(t.minutesOf("a-ana")).toBe(30);
  });
});

describe("two who come", () => {
  it.each(["a taping for my mom and one for me, tomorrow at noon", "a taping tomorrow at noon and one for my mom"])("have a visit each: %s", (text) => {
    const t = tern(text);
    expect([t.state.task, ...t.state.later].filter((x) => x?.errand === "book" && x.service === "taping")).toHaveLength(2);
  });
});

it("how long something has been is nobody's name", () => {
  expect(poui("a scan on wednesday at five, half an hour", "thirty weeks").state.client.name).toBeUndefined();
  expect(poui("a scan on wednesday at five, half an hour", "Tara Weeks").state.client.name).toBe("Tara Weeks");
});
