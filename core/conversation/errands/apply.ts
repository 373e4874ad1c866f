import type { ReadContext } from "../../language/context.ts";
import { lengthTold } from "../../knowledge/lengths.ts";
import { likely } from "../../knowledge/likely.ts";
import { described } from "../../knowledge/match.ts";
import { contentOf } from "../../knowledge/search.ts";
import { complains } from "../../language/features.ts";
import { ofKind, peopleIn, type ChoiceValue, type FoundOf } from "../../language/found.ts";
import { rankOf } from "../../language/vectors.ts";
import { lengthOf, read, type Reading } from "../../language/read.ts";
import type { BookTask, CancelTask, MineTask, MoveTask, OldState, WishState } from "../state.ts";
import type { Turn } from "../turn.ts";
import { partsOf, weekdayOf, type DayNumber } from "../../time/days.ts";
import { addDays, dayWish, singleDay } from "../wish.ts";
import { theOneThatIs } from "./compare.ts";
import { MOST_OF_A_LENGTH, ofLength } from "./oflength.ts";
import { beyond } from "./services.ts";
import {
  AS_A_VERB,
  EITHER_OR,
  FOR_TWO,
  FOR_WHO_RETURNS,
  LIKE_WHAT,
  OF_ALL,
  SAME,
  SAW_OURS,
  SEVERAL_OF_US,
  SOMEBODY_ELSE,
  TO_COME_BACK,
  WHICH_TIMES,
} from "../../language/packs/en/talk.ts";

/** The rule by which somebody else's name is read. */
const OF_ANOTHER = "name/of-another";

/** Keeps who it is, whenever it was said. A corrected number or name is looked up anew. */
export function keepIdentity(t: Turn, reading: Reading): { name: boolean; contact: boolean } {
  const c = t.state.client;
  const task = t.state.task;
  const own = ofKind(reading.found, "name").at(-1);
  // Before it is known for whom a visit is, another's name is nobody's own.
  const given = own?.rule === OF_ANOTHER && t.state.expects !== "name" && task?.errand !== "book" ? undefined : own?.value;
  // "Delaney. 902 555 0139", after "this is Ruth" and the question for a number: the rest of the name.
  const rest =
    own?.rule === "name/beside-number" && t.state.expects === "phone" && c.name && ![c.name, own.value].some((n) => n.includes(" ")) && c.name !== own.value;
  const name = rest ? `${c.name ?? ""} ${own.value}` : given;
  const phone = ofKind(reading.found, "phone").at(-1)?.value;
  const email = ofKind(reading.found, "email").at(-1)?.value;
  const end = ofKind(reading.found, "phone-end").at(-1)?.value;
  const kept = { name: false, contact: false };
  const anew = (): void => {
    c.confirmed = false;
    delete c.match;
    delete c.card;
  };
  if (name) {
    kept.name = true;
    if (task?.errand === "book" && task.forWhom && !task.visitor && (t.state.expects === "name" || c.name)) task.visitor = name;
    else if (c.name !== name) {
      const confirmed = c.confirmed;
      c.name = name;
      anew();
      c.confirmed = confirmed;
    }
  }
  if (phone) delete c.phonePart;
  if (phone && phone !== c.phone) {
    c.phone = phone;
    kept.contact = true;
    anew();
  } else if (phone) kept.contact = true;
  if (!phone && end && c.phone) {
    c.phone = c.phone.slice(0, -end.length) + end;
    kept.contact = true;
    anew();
  }
  if (email && email !== c.email) {
    c.email = email;
    kept.contact = true;
    if (!c.phone) anew();
  }
  if (
    !phone &&
    /\b(?:don't have|do not have|haven't got|no|without) an?y? ?(?:tele)?(?:phone|number|mobile|cell)\b|\bno (?:tele)?(?:phone|mobile|cell)\b/i.test(
      reading.text,
    )
  ) {
    c.noPhone = true;
    kept.contact = true;
  }
  const before = saysBefore(reading.text) ?? (SAW_OURS.test(reading.masked) ? true : null);
  if (before !== null && c.saysBefore === undefined) c.saysBefore = before;
  return kept;
}

