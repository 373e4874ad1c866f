import { useState } from "react";
import { useParams } from "react-router";
import useSWR from "swr";
import { Mark } from "../../parts/Mark.tsx";
import { Button, Field, Input } from "../../parts/controls.tsx";
import { LiveScript } from "../../parts/line/LiveScript.tsx";
import { useLine, type CallState, type Line } from "../../parts/line/useLine.ts";
import { phone } from "../../parts/words.ts";
import { useKept } from "../../api/hooks.ts";

interface LineInfo {
  house: string;
  short: string;
  channel: string;
  open: boolean;
  phone?: string;
}

const STATE_WORDS: Record<CallState, string> = {
  before: "",
  calling: "Ringing…",
  going: "On the line",
  "put-through": "Put through to a person",
  over: "The call has ended",
};

const KEYS = ["1", "2", "3", "4", "5", "6", "7", "8", "9", "*", "0", "#"];

async function lineInfo(path: string): Promise<LineInfo | null> {
  const answer = await fetch(path);
  if (!answer.ok) return null;
  const info = (await answer.json()) as LineInfo;
  return info.channel === "phone" ? info : null;
}

/** The page from which a house is called: no account, no app, only a microphone. */
export function CallPage() {
  const { line: key = "" } = useParams();
  const info = useSWR<LineInfo | null>(`/api/v1/lines/${encodeURIComponent(key)}`, lineInfo, { revalidateOnFocus: false });
  const [from, setFrom] = useKept("call-from", "");
  const line = useLine(`/api/v1/lines/${encodeURIComponent(key)}/call`, { event: "start", ...(from.trim() ? { from: from.trim() } : {}) });
  if (info.data === undefined) return <main className="p-6 text-quiet">Looking for the line…</main>;
  if (info.data === null)
    return (
      <main className="mx-auto mt-24 max-w-md px-6">
        <h1 className="font-serif text-xl font-semibold">There is no such line</h1>
        <p className="mt-2 text-quiet">Look at the address of this page, or ask the house for it.</p>
      </main>
    );
  const busy = line.state === "calling" || line.state === "going" || line.state === "put-through";
  return (
    <main className="mx-auto flex h-screen max-w-[860px] flex-col px-6 py-8">
      <header className="flex items-start gap-4 border-b border-hairline pb-5">
        <span className="mt-1">
          <Mark size={32} />
        </span>
        <div className="min-w-0 flex-1">
          <h1 className="font-serif text-xl font-semibold">{info.data.house}</h1>
          <p className="text-s text-quiet">
            {info.data.open ? "Open now" : "Closed now; the receptionist answers all the same"} · a computer answers, and can put you through to a person
          </p>
        </div>
        <p
          role="status"
          className={`pt-2 text-m font-semibold ${line.state === "put-through" ? "text-stamen" : line.state === "over" ? "text-quiet" : "text-gentian"}`}
        >
          {STATE_WORDS[line.state]}
        </p>
      </header>
      {line.fault ? (
        <div role="alert" className="mt-4 rounded-m bg-clay-pale px-4 py-3 text-s text-clay">
          <strong className="font-semibold">{line.fault.title}.</strong> {line.fault.detail}
        </div>
      ) : null}
      {busy || line.lines.length > 0 ? (
        <section className="mt-4 flex min-h-0 flex-1 border border-hairline bg-raised" aria-label="The call">
          <div className="flex min-w-0 flex-1 flex-col">
            <LiveScript line={line} />
          </div>
          {busy ? <Keypad line={line} /> : null}
        </section>
      ) : (
        <section className="mt-10 max-w-[520px]">
          {info.data.phone ? <p className="mb-3 font-serif text-xl text-gentian">{phone(info.data.phone)}</p> : null}
          <p className="font-serif text-l">
            Ask about services and prices, book a visit, move it or cancel it: by voice, as on any telephone. Speak when you like, also while it is speaking.
          </p>
        </section>
      )}
      <footer className="flex items-end gap-6 pt-5">
        {busy ? (
          <>
            <Button kind="wrong" className="min-h-11 min-w-36 !text-m" onClick={line.hangUp}>
              Hang up
            </Button>
            <Button className="min-h-11" aria-pressed={line.muted} onClick={() => line.mute(!line.muted)}>
              {line.muted ? "Microphone on again" : "Microphone off"}
            </Button>
          </>
        ) : (
          <>
            <Button kind="main" className="min-h-11 min-w-36 !text-m" onClick={line.call}>
              {line.state === "over" ? "Call again" : "Call"}
            </Button>
            <div className="w-64">
              <Field label="The number that your call shows">
                <Input type="tel" autoComplete="tel" value={from} placeholder="902 555 0142" onChange={(e) => setFrom(e.target.value)} />
              </Field>
            </div>
          </>
        )}
      </footer>
    </main>
  );
}

function Keypad({ line }: { line: Line }) {
  const [last, setLast] = useState("");
  return (
    <div className="w-[176px] border-l border-hairline p-4">
      <h2 className="text-s font-semibold text-quiet">Keys</h2>
      <div className="mt-2 grid grid-cols-3 gap-1.5">
        {KEYS.map((k) => (
          <button
            key={k}
            type="button"
            aria-label={k === "*" ? "star" : k === "#" ? "hash" : k}
            className="min-h-11 rounded-m border border-hairline bg-paper font-serif text-l hover:border-gentian hover:text-gentian"
            onClick={() => {
              setLast(k);
              line.press(k);
            }}
          >
            {k}
          </button>
        ))}
      </div>
      <p className="mt-3 text-s text-quiet">1 is yes, 2 is no; a number digit by digit; 0 for a person.</p>
      <p className="sr-only" role="status">
        {last}
      </p>
    </div>
  );
}
