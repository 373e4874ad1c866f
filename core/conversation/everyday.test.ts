import { describe, expect, it } from "vitest";
import { heldAt } from "../testing/held.ts";

const tern = (...says: string[]) => heldAt("twelfth", "ternbay", "web", ...says);
const skin = (...says: string[]) => heldAt("thirteenth", "tamarind", "web", ...says);
const yard = (...says: string[]) => heldAt("thirteenth", "burnside", "web", ...says);
const ANA = "Ana Petrov, 902 555 0142";
const KEITH = "Keith Lemaire, 902 555 0126";
const HAMISH = "Hamish Kerr, 01632 960342";

describe("what was told of is to be otherwise", () => {
  it.each(["and could you make it half past three?", "can it be at half past three", "could you make that 15:30"])("%s", (text) => {
    const t = tern(`${ANA}, when is my massage?`, text, "yes");
    expect(t.was("a-ana")).toBe("sports-massage 2027-03-04 15:30 joaquim booked");
  });

  it("one of several, by its day", () => {
    const t = tern(`${KEITH}, what do I have coming up?`, "could the one on the 9th be at two", "yes");
    expect(t.was("a-keith-two")).toBe("follow-up 2027-03-09 14:00 tobias booked");
    expect(t.was("a-keith-one")).toMatch(/11:00 priya booked$/);
  });

  it("goes back to where it was, when that is said right after", () => {
    const t = tern(`move my massage to Friday at noon, ${ANA}`, "yes", "no wait, put it back where it was", "yes");
    expect(t.was("a-ana")).toBe("sports-massage 2027-03-04 14:00 joaquim booked");
  });

  it.each(["move it a week", "put it back by a week", "push it out one week"])("is later by as much as is said: %s", (text) => {
    const t = tern(`cancel my massage, ${ANA}`, `hm, no, ${text}`, "yes");
    expect(t.was("a-ana")).toMatch(/^sports-massage 2027-03-11 14:00/);
  });

  it("takes the hour at which nothing of theirs is as the one it is to be at", () => {
    const t = yard("I'd prefer Eilidh over Morag, Fiona Macrae, 01632 960341, the private lesson, at noon on Friday", "yes");
    expect(t.was("ba-fiona")).toBe("private 2027-03-05 12:00 eilidh booked");
  });

  it("takes the hour that is not ruled out", () => {
    const t = yard(`could we have the jumping at five on Friday, not at three? ${HAMISH}`, "yes");
    expect(t.was("ba-hamish")).toBe("jump 2027-03-05 17:00 callum booked");
    expect(t.booked).toEqual([]);
  });

  it("gives up the day that cannot be kept, and keeps the other visit", () => {
    const t = yard("I can't manage Sunday. Priti Shah, 01632 960343, is Saturday at two any good?", "yes");
    expect(t.was("ba-priti-one")).toBe("woods 2027-03-06 14:00 eilidh booked");
    expect(t.was("ba-priti-two")).toMatch(/^private 2027-03-12 11:00/);
  });

  it("is cancelled where no other day is wanted", () => {
    const t = yard(`I can't make Friday and I don't need another date, ${HAMISH}`, "yes");
    expect(t.was("ba-hamish")).toMatch(/cancelled$/);
  });

  it("becomes the long one, or the short one", () => {
    const asked = skin("Tan Mei Yee, 04 555 0141, could my facial be the longer one");
    expect(asked.last).toMatch(/310\. The change itself costs nothing/);
    const long = skin("Tan Mei Yee, 04 555 0141, could my facial be the longer one", "yes");
    expect(long.minutesOf("ta-mei")).toBe(90);
    const short = yard("make my woodland ride the short one please, Priti Shah 01632 960343", "yes");
    expect(short.minutesOf("ba-priti-one")).toBe(60);
    expect(short.was("ba-priti-one")).toMatch(/2027-03-07 14:00/);
  });

  it("leaves it alone where one more is wished for beside it", () => {
    const t = yard(`I'd like one more jumping lesson, the week after the one I've got, ${HAMISH}`);
    expect(t.state.task).toMatchObject({ errand: "book", service: "jump" });
    expect(t.was("ba-hamish")).toMatch(/15:00 callum booked$/);
  });

  it("a day that is fine is the wish, though it has an s behind it", () => {
    const t = tern(`I have to move Thursday's acupuncture, ${KEITH}`, "what is there next week", "Tuesday's fine", "yes");
    expect(t.was("a-keith-one")).toMatch(/^acupuncture 2027-03-09/);
  });
});

