import { toast } from "sonner";
import { useSWRConfig } from "swr";
import { send, wordsOf } from "../../api/client.ts";
import type { Now, Waiting } from "../../api/types.ts";
import { Button } from "../../parts/controls.tsx";
import { agoText, phone } from "../../parts/words.ts";
import { useEffect, useState } from "react";

const KIND = {
  message: "message",
  "hand-over": "handed over",
  emergency: "emergency",
  "call-back": "call back",
  tell: "to be told",
  waiting: "waiting list",
} as const;

/** What waits for a person, oldest first, each with the one thing to do. */
export function WaitingBand({ now, onOpen, onSlip }: { now: Now | undefined; onOpen: (conversation: string) => void; onSlip: (appointment: string) => void }) {
  const [from, setFrom] = useState(0);
  const all = now?.waiting ?? [];
  const start = from < all.length ? from : 0;
  const shown = all.slice(start, start + 3);
  const more = all.length - shown.length;
  return (
    <section aria-labelledby="waiting-title" className="flex h-[114px] shrink-0 border-b border-hairline">
      <div className="w-[132px] shrink-0 px-5 pt-3">
        <h2 id="waiting-title" className="font-serif text-l leading-[21px] font-semibold">
          Waiting
          <br />
          for you
        </h2>
        <p className="mt-1 text-s text-quiet">{now ? (all.length === 0 ? "nothing" : `${all.length}, oldest first`) : ""}</p>
      </div>
      {now && all.length === 0 ? (
        <p className="self-center border-l border-hairline py-6 pl-5 text-quiet">Nothing waits. Messages and conversations that need a person come here.</p>
      ) : null}
      <ul className="grid min-w-0 flex-1 grid-cols-3">
        {shown.map((w) => (
          <li key={w.id} className="min-w-0 border-l border-hairline px-4 pt-2.5">
            <One w={w} onOpen={onOpen} onSlip={onSlip} />
          </li>
        ))}
      </ul>
      {more > 0 ? (
        <button type="button" className="w-20 shrink-0 border-l border-hairline text-s text-quiet hover:text-ink" onClick={() => setFrom(start + 3)}>
          {more} more ›
        </button>
      ) : null}
    </section>
  );
}

function One({ w, onOpen, onSlip }: { w: Waiting; onOpen: (conversation: string) => void; onSlip: (appointment: string) => void }) {
  const { mutate } = useSWRConfig();
  const act = async (what: "done" | "undo"): Promise<void> => {
    try {
      await send("POST", `/slips/${w.id}/${what}`);
      await mutate("/now");
      if (what === "done") toast(`${w.name ?? "The message"}: done`, { action: { label: "Undo", onClick: () => void act("undo") } });
    } catch (e) {
      toast.error(wordsOf(e).title);
    }
  };
  const takeOver = async (): Promise<void> => {
    if (!w.conversationId) return;
    try {
      await send("POST", `/conversations/${w.conversationId}/take-over`);
      await mutate("/now");
    } catch (e) {
      toast.error(wordsOf(e).title);
    }
    onOpen(w.conversationId);
  };
  const live = w.kind === "hand-over" && w.conversationId !== null && w.status !== "closed";
  return (
    <>
      <p className={`text-s font-semibold ${w.kind === "emergency" ? "text-clay" : "text-stamen"}`}>
        {agoText(w.agoMin)} · {KIND[w.kind]}
        {w.kind === "message" ? ` for ${w.to === "manager" ? "the manager" : "the desk"}` : ""}
      </p>
      <p className="truncate leading-5 font-semibold">
        {w.name ?? "New client"}
        {w.phone ? <span className="ml-2 text-s font-normal text-quiet">{phone(w.phone)}</span> : null}
      </p>
      <p className="truncate text-s text-quiet" title={w.text}>
        {w.text}
      </p>
      <div className="mt-1 flex gap-1.5">
        {live ? (
          <Button kind="main" onClick={() => void takeOver()}>
            Take over
          </Button>
        ) : (
          <Button kind="main" onClick={() => void act("done")}>
            {w.kind === "tell" ? "Told" : "Done"}
          </Button>
        )}
        {w.listen ? <Listen to={w.listen} /> : null}
        {w.appointmentId ? <Button onClick={() => onSlip(w.appointmentId as string)}>See it</Button> : null}
        {w.conversationId ? <Button onClick={() => onOpen(w.conversationId as string)}>Read</Button> : null}
      </div>
    </>
  );
}

/** A message as it was spoken. */
function Listen({ to }: { to: NonNullable<Waiting["listen"]> }) {
  const [audio, setAudio] = useState<HTMLAudioElement | null>(null);
  useEffect(() => () => audio?.pause(), [audio]);
  const play = (): void => {
    const sound = new Audio(`/api/desk/calls/${to.call}/sound.wav#t=${(to.fromMs / 1000).toFixed(2)},${(to.toMs / 1000).toFixed(2)}`);
    const over = (): void => setAudio(null);
    sound.onpause = over;
    sound.onended = over;
    sound.onerror = () => {
      over();
      toast.error("This message cannot be played: its recording is no longer kept");
    };
    setAudio(sound);
    sound.play().catch(over);
  };
  return <Button onClick={() => (audio ? audio.pause() : play())}>{audio ? "Stop" : "Listen"}</Button>;
}
