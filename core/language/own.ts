import {
  ASKS_FOR_THEM,
  ANOTHER_THING,
  A_VISIT,
  BOOKED_WITH_US,
  HAS_ONE,
  I_HAVE,
  IS_WITH,
  MY_BEFORE,
  MAKE_IT,
  OF_MYSELF,
  ONE_DAY_NOT_ANOTHER,
  ONE_MORE,
  OURS,
  TELLS_SOMEBODY,
  THE_SERVICE,
  BY_SOMEBODY_ELSE,
  THE_SERVICE_TO_BE,
  VISIT_NEXT,
} from "./packs/en/reading.ts";
import type { House } from "../house/compile.ts";
import { asksNothing, freeToAsk, type ReadContext } from "./context.ts";
import type { ErrandRead } from "./errand.ts";
import type { Found } from "./found.ts";
import { isQuestion } from "./masked.ts";
import { A_CHANGE, CHANGES, HAS_A_VISIT, HAS_WITHOUT_ARTICLE, RATHER, VISIT, WISHES } from "./packs/en/signs.ts";
import type { Said } from "./text.ts";
import { LONGEST_WISH } from "./wanted.ts";

/** "Can you change the battery": what is to be changed is what a service changes, and no visit. */
export const changesThing = (said: Said, found: readonly Found[], house: House): boolean =>
  found.some(
    (f) =>
      f.kind === "service" &&
      CHANGES.test(said.norm.slice(Math.max(0, f.start - 30), f.start)) &&
      !VISIT.test(/^ ?([a-z]*)/.exec(said.norm.slice(f.end))?.[1] ?? "") &&
      f.value.some((id) => {
        const s = house.services.get(id);
        return [s?.name ?? "", ...(s?.also ?? [])].some((n) => A_CHANGE.test(n));
      }),
  );
export const changedThing = (e: ErrandRead, found: readonly Found[], said: Said): ErrandRead => {
  const wished = OURS.test(said.norm) || found.some((f) => f.kind === "day" || f.kind === "time") || !isQuestion(said);
  const errand = wished ? "book" : "ask-service";
  return { ...e, errand, rule: `errand/${errand}/changes-a-thing` };
};

/** "I've got a massage with Nell on Friday, could I come earlier", "… make it a taping": what they have is to be another. */
export function changesOwn(said: Said, found: readonly Found[], context: ReadContext): boolean {
  if (!asksNothing(context)) return false;
  const have = HAS_ONE.exec(said.norm) ?? hasNamed(said, found);
  if (!have) return false;
  const after = said.norm.slice(have.index);
  const ours = found.some((f) => (f.kind === "service" || f.kind === "staff") && f.start > have.index) || A_VISIT.test(after);
  const measured = found.some((f) => f.kind === "shift" && (f.value === "earlier" || f.value === "later"));
  const wish = RATHER.exec(after);
  const turned =
    wish !== null &&
    !found.some((f) => f.kind === "service" && f.start > have.index + wish.index) &&
    !ONE_MORE.test(after.slice(wish.index)) &&
    (ANOTHER_THING.test(after.slice(wish.index)) ||
      (["day", "time", "staff", "length"] as const).some((kind) => {
        const of = found.filter((f) => f.kind === kind && f.start > have.index);
        return of.some((f) => f.start < have.index + wish.index) && of.some((f) => f.start > have.index + wish.index);
      }));
  return ours && (turned || measured || MAKE_IT.test(after));
}

/** "I have yoga with Theo on the 11th": what takes no article, named as theirs with whom or when it is. */
function hasNamed(said: Said, found: readonly Found[]): { index: number } | null {
  // "My scan is with Dr Knowles but I'd like Dr Rolle".
  const ours = found.find((f) => f.kind === "service" && MY_BEFORE.test(said.norm.slice(0, f.start)) && IS_WITH.test(said.norm.slice(f.end)));
  if (ours) return { index: ours.start };
  const have = I_HAVE.exec(said.norm);
  if (!have) return null;
  const end = have.index + have[0].length;
  const named = found.some((f) => f.kind === "service" && f.start === end);
  const told = found.filter((f) => (f.kind === "day" || f.kind === "staff") && f.start > end && f.start < end + 50);
  return named && told.length > 0 ? have : null;
}

/** "I'd like the massage on the 11th to be ninety minutes": of a visit that stands, what it is to be. */
export const toBeOtherwise = (masked: string, context: ReadContext): boolean =>
  freeToAsk(context) && (THE_SERVICE_TO_BE.test(masked) || BY_SOMEBODY_ELSE.test(masked));

