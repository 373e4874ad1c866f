import { Router } from "express";
import { z } from "zod";
import { OFFER_WEIGHTS } from "@gentian/core/house/schema";
import { findOffers } from "@gentian/core/schedule/offers";
import { openings } from "@gentian/core/schedule/openings";
import { FAULT_WORDS, shutOn, walkIns } from "@gentian/core/schedule/places";
import { series } from "@gentian/core/schedule/series";
import { gapsBySetting } from "@gentian/core/schedule/tidiness";
import { findVisits } from "@gentian/core/schedule/visits";
import { dayOfIso, isoOfDay } from "@gentian/core/time/days";
import { clockText, minuteOfClock } from "@gentian/core/time/zone";
import type { App } from "../../parts.ts";
import { absencesBetween } from "../../data/absences.ts";
import { appointmentById, lastSeen, madeBetween } from "../../data/appointments.ts";
import { UUID } from "../../talk.ts";
import { bodyOf, handler } from "../kit.ts";
import { bodyQuery, date, local, placeOf, standing, time } from "./place.ts";

const openingsQuery = z.object({
  service: z.string().max(64),
  length: z.coerce.number().int(),
  date,
  staff: z.string().max(64).optional(),
  /** The appointment that is being moved. */
  own: z.string().max(64).optional(),
  client: z.string().max(64).optional(),
});

const partBody = z.object({ service: z.string().max(64), length: z.number().int(), staff: z.string().max(64).optional() });
const visitsBody = z.object({ date, time: time.optional(), parts: z.array(partBody).min(2).max(4), how: z.enum(["one-after-another", "same-time"]) });
const seriesBody = partBody.extend({ date, time, times: z.number().int().min(2).max(52), everyWeeks: z.number().int().min(1).max(8) });

/** How far back the gaps and what is booked most often are counted. */
const PAST_DAYS = 28;
const WALK_INS = 8;

