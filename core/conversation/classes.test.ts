import { describe, expect, it } from "vitest";
import { AND_ANOTHER_THING } from "../language/packs/en/doing.ts";
import { talksAt } from "../testing/held.ts";

/** What stays, what goes with whom, what a length is for, and what comes beside something else, at a pharmacy's clinic and at a studio with classes: in words of no set. */

const tern = talksAt("twenty-sixth", "ternbay");
const chemist = talksAt("twenty-sixth", "rowan");
const studio = talksAt("twenty-sixth", "spoonbill");
const HANA = "Hana Kimura, 912 555 0143";
const MARLON = "Marlon Tate, 912 555 0144";
const GERRY = "Gerry Lavery, 028 9555 0144";
const FATIMA = "Fatima Aziz, 028 9555 0143";

describe("what is not to be cancelled after all", () => {
  it.each([
    "oh, I've changed my mind about all that, keep it please",
    "no wait, I changed my mind, just leave it as it was for now",
    "hm, having second thoughts, please leave it",
  ])("stays, where that is said of what was about to be: %s", (text) => {
    const t = tern("I'd like to cancel my massage, Aileen Burke, 902 555 0141", text);
    expect(t.was("a-aileen")).toMatch(/booked$/);
    expect(t.state.task).toBeNull();
  });

  it("goes, where the reason is told again", () => {
    const t = tern("I'd like to cancel my massage, Aileen Burke, 902 555 0141", "yes, I changed my mind about it");
    expect(t.was("a-aileen")).toMatch(/cancelled/);
  });

  it("is the other one, which is left where it is", () => {
    const t = studio(`${HANA}. please put the breathing on Wednesday the 10th at one and leave the yoga where it is`, "yes");
    expect(t.was("sa-hana-one")).toMatch(/2027-03-10 13:00/);
    expect(t.was("sa-hana-two")).toMatch(/2027-03-11 15:00 theo booked$/);
    const u = chemist(`${FATIMA}. leave the 3rd alone but shift the 9th to Monday the 8th at three`, "yes");
    expect(u.was("ra-fatima-two")).toMatch(/2027-03-08 15:00/);
    expect(u.was("ra-fatima-one")).toMatch(/2027-03-03 10:00 sinead booked$/);
  });

  it("is found by what somebody wants to be rid of", () => {
    const t = chemist(`I've a visit with Colm next week that I'd like to drop. ${GERRY}`, "aye, cancel it");
    expect(t.was("ra-gerry")).toMatch(/cancelled/);
  });
});

describe("what stands", () => {
  it("is moved where it is told with what it is to be", () => {
    const t = tern("I have an assessment on Friday and would sooner do it with Tobias, Saturday at nine", "Russ Whalen", "902 555 0144", "yes");
    expect(t.was("a-russ")).toMatch(/2027-03-06 09:00/);
  });

  it("is done by another, whatever the deed is called", () => {
    const t = studio(`${MARLON}. would Delia look at my posture instead? Friday at two`, "yes");
    expect(t.was("sa-marlon")).toMatch(/2027-03-05 14:00/);
    expect(t.each.join(" ")).not.toMatch(/one more/);
  });

  it("goes to another hour of its day, with nothing offered yet", () => {
    expect(studio(`${MARLON}. anything later with Rashid on the same day?`).state.task).toMatchObject({ errand: "move" });
  });
});

describe("what a length is for", () => {
  it("is told when it is asked for, and before", () => {
    expect(chemist("wax removal on Saturday at ten", "only the one").state.task).toMatchObject({ hold: { offer: { lengthMin: 20 } } });
    expect(chemist("wax removal on Saturday at ten", "it's for both").state.task).toMatchObject({ hold: { offer: { lengthMin: 30 } } });
    expect(chemist("what do you take for microsuction of one ear?").last).toMatch(/£40/);
    expect(chemist("what do you take for microsuction of one ear?").last).not.toMatch(/£60/);
    const t = chemist("what's ear wax removal?", "ok, just the one then, Saturday at quarter past nine");
    expect(t.state.task).toMatchObject({ hold: { offer: { lengthMin: 20 } } });
  });
});

