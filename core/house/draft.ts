import { z } from "zod";
import { minuteOfClock } from "../time/zone.ts";
import { at, keyOf } from "./change.ts";
import { compile, type Gap, type House } from "./compile.ts";
import { GREETING, MOMENTS, wordingFault } from "./moments.ts";
import { handbookSchema, serviceSchema, variantSchema, type Consequence, type Handbook, type Question, type Service } from "./schema.ts";

/**
 * A handbook that is being written. It may be unfinished where a handbook on duty may not: a service whose length is not
 * known yet, hours that run backwards, somebody named who has left. `readyOf` makes the handbook that it is good for.
 */
export const draftSchema = handbookSchema.extend({
  services: z.array(
    serviceSchema.extend({
      variants: z.array(variantSchema.extend({ lengthMin: variantSchema.shape.lengthMin.nullable() })).max(12),
    }),
  ),
  /** Where a line came from, by its place (services/sports-massage): the source and its words. */
  origins: z.record(z.string(), z.strictObject({ source: z.string(), words: z.string().max(600), byHand: z.boolean().optional() })).optional(),
  /** Places where two sources say different things: which values, each with its words. */
  doubts: z
    .array(
      z.strictObject({
        id: z.string(),
        place: z.string(),
        about: z.string(),
        values: z.array(z.strictObject({ id: z.string(), source: z.string(), words: z.string().max(600), says: z.string(), value: z.unknown() })).min(2),
      }),
    )
    .optional(),
  /** Places whose value nobody has said: taken for granted until somebody says so. */
  assumed: z.array(z.string()).optional(),
  /** The values that a handbook brought in from elsewhere still wants of this house, by place. */
  toFill: z.array(z.string()).optional(),
});

export type Draft = z.infer<typeof draftSchema>;
export type DraftService = Draft["services"][number];

export interface Ready {
  /** Always a handbook that compiles. */
  handbook: Handbook;
  house: House;
  /** What is missing or contradicts, most needed first. Places go by ids. */
  gaps: Gap[];
}

/** How much each kind of gap is needed: what keeps people from being booked comes first. */
const ORDER: readonly Gap["code"][] = [
  "disagreement",
  "circular",
  "no-services",
  "no-staff",
  "no-hours",
  "length-missing",
  "nobody-does-it",
  "staff-without-hours",
  "hours-backwards",
  "hours-overlap",
  "same-length",
  "ages-backwards",
  "to-fill",
  "no-line",
  "unknown-variable",
  "variable-needed",
  "figure-in-wording",
  "price-missing",
  "address-missing",
  "phone-missing",
  "unknown-staff",
  "unknown-pool",
  "unknown-question",
  "unknown-service",
  "unknown-choice",
  "unknown-receptionist",
  "after-itself",
  "choices-missing",
  "assumed",
  "double-id",
  "same-name",
  "class-outside-hours",
];

