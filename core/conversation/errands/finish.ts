import type { Turn } from "../turn.ts";

/** After an errand: on with what was set aside, or "anything else?"; after what the house has for somebody, whether a time is to be looked for. */
export function finish(t: Turn): void {
  t.say(t.state.mayLook?.turn === t.state.turn ? "look-for-a-time" : "anything");
  t.expect("anything");
}
