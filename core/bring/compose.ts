import { sameData, type Change } from "../house/change.ts";
import type { Draft, DraftService } from "../house/draft.ts";
import { folded, stem } from "../language/text.ts";
import { WEEKDAYS } from "../time/days.ts";
import { clockText } from "../time/zone.ts";
import { finds, type Find, type FindOf } from "./find.ts";
import type { Price } from "./tokens.ts";

/** What became of one find: where it stands now, and in which words it was found. */
export interface Brought {
  place: string;
  became: "added" | "changed" | "same" | "doubt";
  /** What it says, in short. */
  says: string;
  was?: string;
  source: string;
  words: string;
}

export interface Composed {
  draft: Draft;
  brought: Brought[];
  /** The same as one change of the draft before, so that it can be taken back. */
  change: Change;
}

const SECTIONS = ["services", "hours", "closed", "staff", "place", "rules", "facts", "answers", "documents", "origins", "doubts", "assumed", "toFill"] as const;

/**
 * Puts what was found where it belongs in a draft. What was written by hand is never changed: where a source says
 * otherwise, or two sources differ, the place is marked as doubtful with what each says. Bringing the same again
 * changes nothing.
 */
export function compose(before: Draft, found: readonly Find[]): Composed {
  const draft = structuredClone(before);
  draft.origins ??= {};
  draft.doubts ??= [];
  const c = new Composer(draft, draft.origins, draft.doubts, before.services.length === 0);
  c.place(finds(found, "place"));
  c.hours(finds(found, "hours"));
  for (const f of finds(found, "closed")) c.closed(f);
  for (const f of finds(found, "service")) c.service(f);
  c.staff(finds(found, "staff"), finds(found, "service"));
  for (const f of finds(found, "rule")) c.rule(f);
  for (const f of finds(found, "fact")) c.fact(f);
  for (const f of finds(found, "answer")) c.answer(f);
  c.passages(finds(found, "passage"));
  if (draft.doubts.length === 0) delete draft.doubts;
  const changes: Change[] = SECTIONS.filter((s) => !sameData(before[s], draft[s])).map((s) => ({
    op: "set",
    path: [s],
    value: draft[s],
  }));
  return { draft, brought: c.brought, change: { op: "many", changes } };
}

/** An id out of a name, unlike those that are there. */
export function idFor(name: string, taken: (id: string) => boolean): string {
  const base =
    folded(name)
      .replace(/ +/g, "-")
      .replace(/^-+|-+$/g, "")
      .slice(0, 48) || "line";
  let id = base;
  for (let n = 2; taken(id); n++) id = `${base}-${n}`;
  return id;
}

class Composer {
  readonly brought: Brought[] = [];

  constructor(
    readonly draft: Draft,
    readonly origins: NonNullable<Draft["origins"]>,
    readonly doubts: NonNullable<Draft["doubts"]>,
    /** Nothing can be booked yet: the rules are what every new house begins with, and nobody's own. */
    readonly fresh: boolean,
  ) {}

