import { useEffect, useState } from "react";
import { toast } from "sonner";
import { hoursLine, inTurnLine, parseHours, parseInTurn, parseVariants, variantsLine } from "@gentian/core/house/lines";
import type { Draft } from "@gentian/core/house/draft";
import { newRef, send } from "../../api/client.ts";
import { useGet, useKept } from "../../api/hooks.ts";
import type { Attempt, Day, Differs, Holiday, Hours, Me, Tidiness } from "../../api/types.ts";
import { Button, Field, Input, Wrong } from "../../parts/controls.tsx";
import { clock, longDate, shortDate } from "../../parts/words.ts";
import type { DraftView } from "../handbook/useDraft.ts";
import { again } from "./commands.ts";
import { DraftLine, DraftState, Touches } from "./DraftLine.tsx";
import { PanelHead } from "./PanelHead.tsx";
import type { Panel } from "./panel.ts";

const HOURS_HINT = "Write it like this: Mon, Wed 8–16, Tue 11–19.";
const TURN_HINT = "Write it like this: every second Sat 9–13 from 2027-03-06; first and third Thu of the month 8–12 from 2027-01-01.";

const useDraftOf = (): Draft | undefined => useGet<DraftView>("/draft").data?.draft;

/** One day's own hours, of a person or of the house: they act at once. */
function OneDay({
  date,
  staff,
  works,
  single,
}: {
  date: string;
  staff?: string;
  works: { fromMin: number; toMin: number }[];
  single: Day["single"][number] | undefined;
}) {
  const now = works.map((w) => `${clock(w.fromMin)}–${clock(w.toMin)}`).join(", ");
  const [typed, setTyped, clear] = useKept<string | null>(`day ${date} ${staff ?? "house"}`, null);
  const [reason, setReason] = useState("");
  const [attempt, setAttempt] = useState<Attempt | null>(null);
  const [error, setError] = useState<unknown>(null);
  const text = typed ?? now;
  const hours = readSpans(text);
  const changed = typed !== null && typed !== now;
  const body = { ...(staff ? { staff } : {}), date, hours: hours ?? [], reason };
  const asked = changed && hours ? JSON.stringify(hours) : null;
  useEffect(() => {
    setAttempt(null);
    if (asked === null) return;
    let late = false;
    const timer = setTimeout(() => {
      send<Attempt>("POST", "/days", { ref: newRef(), ...(staff ? { staff } : {}), date, hours: JSON.parse(asked) as Hours[], attempt: true })
        .then((a) => !late && setAttempt(a))
        .catch((e: unknown) => !late && setError(e));
    }, 300);
    return () => {
      late = true;
      clearTimeout(timer);
    };
  }, [asked, date, staff]);
  const keep = async (): Promise<void> => {
    setError(null);
    try {
      await send("POST", "/days", { ref: newRef(), ...body });
      clear();
      await again();
      toast(`${shortDate(date)}: the day has its own hours`);
    } catch (e) {
      setError(e);
    }
  };
  const usual = async (): Promise<void> => {
    try {
      await send("DELETE", `/days/${single?.id ?? ""}`);
      clear();
      await again();
      toast(`${shortDate(date)} is as usual again`);
    } catch (e) {
      setError(e);
    }
  };
  return (
    <div className="space-y-2">
      <Field
        label={`Only on ${longDate(date)}`}
        hint={changed && !hours ? "Write it like this: 9–12, 13–17. Leave it empty for a day off." : "It acts at once. Empty is a day off."}
      >
        <Input
          value={text}
          aria-invalid={changed && !hours}
          placeholder="not in"
          onChange={(e) => {
            setError(null);
            setTyped(e.target.value);
          }}
        />
      </Field>
      {changed ? (
        <Field label="Why (stands on the sheet)">
          <Input value={reason} maxLength={200} onChange={(e) => setReason(e.target.value)} />
        </Field>
      ) : null}
      <Wrong error={error} />
      {changed && attempt ? <Touches attempt={attempt} /> : null}
      <div className="flex gap-2">
        {changed ? (
          <>
            <Button kind="main" disabled={!hours || !attempt} onClick={() => void keep()}>
              Keep it for this day
            </Button>
            <Button onClick={clear}>Leave it</Button>
          </>
        ) : single ? (
          <Button onClick={() => void usual()}>As usual again</Button>
        ) : null}
      </div>
      {single?.reason ? <p className="text-s text-quiet">{single.reason}</p> : null}
    </div>
  );
}

