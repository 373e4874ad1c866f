import { describe, expect, it } from "vitest";
import { held } from "../testing/held.ts";

const talk = (...says: string[]) => held("ternbay", "web", ...says);

describe("who is meant", () => {
  it("is the only one named of whom it can be said", () => {
    expect(talk("who gives sports massages", "an hour with him on friday at 2 then").state.task).toMatchObject({ hold: { offer: { staff: "joaquim" } } });
    expect(talk("who gives sports massages", "an hour with her on tuesday at 2 then").state.task).toMatchObject({ hold: { offer: { staff: "nell" } } });
  });

  it("is nobody where it can be said of several", () => {
    const t = talk("who does acupuncture and who does taping", "put me in for taping with them on wednesday at 1");
    expect(t.reasons).not.toContainEqual(expect.objectContaining({ rule: "staff/spoken-of" }));
  });

  it("stays the one who was chosen when the hour changes", () => {
    const t = talk("a first physio assessment on wednesday, I am new", "Tobias please", "oh, could it be at 3");
    expect(t.state.task).toMatchObject({ hold: { offer: { staff: "tobias" } } });
    expect(t.last).toContain("3:00 pm");
  });

  it("is somebody else than the caller who says what she is called", () => {
    const t = talk("I'd like to book my mother in for acupuncture on thursday at 3. She's Vera Holm, I'm on 902 555 0188", "yes");
    expect(t.state.task).toMatchObject({ visitor: "Vera Holm" });
  });

  it("is two for twins", () => {
    expect(talk("my twins need an assessment on thursday at 2").last).toContain("one after the other");
  });
});

describe("which visit is meant", () => {
  const TWO = "Pavel Novotny, 902 555 0127";
  it("is not told by a yes where there are two", () => {
    const t = talk(`I'd like to cancel an appointment. ${TWO}`, "yes");
    expect(t.state.expects).toBe("which-appointment");
    expect([t.was("a-pavel-one"), t.was("a-pavel-two")]).toEqual([expect.stringContaining("booked"), expect.stringContaining("booked")]);
  });
  it("is found first where nothing is said of what is to be done with it", () => {
    for (const first of ["it's about my thursday acupuncture", "our acupuncture please", "hello, this is about my appointment on thursday"]) {
      const t = talk(first, TWO);
      expect(t.each[0]).toMatch(/name/i);
      expect(t.last).toContain("acupuncture with Priya on Thursday 4 March at 10:00 am");
      expect(t.last).not.toContain("12 March");
      expect([t.booked, t.was("a-pavel-one")]).toEqual([[], expect.stringContaining("booked")]);
    }
  });
  it("is found beside who they are, whatever greets", () => {
    const t = talk("yeah hiya it's Pavel Novotny, 902 555 0127, about my visits");
    expect(t.last).toMatch(/acupuncture with Priya.* and sports massage with Joaquim/s);
    expect(t.slips).toEqual([]);
  });
  it("is nothing that a word of doing stands beside", () => {
    expect(talk("stop my booking for thursday please", TWO).state.task).toMatchObject({ errand: "cancel" });
  });
  it("is still looked for after a question in the middle of it", () => {
    const t = talk("I'd like to cancel my appointment. Pavel Novotny", "902 555 0128", "hang on, is there a fee for cancelling");
    expect(t.last).toMatch(/half the price.*902 555 0128.*right\?/s);
    expect(t.state.expects).toBe("phone-check");
    expect(t.slips).toEqual([]);
  });
  it("is the one that was told of, for what is wished next and not for long", () => {
    const moved = talk("it's about my thursday acupuncture", TWO, "could it be on tuesday at 2 instead");
    expect(moved.state.task).toMatchObject({ errand: "move", appointment: { id: "a-pavel-one" } });
    expect(talk("it's about my thursday acupuncture", TWO, "please cancel it", "yes").was("a-pavel-one")).toContain("cancelled");
    expect(talk("it's about my acupuncture", TWO, "taping tomorrow at 9", "no, leave it", "please cancel my appointment").state.expects).toBe(
      "which-appointment",
    );
  });
  it("is a new one where it is wished for, and where what is ours is no visit", () => {
    expect(talk("I'd like my usual acupuncture on tuesday").state.task).toMatchObject({ errand: "book" });
    expect(talk("acupuncture for my knee").state.task).toMatchObject({ errand: "book" });
  });
  it("is told by its place in what was read out", () => {
    expect(talk(`I want to move my visit. ${TWO}`, "the second").state.task).toMatchObject({ appointment: { id: "a-pavel-two" } });
    expect(talk(`I want to move my visit. ${TWO}`, "the earlier one").state.task).toMatchObject({ appointment: { id: "a-pavel-one" } });
  });
});

