import { describe, expect, it } from "vitest";
import { held } from "../testing/held.ts";

const talk = (...says: string[]) => held("ternbay", "web", ...says);
const rules = (t: ReturnType<typeof talk>): string[] => t.reasons.flatMap((r) => (r.what === "rule" ? [r.rule] : []));

describe("what is kept for somebody", () => {
  it("stays kept when they say it again", () => {
    const t = talk("taping on friday at 10", "friday works for me", "Rita Hale 902 555 0190");
    expect(t.each[1]).toMatch(/10:00 am/);
    expect(t.state.task).toMatchObject({ hold: { offer: { staff: "maren" } } });
    expect(t.last).not.toMatch(/Which/);
  });

  it("is let go when they say another day", () => {
    const t = talk("taping on friday at 10", "no, thursday is better");
    expect(t.last).toMatch(/Thursday/);
    expect(t.last).not.toMatch(/Friday/);
  });

  it("stays kept through a question that comes with a halt", () => {
    const t = talk("taping on friday at 10, Rita Hale 902 555 0190", "no hang on, where are you?");
    expect(t.last).not.toMatch(/suit you better/);
    expect(t.state.task).toHaveProperty("hold");
  });
});

describe("a change of what is being booked", () => {
  it("is one of what is being booked, however it is said, where nothing else of theirs is known", () => {
    const t = talk("assessment on friday", "the first", "change that to with priya");
    expect(t.state.task).toMatchObject({ errand: "book", service: "assessment", staff: ["priya"] });
    expect(t.last).not.toMatch(/booked under/);
  });

  it("that speaks of what they have goes to that", () => {
    const t = talk("taping on friday at 10", "oh, and move my acupuncture to friday too. Pavel Novotny 902 555 0127");
    expect([t.state.task, ...t.state.later].map((x) => x?.errand)).toContain("move");
  });

  it("that begins the same anew leaves nothing of the first behind", () => {
    const t = talk("taping on friday", "move my follow-up", "i want to book a taping on thursday", "the first", "Rita Hale 902 555 0190");
    expect(t.state.later.filter((x) => x.errand === "book")).toEqual([]);
  });
});

describe("a decline", () => {
  it("is none when somebody tells what they have not done", () => {
    const t = talk("taping on friday", "i haven't had that done before");
    expect(t.last).not.toMatch(/suit you better/);
    expect(t.state.expects).toBe("slot");
  });

  it("that nothing is earlier asks for earlier", () => {
    const t = talk("taping on friday after 11", "nothing earlier?");
    expect(rules(t)).not.toContain("say/book/other-time");
    expect(t.last).toMatch(/[89]:\d\d am|10:\d\d am/);
  });

  it("of all that was offered is one still", () => {
    expect(talk("taping on friday", "no").state.expects).toBe("day");
    expect(talk("taping on friday", "nothing then").last).not.toMatch(/kept for you/);
  });
});

describe("two services in one message", () => {
  it("are asked for together and both booked, one after the other", () => {
    const t = talk("is there room on friday for a taping and an acupuncture?");
    expect(t.each[0]).toMatch(/one after the other/);
    expect([t.state.task, ...t.state.later].map((x) => (x?.errand === "book" ? x.service : ""))).toEqual(["taping", "acupuncture"]);
  });

  it("are both wished for, beside a question about them", () => {
    const t = talk("i want a taping and an acupuncture, can that be done in one go?");
    expect([t.state.task, ...t.state.later].map((x) => (x?.errand === "book" ? x.service : ""))).toEqual(["taping", "acupuncture"]);
  });

  it("may be planned anew, each with a day of its own, while times for one of them are on the table", () => {
    const t = talk("taping on friday", "rather the taping tomorrow at 10 and acupuncture on thursday");
    const all = [t.state.task, ...t.state.later].filter((x) => x?.errand === "book");
    expect(all.map((x) => (x?.errand === "book" ? x.service : ""))).toEqual(["taping", "acupuncture"]);
  });

  it("of which one is only asked about is one visit", () => {
    const t = talk("i'd like a taping on friday, and what does acupuncture cost?");
    expect([t.state.task, ...t.state.later]).toHaveLength(1);
    expect(t.last).toMatch(/\$85/);
  });
});

describe("names that come at any time", () => {
  it("are taken while a time is being chosen", () => {
    const t = talk("taping on friday", "under Peke, Jarrod Peke");
    expect(t.state.client.name).toBe("Jarrod Peke");
    expect(t.state.expects).toBe("slot");
  });

  it("of whose visit it is are taken with the deed, and looked up with their number alone", () => {
    const t = talk("Cancel Simone Arsenault's follow-up please");
    expect(t.state.client.name).toBe("Simone Arsenault");
    expect(t.state.expects).toBe("phone");
    expect(t.was("a-simone")).toMatch(/booked$/);
  });

  it("are put together of a family name that was spelled and a given name after it", () => {
    const t = held("ternbay", "phone", "taping on friday at 10", "it's mahoney, m a h o n e y, first name fergal");
    expect(t.state.client.name).toBe("Fergal Mahoney");
  });

  it("are none where something else is told", () => {
    for (const words of ["it doesn't hurt but i'm flying out soon", "i'm calling from the car", "we're travelling next month"]) {
      const t = talk("taping on friday at 10", words);
      expect(t.state.client.name, words).toBeUndefined();
    }
  });
});

describe("hours in two figures", () => {
  it("are an hour and its minutes where one of several is chosen", () => {
    const t = talk("taping on friday", "is the 12 30 with maren");
    expect(t.last).toMatch(/12:30 pm is kept|at 12:30 pm for you/);
  });

  it("are none where no hour is waited for", () => {
    expect(talk("i have 10 30 cents coins").state.task).toBeNull();
  });
});
