import {
  AFTER_A_STOP,
  AND_NOT,
  AND_OR,
  ANOTHER_TIME_FOR,
  ASKS_BESIDES,
  AT_OR_IN_THE,
  BEGINS_BETWEEN,
  BE_ON,
  BY_RULE,
  DOES_NOT_DO,
  ELSEWHERE,
  ENDS_WHAT_CANNOT,
  HAVE_BOOKED,
  HAVE_GOT,
  INSTEAD_AFTER,
  INSTEAD_OF_IT,
  INSTEAD_PERSON,
  IN_PLACE_OF,
  IN_PLACE_OF_AFTER,
  ITS,
  ITS_BEFORE,
  MINE,
  MINE_WITH,
  MOVES_THE,
  OURS_ON,
  OUR_VISIT,
  OFF_OR_BACK,
  ONE_PERSON_FOR_ANOTHER,
  ON_OR_AT,
  OUR_VISIT_WITH,
  PREPOSITION,
  PUTS_OFF,
  RATHER_BEFORE,
  RATHER_THAN_PERSON,
  TRAVELS_TO,
  THAN_AFTER,
  THAN_BEFORE,
  SAYS_CAN,
  SO_IT_MOVES,
  SWAPS,
  SAYS_TO,
  SUPPOSED_TO,
  SUPPOSED_TO_SEE,
  TO,
  TO_AFTER,
  TO_BETWEEN,
  TO_MOVE,
  DONE_BY_ANOTHER,
  ITS_VISIT,
  MAKES_IT,
  PREFERS_ONE,
  SAY_AT,
  TO_PERSON,
  TO_THE_OTHER,
  TURNS,
  VERB_TO,
  VISIT_AFTER,
  VISIT_WITH,
  WANT_IT_WITH,
  WHAT_ABOUT,
  WILL_NOT_DO,
  WOULD_IT_BE,
  BUT_THEN,
  ENDS_IN_BUT,
  I_SAID,
} from "../packs/en/parts.ts";
import { BUT_NOT_THE_ONE, CALLS_OFF, KEEPS_BESIDE, KEEPS_THE, LEFT_AS_IT_IS } from "../packs/en/signs.ts";
import type { Moment } from "../context.ts";
import type { Found, Part } from "../found.ts";
import type { Said } from "../text.ts";
import { BETTER, CANT, IS_FINE, NEW_BEFORE, OLD_BEFORE, POSSIBLE, TAKES_ITS_PLACE, TURNS_TO_WISH } from "../packs/en/around.ts";

/** Whether two finds are of the same services. */
const sameOf = (a: Found, b: Found): boolean => a.kind === "service" && b.kind === "service" && a.value.some((id) => b.value.includes(id));

/**
 * In a move or a cancellation, tells the days and times of the appointment that exists from those of the wish: by the
 * word before them, by their order, and by what is known already. `cannot`: a visit that cannot be kept is told of first.
 */
