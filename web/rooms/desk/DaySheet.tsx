import { useState, type CSSProperties } from "react";
import type { Day, Me, Slip } from "../../api/types.ts";
import { clock, shortName } from "../../parts/words.ts";
import type { Panel } from "./panel.ts";

interface Scale {
  fromMin: number;
  toMin: number;
}

const left = (s: Scale, minute: number): string => `${((Math.min(Math.max(minute, s.fromMin), s.toMin) - s.fromMin) / (s.toMin - s.fromMin)) * 100}%`;
const span = (s: Scale, from: number, to: number): CSSProperties => {
  const a = Math.max(from, s.fromMin);
  const b = Math.min(to, s.toMin);
  return { left: left(s, a), width: `${(Math.max(0, b - a) / (s.toMin - s.fromMin)) * 100}%` };
};

/** The hours that the sheet shows: those of the house, and whatever lies outside them. */
function scaleOf(day: Day): Scale {
  const starts = [...day.open.map((w) => w.fromMin), ...day.appointments.map((a) => a.from), ...day.staff.flatMap((s) => s.works.map((w) => w.fromMin))];
  const ends = [...day.open.map((w) => w.toMin), ...day.appointments.map((a) => a.to), ...day.staff.flatMap((s) => s.works.map((w) => w.toMin))];
  if (starts.length === 0) return { fromMin: 480, toMin: 1140 };
  return { fromMin: Math.floor(Math.min(...starts) / 60) * 60, toMin: Math.ceil(Math.max(...ends) / 60) * 60 };
}

interface Props {
  me: Me;
  day: Day;
  date: string;
  nowMinute: number | null;
  panel: Panel;
  open: (panel: Panel) => void;
}

