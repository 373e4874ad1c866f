/** What an alignment of heard words with said words found. */
export interface WordErrors {
  said: number;
  substituted: number;
  left: number;
  added: number;
  /** (substituted + left out + added) / said; 0 where nothing was said and nothing heard. */
  rate: number;
}

/**
 * The word error rate: the fewest words to substitute, leave out and add to make the one of the other (Levenshtein's
 * distance over words), over the number of words said.
 */
export function wordErrors(said: readonly string[], heard: readonly string[]): WordErrors {
  type Cell = [cost: number, substituted: number, left: number, added: number];
  let row: Cell[] = Array.from({ length: heard.length + 1 }, (_, j) => [j, 0, 0, j]);
  for (let i = 1; i <= said.length; i++) {
    const next: Cell[] = [[i, 0, i, 0]];
    for (let j = 1; j <= heard.length; j++) {
      const [c, s, l, a] = row[j - 1] as Cell;
      const same = said[i - 1] === heard[j - 1];
      let best: Cell = same ? [c, s, l, a] : [c + 1, s + 1, l, a];
      const up = row[j] as Cell;
      if (up[0] + 1 < best[0]) best = [up[0] + 1, up[1], up[2] + 1, up[3]];
      const back = next[j - 1] as Cell;
      if (back[0] + 1 < best[0]) best = [back[0] + 1, back[1], back[2], back[3] + 1];
      next.push(best);
    }
    row = next;
  }
  const [cost, substituted, left, added] = row[heard.length] as Cell;
  return { said: said.length, substituted, left, added, rate: said.length === 0 ? (cost === 0 ? 0 : 1) : cost / said.length };
}
