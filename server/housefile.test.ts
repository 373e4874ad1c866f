import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { demoBook } from "../demo/book.ts";
import { demoFile, demoHouse } from "@gentian/core/testing/demo";
import { epochMinOf } from "@gentian/core/time/zone";
import { dayOfIso } from "@gentian/core/time/days";
import { BadHouseFile, loadHouse, saveHouse } from "./housefile.ts";
import { openTestHouse, type TestHouse } from "./testing/house.ts";

let t: TestHouse;
beforeAll(async () => {
  t = await openTestHouse(inject("databaseUrl"), "house_files");
});
afterAll(() => t.stop());

describe("load and save", () => {
  it("lose nothing of the demo house and its book", async () => {
    const now = epochMinOf(t.house.zone, "2027-03-01T10:42");
    const file = { ...demoFile(), book: demoBook(demoHouse(), now) };
    await loadHouse(t.app.db, file);
    const saved = await saveHouse(t.app.db, "ternbay");
    const byId = <T extends { id: string }>(list: T[]): T[] => [...list].sort((a, b) => (a.id < b.id ? -1 : 1));
    expect({ ...saved, book: undefined }).toEqual({ ...file, book: undefined });
    expect(byId(saved?.book?.clients ?? [])).toEqual(byId(file.book.clients));
    expect(byId(saved?.book?.absences ?? [])).toEqual(byId(file.book.absences));
    expect(byId(saved?.book?.appointments ?? [])).toEqual(byId(file.book.appointments));
    await loadHouse(t.app.db, saved);
    expect(await saveHouse(t.app.db, "ternbay")).toEqual(saved);
  });

  it("load nothing of a file with one wrong key, and say its path", async () => {
    const before = await saveHouse(t.app.db, "ternbay");
    const file = structuredClone(demoFile()) as unknown as { services: Record<string, unknown>[] };
    (file.services[2] as Record<string, unknown>)["prise"] = 3;
    const error = await loadHouse(t.app.db, file).catch((e: unknown) => e);
    expect(error).toBeInstanceOf(BadHouseFile);
    expect((error as BadHouseFile).message).toContain("services/2");
    expect((error as BadHouseFile).message).toContain("prise");
    expect(await saveHouse(t.app.db, "ternbay")).toEqual(before);
  });
});

describe("the demo's book", () => {
  it("has about 60 clients and six weeks of appointments that fit each other, the same for the same week", () => {
    const house = demoHouse();
    for (const wall of ["2027-03-01T08:30", "2026-11-23T12:00", "2027-07-01T09:00"]) {
      const now = epochMinOf(house.zone, wall);
      const book = demoBook(house, now);
      expect(demoBook(house, now)).toEqual(book);
      expect(book.clients.length).toBeGreaterThanOrEqual(55);
      const days = book.appointments.map((a) => dayOfIso(a.start.slice(0, 10)));
      expect(Math.max(...days) - Math.min(...days)).toBeGreaterThan(33);
      for (const c of book.clients) if (c.phone) expect(c.phone).toMatch(/^\+190255501\d\d$/);
      const numbers = book.clients.flatMap((c) => (c.phone ? [c.phone] : []));
      expect(new Set(numbers).size).toBe(numbers.length);
    }
  });
});

describe("zones", () => {
  // PostgreSQL has its own copy of the IANA data: an independent reader.
  it("agree with PostgreSQL at every hour of a year in America/Halifax, over both clock changes", async () => {
    const { rows } = await t.app.db.raw<{ rows: { at: number; wall: string }[] }>(
      `select (extract(epoch from g) / 60)::int as at, to_char(g at time zone 'America/Halifax', 'YYYY-MM-DD"T"HH24:MI') as wall
         from generate_series('2027-01-01T00:00Z'::timestamptz, '2028-01-01T00:00Z'::timestamptz, interval '1 hour') g`,
    );
    expect(rows.length).toBe(8761);
    const seen = new Map<string, number>();
    for (const r of rows) {
      const l = t.house.zone.toLocal(r.at);
      const wall = `${new Date(l.day * 86_400_000).toISOString().slice(0, 10)}T${String(Math.floor(l.minute / 60)).padStart(2, "0")}:${String(l.minute % 60).padStart(2, "0")}`;
      expect(wall).toBe(r.wall);
      // Where a wall hour comes twice, the first is meant.
      if (!seen.has(wall)) expect(epochMinOf(t.house.zone, wall)).toBe(r.at);
      seen.set(wall, r.at);
    }
    expect(rows.length - seen.size).toBe(1);
  });
});
