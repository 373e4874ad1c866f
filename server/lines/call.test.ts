import type { House } from "@gentian/core/house/compile";
import type { Ear as EarName } from "@gentian/core/speech/sentences";
import type { Endings } from "@gentian/core/speech/endings";
import { FRAME, RATE, type Samples } from "@gentian/core/speech/sound";
import { demoHouse } from "@gentian/core/testing/demo";
import { describe, expect, it } from "vitest";
import type { Heard } from "../speech/ear.ts";
import { Call, type CallEvent, type CallOptions, type OtherEnd, type Talker, type Turned } from "./call.ts";

const house: House = demoHouse();
const whole: Endings = { one: new Proxy({}, { get: () => 1 }), two: {} };
const ENDS = { open: whole, choose: whole, name: whole, letters: whole, number: whole, email: whole, "yes-no": whole } satisfies Record<EarName, Endings>;

const loud = Int16Array.from({ length: FRAME }, (_, i) =>
  Math.round(9000 * Math.sin((2 * Math.PI * 220 * i) / RATE) + 4000 * Math.sin((2 * Math.PI * 610 * i) / RATE)),
);
const quiet = new Int16Array(FRAME);

/** A call whose ear hears what the test says, and whose voice speaks a text as 60 ms a letter. */
class Trial {
  readonly events: CallEvent[] = [];
  readonly said: string[] = [];
  readonly models: string[] = [];
  readonly noises: boolean[] = [];
  next: string[] = [];
  sure = 0.95;
  deaf = false;
  /** What an answer waits for. */
  delay: Promise<void> | null = null;
  answer: (text: string) => Partial<Turned> = () => ({});
  readonly call: Call;
  readonly out: Samples[] = [];

  constructor(more: Partial<CallOptions> = {}) {
    const turned = (text: string, t: Partial<Turned> = {}): Promise<Turned> =>
      Promise.resolve({ replies: text === "" ? [] : [{ text, speech: text, from: "receptionist" }], status: "open", expects: "errand", ...t });
    const talker: Talker = {
      house,
      now: () => 0,
      start: () => turned("Tern Bay, good morning. How can I help?"),
      say: (text) => {
        this.said.push(text);
        const answer = this.answer(text);
        const now = (): Promise<Turned> => turned(`You said ${text}.`, answer);
        return this.delay ? this.delay.then(now) : now();
      },
      event: (kind) => {
        this.said.push(`(${kind})`);
        return turned(kind === "left" ? "" : `For ${kind}.`, this.answer(kind));
      },
      nobodyCame: () => turned("Nobody is free. What may I pass on?", { expects: "message" }),
      interrupted: (heard) => {
        this.said.push(`(interrupted: ${heard})`);
        return Promise.resolve();
      },
    };
    const words = (): Heard["words"] =>
      (this.next[0] ?? "")
        .split(" ")
        .filter((w) => w !== "")
        .map((word, i) => ({ word, fromMs: i * 100, toMs: i * 100 + 90, sure: this.sure }));
    this.call = new Call({
      talker,
      ear: {
        noisy: (n) => void this.noises.push(n),
        begin: (m) => void this.models.push(m),
        hear: () => undefined,
        soFar: () => Promise.resolve(words()),
        end: () => {
          if (this.deaf) return Promise.reject(new Error("dead"));
          const heard = { words: words(), others: [] };
          this.next.shift();
          return Promise.resolve(heard);
        },
        letGo: () => undefined,
      },
      endings: ENDS,
      speak: (text) => Promise.resolve(new Int16Array(text.length * 0.06 * RATE).fill(5000)),
      calls: {},
      on: (e) => this.events.push(e),
      ...more,
    });
  }

  async frames(frame: Samples, ms: number): Promise<void> {
    for (let i = 0; i < ms / 20; i++) {
      this.out.push(this.call.frame(frame));
      await new Promise(setImmediate);
    }
  }
  /** The caller says something of so many milliseconds, and waits. */
  async speaks(text: string, ms = 600, wait = 800): Promise<void> {
    this.next.push(text);
    await this.frames(loud, ms);
    await this.frames(quiet, wait);
  }
  get told(): string[] {
    return this.call.turns.map((t) => `${t.who}: ${t.text}${t.brokenOff ? " —" : ""}`);
  }
  kinds(): string[] {
    return this.events.map((e) => e.event);
  }
}

async function greeted(more: Partial<CallOptions> = {}): Promise<Trial> {
  const t = new Trial(more);
  await t.call.begin();
  await t.frames(quiet, 6000);
  return t;
}

