import { contentOf } from "../../knowledge/search.ts";
import { feeVal, lateFee } from "./fee.ts";
import { minutesOff, wantsDay } from "../../schedule/wish.ts";
import { calledText, lengthText, serviceText, whenShort, whenText } from "../format.ts";
import { calendarSource, cardSource, serviceSource, staffSource } from "../sources.ts";
import { ofKind } from "../../language/found.ts";
import type { Reading } from "../../language/read.ts";
import type { AppointmentView, CancelTask, MineTask, MoveTask, OldState } from "../state.ts";
import { joinVals, val, type Turn, type Value } from "../turn.ts";
import { singleDay, wishOf } from "../wish.ts";
import { identify, yesNoChoices } from "./identity.ts";
import { besideOwn, settled } from "./wished.ts";
import { askLength } from "./lengths.ts";
import { finish } from "./finish.ts";
import { priceVal } from "./prices.ts";
import { propose } from "./offering.ts";
import { THE_OTHERS, WITH_WHOM_IS_IT } from "../../language/packs/en/talk.ts";

/** "acupuncture with Priya on Thursday 4 March at 4:00 pm". */
export function apptVal(t: Turn, a: AppointmentView): Value {
  return val(
    `${serviceText(t.house, a.service)} with ${calledText(t.house, a.staff)} on ${whenText(t.house, a.startMin)}`,
    calendarSource,
    cardSource,
    serviceSource(t.house, a.service),
    staffSource(t.house, a.staff),
  );
}

function apptChoices(t: Turn, list: readonly AppointmentView[]): { label: string; say: string }[] {
  return list.map((a) => ({
    label: `${whenShort(t.house, a.startMin)} · ${t.house.services.get(a.service)?.name ?? a.service}`,
    say: `${t.house.services.get(a.service)?.name ?? a.service} on ${whenText(t.house, a.startMin)}`,
  }));
}

/** The coming appointments that fit what was said of the one that is meant. */
export function fitting(t: Turn, list: readonly AppointmentView[], old: OldState): AppointmentView[] {
  const { wish } = wishOf(t.house, { ...(old.days ? { days: old.days } : {}), ...(old.times ? { times: old.times } : {}) }, t.now, undefined);
  return list.filter((a) => {
    const { day, minute } = t.house.zone.toLocal(a.startMin);
    if (!wantsDay(wish.days, day)) return false;
    if (wish.time && minutesOff({ ...wish.time, toIs: "start" }, minute, a.lengthMin) > (wish.time.nearMin === undefined ? 0 : 15)) return false;
    if (old.service && !old.service.includes(a.service)) return false;
    if (old.keep?.includes(a.service)) return false;
    // "Move the other": not what was done before, or spoken of.
    if (old.other && (t.state.did ? a.id === t.state.did.of.id : a.service === t.state.topic)) return false;
    return !old.staff || old.staff.includes(a.staff);
  });
}

/** "The first", "the later one", of appointments in the order of their time. */
function oneOf(list: readonly AppointmentView[], pick: OldState["pick"]): AppointmentView | undefined {
  if (pick === undefined || list.length < 2) return undefined;
  return { first: list[0], earlier: list[0], second: list[1], third: list[2], last: list.at(-1), later: list.at(-1), any: undefined, none: undefined }[pick];
}