describe("visits that come together", () => {
  it("come one after the other, where that is said", () => {
    const t = chemist("my wife and I both need the flu jab with Colm, Friday at three, one after the other", "Joe Bell", "028 9555 0190", "yes", "yes");
    expect(t.booked.map((b) => /2027\S+ \S+/.exec(b)?.[0])).toEqual(["2027-03-05 15:00", "2027-03-05 15:15"]);
  });

  it("are both booked where the first is called by the beginning of its name", () => {
    const t = chemist("B12 and a diabetes check with Sinead, both on Wednesday from one");
    expect(t.state.later).toHaveLength(1);
    expect(t.last).toMatch(/B12 injection/);
  });

  it("are as many places as come along", () => {
    const t = tern("can I bring my two brothers to Pilates on Saturday?", "yes please");
    expect(t.state.task).toMatchObject({ places: 3 });
  });
});

describe("beside something else", () => {
  it("is a wish for a visit no message to the desk", () => {
    const t = tern("do you have a lower price for students?", "ah well. Taping on Thursday at nine then");
    expect(t.state.task).toMatchObject({ errand: "book", service: "taping" });
  });

  it("is what a question named meant by the wish after it, though another word of it stood apart", () => {
    const t = studio("may the baby come to the postnatal thing?", "lovely, Wednesday at two with Delia");
    expect(t.state.task).toMatchObject({ errand: "book", service: "postnatal" });
  });

  it("is a class for those who are pregnant the one that is suggested, of several that are called so", () => {
    expect(studio("I'm pregnant and I'd like some calm yoga").last).toMatch(/prenatal yoga\?/);
  });
});

describe("what there is", () => {
  it("is listed when it is asked after one of them, and only those of a kind where a kind is named", () => {
    expect(tern("what is acupuncture?", "and which services do you have?").last).toMatch(/taping/);
    expect(tern("what kinds of massage do you do?").last).not.toMatch(/taping/);
  });

  it("is told of what is meant while it is open which of two it is, and of no class", () => {
    expect(tern("a massage on Thursday please", "what am I to bring?").last).not.toMatch(/mats/i);
    expect(tern("Pilates on Thursday please", "what am I to bring?").each.join(" ")).toMatch(/mats/i);
  });
});

describe("who is to see them, and whether to come", () => {
  it("is somebody whose work it is, where what was put forward is for another", () => {
    const doctors = talksAt("twenty-third", "loquat");
    const t = doctors("my daughter is hot and not eating", "could the doctor look at her this morning");
    expect(t.state.task).toMatchObject({ service: "doctor" });
    expect(doctors("my daughter is hot and not eating", "this morning if you can").state.task).not.toMatchObject({ service: "doctor" });
  });

  it("is a visit, where who was taken to leave a message would rather come", () => {
    const t = chemist("I was in last week about my ears and they're still blocked", "no, I'd just like to be seen again");
    expect(t.state.task).toMatchObject({ errand: "book" });
    expect(t.last).toMatch(/ear wax removal/);
  });

  it("is asked of what they have, and begins no other visit", () => {
    const t = studio("I have something booked with you and my wrist hurts, shall I still come", "no that's fine, thanks");
    expect(t.each.join(" ")).not.toMatch(/have your message|will get/);
    expect(t.state.task).toBeNull();
  });

  it("is the coming one of some days of that name that were offered", () => {
    const t = tern("an assessment with Tobias, only after five", "Wednesday then");
    expect(t.state.task).toMatchObject({ hold: { offer: { staff: "tobias" } } });
    expect(t.last).toMatch(/Wednesday 3 March/);
  });
});

