import type { OfferView } from "@gentian/core/conversation/state";
import { feeForLate, feeForMissed } from "@gentian/core/schedule/fees";
import { rowOf } from "@gentian/core/schedule/openings";
import { faultsOf, type Fault } from "@gentian/core/schedule/places";
import { lockDesk as lock, priceOf, timesOf, type Desk } from "./books.ts";
import {
  addFee,
  appointmentById,
  insertNoted,
  moveRow,
  restoreRow,
  setFeeState,
  setStatus,
  snapshotOf,
  type AppointmentRow,
  type AppointmentStatus,
} from "./data/appointments.ts";
import { auditById, writeAudit } from "./data/audit.ts";
import { isTaken, unlessTaken } from "./data/db.ts";
import { dropSlip, tellingsOf } from "./data/slips.ts";

/** A place that a person at the desk has chosen. */
export interface Chosen {
  service: string;
  lengthMin: number;
  staff: string;
  startMin: number;
  places?: number;
  room?: string;
}

/** A command that was done, with the audit row by which it can be taken back; or why it was not. */
export type Done = { done: true; id: string; undo: number } | { done: false; faults: Fault[] } | { done: false; gone: true };

const TAKEN: Fault = { code: "taken", mayOverrule: false };

/** What stands against a place for good, and what a reason would do for. */
function judge(d: Desk, chosen: Chosen, own: string | undefined, reason: string | undefined): { offer: OfferView } | { faults: Fault[] } {
  const { faults, opening } = faultsOf(d.house, d.calendar, d.nowMin, { ...chosen, ...(own ? { own } : {}) });
  if (!opening || (faults.length > 0 && !reason)) return { faults };
  return { offer: opening };
}

export interface Booking {
  chosen: Chosen;
  clientId: string;
  visitor?: string;
  /** Overrules notice, horizon, hours and grid. */
  reason?: string;
  visit?: string;
  series?: string;
  /** Somebody who is here already. */
  arrived?: boolean;
}

/** Books at the desk. Nothing is ever booked over what is taken. */
export async function bookByHand(d: Desk, b: Booking): Promise<Done> {
  const rev = await lock(d);
  const judged = judge(d, b.chosen, undefined, b.reason);
  if ("faults" in judged) return { done: false, faults: judged.faults };
  const { offer } = judged;
  const places = b.chosen.places ?? 1;
  const group = d.house.services.get(offer.service)?.group;
  let made: { id: string; audit: number };
  try {
    made = await insertNoted(
      d.tx,
      {
        houseId: d.houseId,
        offer,
        kind: group ? "place" : "visit",
        status: b.arrived ? "arrived" : "booked",
        places,
        rev,
        madeBy: d.actor,
        madeAtMin: d.nowMin,
        ...timesOf(d.house, offer),
        clientId: b.clientId,
        priceMinor: priceOf(d.house, offer, places),
        ...(b.visitor ? { visitor: b.visitor } : {}),
        ...(b.visit ? { visit: b.visit } : {}),
        ...(b.series ? { series: b.series } : {}),
        ...(b.reason ? { overruled: b.reason } : {}),
      },
      { service: offer.service, staff: offer.staff, startMin: offer.startMin, byHand: true, ...(b.reason ? { overruled: b.reason } : {}) },
    );
  } catch (error) {
    // The database stands by its constraints, whatever was thought to be free: the whole command falls.
    if (isTaken(error)) return { done: false, faults: [TAKEN] };
    throw error;
  }
  // What comes next in the same command sees it, and so does the next command.
  const row = rowOf(d.house, made.id, offer, places);
  d.calendar = d.calendar.with([row]);
  d.booked = [...(d.booked ?? []), row];
  if (!d.mixed) d.stage?.(rev, d.booked);
  return { done: true, id: made.id, undo: made.audit };
}

