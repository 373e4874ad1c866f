import { describe, expect, it } from "vitest";
import { read } from "../language/read.ts";
import { heldAt } from "../testing/held.ts";
import { NOW } from "../testing/play.ts";
import { setHouse } from "../testing/sets.ts";
import { epochMinOf } from "../time/zone.ts";

const tern = (...says: string[]) => heldAt("twelfth", "ternbay", "web", ...says);
const phone = (...says: string[]) => heldAt("twelfth", "ternbay", "phone", ...says);
const barber = (...says: string[]) => heldAt("tenth", "kauri", "web", ...says);
const feet = (...says: string[]) => heldAt("tenth", "larch", "web", ...says);
const books = (...says: string[]) => heldAt("fifth", "sorrel", "web", ...says);
const beauty = (...says: string[]) => heldAt("ninth", "foxglove", "web", ...says);
const talks = (...says: string[]) => heldAt("twelfth", "protea", "web", ...says);
const rules = (t: ReturnType<typeof tern>): string[] => t.reasons.flatMap((r) => (r.what === "rule" ? [r.rule] : []));

const heard = (text: string, expects?: "slot" | "name" | "name-check" | "go-ahead" | "length") => {
  const house = setHouse("twelfth", "ternbay");
  return read(text, { house, now: epochMinOf(house.zone, NOW), ...(expects ? { expects } : {}) });
};
const kinds = (text: string, expects?: "slot" | "name" | "name-check" | "go-ahead" | "length"): string[] => heard(text, expects).found.map((f) => f.kind);
const name = (text: string, expects: "slot" | "name" | "name-check" | "length"): unknown => heard(text, expects).found.find((f) => f.kind === "name")?.value;

describe("one more thing at the same visit", () => {
  const cut = ["a haircut on Thursday at 11", "Rangi Cole, 03 555 0144"];

  it.each(["could you pop a beard trim on the end", "oh, and add a beard trim please", "can I get a beard trim in the same go"])(
    "comes right after it, and takes nothing's place: %s",
    (text) => {
      const t = barber(...cut, text, "yes", "yes", "yes");
      expect(t.booked).toHaveLength(2);
      expect(t.booked[0]).toMatch(/^cut 2027-03-04 11:00/);
      expect(t.booked[1]).toMatch(/^beard 2027-03-04 11:30/);
    },
  );

  it("takes its place where it is wanted instead", () => {
    const t = barber(...cut, "actually a beard trim instead please", "yes");
    expect(t.booked).toHaveLength(1);
    expect(t.booked[0]).toMatch(/^beard /);
  });

  it("is answered, and not booked, where it is only asked about", () => {
    const t = barber(...cut, "what does a beard trim cost as well");
    expect(t.state.later).toEqual([]);
    expect(t.last).toMatch(/20/);
  });

  it("is wished for right after what has been booked", () => {
    const t = barber(...cut, "yes", "could I have a beard trim in the same visit");
    expect(t.state.task).toMatchObject({ errand: "book", service: "beard" });
    expect(t.last).toMatch(/11:30/);
  });
});

describe("who they are, told while hours are offered", () => {
  it("is kept and said to be, and it is asked again which", () => {
    const t = tern("taping on Friday", "Imke Sommer, 902 555 0133");
    expect(t.state.client.name).toBe("Imke Sommer");
    expect(rules(t)).toContain("slot/who-they-are");
    expect(t.state.expects).toBe("slot");
    expect(tern("taping on Friday", "Imke Sommer, 902 555 0133", "the first").last).toMatch(/Shall I book/);
  });

  it("takes the one that was offered by itself", () => {
    const t = tern("a mat class on Thursday", "Imke Sommer, 902 555 0133");
    expect(t.state.task).toMatchObject({ hold: {} });
  });

  it.each([
    ["doris kettlewell", "Doris Kettlewell"],
    ["Min Li Tan", "Min Li Tan"],
    ["joan park, 902 555 0150", "Joan Park"],
  ])("is a name in small letters and beside a number too: %s", (text, whole) => {
    expect(name(text, "slot")).toBe(whole);
  });

  it.each(["ring me on 902 555 0150", "later please", "two thirty", "Whichever Suits"])("is no name: %s", (text) => {
    expect(name(text, "slot")).toBeUndefined();
  });
});

