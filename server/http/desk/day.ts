import { Router } from "express";
import { classStretches } from "@gentian/core/schedule/calendar";
import { dayOfIso, isoOfDay } from "@gentian/core/time/days";
import type { App } from "../../parts.ts";
import { absencesBetween } from "../../data/absences.ts";
import { appointmentsBetween } from "../../data/appointments.ts";
import { findClients } from "../../data/clients.ts";
import { feedKeys } from "../../data/feeds.ts";
import { houseNowMs } from "../../data/houses.ts";
import { handler } from "../kit.ts";
import { bodyDate, card, placeOf, slip } from "./place.ts";

/** The day sheet and what stands around it: the house, a day, its openings, its clients. */
export function dayRoutes(app: App): Router {
  const r = Router();

  r.get(
    "/me",
    handler(async (req, res) => {
      const { account, row, house } = await placeOf(app, req);
      const h = house.handbook;
      res.json({
        account: { name: account.name, email: account.email, role: account.role },
        house: {
          key: h.key,
          name: h.name,
          shortName: h.shortName,
          zone: h.zone,
          currency: h.currency,
          locale: h.locale,
          rules: h.rules,
          rooms: h.rooms,
          staff: h.staff.map((s) => ({ id: s.id, name: s.name, called: s.called[0] ?? s.name, work: s.work, bookable: s.bookable })),
          services: h.services.map((s) => ({
            id: s.id,
            name: s.name,
            variants: s.variants,
            staff: s.staff,
            pool: s.pool,
            group: s.group !== undefined,
            cleanUpMin: s.cleanUpMin,
          })),
          lines: h.lines.map((l) => ({ key: l.key, name: l.name, channel: l.channel, state: l.state })),
        },
        clock: { nowMs: houseNowMs(row.clock), rate: row.clock.rate },
        feeds: (await feedKeys(app.db, row.id)).map((f) => ({ staff: f.staff, path: `/api/v1/calendars/${f.key}.ics` })),
      });
    }),
  );

  r.get(
    "/day",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const { house } = p;
      const day = req.query["date"] === undefined ? house.zone.toLocal(p.nowMin).day : dayOfIso(bodyDate(req.query["date"]));
      const fromMin = house.zone.toEpochMin(day, 0);
      const toMin = house.zone.toEpochMin(day + 1, 0);
      const list = await appointmentsBetween(app.db, p.row.id, fromMin, toMin);
      const blocks = await absencesBetween(app.db, p.row.id, fromMin, toMin);
      const minute = (x: number): number => house.zone.toLocal(Math.min(Math.max(x, fromMin), toMin - 1)).minute;
      const open = house.openOn(day);
      res.json({
        date: isoOfDay(day),
        today: isoOfDay(house.zone.toLocal(p.nowMin).day),
        open,
        closed: house.closedOn(day)?.name ?? null,
        staff: house.handbook.staff.filter((s) => s.bookable).map((s) => ({ id: s.id, works: house.worksOn(s.id, day), breaks: house.breaksOn(s.id, day) })),
        classes: classStretches(house, day).map((c) => ({
          service: c.service,
          staff: c.staff,
          name: house.services.get(c.service)?.name ?? c.service,
          room: c.rooms[0] ?? "",
          from: minute(c.startMin),
          to: minute(c.endMin),
          places: house.services.get(c.service)?.group?.places ?? 0,
        })),
        appointments: list.filter((a) => a.status !== "held").map((a) => slip(house, a)),
        held: list.filter((a) => a.status === "held").map((a) => ({ id: a.id, staff: a.staff, room: a.room, from: minute(a.startMin), to: minute(a.endMin) })),
        blocks: blocks.map((b) => ({
          id: b.id,
          staff: b.staff,
          room: b.room,
          from: minute(b.startMin),
          to: b.endMin >= toMin ? 1440 : minute(b.endMin),
          reason: b.reason,
          kind: b.kind,
          /** Whether it goes over more than this day. */
          longer: b.startMin < fromMin || b.endMin > toMin,
        })),
        single: house.days.filter((d) => d.date === isoOfDay(day)).map((d) => ({ id: d.id, staff: d.staff ?? null, hours: d.hours, reason: d.reason })),
      });
    }),
  );

  r.get(
    "/clients",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const words = (typeof req.query["find"] === "string" ? req.query["find"] : "").trim().slice(0, 80);
      res.json({ clients: words ? (await findClients(app.db, p.row.id, words)).map(card) : [] });
    }),
  );

  return r;
}
