/** A share with its interval, 0 to 1. */
export interface Rate {
  hits: number;
  of: number;
  share: number;
  low: number;
  high: number;
}

/**
 * The share of hits with its Wilson score interval at 95 % (Wilson 1927; worked examples in Newcombe, Statistics in
 * Medicine 17, 1998). Nothing counted gives the whole range.
 */
export function rate(hits: number, of: number, z = 1.959964): Rate {
  if (of === 0) return { hits, of, share: 0, low: 0, high: 1 };
  const p = hits / of;
  const z2 = z * z;
  const middle = (p + z2 / (2 * of)) / (1 + z2 / of);
  const half = (z / (1 + z2 / of)) * Math.sqrt((p * (1 - p)) / of + z2 / (4 * of * of));
  return { hits, of, share: p, low: Math.max(0, middle - half), high: Math.min(1, middle + half) };
}
