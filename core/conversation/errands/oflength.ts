import type { Turn } from "../turn.ts";

/** More services of one length than this tell nothing of which is meant. */
export const MOST_OF_A_LENGTH = 3;

/** The services of one client at a time that come in a length, and are done by one of those who are named. */
export const ofLength = (t: Turn, minutes: number, who: readonly string[]): string[] =>
  t.house.handbook.services
    .filter((s) => !s.group && s.variants.some((v) => v.lengthMin === minutes) && (who.length === 0 || who.some((p) => s.staff.includes(p))))
    .map((s) => s.id);
