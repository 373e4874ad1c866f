import { AROUND_WHEN, AROUND_WHOM, ASKS_WHEN, OF_WHAT_STANDS, ONE_MOMENT, SAYS_BYE, SAYS_NOTHING, ASKS_OF_SOMETHING } from "./packs/en/reading.ts";
import { asksNothing, type ReadContext } from "./context.ts";
import type { ErrandRead } from "./errand.ts";
import { clauses, judge, type Judged } from "./errands.ts";
import { IN_PASSING, WEAK_SERVICE, type Found } from "./found.ts";
import { mask } from "./masked.ts";
import { ASKS_OR_ACTS, FAREWELL, LENGTH_ENOUGH, THANKS } from "./packs/en/signs.ts";
import { COMMON } from "./packs/en/words.ts";
import { lexiconOf } from "./recognisers/house.ts";
import type { Said } from "./text.ts";

const WHEN_ONLY = new Set<Found["kind"]>(["day", "time", "yes", "choice"]);
const CHANGING = new Set<string>(["go-ahead", "slot", "day", "time"]);

/** Beside a yes or a no, a remark that only seems to ask asks nothing: "What a lovely voice you have. That works." */
const SURELY_ASKED = 0.9;
const guessedAsk = (e: ErrandRead): boolean => e.errand.startsWith("ask-") && e.rule.endsWith("/examples");

/** So many parts of a message are looked at for a wish of their own: nobody asks for more at once. */
const MOST_CLAUSES = 8;
/** How much of a message is judged as a whole; less where it has so many parts that each is judged by itself. */
export const LONGEST_WISH = 400;
const LONGEST_OF_MANY = 200;

