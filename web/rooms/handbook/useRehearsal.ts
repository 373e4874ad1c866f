import { useCallback, useEffect, useRef, useState } from "react";
import { sameData } from "@gentian/core/house/change";
import type { Channel } from "@gentian/core/house/schema";
import type { Draft, Ready } from "@gentian/core/house/draft";
import { useGet, useKept } from "../../api/hooks.ts";
import type { Ask, Copy, Played, Said, Told, Tried, Turned } from "./rehearse.worker.ts";

/** A reply as it is said now, with what was said before the line under it was changed. */
export interface Heard extends Played {
  before?: string;
}

export interface RehearsalView {
  turns: Heard[];
  expects: string;
  gaps: Ready["gaps"];
  ready: boolean;
  /** How long the last playing took in the worker. */
  tookMs: number;
  say: (text: string) => void;
  again: () => void;
  /** Takes the last thing said back. */
  back: () => void;
  /** What is said now is what it is to be compared with from here on. */
  settle: () => void;
  /** The conversation begins anew, as on the telephone. */
  beginByVoice: () => Promise<Turned>;
  /** Something came over the telephone; gives what is answered. */
  hear: (what: Said) => Promise<Turned>;
  tryOut: (question: string) => Promise<Tried[]>;
}

type Wish = Ask extends infer A ? (A extends Ask ? Omit<A, "id"> : never) : never;

/** A rehearsal that is always ready: what was said is said again, in a worker, whenever the draft changes. */
export function useRehearsal(draft: Draft): RehearsalView {
  const worker = useRef<Worker | null>(null);
  const waiting = useRef(new Map<number, (t: Told) => void>());
  const next = useRef(1);
  const copy = useGet<Copy>("/draft/copy");
  const [said, setSaid, clear] = useKept<Said[]>("rehearsal", []);
  const [byVoice, setByVoice] = useKept("rehearsal-by-voice", false);
  const phone = draft.lines.find((l) => l.channel === "phone");
  const written = draft.lines.find((l) => l.channel !== "phone");
  const line = (byVoice ? phone : written)?.key ?? draft.lines[0]?.key ?? "";
  const channel: Channel = byVoice ? "phone" : (written?.channel ?? "web");
  const [seed, setSeed] = useState(7);
  const [played, setPlayed] = useState<{ turns: Played[]; expects: string; tookMs: number; said: string }>({ turns: [], expects: "", tookMs: 0, said: "" });
  const [baseline, setBaseline] = useState<Played[]>([]);
  const [gaps, setGaps] = useState<Ready["gaps"]>([]);
  const [ready, setReady] = useState(false);

  const ask = useCallback((wish: Wish): Promise<Told> => {
    const id = next.current++;
    return new Promise((done) => {
      waiting.current.set(id, done);
      worker.current?.postMessage({ ...wish, id });
    });
  }, []);

  useEffect(() => {
    const w = new Worker(new URL("./rehearse.worker.ts", import.meta.url), { type: "module" });
    const list = waiting.current;
    w.onmessage = (e: MessageEvent<Told>) => {
      list.get(e.data.id)?.(e.data);
      list.delete(e.data.id);
    };
    worker.current = w;
    return () => {
      w.terminate();
      worker.current = null;
    };
  }, []);

  useEffect(() => {
    if (copy.data) void ask({ what: "copy", copy: copy.data }).then(() => setReady(true));
  }, [copy.data, ask]);

  // Only the newest playing counts: typing goes faster than playing.
  const turn = useRef(0);
  useEffect(() => {
    if (!ready) return;
    const mine = ++turn.current;
    const wait = setTimeout(() => {
      void ask({ what: "house", draft }).then((t) => {
        if (t.what === "gaps") setGaps((before) => (sameData(before, t.gaps) ? before : t.gaps));
      });
      void ask({ what: "play", said, line, channel, seed }).then((t) => {
        if (t.what !== "played" || turn.current !== mine) return;
        const key = JSON.stringify([said, seed]);
        setPlayed((before) => {
          // Something new was said: from here on, this is what changes are compared with.
          if (before.said !== key) setBaseline(t.turns);
          return { ...t, said: key };
        });
      });
    }, 30);
    return () => clearTimeout(wait);
  }, [draft, said, line, channel, seed, ready, ask]);

  const tryOut = useCallback(
    async (question: string): Promise<Tried[]> => {
      const t = await ask({ what: "try", question });
      return t.what === "tried" ? t.hits : [];
    },
    [ask],
  );
  // What is said by voice goes on from what was said a moment ago, however late the page is drawn.
  const sofar = useRef<Said[]>([]);
  const playNow = useCallback(
    async (list: Said[], now: number): Promise<Turned> => {
      sofar.current = list;
      const key = phone?.key ?? written?.key ?? "";
      const t = await ask({ what: "play", said: list, line: key, channel: "phone", seed: now });
      return t.what === "played" ? t.last : { replies: [], status: "closed", expects: "nothing" };
    },
    [ask, phone?.key, written?.key],
  );

  const turns = played.turns.map((t, i): Heard => {
    const before = baseline[i];
    return t.who === "receptionist" && before?.who === "receptionist" && before.text !== t.text ? { ...t, before: before.text } : t;
  });
  return {
    turns,
    expects: played.expects,
    gaps,
    ready,
    tookMs: played.tookMs,
    say: (text) => setSaid([...said, text]),
    again: () => {
      clear();
      setByVoice(false);
      setSeed((s) => s + 1);
    },
    beginByVoice: () => {
      clear();
      setByVoice(true);
      setSeed(seed + 1);
      return playNow([], seed + 1);
    },
    hear: (what) => {
      const list = [...sofar.current, what];
      setSaid(list);
      return playNow(list, seed);
    },
    back: () => setSaid(said.slice(0, -1)),
    settle: () => setBaseline(played.turns),
    tryOut,
  };
}
