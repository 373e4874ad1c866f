import { NOUN_OF_A_DEED, OR_THE } from "../packs/en/things.ts";
import {
  AND_ANOTHER,
  WISHED_WHO,
  AN_ARTICLE,
  ANOTHER_DEED,
  ANY_OF_A_TRADE,
  TRADES_OF_ALL,
  ANYBODY,
  ASKS_OF_A_ROLE,
  A_GENDER,
  AILS_RIGHT_AFTER,
  NOUN_WITH_A_PARTICLE,
  ANY_OF_THE,
  A_TRADE,
  A_WOMAN,
  A_TITLE,
  BACK_AGAIN,
  IS_SOMEBODY,
  BACK_TO_BACK,
  BEFORE_A_THING,
  BEFORE_KIND,
  BEFORE_OCCASION,
  BEFORE_PEOPLE,
  BETWEEN_TRADES,
  CHARGES,
  DEED_WORDS,
  DOCTOR,
  ENDINGS,
  ENDS_IN_ED,
  ENDS_IN_IST,
  ENDS_IN_MENT,
  EVERYDAY,
  FROM_E,
  JOINS_SERVICES,
  LOOKS_AT_IT,
  NAMES_ANOTHER,
  NOBODY_BUT,
  NOT_A,
  NOT_WITH,
  OCCASIONS,
  OF_A_GUEST,
  ONE_MORE_AFTER,
  LIKE_SOMEBODY,
  ROLE_ALONE,
  WHO_DOES,
  WOULD_BEFORE,
  ROLES,
  THEN_WHEN,
  WAS,
  SEEMS,
  SEEMS_SO,
  IS_SO,
  WHETHER_IT_IS,
  WEAK,
  WHAT_IT_COSTS,
  WOMAN_OR_MAN,
} from "../packs/en/house.ts";
import { kinOf } from "../features.ts";
import { A_RELATIVES, OWNER } from "../packs/en/company.ts";
import { AND_NOT_ON } from "../packs/en/joining.ts";
import { POSSESSIVE } from "../packs/en/people.ts";
import { isGivenName } from "../called.ts";
import { doubleMetaphone } from "double-metaphone";
import { distance } from "fastest-levenshtein";
import type { House } from "../../house/compile.ts";
import type { Moment } from "../context.ts";
import { OF_THE_HOUSE, type Found, type FoundOf } from "../found.ts";
import { KIN_WORDS, SENTENCE_WORDS } from "../packs/en/vocabulary.ts";
import { BUT_NOT, CALLS_OFF, KEEPS_THE, UNWANTED, WANTED_INSTEAD } from "../packs/en/signs.ts";
import { CARDINALS, COMMON, DIGIT_WORDS, MINUTE_WORDS, ORDINALS, TITLES } from "../packs/en/words.ts";
import { rankOf, vectorOf } from "../vectors.ts";
import { GOES_ON_LISTING } from "../packs/en/doing.ts";
import { eachMatch } from "../patterns.ts";
import { normalise, stem, type Said, type Token } from "../text.ts";

/** The house's own words, made ready for finding. */
export interface Lexicon {
  phrases: { words: string[]; stems: string[]; service: string; own: boolean; hyphened?: true }[];
  /** Every word of those, once. */
  words: string[];
  /** Stem of a telling word → the services whose names carry it. */
  telling: Map<string, Set<string>>;
  /** Stem of a word in a heading → the services under it. */
  headings: Map<string, Set<string>>;
  people: { words: string[]; staff: string; whole: boolean; family?: true }[];
  /** What somebody is → who of those who take visits is one, where not all of them are. */
  roles: Map<string, Set<string>>;
  /** How many people can be booked. */
  bookable: number;
  /** Every word that the house's texts use, for telling names from words. */
  vocabulary: Set<string>;
  /** Words of the names of its people. */
  names: Set<string>;
  /** What its people are, in a word: "coach", of a head coach. */
  trades: Set<string>;
  /** Stems of the house's own name, which tell of all that it does. */
  called: Set<string>;
}

/** Words of the language that never are a slip of somebody's name. */
const PLAIN = new Set([...COMMON, ...SENTENCE_WORDS, ...KIN_WORDS, ...Object.keys({ ...CARDINALS, ...ORDINALS, ...MINUTE_WORDS, ...DIGIT_WORDS })]);

/** How much more a name counts of which every word was said. */
const WHOLE = 1.05;

/** An everyday word with an ending: "taking" is no slip of a service. */
const inflected = (word: string): boolean => {
  const base = ENDINGS.exec(word)?.[1];
  return base !== undefined && (COMMON.has(base) || COMMON.has(`${base}e`) || COMMON.has(base.slice(0, -1)));
};

const made = new WeakMap<House, Lexicon>();

