import type { CopyAppointment, CopyBook } from "../conversation/copybook.ts";
import { lengthText } from "../conversation/format.ts";
import type { House } from "../house/compile.ts";
import type { Question, Service } from "../house/schema.ts";
import { openings, type Opening } from "../schedule/openings.ts";
import { MONTHS, partsOf, weekdayName, weekdayOf, type DayNumber } from "../time/days.ts";
import type { EpochMin } from "../time/zone.ts";
import { letterWord } from "../speech/words.ts";
import { daysIn, timesIn, type Heard } from "./ear.ts";
import type { Ways } from "./ways.ts";

export const TEMPERS = ["terse", "chatty", "all-at-once", "one-by-one", "correcting", "wandering", "undecided", "careless", "hesitant"] as const;
export type Temper = (typeof TEMPERS)[number];
export const AIMS = ["book", "move", "cancel", "ask"] as const;
export type Aim = (typeof AIMS)[number];

/** What a caller wants of a time: an hour, a part of the day, or nothing. */
type TimeWish = { kind: "at"; minute: number } | { kind: "part"; part: "morning" | "afternoon" | "evening" } | { kind: "any" };

interface Facts {
  aim: Aim;
  temper: Temper;
  name: string;
  phone: string;
  /** Whether the house knows them. */
  known: boolean;
  service: Service;
  lengthMin: number;
  day: DayNumber;
  time: TimeWish;
  /** The person wished for, if any. */
  staff: string | null;
  /** The appointment that exists, in a move or a cancellation. */
  own: CopyAppointment | null;
  usesChoices: boolean;
}

const FIRST =
  "Adele Bruno Cecily Dario Edwina Fabian Greta Horace Ilona Jasper Katya Linus Mirabel Nestor Odile Pavel Quilla Roland Sunniva Tibor Ursula Viktor Winifred Xavier Yvette Zoltan".split(
    " ",
  );
const LAST =
  "Abernathy Brightwater Castellan Dunwoody Eastlake Fennimore Galloway Hartigan Inglebrook Jessamy Kilbride Lockridge Merriweather Northcott Ollerton Pemberley Quillfeather Rosedale Silverthorn Tattersall Underhill Vanterpool Whitcombe Yarborough Zellwood".split(
    " ",
  );

/** What the caller hears: the words, what is waited for, and for some the choices that are offered. */
export interface Said {
  text: string;
  expects: string;
  choices?: readonly { label: string; say: string }[];
}

export interface Verdict {
  right: boolean;
  /** An appointment was made, moved or cancelled that was not meant. */
  wrong: boolean;
  why: string[];
}

const gaps = new Map<string, string[]>();

/** The gaps of a way to say something: "{day}" and the like. */
function gapsOf(way: string): string[] {
  let have = gaps.get(way);
  if (!have) gaps.set(way, (have = [...way.matchAll(/\{([\w-]+)\}/g)].map((m) => m[1] as string)));
  return have;
}

/**
 * A made-up client with an aim, facts and a temper. It hears only the words of replies and what is waited for, and is
 * judged by what stands in the calendar in the end.
 */
export class Caller {
  readonly facts: Facts;
  /** Beside the aim: turns spent on digressions, corrections and hesitation. */
  asides = 0;
  /** What was waited for, each once. */
  readonly asked = new Set<string>();
  turns = 0;
  #corrected = false;
  #wandered = 0;
  #undecided = false;
  #refusals = 0;
  #misheard = 0;
  #questions: string[];
  #done = false;
  /** They have said yes to what is to be done. */
  #agreed = false;

  constructor(
    readonly house: House,
    readonly book: CopyBook,
    readonly now: EpochMin,
    readonly ways: Ways,
    readonly random: () => number,
    aim: Aim,
    temper: Temper,
    readonly people: { first: readonly string[]; last: readonly string[] } = { first: FIRST, last: LAST },
  ) {
    this.facts = this.#make(aim, temper);
    this.#questions = this.#shuffled(["price", "hours", "place", "parking"]).slice(0, aim === "ask" ? 1 + Math.floor(random() * 3) : 2);
  }

