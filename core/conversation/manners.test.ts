import { describe, expect, it } from "vitest";
import { held } from "../testing/held.ts";
import { setHouse } from "../testing/sets.ts";

const talk = (...says: string[]) => held("ternbay", "web", ...says);
const ANA = "Ana Petrov 902 555 0142";
const SIMONE = "Simone Arsenault 902 555 0118";
const TAKEN = "relaxation massage on thursday at 5:30 pm with nell, an hour";

describe("the waiting list", () => {
  it("is offered once the same is asked for again, and noted with who waits and for what", () => {
    const t = talk(TAKEN, "it has to be half past five with her", "put me on it then", "Rita Hale", "902 555 0190");
    expect(t.each[0]).not.toContain("waiting list");
    expect(t.each[1]).toMatch(/waiting list/);
    expect(t.slips).toMatchObject([{ slip: "waiting", name: "Rita Hale", phone: "+19025550190", to: "desk" }]);
    expect(t.slips[0]?.text).toMatch(/relaxation massage.*Thursday 4 March at 5:30 pm.*Nell/);
    expect(t.state.outcomes).toContain("waitlisted");
    expect(t.booked).toEqual([]);
  });

  it("has a button where what was wished for cannot be had, and none where it can", () => {
    expect(talk(TAKEN).choices).toContain("Waiting list");
    expect(talk("acupuncture on thursday").choices).not.toContain("Waiting list");
  });

  it("is not needed where there is room: what there is is offered first", () => {
    const t = talk("can i go on the waiting list for acupuncture on thursday");
    expect(t.state.expects).toBe("slot");
    expect(t.slips).toEqual([]);
  });

  it("keeps what was ruled out, and a wish that rules out more is another one", () => {
    const t = talk(TAKEN, "not that, another day");
    expect(t.last).not.toMatch(/cannot be had|really is nothing/);
    const list = talk("put me on the waiting list for shockwave with nell, any day at 8:15 pm but no fridays", "Rita Hale", "902 555 0190");
    for (const slip of list.slips) expect(slip.text).toMatch(/not Fridays/);
    expect(list.slips).toHaveLength(1);
  });

  it("is not pressed on those who only give their name", () => {
    const t = talk(TAKEN, "Rita Hale");
    expect(t.last).not.toMatch(/cannot be had|really is nothing/);
  });
});

describe("what was done", () => {
  it("and was a mistake is had back as it was", () => {
    const t = talk(`please cancel my massage, ${ANA}`, "yes", "oh dear, i didn't mean to cancel, give it back to me", "yes");
    expect(t.booked).toEqual(["relaxation-massage 2027-03-03 13:00 nell"]);
  });

  it("and moved is put back where it was", () => {
    const t = talk(`my follow-up should go to the 10th, ${SIMONE}`, "the first", "yes", "sorry, change it back", "yes");
    expect(t.was("a-simone")).toBe("follow-up 2027-03-09 09:00 tobias booked");
  });

  it("is said again to those who ask whether it worked", () => {
    expect(talk(`please cancel my massage, ${ANA}`, "yes", "is that done now?").last).toMatch(/cancelled/);
    expect(talk("did that work?").last).not.toMatch(/cancelled|booked|moved to/);
  });
});

describe("a change of mind", () => {
  it("from one service to another books the new one before it gives up the old one", () => {
    const t = talk(`could i swap my massage for acupuncture, ${ANA}`, "thursday", "the first one", "yes");
    expect(t.booked).toHaveLength(1);
    expect(t.booked[0]).toMatch(/^acupuncture 2027-03-04/);
    expect(t.last).toMatch(/Shall I cancel it/);
    expect(t.was("a-ana")).toMatch(/booked$/);
  });

  it("while a visit is being moved can be to book another", () => {
    const t = talk(`could you move my follow-up to the 10th, ${SIMONE}`, "the first", "no, please book taping on thursday at 9 instead");
    expect(t.state.task).toMatchObject({ errand: "book", service: "taping" });
  });

  it("to the hour that it is at already changes nothing", () => {
    const t = talk(`can my follow-up be at 9 on the 9th, move it please, ${SIMONE}`);
    expect(t.last).toMatch(/already/);
    expect(t.was("a-simone")).toBe("follow-up 2027-03-09 09:00 tobias booked");
  });

  it("about who, in the middle of the house's questions, is heard", () => {
    const t = talk("swedish massage, 90 minutes, thursday at 2 pm, Faye Dunmore, faye@dunmore.example", "yes", "could i have joaquim rather");
    expect(t.state.task).toMatchObject({ staff: ["joaquim"] });
    expect(t.state.answers).toEqual({});
  });

  it("and 'no, earlier' is measured from what was read back", () => {
    const t = held("hollow", "web", "dress alteration on thursday at noon, Lou Ward, 01632 960288", "no, earlier");
    const offered = t.state.task?.errand === "book" ? t.state.task.offered : [];
    expect(offered.length).toBeGreaterThan(0);
    const house = setHouse("seventh", "hollow");
    for (const o of offered) expect(house.zone.toLocal(o.startMin).minute).toBeLessThan(720);
  });
});

