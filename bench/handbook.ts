import { readFileSync } from "node:fs";
import { performance } from "node:perf_hooks";
import { readSource } from "@gentian/core/bring/bring";
import { compose } from "@gentian/core/bring/compose";
import { blocksOfText } from "@gentian/core/bring/source";
import { CopyBook, Rehearsal } from "@gentian/core/conversation/copybook";
import { rowOf } from "@gentian/core/schedule/openings";
import { change } from "@gentian/core/house/change";
import { draftSchema, readyOf, type Draft } from "@gentian/core/house/draft";
import { emptyHandbook } from "@gentian/core/house/empty";
import { placeBook } from "@gentian/core/house/book";
import { demoFile, houseOf } from "@gentian/core/testing/demo";
import { epochMinOf } from "@gentian/core/time/zone";
import { demoBook } from "../demo/book.ts";
import { readHtml } from "@gentian/server/bring/html";
import { ms, quantile } from "./server.ts";

const say = (line: string): void => void process.stdout.write(`${line}\n`);
const paper = (name: string): string => readFileSync(new URL(`../core/bring/blind/${name}`, import.meta.url), "utf8");

/** What it takes to read twenty pages, to make a change, and to say again what the change touches. */
export function run(): Promise<void> {
  const pages = Array.from({ length: 20 }, (_, i) =>
    i % 2 === 0
      ? readHtml(`page ${i}`, paper(i % 4 === 0 ? "dogs.prices.html" : "dogs.hours.html"))
      : { name: `page ${i}`, blocks: blocksOfText(paper(i % 4 === 1 ? "hair.prices.txt" : "hair.hours.txt")) },
  );
  const empty = draftSchema.parse(emptyHandbook("Bench"));
  const bring: number[] = [];
  for (let i = 0; i < 12; i++) {
    const at = performance.now();
    // Each time from the pages' own words, as they come.
    const found = pages.flatMap(
      (_, k) =>
        readSource(
          k % 2 === 0 ? readHtml(`page ${k}`, paper(k % 4 === 0 ? "dogs.prices.html" : "dogs.hours.html")) : (pages[k] as (typeof pages)[number]),
          "CA",
        ).finds,
    );
    compose(empty, found);
    bring.push(performance.now() - at);
  }
  say(`twenty pages read and put in place: median ${ms(quantile(bring, 0.5))}, slowest ${ms(Math.max(...bring))} (at most 3000 ms)`);

  const file = demoFile();
  const { book: _book, ...handbook } = file;
  const draft: Draft = draftSchema.parse(handbook);
  const house = houseOf(file);
  const now = epochMinOf(house.zone, "2027-03-01T10:42");
  const { placed } = placeBook(house, { ...file, book: demoBook(house, now) });
  const script = [
    "how much is a deep tissue for an hour and could nell do friday",
    "is there parking",
    "next week in the afternoon",
    "the first one",
    "Ana Petrov",
    "902 555 0142",
    "yes",
    "what if I cancel late?",
  ];
  const changes: number[] = [];
  const again: number[] = [];
  let current = draft;
  for (let i = 0; i < 60; i++) {
    let at = performance.now();
    current = change(current, { op: "set", path: ["services", "sports-massage", "variants"], value: [{ lengthMin: 60, priceMinor: 9500 + i }] }).doc;
    changes.push(performance.now() - at);
    at = performance.now();
    const ready = readyOf(current);
    const copy = new CopyBook(ready.house);
    for (const [k, a] of placed.entries()) copy.calendar.set(rowOf(ready.house, `x${k}`, a, a.places));
    const talk = new Rehearsal(copy, now, "ternbay-web", "web", 7);
    talk.start();
    for (const line of script) talk.say(line);
    again.push(performance.now() - at);
  }
  say(`a change of one line: median ${ms(quantile(changes, 0.5))}, slowest ${ms(Math.max(...changes))} (typing waits at most 50 ms)`);
  say(
    `${script.length} messages said again on a full copy of the calendars (${placed.length} appointments): median ${ms(quantile(again, 0.5))}, p99 ${ms(quantile(again, 0.99))} (at most 300 ms)`,
  );
  say(`first time, everything cold: ${ms(again[0] as number)}`);
  return Promise.resolve();
}
