import { MOMENTS } from "./moments.ts";
import type { OwnMoment } from "./schema.ts";

/** "Good {daypart}" says "good" once: the part of the day holds the word. */
export const goodOnce = (wording: string): string => wording.replace(/\bgood (?=\{daypart\})/gi, "");

/** A wording as it would be said, with sample values for its variables; variables that do not exist stay as they are. */
export function previewOf(say: string, house: { shortName: string }, receptionist: string, moment: OwnMoment | "greeting"): string {
  const sample: Record<string, string> = {
    client: "Ana",
    daypart: "good morning",
    house: house.shortName,
    name: receptionist,
    receptionist,
    service: "a check-up",
    list: "Friday at 11:00 am or 2:15 pm",
    staff: "Kim",
    time: "Friday at 2:15 pm",
    free: "a day",
    percent: "half",
    sum: "$40",
  };
  const known = moment === "greeting" ? ["daypart", "house", "name", "client", "receptionist"] : MOMENTS[moment].variables;
  const text = goodOnce(say).replace(/\{(\w+)\}/g, (whole, key: string) => (known.includes(key) ? (sample[key] ?? whole) : whole));
  return text.slice(0, 1).toUpperCase() + text.slice(1);
}
