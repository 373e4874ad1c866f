import type { House } from "../house/compile.ts";
import { CalendarBook } from "../schedule/calendar.ts";
import { rowOf, stillOpen } from "../schedule/openings.ts";
import type { EpochMin } from "../time/zone.ts";
import { advance, begin } from "./advance.ts";
import type { AppointmentView, CardView, Effect, Event, OfferView, ReplyOut, State } from "./state.ts";
import { sameName, soundsAlike } from "./names.ts";
import type { Channel } from "../house/schema.ts";

export interface CopyClient {
  id: string;
  name: string;
  phone?: string;
  email?: string;
  assessed: boolean;
  answers?: Record<string, string>;
  byPersonOnly?: boolean;
}

export interface CopyAppointment extends AppointmentView {
  clientId: string;
  status: "booked" | "cancelled";
  feeMinor: number;
  visitor?: string;
}

/** A copy of the books in memory: what rehearsals and simulated callers book in, and tests. Effects are done at once. */
export class CopyBook {
  readonly calendar = new CalendarBook();
  readonly clients: CopyClient[] = [];
  readonly appointments: CopyAppointment[] = [];
  readonly slips: Extract<Effect, { kind: "slip" }>[] = [];
  readonly holds = new Map<string, { offer: OfferView; untilMin: EpochMin; places: number }>();
  #next = 1;

  constructor(readonly house: House) {}

  add(a: CopyAppointment): void {
    this.appointments.push(a);
    this.calendar.set(rowOf(this.house, a.id, a, a.places));
  }

  do(effect: Effect, now: EpochMin): Event | null {
    switch (effect.kind) {
      case "find-client":
        return this.#find(effect);
      case "hold": {
        this.#expire(now);
        const own = effect.replaces ? this.appointments.find((a) => a.id === effect.replaces) : undefined;
        const open = stillOpen(this.house, this.calendar, now, effect.offer, {
          places: effect.places,
          ...(own ? { own: own.id } : {}),
        });
        if (!open) return { kind: "lost", offer: effect.offer };
        const id = `hold-${this.#next++}`;
        const offer: OfferView = { ...effect.offer, room: open.room, ...(open.more ? { more: open.more } : {}) };
        this.holds.set(id, { offer, untilMin: effect.untilMin, places: effect.places });
        this.calendar.set(rowOf(this.house, id, offer, effect.places));
        return { kind: "held", id, offer, untilMin: effect.untilMin };
      }
      case "release":
        this.#release(effect.hold);
        return null;
      case "book": {
        const hold = this.holds.get(effect.hold);
        this.#release(effect.hold);
        if (!hold && !stillOpen(this.house, this.calendar, now, effect.offer, { places: effect.places })) return { kind: "lost", offer: effect.offer };
        let client = this.clients.find((c) => c.id === effect.client.card);
        if (!client) {
          client = { id: `client-${this.#next++}`, name: effect.client.name, assessed: false };
          if (effect.client.phone) client.phone = effect.client.phone;
          if (effect.client.email) client.email = effect.client.email;
          this.clients.push(client);
        }
        client.answers = { ...client.answers, ...effect.cardAnswers };
        const a = this.#appointment(`appointment-${this.#next++}`, client, effect.offer, effect.places);
        if (effect.visitor) a.visitor = effect.visitor;
        this.add(a);
        return { kind: "booked", appointment: a };
      }
      case "move": {
        const a = this.appointments.find((x) => x.id === effect.appointment && x.status === "booked");
        if (!a) return { kind: "gone" };
        this.#release(effect.hold);
        if (effect.offer.lengthMin !== a.lengthMin) a.priceMinor = this.house.needs(effect.offer.service, effect.offer.lengthMin)?.priceMinor ?? null;
        Object.assign(a, effect.offer, { feeMinor: a.feeMinor + effect.feeMinor });
        this.calendar.set(rowOf(this.house, a.id, a, a.places));
        return { kind: "moved", appointment: { ...a }, feeMinor: effect.feeMinor };
      }
      case "cancel": {
        const a = this.appointments.find((x) => x.id === effect.appointment && x.status === "booked");
        if (!a) return { kind: "gone" };
        a.status = "cancelled";
        a.feeMinor += effect.feeMinor;
        this.calendar.drop(a.id);
        return { kind: "cancelled", appointment: { ...a }, feeMinor: effect.feeMinor };
      }
      case "slip":
        this.slips.push(effect);
        return { kind: "slipped", slip: effect.slip };
    }
  }

