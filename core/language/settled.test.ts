import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoHouse } from "../testing/demo.ts";
import { isoOfDay, partsOf, weekdayOf } from "../time/days.ts";
import { clockText } from "../time/zone.ts";
import { epochMinOf } from "../time/zone.ts";
import type { Expects } from "./context.ts";
import { readPublic } from "./slots.ts";

/** What is settled of days, times, people and addresses, in other words than it is written down in. */

const house = demoHouse();
const reading = (text: string, now = "2027-03-01T08:30", expects?: Expects) =>
  readPublic(text, { house, now: epochMinOf(house.zone, now), ...(expects ? { expects } : {}) });
const slots = (text: string, now?: string, expects?: Expects) => reading(text, now, expects).slots;

/** 1 March 2027, a Monday, as days are counted. */
const MARCH_1 = 20_878;
const FRIDAY = "2027-03-05T10:00";

describe("days, said on a Monday", () => {
  it.each<[string, Record<string, unknown>]>([
    ["the Wednesday after this one", { date: "2027-03-10" }],
    ["the Friday after next Friday", { date_candidates: ["2027-03-12", "2027-03-19"], date_choice: "ask" }],
    ["sometime between the 9th and the 11th", { date_from: "2027-03-09", date_to: "2027-03-11" }],
    ["April 5-9", { date_from: "2027-04-05", date_to: "2027-04-09" }],
    ["from April 5th through the 9th", { date_from: "2027-04-05", date_to: "2027-04-09" }],
    ["5th to 9th of April", { date_from: "2027-04-05", date_to: "2027-04-09" }],
    ["the week after next, preferably Thursday", { date: "2027-03-18" }],
    ["two months today", { date: "2027-05-01" }],
    ["about this time next week", { date: "2027-03-08" }],
    ["over the Easter weekend", { date: "2027-03-27" }],
    ["Victoria Day long weekend", { date: "2027-05-22" }],
    ["the weekend after next", { date: "2027-03-20" }],
    ["the 5th, 6th or 7th of April", { date_candidates: ["2027-04-05", "2027-04-06", "2027-04-07"], date_choice: "either" }],
    ["April 5th or the 6th", { date_candidates: ["2027-04-05", "2027-04-06"], date_choice: "either" }],
    ["the 29th of March to the 2nd", { date_from: "2027-03-29", date_to: "2027-04-02" }],
    ["between the 29th and the 2nd of April", { date_from: "2027-03-29", date_to: "2027-04-02" }],
    ["Thursday if possible, otherwise Friday", { date_candidates: ["2027-03-04", "2027-03-05"], date_choice: "either" }],
    ["Wednesday at nine or Thursday at four", { date_candidates: ["2027-03-03", "2027-03-04"], date_choice: "either" }],
    ["Thursday late morning, or first thing on Friday", { date_candidates: ["2027-03-04", "2027-03-05"], date_choice: "either" }],
    ["not until Thursday", { date_from: "2027-03-04" }],
    ["we're back on the 18th", { date_from: "2027-03-18" }],
    ["I'm abroad until the 9th", { date_from: "2027-03-10" }],
    ["this side of Good Friday", { date_to: "2027-03-25" }],
    ["before the month is over", { date_to: "2027-03-31" }],
    ["three days before Good Friday", { date: "2027-03-23" }],
    ["a week after the 10th", { date: "2027-03-17" }],
    ["the Wednesday after the 13th", { date: "2027-03-17" }],
    ["the Tuesday before Victoria Day", { date: "2027-05-18" }],
    ["no later than the 19th", { date_to: "2027-03-19" }],
    ["the 9th, or better the 10th", { date: "2027-03-10" }],
    ["the last day of April", { date: "2027-04-30" }],
    ["April Fools' Day", { date: "2027-04-01" }],
    ["either of the next two Thursdays", { date_candidates: ["2027-03-04", "2027-03-11"], date_choice: "either" }],
    ["the week commencing the 15th", { date_from: "2027-03-15", date_to: "2027-03-21" }],
    ["the week after Easter", { date_from: "2027-03-29", date_to: "2027-04-04" }],
    ["the week before Victoria Day", { date_from: "2027-05-17", date_to: "2027-05-23" }],
    ["the day before Thanksgiving", { date: "2027-10-10" }],
    ["any time between now and Thursday", { date_from: "2027-03-01", date_to: "2027-03-04" }],
    ["no earlier than the 9th, no later than the 11th", { date_from: "2027-03-09", date_to: "2027-03-11" }],
    ["between Christmas and New Year", { date_from: "2027-12-25", date_to: "2028-01-01" }],
    ["Friday 5/3", { date: "2027-03-05" }],
    ["Wednesday 3/5", { date_candidates: ["2027-03-03", "2027-03-05"], date_choice: "ask" }],
    ["6.4.2027", { date: "2027-06-04" }],
    ["in three weeks on a Thursday", { date: "2027-03-25" }],
    ["Tuesday all day, or Wednesday", { date_candidates: ["2027-03-02", "2027-03-03"], date_choice: "either" }],
  ])("%s", (text, right) => {
    expect(slots(text)).toEqual(right);
  });

  it.each([
    ["we're away next week", Array.from({ length: 7 }, (_, i) => isoOfDay(MARCH_1 + 7 + i))],
    ["I'm on vacation from the 10th to the 12th, so not then", ["2027-03-10", "2027-03-11", "2027-03-12"]],
  ])("none of those on which somebody is away: %s", (text, days) => {
    expect(slots(`taping for my ankle, ${text}`)).toMatchObject({ exclude_dates: days });
    expect(slots(`taping for my ankle, ${text}`)).not.toHaveProperty("date_from");
  });

  it("a day that is only taken in part is left to the rest of it", () => {
    expect(slots("I'm busy on Thursday until three")).toEqual({ date: "2027-03-04", time_from: "15:00" });
  });

  it("of a visit that they have, the day on which they are away is its own", () => {
    expect(slots("I'm out of town on Thursday, can I move my massage to Friday")).toMatchObject({ old_weekdays: ["Thursday"], new_date: "2027-03-05" });
    expect(slots("rather than the 9th make it the 16th")).toMatchObject({ old_date: "2027-03-09", new_date: "2027-03-16" });
  });
});

