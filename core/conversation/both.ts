import type { ReadContext } from "../language/context.ts";
import { isGuess } from "../language/errand.ts";
import { ofKind, type Found, type FoundKind } from "../language/found.ts";
import { JOINS_TWO, ONLY_NAMES_ONE, SAYS_OR } from "../language/packs/en/doing.ts";
import { read, type Reading } from "../language/read.ts";
import { contextOf } from "./context.ts";
import type { Turn } from "./turn.ts";

/** Two visits that somebody has, and that are called off or moved in one breath. */

/** More places at which two visits may be joined are not looked at. */
const MOST_JOINS = 4;

/** What stands before and behind each place at which two visits may be joined, each read by itself. */
function halvesOf(reading: Reading, context: ReadContext): { join: RegExpExecArray; halves: [Reading, Reading] }[] {
  const { said } = reading;
  const joins = [...said.matchAll(JOINS_TWO)];
  if (joins.length > MOST_JOINS) return [];
  return joins.map((join) => ({ join, halves: [read(said.slice(0, join.index), context), read(said.slice(join.index + join[0].length), context)] }));
}

const TELLS_WHICH: readonly FoundKind[] = ["day", "time", "service", "staff"];

/** "Cancel the ballet and the shoe fitting", "Friday and the one on the ninth": each of two visits that are called off; null where it is one. */
export function bothOff(t: Turn, reading: Reading): Reading[] | null {
  const [only, other] = reading.errands;
  if (only?.errand !== "cancel" || other || SAYS_OR.test(reading.said)) return null;
  const who = reading.found.filter((f) => ["name", "phone", "email"].includes(f.kind));
  const context = { ...contextOf(t.house, t.now, t.state), expects: "errand" as const, errand: "cancel" as const };
  for (const { join, halves } of halvesOf(reading, context)) {
    // "My cut and colour", where one service is called so.
    if (reading.found.some((f) => f.kind === "service" && f.start < join.index && f.end > join.index + join[0].length)) continue;
    const which = halves.map((half) => half.found.filter((f) => TELLS_WHICH.includes(f.kind)));
    if (!which.every((found) => found.some((f) => f.kind === "day" || f.kind === "service"))) continue;
    if (halves[0].errands[0]?.errand !== "cancel" || !ONLY_NAMES_ONE.test(halves[1].masked.replace(/<\w+>/g, " "))) continue;
    return halves.map((half, i): Reading => ({ ...half, errands: [only], clauses: [], found: [...(which[i] as Found[]).map((f) => ofWhatStands(f)), ...who] }));
  }
  return null;
}

const TELLS_WHEN: readonly FoundKind[] = ["day", "time", "shift"];

/** "Move the ballet and the fitting to next week", "the ballet to five and the fitting to one": each of two visits that are moved, by its service; null where it is one. */
export function bothMoved(t: Turn, reading: Reading): Reading[] | null {
  const [only, other] = reading.errands;
  if (only?.errand !== "move" || other || SAYS_OR.test(reading.said)) return null;
  const who = reading.found.filter((f) => ["name", "phone", "email"].includes(f.kind));
  const context = { ...contextOf(t.house, t.now, t.state), expects: "errand" as const, errand: "move" as const };
  for (const { join, halves } of halvesOf(reading, context)) {
    const of = halves.map((half) => ofKind(half.found, "service"));
    const [a, b] = [of[0]?.[0], of[1]?.[0]];
    if (!a || !b || of.some((services) => services.length !== 1) || a.value.some((id) => b.value.includes(id))) continue;
    // "… and the fitting to one": an hour only where something is moved to it, which the whole of it tells.
    const when = halves.map((half, i) => {
      const own = half.found.filter((f) => TELLS_WHEN.includes(f.kind) && f.part !== "old");
      const inAll = reading.found.filter((f) => TELLS_WHEN.includes(f.kind) && f.part === "new" && f.start < join.index === (i === 0));
      return [...own, ...inAll.filter((f) => !own.some((o) => o.kind === f.kind))];
    });
    // "The ballet at five and the fitting at one": the second is said as the first is.
    const [first, second] = when as [Found[], Found[]];
    if (second.length === 0) second.push(...halves[1].found.filter((f) => first.some((o) => o.kind === f.kind)).map((f): Found => ({ ...f, part: "new" })));
    const shared = when.find((own) => own.length > 0);
    // "Move the massage and tell me what a facial costs": the second half is another matter.
    if (!shared || halves.some((half) => half.errands.some((e) => e.errand !== "move" && !isGuess(e)))) continue;
    return halves.map((half, i): Reading => {
      const own = when[i] as Found[];
      const rest = half.found.filter(
        (f) => (f.part === "old" && !own.some((o) => o.start === f.start)) || (!TELLS_WHEN.includes(f.kind) && !who.some((w) => w.kind === f.kind)),
      );
      return { ...half, errands: [only], clauses: [], found: [...rest, ...(own.length > 0 ? own : shared), ...who] };
    });
  }
  return null;
}

/** A day or an hour of a visit that there is. */
const ofWhatStands = (f: Found): Found => (f.kind === "day" || f.kind === "time" ? { ...f, part: "old" } : f);
