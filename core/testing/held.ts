import { Rehearsal } from "../conversation/copybook.ts";
import { isoOfDay } from "../time/days.ts";
import { clockText, epochMinOf } from "../time/zone.ts";
import { bookWith, NOW } from "./play.ts";
import { setBook, setHouse, type SetName } from "./sets.ts";

/** Says all of it at a house of the seventh set, and tells what was answered and what stands in the book and on slips afterwards. */
export const held = (key: "ternbay" | "hollow" | "quayside", channel: "web" | "phone", ...says: string[]) => heldAt("seventh", key, channel, ...says);

/** The same at a house of any set. */
export const heldAt = (set: SetName, key: string, channel: "web" | "phone", ...says: string[]) => heldFrom(set, key, channel, undefined, ...says);

/** What `heldAt` does at one house of a set. */
export const talksAt =
  (set: SetName, key: string, channel: "web" | "phone" = "web") =>
  (...says: string[]) =>
    heldAt(set, key, channel, ...says);

/** The same, by somebody whose number the line shows. */
export function heldFrom(set: SetName, key: string, channel: "web" | "phone", number: string | undefined, ...says: string[]) {
  const house = setHouse(set, key);
  const given = setBook(set, key);
  const book = bookWith(house, given);
  const line = house.handbook.lines.find((l) => (l.channel === "phone") === (channel === "phone"))?.key ?? "";
  const r = new Rehearsal(book, epochMinOf(house.zone, NOW), line, channel, 5);
  const greeting = r
    .start(number)
    .map((x) => x.text)
    .join(" ");
  const replies = says.map((s) => r.say(s));
  const each = replies.map((out) => out.map((x) => x.text).join(" "));
  const row = (a: (typeof book.appointments)[number]): string => {
    const w = house.zone.toLocal(a.startMin);
    return `${a.service} ${isoOfDay(w.day)} ${clockText(w.minute)} ${a.staff}`;
  };
  const fresh = book.appointments.filter((a) => !given.appointments.some((g) => g.id === a.id) && a.status === "booked");
  const standing = (id: string) => book.appointments.find((x) => x.id === id);
  return {
    house,
    state: r.state,
    greeting,
    each,
    last: each.at(-1) ?? "",
    choices: (replies.at(-1)?.at(-1)?.choices ?? []).map((c) => c.label),
    reasons: (replies.at(-1) ?? []).flatMap((x) => x.reasons),
    slips: book.slips,
    booked: fresh.map(row),
    places: fresh.map((a) => a.places),
    minutes: fresh.map((a) => a.lengthMin),
    was: (id: string): string => {
      const a = standing(id);
      return a ? `${row(a)} ${a.status}` : "";
    },
    minutesOf: (id: string): number | undefined => standing(id)?.lengthMin,
  };
}
