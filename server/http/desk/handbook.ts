import { isDeepStrictEqual } from "node:util";
import { Router, type Request } from "express";
import { z } from "zod";
import { BEGINNINGS } from "@gentian/core/beginnings/all";
import { readSource, type SourceNote } from "@gentian/core/bring/bring";
import { compose, type Brought } from "@gentian/core/bring/compose";
import { blocksOfText, type SourceText } from "@gentian/core/bring/source";
import type { Change } from "@gentian/core/house/change";
import { withDays } from "@gentian/core/house/compile";
import { readyOf } from "@gentian/core/house/draft";
import { touchedBy } from "@gentian/core/schedule/touched";
import { isoOfDay } from "@gentian/core/time/days";
import { giveAway, handbookFileSchema, takeIn } from "@gentian/core/house/handbookfile";
import { gather } from "@gentian/core/knowledge/unanswered";
import type { App } from "../../parts.ts";
import { viewOf } from "../../books.ts";
import { MOST_PAGES, pagesOf, readPage, type StandIn } from "../../bring/site.ts";
import { Unreadable } from "../../bring/unreadable.ts";
import { allAppointments, busySince, comingOnes } from "../../data/appointments.ts";
import { allClients } from "../../data/clients.ts";
import { countChanges } from "../../data/drafts.ts";
import { houseById } from "../../data/houses.ts";
import { unansweredSince, usageSince } from "../../data/usage.ts";
import { attempted, bringInto, changeDraft, draftFor, Overtaken, putOnDuty, turnBack } from "../../drafts.ts";
import { Refusal } from "../../refusal.ts";
import { bodyOf, handler, sendProblem } from "../kit.ts";
import { nameOf, received } from "../upload.ts";
import { placeOf, slip, type Place } from "./place.ts";

const path = z.array(z.string().max(80)).min(1).max(12);
const item = z.record(z.string(), z.unknown());
const change: z.ZodType<Change, unknown> = z.lazy(() =>
  z.discriminatedUnion("op", [
    z.object({ op: z.literal("set"), path, value: z.unknown().optional() }),
    z.object({ op: z.literal("add"), path, item, before: z.string().nullable().optional() }),
    z.object({ op: z.literal("drop"), path }),
    z.object({ op: z.literal("shift"), path, before: z.string().nullable() }),
    z.object({ op: z.literal("many"), changes: z.array(change as never).max(200) }),
  ]),
);
const changeRequest = z.object({ base: z.number().int().min(0), change });
const bringRequest = z.object({
  texts: z
    .array(z.object({ name: z.string().trim().min(1).max(120), text: z.string().max(400_000) }))
    .max(20)
    .default([]),
  pages: z.array(z.string().max(2000)).max(MOST_PAGES).default([]),
});

const WEEK_MIN = 7 * 1440;
const FOUR_WEEKS_MIN = 28 * 1440;

