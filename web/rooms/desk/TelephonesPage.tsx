import { useEffect, useState } from "react";
import { Link } from "react-router";
import { WHY, type Why } from "@gentian/core/speech/packs/en/phrases";
import { useGet } from "../../api/hooks.ts";
import type { HouseTelephone } from "../../api/types.ts";
import { Button, Wrong } from "../../parts/controls.tsx";
import { useLine } from "../../parts/line/useLine.ts";
import { phone } from "../../parts/words.ts";

/** What a gateway is asked to ring. */
interface Dialled {
  call: string;
  number: string;
  from?: string;
}

/** The house's telephones, where no telephone network is: while this page is open, what is put through to them rings here. */
export function TelephonesPage() {
  const list = useGet<HouseTelephone[]>("/telephones");
  const { open, dialled } = useGateway();
  const [held, setHeld] = useState<Dialled | null>(null);
  return (
    <main className="min-h-0 flex-1 overflow-y-auto px-10 py-6">
      <div className="flex items-baseline justify-between">
        <h1 className="font-serif text-xl font-semibold">Telephones</h1>
        <Link className="min-h-8 text-s text-gentian underline" to="/">
          Back to the desk
        </Link>
      </div>
      <p className="mt-1 max-w-[640px] font-serif text-quiet">
        These numbers ring when a call is put through, besides the desk. This page stands in for the telephone network: while it is open they ring here too.
      </p>
      <p role="status" className={`mt-2 text-s ${open ? "text-fern" : "text-clay"}`}>
        {open ? "Connected: they can ring." : "Not connected. It is tried again by itself."}
      </p>
      <Wrong error={list.error} />
      {list.data?.length === 0 ? (
        <p className="mt-6 font-serif">
          There is no such telephone yet. Name one in the{" "}
          <Link className="text-gentian underline" to="/handbook#telephone">
            handbook, “On the telephone”
          </Link>
          .
        </p>
      ) : null}
      <ul className="mt-6 max-w-[980px] border-t border-hairline">
        {(list.data ?? []).map((t) => {
          const ring = dialled.find((d) => d.number === t.number);
          const mine = held?.number === t.number ? held : null;
          return (
            <li key={t.number} className="grid min-h-16 grid-cols-[220px_150px_minmax(0,1fr)] items-center gap-4 border-b border-hairline py-3">
              <b className="block font-serif text-l font-semibold first-letter:uppercase">{t.name}</b>
              <span className="tabular-nums">{phone(t.number)}</span>
              {mine ? (
                <Held key={mine.call} dialled={mine} onOver={() => setHeld(null)} />
              ) : ring ? (
                <span className="-my-3 flex min-h-16 items-center gap-4 bg-stamen-pale px-3" role="alert">
                  <span className="min-w-0 flex-1">
                    <b className="font-semibold text-stamen">It rings</b>
                    {ring.from ? <span className="ml-2 text-quiet">from {phone(ring.from)}</span> : null}
                  </span>
                  <Button kind="main" disabled={held !== null} onClick={() => setHeld(ring)}>
                    Pick up
                  </Button>
                </span>
              ) : (
                <span className="text-s text-quiet">
                  {t.hours === "" ? (t.rings ? "can ring now" : "does not ring now: nobody is there") : `${t.hours}${t.rings ? "" : ", so not now"}`}
                </span>
              )}
            </li>
          );
        })}
      </ul>
    </main>
  );
}

/** A telephone that was picked up: who calls is heard, and told; then comes the caller. */
function Held({ dialled, onOver }: { dialled: Dialled; onOver: () => void }) {
  const line = useLine(`/api/v1/gateway/${dialled.call}`, null);
  const { call } = line;
  // Picked up is picked up: the line is opened once.
  useEffect(call, []);
  const going = line.state === "going";
  return (
    <span className={`-my-3 flex min-h-16 items-center gap-3 px-3 ${going ? "bg-fern-pale" : "bg-stamen-pale"}`}>
      <span role="status" className="min-w-0 flex-1">
        {line.fault ? (
          <span className="text-clay">
            {line.fault.title}. {line.fault.detail}
          </span>
        ) : going ? (
          <b className="font-semibold text-fern">You have the caller</b>
        ) : line.state === "over" ? (
          "It is over"
        ) : line.announced ? (
          <>
            <b className="font-semibold">{line.announced.who}</b> {WHY[line.announced.why as Why]}
          </>
        ) : (
          "Picked up…"
        )}
      </span>
      {line.state === "over" ? (
        <Button onClick={onOver}>Put down</Button>
      ) : line.announced && !going ? (
        <>
          <Button kind="main" onClick={() => line.press("1")} autoFocus>
            1: take it
          </Button>
          <Button onClick={() => line.press("2")}>2: leave it</Button>
        </>
      ) : (
        <Button kind="wrong" onClick={line.hangUp}>
          Hang up
        </Button>
      )}
    </span>
  );
}

/** Waits, as a gateway does, for what is to be rung; connects again when it is cut off. */
function useGateway(): { open: boolean; dialled: Dialled[] } {
  const [open, setOpen] = useState(false);
  const [dialled, setDialled] = useState<Dialled[]>([]);
  useEffect(() => {
    let socket: WebSocket | null = null;
    let again: ReturnType<typeof setTimeout> | undefined;
    const connect = (): void => {
      socket = new WebSocket(`${location.protocol === "https:" ? "wss" : "ws"}://${location.host}/api/v1/gateway`);
      socket.onmessage = (e: MessageEvent<string>) => {
        const m = JSON.parse(e.data) as { event: string } & Dialled;
        if (m.event === "started") setOpen(true);
        else if (m.event === "dial") setDialled((list) => [...list.filter((d) => d.call !== m.call), m]);
        else if (m.event === "stop") setDialled((list) => list.filter((d) => d.call !== m.call));
      };
      socket.onclose = () => {
        setOpen(false);
        setDialled([]);
        again = setTimeout(connect, 2000);
      };
    };
    connect();
    return () => {
      clearTimeout(again);
      if (socket) socket.onclose = null;
      socket?.close();
    };
  }, []);
  return { open, dialled };
}
