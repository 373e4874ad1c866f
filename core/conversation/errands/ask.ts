import type { Service } from "../../house/schema.ts";
import { ofKind } from "../../language/found.ts";
import type { Errand } from "../../language/errand.ts";
import type { Reading } from "../../language/read.ts";
import { answerTo, SUPPORTS, type Match } from "../../knowledge/match.ts";
import { contentOf, ownAnswerTo } from "../../knowledge/search.ts";
import { WEEKDAYS, weekdayName, weekdayNumber, weekdayOf, type DayNumber } from "../../time/days.ts";
import { calledText, dateText, lengthText, listText, moneyText, serviceText, spanText, timeText } from "../format.ts";
import { closedSource, hoursSource, ruleSource, saidSource, serviceSource, staffSource } from "../sources.ts";
import type { BookTask, Source } from "../state.ts";
import { joinVals, val, type Turn, type Value } from "../turn.ts";
import { feeVal } from "./fee.ts";

/** As sure as this, a line of the handbook goes before what else could be said. */
const SURELY = 0.5;
/** As sure as this, a line was written for just this question. */
const PLAINLY = 0.65;

/** Answers one question from the house; false when the house has nothing that supports an answer. */
export function answer(t: Turn, errand: Errand, reading: Reading): boolean {
  if ((errand === "ask-price" || errand === "ask-policy") && feeOfThat(t, reading)) return true;
  if (plainlyWritten(t, errand, reading)) return true;
  switch (errand) {
    case "ask-price":
      // "How loud is it" measures something else than money.
      if (/\bhow (?!much\b|many\b|about\b|do\b|does\b|is\b|are\b)\w+ (?:is|are|was|does|do)\b/i.test(reading.said) && !OF_MONEY.test(reading.said))
        return fromHandbook(t, reading);
      // Where no word speaks of money, a line of the handbook may be what is asked for.
      if (!SPEAKS_OF_MONEY.test(reading.said) && fromHandbook(t, reading, SURELY)) return true;
      return priceLine(t, reading) || price(t, reading);
    case "ask-hours":
      return hours(t, reading);
    case "ask-place":
      return (
        fromHandbook(t, reading) ||
        (/\b(?:where|address|located|location|find|directions?|street|get (?:to|there)|reach|how far)\b/i.test(reading.said) && place(t))
      );
    case "ask-staff":
      return staff(t, reading);
    case "ask-service":
      return service(t, reading);
    default: {
      // A rule is asked for, whichever service it is said of: what is left without the names tells most.
      const bare = reading.masked.replace(/<\w+>/g, " ");
      return (bare.trim() !== reading.text.trim() && fromHandbook(t, reading, SURELY, bare)) || fromHandbook(t, reading) || ruleLine(t, reading);
    }
  }
}

/** A question that a line of the handbook was plainly written for, whatever kind of question it seems to be. */
function plainlyWritten(t: Turn, errand: Errand, reading: Reading): boolean {
  const has = (kind: string): boolean => reading.found.some((f) => f.kind === kind);
  if (errand === "ask-mine" || errand === "ask-availability") return false;
  if (errand === "ask-hours" && has("day")) return false;
  if (errand === "ask-staff" && (has("staff") || has("gender"))) return false;
  // What is sought is one of the services, not a line that speaks of the same complaint.
  if (errand === "ask-service" && SEEKS.test(reading.said.toLowerCase())) return false;
  if (errand === "ask-price" && SPEAKS_OF_MONEY.test(reading.said)) return false;
  return fromHandbook(t, reading, PLAINLY, reading.text, true, ["answer", "fact", "document"]);
}

/** "Is there a fee?", while a visit is being moved or cancelled, asks for the fee of that. */
export function feeOfThat(t: Turn, reading: Reading): boolean {
  const { task } = t.state;
  if (
    (task?.errand !== "move" && task?.errand !== "cancel") ||
    !task.appointment ||
    ofKind(reading.found, "service").length > 0 ||
    !/\b(?:fees?|charged?|cost|penalty|pay)\b/i.test(reading.said)
  )
    return false;
  t.say("ask/fee-of-that", { fee: feeVal(t, task.appointment) });
  t.outcome("answered");
  return true;
}

