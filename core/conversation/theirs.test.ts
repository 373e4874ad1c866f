import { describe, expect, it } from "vitest";
import { heldAt } from "../testing/held.ts";

const tern = (...says: string[]) => heldAt("fourteenth", "ternbay", "web", ...says);
const repairs = (...says: string[]) => heldAt("fourteenth", "kapok", "web", ...says);
const pool = (...says: string[]) => heldAt("fourteenth", "carob", "web", ...says);
const riding = (...says: string[]) => heldAt("thirteenth", "burnside", "web", ...says);
const skin = (...says: string[]) => heldAt("thirteenth", "tamarind", "web", ...says);
const talks = (...says: string[]) => heldAt("twelfth", "protea", "web", ...says);
const tailor = (...says: string[]) => heldAt("seventh", "hollow", "web", ...says);

const IRENE = "Irene Wallace, 902 555 0141";
const JOE = "Joe Camilleri, 2155 0142";
const SELORM = "Selorm Dzidzor, 030 255 0145";
const FIONA = "Fiona Macrae, 01632 960341";

describe("the visit that was just told of", () => {
  it("goes to another person who is asked for", () => {
    const t = tern(`what have I got booked? ${IRENE}`, "could Nell do it?");
    expect(t.state.task).toMatchObject({ errand: "move", staff: ["nell"] });
    expect(t.last).toMatch(/with Nell instead of Joaquim/);
  });

  it("and to one who is preferred", () => {
    expect(pool("Matthew Galea, 2155 0144, when's my lesson?", "I'd rather have Luca").last).toMatch(/with Luca instead of Karl/);
  });

  it("goes to the day that is named by who cannot keep it", () => {
    const t = pool(`${JOE}, when's my check?`, "that doesn't work for me, the 11th at noon?", "yes");
    expect(t.state.outcomes).toContain("moved");
    expect(t.last).toMatch(/11 March at 12:00 pm/);
  });

  it("is not meant where another service is named", () => {
    const t = pool(`${JOE}, when's my check?`, "and could I have a private lesson with Rita on Friday");
    expect(t.state.task).toMatchObject({ errand: "book", service: "private" });
  });

  it("nor where it is only asked who somebody is", () => {
    expect(tern(`what have I got booked? ${IRENE}`, "is Nell a physio").state.task).toBeNull();
  });
});

describe("of several that they have", () => {
  const AISYAH = "Aisyah Kamal, 04 555 0143";

  it("one is told by its place in the row", () => {
    expect(skin(`${AISYAH}, what have I got`, "cancel the second").last).toMatch(/9 March .* Shall I cancel it\?/);
  });

  it("the one that somebody else is to do is meant by what it is", () => {
    const t = skin(`${AISYAH}, what have I got`, "I would like a man for the skin consultation, could someone else do it");
    expect(t.state.task).toMatchObject({ errand: "move" });
  });

  it("the other is not the one that was spoken of", () => {
    const t = riding("Priti Shah 01632 960343, what have I got", "how long is the woodland ride", "move the other one to the 13th");
    expect(t.state.task).toMatchObject({ errand: "move", appointment: { id: "ba-priti-two" } });
  });

  it("the length may change while hours are offered", () => {
    const t = skin("Tan Mei Yee, 04 555 0141, my facial must go to Friday afternoon", "could I do the long one");
    expect(t.state.task).toMatchObject({ errand: "move", lengthMin: 90 });
  });
});

describe("what was being booked", () => {
  const JOYCE = "Joyce Perrault, 902 555 0145";

  it("is had, once what they have was moved to that day", () => {
    const t = tern(`taping on Friday at nine, ${JOYCE}`, "no, cancel my taping on Wednesday", "or move it to Friday at nine rather", "yes");
    expect(t.state.outcomes).toContain("moved");
    expect(t.state.later).toEqual([]);
    expect(t.state.task).toBeNull();
  });

  it("and is not, where it was for another day", () => {
    const t = tern(`taping on the 12th at nine, ${JOYCE}`, "oh, cancel my taping on Wednesday first", "or move it to Friday at nine rather", "yes");
    expect(t.state.task).toMatchObject({ errand: "book", service: "taping" });
  });
});

