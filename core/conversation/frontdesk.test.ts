import { describe, expect, it } from "vitest";
import { talksAt } from "../testing/held.ts";

/** What is called off, kept and put elsewhere, told to the end in words of no set. */

const sleep = talksAt("seventeenth", "coolabah");
const riding = talksAt("thirteenth", "burnside");
const doctors = talksAt("twenty-third", "loquat");
const DOT = "Dorothy Pike, 07 2555 0143";
const PRITI = "Priti Shah, 01632 960343";

describe("all of them called off", () => {
  it("are told of together, and then one after the other", () => {
    const t = sleep(`I'd like to cancel both of my appointments. ${DOT}`);
    expect(t.last).toMatch(/review/i);
    expect(t.last).toMatch(/machine check/i);
    const done = sleep(`I'd like to cancel both of my appointments. ${DOT}`, "yes", "yes");
    expect(done.was("ka-dot-one")).toMatch(/cancelled/);
    expect(done.was("ka-dot-two")).toMatch(/cancelled/);
  });

  it("are each asked about: a no keeps that one", () => {
    const t = sleep(`cancel everything I have with you. ${DOT}`, "no", "yes");
    expect(t.was("ka-dot-one")).not.toMatch(/cancelled/);
    expect(t.was("ka-dot-two")).toMatch(/cancelled/);
  });
});

describe("one of two that is kept", () => {
  it.each([
    [`call off the machine check, but keep the review. ${DOT}`, "ka-dot-two", "ka-dot-one"],
    [`keep the machine check and cancel the review. ${DOT}`, "ka-dot-one", "ka-dot-two"],
    [`I need to cancel Friday but leave the one on the 10th. ${DOT}`, "ka-dot-one", "ka-dot-two"],
  ])("stays: %s", (say, off, stays) => {
    const t = sleep(say, "yes");
    expect(t.was(off)).toMatch(/cancelled/);
    expect(t.was(stays)).not.toMatch(/cancelled/);
  });
});

describe("a no that calls off all the same", () => {
  it.each(["no, I don't need a different day, just cancel", "no thanks, please simply cancel it", "no thank you, I just want to cancel"])(
    "is a yes: %s",
    (say) => {
      expect(riding("I can't ride on the 12th", PRITI, say).was("ba-priti-two")).toMatch(/cancelled/);
    },
  );

  it.each(["no, don't cancel it", "no, I don't want to cancel", "no"])("is a no otherwise: %s", (say) => {
    expect(riding("please cancel the 12th", PRITI, say).was("ba-priti-two")).not.toMatch(/cancelled/);
  });
});

describe("why it cannot be, and when it might", () => {
  it("moves what they have", () => {
    const t = riding("I have a ride on Sunday at two but my daughter is singing that day, could we do Saturday at two", PRITI, "yes");
    expect(t.was("ba-priti-one")).toMatch(/2027-03-06 14:00/);
    expect(t.booked).toEqual([]);
  });

  it("keeps the day where only an hour is named", () => {
    const t = riding("I can't make it at eleven on the 12th, could it be one", PRITI, "yes");
    expect(t.was("ba-priti-two")).toMatch(/2027-03-12 13:00/);
  });

  it("is with somebody else, of what they booked", () => {
    const t = riding("I booked a lesson with Eilidh for the 12th, could Morag take it at eleven on the 10th instead", PRITI, "yes");
    expect(t.booked).toEqual([]);
    expect(t.was("ba-priti-two")).toMatch(/2027-03-10 11:00 morag/);
  });

  it("is with somebody else where that is said", () => {
    const t = riding("my lesson is with Eilidh on the 12th, could I have it with Morag on Wednesday the 10th at eleven", PRITI, "yes");
    expect(t.was("ba-priti-two")).toMatch(/2027-03-10 11:00 morag/);
  });
});

describe("what ails somebody", () => {
  it("is looked at by a doctor, and no message", () => {
    const t = doctors("I've been coughing for a month and I'd like somebody to listen to my lungs");
    expect(t.state.task?.errand).toBe("book");
    expect(t.slips).toEqual([]);
  });

  it("is what they come for, whatever line speaks of their age", () => {
    const t = doctors("my boy is seven and he's got a bad cough");
    expect(t.state.task?.errand).toBe("book");
    expect(t.last).not.toMatch(/grown-up/);
  });

  it("is no medicine that is asked for where a bus is", () => {
    expect(doctors("what bus should I take to you").last).toMatch(/7 and 8/);
  });
});

describe("who is not well", () => {
  it("sees a doctor, where nothing else of the house's is for that", () => {
    expect(doctors("my boy's been coughing since Friday, can somebody see him today").last).toMatch(/doctor's appointment/i);
  });
});
