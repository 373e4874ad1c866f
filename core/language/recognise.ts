import type { Moment } from "./context.ts";
import { overlap, WEAK_SERVICE, type Found } from "./found.ts";
import { ONE_MORE } from "./packs/en/company.ts";
import { NOT_THE_THING } from "./packs/en/things.ts";
import { INDIFFERENT, WAS_THERE } from "./packs/en/signs.ts";
import { lexiconOf, services, staff } from "./recognisers/house.ts";
import { counted, forSeveral, hadBefore, longOrShort, narrow, narrowByPeople } from "./recognisers/ofservices.ts";
import { emails, longRuns, names, phones } from "./recognisers/people.ts";
import { choices, shifts } from "./recognisers/choices.ts";
import { company } from "./recognisers/company.ts";
import { lengths, lengthsOfServices } from "./recognisers/lengths.ts";
import { byDescription } from "./recognisers/variants.ts";
import { yesNo } from "./recognisers/yesno.ts";
import { dayFinds, longest, shares, timeFinds } from "./recognisers/when.ts";
import { dated } from "./refiners/dated.ts";
import type { Said } from "./text.ts";

/** What a message speaks of, each find with its place. Where the same words could be two kinds of thing, it is settled here which they are. */
export function recognise(said: Said, at: Moment): Found[] {
  const solid = [...emails(said, at.expects === "email"), ...phones(said, at)];
  // Where a number is waited for, digits in a row are part of one, however short it came: "nine oh two" is no hour then.
  const pieces = longRuns(said, at.expects === "phone");
  const clear = (f: Found): boolean => ![...solid, ...pieces].some((s) => overlap(s, f));
  const shifted = shifts(said);
  const many = company(said);
  const { days, when, size } = whenFinds(said, at, clear, shifted, many);
  // "Put it back a fortnight" is no cut short at the back.
  const byHowMuch = shifted.filter((s) => s.rule === "shift/by");
  const offered = serviceFinds(said, at, clear, [...solid, ...byHowMuch], when, size, many);
  const people = peopleFinds(said, at, clear, offered, days);
  narrowByPeople(said, at.house, offered, people);
  if (size.length === 0) size.push(...longOrShort(said, at.house, offered));
  // "Both ears", where the description says which of its lengths is for both.
  if (size.every((l) => l.rule === "length/asked")) {
    const told = byDescription(said, at.house, offered, at.service, at.expects === "length");
    if (told.length > 0) size.splice(0, size.length, ...told);
  }
  const vocabulary = lexiconOf(at.house).vocabulary;
  const blocked = [...solid, ...when, ...size, ...offered, ...people.filter((p) => p.kind !== "gender")];
  // "Dr Lakshmi" is one of the house's people, unless a name is asked for or goes on beyond theirs.
  const called = names(said, at, blocked, (w) => vocabulary.has(w)).filter(
    (n) => at.expects === "name" || !people.some((p) => p.kind === "staff" && p.value !== "any" && p.start <= n.start && n.end <= p.end),
  );
  const hours = at.expects === "name" ? when.filter((w) => !called.some((n) => overlap(n, w))) : when;
  const staffed = people.filter((p) => !called.some((n) => overlap(p, n)));
  // "Sol Marino, 03 5550 0142": who they are names no service by a word in passing.
  const wished = offered.filter((o) => !(WEAK_SERVICE.test(o.rule) && called.some((n) => n.kind === "name" && n.start <= o.start && o.end <= n.end)));
  const found = [...solid, ...hours, ...size, ...wished, ...staffed, ...called, ...many, ...shifted];
  found.push(...yesNo(said, at).filter((y) => !hours.some((w) => overlap(w, y) || noToDay(said, y, w))));
  return withChoices(said, at, found, hours, wished);
}

/** Days, times and lengths: of those that overlap, only one is one. */
function whenFinds(
  said: Said,
  at: Moment,
  clear: (f: Found) => boolean,
  shifted: readonly Found[],
  many: readonly Found[],
): { days: Found[]; when: Found[]; size: Found[] } {
  const timed = longest(timeFinds(said, at).filter(clear), []);
  // "I was there on Friday" tells of a visit that is over.
  // "Put it back a fortnight" names no day.
  const later = (f: Found): boolean => shifted.some((s) => s.rule === "shift/by" && overlap(s, f));
  const bare = longest(
    dayFinds(said, at).filter((d) => clear(d) && !later(d)),
    timed,
  ).filter((d) => !WAS_THERE.test(said.norm.slice(Math.max(0, d.start - 40), d.start)));
  const { days, times } = dated(
    said,
    at,
    bare,
    timed.filter((t) => !bare.some((d) => overlap(t, d) && !shares(t, d))),
  );
  // "Push it back an hour": what it is to be later by is no length.
  const size = lengths(said, at).filter(
    (l) =>
      clear(l) &&
      !times.some((t) => t.rule === "time/from-now" && overlap(l, t)) &&
      !days.some((d) => overlap(l, d)) &&
      !shifted.some((s) => s.rule === "shift/by" && overlap(s, l)),
  );
  const hours = times.filter((t) => !size.some((l) => overlap(t, l)) && !many.some((c) => c.kind === "places" && overlap(t, c)));
  return { days, when: [...days, ...hours], size };
}

