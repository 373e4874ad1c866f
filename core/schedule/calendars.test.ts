import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { withDays, withRules } from "../house/compile.ts";
import type { HouseFile } from "../house/schema.ts";
import { demoFile, demoHouse, houseOf } from "../testing/demo.ts";
import { dayOfIso, isoOfDay } from "../time/days.ts";
import { clockText, epochMinOf } from "../time/zone.ts";
import { CalendarBook, type BusyRow } from "./calendar.ts";
import { feeForLate, feeForMissed, isLate } from "./fees.ts";
import { findOffers } from "./offers.ts";
import { openings, rowOf } from "./openings.ts";
import { faultsOf } from "./places.ts";
import { series } from "./series.ts";
import { gapsBySetting, unusableOf } from "./tidiness.ts";
import { touchedBy } from "./touched.ts";
import { findVisits, LONGEST_WAIT_MIN, visits, type VisitPart } from "./visits.ts";

const house = demoHouse();
const now = epochMinOf(house.zone, "2027-03-01T08:30");
const at = (wall: string): number => epochMinOf(house.zone, wall);
const wall = (t: number): string => `${isoOfDay(house.zone.toLocal(t).day).slice(5)} ${clockText(house.zone.toLocal(t).minute)}`;
const row = (id: string, staff: string | null, room: string | null, from: string, to: string): BusyRow => ({
  id,
  staff,
  room,
  startMin: at(from),
  endMin: at(to),
});
const changed = (change: (f: HouseFile) => void) => {
  const file = demoFile();
  change(file);
  return houseOf(file);
};

describe("weights", () => {
  // Wednesday: Maren is free from 9:00 on but for 10:00–10:30. A follow-up takes 30 minutes, taping a quarter of an hour.
  const busy = new CalendarBook([
    row("a", "maren", "treatment-1", "2027-03-03T10:00", "2027-03-03T10:30"),
    row("b", "maren", "treatment-1", "2027-03-03T08:00", "2027-03-03T08:45"),
  ]);
  const first = (setting: "nearest" | "tidy" | "quiet", lastStaff?: string) => {
    const h = withRules(
      changed((f) => {
        // With half an hour as the shortest thing that she does, a quarter of an hour is lost.
        for (const s of f.services) if (s.id === "taping") s.staff = ["tobias"];
      }),
      { offers: setting },
    );
    const { offers } = findOffers(h, busy, now, {
      service: "follow-up",
      lengthMin: 30,
      wish: { days: { ranges: [{ from: dayOfIso("2027-03-03"), to: dayOfIso("2027-03-04") }] }, time: { fromMin: 525, toMin: 720, toIs: "start" } },
      most: 1,
      ...(lastStaff ? { lastStaff } : {}),
    });
    return offers.map((o) => `${wall(o.startMin)} ${o.staff}`);
  };

  it("fill quiet days: somebody who has nothing yet beats an earlier start with somebody who has", () => {
    expect(first("nearest")).toEqual(["03-03 08:45 maren"]);
    // Later in the day, with Tobias, who has nothing yet.
    expect(first("quiet")).toEqual(["03-03 11:00 tobias"]);
  });

  it("keep days tidy: a start that leaves nothing too short beats an earlier one that does", () => {
    const h = (setting: "nearest" | "tidy") =>
      withRules(
        changed((f) => {
          for (const s of f.services) if (s.id === "taping") s.staff = ["tobias"];
        }),
        { offers: setting },
      );
    const gap = new CalendarBook([
      row("x", "maren", null, "2027-03-03T08:00", "2027-03-03T09:15"),
      row("y", "maren", null, "2027-03-03T10:30", "2027-03-03T16:00"),
    ]);
    const offer = (setting: "nearest" | "tidy") =>
      findOffers(h(setting), gap, now, {
        service: "follow-up",
        lengthMin: 30,
        wish: {
          days: { ranges: [{ from: dayOfIso("2027-03-03"), to: dayOfIso("2027-03-03") }] },
          time: { fromMin: 570, toMin: 720, toIs: "start" },
          staff: ["maren"],
        },
        most: 1,
      }).offers.map((o) => wall(o.startMin));
    // From 9:15 to 10:30: at 9:30 a quarter is lost before; at 9:45 half an hour stays before and a quarter after; at 10:00 three quarters stay whole.
    expect(offer("nearest")).toEqual(["03-03 09:30"]);
    expect(offer("tidy")).toEqual(["03-03 10:00"]);
  });

  it("prefer whom the client saw last, where all else is the same", () => {
    const wish = {
      days: { ranges: [{ from: dayOfIso("2027-03-04"), to: dayOfIso("2027-03-04") }] },
      time: { fromMin: 780, toMin: 780, toIs: "start" as const, nearMin: 780 },
    };
    const who = (lastStaff?: string) =>
      findOffers(house, new CalendarBook(), now, { service: "sports-massage", lengthMin: 60, wish, most: 1, ...(lastStaff ? { lastStaff } : {}) }).offers[0]
        ?.staff;
    expect(who()).toBe("nell");
    expect(who("joaquim")).toBe("joaquim");
  });

  it("show how many minutes of gaps each would have left", () => {
    const past = Array.from({ length: 14 }, (_, i) => ({
      service: i % 3 ? "sports-massage" : "relaxation-massage",
      lengthMin: i % 3 === 1 ? 30 : 60,
      startMin: at(`2027-02-${String(8 + (i % 4)).padStart(2, "0")}T${i % 2 ? "10" : "15"}:00`),
    }));
    const counted = gapsBySetting(house, past, []);
    expect(counted.map((c) => c.setting)).toEqual(["nearest", "tidy", "quiet"]);
    for (const c of counted) expect(c.placed).toBe(14);
    const [nearest, tidy] = counted;
    expect(tidy?.gapMin).toBeLessThanOrEqual(nearest?.gapMin ?? 0);
    expect(gapsBySetting(house, [], [])).toEqual(counted.map((c) => ({ setting: c.setting, gapMin: 0, placed: 0 })));
    // Priya on Monday from 10:00 to 18:00: a stretch of half an hour can be used, one of a quarter cannot.
    const lost = (to: string) => unusableOf(house, new CalendarBook([row("p", "priya", null, "2027-03-01T10:00", to)]), dayOfIso("2027-03-01"));
    expect(lost("2027-03-01T13:15") - lost("2027-03-01T13:30")).toBe(15);
  });
});

