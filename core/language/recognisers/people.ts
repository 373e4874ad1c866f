import {
  AS_IN,
  ANOTHERS,
  ONE_OF_THEIRS,
  AN_HOUR_BEFORE,
  AT_ITS_END,
  BEFORE_EMAIL,
  BEFORE_NO_NAME,
  OF_BEFORE,
  ONLY_A_SOUND,
  BEFORE_STAFF,
  BEGINS_A_QUESTION,
  BEGINS_OTHERWISE,
  CAPITALS_ELSEWHERE,
  CORRECTS_A_NUMBER,
  DOES,
  DOUBLE_LETTER,
  ENDS_IN,
  FAMILY_FIRST,
  FAMILY_THEN_WHOLE,
  FILLER,
  FIRST_AND_LAST,
  GREETS,
  HOW_WRITTEN,
  HUNDRED_AFTER,
  JOINS_GROUPS,
  IM,
  IS_TO_DO,
  INTO,
  INTRODUCED,
  LAST_THEN_FIRST,
  LEADS_IN,
  LEADS_UP_TO,
  LETTER_BY_LETTER,
  MAYBE,
  NAME_AT_THE_END,
  NAME_AT_HEAD,
  NAME_IN_SMALL,
  NEGATED,
  NEVER_FIRST,
  NOT_TELLING,
  OF_SOMEBODY,
  OF_TIME,
  ONLY_A_NAME,
  ONLY_SPELLS,
  OWNER_IS_ME,
  OWNER_OF_A_VISIT,
  PARTICLES,
  PLAINLY_NOT,
  POSSESSIVE,
  RUNS_INTO_A_VERB,
  SAID_DOT,
  SAID_HYPHEN,
  SAID_UNDERSCORE,
  SHE_IS,
  SHORTENED,
  SPEECH,
  SPOKEN_DIGITS,
  SPELLED_AGAIN,
  SPOKEN_EMAIL,
  STOPS,
  TELLS_SOMETHING,
  TITLE,
  WHICH_ONE_IT_IS,
  WHOSE_RELATIVE,
  TITLES_AND_TRADES,
  TRAILS,
  TWO_OF_A_FAMILY,
  WHOLE_EMAIL,
} from "../packs/en/people.ts";
import { distance } from "fastest-levenshtein";
import { parsePhoneNumberFromString, validatePhoneNumberLength, type CountryCode } from "libphonenumber-js/min";
import type { House } from "../../house/compile.ts";
import type { Moment } from "../context.ts";
import type { Found } from "../found.ts";
import { COMMON, DIGIT_WORDS, SO_MANY_TIMES, TEN_WORDS } from "../packs/en/words.ts";
import { eachMatch } from "../patterns.ts";
import { folded, normalise, type Said, type Token } from "../text.ts";
import { rankOf } from "../vectors.ts";
import { isGivenName, isName } from "../called.ts";

/** Finds telephone numbers: digits in any grouping, spoken digits, "double five", "triple oh", with or without a country code. */
export function phones(said: Said, at: Moment): Found[] {
  const out: Found[] = [];
  const runs = digitRuns(said);
  each: for (const [n, run] of runs.entries()) {
    // "4/13/2027" is a day.
    if (/^(?:\d{1,2}([/.-])\d{1,2}\1(?:\d\d|20\d\d)|20\d\d-\d\d-\d\d)$/.test(said.norm.slice(run.start, run.end))) continue;
    // "Friday at four, 902 555 0145": the hour before a number is none of it.
    const hour = run.first && AN_HOUR_BEFORE.test(said.norm.slice(Math.max(0, run.start - 24), run.start)) ? run.first : undefined;
    // "902 555 0145, two things": nor is a word behind it that is a figure as well.
    for (const { digits, start, end } of [...(hour ? [{ ...hour, end: run.end }] : []), run, ...(run.short ? [{ ...run, ...run.short }] : [])]) {
      if (digits.length < 7 || digits.length > 15) continue;
      const parsed = phoneOf(digits, run.plus, at);
      if (parsed) {
        out.push({
          kind: "phone",
          value: parsed.e164,
          rule: "phone/number",
          start,
          end,
          ...(parsed.assumed ? { assumed: parsed.assumed } : {}),
        });
        continue each;
      }
    }
    if (run.digits.length >= 2 && run.digits.length <= 6) {
      const around = said.norm.slice(run.end, run.end + 24);
      const before = said.norm.slice(Math.max(0, run.start - 24), run.start);
      if (
        at.expects === "phone-check" ||
        AT_ITS_END.test(around) ||
        ((runs[n - 1]?.digits.length ?? 0) >= 7 && CORRECTS_A_NUMBER.test(said.norm.slice(runs[n - 1]?.end, run.start))) ||
        ENDS_IN.test(before)
      )
        out.push({ kind: "phone-end", value: run.digits, rule: "phone/end", start: run.start, end: run.end });
    }
  }
  return out;
}

interface Run {
  digits: string;
  plus: boolean;
  start: number;
  end: number;
  /** What follows a first one or two digits, where more of them come. */
  first?: { digits: string; start: number };
  /** What stands before a last figure that is a word behind a comma. */
  short?: { digits: string; end: number };
}

const isDigits = (word: string): boolean => /^\d+$/.test(word) || DIGIT_WORDS[word] !== undefined;

/** Numbers, names and hours each ask for the runs of digits of the same message. */
const runsIn = new WeakMap<Said, readonly Run[]>();

function digitRuns(said: Said): readonly Run[] {
  const have = runsIn.get(said);
  if (have) return have;
  const runs = findRuns(said);
  runsIn.set(said, runs);
  return runs;
}

