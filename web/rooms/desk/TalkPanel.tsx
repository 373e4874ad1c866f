import { useEffect, useRef, useState } from "react";
import { Link } from "react-router";
import { useSWRConfig } from "swr";
import { send } from "../../api/client.ts";
import { useGet, useKept } from "../../api/hooks.ts";
import type { OneConversation } from "../../api/types.ts";
import { Button, Wrong } from "../../parts/controls.tsx";
import { OUTCOME_WORDS, outcomeTone } from "../../parts/words.ts";
import { PanelHead } from "./PanelHead.tsx";

/** One conversation beside the day sheet: follow it, take it over, write, hand it back. */
export function TalkPanel({ id, close }: { id: string; close: () => void }) {
  const talk = useGet<OneConversation>(`/conversations/${id}`);
  const { mutate } = useSWRConfig();
  const [error, setError] = useState<unknown>(null);
  const [text, setText, clearText] = useKept(`say-${id}`, "");
  const end = useRef<HTMLDivElement>(null);
  const count = talk.data?.turns.length ?? 0;
  useEffect(() => {
    end.current?.scrollIntoView({ block: "nearest" });
  }, [count]);
  const act = async (path: string, body: unknown = {}): Promise<boolean> => {
    setError(null);
    try {
      await send("POST", `/conversations/${id}/${path}`, body);
      await mutate((key) => typeof key === "string" && (key === "/now" || key.startsWith("/conversations")));
      return true;
    } catch (e) {
      setError(e);
      return false;
    }
  };
  const t = talk.data;
  return (
    <section aria-labelledby="panel-title" className="flex h-full flex-col">
      <PanelHead title={t?.clientName ?? "New client"} close={close}>
        {t ? (
          <>
            {t.channel === "web" ? "website" : t.channel}{" "}
            {t.outcome ? <b className={`font-semibold ${outcomeTone(t.outcome)}`}>{OUTCOME_WORDS[t.outcome]}</b> : null} ·{" "}
            <Link className="text-gentian underline" to={`/logbook/${id}`}>
              with reasons
            </Link>
          </>
        ) : null}
      </PanelHead>
      <Wrong error={talk.error} />
      <div className="min-h-0 flex-1 overflow-y-auto px-[18px] py-3" tabIndex={0} role="log" aria-label="What was said">
        {t?.turns.map((x) =>
          x.who === "event" ? null : (
            <p key={x.id} className="mb-2 font-serif leading-[21px] [overflow-wrap:anywhere]">
              <span
                className={`mr-1.5 font-sans text-[11px] font-semibold tracking-wider uppercase ${x.who === "client" ? "text-quiet" : x.who === "desk" ? "text-stamen" : "text-gentian"}`}
              >
                {x.who}
              </span>
              {x.text}
            </p>
          ),
        )}
        <div ref={end} />
      </div>
      <div className="space-y-2 border-t border-hairline bg-raised px-[18px] py-3">
        <Wrong error={error} />
        {t?.status === "open" ? (
          <Button kind="main" className="w-full" onClick={() => void act("take-over")}>
            Take over
          </Button>
        ) : null}
        {t?.status === "with-desk" ? (
          <form
            className="space-y-2"
            onSubmit={(e) => {
              e.preventDefault();
              if (text.trim()) void act("say", { text }).then((ok) => ok && clearText());
            }}
          >
            <textarea
              aria-label="Your words to the client"
              rows={3}
              className="w-full rounded-m border border-hairline bg-raised p-2"
              value={text}
              maxLength={2000}
              onChange={(e) => setText(e.target.value)}
            />
            <div className="flex gap-2">
              <Button kind="main" type="submit" disabled={!text.trim()}>
                Send
              </Button>
              <Button onClick={() => void act("hand-back")}>Hand back</Button>
            </div>
          </form>
        ) : null}
        {t?.status === "closed" ? <p className="text-s text-quiet">This conversation is over.</p> : null}
      </div>
    </section>
  );
}
