import { useEffect, useState } from "react";
import { send } from "../../api/client.ts";
import { useGet, useKept } from "../../api/hooks.ts";
import type { Card, Me, Openings, SeriesOffer, VisitOffer } from "../../api/types.ts";
import { Button, Field, Input, Select, Wrong } from "../../parts/controls.tsx";
import { clock, money, phone, shortDate } from "../../parts/words.ts";
import { command, mayOverrule } from "./commands.ts";
import { PanelHead } from "./PanelHead.tsx";
import { Because } from "./SlipPanel.tsx";

interface Props {
  me: Me;
  date: string;
  staff?: string | undefined;
  minute?: number | undefined;
  close: () => void;
  booked: (id: string) => void;
  /** Shows another day. */
  go: (date: string) => void;
}

type How = "once" | "series" | "after" | "together";

interface Draft {
  service: string;
  length: number;
  staff: string;
  time: string;
  client: Card | null;
  name: string;
  phone: string;
  email: string;
  places: number;
  how: How;
  second: string;
  visitor: string;
  times: number;
  everyWeeks: number;
}

const EMPTY: Draft = {
  service: "",
  length: 0,
  staff: "",
  time: "",
  client: null,
  name: "",
  phone: "",
  email: "",
  places: 1,
  how: "once",
  second: "",
  visitor: "",
  times: 6,
  everyWeeks: 1,
};

interface Place {
  service: string;
  length: number;
  staff: string;
  date: string;
  time: string;
  visitor?: string;
}