/** Settles which appointment is meant; null when something was asked or nothing is coming. */
function settle(t: Turn, task: MoveTask | CancelTask): AppointmentView | null {
  if (task.appointment) return task.appointment;
  const coming = t.state.appointments;
  if (coming.length === 0) {
    t.say("find/none-coming");
    t.state.task = null;
    t.say("anything");
    t.expect("anything");
    t.outcome("turned-away");
    return null;
  }
  let fit = fitting(t, coming, task.old);
  // "Cancel it all, my trip's off": a word that only may tell of a service, of which they have none, tells of none.
  if (fit.length === 0 && task.old.weak) {
    const { service: _, ...rest } = task.old;
    task.old = rest;
    fit = fitting(t, coming, rest);
  }
  // "My son's cleaning on Friday", of somebody whose son has a children's cleaning: the one of theirs that shares a word with what was named.
  if (fit.length === 0 && task.old.service) {
    const { service, ...rest } = task.old;
    const words = new Set(service.flatMap((id) => contentOf(t.house.services.get(id)?.name ?? "")));
    const kindred = fitting(t, coming, rest).filter((a) => contentOf(t.house.services.get(a.service)?.name ?? "").some((w) => words.has(w)));
    if (kindred.length === 1) {
      fit = kindred;
      t.rule("find/of-the-kind");
    }
  }
  // "Callum instead of Morag on Thursday, at noon": an hour at which nothing of theirs is, is when it is to be.
  if (fit.length === 0 && task.errand === "move" && task.old.times && !task.wish.times) {
    const { times, ...rest } = task.old;
    const without = fitting(t, coming, rest);
    if (without.length === 1) {
      task.old = rest;
      task.wish.times = times;
      fit = without;
      t.rule("move/hour-of-the-wish");
    }
  }
  // "Is Joaquim free then? I'd rather have him": whom none of theirs is with is who it is to be with.
  if (
    fit.length === 0 &&
    task.errand === "move" &&
    task.old.staff &&
    task.staff === undefined &&
    !task.notStaff &&
    coming.every((a) => !task.old.staff?.includes(a.staff))
  ) {
    const { staff, ...rest } = task.old;
    const without = fitting(t, coming, rest);
    if (without.length > 0) {
      task.old = rest;
      task.staff = staff;
      if (!task.wish.days && !task.wish.times) task.keepTime = true;
      fit = without;
      t.rule("move/person-of-the-wish");
    }
  }
  // "Wrong day, Wednesday I meant": what was booked a moment ago.
  const fresh =
    task.errand === "move" && Object.keys(task.old).length === 0
      ? coming.find((a) => a.startMin === t.state.last?.startMin && a.service === t.state.last.service)
      : undefined;
  if (fresh && coming.length > 1) {
    task.appointment = fresh;
    return fresh;
  }
  // "It's about my acupuncture" – "you have …" – "can we make it Friday": what was told of is meant.
  const told = Object.keys(task.old).length === 0 ? coming.find((a) => a.id === t.state.toldOf) : undefined;
  delete t.state.toldOf;
  if (told) {
    task.appointment = told;
    return told;
  }
  const picked = oneOf(fit.length > 0 ? fit : coming, task.old.pick);
  const found = picked ? [picked] : fit;
  const only = found[0];
  if (task.errand === "cancel" && task.all && found.length > 1 && only) {
    // All of them, one after the other: each has its own go-ahead and fee.
    for (const a of found.slice(1).reverse()) t.state.later.push({ errand: "cancel", old: {}, appointment: a });
    task.appointment = only;
    return only;
  }
  if (task.errand === "move" && task.all && found.length > 1 && only) {
    delete task.all;
    for (const a of found.slice(1).reverse()) t.state.later.push({ ...structuredClone(task), old: {}, appointment: a });
    task.appointment = only;
    return only;
  }
  if (found.length === 1 && only) {
    task.appointment = only;
    return only;
  }
  const list = found.length === 0 ? coming : found;
  const said = found.length === 0 && Object.keys(task.old).some((k) => k !== "pick");
  const values = {
    list: joinVals(
      list.map((a) => apptVal(t, a)),
      "or",
    ),
  };
  if (said)
    t.say(list.length === 1 ? "find/not-that-one" : "find/not-that", {
      list: joinVals(
        list.map((a) => apptVal(t, a)),
        "and",
      ),
    });
  else t.say("find/which", values);
  t.reasons.push({ what: "ruled-out", why: found.length === 0 ? "no-such-appointment" : "several-fit" });
  task.old = {};
  t.expect("which-appointment", apptChoices(t, list));
  return null;
}