/** What the house's own rules of booking say, where no line of the handbook does. */
function ruleLine(t: Turn, reading: Reading): boolean {
  const text = reading.said.toLowerCase();
  const rules = t.house.handbook.rules;
  const percent = (n: number, key: "lateFeePercent" | "missedFeePercent", label: string): Value =>
    val(n === 100 ? "the whole" : n === 50 ? "half" : `${n} percent`, ruleSource(key, label));
  if (/\b(?:miss|missed|no[- ]show|(?:don't|do not|doesn't|didn't|not) (?:show|turn) up|forget to come)\b/.test(text)) {
    t.say("ask/rule-missed", { percent: percent(rules.missedFeePercent, "missedFeePercent", "Missed visits") });
  } else if (/\b(?:cancel\w*|call (?:it )?off|move it|reschedul\w*|chang(?:e|ing)|notice|late fee|back out|drop out)\b/.test(text)) {
    if (rules.lateFeePercent === 0) t.say("ask/rule-late-free");
    else
      t.say("ask/rule-late", {
        free: val(spanText(rules.freeUntilMin), ruleSource("freeUntilMin", "Free until")),
        percent: percent(rules.lateFeePercent, "lateFeePercent", "Late fee"),
      });
  } else if (/\b(?:ahead|in advance|advance|last minute|short notice|how (?:early|late|soon) (?:can|may|must|do) (?:i|we|one) (?:book|reserve))\b/.test(text)) {
    t.say("ask/rule-ahead", {
      days: val(String(rules.horizonDays), ruleSource("horizonDays", "How far ahead")),
      notice: val(spanText(rules.noticeMin), ruleSource("noticeMin", "Notice")),
    });
  } else return false;
  t.outcome("answered");
  return true;
}

const SPEAKS_OF_MONEY =
  /how much|\b(?:cost|price|pric|charge|fee|rate|pay|paid|expensive|dear|cheap|free|money|dollar|buck|euro|pound|set me back|run me|damage|quote|extra|included|more than|less than|owe|worth|tax|total|altogether)|[$€£]/i;

const OF_MONEY = /\b(?:expensive|dear|pricey|costly|cheap|cost|price|charge|fee|pay)/i;

/** A question of money that names no service is about something else that has a line: tax, a voucher, a late fee. */
function priceLine(t: Turn, reading: Reading): boolean {
  return ofKind(reading.found, "service").length === 0 && fromHandbook(t, reading, SURELY);
}

/** An answer or fact of the handbook that the question's words support. */
export function fromHandbook(
  t: Turn,
  reading: Reading,
  least = SUPPORTS,
  question = reading.text,
  telling = false,
  kinds: readonly Source["kind"][] | null = null,
): boolean {
  const bare = reading.masked.replace(/<\w+>/g, " ");
  const fits = (h: Match | null, from: number): boolean =>
    h !== null && h.sure >= from && (h.telling || !telling) && (!kinds || kinds.includes(h.passage.kind));
  const hit =
    [question, ...partsOf(question)].map((q) => answerTo(t.house, q)).find((h) => fits(h, least)) ??
    // Without the names of services and people, what is left tells what is asked of them.
    (question === reading.text && contentOf(bare).length > 0 ? [answerTo(t.house, bare)].find((h) => fits(h, least + 0.15)) : undefined);
  if (!hit) return false;
  // Two questions that one line answers are answered once.
  if (t.rests(hit.passage.kind, hit.passage.id)) return true;
  t.say("ask/answer", { answer: val(hit.passage.text, { kind: hit.passage.kind, id: hit.passage.id, label: hit.passage.label }) });
  if (hit.passage.kind === "service") t.state.topic = hit.passage.id;
  t.outcome("answered");
  return true;
}

/** A message of several sentences asks in one of them: each that asks is looked at by itself. */
function partsOf(text: string): string[] {
  const parts = text
    .split(
      /(?<=[.!?;])\s+|,?\s+(?:oh,? and|and also|also,?|by the way,?)\s+|,\s+(?=(?:is|are|do|does|can|could|may|must|what|where|when|who|how|will|would)\b)/i,
    )
    .filter((p) => /\w{3}/.test(p));
  return parts.length > 1 ? parts.reverse() : [];
}

/** A question asked nearly as the handbook has it is answered by that line, whatever else its words might mean. */
export function inOwnWords(t: Turn, reading: Reading): boolean {
  const passage = reading.question ? ownAnswerTo(t.house, reading.text) : null;
  if (!passage) return false;
  t.say("ask/answer", { answer: val(passage.text, { kind: passage.kind, id: passage.id, label: passage.label }) });
  t.rule("answer/own-words");
  t.outcome("answered");
  return true;
}

function spoken(t: Turn, reading: Reading): string[] {
  const said = ofKind(reading.found, "service").flatMap((f) => f.value);
  if (said.length > 0) return [...new Set(said)];
  const task = t.state.task;
  if (task?.errand === "book" && task.service) return [task.service];
  if ((task?.errand === "move" || task?.errand === "cancel") && task.appointment) return [task.appointment.service];
  if (task?.errand === "book" && task.among) return task.among;
  return t.state.topic ? [t.state.topic] : (t.state.topics ?? []);
}

export function price(t: Turn, reading: Reading): boolean {
  const { house } = t;
  if (extreme(t, reading) || priceList(t, reading)) return true;
  const list = spoken(t, reading);
  // "How much is a voucher" asks for something else than a service: what is left without the price words tells.
  const rest = reading.text.replace(/\b(?:how much|what|cost|costs|price|prices|pay|charge|fee|does|is|it|that|the|do|and|much|expensive)\b/gi, " ");
  if (ofKind(reading.found, "service").length === 0 && /\w{3}/.test(rest) && fromHandbook(t, reading, SURELY, rest)) return true;
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
    if (list.length === 1) t.state.topic = id;
    else {
      delete t.state.topic;
      t.state.topics = [...list];
    }
    const source = serviceSource(house, id);
    const name = val(list.length > 1 || s.variants.length > 1 ? serviceText(house, id) : s.name, source);
    const priced = s.priceKept ? [] : s.variants.filter((v) => v.priceMinor !== null);
    if (priced.length === 0) {
      if (s.noPrice) t.say("ask/no-price", { say: val(s.noPrice, source) });
      else t.say("ask/no-price-bare", { service: name });
      continue;
    }
    const picked = typeof wanted === "number" ? priced.filter((v) => v.lengthMin === wanted) : [];
    const shown = picked.length > 0 ? picked : priced;
    const parts = shown.map((v) => {
      return val(`${costText(t, v.priceMinor ?? 0)} for ${lengthText(v.lengthMin)}`, source);
    });
    t.say("ask/price", { service: name, list: joinVals(parts, "and") });
  }
  t.outcome("answered");
  return true;
}

const costText = (t: Turn, minor: number): string => (minor === 0 ? "free of charge" : moneyText(t.house, minor));

/** Every price that the handbook gives: service, minutes, minor units. */
const prices = (t: Turn): { id: string; minutes: number; minor: number }[] =>
  t.house.handbook.services.flatMap((s) =>
    s.priceKept ? [] : s.variants.flatMap((v) => (v.priceMinor === null ? [] : [{ id: s.id, minutes: v.lengthMin, minor: v.priceMinor }])),
  );

/** "What's the cheapest thing you do": the least, or the most, that anything costs. */
function extreme(t: Turn, reading: Reading): boolean {
  const low = /\b(?:cheapest|least expensive|lowest(?:-priced)?|least)\b/i.test(reading.said);
  const high = /\b(?:dearest|most expensive|priciest|highest)\b/i.test(reading.said);
  if (low === high) return false;
  const named = ofKind(reading.found, "service").flatMap((f) => f.value);
  const all = prices(t)
    .filter((p) => named.length === 0 || named.includes(p.id))
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
  if (
    !/\b(?:price ?lists?|(?:list|overview) of (?:your |the |all )*prices|all (?:of )?(?:your |the )?prices|your prices|prices for everything|menu)\b/i.test(
      reading.said,
    )
  )
    return false;
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

function hoursText(t: Turn, day: DayNumber): Value {
  const windows = t.house.openOn(day);
  return val(
    listText(
      windows.map((w) => `${timeText(t.house, w.fromMin)} to ${timeText(t.house, w.toMin)}`),
      "and",
    ),
    ...windows.map((w) => hoursSource(w.id)),
  );
}

function hours(t: Turn, reading: Reading): boolean {
  const { house } = t;
  // What is asked besides when the house is open is no question of hours.
  if (
    !/\b(?:open|opens|opening|close|closed|closes|closing|shut|hours?|till|until|when|late|early|latest|times?|start|finish|working|work|there|around|weekends?|holidays?|bank)\b/i.test(
      reading.said,
    ) &&
    contentOf(reading.masked.replace(/<\w+>/g, " ")).length > 0
  )
    return fromHandbook(t, reading);
  if (house.handbook.hours.length === 0) {
    t.say("ask/no-hours");
    return true;
  }
  const days = ofKind(reading.found, "day").filter((d) => !d.not);
  const asked: DayNumber[] = [];
  const weekdays: number[] = [];
  for (const d of days) {
    const v = d.value;
    if (v.kind === "weekdays") weekdays.push(...v.weekdays);
    else if (v.kind === "ask" || v.kind === "either") asked.push(...v.days);
    else if (v.kind === "days" && v.from !== undefined && v.to !== undefined && v.to - v.from <= 1) for (let x = v.from; x <= v.to; x++) asked.push(x);
  }
  const today = house.zone.toLocal(t.now).day;
  for (const w of weekdays) {
    let x = today + ((w - weekdayOf(today) + 7) % 7);
    // A weekday in general is read from the weekly hours, not from a day that happens to be closed.
    for (let i = 0; i < 8 && house.closedOn(x); i++) x += 7;
    const weekday = val(weekdayName(w));
    if (house.openOn(x).length === 0) t.say("ask/hours-closed-weekday", { weekday: val(weekday.text, ...house.handbook.hours.map((h) => hoursSource(h.id))) });
    else t.say("ask/hours-weekday", { weekday, hours: hoursText(t, x) });
  }
  for (const x of asked.slice(0, 3)) {
    const date = val(dateText(house, x), saidSource);
    const closed = house.closedOn(x);
    if (closed) t.say("ask/hours-closed-named", { date, name: val(closed.name, closedSource(house, closed.id)) });
    else if (house.openOn(x).length === 0)
      t.say("ask/hours-closed", { date: val(date.text, saidSource, ...house.handbook.hours.map((h) => hoursSource(h.id))) });
    else t.say("ask/hours-day", { date, hours: hoursText(t, x) });
  }
  if (asked.length === 0 && weekdays.length === 0) {
    const parts = house.handbook.hours.map((h) =>
      val(`${weekdaysText(h.weekdays.map(weekdayNumber))} ${timeText(house, toMin(h.from))} to ${timeText(house, toMin(h.to))}`, hoursSource(h.id)),
    );
    t.say("ask/hours", { list: joinVals(parts, "and") });
  }
  t.outcome("answered");
  return true;
}

const toMin = (s: string): number => Number(s.slice(0, 2)) * 60 + Number(s.slice(3));

/** "Monday to Thursday", "Tuesday and Thursday". */
export function weekdaysText(days: readonly number[]): string {
  const sorted = [...new Set(days)].sort((a, b) => a - b);
  const first = sorted[0];
  const end = sorted.at(-1);
  if (first !== undefined && end !== undefined && sorted.length > 2 && end - first === sorted.length - 1)
    return `${WEEKDAYS[first - 1]} to ${WEEKDAYS[end - 1]}`;
  return listText(
    sorted.map((d) => WEEKDAYS[d - 1] as string),
    "and",
  );
}

function place(t: Turn): boolean {
  const p = t.house.handbook.place;
  const text = [p.street, p.town, p.region].filter(Boolean).join(", ");
  if (!text) return false;
  t.say("ask/place", { place: val(text, { kind: "house", id: "place", label: "Address" }) });
  t.outcome("answered");
  return true;
}

const namesVals = (t: Turn, ids: readonly string[]): Value[] => ids.map((id) => val(calledText(t.house, id), staffSource(t.house, id)));
const namesVal = (t: Turn, ids: readonly string[], word: "or" | "and"): Value => joinVals(namesVals(t, ids), word);

function staff(t: Turn, reading: Reading): boolean {
  const { house } = t;
  const people = ofKind(reading.found, "staff").flatMap((s) => (s.value === "any" ? [] : s.value));
  const named = ofKind(reading.found, "service").flatMap((f) => f.value);
  const days = ofKind(reading.found, "day").filter((d) => !d.not);
  const gender = ofKind(reading.found, "gender").at(-1)?.value;
  // What is asked of a person besides their work and days is the handbook's to say, or nobody's.
  if (people.length > 0 && besides(t, reading, people)) return fromHandbook(t, reading, SUPPORTS, reading.masked.replace(/<\w+>/g, " "));
  for (const who of [...new Set(people)].slice(0, 3)) {
    const person = house.staff.get(who);
    if (!person) continue;
    const name = val(calledText(house, who), staffSource(house, who));
    const [firstNamed] = named;
    if (firstNamed !== undefined && days.length === 0) {
      const does = named.filter((s) => house.services.get(s)?.staff.includes(who));
      const s = does[0] ?? firstNamed;
      const service = val(serviceText(house, s), serviceSource(house, s));
      const others = (house.services.get(s)?.staff ?? []).filter((o) => o !== who);
      if (does.length > 0) t.say("ask/does", { staff: name, service });
      else if (others.length > 0) t.say("ask/does-not", { staff: name, service, people: namesVal(t, others, "or") });
      else t.say("ask/does-not-nobody", { staff: name, service });
      continue;
    }
    const asked = days.flatMap((d): DayNumber[] => {
      const v = d.value;
      if (v.kind === "days" && v.from !== undefined && v.to !== undefined && v.to - v.from < 7)
        return Array.from({ length: v.to - v.from + 1 }, (_, i) => (v.from as number) + i);
      if (v.kind === "ask" || v.kind === "either") return v.days;
      if (v.kind === "weekdays") return v.weekdays.map((w) => house.zone.toLocal(t.now).day + ((w - weekdayOf(house.zone.toLocal(t.now).day) + 7) % 7));
      return [];
    });
    if (asked.length > 0 && person.hours.length > 0) {
      for (const x of asked.slice(0, 3)) {
        const date = val(dateText(house, x), saidSource);
        const own = house.worksOn(who, x);
        if (own.length === 0) t.say("ask/not-in", { staff: name, date });
        else
          t.say("ask/in", {
            staff: name,
            date,
            hours: val(
              listText(
                own.map((w) => `${timeText(house, w.fromMin)} to ${timeText(house, w.toMin)}`),
                "and",
              ),
              staffSource(house, who),
            ),
          });
      }
      continue;
    }
    const work = val(person.work, staffSource(house, who));
    const classes = house.handbook.services.filter((s) => s.group && s.staff.includes(who));
    if (person.hours.length > 0) {
      const list = joinVals(
        person.hours.map((h) =>
          val(
            `${h.every ? "some " : ""}${weekdaysText(h.weekdays.map(weekdayNumber))}${h.every ? "s" : ""} ${timeText(house, toMin(h.from))} to ${timeText(house, toMin(h.to))}`,
            staffSource(house, who),
          ),
        ),
        "and",
      );
      t.say("ask/works", { staff: name, work, list });
    } else if (classes.length > 0) {
      const list = joinVals(
        classes.flatMap((s) =>
          (s.group?.times ?? []).map((x) =>
            val(`${serviceText(house, s.id)} ${weekdaysText(x.weekdays.map(weekdayNumber))} ${timeText(house, toMin(x.at))}`, serviceSource(house, s.id)),
          ),
        ),
        "and",
      );
      t.say("ask/teaches", { staff: name, work, list });
    } else t.say("ask/staff-only", { staff: name, work });
  }
  if (people.length > 0) {
    t.outcome("answered");
    return true;
  }
  const ofThat = gender !== undefined || /\b(?:it|that|this|one|with)\b/i.test(reading.said);
  const about = named.length > 0 ? named : ofThat ? spoken(t, reading) : [];
  // "Who does that?" speaks of nothing else than what was spoken of.
  const besidesIt = contentOf(reading.masked.replace(/<\w+>/g, " ")).some((w) => !ABOUT_WORK.has(w));
  if (named.length === 0 && (about.length === 0 || besidesIt) && fromHandbook(t, reading, SURELY)) return true;
  const all = [...new Set(about.flatMap((s) => house.services.get(s)?.staff ?? []))];
  if (gender) {
    const list = (all.length > 0 ? all : house.handbook.staff.filter((p) => p.bookable).map((p) => p.id)).filter(
      (id) => house.staff.get(id)?.gender === gender,
    );
    if (list.length === 1) t.state.person = list[0] as string;
    if (list.length > 0) t.say(list.length === 1 ? "ask/of-gender-one" : "ask/of-gender", { people: namesVal(t, list, "and") });
    else t.say("ask/of-gender-none");
    t.outcome("answered");
    return true;
  }
  if (about.length === 0) return team(t, reading);
  for (const s of about.slice(0, 3)) {
    const who = house.services.get(s)?.staff ?? [];
    t.say("ask/who-does", { service: val(serviceText(house, s), serviceSource(house, s)), people: namesVal(t, who, "or") });
  }
  t.outcome("answered");
  return true;
}

/** Nothing but people in general is asked for: who there is, by their work. */
function team(t: Turn, reading: Reading): boolean {
  const { house } = t;
  const roles = new Map<string, string[]>();
  for (const p of house.handbook.staff) if (p.bookable && p.work !== "") roles.set(p.work, [...(roles.get(p.work) ?? []), p.id]);
  const known = new Set([...PEOPLE, ...[...roles.keys()].flatMap(contentOf)]);
  if (roles.size === 0 || contentOf(reading.masked.replace(/<\w+>/g, " ")).some((w) => !known.has(w))) return false;
  const parts = [...roles].map(([work, ids]) => val(`${work}: ${few(t, namesVals(t, ids)).text}`, ...ids.map((id) => staffSource(house, id))));
  const cut = t.state.channel === "phone" ? parts.slice(0, MOST_ALOUD) : parts;
  t.say("ask/team", { list: val(cut.map((p) => p.text).join("; "), ...cut.flatMap((p) => p.sources)) });
  t.outcome("answered");
  return true;
}

const PEOPLE = new Set(
  contentOf("who people person persons staff team therapist therapists works working work here there see anybody somebody everyone clinic place names called"),
);

/** So much is said of a list on the telephone. */
const MOST_ALOUD = 3;

/** All of a list in writing, and on the telephone the first of it: nobody keeps more in mind. */
function few(t: Turn, list: readonly Value[]): Value {
  if (t.state.channel !== "phone" || list.length <= MOST_ALOUD) return joinVals(list, "and");
  return joinVals([...list.slice(0, MOST_ALOUD), val("others")], "and");
}

/** Services for a list that is cut: those first that are of different kinds. */
function unlike(t: Turn): string[] {
  const first: string[] = [];
  const later: string[] = [];
  const words = new Set<string>();
  for (const s of t.house.handbook.services) {
    const own = contentOf(s.name);
    (own.some((w) => words.has(w)) ? later : first).push(s.id);
    for (const w of own) words.add(w);
  }
  return [...first, ...later];
}

/** What there is to choose from; on the telephone a few, and what else it is for is asked. */
function services(t: Turn): void {
  const { house } = t;
  const ids = t.state.channel === "phone" ? unlike(t) : house.handbook.services.map((s) => s.id);
  t.say("ask/services", {
    list: few(
      t,
      ids.map((id) => val(serviceText(house, id), serviceSource(house, id))),
    ),
  });
}

/** Whether a question speaks of services in general and of nothing else: "what do you offer", "is there a menu". */
function ofServices(reading: Reading): boolean {
  const words = contentOf(reading.masked.replace(/<\w+>/g, " "));
  return reading.question && words.every((w) => SERVICES.has(w)) && (words.length > 0 || /\b(?:what|which)\b.*\b(?:do|have)\b/i.test(reading.said));
}

const SERVICES = new Set(
  contentOf(
    "what which offer offers offering provide provides services service treatments treatment kinds kind sorts sort types type menu list range options available have do there here clinic place book bookable get choose tell",
  ),
);

/** Whether a question about people speaks of more than their work, their services and when they are in. */
function besides(t: Turn, reading: Reading, people: readonly string[]): boolean {
  const known = new Set(
    people.flatMap((p) => {
      const person = t.house.staff.get(p);
      const does = t.house.handbook.services.filter((s) => s.staff.includes(p)).flatMap((s) => [s.name, ...s.also, s.about]);
      return contentOf([person?.work ?? "", person?.name ?? "", ...does].join(" "));
    }),
  );
  return contentOf(reading.masked.replace(/<\w+>/g, " ")).some((w) => !known.has(w) && !ABOUT_WORK.has(w));
}

const ABOUT_WORK = new Set(
  contentOf(
    "working works hours schedule rota duty shift holiday vacation qualified qualification trained experience certified specialise therapist teach teaches team staff clinic",
  ),
);

/** Questions that a description answers, whatever else they name. */
const ASKS_WHAT =
  /\bwhat\b[^?]*\b(?:include|included|involve|involved|cover|covered|like)\b|\bwhat(?:'?s| is| are| exactly is| is exactly)? (?:a |an |the |this )?<service>\W*(?:like|about|thing|for|good for)?\W*$|\b(?:tell me|know) (?:a bit |more )?about (?:the |your )?<service>|\bexplain (?:the |a )?<service>|\b(?:do|does) (?:you|anybody|anyone|they|ye)(?: guys)? (?:do|offer|have|give|provide|also do) (?:a |any |the )?<service>\W*$|\bwhat (?:happens|goes on)\b|\bhow does (?:the |a )?<service> work/;

/** Whether a question speaks of something that neither the services' names nor their descriptions have. */
export function beyond(t: Turn, reading: Reading, ids: readonly string[]): boolean {
  const known = new Set(
    ids.flatMap((id) => {
      const s = t.house.services.get(id);
      return s ? [...contentOf(s.name), ...s.also.flatMap(contentOf), ...contentOf(s.about), ...contentOf(s.bring ?? "")] : [];
    }),
  );
  return contentOf(reading.said).some((w) => !known.has(w));
}

function service(t: Turn, reading: Reading): boolean {
  const { house } = t;
  const text = reading.said.toLowerCase();
  const named = ofKind(reading.found, "service").flatMap((f) => f.value);
  const list = named.length > 0 ? named : spoken(t, reading);
  const one = list[0];
  const long = /\bhow long\b|\bhow many minutes\b|\bduration\b/.test(text);
  const bring = /\b(?:bring|wear|clothes|shoes|prepare)\b/.test(text);
  const info = one === undefined ? undefined : house.services.get(one);
  const done = (): true => {
    t.outcome("answered");
    return true;
  };
  if (long && info && one !== undefined) {
    if (list.length === 1) t.state.topic = one;
    for (const id of list.slice(0, 3)) {
      const source: Source = serviceSource(house, id);
      const s = house.services.get(id);
      if (s)
        t.say("ask/length", {
          service: val(s.name, source),
          list: joinVals(
            s.variants.map((v) => val(lengthText(v.lengthMin), source)),
            "or",
          ),
        });
    }
    return done();
  }
  if (bring && info?.bring && one !== undefined) {
    t.state.topic = one;
    t.say("ask/bring", { bring: val(info.bring, serviceSource(house, one)) });
    return done();
  }
  if (info?.group && one !== undefined && WHEN_IT_IS.test(text) && (named.length > 0 || contentOf(reading.said).length === 0))
    return classTimes(t, one) && done();
  // "Which massage would you recommend": each of those that the word stands for is told, and which it is to be is theirs to say.
  const several = ofKind(reading.found, "service").find((f) => f.value.length > 1);
  if (several && several.value.length <= 3 && SEEKS.test(text)) {
    for (const id of several.value) {
      const s = house.services.get(id);
      if (s?.about) t.say("ask/about", { about: val(`${s.name}: ${aboutIn(s)}`, serviceSource(house, id)) });
    }
    t.say("ask/which-of-these");
    t.state.topics = [...several.value];
    t.state.asking = "book";
    t.expect(
      "service",
      several.value.map((id) => ({ label: house.services.get(id)?.name ?? id, say: house.services.get(id)?.name ?? id })),
    );
    return done();
  }
  if (!t.state.task && named.length === 0 && SEEKS_HELP.test(text)) {
    const fresh: BookTask = { errand: "book", wish: {}, offered: [], refused: [] };
    if (startWith(t, fresh)) {
      t.state.task = fresh;
      return done();
    }
  }
  // "My neck is stiff, what would you suggest": what there is to choose from; which of it is theirs to say.
  if (!t.state.task && named.length === 0 && SEEKS.test(text)) {
    services(t);
    t.expect("service");
    t.state.asking = "book";
    return done();
  }
  if (named.length === 0 && ofServices(reading)) {
    services(t);
    return done();
  }
  // "What massages do you have": all that the one word stands for.
  const kinds = ofKind(reading.found, "service").find((f) => f.value.length > 1);
  if (kinds && named.length === kinds.value.length && ofServices(reading)) {
    t.say("ask/services-of", {
      list: few(
        t,
        kinds.value.map((id) => val(serviceText(house, id), serviceSource(house, id))),
      ),
    });
    t.state.topics = [...kinds.value];
    return done();
  }
  // A wording of the handbook's own answers goes before the description.
  const asks = ASKS_WHAT.test(reading.masked);
  const bare = reading.masked.replace(/<\w+>/g, " ");
  if (fromHandbook(t, reading, named.length > 0 && asks ? 0.7 : SUPPORTS)) return true;
  if (named.length > 0 && !asks && fromHandbook(t, reading, SURELY, bare)) return true;
  // What the description does not speak of, it does not answer.
  if (named.length > 0 && !asks && beyond(t, reading, named)) return false;
  if (named.length > 0) {
    for (const id of [...new Set(named)].slice(0, 2)) {
      const s = house.services.get(id);
      if (!s) continue;
      t.state.topic = id;
      const source = serviceSource(house, id);
      if (s.about)
        t.say("ask/about", {
          about: val(named.length > 1 || /\bdo you\b|offer/.test(text) ? `${s.name}: ${aboutIn(s)}` : s.about, source),
        });
      t.say("ask/length", {
        service: val(s.name, source),
        list: joinVals(
          s.variants.map((v) => val(lengthText(v.lengthMin), source)),
          "or",
        ),
      });
    }
    return done();
  }
  // Of what was spoken of last: what its description speaks of, it answers.
  if (one !== undefined && info?.about && contentOf(reading.said).length > 0 && !beyond(t, reading, [one])) {
    t.state.topic = one;
    t.say("ask/about", { about: val(info.about, serviceSource(house, one)) });
    return done();
  }
  if (/\b(?:what|which) (?:services|treatments|kinds?|sorts?|do you (?:do|offer))|\bwhat.*\boffer\b/.test(text)) {
    services(t);
    return done();
  }
  return false;
}

const WHEN_IT_IS = /\b(?:when|what (?:time|day)s?|which days?)\b/;

/** A description to stand inside a sentence: its first letter small. */
const aboutIn = (s: Service): string => s.about.slice(0, 1).toLowerCase() + s.about.slice(1);

/** When a class is held. */
function classTimes(t: Turn, id: string): boolean {
  const s = t.house.services.get(id);
  const times = s?.group?.times ?? [];
  if (!s || times.length === 0) return false;
  const source = serviceSource(t.house, id);
  t.state.topic = id;
  t.say("ask/class-times", {
    service: val(s.name, source),
    list: joinVals(
      times.map((x) => val(`${weekdaysText(x.weekdays.map(weekdayNumber))} at ${timeText(t.house, toMin(x.at))}`, source)),
      "and",
    ),
  });
  return true;
}

/** Whoever has a complaint and seeks help begins with what the house has everybody begin with, where there is one such. */
export function startWith(t: Turn, task: BookTask): boolean {
  const firsts = [...new Set(t.house.handbook.services.flatMap((s) => (s.after ? [s.after] : [])))];
  const [first] = firsts;
  const s = first === undefined ? undefined : t.house.services.get(first);
  if (!s || firsts.length !== 1 || first === undefined) return false;
  const source = serviceSource(t.house, first);
  t.say("ask/start-with", {
    service: val(`a ${serviceText(t.house, first)}`, source),
    about: val(aboutIn(s), source),
  });
  task.among = [first];
  task.suggested = true;
  t.expect("service", [
    { label: s.name, say: s.name },
    { label: "No, thank you", say: "No, thank you" },
  ]);
  return true;
}

/** A complaint with a question what can be done: "my back hurts, what can I do". */
const SEEKS_HELP =
  /\b(?:hurts?|hurting|aches?|aching|pain(?:s|ful)?|sore|stiff|swollen|pulled|sprained|twisted|injured|injury|strained|broke|broken|problem|trouble)\b[^?]*\b(?:what (?:can|could|should|do|would|shall) (?:i|you|we|one|be)|can you (?:do|help)|(?:who|what) (?:can|could|would) help|help me)\b/;

const SEEKS =
  /\b(?:suggest|recommend|advise)\b|\b(?:which|what) (?:one|treatment|service|kind|sort)s? (?:do|would|should|is|are|helps?)\b|\bwhat (?:do|should|would) i (?:need|take|have|book)\b/;
