import { describe, expect, it } from "vitest";
import { heldAt } from "../testing/held.ts";

/** What can be kept and what cannot, visits in a row, and those who come together, told to the end. */

const tern = (...says: string[]) => heldAt("fifteenth", "ternbay", "web", ...says);
const golf = (...says: string[]) => heldAt("fifteenth", "jacaranda", "web", ...says);
const diet = (...says: string[]) => heldAt("fifteenth", "moringa", "web", ...says);

describe("a visit that cannot be kept", () => {
  it("goes to the day that is named after it, at its own hour", () => {
    const t = diet("it's Imran Qureshi, 020 2555 0144. Thursday at twelve doesn't work after all, what about Tuesday, same time", "yes");
    expect(t.was("ma-imran")).toBe("diabetes 2027-03-02 12:00 farida booked");
  });

  it("goes to the day and hour of a question in a sentence of its own", () => {
    const t = diet("Arun Nair, 020 2555 0142. Friday's impossible. Is Rohan in on Wednesday? At two?", "yes please");
    expect(t.was("ma-arun")).toBe("sports 2027-03-03 14:00 rohan booked");
  });

  it("is found by its day where another would do", () => {
    const t = diet("Pooja Bhatt 020 2555 0143, he's got chickenpox, tomorrow is off. Saturday at ten?", "yes");
    expect(t.was("ma-pooja-one")).toBe("child 2027-03-06 10:00 meera booked");
  });
});

describe("how long it takes", () => {
  it("is changed where it stands, its day named or not", () => {
    const longer = diet("Arun Nair 020 2555 0142, could I have the full hour rather than 45 minutes on Friday", "yes");
    expect(longer.was("ma-arun")).toBe("sports 2027-03-05 18:00 rohan booked");
    expect(longer.minutesOf("ma-arun")).toBe(60);
    const shorter = golf("James Mutua, 020 255 0141. Thursday: could it be just half an hour", "yes");
    expect(shorter.was("ja-james")).toBe("private 2027-03-04 09:00 peter booked");
    expect(shorter.minutesOf("ja-james")).toBe(30);
  });
});

describe("several visits", () => {
  it("come one after the other, where the second is told by one word of its name", () => {
    const t = golf("the simulator on Saturday at eleven and then a fitting with Brian, Omar Hassan 020 255 0192", "yes", "right-handed", "yes");
    expect(t.booked).toEqual(["simulator 2027-03-06 11:00 achieng", "fitting 2027-03-06 12:00 brian"]);
  });

  it("take the hour that is named at the end as that of the first", () => {
    const t = diet("a body scan and right after that a consultation with Rohan, on Friday at one. Yash Gore, 020 2555 0182", "yes", "yes");
    expect(t.booked).toEqual(["scan 2027-03-05 13:00 rohan", "consult 2027-03-05 13:15 rohan"]);
  });

  it("are no more than were named", () => {
    const t = tern(
      "two appointments please: acupuncture on Thursday at five and a follow-up on Monday the 8th at three, both with Priya. Gloria Amrani, 902 555 0141",
      "yes",
      "yes",
      "no, that's it",
    );
    expect(t.booked).toEqual(["acupuncture 2027-03-04 17:00 priya", "follow-up 2027-03-08 15:00 priya"]);
    expect(t.state.status).toBe("closed");
  });

  it("of which one is called off: the day after it is measured from it", () => {
    const t = tern("Stefan Ruiz, 902 555 0142, please cancel Thursday and book me the Friday after at ten with Maren, a follow-up", "yes", "yes");
    expect(t.was("a-stefan")).toMatch(/cancelled/);
    // Of Thursday the 4th: the day after it, when somebody else has that hour with her.
    expect(t.state.task).toMatchObject({ errand: "book" });
    expect(t.booked).toEqual([]);
    expect(t.last).toMatch(/Friday 5 March/);
  });

  it("that are moved are called by their name where there are several", () => {
    expect(golf("Tom Barasa 020 255 0143, the grips to Saturday at noon please").last).toMatch(/regripping (?:goes )?from Friday 5 March/i);
    expect(golf("James Mutua 020 255 0141, my lesson to Friday at nine please").last).not.toMatch(/private lesson/i);
  });
});

