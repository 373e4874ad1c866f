import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { House } from "../house/compile.ts";
import type { HouseFile } from "../house/schema.ts";
import { demoFile, demoHouse, houseOf } from "../testing/demo.ts";
import { epochMinOf } from "../time/zone.ts";
import { CalendarBook } from "../schedule/calendar.ts";
import { advance, begin } from "./advance.ts";
import { CopyBook, Rehearsal } from "./copybook.ts";
import { moneyText } from "./format.ts";
import { sameName } from "./names.ts";
import { publicState, weightiest } from "./public.ts";
import { fill, joinVals, val } from "./turn.ts";
import { EN } from "./wording/en.ts";

const demo = demoHouse();
const MONDAY = epochMinOf(demo.zone, "2027-03-01T08:30");

function books(house: House = demo): CopyBook {
  const book = new CopyBook(house);
  book.clients.push(
    { id: "ana", name: "Ana Petrov", phone: "+19025550142", assessed: true },
    { id: "lou", name: "Lou Weir", phone: "+19025550150", email: "lou@weir.example", assessed: false },
  );
  const add = (id: string, service: string, lengthMin: number, staff: string, wall: string, room: string): void => {
    const startMin = epochMinOf(house.zone, wall);
    const priceMinor = house.services.get(service)?.variants.find((v) => v.lengthMin === lengthMin)?.priceMinor ?? null;
    book.add({
      id,
      clientId: "ana",
      client: { name: "Ana Petrov" },
      service,
      lengthMin,
      staff,
      room,
      startMin,
      endMin: startMin + lengthMin,
      busyUntilMin: startMin + lengthMin,
      places: 1,
      priceMinor,
      status: "booked",
      feeMinor: 0,
    });
  };
  add("soon", "follow-up", 30, "maren", "2027-03-01T15:00", "treatment-1");
  add("later", "acupuncture", 45, "priya", "2027-03-04T16:00", "treatment-1");
  return book;
}

function talk(house: House = demo, book = books(house), now = MONDAY, seed = 11) {
  const r = new Rehearsal(book, now, "ternbay-web", "web", seed);
  r.start();
  return {
    r,
    book,
    say: (text: string) => {
      const replies = r.say(text);
      return { text: replies.map((x) => x.text).join(" "), expects: r.state.expects, replies };
    },
    all: (...lines: string[]): string =>
      lines
        .map((l) =>
          r
            .say(l)
            .map((x) => x.text)
            .join(" "),
        )
        .at(-1) ?? "",
  };
}

const edited = (change: (f: HouseFile) => void): House => {
  const f = structuredClone(demoFile());
  change(f);
  return houseOf(f);
};

