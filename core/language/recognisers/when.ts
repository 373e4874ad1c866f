import type { Moment } from "../context.ts";
import { overlap, type Found } from "../found.ts";
import { DAY_RULES, ownDayRule, type DayRule } from "../packs/en/days.ts";
import { MAY_BE_DAY, MAY_BE_TIME } from "../packs/en/signs.ts";
import { TIME_RULES } from "../packs/en/times.ts";
import { eachMatch } from "../patterns.ts";
import { type Said } from "../text.ts";

/** Finds times of day, by every rule; they may overlap. */
export function timeFinds(said: Said, at: Moment): Found[] {
  const out: Found[] = [];
  if (!MAY_BE_TIME.test(said.norm)) return out;
  for (const rule of TIME_RULES)
    for (const m of eachMatch(rule.pattern, said.norm)) {
      const v = rule.value(m, at);
      if (v)
        out.push({
          kind: "time",
          value: v.value,
          rule: rule.name,
          start: m.index,
          end: m.index + m[0].trimEnd().length,
          ...(v.assumed ? { assumed: v.assumed } : {}),
        });
    }
  return out;
}

/** Finds days, by every rule and by the house's own; they may overlap. */
export function dayFinds(said: Said, at: Moment): Found[] {
  const own = ownDayRule(at.house);
  const rules = MAY_BE_DAY.test(said.norm) ? DAY_RULES : [];
  return [...rules, ...(own ? [own] : [])].flatMap((rule) => daysBy(said, at, rule));
}

function daysBy(said: Said, at: Moment, rule: DayRule): Found[] {
  const out: Found[] = [];
  for (const m of eachMatch(rule.pattern, said.norm)) {
    const v = rule.value(m, at);
    if (v)
      out.push({
        kind: "day",
        value: v.value,
        rule: rule.name,
        start: m.index,
        end: m.index + m[0].length,
        ...(v.assumed ? { assumed: v.assumed } : {}),
        ...(v.weekday ? { weekday: v.weekday } : {}),
        ...(rule.name === "day/weekday" && /\bthe $/.test(said.norm.slice(0, m.index)) ? { definite: true as const } : {}),
      });
  }
  return out;
}

/** "Tonight", "this morning", "in an hour" and "weeknights" are days and a part of them at once. */
export const shares = (t: Found, d: Found): boolean =>
  (d.rule === "day/today" || d.rule === "day/weeknights") && t.kind === "time" && (t.value.kind === "span" || t.rule === "time/from-now");

/** Of finds that overlap, keeps the longest (the earlier rule where equal). Those of `others` win when strictly longer. */
export function longest(finds: Found[], others: readonly Found[]): Found[] {
  const kept: Found[] = [];
  const size = (f: Found): number => f.end - f.start;
  for (const f of [...finds].sort((a, b) => size(b) - size(a))) {
    if (kept.some((k) => overlap(k, f))) continue;
    if (others.some((o) => overlap(o, f) && size(o) > size(f) && !shares(o, f))) continue;
    kept.push(f);
  }
  return kept;
}
