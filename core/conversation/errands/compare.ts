import { BY_MONEY } from "../../language/packs/en/asked.ts";
import type { Service } from "../../house/schema.ts";
import { answerTo } from "../../knowledge/match.ts";
import { aboutInside, contentOf } from "../../knowledge/search.ts";
import { ofKind } from "../../language/found.ts";
import type { Reading } from "../../language/read.ts";
import { serviceSource } from "../sources.ts";
import { val, type Turn } from "../turn.ts";
import { sayPrice } from "./prices.ts";
import { sayLengths } from "./services.ts";
import { MORE_OF, TELLS_APART, WHICH_OF_TWO } from "../../language/packs/en/talk.ts";

/** More are not told of in one breath. */
const MOST = 4;

/** "What's the difference between a facial and a peel", "which takes longer": each of them is told. */
export function compared(t: Turn, reading: Reading): boolean {
  const text = reading.said.toLowerCase();
  const named = ofKind(reading.found, "service").flatMap((f) => f.value);
  const open = t.state.expects === "service" && t.state.task?.errand === "book" ? t.state.task.among : undefined;
  const ids = [...new Set(named.length > 1 ? named : named.length === 0 ? (open ?? t.state.topics ?? []) : [])];
  if (ids.length < 2 || ids.length > MOST) return false;
  const more = MORE_OF.exec(text)?.[0];
  if (more === undefined && !TELLS_APART.test(text) && !WHICH_OF_TWO.test(text)) return false;
  // A line of the handbook may tell just these apart.
  if (more === undefined && written(t, reading, ids)) {
    spokenOfAlike(t, ids);
    return false;
  }
  for (const s of ids.flatMap((id) => t.house.services.get(id) ?? [])) {
    if (more !== undefined && BY_MONEY.test(more)) sayPrice(t, s, true);
    else if (more !== undefined || s.about === "") sayLengths(t, s);
    else t.say("ask/about", { about: val(`${s.name}: ${aboutInside(t.house, s)}`, serviceSource(t.house, s.id)) });
  }
  spokenOfAlike(t, ids);
  t.rule("answer/compared");
  t.outcome("answered");
  return true;
}

/** One of these is meant by "the gentle one", said next. */
function spokenOfAlike(t: Turn, ids: string[]): void {
  delete t.state.topic;
  t.state.topics = ids;
  t.state.lastAsk = "ask-service";
}

/** Whether the line that the handbook has for a question speaks of each of some services. */
function written(t: Turn, reading: Reading, ids: readonly string[]): boolean {
  const line = answerTo(t.house, reading.text)?.passage;
  if (!line || (line.kind !== "answer" && line.kind !== "fact")) return false;
  const words = new Set(contentOf([...line.asked, line.text].join(" ")));
  return ids.every((id) => {
    const s = t.house.services.get(id);
    const others = new Set(ids.filter((o) => o !== id).flatMap((o) => contentOf(t.house.services.get(o)?.name ?? "")));
    return s === undefined || [s.name, ...s.also].some((name) => contentOf(name).some((w) => words.has(w) && !others.has(w)));
  });
}

/**
 * Of several services, the one that is the longer or the shorter, the cheaper or the dearer; null where they are alike in
 * that. Of a length in minutes, what that length costs is compared, where all of them come in it.
 */
export function theOneThatIs(services: readonly Service[], more: "long" | "short" | "cheap" | "dear", lengthMin?: number): string | null {
  const ofLength = services.map((s) => ({ ...s, variants: s.variants.filter((v) => v.lengthMin === lengthMin) }));
  const compared = (more === "cheap" || more === "dear") && ofLength.every((s) => s.variants.length > 0) ? ofLength : services;
  const measure = (s: Service): number | null => {
    const list = more === "long" || more === "short" ? s.variants.map((v) => v.lengthMin) : s.priceKept ? [] : s.variants.flatMap((v) => v.priceMinor ?? []);
    if (list.length === 0) return null;
    return more === "long" || more === "dear" ? -Math.max(...list) : Math.min(...list);
  };
  const all = compared.map((s) => ({ id: s.id, n: measure(s) }));
  const known = all.filter((x) => x.n !== null);
  if (known.length < 2) return null;
  const least = Math.min(...known.map((x) => x.n as number));
  const found = known.filter((x) => x.n === least);
  return found.length === 1 ? (found[0]?.id ?? null) : null;
}
