import { ALL_PRICES, CHEAPEST, COMES_TO, DEAREST, OF_ANY_VISIT, PRICED, PRICE_WORDS, TO_BEGIN_WITH } from "../../language/packs/en/asked.ts";
import type { Service } from "../../house/schema.ts";
import { complains } from "../../language/features.ts";
import { ofKind, peopleIn } from "../../language/found.ts";
import type { Reading } from "../../language/read.ts";
import { headOf, near } from "../../knowledge/match.ts";
import { aboutInside, termsOf } from "../../knowledge/search.ts";
import { lengthText, moneyText, serviceText } from "../format.ts";
import { serviceSource } from "../sources.ts";
import { joinVals, val, type Turn, type Value } from "../turn.ts";
import { SURELY, fromHandbook, spoken } from "./handbook.ts";
import { MOST_OF_A_LENGTH, ofLength } from "./oflength.ts";
import { firstOfAll } from "./services.ts";
import { BARELY_WHAT, OF_ALL } from "../../language/packs/en/talk.ts";

export function price(t: Turn, reading: Reading): boolean {
  const { house } = t;
  if (extreme(t, reading) || priceList(t, reading)) return true;
  const about = spoken(t, reading);
  // "How much is a voucher" asks for something else than a service: what is left without the price words tells.
  const rest = reading.text.replace(PRICE_WORDS, " ");
  if (ofKind(reading.found, "service").length === 0 && /\w{3}/.test(rest) && fromHandbook(t, reading, SURELY, { asked: rest })) return true;
  // "How much is a crown", while a check-up is being booked: of something else, whose price nobody has given.
  if (about.length > 0 && ofKind(reading.found, "service").length === 0 && priceOfOther(t, about, reading.said)) return false;
  // "My shoulder needs seeing to, what would that cost": that is what one begins with.
  const begins = complains(reading.said) || TO_BEGIN_WITH.test(reading.said);
  const first = about.length === 0 && begins ? firstOfAll(t) : undefined;
  if (first !== undefined) t.say("ask/begins-with", { service: val(`a ${serviceText(house, first)}`, serviceSource(house, first)) });
  // "What is half a day with Rex": what comes in that length.
  const minutes = ofKind(reading.found, "length").at(-1)?.value;
  const who = peopleIn(reading.found);
  const long = about.length === 0 && first === undefined && typeof minutes === "number" ? ofLength(t, minutes, who) : [];
  const list = first !== undefined ? [first] : about.length > 0 || long.length > MOST_OF_A_LENGTH ? about : long;
  if (list.length === 0) {
    t.say("ask/price-which");
    t.state.asking = "ask-price";
    t.expect(
      "service",
      house.handbook.services.slice(0, 10).map((s) => ({ label: s.name, say: s.name })),
    );
    return true;
  }
  const task = t.state.task;
  const wanted = ofKind(reading.found, "length").at(-1)?.value ?? (task?.errand === "book" && list[0] === task.service ? task.lengthMin : undefined);
  for (const id of list.slice(0, 3)) {
    const s = house.services.get(id);
    if (!s) continue;
    // "What's a facial?" may ask what it is as well as what it costs.
    if (s.about && BARELY_WHAT.test(reading.masked)) t.say("ask/about", { about: val(`${s.name}: ${aboutInside(house, s)}`, serviceSource(house, id)) });
    if (list.length === 1) t.state.topic = id;
    else {
      delete t.state.topic;
      t.state.topics = [...list];
    }
    sayPrice(t, s, list.length > 1, wanted);
  }
  t.outcome("answered");
  return true;
}

/** Whether a price is asked of a thing that none of these services speaks of. */
function priceOfOther(t: Turn, about: readonly string[], said: string): boolean {
  const thing = headOf((PRICED.exec(said)?.[1] ?? "").replace(COMES_TO, ""));
  if (thing === null || OF_ANY_VISIT.test(thing)) return false;
  const [asked] = termsOf(thing);
  const spokenOf = about.flatMap((id) => t.house.services.get(id) ?? []).flatMap((s) => [s.name, ...s.also, s.about].flatMap((text) => termsOf(text)));
  return asked !== undefined && spokenOf.every((own) => near(asked, own) < AKIN);
}
/** Words this near speak of the same thing. */
const AKIN = 0.5;

