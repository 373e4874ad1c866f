import { describe, expect, it } from "vitest";
import { heldAt, heldFrom } from "../testing/held.ts";
import { isoOfDay } from "../time/days.ts";
import { clockText } from "../time/zone.ts";

const tern = (...says: string[]) => heldAt("fourteenth", "ternbay", "web", ...says);
const driving = (...says: string[]) => heldAt("second", "ribble", "web", ...says);
const bikes = (...says: string[]) => heldAt("fourth", "shandon", "web", ...says);
const tax = (...says: string[]) => heldAt("fifth", "sorrel", "web", ...says);
const dental = (...says: string[]) => heldAt("sixth", "birch", "web", ...says);
const photos = (...says: string[]) => heldAt("seventh", "quayside", "web", ...says);
const garage = (...says: string[]) => heldAt("eighth", "baobab", "web", ...says);
const legal = (...says: string[]) => heldAt("ninth", "pinyon", "web", ...says);
const barber = (...says: string[]) => heldAt("tenth", "kauri", "web", ...says);
const travel = (...says: string[]) => heldAt("eleventh", "gorse", "web", ...says);
const talks = (...says: string[]) => heldAt("twelfth", "protea", "web", ...says);

const optician = (...says: string[]) => heldAt("first", "lumen", "web", ...says);
const hearing = (...says: string[]) => heldAt("third", "ocotillo", "web", ...says);
const beauty = (...says: string[]) => heldAt("ninth", "foxglove", "web", ...says);

const wallOf = (t: ReturnType<typeof tern>, startMin: number): string => {
  const w = t.house.zone.toLocal(startMin);
  return `${isoOfDay(w.day)} ${clockText(w.minute)}`;
};
/** When what is kept for them begins. */
const heldOn = (t: ReturnType<typeof tern>): string => {
  const task = t.state.task;
  return task?.errand === "book" && task.hold ? wallOf(t, task.hold.offer.startMin) : "";
};
/** The hours that are offered, each once. */
const hoursOf = (t: ReturnType<typeof tern>): string[] => {
  const task = t.state.task;
  return task?.errand === "book" ? [...new Set(task.offered.map((o) => wallOf(t, o.startMin).slice(11)))] : [];
};
const daysOf = (t: ReturnType<typeof tern>): number[] => {
  const task = t.state.task;
  return task?.errand === "book" ? [...new Set(task.offered.map((o) => t.house.zone.toLocal(o.startMin).day))] : [];
};
/** 1 March 2027, as days are counted. */
const MARCH = 20_877;

describe("a day of something else", () => {
  it("is none to come on, where it is only expected", () => {
    const t = photos("my sister is due on 20 March, can I book a newborn session");
    expect(t.state.task).toMatchObject({ errand: "book", service: "newborn" });
    expect(t.state.task?.errand === "book" && t.state.task.wish.days).toBeUndefined();
  });

  it("is the end of the days for what is needed before it", () => {
    const t = driving("my test is on the 12th, could I have manual lessons with Gwen, two hours");
    expect(daysOf(t).length).toBeGreaterThan(0);
    expect(daysOf(t).every((d) => d < MARCH + 12)).toBe(true);
    expect(t.state.task).toMatchObject({ errand: "book", service: "manual" });
  });

  it("and for who goes away", () => {
    const t = travel("we're flying to Lima on the 19th, I'd like a travel consultation");
    expect(daysOf(t).length).toBeGreaterThan(0);
    expect(daysOf(t).every((d) => d < MARCH + 19)).toBe(true);
  });

  it("is that of a visit where it is moved", () => {
    expect(driving("Noor Siddiqui 01632 960147, my lesson's on the 10th, can we move it to the 11th").last).toMatch(/11 March/);
  });
});

describe("a thing of theirs", () => {
  it("that they need back by an hour is no other service", () => {
    const t = garage("I'd like a brake repair", "Friday would do, but I have to have the car back by two");
    expect(t.state.task).toMatchObject({ errand: "book", service: "brakes" });
    expect(daysOf(t)).toEqual([MARCH + 5]);
  });

  it("is another service where that is asked for", () => {
    expect(garage("I'd like a brake repair", "no, a car cleaning rather").state.task).toMatchObject({ errand: "book", service: "valet" });
    expect(garage("I'd like a brake repair on Friday", "can I have the cleaning instead").state.task).toMatchObject({ service: "valet" });
  });
});

