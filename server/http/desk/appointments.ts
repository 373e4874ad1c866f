import { Router } from "express";
import { z } from "zod";
import type { House } from "@gentian/core/house/compile";
import { dayOfIso, isoOfDay } from "@gentian/core/time/days";
import { clockText, epochMinOf, minuteOfClock } from "@gentian/core/time/zone";
import { parsePhoneNumberFromString, type CountryCode } from "libphonenumber-js/min";
import type { App } from "../../parts.ts";
import { cancel, lockDesk, type Desk } from "../../books.ts";
import { bookByHand, lateFeeOf, markByHand, moveByHand, undoByHand, type Chosen, type Done } from "../../byhand.ts";
import { appointmentById, historyOf, lastSeen, owedBy, setFeeState, type AppointmentRow } from "../../data/appointments.ts";
import { auditOf, writeAudit } from "../../data/audit.ts";
import { cardLike, clientById, insertClient, updateClient } from "../../data/clients.ts";
import { notify } from "../../data/notify.ts";
import { insertSlip, toldOf } from "../../data/slips.ts";
import { Refusal } from "../../refusal.ts";
import { UUID } from "../../talk.ts";
import { bodyOf, handler } from "../kit.ts";
import { unfit } from "./faults.ts";
import { card, command, date, local, placeOf, ref, slip, standing, time, type Place } from "./place.ts";

const at = z.object({
  service: z.string().max(64),
  length: z.number().int().min(5).max(720),
  staff: z.string().max(64),
  date,
  time,
  room: z.string().max(64).optional(),
});
const reason = z.string().trim().min(2, "say why in a word or two").max(200).optional();

/** The sequence of the appointment as the writer saw it. */
const seen = z.number().int().min(0).optional();

const contact = z.object({
  name: z.string().trim().min(1, "write a name").max(120),
  phone: z.string().trim().max(40).optional(),
  email: z.string().trim().max(254).optional(),
});

const bookBody = at.extend({
  ref,
  places: z.number().int().min(1).max(50).default(1),
  client: z.string().uuid().optional(),
  newClient: contact.optional(),
  visitor: z.string().trim().max(120).optional(),
  reason,
  /** Somebody who stands at the counter. */
  arrived: z.boolean().optional(),
  /** Further appointments that are booked with it, all or none: parts of one visit, or weeks of a series. */
  also: z
    .array(at.extend({ visitor: z.string().trim().max(120).optional() }))
    .max(60)
    .default([]),
  as: z.enum(["visit", "series"]).optional(),
});
const moveBody = z.object({
  ref,
  staff: z.string().max(64).optional(),
  date: date.optional(),
  time: time.optional(),
  length: z.number().int().min(5).max(720).optional(),
  room: z.string().max(64).optional(),
  reason,
  seen,
  tell: z.boolean().default(false),
});
const cancelBody = z.object({ ref, seen, fee: z.boolean().default(false), tell: z.boolean().default(false) });
const markBody = z.object({ ref, as: z.enum(["booked", "arrived", "done", "missed"]), waive: z.boolean().default(false) });
const feeBody = z.object({ ref, state: z.enum(["owed", "waived", "paid"]) });
const undoBody = z.object({ ref, id: z.number().int().positive() });
const cardBody = z.object({
  name: z.string().trim().min(1, "write a name").max(120).optional(),
  phone: z.string().trim().max(40).optional(),
  email: z.string().trim().max(254).optional(),
  note: z.string().trim().max(2000).optional(),
  assessed: z.boolean().optional(),
  byPersonOnly: z.boolean().optional(),
});

function phoneOf(house: House, text: string): string {
  const parsed = parsePhoneNumberFromString(text, house.handbook.country as CountryCode);
  if (!parsed?.isPossible())
    throw new Refusal(400, "That is no telephone number", "Write it with its area code, or leave it empty.", [
      { path: "newClient/phone", message: "no telephone number" },
    ]);
  return parsed.number;
}

function emailOf(text: string): string {
  if (!/^[^\s@]+@[^\s@]+\.[^\s@]+$/.test(text))
    throw new Refusal(400, "That is no email address", "Write it as name@place.example, or leave it empty.", [
      { path: "newClient/email", message: "no email address" },
    ]);
  return text;
}

function chosenOf(house: House, b: z.infer<typeof at>, places = 1): Chosen {
  const service = house.services.get(b.service);
  if (!service) throw new Refusal(400, "There is no such service", undefined, [{ path: "service", message: "no such service" }]);
  if (!service.variants.some((v) => v.lengthMin === b.length))
    throw new Refusal(400, `${service.name} does not come in that length`, undefined, [{ path: "length", message: "not one of its lengths" }]);
  if (b.room && !house.rooms.has(b.room)) throw new Refusal(400, "There is no such room", undefined, [{ path: "room", message: "no such room" }]);
  return {
    service: b.service,
    lengthMin: b.length,
    staff: b.staff,
    startMin: epochMinOf(house.zone, `${b.date}T${b.time}`),
    places,
    ...(b.room ? { room: b.room } : {}),
  };
}

