import { DndContext, PointerSensor, useDraggable, useSensor, useSensors, type DragEndEvent, type DragMoveEvent, type DragStartEvent } from "@dnd-kit/core";
import { memo, useCallback, useEffect, useRef, type ReactNode } from "react";
import { toast } from "sonner";
import { get } from "../../../api/client.ts";
import type { Day, Me, Places, Slip } from "../../../api/types.ts";
import { clock } from "../../../parts/words.ts";
import type { Panel, Target } from "../panel.ts";
import { DragLayer, ribbonsOf } from "./DragLayer.tsx";
import { lifted, shutAt, type Lift } from "./lift.ts";
import { left, scaleOf, span, type Scale } from "./scale.ts";
import { SlipButton } from "./SlipButton.tsx";

/** The width of the names at the left, in pixels; the layer above the ribbons counts with it too. */
const NAMES = 112;
/** So many ribbons are drawn at their full height; more than the second number as low as they can be read. */
const ROOMY = 8;
const MANY = 12;
const LOW = "h-[35px] shrink-0";

interface Props {
  me: Me;
  day: Day;
  nowMinute: number | null;
  panel: Panel;
  rows: "people" | "rooms";
  open: (panel: Panel) => void;
  /** Puts a slip somewhere else, or makes it longer. */
  place: (slip: Slip, to: Target, reason?: string) => void;
}