/** Booking by hand: the receptionist's own offers first. What was typed survives a reload. */
export function BookPanel({ me, date, staff, minute, close, booked, go }: Props) {
  const [kept, keep, clear] = useKept<Draft>("book-by-hand", EMPTY);
  const [pointed, setPointed] = useState(minute !== undefined || staff !== undefined);
  const wanted = minute === undefined ? "" : clock(minute).padStart(5, "0");
  const base = { ...EMPTY, ...kept };
  const draft: Draft = pointed ? { ...base, staff: staff ?? base.staff, time: wanted } : base;
  const set = (more: Partial<Draft>): void => {
    keep({ ...draft, ...more });
    setPointed(false);
  };
  const [error, setError] = useState<unknown>(null);
  const [busy, setBusy] = useState(false);
  const [reason, setReason] = useState("");
  const [whole, setWhole] = useState<Place[] | null>(null);
  const services = me.house.services.filter((s) => !draft.staff || s.staff.includes(draft.staff) || s.id === draft.service);
  const service = me.house.services.find((s) => s.id === draft.service);
  const length = service?.variants.some((v) => v.lengthMin === draft.length) ? draft.length : (service?.variants[0]?.lengthMin ?? 0);
  const price = service?.variants.find((v) => v.lengthMin === length)?.priceMinor ?? null;
  const openings = useGet<Openings>(
    service
      ? `/openings?service=${service.id}&length=${length}&date=${date}${draft.staff && service.staff.includes(draft.staff) ? `&staff=${draft.staff}` : ""}${draft.client ? `&client=${draft.client.id}` : ""}`
      : null,
  );
  const list = openings.data?.openings ?? [];
  const chosen = list.find((o) => o.time === draft.time && (!draft.staff || o.staff === draft.staff));
  // A time that is not open can be booked with a reason, with the person who was pointed at.
  const forced = !chosen && draft.time && draft.staff && openings.data ? { staff: draft.staff, time: draft.time } : null;
  const found = useGet<{ clients: Card[] }>(!draft.client && draft.name.trim().length >= 2 ? `/clients?find=${encodeURIComponent(draft.name.trim())}` : null);
  const name = (id: string): string => me.house.staff.find((s) => s.id === id)?.called ?? id;
  const one: Place | null = service && (chosen ?? forced) ? { service: service.id, length, date, ...pick(chosen ?? forced) } : null;
  const places = draft.how === "once" ? (one ? [one] : null) : whole;

  const book = async (): Promise<void> => {
    const [first, ...also] = places ?? [];
    if (!first) return;
    setError(null);
    setBusy(true);
    try {
      const who = draft.client
        ? { client: draft.client.id }
        : { newClient: { name: draft.name, ...(draft.phone ? { phone: draft.phone } : {}), ...(draft.email ? { email: draft.email } : {}) } };
      const said = also.length > 0 ? `, and ${also.length} more` : "";
      const made = await command(
        "/appointments",
        {
          ...first,
          places: draft.places,
          ...who,
          ...(also.length > 0 ? { also, as: draft.how === "series" ? "series" : "visit" } : {}),
          ...(reason.trim() ? { reason } : {}),
        },
        `${draft.client?.name ?? draft.name}: booked, ${shortDate(first.date)} ${first.time} with ${name(first.staff)}${said}`,
      );
      clear();
      booked(made.id);
    } catch (e) {
      setError(e);
    } finally {
      setBusy(false);
    }
  };

  return (
    <section aria-labelledby="panel-title">
      <PanelHead title="Book by hand" close={close}>
        {shortDate(date)}
      </PanelHead>
      <form
        className="space-y-3 px-[18px] py-3"
        onSubmit={(e) => {
          e.preventDefault();
          void book();
        }}
      >
        <Field label="Service">
          <Select value={draft.service} onChange={(e) => set({ service: e.target.value, length: 0 })}>
            <option value="">choose a service</option>
            {services.map((s) => (
              <option key={s.id} value={s.id}>
                {s.name}
              </option>
            ))}
          </Select>
        </Field>
        {service && service.variants.length > 1 ? (
          <Field label="Length">
            <Select value={length} onChange={(e) => set({ length: Number(e.target.value) })}>
              {service.variants.map((v) => (
                <option key={v.lengthMin} value={v.lengthMin}>
                  {v.lengthMin} min{v.priceMinor === null ? "" : `, ${money(me, v.priceMinor)}`}
                </option>
              ))}
            </Select>
          </Field>
        ) : null}
        <Field label="With">
          <Select value={draft.staff} onChange={(e) => set({ staff: e.target.value })}>
            <option value="">whoever is free</option>
            {me.house.staff
              .filter((s) => s.bookable && (!service || service.staff.includes(s.id)))
              .map((s) => (
                <option key={s.id} value={s.id}>
                  {s.name}
                </option>
              ))}
          </Select>
        </Field>
        {service && draft.how !== "after" && draft.how !== "together" ? (
          <>
            {openings.data && openings.data.offers.length > 0 ? (
              <div className="flex flex-wrap gap-1.5" role="group" aria-label="What the receptionist would offer">
                {openings.data.offers.map((o) => (
                  <button
                    key={`${o.date}${o.time}${o.staff}`}
                    type="button"
                    aria-pressed={chosen?.time === o.time && chosen.staff === o.staff}
                    className={`min-h-8 rounded-m border px-2 text-s ${chosen?.time === o.time && chosen.staff === o.staff ? "border-gentian bg-gentian-pale font-semibold text-gentian" : "border-hairline bg-raised hover:border-quiet"}`}
                    onClick={() => {
                      set({ time: o.time, staff: o.staff });
                      if (o.date !== date) go(o.date);
                    }}
                  >
                    {o.date === date ? "" : `${shortDate(o.date)} `}
                    {o.time} {name(o.staff)}
                  </button>
                ))}
              </div>
            ) : null}
            <Field label="At" hint={openings.data && list.length === 0 ? "Nothing is open that day." : undefined}>
              <Select
                value={chosen ? `${chosen.time} ${chosen.staff}` : forced ? "forced" : ""}
                onChange={(e) => set({ time: e.target.value.split(" ")[0] ?? "", staff: e.target.value.split(" ")[1] ?? draft.staff })}
              >
                <option value="">choose a time</option>
                {forced ? <option value="forced">{draft.time} is not open; it takes a reason</option> : null}
                {list.map((o) => (
                  <option key={`${o.time}${o.staff}`} value={`${o.time} ${o.staff}`}>
                    {o.time}, {name(o.staff)}
                    {o.left === undefined ? "" : `, ${o.left} left`}
                  </option>
                ))}
              </Select>
            </Field>
          </>
        ) : null}
        {service && !service.group ? (
          <Field label="And">
            <Select
              value={draft.how}
              onChange={(e) => {
                setWhole(null);
                set({ how: e.target.value as How });
              }}
            >
              <option value="once">only this</option>
              <option value="series">the same again, every week</option>
              <option value="after">another service after it</option>
              <option value="together">another person at the same time</option>
            </Select>
          </Field>
        ) : null}
        {service && draft.how === "series" && one ? <Series me={me} draft={draft} one={one} set={set} choose={setWhole} /> : null}
        {service && (draft.how === "after" || draft.how === "together") ? (
          <Visit me={me} draft={draft} date={date} length={length} set={set} choose={setWhole} />
        ) : null}
        {service?.group ? (
          <Field label="Places">
            <Input type="number" min={1} max={chosen?.left ?? 1} value={draft.places} onChange={(e) => set({ places: Math.max(1, Number(e.target.value)) })} />
          </Field>
        ) : null}
        {draft.client ? (
          <div className="flex items-center justify-between rounded-m border border-hairline px-2.5 py-1.5">
            <span>
              <b className="font-semibold">{draft.client.name}</b>
              <span className="block text-s text-quiet">{draft.client.phone ? phone(draft.client.phone) : (draft.client.email ?? "no telephone")}</span>
            </span>
            <Button kind="quiet" onClick={() => set({ client: null })}>
              Change
            </Button>
          </div>
        ) : (
          <>
            <Field label="Client" hint="A name or number finds who is known; a new name makes a new card.">
              <Input value={draft.name} autoComplete="off" onChange={(e) => set({ name: e.target.value })} />
            </Field>
            {found.data && found.data.clients.length > 0 && draft.name.trim().length >= 2 ? (
              <ul className="rounded-m border border-hairline bg-raised" aria-label="Known clients">
                {found.data.clients.slice(0, 5).map((c) => (
                  <li key={c.id} className="border-b border-hairline last:border-b-0">
                    <button type="button" className="block min-h-8 w-full px-2.5 py-1 text-left text-s hover:bg-open" onClick={() => set({ client: c })}>
                      <b className="font-semibold">{c.name}</b> <span className="text-quiet">{c.phone ? phone(c.phone) : (c.email ?? "no telephone")}</span>
                    </button>
                  </li>
                ))}
              </ul>
            ) : null}
            <Field label="Telephone of a new client" hint="May stay empty.">
              <Input type="tel" value={draft.phone} autoComplete="off" onChange={(e) => set({ phone: e.target.value })} />
            </Field>
          </>
        )}
        <Wrong error={error} />
        {mayOverrule(error) || forced ? <Because value={reason} set={setReason} /> : null}
        <Button
          kind="main"
          type="submit"
          className="min-h-10 w-full"
          disabled={
            busy ||
            !places ||
            places.length === 0 ||
            (!draft.client && !draft.name.trim()) ||
            (forced !== null && draft.how === "once" && reason.trim().length < 2)
          }
        >
          Book{places && places.length > 1 ? ` all ${places.length}` : ""}
          {price === null || !chosen || (places?.length ?? 1) > 1 ? "" : `, ${money(me, price * draft.places)}`}
        </Button>
      </form>
    </section>
  );
}

