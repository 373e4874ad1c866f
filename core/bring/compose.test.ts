import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { CopyBook, Rehearsal } from "../conversation/copybook.ts";
import { change } from "../house/change.ts";
import { draftSchema, readyOf, type Draft } from "../house/draft.ts";
import { emptyHandbook } from "../house/empty.ts";
import { epochMinOf } from "../time/zone.ts";
import { readSource } from "./bring.ts";
import { compose } from "./compose.ts";
import type { Find } from "./find.ts";
import { blocksOfText } from "./source.ts";

const file = (name: string): string => readFileSync(new URL(`./blind/${name}`, import.meta.url), "utf8");
const found = (name: string, text: string): Find[] => readSource({ name, blocks: blocksOfText(text) }, "CA").finds;
const empty = (): Draft => draftSchema.parse({ ...emptyHandbook("Saltbox Hair Rooms"), zone: "America/Halifax" });
const hair = (): Find[] => [...found("prices", file("hair.prices.txt")), ...found("hours", file("hair.hours.txt"))];
const service = (d: Draft, id: string): Draft["services"][number] => d.services.find((s) => s.id === id) as Draft["services"][number];

describe("bringing a house in", () => {
  const { draft, brought, change: made } = compose(empty(), hair());

  it("makes a receptionist that answers what its papers say: 27 of 30 fair questions or more", () => {
    const { house } = readyOf(draft);
    const questions = JSON.parse(file("hair.questions.json")) as [string, string][];
    const wrong = questions.filter(([question, expected]) => {
      const talk = new Rehearsal(new CopyBook(house), epochMinOf(house.zone, "2027-03-02T10:00"), house.handbook.lines[0]?.key ?? "", "web", 3);
      talk.start();
      return !new RegExp(expected).test(
        talk
          .say(question)
          .map((r) => r.text)
          .join(" "),
      );
    });
    expect(questions).toHaveLength(30);
    expect(wrong.length, JSON.stringify(wrong)).toBeLessThanOrEqual(3);
  });

  it("and that books by them", () => {
    const { house } = readyOf(draft);
    const book = new CopyBook(house);
    const talk = new Rehearsal(book, epochMinOf(house.zone, "2027-03-02T10:00"), house.handbook.lines[0]?.key ?? "", "web", 3);
    talk.start();
    for (const line of ["clipper cut with Dev on thursday at 2", "yes", "Ana Petrov", "902 555 0142", "yes"]) talk.say(line);
    expect(book.appointments[0]).toMatchObject({ service: "clipper-cut", staff: "dev", lengthMin: 20, priceMinor: 2600 });
  });

  it("keeps for each line the words it came from", () => {
    expect(draft.origins?.["services/dry-cut"]).toEqual({ source: "prices", words: expect.stringContaining("$42") as string });
    expect(brought.every((b) => b.words.length > 0)).toBe(true);
  });

  it("gives the same draft for the same input, whatever it is called with before", () => {
    expect(compose(empty(), hair()).draft).toEqual(draft);
  });

  it("changes nothing when the same is brought in again", () => {
    const again = compose(draft, hair());
    expect(again.draft).toEqual(draft);
    expect(new Set(again.brought.map((b) => b.became))).toEqual(new Set(["same"]));
    expect(again.change).toEqual({ op: "many", changes: [] });
  });

  it("is one change, which can be taken back", () => {
    const step = change(empty(), made);
    expect(step.doc).toEqual(draft);
    expect(change(step.doc, step.inverse).doc).toEqual(empty());
  });

  it("follows what a source says now, where nobody has touched the line", () => {
    const newer = compose(draft, found("prices", file("hair.prices.txt").replace("$42", "$45")));
    expect(service(newer.draft, "dry-cut").variants).toEqual([{ lengthMin: 30, priceMinor: 4500 }]);
    expect(newer.brought.filter((b) => b.became === "changed")).toEqual([
      expect.objectContaining({ place: "services/dry-cut", was: "Dry cut: 30 min $42", says: "Dry cut: 30 min $45" }),
    ]);
  });

  it("never changes what was written by hand: it asks", () => {
    const mine = structuredClone(draft);
    service(mine, "dry-cut").variants = [{ lengthMin: 30, priceMinor: 5000 }];
    (mine.origins as Record<string, { byHand?: boolean }>)["services/dry-cut"] = { ...(mine.origins?.["services/dry-cut"] as object), byHand: true };
    const after = compose(mine, found("prices", file("hair.prices.txt").replace("$42", "$45")));
    expect(service(after.draft, "dry-cut").variants).toEqual([{ lengthMin: 30, priceMinor: 5000 }]);
    expect(after.draft.doubts?.[0]).toMatchObject({ place: "services/dry-cut/variants", about: "Dry cut" });
    expect(readyOf(after.draft).gaps[0]).toMatchObject({ code: "disagreement" });
  });

  it("takes the rules of a house that is open for its own, and asks", () => {
    const open = structuredClone(draft);
    delete open.origins;
    const after = compose(open, found("note", "Please give us 72 hours' notice if you cancel."));
    expect(after.draft.rules).toEqual(open.rules);
    expect(after.draft.doubts?.[0]).toMatchObject({ place: "rules/freeUntilMin", values: [{ says: "24 hours" }, { says: "72 hours" }] });
  });

  it("asks where two sources disagree", () => {
    const two = compose(empty(), [...found("one", "Haircut 30 min $40\nShave 20 min $25"), ...found("two", "Haircut 30 min $44\nShave 20 min $25")]);
    expect(service(two.draft, "haircut").variants).toEqual([{ lengthMin: 30, priceMinor: 4000 }]);
    expect(two.draft.doubts?.map((d) => d.values.map((v) => [v.source, v.says]))).toEqual([
      [
        ["one", "Haircut: 30 min $40"],
        ["two", "Haircut: 30 min $44"],
      ],
    ]);
    const hours = compose(empty(), [...found("one", "Mon-Fri 9-5"), ...found("two", "Mon-Fri 9-6")]);
    expect(hours.draft.doubts?.[0]).toMatchObject({ place: "hours" });
  });

  it("takes a length from one source and a price from another", () => {
    const two = compose(empty(), [...found("one", "Haircut 30 min $40"), ...found("two", "Haircut 60 min $70")]);
    expect(two.draft.doubts?.[0]?.values[1]).toMatchObject({ says: "Haircut: 30 min $40, 60 min $70" });
  });

  it("says of another language that it cannot read it, and invents nothing", () => {
    const read = readSource(
      {
        name: "fr",
        blocks: blocksOfText(
          "Nous sommes ouverts du lundi au vendredi de 9 h à 17 h. Coupe pour les dames 45 min 40 $. Le salon est fermé le dimanche et les jours de fête.",
        ),
      },
      "CA",
    );
    expect(read).toEqual({ finds: [], notes: [{ source: "fr", code: "other-language", about: "fr" }] });
    expect(readSource({ name: "blank", blocks: [] }, "CA").notes).toEqual([{ source: "blank", code: "no-text" }]);
  });
});