describe("one day or another, each with its own hour", () => {
  it("is the first where it can be had", () => {
    expect(tern("taping, Tuesday at nine or Thursday at four", "Imke Sommer 902 555 0133", "yes").booked[0]).toMatch(/^taping 2027-03-02 09:00/);
  });

  it("is the other where the first cannot", () => {
    const t = tern("taping, Sunday at nine or Thursday at eleven");
    expect(t.last).toMatch(/Thursday 4 March at 11/);
    expect(t.state.task).toMatchObject({ hold: {} });
    expect(tern("taping, Sunday at nine or Thursday at eleven", "Imke Sommer 902 555 0133", "yes").booked[0]).toMatch(/^taping 2027-03-04 11:00/);
  });

  it("is forgotten once another day is wished for", () => {
    expect(tern("taping, Sunday at nine or Sunday week at four").state.task).toHaveProperty("wish.orElse");
    const t = tern("taping, Sunday at nine or Sunday week at four", "Friday then");
    expect(t.state.task).not.toHaveProperty("wish.orElse");
  });
});

describe("with whom it is", () => {
  it.each(["hang on, is that with Priya", "wait will it be with Priya?"])("is told, and what is kept stays: %s", (text) => {
    const t = tern("taping with Tobias on Thursday at nine", text);
    expect(t.last).toMatch(/with Tobias/);
    expect(t.state.task).toMatchObject({ hold: { offer: { staff: "tobias" } } });
  });
});

describe("who wants no visit", () => {
  it("lets go of it, and what they ask is heard by itself", () => {
    const t = feet("my heel hurts when I get up", "I'm not looking to book, where are you exactly?");
    expect(t.state.task).toBeNull();
    expect(t.last).toMatch(/Larch/);
  });

  it("is told that nothing is booked, where they ask nothing", () => {
    const t = feet("my heel hurts when I get up", "no, I don't want to make an appointment");
    expect(t.state.task).toBeNull();
    expect(t.last).toMatch(/anything else/i);
  });

  it("is none who names a day they do not want", () => {
    expect(tern("taping on Thursday", "I don't want to come in on Thursday, Friday").state.task).toMatchObject({ errand: "book" });
  });
});

describe("a call back", () => {
  it("at an hour that is said before the name is no visit", () => {
    const t = feet("could Renata phone me", "Thursday after two", "Gus Marden", "312 555 0171");
    expect(t.booked).toEqual([]);
    expect(t.slips[0]?.text).toMatch(/Thursday after two/);
    expect(t.slips[0]?.name).toBe("Gus Marden");
  });
});

describe("instead of a message that was offered", () => {
  it("somebody by name, and when, are a visit", () => {
    const t = barber("do you believe in ghosts, and is there a car wash", "fine, I want Dulcie, Saturday, in the morning");
    expect(t.state.task?.errand).toBe("book");
  });

  it("a no with a wish after it is one", () => {
    const t = tern("can you give me a discount on taping", "no thanks. book me one on Friday");
    expect(t.state.task).toMatchObject({ errand: "book" });
  });
});

describe("a word of a deed", () => {
  it("is no service that is called like it", () => {
    const t = books("bookkeeping check on Thursday at ten", "Otis Bell 555 0137", "yes book");
    expect(t.booked).toHaveLength(1);
    const other = books("help with a tax letter on Thursday", "yes book");
    expect(other.state.task).toMatchObject({ service: expect.stringMatching(/letter/) as string });
  });
});

