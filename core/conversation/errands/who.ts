import { HAS_BEEN, HAS_NO_NUMBER, NEVER_BEEN } from "../../language/packs/en/doing.ts";
import { ofKind } from "../../language/found.ts";
import { IS_THEIRS, SAW_OURS } from "../../language/packs/en/talk.ts";
import { COMMON } from "../../language/packs/en/words.ts";
import { AND_ANOTHER_NAME, ONLY_ONE_WORD } from "../../language/packs/en/people.ts";
import type { Reading } from "../../language/read.ts";
import { folded } from "../../language/text.ts";
import type { Turn } from "../turn.ts";
import { distance } from "fastest-levenshtein";

/** The rule by which somebody else's name is read. */
export const OF_ANOTHER = "name/of-another";

/** Keeps who it is, whenever it was said. A corrected number or name is looked up anew. */
export function keepIdentity(t: Turn, reading: Reading): { name: boolean; contact: boolean } {
  const c = t.state.client;
  const task = t.state.task;
  const names = ofKind(reading.found, "name");
  const own = names.findLast((f) => f.rule !== OF_ANOTHER) ?? names.at(-1);
  // Before it is known for whom a visit is, another's name is nobody's own.
  // … but what is to be moved or called off stands under the name that is given for it.
  const theirs = !c.name && reading.errands.some((e) => ["cancel", "move", "ask-mine"].includes(e.errand));
  const given = own?.rule === OF_ANOTHER && t.state.expects !== "name" && task?.errand !== "book" && !theirs ? undefined : own?.value;
  // "Delaney. 902 555 0139", after "this is Ruth" and the question for a number: the rest of the name.
  const rest =
    own?.rule === "name/beside-number" && t.state.expects === "phone" && c.name && ![c.name, own.value].some((n) => n.includes(" ")) && c.name !== own.value;
  // "Freeman", after "this is Otis" and the question for a number.
  const alone =
    t.state.expects === "phone" && c.name && !c.name.includes(" ") && reading.found.length === 0 ? ONLY_ONE_WORD.exec(reading.text)?.[1] : undefined;
  const family = alone !== undefined && !COMMON.has(alone.toLowerCase()) ? alone : undefined;
  const name =
    family !== undefined
      ? `${c.name ?? ""} ${family}`
      : rest
        ? `${c.name ?? ""} ${own.value}`
        : given === undefined
          ? undefined
          : oneWordRight(c.name, given, t.state.expects);
  const heard = ofKind(reading.found, "phone").at(-1)?.value;
  // The number of the line, but for one digit: it is heard less surely than it is shown, and is read back in any case.
  const phone = heard && c.line && t.state.channel === "phone" && oneDigitOff(heard, c.line) ? c.line : heard;
  const email = ofKind(reading.found, "email").at(-1)?.value;
  const end = ofKind(reading.found, "phone-end").at(-1)?.value;
  const kept = { name: false, contact: false };
  const anew = (): void => {
    c.confirmed = false;
    delete c.match;
    delete c.card;
  };
  if (name) {
    kept.name = true;
    if (task?.errand === "book" && task.forWhom && !task.visitor && (t.state.expects === "name" || c.name)) {
      task.visitor = name;
      secondName(t, reading, own?.end ?? 0);
    } else if (task?.errand === "book" && !task.visitor && c.name && c.name !== name && IS_THEIRS.test(reading.text)) {
      // "His name's Alfie", by somebody who has said who they are.
      task.visitor = name;
      t.rule("name/of-who-comes");
    } else if (task?.errand === "book" && task.visitor && !task.visitor.includes(" ") && name.startsWith(`${task.visitor} `)) {
      // "Miles", and then "Miles Okoro, and Jonah": the whole of the name.
      if (c.name === task.visitor) {
        c.name = name;
        anew();
      }
      task.visitor = name;
      secondName(t, reading, own?.end ?? 0);
    } else if (c.name !== name) {
      const confirmed = c.confirmed;
      c.name = name;
      anew();
      c.confirmed = confirmed;
      // "The first one's Ada, and the other is Zoe", of two who come one after the other.
      if (task?.errand === "book" && t.state.expects === "name") secondName(t, reading, own?.end ?? 0);
    }
  }
  if (phone) delete c.phonePart;
  if (phone && phone !== c.phone) {
    c.phone = phone;
    kept.contact = true;
    anew();
  } else if (phone) kept.contact = true;
  if (!phone && end && c.phone) {
    c.phone = c.phone.slice(0, -end.length) + end;
    kept.contact = true;
    anew();
  }
  if (email && email !== c.email) {
    c.email = email;
    kept.contact = true;
    if (!c.phone) anew();
  }
  if (!phone && HAS_NO_NUMBER.test(reading.text)) {
    c.noPhone = true;
    kept.contact = true;
  }
  const before = saysBefore(reading.text) ?? (SAW_OURS.test(reading.masked) ? true : null);
  if (before !== null && c.saysBefore === undefined) c.saysBefore = before;
  return kept;
}

/** "Miles, and the other's Jonah": whom the visit after this one is for. */
function secondName(t: Turn, reading: Reading, from: number): void {
  const next = t.state.later.find((x) => x.errand === "book" && x.beside);
  const name = AND_ANOTHER_NAME.exec(reading.text.slice(from))?.[1];
  if (next?.errand !== "book" || next.visitor || name === undefined || COMMON.has(name.toLowerCase())) return;
  next.visitor = name;
  t.rule("name/of-the-other");
}

/** "No, it's MacNeil with an a", after "Roy McNeil": one word of the name is put right, and the rest of it stays. */
function oneWordRight(before: string | undefined, given: string, expects: string): string {
  const words = before?.split(" ") ?? [];
  if (words.length < 2 || given.includes(" ") || expects === "name") return given;
  const at = words.findIndex((w) => distance(folded(w), folded(given)) <= Math.min(2, Math.floor(given.length / 3)));
  return at < 0 ? given : words.map((w, i) => (i === at ? given : w)).join(" ");
}

/** Whether two numbers are alike but for one digit. */
const oneDigitOff = (a: string, b: string): boolean => a.length === b.length && [...a].filter((d, i) => d !== b[i]).length === 1;

/** Whether a message says that the person has been here before; null where it does not. */
export function saysBefore(text: string): boolean | null {
  const s = text.toLowerCase().replace(/’/g, "'");
  if (NEVER_BEEN.test(s)) return false;
  if (HAS_BEEN.test(s)) return true;
  return null;
}
