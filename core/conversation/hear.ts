import { isAsk } from "../language/errand.ts";
import { LONGEST_TOLD } from "./errands/told.ts";
import { ofKind, WEAK_SERVICE } from "../language/found.ts";
import { IS_THEIRS, IT_AND_ANOTHER, RIGHT_BEFORE_OF_THEIRS, TAKES_IT, WHAT_IS_THAT, WHICH_OF_TWO } from "../language/packs/en/talk.ts";
import { read, type Reading } from "../language/read.ts";
import { waits, wantsBack } from "./backagain.ts";
import { checks } from "./checks.ts";
import { compared } from "./errands/compare.ts";
import { tellsOthers, tellsWithWhom } from "./errands/existing.ts";
import { inOwnWords } from "./errands/handbook.ts";
import { hearQuestion } from "./errands/questions.ts";
import { bookIt } from "./errands/book.ts";
import { hearGoAhead, otherThanHeld } from "./goahead.ts";
import { answerAsked, askedOfAnother, wishBeforeAsking } from "./hearing/asked.ts";
import { eachItsOwn } from "./hearing/eachown.ts";
import type { Heard, Step } from "./hearing/heard.ts";
import { guessedFrom, idle } from "./hearing/heard.ts";
import { keepsOfAll, keepsOne, leavesOut } from "./hearing/leaving.ts";
import { answersFirst, asMeant, hasNone, keepTold, note, putsOff, whoTheyAre } from "./hearing/meant.ts";
import { needOfTheirs } from "./hearing/needs.ts";
import { notOurs, ratherThanAMessage } from "./hearing/notours.ts";
import { messages, whenToBeReached, wishBeside } from "./hearing/passing.ts";
import { linesFirst } from "./hearing/rather.ts";
import { emergencies, limits, refusedParts, toAPerson } from "./hearing/refusing.ts";
import {
  areYouThere,
  bookLater,
  comments,
  differenceOfLengths,
  inMyPlace,
  justOne,
  newContact,
  notToBeCalled,
  noVisit,
  ofAClass,
  otherNumber,
  saysWithWhom,
  undecided,
  whoAreYou,
  whoseName,
} from "./hearing/remarks.ts";
import { ofALaterVisit, theirOwn } from "./hearing/theirown.ts";
import { hearInTask, hearOpen } from "./intask.ts";
import { GIVES_EMAIL, RATHER_NOT_SAY, WHICH_ARE_THEY, WHY_ASKED } from "../language/packs/en/doing.ts";
import { proceed } from "./proceed.ts";
import { wasDone } from "./result.ts";
import { contextOf } from "./context.ts";
import { newBook } from "./tasks.ts";
import { applyToBook } from "./errands/apply.ts";
import { cancelIt } from "./errands/existing.ts";
import { deedsOf, takeUp } from "./several.ts";
import { startTask } from "./start.ts";
import { val, type Turn } from "./turn.ts";
import { serviceSource } from "./sources.ts";
import { aboutInside } from "../knowledge/search.ts";
import { bothOfThem, insteadOfCancelling, lineUpAnother, lineUpBesides, lineUpDeed, theOther } from "./turning.ts";
import { namesHouse, resume, thanks, whoThisIs } from "./unheard.ts";
import { wishIn } from "./wish.ts";

/** A step after which the errand at hand goes on. */
const andProceed =
  (step: Step): Step =>
  (m) =>
    step(m) && (proceed(m.t), true);

/** A step after which what was asked before is asked again. */
const andResume =
  (step: Step): Step =>
  (m) =>
    step(m) && (resume(m.t), true);

const atGoAhead =
  (step: Step): Step =>
  (m) =>
    m.t.state.expects === "go-ahead" && step(m);

/** "No, that's wrong, it ends in 13": the number is put right, and nothing else. */
const contactCorrected: Step = ({ t, reading, kept }) => {
  if (!kept.contact || ofKind(reading.found, "yes")[0]?.value !== false || wishIn(reading)) return false;
  t.rule("go-ahead/contact-corrected");
  return true;
};

