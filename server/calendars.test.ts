import { spawnSync } from "node:child_process";
import ExcelJS from "exceljs";
import ICAL from "ical.js";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { parse as parseCsv } from "csv-parse/sync";
import { isoOfDay } from "@gentian/core/time/days";
import { clockText, zoneOf } from "@gentian/core/time/zone";
import { AtDesk, ref, type Body } from "./testing/desk.ts";
import { openTestHouse, sayAll, talkTo, type TestHouse } from "./testing/house.ts";

let t: TestHouse;
const desk = new AtDesk(() => t);
const { raw, ask } = desk;

beforeAll(async () => {
  t = await openTestHouse(inject("databaseUrl"), "calendars", {
    clients: [
      { id: "ana", name: "Ana Petrov", phone: "+19025550142", assessed: true, saysSo: false, note: "", answers: {} },
      { id: "bo", name: "Bo Larkin", assessed: false, saysSo: false, note: "", answers: {} },
    ],
    appointments: [
      { id: "past-1", client: "ana", service: "follow-up", lengthMin: 30, staff: "maren", start: "2027-02-26T09:00", status: "done" },
      { id: "past-2", client: "bo", service: "follow-up", lengthMin: 30, staff: "maren", start: "2027-02-26T10:15", status: "done" },
    ],
    absences: [],
  });
  await desk.open();
});
afterAll(() => t.stop());

const book = (more: Body = {}) =>
  ask("POST", "/appointments", {
    ref: ref(),
    service: "taping",
    length: 15,
    staff: "maren",
    date: "2027-03-03",
    time: "09:00",
    newClient: { name: "Gil Frost", phone: "902 555 0133" },
    ...more,
  });
const one = async (id: unknown) => (await ask("GET", `/appointments/${String(id)}`)).body as { appointment: Body; client: Body; audit: { action: string }[] };
const undo = (id: unknown) => ask("POST", "/undo", { ref: ref(), id });
const slipsOf = async () => (await ask("GET", "/now")).body["waiting"] as { id: string; kind: string; text: string; phone: string | null }[];

describe("what the desk may overrule", () => {
  it("is hours, grid and horizon, with a reason that is kept; never what is taken", async () => {
    const late = await book({ date: "2027-03-03", time: "17:05" });
    expect(late.status).toBe(409);
    expect(late.body).toMatchObject({ mayOverrule: true });
    expect((late.body["errors"] as { path: string }[]).map((e) => e.path).sort()).toEqual(["not-in", "off-grid"]);
    const made = await book({ date: "2027-03-03", time: "17:05", reason: "came from far" });
    expect(made.status).toBe(201);
    expect((await one(made.body["id"])).appointment).toMatchObject({ overruled: "came from far", time: "17:05" });
    expect((await book({ date: "2027-05-20", time: "09:00" })).body["mayOverrule"]).toBe(true);
    const over = await book({ date: "2027-03-03", time: "17:10", reason: "the boss says so" });
    expect(over.status).toBe(409);
    expect(over.body).toMatchObject({ mayOverrule: false });
  });

  it("is refused where no room is free, whoever asks", async () => {
    await book({ date: "2027-03-10", time: "11:00", staff: "maren" });
    await book({ date: "2027-03-10", time: "11:00", staff: "tobias" });
    const third = await book({ service: "acupuncture", length: 45, staff: "priya", date: "2027-03-10", time: "11:00", reason: "please" });
    expect(third.body["title"]).toContain("no Treatment is free");
  });
});