  #appointment(id: string, client: CopyClient, offer: OfferView, places: number): CopyAppointment {
    const priceMinor = this.house.needs(offer.service, offer.lengthMin)?.priceMinor ?? null;
    return {
      ...offer,
      id,
      clientId: client.id,
      client: { name: client.name, ...(client.phone ? { phone: client.phone } : {}) },
      places,
      priceMinor,
      status: "booked",
      feeMinor: 0,
    };
  }

  #find(effect: Extract<Effect, { kind: "find-client" }>): Event {
    const near = this.clients.filter(
      (c) => (effect.phone !== undefined && c.phone === effect.phone) || (effect.email !== undefined && c.email?.toLowerCase() === effect.email.toLowerCase()),
    );
    const called = (same: typeof sameName) =>
      near.find((c) => same(effect.name, c.name) || this.appointments.some((a) => a.clientId === c.id && a.visitor && same(effect.name, a.visitor)));
    const hit = called(sameName) ?? (effect.byEar ? called(soundsAlike) : undefined);
    if (!hit) return { kind: "client-found", match: near.length > 0 ? "number-only" : "none", appointments: [] };
    const appointments = this.appointments.filter((a) => a.clientId === hit.id && a.status === "booked");
    const card: CardView = {
      id: hit.id,
      name: hit.name,
      assessed: hit.assessed,
      coming: appointments.length,
      ...(hit.answers ? { answers: hit.answers } : {}),
      ...(hit.byPersonOnly ? { byPersonOnly: true } : {}),
    };
    return { kind: "client-found", match: "both", card, appointments };
  }

  #release(id: string): void {
    this.holds.delete(id);
    this.calendar.drop(id);
  }

  #expire(now: EpochMin): void {
    for (const [id, h] of this.holds) if (h.untilMin <= now) this.#release(id);
  }
}

/** Holds a conversation on a copy of the books. */
export class Rehearsal {
  state: State;

  constructor(
    readonly book: CopyBook,
    public now: EpochMin,
    line: string,
    channel: Channel,
    seed: number,
  ) {
    this.state = begin(book.house, now, line, channel, seed);
  }

  start(phone?: string): ReplyOut[] {
    return this.#step({ kind: "start", ...(phone === undefined ? {} : { phone }) });
  }

  /** `sure` is how sure it is that this was said, where it was heard. */
  say(text: string, sure?: number): ReplyOut[] {
    return this.#step({ kind: "said", text, ...(sure === undefined ? {} : { sure }) });
  }

  /** Something was said that could not be heard well enough, or nothing was. */
  event(kind: "unclear" | "silence"): ReplyOut[] {
    return this.#step({ kind });
  }

  /** The time has passed in which somebody at the desk should have come. */
  nobodyCame(): ReplyOut[] {
    return this.#step({ kind: "nobody-came" });
  }

  #step(first: Event): ReplyOut[] {
    const replies: ReplyOut[] = [];
    const events: Event[] = [first];
    for (let i = 0; i < 20; i++) {
      const event = events.shift();
      if (!event) break;
      const step = advance(this.book.house, this.book.calendar, this.now, this.state, event);
      this.state = step.state;
      if (step.reply) replies.push(step.reply);
      for (const effect of step.effects) {
        const back = this.book.do(effect, this.now);
        if (back) events.push(back);
      }
    }
    return replies;
  }
}
