import fc from "fast-check";
import { Temporal } from "temporal-polyfill";
import { describe, expect, it } from "vitest";
import { addMonths, dayFrom, dayOfIso, easterOf, isoOfDay, mondayOf, nthWeekday, partsOf, weekdayOf } from "./days.ts";
import { intersect, isFree, subtract, union, type Interval } from "./intervals.ts";
import { clockText, epochMinOf, minuteOfClock, rfc3339, zoneOf } from "./zone.ts";

describe("days", () => {
  it("agree with Temporal on every day of two centuries", () => {
    let date = Temporal.PlainDate.from("1901-01-01");
    for (let day = dayOfIso("1901-01-01"); day < dayOfIso("2100-12-31"); day += 13) {
      date = Temporal.PlainDate.from("1970-01-01").add({ days: day });
      expect(isoOfDay(day)).toBe(date.toString());
      expect(weekdayOf(day)).toBe(date.dayOfWeek);
      expect(partsOf(day)).toEqual({ year: date.year, month: date.month, date: date.day });
    }
  });

  it("has no 30 February, and a 29th only in leap years", () => {
    expect(dayFrom(2027, 2, 30)).toBeNull();
    expect(dayFrom(2027, 2, 29)).toBeNull();
    expect(dayFrom(2028, 2, 29)).not.toBeNull();
    expect(dayFrom(2027, 13, 1)).toBeNull();
    expect(() => dayOfIso("2027-2-3")).toThrow(RangeError);
  });

  it("adds months as Temporal does", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 40_000 }), fc.integer({ min: 0, max: 30 }), (day, months) => {
        expect(isoOfDay(addMonths(day, months))).toBe(Temporal.PlainDate.from(isoOfDay(day)).add({ months }).toString());
      }),
    );
  });

  it("finds the Monday of a week", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 40_000 }), (day) => {
        const monday = mondayOf(day);
        expect(weekdayOf(monday)).toBe(1);
        expect(day - monday).toBeGreaterThanOrEqual(0);
        expect(day - monday).toBeLessThan(7);
      }),
    );
  });

  // Meeus/Jones/Butcher; the dates are published in every almanac (from memory: 2024, 2025; the demo's facts: 2027).
  it.each([
    [2024, "2024-03-31"],
    [2025, "2025-04-20"],
    [2027, "2027-03-28"],
    [2038, "2038-04-25"],
  ])("knows Easter of %i", (year, iso) => {
    expect(isoOfDay(easterOf(year))).toBe(iso);
  });

  // Known dates of 2027: first Monday of September, second Monday of October, last Friday of April (calendar arithmetic).
  it("finds the n-th weekday of a month", () => {
    expect(nthWeekday(2027, 9, 1, 1)).toBe(dayOfIso("2027-09-06"));
    expect(nthWeekday(2027, 10, 1, 2)).toBe(dayOfIso("2027-10-11"));
    expect(nthWeekday(2027, 4, 5, -1)).toBe(dayOfIso("2027-04-30"));
    expect(nthWeekday(2027, 2, 1, 5)).toBeNull();
    // The fifth Monday of May 2027 is the month's last day, the last Tuesday of June its last but one.
    expect(nthWeekday(2027, 5, 1, 5)).toBe(dayOfIso("2027-05-31"));
    expect(nthWeekday(2027, 6, 2, -1)).toBe(dayOfIso("2027-06-29"));
  });
});

describe("zones", () => {
  // IANA tz data by way of Temporal, an independent reader of it.
  it.each(["America/Halifax", "Europe/Berlin", "Australia/Lord_Howe", "Asia/Kathmandu", "Pacific/Chatham"])(
    "%s agrees with Temporal at every hour of a year and back",
    (id) => {
      const zone = zoneOf(id);
      const start = Temporal.ZonedDateTime.from(`2027-01-01T00:00[${id}]`).epochMilliseconds / 60_000;
      for (let at = start; at < start + 366 * 1440; at += 60) {
        const there = Temporal.Instant.fromEpochMilliseconds(at * 60_000).toZonedDateTimeISO(id);
        const local = zone.toLocal(at);
        expect(`${isoOfDay(local.day)} ${clockText(local.minute)}`).toBe(
          `${there.toPlainDate().toString()} ${there.toPlainTime().toString({ smallestUnit: "minute" })}`,
        );
      }
    },
  );

  it("takes wall times that a clock change skips or doubles as Temporal's compatible rule does", () => {
    const zone = zoneOf("America/Halifax");
    for (const day of ["2027-03-14", "2027-11-07", "2026-03-08", "2026-11-01"])
      for (let minute = 0; minute < 300; minute += 5) {
        const wall = Temporal.PlainDateTime.from(`${day}T${clockText(minute)}`);
        expect(zone.toEpochMin(dayOfIso(day), minute), `${day} ${clockText(minute)}`).toBe(
          wall.toZonedDateTime("America/Halifax", { disambiguation: "compatible" }).epochMilliseconds / 60_000,
        );
      }
  });

  it("writes and reads RFC 3339", () => {
    const zone = zoneOf("America/Halifax");
    const at = epochMinOf(zone, "2027-03-05T14:00");
    expect(rfc3339(zone, at)).toBe("2027-03-05T14:00:00-04:00");
    expect(epochMinOf(zone, "2027-03-05T18:00:00Z")).toBe(at);
    expect(() => epochMinOf(zone, "tomorrow")).toThrow(RangeError);
    expect(() => minuteOfClock("25:00")).toThrow(RangeError);
    expect(() => minuteOfClock("7:5")).toThrow(RangeError);
  });
});

describe("intervals", () => {
  const list = fc
    .array(fc.tuple(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 1, max: 12 })), { maxLength: 8 })
    .map((l): Interval[] => union(l.map(([s, n]) => ({ startMin: s, endMin: s + n }))));
  const covers = (l: readonly Interval[], x: number): boolean => l.some((i) => i.startMin <= x && x < i.endMin);

  it("behave as sets of minutes", () => {
    fc.assert(
      fc.property(list, list, (a, b) => {
        for (let x = 0; x < 75; x++) {
          expect(covers(intersect(a, b), x)).toBe(covers(a, x) && covers(b, x));
          expect(covers(subtract(a, b), x)).toBe(covers(a, x) && !covers(b, x));
          expect(covers(union([...a, ...b]), x)).toBe(covers(a, x) || covers(b, x));
        }
      }),
    );
  });

  it("tell whether a stretch is free", () => {
    fc.assert(
      fc.property(list, fc.integer({ min: 0, max: 70 }), fc.integer({ min: 1, max: 10 }), (a, s, n) => {
        let free = true;
        for (let x = s; x < s + n; x++) if (covers(a, x)) free = false;
        expect(isFree(a, s, s + n)).toBe(free);
      }),
    );
  });
});