export function assignParts(said: Said, all: Found[], at: Moment, errand: "move" | "cancel", cannot = false): Found[] {
  // "Cancel Friday but keep Monday": what is kept is none of what is called off.
  const kept = (f: Found): boolean =>
    (f.kind === "day" || f.kind === "time") &&
    (KEEPS_THE.test(said.norm.slice(0, f.start)) ||
      BUT_NOT_THE_ONE.test(`${said.norm.slice(0, f.start)}${PREPOSITION.exec(said.norm.slice(f.start, f.end))?.[0] ?? ""}`));
  // "Move the lesson to Thursday, and leave the fitting on Saturday".
  const another = (f: Found): boolean => f.kind === "service" && errand === "cancel" && all.some((g) => g.kind === "service" && g !== f && !sameOf(g, f));
  const besides = (f: Found): boolean =>
    (f.kind === "day" || f.kind === "staff" || another(f)) &&
    (KEEPS_BESIDE.test(said.norm.slice(0, f.start)) || (KEEPS_THE.test(said.norm.slice(0, f.start)) && LEFT_AS_IT_IS.test(said.norm.slice(f.end))));
  const stays = (f: Found): boolean => besides(f) || (errand === "cancel" && CALLS_OFF.test(said.norm) && kept(f));
  const found = all.filter((f) => !stays(f));
  // What is asked besides, after the wish, speaks of something else.
  const asks = ASKS_BESIDES.exec(said.norm);
  const rest = errand === "cancel" && asks ? asks.index : Infinity;
  const parts = found.filter((f) => ((f.kind === "day" && !f.not) || f.kind === "time") && f.start < rest).sort((a, b) => a.start - b.start);
  if (parts.length === 0) return found;
  // "An hour later on Thursday" is measured from the one on Thursday.
  const later = found.some((f) => f.kind === "shift" && (f.value === "later" || f.value === "earlier"));
  // "Something came up on Wednesday, can I come another day".
  const otherwise = found.find((f) => f.kind === "shift" && (f.value === "another-day" || f.value === "another-time"));
  const changed = found.filter((f) => f.kind === "shift");
  const resized = found.some((f) => f.kind === "length" && BY_RULE.test(f.rule));
  const people = new Set(found.flatMap((f) => (f.kind === "staff" && f.value !== "any" && !f.not ? f.value : [])));
  const swaps = SWAPS.test(said.norm) || ONE_PERSON_FOR_ANOTHER.test(said.norm);
  const swapped = errand === "move" && people.size === 2 && swaps && !found.some((f) => f.kind === "shift");
  // "My appointment with Maren on Thursday": whom it is with stands between it and when it is.
  const ourVisitWith = (f: Found): boolean => {
    const who = found.find((g) => g.kind === "staff" && g.end <= f.start && ON_OR_AT.test(said.norm.slice(g.end, f.start)));
    return who !== undefined && OUR_VISIT_WITH.test(said.norm.slice(0, who.start));
  };
  const given = new Map<Found, "old" | "new">();
  parts.forEach((f, i) => {
    if (f.part) {
      given.set(f, f.part);
      return;
    }
    if (errand === "cancel") {
      given.set(f, "old");
      return;
    }
    // "The week after" is measured from what there is, and is the wish.
    if (f.kind === "day" && (f.value.kind === "relative" || f.rule === "day/relative")) {
      given.set(f, "new");
      return;
    }
    const previous = parts[i - 1];
    const clause = said.norm.slice(previous?.end ?? 0, f.start);
    const words = said.norm.slice(f.start, f.end);
    const lead = `${clause}${PREPOSITION.exec(words)?.[0] ?? ""}`;
    const follow = said.norm.slice(f.end, f.end + 24);
    const close = previous !== undefined && clause.length <= 14 && !TURNS.test(clause);
    // "I'm at work on Thursday, so could we do my nails on Saturday": what is asked for after a day was told is the wish.
    const wish = TURNS_TO_WISH.exec(clause);
    const turned = wish !== null && (previous !== undefined || CANT.test(clause.slice(0, wish.index)));
    const behind = said.norm.slice(f.end, f.end + 40);
    const cant = CANT.exec(clause);
    const next = parts.findIndex((g, k) => k > i && g.kind === f.kind);
    // "On the 9th at four, not the 4th": what stands before the one that is not any more.
    if (parts[next]?.part === "old" && AND_NOT.test(said.norm.slice(parts[next - 1]?.end, parts[next]?.start))) {
      given.set(f, "new");
      return;
    }
    // "I need to put Thursday off", "push Thursday back a bit".
    if (!at.oldKnown && PUTS_OFF.test(clause) && OFF_OR_BACK.test(follow)) {
      given.set(f, "old");
      return;
    }
    // "Make tomorrow's massage eleven".
    if (f.kind === "time" && previous?.kind === "day" && MAKES_IT.test(said.norm.slice(0, previous.start)) && ITS_VISIT.test(clause)) {
      given.set(f, "new");
      return;
    }
    // "Can somebody else do my blow-dry on Saturday": who does it is changed, and not when.
    if (errand === "move" && !at.oldKnown && DONE_BY_ANOTHER.test(said.norm.slice(0, f.start)) && !NEW_BEFORE.test(clause.replace(/^.*\bdo\b/, ""))) {
      given.set(f, "old");
      return;
    }
    // "I said eight on Wednesday but my ride only comes at nine".
    if (!at.oldKnown && errand === "move" && I_SAID.test(clause) && BUT_THEN.test(said.norm.slice(f.end))) {
      given.set(f, "old");
      return;
    }
    // "I'm booked at nine but eleven would be better".
    if (previous !== undefined && given.get(previous) === "old" && ENDS_IN_BUT.test(clause)) {
      given.set(f, "new");
      return;
    }
    // "Could it be later, at ten".
    if (f.kind === "time" && errand === "move" && changed.some((g) => g.end <= f.start && SAY_AT.test(said.norm.slice(g.end, f.start)))) {
      given.set(f, "new");
      return;
    }
    // "I can't get there before nine" tells of no appointment.
    if (f.rule === "time/not-before") given.set(f, "new");
    // "At two, not at eleven": the one that is not ruled out.
    else if (f.kind === "time" && f.rule !== "time/not-but" && !at.oldKnown && parts.some((g) => g !== f && g.rule === "time/not-but")) given.set(f, "new");
    // "Add half an hour to my massage on Wednesday": what is to be longer stands where it stands.
    // "Monday's lesson" is the one there is; "Monday's good" is the wish.
    else if ((ITS.test(follow) && !IS_FINE.test(follow)) || (resized && OUR_VISIT.test(clause))) given.set(f, "old");
    // "Can I come at half past instead of three": the one that it takes the place of.
    else if (f.rule === "time/not-but" && !at.oldKnown) given.set(f, "old");
    else if (turned && !parts.some((g) => g.start > f.end && g.kind === f.kind) && !INSTEAD_OF_IT.test(lead)) given.set(f, "new");
    // "Thursday is better", "is Friday at one possible".
    else if (errand === "move" && !at.oldKnown && (BETTER.test(behind) || (WOULD_IT_BE.test(lead) && POSSIBLE.test(behind)))) given.set(f, "new");
    // "Swap Saturday's class for the one on Thursday".
    else if (previous !== undefined && TAKES_ITS_PLACE.test(clause)) given.set(f, "new");
    else if (TO.test(lead) && !VERB_TO.test(lead) && !MINE.test(lead) && !TO_MOVE.test(lead) && !TRAVELS_TO.test(lead)) given.set(f, "new");
    else if (INSTEAD_AFTER.test(follow)) given.set(f, "new");
    else if (DOES_NOT_DO.test(said.norm.slice(f.end, f.end + 40))) given.set(f, "old");
    else if (WHAT_ABOUT.test(lead)) given.set(f, "new");
    // "I'd rather have it on Thursday than Friday".
    else if (THAN_BEFORE.test(lead) && RATHER_BEFORE.test(said.norm.slice(0, f.start))) given.set(f, "old");
    else if (
      THAN_AFTER.test(said.norm.slice(f.end, f.end + 40)) &&
      RATHER_BEFORE.test(said.norm.slice(0, f.start)) &&
      parts.some((g) => g.start > f.end && g.kind === f.kind)
    )
      given.set(f, "new");
    // "Another time for Friday": what is there on Friday is to be at another time.
    else if (f.kind === "day" && ANOTHER_TIME_FOR.test(lead)) given.set(f, "old");
    else if (f.rule === "time/not-but" || IN_PLACE_OF.test(lead)) given.set(f, "old");
    // "Wednesday at two is out, Thursday?": after what cannot be kept, the wish.
    else if (previous !== undefined && given.get(previous) === "old" && WILL_NOT_DO.test(clause)) given.set(f, "new");
    // What stands before "instead of" and the like is the wish.
    else if (IN_PLACE_OF_AFTER.test(said.norm.slice(f.end, f.end + 40)) && parts.some((g) => g.start > f.end && g.kind === f.kind)) given.set(f, "new");
    else if (OURS_ON.test(lead) && (!SAYS_TO.test(clause) || TO_MOVE.test(lead)) && !BE_ON.test(lead)) given.set(f, "old");
    else if (!at.oldKnown && ourVisitWith(f)) given.set(f, "old");
    // "I need to change Thursday": what is to be changed, where nothing is said to be the wish.
    else if (
      !at.oldKnown &&
      errand === "move" &&
      MOVES_THE.test(lead) &&
      !TO_AFTER.test(follow.replace(AT_OR_IN_THE, "")) &&
      !parts.some((g) => g.start < f.start)
    )
      given.set(f, "old");
    // "Nell's two o'clock", "I booked it for Wednesday".
    else if (!at.oldKnown && (ITS_BEFORE.test(lead) || HAVE_BOOKED.test(clause))) given.set(f, "old");
    else if (VISIT_AFTER.test(follow) && !NEW_BEFORE.test(lead)) given.set(f, "old");
    else if (cant && !SAYS_CAN.test(clause.slice(cant.index).replace(/^\S+/, ""))) given.set(f, "old");
    else if (f.kind === "day" && !at.oldKnown && ELSEWHERE.test(clause)) given.set(f, "old");
    // "I'm on the road on the 9th, Thursday the 11th at three?": after what cannot be, the wish.
    else if (cannot && f.kind === "day" && previous === undefined && parts.filter((g) => g.kind === "day").length === 1 && AFTER_A_STOP.test(clause))
      given.set(f, "new");
    else if (cannot && f.kind === "day" && previous?.kind === "day" && /^\s*[,.;!?-]/.test(clause)) given.set(f, "new");
    // "I can't get away on Wednesday at four. Friday at eight?"
    else if (cannot && f.kind === "day" && previous !== undefined && given.get(previous) === "old" && ENDS_WHAT_CANNOT.test(clause)) given.set(f, "new");
    // "The school play is on Thursday so I need to move it": what stands in its way is when it is.
    else if (f.kind === "day" && !at.oldKnown && errand === "move" && SO_IT_MOVES.test(behind)) given.set(f, "old");
    // "Grace rather than Tessie on Saturday": who it is with is changed, and not when.
    else if (swapped && !at.oldKnown && parts.length === 1) given.set(f, "old");
    else if (
      ((later && f.kind === "day") || (otherwise && otherwise.start > f.end)) &&
      (parts.length === 1 || (otherwise && parts.every((g) => g.end < otherwise.start)))
    )
      given.set(f, "old");
    // "Friday instead of Thursday, 5 pm": after the contrast the wish goes on.
    else if (
      close &&
      f.kind === "time" &&
      previous.kind === "day" &&
      /,/.test(clause) &&
      IN_PLACE_OF.test(said.norm.slice(Math.max(0, previous.start - 24), previous.start)) &&
      !parts.some((g) => g !== f && g.kind === "time" && given.get(g) === "new")
    )
      given.set(f, "new");
    // Beside one that bears no sign, both are told by what follows.
    else if (SUPPOSED_TO.test(lead) || HAVE_GOT.test(clause)) given.set(f, "old");
    else if (close && previous && (previous.kind !== f.kind || AND_OR.test(clause)) && !NEW_BEFORE.test(lead)) {
      const part = given.get(previous);
      if (part) given.set(f, part);
    } else if (NEW_BEFORE.test(lead)) given.set(f, "new");
    else if (OLD_BEFORE.test(lead) && !at.oldKnown) given.set(f, "old");
  });
  // What stands before the wish and bears no sign of its own belongs to the appointment that exists.
  const firstNew = parts.findIndex((f) => given.get(f) === "new");
  parts.forEach((f, i) => {
    if (given.has(f)) return;
    // "Can I come at ten on Friday instead": the hour goes with the day that stands right behind it.
    const next = parts[i + 1];
    const beside = f.kind === "time" && next?.kind === "day" && given.get(next) === "new" && INSTEAD_AFTER.test(said.norm.slice(next.end));
    if (beside && /^\s*(?:on\s*)?$/.test(said.norm.slice(f.end, next.start))) {
      given.set(f, "new");
      return;
    }
    const laterNew = parts.slice(i + 1).some((g) => g.kind === f.kind && (given.get(g) === "new" || !given.has(g)));
    // "Friday is a problem. Is Rohan there on Saturday?": after the one that cannot be kept, another is the wish.
    const missed = parts.slice(0, i).some((g) => g.kind === f.kind && g.part === "old");
    given.set(f, at.oldKnown || missed ? "new" : i < firstNew || laterNew ? "old" : "new");
  });
  return found.map((f) => {
    const part = given.get(f);
    return part ? { ...f, part } : f;
  });
}

