import { JOINS_TWO } from "../language/packs/en/doing.ts";

/** More places at which two visits may be joined are not looked at. */
const MOST_JOINS = 4;

/** A place at which two visits may be joined: where it stands in what was said, and what stands before and behind it. */
export interface Join {
  start: number;
  end: number;
  left: string;
  right: string;
}

/** The places at which two visits may be joined in what was said, in their order; none where there are too many of them. */
export function joinsOf(said: string): Join[] {
  const joins = [...said.matchAll(JOINS_TWO)];
  if (joins.length > MOST_JOINS) return [];
  return joins.map((join) => {
    const end = join.index + join[0].length;
    return { start: join.index, end, left: said.slice(0, join.index), right: said.slice(end) };
  });
}