describe("what is left out", () => {
  it("is let go, and what is said besides is heard", () => {
    const t = bikes("I'd like to book wheel building for Friday", "let's forget the wheel for now. a puncture repair on Thursday please");
    expect(t.state.task).toMatchObject({ errand: "book", service: "puncture" });
  });

  it("ends what was begun, where it was all", () => {
    const t = bikes("I'd like to book wheel building for Friday", "actually skip the wheel this time");
    expect(t.state.task).toBeNull();
  });

  it("and what somebody has stays as it is", () => {
    const t = dental("Hamish Tulloch, 01632 960142, cancel my filling", "yes", "please leave the clean as it is");
    expect(t.last).toMatch(/stays as it is/);
    expect(t.state.outcomes).toEqual(["cancelled"]);
  });
});

describe("of what was offered or named", () => {
  it("this Wednesday is the nearer of two", () => {
    const t = tern("a sports massage of half an hour, I'm only free on Wednesdays", "this Wednesday then");
    expect(t.state.task).toMatchObject({ errand: "book", hold: {} });
    const task = t.state.task;
    expect(task?.errand === "book" && task.hold ? t.house.zone.toLocal(task.hold.offer.startMin).day : 0).toBe(MARCH + 3);
  });

  it("the one is meant that is called so, and nothing that begins like what is done", () => {
    const t = legal("we need mediation or a divorce consultation, which I can't tell", "let's start with the consultation");
    expect(t.state.task).toMatchObject({ service: "divorce" });
  });

  it("the thing itself is wished for, whatever it is before", () => {
    const t = barber("I need a haircut before my brother's wedding on Saturday");
    expect(t.state.task).toMatchObject({ errand: "book", service: "cut" });
  });
});

describe("who will not come", () => {
  it("has nothing to be called off", () => {
    const t = talks("my wife won't go to couples therapy, could I come by myself?");
    expect(t.state.task).toBeNull();
    expect(t.last).toMatch(/Pieter often begins with one of two/);
  });

  it("but a visit of theirs is", () => {
    expect(talks("Marie Jacobs 021 555 0142, we won't come to our couples session").last).toMatch(/Shall I cancel it/);
  });
});

describe("a question", () => {
  it("after a word that agrees agrees to nothing", () => {
    const t = dental("Elspeth Munro 01632 960141, move my check-up to Thursday at 10", "ok and when does she work on Fridays");
    expect(t.each[0]).toMatch(/Shall I move it/);
    expect(t.state.outcomes).not.toContain("moved");
  });

  it("of whether an hour is enough is one of the length", () => {
    expect(tax("I got a letter from the tax office, can someone look at it", "is an hour enough").last).toMatch(/takes an hour/);
  });

  it("of what to bring is answered, while hours are offered", () => {
    expect(tax("a personal return please", "and what do I have to bring").each.join(" ")).toMatch(/wage slips/);
  });
});

describe("two visits that are to be on one day", () => {
  it("are moved, and nothing new is booked", () => {
    const t = dental("I have two appointments with you and I'd like to have them both on the same day. Hamish Tulloch, 01632 960142");
    expect(t.state.task).toMatchObject({ errand: "move" });
  });

  const HAMISH = "Hamish Tulloch, 01632 960142";
  it.each([
    ["could I have it on the day of my clean", /10 March/],
    ["right after the clean would be good", /10 March at (?:5:30|5:4|6)/],
    ["just before my clean please", /10 March at (?:[1-4]|8|9|10|11|12)/],
  ])("and the day of the other is said by its name: %s", (wish, then) => {
    const t = dental(`I'd like to move my filling. ${HAMISH}`, wish);
    expect(t.state.task).toMatchObject({ errand: "move", appointment: { id: "b-hamish-fill" } });
    expect(t.last).toMatch(then);
  });
});

