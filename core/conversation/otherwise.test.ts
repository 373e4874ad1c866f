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
    ["which of the massages is firmer", /firm/],
  ])("%s", (text, right) => {
    expect(tern(text).last).toMatch(right);
  });

  it("since when the house is there is no question of its hours", () => {
    expect(tern("which year did you open").last).not.toMatch(/8:00/);
  });
});
