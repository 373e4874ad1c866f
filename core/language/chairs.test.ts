import { describe, expect, it } from "vitest";
import { readsAt } from "../testing/reads.ts";

/** Whose a visit is, what is said beside it, and what words are not, at a dentist's and at a braiding salon's: in words of no set. */

const tern = readsAt("twenty-fifth", "ternbay");
const teeth = readsAt("twenty-fifth", "sycamore");
const braids = readsAt("twenty-fifth", "juniper");
const errands = (r: { errands: readonly string[] }) => r.errands;

describe("whose a visit is", () => {
  it.each([
    ["please move Rita Hale's massage, I'm Rita, 902 555 0190", "Rita Hale"],
    ["could you cancel all that's there under Ned Ames, it's me, 902 555 0191", "Ned Ames"],
  ])("is told by its owner, or at the end: %s", (text, name) => {
    expect(tern(text).slots).toMatchObject({ name });
  });

  it("is a family name after a given one, and no slip of a service", () => {
    expect(teeth("Sealants on Thursday at nine, Sadie Crowne, 937 555 0190").slots).toMatchObject({ service: "Sealants", name: "Sadie Crowne" });
    expect(teeth("I need a crwn").slots).toMatchObject({ service: "Crown" });
  });

  it("is none in the name of something else", () => {
    expect(tern("could you tell me the name of the building").slots).not.toHaveProperty("name");
    expect(tern("the name is Odd Strand").slots).toMatchObject({ name: "Odd Strand" });
  });
});

describe("what stays as it is beside a move", () => {
  it("is none of the visit that is moved", () => {
    expect(braids("push my press to Saturday at one, but keep the trim on Friday").slots).toMatchObject({
      service: "Silk press",
      new_date: "2027-03-06",
      new_time: "13:00",
    });
    expect(braids("push my press to Saturday at one, but keep the trim on Friday").slots).not.toHaveProperty("old_weekdays");
    expect(braids("please cancel the press on Thursday, and leave the trim on Saturday").slots).toMatchObject({ old_weekdays: ["Thursday"] });
  });

  it("is whom they booked, where somebody else is wished for", () => {
    expect(braids("we scheduled twists with Lindi, though I'd prefer to have Marcus").slots).toMatchObject({
      service: "Twists",
      staff: "Lindiwe Mthembu",
      new_staff: "Marcus Bright",
    });
    expect(errands(braids("I've reserved a fade on Friday and I'd like Marcus to do it"))).toEqual(["move"]);
    expect(errands(braids("I've reserved a fade on Friday"))).toEqual(["ask-mine"]);
  });

  it("is the hour at which they were to come", () => {
    expect(teeth("I was meant to come at ten on Thursday but the car won't start, could we say one").slots).toMatchObject({
      old_weekdays: ["Thursday"],
      old_time: "10:00",
      new_time: "13:00",
    });
  });

  it("is the day of which only the hour is to be otherwise", () => {
    expect(braids("my trim on Saturday, could we do half eight rather than ten").slots).toMatchObject({ new_time: "08:30" });
  });
});

describe("what cannot be kept and when instead", () => {
  it.each([
    ["something has come up on the 11th at two. Is the 12th possible?", { old_date: "2027-03-11", new_date: "2027-03-12" }],
    ["I can't get away from work on Tuesday at ten. Thursday at nine?", { old_weekdays: ["Tuesday"], new_date: "2027-03-04", new_time: "09:00" }],
  ])("is one wish over two sentences: %s", (text, slots) => {
    expect(errands(tern(text))).toEqual(["move"]);
    expect(tern(text).slots).toMatchObject(slots);
  });

  it("is told without who it is", () => {
    expect(errands(tern("can't do Wednesday anymore"))).toEqual(["move"]);
    expect(errands(tern("can't do Friday any more. please cancel it"))).toEqual(["cancel"]);
  });
});

describe("how long, and by how much", () => {
  it.each([
    ["four hours of box braids please", 240],
    ["six hours of them would suit me", 360],
  ])("is as long as something lasts: %s", (text, minutes) => {
    expect(braids(text).slots).toMatchObject({ length_min: minutes });
  });

  it("is no length where nothing lasts as long", () => {
    expect(tern("I've been up for six hours").slots).not.toHaveProperty("length_min");
  });

  it("is a bare number of hours, asked how long", () => {
    expect(braids("six", "length").slots).toMatchObject({ length_min: 360 });
    expect(braids("the four", "length").slots).toMatchObject({ length_min: 240 });
    expect(braids("seven", "length").slots).not.toHaveProperty("length_min");
  });

  it("is told of what is not wished for", () => {
    expect(braids("is there a pause if it lasts four hours").slots).not.toHaveProperty("length_min");
    expect(teeth("it's been two hours and the bleeding won't stop").slots).not.toHaveProperty("length_min");
  });

  it("is how much later, and no day", () => {
    const read = tern("could you put mine back a fortnight").slots;
    expect(read).toMatchObject({ shift: "later" });
    expect(read).not.toHaveProperty("old_date");
    expect(tern("may I come in an hour sooner on the 9th").slots).toEqual({ old_date: "2027-03-09", shift: "earlier" });
  });
});

