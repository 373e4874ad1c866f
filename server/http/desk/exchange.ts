import ExcelJS from "exceljs";
import { Router } from "express";
import { z } from "zod";
import { csvLine, readAppointments, readClients, readServices, type ClientLine, type LineFault, type ServiceLine } from "@gentian/core/bring/tables";
import type { Change } from "@gentian/core/house/change";
import { idFor } from "@gentian/core/bring/compose";
import type { Draft } from "@gentian/core/house/draft";
import type { House } from "@gentian/core/house/compile";
import { isoOfDay } from "@gentian/core/time/days";
import { clockText } from "@gentian/core/time/zone";
import type { App } from "../../parts.ts";
import { Unreadable } from "../../bring/unreadable.ts";
import { lockDesk, priceOf, timesOf } from "../../books.ts";
import { comingOnes, insertAppointment } from "../../data/appointments.ts";
import { writeAudit } from "../../data/audit.ts";
import { allClients, cardLike, insertClient } from "../../data/clients.ts";
import { unlessTaken } from "../../data/db.ts";
import { bringInto } from "../../drafts.ts";
import { Refusal } from "../../refusal.ts";
import { bodyOf, handler } from "../kit.ts";
import { nameOf, received } from "../upload.ts";
import { command, placeOf, ref, type Place } from "./place.ts";

const KINDS = ["services", "clients", "appointments"] as const;
type Kind = (typeof KINDS)[number];

const keepBody = z.object({
  ref,
  /** Only looked at, or kept. */
  keep: z.enum(["yes", "no"]).default("no"),
  /** Lines with faults are left out; else one fault keeps everything out. */
  without: z.enum(["yes", "no"]).default("no"),
});

/** Faults that are sent; the rest is counted. */
const MOST_FAULTS = 200;
const SHOWN = 30;

/** The book that exists already: brought in from tables, and given out as tables. */
export function exchangeRoutes(app: App): Router {
  const r = Router();

  r.post(
    "/exchange/:kind",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const kind = kindOf(req.params["kind"]);
      await received(req, res);
      const b = bodyOf(keepBody, req);
      const [file] = (req.files ?? []) as Express.Multer.File[];
      if (!file) throw new Refusal(400, "There is no file", "Choose a spreadsheet or a CSV file.");
      let table: string[][];
      try {
        table = await app.reader.table(nameOf(file), file.buffer);
      } catch (error) {
        if (error instanceof Unreadable) throw new Refusal(400, error.title, error.detail);
        throw error;
      }
      const read = readKind(kind, p, table);
      const wrongLines = new Set(read.faults.map((f) => f.line)).size;
      const report = {
        of: read.of,
        good: read.lines.length,
        wrong: wrongLines,
        faults: read.faults.slice(0, MOST_FAULTS),
        shown: read.shown.slice(0, SHOWN),
      };
      if (b.keep === "no") {
        res.json({ ...report, kept: false });
        return;
      }
      if (wrongLines > 0 && b.without === "no")
        throw new Refusal(409, `${wrongLines} lines are wrong`, "Nothing was brought in. Mend them, or leave them out.", undefined, { faults: report.faults });
      if (read.lines.length === 0) throw new Refusal(409, "There is no line that could be brought in", "Nothing was changed.");
      const kept = kind === "services" ? await keepServices(app, p, read.lines as ServiceLine[]) : await keepBook(app, p, b.ref, kind, table);
      res.json({ ...report, kept: true, ...kept });
    }),
  );

  r.get(
    "/exchange/:kind.:form",
    handler(async (req, res) => {
      const p = await placeOf(app, req);
      const kind = kindOf(req.params["kind"]);
      const rows = await tableFor(app, p, kind);
      const name = `${p.house.handbook.key}-${kind}`;
      if (req.params["form"] === "csv") {
        res.setHeader("content-disposition", `attachment; filename="${name}.csv"`);
        res.type("text/csv; charset=utf-8").send(`${rows.map(csvLine).join("\r\n")}\r\n`);
        return;
      }
      if (req.params["form"] !== "xlsx") throw new Refusal(404, "There is nothing here");
      const book = new ExcelJS.Workbook();
      const sheet = book.addWorksheet(kind);
      sheet.addRows(rows);
      sheet.getRow(1).font = { bold: true };
      res.setHeader("content-disposition", `attachment; filename="${name}.xlsx"`);
      res.type("application/vnd.openxmlformats-officedocument.spreadsheetml.sheet").send(Buffer.from(await book.xlsx.writeBuffer()));
    }),
  );

  return r;
}