describe("a name", () => {
  it("is the same with the family's last", () => {
    expect(skin("its mei yee tan, 04 555 0141, cancel my facial please").last).toMatch(/Shall I cancel it\?/);
  });

  it("and another with one word of it", () => {
    expect(skin("its mei yee lim, 04 555 0141, cancel my facial please").last).not.toMatch(/Shall I cancel it\?/);
  });
});

describe("what is on a day, said first", () => {
  it("is moved, where they have just that", () => {
    const t = repairs(`${SELORM} here, the clean-up on Monday the 8th, it would have to be earlier, at eleven`);
    expect(t.last).toMatch(/From Monday 8 March at 2:00 pm to Monday 8 March at 11:00 am/);
  });

  it("and named by its day alone", () => {
    expect(riding(`${FIONA}. on Thursday could we begin at eleven`).last).toMatch(/From Thursday 4 March at 10:00 to Thursday 4 March at 11:00/);
  });

  it.each(["the clean-up on Thursday, I need it in the afternoon", "I'd want the clean-up on Thursday and it has to be in the afternoon"])(
    "is a new one for whoever has none then: %s",
    (say) => {
      const t = repairs(`${SELORM} here, ${say}`);
      expect(t.state.task).toMatchObject({ errand: "book", service: "cleanup" });
    },
  );

  it("and for whom nobody knows", () => {
    const t = repairs("Kojo Blankson, 030 255 0199. a clean-up on the 8th, the earlier in the day the better");
    expect(t.state.task).toMatchObject({ errand: "book", service: "cleanup" });
  });

  it("is moved where it is called by its day", () => {
    expect(skin("Arun Nair, 04 555 0142. Friday's mole check: could it be at noon").last).toMatch(/From Friday 5 March .* to Friday 5 March at 12:00 pm/);
  });
});

describe("measured from the visit that they have", () => {
  it("at the same time", () => {
    const t = pool(`${JOE}. one more stroke check on the 11th, at the same time please`);
    expect(t.last).toMatch(/Thursday 11 March at 10:00 am/);
  });

  it("a week after it", () => {
    const t = tern("another acupuncture please, a week after the one I have. Bridget Kearney, 902 555 0143", "at noon");
    expect(t.each.join(" ")).toMatch(/9 March/);
  });

  it("the same again, an hour later", () => {
    const t = riding(`${FIONA}, the same again please, two hours later`);
    expect(t.each.join(" ")).toMatch(/Thursday 4 March/);
    expect(t.each.join(" ")).not.toMatch(/at 10:00/);
  });
});

describe("who is elsewhere on a day", () => {
  it("and says who they are, is asked whether the visit of that day is off, and may name another", () => {
    const t = tern(`${IRENE}, I'm away on Thursday`, "any time on Friday the 12th");
    expect(t.each[0]).toMatch(/Shall I cancel it\?/);
    expect(t.last).toMatch(/Friday 12 March/);
  });
});

describe("two visits in one breath", () => {
  it("each have what only they can have", () => {
    const t = tern(
      "book me Pilates on Wednesday and also a relaxation massage right after, ninety minutes, with Joaquim. Ana Brook, 902 555 0190",
      "yes",
      "yes",
    );
    expect(t.booked.join()).toMatch(/^mat-class/);
    expect(t.state.task).toMatchObject({ errand: "book", service: "relaxation-massage", lengthMin: 90, staff: ["joaquim"] });
  });

  it("are on each of two days that have an on of their own", () => {
    const t = pool("water aerobics on Tuesday and on Thursday for three. Lou Abdilla, 2155 0190", "yes", "yes", "yes", "yes", "yes");
    expect(t.places).toEqual([3, 3]);
  });

  it("but one on either of the days on which somebody could come", () => {
    expect(pool("I'm free on Tuesday and on Thursday for aqua gym").state.later).toEqual([]);
  });

  it("come one right after the other where that is said", () => {
    const t = repairs(
      "two battery changes on Wednesday at noon, one straight after the other. Ike Boye, 030 255 0191",
      "yes",
      "a Nokia",
      "yes",
      "another Nokia",
    );
    expect(t.booked).toHaveLength(1);
    expect(t.each.join(" ")).toMatch(/12:30 pm/);
  });
});

