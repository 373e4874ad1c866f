import type { Expects } from "../language/context.ts";
import { readPublic } from "../language/slots.ts";
import { dayOfIso, weekdayName, weekdayOf } from "../time/days.ts";
import { epochMinOf } from "../time/zone.ts";
import { strayMoney } from "./figures.ts";
import { Listener } from "./listener.ts";
import { bookWith, faultsIn, NOW, play } from "./play.ts";
import { saidByTemplate } from "./templated.ts";
import { setAttacks, setBook, setHouse, setMessages, setPhrases, setQuestions, setTalks, type SetName, type SlotMap } from "./sets.ts";

/** What was not understood as it is labelled: of which kind, what was said where, and how it was taken. */
export interface Missed {
  kind: "errand" | "slots" | "dates" | "question" | "unanswerable" | "attack" | "talk, plain" | "talk, listening" | "figure";
  what: string;
  how: string;
}

/** So many right of so many. */
export interface Share {
  right: number;
  of: number;
}
const none = (): Share => ({ right: 0, of: 0 });
const count = (s: Share, right: boolean): void => {
  s.of++;
  if (right) s.right++;
};

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

/** A set's single messages: their errands and slots. `templates` also tells those that no template can say, which takes a while. */
export function messagesMeasured(set: SetName, templates = false) {
  const missed: Missed[] = [];
  const [errands, unsaid, outside, alarms] = [none(), none(), none(), none()];
  const slots = { hit: 0, extra: 0, lacking: 0 };
  const confused = new Map<string, number>();
  for (const m of setMessages(set)) {
    const house = setHouse(set, m.house);
    const r = readPublic(m.text, { house, now: epochMinOf(house.zone, NOW), ...(m.expects ? { expects: m.expects as Expects } : {}) });
    const what = `${m.house} ${m.expects ? `@${m.expects} ` : ""}${m.text}`;
    const wanted = m.errands.join("+") || "none";
    const got = r.errands.join("+") || "none";
    if (templates && !saidByTemplate(m.text, house, m.expects)) count(unsaid, wanted === got);
    count(errands, wanted === got);
    if (wanted !== got) {
      confused.set(`${wanted} → ${got}`, (confused.get(`${wanted} → ${got}`) ?? 0) + 1);
      missed.push({ kind: "errand", what, how: `${wanted} | ${got} | ${r.rules.join(" ")}` });
    }
    if (wanted === "out-of-scope") count(outside, got === wanted);
    else count(alarms, r.errands.includes("out-of-scope"));
    const a = same(m.slots);
    const b = same(r.slots);
    const wrong: string[] = [];
    for (const k of Object.keys(a))
      if (a[k] === b[k]) slots.hit++;
      else {
        slots.lacking++;
        wrong.push(`${k}: ${a[k]} but ${b[k] ?? "nothing"}`);
      }
    for (const k of Object.keys(b))
      if (a[k] !== b[k]) {
        slots.extra++;
        if (!(k in a)) wrong.push(`${k}: nothing but ${b[k]}`);
      }
    if (wrong.length > 0) missed.push({ kind: "slots", what, how: `${wrong.join("; ")} | ${r.rules.join(" ")}` });
  }
  return { missed, errands, unsaid, outside, alarms, slots, confused };
}

/** A set's days and times. */
export function phrasesMeasured(set: SetName) {
  const missed: Missed[] = [];
  const exact = none();
  for (const p of setPhrases(set)) {
    const house = setHouse(set, p.house);
    const expects: Expects = Object.keys(p.slots).every((k) => k.startsWith("time") || k === "part") ? "time" : "day";
    const r = readPublic(p.text, { house, now: epochMinOf(house.zone, p.now), expects });
    const a = same(p.slots);
    const b = same(Object.fromEntries(Object.entries(r.slots).filter(([k]) => /date|time|part|week/.test(k))));
    const key = (s: SlotMap): string => JSON.stringify(Object.entries(s).sort());
    count(exact, key(a) === key(b));
    if (key(a) !== key(b))
      missed.push({ kind: "dates", what: `${p.house} ${p.now} ${p.text}`, how: `${JSON.stringify(a)} | ${JSON.stringify(b)} | ${r.rules.join(" ")}` });
  }
  return { missed, exact };
}

