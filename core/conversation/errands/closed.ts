import type { DayNumber } from "../../time/days.ts";
import { dateText } from "../format.ts";
import { closedSource, saidSource } from "../sources.ts";
import { val, type Turn } from "../turn.ts";

/** Says that the house is shut on a day, and for what, where that day has a name. */
export function sayClosed(t: Turn, day: DayNumber, id?: string | null): void {
  const date = val(dateText(t.house, day), saidSource);
  const named = t.house.closedOn(day);
  const closed = id ?? named?.id ?? null;
  if (named && closed !== null) t.say("why/closed-named", { date, name: val(named.name, closedSource(t.house, closed)) });
  else t.say("why/closed", { date });
}
