import { FIRST_WAYS } from "./topics/first.ts";
import { MONEY } from "./topics/money.ts";
import { PEOPLE_ASKED } from "./topics/people.ts";
import { PLACE } from "./topics/place.ts";
import { THINGS } from "./topics/things.ts";
import { VISIT } from "./topics/visit.ts";

/**
 * What questions at a front desk are about, with ways to ask each: houses of any trade. A line of a handbook and a
 * question that are about the same thing meet here even where they share no word.
 */
export const TOPICS = [FIRST_WAYS, MONEY, PLACE, PEOPLE_ASKED, VISIT, THINGS].join("\n");