  #note(f: Find, place: string, became: Brought["became"], says: string, was?: string): void {
    if (became === "same" && this.brought.some((b) => b.place === place && b.source === f.source)) return;
    this.brought.push({ place, became, says, source: f.source, words: f.words, ...(was === undefined ? {} : { was }) });
    if (became === "added" || became === "changed") this.origins[place] = { source: f.source, words: f.words.slice(0, 600) };
  }

  /** Whether what stands at a place may be replaced by what a source says: it came from that source and nobody has touched it. */
  #ours(place: string, source: string): boolean {
    const o = this.origins[place];
    return o !== undefined && o.byHand !== true && o.source === source;
  }

  /** Marks a place as doubtful: the handbook's own value beside a source's. */
  #doubt(f: Find, place: string, about: string, own: { says: string; value: unknown }, theirs: { says: string; value: unknown }): void {
    const origin = this.origins[place] ?? this.origins[place.split("/").slice(0, 2).join("/")];
    const id = `doubt-${folded(place).replace(/ /g, "-")}`;
    let doubt = this.doubts.find((d) => d.id === id);
    if (!doubt) {
      doubt = {
        id,
        place,
        about,
        values: [{ id: "v1", source: origin?.source ?? "", words: origin?.words ?? "", ...own }],
      };
      this.doubts.push(doubt);
    }
    if (!doubt.values.some((v) => v.says === theirs.says))
      doubt.values.push({ id: `v${doubt.values.length + 1}`, source: f.source, words: f.words, ...theirs });
    if (doubt.values.length < 2) this.doubts.splice(this.doubts.indexOf(doubt), 1);
    else this.#note(f, place, "doubt", theirs.says, own.says);
  }

  #value(f: Find, place: string, about: string, own: unknown, theirs: unknown, say: (v: never) => string, set: () => void): void {
    const says = say(theirs as never);
    if (sameData(own, theirs)) this.#note(f, place, "same", says);
    else if (this.#ours(place, f.source)) {
      set();
      this.#note(f, place, "changed", says, say(own as never));
    } else this.#doubt(f, place, about, { says: say(own as never), value: own }, { says, value: theirs });
  }

  place(list: readonly FindOf<"place">[]): void {
    for (const f of list) {
      const place = `place/${f.field}`;
      const own = this.draft.place[f.field];
      const set = (): void => {
        this.draft.place = { ...this.draft.place, [f.field]: f.value };
        this.draft.toFill = this.draft.toFill?.filter((p) => p !== place);
      };
      if (own === undefined || own === "") {
        set();
        this.#note(f, place, "added", f.value);
      } else if (folded(own) === folded(f.value)) this.#note(f, place, "same", f.value);
      else if (f.field === "street" || f.field === "town" || f.field === "phone" || f.field === "email")
        this.#value(f, place, f.field, own, f.value, String, set);
    }
  }

  hours(list: readonly FindOf<"hours">[]): void {
    for (const source of new Set(list.map((f) => f.source))) {
      const own = list.filter((f) => f.source === source);
      // A page may say its hours twice, in words and as data.
      const days = new Map<number, string[]>();
      for (const f of own) for (const d of f.days) days.set(d, [...new Set([...(days.get(d) ?? []), `${clockText(f.fromMin)}-${clockText(f.toMin)}`])].sort());
      const windows = grouped(days);
      const first = own[0];
      if (!first || windows.length === 0) continue;
      const f: Find = { ...first, words: [...new Set(own.map((o) => o.words))].join(" / ").slice(0, 600) };
      const set = (): void => {
        this.draft.hours = windows;
        this.draft.toFill = this.draft.toFill?.filter((p) => p !== "hours");
      };
      if (this.draft.hours.length === 0) {
        set();
        this.#note(f, "hours", "added", hoursText(windows));
      } else {
        const now = grouped(
          new Map(
            [1, 2, 3, 4, 5, 6, 7].map((d) => [
              d,
              this.draft.hours
                .filter((h) => h.weekdays.includes(WEEKDAYS[d - 1] as (typeof WEEKDAYS)[number]))
                .map((h) => `${h.from}-${h.to}`)
                .sort(),
            ]),
          ),
        );
        if (hoursText(now) === hoursText(windows)) this.#note(f, "hours", "same", hoursText(windows));
        else this.#value(f, "hours", "opening hours", this.draft.hours, windows, hoursText, set);
      }
    }
  }

  closed(f: FindOf<"closed">): void {
    const have = this.draft.closed.find((c) => sameData(c.on, f.on) || folded(c.name) === folded(f.name));
    if (have) return this.#note(f, `closed/${have.id}`, "same", f.name);
    const id = idFor(f.name, (x) => this.draft.closed.some((c) => c.id === x));
    this.draft.closed.push({ id, name: f.name, on: f.on });
    this.#note(f, `closed/${id}`, "added", f.name);
  }

  service(f: FindOf<"service">): void {
    const same = folded(f.name);
    const have = this.draft.services.find((s) => [s.name, ...s.also].some((n) => folded(n) === same));
    const variants = variantsOf(f);
    const noPrice = noPriceOf(f, this.draft);
    if (!have) {
      const id = idFor(f.name, (x) => this.draft.services.some((s) => s.id === x));
      this.draft.services.push({
        id,
        name: f.name,
        also: [],
        ...(f.under ? { category: titled(f.under) } : {}),
        about: aboutOf(f.about),
        variants,
        ...(noPrice ? { noPrice } : {}),
        staff: [],
        pool: "",
        cleanUpMin: 0,
        asks: [],
      });
      return this.#note(f, `services/${id}`, "added", serviceText(this.draft, f.name, variants));
    }
    const place = `services/${have.id}`;
    const say = (v: DraftService["variants"]): string => serviceText(this.draft, have.name, v);
    // A source that knows a length without a price, or the other way round, says nothing against what is there.
    const lengths = variants.filter((v) => v.lengthMin !== null);
    const agrees = variants.every((v) =>
      have.variants.some((o) => (v.lengthMin === null || o.lengthMin === v.lengthMin) && (v.priceMinor === null || o.priceMinor === v.priceMinor)),
    );
    if (agrees) return this.#note(f, place, "same", say(variants));
    const merged = [...have.variants.filter((v) => v.lengthMin !== null && !lengths.some((l) => l.lengthMin === v.lengthMin)), ...lengths].sort(
      (a, b) => (a.lengthMin ?? 0) - (b.lengthMin ?? 0),
    );
    const against = lengths.some((l) =>
      have.variants.some((o) => o.lengthMin === l.lengthMin && o.priceMinor !== null && l.priceMinor !== null && o.priceMinor !== l.priceMinor),
    );
    const missing = have.variants.every((v) => v.lengthMin === null);
    const theirs = this.#ours(place, f.source) ? variants : missing ? variants : against || lengths.length === 0 ? variants : merged;
    const set = (): void => {
      have.variants = theirs;
      if (noPrice) have.noPrice = noPrice;
    };
    if (this.#ours(place, f.source)) this.#value(f, place, have.name, have.variants, theirs, say, set);
    else this.#doubt(f, `${place}/variants`, have.name, { says: say(have.variants), value: have.variants }, { says: say(theirs), value: theirs });
  }

  staff(list: readonly FindOf<"staff">[], services: readonly FindOf<"service">[]): void {
    const assumed = new Set(this.draft.assumed ?? []);
    const fresh: { id: string; find: FindOf<"staff">; named: Set<string> }[] = [];
    for (const f of list) {
      const have = this.draft.staff.find(
        (s) => folded(s.name) === folded(f.name) || (!f.name.includes(" ") && s.called.some((c) => folded(c) === folded(f.name))),
      );
      if (have) {
        this.#note(f, `staff/${have.id}`, "same", f.name);
        continue;
      }
      const id = idFor(f.name.split(" ")[0] ?? f.name, (x) => this.draft.staff.some((s) => s.id === x));
      this.draft.staff.push({
        id,
        name: f.name,
        called: [f.name.split(" ")[0] ?? f.name],
        work: f.work,
        languages: [],
        bookable: true,
        takesMessages: false,
        hours: this.draft.hours.map((h) => ({ ...h, id: `${id}-${h.id}`.slice(0, 64) })),
        breaks: [],
      });
      if (this.draft.hours.length > 0) assumed.add(`staff/${id}/hours`);
      this.#note(f, `staff/${id}`, "added", `${f.name}, ${f.work}`);
      fresh.push({ id, find: f, named: new Set() });
    }
    const added = this.draft.services.filter((s) => s.staff.length === 0);
    for (const p of fresh) for (const id of namedIn(p.find.says, added, services)) p.named.add(id);
    const people = this.draft.staff;
    for (const s of added) {
      const by = services.find((f) => folded(f.name) === folded(s.name))?.by;
      const said = by ? people.filter((p) => doneBy(by, p)) : [];
      const named = fresh.filter((p) => p.named.has(s.id)).map((p) => p.id);
      if (said.length > 0) s.staff = said.map((p) => p.id);
      else if (named.length > 0) s.staff = named;
      else {
        // Whoever is not said to do anything in particular may do what nobody is named for.
        const open = fresh.filter((p) => p.named.size === 0).map((p) => p.id);
        const all = people.length === 1 ? people.map((p) => p.id) : open;
        if (all.length === 0) continue;
        s.staff = all;
        assumed.add(`services/${s.id}/staff`);
      }
    }
    if (assumed.size > 0) this.draft.assumed = [...assumed];
  }

  rule(f: FindOf<"rule">): void {
    const place = `rules/${f.key}`;
    const own = this.draft.rules[f.key];
    const untouched = this.fresh && this.origins[place] === undefined;
    const set = (): void => {
      this.draft.rules = { ...this.draft.rules, [f.key]: f.value };
    };
    const say = (v: number): string => (f.key.endsWith("Percent") ? `${v} %` : `${v / 60} hours`);
    if (own === f.value) {
      this.#note(f, place, untouched ? "added" : "same", say(f.value));
    } else if (untouched) {
      set();
      this.#note(f, place, "added", say(f.value));
    } else this.#value(f, place, f.key, own, f.value, say, set);
  }

  fact(f: FindOf<"fact">): void {
    const have = this.draft.facts.find((x) => folded(x.text) === folded(f.text));
    if (have) return this.#note(f, `facts/${have.id}`, "same", f.text);
    const id = idFor(f.topic, (x) => this.draft.facts.some((y) => y.id === x));
    this.draft.facts.push({ id, topic: f.topic, text: f.text.slice(0, 400), also: f.also });
    this.#note(f, `facts/${id}`, "added", f.text);
  }

  answer(f: FindOf<"answer">): void {
    const have = this.draft.answers.find((a) => folded(a.question) === folded(f.question));
    if (have) {
      const place = `answers/${have.id}`;
      return this.#value(f, place, have.question, have.answer, f.answer, String, () => {
        have.answer = f.answer;
      });
    }
    const id = idFor(f.question, (x) => this.draft.answers.some((a) => a.id === x));
    this.draft.answers.push({ id, question: f.question, also: [], answer: f.answer });
    this.#note(f, `answers/${id}`, "added", f.question);
  }

  /** What is left of a source is kept as a document of that name; brought in again, its passages are what it says now. */
  passages(list: readonly FindOf<"passage">[]): void {
    for (const source of new Set(list.map((f) => f.source))) {
      const own = list.filter((f) => f.source === source);
      const documents = this.draft.documents ?? [];
      const passages = own
        .filter((f, i) => own.findIndex((o) => folded(o.text) === folded(f.text)) === i)
        .map((f, i) => ({ id: `p${i + 1}`, heading: f.heading.slice(0, 160), text: f.text.slice(0, 1200) }));
      const have = documents.find((d) => this.#ours(`documents/${d.id}`, source) || d.name === source);
      const first = own[0];
      if (!first) continue;
      if (have) {
        if (sameData(have.passages, passages)) this.#note(first, `documents/${have.id}`, "same", have.name);
        else if (this.#ours(`documents/${have.id}`, source)) {
          have.passages = passages;
          this.#note(first, `documents/${have.id}`, "changed", have.name);
        }
        continue;
      }
      const id = idFor(source, (x) => documents.some((d) => d.id === x));
      this.draft.documents = [...documents, { id, name: source.slice(0, 120), private: false, passages }];
      this.#note(first, `documents/${id}`, "added", `${passages.length} passages`);
    }
  }
}

