import { useEffect, useState, type RefObject } from "react";
import type { Day } from "../../../api/types.ts";
import { clock, shortName } from "../../../parts/words.ts";
import { shutAt, useLift, usePlaces } from "./lift.ts";
import { left, span, type Scale } from "./scale.ts";

interface Box {
  id: string;
  top: number;
  height: number;
}

/** Where each ribbon lies inside the sheet. */
export function ribbonsOf(sheet: HTMLElement): Box[] {
  const base = sheet.getBoundingClientRect();
  return [...sheet.querySelectorAll<HTMLElement>("[data-ribbon]")].map((el) => {
    const r = el.getBoundingClientRect();
    return { id: el.dataset["ribbon"] ?? "", top: r.top - base.top + sheet.scrollTop, height: r.height };
  });
}

/** What is lifted, drawn above the ribbons: the places that are shut for it, and where it would lie. */
export function DragLayer({ sheet, scale, day, rows }: { sheet: RefObject<HTMLDivElement | null>; scale: Scale; day: Day; rows: "people" | "rooms" }) {
  const lift = useLift();
  const places = usePlaces();
  const [boxes, setBoxes] = useState<Box[]>([]);
  const held = lift?.slip.id;
  useEffect(() => {
    if (held && sheet.current) setBoxes(ribbonsOf(sheet.current));
  }, [held, sheet]);
  if (!lift) return null;
  const box = boxes.find((b) => b.id === lift.row);
  const staff = rows === "people" ? lift.row : lift.slip.staff;
  const shut = shutAt(places, lift, staff);
  const to = lift.fromMin + lift.lengthMin;
  return (
    <div className="pointer-events-none absolute inset-0 z-30" role="status" aria-live="assertive">
      {lift.what === "place"
        ? boxes.map((b) => {
            const who = rows === "people" ? b.id : lift.slip.staff;
            const runs = places?.people.find((p) => p.staff === who)?.shut ?? [];
            const foreign = rows === "people" && !day.staff.some((s) => s.id === b.id);
            return foreign
              ? null
              : runs.map((r) => (
                  <span
                    key={`${b.id} ${r.fromMin}`}
                    className={`absolute ${r.never ? "shut" : "shut-soft"}`}
                    style={{
                      top: b.top + 6,
                      height: b.height - 12,
                      left: `calc(112px + (100% - 112px) * ${pct(left(scale, r.fromMin))})`,
                      width: `calc((100% - 112px) * ${pct(String(span(scale, r.fromMin, r.toMin).width))})`,
                    }}
                  />
                ));
          })
        : null}
      {box ? (
        <span
          className={`absolute flex flex-col overflow-visible rounded-m border-2 px-1 text-s leading-4 shadow-md ${shut?.never ? "border-clay bg-clay-pale" : shut ? "border-stamen bg-stamen-pale" : "border-gentian bg-gentian-pale"}`}
          style={{
            top: box.top + 4,
            height: box.height - 8,
            left: `calc(112px + (100% - 112px) * ${pct(left(scale, lift.fromMin))})`,
            width: `calc((100% - 112px) * ${pct(String(span(scale, lift.fromMin, to).width))})`,
          }}
        >
          <b className="truncate font-semibold">{shortName(lift.slip.client)}</b>
          <span
            className={`absolute top-full z-10 mt-0.5 ${(lift.fromMin - scale.fromMin) / (scale.toMin - scale.fromMin) > 0.6 ? "right-0" : "left-0"} rounded-m border px-1.5 py-0.5 whitespace-nowrap ${shut?.never ? "border-clay bg-clay-pale text-clay" : shut ? "border-stamen bg-stamen-pale text-stamen" : "border-gentian bg-raised text-gentian"}`}
          >
            {clock(lift.fromMin)}–{clock(to)}
            {shut ? `: ${shut.why}` : ""}
            {lift.by === "keys" ? " · Enter puts it here, Esc leaves it" : ""}
          </span>
        </span>
      ) : null}
    </div>
  );
}

const pct = (s: string): number => Number(s.replace("%", "")) / 100;
