import words from "number-to-words";
import type { House } from "../../house/compile.ts";

/** What a sum is called aloud, by ISO 4217: one of it, several, and its hundredth. */
const MONEY: Record<string, [string, string, string, string]> = {
  CAD: ["dollar", "dollars", "cent", "cents"],
  USD: ["dollar", "dollars", "cent", "cents"],
  AUD: ["dollar", "dollars", "cent", "cents"],
  NZD: ["dollar", "dollars", "cent", "cents"],
  EUR: ["euro", "euros", "cent", "cents"],
  GBP: ["pound", "pounds", "penny", "pence"],
  ZAR: ["rand", "rand", "cent", "cents"],
};
const MONTH = "January|February|March|April|May|June|July|August|September|October|November|December";

/** A number as it is said, without commas. */
export const numberAloud = (n: number): string => words.toWords(n).replace(/,/g, "");

/** A clock time as it is said: "two thirty in the afternoon", "noon", "nine o'clock". Minutes of the day. */
export function timeAloud(minute: number, twelve: boolean): string {
  const h = Math.floor(minute / 60) % 24;
  const m = minute % 60;
  if (minute === 720) return "noon";
  if (minute === 0 || minute === 1440) return "midnight";
  const past = m === 0 ? "" : m < 10 ? ` oh ${numberAloud(m)}` : ` ${numberAloud(m)}`;
  if (!twelve) return `${numberAloud(h)}${past || " o'clock"}`;
  const half = h < 12 ? "in the morning" : h < 17 ? "in the afternoon" : "in the evening";
  return `${numberAloud(h % 12 === 0 ? 12 : h % 12)}${past} ${half}`;
}

/** Digits one by one, in their groups: "nine oh two, five five five". */
const digitsAloud = (text: string): string =>
  text
    .replace(/[()+]/g, " ")
    .trim()
    .split(/[\s-]+/)
    .map((group) => [...group].map((d) => (d === "0" ? "oh" : numberAloud(Number(d)))).join(" "))
    .join(", ");

/** What letters are called where they might be another: the words of the ICAO's spelling alphabet. */
const AS_IN: Readonly<Record<string, string>> = Object.fromEntries(
  "Bravo Charlie Delta Echo Foxtrot Golf Mike November Papa Sierra Tango Victor Zulu".split(" ").map((w) => [w[0] as string, w]),
);

/** A name letter by letter: "N as in November, I, A". Those that sound like no other stand by themselves. */
const lettersAloud = (letters: string): string =>
  letters
    .split("-")
    .map((l) => (AS_IN[l] ? `${l} as in ${AS_IN[l]}` : l))
    .join(", ");

function moneyAloud(whole: number, hundredths: number, currency: string): string {
  const [one, several, cent, cents] = MONEY[currency] ?? ["", "", "", ""];
  if (!one) return numberAloud(whole);
  const main = `${numberAloud(whole)} ${whole === 1 ? one : several}`;
  return hundredths === 0 ? main : `${main} and ${numberAloud(hundredths)} ${hundredths === 1 ? cent : cents}`;
}

/**
 * A reply as it is said aloud: sums, times, dates, telephone numbers, addresses and counts in words, so that no voice
 * has to guess how a figure is read. The words around them stay as they are.
 */
export function spoken(text: string, house: House): string {
  const { currency, clientClock } = house.handbook;
  return text
    .replace(/(?<![\w-])[A-Z](?:-[A-Z])+(?![\w-])/g, lettersAloud)
    .replace(/([A-Za-z0-9._%+-]+)@([A-Za-z0-9.-]+\.[A-Za-z]{2,})/g, (_, local: string, host: string) =>
      `${local} at ${host}`.replace(/\./g, " dot ").replace(/_/g, " underscore ").replace(/-/g, " dash "),
    )
    .replace(/(?<![\w$€£.])\+?\(?\d{2,4}\)?(?:[\s-]\d{2,5}){1,4}(?![\d:%]|\s?(?:am|pm)\b)/g, (m) => (m.replace(/\D/g, "").length >= 7 ? digitsAloud(m) : m))
    .replace(/(?:[$€£]|\bR|\b(?:CAD|USD|AUD|EUR|GBP|ZAR)\s)\s?(\d{1,3}(?:[,\s]\d{3})+|\d+)(?:\.(\d{2}))?/g, (_, whole: string, part: string | undefined) =>
      moneyAloud(Number(whole.replace(/\D/g, "")), Number(part ?? 0), currency),
    )
    .replace(/\b(\d{1,2}):(\d{2})(?:\s?(am|pm))?\b/g, (_, h: string, m: string, half: string | undefined) => {
      const hour = half ? (Number(h) % 12) + (half === "pm" ? 12 : 0) : Number(h);
      return timeAloud(hour * 60 + Number(m), half !== undefined || clientClock === "12");
    })
    .replace(new RegExp(`\\b(\\d{1,2}) (${MONTH})\\b(?: (20\\d\\d))?`, "g"), (_, d: string, month: string, year: string | undefined) => {
      const date = `the ${words.toWordsOrdinal(Number(d))} of ${month}`;
      return year ? `${date} ${numberAloud(Number(year.slice(0, 2)))} ${numberAloud(Number(year.slice(2)))}` : date;
    })
    .replace(/\((\w+) of (\w+)\)/g, ", $1 of $2,")
    .replace(/(\d+)\s?%/g, (_, n: string) => `${numberAloud(Number(n))} percent`)
    .replace(
      /(?<![\w.])(\d{1,6})(?:\.(\d))?(?![\w.]*\d)/g,
      (_, n: string, part: string | undefined) => numberAloud(Number(n)) + (part ? ` point ${numberAloud(Number(part))}` : ""),
    )
    .replace(/\s*&\s*/g, " and ")
    .replace(/\s+/g, " ")
    .replace(/\s+([,.?!])/g, "$1")
    .trim();
}
