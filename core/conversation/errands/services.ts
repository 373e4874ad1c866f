import {
  ANYTHING_FOR,
  FOR_WHAT_WAS_TOLD,
  DO_YOU_OFFER,
  HOW_LONG,
  HOW_LONG_TO_WAIT,
  KIND_WORDS,
  OF_WHICHEVER,
  WHAT_DO_YOU_DO,
  WHAT_TO_BRING,
  WHICH_OR_WHAT,
  A_KIND_OF_THING,
  WHICH_SERVICES,
  OF_ITS_LENGTH,
} from "../../language/packs/en/asked.ts";
import { newBook } from "../tasks.ts";
import type { Service } from "../../house/schema.ts";
import { likely } from "../../knowledge/likely.ts";
import { described, SUPPORTS } from "../../knowledge/match.ts";
import { aboutInside, contentOf } from "../../knowledge/search.ts";
import { complains } from "../../language/features.ts";
import { ofKind, WEAK_SERVICE } from "../../language/found.ts";
import type { Reading } from "../../language/read.ts";
import { WEEKDAYS, weekdayNumber, weekdayOf } from "../../time/days.ts";
import { lengthText, serviceText, timeText } from "../format.ts";
import { serviceSource } from "../sources.ts";
import type { BookTask } from "../state.ts";
import { joinVals, val, type Turn } from "../turn.ts";
import { SURELY, fromHandbook, mayLook, spoken } from "./handbook.ts";
import { toMin, weekdaysText } from "./hours.ts";
import { few } from "./people.ts";
import { LENGTH_ENOUGH } from "../../language/packs/en/signs.ts";
import { ASKS_WHAT, DO_THAT, OF_THAT, SEEKS, SEEKS_HELP, SEEKS_SOMETHING, WHEN_IT_IS } from "../../language/packs/en/talk.ts";

/** Services for a list that is cut: those first that are of different kinds. */
function unlike(t: Turn): string[] {
  const first: string[] = [];
  const later: string[] = [];
  const words = new Set<string>();
  for (const s of t.house.handbook.services) {
    const own = contentOf(s.name);
    (own.some((w) => words.has(w)) ? later : first).push(s.id);
    for (const w of own) words.add(w);
  }
  return [...first, ...later];
}

/** What there is to choose from; on the telephone a few, and what else it is for is asked. */
export function services(t: Turn): void {
  const { house } = t;
  const ids = t.state.channel === "phone" ? unlike(t) : house.handbook.services.map((s) => s.id);
  t.say("ask/services", {
    list: few(
      t,
      ids.map((id) => val(serviceText(house, id), serviceSource(house, id))),
    ),
  });
}

/** Whether a question speaks of services in general and of nothing else: "what do you offer", "is there a menu". */
function ofServices(reading: Reading): boolean {
  const words = contentOf(reading.masked.replace(/<\w+>/g, " "));
  return reading.question && words.every((w) => SERVICES.has(w)) && (words.length > 0 || WHAT_DO_YOU_DO.test(reading.said));
}

const SERVICES = new Set(
  contentOf(
    "what which offer offers offering provide provides services service treatments treatment kinds kind sorts sort types type menu list range options available have do there here clinic place book bookable get choose tell",
  ),
);

/** Whether a question speaks of something that neither the services' names nor their descriptions have. */
export function beyond(t: Turn, reading: Reading, ids: readonly string[]): boolean {
  const known = new Set(
    ids.flatMap((id) => {
      const s = t.house.services.get(id);
      return s ? [...contentOf(s.name), ...s.also.flatMap(contentOf), ...contentOf(s.about), ...contentOf(s.bring ?? "")] : [];
    }),
  );
  return contentOf(reading.said).some((w) => !known.has(w));
}

