import { ofKind, peopleIn, type FoundOf } from "../../language/found.ts";
import type { Reading } from "../../language/read.ts";
import { readTime } from "../../language/clock.ts";
import { THIS_COMING } from "../../language/packs/en/reading.ts";
import { minuteAlone } from "../../language/packs/en/talk.ts";
import { findOffers, type OfferRequest, type Why } from "../../schedule/offers.ts";
import type { Opening } from "../../schedule/openings.ts";
import { wantsDay, type Wish } from "../../schedule/wish.ts";
import { weekdayName, weekdayOf, type DayNumber } from "../../time/days.ts";
import { calledText, dateText, lengthText, listText, serviceText, spanText, timeText, whenShort, whenText, wishText } from "../format.ts";
import { calendarSource, hoursSource, ruleSource, saidSource, serviceSource, staffSource } from "../sources.ts";
import type { AppointmentView, BookTask, Looked, MoveTask, OfferView, WishState } from "../state.ts";
import { sayClosed } from "./closed.ts";
import { joinVals, val, type Finder, type Turn, type Value } from "../turn.ts";
import { NOON, singleDay, wishOf } from "../wish.ts";
import { nextMessage } from "./message.ts";

/** What booking and moving share: proposing openings and taking one of them. */
export interface Target {
  service: string;
  lengthMin: number;
  places: number;
  staff: string[] | undefined;
  own?: AppointmentView;
}

export const whenVal = (t: Turn, at: number): Value => val(whenText(t.house, at), calendarSource);

/** Whether any of those who may do it works at a minute of a day, for as long as it takes. */
function atWork(t: Turn, target: Target, whose: string[] | undefined, day: DayNumber | undefined, minute: number): boolean {
  const who = whose ?? [...(t.house.services.get(target.service)?.staff ?? [])];
  return day !== undefined && who.some((p) => t.house.worksOn(p, day).some((w) => w.fromMin <= minute && minute + target.lengthMin <= w.toMin));
}

/**
 * Which half of the day an hour is of, where it could be of both: the only one that can be had, else that which was
 * wished for before, else the only one at which somebody works; undefined where it has to be asked.
 */
function halfMeant<H extends { m: number }>(wish: WishState, halves: readonly H[], open: (h: H) => boolean, worked: (h: H) => boolean): H | undefined {
  const free = halves.filter(open);
  if (free.length === 1 || (wish.eitherHalf && free.length > 0)) return free[0];
  const told = halves.filter((h) => wish.halfWished !== undefined && h.m < NOON === (wish.halfWished === "am"));
  if (told.length === 1) return told[0];
  const atAll = free.length === 0 ? halves.filter(worked) : [];
  return atAll.length === 1 ? atAll[0] : undefined;
}