/** Spans of one day: "9–12, 13–17"; null where it says something else. */
function readSpans(text: string): Hours[] | null {
  if (text.trim() === "") return [];
  const read = parseHours(
    text
      .split(/\s*[,;]\s*/)
      .filter(Boolean)
      .map((p) => `Mon ${p}`)
      .join("; "),
  );
  return read && read.length > 0 && read.every((w) => w.weekdays.length === 1) ? read.map((w) => ({ from: w.from, to: w.to })) : null;
}

/** A person: this day, time off, and the hours of every week. */
export function PersonPanel({ me, id, date, open, close }: { me: Me; id: string; date: string; open: (p: Panel) => void; close: () => void }) {
  const day = useGet<Day>(`/day?date=${date}`).data;
  const differs = useGet<Differs>("/differs").data;
  const draft = useDraftOf();
  const person = me.house.staff.find((s) => s.id === id);
  const own = draft?.staff.find((s) => s.id === id);
  const feed = me.feeds.find((f) => f.staff === id);
  const away = [
    ...(differs?.absences ?? [])
      .filter((a) => a.staff === id)
      .map((a) => ({
        key: a.id,
        at: a.from.date,
        says: `${shortDate(a.from.date)}${a.to.date !== a.from.date && a.to.time !== "00:00" ? ` to ${shortDate(a.to.date)}` : ""} ${a.from.time === "00:00" ? "" : `${a.from.time}–${a.to.time} `}${a.reason || "off"}`,
        block: a.id,
      })),
    ...(differs?.days ?? [])
      .filter((d) => d.staff === id)
      .map((d) => ({
        key: d.id,
        at: d.date,
        says: `${shortDate(d.date)} ${d.hours.map((h) => `${h.from}–${h.to}`).join(", ") || "not in"} ${d.reason}`,
        block: "",
      })),
  ].sort((a, b) => (a.at < b.at ? -1 : 1));
  return (
    <section aria-labelledby="panel-title">
      <PanelHead title={`${person?.called ?? id}: hours and time off`} close={close}>
        {person?.name}, {person?.work}
      </PanelHead>
      <div className="space-y-4 px-[18px] py-3">
        <div className="flex flex-wrap gap-2">
          <Button kind="main" onClick={() => open({ kind: "off", staff: id, ill: true })}>
            Ill, or away
          </Button>
          <Button onClick={() => open({ kind: "off", staff: id })}>Block time</Button>
          <Button onClick={() => open({ kind: "book", staff: id })}>Book</Button>
        </div>
        {day ? (
          <OneDay
            key={date}
            date={date}
            staff={id}
            works={(day.staff.find((s) => s.id === id)?.works ?? []).map((w) => ({ ...w }))}
            single={day.single.find((d) => d.staff === id)}
          />
        ) : null}
        {own ? (
          <div className="space-y-3 border-t border-hairline pt-3">
            <h3 className="text-s font-semibold">Every week</h3>
            <DraftState />
            <DraftLine
              label="Hours"
              place={`staff/${id}/hours`}
              value={hoursLine(own.hours.filter((h) => !h.every && !h.repeat))}
              hint={HOURS_HINT}
              read={(v) => {
                const read = parseHours(v);
                return (
                  read && {
                    op: "set",
                    path: ["staff", id, "hours"],
                    value: [...read.map((h) => ({ ...h, id: `${id}-${h.id}`.slice(0, 64) })), ...own.hours.filter((h) => h.every ?? h.repeat)],
                  }
                );
              }}
            />
            <DraftLine
              label="In turn"
              place={`staff/${id}/turn`}
              value={inTurnLine(own.hours)}
              hint={TURN_HINT}
              read={(v) => {
                const read = parseInTurn(v);
                return (
                  read && {
                    op: "set",
                    path: ["staff", id, "hours"],
                    value: [...own.hours.filter((h) => !h.every && !h.repeat), ...read.map((h) => ({ ...h, id: `${id}-${h.id}`.slice(0, 64) }))],
                  }
                );
              }}
            />
            <DraftLine
              label="Breaks"
              place={`staff/${id}/breaks`}
              value={hoursLine(own.breaks)}
              hint={HOURS_HINT}
              read={(v) => {
                const read = parseHours(v);
                return read && { op: "set", path: ["staff", id, "breaks"], value: read.map((h) => ({ ...h, id: `${id}-break-${h.id}`.slice(0, 64) })) };
              }}
            />
          </div>
        ) : null}
        <div className="border-t border-hairline pt-3">
          <h3 className="mb-1 text-s font-semibold text-quiet">To come</h3>
          {away.length === 0 ? <p className="text-s text-quiet">no time off, no other hours</p> : null}
          <ul className="text-s">
            {away.map((a) => (
              <li key={a.key} className="border-b border-hairline py-1">
                {a.block ? (
                  <button type="button" className="min-h-6 text-left hover:underline" onClick={() => open({ kind: "touched", block: a.block })}>
                    {a.says}
                  </button>
                ) : (
                  a.says
                )}
              </li>
            ))}
          </ul>
        </div>
        {feed ? (
          <Field label="Their calendar, for their own telephone" hint="Whoever has this address sees the appointments.">
            <Input readOnly value={`${location.origin}${feed.path}`} onFocus={(e) => e.target.select()} />
          </Field>
        ) : null}
      </div>
    </section>
  );
}

