import { execFile } from "node:child_process";
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { insertCall, insertSound, saveCall } from "./data/calls.ts";
import { AtDesk, ref } from "./testing/desk.ts";
import { openTestHouse, sayAll, talkTo, type TestHouse } from "./testing/house.ts";

let t: TestHouse;
const desk = new AtDesk(() => t);
const { raw, ask } = desk;

beforeAll(async () => {
  t = await openTestHouse(inject("databaseUrl"), "logbook", {
    clients: [{ id: "ana", name: "Ana Petrov", phone: "+19025550142", assessed: true, saysSo: false, note: "", answers: {} }],
    appointments: [
      { id: "a1", client: "ana", service: "acupuncture", lengthMin: 45, staff: "priya", start: "2027-03-01T14:00", status: "booked" },
      { id: "a2", client: "ana", service: "acupuncture", lengthMin: 45, staff: "priya", start: "2027-03-01T10:00", status: "booked" },
    ],
    absences: [],
  });
});
afterAll(() => t.stop());

describe("the first owner", () => {
  it("is made once: whoever comes second is told to sign in", async () => {
    expect((await ask("GET", "/first")).body).toEqual({ first: true });
    await desk.account();
    expect((await ask("GET", "/first")).body).toEqual({ first: false });
    const second = await ask("POST", "/first", { house: "Another house", name: "Eve", email: "eve@other.example", password: "another long phrase" });
    expect(second).toMatchObject({ status: 409, body: { title: "This Gentian has an owner already" } });
  });

  it("signs out, and is nobody from then on", async () => {
    await desk.signIn();
    const old = desk.cookie;
    expect((await ask("GET", "/now")).status).toBe(200);
    expect((await ask("POST", "/sign-out")).status).toBe(200);
    expect((await raw("GET", "/now", undefined, { cookie: old })).status).toBe(401);
    await desk.signIn();
  });
});

const appointments = async (): Promise<{ id: string; time: string; status: string; feeMinor: number; feeState: string }[]> =>
  (await ask("GET", "/day?date=2027-03-01")).body["appointments"] as never;
const at = async (time: string): Promise<string> => (await appointments()).find((a) => a.time === time)?.id ?? "";

describe("how a visit went", () => {
  it("is marked, once per ref, and taken back", async () => {
    const id = await at("10:00");
    const mark = { ref: ref(), as: "arrived" };
    const [one, two] = [await ask("POST", `/appointments/${id}/mark`, mark), await ask("POST", `/appointments/${id}/mark`, mark)];
    expect(one.status).toBe(200);
    expect(two.body).toEqual(one.body);
    expect((await appointments()).find((a) => a.id === id)?.status).toBe("arrived");
    expect((await ask("POST", "/undo", { ref: ref(), id: one.body["undo"] })).status).toBe(200);
    expect((await appointments()).find((a) => a.id === id)?.status).toBe("booked");
    expect((await ask("POST", `/appointments/${id}/mark`, { ref: ref(), as: "asleep" })).status).toBe(400);
  });

  it("missed costs what the house says, which can be let off, and there is no fee where there is none", async () => {
    const id = await at("10:00");
    expect((await ask("POST", `/appointments/${id}/fee`, { ref: ref(), state: "paid" })).status).toBe(409);
    expect((await ask("POST", `/appointments/${id}/mark`, { ref: ref(), as: "missed" })).status).toBe(200);
    const missed = (await appointments()).find((a) => a.id === id) ?? (await ask("GET", `/appointments/${id}`)).body["appointment"];
    expect(missed).toMatchObject({ status: "missed", feeState: "owed" });
    expect((missed as { feeMinor: number }).feeMinor).toBeGreaterThan(0);
    expect((await ask("POST", `/appointments/${id}/fee`, { ref: ref(), state: "waived" })).status).toBe(200);
    expect((await ask("GET", `/appointments/${id}`)).body["appointment"]).toMatchObject({ feeState: "waived" });
    expect((await ask("POST", `/appointments/${id}/fee`, { ref: ref(), state: "forgotten" })).status).toBe(400);
  });

  it("and is to be told leaves a slip with a number to ring", async () => {
    const id = await at("14:00");
    const moved = await ask("POST", `/appointments/${id}/move`, { ref: ref(), staff: "priya", date: "2027-03-01", time: "15:00" });
    expect(moved.status).toBe(200);
    const tell = await ask("POST", `/appointments/${id}/tell`, { ref: ref(), undo: moved.body["undo"] });
    expect(tell.status).toBe(200);
    const waiting = (await ask("GET", "/now")).body["waiting"] as { kind: string; text: string; phone: string }[];
    expect(waiting).toContainEqual(expect.objectContaining({ kind: "tell", phone: "+19025550142", text: expect.stringMatching(/3:00 pm|15:00/) as string }));
  });
});