/** The day as ribbons, by person or by room: time runs from left to right. */
export function DaySheet({ me, day, nowMinute, panel, rows, open, place }: Props) {
  const sheet = useRef<HTMLDivElement>(null);
  const scale = scaleOf(day);
  const hours = Array.from({ length: (scale.toMin - scale.fromMin) / 60 }, (_, i) => scale.fromMin + i * 60);
  const shown = nowMinute !== null && nowMinute >= scale.fromMin && nowMinute < scale.toMin ? nowMinute : null;
  const grid = me.house.rules.gridMin;
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 5 } }));
  const boxes = useRef<ReturnType<typeof ribbonsOf>>([]);
  const dropped = useRef(false);

  const begin = useCallback(
    (slip: Slip, what: Lift["what"], by: Lift["by"]): void => {
      if (sheet.current) boxes.current = ribbonsOf(sheet.current);
      lifted.set({ slip, what, by, row: rows === "people" ? slip.staff : slip.room, fromMin: slip.from, lengthMin: slip.lengthMin });
      if (what === "place")
        void get<Places>(`/appointments/${slip.id}/places?date=${day.date}`)
          .then((p) => lifted.setPlaces(p))
          .catch(() => undefined);
    },
    [rows, day.date],
  );

  const finish = useCallback((): void => {
    const lift = lifted.now;
    const places = lifted.places;
    lifted.set(null);
    if (!lift) return;
    const { slip } = lift;
    const row = rows === "people" ? slip.staff : slip.room;
    if (lift.row === row && lift.fromMin === slip.from && lift.lengthMin === slip.lengthMin) return;
    const staff = rows === "people" ? lift.row : slip.staff;
    const shut = shutAt(places, lift, staff);
    const to: Target = {
      ...(lift.what === "length" ? { length: lift.lengthMin } : { time: clock(lift.fromMin).padStart(5, "0"), date: day.date }),
      ...(rows === "people" && lift.row !== slip.staff ? { staff: lift.row } : {}),
      ...(rows === "rooms" && lift.row !== slip.room ? { room: lift.row } : {}),
    };
    if (shut?.never) {
      toast.error(`It does not fit there: ${shut.why}. It stays at ${clock(slip.from)}.`);
      return;
    }
    if (shut) open({ kind: "overrule", id: slip.id, to, why: shut.why });
    else place(slip, to);
  }, [rows, day.date, open, place]);

  const minutesOf = (dx: number): number => {
    const width = (sheet.current?.clientWidth ?? 1000) - NAMES;
    return (dx / width) * (scale.toMin - scale.fromMin);
  };

  const start = (e: DragStartEvent): void => {
    const at = e.activatorEvent.target instanceof Element ? e.activatorEvent.target.closest<HTMLElement>(HANDLES) : null;
    const slip = day.appointments.find((a) => a.id === (at?.dataset["end"] ?? at?.dataset["slip"]));
    if (slip) begin(slip, at?.dataset["end"] ? "length" : "place", "hand");
  };
  const move = (e: DragMoveEvent): void => {
    const lift = lifted.now;
    if (!lift) return;
    const { slip } = lift;
    const by = Math.round(minutesOf(e.delta.x) / grid) * grid;
    if (lift.what === "length") {
      lifted.set({ ...lift, lengthMin: Math.max(grid, slip.lengthMin + by) });
      return;
    }
    const own = boxes.current.find((b) => b.id === (rows === "people" ? slip.staff : slip.room));
    const y = own ? own.top + own.height / 2 + e.delta.y : 0;
    const row = boxes.current.find((b) => y >= b.top && y < b.top + b.height)?.id ?? lift.row;
    lifted.set({ ...lift, row, fromMin: Math.max(0, Math.min(1440 - slip.lengthMin, slip.from + by)) });
  };
  const end = (e: DragEndEvent): void => {
    // The click that ends a drag opens nothing.
    dropped.current = e.delta.x !== 0 || e.delta.y !== 0;
    setTimeout(() => (dropped.current = false), 50);
    finish();
  };

  const openSlip = useCallback(
    (id: string): void => {
      if (!dropped.current && !lifted.now) open({ kind: "slip", id });
    },
    [open],
  );

  /** By keyboard: m lifts a slip, arrows carry it, Shift and arrows change its length, Enter puts it down. */
  const key = useCallback(
    (slip: Slip, e: React.KeyboardEvent): void => {
      const lift = lifted.now;
      const arrows = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[e.key];
      const movable = slip.status === "booked" || slip.status === "arrived";
      if (!lift) {
        if (!movable || !(e.key === "m" || (e.shiftKey && (e.key === "ArrowLeft" || e.key === "ArrowRight")))) return;
        e.preventDefault();
        e.stopPropagation();
        begin(slip, e.key === "m" ? "place" : "length", "keys");
        if (e.key !== "m") lifted.set({ ...(lifted.now as Lift), lengthMin: Math.max(grid, slip.lengthMin + (e.key === "ArrowRight" ? grid : -grid)) });
        return;
      }
      if (lift.slip.id !== slip.id) return;
      if (e.key === "Enter" || e.key === " ") finish();
      else if (e.key === "Escape") lifted.set(null);
      else if (arrows && lift.what === "length") lifted.set({ ...lift, lengthMin: Math.max(grid, lift.lengthMin + (arrows[0] ?? 0) * grid) });
      else if (arrows) {
        const at = boxes.current.findIndex((b) => b.id === lift.row);
        const row = boxes.current[at + (arrows[1] ?? 0)]?.id ?? lift.row;
        lifted.set({ ...lift, row, fromMin: Math.max(0, Math.min(1440 - lift.lengthMin, lift.fromMin + (arrows[0] ?? 0) * grid)) });
      } else return;
      e.preventDefault();
      e.stopPropagation();
    },
    [begin, finish, grid],
  );

  useEffect(() => () => lifted.set(null), [day.date, rows]);

  const people = me.house.staff.filter((s) => s.bookable);
  const list = rows === "people" ? people : me.house.rooms;
  const tight = list.length > ROOMY;
  const height = !tight ? null : list.length > MANY ? LOW : "h-[42px] shrink-0";
  return (
    <div className="relative mt-2 flex min-h-0 flex-1 flex-col overflow-y-auto pb-3" ref={sheet}>
      <div className="sticky top-0 z-20 ml-[112px] h-6 shrink-0 bg-paper text-s text-quiet" aria-hidden="true">
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
      <DndContext
        sensors={sensors}
        onDragStart={start}
        onDragMove={move}
        onDragEnd={end}
        onDragCancel={() => lifted.set(null)}
        autoScroll={false}
        accessibility={NO_WORDS}
      >
        <Draggable>
          <div className="pointer-events-none absolute inset-y-0 right-0 left-[112px]" aria-hidden="true">
            {hours.map((h) => (
              <span key={h} className="absolute inset-y-0 border-l border-[#ebe7db]" style={{ left: left(scale, h) }} />
            ))}
            {shown === null ? null : <span className="absolute inset-y-0 z-10 border-l-2 border-stamen" style={{ left: left(scale, shown) }} />}
          </div>
          {rows === "people"
            ? people.map((p) => (
                <PersonRibbon
                  key={p.id}
                  person={p}
                  day={day}
                  scale={scale}
                  panel={panel}
                  open={open}
                  openSlip={openSlip}
                  onKey={key}
                  tight={tight}
                  height={height}
                  grid={grid}
                />
              ))
            : me.house.rooms.map((r) => (
                <RoomRibbon
                  key={r.id}
                  room={r}
                  day={day}
                  scale={scale}
                  panel={panel}
                  open={open}
                  openSlip={openSlip}
                  onKey={key}
                  tight={tight}
                  height={height}
                />
              ))}
        </Draggable>
      </DndContext>
      {rows === "people" && nowMinute !== null && day.open.length > 0 ? <FreeRooms me={me} day={day} nowMinute={nowMinute} /> : null}
      <DragLayer sheet={sheet} scale={scale} day={day} rows={rows} />
    </div>
  );
}

