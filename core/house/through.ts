import { WEEKDAYS, weekdayOf, type DayNumber } from "../time/days.ts";
import { minuteOfClock, type EpochMin } from "../time/zone.ts";
import type { House } from "./compile.ts";
import type { Handbook } from "./schema.ts";

/** Hours of a day, minutes from its midnight, with the id of the line that says them. */
export interface There {
  fromMin: number;
  toMin: number;
  id: string;
}

type Windows = NonNullable<NonNullable<Handbook["handingOver"]>["hours"]>;

const on = (house: House, hours: Windows, day: DayNumber): There[] => {
  const weekday = WEEKDAYS[weekdayOf(day) - 1];
  return house.closedOn(day)
    ? []
    : hours
        .filter((w) => weekday !== undefined && w.weekdays.includes(weekday))
        .map((w) => ({ fromMin: minuteOfClock(w.from), toMin: minuteOfClock(w.to), id: w.id }))
        .sort((a, b) => a.fromMin - b.fromMin);
};

/** When somebody is there on a day for what is handed over: hours of its own, or the house's. */
export function thereOn(house: House, day: DayNumber): readonly There[] {
  const own = house.handbook.handingOver?.hours;
  return own?.length ? on(house, own, day) : house.openOn(day);
}

/** A telephone outside the desk that a call is put through to. */
export interface Telephone {
  /** E.164. */
  number: string;
  /** Whose it is, in words. */
  name: string;
}

/**
 * The telephone that rings for somebody now: a person of the house's in its hours, or the emergency line at any hour; null
 * where there is none, and it rings at the desk alone.
 */
export function telephoneFor(house: House, to: string | undefined, now: EpochMin): Telephone | null {
  if (to === EMERGENCY) {
    const number = house.emergency.housePhone;
    return number ? { number, name: "the emergency line" } : null;
  }
  const own = house.handbook.calls?.telephones?.find((x) => x.staff === to);
  const person = house.staff.get(to ?? "");
  if (!own || !person) return null;
  const { day, minute } = house.zone.toLocal(now);
  const hours = own.hours?.length ? on(house, own.hours, day) : thereOn(house, day);
  return hours.some((w) => w.fromMin <= minute && minute < w.toMin) ? { number: own.number, name: person.name } : null;
}

/** Stands in place of a person's id where it is the emergency line that is called. */
export const EMERGENCY = "emergency";

/** A telephone as the house sees it in a list. */
export interface ListedTelephone extends Telephone {
  /** When it may ring: at any hour, in hours of its own, or (none) while somebody is there. */
  hours: Windows | "always";
  /** Whether it would ring now. */
  rings: boolean;
}

/** Every telephone of a house that may ring, the emergency line first. */
export function telephonesOf(house: House, now: EpochMin): ListedTelephone[] {
  const emergency = telephoneFor(house, EMERGENCY, now);
  const own = (house.handbook.calls?.telephones ?? []).map((t) => ({
    number: t.number,
    name: house.staff.get(t.staff)?.name ?? t.staff,
    hours: t.hours ?? [],
    rings: telephoneFor(house, t.staff, now) !== null,
  }));
  return [...(emergency ? [{ ...emergency, hours: "always" as const, rings: true }] : []), ...own];
}
