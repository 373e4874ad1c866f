import { TO_BE_CALLED } from "../../language/packs/en/doing.ts";
import { EMERGENCY, telephoneFor, thereOn } from "../../house/through.ts";
import type { DayNumber } from "../../time/days.ts";
import { calledText, dateText, timeText } from "../format.ts";
import { hoursSource, saidSource, staffSource } from "../sources.ts";
import { read } from "../../language/read.ts";
import { contextOf } from "../context.ts";
import type { MessageTask, SlipKind, Source } from "../state.ts";
import { val, type Turn, type Value } from "../turn.ts";
import { yesNoChoices } from "./identity.ts";

export const EMERGENCY_SOURCE: Source = { kind: "emergency", id: "emergency", label: "Emergencies" };

/** Who takes messages, by name; the desk where nobody is named. */
export function messageTaker(t: Turn, tell?: string): { value: Value; to: "desk" | "manager" } {
  const person = (tell ? t.house.staff.get(tell) : undefined) ?? t.house.handbook.staff.find((s) => s.takesMessages);
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
    t.say(task.waiting ? "wait/ask-name" : "message/ask-name");
    t.expect("name");
    return;
  }
  if (!c.phone && !c.email && !c.noPhone) {
    t.say("message/ask-phone");
    t.expect("phone");
    return;
  }
  if (task.callBack && task.when === undefined) {
    t.say("message/ask-when");
    t.expect("message");
    return;
  }
  if (task.waiting) return slip(t, "waiting", task.text, "desk");
  const person = task.tell ? t.house.staff.get(task.tell) : undefined;
  const wish = task.when ? `${task.text} (call back: ${task.when})` : task.text;
  const text = person ? `For ${person.name}: ${wish}` : wish;
  slip(t, task.callBack ? "call-back" : "message", text, (task.offered || task.callBack) && !person ? "desk" : messageTaker(t).to);
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

/** Gives the conversation to a person: to the one who was asked for by name, or to whom the house has it. */
export function handOver(t: Turn, why: string, named?: string): void {
  const { state, house } = t;
  const { day, minute } = house.zone.toLocal(t.now);
  const whom = named ?? house.handbook.handingOver?.to;
  const byPhone = state.channel === "phone";
  // A person's own telephone may ring at hours when nobody is at the desk.
  const there = thereOn(house, day).some((w) => w.fromMin <= minute && minute < w.toMin) || (byPhone && telephoneFor(house, whom, t.now) !== null);
  state.task = null;
  state.later = [];
  t.outcome("handed-over");
  if (there) {
    const to = house.staff.get(whom ?? "");
    slip(t, "hand-over", to ? `For ${to.name}: ${why}` : why, "desk");
    if (to) state.through = to.id;
    else delete state.through;
    if (byPhone) t.say("person/putting");
    else if (to && named === undefined) t.say("person/handed-to", { who: val(calledText(house, to.id), staffSource(house, to.id)) });
    else t.say("person/handed");
    state.status = "with-desk";
    t.expect("nothing");
    return;
  }
  const next = nextOpen(t, day, minute);
  leaveWord(t, why, () => {
    if (next) t.say("person/closed", { open: next });
  });
}

/** Nobody is there: a call back or a message, as the house has it. */
function leaveWord(t: Turn, why: string, say: () => void): void {
  // Who has said when already is not asked.
  const when = TO_BE_CALLED.test(why) && read(why, contextOf(t.house, t.now, t.state)).found.some((f) => f.kind === "day" || f.kind === "time");
  const callBack = (t.house.handbook.handingOver?.nobody ?? "call-back") === "call-back";
  if (callBack) say();
  else t.say("person/closed-message");
  t.state.task = callBack ? { errand: "message", text: why, callBack: true, ...(when ? { when: "" } : {}) } : { errand: "message" };
  nextMessage(t, t.state.task);
}

/** Nobody at the desk has come to what was handed over: the receptionist takes it up again. */
export function nobodyCame(t: Turn): void {
  if (t.state.status !== "with-desk") return;
  t.state.status = "open";
  if (t.state.through === EMERGENCY) {
    // Help does not wait for somebody of the house.
    t.say("emergency/nobody", { say: val(t.house.emergency.say, EMERGENCY_SOURCE) });
    t.expect("anything");
    return;
  }
  t.say("person/nobody-came");
  leaveWord(t, "Asked for a person, and nobody came.", () => t.say("person/call-back"));
}

function nextOpen(t: Turn, today: DayNumber, minute: number): Value | null {
  for (let day = today; day < today + 30; day++) {
    const w = thereOn(t.house, day).find((x) => day > today || x.fromMin > minute);
    if (w) {
      const source: Source = hoursSource(w.id);
      return val(`${dateText(t.house, day)} at ${timeText(t.house, w.fromMin)}`, source, saidSource);
    }
  }
  return null;
}