describe("what comes of an appointment", () => {
  it("is arrived, done or missed; a missed one is charged, and the fee is owed, waived or paid", async () => {
    const { body } = await book({ date: "2027-03-05", time: "09:00" });
    const mark = (as: string) => ask("POST", `/appointments/${String(body["id"])}/mark`, { ref: ref(), as });
    expect((await mark("arrived")).status).toBe(200);
    expect((await mark("done")).status).toBe(200);
    const missed = await mark("missed");
    expect((await one(body["id"])).appointment).toMatchObject({ status: "missed", feeMinor: 2500, feeState: "owed" });
    expect((await one(body["id"])).client).toMatchObject({ owedMinor: 2500 });
    // A fee that was paid is not taken back with what it was for.
    await ask("POST", `/appointments/${String(body["id"])}/fee`, { ref: ref(), state: "paid" });
    expect((await undo(missed.body["undo"])).status).toBe(409);
    await ask("POST", `/appointments/${String(body["id"])}/fee`, { ref: ref(), state: "waived" });
    expect((await one(body["id"])).client).toMatchObject({ owedMinor: 0 });
    expect((await undo(missed.body["undo"])).status).toBe(200);
    expect((await one(body["id"])).appointment).toMatchObject({ status: "done", feeMinor: 0, feeState: null });
    expect((await mark("nonsense")).status).toBe(400);
  });

  it("can be cancelled with the late fee, which is known beforehand", async () => {
    const { body } = await book({ date: "2027-03-01", time: "15:00" });
    expect((await one(body["id"])).appointment).toMatchObject({ lateFeeMinor: 1250 });
    await ask("POST", `/appointments/${String(body["id"])}/cancel`, { ref: ref(), fee: true });
    expect((await one(body["id"])).appointment).toMatchObject({ status: "cancelled", feeMinor: 1250, feeState: "owed" });
  });
});

describe("taking back", () => {
  it("puts a move, a length, a booking and a cancellation back to the letter", async () => {
    const { body } = await book({ service: "sports-massage", length: 60, staff: "nell", date: "2027-03-08", time: "09:00" });
    const id = String(body["id"]);
    const moved = await ask("POST", `/appointments/${id}/move`, { ref: ref(), date: "2027-03-08", time: "13:00" });
    expect((await one(id)).appointment).toMatchObject({ time: "13:00" });
    await undo(moved.body["undo"]);
    expect((await one(id)).appointment).toMatchObject({ time: "09:00" });
    const longer = await ask("POST", `/appointments/${id}/move`, { ref: ref(), length: 90 });
    expect((await one(id)).appointment).toMatchObject({ lengthMin: 90, priceMinor: 13500, to: 630, busyTo: 645 });
    await undo(longer.body["undo"]);
    expect((await one(id)).appointment).toMatchObject({ lengthMin: 60, priceMinor: 9500, to: 600 });
    const gone = await ask("POST", `/appointments/${id}/cancel`, { ref: ref() });
    await undo(gone.body["undo"]);
    expect((await one(id)).appointment).toMatchObject({ status: "booked" });
    // What was changed since is left alone.
    expect((await undo(body["undo"])).body["title"]).toBe("It has been changed since");
    const fresh = await book({ date: "2027-03-08", time: "14:00" });
    expect((await undo(fresh.body["undo"])).status).toBe(200);
    expect((await book({ date: "2027-03-08", time: "14:00" })).status).toBe(201);
  });

  it("is refused where the time is taken meanwhile, and once the client has been told", async () => {
    const a = await book({ date: "2027-03-09", time: "11:30" });
    const moved = await ask("POST", `/appointments/${String(a.body["id"])}/move`, { ref: ref(), date: "2027-03-09", time: "12:00", tell: true });
    const slip = (await slipsOf()).find((s) => s.kind === "tell");
    expect(slip).toMatchObject({ phone: "+19025550133" });
    expect(slip?.text).toContain("2027-03-09 12:00");
    await book({ date: "2027-03-09", time: "11:30" });
    expect((await undo(moved.body["undo"])).body["title"]).toBe("The time has been taken since");
    await ask("POST", `/slips/${slip?.id ?? ""}/done`);
    expect((await undo(moved.body["undo"])).body["title"]).toBe("The client has been told");
    expect((await one(a.body["id"])).appointment).toMatchObject({ told: true });
    expect((await undo(999_999)).status).toBe(409);
  });

  it("takes the slip away that said to tell somebody", async () => {
    const a = await book({ date: "2027-03-09", time: "17:00" });
    const gone = await ask("POST", `/appointments/${String(a.body["id"])}/cancel`, { ref: ref(), tell: true });
    const before = (await slipsOf()).filter((s) => s.kind === "tell").length;
    await undo(gone.body["undo"]);
    expect((await slipsOf()).filter((s) => s.kind === "tell").length).toBe(before - 1);
  });
});

