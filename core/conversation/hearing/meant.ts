import { isGuess, isAsk, type Errand } from "../../language/errand.ts";
import { ofKind, peopleIn, type Found } from "../../language/found.ts";
import { AND_ABOUT, ANOTHER_ONE, CAN_THEY_DO_IT, PREFERS, PUTS_OFF, REMINDS_ME, SAYS_OWN_NAME } from "../../language/packs/en/talk.ts";
import type { Reading } from "../../language/read.ts";
import { COMMON } from "../../language/packs/en/words.ts";
import { respelled } from "../../language/recognisers/people.ts";
import { keepIdentity } from "../errands/who.ts";
import { LONGEST_TOLD } from "../errands/told.ts";
import { hearNumber } from "../errands/number.ts";
import type { Turn } from "../turn.ts";
import { asMove, spokenOf } from "../turning.ts";
import { resume, thanks } from "../unheard.ts";
import { wishIn } from "../wish.ts";
import { idle, type Step } from "./heard.ts";
import { ofClients } from "./refusing.ts";

/** A message as it is meant where it was said: what it names again, and what touches a limit only by its words. */
export function asMeant(t: Turn, heard: Reading, text: string): Reading {
  const { state } = t;
  // "Could I have it with him", of a visit that was told: who is meant is known before it is a move, and in it.
  const spoken = spokenOf(t, asMove(t, spokenOf(t, heard, text), text), text);
  // "Yes, I take warfarin" answers the question; it asks for no advice.
  if (spoken.guessed && !spoken.question && state.expects.startsWith("question:")) return { ...spoken, limit: null, guessed: false, errands: [] };
  // "What times does she have", of one of the house's people who was spoken of, asks about no client.
  if (spoken.guessed && ofClients(t, spoken) && spoken.found.some((f) => f.rule === "staff/spoken-of"))
    return { ...spoken, limit: null, guessed: false, errands: [{ errand: "ask-availability", rule: "errand/ask-availability/of-ours", at: 0, sure: 0.6 }] };
  const told = whenToRemind(t, spoken);
  if (told) return told;
  const them = byThem(t, spoken);
  if (them) return them;
  // "Sounds good" to a name that was read back is a yes, whatever name might be made of it.
  if (state.expects === "name-check" && ofKind(spoken.found, "yes")[0]?.value === true)
    return { ...spoken, found: spoken.found.filter((f) => f.kind !== "name") };
  return spoken;
}

/** "Can you text me the day before", while a visit is booked: when they are to be reminded is no day of the visit. */
function whenToRemind(t: Turn, reading: Reading): Reading | null {
  const { task } = t.state;
  if (task?.errand !== "book" && task?.errand !== "move") return null;
  const kept = reading.found.filter((f) => !((f.kind === "day" || f.kind === "time") && REMINDS_ME.test(reading.text.slice(0, f.start))));
  return kept.length === reading.found.length ? null : { ...reading, found: kept };
}

/** "No allergies", while times are offered or what will be booked is read back: it is told, and declines nothing; what else is said is heard by itself. */
export const hasNone: Step = (m) => {
  const { t, reading } = m;
  if (!["slot", "go-ahead", "day", "length"].includes(t.state.expects)) return false;
  const no = ofKind(reading.found, "yes").find((y) => !y.value);
  const [, thing = ""] = no ? (/^ ([a-z]{4,})/.exec(reading.said.toLowerCase().slice(no.end)) ?? []) : [];
  if (!no || thing === "" || COMMON.has(thing) || !/^no$/i.test(reading.text.slice(no.start, no.end).trim())) return false;
  if (reading.found.some((f) => f !== no && f.start <= no.end + 1 && f.end > no.end + 1)) return false;
  t.rule("aside/has-none");
  const found = reading.found.filter((f) => f !== no);
  if (reading.question || found.length > 0 || reading.errands.some((e) => !isGuess(e))) m.again = { ...reading, found };
  else {
    t.say("aside/heard");
    resume(t);
  }
  return true;
};

/** "And can Marlon do it", of a visit that is read back, or whose hours are offered: with whom it is to be, where they do it. */
function byThem(t: Turn, reading: Reading): Reading | null {
  const { task, expects } = t.state;
  if ((expects !== "go-ahead" && expects !== "slot") || (task?.errand !== "book" && task?.errand !== "move")) return null;
  if (!CAN_THEY_DO_IT.test(reading.masked) || reading.found.some((f) => f.kind === "service" || f.kind === "day" || f.kind === "time")) return null;
  const id = task.errand === "book" ? task.service : task.appointment?.service;
  const [who, other] = peopleIn(reading.found);
  if (who === undefined || other !== undefined || !t.house.services.get(id ?? "")?.staff.includes(who)) return null;
  const found = reading.found.filter((f) => f.kind !== "yes").map((f): Found => (f.kind === "staff" && task.errand === "move" ? { ...f, part: "new" } : f));
  return { ...reading, found, errands: [], clauses: [], question: false };
}

