import { describe, expect, it } from "vitest";
import { previewOf } from "../house/preview.ts";
import { talksAt } from "../testing/held.ts";

/** What turns into a move, which of some is meant, and what comes between, at a dentist's and at a braiding salon's: in words of no set. */

const tern = talksAt("twenty-fifth", "ternbay");
const teeth = talksAt("twenty-fifth", "sycamore");
const braids = talksAt("twenty-fifth", "juniper");
const ballet = talksAt("twenty-second", "huisache");
const IMANI = "Imani Clarke, 03 5550 0142";
const RUTH = "Ruth Akande, 03 5550 0143";

describe("what is theirs", () => {
  it("is moved where somebody else is to do it", () => {
    const t = teeth("Brenda Stahl, 937 555 0141. might Trent do my cleaning? Friday at ten suits me", "yes");
    expect(t.was("sa-brenda")).toMatch(/2027-03-05 10:00/);
    expect(t.each.join(" ")).not.toMatch(/one more/);
  });

  it("is booked anew where it is said so", () => {
    expect(teeth("Brenda Stahl, 937 555 0141. book me another cleaning with Trent, Friday at ten").last).toMatch(/one more/);
  });

  it("goes to another hour of its day", () => {
    const t = braids(`${IMANI}. can we do my press at four on that same day`, "yes");
    expect(t.was("ja-imani")).toMatch(/16:00/);
  });

  it("is with another, at its own hour", () => {
    const t = braids("I booked a press for Thursday and I'd prefer Ada to do it", "Imani Clarke", "03 5550 0142");
    expect(t.last).toMatch(/Ada instead of Lindi/);
  });

  it("is only the one that is named, where another is to stay", () => {
    const t = braids(`${RUTH}. please shift the take-down to Thursday at three, and leave the braids on Saturday`, "yes");
    expect(t.was("ja-ruth-one")).toMatch(/2027-03-04 15:00/);
    expect(t.was("ja-ruth-two")).toMatch(/booked$/);
  });

  it("is on no day on which they are in hospital, and as much later as is said", () => {
    const t = teeth("Otis Freeman, 937 555 0142. please put my crown back, I'm having an operation on the 9th", "a couple of weeks later", "yes");
    expect(t.was("sa-otis")).toMatch(/2027-03-23 14:00/);
  });

  it("is put off, where who calls it off asks for a later hour", () => {
    const t = braids(`please cancel Thursday. ${IMANI}`, "hm, or might I have a later slot that day");
    expect(t.state.task).toMatchObject({ errand: "move" });
    expect(t.last).toMatch(/Thursday 4 March/);
  });
});

describe("which of some it is", () => {
  it("is told by two words of another name", () => {
    expect(braids("my braids pull terribly", "could somebody take them out on Friday").state.task).toMatchObject({ service: "takedown" });
  });

  it("is, of those, the one that costs least", () => {
    const t = braids("I'd like braids, no idea which", "which is the cheapest");
    expect(t.last).toMatch(/braiding class: \$60/i);
  });

  it("is what there is for who may be new, once they name none", () => {
    const t = teeth("I've been meaning to come for ages, my gums look awful", "hm", "the usual stuff", "just look at it all");
    expect(t.each.join(" ")).toMatch(/new patient exam/i);
  });

  it("is what was told of, and no word in passing", () => {
    const t = braids("the hair is so dry it breaks, what do you have for that? Friday afternoon perhaps", "yes please");
    expect(t.each[0]).toMatch(/Wash and deep condition/);
    expect(t.last).toMatch(/Friday 5 March/);
  });

  it("is what somebody wants to try", () => {
    expect(ballet("my boy is keen to try ballet, he's nine").state.task).toMatchObject({ errand: "book", service: "ballet" });
  });

  it("is one hour or another by the number alone", () => {
    expect(braids("box braids with Ada on Thursday", "six").state.task).toMatchObject({ saidLength: 360 });
  });
});

