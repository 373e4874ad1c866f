import { AGE_FROM, AGE_RANGE, AGE_TO, BELOW } from "../language/packs/en/ages.ts";
import { num } from "../language/packs/en/lengths.ts";
import { HOW_OLD_THEY_ARE } from "../language/packs/en/talk.ts";

/** Ages in whole years, both ends included. */
export interface Ages {
  from?: number;
  to?: number;
}

const years = (...said: (string | undefined)[]): number => num((said.find((s) => s !== undefined) ?? "").toLowerCase());

/** The ages that a service is for, as its description tells them; null where it tells none. */
export function agesOf(about: string): Ages | null {
  const range = AGE_RANGE.exec(about);
  if (range) {
    const [from, to] = [years(range[1], range[3]), years(range[2], range[4])];
    if (from < to) return { from, to };
  }
  const least = AGE_FROM.exec(about);
  const most = AGE_TO.exec(about);
  if (!least && !most) return null;
  return {
    ...(least ? { from: years(least[1], least[2], least[3]) } : {}),
    ...(most ? { to: years(most[2], most[3]) - (BELOW.test(most[1] as string) ? 1 : 0) } : {}),
  };
}

/** How old somebody is, as it is told: "he's nine", "my daughter of 9", "a ten-year-old"; undefined where nobody's age is. */
export function ageIn(text: string): number | undefined {
  const m = HOW_OLD_THEY_ARE.exec(text);
  const age = years(m?.[1], m?.[2], m?.[3]);
  return age > 0 && age < 100 ? age : undefined;
}

/** Whether somebody of an age may come to what is described so; who has not told it may. */
export function mayCome(about: string, age: number | undefined): boolean {
  const ages = age === undefined ? null : agesOf(about);
  return ages === null || age === undefined || (age >= (ages.from ?? 0) && age <= (ages.to ?? Infinity));
}
