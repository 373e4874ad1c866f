import { expect, it } from "vitest";
import { rate } from "./rates.ts";

it.each([
  [81, 263, 0.2553, 0.3662],
  [15, 148, 0.0624, 0.1605],
  [0, 20, 0, 0.1611],
  [1, 29, 0.0061, 0.1718],
])("the interval of %i in %i is as in Newcombe (1998), table I", (hits, of, low, high) => {
  const r = rate(hits, of);
  expect(r.low).toBeCloseTo(low, 4);
  expect(r.high).toBeCloseTo(high, 4);
});

it("nothing counted says nothing", () => {
  expect(rate(0, 0)).toMatchObject({ low: 0, high: 1 });
});
