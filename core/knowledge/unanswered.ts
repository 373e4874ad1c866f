import { folded, stem } from "../language/text.ts";

export interface Asked {
  /** The question in the words in which it came most lately. */
  text: string;
  times: number;
  conversations: string[];
}

const SMALL = new Set(
  "a an the i me my we our you your do does did is are am can could will would have has of for to in on at it there any and or please".split(" "),
);

const wordsIn = (text: string): Set<string> =>
  new Set(
    folded(text)
      .split(" ")
      .filter((w) => w && !SMALL.has(w))
      .map(stem),
  );

/** Gathers questions that ask the same in other words: more than half of their telling words are shared. Most asked first. */
export function gather(list: readonly { text: string; conversation: string }[]): Asked[] {
  const groups: { asked: Asked; words: Set<string> }[] = [];
  for (const q of list) {
    const words = wordsIn(q.text);
    const near = groups.find((g) => {
      const shared = [...words].filter((w) => g.words.has(w)).length;
      return shared > 0 && (2 * shared) / (words.size + g.words.size) > 0.6;
    });
    if (near) {
      near.asked.times++;
      if (!near.asked.conversations.includes(q.conversation)) near.asked.conversations.push(q.conversation);
    } else groups.push({ asked: { text: q.text, times: 1, conversations: [q.conversation] }, words });
  }
  return groups.map((g) => g.asked).sort((a, b) => b.times - a.times);
}