/** Moves at the desk, to another time, person or room, or to another length. The price follows a length that the service has. */
export async function moveByHand(
  d: Desk,
  id: string,
  to: Partial<Omit<Chosen, "service" | "places">>,
  reason: string | undefined,
  /** What the writer saw, by its sequence: where it has been changed since, it is left alone. */
  seen?: number,
): Promise<Done> {
  const rev = await lock(d);
  const own = await appointmentById(d.tx, d.houseId, id);
  if (!own || (own.status !== "booked" && own.status !== "arrived")) return { done: false, gone: true };
  if (seen !== undefined && own.sequence !== seen) return { done: false, gone: true };
  const wanted: Chosen = {
    service: own.service,
    lengthMin: to.lengthMin ?? own.lengthMin,
    staff: to.staff ?? own.staff,
    startMin: to.startMin ?? own.startMin,
    places: own.places,
    // Who only goes on longer stays in the room.
    ...(to.room ? { room: to.room } : to.startMin === undefined || to.startMin === own.startMin ? { room: own.room } : {}),
  };
  // What runs already may be made longer or shorter without being called past.
  const begun = wanted.startMin === own.startMin && wanted.staff === own.staff;
  const judged = judge(begun ? { ...d, nowMin: Math.min(d.nowMin, own.startMin) } : d, wanted, own.id, reason);
  if ("faults" in judged) return { done: false, faults: judged.faults };
  const before = await snapshotOf(d.tx, id);
  const price = priceOf(d.house, judged.offer, own.places);
  const group = own.kind === "place";
  const moved = await unlessTaken(d.tx, () =>
    moveRow(d.tx, id, {
      offer: judged.offer,
      ...timesOf(d.house, judged.offer),
      feeMinor: 0,
      rev,
      sessionOf: group
        ? {
            houseId: d.houseId,
            offer: judged.offer,
            kind: "place",
            status: "booked",
            places: own.places,
            rev,
            madeBy: d.actor,
            madeAtMin: d.nowMin,
            ...timesOf(d.house, judged.offer),
          }
        : null,
      ...(reason ? { overruled: reason } : {}),
      ...(wanted.lengthMin !== own.lengthMin && price !== null ? { priceMinor: price } : {}),
    }),
  );
  if (moved === null) return { done: false, faults: [TAKEN] };
  if (!moved) return { done: false, gone: true };
  const undo = await writeAudit(d.tx, d.houseId, d.nowMin, d.actor, wanted.lengthMin === own.lengthMin ? "moved" : "changed in length", id, {
    from: { staff: own.staff, startMin: own.startMin, lengthMin: own.lengthMin },
    to: { staff: wanted.staff, startMin: wanted.startMin, lengthMin: wanted.lengthMin },
    ...(reason ? { overruled: reason } : {}),
    before,
    sequence: own.sequence + 1,
  });
  return { done: true, id, undo };
}

const FROM: Record<"booked" | "arrived" | "done" | "missed", readonly AppointmentStatus[]> = {
  booked: ["arrived", "done", "missed"],
  arrived: ["booked", "missed"],
  done: ["booked", "arrived", "missed"],
  missed: ["booked", "arrived", "done"],
};

/** Says what came of an appointment. A missed one is charged by the house's rule, unless the fee is waived at once. */
export async function markByHand(d: Desk, id: string, to: keyof typeof FROM, waive = false): Promise<Done> {
  const rev = await lock(d);
  const own = await appointmentById(d.tx, d.houseId, id);
  if (!own || !FROM[to].includes(own.status)) return { done: false, gone: true };
  const before = await snapshotOf(d.tx, id);
  if (!(await setStatus(d.tx, id, FROM[to], to, rev))) return { done: false, gone: true };
  const feeMinor = to === "missed" ? feeForMissed(d.house, own.priceMinor) : 0;
  if (feeMinor > 0) {
    await addFee(d.tx, id, feeMinor);
    if (waive) await setFeeState(d.tx, id, "waived", rev);
  } else if (own.status === "missed" && own.feeMinor > 0 && own.feeState === "owed") {
    // It was not missed after all: what was charged for that is no longer owed.
    await addFee(d.tx, id, -feeForMissed(d.house, own.priceMinor));
  }
  const undo = await writeAudit(d.tx, d.houseId, d.nowMin, d.actor, to, id, { ...(feeMinor > 0 ? { feeMinor } : {}), before, sequence: own.sequence + 1 });
  return { done: true, id, undo };
}

/** The fee for cancelling an appointment now, in minor units. */
export const lateFeeOf = (d: Pick<Desk, "house" | "nowMin">, a: AppointmentRow): number => feeForLate(d.house, d.nowMin, a.startMin, a.priceMinor) ?? 0;

export type Undone = { done: true; id: string } | { done: false; why: "unknown" | "told" | "changed" | "taken" };

/** Takes a change back that was made at the desk, while no client has been told of it and nothing has changed since. */
export async function undoByHand(d: Desk, auditId: number): Promise<Undone> {
  const rev = await lock(d);
  const row = await auditById(d.tx, d.houseId, auditId);
  const before = row?.detail["before"] as Record<string, unknown> | undefined;
  if (!row?.subject || !before || row.actor === "receptionist") return { done: false, why: "unknown" };
  const tellings = await tellingsOf(d.tx, d.houseId, auditId);
  if (tellings.some((t) => t.told)) return { done: false, why: "told" };
  const { subject } = row;
  const restored = await unlessTaken(d.tx, () => restoreRow(d.tx, subject, before, Number(row.detail["sequence"]), rev));
  if (restored === null) return { done: false, why: "taken" };
  if (!restored) return { done: false, why: "changed" };
  for (const t of tellings) await dropSlip(d.tx, t.id);
  await writeAudit(d.tx, d.houseId, d.nowMin, d.actor, `took back: ${row.action}`, subject, { of: auditId });
  return { done: true, id: subject };
}
