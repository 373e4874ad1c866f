import type { DayNumber } from "../time/days.ts";

/** Days as a recogniser found them. */
export type DayValue =
  | { kind: "days"; from?: DayNumber; to?: DayNumber }
  | { kind: "ask"; days: DayNumber[] }
  | { kind: "either"; days: DayNumber[] }
  | { kind: "weekdays"; weekdays: number[] }
  | { kind: "soonest" }
  /** Measured from what was offered last, or from the appointment that is moved: days on, or the next such weekday; any day of the week that it falls in. */
  | { kind: "relative"; byDays: number; weekday?: number; week?: true };

/** A clock time before it is known which half of the day is meant. */
export interface ClockValue {
  hour: number;
  minute: number;
  /** Said with am, pm, 24-hour digits, noon. */
  certain: boolean;
}

export type TimeValue =
  | { kind: "at"; at: ClockValue }
  | { kind: "from"; at: ClockValue }
  | { kind: "until"; at: ClockValue; is: "start" | "end" }
  | { kind: "around"; at: ClockValue }
  /** Any of several: "ten or eleven". */
  | { kind: "either"; hours: ClockValue[] }
  | { kind: "between"; from: ClockValue; to: ClockValue }
  | { kind: "span"; fromMin?: number; toMin?: number; name: string }
  | { kind: "part"; part: "first-thing" | "end-of-day" }
  /** The hour of the appointment that exists, or of what was offered last. */
  | { kind: "same" };

export type ChoiceValue = "first" | "second" | "third" | "last" | "later" | "earlier" | "any" | "none";
export type ShiftValue = "later" | "earlier" | "another-day" | "another-time";

/** Whether a day or time speaks of the appointment that exists or of the wish. */
export type Part = "old" | "new";

interface Base {
  /** The rule that found it. */
  rule: string;
  start: number;
  end: number;
  /** What was taken for granted, as data for the reasons and for saying it back. */
  assumed?: string;
  part?: Part;
}

export type Found = Base &
  // `definite` is "the Wednesday": one of the days spoken of.
  (
    | { kind: "day"; value: DayValue; not?: boolean; weekday?: number; weekdays?: number[]; definite?: true }
    | { kind: "time"; value: TimeValue }
    | { kind: "service"; value: string[] }
    | { kind: "length"; value: number | "long" | "short" }
    | { kind: "staff"; value: string[] | "any"; not?: boolean }
    | { kind: "gender"; value: "woman" | "man" }
    | { kind: "name"; value: string }
    | { kind: "phone"; value: string }
    | { kind: "phone-end"; value: string }
    | { kind: "email"; value: string }
    | { kind: "yes"; value: boolean }
    | { kind: "choice"; value: ChoiceValue }
    | { kind: "shift"; value: ShiftValue; byMin?: number }
    | { kind: "places"; value: number }
    | { kind: "for-whom"; value: string }
  );

export type FoundKind = Found["kind"];
export type FoundOf<K extends FoundKind> = Extract<Found, { kind: K }>;

export function ofKind<K extends FoundKind>(found: readonly Found[], kind: K): FoundOf<K>[] {
  return found.filter((f): f is FoundOf<K> => f.kind === kind);
}

/** Those of the house's people who are named or told by their work, and not ruled out. */
export const peopleIn = (found: readonly Found[]): string[] => ofKind(found, "staff").flatMap((f) => (f.not || f.value === "any" ? [] : f.value));

/** Whether two finds share a place in the words. */
export const overlap = (a: Pick<Found, "start" | "end">, b: Pick<Found, "start" | "end">): boolean => a.start < b.end && b.start < a.end;

/** The rule of a word that tells of the house as a whole: it is put aside when errands are told, and names no service. */
export const OF_THE_HOUSE = "service/of-the-house";

/** Rules of words that may stand only in passing. */
export const IN_PASSING = /^service\/(?:telling-word|of-the-house)$/;

/** A service heard by a word in passing, not by a name of its own. */
export const WEAK_SERVICE = /^service\/(?:telling-word|several)$/;