/** Services, and what only they can tell: words of theirs that are no day, lengths and numbers that are said of them. Changes `when`, `size` and `many`. */
function serviceFinds(said: Said, at: Moment, clear: (f: Found) => boolean, solid: readonly Found[], when: Found[], size: Found[], many: Found[]): Found[] {
  // "Cuts for me and my two girls": who comes is no word of what they come for.
  const whom = many.filter((m) => WHO_COME.test(m.rule));
  const offered = services(said, at.house, [...solid, ...size, ...when, ...whom], ASKED_WHO.has(at.expects ?? "")).filter(clear);
  // "Repair evening": a word of a service's own name is no time.
  const whole = offered.filter((o) => o.kind === "service" && BY_NAME.test(o.rule));
  remove(when, (w) => whole.some((o) => o.start <= w.start && w.end <= o.end && o.end - o.start > w.end - w.start));
  if (size.length === 0) size.push(...lengthsOfServices(said, at.house, offered, [...solid, ...when]));
  narrow(said, at.house, offered, size);
  if (many.length === 0) many.push(...counted(said, at.house, offered));
  remove(many, (m) => m.rule === "places/with" && !(at.group === true && offered.length === 0) && !offered.some((o) => forSeveral(at.house, o)));
  // "Can I bring my sister": a question, unless places are being booked.
  remove(many, (m) => m.rule === ONE_MORE && !(at.group === true && at.errand === "book"));
  const past = hadBefore(said, offered);
  // "Automatic, not manual": what is not wished for, beside what is.
  const not = offered.filter((o) => NOT_THE_THING.test(said.norm.slice(Math.max(0, o.start - 24), o.start)));
  return offered.filter((o) => !past.includes(o) && !(not.length < offered.length && not.includes(o)));
}
const ASKED_WHO = new Set<string>(["name", "name-check", "phone", "phone-check", "email", "email-check"]);
const WHO_COME = /^places\/(?:me-and|both)$/;
const BY_NAME = /name|other-word/;

/** The house's people, where the words are not a service's, a day's or an answer to something else. */
const peopleFinds = (said: Said, at: Moment, clear: (f: Found) => boolean, offered: readonly Found[], days: readonly Found[]): Found[] =>
  staff(said, at).filter(
    (f) =>
      clear(f) &&
      !offered.some((s) => overlap(f, s)) &&
      // "Spiritual Baptist Day" is a day, however near one of its words sounds to a name.
      !(f.kind === "staff" && f.rule === "staff/near-sound" && days.some((d) => overlap(f, d))) &&
      // Asked when, "it doesn't matter" is said of days and hours.
      !(f.kind === "staff" && f.value === "any" && ["day", "time", "length"].includes(at.expects ?? "") && INDIFFERENT.test(said.norm.slice(f.start, f.end))),
  );

/** Adds the choices among what was offered. "The earliest" is one where something was offered, and a wish for a day where not. */
function withChoices(said: Said, at: Moment, found: readonly Found[], when: readonly Found[], offered: readonly Found[]): Found[] {
  const soonest = (w: Found): boolean => w.kind === "day" && w.value.kind === "soonest";
  const picked = choices(said, at);
  const offering = at.expects === "slot";
  return [
    ...found.filter((f) => !(offering && soonest(f) && picked.some((c) => overlap(c, f)))),
    ...picked.filter(
      (c) => !when.some((w) => overlap(w, c) && !(offering && soonest(w))) && !offered.some((s) => overlap(s, c) && s.end - s.start > c.end - c.start),
    ),
  ];
}

/** The "no" of "no Fridays" rules them out, and answers nothing. */
const noToDay = (said: Said, y: Found, day: Found): boolean =>
  day.kind === "day" && day.value.kind === "weekdays" && said.norm.slice(y.start, day.start).trim() === "no";

function remove<T>(list: T[], which: (x: T) => boolean): void {
  for (let i = list.length - 1; i >= 0; i--) if (which(list[i] as T)) list.splice(i, 1);
}
