import type { DayNumber } from "../../time/days.ts";
import { dateText, timeText } from "../format.ts";
import { hoursSource, saidSource } from "../sources.ts";
import type { MessageTask, SlipKind, Source } from "../state.ts";
import { val, type Turn, type Value } from "../turn.ts";
import { yesNoChoices } from "./identity.ts";

/** Who takes messages, by name; the desk where nobody is named. */
export function messageTaker(t: Turn): { value: Value; to: "desk" | "manager" } {
  const person = t.house.handbook.staff.find((s) => s.takesMessages);
  if (!person) return { value: val("the desk"), to: "desk" };
  return { value: val(person.called[0] ?? person.name, { kind: "staff", id: person.id, label: person.name }), to: "manager" };
}

export function nextMessage(t: Turn, task: MessageTask): void {
  const c = t.state.client;
  if (!task.text) {
    t.say("message/ask");
    t.expect("message");
    return;
  }
  if (!c.name) {
    t.say("message/ask-name");
    t.expect("name");
    return;
  }
  if (!c.phone && !c.email && !c.noPhone) {
    t.say("message/ask-phone");
    t.expect("phone");
    return;
  }
  slip(t, task.callBack ? "call-back" : "message", task.text, task.offered || task.callBack ? "desk" : messageTaker(t).to);
}

export function slip(t: Turn, kind: SlipKind, text: string, to: "desk" | "manager"): void {
  const c = t.state.client;
  t.effect({ kind: "slip", slip: kind, text: text.slice(0, 2000), to, ...(c.name ? { name: c.name } : {}), ...(c.phone ? { phone: c.phone } : {}) });
}

/** Says that something is not known, and offers to pass the question on. */
export function offerToPassOn(t: Turn, question: string): void {
  t.say("unknown/offer");
  if (t.state.task) t.state.later.push(t.state.task);
  t.state.task = { errand: "message", offered: question };
  t.expect("message", yesNoChoices());
}

/** Gives the conversation to a person. */
export function handOver(t: Turn, why: string): void {
  const { state, house } = t;
  const { day, minute } = house.zone.toLocal(t.now);
  const open = house.openOn(day).some((w) => w.fromMin <= minute && minute < w.toMin);
  state.task = null;
  state.later = [];
  t.outcome("handed-over");
  if (open) {
    slip(t, "hand-over", why, "desk");
    t.say("person/handed");
    state.status = "with-desk";
    t.expect("nothing");
    return;
  }
  const next = nextOpen(t, day, minute);
  if (next) t.say("person/closed", { open: next });
  state.task = { errand: "message", text: why, callBack: true };
  nextMessage(t, state.task);
}

function nextOpen(t: Turn, today: DayNumber, minute: number): Value | null {
  for (let day = today; day < today + 30; day++) {
    const w = t.house.openOn(day).find((x) => day > today || x.fromMin > minute);
    if (w) {
      const source: Source = hoursSource(w.id);
      return val(`${dateText(t.house, day)} at ${timeText(t.house, w.fromMin)}`, source, saidSource);
    }
  }
  return null;
}
