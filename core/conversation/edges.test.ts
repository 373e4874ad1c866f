import { describe, expect, it } from "vitest";
import { ofKind } from "../language/found.ts";
import { read } from "../language/read.ts";
import { demoFile, demoHouse, houseOf } from "../testing/demo.ts";
import { NOW } from "../testing/play.ts";
import { epochMinOf } from "../time/zone.ts";
import { CopyBook, Rehearsal } from "./copybook.ts";

const house = demoHouse();
const now = epochMinOf(house.zone, NOW);
const talk = (...says: string[]): Rehearsal => {
  const r = new Rehearsal(new CopyBook(house), now, "ternbay-web", "web", 3);
  r.start();
  for (const s of says) r.say(s);
  return r;
};
const UNTIL_A_QUESTION = ["relaxation massage for an hour with Nell this Wednesday at ten, Freya Pound, 902 555 0107", "yes", "no", "shoulders", "a week"];

describe("in the middle of the house's questions", () => {
  it("another errand is taken up, and what is no answer is asked again", () => {
    expect(talk(...UNTIL_A_QUESTION).state.expects).toBe("question:referred");
    const other = talk(...UNTIL_A_QUESTION, "I want to cancel my appointment on the 9th");
    expect(other.state.expects).not.toBe("question:referred");
    expect(talk(...UNTIL_A_QUESTION, "who won the world cup").state.expects).toBe("question:referred");
    expect(talk(...UNTIL_A_QUESTION, "purple elephants").state.expects).toBe("question:referred");
  });
});

describe("choosing among offers of several days", () => {
  it("two of the days leave two offers", () => {
    const r = talk("acupuncture next week in the morning");
    const offered = r.state.task?.errand === "book" ? r.state.task.offered : [];
    expect(new Set(offered.map((o) => house.zone.toLocal(o.startMin).day)).size).toBe(3);
    r.say("tuesday or thursday");
    const left = r.state.task?.errand === "book" ? r.state.task.offered : [];
    expect(left.map((o) => o.startMin)).toEqual(offered.slice(1).map((o) => o.startMin));
  });

  it("the earliest of what was offered is one of them, not a new search", () => {
    const r = talk("acupuncture next thursday in the afternoon", "the 11th");
    const offered = r.state.task?.errand === "book" ? r.state.task.offered : [];
    r.say("the earliest");
    expect(r.state.task?.errand === "book" ? r.state.task.hold?.offer.startMin : 0).toBe(offered[0]?.startMin);
  });
});

describe("places of what was found", () => {
  it.each([
    ["  no problem, book it", true, "no problem"],
    ["  nope, not that", false, "nope"],
    [" sounds good to me", true, "sounds good"],
    ["ok then leave it as it is", false, "leave it"],
  ])("“%s”", (said, value, words) => {
    const r = read(said, { house, now, expects: "go-ahead" });
    const yes = ofKind(r.found, "yes")[0];
    expect(yes?.value).toBe(value);
    expect(said.slice(yes?.start, yes?.end)).toBe(words);
  });
});

describe("a house whose services have short names", () => {
  const file = demoFile();
  file.services.push({ ...structuredClone(file.services[6] as (typeof file.services)[number]), id: "gloss", name: "Gloss", also: [] });
  const short = houseOf(file);
  it.each(["glos on friday please", "gloss on friday please", "a glosss on friday"])("%s", (text) => {
    expect(ofKind(read(text, { house: short, now }).found, "service")[0]?.value).toEqual(["gloss"]);
  });
});

