import { afterAll, afterEach, beforeAll, describe, expect, inject, it } from "vitest";
import { WebSocket } from "ws";
import type { Line } from "@gentian/core/house/schema";
import { FRAME, type Samples } from "@gentian/core/speech/sound";
import { conversationById } from "../data/conversations.ts";
import { houseById, type HouseRow } from "../data/houses.ts";
import { waitingSlips } from "../data/slips.ts";
import { Speech } from "../speech/speech.ts";
import { Voices } from "../speech/voices.ts";
import { Caller } from "../testing/caller.ts";
import { openTestHouse, type TestHouse } from "../testing/house.ts";
import type { OtherEnd } from "./call.ts";

const SECRET = "between the gateway and us";
const voices = new Voices();
const spoken = (): Promise<Samples> => voices.speak("a call for you", { voice: "clara", pace: 1, pitch: 1 });
const tone = (): Samples => Int16Array.from({ length: FRAME }, (_, i) => Math.round(8000 * Math.sin(i / 5)));
let t: TestHouse;
const open: Caller[] = [];

beforeAll(async () => {
  t = await openTestHouse(inject("databaseUrl"), "gateways", undefined, "2027-03-01T10:30");
  t.app.options.gatewaySecret = SECRET;
}, 120_000);
afterEach(() => {
  for (const c of open.splice(0)) c.hangUp();
});
afterAll(async () => {
  t.app.speech?.close();
  await t.stop();
});

const connect = (path: string, start: object | null, begins: string[]): Caller => {
  const c = new Caller(`${t.base}${path}`, start, begins);
  open.push(c);
  return c;
};
const gateway = (secret = SECRET): Caller => connect("/api/v1/gateway", { event: "start", secret }, []);
const pickUp = (call: string | undefined): Caller => connect(`/api/v1/gateway/${call ?? ""}`, null, ["announced", "taken"]);

/** A call that rings for Mina; gives who has taken it, and what stops it. */
async function ring(straight = false): Promise<{ other: () => OtherEnd | null; stop: () => void }> {
  let other: OtherEnd | null = null;
  const row = (await houseById(t.app.db, t.houseId)) as HouseRow;
  const { conversation } = await t.app.talk.start(row, t.house.handbook.lines.find((l) => l.channel === "phone") as Line, {});
  const stop = t.app.exchange.ring(
    {
      conversation,
      house: t.houseId,
      who: "Ana Petrov",
      why: "book",
      words: "a person please",
      sinceMs: Date.now(),
      telephone: { number: "+19025550107", name: "Mina" },
      from: "+19025550142",
      ...(straight ? {} : { announcement: spoken }),
    },
    (o) => (other = o),
  );
  return { other: () => other, stop };
}

describe("a gateway", () => {
  it("is told what to ring, also what rang before it came, and when it rings no more", async () => {
    const early = await ring();
    const g = gateway();
    const first = await g.until((m) => m.event === "dial");
    expect(first).toMatchObject({ number: "+19025550107", name: "Mina", from: "+19025550142" });
    const late = await ring();
    const second = await g.until((m) => m.event === "dial" && m.call !== first.call);
    early.stop();
    await g.until((m) => m.event === "stop" && m.call === first.call);
    late.stop();
    await g.until((m) => m.event === "stop" && m.call === second.call);
    expect(t.app.exchange.ringing(t.houseId)).toEqual([]);
  });

  it("without the secret is told nothing, and is told why", async () => {
    const r = await ring();
    const g = gateway("a guess");
    expect(await g.until((m) => m.event === "fault")).toMatchObject({ why: "not-known" });
    await g.closed();
    expect(g.messages.some((m) => m.event === "dial")).toBe(false);
    r.stop();
    delete t.app.options.gatewaySecret;
    try {
      const ws = new WebSocket(`${t.base.replace("http", "ws")}/api/v1/gateway`);
      expect(await new Promise((done) => (ws.on("open", () => done("open")), ws.on("error", () => done("refused"))))).toBe("refused");
    } finally {
      t.app.options.gatewaySecret = SECRET;
    }
  });
});