/** Proposes openings for the task's wish; true when one was taken straight away because exactly it was asked for. */
export function propose(t: Turn, task: BookTask | MoveTask, target: Target): "asked" | "took" {
  if (task.barren) {
    t.say("book/other-time");
    t.expect("day");
    return "asked";
  }
  const { house } = t;
  const known = task.before ?? target.own?.startMin ?? task.refused.at(-1)?.startMin ?? t.state.last?.startMin;
  // Where one person alone does it, the hours of the day are theirs.
  const sole = house.services.get(target.service)?.staff;
  const whose = target.staff ?? (sole?.length === 1 ? [...sole] : undefined);
  const { wish, both } = wishOf(house, task.wish, t.now, whose, known === undefined ? undefined : house.zone.toLocal(known).minute);
  // An hour that is named is wished for, though it was among those that were turned down; one that was lost is gone.
  const named = task.wish.times?.every((f) => !f.rule.startsWith("shift/")) ?? task.wish.atMin !== undefined;
  const notRefused = (w: typeof wish) =>
    named && w.time?.nearMin !== undefined ? task.refused.filter((r) => r.lost || house.zone.toLocal(r.startMin).minute !== w.time?.nearMin) : task.refused;
  const request = (w: typeof wish) => ({
    service: target.service,
    lengthMin: target.lengthMin,
    places: target.places,
    wish: w,
    not: notRefused(w),
    ...(target.own ? { own: { id: target.own.id, staff: target.own.staff, startMin: target.own.startMin, lengthMin: target.own.lengthMin } } : {}),
    ...(t.state.client.card?.lastStaff ? { lastStaff: t.state.client.card.lastStaff } : {}),
  });
  // "Six thirty", of a day on which only the morning can be had: that one is offered. Where both can, or neither, it is asked.
  const halves = both?.map((m) => ({ m, time: { fromMin: m, toMin: m, toIs: "start" as const, nearMin: m } })) ?? [];
  const half = halfMeant(
    task.wish,
    halves,
    (h) => t.look(request({ ...wish, time: h.time })).fit === "inside",
    (h) => atWork(t, target, whose, singleDay(wish.days), h.m),
  );
  if (half) {
    wish.time = half.time;
    t.rule("wish/the-half-that-is-open");
  } else if (both) {
    t.say("book/ask-which-half", {
      list: joinVals(
        both.map((m) => val(timeText(house, m), saidSource)),
        "or",
      ),
    });
    t.expect(
      "time",
      both.map((m) => ({ label: timeText(house, m), say: timeText(house, m) })),
    );
    return "asked";
  }
  if (task.wish.ask) {
    const served = task.wish.ask.filter((day) => {
      const r = t.look(request({ ...wish, days: { ranges: [{ from: day, to: day }] } }));
      return r.fit === "inside";
    });
    if (served.length > 1) {
      const days = served;
      t.say("book/ask-which-day", {
        list: joinVals(
          days.map((d) => val(dateText(house, d), saidSource)),
          "or",
        ),
      });
      t.expect(
        "day",
        days.map((d) => ({ label: dateText(house, d), say: dateText(house, d) })),
      );
      return "asked";
    }
    const [only] = served;
    // Where neither day can be had, the reason is said and the nearest is offered.
    if (only !== undefined) {
      const others = task.wish.ask.filter((d) => d !== only);
      t.reasons.push({ what: "ruled-out", why: "only-one-day-open", about: others.map((d) => dateText(house, d)).join(", ") });
      wish.days = { ranges: [{ from: only, to: only }] };
    }
  }
  let found = t.look(request(wish));
  const other = task.wish.orElse;
  if (found.fit !== "inside" && other) {
    const instead = { days: { ranges: [{ from: other.day, to: other.day }] }, times: other.times };
    const { wish: second } = wishOf(house, instead, t.now, whose);
    if (t.look(request(second)).fit === "inside") {
      task.wish = instead;
      t.rule("wish/the-other");
      return propose(t, task, target);
    }
  }
  // Whom they have so far is no wish of their own: where that person is away on the day that is wished for, others stand in.
  // So they do where any evening will do, and that person has none.
  const anyDay = wish.days?.ranges.length === 1 && wish.days.ranges[0]?.to === undefined && wish.time !== undefined;
  const mayStandIn = found.fit !== "inside" && (anyDay || found.why?.code === "not-in") && task.errand === "move" && task.staff === undefined && !task.looseDay;
  if (mayStandIn) {
    const { staff: _, ...anybody } = wish;
    const others = t.look(request(anybody));
    if (others.fit === "inside") {
      if (found.why && !anyDay) explain(t, found.why, target);
      found = others;
      task.staff = "any";
      t.rule("move/somebody-else-that-day");
    }
  }
  t.reasons.push({ what: "looked", at: house.services.get(target.service)?.name ?? target.service, seen: found.seen });
  const asked = { ...wish, ...(task.staff && task.staff !== "any" ? { staff: task.staff } : {}) };
  const key = wishText(house, asked);
  const still = found.fit !== "inside" && task.missed === key && task.offered.length === 0;
  if (found.fit === "inside") delete task.missed;
  else task.missed = key;
  if (found.fit !== "inside" && task.waits) {
    waitFor(t, task, target, asked);
    return "asked";
  }
  const nearest = task.wish.orNearest && found.fit === "near" && !still ? nearestOf(t, found.offers, wish) : undefined;
  if (nearest) {
    delete task.wish.orNearest;
    take(t, task, nearest, target.places, target.own);
    t.rule("take/the-nearest");
    return "took";
  }
  if (still) t.say("book/still-not", { wish: val(key, saidSource) });
  else if (found.fit !== "inside" && found.why) explain(t, found.why, target);
  const exact = wish.time?.fromMin !== undefined && wish.time.fromMin === wish.time.toMin && wish.time.nearMin !== undefined;
  const first = found.offers[0];
  if (found.fit === "inside" && exact && singleDay(wish.days) !== undefined && first && found.offers.every((o) => o.startMin === first.startMin)) {
    take(t, task, first, target.places, target.own);
    t.rule("take/exactly-what-was-asked");
    return "took";
  }
  task.offered = [...found.offers];
  if (found.why?.code === "shut-then") task.offered = onThatDay(t, found, wish, request);
  // Where the wish itself cannot be had, the day that was named comes before the others.
  if (found.fit === "near") {
    // Who wants somebody else wants them more than the day.
    const wanted = task.errand === "move" && task.looseDay && task.staff && task.staff !== "any" ? task.staff : undefined;
    const off = (o: OfferView): number => (wantsDay(wish.days, house.zone.toLocal(o.startMin).day) ? 0 : 1) + (wanted && !wanted.includes(o.staff) ? 2 : 0);
    // Of one day, what lies nearest to the hour that was named comes first.
    const near = wish.time?.nearMin;
    const away = (o: OfferView): number => (near === undefined ? 0 : Math.abs(house.zone.toLocal(o.startMin).minute - near));
    const sameDay = (a: OfferView, b: OfferView): boolean => house.zone.toLocal(a.startMin).day === house.zone.toLocal(b.startMin).day;
    task.offered.sort((a, b) => off(a) - off(b) || (sameDay(a, b) ? away(a) - away(b) : 0));
  }
  if (found.fit === "inside" && target.own && !wish.time && task.refused.length === 0)
    task.offered = firstOf([...atItsHour(t, target.own, wish, request), ...task.offered]);
  if (found.fit !== "inside") task.offered = [...aWeekOn(t, task, wish, request), ...task.offered].slice(0, 3);
  sayOffers(t, task, target, found.fit, still);
  return "asked";
}

