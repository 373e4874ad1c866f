import { createContext, useContext, useEffect, useId, useRef, useState, type ReactNode } from "react";
import { DndContext, KeyboardSensor, PointerSensor, closestCenter, useSensor, useSensors, type Announcements, type DragEndEvent } from "@dnd-kit/core";
import { SortableContext, sortableKeyboardCoordinates, useSortable, verticalListSortingStrategy } from "@dnd-kit/sortable";
import { GripVertical, Plus, X } from "lucide-react";
import { phoneText } from "@gentian/core/conversation/format";
import { parsePhone } from "@gentian/core/house/lines";
import type { Change, Item } from "@gentian/core/house/change";
import type { Ready } from "@gentian/core/house/draft";
import type { DraftEditor } from "./useDraft.ts";
import { gapWords } from "./words.ts";

/** What every line of the handbook knows: the draft, what is missing, and how often it was used. */
export interface Spread {
  editor: DraftEditor;
  gaps: Ready["gaps"];
  used: ReadonlyMap<string, number>;
  query: string;
}
const SpreadContext = createContext<Spread | null>(null);
export const SpreadProvider = SpreadContext.Provider;

export function useSpread(): Spread {
  const spread = useContext(SpreadContext);
  if (!spread) throw new Error("a line outside of the handbook");
  return spread;
}

/** A chapter of the handbook. */
export function Chapter({ id, title, about, children }: { id: string; title: string; about?: ReactNode; children: ReactNode }) {
  return (
    <section id={id} aria-labelledby={`${id}-title`} className="scroll-mt-2 pb-10">
      <div className="grid grid-cols-[minmax(0,1fr)_72px]">
        <div className="border-b border-hairline pt-6 pr-5 pb-2 pl-5">
          <h2 id={`${id}-title`} className="font-serif text-xl font-semibold">
            {title}
          </h2>
          {about ? <p className="mt-0.5 max-w-[520px] font-serif text-s text-quiet">{about}</p> : null}
        </div>
        <div />
      </div>
      {children}
    </section>
  );
}

/** A heading within a chapter. */
export function Part({ title, children, action }: { title: string; children?: ReactNode; action?: ReactNode }) {
  return (
    <>
      <div className="grid grid-cols-[minmax(0,1fr)_72px]">
        <div className="flex items-center justify-between border-b border-hairline pt-4 pr-5 pb-1 pl-5">
          <h3 className="text-s font-semibold text-quiet">{title}</h3>
          {action}
        </div>
        <div />
      </div>
      {children}
    </>
  );
}

/** One line of the handbook with its margin: how often it was used this week, and what is missing or contradicts. */
export function Line({ place, find = "", children, handle }: { place: string; find?: string; children: ReactNode; handle?: ReactNode }) {
  const { gaps, used, query, editor } = useSpread();
  const words = query.trim().toLowerCase();
  if (words && !find.toLowerCase().includes(words)) return null;
  const own = gaps.filter((g) => g.place === place || g.place.startsWith(`${place}/`));
  const count = used.get(place);
  const origin = editor.draft.origins?.[place];
  const wrong = editor.wrong.get(place.split("/").slice(0, 2).join("/"));
  return (
    <div data-place={place} className="line group grid grid-cols-[minmax(0,1fr)_72px]">
      <div className="relative border-b border-hairline py-1.5 pr-5 pl-5">
        {handle}
        {children}
        {origin && !origin.byHand && origin.words ? (
          <p className="hidden pt-0.5 text-[12px] leading-4 text-quiet group-focus-within:block group-hover:block">
            from {origin.source}: “{origin.words.slice(0, 140)}”
          </p>
        ) : null}
        {wrong ? (
          <p role="alert" className="pt-1 text-s text-clay">
            {wrong} What you typed still stands here and is not kept yet.
          </p>
        ) : null}
      </div>
      <div className="margin px-1.5 py-2 text-center text-[12px] leading-[15px]">
        {count ? <span className="block text-s text-quiet">{count}</span> : null}
        {own.slice(0, 2).map((g) => (
          <span
            key={`${g.code} ${g.about ?? ""}`}
            className={`block font-semibold ${g.code === "assumed" || g.code === "to-fill" ? "text-quiet" : "text-stamen"}`}
            title={gapWords(g).long}
          >
            {gapWords(g).short}
          </span>
        ))}
      </div>
    </div>
  );
}

