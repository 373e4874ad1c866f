import { SAYS_OR, SAYS_THEN, WITH_EACH } from "../language/packs/en/doing.ts";
import { ofKind, type Found } from "../language/found.ts";
import type { Reading } from "../language/read.ts";
import { ofLength } from "./errands/oflength.ts";
import type { Turn } from "./turn.ts";

/**
 * "Aisha for my breathing and then Gethin for 45 minutes": a visit with each of two people, where the second does not do
 * what the first is for. What the second one is for may be told by the person alone. Null where nothing of the kind is said.
 */
export function withEach(t: Turn, reading: Reading): { first: Found[]; second: Found[]; follows: boolean } | null {
  const people = ofKind(reading.found, "staff").filter((f) => f.value !== "any" && !f.not);
  const [one, two, more] = people;
  if (!one || !two || more || one.value === "any" || two.value === "any" || one.value[0] === two.value[0] || SAYS_OR.test(reading.said)) return null;
  const between = reading.said.slice(one.end, two.start);
  const link = [...between.matchAll(WITH_EACH)].at(-1);
  if (!link) return null;
  const cut = one.end + link.index;
  const shared = reading.found.filter((f) => f.start < one.start && f.kind === "day");
  // "Both of them" counts the people, and nobody who comes.
  const own = reading.found.filter((f) => f.kind !== "places" && !shared.includes(f));
  const first = own.filter((f) => f.start < cut);
  const second = own.filter((f) => f.start >= cut);
  const service = ofKind(first, "service")[0];
  const who = two.value[0] as string;
  const does = (id: string): boolean => t.house.services.get(id)?.staff.includes(who) === true;
  if (!service || service.value.length !== 1 || does(service.value[0] as string)) return null;
  if (ofKind(second, "service").length === 0) {
    const minutes = ofKind(second, "length")[0]?.value;
    const theirs = typeof minutes === "number" ? ofLength(t, minutes, [who]) : t.house.handbook.services.filter((s) => s.staff.includes(who)).map((s) => s.id);
    if (theirs.length === 0) return null;
    second.push({ kind: "service", value: theirs, rule: theirs.length === 1 ? "service/by-person" : "service/several", start: two.start, end: two.end });
  }
  const timed = second.some((f) => f.kind === "time" || f.kind === "day");
  return { first: [...shared, ...first], second: [...shared, ...second], follows: !timed && SAYS_THEN.test(between) };
}
