import { readClosed } from "@gentian/core/bring/calendar";
import { hoursLine, parseHours } from "@gentian/core/house/lines";
import { AddButton, Adder, Amount, Chapter, DropButton, freshId, Line, Part, PhoneNumber, Pick, slug, useChange, useSpread, Words } from "./lines.tsx";

/** A word in a sentence, as wide as itself. */
const INLINE = "!mx-0 !w-auto min-w-6 field-sizing-content border-hairline";
const HOURS_HINT = "Write it like this: Mon–Thu 8–19, Fri 8–17.";

function isZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat("en", { timeZone: name });
    return name !== "";
  } catch {
    return false;
  }
}

/** "9–13" as the hours of one day; null where it says something else. */
function spansOf(text: string): { from: string; to: string }[] | null {
  if (text.trim() === "") return [];
  const read = parseHours(
    text
      .split(",")
      .map((p) => `Mon ${p}`)
      .join("; "),
  );
  return read && read.length > 0 ? read.map((h) => ({ from: h.from, to: h.to })) : null;
}

/** Name, place, hours, closed days and the rules of booking. */
export function HouseChapter() {
  const { editor } = useSpread();
  const { draft } = editor;
  const { set, drop, many } = useChange();
  const place = (field: "street" | "town" | "region" | "email" | "site", label: string, check?: RegExp, hint?: string) => (
    <Line place={`place/${field}`} find={`${label} ${draft.place[field] ?? ""}`}>
      <div className="grid grid-cols-[112px_minmax(0,1fr)] items-baseline">
        <span className="text-s text-quiet">{label}</span>
        <Words
          label={label}
          value={draft.place[field] ?? ""}
          placeholder="not said yet"
          onChange={(v) => set(["place", field], v.trim() === "" ? undefined : v.trim())}
          {...(check ? { check: (v: string) => v.trim() === "" || check.test(v.trim()), hint: hint ?? "" } : {})}
        />
      </div>
    </Line>
  );
  const rules = draft.rules;
  const rule = (key: keyof typeof rules, before: string, after: string, scale: number, most: number) => (
    <Line place={`rules/${key}`} find={`${before} ${after}`}>
      <p className="font-serif">
        {before}{" "}
        <Amount
          label={`${before} … ${after}`}
          value={Number(rules[key] ?? 0) / scale}
          most={most}
          onChange={(n) => set(["rules", key], Math.round(n * scale))}
        />{" "}
        {after}
      </p>
    </Line>
  );
  return (
    <Chapter id="house" title="The house">
      <Line place="name" find={`${draft.name} ${draft.shortName}`}>
        <Words
          label="Name of the house"
          className="font-serif text-l"
          value={draft.name}
          check={(v) => v.trim() !== ""}
          hint="A house needs a name."
          onChange={(v) => set(["name"], v)}
        />
        <div className="flex items-baseline gap-2 text-s whitespace-nowrap text-quiet">
          in short
          <Words
            label="Short name"
            value={draft.shortName}
            check={(v) => v.trim() !== "" && v.length <= 40}
            hint="40 letters at most."
            onChange={(v) => set(["shortName"], v)}
            className="text-s"
          />
        </div>
      </Line>
      {place("street", "Street")}
      {place("town", "Town")}
      {place("region", "Province, region")}
      <Line place="place/phone" find={`Telephone ${draft.place.phone ?? ""}`}>
        <div className="grid grid-cols-[112px_minmax(0,1fr)] items-baseline">
          <span className="text-s text-quiet">Telephone</span>
          <PhoneNumber label="Telephone" value={draft.place.phone} onChange={(v) => set(["place", "phone"], v)} />
        </div>
      </Line>
      {place("email", "Email", /^[^\s@]+@[^\s@]+\.[^\s@]+$/, "An email address has an @ in it.")}
      {place("site", "Website")}
      <Line place="zone" find="time zone currency country language clock dates">
        <p className="flex flex-wrap items-center gap-x-1.5 gap-y-1 font-serif">
          <span>Its clock goes by</span>
          <Words
            label="Time zone"
            className={INLINE}
            value={draft.zone}
            check={isZone}
            hint="A time zone by its name, such as America/Halifax."
            onChange={(v) => set(["zone"], v)}
          />
          <span>and its money is</span>
          <Words
            label="Currency"
            className={INLINE}
            value={draft.currency}
            check={(v) => /^[A-Z]{3}$/.test(v)}
            hint="Three capitals, such as CAD."
            onChange={(v) => set(["currency"], v)}
          />
          <span>Telephone numbers are of</span>
          <Words
            label="Country"
            className={INLINE}
            value={draft.country}
            check={(v) => /^[A-Z]{2}$/.test(v)}
            hint="Two capitals, such as CA."
            onChange={(v) => set(["country"], v)}
          />
        </p>
        <p className="mt-1 flex flex-wrap items-center gap-x-1.5 font-serif">
          Clients read times as
          <Pick
            label="How clients read times"
            value={draft.clientClock}
            options={[
              ["12", "2:00 pm"],
              ["24", "14:00"],
            ]}
            onChange={(v) => set(["clientClock"], v)}
          />
          and 3/4 is
          <Pick
            label="How dates are read"
            value={draft.dateOrder}
            options={[
              ["day-first", "3 April"],
              ["month-first", "4 March"],
            ]}
            onChange={(v) => set(["dateOrder"], v)}
          />
        </p>
      </Line>
      <Part title="Open" />
      <Line place="hours" find={`open hours ${hoursLine(draft.hours)}`}>
        <Words
          label="Opening hours"
          rows
          className="font-serif"
          placeholder="Mon–Thu 8–19, Fri 8–17"
          value={hoursLine(draft.hours)}
          check={(v) => parseHours(v) !== null}
          hint={HOURS_HINT}
          onChange={(v) => set(["hours"], parseHours(v) ?? [])}
        />
      </Line>
      <Part title="Closed on" />
      {draft.closed.map((c) => (
        <Line key={c.id} place={`closed/${c.id}`} find={c.name}>
          <div className="flex items-center justify-between">
            <span className="font-serif">{c.name}</span>
            <Words
              label={`Hours on ${c.name}`}
              className="!mx-2 text-s text-quiet"
              placeholder="the whole day"
              value={(c.hours ?? []).map((h) => `${h.from}–${h.to}`).join(", ")}
              check={(v) => spansOf(v) !== null}
              hint="Open for a part of the day: 9–13. Empty is closed."
              onChange={(v) => set(["closed", c.id, "hours"], v.trim() === "" ? undefined : (spansOf(v) ?? []))}
            />
            <DropButton label={`Open on ${c.name} again`} onClick={() => drop(["closed", c.id])} />
          </div>
        </Line>
      ))}
      <Line place="closed" find="closed on">
        <Adder
          label="Another closed day"
          placeholder="Good Friday, 24 December"
          check={(v) => readClosed(`closed ${v}`, draft.country).length > 0}
          hint="Name a holiday, or a date such as 24 December."
          onCommit={(v) => {
            const found = readClosed(`closed ${v}`, draft.country).filter((f) => !draft.closed.some((c) => c.name === f.name));
            many(found.map((f) => ({ op: "add", path: ["closed"], item: { id: freshId(slug(f.name), draft.closed), name: f.name, on: f.on } })));
          }}
        />
      </Line>
      <Part title="Rules of booking" />
      {rule("noticeMin", "Can be booked from", "hours ahead,", 60, 400)}
      {rule("horizonDays", "up to", "days ahead.", 1, 730)}
      {rule("freeUntilMin", "Moved or cancelled free of charge until", "hours before;", 60, 2000)}
      {rule("lateFeePercent", "later than that", "percent of the price is charged,", 1, 100)}
      {rule("missedFeePercent", "and for a missed visit", "percent.", 1, 100)}
      {rule("holdMin", "What somebody chooses is kept for them for", "minutes.", 1, 120)}
      <Line place="rules/mostComing" find="most coming appointments a client may hold">
        <p className="flex items-baseline gap-x-1.5 font-serif">
          A client may hold
          <Words
            label="Most coming appointments of a client"
            className={`${INLINE} min-w-20`}
            placeholder="any number"
            value={String(rules.mostComing ?? "")}
            check={(v) => v.trim() === "" || /^[1-9]\d?$/.test(v.trim())}
            hint="A number from 1 to 99, or nothing."
            onChange={(v) => set(["rules", "mostComing"], v.trim() === "" ? undefined : Number(v))}
          />
          coming appointments.
        </p>
      </Line>
      <Line place="rules/offers" find="offer nearest tidy quiet">
        <p className="font-serif">
          Where several times would do:{" "}
          <Pick
            label="What weighs most in offers"
            value={rules.offers ?? "nearest"}
            options={[
              ["nearest", "nearest wins"],
              ["tidy", "keep days tidy"],
              ["quiet", "fill quiet days"],
            ]}
            onChange={(v) => set(["rules", "offers"], v)}
          />
        </p>
      </Line>
      {(draft.toFill?.length ?? 0) > 0 ? (
        <AddButton onClick={() => many([{ op: "set", path: ["toFill"], value: [] }])}>I have looked at everything that was brought in from elsewhere</AddButton>
      ) : null}
    </Chapter>
  );
}
