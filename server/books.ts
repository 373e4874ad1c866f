import type { AppointmentView, Effect, Event, OfferView } from "@gentian/core/conversation/state";
import { sameName } from "@gentian/core/conversation/names";
import type { House } from "@gentian/core/house/compile";
import type { Calendar } from "@gentian/core/schedule/calendar";
import { stillOpen } from "@gentian/core/schedule/openings";
import {
  addFee,
  appointmentById,
  bookHold,
  comingOf,
  expireHolds,
  insertAppointment,
  moveRow,
  placesTaken,
  setStatus,
  type AppointmentRow,
  type NewAppointment,
} from "./data/appointments.ts";
import { writeAudit } from "./data/audit.ts";
import { addAnswers, clientById, clientsByContact, insertClient } from "./data/clients.ts";
import { unlessTaken, type Tx } from "./data/db.ts";
import { lockCalendar } from "./data/houses.ts";
import { notify } from "./data/notify.ts";
import { insertSlip } from "./data/slips.ts";

/** Everything an effect is done with: one transaction, one house, one moment. */
export interface Desk {
  tx: Tx;
  house: House;
  houseId: string;
  nowMin: number;
  calendar: Calendar;
  /** Who does it: "receptionist", or an account's name. */
  actor: string;
  conversationId?: string;
  /** The revision of this transaction's changes, once the calendar is locked. */
  rev?: number;
  /** The calendar as committed up to a revision, read again after the lock. */
  fresh: (rev: number) => Promise<Calendar>;
}

/** Locks the house's calendars for the rest of the transaction and sees them as they are now. */
async function lock(d: Desk): Promise<number> {
  if (d.rev !== undefined) return d.rev;
  d.rev = await lockCalendar(d.tx, d.houseId);
  d.calendar = await d.fresh(d.rev - 1);
  const over = await expireHolds(d.tx, d.houseId, d.nowMin, d.rev);
  if (over.length > 0) d.calendar = d.calendar.without(over);
  await notify(d.tx, { house: d.houseId, what: "calendar" });
  return d.rev;
}

export const viewOf = (a: AppointmentRow): AppointmentView => ({
  id: a.id,
  service: a.service,
  lengthMin: a.lengthMin,
  staff: a.staff,
  room: a.room,
  startMin: a.startMin,
  endMin: a.endMin,
  busyUntilMin: a.busyUntilMin,
  client: { name: a.visitor ?? a.clientName ?? "", ...(a.clientPhone ? { phone: a.clientPhone } : {}) },
  places: a.places,
  priceMinor: a.priceMinor === null ? null : a.places > 0 ? a.priceMinor / a.places : a.priceMinor,
});

/** Does one effect of a conversation inside the transaction and gives what came of it. */
export async function doEffect(d: Desk, effect: Effect): Promise<Event | null> {
  switch (effect.kind) {
    case "find-client":
      return find(d, effect);
    case "hold":
      return hold(d, effect);
    case "release": {
      const rev = await lock(d);
      await setStatus(d.tx, effect.hold, ["held"], "lapsed", rev);
      d.calendar = d.calendar.without([effect.hold]);
      return null;
    }
    case "book":
      return book(d, effect);
    case "move":
      return move(d, effect);
    case "cancel":
      return cancel(d, effect.appointment, effect.feeMinor);
    case "slip": {
      await insertSlip(
        d.tx,
        d.houseId,
        {
          ...(d.conversationId ? { conversationId: d.conversationId } : {}),
          kind: effect.slip,
          to: effect.to,
          text: effect.text,
          ...(effect.name ? { name: effect.name } : {}),
          ...(effect.phone ? { phone: effect.phone } : {}),
        },
        d.nowMin,
      );
      await notify(d.tx, { house: d.houseId, what: "slip" });
      return { kind: "slipped", slip: effect.slip };
    }
  }
}

async function find(d: Desk, effect: Extract<Effect, { kind: "find-client" }>): Promise<Event> {
  const near = await clientsByContact(d.tx, d.houseId, effect.phone, effect.email);
  const hit = near.find((n) => sameName(effect.name, n.client.name) || n.visitors.some((v) => sameName(effect.name, v)));
  if (!hit) return { kind: "client-found", match: near.length > 0 ? "number-only" : "none", appointments: [] };
  const coming = await comingOf(d.tx, hit.client.id, d.nowMin);
  return {
    kind: "client-found",
    match: "both",
    card: { id: hit.client.id, name: hit.client.name, assessed: hit.client.assessed || hit.client.saysSo, answers: hit.client.answers },
    appointments: coming.map(viewOf),
  };
}