describe("visits of several parts", () => {
  /** Every arrangement tried one by one: the first start at which a chain of openings fits, part after part. */
  function slowly(parts: readonly VisitPart[], how: "one-after-another" | "same-time", calendar: CalendarBook, day: number): string[] {
    const chain = (rest: readonly VisitPart[], book: CalendarBook, from: number | null): { startMin: number; text: string }[][] => {
      const [part, ...more] = rest;
      if (!part) return [[]];
      const all: { startMin: number; text: string }[][] = [];
      for (const o of openings(house, book, now, { ...part, fromDay: day, toDay: day })) {
        if (from !== null && (how === "same-time" ? o.startMin !== from : o.startMin < from || o.startMin > from + LONGEST_WAIT_MIN)) continue;
        const next = book.with([rowOf(house, `slow ${rest.length} ${o.startMin}`, o, 1)]);
        const tail = chain(more, next, how === "same-time" ? o.startMin : o.endMin)[0];
        if (tail) all.push([{ startMin: o.startMin, text: `${wall(o.startMin)} ${o.staff}` }, ...tail]);
      }
      return all;
    };
    const seen = new Set<number>();
    return chain(parts, calendar, null)
      .filter((v) => !seen.has(v[0]?.startMin ?? 0) && seen.add(v[0]?.startMin ?? 0))
      .map((v) => v.map((o) => o.text).join(", "));
  }

  it("are the chains that trying everything finds, back to back and at the same time", () => {
    fc.assert(
      fc.property(
        fc.constantFrom("one-after-another" as const, "same-time" as const),
        fc.array(fc.tuple(fc.constantFrom("nell", "joaquim", "priya", "maren", "tobias"), fc.integer({ min: 32, max: 72 }), fc.integer({ min: 1, max: 8 })), {
          maxLength: 8,
        }),
        fc.constantFrom("2027-03-03", "2027-03-04"),
        (how, taken, iso) => {
          const day = dayOfIso(iso);
          const book = new CalendarBook(
            taken.map(([staff, q, n], i) => ({
              id: `t${i}`,
              staff,
              room: null,
              startMin: house.zone.toEpochMin(day, q * 15),
              endMin: house.zone.toEpochMin(day, (q + n) * 15),
            })),
          );
          const parts =
            how === "same-time"
              ? [
                  { service: "relaxation-massage", lengthMin: 60 },
                  { service: "relaxation-massage", lengthMin: 60 },
                ]
              : [
                  { service: "sports-massage", lengthMin: 60 },
                  { service: "taping", lengthMin: 15 },
                ];
          const found = [...visits(house, book, now, { parts, how, fromDay: day, toDay: day })].map((v) =>
            v.parts.map((o) => `${wall(o.startMin)} ${o.staff}`).join(", "),
          );
          expect(found).toEqual(slowly(parts, how, book, day));
        },
      ),
      { numRuns: 60, seed: 12 },
    );
  });

  it("wait for the clean-up where one person does both, and never longer than half an hour", () => {
    const day = dayOfIso("2027-03-04");
    for (const v of visits(house, new CalendarBook(), now, {
      parts: [
        { service: "sports-massage", lengthMin: 60, staff: ["nell"] },
        { service: "relaxation-massage", lengthMin: 60, staff: ["nell"] },
      ],
      how: "one-after-another",
      fromDay: day,
      toDay: day,
    })) {
      const wait = (v.parts[1]?.startMin ?? 0) - (v.parts[0]?.endMin ?? 0);
      expect(wait).toBe(15);
    }
  });

  it("lie apart from each other when they are offered", () => {
    const found = findVisits(house, new CalendarBook(), now, {
      parts: [
        { service: "sports-massage", lengthMin: 60 },
        { service: "acupuncture", lengthMin: 45 },
      ],
      how: "one-after-another",
      wish: { days: { ranges: [{ from: dayOfIso("2027-03-04"), to: dayOfIso("2027-03-04") }] } },
    });
    expect(found.length).toBe(3);
    expect((found[1]?.startMin ?? 0) - (found[0]?.startMin ?? 0)).toBeGreaterThanOrEqual(120);
    expect(
      findVisits(house, new CalendarBook(), now, {
        parts: [
          { service: "mat-class", lengthMin: 50 },
          { service: "taping", lengthMin: 15 },
        ],
        how: "same-time",
        wish: {},
      }),
    ).toEqual([]);
  });
});