describe("what only looks like a day", () => {
  it("is a birthday that is called by its number, unless a visit is to be changed", () => {
    expect(slots("a massage for my 21st, on the 12th")).toMatchObject({ date: "2027-03-12" });
    expect(slots("please move my 18th to the 19th")).toMatchObject({ new_date: "2027-03-19" });
    expect(slots("my birthday's the 18th, the day before would be great")).toMatchObject({ date: "2027-03-17" });
  });

  it("and a week is not ruled out by a day of it that is", () => {
    expect(slots("taping this week, I can't do wednesday")).toMatchObject({ date_from: "2027-03-01", date_to: "2027-03-07", exclude_weekdays: ["Wednesday"] });
    expect(slots("taping, this week I can't")).not.toHaveProperty("date_to");
  });
});

describe("days, said on a Friday", () => {
  it.each<[string, Record<string, unknown>]>([
    ["later on today", { date: "2027-03-05" }],
    ["weekend after next", { date: "2027-03-20" }],
    ["in half an hour", { date: "2027-03-05", time_from: "10:30" }],
    ["could I come in twenty minutes", { date: "2027-03-05", time_from: "10:20" }],
    ["sometime next week but not Tuesday", { date_from: "2027-03-08", date_to: "2027-03-14", exclude_weekdays: ["Tuesday"] }],
    ["the Friday after next Friday", { date: "2027-03-19" }],
  ])("%s", (text, right) => {
    expect(slots(text, FRIDAY)).toEqual(right);
  });

  it("an hour in which something is done is a length", () => {
    expect(slots("can you do a massage in an hour", FRIDAY)).not.toHaveProperty("time_from");
    expect(slots("in an hour", FRIDAY, "length")).toEqual({ length_min: 60 });
  });
});

describe("times", () => {
  it.each<[string, Record<string, unknown>]>([
    ["11.15", { time: "11:15" }],
    ["1545", { time: "15:45" }],
    ["midnight", { time: "00:00" }],
    ["half past nine sharp", { time: "09:30" }],
    ["four on the dot", { time: "16:00" }],
    ["14:15h", { time: "14:15" }],
    ["eleven-thirty", { time: "11:30" }],
    ["nearer three than two", { time_from: "14:30", time_to: "15:30", time_to_is: "start" }],
    ["not too early, from half past eight", { time_from: "08:30" }],
    ["two or three on Thursday", { date: "2027-03-04", time_candidates: ["14:00", "15:00"] }],
    ["Tuesday at eleven or twelve", { date: "2027-03-02", time_candidates: ["11:00", "12:00"] }],
    ["the last appointment on Friday", { date: "2027-03-05", time_from: "15:00", time_to: "17:00", time_to_is: "start" }],
    ["I meant four, not five", { time: "16:00" }],
    ["I can't do afternoons", { time_to: "12:00", time_to_is: "start" }],
    ["evenings don't work for us", { time_to: "17:00", time_to_is: "start" }],
    ["mornings are out", { time_from: "12:00" }],
    ["mornings are good", { time_to: "12:00", time_to_is: "start" }],
    ["anything but evenings", { time_to: "17:00", time_to_is: "start" }],
    ["I'm in class till two", { time_from: "14:00" }],
    ["he has school until half past two", { time_from: "14:30" }],
    ["I'm not free until four", { time_from: "16:00" }],
    ["I have to be gone by five", { time_to: "17:00", time_to_is: "end" }],
    ["we need to leave at half past three", { time_to: "15:30", time_to_is: "end" }],
    ["once I get off work", { time_from: "17:00" }],
    ["Tuesday, any time but ten", { date: "2027-03-02" }],
    ["Tuesday except between two and three", { date: "2027-03-02" }],
  ])("%s", (text, right) => {
    const { shift: _, ...rest } = slots(text);
    expect(rest).toEqual(right);
  });
});