export function nextMove(t: Turn, task: MoveTask): void {
  if (identify(t, task) !== "known") {
    if (t.state.task === null) finish(t);
    return;
  }
  const a = settle(t, task);
  if (!a) return;
  t.state.topic = a.service;
  if (!task.hold) {
    fromWhereItStands(t, task, a);
    if (noSuchLength(t, task, a)) return;
    if (!task.wish.days && !task.wish.times && !task.wish.ask && task.wish.atMin === undefined) {
      t.say("move/ask-day", { old: apptVal(t, a) });
      t.expect("day");
      return;
    }
    // "Thursday: can we make it thirty minutes": how long it is changes, and it begins when it did.
    const at = t.house.zone.toLocal(a.startMin);
    if (newLength(t, task, a) !== a.lengthMin && !task.wish.times && task.wish.atMin === undefined && singleDay(task.wish.days) === at.day) {
      task.wish.atMin = at.minute;
      task.looseDay = true;
    }
    // "Move it to five" keeps the day; a day alone leaves the time open.
    if ((task.wish.times || task.wish.atMin !== undefined) && !task.wish.days) task.wish.days = { ranges: [{ from: at.day, to: at.day }] };
    const staff = whoIsWished(t, task, a);
    if (standsSo(t, task, a, staff)) return;
    propose(t, task, { service: a.service, lengthMin: newLength(t, task, a), places: a.places, staff, own: a });
    return;
  }
  const longer = task.hold.offer.lengthMin !== a.lengthMin;
  const stays = task.hold.offer.startMin === a.startMin;
  const several = t.state.appointments.length > 1;
  const by = !longer && stays ? "move/go-ahead-person" : several ? "move/go-ahead-of" : "move/go-ahead";
  t.say(longer ? (stays ? "move/go-ahead-length-alone" : "move/go-ahead-length") : by, {
    service: val(serviceText(t.house, a.service), serviceSource(t.house, a.service)),
    was: val(calledText(t.house, a.staff), staffSource(t.house, a.staff)),
    ...(longer
      ? {
          length: val(lengthText(task.hold.offer.lengthMin), serviceSource(t.house, a.service)),
          price: priceVal(t, a.service, task.hold.offer.lengthMin, a.places).text,
        }
      : {}),
    from: val(whenText(t.house, a.startMin), calendarSource),
    to: val(whenText(t.house, task.hold.offer.startMin), calendarSource),
    staff: val(calledText(t.house, task.hold.offer.staff), staffSource(t.house, task.hold.offer.staff)),
    fee: feeVal(t, a, longer),
  });
  t.expect("go-ahead", [
    { label: "Yes, move it", say: "Yes, move it" },
    { label: "Another time", say: "Another time" },
    { label: "Leave it as it is", say: "No, leave it as it is" },
  ]);
}

/** With whom a visit is to be that is moved: who is named, else whoever is as they are to be, else whom it is with; undefined where all will do. */
function whoIsWished(t: Turn, task: MoveTask, a: AppointmentView): string[] | undefined {
  if (task.staff !== undefined) return task.staff === "any" ? undefined : task.staff;
  const will = (id: string): boolean => !task.notStaff?.includes(id) && (task.gender === undefined || t.house.staff.get(id)?.gender === task.gender);
  const others = (t.house.services.get(a.service)?.staff ?? []).filter(will);
  return will(a.staff) || others.length === 0 ? [a.staff] : others;
}

/** "Change it to three", where it is at three already: that is said, and nothing is looked for. */
function standsSo(t: Turn, task: MoveTask, a: AppointmentView, staff: string[] | undefined): boolean {
  if (task.wish.ask || newLength(t, task, a) !== a.lengthMin || (staff && !staff.includes(a.staff))) return false;
  const at = t.house.zone.toLocal(a.startMin);
  const { wish, both } = wishOf(t.house, task.wish, t.now, staff, at.minute);
  if (both || wish.time?.fromMin !== at.minute || wish.time.toMin !== at.minute || !wantsDay(wish.days, at.day)) return false;
  t.say("move/same");
  t.rule("move/stands-so");
  t.state.task = null;
  finish(t);
  return true;
}

