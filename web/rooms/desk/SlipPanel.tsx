import { useState } from "react";
import { Link } from "react-router";
import { toast } from "sonner";
import { newRef, send } from "../../api/client.ts";
import { useGet } from "../../api/hooks.ts";
import type { Me, OneAppointment, Openings } from "../../api/types.ts";
import { Button, Field, Input, Select, Wrong } from "../../parts/controls.tsx";
import { clock, money, phone, shortDate } from "../../parts/words.ts";
import { PanelHead } from "./PanelHead.tsx";

/** A slip opened: client, service, room, history; moved and cancelled where it stands. */
export function SlipPanel({ me, id, close }: { me: Me; id: string; close: () => void }) {
  const one = useGet<OneAppointment>(`/appointments/${id}`);
  const [mode, setMode] = useState<"look" | "move" | "cancel">("look");
  const [error, setError] = useState<unknown>(null);
  const [ref] = useState(newRef);
  const d = one.data;
  if (!d)
    return (
      <section aria-labelledby="panel-title">
        <PanelHead title="The slip" close={close} />
        <div className="p-[18px]">{one.error ? <Wrong error={one.error} /> : <p className="text-quiet">Looking it up…</p>}</div>
      </section>
    );
  const a = d.appointment;
  const staff = me.house.staff.find((s) => s.id === a.staff);
  const room = me.house.rooms.find((r) => r.id === a.room);
  const cancel = async (): Promise<void> => {
    setError(null);
    try {
      await send("POST", `/appointments/${id}/cancel`, { ref });
      toast(`${a.client}, ${shortDate(a.date)} ${a.time}: cancelled`);
      close();
    } catch (e) {
      setError(e);
    }
  };
  const row = (label: string, value: React.ReactNode) => (
    <div className="flex justify-between gap-3 py-0.5">
      <dt className="text-quiet">{label}</dt>
      <dd className="text-right">{value}</dd>
    </div>
  );
  return (
    <section aria-labelledby="panel-title">
      <PanelHead title={a.client} close={close}>
        {d.client?.phone ? phone(d.client.phone) : "no telephone"}
        {d.client?.email ? ` · ${d.client.email}` : ""}
      </PanelHead>
      <div className="space-y-3 px-[18px] py-3">
        <div>
          <p className="text-l font-semibold">
            {shortDate(a.date)}, {clock(a.from)}–{clock(a.to)}
          </p>
          <p className={`text-s font-semibold ${a.status === "booked" || a.status === "done" ? "text-fern" : "text-clay"}`}>{a.status}</p>
        </div>
        <dl className="text-m">
          {row("Service", `${a.serviceName}, ${a.lengthMin} min`)}
          {row("With", staff?.name ?? a.staff)}
          {row("Room", room?.name ?? "none")}
          {a.places > 1 ? row("Places", a.places) : null}
          {row("Price", a.priceMinor === null ? "not given" : money(me, a.priceMinor))}
          {a.feeMinor > 0 ? row("Fee", money(me, a.feeMinor)) : null}
          {row("Booked by", a.madeBy)}
          {d.client ? row("Assessed", d.client.assessed ? "yes" : d.client.saysSo ? "says so" : "no") : null}
        </dl>
        {a.status === "booked" ? (
          <div className="flex gap-2">
            <Button kind="main" onClick={() => setMode(mode === "move" ? "look" : "move")} aria-expanded={mode === "move"}>
              Move
            </Button>
            <Button onClick={() => setMode(mode === "cancel" ? "look" : "cancel")} aria-expanded={mode === "cancel"}>
              Cancel
            </Button>
            {a.conversation ? (
              <Link className="ml-auto self-center text-s text-gentian underline" to={`/logbook/${a.conversation}`}>
                What was said
              </Link>
            ) : null}
          </div>
        ) : null}
        <Wrong error={error} />
        {mode === "cancel" ? (
          <div className="rounded-m border border-hairline p-3">
            <p className="text-s">The time becomes free at once. {a.client} is not told by Gentian; call or write if they should know.</p>
            <div className="mt-2 flex gap-2">
              <Button kind="wrong" onClick={() => void cancel()}>
                Cancel the visit
              </Button>
              <Button onClick={() => setMode("look")}>Keep it</Button>
            </div>
          </div>
        ) : null}
        {mode === "move" ? <Move me={me} d={d} done={() => setMode("look")} /> : null}
        {d.client?.note ? <p className="font-serif italic">{d.client.note}</p> : null}
        {Object.keys(a.answers).length > 0 ? (
          <div>
            <h3 className="mb-1 text-s font-semibold text-quiet">Said when booking</h3>
            {Object.entries(a.answers).map(([key, value]) => (
              <p key={key} className="text-s">
                <span className="text-quiet">{d.questions[key] ?? key}</span> {value}
              </p>
            ))}
          </div>
        ) : null}
        <div>
          <h3 className="mb-1 text-s font-semibold text-quiet">Other visits</h3>
          {d.history.length === 0 ? <p className="text-s text-quiet">none</p> : null}
          <ul>
            {d.history.map((h) => (
              <li key={h.id} className="flex justify-between gap-2 border-b border-hairline py-1 text-s">
                <span>
                  {shortDate(h.date)}, {h.time} {h.serviceName}
                </span>
                <span className={h.status === "missed" ? "text-clay" : "text-quiet"}>{h.status}</span>
              </li>
            ))}
          </ul>
        </div>
        <div>
          <h3 className="mb-1 text-s font-semibold text-quiet">What was done</h3>
          <ul className="text-s text-quiet">
            {d.audit.map((x, i) => (
              <li key={i}>
                {shortDate(x.at.date)} {x.at.time}, {x.actor}: {x.action}
              </li>
            ))}
            {d.audit.length === 0 ? <li>came with the house file</li> : null}
          </ul>
        </div>
      </div>
    </section>
  );
}

