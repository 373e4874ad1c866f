import { dayFrom, MONTHS, partsOf, type DayNumber } from "../time/days.ts";

/** A day and a minute of it, as a caller understood them from the words of a reply. */
export interface Heard {
  day: DayNumber;
  minute: number;
}

const WHEN = new RegExp(`(\\d{1,2}) (${MONTHS.join("|")})(?: (\\d{4}))?(?: at|,)? |(\\d{1,2}):(\\d{2})(?: (am|pm))?`, "g");

/**
 * The times that a reply names, each with the day named last before it. It reads the words alone, and shares no code
 * with the receptionist's own reading.
 */
export function timesIn(text: string, today: DayNumber): Heard[] {
  const out: Heard[] = [];
  let day: DayNumber | null = null;
  for (const m of `${text} `.matchAll(WHEN)) {
    if (m[2]) {
      const { year } = partsOf(today);
      const month = MONTHS.indexOf(m[2] as (typeof MONTHS)[number]) + 1;
      const own = dayFrom(m[3] ? Number(m[3]) : year, month, Number(m[1]));
      day = own !== null && own < today ? dayFrom(year + 1, month, Number(m[1])) : own;
    } else if (day !== null) {
      const hour = Number(m[4]);
      const minute = m[6] ? ((hour % 12) + (m[6] === "pm" ? 12 : 0)) * 60 + Number(m[5]) : hour * 60 + Number(m[5]);
      out.push({ day, minute });
    }
  }
  return out;
}

/** The dates that a reply names. */
export const daysIn = (text: string, today: DayNumber): DayNumber[] => [
  ...new Set(
    [...text.matchAll(new RegExp(`(\\d{1,2}) (${MONTHS.join("|")})`, "g"))].flatMap((m) => {
      const { year } = partsOf(today);
      const day = dayFrom(year, MONTHS.indexOf(m[2] as (typeof MONTHS)[number]) + 1, Number(m[1]));
      return day === null ? [] : [day];
    }),
  ),
];