/** "Yes, and the same on Thursday": what was read back is booked, and another after it. */
const yesAndAnother: Step = ({ t, reading }) => {
  const { task } = t.state;
  if (task?.errand !== "book" || !task.hold || !ofKind(reading.found, "yes")[0]?.value || !lineUpAnother(t, reading)) return false;
  bookIt(t, task);
  return true;
};

/** "Yes, and book me a cleaning next week", asked whether something is to be called off: it is, and the other is booked after it. */
const yesThenBook: Step = ({ t, reading, text }) => {
  const { state } = t;
  const { task } = state;
  const yes = ofKind(reading.found, "yes")[0];
  if (task?.errand !== "cancel" || !task.appointment || !yes?.value || !reading.errands.every((e) => e.errand === "book" && e.sure >= PLAINLY_WISHED))
    return false;
  const { service } = task.appointment;
  if (!ofKind(reading.found, "service").some((s) => !s.value.includes(service))) return false;
  state.task = null;
  state.expects = "anything";
  const context = contextOf(t.house, t.now, state);
  const next = newBook();
  applyToBook(t, next, read(text.slice(yes.end), context), context);
  state.task = task;
  state.expects = "go-ahead";
  state.later.push(next);
  t.rule("go-ahead/yes-then-book");
  cancelIt(t, task);
  return true;
};
const PLAINLY_WISHED = 0.8;

/** "Is there anything later that day", asked who they are while a visit is kept. */
const otherWhileAsked: Step = ({ t, reading }) => {
  const { task, expects } = t.state;
  if (!WHO.has(expects) || (task?.errand !== "book" && task?.errand !== "move") || !task.hold) return false;
  if (reading.found.some((f) => !ABOUT_WHEN.has(f.kind))) return false;
  return otherThanHeld(t, task, reading);
};
const WHO = new Set<string>(["name", "phone", "email", "name-check", "phone-check", "email-check"]);
const ABOUT_WHEN = new Set<string>(["shift", "day", "yes"]);

/** "Why do you need that", "can I give you an email": what is asked of them is not a question for the handbook. */
const asksWhy: Step = ({ t, text, kept }) => {
  const { state } = t;
  if (!CONTACT_ASKED.has(state.expects) || kept.contact) return false;
  if (state.expects === "phone" && (GIVES_EMAIL.test(text) || (RATHER_NOT_SAY.test(text) && !state.client.noPhone))) {
    state.client.noPhone = true;
    t.rule("aside/email-instead");
    proceed(t);
    return true;
  }
  if (!WHY_ASKED.test(text)) return false;
  t.say(state.expects === "name" ? "why/name" : "why/contact");
  t.rule("aside/why-asked");
  proceed(t);
  return true;
};
const CONTACT_ASKED = new Set<string>(["name", "phone", "email"]);

/** "Which ones do I have", "what was it again", asked which of theirs it is or when: it is said again. */
const asksWhichTheyAre: Step = ({ t, text }) => {
  const { task, expects } = t.state;
  if ((task?.errand !== "move" && task?.errand !== "cancel") || !ABOUT_THEIRS.has(expects) || !WHICH_ARE_THEY.test(text)) return false;
  t.rule("aside/which-they-are");
  proceed(t);
  return true;
};
const ABOUT_THEIRS = new Set<string>(["which-appointment", "day", "time"]);

/** "Any other day", asked when it is to be instead: the soonest that is not the day on which it is. */
const anyOtherDay: Step = ({ t, reading }) => {
  const { task, expects } = t.state;
  if (task?.errand !== "move" || expects !== "day" || !task.appointment || task.wish.days) return false;
  const other = reading.found.length === 1 && reading.found[0]?.kind === "shift" && reading.found[0].value === "another-day";
  if (!other || reading.errands.some(({ errand }) => errand === "cancel")) return false;
  task.wish.days = { ranges: [], excludeDays: [t.house.zone.toLocal(task.appointment.startMin).day], soonest: true };
  t.rule("move/any-other-day");
  proceed(t);
  return true;
};

