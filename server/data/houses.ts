import type { Handbook } from "@gentian/core/house/schema";
import { prepared, type Tx } from "./db.ts";
import { CHANNEL } from "./notify.ts";

export interface HouseRow {
  id: string;
  key: string;
  clock: Clock;
  calendarRev: number;
  versionId: string;
}

/** The house's clock: its time stood at houseMs when the real clock stood at realMs; rate 0 holds it still. */
export interface Clock {
  houseMs: number;
  realMs: number;
  rate: number;
}

/** The house's time now, in epoch minutes. */
export function houseNow(clock: Clock, realMs = Date.now()): number {
  return Math.floor(houseNowMs(clock, realMs) / 60_000);
}

export function houseNowMs(clock: Clock, realMs = Date.now()): number {
  return clock.houseMs + (realMs - clock.realMs) * clock.rate;
}

export const CLOCK_COLUMNS = `extract(epoch from h.clock_house) * 1000 as house_ms, extract(epoch from h.clock_real) * 1000 as real_ms, h.clock_rate as rate`;

export interface ClockColumns {
  house_ms: string | number;
  real_ms: string | number;
  rate: number;
}

export const clockOf = (r: ClockColumns): Clock => ({ houseMs: Number(r.house_ms), realMs: Number(r.real_ms), rate: r.rate });

interface Found extends ClockColumns {
  id: string;
  key: string;
  calendar_rev: number;
  version_id: string;
}

const SELECT = `select h.id, h.key, h.calendar_rev, v.id as version_id, ${CLOCK_COLUMNS} from houses h join house_versions v on v.house_id = h.id and v.state = 'on-duty'`;
const asRow = (r: Found): HouseRow => ({ id: r.id, key: r.key, clock: clockOf(r), calendarRev: r.calendar_rev, versionId: r.version_id });

export async function houseByKey(tx: Tx, key: string): Promise<HouseRow | null> {
  const { rows } = await tx.raw<{ rows: Found[] }>(`${SELECT} where h.key = ?`, [key]);
  return rows[0] ? asRow(rows[0]) : null;
}

export async function houseById(tx: Tx, id: string): Promise<HouseRow | null> {
  const { rows } = await tx.raw<{ rows: Found[] }>(`${SELECT} where h.id = ?`, [id]);
  return rows[0] ? asRow(rows[0]) : null;
}

/** The house that has a line of this public key, by its version on duty. */
export async function houseByLine(tx: Tx, line: string): Promise<HouseRow | null> {
  const { rows } = await tx.raw<{ rows: Found[] }>(`${SELECT} where v.handbook @> ?::jsonb`, [JSON.stringify({ lines: [{ key: line }] })]);
  return rows[0] ? asRow(rows[0]) : null;
}

export async function allHouses(tx: Tx): Promise<HouseRow[]> {
  const { rows } = await tx.raw<{ rows: Found[] }>(`${SELECT} order by h.key`);
  return rows.map(asRow);
}

export async function handbookOf(tx: Tx, versionId: string): Promise<Handbook> {
  const { rows } = await tx.raw<{ rows: { handbook: Handbook }[] }>("select handbook from house_versions where id = ?", [versionId]);
  if (!rows[0]) throw new Error("no such version");
  return rows[0].handbook;
}

/** Makes the house if it is new, and puts a version of its handbook on duty. */
export async function putHandbook(tx: Tx, handbook: Handbook): Promise<string> {
  const { rows } = await tx.raw<{ rows: { id: string }[] }>(
    "insert into houses (key) values (?) on conflict (key) do update set key = excluded.key returning id",
    [handbook.key],
  );
  const id = (rows[0] as { id: string }).id;
  await tx.raw("update house_versions set state = 'past' where house_id = ? and state = 'on-duty'", [id]);
  await tx.raw(
    "insert into house_versions (house_id, no, state, handbook) values (?, (select coalesce(max(no), 0) + 1 from house_versions where house_id = ?), 'on-duty', ?::jsonb)",
    [id, id, JSON.stringify(handbook)],
  );
  return id;
}

export async function setClock(tx: Tx, houseId: string, clock: Clock): Promise<void> {
  await tx.raw(
    "update houses set clock_house = to_timestamp(?::double precision / 1000), clock_real = to_timestamp(?::double precision / 1000), clock_rate = ? where id = ?",
    [clock.houseMs, clock.realMs, clock.rate, houseId],
  );
}

/**
 * Takes the house's calendar lock until the transaction ends and gives the revision that its changes carry. Changes of
 * one house's calendars happen one after another; reading never waits.
 */
export async function lockCalendar(tx: Tx, houseId: string): Promise<number> {
  return (await lockAndTell(tx, houseId, 0)).rev;
}

/** The same, and tells everyone who listens when the transaction commits; says whether any hold has run out by now. */
export async function lockAndTell(tx: Tx, houseId: string, nowMin: number): Promise<{ rev: number; anyExpired: boolean }> {
  const { rows } = await prepared<{ rev: number; expired: boolean }>(
    tx,
    "lock-calendar",
    `update houses set calendar_rev = calendar_rev + 1 where id = $1::uuid returning calendar_rev as rev,
       exists (select 1 from appointments where house_id = $1::uuid and status = 'held' and hold_until <= to_timestamp($2::double precision * 60)) as expired,
       pg_notify($3::text, $4::text)`,
    [houseId, nowMin, CHANNEL, JSON.stringify({ house: houseId, what: "calendar" })],
  );
  if (!rows[0]) throw new Error("no such house");
  return { rev: rows[0].rev, anyExpired: rows[0].expired };
}

export async function clearBook(tx: Tx, houseId: string): Promise<void> {
  for (const table of ["slips", "conversations", "absences", "single_days", "commands", "audit"])
    await tx.raw(`delete from ${table} where house_id = ?`, [houseId]);
  await tx.raw("update appointments set session_id = null, replaces = null where house_id = ?", [houseId]);
  await tx.raw("delete from appointments where house_id = ?", [houseId]);
  await tx.raw("delete from clients where house_id = ?", [houseId]);
}
