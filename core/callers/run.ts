import { CopyBook, Rehearsal } from "../conversation/copybook.ts";
import type { ReplyOut } from "../conversation/state.ts";
import type { House } from "../house/compile.ts";
import type { EpochMin } from "../time/zone.ts";
import { AIMS, Caller, TEMPERS, type Aim, type Temper, type Verdict } from "./caller.ts";
import { chance, type Ways } from "./ways.ts";

/** One simulated conversation and what came of it. */
export interface Call extends Verdict {
  n: number;
  aim: Aim;
  temper: Temper;
  turns: number;
  /** Questions that were asked more than once. */
  extra: number;
  talk: string[];
}

/** How often each aim is called for: booking is what most people want. */
const SHARES: readonly Aim[] = ["book", "book", "book", "book", "move", "move", "cancel", "cancel", "ask"];

/** The caller with a number: the same for the same house, seed and moment. */
export function callerOf(house: House, book: CopyBook, now: EpochMin, ways: Ways, seed: number, n: number): Caller {
  const random = chance(seed * 100_003 + n);
  const aim = SHARES[n % SHARES.length] ?? AIMS[0];
  const temper = TEMPERS[Math.floor(n / SHARES.length) % TEMPERS.length] ?? TEMPERS[0];
  return new Caller(house, book, now, ways, random, aim, temper);
}

/** Lets one caller talk to the receptionist on a copy of the books, to the end. */
export function call(house: House, book: CopyBook, now: EpochMin, ways: Ways, seed: number, n: number): Call {
  const caller = callerOf(house, book, now, ways, seed, n);
  const before = new Map(book.appointments.map((a) => [a.id, { ...a }]));
  const rehearsal = new Rehearsal(book, now, house.handbook.lines[0]?.key ?? "", "web", seed + n);
  const talk = rehearsal.start().map((r) => `R: ${r.text}`);
  let next: string | null = caller.first();
  while (next !== null) {
    talk.push(`C: ${next}`);
    const replies: ReplyOut[] = rehearsal.say(next);
    for (const r of replies) talk.push(`R [${r.expects}]: ${r.text}`);
    if (rehearsal.state.status !== "open") break;
    const last = replies.at(-1);
    next = caller.hear({
      text: replies.map((r) => r.text).join(" "),
      expects: rehearsal.state.expects,
      ...(caller.facts.usesChoices && last?.choices ? { choices: last.choices } : {}),
    });
  }
  return {
    n,
    aim: caller.facts.aim,
    temper: caller.facts.temper,
    ...caller.judge(before),
    turns: caller.turns,
    extra: Math.max(0, caller.turns - caller.asked.size - 1 - caller.asides),
    talk,
  };
}

/** Lets so many callers talk, each on a copy of its own. */
export function* callers(
  house: House,
  now: EpochMin,
  ways: Ways,
  seed: number,
  count: number,
  booked: (book: CopyBook) => void = () => undefined,
): Generator<Call> {
  for (let n = 0; n < count; n++) {
    const book = new CopyBook(house);
    booked(book);
    yield call(house, book, now, ways, seed, n);
  }
}
