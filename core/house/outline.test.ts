import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { moved, rowsOf, treeOf } from "./outline.ts";
import type { Consequence } from "./schema.ts";

const c = (id: string, ...then: Consequence[]): Consequence => ({ id, if: { is: "yes" }, do: [], then });
const tree = [c("a", c("b", c("c")), c("d")), c("e")];
const drawn = (list: readonly Consequence[]): string =>
  rowsOf(list)
    .map((r) => `${"-".repeat(r.depth)}${r.id}`)
    .join(" ");

describe("an outline of consequences", () => {
  it("is lines and a tree, and back", () => {
    expect(drawn(tree)).toBe("a -b --c -d e");
    expect(treeOf(rowsOf(tree))).toEqual(tree);
  });

  it("moves a line with what stands under it, no deeper than what is above allows", () => {
    const go = (id: string, before: string | null, depth: number): string => drawn(treeOf(moved(rowsOf(tree), id, before, depth)));
    expect(go("b", null, 1)).toBe("a -d e -b --c");
    expect(go("b", null, 9)).toBe("a -d e -b --c");
    expect(go("e", "a", 3)).toBe("e a -b --c -d");
    expect(go("d", "d", 2)).toBe("a -b --c --d e");
    expect(go("a", "c", 0)).toBe("a -b --c -d e");
    expect(go("nobody", null, 0)).toBe("a -b --c -d e");
  });

  it("loses and doubles nothing, however it is moved", () => {
    const ids = ["a", "b", "c", "d", "e"];
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.constantFrom(...ids), fc.option(fc.constantFrom(...ids)), fc.nat(6)), { maxLength: 10 }), (moves) => {
        let now: Consequence[] = tree;
        for (const [id, before, depth] of moves) now = treeOf(moved(rowsOf(now), id, before, depth));
        expect(
          rowsOf(now)
            .map((r) => r.id)
            .sort(),
        ).toEqual(ids);
      }),
    );
  });
});
