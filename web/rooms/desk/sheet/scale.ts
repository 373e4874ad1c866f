import type { CSSProperties } from "react";
import type { Day } from "../../../api/types.ts";

/** The hours that the sheet shows, in minutes of the day. */
export interface Scale {
  fromMin: number;
  toMin: number;
}

export const left = (s: Scale, minute: number): string => `${((Math.min(Math.max(minute, s.fromMin), s.toMin) - s.fromMin) / (s.toMin - s.fromMin)) * 100}%`;

export const span = (s: Scale, from: number, to: number): CSSProperties => {
  const a = Math.max(from, s.fromMin);
  const b = Math.min(to, s.toMin);
  return { left: left(s, a), width: `${(Math.max(0, b - a) / (s.toMin - s.fromMin)) * 100}%` };
};

/** The hours of the house, and whatever lies outside them. */
export function scaleOf(day: Day): Scale {
  const starts = [...day.open.map((w) => w.fromMin), ...day.appointments.map((a) => a.from), ...day.staff.flatMap((s) => s.works.map((w) => w.fromMin))];
  const ends = [...day.open.map((w) => w.toMin), ...day.appointments.map((a) => a.to), ...day.staff.flatMap((s) => s.works.map((w) => w.toMin))];
  if (starts.length === 0) return { fromMin: 480, toMin: 1140 };
  return { fromMin: Math.floor(Math.min(...starts) / 60) * 60, toMin: Math.min(1440, Math.ceil(Math.max(...ends) / 60) * 60) };
}
