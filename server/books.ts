import type { AppointmentView, Effect, Event, OfferView } from "@gentian/core/conversation/state";
import { sameName, soundsAlike } from "@gentian/core/conversation/names";
import type { House } from "@gentian/core/house/compile";
import type { BusyRow, Calendar } from "@gentian/core/schedule/calendar";
import { needsAnyway, stillOpen, stretchOf, type Opening } from "@gentian/core/schedule/openings";
import { overlaps, type Interval } from "@gentian/core/time/intervals";
import {
  addFee,
  appointmentById,
  bookHold,
  comingOf,
  expireHolds,
  insertAppointment,
  moveRow,
  placesTaken,
  lastSeen,
  setStatus,
  snapshotOf,
  type AppointmentRow,
  type NewAppointment,
} from "./data/appointments.ts";
import { writeAudit } from "./data/audit.ts";
import { addAnswers, clientById, clientsByContact, insertClient } from "./data/clients.ts";
import { unlessTaken, type Tx } from "./data/db.ts";
import { lockAndTell } from "./data/houses.ts";
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
  /** House and calendar as committed up to a revision, read again after the lock. */
  fresh: (rev: number) => Promise<{ house: House; calendar: Calendar }>;
  /** Where a command that only books may say what it does, so that the next need not read it again. */
  stage?: (rev: number, rows: readonly BusyRow[] | null) => void;
  /** Something besides booking was done at this revision. */
  mixed?: boolean;
  /** What it has booked so far. */
  booked?: BusyRow[];
}

/** Locks the house's calendars for the rest of the transaction and sees them as they are now. */
async function lock(d: Desk): Promise<number> {
  if (d.rev !== undefined) return d.rev;
  const locked = await lockAndTell(d.tx, d.houseId, d.nowMin);
  d.rev = locked.rev;
  d.stage?.(d.rev, null);
  ({ house: d.house, calendar: d.calendar } = await d.fresh(d.rev - 1));
  d.mixed = locked.anyExpired;
  if (locked.anyExpired) d.calendar = d.calendar.without(await expireHolds(d.tx, d.houseId, d.nowMin, d.rev));
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
  const called = (same: typeof sameName) => near.find((n) => same(effect.name, n.client.name) || n.visitors.some((v) => same(effect.name, v)));
  const hit = called(sameName) ?? (effect.byEar ? called(soundsAlike) : undefined);
  if (!hit) return { kind: "client-found", match: near.length > 0 ? "number-only" : "none", appointments: [] };
  const coming = await comingOf(d.tx, hit.client.id, d.nowMin);
  const last = await lastSeen(d.tx, hit.client.id, d.nowMin);
  return {
    kind: "client-found",
    match: "both",
    card: {
      id: hit.client.id,
      name: hit.client.name,
      assessed: hit.client.assessed || hit.client.saysSo,
      answers: hit.client.answers,
      coming: coming.length,
      ...(last ? { lastStaff: last } : {}),
      ...(hit.client.byPersonOnly ? { byPersonOnly: true } : {}),
    },
    appointments: coming.map(viewOf),
  };
}

const attempt = (d: Desk, a: NewAppointment): Promise<string | null> => unlessTaken(d.tx, () => insertAppointment(d.tx, a));

/** The person's and the rooms' time of an offer; the offer's own stretch where its service is gone. */
export function timesOf(house: House, offer: OfferView): { staffTime: Interval; roomTime: Interval } {
  const needs = needsAnyway(house, offer.service, offer.lengthMin);
  if (!needs) {
    const whole = { startMin: offer.startMin, endMin: offer.busyUntilMin };
    return { staffTime: whole, roomTime: whole };
  }
  const { staff, room } = stretchOf(needs, offer.startMin);
  return { staffTime: staff, roomTime: room };
}

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
    ...timesOf(d.house, offer),
    ...(d.conversationId ? { conversationId: d.conversationId } : {}),
  };
}

/** Finds the opening again in the calendar as it is under the lock; null when it is gone. */
async function reopened(d: Desk, offer: OfferView, places: number, own: AppointmentRow | null): Promise<OfferView | null> {
  const open = stillOpen(d.house, d.calendar, d.nowMin, offer, { places, ...(own ? { own: own.id } : {}) });
  if (!open) return null;
  const group = d.house.services.get(offer.service)?.group;
  if (group && (await placesTaken(d.tx, d.houseId, offer.service, offer.startMin)) + places > group.places) return null;
  return withRooms(offer, open);
}

