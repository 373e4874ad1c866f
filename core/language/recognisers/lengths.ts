import type { House } from "../../house/compile.ts";
import type { Moment } from "../context.ts";
import type { Found } from "../found.ts";
import {
  BARE_AFTER,
  BARE_BEFORE,
  BARE_HOURS,
  BARE_LENGTH,
  bareLength,
  changesLength,
  LENGTH_RULES,
  lengthsOf,
  LONGER_OR_SHORTER,
  minutesOf,
  MOST_OF_ALL,
  num,
  TELLS_A_LENGTH,
} from "../packs/en/lengths.ts";
import { eachMatch } from "../patterns.ts";
import { type Said } from "../text.ts";

/** Finds lengths of a visit: "an hour", "90 minutes", "the long one". */
export function lengths(said: Said, at: Moment): Found[] {
  const out: Found[] = [];
  for (const rule of LENGTH_RULES)
    for (const m of eachMatch(rule.pattern, said.norm)) {
      const value = rule.value(m, at.house);
      if (value !== null && !TELLS_A_LENGTH.test(said.norm.slice(Math.max(0, m.index - 40), m.index)))
        out.push({ kind: "length", value, rule: rule.name, start: m.index, end: m.index + m[0].length });
    }
  if (at.expects === "length" && out.length === 0) out.push(...asked(said, at.house));
  return out
    .filter((f, i) => !out.some((o, k) => k !== i && o.start <= f.start && f.end <= o.end && (o.end - o.start > f.end - f.start || k < i)))
    .map((f): Found => {
      const change = changesLength(said.norm.slice(Math.max(0, f.start - 40), f.start), said.norm.slice(f.end, f.end + 16));
      return change ? { ...f, rule: change } : f;
    });
}

/** All that was said, in answer to how long. */
function asked(said: Said, house: House): Found[] {
  const most = MOST_OF_ALL.exec(said.norm);
  if (most)
    return [{ kind: "length", value: most[1] === "long" ? "long" : "short", rule: "length/long-short", start: most.index, end: most.index + most[0].length }];
  const rather = LONGER_OR_SHORTER.exec(said.norm.trim());
  if (rather)
    return [{ kind: "length", value: rather.groups?.["long"] === undefined ? "short" : "long", rule: "length/long-short", start: 0, end: said.norm.length }];
  const hours = BARE_HOURS.exec(said.norm)?.[1];
  if (hours !== undefined && lengthsOf(house).includes(60 * num(hours))) {
    const start = said.norm.indexOf(hours);
    return [{ kind: "length", value: 60 * num(hours), rule: "length/asked", start, end: start + hours.length }];
  }
  const bare = BARE_LENGTH.exec(said.norm.trim())?.[1];
  if (bare === undefined) return [];
  const start = said.norm.indexOf(bare);
  return [{ kind: "length", value: bareLength(bare), rule: "length/asked", start, end: start + bare.length }];
}

/** Bare numbers beside a service that are one of its lengths: "90 deep tissue", "Swedish, sixty". */
export function lengthsOfServices(said: Said, house: House, offered: readonly Found[], taken: readonly Found[]): Found[] {
  for (const f of offered) {
    if (f.kind !== "service") continue;
    const own = new Set(f.value.flatMap((id) => house.services.get(id)?.variants.map((v) => v.lengthMin) ?? []));
    const before = BARE_BEFORE.exec(said.norm.slice(0, f.start));
    const after = BARE_AFTER.exec(said.norm.slice(f.end));
    for (const [m, from] of [
      [before, 0],
      [after, f.end],
    ] as const) {
      if (!m) continue;
      const value = minutesOf(m[1] as string);
      const start = from + m.index + m[0].indexOf(m[1] as string);
      const end = start + (m[1] as string).length;
      if (own.has(value) && !taken.some((t) => t.start < end && start < t.end)) return [{ kind: "length", value, rule: "length/of-service", start, end }];
    }
  }
  return [];
}
