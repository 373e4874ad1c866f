import { z } from "zod";
import type { Change } from "./change.ts";
import { draftSchema, type Draft } from "./draft.ts";

/** Parts of a handbook that any house of the trade could use; what belongs to one house only is left to fill in. */
const shared = draftSchema.pick({
  services: true,
  rules: true,
  facts: true,
  questions: true,
  answers: true,
  limits: true,
  emergency: true,
  documents: true,
  handingOver: true,
  unknown: true,
  calls: true,
  receptionists: true,
  rooms: true,
});

/** A handbook by itself, to be given to another house or branch. */
export const handbookFileSchema = shared.extend({
  format: z.literal("gentian-handbook/1"),
  title: z.string().min(1).max(120),
  /** Places whose words named something of the house's own: an ellipsis stands for it, to be filled in. */
  blanks: z.array(z.string()).default([]),
});
export type HandbookFile = z.infer<typeof handbookFileSchema>;

/** Topics of facts that are true of one place only. */
const LOCAL = /\b(?:park|bus|access|direction|entrance|getting|lift|ramp|way)/i;

const BLANK = "…";

/** Takes from a draft what another house may use: no name, address, hours, people, clients, nor private documents. */
export function giveAway(draft: Draft): HandbookFile {
  const names = longestFirst([draft.name, draft.shortName, draft.name.split(/[,&–-]/)[0]?.trim() ?? ""]);
  const p = draft.place;
  const people = draft.staff.flatMap((s) => [s.name, ...s.called, ...s.name.split(" ")]).filter((n) => n.length > 2);
  const digits = (e164: string | undefined): string[] =>
    e164 ? [e164, e164.slice(-7), `${e164.slice(-7, -4)}-${e164.slice(-4)}`, `${e164.slice(-7, -4)} ${e164.slice(-4)}`] : [];
  const values = longestFirst(
    [p.street, p.town, p.email, p.site, ...digits(p.phone), ...digits(draft.emergency?.housePhone), ...people].filter(
      (v): v is string => v !== undefined && v !== "",
    ),
  );
  const pattern =
    values.length > 0 ? new RegExp(`(?<![\\p{L}\\d])(?:${values.map((v) => v.replace(/[.*+?^${}()|[\]\\]/g, "\\$&")).join("|")})(?![\\p{L}\\d])`, "gu") : null;
  const blanks: string[] = [];
  const named = (text: string): string => names.reduce((t, n) => t.replaceAll(n, "{house}"), text);
  /** A line's words without what is the house's own; where something was taken out, the place is listed. */
  const blanked = (text: string, place: string): string => {
    const out = pattern ? text.replace(pattern, BLANK) : text;
    if (out !== text && !blanks.includes(place)) blanks.push(place);
    return names.reduce((t, n) => t.replaceAll(n, BLANK), out);
  };
  const { handingOver: over } = draft;
  return handbookFileSchema.parse({
    format: "gentian-handbook/1",
    title: draft.name,
    services: draft.services.map((s) => ({
      ...s,
      about: blanked(s.about, `services/${s.id}`),
      ...(s.noPrice ? { noPrice: blanked(s.noPrice, `services/${s.id}`) } : {}),
      staff: [],
    })),
    rooms: draft.rooms,
    rules: draft.rules,
    facts: draft.facts.map((f) => ({ ...f, text: blanked(f.text, `facts/${f.id}`) })),
    questions: draft.questions,
    answers: draft.answers.map((a) => ({
      ...a,
      answer: blanked(a.answer, `answers/${a.id}`),
      question: blanked(a.question, `answers/${a.id}`),
      also: a.also.map((w) => blanked(w, `answers/${a.id}`)),
    })),
    limits: draft.limits.map(({ tell: _tell, ...l }) => ({ ...l, say: blanked(l.say, `limits/${l.id}`) })),
    ...(draft.emergency ? { emergency: (({ housePhone: _phone, ...e }) => e)(draft.emergency) } : {}),
    ...(draft.documents
      ? {
          documents: draft.documents
            .filter((d) => !d.private)
            .map((d) => ({ ...d, passages: d.passages.map((x) => ({ ...x, text: blanked(x.text, `documents/${d.id}`) })) })),
        }
      : {}),
    ...(over ? { handingOver: { nobody: over.nobody, ...(over.waitMin ? { waitMin: over.waitMin } : {}), ...(over.words ? { words: over.words } : {}) } } : {}),
    ...(draft.unknown ? { unknown: draft.unknown } : {}),
    ...(draft.calls ? { calls: callsOfAny(draft, draft.calls) } : {}),
    receptionists: draft.receptionists.map((r) => ({
      ...r,
      greeting: named(r.greeting),
      ...(r.greetings ? { greetings: r.greetings.map(named) } : {}),
      ...(r.wordings ? { wordings: r.wordings.map((w) => ({ ...w, say: named(w.say) })) } : {}),
    })),
    blanks,
  });
}

