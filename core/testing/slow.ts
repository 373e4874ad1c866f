/**
 * A slow search, written apart from the real one and for its tests alone: every start of every day, every person, every
 * room, every five minutes looked at one by one, with wall times by Temporal and recurrences counted on the calendar.
 */
import { Temporal } from "temporal-polyfill";
import type { HouseFile, SingleDay } from "../house/schema.ts";
import type { BusyRow } from "../schedule/calendar.ts";

export interface SlowHouse {
  file: HouseFile;
  days: readonly SingleDay[];
  busy: readonly BusyRow[];
  nowMin: number;
}

export interface SlowRequest {
  service: string;
  lengthMin: number;
  staff?: readonly string[];
  places?: number;
}

export interface SlowOpening {
  startMin: number;
  staff: string;
  order: number;
  rooms: string[];
  minute: number;
}

const STEP = 5;
const NAMES = ["Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday"];
const min = (s: string): number => Number(s.slice(0, 2)) * 60 + Number(s.slice(3));

/** Wall times and weekdays are worked out by Temporal once for all houses: of a day's minutes, those a leap forbids and those it does not. */
const instants = new Map<string, [Map<number, number>, Map<number, number>]>();
const weekdays = new Map<string, string>();

export class Slow {
  readonly #seen = new Map<string, unknown>();

  constructor(readonly h: SlowHouse) {}

  /** The instant of a wall time; where the clock leaps over it and that matters, not a number. */
  at(iso: string, minute: number, strict = false): number {
    const day = `${this.h.file.zone} ${iso}`;
    const both = instants.get(day) ?? [new Map<number, number>(), new Map<number, number>()];
    instants.set(day, both);
    const known = both[strict ? 1 : 0];
    const have = known.get(minute);
    if (have !== undefined) return have;
    const date = minute === 1440 ? Temporal.PlainDate.from(iso).add({ days: 1 }) : Temporal.PlainDate.from(iso);
    const wall = date.toPlainDateTime({ hour: Math.floor((minute % 1440) / 60), minute: minute % 60 });
    const there = wall.toZonedDateTime(this.h.file.zone);
    const real = !strict || there.toPlainDateTime().equals(wall) ? there.epochMilliseconds / 60_000 : NaN;
    known.set(minute, real);
    return real;
  }

