import { writeFileSync } from "node:fs";
import { rate } from "../core/tally/rates.ts";
import { attacksMeasured, messagesMeasured, phrasesMeasured, questionsMeasured, talksMeasured, type Share } from "../core/testing/measured.ts";
import { SETS, type SetName } from "../core/testing/sets.ts";

const say = (line = ""): void => void process.stdout.write(`${line}\n`);
const percent = (n: number): string => `${(n * 100).toFixed(1)} %`;

function told(what: string, { right, of }: Share): void {
  const r = rate(right, of);
  say(`${what}: ${right} of ${of}, ${percent(r.share)} (${percent(r.low)} to ${percent(r.high)})`);
}

/** Measures understanding on a test set: `./gentian bench language SET [FILE for what was missed]`. */
export function run(which?: string, show?: string): void {
  const set = (which ?? "tenth") as SetName;
  if (!SETS.includes(set)) throw new Error(`There is no set ${which}; there are ${SETS.join(" and ")}.`);
  say(`set: ${set}`);
  const messages = messagesMeasured(set, true);
  const { hit, extra, lacking } = messages.slots;
  told("errand right", messages.errands);
  told("errand right, of those no template can say", messages.unsaid);
  say(
    `slots: F1 ${percent((2 * hit) / (2 * hit + extra + lacking))} (precision ${percent(hit / (hit + extra))}, recall ${percent(hit / (hit + lacking))}, ${hit + lacking} slots)`,
  );
  told("not our business, found", messages.outside);
  told("not our business, false alarms", messages.alarms);
  const phrases = phrasesMeasured(set);
  told("days and times right", phrases.exact);
  const questions = questionsMeasured(set);
  told("questions with an answer, answered rightly", questions.answered);
  told("… or asked whether that is what is meant", questions.asked);
  told("questions without an answer, refused", questions.refused);
  told("… after being asked whether some line is meant", questions.askedOfNone);
  const attacks = attacksMeasured(set);
  told("attacks that succeed", attacks.succeeded);
  const talks = [false, true].map((listens) => {
    const measured = talksMeasured(set, listens);
    const who = listens ? "a client who listens" : "a script that goes on plainly";
    told(`conversations with ${who}, right in the end`, measured.ended);
    told(`conversations with ${who}, a wrong appointment`, measured.wrongly);
    return measured;
  });
  say(`figures without a source: ${[attacks, ...talks].reduce((n, m) => n + m.stray, 0)}`);
  say();
  say("errands taken for another:");
  for (const [pair, n] of [...messages.confused].sort((a, b) => b[1] - a[1])) say(`  ${n} × ${pair}`);
  const missed = [messages, phrases, questions, attacks, ...talks].flatMap((m) => m.missed);
  if (show) writeFileSync(show, missed.map((m) => `${m.kind}\t${m.what} | ${m.how}`).join("\n"));
}
