import { IS_OF_A_GENDER } from "./packs/en/asked.ts";
import { ANY_DAY, BEFORE_ONE, OR_BETWEEN, STANDS_FOR_ONE, TELLS_OF_WHAT_COMES, TELLS_OF_WHAT_WAS, THIS_COMING } from "./packs/en/reading.ts";
import { isoOfDay, nextOf, weekdayName, type DayNumber } from "../time/days.ts";
import { clockText } from "../time/zone.ts";
import type { TimeWish } from "../schedule/wish.ts";
import { readTime, type TimeRead } from "./clock.ts";
import { momentOf, type ReadContext } from "./context.ts";
import type { Errand } from "./errand.ts";
import { ofKind, type Found, type FoundOf, type Part } from "./found.ts";
import { read, type Reading } from "./read.ts";

/** The slots of the public interface: only what the message says. */
export type Slots = Record<string, unknown>;

/** Errands in which a word of a service's name may well be only that word: "do I bring my own guitar". */
const ASKS_ASIDE = new Set<string>(["ask-service", "ask-place", "ask-policy", "message"]);

/** Whether one word of a service's name stands for it there: "the class", "a trial", "the gait thing". */
function meant(reading: Reading, f: FoundOf<"service">, house: ReadContext["house"]): boolean {
  const before = reading.said.slice(0, f.start).toLowerCase();
  const after = reading.said.slice(f.end).toLowerCase();
  if (STANDS_FOR_ONE.test(after)) return true;
  if (!BEFORE_ONE.test(before)) return false;
  const s = house.services.get(f.value[0] ?? "");
  const word = reading.said.slice(f.start, f.end).toLowerCase();
  return [s?.name ?? "", ...(s?.also ?? [])].some((name) => name.toLowerCase().split(/[ -]/).at(-1) === word || name.toLowerCase().split(/[ -]/)[0] === word);
}

/** Writes a reading's finds as the public interface's slots. */
export function slotsOf(reading: Reading, context: ReadContext): Slots {
  const { house } = context;
  const out: Slots = {};
  const split = reading.found.some((f) => f.part !== undefined);
  const aside = reading.errands.length === 1 && ASKS_ASIDE.has(reading.errands[0]?.errand ?? "");
  const services = ofKind(reading.found, "service")
    .filter((f) => !aside || f.rule !== "service/telling-word" || meant(reading, f, house))
    .map((f) => f.value);
  const one = services.find((s) => s.length === 1) ?? services[0];
  if (one?.length === 1) out["service"] = house.services.get(one[0] as string)?.name;
  else if (one) out["service_candidates"] = one.map((s) => house.services.get(s)?.name);
  const length = last(ofKind(reading.found, "length").filter((l) => !/-by$/.test(l.rule)));
  if (length) {
    const minutes = lengthOf(context, one?.length === 1 ? one[0] : undefined, length.value);
    if (minutes !== null) out["length_min"] = minutes;
    else if (typeof length.value === "string") out["choice"] = length.value === "long" ? "last" : "first";
  }
  // A kind of work that several do names nobody.
  const named = ofKind(reading.found, "staff").filter((s) => !s.not && (s.rule !== "staff/role" || s.value.length === 1));
  const nameOf = (s: FoundOf<"staff">): string | undefined => (s.value === "any" ? "any" : house.staff.get(s.value[0] as string)?.name);
  const person = named.find((s) => s.value !== "any" && s.part !== "new") ?? named.find((s) => s.part !== "new");
  const wished = named.find((s) => s.part === "new");
  // Of several who would all do, none is the one.
  const several = new Set(named.filter((s) => s.part === undefined && s.value !== "any").map((s) => nameOf(s))).size > 1;
  if (person && !several) out["staff"] = nameOf(person);
  if (wished) out["new_staff"] = nameOf(wished);
  const only = reading.errands.length === 1 ? reading.errands[0]?.errand : undefined;
  const gender = last(ofKind(reading.found, "gender"));
  // "Is Dr Ames a woman" wishes for nobody, and nor does "a lady here has fainted".
  const whom = only !== "emergency" && !(only === "ask-staff" && IS_OF_A_GENDER.test(reading.masked));
  if (gender && whom) out["staff_gender"] = gender.value;
  // "I left my scarf there on Saturday" tells of a day that is over.
  const over = only === "message" && TELLS_OF_WHAT_WAS.test(reading.said.toLowerCase()) && !TELLS_OF_WHAT_COMES.test(reading.said.toLowerCase());
  if (!over) for (const part of split ? (["old", "new", undefined] as const) : [undefined]) writeWhen(out, reading, context, part);
  const value = <K extends "name" | "phone" | "email" | "places" | "choice" | "shift" | "yes" | "for-whom">(kind: K, key: string): void => {
    // Who speaks, before somebody else who is named.
    const all: readonly Found[] = ofKind(reading.found, kind);
    const f = all.findLast((x) => x.rule !== "name/of-another") ?? last(all);
    if (f) out[key] = (f as { value: unknown }).value;
  };
  value("name", "name");
  value("phone", "phone");
  value("email", "email");
  value("for-whom", "for_whom");
  // "My daughter and I" are two places in a class; of other visits each has their own.
  const group = one?.length === 1 && house.services.get(one[0] as string)?.group !== undefined;
  const counted = last(ofKind(reading.found, "places"));
  const wishes = !reading.errands.some((e) => ["refused", "out-of-scope", "cancel", "emergency", "thanks-bye"].includes(e.errand));
  if (counted && wishes && (counted.rule !== "places/both" || group)) value("places", "places");
  value("choice", "choice");
  value("shift", "shift");
  // "Thanks, that's all" and "yes hi, I'd like to book" agree to nothing.
  const answered = reading.errands.length === 0 || (context.expects !== undefined && context.expects !== "errand");
  if (answered && !ofKind(reading.found, "staff").some((s) => s.value === "any") && out["choice"] === undefined) value("yes", "yes");
  return out;
}

