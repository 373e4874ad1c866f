import { useEffect, useRef, useState } from "react";
import { useGet } from "../../api/hooks.ts";
import type { Me, WalkIn } from "../../api/types.ts";
import { Field, Input, Wrong } from "../../parts/controls.tsx";
import { money } from "../../parts/words.ts";
import { command } from "./commands.ts";
import { PanelHead } from "./PanelHead.tsx";

/** Somebody stands at the counter: w, and Enter, and they are on the sheet. The name can come later. */
export function WalkInPanel({ me, close, booked }: { me: Me; close: () => void; booked: (id: string) => void }) {
  const list = useGet<{ walkIns: WalkIn[] }>("/walk-ins");
  const [name, setName] = useState("");
  const [error, setError] = useState<unknown>(null);
  const first = useRef<HTMLButtonElement>(null);
  const ready = list.data !== undefined;
  useEffect(() => first.current?.focus(), [ready]);
  const called = (id: string): string => me.house.staff.find((s) => s.id === id)?.called ?? id;
  const take = async (w: WalkIn): Promise<void> => {
    setError(null);
    try {
      const done = await command(
        "/appointments",
        {
          service: w.service,
          length: w.length,
          staff: w.staff,
          date: w.date,
          time: w.time,
          arrived: true,
          reason: "walk-in",
          newClient: { name: name.trim() || "Walk-in" },
        },
        `${name.trim() || "Walk-in"}: ${w.serviceName} with ${called(w.staff)}, now`,
      );
      booked(done.id);
    } catch (e) {
      setError(e);
    }
  };
  return (
    <section aria-labelledby="panel-title">
      <PanelHead title="Walk-in" close={close}>
        who could take somebody now
      </PanelHead>
      <div className="space-y-3 px-[18px] py-3">
        <Wrong error={error ?? list.error} />
        {list.data?.walkIns.length === 0 ? <p className="text-quiet">Nobody is free for anything right now.</p> : null}
        <ul>
          {list.data?.walkIns.map((w, i) => (
            <li key={`${w.service}${w.length}${w.staff}`} className="border-b border-hairline">
              <button
                ref={i === 0 ? first : undefined}
                type="button"
                className="flex min-h-10 w-full items-center justify-between gap-2 px-1 text-left hover:bg-open"
                onClick={() => void take(w)}
              >
                <span>
                  <b className="font-semibold">{called(w.staff)}</b> {w.serviceName}
                </span>
                <span className="shrink-0 text-s text-quiet">
                  {w.length} min{w.priceMinor === null ? "" : `, ${money(me, w.priceMinor)}`}
                </span>
              </button>
            </li>
          ))}
        </ul>
        <Field label="Name, if there is time" hint="Enter takes the first; the card can be written afterwards.">
          <Input
            value={name}
            maxLength={120}
            autoComplete="off"
            onChange={(e) => setName(e.target.value)}
            onKeyDown={(e) => {
              const [w] = list.data?.walkIns ?? [];
              if (e.key === "Enter" && w) void take(w);
            }}
          />
        </Field>
      </div>
    </section>
  );
}