describe("measured from what stands", () => {
  const book = (): CopyBook => {
    const b = new CopyBook(house);
    b.clients.push({ id: "c", name: "Ana Petrov", phone: "+19025550142", assessed: true });
    const startMin = epochMinOf(house.zone, "2027-03-09T10:00");
    b.add({
      id: "a",
      clientId: "c",
      client: { name: "Ana Petrov" },
      service: "taping",
      lengthMin: 15,
      staff: "maren",
      room: "treatment-1",
      startMin: startMin + 180,
      endMin: startMin + 195,
      busyUntilMin: startMin + 195,
      places: 1,
      priceMinor: 2500,
      status: "booked",
      feeMinor: 0,
    });
    return b;
  };
  const moved = (...says: string[]): string => {
    const b = book();
    const r = new Rehearsal(b, now, "ternbay-web", "web", 3);
    r.start();
    for (const s of [...says, "Ana Petrov", "902 555 0142"]) if (r.state.task === null || r.state.expects !== "go-ahead") r.say(s);
    r.say("yes");
    const at = house.zone.toLocal(b.appointments[0]?.startMin ?? 0);
    return `${at.day - house.zone.toLocal(epochMinOf(house.zone, "2027-03-09T10:00")).day} ${at.minute}`;
  };
  it.each([
    ["could we make it an hour later?", "0 840"],
    ["move my taping half an hour earlier", "0 750"],
    ["move my taping to the day after, same time", "1 780"],
    ["can I come a week later at the same time", "7 780"],
    ["I need to move my taping from 1 to 2", "0 840"],
  ])("%s", (said, stands) => {
    expect(moved(`${said} Ana Petrov, 902 555 0142`)).toBe(stands);
  });
});

describe("on the telephone", () => {
  const call = (said: readonly (string | { event: "unclear" | "silence" })[], phone?: string) => {
    const book = new CopyBook(house);
    book.clients.push({ id: "ana", name: "Ana Petrov", phone: "+19025550142", assessed: true });
    const r = new Rehearsal(book, epochMinOf(house.zone, "2027-03-01T08:30"), "ternbay-phone", "phone", 3);
    if (phone) r.state.client.phone = phone;
    r.start();
    const replies = said.map((s) => (typeof s === "string" ? r.say(s) : r.event(s.event)).map((x) => x.text).join(" "));
    return { replies, last: replies.at(-1) ?? "", state: r.state, book };
  };

  it("offers two openings at most", () => {
    const { state } = call(["half an hour of sports massage on thursday"]);
    expect(state.task?.errand === "book" && state.task.offered.length).toBe(2);
  });

  it("needs no number of somebody whose line shows it, and knows them by how their name sounds", () => {
    const { last, state } = call(["taping tomorrow at 2 pm with tobias", "anna petroff"], "+19025550142");
    expect(last).toMatch(/Ana Petrov, 902 555 0142.*\?$/);
    expect(state.client.match).toBe("both");
    expect(call(["taping tomorrow at 2 pm with tobias", "ivan petrov"], "+19025550142").state.client.match).toBe("number-only");
  });

  it("says a new name back, has it spelled where it is wrong, and spells it back", () => {
    const c = call(["taping tomorrow at 2 pm with tobias", "Told Him Zelwood", "902 555 0177", "no", "Zellwood", "sounds good please"]);
    expect(c.replies[2]).toMatch(/Told Him Zelwood/);
    expect(c.replies[3]).toMatch(/spell/i);
    expect(c.replies[4]).toMatch(/Zellwood, Z-E-L-L-W-O-O-D/);
    expect(c.state.client.nameHeard).toBe("Zellwood");
  });

  it("asks back what was not clear, has a name spelled, and gives up to a person after the third time", () => {
    expect(call([{ event: "unclear" }]).last).toMatch(/hear|make that out/);
    expect(call(["taping tomorrow at 2 pm with tobias", { event: "unclear" }]).last).toMatch(/spell/i);
    // What was understood in between ends the row.
    const apart = call([{ event: "unclear" }, { event: "unclear" }, "how much is taping", { event: "unclear" }]);
    expect(apart.last).toMatch(/hear|make that out/);
    expect(apart.last).not.toMatch(/put(?:ting)? you through/);
    const third = call([{ event: "unclear" }, { event: "unclear" }, { event: "unclear" }]);
    expect(third.last).toMatch(/put(?:ting)? you through/);
    expect(third.state.status).toBe("with-desk");
  });

  it("has a name spelled that does not fit the number, before it gives up", () => {
    const c = call(["cancel my taping please", "they're works", "Ana Petrov"], "+19025550142");
    expect(c.replies[1]).toMatch(/spell/i);
    expect(c.state.client.match).toBe("both");
    expect(call(["cancel my taping please", "they're works", "Ivan Petrov"], "+19025550142").last).toMatch(/number right/);
  });

  it("moves what somebody has, and tells nothing of it instead", () => {
    expect(call(["could we rearrange my acupuncture please"]).last).toMatch(/name/);
  });
});
