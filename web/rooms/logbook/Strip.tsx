import { Pause, Play } from "lucide-react";
import { Slider } from "radix-ui";
import type { SpokenTurn } from "@gentian/core/speech/kept";

export const clock = (ms: number): string => `${Math.floor(ms / 60_000)}:${String(Math.floor(ms / 1000) % 60).padStart(2, "0")}`;

/** Who speaks stands above the middle line, who calls below it. */
const PLACES: Record<SpokenTurn["who"], string> = {
  receptionist: "top-1 h-3 bg-gentian",
  desk: "top-1 h-3 bg-stamen",
  client: "bottom-1 h-3 bg-quiet",
};
/** How far an arrow key goes, in milliseconds. */
const STEP_MS = 1000;

/** A call drawn from its first sound to its last: who spoke when, where it is being played, and a hand to go elsewhere. */
export function Strip(props: {
  turns: readonly SpokenTurn[];
  lengthMs: number;
  atMs: number;
  playing: boolean;
  onPlay: () => void;
  onSeek: (ms: number) => void;
}) {
  const { turns, lengthMs, atMs, playing, onPlay, onSeek } = props;
  const at = Math.min(Math.max(0, atMs), lengthMs);
  const share = (ms: number): string => `${(Math.min(ms, lengthMs) / Math.max(1, lengthMs)) * 100}%`;
  return (
    <div className="flex items-center gap-4 border-b border-hairline px-4 py-2">
      <button
        type="button"
        aria-label={playing ? "Pause" : "Play"}
        onClick={onPlay}
        className="inline-flex size-8 shrink-0 items-center justify-center rounded-m border border-hairline bg-raised text-ink hover:border-quiet"
      >
        {playing ? <Pause size={16} aria-hidden /> : <Play size={16} aria-hidden />}
      </button>
      <Slider.Root
        className="relative flex h-10 grow touch-none items-center select-none"
        min={0}
        max={lengthMs}
        step={STEP_MS}
        value={[at]}
        onValueChange={([ms]) => onSeek(ms ?? 0)}
      >
        <Slider.Track className="relative h-10 grow cursor-pointer">
          <span aria-hidden className="absolute inset-x-0 top-1/2 h-px bg-hairline" />
          {turns.map((t, i) => (
            <span
              key={i}
              aria-hidden
              className={`absolute rounded-[1px] ${PLACES[t.who]} ${t.fromMs > at ? "opacity-40" : ""}`}
              style={{ left: share(t.fromMs), width: `max(2px, calc(${share(t.toMs)} - ${share(t.fromMs)}))` }}
            />
          ))}
        </Slider.Track>
        <Slider.Thumb
          aria-label="Place in the recording"
          aria-valuetext={`${clock(at)} of ${clock(lengthMs)}`}
          className="block h-10 w-[3px] rounded-[1px] bg-ink"
        />
      </Slider.Root>
      <span className="w-20 shrink-0 text-right text-s text-quiet tabular-nums">
        {clock(at)} of {clock(lengthMs)}
      </span>
    </div>
  );
}
