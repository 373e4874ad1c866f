import { startTransition, useCallback, useEffect, useRef, useState } from "react";
import { change as make, linesOf, type Change } from "@gentian/core/house/change";
import { writtenByHand, type Draft } from "@gentian/core/house/draft";
import { get, Refused, send, wordsOf } from "../../api/client.ts";

export interface DraftView {
  draft: Draft;
  rev: number;
  undo: number;
  redo: number;
  onDuty: boolean;
}

/** What the other said when two wrote the same line. */
export interface Clash {
  mine: Change;
  by: string;
  lines: string[];
}

export interface DraftEditor {
  draft: Draft;
  /** saved: everything typed is kept on the server; typing: some of it is on its way; cut: it waits for the connection. */
  state: "saved" | "typing" | "cut";
  can: { undo: boolean; redo: boolean };
  onDuty: boolean;
  clash: Clash | null;
  /** Lines that could not be kept as they stand, each with why. */
  wrong: ReadonlyMap<string, string>;
  change(c: Change): void;
  turn(way: "undo" | "redo"): Promise<void>;
  settle(choice: "mine" | "theirs"): void;
  /** Takes in what the server made of the draft, such as after bringing in. */
  take(view: { draft: Draft; rev: number }): void;
  /** Sends what waits, at once. */
  flush(): Promise<void>;
  refresh(): Promise<void>;
}

const AFTER_MS = 400;
const KEPT = "gentian:draft-unsent";

