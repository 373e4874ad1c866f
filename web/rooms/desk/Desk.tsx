import { useCallback, useEffect, useState } from "react";
import { DropdownMenu } from "radix-ui";
import { Link, useSearchParams } from "react-router";
import { toast } from "sonner";
import { wordsOf } from "../../api/client.ts";
import { useGet, useHouseClock } from "../../api/hooks.ts";
import type { Day, Me, Now, Slip } from "../../api/types.ts";
import { Button, Wrong } from "../../parts/controls.tsx";
import { addDays, longDate, shortDate } from "../../parts/words.ts";
import { BookPanel } from "./BookPanel.tsx";
import { command, mayOverrule } from "./commands.ts";
import { Keys } from "./Keys.tsx";
import { HousePanel, PersonPanel, RoomPanel, ServicePanel } from "./LinePanels.tsx";
import { OffPanel } from "./OffPanel.tsx";
import type { Panel, Target } from "./panel.ts";
import { DaySheet } from "./sheet/DaySheet.tsx";
import { lifted } from "./sheet/lift.ts";
import { RingBand } from "./RingBand.tsx";
import { OverrulePanel, SlipPanel } from "./SlipPanel.tsx";
import { Talking } from "./Talking.tsx";
import { TalkPanel } from "./TalkPanel.tsx";
import { TouchedPanel } from "./TouchedPanel.tsx";
import { WaitingBand } from "./WaitingBand.tsx";
import { WalkInPanel } from "./WalkInPanel.tsx";
import { WeekSheet } from "./WeekSheet.tsx";

type View = "people" | "rooms" | "week";

