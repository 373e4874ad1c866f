import type { DayNumber } from "../../time/days.ts";
import { dateText } from "../format.ts";
import { closedSource, saidSource } from "../sources.ts";
import { val, type Turn } from "../turn.ts";

/** Says that the house is shut on a day, and for what, where that day has a name. */
export function sayClosed(t: Turn, day: DayNumber): void {
  const date = val(dateText(t.house, day), saidSource);
  const named = t.house.closedOn(day);
  if (named) t.say("why/closed-named", { date, name: val(named.name, closedSource(t.house, named.id)) });
  else t.say("why/closed", { date });
}
