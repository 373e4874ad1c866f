import { ONE_MORE } from "../../language/packs/en/company.ts";
import { THEIR_DETAILS } from "../../language/packs/en/doing.ts";
import { lengthTold } from "../../knowledge/lengths.ts";
import type { ReadContext } from "../../language/context.ts";
import { ofKind, peopleIn, type FoundOf } from "../../language/found.ts";
import type { Reading } from "../../language/read.ts";
import { lengthOf } from "../../language/slots.ts";
import { STRAIGHT_AFTER, THE_NEXT_CLASS } from "../../language/packs/en/talk.ts";
import type { BookTask } from "../state.ts";
import type { Turn } from "../turn.ts";
import { MOST_OF_A_LENGTH, ofLength } from "./oflength.ts";
import { forAChild } from "./forachild.ts";
import { firstOfThem } from "./regular.ts";
import { setService, whichService, type Applying } from "./whichservice.ts";
import { OF_ANOTHER } from "./who.ts";
import { applyWish, lengthChange } from "./wished.ts";

/** Puts what was said of the visit into a booking; true when the wish changed, so that what was offered no longer stands. */
export function applyToBook(t: Turn, task: BookTask, said: Reading, context: ReadContext): boolean {
  const reading = firstOfThem(t, said, context);
  const a: Applying = { t, task, reading, changed: false };
  const open = task.service ? undefined : JSON.stringify(task.among);
  whichService(a);
  forAChild(a);
  howLong(a, context);
  withWhom(a);
  forWhom(a);
  // What is settled for one of several visits that were wished for together is settled for the others.
  if (task.service && open !== undefined)
    for (const x of t.state.later)
      if (x.errand === "book" && !x.service && JSON.stringify(x.among) === open) {
        x.service = task.service;
        delete x.among;
        delete x.maybe;
      }
  const wished = applyWish(t, task, reading, context);
  // "Put us down for the next one", of a class: the first that there is.
  const { days, times, ask } = task.wish;
  if (!days && !times && !ask && !task.hold && t.house.services.get(task.service ?? "")?.group && THE_NEXT_CLASS.test(reading.said)) {
    task.wish.days = { ranges: [], soonest: true };
    return true;
  }
  return wished || a.changed;
}

function howLong(a: Applying, context: ReadContext): void {
  const { t, task, reading } = a;
  const pick = ofKind(reading.found, "choice").at(-1)?.value;
  const length = ofKind(reading.found, "length").at(-1);
  const by = lengthChange(reading);
  const told = length ? null : toldLength(t, task, reading);
  if (by !== null && task.lengthMin !== undefined) {
    task.saidLength = task.lengthMin + by;
    task.lengthMin = task.saidLength;
    a.changed = true;
  } else if (length) {
    const minutes = lengthOf(context, task.service, length.value);
    if (minutes !== null ? minutes !== task.lengthMin : true) a.changed = true;
    task.saidLength = length.value;
    // Of several services in question, the one that has such a length.
    const fit = task.service ? [] : (task.among ?? []).filter((s) => t.house.services.get(s)?.variants.some((v) => v.lengthMin === length.value));
    if (fit.length === 1) {
      setService(a, fit[0] as string);
      task.lengthMin = length.value as number;
    }
    if (minutes !== null) task.lengthMin = minutes;
    // "Two hours with Rex": the services that come in such a length.
    if (!task.service && !task.among && ofKind(reading.found, "service").length === 0 && typeof length.value === "number" && t.state.expects !== "length")
      amongByLength(t, task, length.value, reading);
  } else if (told !== null) {
    if (told !== task.lengthMin) a.changed = true;
    task.lengthMin = told;
    task.saidLength = told;
    t.rule("length/by-its-description");
  } else if (t.state.expects === "length" && pick && task.service) {
    const own = t.house.services.get(task.service)?.variants.map((v) => v.lengthMin) ?? [];
    const i = { first: 0, second: 1, third: 2, last: own.length - 1, later: own.length - 1, earlier: 0, any: 0, none: -1 }[pick];
    const minutes = own[i];
    if (minutes !== undefined) {
      task.lengthMin = minutes;
      task.saidLength = minutes;
    }
  }
}

