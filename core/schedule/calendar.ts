import type { House } from "../house/compile.ts";
import { union, type Interval } from "../time/intervals.ts";
import type { EpochMin } from "../time/zone.ts";

/** One thing that takes a person's time, a room's, or both; times before and after the visit are part of the stretches. */
export interface BusyRow {
  id: string;
  staff: string | null;
  room: string | null;
  startMin: EpochMin;
  endMin: EpochMin;
  /** Rooms and devices besides the first. */
  more?: readonly string[];
  /** The rooms' stretch, where it is not the person's. */
  roomStartMin?: EpochMin;
  roomEndMin?: EpochMin;
  /** The service of an appointment, and when the client comes, where that is not the beginning of the stretch. */
  service?: string;
  visitMin?: EpochMin;
  /** A place in a group does not take the person or the room by itself: the class does. */
  place?: { service: string; places: number };
}

/** What is taken between two instants, by person and by room. Lists are sorted and do not overlap. */
export interface Busy {
  staff(id: string): readonly Interval[];
  room(id: string): readonly Interval[];
  /** Places taken in the group of a service that begins at an instant. */
  taken(serviceId: string, startMin: EpochMin): number;
  /** How many visits of a service begin between the two instants. */
  count(serviceId: string, fromMin: EpochMin, toMin: EpochMin): number;
}

/** What the pure core may see of the calendars: who and what is taken when, and how full the groups are. */
export interface Calendar {
  between(fromMin: EpochMin, toMin: EpochMin): Busy;
  /** The same calendar as if some rows were not there. */
  without(ids: readonly string[]): Calendar;
  /** The same calendar with some rows more. */
  with(rows: readonly BusyRow[]): Calendar;
}

const NONE: readonly Interval[] = [];
/** Rows longer than this are looked through apart, so that the others are found by their beginning. */
const LONG_MIN = 1440;
/** So many changes are kept beside the sorted rows before they are sorted in. */
const LOOSE = 400;

const fromOf = (r: BusyRow): number => (r.roomStartMin !== undefined && r.roomStartMin < r.startMin ? r.roomStartMin : r.startMin);
const toOf = (r: BusyRow): number => (r.roomEndMin !== undefined && r.roomEndMin > r.endMin ? r.roomEndMin : r.endMin);

class Stretch implements Busy {
  #rows: readonly BusyRow[];
  #staff: Map<string, Interval[]> | null = null;
  #room = new Map<string, Interval[]>();
  #joined = new Set<Interval[]>();

  constructor(rows: readonly BusyRow[]) {
    this.#rows = rows;
  }