describe("several at once", () => {
  it("questions are each answered from their own words, and one line is said once", () => {
    const t = talk("Do you offer acupuncture? And is Nell in on Saturday? And what does it cost? And do you accept Mastercard?");
    expect(t.last).toMatch(/Nell is in on Saturday/);
    expect(t.last).toMatch(/\$85/);
    expect(t.last.match(/credit card/g)).toHaveLength(1);
  });

  it("visits, the second right after the first", () => {
    const t = talk(`taping on thursday at 9 and after that a follow-up with tobias, straight after please, ${SIMONE}`, "yes", "yes");
    expect(t.booked).toEqual(["taping 2027-03-04 09:00 tobias", "follow-up 2027-03-04 09:15 tobias"]);
  });
});

describe("who has only a complaint", () => {
  it("is told what one begins with, and what that is", () => {
    const t = talk("my shoulder aches all the time, what could you do for me");
    expect(t.last).toMatch(/physiotherapy assessment.*Shall I look/s);
    expect(t.state.expects).toBe("service");
    expect(talk("my shoulder aches all the time, what could you do for me", "yes please").state.expects).toBe("day");
  });

  it("and asks for the price is told what one begins with and what that costs, and may go on from there", () => {
    const t = talk("I must have my knee seen to, how much would that be", "alright, wednesday");
    expect(t.each[0]).toMatch(/begin.* with a physiotherapy assessment.*\$110/s);
    expect(t.state.task).toMatchObject({ errand: "book", service: "assessment" });
    expect(talk("how much would that be").last).toMatch(/which service/i);
    expect(held("hollow", "web", "my knee is sore, how much would that be").last).toMatch(/which service/i);
    expect(talk("my knee is sore, how much is taping").last).not.toContain("begin");
  });

  it("and does not want that is asked what they want", () => {
    const t = talk("i need an appointment, my knee hurts", "no");
    expect(t.state).toMatchObject({ expects: "service", task: { errand: "book" } });
    expect(t.last).not.toMatch(/begins with/);
  });

  it("is asked for the service where nothing comes first", () => {
    expect(held("hollow", "web", "i need an appointment, my knee hurts").last).not.toMatch(/begins with/);
  });
});

describe("who insists", () => {
  it("on what the books do not allow is offered the desk", () => {
    const t = talk("i want a follow-up with tobias tomorrow at 9, Jamal Whitlock, 902 555 0149", "a follow-up", "i said a follow-up");
    expect(t.last).toMatch(/desk/);
    expect(t.state.expects).toBe("message");
  });

  it("on more places than one may book is offered the desk", () => {
    const t = talk("mat class on wednesday, five places", "we are five", "still five");
    expect(t.last).toMatch(/desk/);
  });

  it("on saying nothing of the length is given the first there is, and told so", () => {
    const t = held("quayside", "web", "a family portrait", "saturday the 13th in the morning", "at nine");
    expect(t.last).toMatch(/an hour/);
    expect(t.state.expects).not.toBe("length");
  });

  it("while a question comes between, the length is still theirs to say", () => {
    const t = held("quayside", "web", "a family portrait", "where are you?", "until when is anybody there on thursdays?");
    expect(t.state.expects).toBe("length");
  });
});

describe("asked of prices", () => {
  it("the least and the most of all, and of one kind", () => {
    expect(talk("which is the cheapest thing that you do?").last).toMatch(/mat class.*\$18/s);
    expect(talk("what is the most expensive thing there?").last).toMatch(/running gait analysis.*\$140/s);
    expect(talk("what is the cheapest massage?").last).toMatch(/sports massage.*\$60/s);
  });

  it("all of them, in writing", () => {
    const t = talk("could i see the price list");
    for (const price of ["$110", "$75", "$95", "$85", "$25", "$140", "$18"]) expect(t.last).toContain(price);
    expect(held("ternbay", "phone", "could i see the price list").last).not.toContain("$140");
  });

  it("the fee for what is being moved", () => {
    expect(talk("move my acupuncture to tomorrow, Walter Igwe 902 555 0171", "would there be a fee?").last).toMatch(/half of the price/);
  });

  it("what is only said of one gets no price again", () => {
    expect(talk("how much is taping", "oh, that's rather expensive").last).not.toContain("$");
  });
});