/** Keeps what was said of who they are; a part of a number is waited on, and then the message is done. */
export const whoTheyAre: Step = (m) => {
  const { t, reading, text } = m;
  const { expects } = t.state;
  // A number or address that a question of the house's asks for is its answer, not the client's own.
  const asked = expects.startsWith("question:") ? t.house.questions.get(expects.slice("question:".length))?.kind : undefined;
  const others = asked === "text" && !SAYS_OWN_NAME.test(text) ? { ...reading, found: reading.found.filter((f) => f.kind !== "name") } : reading;
  m.kept = asked === "phone" || asked === "email" || asked === "address" ? { name: false, contact: false } : keepIdentity(t, others);
  const anew = m.kept.name || expects === "name" || expects === "name-check" ? null : spelledAnew(t, text);
  if (anew !== null) m.kept.name = true;
  const number = m.kept.contact || reading.limit !== null ? null : hearNumber(t, reading);
  if (number === "whole") m.kept.contact = true;
  return number === "part";
};

/** "M, I, L, L, Y", once a number is asked for: the name that was given is put right by it, before it is looked for. */
function spelledAnew(t: Turn, text: string): string | null {
  const { client } = t.state;
  const right = client.name === undefined || client.match === "both" ? null : respelled(text, client.name);
  if (right === null) return null;
  t.rule("name/spelled-after");
  client.name = right;
  delete client.looked;
  return right;
}

const CONTACTS: readonly string[] = ["phone", "email", "phone-check", "email-check"];
/** What is an answer where such a thing is asked for. */
const NAMES_IT: Partial<Record<string, readonly string[]>> = {
  service: ["service"],
  length: ["length"],
  day: ["day"],
  time: ["time"],
  slot: ["choice", "time"],
};

/** What was asked for and is there is an answer, whatever else its words might begin. Ends nothing. */
export const answersFirst: Step = (m) => {
  const { t, reading, kept, text } = m;
  const { state } = t;
  // "Ring me on 902 …", asked for a number.
  const answered = (state.expects === "name" && kept.name) || (CONTACTS.includes(state.expects) && kept.contact);
  if (answered && !reading.question) {
    const plainly = new Set<Errand>(reading.errands.filter((e) => !isGuess(e)).map((e) => e.errand));
    m.errands = m.errands.filter((e) => (e === "move" || e === "cancel") && (plainly.has(e) || state.task?.errand === e));
  }
  // Asked which service, length or time, they name one: whatever else their words might ask.
  // "What about 11:30, the hour" is one of them too, and asks nothing.
  const asks = reading.question && !(AND_ABOUT.test(text) && wishIn(reading));
  if (!asks && NAMES_IT[state.expects]?.some((kind) => reading.found.some((f) => f.kind === kind))) m.errands = m.errands.filter((e) => !isAsk(e));
  // "Reacted to lash glue", while something else is waited for: what is told, and hardly sounds like a question, asks nothing.
  if (state.task && !reading.question && reading.errands.every((e) => isGuess(e) && e.sure < HARDLY)) m.errands = m.errands.filter((e) => !isAsk(e));
  // "I'd rather do it at home", while hours are offered: a wish, whatever it may sound like.
  if (state.task && !reading.question && PREFERS.test(reading.said) && reading.errands.every(isGuess)) m.errands = m.errands.filter((e) => !isAsk(e));
  // "The earliest you've got", of what was offered, is a choice and no new wish.
  if (state.expects === "slot" && ofKind(reading.found, "choice").length > 0 && !wishIn(reading))
    m.errands = m.errands.filter((e) => e !== "book" && e !== "ask-availability");
  // Beside a yes or a no, small talk is no wish: "My friend said I should come to you. Yes please."
  const idleBeside =
    state.expects === "go-ahead" &&
    ofKind(reading.found, "yes").length > 0 &&
    !wishIn(reading) &&
    reading.errands.every((e) => e.errand === "book") &&
    !ANOTHER_ONE.test(text);
  if (idleBeside) m.errands = [];
  return false;
};

const HARDLY = 0.4;

/** "I'll think about it and ring you back": nothing is to be done now. */
export const putsOff: Step = ({ t, reading, errands, text }) => {
  const { state } = t;
  const idleWords = errands.every((e) => ["book", "ask-availability", "thanks-bye", "message"].includes(e)) && !reading.question;
  if (state.expects !== "anything" || state.task || !idleWords || !PUTS_OFF.test(text)) return false;
  if (reading.found.some((f) => f.kind === "day" || f.kind === "time")) return false;
  t.rule("bye/another-time");
  return thanks(t);
};

/** Keeps what was told while nothing is being done, and names no service: what is wished next may be for that. Ends nothing. */
export const keepTold: Step = (m) => {
  const deeds = m.errands.some((e) => e === "book" || e === "ask-availability");
  const named = ofKind(m.reading.found, "service").some((s) => s.rule !== "service/telling-word");
  if (idle(m) && !deeds && !named && m.text.trim().split(/\s+/).length >= 4) m.t.state.told = m.text.slice(0, LONGEST_TOLD);
  return false;
};

/** Tells the reasons what was read. Ends nothing. */
export const note: Step = ({ t, reading }) => {
  for (const e of reading.errands) t.reasons.push({ what: "errand", errand: e.errand, rule: e.rule, sure: Math.round(e.sure * 100) / 100 });
  for (const f of reading.found)
    t.reasons.push({
      what: "read",
      rule: f.rule,
      words: reading.text.slice(f.start, f.end),
      from: f.start,
      means: f.kind + (f.part ? ` (${f.part})` : ""),
      ...(f.assumed ? { assumed: f.assumed } : {}),
    });
  for (const f of reading.corrected) t.reasons.push({ what: "corrected", words: reading.text.slice(f.start, f.end) });
  return false;
};
