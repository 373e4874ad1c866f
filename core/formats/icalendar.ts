import type { House } from "../house/compile.ts";
import type { EpochMin } from "../time/zone.ts";

/** One event of a feed. Times are instants and are written in UTC, so a reader needs no time zone table. */
export interface FeedEvent {
  uid: string;
  sequence: number;
  startMin: EpochMin;
  endMin: EpochMin;
  summary: string;
  location: string;
  cancelled: boolean;
}

/** Writes an iCalendar object (RFC 5545) with one VEVENT an appointment. Lines are folded at 75 octets, ended with CRLF. */
export function icalendar(house: House, name: string, now: EpochMin, events: readonly FeedEvent[]): string {
  const lines = [
    "BEGIN:VCALENDAR",
    "VERSION:2.0",
    "PRODID:-//Gentian//Gentian//EN",
    "CALSCALE:GREGORIAN",
    "METHOD:PUBLISH",
    `X-WR-CALNAME:${escaped(name)}`,
    `X-WR-TIMEZONE:${house.handbook.zone}`,
  ];
  for (const e of events) {
    lines.push(
      "BEGIN:VEVENT",
      `UID:${escaped(e.uid)}`,
      `DTSTAMP:${utc(now)}`,
      `DTSTART:${utc(e.startMin)}`,
      `DTEND:${utc(e.endMin)}`,
      `SEQUENCE:${e.sequence}`,
      `SUMMARY:${escaped(e.summary)}`,
      ...(e.location ? [`LOCATION:${escaped(e.location)}`] : []),
      `STATUS:${e.cancelled ? "CANCELLED" : "CONFIRMED"}`,
      "END:VEVENT",
    );
  }
  lines.push("END:VCALENDAR");
  return lines.map(folded).join("\r\n") + "\r\n";
}

const utc = (at: EpochMin): string => new Date(at * 60_000).toISOString().replace(/[-:]/g, "").slice(0, 15) + "Z";

/** TEXT escaping of RFC 5545 section 3.3.11; control characters are dropped. */
function escaped(text: string): string {
  return Array.from(text)
    .filter((c) => c === "\n" || c === "\t" || c.charCodeAt(0) >= 32)
    .join("")
    .replace(/\\/g, "\\\\")
    .replace(/;/g, "\\;")
    .replace(/,/g, "\\,")
    .replace(/\n/g, "\\n");
}

/** Folds a content line so that none is longer than 75 octets (RFC 5545 section 3.1), never inside a character. */
function folded(line: string): string {
  const encoder = new TextEncoder();
  const out: string[] = [];
  let part = "";
  let size = 0;
  for (const char of line) {
    const n = encoder.encode(char).length;
    if (size + n > (out.length === 0 ? 75 : 74)) {
      out.push(part);
      part = "";
      size = 0;
    }
    part += char;
    size += n;
  }
  out.push(part);
  return out.join("\r\n ");
}
