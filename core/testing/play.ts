import { CopyBook, Rehearsal } from "../conversation/copybook.ts";
import type { ReplyOut } from "../conversation/state.ts";
import { sameName } from "../conversation/names.ts";
import type { House } from "../house/compile.ts";
import { isoOfDay } from "../time/days.ts";
import { clockText, epochMinOf } from "../time/zone.ts";
import type { Listener } from "./listener.ts";
import type { SetBook, SetTalk, SlotMap } from "./sets.ts";

export const NOW = "2027-03-01T08:30";

/** A copy of the books with the clients and appointments of a set in it. */
export function bookWith(house: House, set: SetBook): CopyBook {
  const book = new CopyBook(house);
  book.clients.push(...set.clients.map((c) => ({ ...c })));
  for (const a of set.appointments) {
    const service = house.handbook.services.find((s) => s.name === a.service);
    const staff = house.handbook.staff.find((s) => s.name === a.staff);
    const client = set.clients.find((c) => c.id === a.client);
    if (!service || !staff || !client) throw new Error(`${a.id} does not fit the house`);
    const startMin = epochMinOf(house.zone, a.start);
    const endMin = startMin + a.length_min;
    book.add({
      id: a.id,
      clientId: client.id,
      client: { name: client.name, ...(client.phone ? { phone: client.phone } : {}) },
      service: service.id,
      lengthMin: a.length_min,
      staff: staff.id,
      room: house.pools.get(service.pool)?.[0]?.id ?? "",
      startMin,
      endMin,
      busyUntilMin: endMin + service.cleanUpMin,
      places: 1,
      priceMinor: service.variants.find((v) => v.lengthMin === a.length_min)?.priceMinor ?? null,
      status: "booked",
      feeMinor: 0,
    });
  }
  return book;
}

/** What is said where a script sets nothing down. */
const PLAIN: Record<string, string> = {
  "name-check": "yes, that's right",
  "phone-check": "yes, that's right",
  "email-check": "yes, that's right",
  "go-ahead": "yes please",
  anything: "no thanks, that's all",
  errand: "no thanks, that's all",
  slot: "the first one",
  length: "the shorter one",
  staff: "no preference",
  service: "the first one",
  day: "thursday",
  time: "any time",
  name: "Robin Calloway",
  email: "I have no email",
  "which-appointment": "the first one",
  message: "please call me back",
  places: "one",
  "question:been_before": "no, it's my first time",
  "question:body_part": "my lower back",
  "question:since_when": "about a month",
  "question:health_plan": "no, I pay myself",
  "question:dog_name": "Biscuit",
  "question:breed": "a beagle, medium size",
  "question:licence": "yes",
  "question:pickup_where": "at the office",
  "question:how_many": "2",
  "question:level": "a little, for a year",
  "question:own_aids": "no",
  "question:insurer": "none",
  "question:school_year": "secondary two",
  "question:learning_needs": "no",
  "question:bike": "a city bike",
  "question:hair_type": "natural",
  "question:scalp_trouble": "no",
  "question:filed_before": "no, I did it myself",
  "question:states": "only Vermont",
  "question:last_dentist": "about two years ago",
  "question:medicines": "no",
  "question:wears_glasses": "yes",
  "question:diabetes": "no",
  "question:people": "four of us",
  "question:use": "for the family",
  "question:occasion": "no, just so",
  "question:bought_here": "no",
};
const NUMBERS: Record<string, string> = {
  ternbay: "902 555 0155",
  lumen: "091 555 0155",
  banksia: "0491 570 175",
  ribble: "01632 960175",
  karoo: "049 555 0155",
  rimutaka: "04 555 0155",
  ocotillo: "520 555 0155",
  bukit: "6555 0155",
  shandon: "021 555 0155",
  mahoe: "876 555 0179",
  sorrel: "802 555 0179",
  birch: "01632 960179",
  neem: "0484 555 0179",
  quayside: "604 555 0179",
  hollow: "01632 960279",
};

/** What a client wishes of a visit, in the order in which they would say it. */
const WISHES = ["staff", "length", "day", "time"];

export interface Played {
  rehearsal: Rehearsal;
  replies: ReplyOut[];
  /** What was said by both, a line each. */
  talk: string[];
  turns: number;
}

/** How a script chooses from what is offered. */
const PICKS = /^(?:ok,? |yes,? |fine,? )?(?:the )?(?:first|second|third|last|later|latest|earlier|earliest)(?: one| of those)?(?: please)?\W*$/i;

/**
 * Plays a script: what is set down for what the receptionist waits for, else the next of what is said in order, else what
 * a client who listens would say, else a plain answer.
 */