export function lexiconOf(house: House): Lexicon {
  const have = made.get(house);
  if (have) return have;
  const bookable = house.handbook.staff.filter((p) => p.bookable);
  const lexicon: Lexicon = {
    phrases: [],
    words: [],
    telling: new Map(),
    headings: new Map(),
    people: [],
    roles: new Map(),
    bookable: bookable.length,
    vocabulary: new Set(),
    names: new Set(),
    trades: new Set(
      bookable
        .flatMap((p) => p.work.toLowerCase().split(BETWEEN_TRADES))
        .flatMap((part) =>
          wordsOf(part)
            .slice(-1)
            .filter((w) => A_TRADE.test(w)),
        ),
    ),
    called: new Set(wordsOf(house.handbook.name).map(stem)),
  };
  const learn = (text: string): void => {
    for (const t of normalise(text).tokens) lexicon.vocabulary.add(t.text);
  };
  for (const s of house.handbook.services) {
    for (const [i, name] of [s.name, ...s.also].entries()) {
      learn(name);
      // "A coverup" is written for "cover-up".
      const joined = /^[a-z]+-[a-z]+$/i.test(name) ? name.toLowerCase().replace("-", "") : null;
      if (joined) lexicon.phrases.push({ words: [joined], stems: [stem(joined)], service: s.id, own: i === 0 });
      const words = wordsOf(name);
      if (words.length === 0) continue;
      lexicon.phrases.push({ words, stems: words.map(stem), service: s.id, own: i === 0 });
      // "The braces removed" is said for "braces removal".
      const done = words.length > 1 ? NOUN_OF_A_DEED.exec(words.at(-1) ?? "")?.[1] : undefined;
      if (done)
        lexicon.phrases.push({
          words: [...words.slice(0, -1), `${done}ed`],
          stems: [...words.slice(0, -1).map(stem), stem(`${done}ed`)],
          service: s.id,
          own: false,
        });
      for (const w of words) {
        if (WEAK.has(w) || (words.length > 1 && (w.length < 3 || EVERYDAY.has(w) || EVERYDAY.has(keyOf(w)) || (COMMON.has(w) && i > 0)))) continue;
        const key = keyOf(w);
        lexicon.telling.set(key, (lexicon.telling.get(key) ?? new Set()).add(s.id));
      }
    }
    // The heading a service stands under speaks of all that stand there.
    for (const w of wordsOf(s.category ?? "")) {
      learn(w);
      if (!WEAK.has(w) && !COMMON.has(w)) lexicon.headings.set(stem(w), (lexicon.headings.get(stem(w)) ?? new Set()).add(s.id));
    }
    learn(s.about);
    learn(s.bring ?? "");
  }
  // "My take-down" is said for "braid take-down", where nothing else is called so.
  const deeds = new Map<string, Set<string>>();
  for (const s of house.handbook.services)
    for (const name of [s.name, ...s.also])
      for (const m of name.toLowerCase().matchAll(NOUN_WITH_A_PARTICLE))
        if (m[0] !== name.toLowerCase()) deeds.set(m[0], (deeds.get(m[0]) ?? new Set()).add(s.id));
  for (const [deed, of] of deeds) {
    const [service, other] = of;
    if (service === undefined || other !== undefined) continue;
    for (const words of [deed.split("-"), [deed.replace("-", "")]])
      lexicon.phrases.push({ words, stems: words.map(stem), service, own: false, hyphened: true });
  }
  for (const [key, set] of lexicon.headings) {
    const own = lexicon.telling.get(key);
    // "Colour" alone is any of the colours, though one of them has the word in its name.
    if (!own || set.size > 1) lexicon.telling.set(key, new Set([...set, ...(own ?? [])]));
  }
  for (const s of house.handbook.services)
    if (s.name.toLowerCase().startsWith("physio")) lexicon.telling.set("physio", (lexicon.telling.get("physio") ?? new Set()).add(s.id));
  for (const a of house.handbook.answers) for (const text of [a.question, a.answer, ...a.also]) learn(text);
  for (const f of house.handbook.facts) for (const text of [f.text, ...f.also]) learn(text);
  for (const p of house.handbook.staff) {
    learn(p.work);
    const parts = wordsOf(p.name);
    lexicon.people.push({ words: parts, staff: p.id, whole: true });
    for (const c of p.called) lexicon.people.push({ words: wordsOf(c), staff: p.id, whole: false });
    const first = parts[0];
    if (first && !p.called.some((c) => wordsOf(c)[0] === first)) lexicon.people.push({ words: [first], staff: p.id, whole: false });
    const last = parts[parts.length - 1];
    if (last && parts.length > 1) lexicon.people.push({ words: [last], staff: p.id, whole: false, family: true });
  }
  for (const p of bookable)
    for (const part of p.work.toLowerCase().split(BETWEEN_TRADES)) {
      const role = wordsOf(part).join(" ");
      // What people are ends so; "colour and children" are no people.
      if (A_TRADE.test(role)) lexicon.roles.set(role, (lexicon.roles.get(role) ?? new Set()).add(p.id));
    }
  // Who is called so is a doctor, whatever kind of one.
  for (const p of bookable)
    if ([p.name, ...p.called].some((n) => DOCTOR.test(n))) lexicon.roles.set("doctor", (lexicon.roles.get("doctor") ?? new Set()).add(p.id));
  for (const [role, who] of lexicon.roles) if (who.size === bookable.length) lexicon.roles.delete(role);
  for (const p of lexicon.people)
    for (const w of p.words) {
      lexicon.names.add(w);
      lexicon.vocabulary.delete(w);
    }
  lexicon.phrases.sort((a, b) => b.words.length - a.words.length);
  lexicon.words.push(...new Set(lexicon.phrases.flatMap((p) => p.words)));
  lexicon.people.sort((a, b) => b.words.length - a.words.length);
  made.set(house, lexicon);
  return lexicon;
}

const wordsOf = (text: string): string[] => normalise(text).tokens.map((t) => t.text);