describe("where something could stand", () => {
  it("is told by the openings of a day, with the best of them first", async () => {
    const { status, body } = await ask("GET", "/openings?service=taping&length=15&date=2027-03-03");
    expect(status).toBe(200);
    const open = body["openings"] as { staff: string; time: string }[];
    expect(open.length).toBeGreaterThan(5);
    expect(new Set(open.map((o) => o.staff))).toEqual(new Set(["maren", "tobias"]));
    for (const o of body["offers"] as { staff: string; time: string }[]) expect(open).toContainEqual(expect.objectContaining({ staff: o.staff, time: o.time }));
    const hers = await ask("GET", "/openings?service=taping&length=15&date=2027-03-03&staff=maren");
    expect((hers.body["openings"] as { staff: string }[]).every((o) => o.staff === "maren")).toBe(true);
    expect((await ask("GET", "/openings?service=taping&length=15&date=soon")).status).toBe(400);
    expect((await ask("GET", "/openings?service=taping&date=2027-03-03")).status).toBe(400);
  });

  it("is told by person, with why not for every minute that is shut", async () => {
    const id = await at("15:00");
    const { body } = await ask("GET", `/appointments/${id}/places?date=2027-03-02`);
    const people = body["people"] as { staff: string; shut: { fromMin: number; toMin: number; why: string }[] }[];
    const nell = people.find((x) => x.staff === "nell");
    // Nell does no acupuncture: the whole day is shut, and says so.
    expect(nell?.shut.every((s) => s.why.length > 3)).toBe(true);
    const shut = (staff: string): number => people.find((x) => x.staff === staff)?.shut.reduce((n, s) => n + s.toMin - s.fromMin, 0) ?? 0;
    expect(shut("nell")).toBeGreaterThan(shut("priya"));
    expect((await ask("GET", `/appointments/${id}/places?date=02-03-2027`)).status).toBe(400);
    expect((await ask("GET", "/appointments/none/places?date=2027-03-02")).status).toBe(404);
  });
});

describe("a conversation in the logbook", () => {
  it("is saved as a file that the command plays again to the letter, and not when one letter is another", async () => {
    const c = await talkTo(t.base);
    await sayAll(c, "a taping on friday the 5th", "the second", "Gil Frost", "902 555 0133");
    const r = await raw("GET", `/conversations/${c.id}/saved`);
    expect(r.headers.get("content-disposition")).toMatch(/attachment; filename="?conversation-[0-9a-f]{8}\.json"?/);
    const text = await r.text();
    const folder = mkdtempSync(join(tmpdir(), "gentian-saved-"));
    // Not waited for at a standstill: the server lives in this process.
    const replay = (name: string, content: string): Promise<{ status: number; stdout: string }> => {
      writeFileSync(join(folder, name), content);
      const args = ["--import", import.meta.resolve("tsx"), fileURLToPath(new URL("./cli/main.ts", import.meta.url)), "replay", name];
      return new Promise((done) =>
        execFile(process.execPath, args, { env: { ...process.env, GENTIAN_CWD: folder }, cwd: folder }, (error, stdout) =>
          done({ status: typeof error?.code === "number" ? error.code : 0, stdout }),
        ),
      );
    };
    try {
      const same = await replay("same.json", text);
      expect(same.stdout).toMatch(/^\d+ replies, all the same to the letter\n$/);
      expect(same.status).toBe(0);
      const talk = JSON.parse(text) as { steps: { reply: { text: string } | null }[] };
      const last = talk.steps.findLast((x) => x.reply !== null)?.reply;
      if (last) last.text += "!";
      const other = await replay("other.json", JSON.stringify(talk));
      expect(other.status).toBe(1);
      expect(other.stdout).toMatch(/was: .*!.*\n {2}is: {2}[^!]*\n\d+ replies, 1 differ\n$/);
    } finally {
      rmSync(folder, { recursive: true, force: true });
    }
  });

  it("is nobody else's: what is not of the house is not there", async () => {
    for (const id of ["nonsense", crypto.randomUUID()]) {
      expect((await ask("GET", `/conversations/${id}`)).status).toBe(404);
      expect((await ask("GET", `/conversations/${id}/saved`)).status).toBe(404);
    }
    expect((await raw("GET", "/conversations/nonsense", undefined, { cookie: "" })).status).toBe(401);
  });

  it("is written into only by who has taken it over, with words in it", async () => {
    const c = await talkTo(t.base);
    const say = (text: string) => ask("POST", `/conversations/${c.id}/say`, { text });
    expect(await say("Hello")).toMatchObject({ status: 409, body: { title: "Take the conversation over before you write" } });
    expect((await ask("POST", `/conversations/${c.id}/take-over`)).status).toBe(200);
    expect((await say("")).status).toBe(400);
    expect((await say("x".repeat(5000))).status).toBe(400);
    expect((await ask("POST", `/conversations/${c.id}/typing`)).status).toBe(200);
    expect((await say("Hello, this is Mina.")).status).toBe(200);
    expect((await ask("POST", `/conversations/${crypto.randomUUID()}/take-over`)).status).toBe(404);
  });

  it("keeps a slip that has been dealt with from being dealt with twice", async () => {
    await sayAll(await talkTo(t.base), "please tell mina my receipt is missing", "Lou Weir", "902 555 0150");
    const [slip] = ((await ask("GET", "/now")).body["waiting"] as { id: string; name: string | null }[]).filter((s) => s.name === "Lou Weir");
    expect((await ask("POST", `/slips/${slip?.id ?? ""}/done`)).status).toBe(200);
    expect((await ask("POST", `/slips/${slip?.id ?? ""}/done`)).status).toBe(404);
    expect((await ask("POST", `/slips/${slip?.id ?? ""}/burn`)).status).toBe(404);
  });
});