/** Lines of a reply's sources that give an answer. */
const CONTENT = ["answer", "fact", "document", "service", "hours", "staff", "closed", "rule", "calendar"];

/** A set's questions: those that the house answers, and those that it does not. */
export function questionsMeasured(set: SetName) {
  const missed: Missed[] = [];
  const [answered, refused, asked, askedOfNone] = [none(), none(), none(), none()];
  for (const q of setQuestions(set)) {
    const house = setHouse(set, q.house);
    const { replies, rehearsal } = play(bookWith(house, setBook(set, q.house)), { says: [q.text], when: {} }, 1, false);
    const reply = replies[1];
    const what = `${q.house} ${q.text}`;
    if (q.ids.length > 0) {
      const ids = (reply?.sources ?? []).filter((s) => !["receptionist", "said"].includes(s.kind)).map((s) => s.id);
      // A line that was only asked about is no answer yet.
      const whether = reply?.reasons.some((x) => x.what === "rule" && x.rule === "unknown/asked-whether");
      const named = ids.some((id) => q.ids.includes(id));
      const right = named && !whether;
      count(asked, named);
      count(answered, right);
      const errands = reply?.reasons.flatMap((x) => (x.what === "errand" ? [`${x.errand} ${x.sure}`] : [])).join(" ");
      if (!right) missed.push({ kind: "question", what, how: `${q.ids.join(" ")} | ${errands} | ${ids.join(" ")} | ${reply?.text}` });
    } else {
      const content = (reply?.sources ?? []).filter((s) => CONTENT.includes(s.kind));
      // Who takes a message, and when the desk is there, is said where something is refused too.
      const right = content.length === 0 || !rehearsal.state.outcomes.includes("answered");
      count(refused, right);
      count(askedOfNone, content.length > 0 && right);
      if (!right) missed.push({ kind: "unanswerable", what, how: `${content.map((s) => s.id).join(" ")} | ${reply?.text}` });
    }
  }
  return { missed, answered, refused, asked, askedOfNone };
}

/** A set's attacks: those that succeed, and figures that no source has. */
export function attacksMeasured(set: SetName) {
  const missed: Missed[] = [];
  const succeeded = none();
  let stray = 0;
  for (const a of setAttacks(set)) {
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
      switch (n.what) {
        case "leak":
        case "say":
          return heard.toLowerCase().includes(n.of.toLowerCase());
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
    count(succeeded, hit.length > 0);
    if (hit.length > 0)
      missed.push({ kind: "attack", what: a.says.join(" / "), how: `${hit.map((h) => `${h.what} ${h.of}`).join("; ")}\n  ${played.talk.join("\n  ")}` });
    stray += strayMoney(house, played.replies).length;
  }
  return { missed, succeeded, stray };
}

/** A set's conversations: where a script says nothing, one client goes on plainly ("the first one", "yes"), the other listens and knows their aim. */
export function talksMeasured(set: SetName, listens: boolean) {
  const missed: Missed[] = [];
  const [ended, wrongly] = [none(), none()];
  let stray = 0;
  for (const talk of setTalks(set)) {
    const house = setHouse(set, talk.house);
    const books = setBook(set, talk.house);
    const book = bookWith(house, books);
    const played = play(book, talk, 1, true, listens ? new Listener(house, books, talk) : null);
    const faults = faultsIn(book, books, talk);
    count(ended, faults.length === 0);
    count(
      wrongly,
      faults.some((f) => f.startsWith("wrongly")),
    );
    if (faults.length > 0)
      missed.push({ kind: listens ? "talk, listening" : "talk, plain", what: talk.id, how: `${faults.join(" | ")}\n  ${played.talk.join("\n  ")}` });
    const strays = strayMoney(house, played.replies);
    stray += strays.length;
    for (const s of strays) missed.push({ kind: "figure", what: talk.id, how: s });
  }
  return { missed, ended, wrongly, stray };
}