describe("two managers", () => {
  it("who change the same appointment: the second is told how it stands, and nothing is lost", async () => {
    const { body } = await book({ date: "2027-04-13", time: "14:00" });
    const id = String(body["id"]);
    const seen = (await one(id)).appointment["sequence"];
    expect((await ask("POST", `/appointments/${id}/move`, { ref: ref(), time: "15:00", seen })).status).toBe(200);
    const late = await ask("POST", `/appointments/${id}/move`, { ref: ref(), time: "16:00", seen });
    expect(late.status).toBe(409);
    expect(late.body["detail"]).toContain("2027-04-13 15:00 with Maren Oduya");
    expect((await ask("POST", `/appointments/${id}/cancel`, { ref: ref(), seen })).status).toBe(409);
    expect((await one(id)).appointment).toMatchObject({ time: "15:00", status: "booked" });
  });

  it("who book the same place at once: one has it", async () => {
    const tries = await Promise.all(Array.from({ length: 12 }, () => book({ date: "2027-04-13", time: "18:00" })));
    expect(tries.map((r) => r.status).sort()).toEqual([201, ...Array.from({ length: 11 }, () => 409)]);
  });
});

describe("several at once", () => {
  const part = (service: string, length: number) => ({ service, length });

  it("books a visit of two services back to back, all or nothing", async () => {
    const { body } = await ask("POST", "/visits", {
      date: "2027-03-11",
      parts: [part("sports-massage", 60), part("acupuncture", 45)],
      how: "one-after-another",
    });
    const visits = body["visits"] as { parts: { service: string; length: number; staff: string; date: string; time: string }[] }[];
    expect(visits.length).toBeGreaterThan(1);
    const [first, second] = visits[0]?.parts ?? [];
    const made = await book({ ...first, also: [second], as: "visit", newClient: { name: "Two Things" } });
    expect(made.status).toBe(201);
    const all = made.body["all"] as { id: string }[];
    const [a, b] = [await one(all[0]?.id), await one(all[1]?.id)];
    expect(a.appointment["visit"]).toBe(b.appointment["visit"]);
    expect(a.appointment["to"]).toBe(b.appointment["from"]);
    // The second is taken now: the whole is refused, and the first is not booked either.
    const again = await book({
      service: "taping",
      length: 15,
      staff: "tobias",
      date: "2027-03-11",
      time: "08:00",
      also: [second],
      newClient: { name: "No One" },
    });
    expect(again.status).toBe(409);
    const day = (await ask("GET", "/day?date=2027-03-11")).body["appointments"] as { client: string }[];
    expect(day.some((x) => x.client === "No One")).toBe(false);
  });

  it("offers two people the same hour", async () => {
    const { body } = await ask("POST", "/visits", {
      date: "2027-03-11",
      parts: [part("relaxation-massage", 60), part("relaxation-massage", 60)],
      how: "same-time",
    });
    for (const v of body["visits"] as { parts: { time: string; staff: string; room: string }[] }[]) {
      expect(v.parts[0]?.time).toBe(v.parts[1]?.time);
      expect(v.parts[0]?.staff).not.toBe(v.parts[1]?.staff);
      expect(v.parts[0]?.room).not.toBe(v.parts[1]?.room);
    }
    expect((body["visits"] as unknown[]).length).toBeGreaterThan(0);
  });

  it("shows the weeks of a series that do not fit, and books the whole of it", async () => {
    await ask("POST", "/days", { ref: ref(), staff: "tobias", date: "2027-03-16", hours: [], reason: "Course" });
    const { body } = await ask("POST", "/series", {
      service: "follow-up",
      length: 30,
      staff: "tobias",
      date: "2027-03-02",
      time: "13:00",
      times: 4,
      everyWeeks: 1,
    });
    const weeks = body["weeks"] as { date: string; opening?: Body; instead: Body[] }[];
    expect(weeks.map((w) => w.opening !== undefined)).toEqual([true, true, false, true]);
    expect(weeks[2]?.instead.length).toBeGreaterThan(0);
    const [head, ...rest] = weeks.flatMap((w) => (w.opening ? [{ service: "follow-up", length: 30, ...w.opening }] : []));
    const made = await book({ ...head, also: rest, as: "series", newClient: { name: "Six Tuesdays" } });
    const ids = (made.body["all"] as { id: string }[]).map((x) => x.id);
    expect(ids.length).toBe(3);
    expect(new Set(await Promise.all(ids.map(async (id) => (await one(id)).appointment["series"]))).size).toBe(1);
  });
});

