import type { Expects } from "../language/context.ts";
import { read } from "../language/read.ts";
import { readPublic } from "../language/slots.ts";
import { epochMinOf } from "../time/zone.ts";
import { NOW } from "./play.ts";
import { setHouse, type SetName } from "./sets.ts";

/** Reads single messages at a house of a set, on Monday 1 March 2027 at half past eight; `read` on it gives the whole reading. */
export function readsAt(set: SetName, key: string) {
  const house = setHouse(set, key);
  const context = { house, now: epochMinOf(house.zone, NOW) };
  const slots = (text: string, expects?: Expects) => readPublic(text, { ...context, ...(expects ? { expects } : {}) });
  return Object.assign(slots, { read: (text: string, expects?: Expects) => read(text, { ...context, ...(expects ? { expects } : {}) }) });
}