describe("of hours that were offered", () => {
  it.each<[string, Record<string, unknown>]>([
    ["nine is too early, ten?", { time: "10:00" }],
    ["half two is no good, four?", { time: "16:00" }],
    ["eleven doesn't work for me", {}],
  ])("%s", (text, right) => {
    const { shift: _, yes: __, ...rest } = slots(text, undefined, "slot");
    expect(rest).toEqual(right);
  });

  it("a range of days is one, and no move", () => {
    expect(reading("taping, sometime from Wednesday to Friday")).toMatchObject({
      errands: ["book"],
      slots: { date_from: "2027-03-03", date_to: "2027-03-05" },
    });
  });
});

describe("days and hours by themselves ask for nothing", () => {
  it.each([
    "any time on Thursday",
    "anything but Tuesdays",
    "either Wednesday morning or Friday afternoon",
    "any day after the 12th",
    "I can do Tuesday or Thursday mornings",
    "later today",
    "I have to be out by four",
    "anyone but Priya",
    "either Maren or Tobias",
  ])("%s", (text) => {
    expect(reading(text).errands).toEqual([]);
  });

  it.each([
    ["is anything free on Thursday", "ask-availability"],
    ["anything on Thursday?", "ask-availability"],
    ["could I have Thursday morning with Nell", "book"],
  ])("but for what asks: %s", (text, errand) => {
    expect(reading(text).errands).toEqual([errand]);
  });
});

describe("people", () => {
  it("heard wrong, before a day", () => {
    expect(slots("Warren this Wednesday")).toMatchObject({ staff: "Maren Oduya" });
    expect(slots("Warren", undefined, "staff")).toMatchObject({ staff: "Maren Oduya" });
    expect(slots("Warren", undefined, "name")).toMatchObject({ name: "Warren" });
  });

  it("by a short name that is written otherwise, with their own family name", () => {
    expect(slots("Joe Teves")).toEqual({ staff: "Joaquim Teves" });
    expect(slots("Anna Teves", undefined, "name")).toEqual({ name: "Anna Teves" });
  });

  it("that are ruled out, both of two", () => {
    for (const text of ["anybody except Nell or Joaquim", "not Maren or Priya", "anyone but Tobias"]) expect(slots(text)).not.toHaveProperty("staff");
  });
});

describe("what is spelled, dictated or turned about", () => {
  it.each<[string, Expects, Record<string, unknown>]>([
    ["Fairweather-Holt, Ruth", "name", { name: "Ruth Fairweather-Holt" }],
    ["R as in Robert, U as in uncle, T as in tiger, H as in hotel", "name", { name: "Ruth" }],
    ["five five five, oh one, seventy seven", "phone", { phone: "+19025550177" }],
    ["902 555 constructor 0177", "phone", {}],
    ["nine oh two, five five five, oh one nineteen", "phone", { phone: "+19025550119" }],
    ["it's ruth holt all one word at ternbay dot example", "email", { email: "ruthholt@ternbay.example" }],
    ["ruth dot holt, h o l t, at ternbay dot example", "email", { email: "ruth.holt@ternbay.example" }],
    ["ruth 81 at ternbay dot example", "email", { email: "ruth81@ternbay.example" }],
  ])("%s", (text, expects, right) => {
    expect(slots(text, undefined, expects)).toEqual(right);
  });

  it("a number of minutes or an hour is no part of a telephone number", () => {
    expect(slots("ten thirty", undefined, "time")).toEqual({ time: "10:30" });
    expect(slots("forty five minutes", undefined, "length")).toEqual({ length_min: 45 });
  });
});

