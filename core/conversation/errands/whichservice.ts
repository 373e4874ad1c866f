import { FEW } from "./askservice.ts";
import { BUT_NOT, EITHER_WILL_DO, NOT_THIS, OR_THE } from "../../language/packs/en/things.ts";
import { AS_A_THING, HAVING_A, KIND_OF_VISIT, MAYBE_THE, MORE_OF, VISITS } from "../../language/packs/en/doing.ts";
import { likely } from "../../knowledge/likely.ts";
import { described } from "../../knowledge/match.ts";
import { contentOf } from "../../knowledge/search.ts";
import { isGuess } from "../../language/errand.ts";
import { complains } from "../../language/features.ts";
import { ofKind, peopleIn, WEAK_SERVICE, type ChoiceValue, type FoundOf } from "../../language/found.ts";
import {
  AS_A_VERB,
  ASKS_FOR_A_DEED,
  COME_ALONG_TOO,
  DO_TOGETHER,
  HOW_THEY_ARE,
  KIN_OR_PET,
  OF_BEFORE,
  THAT_IS_THE,
  NAMES_ANOTHER,
  NEW_PROBLEM,
  NO_SUCH_THING,
  FOR_TWO,
  FOR_WHO_RETURNS,
  LIKE_WHAT,
  OF_ALL,
  OF_ONES_OWN,
  OF_THEIR_OWN,
  OF_OURS,
  TOLD_OF_IT,
  SAID_OF_IT,
  SAME,
  SEVERAL_OF_US,
  TAKES_ANOTHER,
  TELLS_OF_THEM,
  TO_COME_BACK,
  TOLD_OF_SOMEBODY,
  UP_TO_AN_EVENT,
  WHICH_TIMES,
  WISHED_THING,
} from "../../language/packs/en/talk.ts";
import { ASKS_OF_SOMETHING } from "../../language/packs/en/reading.ts";
import { UNSURE_OF_TWO, WISHES } from "../../language/packs/en/signs.ts";
import type { Reading } from "../../language/read.ts";
import { ofThatWork } from "../../language/recognisers/house.ts";
import { ROOTS } from "../../language/packs/en/words.ts";
import { rankOf } from "../../language/vectors.ts";
import type { BookTask } from "../state.ts";
import type { Turn } from "../turn.ts";
import { theOneThatIs } from "./compare.ts";
import { beyond } from "./services.ts";
import { LONGEST_TOLD, namedFirst, ofTheNeed } from "./told.ts";

/** A message that is being put into a booking. */
export interface Applying {
  t: Turn;
  task: BookTask;
  reading: Reading;
  /** Whether the wish has changed by it. */
  changed: boolean;
}

/** "The longer one", "the cheapest you have": what is said to be chosen by. */
export function moreOf(text: string): "long" | "short" | "cheap" | "dear" | null {
  const m = MORE_OF.exec(text);
  if (!m) return null;
  return m[1] ? "long" : m[2] ? "short" : (m[3] ?? m[5] ?? m[7]) ? "cheap" : "dear";
}

/** "A session with Nomvula": those of one person's services that are called by the word. */
function kindWith(t: Turn, reading: Reading): string[] {
  const people = [...new Set(peopleIn(reading.found))];
  const kind = KIND_OF_VISIT.exec(reading.said)?.[1]?.toLowerCase();
  if (people.length !== 1 || kind === undefined) return [];
  const theirs = t.house.handbook.services.filter((s) => s.staff.includes(people[0] as string));
  const called = (s: (typeof theirs)[number]): boolean => [s.name, ...s.also].some((name) => name.toLowerCase().split(/[ -]/).at(-1) === kind);
  return theirs.filter(called).map((s) => s.id);
}

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
  if (only && rankOf(word) < EVERYDAY && /\w/.test(before) && !AS_A_THING.test(before)) return true;
  // "Maybe the battery, maybe not".
  if (only && MAYBE_THE.test(before)) return true;
  // "Fit again after having a baby": what they have had is no wish.
  if (only && rankOf(word) < EVERYDAY && HAVING_A.test(before)) return true;
  return beyond(t, { ...reading, said: reading.masked.replace(/<\w+>/g, " ") }, [id]);
}