/** Finds services: whole names and other words first, slips allowed; then by telling words outside of `aside`, as many as fit; with `whole` only the first. */
export function services(said: Said, house: House, aside: readonly Found[] = [], whole = false): Found[] {
  const lexicon = lexiconOf(house);
  const out: Found[] = [];
  const used = new Set<number>();
  const tokens = said.tokens;
  const stems = tokens.map((t) => stem(t.text));
  const there = new Set(stems);
  const positions = new Map<string, number[]>();
  stems.forEach((w, i) => positions.set(w, [...(positions.get(w) ?? []), i]));
  // A slip stands where there is a word that the language does not have.
  const strange = tokens.flatMap((t, i) => (t.text.length >= 4 && !COMMON.has(t.text) ? [i] : []));
  const slippedAt = new Map<string, number[]>();
  for (const i of strange)
    if (!lexicon.telling.has(stems[i] as string))
      for (const w of slipsOf(lexicon, (tokens[i] as Token).text)) slippedAt.set(w, [...(slippedAt.get(w) ?? []), i]);
  // Names of several words first, with a slip in one of them too: "a shaving lessson" is no shave.
  const several = lexicon.phrases.filter((p) => p.words.length > 1);
  const single = lexicon.phrases.filter((p) => p.words.length === 1);
  // Where a name is waited for, what sounds like a service's is somebody's: "Faizal" is no facial.
  const errs = slippedAt.size > 0 && !whole;
  const inTurn = errs ? ([several, several, single, single] as const) : ([several, single] as const);
  for (const [turn, list] of inTurn.entries())
    for (const p of list) {
      const slip = errs && turn % 2 === 1;
      // Without a slip every word of a name must be there at all.
      if (!slip && p.stems.some((w) => !there.has(w))) continue;
      for (const i of slip ? p.words.flatMap((w, k) => (slippedAt.get(w) ?? []).map((i) => i - k)) : (positions.get(p.stems[0] as string) ?? [])) {
        if (i < 0 || i + p.words.length > tokens.length) continue;
        // "Della Crane", where there are crowns: the second word of somebody's name is no slip.
        if (p.words.length === 1 && (tokens[i] as Token).text !== p.words[0] && afterGivenName(said, i)) continue;
        if (
          p.words.some(
            (w, k) =>
              used.has(i + k) ||
              !(same((tokens[i + k] as Token).text, stems[i + k] as string, w, p.stems[k] as string) || (slip && slippedAt.get(w)?.includes(i + k))),
          )
        )
          continue;
        if (p.hyphened && p.words.length > 1 && said.norm.slice((tokens[i] as Token).end, (tokens[i + 1] as Token).start) !== "-") continue;
        if (p.words.length === 1 && (WEAK.has(p.words[0] as string) || COMMON.has(p.words[0] as string))) continue;
        // "My blood pressure", where "bloods" are a test: two words that stand together in another's name are not one of them.
        if (p.words.length === 1 && besideInAnother(lexicon, stems, i, p.service)) continue;
        // "A lady coach" is somebody who coaches, and no coaching.
        if (p.words.length === 1 && (tokens[i] as Token).text !== p.words[0] && isTrade(lexicon, (tokens[i] as Token).text)) continue;
        p.words.forEach((_, k) => used.add(i + k));
        // "Cancel the battery but not the lesson".
        if (BUT_NOT.test(said.norm.slice(0, (tokens[i] as Token).start))) continue;
        // "Cancel the massage but keep the facial".
        if (KEEPS_THE.test(said.norm.slice(0, (tokens[i] as Token).start)) && CALLS_OFF.test(said.norm)) continue;
        // "I don't want an assessment, just tape": what is not wished for is no wish, where something else is.
        if (
          UNWANTED.test(said.norm.slice(0, (tokens[i] as Token).start)) &&
          WANTED_INSTEAD.test(said.norm.slice((tokens[i + p.words.length - 1] as Token).end))
        )
          continue;
        out.push({
          kind: "service",
          value: [p.service],
          rule: slip ? "service/slip" : p.own ? "service/name" : "service/other-word",
          start: (tokens[i] as Token).start,
          end: (tokens[i + p.words.length - 1] as Token).end,
          ...(slip || !p.own ? { assumed: house.services.get(p.service)?.name ?? "" } : {}),
        });
      }
    }
  if (whole) return out.sort((a, b) => a.start - b.start);
  compound(lexicon, tokens, stems, out, house);
  const at: Token[] = [];
  // "For my wedding", "wedding on Saturday": what happens besides, where something else of the house is named.
  const dated = (t: Token): boolean => aside.some((f) => f.kind === "day" && f.start >= t.end && f.start - t.end < NEXT_TO);
  const occasions = new Set(tokens.filter((t, i) => OCCASIONS.has(t.text) && (BEFORE_OCCASION.test(tokens[i - 2]?.text ?? "") || dated(t))));
  const besides = tokens.some((t) => !occasions.has(t) && (!COMMON.has(t.text) || lexicon.telling.has(stem(t.text))) && telling(lexicon, t.text));
  tokens.forEach((t, i) => {
    if (besides && occasions.has(t)) return;
    if (used.has(i) || aside.some((f) => f.start < t.end && t.start < f.end) || (COMMON.has(t.text) && !lexicon.telling.has(stem(t.text)))) return;
    // Most words tell of no service, and need not be looked at further; one that ends in -ed may tell of what was.
    const hit = telling(lexicon, t.text);
    if (!hit && !ENDS_IN_ED.test(t.text)) return;
    if (isSomebody(lexicon, said, i)) return;
    // "The bride is Niamh Tuohy": who it is.
    if (IS_SOMEBODY.test(said.raw.slice(t.end, t.end + 24))) return;
    // "My mother's gown": whose it is names nothing.
    if (A_RELATIVES.test(t.text) && OWNER.test(tokens[i - 1]?.text ?? "") && tokens[i + 1] !== undefined) return;
    // "Yes, book" wants it done, in a house that does the books too.
    if (t.text === "look" && LOOKS_AT_IT.test(said.norm.slice(t.end))) return;
    if (
      t.text === "back" &&
      (BACK_AGAIN.test(said.norm.slice(Math.max(0, t.start - 24), t.start)) || BACK_TO_BACK.test(said.norm.slice(Math.max(0, t.start - 8), t.end + 8)))
    )
      return;
    // "My back's gone, who's on today": what ails somebody names no class for it.
    const ails = isLimb(t.text) && AILS_RIGHT_AFTER.test(said.norm.slice(t.start));
    if (ails && hit && [...hit.of].every((id) => house.services.get(id)?.group)) return;
    // "Sounds right" is no sound bath.
    if (SEEMS.test(t.text) && SEEMS_SO.test(said.norm.slice(t.end))) return;
    if (IS_SO.test(t.text) && WHETHER_IT_IS.test(said.norm.slice(Math.max(0, t.start - 24), t.start))) return;
    if (DEED_WORDS.has(t.text) && !BEFORE_A_THING.test(tokens[i - 1]?.text ?? "")) return;
    if (CHARGES.test(t.text) && WHAT_IT_COSTS.test(tokens[i - 1]?.text ?? "")) return;
    // "A lady coach" is who is to do it.
    if (
      isTrade(lexicon, t.text) ||
      (A_GENDER.test(t.text) &&
        (WISHED_WHO.test(said.norm.slice(0, t.start)) || isTrade(lexicon, tokens[i + 1]?.text ?? "") || ANY_OF_THE.test(said.norm.slice(0, t.start))))
    )
      return;
    // "I was assessed in January" tells of what was.
    if (ENDS_IN_ED.test(t.text) && WAS.test(tokens[i - 1]?.text ?? "")) {
      there.delete(stem(t.text));
      return;
    }
    if (!hit) return;
    at.push(t);
  });
  const apartOnes = out.length === 0 ? byThemselves(lexicon, at, said) : [];
  if (apartOnes.length > 1) {
    for (const { token, ids } of apartOnes)
      out.push({
        kind: "service",
        value: ids,
        rule: "service/telling-word",
        start: token.start,
        end: token.end,
        assumed: house.services.get(ids[0] as string)?.name ?? "",
      });
  } else if (out.length > 0) out.push(...besideNamed(lexicon, at, out, said, house));
  else if (at.length > 0) {
    // "Cancel the study and book me the home test": what is done with each parts them.
    const groups = at.reduce<Token[][]>((all, token) => {
      const before = all.at(-1)?.at(-1);
      if (before && !ANOTHER_DEED.test(said.norm.slice(before.end, token.start))) (all.at(-1) as Token[]).push(token);
      else all.push([token]);
      return all;
    }, []);
    for (const group of groups.flatMap((g) => apartByAnd(lexicon, g, there, said, house))) out.push(meantBy(lexicon, group, there, house));
  } else out.push(...calledWeakly(lexicon, tokens, house));
  return out.sort((a, b) => a.start - b.start);
}

