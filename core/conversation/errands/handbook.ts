import { isAsk } from "../../language/errand.ts";
import { complains } from "../../language/features.ts";
import { DONE_FOR_THEM, FOR_WHAT_WAS_TOLD, OF_THEIRS, PARTS_OF_QUESTIONS } from "../../language/packs/en/asked.ts";
import { answerTo, described, SUPPORTS, type Match } from "../../knowledge/match.ts";
import { contentOf, ownAnswerTo } from "../../knowledge/search.ts";
import { ofKind, WEAK_SERVICE, type FoundOf } from "../../language/found.ts";
import type { Reading } from "../../language/read.ts";
import type { Source } from "../state.ts";
import { val, type Turn } from "../turn.ts";
import { ALL_OF_THEM, LIKE_WHAT, OPENS, SEEKS, SEEKS_HELP, TITLE_BEFORE_A_NAME, TITLED } from "../../language/packs/en/talk.ts";

/** As sure as this, a line of the handbook goes before what else could be said. */
export const SURELY = 0.5;

/** As sure as this, a line was written for just this question. */
export const PLAINLY = 0.8;

/** As sure as this, a line says just what was asked. */
export const TO_THE_WORD = 0.97;

/** What is looked for in the handbook, where it is not all of a message among all lines. */
interface LookedFor {
  /** The words that are looked for. */
  asked?: string;
  /** A word that is more than everyday talk must speak for the line. */
  telling?: boolean;
  /** What kinds of line come into question. */
  kinds?: readonly Source["kind"][] | null;
  /** What the line must speak of besides. */
  of?: RegExp | null;
  /** It is taken as a question of the house's, whatever else was guessed. */
  asks?: boolean;
}

/** An answer or fact of the handbook that the question's words support. `least`: how sure it must be of a line, 0 to 1. */
export function fromHandbook(t: Turn, reading: Reading, least = SUPPORTS, wanted: LookedFor = {}): boolean {
  const { telling = false, kinds = null, of = null } = wanted;
  const whole = wanted.asked === undefined || wanted.asked === reading.text;
  const question = (wanted.asked ?? reading.text).replace(OPENS, "").replace(TITLE_BEFORE_A_NAME, " ");
  const bare = reading.masked.replace(OPENS, "").replace(TITLED, " ").replace(/<\w+>/g, " ");
  const fits = (h: Match | null, from: number): boolean =>
    h !== null &&
    h.sure >= from &&
    (h.telling || !telling) &&
    (!kinds || kinds.includes(h.passage.kind)) &&
    (!of || [h.passage.text, ...h.passage.asked].some((text) => of.test(text)));
  const ofGroup = ofKind(reading.found, "service").some((f) => f.value.some((id) => t.house.services.get(id)?.group));
  const named = servicesMeant(t, reading);
  // A part of a message that was taken out of it as what is asked is a question.
  const asked = wanted.asks === true || asksSomething(reading) || (!whole && !complains(reading.said));
  const hit =
    [question, ...partsOf(question)].map((q) => answerTo(t.house, q, ofGroup, named, asked)).find((h) => fits(h, least)) ??
    // Without the names of services and people, what is left tells what is asked of them.
    (whole && contentOf(bare).length > 0 ? [answerTo(t.house, bare, ofGroup, named, asked)].find((h) => fits(h, least + 0.15)) : undefined);
  if (!hit) return false;
  // Two questions that one line answers are answered once.
  if (t.rests(hit.passage.kind, hit.passage.id)) return true;
  t.say("ask/answer", { answer: val(hit.passage.text, { kind: hit.passage.kind, id: hit.passage.id, label: hit.passage.label }) });
  if (hit.passage.kind === "service") {
    t.state.topic = hit.passage.id;
    // "Ok, book that" after it means what was told of.
    t.state.lastAsk ??= "ask-service";
    mayLook(t, reading, hit.passage.id);
  } else letGoInPassing(t, reading);
  t.outcome("answered");
  return true;
}

/** Whether a message is known to ask something of the house: one that wishes, tells or does something else is matched with its lines only by words that say just that. */
export const asksSomething = (reading: Reading): boolean =>
  reading.errands.length === 0
    ? reading.question
    : reading.errands.some((e) => isAsk(e.errand)) &&
      !(complains(reading.said) && (SEEKS.test(reading.said.toLowerCase()) || SEEKS_HELP.test(reading.said.toLowerCase())));