/** "Five, or whatever is nearest": what lies nearest to that hour on the day that is wished for, with whom it is wished for. */
function nearestOf(t: Turn, offers: readonly OfferView[], wish: Wish): OfferView | undefined {
  const near = wish.time?.nearMin;
  if (near === undefined) return undefined;
  const local = (o: OfferView) => t.house.zone.toLocal(o.startMin);
  const off = (o: OfferView): number => Math.abs(local(o).minute - near);
  const [first] = offers.filter((o) => wantsDay(wish.days, local(o).day) && (!wish.staff || wish.staff.includes(o.staff))).sort((a, b) => off(a) - off(b));
  return first && off(first) <= NEARBY_MIN ? first : undefined;
}

/** As near as this, in minutes. */
const NEARBY_MIN = 60;

/** "Monday at ten", said on a Monday that has no room then: next Monday at ten comes before other hours. */
function aWeekOn(t: Turn, task: BookTask | MoveTask, wish: Wish, request: (w: Wish) => OfferRequest): OfferView[] {
  const day = singleDay(wish.days);
  if (!task.wish.byName || day === undefined || day !== t.house.zone.toLocal(t.now).day || wish.time?.fromMin === undefined) return [];
  const later = t.look(request({ ...wish, days: { ranges: [{ from: day + 7, to: day + 7 }] } }));
  return later.fit === "inside" ? later.offers.slice(0, 1) : [];
}

/** A visit that is moved to another day comes at its own hour there, where that is free, before other hours. */
function atItsHour(t: Turn, own: AppointmentView, wish: Wish, request: (w: Wish) => OfferRequest): OfferView[] {
  const { day: was, minute } = t.house.zone.toLocal(own.startMin);
  const day = singleDay(wish.days);
  if (day === undefined || day === was) return [];
  const there = t.look(request({ ...wish, time: { fromMin: minute, toMin: minute, nearMin: minute, toIs: "start" } }));
  return there.fit === "inside" ? there.offers.slice(0, 1) : [];
}

