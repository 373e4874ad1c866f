import { HOW_OLD, OF_HOURS } from "../../language/packs/en/asked.ts";
import { contentOf } from "../../knowledge/search.ts";
import { ofKind } from "../../language/found.ts";
import type { Reading } from "../../language/read.ts";
import { WEEKDAYS, weekdayName, weekdayNumber, weekdayOf, type DayNumber } from "../../time/days.ts";
import { dateText, listText, timeText } from "../format.ts";
import { closedSource, hoursSource, saidSource } from "../sources.ts";
import { joinVals, val, type Turn, type Value } from "../turn.ts";
import { fromHandbook } from "./handbook.ts";

function hoursText(t: Turn, day: DayNumber): Value {
  const windows = t.house.openOn(day);
  return val(
    listText(
      windows.map((w) => `${timeText(t.house, w.fromMin)} to ${timeText(t.house, w.toMin)}`),
      "and",
    ),
    ...windows.map((w) => hoursSource(w.id)),
  );
}

export function hours(t: Turn, reading: Reading): boolean {
  const { house } = t;
  // "What year did you open" asks of the past.
  if (HOW_OLD.test(reading.said)) return fromHandbook(t, reading);
  // What is asked besides when the house is open is no question of hours.
  if (!OF_HOURS.test(reading.said) && contentOf(reading.masked.replace(/<\w+>/g, " ")).length > 0) return fromHandbook(t, reading);
  if (house.handbook.hours.length === 0) {
    t.say("ask/no-hours");
    return true;
  }
  const days = ofKind(reading.found, "day").filter((d) => !d.not);
  const asked: DayNumber[] = [];
  const weekdays: number[] = [];
  for (const d of days) {
    const v = d.value;
    if (v.kind === "weekdays") weekdays.push(...v.weekdays);
    else if (v.kind === "ask" || v.kind === "either") asked.push(...v.days);
    else if (v.kind === "days" && v.from !== undefined && v.to !== undefined && v.to - v.from <= 1) for (let x = v.from; x <= v.to; x++) asked.push(x);
  }
  const today = house.zone.toLocal(t.now).day;
  for (const w of weekdays) {
    let x = today + ((w - weekdayOf(today) + 7) % 7);
    // A weekday in general is read from the weekly hours, not from a day that happens to be closed.
    for (let i = 0; i < 8 && house.closedOn(x); i++) x += 7;
    const weekday = val(weekdayName(w));
    if (house.openOn(x).length === 0) t.say("ask/hours-closed-weekday", { weekday: val(weekday.text, ...house.handbook.hours.map((h) => hoursSource(h.id))) });
    else t.say("ask/hours-weekday", { weekday, hours: hoursText(t, x) });
  }
  for (const x of asked.slice(0, 3)) {
    const date = val(dateText(house, x), saidSource);
    const closed = house.closedOn(x);
    if (closed) t.say("ask/hours-closed-named", { date, name: val(closed.name, closedSource(house, closed.id)) });
    else if (house.openOn(x).length === 0)
      t.say("ask/hours-closed", { date: val(date.text, saidSource, ...house.handbook.hours.map((h) => hoursSource(h.id))) });
    else t.say("ask/hours-day", { date, hours: hoursText(t, x) });
  }
  if (asked.length === 0 && weekdays.length === 0) {
    const parts = house.handbook.hours.map((h) =>
      val(`${weekdaysText(h.weekdays.map(weekdayNumber))} ${timeText(house, toMin(h.from))} to ${timeText(house, toMin(h.to))}`, hoursSource(h.id)),
    );
    t.say("ask/hours", { list: joinVals(parts, "and") });
  }
  t.outcome("answered");
  return true;
}

export const toMin = (s: string): number => Number(s.slice(0, 2)) * 60 + Number(s.slice(3));

/** "Monday to Thursday", "Tuesday and Thursday". */
export function weekdaysText(days: readonly number[]): string {
  const sorted = [...new Set(days)].sort((a, b) => a - b);
  const first = sorted[0];
  const end = sorted.at(-1);
  if (first !== undefined && end !== undefined && sorted.length > 2 && end - first === sorted.length - 1)
    return `${WEEKDAYS[first - 1]} to ${WEEKDAYS[end - 1]}`;
  return listText(
    sorted.map((d) => WEEKDAYS[d - 1] as string),
    "and",
  );
}