describe("ill at 7:45", () => {
  it("lists whom it touches, each with offers; moves and cancels tick off as told", async () => {
    const a = await book({
      service: "acupuncture",
      length: 45,
      staff: "priya",
      date: "2027-03-22",
      time: "11:00",
      client: undefined,
      newClient: { name: "Ilka Moss", phone: "902 555 0151" },
    });
    await book({ service: "acupuncture", length: 45, staff: "priya", date: "2027-03-22", time: "15:00", newClient: { name: "Jory Pine" } });
    const off = { staff: "priya", date: "2027-03-22", from: "00:00", to: "24:00", reason: "Ill", kind: "time-off" };
    const first = await ask("POST", "/blocks", { ref: ref(), ...off });
    expect(first.body).toMatchObject({ status: 409, under: 2 });
    const made = await ask("POST", "/blocks", { ref: ref(), ...off, anyway: true });
    expect(made.body).toMatchObject({ under: 2 });
    const list = async () =>
      (await ask("GET", `/blocks/${String(made.body["id"])}/touched`)).body["touched"] as {
        id: string;
        client: string;
        told?: boolean;
        offers: { staff: string; date: string; time: string }[];
      }[];
    const touched = await list();
    expect(touched.map((x) => x.client)).toEqual(["Ilka Moss", "Jory Pine"]);
    const offer = touched[0]?.offers[0];
    expect(offer?.date).not.toBe("2027-03-22");
    await ask("POST", `/appointments/${String(a.body["id"])}/move`, { ref: ref(), ...offer, tell: true });
    expect((await list()).map((x) => x.client)).toEqual(["Jory Pine"]);
    // The receptionist does not offer the day any more.
    const c = await talkTo(t.base);
    const said = await sayAll(c, "acupuncture on monday 22 march please");
    expect(said.replies.at(-1)?.text).not.toMatch(/22 March at/);
    expect((await ask("GET", "/blocks/nonsense/touched")).status).toBe(404);
  });
});

describe("single days", () => {
  it("act at once, for the house and for a person, and say what they touch before", async () => {
    const a = await book({ date: "2027-03-24", time: "15:00" });
    const shorter = { staff: "maren", date: "2027-03-24", hours: [{ from: "08:00", to: "12:00" }], reason: "Dentist" };
    const tried = await ask("POST", "/days", { ref: ref(), ...shorter, attempt: true });
    expect(tried.body["touched"]).toMatchObject([{ id: a.body["id"], why: "outside-hours" }]);
    expect((await ask("GET", "/day?date=2027-03-24")).body["single"]).toEqual([]);
    const made = await ask("POST", "/days", { ref: ref(), ...shorter });
    expect(made.status).toBe(201);
    const works = async () =>
      ((await ask("GET", "/day?date=2027-03-24")).body["staff"] as { id: string; works: { toMin: number }[] }[]).find((s) => s.id === "maren")?.works.at(-1)
        ?.toMin;
    expect(await works()).toBe(720);
    expect((await book({ date: "2027-03-24", time: "14:00" })).body["mayOverrule"]).toBe(true);
    await raw("DELETE", `/days/${String(made.body["id"])}`);
    expect(await works()).toBe(960);
    // A Sunday that is open, and a Thursday that is not.
    await ask("POST", "/days", { ref: ref(), date: "2027-04-01", hours: [], reason: "Burst pipe" });
    const c = await talkTo(t.base);
    const said = await sayAll(c, "are you open on thursday 1 april?");
    expect(said.replies.at(-1)?.text).toMatch(/closed/i);
    await ask("POST", "/days", { ref: ref(), date: "2027-03-07", hours: [{ from: "10:00", to: "12:00" }], reason: "Open house" });
    expect((await ask("GET", "/day?date=2027-03-07")).body).toMatchObject({ open: [{ fromMin: 600, toMin: 720 }], closed: null });
  });

  it.each([
    ["an end before its start", [{ from: "12:00", to: "08:00" }]],
    [
      "hours that overlap",
      [
        { from: "08:00", to: "12:00" },
        { from: "11:00", to: "13:00" },
      ],
    ],
  ])("refuse %s", async (_, hours) => {
    expect((await ask("POST", "/days", { ref: ref(), date: "2027-03-24", hours })).status).toBe(400);
  });
});