/** "We both need a cut before the wedding": the thing itself is wished for, where nothing else that is called so may be meant. */
function wishedItself(t: Turn, reading: Reading, id: string): boolean {
  const only = ofKind(reading.found, "service").find((f) => f.value.length === 1 && f.value[0] === id);
  if (!only || !WISHED_THING.test(reading.text.slice(0, only.start))) return false;
  const word = reading.text.slice(only.start, only.end).toLowerCase();
  return likely(t.house, ofTheNeed(reading)).every((other) => other === id || !nameWords(t, other).includes(word));
}

/** The words of a service's name, joining words aside. */
const nameWords = (t: Turn, id: string): string[] =>
  ((t.house.services.get(id)?.name ?? "").toLowerCase().match(/[a-z]{3,}/g) ?? []).filter((w) => !JOINS.has(w));
const JOINS = new Set(["and", "for", "with", "the", "from", "your", "you", "new", "one"]);

/** Whether a word of a service's names was said. */
export function sharesWord(t: Turn, id: string | undefined, text: string): boolean {
  const s = id === undefined ? undefined : t.house.services.get(id);
  const said = new Set(contentOf(text));
  return s !== undefined && [s.name, ...s.also].some((name) => contentOf(name).some((w) => said.has(w)));
}

/** "The gentle one", "the firmer kind": which of several is meant, by what it is like. */
const likeWhat = (text: string): string => LIKE_WHAT.exec(text)?.[1] ?? "";

/** Which service it is for, as far as a message tells. */
export function whichService(a: Applying): void {
  const before = a.task.among;
  for (const part of [comesBack, ofTheirs, named, forTwo, sameAgain, goesOnWith, byWhom, byMore, newOrReturning, told]) part(a);
  const { among } = a.task;
  if (among === before || !among || among.length < 2) return;
  a.task.among = namedFirst(a.t.house, among, a.reading.said);
}

/** The services that are named, those that one word stands for, and the choice among what was shown. */
const spokenIn = (a: Applying): FoundOf<"service">[] => ofKind(a.reading.found, "service").filter((f) => !deniedIn(a, f) && !stateIn(a, f) && !alongIn(a, f));
/** "My mum and two bridesmaids are coming too": who comes along, and no service that is for them. */
const alongIn = ({ reading }: Applying, f: FoundOf<"service">): boolean => COME_ALONG_TOO.test(reading.text.slice(f.end));
/** "I'm registered with you": how somebody is, and no service that is called by the word. */
const stateIn = ({ reading }: Applying, f: FoundOf<"service">): boolean =>
  /^\w+ed$/i.test(reading.text.slice(f.start, f.end)) && HOW_THEY_ARE.test(reading.text.slice(0, f.start));
/** "Not the manual one": what is named to be ruled out. */
export const deniedIn = ({ reading }: Pick<Applying, "reading">, f: FoundOf<"service">): boolean => BUT_NOT.test(reading.text.slice(0, f.start).toLowerCase());
const pickIn = (a: Applying): ChoiceValue | undefined => ofKind(a.reading.found, "choice").at(-1)?.value;
const yesIn = (a: Applying): boolean | undefined => ofKind(a.reading.found, "yes")[0]?.value;

