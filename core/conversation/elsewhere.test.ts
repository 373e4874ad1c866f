import { describe, expect, it } from "vitest";
import { heldAt } from "../testing/held.ts";

/** Clients of a bridal shop, an imaging centre and the demo house, told to the end, in words of no set. */

const tern = (...says: string[]) => heldAt("sixteenth", "ternbay", "web", ...says);
const bridal = (...says: string[]) => heldAt("sixteenth", "hawthorn", "web", ...says);
const scans = (...says: string[]) => heldAt("sixteenth", "sampaguita", "web", ...says);

describe("several in one breath", () => {
  it("have each the hour that was said with it", () => {
    const t = scans("an ECG and an x-ray on Thursday, the ECG at eleven and the x-ray at two, with Jun. I'm Nilo Perez, 032 255 0190", "yes", "no", "yes");
    expect(t.booked).toEqual(["ecg 2027-03-04 11:00 jun", "xray 2027-03-04 14:00 jun"]);
  });

  it("come to a class in the number that is said when it is offered", () => {
    const t = tern("is there room for Pilates on Wednesday", "four then");
    expect(t.last).toMatch(/at most 3/);
    const two = tern("is there room for Pilates on Wednesday", "we're two", "Ulla Berg", "902 555 0190", "yes", "yes");
    expect([two.booked, two.places]).toEqual([["mat-class 2027-03-03 17:30 hanneke"], [2]]);
  });

  it("are no more than one visit at a time where there are too many of them", () => {
    const t = bridal("six of us for a veil appointment on Friday at two with Aoife, Nan Roche, 021 255 0190", "yes", "yes", "yes");
    expect([t.booked, t.places]).toEqual([["veil 2027-03-05 14:00 aoife"], [1]]);
  });
});

describe("what was asked about", () => {
  it("is what is booked after its answer", () => {
    const t = tern(
      "does acupuncture sting?",
      "fine, I'd like to try it on Thursday at eleven",
      "Ole Dahl",
      "902 555 0191",
      "yes",
      "no",
      "my back",
      "May",
      "no",
      "no",
      "yes",
    );
    expect(t.booked).toEqual(["acupuncture 2027-03-04 11:00 priya"]);
  });

  it("with when it is to be is a wish, though its price was to be told", () => {
    expect(tern("how long are the massages and what are they", "the Swedish for an hour, Tuesday at three").state.task).toMatchObject({
      errand: "book",
      service: "relaxation-massage",
    });
  });
});

describe("what is theirs", () => {
  it("is another length after all, before it is booked", () => {
    const t = tern(
      "the Swedish with Nell on Tuesday at two, an hour",
      "Ida Lunn",
      "902 555 0192",
      "yes",
      "no",
      "my neck",
      "May",
      "no",
      "no",
      "could we do ninety minutes after all",
      "yes",
    );
    expect([t.booked, t.minutes]).toEqual([["relaxation-massage 2027-03-02 14:00 nell"], [90]]);
  });

  it("goes to the day that is asked for after the one that cannot be", () => {
    const t = scans("Karen Ong, 032 255 0145. I'm stuck on the island so I can't come on Saturday. Tuesday at noon?", "yes");
    expect(t.was("sa-karen")).toBe("thyroid 2027-03-02 12:00 tessie booked");
  });

  it("stays at its hour while somebody is away, on another day", () => {
    const t = scans("Ramon Abella, 032 255 0142, I'll be abroad on the 5th, could the scan be on the 9th at the same time", "yes");
    expect(t.was("sa-ramon")).toBe("mri 2027-03-09 11:00 paolo booked");
  });

  it("is called off where nobody needs it any more", () => {
    expect(tern("Roy Castle, 902 555 0144. The knee's all right again, no need to come on Monday", "yes").was("a-roy")).toMatch(/cancelled$/);
    expect(tern("Elke Sommer, 902 555 0143, take the deep tissue off please", "yes").was("a-elke-two")).toMatch(/cancelled$/);
  });
});