describe("a series", () => {
  it("stays with the one with whom most weeks fit, and shows what else there is", () => {
    const day = dayOfIso("2027-03-02");
    const book = new CalendarBook([
      row("a", "maren", null, "2027-03-02T12:00", "2027-03-02T19:00"),
      row("b", "tobias", null, "2027-03-16T08:00", "2027-03-16T19:00"),
    ]);
    const s = series(house, book, now, {
      service: "follow-up",
      lengthMin: 30,
      staff: ["maren", "tobias"],
      firstDay: day,
      minute: 780,
      times: 6,
      everyWeeks: 1,
    });
    expect(s.staff).toBe("maren");
    expect(s.weeks.map((w) => isoOfDay(w.day))).toEqual(["2027-03-02", "2027-03-09", "2027-03-16", "2027-03-23", "2027-03-30", "2027-04-06"]);
    expect(s.weeks.map((w) => w.opening !== null)).toEqual([false, true, true, true, true, true]);
    for (const o of s.weeks[0]?.instead ?? []) expect(Math.abs(house.zone.toLocal(o.startMin).day - day)).toBeLessThanOrEqual(14);
    expect(s.weeks[0]?.instead.length).toBeGreaterThan(0);
    // Every Tuesday at one o'clock is one o'clock on the wall, before and after the clock change of 14 March.
    for (const w of s.weeks) if (w.opening) expect(house.zone.toLocal(w.opening.startMin).minute).toBe(780);
    expect(series(house, book, now, { service: "follow-up", lengthMin: 45, firstDay: day, minute: 780, times: 2, everyWeeks: 1 }).staff).toBeNull();
  });
});

