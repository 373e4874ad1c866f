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
  BB: {
    "errol barrow day": on(1, 21),
    "heroes day": on(4, 28),
    "national heroes day": on(4, 28),
    "may day": on(5, 1),
    "labour day": on(5, 1),
    "emancipation day": on(8, 1),
    "kadooment day": nth(8, "Monday", 1),
    "independence day": on(11, 30),
  },
  BS: {
    "independence day": on(7, 10),
    "emancipation day": nth(8, "Monday", 1),
    "heroes day": nth(10, "Monday", 2),
    "national heroes day": nth(10, "Monday", 2),
  },
  GY: { "republic day": on(2, 23), "labour day": on(5, 1), "arrival day": on(5, 5), "independence day": on(5, 26), "emancipation day": on(8, 1) },
  AG: { "labour day": nth(5, "Monday", 1), "independence day": on(11, 1), "heroes day": on(12, 9) },
  LC: { "independence day": on(2, 22), "labour day": on(5, 1), "emancipation day": on(8, 1), "national day": on(12, 13) },
  GD: { "independence day": on(2, 7), "labour day": on(5, 1), "emancipation day": nth(8, "Monday", 1), thanksgiving: on(10, 25) },
  BZ: { "labour day": on(5, 1), "emancipation day": on(8, 1), "independence day": on(9, 21), "garifuna settlement day": on(11, 19) },
  UG: {
    "liberation day": on(1, 26),
    "womens day": on(3, 8),
    "labour day": on(5, 1),
    "martyrs day": on(6, 3),
    "heroes day": on(6, 9),
    "independence day": on(10, 9),
  },
  TZ: {
    "union day": on(4, 26),
    "workers day": on(5, 1),
    "saba saba": on(7, 7),
    "saba saba day": on(7, 7),
    "nane nane": on(8, 8),
    "nyerere day": on(10, 14),
    "independence day": on(12, 9),
  },
  ZM: {
    "womens day": on(3, 8),
    "youth day": on(3, 12),
    "labour day": on(5, 1),
    "heroes day": nth(7, "Monday", 1),
    "farmers day": nth(8, "Monday", 1),
    "independence day": on(10, 24),
  },
  ZW: { "independence day": on(4, 18), "workers day": on(5, 1), "africa day": on(5, 25), "heroes day": nth(8, "Monday", 2), "unity day": on(12, 22) },
  BW: { "labour day": on(5, 1), "botswana day": on(9, 30) },
  NA: {
    "independence day": on(3, 21),
    "workers day": on(5, 1),
    "cassinga day": on(5, 4),
    "africa day": on(5, 25),
    "heroes day": on(8, 26),
    "human rights day": on(12, 10),
  },
  MW: { "martyrs day": on(3, 3), "labour day": on(5, 1), "independence day": on(7, 6) },
  RW: { "heroes day": on(2, 1), "labour day": on(5, 1), "independence day": on(7, 1), "liberation day": on(7, 4) },
  PK: {
    "kashmir day": on(2, 5),
    "pakistan day": on(3, 23),
    "labour day": on(5, 1),
    "independence day": on(8, 14),
    "iqbal day": on(11, 9),
    "quaid day": on(12, 25),
  },
  FJ: { "fiji day": on(10, 10) },
  AE: { "national day": on(12, 2) },
  FR: { "bastille day": on(7, 14), "labour day": on(5, 1), "armistice day": on(11, 11) },
  DE: { "labour day": on(5, 1), "day of german unity": on(10, 3), "german unity day": on(10, 3) },
};