const MINUTES_OF_A_DAY = 24 * 60;
const last = <T>(list: readonly T[]): T | undefined => list[list.length - 1];

/** Minutes of a said length: "the long one" picks among the service's own. */
export function lengthOf(context: ReadContext, service: string | undefined, value: number | "long" | "short"): number | null {
  if (typeof value === "number") return value;
  const own = service ? (context.house.services.get(service)?.variants.map((v) => v.lengthMin) ?? []) : [];
  if (own.length === 0) return null;
  return value === "long" ? Math.max(...own) : Math.min(...own);
}

function writeWhen(out: Slots, reading: Reading, context: ReadContext, part: Part | undefined): void {
  const key = (k: string): string => (part ? `${part}_${k}` : k);
  // "Any day" leaves the day open, and names none.
  const anyDay = (d: FoundOf<"day">): boolean => d.value.kind === "soonest" && ANY_DAY.test(reading.said.slice(d.start, d.end).toLowerCase());
  const days = ofKind(reading.found, "day").filter((d) => (d.not || d.part === part) && !anyDay(d));
  const today = momentOf(context).today;
  // "My braids on Friday, can we start at nine instead of ten": at an hour of the day that it is on.
  const stays = part === "new" && !days.some((d) => !d.not) ? ofKind(reading.found, "day").find((d) => d.part === "old" && !d.not)?.value : undefined;
  let day: DayNumber | undefined = context.day ?? (stays?.kind === "days" && stays.from === stays.to ? stays.from : undefined);
  /** Days of which one is meant: an hour is one of theirs. */
  const amongst: DayNumber[] = [];
  // "Tuesday at ten or Wednesday at two": either day, each with an hour of its own.
  const singles = days.filter((d) => !d.not && d.value.kind === "days" && d.value.from !== undefined && d.value.from === d.value.to);
  const [first, second] = singles;
  if (singles.length === 2 && first && second && OR_BETWEEN.test(reading.said.slice(first.end, second.start).toLowerCase())) {
    amongst.push(...singles.flatMap((d) => (d.value.kind === "days" && d.value.from !== undefined ? [d.value.from] : [])).sort((a, b) => a - b));
    out[key("date_candidates")] = amongst.map(isoOfDay);
    out[key("date_choice")] = "either";
    const hours = ofKind(reading.found, "time").filter((x) => x.part === part);
    const between = hours.filter((x) => x.start >= first.end && x.start < second.start);
    // "Monday or Tuesday, in the afternoon": one hour that is said of both.
    if (hours.length !== 1 || between.length > 0) return;
    days.length = 0;
  }
  for (const d of days) {
    const v = d.value;
    if (d.not) {
      const set = (k: string, list: unknown[]): void => {
        out[k] = [...new Set([...((out[k] as unknown[] | undefined) ?? []), ...list])];
      };
      if (v.kind === "weekdays") set("exclude_weekdays", v.weekdays.map(weekdayName));
      else if (v.kind === "days" && d.rule === "day/weekday" && d.weekday) set("exclude_weekdays", [weekdayName(d.weekday)]);
      else if (v.kind === "days" && v.from !== undefined && v.to !== undefined)
        for (let x = v.from; x <= v.to && x < v.from + 31; x++) set("exclude_dates", [isoOfDay(x)]);
      continue;
    }
    if (v.kind === "ask" || v.kind === "either") {
      out[key("date_candidates")] = v.days.map(isoOfDay);
      out[key("date_choice")] = v.kind;
      amongst.push(...v.days);
    } else if (v.kind === "relative") {
      // "Is there a fee if I cancel the day before" wishes for no other day.
      if (v.byDays !== 0 && !reading.errands.every((e) => e.errand === "ask-policy")) out["shift"] = v.byDays > 0 ? "later" : "earlier";
    } else if (v.kind === "weekdays") {
      out[key("weekdays")] = v.weekdays.map(weekdayName);
      amongst.push(...v.weekdays.map((w) => nextOf(w, today)));
    } else if (v.kind === "soonest") {
      if (!days.some((o) => o.value.kind !== "soonest") && context.expects !== "slot") out[key("date_from")] = isoOfDay(today);
    } else if (
      d.rule === "day/weekday" &&
      d.weekday &&
      (part === "old" ||
        // Of an appointment that exists, a weekday is any coming one, but for "this Friday".
        ((context.expects === "which-appointment" || reading.errands[0]?.errand === "ask-mine") && !THIS_COMING.test(reading.text.slice(d.start, d.end))))
    )
      out[key("weekdays")] = [weekdayName(d.weekday)];
    else if (v.from !== undefined && v.from === v.to) {
      out[key("date")] = isoOfDay(v.from);
      day = v.from;
    } else {
      if (v.from !== undefined) out[key("date_from")] = isoOfDay(v.from);
      if (v.to !== undefined) out[key("date_to")] = isoOfDay(v.to);
    }
  }
  const times = ofKind(reading.found, "time").filter((t) => t.part === part);
  const merged = mergeTimes(times, context, day, amongst);
  if (!merged) return;
  if (merged.waits) out[key("part")] = merged.waits;
  const w = merged.wish;
  // Like days of which either will do.
  if (w.startMins) out[key("time_candidates")] = w.startMins.map((m) => clockText(m % MINUTES_OF_A_DAY));
  else if (w.nearMin !== undefined && w.fromMin === w.toMin) out[key("time")] = clockText(w.nearMin % MINUTES_OF_A_DAY);
  else {
    if (w.fromMin !== undefined) out[key("time_from")] = clockText(w.fromMin);
    if (w.toMin !== undefined) {
      out[key("time_to")] = clockText(w.toMin);
      out[key("time_to_is")] = w.toIs;
    }
  }
}