describe("saying only what can be shown", () => {
  it("changes the figure when the line changes, and loses it when the line goes", () => {
    const asks: [string, (f: HouseFile, v: number) => void, (v: number) => string][] = [
      ["what does taping cost", (f, v) => void ((f.services[6] as { variants: unknown }).variants = [{ lengthMin: 15, priceMinor: v * 100 }]), (v) => `$${v}`],
      [
        "how long is acupuncture",
        (f, v) => void ((f.services[4] as { variants: unknown }).variants = [{ lengthMin: 5 * v, priceMinor: 1 }]),
        (v) => String(5 * v),
      ],
      [
        "how much is a gift voucher",
        (f, v) => void ((f.answers.find((a) => a.id === "voucher-buy") as { answer: string }).answer = `Vouchers start at $${v}.`),
        (v) => `$${v}`,
      ],
    ];
    fc.assert(
      fc.property(fc.integer({ min: 13, max: 97 }), fc.constantFrom(...asks), (v, [ask, change, shown]) => {
        fc.pre(v % 12 !== 0); // whole hours are said as hours
        const said = talk(edited((f) => change(f, v))).say(ask).text;
        expect(said).toContain(shown(v));
      }),
      { numRuns: 60 },
    );
    const gone = edited((f) => {
      f.answers = f.answers.filter((a) => a.id !== "voucher-buy");
      f.facts = f.facts.filter((x) => x.id !== "vouchers");
    });
    expect(talk(gone).say("how much is a gift voucher").text).not.toMatch(/\d/);
  });

  it("gives every figure of every reply a source, whatever is asked", () => {
    const words = [
      "how much is a sports massage",
      "are you open on saturday",
      "when is maren in",
      "book acupuncture tomorrow",
      "the first one",
      "is there parking",
      "what about orthotics",
      "cancel my appointment",
      "Ana Petrov 902 555 0142",
      "move it to friday at ten",
      "yes",
      "no",
      "what is your cancellation policy",
      "how do I get there",
      "next friday",
      "the 90 minutes",
      "do you have a pool",
    ];
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...words), { minLength: 1, maxLength: 6 }), fc.integer({ min: 1, max: 999 }), (lines, seed) => {
        const t = talk(demo, books(), MONDAY, seed);
        for (const line of lines) {
          if (t.r.state.status !== "open") break;
          for (const reply of t.r.say(line)) if (/\d/.test(reply.text)) expect(reply.sources.length, reply.text).toBeGreaterThan(0);
        }
      }),
      { numRuns: 150 },
    );
  });

  it("holds back a sentence whose figure has no source, and has no figure in any wording", () => {
    expect(fill("It costs {price}.", { price: val("$12") })).toBeNull();
    expect(fill("It costs {price}.", { price: val("$12", { kind: "service", id: "x", label: "X" }) })?.text).toBe("It costs $12.");
    expect(fill("It costs 12.", {})).toBeNull();
    expect(fill("It costs {price}.", {})).toBeNull();
    expect(joinVals([val("at 3"), val("b", { kind: "said", id: "s", label: "" })], "or").sources).toEqual([]);
    for (const list of Object.values(EN)) for (const wording of list) expect(wording).not.toMatch(/\d/);
  });

  it("says that it does not know, and offers to pass the question on", () => {
    const t = talk();
    expect(t.say("do you sell running socks?").expects).toBe("message");
    t.say("yes please");
    t.say("Rita Hale");
    expect(t.say("902 555 0190").text).toMatch(/desk/);
    expect(t.book.slips[0]).toMatchObject({ slip: "message", name: "Rita Hale", phone: "+19025550190", text: "do you sell running socks?" });
  });

  it("promises no reminder", () => {
    const said = talk().all("deep tissue for half an hour thursday at 11 with nell", "Ana Petrov 902 555 0142", "yes");
    expect(said).toMatch(/booked/i);
    expect(said).not.toMatch(/remind|text you|email you|send/i);
  });
});

describe("saying done only when it is done", () => {
  it("says booked in answer to nothing but the event that it is", () => {
    const t = talk();
    t.all("deep tissue for half an hour thursday at 11 with nell", "Ana Petrov 902 555 0142");
    const step = advance(demo, t.book.calendar, MONDAY, t.r.state, { kind: "said", text: "yes" });
    expect(step.effects.map((e) => e.kind)).toEqual(["book"]);
    expect(step.reply?.text ?? "").not.toMatch(/booked/i);
  });

  it("tells of a time that was lost and offers the next best", () => {
    const t = talk();
    t.say("acupuncture tomorrow morning please");
    const offered = t.r.state.task?.errand === "book" ? t.r.state.task.offered[0] : undefined;
    if (!offered) throw new Error("nothing was offered");
    t.book.calendar.set({ id: "x", staff: offered.staff, room: null, startMin: offered.startMin, endMin: offered.endMin });
    const lost = t.say("the first one");
    expect(lost.text).toMatch(/taken|gone/);
    expect(lost.expects).toBe("slot");
  });
});

