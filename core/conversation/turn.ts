import { goodOnce } from "../house/preview.ts";
import type { House } from "../house/compile.ts";
import type { Expects } from "../language/context.ts";
import type { Calendar } from "../schedule/calendar.ts";
import type { EpochMin } from "../time/zone.ts";
import type { OfferRequest } from "../schedule/offers.ts";
import type { AppointmentView, Choice, Effect, Looked, Outcome, Reason, ReplyOut, Source, State, Step } from "./state.ts";
import { inside } from "../language/text.ts";
import { capital, listText } from "./format.ts";
import type { OwnMoment, Receptionist } from "../house/schema.ts";
import { EN, type Moment } from "./wording/en.ts";
import { ASKED_AFTER, MANNERED, OWN } from "./wording/manners.ts";

/** Finds openings for a wish; a replay puts what was seen then in its place. */
export type Finder = (house: House, calendar: Calendar, now: EpochMin, request: OfferRequest) => Looked;

/** A value put into a wording, with the line of the house (or the words of the client) that it comes from. */
export interface Value {
  text: string;
  sources: Source[];
}

export function val(text: string, ...sources: (Source | undefined)[]): Value {
  return { text, sources: sources.filter((s): s is Source => s !== undefined) };
}

/** Several values as one list; a figure of the list needs its own value's source. */
export function joinVals(values: readonly Value[], word: "or" | "and"): Value {
  return {
    text: listText(
      values.map((v) => v.text),
      word,
    ),
    sources: values.some((v) => /\d/.test(v.text) && v.sources.length === 0) ? [] : values.flatMap((v) => v.sources),
  };
}

/**
 * One turn being made: gathers what is said and what must be done. Nothing leaves it but a whole reply, and no sentence
 * goes in whose figures have no source.
 */
export class Turn {
  readonly #sentences: string[] = [];
  /** What was said in this reply, before anything led it in. */
  readonly #inWords = new Set<string>();
  /** The moments of this reply, with what they told. */
  readonly #told = new Set<string>();
  readonly #sources = new Map<string, Source>();
  #choices: Choice[] = [];
  #appointment: ReplyOut["appointment"];
  readonly reasons: Reason[] = [];
  readonly effects: Effect[] = [];
  readonly looked: Looked[] = [];
  /** Whether this reply has asked something already. */
  asked = false;
  /** How sure it is that this was said, 0 to 1: what was written was, what was heard may have been another thing. */
  sure = 1;

  constructor(
    readonly house: House,
    public calendar: Calendar,
    readonly now: EpochMin,
    readonly state: State,
    readonly finder: Finder,
  ) {}

  /** Looks for openings, and keeps what was seen. */
  look(request: OfferRequest): Looked {
    const seen = this.finder(this.house, this.calendar, this.now, request);
    this.looked.push(seen);
    return seen;
  }

  /** Who speaks: the receptionist of this conversation. */
  get voice(): Receptionist | undefined {
    return this.house.handbook.receptionists.find((r) => r.id === this.state.receptionist);
  }

