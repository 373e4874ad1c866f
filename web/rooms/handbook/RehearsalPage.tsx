import { diffArrays } from "diff";
import { useEffect, useRef, useState } from "react";
import { placeOfSource } from "@gentian/core/house/lines";
import { Button } from "../../parts/controls.tsx";
import { notesOf } from "../../parts/reasons.ts";
import type { Reason } from "../../api/types.ts";
import { useLine, type Line } from "../../parts/line/useLine.ts";
import type { Heard, RehearsalView } from "./useRehearsal.ts";

/** Lights the lines of the handbook that a reply came from; the first of them comes into view where it is asked for. */
function light(places: readonly string[], show: boolean): void {
  document.querySelectorAll("[data-lit]").forEach((el) => el.removeAttribute("data-lit"));
  let first: Element | null = null;
  for (const p of places) {
    const hits = document.querySelectorAll(`[data-place="${CSS.escape(p)}"], [data-place^="${CSS.escape(p)}/"]`);
    // A line stands for what is under it, unless it has a line of its own.
    const own = document.querySelector(`[data-place="${CSS.escape(p)}"]`);
    for (const el of own ? [own] : hits) {
      el.setAttribute("data-lit", "");
      first ??= el;
    }
  }
  if (show) first?.scrollIntoView({ block: "center", behavior: matchMedia("(prefers-reduced-motion: reduce)").matches ? "auto" : "smooth" });
}

const placesOf = (t: Heard): string[] => [...new Set((t.reply?.sources ?? []).map(placeOfSource).filter((p) => p !== null))];

/** The right page: a rehearsal that is always ready, on a copy of the calendars. */
export function RehearsalPage({ talk }: { talk: RehearsalView }) {
  const [text, setText] = useState("");
  const [open, setOpen] = useState<number | null>(null);
  const script = useRef<HTMLOListElement>(null);
  const count = talk.turns.length;
  useEffect(() => {
    script.current?.scrollTo({ top: script.current.scrollHeight });
  }, [count]);
  useEffect(() => () => light([], false), []);
  const last = talk.turns.at(-1);
  const line = useLine("/api/desk/rehearsal/line", { event: "start" }, (asked) =>
    asked.start
      ? talk.beginByVoice()
      : talk.hear(asked.said === undefined ? { kind: asked.kind ?? "silence" } : { kind: "heard", text: asked.said, sure: asked.sure ?? 1 }),
  );
  const onTheLine = line.state === "calling" || line.state === "going";
  const say = (words: string): void => {
    if (words.trim() === "") return;
    talk.say(words.trim());
    setText("");
  };
  const changed = talk.turns.filter((t) => t.before !== undefined).length;
  return (
    <section aria-labelledby="rehearsal-title" className="flex h-full min-h-0 flex-col">
      <div className="flex items-baseline gap-3 px-6 pt-5 pb-2">
        <h2 id="rehearsal-title" className="font-serif text-l font-semibold">
          Rehearsal
        </h2>
        <span className="text-s whitespace-nowrap text-quiet">on a copy of the calendars</span>
        <span className="ml-auto flex whitespace-nowrap">
          <Button kind="quiet" className="!px-2" onClick={talk.back} disabled={count < 2 || onTheLine}>
            Take back
          </Button>
          <Button kind="quiet" className="!px-2" onClick={talk.again} disabled={count < 2 || onTheLine}>
            Start again
          </Button>
        </span>
      </div>
      {changed > 0 ? (
        <p role="status" className="mx-6 flex items-center justify-between border-l-2 border-gentian bg-gentian-pale px-3 py-1 text-s">
          {changed === 1 ? "One reply is said differently now." : `${changed} replies are said differently now.`}
          <button type="button" className="min-h-7 font-semibold text-gentian" onClick={talk.settle}>
            That is right
          </button>
        </p>
      ) : null}
      <ol ref={script} aria-label="What was said" className="min-h-0 flex-1 overflow-y-auto px-6 py-2">
        {talk.turns.map((t, i) => (
          <li
            key={i}
            className="grid grid-cols-[88px_minmax(0,1fr)] gap-x-3 pb-2.5"
            onMouseEnter={t.who === "receptionist" ? () => light(placesOf(t), false) : undefined}
            onMouseLeave={t.who === "receptionist" ? () => light([], false) : undefined}
          >
            <span className={`pt-1 text-right text-[11px] font-semibold tracking-wider uppercase ${t.who === "receptionist" ? "text-gentian" : "text-quiet"}`}>
              {t.who === "receptionist" ? "Receptionist" : "Client"}
            </span>
            <div>
              {t.who === "receptionist" ? (
                <button
                  type="button"
                  className="block w-full rounded-m text-left font-serif text-[16px] leading-[23px] [overflow-wrap:anywhere]"
                  aria-expanded={open === i}
                  onFocus={() => light(placesOf(t), false)}
                  onBlur={() => light([], false)}
                  onClick={() => {
                    setOpen(open === i ? null : i);
                    light(placesOf(t), true);
                  }}
                >
                  {t.before === undefined ? t.text : <Compared before={t.before} now={t.text} />}
                </button>
              ) : (
                <p className="font-serif text-[16px] leading-[23px] [overflow-wrap:anywhere]">{t.text}</p>
              )}
              {t.notes.map((n) => (
                <p key={n} className="font-serif text-s text-quiet italic">
                  {n}
                </p>
              ))}
              {open === i && t.reply ? (
                <div className="mt-1.5 border-l-2 border-gentian pl-3 text-s text-quiet" aria-label="Reasons">
                  {notesOf(t.reply.reasons as unknown as Reason[]).map((n, k) => (
                    <p key={k}>{n}</p>
                  ))}
                </div>
              ) : null}
            </div>
          </li>
        ))}
      </ol>
      {line.fault ? (
        <p role="alert" className="mx-6 mb-2 rounded-m bg-clay-pale px-3 py-2 text-s text-clay">
          <strong className="font-semibold">{line.fault.title}.</strong> {line.fault.detail}
        </p>
      ) : null}
      {onTheLine ? <OnTheLine line={line} /> : null}
      {last?.reply?.choices && !onTheLine ? (
        <div className="flex flex-wrap gap-1.5 px-6 pb-2">
          {last.reply.choices.map((c) => (
            <Button key={c.label} onClick={() => say(c.say)}>
              {c.label}
            </Button>
          ))}
        </div>
      ) : null}
      <form
        className={onTheLine ? "hidden" : "flex gap-2 border-t border-hairline px-6 py-3"}
        onSubmit={(e) => {
          e.preventDefault();
          say(text);
        }}
      >
        <input
          aria-label="Type as a client"
          placeholder={talk.expects === "nothing" ? "This rehearsal is over: start again" : "Type as a client"}
          value={text}
          maxLength={2000}
          onChange={(e) => setText(e.target.value)}
          className="min-h-10 min-w-0 flex-1 rounded-m border border-hairline bg-raised px-3"
        />
        <Button kind="main" type="submit" className="min-h-10" disabled={text.trim() === "" || !talk.ready}>
          Say it
        </Button>
        <Button className="min-h-10" disabled={!talk.ready} onClick={line.call} title="As on the telephone, by the microphone: begins anew">
          Speak
        </Button>
      </form>
    </section>
  );
}