describe("what the house wrote", () => {
  it("goes before its no to other prices, and what is worn is no medicine", () => {
    expect(scans("my grandmother is 70, does she pay less").last).toMatch(/Twenty percent/);
    expect(scans("do I have to take off my necklace").last).toMatch(/without metal/);
    expect(scans("could you make it less for me because I'm nice").last).toMatch(/can't change a price/);
  });

  it("is said with its abbreviations as they are", () => {
    expect(scans("how long is the MRI, the short one").last).not.toMatch(/\bmRI\b/);
    expect(scans("an MRI with Doc Liza please", "the short one", "tomorrow").each.join(" ")).toMatch(/ MRI scan/);
  });
});

const sleep = (...says: string[]) => heldAt("seventeenth", "coolabah", "web", ...says);
const papers = (...says: string[]) => heldAt("seventeenth", "iroko", "web", ...says);

describe("who is known, and has one visit on a day", () => {
  it("means that one, where nothing else is named and an hour is", () => {
    const t = sleep("Kate Mulligan, 07 2555 0145. Could Fleur do nine in the morning on the 11th?", "yes");
    expect([t.was("ka-kate"), t.booked]).toEqual(["insomnia 2027-03-11 09:00 fleur booked", []]);
    const other = papers("Kunle Bakare, 0803 255 0144. I'd rather have Ngozi on Monday, same time", "yes");
    expect(other.was("ia-kunle")).toBe("passport 2027-03-08 09:00 ngozi booked");
  });

  it("means another where who is asked for does not do it, or one is booked in so many words", () => {
    const t = heldAt("seventeenth", "ternbay", "web", "Pearl Whitaker, 902 555 0141. Could Tobias do nine on Thursday");
    expect(t.state.task).toMatchObject({ errand: "book" });
  });

  it("has it sooner, longer or shorter, where it stands", () => {
    const sooner = heldAt("seventeenth", "ternbay", "web", "Gus Peterson, 902 555 0144, anything sooner than the 9th with Tobias?", "Thursday at noon", "yes");
    expect(sooner.was("a-gus")).toBe("assessment 2027-03-04 12:00 tobias booked");
    const shorter = heldAt("seventeenth", "ternbay", "web", "Luc Bergeron, 902 555 0142: bring Friday's massage down to an hour", "yes");
    expect([shorter.was("a-luc"), shorter.minutesOf("a-luc")]).toEqual(["sports-massage 2027-03-05 13:00 joaquim booked", 60]);
  });

  it("goes elsewhere on the road, and is called off for what was put off", () => {
    expect(sleep("Sione Fifita, 07 2555 0144. I'm on the road on the 9th, Thursday the 11th at four?", "yes").was("ka-sione")).toBe(
      "licence 2027-03-11 16:00 vikram booked",
    );
    expect(papers("Emeka Nwosu, 0803 255 0142, cancel Friday, the interview was postponed", "yes").was("ia-emeka")).toMatch(/cancelled$/);
  });
});

describe("one thing in place of another", () => {
  it("is booked where both are named, and the other is called off", () => {
    const t = sleep("Bruce Tully, 07 2555 0141, cancel the study and book me the home test with Shelley on Friday at one instead", "yes", "yes");
    expect([t.was("ka-bruce"), t.booked]).toEqual([expect.stringMatching(/cancelled$/), ["home 2027-03-05 13:00 shelley"]]);
  });

  it("has its hour by whatever the house calls it", () => {
    const t = papers(
      "a passport photo and an affidavit on Friday, the photo at ten and the sworn paper at eleven. Tola Bright, 0803 255 0190",
      "yes",
      "yes",
      "yes",
    );
    expect(t.booked).toEqual(["photo 2027-03-05 10:00 femi", "notary 2027-03-05 11:00 tunde"]);
  });
});

describe("what ails a child", () => {
  it("is no visit that stands, though it is called like one", () => {
    const t = sleep("my girl has night terrors, she's five, Monday the 8th at nine with Dr Lowe");
    expect(t.state.task).toMatchObject({ errand: "book", service: "child" });
  });
});

describe("a question of the house's", () => {
  it("is answered by who tells what it asks about", () => {
    const asked = (answer: string) => papers("a visa consultation with Tunde on Friday at nine, 45 minutes", "Ade Roy", "0803 255 0191", "yes", answer);
    expect(asked("Spain refused me in 2021").state.answers).toEqual({ refused_before: "yes" });
    expect(asked("no embassy refused me").state.answers).toEqual({ refused_before: "no" });
    expect(asked("a friend of mine might be refused").state.answers).toEqual({});
  });
});

describe("what has been booked", () => {
  it("is told, and not wished for again", () => {
    const asks = sleep("I've booked a machine check, do I have to bring the cord");
    expect([asks.state.task, asks.last]).toEqual([null, expect.stringMatching(/^Machine check: /)]);
    const t = sleep("I booked a mask fitting and now I have a cold", "Mei Lin Chau, 07 2555 0142", "put it off by a week then", "yes");
    expect([t.was("ka-mei"), t.booked]).toEqual(["mask 2027-03-10 10:00 shelley booked", []]);
  });

  it("is found for somebody else who gives the name and the number", () => {
    const t = sleep("my wife has an appointment with you and wants to know if it's this week", "Mei Lin Chau, 07 2555 0142");
    expect(t.last).toMatch(/Wednesday 3 March/);
  });

  it("may have another beside it", () => {
    expect(tern("I booked the mat class but I need another one on Saturday").state.task).toMatchObject({ errand: "book" });
  });
});

describe("visits in a row", () => {
  it("are on each of the days from the one that is named on", () => {
    const t = heldAt(
      "seventeenth",
      "ternbay",
      "web",
      "two sessions of taping on consecutive Wednesdays at noon starting the 10th with Tobias, Ole Moe, 902 555 0193",
      "yes",
      "yes",
      "yes",
    );
    expect(t.booked).toEqual(["taping 2027-03-10 12:00 tobias", "taping 2027-03-17 12:00 tobias"]);
  });
});

describe("of all that is called off", () => {
  const halima = (...says: string[]) => papers("please cancel everything I have. Halima Sani, 0803 255 0143", ...says);

  it("what they would rather keep is not asked about", () => {
    const t = halima("actually leave the photo", "yes");
    expect(t.each[1]).toMatch(/you keep passport photo/i);
    expect([t.was("ia-halima-one"), t.was("ia-halima-two")]).toEqual([expect.stringMatching(/cancelled$/), expect.stringMatching(/booked$/)]);
    expect(t.state.task).toBeNull();
  });

  it("the one that is asked about may be kept, and the next is asked about", () => {
    const t = halima("no wait, keep the translation", "yes");
    expect([t.was("ia-halima-one"), t.was("ia-halima-two")]).toEqual([expect.stringMatching(/booked$/), expect.stringMatching(/cancelled$/)]);
  });
});

describe("a sentence that is said again", () => {
  it("leaves a name its capital", () => {
    const t = tern("is Priya good", "how long has she been there", "is Priya good");
    expect(t.each.join(" ")).not.toMatch(/\bpriya\b/);
  });
});

describe("a wish while a message is being taken", () => {
  it("goes first, and the message after it", () => {
    const t = tern("nobody ever answers the phone at yours, I tried for two days", "I want an assessment and I want it tomorrow");
    expect(t.state.task).toMatchObject({ errand: "book", service: "assessment" });
    expect(t.state.later).toMatchObject([{ errand: "message" }]);
  });
});
