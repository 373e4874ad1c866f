import { describe, expect, it } from "vitest";
import { readyOf, type Draft } from "../house/draft.ts";
import { draftSchema } from "../house/draft.ts";
import { MOMENTS, wordingFault } from "../house/moments.ts";
import { OWN_MOMENTS, type HouseFile, type Question } from "../house/schema.ts";
import { demoFile, houseOf } from "../testing/demo.ts";
import { epochMinOf, zoneOf } from "../time/zone.ts";
import { CopyBook, Rehearsal } from "./copybook.ts";

const AT = epochMinOf(zoneOf("America/Halifax"), "2027-03-01T08:30");

/** A conversation with the demo house as changed; gives the replies, one a message, and what stands at the end. */
function talk(change: (f: HouseFile) => void, said: string[], at = AT) {
  const file = structuredClone(demoFile());
  delete file.book;
  change(file);
  const book = new CopyBook(houseOf(file));
  book.clients.push({ id: "ana", name: "Ana Petrov", phone: "+19025550142", assessed: true, answers: { sport: "Running" } });
  const r = new Rehearsal(book, at, "ternbay-web", "web", 5);
  const greeting = r.start()[0]?.text ?? "";
  const replies = said.map((s) => (s === "?unclear" ? r.event("unclear") : r.say(s)).map((x) => x.text).join(" "));
  return { greeting, replies, last: replies.at(-1) ?? "", expects: r.state.expects, state: r.state, book };
}

const voice = (f: HouseFile): HouseFile["receptionists"][number] => f.receptionists[0] as HouseFile["receptionists"][number];
const BOOK = ["taping tomorrow at 2 pm with Tobias", "the first", "Ana Petrov", "902 555 0142", "yes"];
const CANCEL = [...BOOK, "cancel it", "yes"];

describe("how it speaks", () => {
  it("says other things in another manner, of the same facts", () => {
    const said = (["warm", "brisk", "formal"] as const).map((manner) => talk((f) => (voice(f).manner = manner), BOOK));
    expect(new Set(said.map((s) => s.last)).size).toBe(3);
    expect(new Set(said.map((s) => JSON.stringify(s.book.appointments.map((a) => [a.startMin, a.staff])))).size).toBe(1);
    for (const s of said) expect(s.last).toMatch(/2 March/);
  });

  it("is short: the first sentence of an answer, and nothing asked for politeness", () => {
    const long = talk(() => undefined, ["what is acupuncture?"]).last;
    const short = talk((f) => (voice(f).length = "short"), ["what is acupuncture?"]).last;
    expect(short.length).toBeLessThan(long.length);
    expect(short).not.toMatch(/else/);
  });

  it("has a name and greetings of its own, which take turns", () => {
    expect(talk((f) => Object.assign(voice(f), { name: "Wren", greeting: "{name} of {house}, {daypart}." }), []).greeting).toBe(
      "Wren of Tern Bay, good morning.",
    );
    expect(talk((f) => (voice(f).greeting = "Hello {client}, this is {house}."), []).greeting).toBe("Hello, this is Tern Bay.");
    const greetings = new Set(
      [1, 2, 3, 4, 5, 6, 7, 8].map((seed) => {
        const file = demoFile();
        Object.assign(voice(file), { greeting: "One.", greetings: ["Two."] });
        return new Rehearsal(new CopyBook(houseOf(file)), AT, "ternbay-web", "web", seed).start()[0]?.text;
      }),
    );
    expect(greetings).toEqual(new Set(["One.", "Two."]));
  });

  const moments: Record<(typeof OWN_MOMENTS)[number], { say: string; said: string[]; expected: RegExp }> = {
    offer: { say: "Free just now: {list}.", said: ["taping tomorrow"], expected: /Free just now: .*pm.* Which/i },
    booked: { say: "See you on {time}, {client}!", said: BOOK, expected: /See you on .*2 March.*, Ana!/ },
    moved: { say: "Shifted to {time}.", said: [...BOOK, "move it to wednesday at 3 pm", "the first", "yes"], expected: /Shifted to .*3 March/ },
    cancelled: { say: "Taken out: {time}.", said: CANCEL, expected: /Taken out: .*2 March/ },
    "late-fee": {
      say: "As it is short notice, {sum} is due.",
      said: ["taping today at 2 pm", ...BOOK.slice(1), "cancel it"],
      expected: /short notice, \$12\.50 is due/,
    },
    unknown: { say: "That one is beyond {house}.", said: ["do you have a helicopter pad?"], expected: /beyond Tern Bay\. Shall I pass/ },
    "handing-over": { say: "One moment, a colleague comes.", said: ["can I talk to a person"], expected: /a colleague comes/ },
    "anything-else": { say: "What else?", said: ["is there parking?"], expected: /What else\?/ },
    goodbye: { say: "So long from {house}.", said: ["is there parking?", "no thanks"], expected: /So long from Tern Bay/ },
    unheard: { say: "The line crackles.", said: ["?unclear"], expected: /^The line crackles\./ },
  };
  it.each(OWN_MOMENTS)("says %s in words of the house's own", (moment) => {
    const m = moments[moment];
    const own = talk((f) => (voice(f).wordings = [{ id: "w", moment, say: m.say }]), m.said);
    expect(own.last).toMatch(m.expected);
    expect(talk(() => undefined, m.said).last).not.toMatch(m.expected);
  });

  it("knows what is wrong with a wording at once", () => {
    expect(wordingFault(MOMENTS.booked, "See you {tiem}")).toEqual({ code: "unknown-variable", about: "{tiem}" });
    expect(wordingFault(MOMENTS.booked, "See you soon")).toEqual({ code: "variable-needed", about: "{time}" });
    expect(wordingFault(MOMENTS["anything-else"], "Only 5 minutes left?")).toEqual({ code: "figure-in-wording", about: "5" });
    expect(wordingFault(MOMENTS.booked, "See you {time}, {client}")).toBeNull();
  });
});

