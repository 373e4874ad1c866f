import { A_CHILD } from "../../language/packs/en/doing.ts";
import type { Question, Service } from "../../house/schema.ts";
import { lengthText, phoneText, calledText, serviceText, whenText } from "../format.ts";
import { calendarSource, ruleSource, saidSource, serviceSource, staffSource } from "../sources.ts";
import type { BookTask, Source } from "../state.ts";
import { joinVals, val, type Turn } from "../turn.ts";
import { FOR_SEVERAL } from "../../language/packs/en/words.ts";
import { weekdayOf } from "../../time/days.ts";
import { clientVal, identify, lookUp, nameBack, yesNoChoices } from "./identity.ts";
import { propose, whenVal } from "./offering.ts";
import { askLength } from "./lengths.ts";
import { priceVal } from "./prices.ts";
import { askQuestion } from "./asking.ts";
import { newBook } from "../tasks.ts";
import { askService } from "./askservice.ts";
import { oneOrNone } from "./services.ts";
import { notForThem } from "./whom.ts";
import { theirOwn } from "./wished.ts";

/** The people who may do it, by name, by gender, or all. */
export function peopleFor(t: Turn, task: BookTask): string[] | undefined {
  if (task.staff && task.staff !== "any") return task.staff;
  if (task.notStaff && task.service) {
    const list = (t.house.services.get(task.service)?.staff ?? []).filter((id) => !task.notStaff?.includes(id));
    if (list.length > 0) return list;
  }
  if (task.gender && task.service) {
    const list = (t.house.services.get(task.service)?.staff ?? []).filter((id) => t.house.staff.get(id)?.gender === task.gender);
    if (list.length > 0) return list;
  }
  return undefined;
}

