import { writeFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import rrule from "rrule";
import { Temporal } from "temporal-polyfill";
import { compile, type House } from "@gentian/core/house/compile";
import type { HouseFile } from "@gentian/core/house/schema";
import { CalendarBook, type BusyRow } from "@gentian/core/schedule/calendar";
import { findOffers } from "@gentian/core/schedule/offers";
import type { Wish } from "@gentian/core/schedule/wish";
import { demoFile } from "@gentian/core/testing/demo";
import { isoOfDay, WEEKDAYS } from "@gentian/core/time/days";
import { epochMinOf } from "@gentian/core/time/zone";
import { growthChart } from "./chart.ts";
import { ms, quantile } from "./server.ts";

const NOW = "2027-03-01T08:30";

/** A house of many people: ten kinds of rooms, three services of several lengths. */
function houseOf(people: number, days: number): House {
  const file: HouseFile = { ...demoFile(), questions: [], answers: [] };
  file.hours = [{ id: "h", weekdays: WEEKDAYS.slice(0, 6), from: "08:00", to: "20:00" }];
  file.staff = Array.from({ length: people }, (_, i) => ({
    id: `s${i}`,
    name: `Person ${i}`,
    called: [],
    work: "x",
    languages: [],
    bookable: true,
    takesMessages: false,
    hours: [
      { id: `w${i}`, weekdays: WEEKDAYS.filter((_d, k) => k < 6 && (k + i) % 6 !== 0), from: i % 2 ? "08:00" : "10:00", to: i % 2 ? "16:00" : "20:00" },
      {
        id: `t${i}`,
        weekdays: [WEEKDAYS[i % 6] ?? "Monday"],
        from: "09:00",
        to: "13:00",
        repeat: { rule: `FREQ=WEEKLY;INTERVAL=2;BYDAY=${(WEEKDAYS[i % 6] ?? "Monday").slice(0, 2).toUpperCase()}`, from: "2027-01-04" },
      },
    ],
    breaks: [{ id: `b${i}`, weekdays: WEEKDAYS.slice(0, 6), from: "12:30", to: "13:00" }],
  }));
  file.rooms = Array.from({ length: people }, (_, i) => ({ id: `r${i}`, name: `Room ${i}`, pool: `Kind ${i % 10}` }));
  file.services = [0, 1, 2].map((k) => ({
    id: `v${k}`,
    name: `Service ${k}`,
    also: [],
    about: "",
    asks: [],
    variants: [30, 60, 90].map((lengthMin, j) => ({ lengthMin, priceMinor: 100, pool: `Kind ${(k * 3 + j) % 10}` })),
    staff: file.staff.map((s) => s.id),
    pool: "Kind 0",
    cleanUpMin: 15,
  }));
  file.rules = { ...file.rules, horizonDays: days };
  const { house, gaps } = compile(file);
  if (!house) throw new Error(JSON.stringify(gaps));
  return house;
}

/** Appointments of every person, spread over the days as they come from the tables: in the order of their beginning. */
function rowsOf(house: House, now: number, days: number, each: number): BusyRow[] {
  let seed = 7;
  const random = (n: number): number => {
    seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
    return Math.floor((seed / 4294967296) * n);
  };
  const today = house.zone.toLocal(now).day;
  const rows: BusyRow[] = [];
  const taken = new Map<string, { startMin: number; endMin: number }[]>();
  house.handbook.staff.forEach((s, i) => {
    let made = 0;
    for (let tries = 0; made < each && tries < each * 40; tries++) {
      const day = today + random(days + 1);
      const windows = house.worksOn(s.id, day);
      const w = windows[random(windows.length)];
      if (!w) continue;
      const startMin = house.zone.toEpochMin(day, w.fromMin + random(Math.max(1, (w.toMin - w.fromMin - 30) / 15)) * 15);
      const endMin = startMin + 45;
      const key = `${s.id} ${day}`;
      const list = taken.get(key) ?? [];
      if (list.some((x) => x.startMin < endMin && startMin < x.endMin)) continue;
      taken.set(key, [...list, { startMin, endMin }]);
      rows.push({ id: `${s.id} ${made}`, staff: s.id, room: `r${i}`, startMin, endMin, service: "v0" });
      made++;
    }
  });
  return rows.sort((a, b) => a.startMin - b.startMin);
}

/** What clients ask for: the soonest, a day and its half, an hour, a person, a weekday, a month ahead. */
function wishesOf(house: House, now: number, days: number): { wish: Wish; lengthMin: number; service: string }[] {
  const today = house.zone.toLocal(now).day;
  const one = (d: number) => ({ ranges: [{ from: today + d, to: today + d }] });
  const near = (at: number) => ({ fromMin: at - 30, toMin: at + 30, toIs: "start" as const, nearMin: at });
  const wishes: Wish[] = [
    { days: { ranges: [], soonest: true } },
    { days: one(3), time: { fromMin: 720, toMin: 1020, toIs: "start" } },
    { days: one(4), time: near(900) },
    { days: { ranges: [{ from: today + 7, to: today + 13 }] } },
    { days: { ranges: [{ from: today + 7, to: today + 13 }] }, time: { toMin: 720, toIs: "start" }, staff: ["s3"] },
    { days: { ranges: [], weekdays: [2] }, time: { fromMin: 1020 } },
    { days: { ranges: [{ from: today + Math.min(days - 5, 30) }] } },
    { staff: ["s7"] },
    { days: one(6) },
    { days: { ranges: [] }, time: near(600) },
  ];
  return wishes.map((wish, i) => ({ wish, service: `v${i % 3}`, lengthMin: [30, 60, 90][i % 3] as number }));
}

/** Times one way of finding three offers for every wish, from the rows on. In milliseconds. */
function timed(rounds: number, wishes: number, act: (i: number) => void): number[] {
  const times: number[] = [];
  for (let r = 0; r < rounds; r++)
    for (let i = 0; i < wishes; i++) {
      const at = performance.now();
      act(i);
      times.push(performance.now() - at);
    }
  return times;
}

function median(people: number, days: number, each: number, rounds = 40): { ms: number; rows: number; p95: number } {
  const house = houseOf(people, days);
  const now = epochMinOf(house.zone, NOW);
  const rows = rowsOf(house, now, days, each);
  const wishes = wishesOf(house, now, days);
  const cold = (i: number): void => {
    const w = wishes[i] as (typeof wishes)[number];
    findOffers(house, new CalendarBook(rows), now, w);
  };
  timed(5, wishes.length, cold);
  const times = timed(rounds, wishes.length, cold);
  return { ms: quantile(times, 0.5), p95: quantile(times, 0.95), rows: rows.length };
}

/** Three offers as one would write it first: every quarter of an hour of every day, by rrule and Temporal, tried against every row. */
function plainly(house: House, rows: readonly BusyRow[], now: number, w: { wish: Wish; lengthMin: number; service: string }): number[] {
  const h = house.handbook;
  const found: number[] = [];
  const today = Temporal.Instant.fromEpochMilliseconds(now * 60_000)
    .toZonedDateTimeISO(h.zone)
    .toPlainDate();
  const span = w.wish.days?.ranges[0];
  const from = span?.from === undefined ? today : Temporal.PlainDate.from(isoOfDay(span.from));
  const to = span?.to === undefined ? today.add({ days: h.rules.horizonDays }) : Temporal.PlainDate.from(isoOfDay(span.to));
  const utc = (d: Temporal.PlainDate): Date => new Date(Date.UTC(d.year, d.month - 1, d.day));
  for (const person of h.staff) {
    if (w.wish.staff && !w.wish.staff.includes(person.id)) continue;
    for (const hours of person.hours) {
      const rule = new rrule.RRule({
        freq: rrule.RRule.WEEKLY,
        interval: hours.repeat ? 2 : 1,
        byweekday: hours.weekdays.map((d) => WEEKDAYS.indexOf(d)),
        dtstart: new Date(Date.UTC(2027, 0, 4)),
      });
      for (const d of rule.between(utc(from), utc(to), true)) {
        let at = Temporal.PlainDate.from(d.toISOString().slice(0, 10)).toZonedDateTime({ timeZone: h.zone, plainTime: hours.from });
        const end = at.toPlainDate().toZonedDateTime({ timeZone: h.zone, plainTime: hours.to });
        while (Temporal.ZonedDateTime.compare(at.add({ minutes: w.lengthMin }), end) <= 0) {
          const s = at.epochMilliseconds / 60_000;
          if (s >= now + h.rules.noticeMin && !rows.some((r) => r.staff === person.id && r.startMin < s + w.lengthMin + 15 && s < r.endMin)) found.push(s);
          at = at.add({ minutes: h.rules.gridMin });
        }
      }
    }
  }
  return found.sort((a, b) => a - b).slice(0, 3);
}

/** Three offers, cold from the rows: how long they take, how that grows, and beside it the plain way. */
export function run(): Promise<void> {
  const say = (line: string): void => {
    process.stdout.write(`${line}\n`);
  };
  const house = houseOf(50, 60);
  const now = epochMinOf(house.zone, NOW);
  // By turns, so that what else the machine does falls on both.
  const once: number[] = [];
  const twice: number[] = [];
  let rows = 0;
  for (let turn = 0; turn < 5; turn++) {
    const a = median(50, 60, 100, 15);
    once.push(a.ms);
    rows = a.rows;
    twice.push(median(50, 60, 200, 15).ms);
  }
  const one = quantile(once, 0.5);
  const two = quantile(twice, 0.5);
  say(`50 people, 60 days, ${rows} appointments: three offers, cold from the rows: median ${one.toFixed(3)} ms (line: 2 ms)`);
  say(`with twice the appointments: ${two.toFixed(3)} ms, ${(two / one).toFixed(2)} times as long (line: 1.3)`);
  const list = rowsOf(house, now, 60, 100);
  const wishes = wishesOf(house, now, 60);
  const plain = timed(1, 4, (i) => void plainly(house, list, now, wishes[i] as (typeof wishes)[number]));
  const ours = timed(20, 4, (i) => void findOffers(house, new CalendarBook(list), now, wishes[i] as (typeof wishes)[number]));
  say(
    `the first four wishes by plain generate-and-test with rrule and Temporal: median ${ms(quantile(plain, 0.5))}; by core: ${quantile(ours, 0.5).toFixed(3)} ms; ${Math.round(quantile(plain, 0.5) / quantile(ours, 0.5))} times`,
  );
  const people = [10, 25, 50, 100, 200].map((n) => ({ x: n, ...median(n, 60, 100, 12) }));
  const days = [15, 30, 60, 120, 240].map((n) => ({ x: n, ...median(50, n, Math.round((100 * n) / 60), 12) }));
  const each = [25, 50, 100, 200, 250].map((n) => ({ x: n, ...median(50, 60, n, 12) }));
  for (const [name, line] of [
    ["people", people],
    ["days, at the same fill", days],
    ["appointments a person", each],
  ] as const)
    say(`${name}: ${line.map((p) => `${p.x}: ${p.ms.toFixed(3)} ms`).join(", ")}`);
  const chart = growthChart("Three offers, cold from the rows (median of ten kinds of wishes)", [
    { name: "people", about: "60 days, 100 appointments each", points: people.map((p) => ({ x: p.x, y: p.ms })) },
    { name: "days", about: "50 people, equally full", points: days.map((p) => ({ x: p.x, y: p.ms })) },
    { name: "appointments a person", about: "50 people, 60 days", points: each.map((p) => ({ x: p.x, y: p.ms })) },
  ]);
  const file = fileURLToPath(new URL("../docs/openings.svg", import.meta.url));
  writeFileSync(file, chart);
  say("the growth as a chart: docs/openings.svg");
  if (one > 2 || two / one > 1.3) process.exitCode = 1;
  return Promise.resolve();
}