/** Days with equal hours as one window; the first of a week gives its id. */
function grouped(days: ReadonlyMap<number, readonly string[]>): Draft["hours"] {
  const bySpan = new Map<string, number[]>();
  for (const [d, spans] of [...days].sort((a, b) => a[0] - b[0])) for (const s of spans) bySpan.set(s, [...(bySpan.get(s) ?? []), d]);
  return [...bySpan].map(([span, list]) => {
    const names = list.map((d) => WEEKDAYS[d - 1] as (typeof WEEKDAYS)[number]);
    const [from = "", to = ""] = span.split("-");
    return { id: `${names.map((n) => n.slice(0, 2).toLowerCase()).join("")}-${from.replace(":", "")}`, weekdays: names, from, to };
  });
}

const hoursText = (list: Draft["hours"]): string => list.map((h) => `${h.weekdays.map((d) => d.slice(0, 3)).join(", ")} ${h.from}–${h.to}`).join("; ");

const variantsOf = (f: FindOf<"service">): DraftService["variants"] =>
  f.variants.map((v) => ({ lengthMin: v.lengthMin, priceMinor: v.price?.is === "fixed" ? v.price.minor : null }));

function money(draft: Draft, minor: number): string {
  return new Intl.NumberFormat(draft.locale, { style: "currency", currency: draft.currency, minimumFractionDigits: minor % 100 === 0 ? 0 : 2 }).format(
    minor / 100,
  );
}