/** "Could my watch be serviced and my wife's clock be looked at": words around an "and" that each tell of a service of their own. */
function apartByAnd(lexicon: Lexicon, group: readonly Token[], there: ReadonlySet<string>, said: Said, house: House): (readonly Token[])[] {
  for (let i = 1; i < group.length; i++) {
    if (!AND_ANOTHER.test(said.norm.slice((group[i - 1] as Token).end, (group[i] as Token).start))) continue;
    const sides = [group.slice(0, i), group.slice(i)] as const;
    if (sides.some((side) => side.every((t) => isLimb(t.text)))) continue;
    const of = sides.map((side) => {
      const f = meantBy(lexicon, side, there, house);
      return f.kind === "service" && f.rule === "service/telling-word" ? f.value[0] : undefined;
    });
    if (of[0] !== undefined && of[1] !== undefined && of[0] !== of[1]) return [sides[0], ...apartByAnd(lexicon, sides[1], there, said, house)];
  }
  return [group];
}

/** Whether a word and one next to it stand together in the name of another service, and of no name of this one. */
function besideInAnother(lexicon: Lexicon, stems: readonly string[], i: number, service: string): boolean {
  const together = (own: boolean): boolean =>
    [i - 1, i].some((k) => {
      const [first, second] = [stems[k], stems[k + 1]];
      if (first === undefined || second === undefined || WEAK.has(k < i ? first : second)) return false;
      return lexicon.phrases.some(
        (p) => (p.service === service) === own && p.words.length > 1 && p.stems.some((w, at) => w === first && p.stems[at + 1] === second),
      );
    });
  return together(false) && !together(true);
}

/** Of some services, the one that a word outside of a find speaks of, where it is one alone. */
export function spokenOfBeside(said: Said, house: House, find: Found, ids: readonly string[]): string | null {
  const lexicon = lexiconOf(house);
  const of = said.tokens
    .filter((t) => (t.end <= find.start || t.start >= find.end) && !COMMON.has(t.text))
    .map((t) => [...(lexicon.telling.get(keyOf(t.text)) ?? [])].filter((id) => ids.includes(id)))
    .filter((own) => own.length > 0);
  const [meant, other] = new Set(of.flat());
  return meant !== undefined && other === undefined ? meant : null;
}

/** Whether it is what somebody of the house is. */
const isTrade = ({ trades }: Lexicon, word: string): boolean =>
  trades.size > 0 && (trades.has(word) || (word.endsWith("s") && (trades.has(word.slice(0, -1)) || (word.endsWith("es") && trades.has(word.slice(0, -2))))));

/** What words that tell of services speak of together: the services that have most of them in one of their names. */
function meantBy(lexicon: Lexicon, at: readonly Token[], there: ReadonlySet<string>, house: House): Found {
  const scores = new Map<string, number>();
  const heard = new Map<string, number>();
  for (const t of at) {
    const hit = telling(lexicon, t.text);
    if (!hit) continue;
    heard.set(hit.key, Math.log(1 + house.handbook.services.length / hit.of.size));
    for (const s of hit.of) scores.set(s, 0);
  }
  let strongest = 0;
  // A service counts by the one of its names that has most of what was said: "contacts checked" is not "eyes checked".
  for (const p of lexicon.phrases) {
    if (!scores.has(p.service)) continue;
    // What is in a service's name speaks of it before one that is only called so besides.
    const words = [...new Set(p.words.map(keyOf))];
    // One that was said whole is meant before one of which only a word was: "a cut" is no "kids' cut".
    const own = words.reduce((sum, w) => sum + (heard.get(w) ?? 0), 0) * (p.own ? 1 : 0.98) * (words.every((w) => heard.has(w)) ? WHOLE : 1);
    scores.set(p.service, Math.max(scores.get(p.service) ?? 0, own));
  }
  // A word of the heading above them speaks of them all alike.
  for (const s of scores.keys()) if (scores.get(s) === 0) scores.set(s, Math.max(...[...heard.values()].map((v) => v * 0.99)));
  for (const v of scores.values()) strongest = Math.max(strongest, v);
  // A word that so many are called by tells of none of them before the others.
  const [only] = at.length === 1 ? [telling(lexicon, (at[0] as Token).text)] : [];
  const best = only && only.of.size >= MANY ? [...only.of] : [...scores].filter(([, v]) => v >= strongest - 1e-9).map(([s]) => s);
  const fit = house.handbook.services.map((s) => s.id).filter((s) => best.includes(s));
  // "Tattoos, small ones": of several, the one of which every word was said.
  const whole = fit.filter((s) => lexicon.phrases.some((p) => p.service === s && p.words.length > 1 && p.stems.every((w) => there.has(w))));
  const order = fit.length > 1 && whole.length === 1 ? whole : fit;
  // It stands where its first words stand together; what lies between words far apart is something else.
  const apart = at.findIndex((t, i) => i > 0 && t.start - (at[i - 1] as Token).end > 1);
  const run = apart < 0 ? at : at.slice(0, apart);
  // "I want to learn golf", at a golf studio: what the whole house is called after tells of no one service.
  const ofAll = order.length === 1 && at.every((t) => lexicon.called.has(stem(t.text)) && (telling(lexicon, t.text)?.of.size ?? 0) > 1);
  return {
    kind: "service",
    value: order,
    rule: ofAll ? OF_THE_HOUSE : order.length > 1 ? "service/several" : "service/telling-word",
    start: (run[0] as Token).start,
    end: (run.at(-1) as Token).end,
    ...(order.length === 1 ? { assumed: house.services.get(order[0] as string)?.name ?? "" } : {}),
  };
}

