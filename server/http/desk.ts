import { Router, type Request } from "express";
import { z } from "zod";
import { findOffers } from "@gentian/core/schedule/offers";
import { classStretches } from "@gentian/core/schedule/calendar";
import { openings } from "@gentian/core/schedule/openings";
import type { OfferView } from "@gentian/core/conversation/state";
import { weightiest } from "@gentian/core/conversation/public";
import type { Outcome } from "@gentian/core/conversation/state";
import type { House } from "@gentian/core/house/compile";
import { dayFrom, dayOfIso, isoOfDay } from "@gentian/core/time/days";
import { clockText, epochMinOf, minuteOfClock } from "@gentian/core/time/zone";
import { parsePhoneNumberFromString, type CountryCode } from "libphonenumber-js/min";
import type { App } from "../app.ts";
import { bookByHand, cancel, lockDesk, moveByHand, type Desk } from "../books.ts";
import { absencesBetween, dropAbsence, insertAbsence, underBlock } from "../data/absences.ts";
import type { AccountRow } from "../data/accounts.ts";
import { appointmentById, appointmentsBetween, historyOf, type AppointmentRow } from "../data/appointments.ts";
import { auditOf, writeAudit } from "../data/audit.ts";
import { clientById, findClients, insertClient, type ClientRow } from "../data/clients.ts";
import { answerOf, keepAnswer } from "../data/commands.ts";
import { conversationById, countSince, logBetween, talkingNow, turnsOf, type LogRow } from "../data/conversations.ts";
import type { Tx } from "../data/db.ts";
import { feedKeys } from "../data/feeds.ts";
import { houseById, houseNow, houseNowMs, type HouseRow } from "../data/houses.ts";
import { notify } from "../data/notify.ts";
import { finishSlip, reopenSlip, waitingSlips } from "../data/slips.ts";
import { Refusal } from "../refusal.ts";
import { UUID } from "../talk.ts";
import { bodyOf, handler, openStream } from "./kit.ts";
import { accountOf } from "./session.ts";

interface Place {
  account: AccountRow;
  row: HouseRow;
  house: House;
  nowMin: number;
}

const date = z
  .string()
  .regex(/^\d{4}-\d{2}-\d{2}$/, "a date as YYYY-MM-DD")
  .refine((s) => dayFrom(Number(s.slice(0, 4)), Number(s.slice(5, 7)), Number(s.slice(8))) !== null, "no such date");
const time = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, "a time as HH:MM");
const ref = z.string().min(8).max(100);
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
const blockBody = z.object({
  ref,
  staff: z.string().max(64).optional(),
  room: z.string().max(64).optional(),
  date,
  from: time,
  to: time,
  reason: z.string().trim().max(200).default(""),
});
const sayBody = z.object({ text: z.string().trim().min(1, "write something").max(2000) });

