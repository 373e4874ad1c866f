import { CARDINALS } from "./words.ts";

/** Ages: of those whom a visit is for, and of those whom a service is for. */

const AGE = `\\d{1,2}|${Object.keys(CARDINALS)
  .sort((a, b) => b.length - a.length)
  .join("|")}`;

/** From one age to another: "for three to five year olds", "ages 8-12". */
export const AGE_RANGE = new RegExp(
  `\\b(?:ages?|aged) (?:of )?(${AGE})(?: ?(?:to|-|–|and) ?)(${AGE})\\b|\\b(?:from |for )?(${AGE})(?: years?)?(?: ?(?:to|-|–|and) ?)(${AGE})[- ](?:years?\\b(?: old| of age)?|year[- ]olds?\\b|yrs\\b)`,
  "i",
);

/** From an age on: "from eight years", "14 and over". */
export const AGE_FROM = new RegExp(
  `\\b(?:from|over|above|at least) (?:the age of (${AGE})\\b|(${AGE}) years?\\b(?! ago))|\\b(${AGE})(?: years)?(?: and (?:over|up|older)|\\+)`,
  "i",
);

/** Up to an age: "under five years", "up to the age of 12". */
export const AGE_TO = new RegExp(`\\b(under|below|up to|until) (?:(?:the )?age of (${AGE})\\b|(${AGE}) years?\\b)`, "i");

/** Up to an age that is not reached. */
export const BELOW = /^(?:under|below)$/i;
