import { describe, expect, it } from "vitest";
import { read } from "../language/read.ts";
import { heldAt } from "../testing/held.ts";
import { NOW } from "../testing/play.ts";
import { setHouse } from "../testing/sets.ts";
import { epochMinOf } from "../time/zone.ts";

const tern = (...says: string[]) => heldAt("twelfth", "ternbay", "web", ...says);
const dentist = (...says: string[]) => heldAt("sixth", "birch", "web", ...says);
const feet = (...says: string[]) => heldAt("tenth", "larch", "web", ...says);
const barber = (...says: string[]) => heldAt("tenth", "kauri", "web", ...says);
const bikes = (...says: string[]) => heldAt("fourth", "shandon", "web", ...says);
const talks = (...says: string[]) => heldAt("twelfth", "protea", "web", ...says);
const skin = (...says: string[]) => heldAt("thirteenth", "tamarind", "web", ...says);
const riding = (...says: string[]) => heldAt("thirteenth", "burnside", "web", ...says);
const vet = (...says: string[]) => heldAt("eighth", "wattle", "web", ...says);
const mothers = (...says: string[]) => heldAt("twelfth", "poui", "web", ...says);
const photos = (...says: string[]) => heldAt("seventh", "quayside", "web", ...says);

type Waits = Parameters<typeof read>[1]["expects"];
const heard = (text: string, expects?: Waits, set: "twelfth" = "twelfth", key = "ternbay") => {
  const house = setHouse(set, key);
  return read(text, { house, now: epochMinOf(house.zone, NOW), ...(expects ? { expects } : {}) });
};
const errands = (text: string): string[] => heard(text).errands.map((e) => e.errand);
const yes = (text: string, expects?: Waits): boolean | undefined => {
  const f = heard(text, expects).found.find((x) => x.kind === "yes");
  return f?.kind === "yes" ? f.value : undefined;
};

describe("who tells of a need and names no service", () => {
  it("is asked about the one that it speaks for", () => {
    const t = dentist("a bit of my back tooth broke off, can I come in this week");
    expect(t.state.expects).toBe("service");
    expect(t.last).toMatch(/filling/);
  });

  it("and about a few where it speaks for a few, one of which they choose", () => {
    const t = photos("my mother has this wedding picture, it's torn and faded");
    expect(t.last).toMatch(/old picture repair/i);
    expect(t.last).not.toMatch(/harbour|passport/i);
  });

  it("and, where it speaks for none, about what anything new begins with", () => {
    expect(vet("can somebody see our goat on Thursday, she isn't herself").last).toMatch(/consultation/i);
    expect(skin("there's something the matter, can I come on Friday").last).toMatch(/skin consultation/i);
  });

  it("but about nothing where nothing is told", () => {
    expect(vet("I need an appointment on Thursday").last).not.toMatch(/consultation/i);
  });

  it("takes up what nobody could say before it", () => {
    const t = bikes("the gears jump when pedalling hard, what might that be", "could you have a look at it");
    expect(t.state.expects).toBe("service");
    expect(t.state.task).toMatchObject({ errand: "book", among: expect.anything() as unknown });
  });

  it("does not take up what was answered", () => {
    const t = dentist("is there parking for a van", "I'd like to book something please");
    expect(t.state.task).toMatchObject({ errand: "book" });
    expect(t.state.task).not.toHaveProperty("among");
  });

  it("goes on with it by a day, an hour, a question for times or a maybe", () => {
    for (const text of ["could you do Thursday", "is there anything after school", "what times have you got", "it might be, yes", "whichever you think"])
      expect(dentist("it's urgent, half my tooth is gone and it hurts, can I come in", text).state.task, text).toHaveProperty("service");
  });

  it("is asked the same again after a remark, and not which of all of them", () => {
    const t = dentist("it's urgent, half my tooth is gone and it hurts, can I come in", "it was a toffee");
    expect(t.last).toMatch(/toothache/i);
    expect(t.state.expects).toBe("service");
  });

  it("declines nothing by a no that tells more", () => {
    const t = tern("I twisted my ankle, can somebody take a look", "no, I can walk on it a bit");
    expect(t.state.task).toMatchObject({ among: ["assessment"] });
    expect(tern("I twisted my ankle, can somebody take a look", "no I don't know what it's called").state.task).toMatchObject({ errand: "book" });
  });

  it("is not asked again about what was declined", () => {
    const t = feet("my heel has been sore for months, can I see somebody", "no, not that");
    expect(t.state.task).toMatchObject({ errand: "book" });
    expect(t.last).not.toMatch(/Would that be for heel|Shall I look for a time for heel/i);
  });

  it("and none of several that were named hears what else there is", () => {
    const t = tern("I'd like a massage", "no, neither");
    expect(t.state.task).toMatchObject({ errand: "book" });
    expect(t.state.expects).toBe("service");
  });

  it("and has been there is not asked about a first visit", () => {
    const t = feet("we saw Dr. Ng last autumn, can he see my father again");
    expect(t.state.client.saysBefore).toBe(true);
    expect(t.last).not.toMatch(/new patient/i);
  });

  it("and is to come back is asked about what is for that", () => {
    expect(skin("Dr Menon said I have to come back and be seen again").last).toMatch(/follow-up/i);
  });

  it("and does not choose hears what each of them is", () => {
    const t = tern("I'd like a massage", "Thursday", "around noon");
    expect(t.last).toMatch(/Sports massage: |Relaxation massage: /);
  });
});

