import { Router } from "express";
import { z } from "zod";
import type { House } from "@gentian/core/house/compile";
import { withDays } from "@gentian/core/house/compile";
import type { SingleDay } from "@gentian/core/house/schema";
import { findOffers } from "@gentian/core/schedule/offers";
import { touchedBy } from "@gentian/core/schedule/touched";
import { dayOfIso, isoOfDay } from "@gentian/core/time/days";
import { minuteOfClock } from "@gentian/core/time/zone";
import type { App } from "../../parts.ts";
import { lockDesk } from "../../books.ts";
import { absenceById, absencesBetween, dropAbsence, insertAbsence } from "../../data/absences.ts";
import { appointmentsBetween, appointmentsUnder, type AppointmentRow } from "../../data/appointments.ts";
import { writeAudit } from "../../data/audit.ts";
import { allDays, dropDay, putDay } from "../../data/days.ts";
import { toldOf } from "../../data/slips.ts";
import { Refusal } from "../../refusal.ts";
import { UUID } from "../../talk.ts";
import { bodyOf, handler } from "../kit.ts";
import { clockTime, command, date, deskOf, local, placeOf, ref, slip, type Place } from "./place.ts";

const blockBody = z.object({
  ref,
  staff: z.string().max(64).optional(),
  room: z.string().max(64).optional(),
  date,
  from: clockTime,
  to: clockTime,
  /** The last day, where it goes over several. */
  until: date.optional(),
  reason: z.string().trim().max(200).default(""),
  kind: z.enum(["block", "time-off"]).default("block"),
  /** Also where appointments lie in it: they stay, and are listed. */
  anyway: z.boolean().default(false),
});

const dayBody = z.object({
  ref,
  staff: z.string().max(64).optional(),
  date,
  hours: z.array(z.object({ from: clockTime, to: clockTime })).max(6),
  reason: z.string().trim().max(200).default(""),
  /** Only says what it would touch. */
  attempt: z.boolean().default(false),
});

const LONGEST_DAYS = 400;

function whose(house: House, b: { staff?: string | undefined; room?: string | undefined }): { staff?: string; room?: string } {
  if (!b.staff === !b.room)
    throw new Refusal(400, "Whose time is it?", "Choose a person or a room.", [{ path: "staff", message: "choose a person or a room" }]);
  if (b.staff && !house.staff.has(b.staff)) throw new Refusal(400, "There is no such person");
  if (b.room && !house.rooms.has(b.room)) throw new Refusal(400, "There is no such room");
  return { ...(b.staff ? { staff: b.staff } : {}), ...(b.room ? { room: b.room } : {}) };
}

