import { useState } from "react";
import { toast } from "sonner";
import { newRef, send } from "../../api/client.ts";
import { useGet } from "../../api/hooks.ts";
import type { Day, Me } from "../../api/types.ts";
import { Button, Field, Input, Select, Wrong } from "../../parts/controls.tsx";
import { clock, shortDate } from "../../parts/words.ts";
import { PanelHead } from "./PanelHead.tsx";

/** Keeps a person's or a room's time from being booked, and frees it again. */
export function BlockPanel({
  me,
  date,
  staff,
  minute,
  close,
}: {
  me: Me;
  date: string;
  staff?: string | undefined;
  minute?: number | undefined;
  close: () => void;
}) {
  const [who, setWho] = useState(staff ? `staff ${staff}` : "");
  const [from, setFrom] = useState(minute === undefined ? "12:00" : clock(minute).padStart(5, "0"));
  const [to, setTo] = useState(minute === undefined ? "13:00" : clock(minute + 60).padStart(5, "0"));
  const [reason, setReason] = useState("");
  const [error, setError] = useState<unknown>(null);
  const [ref, setRef] = useState(newRef);
  const day = useGet<Day>(`/day?date=${date}`);
  const name = (b: Day["blocks"][number]): string =>
    me.house.staff.find((s) => s.id === b.staff)?.called ?? me.house.rooms.find((r) => r.id === b.room)?.name ?? "";
  const act = async (f: () => Promise<unknown>, said: string): Promise<void> => {
    setError(null);
    try {
      await f();
      await day.mutate();
      toast(said);
      setReason("");
    } catch (e) {
      setError(e);
    }
    setRef(newRef());
  };
  return (
    <section aria-labelledby="panel-title">
      <PanelHead title="Block time" close={close}>
        {shortDate(date)}
      </PanelHead>
      <form
        className="space-y-3 px-[18px] py-3"
        onSubmit={(e) => {
          e.preventDefault();
          const [kind, id] = who.split(" ");
          void act(
            () => send("POST", "/blocks", { ref, ...(kind === "staff" ? { staff: id } : { room: id }), date, from, to, reason }),
            `Blocked ${from}–${to}`,
          );
        }}
      >
        <Field label="Whose time">
          <Select value={who} onChange={(e) => setWho(e.target.value)}>
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
        <div className="grid grid-cols-2 gap-2">
          <Field label="From">
            <Input type="time" step={300} value={from} onChange={(e) => setFrom(e.target.value)} />
          </Field>
          <Field label="Until">
            <Input type="time" step={300} value={to} onChange={(e) => setTo(e.target.value)} />
          </Field>
        </div>
        <Field label="Why (stands on the sheet)">
          <Input value={reason} maxLength={200} onChange={(e) => setReason(e.target.value)} />
        </Field>
        <Wrong error={error} />
        <Button kind="main" type="submit" className="min-h-10 w-full" disabled={!who || !from || !to}>
          Block it
        </Button>
      </form>
      {day.data && day.data.blocks.length > 0 ? (
        <div className="px-[18px] pb-4">
          <h3 className="mb-1 text-s font-semibold text-quiet">Blocked on this day</h3>
          <ul>
            {day.data.blocks.map((b) => (
              <li key={b.id} className="flex items-center justify-between border-b border-hairline py-1 text-s">
                <span>
                  {name(b)}, {clock(b.from)}–{clock(b.to)} {b.reason}
                </span>
                <Button onClick={() => void act(() => send("DELETE", `/blocks/${b.id}`), "The time is free again")}>Free it</Button>
              </li>
            ))}
          </ul>
        </div>
      ) : null}
    </section>
  );
}
