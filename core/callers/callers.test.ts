import { readFileSync } from "node:fs";
import { createHash } from "node:crypto";
import { describe, expect, it } from "vitest";
import { CopyBook } from "../conversation/copybook.ts";
import { sentences } from "../language/training.ts";
import { demoHouse } from "../testing/demo.ts";
import { NOW } from "../testing/play.ts";
import { dayFrom } from "../time/days.ts";
import { epochMinOf } from "../time/zone.ts";
import { daysIn, timesIn } from "./ear.ts";
import { call, callers } from "./run.ts";
import { waysOf } from "./ways.ts";

const text = (name: string): string => readFileSync(new URL(name, import.meta.url), "utf8");
const ways = waysOf(text("./ways.en.txt"), text("./days.en.txt"));
const house = demoHouse();
const now = epochMinOf(house.zone, NOW);
const day = (date: number): number => dayFrom(2027, 3, date) as number;

describe("the callers' words", () => {
  it("have at least sixty ways for each thing to say", () => {
    // A length, a day, a time and an appointment are said in three ways or more themselves: "an hour", "60 minutes", "one hour".
    const filled = (thing: string, list: readonly string[]): number => new Set(list).size * (["length", "day", "time", "which"].includes(thing) ? 3 : 1);
    for (const [thing, list] of ways.say) expect(filled(thing, list), thing).toBeGreaterThanOrEqual(60);
  });

  it("are as they were when they were written", () => {
    const kept = text("../language/blind/hashes.txt");
    for (const name of ["ways.en.txt", "days.en.txt"])
      expect(kept).toContain(
        `${createHash("sha256")
          .update(text(`./${name}`))
          .digest("hex")}  callers/${name}`,
      );
  });

  it("have no sentence that errands are told by", () => {
    const plain = (s: string): string =>
      s
        .toLowerCase()
        .replace(/\{[\w-]+\}|<\w+>/g, " _ ")
        .replace(/[^a-z'_ ]/g, " ")
        .replace(/\s+/g, " ")
        .trim();
    const trained = new Set(sentences().map((s) => plain(s.text)));
    // Words that are one and the same in any mouth, as "thanks" is, say nothing; whole requests must differ.
    const longer = [...ways.say].filter(([thing]) => ["book", "book-bare", "move", "cancel"].includes(thing)).flatMap(([, list]) => list.map(plain));
    const same = longer.filter((s) => s.split(" ").length >= 6 && trained.has(s));
    expect(same.length / longer.length).toBeLessThan(0.02);
  });
});

describe("a caller's ear", () => {
  it("hears the times of a reply with the day named last", () => {
    expect(timesIn("I have Thursday 4 March at 2:00 pm, 3:30 pm or Friday 5 March at 9:00 am. Which?", day(1))).toEqual([
      { day: day(4), minute: 840 },
      { day: day(4), minute: 930 },
      { day: day(5), minute: 540 },
    ]);
    expect(timesIn("Wednesday 3 March at 14:15 with Piet", day(1))).toEqual([{ day: day(3), minute: 855 }]);
    expect(timesIn("We are open 8:00 am to 7:00 pm.", day(1))).toEqual([]);
  });

  it("hears the dates that are asked about", () => {
    expect(daysIn("Do you mean Friday 5 March or Friday 12 March?", day(1))).toEqual([day(5), day(12)]);
  });
});

describe("simulated callers", () => {
  it("are the same for the same seed, to the letter", () => {
    const talk = (seed: number): string => [...callers(house, now, ways, seed, 12)].map((c) => c.talk.join("\n")).join("\n\n");
    expect(talk(3)).toBe(talk(3));
    expect(talk(3)).not.toBe(talk(4));
  });

  it("nearly all get what they came for, and no appointment is wrong", () => {
    const list = [...callers(house, now, ways, 7, 150)];
    const failed = list.filter((c) => !c.right);
    expect(failed.length, failed.map((c) => c.talk.join("\n")).join("\n\n")).toBeLessThanOrEqual(4);
    expect(list.filter((c) => c.wrong).length).toBe(0);
  });

  it("judge by the calendar alone: a receptionist that books nothing fails them", () => {
    class Deaf extends CopyBook {
      override do(...args: Parameters<CopyBook["do"]>): ReturnType<CopyBook["do"]> {
        const [effect] = args;
        return effect.kind === "book" || effect.kind === "cancel" || effect.kind === "move" ? { kind: "gone" } : super.do(...args);
      }
    }
    const list = Array.from({ length: 27 }, (_, n) => call(house, new Deaf(house), now, ways, 5, n));
    expect(list.filter((c) => c.right).every((c) => c.aim === "ask")).toBe(true);
  });
});
