import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { demoFile, demoHouse } from "../testing/demo.ts";
import { dayOfIso, isoOfDay, weekdayOf, WEEKDAYS } from "../time/days.ts";
import { closedDay, compile } from "./compile.ts";
import { placeBook } from "./book.ts";
import { houseJsonSchema } from "./jsonschema.ts";
import { parseHouseFile, type HouseFile } from "./schema.ts";

const changed = (change: (f: HouseFile) => void): HouseFile => {
  const f = structuredClone(demoFile());
  change(f);
  return f;
};
const codes = (f: HouseFile): string[] => compile(f).gaps.map((g) => `${g.code} ${g.place}`);

describe("the demo house", () => {
  it("compiles without a gap and has what it promises", () => {
    const file = demoFile();
    expect(compile(file).gaps).toEqual([]);
    expect(file.answers.length).toBeGreaterThanOrEqual(30);
    expect(file.services).toHaveLength(10);
    expect(file.staff).toHaveLength(7);
  });

  // The dates of 2027 by the province's own rules: Good Friday 26 March, Victoria Day 24 May, Thanksgiving 11 October.
  it("is closed on its days and no other", () => {
    const house = demoHouse();
    const closed: string[] = [];
    for (let d = dayOfIso("2027-01-01"); d <= dayOfIso("2027-12-31"); d++) if (house.closedOn(d)) closed.push(isoOfDay(d).slice(5));
    expect(closed).toEqual(["01-01", "02-15", "03-26", "03-29", "05-24", "07-01", "09-06", "09-30", "10-11", "11-11", "12-25", "12-26"]);
  });

  it("knows who works when, breaks taken out and every second Saturday counted", () => {
    const house = demoHouse();
    const on = (who: string, iso: string): string =>
      house
        .worksOn(who, dayOfIso(iso))
        .map((w) => `${w.fromMin / 60}–${w.toMin / 60}`)
        .join(" ");
    expect(on("maren", "2027-03-01")).toBe("8–12 12.5–16");
    expect(on("maren", "2027-03-02")).toBe("11–14.5 15–19");
    expect(on("nell", "2027-03-05")).toBe("");
    expect(on("tobias", "2027-03-06")).toBe("9–13");
    expect(on("tobias", "2027-03-13")).toBe("");
    expect(on("tobias", "2027-03-20")).toBe("9–13");
    expect(on("tobias", "2027-02-20")).toBe("");
    expect(on("maren", "2027-03-26")).toBe("");
  });

  it("has its classes at their hours", () => {
    const house = demoHouse();
    expect(house.classTimes("mat-class", dayOfIso("2027-03-03"))).toEqual([1050]);
    expect(house.classTimes("mat-class", dayOfIso("2027-03-04"))).toEqual([735]);
    expect(house.classTimes("mat-class", dayOfIso("2027-03-02"))).toEqual([]);
  });
});

describe("a day with several windows", () => {
  it("has them in order, however they are written", () => {
    const f = changed((x) => void x.hours.unshift({ id: "fri-late", weekdays: ["Friday"], from: "18:00", to: "20:00" }));
    const { house } = compile(f);
    expect(house?.openOn(dayOfIso("2027-03-05")).map((w) => w.fromMin)).toEqual([480, 1080]);
  });
});

describe("closing rules", () => {
  it("give their day of a year", () => {
    expect(isoOfDay(closedDay({ kind: "before", month: 5, date: 25, weekday: "Monday" }, 2026) ?? 0)).toBe("2026-05-18");
    expect(isoOfDay(closedDay({ kind: "easter", days: 1 }, 2027) ?? 0)).toBe("2027-03-29");
    expect(closedDay({ kind: "once", date: "2027-06-01" }, 2026)).toBeNull();
    expect(closedDay({ kind: "yearly", month: 2, date: 29 }, 2027)).toBeNull();
  });
});

describe("the weekday before a date", () => {
  it("is that weekday, earlier than the date, and within the week before it", () => {
    for (let year = 2020; year < 2060; year++)
      for (const [i, weekday] of WEEKDAYS.entries()) {
        const day = closedDay({ kind: "before", month: 5, date: 25, weekday }, year) ?? 0;
        const end = dayOfIso(`${year}-05-25`);
        expect(weekdayOf(day)).toBe(i + 1);
        expect(end - day).toBeGreaterThanOrEqual(1);
        expect(end - day).toBeLessThanOrEqual(7);
      }
  });
});

