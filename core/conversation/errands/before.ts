import { ASKS_WHAT_IS_FIRST, OF_A_REFERRAL } from "../../language/packs/en/asked.ts";
import { ofKind } from "../../language/found.ts";
import type { Reading } from "../../language/read.ts";
import { serviceText } from "../format.ts";
import { serviceSource } from "../sources.ts";
import { val, type Turn } from "../turn.ts";
import { fromHandbook, PLAINLY } from "./handbook.ts";

/** "And for that do I need to be seen first?": the service that comes before it, or that nothing does; false where nothing is known of it. */
export function whatComesFirst(t: Turn, reading: Reading): boolean {
  const asked = reading.masked;
  if (!ASKS_WHAT_IS_FIRST.test(asked)) return false;
  if (fromHandbook(t, reading, PLAINLY, { telling: true, kinds: ["answer", "fact"] })) return true;
  if (OF_A_REFERRAL.test(asked)) return false;
  const { house } = t;
  const task = t.state.task?.errand === "book" ? t.state.task.service : undefined;
  const named = [...new Set(ofKind(reading.found, "service").flatMap((f) => (f.value.length === 1 ? f.value : [])))];
  const first = new Set(house.handbook.services.flatMap((s) => s.after ?? []));
  // "Do I need an assessment before acupuncture": of the two, the one that nothing else waits for.
  const later = named.filter((id) => !first.has(id) || house.services.get(id)?.after !== undefined);
  const id = later.length > 0 ? later.at(-1) : (task ?? t.state.topic);
  const s = id === undefined ? undefined : house.services.get(id);
  if (!s) return false;
  const service = val(serviceText(house, s.id), serviceSource(house, s.id));
  if (s.after) t.say("ask/comes-after", { service, after: val(serviceText(house, s.after), serviceSource(house, s.after)) });
  else t.say("ask/comes-after-nothing", { service });
  t.state.topic = s.id;
  t.rule("answer/what-comes-first");
  t.outcome("answered");
  return true;
}
