import { sayClosed } from "./closed.ts";
import { OPENS } from "../../language/packs/en/talk.ts";
import { ONLY_ONE, OF_ONE_PERSON, OF_ONE_THING, IS_OF_A_GENDER, SAYS_WHO, WHICH_OF_THEM, WHO_DOES_SUCH, WHO_IS_IN } from "../../language/packs/en/asked.ts";
import { SUPPORTS } from "../../knowledge/match.ts";
import { contentOf } from "../../knowledge/search.ts";
import { ofKind, type FoundOf } from "../../language/found.ts";
import type { Reading } from "../../language/read.ts";
import { ofThatWork } from "../../language/recognisers/house.ts";
import { weekdayNumber, weekdayOf, type DayNumber } from "../../time/days.ts";
import { calledText, dateText, listText, serviceText, timeText } from "../format.ts";
import { saidSource, serviceSource, staffSource } from "../sources.ts";
import { joinVals, val, type Turn, type Value } from "../turn.ts";
import { PLAINLY, SURELY, TO_THE_WORD, fromHandbook, spoken } from "./handbook.ts";
import { toMin, weekdaysText } from "./hours.ts";

const namesVals = (t: Turn, ids: readonly string[]): Value[] => ids.map((id) => val(calledText(t.house, id), staffSource(t.house, id)));

const namesVal = (t: Turn, ids: readonly string[], word: "or" | "and"): Value => joinVals(namesVals(t, ids), word);