/** What can be dragged: a slip, or its end. */
const HANDLES = "[data-end], [data-slip][data-movable]";

/** All ribbons are one thing that can be dragged from: which slip it is, is seen when it begins. So slips stay as they are. */
function Draggable({ children }: { children: ReactNode }) {
  const { setNodeRef, listeners } = useDraggable({ id: "ribbons" });
  return (
    <div
      ref={setNodeRef}
      className="relative flex flex-1 flex-col"
      onPointerDown={(e) => {
        if (e.target instanceof Element && e.target.closest(HANDLES)) listeners?.["onPointerDown"]?.(e);
      }}
    >
      {children}
    </div>
  );
}

/** Which rooms nobody is in right now. */
function FreeRooms({ me, day, nowMinute }: { me: Me; day: Day; nowMinute: number }) {
  const taken = (id: string): boolean =>
    day.appointments.some((a) => (a.room === id || a.more.includes(id)) && a.from <= nowMinute && nowMinute < a.busyTo) ||
    day.held.some((a) => a.room === id && a.from <= nowMinute && nowMinute < a.to) ||
    day.blocks.some((b) => b.room === id && b.from <= nowMinute && nowMinute < b.to);
  const free = me.house.rooms.filter((r) => !taken(r.id));
  if (me.house.rooms.length === 0) return null;
  return (
    <p className="shrink-0 truncate border-t border-hairline pt-1.5 text-s text-quiet">
      <b className="font-semibold text-ink">Free now:</b> {free.length > 0 ? free.map((r) => r.name).join(", ") : "no room"}
    </p>
  );
}

/** The keys have their own words, said by the layer above the ribbons. */
const NO_WORDS = {
  screenReaderInstructions: { draggable: "" },
  announcements: { onDragStart: () => "", onDragMove: () => "", onDragOver: () => "", onDragEnd: () => "", onDragCancel: () => "" },
};

interface RibbonProps {
  day: Day;
  scale: Scale;
  panel: Panel;
  open: (p: Panel) => void;
  openSlip: (id: string) => void;
  onKey: (slip: Slip, e: React.KeyboardEvent) => void;
  tight: boolean;
  /** The height of a ribbon where there are many; null where they share the page. */
  height: string | null;
}

const PersonRibbon = memo(function PersonRibbon({
  person: p,
  day,
  scale,
  panel,
  open,
  openSlip,
  onKey,
  tight,
  height,
  grid,
}: RibbonProps & { person: Me["house"]["staff"][number]; grid: number }) {
  const plan = day.staff.find((s) => s.id === p.id);
  const own = day.appointments.filter((a) => a.staff === p.id && a.kind === "visit");
  const classes = classesOf(day).filter((c) => c.staff === p.id);
  const blocks = day.blocks.filter((b) => b.staff === p.id);
  const held = day.held.filter((h) => h.staff === p.id);
  const single = day.single.find((d) => d.staff === p.id);
  const inToday = (plan?.works.length ?? 0) > 0 || own.length > 0 || classes.length > 0;
  return (
    <section
      aria-label={p.name}
      data-ribbon={p.id}
      className={`relative grid grid-cols-[112px_1fr] border-t border-hairline ${height ?? (inToday ? "max-h-[92px] min-h-[68px] flex-1" : "h-9 shrink-0")}`}
    >
      <div className={tight ? "pt-0.5" : "pt-1.5"}>
        <button
          type="button"
          aria-label={`${p.called}, ${p.name}: hours and time off`}
          className={`block max-w-full truncate rounded-m text-left hover:underline ${inToday ? "leading-5 font-semibold" : "text-m text-quiet"}`}
          onClick={() => open({ kind: "person", id: p.id })}
        >
          {p.called}
        </button>
        {inToday && height !== LOW ? (
          <span className={`block pr-2 text-s leading-4 text-quiet ${tight ? "truncate" : "line-clamp-2"}`}>{single ? "other hours today" : p.work}</span>
        ) : null}
      </div>
      <div className="relative">
        {!inToday ? (
          <span className="absolute top-2 left-0 bg-paper pr-2 text-s text-quiet">
            {single ? `not in today${single.reason ? `: ${single.reason}` : ""}` : "not in today"}
          </span>
        ) : null}
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
              open({ kind: "book", staff: p.id, minute: Math.floor(at / grid) * grid });
            }}
          />
        ))}
        {inToday
          ? plan?.breaks.map((b) => (
              <span
                key={b.fromMin}
                className="hatched absolute top-1.5 bottom-1.5"
                style={span(scale, b.fromMin, b.toMin)}
                title={`Break ${clock(b.fromMin)}–${clock(b.toMin)}`}
              />
            ))
          : null}
        {blocks.map((b) => (
          <BlockSlip key={b.id} block={b} scale={scale} open={open} />
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
          <SlipButton key={a.id} slip={a} scale={scale} on={panel.kind === "slip" && panel.id === a.id} tight={tight} onOpen={openSlip} onKey={onKey} />
        ))}
        {classes.map((c) => (
          <ClassSlip key={c.from} c={c} scale={scale} panel={panel} open={open} tight={tight} />
        ))}
      </div>
    </section>
  );
});

