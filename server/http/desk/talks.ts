import { hoursLine } from "@gentian/core/house/lines";
import { telephonesOf } from "@gentian/core/house/through";
import { Router, type Request } from "express";
import { z } from "zod";
import { weightiest } from "@gentian/core/conversation/public";
import type { Outcome } from "@gentian/core/conversation/state";
import type { House } from "@gentian/core/house/compile";
import { apart, samplesOf, writeWav } from "@gentian/core/speech/sound";
import { spokenAt } from "@gentian/core/speech/kept";
import { VOICE_NAMES } from "@gentian/core/speech/voices";
import { webvtt } from "@gentian/core/speech/webvtt";
import { dayOfIso, isoOfDay } from "@gentian/core/time/days";
import { clockText } from "@gentian/core/time/zone";
import type { App } from "../../parts.ts";
import { callById, callsOf, deleteSound, heardIn, soundOf } from "../../data/calls.ts";
import { conversationById, countSince, logBetween, talkingNow, turnsOf, type LogRow } from "../../data/conversations.ts";
import { notify } from "../../data/notify.ts";
import { finishSlip, reopenSlip, waitingSlips, type SlipRow } from "../../data/slips.ts";
import { savedTalkOf } from "../../savedtalk.ts";
import { Refusal } from "../../refusal.ts";
import { UUID } from "../../talk.ts";
import { bodyOf, handler, openStream } from "../kit.ts";
import { bodyDate, local, placeOf } from "./place.ts";

const share = z.coerce.number().min(0.7).max(1.4);
const voiceQuery = z.object({ text: z.string().min(1).max(200), voice: z.enum(VOICE_NAMES), pace: share, pitch: share });
const sayBody = z.object({ text: z.string().trim().min(1, "write something").max(2000) });

/** What a caller may have left by voice. */
const LEFT = new Set<SlipRow["kind"]>(["message", "call-back"]);

function listenTo(spoken: Awaited<ReturnType<typeof heardIn>>, slip: SlipRow) {
  const call = LEFT.has(slip.kind) ? spoken.find((c) => c.conversationId === slip.conversationId) : undefined;
  return call ? { listen: { call: call.id, ...spokenAt(call, call.soundMs, slip.text) } } : {};
}

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

