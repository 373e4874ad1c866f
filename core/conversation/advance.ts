import { repair } from "./unheard.ts";
import type { House } from "../house/compile.ts";
import { contextOf } from "./context.ts";
import { read } from "../language/read.ts";
import type { Calendar } from "../schedule/calendar.ts";
import type { Channel } from "../house/schema.ts";
import type { EpochMin } from "../time/zone.ts";
import { nobodyCame } from "./errands/message.ts";
import { hearAside, silence, standsStill } from "./asides.ts";
import { hear } from "./hear.ts";
import { result } from "./result.ts";
import type { Event, State, Step } from "./state.ts";
import { fromCalendar } from "./errands/offering.ts";
import { Turn, type Finder } from "./turn.ts";

/** A new conversation on a line. The seed chooses among wordings, and nothing else. */
export function begin(house: House, now: EpochMin, lineKey: string, channel: Channel, seed: number): State {
  const line = house.handbook.lines.find((l) => l.key === lineKey);
  const { day, minute } = house.zone.toLocal(now);
  const afterHours = !house.openOn(day).some((w) => w.fromMin <= minute && minute < w.toMin);
  return {
    v: 1,
    seed,
    line: lineKey,
    channel,
    receptionist: (afterHours ? line?.afterHours : undefined) ?? line?.receptionist ?? house.handbook.receptionists[0]?.id ?? "",
    afterHours,
    status: "open",
    expects: "errand",
    task: null,
    later: [],
    client: { confirmed: false },
    answers: {},
    appointments: [],
    outcomes: [],
    used: {},
    repairs: 0,
    turn: 0,
  };
}

/**
 * One step of a conversation: what came in makes a new state, at most one reply, and what must be done outside. Pure:
 * the same house, calendar, moment, state and event give the same step. Effects are done by the caller, in a
 * transaction, and their results come back as the next event; what is said of them waits for that.
 */
export function advance(house: House, calendar: Calendar, now: EpochMin, before: State, event: Event, finder: Finder = fromCalendar): Step {
  const state = copied(before);
  const t = new Turn(house, calendar, now, state, finder);
  switch (event.kind) {
    case "start":
      if (event.phone !== undefined) Object.assign(state.client, { phone: event.phone, line: event.phone });
      t.greet();
      t.expect("errand");
      break;
    case "said": {
      state.turn++;
      if (state.status !== "open") break;
      delete state.silences;
      t.sure = event.sure ?? 1;
      const reading = read(event.text, contextOf(house, now, state));
      if (!reading.emergency && hearAside(t, reading, event.text)) break;
      hear(t, reading, event.text);
      if (t.effects.length === 0) standsStill(t, before);
      break;
    }
    case "silence":
      if (state.status === "open") silence(t);
      break;
    case "unclear":
      if (state.status === "open") repair(t, "unclear");
      break;
    case "left":
      leave(t);
      break;
    case "nobody-came":
      nobodyCame(t);
      break;
    default:
      result(t, event);
  }
  return t.done();
}

/** A deep copy of plain data; several times quicker than the platform's, which must also know other things. */
function copied<T>(value: T): T {
  if (Array.isArray(value)) return value.map(copied) as T;
  if (typeof value !== "object" || value === null) return value;
  const out: Record<string, unknown> = {};
  for (const key of Object.keys(value)) out[key] = copied((value as Record<string, unknown>)[key]);
  return out as T;
}

/** The client has gone: what was held is let go, and what stays undone is marked. */
function leave(t: Turn): void {
  const { state } = t;
  if (state.status === "closed") return;
  const task = state.task;
  if (task && "hold" in task && task.hold) t.effect({ kind: "release", hold: task.hold.id });
  if (task && !state.outcomes.some((o) => o !== "answered")) state.outcomes.push("abandoned");
  state.status = "closed";
  state.expects = "nothing";
}
