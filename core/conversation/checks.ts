import { ofKind } from "../language/found.ts";
import { type Reading } from "../language/read.ts";
import { applyToBook } from "./errands/apply.ts";
import { contextOf } from "./context.ts";
import { otherThanHeld } from "./goahead.ts";
import { isAsk } from "../language/errand.ts";
import { wishIn } from "./wish.ts";
import { proceed } from "./proceed.ts";
import { reopen } from "./start.ts";
import { type Turn } from "./turn.ts";
import { UNDER_ANOTHER_NAME } from "../language/packs/en/people.ts";
import { GIVES_UP } from "../language/packs/en/talk.ts";

/** Answers to a number, an address or a name that was read back; true when that was it. */
export function checks(t: Turn, reading: Reading, contact: boolean): boolean {
  const { state } = t;
  if (state.expects !== "phone-check" && state.expects !== "email-check" && state.expects !== "name-check") return false;
  const yes = ofKind(reading.found, "yes")[0]?.value;
  // "No, leave it then": none of it is wanted any more.
  if (GIVES_UP.test(reading.said)) return false;
  // "Hang on, what do you charge if I cancel": the question is answered, and what was read back is asked again.
  if (!yes && !contact && reading.question && reading.errands.some((e) => isAsk(e.errand))) {
    if (state.task && "numberAsked" in state.task) delete state.task.numberAsked;
    return false;
  }
  if (state.expects === "name-check" && nameChecked(t, reading, yes)) return true;
  if (underAnotherName(t, reading)) return true;
  if (contact) {
    if (yes && !ofKind(reading.found, "phone-end").length) state.client.confirmed = true;
    proceed(t);
    return true;
  }
  const task = state.task;
  // "Hang on, make it half an hour later": another hour than the one that is kept; what was read back is asked again.
  if (yes !== true && (task?.errand === "book" || task?.errand === "move") && ofKind(reading.found, "shift").length > 0 && otherThanHeld(t, task, reading))
    return true;
  // What is wished for is kept, whatever is being asked.
  if (task?.errand === "book" && wishIn(reading) && !reading.question && reading.errands.every((e) => e.errand === "book" || e.errand === "move")) {
    if (yes) state.client.confirmed = true;
    if (applyToBook(t, task, reading, contextOf(t.house, t.now, state))) reopen(t, task);
    proceed(t);
    return true;
  }
  if (yes === undefined) return false;
  if (yes) state.client.confirmed = true;
  else {
    if (state.expects === "phone-check") {
      if (state.client.phone === state.client.line) delete state.client.line;
      delete state.client.phone;
    } else delete state.client.email;
    delete state.client.looked;
    t.say("check/again");
    t.expect(state.expects === "phone-check" ? "phone" : "email");
    return true;
  }
  proceed(t);
  return true;
}

/** "It might be under my married name, Doyle", where nothing was found: it is looked for under that. */
function underAnotherName(t: Turn, reading: Reading): boolean {
  const { task, client } = t.state;
  const said = UNDER_ANOTHER_NAME.exec(reading.text);
  const name = said?.[1] ?? said?.[2];
  if (!task || !("numberAsked" in task) || name === undefined || !client.name) return false;
  const words = client.name.split(" ");
  client.name = name.includes(" ") || words.length < 2 ? name : [...words.slice(0, -1), name].join(" ");
  delete client.looked;
  delete client.match;
  delete task.numberAsked;
  t.rule("find/under-another-name");
  proceed(t);
  return true;
}

/** What was read back as the name: right, another one, or to be spelled. */
function nameChecked(t: Turn, reading: Reading, yes: boolean | undefined): boolean {
  const { client } = t.state;
  if (yes) {
    if (client.name) client.nameHeard = client.name;
    delete client.spells;
    proceed(t);
    return true;
  }
  if (ofKind(reading.found, "name").length > 0) {
    delete client.looked;
    proceed(t);
    return true;
  }
  if (yes === undefined) return false;
  delete client.name;
  delete client.looked;
  client.spells = true;
  t.say("check/spell");
  t.expect("name");
  return true;
}
