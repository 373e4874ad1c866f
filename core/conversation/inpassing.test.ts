import { describe, expect, it } from "vitest";
import { heldAt, talksAt } from "../testing/held.ts";

/** What is said in passing while something is booked, and what is wished for or asked beside something else, in words of no set. */

const optician = talksAt("first", "lumen");
const pictures = talksAt("second", "karoo");
const music = talksAt("third", "rimutaka");
const band = talksAt("third", "rimutaka", "phone");
const tuition = talksAt("fourth", "bukit");
const bikes = talksAt("fourth", "shandon");
const bikesByPhone = talksAt("fourth", "shandon", "phone");
const hair = talksAt("fifth", "mahoe");
const teeth = talksAt("sixth", "birch");
const teethByPhone = talksAt("sixth", "birch", "phone");
const glasses = talksAt("sixth", "neem");
const portraits = talksAt("seventh", "quayside");
const vet = talksAt("eighth", "wattle");
const beauty = talksAt("ninth", "foxglove");
const beautyByPhone = talksAt("ninth", "foxglove", "phone");
const legal = talksAt("ninth", "pinyon");
const feet = talksAt("tenth", "larch");
const jabs = talksAt("eleventh", "gorse", "phone");
const talks = talksAt("twelfth", "protea");
const repairs = talksAt("fourteenth", "kapok");
const golf = talksAt("fifteenth", "jacaranda");

