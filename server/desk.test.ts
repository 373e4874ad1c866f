import ICAL from "ical.js";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { AtDesk, ref } from "./testing/desk.ts";
import { openTestHouse, sayAll, talkTo, type TestHouse } from "./testing/house.ts";

let t: TestHouse;
const desk = new AtDesk(() => t);
const { raw, ask } = desk;

beforeAll(async () => {
  t = await openTestHouse(inject("databaseUrl"), "desk_interface", {
    clients: [{ id: "ana", name: "Ana Petrov", phone: "+19025550142", assessed: true, saysSo: false, note: "", answers: {} }],
    appointments: [{ id: "a1", client: "ana", service: "acupuncture", lengthMin: 45, staff: "priya", start: "2027-03-01T14:00", status: "booked" }],
    absences: [{ id: "b1", staff: "nell", from: "2027-03-02T09:00", to: "2027-03-02T17:00", reason: "Course" }],
  });
  await desk.account();
  await desk.signIn("MINA@ternbay.example");
});
afterAll(() => t.stop());

describe("the door", () => {
  it("keeps a session in the database, in a cookie that scripts cannot read", async () => {
    expect(desk.cookie).toMatch(/^gentian=/);
    const r = await raw("POST", "/sign-in", { email: "mina@ternbay.example", password: "a long pass phrase" }, { cookie: "" });
    expect(r.headers.get("set-cookie")).toMatch(/HttpOnly/);
    expect(r.headers.get("set-cookie")).toMatch(/SameSite=Lax/);
    const { rows } = await t.app.db.raw<{ rows: { n: number }[] }>("select count(*)::int as n from session");
    expect(rows[0]?.n).toBeGreaterThan(0);
  });

  it("refuses who is not signed in, who comes from another page, and a wrong password; and slows down who keeps trying", async () => {
    expect((await raw("GET", "/day", undefined, { cookie: "" })).status).toBe(401);
    expect((await raw("POST", "/blocks", {}, { "x-gentian": "" })).status).toBe(403);
    const tries: number[] = [];
    for (let i = 0; i < 7; i++) tries.push((await raw("POST", "/sign-in", { email: "mina@ternbay.example", password: "wrong" }, { cookie: "" })).status);
    expect(tries.slice(0, 5).every((s) => s === 401)).toBe(true);
    expect(tries.at(-1)).toBe(429);
  });

  it("says the same of a wrong password as of an unknown address", async () => {
    const problem = async (email: string) => (await (await raw("POST", "/sign-in", { email, password: "x" }, { cookie: "" })).json()) as object;
    expect(await problem("mina@ternbay.example")).toEqual(await problem("nobody@ternbay.example"));
  });
});

describe("the day sheet", () => {
  it("shows people, appointments, breaks, classes and what is blocked", async () => {
    const { body } = await ask("GET", "/day?date=2027-03-01");
    expect(body).toMatchObject({ date: "2027-03-01", closed: null });
    expect((body["appointments"] as { client: string; from: number }[])[0]).toMatchObject({ client: "Ana Petrov", from: 840 });
    expect(body["classes"]).toEqual([{ service: "mat-class", name: "Mat class", staff: "hanneke", room: "studio", from: 1050, to: 1100, places: 8 }]);
    const next = await ask("GET", "/day?date=2027-03-02");
    expect(next.body["blocks"]).toMatchObject([{ staff: "nell", from: 540, to: 1020, reason: "Course" }]);
    expect((await ask("GET", "/day?date=yesterday")).status).toBe(400);
  });

  it("has a slip's client, history and what was done", async () => {
    const day = await ask("GET", "/day?date=2027-03-01");
    const id = (day.body["appointments"] as { id: string }[])[0]?.id ?? "";
    const { body } = await ask("GET", `/appointments/${id}`);
    expect(body["client"]).toMatchObject({ name: "Ana Petrov", assessed: true });
    expect((await ask("GET", "/appointments/nonsense")).status).toBe(404);
  });
});

