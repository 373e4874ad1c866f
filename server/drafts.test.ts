import { readFileSync } from "node:fs";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { draftSchema, type Draft } from "@gentian/core/house/draft";
import type { Change } from "@gentian/core/house/change";
import { insertAccount } from "./data/accounts.ts";
import { sweep } from "./jobs/sweep.ts";
import { passwordHash } from "./http/session.ts";
import { openTestHouse, type TestHouse } from "./testing/house.ts";

let t: TestHouse;
let mina: Hand;
let bea: Hand;

/** A signed-in manager. */
class Hand {
  cookie = "";
  async signIn(email: string, password: string): Promise<this> {
    const r = await fetch(`${t.base}/api/desk/sign-in`, {
      method: "POST",
      headers: { "content-type": "application/json", "x-gentian": "desk" },
      body: JSON.stringify({ email, password }),
    });
    expect(r.status).toBe(200);
    this.cookie = (r.headers.get("set-cookie") ?? "").split(";")[0] ?? "";
    return this;
  }
  async ask<T = Record<string, unknown>>(method: string, path: string, body?: unknown): Promise<{ status: number; body: T }> {
    const r = await fetch(`${t.base}/api/desk${path}`, {
      method,
      headers: { cookie: this.cookie, "x-gentian": "desk", ...(body instanceof FormData ? {} : { "content-type": "application/json" }) },
      ...(body === undefined ? {} : { body: body instanceof FormData ? body : JSON.stringify(body) }),
    });
    const text = await r.text();
    // What is brought in is answered line by line; the last line is the whole.
    const lines = r.headers.get("content-type")?.includes("ndjson") ? (text.trim().split("\n").at(-1) ?? "null") : text;
    return { status: r.status, body: JSON.parse(lines) as T };
  }
  async draft(): Promise<{ draft: Draft; rev: number; onDuty: boolean; undo: number; redo: number }> {
    return (await this.ask<{ draft: Draft; rev: number; onDuty: boolean; undo: number; redo: number }>("GET", "/draft")).body;
  }
  async write(
    change: Change,
    base?: number,
  ): Promise<{ status: number; body: { rev: number; title?: string; by?: string; now?: { draft: Draft }; detail?: string } }> {
    return this.ask("POST", "/draft/changes", { base: base ?? (await this.draft()).rev, change });
  }
}

const set = (path: string[], value: unknown): Change => ({ op: "set", path, value });
const taping = (d: Draft): Draft["services"][number] => d.services.find((s) => s.id === "taping") as Draft["services"][number];
const price = (minor: number): Change => set(["services", "taping", "variants"], [{ lengthMin: 15, priceMinor: minor }]);
const blind = (name: string): string => readFileSync(new URL(`../core/bring/blind/${name}`, import.meta.url), "utf8");

beforeAll(async () => {
  t = await openTestHouse(inject("databaseUrl"), "drafts");
  for (const [name, email] of [
    ["Mina", "mina@t.example"],
    ["Bea", "bea@t.example"],
  ] as const)
    await insertAccount(t.app.db, { houseId: t.houseId, name, email, passwordHash: await passwordHash("a long password"), role: "owner" });
  mina = await new Hand().signIn("mina@t.example", "a long password");
  bea = await new Hand().signIn("bea@t.example", "a long password");
});
afterAll(() => t.stop());

