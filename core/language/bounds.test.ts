import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { setHouse } from "../testing/sets.ts";
import { epochMinOf } from "../time/zone.ts";
import type { Expects } from "./context.ts";
import { ofKind } from "./found.ts";
import { read } from "./read.ts";
import { spell } from "./spelling.ts";
import { folded, normalise, stem } from "./text.ts";

const house = setHouse("seventh", "ternbay");
const now = epochMinOf(house.zone, "2027-03-01T08:30");
const at = (text: string, expects: Expects = "errand") => read(text, { house, now, expects });
const times = (text: string, expects: Expects = "errand") => ofKind(at(text, expects).found, "time").map((f) => f.value);

describe("hours as they are said on a radio", () => {
  it("are those in which a house can be open", () => {
    expect(times("6 hundred hours on friday")).toEqual([{ kind: "at", at: { hour: 6, minute: 0, certain: true } }]);
    expect(times("22 hundred hours on friday")).toEqual([{ kind: "at", at: { hour: 22, minute: 0, certain: true } }]);
    expect(times("23 hundred hours on friday")).toEqual([]);
    expect(times("5 hundred hours on friday")).toEqual([]);
    expect(times("oh nine hundred on friday")).toEqual([{ kind: "at", at: { hour: 9, minute: 0, certain: true } }]);
    expect(times("nine hundred on friday")).toEqual([]);
  });
});

describe("a bare number", () => {
  const answer = (length: number): string => {
    const words = "ok please yes then maybe ".repeat(20).slice(0, length - 2);
    return `${words.slice(0, words.lastIndexOf(" "))}${"!".repeat(words.length - words.lastIndexOf(" "))} 4 `.slice(0, length - 2) + " 4";
  };

  it("names a time where one is waited for, in no more words than people answer with", () => {
    expect(answer(160)).toHaveLength(160);
    expect(times(answer(160), "slot")).toHaveLength(1);
    expect(times(answer(161), "slot")).toEqual([]);
  });

  it("names none where none is waited for", () => {
    expect(times("4")).toEqual([]);
    expect(times("4", "slot")).toHaveLength(1);
  });
});

describe("a name that is waited for", () => {
  const name = (text: string): string | undefined => ofKind(at(text, "name").found, "name")[0]?.value;

  it.each(["April May", "June Day", "Sunday Okafor", "Anh Thu Nguyen", "Will Good Smith"])("may be made of everyday words: %s", (text) => {
    expect(name(text)).toBe(text);
  });

  it("may look like a doing word, and is none where it is one that everybody uses", () => {
    expect(name("I'm Fleming")).toBe("Fleming");
    expect(name("i'm flying out soon")).toBeUndefined();
  });

  it.each(["Friday", "Tomorrow at Ten", "What Time", "How Much Is That"])("is not every word with a capital: %s", (text) => {
    expect(name(text)).not.toBe(text);
  });
});

describe("hours of one's own work", () => {
  const until = (text: string): unknown => times(text)[0];

  it("that end are what a visit comes after", () => {
    for (const text of [
      "taping friday, i finish at 4",
      "taping friday, we get off work at 4",
      "taping friday, i work until 4",
      "taping friday, my shift ends at 4",
    ])
      expect(until(text), text).toMatchObject({ kind: "from", at: { hour: 4 } });
  });

  it("that begin are what a visit is over by", () => {
    for (const text of ["taping friday, i start work at 11", "taping friday, i have to be at work by 11", "taping friday, my shift starts at 11"])
      expect(until(text), text).toMatchObject({ kind: "until", at: { hour: 11 }, is: "end" });
  });

  it("are not what the visit does", () => {
    expect(until("can the taping start at 11 on friday")).toMatchObject({ kind: "at", at: { hour: 11 } });
    expect(until("does the class end at 4")).toMatchObject({ kind: "at", at: { hour: 4 } });
  });
});

