import { describe, expect, it } from "vitest";
import { demoHouse } from "../testing/demo.ts";
import { bookWith, NOW } from "../testing/play.ts";
import { setBook, setHouse } from "../testing/sets.ts";
import { epochMinOf } from "../time/zone.ts";
import { CopyBook, Rehearsal } from "./copybook.ts";

const HOUSE = setHouse("fifth", "ternbay");
const BOOKS = setBook("fifth", "ternbay");

/** What stands in the book after a talk, and what was said last. */
function talk(...says: string[]): { rehearsal: Rehearsal; last: string; all: string[]; book: ReturnType<typeof bookWith> } {
  const book = bookWith(HOUSE, BOOKS);
  const rehearsal = new Rehearsal(book, epochMinOf(HOUSE.zone, NOW), "ternbay-web", "web", 3);
  const all = [...rehearsal.start(), ...says.flatMap((s) => rehearsal.say(s))].map((r) => r.text);
  return { rehearsal, last: all.at(-1) as string, all, book };
}

const fresh = (book: ReturnType<typeof bookWith>): string[] =>
  book.appointments
    .filter((a) => !BOOKS.appointments.some((b) => b.id === a.id) && a.status === "booked")
    .map((a) => {
      const at = HOUSE.zone.toLocal(a.startMin);
      return `${a.service} ${Math.floor(at.minute / 60)}:${String(at.minute % 60).padStart(2, "0")} ${a.visitor ?? a.client.name}`;
    });
const TEO = "Teodor Wiśniewski, 902 555 0127";

describe("another visit besides", () => {
  it("is said to be one more where such a visit is coming already, before anything is booked", () => {
    const t = talk(`acupuncture on tuesday the 9th at noon, ${TEO}`);
    expect(t.rehearsal.state.expects).toBe("go-ahead");
    expect(t.last).toMatch(/already have acupuncture on Monday 15 March.*one more/s);
    expect(fresh(t.book)).toEqual([]);
  });

  it("turns into a move when that is what was meant", () => {
    const t = talk(`acupuncture on tuesday the 9th at noon, ${TEO}`, "no, I want to move my acupuncture there", "yes");
    expect(fresh(t.book)).toEqual([]);
    const moved = t.book.appointments.find((a) => a.id === "a-teo-two");
    expect(moved?.status).toBe("booked");
    expect(t.last).not.toMatch(/You are booked/);
  });

  it("is not said of a first one", () => {
    expect(talk(`taping on tuesday at noon, ${TEO}`).last).not.toMatch(/one more/);
  });

  it("waits while the first is being kept", () => {
    const t = talk(
      "taping on wednesday at 9 with maren, Dag Solberg, 902 555 0161",
      "and the same for my brother",
      "yes",
      "Egil Solberg",
      "the first one",
      "yes",
    );
    expect(fresh(t.book)[0]).toBe("taping 9:00 Dag Solberg");
    expect(t.all.join(" ")).toContain("Egil Solberg");
  });

  it("in one message is two visits: one for who speaks, one for whom they name", () => {
    const t = talk("taping on wednesday at 9 and one for my wife, Dag Solberg, 902 555 0161", "yes");
    expect(fresh(t.book)).toEqual(["taping 9:00 Dag Solberg"]);
    expect(t.rehearsal.state.task?.errand).toBe("book");
  });

  it("on both of two days is two visits", () => {
    const t = talk("taping on the 3rd and the 10th, both at 9, Dag Solberg, 902 555 0161", "yes", "yes");
    expect(fresh(t.book)).toEqual(["taping 9:00 Dag Solberg", "taping 9:00 Dag Solberg"]);
  });
});

describe("what stands already", () => {
  it("can be made longer without being moved, at the price of its new length", () => {
    const t = talk("my massage on the 11th should be 90 minutes, Nadine Boutilier, 902 555 0139");
    expect(t.last).toMatch(/becomes 90 minutes.*\$135/s);
    t.rehearsal.say("yes");
    const own = t.book.appointments.find((a) => a.id === "a-nadine");
    expect(own).toMatchObject({ lengthMin: 90, priceMinor: 13500, startMin: epochMinOf(HOUSE.zone, "2027-03-11T15:00") });
  });

  it("is not found by a first name alone, which says nothing of whether it is there", () => {
    const [known, unknown] = [talk("I'm Nadine, 902 555 0139, when is my massage"), talk("I'm Nadine, 902 555 0198, when is my massage")];
    expect(known.last).toBe(unknown.last);
    expect(known.rehearsal.state.expects).toBe("name");
    expect(known.rehearsal.say("Nadine Boutilier").at(-1)?.text).toContain("11 March");
  });

  it("the other one is not the one in hand", () => {
    const t = talk(`move my follow-up to the 9th at noon, ${TEO}`, "and the other one cancel please", "yes");
    expect(t.book.appointments.find((a) => a.id === "a-teo-two")?.status).toBe("cancelled");
    expect(t.book.appointments.find((a) => a.id === "a-teo-one")?.status).toBe("booked");
  });

  it("cancelled and had on another day instead is moved", () => {
    const t = talk(`cancel my follow-up and book me on tuesday the 9th at noon instead, ${TEO}`, "yes");
    const own = t.book.appointments.find((a) => a.id === "a-teo-one");
    expect(own).toMatchObject({ status: "booked", startMin: epochMinOf(HOUSE.zone, "2027-03-09T12:00") });
    expect(fresh(t.book)).toEqual([]);
  });
});