function kindOf(said: unknown): Kind {
  const kind = KINDS.find((k) => k === said);
  if (!kind) throw new Refusal(404, "There is nothing here");
  return kind;
}

function readKind(kind: Kind, p: Place, table: string[][]): { lines: readonly unknown[]; faults: LineFault[]; of: number; shown: string[][] } {
  const { house } = p;
  if (kind === "services") {
    const read = readServices(house, table);
    return {
      ...read,
      shown: read.lines.map((l) => [
        String(l.line),
        l.name,
        `${l.lengthMin} min`,
        l.priceMinor === null ? "" : (l.priceMinor / 100).toFixed(2),
        l.staff.map((s) => house.staff.get(s)?.name ?? s).join(", "),
      ]),
    };
  }
  if (kind === "clients") {
    const read = readClients(house, table);
    return { ...read, shown: read.lines.map((l) => [String(l.line), l.name, l.phone ?? "", l.email ?? ""]) };
  }
  const read = readAppointments(house, p.calendar, p.nowMin, table);
  return {
    ...read,
    shown: read.lines.map((l) => {
      const at = house.zone.toLocal(l.opening.startMin);
      return [
        String(l.line),
        l.client.name,
        `${isoOfDay(at.day)} ${clockText(at.minute)}`,
        `${house.services.get(l.opening.service)?.name ?? ""}, ${l.opening.lengthMin} min`,
        house.staff.get(l.opening.staff)?.name ?? "",
        l.outside.join(", "),
      ];
    }),
  };
}

/** Services go into the draft, as one change that can be taken back; they are put on duty with it. */
async function keepServices(app: App, p: Place, lines: readonly ServiceLine[]): Promise<{ services: number }> {
  const byName = new Map<string, ServiceLine[]>();
  for (const l of lines) byName.set(l.name.toLowerCase(), [...(byName.get(l.name.toLowerCase()) ?? []), l]);
  await app.db.transaction((tx) =>
    bringInto(tx, p.row, p.account, (draft) => ({ op: "many", changes: [...byName.values()].map((list) => serviceChange(draft, list)) })),
  );
  return { services: byName.size };
}

function serviceChange(draft: Draft, list: readonly ServiceLine[]): Change {
  const first = list[0] as ServiceLine;
  const have = draft.services.find((s) => s.name.toLowerCase() === first.name.toLowerCase());
  const variants = list.map((l) => ({ lengthMin: l.lengthMin, priceMinor: l.priceMinor })).sort((a, b) => a.lengthMin - b.lengthMin);
  const staff = [...new Set(list.flatMap((l) => l.staff))];
  if (!have)
    return {
      op: "add",
      path: ["services"],
      item: {
        id: idFor(first.name, (id) => draft.services.some((s) => s.id === id)),
        name: first.name,
        also: first.also,
        about: "",
        variants,
        staff,
        pool: first.pool,
        cleanUpMin: first.cleanUpMin,
        asks: [],
      },
    };
  const path = (field: string): string[] => ["services", have.id, field];
  // What the table does not say stays as it is.
  const others = have.variants.filter((v) => !variants.some((n) => n.lengthMin === v.lengthMin));
  const merged = [...others, ...variants.map((n) => ({ ...have.variants.find((v) => v.lengthMin === n.lengthMin), ...n }))];
  return {
    op: "many",
    changes: [
      { op: "set", path: path("variants"), value: merged.sort((a, b) => (a.lengthMin ?? 0) - (b.lengthMin ?? 0)) },
      ...(staff.length > 0 ? [{ op: "set" as const, path: path("staff"), value: staff }] : []),
      ...(first.pool ? [{ op: "set" as const, path: path("pool"), value: first.pool }] : []),
      ...(first.cleanUpMin > 0 ? [{ op: "set" as const, path: path("cleanUpMin"), value: first.cleanUpMin }] : []),
    ],
  };
}

