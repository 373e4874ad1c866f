import type { Draft, DraftService } from "@gentian/core/house/draft";
import { classLine, hoursLine, parseClass, parseHours, parseWords, wordsLine } from "@gentian/core/house/lines";
import { Amount, Pick, Tick, useChange, Words } from "./lines.tsx";

const TAKES = [
  ["both", "room and person"],
  ["person", "the person"],
  ["room", "the room"],
] as const;
const HOURS_HINT = "Write it like this: Tue, Thu 9–12.";

/** When a service can be had, by whom and where, and the time around it. */
export function ServiceTime({ s, draft }: { s: DraftService; draft: Draft }) {
  const { set } = useChange();
  const path = (field: string): string[] => ["services", s.id, field];
  const pools = [...new Set(draft.rooms.map((r) => r.pool))];
  const people = draft.staff.filter((p) => p.bookable);
  const nameOf = (id: string): string => people.find((p) => p.id === id)?.called[0] ?? people.find((p) => p.id === id)?.name ?? id;
  const idOf = (name: string): string | undefined => people.find((p) => [p.name, ...p.called].some((c) => c.toLowerCase() === name.toLowerCase()))?.id;
  const variant = (lengthMin: number | null, more: object): void =>
    set(
      path("variants"),
      s.variants.map((v) => (v.lengthMin === lengthMin ? Object.fromEntries(Object.entries({ ...v, ...more }).filter(([, x]) => x !== undefined)) : v)),
    );
  const number = (v: string): number | undefined => (v.trim() === "" ? undefined : Number(v));
  const isAge = (v: string): boolean => v.trim() === "" || (/^\d{1,3}$/.test(v.trim()) && Number(v) <= 120);
  const ages = (more: { from?: number | undefined; to?: number | undefined }): void => {
    const next = Object.fromEntries(Object.entries({ ...s.ages, ...more }).filter(([, v]) => v !== undefined));
    set(path("ages"), Object.keys(next).length > 0 ? next : undefined);
  };
  return (
    <div className="space-y-1 text-s text-quiet">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <span>
          Made ready{" "}
          <Amount label={`Made ready before ${s.name}`} value={s.setUpMin ?? 0} most={240} onChange={(n) => set(path("setUpMin"), n > 0 ? n : undefined)} /> min
          before
          {(s.setUpMin ?? 0) > 0 ? (
            <>
              , takes{" "}
              <Pick
                label={`Making ready for ${s.name} takes`}
                value={s.setUpTakes ?? "both"}
                options={TAKES}
                onChange={(v) => set(path("setUpTakes"), v === "both" ? undefined : v)}
              />
            </>
          ) : null}
        </span>
        {s.cleanUpMin > 0 ? (
          <span>
            Clean-up takes{" "}
            <Pick
              label={`Clean-up after ${s.name} takes`}
              value={s.cleanUpTakes ?? "both"}
              options={TAKES}
              onChange={(v) => set(path("cleanUpTakes"), v === "both" ? undefined : v)}
            />
          </span>
        ) : null}
      </div>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <span className="flex items-baseline gap-1 whitespace-nowrap">
          Only
          <Words
            label={`Only at these hours: ${s.name}`}
            className="text-s"
            placeholder="at any hour"
            value={hoursLine(s.when ?? [])}
            check={(v) => parseHours(v) !== null}
            hint={HOURS_HINT}
            onChange={(v) => set(path("when"), v.trim() === "" ? undefined : (parseHours(v) ?? []))}
          />
        </span>
        <span className="flex items-baseline gap-1 whitespace-nowrap">
          Also needs
          <Words
            label={`What ${s.name} also needs`}
            className="text-s"
            placeholder="nothing else"
            value={wordsLine(s.alsoNeeds ?? [])}
            check={(v) => parseWords(v).every((w) => pools.includes(w))}
            hint={`Kinds of rooms and devices: ${pools.join(", ")}.`}
            onChange={(v) => set(path("alsoNeeds"), v.trim() === "" ? undefined : parseWords(v))}
          />
        </span>
      </div>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <span className="flex items-baseline gap-1 whitespace-nowrap">
          Ages
          <Words
            label={`Youngest for ${s.name}`}
            className="!w-12 text-s"
            placeholder="any"
            value={String(s.ages?.from ?? "")}
            check={isAge}
            hint="An age in years."
            onChange={(v) => ages({ from: number(v) })}
          />
          to
          <Words
            label={`Oldest for ${s.name}`}
            className="!w-12 text-s"
            placeholder="any"
            value={String(s.ages?.to ?? "")}
            check={isAge}
            hint="An age in years."
            onChange={(v) => ages({ to: number(v) })}
          />
        </span>
        <span className="flex items-baseline gap-1 whitespace-nowrap">
          At most
          <Words
            label={`Most a day of ${s.name}`}
            className="!w-12 text-s"
            placeholder="any"
            value={String(s.mostADay ?? "")}
            check={(v) => v.trim() === "" || /^[1-9]\d{0,2}$/.test(v.trim())}
            hint="A number, or nothing."
            onChange={(v) => set(path("mostADay"), number(v))}
          />
          a day
        </span>
        <Pick
          label={`${s.name} is for`}
          value={s.clients ?? ""}
          options={[
            ["", "for everyone"],
            ["new", "for new clients only"],
            ["returning", "for returning clients only"],
          ]}
          onChange={(v) => set(path("clients"), v === "" ? undefined : v)}
        />
      </div>
      {s.group ? (
        <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
          <span className="flex items-baseline gap-1 whitespace-nowrap">
            Class on
            <Words
              label={`Times of ${s.name}`}
              className="text-s"
              value={classLine(s.group.times)}
              check={(v) => parseClass(v) !== null}
              hint="Write it like this: Mon, Wed 17:30; Thu 12:15."
              onChange={(v) => set(path("group"), { ...s.group, times: parseClass(v) ?? [] })}
            />
          </span>
          <span>
            <Amount label={`Places in ${s.name}`} value={s.group.places} least={2} most={500} onChange={(n) => set(path("group"), { ...s.group, places: n })} />{" "}
            places,{" "}
            <Amount
              label={`Places a booking in ${s.name}`}
              value={s.group.perBooking}
              least={1}
              most={50}
              onChange={(n) => set(path("group"), { ...s.group, perBooking: n })}
            />{" "}
            a booking
          </span>
          <Tick value label="a class" onChange={() => set(path("group"), undefined)} />
        </div>
      ) : (
        <Tick
          value={false}
          label="a class with places and fixed times"
          onChange={() =>
            set(path("group"), {
              places: 8,
              perBooking: 2,
              times: [{ weekdays: [draft.hours[0]?.weekdays[0] ?? "Monday"], at: draft.hours[0]?.from ?? "10:00" }],
            })
          }
        />
      )}
      {s.variants.length > 1
        ? s.variants.map((v) => (
            <div key={v.lengthMin ?? "none"} className="flex flex-wrap items-baseline gap-x-4">
              <span className="flex items-baseline gap-1 whitespace-nowrap">
                {v.lengthMin ?? "?"} min by
                <Words
                  label={`Who does ${v.lengthMin ?? "?"} minutes of ${s.name}`}
                  className="text-s"
                  placeholder="whoever does it"
                  value={(v.staff ?? []).map(nameOf).join(", ")}
                  check={(x) => parseWords(x).every((n) => idOf(n) !== undefined)}
                  hint={`Name people of the house: ${people.map((p) => p.called[0] ?? p.name).join(", ")}.`}
                  onChange={(x) => variant(v.lengthMin, { staff: x.trim() === "" ? undefined : parseWords(x).map((n) => idOf(n) ?? n) })}
                />
              </span>
              <span>
                in{" "}
                <Pick
                  label={`Room for ${v.lengthMin ?? "?"} minutes of ${s.name}`}
                  value={v.pool ?? "as usual"}
                  options={[["as usual", "the same room"], ...pools.map((p): [string, string] => [p, p])]}
                  onChange={(x) => variant(v.lengthMin, { pool: x === "as usual" ? undefined : x })}
                />
              </span>
            </div>
          ))
        : null}
    </div>
  );
}
