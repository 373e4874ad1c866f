import { describe, expect, it } from "vitest";
import { talksAt } from "../testing/held.ts";

/** Two that are called off in one breath, who is named again at the go-ahead, and whom a service is for, in words of no set. */

const wax = talksAt("twenty-second", "teasel");
const dance = talksAt("twenty-second", "huisache");
const tern = talksAt("twenty-second", "ternbay");
const swim = talksAt("fourteenth", "carob");
const allergy = talksAt("nineteenth", "bryn");
const talk = talksAt("twelfth", "protea");
const BROOKE = "Brooke Tolliver, 210 555 0143";
const PRITI = "Priti Solanki, 0161 555 0143";

describe("two that are called off in one breath", () => {
  it.each([
    [`drop the shoe fitting and the ballet please. ${BROOKE}`, dance],
    [`please cancel Saturday and the ballet. ${BROOKE}`, dance],
    [`${BROOKE}. I need to cancel my ballet on Friday and the one on Saturday as well`, dance],
    [`cancel my brows and my tan. ${PRITI}`, wax],
    [`I want to call off Friday and Saturday. ${PRITI}`, wax],
  ])("are both called off: %s", (say, house) => {
    const t = house(say, "yes", "yes");
    expect(t.was(house === dance ? "ha-brooke-one" : "ta-priti-one")).toMatch(/cancelled/);
    expect(t.was(house === dance ? "ha-brooke-two" : "ta-priti-two")).toMatch(/cancelled/);
  });

  it("are one where the rest is something else", () => {
    const t = wax(`cancel the tan and let Kit know I'm sorry. ${PRITI}`, "yes");
    expect(t.was("ta-priti-two")).toMatch(/cancelled/);
    expect(t.was("ta-priti-one")).not.toMatch(/cancelled/);
  });

  it("are asked about where either is meant", () => {
    expect(wax(`cancel the tan or the brows, whichever is first. ${PRITI}`).was("ta-priti-two")).not.toMatch(/cancelled/);
  });
});

describe("at the go-ahead", () => {
  it("who was wished for and is not who is held may be named again", () => {
    const t = tern("a first physio visit with Tobias on Thursday at five, Ada Moss, 902 555 0181", "the first", "yes", "no", "elbow", "a week", "no", "no");
    expect(t.last).toMatch(/Priya/);
    const again = tern(
      "a first physio visit with Tobias on Thursday at five, Ada Moss, 902 555 0181",
      "the first",
      "yes",
      "no",
      "elbow",
      "a week",
      "no",
      "no",
      "rather with Toby",
    );
    expect(again.last).toMatch(/with Tobias/);
    expect(again.booked).toEqual([]);
  });

  it("half past is of the hour that is held", () => {
    const t = wax("a spray tan on Friday at six. Nell Shaw, 0161 555 0182", "hm, would half past be possible?", "yes");
    expect(t.booked).toEqual(["spray 2027-03-05 18:30 kit"]);
  });

  it("a number is of places in a class that is at another hour", () => {
    expect(dance("two places for the line dance on Thursday the 11th", "yes", "Lon Pace", "210 555 0183", "make it four").last).toMatch(/4 places/);
  });

  it("a number is an hour of what is no class", () => {
    expect(wax("a spray tan on Friday at six. Nell Shaw, 0161 555 0182", "make it four").last).toMatch(/16:00/);
  });
});

describe("several that are listed", () => {
  it("are each booked, one after the other", () => {
    const t = wax("brows, lashes and a tan on Thursday the 11th please", "Holly Dean", "0161 555 0178");
    // The one that is next stands last.
    expect([t.state.task, ...t.state.later.toReversed()].map((x) => (x?.errand === "book" ? x.service : x?.errand))).toEqual(["brows", "lift", "spray"]);
  });

  it("are each booked where it is asked whether they could be", () => {
    const t = wax("could I get brows, lashes and a tan on Thursday the 11th?", "Holly Dean", "0161 555 0178");
    expect([t.state.task, ...t.state.later.toReversed()].map((x) => (x?.errand === "book" ? x.service : x?.errand))).toEqual(["brows", "lift", "spray"]);
  });

  it("are not booked where it is asked what they cost", () => {
    const t = wax("how much are brows, lashes and a tan?");
    expect([t.state.task, ...t.state.later]).toEqual([null]);
  });

  it("are chosen from where one of them will do", () => {
    expect(wax("brows, lashes or a tan, I can't decide").state.later).toEqual([]);
  });
});