describe("a call", () => {
  it("greets with the house's name first and what it is, then answers what is said", async () => {
    const t = await greeted();
    expect(t.told).toEqual(["receptionist: Tern Bay, good morning. This is the automatic receptionist. How can I help?"]);
    await t.speaks("how much is a massage");
    await t.frames(quiet, 3000);
    expect(t.said).toEqual(["how much is a massage"]);
    expect(t.told.at(-1)).toBe("receptionist: You said how much is a massage.");
    expect(t.call.turns.at(-2)?.waitMs).toBeGreaterThan(0);
  });

  it("listens with the model for what it waits for", async () => {
    const t = await greeted();
    t.answer = () => ({ expects: "name" });
    await t.speaks("book it");
    await t.frames(quiet, 3000);
    t.answer = () => ({ expects: "name", spelling: true });
    await t.speaks("ana");
    await t.frames(quiet, 3000);
    await t.speaks("a: n: a:");
    expect(t.models).toEqual(["open", "name", "letters"]);
  });

  it("stops when the caller speaks, knows what was heard, and answers what they say", async () => {
    const t = new Trial();
    await t.call.begin();
    await t.frames(quiet, 2000);
    await t.speaks("a person please", 500);
    expect(t.told[0]).toMatch(/^receptionist: Tern Bay, good morning\. .*—$/);
    expect(t.told[0]).not.toContain("How can I help?");
    expect(t.said[0]).toMatch(/^\(interrupted: Tern Bay/);
    expect(t.said[1]).toBe("a person please");
  });

  it("is quieter, and then goes on, after a cough or an uh huh", async () => {
    for (const noise of ["", "uh huh"]) {
      const t = new Trial();
      await t.call.begin();
      await t.frames(quiet, 1000);
      const before = Math.max(...(t.out.at(-1) as Samples));
      t.next.push(noise);
      await t.frames(loud, 260);
      expect(Math.max(...(t.out.at(-1) as Samples))).toBeLessThan(before / 2);
      await t.frames(quiet, 8000);
      expect(t.said).toEqual([]);
      expect(t.told).toEqual(["receptionist: Tern Bay, good morning. This is the automatic receptionist. How can I help?"]);
    }
  });

  it("takes back the words that were being heard where nothing came of them", async () => {
    const words = (t: Trial): string[] => t.events.flatMap((e) => (e.event === "hears" ? [e.words] : []));
    // A word with which one listens, while the receptionist speaks.
    const first = new Trial();
    await first.call.begin();
    await first.frames(quiet, 1000);
    await first.speaks("uh huh", 400, 6000);
    expect(words(first)).toContain("uh huh");
    expect(words(first).at(-1)).toBe("");
    // What seemed a word while it was heard, and was none in the end.
    const t = await greeted();
    t.next.push("mm");
    await t.frames(loud, 500);
    await t.frames(quiet, 100);
    t.next[0] = "";
    await t.frames(quiet, 1500);
    expect(words(t)).toContain("mm");
    expect(words(t).at(-1)).toBe("");
    expect(t.said).toEqual([]);
    // What is taken in is told as heard, and not as nothing.
    const before = words(t).filter((w) => w === "").length;
    await t.speaks("how much is a massage");
    await t.frames(quiet, 2000);
    expect(t.kinds()).toContain("heard");
    expect(words(t).filter((w) => w === "").length).toBe(before);
    // A recogniser that dies has heard nothing either.
    t.deaf = true;
    await t.speaks("a person please");
    await t.frames(quiet, 2000);
    expect(words(t).at(-1)).toBe("");
  });

  it("goes on where what is said right after its answer began only rounds off what was said before", async () => {
    const t = await greeted();
    t.answer = () => ({ expects: "name" });
    await t.speaks("thirty minutes", 600, 900);
    // The answer has begun; the caller's "please" comes on top of it.
    await t.speaks("please", 500, 900);
    await t.frames(quiet, 4000);
    expect(t.said).toEqual(["thirty minutes"]);
    expect(t.told.at(-1)).toBe("receptionist: You said thirty minutes.");
    // Said later, it is an answer of its own.
    await t.speaks("please", 500, 900);
    expect(t.said.at(-1)).toBe("please");
  });

  it("puts the two halves of an answer together, and never one half of something else", async () => {
    const t = await greeted();
    t.answer = () => ({ expects: "length" });
    await t.speaks("relaxation massage", 600, 900);
    await t.frames(quiet, 4000);
    t.answer = () => ({ expects: "name" });
    await t.speaks("an hour", 500, 900);
    await t.speaks("and a half", 500, 900);
    expect(t.said.at(-1)).toBe("an hour and a half");
    expect(t.told.filter((x) => x.startsWith("client"))).toEqual(["client: relaxation massage", "client: an hour", "client: and a half"]);

    // The second half was heard with what was waited for when the first was said; what is said later is not.
    expect(t.models.at(-1)).toBe(t.models.at(-2));
    await t.frames(quiet, 4000);
    await t.speaks("helen trask", 500, 900);
    expect(t.models.slice(-2)).toEqual(["choose", "name"]);

    const keys = await greeted();
    keys.answer = () => ({ expects: "phone" });
    await keys.speaks("book it", 500, 900);
    await keys.frames(quiet, 4000);
    for (const k of "9025550142") keys.call.press(k);
    await keys.frames(quiet, 400);
    await keys.speaks("and with tobias", 500, 900);
    expect(keys.said.at(-1)).toBe("and with tobias");
  });

  it("tells what was done though the caller went on while it was done", async () => {
    const t = await greeted();
    t.answer = () => ({ expects: "go-ahead" });
    await t.speaks("on friday at ten");
    await t.frames(quiet, 3000);
    let done: () => void = () => undefined;
    const slow = new Promise<void>((ready) => (done = ready));
    t.answer = () => ({ expects: "anything", replies: [{ text: "Booked.", speech: "You are booked. Anything else?", from: "receptionist" }] });
    t.delay = slow;
    await t.speaks("yes", 400, 700);
    t.next.push("and how much is a massage");
    await t.frames(loud, 600);
    done();
    t.delay = null;
    await t.frames(loud, 100);
    t.answer = () => ({ expects: "anything", replies: [{ text: "It is $90.", speech: "It is ninety dollars.", from: "receptionist" }] });
    await t.frames(quiet, 5000);
    expect(t.said.slice(-2)).toEqual(["yes", "and how much is a massage"]);
    expect(t.told.at(-1)).toBe("receptionist: You are booked. It is ninety dollars.");
  });

  it("asks back what it is not sure of, and acts on nothing of it", async () => {
    const t = await greeted();
    t.sure = 0.1;
    await t.speaks("cancel everything");
    await t.frames(quiet, 2000);
    expect(t.said).toEqual(["(unclear)"]);
    expect(t.kinds()).toContain("unclear");
  });

  it("tells the ear when the line has become noisy", async () => {
    const t = await greeted();
    // However long somebody speaks without a pause, it is no noise.
    const soft = loud.map((v) => v / 5);
    for (let i = 0; i < 80; i++) {
      await t.frames(loud, 100);
      await t.frames(soft, 60);
    }
    await t.frames(quiet, 3000);
    expect(t.noises).toEqual([]);
    let seed = 1;
    const noise = (): Int16Array => Int16Array.from({ length: FRAME }, () => ((seed = (seed * 16807) % 2147483647) % 4000) - 2000);
    for (let i = 0; i < 150; i++) t.call.frame(noise());
    expect(t.noises.at(-1)).toBe(true);
  });

  it("goes on when the recogniser dies: what was said is asked again", async () => {
    const t = await greeted();
    t.deaf = true;
    await t.speaks("book a massage");
    await t.frames(quiet, 2000);
    t.deaf = false;
    t.next = [];
    await t.speaks("book a massage");
    expect(t.said).toEqual(["(unclear)", "book a massage"]);
  });

  it("helps in silence, and hangs up when the conversation is over", async () => {
    const t = await greeted();
    await t.frames(quiet, 6500);
    expect(t.said).toEqual(["(silence)"]);
    t.answer = () => ({ status: "closed" });
    await t.speaks("bye");
    await t.frames(quiet, 4000);
    expect(t.call.ended).toBe("closed");
  });

  it("takes a number from the keys, and yes and no", async () => {
    const t = await greeted();
    t.answer = () => ({ expects: "phone" });
    await t.speaks("book it");
    await t.frames(quiet, 2000);
    t.answer = () => ({ expects: "go-ahead" });
    for (const k of "9025550142") t.call.press(k);
    await t.frames(quiet, 2000);
    t.call.press("1");
    await t.frames(quiet, 1000);
    expect(t.said).toEqual(["book it", "9025550142", "yes"]);
  });

  it("ends a call that is too long, and says so", async () => {
    const t = new Trial({ calls: { longestMin: 1 } });
    await t.call.begin();
    for (let i = 0; i < 11 && !t.call.ended; i++) await t.frames(quiet, 6600);
    await t.frames(quiet, 14_000);
    expect(t.call.ended).toBe("too-long");
    expect(t.told.at(-1)).toContain("as long as a call may last");
  });

  it("with music or a crowd that never pauses is asked back, helped and ended, and speaks over it", async () => {
    const t = await greeted();
    t.sure = 0.1;
    t.next.push("la la");
    t.answer = (kind) =>
      t.said.filter((s) => s === "(silence)").length >= 3
        ? { status: "closed" }
        : { replies: [{ text: `For ${kind}.`, speech: `For ${kind}.`, from: "receptionist" }] };
    for (let i = 0; i < 900 && !t.call.ended; i++) {
      await t.frames(loud, 100);
      await t.frames(quiet, 60);
    }
    expect(t.said.filter((s) => s !== "(unclear)")).toEqual(["(silence)", "(silence)", "(silence)"]);
    expect(t.said[0]).toBe("(unclear)");
    expect(t.told).toContain("receptionist: For unclear.");
    expect(t.call.ended).toBe("closed");
  });

  it("of two hours ends at the longest that a call may last, whatever is heard, and is no heavier for its length", async () => {
    const t = new Trial({ calls: { longestMin: 120 } });
    await t.call.begin();
    t.answer = () => ({});
    // Somebody who talks without end: eight seconds, a breath, and so on.
    let sizes = 0;
    for (let i = 0; i < 790 && !t.call.ended; i++) {
      t.next = ["and so on"];
      for (let n = 0; n < 400; n++) t.call.frame(n % 8 < 5 ? loud : quiet);
      await new Promise(setImmediate);
      for (let n = 0; n < 150; n++) {
        t.call.frame(quiet);
        if (n % 10 === 0) await new Promise(setImmediate);
      }
      if (i === 80) sizes = JSON.stringify(t.call.turns).length;
    }
    expect(t.call.ended).toBe("too-long");
    expect(t.call.nowMs).toBeLessThan(7_300_000);
    expect(t.call.turns.length).toBeGreaterThan(500);
    // What is kept grows with what was said, and by nothing else.
    expect(JSON.stringify(t.call.turns).length / sizes).toBeLessThan(12);
  }, 240_000);

  it("records only what the house and the caller allow", async () => {
    expect((await greeted()).call.recording).toBe(false);
    const tells = await greeted({ calls: { record: "tell" } });
    expect(tells.told[0]).toContain("This call is recorded.");
    expect(tells.call.recording).toBe(true);
    for (const [answer, recording] of [
      ["yes", true],
      ["no", false],
    ] as const) {
      const asks = new Trial({ calls: { record: "ask" } });
      await asks.call.begin();
      await asks.frames(quiet, 9000);
      expect(asks.call.recording).toBe(false);
      await asks.speaks(answer);
      await asks.frames(quiet, 6000);
      expect(asks.call.recording).toBe(recording);
      expect(asks.said.filter((s) => !s.startsWith("("))).toEqual([]);
    }
  });

  it("rings at the desk, puts through, and comes back when nobody takes it", async () => {
    let take: ((other: OtherEnd) => void) | null = null;
    const desk = { ring: (answered: (other: OtherEnd) => void) => ((take = answered), () => (take = null)) };
    const handed = (): Partial<Turned> => ({ status: "with-desk", expects: "nothing" });
    const nobody = await greeted({ desk, calls: { ringSec: 5 } });
    nobody.answer = handed;
    await nobody.speaks("a person please");
    await nobody.frames(quiet, 12_000);
    expect(nobody.kinds()).toContain("back");
    expect(nobody.told.at(-1)).toBe("receptionist: Nobody is free. What may I pass on?");

    const t = await greeted({ desk });
    t.answer = handed;
    await t.speaks("a person please");
    await t.frames(quiet, 2500);
    const heard: Samples[] = [];
    const mina = { name: "Mina", gone: false, frame: (s: Samples) => (heard.push(s), Int16Array.from(s, () => 77)), close: () => undefined };
    (take as unknown as (other: OtherEnd) => void)(mina);
    await t.frames(loud, 100);
    expect(heard).toHaveLength(5);
    expect(t.out.at(-1)?.[0]).toBe(77);
    mina.gone = true;
    await t.frames(quiet, 100);
    expect(t.call.ended).toBe("closed");
  });

  it("says what a person at the desk writes", async () => {
    const t = await greeted();
    t.call.tell("Mina here. I call you back.");
    await t.frames(quiet, 4000);
    expect(t.told.at(-1)).toBe("desk: Mina here. I call you back.");
  });
});