/** What waits, who is talking, the logbook, and the desk's hand in a conversation. */
export function talksRoutes(app: App): Router {
  const r = Router();

  r.get(
    "/now",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const today = p.house.zone.toEpochMin(p.house.zone.toLocal(p.nowMin).day, 0);
      const slips = await waitingSlips(app.db, p.row.id);
      const talking = await talkingNow(app.db, p.row.id);
      const spoken = await heardIn(app.db, [...new Set(slips.flatMap((s) => (s.conversationId && LEFT.has(s.kind) ? [s.conversationId] : [])))]);
      res.json({
        waiting: slips.map((s) => ({
          ...s,
          ...listenTo(spoken, s),
          agoMin: p.nowMin - s.madeMin,
          at: local(p.house, s.madeMin),
          status: talking.find((t) => t.id === s.conversationId)?.status ?? "closed",
        })),
        ringing: app.exchange.ringing(p.row.id).map((r) => ({
          conversation: r.conversation,
          who: r.who,
          why: r.why,
          words: r.words,
          ...(r.telephone ? { telephone: r.telephone.name } : {}),
          sinceSec: Math.round((Date.now() - r.sinceMs) / 1000),
        })),
        talking: talking.map((t) => logEntry(p.house, t, p.nowMin)),
        today: await countSince(app.db, p.row.id, today),
      });
    }),
  );

  /** The telephones that calls are put through to, for the stand-in that lets them ring. */
  r.get(
    "/telephones",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      res.json(telephonesOf(p.house, p.nowMin).map(({ hours, ...t }) => ({ ...t, hours: hours === "always" ? "at any hour" : hoursLine(hours) })));
    }),
  );

  r.post(
    "/slips/:id/:what",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
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
      const p = await placeOf(app, req);
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
      const p = await placeOf(app, req);
      const id = String(req.params["id"]);
      const row = UUID.test(id) ? await conversationById(app.db, id) : null;
      if (!row || row.houseId !== p.row.id) throw new Refusal(404, "There is no such conversation");
      const turns = await turnsOf(app.db, id);
      res.json({
        calls: row.channel === "phone" ? await callsOf(app.db, id) : [],
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

  r.get(
    "/voice.wav",
    handler(async (req, res) => {
      await placeOf(app, req);
      if (!app.speech) throw new Refusal(503, "This machine has no voices", "Start Gentian with ./gentian start, which installs them.");
      const q = voiceQuery.safeParse(req.query);
      if (!q.success) throw new Refusal(400, "That voice cannot be tried", "Choose a voice, a pace and a pitch from the handbook.");
      const { text, voice, pace, pitch } = q.data;
      res.type("audio/wav").send(Buffer.from(writeWav([await app.speech.voices.speak(text, { voice, pace, pitch })])));
    }),
  );

  const callOf = async (req: Request) => {
    const p = await placeOf(app, req);
    const id = String(req.params["id"]);
    const call = UUID.test(id) ? await callById(app.db, p.row.id, id) : null;
    if (!call) throw new Refusal(404, "There is no such call");
    return { p, call };
  };

  r.get(
    "/calls/:id/sound.wav",
    handler(async (req, res) => {
      const { call } = await callOf(req);
      if (!call.sound) throw new Refusal(404, "There is no recording of this call", "It was not recorded, or its term is over and it was deleted.");
      const wav = Buffer.from(writeWav(apart(samplesOf(await soundOf(app.db, call.id)))));
      res.type("audio/wav").setHeader("accept-ranges", "bytes");
      const range = /^bytes=(\d+)-(\d*)$/.exec(req.headers.range ?? "");
      if (!range) {
        res.send(wav);
        return;
      }
      const from = Number(range[1]);
      const to = Math.min(wav.length - 1, range[2] ? Number(range[2]) : wav.length - 1);
      if (from > to) throw new Refusal(404, "There is no such part of the recording");
      res.status(206).setHeader("content-range", `bytes ${from}-${to}/${wav.length}`);
      res.send(wav.subarray(from, to + 1));
    }),
  );

  r.get(
    "/calls/:id/words.vtt",
    handler(async (req, res) => {
      const { p, call } = await callOf(req);
      const who = { client: "Client", receptionist: p.house.handbook.receptionists[0]?.name ?? "Receptionist", desk: "Desk" };
      res
        .attachment(`call-${call.id.slice(0, 8)}.vtt`)
        .type("text/vtt")
        .send(webvtt(call.turns.map((t) => ({ fromMs: t.fromMs, toMs: t.toMs, who: who[t.who], text: t.text }))));
    }),
  );

  r.delete(
    "/calls/:id/sound",
    handler(async (req, res) => {
      const { p, call } = await callOf(req);
      await deleteSound(app.db, call.id);
      await app.talk.note(call.conversationId, `${p.account.name} deleted the recording`);
      res.json({ ok: true });
    }),
  );

  r.get(
    "/conversations/:id/saved",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const id = String(req.params["id"]);
      const row = UUID.test(id) ? await conversationById(app.db, id) : null;
      if (!row || row.houseId !== p.row.id) throw new Refusal(404, "There is no such conversation");
      res.attachment(`conversation-${id.slice(0, 8)}.json`).json(await savedTalkOf(app.db, row));
    }),
  );

  for (const what of ["take-over", "hand-back"] as const)
    r.post(
      `/conversations/:id/${what}`,
      handler(async (req, res) => {
        const p = await placeOf(app, req);
        const id = String(req.params["id"]);
        if (what === "take-over") await app.talk.takeOver(p.row.id, id, p.account);
        else await app.talk.handBack(p.row.id, id, p.account);
        res.json({ ok: true });
      }),
    );

  r.post(
    "/conversations/:id/say",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      await app.talk.deskSays(p.row.id, String(req.params["id"]), p.account, bodyOf(sayBody, req).text);
      res.json({ ok: true });
    }),
  );

  r.post(
    "/conversations/:id/typing",
    handler(async (req, res) => {
      await placeOf(app, req);
      app.typing.tell(String(req.params["id"]), "desk");
      res.json({ ok: true });
    }),
  );

  r.get(
    "/stream",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
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
