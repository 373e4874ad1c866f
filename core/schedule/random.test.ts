import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { withDays, type House } from "../house/compile.ts";
import { OFFER_WEIGHTS, type HouseFile, type SingleDay } from "../house/schema.ts";
import { demoFile, houseOf } from "../testing/demo.ts";
import { Slow, type SlowOpening, type SlowRequest } from "../testing/slow.ts";
import { dayOfIso, isoOfDay, WEEKDAYS, type WeekdayName } from "../time/days.ts";
import { clockText } from "../time/zone.ts";
import { CalendarBook, type BusyRow } from "./calendar.ts";
import { findOffers, WEIGHTS } from "./offers.ts";
import { openings } from "./openings.ts";
import { faultsOf } from "./places.ts";

/** Random houses around both clock changes of America/Halifax and on ordinary days. Everything lies on five minutes. */
const clock = (q: number): string => clockText(q * 15);
const window = fc
  .tuple(fc.oneof(fc.integer({ min: 0, max: 40 }), fc.integer({ min: 0, max: 8 })), fc.integer({ min: 24, max: 80 }))
  .map(([f, n]) => ({ from: clock(f), to: clock(Math.min(96, f + n)) }));
const someDays = fc.oneof(
  { weight: 3, arbitrary: fc.constant<WeekdayName[]>([...WEEKDAYS]) },
  { weight: 2, arbitrary: fc.uniqueArray(fc.constantFrom<WeekdayName>(...WEEKDAYS), { minLength: 4, maxLength: 7 }) },
);
const takes = fc.constantFrom("both", "person", "room", undefined);
const buffers = fc.record({ cleanUpMin: fc.constantFrom(0, 5, 15, 20), cleanUpTakes: takes, setUpMin: fc.constantFrom(0, 0, 10, 15), setUpTakes: takes });
const BEGINNINGS = ["2027-03-13", "2027-11-06", "2027-03-01", "2027-07-05"];

const person = fc.record({
  hours: window,
  days: someDays,
  turn: fc.option(fc.record({ hours: window, days: someDays, weeks: fc.constantFrom(2, 3), nth: fc.option(fc.constantFrom("1", "2", "-1")) }), { freq: 3 }),
  rest: fc.option(fc.tuple(fc.integer({ min: 0, max: 80 }), fc.constant(2)).map(([f, n]) => ({ from: clock(f), to: clock(f + n) }))),
});

