import { describe, expect, it } from "vitest";
import { bookWith, NOW } from "../testing/play.ts";
import { demoHouse } from "../testing/demo.ts";
import { setBook, setHouse } from "../testing/sets.ts";
import { clockText, epochMinOf } from "../time/zone.ts";
import { isoOfDay } from "../time/days.ts";
import { CopyBook, Rehearsal } from "./copybook.ts";

const house = demoHouse();
const BOOK = setBook("third", "ternbay");

/** Says all of it to a receptionist whose book holds the appointments of the third set. */
function talk(...says: string[]) {
  const book = bookWith(house, BOOK);
  const r = new Rehearsal(book, epochMinOf(house.zone, NOW), "ternbay-web", "web", 5);
  r.start();
  const replies = says.flatMap((s) => r.say(s));
  const start = (id: string): string => {
    const a = book.appointments.find((x) => x.id === id);
    if (!a) return "";
    const at = house.zone.toLocal(a.startMin);
    return `${isoOfDay(at.day)} ${clockText(at.minute)} ${a.status}`;
  };
  const booked = book.appointments
    .filter((a) => !BOOK.appointments.some((b) => b.id === a.id) && a.status === "booked")
    .map((a) => {
      const at = house.zone.toLocal(a.startMin);
      return `${a.service} ${a.lengthMin} ${isoOfDay(at.day)} ${clockText(at.minute)} ${a.staff} ${a.places}`;
    });
  return { state: r.state, last: replies.at(-1)?.text ?? "", all: replies.map((x) => x.text).join("\n"), start, booked };
}
const ANA = "Ana Petrov, 902 555 0142";
const first = BOOK.appointments.find((a) => a.client === "c-ana");
const NEW = ["no, my first time", "elbow", "a month", "no", "none"];

describe("a go-ahead", () => {
  it("taken back in the same breath books nothing", () => {
    const t = talk("taping on wednesday at 9 with maren, Ida Frost, 902 555 0171", "yes. hm, actually no");
    expect(t.booked).toEqual([]);
  });

  it("after a remark about something else is still one", () => {
    const t = talk("taping on wednesday at 9 with maren, Ida Frost, 902 555 0171", "What a lovely voice you have. That works.");
    expect(t.booked).toEqual(["taping 15 2027-03-03 09:00 maren 1"]);
  });

  it("is asked for again, in full, when the client asks what it was about", () => {
    const t = talk(`cancel my ${first?.service} please, ${ANA}`, "wait, which day is that?");
    expect(t.state.expects).toBe("go-ahead");
    expect(t.last).toContain("Shall I cancel it?");
  });

  it("given to the other appointment touches that one only", () => {
    const own = BOOK.appointments.filter((a) => a.client === "c-teodor");
    const t = talk("cancel my acupuncture, Teodor Wiśniewski, 902 555 0127", "no sorry, the physio follow-up", "yes");
    const follow = own.find((a) => a.service === "Physiotherapy follow-up");
    const needles = own.find((a) => a.service === "Acupuncture");
    expect(t.start(follow?.id ?? "")).toMatch(/cancelled$/);
    expect(t.start(needles?.id ?? "")).toMatch(/booked$/);
  });
});

describe("after a booking", () => {
  const booked = ["taping on wednesday at 9 with maren, Ida Frost, 902 555 0171", "yes"];

  it("“can you change it” moves what was booked", () => {
    const t = talk(...booked, "could you change it to 9:30", "yes");
    expect(t.booked).toEqual(["taping 15 2027-03-03 09:30 maren 1"]);
  });

  it("“wrong day, I meant …” moves it too", () => {
    const t = talk(...booked, "oh sorry, wrong day, friday I meant", "the first one", "yes");
    expect(t.booked).toHaveLength(1);
    expect(t.booked[0]).toContain("2027-03-05");
  });

  it("“the same on …” keeps service, person and hour", () => {
    const t = talk(...booked, "the same on friday too", "the first one", "yes");
    expect(t.booked).toEqual(["taping 15 2027-03-03 09:00 maren 1", "taping 15 2027-03-05 09:00 maren 1"]);
  });
});

describe("which appointment is meant", () => {
  it("is told by “the later one” after a list", () => {
    const own = BOOK.appointments.filter((a) => a.client === "c-teodor").sort((a, b) => a.start.localeCompare(b.start));
    const t = talk("Teodor Wiśniewski, 902 555 0127, what have I got with you", "cancel the later one please", "yes");
    expect(t.start(own.at(-1)?.id ?? "")).toMatch(/cancelled$/);
    expect(t.start(own[0]?.id ?? "")).toMatch(/booked$/);
  });

  it("is not the one that is to be kept", () => {
    const t = talk("Teodor Wiśniewski, 902 555 0127. cancel the acupuncture, keep the follow-up", "yes");
    const needles = BOOK.appointments.find((a) => a.client === "c-teodor" && a.service === "Acupuncture");
    expect(t.start(needles?.id ?? "")).toMatch(/cancelled$/);
  });

  it("may be said with the wish while the name is asked for", () => {
    const needles = BOOK.appointments.find((a) => a.client === "c-teodor" && a.service === "Acupuncture");
    const t = talk("I need to change something", `the acupuncture, to thursday the 18th at noon. Teodor Wiśniewski, 902 555 0127`, "yes");
    expect(t.start(needles?.id ?? "")).toBe("2027-03-18 12:00 booked");
  });
});