/** Turns what was not done into a refusal that says why, and how the appointment stands now where somebody else changed it. */
function done(house: House, d: Done, now: AppointmentRow | null = null): { id: string; undo: number } {
  if (d.done) return { id: d.id, undo: d.undo };
  if ("gone" in d) {
    const stands = now ? ` It is ${now.status} now, ${whenText(house, now.startMin)} with ${house.staff.get(now.staff)?.name ?? now.staff}.` : "";
    throw new Refusal(409, "The appointment has been changed in the meantime", `It was left alone, and what you chose is kept here.${stands}`);
  }
  throw unfit(house, d.faults);
}

/** Leaves a slip that says whom to call about what has changed. Nothing is sent by itself yet. */
async function tellOf(p: Place, desk: Desk, a: AppointmentRow, undo: number, text: string): Promise<void> {
  await insertSlip(
    desk.tx,
    p.row.id,
    {
      kind: "tell",
      to: "desk",
      text,
      appointmentId: a.id,
      auditId: undo,
      ...(a.clientName ? { name: a.clientName } : {}),
      ...(a.clientPhone ? { phone: a.clientPhone } : {}),
    },
    p.nowMin,
  );
  await notify(desk.tx, { house: p.row.id, what: "slip" });
}

const whenText = (house: House, startMin: number): string => {
  const l = house.zone.toLocal(startMin);
  return `${isoOfDay(l.day)} ${clockText(l.minute)}`;
};