const randomHouse = fc
  .record({
    first: fc.constantFrom(...BEGINNINGS),
    hours: window,
    openDays: someDays,
    staff: fc.array(person, { minLength: 1, maxLength: 3 }),
    rooms: fc.integer({ min: 1, max: 2 }),
    devices: fc.integer({ min: 0, max: 1 }),
    lengths: fc.uniqueArray(fc.constantFrom(15, 30, 45, 60, 90), { minLength: 1, maxLength: 2 }),
    about: buffers,
    other: fc.record({ length: fc.constantFrom(15, 30, 60), about: buffers }),
    alone: fc.boolean(),
    when: fc.option(fc.tuple(someDays, window), { freq: 3 }),
    most: fc.option(fc.integer({ min: 1, max: 3 }), { freq: 4 }),
    class: fc.option(fc.record({ at: fc.integer({ min: 20, max: 80 }), days: someDays, taken: fc.integer({ min: 0, max: 4 }), about: buffers }), { freq: 2 }),
    single: fc.array(fc.record({ who: fc.integer({ min: -1, max: 2 }), day: fc.integer({ min: 0, max: 3 }), hours: fc.option(window, { freq: 4 }) }), {
      maxLength: 2,
    }),
    holiday: fc.option(fc.record({ day: fc.integer({ min: 0, max: 3 }), hours: fc.option(window) }), { freq: 3 }),
    grid: fc.constantFrom(15, 30),
    notice: fc.constantFrom(0, 0, 120, 1440),
    horizon: fc.constantFrom(2, 60),
    offers: fc.constantFrom(...OFFER_WEIGHTS),
    busy: fc.array(
      fc.record({
        who: fc.integer({ min: 0, max: 2 }),
        room: fc.integer({ min: 0, max: 2 }),
        at: fc.integer({ min: -20, max: 1150 }),
        n: fc.integer({ min: 1, max: 24 }),
        kind: fc.constantFrom("both", "person", "room", "apart", "more"),
        counts: fc.boolean(),
      }),
      { maxLength: 12 },
    ),
    before: fc.constantFrom(-1, -1, 0, 1),
    quarter: fc.integer({ min: 0, max: 95 }),
  })
  .map((r) => {
    const file: HouseFile = { ...demoFile(), questions: [], answers: [], closed: [] };
    const first = dayOfIso(r.first);
    file.hours = [{ id: "h", weekdays: r.openDays, ...r.hours }];
    if (r.holiday) {
      const iso = isoOfDay(first + r.holiday.day);
      file.closed = [
        {
          id: "holiday",
          name: "Holiday",
          on: { kind: "yearly", month: Number(iso.slice(5, 7)), date: Number(iso.slice(8)) },
          ...(r.holiday.hours ? { hours: [r.holiday.hours] } : {}),
        },
      ];
    }
    file.staff = r.staff.map((s, i) => ({
      id: `s${i}`,
      name: `Person ${i}`,
      called: [],
      work: "x",
      languages: [],
      bookable: true,
      takesMessages: false,
      hours: [
        { id: `w${i}`, weekdays: s.days, ...s.hours },
        ...(s.turn
          ? [
              {
                id: `t${i}`,
                weekdays: s.turn.days,
                ...s.turn.hours,
                ...(s.turn.nth === null
                  ? { every: { weeks: s.turn.weeks, from: "2027-03-03" } }
                  : {
                      repeat: {
                        rule: `FREQ=MONTHLY;BYDAY=${s.turn.days.map((d) => `${s.turn?.nth ?? ""}${d.slice(0, 2).toUpperCase()}`).join(",")}`,
                        from: "2027-01-01",
                      },
                    }),
              },
            ]
          : []),
      ],
      breaks: s.rest
        ? [
            {
              id: `b${i}`,
              weekdays: s.days,
              from: s.rest.from,
              to: clockText(Math.min(1440, Number(s.rest.from.slice(0, 2)) * 60 + Number(s.rest.from.slice(3)) + 30)),
            },
          ]
        : [],
    }));
    file.rooms = [
      ...Array.from({ length: r.rooms }, (_, i) => ({ id: `r${i}`, name: `Room ${i}`, pool: "Room" })),
      ...Array.from({ length: r.devices }, (_, i) => ({ id: `d${i}`, name: `Device ${i}`, pool: "Device" })),
    ];
    const all = file.staff.map((s) => s.id);
    const base = { also: [], about: "", asks: [], staff: all, pool: "Room" };
    const clean = (b: typeof r.about) => ({
      cleanUpMin: b.cleanUpMin,
      ...(b.cleanUpTakes ? { cleanUpTakes: b.cleanUpTakes } : {}),
      ...(b.setUpMin > 0 ? { setUpMin: b.setUpMin } : {}),
      ...(b.setUpTakes ? { setUpTakes: b.setUpTakes } : {}),
    });
    file.services = [
      {
        ...base,
        id: "v",
        name: "Visit",
        variants: r.lengths.map((lengthMin, i) => ({ lengthMin, priceMinor: 100, ...(i === 1 && r.alone ? { staff: all.slice(0, 1) } : {}) })),
        ...clean(r.about),
        ...(r.devices > 0 ? { alsoNeeds: ["Device"] } : {}),
        ...(r.when ? { when: [{ id: "x", weekdays: r.when[0], ...r.when[1] }] } : {}),
        ...(r.most === null ? {} : { mostADay: r.most }),
      },
      { ...base, id: "other", name: "Other", variants: [{ lengthMin: r.other.length, priceMinor: 100 }], ...clean(r.other.about), pool: "" },
      ...(r.class
        ? [
            {
              ...base,
              id: "class",
              name: "Class",
              variants: [{ lengthMin: 45, priceMinor: 100 }],
              ...clean(r.class.about),
              group: { places: 4, perBooking: 2, times: [{ weekdays: r.class.days, at: clock(r.class.at) }] },
            },
          ]
        : []),
    ];
    file.rules = { ...file.rules, gridMin: r.grid, noticeMin: r.notice, horizonDays: r.horizon, offers: r.offers };
    const house = houseOf(file);
    const midnight = house.zone.toEpochMin(first, 0);
    const busy: BusyRow[] = r.busy.map((b, i) => {
      const startMin = midnight + b.at * 5;
      const endMin = startMin + b.n * 5;
      return {
        id: `busy${i}`,
        staff: b.kind === "room" ? null : (file.staff[b.who % file.staff.length]?.id ?? null),
        room: b.kind === "person" ? null : (file.rooms[b.room % file.rooms.length]?.id ?? null),
        startMin,
        endMin,
        ...(b.kind === "apart" ? { roomStartMin: startMin - 15, roomEndMin: endMin + 20 } : {}),
        ...(b.kind === "more" && file.rooms[0] ? { more: [file.rooms[0].id] } : {}),
        ...(b.counts ? { service: "v", visitMin: startMin } : {}),
      };
    });
    if (r.class)
      for (let k = 0; k < 3; k++)
        busy.push({
          id: `place${k}`,
          staff: "s0",
          room: "r0",
          startMin: house.zone.toEpochMin(first + k, r.class.at * 15),
          endMin: house.zone.toEpochMin(first + k, r.class.at * 15) + 45,
          service: "class",
          place: { service: "class", places: r.class.taken },
        });
    const singles = new Map<string, SingleDay>();
    r.single.forEach((s, i) => {
      const date = isoOfDay(first + s.day);
      const staff = s.who < 0 ? undefined : file.staff[s.who % file.staff.length]?.id;
      singles.set(`${staff ?? ""} ${date}`, { id: `single${i}`, date, hours: s.hours ? [s.hours] : [], reason: "", ...(staff ? { staff } : {}) });
    });
    const days = [...singles.values()];
    const nowMin = house.zone.toEpochMin(first + r.before, r.quarter * 15);
    return {
      house: withDays(house, days),
      first,
      slow: new Slow({ file, days, busy, nowMin }),
      book: new CalendarBook(busy),
      nowMin,
      lengths: r.lengths,
      hasClass: r.class !== null,
    };
  });