describe("an hour", () => {
  it("with a point is one, where one is waited for", () => {
    const t = barber("a skin fade tomorrow morning", "11.30. Koa Henare, 04 555 0190");
    expect(t.state.task).toMatchObject({ errand: "book", hold: {} });
    expect(t.last).toMatch(/11:30 am/);
  });

  it("may come while something else is asked", () => {
    const feet = (...says: string[]) => heldAt("tenth", "larch", "web", ...says);
    expect(feet("a heel pain session on Wednesday", "ok the 4.30", "half an hour").last).toMatch(/Wednesday 3 March at 4:30 pm/);
  });

  it("alone is meant of the day that was offered instead, whoever it is for", () => {
    // Nobody works there on a Monday.
    const t = barber("a skin fade today please", "10.30, it's Koa Henare, 04 555 0190");
    expect(t.last).toMatch(/Tuesday 2 March at 10:30 am/);
  });

  it("as late as can be is the last of the day", () => {
    const t = barber("a haircut on Thursday, late as possible");
    const task = t.state.task;
    const at = task?.errand === "book" ? task.offered.map((o) => t.house.zone.toLocal(o.startMin).minute) : [];
    expect(Math.min(...at)).toBeGreaterThanOrEqual(14 * 60);
  });
});

describe("what is told of somebody", () => {
  const riding = (...says: string[]) => heldAt("thirteenth", "burnside", "web", ...says);

  it("is not what is wished for", () => {
    expect(riding("a private lesson on Sunday for my son, he's never ridden").state.task).toMatchObject({ service: "private" });
  });

  it("tells of a visit that they missed", () => {
    const t = tern("I was meant to come in this morning but the bus didn't come. Irene Wallace, 902 555 0141");
    expect(t.state.task).toMatchObject({ errand: "move" });
  });

  it("or only that they do not remember", () => {
    const t = tern("I'm meant to come in tomorrow but I don't remember what for. Irene Wallace, 902 555 0141");
    expect(t.state.task?.errand).not.toBe("move");
  });
});

describe("whether it must be begun again", () => {
  it("is asked of a course, and no talk is begun again", () => {
    const t = travel("I had my first rabies jab three weeks ago and missed the second, do I have to start over?");
    expect(t.last).not.toMatch(/from the beginning/);
  });
});

describe("a visit that they have", () => {
  it("is asked of, where the handbook has a line for it", () => {
    const t = talks("Thabo Nkosi 021 555 0141. About my session on Thursday: could we do that online?");
    expect(t.each.join(" ")).toMatch(/Individual sessions can be online/);
  });

  it("goes to another day with somebody else, where that is said at the go-ahead", () => {
    const hearing = (...says: string[]) => heldAt("third", "ocotillo", "web", ...says);
    const t = hearing("Dolores Amaya, 520 555 0142, when's my adjustment", "I'd rather Gordon did it", "hm, another day with Gordon");
    const task = t.state.task;
    expect(task).toMatchObject({ errand: "move", staff: ["gordon"] });
    const days = task?.errand === "move" ? task.offered.map((o) => t.house.zone.toLocal(o.startMin).day) : [];
    expect(days.length).toBeGreaterThan(0);
    expect(days).not.toContain(MARCH + 10);
  });
});

describe("what is said to be well", () => {
  it("is no danger", () => {
    const vet = (...says: string[]) => heldAt("eighth", "wattle", "web", ...says);
    expect(vet("our dog won't eat", "she's breathing normally, just quiet").state.outcomes).not.toContain("handed-over");
    expect(vet("our dog won't eat", "she's breathing but not well, she's gasping").state.outcomes).toContain("handed-over");
    expect(vet("our dog won't eat", "I don't think she is breathing fine").state.outcomes).toContain("handed-over");
  });
});

