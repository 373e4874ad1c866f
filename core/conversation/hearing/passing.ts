import { isGuess, isAsk, type Errand } from "../../language/errand.ts";
import { ofKind, peopleIn, type FoundKind } from "../../language/found.ts";
import { complains } from "../../language/features.ts";
import { SAYS_BOOK } from "../../language/packs/en/doing.ts";
import { WISHES } from "../../language/packs/en/signs.ts";
import { MAY_I_COME, NEW_TURN, SEE_TO_THEM, TO_BE_REACHED, TO_BE_TOLD, WITH_IT } from "../../language/packs/en/talk.ts";
import { read, type Reading } from "../../language/read.ts";
import { contextOf } from "../context.ts";
import { likely } from "../../knowledge/likely.ts";
import { contentOf } from "../../knowledge/search.ts";
import { ofTheNeed } from "../errands/told.ts";
import { yesNoChoices } from "../errands/identity.ts";
import { giveMeant } from "../errands/nearly.ts";
import { proceed } from "../proceed.ts";
import { resume } from "../unheard.ts";
import { wishIn } from "../wish.ts";
import type { MessageTask } from "../state.ts";
import type { Turn } from "../turn.ts";
import type { Heard, Step } from "./heard.ts";

const DEEDS: readonly Errand[] = ["book", "move", "cancel", "ask-mine", "ask-availability"];

/** What was said besides all that was found in it. */
const besides = (reading: Reading): string =>
  reading.found.reduce((words, f) => words.slice(0, f.start) + " ".repeat(f.end - f.start) + words.slice(f.end), reading.text);

/** What is wished or asked instead of a message that was offered. */
function otherErrand({ t, reading, text }: Heard, task: MessageTask): Errand | undefined {
  const said = reading.errands.find((e) => DEEDS.includes(e.errand) || (isAsk(e.errand) && reading.question));
  if (said || !task.offered) return said?.errand;
  // "Ok, can I bring her in now".
  if (MAY_I_COME.test(text)) return "book";
  const named = ofKind(reading.found, "service");
  const spokenOf = t.state.topic !== undefined || t.state.topics !== undefined || t.state.later.length > 0;
  const when = reading.found.some((f) => f.kind === "day" || f.kind === "time" || f.kind === "length");
  if (when && (named.length > 0 || (spokenOf && !TO_BE_REACHED.test(text)))) return "book";
  // "Righto then, Monday": when, and nothing besides.
  if (when && contentOf(besides(reading)).length === 0 && !TO_BE_REACHED.test(text)) return "book";
  // "I want Rex, next Friday": somebody by name, and when.
  if (when && peopleIn(reading.found).length > 0 && !TO_BE_TOLD.test(text)) return "book";
  // "Ok, the assessment", "singing, I suppose": a service that is named is no message.
  const short = text.trim().split(/\s+/).length <= 4;
  const plain = named.some((s) => s.value.length === 1 && (short || s.rule !== "service/telling-word"));
  return plain && !TO_BE_TOLD.test(text) ? "book" : undefined;
}

/** The answer to "do you mean …?": the line is given, or what was asked is offered to be passed on; anything else is heard by itself. */
function hearMeant(m: Heard, task: MessageTask, yes: boolean | undefined): true {
  const { t, reading, text } = m;
  const besides = reading.question || wishIn(reading) || text.trim().split(/\s+/).length > 6;
  if (yes === false && !besides) {
    delete task.meant;
    t.say("unknown/offer");
    t.expect("message", yesNoChoices());
    return true;
  }
  backToWhatWaits(t);
  if (yes !== true || besides) m.again = read(text, contextOf(t.house, t.now, t.state));
  else {
    giveMeant(t, task);
    resume(t);
  }
  return true;
}

/** Goes back to what was being worked on before a question was offered to the desk, and to what was asked then. */
function backToWhatWaits(t: Turn): void {
  const task = t.state.later.pop() ?? null;
  t.state.task = task;
  if (!task) t.state.expects = "anything";
  else if (task.errand === "book" && !task.service) t.state.expects = "service";
  else if ((task.errand === "book" || task.errand === "move") && !task.hold && task.offered.length > 0) t.state.expects = "slot";
  else t.state.expects = "day";
}