describe("listening", () => {
  it("asks nothing that was said", () => {
    const t = talk();
    expect(t.say("half an hour of deep tissue with Nell this Thursday at 11, Ana Petrov, 902 555 0142").expects).toBe("go-ahead");
  });

  it("answers a question in the middle and takes up the thread", () => {
    const t = talk();
    t.say("acupuncture tomorrow at ten");
    const aside = t.say("do you take cash?");
    expect(aside.text).toContain("cash");
    expect(aside.expects).toBe("name");
  });

  it("never chooses next Friday in silence", () => {
    expect(talk().say("acupuncture next thursday").expects).toBe("day");
    const one = talk().say("relaxation massage for an hour with Nell next friday");
    expect(one.text).toMatch(/5 March|12 March/);
  });

  it("asks new clients the house's questions, and returning ones none", () => {
    const fresh = talk();
    fresh.all("acupuncture tomorrow at ten", "Gil Frost", "902 555 0133");
    const asked: string[] = [];
    for (const answer of ["yes", "no", "my neck", "a month", "no", "none, I pay myself"]) {
      asked.push(fresh.r.state.expects);
      fresh.say(answer);
    }
    expect(asked).toEqual(["phone-check", "question:been_before", "question:body_part", "question:since_when", "question:referred", "question:health_plan"]);
    expect(fresh.r.state.expects).toBe("go-ahead");
    const known = talk();
    known.all("acupuncture tomorrow at ten", "Ana Petrov");
    expect(known.say("902 555 0142").expects).toBe("go-ahead");
  });

  it("offers the assessment where the card says that it has not been", () => {
    const t = talk();
    t.all("shockwave with tobias tomorrow at nine", "Lou Weir");
    const r = t.say("902 555 0150");
    expect(r.text).toContain("physiotherapy assessment");
    expect(r.expects).toBe("service");
    expect(t.say("yes").text).toMatch(/assessment/);
  });

  it("hands over and books nothing when the answer calls for a person", () => {
    const t = talk();
    t.all("shockwave with tobias tomorrow at nine", "Ana Petrov", "902 555 0142", "no", "no");
    expect(t.say("yes I do").text).toMatch(/desk/);
    expect(t.book.appointments.filter((a) => a.service === "shockwave")).toEqual([]);
    expect(t.r.state.outcomes).toContain("handed-over");
  });

  it("closes after a goodbye, and gives up after three repairs to a person", () => {
    const t = talk();
    t.say("thanks, bye");
    expect(t.r.state.status).toBe("closed");
    const lost = talk();
    lost.all("blorp", "fnord", "grault");
    expect(lost.r.state.status).toBe("with-desk");
  });
});

describe("moving and cancelling", () => {
  it("tells the late fee before it is done, and that there is none when there is none", () => {
    const late = talk();
    late.say("cancel my visit today please, Ana Petrov, 902 555 0142");
    const asked = late.r.state.expects;
    expect(asked).toBe("go-ahead");
    expect(late.book.appointments.find((a) => a.id === "soon")?.status).toBe("booked");
    late.say("yes");
    expect(late.book.appointments.find((a) => a.id === "soon")).toMatchObject({ status: "cancelled", feeMinor: 3750 });
    const free = talk();
    expect(free.say("cancel my acupuncture please, Ana Petrov, 902 555 0142").text).toContain("no charge");
  });

  it("counts exactly 24 hours as free and a minute less as late", () => {
    const start = epochMinOf(demo.zone, "2027-03-04T16:00");
    for (const [now, fee] of [
      [start - 1440, 0],
      [start - 1439, 4250],
    ] as const) {
      const t = talk(demo, books(), now);
      t.all("cancel my acupuncture please, Ana Petrov, 902 555 0142", "yes");
      expect(t.book.appointments.find((a) => a.id === "later")?.feeMinor).toBe(fee);
    }
  });

  it("finds nothing under the right number with another name, and leaves it to the desk", () => {
    const t = talk();
    t.all("cancel my acupuncture, it's Petra Holm, 902 555 0142", "yes");
    expect(t.book.appointments.every((a) => a.status === "booked")).toBe(true);
    expect(t.book.slips.map((s) => s.slip)).toEqual(["hand-over"]);
  });

  it("asks which one where several fit", () => {
    const t = talk();
    expect(t.say("I need to cancel my appointment, Ana Petrov 902 555 0142").expects).toBe("which-appointment");
    expect(t.say("the acupuncture").text).toContain("Thursday 4 March");
  });

  it("moves to a time that overlaps its own", () => {
    const t = talk();
    t.say("move my acupuncture to thursday at 4:15, Ana Petrov 902 555 0142");
    expect(t.say("yes").text).toContain("4:15 pm");
    expect(t.book.appointments.find((a) => a.id === "later")?.startMin).toBe(epochMinOf(demo.zone, "2027-03-04T16:15"));
  });

  it("keeps what it was when the answer is no", () => {
    const t = talk();
    t.all("cancel my acupuncture please, Ana Petrov, 902 555 0142", "no, keep it");
    expect(t.book.appointments.find((a) => a.id === "later")?.status).toBe("booked");
  });
});