/** What a draft is good for as it stands: what does not hold together is left out and listed. */
export function readyOf(draft: Draft): Ready {
  const gaps: Gap[] = [];
  const add = (code: Gap["code"], place: string, about?: string, stops = false): void => {
    if (!gaps.some((g) => g.code === code && g.place === place && g.about === about))
      gaps.push({ code, place, stops, ...(about === undefined ? {} : { about }) });
  };
  const { origins: _o, doubts, toFill, assumed, ...rest } = draft;
  const once = <T>(list: readonly T[], section: string): T[] => {
    const seen = new Set<string>();
    return list.filter((x) => {
      const own = keyOf(x) ?? "";
      if (seen.has(own)) add("double-id", section, own);
      return seen.has(own) ? false : seen.add(own);
    });
  };
  const windows = <T extends { id: string; weekdays: readonly string[]; from: string; to: string; every?: unknown; repeat?: unknown }>(
    list: readonly T[],
    place: string,
  ): T[] => {
    const kept: T[] = [];
    for (const w of once(list, place)) {
      const clash = kept.find(
        (v) => !v.every && !w.every && !v.repeat && !w.repeat && v.weekdays.some((d) => w.weekdays.includes(d)) && w.from < v.to && v.from < w.to,
      );
      if (minuteOfClock(w.from) >= minuteOfClock(w.to)) add("hours-backwards", `${place}/${w.id}`, `${w.from}–${w.to}`);
      else if (clash) add("hours-overlap", `${place}/${w.id}`, `${w.from}–${w.to}`);
      else kept.push(w);
    }
    return kept;
  };

  const staff = once(draft.staff, "staff").map((s) => ({
    ...s,
    hours: windows(s.hours, `staff/${s.id}/hours`),
    breaks: windows(s.breaks, `staff/${s.id}/breaks`),
  }));
  const staffIds = new Set(staff.map((s) => s.id));
  const rooms = once(draft.rooms, "rooms");
  const pools = new Set(rooms.map((r) => r.pool));
  const wholeServices = once(draft.services, "services");
  const named = new Set(wholeServices.map((s) => s.id));
  const allQuestions = once(draft.questions, "questions");
  const keys = new Set(allQuestions.map((q) => q.key));
  const services: Service[] = [];
  for (const s of wholeServices) {
    const place = `services/${s.id}`;
    const variants = s.variants.filter((v): v is Service["variants"][number] => v.lengthMin !== null);
    if (variants.length < s.variants.length || variants.length === 0) add("length-missing", `${place}/variants`, s.name);
    for (const who of s.staff) if (!staffIds.has(who)) add("unknown-staff", `${place}/staff`, who);
    for (const key of s.asks) if (!keys.has(key)) add("unknown-question", `${place}/asks`, key);
    for (const pool of [s.pool, ...variants.map((v) => v.pool ?? ""), ...(s.alsoNeeds ?? [])])
      if (pool && !pools.has(pool)) add("unknown-pool", `${place}/pool`, pool);
    const double = variants.find((v, i) => variants.findIndex((o) => o.lengthMin === v.lengthMin) < i);
    if (double) add("same-length", `${place}/variants`, `${double.lengthMin} min`);
    if (s.ages?.from !== undefined && s.ages.to !== undefined && s.ages.from > s.ages.to) add("ages-backwards", `${place}/ages`, s.name);
    if (s.after === s.id) add("after-itself", `${place}/after`, s.name);
    else if (s.after && !named.has(s.after)) add("unknown-service", `${place}/after`, s.after);
    if (variants.length === 0) continue;
    const { after, alsoNeeds, when, ages, ...own } = s;
    services.push({
      ...own,
      variants: variants
        .filter((v, i) => variants.findIndex((o) => o.lengthMin === v.lengthMin) === i)
        .map(({ staff: who, pool, ...v }) => ({
          ...v,
          ...(who ? { staff: who.filter((x) => staffIds.has(x)) } : {}),
          ...(pool !== undefined && pools.has(pool) ? { pool } : {}),
        })),
      ...(alsoNeeds ? { alsoNeeds: alsoNeeds.filter((p) => pools.has(p)) } : {}),
      ...(when ? { when: windows(when, `${place}/when`) } : {}),
      ...(ages && !(ages.from !== undefined && ages.to !== undefined && ages.from > ages.to) ? { ages } : {}),
      staff: s.staff.filter((who) => staffIds.has(who)),
      asks: s.asks.filter((k) => keys.has(k)),
      pool: pools.has(s.pool) ? s.pool : "",
      ...(after && after !== s.id && named.has(after) ? { after } : {}),
    });
  }
  const standing = new Set(services.map((s) => s.id));
  for (const s of services) if (s.after && !standing.has(s.after)) delete s.after;

  const questions = allQuestions.map((q) => checkQuestion(q, { keys, services: standing, questions: allQuestions }, add));
  const circle = circleOf(questions, services);
  if (circle) add("circular", `questions/${circle.key}`, circle.about);
  const receptionists = once(draft.receptionists, "receptionists").map((r) => {
    const greetings = [r.greeting, ...(r.greetings ?? [])].filter((g, i) => {
      const fault = wordingFault(GREETING, g);
      if (fault) add(fault.code, `receptionists/${r.id}/${i === 0 ? "greeting" : "greetings"}`, fault.about);
      return !fault;
    });
    const wordings = once(r.wordings ?? [], `receptionists/${r.id}/wordings`).filter((w) => {
      const fault = wordingFault(MOMENTS[w.moment], w.say);
      if (fault) add(fault.code, `receptionists/${r.id}/wordings/${w.id}`, fault.about);
      return !fault;
    });
    return {
      ...r,
      greeting: greetings[0] ?? "{house}, {daypart}.",
      ...(r.greetings ? { greetings: greetings.slice(1) } : {}),
      ...(r.wordings ? { wordings } : {}),
    };
  });
  const voices = new Set(receptionists.map((r) => r.id));
  const firstVoice = receptionists[0]?.id ?? "day";
  const lines = once(draft.lines, "lines").map((l) => {
    for (const r of [l.receptionist, l.afterHours]) if (r && !voices.has(r)) add("unknown-receptionist", `lines/${l.key}`, r);
    const { afterHours, ...own } = l;
    return { ...own, receptionist: voices.has(l.receptionist) ? l.receptionist : firstVoice, ...(afterHours && voices.has(afterHours) ? { afterHours } : {}) };
  });
  for (const l of draft.limits) if (l.tell && !staffIds.has(l.tell)) add("unknown-staff", `limits/${l.id}`, l.tell);
  const limits = once(draft.limits, "limits").map(({ tell, ...l }) => ({ ...l, ...(tell && staffIds.has(tell) ? { tell } : {}) }));
  const { handingOver: over, ...others } = rest;
  const handingOver = over && {
    nobody: over.nobody,
    ...(over.waitMin ? { waitMin: over.waitMin } : {}),
    ...(over.words ? { words: over.words } : {}),
    ...(over.hours ? { hours: windows(over.hours, "handingOver/hours") } : {}),
    ...(over.to && staffIds.has(over.to) ? { to: over.to } : {}),
  };
  if (over?.to && !staffIds.has(over.to)) add("unknown-staff", "handingOver/to", over.to);

  const { calls: telephoning } = others;
  for (const t of telephoning?.telephones ?? []) if (!staffIds.has(t.staff)) add("unknown-staff", `calls/telephones/${t.id}`, t.staff);
  const calls = telephoning && {
    ...telephoning,
    ...(telephoning.telephones
      ? {
          telephones: once(telephoning.telephones, "calls/telephones")
            .filter((t) => staffIds.has(t.staff))
            .map((t) => ({ ...t, ...(t.hours ? { hours: windows(t.hours, `calls/telephones/${t.id}/hours`) } : {}) })),
        }
      : {}),
  };

  const handbook: Handbook = {
    ...others,
    ...(calls ? { calls } : {}),
    hours: windows(draft.hours, "hours"),
    closed: once(draft.closed, "closed").map((c) => (c.hours ? { ...c, hours: c.hours.filter((w) => minuteOfClock(w.from) < minuteOfClock(w.to)) } : c)),
    facts: once(draft.facts, "facts"),
    answers: once(draft.answers, "answers"),
    rooms,
    staff,
    services,
    questions,
    limits,
    receptionists,
    lines,
    ...(handingOver ? { handingOver } : {}),
  };
  const { house, gaps: found } = compile(handbook);
  if (!house) throw new Error(`a draft that was made ready does not compile: ${JSON.stringify(found.filter((g) => g.stops))}`);
  for (const g of found) add(g.code, byIds(handbook, g.place), g.about);
  if (draft.staff.every((s) => !s.bookable)) add("no-staff", "staff");
  if (!draft.place.street && !draft.place.town) add("address-missing", "place/street");
  if (!draft.place.phone) add("phone-missing", "place/phone");
  for (const d of doubts ?? []) add("disagreement", d.place, d.about);
  for (const place of toFill ?? []) add("to-fill", place);
  for (const place of assumed ?? []) if (at(draft, place.split("/").slice(0, 2)) !== undefined) add("assumed", place);
  // Nobody does it because nobody is there: said once.
  const bare = gaps.some((g) => g.code === "no-staff");
  const list = gaps.filter((g) => !(bare && g.code === "nobody-does-it") && !(g.code === "no-services" && wholeServices.length > 0));
  return { handbook, house, gaps: list.sort((a, b) => ORDER.indexOf(a.code) - ORDER.indexOf(b.code)) };
}