const ask = (q: Partial<Question> & { key: string; kind: Question["kind"] }): Question => ({ ask: `Tell me the ${q.key}?`, whom: "everyone", ...q });
/** The demo house asking only these questions, of everyone who books taping. */
const asking =
  (...questions: Question[]) =>
  (f: HouseFile): void => {
    f.questions = [...f.questions, ...questions];
    for (const s of f.services) if (s.id === "taping") s.asks = questions.filter((q) => !q.onlyThen).map((q) => q.key);
  };
const UNTIL = BOOK.slice(0, 4);

describe("what it asks", () => {
  it("asks one at a time, shows how far along it is, and keeps only what was said", () => {
    const t = talk(asking(ask({ key: "sum", kind: "money" }), ask({ key: "since", kind: "length" }), ask({ key: "home", kind: "address" })), [
      ...UNTIL,
      "about $60 to $80",
      "three weeks",
      "12 Elm Street",
      "Tern Bay",
      "yes",
    ]);
    expect(t.replies[3]).toMatch(/Tell me the sum\? \(1 of 3\)/);
    expect(t.replies[4]).toMatch(/Tell me the since\? \(2 of 3\)/);
    expect(t.replies[6]).toMatch(/which town/);
    expect(t.book.clients[0]?.answers).toEqual({
      sport: "Running",
      sum: "60 CAD to 80 CAD",
      since: "3 weeks",
      home: "12 Elm Street, Tern Bay",
      "home.street": "12 Elm Street",
      "home.town": "Tern Bay",
    });
  });

  it("asks again with help, and lets go only where the question may be skipped", () => {
    const many = ask({ key: "many", kind: "number", help: "How many of you come along." });
    const needed = talk(asking(many), [...UNTIL, "purple", "skip it"]);
    expect(needed.replies[4]).toMatch(/How many of you come along\..*[Tt]ell me the many/);
    expect(needed.last).toMatch(/need that/);
    expect(needed.expects).toBe("question:many");
    const free = talk(asking({ ...many, maySkip: true }), [...UNTIL, "skip it", "yes"]);
    expect(free.state.outcomes).toContain("booked");
    expect(free.book.clients[0]?.answers).toEqual({ sport: "Running" });
    expect(talk(asking(many), [...UNTIL, "purple", "blue", "green"]).state.outcomes).toContain("handed-over");
  });

  it("does not ask what the card knows, unless it is to be asked again", () => {
    const sport = ask({ key: "sport", kind: "text", again: false });
    expect(talk(asking(sport), UNTIL).expects).toBe("go-ahead");
    expect(talk(asking({ ...sport, again: true }), UNTIL).expects).toBe("question:sport");
  });

  it("keeps an answer with the visit only where the house wants that", () => {
    const t = talk(asking(ask({ key: "colour", kind: "text", keep: "visit" })), [...UNTIL, "blue", "yes"]);
    expect(t.state.outcomes).toContain("booked");
    expect(t.book.clients[0]?.answers).toEqual({ sport: "Running" });
  });

  it("takes a number that a question asks for as its answer, not as the client's own", () => {
    const t = talk(asking(ask({ key: "other", kind: "phone" })), [...UNTIL, "902 555 0177", "yes"]);
    expect(t.book.clients[0]).toMatchObject({ phone: "+19025550142", answers: { other: "+19025550177" } });
  });

  const kind = ask({
    key: "gear",
    kind: "choice",
    choices: [
      { id: "ankle", say: "Ankle", also: ["foot"] },
      { id: "back", say: "Back", also: ["spine"] },
      { id: "head", say: "Head", also: ["skull"] },
    ],
    then: [
      {
        id: "c1",
        if: { is: "choice", choice: "ankle" },
        do: [
          { act: "tag", tag: "ankles" },
          { act: "ask", question: "deep" },
        ],
        then: [{ id: "c1a", question: "deep", if: { is: "over", than: 5 }, do: [{ act: "hand-over", say: "We look at that ourselves." }], then: [] }],
      },
      { id: "c2", if: { is: "choice", choice: "back" }, do: [{ act: "offer", service: "follow-up" }], then: [] },
      { id: "c3", if: { is: "choice", choice: "head" }, do: [{ act: "turn-away", say: "We don't tape heads, I'm sorry." }], then: [] },
    ],
  });
  const deep = ask({ key: "deep", kind: "number", onlyThen: true });

  it("follows what comes of an answer, as deep as it goes", () => {
    const nested = talk(asking(kind, deep), [...UNTIL, "my foot", "7"]);
    expect(nested.last).toMatch(/We look at that ourselves/);
    expect(nested.state.outcomes).toContain("handed-over");
    const shallow = talk(asking(kind, deep), [...UNTIL, "my foot", "3", "yes"]);
    expect(shallow.state.outcomes).toContain("booked");
    expect(shallow.book.clients[0]?.answers).toMatchObject({ gear: "Ankle", deep: "3", tags: "ankles" });
    const away = talk(asking(kind, deep), [...UNTIL, "skull"]);
    expect(away.last).toMatch(/don't tape heads/);
    expect([...away.book.holds.keys()]).toEqual([]);
  });

  it("offers another service, and goes on with the first where that is declined", () => {
    const offered = talk(asking(kind, deep), [...UNTIL, "spine"]);
    expect(offered.last).toMatch(/follow-up may suit you better/);
    expect(talk(asking(kind, deep), [...UNTIL, "spine", "yes"]).state.task).toMatchObject({ service: "follow-up" });
    expect(talk(asking(kind, deep), [...UNTIL, "spine", "no"]).state.task).toMatchObject({ service: "taping" });
  });

  it("books another service where that is what follows", () => {
    const sure = ask({ key: "new_injury", kind: "yes-no", then: [{ id: "c", if: { is: "yes" }, do: [{ act: "book", service: "assessment" }], then: [] }] });
    const t = talk(asking(sure), [...UNTIL, "yes"]);
    expect(t.state.task).toMatchObject({ service: "assessment", lengthMin: 60 });
    expect(t.last).toMatch(/physiotherapy assessment/i);
  });
});

describe("limits, handing over and what is not known", () => {
  it("refuses what no house may give, though the handbook has no limits", () => {
    for (const line of ["can I get a refund", "is there a discount for students", "should i take ibuprofen", "who else is booked on monday"])
      expect(talk((f) => (f.limits = []), [line]).state.outcomes, line).toContain("turned-away");
    expect(talk((f) => delete f.emergency, ["he has chest pain"]).last).toMatch(/call 911 now/);
  });

  it("says what the house says instead, and tells whom it names", () => {
    const limited = (f: HouseFile): void => {
      f.limits = [{ id: "press", subject: "newspapers", words: ["newspaper", "interview"], say: "We leave the papers to Maren.", tell: "maren" }];
    };
    const t = talk(limited, ["I would like an interview for the newspaper", "yes", "Ana Petrov", "902 555 0142"]);
    expect(t.replies[0]).toMatch(/leave the papers to Maren\. .*Maren/);
    expect(t.book.slips[0]).toMatchObject({ slip: "message", text: expect.stringMatching(/^For Maren Oduya: /) as string });
  });

  it("does not tell a price that is kept, and still charges by it", () => {
    const t = talk(
      (f) => {
        for (const s of f.services) if (s.id === "taping") Object.assign(s, { priceKept: true, noPrice: "We tell you at the desk." });
      },
      ["what does taping cost", ...BOOK],
    );
    expect(t.replies[0]).toMatch(/tell you at the desk/);
    expect(t.replies.join(" ")).not.toMatch(/\$/);
    expect(t.book.appointments.at(-1)?.priceMinor).toBe(2500);
  });

  it("calls whom the house names, in its hours, and leaves word out of them", () => {
    const over = (nobody: "call-back" | "message") => (f: HouseFile) => {
      f.handingOver = { to: "mina", nobody, hours: [{ id: "h", weekdays: ["Monday"], from: "13:00", to: "14:00" }], words: ["speak to a manager"] };
    };
    expect(talk(over("call-back"), ["a person please"], AT + 300).last).toMatch(/Mina/);
    expect(talk(over("call-back"), ["a person please"]).last).toMatch(/opens, .*1:00 pm/);
    expect(talk(over("message"), ["a person please"]).last).toMatch(/pass a message on/);
    expect(talk(over("message"), ["let me speak to the manager"]).state.outcomes).toContain("handed-over");
  });

  it("does with a question it cannot answer what the house wants done", () => {
    const line = "do you have a helicopter pad?";
    const said = (["pass-on", "hand-over", "say-so"] as const).map((what) => talk((f) => (f.unknown = { do: what }), [line]));
    expect(said.map((s) => s.expects)).toEqual(["message", "nothing", "anything"]);
    for (const s of said) expect(s.state.outcomes).not.toContain("answered");
  });

  it("takes up again what nobody came to", () => {
    const book = new CopyBook(houseOf(demoFile()));
    const r = new Rehearsal(book, AT, "ternbay-web", "web", 5);
    r.start();
    r.say("a person please");
    expect(r.state.status).toBe("with-desk");
    const reply = r.nobodyCame();
    expect(reply[0]?.text).toMatch(/not come free yet|free yet/);
    expect(r.state).toMatchObject({ status: "open", expects: "name" });
  });
});

describe("documents", () => {
  const manual = (f: HouseFile): void => {
    f.documents = [
      {
        id: "manual",
        name: "Staff manual",
        private: false,
        passages: [
          {
            id: "p1",
            heading: "Lost property",
            text: "We keep what is found in the quiet room. Umbrellas are kept for a month. After that they go to the market hall.",
          },
          { id: "p2", heading: "Lockers", text: "Lockers take a coin of one dollar." },
        ],
      },
    ];
  };
  it("answer from the passage that supports it, by its telling sentence and with its source", () => {
    const t = talk(manual, ["how long do you keep umbrellas?"]);
    expect(t.last).toMatch(/Umbrellas are kept for a month\./);
    expect(t.last).not.toMatch(/quiet room/);
  });
  it("answer nothing that they do not support", () => {
    expect(talk(manual, ["do you have a helicopter pad?"]).expects).toBe("message");
  });
});

const draft = (change: (d: Draft) => void): Draft => {
  const { book: _book, ...handbook } = demoFile();
  const d = draftSchema.parse(handbook);
  change(d);
  return d;
};

describe("a draft", () => {
  const codes = (change: (d: Draft) => void): string[] => readyOf(draft(change)).gaps.map((g) => `${g.code} ${g.place}`);

  it("is as good as the handbook it was made from", () => {
    const { handbook, gaps } = readyOf(draft(() => undefined));
    const { book: _book, ...own } = demoFile();
    expect(handbook).toEqual(own);
    expect(gaps.filter((g) => g.stops)).toEqual([]);
  });

  it("always makes a house, and lists by place what does not hold", () => {
    expect(
      codes((d) => {
        for (const s of d.services) if (s.id === "taping") s.variants = [{ lengthMin: null, priceMinor: 2500 }];
        d.hours.push({ id: "odd", weekdays: ["Sunday"], from: "12:00", to: "09:00" });
        d.staff = d.staff.filter((s) => s.id !== "priya");
        d.place = {};
        for (const r of d.receptionists) r.greeting = "Hi {nobody}";
      }),
    ).toEqual(
      expect.arrayContaining([
        "length-missing services/taping/variants",
        "hours-backwards hours/odd",
        "unknown-staff services/acupuncture/staff",
        "nobody-does-it services/acupuncture/staff",
        "address-missing place/street",
        "phone-missing place/phone",
        "unknown-variable receptionists/day/greeting",
      ]),
    );
  });

  it("notices consequences that run in a circle, and none where there is none", () => {
    const q = (key: string, to: string): Question =>
      ask({ key, kind: "yes-no", then: [{ id: "c", if: { is: "yes" }, do: [{ act: "ask", question: to }], then: [] }] });
    expect(codes((d) => d.questions.push(q("a", "b"), q("b", "c"), q("c", "a")))).toContain("circular questions/a");
    expect(codes((d) => d.questions.push(q("a", "c"), q("b", "c"), ask({ key: "c", kind: "text" }))).join()).not.toMatch(/circular/);
  });

  it("puts what is needed most first", () => {
    const list = readyOf(
      draft((d) => {
        d.services = [];
        d.place = {};
      }),
    ).gaps.map((g) => g.code);
    expect(list.indexOf("no-services")).toBeLessThan(list.indexOf("address-missing"));
  });
});