describe("a wish beside a message", () => {
  it("is heard, and the message is asked after again", () => {
    const hair = (...says: string[]) => heldAt("fifth", "mahoe", "web", ...says);
    const t = hair(
      "can you tell Tui the colour she did went orange",
      "a haircut on Thursday at ten then, with somebody else",
      "the first",
      "Sina Brown, 876 555 0162",
      "yes",
    );
    expect(t.state.outcomes).toEqual(expect.arrayContaining(["message-taken"]));
    expect(t.slips.some((s) => s.text.includes("orange"))).toBe(true);
  });
});

describe("a service that was suggested", () => {
  it("is meant by what speaks for it still, though a word of another's is said", () => {
    const optician = (...says: string[]) => heldAt("sixth", "neem", "web", ...says);
    expect(optician("my glasses broke in two", "only the frames fixed, no new ones").state.task).toMatchObject({ service: "repair" });
  });
});

describe("right after a visit was told of", () => {
  it("whom it is with is asked of that one", () => {
    const t = dental("Elspeth Munro, 01632 960141, is my check-up still on?", "and who's it with?");
    expect(t.last).toMatch(/check-up with Fiona on Tuesday 9 March/);
  });

  it("it may go to somebody else and to a sooner day at once", () => {
    const t = dental("Elspeth Munro, 01632 960141, is my check-up still on?", "could Callum do it sooner?");
    const task = t.state.task;
    expect(task).toMatchObject({ errand: "move", staff: ["callum"] });
    const offered = task?.errand === "move" ? task.offered : [];
    expect(offered.length).toBeGreaterThan(0);
    expect(offered.every((o) => o.staff === "callum" && t.house.zone.toLocal(o.startMin).day < MARCH + 9)).toBe(true);
  });

  it("who does such a thing is asked of all", () => {
    expect(dental("Elspeth Munro, 01632 960141, is my check-up still on?", "who does fillings?").last).toMatch(/Callum/);
  });
});

describe("which of some", () => {
  it("is told by one word of a name", () => {
    const ink = (...says: string[]) => heldAt("eleventh", "cottonwood", "web", ...says);
    expect(ink("I want a tattoo on the 10th of April", "only a small one please").state.task).toMatchObject({ service: "small" });
    expect(ink("I want a tattoo on the 10th of April", "is a small one cheaper?").state.task).not.toMatchObject({ service: "small" });
  });

  it("and by none that only joins", () => {
    const t = heldAt("twenty-first", "larkspur", "web", "is Miguel there on Thursday", "at one, then", "I've been tired and cross for days");
    expect(t.each[1]).toMatch(/head and neck release/);
    expect(t.state.task).toMatchObject({ errand: "book" });
    expect(t.state.task?.errand === "book" && t.state.task.service).toBeFalsy();
    const cat = heldAt("eighth", "wattle", "web", "my cat hasn't eaten since yesterday and is hiding under the bed");
    expect(cat.last).toMatch(/consultation/);
  });

  it("and how long it takes altogether is said of what is being booked", () => {
    expect(garage("a minor service on Tuesday", "how long altogether?").last).toMatch(/takes an hour/);
  });
});

describe("the number of the line", () => {
  const from = (...says: string[]) => heldFrom("fourteenth", "ternbay", "phone", "+19025550148", ...says);
  const wish = (last: string): string =>
    `can I book a sports massage, half an hour, tomorrow at two. Laura Anderson, nine oh two five five five oh one ${last}`;

  it("is meant by one that was heard a digit otherwise", () => {
    expect(from(wish("four nine")).state.client.phone).toBe("+19025550148");
  });

  it("is not where they say that it is wrong", () => {
    const t = from(wish("four nine"), "yes", "no", "it's nine oh two five five five oh one four nine");
    expect(t.state.client.phone).toBe("+19025550149");
  });

  it("and another number is another", () => {
    expect(from(wish("nine nine")).state.client.phone).toBe("+19025550199");
  });
});

describe("who is a client", () => {
  it("says so of themselves, and asks about nobody else", () => {
    const t = dental("I'm already a patient of yours, a check-up on Thursday please");
    expect(t.state.task).toMatchObject({ errand: "book", service: "checkup" });
    expect(dental("is my neighbour a patient of yours").state.outcomes).toContain("turned-away");
  });
});

