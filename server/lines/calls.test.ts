import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { WebSocket } from "ws";
import type { Line } from "@gentian/core/house/schema";
import { samplesOf } from "@gentian/core/speech/sound";
import { callById, callsOf, cutOffFrom, deleteOldSounds, deleteSound, heardIn, insertCall, insertSound, saveCall, soundOf } from "../data/calls.ts";
import { houseById, type HouseRow } from "../data/houses.ts";
import { Speech } from "../speech/speech.ts";
import { Caller } from "../testing/caller.ts";
import { openTestHouse, type TestHouse } from "../testing/house.ts";

let t: TestHouse;

beforeAll(async () => {
  t = await openTestHouse(inject("databaseUrl"), "calls_on_lines");
  t.app.speech = new Speech(inject("speechFolder"));
  await t.app.speech.model(t.house, []);
}, 300_000);
afterAll(async () => {
  t.app.speech?.close();
  await t.stop();
});

describe("a call over the line", () => {
  it("that was cut goes on where it was when they call again, and a stranger's does not", async () => {
    const first = new Caller(`${t.base}/api/v1/lines/ternbay-phone/call`, { event: "start", from: "+19025550142" });
    await first.says(/how can i help/i);
    await first.say("i'd like taping on friday at ten");
    await first.says(/friday/i);
    const { conversation, call } = await first.until((m) => m.event === "started");
    first.cut();
    for (let i = 0; i < 200 && (await callById(t.app.db, t.houseId, call as string))?.state !== "dropped"; i++) await new Promise((d) => setTimeout(d, 50));
    expect(await callById(t.app.db, t.houseId, call as string)).toMatchObject({ state: "dropped", from: "+19025550142" });

    const other = new Caller(`${t.base}/api/v1/lines/ternbay-phone/call`, { event: "start", from: "+19025550177" });
    const again = new Caller(`${t.base}/api/v1/lines/ternbay-phone/call`, { event: "start", from: "+19025550142" });
    expect((await other.until((m) => m.event === "started")).conversation).not.toBe(conversation);
    expect((await again.until((m) => m.event === "started")).conversation).toBe(conversation);
    const { turn } = await again.says(/./);
    expect(turn?.text).toMatch(/cut off/i);
    expect(turn?.text).toMatch(/friday/i);
    expect(again.heard.some((f) => f.some((s) => Math.abs(s) > 1000))).toBe(true);
    other.hangUp();
    again.hangUp();
    expect(await callsOf(t.app.db, conversation as string)).toHaveLength(2);
  }, 120_000);

  it("has no number where a gateway must prove itself, and does not", async () => {
    t.app.options.gatewaySecret = "between the gateway and us";
    try {
      const from = "+19025550188";
      const number = async (start: object): Promise<string | null | undefined> => {
        const caller = new Caller(`${t.base}/api/v1/lines/ternbay-phone/call`, { event: "start", from, ...start });
        const { call } = await caller.until((m) => m.event === "started");
        caller.hangUp();
        return (await callById(t.app.db, t.houseId, call as string))?.from;
      };
      expect(await number({})).toBeNull();
      expect(await number({ secret: "a guess" })).toBeNull();
      expect(await number({ secret: "between the gateway and us" })).toBe(from);
    } finally {
      delete t.app.options.gatewaySecret;
    }
  }, 60_000);

  it("in a rehearsal is for nobody without an account", async () => {
    const stranger = new WebSocket(`${t.base.replace("http", "ws")}/api/desk/rehearsal/line`);
    expect(await new Promise((done) => (stranger.on("open", () => done("open")), stranger.on("error", () => done("refused"))))).toBe("refused");
  });
});

describe("what is kept of a call", () => {
  const kept = async (state: "going" | "dropped" | "left", from: string, keepDays = 30): Promise<{ id: string; conversation: string }> => {
    const row = (await houseById(t.app.db, t.houseId)) as HouseRow;
    const line = t.house.handbook.lines.find((l) => l.channel === "phone") as Line;
    const { conversation } = await t.app.talk.start(row, line, { phone: from });
    const id = await insertCall(t.app.db, { houseId: t.houseId, conversationId: conversation, from, nowMin: t.nowMin });
    await insertSound(t.app.db, id, 1, Buffer.from([3, 0, 4, 0]));
    await insertSound(t.app.db, id, 0, Buffer.from([1, 0, 2, 0]));
    await saveCall(t.app.db, id, { state, lengthMs: 1000, recorded: true, turns: [], keepDays });
    return { id, conversation };
  };

  it("is taken up again for ten minutes, from the same number, when it was cut and not when it was ended", async () => {
    const { id, conversation } = await kept("dropped", "+19025550101");
    expect(await cutOffFrom(t.app.db, t.houseId, "+19025550101", 10)).toBe(conversation);
    expect(await cutOffFrom(t.app.db, t.houseId, "+19025550102", 10)).toBeNull();
    await t.app.db.raw("update calls set last_real = clock_timestamp() - interval '11 minutes' where id = ?", [id]);
    expect(await cutOffFrom(t.app.db, t.houseId, "+19025550101", 10)).toBeNull();
    await kept("left", "+19025550103");
    expect(await cutOffFrom(t.app.db, t.houseId, "+19025550103", 10)).toBeNull();
  });

  it("has its sound in the order in which it was spoken, and loses it on request", async () => {
    const { id } = await kept("left", "+19025550104");
    expect([...samplesOf(await soundOf(t.app.db, id))]).toEqual([1, 2, 3, 4]);
    await deleteSound(t.app.db, id);
    expect(await callById(t.app.db, t.houseId, id)).toMatchObject({ sound: false, recorded: true });
  });

  it("is found by its conversation, with how long its sound is: a second is 64,000 bytes", async () => {
    const { id, conversation } = await kept("left", "+19025550106");
    await insertSound(t.app.db, id, 2, Buffer.alloc(64_000 * 3));
    expect(await heardIn(t.app.db, [conversation])).toMatchObject([{ id, conversationId: conversation, soundMs: 3000 }]);
    await deleteSound(t.app.db, id);
    expect(await heardIn(t.app.db, [conversation])).toEqual([]);
    expect(await heardIn(t.app.db, [])).toEqual([]);
  });

  it("loses its sound when its term is over, and not before", async () => {
    const { id } = await kept("left", "+19025550105", 2);
    expect(await deleteOldSounds(t.app.db)).toBe(0);
    await t.app.db.raw("update calls set delete_at = delete_at - interval '49 hours' where id = ?", [id]);
    expect(await deleteOldSounds(t.app.db)).toBe(1);
    expect((await soundOf(t.app.db, id)).length).toBe(0);
    expect(await deleteOldSounds(t.app.db)).toBe(0);
  });
});
