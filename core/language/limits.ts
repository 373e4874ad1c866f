import type { ReadContext } from "./context.ts";
import { CONTRACTED_IS, ENDS_THEIR_LIFE, TAKES_A_WAY, TAKES_OTHERWISE, TOO_MANY_PILLS } from "./packs/en/limits.ts";
import { A_DOCTOR_SAYS, BEFELL_TODAY, DID_NOT, IN_GENERAL, LONG_AGO, LONG_OVER, SWALLOWED } from "./packs/en/signs.ts";
import { THAN_THOUGHT } from "./packs/en/talk.ts";
import { normalise, type Said } from "./text.ts";

/** Whether the house's danger words were said, and not only spoken of in general. */
export function isEmergency(said: Said, context: ReadContext): boolean {
  const e = context.house.emergency;
  const text = ` ${said.norm.replace(/[^a-z0-9' ]+/g, " ").replace(/\s+/g, " ")} `;
  // What befell somebody long ago is looked for in nothing of what was said then.
  const lately = text.replace(LONG_OVER, " ");
  /** "Her throat's closing up" is as grave as "her throat is closing up". */
  const written = lately.replace(CONTRACTED_IS, " is ");
  if (ENDS_THEIR_LIFE.test(lately)) return true;
  const today = BEFELL_TODAY.exec(lately);
  if (today && !DID_NOT.test(lately.slice(0, today.index))) return true;
  const swallowed = SWALLOWED.exec(lately);
  const then = swallowed ? lately.slice(swallowed.index + swallowed[0].length) : "";
  if (
    swallowed &&
    !DID_NOT.test(lately.slice(0, swallowed.index)) &&
    !LONG_AGO.test(then) &&
    !IN_GENERAL.test(text.trim()) &&
    // Who has been sent for a picture of it is looked after.
    !A_DOCTOR_SAYS.test(lately)
  )
    return true;
  const many = TOO_MANY_PILLS.exec(lately);
  if (many && !DID_NOT.test(lately.slice(0, many.index)) && !LONG_AGO.test(lately.slice(many.index + many[0].length)) && !IN_GENERAL.test(text.trim()))
    return true;
  return e.words.some((w) => happens(lately, w) || (written !== lately && happens(written, w))) && !IN_GENERAL.test(text.trim());
}

/** Whether a danger is told of, and not that it did not happen: "no, I didn't hit my head". */
function happens(text: string, danger: string): boolean {
  const at = placeOf(text, danger);
  return at >= 0 && !DID_NOT.test(text.slice(0, at));
}

/** Whether a message says a phrase: its words in their order, endings aside, with few between. */
export function says(text: string, phrase: string): boolean {
  return inOrder(
    ` ${normalise(text)
      .norm.replace(/[^a-z0-9' ]+/g, " ")
      .replace(/\s+/g, " ")} `,
    phrase,
  );
}

/** Phrases by what they say, each with its words: most texts lack one, and need not be looked through. */
const ordered = new Map<string, { words: readonly string[]; pattern: RegExp }>();

/** All the words of a phrase, in their order, with up to two words between each. */
const inOrder = (text: string, phrase: string): boolean => placeOf(text, phrase) >= 0;

/** Where they begin; -1 where they are not said. */
function placeOf(text: string, phrase: string): number {
  let of = ordered.get(phrase);
  if (!of) {
    const words = normalise(phrase).tokens.map((t) => t.text.replace(/[^a-z0-9']/g, ""));
    const otherwise = words.at(-1) === "take" ? TAKES_OTHERWISE : "";
    of = { words, pattern: new RegExp(`(?<![a-z])${words.map((w) => w + "(?:s|ing|ed)?").join("(?: [a-z']+){0,2} ")}(?![a-z])${otherwise}`) };
    if (ordered.size > 5000) ordered.clear();
    ordered.set(phrase, of);
  }
  return of.words.every((w) => text.includes(w)) ? text.search(of.pattern) : -1;
}

/** The limit of the house whose words were said. */
export function limitOf(said: Said, context: ReadContext): string | null {
  const text = ` ${said.norm.replace(/[^a-z0-9' ]+/g, " ").replace(/\s+/g, " ")} `;
  // "Cheaper than I thought" asks for nothing.
  if (THAN_THOUGHT.test(text)) return limitOf(normalise(said.norm.replace(THAN_THOUGHT, " ")), context);
  const way = TAKES_A_WAY.test(text);
  for (const l of context.house.limits) if (l.words.some((w) => !(way && w.endsWith("take")) && inOrder(text, w))) return l.id;
  return null;
}

/** What a subject is called where a house or every receptionist names it. */
const SUBJECT: Record<string, string> = {
  refunds: "refund",
  discounts: "discount",
  advice: "diagnose",
  others: "who else is booked",
  private: "private number",
};

/** The house's limit on a subject that was guessed. */
export function limitOn(subject: string, context: ReadContext): string | null {
  const text = ` ${SUBJECT[subject] ?? subject} `;
  return context.house.limits.find((l) => l.words.some((w) => inOrder(text, w)))?.id ?? null;
}