describe("what can be done for theirs", () => {
  it("is suggested rather than talked about", () => {
    expect(pool("could somebody help my niece? she's scared of the deep end").last).toMatch(/water confidence lesson/i);
    expect(repairs("can you show my uncle how to write emails, he's never used a computer").last).toMatch(/computer lesson/i);
    expect(talks("would you see my nephew, he hardly speaks since his parents split up").state.expects).toBe("service");
  });

  it("also where it is told like a message", () => {
    expect(repairs("hello, my phone went under a bus and the display is gone").last).toMatch(/screen replacement/i);
  });

  it("but answered by a line that was written for it", () => {
    expect(tailor("could you mend my aunt's fur coat").last).toMatch(/not with real fur/);
  });

  it("and nothing is suggested where they want somebody told", () => {
    expect(repairs("can you tell my brother that it's ready").last).not.toMatch(/Would that be for|That could be/);
  });
});

describe("a message that was offered", () => {
  it("is what is told next, where something was refused", () => {
    const t = repairs("I want my money back", "the new screen went dark after two days");
    expect(t.state.task).toMatchObject({ errand: "message" });
    expect(t.state.expects).toBe("name");
  });

  it("and no more, once something else was asked and answered", () => {
    expect(repairs("can you engrave names", "how much is a battery change").state.task).toBeNull();
  });
});

describe("what was said in passing", () => {
  it("is asked about before it is booked", () => {
    expect(pool("I'd love to get moving again after having a baby").last).toMatch(/Would that be for/);
    expect(repairs("it keeps going off by itself, maybe the battery, no idea").last).not.toMatch(/When would you like/);
  });
});

describe("how many", () => {
  it("is settled by a number that begins the answer", () => {
    const t = pool("four for baby swimming", "ok, two then, Tuesday is fine");
    expect(t.state.task).toMatchObject({ errand: "book", places: 2 });
  });

  it("is told by how old they are", () => {
    expect(pool("the children's group on Saturday for my boys, six and eight").last).toMatch(/Saturday 6 March/);
    expect(pool("the children's group on Saturday for my boys, six and eight").state.task).toMatchObject({ places: 2 });
  });
});

describe("one of two that were told apart", () => {
  it("is told by what it is like", () => {
    const t = tern("how do the two massages differ?", "the gentle one, Saturday at nine, an hour");
    expect(t.state.task).toMatchObject({ errand: "book", service: "relaxation-massage" });
  });

  it("or by being longer", () => {
    expect(tern("how do taping and acupuncture differ", "the longer one then, on thursday").state.task).toMatchObject({ service: "acupuncture" });
  });
});

describe("a stretch of days", () => {
  it("has the weekday that is named as one of its week", () => {
    const t = tern("an assessment, the end of next week", "no, rather the Tuesday");
    expect(t.last).toMatch(/Tuesday 9 March/);
  });
});

describe("a house that calls a service by what others refuse", () => {
  it("books it", () => {
    const t = repairs("a diagnosis please, Tuesday at eleven");
    expect(t.state.task).toMatchObject({ errand: "book", service: "diagnosis" });
    expect(t.each.join(" ")).not.toMatch(/medical advice/);
  });
});

describe("a word of danger", () => {
  it("is heard first, whatever hour is asked for beside it", () => {
    expect(tern("I've got chest pain and my arm went numb, can Maren see me today at two?").last).toMatch(/911/);
  });

  it("by itself is one, in every house", () => {
    expect(repairs("my charger caught fire").last).toMatch(/112/);
    expect(riding("someone got electrocuted at the fence").last).toMatch(/999|112/);
  });
});

describe("a goodbye", () => {
  it("beside a name and a number was misheard", () => {
    expect(heldAt("fourteenth", "ternbay", "web", "bye bye I keep my appointment, Tibor Lockridge 902 555 0126").state.status).toBe("open");
    expect(tern("bye bye then").state.status).toBe("closed");
  });
});
