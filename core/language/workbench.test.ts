import { describe, expect, it } from "vitest";
import { readsAt } from "../testing/reads.ts";

/** What cannot be kept, days and hours told in other ways, who comes along, and things to be done one beside another, at a jeweller's and at a women's clinic: in words of no set. */

const tern = readsAt("twenty-seventh", "ternbay");
const bench = readsAt("twenty-seventh", "wren");
const clinic = readsAt("twenty-seventh", "sandpiper");

describe("what cannot be kept", () => {
  it("is told of by what they were to do, and what is wished instead comes after it", () => {
    expect(clinic("we're due to come in on Thursday at nine but we can't. Friday at one?").slots).toMatchObject({
      old_weekdays: ["Thursday"],
      old_time: "09:00",
      new_date: "2027-03-05",
      new_time: "13:00",
    });
    expect(bench("I'm booked for three on Wednesday, are there any after five").slots).toMatchObject({ old_time: "15:00", new_time_from: "17:00" });
  });

  it("is a day of theirs that is bad, with what it is for", () => {
    expect(bench("the 10th is bad for us, is there anything on the 12th for the watch").slots).toMatchObject({
      old_date: "2027-03-10",
      new_date: "2027-03-12",
    });
    expect(bench("the 10th is bad for us, is there anything on the 12th for a watch").errand).not.toBe("move");
  });

  it("is asked about, where who says so is known and wishes for nothing else", () => {
    expect(clinic("It's Beth Saunders, 242 555 0145, the 10th doesn't work for me any more").errand).toBe("ask-mine");
    expect(bench("I fly out that week, so our appointment won't work now").errand).toBe("move");
  });

  it("is for want of somebody who helps, and no wish", () => {
    expect(clinic("I couldn't find a babysitter for Thursday so please cancel").errands).toEqual(["cancel"]);
  });

  it("is with somebody, and is to be with another", () => {
    expect(clinic("our visit is with Dr. Knowles, but I'd prefer Sister Gail, Wednesday at ten").errand).toBe("move");
    expect(bench("my pearls are with Judith but I'd like Bo, Tuesday at nine").errand).not.toBe("cancel");
  });

  it("is no visit, where a thing is to become something else", () => {
    expect(bench("could you turn my grandmother's brooch into two pendants").errand).not.toBe("move");
    expect(bench("can you change my appointment to Friday").errand).toBe("move");
  });
});

describe("days and hours", () => {
  it("are a month's day and a part of it", () => {
    expect(tern("May 3 in the morning").slots).toMatchObject({ date: "2027-05-03", time_to: "12:00" });
    expect(tern("on Thursday at 3 in the afternoon").slots).toMatchObject({ time: "15:00" });
  });

  it("begin when the house does, and no sooner than is said", () => {
    expect(bench("tomorrow, right when the doors open").slots).toMatchObject({ time_from: "09:00" });
    expect(clinic("not sooner than eleven please").slots).toMatchObject({ time_from: "11:00" });
  });

  it("are taken as they were offered", () => {
    expect(tern("ok, nine would do", "slot").slots).toMatchObject({ time: "09:00" });
  });

  it("are before what happens on them", () => {
    expect(bench("she's getting married on the 20th and wants her chain mended").slots).toMatchObject({ date_to: "2027-03-19" });
    expect(bench("Mum's birthday is on the 12th, so we would like the bangle engraved some day before that").slots).toMatchObject({ date_to: "2027-03-11" });
  });

  it("of a visit that stands are the wish, where it is to be then", () => {
    expect(clinic("might the scan on Wednesday be in the afternoon").slots).toMatchObject({ old_weekdays: ["Wednesday"], new_time_from: "12:00" });
  });
});

describe("who comes along", () => {
  it.each([
    ["places in the ring class on Saturday for me, my mother and my aunt", 3],
    ["can I bring my husband along to the silver class on Thursday", 2],
    ["I'd like to do the class on Thursday with my niece", 2],
  ])("is counted: %s", (text, places) => {
    expect(bench(text).slots).toMatchObject({ places });
  });

  it("is not who only has it done, nor a number of an hour", () => {
    expect(bench("can I bring my son to the silver class on Thursday").slots).not.toMatchObject({ places: 2 });
    expect(bench("we're down for four on Thursday").slots).not.toHaveProperty("places");
  });
});

describe("things of their own", () => {
  const services = (text: string): string[][] => bench.read(text).found.flatMap((f) => (f.kind === "service" ? [f.value] : []));

  it("are told apart around an 'and'", () => {
    expect(services("could my pearls be restrung and an old clock be looked at")).toEqual([["pearls"], ["clock"]]);
    expect(services("my pearls want restringing and polishing by Friday").length).toBeGreaterThan(0);
  });

  it("are of one piece, whatever it is called", () => {
    expect(bench("polishing for only one brooch, Thursday at two").slots).toMatchObject({ length_min: 15 });
  });
});

describe("what is only taken off", () => {
  it("is no medicine that is sought", () => {
    expect(bench("should I take my wedding ring off before I come").errand).not.toBe("refused");
    expect(clinic("what should I take for the cramps").errand).toBe("refused");
  });
});

describe("what else is said beside a wish", () => {
  it("is this week and the one that comes", () => {
    expect(clinic("have you anything this week or next?").slots).toMatchObject({ date_from: "2027-03-01", date_to: "2027-03-14" });
    expect(clinic("anything next week?").slots).toMatchObject({ date_from: "2027-03-08", date_to: "2027-03-14" });
  });

  it("is how late something is, and nobody who runs late", () => {
    expect(clinic("I'm three weeks late with my jab").errand).not.toBe("ask-policy");
    expect(clinic("I'll be ten minutes late").errand).toBe("ask-policy");
  });

  it("is who is wished for, and no service of that name", () => {
    expect(clinic("I'd like a woman if that's possible").slots).toEqual({ staff_gender: "woman" });
  });

  it("is when somebody is out, and no question", () => {
    expect(clinic("Friday around two, when my wife's at work").errand).toBe("book");
    expect(clinic("when is my visit?").errand).toBe("ask-mine");
  });

  it("is when a thing was bought, and no day that is wished", () => {
    const days = (text: string): string[] =>
      bench
        .read(text)
        .found.filter((f) => f.kind === "day" && !f.not)
        .map((f) => f.rule);
    expect(days("I bought these earrings in April and the hook snapped")).toEqual([]);
    expect(days("I'd like these earrings mended in April")).toEqual(["day/month"]);
    expect(bench("earrings mended, some time in April").slots).toMatchObject({ date_from: "2027-04-01" });
  });
});