/** "The last one", said while a question is offered to the desk and times wait: one of those is taken. */
function takesOneThatWaits({ t, text }: Heard): boolean {
  const waits = t.state.later.at(-1);
  if (!waits || (waits.errand !== "book" && waits.errand !== "move") || waits.hold || waits.offered.length === 0) return false;
  return read(text, { ...contextOf(t.house, t.now, t.state), expects: "slot" }).found.some((f) => f.kind === "choice" && f.value !== "none");
}

/** The words of a message, or an answer to whether one is to be taken; what is something else is heard again as that. */
export const messages: Step = (m) => {
  const { t, reading, text } = m;
  const task = t.state.task;
  if (t.state.expects !== "message" || task?.errand !== "message") return false;
  const yes = ofKind(reading.found, "yes")[0]?.value;
  if (task.meant) return hearMeant(m, task, yes);
  const said = (kinds: readonly FoundKind[]): boolean => reading.found.some((f) => kinds.includes(f.kind));
  const askedWhen = task.callBack === true && task.text !== undefined;
  // "No thanks, book one first, at the weekend" declines the message and wishes for something.
  const wishes = reading.errands.some((e) => e.errand === "book" && !isGuess(e)) && said(["day", "time"]);
  const declined = task.offered && yes === false && !reading.question && !wishes && !said(["service"]);
  // "The new screen went dark after two days", where money back was refused: that is what is to be passed on.
  // "Oh well. Acupuncture on Monday at eleven then": what and when is a wish.
  const names = said(["service"]) && said(["day", "time"]);
  const tells =
    reading.errands.length === 0 && !reading.question && !names && yes === undefined && text.trim().split(/\s+/).length > 4 && !WISHES.test(text.toLowerCase());
  const complaint = task.refused === true && (tells || reading.errands.some((e) => e.errand === "message"));
  const other = declined || complaint ? undefined : otherErrand(m, task);
  // What is asked next is no message, unless it says what to do with it.
  if (task.offered && !other && reading.question && yes === undefined && !WITH_IT.test(text)) {
    backToWhatWaits(t);
    m.again = reading;
    return true;
  }
  // "Ok, what about my seven year old": what speaks of something else agrees to nothing.
  const short = text.trim().split(/\s+/).length <= 5;
  // "Ok, the first one": of the times that wait, and no yes to the message.
  const takes = short && takesOneThatWaits(m);
  const consents = (yes === true && short && !takes) || TO_BE_TOLD.test(text) || WITH_IT.test(text) || m.kept.name || m.kept.contact || complaint;
  // "Ok, book", while a booking waits: it is to go on.
  if (task.offered && yes === true && short && SAYS_BOOK.test(text) && t.state.later.at(-1)?.errand === "book") {
    backToWhatWaits(t);
    t.rule("message/book-instead");
    m.again = read(text, contextOf(t.house, t.now, t.state));
    return true;
  }
  const little = text.trim().split(/\s+/).length <= 2;
  const ofElse =
    little ||
    complains(reading.said) ||
    (!task.refused && !reading.question && likely(t.house, ofTheNeed(reading)).length > 0) ||
    NEW_TURN.test(text) ||
    takes ||
    said(["service", "for-whom", "places", "length"]);
  if (task.offered && !other && yes !== false && !consents && ofElse) {
    backToWhatWaits(t);
    t.rule("message/something-else");
    m.again = read(text, contextOf(t.house, t.now, t.state));
    return true;
  }
  if (task.offered && (yes === false || other)) {
    backToWhatWaits(t);
    if (other) {
      const errands = reading.errands.length > 0 ? reading.errands : [{ errand: other, rule: "errand/book/what-and-when", at: 0, sure: 0.5 }];
      m.again = { ...reading, errands, limit: null };
      return true;
    }
    t.say("message/no");
    // "No, tomorrow then": and when is said of what waits.
    const waits = t.state.task;
    if ((waits?.errand === "book" || waits?.errand === "move") && reading.found.some((f) => f.kind === "day" || f.kind === "time")) {
      const yesOrNo = ofKind(reading.found, "yes")[0];
      const rest = yesOrNo ? `${text.slice(0, yesOrNo.start)}${text.slice(yesOrNo.end)}`.replace(/^[\s,.;!-]+/, "") : text;
      m.again = { ...read(rest, contextOf(t.house, t.now, t.state)), errands: [] };
      m.rest = rest;
      return true;
    }
    // Of what could not be made out nothing is left, unless there is more to go by.
    if (task.stuck) t.state.task = null;
    proceed(t);
    return true;
  }
  if (!task.offered && !askedWhen && yes === false && reading.text.trim().split(/\s+/).length <= 4) {
    t.say("message/no");
    t.state.task = null;
    proceed(t);
    return true;
  }
  // A call back waits for nothing else but when.
  if (askedWhen) {
    task.when = text;
    proceed(t);
    return true;
  }
  if (task.stuck) {
    t.state.later.pop();
    delete task.stuck;
  }
  task.text = task.offered && yes && reading.text.trim().split(/\s+/).length <= 5 ? task.offered : task.offered ? `${task.offered} / ${text}` : text;
  proceed(t);
  return true;
};

