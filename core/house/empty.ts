import type { Handbook } from "./schema.ts";

/** A house of which only the name is known: everything else is still to be told. */
export function emptyHandbook(name: string): Handbook {
  const key =
    name
      .toLowerCase()
      .normalize("NFD")
      .replace(/[^a-z0-9]+/g, "-")
      .replace(/^-+|-+$/g, "")
      .slice(0, 40) || "house";
  return {
    format: "gentian-house/1",
    key,
    name,
    shortName: name.slice(0, 40),
    zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    currency: "CAD",
    country: "CA",
    locale: "en-CA",
    languages: ["en-CA"],
    dateOrder: "day-first",
    clientClock: "12",
    firstWeekday: "Monday",
    place: {},
    facts: [],
    hours: [],
    closed: [],
    rooms: [],
    staff: [],
    services: [],
    rules: { noticeMin: 120, horizonDays: 60, gridMin: 15, holdMin: 10, freeUntilMin: 1440, lateFeePercent: 0, missedFeePercent: 0 },
    questions: [],
    answers: [],
    limits: [],
    receptionists: [{ id: "day", name: "Receptionist", greeting: "{house}, {daypart}. How can I help?", callBack: false }],
    lines: [{ key: `${key}-web`, name: "Website", channel: "web", state: "on-duty", receptionist: "day" }],
  };
}