/** "Brid Cotter": two capitals, of which the house writes neither word, are a person, whatever the first is a form or a slip of. */
const isSomebody = (lexicon: Lexicon, said: Said, i: number): boolean =>
  [i, i + 1].every((k) => {
    const t = said.tokens[k];
    return t !== undefined && /\p{Lu}\p{Ll}/u.test(said.raw.slice(t.start, t.start + 2)) && !COMMON.has(t.text) && !lexicon.vocabulary.has(t.text);
  });

/** Whether a word and the one right before it are written as a name whose first is one that people are given. */
const afterGivenName = (said: Said, i: number): boolean => {
  const [first, second] = [said.tokens[i - 1], said.tokens[i]];
  const capital = (t: Token): boolean => /\p{Lu}\p{Ll}/u.test(said.raw.slice(t.start, t.start + 2));
  return !!first && !!second && capital(first) && capital(second) && isGivenName(first.text) && said.norm.slice(first.end, second.start) === " ";
};

/** "A place in the group", "Friday's group": a word that says little, where the house calls one service by it and nothing else is named. */
function calledWeakly(lexicon: Lexicon, tokens: readonly Token[], house: House): Found[] {
  const names = lexicon.phrases.filter((p) => !p.own && p.words.length === 1 && WEAK.has(p.words[0] as string) && !COMMON.has(p.words[0] as string));
  const hit = tokens.flatMap((t, i) => {
    const before = tokens[i - 1]?.text ?? "";
    if (!BEFORE_KIND.test(before)) return [];
    const of = names.filter((p) => p.words[0] === t.text);
    return of.length === 1 ? [{ t, id: (of[0] as (typeof of)[number]).service }] : [];
  });
  const [only, other] = hit;
  if (!only || other) return [];
  return [
    { kind: "service", value: [only.id], rule: "service/other-word", start: only.t.start, end: only.t.end, assumed: house.services.get(only.id)?.name ?? "" },
  ];
}

/**
 * "A moustache trim", "a kid's haircut": a word that tells of one service before one that is called by another's last word.
 * Where the first is called something with that word too, it alone is meant. Changes `out`.
 */
function compound(lexicon: Lexicon, tokens: readonly Token[], stems: readonly string[], out: Found[], house: House): void {
  out.forEach((head, h) => {
    const i = tokens.findIndex((t) => t.start === head.start);
    const before = tokens[i - 1];
    if (head.kind !== "service" || !before || head.end !== (tokens[i] as Token).end || COMMON.has(before.text)) return;
    const first = out.findIndex((f) => f.end === before.end);
    const named = out[first];
    const of = named?.kind === "service" ? named.value : [...(telling(lexicon, before.text)?.of ?? [])];
    const [only] = of;
    if (of.length !== 1 || only === undefined || head.value.includes(only)) return;
    if (!lexicon.phrases.some((p) => p.service === only && p.stems.includes(stems[i] as string))) return;
    out[h] = { ...head, value: [only], rule: "service/other-word", start: named?.start ?? before.start, assumed: house.services.get(only)?.name ?? "" };
    if (named) out[first] = out[h];
  });
  for (let i = out.length - 1; i > 0; i--) if (out.indexOf(out[i] as Found) < i) out.splice(i, 1);
}

/** "A cut and a beard trim": an everyday word that is what another service is called, joined to one that was named. */
function besideNamed(lexicon: Lexicon, at: readonly Token[], named: readonly Found[], said: Said, house: House): Found[] {
  const joins = (from: number, to: number): boolean => JOINS_SERVICES.test(said.norm.slice(from, to));
  const taken = (id: string): boolean => named.some((f) => f.kind === "service" && f.value.includes(id));
  return at.flatMap((t): Found[] => {
    const is = (service: string, rule: string): Found[] => [
      { kind: "service", value: [service], rule, start: t.start, end: t.end, assumed: house.services.get(service)?.name ?? "" },
    ];
    const p = lexicon.phrases.find((p) => p.words.length === 1 && same(t.text, stem(t.text), p.words[0] as string, p.stems[0] as string));
    if (p && !taken(p.service) && named.some((f) => (f.end <= t.start ? joins(f.end, t.start) : joins(t.end, f.start))))
      return is(p.service, "service/other-word");
    const of = telling(lexicon, t.text)?.of ?? new Set<string>();
    // "A facial or a massage", where there are several of those.
    const or = named.some((f) => OR_THE.test(f.end <= t.start ? said.norm.slice(f.end, t.start) : said.norm.slice(t.end, f.start)));
    if (or && of.size > 1 && ![...of].some(taken)) return [{ kind: "service", value: [...of], rule: "service/several", start: t.start, end: t.end }];
    // "The simulator on Saturday at noon, and a fitting right after".
    const [only, other] = of;
    const after = named.some((f) => f.end <= t.start && ONE_MORE_AFTER.test(said.norm.slice(f.end, t.start)));
    // "B12 and a blood pressure check": the word that its name begins with, before another.
    const name = house.services.get(only ?? "")?.name.toLowerCase() ?? "";
    const before =
      (!COMMON.has(t.text) || AN_ARTICLE.test(said.norm.slice(0, t.start))) &&
      stem(name.split(" ")[0] ?? "") === stem(t.text) &&
      named.some((f) => f.start >= t.end && NAMES_ANOTHER.test(said.norm.slice(t.end, f.start)));
    return only !== undefined && other === undefined && !taken(only) && (after || before) ? is(only, "service/telling-word") : [];
  });
}

