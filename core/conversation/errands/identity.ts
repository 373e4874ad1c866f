import { phoneText } from "../format.ts";
import { cardSource, saidSource } from "../sources.ts";
import { val, type Turn } from "../turn.ts";
import type { BookTask, CancelTask, MineTask, MoveTask } from "../state.ts";

/** What was looked up for, as one word: so that the same person is looked up once. */
export function lookKey(t: Turn): string {
  const c = t.state.client;
  return `${c.name ?? ""}|${c.phone ?? ""}|${c.email ?? ""}`;
}

/** Asks the books for the client once name and number (or email) are known; true while the answer is awaited. */
export function lookUp(t: Turn): boolean {
  const c = t.state.client;
  if (!c.name || (!c.phone && !c.email) || c.looked === lookKey(t)) return false;
  c.looked = lookKey(t);
  t.effect({
    kind: "find-client",
    name: c.name,
    ...(c.phone ? { phone: c.phone } : {}),
    ...(c.email ? { email: c.email } : {}),
    ...(t.state.channel === "phone" ? { byEar: true } : {}),
  });
  return true;
}

/**
 * For an errand on an appointment that exists: who it is, by number or email together with the name. Gives "known" when
 * the card is found, "asked" when something was asked or looked up, "gone" when it went to the desk.
 */
export function identify(t: Turn, task: MoveTask | CancelTask | MineTask | BookTask): "known" | "asked" | "gone" {
  const c = t.state.client;
  if (!c.name) {
    t.say("find/ask-name");
    t.expect("name");
    return "asked";
  }
  if (!c.phone && !c.email) {
    t.say("find/ask-phone");
    t.expect("phone");
    return "asked";
  }
  if (lookUp(t)) return "asked";
  if (c.match === "both" || task.errand === "book") return "known";
  // One name alone finds nothing: the whole of it is asked for, whoever there is with that number.
  if (!c.name.trim().includes(" ") && !task.nameAsked) {
    task.nameAsked = true;
    delete c.name;
    t.say("find/ask-whole-name");
    t.expect("name");
    return "asked";
  }
  // The number is on a card, and the name was perhaps not heard well: it is spelled, once.
  if (t.state.channel === "phone" && c.match === "number-only" && !c.spells) {
    c.spells = true;
    delete c.name;
    t.say("check/spell");
    t.expect("name");
    return "asked";
  }
  if (!task.numberAsked && !c.confirmed) {
    task.numberAsked = true;
    if (c.phone) {
      t.say("find/check-number", { phone: val(phoneText(c.phone, t.house.handbook.country), saidSource) });
      t.expect("phone-check", yesNoChoices());
    } else {
      t.say("find/check-email", { email: val(c.email ?? "", saidSource) });
      t.expect("email-check", yesNoChoices());
    }
    return "asked";
  }
  t.say("find/nothing");
  t.effect({
    kind: "slip",
    slip: "hand-over",
    to: "desk",
    text: `Wants to ${task.errand === "ask-mine" ? "hear about" : task.errand} an appointment that is not found under this name and number.`,
    ...(c.name ? { name: c.name } : {}),
    ...(c.phone ? { phone: c.phone } : {}),
  });
  t.outcome("handed-over");
  t.state.task = null;
  return "gone";
}

/** On the telephone a name that no card has is said back, or spelled back, before anything stands under it; true while it is. */
export function nameBack(t: Turn): boolean {
  const c = t.state.client;
  if (t.state.channel !== "phone" || !c.name || c.match === "both" || c.nameHeard === c.name) return false;
  t.say("check/name", { name: val(c.spells ? `${c.name}, ${spelledText(c.name)}` : c.name, saidSource) });
  t.expect("name-check", yesNoChoices());
  return true;
}

/** "O-B-I": a name letter by letter; the words of it one after the other. */
const spelledText = (name: string): string =>
  name
    .split(" ")
    .map((w) => [...w.toUpperCase()].filter((l) => /\p{L}/u.test(l)).join("-"))
    .join(", ");

export const yesNoChoices = (): { label: string; say: string }[] => [
  { label: "Yes", say: "Yes" },
  { label: "No", say: "No" },
];

/** "Ana Petrov, 902 555 0142": whom the booking is for, as it will stand. */
export function clientVal(t: Turn, visitor?: string): ReturnType<typeof val> {
  const c = t.state.client;
  const contact = c.phone ? phoneText(c.phone, t.house.handbook.country) : (c.email ?? "");
  return val(`${visitor ?? c.name ?? ""}, ${contact}`, saidSource, ...(c.match === "both" ? [cardSource] : []));
}