  /**
   * Says one moment in one of its wordings: the house's own, else the manner's, else the plain ones. A figure without a
   * source keeps the sentence back.
   */
  say(moment: Moment, values: Record<string, Value> = {}): void {
    // Short, nothing is asked for politeness once something has been said.
    if (this.voice?.length === "short" && moment === "anything" && this.spoke) return;
    // Two questions that have one answer are answered once, however it might be worded a second time.
    const what = [moment, ...Object.values(values).map((v) => v.text)].join("|");
    if (this.#told.has(what)) return this.rule(`say/${moment}`);
    this.#told.add(what);
    const { sentence, after } = this.#word(moment, values);
    if (sentence === null) {
      this.reasons.push({ what: "withheld", text: moment });
      return;
    }
    this.#put(sentence, moment);
    if (after) this.say(after);
  }

  /** One moment worded as a value, to stand inside another sentence. */
  worded(moment: Moment, values: Record<string, Value>): Value {
    return this.#word(moment, values).sentence ?? val("");
  }

  #word(moment: Moment, values: Record<string, Value>): { sentence: Filled | null; after?: Moment } {
    const voice = this.voice;
    const short = voice?.length === "short";
    const used = this.state.used[moment] ?? 0;
    this.state.used[moment] = used + 1;
    const own = OWN[moment];
    const known = own ? { ...this.#always(), ...values } : values;
    const ownWordings = own ? (voice?.wordings ?? []).filter((w) => w.moment === own && fill(w.say, known, true) !== null) : [];
    if (voice && own && ownWordings.length > 0) {
      const w = this.#pick(ownWordings, moment, used);
      const source: Source = { kind: "receptionist", id: `${voice.id}/${w.id}`, label: `${voice.name}, ${OWN_LABELS[own]}` };
      const filled = fill(w.say, known, true) as Filled;
      const after = ASKED_AFTER[own];
      return { sentence: { text: filled.text, sources: [source, ...filled.sources] }, ...(after && !w.say.includes("?") ? { after } : {}) };
    }
    const manner = voice?.manner ?? "warm";
    const variants: readonly string[] = (manner === "warm" ? undefined : MANNERED[manner][moment]) ?? EN[moment];
    const wording = short ? ([...variants].sort((a, b) => a.length - b.length)[0] as string) : this.#pick(variants, moment, used);
    return { sentence: fill(wording, short ? shortened(values) : values) };
  }

  /** What a wording of the house's own may always speak of. */
  #always(): Record<string, Value> {
    const { minute } = this.house.zone.toLocal(this.now);
    const name = this.state.client.name?.split(" ")[0];
    return {
      ...(name ? { client: val(name) } : {}),
      daypart: val(daypartText(minute)),
      house: val(this.house.handbook.shortName, { kind: "house", id: "shortName", label: "Name" }),
      receptionist: val(this.voice?.name ?? ""),
    };
  }

