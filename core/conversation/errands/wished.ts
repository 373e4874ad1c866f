import { AFTER_OR_BEFORE, SOONER_DAY, THE_BEFORE } from "../../language/packs/en/doing.ts";
import type { ReadContext } from "../../language/context.ts";
import { ofKind, type ChoiceValue, type FoundOf } from "../../language/found.ts";
import { ANY_SUCH_PART, BESIDE_ANOTHER, EITHER_OR, OR_NEAREST, SOMEBODY_ELSE } from "../../language/packs/en/talk.ts";
import type { Reading } from "../../language/read.ts";
import { mondayOf, partsOf, weekdayOf, type DayNumber } from "../../time/days.ts";
import type { AppointmentView, BookTask, MoveTask, WishState } from "../state.ts";
import type { Turn } from "../turn.ts";
import { addDays, keepHalf, singleDay } from "../wish.ts";

/** By how many minutes a visit is to be longer, or shorter where negative; null where a length is said as it is to be. */
export function lengthChange(reading: Reading): number | null {
  const f = ofKind(reading.found, "length").at(-1);
  if (!f || typeof f.value !== "number") return null;
  return f.rule === "length/longer-by" ? f.value : f.rule === "length/shorter-by" ? -f.value : null;
}

/** Puts days and times of the wish into a task; true when they changed. */
export function applyWish(t: Turn, task: BookTask | MoveTask, reading: Reading, context: ReadContext): boolean {
  const from = ofKind(reading.found, "day").some((d) => d.rule === "day/after-own") ? ownDay(t, task) : referenceDay(t, task);
  // "Move the other one to the same day": that of what was done just before.
  const done = task.errand === "move" && task.old.other && t.state.did ? t.house.zone.toLocal(t.state.did.of.startMin).day : undefined;
  const days = ofKind(reading.found, "day")
    .filter((d) => d.part !== "old")
    .map((d) => ofTheirWeek(t, task, d, reading))
    .flatMap((d) => {
      if (d.value.kind === "relative" && done !== undefined) return settled(d, done);
      if (d.value.kind === "relative" && from === undefined && task.errand === "move")
        task.after = {
          byDays: d.value.byDays,
          ...(d.value.weekday === undefined ? {} : { weekday: d.value.weekday }),
          ...(d.value.week ? { week: true as const } : {}),
        };
      return settled(d, from);
    });
  const after = ofKind(reading.found, "day").find((d) => d.rule === "day/after-own");
  if (after?.value.kind === "relative" && from === undefined && task.errand === "book") task.afterOwn = after.value.byDays;
  // "… and book me a massage on the same day": that of what was given up just before, or of what they have.
  if (
    task.errand === "book" &&
    from === undefined &&
    ofKind(reading.found, "day").some((d) => d.value.kind === "relative" && d.value.byDays === 0 && d.value.weekday === undefined && !d.value.week)
  )
    task.sameDay = true;
  let times = ofKind(reading.found, "time").filter((d) => d.part !== "old");
  const shift = ofKind(reading.found, "shift").find((s) => s.value === "later" || s.value === "earlier");
  const wished = ofKind(reading.found, "staff").findLast((p) => p.part === "new" && !p.not);
  if (task.errand === "move" && shift && task.offered.length === 0 && times.every((x) => x.value.kind === "same")) {
    // "An hour later": measured from the appointment as it stands.
    const sooner = shift.byMin === undefined && shift.value === "earlier" && SOONER_DAY.test(reading.said);
    task.by = { min: shift.byMin ?? 0, sign: shift.value === "later" ? 1 : -1, ...(sooner ? { sooner } : {}) };
    if (times.length > 0) task.wish.times = times;
    // "Could Callum do it sooner": with somebody else as well.
    if (wished) task.staff = wished.value;
    if (days.length === 0) return true;
  }
  if (task.errand === "move") {
    if (wished) {
      task.staff = wished.value;
      if (days.length === 0 && times.length === 0 && !task.wish.days && task.appointment === undefined) task.keepTime = true;
    }
    // "Could somebody else than Tobias see me, a woman maybe": whom it is to be with instead is theirs to say, as far as they do.
    const gender = ofKind(reading.found, "gender").at(-1)?.value;
    if (gender) task.gender = gender;
    const anybodyElse = SOMEBODY_ELSE.test(reading.said);
    if ((gender || anybodyElse) && days.length === 0 && times.length === 0 && !task.wish.days) task.keepTime = true;
    if (anybodyElse) task.notStaff = ofKind(reading.found, "staff").flatMap((p) => (p.value === "any" || p.part === "new" ? [] : p.value));
    // "From 60 to 90 minutes": the last length that is said is the wish.
    const length = ofKind(reading.found, "length").at(-1);
    const by = lengthChange(reading);
    if (length && typeof length.value === "number") {
      if (by === null) task.lengthMin = length.value;
      else task.lengthBy = by;
      if (days.length === 0 && times.length === 0 && !task.wish.days) task.keepTime = true;
    } else if (length?.value === "long" || length?.value === "short") {
      task.lengthTo = length.value;
      if (days.length === 0 && times.length === 0 && !task.wish.days) task.keepTime = true;
    }
  }
  const ofTwo = days.length === 0 && t.state.expects === "day" ? dayOfTwo(task, reading) : undefined;
  if (ofTwo !== undefined) {
    delete task.wish.ask;
    task.wish.days = { ranges: [{ from: ofTwo, to: ofTwo }] };
  }
  const place = task.errand === "move" ? besideAnother(reading) : null;
  if (task.errand === "move" && place) {
    // Which visits they have may not be known yet: then it waits.
    task.beside = place;
    delete task.after;
    if (!task.appointment && t.state.client.match === undefined) return true;
    if (besideOwn(t, task)) return true;
  }
  // "The Wednesday one", of two days that were named with an hour each.
  const { orElse } = task.wish;
  const [named] = days.length === 1 && times.length === 0 ? days : [];
  if (orElse && named?.value.kind === "days" && !named.not && named.value.from === orElse.day && named.value.to === orElse.day) {
    task.wish = { days: { ranges: [{ from: orElse.day, to: orElse.day }] }, times: orElse.times };
    t.rule("wish/the-other");
    return true;
  }
  const either = eitherOr(reading, days, times);
  if (days.length > 0 || times.length > 0) delete task.wish.orElse;
  if (either) {
    addDays(task.wish, either.days, context);
    task.wish.times = either.times;
    task.wish.orElse = either.orElse;
    delete task.wish.atMin;
    t.rule("wish/one-or-the-other");
    return true;
  }
  if (days.length > 0) addDays(task.wish, days, context);
  // "Can I move it to an evening": any evening, and not the one of its own day alone.
  else if (task.errand === "move" && !task.wish.days && times.length > 0 && times.every((x) => x.value.kind === "span") && ANY_SUCH_PART.test(reading.said))
    task.wish.days = { ranges: [{ from: t.house.zone.toLocal(t.now).day }] };
  const nothingYet = task.errand === "book" && task.offered.length === 0 && !task.hold && task.before === undefined;
  // "At the same time, at two": the two of them at once, at that hour.
  const hours = times.filter((x) => x.value.kind !== "same");
  if (hours.length > 0) {
    times = hours;
    if (task.errand === "book") delete task.sameTime;
  }
  if (nothingYet && times.some((x) => x.value.kind === "same") && t.state.last === undefined) task.sameTime = true;
  if (times.length > 0) {
    // "Ten past eleven", once an hour of Wednesday is kept: of that day.
    const kept = task.hold ? t.house.zone.toLocal(task.hold.offer.startMin).day : undefined;
    if (kept !== undefined && days.length === 0 && ofTwo === undefined && singleDay(task.wish.days) !== kept) {
      task.wish.days = { ranges: [{ from: kept, to: kept }] };
      delete task.wish.ask;
    }
    // "Friday instead, same time", before any hour was kept: the hour that was wished for.
    const asBefore =
      times.every((x) => x.value.kind === "same") && !task.hold && task.before === undefined && task.wish.times?.some((x) => x.value.kind !== "same");
    if (!asBefore) {
      keepHalf(task.wish);
      task.wish.times = times;
      if (OR_NEAREST.test(reading.said)) task.wish.orNearest = true;
      else delete task.wish.orNearest;
      delete task.wish.atMin;
    }
  }
  return days.length > 0 || ofTwo !== undefined || times.length > 0 || (task.errand === "move" && (task.after !== undefined || task.keepTime === true));
}