/** Clients and appointments go into the book in one transaction: all that was read, or nothing. */
async function keepBook(
  app: App,
  p: Place,
  key: string,
  kind: "clients" | "appointments",
  table: string[][],
): Promise<{ clients: number; known: number; appointments: number }> {
  return command(app, p, key, async (desk, tx) => {
    const rev = await lockDesk(desk);
    const done = { clients: 0, known: 0, appointments: 0 };
    const cards = new Map<string, string>();
    const cardOf = async (c: ClientLine): Promise<string> => {
      const who = `${c.name.toLowerCase()} ${c.phone ?? ""} ${c.email ?? ""}`;
      const have = cards.get(who) ?? (await cardLike(tx, p.row.id, c));
      if (have) {
        if (!cards.has(who)) done.known++;
        cards.set(who, have);
        return have;
      }
      done.clients++;
      const { line: _line, ...card } = c;
      const id = await insertClient(tx, p.row.id, card, p.nowMin);
      cards.set(who, id);
      return id;
    };
    if (kind === "clients") for (const c of readClients(desk.house, table).lines) await cardOf(c);
    else
      // Read again under the lock: what was taken meanwhile is left out, and then nothing is kept.
      for (const a of readAppointments(desk.house, desk.calendar.with([]) as Place["calendar"], p.nowMin, table).lines) {
        const group = desk.house.services.get(a.opening.service)?.group;
        const clientId = await cardOf(a.client);
        const id = await unlessTaken(tx, () =>
          insertAppointment(tx, {
            houseId: p.row.id,
            offer: a.opening,
            kind: group ? "place" : "visit",
            status: "booked",
            places: a.places,
            rev,
            madeBy: "the book before",
            madeAtMin: p.nowMin,
            ...timesOf(desk.house, a.opening),
            clientId,
            priceMinor: priceOf(desk.house, a.opening, a.places),
            ...(a.visitor ? { visitor: a.visitor } : {}),
            ...(a.outside.length > 0 ? { overruled: `brought in: ${a.outside.join(", ")}`.slice(0, 200) } : {}),
          }),
        );
        if (!id) throw new Refusal(409, `Line ${a.line} has been taken meanwhile`, "Nothing was brought in. Look at the file once more.");
        done.appointments++;
      }
    await writeAudit(tx, p.row.id, p.nowMin, p.account.name, `brought in ${kind}`, null, done);
    return done;
  });
}

async function tableFor(app: App, p: Place, kind: Kind): Promise<string[][]> {
  const { house } = p;
  if (kind === "services") return servicesTable(house);
  if (kind === "clients")
    return [
      ["name", "phone", "email", "note", "assessed"],
      ...(await allClients(app.db, p.row.id)).map((c) => [c.name, c.phone ?? "", c.email ?? "", c.note, c.assessed ? "yes" : ""]),
    ];
  return [
    ["date", "time", "service", "length", "staff", "room", "places", "name", "phone", "email", "visitor"],
    ...(await comingOnes(app.db, p.row.id, p.nowMin)).map((a) => {
      const at = house.zone.toLocal(a.startMin);
      return [
        isoOfDay(at.day),
        clockText(at.minute),
        house.services.get(a.service)?.name ?? a.service,
        String(a.lengthMin),
        house.staff.get(a.staff)?.name ?? a.staff,
        house.rooms.get(a.room)?.name ?? "",
        String(a.places),
        a.clientName ?? "",
        a.clientPhone ?? "",
        a.clientEmail ?? "",
        a.visitor ?? "",
      ];
    }),
  ];
}

function servicesTable(house: House): string[][] {
  const digits =
    new Intl.NumberFormat(house.handbook.locale, { style: "currency", currency: house.handbook.currency }).resolvedOptions().maximumFractionDigits ?? 2;
  return [
    ["service", "length", "price", "staff", "room", "clean-up", "also"],
    ...house.handbook.services.flatMap((s) =>
      s.variants.map((v) => [
        s.name,
        String(v.lengthMin),
        v.priceMinor === null ? "" : (v.priceMinor / 10 ** digits).toFixed(digits),
        (v.staff ?? s.staff).map((id) => house.staff.get(id)?.name ?? id).join("; "),
        v.pool ?? s.pool,
        String(s.cleanUpMin),
        s.also.join("; "),
      ]),
    ),
  ];
}
