import { calledText, serviceText, whenText } from "./format.ts";
import { fitting } from "./errands/existing.ts";
import { finish } from "./errands/finish.ts";
import { messageTaker } from "./errands/message.ts";
import { proceed } from "./proceed.ts";
import { calendarSource, saidSource, serviceSource, staffSource } from "./sources.ts";
import type { AppointmentView, Event } from "./state.ts";
import { val, type Turn } from "./turn.ts";
import { resume } from "./unheard.ts";
import { singleDay } from "./wish.ts";
import { DID_IT, WHAT_I_BOOKED } from "../language/packs/en/talk.ts";

/** What is asked without the hour that is kept being said. */
const BESIDE_THE_HOUR = /^(?:phone|email|name-check|phone-check|email-check|question:.+)$/;

/** Takes in what came of an effect. Only here is anything said to be done. */
export function result(t: Turn, event: Exclude<Event, { kind: "start" | "said" | "silence" | "unclear" | "left" | "nobody-came" }>): void {
  const { state } = t;
  const task = state.task;
  switch (event.kind) {
    case "client-found":
      state.client.match = event.match;
      state.appointments = event.appointments.filter((a) => a.startMin > t.now).sort((a, b) => a.startMin - b.startMin);
      if (event.card) {
        state.client.card = event.card;
        state.client.name = event.card.name;
        state.client.looked = `${event.card.name}|${state.client.phone ?? ""}|${state.client.email ?? ""}`;
        state.client.confirmed = true;
      }
      return proceed(t);
    case "held":
      if (task?.errand === "book" || task?.errand === "move") {
        task.hold = { id: event.id, offer: event.offer, untilMin: event.untilMin };
        task.offered = [];
        // "Make it half an hour later", while something else is asked: what is kept now is said before that is asked again.
        if (BESIDE_THE_HOUR.test(state.expects)) t.say("book/kept-now", { time: val(whenText(t.house, event.offer.startMin), calendarSource) });
      }
      return proceed(t);
    case "lost":
      if (task?.errand === "book" || task?.errand === "move") {
        delete task.hold;
        task.refused.push({ startMin: event.offer.startMin, staff: event.offer.staff, lost: true });
        task.offered = [];
        t.say("book/lost", { time: val(whenText(t.house, event.offer.startMin), calendarSource) });
        t.reasons.push({ what: "ruled-out", why: "taken-in-between" });
      }
      return proceed(t);
    case "booked": {
      t.say("book/booked", done(t, event.appointment));
      t.show(event.appointment, "booked");
      t.outcome("booked");
      state.did = { did: "booked", of: event.appointment };
      if (state.client.match !== "both") state.client.fresh = true;
      state.client.told = [...new Set([...(state.client.told ?? []), ...Object.keys(state.answers), ...(state.skipped ?? [])])];
      know(t, event.appointment);
      state.task = null;
      state.last = {
        service: event.appointment.service,
        lengthMin: event.appointment.lengthMin,
        staff: event.appointment.staff,
        startMin: event.appointment.startMin,
        endMin: event.appointment.endMin,
      };
      state.answers = {};
      delete state.undone;
      delete state.lastAsk;
      delete state.told;
      return after(t);
    }
    case "moved": {
      const was = state.appointments.find((a) => a.id === event.appointment.id);
      if (was) state.undone = { did: "moved", was, turn: state.turn };
      t.say("move/moved", done(t, event.appointment));
      t.show(event.appointment, "moved");
      t.outcome("moved");
      state.did = { did: "moved", of: event.appointment };
      know(t, event.appointment);
      state.task = null;
      had(t, event.appointment);
      return after(t);
    }
    case "cancelled":
      t.say("cancel/cancelled", done(t, event.appointment));
      t.show(event.appointment, "cancelled");
      state.left = event.appointment.startMin;
      state.undone = { did: "cancelled", was: event.appointment, turn: state.turn };
      t.outcome("cancelled");
      state.did = { did: "cancelled", of: event.appointment };
      state.appointments = state.appointments.filter((a) => a.id !== event.appointment.id);
      state.task = null;
      ofTheSameKind(t, event.appointment);
      doneAlready(t, event.appointment);
      return after(t);
    case "gone":
      t.say("gone");
      state.task = null;
      delete state.client.looked;
      return after(t);
    case "slipped":
      if (event.slip === "waiting") {
        t.say("wait/noted", { wish: val(task?.errand === "message" ? (task.text ?? "") : "", saidSource) });
        t.outcome("waitlisted");
        state.task = null;
        return after(t);
      }
      if (event.slip === "message" || event.slip === "call-back") {
        const tell = task?.errand === "message" ? task.tell : undefined;
        const to = task?.errand === "message" && !tell && (task.offered || task.callBack) ? val("the desk") : messageTaker(t, tell).value;
        t.say("message/taken", { to });
        t.outcome("message-taken");
        state.task = null;
        return after(t);
      }
      return;
  }
}

/** "Did that work?", "so I'm booked, right?": what was done last is said again. */
export function wasDone(t: Turn, text: string): boolean {
  const { did, task } = t.state;
  if (!did && task?.errand === "book" && WHAT_I_BOOKED.test(text)) {
    t.say("book/nothing-yet");
    t.rule("done/nothing-yet");
    resume(t);
    return true;
  }
  if (!did || task || !(DID_IT.test(text) || WHAT_I_BOOKED.test(text))) return false;
  t.say(({ booked: "book/booked", moved: "move/moved", cancelled: "cancel/cancelled" } as const)[did.did], done(t, did.of));
  t.rule("done/said-again");
  finish(t);
  return true;
}

function done(t: Turn, a: AppointmentView): Record<string, ReturnType<typeof val>> {
  return {
    time: val(whenText(t.house, a.startMin), calendarSource),
    service: val(serviceText(t.house, a.service), serviceSource(t.house, a.service)),
    staff: val(calledText(t.house, a.staff), staffSource(t.house, a.staff)),
  };
}

/** The client is known from now on: "cancel it" needs no number again. */
function know(t: Turn, a: AppointmentView): void {
  t.state.client.match = "both";
  t.state.client.confirmed = true;
  t.state.appointments = [...t.state.appointments.filter((x) => x.id !== a.id), a].sort((x, y) => x.startMin - y.startMin);
}

function after(t: Turn): void {
  if (t.state.later.length > 0) return proceed(t);
  finish(t);
}

/** A visit that was being booked for the day to which one of the same was moved then is had: "no, I want to move mine". */
function had(t: Turn, moved: AppointmentView): void {
  const day = t.house.zone.toLocal(moved.startMin).day;
  t.state.later = t.state.later.filter((x) => {
    if (x.errand !== "book" || !x.setAside || x.service !== moved.service || x.forWhom) return true;
    return singleDay(x.wish.days) !== day;
  });
}

/** "Cancel what I have and book me with Nell on the 11th": what is booked in place of it, and was not named, is the same thing. */
/** A visit that was to be called off later on and is called off now is not looked for again. */
function doneAlready(t: Turn, was: AppointmentView): void {
  t.state.later = t.state.later.filter(
    (x) => x.errand !== "cancel" || x.appointment || Object.keys(x.old).length === 0 || fitting(t, [was], x.old).length === 0,
  );
}

function ofTheSameKind({ state }: Turn, was: AppointmentView): void {
  for (const x of state.later) {
    if (x.errand !== "book" || x.service || (x.among && !x.among.includes(was.service))) continue;
    x.service = was.service;
    delete x.among;
    delete x.maybe;
    if (x.saidLength === undefined && x.lengthMin === undefined) x.lengthMin = was.lengthMin;
  }
}