/** The draft as this page sees it: every change stands at once, and is kept on the server soon after. */
export function useDraft(first: DraftView): DraftEditor {
  const [view, setView] = useState(first);
  const [state, setState] = useState<DraftEditor["state"]>("saved");
  const [clash, setClash] = useState<Clash | null>(null);
  const [wrong, setWrong] = useState<ReadonlyMap<string, string>>(new Map());
  const now = useRef({ draft: first.draft, rev: first.rev });
  const pending = useRef<Change[]>([]);
  const sending = useRef<Promise<void> | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);

  const show = useCallback((draft: Draft, more: Partial<DraftView> = {}): void => {
    now.current = { draft, rev: more.rev ?? now.current.rev };
    setView((v) => ({ ...v, ...more, draft }));
  }, []);

  const keep = (): void => {
    try {
      if (pending.current.length > 0) localStorage.setItem(KEPT, JSON.stringify({ base: now.current.rev, changes: pending.current }));
      else localStorage.removeItem(KEPT);
    } catch {
      // Without storage a crash in this very moment forgets the last words.
    }
  };

  /** Puts what waits on top of what the server says now; what no longer fits is left out. */
  const over = (draft: Draft): Draft => {
    let doc = draft;
    for (const c of pending.current) {
      try {
        doc = writtenByHand(make(doc, c).doc, linesOf(c));
      } catch {
        // Its line is gone; the server will say so.
      }
    }
    return doc;
  };

  const refresh = useCallback(async (): Promise<void> => {
    const fresh = await get<DraftView>("/draft");
    if (fresh.rev >= now.current.rev) show(over(fresh.draft), fresh);
  }, [show]);

  const flush = useCallback(async (): Promise<void> => {
    if (timer.current) clearTimeout(timer.current);
    timer.current = null;
    if (sending.current) await sending.current;
    if (pending.current.length === 0) return;
    const batch = pending.current;
    const wanted: Change = batch.length === 1 ? (batch[0] as Change) : { op: "many", changes: batch };
    const go = async (): Promise<void> => {
      try {
        const r = await send<{ rev: number; draft?: Draft }>("POST", "/draft/changes", { base: now.current.rev, change: wanted });
        pending.current = pending.current.slice(batch.length);
        now.current.rev = r.rev;
        if (r.draft) show(over(r.draft), { rev: r.rev });
        setView((v) => ({ ...v, rev: r.rev, undo: v.undo + 1, redo: 0, onDuty: false }));
        setState(pending.current.length > 0 ? "typing" : "saved");
        setWrong((w) => (w.size > 0 ? new Map([...w].filter(([l]) => !linesOf(wanted).includes(l))) : w));
      } catch (error) {
        const problem = error instanceof Refused ? (error.problem as Refused["problem"] & { now?: { draft: Draft; rev: number }; by?: string }) : null;
        if (problem?.status === 0 || problem?.status === 503) {
          setState("cut");
          timer.current = setTimeout(() => void flush(), 3000);
          return;
        }
        pending.current = pending.current.slice(batch.length);
        if (problem?.now) {
          setClash({ mine: wanted, by: problem.by ?? "Somebody", lines: linesOf(wanted) });
          show(over(problem.now.draft), { rev: problem.now.rev });
        } else {
          const { title, detail } = wordsOf(error);
          setWrong((w) => new Map([...w, ...linesOf(wanted).map((l): [string, string] => [l, `${title}. ${detail}`])]));
        }
        setState("saved");
      } finally {
        keep();
      }
    };
    sending.current = go().finally(() => (sending.current = null));
    await sending.current;
  }, [show]);

  const change = useCallback(
    (c: Change): void => {
      let doc: Draft;
      try {
        doc = writtenByHand(make(now.current.draft, c).doc, linesOf(c));
      } catch {
        return;
      }
      // The field that is typed in shows its own words at once; the rest of the page may follow a moment later.
      if (document.activeElement?.matches("input:not([type=checkbox]), textarea")) startTransition(() => show(doc));
      else show(doc);
      const last = pending.current.at(-1);
      // While one batch is on its way, its changes must stay as they were sent.
      const free = sending.current === null;
      if (free && last?.op === "set" && c.op === "set" && last.path.join("/") === c.path.join("/")) pending.current = [...pending.current.slice(0, -1), c];
      else pending.current = [...pending.current, c];
      keep();
      startTransition(() => setState("typing"));
      if (timer.current) clearTimeout(timer.current);
      timer.current = setTimeout(() => void flush(), AFTER_MS);
    },
    [flush, show],
  );

  // What was typed before a crash or a reload, and never arrived.
  useEffect(() => {
    try {
      const text = localStorage.getItem(KEPT);
      const kept = text ? (JSON.parse(text) as { base: number; changes: Change[] }) : null;
      if (!kept) return;
      pending.current = kept.changes;
      now.current.rev = Math.min(now.current.rev, kept.base);
      show(over(now.current.draft));
      setState("typing");
      void flush();
    } catch {
      localStorage.removeItem(KEPT);
    }
    // Once, when the room is entered.
  }, []);

  useEffect(() => {
    const heard = (): void => {
      if (pending.current.length === 0 && !sending.current) void refresh().catch(() => undefined);
    };
    const leave = (e: BeforeUnloadEvent): void => {
      if (pending.current.length > 0) {
        void flush();
        e.preventDefault();
      }
    };
    window.addEventListener("gentian:draft", heard);
    window.addEventListener("beforeunload", leave);
    return () => {
      window.removeEventListener("gentian:draft", heard);
      window.removeEventListener("beforeunload", leave);
      void flush();
    };
  }, [flush, refresh]);

  return {
    draft: view.draft,
    state,
    can: { undo: view.undo > 0 || pending.current.length > 0, redo: view.redo > 0 },
    onDuty: view.onDuty,
    clash,
    wrong,
    change,
    flush,
    refresh,
    take: (v) => {
      show(v.draft, { rev: v.rev, onDuty: false, undo: view.undo + 1, redo: 0 });
    },
    turn: async (way) => {
      await flush();
      const r = await send<{ draft: Draft; rev: number }>("POST", `/draft/${way}`);
      show(r.draft, { rev: r.rev });
      await refresh();
    },
    settle: (choice) => {
      const mine = clash?.mine;
      setClash(null);
      if (choice === "mine" && mine) change(mine);
    },
  };
}
