import { useState } from "react";
import { toast } from "sonner";
import { newRef, send } from "../../api/client.ts";
import { useGet, useKept } from "../../api/hooks.ts";
import type { Day, Me } from "../../api/types.ts";
import { Button, Field, Input, Select, Wrong } from "../../parts/controls.tsx";
import { clock, shortDate } from "../../parts/words.ts";
import { again, underOf } from "./commands.ts";
import { PanelHead } from "./PanelHead.tsx";
import type { Panel } from "./panel.ts";
import { Check } from "./SlipPanel.tsx";

interface Draft {
  who: string;
  whole: boolean;
  from: string;
  to: string;
  until: string;
  reason: string;
  kind: "block" | "time-off";
}

interface Props {
  me: Me;
  date: string;
  staff?: string | undefined;
  room?: string | undefined;
  minute?: number | undefined;
  ill?: boolean | undefined;
  open: (p: Panel) => void;
  close: () => void;
}

/** Time off and blocked time: hours, days or weeks, of a person or a room. It acts at once. */
export function OffPanel({ me, date, staff, room, minute, ill, open, close }: Props) {
  const first: Draft = {
    who: staff ? `staff ${staff}` : room ? `room ${room}` : "",
    whole: ill ?? false,
    from: minute === undefined ? "12:00" : clock(minute).padStart(5, "0"),
    to: minute === undefined ? "13:00" : clock(Math.min(1440, minute + 60)).padStart(5, "0"),
    until: "",
    reason: ill ? "Ill" : "",
    kind: ill ? "time-off" : "block",
  };
  const [kept, keep, clear] = useKept<Draft | null>(`off ${date} ${staff ?? room ?? ""} ${ill ? "ill" : ""}`, null);
  const draft = kept ?? first;
  const set = (more: Partial<Draft>): void => keep({ ...draft, ...more });
  const [error, setError] = useState<unknown>(null);
  const day = useGet<Day>(`/day?date=${date}`);
  const name = (b: Day["blocks"][number]): string =>
    me.house.staff.find((s) => s.id === b.staff)?.called ?? me.house.rooms.find((r) => r.id === b.room)?.name ?? "";
  const under = underOf(error);
  const block = async (anyway: boolean): Promise<void> => {
    setError(null);
    const [kind, id] = draft.who.split(" ");
    try {
      const made = await send<{ id: string; under: number }>("POST", "/blocks", {
        ref: newRef(),
        ...(kind === "staff" ? { staff: id } : { room: id }),
        date,
        from: draft.whole ? "00:00" : draft.from,
        to: draft.whole ? "24:00" : draft.to,
        ...(draft.until && draft.until > date ? { until: draft.until } : {}),
        reason: draft.reason,
        kind: draft.kind,
        anyway,
      });
      clear();
      await again();
      toast(
        draft.kind === "time-off"
          ? "Time off is kept: nothing is offered there any more"
          : `Blocked ${draft.whole ? "the whole day" : `${draft.from}–${draft.to}`}`,
      );
      if (made.under > 0) open({ kind: "touched", block: made.id });
    } catch (e) {
      setError(e);
    }
  };
  const free = async (id: string): Promise<void> => {
    try {
      await send("DELETE", `/blocks/${id}`);
      await again();
      toast("The time is free again");
    } catch (e) {
      setError(e);
    }
  };
  return (
    <section aria-labelledby="panel-title">
      <PanelHead title={ill ? "Ill, or away" : "Block time"} close={close}>
        {shortDate(date)}; it acts at once
      </PanelHead>
      <form
        className="space-y-3 px-[18px] py-3"
        onSubmit={(e) => {
          e.preventDefault();
          void block(false);
        }}
      >
        <Field label="Whose time">
          <Select value={draft.who} onChange={(e) => set({ who: e.target.value, kind: e.target.value.startsWith("room") ? "block" : draft.kind })}>
            <option value="">choose</option>
            {me.house.staff
              .filter((s) => s.bookable)
              .map((s) => (
                <option key={s.id} value={`staff ${s.id}`}>
                  {s.name}
                </option>
              ))}
            {me.house.rooms.map((r) => (
              <option key={r.id} value={`room ${r.id}`}>
                {r.name}
              </option>
            ))}
          </Select>
        </Field>
        <Check label="The whole day" value={draft.whole} set={(whole) => set({ whole })} />
        {draft.whole ? null : (
          <div className="grid grid-cols-2 gap-2">
            <Field label="From">
              <Input type="time" step={300} value={draft.from} onChange={(e) => set({ from: e.target.value })} />
            </Field>
            <Field label="Until">
              <Input type="time" step={300} value={draft.to} onChange={(e) => set({ to: e.target.value })} />
            </Field>
          </div>
        )}
        <Field label="Last day, where it is more than one">
          <Input type="date" min={date} value={draft.until} onChange={(e) => set({ until: e.target.value })} />
        </Field>
        <Field label="Why (stands on the sheet)">
          <Input value={draft.reason} maxLength={200} onChange={(e) => set({ reason: e.target.value })} />
        </Field>
        <Wrong error={error} />
        {under > 0 ? (
          <Button kind="main" className="min-h-10 w-full" onClick={() => void block(true)}>
            Take it off, and go through the {under}
          </Button>
        ) : (
          <Button kind="main" type="submit" className="min-h-10 w-full" disabled={!draft.who || (!draft.whole && (!draft.from || !draft.to))}>
            {draft.kind === "time-off" ? "Take it off" : "Block it"}
          </Button>
        )}
      </form>
      {day.data && day.data.blocks.length > 0 ? (
        <div className="px-[18px] pb-4">
          <h3 className="mb-1 text-s font-semibold text-quiet">Off or blocked on this day</h3>
          <ul>
            {day.data.blocks.map((b) => (
              <li key={b.id} className="flex items-center justify-between gap-2 border-b border-hairline py-1 text-s">
                <button type="button" className="min-h-7 text-left hover:underline" onClick={() => open({ kind: "touched", block: b.id })}>
                  {name(b)}, {b.longer ? "all day" : `${clock(b.from)}–${clock(b.to)}`} {b.reason}
                </button>
                <Button onClick={() => void free(b.id)}>Free it</Button>
              </li>
            ))}
          </ul>
        </div>
      ) : null}
    </section>
  );
}