/** "Piano on Saturday and guitar on Friday", "brows, lashes and a tan": words that each tell of one service alone, with "and" before the last. */
function byThemselves(lexicon: Lexicon, at: readonly Token[], said: Said): { token: Token; ids: string[] }[] {
  const plain = at.flatMap((token) => {
    const ids = [...(telling(lexicon, token.text)?.of ?? [])];
    return ids.length === 1 ? [{ token, ids }] : [];
  });
  const distinct = new Set(plain.map((p) => p.ids[0]));
  if (plain.length !== at.length || distinct.size !== plain.length || plain.length < 2) return [];
  const gaps = plain.slice(1).map((p, i) => said.norm.slice((plain[i] as { token: Token }).token.end, p.token.start));
  const linked = gaps.every((gap, i) => NAMES_ANOTHER.test(gap) || (i < gaps.length - 1 && GOES_ON_LISTING.test(gap)));
  return linked ? plain : [];
}

const MANY = 4;
/** So near behind a thing a day is its own. */
const NEXT_TO = 6;

/** A word by its stem; a short stem would stand for too much: "tap" is no "tape". */
function keyOf(word: string): string {
  const s = stem(word);
  return s.length > 3 ? s : word.replace(/s$/, "");
}

/** What a strange word was taken for, house by house: the same words come again and again. */
const taken = new WeakMap<Lexicon, Map<string, { key: string; of: Set<string> } | null>>();

function telling(lexicon: Lexicon, word: string): { key: string; of: Set<string> } | null {
  const known = taken.get(lexicon) ?? new Map<string, { key: string; of: Set<string> } | null>();
  taken.set(lexicon, known);
  let hit = known.get(word);
  if (hit === undefined) {
    hit = tellingBy(lexicon, word);
    if (known.size > 20_000) known.clear();
    known.set(word, hit);
  }
  return hit;
}

function tellingBy(lexicon: Lexicon, word: string): { key: string; of: Set<string> } | null {
  const exact = lexicon.telling.get(keyOf(word));
  if (exact) return { key: keyOf(word), of: exact };
  const whole = shortenedOf(lexicon, word);
  if (whole) return { key: keyOf(whole), of: lexicon.telling.get(keyOf(whole)) as Set<string> };
  // "The acupuncturist": who does it tells of what is done.
  const trade = ENDS_IN_IST.exec(word)?.[1];
  const does = trade ? [...lexicon.telling].find(([key]) => key.startsWith(trade)) : undefined;
  if (does) return { key: does[0], of: does[1] };
  // "I'm pregnant", where there is yoga for pregnancy: long words that are alike but for their ends.
  const root = word.length >= LONG_WORD ? [...lexicon.telling].find(([key]) => ofOneRoot(key, stem(word))) : undefined;
  if (root) return { key: root[0], of: root[1] };
  // A word of the language with an ending is a slip of nothing: "changing" is no "charging".
  if (word.length < 6 || COMMON.has(word) || inflected(word)) return null;
  // A word of the language is a slip only of what sounds just like it: "charges" are no "chart".
  // Nor is one that the house has besides: "Marathi" is no "marathon". Nor is what somebody of it is called.
  if (lexicon.vocabulary.has(word) || lexicon.names.has(word.replace(POSSESSIVE, ""))) return null;
  const plain = vectorOf(word) !== null;
  for (const [key, set] of lexicon.telling)
    if (
      key.length >= 5 &&
      distance(key, stem(word)) <= (key.length >= 8 ? 2 : 1) &&
      (!plain || (sounds(key) === sounds(stem(word)) && HARD_G.test(key) === HARD_G.test(word)) || key.slice(0, SAME_ROOT) === word.slice(0, SAME_ROOT))
    )
      return { key, of: set };
  return null;
}

const LONG_WORD = 8;
/** Long words of one root: all but the last letter alike. */
function ofOneRoot(a: string, b: string): boolean {
  const shorter = Math.min(a.length, b.length);
  return shorter >= LONG_WORD && Math.max(a.length, b.length) - shorter <= 2 && a.slice(0, shorter - 1) === b.slice(0, shorter - 1);
}

/** "Back's", "knees": a part of the body. */
const isLimb = (word: string): boolean => kinOf(word.replace(POSSESSIVE, "")) === "@limb" || kinOf(stem(word)) === "@limb";

/** The key to how words sound writes a hard g as a k, but "glasses" are no class. */
const HARD_G = /^g(?![eiy])/;

/** Words that begin with as many letters alike may well be of one root: "analysed", "analysis". */
const SAME_ROOT = 5;

/** Words as common as these are no slip of anything, and no beginning of a longer one. */
const COMMONEST = 3000;

/** "A pedi", "a consult": a word that the language has not, or hardly, and that one telling word alone begins with. */
function shortenedOf(lexicon: Lexicon, word: string): string | null {
  if (word.length < 4 || COMMON.has(word) || rankOf(word) < COMMONEST) return null;
  const whole = lexicon.words.filter((w) => w.length >= word.length + 3 && w.startsWith(word) && lexicon.telling.has(keyOf(w)));
  return whole.length === 1 ? (whole[0] as string) : null;
}

function same(said: string, saidStem: string, word: string, wordStem: string): boolean {
  // "Assessed" tells of an assessment that was; the visit itself is meant by its own word.
  return (
    said === word ||
    (saidStem === wordStem &&
      (wordStem.length > 3 || said === `${word}s` || `${said}s` === word || (FROM_E.test(said) && FROM_E.test(word))) &&
      !(ENDS_IN_MENT.test(word) && ENDS_IN_ED.test(said)))
  );
}

