import { useState, type ReactNode } from "react";
import { Link } from "react-router";
import { toast } from "sonner";
import { send } from "../../api/client.ts";
import { useGet } from "../../api/hooks.ts";
import type { Me, OneAppointment, Openings } from "../../api/types.ts";
import { Button, Field, Input, Select, Wrong } from "../../parts/controls.tsx";
import { clock, money, phone, shortDate } from "../../parts/words.ts";
import { again, command, mayOverrule } from "./commands.ts";
import { PanelHead } from "./PanelHead.tsx";
import type { Panel } from "./panel.ts";

interface Props {
  me: Me;
  id: string;
  /** The move that was just made, so that the client can be told of it. */
  moved?: number | undefined;
  open: (p: Panel) => void;
  close: () => void;
}

/** A slip opened: client, service, room, history; moved, cancelled and settled where it stands. */
export function SlipPanel({ me, id, moved, open, close }: Props) {
  const one = useGet<OneAppointment>(`/appointments/${id}`);
  const [mode, setMode] = useState<"look" | "move" | "cancel" | "card">("look");
  const [error, setError] = useState<unknown>(null);
  const [fee, setFee] = useState(false);
  const [tell, setTell] = useState(true);
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
  const rooms = [a.room, ...a.more].map((x) => me.house.rooms.find((r) => r.id === x)?.name ?? x).filter(Boolean);
  const act = async (path: string, body: object, said: string): Promise<boolean> => {
    setError(null);
    try {
      await command(`/appointments/${id}${path}`, body, said);
      await one.mutate();
      return true;
    } catch (e) {
      setError(e);
      return false;
    }
  };
  const cancel = async (): Promise<void> => {
    if (await act("/cancel", { fee, tell, seen: a.sequence }, `${a.client}, ${shortDate(a.date)} ${a.time}: cancelled`)) close();
  };
  const row = (label: string, value: ReactNode) => (
    <div className="flex justify-between gap-3 py-0.5">
      <dt className="text-quiet">{label}</dt>
      <dd className="text-right">{value}</dd>
    </div>
  );
  const stands = a.status === "booked" || a.status === "arrived";
  const owed = d.client?.owedMinor ?? 0;
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
          <p className={`text-s font-semibold ${a.status === "missed" || a.status === "cancelled" ? "text-clay" : "text-fern"}`}>
            {a.status === "arrived" ? "here" : a.status}
            {a.told === undefined ? "" : a.told ? ", the client has been told" : ", the client is still to be told"}
          </p>
        </div>
        {moved !== undefined && a.told === undefined && d.client ? (
          <div className="rounded-m bg-stamen-pale px-3 py-2 text-s text-stamen">
            {a.client} has not been told yet.{" "}
            <button
              type="button"
              className="min-h-6 font-semibold underline"
              onClick={() => void act("/tell", { undo: moved }, `${a.client} is on the list of whom to tell`)}
            >
              Put on the list to tell
            </button>
          </div>
        ) : null}
        {stands ? (
          <div className="flex flex-wrap gap-2">
            {a.status === "booked" ? (
              <Button kind="main" onClick={() => void act("/mark", { as: "arrived" }, `${a.client} is here`)}>
                Is here
              </Button>
            ) : (
              <Button kind="main" onClick={() => void act("/mark", { as: "done" }, `${a.client}: done`)}>
                Done
              </Button>
            )}
            <Button onClick={() => setMode(mode === "move" ? "look" : "move")} aria-expanded={mode === "move"}>
              Move
            </Button>
            <Button onClick={() => setMode(mode === "cancel" ? "look" : "cancel")} aria-expanded={mode === "cancel"}>
              Cancel
            </Button>
            <Button kind="quiet" onClick={() => void act("/mark", { as: "missed" }, `${a.client}: missed`)}>
              Missed
            </Button>
          </div>
        ) : a.status === "done" || a.status === "missed" ? (
          <div className="flex gap-2">
            <Button onClick={() => void act("/mark", { as: a.status === "missed" ? "arrived" : "missed" }, "Changed")}>
              {a.status === "missed" ? "Came after all" : "Was missed"}
            </Button>
          </div>
        ) : null}
        <Wrong error={error} />
        {mode === "cancel" ? (
          <div className="rounded-m border border-hairline p-3">
            <p className="text-s">The time becomes free at once. Nothing is sent to {a.client} by itself.</p>
            {a.lateFeeMinor > 0 ? <Check label={`Charge ${money(me, a.lateFeeMinor)} for cancelling late`} value={fee} set={setFee} /> : null}
            <Check label="Put on the list of whom to tell" value={tell} set={setTell} />
            <div className="mt-2 flex gap-2">
              <Button kind="wrong" onClick={() => void cancel()}>
                Cancel the visit
              </Button>
              <Button onClick={() => setMode("look")}>Keep it</Button>
            </div>
          </div>
        ) : null}
        {mode === "move" ? <Move me={me} d={d} open={open} done={() => setMode("look")} /> : null}
        <dl className="text-m">
          {row(
            "Service",
            <button
              type="button"
              className="text-right underline decoration-hairline underline-offset-2 hover:decoration-ink"
              onClick={() => open({ kind: "service", id: a.service })}
            >
              {a.serviceName}, {a.lengthMin} min
            </button>,
          )}
          {row(
            "With",
            <button
              type="button"
              className="text-right underline decoration-hairline underline-offset-2 hover:decoration-ink"
              onClick={() => open({ kind: "person", id: a.staff })}
            >
              {staff?.name ?? a.staff}
            </button>,
          )}
          {row("Room", rooms.length > 0 ? rooms.join(", ") : "none")}
          {a.places > 1 ? row("Places", a.places) : null}
          {row("Price", a.priceMinor === null ? "not given" : money(me, a.priceMinor))}
          {a.feeMinor > 0
            ? row(
                "Fee",
                <span>
                  {money(me, a.feeMinor)}{" "}
                  <select
                    aria-label="What became of the fee"
                    className="min-h-6 rounded-m border border-hairline bg-raised text-s"
                    value={a.feeState ?? "owed"}
                    onChange={(e) => void act("/fee", { state: e.target.value }, `The fee is ${e.target.value}`)}
                  >
                    <option>owed</option>
                    <option>waived</option>
                    <option>paid</option>
                  </select>
                </span>,
              )
            : null}
          {row("Booked by", a.madeBy)}
          {a.overruled ? row("Because", <i>{a.overruled}</i>) : null}
          {a.series ? row("Series", "one of several weeks") : null}
          {a.visit ? row("Visit", "one of several parts") : null}
          {d.client ? row("Assessed", d.client.assessed ? "yes" : d.client.saysSo ? "says so" : "no") : null}
          {owed > 0 ? row("Owes in all", <b className="font-semibold text-clay">{money(me, owed)}</b>) : null}
        </dl>
        {d.client ? (
          <div className="flex gap-3 text-s">
            <button
              type="button"
              className="min-h-6 text-gentian underline"
              aria-expanded={mode === "card"}
              onClick={() => setMode(mode === "card" ? "look" : "card")}
            >
              Change the card
            </button>
            {a.conversation ? (
              <Link className="min-h-6 text-gentian underline" to={`/logbook/${a.conversation}`}>
                What was said
              </Link>
            ) : null}
          </div>
        ) : null}
        {mode === "card" && d.client ? (
          <CardForm
            client={d.client}
            done={() => {
              setMode("look");
              void one.mutate();
            }}
          />
        ) : null}
        {d.client?.byPersonOnly ? <p className="text-s font-semibold text-stamen">Only a person books for them.</p> : null}
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
                <span className={h.status === "missed" ? "text-clay" : "text-quiet"}>
                  {h.status}
                  {h.feeMinor > 0 ? `, ${money(me, h.feeMinor)} ${h.feeState ?? ""}` : ""}
                </span>
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

export function Check({ label, value, set }: { label: string; value: boolean; set: (v: boolean) => void }) {
  return (
    <label className="mt-1 flex min-h-7 items-center gap-2 text-s">
      <input type="checkbox" className="size-4" checked={value} onChange={(e) => set(e.target.checked)} />
      {label}
    </label>
  );
}

function CardForm({ client, done }: { client: NonNullable<OneAppointment["client"]>; done: () => void }) {
  const [draft, setDraft] = useState({
    name: client.name,
    phone: client.phone ?? "",
    email: client.email ?? "",
    note: client.note,
    byPersonOnly: client.byPersonOnly,
  });
  const [error, setError] = useState<unknown>(null);
  const field = (key: "name" | "phone" | "email" | "note", label: string) => (
    <Field label={label}>
      <Input value={draft[key]} onChange={(e) => setDraft({ ...draft, [key]: e.target.value })} />
    </Field>
  );
  return (
    <form
      className="space-y-2 rounded-m border border-hairline p-3"
      onSubmit={(e) => {
        e.preventDefault();
        send("POST", `/clients/${client.id}`, draft)
          .then(again)
          .then(() => {
            toast("The card is changed");
            done();
          })
          .catch(setError);
      }}
    >
      {field("name", "Name")}
      {field("phone", "Telephone")}
      {field("email", "Email")}
      {field("note", "Note")}
      <Check label="Only a person books for them" value={draft.byPersonOnly} set={(v) => setDraft({ ...draft, byPersonOnly: v })} />
      <Wrong error={error} />
      <Button kind="main" type="submit">
        Keep the card
      </Button>
    </form>
  );
}

/** Another day, person or time: the offers first, and every opening below them. */
function Move({ me, d, open, done }: { me: Me; d: OneAppointment; open: (p: Panel) => void; done: () => void }) {
  const a = d.appointment;
  const [date, setDate] = useState(a.date);
  const [staff, setStaff] = useState(a.staff);
  const [time, setTime] = useState("");
  const [other, setOther] = useState("");
  // What stood here when the form was opened: where somebody else moves it meanwhile, one is told.
  const [seen, setSeen] = useState(a.sequence);
  const [tell, setTell] = useState(false);
  const [reason, setReason] = useState("");
  const [error, setError] = useState<unknown>(null);
  const able = me.house.services.find((s) => s.id === a.service)?.staff ?? [];
  const openings = useGet<Openings>(`/openings?service=${a.service}&length=${a.lengthMin}&date=${date}&staff=${staff}&own=${a.id}`);
  const times = openings.data?.openings.map((o) => o.time).filter((t) => !(date === a.date && staff === a.staff && t === a.time)) ?? [];
  const wanted = time === "other" ? other : time;
  const move = async (): Promise<void> => {
    setError(null);
    try {
      const moved = await command(
        `/appointments/${a.id}/move`,
        { staff, date, time: wanted, tell, seen, ...(reason.trim() ? { reason } : {}) },
        `${a.client}: moved to ${shortDate(date)} ${wanted}`,
      );
      open({ kind: "slip", id: a.id, ...(tell ? {} : { moved: moved.undo }) });
      done();
    } catch (e) {
      setError(e);
      setSeen(a.sequence);
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
          <option value="other">another time</option>
        </Select>
      </Field>
      {time === "other" ? (
        <Field label="Another time" hint="Outside of hours or the grid it takes a reason.">
          <Input type="time" step={300} value={other} onChange={(e) => setOther(e.target.value)} />
        </Field>
      ) : null}
      <Wrong error={error} />
      {mayOverrule(error) ? <Because value={reason} set={setReason} /> : null}
      <Check label="Put on the list of whom to tell" value={tell} set={setTell} />
      <div className="flex gap-2">
        <Button kind="main" type="submit" disabled={!wanted || (mayOverrule(error) && reason.trim().length < 2)}>
          Move it
        </Button>
        <Button onClick={done}>Leave it</Button>
      </div>
    </form>
  );
}

export function Because({ value, set }: { value: string; set: (v: string) => void }) {
  return (
    <Field label="Do it all the same, because">
      <Input value={value} maxLength={200} onChange={(e) => set(e.target.value)} />
    </Field>
  );
}

/** A place that the house's rules refuse: it takes a reason. */
export function OverrulePanel({
  me,
  id,
  to,
  why,
  open,
  close,
}: {
  me: Me;
  id: string;
  to: Extract<Panel, { kind: "overrule" }>["to"];
  why: string;
  open: (p: Panel) => void;
  close: () => void;
}) {
  const one = useGet<OneAppointment>(`/appointments/${id}`);
  const [reason, setReason] = useState("");
  const [error, setError] = useState<unknown>(null);
  const a = one.data?.appointment;
  const person = me.house.staff.find((s) => s.id === (to.staff ?? a?.staff));
  return (
    <section aria-labelledby="panel-title">
      <PanelHead title={a?.client ?? "The slip"} close={close}>
        to {to.date ? shortDate(to.date) : ""} {to.time ?? ""} {person ? `with ${person.called}` : ""}
        {to.length ? `, ${to.length} min` : ""}
      </PanelHead>
      <form
        className="space-y-3 px-[18px] py-3"
        onSubmit={(e) => {
          e.preventDefault();
          command(`/appointments/${id}/move`, { ...to, reason }, `${a?.client ?? "It"}: moved, because ${reason}`)
            .then((done) => open({ kind: "slip", id, moved: done.undo }))
            .catch(setError);
        }}
      >
        <p className="rounded-m bg-stamen-pale px-3 py-2 text-s text-stamen">
          {why.charAt(0).toUpperCase() + why.slice(1)}. It stays where it is until you say why it should go there.
        </p>
        <Because value={reason} set={setReason} />
        <Wrong error={error} />
        <div className="flex gap-2">
          <Button kind="main" type="submit" disabled={reason.trim().length < 2}>
            Move it all the same
          </Button>
          <Button onClick={close}>Leave it</Button>
        </div>
      </form>
    </section>
  );
}