/** Appointments by hand: look, book, move, lengthen, cancel, say what came of them, take back. */
export function appointmentsRoutes(app: App): Router {
  const r = Router();

  r.get(
    "/appointments/:id",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const a = await standing(app, p, req.params["id"]);
      const client = a.clientId ? await clientById(app.db, p.row.id, a.clientId) : null;
      const history = a.clientId ? (await historyOf(app.db, a.clientId)).filter((x) => x.id !== a.id) : [];
      const told = (await toldOf(app.db, [a.id])).get(a.id);
      res.json({
        appointment: {
          ...slip(p.house, a),
          date: isoOfDay(p.house.zone.toLocal(a.startMin).day),
          answers: a.answers,
          conversation: a.conversationId,
          lateFeeMinor: a.status === "booked" ? lateFeeOf({ house: p.house, nowMin: p.nowMin }, a) : 0,
          ...(told === undefined ? {} : { told }),
        },
        client: client && { ...card(client), owedMinor: await owedBy(app.db, client.id), lastStaff: await lastSeen(app.db, client.id, p.nowMin) },
        history: history.map((x) => ({ ...slip(p.house, x), date: isoOfDay(p.house.zone.toLocal(x.startMin).day) })),
        audit: (await auditOf(app.db, p.row.id, a.id)).map((x) => ({ actor: x.actor, action: x.action, at: local(p.house, x.atMin) })),
        questions: Object.fromEntries(p.house.handbook.questions.map((q) => [q.key, q.ask])),
      });
    }),
  );

  r.post(
    "/appointments",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const b = bodyOf(bookBody, req);
      const chosen = [b, ...b.also].map((x) => chosenOf(p.house, x, b.places));
      const phone = b.newClient?.phone ? phoneOf(p.house, b.newClient.phone) : undefined;
      const email = b.newClient?.email ? emailOf(b.newClient.email) : undefined;
      const answer = await command(app, p, b.ref, async (desk) => {
        let client = b.client;
        if (client && !(await clientById(desk.tx, p.row.id, client))) throw new Refusal(404, "There is no such client");
        if (!client) {
          if (!b.newClient)
            throw new Refusal(400, "Who is it for?", "Choose a client or write a name.", [{ path: "client", message: "choose a client or write a name" }]);
          const who = { name: b.newClient.name, ...(phone ? { phone } : {}), ...(email ? { email } : {}) };
          // Who is known already keeps one card.
          client = (await cardLike(desk.tx, p.row.id, who)) ?? (await insertClient(desk.tx, p.row.id, who, p.nowMin));
        }
        const together = b.also.length > 0 ? { [b.as ?? "visit"]: b.ref } : {};
        const made = [];
        for (const [i, c] of chosen.entries()) {
          const visitor = i === 0 ? b.visitor : b.also[i - 1]?.visitor;
          made.push(
            done(
              p.house,
              await bookByHand(desk, {
                chosen: c,
                clientId: client,
                ...together,
                ...(visitor ? { visitor } : {}),
                ...(b.reason ? { reason: b.reason } : {}),
                ...(b.arrived ? { arrived: true } : {}),
              }),
            ),
          );
        }
        return { ...made[0], all: made };
      });
      res.status(201).json(answer);
    }),
  );

  r.post(
    "/appointments/:id/move",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const b = bodyOf(moveBody, req);
      const a = await standing(app, p, req.params["id"]);
      const here = p.house.zone.toLocal(a.startMin);
      const startMin =
        b.date || b.time ? p.house.zone.toEpochMin(b.date ? dayOfIso(b.date) : here.day, b.time ? minuteOfClock(b.time) : here.minute) : a.startMin;
      const to = { ...(b.staff ? { staff: b.staff } : {}), startMin, ...(b.length ? { lengthMin: b.length } : {}), ...(b.room ? { room: b.room } : {}) };
      res.json(
        await command(app, p, b.ref, async (desk) => {
          const tried = await moveByHand(desk, a.id, to, b.reason, b.seen);
          const moved = done(p.house, tried, tried.done ? null : await appointmentById(desk.tx, p.row.id, a.id));
          if (b.tell) await tellOf(p, desk, a, moved.undo, `Moved: ${whenText(p.house, a.startMin)} to ${whenText(p.house, startMin)}. Tell them.`);
          return moved;
        }),
      );
    }),
  );

  r.post(
    "/appointments/:id/cancel",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const b = bodyOf(cancelBody, req);
      const a = await standing(app, p, req.params["id"]);
      res.json(
        await command(app, p, b.ref, async (desk) => {
          await lockDesk(desk);
          const now = await appointmentById(desk.tx, p.row.id, a.id);
          if (b.seen !== undefined && now?.sequence !== b.seen) return done(p.house, { done: false, gone: true }, now);
          const gone = await cancel(desk, a.id, b.fee ? lateFeeOf(desk, a) : 0, true);
          if (gone.kind !== "cancelled" || gone.auditId === undefined) return done(p.house, { done: false, gone: true });
          if (b.tell) await tellOf(p, desk, a, gone.auditId, `Cancelled by the house: ${whenText(p.house, a.startMin)}. Tell them.`);
          return { id: a.id, undo: gone.auditId };
        }),
      );
    }),
  );

  r.post(
    "/appointments/:id/mark",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const b = bodyOf(markBody, req);
      const a = await standing(app, p, req.params["id"]);
      res.json(await command(app, p, b.ref, async (desk) => done(p.house, await markByHand(desk, a.id, b.as, b.waive))));
    }),
  );

  r.post(
    "/appointments/:id/fee",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const b = bodyOf(feeBody, req);
      const a = await standing(app, p, req.params["id"]);
      res.json(
        await command(app, p, b.ref, async (desk) => {
          const rev = await lockDesk(desk);
          if (!(await setFeeState(desk.tx, a.id, b.state, rev))) throw new Refusal(409, "There is no fee on this appointment");
          await writeAudit(desk.tx, p.row.id, p.nowMin, p.account.name, `fee ${b.state}`, a.id, { feeMinor: a.feeMinor });
          return { id: a.id };
        }),
      );
    }),
  );

  /** Puts on the list whom to tell: of the last change of this appointment. */
  r.post(
    "/appointments/:id/tell",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const b = bodyOf(z.object({ ref, undo: z.number().int().positive() }), req);
      const a = await standing(app, p, req.params["id"]);
      res.json(
        await command(app, p, b.ref, async (desk) => {
          const now = whenText(p.house, a.startMin);
          await tellOf(
            p,
            desk,
            a,
            b.undo,
            a.status === "cancelled" ? `Cancelled by the house: ${now}. Tell them.` : `Their appointment is now ${now}. Tell them.`,
          );
          return { id: a.id };
        }),
      );
    }),
  );

  const WHY = {
    unknown: ["There is nothing to take back", "It was not done here by hand, or too long ago."],
    told: ["The client has been told", "Move or cancel it instead, and tell them again."],
    changed: ["It has been changed since", "Look at it as it stands now."],
    taken: ["The time has been taken since", "It was left as it is. Choose another time for it."],
  } as const;
  r.post(
    "/undo",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const b = bodyOf(undoBody, req);
      res.json(
        await command(app, p, b.ref, async (desk) => {
          const undone = await undoByHand(desk, b.id);
          if (!undone.done) throw new Refusal(409, WHY[undone.why][0], WHY[undone.why][1]);
          await notify(desk.tx, { house: p.row.id, what: "slip" });
          return { id: undone.id };
        }),
      );
    }),
  );

  r.post(
    "/clients/:id",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const id = String(req.params["id"]);
      const b = bodyOf(cardBody, req);
      if (!UUID.test(id) || !(await clientById(app.db, p.row.id, id))) throw new Refusal(404, "There is no such client");
      await app.db.transaction(async (tx) => {
        await updateClient(tx, p.row.id, id, {
          name: b.name,
          phone: b.phone === undefined ? undefined : b.phone === "" ? null : phoneOf(p.house, b.phone),
          email: b.email === undefined ? undefined : b.email === "" ? null : emailOf(b.email),
          note: b.note,
          assessed: b.assessed,
          byPersonOnly: b.byPersonOnly,
        });
        await writeAudit(tx, p.row.id, p.nowMin, p.account.name, "card changed", id, { fields: Object.keys(b) });
        await notify(tx, { house: p.row.id, what: "calendar" });
      });
      res.json({ ok: true });
    }),
  );

  return r;
}
