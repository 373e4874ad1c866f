import { MY_OWN } from "../../language/packs/en/talk.ts";
import { ofKind } from "../../language/found.ts";
import { read } from "../../language/read.ts";
import { contextOf } from "../context.ts";
import { apptVal } from "../errands/existing.ts";
import { proceed } from "../proceed.ts";
import { applyToBook } from "../errands/apply.ts";
import type { BookTask } from "../state.ts";
import { resume } from "../unheard.ts";
import type { Step } from "./heard.ts";

/**
 * "Yes, my taping stays as it is", "is my taping still on", while another visit is being booked: what they have is no wish
 * for it. Where it is asked about it is told; else the rest of the message is heard by itself.
 */
export const theirOwn: Step = (m) => {
  const { t, reading } = m;
  const { task, appointments } = t.state;
  if (task?.errand !== "book" || !task.service || m.errands.some((e) => e === "move" || e === "cancel")) return false;
  const named = ofKind(reading.found, "service").find(
    (f) => f.value.length === 1 && f.value[0] !== task.service && MY_OWN.test(reading.text.slice(0, f.start)),
  );
  const theirs = appointments.filter((a) => named?.value.includes(a.service));
  const [own] = theirs;
  if (!named || !own || theirs.length > 1) return false;
  t.rule("mine/beside-a-booking");
  if (reading.question || m.errands.includes("ask-mine")) {
    t.say("mine/list", { list: apptVal(t, own) });
    t.outcome("answered");
    proceed(t);
    return true;
  }
  const before = reading.text.slice(0, named.start).replace(MY_OWN, "");
  const after = reading.text.slice(named.end).replace(/^[^,.;!?]*/, "");
  const rest = `${before} ${after}`.replace(/^[\s,.;!?]+|[\s,.;!?]+$/g, "");
  if (/\w/.test(rest)) m.again = read(rest, contextOf(t.house, t.now, t.state));
  else proceed(t);
  return true;
};

/** "Half an hour for the clean", "and the clean with Tomasz", of a visit that is booked after the one at hand: kept for that one. */
export const ofALaterVisit: Step = (m) => {
  const { t, reading } = m;
  const { task, later, expects } = t.state;
  const [of, other] = new Set(ofKind(reading.found, "service").flatMap((s) => s.value));
  if (task?.errand !== "book" || !task.service || of === undefined || other !== undefined || of === task.service || reading.question) return false;
  const meant = later.find((x): x is BookTask => x.errand === "book" && !x.setAside && x.service === of);
  const kinds = reading.found.filter((f) => f.kind !== "service").map((f) => f.kind);
  if (!meant || expects === "service" || kinds.length === 0 || !kinds.every((k) => k === "length" || k === "staff" || k === "gender")) return false;
  applyToBook(t, meant, reading, { ...contextOf(t.house, t.now, t.state), expects: "errand" });
  t.rule("several/of-a-later-visit");
  t.say("noted");
  resume(t);
  return true;
};