/** "The day of the clean", "right after my lesson": beside which visit that they have it is to be; null where none is named so. */
function besideAnother(reading: Reading): NonNullable<MoveTask["beside"]> | null {
  const own = ofKind(reading.found, "service").findLast((s) => BESIDE_ANOTHER.test(reading.text.slice(0, s.start)));
  if (!own) return null;
  const side = AFTER_OR_BEFORE.exec(BESIDE_ANOTHER.exec(reading.text.slice(0, own.start))?.[0] ?? "")?.[1]?.toLowerCase();
  return { services: own.value, ...(side === "after" || side === "before" ? { side } : {}) };
}

/** Puts the day, and after or before it the hours, of the other visit into the wish; false where they have no such visit. */
export function besideOwn(t: Turn, task: MoveTask): boolean {
  const { beside } = task;
  delete task.beside;
  const other = t.state.appointments.find((a) => beside?.services.includes(a.service) && a.id !== task.appointment?.id);
  if (!beside || !other) return false;
  const { side } = beside;
  const { day, minute } = t.house.zone.toLocal(other.startMin);
  const clock = (min: number) => ({ hour: Math.floor(min / 60), minute: min % 60, certain: true });
  const place = { rule: "time/beside-another", start: 0, end: 0 };
  const times: Times =
    side === "after"
      ? [{ kind: "time", value: { kind: "from", at: clock(minute + other.lengthMin) }, ...place }]
      : side === "before"
        ? [{ kind: "time", value: { kind: "until", at: clock(minute), is: "end" }, ...place }]
        : [];
  delete task.wish.ask;
  delete task.wish.atMin;
  Object.assign(task.wish, { days: { ranges: [{ from: day, to: day }] }, times });
  t.rule("wish/beside-another");
  return true;
}

