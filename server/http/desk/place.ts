import type { Request } from "express";
import { z } from "zod";
import type { House } from "@gentian/core/house/compile";
import type { CalendarBook } from "@gentian/core/schedule/calendar";
import { dayFrom, isoOfDay } from "@gentian/core/time/days";
import { clockText } from "@gentian/core/time/zone";
import type { App } from "../../parts.ts";
import type { Desk } from "../../books.ts";
import { once } from "../../once.ts";
import type { AccountRow } from "../../data/accounts.ts";
import { appointmentById, type AppointmentRow } from "../../data/appointments.ts";
import type { ClientRow } from "../../data/clients.ts";
import type { Tx } from "../../data/db.ts";
import { houseById, houseNow, type HouseRow } from "../../data/houses.ts";
import { Refusal } from "../../refusal.ts";
import { UUID } from "../../talk.ts";
import { accountOf } from "../session.ts";

export interface Place {
  account: AccountRow;
  row: HouseRow;
  house: House;
  calendar: CalendarBook;
  nowMin: number;
}

export const date = z
  .string()
  .regex(/^\d{4}-\d{2}-\d{2}$/, "a date as YYYY-MM-DD")
  .refine((s) => dayFrom(Number(s.slice(0, 4)), Number(s.slice(5, 7)), Number(s.slice(8))) !== null, "no such date");
export const time = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, "a time as HH:MM");
/** A time of day of which 24:00 is the end. */
export const clockTime = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$|^24:00$/, "a time as HH:MM");
export const ref = z.string().min(8).max(100);

/** The signed-in person's house, and its moment. */
export async function placeOf(app: App, req: Request): Promise<Place> {
  const account = await accountOf(app, req);
  const row = await houseById(app.db, account.houseId);
  if (!row) throw new Refusal(404, "The house is gone");
  const nowMin = houseNow(row.clock);
  const { house, calendar } = await app.houses.today(app.db, { versionId: row.versionId, houseId: row.id, rev: row.calendarRev, nowMin });
  return { account, row, house, calendar, nowMin };
}

/** What a command is done with, inside a transaction. */
export function deskOf(app: App, p: Place, tx: Tx): Desk {
  return {
    tx,
    house: p.house,
    houseId: p.row.id,
    nowMin: p.nowMin,
    calendar: p.calendar,
    actor: p.account.name,
    fresh: (rev) => app.houses.today(tx, { versionId: p.row.versionId, houseId: p.row.id, rev, nowMin: p.nowMin }),
  };
}

/** Does a command once: in one transaction, under its ref. */
export async function command<T>(app: App, p: Place, key: string, act: (desk: Desk, tx: Tx) => Promise<T>): Promise<T> {
  const at = { db: app.db, houses: app.houses, houseId: p.row.id };
  return once(at, key, (tx) => deskOf(app, p, tx), act);
}

/** An appointment of the house; 404 where there is none. */
export async function standing(app: App, p: Place, id: unknown): Promise<AppointmentRow> {
  const a = typeof id === "string" && UUID.test(id) ? await appointmentById(app.db, p.row.id, id) : null;
  if (!a) throw new Refusal(404, "There is no such appointment");
  return a;
}

export function bodyQuery<T extends z.ZodType>(schema: T, req: Request): z.infer<T> {
  const result = schema.safeParse(req.query);
  if (result.success) return result.data;
  throw new Refusal(400, "The request is not understood", result.error.issues.map((i) => `${i.path.join("/")}: ${i.message}`).join("; "));
}

export function bodyDate(value: unknown): string {
  const result = date.safeParse(value);
  if (!result.success) throw new Refusal(400, "That is no date", "Write it as YYYY-MM-DD.");
  return result.data;
}

export const local = (house: House, x: number): { date: string; time: string } => {
  const l = house.zone.toLocal(x);
  return { date: isoOfDay(l.day), time: clockText(l.minute) };
};

/** An appointment as it stands on a ribbon. */
export function slip(house: House, a: AppointmentRow) {
  const s = house.services.get(a.service);
  return {
    id: a.id,
    kind: a.kind,
    status: a.status,
    service: a.service,
    serviceName: s?.name ?? a.service,
    lengthMin: a.lengthMin,
    staff: a.staff,
    room: a.room,
    from: house.zone.toLocal(a.startMin).minute,
    to: house.zone.toLocal(a.startMin).minute + a.lengthMin,
    busyTo: house.zone.toLocal(a.startMin).minute + a.lengthMin + (a.busyUntilMin - a.endMin),
    time: clockText(house.zone.toLocal(a.startMin).minute),
    client: a.visitor ?? a.clientName ?? "",
    clientId: a.clientId,
    places: a.places,
    priceMinor: a.priceMinor,
    feeMinor: a.feeMinor,
    feeState: a.feeState,
    more: a.more ?? [],
    visit: a.visit,
    series: a.series,
    overruled: a.overruled,
    sequence: a.sequence,
    byReceptionist: a.madeBy === "receptionist",
    madeBy: a.madeBy,
  };
}

export const card = (c: ClientRow) => ({
  id: c.id,
  name: c.name,
  phone: c.phone,
  email: c.email,
  assessed: c.assessed,
  saysSo: c.saysSo,
  note: c.note,
  byPersonOnly: c.byPersonOnly,
  answers: c.answers,
});
