import { describe, expect, it } from "vitest";
import { held } from "../testing/held.ts";

const talk = (...says: string[]) => held("ternbay", "web", ...says);
const ANA = "Ana Petrov 902 555 0142";
const PAVEL = "Pavel Novotny 902 555 0127";
const SIMONE = "Simone Arsenault 902 555 0118";
const JAMAL = "Jamal Whitlock 902 555 0149";

describe("a visit that is to be longer", () => {
  it.each([
    "could my massage be half an hour longer",
    "please tack on another 30 minutes to my massage on wednesday",
    "extend my relaxation massage by half an hour",
  ])("%s", (text) => {
    const t = talk(text, ANA, "yes please");
    expect(t.was("a-ana")).toBe("relaxation-massage 2027-03-03 13:00 nell booked");
    expect(t.minutesOf("a-ana")).toBe(90);
    expect(t.booked).toEqual([]);
  });

  it("is told which lengths there are where it does not come in the one that is wished for", () => {
    const t = talk("extend my relaxation massage by two hours", ANA);
    expect(t.last).toMatch(/an hour or 90 minutes, not in 3 hours/);
    expect(t.state.expects).toBe("length");
  });

  it("stays where it is when it is not agreed to", () => {
    const t = talk("make my massage half an hour longer", ANA, "no");
    expect(t.was("a-ana")).toBe("relaxation-massage 2027-03-03 13:00 nell booked");
    expect(t.minutesOf("a-ana")).toBe(60);
  });

  it("may still be being booked", () => {
    const t = talk("an hour of swedish on tuesday at 10 with nell", "hm, half an hour longer please", "Ana Petrov", "902 555 0142", "yes");
    expect(t.booked).toEqual(["relaxation-massage 2027-03-02 10:00 nell"]);
    expect(t.minutes).toEqual([90]);
  });
});

describe("what a question named", () => {
  it("is the day of the wish after it", () => {
    const t = talk("are you open this saturday", "good, a taping at 11 then");
    expect(t.state.task).toMatchObject({ hold: { offer: { service: "taping" } } });
    expect(t.last).toContain("Saturday 6 March at 11:00 am");
  });

  it("is the person of the wish after it", () => {
    const t = talk("does nell work on tuesday", "could she do an hour of sports massage at 11");
    expect(t.last).toContain("Tuesday 2 March at 11:00 am");
    expect(t.state.task).toMatchObject({ hold: { offer: { staff: "nell" } } });
  });

  it("is no day of the wish where the house is closed on it", () => {
    expect(talk("are you open on sunday", "a taping at 9:30 then").last).not.toContain("7 March");
  });

  it("is told with the word that points back to it", () => {
    const t = talk("does nell work on tuesday", "a sports massage with her, please");
    expect(t.reasons).toContainEqual(expect.objectContaining({ rule: "staff/spoken-of", words: "her" }));
  });

  it("gives way to another day", () => {
    expect(talk("are you open this saturday", "put me down for a taping on thursday at 9").last).toContain("Thursday 4 March at 9:00 am");
  });

  it("is the length of what is booked after it", () => {
    const t = talk("what is the 90 minute relaxation massage", "fine, i'd like that on thursday at 10 with nell");
    expect(t.state.task).toMatchObject({ lengthMin: 90 });
  });

  it("is no length of another service, and no day of a visit that is begun later", () => {
    const other = talk("what is the 90 minute relaxation massage", "and what does acupuncture cost", "i'd like that on thursday at 11");
    expect(other.last).toContain("Thursday 4 March at 11:00 am");
    expect(other.state.task).toMatchObject({ service: "acupuncture", lengthMin: 45 });
    const later = talk("are you open this saturday", "cancel my sports massage", PAVEL, "yes", "i'd like a taping at 9:30");
    expect(later.last).not.toContain("Saturday 6 March");
  });

  it("is the day of a wish that names no deed", () => {
    expect(talk("are you open this saturday", "taping at 11").last).toContain("Saturday 6 March at 11:00 am");
  });

  it("is counted from when a day after it is named", () => {
    expect(talk("are you open on good friday", "and the tuesday after? i'd like a taping then").last).toContain("Tuesday 30 March");
  });
});

