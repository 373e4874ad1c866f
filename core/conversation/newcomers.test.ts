import { describe, expect, it } from "vitest";
import { heldAt } from "../testing/held.ts";

/** What strangers say before they wish for anything, and while it is open which service it is for, in words of no set. */

const tern = (...says: string[]) => heldAt("eighteenth", "ternbay", "web", ...says);
const speech = (...says: string[]) => heldAt("eighteenth", "elmet", "web", ...says);
const boats = (...says: string[]) => heldAt("eighteenth", "saltgrass", "web", ...says);
const nails = (...says: string[]) => heldAt("nineteenth", "almond", "web", ...says);
const allergy = (...says: string[]) => heldAt("nineteenth", "bryn", "web", ...says);

const SIAN = "Sian Probert, 029 2555 0141";

describe("whether this is the right place", () => {
  it("is answered by what there is for that", () => {
    const t = tern("have I reached the right people for massages?", "what does the second one cost");
    expect(t.each.join(" ")).toMatch(/sports massage and relaxation massage/);
    expect(t.last).toMatch(/relaxation massage/i);
    expect(t.last).not.toMatch(/sports massage/i);
    expect(t.state.task).toBeNull();
  });

  it("or by what is done for what ails them", () => {
    expect(tern("is this where one goes with a stiff neck?").last).toMatch(/(?:There is|We have) .*massage/);
  });
});

describe("a question of no service yet", () => {
  it("asks for which, and is answered then", () => {
    const t = allergy("how long does an appointment usually last?", "the blood test");
    expect(t.each.join(" ")).toMatch(/[Ww]hich service/);
    expect(t.last).toMatch(/Blood test takes 15 minutes/);
    expect(boats("what should I bring?", "the radio course").each.join(" ")).toMatch(/[Ww]hich service/);
    expect(allergy("what do I have to bring?", "the asthma check").last).toMatch(/^All your inhalers/);
  });

  it("is of what they have, once that was told or booked", () => {
    expect(allergy("Dev Chatterjee, 029 2555 0142, when am I in?", "please remind me what I need to bring along").last).toMatch(/^A list of what you take/);
  });
});

describe("who is named while it is open which service", () => {
  it("leaves those that they do", () => {
    const t = allergy("I need to see somebody about allergies", "is there anything with Huw on Friday morning");
    expect(t.state.task).toMatchObject({ errand: "book", among: ["prick", "patch", "desens"] });
    expect(allergy("I need to see somebody about allergies", "whatever Dr Penrose has on Tuesday").state.task).toMatchObject({ service: "consult" });
  });

  it("is asked about what they do, where it is one thing alone", () => {
    const t = tern("could I have something with Hanneke on Thursday", "yes");
    expect(t.each.join(" ")).toMatch(/Would that be for mat class/);
    expect(t.state.task).toMatchObject({ service: "mat-class" });
  });

  it("does not do what was only asked about", () => {
    const t = nails("I need my nails done", "what's the nail painting class", "ok, with Keisha on Saturday then");
    expect(t.state.task).not.toMatchObject({ service: "class" });
  });

  it("may be two people, each for what they do", () => {
    const t = speech("I'd like the voice clinic with Safiya on Tuesday and then Owen for an hour", "the first one");
    expect([t.state.task, ...t.state.later]).toEqual([
      expect.objectContaining({ service: "voice", staff: ["safiya"] }),
      expect.objectContaining({ staff: ["owen"] }),
    ]);
    expect(t.state.later[0]).not.toMatchObject({ service: "voice" });
  });
});

describe("a word that another service has", () => {
  it("is asked about, where it was asked which of some it is", () => {
    const t = allergy("I'd like to see someone about allergies", "it's about eggs I think");
    expect(t.last).toMatch(/Would that be for food challenge/);
  });
});

describe("what came of a visit", () => {
  it("is passed on, with all that was said of it", () => {
    const t = allergy("I got my jab from Huw yesterday and now my whole arm is swollen", "is that dangerous", "yes", SIAN);
    expect(t.slips.map((s) => JSON.stringify(s)).join(" ")).toMatch(/whole arm is swollen.*dangerous/);
    expect(t.booked).toEqual([]);
  });

  it("names no day and no service to come for", () => {
    expect(tern("I had a bad night, can I come this morning").state.task).toMatchObject({ errand: "book" });
  });
});