/**
 * In a move, tells the person who is booked from the one who is wished for: "from Nell to Joaquim", "Maren rather than
 * Tobias". One person alone is the wish only where the words say so.
 */
export function assignPeople(said: Said, found: Found[]): Found[] {
  const people = found.filter((f) => f.kind === "staff" && f.value !== "any" && !f.not);
  if (people.length === 0) return found;
  // "I'd prefer Fiona to Isaac".
  const lesser = (f: Found): boolean => {
    const last = people[people.indexOf(f) - 1];
    return last !== undefined && PREFERS_ONE.test(said.norm.slice(0, last.start)) && TO_THE_OTHER.test(said.norm.slice(last.end, f.start));
  };
  const old = (f: Found): boolean => lesser(f) || RATHER_THAN_PERSON.test(said.norm.slice(Math.max(0, f.start - 34), f.start));
  const wished = (f: Found): boolean => {
    const before = said.norm.slice(Math.max(0, f.start - 40), f.start);
    if (INSTEAD_PERSON.test(said.norm.slice(f.end))) return true;
    return TO_PERSON.test(before) && !SUPPOSED_TO_SEE.test(before) && (!VISIT_WITH.test(before) || WANT_IT_WITH.test(before));
  };
  const several = people.length > 1;
  return found.map((f) => {
    const i = people.indexOf(f);
    if (i < 0) return f;
    const part: Part = old(f)
      ? "old"
      : several
        ? people.some((p) => p !== f && old(p)) || i > 0
          ? "new"
          : "old"
        : wished(f) && (!existing(said, f) || INSTEAD_PERSON.test(said.norm.slice(f.end)))
          ? "new"
          : "old";
    return { ...f, part };
  });
}

/** "My massage with Nell": a thing that is booked and a person stand together. */
const existing = (said: Said, f: Found): boolean => MINE_WITH.test(said.norm.slice(0, f.start)) || ITS.test(said.norm.slice(f.end));

/** In a move "from 3 to 4:30" are two times, not a stretch. */
export function splitRanges(said: Said, found: Found[]): Found[] {
  return found.flatMap((f): Found[] => {
    if (f.kind !== "time" || f.value.kind !== "between") return [f];
    const words = said.norm.slice(f.start, f.end);
    const to = TO_BETWEEN.exec(words);
    if (!to || BEGINS_BETWEEN.test(words)) return [f];
    return [
      { ...f, value: { kind: "at", at: f.value.from }, rule: "time/at", end: f.start + to.index, part: "old" },
      { ...f, value: { kind: "at", at: f.value.to }, rule: "time/at", start: f.start + to.index + 4, part: "new" },
    ];
  });
}