const PLAIN =
  "min-h-6 w-full rounded-m border border-transparent bg-transparent px-1 -mx-1 placeholder:text-[#7c7d8b] hover:border-hairline focus:border-gentian focus:bg-raised aria-[invalid=true]:border-clay";

/** Words edited where they stand. What cannot be read stays as typed, and the line says how to write it. */
export function Words({
  value,
  label,
  onChange,
  check,
  hint,
  className = "",
  placeholder,
  rows,
  autoFocus,
}: {
  value: string;
  label: string;
  onChange: (text: string) => void;
  /** Whether what is typed can be kept; where not, the hint is shown. */
  check?: (text: string) => boolean;
  hint?: string;
  className?: string;
  placeholder?: string;
  rows?: boolean;
  autoFocus?: boolean;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  // Where the line changes and it was not this hand that changed it, what it says now is shown.
  const own = useRef(false);
  useEffect(() => {
    if (!own.current) setTyped(null);
    own.current = false;
  }, [value]);
  const shown = typed ?? value;
  const bad = typed !== null && check ? !check(typed) : false;
  const id = useId();
  const field = {
    "aria-label": label,
    "aria-invalid": bad,
    ...(bad ? { "aria-describedby": id } : {}),
    value: shown,
    placeholder,
    autoFocus,
    maxLength: 2000,
    onChange: (e: { target: { value: string } }) => {
      setTyped(e.target.value);
      if (check && !check(e.target.value)) return;
      own.current = true;
      onChange(e.target.value);
    },
    onBlur: () => {
      own.current = false;
      if (!bad) setTyped(null);
    },
  };
  return (
    <>
      {rows ? (
        <textarea {...field} rows={1} className={`${PLAIN} block resize-none field-sizing-content ${className}`} />
      ) : (
        <input {...field} className={`${PLAIN} ${className}`} />
      )}
      {bad && hint ? (
        <span id={id} role="alert" className="block text-s text-clay">
          {hint}
        </span>
      ) : null}
    </>
  );
}

/** A telephone number, written as people of the house's country write theirs. */
export function PhoneNumber({
  value,
  label,
  onChange,
  className = "",
}: {
  value: string | undefined;
  label: string;
  onChange: (e164: string | undefined) => void;
  className?: string;
}) {
  const { editor } = useSpread();
  const { country } = editor.draft;
  return (
    <Words
      label={label}
      className={className}
      value={value === undefined ? "" : phoneText(value, country)}
      placeholder="not said yet"
      check={(v) => v.trim() === "" || parsePhone(v, country) !== null}
      hint="A whole number, with its area; from abroad with + and its country."
      onChange={(v) => onChange(v.trim() === "" ? undefined : (parsePhone(v, country) ?? undefined))}
    />
  );
}

/** An empty line for one more: taken at Enter or on leaving. */
export function Adder({
  label,
  placeholder,
  check,
  hint,
  onCommit,
}: {
  label: string;
  placeholder: string;
  check?: (v: string) => boolean;
  hint?: string;
  onCommit: (v: string) => void;
}) {
  const [typed, setTyped] = useState("");
  const [tried, setTried] = useState(false);
  const good = typed.trim() === "" || !check || check(typed);
  const commit = (): void => {
    setTried(true);
    if (typed.trim() === "" || !good) return;
    onCommit(typed.trim());
    setTyped("");
    setTried(false);
  };
  return (
    <>
      <input
        aria-label={label}
        aria-invalid={tried && !good}
        placeholder={placeholder}
        value={typed}
        className={PLAIN}
        onChange={(e) => setTyped(e.target.value)}
        onBlur={commit}
        onKeyDown={(e) => {
          if (e.key === "Enter") commit();
        }}
      />
      {tried && !good && hint ? (
        <span role="alert" className="block text-s text-clay">
          {hint}
        </span>
      ) : null}
    </>
  );
}

export const slug = (text: string): string =>
  text
    .toLowerCase()
    .normalize("NFD")
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-+|-+$/g, "")
    .slice(0, 48) || "line";