describe("around the sheet", () => {
  it("shows a week of person and day, how full each is", async () => {
    const { body } = await ask("GET", "/week?date=2027-02-26");
    const days = body["days"] as { date: string; closed: string | null; people: { staff: string; full: number; booked: number; worksMin: number }[] }[];
    expect(days.length).toBe(7);
    expect(days[6]?.closed).not.toBeNull();
    expect(days[4]?.people.find((x) => x.staff === "maren")).toMatchObject({ booked: 2, worksMin: 450, full: 13 });
  });

  it("says where an appointment could stand, and why not elsewhere", async () => {
    const { body } = await book({ date: "2027-03-26", time: "09:00", reason: "Good Friday, but the house knows" });
    expect(body["id"]).toBeDefined();
    const r = await book({ date: "2027-03-29", time: "08:00", reason: "x y" });
    const places = (await ask("GET", `/appointments/${String(r.body["id"])}/places?date=2027-03-31`)).body as {
      people: { staff: string; shut: { fromMin: number; toMin: number; why: string; never: boolean }[] }[];
    };
    const maren = places.people.find((x) => x.staff === "maren")?.shut ?? [];
    expect(maren).toContainEqual({ fromMin: 720, toMin: 750, why: "in the person’s break", never: false });
    expect(places.people.find((x) => x.staff === "nell")?.shut).toEqual([{ fromMin: 480, toMin: 1200, why: "this person does not do it", never: true }]);
  });

  it("knows who could take a walk-in now, and books it as arrived", async () => {
    await t.setNow("2027-03-02T11:07");
    const list = (await ask("GET", "/walk-ins")).body["walkIns"] as { service: string; length: number; staff: string; date: string; time: string }[];
    expect(list.length).toBeGreaterThan(2);
    for (const w of list) expect(w.time).toBe("11:05");
    const made = await book({ ...list[0], arrived: true, reason: "walk-in", newClient: { name: "Walk-in" } });
    expect(made.status).toBe(201);
    expect((await one(made.body["id"])).appointment).toMatchObject({ status: "arrived" });
    await t.setNow("2027-03-01T08:30");
  });

  it("gives a day's sheet as a file that other programs read", async () => {
    const r = await raw("GET", "/sheet.csv?date=2027-03-11");
    const rows: string[][] = parseCsv(await r.text());
    expect(rows[0]).toContain("client");
    expect(rows.some((x) => x.includes("Two Things"))).toBe(true);
    expect(r.headers.get("content-disposition")).toContain("2027-03-11");
  });

  it("offers the country's holidays, and knows which are on the house's own list", async () => {
    const list = (await ask("GET", "/holidays")).body["holidays"] as { date: string; name: string; closed: string | null }[];
    expect(list.find((h) => h.date === "2027-03-26")).toMatchObject({ name: "Good Friday", closed: "good-friday" });
    expect(list.length).toBeGreaterThan(5);
  });

  it("counts the gaps that each way of offering would have left", async () => {
    const { body } = await ask("GET", "/tidiness");
    expect(body).toMatchObject({ bookings: 2, now: "nearest" });
    expect((body["settings"] as { placed: number }[]).map((s) => s.placed)).toEqual([2, 2, 2]);
  });

  it("keeps a client whom only a person books", async () => {
    const found = (await ask("GET", "/clients?find=ana")).body["clients"] as { id: string }[];
    await ask("POST", `/clients/${found[0]?.id ?? ""}`, { byPersonOnly: true });
    const c = await talkTo(t.base);
    const said = await sayAll(c, "physio follow-up with maren on friday the 12th at 9, ana petrov, 902 555 0142");
    expect(said.state.outcomes).not.toContain("booked");
    expect(said.replies.at(-1)?.text).toMatch(/desk|person|someone|somebody/i);
    await ask("POST", `/clients/${found[0]?.id ?? ""}`, { byPersonOnly: false, phone: "902 555 0142" });
  });
});