/** "Something earlier with Gethin on the same day", with nothing offered: of a visit that stands. */
export const sameDayOtherwise = (found: readonly Found[], context: ReadContext): boolean =>
  freeToAsk(context) &&
  found.some((f) => f.kind === "shift" && (f.value === "earlier" || f.value === "later")) &&
  found.some((f) => f.kind === "day" && f.value.kind === "relative" && f.value.byDays === 0 && f.value.weekday === undefined && !f.value.week) &&
  !found.some((f) => f.kind === "service");

/**
 * "Can we have the carriage at two, not at eleven": of a thing they have, one hour and not the other. Who says who they
 * are need not name it, and may mean a day: "could I come on Thursday, not on Tuesday".
 */
export function tradesHour(found: readonly Found[], masked: string, context: ReadContext): boolean {
  if (!freeToAsk(context)) return false;
  const known = found.some((f) => f.kind === "phone" || f.kind === "email");
  const hours = found.some((f) => f.kind === "time" && f.rule === "time/not-but") && found.some((f) => f.kind === "time" && f.rule !== "time/not-but");
  return (known || THE_SERVICE.test(masked)) && (hours || ONE_DAY_NOT_ANOTHER.test(masked));
}

/** What is said around a visit that somebody has, and tells nothing of what is to be done with it. */
const AROUND_OWN = new Set(
  "hi hiya hello hey good morning afternoon evening er um so well yes yeah it its it's this is i'm i am calling ringing writing about regarding concerning re with my our the at on for please thanks next last other".split(
    " ",
  ),
);
const OF_VISITS = new Set<Found["kind"]>(["service", "staff", "day", "time", "length", "name", "phone", "email"]);

/** "My acupuncture", "it's about our appointment on Thursday": which one it is is found first, and then what is wished. */
export function ownVisit(said: Said, found: readonly Found[], context: ReadContext): boolean {
  if (!freeToAsk(context)) return false;
  if (!OURS.test(said.norm) || said.norm.length > LONGEST_WISH) return false;
  const words = [...said.norm.matchAll(/[a-z']+/g)]
    .filter((w) => !found.some((f) => OF_VISITS.has(f.kind) && w.index >= f.start && w.index < f.end))
    .map((w) => w[0]);
  const named = found.some((f) => f.kind === "service" && f.value.length === 1 && f.rule === "service/name") || words.some((w) => VISIT.test(w));
  return named && words.some((w) => w === "my" || w === "our") && words.every((w) => AROUND_OWN.has(w) || VISIT.test(w));
}
/** "My mother's got a massage with you on Wednesday": a visit that stands is told of, and nothing is wished for yet. */
export function tellsOfVisit(said: Said, found: readonly Found[], context: ReadContext, errands: readonly ErrandRead[]): boolean {
  if (!freeToAsk(context)) return false;
  const guessed = (e: ErrandRead): boolean => e.errand === "message" && e.rule.endsWith("/examples") && !TELLS_SOMEBODY.test(said.norm);
  if (errands.some((e) => e.errand !== "book" && e.errand !== "ask-availability" && !guessed(e)) || (isQuestion(said) && !ASKS_FOR_THEM.test(said.norm)))
    return false;
  const bare = HAS_WITHOUT_ARTICLE.exec(said.norm);
  // "My boy has night terrors, Wednesday at two": what ails him, and when he could come.
  const told = bare && found.find((f) => f.kind === "service" && f.start === bare.index + bare[0].length);
  const follows = told && !found.some((f) => f.kind === "day" && f.start > told.end && /[,.;!]/.test(said.norm.slice(told.end, f.start)));
  const has = follows ? bare : HAS_A_VISIT.exec(said.norm);
  if (!has) return false;
  const from = has.index + has[0].length;
  const after = said.norm.slice(from);
  const named = found.some((f) => f.kind === "service" && f.start >= has.index && f.start <= from + 12) || VISIT_NEXT.test(after);
  // Of somebody else's, the day tells as much.
  const stands = BOOKED_WITH_US.test(after) || (!OF_MYSELF.test(has[0]) && found.some((f) => (f.kind === "day" || f.kind === "time") && f.start >= from));
  return named && stands && !WISHES.test(said.norm);
}
export const OWN_CHANGED = (e: ErrandRead): ErrandRead => ({ ...e, errand: "move", rule: "errand/move/changes-own" });