describe("who come together", () => {
  it("have one visit where the service is shared", () => {
    const t = golf("the simulator on Thursday at four, there are three of us, Daniel Kiptoo 020 255 0165", "yes", "no thanks");
    expect(t.booked).toHaveLength(1);
    expect(t.state.status).toBe("closed");
  });

  it("have one each where it is not", () => {
    const t = tern("half an hour of sports massage for me and my brother on Wednesday at noon, Gloria Amrani 902 555 0141", "yes", "yes");
    expect(t.booked).toHaveLength(2);
  });
});

describe("a limit of the house", () => {
  it("gives way to a line that the house wrote about it, and to nothing else", () => {
    expect(golf("is it cheaper when I take six lessons").last).toMatch(/six private lessons for the price of five/i);
    expect(golf("can I have it cheaper").last).toMatch(/prices are fixed/i);
    expect(golf("give me my money back").last).toMatch(/Refunds are decided by Lucy/);
  });
});

describe("what is told before it is asked", () => {
  it("of a thing that ails them is a need, though it seems to be a message", () => {
    const t = heldAt("tenth", "larch", "web", "my toenail went black after the marathon, is that one for you");
    expect(t.last).toMatch(/ingrown nail treatment or nail care/i);
    expect(t.slips).toEqual([]);
  });

  it("is left to the line that the house has for it", () => {
    expect(heldAt("third", "ocotillo", "web", "my hearing aid got lost, what now").state.task?.errand).not.toBe("book");
  });

  it("is not taken for a word to be passed on by whoever asks when they can come", () => {
    const t = heldAt("thirteenth", "tamarind", "web", "there's a mole on my arm that changed its colour, should I worry", "ok when could somebody look at it");
    expect(t.state.task).toMatchObject({ errand: "book" });
  });

  it("of what happens on a day is what the visit is to come before", () => {
    const t = heldAt("sixth", "birch", "web", "I broke a bit off my tooth, big interview Thursday, is anything free before that", "yes");
    expect(t.state.task).toMatchObject({ errand: "book", wish: { days: { ranges: [{ to: 20_880 }] } } });
  });

  it("tells which of the nails rather than what they are for", () => {
    expect(heldAt("ninth", "foxglove", "web", "my nails look awful, wedding on Saturday, help").last).not.toMatch(/bridal/i);
  });
});

describe("an answer", () => {
  it("says a thing once where two questions have the same answer", () => {
    const { last } = heldAt("seventh", "quayside", "web", "passport pics for the whole family, five of us, how long is it and how much");
    expect(last.match(/passport picture is/gi)).toHaveLength(1);
    expect(last).not.toMatch(/once more|again/i);
  });

  it("tells whether one has to book, and books nothing", () => {
    const t = heldAt("tenth", "kauri", "web", "are walk-ins fine or do I have to book");
    expect(t.last).toMatch(/If a chair is free, yes/);
    expect(t.state.task).toBeNull();
  });

  it("to who is to be called asks for no name in the words after it", () => {
    expect(tern("Thursday at ten for acupuncture, and call me before that").state.client.name).toBeUndefined();
  });
});

describe("an hour by itself", () => {
  it("right after a question about a day is of that day", () => {
    const t = diet("is Anjali in on Thursday", "then three", "a diet plan");
    expect(t.state.task).toMatchObject({ errand: "book", service: "consult", wish: { days: { ranges: [{ from: 20_881, to: 20_881 }] } } });
    expect(t.last).toMatch(/Thursday 4 March at 3:00 pm/);
  });

  it("and after a price, of the day that is looked for next", () => {
    expect(tern("how much is acupuncture", "ok two then").last).toMatch(/2:00 pm/);
    expect(tern("how much is acupuncture", "then one more thing").state.task).toBeNull();
  });
});