describe("by hand", () => {
  const booking = (more: object = {}) => ({
    ref: ref(),
    service: "taping",
    length: 15,
    staff: "maren",
    date: "2027-03-03",
    time: "09:00",
    newClient: { name: "Gil Frost", phone: "902 555 0133" },
    ...more,
  });

  it("books once per ref, where it is open, and audits it", async () => {
    const b = booking();
    const [one, two] = [await ask("POST", "/appointments", b), await ask("POST", "/appointments", b)];
    expect(one.status).toBe(201);
    expect(two.body).toEqual(one.body);
    const { rows } = await t.app.db.raw<{ rows: { action: string; actor: string }[] }>("select action, actor from audit where subject = ?", [
      String(one.body["id"]),
    ]);
    expect(rows).toEqual([{ action: "booked", actor: "Mina" }]);
    expect((await ask("POST", "/appointments", booking())).status).toBe(409);
  });

  it.each([
    ["a person who does not do it", { staff: "nell" }, 409],
    ["a length it does not come in", { length: 20 }, 400],
    ["no service", { service: "haircut" }, 400],
    ["a number that is none", { newClient: { name: "X", phone: "12" } }, 400],
    ["no name", { newClient: { name: " " } }, 400],
    ["an hour when she is not in", { time: "18:00" }, 409],
    ["a date that is none", { date: "2027-02-30" }, 400],
  ])("refuses %s", async (_, more, status) => {
    expect((await ask("POST", "/appointments", booking({ time: "10:00", ...more }))).status).toBe(status);
  });

  it("moves and cancels what stands, and leaves alone what has changed", async () => {
    const made = await ask("POST", "/appointments", booking({ date: "2027-03-05", time: "11:00" }));
    const id = String(made.body["id"]);
    expect((await ask("POST", `/appointments/${id}/move`, { ref: ref(), staff: "maren", date: "2027-03-05", time: "11:15" })).status).toBe(200);
    expect((await ask("POST", `/appointments/${id}/move`, { ref: ref(), staff: "maren", date: "2027-03-05", time: "12:00" })).status).toBe(409);
    expect((await ask("POST", `/appointments/${id}/cancel`, { ref: ref() })).status).toBe(200);
    expect((await ask("POST", `/appointments/${id}/cancel`, { ref: ref() })).status).toBe(409);
  });

  it("blocks time where nothing lies, so that the receptionist does not offer it, and frees it again", async () => {
    const under = await ask("POST", "/blocks", { ref: ref(), staff: "priya", date: "2027-03-01", from: "13:00", to: "15:00", reason: "Dentist" });
    expect(under.status).toBe(409);
    const made = await ask("POST", "/blocks", { ref: ref(), staff: "priya", date: "2027-03-04", from: "10:00", to: "18:00", reason: "Dentist" });
    expect(made.status).toBe(201);
    const offered = async () => (await sayAll(await talkTo(t.base), "acupuncture on thursday the 4th")).replies.at(-1)?.text ?? "";
    expect(await offered()).not.toContain("Thursday 4 March at");
    expect((await ask("DELETE", `/blocks/${String(made.body["id"])}`)).status).toBe(200);
    expect(await offered()).toContain("Thursday 4 March at");
    expect((await ask("POST", "/blocks", { ref: ref(), staff: "priya", date: "2027-03-04", from: "12:00", to: "11:00" })).status).toBe(400);
  });

  it("finds clients by name or number", async () => {
    const names = async (find: string) =>
      ((await ask("GET", `/clients?find=${encodeURIComponent(find)}`)).body["clients"] as { name: string }[]).map((c) => c.name);
    expect(await names("petr")).toEqual(["Ana Petrov"]);
    expect(await names("0142")).toEqual(["Ana Petrov"]);
    expect(await names("%")).toEqual([]);
  });
});

describe("waiting, talking, logbook", () => {
  it("brings a message to the desk, and undoes its being done", async () => {
    await sayAll(await talkTo(t.base), "I'd like to leave a message for Mina", "my invoice is missing", "Lou Weir", "902 555 0150");
    const waiting = async () =>
      ((await ask("GET", "/now")).body["waiting"] as { id: string; text: string; name: string }[]).filter((w) => w.text === "my invoice is missing");
    const [slip] = await waiting();
    expect(slip?.name).toBe("Lou Weir");
    await ask("POST", `/slips/${slip?.id ?? ""}/done`);
    expect(await waiting()).toEqual([]);
    await ask("POST", `/slips/${slip?.id ?? ""}/undo`);
    expect(await waiting()).toHaveLength(1);
  });

  it("lets a person take over, write, and hand back", async () => {
    const c = await talkTo(t.base);
    await sayAll(c, "can I talk to a person");
    const path = `/conversations/${c.id}`;
    expect((await ask("POST", `${path}/take-over`)).status).toBe(200);
    expect((await ask("POST", `${path}/say`, { text: "Hello, this is Mina." })).status).toBe(200);
    expect((await c.say("oh good")).body.replies).toEqual([]);
    expect((await ask("POST", `${path}/hand-back`)).status).toBe(200);
    expect((await c.say("is there parking?")).body.replies.at(-1)?.text).toContain("parking");
    const script = await ask("GET", path);
    expect((script.body["turns"] as { who: string }[]).map((x) => x.who)).toContain("desk");
  });

  it("keeps every reply's reasons in the logbook", async () => {
    const c = await talkTo(t.base);
    await sayAll(c, "what does taping cost?");
    const { body } = await ask("GET", `/conversations/${c.id}`);
    const reasons = (body["turns"] as { who: string; reasons: { what: string }[] | null }[]).at(-1)?.reasons?.map((r) => r.what);
    expect(reasons).toEqual(expect.arrayContaining(["errand", "read", "source", "rule"]));
    const log = await ask("GET", "/logbook?date=2027-03-01");
    expect((log.body["conversations"] as { id: string }[]).some((x) => x.id === c.id)).toBe(true);
  });
});

describe("feeds", () => {
  // RFC 5545, read back by ical.js as an independent reader.
  it("are read by ical.js without complaint, folded at 75 octets", async () => {
    const me = await ask("GET", "/me");
    const feeds = me.body["feeds"] as { staff: string | null; path: string }[];
    const text = await (await fetch(`${t.base}${feeds.find((f) => f.staff === null)?.path ?? ""}`)).text();
    expect(text.split("\r\n").every((l) => Buffer.byteLength(l) <= 75)).toBe(true);
    const calendar = new ICAL.Component(ICAL.parse(text) as unknown[]);
    const events = calendar.getAllSubcomponents("vevent").map((e) => new ICAL.Event(e));
    const needles = events.find((e) => e.summary.startsWith("Acupuncture"));
    expect(needles?.startDate.toJSDate().toISOString()).toBe("2027-03-01T18:00:00.000Z");
    expect(new Set(events.map((e) => e.uid)).size).toBe(events.length);
    expect((await fetch(`${t.base}/api/v1/calendars/guess.ics`)).status).toBe(404);
  });
});