/** A place by the ids of its items instead of their numbers. */
function byIds(handbook: Handbook, place: string): string {
  let here: unknown = handbook;
  return place
    .split("/")
    .map((step) => {
      const next: unknown =
        Array.isArray(here) && /^\d+$/.test(step) ? (here as unknown[])[Number(step)] : (here as Record<string, unknown> | undefined)?.[step];
      here = next;
      return /^\d+$/.test(step) ? (keyOf(next) ?? step) : step;
    })
    .join("/");
}

interface Known {
  keys: ReadonlySet<string>;
  services: ReadonlySet<string>;
  questions: readonly Question[];
}

/** A question without the consequences that speak of what is not there. */
function checkQuestion(q: Question, known: Known, add: (code: Gap["code"], place: string, about?: string) => void): Question {
  const place = `questions/${q.key}`;
  if (q.kind === "choice" && (q.choices ?? []).length < 2) add("choices-missing", place, q.ask);
  if (!q.then) return q;
  const keep = (list: readonly Consequence[]): Consequence[] =>
    list
      .filter((c) => {
        const of = known.questions.find((x) => x.key === (c.question ?? q.key));
        if (!of) add("unknown-question", place, c.question);
        else if (c.if.is === "choice") {
          const wanted = c.if.choice;
          if ((of.choices ?? []).some((x) => x.id === wanted)) return true;
          add("unknown-choice", place, wanted);
          return false;
        }
        return of !== undefined;
      })
      .map((c) => ({
        ...c,
        do: c.do.filter((a) => {
          if ((a.act === "book" || a.act === "offer") && !known.services.has(a.service)) {
            add("unknown-service", place, a.service);
            return false;
          }
          if (a.act === "ask" && !known.keys.has(a.question)) {
            add("unknown-question", place, a.question);
            return false;
          }
          return true;
        }),
        then: keep(c.then),
      }));
  return { ...q, then: keep(q.then) };
}