describe("a first visit or one for those who come back", () => {
  it("is told by whether they have been there, which is asked", () => {
    const t = tern("could I get physio on Thursday");
    expect(t.last).toMatch(/been (?:to us|here) before/i);
    expect(tern("could I get physio on Thursday", "yes I have").state.task).toMatchObject({ service: "follow-up" });
    expect(tern("could I get physio on Thursday", "no").state.task).toMatchObject({ service: "assessment" });
    expect(tern("could I get physio on Thursday", "no, it would be my first time").state.client.saysBefore).toBe(false);
  });

  it("may be named instead, and is asked by name where nothing tells it", () => {
    expect(tern("could I get physio on Thursday", "the follow-up").state.task).toMatchObject({ service: "follow-up" });
    expect(tern("could I get physio on Thursday", "in the morning").last).toMatch(/assessment or physiotherapy follow-up/i);
  });

  it("is known of who is known", () => {
    expect(tern("I'm new, could I get physio on Thursday").last).not.toMatch(/been (?:to us|here) before/i);
  });
});

describe("what is for two", () => {
  it("is not for somebody who comes alone", () => {
    const t = talks("I'd like to talk to someone about my marriage", "no, just me");
    expect(t.state.task).toMatchObject({ errand: "book" });
    expect(t.state.task).not.toHaveProperty("service");
  });
});

describe("to talk to someone", () => {
  it("is what people come for where talking is what the house does", () => {
    expect(talks("could I speak with someone about my drinking").state.task).toMatchObject({ errand: "book" });
  });

  it("is a person of the house elsewhere, or about what has been arranged", () => {
    expect(tern("could I speak with someone about my shoulder").state.task).not.toMatchObject({ errand: "book" });
    expect(talks("could I speak with someone about my bill").state.task).not.toMatchObject({ errand: "book" });
  });

  it("is a visit where it is somebody who can see them", () => {
    expect(errands("is there anybody who could see my mother")).toEqual(["book"]);
    expect(errands("can I speak to a real person")).toEqual(["person"]);
  });
});

describe("a stretch of days", () => {
  it("holds a weekday that is named after it", () => {
    const t = mothers("a pregnancy check, some day next week", "Thursday then");
    expect(t.last).toMatch(/11 March/);
    expect(mothers("a pregnancy check, some day next week", "Thursday then", "or Tuesday").last).toMatch(/9 March/);
  });

  it("and another one takes its place", () => {
    const t = mothers("a pregnancy check, some day next week", "sorry, this week", "Thursday");
    expect(t.last).toMatch(/4 March/);
  });

  it("does not hold a weekday that it has not", () => {
    const t = mothers("a pregnancy check, Monday to Wednesday next week", "what about Friday");
    expect(t.last).toMatch(/\b5 March/);
    expect(t.last).not.toMatch(/12 March/);
  });
});

