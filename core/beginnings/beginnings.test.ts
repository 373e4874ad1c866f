import { describe, expect, it } from "vitest";
import { CopyBook, Rehearsal } from "../conversation/copybook.ts";
import { change } from "../house/change.ts";
import { draftSchema, readyOf, type Draft } from "../house/draft.ts";
import { emptyHandbook } from "../house/empty.ts";
import { giveAway, handbookFileSchema, takeIn } from "../house/handbookfile.ts";
import { demoFile } from "../testing/demo.ts";
import { epochMinOf } from "../time/zone.ts";
import { BEGINNINGS } from "./all.ts";

const empty = (name: string): Draft => draftSchema.parse({ ...emptyHandbook(name), zone: "America/Halifax" });
const line = (d: Draft): string => d.lines[0]?.key ?? "";

/** Books the first service with the first person and answers whatever is asked, as a client would; gives what stands. */
function bookFirst(d: Draft, service: string, answers: Record<string, string>) {
  const { house } = readyOf(d);
  const book = new CopyBook(house);
  const talk = new Rehearsal(book, epochMinOf(house.zone, "2027-03-02T10:00"), line(d), "web", 4);
  talk.start();
  const say = (t: string): string =>
    talk
      .say(t)
      .map((r) => r.text)
      .join(" ");
  say(`${service} on thursday afternoon please`);
  for (let i = 0; i < 14 && talk.state.status === "open" && !talk.state.outcomes.some((o) => o !== "answered"); i++) {
    const e = talk.state.expects;
    const by: Record<string, string> = {
      slot: "the first one",
      length: "the short one",
      name: "Ana Petrov",
      phone: "902 555 0142",
      "phone-check": "yes",
      "go-ahead": "yes",
      day: "thursday afternoon",
      service: "the first one",
    };
    say(e.startsWith("question:") ? (answers[e.slice(9)] ?? "no") : (by[e] ?? "yes"));
  }
  return { outcomes: talk.state.outcomes, appointments: book.appointments };
}

const ANSWERS: Record<string, Record<string, string>> = {
  physiotherapy: { body_part: "my knee", since_when: "three weeks" },
  "nails-and-brows": { old_gel: "yours" },
  "bicycle-workshop": { bike_kind: "a gravel bike" },
  "music-lessons": { age: "nine", instrument: "piano" },
  "veterinary-practice": { animal: "a puppy", trouble: "he limps" },
  "driving-school": { permit: "yes", pick_up: "12 Elm Street, Tern Bay" },
};

describe.each(BEGINNINGS)("the beginning for: $trade", (b) => {
  const d = draftSchema.parse(change(empty("New House"), b.begin(empty("New House"))).doc);

  it("has nothing in it that contradicts itself", () => {
    const left = readyOf(d).gaps.filter((g) => !["to-fill", "address-missing", "phone-missing", "price-missing"].includes(g.code));
    expect(left).toEqual([]);
    expect(b.handbook.services.length).toBeGreaterThanOrEqual(6);
    expect(b.handbook.answers.length).toBeGreaterThanOrEqual(7);
  });

  it("books its first service when asked", () => {
    const done = bookFirst(d, b.handbook.services[0]?.name ?? "", ANSWERS[b.id] ?? {});
    expect(done.outcomes).toContain("booked");
    expect(done.appointments[0]?.service).toBe(b.handbook.services[0]?.id);
  });

  it("answers its own questions by the answers that belong to them", () => {
    const { house } = readyOf(d);
    const wrong = b.handbook.answers.filter((a) => {
      const talk = new Rehearsal(new CopyBook(house), epochMinOf(house.zone, "2027-03-02T10:00"), line(d), "web", 4);
      talk.start();
      return !talk.say(a.question).some((r) => r.sources.some((s) => s.kind === "answer" && s.id === a.id));
    });
    expect(wrong.map((w) => w.question)).toEqual([]);
  });
});

describe("a handbook given to a second branch", () => {
  const { book: _book, ...demo } = demoFile();
  const given = handbookFileSchema.parse(JSON.parse(JSON.stringify(giveAway(draftSchema.parse(demo)))));

  it("takes nothing along that is one house's own", () => {
    const text = JSON.stringify(given);
    for (const own of ["Causeway", "555-0100", "5550100", "5550111", "Maren", "Tobias", "ternbay"]) expect(text.includes(own), own).toBe(false);
  });

  it("says words as that house does, but for its people's names, and as the branch does where it has its own way", () => {
    expect(given.calls?.said?.map((x) => x.word)).toEqual(["Pilates", "kinesio"]);
    const branch = draftSchema.parse({
      ...empty("Tern Bay North"),
      calls: {
        said: [
          { id: "own", word: "pilates", as: "pee lah tees" },
          { id: "jo", word: "Jo", as: "joe" },
        ],
      },
    });
    const taken = draftSchema.parse(change(branch, takeIn(branch, given)).doc);
    expect(taken.calls?.said?.map((x) => [x.word, x.as])).toEqual([
      ["pilates", "pee lah tees"],
      ["Jo", "joe"],
      ["kinesio", "kin easy oh"],
    ]);
  });

  it("works once the branch has said who it is", () => {
    const branch = draftSchema.parse(change(empty("Tern Bay North"), takeIn(empty("Tern Bay North"), given)).doc);
    const gaps = readyOf(branch).gaps.map((g) => `${g.code} ${g.place}`);
    expect(gaps).toEqual(expect.arrayContaining(["no-staff staff", "to-fill place/street", "to-fill hours"]));
    const hours = [{ id: "all", weekdays: ["Monday", "Tuesday", "Wednesday", "Thursday", "Friday"] as const, from: "09:00", to: "17:00" }];
    const filled = draftSchema.parse({
      ...branch,
      toFill: [],
      hours,
      staff: [{ id: "eva", name: "Eva Storm", work: "physiotherapist", bookable: true, hours }],
      services: branch.services.map((s) => ({ ...s, staff: ["eva"] })),
    });
    const done = bookFirst(filled, "taping", {});
    expect(done.outcomes).toContain("booked");
    expect(readyOf(filled).house.handbook.receptionists[0]?.greeting).not.toMatch(/Tern Bay/);
  });
});