describe("safety", () => {
  it("puts a danger before everything and offers no booking", () => {
    const r = talk().say("book me a massage, I have terrible chest pain");
    expect(r.text).toContain("911");
    expect(r.text).toContain("902 555 0111");
    expect(r.replies[0]?.choices).toBeUndefined();
  });

  it.each(["can I have a discount", "I want my money back", "what should I take for the pain", "what is Maren's home number"])("refuses: %s", (ask) => {
    const r = talk().say(ask);
    expect(r.text).toMatch(/can't|don't/);
    expect(r.text).toContain("message");
  });

  it("reaches a person at any time", () => {
    const t = talk();
    t.all("acupuncture tomorrow at ten", "let me talk to a person");
    expect(t.r.state.status).toBe("with-desk");
    expect(t.r.say("hello?")).toEqual([]);
  });
});

describe("out of hours", () => {
  it("has its own greeting, and promises a call back only once it knows whom to call", () => {
    const evening = epochMinOf(demo.zone, "2027-03-01T20:30");
    const t = talk(demo, books(), evening);
    expect(t.r.state.receptionist).toBe("evening");
    const first = t.say("can I talk to a person?");
    expect(first.text).toContain("Tuesday 2 March at 8:00 am");
    expect(first.expects).toBe("name");
    expect(t.book.slips).toEqual([]);
    t.say("Rita Hale");
    expect(t.say("902 555 0190").text).toMatch(/when/i);
    expect(t.book.slips).toEqual([]);
    const last = t.say("tomorrow after three");
    expect(t.book.slips).toMatchObject([{ slip: "call-back", name: "Rita Hale", phone: "+19025550190" }]);
    expect(t.book.slips[0]?.text).toMatch(/person\? \(call back: tomorrow after three\)$/);
    expect(last.text).toMatch(/desk/);
  });

  it("asks nobody when to call who has said so, and takes whatever they answer", () => {
    const evening = epochMinOf(demo.zone, "2027-03-01T20:30");
    const said = talk(demo, books(), evening);
    said.say("can a person call me tomorrow at nine?");
    said.say("Rita Hale");
    expect(said.say("902 555 0190").text).not.toMatch(/when/i);
    expect(said.book.slips[0]?.text).toMatch(/tomorrow at nine/);
    expect(said.book.slips[0]?.text).not.toMatch(/call back:/);
    const any = talk(demo, books(), evening);
    for (const s of ["can I talk to a person?", "Rita Hale", "902 555 0190", "no, any time"]) any.say(s);
    expect(any.book.slips[0]?.text).toMatch(/\(call back: no, any time\)$/);
  });
});

