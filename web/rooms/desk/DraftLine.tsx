import { useEffect, useState } from "react";
import { toast } from "sonner";
import type { Change } from "@gentian/core/house/change";
import type { GapCode } from "@gentian/core/house/compile";
import { Refused, send, wordsOf } from "../../api/client.ts";
import { useGet, useKept } from "../../api/hooks.ts";
import type { Attempt } from "../../api/types.ts";
import { Button } from "../../parts/controls.tsx";
import { shortDate, WHY_WORDS } from "../../parts/words.ts";
import { gapWords } from "../handbook/words.ts";
import type { DraftView } from "../handbook/useDraft.ts";

/** Says what a change would touch: "4 coming appointments fall outside of the new hours". */
export function Touches({ attempt }: { attempt: Attempt }) {
  const { touched } = attempt;
  const gaps = attempt.gaps ?? [];
  if (touched.length === 0 && gaps.length === 0) return <p className="text-s text-fern">No coming appointment is touched.</p>;
  return (
    <div className="rounded-m bg-stamen-pale px-2.5 py-1.5 text-s text-stamen">
      {touched.length > 0 ? (
        <details>
          <summary className="min-h-6 cursor-pointer font-semibold">
            {touched.length === 1 ? "1 coming appointment no longer fits" : `${touched.length} coming appointments no longer fit`}
          </summary>
          <ul>
            {touched.slice(0, 6).map((t) => (
              <li key={t.id}>
                {shortDate(t.date)} {t.time} {t.client}: {WHY_WORDS[t.why]}
              </li>
            ))}
            {touched.length > 6 ? <li>and {touched.length - 6} more</li> : null}
          </ul>
        </details>
      ) : null}
      {gaps.map((g) => (
        <p key={g.code + g.place}>{gapWords({ code: g.code as GapCode, ...(g.about ? { about: g.about } : {}) }).long}</p>
      ))}
    </div>
  );
}

/**
 * A line of the handbook that is changed from the desk: checked as one types, with what it would touch before it is kept.
 * It goes into the draft; it holds from when the draft is put on duty. What was typed outlives a reload.
 */
export function DraftLine({
  label,
  place,
  value,
  read,
  hint,
}: {
  label: string;
  place: string;
  value: string;
  read: (typed: string) => Change | null;
  hint: string;
}) {
  const [typed, setTyped, clear] = useKept<string | null>(`line ${place}`, null);
  const [attempt, setAttempt] = useState<Attempt | null>(null);
  const [error, setError] = useState<unknown>(null);
  const draft = useGet<DraftView>("/draft");
  const text = typed ?? value;
  const change = typed === null || typed === value ? null : read(typed);
  const wrong = typed !== null && typed !== value && change === null;
  const asked = change ? JSON.stringify(change) : null;
  useEffect(() => {
    setAttempt(null);
    if (asked === null) return;
    let late = false;
    const timer = setTimeout(() => {
      send<Attempt>("POST", "/draft/attempt", { change: JSON.parse(asked) as Change })
        .then((a) => !late && setAttempt(a))
        .catch((e: unknown) => !late && setError(e));
    }, 300);
    return () => {
      late = true;
      clearTimeout(timer);
    };
  }, [asked]);
  const duty = async (): Promise<void> => {
    try {
      await send("POST", "/draft/duty");
      await draft.mutate();
      toast("The draft is on duty: it holds from now on.");
    } catch (e) {
      const { title, detail } = wordsOf(e);
      toast.error(`${title}. ${detail}`);
    }
  };
  const keep = async (): Promise<void> => {
    if (!change) return;
    setError(null);
    try {
      await send("POST", "/draft/changes", { base: draft.data?.rev ?? 0, change });
      clear();
      await draft.mutate();
      toast(`${label}: kept in the draft. It holds once the draft is on duty.`, { action: { label: "Put on duty", onClick: () => void duty() } });
    } catch (e) {
      setError(e);
      // Somebody else was quicker: what they wrote is shown, and what was typed here stays.
      if (e instanceof Refused && e.problem.status === 409) await draft.mutate();
    }
  };
  return (
    <div className="space-y-1">
      <label className="block">
        <span className="mb-1 block text-s font-semibold text-quiet">{label}</span>
        <textarea
          value={text}
          rows={Math.min(4, Math.ceil((text.length + 1) / 30))}
          aria-invalid={wrong}
          className="block w-full resize-none rounded-m border border-hairline bg-raised px-2.5 py-1.5 text-m aria-[invalid=true]:border-clay"
          onChange={(e) => {
            setError(null);
            setTyped(e.target.value.replace(/\n/g, " "));
          }}
        />
      </label>
      {wrong ? <p className="text-s text-clay">{hint}</p> : null}
      {error ? (
        <p role="alert" className="text-s text-clay">
          {wordsOf(error).title}. {wordsOf(error).detail} It says now: “{value}”.
        </p>
      ) : null}
      {change ? (
        <>
          {attempt ? <Touches attempt={attempt} /> : <p className="text-s text-quiet">Looking what it would touch…</p>}
          <div className="flex gap-2">
            <Button kind="main" onClick={() => void keep()} disabled={!attempt}>
              Keep it
            </Button>
            <Button onClick={clear}>Leave it</Button>
          </div>
        </>
      ) : null}
    </div>
  );
}

/** Puts the draft on duty from the desk, where it says something else than what holds now. */
export function DraftState() {
  const draft = useGet<DraftView>("/draft");
  if (!draft.data || draft.data.onDuty) return null;
  return <p className="text-s text-stamen">The draft says something else than what is on duty. Lines here are the draft’s.</p>;
}