export function service(t: Turn, reading: Reading): boolean {
  const { house } = t;
  const text = reading.said.toLowerCase();
  const named = ofKind(reading.found, "service").flatMap((f) => f.value);
  const list = named.length > 0 ? named : spoken(t, reading);
  const one = list[0];
  const long = LENGTH_ENOUGH.test(reading.masked) || HOW_LONG.test(text);
  const bring = WHAT_TO_BRING.test(text);
  const info = one === undefined ? undefined : house.services.get(one);
  const done = (): true => {
    t.outcome("answered");
    return true;
  };
  if (reading.errands.some((e) => e.rule === "errand/ask-service/right-place") && rightPlace(t, reading)) return done();
  // "For how long do I need to sleep with a retainer": how long something else goes on.
  const besidesLength = contentOf(reading.masked.replace(/<\w+>/g, " ")).some((w) => !OF_ITS_LENGTH.has(w));
  if (long && besidesLength && fromHandbook(t, reading, SURELY, { telling: true, kinds: ["answer", "fact"] })) return true;
  // "How long do I have to hold off smoking after a tooth is pulled".
  if (HOW_LONG_TO_WAIT.test(text) && fromHandbook(t, reading, SUPPORTS, { telling: true, kinds: ["answer", "fact"] })) return true;
  if (long && info && one !== undefined) {
    if (list.length === 1) t.state.topic = one;
    for (const id of list.slice(0, 3)) {
      const s = house.services.get(id);
      if (s) sayLengths(t, s);
    }
    return done();
  }
  // "How long does it take", "what should I bring", of no service yet.
  const ofAny = one === undefined && !t.state.task && OF_WHICHEVER.test(text);
  if (ofAny && bring && fromHandbook(t, reading, SURELY)) return true;
  if (ofAny && (long || house.handbook.services.some((s) => s.bring))) {
    t.say("ask/of-which");
    t.state.asking = "ask-service";
    t.state.askingWhat = reading.said;
    t.expect(
      "service",
      house.handbook.services.slice(0, 10).map((s) => ({ label: s.name, say: s.name })),
    );
    return done();
  }
  if (bring && info?.bring && one !== undefined) {
    t.state.topic = one;
    t.say("ask/bring", { bring: val(info.bring, serviceSource(house, one)) });
    return done();
  }
  if (info?.group && one !== undefined && WHEN_IT_IS.test(text) && (named.length > 0 || contentOf(reading.said).length === 0))
    return classTimes(t, one, reading) && done();
  // "Which massage would you recommend": each of those that the word stands for is told, and which it is to be is theirs to say.
  const several = ofKind(reading.found, "service").find((f) => f.value.length > 1);
  if (several && several.value.length <= 3 && SEEKS.test(text)) {
    for (const id of several.value) {
      const s = house.services.get(id);
      if (s?.about) t.say("ask/about", { about: val(`${s.name}: ${aboutInside(t.house, s)}`, serviceSource(house, id)) });
    }
    t.say("ask/which-of-these");
    t.state.topics = [...several.value];
    t.state.asking = "book";
    t.expect(
      "service",
      several.value.map((id) => ({ label: house.services.get(id)?.name ?? id, say: house.services.get(id)?.name ?? id })),
    );
    return done();
  }
  // "What do I get for that", "what does it include": the description itself.
  if (one !== undefined && info?.about && OF_THAT.test(text)) {
    t.state.topic = one;
    t.say("ask/about", { about: val(info.about, serviceSource(house, one)) });
    return done();
  }
  if (!t.state.task && named.length === 0 && (SEEKS_HELP.test(text) || (complains(text) && SEEKS_SOMETHING.test(text)))) {
    const fresh = newBook();
    if (startWith(t, fresh)) {
      t.state.task = fresh;
      return done();
    }
  }
  // "Do you have anything for stress": what there is for that.
  if (!t.state.task && ANYTHING_FOR.test(text)) {
    // "What have you got for a sore neck": no line that says whether something hurts.
    // "My hair's so dry it snaps, what have you got for that?": nor any other than what it tells of.
    if ((complains(text) || FOR_WHAT_WAS_TOLD.test(text)) && rightPlace(t, reading)) return done();
    if (fromHandbook(t, reading, SURELY)) return true;
    if (rightPlace(t, reading)) return done();
  }
  // "My neck is stiff, what would you suggest": what there is to choose from; which of it is theirs to say.
  if (!t.state.task && named.length === 0 && SEEKS.test(text) && !A_KIND_OF_THING.test(text)) {
    services(t);
    t.expect("service");
    t.state.asking = "book";
    return done();
  }
  if (named.length === 0 && ofServices(reading)) {
    services(t);
    return done();
  }
  // "What massages do you have": all that the one word stands for.
  const kinds = ofKind(reading.found, "service").find((f) => f.value.length > 1);
  if (kinds && named.length === kinds.value.length && ofServices(reading)) {
    t.say("ask/services-of", {
      list: few(
        t,
        kinds.value.map((id) => val(serviceText(house, id), serviceSource(house, id))),
      ),
    });
    t.state.topics = [...kinds.value];
    return done();
  }
  // A wording of the handbook's own answers goes before the description.
  const asks = ASKS_WHAT.test(reading.masked) || DO_THAT.test(text);
  const bare = reading.masked.replace(/<\w+>/g, " ");
  if (fromHandbook(t, reading, named.length > 0 && asks ? 0.7 : SUPPORTS)) return true;
  if (named.length > 0 && !asks && fromHandbook(t, reading, SURELY, { asked: bare })) return true;
  // "Which massage is the gentler one": of those that the word stands for, the one whose description says so.
  const fits = kinds && WHICH_OR_WHAT.test(text) ? described(house, kinds.value, bare.replace(KIND_WORDS, " ")) : null;
  const fit = fits === null ? undefined : house.services.get(fits);
  if (fit?.about) {
    t.state.topic = fit.id;
    t.say("ask/about", { about: val(`${fit.name}: ${aboutInside(house, fit)}`, serviceSource(house, fit.id)) });
    return done();
  }
  // What the description does not speak of, it does not answer.
  if (named.length > 0 && !asks && beyond(t, reading, named)) return false;
  if (named.length > 0) {
    for (const id of [...new Set(named)].slice(0, 2)) {
      const s = house.services.get(id);
      if (!s) continue;
      t.state.topic = id;
      const source = serviceSource(house, id);
      if (s.about)
        t.say("ask/about", {
          about: val(named.length > 1 || DO_YOU_OFFER.test(text) ? `${s.name}: ${aboutInside(t.house, s)}` : s.about, source),
        });
      sayLengths(t, s);
    }
    if (new Set(named).size === 1) mayLook(t, reading, named[0] as string);
    return done();
  }
  // Of what was spoken of last: what its description speaks of, it answers.
  if (one !== undefined && info?.about && contentOf(reading.said).length > 0 && !beyond(t, reading, [one])) {
    t.state.topic = one;
    t.say("ask/about", { about: val(info.about, serviceSource(house, one)) });
    return done();
  }
  if (WHICH_SERVICES.test(text) && !A_KIND_OF_THING.test(text) && !(bring && one !== undefined)) {
    services(t);
    return done();
  }
  return false;
}