describe("the draft", () => {
  it("begins as what is on duty, and needs a signed-in person", async () => {
    const d = await mina.draft();
    expect(d).toMatchObject({ rev: 0, onDuty: true, undo: 0, redo: 0 });
    expect((await new Hand().ask("GET", "/draft")).status).toBe(401);
  });

  it("keeps a change, does not touch what is on duty, and takes it back and makes it again", async () => {
    expect((await mina.write(price(2700))).status).toBe(200);
    let d = await mina.draft();
    expect(taping(d.draft).variants[0]?.priceMinor).toBe(2700);
    expect(d.onDuty).toBe(false);
    await mina.ask("POST", "/draft/undo");
    d = await mina.draft();
    expect(taping(d.draft).variants[0]?.priceMinor).toBe(2500);
    expect(d).toMatchObject({ onDuty: true, undo: 0, redo: 1 });
    await mina.ask("POST", "/draft/redo");
    expect(taping((await mina.draft()).draft).variants[0]?.priceMinor).toBe(2700);
    expect((await mina.ask("POST", "/draft/redo")).status).toBe(409);
  });

  it("takes the typing of one line back as one", async () => {
    const before = await mina.draft();
    for (const name of ["T", "Ta", "Tapes"]) await mina.write(set(["services", "taping", "name"], name));
    expect((await mina.draft()).undo).toBe(before.undo + 1);
    await mina.ask("POST", "/draft/undo");
    expect(taping((await mina.draft()).draft).name).toBe("Taping");
  });

  it("takes writing on other lines together, and tells who comes second to the same line", async () => {
    const { rev } = await mina.draft();
    expect((await bea.write(set(["services", "taping", "about"], "By Bea"), rev)).status).toBe(200);
    const other = await mina.write(set(["services", "acupuncture", "about"], "By Mina"), rev);
    expect(other.status).toBe(200);
    const late = await mina.write(set(["services", "taping", "about"], "By Mina"), rev);
    expect(late).toMatchObject({ status: 409, body: { title: "Bea has changed the same line", by: "Bea" } });
    expect(taping((late.body.now as { draft: Draft }).draft).about).toBe("By Bea");
    // Having seen it, she may.
    expect((await mina.write(set(["services", "taping", "about"], "By Mina"))).status).toBe(200);
  });

  it.each<[Change, number, RegExp]>([
    [set(["services", "taping", "name"], ""), 400, /services\/taping\/name/],
    [set(["services", "taping", "variants"], [{ lengthMin: -5, priceMinor: 1 }]), 400, /services\/taping\/variants/],
    [set(["services", "nothing", "name"], "x"), 409, /no longer there/],
    [set(["zone"], "Nowhere/Land"), 400, /zone/],
    [set(["made-up"], 1), 400, /key/i],
    [{ op: "drop", path: ["services", "gone"] }, 409, /no longer there/],
  ])("refuses %j and changes nothing", async (change, status, words) => {
    const before = await mina.draft();
    const r = await mina.write(change);
    expect(r.status).toBe(status);
    expect(`${r.body.title} ${r.body.detail ?? ""}`).toMatch(words);
    expect((await mina.draft()).draft).toEqual(before.draft);
  });

  it("goes on duty: new conversations go by it, and one that goes on ends as it began", async () => {
    const start = async (): Promise<{ conversation: string; token: string }> =>
      (await (
        await fetch(`${t.base}/api/v1/lines/ternbay-web/conversations`, { method: "POST", headers: { "content-type": "application/json" }, body: "{}" })
      ).json()) as { conversation: string; token: string };
    const say = async (c: { conversation: string; token: string }): Promise<string> => {
      const r = await fetch(`${t.base}/api/v1/conversations/${c.conversation}/messages`, {
        method: "POST",
        headers: { "content-type": "application/json", authorization: `Bearer ${c.token}` },
        body: JSON.stringify({ text: "what does taping cost?" }),
      });
      return ((await r.json()) as { replies: { text: string }[] }).replies.map((x) => x.text).join(" ");
    };
    const old = await start();
    await mina.write(price(3100));
    expect((await mina.ask("POST", "/draft/duty", {})).status).toBe(200);
    expect(await say(old)).toContain("$25");
    expect(await say(await start())).toContain("$31");
    expect((await mina.draft()).onDuty).toBe(true);
  });

  it("does not go on duty without anything to book, or with somebody gone who still has appointments", async () => {
    const d = await mina.draft();
    await mina.write({ op: "many", changes: d.draft.services.map((s) => ({ op: "drop" as const, path: ["services", s.id] })) });
    expect((await mina.ask<{ title: string }>("POST", "/draft/duty", {})).body.title).toMatch(/no service/i);
    await mina.ask("POST", "/draft/undo");
    expect((await mina.draft()).draft.services.map((s) => s.id)).toEqual(d.draft.services.map((s) => s.id));
  });

  it("a house file that is loaded begins the draft anew", async () => {
    const { loadHouse } = await import("./housefile.ts");
    const { demoFile } = await import("@gentian/core/testing/demo");
    await loadHouse(t.app.db, demoFile());
    expect(taping((await mina.draft()).draft).variants[0]?.priceMinor).toBe(2500);
  });
});

