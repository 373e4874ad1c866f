import { randomBytes } from "node:crypto";
import { compile, type Gap } from "@gentian/core/house/compile";
import { placeBook } from "@gentian/core/house/book";
import { handbookSchema, parseHouseFile, type HouseFile, type Problem } from "@gentian/core/house/schema";
import { isoOfDay } from "@gentian/core/time/days";
import { clockText, epochMinOf, type Zone } from "@gentian/core/time/zone";
import { timesOf } from "./books.ts";
import { allAbsences, insertAbsence } from "./data/absences.ts";
import { allAppointments, insertAppointment } from "./data/appointments.ts";
import { writeAudit } from "./data/audit.ts";
import { allClients, insertClient } from "./data/clients.ts";
import type { Db } from "./data/db.ts";
import { allDays, putDay } from "./data/days.ts";
import { dropDraft } from "./data/drafts.ts";
import { feedKeys, insertFeed } from "./data/feeds.ts";
import { clearBook, handbookOf, houseById, houseByKey, houseNow, lockCalendar, putHandbook } from "./data/houses.ts";
import { notify } from "./data/notify.ts";

/** A house file that cannot be taken: each wrong place with its path. Nothing of it was loaded. */
export class BadHouseFile extends Error {
  constructor(readonly problems: Problem[]) {
    super(problems.map((p) => `${p.path}: ${p.message}`).join("\n"));
  }
}

const gapText = (g: Gap): Problem => ({ path: g.place, message: `${g.code}${g.about ? ` (${g.about})` : ""}` });

/** Brings in a whole house from a document in the open house format, in one transaction: all of it or nothing. */
export async function loadHouse(db: Db, input: unknown): Promise<{ houseId: string; gaps: Gap[] }> {
  const parsed = parseHouseFile(input);
  if ("problems" in parsed) throw new BadHouseFile(parsed.problems);
  const file = parsed.file;
  const { house, gaps } = compile(handbookSchema.parse(withoutBook(file)));
  if (!house) throw new BadHouseFile(gaps.filter((g) => g.stops).map(gapText));
  const { placed, problems } = placeBook(house, file);
  if (problems.length > 0) throw new BadHouseFile(problems);
  return db.transaction(async (tx) => {
    const houseId = await putHandbook(tx, house.handbook);
    await dropDraft(tx, houseId);
    const row = await houseById(tx, houseId);
    const nowMin = row ? houseNow(row.clock) : 0;
    const rev = await lockCalendar(tx, houseId);
    if (file.book) {
      await clearBook(tx, houseId);
      const ids = new Map<string, string>();
      for (const c of file.book.clients)
        ids.set(
          c.id,
          await insertClient(
            tx,
            houseId,
            {
              extId: c.id,
              name: c.name,
              assessed: c.assessed,
              saysSo: c.saysSo,
              note: c.note,
              answers: c.answers,
              ...(c.byPersonOnly ? { byPersonOnly: true } : {}),
              ...(c.phone ? { phone: c.phone } : {}),
              ...(c.email ? { email: c.email } : {}),
            },
            nowMin,
          ),
        );
      for (const a of placed)
        await insertAppointment(tx, {
          houseId,
          offer: a,
          kind: a.group ? "place" : "visit",
          status: a.status,
          places: a.places,
          rev,
          madeBy: "house file",
          madeAtMin: nowMin,
          clientId: ids.get(a.client) as string,
          priceMinor: a.priceMinor,
          feeMinor: a.feeMinor,
          extId: a.extId,
          ...timesOf(house, a),
          ...(a.visitor ? { visitor: a.visitor } : {}),
          ...(a.visit ? { visit: a.visit } : {}),
          ...(a.series ? { series: a.series } : {}),
          ...(a.feeState ? { feeState: a.feeState } : {}),
        });
      for (const a of file.book.absences)
        await insertAbsence(
          tx,
          houseId,
          {
            extId: a.id,
            startMin: epochMinOf(house.zone, a.from),
            endMin: epochMinOf(house.zone, a.to),
            reason: a.reason,
            ...(a.staff ? { staff: a.staff } : {}),
            ...(a.room ? { room: a.room } : {}),
            ...(a.kind ? { kind: a.kind } : {}),
          },
          rev,
        );
      for (const day of file.book.days ?? [])
        await putDay(tx, houseId, { date: day.date, hours: day.hours, reason: day.reason, extId: day.id, ...(day.staff ? { staff: day.staff } : {}) }, rev);
    }
    if ((await feedKeys(tx, houseId)).length === 0)
      for (const staff of [null, ...house.handbook.staff.filter((s) => s.bookable).map((s) => s.id)])
        await insertFeed(tx, houseId, randomBytes(18).toString("base64url"), staff);
    await writeAudit(tx, houseId, nowMin, "house file", "loaded", null, { clients: file.book?.clients.length ?? 0, appointments: placed.length });
    await notify(tx, { house: houseId, what: "calendar" });
    return { houseId, gaps };
  });
}