describe("the book that exists already", () => {
  const send = async (kind: string, name: string, bytes: string | Uint8Array, fields: Record<string, string> = {}) => {
    const form = new FormData();
    form.set("ref", ref());
    for (const [k, v] of Object.entries(fields)) form.set(k, v);
    form.set("files", new Blob([typeof bytes === "string" ? bytes : new Uint8Array(bytes)]), name);
    const r = await fetch(`${t.base}/api/desk/exchange/${kind}`, { method: "POST", headers: { "x-gentian": "desk", cookie: desk.cookie }, body: form });
    return { status: r.status, body: (await r.json()) as Body };
  };
  const count = async (table: string): Promise<number> => {
    const { rows } = await t.app.db.raw<{ rows: { n: number }[] }>(`select count(*)::int as n from ${table} where house_id = ?`, [t.houseId]);
    return rows[0]?.n ?? 0;
  };

  it("is looked at line by line first, and nothing is half loaded", async () => {
    const csv = "\uFEFFName,Phone,E-mail\r\nLena Voss,902 555 0161,lena@mail.example\r\nNo Phone,12,\r\n,902 555 0162,\r\n";
    const before = await count("clients");
    const seen = await send("clients", "clients.csv", csv);
    expect(seen.body).toMatchObject({ of: 3, good: 1, wrong: 2, kept: false });
    expect((seen.body["faults"] as { line: number; column: string }[]).map((f) => `${f.line} ${f.column}`)).toEqual(["3 phone", "4 name"]);
    expect((await send("clients", "clients.csv", csv, { keep: "yes" })).status).toBe(409);
    expect(await count("clients")).toBe(before);
    const kept = await send("clients", "clients.csv", csv, { keep: "yes", without: "yes" });
    expect(kept.body).toMatchObject({ kept: true, clients: 1 });
    expect((await send("clients", "clients.csv", csv, { keep: "yes", without: "yes" })).body).toMatchObject({ clients: 0, known: 1 });
  });

  it("brings coming appointments with their clients from a spreadsheet with formulas, merged cells and a title above", async () => {
    const workbook = new ExcelJS.Workbook();
    const sheet = workbook.addWorksheet("book");
    sheet.addRow(["Our book"]);
    sheet.mergeCells("A1:F1");
    sheet.addRow(["Date", "Time", "Service", "Length", "With", "Client", "Phone"]);
    sheet.addRow(["2027-04-07", "9:00 am", "Taping", { formula: "5*3", result: 15 }, "Maren", "Olga Reis", "902 555 0171"]);
    sheet.addRow([new Date(Date.UTC(2027, 3, 7)), "09:00", "Kinesio tape", 15, "Maren Oduya", "Pim Reis", "902 555 0172"]);
    sheet.addRow(["4/8/2027", "18:00", "Sports massage", "1 h", "Nell", "Quin Day", ""]);
    sheet.addRow(["2027-04-08", "25:00", "Haircut", 15, "Zed", "R", ""]);
    const bytes = new Uint8Array(await workbook.xlsx.writeBuffer());
    const seen = await send("appointments", "book.xlsx", bytes);
    expect(seen.body).toMatchObject({ of: 4, good: 2, wrong: 2 });
    expect((seen.body["faults"] as { line: number; message: string }[]).filter((f) => f.line === 3)).toEqual([
      { line: 3, column: "time", message: "the person has something else then" },
    ]);
    // What only the rules would refuse comes in as it stood, and is noted.
    expect((seen.body["shown"] as string[][]).find((l) => l[1] === "Quin Day")?.at(-1)).toContain("outside of the person’s hours");
    const before = await count("appointments");
    const kept = await send("appointments", "book.xlsx", bytes, { keep: "yes", without: "yes" });
    expect(kept.body).toMatchObject({ kept: true, appointments: 2, clients: 2 });
    expect(await count("appointments")).toBe(before + 2);
    expect((await ask("GET", "/day?date=2027-04-07")).body["appointments"]).toMatchObject([{ client: "Olga Reis", time: "09:00", lengthMin: 15 }]);
  });

  it("takes services and prices into the draft", async () => {
    const csv =
      "service,length,price,staff,room\nHot stones,60,$110.00,Nell and Joaquim,Massage\nHot stones,90,$150,Nell,Massage\nTaping,15,$27,,\nBad,abc,-5,Nobody,Cellar\n";
    const seen = await send("services", "prices.csv", csv);
    expect((seen.body["faults"] as { column: string }[]).map((f) => f.column).sort()).toEqual(["length", "price", "room", "staff"]);
    expect((await send("services", "prices.csv", csv, { keep: "yes", without: "yes" })).body).toMatchObject({ services: 2 });
    const draft = (await ask("GET", "/draft")).body["draft"] as { services: { name: string; staff: string[]; variants: Body[]; pool: string }[] };
    expect(draft.services.find((s) => s.name === "Hot stones")).toMatchObject({
      staff: ["nell", "joaquim"],
      pool: "Massage",
      variants: [
        { lengthMin: 60, priceMinor: 11000 },
        { lengthMin: 90, priceMinor: 15000 },
      ],
    });
    expect(draft.services.find((s) => s.name === "Taping")).toMatchObject({ staff: ["maren", "tobias"], variants: [{ lengthMin: 15, priceMinor: 2700 }] });
  });

  it("survives 20,000 lines of which half are wrong", async () => {
    const csv = [
      "name,phone",
      ...Array.from({ length: 20_000 }, (_, i) => (i % 2 ? `Client ${i},902 555 01${String(i % 100).padStart(2, "0")}` : `Client ${i},no number`)),
    ].join("\n");
    const seen = await send("clients", "many.csv", csv);
    expect(seen.body).toMatchObject({ of: 20_000, good: 10_000, wrong: 10_000 });
    expect((seen.body["faults"] as unknown[]).length).toBe(200);
  });

  it.each([
    ["no table at all", "letter.pdf", "%PDF-1.4 nothing", 400],
    ["an empty file", "empty.csv", "", 400],
  ])("says what to do about %s", async (_, name, bytes, status) => {
    const r = await send("clients", name, bytes);
    expect(r.status).toBe(status);
    expect(String(r.body["detail"])).toMatch(/bring|Save/);
  });

  it("says which heading is missing", async () => {
    const { body } = await send("appointments", "x.csv", "when,what\n2027-04-07,Taping\n");
    expect(body["faults"]).toMatchObject([{ line: 1, column: "date" }, { column: "time" }, { column: "staff" }, { column: "name or first or last" }]);
  });

  it.each(["services", "clients", "appointments"])("gives %s out so that they come in again", async (kind) => {
    const csv = await (await raw("GET", `/exchange/${kind}.csv`)).text();
    const rows: string[][] = parseCsv(csv);
    expect(rows.length).toBeGreaterThan(1);
    expect(csv).toMatch(/\r\n/);
    const seen = await send(kind, "out.csv", csv);
    // Appointments meet themselves in the book; their lines are understood all the same.
    const faults = (seen.body["faults"] as { message: string }[]).filter((f) => !/something else|no room|class/.test(f.message));
    expect(faults).toEqual([]);
    const xlsx = new Uint8Array(await (await raw("GET", `/exchange/${kind}.xlsx`)).arrayBuffer());
    expect((await send(kind, "out.xlsx", xlsx)).body["of"]).toBe(seen.body["of"]);
  });
});