describe("one more for somebody else", () => {
  it("comes right after the first, where it is said before there is an hour", () => {
    const t = chemist("a flu jab please", "and one for the husband", "Saturday at half ten", "Ina Bell", "028 9555 0191", "yes", "Ted Bell", "yes");
    expect(t.booked).toHaveLength(2);
    expect(t.booked.join(" ")).toMatch(/10:30.*10:45/);
  });

  it("is one more place where several come at once", () => {
    expect(studio("I'd like to do yin yoga", "and for my brother as well").state.task).toMatchObject({ places: 2 });
  });

  it("is a visit for each of the children and who speaks", () => {
    const teeth = talksAt("twenty-fifth", "sycamore");
    expect(teeth("cleanings for our three girls and me please").state.later).toHaveLength(3);
  });
});

describe("what cannot be kept", () => {
  const MEI = "Mei Tran, 902 555 0143";

  it("is found, and goes to another day, asked whether to cancel", () => {
    const t = tern("we had a massage booked for Wednesday but something's cropped up", MEI, "Thursday at the same time?", "yes");
    expect(t.was("a-mei-two")).toMatch(/2027-03-04 11:00/);
  });

  it("is called off by who may book again some other time", () => {
    const t = tern(`${MEI}. please call off the acupuncture, I'll book again when I'm back`, "yes");
    expect(t.was("a-mei-one")).toMatch(/cancelled/);
    expect(tern(`${MEI}. I can't come for the acupuncture, can you rebook me`).state.task).toMatchObject({ errand: "move" });
  });
});

describe("a no with something told after it", () => {
  const bench = talksAt("twenty-seventh", "wren");

  it("says no goodbye, and declines none of what was named", () => {
    expect(bench("what guarantee is there on a ring", "no it's about the clasp, I think").state.expects).not.toBe("nothing");
    const t = bench("my old watch has stopped again", "no, it's still under guarantee");
    expect(t.state.task).toMatchObject({ errand: "book", among: ["service", "battery", "remodel"] });
    expect(t.state.task).not.toHaveProperty("declined");
  });

  it("is a goodbye, where all is well", () => {
    for (const said of ["no it's fine, thanks", "no that is everything for now", "no it can wait"])
      expect(bench("what guarantee is there on a ring", said).state.expects).toBe("nothing");
  });
});

describe("what stands beside what was asked for", () => {
  it("is a time that somebody goes for, and not how many come", () => {
    const t = tern("a sports massage with Nell please", "Tuesday afternoon", "let's go for three");
    expect(t.state.task).toMatchObject({ hold: { offer: { staff: "nell" } } });
    expect(t.last).toMatch(/3:00 pm/);
    expect(t.state.task).not.toMatchObject({ places: 3 });
  });

  it("is a word with somebody, and no line of the handbook", () => {
    expect(tern("could somebody phone me about a receipt").state.task).toMatchObject({ errand: "message" });
    expect(tern("could you email me a receipt").state.task).toBeNull();
  });

  it("is a wish for a visit, while a message waits for a name", () => {
    const t = tern("can somebody give me a ring about a bill", "is there anything on Tuesday with Priya");
    expect(t.state.task).toMatchObject({ errand: "book", staff: ["priya"] });
    expect(t.state.later).toMatchObject([{ errand: "message" }]);
  });

  it("is which they would advise, where a choice is asked for", () => {
    expect(tern("my hip's sore and I've never been to you", "what do you think I need").state.task).toMatchObject({ errand: "book" });
    expect(tern("a massage please", "which do you reckon I should have").state.expects).toBe("service");
  });
});

describe("two things and what is to be done with each", () => {
  it("are two visits, told by what stands between them", () => {
    expect(talksAt("twenty-seventh", "wren")("I've a chain to mend and an earring to clean").state.later).toHaveLength(1);
    expect(AND_ANOTHER_THING.test(" to mend and an ")).toBe(true);
    expect(AND_ANOTHER_THING.test(" is stuck and my ")).toBe(false);
  });
});