export function play(
  book: CopyBook,
  script: Pick<SetTalk, "says" | "when"> & Partial<SetTalk>,
  seed = 1,
  plain = true,
  listener: Listener | null = null,
): Played {
  const { house } = book;
  const rehearsal = new Rehearsal(book, epochMinOf(house.zone, NOW), house.handbook.lines[0]?.key ?? "", "web", seed);
  const replies = rehearsal.start();
  const talk = replies.map((r) => `R: ${r.text}`);
  const says = [...script.says];
  const when = new Map(Object.entries(script.when).map(([k, v]) => [k, [...v]]));
  const quiet = (script.booked?.length ?? 1) + (script.moved?.length ?? 1) + (script.cancelled?.length ?? 1) === 0;
  const refusedAt = (waits: string): boolean => ["go-ahead", "slot", "day", "time", "service", "which-appointment"].includes(waits);
  const used = new Map<string, number>();
  let turns = 0;
  let next = says.shift();
  while (next !== undefined && turns < 40) {
    turns++;
    talk.push(`C: ${next}`);
    const heard = rehearsal.say(next);
    for (const r of heard) {
      replies.push(r);
      talk.push(`R [${r.expects}]: ${r.text}`);
    }
    listener?.hear(heard);
    if (rehearsal.state.status !== "open") break;
    const waits = rehearsal.state.expects;
    // Who listens does not take the first of what does not fit, and says first what else they set down.
    const unfit = listener !== null && waits === "slot" && PICKS.test(when.get("slot")?.[0] ?? "") && !listener.offered(replies.at(-1));
    next = unfit ? undefined : (when.get(waits)?.shift() ?? says.shift());
    // A wish that was set down and never asked for is said when something else is offered.
    if (next === undefined && waits === "slot")
      next = WISHES.map((w) => when.get(w))
        .find((l) => l && l.length > 0)
        ?.shift();
    if (next === undefined && listener) next = listener.answer(waits, replies.at(-1)) ?? undefined;
    // Who wants nothing done in the end does not go on of their own accord.
    if (next === undefined && quiet && refusedAt(waits)) next = "no, never mind, leave it";
    if (next === undefined && plain) {
      const n = (used.get(waits) ?? 0) + 1;
      used.set(waits, n);
      if (n <= 3)
        next = waits === "phone" ? (NUMBERS[house.handbook.key] ?? "902 555 0155") : (PLAIN[waits] ?? (waits.startsWith("question:") ? "no" : undefined));
    }
  }
  return { rehearsal, replies, talk, turns };
}

/** What is wrong in the calendar after a script; nothing where all is as it must be. */
export function faultsIn(book: CopyBook, set: SetBook, script: SetTalk): string[] {
  const { house } = book;
  const before = new Map(set.appointments.map((a) => [a.id, a]));
  const faults: string[] = [];
  const fresh = book.appointments.filter((a) => !before.has(a.id) && a.status === "booked");
  const shown = (a: (typeof fresh)[number]): SlotMap => {
    const at = house.zone.toLocal(a.startMin);
    return {
      service: house.services.get(a.service)?.name ?? "",
      length: String(a.lengthMin),
      staff: house.staff.get(a.staff)?.name ?? "",
      date: isoOfDay(at.day),
      at: clockText(at.minute),
      client: a.visitor ?? a.client.name,
      phone: a.client.phone ?? "",
      places: String(a.places),
    };
  };
  const fits = (a: (typeof fresh)[number], want: SlotMap): boolean => {
    const s = shown(a);
    return Object.entries(want).every(([k, v]) =>
      k === "id"
        ? a.id === v
        : k === "date_from"
          ? (s["date"] as string) >= v
          : k === "date_to"
            ? (s["date"] as string) <= v
            : k === "from"
              ? (s["at"] as string) >= v
              : k === "to"
                ? (s["at"] as string) <= v
                : k === "client"
                  ? sameName(v, s["client"] as string) || sameName(v, a.client.name)
                  : s[k] === v,
    );
  };
  const left = [...fresh];
  for (const want of script.booked) {
    const i = left.findIndex((a) => fits(a, want));
    if (i >= 0) left.splice(i, 1);
    else faults.push(`not booked: ${JSON.stringify(want)}`);
  }
  for (const a of left) faults.push(`wrongly booked: ${JSON.stringify(shown(a))}`);
  const other = book.appointments.filter((a) => {
    const was = before.get(a.id);
    return (
      was &&
      a.status === "booked" &&
      (a.startMin !== epochMinOf(house.zone, was.start) || house.staff.get(a.staff)?.name !== was.staff || a.lengthMin !== was.length_min)
    );
  });
  for (const want of script.moved) {
    const i = other.findIndex((a) => fits(a, want));
    if (i >= 0) other.splice(i, 1);
    else faults.push(`not moved: ${JSON.stringify(want)}`);
  }
  for (const a of other) faults.push(`wrongly moved: ${a.id} ${JSON.stringify(shown(a))}`);
  const gone = new Set(book.appointments.filter((a) => a.status === "cancelled" && before.has(a.id)).map((a) => a.id));
  for (const id of script.cancelled) if (!gone.delete(id)) faults.push(`not cancelled: ${id}`);
  for (const id of gone) faults.push(`wrongly cancelled: ${id}`);
  return faults;
}
