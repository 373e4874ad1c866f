import { EVERY, REGULARLY } from "../../language/packs/en/talk.ts";
import type { ReadContext } from "../../language/context.ts";
import { momentOf } from "../../language/context.ts";
import { ofKind, type FoundOf } from "../../language/found.ts";
import type { Reading } from "../../language/read.ts";
import { readTime } from "../../language/clock.ts";
import { nextOf } from "../../time/days.ts";
import type { Turn } from "../turn.ts";

/** Whether visits week by week are wished for, and not so many of them: "every Friday at four". */
export const regularly = (reading: Reading): boolean =>
  REGULARLY.test(reading.said) &&
  !reading.errands.some((e) => e.errand.startsWith("ask-") && e.errand !== "ask-availability") &&
  ofKind(reading.found, "day").every((d) => d.rule !== "day/in-series");

/** Of visits week by week, the first is booked, and the others may be asked for: the wish for that one. */
export function firstOfThem(t: Turn, reading: Reading, context: ReadContext): Reading {
  const every = ofKind(reading.found, "day").find((d) => d.rule === "day/any-weekday" && !d.not && EVERY.test(reading.said.slice(d.start, d.end)));
  const [weekday, other] = every?.value.kind === "weekdays" ? every.value.weekdays : [];
  if (!every || weekday === undefined || other !== undefined || !regularly(reading)) return reading;
  const { today, minute, closedForToday } = momentOf(context);
  const time = ofKind(reading.found, "time").find((f) => f.part !== "old");
  const begins = time ? readTime(context.house, time.value, today).wish.fromMin : undefined;
  // "Every Monday at nine", said on a Monday at half past eight: too soon for today's.
  const over = closedForToday || (begins !== undefined && begins < minute + context.house.handbook.rules.noticeMin);
  const first = nextOf(weekday, over ? today + 1 : today);
  t.say("book/one-at-first");
  t.rule("book/first-of-every-week");
  const day: FoundOf<"day"> = { ...every, value: { kind: "days", from: first, to: first } };
  return { ...reading, found: reading.found.map((f) => (f === every ? day : f)) };
}