/** A number in a sentence. */
export function Amount({
  value,
  label,
  onChange,
  least = 0,
  most = 100_000,
  step = 1,
}: {
  value: number;
  label: string;
  onChange: (n: number) => void;
  least?: number;
  most?: number;
  step?: number;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const good = (s: string): boolean => s.trim() !== "" && Number.isFinite(Number(s)) && Number(s) >= least && Number(s) <= most;
  return (
    <input
      type="number"
      aria-label={label}
      aria-invalid={typed !== null && !good(typed)}
      min={least}
      max={most}
      step={step}
      value={typed ?? value}
      className={`${PLAIN} mx-0 inline-block !w-16 border-hairline text-right`}
      onChange={(e) => {
        setTyped(e.target.value);
        if (good(e.target.value)) onChange(Number(e.target.value));
      }}
      onBlur={() => setTyped(null)}
    />
  );
}

export function Pick<T extends string>({
  value,
  label,
  options,
  onChange,
  className = "",
  end,
}: {
  value: T;
  label: string;
  options: readonly (readonly [T, string])[];
  onChange: (v: T) => void;
  className?: string;
  /** A stop or comma that stays with it when the line breaks. */
  end?: string;
}) {
  const field = (
    <select
      aria-label={label}
      value={value}
      onChange={(e) => onChange(e.target.value as T)}
      className={`min-h-7 rounded-m border border-hairline bg-raised px-1.5 text-s ${className}`}
    >
      {options.map(([v, words]) => (
        <option key={v} value={v}>
          {words}
        </option>
      ))}
    </select>
  );
  return end ? (
    <span className="whitespace-nowrap">
      {field}
      {end}
    </span>
  ) : (
    field
  );
}

/** A box of 16 pixels within a target of 24. */
export const TICK =
  "relative size-6 shrink-0 cursor-pointer appearance-none rounded-m before:absolute before:inset-1 before:rounded-m before:border before:border-quiet before:bg-raised checked:before:border-gentian checked:before:bg-gentian checked:after:absolute checked:after:inset-0 checked:after:text-center checked:after:text-[12px] checked:after:leading-6 checked:after:font-bold checked:after:text-white checked:after:content-['✓']";

export function Tick({ value, label, onChange }: { value: boolean; label: string; onChange: (v: boolean) => void }) {
  return (
    <label className="inline-flex min-h-7 items-center gap-1 text-s text-quiet">
      <input type="checkbox" className={TICK} checked={value} onChange={(e) => onChange(e.target.checked)} />
      {label}
    </label>
  );
}

export function AddButton({ children, onClick }: { children: ReactNode; onClick: () => void }) {
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_72px]">
      <div className="px-3 py-1.5">
        <button
          type="button"
          onClick={onClick}
          className="inline-flex min-h-8 items-center gap-1.5 rounded-m px-2 text-s font-semibold text-gentian hover:bg-gentian-pale"
        >
          <Plus aria-hidden="true" size={15} /> {children}
        </button>
      </div>
      <div />
    </div>
  );
}

export function DropButton({ label, onClick }: { label: string; onClick: () => void }) {
  return (
    <button
      type="button"
      aria-label={label}
      onClick={onClick}
      className="inline-flex size-7 items-center justify-center rounded-m text-quiet opacity-0 group-focus-within:opacity-100 group-hover:opacity-100 hover:bg-clay-pale hover:text-clay focus:opacity-100"
    >
      <X aria-hidden="true" size={15} />
    </button>
  );
}