describe("places by hand", () => {
  const codes = (h: typeof house, request: Partial<Parameters<typeof faultsOf>[3]>, calendar = new CalendarBook()) =>
    faultsOf(h, calendar, now, { service: "follow-up", lengthMin: 30, staff: "maren", startMin: at("2027-03-03T09:00"), ...request }).faults.map((f) => f.code);

  it.each([
    ["nothing", {}, []],
    ["a wrong person", { staff: "nell" }, ["not-theirs"]],
    ["a lunch break", { startMin: at("2027-03-03T12:15") }, ["break"]],
    ["an evening when she has gone", { startMin: at("2027-03-03T17:00") }, ["not-in"]],
    ["a Sunday", { startMin: at("2027-03-07T10:00") }, ["closed"]],
    ["five past", { startMin: at("2027-03-03T09:05") }, ["off-grid"]],
    ["yesterday", { startMin: at("2027-02-26T09:00") }, ["past"]],
    ["next summer", { startMin: at("2027-06-02T09:00") }, ["too-far"]],
    ["a service that is none", { service: "haircut" }, ["no-such-service"]],
  ] as const)("%s", (_, request, expected) => {
    expect(codes(house, request)).toEqual(expected);
  });

  it("never take what is taken, nor a room that is not free, whatever is overruled", () => {
    const book = new CalendarBook([
      row("a", "maren", "treatment-1", "2027-03-03T09:00", "2027-03-03T09:30"),
      row("b", "tobias", "treatment-2", "2027-03-03T09:00", "2027-03-03T09:30"),
    ]);
    expect(codes(house, {}, book)).toContain("taken");
    expect(codes(house, { own: "a" }, book)).toEqual([]);
    const priya = faultsOf(house, book, now, { service: "acupuncture", lengthMin: 45, staff: "priya", startMin: at("2027-03-03T09:00") });
    expect(priya.faults).toContainEqual({ code: "no-room", mayOverrule: false, about: "Treatment" });
    expect(priya.opening).toBeNull();
    // A wish for one room is a wish for that room.
    expect(
      faultsOf(house, new CalendarBook([row("c", null, "treatment-1", "2027-03-03T09:00", "2027-03-03T10:00")]), now, {
        service: "follow-up",
        lengthMin: 30,
        staff: "maren",
        startMin: at("2027-03-03T09:00"),
        room: "treatment-2",
      }).opening?.room,
    ).toBe("treatment-2");
  });

  it("know classes, what the house does at most a day, and a service's own hours", () => {
    expect(codes(house, { service: "mat-class", lengthMin: 50, staff: "hanneke", startMin: at("2027-03-03T17:00") })).toEqual(["no-class"]);
    expect(codes(house, { service: "mat-class", lengthMin: 50, staff: "hanneke", startMin: at("2027-03-03T17:30"), places: 3 })).toEqual([]);
    expect(codes(house, { service: "mat-class", lengthMin: 50, staff: "hanneke", startMin: at("2027-03-03T17:30"), places: 9 })).toEqual(["class-full"]);
    const few = changed((f) => {
      const s = f.services.find((x) => x.id === "follow-up");
      if (s) {
        s.mostADay = 1;
        s.when = [{ id: "am", weekdays: ["Wednesday"], from: "08:00", to: "12:00" }];
      }
    });
    const one = new CalendarBook([{ ...row("x", "tobias", "treatment-2", "2027-03-03T15:00", "2027-03-03T15:30"), service: "follow-up" }]);
    expect(codes(few, {}, one)).toEqual(["day-full"]);
    expect(codes(few, { startMin: at("2027-03-03T14:00") })).toEqual(["only-then"]);
  });

  it("lengthen beyond any length of the service, where it is free", () => {
    const long = faultsOf(house, new CalendarBook(), now, { service: "sports-massage", lengthMin: 120, staff: "nell", startMin: at("2027-03-03T09:00") });
    expect(long.opening).toMatchObject({ lengthMin: 120, endMin: at("2027-03-03T11:00"), busyUntilMin: at("2027-03-03T11:15") });
  });
});