  get #today(): DayNumber {
    return this.house.zone.toLocal(this.now).day;
  }

  #pick<T>(list: readonly T[]): T {
    return list[Math.floor(this.random() * list.length)] as T;
  }

  #shuffled<T>(list: readonly T[]): T[] {
    return [...list]
      .map((v) => ({ v, k: this.random() }))
      .sort((a, b) => a.k - b.k)
      .map((x) => x.v);
  }

  // ---- who they are and what they want ----

  #make(aim: Aim, temper: Temper): Facts {
    const { random } = this;
    let name: string;
    let phone: string;
    // Nobody is called or reached as somebody is whom the house knows already.
    do {
      name = `${this.#pick(this.people.first)} ${this.#pick(this.people.last)}`;
      phone = phoneIn(this.house, 100 + Math.floor(random() * 100));
    } while (this.book.clients.some((c) => c.name === name || c.phone === phone));
    const known = aim === "move" || aim === "cancel" || random() < 0.4;
    if (known) this.book.clients.push({ id: `known-${name}`, name, phone, assessed: true });
    const services = this.house.handbook.services.filter((s) => (known || !s.after) && s.staff.length > 0);
    for (let i = 0; i < 200; i++) {
      const service = this.#pick(services);
      const variant = this.#pick(service.variants);
      const from = this.#opening(service, variant.lengthMin);
      if (!from) continue;
      const own = aim === "move" || aim === "cancel" ? this.#place(service, variant.lengthMin, from, `known-${name}`, name, phone) : null;
      const target = aim === "move" ? this.#opening(service, variant.lengthMin, own?.staff) : from;
      if (!target || (own && aim === "move" && target.startMin === own.startMin)) {
        if (own) this.#unplace(own);
        continue;
      }
      const { day, minute } = this.house.zone.toLocal(target.startMin);
      const time: TimeWish =
        service.group || random() < 0.55
          ? { kind: "at", minute }
          : random() < 0.6
            ? { kind: "part", part: minute < 720 ? "morning" : minute < 1020 ? "afternoon" : "evening" }
            : { kind: "any" };
      const staff = aim === "book" && !service.group && service.staff.length > 1 && random() < 0.4 ? target.staff : null;
      return { aim, temper, name, phone, known, service, lengthMin: variant.lengthMin, day, time, staff, own, usesChoices: random() < 0.5 };
    }
    throw new Error("the house has nothing to book");
  }

  #opening(service: Service, lengthMin: number, staff?: string): Opening | null {
    for (let i = 0; i < 12; i++) {
      const day = this.#today + 1 + Math.floor(this.random() * 18);
      const list = [
        ...openings(this.house, this.book.calendar, this.now, {
          service: service.id,
          lengthMin,
          fromDay: day,
          toDay: day,
          ...(staff ? { staff: [staff] } : {}),
        }),
      ];
      if (list.length > 0) return this.#pick(list);
    }
    return null;
  }

  #place(service: Service, lengthMin: number, at: Opening, clientId: string, name: string, phone: string): CopyAppointment {
    const a: CopyAppointment = {
      id: `own-${clientId}`,
      clientId,
      client: { name, phone },
      service: service.id,
      lengthMin,
      staff: at.staff,
      room: at.room,
      startMin: at.startMin,
      endMin: at.endMin,
      busyUntilMin: at.busyUntilMin,
      places: 1,
      priceMinor: this.house.needs(service.id, lengthMin)?.priceMinor ?? null,
      status: "booked",
      feeMinor: 0,
    };
    this.book.add(a);
    return { ...a };
  }

  #unplace(a: CopyAppointment): void {
    this.book.appointments.splice(
      this.book.appointments.findIndex((x) => x.id === a.id),
      1,
    );
    this.book.calendar.drop(a.id);
  }

  // ---- how they say it ----

  #way(thing: string, values: Record<string, string> = {}): string {
    const list = this.ways.say.get(thing) ?? [];
    const fitting = list.filter((w) => !w.includes("{") || gapsOf(w).every((gap) => values[gap] !== undefined));
    const pool =
      this.facts.temper === "terse" ? [...fitting].sort((a, b) => a.length - b.length).slice(0, Math.max(4, Math.ceil(fitting.length / 10))) : fitting;
    return this.#pick(pool).replace(/\{([\w-]+)\}/g, (_, k: string) => values[k] ?? "");
  }

  #dayWords(day: DayNumber): string {
    const today = this.#today;
    const weekday = weekdayOf(day);
    const coming = today + ((weekday - weekdayOf(today) + 7) % 7 || 7);
    const sunday = today + (7 - weekdayOf(today));
    const thing =
      day === today + 1
        ? this.#pick(["day-tomorrow", "day-later"])
        : day === today + 2
          ? this.#pick(["day-after-tomorrow", "day-this-week", "day-later"])
          : day <= sunday
            ? "day-this-week"
            : day <= sunday + 7
              ? "day-next-week"
              : "day-later";
    const { date, month } = partsOf(day);
    const unsure = (w: string): boolean =>
      (/\{weekday\} week|a week on/.test(w) && day !== coming + 7) ||
      (/^(?:this (?:coming )?|on )?\{weekday\}$/.test(w) && day !== coming) ||
      (/^the \{nth\}$/.test(w) && month !== partsOf(today).month && date <= partsOf(today).date);
    const template = this.#pick((this.ways.days.get(thing) ?? []).filter((w) => !unsure(w)));
    return template
      .replace("{weekday}", weekdayName(weekday))
      .replace("{month}", MONTHS[month - 1] as string)
      .replace("{nth}", `${date}${ordinal(date)}`)
      .replace("{n}", String(date));
  }

  #timeWords(time: TimeWish): string {
    if (time.kind === "any") return "";
    if (time.kind === "part") return this.#pick(this.ways.days.get(`part-${time.part}`) ?? [time.part]);
    const h = Math.floor(time.minute / 60);
    const m = time.minute % 60;
    const thing = { 0: "time-whole", 15: "time-quarter-past", 30: "time-half", 45: "time-quarter-to" }[m];
    const clock = { hour12: String(h % 12 || 12), ampm: h < 12 ? "am" : "pm", hour24: String(h).padStart(2, "0") };
    if (!thing) return `${clock.hour12}:${String(m).padStart(2, "0")} ${clock.ampm}`;
    return this.#pick(this.ways.days.get(thing) ?? [])
      .replace("{hour12}", clock.hour12)
      .replace("{ampm}", clock.ampm)
      .replace("{hour24}", clock.hour24)
      .replace("{hour-word}", HOURS[h % 12] as string)
      .replace("{next-hour-word}", HOURS[(h + 1) % 12] as string);
  }

  #whenWords(time = this.facts.time, day = this.facts.day): string {
    const t = this.#timeWords(time);
    const d = this.#dayWords(day);
    const on = /^(?:\d|the \d|[A-Z])/.test(d) ? `on ${d}` : d;
    return t === "" ? on : time.kind === "at" ? `${on} at ${t}` : `${on} ${t}`;
  }

  #serviceWords(): string {
    const s = this.facts.service;
    const others = this.house.handbook.services.filter((o) => o !== s);
    // A word that another service is called by as well would not tell which is meant.
    const own = [s.name, ...s.also].filter((n) => !others.some((o) => [o.name, ...o.also].some((x) => x.toLowerCase().includes(n.toLowerCase()))));
    const name = this.#pick(own.length > 0 ? own : [s.name]);
    return this.random() < 0.7 ? name.toLowerCase() : name;
  }

  #lengthWords(): string {
    const n = this.facts.lengthMin;
    const words: Record<number, string[]> = {
      30: ["half an hour", "30 minutes", "thirty minutes"],
      60: ["an hour", "60 minutes", "one hour"],
      90: ["an hour and a half", "90 minutes", "ninety minutes"],
      120: ["two hours", "120 minutes"],
    };
    return this.#pick(words[n] ?? [`${n} minutes`]);
  }

  #staffWords(): string {
    const p = this.house.staff.get(this.facts.staff ?? "");
    return p ? this.#pick([...p.called, p.name]) : "anyone";
  }

  #phoneWords(): string {
    const local = localOf(this.facts.phone);
    const r = this.random();
    if (r < 0.35) return local.replace(/(\d{3,4})(\d{3})(\d{3,4})$/, "$1 $2 $3");
    if (r < 0.55) return local;
    if (r < 0.7) return local.replace(/(\d{3,4})(\d{3})(\d{3,4})$/, "$1-$2-$3");
    if (r < 0.85) return [...local].map((d) => DIGITS[Number(d)] as string).join(" ");
    return this.facts.phone;
  }

  #ownWords(): { which: string; bare: string; day: string } {
    const { own, service } = this.facts;
    if (!own) return { which: "my appointment", bare: "appointment", day: "" };
    const at = this.house.zone.toLocal(own.startMin);
    const name = service.name.toLowerCase();
    const day = weekdayName(weekdayOf(at.day));
    const bare = this.#pick([name, `${day} ${name}`, `${name} on ${day}`, `${day} appointment`, "appointment"]);
    return { which: `my ${bare}`, bare, day };
  }

  /** The whole wish in one breath, as much of it as the temper says at once. */
  #what(full: boolean): string {
    const f = this.facts;
    const several = f.service.variants.length > 1;
    const parts = [
      several && (full || this.random() < 0.5) ? `${this.#lengthWords()} of ${this.#serviceWords()}` : `${this.#pick(["a ", ""])}${this.#serviceWords()}`,
    ];
    if (f.staff && (full || this.random() < 0.6)) parts.push(`with ${this.#staffWords()}`);
    if (full || this.random() < 0.6) parts.push(this.#whenWords());
    return parts.join(" ");
  }

  #manner(text: string): string {
    const { temper } = this.facts;
    if (temper === "careless")
      return text
        .split(" ")
        .map((w) => (w.length > 4 && /^[a-z]+$/.test(w) && this.random() < 0.14 ? this.#slip(w) : w))
        .join(" ");
    if (temper === "hesitant")
      return text
        .split(" ")
        .map((w) => (this.random() < 0.1 ? `${this.#pick(["um", "uh", "er"])} ${w}` : this.random() < 0.06 && /^[a-z]+$/.test(w) ? `${w} ${w}` : w))
        .join(" ");
    if (temper === "chatty" && this.random() < 0.25) return `${this.#way("ramble")}. ${text}`;
    return text;
  }

  #slip(word: string): string {
    const i = 1 + Math.floor(this.random() * (word.length - 2));
    const r = this.random();
    if (r < 0.45) return word.slice(0, i) + (word[i + 1] ?? "") + word[i] + word.slice(i + 2);
    if (r < 0.75) return word.slice(0, i) + word.slice(i + 1);
    return word.slice(0, i) + word[i] + word.slice(i);
  }

  // ---- what they say ----

  /** The first thing said. */
  first(): string {
    this.turns++;
    return this.#manner(this.#opens());
  }

  #opens(): string {
    const f = this.facts;
    const hello = f.temper === "chatty" || this.random() < 0.25 ? `${this.#way("greet")} ` : "";
    if (f.aim === "ask") return hello + this.#question(this.#questions.shift() ?? "hours");
    if (f.aim === "book") {
      if (f.temper === "one-by-one") return hello + this.#way("book-bare");
      if (f.temper === "correcting" && this.random() < 0.5) {
        this.#corrected = true;
        const wrong = this.#dayWords(this.#otherDay());
        return `${hello}${this.#way("book", { what: `a ${this.#serviceWords()} on ${wrong}` })} ${this.#way("instead", { new: this.#dayWords(f.day) })}`;
      }
      const text = hello + this.#way("book", { what: this.#what(f.temper === "all-at-once") });
      if (f.temper !== "all-at-once") return text;
      return `${text}. ${this.#way("name", { name: f.name })}, ${this.#phoneWords()}`;
    }
    const own = this.#ownWords();
    const identity = f.temper === "all-at-once" || this.random() < 0.3;
    const ask =
      f.aim === "cancel"
        ? this.#way("cancel", { which: own.which })
        : this.#way("move", { which: own.which, ...(f.temper === "one-by-one" ? {} : { new: this.#whenWords() }) });
    if (!identity) return hello + ask;
    return `${hello}${ask} ${this.#way("name", { name: f.name })}, ${this.#phoneWords()}`;
  }

  #otherDay(): DayNumber {
    return this.facts.day + (this.random() < 0.5 ? 1 : 2);
  }

  #question(kind: string): string {
    return this.#way(kind, { service: this.#serviceWords() });
  }

  /** The answer to a reply; null when there is nothing more to say. */
  hear(said: Said): string | null {
    if (this.#done || this.turns >= 40) return null;
    const again = this.asked.has(said.expects);
    this.asked.add(said.expects);
    const answer = this.#notThat(said) ?? this.#aside(said, again) ?? this.#answer(said);
    if (answer === null) return null;
    this.turns++;
    return this.#manner(answer);
  }

  /**
   * Whoever wants to cancel and is asked when to come, who wants to move a visit and is asked whether one may be booked, who
   * is told of another service, or that it is not known what they speak of, was misunderstood: they say again what they want.
   */
  #notThat(said: Said): string | null {
    const { aim } = this.facts;
    if (aim !== "ask" && said.expects === "message" && !this.#agreed && this.#refusals++ <= 2) {
      this.asides++;
      return `${this.#way("no")}. ${this.#wish()}`;
    }
    if (aim === "book" && ["slot", "name", "go-ahead"].includes(said.expects) && this.#ofAnother(said.text) && this.#refusals++ <= 4) {
      this.asides++;
      this.asked.delete(said.expects);
      return this.#way("instead", { new: `the ${this.#serviceWords()}` });
    }
    if (aim === "book") return null;
    const booking = ["service", "length", "staff", "day", "time", "slot"].includes(said.expects) && aim === "cancel";
    const agreeing = said.expects === "go-ahead" && /\b(?:book|reserve)\b/i.test(said.text) && !/\b(?:cancel|mov(?:e|ing))\b/i.test(said.text);
    if ((!booking && !agreeing) || this.#refusals++ > 4) return null;
    this.asides++;
    this.asked.delete(said.expects);
    if (aim === "ask") return this.#way("no");
    if (aim === "move") return `${this.#way("no")}. ${this.#wish()}`;
    return `${this.#way("no")}. ${this.#way("cancel", { which: this.#ownWords().which })}`;
  }

  /** Whether a reply speaks of another service than the one that is wanted, and not of that. */
  #ofAnother(text: string): boolean {
    const low = text.toLowerCase();
    const own = this.facts.service;
    if (low.includes(own.name.toLowerCase()) || own.also.some((a) => low.includes(a.toLowerCase()))) return false;
    return this.house.handbook.services.some((s) => s.id !== own.id && low.includes(s.name.toLowerCase()));
  }

  /** Whether a reply speaks of another length that the service comes in, and not of the one that is wanted. */
  #ofAnotherLength(text: string): boolean {
    const { service, lengthMin } = this.facts;
    const speaksOf = (min: number): boolean => text.includes(`${lengthText(min)} of `);
    return !speaksOf(lengthMin) && service.variants.some((v) => v.lengthMin !== lengthMin && speaksOf(v.lengthMin));
  }

  #aside(said: Said, again: boolean): string | null {
    const { temper, aim } = this.facts;
    const open = !["anything", "errand", "phone-check", "name-check", "email-check", "message"].includes(said.expects) && !said.expects.startsWith("question:");
    if (!open || aim === "ask" || again) return null;
    if (temper === "wandering" && this.#wandered < 2 && this.#questions.length > 0 && this.random() < 0.5) {
      this.#wandered++;
      this.asides++;
      this.asked.delete(said.expects);
      return this.#question(this.#questions.shift() as string);
    }
    if (temper === "undecided" && !this.#undecided && ["day", "slot", "service", "length"].includes(said.expects)) {
      this.#undecided = true;
      this.asides++;
      this.asked.delete(said.expects);
      return this.#way("undecided");
    }
    return null;
  }

  #answer(said: Said): string | null {
    const f = this.facts;
    const { expects } = said;
    if (expects.startsWith("question:")) return this.#answerTo(this.house.questions.get(expects.slice("question:".length)));
    switch (expects) {
      case "errand":
      case "anything":
        return this.#more(said);
      case "service":
        return this.#way("service", { service: this.#serviceWords() });
      case "length":
        return this.#way("length", { length: this.#lengthWords() });
      case "staff":
        return f.staff ? this.#way("staff", { staff: this.#staffWords() }) : this.#way("any-staff");
      case "day": {
        const named = daysIn(said.text, this.#today);
        if (named.includes(f.day) && named.length === 2) return this.#way("day", { day: `the ${partsOf(f.day).date}${ordinal(partsOf(f.day).date)}` });
        return f.time.kind === "at" && this.random() < 0.5 ? this.#way("day", { day: this.#whenWords() }) : this.#way("day", { day: this.#dayWords(f.day) });
      }
      case "time":
        return f.time.kind === "any" ? this.#way("any-time") : this.#way("time", { time: this.#timeWords(f.time) });
      case "slot":
        return this.#choose(said);
      case "name":
        return /\bspell\b/i.test(said.text) ? spelled(f.name) : this.#way("name", { name: f.name });
      case "phone":
        return this.#way("phone", { phone: this.#phoneWords() });
      case "email":
        return this.#way("no-email");
      case "name-check":
        // Whoever has spelled it twice lets it be.
        return said.text.includes(f.name) || this.#misheard++ >= 2 ? this.#way("yes") : this.#way("no");
      case "email-check":
        return this.#way("yes");
      case "phone-check":
        return digitsOf(said.text).includes(localOf(f.phone).slice(-7))
          ? this.#way("yes")
          : `${this.#way("no")}. ${this.#way("phone", { phone: localOf(f.phone) })}`;
      case "which-appointment": {
        const own = this.#ownWords();
        return this.#way("which", { which: this.#dated(), "which-bare": own.bare, day: own.day });
      }
      case "go-ahead":
        return this.#agree(said);
      case "message":
        return this.#way("no");
      default:
        return null;
    }
  }

  #dated(): string {
    const own = this.facts.own;
    return own
      ? `the ${this.facts.service.name.toLowerCase()} on the ${partsOf(this.house.zone.toLocal(own.startMin).day).date}${ordinal(partsOf(this.house.zone.toLocal(own.startMin).day).date)}`
      : "it";
  }

  #more(said: Said): string | null {
    const f = this.facts;
    if (f.aim === "ask" && this.#questions.length > 0) return this.#question(this.#questions.shift() as string);
    // Who has agreed to nothing yet has not got what they called for, and says it again.
    const got = this.#agreed || this.#refusals > 2;
    if (f.aim === "ask" || (said.expects === "anything" && got)) {
      this.#done = true;
      return this.#way(this.random() < 0.5 ? "no-more" : "bye");
    }
    // It was not understood what they want: once more in other words.
    if (this.#refusals++ > 3) {
      this.#done = true;
      return this.#way("bye");
    }
    return this.#wish();
  }

  /** What they want, said once more. */
  #wish(): string {
    const { aim } = this.facts;
    return aim === "book" ? this.#way("book", { what: this.#what(false) }) : this.#way(aim, { which: this.#ownWords().which });
  }

  #answerTo(q: Question | undefined): string {
    if (!q) return this.#way("no");
    if (q.whom === "unknown") return this.facts.known ? this.#way("yes") : this.#way("no");
    switch (q.kind) {
      case "yes-no":
        return this.#way("no");
      case "choice":
        return this.#pick((q.choices ?? []).map((c) => c.say)) ?? "no";
      case "number":
        return this.#way("text-answer", { value: "2" });
      case "length":
        return this.#way("text-answer", { value: "three weeks" });
      default:
        return this.#way("text-answer", { value: this.#pick(["the left side", "a while", "nothing special", "the usual", "my own", "for a few weeks"]) });
    }
  }

  #suits(h: Heard): boolean {
    const f = this.facts;
    if (h.day !== f.day) return false;
    if (f.time.kind === "at") return h.minute === f.time.minute;
    if (f.time.kind === "any") return true;
    return f.time.part === "morning" ? h.minute < 720 : f.time.part === "afternoon" ? h.minute >= 720 && h.minute < 1020 : h.minute >= 1020;
  }

  #choose(said: Said): string {
    const f = this.facts;
    const name = this.house.staff.get(f.staff ?? "")?.called[0] ?? "";
    const offered = timesIn(said.text, this.#today);
    const fits = offered.map((h, i) => ({ h, i })).filter(({ h }) => this.#suits(h));
    // Where a person is wished for and others are offered too, only the one with that person will do.
    const people = said.choices?.map((c) => c.say) ?? [];
    const mine = f.staff && people.length > 0 ? fits.filter(({ i }) => (people[i] ?? "").includes(name)) : fits;
    const good = mine[0];
    if (good) {
      if (f.usesChoices && said.choices?.[good.i]) return said.choices[good.i]?.say as string;
      if (f.temper === "correcting" && !this.#corrected && f.time.kind !== "at") {
        this.#corrected = true;
        this.asides++;
      }
      const time = this.#timeWords({ kind: "at", minute: good.h.minute });
      const sameTime = offered.filter((h) => h.minute === good.h.minute).length > 1;
      if (good.i < 3 && (sameTime || this.random() < 0.5)) return this.#way("nth", { nth: ["first", "second", "third"][good.i] as string });
      return this.#way("at-time", { time });
    }
    this.#refusals++;
    if (this.#refusals > 5) {
      this.#done = true;
      return this.#way("bye");
    }
    this.asides++;
    this.asked.delete("slot");
    if (f.staff && this.random() < 0.7) return this.#way("instead", { new: `${this.#whenWords()} with ${this.#staffWords()}` });
    return this.random() < 0.4
      ? `${this.#way("none-of-these")}. ${this.#way("day", { day: this.#whenWords() })}`
      : this.#way("day", { day: this.#whenWords() });
  }

  #agree(said: Said): string {
    const f = this.facts;
    const named = timesIn(said.text, this.#today);
    // Somebody else than was wished for: said once more, before anything is agreed to.
    const name = this.house.staff.get(f.staff ?? "")?.called[0] ?? "";
    if (f.aim === "book" && f.staff && !said.text.includes(name) && this.#refusals++ <= 4) {
      this.asides++;
      this.asked.delete("go-ahead");
      return this.#way("instead", { new: `with ${this.#staffWords()}` });
    }
    // Another length than was wished for, too.
    if (f.aim === "book" && this.#ofAnotherLength(said.text) && this.#refusals++ <= 4) {
      this.asides++;
      this.asked.delete("go-ahead");
      return this.#way("instead", { new: this.#lengthWords() });
    }
    const fine = f.aim === "cancel" ? true : f.aim === "move" ? named.some((h) => this.#suits(h)) : named[0] !== undefined && this.#suits(named[0]);
    if (fine) {
      this.#agreed = true;
      return this.#way("yes");
    }
    if (this.#refusals++ > 4) {
      this.#done = true;
      return `${this.#way("no")}, never mind`;
    }
    this.asides++;
    this.asked.delete("go-ahead");
    return this.#way("instead", { new: this.#whenWords() });
  }

  // ---- what came of it ----

  /** Judges by the calendar alone. `before` is the appointments as they stood when the caller began. */
  judge(before: ReadonlyMap<string, CopyAppointment>, named: (name: string) => boolean = (name) => name === this.facts.name): Verdict {
    const f = this.facts;
    const why: string[] = [];
    let wrong = false;
    const fresh = this.book.appointments.filter((a) => !before.has(a.id) && a.status === "booked");
    const changed = this.book.appointments.filter((a) => {
      const was = before.get(a.id);
      return was && (was.startMin !== a.startMin || was.staff !== a.staff || was.status !== a.status);
    });
    const at = (a: CopyAppointment): Heard => {
      const l = this.house.zone.toLocal(a.startMin);
      return { day: l.day, minute: l.minute };
    };
    const suits = (a: CopyAppointment): boolean =>
      a.service === f.service.id && a.lengthMin === f.lengthMin && this.#suits(at(a)) && (f.staff === null || a.staff === f.staff);
    if (f.aim === "book") {
      const good = fresh.filter((a) => suits(a) && named(a.client.name));
      if (good.length !== 1) why.push(good.length === 0 ? "not booked" : "booked more than once");
      if (fresh.length > good.length || changed.length > 0) wrong = true;
    } else if (f.aim === "ask") {
      if (fresh.length + changed.length > 0) wrong = true;
    } else {
      const own = changed.filter((a) => a.id === f.own?.id);
      const good = own.filter((a) => (f.aim === "cancel" ? a.status === "cancelled" : a.status === "booked" && suits(a)));
      if (good.length !== 1) why.push(f.aim === "cancel" ? "not cancelled" : "not moved");
      if (fresh.length > 0 || changed.length > good.length) wrong = true;
    }
    if (wrong) why.push(`wrong: ${[...fresh, ...changed].map((a) => `${a.service} ${a.status} ${JSON.stringify(at(a))}`).join(", ")}`);
    return { right: why.length === 0, wrong, why };
  }
}

const spelled = (name: string): string => [...name.toLowerCase().replace(/[^a-z]/g, "")].map(letterWord).join(" ");
const HOURS = "twelve one two three four five six seven eight nine ten eleven".split(" ");
const DIGITS = "oh one two three four five six seven eight nine".split(" ");
const ordinal = (n: number): string => (n > 3 && n < 21 ? "th" : (["th", "st", "nd", "rd"][n % 10] ?? "th"));
const digitsOf = (text: string): string => text.replace(/\D/g, "");

/** A number that nobody has, in the country of the house: kept for fiction where the country keeps some. */
function phoneIn(house: House, n: number): string {
  const own = house.handbook.place.phone ?? "+19025550100";
  return `${own.slice(0, -3)}${String(n).slice(-3)}`;
}

/** The number as people of the country say it. */
function localOf(e164: string): string {
  if (e164.startsWith("+1")) return e164.slice(2);
  return `0${e164.slice(e164.startsWith("+353") ? 4 : 3)}`;
}
