import { isGuess } from "../../language/errand.ts";
import { ofKind, WEAK_SERVICE } from "../../language/found.ts";
import {
  ARE_YOU_THERE,
  ASKS_WHEN_TO_COME,
  BOOK_LATER,
  COMMENT,
  DOES_NOT_WANT,
  IN_MY_PLACE,
  HOW_SOON,
  IS_BOOKED,
  IS_WITH,
  FOR_TWO,
  JUST_ME,
  IT_IS_WITH_WHOM,
  MORE_OR_FEWER_COME,
  NO_VISIT,
  OF_MINE,
  OF_THEM,
  OTHER_THAN_NOW,
  THE_DIFFERENCE,
  UNDECIDED,
  WHEN_IT_IS,
  WHICH_DAYS,
  WHICH_TIMES,
  WHO_ARE_YOU,
  WITH_WHOM,
  WHOSE_NAME,
} from "../../language/packs/en/talk.ts";
import { spoken } from "../errands/handbook.ts";
import { dropHold } from "../errands/offering.ts";
import { yesNoChoices } from "../errands/identity.ts";
import { offerToPassOn } from "../errands/message.ts";
import { price as priceOf } from "../errands/prices.ts";
import { calledText } from "../format.ts";
import { proceed } from "../proceed.ts";
import { which } from "../slot.ts";
import { staffSource } from "../sources.ts";
import { reopen } from "../start.ts";
import { NOT_TO_BE_CALLED } from "../../language/packs/en/signs.ts";
import { val } from "../turn.ts";
import { resume, whoThisIs } from "../unheard.ts";
import { wishIn } from "../wish.ts";
import { idle, type Step } from "./heard.ts";

/** "Change my number to …", once it is known who asks: the desk is told, since what is on a card is not changed on anybody's word. */
export const newContact: Step = ({ t, reading, text }) => {
  const said = ofKind(reading.found, "phone").at(-1)?.value ?? ofKind(reading.found, "email").at(-1)?.value;
  if (said === undefined || t.state.task || t.state.client.match !== "both") return false;
  if (!OTHER_THAN_NOW.test(text) || reading.found.some((f) => f.kind === "day" || f.kind === "time")) return false;
  t.rule("message/new-contact");
  t.state.task = { errand: "message", text };
  proceed(t);
  return true;
};

/** "Who's that with?": what was offered is said again with its people. */
export const saysWithWhom: Step = ({ t, reading, text }) => {
  const { task, expects } = t.state;
  const kept = (task?.errand === "book" || task?.errand === "move") && task.hold?.offer;
  const named = reading.found.some((f) => f.kind === "staff" || f.kind === "service" || f.kind === "gender");
  // "Wait, is that with Keisha": with whom it is, is said.
  const asked = IS_WITH.test(text) && !reading.found.some((f) => f.kind === "service" || f.kind === "day" || f.kind === "time");
  if (asked && !kept && expects === "slot" && (task?.errand === "book" || task?.errand === "move") && task.offered.length > 0) {
    t.rule("slot/with-whom");
    which(t, task, true);
    return true;
  }
  if (kept && (asked || (!named && IT_IS_WITH_WHOM.test(text))) && text.trim().split(/\s+/).length <= 9) {
    t.say("ask/it-is-with", { staff: val(calledText(t.house, kept.staff), staffSource(t.house, kept.staff)) });
    t.rule("slot/with-whom");
    resume(t);
    return true;
  }
  // The same of what was booked a moment ago.
  if (asked && !task && t.state.last) {
    t.say("ask/it-is-with", { staff: val(calledText(t.house, t.state.last.staff), staffSource(t.house, t.state.last.staff)) });
    t.rule("slot/with-whom");
    resume(t);
    return true;
  }
  if (expects !== "slot" || (task?.errand !== "book" && task?.errand !== "move") || task.offered.length === 0) return false;
  if (reading.found.some((f) => f.kind === "staff" || f.kind === "service")) return false;
  if (!WITH_WHOM.test(text)) return false;
  t.rule("slot/with-whom");
  which(t, task, true);
  return true;
};

/** All of a short answer. */
const FEW_WORDS = 6;

