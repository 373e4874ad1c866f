import { ChevronLeft, ChevronRight, CornerDownRight } from "lucide-react";
import { useRef, type KeyboardEvent } from "react";
import { DndContext, PointerSensor, closestCenter, useSensor, useSensors, type DragEndEvent } from "@dnd-kit/core";
import { SortableContext, useSortable, verticalListSortingStrategy } from "@dnd-kit/sortable";
import { moved, rowsOf, treeOf, type OutlineRow } from "@gentian/core/house/outline";
import { parseWords, wordsLine } from "@gentian/core/house/lines";
import { QUESTION_KINDS, type Consequence, type ConsequenceAct, type ConsequenceTest, type Question } from "@gentian/core/house/schema";
import { AddButton, Amount, Chapter, DropButton, freshId, Line, Pick, slug, Sorted, Tick, useChange, useFocusNew, useSpread, Words } from "./lines.tsx";

const KIND_WORDS: Record<Question["kind"], string> = {
  text: "words",
  choice: "a choice",
  "yes-no": "yes or no",
  number: "a number",
  money: "a sum of money",
  date: "a date",
  length: "a length of time",
  phone: "a telephone number",
  email: "an email address",
  address: "a postal address",
};

/** One step of the outline's indent, in pixels. */
const STEP = 24;

/** An outline of what it asks, and of what follows from the answers. */
export function AsksChapter() {
  const { editor } = useSpread();
  const { draft } = editor;
  const { many } = useChange();
  const { mark } = useFocusNew();
  return (
    <Chapter id="asks" title="What it asks" about="One at a time, never what is known already. Under a question stands what follows from its answer.">
      <Sorted items={draft.questions} path={["questions"]} keyOf={(q) => q.key} name={(q) => q.ask}>
        {(q, handle) => (
          <Line place={`questions/${q.key}`} find={`${q.ask} ${q.help ?? ""}`} handle={handle}>
            <OneQuestion q={q} />
          </Line>
        )}
      </Sorted>
      <AddButton
        onClick={() => {
          const key = freshId("question", draft.questions, "_");
          mark(`questions/${key}`);
          // A new question concerns every service that can be booked, until it is taken off one.
          many([
            { op: "add", path: ["questions"], item: { key, ask: "New question?", kind: "text", whom: "new" } },
            ...draft.services.map((s) => ({ op: "set" as const, path: ["services", s.id, "asks"], value: [...s.asks, key] })),
          ]);
        }}
      >
        Another question
      </AddButton>
    </Chapter>
  );
}