describe("what stands", () => {
  it.each(["my son has acupuncture on Thursdays at four", "I'm ringing about my massage on Friday", "we've got something in our calendar for the 9th"])(
    "is found first where it is told of: %s",
    (text) => {
      expect(errands(text)).toEqual(["ask-mine"]);
    },
  );

  it.each(["I've a massage on Friday and can't make it", "so I have a follow-up Tuesday I think? won't be able to do it sadly"])(
    "is to be cancelled by who cannot keep it: %s",
    (text) => {
      expect(errands(text)).toEqual(["cancel"]);
    },
  );

  it("is no possession of somebody's", () => {
    expect(errands("my husband's knee needs acupuncture, Monday the 8th")).toEqual(["book"]);
  });

  it("is meant at the go-ahead by who wants theirs at another time, once they hear that there would be two", () => {
    const own = ["acupuncture on Tuesday the 9th at 9:30", "Ana Petrov, 902 555 0142"];
    const t = tern(...own, "no, can you change my Thursday appointment");
    expect(t.state.task).toMatchObject({ errand: "move" });
  });
});

describe("a message that was offered", () => {
  const asked = ["may I pitch a tent there overnight"];

  it("is taken with a yes, or with who they are", () => {
    expect(riding(...asked, "yes please").state.task).toMatchObject({ errand: "message", text: "may I pitch a tent there overnight" });
    const t = riding(...asked, "Owen Pugh, 01241 555177");
    expect(t.slips).toHaveLength(1);
    expect(t.slips[0]).toMatchObject({ name: "Owen Pugh", text: expect.stringContaining("tent") as unknown });
  });

  it.each(["ok so what about my son, he's nine", "a jumping lesson then", "ten", "right, well, my back is sore from the last time"])(
    "is not taken by what speaks of something else: %s",
    (text) => {
      expect(riding(...asked, text).state.task ?? {}).not.toMatchObject({ text: expect.stringContaining(text) as unknown });
    },
  );
});

describe("an emergency", () => {
  it("holds for whoever asks next what to do", () => {
    const t = vet("he's swallowed rat poison", "should we drive over now");
    expect(t.last).toMatch(/animal hospital|straight in/i);
    expect(t.state.task).toBeNull();
  });

  it("does not hold for what is wished later", () => {
    expect(vet("he's swallowed rat poison", "ok", "can I book a nail clip on Thursday").state.task).toMatchObject({ errand: "book" });
  });

  it("that only sounds like one is answered with what to do, once, and the rest of it is heard", () => {
    const t = heldAt("first", "lumen", "web", "she's having one of her turns, and we've lost her glasses", "would Tuesday be any use");
    expect(t.each[0]).toMatch(/if that was an emergency|in case it is an emergency/i);
    expect(t.state.task).toMatchObject({ errand: "book" });
    expect(t.slips).toEqual([]);
    expect(t.each[1]).not.toMatch(/emergency/i);
  });

  it("is one where a word of a danger is said", () => {
    for (const text of ["my father has gone grey and can't breathe", "she's bleeding and it won't stop", "he fell on his head and he's confused"])
      expect(heard(text).emergency, text).toBe(true);
  });

  it("is no tree that fell on a fence, though somebody who fell may be one", () => {
    expect(heard("the neighbour's shed fell on our hedge and they won't pay").emergency).toBe(false);
    expect(heard("my mother fell off a ladder and can't move").emergency).toBe(true);
  });

  it("is no broken thing", () => {
    expect(heard("the arm of my glasses snapped and they keep dropping off", undefined).emergency).toBe(false);
    expect(heard("my watch strap broke and it won't stay on my wrist", undefined).emergency).toBe(false);
  });
});

describe("what was booked", () => {
  it("is nothing yet while hours are offered", () => {
    const t = tern("taping on Friday", "hold on, what have I just booked");
    expect(t.last).toMatch(/nothing is booked|nothing yet/i);
    expect(t.state.expects).toBe("slot");
  });

  it("is what times there are that was asked again, not something unknown", () => {
    const t = tern("taping on Friday", "and which times would that be");
    expect(t.last).toMatch(/5 March/);
    expect(t.state.task).toMatchObject({ errand: "book" });
  });

  it("takes as long as it takes", () => {
    expect(tern("taping on Friday", "how long will that appointment be").last).toMatch(/minutes|hour/);
  });
});