/** Whether a length is wished for that the service does not come in; then those that there are have been said. */
function noSuchLength(t: Turn, task: MoveTask, a: AppointmentView): boolean {
  // "Make it the long one".
  if (task.lengthTo !== undefined) {
    const own = t.house.services.get(a.service)?.variants.map((v) => v.lengthMin) ?? [a.lengthMin];
    task.lengthMin = task.lengthTo === "long" ? Math.max(...own) : Math.min(...own);
    delete task.lengthTo;
  }
  if (task.lengthBy !== undefined) {
    task.lengthMin = a.lengthMin + task.lengthBy;
    delete task.lengthBy;
  }
  const service = t.house.services.get(a.service);
  if (!service || task.lengthMin === undefined || service.variants.some((v) => v.lengthMin === task.lengthMin)) return false;
  askLength(t, service, task.lengthMin);
  delete task.lengthMin;
  task.keepTime = true;
  return true;
}

/** The length that is wished for, where the service comes in it; else the one it has. */
function newLength(t: Turn, task: MoveTask, a: AppointmentView): number {
  const own = t.house.services.get(a.service)?.variants.map((v) => v.lengthMin) ?? [];
  return task.lengthMin !== undefined && own.includes(task.lengthMin) ? task.lengthMin : a.lengthMin;
}

/** "An hour later", "a bit earlier", "with Aoife instead": a wish measured from the appointment as it stands. */
function fromWhereItStands(t: Turn, task: MoveTask, a: AppointmentView): void {
  const at = t.house.zone.toLocal(a.startMin);
  if (task.beside && besideOwn(t, task)) return;
  if (task.keepTime) {
    delete task.keepTime;
    if (!task.wish.days && !task.wish.times) {
      task.wish = { days: { ranges: [{ from: at.day, to: at.day }] }, atMin: at.minute };
      task.looseDay = true;
    }
    return;
  }
  if (task.after) {
    const [day] = settled({ kind: "day", value: { kind: "relative", ...task.after }, rule: "day/relative", start: 0, end: 0 }, at.day);
    if (day?.value.kind === "days") task.wish.days = { ranges: [{ from: day.value.from as number, to: day.value.to as number }] };
    delete task.after;
  }
  const { by } = task;
  if (!by) return;
  delete task.by;
  if (by.min >= 1440) {
    const day = at.day + (by.sign * by.min) / 1440;
    task.wish.days = { ranges: [{ from: day, to: day }] };
    // A week later is a week later to the minute, unless another hour is named.
    if (!task.wish.times) task.wish.atMin = at.minute;
    return;
  }
  if (by.sooner && !task.wish.days) {
    // "Anything sooner?": any day until then, the soonest first.
    task.wish.days = { ranges: [{ to: at.day - 1 }], soonest: true };
    return;
  }
  task.wish.days ??= { ranges: [{ from: at.day, to: at.day }] };
  if (by.min > 0) task.wish.atMin = at.minute + by.sign * by.min;
  else {
    const grid = t.house.handbook.rules.gridMin;
    const edge = at.minute + by.sign * grid;
    const clock = { hour: Math.floor(edge / 60), minute: edge % 60, certain: true };
    task.wish.times = [
      by.sign > 0
        ? { kind: "time", value: { kind: "from", at: clock }, rule: "shift/later", start: 0, end: 0 }
        : { kind: "time", value: { kind: "until", at: clock, is: "start" }, rule: "shift/earlier", start: 0, end: 0 },
    ];
  }
}