describe("while it is asked who they are", () => {
  it("another hour of that day is looked for", () => {
    const t = tern("acupuncture on Thursday at eleven", "hm, is there anything earlier that day");
    expect(t.last).toMatch(/10:\d\d am/);
  });

  it("the rest of a name that was begun is put to it", () => {
    const t = teeth("this is Pam, I have to move my night guard to the 9th at ten", "Orlowski", "937 555 0145", "yes");
    expect(t.was("sa-pam")).toMatch(/2027-03-09 10:00/);
  });

  it("and whose the other visit is", () => {
    const t = teeth(
      "can my brother and I both have cleanings one after the other on the 10th",
      "the first",
      "Leo Marsh, 937 555 0190",
      "and his is Ian Marsh",
      "yes",
      "the first",
    );
    expect(t.each.join(" ")).toMatch(/Leo Marsh/);
    expect(t.each.join(" ")).toMatch(/I have you as Ian Marsh/);
  });
});

describe("what is asked", () => {
  it.each([
    ["what do you do when people don't turn up", /charged in full/],
    ["must I pay extra for the braiding hair", /box braids, knotless and twists it is/],
  ])("has its line: %s", (says, line) => {
    expect(braids(says).last).toMatch(line);
  });

  it("is how long something is to be left off, and no visit's length", () => {
    expect(teeth("how long should I hold off cigarettes after an extraction").last).toMatch(/three days/);
  });

  it("is a question of when to bring somebody, and no need", () => {
    expect(teeth("my nephew's first tooth has come through, when do we bring him").last).toMatch(/first birthday/);
  });

  it("is of whoever was asked about, while something else is open", () => {
    const t = braids("is Marcus any good", "I'd like locs on Wednesday", "oh, hang on, does he work on Saturdays");
    expect(t.last).toMatch(/Saturday 8:00 am to 5:00 pm/);
  });

  it("is not answered by a word that means something else there", () => {
    expect(teeth("is wifi to be had at the chair").last).toMatch(/can't tell you|don't know that/);
  });
});

describe("who speaks for somebody else", () => {
  it("hears nothing of their visit", () => {
    const t = tern("I'm writing on behalf of my uncle Murdo Finlay, he has a visit on Monday that he can't keep", "902 555 0142");
    expect(t.each[0]).toMatch(/another client/);
    expect(t.each.join(" ")).not.toMatch(/9:00|Maren/);
  });
});

describe("what comes between", () => {
  const garage = talksAt("eighth", "baobab");

  it("is no day, and asks for the soonest", () => {
    expect(garage("my brakes want repairing", "and how soon might that be").last).toMatch(/Monday 1 March/);
  });

  it("is declined, and when is said of what waits", () => {
    const t = garage("my brakes want repairing", "would you collect it from my office", "no. Wednesday at ten then");
    expect(t.last).toMatch(/Wednesday 3 March at 10:00/);
  });

  it("is whether one may come back, while a visit is called off", () => {
    const t = tern("please cancel my insoles. Vera Lund, 902 555 0145", "may I rebook another time?", "yes");
    expect(t.each.join(" ")).toMatch(/whenever you like|at any time/);
    expect(t.was("a-vera")).toMatch(/cancelled$/);
    expect(t.state.task).toBeNull();
  });

  it("is a visit for each of two who are told by their ages", () => {
    const t = teeth("our boys need a cleaning, one is six and the other is nine", "Monday the 8th", "eight", "Nora Bell, 937 555 0190", "yes", "yes");
    expect(t.each.filter((r) => /booked/i.test(r)).length).toBeGreaterThanOrEqual(2);
  });

  it("is how somebody feels, and no word for the desk", () => {
    expect(talksAt("twelfth", "protea")("lately I feel so down").state.task).toMatchObject({ errand: "book" });
  });

  it("is some more of what they had", () => {
    expect(talksAt("second", "ribble")("may I get two more lessons please").state.task).toMatchObject({ errand: "book" });
  });
});

describe("a greeting", () => {
  it("says good once", () => {
    expect(braids("hello").greeting).toMatch(/^Good (?:morning|afternoon|evening), Juniper/);
    expect(previewOf("Good {daypart}, {house}.", { shortName: "Juniper" }, "Ida", "greeting")).toBe("Good morning, Juniper.");
    expect(previewOf("{house}, {daypart}!", { shortName: "Juniper" }, "Ida", "greeting")).toBe("Juniper, good morning!");
  });
});
