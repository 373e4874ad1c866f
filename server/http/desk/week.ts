import Holidays from "date-holidays";
import { Router } from "express";
import { z } from "zod";
import { touchedBy } from "@gentian/core/schedule/touched";
import { csvLine } from "@gentian/core/bring/tables";
import { readyOf } from "@gentian/core/house/draft";
import { closedDay, withDays, type House } from "@gentian/core/house/compile";
import { CalendarBook } from "@gentian/core/schedule/calendar";
import { DayPlan } from "@gentian/core/schedule/dayplan";
import { rowOf } from "@gentian/core/schedule/openings";
import { dayOfIso, isoOfDay, mondayOf, partsOf } from "@gentian/core/time/days";
import { clockText } from "@gentian/core/time/zone";
import type { App } from "../../parts.ts";
import { absencesBetween } from "../../data/absences.ts";
import { appointmentsBetween, comingOnes } from "../../data/appointments.ts";
import { draftFor } from "../../drafts.ts";
import { handler } from "../kit.ts";
import { bodyQuery, date, placeOf, slip, type Place } from "./place.ts";

/** A week of person by day, a day's sheet as a file, the country's holidays, and what the draft would touch. */
export function weekRoutes(app: App): Router {
  const r = Router();

  /** The calendar between two days as it is in the tables, for days that have passed as well. */
  const bookOf = async (p: Place, from: number, to: number): Promise<CalendarBook> => {
    const a = p.house.zone.toEpochMin(from, 0);
    const b = p.house.zone.toEpochMin(to + 1, 0);
    const rows = (await appointmentsBetween(app.db, p.row.id, a, b)).map((x) => rowOf(p.house, x.id, x, x.places));
    const away = (await absencesBetween(app.db, p.row.id, a, b)).map((x) => ({
      id: x.id,
      staff: x.staff,
      room: x.room,
      startMin: x.startMin,
      endMin: x.endMin,
    }));
    return new CalendarBook([...rows, ...away]);
  };

  r.get(
    "/week",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const q = bodyQuery(z.object({ date }), req);
      const { house } = p;
      const first = mondayOf(dayOfIso(q.date));
      const book = await bookOf(p, first, first + 6);
      const counts = await appointmentsBetween(app.db, p.row.id, house.zone.toEpochMin(first, 0), house.zone.toEpochMin(first + 7, 0));
      const days = Array.from({ length: 7 }, (_, i) => {
        const day = first + i;
        const plan = new DayPlan(house, book, day);
        return {
          date: isoOfDay(day),
          closed: house.openOn(day).length === 0 ? (house.closedOn(day)?.name ?? "closed") : null,
          people: house.handbook.staff
            .filter((s) => s.bookable)
            .map((s) => {
              const works = house.worksOn(s.id, day);
              const { worksMin, takenMin } = plan.timeOf(s.id);
              const own = counts.filter((a) => a.staff === s.id && a.status !== "held" && house.zone.toLocal(a.startMin).day === day);
              const classes = new Set(own.filter((a) => a.kind === "place").map((a) => a.startMin)).size;
              return {
                staff: s.id,
                worksMin,
                freeMin: worksMin - takenMin,
                full: worksMin === 0 ? 0 : plan.loadOf(s.id),
                booked: own.filter((a) => a.kind === "visit").length + classes,
                from: works[0] ? clockText(works[0].fromMin) : null,
                to: works[0] ? clockText((works.at(-1) as { toMin: number }).toMin) : null,
              };
            }),
        };
      });
      res.json({ from: isoOfDay(first), days });
    }),
  );

  /** A day's sheet to take along: one line an appointment, by person. */
  r.get(
    "/sheet.csv",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const q = bodyQuery(z.object({ date }), req);
      const { house } = p;
      const day = dayOfIso(q.date);
      const list = await appointmentsBetween(app.db, p.row.id, house.zone.toEpochMin(day, 0), house.zone.toEpochMin(day + 1, 0));
      const order = new Map(house.handbook.staff.map((s, i) => [s.id, i]));
      const lines = [["with", "from", "until", "client", "telephone", "service", "minutes", "room", "state"]];
      for (const a of list
        .filter((x) => x.status !== "held")
        .sort((x, y) => (order.get(x.staff) ?? 99) - (order.get(y.staff) ?? 99) || x.startMin - y.startMin))
        lines.push([
          house.staff.get(a.staff)?.name ?? a.staff,
          clockText(house.zone.toLocal(a.startMin).minute),
          clockText(house.zone.toLocal(a.endMin).minute),
          a.visitor ?? a.clientName ?? "",
          a.clientPhone ?? "",
          house.services.get(a.service)?.name ?? a.service,
          String(a.lengthMin),
          [a.room, ...(a.more ?? [])].map((x) => house.rooms.get(x)?.name ?? x).join(", "),
          a.status,
        ]);
      res.setHeader("content-disposition", `attachment; filename="${house.handbook.key}-${q.date}.csv"`);
      res.type("text/csv; charset=utf-8").send(`${lines.map(csvLine).join("\r\n")}\r\n`);
    }),
  );

  r.get(
    "/holidays",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const today = p.house.zone.toLocal(p.nowMin).day;
      res.json({ holidays: holidaysOf(p.house, today) });
    }),
  );

  /** The coming appointments that fit what is on duty and would not fit the draft. */
  r.get(
    "/draft/touches",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const { draft } = await draftFor(app.db, p.row);
      const after = withDays(readyOf(draft).house, p.house.days);
      const coming = await comingOnes(app.db, p.row.id, p.nowMin);
      const touched = touchedBy(p.house, after, coming);
      res.json({
        coming: coming.length,
        touched: touched.map((t) => ({ ...slip(p.house, t.of), date: isoOfDay(p.house.zone.toLocal(t.of.startMin).day), why: t.why })),
      });
    }),
  );

  return r;
}

interface HolidayView {
  date: string;
  name: string;
  closed: string | null;
  hours: { from: string; to: string }[] | null;
}

/** The public holidays of the house's country and region in the year to come, together with the house's own list, which decides. */
function holidaysOf(house: House, today: number): HolidayView[] {
  const { country, place } = house.handbook;
  const states = (new Holidays().getStates(country, "en") ?? {}) as Record<string, string>;
  const state = Object.entries(states).find(([code, name]) => name.toLowerCase() === place.region?.toLowerCase() || code === place.region)?.[0];
  const own = state ? new Holidays(country, state) : new Holidays(country);
  own.setLanguages("en");
  const { year } = partsOf(today);
  const found = new Map<number, HolidayView>();
  for (const y of [year, year + 1]) {
    for (const h of own.getHolidays(y))
      if (h.type === "public" || h.type === "bank") {
        const day = dayOfIso(h.date.slice(0, 10));
        found.set(day, { date: isoOfDay(day), name: h.name, closed: null, hours: null });
      }
    for (const c of house.handbook.closed) {
      const day = closedDay(c.on, y);
      if (day !== null) found.set(day, { date: isoOfDay(day), name: c.name, closed: c.id, hours: c.hours ?? null });
    }
  }
  return [...found]
    .filter(([day]) => day >= today && day < today + 366)
    .sort((a, b) => a[0] - b[0])
    .map(([, h]) => h);
}