describe("a call in the logbook", () => {
  const recorded = async (): Promise<string> => {
    const c = await talkTo(t.base);
    const id = await insertCall(t.app.db, { houseId: t.houseId, conversationId: c.id, from: "+19025550142", nowMin: t.nowMin });
    // A second of both sides, side by side: the caller at 1000, the receptionist at -1000.
    const sound = new Int16Array(32_000).map((_, i) => (i % 2 === 0 ? 1000 : -1000));
    await insertSound(t.app.db, id, 0, Buffer.from(sound.buffer));
    const turns = [
      { who: "receptionist" as const, text: "Good morning.", fromMs: 0, toMs: 400 },
      { who: "client" as const, text: "Hello & goodbye", fromMs: 500, toMs: 1000 },
    ];
    await saveCall(t.app.db, id, { state: "left", lengthMs: 1000, recorded: true, turns: turns as never, keepDays: 30 });
    return id;
  };

  it("is played from where one likes, in stereo", async () => {
    const id = await recorded();
    const whole = Buffer.from(await (await raw("GET", `/calls/${id}/sound.wav`)).arrayBuffer());
    // RIFF/WAVE: channels at byte 22, samples a second at 24, the data after its length at 40.
    expect(whole.subarray(0, 4).toString()).toBe("RIFF");
    expect([whole.readUInt16LE(22), whole.readUInt32LE(24), whole.readUInt32LE(40)]).toEqual([2, 16_000, 64_000]);
    expect([whole.readInt16LE(44), whole.readInt16LE(46)]).toEqual([1000, -1000]);
    const part = await raw("GET", `/calls/${id}/sound.wav`, undefined, { range: "bytes=44-47" });
    expect(part.status).toBe(206);
    expect(part.headers.get("content-range")).toBe(`bytes 44-47/${whole.length}`);
    expect(Buffer.from(await part.arrayBuffer()).equals(whole.subarray(44, 48))).toBe(true);
    expect((await raw("GET", `/calls/${id}/sound.wav`, undefined, { range: "bytes=90-80" })).status).toBe(404);
  });

  // WebVTT (W3C): the file begins with its name, and an ampersand in a cue is written as an entity.
  it("is read along as WebVTT, with who says what and when", async () => {
    const text = await (await raw("GET", `/calls/${await recorded()}/words.vtt`)).text();
    expect(text).toMatch(/^WEBVTT\n/);
    expect(text).toMatch(/00:00:00\.000 --> 00:00:00\.400\n<v [^>]+>Good morning\./);
    expect(text).toMatch(/00:00:00\.500 --> 00:00:01\.000\n<v Client>Hello &amp; goodbye/);
  });

  it("loses its recording on request, and keeps its words and who deleted it", async () => {
    const id = await recorded();
    expect((await raw("DELETE", `/calls/${id}/sound`)).status).toBe(200);
    expect(await ask("GET", `/calls/${id}/sound.wav`)).toMatchObject({ status: 404, body: { title: "There is no recording of this call" } });
    expect((await raw("GET", `/calls/${id}/words.vtt`)).status).toBe(200);
    const { rows } = await t.app.db.raw<{ rows: { text: string }[] }>("select text from turns where text like '%deleted the recording%'");
    expect(rows.map((r) => r.text)).toEqual(["Mina deleted the recording"]);
    expect((await ask("GET", `/calls/${crypto.randomUUID()}/sound.wav`)).status).toBe(404);
  });

  it("has voices to try, unless the machine has none, and then says how to get them", async () => {
    const path = "/voice.wav?text=Hello&voice=ronan&pace=1&pitch=1";
    const spoken = await raw("GET", path);
    expect(spoken.headers.get("content-type")).toMatch(/audio\/wav/);
    expect((await spoken.arrayBuffer()).byteLength).toBeGreaterThan(4000);
    expect((await ask("GET", path.replace("ronan", "nobody"))).status).toBe(400);
    const { speech } = t.app;
    t.app.speech = null;
    try {
      expect(await ask("GET", path)).toMatchObject({ status: 503, body: { detail: expect.stringMatching(/gentian start/) as string } });
    } finally {
      t.app.speech = speech;
    }
  });
});