describe("two who come together", () => {
  it.each(["my wife and I argue all the time and it wears us out", "can we come, the two of us"])("are asked whether it is what is for two: %s", (text) => {
    expect(talks(text).last).toMatch(/couples session/i);
  });

  it("have what they name", () => {
    expect(talks("my wife and I want a first talk").state.task).toMatchObject({ service: expect.not.stringMatching(/couple/) as string });
  });
});

describe("a number after a weekday", () => {
  const days = (text: string) => heard(text).found.flatMap((f) => (f.kind === "day" ? [f.value] : []));

  it("is its date where the house is shut at such an hour", () => {
    expect(kinds("taping sat 6")).not.toContain("time");
    expect(days("taping sat 6")).toEqual(days("taping on the 6th"));
  });

  it("is its date where another hour is said", () => {
    expect(days("friday 12, in the morning")).toEqual(days("on the 12th"));
    expect(kinds("friday 12, in the morning").filter((k) => k === "time")).toHaveLength(1);
  });

  it("is an hour else", () => {
    expect(kinds("thursday 3")).toContain("time");
    expect(days("thursday 3")).toEqual(days("on thursday"));
  });

  it("is an hour where no such day has that date", () => {
    expect(kinds("sat 9, not too late")).toContain("time");
  });
});

describe("spoken words without full stops", () => {
  const yes = (text: string, expects: "go-ahead" | "name-check"): unknown => heard(text, expects).found.find((f) => f.kind === "yes")?.value;

  it.each([
    ["my neighbour swears by you that works", true],
    ["it has been raining all day go ahead please", true],
    ["my neighbour swears by you no thank you", false],
    ["it has been raining all day not really sorry", false],
    ["i'm afraid not", false],
  ])("answer at their end: %s", (text, value) => {
    expect(yes(text, "go-ahead")).toBe(value);
  });

  it("that tell of others are no go-ahead", () => {
    const t = tern("taping on Friday at ten", "Imke Sommer 902 555 0133", "my uncle said I should come to you");
    expect(t.booked).toEqual([]);
  });

  it.each([
    ["it's dora winfield nine oh two five", "Dora Winfield"],
    ["the bookings is for dora winfield", "Dora Winfield"],
    ["lorna pryce", "Lorna Pryce"],
  ])("hold a name and no more than it: %s", (text, whole) => {
    expect(name(text, "name")).toBe(whole);
  });

  it.each(["nope not really", "share please", "stay"])("are no other name where one was read back: %s", (text) => {
    expect(name(text, "name-check")).toBeUndefined();
  });

  it("that are digits are no hour", () => {
    expect(kinds("mine is five five five oh one double four")).not.toContain("time");
    expect(kinds("could do it at five")).toContain("time");
  });
});

describe("a number by ear", () => {
  const asked = ["taping on thursday at nine", "imke sommer", "yes"];

  it("that ends with a nought and is a digit short is read back with one more", () => {
    const t = phone(...asked, "nine oh two five five five oh one oh");
    expect(t.state.client.phone).toBe("+19025550100");
    expect(t.state.expects).toBe("phone-check");
    expect(t.last).toMatch(/902 555 0100/);
  });

  it("is asked for again where that was not it", () => {
    const t = phone(...asked, "nine oh two five five five oh one oh", "no");
    expect(t.state.client.phone).toBeUndefined();
    expect(t.state.expects).toBe("phone");
    const again = phone(...asked, "nine oh two five five five oh one oh", "no", "nine oh two five five five oh one oh");
    expect(again.last).toMatch(/9 digits/);
  });

  it("is not made longer in writing, nor where it would be no number", () => {
    expect(tern(...asked, "902 555 010").state.client.phone).toBeUndefined();
    expect(phone(...asked, "five five five oh").state.client.phone).toBeUndefined();
  });

  it("begins with no 0 or 1 where one dials 1 before it", () => {
    expect(kinds("190 255 5010")).not.toContain("phone");
    expect(kinds("1 902 555 0100")).toContain("phone");
  });

  it("beside a goodbye that was misheard is one", () => {
    const t = phone("taping on thursday at nine", "imke sommer", "goodbye nine oh two five five five oh one two six");
    expect(t.state.status).toBe("open");
    expect(t.state.client.phone).toBe("+19025550126");
  });
});