describe("what is put off", () => {
  it("is asked when it is to be instead, and never offered the same day", () => {
    const t = allergy(`${SIAN}. I have to put Friday off`);
    expect([t.state.task, t.state.expects]).toEqual([expect.objectContaining({ errand: "move" }), "day"]);
  });

  it("costs what a missed visit costs, where that is asked", () => {
    const t = nails("Joy Alleyne, 246 555 0141, cancel my top-up", "what will I be charged if I just don't come?");
    expect(t.last).toMatch(/missed is charged at the whole of its price/);
    expect(t.state.task).toMatchObject({ errand: "cancel" });
  });
});

describe("one more on the same day", () => {
  it("is booked beside what was booked", () => {
    const t = allergy("an asthma check on Thursday at four, Ann Lee, 029 2555 0190", "yes", "could I have the dietitian on the same day as well");
    expect(t.state.task).toMatchObject({ errand: "book", service: "diet" });
  });
});

describe("what is said in one long breath", () => {
  it("is of what is meant, where something was taken back", () => {
    const t = tern(
      "Pete Doucet, 902 555 0144. I'll be late on Friday, sorry, no, I mean I can't do Friday any more, any chance of Monday or Tuesday, in the afternoon",
    );
    expect(t.state.task).toMatchObject({ errand: "move", appointment: { id: "a-pete" } });
    expect(t.last).toMatch(/Monday|Tuesday/);
  });

  it("asks for room, whatever was told before it", () => {
    const t = tern("the surgeon wants me in physiotherapy for my hip, twice a week till May, what is your availability");
    expect(t.last).not.toMatch(/not something I can help with/);
  });

  it("chooses nothing by the last time", () => {
    const t = tern("an hour of sports massage on Wednesday with Joaquim", "could he press less than last time");
    expect(t.state.expects).not.toBe("name");
  });

  it("names whose visit it is", () => {
    expect(tern("could I swap Lily Tran's massage to Friday the 12th at four, 902 555 0145", "yes").was("a-lily")).toMatch(/2027-03-12 16:00/);
  });
});

describe("who has been here before", () => {
  it("is not begun anew with", () => {
    const t = tern("my back has gone, can you fit me in today", "I was in last month about the very same thing");
    expect(t.last).toMatch(/Physiotherapy follow-up|physiotherapy follow-up/);
  });

  it.each(["you've treated me for that before, in January", "I had this looked at by you last winter"])("however that is told: %s", (say) => {
    expect(tern("my back has gone, can you fit me in today", say).last).toMatch(/physiotherapy follow-up/i);
  });

  it("is told what there is for it", () => {
    expect(speech("do you have anything that helps with a hoarse throat?").last).toMatch(/Voice clinic/);
  });
});

describe("what they have, while another visit is booked", () => {
  const hazel = (...says: string[]) => heldAt("nineteenth", "ternbay", "web", ...says);
  const HAZEL = "Hazel Pottie, 902 555 0143";
  const massage = `an hour of sports massage with Nell tomorrow at ten, ${HAZEL}`;

  it("is no wish for it", () => {
    expect(hazel(massage, "yes, and my taping stays where it is").booked).toEqual(["sports-massage 2027-03-02 10:00 nell"]);
    expect(hazel(massage, "no, leave my acupuncture alone, make this one eleven").state.task).toMatchObject({ service: "sports-massage" });
  });

  it("is told where it is asked about, and what was read back is read back again", () => {
    const t = hazel(massage, "is my acupuncture still on?");
    expect(t.last).toMatch(/acupuncture with Priya on Tuesday 9 March/);
    expect(t.state).toMatchObject({ expects: "go-ahead", task: { service: "sports-massage" } });
    expect(hazel(massage, "is my acupuncture still on?", "ok then yes").booked).toEqual(["sports-massage 2027-03-02 10:00 nell"]);
  });

  it("is with whom it is, of the one that was told of", () => {
    const t = hazel(`when do I have my acupuncture, ${HAZEL}`, "who is it with");
    expect(t.last).toMatch(/acupuncture with Priya/);
    expect(t.last).not.toMatch(/taping/);
  });

  it("is moved where it is plainly meant, and not what is being booked", () => {
    const t = hazel(massage, "no, move my taping to Friday at noon instead");
    expect(t.state.task).toMatchObject({ errand: "move" });
    expect(hazel(massage, "move it to eleven").state.task).toMatchObject({ errand: "book", service: "sports-massage" });
  });
});