function OneQuestion({ q }: { q: Question }) {
  const { editor } = useSpread();
  const { draft } = editor;
  const { set, many } = useChange();
  const path = (field: string): string[] => ["questions", q.key, field];
  const asked = draft.services.filter((s) => s.asks.includes(q.key));
  const setKind = (kind: Question["kind"]): void => {
    many([
      { op: "set", path: path("kind"), value: kind },
      ...(kind === "choice" && !q.choices
        ? [
            {
              op: "set" as const,
              path: path("choices"),
              value: [
                { id: "one", say: "One", also: [] },
                { id: "other", say: "Other", also: [] },
              ],
            },
          ]
        : []),
    ]);
  };
  const remove = (): void =>
    many([
      ...draft.services
        .filter((s) => s.asks.includes(q.key))
        .map((s) => ({ op: "set" as const, path: ["services", s.id, "asks"], value: s.asks.filter((k) => k !== q.key) })),
      { op: "drop", path: ["questions", q.key] },
    ]);
  return (
    <>
      <div className="grid grid-cols-[minmax(0,1fr)_28px] gap-x-2">
        <Words
          label="Question"
          rows
          className="font-serif"
          value={q.ask}
          check={(v) => v.trim() !== "" && v.length <= 300}
          hint="A question of up to 300 letters."
          onChange={(v) => set(path("ask"), v)}
        />
        <DropButton label={`Take “${q.ask}” out`} onClick={remove} />
      </div>
      <details>
        <summary className="cursor-pointer font-serif text-s text-quiet">
          {KIND_WORDS[q.kind]}, {{ new: "of new clients", everyone: "of everyone", unknown: "of whoever the card does not tell" }[q.whom]}
          {q.maySkip ? ", may be skipped" : ""}
          {q.onlyThen
            ? ", only where it follows"
            : asked.length === draft.services.length
              ? ", for every service"
              : `, for ${asked.length} of ${draft.services.length} services`}
          {q.keep === "visit" ? ", kept with the visit" : ""}
        </summary>
        <div className="flex flex-wrap items-center gap-x-3 gap-y-1 text-s text-quiet">
          <span>
            waits for{" "}
            <Pick
              label={`Kind of answer to ${q.ask}`}
              value={q.kind}
              options={QUESTION_KINDS.map((k): [Question["kind"], string] => [k, KIND_WORDS[k]])}
              onChange={setKind}
            />
          </span>
          <span>
            concerns{" "}
            <Pick
              label={`Whom “${q.ask}” concerns`}
              value={q.whom}
              options={[
                ["new", "new clients"],
                ["everyone", "everyone"],
                ["unknown", "whoever the card does not tell"],
              ]}
              onChange={(v) => set(path("whom"), v)}
            />
          </span>
          <span>
            kept{" "}
            <Pick
              label={`Where the answer to “${q.ask}” is kept`}
              value={q.keep ?? "card"}
              options={[
                ["card", "on the card"],
                ["visit", "with the visit"],
              ]}
              onChange={(v) => set(path("keep"), v)}
            />
          </span>
          <Tick value={q.maySkip ?? false} label="may be skipped" onChange={(v) => set(path("maySkip"), v ? true : undefined)} />
          <Tick value={q.again ?? q.whom === "everyone"} label="asked again though known" onChange={(v) => set(path("again"), v)} />
          <Tick value={q.onlyThen ?? false} label="only where it follows" onChange={(v) => set(path("onlyThen"), v ? true : undefined)} />
        </div>
        <Words
          label={`Help with ${q.ask}`}
          className="font-serif text-s text-quiet italic"
          placeholder="said when the answer is not understood"
          value={q.help ?? ""}
          onChange={(v) => set(path("help"), v === "" ? undefined : v)}
        />
        <fieldset>
          <legend className="text-s text-quiet">For which services</legend>
          <div className="flex flex-wrap gap-x-4">
            {draft.services.map((s) => (
              <Tick
                key={s.id}
                value={s.asks.includes(q.key)}
                label={s.name}
                onChange={(v) => set(["services", s.id, "asks"], v ? [...s.asks, q.key] : s.asks.filter((k) => k !== q.key))}
              />
            ))}
          </div>
        </fieldset>{" "}
      </details>
      {q.kind === "choice" ? <Choices q={q} /> : null}
      {q.yesHandsOver ? <p className="font-serif text-s text-quiet">a yes hands over: “{q.yesHandsOver}”</p> : null}
      <Outline q={q} />
    </>
  );
}

function Choices({ q }: { q: Question }) {
  const { set } = useChange();
  const list = q.choices ?? [];
  const put = (next: typeof list): void => set(["questions", q.key, "choices"], next);
  return (
    <ul className="border-l-2 border-hairline pl-3">
      {list.map((c, i) => (
        <li key={c.id} className="grid grid-cols-[minmax(0,160px)_minmax(0,1fr)_28px] gap-x-2">
          <Words
            label={`Choice ${i + 1}`}
            className="font-serif text-s"
            value={c.say}
            check={(v) => v.trim() !== ""}
            hint="A word or two."
            onChange={(v) => put(list.map((x) => (x.id === c.id ? { ...x, say: v } : x)))}
          />
          <Words
            label={`Other words for ${c.say}`}
            className="text-s text-quiet italic"
            placeholder="other words for it"
            value={wordsLine(c.also)}
            onChange={(v) => put(list.map((x) => (x.id === c.id ? { ...x, also: parseWords(v) } : x)))}
          />
          <DropButton label={`Take ${c.say} out`} onClick={() => put(list.filter((x) => x.id !== c.id))} />
        </li>
      ))}
      <li>
        <button
          type="button"
          className="min-h-7 text-s font-semibold text-gentian"
          onClick={() => put([...list, { id: freshId("choice", list), say: `Choice ${list.length + 1}`, also: [] }])}
        >
          Another choice
        </button>
      </li>
    </ul>
  );
}

