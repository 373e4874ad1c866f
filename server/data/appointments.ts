import type { BusyRow } from "@gentian/core/schedule/calendar";
import type { OfferView } from "@gentian/core/conversation/state";
import type { Tx } from "./db.ts";

export type AppointmentStatus = "held" | "lapsed" | "booked" | "done" | "missed" | "cancelled";

export interface AppointmentRow extends OfferView {
  id: string;
  extId: string | null;
  kind: "visit" | "session" | "place";
  status: AppointmentStatus;
  clientId: string | null;
  clientName: string | null;
  clientPhone: string | null;
  visitor: string | null;
  places: number;
  priceMinor: number | null;
  feeMinor: number;
  madeBy: string;
  conversationId: string | null;
  sequence: number;
  answers: Record<string, string>;
}

interface Columns {
  id: string;
  ext_id: string | null;
  kind: AppointmentRow["kind"];
  status: AppointmentStatus;
  client_id: string | null;
  client_name: string | null;
  client_phone: string | null;
  visitor: string | null;
  service: string;
  length_min: number;
  staff: string;
  room: string | null;
  start_min: string | number;
  end_min: string | number;
  busy_min: string | number;
  places: number;
  price_minor: number | null;
  fee_minor: number;
  made_by: string;
  conversation_id: string | null;
  sequence: number;
  answers: Record<string, string>;
}

const COLUMNS = `a.id, a.ext_id, a.kind, a.status, a.client_id, c.name as client_name, c.phone as client_phone, a.visitor, a.service, a.length_min, a.staff, a.room,
  extract(epoch from a.starts) / 60 as start_min, extract(epoch from a.visit_end) / 60 as end_min,
  extract(epoch from a.visit_end) / 60 + a.clean_up_min as busy_min,
  a.places, a.price_minor, a.fee_minor, a.made_by, a.conversation_id, a.sequence, a.answers`;

const asRow = (r: Columns): AppointmentRow => ({
  id: r.id,
  extId: r.ext_id,
  kind: r.kind,
  status: r.status,
  clientId: r.client_id,
  clientName: r.client_name,
  clientPhone: r.client_phone,
  visitor: r.visitor,
  service: r.service,
  lengthMin: r.length_min,
  staff: r.staff,
  room: r.room ?? "",
  startMin: Number(r.start_min),
  endMin: Number(r.end_min),
  busyUntilMin: Number(r.busy_min),
  places: r.places,
  priceMinor: r.price_minor,
  feeMinor: r.fee_minor,
  madeBy: r.made_by,
  conversationId: r.conversation_id,
  sequence: r.sequence,
  answers: r.answers,
});

const RANGE = "tstzrange(to_timestamp(?::double precision * 60), to_timestamp(?::double precision * 60))";
const TAKES = "('held', 'booked', 'done', 'missed')";

/** What changed in the calendars after a revision: rows that take time, and ids of those that no longer do. */
export async function busySince(tx: Tx, houseId: string, rev: number, fromMin: number): Promise<{ set: BusyRow[]; drop: string[]; rev: number }> {
  const { rows } = await tx.raw<{
    rows: {
      id: string;
      kind: string;
      takes: boolean;
      staff: string | null;
      room: string | null;
      s: string;
      e: string;
      service: string | null;
      places: number;
      rev: number;
    }[];
  }>(
    `select id, kind, status in ${TAKES} as takes, staff, room, extract(epoch from lower(during)) / 60 as s, extract(epoch from upper(during)) / 60 as e, service, places, rev
       from appointments where house_id = ? and rev > ? and (rev > 0 and ? > 0 or upper(during) > to_timestamp(?::double precision * 60)) and kind <> 'session'
     union all
     select id, 'absence', not gone, staff, room, extract(epoch from lower(during)) / 60, extract(epoch from upper(during)) / 60, null, 1, rev
       from absences where house_id = ? and rev > ?`,
    [houseId, rev, rev, fromMin, houseId, rev],
  );
  const set: BusyRow[] = [];
  const drop: string[] = [];
  let top = rev;
  for (const r of rows) {
    top = Math.max(top, r.rev);
    const start = Number(r.s);
    const end = Number(r.e);
    if (!r.takes || !(end > start)) drop.push(r.id);
    else
      set.push({
        id: r.id,
        staff: r.staff,
        room: r.room,
        startMin: start,
        endMin: end,
        ...(r.kind === "place" ? { place: { service: r.service ?? "", places: r.places } } : {}),
      });
  }
  return { set, drop, rev: top };
}

export interface NewAppointment {
  houseId: string;
  offer: OfferView;
  kind: "visit" | "place";
  status: "held" | "booked" | "done" | "missed" | "cancelled";
  places: number;
  rev: number;
  madeBy: string;
  madeAtMin: number;
  clientId?: string;
  visitor?: string;
  holdUntilMin?: number;
  replaces?: string;
  priceMinor?: number | null;
  feeMinor?: number;
  conversationId?: string;
  extId?: string;
  answers?: Record<string, string>;
  /** The stretch to keep free, where it is shorter than the visit: beside the appointment that is being moved. */
  during?: { startMin: number; endMin: number };
}