/** The staff's day as ribbons: one person a row, time from left to right. */
export function DaySheet({ me, day, nowMinute, panel, open }: Props) {
  const [rooms, setRooms] = useState(false);
  const scale = scaleOf(day);
  const hours = Array.from({ length: (scale.toMin - scale.fromMin) / 60 }, (_, i) => scale.fromMin + i * 60);
  const people = me.house.staff.filter((s) => s.bookable);
  const busyNow = (room: string): boolean =>
    nowMinute !== null && [...day.appointments, ...day.held].some((a) => a.room === room && a.from <= nowMinute && nowMinute < a.to);
  const free = me.house.rooms.filter((r) => !busyNow(r.id));
  const shown = nowMinute !== null && nowMinute >= scale.fromMin && nowMinute < scale.toMin ? nowMinute : null;
  const groups = classesOf(day);
  return (
    <div className="relative mt-2 flex min-h-0 flex-1 flex-col overflow-y-auto pb-3">
      <div className="relative ml-[112px] h-6 shrink-0 text-s text-quiet" aria-hidden="true">
        {hours.map((h) => (
          <span key={h} className="absolute top-0 border-l border-hairline pl-1.5 leading-6" style={{ left: left(scale, h) }}>
            {h / 60}
          </span>
        ))}
        {shown === null ? null : (
          <span
            className="absolute top-0 z-20 -translate-x-1/2 rounded-m bg-stamen-pale px-1.5 leading-6 font-semibold text-stamen"
            style={{ left: left(scale, shown) }}
          >
            {clock(shown)}
          </span>
        )}
      </div>
      {day.open.length === 0 ? (
        <p className="border-t border-hairline py-4 text-quiet">{day.closed ? `Closed: ${day.closed}.` : "The house is closed on this day."}</p>
      ) : null}
      <div className="relative flex flex-1 flex-col">
        <div className="pointer-events-none absolute inset-y-0 right-0 left-[112px]" aria-hidden="true">
          {hours.map((h) => (
            <span key={h} className="absolute inset-y-0 border-l border-[#ebe7db]" style={{ left: left(scale, h) }} />
          ))}
          {shown === null ? null : <span className="absolute inset-y-0 z-10 border-l-2 border-stamen" style={{ left: left(scale, shown) }} />}
        </div>
        {people.map((p) => {
          const plan = day.staff.find((s) => s.id === p.id);
          const own = day.appointments.filter((a) => a.staff === p.id && a.kind === "visit");
          const classes = groups.filter((c) => c.staff === p.id);
          const blocks = day.blocks.filter((b) => b.staff === p.id);
          const held = day.held.filter((h) => h.staff === p.id);
          const inToday = (plan?.works.length ?? 0) > 0 || own.length > 0 || classes.length > 0;
          return (
            <section
              key={p.id}
              aria-label={p.name}
              className={`relative grid grid-cols-[112px_1fr] border-t border-hairline ${inToday ? "max-h-[92px] min-h-[68px] flex-1" : "h-9 shrink-0"}`}
            >
              <div className={`pt-2 ${inToday ? "" : "text-quiet"}`}>
                <span className={inToday ? "block leading-5 font-semibold" : "block text-m"}>{p.called}</span>
                {inToday ? <span className="block pr-2 text-s leading-4 text-quiet">{p.work}</span> : null}
              </div>
              <div className="relative">
                {!inToday ? <span className="absolute top-2 left-0 bg-paper pr-2 text-s text-quiet">not in today</span> : null}
                {plan?.works.map((w) => (
                  <button
                    key={w.fromMin}
                    type="button"
                    tabIndex={-1}
                    aria-label={`Book with ${p.called} between ${clock(w.fromMin)} and ${clock(w.toMin)}`}
                    className="absolute top-1.5 bottom-1.5 cursor-copy bg-open"
                    style={span(scale, w.fromMin, w.toMin)}
                    onClick={(e) => {
                      const box = e.currentTarget.getBoundingClientRect();
                      const at = w.fromMin + ((e.clientX - box.left) / box.width) * (w.toMin - w.fromMin);
                      open({ kind: "book", staff: p.id, minute: Math.floor(at / 15) * 15 });
                    }}
                  />
                ))}
                {plan?.breaks.map((b) => (
                  <span
                    key={b.fromMin}
                    className="hatched absolute top-1.5 bottom-1.5"
                    style={span(scale, b.fromMin, b.toMin)}
                    title={`Break ${clock(b.fromMin)}–${clock(b.toMin)}`}
                  />
                ))}
                {blocks.map((b) => (
                  <BlockSlip key={b.id} block={b} scale={scale} />
                ))}
                {held.map((h) => (
                  <span
                    key={h.id}
                    className="absolute top-1.5 bottom-1.5 rounded-m border border-dashed border-gentian bg-paper/70 px-1 text-s text-gentian"
                    style={span(scale, h.from, h.to)}
                    title={`Held for a client, ${clock(h.from)}`}
                  >
                    held
                  </span>
                ))}
                {own.map((a) => (
                  <SlipButton
                    key={a.id}
                    slip={a}
                    scale={scale}
                    on={panel.kind === "slip" && panel.id === a.id}
                    onOpen={() => open({ kind: "slip", id: a.id })}
                  />
                ))}
                {classes.map((c) => (
                  <ClassSlip key={c.from} c={c} scale={scale} panel={panel} open={open} />
                ))}
              </div>
            </section>
          );
        })}
      </div>
      <div className="shrink-0">
        <div className="border-t border-hairline pt-1 text-s text-quiet">
          <button type="button" className="min-h-8 font-semibold hover:text-ink" aria-expanded={rooms} onClick={() => setRooms(!rooms)}>
            Rooms {rooms ? "▾" : "▸"}
          </button>
          {rooms ? null : <span className="ml-3">{me.house.rooms.map((r) => r.name).join(" · ")}</span>}
          {nowMinute === null || rooms ? null : (
            <span className="ml-4">
              <b className="font-semibold text-ink">free now:</b> {free.length > 0 ? free.map((r) => r.name).join(", ") : "none"}
            </span>
          )}
        </div>
        {rooms
          ? me.house.rooms.map((r) => (
              <section key={r.id} aria-label={r.name} className="relative grid h-10 grid-cols-[112px_1fr] border-t border-hairline">
                <span className="pt-2.5 text-s">{r.name}</span>
                <div className="relative">
                  {day.open.map((w) => (
                    <span key={w.fromMin} className="absolute top-1 bottom-1 bg-open" style={span(scale, w.fromMin, w.toMin)} />
                  ))}
                  {day.appointments
                    .filter((a) => a.room === r.id && a.kind === "visit")
                    .map((a) => (
                      <span
                        key={a.id}
                        className="absolute top-1 bottom-1 truncate rounded-m border border-hairline bg-raised px-1 text-s leading-7"
                        style={span(scale, a.from, a.busyTo)}
                      >
                        {shortName(a.client)}
                      </span>
                    ))}
                  {groups
                    .filter((c) => c.room === r.id)
                    .map((c) => (
                      <span
                        key={c.from}
                        className="absolute top-1 bottom-1 truncate rounded-m border border-hairline bg-gentian-pale px-1 text-s leading-7"
                        style={span(scale, c.from, c.to)}
                      >
                        {c.name}
                      </span>
                    ))}
                </div>
              </section>
            ))
          : null}
      </div>
    </div>
  );
}

