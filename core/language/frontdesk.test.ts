import { describe, expect, it } from "vitest";
import { readsAt } from "../testing/reads.ts";

/** What most people say at a front desk: why what they have cannot be and when it might, what is kept, and how they get there. Words of no set. */

const tern = readsAt("first", "ternbay");
const sleep = readsAt("seventeenth", "coolabah");
const riding = readsAt("thirteenth", "burnside");
const doctors = readsAt("twenty-third", "loquat");
const spa = readsAt("twenty-third", "kestrel");

describe("what they have, why it cannot be, and when it might", () => {
  it.each([
    ["I've got an appointment on Wednesday at ten but my car won't start, could we do Friday", { old_weekdays: ["Wednesday"], new_date: "2027-03-05" }],
    ["we have a lesson on Thursday but the school rang, is there anything on Saturday", { old_weekdays: ["Thursday"], new_date: "2027-03-06" }],
    ["I'm down for Thursday but I've been put on shift, how about Friday", { old_weekdays: ["Thursday"], new_date: "2027-03-05" }],
  ])("is one visit that is moved: %s", (text, slots) => {
    const r = riding(text);
    expect(r.errands).toEqual(["move"]);
    expect(r.slots).toMatchObject(slots);
  });

  it("without another day is called off", () => {
    expect(riding("I've got an appointment on Wednesday but my horse is lame").errands).toEqual(["cancel"]);
  });

  it.each([
    ["I can't do ten on Thursday, could it be twelve", "12:00"],
    ["half past nine doesn't suit on Friday, I can't make it at nine either, can you do eleven", "11:00"],
    ["I won't be there at two on Tuesday, would it be possible at four", "16:00"],
  ])("may be another hour, said as a number: %s", (text, time) => {
    expect(tern(text).slots).toMatchObject({ new_time: time });
  });

  it("counts people where people are counted", () => {
    expect(riding("I can't come at ten on Thursday, could it be two of us on Friday").slots.new_time).toBeUndefined();
  });
});

describe("what is kept", () => {
  it.each([
    ["cancel the mask fitting but keep the machine check", { service: "Mask fitting" }],
    ["please keep the review and cancel my machine check", { service: "Machine check" }],
    ["call off Thursday but leave the one on Friday", { old_weekdays: ["Thursday"] }],
    ["keep Wednesday, cancel Thursday please", { old_weekdays: ["Thursday"] }],
  ])("is none of what is called off: %s", (text, slots) => {
    const r = sleep(text);
    expect(r.errands).toEqual(["cancel"]);
    expect(r.slots).toMatchObject(slots);
  });

  it("stands as it is said where nothing is called off", () => {
    expect(sleep("keep the review please").slots.service).toBe("Review");
  });
});

describe("one of two things", () => {
  const legal = readsAt("ninth", "pinyon");
  it.each([
    "mediation or maybe a divorce consultation, I honestly couldn't choose",
    "a divorce consultation or mediation is what we're looking for, but which one we can't say",
  ])("is wished for by who cannot tell which: %s", (text) => {
    expect(legal(text).errands).toEqual(["book"]);
  });

  it("is wished for, whichever is first", () => {
    expect(legal("mediation or a divorce consultation, whichever you have free first").errands).toEqual(["book"]);
  });
});

describe("a visit before something else", () => {
  it.each(["we've guests coming on Saturday, could I have a facial before that", "I fly on Friday, may I come in for a facial before then"])(
    "is wished for: %s",
    (text) => {
      expect(spa(text).errand).toBe("book");
    },
  );

  it("is asked about where it is something that one does", () => {
    expect(spa("can I have a coffee before it").errand).not.toBe("book");
  });
});

describe("when and with whom theirs is", () => {
  it.each(["our lesson is on Thursday at three, could it be at four", "my session's with Morag on the 9th, may I have it with Eilidh"])(
    "is to be otherwise: %s",
    (text) => {
      expect(riding(text).errands).toEqual(["move"]);
    },
  );
});

describe("two things in one visit", () => {
  const vet = readsAt("eighth", "wattle");
  it("are no visits that are moved where nothing is booked yet", () => {
    expect(vet("the cat has a limp and she needs her vaccination too, could you do both in one visit").errands).not.toContain("move");
    expect(vet("I've got two visits with you in March, could we do both in one visit").errands).toEqual(["move"]);
  });
});

describe("a complaint", () => {
  it.each(["whom would I complain to here", "who is the right person for a complaint about the bill"])("is for a person to hear: %s", (text) => {
    expect(spa(text).errand).toBe("person");
  });
});