/** The consequences of one question: dragged up and down, and sideways for their depth; by keyboard with Alt and the arrows. */
function Outline({ q }: { q: Question }) {
  const { set } = useChange();
  const rows = rowsOf(q.then ?? []);
  const put = (next: readonly OutlineRow[]): void => set(["questions", q.key, "then"], treeOf(next));
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 4 } }));
  const box = useRef<HTMLDivElement>(null);
  const end = ({ active, over, delta }: DragEndEvent): void => {
    const id = String(active.id);
    const from = rows.findIndex((r) => r.id === id);
    const own = rows[from];
    if (!own) return;
    const to = over ? rows.findIndex((r) => r.id === String(over.id)) : from;
    const before = to > from ? (rows[to + 1]?.id ?? null) : (rows[to]?.id ?? null);
    put(moved(rows, id, before, own.depth + Math.round(delta.x / STEP)));
  };
  const key =
    (r: OutlineRow, i: number) =>
    (e: KeyboardEvent): void => {
      if (!e.altKey) return;
      const to: Record<string, () => readonly OutlineRow[]> = {
        ArrowRight: () => moved(rows, r.id, r.id, r.depth + 1),
        ArrowLeft: () => moved(rows, r.id, r.id, r.depth - 1),
        ArrowUp: () => moved(rows, r.id, rows[i - 1]?.id ?? r.id, r.depth),
        ArrowDown: () => moved(rows, r.id, rows[i + 2]?.id ?? null, r.depth),
      };
      const go = to[e.key];
      if (!go) return;
      e.preventDefault();
      put(go());
      requestAnimationFrame(() => box.current?.querySelector<HTMLElement>(`[data-row="${r.id}"] button`)?.focus());
    };
  const add = (): void =>
    put([
      ...rows,
      {
        depth: 0,
        id: freshId("then", rows),
        one: { id: freshId("then", rows), if: firstTest(q), do: [{ act: "go-on" }], then: [] },
      },
    ]);
  return (
    <div ref={box} className="mt-1">
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={end}>
        <SortableContext items={rows.map((r) => r.id)} strategy={verticalListSortingStrategy}>
          {rows.map((r, i) => (
            <Row key={r.id} r={r} q={q} rows={rows} put={put} onKeyDown={key(r, i)} />
          ))}
        </SortableContext>
      </DndContext>
      <button type="button" className="inline-flex min-h-7 items-center gap-1 text-s font-semibold text-gentian" onClick={add}>
        <CornerDownRight aria-hidden="true" size={14} /> If … then …
      </button>
    </div>
  );
}

function firstTest(q: Question): ConsequenceTest {
  if (q.kind === "yes-no") return { is: "yes" };
  if (q.kind === "choice") return { is: "choice", choice: q.choices?.[0]?.id ?? "one" };
  if (q.kind === "number" || q.kind === "money" || q.kind === "length") return { is: "over", than: 0 };
  if (q.kind === "date") return { is: "before", date: "2000-01-01" };
  return { is: "says", words: ["…"] };
}

