import { describe, expect, it } from "vitest";
import { talksAt } from "../testing/held.ts";
import { isoOfDay } from "../time/days.ts";
import { clockText } from "../time/zone.ts";

/** What is kept and is to be otherwise after all, what agrees and what does not, and what is asked of who is asked: in words of no set. */

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
    const t = tern(...KEPT, "902 555 0186", "yes", "no", "my neck", "May", "no", "I pay for it myself", "an hour later please", "and half an hour earlier");
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

const READ_BACK = ["taping with Maren on Wednesday at two", "Flora Dent, 902 555 0186"];

describe("what is read back", () => {
  it.each([
    "I'd have to ask my flatmate whether she can drive me",
    "my ankle has been awful",
    "my cousin would like to come as well",
    "I'd want to bring my crutches",
    "I need to sort out the school run",
    "it's my first time there",
    "let me talk to my partner",
    "hmm, perhaps",
    "we'll see",
    "I must make sure I can leave early",
    "could you keep it a little while",
    "that overlaps with my shift",
  ])("is not agreed to by: %s", (text) => {
    const t = tern(...READ_BACK, text);
    expect(t.state.did).toBeUndefined();
    expect(t.state.task).toMatchObject({ errand: "book" });
  });

  it.each([
    "great, see you there",
    "we'll be there",
    "count us in",
    "that ought to be fine",
    "I've looked in my diary, yep",
    "go on, put her down",
    "alright, pencil it in",
  ])("is agreed to by: %s", (text) => {
    expect(tern(...READ_BACK, text).state.did).toMatchObject({ did: "booked" });
  });

  it("waits for who thinks it over, without taking that for a word that was not understood", () => {
    const t = tern(...READ_BACK, "I should run it past my boss, let me check with my boss", "hm, maybe", "ok, book it");
    expect(t.each.slice(2, 4).join(" ")).not.toMatch(/follow/);
    expect(t.state.did).toMatchObject({ did: "booked" });
  });

  it("is looked for elsewhen, where it is late or clashes", () => {
    expect(tern(...READ_BACK, "that's rather late").state.expects).not.toBe("go-ahead");
    expect(tern(...READ_BACK, "oh, that conflicts with my exam").last).toMatch(/suit you/);
  });

  it("costs what it costs, and nothing less, for whom that decides", () => {
    expect(tern(...READ_BACK, "it depends on the cost").last).toMatch(/\$25 for 15 minutes/);
  });

  it("stays called for, where a visit is to be called off, until that is agreed to", () => {
    const gone = talksAt("twenty-seventh", "ternbay");
    const asked = ["cancel my assessment on Thursday", "Dev Anand, 902 555 0144"];
    expect(gone(...asked, "it turns out I can come").slips).toEqual([]);
    expect(gone(...asked, "it turns out I can come").state.did).toBeUndefined();
    expect(gone(...asked, "let me ask my husband about it").state.did).toBeUndefined();
    expect(gone(...asked, "I have no need of it any more, cancel it").state.did).toMatchObject({ did: "cancelled" });
  });

  it("is not booked where what they have is to go instead", () => {
    const t = talksAt("twenty-eighth", "hazel")(
      "a loose lead walk on Tuesday the 9th at a quarter to twelve",
      "Abdul Karim, 01792 555144",
      "oh no, please cancel my lead walk",
      "yes",
    );
    expect(t.state.did).toMatchObject({ did: "cancelled" });
    expect(t.state.task).toBeNull();
  });
});

describe("hours that are offered", () => {
  const OFFERED = ["a physiotherapy assessment with Maren next week"];

  it.each(["I'd have to ask my husband", "let me think it over", "hm, not sure yet"])("are neither taken nor declined by: %s", (text) => {
    const before = tern(...OFFERED);
    const t = tern(...OFFERED, text);
    expect(t.state.expects).toBe("slot");
    expect(t.state.task).toMatchObject({ offered: (before.state.task as { offered: unknown }).offered });
  });

  it("are still to be chosen from, where two of them would do", () => {
    const t = tern(...OFFERED, "the first or the second one");
    expect(t.state.expects).toBe("slot");
    expect(t.state.task).not.toHaveProperty("hold");
  });

  it("are of days before those, for whom they are too far off", () => {
    expect(tern(...OFFERED, "oh, I need it sooner").last).toMatch(/Monday 1 March|Tuesday 2 March/);
  });
});