/** "I don't know, what have you got?": what there is, is said again; without a day, the soonest there are. */
export const undecided: Step = ({ t, reading }) => {
  const task = t.state.task;
  if (!task || !["slot", "day", "time", "service", "length"].includes(t.state.expects)) return false;
  const plain = reading.said
    .toLowerCase()
    .replace(/[.,!?]+/g, " ")
    .replace(/\s+/g, " ")
    .trim();
  // "Ok, how soon", asked for a day.
  const soon = t.state.expects === "day" && (plain === "when" || HOW_SOON.test(plain) || ASKS_WHEN_TO_COME.test(plain)) && plain.split(" ").length <= FEW_WORDS;
  // "When is Tobias free": with him.
  const [whom] = soon && reading.found.every((f) => f.kind === "staff" && !f.not) ? ofKind(reading.found, "staff") : [];
  if (!(UNDECIDED.test(plain) || soon) || (wishIn(reading) && !whom)) return false;
  if (whom && task.errand === "book") task.staff = whom.value;
  // Of one service that was suggested, which times there are is asked by who wants it.
  if (task.errand === "book" && task.suggested && task.among?.length === 1 && WHICH_TIMES.test(plain)) return false;
  t.rule("aside/undecided");
  if (t.state.expects === "day" && task.errand === "book" && !task.wish.days) task.wish.days = { ranges: [], soonest: true };
  // Of several that are named, what each is.
  if (t.state.expects === "service" && task.errand === "book" && (task.among?.length ?? 0) > 1) task.tellApart = true;
  resume(t);
  return true;
};

/** "What's the difference?" between two lengths is what they cost. */
export const differenceOfLengths: Step = ({ t, reading, text }) => {
  if (t.state.expects !== "length" || t.state.task?.errand !== "book" || !THE_DIFFERENCE.test(text)) return false;
  if (reading.found.some((f) => f.kind === "length" || f.kind === "choice") || !priceOf(t, reading)) return false;
  resume(t);
  return true;
};

/** "Who are you", where nothing is going on. */
export const whoAreYou: Step = (m) => {
  const { t, errands, text } = m;
  if (!idle(m) || !errands.every((e) => e === "ask-staff") || !WHO_ARE_YOU.test(text) || !whoThisIs(t, text)) return false;
  resume(t);
  return true;
};

/** "Hello? Are you there?" */
export const areYouThere: Step = ({ t, text }) => {
  if (!ARE_YOU_THERE.test(text)) return false;
  t.say("aside/here");
  if (t.state.task) resume(t);
  else {
    t.say("what-can-i-do");
    t.expect("errand");
  }
  return true;
};

/** "But don't call the house", while a visit is being booked: the desk is told. */
export const notToBeCalled: Step = ({ t, reading, text }) => {
  const { task } = t.state;
  if ((task?.errand !== "book" && task?.errand !== "move") || reading.question || !NOT_TO_BE_CALLED.test(reading.masked)) return false;
  if (reading.found.some((f) => f.kind === "day" || f.kind === "time" || (f.kind === "service" && !WEAK_SERVICE.test(f.rule)))) return false;
  // It is passed on once who they are is known.
  t.state.later.unshift({ errand: "message", text });
  t.say("noted");
  t.rule("message/not-to-be-called");
  resume(t);
  return true;
};

/** What is said of an answer and asks for nothing. */
export const comments: Step = ({ t, reading, text }) => {
  if (!COMMENT.test(text) || reading.found.length > 0) return false;
  t.say("aside/heard");
  t.rule("aside/comment");
  resume(t);
  return true;
};

/** "What time is the class" asks when it is held, not for an appointment of their own. Ends nothing. */
export const ofAClass: Step = (m) => {
  const aClass = ofKind(m.reading.found, "service").some((s) => s.value.length === 1 && m.t.house.services.get(s.value[0] as string)?.group !== undefined);
  if (m.errands.length === 1 && m.errands[0] === "ask-mine" && aClass && !OF_MINE.test(m.text)) m.errands = ["ask-service"];
  // "Which days are those", of a class that was spoken of: its days, and not the house's.
  const [only, another] = spoken(m.t, m.reading);
  const held = only !== undefined && another === undefined && m.t.house.services.get(only)?.group !== undefined;
  const asked = m.errands.length === 1 && ["ask-hours", "ask-mine", "ask-availability"].includes(m.errands[0] as string);
  const booked = m.t.state.task?.errand === "book" && m.t.state.expects === "day";
  // "What days?", asked for one.
  if (held && booked && m.errands.length === 0 && m.reading.question && WHICH_DAYS.test(m.text)) m.errands = ["ask-service"];
  if (held && asked && (booked || OF_THEM.test(m.text)) && !OF_MINE.test(m.text) && WHEN_IT_IS.test(m.text) && !wishIn(m.reading)) m.errands = ["ask-service"];
  return false;
};