export function moveIt(t: Turn, task: MoveTask): void {
  const a = task.appointment;
  if (!a || !task.hold) return;
  t.effect({ kind: "move", appointment: a.id, hold: task.hold.id, offer: task.hold.offer, feeMinor: lateFee(t, a).feeMinor });
}

export function nextCancel(t: Turn, task: CancelTask): void {
  if (identify(t, task) !== "known") {
    if (t.state.task === null) finish(t);
    return;
  }
  const all = task.all === true && task.appointment === undefined;
  const a = settle(t, task);
  if (!a) return;
  t.state.topic = a.service;
  const after = t.state.later.flatMap((l) => (all && l.errand === "cancel" && l.appointment ? [l.appointment] : [])).reverse();
  // Of several that are called off at once, all are told of first; more than three are too many for the ear.
  if (after.length > 0 && after.length < 3)
    t.say("cancel/go-ahead-several", {
      list: joinVals(
        [a, ...after].map((x) => apptVal(t, x)),
        "and",
      ),
      time: val(whenText(t.house, a.startMin), calendarSource),
      fee: feeVal(t, a),
    });
  else t.say("cancel/go-ahead", { old: apptVal(t, a), fee: feeVal(t, a) });
  t.expect("go-ahead", yesNoChoices());
}

export function cancelIt(t: Turn, task: CancelTask): void {
  const a = task.appointment;
  if (a) t.effect({ kind: "cancel", appointment: a.id, feeMinor: lateFee(t, a).feeMinor });
}

/** Tells when visits of theirs of another service are than the one that is being worked on; false where none is meant. */
export function tellsOfAnother(t: Turn, own: AppointmentView, reading: Reading): boolean {
  const named = ofKind(reading.found, "service").flatMap((f) => f.value);
  if (named.length === 0 || named.includes(own.service)) return false;
  const list = t.state.appointments.filter((a) => named.includes(a.service));
  if (list.length === 0) return false;
  sayMine(t, list);
  t.outcome("answered");
  return true;
}

const sayMine = (t: Turn, list: readonly AppointmentView[]): void =>
  t.say("mine/list", {
    list: joinVals(
      list.map((a) => apptVal(t, a)),
      "and",
    ),
  });

export function nextMine(t: Turn, task: MineTask): void {
  if (identify(t, task) !== "known") {
    if (t.state.task === null) finish(t);
    return;
  }
  const all = t.state.appointments;
  const found = fitting(t, all, task.old);
  const list = found.length > 0 ? found : all;
  const [only] = found;
  if (only && found.length === 1) {
    t.state.toldOf = only.id;
    // "And how long will it take": of the visit that was told.
    t.state.topic = only.service;
  }
  if (list.length === 0) t.say("find/none-coming");
  else sayMine(t, list);
  t.outcome("answered");
  t.state.task = null;
  finish(t);
}

/** "And who is it with?", right after an appointment was told of: whom that one is with, and not who does such visits. */
export function tellsWithWhom(t: Turn, text: string): boolean {
  const told = t.state.appointments.find((a) => a.id === t.state.toldOf);
  if (t.state.task || !told || !WITH_WHOM_IS_IT.test(text)) return false;
  t.say("mine/list", { list: apptVal(t, told) });
  t.rule("mine/with-whom");
  t.outcome("answered");
  return true;
}

/** "And the other one?", after one appointment was told of: those that are coming besides; false where there are none, or nothing was told. */
export function tellsOthers(t: Turn, text: string): boolean {
  const { toldOf, appointments } = t.state;
  const rest = appointments.filter((a) => a.id !== toldOf);
  if (t.state.task || toldOf === undefined || rest.length === appointments.length || rest.length === 0 || !THE_OTHERS.test(text)) return false;
  t.say("mine/list", {
    list: joinVals(
      rest.map((a) => apptVal(t, a)),
      "and",
    ),
  });
  if (rest.length === 1) t.state.toldOf = (rest[0] as AppointmentView).id;
  t.rule("mine/the-others");
  t.outcome("answered");
  return true;
}