function withWhom(a: Applying): void {
  const { task, reading } = a;
  const people = ofKind(reading.found, "staff");
  // "Nell's number" is no wish for Nell.
  const owned = (f: FoundOf<"staff">): boolean => /['’]s$/.test(reading.text.slice(f.start, f.end)) && THEIR_DETAILS.test(reading.text.slice(f.end));
  const wished = people.filter((p) => p.value !== "any" && !p.not && !owned(p));
  const named = wished.length > 0 ? { value: [...new Set(wished.flatMap((p) => (p.value === "any" ? [] : p.value)))] } : undefined;
  const not = people.flatMap((p) => (p.not && p.value !== "any" ? p.value : []));
  if (not.length > 0) {
    task.notStaff = not;
    a.changed = true;
  }
  if (named) {
    // Whoever is named again, where another was taken for want of an hour of theirs, is wished for still.
    const taken = task.hold?.offer.staff;
    if (JSON.stringify(task.staff) !== JSON.stringify(named.value) || (taken !== undefined && !named.value.includes(taken))) a.changed = true;
    task.staff = named.value;
  } else if (people.some((p) => p.value === "any")) {
    if (task.staff && task.staff !== "any") a.changed = true;
    task.staff = "any";
    delete task.gender;
  }
  const gender = ofKind(reading.found, "gender").at(-1);
  if (gender) {
    if (task.gender !== gender.value) a.changed = true;
    task.gender = gender.value;
    // "The lady", of those who were meant by a word for several: those of them; where none is, whoever is.
    if (!named && !reading.question && Array.isArray(task.staff)) {
      const fits = task.staff.filter((id) => a.t.house.staff.get(id)?.gender === gender.value);
      if (fits.length > 0) task.staff = fits;
      else delete task.staff;
    }
  }
}

/** How many there are, and for whom it is. */
function forWhom(a: Applying): void {
  const { t, task, reading } = a;
  const places = ofKind(reading.found, "places").at(-1);
  if (places) {
    delete task.needPlaces;
    const many = places.rule === ONE_MORE ? (task.places ?? 1) + 1 : places.value;
    if (task.places !== many && task.hold) a.changed = true;
    task.places = many;
    if (STRAIGHT_AFTER.test(reading.said)) task.inARow = true;
    if (places.rule === "places/visits") task.sessions = true;
    else delete task.sessions;
  }
  const whom = ofKind(reading.found, "for-whom").at(-1);
  if (whom) task.forWhom = whom.value;
  // "She's Karen Lyle": the name of whom it is for.
  const other = ofKind(reading.found, "name").findLast((f) => f.rule === OF_ANOTHER);
  if (other && task.forWhom) task.visitor = other.value;
  // "Three sessions" – "Thursdays at three": of each of them.
  if (task.sessions) for (const x of t.state.later) if (x.errand === "book" && x.afterLast && x.service === task.service) x.wish = structuredClone(task.wish);
}

/** "Two hours with Rex": the services that come in such a length, where they are few. */
function amongByLength(t: Turn, task: BookTask, minutes: number, reading: Reading): void {
  const who = peopleIn(reading.found);
  const long = ofLength(t, minutes, who);
  if (long.length === 0 || long.length > MOST_OF_A_LENGTH) return;
  task.among = long;
  if (long.length === 1) task.maybe = true;
  t.rule("service/by-length");
}

/** The length that the service's description ties to what was said, where the length is still open. */
function toldLength(t: Turn, task: BookTask, reading: Reading): number | null {
  const service = task.service && task.saidLength === undefined ? t.house.services.get(task.service) : undefined;
  return service ? lengthTold(service, reading.said) : null;
}
