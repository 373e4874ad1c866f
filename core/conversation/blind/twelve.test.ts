import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { demoHouse } from "../../testing/demo.ts";
import { isoOfDay } from "../../time/days.ts";
import { clockText, epochMinOf } from "../../time/zone.ts";
import { bookWith } from "../../testing/play.ts";
import { Rehearsal, type CopyBook } from "../copybook.ts";

interface Script {
  id: string;
  says: string[];
  when: Record<string, string[]>;
  ends: {
    booked?: Wanted[];
    moved?: Wanted[];
    cancelled?: { id: string; fee_minor?: number }[];
    standing?: string[];
    outcome?: string;
    says?: string;
  };
}
interface Wanted {
  id?: string;
  client?: string;
  phone?: string;
  service: string;
  length_min?: number;
  staff?: string;
  staff_in?: string[];
  date: string;
  from: string;
  to: string;
  places?: number;
}

const data = JSON.parse(readFileSync(new URL("./twelve.json", import.meta.url), "utf8")) as {
  now: string;
  clients: { id: string; name: string; phone?: string; email?: string; assessed: boolean }[];
  appointments: { id: string; client: string; service: string; length_min: number; staff: string; start: string }[];
  conversations: Script[];
};

const house = demoHouse();
const now = epochMinOf(house.zone, data.now);

/** Plays a script: the line under what is waited for goes first, then the next of those said in order. */
function play(script: Script, seed: number): { book: CopyBook; talk: string[]; rehearsal: Rehearsal } {
  const book = bookWith(house, data);
  const rehearsal = new Rehearsal(book, now, "ternbay-web", "web", seed);
  const talk = rehearsal.start().map((r) => `R: ${r.text}`);
  const says = [...script.says];
  const when = new Map(Object.entries(script.when).map(([k, v]) => [k, [...v]]));
  let next = says.shift();
  for (let i = 0; next !== undefined && i < 40; i++) {
    talk.push(`C: ${next}`);
    for (const r of rehearsal.say(next)) talk.push(`R [${r.expects}]: ${r.text}`);
    if (rehearsal.state.status !== "open") break;
    const own = when.get(rehearsal.state.expects)?.shift();
    next = own ?? (rehearsal.state.expects === "errand" || !when.has(rehearsal.state.expects) ? says.shift() : undefined);
  }
  return { book, talk, rehearsal };
}

describe.each([1, 2, 3])("twelve conversations written before the engine, seed %i", (seed) => {
  it.each(data.conversations.map((c) => [c.id, c] as const))("%s", (_, script) => {
    const { book, talk, rehearsal } = play(script, seed);
    const story = talk.join("\n");
    const before = new Map(data.appointments.map((a) => [a.id, a]));
    const fresh = book.appointments.filter((a) => !before.has(a.id) && a.status === "booked");
    const moved = book.appointments.filter((a) => before.has(a.id) && a.startMin !== epochMinOf(house.zone, before.get(a.id)?.start ?? ""));
    const cancelled = book.appointments.filter((a) => a.status === "cancelled");
    const check = (list: typeof fresh, wanted: Wanted[]): void => {
      expect(list.length, story).toBe(wanted.length);
      list.forEach((a, i) => {
        const w = wanted[i] as Wanted;
        const at = house.zone.toLocal(a.startMin);
        expect(house.services.get(a.service)?.name, story).toBe(w.service);
        expect(isoOfDay(at.day), story).toBe(w.date);
        expect(clockText(at.minute) >= w.from && clockText(at.minute) <= w.to, `${clockText(at.minute)} in ${w.from}–${w.to}\n${story}`).toBe(true);
        if (w.id) expect(a.id, story).toBe(w.id);
        if (w.length_min) expect(a.lengthMin, story).toBe(w.length_min);
        if (w.client) expect(a.client.name, story).toBe(w.client);
        if (w.phone) expect(a.client.phone, story).toBe(w.phone);
        if (w.staff) expect(house.staff.get(a.staff)?.name, story).toBe(w.staff);
        if (w.staff_in) expect(w.staff_in, story).toContain(house.staff.get(a.staff)?.name);
        if (w.places) expect(a.places, story).toBe(w.places);
      });
    };
    check(fresh, script.ends.booked ?? []);
    check(moved, script.ends.moved ?? []);
    expect(cancelled.map((a) => a.id), story).toEqual((script.ends.cancelled ?? []).map((c) => c.id));
    for (const c of script.ends.cancelled ?? []) if (c.fee_minor !== undefined) expect(cancelled.find((a) => a.id === c.id)?.feeMinor, story).toBe(c.fee_minor);
    for (const id of script.ends.standing ?? []) expect(book.appointments.find((a) => a.id === id)?.status, story).toBe("booked");
    if (script.ends.outcome) expect(rehearsal.state.outcomes, story).toContain(script.ends.outcome);
    if (script.ends.says) expect(story).toContain(script.ends.says);
  });
});