const SURELY_WISHED = 0.9;

/** "Next week after work then, somebody else", asked for a name for a message: the message waits, and the wish is heard. */
export const wishBeside: Step = (m) => {
  const { t, reading } = m;
  const task = t.state.task;
  if (task?.errand !== "message" || task.callBack || !["name", "phone", "email"].includes(t.state.expects)) return false;
  if (m.kept.name || m.kept.contact) return false;
  const unbound = read(m.text, { ...contextOf(t.house, t.now, t.state), expects: "anything" });
  // "Is there anything on Wednesday": what is free is asked, and a name is not given.
  const [room, more] = unbound.errands;
  const forRoom = room?.errand === "ask-availability" && room.sure >= SURELY_WISHED && !more;
  if (reading.question && !forRoom && !SEE_TO_THEM.test(m.text)) return false;
  // "She wants another massage, too", asked who the message is from.
  const open = task.offered ? reading : unbound;
  const [wish, another] = open.errands;
  // "Could someone check her anyway" as well.
  const plainly = (wish?.sure ?? 0) >= SURELY_WISHED && ofKind(open.found, "service").length > 0;
  if (!task.offered && wish?.errand === "book" && !another && (plainly || SEE_TO_THEM.test(m.text))) {
    t.state.later.push(task);
    t.state.task = null;
    t.state.expects = "anything";
    t.rule("message/wish-first");
    m.again = open;
    return true;
  }
  if (
    !reading.found.some((f) => f.kind === "day" || f.kind === "time") ||
    !reading.errands.every((e) => e.errand === "book" || e.errand === "ask-availability")
  )
    return false;
  t.state.later.push(task);
  t.state.task = null;
  t.state.expects = "anything";
  t.rule("message/wish-first");
  m.again = { ...reading, errands: [{ errand: "book", rule: "errand/book/what-and-when", at: 0, sure: 0.6 }] };
  return true;
};

/** "Tomorrow after three", asked for a name, after "can Silas ring me": when they are to be reached. */
export const whenToBeReached: Step = ({ t, reading, kept, text }) => {
  const { task, expects } = t.state;
  if (task?.errand !== "message" || !task.text || !TO_BE_REACHED.test(task.text) || expects === "message" || kept.name || kept.contact) return false;
  // "I want an assessment today" wishes for a visit.
  if (reading.found.some((f) => f.kind === "service" || f.kind === "staff")) return false;
  if (!reading.found.some((f) => f.kind === "day" || f.kind === "time") || contentOf(reading.masked.replace(/<\w+>/g, " ")).length > 0) return false;
  task.text = `${task.text} / ${text}`;
  t.rule("message/when-to-be-reached");
  proceed(t);
  return true;
};
