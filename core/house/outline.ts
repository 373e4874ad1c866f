import type { Consequence } from "./schema.ts";

/** A consequence in an outline, with how deep it stands. */
export interface OutlineRow {
  depth: number;
  id: string;
  one: Consequence;
}

/** A question's consequences as lines, top to bottom. */
export function rowsOf(list: readonly Consequence[], depth = 0): OutlineRow[] {
  return list.flatMap((one) => [{ depth, id: one.id, one }, ...rowsOf(one.then, depth + 1)]);
}

/** Lines as consequences again: a line belongs to the nearest one above that stands less deep. */
export function treeOf(rows: readonly OutlineRow[]): Consequence[] {
  const top: Consequence[] = [];
  const path: Consequence[] = [];
  for (const r of rows) {
    // Nothing stands more than one step deeper than what is above it.
    const depth = Math.max(0, Math.min(r.depth, path.length));
    const one: Consequence = { ...r.one, then: [] };
    path.length = depth;
    (path.at(-1)?.then ?? top).push(one);
    path.push(one);
  }
  return top;
}

/** Moves a line with all that stands under it to a place before another (or to the end), at a depth. */
export function moved(rows: readonly OutlineRow[], id: string, before: string | null, depth: number): OutlineRow[] {
  const at = rows.findIndex((r) => r.id === id);
  const own = rows[at];
  if (!own) return [...rows];
  let end = at + 1;
  while (end < rows.length && (rows[end] as OutlineRow).depth > own.depth) end++;
  const block = rows.slice(at, end);
  if (before !== null && block.some((r) => r.id === before)) before = rows[end]?.id ?? null;
  const rest = [...rows.slice(0, at), ...rows.slice(end)];
  const to = before === null ? rest.length : rest.findIndex((r) => r.id === before);
  const place = to < 0 ? rest.length : to;
  const above = rest[place - 1];
  const shift = Math.max(0, Math.min(depth, above ? above.depth + 1 : 0)) - own.depth;
  const put = block.map((r) => ({ ...r, depth: r.depth + shift }));
  return [...rest.slice(0, place), ...put, ...rest.slice(place)];
}