describe("somebody who was asked about", () => {
  it("is had by a pronoun", () => {
    const t = barber("is Dulcie in on Wednesday", "can I have her at 11 for a haircut");
    expect(t.state.task).toMatchObject({ staff: ["dulcie"] });
  });

  it("and who does not do it is told so", () => {
    expect(barber("is Anders in on Wednesday", "could I get him for a skin fade then").last).toMatch(/doesn't do skin fade/);
  });

  it("is nobody who is for somebody: 'get her a facial'", () => {
    const spoken = (...says: string[]) => tern("is Nell in on Thursday", ...says).reasons.some((r) => r.what === "read" && r.rule === "staff/spoken-of");
    expect(spoken("can I get her on Friday")).toBe(true);
    expect(spoken("can I get her a voucher")).toBe(false);
  });

  it("is named where nobody of the kind that is wished for does it", () => {
    expect(talks("the sleep programme with a man please", "next week").last).toMatch(/only Grace|Nobody but Grace/);
  });
});

describe("who was told to book", () => {
  it.each([
    "your colleague asked me to phone again and book",
    "my doctor said I should make an appointment with you",
    "they told us to come back to arrange a visit",
  ])("wishes for a visit: %s", (text) => {
    expect(errands(text)).toEqual(["book"]);
  });
});

describe("a question after a word of agreement", () => {
  it("is a question all the same", () => {
    const t = tern("what is acupuncture", "cool, may my dog lie under the table");
    expect(t.last).not.toMatch(/^(?:What can I do|How can I help)/);
  });
});

describe("numbered questions", () => {
  it("are each heard, every letter where it was", () => {
    const r = heard("1) what is acupuncture for 2) how much is it");
    expect(r.errands.map((e) => e.errand)).toEqual(["ask-service", "ask-price"]);
    const f = r.found.find((x) => x.kind === "service");
    expect(r.text.slice(f?.start, f?.end)).toBe("acupuncture");
  });

  it("are not made of other numbers", () => {
    expect(heard("can we come at 1 is that ok, or 2 would do").masked).not.toMatch(/\./);
    expect(heard("3 do you open 4 what is it").masked).not.toMatch(/\. /);
  });
});

describe("small words", () => {
  it("are written without their apostrophes as with them", () => {
    expect(errands("i cant make it on friday, sorry")).toEqual(errands("i can't make it on friday, sorry"));
    expect(heard("im there, dont worry").said).toBe("i'm there, don't worry");
  });

  it("tell what somebody did from a day", () => {
    expect(heard("she's never sat on one").found.filter((f) => f.kind === "day")).toEqual([]);
    for (const text of ["is there anything sat", "just sat please"])
      expect(
        heard(text).found.filter((f) => f.kind === "day"),
        text,
      ).toHaveLength(1);
  });

  it("tell a half of the day by am and pm, and not by 'am I'", () => {
    const time = (text: string) => heard(text).found.find((f) => f.kind === "time")?.value;
    expect(time("thursday pm please")).toMatchObject({ kind: "span", fromMin: 720 });
    expect(time("tomorrow am")).toMatchObject({ kind: "span", toMin: 720 });
    expect(time("I'm down for the 8th am I")).toBeUndefined();
  });

  it("tell an hour that is asked about from one that is about", () => {
    const kind = (text: string) => {
      const f = heard(text, "slot").found.find((x) => x.kind === "time");
      return f?.kind === "time" ? f.value.kind : undefined;
    };
    expect(kind("what about 11")).toBe("at");
    expect(kind("how about half three")).toBe("at");
    expect(kind("about 11")).toBe("around");
    expect(kind("at like 11")).toBe("around");
  });

  it("say no where something is not to be done, and not where somebody is not to be rung", () => {
    expect(yes("ok but don't book it yet")).toBe(false);
    expect(yes("she's at work so don't ring her")).toBeUndefined();
  });

  it("open a question without a mark: 'wait, what is that'", () => {
    expect(yes("wait what is that one for")).toBeUndefined();
    expect(yes("wait, not that one")).toBe(false);
  });

  it("choose what lies nearest of what was offered", () => {
    const pick = (text: string) => heard(text, "slot").found.find((f) => f.kind === "choice")?.value;
    expect(pick("the closest one please")).toBe("first");
    expect(heard("what's the nearest bus stop").found.filter((f) => f.kind === "choice")).toEqual([]);
  });

  it("are no name: 'whoever is free'", () => {
    expect(heard("whoever's free", "name").found.filter((f) => f.kind === "name")).toEqual([]);
  });
});

describe("a day that was asked about", () => {
  it("and an hour ask for room rather than when the house is open", () => {
    expect(errands("could I nip in at lunchtime tomorrow")).toEqual(["ask-availability"]);
    expect(errands("are you open at lunchtime tomorrow")).toEqual(["ask-hours"]);
  });
});

describe("people", () => {
  const who = (text: string): unknown[] =>
    heard(text, "slot", "twelfth", "poui")
      .found.filter((f) => f.kind === "staff")
      .map((f) => f.kind === "staff" && f.value);

  it("are meant by their family name, unless it stands after another's given name", () => {
    for (const text of ["see Ramkissoon on Friday", "with ramkissoon please", "Dr Ramkissoon"]) expect(who(text), text).toEqual([["anjali"]]);
    for (const text of ["Hema Ramkissoon, 868 555 0140", "it's for Marvin Charles"]) expect(who(text), text).toEqual([]);
  });

  it("are told of where it is asked whether they are still there", () => {
    const t = tern("do you still have Tobias, he did my knee");
    expect(t.last).toMatch(/Tobias/);
    expect(t.state.task).toBeNull();
    expect(tern("do you have Tobias on Friday").each.join(" ")).not.toMatch(/That I can't tell you/);
  });

  it("who were seen some time ago make nobody new", () => {
    expect(tern("do you still have Tobias", "I saw him a few years ago, can he see me again").state.client.saysBefore).toBe(true);
  });

  it("who go on with one service after asking about another mean the other", () => {
    const t = riding("we want something nice for our anniversary, neither of us rides", "ooh, the carriage, how many fit in", "it's only us two");
    expect(t.state.task).toMatchObject({ errand: "book", service: "carriage" });
  });
});

describe("one more of several kinds", () => {
  it("comes after what is being booked, and which kind is asked when it is its turn", () => {
    const t = tern("taping on Friday at 11", "Ana Petrov, 902 555 0142", "and could I get a massage after", "yes");
    expect(t.booked).toEqual(["taping 2027-03-05 11:00 maren"]);
    expect(t.last).toMatch(/sports massage or relaxation massage/i);
    expect(t.state.task).toMatchObject({ errand: "book", among: ["sports-massage", "relaxation-massage"] });
  });
});

describe("a question that a line may be meant by", () => {
  const asked = ["ten of them on a slip?"];
  const line = /ten lesson card/i;

  it("is asked back in the house's own words, and answered with a yes", () => {
    const t = riding(...asked);
    expect(t.last).toMatch(line);
    expect(t.last).not.toMatch(/£290/);
    expect(t.state.outcomes).not.toContain("answered");
    const after = riding(...asked, "yes");
    expect(after.last).toMatch(/£290/);
    expect(after.state.outcomes).toContain("answered");
    expect(after.state.task).toBeNull();
  });

  it("is offered to be passed on with a no, and is not asked back again", () => {
    const t = riding(...asked, "no, not that");
    expect(t.last).toMatch(/pass (?:it|the question) on/);
    expect(riding(...asked, "no, not that", "no thanks", ...asked).last).not.toMatch(line);
  });

  it("gives way to what is asked or wished instead", () => {
    expect(riding(...asked, "what does a jumping lesson cost").last).toMatch(/48/);
    expect(riding(...asked, "a jumping lesson on Saturday please").state.task).toMatchObject({ errand: "book", service: "jump" });
  });

  it("leaves what was being booked where it was", () => {
    const t = riding("a jumping lesson on Saturday please", "does anybody slide off", "yes");
    expect(t.last).toMatch(/insured with us/);
    expect(t.state.task).toMatchObject({ errand: "book", service: "jump" });
  });
});