describe("what a change touches", () => {
  const a = { id: "a", service: "follow-up", lengthMin: 30, staff: "maren", room: "treatment-1", startMin: at("2027-03-03T15:00"), places: 1 };
  const whys = (change: (f: HouseFile) => void) => touchedBy(house, changed(change), [a]).map((t) => t.why);

  it.each<[string, (f: HouseFile) => void, string[]]>([
    ["nothing", () => undefined, []],
    [
      "shorter hours",
      (f) => (f.staff[0] ? (f.staff[0].hours = [{ id: "x", weekdays: ["Wednesday"], from: "08:00", to: "15:00" }]) : undefined),
      ["outside-hours"],
    ],
    ["a closed day", (f) => f.closed.push({ id: "x", name: "X", on: { kind: "once", date: "2027-03-03" } }), ["closed"]],
    [
      "a shortened day",
      (f) => f.closed.push({ id: "x", name: "X", on: { kind: "once", date: "2027-03-03" }, hours: [{ from: "08:00", to: "12:00" }] }),
      ["outside-hours"],
    ],
    ["another length", (f) => f.services.forEach((s) => s.id === "follow-up" && (s.variants = [{ lengthMin: 45, priceMinor: 1 }])), ["length-gone"]],
    ["other people", (f) => f.services.forEach((s) => s.id === "follow-up" && (s.staff = ["tobias"])), ["not-theirs"]],
    ["no such service", (f) => (f.services = f.services.filter((s) => s.id !== "follow-up").map(({ after: _after, ...s }) => s)), ["service-gone"]],
    ["a room less", (f) => (f.rooms = f.rooms.filter((r) => r.id !== "treatment-1")), ["room-gone"]],
  ])("%s", (_, change, expected) => {
    expect(whys(change)).toEqual(expected);
  });

  it("is only what fitted before", () => {
    const already = { ...a, startMin: at("2027-03-03T18:00") };
    expect(touchedBy(house, house, [already])).toEqual([]);
  });
});

describe("single days and turns", () => {
  it("hold instead of the weekly hours, under the house's own", () => {
    const h = withDays(house, [
      { id: "1", staff: "maren", date: "2027-03-04", hours: [{ from: "07:00", to: "10:00" }], reason: "" },
      { id: "2", date: "2027-03-07", hours: [{ from: "10:00", to: "12:00" }], reason: "Open house" },
      { id: "3", staff: "nell", date: "2027-03-07", hours: [{ from: "10:00", to: "14:00" }], reason: "" },
      { id: "4", date: "2027-03-05", hours: [], reason: "Burst pipe" },
    ]);
    const works = (id: string, iso: string) => h.worksOn(id, dayOfIso(iso)).map((w) => [w.fromMin, w.toMin]);
    // The house opens at 8:00, whatever a person says.
    expect(works("maren", "2027-03-04")).toEqual([[480, 600]]);
    expect(works("nell", "2027-03-07")).toEqual([[600, 720]]);
    expect(works("maren", "2027-03-07")).toEqual([]);
    expect(h.closedOn(dayOfIso("2027-03-05"))).toEqual({ id: "", name: "Burst pipe" });
    expect(h.openOn(dayOfIso("2027-03-05"))).toEqual([]);
    expect(withDays(h, []).openOn(dayOfIso("2027-03-05")).length).toBe(1);
  });

  it("a shortened holiday is open for as long as it says", () => {
    const h = changed((f) => f.closed.push({ id: "eve", name: "Eve", on: { kind: "once", date: "2027-03-10" }, hours: [{ from: "09:00", to: "12:00" }] }));
    expect(h.openOn(dayOfIso("2027-03-10")).map((w) => [w.fromMin, w.toMin])).toEqual([[540, 720]]);
    expect(h.closedOn(dayOfIso("2027-03-10"))).toBeNull();
  });
});

describe("fees", () => {
  it("begin a minute after the hour that is free, and are half or whole", () => {
    const startMin = at("2027-03-03T09:00");
    expect(isLate(house, startMin - 1440, startMin)).toBe(false);
    expect(isLate(house, startMin - 1439, startMin)).toBe(true);
    expect(feeForLate(house, startMin - 1439, startMin, 7500)).toBe(3750);
    expect(feeForLate(house, startMin - 1440, startMin, 7500)).toBe(0);
    expect(feeForLate(house, startMin - 60, startMin, null)).toBeNull();
    expect(feeForMissed(house, 7500)).toBe(7500);
    expect(feeForMissed(house, null)).toBe(0);
  });
});