describe("what somebody cannot do", () => {
  it.each([
    "my wife can't turn her head to the left",
    "my aunt can no longer crouch to weed her garden",
    "he fell off his bike last week and his elbow is swollen",
  ])("is seen to, and no emergency: %s", (text) => {
    expect(heard(text).emergency).toBe(false);
  });

  it.each(["my uncle has just fallen and can't get up", "she can't lift her arm and her face droops", "he fell in the bath and isn't moving"])(
    "is one where it is of this moment: %s",
    (text) => {
      expect(heard(text).emergency).toBe(true);
    },
  );
});

describe("what else", () => {
  it("the ten one is the one at ten, whatever was said before it", () => {
    expect(heard("people speak well of this place I'll take the ten one", "slot").found.map((f) => f.kind)).toContain("time");
  });

  it("a price is told beside hours that were offered", () => {
    const t = tern("taping on Friday", "price of a mat class please");
    expect(t.last).toMatch(/\$/);
    expect(t.state.expects).toBe("slot");
  });

  it("half 5 is half past five, as half five is", () => {
    expect(heard("half 5", "slot").found).toMatchObject([{ kind: "time", value: { at: { hour: 5, minute: 30 } } }]);
  });

  it("a week on Wednesday is so without its article", () => {
    const day = (text: string) => heard(text).found.find((f) => f.kind === "day")?.value;
    expect(day("i could do week on wednesday")).toEqual(day("a week on wednesday"));
  });

  it("no, leave it, while a number is read back, leaves all of it", () => {
    const t = phone("when is my massage", "ana petrov", "nine oh two five five five oh one four nine", "no, leave it then");
    expect(t.state.task).toBeNull();
  });

  it("what else there is that day are other hours", () => {
    const first = tern("taping on Friday");
    const more = tern("taping on Friday", "is there anything else on Friday");
    expect(more.last).toMatch(/Friday 5 March|\d:\d\d/);
    expect(more.choices).not.toEqual(first.choices);
  });

  it("is that something you do is answered of what was told", () => {
    expect(feet("my dad can't reach his toenails any more, is that something you can help with?").last).toMatch(/nail/i);
  });

  it("of two services that are named, each is told apart before one is chosen", () => {
    expect(beauty("a manicure, or gel nails, which takes longer").reasons.flatMap((r) => (r.what === "rule" ? [r.rule] : []))).toContain("answer/compared");
  });
});

describe("what is no name", () => {
  it.each(["put me through", "there", "share", "right do it"])("%s", (text) => {
    expect(name(text, "name")).toBeUndefined();
  });

  it.each([
    ["rose", "Rose"],
    ["odile", "Odile"],
  ])("but %s is", (text, whole) => {
    expect(name(text, "name")).toBe(whole);
  });
});

describe("whose name", () => {
  it("is theirs who book, and of the one who comes where that is somebody else", () => {
    const own = tern("taping on Friday at ten", "my name or the kid's?");
    expect(own.last).toMatch(/^(?:Yours|Your own)/);
    expect(own.state.expects).toBe("name");
    const other = tern("a relaxation massage of an hour for my father on Friday at eleven", "mine or his?");
    expect(other.last).toMatch(/comes/);
    expect(other.state.expects).toBe("name");
  });
});

describe("other people's hours", () => {
  const time = (text: string) => heard(text).found.flatMap((f) => (f.kind === "time" ? [f.value] : []));

  it("bound the visit, and are none of its own", () => {
    expect(time("in the morning, the baby naps at eleven")[1]).toMatchObject({ kind: "until", at: { hour: 11 } });
    expect(time("he gets up at ten")).toMatchObject([{ kind: "from", at: { hour: 10 } }]);
  });
});

