import { parse as parseCsv } from "csv-parse/sync";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CalendarBook } from "../schedule/calendar.ts";
import { demoFile, demoHouse, houseOf } from "../testing/demo.ts";
import { dayOfIso, isoOfDay } from "../time/days.ts";
import { epochMinOf } from "../time/zone.ts";
import { csvLine, dateOf, lengthOf, minuteOf, priceOf, readAppointments, readClients, readServices } from "./tables.ts";

const house = demoHouse();
const now = epochMinOf(house.zone, "2027-03-01T08:30");

describe("cells", () => {
  it.each([
    ["2027-03-12", "2027-03-12"],
    ["3/12/2027", "2027-03-12"],
    ["13/3/2027", "2027-03-13"],
    ["12.3.2027", "2027-03-12"],
    ["5 Mar 2027", "2027-03-05"],
    ["Friday, March 5th, 2027", "2027-03-05"],
    ["2027-02-30", null],
    ["13.13.2027", null],
    ["soon", null],
    ["", null],
  ])("read the date %s", (said, iso) => {
    const day = dateOf(house, said);
    expect(day === null ? null : isoOfDay(day)).toBe(iso);
  });

  it("read a date by the house's own order where both could be", () => {
    const dayFirst = houseOf({ ...demoFile(), dateOrder: "day-first" });
    expect(dateOf(dayFirst, "3/12/2027")).toBe(dayOfIso("2027-12-03"));
    expect(dateOf(dayFirst, "3/13/2027")).toBe(dayOfIso("2027-03-13"));
  });

  it.each([
    ["14:00", 840],
    ["9am", 540],
    ["2:30 p.m.", 870],
    ["12 am", 0],
    ["12:15 pm", 735],
    ["25:00", null],
    ["9", null],
    ["13 pm", null],
    ["9:75", null],
  ])("read the time %s", (said, minute) => {
    expect(minuteOf(said)).toBe(minute);
  });

  it.each([
    ["60", 60],
    ["45 min", 45],
    ["1 h", 60],
    ["1 h 30", 90],
    ["1:15", 75],
    ["3", null],
    ["-30", null],
    ["13 h", null],
    ["long", null],
  ])("read the length %s", (said, minutes) => {
    expect(lengthOf(said)).toBe(minutes);
  });

  it.each([
    ["$85", 8500],
    ["85.5", 8550],
    ["1,200.00", 120_000],
    ["85,50 €", 8550],
    ["0", 0],
    ["-5", undefined],
    ["free", undefined],
    ["1.2.3", undefined],
  ])("read the price %s", (said, minor) => {
    expect(priceOf(house, said)).toBe(minor);
  });
});

describe("tables", () => {
  it("of clients say each fault with its line, as a spreadsheet counts", () => {
    const read = readClients(house, [
      ["First name", "Last name", "Mobile", "E-mail"],
      ["Ana", "Petrov", "902 555 0142", "ana@mail.example"],
      [],
      ["", "", "902 555 0143", ""],
      ["Bo", "Lark", "12", "bo"],
      ["Ana", "Petrov", "(902) 555-0142", "ANA@mail.example"],
    ]);
    expect(read.lines).toEqual([{ line: 2, name: "Ana Petrov", phone: "+19025550142", email: "ana@mail.example", assessed: false }]);
    expect(read.faults.map((f) => `${f.line} ${f.column}`)).toEqual(["4 name", "5 phone", "5 email", "6 name"]);
    expect(read.of).toBe(4);
  });

  it("of services know people by their short names and rooms by their kind", () => {
    const read = readServices(house, [
      ["Treatment", "Minutes", "Cost", "Therapist", "Room"],
      ["Hot stones", "60", "110", "Nell & Jo", "massage"],
      ["Hot stones", "60", "120", "", ""],
      ["Ice bath", "30", "-1", "Ghost", "Cellar"],
    ]);
    expect(read.lines).toMatchObject([{ name: "Hot stones", lengthMin: 60, priceMinor: 11_000, staff: ["nell", "joaquim"], pool: "Massage" }]);
    expect(read.faults.map((f) => `${f.line} ${f.column}`)).toEqual(["3 length", "4 price", "4 staff", "4 room"]);
  });

  it("of appointments are placed one beside the other, and never over what is there", () => {
    const busy = new CalendarBook([
      {
        id: "x",
        staff: "maren",
        room: "treatment-1",
        startMin: epochMinOf(house.zone, "2027-03-03T09:00"),
        endMin: epochMinOf(house.zone, "2027-03-03T09:30"),
      },
    ]);
    const head = ["date", "time", "service", "length", "with", "client"];
    const line = (time: string, more: Partial<Record<"service" | "length" | "with" | "date", string>> = {}) => [
      more.date ?? "2027-03-03",
      time,
      more.service ?? "Taping",
      more.length ?? "",
      more.with ?? "Maren",
      "Cleo",
    ];
    const read = readAppointments(house, busy, now, [
      head,
      line("9:15"),
      line("9:30"),
      line("9:30"),
      line("9:45", { length: "20" }),
      line("10:00", { service: "Sports massage", with: "Nell" }),
      line("12:00"),
      line("9:00", { date: "2027-02-01" }),
    ]);
    expect(read.lines.map((l) => l.line)).toEqual([3, 7]);
    expect(read.lines[1]?.outside).toEqual(["in the person’s break"]);
    expect(read.faults.map((f) => `${f.line} ${f.column}`)).toEqual(["2 time", "4 time", "5 length", "6 length", "8 date"]);
    // The calendar that was given is left as it was.
    expect([...busy.rows()].length).toBe(1);
  });

  it("without their headings are not read at all", () => {
    expect(
      readServices(house, [
        ["a", "b"],
        ["x", "y"],
      ]),
    ).toMatchObject({
      lines: [],
      of: 0,
      faults: [
        { line: 1, column: "service or name" },
        { line: 1, column: "length" },
      ],
    });
    expect(readClients(house, []).faults.length).toBe(1);
  });
});

// RFC 4180: read back by csv-parse, an independent reader of it.
describe("lines of CSV", () => {
  it("come back as they were", () => {
    const cell = fc.string().filter((s) => !s.includes("\0") && !/^[=+\-@\t\r]/.test(s));
    fc.assert(
      fc.property(fc.array(fc.array(cell, { minLength: 2, maxLength: 5 }), { minLength: 1, maxLength: 6 }), (rows) => {
        const text = `${rows.map(csvLine).join("\r\n")}\r\n`;
        expect(parseCsv(text, { relax_column_count: true, skip_empty_lines: false, record_delimiter: "\r\n" })).toEqual(rows);
      }),
    );
  });

  it("hold no formula, and leave numbers alone", () => {
    expect(csvLine(["=1+1", "@cmd", "+1 902 555 0142", "-5", "a,b", 'say "x"'])).toBe(`'=1+1,'@cmd,+1 902 555 0142,-5,"a,b","say ""x"""`);
  });
});