  #sorted(): Map<string, Interval[]> {
    if (this.#staff) return this.#staff;
    const staff = (this.#staff = new Map<string, Interval[]>());
    for (const r of this.#rows) {
      if (r.place) continue;
      if (r.staff !== null && r.endMin > r.startMin) put(staff, r.staff, r.startMin, r.endMin);
      if (r.room === null && !r.more) continue;
      const start = r.roomStartMin ?? r.startMin;
      const end = r.roomEndMin ?? r.endMin;
      if (end <= start) continue;
      if (r.room !== null) put(this.#room, r.room, start, end);
      for (const other of r.more ?? []) put(this.#room, other, start, end);
    }
    return staff;
  }

  /** The list is joined the first time that somebody looks at it. */
  #list(index: Map<string, Interval[]>, id: string): readonly Interval[] {
    const list = index.get(id);
    if (!list) return NONE;
    if (this.#joined.has(list)) return list;
    const made = list.length === 1 ? list : union(list);
    index.set(id, made);
    this.#joined.add(made);
    return made;
  }

  staff(id: string): readonly Interval[] {
    return this.#list(this.#sorted(), id);
  }

  room(id: string): readonly Interval[] {
    this.#sorted();
    return this.#list(this.#room, id);
  }

  taken(serviceId: string, startMin: EpochMin): number {
    let n = 0;
    for (const r of this.#rows) if (r.place?.service === serviceId && r.startMin === startMin) n += r.place.places;
    return n;
  }

  count(serviceId: string, fromMin: EpochMin, toMin: EpochMin): number {
    let n = 0;
    for (const r of this.#rows) {
      const at = r.visitMin ?? r.startMin;
      if (r.service === serviceId && at >= fromMin && at < toMin) n++;
    }
    return n;
  }
}

function put(index: Map<string, Interval[]>, key: string, startMin: number, endMin: number): void {
  const list = index.get(key);
  if (list) list.push({ startMin, endMin });
  else index.set(key, [{ startMin, endMin }]);
}

/** Rows in the order of their beginning, and those that are too long to be found by it. */
interface Base {
  rows: readonly BusyRow[];
  long: readonly BusyRow[];
  /** Made when a row is first looked for by its id. */
  byId: Map<string, BusyRow> | null;
}

/**
 * A calendar kept from rows that come and go. It is ready as soon as it has its rows: only what lies between two asked
 * instants is ever looked at, so a calendar that is full costs little more than one that is empty.
 */
export class CalendarBook implements Calendar {
  #base: Base;
  #gone: Set<string>;
  #loose: Map<string, BusyRow>;
  #seen = new Map<string, { fromMin: number; toMin: number; busy: Stretch }>();

  constructor(rows: Iterable<BusyRow> = []) {
    this.#base = baseOf(Array.isArray(rows) ? (rows as BusyRow[]) : [...rows]);
    this.#gone = new Set();
    this.#loose = new Map();
  }

  set(row: BusyRow): void {
    this.drop(row.id);
    this.#loose.set(row.id, row);
    this.#forget(row);
    if (this.#loose.size + this.#gone.size > LOOSE) {
      this.#base = baseOf([...this.rows()]);
      this.#gone = new Set();
      this.#loose = new Map();
    }
  }

  drop(id: string): void {
    const loose = this.#loose.get(id);
    if (loose) {
      this.#loose.delete(id);
      this.#forget(loose);
    }
    if (this.#gone.has(id)) return;
    const row = idsOf(this.#base).get(id);
    if (!row) return;
    this.#gone.add(id);
    this.#forget(row);
  }

  *rows(): Iterable<BusyRow> {
    for (const list of [this.#base.rows, this.#base.long]) for (const r of list) if (!this.#gone.has(r.id)) yield r;
    yield* this.#loose.values();
  }

  between(fromMin: EpochMin, toMin: EpochMin): Busy {
    const key = `${fromMin} ${toMin}`;
    const have = this.#seen.get(key);
    if (have) return have.busy;
    const { rows, long } = this.#base;
    const found: BusyRow[] = [];
    const gone = this.#gone.size > 0;
    for (let i = firstFrom(rows, fromMin - LONG_MIN); i < rows.length; i++) {
      const r = rows[i] as BusyRow;
      if (fromOf(r) >= toMin) break;
      if (toOf(r) > fromMin && !(gone && this.#gone.has(r.id))) found.push(r);
    }
    for (const r of long) if (fromOf(r) < toMin && toOf(r) > fromMin && !this.#gone.has(r.id)) found.push(r);
    for (const r of this.#loose.values()) if (fromOf(r) < toMin && toOf(r) > fromMin) found.push(r);
    const busy = new Stretch(found);
    if (this.#seen.size > 400) this.#seen.clear();
    this.#seen.set(key, { fromMin, toMin, busy });
    return busy;
  }

  without(ids: readonly string[]): CalendarBook {
    const out = this.#copy();
    for (const id of ids) out.drop(id);
    return out;
  }

  with(rows: readonly BusyRow[]): CalendarBook {
    const out = this.#copy();
    for (const row of rows) out.set(row);
    return out;
  }

  /** Shares the sorted rows, which never change; what was changed since is copied. */
  #copy(): CalendarBook {
    const out = new CalendarBook();
    out.#base = this.#base;
    out.#gone = new Set(this.#gone);
    out.#loose = new Map(this.#loose);
    for (const [key, s] of this.#seen) out.#seen.set(key, s);
    return out;
  }

  #forget(row: BusyRow): void {
    const from = fromOf(row);
    const to = toOf(row);
    for (const [key, s] of this.#seen) if (from < s.toMin && to > s.fromMin) this.#seen.delete(key);
  }
}

function baseOf(list: readonly BusyRow[]): Base {
  let sorted = true;
  let long = false;
  let last = -Infinity;
  for (const r of list) {
    const from = fromOf(r);
    if (from < last) sorted = false;
    last = from;
    if (toOf(r) - from > LONG_MIN) long = true;
  }
  const short = long ? list.filter((r) => toOf(r) - fromOf(r) <= LONG_MIN) : list;
  return {
    rows: sorted ? short : [...short].sort((a, b) => fromOf(a) - fromOf(b)),
    long: long ? list.filter((r) => toOf(r) - fromOf(r) > LONG_MIN) : [],
    byId: null,
  };
}

function idsOf(base: Base): Map<string, BusyRow> {
  if (base.byId) return base.byId;
  const made = new Map<string, BusyRow>();
  for (const list of [base.rows, base.long]) for (const r of list) made.set(r.id, r);
  base.byId = made;
  return made;
}

/** The first row that begins at or after an instant. */
function firstFrom(rows: readonly BusyRow[], fromMin: number): number {
  let lo = 0;
  let hi = rows.length;
  while (lo < hi) {
    const mid = (lo + hi) >> 1;
    if (fromOf(rows[mid] as BusyRow) < fromMin) lo = mid + 1;
    else hi = mid;
  }
  return lo;
}

/** A class of a day: it has its person and its rooms whether anybody has booked it or not. */
export interface ClassStretch {
  service: string;
  lengthMin: number;
  staff: string;
  /** The first room of each kind that is needed. */
  rooms: readonly string[];
  /** When the clients come, and when they go. */
  startMin: EpochMin;
  endMin: EpochMin;
  staffFromMin: EpochMin;
  staffToMin: EpochMin;
  roomFromMin: EpochMin;
  roomToMin: EpochMin;
}

/** When the house's classes take their people and rooms on a day. */
export function classStretches(house: House, day: number): ClassStretch[] {
  const out: ClassStretch[] = [];
  for (const service of house.handbook.services) {
    if (!service.group) continue;
    const lengthMin = Math.min(...service.variants.map((v) => v.lengthMin));
    const needs = house.needs(service.id, lengthMin);
    const staff = needs?.people[0];
    if (!needs || staff === undefined) continue;
    for (const at of house.classTimes(service.id, day)) {
      const startMin = house.zone.toEpochMin(day, at);
      const endMin = startMin + lengthMin;
      out.push({
        service: service.id,
        lengthMin,
        staff,
        rooms: needs.pools.flatMap((p) => (p[0] ? [p[0].id] : [])),
        startMin,
        endMin,
        staffFromMin: startMin - needs.staffBeforeMin,
        staffToMin: endMin + needs.staffAfterMin,
        roomFromMin: startMin - needs.roomBeforeMin,
        roomToMin: endMin + needs.roomAfterMin,
      });
    }
  }
  return out;
}