  /** One of several, turn by turn, beginning where the conversation's seed says. */
  #pick<T>(list: readonly T[], moment: string, used: number): T {
    return list[(hash(`${this.state.seed} ${moment}`) + used) % list.length] as T;
  }

  /** Says again what was said last. What it rests on has been shown with it. */
  again(said: string): void {
    this.#sentences.push(this.#fresh(said));
    this.rule("say/aside/again");
  }

  /** A sentence that was said before in these very words is led in otherwise. */
  #fresh(text: string): string {
    const spoken = (this.state.spoken ??= []);
    let out = text;
    const leads = LEADS[hash(text) % LEADS.length] as readonly string[];
    for (let i = 0; spoken.includes(hash(out)) && i < leads.length; i++) out = (leads[i] as string) + lowered(text, this.house);
    spoken.push(hash(out));
    if (spoken.length > 120) spoken.shift();
    return out;
  }

  #put(sentence: Filled, moment: Moment): void {
    // Two questions that have one answer are answered once: "how long does it take, and how much is it".
    if (this.#inWords.has(sentence.text)) return this.rule(`say/${moment}`);
    this.#inWords.add(sentence.text);
    this.#sentences.push(this.#fresh(sentence.text));
    for (const s of sentence.sources) this.#source(s);
    this.rule(`say/${moment}`);
  }

  #source(s: Source): void {
    const key = `${s.kind} ${s.id}`;
    if (this.#sources.has(key)) return;
    this.#sources.set(key, s);
    this.reasons.push({ what: "source", source: s });
  }

  /** Says the greeting, in one of the receptionist's wordings. */
  greet(): void {
    const voice = this.voice;
    if (!voice) return this.say("what-can-i-do");
    const known = { ...this.#always(), name: val(voice.name) };
    const all = [voice.greeting, ...(voice.greetings ?? [])];
    const whole = all.filter((g) => fill(g, known, true) !== null);
    // Where all of them greet by name and no name is known, the name is left out.
    const list = whole.length > 0 ? whole : all.map((g) => g.replace(/[,\s]*\{client\}/g, ""));
    const filled = fill(this.#pick(list, "greeting", 0), known, true);
    const source: Source = { kind: "receptionist", id: voice.id, label: voice.name };
    this.#sentences.push(filled?.text ?? voice.name);
    this.#source(source);
  }

  rule(rule: string): void {
    this.reasons.push({ what: "rule", rule });
  }

  expect(expects: Expects, choices: Choice[] = []): void {
    this.state.expects = expects;
    this.#choices = choices;
    this.asked = true;
  }

  effect(effect: Effect): void {
    this.effects.push(effect);
  }

  outcome(outcome: Outcome): void {
    const list = this.state.outcomes;
    // What was answered is no need that is open still.
    if (outcome === "answered") delete this.state.told;
    if (outcome === "answered" && list.includes("answered")) return;
    list.push(outcome);
  }

  show(of: AppointmentView, status: "booked" | "moved" | "cancelled"): void {
    this.#appointment = { of, status };
  }

  get spoke(): boolean {
    return this.#sentences.length > 0;
  }

  /** Whether what has been said in this turn rests on a source already. */
  rests(kind: Source["kind"], id: string): boolean {
    return this.#sources.has(`${kind} ${id}`);
  }

  done(): Step {
    const text = this.#sentences.join(" ");
    if (text) this.state.heard = this.#sentences.at(-1) as string;
    const reply: ReplyOut | null = text
      ? {
          text,
          expects: this.state.expects,
          ...(this.#choices.length > 0 ? { choices: this.#choices } : {}),
          sources: [...this.#sources.values()],
          ...(this.#appointment ? { appointment: this.#appointment } : {}),
          reasons: this.reasons,
        }
      : null;
    return { state: this.state, reply, reasons: this.reasons, effects: this.effects, looked: this.looked };
  }
}

/** What leads in a sentence that was said before, in turn; two orders, so that conversations differ. */
const LEADS: readonly (readonly string[])[] = [
  ["Once more: ", "Again, ", "As I said, ", "So: ", "To say it again: ", "Then once more, "],
  ["Again: ", "As before: ", "Once again, ", "So, ", "Let me say it again: ", "And again, "],
];

/** A sentence to stand after a lead: its first letter small, unless it begins with a name or with "I". */
const lowered = (text: string, house: House): string =>
  /^(?:I\b|I'|[A-Z][a-z]+day\b|[A-Z]\w* (?:isn't|is in|has|doesn't))/.test(text) || beginsWithName(text, house) ? text : inside(text);

/** Whether a text begins with what somebody of the house is called. */
const beginsWithName = (text: string, house: House): boolean =>
  house.handbook.staff.some((p) => [p.name, ...p.called].some((name) => text.startsWith(name) && !/^[\p{L}'’]/u.test(text.slice(name.length))));

interface Filled {
  text: string;
  sources: Source[];
}

const OWN_LABELS: Record<OwnMoment, string> = {
  offer: "offering",
  booked: "booked",
  moved: "moved",
  cancelled: "cancelled",
  "late-fee": "the late fee",
  unknown: "what it does not know",
  "handing-over": "handing over",
  "anything-else": "anything else",
  goodbye: "goodbye",
  unheard: "not heard",
};

export const daypartText = (minute: number): string => (minute < 720 ? "good morning" : minute < 1020 ? "good afternoon" : "good evening");

/** Long answers cut to their first sentence, for a receptionist that is to be short. */
function shortened(values: Record<string, Value>): Record<string, Value> {
  const out = { ...values };
  for (const key of ["answer", "about", "bring"]) {
    const v = out[key];
    const first = v ? (/^.*?[.!?](?=\s|$)/s.exec(v.text)?.[0] ?? v.text) : "";
    if (v) out[key] = { ...v, text: first };
  }
  return out;
}

/** Fills a wording; null when a figure in it would have no source, or a value is missing. */
export function fill(wording: string, values: Record<string, Value>, own = false): Filled | null {
  const sources: Source[] = [];
  let whole = true;
  if (!own && /\d/.test(wording)) return null;
  const text = goodOnce(wording).replace(/\{(\w+)\}/g, (_, key: string) => {
    const v = values[key];
    if (!v || (/\d/.test(v.text) && v.sources.length === 0)) {
      whole = false;
      return "";
    }
    sources.push(...v.sources);
    return v.text;
  });
  return whole ? { text: capital(text), sources } : null;
}

/** FNV-1a, for choosing wordings the same way each time. */
export function hash(text: string): number {
  let h = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) h = Math.imul(h ^ text.charCodeAt(i), 0x01000193);
  return h >>> 0;
}