function Row({
  r,
  q,
  rows,
  put,
  onKeyDown,
}: {
  r: OutlineRow;
  q: Question;
  rows: readonly OutlineRow[];
  put: (next: readonly OutlineRow[]) => void;
  onKeyDown: (e: KeyboardEvent) => void;
}) {
  const { editor } = useSpread();
  const { draft } = editor;
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id: r.id });
  const change = (one: Consequence): void => put(rows.map((x) => (x.id === r.id ? { ...x, one } : x)));
  const of = draft.questions.find((x) => x.key === (r.one.question ?? q.key)) ?? q;
  const others = draft.questions.filter((x) => x.key !== q.key);
  return (
    <div
      ref={setNodeRef}
      data-row={r.id}
      onKeyDown={onKeyDown}
      style={{
        marginLeft: r.depth * STEP,
        transform: transform ? `translate3d(${Math.round(transform.x)}px, ${Math.round(transform.y)}px, 0)` : undefined,
        transition,
      }}
      className="flex flex-wrap items-center gap-x-1.5 gap-y-1 border-l-2 border-gentian-pale py-0.5 pl-2 text-s"
    >
      <button
        type="button"
        {...attributes}
        {...listeners}
        aria-label={`Consequence ${r.id}: drag, or Alt and the arrow keys`}
        className="inline-flex size-6 cursor-grab items-center justify-center text-quiet"
      >
        <CornerDownRight aria-hidden="true" size={13} />
      </button>
      if
      <Pick
        label="Which answer"
        value={r.one.question ?? q.key}
        options={[[q.key, "the answer"], ...others.map((o): [string, string] => [o.key, `“${o.ask.slice(0, 40)}”`])]}
        onChange={(k) => {
          const target = draft.questions.find((x) => x.key === k) ?? q;
          const { question: _q, ...rest } = r.one;
          change({ ...rest, ...(k === q.key ? {} : { question: k }), if: firstTest(target) });
        }}
        className="max-w-[150px]"
      />
      <Test test={r.one.if} of={of} onChange={(t) => change({ ...r.one, if: t })} />
      then
      {r.one.do.map((a, i) => (
        <span key={i} className="inline-flex flex-wrap items-center gap-1">
          {i > 0 ? "and" : ""}
          <Act act={a} onChange={(n) => change({ ...r.one, do: r.one.do.map((x, k) => (k === i ? n : x)) })} />
          {r.one.do.length > 1 ? <DropButton label="Take this out" onClick={() => change({ ...r.one, do: r.one.do.filter((_, k) => k !== i) })} /> : null}
        </span>
      ))}
      <button type="button" className="font-semibold text-gentian" onClick={() => change({ ...r.one, do: [...r.one.do, { act: "tag", tag: "to see" }] })}>
        and …
      </button>
      <span className="ml-auto inline-flex">
        <button
          type="button"
          aria-label="One step out"
          className="inline-flex size-6 items-center justify-center text-quiet hover:text-ink"
          onClick={() => put(moved(rows, r.id, r.id, r.depth - 1))}
        >
          <ChevronLeft aria-hidden="true" size={14} />
        </button>
        <button
          type="button"
          aria-label="One step in"
          className="inline-flex size-6 items-center justify-center text-quiet hover:text-ink"
          onClick={() => put(moved(rows, r.id, r.id, r.depth + 1))}
        >
          <ChevronRight aria-hidden="true" size={14} />
        </button>
        <DropButton label="Take this consequence out" onClick={() => put(rows.filter((x) => x.id !== r.id))} />
      </span>
    </div>
  );
}

