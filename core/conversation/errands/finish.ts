import type { Turn } from "../turn.ts";

/** After an errand: on with what was set aside, or "anything else?". */
export function finish(t: Turn): void {
  t.say("anything");
  t.expect("anything");
}
