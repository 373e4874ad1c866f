import fc from "fast-check";
import { describe, expect, it } from "vitest";
import kept from "../language/packs/en/matching.json" with { type: "json" };
import { inputsOf, judged, netted, peaksOf, plainly, shortlisted, SHORTLIST, type Net, type Weights } from "./judging.ts";

const table = (columns: number, most = 40) =>
  fc.array(fc.array(fc.double({ min: -3, max: 3, noNaN: true }), { minLength: columns, maxLength: columns }), { minLength: 1, maxLength: most });

describe("a plain sum", () => {
  it("is the logistic of what its signs weigh", () => {
    // 1 / (1 + e^-(0.5 + 2·1 − 1·3)) = 1 / (1 + e^0.5), worked out by hand.
    expect(plainly({ base: 0.5, weights: [2, -1] }, [1, 3])).toBeCloseTo(1 / (1 + Math.exp(0.5)), 12);
  });
});

describe("a network", () => {
  /** One bent sum that fires where the first sign is there and the second is not: tanh(4a − 4b − 2). */
  const one: Net = { bias: [-2], first: [4, -4], base: 0, second: [3] };

  it("tells what no plain sum of the same signs could: one of two, and not both", () => {
    const either: Net = { bias: [-2, -2], first: [4, -4, -4, 4], base: 3, second: [4, 4] };
    const sure = (a: number, b: number): number => netted(either, [a, b]);
    expect(Math.min(sure(1, 0), sure(0, 1))).toBeGreaterThan(0.5);
    expect(Math.max(sure(0, 0), sure(1, 1))).toBeLessThan(0.5);
  });

  it("is the logistic of its bent sums", () => {
    expect(netted(one, [1, 0])).toBeCloseTo(1 / (1 + Math.exp(-3 * Math.tanh(2))), 12);
    expect(netted(one, [0, 0])).toBeCloseTo(1 / (1 + Math.exp(3 * Math.tanh(2))), 12);
  });
});

describe("the lines that come into question", () => {
  it("are the surest, in their order, and of two alike the one that stands first", () => {
    expect(shortlisted([0.2, 0.9, 0.2, 0.5])).toEqual([1, 3, 0, 2]);
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { maxLength: 60 }), (sure) => {
        const list = shortlisted(sure);
        expect(list).toHaveLength(Math.min(SHORTLIST, sure.length));
        const least = Math.min(...list.map((i) => sure[i] as number));
        sure.forEach((s, i) => {
          if (!list.includes(i)) expect(s).toBeLessThanOrEqual(least);
        });
      }),
    );
  });
});

describe("how much a sign stands out", () => {
  it("is how far it is above the best of the other lines", () => {
    fc.assert(
      fc.property(table(3), (lines) => {
        const peaks = peaksOf(lines);
        lines.forEach((signs, l) => {
          const inputs = inputsOf(signs, peaks);
          expect(inputs.slice(0, 3)).toEqual(signs);
          signs.forEach((v, k) => {
            const others = lines.filter((_, m) => m !== l).map((o) => o[k] as number);
            // A line by itself stands out from nothing.
            const best = others.length > 0 ? Math.max(...others) : v;
            expect(inputs[3 + k]).toBeCloseTo(v - best, 12);
          });
        });
      }),
    );
  });
});

describe("all the lines of a house", () => {
  const net: Net = { bias: [0.1, -0.3], first: [0.5, -0.2, 1, 0.3, -0.7, 0.4, 0.2, 0.1], base: -0.2, second: [1.5, -0.8] };
  const weights: Weights = { base: -1, weights: [1, 0.5], asked: [net], said: [{ ...net, base: -2 }] };

  it("are judged each from 0 to 1, and no line that does not come into question before one that does", () => {
    fc.assert(
      fc.property(table(2), fc.boolean(), (lines, asked) => {
        const sure = judged(weights, lines, asked);
        expect(sure).toHaveLength(lines.length);
        for (const s of sure) expect(s >= 0 && s <= 1).toBe(true);
        const list = shortlisted(lines.map((l) => plainly(weights, l)));
        const least = Math.min(...list.map((i) => sure[i] as number));
        sure.forEach((s, i) => {
          if (!list.includes(i)) expect(s).toBeLessThanOrEqual(least);
        });
      }),
    );
  });

  it("are judged more strictly where it is not known that anything is asked, by networks that are so", () => {
    const lines = [
      [1, 0],
      [0, 1],
      [2, 2],
    ];
    const [asked, said] = [judged(weights, lines, true), judged(weights, lines, false)];
    asked.forEach((s, i) => expect(said[i]).toBeLessThan(s));
  });

  it("are none where a house has none", () => {
    expect(judged(weights, [], true)).toEqual([]);
  });
});

describe("the weights that ship", () => {
  it("fit the signs that there are", () => {
    const signs = kept.weights.length;
    for (const net of [...kept.asked, ...kept.said]) {
      expect(net.first).toHaveLength(2 * signs * net.bias.length);
      expect(net.second).toHaveLength(net.bias.length);
      expect([...net.first, ...net.second, ...net.bias, net.base].every(Number.isFinite)).toBe(true);
    }
    expect(kept.asked.length).toBeGreaterThan(0);
    expect(kept.said.length).toBeGreaterThan(0);
  });
});
