import { Redo2, Undo2 } from "lucide-react";
import { Fragment, useEffect, useMemo, useRef, useState } from "react";
import { toast } from "sonner";
import { at, type Change } from "@gentian/core/house/change";
import type { Draft } from "@gentian/core/house/draft";
import { hoursLine, placeOfSource, variantsLine } from "@gentian/core/house/lines";
import { send, wordsOf } from "../../api/client.ts";
import { useGet } from "../../api/hooks.ts";
import type { Attempt } from "../../api/types.ts";
import { Button, Wrong } from "../../parts/controls.tsx";
import { shortDate, WHY_WORDS } from "../../parts/words.ts";
import { AnswersChapter, type Unanswered } from "./AnswersChapter.tsx";
import { AsksChapter } from "./AsksChapter.tsx";
import { BringPage } from "./BringPage.tsx";
import { Doubts } from "./Doubts.tsx";
import { HouseChapter } from "./HouseChapter.tsx";
import { HandingChapter, LimitsChapter } from "./LimitsChapters.tsx";
import { SpreadProvider, type Spread } from "./lines.tsx";
import { PeopleChapter } from "./PeopleChapter.tsx";
import { RehearsalPage } from "./RehearsalPage.tsx";
import { ServicesChapter } from "./ServicesChapter.tsx";
import { SpeaksChapter } from "./SpeaksChapter.tsx";
import { TelephoneChapter } from "./TelephoneChapter.tsx";
import { useDraft, type DraftView } from "./useDraft.ts";
import { useRehearsal } from "./useRehearsal.ts";
import { CHAPTERS, chapterOf, gapWords } from "./words.ts";

interface Usage {
  used: { kind: string; id: string; n: number }[];
  unanswered: Unanswered[];
}

/** The handbook as a spread: the document at the left, its margin, and a rehearsal at the right. */
export function Handbook() {
  const first = useGet<DraftView>("/draft");
  const [start, setStart] = useState<DraftView | null>(null);
  useEffect(() => {
    if (first.data) setStart((s) => s ?? first.data ?? null);
  }, [first.data]);
  if (!start) return <main className="p-6 text-quiet">{first.error ? <Wrong error={first.error} /> : "Opening the handbook…"}</main>;
  return <OpenHandbook first={start} />;
}

