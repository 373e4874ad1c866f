import { describe, expect, it } from "vitest";
import { heldAt } from "../testing/held.ts";

const tern = (...says: string[]) => heldAt("eleventh", "ternbay", "web", ...says);
const wood = (...says: string[]) => heldAt("eleventh", "cottonwood", "web", ...says);
const offered = (text: string): string[] => text.match(/\d{1,2}:\d\d [ap]m/g) ?? [];

describe("a move to another person", () => {
  it("keeps the hour where none is named, and looks for others where a day is", () => {
    const t = tern("I'd like to have Joaquim for my massage instead of Nell, Ana Petrov 902 555 0142");
    expect(t.state.expects).toBe("go-ahead");
    expect(t.last).toMatch(/1:00 pm will be with Joaquim instead of Nell/);
    expect(offered(tern("I'd like Joaquim instead of Nell for my massage, on thursday. Ana Petrov 902 555 0142").last).length).toBeGreaterThan(1);
  });

  it("said once it is known which visit is meant, leaves the time open as it was", () => {
    const t = tern("I want to move my massage, Ana Petrov 902 555 0142", "with Joaquim rather", "thursday");
    expect(offered(t.last).length).toBeGreaterThan(0);
    expect(t.last).toMatch(/Joaquim/);
  });
});

describe("services of one length", () => {
  it("are asked about up to three of them, and four tell nothing", () => {
    const five = tern("30 minutes with anyone on friday");
    expect(five.state.task).not.toHaveProperty("service");
    const two = wood("half an hour with Mika on saturday");
    expect(two.state.task).toMatchObject({ among: ["touch", "talk"] });
    expect(two.last).toMatch(/touch-up or design talk/);
  });
});

describe("what somebody has", () => {
  it.each([
    ["she's got a massage with you on wednesday", "ask-mine"],
    ["my mother has an appointment booked for wednesday", "ask-mine"],
  ])("is found and told where nothing is wished for: %s", (text, errand) => {
    expect(tern(`${text}, Ana Petrov 902 555 0142`).last).toMatch(/relaxation massage with Nell on Wednesday 3 March at 1:00 pm/);
    expect(tern(`${text}`).state.task?.errand).toBe(errand);
  });

  it.each([
    "I'd like to have a massage with you on wednesday",
    "could she have a massage with you on wednesday",
    "we want a massage with you please, wednesday",
  ])("is not told of by who wishes for it: %s", (text) => {
    expect(tern(text).state.task?.errand).toBe("book");
  });
});

describe("what is nobody's business", () => {
  it.each(["does Nell have children", "is Maren married", "how old is Tobias"])("is refused, and no line about clients is given for it: %s", (text) => {
    const t = tern(text);
    expect(t.last).toMatch(/don't give out/);
    expect(t.last).not.toMatch(/\byes\b/i);
  });

  it.each(["do you treat children", "does Nell work on fridays"])("is none of that: %s", (text) => {
    expect(tern(text).last).not.toMatch(/don't give out/);
  });
});

describe("words that end a conversation", () => {
  it("end it only where they are meant so", () => {
    const t = tern("taping on friday at 9", "thanks, that's kind");
    expect(t.state.status).toBe("open");
    expect(t.state.task?.errand).toBe("book");
    expect(tern("taping on friday at 9", "forget it, bye").state.status).toBe("closed");
  });

  it("let go of what was kept", () => {
    const t = tern("taping on friday at 9", "oh forget it, goodbye");
    expect(t.state.task).toBeNull();
    expect(t.booked).toEqual([]);
  });
});

describe("a need that nobody has a line for", () => {
  const dentist = (...says: string[]) => heldAt("sixth", "birch", "web", ...says);
  const vet = (...says: string[]) => heldAt("eighth", "wattle", "web", ...says);

  it("is asked about, and not turned away", () => {
    expect(dentist("I think I need a crown").last).not.toMatch(/not something I can help with/);
    const t = vet("my cat won't drink anything since yesterday");
    expect(t.last).not.toMatch(/not something I can help with/);
    expect(t.state.task?.errand).toBe("book");
  });

  it("is turned away where it is the wide world's", () => {
    expect(dentist("what's the capital of France").last).toMatch(/not something I can help with/);
    expect(dentist("I need a taxi to the airport").last).toMatch(/not something I can help with/);
  });
});

describe("what was offered", () => {
  it("stays narrowed to the part of the day that was said, when a name comes between", () => {
    const t = heldAt("tenth", "larch", "web", "wart treatment on monday the 15th", "in the morning", "it's Earl Pitts, 312 555 0157");
    expect(offered(t.each[1] ?? "").every((x) => x.endsWith("am"))).toBe(true);
    expect(offered(t.last).every((x) => x.endsWith("am"))).toBe(true);
  });
});

describe("a length that is asked for", () => {
  it("is taken by the house after it was asked three times and only agreed to, and that is said", () => {
    const t = heldAt("ninth", "foxglove", "web", "gel nails on the 12th", "yes", "sure", "yes", "ok");
    expect(t.each.some((x) => /unless you tell me otherwise/.test(x))).toBe(true);
  });
});
