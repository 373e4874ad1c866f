import { describe, expect, it } from "vitest";
import type { HouseFile } from "../house/schema.ts";
import { demoFile, houseOf } from "../testing/demo.ts";
import { epochMinOf } from "../time/zone.ts";
import { CopyBook, Rehearsal } from "./copybook.ts";

/** A conversation with a changed demo house; one client is known, with so many appointments to come. */
function talk(change: (f: HouseFile) => void, known: { byPersonOnly?: boolean; coming?: number } = {}) {
  const file = demoFile();
  change(file);
  const house = houseOf(file);
  const book = new CopyBook(house);
  book.clients.push({ id: "c1", name: "Ana Petrov", phone: "+19025550142", assessed: true, ...(known.byPersonOnly ? { byPersonOnly: true } : {}) });
  for (let i = 0; i < (known.coming ?? 0); i++) {
    const startMin = epochMinOf(house.zone, `2027-03-2${i + 2}T09:00`);
    book.add({
      id: `a${i}`,
      clientId: "c1",
      client: { name: "Ana Petrov" },
      service: "follow-up",
      lengthMin: 30,
      staff: "tobias",
      room: "treatment-2",
      startMin,
      endMin: startMin + 30,
      busyUntilMin: startMin + 30,
      places: 1,
      priceMinor: 7500,
      status: "booked",
      feeMinor: 0,
    });
  }
  const r = new Rehearsal(book, epochMinOf(house.zone, "2027-03-01T09:30"), "ternbay-web", "web", 5);
  r.start();
  return {
    book,
    say: (...lines: string[]) => {
      let text = "";
      for (const l of lines)
        text = r
          .say(l)
          .map((x) => x.text)
          .join(" ");
      return { text, outcomes: r.state.outcomes, status: r.state.status };
    },
  };
}
const service = (f: HouseFile, id: string) => f.services.find((s) => s.id === id) as HouseFile["services"][number];
const BOOK = "taping with maren on friday the 12th at 9, ana petrov, 902 555 0142";

describe("whom the house books for", () => {
  it("gives a client whom only a person books to the desk, and holds nothing for them", () => {
    const t = talk(() => undefined, { byPersonOnly: true });
    const said = t.say(BOOK);
    expect(said.status).toBe("with-desk");
    expect(said.outcomes).toContain("handed-over");
    expect(t.book.holds.size).toBe(0);
    expect(t.book.slips[0]?.text).toContain("only a person books");
  });

  it("says when somebody has as many appointments to come as they may hold", () => {
    const limit = (f: HouseFile) => (f.rules.mostComing = 2);
    const full = talk(limit, { coming: 2 });
    const said = full.say(BOOK);
    expect(said.text).toMatch(/\b2\b/);
    expect(said.outcomes).toContain("turned-away");
    expect(full.book.holds.size).toBe(0);
    expect(talk(limit, { coming: 1 }).say(BOOK, "yes").outcomes).toContain("booked");
  });

  it("keeps a service for new clients from one who is known, and one for returning clients from one who is new", () => {
    const fresh = talk((f) => (service(f, "taping").clients = "new"));
    expect(fresh.say(BOOK).outcomes).toContain("turned-away");
    const returning = (f: HouseFile) => (service(f, "taping").clients = "returning");
    expect(talk(returning).say(BOOK, "yes").outcomes).toContain("booked");
    const stranger = talk(returning).say("taping with maren on friday the 12th at 9, Ruth Onley, 902 555 0199", "yes", "no, never");
    expect(stranger.outcomes).toContain("turned-away");
    expect(stranger.text).toMatch(/been here before/);
  });

  it("says for which ages a service is, before it asks for the go-ahead", () => {
    const t = talk((f) => (service(f, "taping").ages = { from: 14 }));
    const said = t.say(BOOK);
    expect(said.text).toContain("from 14 years");
    expect(said.text).toMatch(/book/);
    expect(talk((f) => (service(f, "taping").ages = { from: 14, to: 70 })).say(BOOK).text).toContain("from 14 to 70");
  });
});
