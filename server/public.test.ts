import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { epochMinOf, rfc3339 } from "@gentian/core/time/zone";
import { openApp } from "./app.ts";
import { appointmentsBetween } from "./data/appointments.ts";
import { sweep } from "./jobs/sweep.ts";
import { openTestHouse, sayAll, talkTo, type Answer, type TestHouse } from "./testing/house.ts";

const book = {
  clients: [{ id: "ana", name: "Ana Petrov", phone: "+19025550142", assessed: true, saysSo: false, note: "", answers: {} }],
  appointments: [
    { id: "needles", client: "ana", service: "acupuncture", lengthMin: 45, staff: "priya", start: "2027-03-04T16:00", status: "booked" as const },
    { id: "today", client: "ana", service: "follow-up", lengthMin: 30, staff: "maren", start: "2027-03-01T15:00", status: "booked" as const },
  ],
  absences: [],
};
let t: TestHouse;
beforeAll(async () => {
  t = await openTestHouse(inject("databaseUrl"), "public_interface", book);
});
afterAll(() => t.stop());

const all = async () => appointmentsBetween(t.app.db, t.houseId, t.nowMin - 1440, t.nowMin + 90 * 1440);
const json = async (path: string, init?: RequestInit) => {
  const r = await fetch(`${t.base}${path}`, init);
  return { status: r.status, type: r.headers.get("content-type") ?? "", body: (await r.json()) as Answer & Record<string, unknown> };
};

describe("a conversation over HTTP", () => {
  it("books, and says so only with the appointment that stands in the calendar", async () => {
    const c = await talkTo(t.base);
    expect(c.replies[0]?.text).toContain("good morning");
    const offered = await sayAll(
      c,
      "relaxation massage for an hour with Nell this Wednesday at ten, Freya Pound, 902 555 0107",
      "yes",
      "no",
      "shoulders",
      "a week",
      "no",
      "no plan",
    );
    expect(offered.replies.at(-1)?.expects).toBe("go-ahead");
    const done = await sayAll(c, "yes please");
    const a = done.replies.at(-1)?.appointment as Record<string, unknown>;
    expect(a).toMatchObject({
      service: "Relaxation massage",
      length_min: 60,
      staff: "Eleanor Fairweather",
      start: "2027-03-03T10:00:00-04:00",
      end: "2027-03-03T11:00:00-04:00",
      status: "booked",
      price: { minor: 9000, currency: "CAD" },
      client: { name: "Freya Pound", phone: "+19025550107" },
    });
    expect(done.state).toMatchObject({ outcome: "booked", outcomes: ["booked"] });
    const row = (await all()).find((x) => x.id === a["id"]);
    expect(row && rfc3339(t.house.zone, row.startMin)).toBe(a["start"]);
    expect(row).toMatchObject({ status: "booked", madeBy: "receptionist", clientName: "Freya Pound" });
  });

  it("moves and keeps the id; cancels late with the fee on the slip", async () => {
    const c = await talkTo(t.base);
    const moved = await sayAll(c, "move my acupuncture to next tuesday at 11, Ana Petrov 902 555 0142", "the 9th", "yes");
    const id = (await all()).find((x) => x.extId === "needles")?.id;
    expect(moved.replies.at(-1)?.appointment).toMatchObject({ id, status: "moved", start: "2027-03-09T11:00:00-04:00" });
    const late = await sayAll(c, "and cancel my visit today", "yes");
    expect(late.replies.at(-1)?.appointment).toMatchObject({ status: "cancelled" });
    expect(late.state.outcome).toBe("cancelled");
    const { rows } = await t.app.db.raw<{ rows: { fee_minor: number; status: string }[] }>("select fee_minor, status from appointments where ext_id = 'today'");
    expect(rows).toEqual([{ fee_minor: 3750, status: "cancelled" }]);
  });

  it("does the same ref once and answers it the same", async () => {
    const c = await talkTo(t.base);
    await sayAll(c, "acupuncture this thursday at ten in the morning", "Ana Petrov", "902 555 0142");
    const before = (await all()).length;
    const [a, b] = await Promise.all([c.say("yes", "ref-1"), c.say("yes", "ref-1")]);
    const again = await c.say("yes", "ref-1");
    expect(b.body).toEqual(a.body);
    expect(again.body).toEqual(a.body);
    expect(a.body.replies.at(-1)?.appointment).toMatchObject({ status: "booked" });
    expect((await all()).filter((x) => x.status === "booked").length).toBe(before);
  });

  it("gives all that was said again, with the state", async () => {
    const c = await talkTo(t.base);
    await sayAll(c, "is there parking?");
    const r = await json(`/api/v1/conversations/${c.id}`, { headers: { authorization: `Bearer ${c.token}` } });
    expect((r.body["said"] as { from: string }[]).map((s) => s.from)).toEqual(["receptionist", "client", "receptionist"]);
    expect(r.body.replies).toHaveLength(2);
    expect(r.body.state.outcome).toBe("answered");
  });

  it("is heard on its stream when a person answers from the desk", async () => {
    const c = await talkTo(t.base);
    const stop = new AbortController();
    const res = await fetch(`${t.base}/api/v1/conversations/${c.id}/stream`, { headers: { authorization: `Bearer ${c.token}` }, signal: stop.signal });
    const reader = res.body?.pipeThrough(new TextDecoderStream()).getReader();
    await t.app.talk.takeOver(t.houseId, c.id, { id: "00000000-0000-4000-8000-000000000000", name: "Mina" }).catch(async () => {
      await t.app.db.raw("update conversations set state = jsonb_set(state, '{status}', '\"with-desk\"'), status = 'with-desk' where id = ?", [c.id]);
    });
    await t.app.talk.deskSays(t.houseId, c.id, { name: "Mina" }, "Hello, Mina here.");
    let seen = "";
    while (!seen.includes("Mina here")) {
      const part = await reader?.read();
      if (!part || part.done) break;
      seen += part.value;
    }
    stop.abort();
    expect(seen).toContain("event: reply");
    expect(seen).toContain('"from":"desk"');
    expect(seen).toContain("event: state");
  });
});

