import type { Service } from "../../house/schema.ts";
import { serviceText } from "../format.ts";
import { cardSource, ruleSource, serviceSource } from "../sources.ts";
import type { BookTask } from "../state.ts";
import { val, type Turn } from "../turn.ts";
import { finish } from "./finish.ts";
import { handOver } from "./message.ts";

/** Gives back what was held and sets the errand aside. */
function letGo(t: Turn, task: BookTask): void {
  if (task.hold) t.effect({ kind: "release", hold: task.hold.id });
  t.state.task = null;
}

/** Whether the house does not book this for this client by itself; then it has been said, and what comes of it. */
export function notForThem(t: Turn, task: BookTask, service: Service): boolean {
  const c = t.state.client;
  const card = c.match === "both" ? c.card : undefined;
  if (card?.byPersonOnly) {
    t.reasons.push({ what: "ruled-out", why: "by-person-only" });
    letGo(t, task);
    handOver(t, `${c.name ?? "A client"} wants ${service.name}: on the card it says that only a person books for them.`);
    return true;
  }
  const most = t.house.handbook.rules.mostComing;
  if (most !== undefined && (card?.coming ?? 0) >= most) {
    t.reasons.push({ what: "ruled-out", why: "most-coming" });
    letGo(t, task);
    t.say("book/most-coming", { most: val(String(most), ruleSource("mostComing", "Most coming appointments"), cardSource) });
    t.outcome("turned-away");
    finish(t);
    return true;
  }
  const before = card ? true : c.saysBefore;
  if (service.clients === undefined || before === undefined || before === (service.clients === "returning")) return false;
  t.reasons.push({ what: "ruled-out", why: `only-${service.clients}`, about: service.name });
  letGo(t, task);
  t.say(service.clients === "new" ? "book/only-new" : "book/only-returning", {
    service: val(serviceText(t.house, service.id), serviceSource(t.house, service.id)),
  });
  t.outcome("turned-away");
  finish(t);
  return true;
}
