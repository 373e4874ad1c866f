import { parsePhoneNumberFromString } from "libphonenumber-js/max";
import { describe, expect, it } from "vitest";
import type { House } from "../house/compile.ts";
import type { HouseFile } from "../house/schema.ts";
import type { Wish } from "../schedule/wish.ts";
import { demoFile, demoHouse, houseOf } from "../testing/demo.ts";
import { dayOfIso as day } from "../time/days.ts";
import { epochMinOf } from "../time/zone.ts";
import {
  calledText,
  capital,
  dateText,
  lengthText,
  listText,
  moneyText,
  phoneText,
  serviceText,
  spanText,
  timeText,
  whenShort,
  whenText,
  wishText,
} from "./format.ts";

const house = demoHouse();
const inHouse = (change: Partial<HouseFile>): House => houseOf({ ...demoFile(), ...change });

describe("hours and days as they are written", () => {
  it.each([
    [0, "12:00 am", "00:00"],
    [59, "12:59 am", "00:59"],
    [570, "9:30 am", "09:30"],
    [719, "11:59 am", "11:59"],
    [720, "12:00 pm", "12:00"],
    [780, "1:00 pm", "13:00"],
    [1439, "11:59 pm", "23:59"],
  ])("minute %i is %s, or %s by the other clock", (minute, twelve, twentyFour) => {
    expect(timeText(house, minute)).toBe(twelve);
    expect(timeText(inHouse({ clientClock: "24" }), minute)).toBe(twentyFour);
  });

  it("have the year only where it is another", () => {
    const now = epochMinOf(house.zone, "2027-12-30T09:00");
    expect(dateText(house, day("2027-12-31"), now)).toBe("Friday 31 December");
    expect(dateText(house, day("2028-01-03"), now)).toBe("Monday 3 January 2028");
    expect(dateText(house, day("2028-01-03"))).toBe("Monday 3 January");
  });

  it("are the house's own, whatever the zone of the machine", () => {
    const at = epochMinOf(house.zone, "2027-03-04T14:00");
    expect(whenText(house, at)).toBe("Thursday 4 March at 2:00 pm");
    expect(whenShort(house, at)).toBe("Thu 4 March, 2:00 pm");
  });
});

describe("lengths", () => {
  it.each([
    [30, "half an hour", "30 minutes"],
    [45, "45 minutes", "45 minutes"],
    [60, "an hour", "1 hour"],
    [90, "90 minutes", "90 minutes"],
    [120, "2 hours", "2 hours"],
    [1440, "24 hours", "24 hours"],
  ])("%i minutes are %s, and %s where they pass", (minutes, said, passed) => {
    expect(lengthText(minutes)).toBe(said);
    expect(spanText(minutes)).toBe(passed);
  });
});

describe("money", () => {
  it("has its minor part only where there is one, and as many digits as the currency has (ISO 4217)", () => {
    expect(moneyText(house, 9500)).toBe("$95");
    expect(moneyText(house, 9550)).toBe("$95.50");
    expect(moneyText(house, 123400)).toBe("$1,234");
    expect(moneyText(inHouse({ currency: "JPY", locale: "en-CA" }), 4500)).toContain("4,500");
    expect(moneyText(inHouse({ currency: "KWD", locale: "en-CA" }), 4500)).toContain("4.500");
  });
});

describe("telephone numbers", () => {
  it("are grouped as people of the house's country read them, and with the country's code elsewhere", () => {
    expect(phoneText("+19025550142")).toBe("902 555 0142");
    for (const e164 of ["+6491234567", "+442079460958"]) {
      const p = parsePhoneNumberFromString(e164);
      expect(phoneText(e164, p?.country)).toBe(p?.formatNational());
      expect(phoneText(e164, "CA")).toBe(p?.formatInternational());
      expect(phoneText(e164)).toBe(p?.formatInternational());
    }
  });
  it("are left as they are where they are none", () => {
    expect(phoneText("12")).toBe("12");
    expect(phoneText("+19025550142 ext 3")).not.toBe("902 555 0142");
  });
});

describe("lists and names", () => {
  it("have a word before the last only", () => {
    expect([[], ["a"], ["a", "b"], ["a", "b", "c"]].map((l) => listText(l, "or"))).toEqual(["", "a", "a or b", "a, b or c"]);
    expect(listText(["a", "b"], "and")).toBe("a and b");
  });
  it("are what clients call people and services, and the key where nobody knows it", () => {
    expect(calledText(house, "nell")).toBe("Nell");
    expect(calledText(house, "nobody")).toBe("nobody");
    expect(serviceText(house, "relaxation-massage")).toBe("relaxation massage");
    expect(serviceText(house, "nothing")).toBe("nothing");
    expect(capital("")).toBe("");
    expect(capital("an hour")).toBe("An hour");
  });
});

describe("a wish", () => {
  const from = day("2027-03-04");
  const until = day("2027-03-06");
  it.each<[string, Wish]>([
    ["any day", {}],
    ["any day", { days: { ranges: [] }, time: {}, staff: [] }],
    ["Thursday 4 March", { days: { ranges: [{ from, to: from }] } }],
    ["Thursday 4 March to Saturday 6 March", { days: { ranges: [{ from, to: until }] } }],
    ["from Thursday 4 March on", { days: { ranges: [{ from }] } }],
    ["any day until Saturday 6 March", { days: { ranges: [{ to: until }] } }],
    ["any day", { days: { ranges: [{}] } }],
    [
      "Thursday 4 March or Saturday 6 March",
      {
        days: {
          ranges: [
            { from, to: from },
            { from: until, to: until },
          ],
        },
      },
    ],
    ["Mondays or Fridays", { days: { ranges: [], weekdays: [1, 5] } }],
    ["any day, not Fridays, after 2:00 pm", { days: { ranges: [], excludeWeekdays: [5] }, time: { fromMin: 840 } }],
    ["any day, not Thursday 4 March", { days: { ranges: [], excludeDays: [from, from] } }],
    ["any day at 2:00 pm", { time: { fromMin: 840, toMin: 840 } }],
    ["any day between 2:00 pm and 4:00 pm", { time: { fromMin: 840, toMin: 960 } }],
    ["any day before 4:00 pm", { time: { toMin: 960 } }],
    ["any day at 12:00 am", { time: { fromMin: 0, toMin: 0 } }],
    ["any day with Nell or Joaquim", { staff: ["nell", "joaquim"] }],
  ])("is said as “%s”", (text, wish) => {
    expect(wishText(house, wish)).toBe(text);
  });
});