/** Puts a row into the calendars. PostgreSQL's exclusion constraints refuse it (code 23P01) where the time is taken. */
export async function insertAppointment(tx: Tx, a: NewAppointment): Promise<string> {
  const o = a.offer;
  const session = a.kind === "place" ? await sessionFor(tx, a) : null;
  const during = a.during ?? { startMin: o.startMin, endMin: o.busyUntilMin };
  const { rows } = await tx.raw<{ rows: { id: string }[] }>(
    `insert into appointments (house_id, ext_id, kind, status, session_id, client_id, visitor, service, length_min, staff, room, during, starts, visit_end, clean_up_min, places, hold_until, replaces, price_minor, fee_minor, answers, made_by, conversation_id, rev, made_at)
     values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ${RANGE}, to_timestamp(?::double precision * 60), to_timestamp(?::double precision * 60), ?, ?, to_timestamp(?::double precision * 60), ?, ?, ?, ?::jsonb, ?, ?, ?, to_timestamp(?::double precision * 60)) returning id`,
    [
      a.houseId,
      a.extId ?? null,
      a.kind,
      a.status,
      session,
      a.clientId ?? null,
      a.visitor ?? null,
      o.service,
      o.lengthMin,
      o.staff,
      o.room || null,
      during.startMin,
      Math.max(during.startMin, during.endMin),
      o.startMin,
      o.endMin,
      o.busyUntilMin - o.endMin,
      a.places,
      a.holdUntilMin ?? null,
      a.replaces ?? null,
      a.priceMinor ?? null,
      a.feeMinor ?? 0,
      JSON.stringify(a.answers ?? {}),
      a.madeBy,
      a.conversationId ?? null,
      a.rev,
      a.madeAtMin,
    ],
  );
  return (rows[0] as { id: string }).id;
}

/** The class itself takes the person and the room, once, however many places are taken in it. */
async function sessionFor(tx: Tx, a: NewAppointment): Promise<string> {
  const o = a.offer;
  const have = await tx.raw<{ rows: { id: string }[] }>(
    "select id from appointments where house_id = ? and kind = 'session' and status = 'booked' and service = ? and starts = to_timestamp(?::double precision * 60) for update",
    [a.houseId, o.service, o.startMin],
  );
  if (have.rows[0]) return have.rows[0].id;
  const made = await tx.raw<{ rows: { id: string }[] }>(
    `insert into appointments (house_id, kind, status, service, length_min, staff, room, during, starts, visit_end, made_by, rev, made_at)
     values (?, 'session', 'booked', ?, ?, ?, ?, ${RANGE}, to_timestamp(?::double precision * 60), to_timestamp(?::double precision * 60), 'house', ?, to_timestamp(?::double precision * 60)) returning id`,
    [a.houseId, o.service, o.lengthMin, o.staff, o.room || null, o.startMin, o.busyUntilMin, o.startMin, o.endMin, a.rev, a.madeAtMin],
  );
  return (made.rows[0] as { id: string }).id;
}

/** Places taken in a group, counted in the database under the calendar lock. */
export async function placesTaken(tx: Tx, houseId: string, service: string, startMin: number): Promise<number> {
  const { rows } = await tx.raw<{ rows: { n: number | null }[] }>(
    `select sum(places) as n from appointments where house_id = ? and kind = 'place' and service = ? and starts = to_timestamp(?::double precision * 60) and status in ${TAKES}`,
    [houseId, service, startMin],
  );
  return Number(rows[0]?.n ?? 0);
}

/** Holds whose time is over stop counting; gives their ids. */
export async function expireHolds(tx: Tx, houseId: string, nowMin: number, rev: number): Promise<string[]> {
  const { rows } = await tx.raw<{ rows: { id: string }[] }>(
    "update appointments set status = 'lapsed', rev = ? where house_id = ? and status = 'held' and hold_until <= to_timestamp(?::double precision * 60) returning id",
    [rev, houseId, nowMin],
  );
  return rows.map((r) => r.id);
}

export async function anyExpired(tx: Tx, houseId: string, nowMin: number): Promise<boolean> {
  const { rows } = await tx.raw<{ rows: unknown[] }>(
    "select 1 from appointments where house_id = ? and status = 'held' and hold_until <= to_timestamp(?::double precision * 60) limit 1",
    [houseId, nowMin],
  );
  return rows.length > 0;
}

export async function setStatus(tx: Tx, id: string, from: readonly AppointmentStatus[], to: AppointmentStatus, rev: number): Promise<boolean> {
  const { rowCount } = await tx.raw<{ rowCount: number }>(
    `update appointments set status = ?, rev = ?, sequence = sequence + 1 where id = ? and status = any(?)`,
    [to, rev, id, [...from]],
  );
  return rowCount === 1;
}

