import { describe, expect, it } from "vitest";
import type { HouseFile } from "../house/schema.ts";
import { EMERGENCY } from "../house/through.ts";
import { demoFile, houseOf } from "../testing/demo.ts";
import { epochMinOf, zoneOf } from "../time/zone.ts";
import { CopyBook, Rehearsal } from "./copybook.ts";

const MONDAY = "2027-03-01T10:30";
const SATURDAY_NIGHT = "2027-03-06T21:30";

/** A conversation on a line, at a time of the house's; "?nobody" is nobody coming to what was handed over. */
function talk(channel: "phone" | "web", wall: string, said: string[], change: (f: HouseFile) => void = () => undefined) {
  const file = structuredClone(demoFile());
  delete file.book;
  change(file);
  const line = channel === "phone" ? "ternbay-phone" : "ternbay-web";
  const r = new Rehearsal(new CopyBook(houseOf(file)), epochMinOf(zoneOf("America/Halifax"), wall), line, channel, 7);
  r.start();
  const replies = said.map((s) => (s === "?nobody" ? r.nobodyCame() : r.say(s)).map((x) => x.text).join(" "));
  return { replies, last: replies.at(-1) ?? "", state: r.state, slips: r.book.slips };
}

describe("an emergency on the telephone", () => {
  it("is told what to do at once, and put through to the emergency line at any hour", () => {
    for (const wall of [MONDAY, SATURDAY_NIGHT]) {
      const t = talk("phone", wall, ["he has chest pain"]);
      expect(t.last).toMatch(/call 911 now.*emergency line/i);
      expect(t.state).toMatchObject({ status: "with-desk", through: EMERGENCY, expects: "nothing", task: null });
    }
  });

  it("comes back where nobody picks up, with what to do, and no message is asked for", () => {
    const t = talk("phone", SATURDAY_NIGHT, ["he has chest pain", "?nobody"]);
    expect(t.last).toMatch(/911/);
    expect(t.last).not.toMatch(/message|call you back/i);
    expect(t.state).toMatchObject({ status: "open", task: null });
  });

  it("stays with the receptionist where there is no line for it, and in a chat, where the number is given", () => {
    const without = talk("phone", MONDAY, ["he has chest pain"], (f) => delete f.emergency?.housePhone);
    expect(without.state.status).toBe("open");
    expect(without.last).not.toMatch(/putting you through/i);
    const chat = talk("web", MONDAY, ["he has chest pain"]);
    expect(chat.state.status).toBe("open");
    expect(chat.last).toMatch(/902 555 0111/);
  });
});

describe("a person who is asked for by name", () => {
  it("is who it is for, on the slip and on the line", () => {
    const t = talk("phone", MONDAY, ["can I speak to Mina please"]);
    expect(t.state).toMatchObject({ status: "with-desk", through: "mina" });
    expect(t.slips.map((s) => s.text).join()).toMatch(/^For Wilhelmina Achterberg/);
  });

  it("is reached on their own telephone when nobody is at the desk, and not in a chat", () => {
    const late = (f: HouseFile): void => {
      f.handingOver = { nobody: "call-back", hours: [{ id: "am", weekdays: ["Monday"], from: "08:00", to: "09:00" }] };
    };
    expect(talk("phone", MONDAY, ["can I speak to Mina please"], late).state).toMatchObject({ status: "with-desk", through: "mina" });
    expect(talk("phone", MONDAY, ["could I have a word with a human being"], late).state.status).toBe("open");
    expect(talk("web", MONDAY, ["can I speak to Mina please"], late).state.status).toBe("open");
  });

  it("is the one who was spoken of, where they say so", () => {
    expect(talk("phone", MONDAY, ["has Mina come in yet?", "I would rather discuss it with her, could you connect me to her"]).state).toMatchObject({
      status: "with-desk",
      through: "mina",
    });
    expect(talk("phone", MONDAY, ["could I have a word with a human being"]).state).not.toHaveProperty("through");
  });

  it("is forgotten where somebody else is asked for after", () => {
    const t = talk("phone", MONDAY, [
      "can I speak to Mina please",
      "?nobody",
      "Ana Petrov",
      "902 555 0142",
      "yes",
      "then give me a human being, whoever is free",
    ]);
    expect(t.state.status === "with-desk" ? t.state.through : "not handed over").toBeUndefined();
  });
});

describe("what was heard and not surely", () => {
  const heard = (said: (string | [string, number])[]) => {
    const { book: _book, ...file } = demoFile();
    const r = new Rehearsal(new CopyBook(houseOf(file)), epochMinOf(zoneOf("America/Halifax"), MONDAY), "ternbay-phone", "phone", 7);
    r.start();
    const replies = said.map((s) => (typeof s === "string" ? r.say(s) : r.say(...s)).map((x) => x.text).join(" "));
    return { replies, state: r.state, slips: r.book.slips };
  };

  it("and is not known is asked back, once", () => {
    const t = heard([
      ["may i god a client meant", 0.7],
      ["may i god a client meant", 0.7],
    ]);
    expect(t.replies[0]).toMatch(/hear|make that out/i);
    expect(t.replies[1]).not.toMatch(/hear|make that out/i);
    expect(heard([["may i god a client meant", 0.97]]).replies[0]).not.toMatch(/hear that|make that out/i);
    expect(heard(["may i god a client meant"]).replies[0]).not.toMatch(/hear that|make that out/i);
  });

  it("and would be refused is asked back first; what is heard plainly is refused", () => {
    const doubtful: [string, number] = ["may we move my hair is he a client month", 0.6];
    expect(heard([doubtful]).replies[0]).toMatch(/hear|make that out/i);
    expect(heard([doubtful, doubtful]).replies[1]).toMatch(/another client/);
    expect(heard([["is he a client of yours", 0.9]]).replies[0]).toMatch(/another client/);
  });

  it("and would be an emergency is told what to do and loses nothing; said again it is one", () => {
    const doubtful: [string, number] = ["a chest pain ages ago", 0.6];
    const once = heard(["taping tomorrow at 2 pm with tobias", doubtful]);
    expect(once.replies[1]).toMatch(/911/);
    expect(once.state).toMatchObject({ status: "open", task: { errand: "book", service: "taping" } });
    expect(once.slips).toMatchObject([{ slip: "emergency" }]);
    expect(heard([doubtful, doubtful]).state.status).toBe("with-desk");
    expect(heard([["my husband has chest pain", 0.9]]).state.status).toBe("with-desk");
  });
});
