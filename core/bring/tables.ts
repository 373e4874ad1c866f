import { parsePhoneNumberFromString, type CountryCode } from "libphonenumber-js/min";
import type { House } from "../house/compile.ts";
import type { CalendarBook } from "../schedule/calendar.ts";
import { rowOf, type Opening } from "../schedule/openings.ts";
import { FAULT_WORDS, faultsOf } from "../schedule/places.ts";
import { dayFrom, MONTHS, type DayNumber } from "../time/days.ts";
import type { EpochMin } from "../time/zone.ts";

/** A table as it came: rows of cells, the first of them the headings. */
export type Table = readonly (readonly string[])[];

/** What is wrong with a line of a table. `line` counts as a spreadsheet does: the headings are line 1. */
export interface LineFault {
  line: number;
  column: string;
  message: string;
}

export interface ClientLine {
  line: number;
  name: string;
  phone?: string;
  email?: string;
  note?: string;
  assessed: boolean;
}

export interface ServiceLine {
  line: number;
  name: string;
  lengthMin: number;
  priceMinor: number | null;
  /** Ids. */
  staff: string[];
  pool: string;
  cleanUpMin: number;
  also: string[];
}

export interface AppointmentLine {
  line: number;
  client: ClientLine;
  visitor?: string;
  opening: Opening;
  places: number;
  /** What the house's rules would have said, had it been booked here. */
  outside: string[];
}

export interface TableRead<T> {
  lines: T[];
  faults: LineFault[];
  /** Lines that hold anything, headings left out. */
  of: number;
}

const HEADINGS = {
  name: /^(?:name|client|client name|customer|full name|patient|guest|pet owner)$/,
  first: /^(?:first name|given name|forename)$/,
  last: /^(?:last name|surname|family name)$/,
  phone: /^(?:phone|telephone|tel|mobile|cell|phone number|telephone number|number|contact)$/,
  email: /^(?:e-?mail|e-?mail address|mail)$/,
  note: /^(?:notes?|remarks?|comments?)$/,
  assessed: /^(?:assessed|seen before|been before)$/,
  service: /^(?:service|treatment|what|type|appointment|appointment type|service name)$/,
  length: /^(?:length|duration|minutes|min|mins|length \(min\)|duration \(min\)|time \(min\))$/,
  price: /^(?:price|cost|fee|rate|amount)$/,
  staff: /^(?:staff|with|who|person|people|therapist|stylist|provider|employee|done by)$/,
  room: /^(?:room|where|room type|chair|resource|kind of room)$/,
  cleanUp: /^(?:clean-?up|clean up \(min\)|buffer|after)$/,
  also: /^(?:also|other words|people also say)$/,
  date: /^(?:date|day|on)$/,
  time: /^(?:time|start|start time|at|from|begins)$/,
  places: /^(?:places|people|seats|persons)$/,
  visitor: /^(?:visitor|for|for whom)$/,
} as const;

type Heading = keyof typeof HEADINGS;

/** Which column holds what; a heading that nobody knows is passed over. */
function columnsOf(table: Table, wanted: readonly Heading[]): Partial<Record<Heading, number>> {
  const found: Partial<Record<Heading, number>> = {};
  (table[0] ?? []).forEach((cell, at) => {
    const said = cell
      .replace(/^\uFEFF/, "")
      .trim()
      .toLowerCase();
    const heading = wanted.find((h) => found[h] === undefined && HEADINGS[h].test(said));
    if (heading) found[heading] = at;
  });
  return found;
}

/** Where a heading that is needed is missing, nothing else can be said of the table. */
function missing(columns: Partial<Record<Heading, number>>, needed: readonly (Heading | readonly Heading[])[], table: Table): LineFault[] {
  const said = (table[0] ?? []).filter(Boolean).join(", ") || "nothing";
  return needed
    .filter((n) => (Array.isArray(n) ? n : [n as Heading]).every((h: Heading) => columns[h] === undefined))
    .map((n) => {
      const name = Array.isArray(n) ? (n as Heading[]).join(" or ") : (n as Heading);
      return { line: 1, column: name, message: `there is no column “${name}”; the headings say: ${said}` };
    });
}