describe("bringing in", () => {
  interface Brought {
    brought: { place: string; became: string }[];
    notes: { source: string; code: string; about?: string }[];
    draft: Draft;
    rev: number;
  }
  const form = (files: [string, string | Uint8Array][], texts: { name: string; text: string }[] = []): FormData => {
    const f = new FormData();
    f.set("texts", JSON.stringify(texts));
    for (const [name, data] of files) f.append("files", new Blob([typeof data === "string" ? data : Uint8Array.from(data)]), name);
    return f;
  };

  it("reads files and text together, says of each what is wrong, and is taken back as one", async () => {
    const before = (await mina.draft()).draft;
    const r = await mina.ask<Brought>(
      "POST",
      "/draft/bring",
      form(
        [
          ["dogs.html", blind("dogs.prices.html")],
          ["bad.pdf", "%PDF-1.4 no"],
        ],
        [{ name: "typed", text: "Paw balm 15 min $9" }],
      ),
    );
    expect(r.status).toBe(200);
    expect(r.body.draft.services.map((s) => s.name)).toEqual(expect.arrayContaining(["Skunk wash", "Paw balm"]));
    expect(r.body.notes).toEqual([expect.objectContaining({ source: "bad.pdf", code: "unreadable", about: expect.stringMatching(/damaged/) as string })]);
    const again = await mina.ask<Brought>("POST", "/draft/bring", form([["dogs.html", blind("dogs.prices.html")]]));
    // Two rules are still undecided between the house and the page; nothing else is new.
    expect(again.body.brought.filter((b) => b.became !== "same").every((b) => b.became === "doubt" && b.place.startsWith("rules/"))).toBe(true);
    expect(again.body.draft.services).toEqual(r.body.draft.services);
    await mina.ask("POST", "/draft/undo");
    expect(draftSchema.parse((await mina.draft()).draft)).toEqual(draftSchema.parse(before));
  });

  it("reads chosen pages of the stand-in site, and refuses private addresses", async () => {
    const site = `${t.base}/standins/site/`;
    const listed = await mina.ask<{ pages: { address: string }[] }>("POST", "/draft/pages", { address: site });
    expect(listed.body.pages.map((p) => p.address.replace(site, ""))).toEqual(["", "prices", "team", "visit"]);
    const r = await mina.ask<Brought>("POST", "/draft/bring", { pages: listed.body.pages.map((p) => p.address) });
    expect(r.body.notes).toEqual([]);
    // The site says what the handbook says already, but for what only a page of it has.
    expect(r.body.brought.filter((b) => b.place.startsWith("services/") && b.became === "added")).toEqual([]);
    expect((await mina.ask<{ title: string }>("POST", "/draft/pages", { address: "http://192.168.1.1/" })).body.title).toMatch(/private address/);
    expect((await mina.ask<{ title: string }>("POST", "/draft/pages", { address: `${t.base}/api/desk/me` })).body.title).toMatch(/private address/);
    await mina.ask("POST", "/draft/undo");
  });

  it("takes no file of 21 MB, and nothing at all", async () => {
    const large = await mina.ask<{ title: string }>("POST", "/draft/bring", form([["large.txt", new Uint8Array(21 * 1024 * 1024)]]));
    expect(large).toMatchObject({ status: 413, body: { title: expect.stringMatching(/20 MB/) as string } });
    expect((await mina.ask("POST", "/draft/bring", { texts: [] })).status).toBe(400);
  });

  it("gives a handbook away and takes it in again", async () => {
    const given = await mina.ask<Record<string, unknown>>("GET", "/draft/handbook.json");
    expect(given.body["format"]).toBe("gentian-handbook/1");
    const r = await mina.ask<Brought>(
      "POST",
      "/draft/bring",
      form([
        ["branch.json", JSON.stringify(given.body)],
        ["odd.json", '{"a": 1}'],
      ]),
    );
    expect(r.body.draft.toFill?.length).toBeGreaterThan(0);
    expect(r.body.notes[0]).toMatchObject({ source: "odd.json", code: "unreadable" });
    await mina.ask("POST", "/draft/undo");
  });

  it("begins with a trade", async () => {
    const list = (await mina.ask<{ id: string }[]>("GET", "/beginnings")).body;
    expect(list).toHaveLength(6);
    const r = await mina.ask<{ draft: Draft }>("POST", "/draft/begin", { beginning: "bicycle-workshop" });
    expect(r.body.draft.services[0]?.name).toBe("Small tune-up");
    expect((await mina.ask("POST", "/draft/begin", { beginning: "spaceships" })).status).toBe(404);
    await mina.ask("POST", "/draft/undo");
  });
});

