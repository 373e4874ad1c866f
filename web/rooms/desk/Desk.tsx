import { useEffect, useState } from "react";
import { useSearchParams } from "react-router";
import { useGet, useHouseClock } from "../../api/hooks.ts";
import type { Day, Me, Now } from "../../api/types.ts";
import { Button, Wrong } from "../../parts/controls.tsx";
import { addDays, longDate } from "../../parts/words.ts";
import { BlockPanel } from "./BlockPanel.tsx";
import { BookPanel } from "./BookPanel.tsx";
import { DaySheet } from "./DaySheet.tsx";
import { Keys } from "./Keys.tsx";
import type { Panel } from "./panel.ts";
import { SlipPanel } from "./SlipPanel.tsx";
import { Talking } from "./Talking.tsx";
import { TalkPanel } from "./TalkPanel.tsx";
import { WaitingBand } from "./WaitingBand.tsx";

/** The desk: what waits above, the day sheet, and beside it who is talking or what is opened. */
export function Desk({ me }: { me: Me }) {
  const [params, setParams] = useSearchParams();
  const clock = useHouseClock(me);
  const date = /^\d{4}-\d{2}-\d{2}$/.test(params.get("day") ?? "") ? (params.get("day") as string) : clock.date;
  const day = useGet<Day>(`/day?date=${date}`);
  const now = useGet<Now>("/now");
  const [panel, setPanel] = useState<Panel>({ kind: "none" });
  const [keys, setKeys] = useState(false);
  const go = (to: string): void => setParams(to === clock.date ? {} : { day: to });
  const close = (): void => setPanel({ kind: "none" });

  useEffect(() => {
    const press = (e: KeyboardEvent): void => {
      if (e.key === "Escape") return close();
      const at = e.target as HTMLElement;
      if (e.ctrlKey || e.metaKey || e.altKey || /^(?:INPUT|TEXTAREA|SELECT)$/.test(at.tagName)) return;
      if (e.key === "?") setKeys(true);
      else if (e.key === "b") setPanel({ kind: "book" });
      else if (e.key === "x") setPanel({ kind: "block" });
      else if (e.key === "t") go(clock.date);
      else if (e.key === ",") go(addDays(date, -1));
      else if (e.key === ".") go(addDays(date, 1));
      else return;
      e.preventDefault();
    };
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  });

  const booked = day.data?.appointments.filter((a) => a.status !== "cancelled") ?? [];
  const mine = booked.filter((a) => a.byReceptionist).length;
  return (
    <main className="flex min-h-0 flex-1 flex-col">
      <WaitingBand now={now.data} onOpen={(id) => setPanel({ kind: "talk", id })} />
      <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_292px]">
        <section aria-labelledby="day-title" className="flex min-h-0 flex-col px-5 pt-3">
          <div className="flex items-baseline gap-4">
            <h1 id="day-title" className="font-serif text-xl font-semibold">
              {longDate(date)}
            </h1>
            <span className="flex items-baseline">
              <Button kind="quiet" aria-label="The day before" onClick={() => go(addDays(date, -1))}>
                ‹
              </Button>
              <Button kind="quiet" onClick={() => go(clock.date)} disabled={date === clock.date}>
                today
              </Button>
              <Button kind="quiet" aria-label="The day after" onClick={() => go(addDays(date, 1))}>
                ›
              </Button>
            </span>
            <Button onClick={() => setPanel({ kind: "book" })}>Book</Button>
            <Button onClick={() => setPanel({ kind: "block" })}>Block time</Button>
            <span className="ml-auto text-s text-quiet">{day.data ? `${booked.length} booked, ${mine} by the receptionist` : ""}</span>
          </div>
          {day.error && !day.data ? <Wrong error={day.error} /> : null}
          {day.data ? (
            <DaySheet me={me} day={day.data} date={date} nowMinute={date === clock.date ? clock.minute : null} panel={panel} open={setPanel} />
          ) : (
            <p className="py-8 text-quiet">Looking up the day…</p>
          )}
        </section>
        <aside className="min-h-0 overflow-y-auto border-l border-hairline" aria-label="Beside the day sheet">
          {panel.kind === "none" ? <Talking now={now.data} onOpen={(id) => setPanel({ kind: "talk", id })} /> : null}
          {panel.kind === "slip" ? <SlipPanel key={panel.id} me={me} id={panel.id} close={close} /> : null}
          {panel.kind === "book" ? (
            <BookPanel
              key={`${panel.staff ?? ""}${panel.minute ?? ""}`}
              me={me}
              date={date}
              staff={panel.staff}
              minute={panel.minute}
              close={close}
              booked={(id) => setPanel({ kind: "slip", id })}
            />
          ) : null}
          {panel.kind === "block" ? <BlockPanel me={me} date={date} staff={panel.staff} minute={panel.minute} close={close} /> : null}
          {panel.kind === "talk" ? <TalkPanel key={panel.id} id={panel.id} close={close} /> : null}
        </aside>
      </div>
      <Keys open={keys} setOpen={setKeys} />
    </main>
  );
}
