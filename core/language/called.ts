import { FAMILY_NAMES } from "../speech/packs/en/family.ts";
import { GIVEN_NAMES } from "../speech/packs/en/given.ts";
import { FIRST_NAMES, LAST_NAMES } from "../speech/packs/en/names.ts";

/** What people are called, by the lists of names that the ear has as well. In small letters. */
const words = (lists: string): ReadonlySet<string> => new Set(lists.trim().split(/\s+/));
const GIVEN = words(`${FIRST_NAMES} ${GIVEN_NAMES}`);
const FAMILY = words(`${LAST_NAMES} ${FAMILY_NAMES}`);

/** Whether somebody's given name may be so. */
export const isGivenName = (word: string): boolean => GIVEN.has(word);

/** Whether somebody may be called so, by their given or their family name. */
export const isName = (word: string): boolean => GIVEN.has(word) || FAMILY.has(word);
