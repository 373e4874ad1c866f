import { HAD_ONE, HAS_DONE, LONG_OR_SHORT, FOR_SO_MANY, SO_MANY, SO_MANY_FOR } from "../packs/en/reading.ts";
import type { House } from "../../house/compile.ts";
import type { Service } from "../../house/schema.ts";
import type { Found } from "../found.ts";
import { CARDINALS } from "../packs/en/words.ts";
import { AGO } from "../packs/en/signs.ts";
import type { Said } from "../text.ts";
import { spokenOfBeside } from "./house.ts";

/** Leaves of each find that could be several services those that fit, where some do and some do not. Changes `offered`. */
function keep(house: House, offered: Found[], rule: string, fits: (service: Service, f: Found) => boolean): void {
  offered.forEach((f, i) => {
    if (f.kind !== "service" || f.value.length < 2) return;
    const fit = f.value.filter((id) => {
      const service = house.services.get(id);
      return service !== undefined && fits(service, f);
    });
    if (fit.length === 0 || fit.length === f.value.length) return;
    offered[i] = { ...f, value: fit, rule, ...(fit.length === 1 ? { assumed: house.services.get(fit[0] as string)?.name ?? "" } : {}) };
  });
}

/** A length that only some of the services in question have tells which are meant: "45 minutes", "the short one". */
export function narrow(said: Said, house: House, offered: Found[], size: readonly Found[]): void {
  const minutes = size.find((l) => l.kind === "length" && typeof l.value === "number" && !/-by$/.test(l.rule));
  if (minutes?.kind === "length") keep(house, offered, "service/by-length", (s) => s.variants.some((v) => v.lengthMin === minutes.value));
  keep(house, offered, "service/by-length", (s, f) => s.variants.length > 1 || !LONG_OR_SHORT.test(said.norm.slice(0, f.start)));
}

/** Who is to do it tells which of them it is, where not all are done by them: "a scan with Tessie". */
export function narrowByPeople(said: Said, house: House, offered: Found[], people: readonly Found[]): void {
  const named = people.filter((p) => p.kind === "staff" && p.value !== "any");
  const [only] = named;
  if (named.length !== 1 || only?.kind !== "staff" || only.value === "any" || only.not) return;
  const who = only.value;
  const does = (s: Service | undefined): boolean => s !== undefined && s.staff.some((id) => who.includes(id));
  keep(house, offered, "service/by-person", does);
  // "Can Doc Liza read my scan": of what she does, the one that another word speaks of.
  if (offered.filter((f) => f.kind === "service").length > 1) return;
  offered.forEach((f, i) => {
    const [id] = f.kind === "service" && f.value.length === 1 ? f.value : [];
    if (id === undefined || f.kind !== "service" || does(house.services.get(id))) return;
    const theirs = house.handbook.services.filter(does).map((s) => s.id);
    const meant = spokenOfBeside(said, house, f, theirs);
    if (meant !== null) offered[i] = { ...f, value: [meant], rule: "service/by-person", assumed: house.services.get(meant)?.name ?? "" };
  });
}

/** Whether what is named is held for several at a time. */
export const forSeveral = (house: House, f: Found): boolean =>
  f.kind === "service" && f.value.length === 1 && house.services.get(f.value[0] as string)?.group !== undefined;

/** "A long medical certificate", of a service that comes in several lengths. */
export function longOrShort(said: Said, house: House, offered: readonly Found[]): Found[] {
  return offered.flatMap((f): Found[] => {
    const word = LONG_OR_SHORT.exec(said.norm.slice(0, f.start));
    const [id] = f.kind === "service" && f.value.length === 1 ? f.value : [];
    if (!word || id === undefined || (house.services.get(id)?.variants.length ?? 0) < 2) return [];
    return [{ kind: "length", value: word[1] === "long" ? "long" : "short", rule: "length/long-short", start: word.index, end: f.start - 1 }];
  });
}

/** "Two flu jabs": how many of a thing are wished for. */
export function counted(said: Said, house: House, offered: readonly Found[]): Found[] {
  return offered.flatMap((f): Found[] => {
    // "Two for Pilates": of what is held for several, how many come.
    const come = forSeveral(house, f) ? SO_MANY_FOR.exec(said.norm.slice(0, f.start)) : null;
    if (come)
      return [
        {
          kind: "places",
          value: CARDINALS[come[1] as string] ?? Number(come[1]),
          rule: "places/for-the",
          start: come.index + come[0].indexOf(come[1] as string),
          end: f.start - 1,
        },
      ];
    // "Training for four teachers".
    const whom = forSeveral(house, f) ? FOR_SO_MANY.exec(said.norm.slice(f.end)) : null;
    if (whom) {
      const end = f.end + whom[0].length;
      return [
        {
          kind: "places",
          value: CARDINALS[whom[1] as string] ?? Number(whom[1]),
          rule: "places/for-the",
          start: f.end + whom[0].lastIndexOf(" for ") + 1,
          end,
        },
      ];
    }
    const number = SO_MANY.exec(said.norm.slice(0, f.start));
    // "We've done four classes": so many have been.
    if (number && HAS_DONE.test(said.norm.slice(0, number.index))) return [];
    if (!number || f.kind !== "service" || f.value.length !== 1 || !/[^s]s$/.test(said.norm.slice(f.start, f.end))) return [];
    // What is called by a word in the plural is no more than one by it.
    if (house.services.get(f.value[0] as string)?.also.some((a) => a.toLowerCase() === said.norm.slice(f.start, f.end))) return [];
    return [{ kind: "places", value: CARDINALS[number[1] as string] ?? Number(number[1]), rule: "places/of-a-thing", start: number.index, end: f.start - 1 }];
  });
}

/** "Shockwave, please. I had my assessment in February": what somebody has had, beside what they wish for. */
export function hadBefore(said: Said, offered: readonly Found[]): Found[] {
  const services = offered.filter((f) => f.kind === "service");
  const past = services.filter((f) => HAD_ONE.test(said.norm.slice(0, f.start)));
  // "I had a test last year", of which nothing more is wished for.
  const long = past.filter((f) => AGO.test(said.norm.slice(f.end)));
  return past.length < services.length ? past : long;
}