const attempt = (d: Desk, a: NewAppointment): Promise<string | null> => unlessTaken(d.tx, () => insertAppointment(d.tx, a));

function newRow(d: Desk, offer: OfferView, places: number, rev: number, status: NewAppointment["status"]): NewAppointment {
  const group = d.house.services.get(offer.service)?.group;
  return {
    houseId: d.houseId,
    offer,
    kind: group ? "place" : "visit",
    status,
    places,
    rev,
    madeBy: d.actor,
    madeAtMin: d.nowMin,
    ...(d.conversationId ? { conversationId: d.conversationId } : {}),
  };
}

/** Finds the opening again in the calendar as it is under the lock; null when it is gone. */
async function reopened(d: Desk, offer: OfferView, places: number, own: AppointmentRow | null, noNotice: boolean): Promise<OfferView | null> {
  const open = stillOpen(d.house, d.calendar, d.nowMin, offer, {
    places,
    noNotice,
    ...(own
      ? { ignore: { staff: own.staff, room: own.room || null, startMin: own.startMin, busyUntilMin: own.busyUntilMin, place: own.kind === "place" } }
      : {}),
  });
  if (!open) return null;
  const group = d.house.services.get(offer.service)?.group;
  if (group && (await placesTaken(d.tx, d.houseId, offer.service, offer.startMin)) + places > group.places) return null;
  return { ...offer, room: open.room, busyUntilMin: open.busyUntilMin, endMin: open.endMin };
}

async function hold(d: Desk, effect: Extract<Effect, { kind: "hold" }>): Promise<Event> {
  const rev = await lock(d);
  const own = effect.replaces ? await appointmentById(d.tx, d.houseId, effect.replaces) : null;
  const offer = await reopened(d, effect.offer, effect.places, own, false);
  if (!offer) return { kind: "lost", offer: effect.offer };
  const row: NewAppointment = {
    ...newRow(d, offer, effect.places, rev, "held"),
    holdUntilMin: effect.untilMin,
    ...(own ? { replaces: own.id, during: besides(offer, own) } : {}),
  };
  const id = await attempt(d, row);
  if (!id) return { kind: "lost", offer: effect.offer };
  await writeAudit(d.tx, d.houseId, d.nowMin, d.actor, "held", id, { service: offer.service, staff: offer.staff, startMin: offer.startMin });
  return { kind: "held", id, offer, untilMin: effect.untilMin };
}

/** What a hold has to keep free beside the appointment it is to replace, which keeps its own time until the move. */
function besides(offer: OfferView, own: AppointmentRow): { startMin: number; endMin: number } {
  const meets =
    offer.startMin < own.busyUntilMin && own.startMin < offer.busyUntilMin && (offer.staff === own.staff || (offer.room !== "" && offer.room === own.room));
  if (!meets) return { startMin: offer.startMin, endMin: offer.busyUntilMin };
  if (offer.startMin < own.startMin) return { startMin: offer.startMin, endMin: Math.min(offer.busyUntilMin, own.startMin) };
  return { startMin: Math.max(offer.startMin, own.busyUntilMin), endMin: Math.max(offer.busyUntilMin, own.busyUntilMin) };
}

export function priceOf(house: House, offer: { service: string; lengthMin: number }, places: number): number | null {
  const minor = house.services.get(offer.service)?.variants.find((v) => v.lengthMin === offer.lengthMin)?.priceMinor ?? null;
  return minor === null ? null : minor * places;
}

