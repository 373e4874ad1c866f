import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoHouse } from "../testing/demo.ts";
import { EXAMPLES } from "../language/packs/en/examples.ts";
import { endings, endSure } from "./endings.ts";
import { lineNoise, quietLine, type NoiseState } from "./noise.ts";
import { wordErrors } from "./errors.ts";
import { Grammar } from "./grammar.ts";
import { glided, ofParts, phonesOf } from "./phones.ts";
import { EARS, earFor, sentences } from "./sentences.ts";
import { END, Trigrams } from "./trigrams.ts";
import { addsNothing, namesOnCards, understood, type SureWord } from "./understood.ts";
import { wordsOf } from "./words.ts";
import { nameWords, noughtsForNo, written } from "./written.ts";
import { epochMinOf } from "../time/zone.ts";

const house = demoHouse();
const NOW = epochMinOf(house.zone, "2027-03-01T08:30");

describe("the language model", () => {
  const model = new Trigrams();
  model.add(["a", "b"]);
  model.add(["a", "c"]);

  it("gives the probabilities that Witten and Bell's method gives, worked by hand", () => {
    // Six tokens end in: a twice, b, c, </s> twice; four kinds. P(a) = (2 + 4/4) / (6 + 4).
    expect(model.probability("a", "")).toBeCloseTo(0.3, 10);
    // After a: b and c once each, two kinds. P(b|a) = (1 + 2 P(b)) / 4 with P(b) = (1 + 1) / 10.
    expect(model.probability("b", "a")).toBeCloseTo((1 + 2 * 0.2) / 4, 10);
    // After "<s> a": the same counts, so the shorter history is mixed in once more.
    expect(model.probability("b", "a", "<s>")).toBeCloseTo((1 + 2 * 0.35) / 4, 10);
    expect(model.probability("z", "a")).toBe(0);
  });

  it("gives probabilities that add up to one after any history", () => {
    const word = fc.constantFrom("a", "b", "c", "d");
    fc.assert(
      fc.property(fc.array(fc.array(word, { minLength: 1, maxLength: 5 }), { minLength: 1, maxLength: 8 }), word, word, (list, x, y) => {
        const m = new Trigrams(1.5);
        for (const s of list) m.add(s);
        const all = [...m.words, END].reduce((sum, w) => sum + m.probability(w, y, x), 0);
        expect(all).toBeCloseTo(1, 9);
      }),
    );
  });

  it("backs off in its file to what it says itself: a row that was never counted is the weight times the shorter row", () => {
    const rows = new Map(
      model
        .arpa()
        .split("\n")
        .filter((l) => /^-/.test(l))
        .map((l) => {
          const parts = l.split(" ");
          const back = parts.length > 1 && /^-?\d/.test(parts.at(-1) as string) ? Number(parts.at(-1)) : null;
          return [parts.slice(1, back === null ? undefined : -1).join(" "), { p: Number(parts[0]), back }] as const;
        }),
    );
    const backed = (rows.get("b")?.back ?? 0) + (rows.get("c")?.p ?? 0);
    expect(10 ** backed).toBeCloseTo(model.probability("c", "b"), 3);
    expect(model.arpa()).toMatch(/^\\data\\\nngram 1=5\nngram 2=5\n/);
  });

  it("leaves out words that nobody can speak, and every row with them", () => {
    const text = model.arpa((w) => w !== "c");
    expect(text).not.toMatch(/\bc\b/);
    expect(text).toMatch(/ngram 2=3/);
  });

  it("knows where a sentence may end", () => {
    const m = new Trigrams();
    for (let i = 0; i < 50; i++) {
      m.add(["book", "a", "massage"]);
      m.add(["yes"]);
    }
    const e = endings(m);
    expect(endSure(e, ["book", "a"])).toBeLessThan(0.1);
    expect(endSure(e, ["book", "a", "massage"])).toBeGreaterThan(0.8);
    expect(endSure(e, ["yes"])).toBeGreaterThan(0.8);
    expect(endSure(e, [])).toBe(0);
  });
});