describe("a house file", () => {
  it("with one wrong key is refused with its path", () => {
    const bad = { ...demoFile(), services: [{ ...demoFile().services[0], pricesMinor: 3 }] };
    const parsed = parseHouseFile(bad);
    expect("problems" in parsed && parsed.problems.some((p) => p.path.startsWith("services/0") && p.message.includes("pricesMinor"))).toBe(true);
  });

  it.each([
    ["a wrong time", (f: HouseFile) => void ((f.hours[0] as { from: string }).from = "8"), "hours/0/from"],
    ["a wrong zone", (f: HouseFile) => void (f.zone = "Moon/Base"), "zone"],
    ["a wrong currency", (f: HouseFile) => void (f.currency = "dollars"), "currency"],
    [
      "a negative price",
      (f: HouseFile) => void ((f.services[0] as { variants: { priceMinor: number }[] }).variants[0] = { priceMinor: -1, lengthMin: 30 } as never),
      "services/0/variants/0/priceMinor",
    ],
    ["no such date", (f: HouseFile) => void f.closed.push({ id: "x", name: "X", on: { kind: "once", date: "2027-02-30" } }), "closed/12/on/date"],
  ])("with %s says where", (_, change, path) => {
    const parsed = parseHouseFile(changed(change));
    expect("problems" in parsed ? parsed.problems.map((p) => p.path) : []).toContain(path);
  });

  it("survives being written and read again", () => {
    const file = demoFile();
    const again = parseHouseFile(JSON.parse(JSON.stringify(file)));
    expect(again).toEqual({ file });
  });
});

describe("the JSON Schema that ships", () => {
  it("is the one that files are read by", () => {
    expect(JSON.parse(readFileSync(new URL("../../docs/house-format.schema.json", import.meta.url), "utf8"))).toEqual(
      JSON.parse(JSON.stringify(houseJsonSchema())),
    );
  });
});

describe("gaps", () => {
  it.each([
    ["nobody for a service", (f: HouseFile) => void ((f.services[4] as { staff: string[] }).staff = ["mina"]), "nobody-does-it services/4/staff"],
    ["an unknown person", (f: HouseFile) => void (f.services[0] as { staff: string[] }).staff.push("ghost"), "unknown-staff services/0/staff"],
    ["an unknown room", (f: HouseFile) => void ((f.services[0] as { pool: string }).pool = "Attic"), "unknown-pool services/0/pool"],
    ["hours backwards", (f: HouseFile) => void ((f.hours[0] as { to: string }).to = "07:00"), "hours-backwards hours/0"],
    ["hours that overlap", (f: HouseFile) => void f.hours.push({ id: "x", weekdays: ["Friday"], from: "16:00", to: "20:00" }), "hours-overlap hours/3"],
    ["a double id", (f: HouseFile) => void ((f.rooms[1] as { id: string }).id = "treatment-1"), "double-id rooms/1"],
    ["a price without words", (f: HouseFile) => void delete (f.services[9] as { noPrice?: string }).noPrice, "price-missing services/9/variants"],
    [
      "a class when the house is shut",
      (f: HouseFile) => void f.services[8]?.group?.times.push({ weekdays: ["Sunday"], at: "10:00" }),
      "class-outside-hours services/8/group/times",
    ],
    ["a service after itself", (f: HouseFile) => void ((f.services[0] as { after?: string }).after = "assessment"), "after-itself services/0/after"],
    ["a question that is not there", (f: HouseFile) => void f.services[0]?.asks.push("shoe_size"), "unknown-question services/0/asks"],
    ["two services of one name", (f: HouseFile) => void f.services[0]?.also.push("Taping"), "same-name services/6"],
  ])("name %s", (_, change, gap) => {
    expect(codes(changed(change))).toContain(gap);
  });

  it("stop a house that contradicts itself, and only then", () => {
    expect(compile(changed((f) => void f.services[0]?.staff.push("ghost"))).house).toBeNull();
    expect(compile(changed((f) => void (f.services = []))).house).not.toBeNull();
  });
});

describe("a book in a house file", () => {
  const withBook = (appointments: { id: string; start: string; staff?: string; service?: string; client?: string; length?: number; places?: number }[]) => {
    const f = demoFile();
    f.book = {
      clients: [{ id: "c1", name: "Ana Petrov", assessed: true, saysSo: false, note: "", answers: {} }],
      appointments: appointments.map((a) => ({
        id: a.id,
        client: a.client ?? "c1",
        service: a.service ?? "acupuncture",
        lengthMin: a.length ?? 45,
        staff: a.staff ?? "priya",
        start: a.start,
        status: "booked" as const,
        ...(a.places ? { places: a.places } : {}),
      })),
      absences: [],
    };
    return placeBook(demoHouse(), f);
  };

  it("gets rooms where none is named", () => {
    const { placed, problems } = withBook([
      { id: "a", start: "2027-03-01T10:00" },
      { id: "b", start: "2027-03-01T10:00", staff: "maren", service: "taping", length: 15 },
    ]);
    expect(problems).toEqual([]);
    expect(placed.map((p) => p.room)).toEqual(["treatment-1", "treatment-2"]);
  });

  it("is refused where two lie on each other, a client is unknown, or a class overflows", () => {
    expect(
      withBook([
        { id: "a", start: "2027-03-01T10:00" },
        { id: "b", start: "2027-03-01T10:30" },
      ]).problems[0]?.path,
    ).toBe("book/appointments/1/start");
    expect(withBook([{ id: "a", start: "2027-03-01T10:00", client: "nobody" }]).problems[0]?.path).toBe("book/appointments/0/client");
    const many = Array.from({ length: 3 }, (_, i) => ({
      id: `m${i}`,
      start: "2027-03-03T17:30",
      staff: "hanneke",
      service: "mat-class",
      length: 50,
      places: 3,
    }));
    expect(withBook(many).problems.map((p) => p.path)).toEqual(["book/appointments/2/places"]);
  });
});