describe("what is known of its use", () => {
  it("counts lines used this week, and gathers what was not answered", async () => {
    const c = (await (
      await fetch(`${t.base}/api/v1/lines/ternbay-web/conversations`, { method: "POST", headers: { "content-type": "application/json" }, body: "{}" })
    ).json()) as { conversation: string; token: string };
    for (const text of ["what does taping cost?", "do you have a helicopter pad?", "no", "is there a helicopter pad at your place?"])
      await fetch(`${t.base}/api/v1/conversations/${c.conversation}/messages`, {
        method: "POST",
        headers: { "content-type": "application/json", authorization: `Bearer ${c.token}` },
        body: JSON.stringify({ text }),
      });
    const usage = (await mina.ask<{ used: { kind: string; id: string; n: number }[]; unanswered: { text: string; times: number }[] }>("GET", "/draft/usage"))
      .body;
    expect(usage.used.find((u) => u.kind === "service" && u.id === "taping")?.n).toBeGreaterThanOrEqual(1);
    expect(usage.unanswered[0]).toMatchObject({ times: 2, text: expect.stringMatching(/helicopter/) as string });
  });

  it("copies the books for a rehearsal", async () => {
    const copy = (await mina.ask<{ nowMin: number; busy: unknown[]; clients: unknown[] }>("GET", "/draft/copy")).body;
    expect(copy.nowMin).toBe(t.nowMin);
    expect(copy.clients).toEqual(expect.any(Array));
  });

  it("copies a visit of several places at the price of one, as the conversation reckons", async () => {
    const headers = { "content-type": "application/json" };
    const c = (await (await fetch(`${t.base}/api/v1/lines/ternbay-web/conversations`, { method: "POST", headers, body: "{}" })).json()) as {
      conversation: string;
      token: string;
    };
    for (const text of ["two places in the mat class on wednesday", "yes", "Kim Lund", "902 555 0144", "yes", "yes"])
      await fetch(`${t.base}/api/v1/conversations/${c.conversation}/messages`, {
        method: "POST",
        headers: { ...headers, authorization: `Bearer ${c.token}` },
        body: JSON.stringify({ text }),
      });
    const copy = (await mina.ask<{ appointments: { places: number; priceMinor: number }[] }>("GET", "/draft/copy")).body;
    expect(copy.appointments).toEqual([expect.objectContaining({ places: 2, priceMinor: 1800 })]);
  });
});

describe("handed over, and nobody comes", () => {
  it("is taken up again after the minutes that the house has said, once", async () => {
    const headers = { "content-type": "application/json" };
    const c = (await (await fetch(`${t.base}/api/v1/lines/ternbay-web/conversations`, { method: "POST", headers, body: "{}" })).json()) as {
      conversation: string;
      token: string;
    };
    const with_ = { ...headers, authorization: `Bearer ${c.token}` };
    await fetch(`${t.base}/api/v1/conversations/${c.conversation}/messages`, {
      method: "POST",
      headers: with_,
      body: JSON.stringify({ text: "a person please" }),
    });
    const now = async (): Promise<{ said: { text: string }[]; state: { status: string } }> =>
      (await (await fetch(`${t.base}/api/v1/conversations/${c.conversation}`, { headers: with_ })).json()) as never;
    await sweep(t.app);
    expect((await now()).state.status).toBe("with-desk");
    await t.app.db.raw("update conversations set last_real = last_real - interval '4 minutes' where id = ?", [c.conversation]);
    await sweep(t.app);
    const after = await now();
    expect(after.state.status).toBe("open");
    expect(after.said.at(-1)?.text).toMatch(/free yet.*call you back.*name|come free yet/i);
    await sweep(t.app);
    expect((await now()).said.length).toBe(after.said.length);
  });
});