const MONTHS = "January February March April May June July August September October November December".split(" ");
const WEEKDAYS = "Monday Tuesday Wednesday Thursday Friday Saturday Sunday".split(" ");
const ending = (n: number): string => (n % 10 === 1 && n !== 11 ? "st" : n % 10 === 2 && n !== 12 ? "nd" : n % 10 === 3 && n !== 13 ? "rd" : "th");

describe("however it is written", () => {
  it("a day of the coming months is that day", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 300 }), (ahead) => {
        const day = MARCH_1 + ahead;
        const { month, date } = partsOf(day);
        const name = MONTHS[month - 1] as string;
        const weekday = WEEKDAYS[weekdayOf(day) - 1] as string;
        for (const text of [
          `${name} ${date}`,
          `${name} ${date}${ending(date)}`,
          `${date} ${name}`,
          `the ${date}${ending(date)} of ${name}`,
          `${weekday}, ${name} ${date}`,
          `${weekday} the ${date}${ending(date)} of ${name}`,
          `${name.slice(0, 3)} ${date}${ending(date)}`,
          isoOfDay(day),
        ])
          expect({ text, ...slots(text) }).toEqual({ text, date: isoOfDay(day) });
      }),
    );
  });

  it("two days of a month are what lies between them", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 29 }), fc.integer({ min: 1, max: 29 }), fc.constantFrom(4, 6, 7, 9, 10), (a, b, month) => {
        fc.pre(a < b);
        const name = MONTHS[month - 1] as string;
        const right = { date_from: isoOfDay(isoDay(month, a)), date_to: isoOfDay(isoDay(month, b)) };
        for (const text of [
          `between the ${a}${ending(a)} and the ${b}${ending(b)} of ${name}`,
          `${name} ${a}-${b}`,
          `${a} to ${b} ${name}`,
          `${name} ${a} through ${b}`,
        ])
          expect({ text, ...slots(text) }).toEqual({ text, ...right });
      }),
    );
  });

  it("an hour of the afternoon is that hour", () => {
    const words = "twelve one two three four five six".split(" ");
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 6 }), fc.constantFrom(0, 15, 30, 45), (hour, minute) => {
        const right = { time: clockText((hour + 12) * 60 + minute) };
        const mm = String(minute).padStart(2, "0");
        const said =
          minute === 0
            ? [`${words[hour]} o'clock`, `${hour} pm`, `at ${words[hour]}`]
            : minute === 30
              ? [`half past ${words[hour]}`, `half ${words[hour]}`, `${words[hour]} thirty`]
              : minute === 15
                ? [`quarter past ${words[hour]}`, `a quarter after ${hour}`]
                : hour < 6
                  ? [`quarter to ${words[hour + 1]}`]
                  : [`${hour}:45`];
        for (const text of [...said, `${hour}:${mm} pm`, `${hour}:${mm}pm`, `${hour + 12}:${mm}`, `${hour + 12}h${mm}`, `${hour + 12}${mm}`])
          expect({ text, ...slots(text) }).toEqual({ text, ...right });
      }),
    );
  });
});

function isoDay(month: number, date: number): number {
  const days = [0, 31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];
  return MARCH_1 + days.slice(3, month).reduce((a, b) => a + b, 0) + date - 1;
}

describe("while a visit is being booked", () => {
  it("days on which somebody is elsewhere, and what they come before, make no move", () => {
    const r = reading("I've a marathon on the 11th of April so before that, but we're in Oslo from the 16th to the 18th", undefined, "day");
    expect(r.errands).not.toContain("move");
    expect(r.slots).toEqual({ date_to: "2027-04-10", exclude_dates: ["2027-03-16", "2027-03-17", "2027-03-18"] });
  });

  it("and one that is wished for is not all that is kept", () => {
    expect(slots("taping on Tuesday, I'm abroad on Wednesday")).toMatchObject({ date: "2027-03-02", exclude_weekdays: ["Wednesday"] });
    expect(slots("taping on Tuesday morning or so, I'm abroad on Wednesday")).toMatchObject({ date: "2027-03-02", exclude_weekdays: ["Wednesday"] });
    expect(slots("Tuesday, not Wednesday")).toEqual({ date: "2027-03-02" });
  });

  it("but a town in which they stay is here, if it is called so", () => {
    expect(slots("a massage please, we're in town from the 16th to the 18th")).toMatchObject({ date_from: "2027-03-16", date_to: "2027-03-18" });
  });
});

it("a letter between two words joins them", () => {
  expect(slots("mat class for me n my sister")).toMatchObject({ places: 2 });
  expect(slots("N O R A", undefined, "name")).toEqual({ name: "Nora" });
});