describe("of two days with an hour each", () => {
  const said = "a relaxation massage for an hour, Wednesday at 11 or Thursday at 3";

  it("the first that can be had is kept, and the other is taken with its own hour", () => {
    expect(heldOn(tern(said))).toBe("2027-03-03 11:00");
    expect(heldOn(tern(said, "rather the thursday one"))).toBe("2027-03-04 15:00");
  });
});

describe("hours of which either will do", () => {
  it("are offered, and none between them", () => {
    expect(hoursOf(tern("sports massage for an hour with Nell on Thursday, 2 or 4"))).toEqual(["14:00", "16:00"]);
  });

  it("and what is no good is not taken for the wish", () => {
    const t = tern("sports massage for an hour with Nell on Thursday", "eleven is no good, three?");
    expect(heldOn(t)).toBe("2027-03-04 15:00");
  });
});

describe("days on which they are away", () => {
  it("are not offered", () => {
    const t = tern("taping please, I'm abroad until the 9th");
    expect(daysOf(t).length).toBeGreaterThan(0);
    expect(daysOf(t).every((d) => d > MARCH + 9)).toBe(true);
  });

  it("nor the part of the day that does not suit", () => {
    const t = tern("sports massage for an hour on Wednesday", "I can't do mornings");
    expect(heldOn(t)).toBe("2027-03-03 13:00");
    expect(hoursOf(tern("sports massage for an hour on Wednesday", "afternoons are no good")).every((h) => h < "12:00")).toBe(true);
  });
});

describe("who has been here before", () => {
  it("may say so before they are asked", () => {
    const t = tern("a physio follow-up please", "I've been coming to you for years");
    expect(t.last).not.toMatch(/follow|get that|understand/i);
    expect(t.state.client.saysBefore).toBe(true);
    expect(t.state.expects).toBe("day");
  });
});

describe("a word in passing that a service is called by", () => {
  it("is about none, where a line of the house's own answered", () => {
    const t = tern("may I bring my dog, she's very calm", "is there anything for runners");
    expect(t.state.task).toMatchObject({ errand: "book", among: ["gait-analysis"] });
  });
});

describe("one thing more", () => {
  it("while something of theirs is here comes after the first", () => {
    const t = garage("brake repair on thursday, drop it off before work", "and while you have it, change the oil");
    expect(t.state.task).toMatchObject({ errand: "book", service: "brakes" });
    expect(t.state.later).toHaveLength(1);
  });

  it("beside what was suggested is done too", () => {
    const t = optician("my frame snapped in two", "can I wait for it", "also I'm due an eye test");
    expect(t.state.task).toMatchObject({ errand: "book", service: "styling" });
    expect(t.state.later).toMatchObject([{ errand: "book", service: "eye-test" }]);
  });
});

describe("a question that was offered to the desk", () => {
  it("is let go by who goes on with when, and what was suggested is meant", () => {
    const t = hearing("my hearing aids whistle", "can I just drop by", "tomorrow after ten");
    expect(t.state.task).toMatchObject({ errand: "book", service: "fitting" });
    expect(daysOf(t)).toEqual([MARCH + 2]);
  });
});

describe("what is told", () => {
  it("of a party besides is no day to come on", () => {
    const t = beauty("my cousin's hen do is on the 19th, gel nails the day before please", "the short one");
    expect(daysOf(t)).toEqual([MARCH + 18]);
  });

  it("of what befell something of theirs is a need", () => {
    const t = dental("I chipped a tooth on a cherry stone");
    expect(t.state.task).toMatchObject({ errand: "book" });
    expect(t.state.expects).toBe("service");
  });
});