const told = (house: House, o: { startMin: number; staff: string }, rooms: readonly string[]): string => {
  const l = house.zone.toLocal(o.startMin);
  return `${isoOfDay(l.day)} ${clockText(l.minute)} ${o.staff} ${rooms.join("+")}`;
};

/** What an opening costs by the house's weights, counted from the slow house. */
function slowCost(slow: Slow, request: SlowRequest, iso: string, daysOn: number, o: SlowOpening, near: number | undefined, last: string | undefined): number {
  const w = WEIGHTS[slow.h.file.rules.offers ?? "nearest"];
  const nearness = near === undefined ? daysOn * w.day + o.minute * w.minute : daysOn * w.dayNear + Math.abs(o.minute - near) * w.near;
  const rest =
    (last !== undefined && last !== o.staff ? w.otherPerson : 0) +
    Math.floor(w.load * slow.load(o.staff, iso)) +
    Math.min(w.unusableMost, slow.unusable(request, iso, o)) * w.unusable;
  return nearness + rest;
}

interface Priced {
  o: SlowOpening;
  day: number;
  cost: number;
}

/** The choice as it is meant: by cost, apart from each other, with everything known from the start. */
function slowChoice(all: readonly Priced[], most: number, otherDays: boolean): Priced[] {
  const sorted = [...all].sort((a, b) => a.cost - b.cost || a.o.startMin - b.o.startMin || a.o.order - b.o.order);
  const picks: Priced[] = [];
  for (const apart of otherDays ? ["day", 120, 60, 1] : [120, 60, 30, 1]) {
    for (const c of sorted)
      if (picks.length < most && picks.every((p) => (apart === "day" ? p.day !== c.day : Math.abs(p.o.startMin - c.o.startMin) >= Number(apart))))
        picks.push(c);
    if (picks.length >= 2) break;
  }
  return picks;
}

