import { useEffect, useRef, useState } from "react";
import { toast } from "sonner";
import { useSWRConfig } from "swr";
import { medianWait, type KeptCall, type SpokenTurn } from "@gentian/core/speech/kept";
import { send, wordsOf } from "../../api/client.ts";
import { Button } from "../../parts/controls.tsx";
import { phone } from "../../parts/words.ts";
import { clock, Strip } from "./Strip.tsx";

const ENDS: Record<KeptCall["state"], string> = {
  going: "going on now",
  closed: "ended by both",
  left: "the caller hung up",
  dropped: "the line was cut",
  "too-long": "ended, since it was too long",
};

/** A call played again: its sound where it is kept, and the words lit as they are spoken. */
export function Playback({ call, client, conversation }: { call: KeptCall; client: string; conversation: string }) {
  const audio = useRef<HTMLAudioElement>(null);
  const [atMs, setAtMs] = useState(-1);
  const [playing, setPlaying] = useState(false);
  const { mutate } = useSWRConfig();
  useEffect(() => {
    let frame = 0;
    const tick = (): void => {
      const a = audio.current;
      if (a && (!a.paused || a.currentTime > 0)) setAtMs(a.currentTime * 1000);
      frame = requestAnimationFrame(tick);
    };
    frame = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(frame);
  }, []);
  const seek = (ms: number): void => {
    if (audio.current) audio.current.currentTime = Math.max(0, ms / 1000);
    setAtMs(ms);
  };
  const toggle = (): void => {
    const a = audio.current;
    if (!a) return;
    if (!a.paused) return a.pause();
    if (a.ended) a.currentTime = 0;
    // What stops it is told by the element itself.
    void a.play().catch(() => setPlaying(false));
  };
  const play = (t: SpokenTurn): void => {
    seek(t.fromMs - 200);
    if (audio.current?.paused) toggle();
  };
  const drop = async (): Promise<void> => {
    try {
      await send("DELETE", `/calls/${call.id}/sound`);
      await mutate(`/conversations/${conversation}`);
      toast("The recording is deleted; its words are kept");
    } catch (e) {
      toast.error(wordsOf(e).title);
    }
  };
  const median = medianWait(call.turns);
  return (
    <section aria-label={`Call of ${clock(call.lengthMs)}`} className="mb-4 ml-[72px] border border-hairline bg-paper">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-hairline px-4 py-2 text-s text-quiet">
        <span>
          Call of <b className="font-semibold text-ink">{clock(call.lengthMs)}</b>
          {call.from ? ` from ${phone(call.from)}` : ", number not shown"}, {ENDS[call.state]}
          {call.putThroughTo ? `, put through to ${call.putThroughTo}` : ""}
          {median !== undefined ? `; the caller waited ${(median / 1000).toFixed(1)} s in the middle` : ""}
        </span>
        <span className="ml-auto flex items-center gap-3">
          <a className="underline underline-offset-4" href={`/api/desk/calls/${call.id}/words.vtt`} download>
            words with times
          </a>
          {call.sound ? (
            <>
              <a className="underline underline-offset-4" href={`/api/desk/calls/${call.id}/sound.wav`} download>
                sound
              </a>
              <Button kind="quiet" onClick={() => void drop()}>
                Delete the recording
              </Button>
            </>
          ) : (
            <span>{call.recorded ? "recording deleted" : "not recorded"}</span>
          )}
        </span>
      </div>
      {call.sound ? (
        <>
          <Strip turns={call.turns} lengthMs={call.lengthMs} atMs={atMs} playing={playing} onPlay={toggle} onSeek={seek} />
          {/* The words of the call stand below, lit as they are spoken. */}
          <audio
            ref={audio}
            preload="metadata"
            src={`/api/desk/calls/${call.id}/sound.wav`}
            onPlay={() => setPlaying(true)}
            onPause={() => setPlaying(false)}
            onEnded={() => setPlaying(false)}
            onError={() => toast.error("The recording can't be played. Its words are below; the sound can be saved with the link above.")}
          />
        </>
      ) : null}
      <ol aria-label="Words of the call" className="px-4 py-3">
        {call.turns.map((t, i) => (
          <li key={i} className="grid grid-cols-[44px_92px_minmax(0,1fr)_64px] items-baseline gap-x-3 pb-1.5">
            {call.sound ? (
              <button
                type="button"
                className="min-h-6 text-left text-s text-quiet underline-offset-4 hover:underline"
                aria-label={`Play from ${clock(t.fromMs)}`}
                onClick={() => play(t)}
              >
                {clock(t.fromMs)}
              </button>
            ) : (
              <span className="text-s text-quiet">{clock(t.fromMs)}</span>
            )}
            <span
              className={`text-[11px] font-semibold tracking-wider uppercase ${t.who === "receptionist" ? "text-gentian" : t.who === "desk" ? "text-stamen" : "text-quiet"}`}
            >
              {t.who === "client" ? client : t.who}
            </span>
            <p className="font-serif leading-[21px]">
              {t.words.length > 0
                ? t.words.map((w, k) => (
                    <span key={k} className={atMs >= w.fromMs && atMs < w.toMs + 60 ? "rounded-m bg-stamen-pale" : ""}>
                      {w.word}{" "}
                    </span>
                  ))
                : t.text}
              {t.brokenOff ? <span className="text-quiet italic"> (broken off)</span> : null}
              {t.sure !== undefined && t.sure < 0.6 ? <span className="text-s text-stamen"> not heard well</span> : null}
            </p>
            <span className="text-right text-s text-quiet" title="How long the caller waited for the answer">
              {t.waitMs !== undefined ? `${(t.waitMs / 1000).toFixed(1)} s` : ""}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
