import { dayOfIso, MONTHS, partsOf, weekdayName, weekdayOf, isoOfDay } from "@gentian/core/time/days";
import type { Me, TouchedWhy } from "../api/types.ts";

/** "Fri 5 Mar". */
export function shortDate(iso: string): string {
  const day = dayOfIso(iso);
  const p = partsOf(day);
  return `${weekdayName(weekdayOf(day)).slice(0, 3)} ${p.date} ${(MONTHS[p.month - 1] ?? "").slice(0, 3)}`;
}

/** "Friday 5 March". */
export function longDate(iso: string): string {
  const day = dayOfIso(iso);
  const p = partsOf(day);
  return `${weekdayName(weekdayOf(day))} ${p.date} ${MONTHS[p.month - 1] ?? ""}`;
}

export const addDays = (iso: string, n: number): string => isoOfDay(dayOfIso(iso) + n);

/** "14:05", the desk's way. */
export const clock = (minute: number): string => `${Math.floor(minute / 60)}:${String(minute % 60).padStart(2, "0")}`;

export function money(me: Me, minor: number): string {
  return new Intl.NumberFormat(me.house.locale, {
    style: "currency",
    currency: me.house.currency,
    currencyDisplay: "narrowSymbol",
    minimumFractionDigits: minor % 100 === 0 ? 0 : 2,
  }).format(minor / 100);
}

export function phone(e164: string): string {
  const m = /^\+1(\d{3})(\d{3})(\d{4})$/.exec(e164);
  return m ? `${m[1]} ${m[2]} ${m[3]}` : e164;
}

/** "Ana P.", as it fits on a slip. */
export function shortName(name: string): string {
  const [first, ...rest] = name.split(" ");
  const last = rest[rest.length - 1];
  return last ? `${first} ${last.slice(0, 1)}.` : (first ?? name);
}

export const OUTCOME_WORDS: Record<string, string> = {
  booked: "booked",
  moved: "moved",
  cancelled: "cancelled",
  answered: "answered",
  "message-taken": "message taken",
  "handed-over": "handed over",
  waitlisted: "on the waiting list",
  "turned-away": "turned away",
  abandoned: "gave up",
};

export function outcomeTone(outcome: string | null): string {
  if (outcome === "booked" || outcome === "moved" || outcome === "answered" || outcome === "cancelled") return "text-fern";
  if (outcome === "handed-over" || outcome === "message-taken" || outcome === "waitlisted") return "text-stamen";
  return outcome === null ? "text-quiet" : "text-clay";
}

export const agoText = (min: number): string =>
  min < 1 ? "now" : min < 60 ? `${min} min` : min < 1440 ? `${Math.floor(min / 60)} h ${min % 60} min` : `${Math.floor(min / 1440)} d`;

/** What the receptionist waits for, as a stage direction. */
export function waitsFor(expects: string): string {
  const words: Record<string, string> = {
    errand: "waits for what is wanted",
    service: "asks which service",
    length: "asks how long",
    staff: "asks with whom",
    day: "asks which day",
    time: "asks what time",
    slot: "has made an offer",
    name: "asks the name",
    phone: "asks the number",
    email: "asks the email",
    "phone-check": "reads the number back",
    "email-check": "reads the email back",
    "which-appointment": "asks which appointment",
    "go-ahead": "waits for the go-ahead",
    message: "takes a message",
    anything: "asks whether there is anything else",
    nothing: "waits",
  };
  return words[expects] ?? (expects.startsWith("question:") ? "asks a question of the house" : expects);
}

/** Why a coming appointment would no longer fit. */
export const WHY_WORDS: Record<TouchedWhy, string> = {
  "service-gone": "its service is gone",
  "length-gone": "its length is gone",
  "person-gone": "its person is gone",
  "not-theirs": "the person would no longer do it",
  "room-gone": "its room is gone",
  closed: "the house would be closed",
  "outside-hours": "outside of the new hours",
  "no-class": "there would be no class",
};
