import { useState } from "react";
import { send } from "../../api/client.ts";
import { useGet } from "../../api/hooks.ts";
import type { Me, TouchedList } from "../../api/types.ts";
import { Button, Wrong } from "../../parts/controls.tsx";
import { phone, shortDate } from "../../parts/words.ts";
import { again, command } from "./commands.ts";
import { PanelHead } from "./PanelHead.tsx";
import type { Panel } from "./panel.ts";

/** Whom somebody's absence touches, one after another: another time, or cancelled, and then told. */
export function TouchedPanel({ me, block, open, close }: { me: Me; block: string; open: (p: Panel) => void; close: () => void }) {
  const list = useGet<TouchedList>(`/blocks/${block}/touched`);
  const [error, setError] = useState<unknown>(null);
  // Who was dealt with stays on the list while it is open, so that one sees how far one is.
  const [settled, setSettled] = useState<{ id: string; client: string; said: string }[]>([]);
  const d = list.data;
  const called = (id: string): string => me.house.staff.find((s) => s.id === id)?.called ?? id;
  const who = d ? (me.house.staff.find((s) => s.id === d.block.staff)?.called ?? me.house.rooms.find((r) => r.id === d.block.room)?.name ?? "") : "";
  const act = async (a: TouchedList["touched"][number], path: string, body: object, said: string): Promise<void> => {
    setError(null);
    try {
      await command(`/appointments/${a.id}${path}`, body, `${a.client}: ${said}`);
      setSettled([...settled, { id: a.id, client: a.client, said }]);
    } catch (e) {
      setError(e);
    }
    await list.mutate();
  };
  return (
    <section aria-labelledby="panel-title">
      <PanelHead title={d ? `${who}: ${d.block.reason || "off"}` : "Time off"} close={close}>
        {d
          ? d.block.from.date === d.block.to.date || d.block.to.time === "00:00"
            ? `${shortDate(d.block.from.date)}, ${d.block.from.time === "00:00" ? "the whole day" : `${d.block.from.time}–${d.block.to.time}`}`
            : `${shortDate(d.block.from.date)} to ${shortDate(d.block.to.date)}`
          : ""}
      </PanelHead>
      <div className="px-[18px] py-3">
        <Wrong error={error ?? list.error} />
        {d ? (
          <p className="pb-2 text-s text-quiet">
            {d.touched.length === 0 ? "Nobody is left without a time." : `${d.touched.length} still to settle.`} Whoever you move or cancel comes onto the list
            of whom to tell.
          </p>
        ) : null}
        {settled.length > 0 ? (
          <div className="pb-2">
            <h3 className="text-s font-semibold text-quiet">Settled</h3>
            <ul className="text-s">
              {settled.map((s) => (
                <Settled key={s.id} id={s.id} client={s.client} said={s.said} />
              ))}
            </ul>
          </div>
        ) : null}
        <ul>
          {d?.touched.map((a) => (
            <li key={a.id} className="border-t border-hairline py-2">
              <p className="flex justify-between gap-2">
                <b className="font-semibold">{a.client}</b>
                <span className="text-s text-quiet">{a.phone ? phone(a.phone) : "no telephone"}</span>
              </p>
              <p className="text-s text-quiet">
                {shortDate(a.date)} {bare(a.time)}, {a.serviceName}, {a.lengthMin} min
              </p>
              <div className="mt-1 flex flex-col gap-1">
                {a.offers.map((o) => (
                  <Button
                    key={`${o.date}${o.time}${o.staff}`}
                    className="justify-start"
                    onClick={() =>
                      void act(
                        a,
                        "/move",
                        { staff: o.staff, date: o.date, time: o.time, tell: true },
                        `moved to ${shortDate(o.date)} ${bare(o.time)} with ${called(o.staff)}`,
                      )
                    }
                  >
                    {shortDate(o.date)} {bare(o.time)}, {called(o.staff)}
                  </Button>
                ))}
                {a.offers.length === 0 ? <span className="text-s text-quiet">Nothing is open within a week.</span> : null}
                <span className="flex gap-1">
                  <Button kind="quiet" onClick={() => open({ kind: "slip", id: a.id })}>
                    Another time
                  </Button>
                  <Button kind="quiet" className="text-clay" onClick={() => void act(a, "/cancel", { tell: true }, "cancelled")}>
                    Cancel it
                  </Button>
                </span>
              </div>
            </li>
          ))}
        </ul>
        {d ? (
          <Button
            className="mt-3"
            onClick={() => {
              send("DELETE", `/blocks/${block}`).then(again).then(close).catch(setError);
            }}
          >
            Take the {d.block.kind === "time-off" ? "time off" : "block"} away again
          </Button>
        ) : null}
      </div>
    </section>
  );
}

const bare = (time: string): string => time.replace(/^0/, "");

/** One who was moved or cancelled: ticked when they have been told. */
function Settled({ id, client, said }: { id: string; client: string; said: string }) {
  const now = useGet<{ waiting: { id: string; kind: string; appointmentId: string | null }[] }>("/now");
  const slip = now.data?.waiting.find((w) => w.kind === "tell" && w.appointmentId === id);
  const [told, setTold] = useState<string | null>(null);
  const tick = async (on: boolean): Promise<void> => {
    const key = on ? slip?.id : told;
    if (!key) return;
    await send("POST", `/slips/${key}/${on ? "done" : "undo"}`);
    setTold(on ? key : null);
    await again();
  };
  return (
    <li className="flex items-center justify-between gap-2 border-b border-hairline py-1">
      <span>
        {client}: {said}
      </span>
      <label className="flex min-h-7 shrink-0 items-center gap-1.5">
        <input type="checkbox" className="size-4" checked={told !== null} disabled={!slip && told === null} onChange={(e) => void tick(e.target.checked)} />
        told
      </label>
    </li>
  );
}