describe("for whom it is", () => {
  it.each([
    ["our daughter's recital is on the 20th, she would like her brows done before it", "daughter"],
    ["my youngest has his exams in June, could Delphine have a look at him next Tuesday", "youngest"],
    ["could you squeeze in my wee boy tomorrow", "boy"],
    ["my husband twisted his knee on the ice, I'd need Thursday", "husband"],
    ["could you trim my father's nails on Friday", "father"],
    ["can my niece of eleven start on Saturday", "niece"],
    ["may I bring my baby over on Wednesday for a check", "baby"],
  ])("is told without saying so: %s", (text, whom) => {
    expect(tern(text).slots.for_whom).toBe(whom);
  });

  it.each([
    "my wife wants me to get a massage on Friday",
    "my husband's car is in the shop, so Thursday it is, a massage for me",
    "can I bring my baby with me on Friday",
    "a massage before my parents' anniversary on Friday",
    "my boss needs me on Thursday, a massage on Friday then",
  ])("is nobody who is only spoken of: %s", (text) => {
    expect(tern(text).slots).not.toHaveProperty("for_whom");
  });
});

describe("who has been here", () => {
  it.each(["you've looked at my hip before, in September", "he has had it treated by one of you in August"])("names no day by when that was: %s", (text) => {
    expect(tern(text).slots).not.toHaveProperty("date_from");
    expect(tern(text).slots).not.toHaveProperty("date");
  });
});

describe("whom a visit is with", () => {
  it("stands between it and when it is", () => {
    expect(riding("I want to change my lesson with Morag on Thursday").slots).toMatchObject({ old_weekdays: ["Thursday"] });
    expect(riding("I want to change my lesson with Morag to Thursday").slots).toMatchObject({ new_date: "2027-03-04" });
  });

  it("is changed, and not when it is", () => {
    expect(riding("I'd rather be with Eilidh instead of Morag on Thursday").slots).toMatchObject({
      staff: "Morag Sinclair",
      new_staff: "Eilidh Fraser",
      old_weekdays: ["Thursday"],
    });
  });

  it("is told first, and then how it is to be", () => {
    const r = riding("my lesson is with Morag on Thursday, could I have it on the 10th with Eilidh at two");
    expect(r.errands).toEqual(["move"]);
    expect(r.slots).toMatchObject({
      staff: "Morag Sinclair",
      new_staff: "Eilidh Fraser",
      old_weekdays: ["Thursday"],
      new_date: "2027-03-10",
      new_time: "14:00",
    });
  });

  it("may be any of those who do it", () => {
    expect(doctors("any of the nurses", "staff").slots.staff).toBe("any");
    expect(doctors("either of the doctors", "staff").slots.staff).toBe("any");
  });
});

describe("one that they do not have yet", () => {
  it("is booked, whatever they have to have it for", () => {
    expect(doctors("my boss says I have to get a medical, would that be possible on Tuesday").errands).toEqual(["book"]);
  });

  it("is no move of one that they have", () => {
    expect(doctors("I have to get my medical moved to Tuesday").errands).toEqual(["move"]);
  });

  it("is asked for by who has something to pay it with", () => {
    expect(spa("we've got a voucher and would like a float on Saturday").errands).toEqual(["book"]);
    expect(spa("we've got a voucher, does it cover a float").errands).not.toContain("book");
  });

  it("is what somebody should look at", () => {
    expect(doctors("this rash won't go away and I'd like someone to look at it").errands).toEqual(["book"]);
  });
});

describe("words of two services", () => {
  it("that stand together in one's name are that one", () => {
    expect(doctors("can somebody take my blood pressure on Friday").slots.service).toBe("Blood pressure check");
    expect(doctors("I need my bloods done").slots.service).toBe("Blood test");
    expect(doctors("a test of my blood").slots.service).toBe("Blood test");
  });

  it("are none where they tell what has become of something", () => {
    expect(doctors("a mole that has changed").slots.service).toBe("Mole check");
    expect(doctors("I need my bandage changed").slots.service).toBe("Dressing change");
  });
});

describe("a way to the house", () => {
  it("is taken, and no medicine", () => {
    for (const text of ["what bus do I take", "which train should I take to your place", "which road should we take from the airport"])
      expect(doctors.read(text).limit, text).toBeNull();
  });

  it("leaves what is swallowed alone", () => {
    for (const text of ["what should I take for a headache", "which tablets should I take on the bus"]) expect(doctors.read(text).limit, text).not.toBeNull();
  });

  it("may be theirs, to the client", () => {
    expect(doctors("do the nurses come round to people's homes").errands).toEqual(["ask-policy"]);
  });
});

describe("what is told besides a deed", () => {
  it("is done with it", () => {
    expect(doctors("please change my diabetes check to Friday and let me know what to take along").errands).toContain("ask-service");
  });
});

describe("who comes earlier", () => {
  it("has a visit that is moved", () => {
    expect(doctors("I'd like to come in earlier on the 4th").errands).toEqual(["move"]);
  });
});