/** "A cut or a beard trim": those that are named with nothing but an "or" between them, where it is not all the same which. */
function eitherOf({ reading }: Applying, spoken: readonly FoundOf<"service">[]): string[] {
  const named = spoken.filter((f) => f.rule !== "service/telling-word").sort((x, y) => x.start - y.start);
  const or = (f: FoundOf<"service">, i: number): boolean => OR_THE.test(reading.text.slice(named[i - 1]?.end ?? f.start, f.start));
  if (named.length < 2 || !named.slice(1).every((f, i) => or(f, i + 1)) || EITHER_WILL_DO.test(reading.said.toLowerCase())) return [];
  const ids = [...new Set(named.flatMap((f) => f.value))];
  return ids.length <= FEW ? ids : [];
}

/** Settles the service. */
export function setService(a: Applying, id: string): void {
  const { t, task, reading } = a;
  if (task.service === id) return;
  task.service = id;
  // What was to come beside another service is this one by itself: "no, it's the massage".
  t.state.later = t.state.later.filter((x) => x.errand !== "book" || !x.beside || x.service !== id);
  delete task.serviceAsked;
  delete task.tellApart;
  if (task.same && t.state.client.match === undefined) delete task.same;
  delete task.among;
  if (ofKind(reading.found, "length").length === 0 && task.saidLength === undefined) delete task.lengthMin;
  a.changed = true;
}

/** Services that nobody named, and who they are tells. */
function ofTheirs(a: Applying): void {
  const { t, task, reading } = a;
  const spoken = spokenIn(a);
  const theirs = spoken.length === 0 && !task.service && !task.among ? kindWith(t, reading) : [];
  if (theirs.length > 0) {
    if (theirs.length === 1) setService(a, theirs[0] as string);
    else task.among = theirs;
    a.changed = true;
  }
  // "My husband and I", "the two of us": what is for two, where one service alone is.
  if (spoken.length === 0 && !task.service && !task.among && SEVERAL_OF_US.test(reading.said)) {
    const shared = t.house.handbook.services.filter((s) => !s.group && [s.name, ...s.also, s.about].some((text) => FOR_TWO.test(text)));
    const [only, another] = shared;
    if (only && !another) {
      task.among = [only.id];
      task.maybe = true;
      a.changed = true;
    }
  }
}

/** "Space for me and my husband", "the one we do together": of some that one word stands for, the one that is for two. */
function forTwo(a: Applying): void {
  const { t, task, reading } = a;
  if (task.service || !task.among || task.among.length < 2 || !(SEVERAL_OF_US.test(reading.said) || DO_TOGETHER.test(reading.said))) return;
  const fits = task.among.filter((id) => {
    const s = t.house.services.get(id);
    return s !== undefined && !s.group && [s.name, ...s.also].some((text) => FOR_TWO.test(text));
  });
  const [only, other] = fits;
  if (!only || other) return;
  t.rule("service/for-two");
  setService(a, only);
}