const pick = (o: { staff: string; time: string } | null | undefined): { staff: string; time: string } => ({ staff: o?.staff ?? "", time: o?.time ?? "" });

/** The weeks of a series: those that fit, and for the others what there is instead. */
function Series({ me, draft, one, set, choose }: { me: Me; draft: Draft; one: Place; set: (d: Partial<Draft>) => void; choose: (p: Place[] | null) => void }) {
  const [offer, setOffer] = useState<SeriesOffer | null>(null);
  const [instead, setInstead] = useState<Record<string, string>>({});
  const [error, setError] = useState<unknown>(null);
  const asked = JSON.stringify({
    service: one.service,
    length: one.length,
    staff: one.staff,
    date: one.date,
    time: one.time,
    times: draft.times,
    everyWeeks: draft.everyWeeks,
  });
  useEffect(() => {
    let late = false;
    send<SeriesOffer>("POST", "/series", JSON.parse(asked))
      .then((o) => !late && setOffer(o))
      .catch((e: unknown) => !late && setError(e));
    return () => {
      late = true;
    };
  }, [asked]);
  const made = JSON.stringify(
    (offer?.weeks ?? []).flatMap((w) => {
      const said = instead[w.date] ?? "";
      const [date, time, staff] = said.split(" ");
      return w.opening ? [{ ...one, ...w.opening }] : date && time && staff ? [{ ...one, date, time, staff }] : [];
    }),
  );
  useEffect(() => choose(JSON.parse(made) as Place[]), [made]);
  const name = (id: string): string => me.house.staff.find((s) => s.id === id)?.called ?? id;
  return (
    <div className="space-y-2 rounded-m border border-hairline p-3 text-s">
      <p className="flex items-center gap-1.5">
        <input
          aria-label="How many times"
          type="number"
          min={2}
          max={52}
          className="min-h-8 w-14 rounded-m border border-hairline px-1.5"
          value={draft.times}
          onChange={(e) => set({ times: Math.min(52, Math.max(2, Number(e.target.value))) })}
        />
        times, every
        <input
          aria-label="Every how many weeks"
          type="number"
          min={1}
          max={8}
          className="min-h-8 w-12 rounded-m border border-hairline px-1.5"
          value={draft.everyWeeks}
          onChange={(e) => set({ everyWeeks: Math.min(8, Math.max(1, Number(e.target.value))) })}
        />
        {draft.everyWeeks === 1 ? "week" : "weeks"}
      </p>
      <Wrong error={error} />
      <ul>
        {offer?.weeks.map((w) => (
          <li key={w.date} className="flex items-center justify-between gap-2 border-t border-hairline py-1">
            <span>{shortDate(w.date)}</span>
            {w.opening ? (
              <span className="text-fern">{w.opening.time}</span>
            ) : (
              <select
                aria-label={`Instead of ${shortDate(w.date)}`}
                className="min-h-7 min-w-0 rounded-m border border-stamen bg-stamen-pale text-stamen"
                value={instead[w.date] ?? ""}
                onChange={(e) => setInstead({ ...instead, [w.date]: e.target.value })}
              >
                <option value="">does not fit: left out</option>
                {w.instead.map((o) => (
                  <option key={`${o.date}${o.time}${o.staff}`} value={`${o.date} ${o.time} ${o.staff}`}>
                    {shortDate(o.date)} {o.time} {name(o.staff)}
                  </option>
                ))}
              </select>
            )}
          </li>
        ))}
      </ul>
    </div>
  );
}