const longestFirst = (list: readonly string[]): string[] => [...new Set(list)].filter(Boolean).sort((a, b) => b.length - a.length);

/** How a house telephones, without its telephones and without how the names of its people are said. */
function callsOfAny(draft: Draft, { telephones: _own, said, ...calls }: NonNullable<Draft["calls"]>): HandbookFile["calls"] {
  const names = new Set(draft.staff.flatMap((p) => [p.name, ...p.called]).flatMap((n) => n.toLowerCase().split(/\s+/)));
  const rest = said?.filter(
    (s) =>
      !s.word
        .toLowerCase()
        .split(/\s+/)
        .some((w) => names.has(w)),
  );
  return { ...calls, ...(rest && rest.length > 0 ? { said: rest } : {}) };
}

/** How another house telephones, with the telephones of this one and the words that it says in its own way. */
function ownTelephones(draft: Draft, file: HandbookFile): HandbookFile["calls"] {
  const own = draft.calls;
  if (!file.calls) return file.calls;
  const { telephones: _theirs, said: theirs = [], ...calls } = file.calls;
  const known = new Set((own?.said ?? []).map((s) => s.word.toLowerCase()));
  const taken = new Set((own?.said ?? []).map((s) => s.id));
  const said = [...(own?.said ?? []), ...theirs.filter((s) => !known.has(s.word.toLowerCase()) && !taken.has(s.id))];
  return { ...calls, ...(own?.telephones ? { telephones: own.telephones } : {}), ...(said.length > 0 ? { said } : {}) };
}

/** The change that puts such a handbook into a draft: its name, lines, hours and people stay; what is still to be filled in is marked. */
export function takeIn(draft: Draft, file: HandbookFile): Change {
  const voices = new Set(file.receptionists.map((r) => r.id));
  const first = file.receptionists[0]?.id ?? "day";
  const people = draft.staff.filter((s) => s.bookable).map((s) => s.id);
  const toFill = [
    ...(draft.place.street ? [] : ["place/street"]),
    ...(draft.place.phone ? [] : ["place/phone"]),
    ...(draft.hours.length > 0 ? [] : ["hours"]),
    ...(draft.staff.length > 0 ? [] : ["staff"]),
    ...file.blanks,
    ...file.facts.filter((f) => !file.blanks.includes(`facts/${f.id}`) && LOCAL.test(`${f.topic} ${f.id}`)).map((f) => `facts/${f.id}`),
  ];
  const set = (path: keyof Draft, value: unknown): Change => ({ op: "set", path: [path], value });
  return {
    op: "many",
    changes: [
      // Who does what is this house's own: with people there already, everybody does everything until somebody says otherwise.
      set(
        "services",
        file.services.map((s) => ({ ...s, staff: people })),
      ),
      set("rooms", draft.rooms.length > 0 ? mergeRooms(draft, file) : file.rooms),
      set("rules", file.rules),
      set("facts", file.facts),
      set("questions", file.questions),
      set("answers", file.answers),
      set("limits", file.limits),
      set("receptionists", file.receptionists),
      set(
        "lines",
        draft.lines.map(({ afterHours, ...l }) => ({
          ...l,
          receptionist: voices.has(l.receptionist) ? l.receptionist : first,
          ...(afterHours && voices.has(afterHours) ? { afterHours } : {}),
        })),
      ),
      set("emergency", file.emergency),
      set("documents", file.documents),
      set("handingOver", file.handingOver),
      set("calls", ownTelephones(draft, file)),
      set("unknown", file.unknown),
      set(
        "origins",
        Object.fromEntries(
          [...file.services.map((s) => `services/${s.id}`), ...file.facts.map((f) => `facts/${f.id}`)].map((p) => [p, { source: file.title, words: "" }]),
        ),
      ),
      set("doubts", undefined),
      set("assumed", people.length > 0 ? file.services.map((s) => `services/${s.id}/staff`) : undefined),
      set("toFill", toFill),
    ],
  };
}

function mergeRooms(draft: Draft, file: HandbookFile): Draft["rooms"] {
  const pools = new Set(draft.rooms.map((r) => r.pool));
  return [...draft.rooms, ...file.rooms.filter((r) => !pools.has(r.pool) && !draft.rooms.some((d) => d.id === r.id))];
}