describe("reading", () => {
  const bits = fc.constantFrom(
    ..."taping acupuncture massage friday tomorrow next monday at ten 4 pm not or and maren nell my i book cancel move what does cost ? , . the 902 555 0142 yes no an hour half 90 minutes for me and".split(
      " ",
    ),
  );
  const messages = fc.array(bits, { maxLength: 14 }).map((w) => w.join(" "));

  it("points into what was said, and nowhere else", () => {
    fc.assert(
      fc.property(messages, (text) => {
        const r = at(text);
        for (const f of [...r.found, ...r.corrected]) {
          expect(f.start).toBeGreaterThanOrEqual(0);
          expect(f.end).toBeLessThanOrEqual(r.text.length);
          expect(f.start).toBeLessThan(f.end);
        }
        for (const e of r.errands) expect(e.sure).toBeGreaterThan(0);
      }),
      { numRuns: 300 },
    );
  });

  it("is the same with other spaces and another case around it", () => {
    fc.assert(
      fc.property(messages, (text) => {
        const plain = at(text);
        const kinds = (r: typeof plain): string[] => r.found.map((f) => `${f.kind} ${JSON.stringify("value" in f ? f.value : null)}`);
        expect(kinds(at(`  ${text} `))).toEqual(kinds(plain));
      }),
      { numRuns: 200 },
    );
  });

  it("finds no two of a kind in the same place", () => {
    fc.assert(
      fc.property(messages, (text) => {
        const { found } = at(text);
        found.forEach((a, i) => {
          for (const b of found.slice(i + 1)) if (a.kind === b.kind) expect(a.start === b.start && a.end === b.end && a.rule === b.rule).toBe(false);
        });
      }),
      { numRuns: 300 },
    );
  });
});

describe("spelling", () => {
  it("maps every place of what it put right back into what was written", () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom("um", "uh", "tommorow", "cancle", "the the", "friday", "I", "appointmnet", "at", "ten"), { maxLength: 10 }),
        (words) => {
          const text = words.join(" ");
          const spelled = spell(text, () => false, false);
          let before = -1;
          for (let i = 0; i <= spelled.said.raw.length; i++) {
            const back = spelled.back(i);
            expect(back).toBeGreaterThanOrEqual(0);
            expect(back).toBeLessThanOrEqual(text.length);
            expect(back).toBeGreaterThanOrEqual(before);
            before = back;
          }
        },
      ),
      { numRuns: 200 },
    );
  });

  it("leaves what it need not touch", () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom("friday", "at", "ten", "please", "taping", "maren"), { minLength: 1, maxLength: 8 }), (words) => {
        const text = [...new Set(words)].join(" ");
        expect(spell(text, () => true, false).said.raw).toBe(text);
      }),
    );
  });
});

describe("words", () => {
  it("have one stem whatever was asked before, which is no longer than they are", () => {
    fc.assert(
      fc.property(fc.stringMatching(/^[a-z]{1,14}$/), (word) => {
        expect(stem(word)).toBe(stem(word));
        expect(stem(word).length).toBeLessThanOrEqual(word.length);
        expect(stem(word).length).toBeGreaterThan(0);
      }),
    );
    expect(stem("massages")).toBe(stem("massage"));
    expect(stem("bookings")).toBe(stem("booking"));
  });

  it("lose their marks and nothing else when folded", () => {
    expect(folded("Zoë Müller-Ångström")).toBe("zoe muller angstrom");
    fc.assert(
      fc.property(fc.stringMatching(/^[a-z0-9]{1,12}( [a-z0-9]{1,12}){0,4}$/), (text) => {
        expect(folded(text)).toBe(text);
      }),
    );
  });

  it("stand where their tokens say", () => {
    fc.assert(
      fc.property(fc.stringMatching(/^[a-zA-Z0-9 ,.'-]{0,60}$/), (text) => {
        const said = normalise(text);
        for (const t of said.tokens) expect(said.norm.slice(t.start, t.end)).toBe(t.text);
      }),
    );
  });
});

describe("a strange word", () => {
  const dentist = setHouse("sixth", "birch");
  const service = (text: string): string[] =>
    ofKind(read(text, { house: dentist, now: epochMinOf(dentist.zone, "2027-03-01T08:30"), expects: "errand" }).found, "service").flatMap((f) => f.value);

  it("that the language has is a slip only of what sounds just like it", () => {
    const filling = service("I need a filling on friday");
    expect(filling).toHaveLength(1);
    expect(service("the waiting is killing me")).toEqual([]);
    expect(service("I have a feeling it is loose")).not.toEqual(filling);
  });

  it("that no language has is a slip of what it is nearly written like", () => {
    expect(service("I need a filing on friday")).toEqual(service("I need a filling on friday"));
    expect(service("a fillling on friday please")).toEqual(service("I need a filling on friday"));
  });
});

describe("a number beside a word with a capital", () => {
  const who = (text: string, expects: Expects = "errand"): string | undefined => ofKind(at(text, expects).found, "name")[0]?.value;

  it("makes no name of a plain word", () => {
    expect(who("Call 902 555 0142")).toBeUndefined();
    expect(who("Try 902 555 0142", "phone")).toBeUndefined();
    expect(who("Please Call 902 555 0142", "phone")).toBeUndefined();
  });

  it("makes one of two", () => {
    expect(who("Omar Said 902 555 0142")).toBe("Omar Said");
    expect(who("Ada Price, 902 555 0142")).toBe("Ada Price");
  });
});