describe("one thing and not another", () => {
  const drive = (...says: string[]) => heldAt("second", "ribble", "web", ...says);

  it("is the thing, wherever it stands", () => {
    expect(drive("an automatic lesson, not a manual one").state.task).toMatchObject({ service: "automatic" });
    expect(tern("relaxation massage, not the sports massage, on Thursday").state.task).toMatchObject({ service: "relaxation-massage" });
  });

  it("rules one out of those that were named", () => {
    expect(drive("a lesson please", "not the manual one").state.task).toMatchObject({ among: expect.not.arrayContaining(["manual"]) });
  });

  it("is nothing where something is not done: it is what ails them", () => {
    expect(heldAt("seventeenth", "coolabah", "web", "could Fleur see me about not sleeping").state.task).toMatchObject({ service: "insomnia" });
  });
});

describe("a day and nothing else", () => {
  const dogs = (...says: string[]) => heldAt("first", "banksia", "web", ...says);

  it("is a wish, with a question mark too", () => {
    expect(dogs("sat arvo?").state.task).toMatchObject({ errand: "book" });
    expect(tern("tomorrow?").state.task).toMatchObject({ errand: "book" });
  });

  it("agrees to no message that was offered", () => {
    const t = tern("do you grow your own herbs", "righto, Tuesday then");
    expect(t.state.task).toMatchObject({ errand: "book" });
    expect(t.slips).toEqual([]);
  });
});

describe("whether another can do it", () => {
  it("is with whom it is to be, where they do it", () => {
    const t = nails("Natalie Weekes, 246 555 0145. An hour later on the 10th please", "hm, could Marlon do it?", "yes");
    expect(t.was("la-natalie")).toBe("gel 2027-03-10 16:00 marlon booked");
    expect(nails("a gel manicure on the 10th at two with Keisha, Una Best, 246 555 0188", "would Marlon do it").state.task).toMatchObject({
      staff: ["marlon"],
    });
  });

  it("and changes nothing where they do not", () => {
    const t = nails("a gel manicure on the 10th at two with Keisha, Una Best, 246 555 0188", "could Rochelle do it");
    expect(t.state.task).toMatchObject({ errand: "book", service: "gel" });
    expect(t.state.task).not.toMatchObject({ staff: ["rochelle"] });
    expect(t.booked).toEqual([]);
  });
});

describe("what is taken for something", () => {
  it.each([
    "I'm on blood thinners, can I book a taping",
    "my dad takes blood pressure tablets and would like a massage on Friday",
    "I'd like a follow-up, I had a blood test",
  ])("is no danger: %s", (text) => {
    const t = tern(text);
    expect(t.each.join(" ")).not.toMatch(/911/);
    expect(t.state.task).toMatchObject({ errand: "book" });
  });

  it("but blood that does not stop is", () => {
    expect(tern("he cut his leg and the blood won't stop, it's spurting").each.join(" ")).toMatch(/911/);
  });
});

describe("what is told of a need by who has been here before", () => {
  it("speaks for what there is for it, as with anybody else", () => {
    const t = nails("I've been to you before and I'd like an appointment", "my thumb snapped in half");
    expect(t.last).toMatch(/Would that be for nail repair/);
  });
});

describe("two questions in one message", () => {
  it("are both answered", () => {
    const t = tern("what does taping cost, and what happens in the mat class?");
    expect(t.last).toMatch(/\$25/);
    expect(t.last).toMatch(/small group on mats/);
  });
});