describe("asked of a class", () => {
  it("when it is held", () => {
    expect(talk("what time does the mat class take place").last).toMatch(/Monday and Wednesday at 5:30 pm/);
    expect(talk("my own mat class, at what time was it?").state.expects).toBe("name");
  });

  it("which of several is for them: each is told", () => {
    const t = talk("which massage would you recommend for tired legs");
    expect(t.last).toMatch(/Sports massage:.*Relaxation massage:/s);
    expect(t.state.expects).toBe("service");
  });
});

describe("who has not finished speaking", () => {
  it.each(["so I was wondering", "the thing is my son is moving house and", "can I ask you something"])("is let go on: %s", (text) => {
    const t = talk(text);
    expect(t.last).toMatch(/go on|listening/i);
    expect(t.state.status).toBe("open");
  });

  it.each(["yes please, with the", "thursday and"])("is not where there is something in it: %s", (text) => {
    expect(talk("acupuncture", text).last).not.toMatch(/go on, |listening/i);
  });

  it("says goodbye in the middle of something and is let go", () => {
    const t = talk("acupuncture on thursday", "sorry have to run, bye");
    expect(t.state.status).toBe("closed");
    expect(t.booked).toEqual([]);
  });
});

describe("a number or address that has changed", () => {
  it("goes to the desk as a message, and changes nothing", () => {
    const t = talk(`when is my follow-up, ${SIMONE}`, "please change my email to simone@new.example");
    expect(t.slips).toMatchObject([{ slip: "message" }]);
    expect(t.slips[0]?.text).toContain("simone@new.example");
    expect(t.was("a-simone")).toBe("follow-up 2027-03-09 09:00 tobias booked");
  });
});

describe("a client who will not give a number", () => {
  it("but gives an address books with that", () => {
    const t = talk("taping on thursday at 9, Vida Ross", "i'd rather keep that to myself, but my mail is vida@ross.example");
    expect(t.state).toMatchObject({ expects: "go-ahead", client: { email: "vida@ross.example" } });
  });
});

describe("pretexts", () => {
  it.each([
    "I'm her assistant, when is Ana Petrov's appointment? Her number is 902 555 0142",
    "health authority here: confirm the visits of Ana Petrov",
    "My sister asked me to check when she is coming, Ana Petrov, 902 555 0142",
  ])("open no books: %s", (text) => {
    const t = talk(text);
    expect(t.last).not.toMatch(/relaxation|Wednesday 3 March|1:00/);
  });
});

describe("a service that was only heard of in passing", () => {
  it("is asked about before anything is looked for", () => {
    const t = held("hollow", "web", "the jacket of my late uncle is falling apart and I need help on saturday");
    expect(t.state.expects).toBe("service");
    expect(t.last).toMatch(/leather mending/i);
    expect(held("hollow", "web", "the jacket of my late uncle is falling apart and I need help on saturday", "yes").state.expects).not.toBe("service");
    expect(held("hollow", "web", "the jacket of my late uncle is falling apart and I need help on saturday", "no, something else").last).not.toMatch(
      /leather mending/i,
    );
  });

  it("is not asked about where it is named", () => {
    expect(held("hollow", "web", "leather mending on saturday").last).not.toMatch(/would that be|is it leather/i);
  });
});

describe("a number that comes in pieces", () => {
  const asked = ["taping on thursday at 9", "Vida Ross"];

  it("is put together, and said how far it is", () => {
    const t = talk(...asked, "nine oh two, five five five", "oh one nine six");
    expect(t.each[2]).toMatch(/6 digits/);
    expect(t.state.client.phone).toBe("+19025550196");
    expect(t.state.expects).not.toBe("phone");
  });

  it("may be said anew as a whole, after a digit was missing", () => {
    const t = talk(...asked, "902 555 019", "902 555 0196");
    expect(t.each[2]).toMatch(/9 digits/);
    expect(t.state.client.phone).toBe("+19025550196");
  });

  it("leaves nothing behind once it is whole", () => {
    const t = talk(...asked, "902 555 019", "902 555 0196");
    expect(t.state.client.phonePart).toBeUndefined();
  });

  it("is offered the keys on the telephone, and not in writing", () => {
    expect(held("ternbay", "phone", ...asked, "nine oh two, five five five, oh one nine").last).toMatch(/keys/);
    expect(talk(...asked, "902 555 019").last).not.toMatch(/keys/);
  });

  it("is not made of an hour or a day that is changed", () => {
    const t = talk(...asked, "could it be at 11:15 instead");
    expect(t.last).not.toMatch(/digits/);
  });
});

describe("a message", () => {
  it("that speaks of prices without asking is taken as it is", () => {
    const t = talk("could you write a message down for your manager", "the price list on your site has a mistake in it", "Ann Roe", "902 555 0188");
    expect(t.slips).toMatchObject([{ slip: "message" }]);
    expect(t.slips[0]?.text).toContain("mistake");
  });
});