describe("feeds", () => {
  const feeds = async () => (await ask("GET", "/me")).body["feeds"] as { staff: string | null; path: string }[];
  const textOf = async (staff: string | null) => (await fetch(`${t.base}${(await feeds()).find((f) => f.staff === staff)?.path ?? ""}`)).text();

  it("are read without complaint by ical.js and by Debian's python3-icalendar, alike", async () => {
    await book({
      date: "2027-04-28",
      time: "09:00",
      newClient: { name: "Zoë, the “first”; O'Neil\\Ümit with a name that is longer than a line of a calendar may be" },
    });
    for (const staff of [null, "maren"]) {
      const text = await textOf(staff);
      const events = new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents("vevent").map((e) => new ICAL.Event(e));
      const python = spawnSync(
        "/usr/bin/python3",
        [
          "-c",
          "import sys, json, icalendar\ncal = icalendar.Calendar.from_ical(sys.stdin.buffer.read())\nprint(json.dumps([[str(e['UID']), str(e['SUMMARY']), e['DTSTART'].dt.strftime('%Y%m%dT%H%M%SZ'), int(e['SEQUENCE']), [x[0] for x in e.errors]] for e in cal.walk('VEVENT')]))",
        ],
        { input: text, encoding: "utf8" },
      );
      expect(python.stderr).toBe("");
      const theirs = JSON.parse(python.stdout) as [string, string, string, number, string[]][];
      expect(theirs.length).toBeGreaterThan(3);
      expect(theirs.map((e) => e.slice(0, 4))).toEqual(events.map((e) => [e.uid, e.summary, e.startDate.toICALString(), Number(e.sequence)]));
      expect(theirs.flatMap((e) => e[4])).toEqual([]);
      for (const line of text.split("\r\n")) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
    }
  });

  it("keep the UID and raise the SEQUENCE with every move", async () => {
    const made = await book({ date: "2027-04-29", time: "09:00", staff: "tobias", newClient: { name: "Moves Often" } });
    const own = async () => {
      const all = new ICAL.Component(ICAL.parse(await textOf("tobias")) as unknown[]).getAllSubcomponents("vevent").map((e) => new ICAL.Event(e));
      return all.find((e) => e.uid.includes(String(made.body["id"])));
    };
    const before = await own();
    await ask("POST", `/appointments/${String(made.body["id"])}/move`, { ref: ref(), time: "10:00" });
    const after = await own();
    expect(after?.uid).toBe(before?.uid);
    expect(Number(after?.sequence)).toBe(Number(before?.sequence) + 1);
    expect((await fetch(`${t.base}/api/v1/calendars/not-a-key.ics`)).status).toBe(404);
  });
});