describe("same words, same answer", () => {
  const lines = ["hi", "a massage tomorrow", "sports", "an hour", "the first one", "Ana Petrov 902 555 0142", "yes"];
  const run = (seed: number): string[] => {
    const t = talk(demo, books(), MONDAY, seed);
    return lines.flatMap((l) => t.r.say(l).map((x) => x.text));
  };

  it("to the letter with the same seed, and in facts with another", () => {
    expect(run(5)).toEqual(run(5));
    const figures = (list: string[]): string[] => list.map((x) => (x.match(/\$?\d[\d:]*/g) ?? []).sort().join(" "));
    for (const seed of [6, 7, 8]) expect(figures(run(seed))).toEqual(figures(run(5)));
  });

  it("leaves the state it was given as it was", () => {
    const state = begin(demo, MONDAY, "ternbay-web", "web", 3);
    const copy = structuredClone(state);
    advance(demo, new CalendarBook(), MONDAY, state, { kind: "said", text: "acupuncture tomorrow at ten" });
    expect(state).toEqual(copy);
  });
});

describe("any words in any order", () => {
  it("never throw, and never book without a go-ahead", () => {
    const words = [
      "book",
      "yes",
      "no",
      "the first one",
      "tomorrow",
      "acupuncture",
      "a massage",
      "an hour",
      "Ana Petrov",
      "902 555 0142",
      "cancel",
      "move it",
      "friday at 3",
      "next friday",
      "how much",
      "😀",
      "'; drop table",
      "",
      "thanks",
      "another time",
      "neither",
      "message",
      "my son",
      "two places in the mat class",
      "later",
      "not tuesday",
    ];
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...words), { maxLength: 14 }), fc.integer({ min: 1, max: 99 }), (lines, seed) => {
        const t = talk(demo, books(), MONDAY, seed);
        for (const line of lines) {
          if (t.r.state.status !== "open") break;
          const before = t.book.appointments.length;
          const expects = t.r.state.expects;
          t.r.say(line);
          if (t.book.appointments.length > before) expect(expects).toBe("go-ahead");
        }
      }),
      { numRuns: 400 },
    );
  });
});

describe("what came of it", () => {
  it("weighs a deed before a message, a message before an answer", () => {
    expect(weightiest(["answered", "booked", "cancelled"])).toBe("cancelled");
    expect(weightiest(["answered", "message-taken"])).toBe("message-taken");
    expect(weightiest(["turned-away", "answered"])).toBe("turned-away");
    expect(weightiest(["answered", "abandoned"])).toBe("abandoned");
    expect(weightiest([])).toBeUndefined();
  });

  it("marks who left with an errand open, and lets go of what was held", () => {
    const t = talk();
    t.say("acupuncture tomorrow at ten");
    const step = advance(demo, t.book.calendar, MONDAY, t.r.state, { kind: "left" });
    expect(step.effects.map((e) => e.kind)).toEqual(["release"]);
    expect(step.state.outcomes).toEqual(["abandoned"]);
    expect(step.state.status).toBe("closed");
  });

  it("shows the slots as they stand", () => {
    const t = talk();
    t.say("an hour of sports massage with Nell on thursday after two");
    expect(publicState(demo, MONDAY, t.r.state).known).toMatchObject({
      service: "Sports massage",
      length_min: 60,
      staff: "Eleanor Fairweather",
      date: "2027-03-04",
      time_from: "14:00",
    });
  });
});

describe("small things", () => {
  it("know a name through capitals, accents and one slip", () => {
    expect(sameName("siobhan kehoe", "Siobhán Kehoe")).toBe(true);
    expect(sameName("Ana Petrow", "Ana Petrov")).toBe(true);
    expect(sameName("Petra Holm", "Ana Petrov")).toBe(false);
    expect(sameName("Al", "Jo")).toBe(false);
  });

  it("write money in the house's way", () => {
    expect(moneyText(demo, 3750)).toBe("$37.50");
    expect(moneyText(demo, 9500)).toBe("$95");
    expect(
      moneyText(
        edited((f) => void (f.currency = "JPY")),
        9500,
      ),
    ).toBe("¥9,500");
  });
});
