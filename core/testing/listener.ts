import type { ReplyOut } from "../conversation/state.ts";
import { dateText, timeText } from "../conversation/format.ts";
import type { House } from "../house/compile.ts";
import { dayOfIso, MONTHS } from "../time/days.ts";
import type { SetBook, SetTalk, SlotMap } from "./sets.ts";

/** What a client came for: a visit to be booked, moved to, or cancelled. */
interface Aim {
  kind: "booked" | "moved" | "cancelled";
  want: SlotMap;
  /** The appointment that it is about, where one is moved or cancelled. */
  of?: SetBook["appointments"][number];
}

/**
 * A client who listens: where a script says nothing, they say what they came for, choose what fits it, and agree only to
 * that. They know their own aim and hear the words and choices of replies, no more.
 */
export class Listener {
  readonly #house: House;
  readonly #aims: Aim[];
  readonly #said = new Map<string, number>();

  constructor(house: House, set: SetBook, script: Pick<SetTalk, "booked" | "moved" | "cancelled">) {
    this.#house = house;
    const of = (id: string | undefined): Pick<Aim, "of"> => {
      const found = set.appointments.find((a) => a.id === id);
      return found ? { of: found } : {};
    };
    this.#aims = [
      ...script.cancelled.map((id): Aim => ({ kind: "cancelled", want: {}, ...of(id) })),
      ...script.moved.map((want): Aim => ({ kind: "moved", want, ...of(want["id"]) })),
      ...script.booked.map((want): Aim => ({ kind: "booked", want })),
    ];
  }

  /** Whether there is nothing that they came for. */
  get aimless(): boolean {
    return this.#aims.length === 0;
  }

  /** Takes note of what is done. */
  hear(replies: readonly ReplyOut[]): void {
    for (const r of replies) {
      const status = r.appointment?.status;
      const i = status ? this.#aims.findIndex((a) => a.kind === status) : -1;
      if (i >= 0) this.#aims.splice(i, 1);
    }
  }

  /** What they say to what is waited for, or null where they have nothing of their own to say. */
  answer(waits: string, reply: ReplyOut | undefined): string | null {
    const aim = this.#aims[0];
    if (!aim || !reply) return null;
    const times = (this.#said.get(waits) ?? 0) + 1;
    this.#said.set(waits, times);
    if (times > 4) return null;
    const { want } = aim;
    switch (waits) {
      case "errand":
        return this.#wish(aim);
      case "service":
        return want["service"] ?? aim.of?.service ?? null;
      case "length":
        return want["length"] ? `${want["length"]} minutes` : null;
      case "staff":
        return want["staff"] ?? null;
      case "day":
        return want["date"] ? this.#date(want) : null;
      case "time":
        return this.#time(want);
      case "places":
        return want["places"] ?? null;
      case "which-appointment":
        return aim.of ? `the ${aim.of.service} on ${dateText(this.#house, dayOfIso(aim.of.start.slice(0, 10)))}` : null;
      case "slot":
        return this.#choose(reply, want);
      case "go-ahead":
        return this.#agrees(reply.text, aim) ? null : times > 2 ? "no, leave it then" : `no, ${this.#wish(aim)}`;
      default:
        return null;
    }
  }

  /** Whether one of the choices offered is what they came for. */
  offered(reply: ReplyOut | undefined): boolean {
    const want = this.#aims[0]?.want;
    return !want || (reply?.choices ?? []).some((c) => this.#fits(c.label, want));
  }

  #wish({ kind, want, of }: Aim): string {
    if (kind === "cancelled") return `I want to cancel my ${of?.service ?? "appointment"}`;
    const when = [want["date"] ? `on ${this.#date(want)}` : "", this.#time(want) ? `at ${this.#time(want)}` : ""].filter(Boolean).join(" ");
    if (kind === "moved") return `I want to move my ${of?.service ?? "appointment"} to ${when.replace(/^on /, "")}`;
    const length = want["length"] ? ` for ${want["length"]} minutes` : "";
    return `I'd like to book ${want["service"] ?? "a visit"}${length} ${when}`.trim();
  }

  #date(want: SlotMap): string {
    return dateText(this.#house, dayOfIso(want["date"] as string));
  }

  #time(want: SlotMap): string | null {
    if (want["from"] && want["from"] === want["to"]) return timeText(this.#house, minutes(want["from"]));
    if (want["from"] && want["to"]) return `between ${timeText(this.#house, minutes(want["from"]))} and ${timeText(this.#house, minutes(want["to"]) + 60)}`;
    if (want["from"]) return `after ${timeText(this.#house, minutes(want["from"]))}`;
    return want["to"] ? `before ${timeText(this.#house, minutes(want["to"]) + 60)}` : null;
  }

  #choose(reply: ReplyOut, want: SlotMap): string | null {
    const choices = reply.choices ?? [];
    const i = choices.findIndex((c) => this.#fits(c.label, want));
    if (i >= 0) return choices.length === 1 ? "yes please" : `the ${["first", "second", "third", "fourth"][i] ?? "last"} one`;
    const when = [want["date"] ? this.#date(want) : "", this.#time(want) ?? ""]
      .filter(Boolean)
      .join(" at ")
      .replace("at between", "between")
      .replace("at after", "after")
      .replace("at before", "before");
    return when ? `not those, I'd need ${when}` : null;
  }

  /** Whether what a choice or a read back says is a time that they want. */
  #fits(text: string, want: SlotMap): boolean {
    if (want["date"] && !saysDay(text, want["date"])) return false;
    const [at] = timesIn(text);
    if (at === undefined) return true;
    return (!want["from"] || at >= minutes(want["from"])) && (!want["to"] || at <= minutes(want["to"]));
  }

  #agrees(text: string, { kind, want, of }: Aim): boolean {
    const low = text.toLowerCase();
    if (kind === "cancelled") return /cancel/.test(low) && (!of || low.includes(of.service.toLowerCase()));
    if (/shall i cancel/.test(low) || (kind === "booked") !== /shall i book/.test(low)) return false;
    // What there is already is no part of what is proposed.
    text = text.replace(/^.*this would be one more\.\s*/s, "");
    // Of a move, the last day and time are the new ones.
    const part = kind === "moved" ? (/\bto (.*)$/s.exec(text)?.[1] ?? text) : text;
    if (want["service"] && !low.includes(want["service"].toLowerCase())) return false;
    return this.#fits(part, want);
  }
}

const minutes = (clock: string): number => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3));

function saysDay(text: string, iso: string): boolean {
  const month = MONTHS[Number(iso.slice(5, 7)) - 1] as string;
  const date = Number(iso.slice(8));
  return new RegExp(`\\b${date}(?:st|nd|rd|th)? (?:${month}|${month.slice(0, 3)})\\b|\\b(?:${month}|${month.slice(0, 3)}) ${date}\\b`, "i").test(text);
}

function timesIn(text: string): number[] {
  return [...text.matchAll(/\b(\d{1,2}):(\d{2})(?: ?(am|pm))?/gi)].map((m) => {
    const hour = Number(m[1]);
    const shift = m[3]?.toLowerCase() === "pm" && hour < 12 ? 12 : m[3]?.toLowerCase() === "am" && hour === 12 ? -12 : 0;
    return (hour + shift) * 60 + Number(m[2]);
  });
}
