import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { held, talksAt } from "../testing/held.ts";
import { setHouse } from "../testing/sets.ts";
import { theOneThatIs } from "./errands/compare.ts";

const talk = (...says: string[]) => held("ternbay", "web", ...says);
const offered = (text: string): string[] => text.match(/\d{1,2}:\d\d [ap]m/g) ?? [];

describe("a yes to several times", () => {
  it("is asked which, and after a second one the first of them is proposed by itself", () => {
    const t = talk("taping on friday", "sure", "yes please", "yes");
    expect(offered(t.each[1] ?? "").length).toBeGreaterThan(1);
    expect(offered(t.each[2] ?? "")).toEqual(offered(t.each[0] ?? "").slice(0, 1));
    expect(t.state.expects).toBe("name");
  });

  it("may be followed by a no: then something else is looked for, and nothing is kept", () => {
    const t = talk("taping on friday", "sure", "yes", "no");
    expect(t.state.expects).toBe("day");
    expect(t.state.task).not.toHaveProperty("hold");
  });

  it("begins anew when the wish has changed", () => {
    const t = talk("taping on friday", "yes", "thursday rather", "yes");
    expect(offered(t.last).length).toBeGreaterThan(1);
  });
});

describe("a choice among what was offered", () => {
  it("may be the earliest that there is, and opens no new search", () => {
    const t = talk("taping on friday", "whatever is the earliest you have got");
    expect(t.state.expects).toBe("name");
    expect(offered(t.last)).toEqual(offered(t.each[0] ?? "").slice(0, 1));
  });

  it("may go back to an hour that was turned down", () => {
    const [first] = offered(talk("taping on friday").last);
    const t = talk("taping on friday", "anything later than that?", `okay, ${first ?? ""} after all`);
    expect(offered(t.each[1] ?? "")).not.toContain(first);
    expect(offered(t.last)).toEqual([first]);
    expect(t.state.expects).toBe("name");
  });

  it("is given up in so many words", () => {
    for (const words of ["nah forget it", "oh leave it then", "no, never mind"]) {
      const t = talk("taping on friday", words);
      expect(t.last, words).toMatch(/let it go/);
      expect(t.state.task).toBeNull();
    }
  });

  it("of a move that is given up leaves the visit where it is", () => {
    const t = talk("move my follow-up to thursday, Simone Arsenault 902 555 0118", "actually leave it as it is");
    expect(t.was("a-simone")).toBe("follow-up 2027-03-09 09:00 tobias booked");
    expect(t.state.task).toBeNull();
    expect(t.last).not.toMatch(/let it go/);
  });
});

describe("own working hours", () => {
  it("are no wish for those hours, but for those after them", () => {
    const t = talk("relaxation massage on friday, an hour", "we finish at four");
    expect(offered(t.last)[0]).toBe("4:00 pm");
    expect(offered(talk("relaxation massage on friday, an hour", "i work from 9 to 4").last)[0]).toBe("4:00 pm");
  });

  it("that begin are what the visit is to be over by", () => {
    const t = talk("relaxation massage on friday, half an hour", "i have to be back at work at one");
    for (const time of offered(t.last)) expect(time).toMatch(/am$|12:/);
  });
});

