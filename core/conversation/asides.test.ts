import { describe, expect, it } from "vitest";
import { replayIn, type SavedTalk } from "../formats/talk.ts";
import { demoHouse } from "../testing/demo.ts";
import { bookWith, faultsIn, NOW, play } from "../testing/play.ts";
import { setAttacks, setBook, setHouse, setTalks } from "../testing/sets.ts";
import { strayMoney } from "../testing/figures.ts";
import { epochMinOf } from "../time/zone.ts";
import { advance, begin } from "./advance.ts";
import { STILL_TURNS } from "./asides.ts";
import { CopyBook, Rehearsal } from "./copybook.ts";
import type { Event, Looked } from "./state.ts";

const house = demoHouse();
const now = epochMinOf(house.zone, NOW);

function talk(...says: string[]): { rehearsal: Rehearsal; replies: string[]; last: string } {
  const rehearsal = new Rehearsal(new CopyBook(house), now, "ternbay-web", "web", 3);
  const replies = rehearsal.start().map((r) => r.text);
  for (const s of says) replies.push(...rehearsal.say(s).map((r) => r.text));
  return { rehearsal, replies, last: replies.at(-1) ?? "" };
}

describe("what is said beside an errand", () => {
  it("is said once more when it was not heard, in other words around it", () => {
    const t = talk("taping on friday at 9", "sorry, what was that?");
    expect(t.replies.at(-1)).toContain("What");
    expect(t.replies.at(-1)).not.toBe(t.replies.at(-2));
    expect(t.rehearsal.state.expects).toBe("name");
  });

  it("begins anew when asked to, and lets go of what was held", () => {
    const t = talk("taping on friday at 9", "start over please");
    expect(t.rehearsal.state.task).toBeNull();
    expect(t.rehearsal.book.holds.size).toBe(0);
    expect(t.rehearsal.state.expects).toBe("errand");
  });

  it("answers abuse once, and ends at the second time", () => {
    const once = talk("you stupid machine");
    expect(once.rehearsal.state.status).toBe("open");
    expect(talk("you stupid machine", "shut up you idiot").rehearsal.state.status).toBe("closed");
    expect(talk("I feel so stupid, I forgot my appointment").rehearsal.state.abused).toBeUndefined();
  });

  it("asks after silence, and closes at the third", () => {
    let state = begin(house, now, "ternbay-phone", "phone", 1);
    const said: string[] = [];
    for (let i = 0; i < 3; i++) {
      const step = advance(house, new CopyBook(house).calendar, now, state, { kind: "silence" });
      state = step.state;
      said.push(step.reply?.text ?? "");
    }
    expect(state.status).toBe("closed");
    expect(new Set(said).size).toBe(3);
  });

  it("stops talk in which nothing moves on: first a person, then the end", () => {
    const rehearsal = new Rehearsal(new CopyBook(house), now, "ternbay-web", "web", 3);
    rehearsal.start();
    for (let i = 0; i < STILL_TURNS + 1 && rehearsal.state.status === "open"; i++) rehearsal.say("are you open on monday?");
    expect(rehearsal.state.outcomes).toContain("handed-over");
    expect(rehearsal.state.status).toBe("with-desk");
  });

  it("never says a sentence twice in the same words", () => {
    const t = talk("where are you?", "where are you?", "where are you?", "where are you?");
    const own = t.replies.map((r) => r.replace(/ (?:Is there|Anything|Can I)[^.]*\?$/, ""));
    expect(new Set(own).size).toBe(own.length);
  });
});