const RoomRibbon = memo(function RoomRibbon({
  room: r,
  day,
  scale,
  panel,
  open,
  openSlip,
  onKey,
  tight,
  height,
}: RibbonProps & { room: Me["house"]["rooms"][number] }) {
  const own = day.appointments.filter((a) => a.kind === "visit" && (a.room === r.id || a.more.includes(r.id)));
  const blocks = day.blocks.filter((b) => b.room === r.id);
  return (
    <section
      aria-label={r.name}
      data-ribbon={r.id}
      className={`relative grid grid-cols-[112px_1fr] border-t border-hairline ${height ?? "max-h-[92px] min-h-[60px] flex-1"}`}
    >
      <div className="pt-1.5">
        <button
          type="button"
          aria-label={`${r.name}: out of use`}
          className="block max-w-full truncate rounded-m text-left leading-5 font-semibold hover:underline"
          onClick={() => open({ kind: "room", id: r.id })}
        >
          {r.name}
        </button>
        <span className="block truncate text-s leading-4 text-quiet">{r.pool}</span>
      </div>
      <div className="relative">
        {day.open.map((w) => (
          <span key={w.fromMin} className="absolute top-1.5 bottom-1.5 bg-open" style={span(scale, w.fromMin, w.toMin)} />
        ))}
        {blocks.map((b) => (
          <BlockSlip key={b.id} block={b} scale={scale} open={open} />
        ))}
        {own.map((a) => (
          <span key={`${a.id} after`} className="absolute top-1.5 bottom-1.5 bg-hairline/60" style={span(scale, a.to, a.busyTo)} title="Clean-up" />
        ))}
        {own.map((a) => (
          <SlipButton key={a.id} slip={a} scale={scale} on={panel.kind === "slip" && panel.id === a.id} tight={tight} onOpen={openSlip} onKey={onKey} />
        ))}
        {classesOf(day)
          .filter((c) => c.room === r.id)
          .map((c) => (
            <ClassSlip key={c.from} c={c} scale={scale} panel={panel} open={open} tight={tight} />
          ))}
      </div>
    </section>
  );
});

function BlockSlip({ block, scale, open }: { block: Day["blocks"][number]; scale: Scale; open: (p: Panel) => void }) {
  return (
    <button
      type="button"
      className="hatched absolute top-1.5 bottom-1.5 flex items-start overflow-hidden border border-hairline px-1.5 py-1 text-left text-s leading-4"
      style={span(scale, block.from, block.to)}
      title={`${block.reason || "Blocked"}, ${clock(block.from)}–${clock(block.to)}`}
      onClick={() => open({ kind: "touched", block: block.id })}
    >
      <span className="rounded-m bg-paper px-1">{block.reason || (block.kind === "time-off" ? "time off" : "blocked")}</span>
    </button>
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
    return { name: c.name, staff: c.staff, room: c.room, from: c.from, to: c.to, places: c.places, taken: slips.reduce((n, a) => n + a.places, 0), slips };
  });
}

function ClassSlip({ c, scale, panel, open, tight }: { c: ClassOfDay; scale: Scale; panel: Panel; open: (p: Panel) => void; tight: boolean }) {
  const on = panel.kind === "slip" && c.slips.some((s) => s.id === panel.id);
  const first = c.slips[0];
  return (
    <button
      type="button"
      disabled={!first}
      onClick={() => first && open({ kind: "slip", id: first.id })}
      className={`absolute top-1.5 bottom-1.5 flex flex-col overflow-hidden rounded-m border bg-gentian-pale px-1.5 text-left text-s leading-4 ${tight ? "py-0" : "py-1"} ${c.slips.some((s) => s.byReceptionist) ? "border-l-4 border-l-gentian" : ""} ${on ? "z-10 border-gentian outline-2 outline-gentian" : "border-hairline"}`}
      style={span(scale, c.from, c.to)}
    >
      <span className={`block w-full leading-4 font-semibold ${tight ? "truncate" : ""}`}>{c.name}</span>
      <span className="block">
        {c.taken} of {c.places}
      </span>
      <span className="sr-only">
        places taken, {clock(c.from)} to {clock(c.to)}
      </span>
    </button>
  );
}