describe("who is asked who they are", () => {
  const ASKED = ["taping with Maren on Wednesday at two"];

  it.each(["hmmm", "erm", "I've been there before", "the same one as last time", "as always"])("has not said so by: %s", (text) => {
    const t = tern(...ASKED, text);
    expect(t.state.client.name).toBeUndefined();
    expect(t.state.expects).toBe("name");
  });

  it.each(["why do you want to know", "what is that for", "do I have to say", "I prefer not to say that"])("hears what a name is for, asked: %s", (text) => {
    const t = tern(...ASKED, text);
    expect(t.last).toMatch(/found/);
    expect(t.last).toMatch(/What name|your name/);
    expect(t.slips).toEqual([]);
  });

  it("hears what a number is for, and may give an address instead", () => {
    expect(tern(...ASKED, "Flora Dent", "why do you need it").last).toMatch(/reach/);
    expect(tern(...ASKED, "Flora Dent", "would an email do").state.expects).toBe("email");
    expect(tern(...ASKED, "Flora Dent", "can we skip that").state.expects).toBe("email");
    expect(tern(...ASKED, "Flora Dent", "hold on, it's at two, right").state.expects).toBe("phone");
  });
});

describe("what is needed, told where it is asked which service it is for", () => {
  it("suggests what anything new begins with", () => {
    expect(tern("I'd like to come on Thursday", "something for a sore wrist").last).toMatch(/assessment/);
  });

  it("is what was asked about since", () => {
    const t = tern("I want to talk about my feelings", "what are insoles", "fine, when could I come");
    expect(t.last).toMatch(/orthotics/i);
  });

  it("is the least dear of all, for whom that decides", () => {
    expect(tern("I'd like to come on Thursday", "whatever's the cheapest").last).toMatch(/mat class/i);
  });
});

describe("what the house wrote of a visit", () => {
  const lab = talksAt("twenty-eighth", "nutmeg");
  it("is no advice of the receptionist's", () => {
    expect(lab("should I take my tablets on the day of the blood draw").last).toMatch(/as always/);
  });
  it("is not given for what is asked of somebody's health", () => {
    expect(lab("should I take pills for my blood pressure").last).toMatch(/medical advice/);
  });
});

describe("which of theirs is meant", () => {
  const TWO = ["I'd like to change a visit of mine", "Celia Nwosu, 902 555 0143"];
  const two = talksAt("twenty-eighth", "ternbay");

  it("is the other one, where one is ruled out", () => {
    expect(two(...TWO, "no, not the acupuncture").last).toMatch(/sports massage/i);
    expect(two(...TWO, "anything but the massage").last).toMatch(/acupuncture/i);
  });

  it("is said again for who asks which they are", () => {
    for (const text of ["which visits do I have", "what were they again", "sorry, which are they"]) {
      const t = two(...TWO, text);
      expect(t.state.expects).toBe("which-appointment");
      expect(t.last).toMatch(/acupuncture.*massage/i);
      expect(t.last).not.toMatch(/follow/);
    }
  });

  it("is all of them, and the week that is named is the wish", () => {
    const t = two(...TWO, "both, to the week after next");
    expect(t.last).toMatch(/1[5-9] March|20 March/);
  });
});

