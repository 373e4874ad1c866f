import { isGuess, type ErrandRead } from "../language/errand.ts";
import { ofKind, type Found, type FoundKind } from "../language/found.ts";
import { ONLY_NAMES_ONE, SAYS_OR } from "../language/packs/en/doing.ts";
import { LEFT_ALONE } from "../language/packs/en/signs.ts";
import { read, type Reading } from "../language/read.ts";
import { contextOf } from "./context.ts";
import { joinsOf, type Join } from "./joins.ts";
import type { Turn } from "./turn.ts";

/** Two visits that somebody has, and that are called off or moved in one breath. */

/** The first pair of halves, each read by itself as `errand`, that `of` makes two visits of; null where there are none, or either may be meant. */
function firstHalves(
  t: Turn,
  reading: Reading,
  errand: "cancel" | "move",
  of: (halves: [Reading, Reading], join: Join, errands: ErrandRead[], who: Found[]) => Reading[] | null,
): Reading[] | null {
  const [only, other] = reading.errands;
  if (only?.errand !== errand || other || SAYS_OR.test(reading.said)) return null;
  const who = reading.found.filter((f) => ["name", "phone", "email"].includes(f.kind));
  const context = { ...contextOf(t.house, t.now, t.state), expects: "errand" as const, errand };
  for (const join of joinsOf(reading.said)) {
    const two = of([read(join.left, context), read(join.right, context)], join, [only], who);
    if (two) return two;
  }
  return null;
}

const TELLS_WHICH: readonly FoundKind[] = ["day", "time", "service", "staff"];

/** "Cancel the ballet and the shoe fitting", "Friday and the one on the ninth": each of two visits that are called off; null where it is one. */
export const bothOff = (t: Turn, reading: Reading): Reading[] | null =>
  firstHalves(t, reading, "cancel", (halves, join, errands, who) => {
    // "My cut and colour", where one service is called so.
    if (reading.found.some((f) => f.kind === "service" && f.start < join.start && f.end > join.end)) return null;
    const which = halves.map((half) => half.found.filter((f) => TELLS_WHICH.includes(f.kind)));
    if (!which.every((found) => found.some((f) => f.kind === "day" || f.kind === "service"))) return null;
    if (halves[0].errands[0]?.errand !== "cancel" || !ONLY_NAMES_ONE.test(halves[1].masked.replace(/<\w+>/g, " "))) return null;
    return halves.map((half, i): Reading => ({ ...half, errands, clauses: [], found: [...(which[i] as Found[]).map((f) => ofWhatStands(f)), ...who] }));
  });

const TELLS_WHEN: readonly FoundKind[] = ["day", "time", "shift"];

/** "Move the ballet and the fitting to next week", "the ballet to five and the fitting to one": each of two visits that are moved, by its service; null where it is one. */
export const bothMoved = (t: Turn, reading: Reading): Reading[] | null =>
  firstHalves(t, reading, "move", (halves, join, errands, who) => {
    // "Move the breathing to Monday and leave the yoga where it is".
    if (halves.some((half) => LEFT_ALONE.test(half.masked))) return null;
    const services = halves.map((half) => ofKind(half.found, "service"));
    const [a, b] = [services[0]?.[0], services[1]?.[0]];
    if (!a || !b || services.some((own) => own.length !== 1) || a.value.some((id) => b.value.includes(id))) return null;
    // "… and the fitting to one": an hour only where something is moved to it, which the whole of it tells.
    const when = halves.map((half, i) => {
      const own = half.found.filter((f) => TELLS_WHEN.includes(f.kind) && f.part !== "old");
      const inAll = reading.found.filter((f) => TELLS_WHEN.includes(f.kind) && f.part === "new" && f.start < join.start === (i === 0));
      return [...own, ...inAll.filter((f) => !own.some((o) => o.kind === f.kind))];
    });
    // "The ballet at five and the fitting at one": the second is said as the first is.
    const [first, second] = when as [Found[], Found[]];
    if (second.length === 0) second.push(...halves[1].found.filter((f) => first.some((o) => o.kind === f.kind)).map((f): Found => ({ ...f, part: "new" })));
    const shared = when.find((own) => own.length > 0);
    // "Move the massage and tell me what a facial costs": the second half is another matter.
    if (!shared || halves.some((half) => half.errands.some((e) => e.errand !== "move" && !isGuess(e)))) return null;
    return halves.map((half, i): Reading => {
      const own = when[i] as Found[];
      const rest = half.found.filter(
        (f) => (f.part === "old" && !own.some((o) => o.start === f.start)) || (!TELLS_WHEN.includes(f.kind) && !who.some((w) => w.kind === f.kind)),
      );
      return { ...half, errands, clauses: [], found: [...rest, ...(own.length > 0 ? own : shared), ...who] };
    });
  });

/** A day or an hour of a visit that there is. */
const ofWhatStands = (f: Found): Found => (f.kind === "day" || f.kind === "time" ? { ...f, part: "old" } : f);