/** A visit of two parts: what comes second, and the times at which both fit. */
function Visit({
  me,
  draft,
  date,
  length,
  set,
  choose,
}: {
  me: Me;
  draft: Draft;
  date: string;
  length: number;
  set: (d: Partial<Draft>) => void;
  choose: (p: Place[] | null) => void;
}) {
  const [visits, setVisits] = useState<VisitOffer[] | null>(null);
  const [at, setAt] = useState<number | null>(null);
  const [error, setError] = useState<unknown>(null);
  const [secondService = "", secondLength = ""] = draft.second.split(" ");
  const asked = secondService
    ? JSON.stringify({
        date,
        how: draft.how === "together" ? "same-time" : "one-after-another",
        parts: [
          { service: draft.service, length, ...(draft.staff ? { staff: draft.staff } : {}) },
          { service: secondService, length: Number(secondLength) },
        ],
      })
    : null;
  useEffect(() => {
    setVisits(null);
    setAt(null);
    choose(null);
    if (asked === null) return;
    let late = false;
    send<{ visits: VisitOffer[] }>("POST", "/visits", JSON.parse(asked))
      .then((o) => !late && setVisits(o.visits))
      .catch((e: unknown) => !late && setError(e));
    return () => {
      late = true;
    };
  }, [asked]);
  const name = (id: string): string => me.house.staff.find((s) => s.id === id)?.called ?? id;
  return (
    <div className="space-y-2 rounded-m border border-hairline p-3 text-s">
      <Field label={draft.how === "together" ? "The other has" : "Then"}>
        <Select value={draft.second} onChange={(e) => set({ second: e.target.value })}>
          <option value="">choose a service</option>
          {me.house.services
            .filter((s) => !s.group)
            .flatMap((s) =>
              s.variants.map((v) => (
                <option key={`${s.id} ${v.lengthMin}`} value={`${s.id} ${v.lengthMin}`}>
                  {s.name}, {v.lengthMin} min
                </option>
              )),
            )}
        </Select>
      </Field>
      {draft.how === "together" ? (
        <Field label="Name of the other">
          <Input value={draft.visitor} maxLength={120} onChange={(e) => set({ visitor: e.target.value })} />
        </Field>
      ) : null}
      <Wrong error={error} />
      {visits?.length === 0 ? <p className="text-quiet">They do not fit together within a week.</p> : null}
      <div className="flex flex-col gap-1" role="group" aria-label="Times at which both fit">
        {visits?.map((v, i) => (
          <button
            key={`${v.date}${v.time}`}
            type="button"
            aria-pressed={at === i}
            className={`min-h-8 rounded-m border px-2 py-1 text-left ${at === i ? "border-gentian bg-gentian-pale text-gentian" : "border-hairline bg-raised hover:border-quiet"}`}
            onClick={() => {
              setAt(i);
              choose(
                v.parts.map((p, k) => ({
                  service: p.service,
                  length: p.length,
                  staff: p.staff,
                  date: p.date,
                  time: p.time,
                  ...(k > 0 && draft.how === "together" && draft.visitor.trim() ? { visitor: draft.visitor.trim() } : {}),
                })),
              );
            }}
          >
            <b className="font-semibold">
              {shortDate(v.date)} {v.time}–{v.until}
            </b>{" "}
            {v.parts.map((p) => `${p.time} ${name(p.staff)}`).join(", ")}
          </button>
        ))}
      </div>
    </div>
  );
}
