import { asksNothing, type Expects, type Moment } from "../context.ts";
import type { Found } from "../found.ts";
import {
  AFTER_A_DAY,
  ALL_WOULD_DO,
  LEAVES_IT_TO_YOU,
  THE_NEXT_ONE,
  BARE_ORDINAL,
  BY_NUMBER,
  CHOICES,
  ENDS_CHOICE,
  NEAREST,
  NOT_WISHED,
  OF_THEIRS,
  SAYS_NUMBER,
  SHIFTS,
  SURELY_CHOICE,
  WITH_ARTICLE,
} from "../packs/en/choices.ts";
import { EARLIER, LONGER_BY, minutesIn, num, SHIFTED_BY } from "../packs/en/lengths.ts";
import { eachMatch } from "../patterns.ts";
import { type Said } from "../text.ts";

/** Where something may be chosen from. */
const CHOOSING = new Set<Expects>(["slot", "which-appointment", "day", "service", "length", "go-ahead", "anything", "errand"]);

/** Finds a choice among what was offered. */
export function choices(said: Said, at: Moment): Found[] {
  if (at.expects !== undefined && !CHOOSING.has(at.expects)) return [];
  const out: Found[] = [];
  // What was offered begins with what lies nearest to the wish.
  if (at.expects === "slot")
    for (const m of eachMatch(NEAREST, said.norm))
      out.push({ kind: "choice", value: "first", rule: "choice/nearest", start: m.index, end: m.index + m[0].length });
  // Nothing was offered: only what can be nothing else is a choice, or "cancel the first", of several that they have.
  const open = asksNothing(at) || at.expects === "go-ahead";
  for (const c of CHOICES)
    for (const m of eachMatch(c.pattern, said.norm)) {
      const end = m.index + m[0].length;
      if (open && !SURELY_CHOICE.test(m[0]) && !ofTheirs(said, m[0], m.index, end)) continue;
      if (out.some((o) => o.start < end && m.index < o.end)) continue;
      if (BARE_ORDINAL.test(m[0]) && said.tokens.length > 4) continue;
      out.push({ kind: "choice", value: c.value, rule: "choice/" + c.value, start: m.index, end });
    }
  if (at.expects === "slot" || at.expects === "which-appointment" || at.expects === "service" || at.expects === "length")
    out.push(...wholeChoice(said, out.length === 0));
  return out;
}

const ofTheirs = (said: Said, words: string, start: number, end: number): boolean =>
  WITH_ARTICLE.test(words) &&
  OF_THEIRS.test(said.norm.slice(0, start)) &&
  !AFTER_A_DAY.test(said.norm.slice(0, start)) &&
  ENDS_CHOICE.test(said.norm.slice(end));

/** All that was said, in answer to which of them. */
function wholeChoice(said: Said, nothingYet: boolean): Found[] {
  const text = said.norm.trim();
  const [start, end] = [0, said.norm.length];
  if ((ALL_WOULD_DO.test(text) || LEAVES_IT_TO_YOU.test(text)) && nothingYet) return [{ kind: "choice", value: "any", rule: "choice/any", start, end }];
  // "Then the next one", of what was offered: the first of it.
  if (THE_NEXT_ONE.test(text) && nothingYet) return [{ kind: "choice", value: "first", rule: "choice/next", start, end }];
  const bare = BY_NUMBER.exec(text);
  if (!bare || !SAYS_NUMBER.test(bare[0])) return [];
  const value = (["first", "second", "third"] as const)[num(bare[1] as string) - 1] ?? "first";
  return [{ kind: "choice", value, rule: "choice/number", start, end }];
}

/** Finds a wish for other times than those offered. */
export function shifts(said: Said): Found[] {
  const measured = [...eachMatch(SHIFTED_BY, said.norm)].map((m): Found => ({
    kind: "shift",
    value: EARLIER.test(m[0]) ? "earlier" : "later",
    byMin: minutesIn(m[1] ?? m[3] ?? m[4] ?? m[5] ?? ""),
    rule: "shift/by",
    start: m.index,
    end: m.index + m[0].length,
  }));
  // "Push it back an hour" is later by that; "extend it by an hour" is longer by that.
  const later = measured.filter((f) => !LONGER_BY.test(said.norm.slice(0, f.start)));
  if (later.length > 0) return later;
  return SHIFTS.flatMap((s) =>
    [...(s.word && !s.word.test(said.norm) ? [] : eachMatch(s.pattern, said.norm))]
      .filter((m) => !NOT_WISHED.test(said.norm.slice(0, m.index)))
      .map((m): Found => ({
        kind: "shift",
        value: s.value,
        rule: "shift/" + s.value,
        start: m.index,
        end: m.index + m[0].length,
      })),
  );
}