describe("which day is meant", () => {
  it("is told by its number where two were named", () => {
    expect(talk("taping next wednesday with maren at 9", "the third").last).toContain("Wednesday 3 March at 9:00 am");
    expect(talk("taping next wednesday with maren at 9", "the later one").last).toContain("Wednesday 10 March at 9:00 am");
  });

  it("is each of two where it is said again", () => {
    const t = talk("taping with maren on tuesday at 3 and again on friday at 2", "Ike Ross", "902 555 0189", "yes", "yes", "yes");
    expect(t.booked).toEqual(["taping 2027-03-02 15:00 maren", "taping 2027-03-05 14:00 maren"]);
  });

  it("is the day at the end of both", () => {
    const t = talk(
      "acupuncture at 2 and a taping at 11, on thursday",
      "Ida Lund",
      "902 555 0186",
      "yes",
      "no, first time",
      "knee",
      "a month",
      "no",
      "no",
      "yes",
      "yes",
      "yes",
    );
    expect(t.booked.map((b) => b.split(" ").slice(0, 3).join(" "))).toEqual(["acupuncture 2027-03-04 14:00", "taping 2027-03-04 11:00"]);
  });
});

describe("what is there already", () => {
  it("is moved when somebody who has it would rather come later", () => {
    const t = talk("I've got acupuncture with Priya on the 4th, could I come in later that day? Pavel Novotny, 902 555 0127", "the first one", "yes");
    expect(t.booked).toEqual([]);
    expect(t.was("a-pavel-one")).toMatch(/^acupuncture 2027-03-04 (?!10:00)\d\d:\d\d priya booked$/);
  });

  it("is exchanged for another kind when it is to be made one", () => {
    const t = talk("I have acupuncture booked for the 4th, make it a taping on the 5th at 9 instead. Pavel Novotny, 902 555 0127", "yes", "yes", "yes");
    expect(t.booked).toEqual(["taping 2027-03-05 09:00 maren"]);
    expect(t.was("a-pavel-one")).toMatch(/cancelled$/);
  });
});

describe("a visit that goes to another day", () => {
  const PAVEL = "Pavel Novotny, 902 555 0127";
  it("is offered at its own hour first, where that is free", () => {
    const t = talk(`move my sports massage to wednesday. ${PAVEL}`);
    expect(t.state.task).toMatchObject({ errand: "move" });
    expect(t.last).toMatch(/Wednesday 3 March at 12:00 pm, /);
  });

  it("is not where another hour is wished for, nor where its own cannot be had", () => {
    expect(talk(`move my sports massage to wednesday after 4. ${PAVEL}`).last).not.toContain("12:00 pm");
    // The house closes at one on Saturdays.
    expect(talk("move my massage to saturday. Ana Petrov, 902 555 0142").last).toMatch(/Saturday 6 March at (?!1:00 pm)/);
  });

  it("is the one that was booked a moment ago where nothing else is named", () => {
    const t = talk(`taping on tuesday at 3 with maren, ${PAVEL}`, "yes", "oh, wrong day, wednesday I meant", "the first one", "yes");
    expect(t.booked).toEqual(["taping 2027-03-03 15:00 maren"]);
    expect(t.was("a-pavel-one")).toMatch(/booked$/);
  });

  it("is asked for where one is to be cancelled and there are others", () => {
    const t = talk(`taping on tuesday at 3 with maren, ${PAVEL}`, "yes", "one of my visits has to be cancelled");
    expect(t.state.expects).toBe("which-appointment");
  });
});

describe("what difficult clients say", () => {
  it("a no behind an ok cancels nothing", () => {
    const t = talk("cancel my follow-up please, Simone Arsenault, 902 555 0118", "what will that cost me", "ok then no");
    expect(t.was("a-simone")).toMatch(/booked$/);
    expect(t.last).toContain("stays as it is");
  });

  it("two visits that are wished for together come one after the other, and who is new stays new between them", () => {
    const t = talk(
      "a taping and a sports massage on thursday at 2",
      "Ike Ross",
      "902 555 0189",
      "yes",
      "an hour",
      "no, never",
      "leg",
      "a week",
      "no",
      "no",
      "yes",
    );
    expect(t.booked).toEqual(["taping 2027-03-04 14:00 tobias", "sports-massage 2027-03-04 14:15 nell"]);
  });

  it("what was answered for the first of two visits is not asked again for the second", () => {
    const t = talk(
      "acupuncture and a sports massage on thursday at 2",
      "Ike Ross",
      "902 555 0189",
      "yes",
      "no, never",
      "leg",
      "a week",
      "no",
      "no",
      "yes",
      "an hour",
    );
    expect(t.booked).toEqual(["acupuncture 2027-03-04 14:00 priya"]);
    expect(t.state.expects).not.toMatch(/^question:/);
  });

  it("who it is with does not choose where all of it is with them, and is understood", () => {
    const t = talk("acupuncture on thursday", "with Priya");
    expect(t.state.expects).toBe("slot");
    expect(t.last).not.toContain("follow");
  });

  it("their usual is looked up when it is known who they are", () => {
    expect(talk("my usual with nell on friday week, Ana Petrov, 902 555 0142").state.task).toMatchObject({ service: "relaxation-massage", lengthMin: 60 });
  });

  it("whom they see is no question of their other appointments while one is being made", () => {
    expect(talk("I'd like a physio follow-up", "so who do I see").state.task).toMatchObject({ errand: "book" });
  });

  it("the next day is counted from the visit that is moved", () => {
    const t = talk("I have to move my massage, Ana Petrov, 902 555 0142", "the next day, same time", "yes");
    expect(t.was("a-ana")).toBe("relaxation-massage 2027-03-04 13:00 nell booked");
  });

  it("whoever comes along at the same time comes on that day", () => {
    const t = talk("taping on wednesday at 1 with maren", "Ike Ross", "902 555 0189", "yes", "yes", "can my brother come at the same time", "Ned Ross", "yes");
    expect(t.booked.map((b) => b.split(" ").slice(0, 3).join(" "))).toEqual(["taping 2027-03-03 13:00", "taping 2027-03-03 13:00"]);
  });
});