/** Whether a message says that the person has been here before; null where it does not. */
export function saysBefore(text: string): boolean | null {
  const s = text.toLowerCase().replace(/’/g, "'");
  if (
    /\b(?:first time|never been|haven't been|have not been|not been (?:here|before|there)|new (?:client|patient|customer|here|to you)|(?:i'm|i am|am) new)\b/.test(
      s,
    )
  )
    return false;
  if (
    /\b(?:(?:was|were|been|got) (?:already )?assessed|had (?:an?|the|my|his|her) (?:first visit|assessment)|i've been|i have been|(?<!\b(?:she|he|they|wife|husband)(?:'s| has|'ve| have) (?:already )?)been (?:here|there|to you|before)|returning|existing (?:client|patient)|a regular|come regularly|i was (?:there|in) (?:last|before)|last time i|i was (?:there|here|in|with you|seen) (?:on|yesterday|this|a (?:week|month|year|while)|in|just)|(?:said|told me|asked me|wants? me|want me|was told|should) to come back|(?:saw|seen) (?:him|her|them|you) (?:last|on|in|before|already|(?:\w+ ){1,3}ago)|same as last time|i'm a (?:client|patient))\b/.test(
      s,
    )
  )
    return true;
  return null;
}

/** "The longer one", "the cheapest you have": what is said to be chosen by. */
export function moreOf(text: string): "long" | "short" | "cheap" | "dear" | null {
  const m = /\bthe (?:(long)|(short|quick|fast)|(cheap)|(dear|pric))(?:er|est|ier|iest)\b|\bthe (?:(less|least)|(more|most)) expensive\b/i.exec(text);
  if (!m) return null;
  return m[1] ? "long" : m[2] ? "short" : (m[3] ?? m[5]) ? "cheap" : "dear";
}

/** "A session with Nomvula": those of one person's services that are called by the word. */
function kindWith(t: Turn, reading: Reading): string[] {
  const people = [...new Set(peopleIn(reading.found))];
  const kind =
    /(?<!\b(?:had|was|in|after|from|during|got) )\b(?:an?|another|my next|one more|the) (session|lesson|consultation|treatment|class|talk|course|test|fitting|check|clean|cut)\b(?: \w+){0,2} with\b/i
      .exec(reading.said)?.[1]
      ?.toLowerCase();
  if (people.length !== 1 || kind === undefined) return [];
  const theirs = t.house.handbook.services.filter((s) => s.staff.includes(people[0] as string));
  const called = (s: (typeof theirs)[number]): boolean => [s.name, ...s.also].some((name) => name.toLowerCase().split(/[ -]/).at(-1) === kind);
  return theirs.filter(called).map((s) => s.id);
}

/** Words for a visit, which tell nothing of what it is for. */
const VISITS = /\b(?:appointment|visit|booking|slot|session)s?\b/gi;

/** So many letters of what was told are kept. */
export const LONGEST_TOLD = 400;

/** Words as frequent as these are said of everything: "school", "baby", "sleep". */
const EVERYDAY = 2500;

/** More services are too many to choose from. */
const MOST_NAMED = 3;

/** A word as frequent as this, where somebody does it, tells of no service. */
const SAID_OF_ALL = 1000;

/** Whether a word that tells of a service stands among words that speak of something else. */
function inPassing(t: Turn, reading: Reading, id: string): boolean {
  const only = ofKind(reading.found, "service").find((f) => f.value.length === 1 && f.value[0] === id);
  const word = only ? reading.text.slice(only.start, only.end).toLowerCase() : "";
  const before = reading.text.slice(0, only?.start ?? 0);
  // "She's cutting school": an everyday word that no article makes a thing of the house's.
  if (only && rankOf(word) < EVERYDAY && /\w/.test(before) && !/\b(?:an?|the|your|this|that|some|for|of|book|another|more|new)\s$/i.test(before)) return true;
  return beyond(t, { ...reading, said: reading.masked.replace(/<\w+>/g, " ") }, [id]);
}

