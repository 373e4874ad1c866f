import type { House } from "../house/compile.ts";
import type { EpochMin } from "../time/zone.ts";
import { CalendarBook } from "./calendar.ts";
import { faultsOf, type FaultCode } from "./places.ts";

export interface Coming {
  id: string;
  service: string;
  lengthMin: number;
  staff: string;
  room: string;
  startMin: EpochMin;
  places: number;
}

/** Why a coming appointment would no longer fit. */
export type TouchedWhy = "service-gone" | "length-gone" | "person-gone" | "not-theirs" | "room-gone" | "closed" | "outside-hours" | "no-class";

export interface Touched<T extends Coming> {
  of: T;
  why: TouchedWhy;
}

const HOURS: ReadonlySet<FaultCode> = new Set(["not-in", "break", "only-then"]);

function whyNot(house: House, a: Coming): TouchedWhy | null {
  const service = house.services.get(a.service);
  if (!service) return "service-gone";
  if (!house.staff.has(a.staff)) return "person-gone";
  if (a.room !== "" && !house.rooms.has(a.room)) return "room-gone";
  const { faults } = faultsOf(house, new CalendarBook(), -Infinity, { ...a, places: 1 });
  const codes = new Set(faults.map((f) => f.code));
  if (codes.has("not-theirs")) return "not-theirs";
  if (codes.has("no-class")) return "no-class";
  if (codes.has("closed")) return "closed";
  if ([...codes].some((c) => HOURS.has(c))) return "outside-hours";
  return service.variants.some((v) => v.lengthMin === a.lengthMin) ? null : "length-gone";
}

/** The coming appointments that fit the house as it is, and would not fit it as it would be. */
export function touchedBy<T extends Coming>(before: House, after: House, coming: readonly T[]): Touched<T>[] {
  return coming.flatMap((a): Touched<T>[] => {
    const why = whyNot(after, a);
    return why !== null && whyNot(before, a) !== why ? [{ of: a, why }] : [];
  });
}