describe("what is asked", () => {
  it("of what it comes to is its price", () => {
    expect(barber("a haircut tomorrow please", "and what'll that be").last).toMatch(/\$/);
  });

  it("of a day on which nobody is there is told so before which service it is for", () => {
    expect(barber("are you very busy today").last).toMatch(/closed|not open/);
    expect(barber("are you very busy tomorrow").last).not.toMatch(/closed|not open/);
  });

  it("of the price of something else is not answered with the price of what is being booked", () => {
    const t = dental("a check-up please, I'm a patient of yours", "what does a crown cost");
    expect(t.last).not.toMatch(/£/);
    expect(dental("a check-up please, I'm a patient of yours", "what does a visit cost").last).toMatch(/£/);
  });

  it("of what to book is settled with them", () => {
    const t = tax("so what should I book");
    expect(t.state.task).toMatchObject({ errand: "book" });
    expect(t.state.expects).toBe("service");
  });

  it("whether somebody may be talked to, where that is what the house does", () => {
    expect(talks("my partner and I want to talk to someone").state.task).toMatchObject({ errand: "book" });
    expect(talks("I want to talk to someone about my invoice").state.task).not.toMatchObject({ errand: "book" });
    expect(dental("I want to talk to someone").state.task).not.toMatchObject({ errand: "book" });
  });
});

describe("whoever of the house was named", () => {
  it("is meant by him and her in what is wished next", () => {
    const t = tern("Malcolm Dube, 902 555 0144, my appointment on Friday, is it with Tobias", "could I have it with him instead");
    expect(t.each[0]).toMatch(/Maren/);
    expect(t.state.task).toMatchObject({ errand: "move", staff: ["tobias"] });
  });

  it("but for who is a man or a woman and is called otherwise", () => {
    const t = tern("Malcolm Dube, 902 555 0144, my appointment on Friday, is it with Tobias", "could I have it with her instead");
    expect(t.state.task).not.toMatchObject({ staff: ["tobias"] });
  });

  it("takes the place of another who is swapped for them", () => {
    const t = tern("Irene Wallace, 902 555 0141, when am I in", "can I swap him for Nell");
    expect(t.state.task).toMatchObject({ errand: "move", staff: ["nell"] });
  });
});

describe("a visit that stands", () => {
  const known = "Bridget Kearney, 902 555 0143";

  it("is told, where somebody else has booked it", () => {
    expect(tern("my husband booked me something, no idea what", known).last).toMatch(/acupuncture/i);
  });

  it("is told beside another that is being moved, which goes on", () => {
    const t = tern(`${known}, can I move my massage on the 10th to the 11th at 2`, "and is the acupuncture still on");
    expect(t.last).toMatch(/Tuesday 2 March at 11:00/);
    expect(t.state.expects).toBe("go-ahead");
  });

  it("is not moved to a day before it by the Monday after, nor from its hour by the same time", () => {
    const t = tern(`${known}, I'm away from the 9th to the 12th so the massage won't work`, "the monday after that, same time");
    const task = t.state.task;
    expect(task?.errand === "move" && task.hold ? wallOf(t, task.hold.offer.startMin) : "").toBe("2027-03-08 14:00");
  });

  it("costs what the house's rules say, if it were cancelled", () => {
    expect(tern("what would you charge me if I cancelled tomorrow's taping").last).toMatch(/24 hours/);
  });
});

describe("a danger that did not happen", () => {
  it("is none", () => {
    const t = tern("I fell on the stairs and my wrist is swollen", "no, I didn't hit my head");
    expect(t.state.status).toBe("open");
    expect(t.last).not.toMatch(/911/);
  });

  it.each([
    "no, I hit my head",
    "I don't know, chest pain",
    "I didn't sleep, I have chest pain",
    "not sure but I have chest pain",
    "he doesn't answer, he hit his head",
  ])("but what is told is: %s", (text) => {
    expect(tern("I fell on the stairs", text).last).toMatch(/911/);
  });
});

describe("whether there is room", () => {
  it("in what was offered is no question of cars", () => {
    expect(tern("the mat class on saturday for three", "is there space").last).toMatch(/Saturday 6 March/);
  });
});

describe("a number under which nothing is found", () => {
  const unknown = ["I'm Zoe Kemp, 902 555 0188, cancel my massage on thursday please"];

  it("is asked about once", () => {
    expect(tern(...unknown).state.expects).toBe("phone-check");
    const t = tern(...unknown, "yes that's right", "then cancel my taping on friday instead");
    expect(t.state.expects).toBe("anything");
    expect(t.slips).toHaveLength(2);
  });
});
