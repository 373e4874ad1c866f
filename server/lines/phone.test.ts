import { connect } from "node:net";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { WebSocket } from "ws";
import { openTestHouse, type TestHouse } from "../testing/house.ts";

let t: TestHouse;
beforeAll(async () => {
  t = await openTestHouse(inject("databaseUrl"), "phone_lines");
});
afterAll(() => t.stop());

const address = (path: string): string => `${t.base.replace("http", "ws")}${path}`;
/** What a line answers to the first thing that is sent on it. */
const answer = (path: string, send: string | Buffer, headers: Record<string, string> = {}): Promise<string> =>
  new Promise((done) => {
    const ws = new WebSocket(address(path), { headers });
    ws.on("open", () => ws.send(send));
    ws.on("message", (data) => done((JSON.parse((data as Buffer).toString()) as { why: string }).why));
    ws.on("close", () => done("closed"));
    ws.on("error", () => done("refused"));
  });
/** What the server answers to an upgrade written by hand. */
const upgrade = (target: string): Promise<string> =>
  new Promise((done) => {
    const socket = connect(Number(new URL(t.base).port), "127.0.0.1", () =>
      socket.write(
        `GET ${target} HTTP/1.1\r\nHost: x\r\nConnection: Upgrade\r\nUpgrade: websocket\r\nSec-WebSocket-Version: 13\r\nSec-WebSocket-Key: x\r\n\r\n`,
      ),
    );
    socket.on("data", (d) => done(d.toString().split("\r\n")[0] ?? ""));
    socket.on("close", () => done("closed"));
    socket.on("error", () => done("closed"));
  });
const START = JSON.stringify({ event: "start" });

describe("a phone line", () => {
  it("says why it cannot be called", async () => {
    expect(await answer("/api/v1/lines/nowhere/call", START)).toBe("no-such-line");
    expect(await answer("/api/v1/lines/ternbay-web/call", START)).toBe("no-such-line");
    expect(await answer("/api/v1/lines/ternbay-phone/call", "nonsense")).toBe("no-start");
  });

  it("is not brought down by what a stranger sends", async () => {
    const desk = "/api/desk/calls/00000000-0000-4000-8000-000000000000/line";
    expect(await answer("/api/v1/lines/ternbay-phone/call", Buffer.alloc(1 << 18))).toBe("closed");
    expect(await answer(desk, START, { origin: "null" })).toBe("refused");
    expect(await answer(desk, START)).toBe("refused");
    for (const target of ["//", "/\\", "/api/v1/lines/%ff/call"]) expect(await upgrade(target)).toMatch(/^HTTP\/1\.1 40|closed/);
    expect((await fetch(`${t.base}/healthz`)).status).toBe(200);
  });
});