/** What strange words may be slips of, house by house: the same words come again and again. */
const slips = new WeakMap<Lexicon, Map<string, readonly string[]>>();

/** The words of the services' names that a word may be a slip of: a letter or two wrong, or the same by ear. */
function slipsOf(lexicon: Lexicon, said: string): readonly string[] {
  const known = slips.get(lexicon) ?? new Map<string, readonly string[]>();
  slips.set(lexicon, known);
  let of = known.get(said);
  if (of === undefined) {
    // Who is called so is that person: "Ciara" is no "tiara".
    const plain = said.length < 4 || COMMON.has(said) || lexicon.names.has(said.replace(POSSESSIVE, "")) || inflected(said) || rankOf(said) < COMMONEST;
    // A word of the language is a slip only of what sounds just like it: "killing" is no "filling".
    const word = plain || vectorOf(said) === null ? null : sounds(said);
    of = plain ? [] : lexicon.words.filter((w) => slipped(said, w) && (word === null || sounds(w) === word));
    if (known.size > 20_000) known.clear();
    known.set(said, of);
  }
  return of;
}

function slipped(said: string, word: string): boolean {
  if (word.length < 5 || Math.abs(word.length - said.length) > 3) return false;
  const d = distance(said, word);
  return d <= (word.length >= 8 ? 2 : 1) || (d <= 3 && sounds(said) === sounds(word));
}

const heard = new Map<string, string>();

/** How a word sounds, by double metaphone (Philips 2000). */
export function sounds(word: string): string {
  let s = heard.get(word);
  if (s === undefined) {
    s = doubleMetaphone(word)[0];
    if (heard.size > 50_000) heard.clear();
    heard.set(word, s);
  }
  return s;
}

/** Finds people of the house by whole, first, short or family name, or a near sound. */
/** Those who do a work, by its whole name or its last word: "the doctor", of a children's doctor. */
function roleOf(lexicon: Lexicon, said: string): Set<string> | undefined {
  const role = said.replace(/s$/, "");
  // "A coach" is any of them, the head coach too, though one is called no more than that.
  const kinds = [...lexicon.roles].filter(([r]) => r === role || r.endsWith(` ${role}`));
  const all = new Set(kinds.flatMap(([, who]) => [...who]));
  return kinds.length > 0 && all.size < lexicon.bookable ? all : undefined;
}

/** Of the house's people, those who are what a text speaks of: "a lady doctor"; all of them where it speaks of no such work. */
export function ofThatWork(house: House, text: string, ids: readonly string[]): string[] {
  const lexicon = lexiconOf(house);
  const named = normalise(text).tokens.flatMap((t) => [...(roleOf(lexicon, t.text) ?? [])]);
  const left = ids.filter((id) => named.includes(id));
  return left.length > 0 ? left : [...ids];
}

/** "With the doctor", "see a nurse": whoever does that work, where not everybody does. */
function byRole(said: Said, lexicon: Lexicon, { house, expects }: Pick<Moment, "house" | "expects">): Found[] {
  if (lexicon.roles.size === 0) return [];
  const alone = expects === "staff" || expects === "which-appointment" ? ROLE_ALONE.exec(said.norm) : null;
  return [...eachMatch(ROLES, said.norm), ...(alone ? [alone] : [])].flatMap((m): Found[] => {
    const words = (m[1] as string).split(" ");
    // "Do your therapists", of all of them, names nobody.
    const all = ASKS_OF_A_ROLE.test(m[0]);
    const role = [words.join(" "), words[0] as string].find((w) => !(all && w.endsWith("s")) && roleOf(lexicon, w));
    const who = role === undefined ? undefined : roleOf(lexicon, role);
    if (role === undefined || !who || lexicon.telling.has(keyOf(role))) return [];
    const start = m.index + (m === alone ? m[0].indexOf(m[1] as string) : m[0].length - (m[1] as string).length);
    return [
      {
        kind: "staff",
        value: [...who],
        rule: "staff/role",
        start,
        end: start + role.length,
        assumed: [...who].map((id) => house.staff.get(id)?.name ?? id).join(", "),
      },
    ];
  });
}