describe("zones", () => {
  // PostgreSQL's AT TIME ZONE, by its own copy of IANA's data, against Temporal's by way of the core: every hour of a year.
  it.each(["America/Halifax", "Europe/Berlin", "Australia/Lord_Howe"])("%s: PostgreSQL and the core agree at every hour of a year", async (id) => {
    const { rows } = await t.app.db.raw<{ rows: { at: string; wall: string }[] }>(
      "select extract(epoch from h) / 60 as at, to_char(h at time zone ?, 'YYYY-MM-DD HH24:MI') as wall from generate_series('2027-01-01T00:00Z'::timestamptz, '2027-12-31T23:00Z', '1 hour') h",
      [id],
    );
    expect(rows.length).toBe(8760);
    const zone = zoneOf(id);
    const differ = rows.filter((r) => {
      const l = zone.toLocal(Number(r.at));
      return `${isoOfDay(l.day)} ${clockText(l.minute)}` !== r.wall;
    });
    expect(differ).toEqual([]);
  });
});

describe("the draft", () => {
  it("says which coming appointments would fall outside of it", async () => {
    const a = await book({ date: "2027-04-12", time: "15:00" });
    const before = (await ask("GET", "/draft")).body as { rev: number };
    const changed = await ask("POST", "/draft/changes", {
      base: before.rev,
      change: { op: "set", path: ["staff", "maren", "hours"], value: [{ id: "m", weekdays: ["Monday"], from: "08:00", to: "12:00" }] },
    });
    expect(changed.status).toBe(200);
    const { body } = await ask("GET", "/draft/touches");
    expect(body["touched"]).toContainEqual(expect.objectContaining({ id: a.body["id"], why: "outside-hours" }));
  });
});
