import { parsePhoneNumberFromString } from "libphonenumber-js/min";
import type { House } from "../house/compile.ts";
import { inside } from "../language/text.ts";
import { MONTHS, partsOf, weekdayName, weekdayOf, type DayNumber } from "../time/days.ts";
import { clockText, type EpochMin } from "../time/zone.ts";
import type { Wish } from "../schedule/wish.ts";

/** "2:00 pm" or "14:00", in the house's way for clients. */
export function timeText(house: House, minute: number): string {
  if (house.handbook.clientClock === "24") return clockText(minute);
  const h = Math.floor(minute / 60) % 24;
  return `${h % 12 === 0 ? 12 : h % 12}:${String(minute % 60).padStart(2, "0")} ${h < 12 ? "am" : "pm"}`;
}

/** "Thursday 4 March"; with the year when it is not this one. */
export function dateText(house: House, day: DayNumber, now?: EpochMin): string {
  const p = partsOf(day);
  const year = now === undefined ? p.year : partsOf(house.zone.toLocal(now).day).year;
  return `${weekdayName(weekdayOf(day))} ${p.date} ${MONTHS[p.month - 1]}${p.year === year ? "" : ` ${p.year}`}`;
}

/** "Thursday 4 March at 2:00 pm". */
export function whenText(house: House, at: EpochMin): string {
  const { day, minute } = house.zone.toLocal(at);
  return `${dateText(house, day)} at ${timeText(house, minute)}`;
}

/** "Thu 4 March, 2:00 pm", for buttons. */
export function whenShort(house: House, at: EpochMin): string {
  const { day, minute } = house.zone.toLocal(at);
  const p = partsOf(day);
  return `${weekdayName(weekdayOf(day)).slice(0, 3)} ${p.date} ${MONTHS[p.month - 1]}, ${timeText(house, minute)}`;
}

const formats = new Map<string, { whole: Intl.NumberFormat; parts: Intl.NumberFormat; digits: number }>();

/** "$95", "$37.50": minor units in the house's money and language. */
export function moneyText(house: House, minor: number): string {
  const { locale, currency } = house.handbook;
  let f = formats.get(`${locale} ${currency}`);
  if (!f) {
    const style = { style: "currency", currency, currencyDisplay: "narrowSymbol" } as const;
    const parts = new Intl.NumberFormat(locale, style);
    f = {
      parts,
      whole: new Intl.NumberFormat(locale, { ...style, minimumFractionDigits: 0, maximumFractionDigits: 0 }),
      digits: parts.resolvedOptions().maximumFractionDigits ?? 2,
    };
    formats.set(`${locale} ${currency}`, f);
  }
  const value = minor / 10 ** f.digits;
  return Number.isInteger(value) ? f.whole.format(value) : f.parts.format(value);
}

/** "an hour", "90 minutes", "half an hour". */
export function lengthText(minutes: number): string {
  if (minutes === 60) return "an hour";
  if (minutes === 30) return "half an hour";
  if (minutes % 60 === 0) return `${minutes / 60} hours`;
  return `${minutes} minutes`;
}

/** Elapsed time in words: "2 hours", "24 hours", "45 minutes". */
export function spanText(minutes: number): string {
  if (minutes % 60 === 0) return minutes === 60 ? "1 hour" : `${minutes / 60} hours`;
  return `${minutes} minutes`;
}

/** A telephone number in groups: the national form where it is the house's country, else the international one. */
export function phoneText(e164: string, country?: string): string {
  const nanp = /^\+1(\d{3})(\d{3})(\d{4})$/.exec(e164);
  if (nanp) return `${nanp[1]} ${nanp[2]} ${nanp[3]}`;
  const parsed = parsePhoneNumberFromString(e164);
  if (!parsed) return e164;
  return country !== undefined && parsed.country === country ? parsed.formatNational() : parsed.formatInternational();
}

/** A person as clients call them: the first of the short names. */
export function calledText(house: House, staffId: string): string {
  const p = house.staff.get(staffId);
  return p?.called[0] ?? p?.name.split(" ")[0] ?? staffId;
}

/** The name of a service inside a sentence. */
export const serviceText = (house: House, serviceId: string): string => inside(house.services.get(serviceId)?.name ?? serviceId);

/** "a, b or c". */
export function listText(items: readonly string[], word: "or" | "and"): string {
  if (items.length <= 1) return items[0] ?? "";
  return `${items.slice(0, -1).join(", ")} ${word} ${items[items.length - 1]}`;
}

/** A wish as it is said: "Thursday 4 March at 5:30 pm with Nell", "any day, not Fridays, after 2:00 pm". */
export function wishText(house: House, wish: Wish): string {
  const { days, time, staff } = wish;
  const parts: string[] = [];
  const ranges = (days?.ranges ?? []).map(({ from, to }) => {
    if (from !== undefined && from === to) return dateText(house, from);
    if (from !== undefined && to !== undefined) return `${dateText(house, from)} to ${dateText(house, to)}`;
    if (from !== undefined) return `from ${dateText(house, from)} on`;
    return to === undefined ? "any day" : `any day until ${dateText(house, to)}`;
  });
  if (days?.weekdays)
    parts.push(
      listText(
        days.weekdays.map((w) => `${weekdayName(w)}s`),
        "or",
      ),
    );
  if (ranges.length > 0) parts.push(listText(ranges, "or"));
  if (parts.length === 0) parts.push("any day");
  const not = [...(days?.excludeWeekdays ?? []).map((w) => `${weekdayName(w)}s`), ...(days?.excludeDays ?? []).map((d) => dateText(house, d))];
  if (not.length > 0) parts.push(`${parts.pop() ?? ""}, not ${listText([...new Set(not)], "or")},`);
  if (time?.fromMin !== undefined && time.fromMin === time.toMin) parts.push(`at ${timeText(house, time.fromMin)}`);
  else if (time?.fromMin !== undefined && time.toMin !== undefined) parts.push(`between ${timeText(house, time.fromMin)} and ${timeText(house, time.toMin)}`);
  else if (time?.fromMin !== undefined) parts.push(`after ${timeText(house, time.fromMin)}`);
  else if (time?.toMin !== undefined) parts.push(`before ${timeText(house, time.toMin)}`);
  if (staff && staff.length > 0)
    parts.push(
      `with ${listText(
        staff.map((id) => calledText(house, id)),
        "or",
      )}`,
    );
  return parts.join(" ").replace(/,$/, "");
}

export function capital(text: string): string {
  return text.slice(0, 1).toUpperCase() + text.slice(1);
}