/** The first three, each once. */
const firstOf = (offers: readonly OfferView[]): OfferView[] =>
  offers.filter((o, i) => offers.findIndex((x) => x.startMin === o.startMin && x.staff === o.staff) === i).slice(0, 3);

/** Puts the wish on the waiting list: who it is is asked where it is not known. */
function waitFor(t: Turn, task: BookTask | MoveTask, target: Target, asked: Wish): void {
  dropHold(t, task);
  const text = `${lengthText(target.lengthMin)} of ${serviceText(t.house, target.service)}, ${wishText(t.house, asked)}`;
  t.state.task = { errand: "message", waiting: true, text };
  t.rule("wait/on-the-list");
  nextMessage(t, t.state.task);
}

/** Who would rather wait for what they wished than have something else. */
export function wantsToWait(t: Turn, task: BookTask | MoveTask): void {
  task.waits = true;
  dropHold(t, task);
  task.offered = [];
  delete task.barren;
}

/** "Saturday evening", where Saturdays end at noon: what comes nearest on that day, before other days. */
function onThatDay(t: Turn, found: Looked, wish: Wish, request: (w: Wish) => OfferRequest): OfferView[] {
  const day = singleDay(wish.days);
  const edge = wish.time?.fromMin ?? wish.time?.toMin;
  if (day === undefined || edge === undefined) return [...found.offers];
  const { time: _, ...rest } = wish;
  const there = t.look(request({ ...rest, time: { fromMin: 0, toMin: 1440, toIs: "start", nearMin: edge } }));
  const same = there.offers.filter((o) => t.house.zone.toLocal(o.startMin).day === day).slice(0, 2);
  const others = found.offers.filter((o) => !same.some((s) => s.startMin === o.startMin && s.staff === o.staff));
  return [...same, ...others].slice(0, 3);
}

function sayOffers(t: Turn, task: BookTask | MoveTask, target: Target, fit: "inside" | "near" | "none", still: boolean): void {
  const { house } = t;
  const service = val(serviceText(house, target.service), serviceSource(house, target.service));
  // By ear two are enough to choose from.
  if (t.state.channel === "phone") task.offered = task.offered.slice(0, 2);
  if (task.offered.length === 0) {
    task.barren = true;
    if (!still) t.say("book/nothing", { service });
    t.outcome("turned-away");
    t.expect("day", [WAIT_CHOICE]);
    return;
  }
  const people = [...new Set(task.offered.map((o) => o.staff))];
  const single = people.length === 1 && task.offered.length > 1 && fit === "inside";
  const list = offersVal(t, task.offered, !single);
  if (still) t.say("book/what-there-is", { list: offersVal(t, task.offered, true) });
  else if (task.offered.length === 1) t.say(fit === "inside" ? "book/offer-one" : "book/offer-near-one", { service, list });
  else if (single)
    t.say("book/offer", {
      service,
      list,
      people: joinVals(
        people.map((p) => val(calledText(house, p), staffSource(house, p))),
        "and",
      ),
    });
  else
    t.say(fit === "inside" ? "book/offer" : "book/offer-near", {
      service,
      list,
      people: joinVals(
        people.map((p) => val(calledText(house, p), staffSource(house, p))),
        "or",
      ),
    });
  t.expect("slot", [...offerChoices(t, task.offered), ...(fit === "inside" ? [] : [WAIT_CHOICE])]);
}

const WAIT_CHOICE = { label: "Waiting list", say: "Put me on the waiting list" };

function offersVal(t: Turn, offers: readonly OfferView[], withStaff: boolean): Value {
  const { house } = t;
  const many = new Set(offers.map((o) => o.staff)).size > 1;
  let day: DayNumber | null = null;
  const parts = offers.map((o) => {
    const at = house.zone.toLocal(o.startMin);
    const when = at.day === day ? timeText(house, at.minute) : whenText(house, o.startMin);
    day = at.day;
    return val(withStaff && many ? `${when} with ${calledText(house, o.staff)}` : when, calendarSource, staffSource(house, o.staff));
  });
  return joinVals(parts, "or");
}