/** Writes a whole house as a document in the open house format. */
export async function saveHouse(db: Db, key: string): Promise<HouseFile | null> {
  const row = await houseByKey(db, key);
  if (!row) return null;
  const handbook = await handbookOf(db, row.versionId);
  const { house } = compile(handbook);
  if (!house) return null;
  const clients = await allClients(db, row.id);
  const known = new Map(clients.map((c) => [c.id, c.extId ?? c.id]));
  const appointments = await allAppointments(db, row.id);
  const absences = await allAbsences(db, row.id);
  const days = await allDays(db, row.id);
  return {
    ...handbook,
    book: {
      clients: clients.map((c) => ({
        id: c.extId ?? c.id,
        name: c.name,
        assessed: c.assessed,
        saysSo: c.saysSo,
        note: c.note,
        answers: c.answers,
        ...(c.byPersonOnly ? { byPersonOnly: true } : {}),
        ...(c.phone ? { phone: c.phone } : {}),
        ...(c.email ? { email: c.email } : {}),
      })),
      appointments: appointments.map((a) => ({
        id: a.extId ?? a.id,
        client: known.get(a.clientId ?? "") ?? "",
        ...(a.visitor ? { visitor: a.visitor } : {}),
        service: a.service,
        lengthMin: a.lengthMin,
        staff: a.staff,
        ...(a.room ? { room: a.room } : {}),
        start: wall(house.zone, a.startMin),
        ...(a.kind === "place" ? { places: a.places } : {}),
        status: a.status as "booked" | "arrived" | "done" | "missed" | "cancelled",
        ...(a.feeMinor > 0 ? { feeMinor: a.feeMinor } : {}),
        ...(a.feeMinor > 0 && a.feeState && a.feeState !== "owed" ? { feeState: a.feeState } : {}),
        ...(a.visit ? { visit: a.visit } : {}),
        ...(a.series ? { series: a.series } : {}),
      })),
      absences: absences.map((a) => ({
        id: a.extId ?? a.id,
        from: wall(house.zone, a.startMin),
        to: wall(house.zone, a.endMin),
        reason: a.reason,
        ...(a.staff ? { staff: a.staff } : {}),
        ...(a.room ? { room: a.room } : {}),
        ...(a.kind === "time-off" ? { kind: a.kind } : {}),
      })),
      ...(days.length > 0 ? { days: days.map(({ extId, id, ...day }) => ({ id: extId ?? id, ...day })) } : {}),
    },
  };
}

function wall(zone: Zone, at: number): string {
  const l = zone.toLocal(at);
  return `${isoOfDay(l.day)}T${clockText(l.minute)}`;
}

function withoutBook(file: HouseFile): Omit<HouseFile, "book"> {
  const { book: _book, ...handbook } = file;
  return handbook;
}