/** What a service costs, in the length that is wished for or in all of them; among others it is called by its name. */
export function sayPrice(t: Turn, s: Service, among: boolean, wanted?: number | "long" | "short"): void {
  const source = serviceSource(t.house, s.id);
  const name = val(among || s.variants.length > 1 ? serviceText(t.house, s.id) : s.name, source);
  const priced = s.priceKept ? [] : s.variants.filter((v) => v.priceMinor !== null);
  if (priced.length === 0) {
    if (s.noPrice) t.say("ask/no-price", { say: val(s.noPrice, source) });
    else t.say("ask/no-price-bare", { service: name });
    return;
  }
  const picked = typeof wanted === "number" ? priced.filter((v) => v.lengthMin === wanted) : [];
  const parts = (picked.length > 0 ? picked : priced).map((v) => val(`${costText(t, v.priceMinor ?? 0)} for ${lengthText(v.lengthMin)}`, source));
  t.say("ask/price", { service: name, list: joinVals(parts, "and") });
}

/** A sum as it is said; nothing is free of charge. */
export const costText = (t: Turn, minor: number): string => (minor === 0 ? "free of charge" : moneyText(t.house, minor));

/** Every price that the handbook gives: service, minutes, minor units. */
const prices = (t: Turn): { id: string; minutes: number; minor: number }[] =>
  t.house.handbook.services.flatMap((s) =>
    s.priceKept ? [] : s.variants.flatMap((v) => (v.priceMinor === null ? [] : [{ id: s.id, minutes: v.lengthMin, minor: v.priceMinor }])),
  );

/** "What's the cheapest thing you do": the least, or the most, that anything costs. */
function extreme(t: Turn, reading: Reading): boolean {
  const low = CHEAPEST.test(reading.said);
  const high = DEAREST.test(reading.said);
  if (low === high) return false;
  const { task } = t.state;
  const named = ofKind(reading.found, "service").flatMap((f) => f.value);
  // "What's cheapest", asked which of some: of those.
  const among = named.length > 0 ? named : t.state.expects === "service" && task?.errand === "book" && !OF_ALL.test(reading.said) ? (task.among ?? []) : [];
  const all = prices(t)
    .filter((p) => among.length === 0 || among.includes(p.id))
    .sort((a, b) => (low ? a.minor - b.minor : b.minor - a.minor));
  const [best] = all;
  if (!best) return false;
  const source = serviceSource(t.house, best.id);
  const money = costText(t, best.minor);
  t.say("ask/price", { service: val(serviceText(t.house, best.id), source), list: val(`${money} for ${lengthText(best.minutes)}`, source) });
  t.state.topic = best.id;
  t.outcome("answered");
  return true;
}

/** "Please send me the price list": all of it in writing; on the telephone one at a time. */
function priceList(t: Turn, reading: Reading): boolean {
  if (t.state.channel === "phone" || ofKind(reading.found, "service").length > 0) return false;
  if (!ALL_PRICES.test(reading.said)) return false;
  const all = prices(t);
  if (all.length === 0) return false;
  for (const id of new Set(all.map((p) => p.id))) {
    const list = all.filter((p) => p.id === id);
    const source = serviceSource(t.house, id);
    const parts = list.map((p) => val(`${costText(t, p.minor)} for ${lengthText(p.minutes)}`, source));
    t.say("ask/price", { service: val(t.house.services.get(id)?.name ?? id, source), list: joinVals(parts, "and") });
  }
  t.outcome("answered");
  return true;
}

export function priceVal(t: Turn, serviceId: string, lengthMin: number, places: number): { text: Value; minor: number | null } {
  const service = t.house.services.get(serviceId);
  const minor = service?.priceKept ? null : (service?.variants.find((v) => v.lengthMin === lengthMin)?.priceMinor ?? null);
  const total = minor === null ? null : minor * places;
  return {
    text: total === null ? val("") : val(`, ${costText(t, total)}`, serviceSource(t.house, serviceId)),
    minor: total,
  };
}