/** "What is that", "I'll take it", after a question about one of the services: what it is, and a visit for it. */
const ofTheTopic: Step = (m) => {
  const { t, text } = m;
  const service = t.house.services.get(t.state.topic ?? "");
  if (!idle(m) || !service || m.reading.found.some((f) => f.kind !== "yes") || t.state.expects === "message") return false;
  if (WHAT_IS_THAT.test(text) && service.about) {
    t.say("ask/about", { about: val(`${service.name}: ${aboutInside(t.house, service)}`, serviceSource(t.house, service.id)) });
    t.rule("ask/of-what-was-spoken-of");
    proceed(t);
    return true;
  }
  if (!TAKES_IT.test(text)) return false;
  t.state.task = { ...newBook(), service: service.id };
  t.rule("book/what-was-spoken-of");
  proceed(t);
  return true;
};

/** "And hers is Mia Abel", where another visit comes after this one: whom that is for. */
const nameOfTheOther: Step = ({ t, reading, text }) => {
  const { task, later } = t.state;
  const next = later.find((x) => x.errand === "book" && x.beside);
  const name = ofKind(reading.found, "name").at(-1)?.value;
  if (task?.errand !== "book" || task.visitor || next?.errand !== "book" || name === undefined || !t.state.client.name || !IS_THEIRS.test(text)) return false;
  next.visitor = name;
  t.say("aside/heard");
  t.rule("name/of-the-other");
  resume(t);
  return true;
};

/** Whether a visit is being booked, it is open for what, and what they say asks. */
const choosesService = (m: Heard): boolean => m.t.state.task?.errand === "book" && !m.t.state.task.service && m.reading.question;

/** What was asked about is what a wish after it is about. Ends nothing. */
const keepTopic: Step = (m) => {
  const about = new Set(ofKind(m.reading.found, "service").flatMap((s) => (s.value.length === 1 ? s.value : [])));
  const [topic] = about;
  // "Can I get it done, and a trim": "it" is what was spoken of before.
  if (IT_AND_ANOTHER.test(m.reading.masked)) return false;
  // "And if I bring my own hair", after the price of braids: a word of theirs is no other service.
  const ofTheirs = ofKind(m.reading.found, "service").every((s) => WEAK_SERVICE.test(s.rule) && RIGHT_BEFORE_OF_THEIRS.test(m.reading.text.slice(0, s.start)));
  if (ofTheirs && m.t.state.topic !== undefined) return false;
  if (idle(m) && about.size === 1 && topic !== undefined && (m.reading.question || m.errands.some(isAsk))) m.t.state.topic = topic;
  return false;
};

/** "What's the difference between the two? And can I get either this Friday": one of them is to be booked, for then. */
function eitherOfThem({ t, reading, errands }: Heard): void {
  const ids = [...new Set(ofKind(reading.found, "service").flatMap((s) => s.value))];
  const when = reading.found.filter((f) => ["day", "time", "staff", "for-whom"].includes(f.kind));
  if (t.state.task || !errands.includes("book") || ids.length < 2 || ids.length > MOST_COMPARED || !when.some((f) => f.kind === "day" || f.kind === "time"))
    return;
  const task = { ...newBook(), among: ids };
  t.state.task = task;
  applyToBook(t, task, { ...reading, found: when }, contextOf(t.house, t.now, t.state));
  t.rule("book/either-of-them");
}
const MOST_COMPARED = 3;

/** Begins what is wished, and answers what is asked besides. */
const wishesAndQuestions: Step = (m) => {
  const { t, reading } = m;
  const deeds = deedsOf(t, reading);
  if (deeds.length > 0) takeUp(t, deeds);
  const started = deeds.length > 0 || startTask(t, reading, m.errands);
  if (answerAsked(m, started)) return true;
  if (!started) return false;
  t.state.repairs = 0;
  proceed(t);
  return true;
};