export function staff(said: Said, at: Pick<Moment, "house" | "expects">): Found[] {
  const { house } = at;
  const lexicon = lexiconOf(house);
  const out: Found[] = [];
  const used = new Set<number>();
  const tokens = said.tokens;
  const there = new Set(tokens.map((t) => t.text.replace(POSSESSIVE, "")));
  const places = new Map<string, number[]>();
  tokens.forEach((t, i) => {
    const plain = t.text.replace(POSSESSIVE, "");
    places.set(plain, [...(places.get(plain) ?? []), i]);
  });
  out.push(...byRole(said, lexicon, at));
  const odd = tokens.flatMap((t, i) => (t.text.length >= 3 && !PLAIN.has(t.text) ? [i] : []));
  const mayStart = starts(odd, tokens.length);
  // "Warren on Friday".
  const first = at.expects !== "name" && at.expects !== "name-check" && THEN_WHEN.test(said.norm.slice(tokens[0]?.end ?? 0));
  for (const near of odd.length > 0 ? [false, true] : [false])
    for (const p of lexicon.people) {
      if (!near && p.words.some((w) => !there.has(w))) continue;
      for (const i of near ? mayStart(p.words.length) : (places.get(p.words[0] as string) ?? [])) {
        if (i + p.words.length > tokens.length) continue;
        // A near sound of a short name counts only where a person is spoken of.
        const spoken = BEFORE_PEOPLE.has(tokens[i - 1]?.text ?? "") || (tokens[i] as Token).text.endsWith("'s") || (i === 0 && first) || at.expects === "staff";
        // "Which brand of tape" names no Brandt.
        if (near && p.family && !spoken && rankOf((tokens[i] as Token).text) < NOT_A_SURNAME) continue;
        if (p.words.some((w, k) => used.has(i + k) || !sameName((tokens[i + k] as Token).text, w, near, spoken))) continue;
        // "Akeem Charles" is no Yvette Charles: a family name after somebody else's given name.
        const given = p.family && i > 0 ? shortOf(lexicon, p.staff, (tokens[i - 1] as Token).text) : false;
        if (p.family && !given && ofAnother(said, i)) continue;
        const before = said.norm.slice(Math.max(0, (tokens[i] as Token).start - 40), (tokens[i] as Token).start);
        p.words.forEach((_, k) => used.add(i + k));
        out.push({
          kind: "staff",
          value: [p.staff],
          rule: near ? "staff/near-sound" : p.whole ? "staff/whole-name" : "staff/name",
          // "Joe Teves", whom they know as Jo.
          start: (tokens[(given && !used.has(i - 1)) || titled(said, i) ? i - 1 : i] as Token).start,
          end: (tokens[i + p.words.length - 1] as Token).end,
          ...(near ? { assumed: house.staff.get(p.staff)?.name ?? "" } : {}),
          ...(NOT_WITH.test(before) && !NOBODY_BUT.test(before) ? { not: true } : {}),
        });
      }
    }
  // "Anyone except Maren or Priya" rules out both.
  const people = out.filter((f): f is FoundOf<"staff"> => f.kind === "staff" && f.value !== "any").sort((a, b) => a.start - b.start);
  people.forEach((p, i) => {
    const before = people[i - 1];
    if (before?.not && !p.not && AND_NOT_ON.test(said.norm.slice(before.end, p.start))) p.not = true;
  });
  // "Any coach": of those who do such work here.
  for (const m of eachMatch(ANY_OF_A_TRADE, said.norm))
    if (isTrade(lexicon, m[1] as string) || TRADES_OF_ALL.has(m[1] as string) || TRADES_OF_ALL.has((m[1] as string).replace(/s$/, "")))
      out.push({ kind: "staff", value: "any", rule: "staff/any", start: m.index, end: m.index + m[0].length });
  for (const m of eachMatch(ANYBODY, said.norm)) {
    const end = m.index + m[0].length;
    // "Good for somebody who sits all day": one of those who come.
    const before = said.norm.slice(Math.max(0, m.index - 30), m.index);
    if (LIKE_SOMEBODY.test(before) && WHO_DOES.test(said.norm.slice(end))) continue;
    // "Which would you pick": their word on it is asked for.
    if (WOULD_BEFORE.test(before) && m[0].startsWith("you ")) continue;
    out.push({ kind: "staff", value: "any", rule: "staff/any", start: m.index, end });
  }
  for (const m of eachMatch(WOMAN_OR_MAN, said.norm)) {
    // "For pregnant women", "that lady" speak of somebody else than the staff.
    if (OF_A_GUEST.test(said.norm.slice(Math.max(0, m.index - 60), m.index))) continue;
    // "Not with a man" wishes for a woman.
    const not = NOT_A.test(said.norm.slice(Math.max(0, m.index - 30), m.index));
    const woman = A_WOMAN.test(m[0]) !== not;
    out.push({ kind: "gender", value: woman ? "woman" : "man", rule: "staff/gender", start: m.index, end: m.index + m[0].length });
  }
  return out.sort((a, b) => a.start - b.start);
}

/** Words as common as these are no slip of a family name, unless a person is spoken of. */
const NOT_A_SURNAME = 10_000;

/** Whether "Miss" or the like stands right before a word. */
function titled(said: Said, i: number): boolean {
  const before = said.tokens[i - 1];
  return before !== undefined && A_TITLE.test(before.text) && /^\.? $/.test(said.norm.slice(before.end, said.tokens[i]?.start));
}

/** Whether a word sounds like what somebody of the house is called. */
const shortOf = (lexicon: Lexicon, staff: string, word: string): boolean =>
  lexicon.people.some((o) => {
    const [called] = o.words;
    return (
      o.staff === staff &&
      !o.family &&
      o.words.length === 1 &&
      called !== undefined &&
      called[0] === word[0] &&
      (called === word || sounds(called) === sounds(word))
    );
  });

/** Whether a family name stands after a given name that is none of the house's. */
function ofAnother(said: Said, at: number): boolean {
  const before = said.tokens[at - 1];
  if (!before || !/^ $/.test(said.norm.slice(before.end, said.tokens[at]?.start)) || TITLES.has(before.text)) return false;
  return !COMMON.has(before.text) && (isGivenName(before.text) || /\p{Lu}/u.test(said.raw[before.start] ?? ""));
}

/** Where a phrase of so many words can begin if one of them is at one of the places. */
function starts(places: readonly number[], most: number): (words: number) => readonly number[] {
  const by = new Map<number, readonly number[]>([[1, places]]);
  return (words) => {
    const have = by.get(words);
    if (have) return have;
    const out = new Set<number>();
    for (const p of places) for (let i = Math.max(0, p - words + 1); i <= p && i < most; i++) out.add(i);
    const sorted = [...out].sort((a, b) => a - b);
    by.set(words, sorted);
    return sorted;
  };
}

function sameName(said: string, name: string, near: boolean, spoken: boolean): boolean {
  const plain = said.replace(POSSESSIVE, "");
  if (plain === name) return true;
  if (!near || Math.abs(plain.length - name.length) > 3 || PLAIN.has(plain) || name.length < 4 || plain.length < (spoken ? 3 : 4)) return false;
  const d = distance(plain, name);
  if (name.length < 6 && !spoken) return false;
  if (spoken && name.length === 4 && d === 1 && plain[0] === name[0] && sounds(plain) === sounds(name)) return true;
  if (name.length >= 5 && d <= 1) return true;
  if (name.length >= 8 && d <= 2) return true;
  // A first letter that differs and the rest that sounds alike is heard wrong as often as written wrong.
  return (
    (d <= 3 && plain[0] === name[0] && sounds(plain) === sounds(name)) ||
    (name.length >= 5 && d <= 2 && plain.slice(1) !== name.slice(1) && sounds(plain).slice(1) === sounds(name).slice(1) && sounds(name).length >= 3)
  );
}
