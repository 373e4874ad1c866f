import type { Gap } from "@gentian/core/house/compile";

const WORDS: Record<Gap["code"], [short: string, long: (about: string) => string]> = {
  "no-services": ["none yet", () => "No service yet: write one, or bring a price list in"],
  "no-hours": ["no hours", () => "When the house is open"],
  "no-line": ["no line", () => "A line that people can reach it by"],
  "hours-backwards": ["backwards", (a) => `Hours that end before they begin: ${a}`],
  "hours-overlap": ["overlap", (a) => `Hours that overlap: ${a}`],
  "same-length": ["same length", (a) => `The same length stands twice: ${a}`],
  "ages-backwards": ["ages?", (a) => `An age that ends before it begins: ${a}`],
  "double-id": ["twice", (a) => `Something stands here twice: ${a}`],
  "unknown-staff": ["who?", (a) => `Somebody is named who is not in the house: ${a}`],
  "unknown-pool": ["which room?", (a) => `A kind of room that does not exist: ${a}`],
  "unknown-question": ["which question?", (a) => `A question that does not exist: ${a}`],
  "unknown-service": ["which service?", (a) => `A service that does not exist, or is not ready: ${a}`],
  "unknown-receptionist": ["which?", (a) => `A receptionist that does not exist: ${a}`],
  "nobody-does-it": ["nobody does it", (a) => `Who does ${a}`],
  "staff-without-hours": ["no hours", (a) => `When ${a} works`],
  "room-too-few": ["too few rooms", (a) => `Too few rooms for ${a}`],
  "same-name": ["same name", (a) => `Two services are called ${a}`],
  "price-missing": ["no price", (a) => `The price of ${a}, or what is said in its place`],
  "after-itself": ["after itself", (a) => `${a} cannot come after itself`],
  "class-outside-hours": ["while closed", (a) => `A class while the house is closed: ${a}`],
  "length-missing": ["length?", (a) => `How long ${a} takes`],
  "no-staff": ["nobody yet", () => "Who works here"],
  "address-missing": ["address?", () => "The address"],
  "phone-missing": ["telephone?", () => "The telephone number"],
  "unknown-choice": ["which choice?", (a) => `A choice that does not exist: ${a}`],
  "choices-missing": ["choices?", (a) => `Two choices or more for “${a}”`],
  circular: ["runs in a circle", (a) => `Consequences that run in a circle: ${a}`],
  "unknown-variable": ["no such variable", (a) => `There is no variable ${a}`],
  "variable-needed": ["variable?", (a) => `This wording needs ${a}`],
  "figure-in-wording": ["figure", (a) => `A wording may hold no figure of its own: ${a}`],
  disagreement: ["two answers", (a) => `Two sources disagree about ${a}: decide`],
  "to-fill": ["fill in", () => "Brought in from elsewhere: look at it, and make it yours"],
  assumed: ["assumed", () => "Taken for granted, since nothing says otherwise"],
};

/** What a gap is called in the margin, and in the list of what is missing. */
export function gapWords(g: Pick<Gap, "code" | "about">): { short: string; long: string } {
  const [short, long] = WORDS[g.code];
  return { short, long: long(g.about ?? "") };
}

/** The chapter that a place stands in. */
export function chapterOf(place: string): string {
  const first = place.split("/")[0] ?? "";
  return (
    {
      services: "services",
      staff: "people",
      rooms: "people",
      answers: "answers",
      documents: "answers",
      facts: "answers",
      receptionists: "speaks",
      questions: "asks",
      limits: "limits",
      emergency: "limits",
      calls: "telephone",
      handingOver: "handing",
      unknown: "handing",
      lines: "handing",
    }[first] ?? "house"
  );
}

export const CHAPTERS: readonly (readonly [string, string])[] = [
  ["house", "The house"],
  ["services", "Services and prices"],
  ["people", "People and calendars"],
  ["answers", "Answers, documents"],
  ["speaks", "How it speaks"],
  ["telephone", "On the telephone"],
  ["asks", "What it asks"],
  ["limits", "Limits"],
  ["handing", "Handing over"],
];