/** What is named, by a name of its own, by a word in passing, or by its place among what was shown. */
function named(a: Applying): void {
  const { t, task, reading } = a;
  const spoken = spokenIn(a);
  const singles = spoken.filter((f) => f.value.length === 1);
  // "A private lesson for him, he's never ridden": what is told of somebody, beside what is wished for.
  const wished = singles.filter((f) => !TOLD_OF_SOMEBODY.test(reading.text.slice(0, f.start)));
  const single = (wished.length > 0 ? wished : singles).at(-1);
  const several = spoken.find((f) => f.value.length > 1);
  const pick = pickIn(a);
  const either = task.service ? [] : eitherOf(a, spoken);
  if (either.length > 1) {
    t.rule("service/one-or-other");
    Object.assign(task, { among: either, ...(UNSURE_OF_TWO.test(reading.said.toLowerCase()) ? { tellApart: true } : {}) });
    a.changed = true;
    return;
  }
  // "Not the manual one", asked which of some it is.
  if (spoken.length === 0 && task.among && task.among.length > 1 && !pick) {
    const denied = ofKind(reading.found, "service").flatMap((f) => (f.value.length === 1 ? f.value : []));
    const left = withoutNegated(t, reading, task.among).filter((id) => !denied.includes(id));
    if (left.length === 1) return setService(a, left[0] as string);
    if (left.length < task.among.length) Object.assign(task, { among: left });
  }
  // "No, that's the dog. I'm Carla Rossi": who was named before, and no wish.
  const tellsWho = single?.rule === "service/telling-word" && yesIn(a) === false && ofKind(reading.found, "name").length > 0;
  if (tellsWho && THAT_IS_THE.test(reading.text.slice(0, single.start))) return;
  const passing =
    single?.rule === "service/telling-word" && !task.service && !task.among && t.state.expects !== "service" ? (single.value[0] as string) : undefined;
  // "At home possible?", while hours of a visit are offered: a word that another has in its name changes nothing.
  if (task.service && single?.rule === "service/telling-word" && reading.question && !single.value.includes(task.service) && !WISHES.test(reading.said)) return;
  // "Does the other one hurt", of which it is not known what is asked: a question of what another service is takes nothing's place.
  const asksOf = reading.question && reading.errands.length === 0 && ASKS_OF_SOMETHING.test(reading.masked) && !WISHES.test(reading.said);
  if (task.service && single && asksOf && !single.value.includes(task.service)) return;
  // "Just one, the baby", "no glasses", once it is known what it is for: an everyday word takes no other service in its place.
  const weak = single ?? several;
  const stays = task.service !== undefined && weak !== undefined && WEAK_SERVICE.test(weak.rule) && !weak.value.includes(task.service);
  // "Every week until the exam": nor does what it is to be over by.
  if (stays && UP_TO_AN_EVENT.test(reading.text.slice(0, weak.start))) return;
  if (stays && t.state.expects !== "service" && t.state.expects !== "errand" && t.state.expects !== "anything") {
    const before = reading.text.slice(0, weak.start);
    const signed =
      WISHES.test(reading.said) || TAKES_ANOTHER.test(before) || NAMES_ANOTHER.test(before) || reading.errands.some((e) => e.errand === "book" && !isGuess(e));
    if (NO_SUCH_THING.test(before) && t.state.channel !== "phone") return;
    const everyday = rankOf(reading.text.slice(weak.start, weak.end).toLowerCase()) < EVERYDAY;
    if (!signed && (everyday || several === weak || contentOf(reading.masked.replace(/<\w+>/g, " ")).length > 0)) return;
  }
  // "Thursday is fine but I need the car by four", while a repair is offered: what they do with their own is no other service.
  if (
    task.service &&
    single?.rule === "service/telling-word" &&
    !single.value.includes(task.service) &&
    OF_THEIR_OWN.test(reading.text.slice(0, single.start)) &&
    !TAKES_ANOTHER.test(reading.text)
  )
    return;
  // "Just the frames fixed", where a repair was suggested: a word that another has too does not take its place, where all of it still speaks for that.
  const [proposed, more] = task.suggested ? (task.among ?? []) : [];
  const word = single?.rule === "service/telling-word" && proposed !== undefined && more === undefined && !single.value.includes(proposed);
  if (word && yesIn(a) !== false && likely(t.house, reading.text).includes(proposed)) return setService(a, proposed);
  // "The consultation", where it was asked which of two: the one that is called so.
  const among = task.among ?? [];
  if (among.length > 1 && single?.rule === "service/telling-word" && !among.includes(single.value[0] as string)) {
    const called = among.filter((id) => sharesWord(t, id, reading.text));
    if (called.length === 1) return setService(a, called[0] as string);
    // "Eggs and dairy", of which another has a word: whether it is that is asked.
    if (t.state.expects === "service" && called.length === 0) {
      Object.assign(task, { among: [single.value[0] as string], maybe: true });
      a.changed = true;
      return;
    }
  }
  // "My dog ate chocolate": whose need it is, and not the wash that a dog may have.
  const creature =
    single !== undefined && KIN_OR_PET.test(reading.text.slice(single.start, single.end)) && OF_ONES_OWN.test(reading.text.slice(0, single.start));
  if (passing !== undefined && creature && complains(reading.said)) return;
  // "I've hurt my back": what ails somebody, and not what several do for it together.
  if (
    passing !== undefined &&
    single &&
    t.house.services.get(passing)?.group &&
    OF_ONES_OWN.test(reading.text.slice(0, single.start)) &&
    complains(reading.said)
  )
    return;
  if (passing !== undefined && wishedItself(t, reading, passing)) return setService(a, passing);
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
        return;
      }
      const ownName = contentOf(t.house.services.get(passing)?.name ?? "").some((w) => contentOf(word).includes(w));
      if (best !== undefined && other === undefined) task.among = [best];
      else task.among = !ownName && told.includes(passing) ? [...new Set([passing, ...told])] : [passing];
      task.maybe = task.among.length === 1;
      a.changed = true;
    }
  } else if (single) setService(a, single.value[0] as string);
  else if (several) {
    // "How long is the colour", after balayage was spoken of: that one of those that the word stands for.
    const { topic } = t.state;
    if (topic !== undefined && !task.service && !task.among && several.value.includes(topic) && OF_BEFORE.test(reading.text.slice(0, several.start)))
      return setService(a, topic);
    const kinds = withoutNegated(t, reading, task.among ? several.value.filter((s) => task.among?.includes(s)) : several.value);
    // "A massage with Nell, the gentle one": what is said beside the word that several are called by tells which.
    // So does what stands right before it: "a gentle massage".
    const like = `${likeWhat(reading.text)} ${SAID_OF_IT.exec(reading.text.slice(0, several.start))?.[1] ?? ""}`.trim();
    const meant = kinds.length > 1 && like !== "" ? described(t.house, kinds, like) : null;
    // "My gran has this photo, it's ripped": of many that one word stands for, those that the rest of it speaks for.
    const speaks = OF_OURS.test(reading.said) || complains(reading.said) || TOLD_OF_IT.test(reading.said);
    const told = meant === null && kinds.length > MOST_NAMED && speaks ? likely(t.house, ofTheNeed(reading)).filter((id) => kinds.includes(id)) : [];
    // "My phone went under a bus and the display is gone": what is told of theirs, rather than all that has one of its words.
    const ails = meant === null && !task.service && !task.among && OF_OURS.test(reading.said) ? likely(t.house, ofTheNeed(reading)) : [];
    if (ails.length > 0 && !ails.every((id) => kinds.includes(id))) {
      Object.assign(task, { among: ails, ...(ails.length === 1 ? { maybe: true } : {}) });
      a.changed = true;
      return;
    }
    const narrowed = meant !== null ? [meant] : told.length > 1 ? told : kinds;
    if (told.length === 1 && !task.service) Object.assign(task, { among: told, maybe: true });
    else if (narrowed.length === 1) setService(a, narrowed[0] as string);
    else if (!task.service || (!several.value.includes(task.service) && narrowed.length > 0)) {
      delete task.service;
      task.among = narrowed.length > 0 ? narrowed : several.value;
      a.changed = true;
    }
  } else if (
    t.state.expects !== "service" &&
    task.among &&
    task.among.length > 1 &&
    !moreOf(reading.said) &&
    described(t.house, task.among, likeWhat(reading.text)) !== null
  ) {
    // "The gentle one", of those that were told apart.
    setService(a, described(t.house, task.among, likeWhat(reading.text)) as string);
  } else if (
    t.state.expects === "service" &&
    task.among &&
    yesIn(a) !== false &&
    !pick &&
    !reading.question &&
    !TELLS_OF_THEM.test(reading.said) &&
    describedIn(a, task.among) !== null
  ) {
    setService(a, describedIn(a, task.among) as string);
  } else if (t.state.expects === "service" && pick) {
    // "The first one" is the first of those named, of what the one who is named does, or of the list that was shown.
    const theirs = Array.isArray(task.staff) ? t.house.handbook.services.filter((s) => s.staff.some((p) => task.staff?.includes(p))) : [];
    const few = theirs.length > 1 && theirs.length <= FEW ? theirs : t.house.handbook.services;
    // "Whatever you think", of all that the house does, chooses nothing; of some, what each is tells more.
    if (pick === "any" && task.among?.length !== 1) {
      if (!task.among) return;
      const [one, ...rest] = task.among;
      Object.assign(task, task.toldApart ? { among: [one], maybe: true, rest } : { tellApart: true });
      a.changed = true;
      return;
    }
    const shown = task.among ?? few.map((s) => s.id);
    const at = { first: 0, second: 1, third: 2, last: shown.length - 1, later: shown.length - 1, earlier: 0, any: 0, none: -1 }[pick];
    const id = shown[at];
    if (id) setService(a, id);
  } else if (t.state.expects === "service" && task.among?.length === 1 && ofKind(reading.found, "yes")[0]?.value) setService(a, task.among[0] as string);
  else {
    const called = t.state.expects === "service" ? byOneWord(a) : undefined;
    const other = called === undefined ? elsewhere(a) : undefined;
    if (called !== undefined) setService(a, called);
    else if (other !== undefined) {
      Object.assign(task, { among: [other], maybe: true });
      a.changed = true;
    }
  }
}