/** What was said without when, with whom, who and how many: what may tell of a need. */
export const ofTheNeed = (reading: Reading): string =>
  reading.found
    .filter((f) => !["service", "yes", "choice", "gender"].includes(f.kind))
    .reduce((text, f) => text.slice(0, f.start) + " ".repeat(f.end - f.start) + text.slice(f.end), reading.text)
    .replace(/\s+/g, " ")
    .trim();

/** "The gentle one", "the firmer kind": which of several is meant, by what it is like. */
const likeWhat = (text: string): string => LIKE_WHAT.exec(text)?.[1] ?? "";

/** Puts what was said of the visit into a booking; true when the wish changed, so that what was offered no longer stands. */
export function applyToBook(t: Turn, task: BookTask, reading: Reading, context: ReadContext): boolean {
  let changed = false;
  const open = task.service ? undefined : JSON.stringify(task.among);
  const spoken = ofKind(reading.found, "service");
  const single = spoken.filter((f) => f.value.length === 1).at(-1);
  const several = spoken.find((f) => f.value.length > 1);
  const setService = (id: string): void => {
    if (task.service === id) return;
    task.service = id;
    delete task.serviceAsked;
    if (task.same && t.state.client.match === undefined) delete task.same;
    delete task.among;
    if (ofKind(reading.found, "length").length === 0 && task.saidLength === undefined) delete task.lengthMin;
    changed = true;
  };
  const pick = ofKind(reading.found, "choice").at(-1)?.value;
  const passing =
    single?.rule === "service/telling-word" && !task.service && !task.among && t.state.expects !== "service" ? (single.value[0] as string) : undefined;
  const ofTheirs = spoken.length === 0 && !task.service && !task.among ? kindWith(t, reading) : [];
  if (ofTheirs.length > 0) {
    if (ofTheirs.length === 1) setService(ofTheirs[0] as string);
    else task.among = ofTheirs;
    changed = true;
  }
  // "My husband and I", "the two of us": what is for two, where one service alone is.
  if (spoken.length === 0 && !task.service && !task.among && SEVERAL_OF_US.test(reading.said)) {
    const shared = t.house.handbook.services.filter((s) => !s.group && [s.name, ...s.also, s.about].some((text) => FOR_TWO.test(text)));
    const [only, another] = shared;
    if (only && !another) {
      task.among = [only.id];
      task.maybe = true;
      changed = true;
    }
  }
  if (passing !== undefined && inPassing(t, reading, passing)) {
    // "My dog is itching, could Fergus see him": a word that a service has too is no wish for it where somebody else is named, and else is asked about.
    const theirs = peopleIn(reading.found);
    if (theirs.length === 0 || theirs.some((p) => t.house.services.get(passing)?.staff.includes(p))) {
      // "She'd like to try riding, she's never sat on a horse": what all of it speaks for, rather than what one word is of.
      const told = likely(t.house, ofTheNeed(reading));
      const [best, other] = told;
      // Where it speaks for something else as well, that is named too.
      const word = reading.text.slice(single?.start, single?.end).toLowerCase();
      if (best === undefined && rankOf(word) < SAID_OF_ALL && AS_A_VERB.test(reading.text.slice(0, single?.start))) {
        // "When can you look at it" is no "look before you buy".
        delete task.among;
        task.told = `${task.told ?? ""} ${ofTheNeed(reading)}`.trim();
        return applyWish(t, task, reading, context) || changed;
      }
      const ownName = contentOf(t.house.services.get(passing)?.name ?? "").some((w) => contentOf(word).includes(w));
      if (best !== undefined && other === undefined) task.among = [best];
      else task.among = !ownName && told.includes(passing) ? [...new Set([passing, ...told])] : [passing];
      task.maybe = task.among.length === 1;
      changed = true;
    }
  } else if (single) setService(single.value[0] as string);
  else if (several) {
    const kinds = task.among ? several.value.filter((s) => task.among?.includes(s)) : several.value;
    // "A massage with Nell, the gentle one": what is said beside the word that several are called by tells which.
    const meant = kinds.length > 1 ? described(t.house, kinds, likeWhat(reading.text)) : null;
    // "My gran has this photo, it's ripped": of many that one word stands for, those that the rest of it speaks for.
    const told = meant === null && kinds.length > MOST_NAMED ? likely(t.house, ofTheNeed(reading)).filter((id) => kinds.includes(id)) : [];
    const narrowed = meant !== null ? [meant] : told.length > 1 ? told : kinds;
    if (told.length === 1 && !task.service) Object.assign(task, { among: told, maybe: true });
    else if (narrowed.length === 1) setService(narrowed[0] as string);
    else if (!task.service || (!several.value.includes(task.service) && narrowed.length > 0)) {
      delete task.service;
      task.among = narrowed.length > 0 ? narrowed : several.value;
      changed = true;
    }
  } else if (t.state.expects === "service" && task.among && !pick && !reading.question && described(t.house, task.among, reading.text)) {
    setService(described(t.house, task.among, reading.text) as string);
  } else if (t.state.expects === "service" && pick) {
    // "The first one" is the first of those named, or of the list that was shown.
    const shown = task.among ?? t.house.handbook.services.map((s) => s.id);
    const at = { first: 0, second: 1, third: 2, last: shown.length - 1, later: shown.length - 1, earlier: 0, any: 0, none: -1 }[pick];
    const id = shown[at];
    if (id) setService(id);
  } else if (t.state.expects === "service" && task.among?.length === 1 && ofKind(reading.found, "yes")[0]?.value) setService(task.among[0] as string);
  if (t.state.expects === "service" && !task.service && !task.among && spoken.length === 0 && SAME.test(reading.said)) {
    task.same = true;
    changed = true;
  }
  // Asked which service, they asked of one, and go on: "fine, how soon would that be".
  const said = ofKind(reading.found, "yes")[0]?.value;
  const goesOn = said === true || pick !== undefined || reading.found.some((f) => ["day", "time", "staff", "places", "for-whom"].includes(f.kind));
  if (t.state.expects === "service" && task.askedOf !== undefined && !task.service) {
    if (spoken.length === 0 && said !== false && goesOn) setService(task.askedOf);
    delete task.askedOf;
  }
  // "Would that be for a suit fitting?" – "tomorrow at noon": who goes on with when means it.
  const [suggested] = task.suggested && task.among?.length === 1 ? task.among : [];
  const asksWhen = WHICH_TIMES.test(reading.said) || reading.errands.some((e) => e.errand === "book" || e.errand === "ask-availability");
  // Who they are is told by who wants it, too.
  const who = reading.found.some((f) => f.kind === "name" || f.kind === "phone" || f.kind === "email");
  if (t.state.expects === "service" && suggested !== undefined && !task.service && spoken.length === 0 && said !== false && (goesOn || asksWhen || who))
    setService(suggested);
  // "The longer one", of services that were spoken of; "the cheapest you have", of all.
  const more = task.service ? null : moreOf(reading.said);
  if (more && task.among && task.among.length > 1) {
    const id = theOneThatIs(
      task.among.flatMap((s) => t.house.services.get(s) ?? []),
      more,
    );
    if (id) {
      setService(id);
      if (task.saidLength === "long" || task.saidLength === "short") delete task.saidLength;
    }
  } else if (more && !task.among && !task.service && spoken.length === 0 && (OF_ALL.test(reading.said) || more === "cheap" || more === "dear")) {
    const id = theOneThatIs(t.house.handbook.services, more);
    if (id) Object.assign(task, { among: [id], maybe: true });
  }
  // Of a first visit and a return visit, whoever says that they are new means the first.
  if (t.state.expects === "service" && task.asksBefore && said !== undefined) t.state.client.saysBefore ??= said;
  const before = t.state.client.saysBefore;
  if (task.among && before !== undefined) {
    const forReturning = (id: string): boolean => {
      const s = t.house.services.get(id);
      return s !== undefined && (s.after !== undefined || FOR_WHO_RETURNS.test(s.name));
    };
    const fit = task.among.filter((id) => forReturning(id) === before);
    if (fit.length === 1 && fit.length < task.among.length) setService(fit[0] as string);
  }
  if (!task.service && !task.among) {
    const more = ofTheNeed(reading);
    if (contentOf(more.replace(VISITS, " ")).length > 0) task.told = `${task.told ?? ""} ${more}`.trim().slice(-LONGEST_TOLD);
  }
  // "You told me to come back": what the house has for that, where it is one thing.
  if (!task.service && !task.among && TO_COME_BACK.test(reading.said)) {
    const [back, another] = t.house.handbook.services.filter((s) => [s.name, ...s.also].some((name) => FOR_WHO_RETURNS.test(name)));
    if (back && !another) {
      task.among = [back.id];
      task.maybe = true;
      changed = true;
    }
  }
  if (
    !task.service &&
    !task.among &&
    (t.state.expects === "service" || t.state.expects === "errand" || t.state.expects === "anything") &&
    complains(reading.said)
  )
    task.complaint = true;
  const length = ofKind(reading.found, "length").at(-1);
  const by = lengthChange(reading);
  const told = length ? null : toldLength(t, task, reading);
  if (by !== null && task.lengthMin !== undefined) {
    task.saidLength = task.lengthMin + by;
    task.lengthMin = task.saidLength;
    changed = true;
  } else if (length) {
    const minutes = lengthOf(context, task.service, length.value);
    if (minutes !== null ? minutes !== task.lengthMin : true) changed = true;
    task.saidLength = length.value;
    // Of several services in question, the one that has such a length.
    const fit = task.service ? [] : (task.among ?? []).filter((s) => t.house.services.get(s)?.variants.some((v) => v.lengthMin === length.value));
    if (fit.length === 1) {
      setService(fit[0] as string);
      task.lengthMin = length.value as number;
    }
    if (minutes !== null) task.lengthMin = minutes;
    // "Two hours with Rex": the services that come in such a length.
    if (!task.service && !task.among && spoken.length === 0 && typeof length.value === "number" && t.state.expects !== "length")
      amongByLength(t, task, length.value, reading);
  } else if (told !== null) {
    if (told !== task.lengthMin) changed = true;
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
  const people = ofKind(reading.found, "staff");
  // "Nell's number" is no wish for Nell.
  const owned = (f: FoundOf<"staff">): boolean =>
    /['’]s$/.test(reading.text.slice(f.start, f.end)) &&
    /^ (?:number|phone|address|hours|days|schedule|name|email|home|cell|mobile)/i.test(reading.text.slice(f.end));
  const wished = people.filter((p) => p.value !== "any" && !p.not && !owned(p));
  const named = wished.length > 0 ? { value: [...new Set(wished.flatMap((p) => (p.value === "any" ? [] : p.value)))] } : undefined;
  const not = people.flatMap((p) => (p.not && p.value !== "any" ? p.value : []));
  if (not.length > 0) {
    task.notStaff = not;
    changed = true;
  }
  if (named) {
    if (JSON.stringify(task.staff) !== JSON.stringify(named.value)) changed = true;
    task.staff = named.value;
  } else if (people.some((p) => p.value === "any")) {
    if (task.staff && task.staff !== "any") changed = true;
    task.staff = "any";
    delete task.gender;
  }
  const gender = ofKind(reading.found, "gender").at(-1);
  if (gender) {
    if (task.gender !== gender.value) changed = true;
    task.gender = gender.value;
  }
  const places = ofKind(reading.found, "places").at(-1);
  if (places) {
    delete task.needPlaces;
    if (task.places !== places.value && task.hold) changed = true;
    task.places = places.value;
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
  // What is settled for one of several visits that were wished for together is settled for the others.
  if (task.service && open !== undefined)
    for (const x of t.state.later)
      if (x.errand === "book" && !x.service && JSON.stringify(x.among) === open) {
        x.service = task.service;
        delete x.among;
        delete x.maybe;
      }
  return applyWish(t, task, reading, context) || changed;
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

/** By how many minutes a visit is to be longer, or shorter where negative; null where a length is said as it is to be. */
function lengthChange(reading: Reading): number | null {
  const f = ofKind(reading.found, "length").at(-1);
  if (!f || typeof f.value !== "number") return null;
  return f.rule === "length/longer-by" ? f.value : f.rule === "length/shorter-by" ? -f.value : null;
}

/** Puts days and times of the wish into a task; true when they changed. */
export function applyWish(t: Turn, task: BookTask | MoveTask, reading: Reading, context: ReadContext): boolean {
  const from = referenceDay(t, task);
  // "Move the other one to the same day": that of what was done just before.
  const done = task.errand === "move" && task.old.other && t.state.did ? t.house.zone.toLocal(t.state.did.of.startMin).day : undefined;
  const days = ofKind(reading.found, "day")
    .filter((d) => d.part !== "old")
    .flatMap((d) => {
      if (d.value.kind === "relative" && done !== undefined) return settled(d, done);
      if (d.value.kind === "relative" && from === undefined && task.errand === "move")
        task.after = { byDays: d.value.byDays, ...(d.value.weekday === undefined ? {} : { weekday: d.value.weekday }) };
      return settled(d, from);
    });
  const times = ofKind(reading.found, "time").filter((d) => d.part !== "old");
  const shift = ofKind(reading.found, "shift").find((s) => s.value === "later" || s.value === "earlier");
  if (task.errand === "move" && shift && task.offered.length === 0 && times.every((x) => x.value.kind === "same")) {
    // "An hour later": measured from the appointment as it stands.
    const sooner =
      shift.byMin === undefined &&
      shift.value === "earlier" &&
      /\b(?:sooner|any earlier|an earlier (?:day|date|appointment|visit|slot|one))\b/i.test(reading.said);
    task.by = { min: shift.byMin ?? 0, sign: shift.value === "later" ? 1 : -1, ...(sooner ? { sooner } : {}) };
    if (times.length > 0) task.wish.times = times;
    if (days.length === 0) return true;
  }
  if (task.errand === "move") {
    const wished = ofKind(reading.found, "staff").findLast((p) => p.part === "new" && !p.not);
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
  if (task.errand === "book" && days.length === 0 && times.some((x) => x.value.kind === "same") && t.state.last === undefined) task.sameTime = true;
  if (times.length > 0) {
    // "Ten past eleven", once an hour of Wednesday is kept: of that day.
    const kept = task.hold ? t.house.zone.toLocal(task.hold.offer.startMin).day : undefined;
    if (kept !== undefined && days.length === 0 && ofTwo === undefined && singleDay(task.wish.days) !== kept) {
      task.wish.days = { ranges: [{ from: kept, to: kept }] };
      delete task.wish.ask;
    }
    task.wish.times = times;
    delete task.wish.atMin;
  }
  return days.length > 0 || ofTwo !== undefined || times.length > 0 || (task.errand === "move" && (task.after !== undefined || task.keepTime === true));
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
  return own ? t.house.zone.toLocal(own.startMin).day : undefined;
}

/** A day measured from another as the day that it is; nothing where there is none to measure from. */
export function settled(d: FoundOf<"day">, from: DayNumber | undefined): FoundOf<"day">[] {
  if (d.value.kind !== "relative") return [d];
  if (from === undefined) return [];
  const { byDays, weekday } = d.value;
  const ahead = weekday === undefined ? byDays : byDays > 0 ? ((weekday - weekdayOf(from) + 6) % 7) + 1 : -(((weekdayOf(from) - weekday + 6) % 7) + 1);
  return [{ ...d, value: { kind: "days", from: from + ahead, to: from + ahead } }];
}

/** Puts what was said of the existing appointment aside for finding it. */
export function applyOld(task: MoveTask | CancelTask | MineTask, reading: Reading, context: ReadContext, all: boolean): boolean {
  const old: OldState = task.old;
  const days = ofKind(reading.found, "day").filter((d) => !d.not && (d.part === "old" || all));
  const times = ofKind(reading.found, "time").filter((d) => d.part === "old" || all);
  let any = false;
  if (days.length > 0) {
    // Of an existing appointment a weekday is any coming one.
    const loose = days.map((d) => (d.rule === "day/weekday" && d.weekday ? { ...d, value: { kind: "weekdays" as const, weekdays: [d.weekday] } } : d));
    old.days = dayWish(loose, context).days;
    any = true;
  }
  if (times.length > 0) {
    old.times = times;
    any = true;
  }
  const named = ofKind(reading.found, "service");
  // "Cancel science, keep English".
  const kept = named.filter((s) => /\bkeep(?:ing)?(?: just| only)?(?: the| my| our)?\s+$/i.test(reading.said.slice(0, s.start)));
  // "I've got a facial and a peel, cancel the peel": what the verb is said of.
  const verb = task.errand === "cancel" ? /\b(?:cancel|drop|scrap|remove|delete|call off|take off|get rid of)\b/i.exec(reading.said) : null;
  const after = verb ? named.filter((s) => s.start > verb.index && !kept.includes(s)) : [];
  // A word that tells of one of them is heard by itself: "cancel the peel one".
  const heard =
    verb && after.length === 0 && named.length > 0 ? ofKind(read(reading.said.slice(verb.index), { ...context, errand: "cancel" }).found, "service") : [];
  const meant = [after, heard, named.filter((s) => !kept.includes(s))].find((list) => list.length > 0) ?? [];
  const services = meant.flatMap((s) => s.value);
  // "I only want to keep the facial": all but that.
  if (task.errand === "cancel" && kept.length > 0 && services.length === 0) {
    old.keep = kept.flatMap((s) => s.value);
    task.all = true;
    any = true;
  }
  if (services.length > 0) {
    if (meant.every((s) => s.rule === "service/telling-word")) old.weak = true;
    else delete old.weak;
    old.service = services;
    any = true;
  }
  // "Move mine to Friday, then cancel the other one": not what was done just before.
  if ((task.errand === "cancel" || (task.errand === "move" && !task.appointment)) && /\bthe other(?: one| appointment| visit| booking)?\b/i.test(reading.said))
    old.other = true;
  const pick = ofKind(reading.found, "choice").at(-1)?.value;
  if (pick && pick !== "none" && pick !== "any") {
    old.pick = pick;
    any = true;
  }
  const people = ofKind(reading.found, "staff").flatMap((s) => (s.value === "any" || s.not || s.part === "new" ? [] : s.value));
  if (
    (task.errand === "cancel" || (task.errand === "move" && !task.appointment)) &&
    /\b(?:both|all(?: of)?(?: (?:my|our|the|them|it))?|everything|each of|(?:the )?whole lot|the lot)\b/i.test(reading.said) &&
    !/\b(?:that's all|after all|at all)\b/i.test(reading.said)
  )
    task.all = true;
  // "The 4th at ten and one on the 12th, both": an hour that one of them has does not tell the other.
  if (task.errand === "cancel" && task.all && days.length > 1 && times.length < days.length) delete old.times;
  if (people.length > 0 && (task.errand !== "move" || !task.appointment)) {
    old.staff = people;
    any = true;
  }
  return any;
}