describe("for me and one of mine", () => {
  it("each at an hour of their own", () => {
    const t = wax("a spray tan on Friday at four for me and my sister at half past", "Nell Shaw", "0161 555 0182", "yes", "yes");
    expect(t.booked).toEqual(["spray 2027-03-05 16:00 kit", "spray 2027-03-05 16:30 kit"]);
  });

  it("one more is heard while hours of the first are offered", () => {
    const t = swim("a private lesson on Saturday morning, half an hour", "and could my wife do the adult beginners as well?");
    expect(t.state.later.at(-1)).toMatchObject({ errand: "book", service: "adult" });
  });

  it("keeps who speaks and whom it is for apart", () => {
    const t = allergy("a prick test for my daughter, half an hour, next Tuesday at ten", "it's Cerys Bowen, 029 2055 0178, her name is Mali");
    expect(t.state.client.name).toBe("Cerys Bowen");
    expect(t.state.task).toMatchObject({ errand: "book", visitor: "Mali" });
  });
});

describe("whom a service is for", () => {
  it("is told by who has never done it", () => {
    expect(talksAt("thirteenth", "burnside")("my son's eleven and he's never sat on a horse, where should we begin").last).toMatch(/first ride/i);
    expect(dance("I'm a complete beginner and my wife loves the tango").last).toMatch(/trial|tango|ballroom/i);
  });

  it("is told by its ages", () => {
    // Tiny steps are for three to five year olds, private ballet from eight on.
    expect(dance("ballet for my ten year old, on her own").last).toMatch(/private ballet/i);
    expect(dance("something for my four year old who never stops dancing").last).not.toMatch(/private ballet/i);
  });
});

describe("after what they have was told", () => {
  const OTIS = ["what do I have on Thursday", "Otis Freeman", "210 555 0144"] as const;

  it.each(["oh, can't make it. Take it off please", "I won't be there, strike it off the list"])("it is called off: %s", (say) => {
    expect(dance(...OTIS, say, "yes").was("ha-otis")).toMatch(/cancelled/);
  });

  it("another day is for it", () => {
    expect(dance(...OTIS, "oh no, I can't, I'm at my son's school. Wednesday at seven?", "yes").was("ha-otis")).toMatch(/2027-03-03/);
  });
});

describe("a wish that tells which by itself", () => {
  it("is for what costs less", () => {
    expect(tern("whichever massage is cheaper, for an hour, on Wednesday at ten").state.task).toMatchObject({ service: "relaxation-massage", lengthMin: 60 });
  });

  it("of every week begins with the first that can still be had", () => {
    // It is half past eight on a Monday, and two hours' notice is asked for.
    expect(tern("a follow-up every Monday at nine with Maren").last).toMatch(/Monday 8 March/);
    expect(tern("the mat class every Monday at half past five").last).toMatch(/Monday 1 March/);
  });
});

describe("what was offered", () => {
  it("is looked for a week on", () => {
    const t = talk("a couples session on Thursday the 4th at half past two, Pieter Nel, 021 555 0171", "yes", "no", "what about the week after then");
    expect(t.last).toMatch(/1[01] March/);
  });

  it("has what there is for what ails somebody", () => {
    expect(tern("what have you got for a sore neck?").last).toMatch(/massage|assessment|acupuncture/i);
  });
});

describe("two that are moved in one breath", () => {
  it.each([
    [`move the ballet and the fitting to next week. ${BROOKE}`, "ha-brooke-one", /2027-03-(?:08|09|1\d)/, "ha-brooke-two", /2027-03-(?:08|09|1\d)/],
    [`${BROOKE}. Could the ballet be at five and the fitting at one?`, "ha-brooke-one", /03-05 17:00/, "ha-brooke-two", /03-06 13:00/],
    [`please put the ballet to Monday the 8th and the fitting to Tuesday the 9th. ${BROOKE}`, "ha-brooke-one", /03-08/, "ha-brooke-two", /03-09/],
  ])("are both moved: %s", (say, one, when, two, then) => {
    let t = dance(say);
    const says = [say];
    // Hours are offered where none was said, and read back where one was.
    for (let i = 0; i < 5 && t.state.status === "open" && t.state.expects !== "anything"; i++) {
      says.push(t.state.expects === "slot" ? "the first" : "yes");
      t = dance(...says);
    }
    expect(t.was(one)).toMatch(when);
    expect(t.was(two)).toMatch(then);
  });

  it("are one beside a question", () => {
    const t = wax(`move the brows to Thursday at noon and tell me what a peel costs. ${PRITI}`, "yes");
    expect(t.was("ta-priti-one")).toMatch(/03-04 12:00/);
    expect(t.was("ta-priti-two")).toMatch(/03-06 10:00/);
  });
});
