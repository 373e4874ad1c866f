import { describe, expect, it } from "vitest";
import { heldAt, talksAt, heldFrom } from "../testing/held.ts";

/** What parents, patients and people who train ask for: what there is for them, both of two, theirs at another time, in words of no set. */

const gym = talksAt("twentieth", "msasa");
const braces = talksAt("twentieth", "tamarack");
const tern = talksAt("twentieth", "ternbay");
const ternByPhone = talksAt("twentieth", "ternbay", "phone");
const swim = talksAt("fourteenth", "carob");
const eyes = talksAt("sixth", "neem");
const riding = talksAt("thirteenth", "burnside");

describe("who hears that there is something for them", () => {
  it("is asked whether a time is to be looked for, and a yes begins it", () => {
    const t = braces("her jaw hurts when she chews, do you have something for that?", "yes, please");
    expect(t.each[0]).toMatch(/look for a time\?$/);
    expect(t.state.task).toMatchObject({ errand: "book", service: "jaw" });
  });

  it("may say no to it, and is asked what else", () => {
    const t = braces("her jaw hurts when she chews, do you have something for that?", "no, thank you");
    expect(t.each[0]).toMatch(/look for a time\?$/);
    expect(t.state).toMatchObject({ task: null, status: "open" });
    expect(t.last).toMatch(/else/);
  });

  it("may say when at once", () => {
    const t = braces("her jaw hurts when she chews, do you have something for that?", "yes, Wednesday at five");
    expect(t.state.task).toMatchObject({ errand: "book", service: "jaw" });
    expect(t.last).toMatch(/Wednesday 3 March at 5:00 pm/);
  });

  it("is asked it of what is theirs, whatever it is called", () => {
    expect(braces("do you have something for a sore jaw, mine has been locking").last).toMatch(/look for a time\?$/);
  });

  it("is not asked it where nothing of theirs is spoken of", () => {
    expect(braces("what is an aligner scan").last).not.toMatch(/look for a time/);
  });

  it("is not taken up on it later", () => {
    const t = braces("her jaw hurts when she chews, do you have something for that?", "where do I park", "yes");
    expect(t.state.task).toBeNull();
  });
});

describe("two days that are wished for", () => {
  it.each([
    "Monday's mat class and Thursday's, please",
    "I'd like the mat class on Monday and also on Thursday",
    "can I do the mat class on Monday, and on Thursday as well",
  ])("are two visits: %s", (text) => {
    const t = tern(text);
    expect(t.state.later).toHaveLength(1);
    expect(t.last).toMatch(/Monday 1 March/);
  });

  it("are one where both would do", () => {
    const t = tern("I could do the mat class on Monday and also on Thursday");
    expect(t.state.task).toMatchObject({ errand: "book", service: "mat-class" });
    expect(t.state.later).toHaveLength(0);
  });

  it("are the same on another day too, once one of them is chosen", () => {
    const t = gym("a stretch on Tuesday with Mutinta", "and the same on Thursday as well", "ten", "Joyce Sampa, 095 555 0190", "yes", "yes");
    expect(t.booked).toEqual(["stretch 2027-03-02 10:00 mutinta", "stretch 2027-03-04 10:00 mutinta"]);
  });

  it("or at the go-ahead", () => {
    const t = gym("a body scan on Tuesday at two with Thandi, Joyce Sampa, 095 555 0190", "yes please, and also the same on Wednesday", "yes");
    expect(t.booked).toEqual(["scan 2027-03-02 14:00 thandiwe", "scan 2027-03-03 14:00 thandiwe"]);
  });
});

describe("two things, each at an hour of its own", () => {
  it("are told apart by their order", () => {
    const t = braces(
      "a cleaning for half an hour and then whitening on Thursday, the first at nine and the second at eleven",
      "Ole Sather, 218 555 0190",
      "yes",
      "yes",
    );
    expect(t.booked).toEqual(["clean 2027-03-04 09:00 teddy", "white 2027-03-04 11:00 teddy"]);
  });

  it("with whoever does each of them", () => {
    const t = braces(
      "The braces removed and a retainer the same day, Thursday the 18th, braces removed at two and the retainer at half past three, with Dr. Whitefeather and Teddy",
      "Ole Sather, 218 555 0190",
      "yes",
      "yes",
    );
    expect(t.booked).toEqual(["off 2027-03-18 14:00 whitefeather", "retainer 2027-03-18 15:30 teddy"]);
  });
});

