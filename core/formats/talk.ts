import { z } from "zod";
import { advance, begin } from "../conversation/advance.ts";
import type { Event, Looked, State } from "../conversation/state.ts";
import { compile, type House } from "../house/compile.ts";
import { parseHouseFile, type HouseFile } from "../house/schema.ts";
import { CalendarBook } from "../schedule/calendar.ts";

/** A conversation as it can be played again: the house as it was, the seed, the clock, what came in and what was seen. */
const savedTalk = z.object({
  format: z.literal("gentian-talk/1"),
  house: z.unknown(),
  line: z.string(),
  channel: z.enum(["web", "text", "phone"]),
  seed: z.number().int(),
  /** Epoch minutes of the house's clock. */
  startedMin: z.number().int(),
  steps: z.array(
    z.object({
      atMin: z.number().int(),
      event: z.custom<Event>((e) => typeof e === "object" && e !== null && "kind" in e),
      reply: z.object({ text: z.string(), expects: z.string() }).nullable(),
    }),
  ),
  /** What each look at the calendar gave, in order. */
  looked: z.array(z.custom<Looked>((l) => typeof l === "object" && l !== null && "offers" in l)),
});
export type SavedTalk = Omit<z.infer<typeof savedTalk>, "house"> & { house: HouseFile };

/** Reads a saved conversation; the problems where it is none. */
export function parseTalk(data: unknown): { talk: SavedTalk } | { problems: string[] } {
  const parsed = savedTalk.safeParse(data);
  if (!parsed.success) return { problems: parsed.error.issues.map((i) => `${i.path.join("/") || "the file"}: ${i.message}`) };
  const house = parseHouseFile(parsed.data.house);
  if ("problems" in house) return { problems: house.problems.map((p) => `house/${p.path}: ${p.message}`) };
  return { talk: { ...parsed.data, house: house.file } };
}

export interface Difference {
  step: number;
  said: string;
  was: string;
  is: string;
}

/**
 * Plays a saved conversation again, by today's rules on the house as it was then, with what was seen of the calendar
 * put in its place. Gives every reply, and where one differs from the one that was given.
 */
export function replay(talk: SavedTalk): { replies: string[]; differences: Difference[] } {
  const { house, gaps } = compile(talk.house);
  if (!house) throw new Error(`the house contradicts itself: ${gaps.map((g) => `${g.place}: ${g.code}`).join("; ")}`);
  return replayIn(house, talk);
}

/** The same in a house that is compiled already. */
export function replayIn(house: House, talk: Omit<SavedTalk, "house">): { replies: string[]; differences: Difference[] } {
  let state: State = begin(house, talk.startedMin, talk.line, talk.channel, talk.seed);
  const calendar = new CalendarBook();
  const seen = [...talk.looked];
  const replies: string[] = [];
  const differences: Difference[] = [];
  talk.steps.forEach((s, i) => {
    const step = advance(house, calendar, s.atMin, state, s.event, () => seen.shift() ?? { offers: [], fit: "none", why: null, seen: 0 });
    state = step.state;
    const is = step.reply ? `${step.reply.text} [${step.reply.expects}]` : "";
    const was = s.reply ? `${s.reply.text} [${s.reply.expects}]` : "";
    if (step.reply) replies.push(step.reply.text);
    if (is !== was) differences.push({ step: i, said: s.event.kind === "said" ? s.event.text : s.event.kind, was, is });
  });
  return { replies, differences };
}