/** Which of some services the rest of an answer speaks of. "I'm at the office till six" tells when, and not which, whatever is near to an office. */
function describedIn({ t, reading }: Applying, among: readonly string[]): string | null {
  const meant = described(t.house, among, ofTheNeed(reading));
  const when = reading.found.some((f) => f.kind === "day" || f.kind === "time");
  return meant !== null && when && !sharesWord(t, meant, reading.text) ? null : meant;
}

/** Those of some services that are not ruled out by a word of their names: "automatic, not manual". */
function withoutNegated(t: Turn, reading: Reading, ids: readonly string[]): string[] {
  const said = NOT_THIS.exec(reading.said.toLowerCase());
  const not = said?.[1] ?? said?.[2];
  const left = not === undefined ? [] : ids.filter((id) => !nameWords(t, id).includes(not));
  return left.length > 0 ? left : [...ids];
}

/** "A small one", in answer to which of some it is: the only one that has the word in its name. */
function byOneWord({ t, task, reading }: Applying): string | undefined {
  const asks = reading.question && !ASKS_FOR_A_DEED.test(reading.said);
  if (!task.among || task.among.length < 2 || asks || reading.found.some((f) => f.kind === "yes" && !f.value)) return undefined;
  const said = new Set((reading.said.toLowerCase().match(/[a-z]{3,}/g) ?? []).map((w) => ROOTS.get(w) ?? w));
  const [only, other] = task.among.filter((id) => nameWords(t, id).some((w) => said.has(w)));
  if (only !== undefined) return other === undefined ? only : undefined;
  // "Can someone take them out", where one of them is called "braids taken out" as well: two words of it.
  const also = (id: string): string[][] =>
    (t.house.services.get(id)?.also ?? []).map((name) => (name.toLowerCase().match(/[a-z]{3,}/g) ?? []).map((w) => ROOTS.get(w) ?? w));
  const [called, more] = task.among.filter((id) => also(id).some((words) => words.filter((w) => said.has(w)).length >= 2));
  return more === undefined ? called : undefined;
}