describe("bad input", () => {
  const post = (path: string, body: unknown, token?: string) =>
    json(path, {
      method: "POST",
      headers: { "content-type": "application/json", ...(token ? { authorization: `Bearer ${token}` } : {}) },
      body: typeof body === "string" ? body : JSON.stringify(body),
    });

  it("is told what is wrong and where, as a problem document", async () => {
    const c = await talkTo(t.base);
    const path = `/api/v1/conversations/${c.id}/messages`;
    const cases: [Promise<Awaited<ReturnType<typeof post>>>, number][] = [
      [post(path, { text: "" }, c.token), 400],
      [post(path, { text: "   " }, c.token), 400],
      [post(path, { text: "x".repeat(10_000) }, c.token), 400],
      [post(path, { words: "hi" }, c.token), 400],
      [post(path, "{not json", c.token), 400],
      [post(path, { text: "x".repeat(80_000) }, c.token), 413],
      [post(path, { text: "hi" }), 401],
      [post(path, { text: "hi" }, "wrong"), 401],
      [post("/api/v1/conversations/00000000-0000-4000-8000-000000000000/messages", { text: "hi" }, c.token), 404],
      [post("/api/v1/conversations/' or 1=1/messages", { text: "hi" }, c.token), 404],
      [post("/api/v1/lines/no-such-line/conversations", {}), 404],
      [post("/api/v1/lines/ternbay-web/conversations", { channel: "pigeon" }), 400],
      [post(`/api/v1/conversations/${c.id}/events`, { kind: "sneeze" }, c.token), 400],
    ];
    for (const [request, status] of cases) {
      const r = await request;
      expect(r.status).toBe(status);
      expect(r.type).toContain("application/problem+json");
      expect(r.body).toMatchObject({ status, type: "about:blank" });
      expect(JSON.stringify(r.body)).not.toMatch(/at .*\.ts|node_modules/);
    }
    expect((await c.say("is there parking?")).status).toBe(200);
  });

  it("is 409 when the conversation is closed", async () => {
    const c = await talkTo(t.base);
    await sayAll(c, "thanks, bye");
    expect((await c.say("hello?")).status).toBe(409);
  });

  it.each([
    "😀😀😀",
    "<script>alert(1)</script>",
    "'; drop table appointments; --",
    "\u0000\u0007\u001b[31m",
    "\u202Ereversed\u202C",
    "ﷺ ".repeat(200),
    "a\n".repeat(1500),
  ])("survives %j in a message and as a name", async (text) => {
    const c = await talkTo(t.base);
    expect((await c.say(text)).status).toBe(200);
    const d = await talkTo(t.base);
    await sayAll(d, "acupuncture on thursday the 18th at 10:00");
    expect((await d.say(text)).status).toBe(200);
    const r = await t.app.db.raw<{ rows: { n: number }[] }>("select count(*)::int as n from appointments");
    expect(r.rows[0]?.n).toBeGreaterThan(0);
  });

  it("says of a past day that it has passed", async () => {
    const c = await talkTo(t.base);
    expect((await sayAll(c, "acupuncture on 2027-02-15 please")).replies.at(-1)?.text).toMatch(/passed/);
  });
});

