import { change, keyOf, linesOf, Misfit, type Change } from "@gentian/core/house/change";
import { draftSchema, readyOf, writtenByHand, type Draft } from "@gentian/core/house/draft";
import { writeAudit } from "./data/audit.ts";
import type { Db, Tx } from "./data/db.ts";
import {
  changesSince,
  draftOf,
  dropUndone,
  extendChange,
  insertChange,
  insertDraft,
  markChange,
  nextChange,
  saveDraft,
  setDraftVersion,
  type ChangeRow,
  type DraftRow,
} from "./data/drafts.ts";
import { comingUses } from "./data/appointments.ts";
import { handbookOf, houseById, houseNow, putHandbook, type HouseRow } from "./data/houses.ts";
import { notify } from "./data/notify.ts";
import { Refusal } from "./refusal.ts";

/** Typing of one line within so many seconds is one change. */
const ONE_CHANGE_S = 20;

interface Who {
  id: string;
  name: string;
}

/** The draft of a house; made from what is on duty the first time. */
export async function draftFor(tx: Tx, row: HouseRow, lock = false): Promise<DraftRow> {
  const have = await draftOf(tx, row.id, lock);
  if (have) return have;
  await insertDraft(tx, row.id, draftSchema.parse(await handbookOf(tx, row.versionId)), row.versionId);
  return (await draftOf(tx, row.id, lock)) as DraftRow;
}

function checked(doc: unknown): Draft {
  const result = draftSchema.safeParse(doc);
  if (result.success) return result.data;
  throw new Refusal(
    400,
    "This cannot stand in the handbook",
    result.error.issues
      .slice(0, 3)
      .map((i) => `${placeOfIssue(doc, i.path)}: ${i.message}`)
      .join("; "),
    result.error.issues.map((i) => ({ path: placeOfIssue(doc, i.path), message: i.message })),
  );
}

function placeOfIssue(doc: unknown, path: readonly PropertyKey[]): string {
  let here: unknown = doc;
  return path
    .map((step) => {
      here = (here as Record<PropertyKey, unknown> | undefined)?.[step];
      return typeof step === "number" ? (keyOf(here) ?? String(step)) : String(step);
    })
    .join("/");
}

/** The draft as a change would make it; refused where the change does not fit, or what it makes could not stand. */
export function attempted(draft: Draft, wanted: Change): Draft {
  try {
    return checked(change(draft, wanted).doc);
  } catch (error) {
    if (error instanceof Misfit) throw new Refusal(409, "This line is no longer there", `${error.message}. What you typed is kept here.`);
    throw error;
  }
}

export interface Changed {
  draft: Draft;
  rev: number;
}

/** What a manager is told whose change meets another's. */
export class Overtaken extends Refusal {
  constructor(
    readonly now: Changed,
    readonly by: string,
    lines: readonly string[],
  ) {
    super(409, `${by} has changed the same line`, `What you typed is kept here. Look at what it says now, and decide: ${lines.join(", ")}.`);
  }
}

/**
 * Makes a change of the draft. `base` is the revision that the writer saw: where somebody else has changed one of the
 * same lines since, nothing is written and the writer is told.
 */
export async function changeDraft(tx: Tx, row: HouseRow, who: Who, base: number, wanted: Change): Promise<Changed> {
  const { draft, rev } = await draftFor(tx, row, true);
  const lines = linesOf(wanted);
  if (base < rev) {
    const clash = (await changesSince(tx, row.id, base)).find((c) => c.accountId !== who.id && c.lines.some((l) => lines.includes(l)));
    if (clash) throw new Overtaken({ draft, rev }, clash.by, lines);
  }
  return write(tx, row, who, draft, wanted, true);
}

