import { Router, type Request } from "express";
import { eventRequest, messageRequest, startRequest, type PublicReply } from "@gentian/core/contract";
import { publicState } from "@gentian/core/conversation/public";
import { icalendar, type FeedEvent } from "@gentian/core/formats/icalendar";
import { rfc3339 } from "@gentian/core/time/zone";
import type { App } from "../parts.ts";
import { allAppointments } from "../data/appointments.ts";
import { turnsOf } from "../data/conversations.ts";
import { feedByKey } from "../data/feeds.ts";
import { houseById, houseByLine, houseNow } from "../data/houses.ts";
import { Refusal } from "../refusal.ts";
import { bodyOf, handler, openStream } from "./kit.ts";
import { openApi } from "./openapi.ts";

/** The public interface for conversations, as `docs/public-api.md` tells it. */
export function publicRoutes(app: App): Router {
  const r = Router();
  // Any page may carry the chat: no cookies are used here, so every origin is welcome.
  r.use((req, res, next) => {
    res.setHeader("access-control-allow-origin", "*");
    res.setHeader("access-control-allow-headers", "authorization, content-type");
    res.setHeader("access-control-allow-methods", "GET, POST, OPTIONS");
    if (req.method === "OPTIONS") {
      res.status(204).end();
      return;
    }
    next();
  });

  r.get("/openapi.json", (_req, res) => {
    res.json(openApi());
  });

  const lineOf = async (key: string) => {
    const row = await houseByLine(app.db, key);
    const at = row && { versionId: row.versionId, houseId: row.id, rev: row.calendarRev, nowMin: houseNow(row.clock) };
    const house = at ? (await app.houses.today(app.db, at)).house : null;
    const line = house?.handbook.lines.find((l) => l.key === key);
    if (!row || !house || !line) throw new Refusal(404, "There is no such line", "Check the line's public key in the house's settings.");
    return { row, house, line };
  };

  r.get(
    "/lines/:line",
    handler(async (req, res) => {
      const { row, house, line } = await lineOf(String(req.params["line"]));
      const { day, minute } = house.zone.toLocal(houseNow(row.clock));
      res.json({
        line: line.key,
        house: house.handbook.name,
        short: house.handbook.shortName,
        languages: house.handbook.languages,
        channel: line.channel,
        ...(house.handbook.place.phone ? { phone: house.handbook.place.phone } : {}),
        open: house.openOn(day).some((w) => w.fromMin <= minute && minute < w.toMin),
        on_duty: line.state === "on-duty",
        questions: house.handbook.questions.map((q) => ({ key: q.key, kind: q.kind })),
      });
    }),
  );

  r.post(
    "/lines/:line/conversations",
    handler(async (req, res) => {
      const body = bodyOf(startRequest, req);
      const { row, line } = await lineOf(String(req.params["line"]));
      if (line.state === "off") throw new Refusal(409, "This line is off", "Call or write to the house instead.");
      const started = await app.talk.start(row, line, { ...(body.page ? { page: body.page } : {}), ...(body.locale ? { locale: body.locale } : {}) });
      // A client told without the line's secret counts as if it had been typed.
      const told = [body.client?.name && `my name is ${body.client.name}`, body.client?.phone, body.client?.email].filter(Boolean).join(", ");
      if (told) {
        const more = await app.talk.say(started.conversation, started.token, told);
        started.replies.push(...more.replies);
      }
      res.status(201).json(started);
    }),
  );

  r.post(
    "/conversations/:id/messages",
    handler(async (req, res) => {
      const body = bodyOf(messageRequest, req);
      res.json(await app.talk.say(String(req.params["id"]), tokenOf(req), body.text, body.ref));
    }),
  );

  r.post(
    "/conversations/:id/events",
    handler(async (req, res) => {
      const body = bodyOf(eventRequest, req);
      if (body.kind === "silence" || body.kind === "left") {
        res.json(await app.talk.event(String(req.params["id"]), tokenOf(req), body.kind));
        return;
      }
      // What the chat has no use for is taken and changes nothing.
      const row = await app.talk.open(app.db, String(req.params["id"]), tokenOf(req));
      const house = await app.houses.version(app.db, row.versionId);
      res.json({ replies: [], state: publicState(house, houseNow(row.clock), row.state) });
    }),
  );

  r.get(
    "/conversations/:id",
    handler(async (req, res) => {
      const row = await app.talk.open(app.db, String(req.params["id"]), tokenOf(req));
      const house = await app.houses.version(app.db, row.versionId);
      const turns = (await turnsOf(app.db, row.id)).filter((t) => t.who !== "event");
      res.json({
        conversation: row.id,
        said: turns.map((t) => ({
          id: String(t.id),
          from: t.who,
          text: t.text,
          at: rfc3339(house.zone, t.atMin),
          ...(t.who === "client" ? {} : { reply: t.reply }),
        })),
        replies: turns.filter((t) => t.who !== "client").map((t) => t.reply as PublicReply),
        state: publicState(house, houseNow(row.clock), row.state),
      });
    }),
  );

  r.get(
    "/conversations/:id/stream",
    handler(async (req, res) => {
      const id = String(req.params["id"]);
      const row = await app.talk.open(app.db, id, tokenOf(req));
      const house = await app.houses.version(app.db, row.versionId);
      const since = Number(req.header("last-event-id") ?? NaN);
      let last = Number.isFinite(since) ? since : Math.max(0, ...(await turnsOf(app.db, id)).map((t) => t.id));
      const stream = openStream(req, res);
      let busy: Promise<void> = Promise.resolve();
      const push = async (): Promise<void> => {
        const turns = await turnsOf(app.db, id, last);
        for (const t of turns) {
          last = Math.max(last, t.id);
          if (t.who === "receptionist" || t.who === "desk") stream.send("reply", t.reply, t.id);
        }
        const now = await app.talk.open(app.db, id, tokenOf(req));
        stream.send("state", publicState(house, houseNow(now.clock), now.state));
      };
      stream.onClose(
        app.bus.on((m) => {
          if (m.what === "talk" && m.id === id) busy = busy.then(push).catch((error: unknown) => app.log.warn({ err: error }, "stream"));
        }),
      );
      stream.onClose(app.typing.on(id, (from) => stream.send("typing", { from })));
      stream.send("state", publicState(house, houseNow(row.clock), row.state));
    }),
  );

  r.get(
    "/calendars/:key",
    handler(async (req, res) => {
      const key = String(req.params["key"]).replace(/\.ics$/, "");
      const feed = await feedByKey(app.db, key);
      const row = feed ? await houseById(app.db, feed.houseId) : null;
      if (!feed || !row) throw new Refusal(404, "There is no such calendar");
      const house = await app.houses.version(app.db, row.versionId);
      const all = (await allAppointments(app.db, row.id)).filter((a) => !feed.staff || a.staff === feed.staff);
      const events: FeedEvent[] = all.map((a) => ({
        uid: `${a.id}@${house.handbook.key}.gentian`,
        sequence: a.sequence,
        startMin: a.startMin,
        endMin: a.endMin,
        summary: `${house.services.get(a.service)?.name ?? a.service}, ${(a.visitor ?? a.clientName ?? "").trim()}`,
        location: house.rooms.get(a.room)?.name ?? "",
        cancelled: a.status === "cancelled",
      }));
      res
        .type("text/calendar; charset=utf-8")
        .send(icalendar(house, feed.staff ? (house.staff.get(feed.staff)?.name ?? "") : house.handbook.name, houseNow(row.clock), events));
    }),
  );
  return r;
}

function tokenOf(req: Request): string {
  const m = /^Bearer (\S{1,200})$/.exec(req.header("authorization") ?? "");
  if (!m) throw new Refusal(401, "The conversation's token is missing", "Send it as Authorization: Bearer, as it came when the conversation began.");
  return m[1] as string;
}