/** Takes booking one step on: asks the next thing that is not known, or proposes, or asks for the go-ahead. */
export function nextBook(t: Turn, task: BookTask): void {
  const { house, state } = t;
  if (task.same && sameAgain(t, task)) return;
  if ((task.sameTime || task.sameDay) && (task.service || state.left !== undefined)) {
    // "On the 11th too, at the same time", "on the same day": that of what was given up just before, or of what they have.
    if (state.left === undefined && state.client.match === undefined && lookUp(t)) return;
    const as = state.left ?? theirOwn(t, task.service)?.startMin ?? (state.last && state.last.service === task.service ? state.last.startMin : undefined);
    const at = as === undefined ? undefined : house.zone.toLocal(as);
    if (task.sameTime) delete task.wish.times;
    if (at) task.wish = { ...task.wish, days: task.wish.days ?? { ranges: [{ from: at.day, to: at.day }] }, ...(task.sameTime ? { atMin: at.minute } : {}) };
    delete task.sameTime;
    delete task.sameDay;
  }
  if (task.afterOwn !== undefined && task.service) {
    // "A week after the one I have": who asks must be known first.
    if (identify(t, task) !== "known") return;
    const own = theirOwn(t, task.service);
    const day = own ? house.zone.toLocal(own.startMin).day + task.afterOwn : undefined;
    if (day !== undefined) task.wish.days = { ranges: [{ from: day, to: day }] };
    delete task.afterOwn;
  }
  const before = state.did && state.did.did !== "cancelled" ? state.did.of : state.last;
  if (task.rightAfter && before) {
    // The one before it has been booked or moved by now.
    delete task.rightAfter;
    const end = house.zone.toLocal(before.endMin);
    const grid = house.handbook.rules.gridMin;
    task.wish = { days: { ranges: [{ from: end.day, to: end.day }] }, atMin: Math.ceil(end.minute / grid) * grid };
  }
  if (task.afterLast && state.last) {
    delete task.afterLast;
    const { day } = house.zone.toLocal(state.last.startMin);
    const { days } = task.wish;
    // "Mondays at two": the next of them; where no such days were said, the day is asked for.
    const next = days?.weekdays ? [1, 2, 3, 4, 5, 6, 7].map((n) => day + n).find((d) => days.weekdays?.includes(weekdayOf(d))) : undefined;
    if (next !== undefined) task.wish.days = { ranges: [{ from: next, to: next }] };
    else delete task.wish.days;
    if (!task.wish.days) delete task.wish.times;
  }
  const service = task.service ? house.services.get(task.service) : undefined;
  if (!service) {
    if (askService(t, task)) nextBook(t, task);
    return;
  }
  eachOfThem(t, task, service);
  state.topic = service.id;
  if (!settleLength(t, task, service)) return;
  if (notAssessed(t, task, service)) return;
  const most = service.group?.perBooking;
  if (most !== undefined && (task.places ?? 1) > most) {
    delete task.places;
    task.needPlaces = true;
  }
  if (most !== undefined && task.needPlaces) {
    const limit = val(String(most), serviceSource(house, service.id));
    task.crowded = (task.crowded ?? 0) + 1;
    if (task.crowded > 2) {
      t.say("book/too-many-still", { most: limit });
      state.task = { errand: "message", offered: `More than ${most} places in ${serviceText(house, service.id)} are wished for.` };
      t.expect("message", yesNoChoices());
      return;
    }
    t.say("book/too-many-places", { most: limit });
    t.expect("slot");
    return;
  }
  if (!task.hold) {
    const wished = task.wish.days || task.wish.times || task.wish.ask;
    if (!wished) {
      t.say("book/ask-day");
      t.expect("day");
      return;
    }
    onlyThem(t, task, service);
    propose(t, task, { service: service.id, lengthMin: task.lengthMin as number, places: task.places ?? 1, staff: peopleFor(t, task) });
    return;
  }
  const c = state.client;
  const time = whenVal(t, task.hold.offer.startMin);
  if (task.forWhom && !task.visitor) {
    t.say("book/ask-visitor", { time });
    t.expect("name");
    return;
  }
  if (!c.name) {
    if (task.visitor) c.name = task.visitor;
    else {
      t.say("book/ask-name", { time });
      t.expect("name");
      return;
    }
  }
  if (!c.phone && !c.email) {
    t.say(c.noPhone ? "book/ask-email" : "book/ask-phone");
    t.expect(c.noPhone ? "email" : "phone");
    return;
  }
  if (lookUp(t)) return;
  if (nameBack(t)) return;
  if (notAssessed(t, task, service) || notForThem(t, task, service)) return;
  const open = openQuestions(t, task, service);
  if (c.match !== "both" && !c.confirmed && open.length > 0) {
    if (c.phone) t.say("check/phone", { phone: val(phoneText(c.phone, t.house.handbook.country), saidSource) });
    else t.say("check/email", { email: val(c.email ?? "", saidSource) });
    t.expect(c.phone ? "phone-check" : "email-check", yesNoChoices());
    return;
  }
  const question = open[0];
  if (question) {
    askQuestion(t, task, question, open);
    return;
  }
  goAhead(t, task, service);
}

/** Where nobody but those who are not wanted does it, that is said once, and what they have is offered all the same. */
function onlyThem(t: Turn, task: BookTask, service: Service): void {
  const others = (id: string): boolean => {
    const own = t.house.staff.get(id)?.gender;
    return own !== undefined && own !== task.gender;
  };
  // "A man, if possible", where only women do it.
  const gendered = task.gender !== undefined && service.staff.every(others);
  if (gendered) delete task.gender;
  else if (!task.notStaff || service.staff.some((id) => !task.notStaff?.includes(id))) return;
  delete task.notStaff;
  t.say("book/only-them", {
    service: val(serviceText(t.house, service.id), serviceSource(t.house, service.id)),
    staff: joinVals(
      service.staff.map((id) => val(calledText(t.house, id), staffSource(t.house, id))),
      "and",
    ),
  });
}

/** As many visits are booked one after the other at one wish. */
const MOST_VISITS = 4;