/** A room or device: its name, its kind, and when it is out of use. */
export function RoomPanel({ me, id, open, close }: { me: Me; id: string; open: (p: Panel) => void; close: () => void }) {
  const draft = useDraftOf();
  const differs = useGet<Differs>("/differs").data;
  const room = draft?.rooms.find((r) => r.id === id);
  const out = (differs?.absences ?? []).filter((a) => a.room === id);
  return (
    <section aria-labelledby="panel-title">
      <PanelHead title={`${me.house.rooms.find((r) => r.id === id)?.name ?? id}: in use`} close={close}>
        {room?.pool}
      </PanelHead>
      <div className="space-y-4 px-[18px] py-3">
        <Button kind="main" onClick={() => open({ kind: "off", room: id })}>
          Out of use
        </Button>
        {room ? (
          <div className="space-y-3">
            <DraftState />
            <DraftLine
              label="Name"
              place={`rooms/${id}/name`}
              value={room.name}
              hint="A room needs a name."
              read={(v) => (v.trim() ? { op: "set", path: ["rooms", id, "name"], value: v.trim() } : null)}
            />
            <DraftLine
              label="Kind: rooms of one kind stand in for each other"
              place={`rooms/${id}/pool`}
              value={room.pool}
              hint="A room needs a kind."
              read={(v) => (v.trim() ? { op: "set", path: ["rooms", id, "pool"], value: v.trim() } : null)}
            />
          </div>
        ) : null}
        <div>
          <h3 className="mb-1 text-s font-semibold text-quiet">Out of use</h3>
          {out.length === 0 ? <p className="text-s text-quiet">never, so far</p> : null}
          <ul className="text-s">
            {out.map((a) => (
              <li key={a.id} className="border-b border-hairline py-1">
                <button type="button" className="min-h-6 text-left hover:underline" onClick={() => open({ kind: "touched", block: a.id })}>
                  {shortDate(a.from.date)} {a.from.time}–{a.to.time} {a.reason}
                </button>
              </li>
            ))}
          </ul>
        </div>
      </div>
    </section>
  );
}

