import { execFileSync } from "node:child_process";
import { mkdirSync, mkdtempSync, readdirSync, rmSync, utimesSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { wordErrors } from "@gentian/core/speech/errors";
import { joined, loudness, RATE, writeWav, type Samples } from "@gentian/core/speech/sound";
import { VOICE_NAMES } from "@gentian/core/speech/voices";
import { demoHouse } from "@gentian/core/testing/demo";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { dictionaryOf, pronounced } from "./dictionary.ts";
import { Ear, type Heard } from "./ear.ts";
import { makeModel, modelAt, throwAway, modelKey, type Model } from "./models.ts";
import { Denoiser } from "./denoiser.ts";
import { BorrowedEar, Speech } from "./speech.ts";
import { Voices } from "./voices.ts";

const house = demoHouse();
const folder = mkdtempSync(join(tmpdir(), "gentian-speech-"));
const voices = new Voices();
let model: Model;
let ear: Ear;

beforeAll(async () => {
  model = await makeModel(folder, house, ["Ottoline Quillfeather"]);
  ear = new Ear(model.files);
  await ear.ready;
}, 240_000);
afterAll(() => {
  ear.close();
  rmSync(folder, { recursive: true, force: true });
});

async function hears(sound: Samples, name: string, by: Pick<Ear, "begin" | "hear" | "end"> & { settled?: Promise<unknown> } = ear): Promise<Heard> {
  by.begin(name);
  const padded = new Int16Array(sound.length + RATE);
  padded.set(sound, RATE / 2);
  for (let i = 0; i < padded.length; i += 320) {
    by.hear(padded.slice(i, i + 320));
    await by.settled;
  }
  return by.end();
}
const said = (text: string, voice: "clara" | "ronan" = "ronan"): Promise<Samples> => voices.speak(text, { voice, pace: 1, pitch: 1 });
const words = (h: Heard): string => h.words.map((w) => w.word).join(" ");

describe("the ear", () => {
  it("takes the language model that is made from the handbook, and hears the house's own words by it", async () => {
    const wanted = "i'd like to book a sports massage on friday at two thirty";
    const heard = await hears(await said(wanted), "open");
    expect(wordErrors(wanted.split(" "), words(heard).split(" ")).rate).toBeLessThanOrEqual(0.1);
    for (const w of heard.words) {
      expect(w.sure).toBeGreaterThanOrEqual(0);
      expect(w.sure).toBeLessThanOrEqual(1);
      expect(w.toMs).toBeGreaterThan(w.fromMs);
    }
  });

  it("hears people's names that no dictionary has", async () => {
    expect(words(await hears(await said("with hanneke please"), "choose"))).toContain("hanneke");
    expect(words(await hears(await said("ottoline quillfeather"), "name"))).toBe("ottoline quillfeather");
  });

  it("hears digits where a number is waited for", async () => {
    expect(words(await hears(await said("nine oh two five five five oh one four two"), "number"))).toBe("nine oh two five five five oh one four two");
  });

  it("hears nothing in silence", async () => {
    expect((await hears(new Int16Array(RATE), "open")).words).toEqual([]);
  });

  it("tells of a model that is not there, and of a dictionary that cannot be read", async () => {
    const other = new Ear({ ...model.files, dictionary: join(folder, "none") });
    await expect(other.ready).rejects.toThrow(/dictionary/);
    other.close();
  });
});

describe("ears for calls", () => {
  it("are replaced when their process dies in the middle of a call", async () => {
    const speech = new Speech(folder);
    const own = await speech.model(house, ["Ottoline Quillfeather"]);
    expect(own.key).toBe(model.key);
    const borrowed = speech.borrow(own);
    await borrowed.ready;
    const before = borrowed.pid;
    borrowed.begin("open");
    const lost = borrowed.end();
    process.kill(before as number, "SIGKILL");
    await lost.catch(() => undefined);
    await expect.poll(() => borrowed.pid, { timeout: 20_000 }).not.toBe(before);
    await borrowed.ready;
    expect(words(await hears(await said("tomorrow morning"), "choose", borrowed))).toBe("tomorrow morning");
    borrowed.close();
    speech.close();
  });

  it("are made anew when the handbook or the cards change, and only then", () => {
    const changed = {
      ...house,
      handbook: { ...house.handbook, answers: [...house.handbook.answers, { id: "new", question: "Is there tea?", also: [], answer: "Yes." }] },
    };
    expect(modelKey(house, [])).toBe(modelKey(demoHouse(), []));
    expect(modelKey(changed, [])).not.toBe(modelKey(house, []));
    expect(modelKey(house, ["Ana Petrov"])).not.toBe(modelKey(house, []));
  });
});

describe("a noisy line", () => {
  /** White noise so many dB below the speech, the same each time. */
  function noisy(sound: Samples, db: number): Samples {
    let seed = 7;
    const next = (): number => (seed = (seed * 16807) % 2147483647) / 1073741823.5 - 1;
    const loud = 10 ** ((loudness(sound) - db) / 20) * 32768 * Math.sqrt(3);
    const padded = new Int16Array(sound.length + RATE);
    padded.set(sound, RATE / 2);
    return padded.map((s) => Math.max(-32768, Math.min(32767, Math.round(s + next() * loud))));
  }

  it("is heard better with its noise taken out", async () => {
    const denoiser = new Denoiser();
    const plain = new BorrowedEar(
      () => new Ear(model.files),
      (e) => e.close(),
      denoiser,
    );
    const cleared = new BorrowedEar(
      () => new Ear(model.files),
      (e) => e.close(),
      denoiser,
    );
    await Promise.all([plain.ready, cleared.ready]);
    cleared.noisy(true);
    const sentences = [
      "i'd like to book a sports massage on friday at two thirty",
      "can i move my appointment to wednesday the tenth",
      "how much is acupuncture",
      "what time do you close on thursday",
    ];
    const errors = { plain: 0, cleared: 0 };
    for (const [i, text] of sentences.entries()) {
      const sound = noisy(await said(text, i % 2 ? "clara" : "ronan"), 12);
      for (const [which, by] of [
        ["plain", plain],
        ["cleared", cleared],
      ] as const) {
        const e = wordErrors(text.split(" "), words(await hears(sound, "open", by)).split(" "));
        errors[which] += e.rate * e.said;
      }
    }
    plain.close();
    cleared.close();
    denoiser.close();
    expect(errors.cleared).toBeLessThan(errors.plain);
  }, 240_000);

  it("keeps the order of what is heard and asked while sound is being cleared", async () => {
    const done: string[] = [];
    const ear = {
      ready: Promise.resolve(),
      begin: (m: string) => done.push(`begin ${m}`),
      hear: (s: Samples) => done.push(`hear ${String(s[0])}`),
      end: () => (done.push("end"), Promise.resolve({ words: [], others: [] })),
      soFar: () => (done.push("so far"), Promise.resolve([])),
      letGo: () => done.push("let go"),
      close: () => undefined,
    };
    const clearing: (() => void)[] = [];
    const gone: number[] = [];
    const denoiser = {
      line: () => ({
        clear: (s: Samples) => new Promise<Samples>((finish) => clearing.push(() => finish(s.map((v) => v + 100)))),
        gone: () => void gone.push(1),
      }),
    };
    const borrowed = new BorrowedEar(
      () => ear as unknown as Ear,
      () => undefined,
      denoiser,
    );
    const piece = (n: number): Samples => new Int16Array(320).fill(n);
    borrowed.begin("open");
    borrowed.hear(piece(1));
    expect(done).toEqual(["begin open", "hear 1"]);
    borrowed.noisy(true);
    borrowed.hear(piece(2));
    borrowed.hear(piece(3));
    const soFar = borrowed.soFar();
    const end = borrowed.end();
    borrowed.begin("name");
    // The line is quiet again before its noisy part has come back.
    borrowed.noisy(false);
    borrowed.hear(piece(4));
    borrowed.letGo();
    expect(done).toHaveLength(2);
    // Even where the second piece is there before the first.
    for (const finish of clearing.reverse()) finish();
    await Promise.all([soFar, end, borrowed.settled]);
    expect(done.slice(2)).toEqual(["hear 102", "hear 103", "so far", "end", "begin name", "hear 4", "let go"]);
    expect(gone).toHaveLength(1);
    borrowed.hear(piece(5));
    expect(done.at(-1)).toBe("hear 5");
  });
});

describe("the denoiser", () => {
  it("gives each line its own sound back in its order, late by the same for all, and quieter where it is only noise", async () => {
    const denoiser = new Denoiser();
    let seed = 3;
    const noise = (): Samples => new Int16Array(320).map(() => ((seed = (seed * 16807) % 2147483647) / 1073741823.5 - 1) * 3000);
    const [one, two] = [denoiser.line(), denoiser.line()];
    const out: { one: Samples[]; two: Samples[] } = { one: [], two: [] };
    for (let i = 0; i < 100; i++) {
      const [a, b] = await Promise.all([one.clear(noise()), two.clear(new Int16Array(320))]);
      out.one.push(a);
      out.two.push(b);
    }
    one.gone();
    two.gone();
    denoiser.close();
    expect(out.one.every((s) => s.length === 320)).toBe(true);
    expect(loudness(joined(out.one.slice(50)))).toBeLessThan(loudness(noise()) - 10);
    expect(out.two.flatMap((s) => [...s]).every((v) => Math.abs(v) < 5)).toBe(true);
  }, 60_000);

  it("passes sound on as it is when its process is gone, and when it is too far behind", async () => {
    const denoiser = new Denoiser();
    const line = denoiser.line();
    const piece = new Int16Array(320).fill(1234);
    const half = piece.slice(0, 100);
    expect(await line.clear(half)).toBe(half);
    const many = Array.from({ length: 80 }, () => line.clear(piece));
    expect(await many[79]).toBe(piece);
    denoiser.close();
    expect(await many[0]).toBe(piece);
    expect((await Promise.all(many)).every((p) => p.length === 320)).toBe(true);
    // Once it is closed no other is started.
    expect(await line.clear(piece)).toBe(piece);
  }, 60_000);
});

describe("the dictionary", () => {
  it("has every way that a known word is said, and a pronunciation for the others", async () => {
    const { text, silent } = await dictionaryOf(["a", "hanneke", "z:", "p.m.", "tomato", "----"]);
    expect(text).toMatch(/^hanneke HH /m);
    expect(text).toMatch(/^tomato\(2\) /m);
    expect(text).toMatch(/^z: Z IY\nz:\(2\) Z EH D$/m);
    expect(text).toMatch(/^p\.m\. P IY EH M$/m);
    expect(silent).toEqual(["----"]);
  });
  it("says a word that is made of two as the two of them, and whose something is as its owner", async () => {
    const { text } = await dictionaryOf([
      "physio",
      "therapy",
      "physiotherapy",
      "shockwave",
      "joaquim",
      "joaquim's",
      "marsh",
      "marsh's",
      "mark's",
      "category's",
    ]);
    const ways = (word: string): string[] =>
      text
        .split("\n")
        .filter((l) => l.replace(/\(\d+\)/, "").startsWith(`${word} `))
        .map((l) => l.slice(l.indexOf(" ") + 1));
    expect(ways("physiotherapy")).toContain("F IH Z IY OW TH EH R AH P IY");
    expect(ways("shockwave")).toContain("SH AA K W EY V");
    expect(ways("joaquim's")).toContain(`${ways("joaquim")[0] ?? ""} Z`);
    expect(ways("marsh's").every((w) => w.endsWith("SH IH Z"))).toBe(true);
    expect(ways("mark's").some((w) => w.endsWith("K S"))).toBe(true);
  });

  it("says a sound that glides as the two that it is made of as well, and no other word twice", async () => {
    const { text } = await dictionaryOf(["appointment", "hour", "taping"]);
    expect(text).toMatch(/^appointment\(\d\) AH P AO IH N T M AH N T$/m);
    expect(text).toMatch(/^hour\(\d\) AE UH ER$/m);
    expect(text).not.toMatch(/^taping\(/m);
  });

  it("has a second way for a word that the house says in its own, and none that is the same", async () => {
    const { text } = await dictionaryOf(
      ["pilates", "tomato"],
      new Map([
        ["pilates", "pill eights"],
        ["gone", "pi"],
      ]),
    );
    const ways = text.split("\n").filter((l) => /^pilates/.test(l));
    expect(ways.at(-1)).toBe("pilates(" + String(ways.length) + ") P IH L EY T S");
    expect(text).not.toMatch(/^gone/m);
    const again = await dictionaryOf(["pilates"], new Map([["pilates", "pi lah teez"]]));
    expect(
      new Set(
        again.text
          .trim()
          .split("\n")
          .map((l) => l.replace(/^\S+ /, "")),
      ).size,
    ).toBe(again.text.trim().split("\n").length);
  });

  it("is thrown away when nobody has used it for long, and not while it is used", () => {
    const old = join(folder, "old");
    const age = (name: string, days: number, whole = true): void => {
      const own = join(old, "models", name);
      mkdirSync(own, { recursive: true });
      const when = new Date(Date.now() - days * 24 * 3_600_000);
      if (whole) writeFileSync(join(own, "done"), "");
      utimesSync(whole ? join(own, "done") : own, when, when);
    };
    age("used", 1);
    age("unused", 20);
    age("broken-off", 20, false);
    age("being-made", 0, false);
    throwAway(old, Date.now() - 14 * 24 * 3_600_000);
    expect(readdirSync(join(old, "models")).sort()).toEqual(["being-made", "used"]);
    throwAway(join(folder, "nothing"), Date.now());
    // To take a model up is to use it.
    const used = join(model.folder, "done");
    utimesSync(used, 1, 1);
    expect(modelAt(folder, model.key)).not.toBeNull();
    throwAway(folder, Date.now() - 60_000);
    expect(modelAt(folder, model.key)).not.toBeNull();
  });

  it("gives each of several words its own sounds", async () => {
    const all = await pronounced(["priya", "oduya", "gwenllian"]);
    expect([...all.keys()]).toEqual(["priya", "oduya", "gwenllian"]);
    for (const phones of all.values()) expect(phones).toMatch(/^[A-Z]{1,2}(?: [A-Z]{1,2})+$/);
  });
});

describe("the voices", () => {
  it.each(VOICE_NAMES)("%s speaks, faster when it is to", async (voice) => {
    const at = (pace: number): Promise<Samples> => voices.speak("Good morning, how can I help you today?", { voice, pace, pitch: 1 });
    const plain = await at(1);
    expect(plain.length).toBeGreaterThan(RATE / 2);
    expect((await at(1.3)).length).toBeLessThan(plain.length * 0.92);
  });

  it("say nothing for nothing, and no more than the text says", async () => {
    expect((await said("…")).length).toBe(0);
    const odd = await said("ten <break/> `id` $(id) -o x");
    expect(odd.length).toBeGreaterThan(0);
  });

  it("write sound files that sox reads as they are", async () => {
    const sound = await said("two thirty on friday");
    const file = join(folder, "x.wav");
    writeFileSync(file, writeWav([sound, sound]));
    const told = execFileSync("sox", ["--i", file], { encoding: "utf8" });
    expect(told).toMatch(/Channels\s*: 2/);
    expect(told).toMatch(/Sample Rate\s*: 16000/);
    expect(told).toMatch(new RegExp(`= ${sound.length} samples`));
  });
});