describe("openings on random houses", () => {
  it("are those that a slow search finds, with clock changes, pools, groups, buffers, turns and single days", () => {
    fc.assert(
      fc.property(randomHouse, fc.integer({ min: 0, max: 2 }), fc.boolean(), ({ house, first, slow, book, nowMin, lengths, hasClass }, on, group) => {
        const request = group && hasClass ? { service: "class", lengthMin: 45, places: 2 } : { service: "v", lengthMin: lengths[0] as number };
        const day = first + on;
        const all = [...openings(house, book, nowMin, { ...request, fromDay: day, toDay: day })];
        expect(all.map((o) => told(house, o, [o.room, ...(o.more ?? [])].filter(Boolean)))).toEqual(
          slow.openings(request, isoOfDay(day)).map((o) => told(house, o, o.rooms)),
        );
        for (const o of all) expect(o.endMin - o.startMin).toBe(request.lengthMin);
      }),
      { numRuns: 3000, seed: 20270314 },
    );
  });

  it("are the places by hand against which nothing stands", () => {
    fc.assert(
      fc.property(randomHouse, fc.integer({ min: 0, max: 2 }), ({ house, first, book, nowMin, lengths }, on) => {
        const lengthMin = lengths[0] as number;
        const day = first + on;
        const open = new Set(
          [...openings(house, book, nowMin, { service: "v", lengthMin, fromDay: day, toDay: day, noNotice: true })].map((o) => `${o.startMin} ${o.staff}`),
        );
        for (const staff of house.handbook.staff)
          for (let minute = 0; minute < 1440; minute += 15) {
            const startMin = house.zone.toEpochMin(day, minute);
            if (house.zone.toLocal(startMin).minute !== minute) continue;
            const { faults, opening } = faultsOf(house, book, nowMin, { service: "v", lengthMin, staff: staff.id, startMin });
            const stands = faults.map((f) => f.code).join(", ");
            expect(`${minute} ${stands === ""} ${stands}`).toBe(`${minute} ${open.has(`${startMin} ${staff.id}`)} ${stands}`);
            // Whatever is overruled, nothing that is taken is taken twice.
            if (opening) for (const f of faults) expect(["taken", "no-room", "not-theirs", "no-such-service"]).not.toContain(f.code);
          }
      }),
      { numRuns: 300, seed: 4 },
    );
  });
});

describe("offers on random houses", () => {
  it("are the cheapest that lie apart, as everything looked at would give them, for each setting", () => {
    const inside = { count: 0 };
    fc.assert(
      fc.property(
        randomHouse,
        fc.option(fc.integer({ min: 24, max: 80 })),
        fc.integer({ min: 0, max: 2 }),
        fc.boolean(),
        fc.option(fc.constantFrom("s0", "s1")),
        fc.boolean(),
        ({ house, first, slow, book, nowMin, lengths, hasClass }, near, width, soonest, last, group) => {
          const request = group && hasClass ? { service: "class", lengthMin: 45 } : { service: "v", lengthMin: lengths.at(-1) as number };
          const nearMin = near === null ? undefined : near * 15;
          const lastStaff = last ?? undefined;
          const found = findOffers(house, book, nowMin, {
            ...request,
            wish: {
              days: { ranges: [{ from: first, to: first + width }], ...(soonest ? { soonest: true } : {}) },
              ...(nearMin === undefined ? {} : { time: { fromMin: nearMin - 90, toMin: nearMin + 90, toIs: "start" as const, nearMin } }),
            },
            ...(lastStaff === undefined ? {} : { lastStaff }),
          });
          // A wish begins with the first of its days that has not passed.
          const from = Math.max(first, house.zone.toLocal(nowMin).day);
          const to = Math.min(first + width, house.zone.toLocal(nowMin).day + house.handbook.rules.horizonDays);
          const all: Priced[] = [];
          for (let day = from; day <= to; day++)
            for (const o of slow.openings(request, isoOfDay(day)))
              if (nearMin === undefined || Math.abs(o.minute - nearMin) <= 90)
                all.push({ o, day, cost: slowCost(slow, request, isoOfDay(day), day - from, o, nearMin, lastStaff) });
          expect(found.fit === "inside").toBe(all.length > 0);
          if (all.length === 0) return;
          inside.count++;
          const choice = slowChoice(all, 3, to > from && !soonest).map((c) => c.o);
          if (nearMin === undefined) choice.sort((a, b) => a.startMin - b.startMin);
          expect(found.offers.map((o) => told(house, o, [o.room, ...(o.more ?? [])].filter(Boolean)))).toEqual(choice.map((o) => told(house, o, o.rooms)));
        },
      ),
      { numRuns: 2000, seed: 60 },
    );
    // The property says something only where there was something to offer.
    expect(inside.count).toBeGreaterThan(400);
  });
});