/** What a message wants: nothing where it only answers what was asked, else what its words and each of its parts say. */
export function errandsOf(said: Said, masked: string, found: readonly Found[], context: ReadContext): Judged {
  const rest = masked
    .replace(/<\w+>/g, " ")
    .replace(/[^a-z' ]/g, " ")
    .trim();
  const words = rest.split(/\s+/).filter(Boolean);
  const left = words.filter((w) => !COMMON.has(w));
  const open = asksNothing(context);
  // "Does shockwave need an assessment first", while something else is going on, answers nothing.
  const asksOfThem = ASKS_OF_SOMETHING.test(masked) && found.some((f) => f.kind === "service") && !found.some((f) => f.kind === "day" || f.kind === "time");
  // A bare answer to what was asked.
  if (
    !open &&
    !asksOfThem &&
    found.length > 0 &&
    words.length <= 4 &&
    left.length === 0 &&
    !ASKS_OR_ACTS.test(masked) &&
    !SAYS_BYE.test(masked) &&
    !LENGTH_ENOUGH.test(masked)
  )
    return { errands: [], clauses: [], subject: null };
  // A service's name alone asks nothing yet.
  const bareWords = words.filter((w) => !SAYS_NOTHING.test(w));
  if (open && bareWords.length === 0 && found.some((f) => f.kind === "service") && found.every((f) => f.kind === "service") && !/\?/.test(masked))
    return { errands: [], clauses: [], subject: null };
  // A day, a time, a name by itself asks nothing either.
  if (open && bareWords.length === 0 && !/\?/.test(masked) && found.every((f) => !["service", "staff", "shift"].includes(f.kind)))
    return { errands: [], clauses: [], subject: null };
  // Days and hours with what people put around them: "some time between the 10th and the 14th", "any day but Thursday".
  if (open && found.some((f) => f.kind === "day" || f.kind === "time") && found.every((f) => WHEN_ONLY.has(f.kind)) && !/\?/.test(masked))
    if (words.every((w) => AROUND_WHEN.test(w)) && !ASKS_WHEN.test(masked)) return { errands: [], clauses: [], subject: null };
  // "Anyone but Tobias", "either Nell or Joaquim": with whom, and nothing asked.
  const people = found.filter((f) => f.kind === "staff");
  if (open && people.length === found.length && (people.length > 1 || people.some((f) => f.not)) && !/\?/.test(masked))
    if (words.every((w) => AROUND_WHEN.test(w) || AROUND_WHOM.test(w)) && !ASKS_WHEN.test(masked)) return { errands: [], clauses: [], subject: null };
  // "Could we make it a bit earlier" moves what was offered, not what is booked.
  if (context.expects === "slot" && found.some((f) => f.kind === "shift") && !found.some((f) => f.kind === "service"))
    return { errands: [], clauses: [], subject: null };
  // In answer to a question, "lovely, thanks" agrees, and "perfect, book it" does too where nothing new is named.
  const agrees =
    (!open || context.expects === "anything") && !/\?/.test(masked) && found.some((f) => f.kind === "yes" && !ONE_MOMENT.test(said.norm.slice(f.start, f.end)));
  const vocabulary = lexiconOf(context.house).vocabulary;
  const parts = clauses(said.norm)
    .slice(0, MOST_CLAUSES)
    .map((c) => {
      const own = found.filter((f) => f.start >= c.from && f.end <= c.to).map((f) => ({ ...f, start: f.start - c.from, end: f.end - c.from }));
      const part = { ...said, norm: c.text };
      return {
        ...c,
        masked: mask(part, own),
        bare: mask(
          part,
          own.filter((f) => !IN_PASSING.test(f.rule)),
        ),
      };
    });
  // In a long message the wish stands at its beginning or in a part of its own.
  const named = found.some((f) => f.kind === "staff" || (f.kind === "service" && !WEAK_SERVICE.test(f.rule)));
  const passing = found.some((f) => f.kind === "service" && IN_PASSING.test(f.rule));
  const bare = passing
    ? mask(
        said,
        found.filter((f) => f.kind !== "service" || !IN_PASSING.test(f.rule)),
      )
    : masked;
  const longest = parts.length < MOST_CLAUSES ? LONGEST_WISH : LONGEST_OF_MANY;
  const judged = judge(masked.slice(0, longest), bare.slice(0, longest), parts, (w) => vocabulary.has(w), open, named);
  // "Could it be an hour later" to what is read back changes what is being booked, not what is.
  const ofAVisit = context.expects === "go-ahead" || context.expects === "slot" || context.errand === "book";
  if (!open && ofAVisit && CHANGING.has(context.expects ?? "") && !OF_WHAT_STANDS.test(masked))
    judged.errands = judged.errands.filter((e) => e.errand !== "move" || !e.rule.endsWith("/examples"));
  // Nor does "could it be two" ask for a diagnosis there: an hour, a day or a choice answers what was asked.
  // "Yes, blood pressure tablets", asked what they take, asks for none either.
  const answers = context.expects?.startsWith("question:") === true && found.some((f) => f.kind === "yes") && !/\?/.test(masked);
  if (!open && (answers || found.some((f) => ["time", "day", "shift", "choice"].includes(f.kind))))
    judged.errands = judged.errands.filter((e) => e.errand !== "refused" || !e.rule.endsWith("/examples"));
  // "It's 0161 …, ta", asked for a number: thanked for being asked.
  if (!open && found.some((f) => f.kind === "phone" || f.kind === "email") && !FAREWELL.test(masked))
    judged.errands = judged.errands.filter((e) => e.errand !== "thanks-bye");
  if (!agrees) return judged;
  const fresh = found.some((f) => ["day", "time", "service", "staff", "length", "shift"].includes(f.kind));
  return {
    ...judged,
    errands: judged.errands.filter(
      (e) =>
        (e.errand !== "thanks-bye" || (open && THANKS.test(masked)) || FAREWELL.test(masked)) &&
        (e.errand !== "book" || fresh || open) &&
        (!guessedAsk(e) || e.sure >= SURELY_ASKED),
    ),
  };
}