describe("who comes, and how many", () => {
  it("a party is one visit where the thing is for a party", () => {
    const t = yard("Could Struan take us out on Sunday at noon? There will be three of us", "the carriage drive", "Bess Kidd", "01632 960389", "yes");
    expect(t.booked).toEqual(["carriage 2027-03-07 12:00 struan"]);
  });

  it("a class has one place more for whoever comes along", () => {
    const t = tern("the mat class on Wednesday", "yes", "Gia Moss", "902 555 0172", "may I bring a friend too", "yes");
    expect(t.places).toEqual([2]);
  });

  it("a treatment for one has not", () => {
    const t = tern("taping on Tuesday at nine with Tobias", "Gia Moss", "902 555 0172", "may I bring a friend too");
    expect(t.state.task).not.toHaveProperty("places");
  });

  it("several sessions are booked one after the other, each on a day of its own", () => {
    const t = tern(
      "I'd like to book two sessions of acupuncture",
      "Thursdays at three",
      "the first",
      "Rae Dunlop, 902 555 0171",
      "yes",
      "yes",
      "yes",
      "yes",
      "yes",
    );
    expect(t.booked.map((b) => b.slice(0, 28))).toEqual(["acupuncture 2027-03-04 15:00", "acupuncture 2027-03-11 15:00"]);
  });

  it("a word that says little names a service where the house calls one so", () => {
    const t = yard("two places in the group on Friday please");
    expect(t.state.task).toMatchObject({ errand: "book", service: "group", places: 2 });
    expect(yard("is there a group of people at the gate").state.task).toBeNull();
  });
});

describe("a name that is given", () => {
  it("is no service, however it sounds", () => {
    const t = skin("scar treatment on Wednesday at seven", "Faizal Omar", "04 555 0162", "yes");
    expect(t.booked).toEqual(["scar 2027-03-03 19:00 hafiz"]);
  });

  it("is whole, though its first word is one that the house uses", () => {
    expect(skin("Tan Mei Yee 04 555 0141, what time am I coming?").last).toMatch(/11:00 am/);
  });

  it.each(["my colleague told me to come to you", "a neighbour recommended you", "our doctor sent me here"])("is not this: %s", (text) => {
    expect(tern("taping on Tuesday at nine with Tobias", text).state.client.name).toBeUndefined();
  });

  it.each(["preferably with Tobias", "hopefully", "ideally in the morning"])("nor a small word beside a wish: %s", (text) => {
    expect(tern("taping on Tuesday at nine", text).state.client.name).toBeUndefined();
  });

  it("nor a thing with a capital", () => {
    expect(tern("when does the Grand Opera begin").state.client.name).toBeUndefined();
  });
});

describe("what is asked beside a wish", () => {
  it("of a person, and they are wished for", () => {
    const t = tern("Is Maren in on Friday? I'd like her to see to my elbow");
    expect(t.last).toMatch(/8:00 am to 12:00 pm/);
    expect(t.state.task).toMatchObject({ errand: "book", staff: ["maren"] });
  });

  it("the hours of the day after", () => {
    const t = tern("are you open on the 29th?", "how about the day after?");
    expect(t.last).toMatch(/Tuesday 30 March.*8:00 am to 7:00 pm/);
  });

  it("how late they come, after what holds then", () => {
    const t = tern("Bruno Castell 902 555 0117, I'm going to be late today", "maybe fifteen minutes", "could I come at half past three instead?", "yes");
    expect(t.was("a-bruno")).toBe("follow-up 2027-03-01 15:30 maren booked");
  });

  it("whether it will do is no question of its own", () => {
    expect(tern("we're running a quarter of an hour late, is that okay").last).toMatch(/Up to 10 minutes/);
  });

  it("a line about one treatment answers nothing of another", () => {
    expect(tern("what's shockwave, and does it hurt").last).not.toMatch(/short prick/);
    expect(tern("is acupuncture painful").last).toMatch(/short prick/);
  });

  it("how long it takes and how it is, both are said", () => {
    const t = tern("how long is acupuncture and does it hurt");
    expect(t.last).toMatch(/short prick/);
    expect(t.last).toMatch(/45 minutes/);
  });

  it("who is free first, whoever it is", () => {
    const t = skin("which doctor is free soonest for a consultation?");
    expect(t.state.expects).toBe("slot");
    expect(t.last).toMatch(/Monday 1 March/);
  });

  it("when the next class is", () => {
    expect(heldAt("twelfth", "poui", "web", "when's the next baby massage class?").last).toMatch(/Wednesday 3 March at 2:00 pm/);
  });

  it("which of the women does the work that is spoken of", () => {
    expect(skin("do you have a lady doctor").last).toMatch(/Dr Farah/);
    expect(skin("do you have a lady doctor").last).not.toMatch(/Siew Ling/);
    expect(skin("are there women who work there").last).toMatch(/Siew Ling/);
  });

  it("whom to speak to, of what went wrong", () => {
    expect(skin("it left a burn, who should I speak to").state.outcomes).not.toEqual(["answered"]);
    expect(skin("it left a burn, who should I speak to").state.expects).toBe("name");
  });

  it("that it is for one alone is no riddle", () => {
    expect(yard("the group on Friday", "only me").last).not.toMatch(/follow/);
  });

  it("what else there is on the day that is about to be taken", () => {
    const t = tern(`make my massage an hour earlier, ${ANA}`, "what else do you have that day?");
    expect(t.state.expects).toBe("slot");
    expect(t.last).toMatch(/Thursday 4 March/);
  });

  it.each(["who is teaching me on Friday", "my wife booked this for us, when are we due"])("what is one's own is no secret: %s", (text) => {
    expect(yard(text).state.outcomes).not.toContain("turned-away");
    expect(yard(text).state.expects).toBe("name");
  });
});

