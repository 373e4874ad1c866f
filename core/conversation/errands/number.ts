import { digitsIn, hasTooMany, wholeNumber } from "../../language/recognisers/people.ts";
import type { Reading } from "../../language/read.ts";
import { saidSource } from "../sources.ts";
import { val, type Turn } from "../turn.ts";
import { phoneText } from "../format.ts";
import { yesNoChoices } from "./identity.ts";

/** Fewer digits than this are no part of a number: "at 2", "the 12th". */
const LEAST = 3;

/**
 * A number that came in pieces, or a digit short, where one was asked for: pieces are put together, and of what is not
 * a whole number it is said how much of it there is. Gives "whole" when the number is there now, "part" when the rest
 * was asked for, null when the message was about something else.
 */
export function hearNumber(t: Turn, reading: Reading): "whole" | "part" | null {
  const { state, house } = t;
  const c = state.client;
  if (state.expects !== "phone" || reading.found.some((f) => ["phone", "email", "day", "time"].includes(f.kind))) return null;
  const digits = digitsIn(reading.said);
  if (digits.length < LEAST) return null;
  const joined = `${c.phonePart ?? ""}${digits}`;
  const whole = c.phonePart === undefined ? null : wholeNumber(joined, house);
  if (whole !== null) {
    keep(t, whole);
    t.rule("phone/in-pieces");
    return "whole";
  }
  // "Oh oh" at the end is heard as one of them: the number that it would make is read back, and nothing stands under it before.
  const nought = state.channel === "phone" && joined.endsWith("0") && wholeNumber(joined, house) === null ? wholeNumber(`${joined}0`, house) : null;
  if (nought !== null && c.triedNought !== joined) {
    c.triedNought = joined;
    keep(t, nought);
    t.rule("phone/another-nought");
    t.say("check/phone", { phone: val(phoneText(nought, house.handbook.country), saidSource) });
    t.expect("phone-check", yesNoChoices());
    return "part";
  }
  if (c.phonePart === undefined && hasTooMany(digits, house)) {
    t.rule("phone/too-long");
    t.say("phone/too-long", { n: val(String(digits.length), saidSource) });
    t.expect("phone");
    return "part";
  }
  // Longer than any number: it was begun again, and this is all of it.
  if (joined.length > 15) delete c.phonePart;
  else c.phonePart = c.phonePart !== undefined && digits.length >= 7 ? digits : joined;
  t.rule("phone/not-whole");
  t.say(state.channel === "phone" ? "phone/not-whole-keys" : "phone/not-whole", { n: val(String((c.phonePart ?? digits).length), saidSource) });
  t.expect("phone");
  return "part";
}

/** A number that is whole now: whose it is, is not known yet. */
function keep(t: Turn, number: string): void {
  const c = t.state.client;
  c.phone = number;
  c.confirmed = false;
  delete c.match;
  delete c.card;
  delete c.phonePart;
}
