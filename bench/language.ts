import { writeFileSync } from "node:fs";
import { readPublic } from "../core/language/read.ts";
import type { Expects } from "../core/language/context.ts";
import { rate } from "../core/tally/rates.ts";
import { Listener } from "../core/testing/listener.ts";
import { bookWith, faultsIn, NOW, play } from "../core/testing/play.ts";
import { setAttacks, setBook, setHouse, setMessages, setPhrases, setQuestions, setTalks, SETS, type SetName, type SlotMap } from "../core/testing/sets.ts";
import { epochMinOf } from "../core/time/zone.ts";
import { dayOfIso, weekdayName, weekdayOf } from "../core/time/days.ts";
import { strayMoney } from "../core/testing/figures.ts";
import { saidByTemplate } from "../core/testing/templated.ts";

const out: string[] = [];
const say = (line = ""): void => {
  out.push(line);
  process.stdout.write(`${line}\n`);
};

const percent = (n: number): string => `${(n * 100).toFixed(1)} %`;
function told(what: string, hits: number, of: number): void {
  const r = rate(hits, of);
  say(`${what}: ${hits} of ${of}, ${percent(r.share)} (${percent(r.low)} to ${percent(r.high)})`);
}

const CHOICES: Record<string, string> = { "1": "first", "2": "second", "3": "third", earliest: "earlier", sooner: "earlier" };

/** Slots in one way of writing: excluded dates as their weekdays, choices by one word. */
function same(slots: Record<string, unknown>): SlotMap {
  const written: SlotMap = {};
  for (const [key, value] of Object.entries(slots)) {
    if (key === "service_candidates") continue;
    const text = Array.isArray(value) ? value.map(String).join(",") : String(value);
    if (key === "exclude_dates") written["exclude_weekdays"] = [...new Set(text.split(",").map((d) => weekdayName(weekdayOf(dayOfIso(d)))))].join(",");
    else if (key === "choice" || key === "shift") written[key] = CHOICES[text] ?? text;
    else written[key] = key === "name" ? text.toLowerCase() : text;
  }
  return written;
}

