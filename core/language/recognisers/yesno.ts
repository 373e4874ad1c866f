import type { Moment } from "../context.ts";
import type { Found } from "../found.ts";
import {
  AT_THE_END,
  BUT,
  DO_IT,
  DOES_IT,
  DONT_MIND,
  ENDS_ASKING,
  FRIENDLY_NO,
  I_SUPPOSE,
  IT_STAYS,
  NO,
  NO_AFTER_ALL,
  NOBODY,
  OF_A_REASON,
  ONLY_BEGINS_SO,
  SAYS_NO_AFTER,
  SIGN_OF_NO,
  SIGN_OF_YES,
  SO_OFTEN,
  SO_TO_SAY,
  STRONG_NO,
  TAKEN_BACK,
  THATS_IT,
  TURNS_AWAY,
  YES_AT_LAST,
  YES_TO_A_VISIT,
  WAIT,
  WAIT_AND_ASK,
  YES,
} from "../packs/en/yesno.ts";
import { isQuestion } from "../masked.ts";
import type { Said } from "../text.ts";

/** Finds a yes or a no at the head of what was said, and where one is waited for at its end. */
export function yesNo(said: Said, at: Moment): Found[] {
  // A picture of a thumb is all that many write.
  const sign = said.raw.trim() === "" ? undefined : SIGN_OF_YES.test(said.raw) ? true : SIGN_OF_NO.test(said.raw) ? false : undefined;
  if (sign !== undefined) return [{ kind: "yes", value: sign, rule: "yes/sign", start: 0, end: said.norm.length }];
  const readBack = at.expects === "go-ahead" || at.expects?.endsWith("-check") === true;
  if (readBack && THATS_IT.test(said.norm.trim())) return [{ kind: "yes", value: true, rule: "yes/that-is-it", start: 0, end: said.norm.length }];
  // Asked whether it is to be passed on, "no, it's fine" declines.
  const friendly = at.expects === "message" ? FRIENDLY_NO.exec(said.norm.trim()) : null;
  if (friendly) return [{ kind: "yes", value: false, rule: "yes/no-its-fine", start: 0, end: friendly[0].length }];
  if (at.expects === "go-ahead" && YES_TO_A_VISIT.test(said.norm))
    return [{ kind: "yes", value: true, rule: "yes/to-a-visit", start: 0, end: said.norm.length }];
  const head = yesNoAtHead(said, at.expects === "service");
  if (head.length > 0) return head;
  const nobody = at.expects?.startsWith("question:") ? NOBODY.exec(said.norm.trim()) : null;
  // "Have you floated before?" – "once, years ago".
  const often = at.expects?.startsWith("question:") ? SO_OFTEN.exec(said.norm.trim()) : null;
  if (often) return [{ kind: "yes", value: true, rule: "yes/so-often", start: 0, end: often[0].length }];
  if (nobody) return [{ kind: "yes", value: false, rule: "yes/nobody", start: 0, end: nobody[0].length }];
  // Spoken words have no full stops: "my friend told me nice things about you no thanks".
  const end = readBack ? AT_THE_END.exec(said.norm) : null;
  if (end && !/[,.?]/.test(said.norm.slice(0, -1))) {
    const value = end.groups?.["yes"] !== undefined;
    if (value && TURNS_AWAY.test(said.norm.slice(0, end.index))) return [];
    // "Can Marlon do it" asks.
    if (value && DOES_IT.test(end[0]) && isQuestion(said)) return [];
    return [{ kind: "yes", value, rule: "yes/at-the-end", start: end.index + 1, end: said.norm.length }];
  }
  // "I've checked with my wife, yes": what is read back is agreed to at last.
  const last = readBack ? YES_AT_LAST.exec(said.norm) : null;
  if (last && !TURNS_AWAY.test(said.norm.slice(0, last.index)) && !isQuestion(said))
    return [{ kind: "yes", value: true, rule: "yes/at-the-end", start: last.index + 1, end: said.norm.length }];
  // After a remark of something else, the last sentence answers: "It's been a long week. That works."
  const tail = /[.!]\s+(?=[^.!?]+[.!]?\s*$)/.exec(said.norm);
  if (!tail || /\?/.test(said.norm)) return [];
  const cut = tail.index + tail[0].length;
  if (said.norm.slice(cut).trim().split(/\s+/).length > 7) return [];
  return yesNoAtHead({ ...said, norm: said.norm.slice(cut) }).map((f) => ({ ...f, start: f.start + cut, end: f.end + cut }));
}

/** Words of an answer that takes back what was agreed to. */
const LONGEST_ANSWER = 9;
const LONG_ANSWER = 16;

function yesNoAtHead(said: Said, tentative = false): Found[] {
  const lead = said.norm.length - said.norm.trimStart().length;
  const text = said.norm.trim();
  const whole = (value: boolean, rule: string, from = 0, length = text.length): Found[] => [
    { kind: "yes", value, rule, start: lead + from, end: lead + from + length },
  ];
  if (STRONG_NO.test(text)) return whole(false, "yes/no");
  const friendly = FRIENDLY_NO.exec(text);
  if (friendly) return whole(true, "yes/no-problem", 0, friendly[0].length);
  const no = NO.exec(text);
  if (no && WAIT.test(text) && (ENDS_ASKING.test(text) || WAIT_AND_ASK.test(text))) return [];
  if (no) return whole(false, "yes/no", 0, no[0].length);
  const yes = YES.exec(text);
  const back = TAKEN_BACK.exec(text);
  // "Sorry, I changed my mind, leave it as it is": said twice over, it may be longer.
  const longest = (text.match(IT_STAYS)?.length ?? 0) > 1 ? LONG_ANSWER : LONGEST_ANSWER;
  const reason = back !== null && yes !== null && OF_A_REASON.test(back[0]);
  if (back && !reason && !DONT_MIND.test(text) && text.split(" ").length <= longest) return whole(false, "yes/taken-back", back.index, back[0].length);
  const rest = yes ? text.slice(yes[0].length) : "";
  if (yes && (SAYS_NO_AFTER.test(rest) || NO_AFTER_ALL.test(rest))) return whole(false, "yes/taken-back");
  if (I_SUPPOSE.test(text) || (tentative && SO_TO_SAY.test(text))) return whole(true, "yes/so-to-say");
  if (!yes || BUT.test(rest) || (ONLY_BEGINS_SO.test(text) && !DO_IT.test(text))) return [];
  return whole(true, "yes/yes", 0, yes[0].length);
}