/** The rehearsal by voice: what is being heard, and how to end it. */
function OnTheLine({ line }: { line: Line }) {
  return (
    <div
      className="border-t border-hairline bg-gentian-pale px-6 py-3"
      aria-label="Rehearsal by voice"
      role="group"
      aria-busy={line.says !== "" || line.hears !== ""}
    >
      <p role="status" className="text-s font-semibold text-gentian">
        {line.state === "calling" ? "The ear is being started…" : line.says !== "" ? "It speaks: break in when you like" : "It listens: speak as a client"}
      </p>
      <p className="min-h-[23px] font-serif text-[16px] leading-[23px] text-quiet italic [overflow-wrap:anywhere]">
        {line.hears === "" ? "" : `${line.hears} …`}
      </p>
      <div className="mt-2 flex gap-2">
        <Button kind="wrong" onClick={line.hangUp}>
          Hang up
        </Button>
        <Button aria-pressed={line.muted} onClick={() => line.mute(!line.muted)}>
          {line.muted ? "Microphone on again" : "Microphone off"}
        </Button>
      </div>
    </div>
  );
}

/** What was said before beside what is said now, word by word. */
function Compared({ before, now }: { before: string; now: string }) {
  return (
    <>
      {diffArrays(before.split(/\s+/), now.split(/\s+/)).map((p, i) => {
        const words = `${p.value.join(" ")} `;
        if (p.added)
          return (
            <ins key={i} className="font-semibold text-gentian no-underline">
              {words}
            </ins>
          );
        return p.removed ? (
          <del key={i} className="text-quiet">
            {words}
          </del>
        ) : (
          <span key={i}>{words}</span>
        );
      })}
    </>
  );
}