/** "Something together", in answer to which of some it is: what that speaks for, where it is none of them. */
function elsewhere(a: Applying): string | undefined {
  const { t, task, reading } = a;
  if (t.state.expects !== "service" || !task.among || task.service || pickIn(a) || yesIn(a) !== undefined || reading.question) return undefined;
  if (reading.found.some((f) => f.kind !== "for-whom" && f.kind !== "places")) return undefined;
  const [only, other] = likely(t.house, ofTheNeed(reading));
  return only !== undefined && other === undefined && !task.among.includes(only) && !task.declined?.includes(only) ? only : undefined;
}

/** The same as they had, asked which. */
function sameAgain(a: Applying): void {
  const { t, task, reading } = a;
  const spoken = spokenIn(a);
  if (t.state.expects === "service" && !task.service && !task.among && spoken.length === 0 && SAME.test(reading.said)) {
    task.same = true;
    a.changed = true;
  }
}

/** Who goes on with when, or with who they are, means what was asked about or suggested. */
function goesOnWith(a: Applying): void {
  const { t, task, reading } = a;
  const spoken = spokenIn(a);
  const pick = pickIn(a);
  // Asked which service, they asked of one, and go on: "fine, how soon would that be".
  const said = yesIn(a);
  const goesOn = said === true || pick !== undefined || reading.found.some((f) => ["day", "time", "staff", "places", "for-whom"].includes(f.kind));
  if (t.state.expects === "service" && task.askedOf !== undefined && !task.service) {
    // … and not where they name somebody who does something else.
    const who = peopleIn(reading.found);
    const doneByThem = who.length === 0 || who.some((p) => t.house.services.get(task.askedOf ?? "")?.staff.includes(p));
    if (spoken.length === 0 && said !== false && goesOn && doneByThem) setService(a, task.askedOf);
    delete task.askedOf;
  }
  // "Would that be for a suit fitting?" – "tomorrow at noon": who goes on with when means it.
  const [suggested] = task.suggested && task.among?.length === 1 ? task.among : [];
  const asksWhen = WHICH_TIMES.test(reading.said) || reading.errands.some((e) => e.errand === "book" || e.errand === "ask-availability");
  // Who they are is told by who wants it, too.
  const who = reading.found.some((f) => f.kind === "name" || f.kind === "phone" || f.kind === "email");
  // A question that was offered to the desk in between is let go by it.
  const asked = t.state.expects === "service" || t.state.expects === "message";
  // "Can the doctor see her today", where what was put forward is for a nurse: something that such a one does.
  if (suggested !== undefined && !task.service && spoken.length === 0 && said !== true && ofOtherWork(t, reading.said, suggested)) {
    for (const key of ["among", "suggested", "maybe"] as const) delete task[key];
    (task.declined ??= []).push(suggested);
    const such = ofSuchWork(t, reading.said);
    const [called, other] = t.house.handbook.services.filter(
      (s) => s.staff.some((id) => such.includes(id)) && [s.name, ...s.also].some((name) => ofSuchWork(t, name).some((id) => such.includes(id))),
    );
    t.rule("service/of-other-work");
    if (called && !other) setService(a, called.id);
    else task.staff = such;
    return;
  }
  // What was put forward because they could not choose needs a yes.
  if (task.rest && said !== true && pick === undefined && !asksWhen) return;
  if (asked && suggested !== undefined && !task.service && spoken.length === 0 && said !== false && (goesOn || asksWhen || who)) {
    setService(a, suggested);
  }
}

