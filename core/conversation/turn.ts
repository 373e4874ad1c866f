import type { House } from "../house/compile.ts";
import type { Expects } from "../language/context.ts";
import type { Calendar } from "../schedule/calendar.ts";
import type { EpochMin } from "../time/zone.ts";
import type { AppointmentView, Choice, Effect, OfferView, Outcome, Reason, ReplyOut, Source, State, Step } from "./state.ts";
import { capital, listText } from "./format.ts";
import { EN, type Moment } from "./wording/en.ts";

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
  readonly #sources = new Map<string, Source>();
  #choices: Choice[] = [];
  #appointment: ReplyOut["appointment"];
  readonly reasons: Reason[] = [];
  readonly effects: Effect[] = [];
  readonly openings: OfferView[] = [];

  constructor(
    readonly house: House,
    public calendar: Calendar,
    readonly now: EpochMin,
    readonly state: State,
  ) {}

  /** Says one moment in one of its wordings. A figure without a source keeps the sentence back. */
  say(moment: Moment, values: Record<string, Value> = {}): void {
    const variants: readonly string[] = EN[moment];
    const used = this.state.used[moment] ?? 0;
    this.state.used[moment] = used + 1;
    const wording = variants[(hash(`${this.state.seed} ${moment}`) + used) % variants.length] as string;
    const sentence = fill(wording, values);
    if (sentence === null) {
      this.reasons.push({ what: "withheld", text: moment });
      return;
    }
    this.#sentences.push(sentence.text);
    for (const s of sentence.sources) {
      const key = `${s.kind} ${s.id}`;
      if (!this.#sources.has(key)) {
        this.#sources.set(key, s);
        this.reasons.push({ what: "source", source: s });
      }
    }
    this.rule(`say/${moment}`);
  }

  /** Says a greeting or another wording of the house's own. */
  sayOwn(text: string, values: Record<string, string>, source: Source): void {
    this.#sentences.push(text.replace(/\{(\w+)\}/g, (_, key: string) => values[key] ?? ""));
    this.#sources.set(`${source.kind} ${source.id}`, source);
    this.reasons.push({ what: "source", source });
  }

  rule(rule: string): void {
    this.reasons.push({ what: "rule", rule });
  }

  expect(expects: Expects, choices: Choice[] = []): void {
    this.state.expects = expects;
    this.#choices = choices;
  }

  effect(effect: Effect): void {
    this.effects.push(effect);
  }

  outcome(outcome: Outcome): void {
    const list = this.state.outcomes;
    if (outcome === "answered" && list.includes("answered")) return;
    list.push(outcome);
  }

  show(of: AppointmentView, status: "booked" | "moved" | "cancelled"): void {
    this.#appointment = { of, status };
  }

  get spoke(): boolean {
    return this.#sentences.length > 0;
  }

  done(): Step {
    const text = this.#sentences.join(" ");
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
    return { state: this.state, reply, reasons: this.reasons, effects: this.effects, openings: this.openings };
  }
}

/** Fills a wording; null when a figure in it would have no source, or a value is missing. */
export function fill(wording: string, values: Record<string, Value>): { text: string; sources: Source[] } | null {
  const sources: Source[] = [];
  let whole = true;
  if (/\d/.test(wording)) return null;
  const text = wording.replace(/\{(\w+)\}/g, (_, key: string) => {
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
