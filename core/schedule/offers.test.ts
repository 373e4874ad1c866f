import { describe, expect, it } from "vitest";
import { demoHouse } from "../testing/demo.ts";
import { dayOfIso, isoOfDay, weekdayOf } from "../time/days.ts";
import { clockText, epochMinOf } from "../time/zone.ts";
import { CalendarBook } from "./calendar.ts";
import { findOffers, type OfferRequest } from "./offers.ts";
import { minutesOff, wantsDay, type Wish } from "./wish.ts";

const house = demoHouse();
const now = epochMinOf(house.zone, "2027-03-01T08:30");
const on = (iso: string): NonNullable<Wish["days"]> => ({ ranges: [{ from: dayOfIso(iso), to: dayOfIso(iso) }] });
const offer = (wish: Wish, more: Partial<OfferRequest> = {}, calendar = new CalendarBook()) => {
  const r = findOffers(house, calendar, now, { service: "sports-massage", lengthMin: 60, wish, ...more });
  return {
    ...r,
    when: r.offers.map((o) => `${isoOfDay(house.zone.toLocal(o.startMin).day).slice(5)} ${clockText(house.zone.toLocal(o.startMin).minute)} ${o.staff}`),
  };
};

describe("offers", () => {
  it("stay inside the wish while there is room, soonest first and not all in one hour", () => {
    const r = offer({ days: on("2027-03-04"), time: { fromMin: 840 } });
    expect(r.fit).toBe("inside");
    expect(r.when).toEqual(["03-04 14:00 nell", "03-04 16:00 nell", "03-04 18:00 joaquim"]);
  });

  it("begin nearest to an hour that is named", () => {
    expect(offer({ days: on("2027-03-04"), time: { fromMin: 870, toMin: 930, toIs: "start", nearMin: 900 } }).when[0]).toBe("03-04 15:00 nell");
  });

  it("lie on several days when the wish does", () => {
    const days = offer({ days: { ranges: [{ from: dayOfIso("2027-03-08"), to: dayOfIso("2027-03-14") }] } }).when.map((w) => w.slice(0, 5));
    expect(new Set(days).size).toBe(3);
  });

  it("say why they are only near", () => {
    const why = (wish: Wish, more: Partial<OfferRequest> = {}) => offer(wish, more).why?.code;
    expect(why({ days: on("2027-03-07") })).toBe("closed");
    expect(why({ days: on("2027-03-26") })).toBe("closed");
    expect(why({ days: on("2027-03-05"), staff: ["nell"] })).toBe("not-in");
    expect(why({ days: on("2027-03-05"), time: { fromMin: 1020 } })).toBe("shut-then");
    // Twenty past five, where visits begin at the quarters: the house is open, and nothing begins then.
    expect(why({ days: on("2027-03-03"), time: { fromMin: 1040, toMin: 1040, toIs: "start", nearMin: 1040 } })).toBe("full");
    expect(why({ days: on("2027-02-25") })).toBe("past");
    expect(why({ days: on("2027-06-25") })).toBe("too-far");
    expect(why({ days: on("2027-03-04"), staff: ["priya"] })).toBe("not-theirs");
    expect(why({ days: on("2027-03-01"), time: { fromMin: 540, toMin: 540, toIs: "start", nearMin: 540 } })).toBe("too-soon");
  });

  it("never repeat what was refused", () => {
    const first = offer({ days: on("2027-03-04") });
    const second = offer({ days: on("2027-03-04") }, { not: first.offers });
    for (const o of second.offers) expect(first.offers.some((f) => f.startMin === o.startMin && f.staff === o.staff)).toBe(false);
  });

  it("stand an hour from what was refused while there is such, and closer where there is not", () => {
    const days = on("2027-03-04");
    const apart = (a: readonly { startMin: number }[], b: readonly { startMin: number }[]): number =>
      Math.min(...a.flatMap((x) => b.map((y) => Math.abs(x.startMin - y.startMin))));
    const first = offer({ days }, { service: "taping", lengthMin: 15 }).offers;
    const second = offer({ days }, { service: "taping", lengthMin: 15, not: first }).offers;
    expect(second).toHaveLength(3);
    expect(apart(second, first)).toBeGreaterThanOrEqual(60);
    // What somebody else has taken meanwhile was not turned down: what is beside it will do.
    const lost = offer({ days }, { service: "taping", lengthMin: 15, not: first.map((o) => ({ ...o, lost: true })) }).offers;
    expect(apart(lost, first)).toBeLessThan(60);
    // In an hour there is no other hour.
    const narrow = { days, time: { fromMin: 600, toMin: 645, toIs: "start" as const } };
    const [only] = offer(narrow, { service: "taping", lengthMin: 15 }).offers;
    const beside = offer(narrow, { service: "taping", lengthMin: 15, not: only ? [only] : [] }).offers;
    expect(beside.length).toBeGreaterThan(0);
    expect(beside.map((o) => o.startMin)).not.toContain(only?.startMin);
  });

  it("keep the time of day on another day rather than the day at another time of day", () => {
    const r = offer({ days: on("2027-03-05"), time: { fromMin: 1020 } });
    expect(r.fit).toBe("near");
    expect(r.when.some((w) => /17:|18:/.test(w))).toBe(true);
  });

  it("are the nearest of all when none is inside the wish", () => {
    // Thursday is full for both; Wednesday and Saturday are a day or two off, next week further.
    const day = dayOfIso("2027-03-04");
    const full = ["nell", "joaquim"].map((staff) => ({
      id: staff,
      staff,
      room: null,
      startMin: house.zone.toEpochMin(day, 0),
      endMin: house.zone.toEpochMin(day + 1, 0),
    }));
    const r = offer({ days: on("2027-03-04"), time: { fromMin: 720, toMin: 1020, toIs: "start" } }, {}, new CalendarBook(full));
    expect(r.fit).toBe("near");
    expect(r.why?.code).toBe("full");
    expect(r.when.length).toBe(3);
    for (const w of r.when) expect(["03-03", "03-05"]).toContain(w.slice(0, 5));
  });

  it("are on no day that was ruled out, however near", () => {
    // Thursday is wished for, and no Thursdays: the other days of the week are what is left.
    const friday = weekdayOf(dayOfIso("2027-03-05"));
    const days = { ...on("2027-03-04"), excludeWeekdays: [weekdayOf(dayOfIso("2027-03-04")), friday] };
    const r = offer({ days });
    expect(r.fit).toBe("near");
    expect(r.when.length).toBeGreaterThan(0);
    for (const w of r.when) expect(["03-04", "03-05", "03-11", "03-12"]).not.toContain(w.slice(0, 5));
  });

  it("are near to the hour that was named, on another day too", () => {
    const day = dayOfIso("2027-03-04");
    const full = ["nell", "joaquim"].map((staff) => ({
      id: staff,
      staff,
      room: null,
      startMin: house.zone.toEpochMin(day, 0),
      endMin: house.zone.toEpochMin(day + 1, 0),
    }));
    const r = offer({ days: on("2027-03-04"), time: { fromMin: 870, toMin: 930, toIs: "start", nearMin: 900 } }, { most: 1 }, new CalendarBook(full));
    expect(r.when[0]?.slice(6, 11)).toBe("15:00");
  });

  it("are none where nothing is open at all", () => {
    const all = house.handbook.staff.map((s, i) => ({ id: `x${i}`, staff: s.id, room: null, startMin: now - 1440, endMin: now + 90 * 1440 }));
    const r = offer({ days: on("2027-03-04") }, {}, new CalendarBook(all));
    expect(r.fit).toBe("none");
    expect(r.offers).toEqual([]);
  });
});

describe("wishes", () => {
  it("know what lies outside them, in minutes", () => {
    expect(minutesOff({ toMin: 720, toIs: "start" }, 705, 60)).toBe(0);
    expect(minutesOff({ toMin: 720, toIs: "start" }, 720, 60)).toBe(1);
    expect(minutesOff({ toMin: 720, toIs: "end" }, 660, 60)).toBe(0);
    expect(minutesOff({ toMin: 720, toIs: "end" }, 675, 60)).toBe(15);
    expect(minutesOff({ fromMin: 960 }, 900, 60)).toBe(60);
    expect(minutesOff(undefined, 3, 60)).toBe(0);
  });

  it("leave out what is excluded", () => {
    const wednesday = dayOfIso("2027-03-03");
    expect(wantsDay({ ranges: [], excludeWeekdays: [3] }, wednesday)).toBe(false);
    expect(wantsDay({ ranges: [], excludeDays: [wednesday] }, wednesday)).toBe(false);
    expect(wantsDay({ ranges: [], weekdays: [3] }, wednesday)).toBe(true);
    expect(wantsDay({ ranges: [{ from: wednesday + 1 }] }, wednesday)).toBe(false);
  });
});
