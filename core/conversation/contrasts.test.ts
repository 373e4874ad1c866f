import { describe, expect, it } from "vitest";
import { heldAt } from "../testing/held.ts";

/** One thing and not another, those who come along, and what is said of each of several visits, told to the end in words of no set. */

const tern = (...says: string[]) => heldAt("eighteenth", "ternbay", "web", ...says);
const speech = (...says: string[]) => heldAt("eighteenth", "elmet", "web", ...says);
const boats = (...says: string[]) => heldAt("eighteenth", "saltgrass", "web", ...says);
const nails = (...says: string[]) => heldAt("nineteenth", "almond", "web", ...says);
const allergy = (...says: string[]) => heldAt("nineteenth", "bryn", "web", ...says);

const LILY = "Lily Tran, 902 555 0145";
const GRACE = "Grace Obi, 0113 555 0144";
const YUKI = "Yuki Mori, 03 6555 0144";

describe("one thing and not another", () => {
  it("of those who say who they are is of the visit that they have", () => {
    expect(speech(`${GRACE}: may I come at five on the 9th, not four`, "yes").was("ea-grace")).toBe("voice 2027-03-09 17:00 safiya booked");
    expect(tern(`${LILY}, could I have it on Friday the 12th at four, not on the 11th`, "yes").was("a-lily")).toMatch(/^sports-massage 2027-03-12 16:00/);
  });

  it("is told by what they are busy with", () => {
    const t = boats(`${YUKI}. Could Thursday's be at half past eleven, we've got a meeting at three`, "yes");
    expect(t.was("sa-yuki")).toBe("roll 2027-03-11 11:30 lachlan booked");
  });

  it("is one visit where a day is called off and another is given", () => {
    const t = speech(`${GRACE}. Cancel Tuesday and give me the 11th at four`, "yes");
    expect([t.was("ea-grace"), t.booked]).toEqual(["voice 2027-03-11 16:00 safiya booked", []]);
  });

  it("is the same kind of visit where one is called off and a new one named by its day and person alone", () => {
    const t = tern(`${LILY}. Cancel the one I've got, and book me in with Nell on the 15th at noon for an hour`, "yes", "yes");
    expect(t.was("a-lily")).toMatch(/cancelled$/);
    expect(t.booked).toEqual(["sports-massage 2027-03-15 12:00 nell"]);
  });

  it("may name a person by the work", () => {
    const t = allergy("Martin Foley, 029 2555 0143. Could you change the doctor to the 16th at ten", "yes");
    expect(t.was("ba-martin-two")).toBe("review 2027-03-16 10:00 carys booked");
  });
});

describe("those who come along to a class", () => {
  it("count, where it is what was spoken of", () => {
    const t = tern("what is the mat class?", "nice, I'll join on Saturday with my sister", "yes", "Ida Berg", "902 555 0199");
    expect(t.state.task).toMatchObject({ service: "mat-class", places: 2 });
  });

  it("and one more, where it is being booked", () => {
    const t = nails("one place in the class on Thursday please", "can I bring my cousin too?");
    expect(t.state.task).toMatchObject({ errand: "book", service: "class", places: 2 });
    expect(tern("can I bring my sister?").state.task?.errand).not.toBe("book");
  });

  it("are as many as are named", () => {
    expect(allergy("pen training for three nursery workers on the 10th").state.task).toMatchObject({ service: "pen", places: 3 });
    expect(allergy("pen training for three weeks").state.task).not.toMatchObject({ places: 3 });
  });
});

describe("two visits that are booked together", () => {
  it("have each its own hour", () => {
    const t = nails(
      "a manicure and a brow shape on Friday please",
      "brows at two, and the manicure at ten with Keisha",
      "Una Best",
      "246 555 0188",
      "yes",
      "yes",
      "yes",
    );
    expect(t.booked.sort()).toEqual(["brows 2027-03-05 14:00 tamia", "mani 2027-03-05 10:00 keisha"]);
  });

  it("are two where two want the same", () => {
    expect(allergy("a blood test for me and for my daughter on Friday").state.task).toMatchObject({ errand: "book", service: "blood" });
    expect(allergy("a blood test for me and for my daughter on Friday").state.later).toHaveLength(1);
  });
});

describe("who was asked about", () => {
  it("is meant by a wish after it, though a line of the handbook answered", () => {
    const t = nails("my gran is diabetic, could Marlon do her toes?", "fine, Saturday at nine, 45 minutes", "yes");
    expect(t.state.task).toMatchObject({ service: "pedi", staff: ["marlon"] });
  });
});
