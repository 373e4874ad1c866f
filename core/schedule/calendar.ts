import type { House } from "../house/compile.ts";
import { union, type Interval } from "../time/intervals.ts";
import type { EpochMin } from "../time/zone.ts";

/** One thing that takes a person's or a room's time. Clean-up is part of the stretch. */
export interface BusyRow {
  id: string;
  staff: string | null;
  room: string | null;
  startMin: EpochMin;
  endMin: EpochMin;
  /** A place in a group does not take the person or the room by itself: the class does. */
  place?: { service: string; places: number };
}

/** What the pure core may see of the calendars: who and what is taken when, and how full the groups are. */
export interface Calendar {
  staffBusy(staffId: string): readonly Interval[];
  roomBusy(roomId: string): readonly Interval[];
  taken(serviceId: string, startMin: EpochMin): number;
  /** The same calendar as if some rows were not there. */
  without(ids: readonly string[]): Calendar;
}

/**
 * A calendar kept from rows that come and go. `set` and `drop` are cheap; the sorted lists are made again only for
 * whom they changed.
 */
export class CalendarBook implements Calendar {
  #rows = new Map<string, BusyRow>();
  #byStaff = new Map<string, Set<string>>();
  #byRoom = new Map<string, Set<string>>();
  #staff = new Map<string, Interval[]>();
  #room = new Map<string, Interval[]>();
  #taken = new Map<string, number>();

  constructor(rows: Iterable<BusyRow> = []) {
    for (const row of rows) this.set(row);
  }

  set(row: BusyRow): void {
    this.drop(row.id);
    this.#rows.set(row.id, row);
    if (row.place) {
      const key = `${row.place.service} ${row.startMin}`;
      this.#taken.set(key, (this.#taken.get(key) ?? 0) + row.place.places);
      return;
    }
    if (row.staff) add(this.#byStaff, row.staff, row.id, this.#staff);
    if (row.room) add(this.#byRoom, row.room, row.id, this.#room);
  }

  drop(id: string): void {
    const row = this.#rows.get(id);
    if (!row) return;
    this.#rows.delete(id);
    if (row.place) {
      const key = `${row.place.service} ${row.startMin}`;
      this.#taken.set(key, (this.#taken.get(key) ?? 0) - row.place.places);
      return;
    }
    if (row.staff) remove(this.#byStaff, row.staff, id, this.#staff);
    if (row.room) remove(this.#byRoom, row.room, id, this.#room);
  }

  staffBusy(staffId: string): readonly Interval[] {
    return this.#sorted(this.#staff, this.#byStaff, staffId);
  }

  roomBusy(roomId: string): readonly Interval[] {
    return this.#sorted(this.#room, this.#byRoom, roomId);
  }

  taken(serviceId: string, startMin: EpochMin): number {
    return this.#taken.get(`${serviceId} ${startMin}`) ?? 0;
  }

  rows(): Iterable<BusyRow> {
    return this.#rows.values();
  }

  /** The same calendar as if some rows were not there: for moving what stands in its own way. */
  without(ids: readonly string[]): CalendarBook {
    const out = new CalendarBook();
    for (const row of this.#rows.values()) if (!ids.includes(row.id)) out.set(row);
    return out;
  }

  #sorted(lists: Map<string, Interval[]>, index: Map<string, Set<string>>, key: string): readonly Interval[] {
    const have = lists.get(key);
    if (have) return have;
    const made = union([...(index.get(key) ?? [])].map((id) => this.#rows.get(id) as BusyRow));
    lists.set(key, made);
    return made;
  }
}

function add(index: Map<string, Set<string>>, key: string, id: string, lists: Map<string, Interval[]>): void {
  const set = index.get(key);
  if (set) set.add(id);
  else index.set(key, new Set([id]));
  lists.delete(key);
}

function remove(index: Map<string, Set<string>>, key: string, id: string, lists: Map<string, Interval[]>): void {
  index.get(key)?.delete(id);
  lists.delete(key);
}

/**
 * When the house's classes take a room on a day, booked or not: the room must be there when the class begins.
 * The first room of the service's pool holds the class.
 */
export function classStretches(house: House, day: number): { service: string; room: string; staff: readonly string[]; startMin: EpochMin; endMin: EpochMin }[] {
  const out = [];
  for (const service of house.handbook.services) {
    if (!service.group) continue;
    const room = house.pools.get(service.pool)?.[0];
    const lengthMin = Math.min(...service.variants.map((v) => v.lengthMin));
    for (const at of house.classTimes(service.id, day)) {
      const startMin = house.zone.toEpochMin(day, at);
      out.push({ service: service.id, room: room?.id ?? "", staff: service.staff, startMin, endMin: startMin + lengthMin + service.cleanUpMin });
    }
  }
  return out;
}
