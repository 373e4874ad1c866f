import type { House } from "@gentian/core/house/compile";
import type { Fault, FaultCode } from "@gentian/core/schedule/places";
import { Refusal } from "../../refusal.ts";

/** What is said of each thing that stands against a place. */
export const FAULT_WORDS: Record<FaultCode, string> = {
  "no-such-service": "the service does not come in that length",
  "not-theirs": "this person does not do it",
  taken: "the person has something else then",
  "no-room": "no room is free then",
  "no-class": "there is no class then",
  "class-full": "the class is full",
  closed: "the house is closed then",
  "not-in": "outside of the person’s hours",
  break: "in the person’s break",
  "only-then": "outside of the service’s own hours",
  past: "that time has passed",
  "too-far": "further ahead than clients may book",
  "off-grid": "not at one of the house’s starting times",
  "day-full": "more of it than the house does a day",
};

/** A place that does not fit, with every reason; where a word from the desk would do, it says so. */
export function unfit(house: House, faults: readonly Fault[]): Refusal {
  const said = faults.map((f) => (f.code === "no-room" && f.about ? `no ${house.rooms.get(f.about)?.name ?? f.about} is free then` : FAULT_WORDS[f.code]));
  const may = faults.length > 0 && faults.every((f) => f.mayOverrule);
  return new Refusal(
    409,
    `It does not fit there: ${said.join(", ")}`,
    may ? "It can be done all the same, with a reason. Nothing was changed." : "Nothing was changed. Choose another place.",
    faults.map((f, i) => ({ path: f.code, message: said[i] ?? f.code })),
    { mayOverrule: may },
  );
}
