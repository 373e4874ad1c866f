import { FOR_EACH, PARTS_OF_SEVERAL } from "../../language/packs/en/talk.ts";
import { ofKind } from "../../language/found.ts";
import { read, type Reading } from "../../language/read.ts";
import { contextOf } from "../context.ts";
import { applyToBook } from "../errands/apply.ts";
import type { BookTask } from "../state.ts";
import type { Step } from "./heard.ts";

/** More parts in one breath are not taken apart. */
const MOST_PARTS = 4;

/**
 * "The manicure at eleven and the brows at twelve", while both are being booked: what each part says is said of the visit
 * that it names. What it says of the one at hand is heard again by itself; the others keep theirs until it is their turn.
 */
export const eachItsOwn: Step = (m) => {
  const { t, reading } = m;
  const { task, later } = t.state;
  if (task?.errand !== "book" || !task.service) return false;
  const pending = [task, ...later.filter((x): x is BookTask => x.errand === "book")];
  if (pending.length < 2) return false;
  const parts = reading.said.split(PARTS_OF_SEVERAL).filter((p) => /\w{3}/.test(p));
  if (parts.length < 2 || parts.length > MOST_PARTS) return false;
  const context = contextOf(t.house, t.now, t.state);
  const told: { of: BookTask; part: Reading }[] = [];
  const ofAll: Reading[] = [];
  for (const text of parts) {
    const part = read(text, context);
    // "… Bronagh for both": said of each of them.
    if (FOR_EACH.test(text) && ofKind(part.found, "service").length === 0 && told.length > 0) {
      ofAll.push(part);
      continue;
    }
    const [service, another] = new Set(ofKind(part.found, "service").flatMap((f) => f.value));
    const of = another === undefined ? pending.find((x) => x.service !== undefined && x.service === service) : undefined;
    if (!of || !part.found.some((f) => f.kind === "time" || f.kind === "day" || f.kind === "staff") || told.some((o) => o.of === of)) return false;
    told.push({ of, part });
  }
  if (told.length < 2) return false;
  for (const { of, part } of told) {
    if (of === task) continue;
    // Its own hour takes the place of "right after".
    if (part.found.some((f) => f.kind === "time")) delete of.rightAfter;
    applyToBook(t, of, part, context);
  }
  for (const of of pending) for (const part of ofAll) if (of !== task) applyToBook(t, of, part, context);
  t.rule("several/each-its-own");
  const own = told.find((o) => o.of === task)?.part ?? { ...reading, found: [], errands: [] };
  m.again = { ...own, found: [...own.found, ...ofAll.flatMap((part) => part.found)] };
  return true;
};