/** Two who want the same of what one person gets at a time: each has a visit, booked one after the other. */
function eachOfThem(t: Turn, task: BookTask, service: Service): void {
  const many = task.places ?? 1;
  if (service.group || many < 2 || task.hold) return;
  delete task.places;
  // Said anew, how many they are counts instead of what was said before.
  t.state.later = t.state.later.filter(
    (x) => !(x.errand === "book" && x.beside && !x.setAside && x.service === service.id && !x.visitor && !x.forWhom && !x.hold),
  );
  // What is for two or more at once is one visit: "couples counselling for me and my husband".
  if ([service.name, ...service.also, service.about].some((text) => FOR_SEVERAL.test(text))) return;
  // More than that are no series to be booked in one go: one of them is, and each of the others may be asked for.
  if (many > MOST_VISITS) return t.say("book/one-at-first");
  // "At nine and at half past ten": an hour for each.
  const hours = (task.wish.times ?? []).filter((x) => x.value.kind === "at");
  const each = hours.length === many && hours.length === task.wish.times?.length;
  for (let i = 1; i < many; i++) {
    const other: BookTask = { ...newBook(), service: service.id, wish: { ...task.wish }, beside: true };
    if (task.saidLength !== undefined) other.saidLength = task.saidLength;
    if (task.lengthMin !== undefined) other.lengthMin = task.lengthMin;
    if (task.staff) other.staff = task.staff;
    // One person sees one after the other.
    const who = task.staff && task.staff !== "any" ? service.staff.filter((p) => task.staff?.includes(p)) : service.staff;
    const own = hours[i];
    // "Three sessions": each on a day of its own.
    if (task.sessions) Object.assign(other, { afterLast: true });
    else if (each && own) other.wish.times = [own];
    // Where no day is said yet, the first one's day is that of all.
    else if (who.length === 1 || task.inARow || !(task.wish.days ?? task.wish.ask)) Object.assign(other, { rightAfter: true, wish: {} });
    t.state.later.push(other);
  }
  const [first] = hours;
  if (each && first) task.wish = { ...task.wish, times: [first] };
  t.say("book/one-each");
}

/** "The same again": what it was is taken from the books, once it is known who asks; true while that is being asked. */
function sameAgain(t: Turn, task: BookTask): boolean {
  const last = t.state.last;
  const before = last ?? (task.service ? t.state.appointments.find((a) => a.service === task.service) : undefined) ?? t.state.appointments[0];
  if (!before && t.state.client.match === undefined) {
    if (identify(t, task) !== "known") return true;
    return sameAgain(t, task);
  }
  delete task.same;
  if (!before) return false;
  task.service ??= before.service;
  if (task.service === before.service && task.saidLength === undefined) {
    task.lengthMin = before.lengthMin;
    task.saidLength = before.lengthMin;
  }
  task.staff ??= [before.staff];
  const at = t.house.zone.toLocal(before.startMin);
  // "The same the week after" is at its hour too; "the same, tomorrow if you can" near it.
  const kind = task.sameInDays === undefined ? "around" : "at";
  if (task.sameInDays !== undefined) {
    task.wish.days = { ranges: [{ from: at.day + task.sameInDays, to: at.day + task.sameInDays }] };
    delete task.sameInDays;
  }
  if (task.sameByMin !== undefined) {
    task.wish = { ...task.wish, days: task.wish.days ?? { ranges: [{ from: at.day, to: at.day }] }, atMin: at.minute + task.sameByMin };
    delete task.wish.times;
    delete task.sameByMin;
    t.rule("book/same-again");
    return false;
  }
  const range = task.wish.days?.ranges[0];
  // "The same again next week": the same day of the week, and the hour if it is free.
  if (task.wish.days && range?.from !== undefined && range.to !== undefined && range.to > range.from && !task.wish.days.weekdays)
    task.wish.days.weekdays = [weekdayOf(at.day)];
  if (task.wish.days && !task.wish.times)
    task.wish.times = [
      {
        kind: "time",
        value: { kind, at: { hour: Math.floor(at.minute / 60), minute: at.minute % 60, certain: true } },
        rule: "same-again",
        start: 0,
        end: 0,
      },
    ];
  t.rule("book/same-again");
  return false;
}

