import { memo } from "react";
import type { Slip } from "../../../api/types.ts";
import { clock, shortName } from "../../../parts/words.ts";
import { left, span, type Scale } from "./scale.ts";

const WORD: Record<string, string> = { arrived: "here", done: "done", missed: "missed" };
const TONE: Record<string, string> = { arrived: "text-fern", done: "text-quiet", missed: "text-clay" };

interface Props {
  slip: Slip;
  scale: Scale;
  on: boolean;
  tight: boolean;
  onOpen: (id: string) => void;
  onKey: (slip: Slip, e: React.KeyboardEvent) => void;
}

/** An appointment on a ribbon: opened by a click, moved by dragging it, made longer by pulling its end. */
export const SlipButton = memo(function SlipButton({ slip, scale, on, tight, onOpen, onKey }: Props) {
  const movable = slip.status === "booked" || slip.status === "arrived";
  const narrow = slip.lengthMin < 40;
  const first = slip.client.split(" ")[0] ?? slip.client;
  const state = WORD[slip.status];
  return (
    <>
      <button
        type="button"
        onClick={() => onOpen(slip.id)}
        onKeyDown={(e) => onKey(slip, e)}
        data-slip={slip.id}
        data-movable={movable || undefined}
        title={`${clock(slip.from)}–${clock(slip.to)} ${slip.client}, ${slip.serviceName}${slip.byReceptionist ? ", booked by the receptionist" : ""}`}
        className={`glide absolute top-1.5 bottom-1.5 flex flex-col overflow-hidden rounded-m border bg-raised text-left text-s leading-4 ${tight ? "py-0.5" : "py-1"} ${slip.byReceptionist ? "border-l-4 border-l-gentian" : ""} ${on ? "z-10 border-gentian outline-2 outline-gentian" : "border-hairline hover:border-quiet"} ${narrow && !tight ? "px-0" : "px-1"} ${TONE[slip.status] ?? ""}`}
        style={span(scale, slip.from, slip.to)}
      >
        {narrow && !tight ? (
          // Too narrow for a name from left to right: it stands on its end, whole.
          <span className="block max-h-full self-center overflow-hidden font-semibold whitespace-nowrap [writing-mode:vertical-rl]">
            {first} <span className="font-normal text-quiet">{state ?? slip.lengthMin}</span>
          </span>
        ) : (
          <>
            <span className="block w-full truncate font-semibold">{tight && narrow ? first : shortName(slip.client)}</span>
            {tight ? null : <span className="block w-full truncate text-quiet">{slip.serviceName}</span>}
          </>
        )}
        {state && !narrow && !tight ? <span className="block">{state}</span> : null}
        <span className="sr-only">
          {clock(slip.from)} to {clock(slip.to)}, {slip.client}, {slip.serviceName}
          {state ? `, ${state}` : ""}
          {slip.byReceptionist ? ", booked by the receptionist" : ""}
        </span>
      </button>
      {movable && slip.kind === "visit" ? (
        // The end of a slip, to be pulled. The keyboard has its own way: Shift and the arrows.
        <span
          aria-hidden="true"
          data-end={slip.id}
          className="absolute top-1.5 bottom-1.5 z-10 -ml-1 w-1.5 cursor-ew-resize hover:bg-gentian/30"
          style={{ left: left(scale, slip.to) }}
        />
      ) : null}
    </>
  );
});
