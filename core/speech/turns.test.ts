import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { clauses, heardOf } from "./clauses.ts";
import { keyed } from "./keyed.ts";
import { goingOn, goOn, noTurn, pauseFor, turn, type TurnAct, type TurnEvent, type TurnSettings, type TurnState } from "./turns.ts";

const SETTINGS: TurnSettings = { patience: "usual", interruptible: true, helpAfterMs: 6000, longestMs: 45_000 };

/** A line on which things happen: "sound 400", "quiet 300", "words book a massage 0.9", "speaks", "spoken". */
function play(script: string[], settings = SETTINGS): { state: TurnState; acts: [number, TurnAct][] } {
  let state = noTurn();
  const acts: [number, TurnAct][] = [];
  const step = (event: TurnEvent): void => {
    const next = turn(state, event, settings);
    state = next.state;
    for (const a of next.acts) acts.push([state.nowMs, a]);
  };
  for (const line of script) {
    const [what, ...rest] = line.split(" ");
    if (what === "sound" || what === "quiet") for (let ms = 0; ms < Number(rest[0]); ms += 20) step({ is: "frame", ms: 20, sound: what === "sound" });
    else if (what === "words") step({ is: "so-far", words: rest.slice(0, -1), endSure: Number(rest.at(-1)) });
    else step({ is: what as "speaks" | "spoken" | "answered" });
  }
  return { state, acts };
}
const kinds = (acts: [number, TurnAct][]): TurnAct[] => acts.map(([, a]) => a).filter((a) => a !== "ask");
const at = (acts: [number, TurnAct][], act: TurnAct): number => acts.find(([, a]) => a === act)?.[0] ?? NaN;

describe("whose turn it is", () => {
  it("ends a turn sooner after what is whole than after what is not", () => {
    const whole = play(["sound 1000", "words book a massage 0.9", "quiet 2000"]).acts;
    const open = play(["sound 1000", "words book a 0", "quiet 2000"]).acts;
    expect(kinds(whole)).toEqual(["begin", "end"]);
    expect(at(open, "end") - at(whole, "end")).toBeGreaterThan(250);
  });

  it("waits longest while a number or a spelling is going on, and not when it is whole", () => {
    const u = (words: string, endSure = 1) => ({ words: words.split(" "), endSure });
    const plain = pauseFor(u("on friday"), "usual");
    expect(pauseFor(u("on friday", 0.4), "usual")).toBeGreaterThan(plain);
    expect(pauseFor(u("nine oh two five five"), "usual")).toBeGreaterThan(2 * plain);
    expect(pauseFor(u("nine oh two five five five oh one four two"), "usual")).toBe(plain);
    expect(pauseFor(u("one nine oh two five five five oh one four"), "usual")).toBeGreaterThan(2 * plain);
    expect(pauseFor(u("one nine oh two five five five oh one four two"), "usual")).toBe(plain);
    expect(pauseFor(u("good morning"), "usual")).toBeGreaterThan(plain);
    expect(pauseFor(u("monday morning"), "usual")).toBe(plain);
    expect(pauseFor(u("n: o:"), "usual")).toBeGreaterThan(2 * plain);
    expect(pauseFor(u("nine"), "usual", true)).toBeGreaterThan(2 * plain);
    expect(pauseFor(u("on friday"), "patient")).toBeGreaterThan(plain);
    expect(pauseFor(u("on friday"), "brisk")).toBeLessThan(plain);
    expect(goingOn("double five oh".split(" "))).toEqual({ what: "number", pieces: 3 });
    expect(goingOn("friday at two".split(" "))).toBeNull();
  });

  it("goes on listening where the caller goes on before the pause is over", () => {
    const { acts } = play(["sound 600", "words i'd like to 0", "quiet 700", "sound 600", "words i'd like to book 0.5", "quiet 1500"]);
    expect(kinds(acts)).toEqual(["begin", "end"]);
  });

  it("ends by itself when it goes on for longer than anybody speaks, and is not begun anew by what goes on", () => {
    const script = Array.from({ length: 300 }, () => ["sound 200", "words la la 0", "quiet 100"]).flat();
    const { acts, state } = play(script);
    expect(kinds(acts).slice(0, 2)).toEqual(["begin", "end"]);
    expect(at(acts, "end")).toBeLessThanOrEqual(45_100);
    expect(kinds(acts).filter((a) => a === "begin")).toHaveLength(1);
    expect(state.drowned).not.toBeNull();
    // It is no silence either that something is being answered; once that is done, help comes as in silence.
    expect(kinds(play([...script.slice(0, 480), "answered", ...script.slice(0, 90)]).acts).at(-1)).toBe("silence");
  });

  it("listens again after a turn that was too long as soon as there is a pause, and never stops for its sound", () => {
    const long = Array.from({ length: 160 }, () => ["sound 200", "words la la 0", "quiet 100"]).flat();
    const { acts } = play([
      ...long,
      "speaks",
      "sound 2000",
      "words la la la 0",
      "quiet 300",
      "sound 1000",
      "spoken",
      "quiet 500",
      "sound 400",
      "words yes 0.9",
      "quiet 900",
    ]);
    expect(kinds(acts)).toEqual(["begin", "end", "begin", "end"]);
  });

  it("is quieter within a fifth of a second of sound over it, and silent within half a second of speech", () => {
    const { acts, state } = play(["speaks", "quiet 400", "sound 240", "words can you 0", "sound 260"]);
    const from = 400;
    expect(at(acts, "quieter") - from).toBeLessThanOrEqual(200);
    expect(at(acts, "stop") - from).toBeLessThanOrEqual(500);
    expect(state.voice).toBe("silent");
  });

  it("is not stopped by a cough, nor by a word with which one listens", () => {
    const cough = play(["speaks", "sound 300", "quiet 900"]);
    expect(kinds(cough.acts)).toEqual(["begin", "quieter", "end-aside"]);
    expect(goOn(cough.state).voice).toBe("speaking");
    const listening = play(["speaks", "sound 300", "words uh huh 0.9", "sound 200", "quiet 900"]);
    expect(kinds(listening.acts)).not.toContain("stop");
  });

  it("speaks on where it may not be interrupted", () => {
    const { acts, state } = play(["speaks", "sound 2000"], { ...SETTINGS, interruptible: false });
    expect(acts).toEqual([]);
    expect(state.voice).toBe("speaking");
  });

  it("helps after so long a silence, again and again, but not while it answers", () => {
    expect(play(["quiet 12100"]).acts.map(([ms]) => ms)).toEqual([6000, 12000]);
    expect(kinds(play(["sound 500", "words yes 0.9", "quiet 9000"]).acts)).toEqual(["begin", "end"]);
    expect(kinds(play(["sound 500", "words yes 0.9", "quiet 1000", "answered", "quiet 6100"]).acts)).toEqual(["begin", "end", "silence"]);
  });

  it("never loses the line: whatever happens, turns begin before they end", () => {
    const event = fc.oneof(
      fc.integer({ min: 1, max: 60 }).map((n) => `sound ${n * 20}`),
      fc.integer({ min: 1, max: 60 }).map((n) => `quiet ${n * 20}`),
      fc.constantFrom("words a b 0.5", "words 0", "speaks", "spoken", "answered"),
    );
    fc.assert(
      fc.property(fc.array(event, { maxLength: 30 }), (script) => {
        let open = false;
        for (const a of kinds(play(script).acts)) {
          if (a === "begin") {
            expect(open).toBe(false);
            open = true;
          }
          if (a === "end" || a === "end-aside") {
            expect(open).toBe(true);
            open = false;
          }
        }
      }),
    );
  });
});