describe("when one of theirs is to be instead", () => {
  const MOVED = ["I have to move my massage", "Ada Lowther, 902 555 0141"];
  const one = talksAt("twenty-eighth", "ternbay");

  it("may be any day but its own", () => {
    const t = one(...MOVED, "any other day");
    expect(t.state.expects).toBe("slot");
    expect(t.last).not.toMatch(/4 March/);
  });

  it("is when it is, with somebody else", () => {
    expect(one(...MOVED, "with Joaquim please").last).toMatch(/Thursday 4 March at 1:00 pm will be with Joaquim/);
  });

  it("is asked again for who asks what it was", () => {
    expect(one(...MOVED, "what was it again").last).toMatch(/Thursday 4 March at 1:00 pm/);
  });
});

describe("what was spoken of", () => {
  const PRICE = ["how much is taping"];
  const one = talksAt("twenty-eighth", "ternbay");

  it("is told of, asked what it is", () => {
    expect(one(...PRICE, "and what is that exactly").last).toMatch(/elastic tape/i);
  });

  it.each(["great, we'll take it", "alright, let's do that", "put me down then"])("is to be booked: %s", (text) => {
    expect(one(...PRICE, text).state.task).toMatchObject({ errand: "book", service: "taping" });
  });

  it("is let be, where it costs less than was feared, and nothing is to be cheaper", () => {
    expect(one(...PRICE, "that's less than I feared, cheaper than I expected").last).not.toMatch(/discount/);
  });
});

it("asks what somebody is to be told, where that is not said", () => {
  const t = tern("please tell Maren something", "the swelling has gone", "Flora Dent", "902 555 0186");
  expect(t.each[0]).toMatch(/What .*message|pass on/);
  expect(t.slips.map((s) => s.text ?? JSON.stringify(s)).join(" ")).toContain("swelling");
});

describe("another day, at the go-ahead", () => {
  it("is a wish, however it is led up to", () => {
    const t = tern(...READ_BACK, "no, not today, Friday the 12th");
    expect(t.last).toMatch(/Friday 12 March/);
    expect(t.state.did).toBeUndefined();
  });

  it("is none of when somebody comes back", () => {
    const t = tern(...READ_BACK, "I'll get back to you on Friday");
    expect(t.last).not.toMatch(/Friday/);
    expect(t.state.expects).toBe("go-ahead");
  });
});

describe("what was just booked", () => {
  const dogs = talksAt("twenty-eighth", "hazel");
  const BOOKED = ["nail trim on Saturday at eleven with Ravi", "Flora Dent, 01792 555186", "yes"];

  it.each(["hold on, was that on Saturday", "and it's at eleven, right", "just checking, is that Saturday"])(
    "is told again, asked whether it was then: %s",
    (text) => {
      const t = dogs(...BOOKED, text);
      expect(t.last).toMatch(/Saturday 6 March at 11:00 am/);
      expect(t.state.task).toBeNull();
    },
  );

  it.each(["Mali would be better", "oh, could I have it with Mali", "make it with Mali instead"])(
    "is with somebody else, and is not booked twice: %s",
    (text) => {
      const t = dogs(...BOOKED, text);
      expect(t.last).toMatch(/6 March at 11:00 am will be with Mali instead of Ravi/);
      expect(t.booked).toHaveLength(1);
    },
  );

  it("is let be by a wish for something else that was spoken of since", () => {
    const t = dogs(...BOOKED, "what is scent work", "could I have it with Ravi on Friday");
    expect(t.state.task).toMatchObject({ errand: "book", service: "scent" });
  });
});

describe("how long, of several lengths", () => {
  const dogs = talksAt("twenty-eighth", "hazel");
  const ASKED = ["one-to-one training with Gethin on Friday"];

  it.each([
    ["about an hour or so", 60],
    ["as long as you can", 90],
    ["nothing too long", 45],
    ["the cheapest one", 45],
    ["it makes no difference", 45],
    ["whatever you suggest", 45],
  ])("is told by %s", (text, min) => {
    expect(dogs(...ASKED, text).state.task).toMatchObject({ lengthMin: min });
  });

  it("is no unfinished sentence, though it ends in a small word", () => {
    expect(dogs(...ASKED, "an hour or so").last).not.toMatch(/listening/);
  });
});