/** What is said in place of a price that is no single sum. */
function noPriceOf(f: FindOf<"service">, draft: Draft): string | null {
  const open = f.variants.map((v) => v.price).filter((p): p is Exclude<Price, { is: "fixed" }> => p !== null && p.is !== "fixed");
  const [p] = open;
  if (!p) return null;
  if (p.is === "quote") return `The price of ${f.name} is by quote.`;
  return p.is === "from" ? `${f.name} is from ${money(draft, p.minor)}.` : `${f.name} is ${money(draft, p.from)} to ${money(draft, p.to)}.`;
}

const aboutOf = (text: string): string => {
  const t = text.trim().slice(0, 600);
  return t === "" ? "" : `${t.slice(0, 1).toUpperCase()}${t.slice(1)}${/[.!?]$/.test(t) ? "" : "."}`;
};

/** A heading in capitals, as one would write it in a handbook. */
const titled = (heading: string): string => {
  const h = heading.trim().slice(0, 60);
  return h === h.toUpperCase() ? `${h.slice(0, 1)}${h.slice(1).toLowerCase()}` : h;
};

const serviceText = (draft: Draft, name: string, variants: DraftService["variants"]): string =>
  `${name}: ${variants.map((v) => [v.lengthMin === null ? "" : `${v.lengthMin} min`, v.priceMinor === null ? "" : money(draft, v.priceMinor)].filter(Boolean).join(" ")).join(", ") || "–"}`;

