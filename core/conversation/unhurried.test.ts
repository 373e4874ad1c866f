import { describe, expect, it } from "vitest";
import { talksAt } from "../testing/held.ts";

/** People who cannot choose, who say more than was asked, and who change what stands, at houses of many trades: in words of no set. */

const tern = talksAt("twenty-fifth", "ternbay");
const teeth = talksAt("twenty-fifth", "sycamore");
const braids = talksAt("twenty-fifth", "juniper");
const hair = talksAt("twenty-fourth", "marigold");
const backs = talksAt("twenty-fourth", "harbour");
const spa = talksAt("twenty-third", "kestrel");
const allergy = talksAt("nineteenth", "bryn");
const SUNITA = "Sunita Rao, 902 555 0143";

describe("who cannot choose between two", () => {
  it("hears what each is, and then is asked of one at a time", () => {
    const t = tern("I'd like a massage on Friday", "I really don't know which", "for my back");
    expect(t.each[1]).toMatch(/Sports massage: .*Relaxation massage: /);
    expect(t.last).toMatch(/(?:for|Is it) sports massage\b/);
  });

  it("is asked of one at a time on the telephone too, without hearing what each is", () => {
    const t = talksAt("twenty-fifth", "ternbay", "phone")("a massage on friday", "i don't know which", "well it's for my neck and i have no clue");
    expect(t.each.join(" ")).not.toMatch(/slow and gentle/);
    expect(t.last).toMatch(/sports massage/);
    expect(t.last).not.toMatch(/relaxation/);
  });

  it("has the other, where the first is declined", () => {
    const t = tern("I'd like a massage on Friday", "no idea which one", "it's a gift for somebody", "no, not that");
    expect(t.last).toMatch(/relaxation massage/);
    expect(t.last).not.toMatch(/sports/);
  });

  it("does not take what was put forward by telling who they are", () => {
    const t = tern("I'd like a massage on Friday", "no idea which one", "it's a gift", "Ena Strand, 902 555 0190");
    expect(t.each[2]).toMatch(/sports massage/);
    expect(t.each[2]).not.toMatch(/relaxation/);
    expect(t.state.task).toMatchObject({ errand: "book", among: ["sports-massage"] });
    expect(t.state.task).not.toHaveProperty("service");
  });

  it("keeps the wish when a message is declined with another hour", () => {
    const t = tern("a massage on Tuesday", "hm", "um", "er", "hm", "um", "er", "hm", "no, before eleven");
    expect(t.each.join(" ")).toMatch(/can't make out which/);
    expect(t.state.task).toMatchObject({ errand: "book" });
  });

  it("takes what is suggested by leaving it to the house", () => {
    const t = tern("the hospital said to ring you about my shoulder", "I trust you");
    expect(t.state.task).toMatchObject({ service: "assessment" });
    const two = tern("a massage tomorrow", "whatever you reckon");
    expect(two.last).toMatch(/Sports massage: .*Relaxation massage: /);
  });

  it("says an hour all the same, and it is kept", () => {
    const t = tern("a massage on Thursday", "three", "sports, an hour");
    expect(t.each[1]).toMatch(/noted|have that/);
    expect(t.last).toMatch(/Thursday 4 March at 3:00/);
  });
});

describe("which service a question is about", () => {
  it("stays what it was, where a thing of theirs is called like another", () => {
    expect(braids("how much are knotless braids", "may I come with my own hair", "and how long does that take").last).toMatch(/Knotless braids takes 5 hours/);
  });

  it("is what was spoken of, of those that one word stands for", () => {
    const t = hair("what does a balayage cost", "could I have the colour on Friday at ten");
    expect(t.state.task).toMatchObject({ service: "balayage" });
  });

  it("changes nothing that is being booked, where it asks what another is", () => {
    const t = tern("acupuncture on Thursday", "does shockwave require an assessment first");
    expect(t.last).toMatch(/Shockwave therapy comes after physiotherapy assessment|Before shockwave therapy one has physiotherapy assessment/i);
    expect(t.state.task).toMatchObject({ service: "acupuncture" });
    expect(tern("acupuncture on Thursday", "is taping cheaper").state.task).toMatchObject({ service: "acupuncture" });
  });
});

describe("what has to come first", () => {
  it("is said of what waits for another, and that nothing does of what waits for none", () => {
    expect(tern("must I be assessed before I can have orthotics").last).toMatch(/Orthotics comes after|Before orthotics/i);
    expect(tern("how much is taping", "and should I be examined first").last).toMatch(/Taping can be booked by itself|You can have taping by itself/i);
  });

  it("is the handbook's to say, where it has a line for it", () => {
    expect(hair("what is a balayage", "do I need the patch test first").last).toMatch(/48 hours/);
  });
});

describe("who is there", () => {
  it("is said of the day that is named", () => {
    expect(backs("who's working today").last).toMatch(/Monday 1 March: Whetu, Dawn and Ravi/);
    expect(backs("who's in on Wednesday").last).toMatch(/Fiona/);
    expect(tern("who's on duty on Sunday").last).toMatch(/not open|closed/);
    expect(tern("who is around on Friday").last).toMatch(/Maren and Joaquim/);
  });

  it("is none of what ails somebody, though a class is called by it", () => {
    expect(backs("my back's killing me, who's in today").last).toMatch(/Whetu, Dawn and Ravi/);
    expect(backs("my back's killing me, who's in today").last).not.toMatch(/Strong backs/i);
  });

  it("is said of what is being booked, where it is asked whether it matters", () => {
    expect(teeth("a filling on Tuesday", "does it matter which dentist I get").last).toMatch(/Kessler|Nakamura/);
  });
});

describe("children who come one after the other", () => {
  it("are each called by their own name", () => {
    const t = teeth(
      "a cleaning for both my girls on Thursday the 11th after three",
      "the first",
      "the first one's Ada, and the little one is Zoe",
      "Ada Lund",
      "937 555 0190",
      "yes",
      "yes",
    );
    expect(t.each.join(" ")).toMatch(/for Ada Lund|as Ada Lund/);
    expect(t.last).toMatch(/Zoe/);
    expect(t.each.join(" ")).not.toMatch(/One'S/);
  });
});

describe("what they have", () => {
  it("is to be put otherwise where it clashes with something", () => {
    const t = tern(
      `${SUNITA}. two of my appointments are fine but one of them clashes with a school play`,
      "the later one",
      "the Tuesday before at noon",
      "yes",
    );
    expect(t.booked).toEqual([]);
    expect(t.was("a-sunita-two")).toMatch(/2027-03-09 12:00/);
  });

  it("is shuffled, and nothing new is booked", () => {
    const t = spa("can you rejig my manicure and my hot stone massage so they're on Friday", "Mei Tanaka, 403 555 0143");
    expect(t.state.task).toMatchObject({ errand: "move" });
  });

  it("begins at another hour, once the visit was spoken of", () => {
    const t = braids("I'm Zola Dube and I'll be late on Friday", "could we begin at eleven instead", "03 5550 0141", "yes");
    expect(t.was("ja-zola")).toMatch(/2027-03-05 11:00/);
  });

  it("is found by a word that it shares with what was named", () => {
    const t = teeth("cancel my daughter's cleaning on Friday please, it's Lucia Moreno, 937 555 0143", "yes");
    expect(t.was("sa-lucia-one")).toMatch(/cancelled$/);
    expect(t.was("sa-lucia-two")).toMatch(/booked$/);
  });

  it("is moved where a yes to calling it off asks for it on another day", () => {
    const t = teeth("cancel Friday's children's cleaning, Lucia Moreno, 937 555 0143", "yes, and could she come the week after", "at nine", "yes");
    expect(t.was("sa-lucia-one")).toMatch(/2027-03-12 09:00/);
  });

  it("is called off, where the yes books something else besides", () => {
    const t = teeth("Otis Freeman, 937 555 0142, please cancel my crown", "yes, and book me a cleaning on Tuesday next week", "the first one", "yes");
    expect(t.was("sa-otis")).toMatch(/cancelled$/);
    expect(t.booked.join()).toMatch(/^cleaning 2027-03-09/);
  });

  it("is left alone where they say so", () => {
    const t = teeth("cancel the cleaning on Friday, Lucia Moreno, 937 555 0143", "yes", "and please don't mess with my filling");
    expect(t.was("sa-lucia-two")).toMatch(/booked$/);
    expect(t.last).toMatch(/stays as it is/);
    expect(teeth("leave my filling alone", "thanks").state.task).toBeNull();
  });
});

describe("when", () => {
  it("is later on the same day, while a number is read back", () => {
    const t = tern("an assessment on Wednesday the 10th at ten with Maren", "Ena Strand", "902 555 0190", "hm, maybe a little later that same day");
    expect(t.last).toMatch(/Wednesday 10 March/);
    expect(t.last).not.toMatch(/10:00 am|8:00 am|9:00 am/);
  });

  it("is of the week that was named, where two of its days are", () => {
    const t = tern("acupuncture next week", "Wednesday or Thursday");
    expect(t.last).toMatch(/10 March|11 March/);
    expect(t.last).not.toMatch(/ [34] March/);
  });

  it("is of the half of the day that was named before it", () => {
    const t = talksAt("twentieth", "msasa")("personal training for 45 minutes, mornings before work", "Wednesday", "make it six");
    expect(t.last).toMatch(/06:00/);
  });

  it("is the latest that there is, where the later is the better", () => {
    const t = tern("taping tomorrow, the later the better");
    expect(t.last).toMatch(/6:45 pm/);
    const slot = tern("taping", "tomorrow or Wednesday", "Wednesday, the later the better");
    expect(slot.last).not.toMatch(/[89]:00 am|1\d:00 am/);
  });

  it("is the soonest, where somebody asked for a day asks when they can come", () => {
    expect(tern("I need my ankle taped", "when is Tobias free").last).toMatch(/I have /);
  });

  it("is the day of the first of two things, where the other is none of the house's words", () => {
    const t = hair("could I do the patch test tomorrow and the rest on Saturday", "the first one");
    expect(t.last).toMatch(/2 March/);
  });
});

describe("a message", () => {
  it("waits while a wish is heard that was said instead of a name", () => {
    const t = tern("I was in on Friday and left my umbrella", "oh and I'd like to book acupuncture");
    expect(t.last).toMatch(/day|when|Which/i);
    expect(t.state.task).toMatchObject({ errand: "book", service: "acupuncture" });
    expect(t.state.later).toMatchObject([{ errand: "message" }]);
  });

  it("is not sent by who says that it is to be booked", () => {
    const t = tern("taping on Thursday at nine", "is there a lift for wheelchairs in the car park", "ok just book");
    expect(t.slips).toEqual([]);
    expect(t.state.task).toMatchObject({ errand: "book", service: "taping" });
  });
});

describe("what is written", () => {
  it("with more digits than a number has is asked for again", () => {
    const t = allergy("a skin prick test on Thursday", "half an hour", "the first", "Gwen Pugh", "01970 555 0123");
    expect(t.last).toMatch(/12 digits.*(?:more than|too many)/);
  });

  it("with a thumb agrees", () => {
    const t = tern("taping on Thursday at nine with Tobias", "Glen Harper", "902 555 0144", "👍");
    expect(t.booked.join()).toMatch(/^taping 2027-03-04 09:00/);
  });

  it("is right where that's it", () => {
    const t = tern("an assessment on Thursday at eight with Tobias", "Ena Strand", "902 555 0190", "that's it");
    expect(t.each[2]).toMatch(/right/);
    expect(t.state.client).toMatchObject({ phone: "+19025550190", confirmed: true });
  });
});

describe("who it is to be with", () => {
  it("is a woman where somebody would rather not talk to a man, and nobody is handed over", () => {
    const t = tern("I don't want to talk to a man about it, I need a massage on Thursday");
    expect(t.state.status).toBe("open");
    expect(t.state.task).toMatchObject({ gender: "woman" });
    expect(tern("I'd rather not speak to a robot").state.status).not.toBe("open");
  });
});

describe("a dog, and what it has eaten", () => {
  const vet = talksAt("eighth", "wattle");

  it("is seen for that, and not washed", () => {
    const t = vet("my cat has eaten some of the tinsel", "could somebody look at him today");
    expect(t.each[0]).toMatch(/consultation/);
    expect(t.state.task).not.toMatchObject({ service: "groom" });
  });

  it("is who was named, and no service", () => {
    const t = vet("my pup chewed up a sock", "Rex", "no, that's the dog. I'm Ena Strand");
    expect(t.state.task).not.toMatchObject({ service: "groom" });
    expect(t.state.client.name).toBe("Ena Strand");
  });
});

describe("what is said of what is offered", () => {
  it("is a wish where they'd rather have it at home", () => {
    const t = talksAt("seventeenth", "coolabah")("an overnight study as soon as you can", "I'd prefer to have it at home");
    expect(t.last).toMatch(/home sleep test/);
  });

  it("is for who comes, where his name is told by somebody who has said theirs", () => {
    const t = talksAt("eighteenth", "elmet")("a place in the toddler talk group on Friday", "Maud Booth", "his name's Alfie", "0113 555 0155", "yes");
    expect(t.state.client.name).toBe("Maud Booth");
    expect(t.each.join(" ")).toMatch(/as Alfie|for Alfie/);
  });

  it("is the soonest, where it is asked when the first one is", () => {
    expect(tern("how much is taping", "ok then, when's your next").last).toMatch(/I have Monday 1 March/);
  });

  it("is begun instead of a message, by what and when instead of a name", () => {
    const t = talksAt("ninth", "foxglove")("does waxing leave a rash", "I've a party soon", "brows, Thursday at five");
    expect(t.last).toMatch(/Thursday 4 March at 5:00/);
  });
});

describe("a list of two", () => {
  it.each(["Need: 1) acupuncture 2) Pilates, this week", "acupuncture + Pilates this week", "acupuncture, Pilates, both this week please"])(
    "is two visits: %s",
    (text) => {
      const t = tern(text);
      expect(t.state.task).toMatchObject({ service: "acupuncture" });
      expect(t.state.later).toMatchObject([{ errand: "book", service: "mat-class" }]);
    },
  );

  it("is one visit where only a comma parts them", () => {
    expect(tern("acupuncture, Pilates rather").state.later).toEqual([]);
  });
});

describe("what somebody was told", () => {
  it("of a price is answered by the price", () => {
    expect(tern("the lady at the desk promised it would be 70 for an assessment").last).toMatch(/\$110/);
    expect(tern("they said it was 45 minutes for the acupuncture").last).not.toMatch(/\$/);
  });
});

describe("how they are not to be reached", () => {
  it("is passed on once who they are is known, and calls nothing off", () => {
    const t = tern("taping on Thursday at nine", "but please don't phone me at work", "Glen Harper", "902 555 0144", "yes");
    expect(t.booked.join()).toMatch(/^taping 2027-03-04 09:00/);
    expect(t.slips.map((s) => s.text).join()).toMatch(/don't phone me at work/);
  });
});

describe("what is said to what is offered", () => {
  it("is the first of it where it is the next one", () => {
    const t = tern("taping on Thursday at seven in the evening", "ok, then the next one");
    expect(t.state.expects).toBe("name");
  });

  it("begins with what anybody begins with, where it hurts and it is asked who is best", () => {
    expect(tern("my elbow hurts, who would be best for that").last).toMatch(/physiotherapy assessment/);
  });

  it("is asked for by when, alone", () => {
    expect(tern("I'd like taping", "when?").last).toMatch(/I have /);
  });

  it("is of who speaks, and not of whose mother she is", () => {
    expect(tern("taping on Thursday at nine", "Leo Aho's mum, Kristy Lund", "902 555 0190").state.client.name).toBe("Kristy Lund");
  });
});

describe("what is only supposed", () => {
  it("calls nothing off that is being booked", () => {
    const t = tern("taping on Thursday at nine", "Ena Strand", "902 555 0190", "hm, is there a fee if my boy is ill and we can't make it");
    expect(t.state.task).toMatchObject({ errand: "book" });
    expect(t.last).toMatch(/half|percent|free until/);
    expect(t.each.join(" ")).not.toMatch(/let it go/);
  });

  it("of two that are compared, is one that is wished for on the day that was named", () => {
    const t = tern("how do taping and shockwave differ, and could I have either on Thursday?", "taping");
    expect(t.last).toMatch(/taping.*Thursday 4 March|Thursday 4 March.*taping/i);
  });
});

describe("what is not found", () => {
  it("is looked for under the other name that they have", () => {
    const t = tern("please move my massage to Friday at three", "Leah Strand", "902 555 0141", "ah, it would be my maiden name, Comeau");
    expect(t.last).toMatch(/Friday 5 March/);
    expect(t.slips).toEqual([]);
    expect(tern("cancel Thursday for me", "Ella Rao", "902 555 0143", "then try under Sunita Rao", "yes").was("a-sunita-one")).toMatch(/cancelled$/);
  });

  it("is not found under any name that nobody has there", () => {
    const t = tern("cancel Thursday for me", "Ella Rao", "902 555 0143", "maybe under Odd Strand", "yes");
    expect(t.was("a-sunita-one")).toMatch(/booked$/);
  });

  it("is let go by who says to forget it", () => {
    const t = hair("I'd like to move my cut", "Keely Pike", "020 7946 0150", "yes", "Keely Doyle", "forget it then");
    expect(t.last).toMatch(/else/);
    expect(t.last).not.toMatch(/missed|charged/);
  });
});

describe("who complains, and wants to come again", () => {
  it("is booked with somebody else, and handed to nobody", () => {
    const t = tern("could I book again with somebody more punctual, acupuncture it was");
    expect(t.state.status).toBe("open");
    expect(t.state.task).toMatchObject({ errand: "book", service: "acupuncture" });
  });

  it("is put down for the class that comes next", () => {
    expect(tern("what does the mat class cost", "put me and my cousin down for the next one").last).toMatch(/Monday 1 March/);
  });
});

describe("an hour on either of two days", () => {
  it("is read by the hours of those days, and not by those of the longest day", () => {
    const t = tern("taping on Saturday the 6th or Saturday the 13th at eight");
    expect(t.last).toMatch(/open 9:00 am to 1:00 pm/);
    // Nothing begins at eight there, so that the evening is meant.
    expect(t.last).toMatch(/6:45 pm/);
    expect(t.last).not.toMatch(/8:00 am|9:00 am with/);
  });
});