describe("a yes to no question", () => {
  it("books what was spoken of when it says so", () => {
    expect(talk("how much is acupuncture", "yes, book it").state.task).toMatchObject({ errand: "book", service: "acupuncture" });
    expect(talk("are you open on saturday", "yes").state.task).toBeNull();
  });

  it.each(["no, I will book another time", "ok, I'll think about it and ring you back", "thanks, we'll let you know", "I'd better ask my husband first"])(
    "%s ends it",
    (text) => {
      const t = talk("how much is acupuncture", text);
      expect(t.state.status).toBe("closed");
      expect(t.slips).toEqual([]);
    },
  );

  it.each(["no, I'd rather come another day, friday", "could you ring me back later?"])("%s does not", (text) => {
    expect(talk("how much is acupuncture", text).state.status).toBe("open");
  });

  it("greets back whoever greets", () => {
    expect(talk("good morning to you").last).not.toContain("follow");
  });
});

describe("a deed that is taken back for another", () => {
  it.each([
    ["I want to cancel, no, sorry, move my massage", "move"],
    ["could you move, or actually cancel my massage", "cancel"],
    ["I'd like to book, no wait, cancel my taping", "cancel"],
  ])("%s", (text, errand) => {
    expect(talk(text).state.task).toMatchObject({ errand });
  });

  it("is no other where the same is said again", () => {
    expect(talk("I need to move, sorry, I'd like to move my massage").state.task).toMatchObject({ errand: "move" });
  });
});

describe("what was spoken of", () => {
  it("is told about when that is all that is asked", () => {
    expect(talk("what does a gait analysis cost", "and what do I get for that").last).toContain("film you running");
  });

  it("is not told about when something else is asked", () => {
    expect(talk("what does a gait analysis cost", "what do you think of the weather").last).not.toContain("film");
  });
});

describe("what is asked of another thing", () => {
  it("is the same, where nothing else is said", () => {
    expect(talk("how much is acupuncture", "and the taping").last).toContain("$25");
    expect(talk("how much is acupuncture", "what about shockwave?").last).toContain("$65");
    expect(talk("how much is acupuncture", "and can I have the taping on friday").state.task).toMatchObject({ errand: "book", service: "taping" });
  });
});

describe("who gives up", () => {
  it.each([
    ["cancel my massage", "forget it"],
    ["I'd like a taping on friday at 9", "oh never mind, thanks"],
    ["I'd like a taping", "actually, leave it then"],
  ])("%s, %s", (first, then) => {
    const t = talk(first, then);
    expect(t.state.task).toBeNull();
    expect(t.state.expects).toBe("anything");
    expect(t.booked).toEqual([]);
  });
});

describe("an hour with a few words around it", () => {
  it("is kept until the day is known", () => {
    expect(talk("relaxation massage for an hour please", "10 if you can", "tuesday").last).toContain("Tuesday 2 March at 10:00 am");
  });
});

describe("a question that has a line of its own", () => {
  it("is answered though it speaks of people", () => {
    const t = talk("is there a person I could talk French with?");
    expect(t.last).toContain("French");
    expect(t.state.status).toBe("open");
    expect(talk("is there anybody I can speak French with?").last).toContain("French");
  });

  it("goes to the desk where nothing else is asked", () => {
    expect(talk("could a real person talk to me here?").state.status).toBe("with-desk");
    expect(talk("could I speak to somebody about a receipt?").state.status).toBe("with-desk");
  });
});

it("what has nothing to do with an offer does not take it", () => {
  const t = talk("pilates on wednesday", "my neighbour comes to you too");
  expect(t.state.task).toMatchObject({ offered: [expect.objectContaining({ service: "mat-class" })] });
  expect(t.state.task).not.toHaveProperty("hold");
});