/** How long it takes, or may take. */
export function sayLengths(t: Turn, s: Service): void {
  const source = serviceSource(t.house, s.id);
  // Of the visit that was told of, how long that one is.
  const own = t.state.appointments.find((a) => a.id === t.state.toldOf && a.service === s.id)?.lengthMin;
  t.say("ask/length", {
    service: val(s.name, source),
    list: joinVals(
      (own === undefined ? s.variants.map((v) => v.lengthMin) : [own]).map((min) => val(lengthText(min), source)),
      "or",
    ),
  });
}

/** When a class is held; of a day that it is asked of, where it is held then. */
function classTimes(t: Turn, id: string, reading: Reading): boolean {
  const s = t.house.services.get(id);
  const days = ofKind(reading.found, "day").flatMap((f) =>
    f.value.kind === "days" && f.value.from !== undefined && f.value.from === f.value.to ? [WEEKDAYS[weekdayOf(f.value.from) - 1]] : [],
  );
  const all = s?.group?.times ?? [];
  const then = all.flatMap((x) => (x.weekdays.some((w) => days.includes(w)) ? [{ ...x, weekdays: x.weekdays.filter((w) => days.includes(w)) }] : []));
  const times = then.length > 0 ? then : all;
  if (!s || times.length === 0) return false;
  const source = serviceSource(t.house, id);
  t.state.topic = id;
  t.say("ask/class-times", {
    service: val(s.name, source),
    list: joinVals(
      times.map((x) => val(`${weekdaysText(x.weekdays.map(weekdayNumber))} at ${timeText(t.house, toMin(x.at))}`, source)),
      "and",
    ),
  });
  return true;
}

/** The service that the house has everybody begin with, where there is one such. */
export function firstOfAll(t: Turn): string | undefined {
  const [first, other] = new Set(t.house.handbook.services.flatMap((s) => (s.after ? [s.after] : [])));
  return other === undefined ? first : undefined;
}

/** Whoever has a complaint and seeks help begins with what the house has everybody begin with. */
export function startWith(t: Turn, task: BookTask): boolean {
  const first = firstOfAll(t);
  const s = first === undefined ? undefined : t.house.services.get(first);
  if (!s || first === undefined) return false;
  const source = serviceSource(t.house, first);
  t.say("ask/start-with", {
    service: val(`a ${serviceText(t.house, first)}`, source),
    about: val(aboutInside(t.house, s), source),
  });
  task.among = [first];
  task.suggested = true;
  t.expect("service", oneOrNone(s.name));
  return true;
}

/** To take the one service that is suggested, or none. */
export const oneOrNone = (name: string): { label: string; say: string }[] => [
  { label: name, say: name },
  { label: "No, thank you", say: "No, thank you" },
];

/** "Is this where I come for back trouble": what the house has for that. */
function rightPlace(t: Turn, reading: Reading): boolean {
  const named = [...new Set(ofKind(reading.found, "service").flatMap((f) => f.value))];
  const first = firstOfAll(t);
  const near = likely(t.house, reading.said);
  // What ails somebody, and no line of a service speaks of, is for what one begins with.
  // "My hair's so dry, what have you got for that": what is told of says more than a word in passing.
  const passing = near.length === 1 && FOR_WHAT_WAS_TOLD.test(reading.said) && ofKind(reading.found, "service").every((f) => WEAK_SERVICE.test(f.rule));
  const list = passing ? near : named.length > 0 ? named : near.length === 0 && first !== undefined && complains(reading.said) ? [first] : near;
  if (list.length === 0) return false;
  const only = list.length === 1 ? t.house.services.get(list[0] as string) : undefined;
  if (only?.about) t.say("ask/about", { about: val(`${only.name}: ${aboutInside(t.house, only)}`, serviceSource(t.house, only.id)) });
  else
    t.say("ask/services-of", {
      list: few(
        t,
        list.map((id) => val(serviceText(t.house, id), serviceSource(t.house, id))),
      ),
    });
  if (list.length === 1) {
    t.state.topic = list[0] as string;
    mayLook(t, reading, t.state.topic);
  } else t.state.topics = list;
  t.state.lastAsk ??= "ask-service";
  return true;
}
