import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { at, change, linesOf, sameData, Misfit, type Change } from "./change.ts";

interface Doc {
  name: string;
  list: { id: string; text: string; inner: { id: string; n: number }[] }[];
}

const doc: Doc = {
  name: "house",
  list: [
    { id: "a", text: "first", inner: [{ id: "x", n: 1 }] },
    { id: "b", text: "second", inner: [] },
    { id: "c", text: "third", inner: [] },
  ],
};
const ids = (d: Doc): string => d.list.map((x) => x.id).join("");

describe("a change of a document", () => {
  it("sets what stands at a path, goes into lists by id, and leaves the document before alone", () => {
    const after = change(doc, { op: "set", path: ["list", "a", "inner", "x", "n"], value: 5 }).doc;
    expect(at(after, ["list", "a", "inner", "x", "n"])).toBe(5);
    expect(at(doc, ["list", "a", "inner", "x", "n"])).toBe(1);
  });

  it("adds before an item, at the end where that is gone, and moves", () => {
    const item = { id: "d", text: "new", inner: [] };
    expect(ids(change(doc, { op: "add", path: ["list"], item, before: "b" }).doc)).toBe("adbc");
    expect(ids(change(doc, { op: "add", path: ["list"], item, before: "gone" }).doc)).toBe("abcd");
    expect(ids(change(doc, { op: "shift", path: ["list", "c"], before: "a" }).doc)).toBe("cab");
    expect(ids(change(doc, { op: "shift", path: ["list", "a"], before: null }).doc)).toBe("bca");
    expect(ids(change(doc, { op: "shift", path: ["list", "b"], before: "b" }).doc)).toBe("abc");
  });

  it("makes a list that was not there yet, and a value that was not there, and takes both back", () => {
    const start: { name: string; extra?: unknown[]; note?: string } = { name: "n" };
    const added = change(start, { op: "add", path: ["extra"], item: { id: "q" } });
    expect(added.doc.extra).toEqual([{ id: "q" }]);
    expect(change(added.doc, added.inverse).doc.extra).toEqual([]);
    const noted = change(start, { op: "set", path: ["note"], value: "x" });
    expect(change(noted.doc, noted.inverse).doc).toEqual(start);
  });

  it("does not fit where its place is gone, or where it is there twice", () => {
    expect(() => change(doc, { op: "set", path: ["list", "z", "text"], value: "" })).toThrow(Misfit);
    expect(() => change(doc, { op: "drop", path: ["list", "z"] })).toThrow(Misfit);
    expect(() => change(doc, { op: "add", path: ["list"], item: { id: "a" } })).toThrow(Misfit);
    expect(() => change(doc, { op: "set", path: [], value: 1 })).toThrow(Misfit);
    expect(() => change(doc, { op: "shift", path: ["name", "x"], before: null })).toThrow(Misfit);
  });

  it("knows the same data in another order of keys", () => {
    expect(sameData({ a: 1, b: [{ c: 2, d: null }] }, { b: [{ d: null, c: 2 }], a: 1, e: undefined })).toBe(true);
    for (const [a, b] of [
      [{ a: 1 }, { a: 2 }],
      [
        [1, 2],
        [2, 1],
      ],
      [{ a: [] }, { a: {} }],
      [{ a: 1 }, { a: 1, b: 2 }],
      [null, {}],
    ])
      expect(sameData(a, b)).toBe(false);
  });

  it("tells which lines it touches", () => {
    const c: Change = {
      op: "many",
      changes: [
        { op: "set", path: ["list", "a", "text"], value: "" },
        { op: "add", path: ["list"], item: { id: "n" } },
        { op: "drop", path: ["list", "a"] },
      ],
    };
    expect(linesOf(c)).toEqual(["list/a", "list/n"]);
  });

  it("is taken back to the letter, whatever was done", () => {
    const id = fc.constantFrom("a", "b", "c");
    const one: fc.Arbitrary<Change> = fc.oneof(
      fc.record({ op: fc.constant("set" as const), path: id.map((i) => ["list", i, "text"]), value: fc.string() }),
      fc.record({ op: fc.constant("shift" as const), path: id.map((i) => ["list", i]), before: fc.option(id) }),
      fc.record({ op: fc.constant("drop" as const), path: id.map((i) => ["list", i]) }),
      fc.integer({ min: 0, max: 1e6 }).map((n): Change => ({ op: "add", path: ["list"], item: { id: `n${n}`, text: "", inner: [] }, before: "b" })),
    );
    fc.assert(
      fc.property(fc.array(one, { maxLength: 12 }), (changes) => {
        let now = doc;
        const back: Change[] = [];
        for (const c of changes) {
          try {
            const step = change(now, c);
            now = step.doc;
            back.unshift(step.inverse);
          } catch (error) {
            if (!(error instanceof Misfit)) throw error;
          }
        }
        for (const c of back) now = change(now, c).doc;
        expect(JSON.stringify(now)).toBe(JSON.stringify(doc));
      }),
    );
  });
});
