import { describe, expect, it } from "vitest";
import { talksAt } from "../testing/held.ts";
import { isoOfDay } from "../time/days.ts";
import { clockText } from "../time/zone.ts";

/** What is kept and is to be otherwise after all, while something else is being asked: in words of no set. */

const tern = talksAt("twenty-seventh", "ternbay");
const KEPT = ["an hour of relaxation massage with Nell, Thursday at three", "Flora Dent"];

/** When the hour that is kept begins, as the task has it. */
const heldAt = (t: ReturnType<typeof tern>): string | undefined => {
  const { task } = t.state;
  if (task?.errand !== "book" || !task.hold) return undefined;
  const { day, minute } = t.house.zone.toLocal(task.hold.offer.startMin);
  return `${isoOfDay(day).slice(-2)}, ${clockText(minute)}`;
};

describe("another hour, told by how much later it is", () => {
  it.each([
    ["oh, could we say half an hour later", "04, 15:30"],
    ["an hour earlier suits me more", "04, 14:00"],
    ["a quarter of an hour later then", "04, 15:15"],
  ])("is kept while a number is waited for, and said: %s", (text, at) => {
    const t = tern(...KEPT, text);
    expect(heldAt(t)).toBe(at);
    expect(t.last).toMatch(/Thursday 4 March at .+(?:number|reach you)/);
  });

  it("is no word against the number that is read back", () => {
    const t = tern(...KEPT, "555 0186", "hold on, half an hour later");
    expect(heldAt(t)).toBe("04, 15:30");
    expect(t.last).toMatch(/at 3:30 pm.*902 555 0186/);
    expect(t.state.client.phone).toBe("+19025550186");
    expect(t.state.expects).toBe("phone-check");
  });

  it("leaves a no to the number a no", () => {
    const t = tern(...KEPT, "555 0186", "no, that's not it");
    expect(heldAt(t)).toBe("04, 15:00");
    expect(t.state.expects).toBe("phone");
  });

  it("is kept a week later too", () => {
    const t = tern(...KEPT, "555 0186", "could it be a week later");
    expect(heldAt(t)).toBe("11, 15:00");
    expect(t.last).toMatch(/Thursday 11 March at 3:00 pm/);
  });

  it("is kept when it is said at the go-ahead, and again measured from there", () => {
    const t = tern(...KEPT, "902 555 0186", "yes", "no", "my neck", "May", "no", "I pay myself", "an hour later please", "and half an hour earlier");
    expect(heldAt(t)).toBe("04, 15:30");
    expect(t.state.expects).toBe("go-ahead");
  });
});

describe("a visit that was missed", () => {
  it.each([
    "I missed my relaxation massage yesterday, could I get in on Wednesday with Joaquim for an hour",
    "could I get in on Wednesday with Joaquim, an hour, I slept through my relaxation massage this morning",
    "so sorry, we overslept. Is there an hour of relaxation massage on Wednesday with Joaquim",
  ])("is not moved: another one is booked: %s", (text) => {
    const t = tern(text);
    expect(t.state.task).toMatchObject({ errand: "book", service: "relaxation-massage", lengthMin: 60 });
    expect(t.last).toMatch(/Wednesday 3 March/);
  });
});