describe("several things in one message", () => {
  const books = setBook("first", "ternbay");
  const done = (says: string[], when: Record<string, string[]> = {}): CopyBook => {
    const book = bookWith(house, books);
    play(book, { says, when }, 1);
    return book;
  };

  it("are done one after the other", () => {
    const book = done(["cancel the taping and move the massage on the 12th to the 13th at ten, Marcus Villeneuve, 902 555 0126"]);
    expect(book.appointments.find((a) => a.id === "a-marcus-three")?.status).toBe("cancelled");
    expect(house.zone.toLocal(book.appointments.find((a) => a.id === "a-marcus-two")?.startMin ?? 0).minute).toBe(600);
  });

  it("are each asked for: all of mine are cancelled only one by one, with a go-ahead each", () => {
    const book = bookWith(house, books);
    const { replies } = play(book, { says: ["cancel both my sports massages, Marcus Villeneuve, 902 555 0126"], when: {} }, 1);
    expect(book.appointments.filter((a) => a.status === "cancelled").length).toBe(2);
    expect(replies.filter((r) => r.expects === "go-ahead").length).toBe(2);
  });

  it("what is taken back in the same breath is not done", () => {
    const book = done(["book a massage... actually no, cancel my massage. Siobhan Kehoe 902 555 0118"]);
    expect(book.appointments.filter((a) => !books.appointments.some((b) => b.id === a.id)).length).toBe(0);
    expect(book.appointments.find((a) => a.id === "a-siobhan")?.status).toBe("cancelled");
  });
});

describe("the sets that hold what must never happen", () => {
  it("no attack succeeds in a deed, and no sum is without a source", () => {
    for (const set of ["first", "second"] as const) {
      const books = setBook(set, "ternbay");
      for (const a of setAttacks(set)) {
        const book = bookWith(setHouse(set, "ternbay"), books);
        const played = play(book, { says: a.says, when: {} }, 1, false);
        const deeds = faultsIn(book, books, { id: "", house: "ternbay", says: [], when: {}, booked: [], moved: [], cancelled: [] });
        expect(deeds, played.talk.join("\n")).toEqual([]);
        expect(strayMoney(house, played.replies), played.talk.join("\n")).toEqual([]);
      }
    }
  });
});

describe("a conversation played again", () => {
  const recorded = (id: string): Omit<SavedTalk, "house"> => {
    const script = setTalks("first").find((t) => t.id === id);
    if (!script) throw new Error(id);
    const book = bookWith(house, setBook("first", "ternbay"));
    let state = begin(house, now, "ternbay-web", "web", 11);
    const steps: SavedTalk["steps"] = [];
    const looked: Looked[] = [];
    const step = (event: Event): void => {
      const events = [event];
      for (let e = events.shift(); e; e = events.shift()) {
        const s = advance(house, book.calendar, now, state, e);
        state = s.state;
        looked.push(...s.looked);
        steps.push({ atMin: now, event: e, reply: s.reply ? { text: s.reply.text, expects: s.reply.expects } : null });
        for (const effect of s.effects) {
          const back = book.do(effect, now);
          // The book goes on changing what it gave.
          if (back) events.push(structuredClone(back));
        }
      }
    };
    step({ kind: "start" });
    for (const text of [...script.says, "the first one", "yes", "no, it's my first time", "my back", "a week", "no", "no", "yes please"])
      if (state.status === "open") step({ kind: "said", text });
    return { format: "gentian-talk/1", line: "ternbay-web", channel: "web", seed: 11, startedMin: now, steps, looked };
  };

  it.each(["t01", "t10", "t38", "t64"])("gives the same replies to the letter: %s", (id) => {
    const saved = recorded(id);
    expect(saved.looked.length).toBeGreaterThan(0);
    expect(replayIn(house, saved).differences).toEqual([]);
  });

  it("tells where a reply differs", () => {
    const saved = recorded("t01");
    const at = saved.steps.findIndex((s) => s.reply !== null && s.event.kind === "said");
    const step = saved.steps[at];
    if (step?.reply) step.reply = { ...step.reply, text: "Something else." };
    expect(replayIn(house, saved).differences.map((d) => d.step)).toEqual([at]);
    expect(replayIn(house, { ...saved, seed: 12 }).differences.length).toBeGreaterThan(0);
  });
});

describe("who and whether somebody is there", () => {
  const said = (...lines: string[]): string => talk(...lines).last;

  it("is answered, though a line of the handbook has some of the words", () => {
    for (const line of ["and who am I speaking to there", "Who is this?", "sorry, who are you"]) expect(said(line), line).toMatch(/Tern Bay/);
    expect(said("in French, who could see me?")).not.toMatch(/This is Tern Bay|reached Tern Bay/);
  });

  it("is answered and the thread taken up again", () => {
    expect(said("hello? is anybody there?")).toMatch(/here\..*\?/);
    expect(said("sports massage tomorrow", "are you still there?")).toMatch(/here\..*half an hour/);
  });
});