/** True when the length is known; else it has been asked. */
function settleLength(t: Turn, task: BookTask, service: Service): boolean {
  const lengths = service.variants.map((v) => v.lengthMin);
  if (task.saidLength !== undefined) {
    task.lengthMin = task.saidLength === "long" ? Math.max(...lengths) : task.saidLength === "short" ? Math.min(...lengths) : task.saidLength;
  }
  if (task.lengthMin !== undefined && lengths.includes(task.lengthMin)) {
    // What comes after it for those who come along is as long, where nothing else was said.
    for (const x of t.state.later)
      if (x.errand === "book" && x.beside && x.service === service.id && x.saidLength === undefined) x.lengthMin ??= task.lengthMin;
    return true;
  }
  if (lengths.length === 1) {
    // "For an hour", of what comes in two: that it does is said before anything is offered, once.
    if (task.lengthMin !== undefined && typeof task.saidLength === "number" && !task.hold)
      t.say("ask/length", {
        service: val(serviceText(t.house, service.id), serviceSource(t.house, service.id)),
        list: val(lengthText(lengths[0] as number), serviceSource(t.house, service.id)),
      });
    task.lengthMin = lengths[0] as number;
    delete task.saidLength;
    return true;
  }
  const source = serviceSource(t.house, service.id);
  // A question that came between was answered first, and leaves nothing to the house.
  if (!t.spoke || t.state.repairs > 0) task.lengthAsked = (task.lengthAsked ?? 0) + 1;
  // Who has been asked twice and speaks of everything else leaves it to the house: what it names first.
  if ((task.lengthAsked ?? 0) > (t.state.repairs === 0 ? 2 : 3) && task.lengthMin === undefined) {
    task.lengthMin = lengths[0] as number;
    t.say("book/length-taken", { length: val(lengthText(task.lengthMin), source) });
    t.rule("length/left-to-the-house");
    return true;
  }
  askLength(t, service, task.lengthMin);
  delete task.lengthMin;
  delete task.saidLength;
  return false;
}

/** Whether the client may not have the service yet; then the one that comes first has been offered. */
function notAssessed(t: Turn, task: BookTask, service: Service): boolean {
  if (!service.after) return false;
  const c = t.state.client;
  const no = c.match === "both" ? c.card?.assessed === false : c.saysBefore === false;
  if (!no) return false;
  const after = service.after;
  task.barred = (task.barred ?? 0) + 1;
  if (task.barred > 2) {
    // Who insists may know more than the books do.
    const named = {
      service: val(serviceText(t.house, service.id), serviceSource(t.house, service.id)),
      after: val(`a ${serviceText(t.house, after)}`, serviceSource(t.house, after)),
    };
    t.say("book/not-assessed-still", named);
    t.state.task = { errand: "message", offered: `Wants ${serviceText(t.house, service.id)}; no ${serviceText(t.house, after)} is in the books.` };
    t.expect("message", yesNoChoices());
    return true;
  }
  t.say("book/not-assessed", {
    service: val(serviceText(t.house, service.id), serviceSource(t.house, service.id)),
    after: val(`a ${serviceText(t.house, after)}`, serviceSource(t.house, after)),
  });
  t.reasons.push({ what: "ruled-out", why: "not-assessed", about: service.name });
  if (task.hold) t.effect({ kind: "release", hold: task.hold.id });
  delete task.hold;
  delete task.service;
  delete task.lengthMin;
  delete task.saidLength;
  task.offered = [];
  task.among = [after];
  t.expect("service", oneOrNone(t.house.services.get(after)?.name ?? after));
  return true;
}

/** The house's questions that this client still has to be asked, in the handbook's order. */
export function openQuestions(t: Turn, task: BookTask, service: Service): Question[] {
  const c = t.state.client;
  const known = c.match === "both" && !c.fresh;
  const isNew = !known && c.saysBefore === false;
  const onCard = c.card?.answers ?? {};
  const extra = task.extra ?? [];
  // Where it is only for new or for returning clients, whether they have been here must be known.
  const whether =
    service.clients && !known && c.saysBefore === undefined ? t.house.handbook.questions.filter((q) => q.whom === "unknown").map((q) => q.key) : [];
  return [...new Set([...service.asks, ...whether, ...extra])]
    .map((key) => t.house.questions.get(key))
    .filter((q): q is Question => q !== undefined)
    .filter((q) => {
      if (q.key in t.state.answers || t.state.skipped?.includes(q.key)) return false;
      if (q.onlyThen && !extra.includes(q.key)) return false;
      // What the card knows is not asked again, unless the house wants it to be.
      if (q.key in onCard && !(q.again ?? q.whom === "everyone")) return false;
      if (q.whom === "everyone" || extra.includes(q.key)) return true;
      if (c.told?.includes(q.key)) return false;
      if (q.whom === "unknown") return !known && c.saysBefore === undefined;
      // Whether they are new is not known before it is asked: they count as open until then.
      return isNew || (!known && c.saysBefore === undefined);
    })
    .filter(() => task.service === service.id);
}