/** The desk's own interface: for signed-in people only. */
export function deskRoutes(app: App): Router {
  const r = Router();

  const placeOf = async (req: Request): Promise<Place> => {
    const account = await accountOf(app, req);
    const row = await houseById(app.db, account.houseId);
    if (!row) throw new Refusal(404, "The house is gone");
    return { account, row, house: await app.houses.version(app.db, row.versionId), nowMin: houseNow(row.clock) };
  };

  /** Does a command once: in one transaction, under its ref. */
  const command = async <T>(p: Place, key: string, act: (desk: Desk, tx: Tx) => Promise<T>): Promise<T> =>
    app.db.transaction(async (tx) => {
      const before = await answerOf(tx, p.row.id, key);
      if (before) return before as T;
      const desk: Desk = {
        tx,
        house: p.house,
        houseId: p.row.id,
        nowMin: p.nowMin,
        calendar: await app.houses.calendar(tx, p.row.id, p.row.calendarRev, p.nowMin),
        actor: p.account.name,
        fresh: (rev) => app.houses.calendar(tx, p.row.id, rev, p.nowMin),
      };
      const answer = await act(desk, tx);
      await keepAnswer(tx, p.row.id, key, answer);
      return answer;
    });

  r.get(
    "/me",
    handler(async (req, res) => {
      const { account, row, house } = await placeOf(req);
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
          services: h.services.map((s) => ({ id: s.id, name: s.name, variants: s.variants, staff: s.staff, pool: s.pool, group: s.group !== undefined })),
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
      const p = await placeOf(req);
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
          staff: c.staff[0],
          room: c.room,
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
        })),
      });
    }),
  );

  r.get(
    "/appointments/:id",
    handler(async (req, res) => {
      const p = await placeOf(req);
      const a = await standing(p, req.params["id"]);
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

  const standing = async (p: Place, id: unknown): Promise<AppointmentRow> => {
    const a = typeof id === "string" && UUID.test(id) ? await appointmentById(app.db, p.row.id, id) : null;
    if (!a) throw new Refusal(404, "There is no such appointment");
    return a;
  };

  r.get(
    "/openings",
    handler(async (req, res) => {
      const p = await placeOf(req);
      const q = bodyQuery(
        z.object({ service: z.string(), length: z.coerce.number().int(), date, staff: z.string().optional(), ignore: z.string().optional() }),
        req,
      );
      const day = dayOfIso(q.date);
      const own = q.ignore && UUID.test(q.ignore) ? await appointmentById(app.db, p.row.id, q.ignore) : null;
      const calendar = await app.houses.calendar(app.db, p.row.id, p.row.calendarRev, p.nowMin);
      const ignore = own
        ? { ignore: { staff: own.staff, room: own.room || null, startMin: own.startMin, busyUntilMin: own.busyUntilMin, place: own.kind === "place" } }
        : {};
      const list = [
        ...openings(p.house, calendar, p.nowMin, {
          service: q.service,
          lengthMin: q.length,
          fromDay: day,
          toDay: day,
          noNotice: true,
          ...(q.staff ? { staff: [q.staff] } : {}),
          ...ignore,
        }),
      ];
      const best = findOffers(p.house, calendar, p.nowMin, {
        service: q.service,
        lengthMin: q.length,
        wish: { days: { ranges: [{ from: day, to: day }] }, ...(q.staff ? { staff: [q.staff] } : {}) },
        ...ignore,
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

  r.post(
    "/appointments",
    handler(async (req, res) => {
      const p = await placeOf(req);
      const b = bodyOf(bookBody, req);
      const offer = offerOf(p.house, b);
      const phone = b.newClient?.phone ? phoneOf(p.house, b.newClient.phone) : undefined;
      if (b.newClient?.email && !/^[^\s@]+@[^\s@]+\.[^\s@]+$/.test(b.newClient.email))
        throw new Refusal(400, "That is no email address", "Write it as name@place.example, or leave it empty.", [
          { path: "newClient/email", message: "no email address" },
        ]);
      const answer = await command(p, b.ref, async (desk) => {
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
      const p = await placeOf(req);
      const b = bodyOf(moveBody, req);
      const a = await standing(p, req.params["id"]);
      const offer = offerOf(p.house, { service: a.service, length: a.lengthMin, staff: b.staff, date: b.date, time: b.time });
      res.json(
        await command(p, b.ref, async (desk) => {
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
      const p = await placeOf(req);
      const b = bodyOf(cancelBody, req);
      const a = await standing(p, req.params["id"]);
      res.json(
        await command(p, b.ref, async (desk) => {
          const done = await cancel(desk, a.id, 0);
          if (done.kind !== "cancelled") throw new Refusal(409, "The appointment has been changed in the meantime", "It was left alone. Look at it again.");
          return { id: a.id };
        }),
      );
    }),
  );

  r.post(
    "/blocks",
    handler(async (req, res) => {
      const p = await placeOf(req);
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
      const answer = await command(p, b.ref, async (desk, tx) => {
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
      const p = await placeOf(req);
      const id = String(req.params["id"]);
      await app.db.transaction(async (tx) => {
        const desk: Desk = {
          tx,
          house: p.house,
          houseId: p.row.id,
          nowMin: p.nowMin,
          calendar: await app.houses.calendar(tx, p.row.id, p.row.calendarRev, p.nowMin),
          actor: p.account.name,
          fresh: (rev) => app.houses.calendar(tx, p.row.id, rev, p.nowMin),
        };
        const rev = await lockDesk(desk);
        if (!UUID.test(id) || !(await dropAbsence(tx, p.row.id, id, rev))) throw new Refusal(404, "There is no such block");
        await writeAudit(tx, p.row.id, p.nowMin, p.account.name, "unblocked", id);
      });
      res.json({ ok: true });
    }),
  );

  r.get(
    "/clients",
    handler(async (req, res) => {
      const p = await placeOf(req);
      const words = (typeof req.query["find"] === "string" ? req.query["find"] : "").trim().slice(0, 80);
      res.json({ clients: words ? (await findClients(app.db, p.row.id, words)).map(card) : [] });
    }),
  );

  r.get(
    "/now",
    handler(async (req, res) => {
      const p = await placeOf(req);
      const today = p.house.zone.toEpochMin(p.house.zone.toLocal(p.nowMin).day, 0);
      const slips = await waitingSlips(app.db, p.row.id);
      const talking = await talkingNow(app.db, p.row.id);
      res.json({
        waiting: slips.map((s) => ({
          ...s,
          agoMin: p.nowMin - s.madeMin,
          at: local(p.house, s.madeMin),
          status: talking.find((t) => t.id === s.conversationId)?.status ?? "closed",
        })),
        talking: talking.map((t) => logEntry(p.house, t, p.nowMin)),
        today: await countSince(app.db, p.row.id, today),
      });
    }),
  );

  r.post(
    "/slips/:id/:what",
    handler(async (req, res) => {
      const p = await placeOf(req);
      const id = String(req.params["id"]);
      const what = String(req.params["what"]);
      const ok =
        UUID.test(id) &&
        (await app.db.transaction(async (tx) => {
          const done =
            what === "done" ? await finishSlip(tx, p.row.id, id, p.account.name, p.nowMin) : what === "undo" ? await reopenSlip(tx, p.row.id, id) : false;
          if (done) await notify(tx, { house: p.row.id, what: "slip" });
          return done;
        }));
      if (!ok) throw new Refusal(404, "That has been dealt with already");
      res.json({ ok: true });
    }),
  );

  r.get(
    "/logbook",
    handler(async (req, res) => {
      const p = await placeOf(req);
      const day = req.query["date"] === undefined ? p.house.zone.toLocal(p.nowMin).day : dayOfIso(bodyDate(req.query["date"]));
      const rows = await logBetween(app.db, p.row.id, p.house.zone.toEpochMin(day, 0), p.house.zone.toEpochMin(day + 1, 0));
      res.json({
        date: isoOfDay(day),
        today: isoOfDay(p.house.zone.toLocal(p.nowMin).day),
        conversations: rows.filter((t) => t.first !== null).map((t) => logEntry(p.house, t, p.nowMin)),
      });
    }),
  );

  r.get(
    "/conversations/:id",
    handler(async (req, res) => {
      const p = await placeOf(req);
      const id = String(req.params["id"]);
      const row = UUID.test(id) ? await conversationById(app.db, id) : null;
      if (!row || row.houseId !== p.row.id) throw new Refusal(404, "There is no such conversation");
      const turns = await turnsOf(app.db, id);
      res.json({
        id,
        line: row.line,
        channel: row.channel,
        status: row.status,
        clientName: row.clientName,
        outcomes: row.outcomes,
        outcome: weightiest(row.outcomes as Outcome[]) ?? null,
        turns: turns.map((t) => ({
          id: t.id,
          who: t.who,
          text: t.text,
          at: local(p.house, t.atMin),
          reply: t.reply,
          reasons: t.reasons,
          direction: t.who === "event" ? direction(p.house, t.text, t.event) : undefined,
        })),
      });
    }),
  );

  for (const what of ["take-over", "hand-back"] as const)
    r.post(
      `/conversations/:id/${what}`,
      handler(async (req, res) => {
        const p = await placeOf(req);
        const id = String(req.params["id"]);
        if (what === "take-over") await app.talk.takeOver(p.row.id, id, p.account);
        else await app.talk.handBack(p.row.id, id, p.account);
        res.json({ ok: true });
      }),
    );

  r.post(
    "/conversations/:id/say",
    handler(async (req, res) => {
      const p = await placeOf(req);
      await app.talk.deskSays(p.row.id, String(req.params["id"]), p.account, bodyOf(sayBody, req).text);
      res.json({ ok: true });
    }),
  );

  r.post(
    "/conversations/:id/typing",
    handler(async (req, res) => {
      await placeOf(req);
      app.typing.tell(String(req.params["id"]), "desk");
      res.json({ ok: true });
    }),
  );

  r.get(
    "/stream",
    handler(async (req, res) => {
      const p = await placeOf(req);
      const stream = openStream(req, res);
      stream.send("hello", { house: p.row.key });
      stream.onClose(
        app.bus.on((m) => {
          if (m.house === p.row.id) stream.send(m.what, { id: m.id });
        }),
      );
    }),
  );
  return r;
}

function bodyQuery<T extends z.ZodType>(schema: T, req: Request): z.infer<T> {
  const result = schema.safeParse(req.query);
  if (result.success) return result.data;
  throw new Refusal(400, "The request is not understood", result.error.issues.map((i) => `${i.path.join("/")}: ${i.message}`).join("; "));
}

function bodyDate(value: unknown): string {
  const result = date.safeParse(value);
  if (!result.success) throw new Refusal(400, "That is no date", "Write it as YYYY-MM-DD.");
  return result.data;
}

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

const local = (house: House, x: number): { date: string; time: string } => {
  const l = house.zone.toLocal(x);
  return { date: isoOfDay(l.day), time: clockText(l.minute) };
};

function slip(house: House, a: AppointmentRow) {
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
    byReceptionist: a.madeBy === "receptionist",
    madeBy: a.madeBy,
  };
}

const card = (c: ClientRow) => ({
  id: c.id,
  name: c.name,
  phone: c.phone,
  email: c.email,
  assessed: c.assessed,
  saysSo: c.saysSo,
  note: c.note,
  answers: c.answers,
});

function logEntry(house: House, t: LogRow, nowMin: number) {
  return {
    id: t.id,
    line: house.handbook.lines.find((l) => l.key === t.line)?.name ?? t.line,
    channel: t.channel,
    status: t.status,
    outcome: weightiest(t.outcomes as Outcome[]) ?? null,
    clientName: t.clientName,
    at: local(house, t.startedMin),
    lastedMin: t.lastMin - t.startedMin,
    agoMin: nowMin - t.lastMin,
    takenBy: t.takenBy,
    first: t.first,
    last: t.last,
    expects: t.expects,
  };
}

/** A stage direction: what was done beside the words, with its time where it has one. */
function direction(house: House, text: string, event: unknown): string {
  const back = (event as { back?: { offer?: { startMin: number }; appointment?: { startMin: number }; untilMin?: number } | null } | null)?.back;
  const start = back?.offer?.startMin ?? back?.appointment?.startMin;
  if (start === undefined) return text;
  const day = house.zone.toLocal(start);
  const until = back?.untilMin === undefined ? "" : `, until ${clockText(house.zone.toLocal(back.untilMin).minute)}`;
  return `${text} ${isoOfDay(day.day)} ${clockText(day.minute)}${until}`;
}
