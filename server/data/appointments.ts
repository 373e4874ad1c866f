import type { BusyRow } from "@gentian/core/schedule/calendar";
import type { OfferView } from "@gentian/core/conversation/state";
import type { FeeState, SingleDay } from "@gentian/core/house/schema";
import type { Interval } from "@gentian/core/time/intervals";
import { numbered, prepared, type Tx } from "./db.ts";

export type AppointmentStatus = "held" | "lapsed" | "booked" | "arrived" | "done" | "missed" | "cancelled";

export interface AppointmentRow extends OfferView {
  id: string;
  extId: string | null;
  kind: "visit" | "session" | "place";
  status: AppointmentStatus;
  clientId: string | null;
  clientName: string | null;
  clientPhone: string | null;
  clientEmail: string | null;
  visitor: string | null;
  places: number;
  priceMinor: number | null;
  feeMinor: number;
  feeState: FeeState | null;
  madeBy: string;
  conversationId: string | null;
  sequence: number;
  answers: Record<string, string>;
  visit: string | null;
  series: string | null;
  overruled: string | null;
}

interface Columns {
  id: string;
  ext_id: string | null;
  kind: AppointmentRow["kind"];
  status: AppointmentStatus;
  client_id: string | null;
  client_name: string | null;
  client_phone: string | null;
  client_email: string | null;
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
  fee_state: FeeState | null;
  more_rooms: string[];
  visit: string | null;
  series: string | null;
  overruled: string | null;
  made_by: string;
  conversation_id: string | null;
  sequence: number;
  answers: Record<string, string>;
}

const COLUMNS = `a.id, a.ext_id, a.kind, a.status, a.client_id, c.name as client_name, c.phone as client_phone, c.email as client_email, a.visitor, a.service, a.length_min, a.staff, a.room,
  extract(epoch from a.starts) / 60 as start_min, extract(epoch from a.visit_end) / 60 as end_min,
  extract(epoch from a.visit_end) / 60 + a.clean_up_min as busy_min,
  a.places, a.price_minor, a.fee_minor, a.fee_state, a.more_rooms, a.visit, a.series, a.overruled, a.made_by, a.conversation_id, a.sequence, a.answers`;

const asRow = (r: Columns): AppointmentRow => ({
  id: r.id,
  extId: r.ext_id,
  kind: r.kind,
  status: r.status,
  clientId: r.client_id,
  clientName: r.client_name,
  clientPhone: r.client_phone,
  clientEmail: r.client_email,
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
  feeState: r.fee_state,
  ...(r.more_rooms.length > 0 ? { more: r.more_rooms } : {}),
  visit: r.visit,
  series: r.series,
  overruled: r.overruled,
  madeBy: r.made_by,
  conversationId: r.conversation_id,
  sequence: r.sequence,
  answers: r.answers,
});

const RANGE = "tstzrange(to_timestamp(?::double precision * 60), to_timestamp(?::double precision * 60))";
const TAKES = "('held', 'booked', 'arrived', 'done', 'missed')";

/** What changed in the calendars after a revision: rows that take time, ids of those that no longer do, and single days. */
export interface CalendarChange {
  set: BusyRow[];
  drop: string[];
  days: { id: string; day: SingleDay | null }[];
  rev: number;
}

interface BusyColumns {
  id: string;
  kind: string;
  takes: boolean;
  staff: string | null;
  room: string | null;
  s: string;
  e: string;
  rs: string | null;
  re: string | null;
  more: string[] | null;
  at: string | null;
  service: string | null;
  places: number;
  extra: { date: string; hours: SingleDay["hours"]; reason: string } | null;
  rev: number;
}

const BUSY_SINCE = `select * from (
     select id, kind, status in ${TAKES} as takes, staff, room, extract(epoch from lower(during)) / 60 as s, extract(epoch from upper(during)) / 60 as e,
       extract(epoch from lower(room_during)) / 60 as rs, extract(epoch from upper(room_during)) / 60 as re, more_rooms as more,
       extract(epoch from starts) / 60 as at, service, places, null::jsonb as extra, rev
       from appointments where house_id = :house and rev > :rev and (:rev > 0 or visit_end > to_timestamp(:from::double precision * 60)) and kind <> 'session'
     union all
     select id, 'absence', not gone, staff, room, extract(epoch from lower(during)) / 60, extract(epoch from upper(during)) / 60,
       null, null, null, null, null, 1, null, rev
       from absences where house_id = :house and rev > :rev
     union all
     select id, 'day', not gone, staff, null, null, null, null, null, null, null, null, 1,
       jsonb_build_object('date', to_char(day, 'YYYY-MM-DD'), 'hours', hours, 'reason', reason), rev
       from single_days where house_id = :house and rev > :rev) c order by s`;

