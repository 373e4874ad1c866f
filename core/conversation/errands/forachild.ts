import { ageIn } from "../../knowledge/ages.ts";
import { AND_ME, AROUND_A_CHILD, FOR_CHILDREN, OF_A_CHILD, OF_ONES_CHILD } from "../../language/packs/en/talk.ts";
import { contentOf } from "../../knowledge/search.ts";
import { ofKind } from "../../language/found.ts";
import { newBook } from "../tasks.ts";
import { setService, type Applying } from "./whichservice.ts";

/** The oldest that is taken for a child where only the age tells: common practice, no source. */
const OLDEST_CHILD = 13;
/** From this age on nobody is one, whatever they are called. */
const GROWN = 18;

/**
 * "I want my nine-year-old to learn boxing", where the house has boxing for children too: that one is meant. Of a son or a
 * daughter whose age nobody told it is asked which.
 */
export function forAChild(a: Applying): void {
  const { t, task, reading } = a;
  if (!task.service || t.state.expects === "service") return;
  const named = t.house.services.get(task.service);
  const said = ofKind(reading.found, "service");
  if (!named || FOR_CHILDREN.test(named.name) || (said.length > 0 && !said.some((f) => f.value.includes(named.id)))) return;
  // "While the kids are at school": nothing is wished for them.
  if (AROUND_A_CHILD.test(reading.said)) return;
  const age = ageIn(reading.said);
  const small = age === undefined ? OF_A_CHILD.test(reading.said) : age <= OLDEST_CHILD;
  const perhaps = age === undefined ? OF_ONES_CHILD.test(reading.said) : age < GROWN;
  if (!small && !perhaps) return;
  const words = new Set([named.name, ...named.also].flatMap((name) => contentOf(name)));
  const alike = t.house.handbook.services.filter(
    (s) =>
      s.id !== named.id &&
      FOR_CHILDREN.test(s.name) &&
      [s.name, ...s.also].some((name) => FOR_CHILDREN.test(name) && contentOf(name.replace(FOR_CHILDREN, " ")).some((w) => words.has(w))),
  );
  const [only, other] = alike;
  if (!only || other) return;
  t.rule("service/for-a-child");
  if (small && withThem(a, only.id)) return;
  if (small) return setService(a, only.id);
  delete task.service;
  task.among = [only.id, named.id];
  a.changed = true;
}

/** "Haircuts for me and my son, he's six": what was named for who speaks, and the children's for each who comes along; false where only they come. */
function withThem(a: Applying, theirs: string): boolean {
  const { t, reading } = a;
  const many = ofKind(reading.found, "places").at(-1)?.value ?? 1;
  if (many < 2 || !AND_ME.test(reading.said) || t.house.services.get(theirs)?.group) return false;
  for (let i = 1; i < many; i++) t.state.later.push({ ...newBook(), service: theirs, beside: true, rightAfter: true });
  a.reading = { ...reading, found: reading.found.filter((f) => f.kind !== "places") };
  t.say("book/one-each");
  return true;
}
