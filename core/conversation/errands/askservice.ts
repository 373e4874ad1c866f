import type { House } from "../../house/compile.ts";
import type { Service } from "../../house/schema.ts";
import { likely } from "../../knowledge/likely.ts";
import { aboutInside, contentOf } from "../../knowledge/search.ts";
import { OF_THE_YOUNG } from "../../language/packs/en/company.ts";
import { BEGINS_WITH, FOR_THE_NEW, FOR_WHO_RETURNS, WHAT_ONE_NEEDS } from "../../language/packs/en/talk.ts";
import { SENT_BY_DOCTOR } from "../../language/packs/en/turns.ts";
import { serviceText } from "../format.ts";
import { serviceSource } from "../sources.ts";
import type { BookTask } from "../state.ts";
import { val, type Turn } from "../turn.ts";
import { singleDay } from "../wish.ts";
import { sayClosed } from "./closed.ts";
import { lookUp, yesNoChoices } from "./identity.ts";
import { few } from "./people.ts";
import { oneOrNone, services, startWith } from "./services.ts";
import { namedFirst } from "./told.ts";

/** Asked so often which service it is for, somebody at the desk can find out better. */
const OPEN_TOO_LONG = 5;

/** Counts how often it was asked which service it is for; true when that was too often, and the desk has been offered. */
function openTooLong(t: Turn, task: BookTask): boolean {
  // A question that came between was answered first.
  if (!t.spoke || t.state.repairs > 0) task.serviceAsked = (task.serviceAsked ?? 0) + 1;
  if ((task.serviceAsked ?? 0) < OPEN_TOO_LONG) return false;
  t.say("book/which-not-clear");
  // "No, before noon": what was wished for waits, for who does not want a message.
  task.serviceAsked = 0;
  t.state.later.push(task);
  t.state.task = { errand: "message", offered: "Wants a visit; which service it is for is not clear.", stuck: true };
  t.expect("message", yesNoChoices());
  return true;
}

/** Asks which of some services is meant, naming them: on the telephone three, and that there are others. */
function askWhichOf(t: Turn, ids: readonly string[]): void {
  const names = ids.map((id) => val(serviceText(t.house, id), serviceSource(t.house, id)));
  t.say("book/ask-which-service", { list: few(t, names, "or") });
  const called = (id: string): string => t.house.services.get(id)?.name ?? id;
  t.expect(
    "service",
    ids.map((id) => ({ label: called(id), say: called(id) })),
  );
}

/** So many services of one person are named when it is asked which. */
export const FEW = 5;

/** What could be meant by what was told, of what has not been declined and the person who is wished for does. */
function suggested(t: Turn, task: BookTask, told: string): string[] {
  const { house } = t;
  const may = (id: string): boolean => {
    const s = house.services.get(id);
    if (s && t.state.client.saysBefore && (FOR_THE_NEW.test(s.name) || s.clients === "new")) return false;
    return s !== undefined && !task.declined?.includes(id) && (!Array.isArray(task.staff) || s.staff.some((p) => task.staff?.includes(p)));
  };
  const news = house.handbook.services.filter((s) => may(s.id) && !s.group && FOR_THE_NEW.test(s.name));
  if (t.state.client.saysBefore === false && news.length === 1) return news.map((s) => s.id);
  const generals = house.handbook.services.filter((s) => may(s.id) && !s.group && isGeneral(house, s));
  const general = generals.length === 1 ? generals.map((s) => s.id) : [];
  // "What do we need for that": what anything begins with, where there is such.
  if (general.length > 0 && WHAT_ONE_NEEDS.test(told)) return general;
  // "My doctor is telling me to see a dietician", and for what is not among what the house is for.
  if (general.length > 0 && SENT_BY_DOCTOR.test(told.toLowerCase()) && likely(house, told).length !== 1) return general;
  // "I've hurt my back, could somebody see me": a first visit or a return, where nothing of the house's is for just that.
  const backs = house.handbook.services.filter((s) => may(s.id) && !s.group && FOR_WHO_RETURNS.test(s.name));
  const firstOrReturn =
    task.complaint && t.state.client.saysBefore === undefined && news.length === 1 && backs.length === 1 ? [...news, ...backs].map((s) => s.id) : [];
  // "It makes a noise, what is it?", which nobody could say: what is wished next may be for that.
  for (const text of [told, `${t.state.told ?? ""} ${told}`]) {
    // What several do together is nothing for who has just hurt themselves.
    // "My son has a cough": that he is a child tells nothing of what ails him, where there is something that one begins with.
    const need = general.length > 0 ? text.replace(OF_THE_YOUNG, " ") : text;
    const near = likely(house, need).filter((id) => may(id) && !(task.complaint && house.services.get(id)?.group));
    if (firstOrReturn.length > 0 && (near.length > 1 || near.some((id) => firstOrReturn.includes(id)))) return firstOrReturn;
    // "He's limping", where everything new begins with a consultation.
    if (task.complaint && near.length > 1 && general.length === 1) return general;
    // "Only I can understand him": beside what may be meant, what anything begins with.
    if (near.length === 2 && general.length === 1 && t.state.client.match !== "both" && !t.state.client.saysBefore) return [...new Set([...general, ...near])];
    if (near.length > 0) return near;
  }
  return firstOrReturn.some((id) => general.includes(id)) ? firstOrReturn : general;
}