describe("days and hours", () => {
  it.each([
    ["the week after this", { date_from: "2027-03-08", date_to: "2027-03-14" }],
    ["Tuesday... or Friday if not", { date_candidates: ["2027-03-02", "2027-03-05"], date_choice: "either" }],
  ])("%s", (text, slots) => {
    expect(tern(text, "day").slots).toMatchObject(slots);
  });

  it("are named after a part of the day", () => {
    expect(teeth("Sealants on Wednesday after lunch, three perhaps").slots).toMatchObject({ date: "2027-03-03", time: "15:00" });
  });

  it("that are over are none to come on", () => {
    expect(tern("we forgot a scarf at yours on Thursday").slots).not.toHaveProperty("date");
    expect(tern("please tell Nell I'll be late on Thursday").slots).toMatchObject({ date: "2027-03-04" });
  });
});

describe("how many come", () => {
  it.each([
    ["one for the Wednesday class", { places: 1 }],
    ["can my sister join the class with me on Saturday", { places: 2, date: "2027-03-06" }],
  ])("%s", (text, slots) => {
    expect(errands(tern(text))).toEqual(["book"]);
    expect(tern(text).slots).toMatchObject(slots);
  });
});

describe("a word of a name", () => {
  it("tells nothing where it is everybody's", () => {
    expect(braids("kindly take me off your big list for the 9th").slots).toEqual({ old_date: "2027-03-09" });
    expect(errands(braids("kindly take me off your big list for the 9th"))).toEqual(["cancel"]);
  });

  it("tells with its particle", () => {
    expect(braids("when's my take-down").slots).toMatchObject({ service: "Braid take-down" });
    expect(braids("how long is a takedown").slots).toMatchObject({ service: "Braid take-down" });
  });

  it("is no family name of somebody here by being near to it", () => {
    expect(tern("which brand of needles do you use").slots).not.toHaveProperty("staff");
    expect(tern("is Brant in on Wednesday").slots).toMatchObject({ staff: "Hanneke Brandt" });
  });
});

describe("what is asked for", () => {
  it.each([
    ["could you give me the number of the street", "ask-place"],
    ["where can one park around there", "ask-place"],
    ["may we bring the twins along", "ask-policy"],
    ["do you accept Medshield", "ask-policy"],
    ["no idea whether I should have needles or a massage", "ask-service"],
    ["how cold will it be tomorrow", "out-of-scope"],
    ["because of the weather I'd like to move my massage to Friday", "move"],
    ["is Maren in, may I talk to her", "person"],
    ["ok then I'd like one, mornings are good", "book"],
    ["I'd like my insoles done by Maren, not by Tobias", "move"],
    ["hello, my neck's a ruin and I've no idea what I need", "book"],
  ] as const)("%s: %s", (text, errand) => {
    expect(errands(tern(text))).toEqual([errand]);
  });

  it("is nothing of when the house is open, beside a need", () => {
    expect(errands(teeth("my filling broke, may I come in this afternoon"))).toEqual(["book"]);
    expect(errands(teeth("would I be let in on Sundays"))).not.toEqual(["book"]);
  });

  it("is a name by itself, and no wish for a woman or a man", () => {
    expect(teeth("is Trent a man").slots).toEqual({ staff: "Trent Abbott" });
    expect(teeth("I'd like a woman").slots).toMatchObject({ staff_gender: "woman" });
  });

  it("is refused to who speaks for somebody else's visit", () => {
    expect(errands(tern("I'm calling on behalf of my aunt Vera Lund, she has a visit on the 11th"))).toEqual(["refused"]);
    expect(errands(tern("a massage on behalf of my aunt please, Thursday at nine"))).toEqual(["book"]);
  });

  it("is what goes wrong whenever they do something, and calls nothing off", () => {
    const garage = readsAt("eighth", "baobab");
    expect(errands(garage("my gears drop out whenever I stop"))).toEqual(["book"]);
  });

  it("is another day where they are away, and nothing to be called off besides", () => {
    expect(errands(tern("Vera Lund, 902 555 0145, I'll be abroad on the 11th, can the insoles be on the 12th"))).toEqual(["move"]);
  });
});