/** What is open: for booking by hand, for dragging, for who walks in, for whole visits and series. */
export function findingRoutes(app: App): Router {
  const r = Router();

  r.get(
    "/openings",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const q = bodyQuery(openingsQuery, req);
      const day = dayOfIso(q.date);
      const own = q.own && UUID.test(q.own) ? await appointmentById(app.db, p.row.id, q.own) : null;
      const client = own?.clientId ?? (q.client && UUID.test(q.client) ? q.client : null);
      const last = client ? await lastSeen(app.db, client, p.nowMin) : null;
      const base = { service: q.service, lengthMin: q.length, noNotice: true };
      const list = [
        ...openings(p.house, p.calendar, p.nowMin, {
          ...base,
          fromDay: day,
          toDay: day,
          ...(q.staff ? { staff: [q.staff] } : {}),
          ...(own ? { own: own.id } : {}),
        }),
      ];
      const best = findOffers(p.house, p.calendar, p.nowMin, {
        ...base,
        wish: { days: { ranges: [{ from: day, to: day }] }, ...(q.staff ? { staff: [q.staff] } : {}) },
        ...(own ? { own: { id: own.id, staff: own.staff, startMin: own.startMin } } : {}),
        ...(last ? { lastStaff: last } : {}),
      });
      res.json({
        openings: list.map((o) => ({
          staff: o.staff,
          room: o.room,
          time: clockText(p.house.zone.toLocal(o.startMin).minute),
          ...(o.left === undefined ? {} : { left: o.left }),
        })),
        offers: best.offers.map((o) => ({ staff: o.staff, ...local(p.house, o.startMin) })),
      });
    }),
  );

  /** Where an appointment could stand on a day, by person: the minutes that are open, and why the others are not. */
  r.get(
    "/appointments/:id/places",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const q = bodyQuery(z.object({ date }), req);
      const a = await standing(app, p, req.params["id"]);
      const day = dayOfIso(q.date);
      const grid = p.house.handbook.rules.gridMin;
      const without = p.calendar.without([a.id]);
      const open = p.house.openOn(day);
      const from = Math.min(480, ...open.map((w) => w.fromMin));
      const to = Math.max(1200, ...open.map((w) => w.toMin));
      const visit = { service: a.service, lengthMin: a.lengthMin, places: a.places };
      const people = p.house.handbook.staff
        .filter((s) => s.bookable)
        .map((s) => ({
          staff: s.id,
          shut: shutOn(p.house, without, p.nowMin, day, { ...visit, staff: s.id }, from, to).map(({ code, ...run }) => ({ ...run, why: FAULT_WORDS[code] })),
        }));
      res.json({ grid, people });
    }),
  );

  r.post(
    "/visits",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const b = bodyOf(visitsBody, req);
      const day = dayOfIso(b.date);
      const parts = b.parts.map((x) => ({ service: x.service, lengthMin: x.length, ...(x.staff ? { staff: [x.staff] } : {}) }));
      const found = findVisits(p.house, p.calendar, p.nowMin, {
        parts,
        how: b.how,
        noNotice: true,
        wish: { days: { ranges: [{ from: day, to: day + 6 }] }, ...(b.time ? { time: { nearMin: minuteOfClock(b.time) } } : {}) },
      });
      res.json({
        visits: found.map((v) => ({
          ...local(p.house, v.startMin),
          until: local(p.house, v.endMin).time,
          parts: v.parts.map((o) => ({ service: o.service, length: o.lengthMin, staff: o.staff, room: o.room, ...local(p.house, o.startMin) })),
        })),
      });
    }),
  );

  r.post(
    "/series",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const b = bodyOf(seriesBody, req);
      const found = series(p.house, p.calendar, p.nowMin, {
        service: b.service,
        lengthMin: b.length,
        firstDay: dayOfIso(b.date),
        minute: minuteOfClock(b.time),
        times: b.times,
        everyWeeks: b.everyWeeks,
        noNotice: true,
        ...(b.staff ? { staff: [b.staff] } : {}),
      });
      res.json({
        staff: found.staff,
        weeks: found.weeks.map((w) => ({
          date: isoOfDay(w.day),
          ...(w.opening ? { opening: { staff: w.opening.staff, ...local(p.house, w.opening.startMin) } } : {}),
          instead: w.instead.map((o) => ({ staff: o.staff, ...local(p.house, o.startMin) })),
        })),
      });
    }),
  );

  /** Who could take somebody who stands at the counter now, with what: what is booked most often first. */
  r.get(
    "/walk-ins",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const { house } = p;
      const startMin = Math.floor(p.nowMin / 5) * 5;
      const { day, minute } = house.zone.toLocal(startMin);
      const recent = await madeBetween(app.db, p.row.id, p.nowMin - PAST_DAYS * 1440, p.nowMin + 7 * 1440);
      const often = new Map<string, number>();
      for (const a of recent) often.set(`${a.service} ${a.lengthMin}`, (often.get(`${a.service} ${a.lengthMin}`) ?? 0) + 1);
      const list = walkIns(house, p.calendar, startMin).map((o) => ({
        service: o.service,
        serviceName: house.services.get(o.service)?.name ?? o.service,
        length: o.lengthMin,
        priceMinor: house.needs(o.service, o.lengthMin)?.priceMinor ?? null,
        staff: o.staff,
        room: o.room,
        date: isoOfDay(day),
        time: clockText(minute),
        often: often.get(`${o.service} ${o.lengthMin}`) ?? 0,
      }));
      res.json({ walkIns: list.sort((a, b) => b.often - a.often || a.length - b.length).slice(0, WALK_INS) });
    }),
  );

  /** How many minutes of unusable gaps each way of offering would have left over the last weeks. */
  r.get(
    "/tidiness",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const today = p.house.zone.toLocal(p.nowMin).day;
      const from = p.house.zone.toEpochMin(today - PAST_DAYS, 0);
      const to = p.house.zone.toEpochMin(today, 0);
      const past = await madeBetween(app.db, p.row.id, from, to);
      const absences = await absencesBetween(app.db, p.row.id, from, to);
      const rows = absences.map((a) => ({ id: a.id, staff: a.staff, room: a.room, startMin: a.startMin, endMin: a.endMin }));
      res.json({
        days: PAST_DAYS,
        bookings: past.length,
        now: p.house.handbook.rules.offers ?? OFFER_WEIGHTS[0],
        settings: gapsBySetting(p.house, past, rows),
      });
    }),
  );

  return r;
}
