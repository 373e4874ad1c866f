import type { House, Needs } from "../house/compile.ts";
import type { DayNumber } from "../time/days.ts";
import { isFree, union, type Interval } from "../time/intervals.ts";
import type { EpochMin } from "../time/zone.ts";
import { classStretches, type Busy, type Calendar, type ClassStretch } from "./calendar.ts";

/** No time before or after a visit is longer than this. */
const LONGEST_BUFFER = 240;

/** A place of the day at which a person could begin a visit, with the free stretch that it lies in. */
export interface Start {
  staff: string;
  /** Position of the person among those who do the service. */
  order: number;
  /** Wall minute of the day, and the instant. */
  minute: number;
  startMin: EpochMin;
  /** The person's free time around it: from the end of what was before to the beginning of what comes. */
  gapFromMin: EpochMin;
  gapToMin: EpochMin;
}

/** One day of a house and its calendar, with what is looked up often made ready once. */
export class DayPlan {
  readonly #house: House;
  readonly #busy: Busy;
  readonly #classes: ClassStretch[];
  readonly #staff = new Map<string, readonly Interval[]>();
  readonly #room = new Map<string, readonly Interval[]>();
  /** Minutes between the instant and the wall, where the clock does not change on this day. */
  readonly #base: EpochMin | null;

  constructor(
    house: House,
    calendar: Calendar,
    readonly day: DayNumber,
  ) {
    this.#house = house;
    const open = house.openOn(day);
    const from = house.zone.toEpochMin(day, open[0]?.fromMin ?? 0);
    const to = house.zone.toEpochMin(day, open.at(-1)?.toMin ?? 1440);
    this.#busy = calendar.between(from - LONGEST_BUFFER, to + LONGEST_BUFFER);
    this.#classes = classStretches(house, day);
    const midnight = house.zone.toEpochMin(day, 0);
    this.#base = house.zone.toEpochMin(day + 1, 0) - midnight === 1440 ? midnight : null;
  }

  get busy(): Busy {
    return this.#busy;
  }

  get classes(): readonly ClassStretch[] {
    return this.#classes;
  }

  /** The instant of a wall minute of the day. */
  at(minute: number): EpochMin {
    return this.#base === null ? this.#house.zone.toEpochMin(this.day, minute) : this.#base + minute;
  }

  /** When a person has something else: what is booked or blocked, breaks, classes. */
  staffTaken(id: string): readonly Interval[] {
    const have = this.#staff.get(id);
    if (have) return have;
    const booked = this.#busy.staff(id);
    const breaks = this.#house.breaksOn(id, this.day);
    const classes = this.#classes.filter((c) => c.staff === id);
    const list =
      breaks.length === 0 && classes.length === 0
        ? booked
        : union([
            ...booked,
            ...breaks.map((b) => ({ startMin: this.at(b.fromMin), endMin: this.at(b.toMin) })),
            ...classes.map((c) => ({ startMin: c.staffFromMin, endMin: c.staffToMin })),
          ]);
    this.#staff.set(id, list);
    return list;
  }

  roomTaken(id: string): readonly Interval[] {
    const have = this.#room.get(id);
    if (have) return have;
    const booked = this.#busy.room(id);
    const classes = this.#classes.filter((c) => c.rooms.includes(id));
    const list = classes.length === 0 ? booked : union([...booked, ...classes.map((c) => ({ startMin: c.roomFromMin, endMin: c.roomToMin }))]);
    this.#room.set(id, list);
    return list;
  }

  /** One free room of each kind that is needed, the first that is free throughout; null where a kind has none. */
  roomsFor(needs: Needs, startMin: EpochMin): string[] | null {
    const from = startMin - needs.roomBeforeMin;
    const to = startMin + needs.lengthMin + needs.roomAfterMin;
    const rooms: string[] = [];
    for (const pool of needs.pools) {
      const room = pool.find((r) => isFree(this.roomTaken(r.id), from, to) && !rooms.includes(r.id));
      if (!room) return null;
      rooms.push(room.id);
    }
    return rooms;
  }

  /** Percent of a person's working time on this day that is taken, rounded down; 100 where they do not work. */
  loadOf(id: string): number {
    const { worksMin, takenMin } = this.timeOf(id);
    return worksMin === 0 ? 100 : Math.floor((100 * takenMin) / worksMin);
  }

  /** Minutes that a person works on this day, and how many of them are taken. */
  timeOf(id: string): { worksMin: number; takenMin: number } {
    let works = 0;
    let taken = 0;
    const busy = this.#busy.staff(id);
    for (const w of this.#house.worksOn(id, this.day)) {
      const from = this.at(w.fromMin);
      const to = this.at(w.toMin);
      works += to - from;
      for (const b of busy) taken += Math.max(0, Math.min(b.endMin, to) - Math.max(b.startMin, from));
    }
    return { worksMin: works, takenMin: taken };
  }

  /**
   * Every place at which these people could begin: inside their hours and the service's own, on the grid, with the
   * times before and after free. Rooms are not looked at. By person, then by time.
   */
  starts(needs: Needs, people: readonly string[], earliestMin: EpochMin, gridMin: number, found: (s: Start) => void): void {
    const hours = this.#house.hoursOf(needs.service.id, this.day);
    people.forEach((staff, order) => {
      const taken = this.staffTaken(staff);
      for (const w of this.#house.worksOn(staff, this.day)) {
        const windowFrom = this.at(w.fromMin);
        const windowTo = this.at(w.toMin);
        let k = 0;
        for (let minute = Math.ceil(w.fromMin / gridMin) * gridMin; minute < w.toMin; minute += gridMin) {
          const startMin = this.at(minute);
          const endMin = startMin + needs.lengthMin;
          // A wall time that the clock leaps over does not come on this day.
          if (this.#base === null && this.#house.zone.toLocal(startMin).minute !== minute) continue;
          if (endMin > windowTo) break;
          if (startMin < earliestMin || startMin - needs.staffBeforeMin < windowFrom) continue;
          if (hours && !hours.some((h) => this.at(h.fromMin) <= startMin && endMin <= this.at(h.toMin))) continue;
          const from = startMin - needs.staffBeforeMin;
          const to = endMin + needs.staffAfterMin;
          while (k < taken.length && (taken[k] as Interval).endMin <= from) k++;
          const next = taken[k];
          if (next && next.startMin < to) continue;
          const before = taken[k - 1];
          found({
            staff,
            order,
            minute,
            startMin,
            gapFromMin: before && before.endMin > windowFrom ? before.endMin : windowFrom,
            gapToMin: next && next.startMin < windowTo ? next.startMin : windowTo,
          });
        }
      }
    });
  }
}
