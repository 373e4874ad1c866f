import type { Moment } from "../context.ts";
import type { Found, Part } from "../found.ts";
import type { Said } from "../text.ts";
import { BETTER, CANT, IS_FINE, NEW_BEFORE, OLD_BEFORE, POSSIBLE, TAKES_ITS_PLACE, TURNS_TO_WISH } from "../packs/en/around.ts";

/**
 * In a move or a cancellation, tells the days and times of the appointment that exists from those of the wish: by the
 * word before them, by their order, and by what is known already.
 */
export function assignParts(said: Said, found: Found[], at: Moment, errand: "move" | "cancel"): Found[] {
  // What is asked besides, after the wish, speaks of something else.
  const asks = /[,.;?!]\s*(?:and |also )*(?:what|when|how|where|are you|do you|is there)\b/.exec(said.norm);
  const rest = errand === "cancel" && asks ? asks.index : Infinity;
  const parts = found.filter((f) => ((f.kind === "day" && !f.not) || f.kind === "time") && f.start < rest).sort((a, b) => a.start - b.start);
  if (parts.length === 0) return found;
  // "An hour later on Thursday" is measured from the one on Thursday.
  const later = found.some((f) => f.kind === "shift" && (f.value === "later" || f.value === "earlier"));
  // "Something came up on Wednesday, can I come another day".
  const another = found.find((f) => f.kind === "shift" && (f.value === "another-day" || f.value === "another-time"));
  const resized = found.some((f) => f.kind === "length" && /-by$/.test(f.rule));
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
    const previous = parts[i - 1];
    const clause = said.norm.slice(previous?.end ?? 0, f.start);
    const words = said.norm.slice(f.start, f.end);
    const lead = `${clause}${/^(?:on|at|for|the|my|this|next|around|about|after|before|by|in)\s/.exec(words)?.[0] ?? ""}`;
    const follow = said.norm.slice(f.end, f.end + 24);
    const close =
      previous !== undefined && clause.length <= 14 && !/\bto\b|instead|[;?]|[.!]\s+(?:is|are|could|can|would|may|how|what|maybe|perhaps)\b/.test(clause);
    // "I'm at work on Thursday, so could we do my nails on Saturday": what is asked for after a day was told is the wish.
    const wish = TURNS_TO_WISH.exec(clause);
    const turned = wish !== null && (previous !== undefined || CANT.test(clause.slice(0, wish.index)));
    const behind = said.norm.slice(f.end, f.end + 40);
    // "I can't get there before nine" tells of no appointment.
    if (f.rule === "time/not-before") given.set(f, "new");
    // "At two, not at eleven": the one that is not ruled out.
    else if (f.kind === "time" && f.rule !== "time/not-but" && !at.oldKnown && parts.some((g) => g !== f && g.rule === "time/not-but")) given.set(f, "new");
    // "Add half an hour to my massage on Wednesday": what is to be longer stands where it stands.
    // "Monday's lesson" is the one there is; "Monday's good" is the wish.
    else if ((/^'s\b/.test(follow) && !IS_FINE.test(follow)) || (resized && /\b(?:my|our)\s[^.;?!]*$/.test(clause))) given.set(f, "old");
    else if (turned && !parts.some((g) => g.start > f.end && g.kind === f.kind) && !/\b(?:from|instead of|rather than)\s+(?:\w+\s+){0,2}$/.test(lead))
      given.set(f, "new");
    // "Thursday is better", "is Friday at one possible".
    else if (
      errand === "move" &&
      !at.oldKnown &&
      (BETTER.test(behind) || (/(?:^|[.,;!?]\s*|\b(?:and|so|but) )(?:is|are|would|could|might)\s+(?:on |at |the )*$/.test(lead) && POSSIBLE.test(behind)))
    )
      given.set(f, "new");
    // "Swap Saturday's class for the one on Thursday".
    else if (previous !== undefined && TAKES_ITS_PLACE.test(clause)) given.set(f, "new");
    else if (
      /\bto\s+(?:\w+\s+){0,3}$/.test(lead) &&
      !/\b(?:need|want|like|have|going|able|try|trying|hoping|wanted) to\s+(?:\w+\s+){0,3}$/.test(lead) &&
      !/\bmy\s+$/.test(lead) &&
      !/\bto (?:move|change|swap|exchange|switch|shift|push|bring|reschedule|rearrange|postpone|transfer)\s+(?:my |our |the )?(?:\w+\s+)?(?:on |at )?$/.test(
        lead,
      )
    )
      given.set(f, "new");
    else if (/^\s*instead\b/.test(follow)) given.set(f, "new");
    else if (/^\s*(?:\w+ ){0,2}(?:doesn't|does not|don't|won't|will not|isn't|is not|is no|is bad|no longer|is too)\b/.test(said.norm.slice(f.end, f.end + 40)))
      given.set(f, "old");
    else if (/\b(?:what|how) about\s+(?:on |at |the )*$/.test(lead)) given.set(f, "new");
    // "Another time for Friday": what is there on Friday is to be at another time.
    else if (f.kind === "day" && /\b(?:another|a different|some other) (?:time|slot|hour) (?:for|on)\s+(?:my |the )*$/.test(lead)) given.set(f, "old");
    else if (f.rule === "time/not-but" || /\b(?:instead of|rather than|in place of|and not)\s+(?:my |the |on |at )*$/.test(lead)) given.set(f, "old");
    // What stands before "instead of" and the like is the wish.
    else if (
      /^[^.;?!]{0,20}\b(?:instead of|rather than|in place of)\b/.test(said.norm.slice(f.end, f.end + 40)) &&
      parts.some((g) => g.start > f.end && g.kind === f.kind)
    )
      given.set(f, "new");
    else if (
      /\b(?:my|our|from)\s+(?:[\w']+\s+){0,2}(?:on |at |for )?(?:the )?$/.test(lead) &&
      !/\bto\s/.test(clause) &&
      !/\b(?:be|become|happen|take place)\s+(?:on |at |for )?(?:the )?$/.test(lead)
    )
      given.set(f, "old");
    // "I need to change Thursday": what is to be changed, where nothing is said to be the wish.
    else if (
      !at.oldKnown &&
      errand === "move" &&
      /\b(?:change|move|reschedule|shift|swap|switch|postpone|rearrange)\s+(?:on |this )?$/.test(lead) &&
      !/^\s*(?:to|instead)\b/.test(follow.replace(/^\s*(?:at|in the) \w+/, "")) &&
      !parts.some((g) => g.start < f.start)
    )
      given.set(f, "old");
    // "Nell's two o'clock", "I booked it for Wednesday".
    else if (
      !at.oldKnown &&
      (/(?<!\b(?:that|it|what|let|there|here|who|he|she))'s\s+$/.test(lead) ||
        /\b(?:i|we)(?:'ve| have|'d| had)?(?: already)? (?:booked|scheduled|arranged|made)\b[^.;?!,]*$/.test(clause))
    )
      given.set(f, "old");
    else if (/^\s*(?:one|appointment|booking|visit|session)\b/.test(follow) && !NEW_BEFORE.test(lead)) given.set(f, "old");
    else if (CANT.test(clause) && !/\b(?:so|can|could)\b[^']*$/.test(clause.replace(CANT, ""))) given.set(f, "old");
    else if (
      ((later && f.kind === "day") || (another && another.start > f.end)) &&
      (parts.length === 1 || (another && parts.every((g) => g.end < another.start)))
    )
      given.set(f, "old");
    // "Friday instead of Thursday, 5 pm": after the contrast the wish goes on.
    else if (
      close &&
      f.kind === "time" &&
      previous.kind === "day" &&
      /,/.test(clause) &&
      /\b(?:instead of|rather than|in place of|and not)\s+(?:my |the |on |at )*$/.test(said.norm.slice(Math.max(0, previous.start - 24), previous.start)) &&
      !parts.some((g) => g !== f && g.kind === "time" && given.get(g) === "new")
    )
      given.set(f, "new");
    // Beside one that bears no sign, both are told by what follows.
    else if (
      /\b(?:supposed|due|booked|down|meant) (?:to|for|in|with)\b[^.;?!]*$/.test(clause) ||
      /\b(?:i|we)(?:'ve got| have(?: got)?|'ve(?= (?:an?|my|one|something)\b))(?! (?:to|been|time)\b)[^.;?!]*$/.test(clause)
    )
      given.set(f, "old");
    else if (close && previous && (previous.kind !== f.kind || /\b(?:and|or)\b|,/.test(clause)) && !NEW_BEFORE.test(lead)) {
      const part = given.get(previous);
      if (part) given.set(f, part);
    } else if (NEW_BEFORE.test(lead)) given.set(f, "new");
    else if (OLD_BEFORE.test(lead) && !at.oldKnown) given.set(f, "old");
  });
  // What stands before the wish and bears no sign of its own belongs to the appointment that exists.
  const firstNew = parts.findIndex((f) => given.get(f) === "new");
  parts.forEach((f, i) => {
    if (given.has(f)) return;
    const laterNew = parts.slice(i + 1).some((g) => g.kind === f.kind && (given.get(g) === "new" || !given.has(g)));
    given.set(f, at.oldKnown ? "new" : i < firstNew || laterNew ? "old" : "new");
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
  const old = (f: Found): boolean =>
    /\b(?:from|instead of|rather than|in place of|than|and not)\s+(?:with |by |see |seeing )?$|\bprefer\b[^.;?!]{1,24} over $/.test(
      said.norm.slice(Math.max(0, f.start - 34), f.start),
    );
  const wished = (f: Found): boolean => {
    const before = said.norm.slice(Math.max(0, f.start - 40), f.start);
    if (/^\s*instead\b(?! of)/.test(said.norm.slice(f.end))) return true;
    return (
      /\b(?:to|over to|be with|be done by|rather see|rather have|prefer|prefer to see|see|do it with|go to|with|(?:i'd|i would|we'd|we would) like(?: to have)?|want(?: to have)?)\s+$/.test(
        before,
      ) &&
      !/\b(?:supposed|due|booked|meant) to (?:see|meet|be with)\s+$/.test(before) &&
      (!/\b(?:appointment|visit|booking|session|one|it|massage|lesson|booked|service|something) with\s+$/.test(before) ||
        /\b(?:want|like|have|do|prefer|rather|be) (?:it|one|this|that) with\s+$/.test(before))
    );
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
        : wished(f) && (!existing(said, f) || /^\s*instead\b(?! of)/.test(said.norm.slice(f.end)))
          ? "new"
          : "old";
    return { ...f, part };
  });
}

/** "My massage with Nell": a thing that is booked and a person stand together. */
const existing = (said: Said, f: Found): boolean =>
  /\bmy (?!(?:\w+ )*be )(?:\w+ ){1,3}with\s+$/.test(said.norm.slice(0, f.start)) || /^'s\b/.test(said.norm.slice(f.end));

/** In a move "from 3 to 4:30" are two times, not a stretch. */
export function splitRanges(said: Said, found: Found[]): Found[] {
  return found.flatMap((f): Found[] => {
    if (f.kind !== "time" || f.value.kind !== "between") return [f];
    const words = said.norm.slice(f.start, f.end);
    const to = / to /.exec(words);
    if (!to || /^between/.test(words)) return [f];
    return [
      { ...f, value: { kind: "at", at: f.value.from }, rule: "time/at", end: f.start + to.index, part: "old" },
      { ...f, value: { kind: "at", at: f.value.to }, rule: "time/at", start: f.start + to.index + 4, part: "new" },
    ];
  });
}
