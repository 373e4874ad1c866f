import { describe, expect, it } from "vitest";
import { bookWith, faultsIn, play } from "../../testing/play.ts";
import { difficultTalks, setBook, setHouse } from "../../testing/sets.ts";

const books = setBook("first", "ternbay");

describe.each([1, 2, 5])("a difficult client, seed %i", (seed) => {
  it.each(difficultTalks().map((t) => [t.id, t] as const))("%s", (_, talk) => {
    const book = bookWith(setHouse("first", talk.house), books);
    const played = play(book, talk, seed);
    expect(faultsIn(book, books, talk), played.talk.join("\n")).toEqual([]);
  });
});
