import type { Found } from "../found.ts";
import { COUNT_RULES, COUNTED_ANEW, FOR_WHOM_RULES, LATER_COUNT_RULES, ME_AND_SEVERAL, type CountRule } from "../packs/en/company.ts";
import { num } from "../packs/en/lengths.ts";
import { eachMatch } from "../patterns.ts";
import { type Said } from "../text.ts";

/** Finds how many places, and for whom a visit is. */
export function company(said: Said): Found[] {
  const several = [...eachMatch(ME_AND_SEVERAL, said.norm)].map((m): Found => ({
    kind: "places",
    value: num((m[1] ?? m[2]) as string) + 1,
    rule: "places/me-and",
    start: m.index,
    end: m.index + m[0].length,
  }));
  if (several.length > 0) return several;
  const out = byFirstOf(COUNT_RULES, said);
  const counted = out.at(-1);
  const anew = counted ? COUNTED_ANEW.exec(said.norm.slice(counted.end)) : null;
  if (counted && anew) {
    const start = counted.end + anew.index;
    out.push({ kind: "places", value: num(anew[1] ?? anew[2] ?? "one"), rule: "places/corrected", start, end: start + anew[0].length });
  }
  if (out.length === 0) out.push(...byFirstOf(LATER_COUNT_RULES, said));
  return [...out, ...forWhom(said)];
}

/** What the first of the rules that finds anything finds. */
function byFirstOf(rules: readonly CountRule[], said: Said): Found[] {
  for (const rule of rules) {
    const out: Found[] = [];
    for (const m of eachMatch(rule.pattern, said.norm)) {
      const after = said.norm.slice(m.index + m[0].length);
      const value = rule.places(m, said.norm.slice(0, m.index));
      const { from, to } = rule.span?.(m) ?? { from: 0, to: m[0].length };
      if (value > 0) out.push({ kind: "places", value, rule: rule.nameBy?.(after) ?? rule.name, start: m.index + from, end: m.index + to });
    }
    if (out.length > 0) return out;
  }
  return [];
}

function forWhom(said: Said): Found[] {
  const out: Found[] = [];
  for (const rule of FOR_WHOM_RULES)
    for (const m of eachMatch(rule.pattern, said.norm)) {
      if ((!rule.besides && out.length > 0) || rule.not?.test(said.norm.slice(0, m.index))) continue;
      out.push({ kind: "for-whom", value: m.slice(1).find((w) => w !== undefined) as string, rule: rule.name, start: m.index, end: m.index + m[0].length });
    }
  return out;
}