export function staff(t: Turn, reading: Reading): boolean {
  const { house } = t;
  const before = t.state.askedStaff;
  const spokenOf = ofKind(reading.found, "staff").flatMap((s) => (s.value === "any" ? [] : s.value));
  // "Is Nell the only one who does it": who does what is spoken of, all of them.
  const another = ONLY_ONE.test(reading.said) || reading.errands.some((e) => e.rule === "errand/ask-staff/another");
  const ofIt = another ? spoken(t, reading) : [];
  // "Is he there on Wednesday": who was asked about before.
  const people = ofIt.length > 0 ? [] : spokenOf.length === 0 && before !== undefined && OF_ONE_PERSON.test(reading.said) ? [before] : spokenOf;
  const said = ofIt.length > 0 ? ofIt : ofKind(reading.found, "service").flatMap((f) => f.value);
  const spokenOfIt = said.length === 0 && t.state.topic !== undefined && reading.errands.some((e) => e.rule === "errand/ask-staff/is-it-with");
  const named = spokenOfIt ? [t.state.topic as string] : said;
  const days = ofKind(reading.found, "day").filter((d) => !d.not);
  const gender = ofKind(reading.found, "gender").at(-1)?.value;
  // What is asked of a person besides their work and days is the handbook's to say, or nobody's.
  const stillThere = reading.errands.some((e) => e.rule === "errand/ask-staff/still-there");
  if (people.length > 0 && !stillThere && besides(t, reading, people))
    return fromHandbook(t, reading, SUPPORTS, { asked: reading.masked.replace(/<\w+>/g, " ") });
  for (const who of [...new Set(people)].slice(0, 3)) {
    const person = house.staff.get(who);
    if (!person) continue;
    const name = val(calledText(house, who), staffSource(house, who));
    // "Is Thandi a woman": where the handbook says so.
    if (gender !== undefined && IS_OF_A_GENDER.test(reading.masked)) {
      if (person.gender !== "woman" && person.gender !== "man") return false;
      t.say("ask/gender-of", { staff: name, gender: val(`a ${person.gender}`, staffSource(house, who)) });
      continue;
    }
    const [firstNamed] = named;
    if (firstNamed !== undefined && days.length === 0) {
      const does = named.filter((s) => house.services.get(s)?.staff.includes(who));
      const s = does[0] ?? firstNamed;
      const service = val(serviceText(house, s), serviceSource(house, s));
      const others = (house.services.get(s)?.staff ?? []).filter((o) => o !== who);
      if (does.length > 0) t.say("ask/does", { staff: name, service });
      else if (others.length > 0) t.say("ask/does-not", { staff: name, service, people: namesVal(t, others, "or") });
      else t.say("ask/does-not-nobody", { staff: name, service });
      continue;
    }
    const asked = daysAsked(t, days);
    if (asked.length > 0 && person.hours.length > 0) {
      for (const x of asked.slice(0, 3)) {
        const date = val(dateText(house, x), saidSource);
        const own = house.worksOn(who, x);
        if (own.length === 0) t.say("ask/not-in", { staff: name, date });
        else
          t.say("ask/in", {
            staff: name,
            date,
            hours: val(
              listText(
                own.map((w) => `${timeText(house, w.fromMin)} to ${timeText(house, w.toMin)}`),
                "and",
              ),
              staffSource(house, who),
            ),
          });
      }
      continue;
    }
    const work = val(person.work, staffSource(house, who));
    const classes = house.handbook.services.filter((s) => s.group && s.staff.includes(who));
    if (person.hours.length > 0) {
      const list = joinVals(
        person.hours.map((h) =>
          val(
            `${h.every ? "some " : ""}${weekdaysText(h.weekdays.map(weekdayNumber))}${h.every ? "s" : ""} ${timeText(house, toMin(h.from))} to ${timeText(house, toMin(h.to))}`,
            staffSource(house, who),
          ),
        ),
        "and",
      );
      t.say("ask/works", { staff: name, work, list });
    } else if (classes.length > 0) {
      const list = joinVals(
        classes.flatMap((s) =>
          (s.group?.times ?? []).map((x) =>
            val(`${serviceText(house, s.id)} ${weekdaysText(x.weekdays.map(weekdayNumber))} ${timeText(house, toMin(x.at))}`, serviceSource(house, s.id)),
          ),
        ),
        "and",
      );
      t.say("ask/teaches", { staff: name, work, list });
    } else t.say("ask/staff-only", { staff: name, work });
  }
  if (people.length > 0) {
    t.outcome("answered");
    return true;
  }
  if (named.length === 0 && gender === undefined && whoIsIn(t, reading, days)) return true;
  const ofThat = gender !== undefined || OF_ONE_THING.test(reading.said);
  const about = named.length > 0 ? named : ofThat ? spoken(t, reading) : [];
  // "Who does that?" speaks of nothing else than what was spoken of.
  const besidesIt = contentOf(reading.masked.replace(/<\w+>/g, " ")).some((w) => !ABOUT_WORK.has(w));
  // "Which tutor is the patient one" asks for somebody, and not what holds for tutors.
  // So does "who does animals".
  // "How many years will she have them on" only sounds like a question about people.
  const ofNobody = people.length === 0 && gender === undefined && !SAYS_WHO.test(reading.said);
  const least = WHO_DOES_SUCH.test(reading.said) ? TO_THE_WORD : WHICH_OF_THEM.test(reading.said) ? PLAINLY : ofNobody ? SUPPORTS : SURELY;
  if (named.length === 0 && (about.length === 0 || besidesIt) && fromHandbook(t, reading, least)) return true;
  const all = [...new Set(about.flatMap((s) => house.services.get(s)?.staff ?? []))];
  if (gender) {
    const those = (all.length > 0 ? all : house.handbook.staff.filter((p) => p.bookable).map((p) => p.id)).filter(
      (id) => house.staff.get(id)?.gender === gender,
    );
    const list = ofThatWork(house, reading.said, those);
    if (list.length === 1) t.state.person = list[0] as string;
    if (list.length > 0) t.say(list.length === 1 ? "ask/of-gender-one" : "ask/of-gender", { people: namesVal(t, list, "and") });
    else t.say("ask/of-gender-none");
    t.outcome("answered");
    return true;
  }
  if (about.length === 0) return team(t, reading);
  delete t.state.person;
  t.state.people = all;
  for (const s of about.slice(0, 3)) {
    const who = house.services.get(s)?.staff ?? [];
    t.say("ask/who-does", { service: val(serviceText(house, s), serviceSource(house, s)), people: namesVal(t, who, "or") });
  }
  t.outcome("answered");
  return true;
}

