import { A_PLACE, IS_THIS, IS_THIS_THE, PERSON_OR_MACHINE, WHO_IS_THIS } from "../language/packs/en/asked.ts";
import { lexiconOf } from "../language/recognisers/house.ts";
import { normalise } from "../language/text.ts";
import { handOver, offerToPassOn } from "./errands/message.ts";
import { asksWhether } from "./errands/nearly.ts";
import { proceed } from "./proceed.ts";
import { which } from "./slot.ts";
import { val, type Turn } from "./turn.ts";

/** What is said when something was not understood or is not known, and how one goes on from there. */

/** What is heard less surely than this may have been another thing: where nothing is known of it, where it would be an emergency, and where a limit. */
const SURE = 0.93;
export const SURE_EMERGENCY = 0.75;
export const SURE_LIMIT = 0.8;

/** "Is that Tern Bay?": whether the house itself is named, and nothing besides. */
export function namesHouse(t: Turn, text: string): boolean {
  const own = new Set(normalise(`${t.house.handbook.name} ${t.house.handbook.shortName}`).tokens.map((w) => w.text));
  const m = IS_THIS.exec(text);
  if (m === null || /\w/.test(text.slice(m.index + m[0].length))) return false;
  const called = normalise(m[1] as string).tokens.map((w) => w.text);
  if (called.every((w) => own.has(w))) return true;
  // "Is that the bike place": what it is, by what is done there.
  const { vocabulary } = lexiconOf(t.house);
  return A_PLACE.has(called.at(-1) ?? "") && called.length > 1 && called.slice(0, -1).every((w) => own.has(w) || vocabulary.has(w));
}

export function whoThisIs(t: Turn, text: string): boolean {
  const plain = text.toLowerCase();
  const asks = WHO_IS_THIS.test(plain);
  if (!asks) return false;
  const theirs = namesHouse(t, text);
  const house = val(t.house.handbook.shortName, { kind: "house", id: "shortName", label: "Name" });
  if (PERSON_OR_MACHINE.test(plain)) t.say("ask/what-i-am", { house });
  else if (theirs || IS_THIS_THE.test(plain)) t.say("ask/who-this-is", { house });
  else return false;
  t.outcome("answered");
  return true;
}

/** What is not known may have been heard wrong: it is asked back, and not twice in a row. */
export function maybeMisheard(t: Turn): boolean {
  const { state } = t;
  if (t.sure >= SURE || (state.askedBack !== undefined && state.turn - state.askedBack <= 1)) return false;
  state.askedBack = state.turn;
  t.rule("heard/asked-back");
  return true;
}

/** What is not known is said not to be known; what is done then is the house's to say. */
export function notKnown(t: Turn, text: string): void {
  if (t.state.task?.errand === "message") return proceed(t);
  if (whoThisIs(t, text)) return resume(t);
  if (maybeMisheard(t)) return repair(t, "unclear");
  if (asksWhether(t, text)) return;
  if (!t.reasons.some((r) => r.what === "ruled-out" && r.why === "no-answer")) t.reasons.push({ what: "ruled-out", why: "no-answer", about: "ask" });
  switch (t.house.handbook.unknown?.do ?? "pass-on") {
    case "pass-on":
      return offerToPassOn(t, text);
    case "hand-over":
      t.say("unknown/say-so");
      return handOver(t, text);
    case "say-so":
      t.say("unknown/say-so");
      return resume(t);
  }
}

export function thanks(t: Turn): boolean {
  const { state } = t;
  if (state.task) return false;
  close(t);
  return true;
}

export function close(t: Turn): void {
  t.say("bye");
  t.state.status = "closed";
  t.expect("nothing");
}

/** Goes back to what was asked before a question came between. */
export function resume(t: Turn): void {
  const task = t.state.task;
  if (task && (task.errand === "book" || task.errand === "move") && !task.hold && task.offered.length > 0) {
    t.state.expects = "slot";
    which(t, task);
    return;
  }
  proceed(t);
}

/** Three tries in growing detail, then a person. */
export function repair(t: Turn, moment: "repair/again" | "unclear" = "repair/again"): void {
  const { state } = t;
  state.repairs++;
  if (state.repairs >= 3) {
    state.repairs = 0;
    return handOver(t, "Three replies in a row were not understood.");
  }
  t.say(moment);
  // A name that cannot be made out is spelled.
  if (moment === "unclear" && state.expects === "name" && state.channel === "phone") {
    state.client.spells = true;
    t.say("check/spell");
    t.expect("name");
    return;
  }
  if (state.repairs === 2) t.say(state.expects === "day" || state.expects === "time" ? "repair/help-day" : "repair/help");
  if (state.task) return resume(t);
  t.say("what-can-i-do");
  t.expect("errand");
}
