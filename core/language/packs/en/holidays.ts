import type { closedDay } from "../../../house/compile.ts";

type Rule = Parameters<typeof closedDay>[0];
type Weekday = Extract<Rule, { kind: "weekday" }>["weekday"];
const on = (month: number, date: number): Rule => ({ kind: "yearly", month, date });
const nth = (month: number, weekday: Weekday, n: number): Rule => ({ kind: "weekday", month, weekday, nth: n });

/**
 * Public holidays by country (ISO 3166-1) that are called by a name of their own, beside those that are counted from
 * Easter and those that everyone knows. Names as they are compared: small letters, no apostrophes, "saint" in full.
 * Holidays of the moon (Eid, Diwali) are not among them: a house that keeps one has its date among its closed days.
 * From memory.
 */
export const HOLIDAYS: Record<string, Record<string, Rule>> = {
  US: {
    "martin luther king day": nth(1, "Monday", 3),
    "presidents day": nth(2, "Monday", 3),
    "memorial day": nth(5, "Monday", -1),
    juneteenth: on(6, 19),
    "independence day": on(7, 4),
    "fourth of july": on(7, 4),
    "labour day": nth(9, "Monday", 1),
    "columbus day": nth(10, "Monday", 2),
    "veterans day": on(11, 11),
    thanksgiving: nth(11, "Thursday", 4),
  },
  CA: {
    "victoria day": { kind: "before", month: 5, date: 25, weekday: "Monday" },
    "canada day": on(7, 1),
    "labour day": nth(9, "Monday", 1),
    thanksgiving: nth(10, "Monday", 2),
    "remembrance day": on(11, 11),
  },
  GB: {
    "may day": nth(5, "Monday", 1),
    "early may bank holiday": nth(5, "Monday", 1),
    "spring bank holiday": nth(5, "Monday", -1),
    "august bank holiday": nth(8, "Monday", -1),
    "summer bank holiday": nth(8, "Monday", -1),
    "remembrance sunday": nth(11, "Sunday", 2),
    "burns night": on(1, 25),
    "bonfire night": on(11, 5),
    "guy fawkes night": on(11, 5),
  },
  IE: {
    "saint brigids day": nth(2, "Monday", 1),
    "may bank holiday": nth(5, "Monday", 1),
    "june bank holiday": nth(6, "Monday", 1),
    "august bank holiday": nth(8, "Monday", 1),
    "october bank holiday": nth(10, "Monday", -1),
  },
  AU: { "australia day": on(1, 26), "anzac day": on(4, 25), "melbourne cup day": nth(11, "Tuesday", 1) },
  NZ: { "waitangi day": on(2, 6), "anzac day": on(4, 25), "labour day": nth(10, "Monday", 4) },
  ZA: {
    "human rights day": on(3, 21),
    "freedom day": on(4, 27),
    "workers day": on(5, 1),
    "youth day": on(6, 16),
    "womens day": on(8, 9),
    "heritage day": on(9, 24),
  },
  IN: { "republic day": on(1, 26), "independence day": on(8, 15), "gandhi jayanti": on(10, 2) },
  KE: { "labour day": on(5, 1), "madaraka day": on(6, 1), "mashujaa day": on(10, 20), "jamhuri day": on(12, 12) },
  NG: { "workers day": on(5, 1), "democracy day": on(6, 12), "independence day": on(10, 1) },
  GH: { "independence day": on(3, 6), "workers day": on(5, 1), "republic day": on(7, 1) },
  JM: { "labour day": on(5, 23), "emancipation day": on(8, 1), "independence day": on(8, 6), "heroes day": nth(10, "Monday", 3) },
  TT: { "labour day": on(6, 19), "emancipation day": on(8, 1), "independence day": on(8, 31), "republic day": on(9, 24) },
  SG: { "labour day": on(5, 1), "national day": on(8, 9) },
  MY: { "labour day": on(5, 1), "merdeka day": on(8, 31), "malaysia day": on(9, 16) },
  PH: { "labour day": on(5, 1), "independence day": on(6, 12), "bonifacio day": on(11, 30), "rizal day": on(12, 30) },
  MT: { "freedom day": on(3, 31), "workers day": on(5, 1), "republic day": on(12, 13) },
  FR: { "bastille day": on(7, 14), "labour day": on(5, 1), "armistice day": on(11, 11) },
  DE: { "labour day": on(5, 1), "day of german unity": on(10, 3), "german unity day": on(10, 3) },
};
