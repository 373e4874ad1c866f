import type { House } from "@gentian/core/house/compile";
import { FAULT_WORDS, type Fault } from "@gentian/core/schedule/places";
import { Refusal } from "../../refusal.ts";

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