type Days = FoundOf<"day">[];
type Times = FoundOf<"time">[];

/** "Tomorrow at nine or Thursday at four", "first thing tomorrow or last thing Thursday": two days, each with its own hour; null where there is no such pair. */
function eitherOr(reading: Reading, days: Days, times: Times): { days: Days; times: Times; orElse: NonNullable<WishState["orElse"]> } | null {
  const [a, b, more] = days;
  const [x, y, rest] = times;
  if (!a || !b || more || !x || !y || rest || a.not || b.not || b.value.kind !== "days" || a.value.kind !== "days") return null;
  const { from, to } = b.value;
  if (from === undefined || from !== to || a.value.from !== a.value.to) return null;
  const first = Math.max(a.end, x.end);
  const second = Math.min(b.start, y.start);
  if (first > second || !EITHER_OR.test(reading.text.slice(first, second))) return null;
  return { days: [a], times: [x], orElse: { day: from, times: [y] } };
}

const NUMBERED: Partial<Record<ChoiceValue, number>> = { first: 1, second: 2, third: 3 };

/** Asked which of two days is meant: "the third" is the 3rd where that is one of them, "the later one" the other. */
function dayOfTwo(task: BookTask | MoveTask, reading: Reading): DayNumber | undefined {
  const pick = ofKind(reading.found, "choice").at(-1)?.value;
  const asked = task.wish.ask;
  if (!asked || pick === undefined) return undefined;
  const numbered = asked.filter((d) => partsOf(d).date === NUMBERED[pick]);
  if (numbered.length === 1) return numbered[0];
  return { first: asked[0], second: asked[1], third: asked[2], last: asked.at(-1), later: asked.at(-1), earlier: asked[0], any: undefined, none: undefined }[
    pick
  ];
}

/** The day that "the day after" and the like are measured from: of what was offered last, of the wish, of the appointment. */
function referenceDay(t: Turn, task: BookTask | MoveTask): DayNumber | undefined {
  const offered = task.offered[0]?.startMin ?? task.hold?.offer.startMin;
  const wished = singleDay(task.wish.days);
  if (wished !== undefined) return wished;
  if (offered !== undefined) return t.house.zone.toLocal(offered).day;
  const own = task.errand === "move" ? task.appointment : undefined;
  const asked = task.errand === "book" ? singleDay(t.state.askedDays) : undefined;
  if (asked !== undefined) return asked;
  // "And the Friday after that", once one was booked.
  const { last } = t.state;
  if (task.errand === "book" && last) return t.house.zone.toLocal(last.startMin).day;
  return own ? t.house.zone.toLocal(own.startMin).day : undefined;
}

/** Of what they have, the visit that another is measured from: of the same service, or the only one. */
export const theirOwn = (t: Turn, service: string | undefined): AppointmentView | undefined =>
  t.state.appointments.find((a) => a.service === service) ?? (t.state.appointments.length === 1 ? t.state.appointments[0] : undefined);

/** The day of that visit; else of what is measured from otherwise. */
function ownDay(t: Turn, task: BookTask | MoveTask): DayNumber | undefined {
  const own = task.errand === "move" ? (task.appointment ?? theirOwn(t, undefined)) : theirOwn(t, task.service);
  return own ? t.house.zone.toLocal(own.startMin).day : referenceDay(t, task);
}

/** "Could it be on the Wednesday", of a visit that is moved: that of its own week, where it is still to come. */
function ofTheirWeek(t: Turn, task: BookTask | MoveTask, d: FoundOf<"day">, reading: Reading): FoundOf<"day"> {
  const own = task.errand === "move" ? (task.appointment ?? t.state.appointments.find((a) => a.id === t.state.toldOf)) : undefined;
  if (!own || d.rule !== "day/weekday" || !d.weekday || d.not) return d;
  if (!THE_BEFORE.test(reading.text.slice(0, d.start))) return d;
  const day = mondayOf(t.house.zone.toLocal(own.startMin).day) + d.weekday - 1;
  return day > t.house.zone.toLocal(t.now).day ? { ...d, value: { kind: "days", from: day, to: day } } : d;
}

/** A day measured from another as the day that it is; nothing where there is none to measure from. */
export function settled(d: FoundOf<"day">, from: DayNumber | undefined): FoundOf<"day">[] {
  if (d.value.kind !== "relative") return [d];
  if (from === undefined) return [];
  const { byDays, weekday, week } = d.value;
  if (week) {
    const monday = mondayOf(from) + byDays;
    return [{ ...d, value: { kind: "days", from: monday, to: monday + 6 } }];
  }
  if (byDays === 0 && weekday !== undefined) {
    const on = mondayOf(from) + weekday - 1;
    return [{ ...d, value: { kind: "days", from: on, to: on } }];
  }
  const ahead = weekday === undefined ? byDays : byDays > 0 ? ((weekday - weekdayOf(from) + 6) % 7) + 1 : -(((weekdayOf(from) - weekday + 6) % 7) + 1);
  return [{ ...d, value: { kind: "days", from: from + ahead, to: from + ahead } }];
}