describe("speech in pieces", () => {
  it("begins with a short piece, and says the whole", () => {
    const text = "I have Thursday the fourth of March at two thirty in the afternoon with Nell, or three o'clock with Joaquim. Which would you like?";
    const parts = clauses(text);
    expect(parts.length).toBeGreaterThan(1);
    expect(parts.join(" ")).toBe(text);
    expect(clauses("Yes. What name may I put down?")).toEqual(["Yes. What name may I put down?"]);
    expect(clauses("")).toEqual([]);
  });

  it("loses no word, whatever is said", () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom("one", "two,", "three.", "four?", "five;", "a", "booked!"), { minLength: 1, maxLength: 40 }), (words) => {
        expect(clauses(words.join(" ")).join(" ")).toBe(words.join(" "));
      }),
    );
  });

  it("knows what of it was heard, and begins anew with the piece that was broken off", () => {
    const pieces = [
      { text: "Good morning.", ms: 1000 },
      { text: "How can I help you", ms: 1000 },
    ];
    expect(heardOf(pieces, 1500)).toEqual({ heard: "Good morning. How can", rest: ["How can I help you"] });
    expect(heardOf(pieces, 0)).toEqual({ heard: "", rest: ["Good morning.", "How can I help you"] });
    expect(heardOf(pieces, 2000)).toEqual({ heard: "Good morning. How can I help you", rest: [] });
  });
});

describe("keys", () => {
  const press = (keys: string, expects: Parameters<typeof keyed>[2]): (string | null)[] => {
    let digits = "";
    return [...keys].map((k) => {
      const next = keyed(digits, k, expects);
      digits = next.digits;
      return next.text;
    });
  };
  it("gather a number until it is whole, or until # ends it", () => {
    expect(press("9025550142", "phone").at(-1)).toBe("9025550142");
    expect(press("902555014", "phone").every((t) => t === null)).toBe(true);
    expect(press("5550142#", "phone").at(-1)).toBe("5550142");
    expect(press("12*5550142#", "phone").at(-1)).toBe("5550142");
  });
  it("say yes, no, which, and a person, by what is waited for", () => {
    expect(press("1", "go-ahead")).toEqual(["yes"]);
    expect(press("2", "phone-check")).toEqual(["no"]);
    expect(press("2", "slot")).toEqual(["the second one"]);
    expect(press("9", "slot")).toEqual([null]);
    expect(press("0", "errand")).toEqual(["I would like to speak to a person"]);
  });
});
