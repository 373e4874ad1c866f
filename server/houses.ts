import { compile, withDays, type House } from "@gentian/core/house/compile";
import { CalendarBook, type BusyRow } from "@gentian/core/schedule/calendar";
import type { SingleDay } from "@gentian/core/house/schema";
import { busySince } from "./data/appointments.ts";
import type { Tx } from "./data/db.ts";
import { handbookOf } from "./data/houses.ts";

const KEPT_VERSIONS = 50;
/** Days before now that stay in the calendar cache: for visits that began in the past and still run. */
const BACK_MIN = 2 * 1440;

/** A house's calendar as it was kept up last, and its single days. */
interface Kept {
  book: CalendarBook;
  rev: number;
  days: readonly SingleDay[];
  /** Versions with these single days. */
  houses: Map<string, House>;
  /** What a transaction of this process does to the calendars at a revision, whole: see `stage`. */
  staged: Map<number, readonly BusyRow[]>;
}

/** What a command or a conversation goes by at a moment. */
export interface Today {
  house: House;
  calendar: CalendarBook;
}

/** Compiled houses by version: a version never changes, so it is compiled once. */
export class Houses {
  #versions = new Map<string, Promise<House>>();
  #calendars = new Map<string, Kept>();

  async version(tx: Tx, versionId: string): Promise<House> {
    const have = this.#versions.get(versionId);
    if (have) return have;
    const made = handbookOf(tx, versionId).then((handbook) => {
      const { house, gaps } = compile(handbook);
      if (!house) throw new Error(`a version that does not compile: ${JSON.stringify(gaps)}`);
      return house;
    });
    if (this.#versions.size >= KEPT_VERSIONS) this.#versions.delete(this.#versions.keys().next().value as string);
    this.#versions.set(versionId, made);
    made.catch(() => this.#versions.delete(versionId));
    return made;
  }

  /**
   * The house's calendar as committed at a revision, kept up by reading what changed since. Call it before the
   * transaction writes to the calendars, so that only what is committed is kept.
   */
  async #kept(tx: Tx, houseId: string, rev: number, nowMin: number): Promise<Kept> {
    let kept = this.#calendars.get(houseId);
    if (kept) followStaged(kept, rev);
    if (kept && kept.rev >= rev) return kept;
    const since = kept?.rev ?? -1;
    const change = await busySince(tx, houseId, since, nowMin - BACK_MIN);
    kept = this.#calendars.get(houseId) ?? { book: new CalendarBook(change.set), rev: -1, days: [], houses: new Map(), staged: new Map() };
    if (kept.rev <= since || kept.rev < change.rev) {
      for (const id of change.drop) kept.book.drop(id);
      if (kept.rev >= 0) for (const row of change.set) kept.book.set(row);
      if (change.days.length > 0) {
        const ids = new Set(change.days.map((d) => d.id));
        kept.days = [...kept.days.filter((d) => !ids.has(d.id)), ...change.days.flatMap((d) => (d.day ? [d.day] : []))];
        kept.houses = new Map();
      }
      kept.rev = Math.max(kept.rev, change.rev, rev);
    }
    this.#calendars.set(houseId, kept);
    return kept;
  }

  async calendar(tx: Tx, houseId: string, rev: number, nowMin: number): Promise<CalendarBook> {
    return (await this.#kept(tx, houseId, rev, nowMin)).book;
  }

  /** A version of a house with the single days that hold now, and its calendar, as committed at a revision. */
  async today(tx: Tx, at: { versionId: string; houseId: string; rev: number; nowMin: number }): Promise<Today> {
    const version = await this.version(tx, at.versionId);
    const kept = await this.#kept(tx, at.houseId, at.rev, at.nowMin);
    if (kept.days.length === 0) return { house: version, calendar: kept.book };
    let house = kept.houses.get(at.versionId);
    if (!house) {
      house = withDays(version, kept.days);
      kept.houses.set(at.versionId, house);
    }
    return { house, calendar: kept.book };
  }

  /**
   * Says what a transaction that holds the calendar lock does at its revision, all of it. Whoever gets the next revision
   * knows by that that this one was committed, and need not read it again. A transaction that falls takes it away.
   */
  stage(houseId: string, rev: number, rows: readonly BusyRow[]): void {
    this.#calendars.get(houseId)?.staged.set(rev, rows);
  }

  unstage(houseId: string, rev: number): void {
    this.#calendars.get(houseId)?.staged.delete(rev);
  }

  forget(houseId: string): void {
    this.#calendars.delete(houseId);
  }
}

function followStaged(kept: Kept, rev: number): void {
  for (let rows = kept.staged.get(kept.rev + 1); kept.rev < rev && rows; rows = kept.staged.get(kept.rev + 1)) {
    for (const row of rows) kept.book.set(row);
    kept.rev++;
    kept.staged.delete(kept.rev);
  }
  for (const old of kept.staged.keys()) if (old <= kept.rev) kept.staged.delete(old);
}