const actsOf = (list: readonly Consequence[]): Consequence["do"] => list.flatMap((c) => [...c.do, ...actsOf(c.then)]);

/**
 * Consequences that lead back to where they began: a question that in the end asks for itself, or a service whose
 * questions lead to another whose questions lead back. Found by walking what leads to what.
 */
export function circleOf(questions: readonly Question[], services: readonly Service[]): { key: string; about: string } | null {
  const byKey = new Map(questions.map((q) => [q.key, q]));
  const asked = new Map(services.map((s) => [s.id, s.asks]));
  const next = (key: string): string[] =>
    actsOf(byKey.get(key)?.then ?? []).flatMap((a) => (a.act === "ask" ? [a.question] : a.act === "book" ? [`service:${a.service}`] : []));
  const from = (node: string): string[] =>
    node.startsWith("service:") ? [...(asked.get(node.slice(8)) ?? [])].filter((k) => next(k).some((n) => n !== node)) : next(node);
  const harmless = new Set<string>();
  for (const q of questions) {
    const path: string[] = [];
    const walk = (node: string): string | null => {
      if (path.includes(node)) return [...path.slice(path.indexOf(node)), node].join(" → ");
      if (harmless.has(node)) return null;
      path.push(node);
      for (const n of from(node)) {
        const found = walk(n);
        if (found) return found;
      }
      path.pop();
      harmless.add(node);
      return null;
    };
    const about = walk(q.key);
    if (about) return { key: q.key, about: about.replaceAll("service:", "") };
  }
  return null;
}

/** Marks lines as written by hand, so that bringing in again leaves them alone and nothing of them is taken for granted. */
export function writtenByHand(draft: Draft, lines: readonly string[]): Draft {
  const origins = draft.origins;
  if (!origins) return draft;
  let out = origins;
  for (const [place, origin] of Object.entries(origins))
    if (!origin.byHand && lines.some((l) => place === l || place.startsWith(`${l}/`) || l.startsWith(`${place}/`)))
      out = { ...out, [place]: { ...origin, byHand: true } };
  // What somebody has written is no longer taken for granted, nor still to be filled in.
  const touched = (p: string): boolean => lines.some((l) => p === l || p.startsWith(`${l}/`));
  const { assumed, toFill, ...rest } = draft;
  return {
    ...rest,
    origins: out,
    ...(assumed ? { assumed: assumed.filter((p) => !touched(p)) } : {}),
    ...(toFill ? { toFill: toFill.filter((p) => !touched(p) && !touched(p.split("/").slice(0, 1).join("/"))) } : {}),
  };
}
