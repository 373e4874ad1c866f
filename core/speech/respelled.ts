/** Words that voices say wrong, written as they say them right; `said` knows them in small letters. */
export function respelled(text: string, said: ReadonlyMap<string, string>): string {
  if (said.size === 0) return text;
  return text.replace(/[\p{L}'-]+/gu, (w) => said.get(w.toLowerCase()) ?? w);
}