/** Time that is kept from being booked, and single days that differ. Both act at once. */
export function blocksRoutes(app: App): Router {
  const r = Router();

  /** Appointments that lie in somebody's absence, each with what could be offered instead, and whether its client was told. */
  const listOf = async (p: Place, rows: readonly AppointmentRow[]) => {
    const told = await toldOf(
      app.db,
      rows.map((a) => a.id),
    );
    return rows.map((a) => {
      const { day, minute } = p.house.zone.toLocal(a.startMin);
      const offers = findOffers(p.house, p.calendar, p.nowMin, {
        service: a.service,
        lengthMin: a.lengthMin,
        places: a.places,
        own: { id: a.id, staff: a.staff, startMin: a.startMin },
        noNotice: true,
        wish: { days: { ranges: [{ from: day, to: day + 7 }] }, time: { nearMin: minute } },
      }).offers;
      return {
        ...slip(p.house, a),
        date: isoOfDay(day),
        phone: a.clientPhone,
        ...(told.has(a.id) ? { told: told.get(a.id) } : {}),
        offers: [...offers].sort((x, y) => x.startMin - y.startMin).map((o) => ({ staff: o.staff, ...local(p.house, o.startMin) })),
      };
    });
  };

  r.post(
    "/blocks",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const b = bodyOf(blockBody, req);
      const who = whose(p.house, b);
      const day = dayOfIso(b.date);
      const last = b.until ? dayOfIso(b.until) : day;
      const startMin = p.house.zone.toEpochMin(day, minuteOfClock(b.from));
      const endMin = p.house.zone.toEpochMin(last, minuteOfClock(b.to));
      if (endMin <= startMin)
        throw new Refusal(400, "The end comes before the beginning", "Choose a later end.", [
          { path: b.until ? "until" : "to", message: "later than the beginning" },
        ]);
      if (last - day > LONGEST_DAYS)
        throw new Refusal(400, "That is longer than a year", "Take somebody out of the handbook who is gone for so long.", [
          { path: "until", message: "sooner" },
        ]);
      const answer = await command(app, p, b.ref, async (desk, tx) => {
        const rev = await lockDesk(desk);
        const under = await appointmentsUnder(tx, p.row.id, { ...who, startMin, endMin });
        if (under.length > 0 && !b.anyway)
          throw new Refusal(
            409,
            under.length === 1 ? "An appointment lies in that time" : `${under.length} appointments lie in that time`,
            "Block it all the same and go through them one by one, or leave it. Nothing was changed.",
            undefined,
            { under: under.length },
          );
        const id = await insertAbsence(tx, p.row.id, { ...who, startMin, endMin, reason: b.reason, kind: b.kind }, rev);
        await writeAudit(tx, p.row.id, p.nowMin, p.account.name, b.kind === "time-off" ? "took time off" : "blocked", id, {
          ...who,
          startMin,
          endMin,
          reason: b.reason,
        });
        return { id, under: under.length };
      });
      res.status(201).json(answer);
    }),
  );

  r.get(
    "/blocks/:id/touched",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const id = String(req.params["id"]);
      const absence = UUID.test(id) ? await absenceById(app.db, p.row.id, id) : null;
      if (!absence) throw new Refusal(404, "There is no such block");
      const who = { ...(absence.staff ? { staff: absence.staff } : {}), ...(absence.room ? { room: absence.room } : {}) };
      const rows = await appointmentsUnder(app.db, p.row.id, { ...who, startMin: absence.startMin, endMin: absence.endMin });
      const from = local(p.house, absence.startMin);
      const to = local(p.house, absence.endMin);
      res.json({ block: { id, ...who, reason: absence.reason, kind: absence.kind, from, to }, touched: await listOf(p, rows) });
    }),
  );

  r.delete(
    "/blocks/:id",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const id = String(req.params["id"]);
      await app.db.transaction(async (tx) => {
        const rev = await lockDesk(deskOf(app, p, tx));
        if (!UUID.test(id) || !(await dropAbsence(tx, p.row.id, id, rev))) throw new Refusal(404, "There is no such block");
        await writeAudit(tx, p.row.id, p.nowMin, p.account.name, "unblocked", id);
      });
      res.json({ ok: true });
    }),
  );

  /** What differs in the time to come: time off and blocks, and single days. */
  r.get(
    "/differs",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const today = p.house.zone.toLocal(p.nowMin).day;
      const absences = await absencesBetween(app.db, p.row.id, p.house.zone.toEpochMin(today, 0), p.house.zone.toEpochMin(today + LONGEST_DAYS, 0));
      res.json({
        absences: absences.map((a) => ({
          id: a.id,
          staff: a.staff,
          room: a.room,
          reason: a.reason,
          kind: a.kind,
          from: local(p.house, a.startMin),
          to: local(p.house, a.endMin),
        })),
        days: (await allDays(app.db, p.row.id))
          .filter((d) => dayOfIso(d.date) >= today)
          .map((d) => ({ id: d.id, staff: d.staff ?? null, date: d.date, hours: d.hours, reason: d.reason })),
      });
    }),
  );

  r.post(
    "/days",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const b = bodyOf(dayBody, req);
      if (b.staff && !p.house.staff.has(b.staff)) throw new Refusal(400, "There is no such person");
      const hours = [...b.hours].sort((x, y) => (x.from < y.from ? -1 : 1));
      const backwards = hours.find((h) => h.from >= h.to);
      if (backwards)
        throw new Refusal(400, `Hours that end before they begin: ${backwards.from}–${backwards.to}`, "Choose a later end.", [
          { path: "hours", message: "the end comes before the beginning" },
        ]);
      if (hours.some((h, i) => i > 0 && h.from < (hours[i - 1]?.to ?? "")))
        throw new Refusal(400, "Hours that overlap", "Write them one after another.", [{ path: "hours", message: "these hours overlap" }]);
      const day = dayOfIso(b.date);
      const wanted: SingleDay = { id: "wanted", date: b.date, hours, reason: b.reason, ...(b.staff ? { staff: b.staff } : {}) };
      const others = p.house.days.filter((d) => !(d.date === b.date && (d.staff ?? "") === (b.staff ?? "")));
      const list = (await appointmentsBetween(app.db, p.row.id, p.house.zone.toEpochMin(day, 0), p.house.zone.toEpochMin(day + 1, 0))).filter(
        (a) => a.status === "booked" || a.status === "arrived",
      );
      const touched = touchedBy(p.house, withDays(p.house, [...others, wanted]), list).map((t) => ({ ...slip(p.house, t.of), why: t.why }));
      if (b.attempt) {
        res.json({ touched });
        return;
      }
      const answer = await command(app, p, b.ref, async (desk, tx) => {
        const rev = await lockDesk(desk);
        const id = await putDay(tx, p.row.id, { date: b.date, hours, reason: b.reason, ...(b.staff ? { staff: b.staff } : {}) }, rev);
        await writeAudit(tx, p.row.id, p.nowMin, p.account.name, "changed a day", id, { staff: b.staff ?? null, date: b.date, hours, reason: b.reason });
        return { id, touched };
      });
      res.status(201).json(answer);
    }),
  );

  r.delete(
    "/days/:id",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const id = String(req.params["id"]);
      await app.db.transaction(async (tx) => {
        const rev = await lockDesk(deskOf(app, p, tx));
        if (!UUID.test(id) || !(await dropDay(tx, p.row.id, id, rev))) throw new Refusal(404, "There is no such day");
        await writeAudit(tx, p.row.id, p.nowMin, p.account.name, "a day is as usual again", id);
      });
      res.json({ ok: true });
    }),
  );

  return r;
}