/** Of a first visit and one for who comes back, the second; undefined where it is not just these two, or they have said whether they have been here. */
function returns(t: Turn, among: readonly string[]): string | undefined {
  const { client } = t.state;
  if (among.length !== 2 || client.saysBefore !== undefined) return undefined;
  const two = among.flatMap((id) => t.house.services.get(id) ?? []);
  return two.find((s) => two.some((first) => s.after === first.id || (FOR_WHO_RETURNS.test(s.name) && FOR_THE_NEW.test(first.name))))?.id;
}

/** "Consultation", "skin consultation" at a skin clinic: what anything new begins with, by its name. */
function isGeneral(house: House, s: Service): boolean {
  const own = new Set(contentOf(house.handbook.name));
  return BEGINS_WITH.test(s.name) && contentOf(s.name.replace(BEGINS_WITH, " ")).every((w) => own.has(w));
}

/** Asks which service it is for, or settles it; true where it is settled by now. */
export function askService(t: Turn, task: BookTask): boolean {
  const { house } = t;
  const [only] = task.among ?? [];
  if (task.maybe && only !== undefined && task.among?.length === 1) {
    delete task.maybe;
    task.suggested = true;
    const name = house.services.get(only)?.name ?? only;
    t.say("book/is-it-for", { service: val(serviceText(house, only), serviceSource(house, only)) });
    t.expect("service", [
      { label: name, say: name },
      { label: "Something else", say: "No, something else" },
    ]);
    return false;
  }
  // A length that only one of them comes in settles which is meant.
  if (task.among && task.among.length > 1 && typeof task.saidLength === "number") {
    const fit = task.among.filter((id) => house.services.get(id)?.variants.some((v) => v.lengthMin === task.saidLength));
    if (fit.length === 1 && fit[0]) {
      task.service = fit[0];
      delete task.among;
      t.rule("service/only-one-of-that-length");
      return true;
    }
  }
  // Who has never been here cannot mean what comes after a first visit.
  if (task.among && t.state.client.saysBefore === false) {
    const first = task.among.filter((id) => !house.services.get(id)?.after);
    if (first.length === 1 && first[0]) {
      task.service = first[0];
      delete task.among;
      t.rule("service/only-one-for-new-clients");
      return true;
    }
  }
  if (task.among && task.among.length > 1) {
    if (openTooLong(t, task)) return false;
    // Of a first visit and one for those who come back, whether they have been here tells.
    const back = returns(t, task.among);
    const c = t.state.client;
    if (back !== undefined && c.name && (c.phone ?? c.email) && c.match === undefined && lookUp(t)) return false;
    // Who is known has been here, or has only been put down for it.
    const known = c.match === "both" && c.saysBefore === undefined ? (c.card?.assessed ?? true) : undefined;
    if (back !== undefined && known !== undefined) {
      task.service = known ? back : (task.among.find((id) => id !== back) as string);
      delete task.among;
      t.rule("service/known-client");
      return true;
    }
    if (back !== undefined && !task.asksBefore) {
      task.asksBefore = true;
      t.say("book/been-before");
      t.expect("service", yesNoChoices());
      return false;
    }
    // Who has been asked twice and names none may begin with what anything begins with.
    const begins = task.among.filter((id) => {
      const s = house.services.get(id);
      return s !== undefined && !s.group && isGeneral(house, s) && !task.declined?.includes(id);
    });
    if ((task.serviceAsked ?? 0) > 2 && begins.length === 1) {
      task.among = begins;
      task.maybe = true;
      t.rule("service/begins-with");
      return askService(t, task);
    }
    // … and who may be new here with what there is for those who are.
    const news = house.handbook.services.filter(
      (s) =>
        !s.group && FOR_THE_NEW.test(s.name) && !task.declined?.includes(s.id) && (!Array.isArray(task.staff) || s.staff.some((p) => task.staff?.includes(p))),
    );
    const [first, another] = news;
    if ((task.serviceAsked ?? 0) > 2 && task.byTold && first && !another && c.match !== "both" && c.saysBefore === undefined) {
      task.among = [first.id];
      task.maybe = true;
      t.rule("service/for-the-new");
      return askService(t, task);
    }
    // Who has heard what they are, and still does not choose, is helped to by one of them.
    const [one, ...rest] = task.among;
    if (task.toldApart && (task.serviceAsked ?? 0) > 1 && one !== undefined) {
      Object.assign(task, { among: [one], maybe: true, rest, serviceAsked: 2 });
      t.rule("service/one-at-a-time");
      return askService(t, task);
    }
    // Who does not choose hears what they are; on the telephone that would be too long, and one is put forward the next time.
    if ((task.serviceAsked === 3 || task.tellApart) && task.among.length <= 3) {
      task.toldApart = true;
      for (const id of t.state.channel === "phone" ? [] : task.among) {
        const s = house.services.get(id);
        if (s?.about) t.say("ask/about", { about: val(`${s.name}: ${aboutInside(house, s)}`, serviceSource(house, id)) });
      }
    }
    delete task.tellApart;
    askWhichOf(t, task.among);
    return false;
  }
  // What was suggested and is neither taken nor declined is suggested still.
  if (task.suggested && only !== undefined && task.among?.length === 1) {
    if (openTooLong(t, task)) return false;
    t.say("book/look-for-it", { service: val(serviceText(house, only), serviceSource(house, only)) });
    t.expect("service", oneOrNone(house.services.get(only)?.name ?? only));
    return false;
  }
  if (task.complaint && !task.suggested && t.state.client.match !== "both" && startWith(t, task)) return false;
  // What was told of the need speaks for one of them, or for a few; else for what anything new begins with.
  const told = task.told ?? (t.state.told === undefined && t.state.client.saysBefore !== false ? undefined : "");
  if (!task.among && told !== undefined) {
    // What they asked about since is likelier than what their need is like.
    const topic = t.state.lastAsk === undefined ? undefined : t.state.topic;
    const meant = topic !== undefined && house.services.has(topic) ? [topic] : namedFirst(house, suggested(t, task, told), told);
    delete task.told;
    delete t.state.told;
    if (meant.length > 0) {
      task.among = meant;
      task.byTold = true;
      if (meant.length === 1) task.maybe = true;
      t.rule("service/by-what-was-told");
      return askService(t, task);
    }
  }
  // Who has been asked and named nothing hears what there is.
  if (openTooLong(t, task)) return false;
  // Of one person, what they do is what there is to choose from.
  const theirs = task.staff && task.staff !== "any" ? house.handbook.services.filter((s) => s.staff.some((p) => task.staff?.includes(p))) : [];
  const who = theirs.filter((s) => !t.state.client.saysBefore || !FOR_THE_NEW.test(s.name));
  const [sole] = who.length === 1 && !t.state.client.saysBefore ? who : [];
  if (sole && !task.declined?.includes(sole.id)) {
    task.among = [sole.id];
    task.maybe = true;
    t.rule("service/by-person");
    return askService(t, task);
  }
  if (who.length > 1 && who.length <= FEW) {
    askWhichOf(
      t,
      who.map((s) => s.id),
    );
    return false;
  }
  if (task.serviceAsked === 2) services(t);
  // "How busy are you today", on a day on which nobody is there: that is said first.
  const day = singleDay(task.wish.days);
  if (day !== undefined && house.openOn(day).length === 0 && task.serviceAsked === 1) sayClosed(t, day);
  t.say("book/ask-service");
  t.expect(
    "service",
    house.handbook.services.slice(0, 10).map((s) => ({ label: s.name, say: s.name })),
  );
  return false;
}