/** The services that words about a person name: whole, by the most telling words, or by the heading they stand under. */
function namedIn(says: string, services: readonly DraftService[], found: readonly FindOf<"service">[]): Set<string> {
  const out = new Set<string>();
  const stems = (t: string): string[] => folded(t).split(" ").filter(Boolean).map(stem);
  const under = (s: DraftService): string => found.find((f) => folded(f.name) === folded(s.name))?.under ?? "";
  for (const chunk of says.split(/[,;:/&()]|\band\b|\bdoes\b|\bteaches\b/i)) {
    const words = stems(chunk).filter((w) => !["the", "all", "also", "as", "well", "a", "our"].includes(w));
    if (words.length === 0) continue;
    const byHeading = services.filter((s) => under(s) !== "" && stems(under(s)).some((w) => words.length <= 2 && words.includes(w)));
    const scored = services.map((s) => ({
      s,
      n: stems([s.name, ...s.also].join(" ")).filter((w, i, all) => all.indexOf(w) === i && words.includes(w)).length,
    }));
    const most = Math.max(0, ...scored.map((x) => x.n));
    if (most >= 2) for (const x of scored) if (x.n === most) out.add(x.s.id);
    if (most < 2) for (const s of byHeading.length > 0 ? byHeading : scored.filter((x) => x.n === 1).map((x) => x.s)) out.add(s.id);
  }
  return out;
}

function doneBy(by: string, p: Draft["staff"][number]): boolean {
  const said = ` ${folded(by)} `;
  if ([p.name, ...p.called].some((n) => said.includes(` ${folded(n)} `))) return true;
  const kind = /^(?:any|all|every|each)\s+(.+)$/.exec(folded(by))?.[1];
  return kind !== undefined && (/^(?:one|body|of us|staff)$/.test(kind) || folded(p.work).split(" ").map(stem).includes(stem(kind)));
}