export async function busySince(tx: Tx, houseId: string, rev: number, fromMin: number): Promise<CalendarChange> {
  // Not a prepared statement: planned for any revision it would read the whole table, for this one it reads what is new.
  const { rows } = await tx.raw<{ rows: BusyColumns[] }>(BUSY_SINCE, { house: houseId, rev, from: fromMin });
  const change: CalendarChange = { set: [], drop: [], days: [], rev };
  for (const r of rows) {
    change.rev = Math.max(change.rev, r.rev);
    if (r.kind === "day") {
      change.days.push({ id: r.id, day: r.takes && r.extra ? { id: r.id, ...(r.staff ? { staff: r.staff } : {}), ...r.extra } : null });
      continue;
    }
    const row = busyRowOf(r);
    if (r.takes && row) change.set.push(row);
    else change.drop.push(r.id);
  }
  return change;
}

/** How a row of the tables takes time; null where its stretches are empty. */
function busyRowOf(r: BusyColumns): BusyRow | null {
  const start = Number(r.s);
  const end = Number(r.e);
  if (r.kind === "place")
    return {
      id: r.id,
      staff: r.staff,
      room: r.room,
      startMin: Number(r.at),
      endMin: Math.max(end, Number(r.at)),
      service: r.service ?? "",
      place: { service: r.service ?? "", places: r.places },
    };
  const roomStart = r.rs === null ? start : Number(r.rs);
  const roomEnd = r.re === null ? end : Number(r.re);
  if (!(end > start) && !(roomEnd > roomStart)) return null;
  const apart = roomStart !== start || roomEnd !== end;
  return {
    id: r.id,
    staff: r.staff,
    room: r.room,
    startMin: start,
    endMin: end,
    ...(apart ? { roomStartMin: roomStart, roomEndMin: roomEnd } : {}),
    ...(r.more && r.more.length > 0 ? { more: r.more } : {}),
    ...(r.service ? { service: r.service } : {}),
    ...(r.at !== null && Number(r.at) !== start ? { visitMin: Number(r.at) } : {}),
  };
}

export interface NewAppointment {
  houseId: string;
  offer: OfferView;
  kind: "visit" | "place";
  status: "held" | "booked" | "arrived" | "done" | "missed" | "cancelled";
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
  /** The person's and the rooms' time, with what is before and after the visit. */
  staffTime: Interval;
  roomTime: Interval;
  visit?: string;
  series?: string;
  feeState?: FeeState;
  overruled?: string;
}

/** A range that is empty where its end is not after its beginning. */
const ends = (i: Interval): [number, number] => [i.startMin, Math.max(i.startMin, i.endMin)];

const INSERT =
  numbered(`insert into appointments (house_id, ext_id, kind, status, session_id, client_id, visitor, service, length_min, staff, room, more_rooms, during, room_during, starts, visit_end, clean_up_min, places, hold_until, replaces, price_minor, fee_minor, fee_state, answers, made_by, conversation_id, visit, series, overruled, rev, made_at)
     values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ${RANGE}, ${RANGE}, to_timestamp(?::double precision * 60), to_timestamp(?::double precision * 60), ?, ?, to_timestamp(?::double precision * 60), ?, ?, ?, ?, ?::jsonb, ?, ?, ?, ?, ?, ?, to_timestamp(?::double precision * 60))`);

async function valuesOf(tx: Tx, a: NewAppointment): Promise<unknown[]> {
  const o = a.offer;
  const session = a.kind === "place" ? await sessionFor(tx, a) : null;
  return [
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
    o.more ?? [],
    ...ends(a.staffTime),
    ...ends(a.roomTime),
    o.startMin,
    o.endMin,
    o.busyUntilMin - o.endMin,
    a.places,
    a.holdUntilMin ?? null,
    a.replaces ?? null,
    a.priceMinor ?? null,
    a.feeMinor ?? 0,
    a.feeState ?? (a.feeMinor ? "owed" : null),
    JSON.stringify(a.answers ?? {}),
    a.madeBy,
    a.conversationId ?? null,
    a.visit ?? null,
    a.series ?? null,
    a.overruled ?? null,
    a.rev,
    a.madeAtMin,
  ];
}

/** Puts a row into the calendars. PostgreSQL's exclusion constraints refuse it (code 23P01) where the time is taken. */
export async function insertAppointment(tx: Tx, a: NewAppointment): Promise<string> {
  const { rows } = await prepared<{ id: string }>(tx, "insert-appointment", `${INSERT} returning id`, await valuesOf(tx, a));
  return (rows[0] as { id: string }).id;
}