describe("a visit that is over", () => {
  it("gives no day to the next", () => {
    expect(kinds("I was there on friday")).not.toContain("day");
    expect(kinds("I want to be there on friday")).toContain("day");
  });

  it("tells that they have been there, as does who is asked to come back", () => {
    const t = tern("physio please, Tobias told me to come back in a week");
    expect(t.state.task).toMatchObject({ service: "follow-up" });
  });
});

describe("once an hour is kept", () => {
  it.each(["or even earlier", "or earlier"])("an earlier one is looked for: %s", (text) => {
    const t = tern("taping on Friday at eleven", text);
    expect(t.state.task).toMatchObject({ wish: { days: {} } });
    expect(t.state.expects).toBe("slot");
    expect(t.choices.every((c) => !/11:00/.test(c))).toBe(true);
  });

  it("is with whom it was booked with", () => {
    const t = tern("taping with Tobias on Thursday at nine", "Imke Sommer 902 555 0133", "yes", "oh, is that with Maren?");
    expect(t.last).toMatch(/with Tobias/);
  });
});

describe("somebody else", () => {
  const ana = "Ana Petrov, 902 555 0142";

  it("than the one it is with, where that is all that is said", () => {
    const t = tern(`could somebody other than Joaquim do my massage? ${ana}`, "yes");
    expect(t.was("a-ana")).toMatch(/^sports-massage 2027-03-04 14:00 (?!joaquim)\w+ booked$/);
  });

  it("is a woman, where one is asked for", () => {
    const t = tern(`I'd like a woman instead of Joaquim for my massage, ${ana}`, "yes");
    expect(t.was("a-ana")).toMatch(/^sports-massage 2027-03-04 14:00 nell booked$/);
  });
});

describe("how many come to what is booked", () => {
  it.each(["I'm booked in for the class on Saturday for two and it'll be just one", "there'll be four of us now instead of three"])(
    "is for the desk to change: %s",
    (text) => {
      const t = tern(text);
      expect(t.state.task).toMatchObject({ errand: "message", offered: text });
    },
  );

  it("is no such thing where a visit is begun", () => {
    expect(tern("a mat class on Thursday, we'll be two").state.task).toMatchObject({ errand: "book" });
  });
});

describe("who has a visit and something came between", () => {
  it.each(["I've got an appointment tomorrow but I'm down with a cold", "we have a visit on Thursday but the car has broken down"])(
    "gives it up: %s",
    (text) => {
      expect(heard(text).errands.map((e) => e.errand)).toEqual(["cancel"]);
    },
  );

  it.each(["I have an appointment on Thursday but can't remember when", "I have an appointment on Thursday but I need another one on Friday"])(
    "does not, where something is asked or wished: %s",
    (text) => {
      expect(heard(text).errands.map((e) => e.errand)).not.toContain("cancel");
    },
  );
});

describe("in the middle of booking", () => {
  it("the latest they have is the end of the day", () => {
    expect(kinds("the latest you've got on Thursday")).toContain("time");
    expect(tern("taping on Thursday, the latest you have").choices.join(" ")).toMatch(/[4-6]:\d\d pm/);
  });

  it("just one place is left of two, where one cannot come", () => {
    const t = tern("a mat class on Thursday for two", "oh, only me after all");
    expect(t.state.task).toMatchObject({ errand: "book", places: 1 });
  });

  it("nobody else does it, and that is said", () => {
    const t = tern("acupuncture on Thursday", "but not with Priya");
    expect(t.last).toMatch(/only Priya|Nobody but Priya/);
    expect(t.choices.length).toBeGreaterThan(0);
  });

  it("is that a problem asks of no house", () => {
    expect(tern("a mat class on Thursday", "I'm on crutches, is that a problem?").last).not.toMatch(/This is Tern Bay/);
    expect(tern("hello, is this the clinic?").last).toMatch(/Tern Bay/);
  });
});