/** Whether somebody is spoken of by their work, and nobody of such work does a service. */
function ofOtherWork(t: Turn, said: string, service: string): boolean {
  const such = ofSuchWork(t, said);
  return such.length > 0 && !such.some((id) => t.house.services.get(service)?.staff.includes(id));
}

/** Those of the house who do such work as a text speaks of; none where it speaks of no work that only some of them do. */
function ofSuchWork(t: Turn, text: string): string[] {
  const all = t.house.handbook.staff.filter((s) => s.bookable).map((s) => s.id);
  const such = ofThatWork(t.house, text, all);
  return such.length < all.length ? such : [];
}

/** "Whatever Dr Penrose has next week", asked which of several: those that the one who is named does. */
function byWhom(a: Applying): void {
  const { t, task, reading } = a;
  const who = peopleIn(reading.found);
  if (task.service || !task.among || task.among.length < 2 || who.length === 0 || spokenIn(a).length > 0) return;
  const theirs = task.among.filter((id) => who.some((p) => t.house.services.get(id)?.staff.includes(p)));
  if (theirs.length === 0 || theirs.length === task.among.length) return;
  if (theirs.length === 1) setService(a, theirs[0] as string);
  else task.among = theirs;
  a.changed = true;
  t.rule("service/by-whom");
}

