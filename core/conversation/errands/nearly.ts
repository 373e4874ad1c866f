import { matches, SUPPORTS } from "../../knowledge/match.ts";
import { passagesOf } from "../../knowledge/search.ts";
import type { MessageTask, Source } from "../state.ts";
import { val, type Turn } from "../turn.ts";
import { yesNoChoices } from "./identity.ts";

/** As likely as this, a line may be what was asked about; less than what is needed to give it as the answer. */
const MAYBE = 0.2;

/** Asks whether a line that may be meant is, in the house's own words for it; false where none is near enough. */
export function asksWhether(t: Turn, question: string): boolean {
  const [top] = matches(t.house, question, 1);
  if (!top || top.sure < MAYBE || top.sure >= SUPPORTS || !top.telling || top.passage.kind === "service" || top.passage.kind === "document") return false;
  const { kind, id, label, asked } = top.passage;
  const meant: Source = { kind, id, label };
  if (t.state.askedWhether?.includes(id)) return false;
  t.state.askedWhether = [...(t.state.askedWhether ?? []), id];
  const own = asked[0] ?? label;
  if (kind === "answer" && /\?\s*$/.test(own)) t.say("unknown/do-you-mean", { question: val(own, meant) });
  else t.say("unknown/is-it-about", { topic: val(own.toLowerCase(), meant) });
  if (t.state.task) t.state.later.push(t.state.task);
  t.state.task = { errand: "message", offered: question, meant };
  t.rule("unknown/asked-whether");
  t.expect("message", yesNoChoices());
  return true;
}

/** Gives the line that was meant. */
export function giveMeant(t: Turn, task: MessageTask): void {
  const { meant } = task;
  const line = meant ? passagesOf(t.house).passages.find((p) => p.kind === meant.kind && p.id === meant.id) : undefined;
  if (!line || !meant) return;
  t.say("ask/answer", { answer: val(line.text, meant) });
  t.outcome("answered");
}
