import { compile, type House } from "@gentian/core/house/compile";
import { CalendarBook } from "@gentian/core/schedule/calendar";
import { busySince } from "./data/appointments.ts";
import type { Tx } from "./data/db.ts";
import { handbookOf } from "./data/houses.ts";

const KEPT_VERSIONS = 50;
/** Days before now that stay in the calendar cache: for visits that began in the past and still run. */
const BACK_MIN = 2 * 1440;

/** Compiled houses by version: a version never changes, so it is compiled once. */
export class Houses {
  #versions = new Map<string, Promise<House>>();
  #calendars = new Map<string, { book: CalendarBook; rev: number }>();

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
  async calendar(tx: Tx, houseId: string, rev: number, nowMin: number): Promise<CalendarBook> {
    let kept = this.#calendars.get(houseId);
    if (kept && kept.rev >= rev) return kept.book;
    const since = kept?.rev ?? -1;
    const change = await busySince(tx, houseId, since, nowMin - BACK_MIN);
    kept = this.#calendars.get(houseId) ?? { book: new CalendarBook(), rev: -1 };
    if (kept.rev <= since || kept.rev < change.rev) {
      for (const id of change.drop) kept.book.drop(id);
      for (const row of change.set) kept.book.set(row);
      kept.rev = Math.max(kept.rev, change.rev, rev);
    }
    this.#calendars.set(houseId, kept);
    return kept.book;
  }

  forget(houseId: string): void {
    this.#calendars.delete(houseId);
  }
}