/** A service: lengths and prices, who does it, and the time around it. */
export function ServicePanel({ me, id, close }: { me: Me; id: string; close: () => void }) {
  const draft = useDraftOf();
  const s = draft?.services.find((x) => x.id === id);
  const people = draft?.staff.filter((p) => p.bookable) ?? [];
  const called = (x: string): string => people.find((p) => p.id === x)?.called[0] ?? people.find((p) => p.id === x)?.name ?? x;
  return (
    <section aria-labelledby="panel-title">
      <PanelHead title={me.house.services.find((x) => x.id === id)?.name ?? id} close={close}>
        the service
      </PanelHead>
      {s && draft ? (
        <div className="space-y-3 px-[18px] py-3">
          <DraftState />
          <DraftLine
            label="Lengths and prices"
            place={`services/${id}/variants`}
            value={variantsLine(draft, s.variants)}
            hint="Write it like this: 30 min $60 · 60 min $95."
            read={(v) => {
              const read = parseVariants(v);
              // What a length has of its own stays with it.
              return read && read.length > 0
                ? { op: "set", path: ["services", id, "variants"], value: read.map((n) => ({ ...s.variants.find((o) => o.lengthMin === n.lengthMin), ...n })) }
                : null;
            }}
          />
          <DraftLine
            label="Who does it"
            place={`services/${id}/staff`}
            value={s.staff.map(called).join(", ")}
            hint={`Name people of the house: ${people.map((p) => p.called[0] ?? p.name).join(", ")}.`}
            read={(v) => {
              const names = v.split(/\s*,\s*/).filter(Boolean);
              const ids = names.map((n) => people.find((p) => [p.name, ...p.called].some((c) => c.toLowerCase() === n.toLowerCase()))?.id);
              return ids.every((x) => x !== undefined) ? { op: "set", path: ["services", id, "staff"], value: ids } : null;
            }}
          />
          <DraftLine
            label="Clean-up, in minutes"
            place={`services/${id}/cleanUpMin`}
            value={String(s.cleanUpMin)}
            hint="A number from 0 to 240."
            read={(v) => minutes(v, ["services", id, "cleanUpMin"])}
          />
          <DraftLine
            label="Made ready before, in minutes"
            place={`services/${id}/setUpMin`}
            value={String(s.setUpMin ?? 0)}
            hint="A number from 0 to 240."
            read={(v) => minutes(v, ["services", id, "setUpMin"])}
          />
          <p className="text-s text-quiet">Everything else of it stands in the handbook, under Services and prices.</p>
        </div>
      ) : null}
    </section>
  );
}

function minutes(v: string, path: string[]): { op: "set"; path: string[]; value: number } | null {
  const n = Number(v);
  return v.trim() !== "" && Number.isInteger(n) && n >= 0 && n <= 240 ? { op: "set", path, value: n } : null;
}

/** The hours of a day that is shortened. */
function ShortHours({ name, hours, keep }: { name: string; hours: Hours[]; keep: (h: Hours[]) => void }) {
  const now = hours.map((w) => `${w.from}–${w.to}`).join(", ");
  const [typed, setTyped] = useState(now);
  const read = readSpans(typed);
  return (
    <Input
      aria-label={`Hours on ${name}`}
      aria-invalid={!read || read.length === 0}
      className="mb-1 !min-h-7 text-s"
      value={typed}
      onChange={(e) => setTyped(e.target.value)}
      onBlur={() => {
        if (read && read.length > 0 && typed !== now) keep(read);
      }}
    />
  );
}

const SETTING = { nearest: "Nearest wins", tidy: "Keep days tidy", quiet: "Fill quiet days" } as const;