function OpenHandbook({ first }: { first: DraftView }) {
  const editor = useDraft(first);
  const { draft } = editor;
  const talk = useRehearsal(draft);
  const usage = useGet<Usage>("/draft/usage");
  const empty = draft.services.length === 0;
  const [bring, setBring] = useState(empty);
  const [query, setQuery] = useState("");
  const [chapter, setChapter] = useState("house");
  const [busy, setBusy] = useState(false);
  const page = useRef<HTMLDivElement>(null);

  const used = useMemo(() => {
    const map = new Map<string, number>();
    for (const u of usage.data?.used ?? []) {
      const place = placeOfSource(u);
      if (place) map.set(place, (map.get(place) ?? 0) + u.n);
    }
    return map;
  }, [usage.data]);

  const go = (place: string): void => {
    setQuery("");
    requestAnimationFrame(() => {
      const target =
        document.querySelector(`[data-place="${CSS.escape(place)}"]`) ??
        document.querySelector(`[data-place="${CSS.escape(place.split("/").slice(0, 2).join("/"))}"]`) ??
        document.getElementById(chapterOf(place));
      target?.scrollIntoView({ block: target instanceof HTMLElement && target.dataset["place"] ? "center" : "start" });
      target?.querySelector<HTMLElement>("input, textarea, select, button")?.focus();
    });
  };
  const turn = (way: "undo" | "redo"): void => {
    editor.turn(way).catch((e: unknown) => {
      toast(wordsOf(e).title);
    });
  };
  useEffect(() => {
    const press = (e: KeyboardEvent): void => {
      if (!(e.ctrlKey || e.metaKey) || e.altKey) return;
      const key = e.key.toLowerCase();
      if (key !== "z" && key !== "y") return;
      e.preventDefault();
      turn(key === "y" || e.shiftKey ? "redo" : "undo");
    };
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  });

  const touches = useGet<Attempt>(editor.onDuty || editor.state !== "saved" ? null : "/draft/touches");
  const changed = editor.state === "saved" ? draft : null;
  useEffect(() => {
    if (changed) void touches.mutate();
  }, [changed]);

  const duty = async (): Promise<void> => {
    setBusy(true);
    try {
      await editor.flush();
      await send("POST", "/draft/duty");
      await editor.refresh();
      toast("The draft is on duty: conversations that begin now go by it.");
    } catch (e) {
      const { title, detail } = wordsOf(e);
      toast.error(`${title}. ${detail}`);
    }
    setBusy(false);
  };

  // A chapter is drawn again only when something that it shows has changed: the lines read the rest from here.
  const spread = useRef<Spread>({ editor, gaps: talk.gaps, used, query }).current;
  Object.assign(spread, { editor, gaps: talk.gaps, used, query });
  const all = [talk.gaps, used, query, editor.wrong, draft.origins];
  const unanswered = usage.data?.unanswered;
  const chapters = [
    useMemo(
      () => <HouseChapter />,
      [
        ...all,
        draft.name,
        draft.shortName,
        draft.place,
        draft.zone,
        draft.currency,
        draft.country,
        draft.clientClock,
        draft.dateOrder,
        draft.hours,
        draft.closed,
        draft.rules,
        draft.toFill,
      ],
    ),
    useMemo(() => <ServicesChapter />, [...all, draft.services, draft.staff, draft.rooms, draft.questions, draft.currency]),
    useMemo(() => <PeopleChapter />, [...all, draft.staff, draft.rooms, draft.services, draft.hours]),
    useMemo(
      () => <AnswersChapter unanswered={unanswered ?? []} tryOut={talk.tryOut} />,
      [...all, draft.facts, draft.answers, draft.documents, unanswered, talk.tryOut],
    ),
    useMemo(() => <SpeaksChapter />, [...all, draft.receptionists, draft.shortName]),
    useMemo(() => <TelephoneChapter />, [...all, draft.receptionists, draft.calls]),
    useMemo(() => <AsksChapter />, [...all, draft.questions, draft.services]),
    useMemo(() => <LimitsChapter />, [...all, draft.limits, draft.emergency, draft.staff, draft.country]),
    useMemo(() => <HandingChapter />, [...all, draft.handingOver, draft.unknown, draft.staff]),
  ];

  const missing = talk.gaps.filter((g) => g.code !== "assumed" && g.code !== "to-fill");
  const soft = talk.gaps.length - missing.length;
  return (
    <SpreadProvider value={spread}>
      <main className="relative grid min-h-0 flex-1 grid-cols-[168px_minmax(0,1fr)_470px]">
        <h1 className="sr-only">Handbook</h1>
        <nav aria-label="Chapters" className="flex min-h-0 flex-col overflow-y-auto border-r border-hairline px-3 py-4 text-s">
          <input
            type="search"
            aria-label="Find in the handbook"
            placeholder="find a line"
            value={query}
            onChange={(e) => setQuery(e.target.value)}
            className="mb-2 min-h-8 w-full rounded-m border border-hairline bg-raised px-2"
          />
          <ul>
            {CHAPTERS.map(([id, name]) => (
              <li key={id}>
                <button
                  type="button"
                  aria-current={chapter === id}
                  className={`min-h-7 w-full border-l-3 pl-2 text-left ${chapter === id ? "border-gentian font-semibold text-ink" : "border-transparent text-quiet hover:text-ink"}`}
                  onClick={() => {
                    setQuery("");
                    requestAnimationFrame(() => document.getElementById(id)?.scrollIntoView({ block: "start" }));
                  }}
                >
                  {name}
                </button>
              </li>
            ))}
          </ul>
          {missing.length > 0 ? (
            <div className="mt-3 text-stamen">
              <h2 className="font-semibold">{missing.length === 1 ? "One thing is missing:" : `${missing.length} things are missing:`}</h2>
              <ul>
                {missing.slice(0, 6).map((g) => (
                  <li key={`${g.code} ${g.place} ${g.about ?? ""}`}>
                    <button type="button" className="min-h-6 py-1 text-left leading-[17px] hover:underline" onClick={() => go(g.place)}>
                      ▪ {gapWords(g).long}
                    </button>
                  </li>
                ))}
              </ul>
            </div>
          ) : talk.ready ? (
            <p className="mt-3 text-fern">Nothing is missing.</p>
          ) : null}
          {soft > 0 ? (
            <p className="mt-1 text-quiet">
              {soft} {soft === 1 ? "line is" : "lines are"} assumed or to look at.
            </p>
          ) : null}
          <Button className="mt-3" onClick={() => setBring(!bring)}>
            {bring ? "Rehearse" : "Bring in"}
          </Button>
          <div className="mt-auto pt-4">
            <p role="status" className="text-quiet">
              {editor.state === "cut" ? (
                <b className="text-clay">No connection; kept here.</b>
              ) : editor.state === "typing" ? (
                "Keeping…"
              ) : editor.onDuty ? (
                "As it is on duty."
              ) : (
                "A draft; all is kept."
              )}
            </p>
            <div className="my-1 flex">
              <button
                type="button"
                aria-label="Take back"
                title="Take back (Ctrl+Z)"
                disabled={!editor.can.undo}
                onClick={() => turn("undo")}
                className="inline-flex size-8 items-center justify-center rounded-m hover:bg-open disabled:opacity-35"
              >
                <Undo2 aria-hidden="true" size={16} />
              </button>
              <button
                type="button"
                aria-label="Make again"
                title="Make again (Ctrl+Y)"
                disabled={!editor.can.redo}
                onClick={() => turn("redo")}
                className="inline-flex size-8 items-center justify-center rounded-m hover:bg-open disabled:opacity-35"
              >
                <Redo2 aria-hidden="true" size={16} />
              </button>
              <a href="/api/desk/draft/handbook.json" download className="ml-auto inline-flex min-h-8 items-center px-1 text-gentian hover:underline">
                Give away
              </a>
            </div>
            {!editor.onDuty && touches.data && touches.data.touched.length > 0 ? (
              <details className="mb-1 rounded-m bg-stamen-pale px-2 py-1 text-stamen">
                <summary className="min-h-6 cursor-pointer font-semibold">
                  {touches.data.touched.length} coming {touches.data.touched.length === 1 ? "appointment does" : "appointments do"} not fit the draft
                </summary>
                <ul>
                  {touches.data.touched.slice(0, 8).map((t) => (
                    <li key={t.id}>
                      {shortDate(t.date)} {t.time} {t.client}: {WHY_WORDS[t.why]}
                    </li>
                  ))}
                </ul>
              </details>
            ) : null}
            <Button kind="main" className="w-full" disabled={busy || editor.onDuty || empty} onClick={() => void duty()}>
              Put on duty
            </Button>
          </div>
        </nav>
        <div
          ref={page}
          className="relative min-h-0 overflow-y-auto border-r border-hairline bg-[linear-gradient(to_left,var(--color-open)_72px,transparent_72px)] bg-local"
          onScroll={(e) => {
            const top = e.currentTarget.scrollTop + 240;
            const here = [...e.currentTarget.querySelectorAll<HTMLElement>("section[id]")].filter((s) => s.offsetTop <= top).at(-1);
            if (here && here.id !== chapter) setChapter(here.id);
          }}
        >
          <div className="sticky top-0 z-10 grid h-0 grid-cols-[minmax(0,1fr)_72px]">
            <span />
            <span className="h-10 bg-open pt-1.5 text-center text-[11px] leading-[13px] text-quiet">
              used this
              <br />
              week
            </span>
          </div>
          {editor.clash ? (
            <div role="alert" className="m-4 mr-20 rounded-m bg-stamen-pale px-3 py-2 text-s">
              <b className="font-semibold">{editor.clash.by} has changed the same line.</b>
              {writtenIn(editor.clash.mine).map(({ path, value }) => (
                <p key={path.join("/")} className="font-serif">
                  It says now: {inWords(draft, path, at(draft, path))}. You wrote: {inWords(draft, path, value)}.
                </p>
              ))}
              <span className="mt-1 flex gap-2">
                <Button onClick={() => editor.settle("mine")}>Write mine</Button>
                <Button onClick={() => editor.settle("theirs")}>Leave theirs</Button>
              </span>
            </div>
          ) : null}
          <Doubts editor={editor} />
          {chapters.map((c, i) => (
            <Fragment key={i}>{c}</Fragment>
          ))}
        </div>
        <div className="min-h-0 bg-raised">
          {bring ? <BringPage editor={editor} close={() => setBring(false)} empty={empty} /> : <RehearsalPage talk={talk} />}
        </div>
      </main>
    </SpreadProvider>
  );
}

/** What a change writes where. */
const writtenIn = (c: Change): { path: readonly string[]; value: unknown }[] =>
  c.op === "set" ? [{ path: c.path, value: c.value }] : c.op === "many" ? c.changes.flatMap(writtenIn) : [];

/** A value of the handbook as one would write it. */
function inWords(draft: Draft, path: readonly string[], value: unknown): string {
  const name = path.at(-1);
  if (name === "variants") return variantsLine(draft, value as Draft["services"][number]["variants"]);
  if (name === "hours" || name === "breaks") return hoursLine(value as Draft["hours"]);
  if (value === undefined) return "nothing";
  return typeof value === "string" ? `“${value}”` : JSON.stringify(value).slice(0, 160);
}
