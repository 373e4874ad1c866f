import { parsePhoneNumberFromString, type CountryCode } from "libphonenumber-js/min";
import { WEEKDAYS } from "../time/days.ts";
import { readHours } from "./calendar.ts";
import type { Find } from "./find.ts";
import { minorOf, tokensOf, type Price } from "./tokens.ts";

type Node = Record<string, unknown>;
type Plain<F> = F extends unknown ? Omit<F, "source" | "words" | "at"> : never;
interface Found {
  find: Plain<Find>;
  words: string;
}

const text = (v: unknown): string =>
  typeof v === "string" ? v.trim() : typeof v === "number" ? String(v) : typeof v === "object" && v !== null && "name" in v ? text((v as Node)["name"]) : "";
const list = (v: unknown): unknown[] => (Array.isArray(v) ? (v as unknown[]) : v === undefined || v === null ? [] : [v]);
const nodes = (v: unknown): Node[] => list(v).filter((x): x is Node => typeof x === "object" && x !== null && !Array.isArray(x));

/** Reads schema.org data as pages carry it (JSON-LD): the business, its hours, what it offers, and its questions. */
export function readSchemaOrg(data: readonly unknown[], country: string): Found[] {
  const out: Found[] = [];
  const add = (find: Plain<Find>, words: string): void => void out.push({ find, words });
  const seen = new Set<unknown>();
  const visit = (value: unknown, depth: number): void => {
    if (depth > 12 || typeof value !== "object" || value === null || seen.has(value)) return;
    seen.add(value);
    if (Array.isArray(value)) {
      for (const v of value as unknown[]) visit(v, depth + 1);
      return;
    }
    const node = value as Node;
    const type = list(node["@type"]).map(String).join(" ");
    if (/PostalAddress/.test(type)) {
      for (const [field, key] of [
        ["street", "streetAddress"],
        ["town", "addressLocality"],
        ["region", "addressRegion"],
      ] as const)
        if (text(node[key])) add({ what: "place", field, value: text(node[key]) }, text(node[key]));
    }
    const phone = parsePhoneNumberFromString(text(node["telephone"]), country as CountryCode);
    if (phone?.isPossible()) add({ what: "place", field: "phone", value: phone.number }, text(node["telephone"]));
    const email = text(node["email"]).replace(/^mailto:/, "");
    if (/^[^\s@]+@[^\s@]+\.[^\s@]+$/.test(email)) add({ what: "place", field: "email", value: email }, email);
    if (/OpeningHoursSpecification/.test(type)) hours(node, add);
    for (const h of list(node["openingHours"])) for (const f of readHours(text(h).replace(/\b(\d{2}:\d{2})-(\d{2}:\d{2})\b/g, "$1–$2"))) add(f, text(h));
    const paying = list(node["paymentAccepted"]).map(text).filter(Boolean).join(", ");
    if (paying)
      add({ what: "fact", topic: "paying", text: `You can pay by ${paying.toLowerCase()}.`, also: ["pay", "payment", "cash", "debit", "credit card"] }, paying);
    if (/Question/.test(type)) {
      const answer = nodes(node["acceptedAnswer"]).map((a) => text(a["text"]))[0];
      if (text(node["name"]) && answer)
        add(
          {
            what: "answer",
            question: text(node["name"]),
            answer: answer
              .replace(/<[^>]+>/g, " ")
              .replace(/\s+/g, " ")
              .trim()
              .slice(0, 600),
          },
          `${text(node["name"])} ${answer}`,
        );
    }
    if (/Offer\b/.test(type) || (/\bService\b/.test(type) && node["offers"])) offer(node, type, add);
    for (const p of nodes(node["employee"]))
      if (text(p["name"]))
        add(
          { what: "staff", name: text(p["name"]), work: text(p["jobTitle"]) || "staff", says: text(p["jobTitle"]) },
          `${text(p["name"])} ${text(p["jobTitle"])}`,
        );
    for (const v of Object.values(node)) visit(v, depth + 1);
  };
  for (const d of data) visit(d, 0);
  return out;
}

function hours(node: Node, add: (find: Plain<Find>, words: string) => void): void {
  const days = list(node["dayOfWeek"])
    .map((d) => WEEKDAYS.findIndex((w) => text(d).toLowerCase().endsWith(w.toLowerCase())) + 1)
    .filter((d) => d > 0);
  const clock = (v: unknown): number | null => {
    const m = /^(\d{1,2}):(\d{2})/.exec(text(v));
    return m ? Number(m[1]) * 60 + Number(m[2]) : null;
  };
  const fromMin = clock(node["opens"]);
  const toMin = clock(node["closes"]);
  if (days.length > 0 && fromMin !== null && toMin !== null && fromMin < toMin)
    add({ what: "hours", days, fromMin, toMin }, `${text(node["opens"])}–${text(node["closes"])}`);
}

function offer(node: Node, type: string, add: (find: Plain<Find>, words: string) => void): void {
  const of = /Offer/.test(type) ? (nodes(node["itemOffered"])[0] ?? node) : node;
  const name = text(of["name"]);
  const offers = /Offer/.test(type) ? [node] : nodes(node["offers"]);
  const amount = /^(\d+)(?:\.(\d{1,2}))?$/.exec(text(offers[0]?.["price"]));
  const about = text(of["description"]).slice(0, 400);
  const iso = /^PT(?:(\d+)H)?(?:(\d+)M)?$/.exec(text(of["duration"]) || text(of["timeRequired"]));
  const length = iso ? Number(iso[1] ?? 0) * 60 + Number(iso[2] ?? 0) : tokensOf(`${name} ${about}`).find((t) => t.kind === "length");
  const lengthMin = typeof length === "number" ? length || null : length?.kind === "length" ? length.min : null;
  const price: Price | null = amount ? { is: "fixed", minor: minorOf(amount[1] as string, amount[2]?.padEnd(2, "0")) } : null;
  if (name && (price !== null || lengthMin !== null))
    add({ what: "service", name, variants: [{ lengthMin, price }], about, under: "" }, `${name} ${text(offers[0]?.["price"])}`);
}
