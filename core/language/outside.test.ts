import recognizers from "@microsoft/recognizers-text-date-time";
import * as chrono from "chrono-node";
import MiniSearch from "minisearch";
import { describe, expect, it } from "vitest";
import { search } from "../knowledge/search.ts";
import { demoHouse } from "../testing/demo.ts";
import { NOW } from "../testing/play.ts";
import { epochMinOf } from "../time/zone.ts";
import { readPublic } from "./slots.ts";

const house = demoHouse();
const now = epochMinOf(house.zone, NOW);
/** The same moment as a plain local date, for readers that know no zone. */
const reference = new Date(2027, 2, 1, 8, 30);
const slots = (text: string): Record<string, unknown> => readPublic(text, { house, now, expects: "day" }).slots;

describe("chrono-node reads the same where the meanings agree", () => {
  it.each([
    "tomorrow at 2pm",
    "on march 12",
    "12 march at 10:30",
    "2027-03-12",
    "in 3 weeks",
    "in ten days",
    "friday at 3pm",
    "thursday at 11:15 am",
    "april 3rd at noon",
    "the day after tomorrow at 4 pm",
    "saturday at 10am",
    "in a week",
    "3/12",
    "march 9th at 4:45 pm",
  ])("%s", (text) => {
    const theirs = chrono.parse(text, reference, { forwardDate: true })[0]?.start;
    expect(theirs).toBeDefined();
    const two = (n: number | null | undefined): string => String(n ?? 0).padStart(2, "0");
    const ours = slots(text);
    expect(ours["date"]).toBe(`${theirs?.get("year")}-${two(theirs?.get("month"))}-${two(theirs?.get("day"))}`);
    if (theirs?.isCertain("hour")) expect(ours["time"]).toBe(`${two(theirs.get("hour"))}:${two(theirs.get("minute"))}`);
  });

  // Where they differ, a rule of ours explains it.
  it.each([
    ["next friday", "two readings while this week's Friday is ahead: asked, never chosen"],
    ["at 3", "read against the opening hours, not as three in the night"],
    ["friday week", "a week after the coming Friday"],
    ["half two", "half past two, as it is said in Britain and Ireland"],
  ])("differs on “%s”: %s", (text) => {
    const theirs = chrono.parse(text, reference, { forwardDate: true })[0]?.start.date();
    const ours = slots(text);
    const day = theirs ? `${theirs.getFullYear()}-${String(theirs.getMonth() + 1).padStart(2, "0")}-${String(theirs.getDate()).padStart(2, "0")}` : "";
    const time = theirs ? `${String(theirs.getHours()).padStart(2, "0")}:${String(theirs.getMinutes()).padStart(2, "0")}` : "";
    expect(ours["date"] === day && (ours["time"] === undefined || ours["time"] === time)).toBe(false);
  });
});

describe("Microsoft's recogniser reads the same where the meanings agree", () => {
  it.each([
    ["tomorrow", "2027-03-02"],
    ["march 12", "2027-03-12"],
    ["the day after tomorrow", "2027-03-03"],
    ["two weeks from now", "2027-03-15"],
    ["next week", "2027-03-08"],
    ["this weekend", "2027-03-06"],
    ["in april", "2027-04-01"],
  ])("%s", (text, from) => {
    const found = recognizers.recognizeDateTime(text, "en-us", undefined, reference);
    const values = found.flatMap((f) => (f.resolution?.["values"] as { value?: string; start?: string }[] | undefined) ?? []);
    expect(
      values.some((v) => (v.value ?? v.start ?? "").startsWith(from)),
      JSON.stringify(values),
    ).toBe(true);
    const ours = slots(text);
    expect(ours["date"] ?? ours["date_from"]).toBe(from);
  });
});

describe("MiniSearch ranks the same line first", () => {
  const index = new MiniSearch<{ id: string; text: string }>({ fields: ["text"] });
  index.addAll(house.handbook.answers.map((a) => ({ id: a.id, text: [a.question, ...a.also, a.answer].join(" ") })));
  it.each([
    ["what should I wear", "wear"],
    ["are dogs welcome", "dogs"],
    ["do you make home visits", "home-visits"],
    ["is there a shower and lockers", "shower"],
    ["does acupuncture hurt", "needling-hurt"],
    ["is there wifi", "wifi"],
    ["can I lock my bike", "bike"],
    ["do I need a referral", "referral"],
    ["are taxes included", "tax"],
    ["is gratuity expected", "tip"],
  ])("%s", (question, id) => {
    expect(search(house, question).filter((h) => h.passage.kind === "answer")[0]?.passage.id).toBe(id);
    expect(index.search(question)[0]?.id).toBe(id);
  });
});
