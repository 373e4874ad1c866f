import { Router } from "express";
import { z } from "zod";
import { dayOfIso } from "@gentian/core/time/days";
import { minuteOfClock } from "@gentian/core/time/zone";
import type { App } from "../../app.ts";
import { lockDesk } from "../../books.ts";
import { dropAbsence, insertAbsence, underBlock } from "../../data/absences.ts";
import { writeAudit } from "../../data/audit.ts";
import { Refusal } from "../../refusal.ts";
import { UUID } from "../../talk.ts";
import { bodyOf, handler } from "../kit.ts";
import { command, date, placeOf, ref, time, deskOf } from "./place.ts";

const blockBody = z.object({
  ref,
  staff: z.string().max(64).optional(),
  room: z.string().max(64).optional(),
  date,
  from: time,
  to: time,
  reason: z.string().trim().max(200).default(""),
});

/** Time that is kept from being booked. */
export function blocksRoutes(app: App): Router {
  const r = Router();

  r.post(
    "/blocks",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const b = bodyOf(blockBody, req);
      if (!b.staff === !b.room)
        throw new Refusal(400, "Whose time is it?", "Choose a person or a room.", [{ path: "staff", message: "choose a person or a room" }]);
      if (b.staff && !p.house.staff.has(b.staff)) throw new Refusal(400, "There is no such person");
      if (b.room && !p.house.rooms.has(b.room)) throw new Refusal(400, "There is no such room");
      const day = dayOfIso(b.date);
      const startMin = p.house.zone.toEpochMin(day, minuteOfClock(b.from));
      const endMin = p.house.zone.toEpochMin(day, minuteOfClock(b.to));
      if (endMin <= startMin)
        throw new Refusal(400, "The end comes before the beginning", "Choose a later end.", [{ path: "to", message: "later than the beginning" }]);
      const who = { ...(b.staff ? { staff: b.staff } : {}), ...(b.room ? { room: b.room } : {}) };
      const answer = await command(app, p, b.ref, async (desk, tx) => {
        const rev = await lockDesk(desk);
        const under = await underBlock(tx, p.row.id, { ...who, startMin, endMin });
        if (under > 0)
          throw new Refusal(
            409,
            under === 1 ? "An appointment lies in that time" : `${under} appointments lie in that time`,
            "Move or cancel first, then block the time. Nothing was changed.",
          );
        const id = await insertAbsence(tx, p.row.id, { ...who, startMin, endMin, reason: b.reason }, rev);
        await writeAudit(tx, p.row.id, p.nowMin, p.account.name, "blocked", id, { ...who, startMin, endMin, reason: b.reason });
        return { id };
      });
      res.status(201).json(answer);
    }),
  );

  r.delete(
    "/blocks/:id",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const id = String(req.params["id"]);
      await app.db.transaction(async (tx) => {
        const desk = await deskOf(app, p, tx);
        const rev = await lockDesk(desk);
        if (!UUID.test(id) || !(await dropAbsence(tx, p.row.id, id, rev))) throw new Refusal(404, "There is no such block");
        await writeAudit(tx, p.row.id, p.nowMin, p.account.name, "unblocked", id);
      });
      res.json({ ok: true });
    }),
  );

  return r;
}