function SlipButton({ slip, scale, on, onOpen }: { slip: Slip; scale: Scale; on: boolean; onOpen: () => void }) {
  const narrow = slip.lengthMin < 40;
  const first = slip.client.split(" ")[0] ?? slip.client;
  return (
    <button
      type="button"
      onClick={onOpen}
      title={`${clock(slip.from)}–${clock(slip.to)} ${slip.client}, ${slip.serviceName}${slip.byReceptionist ? ", booked by the receptionist" : ""}`}
      className={`glide absolute top-1.5 bottom-1.5 flex flex-col overflow-hidden rounded-m border bg-raised py-1 text-left text-s leading-4 ${slip.byReceptionist ? "border-l-4 border-l-gentian" : ""} ${on ? "z-10 border-gentian outline-2 outline-gentian" : "border-hairline hover:border-quiet"} ${narrow ? "px-0" : "px-1.5"} ${slip.status === "missed" ? "text-clay" : ""}`}
      style={span(scale, slip.from, slip.to)}
    >
      {narrow ? (
        // Too narrow for a name from left to right: it stands on its end, whole.
        <span className="block max-h-full self-center overflow-hidden font-semibold whitespace-nowrap [writing-mode:vertical-rl]">
          {first} <span className="font-normal text-quiet">{slip.lengthMin}</span>
        </span>
      ) : (
        <>
          <span className="block w-full truncate font-semibold">{shortName(slip.client)}</span>
          <span className="block w-full truncate text-quiet">{slip.serviceName}</span>
        </>
      )}
      {slip.status === "missed" ? <span className="block">missed</span> : null}
      <span className="sr-only">
        {clock(slip.from)} to {clock(slip.to)}, {slip.client}, {slip.serviceName}
        {slip.byReceptionist ? ", booked by the receptionist" : ""}
      </span>
    </button>
  );
}

function BlockSlip({ block, scale }: { block: Day["blocks"][number]; scale: Scale }) {
  return (
    <span
      className="hatched absolute top-1.5 bottom-1.5 overflow-hidden border border-hairline px-1.5 py-1 text-s leading-4"
      style={span(scale, block.from, block.to)}
      title={`${block.reason || "Blocked"}, ${clock(block.from)}–${clock(block.to)}`}
    >
      <span className="rounded-m bg-paper px-1">{block.reason || "blocked"}</span>
    </span>
  );
}

interface ClassOfDay {
  name: string;
  staff: string | undefined;
  room: string;
  from: number;
  to: number;
  places: number;
  taken: number;
  slips: Slip[];
}

function classesOf(day: Day): ClassOfDay[] {
  return day.classes.map((c) => {
    const slips = day.appointments.filter((a) => a.kind === "place" && a.service === c.service && a.from === c.from);
    return {
      name: slips[0]?.serviceName ?? "Class",
      staff: c.staff,
      room: c.room,
      from: c.from,
      to: c.to,
      places: c.places,
      taken: slips.reduce((n, a) => n + a.places, 0),
      slips,
    };
  });
}

function ClassSlip({ c, scale, panel, open }: { c: ClassOfDay; scale: Scale; panel: Panel; open: (p: Panel) => void }) {
  const on = panel.kind === "slip" && c.slips.some((s) => s.id === panel.id);
  const first = c.slips[0];
  return (
    <button
      type="button"
      disabled={!first}
      onClick={() => first && open({ kind: "slip", id: first.id })}
      className={`absolute top-1.5 bottom-1.5 flex flex-col overflow-hidden rounded-m border bg-gentian-pale px-1.5 py-1 text-left text-s leading-4 ${c.slips.some((s) => s.byReceptionist) ? "border-l-4 border-l-gentian" : ""} ${on ? "z-10 border-gentian outline-2 outline-gentian" : "border-hairline"}`}
      style={span(scale, c.from, c.to)}
    >
      <span className="block w-full leading-4 font-semibold">{c.name}</span>
      <span className="block">
        {c.taken} of {c.places}
      </span>
      <span className="sr-only">
        places taken, {clock(c.from)} to {clock(c.to)}
      </span>
    </button>
  );
}
