import { FOR_ALL, ONE_LIKE_IT, OF_ONESELF, OF_SOMEBODY, ONE_AFTER_ANOTHER, SAYS_OR, THING_OF_ITS_OWN } from "../language/packs/en/doing.ts";
import { COULD_COME } from "../language/packs/en/talk.ts";
import { readTime } from "../language/clock.ts";
import { ofKind, type Found, type FoundKind } from "../language/found.ts";
import { read, type Reading } from "../language/read.ts";
import { contextOf } from "./context.ts";
import { joinsOf } from "./joins.ts";
import type { Turn } from "./turn.ts";

/** Two visits that are told in the same shape, and whether the second comes right after the first. */
export interface TwoAlike {
  first: Reading;
  second: Reading;
  follows: boolean;
}

const ABOUT_A_VISIT: readonly FoundKind[] = ["service", "day", "time", "length", "staff", "gender", "for-whom"];

/**
 * Two visits told in the same shape: each of somebody of their own ("a cut for me and a trim on the 8th for my son", "my
 * husband needs a scan and I need a clean, both on Thursday"), or each on a day and at an hour of its own ("on Tuesday at
 * three and on Thursday at four"). Each half is read by itself, so that it is heard as if it had been said alone; what is
 * said of both, or only once and holds for both, is of each. Null where the halves are not alike.
 */
export function alike(t: Turn, reading: Reading): TwoAlike | null {
  if (SAYS_OR.test(reading.said)) return null;
  for (const { left, right } of joinsOf(reading.said)) {
    const two = eachOfTheirOwn(t, left, right) ?? eachAtAnHour(t, left, right);
    if (two) return two;
  }
  return null;
}

/** Each half is of somebody else. */
function eachOfTheirOwn(t: Turn, left: string, right: string): TwoAlike | null {
  // "One for me, a relaxing one": of the thing that was named.
  if (ONE_LIKE_IT.test(right)) return null;
  const whom = [left, right].map((half) => ({ self: OF_ONESELF.test(half), other: OF_SOMEBODY.exec(half)?.slice(1).find(Boolean) }));
  const [a, b] = whom;
  if (!a || !b || !(a.self || a.other) || !(b.self || b.other) || (a.other ?? "") === (b.other ?? "")) return null;
  const all = FOR_ALL.exec(right);
  const first = alone(t, left);
  const second = alone(t, right.slice(0, all?.index ?? right.length), hourIn(t, first));
  const shared = alone(t, right.slice(all?.index ?? right.length));
  const has = (r: Reading, ...kinds: FoundKind[]): boolean => r.found.some((f) => kinds.includes(f.kind));
  const thing = has(second, "service") || THING_OF_ITS_OWN.test(right);
  const ownWhen = has(first, "day", "time") && has(second, "day", "time");
  if (!(has(first, "service") || THING_OF_ITS_OWN.test(left)) || !(thing || ownWhen)) return null;
  const follows = ONE_AFTER_ANOTHER.test(right);
  // What the second half ends with and the first does not have is said of both: "… for my daughter, on Thursday at ten".
  const trailing = second.found.filter((f) => (f.kind === "day" || f.kind === "time") && !has(first, f.kind));
  const before = first.found.filter((f) => !thing && (f.kind === "service" || f.kind === "length" || f.kind === "staff") && !has(second, f.kind));
  const dayBefore = first.found.filter((f) => f.kind === "day" && !has(second, "day") && !has(shared, "day"));
  return {
    first: wished(first, left, [...trailing, ...shared.found]),
    second: wished({ ...second, found: second.found.filter((f) => !(follows && f.kind === "time")) }, right, [
      ...before,
      ...dayBefore,
      ...shared.found.filter((f) => !(follows && f.kind === "time")),
    ]),
    follows,
  };
}

/** Each half has a day and an hour, and the second nothing besides but who does it. */
function eachAtAnHour(t: Turn, left: string, right: string): TwoAlike | null {
  if (COULD_COME.test(left)) return null;
  const [first, second] = [alone(t, left), alone(t, right)];
  const when = (r: Reading): boolean => {
    const days = ofKind(r.found, "day").filter((d) => !d.not && !d.part && d.value.kind === "days" && d.value.from === d.value.to);
    return days.length === 1 && ofKind(r.found, "day").length === 1 && ofKind(r.found, "time").filter((x) => x.value.kind === "at").length === 1;
  };
  if (!when(first) || !when(second) || ofKind(first.found, "service").length === 0 || second.found.some((f) => f.kind === "service" || f.kind === "for-whom"))
    return null;
  const lacks = (r: Reading, f: Found): boolean => !r.found.some((o) => o.kind === f.kind);
  const shared = (f: Found): boolean => ["service", "length", "staff", "gender", "for-whom"].includes(f.kind);
  return {
    first: wished(
      first,
      left,
      second.found.filter((f) => shared(f) && lacks(first, f)),
    ),
    second: wished(
      second,
      right,
      first.found.filter((f) => shared(f) && lacks(second, f)),
    ),
    follows: false,
  };
}

/** One half, heard as a wish of its own; `aroundMin` is the hour that the other half named, for "half past". */
const alone = (t: Turn, words: string, aroundMin?: number): Reading =>
  read(words, { ...contextOf(t.house, t.now, t.state), expects: "errand", errand: "book", ...(aroundMin === undefined ? {} : { aroundMin }) });

/** The hour that a half is wished for at, as a minute of the day. */
function hourIn(t: Turn, half: Reading): number | undefined {
  const day = ofKind(half.found, "day")[0]?.value;
  const time = ofKind(half.found, "time")[0]?.value;
  return time && readTime(t.house, time, day?.kind === "days" ? day.from : undefined).wish.nearMin;
}

/** A half as the reading of one visit: its own finds and those of both, and no number of people. */
const wished = (half: Reading, text: string, besides: readonly Found[]): Reading => ({
  ...half,
  text,
  found: [...half.found.filter((f) => f.kind !== "places"), ...besides.filter((f) => ABOUT_A_VISIT.includes(f.kind))],
});
