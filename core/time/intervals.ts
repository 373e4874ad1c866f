/** Half-open stretches [start, end) of epoch minutes. A list of them is sorted and does not overlap. */
export interface Interval {
  startMin: number;
  endMin: number;
}

export function overlaps(a: Interval, b: Interval): boolean {
  return a.startMin < b.endMin && b.startMin < a.endMin;
}

/** Sorts and joins what overlaps or touches; empty stretches fall away. */
export function union(list: readonly Interval[]): Interval[] {
  const sorted = list.filter((i) => i.endMin > i.startMin).sort((a, b) => a.startMin - b.startMin);
  const out: Interval[] = [];
  for (const next of sorted) {
    const last = out[out.length - 1];
    if (last && next.startMin <= last.endMin) last.endMin = Math.max(last.endMin, next.endMin);
    else out.push({ startMin: next.startMin, endMin: next.endMin });
  }
  return out;
}

/** What lies in both lists. */
export function intersect(a: readonly Interval[], b: readonly Interval[]): Interval[] {
  const out: Interval[] = [];
  let i = 0;
  let j = 0;
  while (i < a.length && j < b.length) {
    const x = a[i] as Interval;
    const y = b[j] as Interval;
    const startMin = Math.max(x.startMin, y.startMin);
    const endMin = Math.min(x.endMin, y.endMin);
    if (startMin < endMin) out.push({ startMin, endMin });
    if (x.endMin < y.endMin) i++;
    else j++;
  }
  return out;
}

/** What lies in the first list and not in the second. */
export function subtract(a: readonly Interval[], b: readonly Interval[]): Interval[] {
  const out: Interval[] = [];
  let j = 0;
  for (const x of a) {
    let from = x.startMin;
    while (j < b.length && (b[j] as Interval).endMin <= from) j++;
    for (let k = j; k < b.length && (b[k] as Interval).startMin < x.endMin; k++) {
      const cut = b[k] as Interval;
      if (cut.startMin > from) out.push({ startMin: from, endMin: cut.startMin });
      from = Math.max(from, cut.endMin);
    }
    if (from < x.endMin) out.push({ startMin: from, endMin: x.endMin });
  }
  return out;
}

/** Whether a stretch meets none of a sorted list. */
export function isFree(list: readonly Interval[], startMin: number, endMin: number): boolean {
  let lo = 0;
  let hi = list.length;
  while (lo < hi) {
    const mid = (lo + hi) >> 1;
    if ((list[mid] as Interval).endMin <= startMin) lo = mid + 1;
    else hi = mid;
  }
  return lo === list.length || (list[lo] as Interval).startMin >= endMin;
}