/** The desk: what waits above, the day sheet, and beside it who is talking or what is opened. */
export function Desk({ me }: { me: Me }) {
  const [params, setParams] = useSearchParams();
  const clock = useHouseClock(me);
  const date = /^\d{4}-\d{2}-\d{2}$/.test(params.get("day") ?? "") ? (params.get("day") as string) : clock.date;
  const asked = params.get("view");
  const view: View = asked === "rooms" || asked === "week" ? asked : "people";
  const day = useGet<Day>(`/day?date=${date}`);
  const now = useGet<Now>("/now");
  const [panel, setPanel] = useState<Panel>({ kind: "none" });
  const [keys, setKeys] = useState(false);
  const show = (more: { day?: string; view?: View }): void => {
    const to = { day: more.day ?? date, view: more.view ?? view };
    setParams({ ...(to.day === clock.date ? {} : { day: to.day }), ...(to.view === "people" ? {} : { view: to.view }) });
  };
  const close = useCallback((): void => setPanel({ kind: "none" }), []);
  const step = view === "week" ? 7 : 1;

  useEffect(() => {
    const press = (e: KeyboardEvent): void => {
      if (e.key === "Escape" && !lifted.now) return close();
      const at = e.target as HTMLElement;
      if (e.ctrlKey || e.metaKey || e.altKey || lifted.now || /^(?:INPUT|TEXTAREA|SELECT)$/.test(at.tagName)) return;
      const acts: Record<string, () => void> = {
        "?": () => setKeys(true),
        b: () => setPanel({ kind: "book" }),
        w: () => setPanel({ kind: "walk-in" }),
        x: () => setPanel({ kind: "off" }),
        i: () => setPanel({ kind: "off", ill: true }),
        h: () => setPanel({ kind: "house" }),
        t: () => show({ day: clock.date }),
        v: () => show({ view: view === "week" ? "people" : "week" }),
        r: () => show({ view: view === "rooms" ? "people" : "rooms" }),
        ",": () => show({ day: addDays(date, -step) }),
        ".": () => show({ day: addDays(date, step) }),
      };
      const act = acts[e.key];
      if (!act) return;
      act();
      e.preventDefault();
    };
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  });

  const place = useCallback((slip: Slip, to: Target): void => {
    const said = to.length ? `${slip.client}: ${to.length} minutes now` : `${slip.client}: moved to ${to.date ? shortDate(to.date) : ""} ${to.time ?? ""}`;
    command(`/appointments/${slip.id}/move`, { ...to, seen: slip.sequence }, said)
      .then((done) => setPanel(to.length ? { kind: "slip", id: slip.id } : { kind: "slip", id: slip.id, moved: done.undo }))
      .catch((e: unknown) => {
        const { title, detail } = wordsOf(e);
        if (mayOverrule(e)) setPanel({ kind: "overrule", id: slip.id, to, why: title.replace(/^It does not fit there: /, "") });
        else toast.error(`${title}. ${detail}`);
      });
  }, []);

  const booked = day.data?.appointments.filter((a) => a.status !== "cancelled") ?? [];
  const mine = booked.filter((a) => a.byReceptionist).length;
  const houseDay = day.data?.single.find((s) => s.staff === null);
  return (
    <main className="flex min-h-0 flex-1 flex-col">
      <RingBand ringing={now.data?.ringing ?? []} />
      <WaitingBand now={now.data} onOpen={(id) => setPanel({ kind: "talk", id })} onSlip={(id) => setPanel({ kind: "slip", id })} />
      <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_292px]">
        <section aria-labelledby="day-title" className="flex min-h-0 flex-col px-5 pt-3">
          <div className="flex items-baseline gap-2">
            <h1 id="day-title" className="font-serif text-xl font-semibold whitespace-nowrap">
              {longDate(date)}
            </h1>
            <span className="flex items-baseline">
              <Button
                kind="quiet"
                className="min-w-8 !px-2"
                aria-label={view === "week" ? "The week before" : "The day before"}
                onClick={() => show({ day: addDays(date, -step) })}
              >
                ‹
              </Button>
              <Button kind="quiet" className="!px-1" onClick={() => show({ day: clock.date })} disabled={date === clock.date}>
                today
              </Button>
              <Button
                kind="quiet"
                className="min-w-8 !px-2"
                aria-label={view === "week" ? "The week after" : "The day after"}
                onClick={() => show({ day: addDays(date, step) })}
              >
                ›
              </Button>
            </span>
            <span role="group" aria-label="Shown" className="mr-2 flex">
              {(["people", "rooms", "week"] as const).map((v) => (
                <button
                  key={v}
                  type="button"
                  aria-pressed={view === v}
                  className={`min-h-8 border-b-2 px-2 text-s ${view === v ? "border-gentian font-semibold" : "border-transparent text-quiet hover:text-ink"}`}
                  onClick={() => show({ view: v })}
                >
                  {v === "people" ? "People" : v === "rooms" ? "Rooms" : "Week"}
                </button>
              ))}
            </span>
            <Button onClick={() => setPanel({ kind: "book" })}>Book</Button>
            <Button onClick={() => setPanel({ kind: "walk-in" })}>Walk-in</Button>
            <More me={me} date={date} open={setPanel} />
            <span className="ml-auto truncate text-s text-quiet">{day.data ? `${booked.length} booked, ${mine} by the receptionist` : ""}</span>
          </div>
          {houseDay ? (
            <p className="text-s font-semibold text-stamen">The house has other hours on this day{houseDay.reason ? `: ${houseDay.reason}` : ""}.</p>
          ) : null}
          {day.error && !day.data ? <Wrong error={day.error} /> : null}
          {view === "week" ? (
            <WeekSheet me={me} date={date} today={clock.date} go={(d) => show({ day: d, view: "people" })} />
          ) : day.data ? (
            <DaySheet me={me} day={day.data} nowMinute={date === clock.date ? clock.minute : null} panel={panel} rows={view} open={setPanel} place={place} />
          ) : (
            <p className="py-8 text-quiet">Looking up the day…</p>
          )}
        </section>
        <aside className="min-h-0 overflow-y-auto border-l border-hairline" aria-label="Beside the day sheet" tabIndex={-1}>
          {panel.kind === "none" ? <Talking now={now.data} onOpen={(id) => setPanel({ kind: "talk", id })} /> : null}
          {panel.kind === "slip" ? <SlipPanel key={panel.id} me={me} id={panel.id} moved={panel.moved} open={setPanel} close={close} /> : null}
          {panel.kind === "overrule" ? <OverrulePanel me={me} id={panel.id} to={panel.to} why={panel.why} open={setPanel} close={close} /> : null}
          {panel.kind === "book" ? (
            <BookPanel
              key={`${panel.staff ?? ""}${panel.minute ?? ""}`}
              me={me}
              date={date}
              staff={panel.staff}
              minute={panel.minute}
              close={close}
              booked={(id) => setPanel({ kind: "slip", id })}
              go={(d) => show({ day: d })}
            />
          ) : null}
          {panel.kind === "walk-in" ? <WalkInPanel me={me} close={close} booked={(id) => setPanel({ kind: "slip", id })} /> : null}
          {panel.kind === "off" ? (
            <OffPanel
              key={`${panel.staff ?? ""}${panel.room ?? ""}${panel.ill ? "ill" : ""}${date}`}
              me={me}
              date={date}
              staff={panel.staff}
              room={panel.room}
              minute={panel.minute}
              ill={panel.ill}
              open={setPanel}
              close={close}
            />
          ) : null}
          {panel.kind === "touched" ? <TouchedPanel key={panel.block} me={me} block={panel.block} open={setPanel} close={close} /> : null}
          {panel.kind === "person" ? <PersonPanel key={panel.id} me={me} id={panel.id} date={date} open={setPanel} close={close} /> : null}
          {panel.kind === "room" ? <RoomPanel key={panel.id} me={me} id={panel.id} open={setPanel} close={close} /> : null}
          {panel.kind === "service" ? <ServicePanel key={panel.id} me={me} id={panel.id} close={close} /> : null}
          {panel.kind === "house" ? <HousePanel me={me} date={date} close={close} /> : null}
          {panel.kind === "talk" ? <TalkPanel key={panel.id} id={panel.id} close={close} /> : null}
        </aside>
      </div>
      <Keys open={keys} setOpen={setKeys} />
    </main>
  );
}

/** What is wanted less often. */
function More({ me, date, open }: { me: Me; date: string; open: (p: Panel) => void }) {
  const item = "flex min-h-8 cursor-pointer items-center rounded-m px-3 text-s outline-none data-highlighted:bg-open";
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        className="inline-flex min-h-8 items-center rounded-m border border-hairline bg-raised px-3 text-s font-semibold hover:border-quiet"
        aria-label={`More for ${me.house.shortName}`}
      >
        More
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="start" sideOffset={4} className="z-40 w-56 rounded-m border border-hairline bg-raised p-1">
          <DropdownMenu.Item className={item} onSelect={() => open({ kind: "off", ill: true })}>
            Somebody is ill, or away
          </DropdownMenu.Item>
          <DropdownMenu.Item className={item} onSelect={() => open({ kind: "off" })}>
            Block time
          </DropdownMenu.Item>
          <DropdownMenu.Item className={item} onSelect={() => open({ kind: "house" })}>
            Hours and holidays
          </DropdownMenu.Item>
          <DropdownMenu.Item className={item} asChild>
            <Link to={`/sheet?day=${date}`}>Print this day</Link>
          </DropdownMenu.Item>
          <DropdownMenu.Item className={item} asChild>
            <a href={`/api/desk/sheet.csv?date=${addDays(date, 1)}`}>The next day’s sheet as a file</a>
          </DropdownMenu.Item>
          <DropdownMenu.Item className={item} asChild>
            <Link to="/bring">Bring in or give out the book</Link>
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