/** The house: this day's hours, the hours of every week, holidays, and how it chooses what to offer. */
export function HousePanel({ me, date, close }: { me: Me; date: string; close: () => void }) {
  const day = useGet<Day>(`/day?date=${date}`).data;
  const draft = useDraftOf();
  const holidays = useGet<{ holidays: Holiday[] }>("/holidays").data?.holidays;
  const tidy = useGet<Tidiness>("/tidiness").data;
  const view = useGet<DraftView>("/draft");
  const [error, setError] = useState<unknown>(null);
  const change = async (c: object, said: string): Promise<void> => {
    setError(null);
    try {
      await send("POST", "/draft/changes", { base: view.data?.rev ?? 0, change: c });
      await view.mutate();
      toast(`${said}. It holds once the draft is on duty.`);
    } catch (e) {
      setError(e);
    }
  };
  const feed = me.feeds.find((f) => f.staff === null);
  return (
    <section aria-labelledby="panel-title">
      <PanelHead title="Hours and holidays" close={close}>
        {me.house.name}
      </PanelHead>
      <div className="space-y-4 px-[18px] py-3">
        {day ? <OneDay key={date} date={date} works={day.open.map((w) => ({ ...w }))} single={day.single.find((d) => d.staff === null)} /> : null}
        <DraftState />
        {draft ? (
          <DraftLine
            label="Open every week"
            place="hours"
            value={hoursLine(draft.hours)}
            hint={HOURS_HINT}
            read={(v) => {
              const read = parseHours(v);
              return read && { op: "set", path: ["hours"], value: read };
            }}
          />
        ) : null}
        <Wrong error={error} />
        <div>
          <h3 className="mb-1 text-s font-semibold text-quiet">Holidays where the house is</h3>
          <ul className="text-s">
            {holidays?.slice(0, 14).map((h) => {
              const line = draft?.closed.find((c) => c.id === h.closed);
              return (
                <li key={h.date} className="flex flex-wrap items-center justify-between gap-x-2 border-b border-hairline py-0.5">
                  <span className="min-w-0 flex-1">
                    {shortDate(h.date)} {h.name}
                  </span>
                  <select
                    aria-label={`${h.name}: open or closed`}
                    className="min-h-7 rounded-m border border-hairline bg-raised"
                    value={line ? (line.hours ? "short" : "closed") : "open"}
                    onChange={(e) => {
                      const to = e.target.value;
                      if (to === "open" && line) void change({ op: "drop", path: ["closed", line.id] }, `${h.name}: open`);
                      else if (line)
                        void change(
                          { op: "set", path: ["closed", line.id, "hours"], value: to === "short" ? [{ from: "09:00", to: "13:00" }] : undefined },
                          `${h.name}: ${to === "short" ? "9–13" : "closed"}`,
                        );
                      else
                        void change(
                          {
                            op: "add",
                            path: ["closed"],
                            item: {
                              id: `day-${h.date}`,
                              name: h.name,
                              on: { kind: "once", date: h.date },
                              ...(to === "short" ? { hours: [{ from: "09:00", to: "13:00" }] } : {}),
                            },
                          },
                          `${h.name}: ${to === "short" ? "9–13" : "closed"}`,
                        );
                    }}
                  >
                    <option value="open">open</option>
                    <option value="closed">closed</option>
                    <option value="short">shortened</option>
                  </select>
                  {line?.hours ? (
                    <ShortHours
                      name={h.name}
                      hours={line.hours}
                      keep={(hours) => void change({ op: "set", path: ["closed", line.id, "hours"], value: hours }, `${h.name}: other hours`)}
                    />
                  ) : null}
                </li>
              );
            })}
          </ul>
        </div>
        <fieldset>
          <legend className="mb-1 text-s font-semibold text-quiet">Where several times would do, offer</legend>
          {(["nearest", "tidy", "quiet"] as const).map((k) => {
            const gaps = tidy?.settings.find((s) => s.setting === k);
            return (
              <label key={k} className="flex min-h-8 items-center gap-2 text-s">
                <input
                  type="radio"
                  name="offers"
                  className="size-4"
                  checked={(draft?.rules.offers ?? "nearest") === k}
                  onChange={() => void change({ op: "set", path: ["rules", "offers"], value: k }, SETTING[k])}
                />
                <span className="flex-1">{SETTING[k]}</span>
                <span className="text-quiet">{gaps ? `${gaps.gapMin} min lost` : ""}</span>
              </label>
            );
          })}
          {tidy ? (
            <p className="text-s text-quiet">
              Minutes too short for anything, had the {tidy.bookings} visits of the last {tidy.days} days been offered that way.
            </p>
          ) : null}
        </fieldset>
        {feed ? (
          <Field label="The house’s calendar, for other programs" hint="Whoever has this address sees the appointments.">
            <Input readOnly value={`${location.origin}${feed.path}`} onFocus={(e) => e.target.select()} />
          </Field>
        ) : null}
      </div>
    </section>
  );
}