describe("what may be said to a house", () => {
  it("holds the names of its services and people, for the ear that is asked for them", () => {
    const said = [...sentences({ house, clients: ["Ottoline Vex"] }, "choose", 4000)].map((s) => s.join(" ")).join("\n");
    for (const s of house.handbook.services) expect(said).toContain(wordsOf(s.name, house).join(" "));
    for (const p of house.handbook.staff) expect(said).toContain((p.called[0] ?? p.name).toLowerCase());
    expect([...sentences({ house, clients: ["Ottoline Vex"] }, "name", 500)].flat()).toContain("ottoline");
  });

  it("is the same for the same seed, and in words that can be spoken", () => {
    for (const ear of EARS) {
      const list = [...sentences({ house, clients: [] }, ear, 150, 3)];
      expect(list).toEqual([...sentences({ house, clients: [] }, ear, 150, 3)]);
      for (const w of list.flat()) expect(w).toMatch(/^(?:[a-z']+|[a-z]:|[ap]\.m\.)$/);
    }
  });

  it("narrows the ear by what is waited for", () => {
    expect(earFor("phone")).toBe("number");
    expect(earFor("name")).toBe("name");
    expect(earFor("name", true)).toBe("letters");
    expect(earFor("slot")).toBe("choose");
    expect(earFor("go-ahead")).toBe("yes-no");
    expect(earFor("question:health_plan")).toBe("yes-no");
    expect(earFor("errand")).toBe("open");
    const digits = [...sentences({ house, clients: [] }, "number", 400)].flat();
    expect(digits.filter((w) => /^(?:oh|zero|one|two|three|four|five|six|seven|eight|nine)$/.test(w)).length / digits.length).toBeGreaterThan(0.6);
  });

  it("says nothing of a grammar's marks", () => {
    const g = new Grammar(
      ["= a\n3*x <b>\n= b\n(y|z)"],
      (thing) => thing,
      () => 0.99,
    );
    expect(g.say("a")).toBe("x z");
    expect(g.say("elsewhere")).toBe("elsewhere");
    expect(EXAMPLES).toContain("= book");
  });

  it.each([
    ["2:30 pm", "two thirty p.m."],
    ["Fri 12th, 9am", "fri twelfth nine a.m."],
    ["$95", "ninety five dollars"],
    ["902 555 0142", "nine oh two five five five oh one four two"],
    ["What's a 90-minute massage?", "what's a ninety minute massage"],
  ])("says %s as %s", (text, words) => {
    expect(wordsOf(text, house).join(" ")).toBe(words);
  });
});

describe("pronunciations", () => {
  it.each([
    ["pɹˈiːə", "P R IY AH"],
    ["kwˈɪlfɛðɚ", "K W IH L F EH DH ER"],
    ["tʃˈɜːtʃ", "CH ER CH"],
    ["dʒˈoʊ", "JH OW"],
    ["ˌ ˈ", null],
  ])("writes %s as %s", (ipa, phones) => {
    expect(phonesOf(ipa)).toBe(phones);
  });
});

describe("the word error rate", () => {
  it.each([
    ["a b c", "a b c", 0],
    ["a b c", "a x c", 1 / 3],
    ["a b c", "a c", 1 / 3],
    ["a b c", "a b b c", 1 / 3],
    ["book for two", "look for", 2 / 3],
    ["", "", 0],
  ])("of %j heard as %j is worked out", (said, heard, rate) => {
    const split = (s: string): string[] => s.split(" ").filter((w) => w !== "");
    expect(wordErrors(split(said), split(heard)).rate).toBeCloseTo(rate, 10);
  });

  it("counts each kind of error, and is never less than the difference in length", () => {
    expect(wordErrors(["a", "b", "c", "d", "e"], ["a", "x", "d", "e", "f"])).toMatchObject({ said: 5, substituted: 1, left: 1, added: 1 });
    const words = fc.array(fc.constantFrom("a", "b", "c"), { maxLength: 8 });
    fc.assert(
      fc.property(words, words, (x, y) => {
        const e = wordErrors(x, y);
        const all = e.substituted + e.left + e.added;
        expect(all).toBeGreaterThanOrEqual(Math.abs(x.length - y.length));
        expect(x.length - e.left + e.added).toBe(y.length);
        expect(wordErrors(y, x).substituted + wordErrors(y, x).left + wordErrors(y, x).added).toBe(all);
      }),
    );
  });
});

describe("what was heard, written for reading", () => {
  it.each([
    ["nine oh two five five five oh one four two", "phone", "9025550142"],
    ["it's double five five oh one forty two", "phone", "it's 5550142"],
    ["at two fifty five", "time", "at two fifty five"],
    ["k: a: double l: e:", "name", "Kalle"],
    ["n: as in november o: r: as in romeo a:", "name", "Nora"],
    ["k: then u: t: h:", "name", "Knuth"],
    ["three p.m. on friday", "slot", "three pm on friday"],
    ["twenty five", "errand", "twenty five"],
  ] as const)("%s, where %s is waited for, is %s", (heard, expects, text) => {
    expect(written(heard.split(" "), expects)).toBe(text);
  });

  it("keeps a name apart from what was heard around it", () => {
    const called = (w: string): boolean => ["ana", "petrov", "weber", "mary"].includes(w);
    expect(nameWords("good to ana petrov".split(" "), called)).toEqual(["ana", "petrov"]);
    expect(nameWords("my name is ana".split(" "), called)).toEqual(["my", "name", "is", "ana"]);
  });

  const word = (w: string, sure: number) => ({ word: w, fromMs: 0, toMs: 200, sure });
  it("takes nothing for said that is not sure, and no doubtful yes", () => {
    expect(understood(house, NOW, "errand", { words: [], others: [] }).is).toBe("nothing");
    expect(understood(house, NOW, "errand", { words: [word("and", 0.1), word("the", 0.2)], others: [] }).is).toBe("unclear");
    expect(understood(house, NOW, "go-ahead", { words: [word("yes", 0.4)], others: [] }).is).toBe("unclear");
    expect(understood(house, NOW, "go-ahead", { words: [word("yes", 0.9)], others: [] })).toMatchObject({ is: "said", text: "yes" });
    // Said again in the same words, it was heard right, however unsurely; another word was not, and no sentence is.
    const doIt = { words: [word("do", 0.1), word("it", 0.2)], others: [] };
    const again = (...before: string[]) => understood(house, NOW, "go-ahead", doIt, undefined, before).is;
    expect(again()).toBe("unclear");
    expect(again("do it")).toBe("said");
    expect(again("yes")).toBe("unclear");
    const wish = { words: ["cancel", "it", "on", "friday"].map((w) => word(w, 0.1)), others: [] };
    expect(understood(house, NOW, "go-ahead", wish, undefined, ["cancel it on friday"]).is).toBe("unclear");
  });

  it("of what is only read back takes a yes after a yes, and no no after it", () => {
    const right = { words: [word("right", 0.4)], others: [] };
    const check = (...before: string[]) => understood(house, NOW, "name-check", right, undefined, before).is;
    expect(check()).toBe("unclear");
    expect(check("fine")).toBe("said");
    expect(check("fine", "nope")).toBe("said");
    expect(check("nope")).toBe("unclear");
    expect(understood(house, NOW, "go-ahead", right, undefined, ["fine"]).is).toBe("unclear");
  });

  it("takes a third yes in a row for the go-ahead, and none after a no", () => {
    const sure = { words: [word("okay", 0.1)], others: [] };
    const goAhead = (...before: string[]) => understood(house, NOW, "go-ahead", sure, undefined, before).is;
    expect(goAhead("perfect please")).toBe("unclear");
    expect(goAhead("perfect please", "yep")).toBe("said");
    expect(goAhead("yep", "nope")).toBe("unclear");
    expect(goAhead("and the", "yep")).toBe("unclear");
  });

  it("keeps what is told in words of their own as it was heard, the third time", () => {
    const knee = { words: [word("my", 0.1), word("own", 0.1)], others: [] };
    const tells = (key: string, ...before: string[]) => understood(house, NOW, `question:${key}`, knee, undefined, before).is;
    expect(tells("since_when", "the usual")).toBe("unclear");
    expect(tells("since_when", "the usual", "a while")).toBe("said");
    expect(tells("referred", "the usual", "a while")).toBe("unclear");
  });

  it("takes another hypothesis where the first does not answer and it does", () => {
    const heard = { words: [word("who", 0.7), word("sir", 0.7)], others: ["thursday", "who sir"] };
    expect(understood(house, NOW, "day", heard)).toMatchObject({ is: "said", text: "thursday" });
    expect(understood(house, NOW, "errand", heard)).toMatchObject({ is: "said", text: "who sir" });
  });

  it("takes a no at the end of a number that is a digit short for the nought that sounds like it", () => {
    const heard = (text: string) => ({ words: text.split(" ").map((w) => word(w, 0.8)), others: [] });
    const said = (text: string, expects: "phone" | "errand" = "phone"): string => {
      const u = understood(house, NOW, expects, heard(text));
      return u.is === "nothing" ? "" : u.text;
    };
    expect(said("it's nine oh two five five five oh one two no that's my cell")).toContain("9025550120");
    // Where the number is whole, where it is put right, and where none is waited for, it is a no.
    expect(said("nine oh two five five five oh one two four no sorry")).toContain("9025550124 no");
    expect(said("nine oh two five five five oh one two no three")).not.toContain("9025550120");
    expect(said("no")).toBe("no");
    expect(said("nine oh two five five five oh one two no thanks", "errand")).not.toContain("0120");
    expect(noughtsForNo("one two three".split(" "))).toBeNull();
  });

  it("takes letters for a name that people have, and once that was refused for what they are", () => {
    const spell = (text: string): SureWord[] => [...text].map((l) => word(`${l}:`, 0.8));
    const names = { onCard: () => false, cards: [], heard: [], refused: false };
    const heard = { words: spell("karkennitchell"), others: [] };
    expect(understood(house, NOW, "name", heard, names)).toMatchObject({ text: "Karen Mitchell" });
    expect(understood(house, NOW, "name", heard, { ...names, refused: true })).toMatchObject({ text: "Karkennitchell" });
  });

  it("makes no name of a letter or two beside words", () => {
    expect(written("the name is pavel and barely r: as".split(" "), "name")).toBe("the name is pavel and barely as");
    expect(written("um that r: works".split(" "), "name-check")).toBe("um that works");
    expect(written("under karen h: l:".split(" "), "name")).toBe("under karen");
    expect(written("n: o:".split(" "), "name")).toBe("No");
    expect(written("the r: works".split(" "), "errand")).toBe("the r works");
  });

  it("are one name across a word that was no letter, and two across what parts them", () => {
    expect(written("s: t: e: perfect e: n: m: u: r: p: h: y:".split(" "), "name")).toBe("Steenmurphy");
    expect(written("first name a: n: n: a: last name b: e: l: l:".split(" "), "name")).toBe("first name Anna last name Bell");
    expect(written("a: n: right b: e:".split(" "), "name")).not.toContain(" ");
    expect(written("a: right b: e: l: l:".split(" "), "name")).toContain("right");
  });

  it("are not looked for in a question, which is no name", () => {
    const heard = (text: string) => ({ words: text.split(" ").map((w) => word(w, 0.8)), others: [] });
    expect(understood(house, NOW, "name", heard("hi could we park the carter there"))).toMatchObject({ is: "said", text: "hi could we park the carter there" });
    expect(understood(house, NOW, "name", heard("good to ana petrov"))).toMatchObject({ is: "said", text: "ana petrov" });
  });

  it("answers no question of which hardly a word is sure", () => {
    const heard = (sure: number) => ({ words: "is there parking".split(" ").map((w) => word(w, sure)), others: [] });
    expect(understood(house, NOW, "anything", heard(0.45)).is).toBe("unclear");
    expect(understood(house, NOW, "anything", heard(0.6)).is).toBe("said");
  });

  it("knows what only rounds off what was said", () => {
    const rounds = (asked: Parameters<typeof addsNothing>[2], text: string): boolean => addsNothing(house, NOW, asked, text);
    expect([rounds("go-ahead", "go ahead"), rounds("length", "please"), rounds("name", "as usual"), rounds("day", "thank you")]).toEqual([
      true,
      true,
      true,
      true,
    ]);
    expect([rounds("go-ahead", "no"), rounds("day", "on friday"), rounds("service", "with tobias"), rounds("anything", "how much is it")]).toEqual([
      false,
      false,
      false,
      false,
    ]);
    expect(rounds("errand", "my shoulder has been bad lately")).toBe(false);
    expect(rounds("go-ahead", "chest pain")).toBe(false);
  });

  it("takes a client's whole name where something else was heard that sounds like it, and a name is waited for", () => {
    const onCard = namesOnCards(["Cecily Zellwood", "Siobhán O'Kane"]);
    const names = { onCard, cards: ["Cecily Zellwood", "Siobhán O'Kane"], heard: [], refused: false };
    expect(onCard("sure it's cecily zellwood please".split(" "))).toBe(true);
    expect(onCard("siobhan o'kane".split(" "))).toBe(true);
    expect(onCard("cecily smith zellwood".split(" "))).toBe(false);
    const heard = {
      words: ["sure", "it's", "usually", "zellwood"].map((w) => word(w, 0.8)),
      others: ["sure it's usually zellwood", "sure it's cecily(2) zellwood"],
    };
    expect(understood(house, NOW, "name", heard, names)).toMatchObject({ text: expect.stringContaining("cecily zellwood") as string });
    expect(understood(house, NOW, "name", heard)).toMatchObject({ text: expect.stringContaining("usually") as string });
    expect(understood(house, NOW, "errand", heard, names)).toMatchObject({ text: expect.stringContaining("usually") as string });
  });
});

describe("how noisy a line is", () => {
  const line = (speechDb: number, roomDb: number, frames = 400, from: NoiseState = quietLine()): NoiseState => {
    let state = from;
    for (let i = 0; i < frames; i++) state = lineNoise(state, { levelDb: speechDb, roomDb: speechDb - 6, sounding: true });
    for (let i = 0; i < 40; i++) state = lineNoise(state, { levelDb: roomDb, roomDb, sounding: false });
    return state;
  };
  it("is told by how far speech stands above the room, and only while nobody speaks", () => {
    expect(line(-23, -60).noisy).toBe(false);
    expect(line(-23, -42).noisy).toBe(true);
    const speaking = lineNoise(quietLine(), { levelDb: -23, roomDb: -25, sounding: true });
    expect(speaking.noisy).toBe(false);
    expect(lineNoise(speaking, { levelDb: -25, roomDb: -25, sounding: false }).noisy).toBe(false);
    // A quiet speaker in a fairly quiet room is as hard to hear as a loud one in a loud room.
    expect(line(-40, -50, 2000).noisy).toBe(true);
  });
  it("does not change to and fro at a border", () => {
    expect(line(-23, -49).noisy).toBe(false);
    const before = line(-23, -47.5);
    expect(before.noisy).toBe(true);
    expect(line(-23, -50.5, 50, before).noisy).toBe(true);
    expect(line(-23, -52.5, 50, before).noisy).toBe(false);
    expect(line(-23, -50.5).noisy).toBe(false);
  });
  it("is never better with more noise, whatever came before", () => {
    const rank = (s: NoiseState): number => Number(s.noisy);
    fc.assert(
      fc.property(
        fc.double({ min: -70, max: -5, noNaN: true }),
        fc.double({ min: 0, max: 30, noNaN: true }),
        fc.constantFrom(-60, -45, -30),
        (room, more, first) => {
          const before = line(-23, first);
          expect(rank(line(-23, room + more, 60, before))).toBeGreaterThanOrEqual(rank(line(-23, room, 60, before)));
        },
      ),
    );
  });
});

describe("a word that no dictionary has", () => {
  const WORDS: Record<string, string[]> = {
    shock: ["SH AA K"],
    wave: ["W EY V"],
    rose: ["R OW Z"],
    mark: ["M AA R K"],
    maren: ["M AE R AH N", "M AA R EH N"],
    hip: ["HH IH P"],
  };
  const parts = (word: string): string[] => ofParts(word, (w) => WORDS[w]);

  it("is spoken as the two that it is made of, where both are long enough to be words", () => {
    expect(parts("shockwave")).toEqual(["SH AA K W EY V"]);
    expect(parts("hipwave")).toEqual([]);
    expect(parts("shockwaves")).toEqual([]);
    expect(parts("shock")).toEqual([]);
  });

  it("as its owner in each of the owner's ways, with the s that follows such a sound", () => {
    expect(parts("rose's")).toEqual(["R OW Z IH Z"]);
    expect(parts("mark's")).toEqual(["M AA R K S"]);
    expect(parts("maren's")).toEqual(["M AE R AH N Z", "M AA R EH N Z"]);
    expect(parts("nobody's")).toEqual([]);
  });
});

describe("a sound that glides", () => {
  it("is said as its two as well, each time that it comes", () => {
    expect(glided("AH P OY N T")).toEqual(["AH P AO IH N T"]);
    expect(glided("B OY T AW N")).toEqual(["B AO IH T AE UH N"]);
  });

  it("is no other that only begins like it", () => {
    expect(glided("T EY P IH NG")).toEqual([]);
    expect(glided("K AO L")).toEqual([]);
  });
});