/** Who asks whether there is something for what they tell of, and hears that there is, may have a time looked for. */
export function mayLook(t: Turn, reading: Reading, service: string): void {
  // What is only told, and answered by what the house has for it, is as good as asked.
  const told = !reading.question && complains(reading.said);
  if (
    !t.state.task &&
    t.house.services.get(service)?.staff.length &&
    (told || FOR_WHAT_WAS_TOLD.test(reading.said) || (DONE_FOR_THEM.test(reading.said) && OF_THEIRS.test(reading.said)))
  )
    t.state.mayLook = { service, turn: t.state.turn };
}

/** The services that a question names; where it names none, the one that is being booked or was spoken of last: "will it hurt" asks nothing of another's needles. */
function servicesMeant(t: Turn, reading: Reading): ReadonlySet<string> {
  const said = ofKind(reading.found, "service");
  const named = said.flatMap((f) => (f.rule === "service/name" || f.rule === "service/other-word" ? f.value : []));
  if (said.length > 0) return new Set(named);
  const { task, topic } = t.state;
  // "What do I bring", while it is open which of two massages it is: of either, and of no class.
  if (task?.errand === "book" && !task.service && task.among && !task.maybe && !task.suggested) return new Set(task.among);
  return new Set([(task?.errand === "book" ? task.service : undefined) ?? topic].filter((s) => s !== undefined));
}

/** "My dog is old and calm", answered by a line of the house's own: a word in passing that a service is called by was about none. */
function letGoInPassing(t: Turn, reading: Reading): void {
  const services = ofKind(reading.found, "service");
  const words = new Set(contentOf(reading.said));
  const inItsName = (f: FoundOf<"service">): boolean =>
    f.value.some((id) => {
      const name = t.house.services.get(id)?.name.toLowerCase() ?? "";
      // "Can I bring the baby to the postnatal thing": another word of it may stand apart.
      return name.includes(reading.said.slice(f.start, f.end).toLowerCase()) || (f.value.length === 1 && contentOf(name).some((w) => words.has(w)));
    });
  if (services.length > 0 && services.every((f) => WEAK_SERVICE.test(f.rule) && !inItsName(f))) delete t.state.topic;
}

/** A message of several sentences asks in one of them: each that asks is looked at by itself. */
function partsOf(text: string): string[] {
  const parts = text.split(PARTS_OF_QUESTIONS).filter((p) => /\w{3}/.test(p));
  return parts.length > 1 ? parts.reverse() : [];
}

/** A question asked nearly as the handbook has it is answered by that line, whatever else its words might mean. */
export function inOwnWords(t: Turn, reading: Reading): boolean {
  const passage = reading.question ? ownAnswerTo(t.house, reading.text) : null;
  if (!passage) return false;
  t.say("ask/answer", { answer: val(passage.text, { kind: passage.kind, id: passage.id, label: passage.label }) });
  t.rule("answer/own-words");
  t.state.lastAsk ??= "ask-service";
  t.outcome("answered");
  return true;
}

export function spoken(t: Turn, reading: Reading): string[] {
  const said = ofKind(reading.found, "service").flatMap((f) => f.value);
  if (said.length > 0) return [...new Set(said)];
  const task = t.state.task;
  // "How long is all that", of several visits in a row: of each of them.
  const after = task?.errand === "book" && task.service && ALL_OF_THEM.test(reading.said) ? t.state.later : [];
  const all = [task, ...after].flatMap((x) => (x?.errand === "book" && x.service ? [x.service] : []));
  if (all.length > 0) return [...new Set(all)];
  if ((task?.errand === "move" || task?.errand === "cancel") && task.appointment) return [task.appointment.service];
  if (task?.errand === "book" && task.among) return task.among;
  if (t.state.topic) return [t.state.topic];
  // "What does the first one cost", of those that were told of.
  const pick = ofKind(reading.found, "choice").at(-1)?.value;
  const at = t.state.topics ? { first: 0, second: 1, third: 2, last: t.state.topics.length - 1 }[pick as "first" | "second" | "third" | "last"] : undefined;
  const picked = at === undefined ? undefined : t.state.topics?.[at];
  if (picked !== undefined) return [picked];
  // "And how much is the firm one": of those that were spoken of, the one that it fits.
  const kind = LIKE_WHAT.exec(reading.said)?.[1];
  const one = kind && t.state.topics ? described(t.house, t.state.topics, kind) : null;
  return one ? [one] : (t.state.topics ?? []);
}
