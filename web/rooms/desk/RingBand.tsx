import { useState } from "react";
import { WHY, type Why } from "@gentian/core/speech/packs/en/phrases";
import type { Ringing } from "../../api/types.ts";
import { Button } from "../../parts/controls.tsx";
import { useLine } from "../../parts/line/useLine.ts";

const whyOf = (ring: Ringing): string => WHY[ring.why as Why] ?? WHY.person;

/** The telephone rings at the desk: who it is and why, and the call itself once it is taken. */
export function RingBand({ ringing }: { ringing: Ringing[] }) {
  const [taken, setTaken] = useState<Ringing | null>(null);
  const first = ringing[0];
  if (taken) return <Taken ring={taken} onOver={() => setTaken(null)} />;
  if (!first) return null;
  return (
    <section aria-label="The telephone rings" className="flex min-h-[52px] shrink-0 items-center gap-4 border-b border-stamen bg-stamen-pale px-5">
      <span role="alert" className="min-w-0 flex-1 truncate">
        <b className="font-serif text-l font-semibold text-stamen">The telephone rings</b>
        <span className="ml-3">
          <b className="font-semibold">{first.who}</b> {whyOf(first)}
          {first.words ? <span className="ml-2 font-serif text-quiet italic">“{first.words}”</span> : null}
          {first.telephone ? <span className="ml-3 text-s text-quiet">rings at {first.telephone} too</span> : null}
        </span>
        {ringing.length > 1 ? <span className="ml-3 text-s text-quiet">and {ringing.length - 1} more</span> : null}
      </span>
      <Button kind="main" onClick={() => setTaken(first)}>
        Take the call
      </Button>
    </section>
  );
}

function Taken({ ring, onOver }: { ring: Ringing; onOver: () => void }) {
  const line = useLine(`/api/desk/calls/${ring.conversation}/line`, null);
  return (
    <section aria-label="Your call" className="flex min-h-[52px] shrink-0 items-center gap-4 border-b border-fern bg-fern-pale px-5">
      <span role="status" className="min-w-0 flex-1 truncate">
        <b className="font-serif text-l font-semibold text-fern">
          {line.state === "before"
            ? "A headset is best"
            : line.state === "calling"
              ? "Opening the line…"
              : line.state === "over"
                ? "The call has ended"
                : "You are on the line"}
        </b>
        <span className="ml-3">
          with <b className="font-semibold">{ring.who}</b>, who {whyOf(ring)}
        </span>
        {line.fault ? (
          <span className="ml-3 text-clay">
            {line.fault.title}. {line.fault.detail}
          </span>
        ) : null}
      </span>
      {line.state === "before" ? (
        <Button kind="main" onClick={line.call} autoFocus>
          Speak
        </Button>
      ) : null}
      {line.state === "going" ? (
        <Button aria-pressed={line.muted} onClick={() => line.mute(!line.muted)}>
          {line.muted ? "Microphone on again" : "Microphone off"}
        </Button>
      ) : null}
      {line.state === "over" || line.state === "before" ? (
        <Button onClick={onOver}>{line.state === "before" ? "Leave it ringing" : "Close"}</Button>
      ) : (
        <Button kind="wrong" onClick={line.hangUp}>
          Hang up
        </Button>
      )}
    </section>
  );
}
