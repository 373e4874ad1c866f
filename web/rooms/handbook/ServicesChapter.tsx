import { ChevronDown, ChevronRight } from "lucide-react";
import { Popover } from "radix-ui";
import { memo, useState, type ReactNode } from "react";
import type { Draft, DraftService } from "@gentian/core/house/draft";
import { parseVariants, parseWords, variantsLine, wordsLine } from "@gentian/core/house/lines";
import { ServiceTime } from "./ServiceTime.tsx";
import { AddButton, Amount, Chapter, DropButton, freshId, Line, Pick, Sorted, Tick, useChange, useFocusNew, useSpread, Words } from "./lines.tsx";

/** What can be booked, how long it takes and what it costs, who does it and where. */
export function ServicesChapter() {
  const { editor } = useSpread();
  const { draft } = editor;
  const { add } = useChange();
  const { mark } = useFocusNew();
  // A heading stands once, over the first of those under it.
  const headings = new Map(
    draft.services.flatMap((s, i) => (s.category && s.category !== draft.services[i - 1]?.category ? [[s.id, s.category] as const] : [])),
  );
  const from = [...new Set(draft.services.map((s) => draft.origins?.[`services/${s.id}`]?.source).filter(Boolean))];
  return (
    <Chapter
      id="services"
      title="Services and prices"
      about={`In ${currencyName(draft.currency)}.${from.length > 0 ? ` Read from ${from.slice(0, 2).join(" and ")}${from.length > 2 ? " and others" : ""}, and edited since.` : ""}`}
    >
      <Sorted items={draft.services} path={["services"]} keyOf={(s) => s.id} name={(s) => s.name}>
        {(s, handle) => <ServiceLine s={s} draft={draft} handle={handle} heading={headings.get(s.id) ?? ""} />}
      </Sorted>
      <AddButton
        onClick={() => {
          const id = freshId("service", draft.services);
          mark(`services/${id}`);
          add(["services"], {
            id,
            name: "New service",
            also: [],
            about: "",
            variants: [],
            staff: draft.staff.filter((p) => p.bookable).map((p) => p.id),
            pool: "",
            cleanUpMin: 0,
            asks: [],
          });
        }}
      >
        Another service
      </AddButton>
    </Chapter>
  );
}

/** "Canadian dollars". */
const currencyName = (code: string): string =>
  new Intl.NumberFormat("en", { style: "currency", currency: code, currencyDisplay: "name" }).format(2).replace(/^[\d.,\s]+/, "");