describe("a telephone that is picked up", () => {
  it("says who calls and why, and has the caller once 1 is pressed: both hear each other", async () => {
    const g = gateway();
    const r = await ring();
    const { call } = await g.until((m) => m.event === "dial");
    const mina = pickUp(call);
    expect(await mina.until((m) => m.event === "announced")).toMatchObject({ who: "Ana Petrov", why: "book" });
    await mina.hears();
    expect(r.other()).toBeNull();
    mina.press("1");
    await mina.until((m) => m.event === "taken");
    await g.until((m) => m.event === "stop");
    const other = r.other() as OtherEnd;
    expect(other.name).toBe("Mina");
    const before = mina.heard.length;
    await mina.say("good morning");
    let fromMina = false;
    for (let i = 0; i < 150; i++) {
      fromMina ||= other.frame(tone()).some((s) => Math.abs(s) > 1000);
      await new Promise((done) => setTimeout(done, 20));
    }
    expect(fromMina).toBe(true);
    await mina.hears(before);
    mina.hangUp();
    await mina.closed();
    for (let i = 0; i < 100 && !other.gone; i++) await new Promise((done) => setTimeout(done, 20));
    expect(other.gone).toBe(true);
  }, 60_000);

  it("takes it by the tone of a key as well", async () => {
    const g = gateway();
    const r = await ring();
    const mina = pickUp((await g.until((m) => m.event === "dial")).call);
    await mina.until((m) => m.event === "announced");
    // 697 and 1209 Hz: the key 1 of ITU-T Q.23.
    mina.play(Int16Array.from({ length: 3200 }, (_, i) => 6000 * (Math.sin((2 * Math.PI * 697 * i) / 16_000) + Math.sin((2 * Math.PI * 1209 * i) / 16_000))));
    await mina.until((m) => m.event === "taken");
    expect(r.other()).not.toBeNull();
  });

  it("that leaves it lets it ring on, for another", async () => {
    const g = gateway();
    const r = await ring();
    const { call } = await g.until((m) => m.event === "dial");
    const first = pickUp(call);
    await first.until((m) => m.event === "announced");
    first.press("2");
    await first.closed();
    expect(r.other()).toBeNull();
    expect(t.app.exchange.ringing(t.houseId)).toHaveLength(1);
    r.stop();
  });

  it("has the caller straight away where the house has it so", async () => {
    const g = gateway();
    const r = await ring(true);
    const mina = pickUp((await g.until((m) => m.event === "dial")).call);
    await mina.until((m) => m.event === "taken");
    expect(mina.messages.some((m) => m.event === "announced")).toBe(false);
    expect(r.other()?.name).toBe("Mina");
  });

  it("is told that it is over when the caller has gone, and cannot be picked up after, nor by a guess", async () => {
    const g = gateway();
    const r = await ring();
    const { call } = await g.until((m) => m.event === "dial");
    const mina = pickUp(call);
    await mina.until((m) => m.event === "announced");
    r.stop();
    await mina.until((m) => m.event === "ended");
    await mina.closed();
    for (const key of [call, "00000000-0000-4000-8000-00000000abcd"]) {
      const again = pickUp(key);
      await again.until((m) => m.event === "ended");
      await again.closed();
    }
    expect(r.other()).toBeNull();
  });

  it("is not had by two: the second is told that it is over", async () => {
    const g = gateway();
    const r = await ring();
    const { call } = await g.until((m) => m.event === "dial");
    const [a, b] = [pickUp(call), pickUp(call)];
    await a.until((m) => m.event === "announced");
    await b.until((m) => m.event === "announced");
    a.press("1");
    await a.until((m) => m.event === "taken");
    await b.until((m) => m.event === "ended");
    expect(r.other()).not.toBeNull();
  });
});

describe("an emergency by telephone", () => {
  it("rings at the emergency line, is answered there, and its slip still waits at the desk", async () => {
    t.app.speech = new Speech(inject("speechFolder"));
    await t.app.speech.model(t.house, []);
    const g = gateway();
    const caller = connect("/api/v1/lines/ternbay-phone/call", { event: "start", from: "+19025550142", secret: SECRET }, ["started"]);
    await caller.says(/how can i help/i);
    await caller.say("my husband has chest pain");
    await caller.until((m) => m.event === "ringing");
    const dial = await g.until((m) => m.event === "dial");
    expect(dial).toMatchObject({ number: "+19025550111", name: "the emergency line" });
    const line = pickUp(dial.call);
    expect(await line.until((m) => m.event === "announced")).toMatchObject({ who: "902 555 0142", why: "emergency" });
    line.press("1");
    expect(await caller.until((m) => m.event === "put-through")).toMatchObject({ to: "the emergency line" });
    const { conversation } = await caller.until((m) => m.event === "started");
    const before = caller.heard.length;
    await line.say("where are you");
    await caller.hears(before);
    expect(await waitingSlips(t.app.db, t.houseId)).toContainEqual(expect.objectContaining({ kind: "emergency", conversationId: conversation }));
    line.hangUp();
    await caller.until((m) => m.event === "ended");
    for (let i = 0; i < 100 && (await conversationById(t.app.db, conversation as string))?.status !== "closed"; i++)
      await new Promise((done) => setTimeout(done, 50));
    expect((await conversationById(t.app.db, conversation as string))?.status).toBe("closed");
  }, 300_000);
});