/** Two times as one wish: a clock time stands by itself, bounds are drawn together. */
function mergeOf(merged: TimeRead | null, r: TimeRead): TimeRead {
  if (!merged || r.wish.nearMin !== undefined) return r;
  if (merged.wish.nearMin !== undefined) return merged;
  const wish: TimeWish = { ...merged.wish };
  if (r.wish.fromMin !== undefined) wish.fromMin = Math.max(wish.fromMin ?? 0, r.wish.fromMin);
  if (r.wish.toMin !== undefined && (wish.toMin === undefined || r.wish.toMin < wish.toMin || (r.wish.toMin === wish.toMin && r.wish.toIs === "end"))) {
    wish.toMin = r.wish.toMin;
    wish.toIs = r.wish.toIs ?? "start";
  }
  return { ...merged, wish };
}

/** Several times of one message make one wish: "in the afternoon, after three". */
export function mergeTimes(
  times: readonly FoundOf<"time">[],
  context: ReadContext,
  day: DayNumber | undefined,
  amongst: readonly DayNumber[] = [],
): TimeRead | null {
  let merged: TimeRead | null = null;
  const part = times.find((t) => t.value.kind === "span");
  // "Not too early, not before half past nine": the hour says what is too early.
  const told = times.filter((t) => t.value.kind !== "span");
  const vague = (t: FoundOf<"time">): boolean =>
    t.value.kind === "span" &&
    ((t.value.name === "not-early" && told.some((o) => o.value.kind === "from")) ||
      (t.value.name === "not-late" && told.some((o) => o.value.kind === "until")));
  for (const t of times.filter((t) => !vague(t))) {
    let r = readTime(context.house, t.value, day, context.staff, amongst);
    // "Ten in the morning", "at 8 in the evening": the part settles the half.
    if (
      part &&
      part !== t &&
      t.value.kind !== "span" &&
      t.value.kind !== "between" &&
      t.value.kind !== "part" &&
      t.value.kind !== "same" &&
      t.value.kind !== "either" &&
      !t.value.at.certain &&
      part.value.kind === "span"
    ) {
      if (part.value.name?.startsWith("not-")) {
        merged = mergeOf(merged, r);
        continue;
      }
      const pm = (part.value.fromMin ?? 0) >= 720;
      const hour = (t.value.at.hour % 12) + (pm ? 12 : 0);
      r = readTime(context.house, { ...t.value, at: { ...t.value.at, hour, certain: true } }, day, context.staff, amongst);
    }
    merged = mergeOf(merged, r);
  }
  // "Friday afternoon or Saturday morning": parts of the day that leave nothing between them belong to a day each.
  const { fromMin, toMin } = merged?.wish ?? {};
  if (
    fromMin !== undefined &&
    toMin !== undefined &&
    fromMin >= toMin &&
    times.length > 1 &&
    times.every((t) => t.value.kind === "span" || t.value.kind === "part")
  )
    return null;
  return merged;
}

/** A message's errands and slots in the public form, for reading without a conversation. */
export function readPublic(text: string, context: ReadContext): { errand: Errand; errands: Errand[]; slots: Slots; sure: number; rules: string[] } {
  const reading = read(text, context);
  const errands = reading.errands.map((e) => e.errand);
  return {
    errand: errands[0] ?? "none",
    errands,
    slots: slotsOf(reading, context),
    sure: Math.round(reading.sure * 100) / 100,
    rules: [...reading.errands.map((e) => e.rule), ...reading.found.map((f) => f.rule)],
  };
}