describe("an answer to a read back", () => {
  const TAPING = "taping on wednesday at 9 with maren, Dag Solberg, 902 555 0161";
  it.each([
    ["no, ten", "10:00"],
    ["hm, could we do 11", "11:00"],
    ["could it be 2?", "2:00 pm"],
    ["make it half past nine", "9:30"],
  ])("with another hour changes it: %s", (said, hour) => {
    const t = talk(TAPING, said);
    expect(t.rehearsal.state.expects).toBe("go-ahead");
    expect(t.last).toContain(hour);
    expect(fresh(t.book)).toEqual([]);
  });

  it("with a remark and a yes is a yes", () => {
    expect(fresh(talk(TAPING, "perfect, book it").book)).toEqual(["taping 9:00 Dag Solberg"]);
  });
});

describe("which service", () => {
  it("whoever is new means the first visit", () => {
    const t = talk("I need physio for my knee", "I've never been to you, no");
    expect(t.rehearsal.state.task).toMatchObject({ errand: "book", service: "assessment" });
  });

  it("may be said by what its description says", () => {
    const t = talk("I'd like a massage", "the gentle one then");
    expect(t.rehearsal.state.task).toMatchObject({ errand: "book", service: "relaxation-massage" });
  });

  it("is asked with all there is to choose from, where somebody seeks advice", () => {
    const t = talk("what would you suggest for tense legs");
    expect(t.last).toContain("sports massage");
    expect(t.rehearsal.state.expects).toBe("service");
    t.rehearsal.say("sports massage");
    expect(t.rehearsal.state.task).toMatchObject({ errand: "book", service: "sports-massage" });
  });
});

describe("a name", () => {
  it.each([
    ["three places in the saturday class, Malik Said, 902 555 0154", "Malik Said"],
    ["Ada Lund here. I'd like taping on friday at 9", "Ada Lund"],
  ])("is heard though its words may mean something else: %s", (said, name) => {
    expect(talk(said).rehearsal.state.client.name).toBe(name);
  });

  it("that looks like a day is a name where one is asked for", () => {
    const t = talk("taping on wednesday at 9 with maren", "Frida Sat Olsen");
    expect(t.rehearsal.state.client.name).toBe("Frida Sat Olsen");
    expect(t.last).not.toMatch(/taken/);
  });
});

describe("a person", () => {
  it.each(["can I speak to a person?", "could I talk to somebody real please?", "could a living person take over this chat please?"])(
    "is never far, whatever the handbook says of it: %s",
    (said) => {
      expect(talk(`my name is Halvard Quill, ${said}`).rehearsal.state.status).toBe("with-desk");
    },
  );
});

describe("a person who does not do it", () => {
  it("is told of once, and then it is with whoever does", () => {
    const { all, last } = talk(
      "half an hour of sports massage with Maren on Wednesday please",
      "half an hour of sports massage on Wednesday at quarter past twelve",
    );
    expect(all[1]).toMatch(/Maren doesn't do sports massage/);
    expect(last).not.toMatch(/Maren/);
    expect(last).toMatch(/Wednesday 3 March at 12:15 pm/);
  });
});

describe("what there is in general", () => {
  const names = demoHouse().handbook.services.map((s) => s.name.toLowerCase());
  const told = (text: string): number => names.filter((n) => text.toLowerCase().includes(n)).length;
  const asked = (text: string, channel: "web" | "phone"): string => {
    const talk = new Rehearsal(new CopyBook(demoHouse()), epochMinOf(demoHouse().zone, NOW), "line", channel, 3);
    talk.start();
    return talk
      .say(text)
      .map((r) => r.text)
      .join(" ");
  };
  it.each(["what do you offer", "what kind of treatments do you have", "which services can i choose from"])("%s: all of it in writing, three aloud", (text) => {
    expect(told(asked(text, "web"))).toBe(names.length);
    expect(told(asked(text, "phone"))).toBe(3);
  });
  it("is what a word for several stands for", () => {
    const reply = asked("which massages do you do", "web");
    expect(reply).toMatch(/sports massage/i);
    expect(reply).toMatch(/relaxation massage/i);
    expect(told(reply)).toBe(2);
  });
  it("is who works there, by their work, and nobody who cannot be seen", () => {
    const reply = asked("who works at your place", "web");
    for (const name of ["Maren", "Tobias", "Priya", "Nell", "Joaquim", "Hanneke"]) expect(reply).toContain(name);
    expect(reply).not.toContain("Mina");
    expect(asked("who is the owner's accountant", "web")).not.toContain("Maren");
  });
});