  #weekday(iso: string): string {
    const have = weekdays.get(iso);
    if (have !== undefined) return have;
    const name = NAMES[Temporal.PlainDate.from(iso).dayOfWeek - 1] as string;
    weekdays.set(iso, name);
    return name;
  }

  open(iso: string): { from: string; to: string }[] {
    const single = this.h.days.find((d) => d.date === iso && d.staff === undefined);
    if (single) return single.hours;
    const date = Temporal.PlainDate.from(iso);
    const closed = this.h.file.closed.find((c) => c.on.kind === "yearly" && c.on.month === date.month && c.on.date === date.day);
    if (closed) return closed.hours ?? [];
    return this.h.file.hours.filter((w) => (w.weekdays as string[]).includes(this.#weekday(iso)));
  }

  #holds(hours: HouseFile["staff"][number]["hours"][number], iso: string): boolean {
    if (!(hours.weekdays as string[]).includes(this.#weekday(iso))) return false;
    const date = Temporal.PlainDate.from(iso);
    if (hours.every) {
      const monday = (d: Temporal.PlainDate) => d.subtract({ days: d.dayOfWeek - 1 });
      const weeks = monday(Temporal.PlainDate.from(hours.every.from)).until(monday(date), { largestUnit: "days" }).days / 7;
      return weeks >= 0 && weeks % hours.every.weeks === 0;
    }
    if (hours.repeat) {
      if (Temporal.PlainDate.compare(date, Temporal.PlainDate.from(hours.repeat.from)) < 0) return false;
      // The rules of these houses are "the n-th such weekday of the month" and nothing else.
      const nth = [...hours.repeat.rule.matchAll(/(-?\d)[A-Z]{2}/g)].map((m) => Number(m[1]));
      const count = Math.ceil(date.day / 7);
      return nth.includes(count) || (nth.includes(-1) && date.day + 7 > date.daysInMonth);
    }
    return true;
  }

  /** What is asked of every five minutes of a day is worked out once. */
  #once<T>(key: string, make: () => T): T {
    if (!this.#seen.has(key)) this.#seen.set(key, make());
    return this.#seen.get(key) as T;
  }

  #slots(key: string, iso: string, holds: (t: number) => boolean): (t: number) => boolean {
    const from = this.at(iso, 0);
    const set = this.#once(key, () => {
      const found = new Set<number>();
      for (let t = from; t < this.at(iso, 1440); t += STEP) if (holds(t)) found.add(t);
      return found;
    });
    return (t) => set.has(t);
  }

  /** Whether a person works at an instant of a day: in their hours, in the house's, and in no break. */
  works(staff: string, iso: string, t: number): boolean {
    return this.#slots(`works ${staff} ${iso}`, iso, (x) => this.#worksAt(staff, iso, x))(t);
  }

  #worksAt(staff: string, iso: string, t: number): boolean {
    const inside = (list: readonly { from: string; to: string }[]): boolean => list.some((w) => this.at(iso, min(w.from)) <= t && t < this.at(iso, min(w.to)));
    return inside(this.#hoursOf(staff, iso)) && inside(this.#openOn(iso)) && !this.inBreak(staff, iso, t);
  }

  #openOn(iso: string): { from: string; to: string }[] {
    return this.#once(`open ${iso}`, () => this.open(iso));
  }

  #hoursOf(staff: string, iso: string): { from: string; to: string }[] {
    return this.#once(`hours ${staff} ${iso}`, () => {
      const single = this.h.days.find((d) => d.date === iso && d.staff === staff);
      return single ? single.hours : (this.h.file.staff.find((s) => s.id === staff)?.hours ?? []).filter((w) => this.#holds(w, iso));
    });
  }

  inBreak(staff: string, iso: string, t: number): boolean {
    return this.#slots(`break ${staff} ${iso}`, iso, (x) => this.#breakAt(staff, iso, x))(t);
  }

  #breakAt(staff: string, iso: string, t: number): boolean {
    const person = this.h.file.staff.find((s) => s.id === staff);
    return (person?.breaks ?? []).some(
      (b) => (b.weekdays as string[]).includes(this.#weekday(iso)) && this.at(iso, min(b.from)) <= t && t < this.at(iso, min(b.to)),
    );
  }

  booked(staff: string, t: number): boolean {
    return this.h.busy.some((b) => !b.place && b.staff === staff && b.startMin <= t && t < b.endMin);
  }

  roomBooked(room: string, t: number): boolean {
    return this.h.busy.some(
      (b) => !b.place && (b.room === room || b.more?.includes(room)) && (b.roomStartMin ?? b.startMin) <= t && t < (b.roomEndMin ?? b.endMin),
    );
  }

  needs(service: string, lengthMin: number) {
    const s = this.h.file.services.find((x) => x.id === service);
    const v = s?.variants.find((x) => x.lengthMin === lengthMin);
    if (!s || !v) return null;
    const half = (who: string, n: number, takes: string | undefined): number => (takes === undefined || takes === "both" || takes === who ? n : 0);
    const pool = v.pool ?? s.pool;
    return {
      s,
      people: (v.staff ?? s.staff).filter((id) => this.h.file.staff.find((p) => p.id === id)?.bookable),
      pools: [...(pool ? [pool] : []), ...(s.alsoNeeds ?? [])],
      staffBefore: half("person", s.setUpMin ?? 0, s.setUpTakes),
      staffAfter: half("person", s.cleanUpMin, s.cleanUpTakes),
      roomBefore: half("room", s.setUpMin ?? 0, s.setUpTakes),
      roomAfter: half("room", s.cleanUpMin, s.cleanUpTakes),
    };
  }

  /** Classes of a day: with whom, where and when they take their time. */
  classes(iso: string) {
    return this.#once(`classes ${iso}`, () => this.#classesOf(iso));
  }

  #classesOf(iso: string) {
    return this.h.file.services.flatMap((s) => {
      if (!s.group) return [];
      const length = Math.min(...s.variants.map((v) => v.lengthMin));
      const n = this.needs(s.id, length);
      const staff = n?.people[0];
      if (!n || staff === undefined) return [];
      return s.group.times
        .filter((t) => (t.weekdays as string[]).includes(this.#weekday(iso)))
        .filter((t) => this.open(iso).some((w) => min(w.from) <= min(t.at) && min(t.at) + length <= min(w.to)))
        .map((t) => {
          const start = this.at(iso, min(t.at));
          const rooms = n.pools.flatMap((p) => this.h.file.rooms.find((r) => r.pool === p)?.id ?? []);
          return {
            service: s.id,
            staff,
            rooms,
            start,
            length,
            staffFrom: start - n.staffBefore,
            staffTo: start + length + n.staffAfter,
            roomFrom: start - n.roomBefore,
            roomTo: start + length + n.roomAfter,
          };
        })
        .sort((a, b) => a.start - b.start);
    });
  }

  inClass(staff: string, iso: string, t: number): boolean {
    return this.classes(iso).some((c) => c.staff === staff && c.staffFrom <= t && t < c.staffTo);
  }

  #all(from: number, to: number, holds: (t: number) => boolean): boolean {
    for (let t = from; t < to; t += STEP) if (!holds(t)) return false;
    return true;
  }

  #inHorizon(iso: string): boolean {
    const today = Temporal.Instant.fromEpochMilliseconds(this.h.nowMin * 60_000)
      .toZonedDateTimeISO(this.h.file.zone)
      .toPlainDate();
    const ahead = today.until(Temporal.PlainDate.from(iso), { largestUnit: "days" }).days;
    return ahead >= 0 && ahead <= this.h.file.rules.horizonDays;
  }

  openings(r: SlowRequest, iso: string): SlowOpening[] {
    const n = this.needs(r.service, r.lengthMin);
    if (!n || !this.#inHorizon(iso) || n.pools.some((p) => !this.h.file.rooms.some((x) => x.pool === p))) return [];
    if (this.open(iso).length === 0) return [];
    const { s } = n;
    const earliest = this.h.nowMin + this.h.file.rules.noticeMin;
    const from = this.at(iso, 0);
    const to = this.at(iso, 1440);
    if (
      s.mostADay !== undefined &&
      this.h.busy.filter((b) => b.service === s.id && (b.visitMin ?? b.startMin) >= from && (b.visitMin ?? b.startMin) < to).length >= s.mostADay
    )
      return [];
    const wanted = r.staff ?? n.people;
    const classes = this.classes(iso);
    if (s.group) {
      const { group } = s;
      return classes
        .filter((c) => c.service === s.id && c.start >= earliest && wanted.includes(c.staff))
        .filter((c) => {
          const taken = this.h.busy.filter((b) => b.place?.service === s.id && b.startMin === c.start).reduce((k, b) => k + (b.place?.places ?? 0), 0);
          return group.places - taken >= (r.places ?? 1);
        })
        .filter(
          (c) =>
            this.#all(c.staffFrom, c.staffTo, (t) => !this.booked(c.staff, t)) &&
            c.rooms.every((x) => this.#all(c.roomFrom, c.roomTo, (t) => !this.roomBooked(x, t))),
        )
        .map((c) => ({ startMin: c.start, staff: c.staff, order: 0, rooms: c.rooms, minute: this.#minute(c.start) }));
    }
    const out: SlowOpening[] = [];
    for (let m = 0; m < 1440; m += this.h.file.rules.gridMin) {
      const start = this.at(iso, m, true);
      if (Number.isNaN(start) || start < earliest) continue;
      const end = start + r.lengthMin;
      if (
        s.when &&
        !s.when.some((w) => (w.weekdays as string[]).includes(this.#weekday(iso)) && this.at(iso, min(w.from)) <= start && end <= this.at(iso, min(w.to)))
      )
        continue;
      n.people
        .filter((id) => wanted.includes(id))
        .forEach((staff, order) => {
          if (!this.#all(start - n.staffBefore, end, (t) => this.works(staff, iso, t))) return;
          if (
            !this.#all(start - n.staffBefore, end + n.staffAfter, (t) => !this.booked(staff, t) && !this.inBreak(staff, iso, t) && !this.inClass(staff, iso, t))
          )
            return;
          const rooms: string[] = [];
          for (const pool of n.pools) {
            const room = this.h.file.rooms.find(
              (x) =>
                x.pool === pool &&
                !rooms.includes(x.id) &&
                this.#all(
                  start - n.roomBefore,
                  end + n.roomAfter,
                  (t) => !this.roomBooked(x.id, t) && !classes.some((c) => c.rooms.includes(x.id) && c.roomFrom <= t && t < c.roomTo),
                ),
            );
            if (!room) return;
            rooms.push(room.id);
          }
          out.push({ startMin: start, staff, order, rooms, minute: m });
        });
    }
    return out.sort((a, b) => a.startMin - b.startMin || a.order - b.order);
  }

  #minute(t: number): number {
    const z = Temporal.Instant.fromEpochMilliseconds(t * 60_000).toZonedDateTimeISO(this.h.file.zone);
    return z.hour * 60 + z.minute;
  }

  /** Percent of a person's working minutes of a day that are booked. */
  load(staff: string, iso: string): number {
    return this.#once(`load ${staff} ${iso}`, () => this.#loadOf(staff, iso));
  }

  #loadOf(staff: string, iso: string): number {
    let works = 0;
    let taken = 0;
    for (let t = this.at(iso, 0); t < this.at(iso, 1440); t += STEP)
      if (this.works(staff, iso, t)) {
        works++;
        if (this.booked(staff, t)) taken++;
      }
    return works === 0 ? 100 : Math.floor((100 * taken) / works);
  }

  /** Minutes left beside a visit in stretches too short for anything that the person does. */
  unusable(r: SlowRequest, iso: string, o: SlowOpening): number {
    const n = this.needs(r.service, r.lengthMin);
    if (!n || n.s.group) return 0;
    const free = (t: number): boolean => this.works(o.staff, iso, t) && !this.booked(o.staff, t) && !this.inClass(o.staff, iso, t);
    let from = o.startMin - n.staffBefore;
    while (free(from - STEP)) from -= STEP;
    let to = o.startMin + r.lengthMin;
    while (free(to)) to += STEP;
    const lengths = this.h.file.services.flatMap((s) =>
      s.group
        ? []
        : s.variants.flatMap((v) => {
            const x = this.needs(s.id, v.lengthMin);
            return x?.people.includes(o.staff) ? [v.lengthMin + x.staffBefore + x.staffAfter] : [];
          }),
    );
    const shortest = Math.min(...lengths);
    const before = o.startMin - n.staffBefore - from;
    const after = to - (o.startMin + r.lengthMin + n.staffAfter);
    return (before > 0 && before < shortest ? before : 0) + (after > 0 && after < shortest ? after : 0);
  }
}