async function write(tx: Tx, row: HouseRow, who: Who, draft: Draft, wanted: Change, hand: boolean): Promise<Changed> {
  let step: { doc: Draft; inverse: Change };
  try {
    step = change(draft, wanted);
  } catch (error) {
    if (error instanceof Misfit) throw new Refusal(409, "This line is no longer there", `${error.message}. What you typed is kept here.`);
    throw error;
  }
  const lines = linesOf(wanted);
  const next = checked(hand ? writtenByHand(step.doc, lines) : step.doc);
  const rev = await saveDraft(tx, row.id, next);
  await dropUndone(tx, row.id);
  const last = await nextChange(tx, row.id, "done");
  if (last && last.accountId === who.id && last.secondsAgo < ONE_CHANGE_S && sameLine(last, wanted)) await extendChange(tx, last.id, rev, wanted);
  else await insertChange(tx, row.id, { rev, accountId: who.id, by: who.name, change: wanted, inverse: step.inverse, lines });
  await notify(tx, { house: row.id, what: "draft" });
  return { draft: next, rev };
}

const sameLine = (last: ChangeRow, wanted: Change): boolean =>
  last.change.op === "set" && wanted.op === "set" && last.change.path.join("/") === wanted.path.join("/");

/** A whole change that did not come from a hand: what was brought in, a beginning. It can be taken back like any other. */
export async function bringInto(tx: Tx, row: HouseRow, who: Who, make: (draft: Draft) => Change): Promise<Changed> {
  const { draft, rev } = await draftFor(tx, row, true);
  const wanted = make(draft);
  if (wanted.op === "many" && wanted.changes.length === 0) return { draft, rev };
  return write(tx, row, who, draft, wanted, false);
}

/** Takes the last change back, or makes the one taken back last again. */
export async function turnBack(tx: Tx, row: HouseRow, way: "undo" | "redo"): Promise<Changed & { lines: string[]; by: string }> {
  const { draft } = await draftFor(tx, row, true);
  const next = await nextChange(tx, row.id, way === "undo" ? "done" : "undone");
  if (!next) throw new Refusal(409, way === "undo" ? "There is nothing left to take back" : "There is nothing to make again");
  const { doc } = change(draft, way === "undo" ? next.inverse : next.change);
  const rev = await saveDraft(tx, row.id, checked(doc));
  await markChange(tx, next.id, way === "undo" ? "undone" : "done", rev);
  await notify(tx, { house: row.id, what: "draft" });
  return { draft: doc, rev, lines: next.lines, by: next.by };
}

/** Puts the draft on duty: conversations that begin from now on go by it. */
export async function putOnDuty(db: Db, row: HouseRow, who: Who): Promise<{ versionId: string }> {
  return db.transaction(async (tx) => {
    const { draft } = await draftFor(tx, row, true);
    const { handbook, gaps } = readyOf(draft);
    if (handbook.services.length === 0) throw new Refusal(409, "There is no service yet that could be booked", "Write one, or bring a price list in.");
    const doubtful = gaps.filter((g) => g.code === "disagreement" || g.code === "circular");
    if (doubtful.length > 0)
      throw new Refusal(
        409,
        "Something in the handbook contradicts itself",
        `Decide first: ${doubtful.map((g) => g.about ?? g.place).join(", ")}. What is on duty stays as it is.`,
      );
    const current = await houseById(tx, row.id);
    const nowMin = houseNow((current ?? row).clock);
    const uses = await comingUses(tx, row.id, nowMin);
    const left = uses.find(
      (u) => (u.kind === "staff" && !handbook.staff.some((s) => s.id === u.id)) || (u.kind === "service" && !handbook.services.some((s) => s.id === u.id)),
    );
    if (left)
      throw new Refusal(
        409,
        "Appointments still stand that the draft has no place for",
        `${left.n} coming ${left.n === 1 ? "appointment is" : "appointments are"} with ${left.id}. Move or cancel them first, or put ${left.id} back.`,
      );
    await putHandbook(tx, handbook);
    const after = await houseById(tx, row.id);
    if (!after) throw new Refusal(404, "The house is gone");
    await setDraftVersion(tx, row.id, after.versionId);
    await writeAudit(tx, row.id, nowMin, who.name, "put on duty", null, { version: after.versionId });
    await notify(tx, { house: row.id, what: "draft" });
    await notify(tx, { house: row.id, what: "calendar" });
    return { versionId: after.versionId };
  });
}