const ServiceLine = memo(function ServiceLine({ s, draft, handle, heading }: { s: DraftService; draft: Draft; handle: ReactNode; heading: string }) {
  const { set, drop } = useChange();
  const [open, setOpen] = useState(false);
  const path = (field: string): string[] => ["services", s.id, field];
  const people = s.staff.map((id) => draft.staff.find((p) => p.id === id)).filter((p) => p !== undefined);
  const pools = [...new Set(draft.rooms.map((r) => r.pool))];
  return (
    <Line place={`services/${s.id}`} find={[s.name, ...s.also, s.category ?? "", s.about, ...people.map((p) => p.name)].join(" ")} handle={handle}>
      {heading ? <p className="pb-0.5 text-s font-semibold text-quiet">{heading}</p> : null}
      <div className="grid grid-cols-[minmax(0,1fr)_276px_24px] gap-x-2">
        <Words
          label="Name of the service"
          className="font-serif"
          value={s.name}
          check={(v) => v.trim() !== ""}
          hint="A service needs a name."
          onChange={(v) => set(path("name"), v)}
        />
        <Words
          label={`Length and price of ${s.name}`}
          className="text-right"
          placeholder="30 min $60 · 60 min $95"
          value={variantsLine(draft, s.variants)}
          check={(v) => parseVariants(v) !== null}
          hint="Write it like this: 30 min $60 · 60 min $95."
          onChange={(v) =>
            // What a length has of its own, such as who does it, stays with it.
            set(
              path("variants"),
              (parseVariants(v) ?? []).map((n) => ({ ...s.variants.find((o) => o.lengthMin === n.lengthMin), ...n })),
            )
          }
        />
        <button
          type="button"
          aria-expanded={open}
          aria-label={`More of ${s.name}`}
          onClick={() => setOpen(!open)}
          className="inline-flex size-6 items-center justify-center rounded-m text-quiet hover:text-ink"
        >
          {open ? <ChevronDown aria-hidden="true" size={16} /> : <ChevronRight aria-hidden="true" size={16} />}
        </button>
      </div>
      <div className="grid grid-cols-[minmax(0,1fr)_auto] gap-x-3 pr-8">
        <Words
          label={`Other words for ${s.name}`}
          className="font-serif text-s text-quiet italic"
          placeholder="other words for it"
          value={wordsLine(s.also)}
          onChange={(v) => set(path("also"), parseWords(v))}
        />
        <Who s={s} draft={draft} />
      </div>
      {s.noPrice && !open ? <p className="font-serif text-s text-quiet">says: “{s.noPrice}”</p> : null}
      {open ? (
        <div className="mt-1.5 space-y-1 border-l-2 border-hairline pl-3">
          <Words
            label={`About ${s.name}`}
            rows
            className="font-serif text-s"
            placeholder="What it is, in a sentence or two"
            value={s.about}
            onChange={(v) => set(path("about"), v)}
          />
          <Words
            label={`What to bring to ${s.name}`}
            className="font-serif text-s"
            placeholder="What to bring or wear"
            value={s.bring ?? ""}
            onChange={(v) => set(path("bring"), v === "" ? undefined : v)}
          />
          <Words
            label={`Said in place of a price for ${s.name}`}
            className="font-serif text-s"
            placeholder="Said in place of a price"
            value={s.noPrice ?? ""}
            onChange={(v) => set(path("noPrice"), v === "" ? undefined : v)}
          />
          <div className="flex flex-wrap items-center gap-x-4 gap-y-1 text-s text-quiet">
            <span>
              Clean-up <Amount label={`Clean-up after ${s.name}`} value={s.cleanUpMin} most={240} onChange={(n) => set(path("cleanUpMin"), n)} /> min
            </span>
            <span>
              in{" "}
              <Pick
                label={`Room for ${s.name}`}
                value={s.pool}
                options={[["", "no room of its own"], ...pools.map((p): [string, string] => [p, p])]}
                onChange={(v) => set(path("pool"), v)}
              />
            </span>
            <span>
              after{" "}
              <Pick
                label={`What comes before ${s.name}`}
                value={s.after ?? ""}
                options={[["", "nothing"], ...draft.services.filter((o) => o.id !== s.id).map((o): [string, string] => [o.id, o.name])]}
                onChange={(v) => set(path("after"), v === "" ? undefined : v)}
              />
            </span>
            <Tick value={s.priceKept ?? false} label="the price is not told" onChange={(v) => set(path("priceKept"), v ? true : undefined)} />
          </div>
          <ServiceTime s={s} draft={draft} />
          {draft.questions.length > 0 ? (
            <fieldset className="flex flex-wrap gap-x-4">
              <legend className="text-s text-quiet">It asks</legend>
              {draft.questions.map((q) => (
                <Tick
                  key={q.key}
                  value={s.asks.includes(q.key)}
                  label={q.ask}
                  onChange={(v) => set(path("asks"), v ? [...s.asks, q.key] : s.asks.filter((k) => k !== q.key))}
                />
              ))}
            </fieldset>
          ) : null}
          <div className="flex items-center justify-between">
            <span className="flex items-baseline gap-1 text-s text-quiet">
              under
              <Words
                label={`Heading of ${s.name}`}
                className="text-s"
                placeholder="no heading"
                value={s.category ?? ""}
                onChange={(v) => set(path("category"), v.trim() === "" ? undefined : v)}
              />
            </span>
            <DropButton label={`Take ${s.name} out`} onClick={() => drop(["services", s.id])} />
          </div>
        </div>
      ) : null}
    </Line>
  );
});

/** Who does it: names that open as a list to tick. */
function Who({ s, draft }: { s: DraftService; draft: Draft }) {
  const { set } = useChange();
  const people = draft.staff.filter((p) => p.bookable);
  const names = s.staff.map((id) => draft.staff.find((p) => p.id === id)?.called[0] ?? draft.staff.find((p) => p.id === id)?.name ?? `${id}?`);
  const put = (staff: string[]): void => set(["services", s.id, "staff"], staff);
  return (
    <Popover.Root>
      <Popover.Trigger
        className={`min-h-6 truncate rounded-m px-1 text-right text-s hover:bg-open ${names.length === 0 ? "font-semibold text-stamen" : "text-quiet"}`}
      >
        {names.length === 0 ? "nobody yet" : names.join(", ")}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content align="end" sideOffset={4} className="z-20 w-60 rounded-m border border-hairline bg-raised p-3" aria-label={`Who does ${s.name}`}>
          <div className="mb-1 flex gap-2 text-s">
            <button type="button" className="font-semibold text-gentian" onClick={() => put(people.map((p) => p.id))}>
              everybody
            </button>
            <button type="button" className="font-semibold text-gentian" onClick={() => put([])}>
              nobody
            </button>
          </div>
          {people.map((p) => (
            <div key={p.id}>
              <Tick value={s.staff.includes(p.id)} label={p.name} onChange={(v) => put(v ? [...s.staff, p.id] : s.staff.filter((x) => x !== p.id))} />
            </div>
          ))}
          {people.length === 0 ? <p className="text-s text-quiet">Nobody works here yet: write them under “People and calendars”.</p> : null}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