function goAhead(t: Turn, task: BookTask, service: Service): void {
  const { house } = t;
  const hold = task.hold;
  if (!hold) return;
  const o = hold.offer;
  const source: Source = serviceSource(house, service.id);
  const places = task.places ?? 1;
  const parent = house.handbook.rules.parentUnderAge;
  if (task.forWhom && parent !== undefined && A_CHILD.test(task.forWhom))
    t.say("book/parent", { age: val(String(parent), ruleSource("parentUnderAge", "Under age")) });
  const { ages } = service;
  if (ages) {
    const from = val(String(ages.from ?? ""), source);
    const to = val(String(ages.to ?? ""), source);
    if (ages.from !== undefined && ages.to !== undefined) t.say("book/ages-between", { from, to });
    else if (ages.from !== undefined) t.say("book/ages-from", { from });
    else if (ages.to !== undefined) t.say("book/ages-to", { to });
  }
  const values = {
    time: val(whenText(house, o.startMin), calendarSource),
    length: val(lengthText(o.lengthMin), source),
    service: val(serviceText(house, service.id), source),
    staff: val(calledText(house, o.staff), staffSource(house, o.staff)),
    price: priceVal(t, service.id, o.lengthMin, places).text,
    client: clientVal(t, task.visitor),
    places: val(places > 1 ? `, ${places} places` : "", saidSource),
  };
  // Whoever has such a visit coming may mean to move it: that there would be two is said before it is done.
  const { last } = t.state;
  const theirs = t.state.client.match === "both" ? t.state.appointments.filter((a) => a.startMin !== last?.startMin) : [];
  // So may who has just booked one and names that day again, without a word of another.
  const day = house.zone.toLocal(o.startMin).day;
  const again = last && !task.same && !task.rightAfter && !task.afterLast && house.zone.toLocal(last.startMin).day === day ? [last] : [];
  const other = task.visitor || task.forWhom || task.beside ? undefined : [...theirs, ...again].find((a) => a.service === service.id);
  if (other) t.say("book/besides", { service: val(serviceText(house, service.id), source), time: val(whenText(house, other.startMin), calendarSource) });
  t.say(service.group ? "book/go-ahead-class" : "book/go-ahead", values);
  t.expect("go-ahead", [
    { label: "Yes, book it", say: "Yes, book it" },
    { label: "Another time", say: "Another time" },
  ]);
}

/** Books what is held: the word "booked" waits for the answer. */
export function bookIt(t: Turn, task: BookTask): void {
  const c = t.state.client;
  const hold = task.hold;
  if (!hold || !c.name) return;
  c.confirmed = true;
  const asks = [...(t.house.services.get(hold.offer.service)?.asks ?? []), ...(task.extra ?? [])];
  const questionOf = (k: string): string => k.split(".")[0] ?? k;
  const own = Object.entries(t.state.answers).filter(([k]) => asks.includes(questionOf(k)) && !k.endsWith(".rest"));
  const tags = task.tags ? { tags: task.tags.join(", ") } : {};
  const answers = { ...Object.fromEntries(own), ...tags };
  const cardAnswers = { ...Object.fromEntries(own.filter(([k]) => t.house.questions.get(questionOf(k))?.keep !== "visit")), ...tags };
  t.effect({
    kind: "book",
    hold: hold.id,
    offer: hold.offer,
    places: task.places ?? 1,
    client: {
      ...(c.card ? { card: c.card.id } : {}),
      name: c.name,
      ...(c.phone ? { phone: c.phone } : {}),
      ...(c.email ? { email: c.email } : {}),
      ...(c.saysBefore === undefined ? {} : { saysBefore: c.saysBefore }),
    },
    ...(task.visitor ? { visitor: task.visitor } : {}),
    answers,
    cardAnswers,
  });
}