function findRuns(said: Said): Run[] {
  const runs: Run[] = [];
  let run: Run | null = null;
  const close = (): void => {
    if (run) runs.push(run);
    run = null;
  };
  const tokens = said.tokens;
  for (let i = 0; i < tokens.length; i++) {
    const t = tokens[i] as Token;
    let digits: string | null = null;
    let last = t;
    const next = tokens[i + 1];
    const ten = Object.hasOwn(TEN_WORDS, t.text) ? TEN_WORDS[t.text] : undefined;
    if (/^\d+$/.test(t.text)) digits = t.text;
    else if (ten !== undefined && run && run.digits.length >= 3) {
      // "Five five five, oh one, forty two": inside of a number only.
      const unit = ten.endsWith("0") && !/[.,;]/.test(said.norm.slice(t.end, next?.start)) ? DIGIT_WORDS[next?.text ?? ""] : undefined;
      digits = unit !== undefined && unit !== "0" ? ten.slice(0, -1) + unit : ten;
      if (digits !== ten && next) {
        last = next;
        i++;
      }
    } else if (Object.hasOwn(SO_MANY_TIMES, t.text) && next) {
      const d = DIGIT_WORDS[next.text] ?? (/^\d$/.test(next.text) ? next.text : undefined);
      if (d !== undefined) {
        digits = d.repeat(SO_MANY_TIMES[t.text] as number);
        last = next;
        i++;
      }
    } else if (DIGIT_WORDS[t.text] !== undefined) {
      digits = DIGIT_WORDS[t.text] ?? null;
      // "Nine hundred and two" is 902, "eight hundred" is 800.
      const hundred = next?.text === "hundred" && digits !== "0" ? HUNDRED_AFTER.exec(said.norm.slice(t.end)) : null;
      if (hundred) {
        const rest = DIGIT_WORDS[hundred[1] ?? ""];
        const and = tokens[i + 2]?.text === "and" ? 1 : 0;
        digits += rest === undefined || (and === 0 && rest === "0") ? "00" : `0${rest}`;
        i += 1 + (rest === undefined || (and === 0 && rest === "0") ? 0 : and + 1);
        last = tokens[i] as Token;
      }
    }
    if (digits === null) {
      // A word inside ends the run, but for what joins its groups: "902, then 555, then 0188".
      if (run && run.digits.length < SHORTEST_LOCAL && JOINS_GROUPS.test(t.text) && next !== undefined && isDigits(next.text)) run.end = t.end;
      else close();
      continue;
    }
    const gap: string = run ? said.norm.slice(run.end, t.start) : "";
    if (run && /^[\s().,\-/+]{1,4}$/.test(gap) && !/\.\.|,.*,|\. /.test(gap)) {
      const open: Run = run;
      if (open.digits.length <= 2 && open.first === undefined) open.first = { digits: "", start: t.start };
      if (open.first) open.first.digits += digits;
      delete open.short;
      if (/,/.test(gap) && DIGIT_WORDS[t.text] !== undefined && digits.length === 1) open.short = { digits: open.digits, end: open.end };
      open.digits += digits;
      open.end = last.end;
    } else {
      close();
      let start = t.start;
      if (said.norm[start - 1] === "(") start--;
      const plus = said.norm[start - 1] === "+";
      run = { digits, plus, start: plus ? start - 1 : start, end: last.end };
    }
  }
  close();
  return runs;
}

/** The digits of the longest run of them in a text, however they are said: "nine oh two, double five". */
export const digitsIn = (text: string): string => digitRuns(normalise(text)).reduce((most, r) => (r.digits.length > most.length ? r.digits : most), "");

/** Where so many digits stand in a row that they are part of a number and no hour; said as words, digit by digit, also where none is waited for. */
export const longRuns = (said: Said, waited: boolean): { start: number; end: number }[] =>
  digitRuns(said).filter((r) => {
    const spoken = SPOKEN_DIGITS.test(said.norm.slice(r.start, r.end));
    return (waited && r.digits.length >= 5) || (spoken && r.digits.length >= 4);
  });

/** A telephone number from its digits, E.164; null where they make up none for the house's country. */
export const wholeNumber = (digits: string, house: House): string | null =>
  digits.length >= 7 && digits.length <= 15 ? (phoneOf(digits, false, { house })?.e164 ?? null) : null;

/** Whether digits are more than a number of the house's country has: "01463 555 0142". */
export const hasTooMany = (digits: string, house: House): boolean => validatePhoneNumberLength(digits, house.handbook.country as CountryCode) === "TOO_LONG";

/** No local number is shorter. */
const SHORTEST_LOCAL = 7;