function Test({ test, of, onChange }: { test: ConsequenceTest; of: Question; onChange: (t: ConsequenceTest) => void }) {
  const kinds: [ConsequenceTest["is"], string][] =
    of.kind === "yes-no"
      ? [
          ["yes", "is yes"],
          ["no", "is no"],
        ]
      : of.kind === "choice"
        ? [["choice", "is"]]
        : of.kind === "date"
          ? [
              ["before", "is before"],
              ["after", "is after"],
            ]
          : of.kind === "number" || of.kind === "money" || of.kind === "length"
            ? [
                ["over", "is over"],
                ["under", "is under"],
              ]
            : [["says", "says"]];
  // Sums are kept in minor units, lengths in minutes; one writes whole units and days.
  const scale = of.kind === "money" ? 100 : of.kind === "length" ? 1440 : 1;
  const pick = (is: ConsequenceTest["is"]): void => {
    if (is === "skipped") onChange({ is });
    else if (is === "yes" || is === "no") onChange({ is });
    else if (is === "choice") onChange({ is, choice: of.choices?.[0]?.id ?? "one" });
    else if (is === "over" || is === "under") onChange({ is, than: "than" in test ? test.than : 0 });
    else if (is === "before" || is === "after") onChange({ is, date: "date" in test ? test.date : "2000-01-01" });
    else onChange({ is: "says", words: ["…"] });
  };
  return (
    <>
      <Pick label="Test" value={test.is} options={[...kinds, ["skipped", "was skipped"]]} onChange={pick} />
      {test.is === "choice" ? (
        <Pick
          label="Choice"
          value={test.choice}
          options={(of.choices ?? []).map((c): [string, string] => [c.id, c.say])}
          onChange={(choice) => onChange({ is: "choice", choice })}
        />
      ) : null}
      {test.is === "over" || test.is === "under" ? (
        <>
          <Amount label="Than" value={test.than / scale} most={1_000_000} onChange={(n) => onChange({ is: test.is, than: n * scale })} />
          {of.kind === "length" ? "days" : ""}
        </>
      ) : null}
      {test.is === "before" || test.is === "after" ? (
        <input
          type="date"
          aria-label="Date"
          value={test.date}
          onChange={(e) => (e.target.value ? onChange({ is: test.is, date: e.target.value }) : undefined)}
          className="rounded-m border border-hairline bg-raised px-1"
        />
      ) : null}
      {test.is === "says" ? (
        <span className="w-36">
          <Words
            label="Words"
            className="border-hairline text-s"
            value={wordsLine(test.words)}
            check={(v) => parseWords(v).length > 0}
            hint="Words, with commas."
            onChange={(v) => onChange({ is: "says", words: parseWords(v) })}
          />
        </span>
      ) : null}
    </>
  );
}

function Act({ act, onChange }: { act: ConsequenceAct; onChange: (a: ConsequenceAct) => void }) {
  const { editor } = useSpread();
  const { services, questions } = editor.draft;
  const service = services[0]?.id ?? "";
  const make: Record<ConsequenceAct["act"], () => ConsequenceAct> = {
    "go-on": () => ({ act: "go-on" }),
    book: () => ({ act: "book", service }),
    offer: () => ({ act: "offer", service }),
    "hand-over": () => ({ act: "hand-over", say: "One of us looks at that first." }),
    "turn-away": () => ({ act: "turn-away", say: "I'm sorry, that is not something we do." }),
    tag: () => ({ act: "tag", tag: "to see" }),
    ask: () => ({ act: "ask", question: questions[0]?.key ?? "" }),
  };
  const names = services.map((s): [string, string] => [s.id, s.name]);
  return (
    <>
      <Pick
        label="Then"
        value={act.act}
        options={[
          ["go-on", "go on"],
          ["book", "book"],
          ["offer", "offer"],
          ["ask", "ask"],
          ["hand-over", "hand over"],
          ["turn-away", "turn away kindly"],
          ["tag", "tag"],
        ]}
        onChange={(v) => onChange(make[v]())}
      />
      {act.act === "book" || act.act === "offer" ? (
        <Pick label="Service" value={act.service} options={names} onChange={(s) => onChange({ act: act.act, service: s })} className="max-w-[170px]" />
      ) : null}
      {act.act === "ask" ? (
        <Pick
          label="Question"
          value={act.question}
          options={questions.map((x): [string, string] => [x.key, x.ask.slice(0, 50)])}
          onChange={(question) => onChange({ act: "ask", question })}
          className="max-w-[200px]"
        />
      ) : null}
      {act.act === "tag" ? (
        <span className="w-28">
          <Words
            label="Tag"
            className="border-hairline text-s"
            value={act.tag}
            check={(v) => slug(v) !== "line" || v.trim() !== ""}
            hint="A word."
            onChange={(tag) => onChange({ act: "tag", tag })}
          />
        </span>
      ) : null}
      {act.act === "hand-over" || act.act === "turn-away" ? (
        <span className="min-w-[430px] basis-full">
          <Words
            label="What is said"
            className="border-hairline font-serif text-s"
            value={act.say ?? ""}
            check={(v) => v.trim() !== ""}
            hint="Some kind words."
            onChange={(say) => onChange({ act: act.act, say })}
          />
        </span>
      ) : null}
    </>
  );
}