/** "I don't want to book, I want to know if that's normal": the visit is dropped, and what is asked is heard by itself. */
export const noVisit: Step = (m) => {
  const { t, reading, text } = m;
  const { task } = t.state;
  // "No, I don't want new pictures", while nothing is being done and nothing of theirs was spoken of.
  const declines = ofKind(reading.found, "yes")[0]?.value === false && DOES_NOT_WANT.test(text) && !reading.question;
  if (
    !task &&
    t.state.expects === "anything" &&
    declines &&
    t.state.toldOf === undefined &&
    reading.errands.every(isGuess) &&
    !reading.found.some((f) => f.kind === "day" || f.kind === "time")
  ) {
    t.say("aside/heard");
    t.rule("aside/wants-none");
    proceed(t);
    return true;
  }
  if (task?.errand !== "book" || !NO_VISIT.test(text) || reading.found.some((f) => f.kind === "day" || f.kind === "time")) return false;
  dropHold(t, task);
  t.state.task = null;
  t.state.expects = "anything";
  t.rule("book/none-wanted");
  if (reading.question)
    m.again = { ...reading, found: reading.found.filter((f) => f.kind !== "yes"), errands: reading.errands.filter((e) => e.errand !== "book") };
  else {
    t.say("book/let-go");
    proceed(t);
  }
  return true;
};

/** More or fewer come to what is booked: that is for the desk to change, and it is passed on. */
export const otherNumber: Step = (m) => {
  const { t, reading, text } = m;
  if (!idle(m) || !MORE_OR_FEWER_COME.test(text) || reading.errands.some((e) => e.errand === "book" && !isGuess(e) && !IS_BOOKED.test(text))) return false;
  t.say("places/for-the-desk");
  t.rule("message/how-many-come");
  t.state.task = { errand: "message", offered: text };
  t.expect("message", yesNoChoices());
  return true;
};

/** "Could my daughter take my lesson instead of me": who comes to what stands is for the desk to change, and it is passed on. */
export const inMyPlace: Step = (m) => {
  const { t, text } = m;
  if (!idle(m) || !IN_MY_PLACE.test(text)) return false;
  t.rule("message/in-my-place");
  offerToPassOn(t, text);
  return true;
};

/** "And can I book again later?", asked whether something is to be called off: nothing is booked yet. */
export const bookLater: Step = ({ t, reading, text }) => {
  const { task, expects } = t.state;
  if (expects !== "go-ahead" || (task?.errand !== "cancel" && task?.errand !== "move") || !BOOK_LATER.test(text)) return false;
  if (reading.found.some((f) => f.kind === "day" || f.kind === "time")) return false;
  t.say("aside/book-later");
  t.rule("aside/book-later");
  resume(t);
  return true;
};

/** "The baby's name or mine?", asked for a name. */
export const whoseName: Step = ({ t, reading, text }) => {
  if (t.state.expects !== "name" || !WHOSE_NAME.test(text) || reading.found.some((f) => f.kind === "name")) return false;
  const { task } = t.state;
  const other = task?.errand === "book" && task.forWhom && !task.visitor;
  t.say(other ? "name/theirs" : "name/yours");
  t.rule("aside/whose-name");
  resume(t);
  return true;
};

/** "Actually she can't come, just me": one place, of what was wished for several. */
export const justOne: Step = ({ t, reading, text }) => {
  const { task } = t.state;
  if (task?.errand !== "book" || !JUST_ME.test(text) || reading.question) return false;
  // What is for two is not what they want.
  const [only] = task.suggested && task.among?.length === 1 ? task.among : [];
  const forTwo = only === undefined ? undefined : t.house.services.get(only);
  if (forTwo && !task.service && [forTwo.name, ...forTwo.also, forTwo.about].some((words) => FOR_TWO.test(words))) {
    delete task.among;
    t.rule("service/not-for-two");
    resume(t);
    return true;
  }
  if ((task.places ?? 1) < 2) return false;
  task.places = 1;
  t.rule("places/just-one");
  if (task.hold) reopen(t, task);
  resume(t);
  return true;
};
