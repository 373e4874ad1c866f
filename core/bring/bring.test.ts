import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { clockText } from "../time/zone.ts";
import { WEEKDAYS } from "../time/days.ts";
import { readSource } from "./bring.ts";
import { finds, type Find } from "./find.ts";
import { blocksOfText, passagesOf, type Block } from "./source.ts";

const file = (name: string): string => readFileSync(new URL(`./blind/${name}`, import.meta.url), "utf8");

/** What the three houses' papers say, service by service, written down before any of this was. */
interface Expected {
  services: Record<string, [number | null, number | null][]>;
  hours: string[];
  closed: string[];
  staff: string[];
  rules: Record<string, number>;
  phone: string;
  email: string;
  street: string;
  town: string;
}

const csv = (text: string): Block[] =>
  text
    .trim()
    .split("\n")
    .map((l, at) => ({ kind: "row" as const, cells: l.split(",").map((c) => c.replaceAll('"', "")), at }));

const read = (name: string, blocks: Block[]): Find[] => readSource({ name, blocks }, "CA").finds;
const HOUSES: Record<string, () => Find[]> = {
  hair: () => [...read("prices", blocksOfText(file("hair.prices.txt"))), ...read("hours", blocksOfText(file("hair.hours.txt")))],
  spa: () => [...read("prices", csv(file("spa.prices.csv"))), ...read("hours", blocksOfText(file("spa.hours.txt")))],
};

const plain = (s: string): string => s.toLowerCase().replace(/[’]/g, "'");

describe.each(Object.keys(HOUSES))("the papers of the %s house", (house) => {
  const all = (HOUSES[house] as () => Find[])();
  const expected = JSON.parse(file(`${house}.expected.json`)) as Expected;

  it("give every service with its lengths and prices, and none that is not there", () => {
    const got = Object.fromEntries(
      finds(all, "service").map((f) => [plain(f.name), f.variants.map((v) => [v.lengthMin, v.price?.is === "fixed" ? v.price.minor : null])]),
    );
    expect(got).toEqual(Object.fromEntries(Object.entries(expected.services).map(([k, v]) => [plain(k), v])));
  });

  it("give the hours, day by day", () => {
    const days = finds(all, "hours").flatMap((h) => h.days.map((d) => `${d} ${WEEKDAYS[d - 1]} ${clockText(h.fromMin)}-${clockText(h.toMin)}`));
    expect([...new Set(days)].sort().map((d) => d.slice(2))).toEqual(expected.hours);
  });

  it("give closed days, people, rules and where the house is", () => {
    expect(finds(all, "closed").map((c) => c.name)).toEqual(expected.closed);
    expect(finds(all, "staff").map((s) => s.name)).toEqual(expected.staff);
    expect(Object.fromEntries(finds(all, "rule").map((r) => [r.key, r.value]))).toEqual(expected.rules);
    const place = Object.fromEntries(finds(all, "place").map((p) => [p.field, p.value]));
    expect(place).toMatchObject({ phone: expected.phone, email: expected.email, town: expected.town });
    expect(place["street"]).toContain(expected.street);
  });
});

describe("a document in passages", () => {
  it("keeps each line under its heading, and loses nothing of a long one", () => {
    expect(passagesOf("LOST PROPERTY\nKept for a month.\n\nLOCKERS\nThey take a coin.")).toEqual([
      { id: "p1", heading: "LOST PROPERTY", text: "Kept for a month." },
      { id: "p2", heading: "LOCKERS", text: "They take a coin." },
    ]);
    const long = Array.from({ length: 200 }, (_, i) => `Sentence number ${i}.`).join(" ");
    const parts = passagesOf(long);
    expect(parts.length).toBeGreaterThan(2);
    expect(parts.every((p) => p.text.length <= 1200 && p.text.endsWith("."))).toBe(true);
    expect(parts.map((p) => p.text).join(" ")).toBe(long);
  });
});