function Move({ me, d, done }: { me: Me; d: OneAppointment; done: () => void }) {
  const a = d.appointment;
  const [date, setDate] = useState(a.date);
  const [staff, setStaff] = useState(a.staff);
  const [time, setTime] = useState("");
  const [error, setError] = useState<unknown>(null);
  const [ref, setRef] = useState(newRef);
  const able = me.house.services.find((s) => s.id === a.service)?.staff ?? [];
  const openings = useGet<Openings>(`/openings?service=${a.service}&length=${a.lengthMin}&date=${date}&staff=${staff}&ignore=${a.id}`);
  const times = openings.data?.openings.map((o) => o.time).filter((t) => !(date === a.date && staff === a.staff && t === a.time)) ?? [];
  const move = async (): Promise<void> => {
    setError(null);
    try {
      await send("POST", `/appointments/${a.id}/move`, { ref, staff, date, time });
      toast(`${a.client}: moved to ${shortDate(date)} ${time}`);
      done();
    } catch (e) {
      setError(e);
      setRef(newRef());
    }
  };
  return (
    <form
      className="space-y-2 rounded-m border border-hairline p-3"
      onSubmit={(e) => {
        e.preventDefault();
        void move();
      }}
    >
      <Field label="To which day">
        <Input type="date" value={date} onChange={(e) => setDate(e.target.value || a.date)} />
      </Field>
      <Field label="With">
        <Select value={staff} onChange={(e) => setStaff(e.target.value)}>
          {able.map((s) => (
            <option key={s} value={s}>
              {me.house.staff.find((p) => p.id === s)?.name}
            </option>
          ))}
        </Select>
      </Field>
      <Field label="At" hint={openings.data && times.length === 0 ? "Nothing is open that day." : undefined}>
        <Select value={time} onChange={(e) => setTime(e.target.value)}>
          <option value="">choose a time</option>
          {times.map((t) => (
            <option key={t}>{t}</option>
          ))}
        </Select>
      </Field>
      <Wrong error={error} />
      <div className="flex gap-2">
        <Button kind="main" type="submit" disabled={!time}>
          Move it
        </Button>
        <Button onClick={done}>Leave it</Button>
      </div>
    </form>
  );
}