/** The handbook: its draft, what is brought into it, what is known of its use, and putting it on duty. */
export function handbookRoutes(app: App): Router {
  const r = Router();

  const whole = async (p: Place) => {
    const { draft, rev, versionId } = await draftFor(app.db, p.row);
    const counts = await countChanges(app.db, p.row.id);
    return { draft, rev, ...counts, onDuty: versionId === p.row.versionId && isDeepStrictEqual(readyOf(draft).handbook, p.house.handbook) };
  };

  r.get(
    "/draft",
    handler(async (req, res) => {
      res.json(await whole(await placeOf(app, req)));
    }),
  );

  r.post(
    "/draft/changes",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const body = bodyOf(changeRequest, req);
      try {
        const done = await app.db.transaction((tx) => changeDraft(tx, p.row, p.account, body.base, body.change));
        // A writer who was up to date knows what it says now; one who was behind is given the whole.
        res.json({ rev: done.rev, ...(done.rev === body.base + 1 ? {} : { draft: done.draft }) });
      } catch (error) {
        if (!(error instanceof Overtaken)) throw error;
        sendProblem(res, {
          type: "about:blank",
          title: error.title,
          status: 409,
          ...(error.detail ? { detail: error.detail } : {}),
          ...({ now: error.now, by: error.by } as object),
        });
      }
    }),
  );

  /** What a change would touch, before it is kept: coming appointments that fit the draft as it is, and would not after. */
  r.post(
    "/draft/attempt",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const body = bodyOf(z.object({ change }), req);
      const { draft } = await draftFor(app.db, p.row);
      const after = attempted(draft, body.change);
      const before = withDays(readyOf(draft).house, p.house.days);
      const ready = readyOf(after);
      const known = new Set(readyOf(draft).gaps.map((g) => `${g.code} ${g.place}`));
      const touched = touchedBy(before, withDays(ready.house, p.house.days), await comingOnes(app.db, p.row.id, p.nowMin));
      res.json({
        touched: touched.map((t) => ({ ...slip(p.house, t.of), date: isoOfDay(p.house.zone.toLocal(t.of.startMin).day), why: t.why })),
        gaps: ready.gaps.filter((g) => !known.has(`${g.code} ${g.place}`)),
      });
    }),
  );

  for (const way of ["undo", "redo"] as const)
    r.post(
      `/draft/${way}`,
      handler(async (req, res) => {
        const p = await placeOf(app, req);
        res.json(await app.db.transaction((tx) => turnBack(tx, p.row, way)));
      }),
    );

  r.post(
    "/draft/duty",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      res.json(await putOnDuty(app.db, p.row, p.account));
    }),
  );

  /** What a rehearsal needs of the books: a copy, on which it may book as it likes. */
  r.get(
    "/draft/copy",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const busy = await busySince(app.db, p.row.id, -1, p.nowMin - 1440);
      const appointments = (await allAppointments(app.db, p.row.id)).filter((a) => a.status === "booked" && a.startMin > p.nowMin);
      res.json({
        nowMin: p.nowMin,
        busy: busy.set,
        clients: (await allClients(app.db, p.row.id)).map((c) => ({
          id: c.id,
          name: c.name,
          assessed: c.assessed || c.saysSo,
          answers: c.answers,
          ...(c.byPersonOnly ? { byPersonOnly: true } : {}),
          ...(c.phone ? { phone: c.phone } : {}),
          ...(c.email ? { email: c.email } : {}),
        })),
        appointments: appointments.map((a) => ({
          ...viewOf(a),
          clientId: a.clientId ?? "",
          ...(a.visitor ? { visitor: a.visitor } : {}),
          status: "booked",
          feeMinor: a.feeMinor,
        })),
      });
    }),
  );

  r.get(
    "/draft/usage",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const used = await usageSince(app.db, p.row.id, p.nowMin - WEEK_MIN);
      res.json({ used, unanswered: gather(await unansweredSince(app.db, p.row.id, p.nowMin - FOUR_WEEKS_MIN)).slice(0, 30) });
    }),
  );

  // ---- bringing in ----

  const standIn = (req: Request): StandIn => ({ port: req.socket.localPort ?? 0, path: "/standins/site/" });

  r.post(
    "/draft/pages",
    handler(async (req, res) => {
      await placeOf(app, req);
      const { address } = bodyOf(z.object({ address: z.string().min(1).max(2000) }), req);
      res.json({ pages: await readable(() => pagesOf(address, standIn(req))) });
    }),
  );

  /** Reads the sources one after another, telling how far it is line by line, and puts what was found into the draft. */
  r.post(
    "/draft/bring",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      if (req.is("multipart/form-data")) await received(req, res);
      const fields = req.is("multipart/form-data")
        ? { texts: json((req.body as Record<string, unknown>)["texts"]), pages: json((req.body as Record<string, unknown>)["pages"]) }
        : (req.body as object);
      const body = bodyOf(bringRequest, { body: fields } as Request);
      const files = (req.files as Express.Multer.File[] | undefined) ?? [];
      const jobs: { name: string; read: () => Promise<SourceText> }[] = [
        ...body.texts
          .filter((t) => t.text.trim() !== "")
          .map((t) => ({ name: t.name, read: () => Promise.resolve({ name: t.name, blocks: blocksOfText(t.text) }) })),
        ...files.map((f) => ({ name: nameOf(f), read: () => app.reader.read(nameOf(f), f.buffer) })),
        ...body.pages.map((address) => ({ name: address, read: () => readPage(address, standIn(req)) })),
      ];
      if (jobs.length === 0) throw new Refusal(400, "There is nothing to bring in", "Paste some text, drop a file, or choose a page.");
      const handbooks: Change[] = [];
      const found: ReturnType<typeof readSource>["finds"] = [];
      const notes: (SourceNote | { source: string; code: "unreadable"; about: string })[] = [];
      res.writeHead(200, { "content-type": "application/x-ndjson; charset=utf-8", "cache-control": "no-store" });
      const tell = (line: object): void => void res.write(`${JSON.stringify(line)}\n`);
      const { draft: start } = await draftFor(app.db, p.row);
      for (const [i, job] of jobs.entries()) {
        tell({ done: i, of: jobs.length, name: job.name });
        const file = files.find((f) => nameOf(f) === job.name && /\.json$/i.test(job.name));
        if (file) {
          const own = handbookIn(file.buffer);
          if (own) handbooks.push(takeIn(start, own));
          else notes.push({ source: job.name, code: "unreadable", about: "This is JSON, but no handbook that Gentian has written." });
          continue;
        }
        try {
          const read = readSource(await job.read(), start.country);
          found.push(...read.finds);
          notes.push(...read.notes);
        } catch (error) {
          if (!(error instanceof Unreadable)) throw error;
          notes.push({ source: job.name, code: "unreadable", about: error.message });
        }
      }
      let brought: Brought[] = [];
      const done = await app.db.transaction((tx) =>
        bringInto(tx, p.row, p.account, (draft) => {
          const composed = compose(draft, found);
          brought = composed.brought;
          return {
            op: "many",
            changes: [...handbooks.flatMap((h) => (h.op === "many" ? h.changes : [h])), ...(composed.change.op === "many" ? composed.change.changes : [])],
          };
        }),
      );
      tell({ done: jobs.length, of: jobs.length, brought, notes, draft: done.draft, rev: done.rev });
      res.end();
    }),
  );

  r.get(
    "/beginnings",
    handler(async (req, res) => {
      await placeOf(app, req);
      res.json(BEGINNINGS.map((b) => ({ id: b.id, trade: b.trade, services: b.handbook.services.length, answers: b.handbook.answers.length })));
    }),
  );

  r.post(
    "/draft/begin",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const { beginning } = bodyOf(z.object({ beginning: z.string().max(60) }), req);
      const b = BEGINNINGS.find((x) => x.id === beginning);
      if (!b) throw new Refusal(404, "There is no such beginning");
      res.json(await app.db.transaction((tx) => bringInto(tx, p.row, p.account, (draft) => b.begin(draft))));
    }),
  );

  r.get(
    "/draft/handbook.json",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const { draft } = await draftFor(app.db, p.row);
      res.setHeader("content-disposition", `attachment; filename="${draft.key}-handbook.json"`);
      res.type("application/json").send(`${JSON.stringify(giveAway(draft), null, 2)}\n`);
    }),
  );

  r.get(
    "/duty",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const row = await houseById(app.db, p.row.id);
      res.json({ handbook: p.house.handbook, version: row?.versionId });
    }),
  );
  return r;
}

const json = (value: unknown): unknown => {
  if (typeof value !== "string") return undefined;
  try {
    return JSON.parse(value) as unknown;
  } catch {
    throw new Refusal(400, "The request is not understood");
  }
};

function handbookIn(bytes: Buffer) {
  try {
    const result = handbookFileSchema.safeParse(JSON.parse(bytes.toString("utf8")));
    return result.success ? result.data : null;
  } catch {
    return null;
  }
}

/** Says what is wrong with a page as a refusal of the request. */
async function readable<T>(act: () => Promise<T>): Promise<T> {
  try {
    return await act();
  } catch (error) {
    if (error instanceof Unreadable) throw new Refusal(400, error.title, error.detail);
    throw error;
  }
}