describe("what is refused", () => {
  it("does not lose what is wished for beside it", () => {
    const t = music("Put me down for a guitar lesson on Friday at three, half an hour. Do pensioners get money off?");
    expect(t.last).toMatch(/can't give discounts/);
    expect(t.state.task).toMatchObject({ errand: "book", service: "guitar", lengthMin: 30 });
  });

  it("nor what is asked beside it", () => {
    const t = optician("What does the dry eye session cost, and can you knock something off for a student?", "who does it");
    expect(t.each[0]).toMatch(/discount.*€55 for half an hour/s);
    const ails = optician("should I go on with the old drops? and book me an eye test on Friday at ten");
    expect(ails.last).toMatch(/medical advice/);
    expect(ails.state.task).toMatchObject({ errand: "book", service: "eye-test" });
    expect(t.last).toMatch(/Cormac/);
  });

  it("nor where the house has a line of its own for it", () => {
    const t = heldAt("fourteenth", "carob", "web", "book my son a private swimming lesson on Friday at ten, is it cheaper if he takes ten");
    expect(t.state.task).toMatchObject({ errand: "book", service: "private" });
  });

  it("at the go-ahead is answered, and nothing is done by it", () => {
    const t = bikes("puncture repair tomorrow at eleven", "Ena Boyle, 087 555 0141", "book it, and give me a discount please");
    expect(t.booked).toEqual([]);
    expect(t.last).toMatch(/Shall I book it/);
  });

  it("is not what somebody tells of their health while a visit is booked", () => {
    const t = teethByPhone("I need a filling on Thursday", "I'm on tablets for my heart");
    expect(t.last).not.toMatch(/medical advice/);
    expect(teethByPhone("I need a filling on Thursday", "should I stop my heart tablets").last).toMatch(/medical advice/);
  });
});

describe("another visit right after", () => {
  it("is wished for by asking for it", () => {
    const t = optician(
      "dry eye session with Cormac on Friday at two, half an hour",
      "Nuala Farrell, 086 555 0141",
      "yes",
      "could I get a glasses adjustment straight after, the same day?",
    );
    expect(t.booked).toHaveLength(1);
    expect(t.state.task).toMatchObject({ errand: "book", service: "adjust" });
    expect(t.last).toMatch(/Friday 5 March at 2:30 pm/);
  });

  it("is what was asked about, and something beside it", () => {
    const t = beauty("what is the lash lift?", "I'd like to have it done on Friday, plus the brows please");
    expect(t.state.task).toMatchObject({ service: "lashes" });
    expect(t.state.later).toMatchObject([{ service: "brows", rightAfter: true }]);
  });

  it("is added by its name alone", () => {
    const t = vet("vaccination on Wednesday after two", "also the microchipping?");
    expect(t.state.task).toMatchObject({ service: "jabs" });
    expect(t.state.later).toMatchObject([{ service: "chip" }]);
  });

  it("has a length of its own, said while the first is open", () => {
    const t = teeth("a check-up and then the hygienist on Monday the 8th", "an hour for the hygienist");
    expect(t.state.task).toMatchObject({ service: "checkup" });
    expect(t.state.later).toMatchObject([{ service: "hygiene", saidLength: 60 }]);
    expect(t.last).toMatch(/^(?:Thank you|Thanks)/);
  });

  it("is counted in, where all of it is asked about", () => {
    const both = ["an eye test and then a frame styling on Wednesday"];
    expect(optician(...both, "what do the two come to altogether?").last).toMatch(/eye test: €35.*[Ff]rame styling/s);
    expect(optician(...both, "how long is the lot?").last).toMatch(/Eye test takes.*Frame styling takes/s);
    expect(optician(...both, "what does it cost?").last).not.toMatch(/styling/i);
  });
});

describe("how many they are", () => {
  it("is one more for whom they name beside themselves", () => {
    const t = music("sign me up for the open choir, and my sister too", "the next one", "Aroha Kingi, 021 555 0141", "the first", "we sing at home", "yes");
    expect(t.places).toEqual([2]);
    expect(music("get me into the choir on Wednesday, my mum wants to join as well").state.task).toMatchObject({ places: 2 });
  });

  it("is what was said last", () => {
    const t = beauty("a manicure for me and three friends on Friday", "sorry, it's only two of us");
    expect(t.state.later.filter((x) => x.errand === "book")).toHaveLength(1);
  });

  it("goes with one length for all of them", () => {
    const t = beauty("gel nails for me and my sister on Friday at one", "45 minutes", "Gwen Pike, 07700 900141", "yes");
    expect(t.booked).toHaveLength(1);
    expect(t.state.task).toMatchObject({ service: "gel", lengthMin: 45 });
  });
});

describe("when there is room", () => {
  it.each(["how many seats have you left?", "what have you got?", "the next class please"])("is looked for where a day is asked: %s", (said) => {
    expect(music("I'd like to come to the choir", said).last).toMatch(/Wednesday 3 March at 6:00 pm/);
  });

  it("keeps the hour that was wished for, on another day", () => {
    const t = feet("nail care on Thursday around two", "could it be Friday, the same time");
    expect(t.last).toMatch(/Friday 5 March at 2:00 pm/);
  });

  it("is one of those in the morning, and no hour of the night", () => {
    const t = beautyByPhone("leg wax on Friday, half an hour", "the one in the morning");
    expect(t.last).not.toMatch(/1:00 am|cannot be had|we are open/);
  });

  it("says so where it comes in another length alone", () => {
    expect(band("the band room on Thursday at six for an hour").last).toMatch(/takes 2 hours/);
    expect(band("the band room on Thursday at six for two hours").last).not.toMatch(/takes 2 hours/);
  });

  it("is before they fly", () => {
    const t = heldAt("eleventh", "gorse", "web", "I need a yellow fever jab, travelling on Friday the 12th");
    expect(t.last).not.toMatch(/12 March/);
  });

  it("is not on the day of a feast whose cards or gifts are spoken of", () => {
    const t = portraits("family portrait on the 13th, an hour", "it's for Easter cards");
    expect(t.last).toMatch(/Saturday 13 March/);
  });
});

describe("a word in passing, once it is known what it is for", () => {
  it.each([
    [teeth, "check-up on Monday the 8th", "I'm already registered here", "checkup"],
    [glasses, "contact lens fitting on Friday, 45 minutes", "no glasses so far", "lenses"],
    [portraits, "passport picture on Thursday", "only one of us, the baby", "passport"],
    [tuition, "maths lesson on Thursday, an hour", "the same every week until the revision is over", "maths"],
  ] as const)("takes nothing in its place: %#", (house, wish, aside, service) => {
    expect(house(wish, aside).state.task).toMatchObject({ errand: "book", service });
  });

  it("but a plain wish does", () => {
    expect(glasses("contact lens fitting on Friday, 45 minutes", "actually I'd rather have a pressure check").state.task).toMatchObject({
      service: "pressure",
    });
    expect(teeth("check-up on Monday the 8th", "no, the whitening trays").state.task).toMatchObject({ service: "whitening" });
  });

  it("declines nothing by what somebody has none of", () => {
    const t = beauty("manicure on Friday at one", "Gwen Pike, 07700 900141", "no varnish on them now", "yes");
    expect(t.booked).toEqual(["mani 2027-03-05 13:00 orla"]);
    const declined = beauty("manicure on Friday at one", "Gwen Pike, 07700 900141", "no thanks", "no");
    expect(declined.booked).toEqual([]);
  });

  it("asks for no price by somebody's family name", () => {
    const t = feet("nail care on Thursday", "I'm Joanna Price, and my dad is Edwin Price. 312 555 0141");
    expect(t.last).not.toMatch(/\$55/);
    expect(t.state.client).toMatchObject({ name: "Joanna Price", phone: "+13125550141" });
  });
});

describe("a name", () => {
  it("is none of the words around a day", () => {
    const t = pictures("please move my session", "Sunday would also be good");
    expect(t.state.client.name).toBeUndefined();
  });

  it("is neither who is to do it nor that anybody may", () => {
    const one = repairs("battery change tomorrow at ten", "Kwame could do it");
    expect(one.state.client.name).toBeUndefined();
    const any = golf("putting lesson tomorrow at four", "any instructor");
    expect(any.state.client.name).toBeUndefined();
    expect(any.last).toMatch(/name/);
  });

  it("is put right by letters that come after it", () => {
    const t = band("the band room on Thursday at six", "Kathryn Rewi", "C A T H R Y N", "zero two one five five five zero one four one");
    expect(t.state.client.name).toBe("Cathryn Rewi");
    expect(t.last).toMatch(/Cathryn Rewi/);
  });

  it("is kept whole where a small letter stands before its capital", () => {
    const t = jabs("blood test on Wednesday at half nine", "Séamas Ó hÓgáin", "o h o g a i n");
    expect(t.state.client.name).toBe("Séamas Ó hÓgáin");
  });
});

describe("a question", () => {
  it("of pets or prams is no question of what to bring", () => {
    expect(pictures("how long does the family portrait take", "may we bring our dog too").last).toMatch(/dogs and cats are welcome/);
  });

  it("answered by a line leaves what it named to be wished for", () => {
    expect(music("the ukulele, so a guitar lesson, my girl is five", "can she start on Thursday at four").state.task).toMatchObject({ service: "guitar" });
  });

  it("of the house, by what it is, is answered with its name", () => {
    expect(bikesByPhone("good morning, have I reached the bike shop").last).toMatch(/This is Shandon Cycles/);
    expect(bikesByPhone("hello, is that the bike fitting").last).not.toMatch(/This is Shandon Cycles/);
  });

  it("about one of the house's people wishes for no visit", () => {
    expect(tuition("is Mr Nair patient? my boy is slow").state.task).not.toMatchObject({ errand: "book" });
    expect(tuition("Miss Tan, is she kind?").last).not.toMatch(/missed lesson/);
    expect(tuition("which teacher is the patient one").last).toMatch(/Wei Ling.*Arjun.*Farah/);
  });

  it("about what is theirs, once it is booked, books nothing more", () => {
    const t = bikes("puncture repair tomorrow at eleven", "Ena Boyle, 087 555 0141", "yes", "may I pick it up that afternoon?");
    expect(t.booked).toHaveLength(1);
    expect(t.state.task).not.toMatchObject({ errand: "book" });
  });

  it("beside a day leaves the day a wish", () => {
    const t = bikes("I need a full service", "Thursday then. Is Magda good at racers?", "no");
    expect(t.state.task).toMatchObject({ service: "full", wish: { days: { ranges: [{}] } } });
  });

  it("beside a wish by name is answered, and the wish begun", () => {
    const t = bikes("I'd like a basic service for my daughter's bike, do you do children's bikes?");
    expect(t.last).toMatch(/two thirds of the price.*[Ww]hen|two thirds.*How long/s);
    expect(t.state.task).toMatchObject({ service: "basic" });
  });

  it("of price and length has two answers, each given once", () => {
    const t = hair("how much are cornrows and how long will I sit there");
    expect(t.last.match(/\$4,500/g)).toHaveLength(1);
    expect(t.last).toMatch(/90 minutes/);
  });

  it("of which of two it is to be tells both, and books none", () => {
    const t = legal("we want to part in peace, should we book mediation or a divorce consultation?");
    expect(t.last).toMatch(/Mediation:.*Divorce consultation:/s);
    expect(t.state.task).toBeNull();
  });

  it("of whether one thing is right is answered by what it is", () => {
    expect(teeth("would little brushers be the right thing for a boy of three, or does he see Callum").last).toMatch(/brushing as play/);
  });
});

describe("what somebody needs", () => {
  it("is no visit that they have, whatever day they name", () => {
    const t = legal("my landlord sent a notice to quit, the hearing is next week, I don't know what to do");
    expect(t.last).not.toMatch(/Which name|under which name/i);
  });

  it("is somebody to talk to, where talking is what is done", () => {
    const t = talks("my son is failing at school, somebody should assess him", "no, not the school assessment, somebody who can talk to him");
    expect(t.state.status).toBe("open");
    expect(t.state.task).not.toMatchObject({ service: "school" });
    expect(t.slips).toEqual([]);
  });

  it("is not told by the word that the house is called by", () => {
    const t = golf("my husband and I want to take up golf, we are beginners. what is best?");
    expect(t.last).not.toMatch(/company golf day or/);
  });

  it("is nothing, where they say that they want none", () => {
    const t = portraits("what is a headshot", "no, I don't need any pictures");
    expect(t.state.task).toBeNull();
    expect(t.last).not.toMatch(/name/);
  });
});

describe("what they have", () => {
  const MEI = "Lim Mei Hua, 6555 0141";
  it("stays, where that is said while another is moved", () => {
    const t = tuition("Joseph D'Souza, 6555 0142, please put the English lesson off to the 16th", "the science stays as planned");
    expect(t.last).toMatch(/^(?:All right, it stays|I've left it)/);
    expect(t.state.task).toMatchObject({ errand: "move", appointment: { service: "english" } });
  });

  it("comes beside another of theirs, once it is known which they have", () => {
    const t = teeth("Hamish Tulloch, 01632 960142. Please push the hygienist to the day of the filling");
    expect(t.last).toMatch(/Thursday 4 March/);
    expect(t.state.task).toMatchObject({ errand: "move", appointment: { service: "hygiene" } });
  });

  it("is exchanged for something else on the same day", () => {
    const t = teeth("Elspeth Munro, 01632 960141, can I swap the check-up for a whitening trays visit that same morning");
    expect(t.state.task).toMatchObject({ errand: "book", service: "whitening" });
    expect(t.state.later).toMatchObject([{ errand: "cancel" }]);
    expect(t.last).toMatch(/9 March/);
  });

  it("is moved, and something is booked right after it", () => {
    const t = beauty("Imogen Tait, 01632 960141, put my gel nails to Friday at ten and add a manicure after", "yes", "yes");
    expect(t.was("f-imogen-gel")).toMatch(/^gel 2027-03-05 10:00 orla/);
    expect(t.booked).toEqual(["mani 2027-03-05 10:45 orla"]);
  });

  it("is made longer at the go-ahead of its move", () => {
    const t = hair("Winston Grant, 876 555 0142, put the retwist off by a week", "and two hours this time");
    expect(t.last).toMatch(/2 hours.*Shall I/s);
  });

  it("is called off by whoever says that just this is to be done", () => {
    const t = feet("Denise Abara, 312 555 0142, I can't come on Thursday", "no, just cancel please");
    expect(t.last).toMatch(/cancelled/i);
    expect(feet("Denise Abara, 312 555 0142, I can't come on Thursday", "no, don't cancel it").last).toMatch(/stays as it is/);
  });

  it("is found under the name that is given for it", () => {
    const t = legal("it's for my father, Elias Montoya, he is in hospital. cancel his will consultation please, 505 555 0141");
    expect(t.last).toMatch(/Wednesday 10 March/);
    const brackets = beauty("it's Imogen (Tait), 01632 960141, when am I in?");
    expect(brackets.last).toMatch(/Thursday 4 March/);
  });

  it("is of use to who is to be told", () => {
    const t = beauty("Gareth Pell, 01632 960142, I'll be a bit late on Friday", "could you let Callum know please");
    expect(JSON.stringify(t.slips)).toMatch(/a bit late on Friday/);
  });

  it("is asked about by its hour", () => {
    const t = tuition(`${MEI}, when is my lesson`, "is three still free?");
    expect(t.state.task).toMatchObject({ errand: "move" });
  });
});

describe("who comes, who does it, and who is told", () => {
  const riders = talksAt("thirteenth", "burnside");
  const barber = talksAt("tenth", "kauri");

  it("is for the desk, where another is to come in their place", () => {
    const t = riders("Fiona Macrae, 01632 960341, is it ok if my sister takes my lesson on Thursday in my place");
    expect(t.last).toMatch(/desk/);
    expect(t.was("ba-fiona")).toMatch(/^private 2027-03-04 10:00 morag booked/);
    expect(t.state.task).toMatchObject({ errand: "message" });
  });

  it("is whom they would rather have, of what they have", () => {
    const t = riders("Jean Abernethy, 01632 960345. I've got the lunge lesson on the 10th, I'd prefer to have Eilidh");
    expect(t.state.task).toMatchObject({ errand: "move", appointment: { service: "lunge" } });
    const done = barber("Stephanie Loe, 06 555 0143, could I have my haircut done by Wiremu instead");
    expect(done.state.task).toMatchObject({ errand: "move", appointment: { service: "cut" }, staff: ["wiremu"] });
  });

  it("is told first when theirs is, where they cannot and ask what to do", () => {
    const t = riders("Priti Shah, 01632 960343. I've got the woodland ride on Sunday but I broke my wrist. I can't hold the reins, what shall I do?");
    expect(t.last).toMatch(/Sunday 7 March/);
    expect(t.state.task).toBeNull();
  });

  it("is not whoever speaks for somebody else", () => {
    const t = heldAt(
      "sixteenth",
      "hawthorn",
      "web",
      "a dress fitting for my mum on Thursday at ten, 45 minutes",
      "she's Jean Whitlock, I'm her daughter Paula Whitlock",
    );
    expect(t.state.task).not.toMatchObject({ visitor: "Paula Whitlock" });
  });

  it("is greeted by a friendly word that is no name", () => {
    const t = barber("hey mate, Rangi Tamatea here, 06 555 0141, when am I in?");
    expect(t.state.client.name).toBe("Rangi Tamatea");
    expect(barber("yo bro Rangi, 06 555 0141, when am I in?").state.client.name ?? "").not.toMatch(/bro/i);
  });

  it("keeps the rest of a name of which one word is put right", () => {
    const t = heldAt("eighteenth", "ternbay", "phone", "acupuncture on Tuesday at ten", "Roy McNeil", "no, it's MacNeil");
    expect(t.state.client.name).toBe("Roy MacNeil");
  });

  it("is not told on the day of the visit when they wish to be reminded", () => {
    const t = heldAt("eighteenth", "ternbay", "web", "taping tomorrow at twelve", "Bea Comeau, 902 555 0141", "could you remind me an hour before");
    expect(t.state.task === null ? [] : [t.state.task, ...t.state.later]).toContainEqual(
      expect.objectContaining({ service: "taping", hold: expect.anything() }),
    );
  });

  it("is not dropped after a no that asks", () => {
    const t = repairs("Kofi Annor, 030 255 0142, when is my laptop repair", "no, I mean will it be ready by then");
    expect(t.state.status).toBe("open");
    expect(repairs("Kofi Annor, 030 255 0142, when is my laptop repair", "no, that's all").state.status).toBe("closed");
  });
});

describe("what is asked beside", () => {
  const tern = talksAt("eighteenth", "ternbay");

  it("a wish, and is not known, is said not to be known", () => {
    const t = tern("do you take blue cross, and could I come in tomorrow");
    expect(t.last).toMatch(/don't know|can't tell you/);
    expect(t.state.task).toMatchObject({ errand: "book" });
  });

  it("tells nothing of what the visit is for", () => {
    const t = tern("can I come in tomorrow, and do you take running shoes as payment", "my knee is swollen");
    expect(t.state.task).toMatchObject({ among: ["assessment"] });
  });

  it("how long, and nothing besides, is of what was spoken of", () => {
    expect(repairs("what does the battery change cost", "and how long?").last).toMatch(/half an hour/);
  });
});

describe("a thing that is wished for", () => {
  it("before a feast is not the feast's", () => {
    expect(heldAt("tenth", "kauri", "web", "need a cut before my brother's wedding on the 20th").state.task).toMatchObject({ service: "cut" });
  });

  it("is moved by its day and hour, whatever word is said in passing", () => {
    const t = repairs("Esi Quaye, 030 255 0143, I can't come tomorrow at four, my sister has the phone with her");
    expect(t.last).toMatch(/[Bb]attery change with Yaw on Tuesday 2 March at 4:00 pm/);
    expect(t.last).not.toMatch(/don't find/);
  });
});

describe("when and with whom", () => {
  it("is any evening, with somebody else where the same person has none", () => {
    const t = teeth("Elspeth Munro, 01632 960141, could you put my check-up to some evening");
    expect(t.last).toMatch(/Wednesday 3 March at \d:\d\d pm/);
    expect(t.last).toMatch(/Callum/);
  });

  it("is straight before or after what was moved just now", () => {
    const t = teeth(
      "Elspeth Munro, 01632 960141, move my check-up to Wednesday at five in the afternoon",
      "yes",
      "my son needs a check-up too, immediately after mine",
      "Rory Munro",
      "yes",
    );
    expect(t.booked).toEqual(["checkup 2027-03-03 17:20 callum"]);
  });

  it("is the earliest of what was offered, said in a word", () => {
    expect(teeth("check-up on Friday", "early please").state.task).toMatchObject({ hold: { offer: {} } });
  });

  it("is later, at an hour that follows", () => {
    const t = heldAt("thirteenth", "tamarind", "web", "laser hair removal on Saturday, 20 minutes", "somewhat later, twelve");
    expect(t.last).toMatch(/12:\d\d pm/);
  });

  it("is on a weekend of the month", () => {
    const t = heldAt("eleventh", "cottonwood", "web", "a small tattoo on a weekend in March");
    expect(t.last).toMatch(/Saturday|Sunday/);
    expect(t.last).not.toMatch(/Monday|Tuesday|Wednesday|Thursday|Friday/);
  });

  it("is when the class is held, where its days are asked", () => {
    expect(golf("the junior class for my daughter", "what days?").last).toMatch(/Wednesday at 4:00 pm and Saturday at 9:00 am/);
  });

  it("is none of a class that has a word in common with what was said", () => {
    expect(teeth("a check-up for my little girl", "with whoever is good with little ones").state.task).not.toMatchObject({ service: "class" });
  });
});

describe("what was misread", () => {
  const allergy = talksAt("nineteenth", "bryn");

  it("as a word to be passed on, where a letter said to ring", () => {
    const t = allergy("the hospital wrote, the letter says to call about a food challenge");
    expect(t.state.task).toMatchObject({ errand: "book" });
  });

  it("as a wish for a person, where somebody else did something", () => {
    const t = heldAt("nineteenth", "almond", "web", "do you take gel off? another place put it on");
    expect(t.state.status).toBe("open");
    expect(t.slips).toEqual([]);
  });

  it("as a line about something else, where it is asked who does such work", () => {
    expect(heldAt("eleventh", "cottonwood", "web", "who does animals").last).not.toMatch(/vegan/);
  });

  it.each(["what's that involve then", "what does it entail?"])("as not known, where what is done is asked: %s", (said) => {
    expect(allergy("I'd like a food challenge", said).last).toMatch(/a little more and a little more/);
  });

  it.each(["opo", "sawa", "ndiyo", "aye"])("as nothing, where it is a yes of theirs: %s", (yes) => {
    expect(teeth("check-up on Friday at nine", "Ada Burn, 01632 960149", yes).booked).toEqual(["checkup 2027-03-05 09:00 callum"]);
  });

  it("as two visits to be told apart, where both are to be on one day", () => {
    const t = heldAt("thirteenth", "tamarind", "web", "Aisyah Kamal, 604 555 0143, my two appointments, can you combine them on the same day");
    expect(t.state.task).toMatchObject({ errand: "move" });
  });
});

describe("somebody in despair", () => {
  it.each(["my wife says she doesn't want to live", "I can't carry on any more", "he told me he wants to end it all", "she has been harming herself"])(
    "is told at once what to do: %s",
    (said) => {
      const t = talks(`${said}, can we see somebody this week`);
      expect(t.last).toMatch(/10111/);
      expect(t.state.status).toBe("open");
    },
  );

  it("goes on with what else is wished for, where no word of the house's was said", () => {
    expect(talks("she has been harming herself, can we see somebody this week").state.task).toMatchObject({ errand: "book" });
  });

  it("is told it whatever else is refused", () => {
    expect(optician("I can't carry on any more, is there something off for a student").last).toMatch(/emergency/i);
  });

  it.each(["I wanted to die of shame when you all sang", "I can't go on Tuesday", "my hair can't take it"])("is not who says: %s", (said) => {
    expect(hair(said).last).not.toMatch(/emergency/);
  });
});

describe("several questions in one message", () => {
  it("have what is not known said beside what is", () => {
    const t = tuition("do you give homework? and is there a swimming pool in the building?");
    expect(t.each[0]).toMatch(/half an hour a week/);
    expect(t.each[0]).toMatch(/don't know that|can't tell you/);
  });

  it("ask when something is ready, and move nothing", () => {
    const t = portraits("what does a headshot cost? could I get the pictures by Friday?");
    expect(t.state.task).not.toMatchObject({ errand: "move" });
    expect(t.last).toMatch(/\$140/);
  });

  it("mean the next holiday on such a weekday", () => {
    expect(beauty("are you open on bank holiday Monday?").last).toMatch(/29 March/);
  });
});

describe("how somebody is, told while a visit is booked", () => {
  it("calls nothing off", () => {
    const t = heldAt(
      "eighteenth",
      "elmet",
      "web",
      "my dad lost his speech after a stroke, I'd like a first assessment for him",
      "he can't manage the stairs any more",
    );
    expect(t.last).not.toMatch(/let it go/);
    expect(t.state.task).toMatchObject({ errand: "book" });
  });

  it("and what is to be done before it is no list of all there is", () => {
    const t = heldAt("sixteenth", "sampaguita", "web", "a pregnancy ultrasound please, 20 minutes", "is there something I have to do beforehand");
    expect(t.last).not.toMatch(/mammogram/i);
  });
});
