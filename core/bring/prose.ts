import { parsePhoneNumberFromString, type CountryCode } from "libphonenumber-js/min";
import { addressParts, STREET } from "../language/answers.ts";
import type { FindOf } from "./find.ts";
import { tokensOf } from "./tokens.ts";

type Plain<F> = F extends unknown ? Omit<F, "source" | "words" | "at"> : never;

const NAME = /^((?:\p{Lu}[\p{L}'’.-]+)(?: (?:\p{Lu}[\p{L}'’.-]*|de|da|van|von|der|la|al|bin|of))+|\p{Lu}[\p{L}'’-]+)\s*(?:,|–|—|:| - |\(|\|)\s*(.+?)\)?[.]?$/u;
const TEAM =
  /\b(?:team|staff|people|who works|who we are|meet|groomers|stylists|therapists|teachers|instructors|mechanics|vets|practitioners|tutors|hosts|our \w+(?:ers|ists|ors))\b/i;
export const isTeamHeading = (heading: string): boolean => TEAM.test(heading);

/** A member of the staff on a line of their own: a name, then what they do. Only under a heading that speaks of people. */
export function readStaff(text: string): Plain<FindOf<"staff">> | null {
  const m = NAME.exec(text.replace(/^[\s•*-]+/, ""));
  if (!m) return null;
  const [, name, says] = m as unknown as [string, string, string];
  // One word alone may be a heading: "Parking: four spaces".
  if (name.split(" ").length < 2 && (!/\p{L}{3}/u.test(name) || topicOf(name) || text.slice(name.length).trimStart().startsWith(":"))) return null;
  if (/\d/.test(name) || tokensOf(text).some((t) => t.kind === "price")) return null;
  const work = (/^[^:;,.()–—]+/.exec(says)?.[0] ?? says)
    .replace(/\b(?:does|do|teaches|offers)\b.*$/i, "")
    .replace(/^(?:our|the|is|a|an)\s+/i, "")
    .trim();
  return { what: "staff", name: name.trim(), work: work.slice(0, 120) || "staff", says: says.trim() };
}

/** Address, telephone and email of a line. */
export function readPlace(text: string, country: string): Plain<FindOf<"place">>[] {
  const out: Plain<FindOf<"place">>[] = [];
  const email = /[\w.+-]+@[\w-]+(?:\.[\w-]+)+/.exec(text)?.[0];
  if (email) out.push({ what: "place", field: "email", value: email.replace(/\.$/, "") });
  for (const m of text.matchAll(/\+?\(?\d[\d\s().-]{5,}\d/g)) {
    const phone = parsePhoneNumberFromString(m[0], country as CountryCode);
    if (phone?.isPossible() && m[0].replace(/\D/g, "").length >= 9) {
      out.push({ what: "place", field: "phone", value: phone.number });
      break;
    }
  }
  if (tokensOf(text).some((t) => t.kind === "price") || text.length > 160) return out;
  const start = /(?:\b(?:unit|suite|apt|flat)\s+\w+,\s*)?\b\d{1,5}[a-z]?\s+\p{Lu}/u.exec(text);
  if (start && (!email || start.index < text.indexOf(email))) {
    const parts = addressParts(text.slice(start.index));
    const street = parts.street ?? "";
    // "1 January" begins like an address and is none.
    const named = new RegExp(`\\b(?:${STREET})\\b`, "i").test(street) || parts.postcode !== undefined;
    if (/^\d+\w?\s+\p{Lu}/u.test(street) && named && (parts.town ?? parts.postcode)) {
      out.push({ what: "place", field: "street", value: parts.unit ? `${street}, ${parts.unit}` : street });
      if (parts.town) out.push({ what: "place", field: "town", value: parts.town });
      if (parts.region) out.push({ what: "place", field: "region", value: parts.region });
    }
  }
  return out;
}

const percentOf = (clause: string): number | null => {
  const p = /(\d{1,3})\s?(?:%|per ?cent)/.exec(clause)?.[1];
  if (p !== undefined) return Number(p) <= 100 ? Number(p) : null;
  if (/\bhalf\b/i.test(clause)) return 50;
  if (/\b(?:in full|full (?:price|fee|amount|cost|rate)|whole (?:price|fee|amount)|entire)\b/i.test(clause)) return 100;
  return null;
};

/** Rules about changing, cancelling and missing a visit, clause by clause; what a clause refers back to is kept in mind. */
export function readRules(text: string): Plain<FindOf<"rule">>[] {
  const out: Plain<FindOf<"rule">>[] = [];
  const about = /\b(?:cancel|chang|reschedul|mov(?:e|ing)|notice|miss|no[- ]?show|late)/i;
  if (!about.test(text)) return out;
  for (const clause of text.split(/(?<=[.;!])\s+|;\s*/)) {
    const notice = /(\d{1,3}|twenty[- ]four|forty[- ]eight|twelve)\s*(hours?|hrs?|h|days?)\b['’]?\s*(?:of\s+)?(notice|before|in advance|ahead|prior)?/i.exec(
      clause,
    );
    const cancelling = /\b(?:cancel|chang|reschedul|notice|mov(?:e|ing)|cannot come|can't come)/i.test(clause);
    if (notice && cancelling && (notice[3] || /\b(?:at least|up to|until|within|less than)\b/i.test(clause)) && !out.some((r) => r.key === "freeUntilMin")) {
      const word: Record<string, number> = { "twenty-four": 24, "twenty four": 24, "forty-eight": 48, "forty eight": 48, twelve: 12 };
      const n = word[(notice[1] as string).toLowerCase()] ?? Number(notice[1]);
      out.push({ what: "rule", key: "freeUntilMin", value: n * (/^d/i.test(notice[2] as string) ? 1440 : 60) });
    }
    const percent = percentOf(clause);
    if (percent === null) continue;
    if (/\b(?:miss(?:ed|es)?|no[- ]?shows?|don't (?:come|turn up|show)|do not (?:come|turn up|show)|without a word)\b/i.test(clause))
      out.push({ what: "rule", key: "missedFeePercent", value: percent });
    else if (/\b(?:late|later|after that|thereafter|less than|within|shorter|cancel)/i.test(clause))
      out.push({ what: "rule", key: "lateFeePercent", value: percent });
  }
  return out.filter((r, i) => out.findIndex((o) => o.key === r.key) === i);
}

const TOPICS: { topic: string; pattern: RegExp; also: string[] }[] = [
  {
    topic: "paying",
    pattern: /\b(?:cash|debit|credit card|visa|mastercard|cheques?|e-transfer|by card|ways? to pay|payment)\b/i,
    also: ["pay", "payment", "credit card", "debit", "cash", "cheque", "visa"],
  },
  { topic: "parking", pattern: /\b(?:park(?:ing)?|car park|lot behind)\b/i, also: ["park", "car", "where to park", "parking"] },
  { topic: "bus", pattern: /\b(?:bus|tram|metro|train|subway|ferry)\b/i, also: ["public transport", "by bus", "train", "how to get there"] },
  {
    topic: "access",
    pattern: /\b(?:ramp|lift|elevator|wheelchair|step[- ]free|steps? at)\b/i,
    also: ["wheelchair", "stairs", "steps", "ramp", "lift", "elevator"],
  },
  { topic: "vouchers", pattern: /\b(?:gift (?:cards?|vouchers?|certificates?)|vouchers?)\b/i, also: ["voucher", "gift card", "gift certificate", "present"] },
  {
    topic: "cancelling",
    pattern: /\b(?:cancel\w*|hours['’]? notice|no[- ]?shows?|miss(?:ed)? (?:a |the |your )?(?:visit|appointment|lesson))\b/i,
    also: ["cancel", "late", "miss", "cancellation", "notice", "no show"],
  },
  {
    topic: "health plans",
    pattern: /\b(?:health plans?|insurance|insurers?|benefits|direct bill)/i,
    also: ["insurance", "health plan", "coverage", "benefits"],
  },
  { topic: "children", pattern: /\b(?:children|kids|under \d+|from \d+ (?:years )?with)\b/i, also: ["children", "kids", "age", "how old"] },
  { topic: "tax", pattern: /\b(?:tax|hst|gst|vat)\b/i, also: ["tax", "hst", "included"] },
];

/** What a sentence of the house is about, where it is one of the things that clients ask everywhere. */
export function topicOf(text: string): { topic: string; also: string[] } | null {
  const hit = TOPICS.find((t) => t.pattern.test(text));
  return hit ? { topic: hit.topic, also: hit.also } : null;
}

/** A language by its everyday words; null where there is too little to tell. */
export function languageOf(text: string): "en" | "fr" | "de" | "es" | null {
  const words = text.toLowerCase().match(/\p{L}+/gu) ?? [];
  const count = (list: string): number => {
    const set = new Set(list.split(" "));
    return words.filter((w) => set.has(w)).length;
  };
  const scores: ["en" | "fr" | "de" | "es", number][] = [
    ["en", count("the and of to is are for with your you our we in on at from or by if not please only can be")],
    ["fr", count("le la les des et pour avec vous nous est sont une un du aux par sur votre nos ou si dans sans chez")],
    ["de", count("der die das und für mit sie wir ist sind ein eine von bei oder auf zu nicht nur bitte ohne im am")],
    ["es", count("el la los las y para con usted nosotros es son una un del por sobre su o si en sin desde")],
  ];
  const [best, second] = scores.sort((a, b) => b[1] - a[1]);
  if (!best || !second || best[1] < 4 || best[1] < second[1] * 1.5) return null;
  return best[0];
}