export function offerChoices(t: Turn, offers: readonly OfferView[]): { label: string; say: string }[] {
  return [
    ...offers.map((o) => ({
      label: `${whenShort(t.house, o.startMin)} · ${calledText(t.house, o.staff)}`,
      say: `${whenText(t.house, o.startMin)} with ${calledText(t.house, o.staff)}`,
    })),
    { label: "Another time", say: "Another time" },
  ];
}

/** Looks in the calendar itself. */
export const fromCalendar: Finder = (house, calendar, now, request) => {
  const found = findOffers(house, calendar, now, request);
  return { ...found, offers: found.offers.map(asOffer) };
};

function asOffer(o: Opening): OfferView {
  return {
    service: o.service,
    lengthMin: o.lengthMin,
    staff: o.staff,
    room: o.room,
    ...(o.more ? { more: o.more } : {}),
    startMin: o.startMin,
    endMin: o.endMin,
    busyUntilMin: o.busyUntilMin,
  };
}

/** Lets go of what is held: from here on it does not stand in the client's own way. */
export function dropHold(t: Turn, task: BookTask | MoveTask): void {
  if (task.hold) {
    t.effect({ kind: "release", hold: task.hold.id });
    t.calendar = t.calendar.without([task.hold.id]);
  }
  delete task.hold;
}

/** Asks for the opening to be held for the client. */
export function take(t: Turn, task: BookTask | MoveTask, offer: OfferView, places: number, own?: AppointmentView): void {
  dropHold(t, task);
  t.effect({ kind: "hold", offer, places, untilMin: t.now + t.house.handbook.rules.holdMin, ...(own ? { replaces: own.id } : {}) });
}

/** Says why a wish could not be met, from the line that stands against it. */
function explain(t: Turn, why: Why, target: Target): void {
  const { house } = t;
  t.reasons.push({ what: "ruled-out", why: why.code });
  switch (why.code) {
    case "closed":
      sayClosed(t, why.day);
      return;
    case "not-in":
      t.say("why/not-in", { staff: val(calledText(house, why.staff), staffSource(house, why.staff)), date: val(dateText(house, why.day), saidSource) });
      return;
    case "shut-then": {
      const windows = house.openOn(why.day);
      const hours = windows.map((w) => `${timeText(house, w.fromMin)} to ${timeText(house, w.toMin)}`);
      t.say("why/shut-then", {
        weekday: val(`${weekdayName(weekdayOf(why.day))}s`),
        hours: val(listText(hours, "and"), ...windows.map((w) => hoursSource(w.id))),
      });
      return;
    }
    case "past":
      t.say("why/past");
      return;
    case "too-soon":
      t.say("why/too-soon", { notice: val(spanText(house.handbook.rules.noticeMin), ruleSource("noticeMin", "Notice")) });
      return;
    case "too-far":
      t.say("why/too-far", { days: val(String(house.handbook.rules.horizonDays), ruleSource("horizonDays", "How far ahead")) });
      return;
    case "not-theirs": {
      const people = house.services.get(target.service)?.staff ?? [];
      t.say("why/not-theirs", {
        staff: val(calledText(house, why.staff), staffSource(house, why.staff)),
        service: val(serviceText(house, target.service), serviceSource(house, target.service)),
        people: joinVals(
          people.map((p) => val(calledText(house, p), staffSource(house, p))),
          "or",
        ),
      });
      // It has been said and cannot be: from now on anybody who does it will do.
      const { task } = t.state;
      if (task?.errand === "book" || task?.errand === "move") delete task.staff;
      return;
    }
    case "full":
      t.say("why/full");
      return;
  }
}