describe("what is wished for", () => {
  it("is which of several is said to be so", () => {
    const t = tern("a massage with Nell on Thursday at nine for an hour, the firm kind");
    expect(t.state.task).toMatchObject({ service: "sports-massage" });
  });

  it("is what takes a thing away, and calls nothing off", () => {
    expect(skin("I'd like to have my verruca removed").state.task).toMatchObject({ errand: "book", service: "wart" });
    expect(skin("can you get rid of my warts").state.task?.errand).not.toBe("cancel");
  });

  it("is not what was: an assessment that they had is not booked again", () => {
    const t = tern("shockwave as soon as possible", "I was assessed in January");
    expect(t.state.task).toMatchObject({ service: "shockwave" });
  });

  it.each(["I can't bend down", "I can hardly turn my neck"])("begins with an assessment where somebody cannot move: %s", (text) => {
    expect(tern(`I need somebody today, ${text}`).last).toMatch(/assessment/);
  });

  it("is there on the days that somebody is in town", () => {
    const t = yard("we're staying here from the 9th to the 13th and would love the carriage");
    expect(t.state.task).toMatchObject({ errand: "book", service: "carriage" });
    expect(t.last).toMatch(/Saturday 13 March/);
  });

  it("is agreed to and refused in one letter", () => {
    const t = tern("taping on Tuesday at nine with Tobias", "Gia Moss", "902 555 0172", "y");
    expect(t.booked).toEqual(["taping 2027-03-02 09:00 tobias"]);
    expect(tern("taping on Tuesday at nine with Tobias", "Gia Moss", "902 555 0172", "n").booked).toEqual([]);
  });

  it("is the soonest, where anybody will do and it is to be quick", () => {
    const t = tern("taping tomorrow", "whoever, the sooner it is over the quicker");
    expect(t.last).toMatch(/8:00 am is kept/);
  });
});

describe("in the middle of it", () => {
  it("what is not wished for is no wish, where something else is", () => {
    expect(tern("my wrist is sore", "I don't need an assessment, only tape").state.task).toMatchObject({ errand: "book", service: "taping" });
  });

  it("what is wished for in case is not needed once the first is kept", () => {
    const t = tern("taping with Tobias on Tuesday the 16th at nine", "otherwise Wednesday");
    expect(t.last).toMatch(/16 March at 9:00 am/);
  });

  it("a wish is heard beside the fear of being late", () => {
    const t = tern("My sister and I would like to do the mat class on Saturday but she may be late, is that fine?");
    expect(t.state.task).toMatchObject({ errand: "book", service: "mat-class", places: 2 });
    expect(tern("the mat class on Saturday", "yes, two", "Nia Bond", "902 555 0194", "yes").places).toEqual([2]);
  });

  it("the deed that was meant takes the place of the one that was said", () => {
    const t = tern("cancel my massage", "Ana Petrov", "oh no, I meant move", "902 555 0142", "Friday at noon", "yes");
    expect(t.was("a-ana")).toMatch(/^sports-massage 2027-03-05 12:00 joaquim booked/);
  });

  it("of two people who were named, she is the woman", () => {
    const t = tern(`Can I change from Joaquim to Nell on Thursday, ${ANA}`, "which hours has she got?");
    expect(t.state.outcomes).not.toContain("turned-away");
    expect(t.last).toMatch(/Thursday 4 March/);
  });

  it("but what is nobody's business stays so", () => {
    expect(tern("Is Nell in on Thursday?", "and what's her mobile number").last).not.toMatch(/555-?01|I have|Thursday/);
    expect(tern("Is Nell in on Thursday?", "is she married").state.outcomes).toContain("turned-away");
  });

  it("a part of the day is one where something is read back, and no greeting", () => {
    const t = skin("move my laser to the 10th, Aisyah Kamal 04 555 0143", "evening");
    expect(t.last).toMatch(/[5-7]:\d\d pm/);
  });
});

describe("danger", () => {
  it.each(["he fell off and he's not answering me", "my sister won't wake up"])("is heard: %s", (text) => {
    expect(yard(text).last).toMatch(/999/);
  });
});