/** The days that a question names, one by one. */
function daysAsked(t: Turn, days: readonly FoundOf<"day">[]): DayNumber[] {
  const today = t.house.zone.toLocal(t.now).day;
  return days.flatMap((d): DayNumber[] => {
    const v = d.value;
    if (v.kind === "days" && v.from !== undefined && v.to !== undefined && v.to - v.from < 7)
      return Array.from({ length: v.to - v.from + 1 }, (_, i) => (v.from as number) + i);
    if (v.kind === "ask" || v.kind === "either") return v.days;
    return v.kind === "weekdays" ? v.weekdays.map((w) => today + ((w - weekdayOf(today) + 7) % 7)) : [];
  });
}

/** "Who's on today": those who can be seen and work on the days that are named, a line for each day. */
function whoIsIn(t: Turn, reading: Reading, days: readonly FoundOf<"day">[]): boolean {
  const { house } = t;
  const asked = WHO_IS_IN.test(reading.said.toLowerCase()) ? daysAsked(t, days).slice(0, MOST_DAYS) : [];
  for (const day of asked) {
    const there = house.handbook.staff.filter((p) => p.bookable && house.worksOn(p.id, day).length > 0).map((p) => p.id);
    const date = val(dateText(house, day), saidSource);
    if (house.openOn(day).length === 0) sayClosed(t, day);
    else if (there.length === 0) t.say("ask/nobody-in", { date });
    else t.say("ask/who-is-in", { date, people: few(t, namesVals(t, there)) });
    if (there.length > 0) t.state.people = there;
  }
  if (asked.length > 0) t.outcome("answered");
  return asked.length > 0;
}

const MOST_DAYS = 3;

/** Nothing but people in general is asked for: who there is, by their work. */
function team(t: Turn, reading: Reading): boolean {
  const { house } = t;
  const roles = new Map<string, string[]>();
  for (const p of house.handbook.staff) if (p.bookable && p.work !== "") roles.set(p.work, [...(roles.get(p.work) ?? []), p.id]);
  const known = new Set([...PEOPLE, ...[...roles.keys()].flatMap(contentOf)]);
  if (roles.size === 0 || !(SAYS_WHO.test(reading.said) || contentOf(reading.masked.replace(/<\w+>/g, " ")).some((w) => known.has(w)))) return false;
  // "Which teacher is the patient one": who there is, is all that can be said.
  if (!WHICH_OF_THEM.test(reading.said) && contentOf(reading.masked.replace(/<\w+>/g, " ")).some((w) => !known.has(w))) return false;
  const parts = [...roles].map(([work, ids]) => val(`${work}: ${few(t, namesVals(t, ids)).text}`, ...ids.map((id) => staffSource(house, id))));
  const cut = t.state.channel === "phone" ? parts.slice(0, MOST_ALOUD) : parts;
  t.say("ask/team", { list: val(cut.map((p) => p.text).join("; "), ...cut.flatMap((p) => p.sources)) });
  t.outcome("answered");
  return true;
}

const PEOPLE = new Set(
  contentOf("who people person persons staff team therapist therapists works working work here there see anybody somebody everyone clinic place names called"),
);

/** So much is said of a list on the telephone. */
const MOST_ALOUD = 3;

/** All of a list in writing, and on the telephone the first of it: nobody keeps more in mind. */
export function few(t: Turn, list: readonly Value[], word: "and" | "or" = "and"): Value {
  if (t.state.channel !== "phone" || list.length <= MOST_ALOUD) return joinVals(list, word);
  return joinVals([...list.slice(0, MOST_ALOUD), val(word === "or" ? "another" : "others")], word);
}

/** Whether a question about people speaks of more than their work, their services and when they are in. */
function besides(t: Turn, reading: Reading, people: readonly string[]): boolean {
  const known = new Set(
    people.flatMap((p) => {
      const person = t.house.staff.get(p);
      const does = t.house.handbook.services.filter((s) => s.staff.includes(p)).flatMap((s) => [s.name, ...s.also, s.about]);
      return contentOf([person?.work ?? "", person?.name ?? "", ...does].join(" "));
    }),
  );
  return contentOf(reading.masked.replace(OPENS, "").replace(/<\w+>/g, " ")).some((w) => !known.has(w) && !ABOUT_WORK.has(w));
}

const ABOUT_WORK = new Set(
  contentOf(
    "working works hours schedule rota duty shift holiday vacation qualified qualification trained experience certified specialise therapist teach teaches team staff clinic",
  ),
);