/** What a message chooses among what was offered: one, several that fit, none of them, or nothing about it. */
export function chosen(t: Turn, offered: readonly OfferView[], reading: Reading): OfferView[] | "none" | "silent" {
  const { house } = t;
  const choice = ofKind(reading.found, "choice").at(-1);
  const yes = ofKind(reading.found, "yes")[0];
  let left: OfferView[] = [...offered];
  let spoke = false;
  const days = ofKind(reading.found, "day").filter((d) => d.part !== "old");
  const positive = days.filter((d) => !d.not);
  const offeredDays = offered.map((o) => house.zone.toLocal(o.startMin).day);
  const [firstDay, lastDay] = [Math.min(...offeredDays), Math.max(...offeredDays)];
  for (const d of positive) {
    if (d.value.kind === "soonest") continue;
    spoke = true;
    const weekday = d.weekday;
    const coming = d.value.kind === "days" ? d.value.from : undefined;
    // "Wednesday then", of three Wednesdays in a row: the coming one, where it was offered.
    const thisOne = THIS_COMING.test(reading.text.slice(d.start, d.end)) || (coming !== undefined && offeredDays.includes(coming)) ? coming : undefined;
    left = left.filter((o) => {
      const day = house.zone.toLocal(o.startMin).day;
      if (d.weekdays) return d.weekdays.includes(weekdayOf(day));
      // "This Wednesday", where two Wednesdays were offered, is the one that it names.
      if (weekday && d.rule === "day/weekday") return thisOne === undefined ? weekdayOf(day) === weekday : day === thisOne;
      const v = d.value;
      if (v.kind === "days")
        return wantsDay({ ranges: [{ ...(v.from === undefined ? {} : { from: v.from }), ...(v.to === undefined ? {} : { to: v.to }) }] }, day);
      if (v.kind === "weekdays") return v.weekdays.includes(weekdayOf(day));
      // "The Monday after" is one that comes after another that was offered.
      if (v.kind === "relative") return v.byDays === 0 || (v.weekday === weekdayOf(day) && (v.byDays > 0 ? day > firstDay : day < lastDay));
      return v.kind === "either" || v.kind === "ask" ? v.days.includes(day) : true;
    });
  }
  for (const f of ofKind(reading.found, "time").filter((x) => x.part !== "old")) {
    spoke = true;
    left = left.filter((o) => matchesTime(t, f, o));
  }
  const people = peopleIn(reading.found);
  if (people.length > 0) {
    spoke = true;
    left = left.filter((o) => people.includes(o.staff));
  }
  const unwanted = ofKind(reading.found, "staff").flatMap((s) => (s.not && s.value !== "any" ? s.value : []));
  if (unwanted.length > 0) {
    spoke = true;
    left = left.filter((o) => !unwanted.includes(o.staff));
  }
  // "Half past", of twelve and half past twelve.
  const past = spoke ? undefined : minuteAlone(reading.said);
  const those = offered.filter((o) => house.zone.toLocal(o.startMin).minute % 60 === past);
  if (those.length > 0) return those;
  if (spoke && left.length === 0) return "none";
  if (choice) {
    if (choice.value === "none") return "none";
    // "The first" is the first that was said; "the earlier" is the one that is earlier.
    const byTime = [...left].sort((x, y) => x.startMin - y.startMin);
    const pick = { first: left[0], second: left[1], third: left[2], last: left.at(-1), later: byTime.at(-1), earlier: byTime[0], any: left[0] }[choice.value];
    return pick ? [pick] : "none";
  }
  if (spoke) return left;
  if (yes?.value) return left.length === 1 ? left : "silent";
  return "silent";
}

const LAST_HOUR = 60;

function matchesTime(t: Turn, f: FoundOf<"time">, o: OfferView): boolean {
  const { day, minute } = t.house.zone.toLocal(o.startMin);
  const v = f.value;
  // Of a visit that is moved, the hour that it has.
  const { task } = t.state;
  if (v.kind === "same") return task?.errand !== "move" || !task.appointment || t.house.zone.toLocal(task.appointment.startMin).minute === minute;
  if (v.kind === "at" && !v.at.certain) return minute % 720 === (v.at.hour % 12) * 60 + v.at.minute;
  const { wish } = readTime(t.house, v, day, o.staff);
  if (v.kind === "at") return wish.fromMin === minute;
  // "Wednesday, the later the better", of one at three and a house that closes at five: later ones are looked for.
  if (v.kind === "part" && v.part === "end-of-day") return wish.toMin !== undefined && minute >= wish.toMin - LAST_HOUR;
  if (v.kind === "around") return Math.abs((wish.nearMin ?? 0) - minute) <= 30;
  const over = wish.toMin !== undefined && (wish.toIs === "end" ? minute + o.lengthMin > wish.toMin : minute >= wish.toMin);
  return !(wish.fromMin !== undefined && minute < wish.fromMin) && !over;
}