/** The area code of the house's own number, and how many digits come after it; null where its country has no area codes. */
function areaOf(house: Pick<House, "handbook">): { code: string; rest: number } | null {
  const own = house.handbook.place.phone;
  const number = own ? parsePhoneNumberFromString(own) : undefined;
  if (!number) return null;
  const code = /^(?:0|\()(\d+)/.exec(number.formatNational())?.[1];
  if (!code || !number.nationalNumber.startsWith(code)) return null;
  const rest = number.nationalNumber.length - code.length;
  return rest >= SHORTEST_LOCAL ? { code, rest } : null;
}

function phoneOf(digits: string, plus: boolean, at: Pick<Moment, "house">): { e164: string; assumed?: string } | null {
  const country = at.house.handbook.country as CountryCode;
  const area = plus ? null : areaOf(at.house);
  if (area && digits.length === area.rest) {
    // A local number without its area code: the house's own is taken.
    const whole = parsePhoneNumberFromString(area.code + digits, country);
    if (whole?.isPossible()) return { e164: whole.number, assumed: "the house's area code" };
  }
  // "00" is how one dials a plus.
  if (!plus && /^00[1-9]\d{8,}$/.test(digits)) return phoneOf(digits.slice(2), true, at);
  const parsed = parsePhoneNumberFromString(plus ? `+${digits}` : digits, country);
  // Where one dials 1 before it, neither area nor exchange begins with 0 or 1 (North American Numbering Plan, NXX-NXX-XXXX):
  // such a number is short of a digit.
  if (parsed?.countryCallingCode === "1" && /^(?:[01]|\d{3}[01])/.test(parsed.nationalNumber)) return null;
  return parsed?.isPossible() ? { e164: parsed.number } : null;
}

/** Finds email addresses, written (RFC 5322 dot-atom form) or spoken with "dot" and "at". */
export function emails(said: Said, waited = false): Found[] {
  const out: Found[] = [];
  // Without its sign, and inside of another word, there is no address: looked for there, a long row of letters would take long.
  if (said.norm.includes("@"))
    for (const m of eachMatch(
      /(?<![a-z0-9!#$%&*+/=?^_{|}~-])[a-z0-9!#$%&*+/=?^_{|}~-]+(?:\.[a-z0-9!#$%&*+/=?^_{|}~-]+)*@(?:[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?\.)+[a-z]{2,}/g,
      said.norm,
    ))
      out.push({ kind: "email", value: m[0], rule: "email/written", start: m.index, end: m.index + m[0].length });
  if (out.length > 0) return out;
  const whole = waited ? WHOLE_EMAIL.exec(said.norm) : null;
  if (whole) {
    // "Ana petrov, p e t r o v, all one word, at …": what is said of how it is written is no part of it.
    const local = joined((whole[1] as string).replace(HOW_WRITTEN, " ").replace(SPELLED_AGAIN, " ").trim());
    if (/^[a-z0-9]+(?:[._-][a-z0-9]+)*$/.test(local))
      return [
        {
          kind: "email",
          value: `${local}@${joined(whole[2] as string)}`,
          rule: "email/spoken",
          start: whole[0].indexOf(whole[1] as string),
          end: whole[0].length,
        },
      ];
  }
  const spoken = SPOKEN_EMAIL.exec(said.norm);
  if (spoken) {
    const local = joined(spoken[1] as string).replace(BEFORE_EMAIL, "");
    out.push({
      kind: "email",
      value: `${local}@${joined(spoken[2] as string)}`,
      rule: "email/spoken",
      start: spoken.index,
      end: spoken.index + spoken[0].length,
    });
  }
  return out;
}

const joined = (words: string): string => words.replace(SAID_DOT, ".").replace(SAID_UNDERSCORE, "_").replace(SAID_HYPHEN, "-").replace(/ /g, "");

/** Finds what a person gives as their name. What stands under other finds is never part of a name. */
export function names(said: Said, at: Moment, taken: readonly Found[], known: (word: string) => boolean): Found[] {
  const letters = spelledOut(said);
  // "It's Dario Galloway, nine oh two five": the beginning of a number is no part of a name.
  const digits = digitRuns(said).filter((r) => r.digits.length >= 2);
  const blocked = (t: Token): boolean =>
    taken.some((f) => f.start < t.end && t.start < f.end && (f.kind !== "staff" || f.value === "any")) ||
    [...letters, ...digits].some((l) => l.start < t.end && t.start < l.end);
  const two = bothNames(said, blocked);
  const found = two.length > 0 ? two : called(said, at, taken, known, blocked);
  const named = found.filter((f) => f.kind !== "name" || !NEGATED.test(f.value));
  return letters.length > 0 ? withLetters(said, at, named, letters, (t) => blocked(t) || COMMON.has(t.text) || known(t.text)) : named;
}

/** "Book Lia and Sam Brook": two of one family, of whom the first speaks for both. */
function bothNames(said: Said, blocked: (t: Token) => boolean): Found[] {
  const m = TWO_OF_A_FAMILY.exec(said.raw);
  if (!m) return [];
  const start = m.index + m[0].indexOf(m[1] as string);
  const end = m.index + m[0].length;
  const tokens = said.tokens.filter((t) => t.start >= start && t.end <= end);
  if (tokens.some((t) => blocked(t)) || COMMON.has((m[1] as string).toLowerCase()) || COMMON.has((m[2] as string).toLowerCase())) return [];
  return [
    { kind: "name", value: `${m[1]} ${m[3]}`, rule: "name/two-of-them", start, end },
    { kind: "places", value: 2, rule: "places/both", start, end },
  ];
}

interface Letters {
  word: string;
  start: number;
  end: number;
}

/** Words given letter by letter: "S-I-O-B-H-A-N", "k a y double e". */
function spelledOut(said: Said): Letters[] {
  return [...eachMatch(LETTER_BY_LETTER, said.norm)].map((m) => ({
    word: m[0]
      .replace(AS_IN, "")
      .replace(DOUBLE_LETTER, "$1$1")
      .replace(/[^a-z]/g, ""),
    start: m.index,
    end: m.index + m[0].length,
  }));
}

/** Letters are surer than what was heard: they put a word of the name right, or are the name. */
function withLetters(said: Said, at: Moment, found: Found[], letters: readonly Letters[], plain: (t: Token) => boolean): Found[] {
  const name = found[0];
  if (name?.kind !== "name") {
    const all = letters.map((l) => l.word).filter((w) => w.length >= 3);
    const first = letters[0] as Letters;
    return all.length > 0 && (at.expects === "name" || at.expects === "name-check")
      ? [{ kind: "name", value: all.map(titled).join(" "), rule: "name/spelled", start: first.start, end: (letters.at(-1) as Letters).end }]
      : found;
  }
  const value = putRight(name.value, letters);
  // "Chidi, C H I D I, Nwosu": the family name behind the letters.
  const last = letters.at(-1) as Letters;
  const family = said.tokens.find((t) => t.start >= last.end);
  const behind =
    !value.includes(" ") &&
    folded(value) === last.word &&
    family &&
    capital(said, family) &&
    !plain(family) &&
    NAME_GAP.test(said.norm.slice(last.end, family.start));
  if (behind) return [{ ...name, value: `${value} ${said.raw.slice(family.start, family.end)}`, rule: "name/spelled", end: family.end }];
  return value === name.value ? found : [{ ...name, value, rule: "name/spelled" }];
}
const NAME_GAP = /^[\s,.-]*$/;

/** A name with those of its words put right that letters are near to. */
function putRight(name: string, letters: readonly Letters[]): string {
  let value = name;
  for (const l of letters) {
    const words = value.split(" ");
    // "O'Hara, o h a r a": spelled in one go, what stands in it already.
    if (
      folded(value)
        .replace(/[^a-z]/g, "")
        .endsWith(l.word)
    )
      continue;
    const near = words.findIndex((w) => distance(normalise(w).norm, l.word) <= 2);
    if (near >= 0 && normalise(words[near] as string).norm !== l.word) value = words.map((w, i) => (i === near ? titled(l.word) : w)).join(" ");
  }
  return value;
}

/** A name that was given before, put right by letters that are all of a message; null where a message is anything else. */
export function respelled(text: string, name: string): string | null {
  const said = normalise(text);
  const letters = spelledOut(said).filter((l) => l.word.length >= 3);
  const rest = letters.reduceRight((out, l) => out.slice(0, l.start) + out.slice(l.end), said.norm);
  const near = name.split(" ").some((w) => letters.some((l) => distance(normalise(w).norm, l.word) <= 2));
  return letters.length > 0 && near && ONLY_SPELLS.test(rest) ? putRight(name, letters) : null;
}

/** "Tom Otieno, 020 …": a first name of their own before a name that somebody of the house has too. */
function ownSurname(said: Said, before: readonly Token[], i: number, known: (word: string) => boolean): boolean {
  const t = before[i] as Token;
  const first = before[i - 1];
  return (
    first !== undefined &&
    said.norm.slice(first.end, t.start) === " " &&
    capital(said, t) &&
    capital(said, first) &&
    !COMMON.has(first.text) &&
    !known(first.text) &&
    !TITLES_AND_TRADES.test(first.text)
  );
}

/** "Cancel Rita Hale's facial", "cancel everything for Rita Hale, that's me": whose it is. */
function ownerOf(said: Said, blocked: (t: Token) => boolean): (Found & { kind: "name" }) | null {
  const owner = OWNER_OF_A_VISIT.exec(said.raw) ?? OWNER_IS_ME.exec(said.raw);
  if (!owner?.[1]) return null;
  const start = owner.index + owner[0].indexOf(owner[1]);
  const words = said.tokens.filter((t) => t.start >= start && t.start < start + (owner[1] as string).length);
  if (words.length < 2 || words.some((t) => blocked(t))) return null;
  return { kind: "name", value: owner[1], rule: "name/owner", start, end: start + owner[1].length };
}

function called(said: Said, at: Moment, taken: readonly Found[], known: (word: string) => boolean, blocked: (t: Token) => boolean): Found[] {
  const parts = FIRST_AND_LAST.exec(said.norm);
  if (parts) {
    const end = parts.index + parts[0].length;
    const first = said.raw.slice(parts.index + parts[0].indexOf(parts[1] as string)).slice(0, (parts[1] as string).length);
    const last = said.raw.slice(end - (parts[2] as string).length, end);
    return [{ kind: "name", value: [first, last].map((w) => w.replace(/[.,;]$/, "")).join(" "), rule: "name/in-parts", start: parts.index, end }];
  }
  // "It's Mahoney, m a h o n e y, first name Fergal".
  const after = LAST_THEN_FIRST.exec(said.norm);
  const family = after?.[1];
  const given = after?.[2];
  if (after && family !== undefined && given !== undefined && !COMMON.has(family) && !STOPS.has(family)) {
    const from = after.index + after[0].indexOf(family);
    const end = after.index + after[0].length;
    const name = [said.raw.slice(end - given.length, end), said.raw.slice(from, from + family.length)];
    return [{ kind: "name", value: name.map((w) => (w === w.toLowerCase() ? titled(w) : w)).join(" "), rule: "name/in-parts", start: from, end }];
  }
  // "Van der Berg, Pieter", where a name is waited for.
  const turned = at.expects === "name" ? FAMILY_FIRST.exec(said.raw) : null;
  if (turned && isGivenName((turned[2] as string).split(" ")[0]?.toLowerCase() ?? "") && !isGivenName((turned[1] as string).toLowerCase()))
    return [{ kind: "name", value: `${turned[2]} ${turned[1]}`, rule: "name/family-first", start: turned.index, end: turned.index + turned[0].length }];
  const grab = (from: number, sure: boolean): Found | null => {
    const words: Token[] = [];
    for (const t of said.tokens) {
      if (t.start < from) continue;
      const previous = words[words.length - 1];
      const gap = said.norm.slice(previous?.end ?? from, t.start);
      if (!/^[\s.-]{0,3}$/.test(gap) || /\.\s/.test(gap)) {
        // "It's Imogen (Tait)".
        if (words.length !== 1 || gap !== " (" || !capital(said, t) || said.norm[t.end] !== ")") break;
      }
      if (words.length >= 4 || /\d/.test(t.text) || blocked(t) || STOPS.has(t.text)) break;
      // "Ms. Amoah": what people are addressed by is no part of a name.
      if (words.length === 0 && TITLE.test(t.text)) {
        from = t.end;
        continue;
      }
      if (words.length === 0 && NEVER_FIRST.test(t.text)) break;
      // One unknown word in small letters after "I'm" is a slip more often than a name.
      const after = said.tokens.find((x) => x.start >= t.end);
      if (
        !sure &&
        words.length === 0 &&
        at.expects !== "name" &&
        !capital(said, t) &&
        (!after || SPEECH.has(after.text) || !/^[\s.-]{1,3}$/.test(said.norm.slice(t.end, after.start)))
      )
        break;
      // "Its mei yee tan, 04 555 …", of a house that speaks of a tan: right before a number it ends the name.
      const closes =
        words.length > 0 &&
        !COMMON.has(t.text) &&
        taken.some((f) => (f.kind === "phone" || f.kind === "email") && /^[\s,.:;]*$/.test(said.norm.slice(t.end, f.start)) && f.start >= t.end);
      // "I'm Janelle Price, my mum is …": written as the second word of a name, and closing it.
      const family =
        words.length === 1 &&
        previous !== undefined &&
        capital(said, t) &&
        capital(said, previous) &&
        !COMMON.has(previous.text) &&
        gap === " " &&
        /^(?:[,.;!]|$|\s+and\b)/.test(said.norm.slice(t.end));
      if (!sure && !closes && !family && (COMMON.has(t.text) || (known(t.text) && !capital(said, t)))) break;
      if (words.length >= 2 && COMMON.has(t.text) && !capital(said, t)) break;
      words.push(t);
    }
    // "Ana's mother" is not Ana.
    const last = words.at(-1);
    if (last && POSSESSIVE.test(last.text)) return null;
    // "The name is Strand, Ulrika Strand": the whole of it is said after.
    const whole =
      words.length === 1 && last
        ? new RegExp(`^(?: please| thanks)?,\\s*((?:\\p{L}[\\p{L}'-]*\\s+){1,2})${last.text}\\b`, "u").exec(said.norm.slice(last.end))
        : null;
    if (whole && last) {
      const end = last.end + whole[0].length;
      const all = said.tokens.filter((t) => t.start >= end - last.text.length - (whole[1] as string).length && t.end <= end);
      if (all.length >= 2) return asName(said, all, "name/introduced");
    }
    return words.length > 0 ? asName(said, words, sure ? "name/introduced" : "name/maybe-introduced") : null;
  };
  // "It's Carys Pugh, his name is Tomos": whom it is for is named beside who speaks.
  const others: Found[] = [];
  for (const m of eachMatch(INTRODUCED, said.norm)) {
    if (OF_BEFORE.test(said.norm.slice(m.index))) continue;
    const found = grab(m.index + m[0].length, true);
    if (!found) continue;
    if (!ANOTHERS.test(said.norm.slice(0, m.index))) return [found, ...others];
    others.push({ ...found, rule: "name/of-another" });
  }
  const owner = ownerOf(said, blocked);
  for (const m of eachMatch(MAYBE, said.norm)) {
    const found = grab(m.index + m[0].length, false);
    // "Cancel Rita Hale's facial, I'm Rita".
    if (found?.kind === "name" && owner?.value.startsWith(`${found.value} `)) return [owner, ...others];
    if (found && !(found.kind === "name" && taken.some((f) => f.kind === "staff" && f.start === found.start) && !found.value.includes(" ")))
      return [found, ...others];
  }
  // Named alone, it is the name that a visit is under.
  if (others.length > 0) return others.map((f) => ({ ...f, rule: "name/introduced" }));
  // "Cancel Rita Hale's facial": whose it is.
  if (owner) return [owner];
  // "She's Karen Lyle": of somebody else a whole name, written as one.
  const other = SHE_IS.exec(said.raw);
  if (other?.[1]) {
    const start = other.index + other[0].lastIndexOf(other[1]);
    const words = said.tokens.filter((t) => t.start >= start && t.end <= start + (other[1] as string).length);
    if (words.length >= 2 && !words.some((t, i) => blocked(t) || (COMMON.has(t.text) && (i === 0 || !capital(said, t)))))
      return [asName(said, words, "name/of-another")];
  }
  if (at.expects === "name" || at.expects === "name-check") {
    // "Okafor. Chidi Okafor": the family name by itself, and then the whole.
    const twice = FAMILY_THEN_WHOLE.exec(said.raw);
    const both = twice ? said.tokens.filter((t) => t.start >= said.raw.length - (twice[2] as string).length && /\p{L}/u.test(said.raw[t.start] ?? "")) : [];
    if (both.length >= 2) return [asName(said, both, "name/asked")];
    // All of it written as a name is one, whatever else its words might mean: "Anh Thu Nguyen", "April May".
    const whole = ONLY_A_NAME.exec(said.raw);
    const words = whole?.[1] ? said.tokens.filter((t) => t.start >= said.raw.indexOf(whole[1] as string)) : [];
    const odd = words.some((t) => !COMMON.has(t.text) && !known(t.text) && !SPEECH.has(t.text));
    const asks = BEGINS_A_QUESTION.test(said.norm);
    if (words.length >= 2 && !asks && !IM.test(words[0]?.text ?? "") && (odd || taken.some((f) => f.kind === "day" || f.kind === "time")))
      return [asName(said, words, "name/asked")];
    // "Preferably with Tobias": whom they would rather see is not who they are.
    // "Yaw should do it": nor is who is to do something.
    const ofOurs = taken.filter(
      (f) => f.kind === "staff" && f.value !== "any" && (BEFORE_STAFF.test(said.norm.slice(0, f.start)) || IS_TO_DO.test(said.norm.slice(f.end))),
    );
    const wished = (t: Token): boolean => ofOurs.some((f) => t.end > f.start - 5 && t.start < f.end);
    const rest = said.tokens.filter((t) => !blocked(t) && !/\d/.test(t.text) && !SHORTENED.test(t.text) && !wished(t));
    // "This is his mom, Pa Houa Xiong": what ends an answer, written as a name.
    const ending = NAME_AT_THE_END.exec(said.raw)?.[1];
    const closing =
      ending === undefined
        ? []
        : said.tokens.filter((t) => t.start >= said.raw.length - (ending.length + 2) && /\p{L}/u.test(said.raw[t.start] ?? "") && capital(said, t));
    if (closing.length >= 2 && !closing.some((t) => blocked(t) || wished(t))) return [asName(said, closing, "name/asked")];
    // "The older one's Miles, the other is Jonah": which of several it is leads up to the name.
    const of = WHICH_ONE_IT_IS.exec(said.norm);
    const named = of ? said.tokens.filter((t) => t.start >= of[0].length && !/\d/.test(t.text)) : [];
    const until = named.findIndex(
      (t, i) => (i > 0 && !/^[ .-]{1,2}$/.test(said.norm.slice((named[i - 1] as Token).end, t.start))) || (COMMON.has(t.text) && !capital(said, t)),
    );
    const called = until < 0 ? named : named.slice(0, until);
    if (called.length > 0 && called.length <= 3 && !called.some(blocked)) return [asName(said, called, "name/asked")];
    // "Jayden Aho's mom, Kristy": who speaks is named after whose they are.
    const whose = WHOSE_RELATIVE.exec(said.norm);
    if (whose) {
      const own = said.tokens.filter((t) => t.start >= whose[0].length && !blocked(t));
      const end = own.findIndex((t, i) => !capital(said, t) || (i > 0 && !/^[ .-]{1,2}$/.test(said.norm.slice((own[i - 1] as Token).end, t.start))));
      const theirs = end < 0 ? own : own.slice(0, end);
      return theirs.length > 0 && theirs.length <= 3 ? [asName(said, theirs, "name/asked")] : [];
    }
    if (OF_TIME.test(said.norm.trim()) || ONLY_A_SOUND.test(said.norm) || OF_BEFORE.test(said.norm)) return [];
    if ((rest[0] && NOT_TELLING.has(rest[0].text) && !capital(said, rest[0])) || tellsSomething(said.norm)) return [];
    if (rest[0] && IM.test(rest[0].text)) rest.shift();
    const inCapitals = capitals(said, rest);
    // "Jayden Aho's mom" is not Jayden.
    if (inCapitals.length >= 2 && !asks && !POSSESSIVE.test((inCapitals.at(-1) as Token).text)) return [asName(said, inCapitals, "name/asked")];
    while (rest[0] && LEADS_IN.has(rest[0].text)) rest.shift();
    // "The booking is for Odile Tattersall", whatever was heard before it.
    const lead = rest.findLastIndex((t) => LEADS_UP_TO.has(t.text) && !capital(said, t));
    const led = rest.slice(lead + 1);
    if (lead > 0 && led.length > 0 && !led.some((t) => SPEECH.has(t.text) && !capital(said, t))) rest.splice(0, lead + 1);
    while (rest.length > 1 && TRAILS.has((rest.at(-1) as Token).text)) rest.pop();
    const plain = rest.filter((t) => !FILLER.has(t.text));
    const first = plain[0];
    const all = plain.filter((t, i) => i === 0 || /^[\s.'-]{1,3}$/.test(said.norm.slice((plain[i - 1] as Token).end, t.start)));
    // "Brows and lip, Thursday after work": what is to be done and when, in small letters, is nobody's name.
    const whatAndWhen = taken.some((f) => f.kind === "service") && taken.some((f) => f.kind === "day" || f.kind === "time");
    if (whatAndWhen && !all.some((t) => capital(said, t))) return [];
    const question =
      /\?\s*$/.test(said.norm) ||
      BEGINS_OTHERWISE.test(said.norm.trim()) ||
      (plain.length > 0 && plain.every((t) => SPEECH.has(t.text) && !capital(said, t)) && plain.length > 2);
    // A word that everybody uses, by itself where a name was read back, is misheard: "share, please" for "sure, please".
    const plainWord = all.length === 1 && first !== undefined && !capital(said, first) && rankOf(first.text) < EVERYDAY;
    if (plainWord && (at.expects === "name-check" || !isName(first.text))) return [];
    // "Sunday would also do": words that everybody uses, and none of them anybody's name.
    if (all.length > 1 && all.every((t) => !capital(said, t) && !isName(t.text) && rankOf(t.text) < EVERYDAY)) return [];
    // Nor are words that are nobody's: "fires, please" for "of course, please", "seventy five" for "certainly".
    const nobodys = all.length > 0 && all.every((t) => !capital(said, t) && !isName(t.text) && (all.length === 1 || rankOf(t.text) < Infinity));
    if (at.expects === "name-check" && nobodys) return [];
    if (first && !question && all.length >= 1 && all.length <= 4 && !all.every((t) => COMMON.has(t.text) && !capital(said, t)))
      return [asName(said, all, "name/asked")];
    if (first && !question && at.expects === "name" && all.length === 2 && !all.some((t) => STOPS.has(t.text) || PLAINLY_NOT.has(t.text)))
      return [asName(said, all, "name/asked")];
  }
  // "Lucas Ferreira here. I can't come": whoever says their name first.
  const here = NAME_AT_HEAD.exec(said.raw);
  if (here?.[1]) {
    const start = here.index + here[0].indexOf(here[1]);
    const words = said.tokens.filter((t) => t.start >= start && t.end <= start + (here[1] as string).length);
    if (words.length >= 2 && words.every((t) => capital(said, t) || (!COMMON.has(t.text) && !known(t.text) && !blocked(t))))
      return [asName(said, words, "name/here")];
  }
  // "Jo Park, 555 0122": a given name and one word more, and then a number, and nothing else.
  const alone = NAME_IN_SMALL.exec(said.norm.slice(0, taken.find((f) => f.kind === "phone" || f.kind === "email")?.start ?? 0));
  if (alone?.[1] && isGivenName(alone[1]) && ![alone[1], alone[2] as string].some((w) => COMMON.has(w) || INTO.has(w) || LEADS_IN.has(w) || STOPS.has(w))) {
    const end = alone.index + alone[0].lastIndexOf(alone[2] as string) + (alone[2] as string).length;
    const start = alone[0].lastIndexOf(alone[1], end - (alone[2] as string).length - 1);
    const words = said.tokens.filter((t) => t.start >= start && t.end <= end);
    if (words.length === 2 && !words.some((t) => taken.some((f) => f.kind === "staff" && f.start < t.end && t.start < f.end)))
      return [asName(said, words, "name/given-name-first")];
  }
  // Two or three words that are no words of ours, beside a telephone number or an email.
  for (const near of [...taken.filter((f) => f.kind === "phone" || f.kind === "email"), ...almostNumbers(said, taken)]) {
    const before = said.tokens.filter((t) => t.end <= near.start);
    const picked: Token[] = [];
    let edge = near.start;
    for (let i = before.length - 1; i >= 0 && picked.length < 3; i--) {
      const t = before[i] as Token;
      if (picked.length === 0 && FILLER.has(t.text)) {
        edge = t.start;
        continue;
      }
      const gap = said.norm.slice(t.end, edge);
      if (!/^[\s,.:;()+&-]{0,4}$/.test(gap)) break;
      // A full stop, or a comma inside of it, ends a name.
      if (picked.length > 0 && /[,;:]|\.\s|\.$/.test(gap) && !/^\.? ?$/.test(gap.replace(/\.(?=\s?$)/, t.text.length <= 2 ? "" : ".x"))) break;
      // "Tan Ah Lian" is a client, though a Tan works here.
      const ofOurs =
        taken.some((f) => f.kind === "staff" && f.start < t.end && t.start < f.end) &&
        !(picked.length > 0 && gap === " " && capital(said, t) && capital(said, picked[0] as Token)) &&
        !ownSurname(said, before, i, known);
      if (ofOurs || GREETS.has(t.text)) break;
      // "Omar Said, 902 …": a plain word written with a capital ends a name that begins with another.
      const first = before[i - 1];
      const ends =
        picked.length === 0 &&
        capital(said, t) &&
        first !== undefined &&
        capital(said, first) &&
        !COMMON.has(first.text) &&
        said.norm.slice(first.end, t.start) === " ";
      // "Tan Mei Yee", of a house that speaks of a tan: written as the beginning of a name, it is one.
      const goesOn = picked.length > 0 && capital(said, t) && capital(said, picked[0] as Token) && gap === " ";
      if (/\d/.test(t.text) || blocked(t) || (COMMON.has(t.text) && !ends && !goesOn) || (known(t.text) && !ends && !goesOn)) break;
      picked.unshift(t);
      edge = t.start;
    }
    while (picked[0] && (LEADS_IN.has(picked[0].text) || INTO.has(picked[0].text)) && picked.length > 1 && !capital(said, picked[0])) picked.shift();
    // Asked for a number, small letters beside it are what leads it in.
    const sure = picked.some((t) => capital(said, t)) || (at.expects !== "phone" && at.expects !== "email" && !picked.some((t) => SPEECH.has(t.text)));
    const first = picked[0];
    if (sure && first && (picked.length >= 2 || capital(said, first))) {
      const name = asName(said, picked, "name/beside-number");
      // "Jen Marlow, my son is Eli, 902 …": who speaks was named before whom it is for.
      const speaker = ONE_OF_THEIRS.test(said.norm.slice(0, first.start)) ? atTheBeginning(said, blocked) : null;
      return speaker ? [speaker, { ...name, rule: "name/of-another" }] : [name];
    }
  }
  // "Cancel Greta Holm on Thursday": whose it is, straight after what is to be done.
  const whose = OF_SOMEBODY.exec(said.raw);
  if (whose?.[1]) {
    const start = whose.index + whose[0].indexOf(whose[1]);
    const words = said.tokens.filter((t) => t.start >= start && t.end <= start + (whose[1] as string).length);
    if (
      words.length === 2 &&
      words.every((t) => !blocked(t) && !COMMON.has(t.text) && !known(t.text) && !taken.some((f) => f.kind === "staff" && f.start < t.end && t.start < f.end))
    )
      return [asName(said, words, "name/after-deed")];
  }
  // First and family name in capitals at the end or on their own, as in a signature.
  const pair = /(?:^|[,.;:!?\n]\s*)(\p{Lu}[\p{L}'’-]+(?: \p{Lu}[\p{L}'’.-]*){1,3})(?=\s*(?:$|[,.;:!?\n]))/u.exec(said.raw);
  // "Who won the Grand National": what an article or a small word leads in is a thing or a place.
  // "Tan Li Min", written as a name while something else was asked, and nothing besides.
  const elsewhere = ["slot", "length", "day", "time", "service"].includes(at.expects ?? "");
  const whole = elsewhere ? /^\s*(\p{Lu}[\p{L}'’-]+(?: \p{Lu}[\p{L}'’.-]*){1,3})[\s.!]*$/u.exec(said.raw) : null;
  if (
    whole?.[1] &&
    taken.length === 0 &&
    said.tokens.some((t) => !COMMON.has(t.text)) &&
    !said.tokens.some((t) => NOT_TELLING.has(t.text) || STOPS.has(t.text) || DIGIT_WORDS[t.text] !== undefined)
  )
    return [asName(said, said.tokens, "name/capitals")];
  // "Maureen Kielty", in small letters while something else was asked: a given name of a list and a word that is no plain one, by themselves.
  const bare = elsewhere ? /^\s*([a-z][a-z'’-]+) ([a-z][a-z'’-]+)[.! ]*$/.exec(said.norm) : null;
  if (bare?.[1] && bare[2] && isGivenName(bare[1]) && !SPEECH.has(bare[2]) && !known(bare[2]) && !known(bare[1]) && !said.tokens.some((t) => blocked(t)))
    return [asName(said, said.tokens.slice(0, 2), "name/given-name-first")];
  const tail = pair?.[1] || CAPITALS_ELSEWHERE.test(said.raw) ? null : /[a-z0-9]\s+(\p{Lu}[\p{L}'’-]+(?: \p{Lu}[\p{L}'’.-]*){1,3})\s*[.!]?$/u.exec(said.raw);
  const theirs = tail?.[1] && !BEFORE_NO_NAME.test(said.norm.slice(0, tail.index + tail[0].indexOf(tail[1])));
  if (tail?.[1] && theirs && at.expects !== "message" && !at.expects?.startsWith("question:")) {
    const start = tail.index + tail[0].indexOf(tail[1]);
    const words = said.tokens.filter((t) => t.start >= start && t.end <= start + (tail[1] as string).length);
    if (
      words.length >= 2 &&
      words.length <= 3 &&
      !words.some((t) => blocked(t) || COMMON.has(t.text) || known(t.text) || taken.some((f) => f.kind === "staff" && f.start < t.end && t.start < f.end))
    )
      return [asName(said, words, "name/at-the-end")];
  }
  if (pair?.[1]) {
    const start = pair.index + pair[0].indexOf(pair[1]);
    const words = said.tokens.filter((t) => t.start >= start && t.end <= start + (pair[1] as string).length);
    // "Mai See Lor": what stands between may be a plain word.
    const inside = (i: number): boolean => i > 0 && i < words.length - 1;
    if (words.length >= 2 && words.length <= 4 && !words.some((t, i) => blocked(t) || ((COMMON.has(t.text) || known(t.text)) && !inside(i))))
      return [asName(said, words, "name/capitals")];
  }
  return [];
}
const COMMON_DOING = 7500;
/** As common as the words that people use every day. */
const EVERYDAY = 2500;
const tellsSomething = (text: string): boolean => TELLS_SOMETHING.test(text) || rankOf(DOES.exec(text)?.[1] ?? "") < COMMON_DOING;

/** The longest run of words that begin with a capital, with the small words that stand inside names. */
function capitals(said: Said, tokens: readonly Token[]): Token[] {
  let best: Token[] = [];
  let run: Token[] = [];
  const close = (): void => {
    while (run.length > 0 && PARTICLES.has((run.at(-1) as Token).text) && !capital(said, run.at(-1) as Token)) run.pop();
    if (run.length > best.length) best = run;
    run = [];
  };
  for (const t of tokens) {
    const previous = run.at(-1);
    const joined = previous !== undefined && /^[\s.'’-]{1,3}$/.test(said.norm.slice(previous.end, t.start));
    const own = capital(said, t) && t.text.length > 1 && !(t.start === 0 && LEADS_IN.has(t.text)) && t.text !== "i" && !RUNS_INTO_A_VERB.test(t.text);
    if (previous && !joined) close();
    if (own || (run.length > 0 && PARTICLES.has(t.text))) run.push(t);
    else close();
  }
  close();
  return best.length <= 5 ? best : [];
}

function capital(said: Said, t: Token): boolean {
  // "Ó hEachthairn", "na nGall": in Irish a small letter may stand before the capital.
  return /^(?:\p{Lu}|[hnt]-?\p{Lu}\p{Ll})/u.test(said.raw.slice(t.start, t.start + 4));
}

/** "Jen Marlow, …": a whole name at the beginning, and a stop after it. */
function atTheBeginning(said: Said, blocked: (t: Token) => boolean): Found | null {
  const m = /^\W*(\p{Lu}[\p{L}'’-]+(?: \p{Lu}[\p{L}'’.-]*){1,3})\s*[,.;:]/u.exec(said.raw);
  if (!m) return null;
  const words = said.tokens.filter((t) => t.end <= m[0].length - 1);
  return words.length < 2 || words.some((t) => blocked(t) || COMMON.has(t.text)) ? null : asName(said, words, "name/capitals");
}

/** "Shabnam Ali 01274 555 0133": digits that are as many as a number has, though they are none: a slip stands beside a name as well. */
const almostNumbers = (said: Said, taken: readonly Found[]): { start: number; end: number }[] =>
  [...eachMatch(MANY_DIGITS, said.norm)]
    .map((m) => ({ start: m.index, end: m.index + m[0].length }))
    .filter((d) => !taken.some((f) => f.start < d.end && d.start < f.end));
const MANY_DIGITS = /\+?\d(?:[ ()-]{0,2}\d){8,14}/g;

function asName(said: Said, spoken: readonly Token[], rule: string): Found {
  // "Mrs Bell": what somebody is addressed by is no part of the name.
  const words = spoken.length > 1 && TITLE.test(spoken[0]?.text ?? "") ? spoken.slice(1) : spoken;
  const start = (words[0] as Token).start;
  const end = (words[words.length - 1] as Token).end;
  const value = said.raw
    .slice(start, end)
    .replace(/[()]/g, "")
    .replace(/\s+/g, " ")
    .split(" ")
    // "Maria de las Nieves": small words inside a name written with capitals stay small.
    .map((w) =>
      PARTICLES.has(w) && /\p{Lu}/u.test(said.raw.slice(start, end)) ? w : w === w.toLowerCase() || (w === w.toUpperCase() && w.length > 2) ? titled(w) : w,
    )
    .join(" ");
  return { kind: "name", value, rule, start, end };
}

/** "O'Neil", and "the Smith's": of one letter by itself at the end no name is made. */
const titled = (w: string): string => w.toLowerCase().replace(/(^|[-'’])(\p{L})(?!(?<=['’]s)$)/gu, (_, a: string, b: string) => a + b.toUpperCase());