describe("a wish measured from what is booked", () => {
  it("a week later is a week later to the minute", () => {
    const own = BOOK.appointments.find((a) => a.client === "c-siobhan");
    const t = talk("push my massage back a week please. Siobhán Kehoe, 902 555 0118", "yes");
    expect(own?.start).toBe("2027-03-09T10:00");
    expect(t.start(own?.id ?? "")).toBe("2027-03-16 10:00 booked");
  });

  it("somebody else is looked for on other days where they are not in", () => {
    const t = talk("Siobhán Kehoe, 902 555 0118, I'd like joaquim instead of nell for my massage");
    expect(t.state.expects).toBe("slot");
    expect(t.last).toMatch(/with Joaquim,? .*(?:with Joaquim|or)/);
    const offered = t.state.task?.errand === "move" ? t.state.task.offered : [];
    expect(offered[0]?.staff).toBe("joaquim");
  });
});

describe("several things in one message", () => {
  it("two services of one day are two visits", () => {
    const t = talk("taping and a mat class on thursday, Ida Frost, 902 555 0171", "the first one", "yes", "the first one", "yes");
    expect(t.booked.map((b) => b.split(" ")[0]).sort()).toEqual(["mat-class", "taping"]);
    expect(t.booked.every((b) => b.includes("2027-03-04"))).toBe(true);
  });

  it("each visit keeps the hour that was said with it", () => {
    const t = talk("taping with maren on wednesday at 9 and acupuncture on thursday at 11, Ida Frost, 902 555 0171", "yes", ...NEW, "yes");
    expect(t.booked).toEqual(["taping 15 2027-03-03 09:00 maren 1", "acupuncture 45 2027-03-04 11:00 priya 1"]);
  });

  it("too many places are asked for until a number is said", () => {
    const t = talk("the mat class on wednesday for nine people", "hm, wednesday");
    expect(t.last).toContain("at most 3");
    expect(talk("the mat class on wednesday for nine people", "the first one").last).toContain("at most 3");
    expect(talk("the mat class on wednesday for nine people", "wednesday at 5:30").state.task).not.toHaveProperty("places");
    expect(talk("the mat class on wednesday for nine people", "hm, wednesday", "then two").state.task).toMatchObject({ places: 2 });
  });
});

describe("asking in between", () => {
  it("which of the offers is with whom names the people", () => {
    const t = talk("relaxation massage for an hour on thursday", "and who are those with?");
    expect(t.state.expects).toBe("slot");
    expect(t.last).toMatch(/with (?:Nell|Joaquim)/);
  });

  it("the difference between two lengths is what they cost, where no line tells it", () => {
    const studio = setHouse("second", "karoo");
    const r = new Rehearsal(new CopyBook(studio), epochMinOf(studio.zone, NOW), "karoo-web", "web", 2);
    r.start();
    r.say("family portrait");
    const [told] = r.say("what's the difference?");
    expect(told?.text).toMatch(/1[\s\u00a0]?450/);
    expect(told?.expects).toBe("length");
  });

  it("what was asked about last is what a wish is about", () => {
    const t = talk("is acupuncture painful?", "and how long does it take?", "ok, thursday at 5 then");
    expect(t.state.task).toMatchObject({ errand: "book", service: "acupuncture" });
  });

  it("who answers is never unknown, and a person's private life is nobody's business", () => {
    expect(talk("is this the bakery?").last).toContain("Tern Bay");
    expect(talk("is maren good at chess").last).not.toMatch(/\d:\d\d/);
  });

  it("the rules of booking answer where the handbook has no line", () => {
    const music = setHouse("third", "rimutaka");
    const r = new Rehearsal(new CopyBook(music), epochMinOf(music.zone, NOW), "rimutaka-web", "web", 2);
    r.start();
    const [late] = r.say("how much notice do I have to give to cancel?");
    expect(late?.text).toContain("24 hours");
    expect(late?.sources?.map((s) => s.id)).toEqual(expect.arrayContaining(["freeUntilMin", "lateFeePercent"]));
    const [ahead] = r.say("how far in advance do you take bookings?");
    expect(ahead?.text).toContain("90 days");
  });
});

describe("a day or hour that cannot be had", () => {
  it("what is nearest on the day that was named comes first", () => {
    const t = talk("relaxation massage for an hour on saturday evening");
    const offered = t.state.task?.errand === "book" ? t.state.task.offered : [];
    expect(isoOfDay(house.zone.toLocal(offered[0]?.startMin ?? 0).day)).toBe("2027-03-06");
  });
});

describe("medical talk", () => {
  it("a symptom asked about is refused, an answer about medicine is an answer", () => {
    expect(talk("is the swelling on my shin something bad, do you think?").state.outcomes).toContain("turned-away");
    const t = talk("shockwave on thursday at 10 with Tobias, Desmond Achebe, 902 555 0171", "no", "yes, I am on warfarin");
    expect(t.state.outcomes).toContain("handed-over");
    expect(t.booked).toEqual([]);
  });
});