describe("places", () => {
  it("are those of the class on the day that was asked about", () => {
    const t = gym("what time is the yoga on Saturday", "put me and two friends there");
    expect(t.each[0]).toMatch(/Saturday at 08:00/);
    expect(t.each[0]).not.toMatch(/Tuesday/);
    expect(t.state.task).toMatchObject({ service: "yoga", places: 3, wish: { days: { ranges: [{ from: expect.any(Number) as number }] } } });
    expect(t.last).toMatch(/Saturday 6 March/);
  });

  it("are put right at the go-ahead", () => {
    const t = gym("circuits on Wednesday for my husband and me", "Joyce Sampa", "095 555 0190", "no sorry, there are four of us", "yes");
    expect(t.places).toEqual([4]);
  });

  it("are added to a list", () => {
    const t = tern("is there room in Wednesday's mat class?", "yes, put three down");
    expect(t.state.task).toMatchObject({ places: 3 });
  });
});

describe("a child", () => {
  it("has the lesson that is for children", () => {
    expect(eyes("can you test my daughter's eyes, she's eight").last).toMatch(/children's eye test/);
    expect(gym("boxing for my little boy please").state.task).toMatchObject({ service: "kids" });
    expect(gym("a boxing lesson on Saturday at eight, 45 minutes", "it's for my nephew, he's eleven").state.task).toMatchObject({ service: "kids" });
  });

  it("whose age nobody told may be grown up", () => {
    expect(gym("my daughter would like boxing").last).toMatch(/children's boxing or boxing lesson/);
    expect(gym("my daughter would like boxing, she's 22").state.task).toMatchObject({ service: "boxing" });
  });

  it("is booked what was chosen for it", () => {
    expect(gym("my daughter would like boxing", "the grown-ups' one, the boxing lesson").state.task).toMatchObject({ service: "boxing" });
  });
});

describe("who has a visit", () => {
  it("and would rather see somebody else that day keeps the hour", () => {
    const t = tern("Gwen Arsenault, 902 555 0141. I'd prefer to have Joaquim on Tuesday, if he's in");
    expect(t.state.task).toMatchObject({ errand: "move", appointment: { id: "a-gwen" }, staff: ["joaquim"] });
    const other = braces("Brooke Halvorsen here, 218 555 0141, on Thursday I'd rather see Dr. Whitefeather", "yes");
    expect(other.was("ba-brooke")).toBe("adjust 2027-03-04 15:00 whitefeather booked");
  });

  it("and wants another length of it gets that", () => {
    const t = gym("Ruth Tembo, 095 555 0142: just 30 minutes on Friday please", "yes");
    expect(t.was("ma-ruth")).toBe("massage 2027-03-05 16:00 mutinta booked");
    expect(t.minutesOf("ma-ruth")).toBe(30);
  });

  it("and not that day but another is moved", () => {
    const t = tern("Peter Okonkwo, 902 555 0142, not Thursday but Tuesday, at ten", "yes");
    expect(t.was("a-peter")).toBe("follow-up 2027-03-02 10:00 tobias booked");
  });

  it("is known by name and number only after it was said", () => {
    const t = braces("the jaw visit on the 10th at four, could Dr. Solberg do it at five", "Mai See Lor", "218 555 0145", "yes");
    expect(t.was("ba-mai")).toBe("jaw 2027-03-10 17:00 solberg booked");
    expect(t.booked).toEqual([]);
  });

  it("wants it right after another of theirs", () => {
    const t = braces("Nadia Petrosyan, 218 555 0143. My retainer fitting, could it be right after you take the braces off?", "the first one", "yes");
    expect(t.was("ba-nadia-two")).toMatch(/^retainer 2027-03-09 15:00/);
  });

  it("but asks for something else books that", () => {
    const t = braces("Mai See Lor, 218 555 0145, I'd like a scan for aligners on the 10th at noon");
    expect(t.last).toMatch(/aligner scan/i);
  });

  it("and runs late may have another hour", () => {
    const t = braces("Luis Camarena, 218 555 0142, I'll be late on Friday, could we say half past ten", "yes");
    expect(t.was("ba-luis")).toBe("aligner-check 2027-03-05 10:30 whitefeather booked");
    expect(t.each[0]).not.toMatch(/discount/);
  });
});

describe("an hour that could be of the morning and of the evening", () => {
  it("is the one at which it can be had", () => {
    expect(gym("a fitness assessment with Chanda on Friday at half past seven").last).toMatch(/07:30 is kept/);
  });

  it("is asked where both can, and either will do", () => {
    const either = gym("an hour of personal training on Wednesday the 17th with anybody at six", "either is fine");
    expect(either.each[0]).toMatch(/06:00 or 18:00/);
    expect(either.last).toMatch(/06:00 is kept/);
  });
});

describe("somebody of the doctors", () => {
  it("is a woman where one is wished for among them", () => {
    const t = braces("I need to see the doctor for a consultation on Thursday", "a woman please");
    expect(t.last).not.toMatch(/Marcus/);
    expect(t.last).toMatch(/7:30 am/);
  });

  it("is anybody that fits where the one who was named does not", () => {
    const t = braces("an adjustment with Dr. Whitefeather on Thursday", "no, rather with a woman");
    expect(t.last).not.toMatch(/Marcus/);
  });
});

describe("what is asked", () => {
  it("of a house that is open late is nothing of who comes late", () => {
    expect(braces("do you stay open late on some days").last).not.toMatch(/ten minutes/);
    expect(braces("what if we come late").last).toMatch(/ten minutes/);
  });

  it("in nearly the words of a line goes before a wish that names nothing", () => {
    expect(gym("I'd like to buy my mother a few sessions as a present").last).toMatch(/card or sent to a phone/);
    expect(tern("I'm pregnant, can I have a massage?").last).toMatch(/calls you before you book/);
  });

  it("of the way there is told by the fact that is about it", () => {
    expect(braces("how would I get to you").last).toMatch(/across from the library/);
  });

  it("of what is taken is told by the fact about paying", () => {
    expect(gym("do you accept any phone wallets").last).toMatch(/mobile money/);
  });

  it("of years is no question about people", () => {
    expect(tern("how many years have you existed").last).not.toMatch(/the people you can see/);
    expect(tern("who works for you").last).toMatch(/Tobias/);
  });

  it("of what it costs for a second child is no price of what is for children", () => {
    expect(braces("do I pay less for my second kid").last).toMatch(/five percent/);
  });

  it("of how long something is worn is no length of a visit", () => {
    expect(braces("how long do I have to wear the retainer at night").last).toMatch(/six months/);
    expect(braces("how long does the retainer fitting take").last).toMatch(/half an hour/);
  });
});

describe("the week after, on a weekday", () => {
  it("is the one of the week after the visit that is given up", () => {
    const t = tern("Gwen Arsenault, 902 555 0141, cancel tomorrow please and give me the week after, on Wednesday at ten", "yes");
    expect(t.was("a-gwen")).toBe("relaxation-massage 2027-03-10 10:00 nell booked");
  });

  it("by telephone as well", () => {
    const t = ternByPhone("this is Gwen Arsenault, 902 555 0141, could you move tomorrow's massage to the week after on Tuesday");
    expect(t.last).toMatch(/ninth|9 March|March the/i);
  });
});

describe("other houses", () => {
  it("look for a time for what they have", () => {
    const t = swim("my son is scared of water, do you have something for him?", "yes please");
    expect(t.state.task).toMatchObject({ errand: "book" });
  });

  it("keep a lesson for a grown-up that is for grown-ups", () => {
    expect(riding("a private lesson for my wife on Friday").state.task).toMatchObject({ service: "private" });
  });
});

describe("what is said instead of an answer", () => {
  it("of when it began names no day, and is heard", () => {
    const t = tern("my shoulder is killing me, I can hardly lift my arm", "it began on Thursday");
    expect(t.state.task).toMatchObject({ errand: "book", wish: {} });
    expect(t.last).not.toMatch(/didn't follow/);
  });

  it("of pain is heard, and what was asked is asked again", () => {
    const t = braces("I need a cleaning", "my gums are sore");
    expect(t.last).not.toMatch(/didn't follow/);
    expect(t.last).toMatch(/half an hour or 45 minutes/);
  });
});

describe("of hours that were offered", () => {
  it("the soonest is taken where the soonest will do", () => {
    const t = tern("acupuncture on Thursday afternoon", "whichever is the soonest");
    expect(t.last).toMatch(/is kept for you/);
  });

  it("one is told by its minutes", () => {
    const t = tern("acupuncture on Thursday at lunchtime", "half past please");
    expect(t.last).toMatch(/12:30 pm is kept/);
  });
});

describe("a new matter", () => {
  it("begins as any does, for who has been here before", () => {
    const t = tern("Priya treated my wrist last autumn, and now there's something else, my hip", "which one then", "fine, Thursday with her");
    expect(t.last).toMatch(/Physiotherapy assessment/i);
  });

  it("is told apart from another visit of the kind", () => {
    expect(tern("what's the diff between taping and a physio follow-up").last).toMatch(/tape.*assessed already/is);
  });
});

describe("who is known by the line", () => {
  it("and wants to be fitted in earlier has that moved", () => {
    const t = heldFrom("twentieth", "ternbay", "phone", "+19025550145", "could you fit me in any earlier", "Anke Boersma");
    expect(t.state.task).toMatchObject({ errand: "move", appointment: { id: "a-anke" } });
  });
});

describe("what two children need", () => {
  it("is two visits, one after the other", () => {
    const t = braces("both kids need an adjustment on Tuesday with Dr. Solberg, one after the other");
    expect(t.state.task).toMatchObject({ service: "adjust" });
    expect(t.last).toMatch(/one after the other/);
  });
});

describe("who comes along", () => {
  it("is no service that is called so", () => {
    const t = heldAt("sixteenth", "hawthorn", "web", "I'd like to look at dresses on Saturday", "my sister and three bridesmaids will be there as well");
    // It is still open which it is to be.
    expect(t.state.task).toMatchObject({ errand: "book" });
    expect(t.state.task).not.toHaveProperty("service");
    for (const each of [/bridal appointment/, /dress fitting/]) expect(t.last).toMatch(each);
  });

  it("has a place too where both are to be put down", () => {
    const t = gym("circuits on Wednesday", "put me and the wife down");
    expect(t.state.task).toMatchObject({ places: 2 });
  });
});

describe("of the visits that were told of", () => {
  it("the one that is not needed is called off", () => {
    const t = gym("Kelvin Zulu, 095 555 0143, which bookings have I got", "the second one can go", "yes");
    expect(t.was("ma-kelvin-two")).toMatch(/cancelled/);
    expect(t.was("ma-kelvin-one")).toMatch(/booked/);
  });
});

describe("children who are only spoken of", () => {
  it("have no lesson booked for them", () => {
    expect(gym("boxing for me on Friday at two, an hour, while my kids are at school").state.task).toMatchObject({ service: "boxing" });
    expect(eyes("I need an eye test on Friday, my daughter can drive me").state.task).toMatchObject({ service: "eye" });
  });
});

describe("what two do together", () => {
  it("is the one of some that is for two", () => {
    expect(gym("I'd like training for me and my wife on Thursday evening").state.task).toMatchObject({ service: "partner" });
  });
});

describe("a greeting", () => {
  it.each(["hello, good evening", "hi there, how are you", "good morning! hello"])("may be more than one: %s", (text) => {
    expect(gym(text).last).not.toMatch(/didn't follow/);
  });
});

describe("an hour that is named after others were offered", () => {
  it("is of the half of the day in which they are", () => {
    const t = gym("partner training on Friday evening with Thandi", "seven");
    expect(t.each[0]).toMatch(/17:00/);
    expect(t.last).toMatch(/19:00/);
    expect(t.last).not.toMatch(/07:00/);
  });
});

describe("a word of what it is like", () => {
  it("tells which of several is meant, right before their name", () => {
    expect(tern("I'd like a firm massage on Thursday").state.task).toMatchObject({ service: "sports-massage" });
    expect(tern("a gentle massage for my mother please").state.task).toMatchObject({ service: "relaxation-massage" });
    expect(tern("a quick massage on Thursday").last).toMatch(/Which is it/);
  });

  it("and its minutes are heard after it", () => {
    expect(tern("a massage on Thursday", "the sports one. 30").state.task).toMatchObject({ service: "sports-massage", lengthMin: 30 });
  });
});

describe("what stands on a day", () => {
  it.each(["I have to move my son's visit on the 9th", "we need to reschedule our appointment on the 9th"])("is what is to be moved: %s", (text) => {
    const t = braces(text, "Nadia Petrosyan", "218 555 0143");
    expect(t.state.task).toMatchObject({ errand: "move", appointment: { id: "ba-nadia-one" } });
  });

  it("is not when it is moved to", () => {
    const t = braces("I have to move my son's retainer fitting to the 9th", "Nadia Petrosyan", "218 555 0143");
    expect(t.last).toMatch(/9 March/);
    expect(t.state.task).toMatchObject({ errand: "move", appointment: { id: "ba-nadia-two" } });
  });
});

describe("what somebody cannot keep", () => {
  it("is moved where they ask when else it might be", () => {
    const t = braces("we've got a tournament so we cannot keep her adjustment, could we do something on Tuesday", "Brooke Halvorsen", "218 555 0141");
    expect(t.state.task).toMatchObject({ errand: "move", appointment: { id: "ba-brooke" } });
    expect(t.last).toMatch(/Tuesday 2 March/);
  });
});

describe("one of the house's people", () => {
  it("is a woman or a man, as the handbook has it", () => {
    expect(gym("is Chanda a man?").last).toMatch(/Chanda is a man/);
    expect(gym("Is Mutinta male or female").last).toMatch(/Mutinta is a woman/);
  });
});

describe("a message", () => {
  it("that presses says so", () => {
    const t = tern("please have Mina ring me about my claim", "it's really urgent", "Donald Reyes", "902 555 0144");
    expect(JSON.stringify(t.slips)).toMatch(/urgent/);
  });
});