function withRooms(offer: OfferView, open: Opening): OfferView {
  const { more: _more, ...rest } = offer;
  return { ...rest, room: open.room, ...(open.more ? { more: open.more } : {}), busyUntilMin: open.busyUntilMin, endMin: open.endMin };
}

async function hold(d: Desk, effect: Extract<Effect, { kind: "hold" }>): Promise<Event> {
  const rev = await lock(d);
  const own = effect.replaces ? await appointmentById(d.tx, d.houseId, effect.replaces) : null;
  const offer = await reopened(d, effect.offer, effect.places, own);
  if (!offer) return { kind: "lost", offer: effect.offer };
  const row: NewAppointment = {
    ...newRow(d, offer, effect.places, rev, "held"),
    holdUntilMin: effect.untilMin,
    ...(own ? { replaces: own.id, ...besides(d.house, offer, own) } : {}),
  };
  const id = await attempt(d, row);
  if (!id) return { kind: "lost", offer: effect.offer };
  await writeAudit(d.tx, d.houseId, d.nowMin, d.actor, "held", id, { service: offer.service, staff: offer.staff, startMin: offer.startMin });
  return { kind: "held", id, offer, untilMin: effect.untilMin };
}

/** What a hold has to keep free beside the appointment it is to replace, which keeps its own time until the move. */
function besides(house: House, offer: OfferView, own: AppointmentRow): { staffTime: Interval; roomTime: Interval } {
  const wanted = timesOf(house, offer);
  const kept = timesOf(house, own);
  const rooms = (o: OfferView): string[] => [o.room, ...(o.more ?? [])].filter(Boolean);
  return {
    staffTime: offer.staff === own.staff ? beside(wanted.staffTime, kept.staffTime) : wanted.staffTime,
    roomTime: rooms(offer).some((r) => rooms(own).includes(r)) ? beside(wanted.roomTime, kept.roomTime) : wanted.roomTime,
  };
}

function beside(wanted: Interval, kept: Interval): Interval {
  if (!overlaps(wanted, kept)) return wanted;
  if (wanted.startMin < kept.startMin) return { startMin: wanted.startMin, endMin: Math.min(wanted.endMin, kept.startMin) };
  return { startMin: Math.max(wanted.startMin, kept.endMin), endMin: Math.max(wanted.endMin, kept.endMin) };
}

export function priceOf(house: House, offer: { service: string; lengthMin: number }, places: number): number | null {
  const minor = house.needs(offer.service, offer.lengthMin)?.priceMinor ?? null;
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
    const offer = await reopened(d, effect.offer, effect.places, null);
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
  const offer = held ? withHeldRooms(effect.offer, await appointmentById(d.tx, d.houseId, effect.hold)) : await reopened(d, effect.offer, own.places, own);
  if (!offer) return { kind: "lost", offer: effect.offer };
  return moveTo(d, own, offer, effect.feeMinor, rev);
}

/** The rooms that the hold has kept. */
function withHeldRooms(offer: OfferView, hold: AppointmentRow | null): OfferView {
  const { more: _more, ...rest } = offer;
  return hold ? { ...rest, room: hold.room, ...(hold.more ? { more: hold.more } : {}) } : offer;
}

async function moveTo(d: Desk, own: AppointmentRow, offer: OfferView, feeMinor: number, rev: number): Promise<Event> {
  const group = own.kind === "place" ? newRow(d, offer, own.places, rev, "booked") : null;
  // Another length has its own price; a visit that is only moved keeps the one it was booked at.
  const price = offer.lengthMin === own.lengthMin ? {} : { priceMinor: priceOf(d.house, offer, own.places) };
  const moved = await unlessTaken(d.tx, () => moveRow(d.tx, own.id, { offer, ...timesOf(d.house, offer), feeMinor, rev, sessionOf: group, ...price }));
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

/** Cancels an appointment that still stands. A change by hand is kept so that it can be taken back. */
export async function cancel(d: Desk, id: string, feeMinor: number, byHand = false): Promise<Event & { auditId?: number }> {
  const rev = await lock(d);
  const own = await appointmentById(d.tx, d.houseId, id);
  const before = byHand ? await snapshotOf(d.tx, id) : null;
  if (!own || !(await setStatus(d.tx, id, ["booked", "arrived"], "cancelled", rev))) return { kind: "gone" };
  if (feeMinor > 0) await addFee(d.tx, id, feeMinor);
  const kept = before ? { before, sequence: own.sequence + 1 } : {};
  const auditId = await writeAudit(d.tx, d.houseId, d.nowMin, d.actor, "cancelled", id, { feeMinor, ...kept });
  return { kind: "cancelled", appointment: viewOf(own), feeMinor, auditId };
}

export { lock as lockDesk };