function byMore(a: Applying): void {
  const { t, task, reading } = a;
  const spoken = spokenIn(a);
  // "The longer one", of services that were spoken of; "the cheapest you have", of all.
  const more = task.service ? null : moreOf(reading.said);
  if (more && task.among && task.among.length > 1) {
    const id = theOneThatIs(
      task.among.flatMap((s) => t.house.services.get(s) ?? []),
      more,
      task.lengthMin ?? ofKind(reading.found, "length").flatMap((f) => (typeof f.value === "number" ? [f.value] : []))[0],
    );
    if (id) {
      setService(a, id);
      if (task.saidLength === "long" || task.saidLength === "short") delete task.saidLength;
    }
  } else if (more && !task.among && !task.service && spoken.length === 0 && (OF_ALL.test(reading.said) || more === "cheap" || more === "dear")) {
    const id = theOneThatIs(t.house.handbook.services, more);
    if (id) Object.assign(task, { among: [id], maybe: true });
  }
}

/** "I was there in January for the same thing", where what one begins with was suggested: what those who come back have. */
function comesBack(a: Applying): void {
  const { t, task } = a;
  if (!task.suggested || task.service || t.state.client.saysBefore !== true || yesIn(a) === true || spokenIn(a).length > 0) return;
  // "I saw Maren in January, but now it's the other knee": a new matter begins as any does.
  if (NEW_PROBLEM.test(t.state.saidBefore ?? "")) task.newMatter = true;
  if (task.newMatter) return;
  const [first, another] = task.among ?? [];
  const back = first === undefined || another !== undefined ? [] : t.house.handbook.services.filter((s) => s.after === first && FOR_WHO_RETURNS.test(s.name));
  if (back.length !== 1 || !back[0]) return;
  Object.assign(task, { among: [back[0].id], maybe: true });
  delete task.suggested;
  a.changed = true;
  t.rule("service/comes-back");
}

function newOrReturning(a: Applying): void {
  const { t, task } = a;
  const said = yesIn(a);
  // Of a first visit and a return visit, whoever says that they are new means the first.
  if (t.state.expects === "service" && task.asksBefore && said !== undefined) t.state.client.saysBefore ??= said;
  const before = t.state.client.saysBefore;
  if (task.among && before !== undefined) {
    const forReturning = (id: string): boolean => {
      const s = t.house.services.get(id);
      return s !== undefined && (s.after !== undefined || FOR_WHO_RETURNS.test(s.name));
    };
    const fit = task.among.filter((id) => forReturning(id) === before);
    if (fit.length === 1 && fit.length < task.among.length) setService(a, fit[0] as string);
  }
}

/** What is told of the need, while it is open. */
function told(a: Applying): void {
  const { t, task, reading } = a;
  // "It's for a stiff neck", asked which of some that nobody named: what ails them tells more than what was told before.
  const ails = complains(reading.said) && spokenIn(a).length === 0 && pickIn(a) === undefined && yesIn(a) === undefined;
  if (task.byTold && !task.service && t.state.expects === "service" && ails) {
    delete task.among;
    delete task.maybe;
    delete task.suggested;
    delete task.byTold;
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
      a.changed = true;
    }
  }
  if (
    !task.service &&
    !task.among &&
    (t.state.expects === "service" || t.state.expects === "errand" || t.state.expects === "anything") &&
    complains(reading.said)
  )
    task.complaint = true;
}
