import { Caller } from "@gentian/core/callers/caller";
import { callerOf } from "@gentian/core/callers/run";
import { parseTalk, replay } from "@gentian/core/formats/talk";
import { CopyBook, Rehearsal } from "@gentian/core/conversation/copybook";
import { clockText } from "@gentian/core/time/zone";
import { isoOfDay } from "@gentian/core/time/days";
import { demoHouse } from "@gentian/core/testing/demo";
import { afterAll, beforeAll, expect, inject, it } from "vitest";
import { englishWays } from "./cli/rehearse.ts";
import { appointmentsBetween } from "./data/appointments.ts";
import type { Line } from "@gentian/core/house/schema";
import { conversationById, type ConversationRow } from "./data/conversations.ts";
import { houseById, type HouseRow } from "./data/houses.ts";
import { savedTalkOf } from "./savedtalk.ts";
import { openTestHouse, sayAll, talkTo, type TestHouse } from "./testing/house.ts";

const MANY = 50;
const SEED = 21;
const ways = englishWays();
const house = demoHouse();
let t: TestHouse;

/** All callers of the sample on one copy of the books: what they know and have booked is in it before anyone talks. */
function sample(nowMin: number): { book: CopyBook; callers: Caller[] } {
  const book = new CopyBook(house);
  return { book, callers: Array.from({ length: MANY }, (_, n) => callerOf(house, book, nowMin, ways, SEED, n)) };
}

const ended = (list: readonly { service: string; staff: string; startMin: number; status: string; who: string }[]): string[] =>
  list
    .filter((a) => a.status === "booked")
    .map((a) => `${a.service} ${a.staff} ${a.startMin} ${a.who}`)
    .sort();

beforeAll(async () => {
  // The house's clock stands at this minute in every test house.
  const probe = await openTestHouse(inject("databaseUrl"), "callers_clock");
  const { nowMin } = probe;
  await probe.stop();
  const { book } = sample(nowMin);
  t = await openTestHouse(inject("databaseUrl"), "simulated_callers", {
    clients: book.clients.map((c) => ({
      id: c.id.toLowerCase().replace(/[^a-z0-9]+/g, "-"),
      name: c.name,
      ...(c.phone ? { phone: c.phone } : {}),
      assessed: c.assessed,
      saysSo: false,
      note: "",
      answers: {},
    })),
    appointments: book.appointments.map((a, i) => {
      const at = house.zone.toLocal(a.startMin);
      return {
        id: `own-${i}`,
        client: a.clientId.toLowerCase().replace(/[^a-z0-9]+/g, "-"),
        service: a.service,
        lengthMin: a.lengthMin,
        staff: a.staff,
        start: `${isoOfDay(at.day)}T${clockText(at.minute)}`,
        status: "booked" as const,
      };
    }),
    absences: [],
  });
}, 120_000);
afterAll(() => t.stop());

it("end the same over HTTP as on a copy of the books", async () => {
  const inMemory = sample(t.nowMin);
  for (const [n, caller] of inMemory.callers.entries()) {
    const rehearsal = new Rehearsal(inMemory.book, t.nowMin, "ternbay-web", "web", SEED + n);
    rehearsal.start();
    for (let next: string | null = caller.first(); next !== null;) {
      const replies = rehearsal.say(next);
      const last = replies.at(-1);
      if (rehearsal.state.status !== "open") break;
      next = caller.hear({
        text: replies.map((r) => r.text).join(" "),
        expects: rehearsal.state.expects,
        ...(caller.facts.usesChoices && last?.choices ? { choices: last.choices } : {}),
      });
    }
  }
  const overHttp = sample(t.nowMin);
  for (const caller of overHttp.callers) {
    const c = await talkTo(t.base);
    for (let next: string | null = caller.first(); next !== null;) {
      const answer = await sayAll(c, next);
      const last = answer.replies.at(-1);
      if (answer.state.status !== "open") break;
      next = caller.hear({
        text: answer.replies.map((r) => r.text).join(" "),
        expects: last?.expects ?? "",
        ...(caller.facts.usesChoices && last?.choices ? { choices: last.choices } : {}),
      });
    }
  }
  const rows = await appointmentsBetween(t.app.db, t.houseId, t.nowMin - 1440, t.nowMin + 90 * 1440);
  const there = ended(rows.map((a) => ({ service: a.service, staff: a.staff, startMin: a.startMin, status: a.status, who: a.clientName ?? "" })));
  const here = ended(
    inMemory.book.appointments.map((a) => ({ service: a.service, staff: a.staff, startMin: a.startMin, status: a.status, who: a.client.name })),
  );
  expect(there).toEqual(here);
}, 120_000);

it("a conversation of the server's is played again to the letter", async () => {
  const c = await talkTo(t.base);
  await sayAll(
    c,
    "half an hour of sports massage on thursday after 2",
    "is there parking?",
    "another day please",
    "acupuncture instead, tomorrow",
    "forget it, never mind",
  );
  const row = await conversationById(t.app.db, c.id);
  if (!row) throw new Error("no such conversation");
  const parsed = parseTalk(JSON.parse(JSON.stringify(await savedTalkOf(t.app.db, row))));
  if ("problems" in parsed) throw new Error(parsed.problems.join("\n"));
  const { replies, differences } = replay(parsed.talk);
  expect(replies.length).toBeGreaterThan(5);
  expect(differences).toEqual([]);
});

it("what is no saved conversation is told with its place", () => {
  const parsed = parseTalk({ format: "gentian-talk/1", seed: "x" });
  expect("problems" in parsed && parsed.problems.join(" ")).toMatch(/seed.*startedMin|line/);
});

it("a call by telephone is played again to the letter: its number, what was not heard, and how sure the rest was", async () => {
  const row = (await houseById(t.app.db, t.houseId)) as HouseRow;
  const line = t.house.handbook.lines.find((l) => l.channel === "phone") as Line;
  const { conversation, token } = await t.app.talk.start(row, line, { phone: "+19025550142", seed: 11 });
  await t.app.talk.event(conversation, token, "unclear");
  await t.app.talk.heard(conversation, token, "may i god a client meant", 0.6);
  await t.app.talk.heard(conversation, token, "taping on friday at ten", 0.97);
  await t.app.talk.event(conversation, token, "silence");
  const saved = await savedTalkOf(t.app.db, (await conversationById(t.app.db, conversation)) as ConversationRow);
  expect(saved.steps.map((s) => s.event.kind).slice(0, 3)).toEqual(["start", "unclear", "said"]);
  expect(saved.steps[0]?.event).toMatchObject({ phone: "+19025550142" });
  expect(saved.steps[2]?.event).toMatchObject({ sure: 0.6 });
  const parsed = parseTalk(JSON.parse(JSON.stringify(saved)));
  if ("problems" in parsed) throw new Error(parsed.problems.join("; "));
  expect(replay(parsed.talk).differences).toEqual([]);
  // Without its number and its doubts it would have gone another way.
  const blind = structuredClone(parsed.talk);
  for (const s of blind.steps) {
    if (s.event.kind === "start") delete s.event.phone;
    if (s.event.kind === "said") delete s.event.sure;
  }
  expect(replay(blind).differences.length).toBeGreaterThan(0);
});