/** A list whose lines are put elsewhere by dragging, or by Space and the arrow keys on the handle. */
export function Sorted<T>({
  items,
  path,
  keyOf,
  name,
  children,
}: {
  items: readonly T[];
  path: string[];
  keyOf: (t: T) => string;
  name: (t: T) => string;
  children: (t: T, handle: ReactNode) => ReactNode;
}) {
  const { editor } = useSpread();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const keys = items.map(keyOf);
  const end = ({ active, over }: DragEndEvent): void => {
    if (!over || active.id === over.id) return;
    const from = keys.indexOf(String(active.id));
    const to = keys.indexOf(String(over.id));
    const before = to > from ? (keys[to + 1] ?? null) : (keys[to] ?? null);
    editor.change({ op: "shift", path: [...path, String(active.id)], before });
  };
  // What a screen reader is told while a line is moved by the keyboard.
  const called = (id: string | number): string => {
    const item = items[keys.indexOf(String(id))];
    return item ? name(item) : "The line";
  };
  const place = (id: string | number): string => `place ${keys.indexOf(String(id)) + 1} of ${keys.length}`;
  const announcements: Announcements = {
    onDragStart: ({ active }) => `${called(active.id)} is lifted from ${place(active.id)}.`,
    onDragOver: ({ active, over }) => (over ? `${called(active.id)} is at ${place(over.id)}.` : `${called(active.id)} is at no place.`),
    onDragEnd: ({ active, over }) => `${called(active.id)} is put down at ${place((over ?? active).id)}.`,
    onDragCancel: ({ active }) => `${called(active.id)} stays where it was.`,
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} accessibility={{ announcements }} onDragEnd={end}>
      <SortableContext items={keys} strategy={verticalListSortingStrategy}>
        {items.map((t) => (
          <SortedItem key={keyOf(t)} id={keyOf(t)} name={name(t)}>
            {(handle) => children(t, handle)}
          </SortedItem>
        ))}
      </SortableContext>
    </DndContext>
  );
}

function SortedItem({ id, name, children }: { id: string; name: string; children: (handle: ReactNode) => ReactNode }) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id });
  const handle = (
    <button
      type="button"
      {...attributes}
      {...listeners}
      aria-label={`Move ${name}`}
      className="absolute top-1 -left-0.5 inline-flex h-7 w-6 cursor-grab items-center justify-center text-quiet opacity-0 group-focus-within:opacity-100 group-hover:opacity-100 focus:opacity-100"
    >
      <GripVertical aria-hidden="true" size={14} />
    </button>
  );
  return (
    <div
      ref={setNodeRef}
      style={{ transform: transform ? `translate3d(0, ${Math.round(transform.y)}px, 0)` : undefined, transition }}
      className={isDragging ? "relative z-10 bg-paper shadow-lg" : ""}
    >
      {children(handle)}
    </div>
  );
}

/** Changes in few words. */
export function useChange(): {
  set: (path: string[], value?: unknown) => void;
  add: (path: string[], item: Item, before?: string | null) => void;
  drop: (path: string[]) => void;
  many: (list: Change[]) => void;
} {
  const { editor } = useSpread();
  return {
    set: (path, value) => editor.change(value === undefined ? { op: "set", path } : { op: "set", path, value }),
    add: (path, item, before = null) => editor.change({ op: "add", path, item, before }),
    drop: (path) => editor.change({ op: "drop", path }),
    many: (changes) => editor.change({ op: "many", changes }),
  };
}

/** Puts the caret into a line that was just made. */
export function useFocusNew(): { mark: (place: string) => void } {
  const wanted = useRef<string | null>(null);
  useEffect(() => {
    if (!wanted.current) return;
    const box = document.querySelector<HTMLElement>(
      `[data-place="${CSS.escape(wanted.current)}"] input, [data-place="${CSS.escape(wanted.current)}"] textarea`,
    );
    if (!box) return;
    box.focus();
    wanted.current = null;
  });
  return { mark: (place) => (wanted.current = place) };
}

/** An id that none of the items has. */
export function freshId(stem: string, taken: readonly { id?: string; key?: string }[], joint = "-"): string {
  const have = new Set(taken.map((t) => t.id ?? t.key));
  for (let n = 1; ; n++) {
    const id = n === 1 ? stem : `${stem}${joint}${n}`;
    if (!have.has(id)) return id;
  }
}
