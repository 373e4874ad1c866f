import type { Change } from "../house/change.ts";
import type { Draft } from "../house/draft.ts";
import type { Handbook, Question } from "../house/schema.ts";
import { WEEKDAYS } from "../time/days.ts";

type Days = readonly (typeof WEEKDAYS)[number][];
export const WEEK: Days = ["Monday", "Tuesday", "Wednesday", "Thursday", "Friday"];

/** A trade's handbook in short, as its file in this folder writes it. */
export interface Sketch {
  id: string;
  trade: string;
  hours: [days: Days, from: string, to: string][];
  people: [name: string, work: string][];
  rooms: [pool: string, count: number][];
  services: {
    name: string;
    under: string;
    also?: string[];
    about: string;
    /** Minutes and whole units of money. */
    at: [min: number, price: number | null][];
    noPrice?: string;
    /** Who does it, by place in `people`; all of them where not said. */
    by?: number[];
    room?: string;
    cleanUp?: number;
    asks?: string[];
    after?: string;
    bring?: string;
  }[];
  questions: Question[];
  answers: [question: string, answer: string, ...also: string[]][];
  limits: [subject: string, words: string[], say: string][];
  rules: Partial<Handbook["rules"]>;
}

type Part = Pick<Draft, "hours" | "rooms" | "staff" | "services" | "questions" | "answers" | "limits" | "rules">;

export interface Beginning {
  id: string;
  trade: string;
  handbook: Part;
  /** Puts it into a draft; the people in it stand for those that the house will name. */
  begin(draft: Draft): Change;
}

export const slug = (name: string): string =>
  name
    .toLowerCase()
    .normalize("NFD")
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-+|-+$/g, "");

/** The first name, past a title. */
const firstOf = (name: string): string => name.replace(/^Dr\.? /, "").split(" ")[0] ?? name;

export function beginning(s: Sketch): Beginning {
  const hours = s.hours.map(([weekdays, from, to], i) => ({ id: `hours-${i + 1}`, weekdays: [...weekdays], from, to }));
  const ids = s.people.map(([name]) => slug(firstOf(name)));
  const rooms = s.rooms.flatMap(([pool, count]) =>
    Array.from({ length: count }, (_, i) => ({ id: `${slug(pool)}-${i + 1}`, name: count > 1 ? `${pool} ${i + 1}` : pool, pool })),
  );
  const handbook: Part = {
    hours,
    rooms,
    staff: s.people.map(([name, work], i) => ({
      id: ids[i] as string,
      name,
      called: [firstOf(name)],
      work,
      languages: [],
      bookable: true,
      takesMessages: i === 0,
      hours: hours.map((h) => ({ ...h, id: `${ids[i]}-${h.id}` })),
      breaks: [],
    })),
    services: s.services.map((v) => ({
      id: slug(v.name),
      name: v.name,
      also: v.also ?? [],
      category: v.under,
      about: v.about,
      ...(v.bring ? { bring: v.bring } : {}),
      variants: v.at.map(([lengthMin, price]) => ({ lengthMin, priceMinor: price === null ? null : price * 100 })),
      ...(v.noPrice ? { noPrice: v.noPrice } : {}),
      staff: (v.by ?? ids.map((_, i) => i)).map((i) => ids[i] as string),
      pool: v.room ?? "",
      cleanUpMin: v.cleanUp ?? 0,
      asks: v.asks ?? [],
      ...(v.after ? { after: v.after } : {}),
    })),
    questions: s.questions,
    answers: s.answers.map(([question, answer, ...also], i) => ({ id: `answer-${i + 1}`, question, also, answer })),
    limits: s.limits.map(([subject, words, say]) => ({ id: slug(subject), subject, words, say })),
    rules: { noticeMin: 120, horizonDays: 60, gridMin: 15, holdMin: 10, freeUntilMin: 1440, lateFeePercent: 0, missedFeePercent: 0, ...s.rules },
  };
  return {
    id: s.id,
    trade: s.trade,
    handbook,
    begin: (draft) => ({
      op: "many",
      changes: [
        ...(Object.keys(handbook) as (keyof Part)[]).map((k): Change => ({ op: "set", path: [k], value: handbook[k] })),
        { op: "set", path: ["origins"], value: Object.fromEntries(handbook.services.map((v) => [`services/${v.id}`, { source: s.trade, words: "" }])) },
        { op: "set", path: ["doubts"], value: undefined },
        { op: "set", path: ["assumed"], value: undefined },
        {
          op: "set",
          path: ["toFill"],
          value: [
            ...(draft.place.street ? [] : ["place/street"]),
            ...(draft.place.phone ? [] : ["place/phone"]),
            "hours",
            ...ids.map((id) => `staff/${id}`),
            ...handbook.services.map((v) => `services/${v.id}`),
          ],
        },
      ],
    }),
  };
}