async function book(d: Desk, effect: Extract<Effect, { kind: "book" }>): Promise<Event> {
  const rev = await lock(d);
  const service = d.house.services.get(effect.offer.service);
  let clientId = effect.client.card;
  if (clientId && !(await clientById(d.tx, d.houseId, clientId))) clientId = undefined;
  if (!clientId) {
    clientId = await insertClient(
      d.tx,
      d.houseId,
      {
        name: effect.client.name,
        ...(effect.client.phone ? { phone: effect.client.phone } : {}),
        ...(effect.client.email ? { email: effect.client.email } : {}),
        saysSo: effect.client.saysBefore === true && service?.after !== undefined,
      },
      d.nowMin,
    );
    await writeAudit(d.tx, d.houseId, d.nowMin, d.actor, "card made", clientId, { name: effect.client.name });
  }
  await addAnswers(d.tx, clientId, effect.cardAnswers);
  const priceMinor = priceOf(d.house, effect.offer, effect.places);
  const more = {
    clientId,
    priceMinor,
    rev,
    answers: effect.answers,
    ...(effect.visitor ? { visitor: effect.visitor } : {}),
    ...(d.conversationId ? { conversationId: d.conversationId } : {}),
  };
  let id: string | null = effect.hold;
  if (!(await bookHold(d.tx, effect.hold, more))) {
    // The hold has run out: the time is booked all the same while it is still open.
    const offer = await reopened(d, effect.offer, effect.places, null, false);
    id = offer ? await attempt(d, { ...newRow(d, offer, effect.places, rev, "booked"), ...more }) : null;
  }
  const row = id ? await appointmentById(d.tx, d.houseId, id) : null;
  if (!id || !row) return { kind: "lost", offer: effect.offer };
  await writeAudit(d.tx, d.houseId, d.nowMin, d.actor, "booked", id, { service: row.service, staff: row.staff, startMin: row.startMin });
  return { kind: "booked", appointment: viewOf(row) };
}

async function move(d: Desk, effect: Extract<Effect, { kind: "move" }>): Promise<Event> {
  const rev = await lock(d);
  const own = await appointmentById(d.tx, d.houseId, effect.appointment);
  if (!own || own.status !== "booked") return { kind: "gone" };
  const held = await setStatus(d.tx, effect.hold, ["held"], "lapsed", rev);
  d.calendar = d.calendar.without([effect.hold]);
  const offer = held ? effect.offer : await reopened(d, effect.offer, own.places, own, false);
  if (!offer) return { kind: "lost", offer: effect.offer };
  return moveTo(d, own, offer, effect.feeMinor, rev);
}

async function moveTo(d: Desk, own: AppointmentRow, offer: OfferView, feeMinor: number, rev: number): Promise<Event> {
  const group = own.kind === "place" ? newRow(d, offer, own.places, rev, "booked") : null;
  const moved = await unlessTaken(d.tx, () => moveRow(d.tx, own.id, offer, feeMinor, rev, group));
  if (moved === null) return { kind: "lost", offer };
  if (!moved) return { kind: "gone" };
  const row = await appointmentById(d.tx, d.houseId, own.id);
  if (!row) return { kind: "gone" };
  await writeAudit(d.tx, d.houseId, d.nowMin, d.actor, "moved", own.id, {
    from: { staff: own.staff, startMin: own.startMin },
    to: { staff: row.staff, startMin: row.startMin },
    feeMinor,
  });
  return { kind: "moved", appointment: viewOf(row), feeMinor };
}

/** Cancels an appointment that still stands. */
export async function cancel(d: Desk, id: string, feeMinor: number): Promise<Event> {
  const rev = await lock(d);
  const own = await appointmentById(d.tx, d.houseId, id);
  if (!own || !(await setStatus(d.tx, id, ["booked"], "cancelled", rev))) return { kind: "gone" };
  if (feeMinor > 0) await addFee(d.tx, id, feeMinor);
  await writeAudit(d.tx, d.houseId, d.nowMin, d.actor, "cancelled", id, { feeMinor });
  return { kind: "cancelled", appointment: viewOf(own), feeMinor };
}

/** Books at the desk, without notice, at an opening of the calendar. Null when the time is not open. */
export async function bookByHand(d: Desk, offer: OfferView, places: number, clientId: string): Promise<string | null> {
  const rev = await lock(d);
  const open = await reopened(d, offer, places, null, true);
  if (!open) return null;
  const id = await attempt(d, { ...newRow(d, open, places, rev, "booked"), clientId, priceMinor: priceOf(d.house, open, places) });
  if (id)
    await writeAudit(d.tx, d.houseId, d.nowMin, d.actor, "booked", id, { service: open.service, staff: open.staff, startMin: open.startMin, byHand: true });
  return id;
}

/** Moves at the desk to an opening of the calendar. */
export async function moveByHand(d: Desk, id: string, offer: OfferView): Promise<Event> {
  const rev = await lock(d);
  const own = await appointmentById(d.tx, d.houseId, id);
  if (!own || own.status !== "booked") return { kind: "gone" };
  const open = await reopened(d, offer, own.places, own, true);
  if (!open) return { kind: "lost", offer };
  return moveTo(d, own, open, 0, rev);
}

export { lock as lockDesk };