describe("another deed while one waits for its go-ahead", () => {
  it("is done after it", () => {
    const t = talk("please cancel my sports massage", PAVEL, "and push the acupuncture to the 11th at 3", "yes", "yes");
    expect(t.was("a-pavel-two")).toContain("cancelled");
    expect(t.was("a-pavel-one")).toBe("acupuncture 2027-03-11 15:00 priya booked");
  });

  it("is not taken for the one that was meant", () => {
    const t = talk("please cancel my sports massage", PAVEL, "no, the acupuncture", "yes");
    expect(t.was("a-pavel-one")).toContain("cancelled");
    expect(t.was("a-pavel-two")).not.toContain("cancelled");
  });
});

describe("a move", () => {
  it("keeps the day that is wished for, with somebody else where their own is away", () => {
    const t = talk(`can my assessment be on the 12th? ${JAMAL}`);
    expect(t.last).toMatch(/Tobias isn't in on Friday 12 March\..*Maren.*Friday 12 March/);
    expect(t.state.expects).toBe("slot");
  });

  it("keeps the person who was asked for", () => {
    const t = talk(`can my assessment be with tobias on the 12th? ${JAMAL}`);
    expect(t.last).not.toMatch(/with Maren/);
  });

  it("to something sooner offers the soonest there is", () => {
    const t = talk(`i'm booked on the 9th, have you got anything sooner? ${SIMONE}`);
    expect(t.last).toMatch(/Tuesday 2 March/);
  });

  it("tells what is to be from what stands in the way", () => {
    const t = talk(`i'm away on wednesday so could we do my massage on thursday at 11, ${ANA}`, "yes");
    expect(t.was("a-ana")).toBe("relaxation-massage 2027-03-04 11:00 nell booked");
  });

  it("counts the next day from the visit that there is", () => {
    const t = talk(`push my follow-up on the 9th to the next day, ${SIMONE}`);
    expect(t.last).toContain("Wednesday 10 March");
  });

  it("said on a weekday of that name offers the same hour a week on where today has no room", () => {
    const t = talk(`move my acupuncture to monday at 10, ${PAVEL}`);
    expect(t.last).toMatch(/2 hours ahead.*have.*Monday 8 March at 10:00 am/);
  });
});

it("both of two visits are cancelled though an hour was said of one", () => {
  const t = talk(`i've got one on the 4th at 10 and one on the 12th, please cancel both. ${PAVEL}`, "yes", "yes");
  expect(t.was("a-pavel-one")).toContain("cancelled");
  expect(t.was("a-pavel-two")).toContain("cancelled");
});

it("a second visit may be named behind its length and its person", () => {
  const t = talk(
    "taping at 2:30 on wednesday with maren, afterwards half an hour with nell for a sports massage",
    "Bess Ames",
    "902 555 0178",
    "yes",
    "I have been before",
  );
  expect(t.booked).toEqual(["taping 2027-03-03 14:30 maren"]);
  expect(t.last).toContain("sports massage with Nell");
});

it("a person asked about is meant of the next day too", () => {
  expect(talk("does joaquim work on thursday", "and on saturday?").last).toMatch(/Joaquim is in on Saturday 6 March/);
});

it("what somebody has, told before it is moved, is what is moved", () => {
  const t = talk("hi, i've got something on the 12th with joaquim", "could you bring it forward to thursday the 11th", PAVEL, "the first one", "yes");
  expect(t.was("a-pavel-two")).toMatch(/sports-massage 2027-03-11/);
});

it("a move is let go of when it is to be forgotten", () => {
  const t = talk("i want to move my appointment", JAMAL, "oh, forget it");
  expect(t.state.task).toBeNull();
  expect(t.was("a-jamal")).toBe("assessment 2027-03-11 13:00 tobias booked");
});

it("two classes of which the second is only one more are both for as many", () => {
  const t = talk("the mat class on monday the 8th and the one on wednesday the 10th, for two people", "Ana Petrov", "902 555 0142", "yes", "yes", "yes", "yes");
  expect(t.booked.map((b) => b.split(" ")[1])).toEqual(["2027-03-08", "2027-03-10"]);
  expect(t.places).toEqual([2, 2]);
});