describe("two people and one chair", () => {
  it("gives one opening to one of ten who choose it at once, and offers the others another", async () => {
    const talks = await Promise.all(Array.from({ length: 10 }, () => talkTo(t.base)));
    await Promise.all(talks.map((c) => c.say("sports massage for half an hour with Joaquim on friday the 12th after 3")));
    const answers = await Promise.all(talks.map((c) => c.say("the first one")));
    const kept = answers.filter((a) => a.body.replies.at(-1)?.expects === "name");
    const told = answers.filter((a) => a.body.replies.some((r) => /taken|gone/.test(r.text)));
    expect(kept).toHaveLength(1);
    expect(told).toHaveLength(9);
    for (const a of told) expect(a.body.replies.at(-1)?.choices?.length).toBeGreaterThan(1);
    const { rows } = await t.app.db.raw<{ rows: { n: number }[] }>("select count(*)::int as n from appointments where status = 'held' and staff = 'joaquim'");
    expect(rows[0]?.n).toBe(1);
  });

  it("never takes more places in a class than there are", async () => {
    const talks = await Promise.all(Array.from({ length: 6 }, () => talkTo(t.base)));
    await Promise.all(talks.map((c) => c.say("two places in the mat class on monday the 15th")));
    await Promise.all(talks.map((c) => c.say("yes")));
    const { rows } = await t.app.db.raw<{ rows: { n: string }[] }>("select sum(places) as n from appointments where kind = 'place' and status = 'held'");
    expect(Number(rows[0]?.n)).toBe(8);
  });

  it("is refused by the database itself, whatever the application thinks", async () => {
    const insert = (staff: string, room: string) =>
      t.app.db.raw(
        `insert into appointments (house_id, kind, status, service, length_min, staff, room, during, room_during, starts, visit_end, made_by, rev, made_at)
         values (?, 'visit', 'booked', 'taping', 15, ?, ?, tstzrange('2027-06-01T10:00Z', '2027-06-01T10:30Z'), tstzrange('2027-06-01T10:00Z', '2027-06-01T10:30Z'), '2027-06-01T10:00Z', '2027-06-01T10:15Z', 'test', 1, now())`,
        [t.houseId, staff, room],
      );
    await insert("maren", "treatment-1");
    await expect(insert("maren", "treatment-2")).rejects.toMatchObject({ code: "23P01" });
    await expect(insert("tobias", "treatment-1")).rejects.toMatchObject({ code: "23P01" });
    await insert("tobias", "treatment-2");
  });
});

describe("a server that is killed between hold and booking", () => {
  it("leaves nothing half done: another process goes on, and the hold lapses in time", async () => {
    const c = await talkTo(t.base);
    await sayAll(c, "acupuncture on thursday the 25th at 11:00");
    const held = async () => (await all()).filter((a) => a.status === "held" && a.startMin === epochMinOf(t.house.zone, "2027-03-25T11:00"));
    expect(await held()).toHaveLength(1);
    // Another process on the same database stands in for the one that died: nothing of the first one's memory is used.
    const other = await openApp({ ...t.app.options });
    try {
      const answer = await other.talk.say(c.id, c.token, "Ana Petrov, 902 555 0142");
      expect(answer.replies.at(-1)?.expects).toBe("go-ahead");
      await t.setNow("2027-03-01T08:45");
      await sweep(other);
      expect(await held()).toHaveLength(0);
      // The time is still open, so the go-ahead books it all the same.
      const done = await other.talk.say(c.id, c.token, "yes");
      expect(done.replies.at(-1)?.appointment).toMatchObject({ status: "booked", start: "2027-03-25T11:00:00-03:00" });
    } finally {
      await t.setNow("2027-03-01T08:30");
      await other.close();
    }
  });

  it("says that the time is gone when somebody else took it after the hold lapsed", async () => {
    const c = await talkTo(t.base);
    await sayAll(c, "acupuncture on thursday the 25th at 14:00", "Ana Petrov, 902 555 0142");
    await t.setNow("2027-03-01T08:45");
    const d = await talkTo(t.base);
    await sayAll(d, "acupuncture on thursday the 25th at 14:00");
    const late = await sayAll(c, "yes");
    await t.setNow("2027-03-01T08:30");
    expect(late.replies.map((r) => r.text).join(" ")).toMatch(/taken|gone/i);
    expect(late.state.outcomes).not.toContain("booked");
  });
});

describe("what is told of the interface and the line", () => {
  it("is an OpenAPI 3.1 document with every path", async () => {
    const { body } = await json("/api/v1/openapi.json");
    expect(body["openapi"]).toBe("3.1.0");
    expect(Object.keys(body["paths"] as object).sort()).toEqual([
      "/calendars/{key}.ics",
      "/conversations/{id}",
      "/conversations/{id}/events",
      "/conversations/{id}/messages",
      "/conversations/{id}/stream",
      "/lines/{line}",
      "/lines/{line}/conversations",
    ]);
  });

  it("tells the house, whether the line is open, and the questions", async () => {
    const { body } = await json("/api/v1/lines/ternbay-web");
    expect(body).toMatchObject({ house: "Tern Bay Physiotherapy & Massage", open: true, languages: ["en-CA", "fr-CA"] });
    expect((body["questions"] as { key: string }[]).map((q) => q.key)).toContain("pacemaker");
  });

  it("has headers that keep the desk in its own window", async () => {
    const r = await fetch(`${t.base}/healthz`);
    expect(r.headers.get("content-security-policy")).toContain("frame-ancestors 'none'");
    expect(r.headers.get("x-content-type-options")).toBe("nosniff");
    expect(r.headers.get("x-powered-by")).toBeNull();
  });
});