/** Goes through the lines of a table and gathers what is wrong with each. */
class Lines {
  readonly faults: LineFault[] = [];
  of = 0;
  readonly #columns: Partial<Record<Heading, number>>;

  constructor(
    readonly table: Table,
    wanted: readonly Heading[],
    needed: readonly (Heading | readonly Heading[])[],
  ) {
    this.#columns = columnsOf(table, wanted);
    this.faults.push(...missing(this.#columns, needed, table));
  }

  has(h: Heading): boolean {
    return this.#columns[h] !== undefined;
  }

  /** Reads each line; `read` gives null where it has said what is wrong. */
  each<T>(read: (cell: (h: Heading) => string, wrong: (h: Heading, message: string) => void, line: number) => T | null): T[] {
    const out: T[] = [];
    if (this.faults.length > 0) return out;
    this.table.slice(1).forEach((cells, i) => {
      if (cells.every((c) => c.trim() === "")) return;
      this.of++;
      const line = i + 2;
      const before = this.faults.length;
      const got = read(
        (h) => (this.#columns[h] === undefined ? "" : (cells[this.#columns[h]] ?? "").trim()),
        (column, message) => this.faults.push({ line, column, message }),
        line,
      );
      if (got !== null && this.faults.length === before) out.push(got);
    });
    return out;
  }
}

const CLIENT_HEADINGS = ["name", "first", "last", "phone", "email", "note", "assessed"] as const;

function clientOf(house: House, cell: (h: Heading) => string, wrong: (h: Heading, message: string) => void, line: number): ClientLine | null {
  const name = (cell("name") || `${cell("first")} ${cell("last")}`).replace(/\s+/g, " ").trim();
  if (!name) wrong("name", "there is no name");
  if (name.length > 120) wrong("name", "the name is longer than 120 characters");
  const phone = cell("phone") ? phoneOf(house, cell("phone")) : undefined;
  if (phone === null) wrong("phone", `“${cell("phone")}” is no telephone number`);
  const email = cell("email").toLowerCase();
  if (email && !/^[^\s@]+@[^\s@]+\.[^\s@]+$/.test(email)) wrong("email", `“${cell("email")}” is no email address`);
  const note = cell("note");
  if (note.length > 2000) wrong("note", "the note is longer than 2,000 characters");
  return {
    line,
    name,
    assessed: /^(?:y|yes|true|1|x)$/i.test(cell("assessed")),
    ...(phone ? { phone } : {}),
    ...(email ? { email } : {}),
    ...(note ? { note } : {}),
  };
}

function phoneOf(house: House, text: string): string | null {
  const parsed = parsePhoneNumberFromString(text, house.handbook.country as CountryCode);
  return parsed?.isPossible() ? parsed.number : null;
}

/** Clients, one a line. The same name with the same number twice is said. */
export function readClients(house: House, table: Table): TableRead<ClientLine> {
  const lines = new Lines(table, CLIENT_HEADINGS, [["name", "first", "last"]]);
  const seen = new Map<string, number>();
  const out = lines.each((cell, wrong, line) => {
    const client = clientOf(house, cell, wrong, line);
    if (!client) return null;
    const key = `${client.name.toLowerCase()} ${client.phone ?? ""} ${client.email ?? ""}`;
    const before = seen.get(key);
    if (before !== undefined) wrong("name", `${client.name} stands in line ${before} already`);
    seen.set(key, line);
    return client;
  });
  return { lines: out, faults: lines.faults, of: lines.of };
}

/** Services and their prices, one length a line. */
export function readServices(house: House, table: Table): TableRead<ServiceLine> {
  const wanted = ["service", "name", "length", "price", "staff", "room", "cleanUp", "also"] as const;
  const lines = new Lines(table, wanted, [["service", "name"], "length"]);
  const seen = new Map<string, number>();
  const out = lines.each((cell, wrong, line) => {
    const name = cell("service") || cell("name");
    if (!name) wrong("service", "there is no name");
    if (name.length > 80) wrong("service", "the name is longer than 80 characters");
    const lengthMin = lengthOf(cell("length"));
    if (lengthMin === null) wrong("length", cell("length") ? `“${cell("length")}” is no length from 5 to 720 minutes` : "there is no length");
    const priceMinor = cell("price") === "" ? null : priceOf(house, cell("price"));
    if (priceMinor === undefined) wrong("price", `“${cell("price")}” is no price`);
    const staff = cell("staff") === "" ? [] : peopleOf(house, cell("staff"), (who) => wrong("staff", `nobody here is called “${who}”`));
    const room = cell("room");
    const pool = room === "" ? "" : poolOf(house, room);
    if (pool === undefined) wrong("room", `there is no room or kind of room “${room}”`);
    const cleanUpMin = cell("cleanUp") === "" ? 0 : Number(cell("cleanUp").replace(/\s*min.*$/i, ""));
    if (!Number.isInteger(cleanUpMin) || cleanUpMin < 0 || cleanUpMin > 240) wrong("cleanUp", `“${cell("cleanUp")}” is no clean-up from 0 to 240 minutes`);
    const key = `${name.toLowerCase()} ${lengthMin}`;
    const before = seen.get(key);
    if (before !== undefined) wrong("length", `${name} of that length stands in line ${before} already`);
    seen.set(key, line);
    if (lengthMin === null || priceMinor === undefined || pool === undefined) return null;
    return {
      line,
      name,
      lengthMin,
      priceMinor,
      staff,
      pool,
      cleanUpMin,
      also: cell("also")
        .split(/\s*[;,]\s*/)
        .filter(Boolean),
    };
  });
  return { lines: out, faults: lines.faults, of: lines.of };
}

/**
 * Coming appointments with their clients, one a line, in the order of the table: each is placed beside those before it.
 * What is taken already, or wants a service, a person or a room that the house does not have, is said; what only the
 * house's hours or rules would refuse is taken as it is and noted, for it stood in the old book.
 */
export function readAppointments(house: House, calendar: CalendarBook, now: EpochMin, table: Table): TableRead<AppointmentLine> {
  const wanted = ["date", "time", "service", "length", "staff", "room", "places", "visitor", ...CLIENT_HEADINGS] as const;
  const lines = new Lines(table, wanted, ["date", "time", "service", "staff", ["name", "first", "last"]]);
  const seen = calendar.with([]);
  const out = lines.each((cell, wrong, line) => {
    const client = clientOf(house, cell, wrong, line);
    const service = serviceOf(house, cell("service"));
    if (!service) wrong("service", cell("service") ? `there is no service “${cell("service")}”` : "there is no service");
    const [staff] = cell("staff") === "" ? [] : peopleOf(house, cell("staff"), (who) => wrong("staff", `nobody here is called “${who}”`));
    if (cell("staff") === "") wrong("staff", "nobody is named");
    const day = dateOf(house, cell("date"));
    if (day === null) wrong("date", `“${cell("date")}” is no date`);
    const minute = minuteOf(cell("time"));
    if (minute === null) wrong("time", `“${cell("time")}” is no time of day`);
    const lengths = service?.variants.map((v) => v.lengthMin) ?? [];
    const lengthMin = cell("length") === "" && lengths.length === 1 ? (lengths[0] as number) : lengthOf(cell("length"));
    if (lengthMin === null)
      wrong("length", cell("length") ? `“${cell("length")}” is no length` : `${service?.name ?? "the service"} comes in several lengths: say which`);
    else if (service && !lengths.includes(lengthMin)) wrong("length", `${service.name} does not come in ${lengthMin} minutes, but in ${lengths.join(", ")}`);
    const room = cell("room") === "" ? undefined : roomOf(house, cell("room"));
    if (room === null) wrong("room", `there is no room “${cell("room")}”`);
    const places = cell("places") === "" ? 1 : Number(cell("places"));
    if (!Number.isInteger(places) || places < 1 || places > 50) wrong("places", `“${cell("places")}” is no number of places`);
    if (!client || !service || staff === undefined || day === null || minute === null || lengthMin === null || !lengths.includes(lengthMin) || room === null)
      return null;
    const startMin = house.zone.toEpochMin(day, minute);
    if (startMin < now) {
      wrong("date", "this has passed: only coming appointments are brought in");
      return null;
    }
    const { faults, opening } = faultsOf(house, seen, now, { service: service.id, lengthMin, staff, startMin, places, ...(room ? { room } : {}) });
    const against = faults.find((f) => !f.mayOverrule);
    if (against || !opening) {
      wrong(against?.code === "no-room" ? "room" : against?.code === "not-theirs" ? "staff" : "time", FAULT_WORDS[against?.code ?? "taken"]);
      return null;
    }
    seen.set(rowOf(house, `line ${line}`, opening, places));
    const visitor = cell("visitor");
    return { line, client, opening, places, outside: faults.map((f) => FAULT_WORDS[f.code]), ...(visitor ? { visitor } : {}) };
  });
  return { lines: out, faults: lines.faults, of: lines.of };
}

const plain = (s: string): string =>
  s
    .normalize("NFD")
    .replace(/[\u0300-\u036f]/g, "")
    .toLowerCase()
    .trim();

function serviceOf(house: House, said: string) {
  const name = plain(said);
  return (
    house.handbook.services.find((s) => plain(s.name) === name || s.id === name) ?? house.handbook.services.find((s) => s.also.some((a) => plain(a) === name))
  );
}

function peopleOf(house: House, said: string, nobody: (who: string) => void): string[] {
  return said
    .split(/\s*(?:[;,/&]| and )\s*/)
    .filter(Boolean)
    .flatMap((who) => {
      const name = plain(who);
      const found =
        house.handbook.staff.find((s) => plain(s.name) === name || s.id === name) ??
        house.handbook.staff.find((s) => s.called.some((c) => plain(c) === name) || plain(s.name).split(" ")[0] === name);
      if (found) return [found.id];
      nobody(who);
      return [];
    });
}

function poolOf(house: House, said: string): string | undefined {
  const name = plain(said);
  return house.handbook.rooms.find((r) => plain(r.pool) === name || plain(r.name) === name)?.pool;
}

function roomOf(house: House, said: string): string | undefined | null {
  const name = plain(said);
  const room = house.handbook.rooms.find((r) => plain(r.name) === name || r.id === name);
  // A kind of room leaves the choice open.
  return room ? room.id : house.handbook.rooms.some((r) => plain(r.pool) === name) ? undefined : null;
}

/** "60", "60 min", "1 h", "1:30", "1 h 30" in minutes; null where it is no length that a service can have. */
export function lengthOf(said: string): number | null {
  const text = said.trim().toLowerCase();
  const hours = /^(\d{1,2})\s*(?:h|hr|hrs|hours?)(?:\s*(\d{1,2})\s*(?:m|min|minutes?)?)?$/.exec(text) ?? /^(\d{1,2}):(\d{2})$/.exec(text);
  const minutes = /^(\d{1,3})\s*(?:m|min|mins|minutes?)?\.?$/.exec(text);
  const n = hours ? Number(hours[1]) * 60 + Number(hours[2] ?? 0) : minutes ? Number(minutes[1]) : NaN;
  return Number.isInteger(n) && n >= 5 && n <= 720 ? n : null;
}

/** "$85", "85.50", "85,50 €", "1,200" in minor units; undefined where it is no price, such as one below nothing. */
export function priceOf(house: House, said: string): number | undefined {
  const digits =
    new Intl.NumberFormat(house.handbook.locale, { style: "currency", currency: house.handbook.currency }).resolvedOptions().maximumFractionDigits ?? 2;
  const text = said.replace(/[$€£]|[A-Z]{3}\b/g, "").replace(/\s/g, "");
  if (!/^\d{1,3}(?:[,.]?\d{3})*(?:[.,]\d{1,2})?$|^\d+(?:[.,]\d{1,2})?$/.test(text)) return undefined;
  const decimal = /[.,](\d{1,2})$/.exec(text);
  const whole = (decimal ? text.slice(0, decimal.index) : text).replace(/[,.]/g, "");
  const minor = Math.round(Number(`${whole}.${decimal?.[1] ?? "0"}`) * 10 ** digits);
  return Number.isSafeInteger(minor) && minor <= 100_000_000 ? minor : undefined;
}

/** A date in figures, by the house's order where both could be, or with the month's name; null where there is none. */
export function dateOf(house: House, said: string): DayNumber | null {
  const text = said.trim();
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})(?:[T ].*)?$/.exec(text);
  if (iso) return dayFrom(Number(iso[1]), Number(iso[2]), Number(iso[3]));
  const figures = /^(\d{1,2})[./-](\d{1,2})[./-](\d{4})$/.exec(text);
  if (figures) {
    const [a, b, year] = [Number(figures[1]), Number(figures[2]), Number(figures[3])];
    const dotted = text.includes(".");
    const monthFirst = !dotted && house.handbook.dateOrder === "month-first";
    return (monthFirst ? dayFrom(year, a, b) : dayFrom(year, b, a)) ?? (dotted ? null : monthFirst ? dayFrom(year, b, a) : dayFrom(year, a, b));
  }
  const named = /^(?:[a-z]+,?\s+)?(?:(\d{1,2})(?:st|nd|rd|th)?\.?\s+([a-z]{3,9})|([a-z]{3,9})\s+(\d{1,2})(?:st|nd|rd|th)?),?\s+(\d{4})$/i.exec(text);
  if (!named) return null;
  const month = MONTHS.findIndex((m) => m.slice(0, 3).toLowerCase() === (named[2] ?? named[3] ?? "").slice(0, 3).toLowerCase()) + 1;
  return month === 0 ? null : dayFrom(Number(named[5]), month, Number(named[1] ?? named[4]));
}

/** "14:00", "2:30 pm", "9am" in minutes since midnight. */
export function minuteOf(said: string): number | null {
  const m = /^(\d{1,2})(?:[:.](\d{2})(?::\d{2})?)?\s*(am|pm|a\.m\.|p\.m\.)?$/i.exec(said.trim());
  if (!m || (m[2] === undefined && m[3] === undefined)) return null;
  const half = m[3]?.toLowerCase().startsWith("p");
  const hour = Number(m[1]);
  if (m[3] !== undefined && (hour < 1 || hour > 12)) return null;
  const minute = (m[3] === undefined ? hour : (hour % 12) + (half ? 12 : 0)) * 60 + Number(m[2] ?? 0);
  return minute < 1440 && Number(m[2] ?? 0) < 60 ? minute : null;
}

/** A line of a table by RFC 4180: quoted where it must be; a cell that a spreadsheet would take for a formula begins with an apostrophe. */
export function csvLine(cells: readonly string[]): string {
  return cells
    .map((c) => {
      const safe = /^[=+\-@\t\r]/.test(c) && !/^[+-]?[\d .,()-]+$/.test(c) ? `'${c}` : c;
      return /[",\r\n]/.test(safe) ? `"${safe.replace(/"/g, '""')}"` : safe;
    })
    .join(",");
}
