import { expand, headed } from "../language/templates.ts";

/** How many readings of a template are kept at most. */
const READINGS = 400;

interface Line {
  weight: number;
  template: string;
  readings?: string[];
}

/** Where a thing to say is not one of the grammar's, what stands for it: the house's own words, or names. */
export type Fill = (thing: string, random: () => number) => string;

/** Says things by templates: "= thing" begins a thing, "3*" lets a line be said three times as often, `<thing>` is another. */
export class Grammar {
  readonly #things = new Map<string, { lines: Line[]; total: number }>();

  constructor(
    texts: readonly string[],
    readonly fill: Fill,
    readonly random: () => number,
  ) {
    for (const text of texts)
      for (const [thing, lines] of headed(text)) {
        const own = this.#things.get(thing) ?? { lines: [], total: 0 };
        for (const raw of lines) {
          const m = /^(\d+)\*(.*)$/.exec(raw);
          const line = { weight: Number(m?.[1] ?? 1), template: m?.[2] ?? raw };
          own.lines.push(line);
          own.total += line.weight;
        }
        this.#things.set(thing, own);
      }
  }

  has(thing: string): boolean {
    return this.#things.has(thing);
  }

  /** One of the ways to say a thing, with everything in it said too. */
  say(thing: string): string {
    const own = this.#things.get(thing);
    if (!own) return this.fill(thing, this.random);
    let at = this.random() * own.total;
    const line = own.lines.find((l) => (at -= l.weight) < 0) ?? own.lines.at(-1);
    if (!line) return "";
    line.readings ??= expand(line.template, READINGS);
    const reading = line.readings[Math.floor(this.random() * line.readings.length)] ?? "";
    return reading.replace(/<([\w-]+)>/g, (_, inner: string) => this.say(inner));
  }
}