describe("several services", () => {
  it("are told apart by what each of them is", () => {
    const t = talk("how does acupuncture differ from shockwave?");
    expect(t.last).toMatch(/Acupuncture: .*Shockwave/);
    expect(t.state.topics).toHaveLength(2);
  });

  it("are told apart by the line of the handbook that tells just them apart", () => {
    const t = talk("what is the difference between a sports massage and a relaxation massage");
    expect(t.reasons.map((r) => r.what === "rule" && r.rule)).not.toContain("answer/compared");
    expect(t.last).toMatch(/firm.*gentle/);
  });

  it("are measured by how long they take, and by what they cost", () => {
    const t = talk("is taping or acupuncture quicker?", "so which takes longer", "and which is cheapest");
    expect(t.each[1]).toMatch(/taping.*minutes|half an hour/i);
    expect(t.each[1]).toMatch(/acupuncture.*minutes/i);
    expect(t.each[2]).toMatch(/\$\d+/);
    expect(t.slips).toEqual([]);
  });

  it("that were spoken of are chosen from by what they have more of", () => {
    const t = talk("how do taping and acupuncture differ", "the longer one then, on thursday");
    expect(t.state.task).toMatchObject({ errand: "book", service: "acupuncture" });
  });

  it("of which one costs least is suggested, where all of them are meant, and not taken", () => {
    const t = talk("please book me the cheapest thing you have on thursday");
    expect(t.state.expects).toBe("service");
    expect(t.last).toMatch(/\?$/);
    expect(t.booked).toEqual([]);
  });

  it("a wish to pay less than the price is refused as before", () => {
    expect(talk("can you do it cheaper for me").last).toMatch(/can't give discounts/);
  });
});

describe("the longest, the shortest, the dearest and the cheapest", () => {
  const house = setHouse("seventh", "ternbay");
  const some = fc.subarray([...house.handbook.services], { minLength: 2 });
  const lengths = (id: string): number[] => house.services.get(id)?.variants.map((v) => v.lengthMin) ?? [];
  const prices = (id: string): number[] => house.services.get(id)?.variants.flatMap((v) => v.priceMinor ?? []) ?? [];

  it("is one that no other of them passes, or none", () => {
    fc.assert(
      fc.property(some, (list) => {
        const long = theOneThatIs(list, "long");
        if (long) for (const s of list) if (s.id !== long) expect(Math.max(...lengths(s.id))).toBeLessThan(Math.max(...lengths(long)));
        const cheap = theOneThatIs(list, "cheap");
        if (cheap)
          for (const s of list) if (s.id !== cheap && prices(s.id).length > 0) expect(Math.min(...prices(s.id))).toBeGreaterThan(Math.min(...prices(cheap)));
      }),
    );
  });

  it("is none where two are alike, and none of one that has no price", () => {
    const [a] = house.handbook.services;
    if (!a) throw new Error("no service");
    expect(theOneThatIs([a, { ...a, id: "twin" }], "short")).toBeNull();
    expect(theOneThatIs([a, { ...a, id: "bare", priceKept: true }], "cheap")).toBeNull();
    const dearer = { ...a, id: "dearer", variants: a.variants.map((v) => ({ ...v, priceMinor: (v.priceMinor ?? 0) + 1 })) };
    expect(theOneThatIs([a, dearer], "dear")).toBe("dearer");
    expect(theOneThatIs([a, dearer], "cheap")).toBe(a.id);
  });
});

describe("which service it is for", () => {
  it("is asked, then helped with what there is, and handed on when nothing comes of it", () => {
    const t = talk("i'd like to come in on friday", "Rita Hale", "902 555 0190", "in the morning", "around ten");
    expect(t.each[1]).toMatch(/We offer .*taping/);
    expect(t.state.expects).toBe("message");
    expect(t.last).toMatch(/desk\?/);
  });

  it("is settled by going on with when, after one was suggested", () => {
    const t = talk("my knee is sore, what can you do about it", "tomorrow morning");
    expect(t.each[0]).toMatch(/assessment/);
    expect(t.state.task).toMatchObject({ service: "assessment" });
    expect(t.state.expects).toBe("slot");
    const other = held("hollow", "web", "a wedding dress fitting for me please", "no, something else");
    expect(other.state.task).not.toHaveProperty("service");
    expect(other.state.expects).toBe("service");
  });

  it("is the one that was asked about while it was open", () => {
    const t = talk("i need an appointment", "what is taping", "fine, on thursday");
    expect(t.state.task).toMatchObject({ service: "taping" });
  });

  it("begins with what everybody begins with, for one who tells what ails them", () => {
    const t = talk("do you have something for a sore knee");
    expect(t.last).toMatch(/begins with|assessment/);
    expect(t.state.expects).toBe("service");
    expect(talk("do you have something for a sore knee", "ok, friday").state.task).toMatchObject({ service: "assessment" });
  });

  it("is what was asked about when something off the price was refused", () => {
    const t = talk("is there a discount on acupuncture", "okay then, can i come on thursday");
    expect(t.state.task).toMatchObject({ errand: "book", service: "acupuncture" });
  });
});

describe("several visits of one client", () => {
  it("are moved alike, each with its own go-ahead", () => {
    const t = held("hollow", "web", "shift both of my visits to the week after at the same times, Tobin Marsh 01632 960242", "yes", "yes");
    expect(t.each[0]).toMatch(/11 March at 10:00 am/);
    expect(t.each[1]).toMatch(/15 March at 9:30 am/);
    expect(t.state.did?.did).toBe("moved");
  });

  it("of which one was told of are all told when asked for", () => {
    const t = talk("when is my acupuncture? Pavel Novotny 902 555 0127", "and the other one?");
    expect(t.last).toMatch(/sports massage with Joaquim on Friday 12 March/);
    expect(talk("when is my massage? Ana Petrov 902 555 0142", "and the other one?").last).not.toMatch(/Coming up|You have/);
  });

  it("that were booked by themselves are brought forward", () => {
    const t = talk("i booked a massage for wednesday with nell, can we bring it forward? Ana Petrov 902 555 0142");
    expect(t.state.task).toMatchObject({ errand: "move" });
    for (const time of offered(t.last)) expect(time).toMatch(/am$|12:/);
  });
});

describe("the go-ahead", () => {
  it("with a number that is put right is asked again, and nothing is let go", () => {
    const t = talk("taping on friday at 10, Rita Hale 902 555 0194", "no wait, that's wrong: 902 555 0190");
    expect(t.each[0]).toMatch(/0194\. Shall I book it/);
    expect(t.state.task).toMatchObject({ errand: "book", hold: { offer: { service: "taping" } } });
    expect(t.last).toMatch(/0190\. Shall I book it/);
  });
});

describe("a message that was only guessed", () => {
  it("gives way to a wish to come, once a day is named instead of a name", () => {
    const t = talk("my stitches came out last night", "tomorrow morning then");
    expect(t.each[0]).toMatch(/name\?|from\?/);
    expect(t.state.task?.errand).toBe("book");
  });

  it("stays one where something else is told with the day", () => {
    const t = talk("i left my umbrella in your waiting room", "i can fetch it tomorrow morning");
    expect(t.state.task).toMatchObject({ errand: "message", text: "i left my umbrella in your waiting room" });
  });

  it("stays one where its giver says who they are", () => {
    const t = talk("i left my umbrella in your waiting room", "Rita Hale", "902 555 0190");
    expect(t.slips.map((s) => s.slip)).toEqual(["message"]);
  });
});

describe("what a service is", () => {
  it("is told with what it costs, where the bare question may mean either", () => {
    const t = talk("what's a taping?");
    expect(t.last).toMatch(/Taping: /);
    expect(t.last).toMatch(/\$25/);
  });

  it("is meant by the beginning of its name, where no other begins so and it is no word by itself", () => {
    expect(talk("can i get an acupunc on thursday").state.task).toMatchObject({ service: "acupuncture" });
    expect(talk("can i get a mass on thursday").state.task).not.toMatchObject({ service: "mat-class" });
  });

  it("that stays open between two is handed on in the end", () => {
    const t = talk("a massage on friday", "in the morning", "about ten", "Rita Hale", "902 555 0190", "near the door", "by the window");
    expect(t.each[0]).toMatch(/sports massage or relaxation massage/);
    expect(t.each[3]).toMatch(/sports massage\?/);
    expect(t.state.expects).toBe("message");
  });
});

describe("a name that comes in two parts", () => {
  it("is whole once the family name comes with the number", () => {
    const t = talk("hi, this is Ruth. i need to move my appointment on monday", "Delaney. 902 555 0139");
    expect(t.state.client).toMatchObject({ name: "Ruth Delaney", match: "both" });
    expect(t.state.expects).not.toBe("name");
  });

  it("is not made longer where it was whole", () => {
    const t = talk("this is Ruth Delaney, i need to move my appointment", "902 555 0139");
    expect(t.state.client.name).toBe("Ruth Delaney");
    expect(talk("this is Ruth. i need to move my appointment", "902 555 0139").last).toMatch(/whole name/);
  });
});

describe("what is being booked", () => {
  it("stays when another is wished besides, together with something else", () => {
    const t = talk("taping on friday at 10", "book an acupuncture on thursday and cancel my follow-up");
    const all = [t.state.task, ...t.state.later].map((x) => (x?.errand === "book" ? x.service : ""));
    expect(all).toContain("taping");
    expect(all).toContain("acupuncture");
  });
});

describe("one thing or another", () => {
  const barber = talksAt("tenth", "kauri");
  const legal = talksAt("ninth", "pinyon");
  const among = (t: ReturnType<typeof barber>) => (t.state.task?.errand === "book" ? t.state.task.among : undefined);

  it.each(["can I come in for a skin fade or a head shave", "a skin fade, or maybe a head shave, on Thursday"])(
    "is asked about before anything is looked for: %s",
    (say) => {
      const t = barber(say);
      expect(t.state.expects).toBe("service");
      expect(among(t)).toEqual(["fade", "head"]);
      expect(t.last).toMatch(/skin fade or head shave/i);
    },
  );

  it("is none of two that are both wished for", () => {
    const t = barber("a skin fade and a head shave on Thursday");
    expect([t.state.task, ...t.state.later]).toMatchObject([{ service: "fade" }, { service: "head" }]);
    expect(among(t)).toBeUndefined();
  });

  it("may be one of which there are several kinds", () => {
    const spa = talksAt("twenty-third", "kestrel");
    expect(among(spa("could I get a facial or a massage on Saturday"))).toEqual(["glow", "hotstone", "classic", "prenatal", "scalp"]);
  });

  it("is taken as it comes where either will do", () => {
    const t = barber("a skin fade or a head shave, I don't mind which");
    expect(t.state.task).toMatchObject({ errand: "book", service: expect.stringMatching(/fade|head/) as string });
    expect(among(t)).toBeUndefined();
  });

  it("is told apart for who cannot say", () => {
    const t = legal("could we see somebody for a divorce consultation or mediation, we can't decide between them");
    expect(t.last).toMatch(/what a divorce takes/);
    expect(t.last).toMatch(/at one table/);
    expect(t.state.expects).toBe("service");
  });

  it.each(["hm, I can't really say", "what's the difference between those"])("and for who asks: %s", (say) => {
    const t = barber("I'd like a haircut or a beard trim", say);
    expect(t.last).toMatch(/clippers and finished with a razor/);
    expect(t.state.expects).toBe("service");
  });

  it("may be both, one after the other", () => {
    const t = barber("I'd like a haircut or a beard trim", "I'll take both then");
    expect(t.state.task).toMatchObject({ service: "cut" });
    expect(t.state.later).toMatchObject([{ errand: "book", service: "beard", rightAfter: true }]);
  });

  it("may be neither, and then a third", () => {
    const t = barber("I'd like a haircut or a beard trim", "neither of them really", "a hot towel shave");
    expect(t.state.task).toMatchObject({ service: "shave" });
  });
});

describe("a weekday that is ruled out", () => {
  it("is not offered, though the day that was wished for is one", () => {
    const bones = talksAt("twenty-first", "bogmyrtle");
    const t = bones("Fergus wants me back in a fortnight", "any time he has, but no Mondays");
    expect(t.last).toMatch(/March/);
    expect(t.last).not.toMatch(/Monday/);
  });
});

describe("a no, asked how long it should be", () => {
  it("declines nothing where it tells who comes", () => {
    const dance = talksAt("twenty-second", "huisache");
    const t = dance("a ballroom lesson please", "no, it's only my dad and me");
    expect(t.state.task).toMatchObject({ errand: "book", service: "ballroom" });
  });

  it("else is of another service", () => {
    const dance = talksAt("twenty-second", "huisache");
    expect(dance("a ballroom lesson please", "no, not that").state.task).not.toHaveProperty("service");
  });
});

describe("a second visit of the same", () => {
  const WHO = ["the first one", "Cecily Vanterpool", "902 555 0129", "yes"] as const;

  it("on the day of the one just booked is said to be one more", () => {
    const t = talk("taping on friday", ...WHO, "taping on friday, in the afternoon", "the first one");
    expect(t.last).toMatch(/already have .*one more/i);
  });

  it("is none of two where what was beside another thing is meant by itself", () => {
    const spa = talksAt("twenty-third", "kestrel");
    const t = spa("a manicure please", "Thursday", "and a pedicure too please", "no sorry, the pedicure only");
    const tasks = [t.state.task, ...t.state.later].filter((x) => x?.errand === "book");
    expect(tasks.filter((x) => x?.errand === "book" && x.service === "pedicure")).toHaveLength(1);
  });
});

describe("who has just heard what they have", () => {
  const riding = talksAt("thirteenth", "burnside");
  const ASKS = "when is my next lesson? Priti Shah, 01632 960343";

  it("wishes for another by naming a day", () => {
    expect(riding(ASKS, "what have you got on Sunday the 14th").state.task).toMatchObject({ errand: "book" });
  });

  it("moves that one by naming a day after saying that it cannot be", () => {
    const t = riding(ASKS, "I can't make that, what have you got on Sunday the 14th");
    expect(t.state.task).toMatchObject({ errand: "move", appointment: { service: "private" } });
  });
});
