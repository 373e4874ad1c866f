import { describe, expect, it } from "vitest";
import { readsAt } from "../testing/reads.ts";
import { respelled } from "./recognisers/people.ts";

/** Words in passing that are no name, day, hour or number, and those that are, in words of no set. */

const tern = readsAt("eighteenth", "ternbay");
const music = readsAt("third", "rimutaka");
const golf = readsAt("fifteenth", "jacaranda");
const jabs = readsAt("eleventh", "gorse");
const optician = readsAt("first", "lumen");

describe("a name", () => {
  it.each(["Tuesday would work as well", "either of those then", "it would still be fine", "any teacher", "whichever trainer please"])(
    "is not in: %s",
    (text) => {
      expect(golf(text, "name").slots.name).toBeUndefined();
    },
  );

  it.each([
    ["mark long", "Mark Long"],
    ["grace day", "Grace Day"],
    ["Bríd Ní hÉigeartaigh", "Bríd Ní hÉigeartaigh"],
  ])("is in: %s", (text, name) => {
    expect(jabs(text, "name").slots.name).toBe(name);
  });

  it("is no request to somebody of the house", () => {
    const r = golf("Achieng can do it", "name");
    expect(r.slots.name).toBeUndefined();
    expect(r.slots.staff).toBe("Achieng Were");
  });

  it("may have a plain word for its second, written as one", () => {
    expect(tern("I'm Clara Price, 902 555 0141").slots.name).toBe("Clara Price");
    expect(tern("I'm Clara, price please").slots.name).not.toBe("Clara Price");
  });
});

describe("letters after a name", () => {
  it.each([
    ["k a t h l e e n", "Cathleen Moore", "Kathleen Moore"],
    ["that's M-O-H-R", "Ada More", "Ada Mohr"],
    ["o h a r a", "Finn O'Hara", "Finn O'Hara"],
    ["it's r a e", "Ann Ray", "Ann Rae"],
  ])("%s puts %s right", (text, given, name) => {
    expect(respelled(text, given)).toBe(name);
  });

  it.each(["nine oh two", "x y z", "is that with Ana", "k a t h l e e n on Tuesday"])("are not all of: %s", (text) => {
    expect(respelled(text, "Cathleen Moore")).toBeNull();
  });
});

describe("a day", () => {
  it.each(["for our Christmas party", "it's for Easter eggs", "Halloween nails please"])("is not the feast of: %s", (text) => {
    expect(tern(text).slots.date).toBeUndefined();
  });

  it.each([
    ["can I come on Christmas Eve", "2027-12-24"],
    ["is Easter Monday possible", "2027-03-29"],
  ])("is the feast of: %s", (text, date) => {
    expect(tern(text).slots.date).toBe(date);
  });

  it("is before they leave, whatever it is for", () => {
    expect(jabs("a travel consultation, flying out on the 12th").slots).toMatchObject({ date_to: "2027-03-11" });
    expect(jabs("a travel consultation on the 12th").slots).toMatchObject({ date: "2027-03-12" });
  });

  it("is the first that there is, of the next class, and not of one that is called off", () => {
    expect(music("sign me up for the choir, the next one").rules).toContain("day/next-one");
    expect(music("cancel the next one").rules).not.toContain("day/next-one");
    expect(music("the next one", "slot").rules).not.toContain("day/next-one");
  });
});

describe("how many come", () => {
  it.each([
    ["put me into the choir, and my brother too", 2],
    ["the choir for me please, my cousin would like to come as well", 2],
  ])("%s: %i", (text, places) => {
    expect(music(text).slots.places).toBe(places);
  });

  it.each(["tell me what it costs, my brother wants to know", "put me into the choir, my brother is ill", "and also my guitar"])("none in: %s", (text) => {
    expect(music(text).slots.places).toBeUndefined();
  });
});

describe("what is wanted", () => {
  it.each([
    [optician, "may we have the glasses adjustment directly afterwards?", "book"],
    [optician, "may one drive straight after the eye test?", "ask"],
    [tern, "is the taping the right thing for a sprain?", "ask"],
    [golf, "nataka putting lesson", "book"],
  ])("%#: %s", (house, text, errand) => {
    expect(house(text).errands[0]).toMatch(new RegExp(`^${errand}`));
  });
});

describe("an hour", () => {
  it("after which somebody is brought is when it may begin", () => {
    expect(tern("my husband can only drop me by half past ten").slots).toMatchObject({ time_from: "10:30" });
    expect(tern("I have to be done by half past ten").slots).toMatchObject({ time_to: "10:30" });
  });

  it("is asked for by whether it is free", () => {
    expect(tern("is eleven still open?").slots).toMatchObject({ time: "11:00" });
    expect(tern("is the door open?").slots.time).toBeUndefined();
  });
});