const INSERT_NOTED = `with made as (${INSERT} returning *), noted as (
  insert into audit (house_id, house_time, actor, action, subject, detail)
    select made.house_id, made.made_at, made.made_by, 'booked', made.id,
      $34::jsonb || jsonb_build_object('before', to_jsonb(made) || '{"status": "lapsed"}'::jsonb, 'sequence', made.sequence) from made
  returning id)
  select made.id, noted.id as audit from made, noted`;

/** The same in one statement with its audit row, from which the booking can be taken back; for bookings by hand. */
export async function insertNoted(tx: Tx, a: NewAppointment, detail: object): Promise<{ id: string; audit: number }> {
  const values = await valuesOf(tx, a);
  const { rows } = await prepared<{ id: string; audit: number }>(tx, "insert-noted", INSERT_NOTED, [...values, JSON.stringify(detail)]);
  return rows[0] as { id: string; audit: number };
}

/** The class itself takes the person and the rooms, once, however many places are taken in it. */
async function sessionFor(tx: Tx, a: NewAppointment): Promise<string> {
  const o = a.offer;
  const have = await tx.raw<{ rows: { id: string }[] }>(
    "select id from appointments where house_id = ? and kind = 'session' and status = 'booked' and service = ? and starts = to_timestamp(?::double precision * 60) for update",
    [a.houseId, o.service, o.startMin],
  );
  if (have.rows[0]) return have.rows[0].id;
  const made = await tx.raw<{ rows: { id: string }[] }>(
    `insert into appointments (house_id, kind, status, service, length_min, staff, room, more_rooms, during, room_during, starts, visit_end, made_by, rev, made_at)
     values (?, 'session', 'booked', ?, ?, ?, ?, ?, ${RANGE}, ${RANGE}, to_timestamp(?::double precision * 60), to_timestamp(?::double precision * 60), 'house', ?, to_timestamp(?::double precision * 60)) returning id`,
    [
      a.houseId,
      o.service,
      o.lengthMin,
      o.staff,
      o.room || null,
      o.more ?? [],
      ...ends(a.staffTime),
      ...ends(a.roomTime),
      o.startMin,
      o.endMin,
      a.rev,
      a.madeAtMin,
    ],
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

/** Where an appointment goes: its offer, the times that it takes, and what the move costs. */
export interface Move {
  offer: OfferView;
  staffTime: Interval;
  roomTime: Interval;
  feeMinor: number;
  rev: number;
  /** For a place in a group: the class that it goes to. */
  sessionOf: NewAppointment | null;
  overruled?: string;
  priceMinor?: number | null;
}

export async function moveRow(tx: Tx, id: string, m: Move): Promise<boolean> {
  const session = m.sessionOf ? await sessionFor(tx, m.sessionOf) : null;
  const o = m.offer;
  const { rowCount } = await tx.raw<{ rowCount: number }>(
    `update appointments set staff = ?, room = ?, more_rooms = ?, during = ${RANGE}, room_during = ${RANGE}, starts = to_timestamp(?::double precision * 60), visit_end = to_timestamp(?::double precision * 60),
       length_min = ?, clean_up_min = ?, session_id = ?, fee_minor = fee_minor + ?, fee_state = case when ? > 0 then 'owed' else fee_state end,
       overruled = coalesce(?, overruled), price_minor = case when ? then ? else price_minor end, rev = ?, sequence = sequence + 1
     where id = ? and status in ('booked', 'arrived')`,
    [
      o.staff,
      o.room || null,
      o.more ?? [],
      ...ends(m.staffTime),
      ...ends(m.roomTime),
      o.startMin,
      o.endMin,
      o.lengthMin,
      o.busyUntilMin - o.endMin,
      session,
      m.feeMinor,
      m.feeMinor,
      m.overruled ?? null,
      m.priceMinor !== undefined,
      m.priceMinor ?? null,
      m.rev,
      id,
    ],
  );
  return rowCount === 1;
}

export async function addFee(tx: Tx, id: string, feeMinor: number): Promise<void> {
  await tx.raw("update appointments set fee_minor = fee_minor + ?, fee_state = case when fee_minor + ? > 0 then 'owed' end where id = ?", [
    feeMinor,
    feeMinor,
    id,
  ]);
}

export async function setFeeState(tx: Tx, id: string, state: FeeState, rev: number): Promise<boolean> {
  const { rowCount } = await tx.raw<{ rowCount: number }>("update appointments set fee_state = ?, rev = ? where id = ? and fee_minor > 0", [state, rev, id]);
  return rowCount === 1;
}

/** The row as it stands, whole, so that a change can be taken back to the letter. */
export async function snapshotOf(tx: Tx, id: string): Promise<Record<string, unknown> | null> {
  const { rows } = await tx.raw<{ rows: { row: Record<string, unknown> }[] }>("select to_jsonb(a) as row from appointments a where id = ?", [id]);
  return rows[0]?.row ?? null;
}

/** Puts a row back as it was, provided that nothing has changed it since; false where something has. */
export async function restoreRow(tx: Tx, id: string, before: Record<string, unknown>, sequence: number, rev: number): Promise<boolean> {
  const { rowCount } = await tx.raw<{ rowCount: number }>(
    `update appointments a set status = b.status, staff = b.staff, room = b.room, more_rooms = b.more_rooms, during = b.during, room_during = b.room_during,
       starts = b.starts, visit_end = b.visit_end, clean_up_min = b.clean_up_min, length_min = b.length_min, session_id = b.session_id,
       fee_minor = b.fee_minor, fee_state = b.fee_state, price_minor = b.price_minor, overruled = b.overruled, rev = ?, sequence = a.sequence + 1
     from jsonb_populate_record(null::appointments, ?::jsonb) b where a.id = ? and a.sequence = ? and (a.fee_state is distinct from 'paid' or b.fee_state = 'paid')`,
    [rev, JSON.stringify(before), id, sequence],
  );
  return rowCount === 1;
}

/** What a client owes: fees that are neither waived nor paid, in minor units. */
export async function owedBy(tx: Tx, clientId: string): Promise<number> {
  const { rows } = await tx.raw<{ rows: { n: number | null }[] }>(
    "select sum(fee_minor)::bigint as n from appointments where client_id = ? and fee_minor > 0 and fee_state = 'owed'",
    [clientId],
  );
  return Number(rows[0]?.n ?? 0);
}

/** Whom each client saw last before a moment. */
export async function lastSeen(tx: Tx, clientId: string, nowMin: number): Promise<string | null> {
  const { rows } = await tx.raw<{ rows: { staff: string }[] }>(
    "select staff from appointments where client_id = ? and status in ('booked', 'arrived', 'done') and kind = 'visit' and starts <= to_timestamp(?::double precision * 60) order by starts desc limit 1",
    [clientId, nowMin],
  );
  return rows[0]?.staff ?? null;
}

/** Appointments that lie in a person's or a room's stretch, soonest first; classes by their places. */
export async function appointmentsUnder(
  tx: Tx,
  houseId: string,
  a: { staff?: string; room?: string; startMin: number; endMin: number },
): Promise<AppointmentRow[]> {
  const { rows } = await tx.raw<{ rows: Columns[] }>(
    `select ${COLUMNS} from appointments a left join clients c on c.id = a.client_id
      where a.house_id = ? and a.kind <> 'session' and a.status in ('booked', 'arrived')
        and ((?::text is not null and a.staff = ? and a.during && ${RANGE}) or (?::text is not null and (a.room = ? or ? = any (a.more_rooms)) and a.room_during && ${RANGE}))
      order by a.starts, a.id`,
    [houseId, a.staff ?? null, a.staff ?? null, a.startMin, a.endMin, a.room ?? null, a.room ?? null, a.room ?? null, a.startMin, a.endMin],
  );
  return rows.map(asRow);
}

/** Bookings of visits between two instants in the order in which they were made. */
export async function madeBetween(tx: Tx, houseId: string, fromMin: number, toMin: number): Promise<AppointmentRow[]> {
  const { rows } = await tx.raw<{ rows: Columns[] }>(
    `select ${COLUMNS} from appointments a left join clients c on c.id = a.client_id
      where a.house_id = ? and a.kind = 'visit' and a.status in ('booked', 'arrived', 'done', 'missed') and a.starts >= to_timestamp(?::double precision * 60) and a.starts < to_timestamp(?::double precision * 60)
      order by a.made_at, a.id`,
    [houseId, fromMin, toMin],
  );
  return rows.map(asRow);
}

/** Appointments still to come, soonest first. */
export async function comingOnes(tx: Tx, houseId: string, nowMin: number): Promise<AppointmentRow[]> {
  const { rows } = await tx.raw<{ rows: Columns[] }>(
    `select ${COLUMNS} from appointments a left join clients c on c.id = a.client_id
      where a.house_id = ? and a.kind <> 'session' and a.status = 'booked' and a.starts >= to_timestamp(?::double precision * 60) order by a.starts, a.id`,
    [houseId, nowMin],
  );
  return rows.map(asRow);
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
    `select ${COLUMNS} from appointments a left join clients c on c.id = a.client_id where a.house_id = ? and a.kind <> 'session' and a.status in ('booked', 'arrived', 'done', 'missed', 'cancelled') order by a.starts, coalesce(a.ext_id, a.id::text)`,
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
