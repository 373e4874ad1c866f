import type { LogEntry, Now } from "../../api/types.ts";
import { agoText, OUTCOME_WORDS, waitsFor } from "../../parts/words.ts";

/** Who is talking now, with the last words of each conversation. */
export function Talking({ now, onOpen }: { now: Now | undefined; onOpen: (id: string) => void }) {
  const list = now?.talking ?? [];
  const today = now?.today;
  return (
    <section aria-labelledby="talking-title" className="px-[18px] pt-3">
      <h2 id="talking-title" className="flex items-baseline justify-between border-b border-hairline pb-2 font-serif text-l font-semibold">
        Talking now <span className="font-sans text-s font-normal text-quiet">{list.length}</span>
      </h2>
      {now && list.length === 0 ? <p className="py-4 text-quiet">Nobody right now.</p> : null}
      <ul aria-live="off">
        {list.map((t) => (
          <li key={t.id} className="border-b border-hairline">
            <button type="button" className="block w-full py-2.5 text-left hover:bg-open" onClick={() => onOpen(t.id)}>
              <Entry t={t} />
            </button>
          </li>
        ))}
      </ul>
      {today ? (
        <p className="py-3 text-s text-quiet">
          Today: {today.conversations} {today.conversations === 1 ? "conversation" : "conversations"}
          {Object.entries(today.outcomes).map(([o, n]) => `, ${n} ${OUTCOME_WORDS[o] ?? o}`)}
        </p>
      ) : null}
    </section>
  );
}

function Entry({ t }: { t: LogEntry }) {
  return (
    <>
      <span className="flex justify-between text-s text-quiet">
        <span>
          {t.line} · {t.clientName ?? "new client"}
        </span>
        <span>{agoText(t.agoMin)}</span>
      </span>
      {t.last.slice(-2).map((w, i) => (
        <span key={i} className="mt-0.5 line-clamp-3 font-serif leading-[20px]">
          <span
            className={`mr-1.5 font-sans text-[11px] font-semibold tracking-wider uppercase ${w.who === "client" ? "text-quiet" : w.who === "desk" ? "text-stamen" : "text-gentian"}`}
          >
            {w.who === "client" ? "client" : w.who}
          </span>
          {w.text}
        </span>
      ))}
      <span className={`mt-0.5 block font-serif text-s italic ${t.status === "with-desk" ? "text-stamen" : "text-quiet"}`}>
        {t.status === "with-desk" ? (t.takenBy ? "with the desk" : "waits for the desk") : waitsFor(t.expects)}
      </span>
    </>
  );
}
