import { Router } from "express";
import { z } from "zod";
import type { OfferView } from "@gentian/core/conversation/state";
import type { House } from "@gentian/core/house/compile";
import { isoOfDay } from "@gentian/core/time/days";
import { epochMinOf } from "@gentian/core/time/zone";
import { parsePhoneNumberFromString, type CountryCode } from "libphonenumber-js/min";
import type { App } from "../../app.ts";
import { bookByHand, cancel, moveByHand } from "../../books.ts";
import { historyOf } from "../../data/appointments.ts";
import { auditOf } from "../../data/audit.ts";
import { clientById, insertClient } from "../../data/clients.ts";
import { Refusal } from "../../refusal.ts";
import { bodyOf, handler } from "../kit.ts";
import { card, command, date, local, placeOf, ref, slip, standing, time } from "./place.ts";

const at = z.object({ service: z.string().max(64), length: z.number().int().min(5).max(720), staff: z.string().max(64), date, time });

const bookBody = at.extend({
  ref,
  places: z.number().int().min(1).max(50).default(1),
  client: z.string().uuid().optional(),
  newClient: z
    .object({
      name: z.string().trim().min(1, "write a name").max(120),
      phone: z.string().trim().max(40).optional(),
      email: z.string().trim().max(254).optional(),
    })
    .optional(),
});
const moveBody = z.object({ ref, staff: z.string().max(64), date, time });
const cancelBody = z.object({ ref });

function phoneOf(house: House, text: string): string {
  const parsed = parsePhoneNumberFromString(text, house.handbook.country as CountryCode);
  if (!parsed?.isPossible())
    throw new Refusal(400, "That is no telephone number", "Write it with its area code, or leave it empty.", [
      { path: "newClient/phone", message: "no telephone number" },
    ]);
  return parsed.number;
}

/** What was asked for by hand, as an opening to be checked against the calendar. */
function offerOf(house: House, b: z.infer<typeof at>): OfferView {
  const service = house.services.get(b.service);
  if (!service) throw new Refusal(400, "There is no such service", undefined, [{ path: "service", message: "no such service" }]);
  if (!service.variants.some((v) => v.lengthMin === b.length))
    throw new Refusal(400, `${service.name} does not come in that length`, undefined, [{ path: "length", message: "not one of its lengths" }]);
  if (!service.staff.includes(b.staff))
    throw new Refusal(400, "That person does not do it", "Choose someone who does.", [{ path: "staff", message: "does not do this service" }]);
  const startMin = epochMinOf(house.zone, `${b.date}T${b.time}`);
  return {
    service: b.service,
    lengthMin: b.length,
    staff: b.staff,
    room: "",
    startMin,
    endMin: startMin + b.length,
    busyUntilMin: startMin + b.length + service.cleanUpMin,
  };
}

/** Appointments by hand: look, book, move, cancel. */
export function appointmentsRoutes(app: App): Router {
  const r = Router();

  r.get(
    "/appointments/:id",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const a = await standing(app, p, req.params["id"]);
      const client = a.clientId ? await clientById(app.db, p.row.id, a.clientId) : null;
      const history = a.clientId ? (await historyOf(app.db, a.clientId)).filter((x) => x.id !== a.id) : [];
      res.json({
        appointment: { ...slip(p.house, a), date: isoOfDay(p.house.zone.toLocal(a.startMin).day), answers: a.answers, conversation: a.conversationId },
        client: client && card(client),
        history: history.map((x) => ({ ...slip(p.house, x), date: isoOfDay(p.house.zone.toLocal(x.startMin).day) })),
        audit: (await auditOf(app.db, p.row.id, a.id)).map((x) => ({ ...x, at: local(p.house, x.atMin) })),
        questions: Object.fromEntries(p.house.handbook.questions.map((q) => [q.key, q.ask])),
      });
    }),
  );

  r.post(
    "/appointments",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const b = bodyOf(bookBody, req);
      const offer = offerOf(p.house, b);
      const phone = b.newClient?.phone ? phoneOf(p.house, b.newClient.phone) : undefined;
      if (b.newClient?.email && !/^[^\s@]+@[^\s@]+\.[^\s@]+$/.test(b.newClient.email))
        throw new Refusal(400, "That is no email address", "Write it as name@place.example, or leave it empty.", [
          { path: "newClient/email", message: "no email address" },
        ]);
      const answer = await command(app, p, b.ref, async (desk) => {
        let client = b.client;
        if (client && !(await clientById(desk.tx, p.row.id, client))) throw new Refusal(404, "There is no such client");
        if (!client) {
          if (!b.newClient)
            throw new Refusal(400, "Who is it for?", "Choose a client or write a name.", [{ path: "client", message: "choose a client or write a name" }]);
          client = await insertClient(
            desk.tx,
            p.row.id,
            { name: b.newClient.name, ...(phone ? { phone } : {}), ...(b.newClient.email ? { email: b.newClient.email } : {}) },
            p.nowMin,
          );
        }
        const id = await bookByHand(desk, offer, b.places, client);
        if (!id) throw new Refusal(409, "That time is not open", "Somebody else may have taken it just now. Choose another; what you wrote is kept.");
        return { id };
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
      const offer = offerOf(p.house, { service: a.service, length: a.lengthMin, staff: b.staff, date: b.date, time: b.time });
      res.json(
        await command(app, p, b.ref, async (desk) => {
          const done = await moveByHand(desk, a.id, offer);
          if (done.kind === "lost")
            throw new Refusal(409, "It does not fit there", "The time is taken, or outside the person's hours. The appointment stays where it was.");
          if (done.kind !== "moved") throw new Refusal(409, "The appointment has been changed in the meantime", "It was left alone. Look at it again.");
          return { id: a.id };
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
          const done = await cancel(desk, a.id, 0);
          if (done.kind !== "cancelled") throw new Refusal(409, "The appointment has been changed in the meantime", "It was left alone. Look at it again.");
          return { id: a.id };
        }),
      );
    }),
  );

  return r;
}