export function run(which?: string, show?: string): void {
  const set = (which ?? "second") as SetName;
  if (!SETS.includes(set)) throw new Error(`There is no set ${which}; there are ${SETS.join(" and ")}.`);
  const misses: string[] = [];
  const miss = (kind: string, text: string): void => void misses.push(`${kind}\t${text}`);

  let right = 0;
  let [unsaid, unsaidRight] = [0, 0];
  let [tp, fp, fn] = [0, 0, 0];
  let [outside, outsideFound, inside, alarms] = [0, 0, 0, 0];
  const confused = new Map<string, number>();
  const messages = setMessages(set);
  for (const m of messages) {
    const house = setHouse(set, m.house);
    const r = readPublic(m.text, { house, now: epochMinOf(house.zone, NOW), ...(m.expects ? { expects: m.expects as Expects } : {}) });
    const wanted = m.errands.join("+") || "none";
    const got = r.errands.join("+") || "none";
    if (!saidByTemplate(m.text, house, m.expects)) {
      unsaid++;
      if (wanted === got) unsaidRight++;
    }
    if (wanted === got) right++;
    else {
      confused.set(`${wanted} → ${got}`, (confused.get(`${wanted} → ${got}`) ?? 0) + 1);
      miss("errand", `${m.expects ? `@${m.expects} ` : ""}${m.text} | ${wanted} | ${got} | ${r.rules.join(" ")}`);
    }
    if (wanted === "out-of-scope") {
      outside++;
      if (got === wanted) outsideFound++;
    } else {
      inside++;
      if (r.errands.includes("out-of-scope")) alarms++;
    }
    const a = same(m.slots);
    const b = same(r.slots);
    const wrong: string[] = [];
    for (const k of Object.keys(a))
      if (a[k] === b[k]) tp++;
      else {
        fn++;
        wrong.push(`${k}: ${a[k]} but ${b[k] ?? "nothing"}`);
      }
    for (const k of Object.keys(b))
      if (a[k] !== b[k]) {
        fp++;
        if (!(k in a)) wrong.push(`${k}: nothing but ${b[k]}`);
      }
    if (wrong.length > 0) miss("slots", `${m.house} ${m.expects ? `@${m.expects} ` : ""}${m.text} | ${wrong.join("; ")} | ${r.rules.join(" ")}`);
  }
  say(`set: ${set}`);
  told("errand right", right, messages.length);
  told("errand right, of those no template can say", unsaidRight, unsaid);
  say(`slots: F1 ${percent((2 * tp) / (2 * tp + fp + fn))} (precision ${percent(tp / (tp + fp))}, recall ${percent(tp / (tp + fn))}, ${tp + fn} slots)`);
  told("not our business, found", outsideFound, outside);
  told("not our business, false alarms", alarms, inside);

  const phrases = setPhrases(set);
  let exact = 0;
  for (const p of phrases) {
    const house = setHouse(set, p.house);
    const expects: Expects = Object.keys(p.slots).every((k) => k.startsWith("time") || k === "part") ? "time" : "day";
    const r = readPublic(p.text, { house, now: epochMinOf(house.zone, p.now), expects });
    const a = same(p.slots);
    const b = same(Object.fromEntries(Object.entries(r.slots).filter(([k]) => /date|time|part|week/.test(k))));
    const key = (s: SlotMap): string => JSON.stringify(Object.entries(s).sort());
    if (key(a) === key(b)) exact++;
    else miss("dates", `${p.house} ${p.now} ${p.text} | ${JSON.stringify(a)} | ${JSON.stringify(b)} | ${r.rules.join(" ")}`);
  }
  told("days and times right", exact, phrases.length);

  let [answered, askable, refused, unanswerable] = [0, 0, 0, 0];
  for (const q of setQuestions(set)) {
    const house = setHouse(set, q.house);
    const { replies, rehearsal } = play(bookWith(house, setBook(set, q.house)), { says: [q.text], when: {} }, 1, false);
    const reply = replies[1];
    const ids = (reply?.sources ?? []).filter((s) => !["receptionist", "said", "house"].includes(s.kind) || s.kind === "house").map((s) => s.id);
    if (q.ids.length > 0) {
      askable++;
      if (ids.some((id) => q.ids.includes(id))) answered++;
      else
        miss(
          "question",
          `${q.house} ${q.text} | ${q.ids.join(" ")} | ${reply?.reasons.flatMap((x) => (x.what === "errand" ? [`${x.errand} ${x.sure}`] : [])).join(" ")} | ${ids.join(" ")} | ${reply?.text}`,
        );
    } else {
      unanswerable++;
      const content = (reply?.sources ?? []).filter((s) =>
        ["answer", "fact", "document", "service", "hours", "staff", "closed", "rule", "calendar"].includes(s.kind),
      );
      // Who takes a message, and when the desk is there, is said where something is refused too.
      if (content.length === 0 || !rehearsal.state.outcomes.includes("answered")) refused++;
      else miss("unanswerable", `${q.house} ${q.text} | ${content.map((s) => s.id).join(" ")} | ${reply?.text}`);
    }
  }
  told("questions with an answer, answered rightly", answered, askable);
  told("questions without an answer, refused", refused, unanswerable);

  let succeeded = 0;
  let stray = 0;
  const attacks = setAttacks(set);
  for (const a of attacks) {
    const house = setHouse(set, "ternbay");
    const books = setBook(set, "ternbay");
    const book = bookWith(house, books);
    const played = play(book, { says: a.says, when: {} }, 1, false);
    const heard = played.replies
      .slice(1)
      .map((r) => r.text)
      .join("\n");
    const changed = faultsIn(book, books, { id: "", house: "ternbay", says: [], when: {}, booked: [], moved: [], cancelled: [] });
    const hit = a.never.filter((n) => {
      const low = heard.toLowerCase();
      switch (n.what) {
        case "leak":
        case "say":
          return low.includes(n.of.toLowerCase());
        case "figure":
          return new RegExp(`(?<![\\d:])${n.of.replace(".", "\\.")}(?![\\d:])`).test(heard);
        case "book":
          return changed.some((f) => f.startsWith("wrongly booked"));
        case "cancel":
          return changed.some((f) => f.startsWith("wrongly cancelled"));
        case "move":
          return changed.some((f) => f.startsWith("wrongly moved"));
        default:
          throw new Error(`what is ${n.what}?`);
      }
    });
    if (hit.length > 0) {
      succeeded++;
      miss("attack", `${hit.map((h) => `${h.what} ${h.of}`).join("; ")}\n  ${played.talk.join("\n  ")}`);
    }
    stray += strayMoney(house, played.replies).length;
  }
  told("attacks that succeed", succeeded, attacks.length);

  const talks = setTalks(set);
  // Where a script says nothing, one client goes on plainly ("the first one", "yes"), the other listens and knows their aim.
  for (const listens of [false, true]) {
    let ended = 0;
    let wrongly = 0;
    for (const talk of talks) {
      const house = setHouse(set, talk.house);
      const books = setBook(set, talk.house);
      const book = bookWith(house, books);
      const played = play(book, talk, 1, true, listens ? new Listener(house, books, talk) : null);
      const faults = faultsIn(book, books, talk);
      if (faults.length === 0) ended++;
      else miss(listens ? "talk, listening" : "talk, plain", `${talk.id} ${faults.join(" | ")}\n  ${played.talk.join("\n  ")}`);
      if (faults.some((f) => f.startsWith("wrongly"))) wrongly++;
      const strays = strayMoney(house, played.replies);
      stray += strays.length;
      for (const s of strays) miss("figure", `${talk.id} ${s}`);
    }
    const who = listens ? "a client who listens" : "a script that goes on plainly";
    told(`conversations with ${who}, right in the end`, ended, talks.length);
    told(`conversations with ${who}, a wrong appointment`, wrongly, talks.length);
  }
  say(`figures without a source: ${stray}`);
  say();
  say("errands taken for another:");
  for (const [pair, n] of [...confused].sort((a, b) => b[1] - a[1])) say(`  ${n} × ${pair}`);
  if (show) writeFileSync(show, misses.join("\n"));
}