/** Makes a hold into a booking; false when the hold is gone. */
export async function bookHold(
  tx: Tx,
  id: string,
  a: { clientId: string; visitor?: string; priceMinor: number | null; rev: number; conversationId?: string; answers: Record<string, string> },
): Promise<boolean> {
  const { rowCount } = await tx.raw<{ rowCount: number }>(
    "update appointments set status = 'booked', hold_until = null, client_id = ?, visitor = ?, price_minor = ?, rev = ?, conversation_id = ?, answers = answers || ?::jsonb where id = ? and status = 'held'",
    [a.clientId, a.visitor ?? null, a.priceMinor, a.rev, a.conversationId ?? null, JSON.stringify(a.answers), id],
  );
  return rowCount === 1;
}

export async function moveRow(tx: Tx, id: string, offer: OfferView, feeMinor: number, rev: number, sessionOf: NewAppointment | null): Promise<boolean> {
  const session = sessionOf ? await sessionFor(tx, sessionOf) : null;
  const { rowCount } = await tx.raw<{ rowCount: number }>(
    `update appointments set staff = ?, room = ?, during = ${RANGE}, starts = to_timestamp(?::double precision * 60), visit_end = to_timestamp(?::double precision * 60), session_id = ?, fee_minor = fee_minor + ?, rev = ?, sequence = sequence + 1 where id = ? and status = 'booked'`,
    [offer.staff, offer.room || null, offer.startMin, offer.busyUntilMin, offer.startMin, offer.endMin, session, feeMinor, rev, id],
  );
  return rowCount === 1;
}

export async function addFee(tx: Tx, id: string, feeMinor: number): Promise<void> {
  await tx.raw("update appointments set fee_minor = fee_minor + ? where id = ?", [feeMinor, id]);
}

export async function appointmentById(tx: Tx, houseId: string, id: string): Promise<AppointmentRow | null> {
  const { rows } = await tx.raw<{ rows: Columns[] }>(
    `select ${COLUMNS} from appointments a left join clients c on c.id = a.client_id where a.house_id = ? and a.id = ?`,
    [houseId, id],
  );
  return rows[0] ? asRow(rows[0]) : null;
}

/** Coming appointments of a client, soonest first. */
export async function comingOf(tx: Tx, clientId: string, nowMin: number): Promise<AppointmentRow[]> {
  const { rows } = await tx.raw<{ rows: Columns[] }>(
    `select ${COLUMNS} from appointments a join clients c on c.id = a.client_id where a.client_id = ? and a.status = 'booked' and a.starts > to_timestamp(?::double precision * 60) order by a.starts limit 50`,
    [clientId, nowMin],
  );
  return rows.map(asRow);
}

export async function historyOf(tx: Tx, clientId: string): Promise<AppointmentRow[]> {
  const { rows } = await tx.raw<{ rows: Columns[] }>(
    `select ${COLUMNS} from appointments a join clients c on c.id = a.client_id where a.client_id = ? and a.status <> 'held' and a.status <> 'lapsed' order by a.starts desc limit 20`,
    [clientId],
  );
  return rows.map(asRow);
}

/** Everything on the calendars between two instants but lapsed holds and cancelled visits. */
export async function appointmentsBetween(tx: Tx, houseId: string, fromMin: number, toMin: number, staff?: string): Promise<AppointmentRow[]> {
  const { rows } = await tx.raw<{ rows: Columns[] }>(
    `select ${COLUMNS} from appointments a left join clients c on c.id = a.client_id
      where a.house_id = ? and a.kind <> 'session' and a.status in ${TAKES} and a.starts >= to_timestamp(?::double precision * 60) and a.starts < to_timestamp(?::double precision * 60) ${staff ? "and a.staff = ?" : ""} order by a.starts, a.id`,
    staff ? [houseId, fromMin, toMin, staff] : [houseId, fromMin, toMin],
  );
  return rows.map(asRow);
}

export async function allAppointments(tx: Tx, houseId: string): Promise<AppointmentRow[]> {
  const { rows } = await tx.raw<{ rows: Columns[] }>(
    `select ${COLUMNS} from appointments a left join clients c on c.id = a.client_id where a.house_id = ? and a.kind <> 'session' and a.status in ('booked', 'done', 'missed', 'cancelled') order by a.starts, coalesce(a.ext_id, a.id::text)`,
    [houseId],
  );
  return rows.map(asRow);
}

/** Who and what the appointments to come need, and how many each. */
export async function comingUses(tx: Tx, houseId: string, nowMin: number): Promise<{ kind: "staff" | "service"; id: string; n: number }[]> {
  const { rows } = await tx.raw<{ rows: { kind: "staff" | "service"; id: string; n: number }[] }>(
    `select kind, id, count(*)::int as n from (
       select 'staff' as kind, staff as id from appointments where house_id = :house and kind <> 'session' and status = 'booked' and starts >= to_timestamp(:now::double precision * 60)
       union all
       select 'service', service from appointments where house_id = :house and kind <> 'session' and status = 'booked' and starts >= to_timestamp(:now::double precision * 60)) u
     group by kind, id order by n desc`,
    { house: houseId, now: nowMin },
  );
  return rows;
}