/** What a message may be, in the order in which it is tried: the first step that deals with it ends it. */
const STEPS: readonly Step[] = [
  note,
  emergencies,
  nameOfTheOther,
  hasNone,
  whoTheyAre,
  answersFirst,
  putsOff,
  // What is about the house, or about what was done.
  andResume((m) => idle(m) && namesHouse(m.t, m.text) && whoThisIs(m.t, m.text)),
  andProceed((m) => tellsOthers(m.t, m.text) || tellsWithWhom(m.t, m.text)),
  (m) => wantsBack(m.t, m.text) || waits(m.t, m.reading, m.text) || wasDone(m.t, m.text),
  newContact,
  // What is refused, and what is for somebody else.
  limits,
  refusedParts,
  toAPerson,
  messages,
  whenToBeReached,
  wishBeside,
  noVisit,
  otherNumber,
  inMyPlace,
  justOne,
  whoseName,
  notToBeCalled,
  bookLater,
  leavesOut,
  keepsOfAll,
  keepsOne,
  // Answers to what was asked.
  eachItsOwn,
  theirOwn,
  ofALaterVisit,
  atGoAhead(yesAndAnother),
  atGoAhead(yesThenBook),
  andProceed((m) => bothOfThem(m.t, m.reading)),
  andResume((m) => lineUpAnother(m.t, m.reading) || lineUpBesides(m.t, m.reading) || lineUpDeed(m.t, m.reading)),
  otherWhileAsked,
  asksWhy,
  asksWhichTheyAre,
  anyOtherDay,
  ofTheTopic,
  (m) => checks(m.t, m.reading, m.kept.contact),
  (m) => hearQuestion(m.t, m.reading, m.text),
  atGoAhead(andProceed((m) => theOther(m.t, m.reading) || insteadOfCancelling(m.t, m.reading, m.text))),
  atGoAhead(andProceed(contactCorrected)),
  atGoAhead((m) => hearGoAhead(m.t, m.reading)),
  undecided,
  // Questions, and what may be one.
  keepTold,
  keepTopic,
  wishBeforeAsking,
  andResume((m) => m.errands.length < 2 && inOwnWords(m.t, m.reading)),
  askedOfAnother,
  differenceOfLengths,
  andResume(
    (m) =>
      (idle(m) || choosesService(m)) &&
      m.errands.every((e) => isAsk(e) || (e === "book" && m.reading.question && (guessedFrom(m) || WHICH_OF_TWO.test(m.reading.said.toLowerCase())))) &&
      compared(m.t, m.reading) &&
      (eitherOfThem(m), true),
  ),
  whoAreYou,
  areYouThere,
  needOfTheirs,
  linesFirst,
  saysWithWhom,
  comments,
  ofAClass,
  // Wishes.
  wishesAndQuestions,
  // Beside a number, a goodbye was misheard.
  (m) => m.errands.includes("thanks-bye") && !m.kept.contact && thanks(m.t),
  notOurs,
  ratherThanAMessage,
];

/** Takes in what the client said, and answers. What was understood ends a row of what was not. */
export function hear(t: Turn, heard: Reading, text: string): void {
  const { repairs } = t.state;
  takeIn(t, heard, text);
  t.state.saidBefore = text.slice(0, LONGEST_TOLD);
  if (t.state.repairs === repairs) t.state.repairs = 0;
}

function takeIn(t: Turn, heard: Reading, text: string): void {
  const reading = asMeant(t, heard, text);
  const m: Heard = { t, reading, text, errands: reading.errands.map((e) => e.errand), kept: { name: false, contact: false } };
  if (STEPS.some((step) => step(m))) {
    if (m.again) takeIn(t, m.again, m.rest ?? text);
    return;
  }
  const { task } = t.state;
  if (task) hearInTask(t, task, reading, text, m.kept);
  else hearOpen(t, reading, text, m.kept);
}
