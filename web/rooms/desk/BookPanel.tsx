import { useState } from "react";
import { toast } from "sonner";
import { newRef, send } from "../../api/client.ts";
import { useGet, useKept } from "../../api/hooks.ts";
import type { Card, Me, Openings } from "../../api/types.ts";
import { Button, Field, Input, Select, Wrong } from "../../parts/controls.tsx";
import { clock, money, phone, shortDate } from "../../parts/words.ts";
import { PanelHead } from "./PanelHead.tsx";

interface Props {
  me: Me;
  date: string;
  staff?: string | undefined;
  minute?: number | undefined;
  close: () => void;
  booked: (id: string) => void;
}

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
}

const EMPTY: Draft = { service: "", length: 0, staff: "", time: "", client: null, name: "", phone: "", email: "", places: 1 };

/** Booking by hand: only what is open can be chosen, and what was typed survives a reload. */
export function BookPanel({ me, date, staff, minute, close, booked }: Props) {
  const [kept, keep, clear] = useKept<Draft>("book-by-hand", EMPTY);
  const [pointed, setPointed] = useState(minute !== undefined);
  const wanted = minute === undefined ? "" : clock(minute).padStart(5, "0");
  const draft: Draft = pointed ? { ...kept, staff: staff ?? kept.staff, time: wanted } : kept;
  const set = (more: Partial<Draft>): void => {
    keep({ ...draft, ...more });
    setPointed(false);
  };
  const [error, setError] = useState<unknown>(null);
  const [ref, setRef] = useState(newRef);
  const [busy, setBusy] = useState(false);
  const services = me.house.services.filter((s) => !draft.staff || s.staff.includes(draft.staff) || s.id === draft.service);
  const service = me.house.services.find((s) => s.id === draft.service);
  const length = service?.variants.some((v) => v.lengthMin === draft.length) ? draft.length : (service?.variants[0]?.lengthMin ?? 0);
  const price = service?.variants.find((v) => v.lengthMin === length)?.priceMinor ?? null;
  const openings = useGet<Openings>(
    service
      ? `/openings?service=${service.id}&length=${length}&date=${date}${draft.staff && service.staff.includes(draft.staff) ? `&staff=${draft.staff}` : ""}`
      : null,
  );
  const list = openings.data?.openings ?? [];
  const chosen = list.find((o) => o.time === draft.time && (!draft.staff || o.staff === draft.staff));
  const found = useGet<{ clients: Card[] }>(!draft.client && draft.name.trim().length >= 2 ? `/clients?find=${encodeURIComponent(draft.name.trim())}` : null);
  const name = (id: string): string => me.house.staff.find((s) => s.id === id)?.called ?? id;

  const book = async (): Promise<void> => {
    if (!service || !chosen) return;
    setError(null);
    setBusy(true);
    try {
      const who = draft.client
        ? { client: draft.client.id }
        : { newClient: { name: draft.name, ...(draft.phone ? { phone: draft.phone } : {}), ...(draft.email ? { email: draft.email } : {}) } };
      const made = await send<{ id: string }>("POST", "/appointments", {
        ref,
        service: service.id,
        length,
        staff: chosen.staff,
        date,
        time: chosen.time,
        places: draft.places,
        ...who,
      });
      toast(`${draft.client?.name ?? draft.name}: booked, ${shortDate(date)} ${chosen.time} with ${name(chosen.staff)}`);
      clear();
      booked(made.id);
    } catch (e) {
      setError(e);
      setRef(newRef());
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
        {service ? (
          <Field label="At" hint={openings.data && list.length === 0 ? "Nothing is open that day." : undefined}>
            <Select
              value={chosen ? `${chosen.time} ${chosen.staff}` : ""}
              onChange={(e) => set({ time: e.target.value.split(" ")[0] ?? "", staff: e.target.value.split(" ")[1] ?? draft.staff })}
            >
              <option value="">{draft.time && openings.data ? `${draft.time} is not open; choose` : "choose a time"}</option>
              {list.map((o) => (
                <option key={`${o.time}${o.staff}`} value={`${o.time} ${o.staff}`}>
                  {o.time}, {name(o.staff)}
                  {o.left === undefined ? "" : `, ${o.left} left`}
                </option>
              ))}
            </Select>
          </Field>
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
                      <b className="font-semibold">{c.name}</b> <span className="text-quiet">{c.phone ? phone(c.phone) : (c.email ?? "")}</span>
                    </button>
                  </li>
                ))}
              </ul>
            ) : null}
            <Field label="Telephone of a new client">
              <Input type="tel" value={draft.phone} autoComplete="off" onChange={(e) => set({ phone: e.target.value })} />
            </Field>
          </>
        )}
        <Wrong error={error} />
        <Button kind="main" type="submit" className="min-h-10 w-full" disabled={busy || !chosen || (!draft.client && !draft.name.trim())}>
          Book{price === null || !chosen ? "" : `, ${money(me, price * draft.places)}`}
        </Button>
      </form>
    </section>
  );
}
