import { useEffect, useState } from "react";
import { useNavigate, useParams, useSearchParams } from "react-router";
import { useGet, useHouseClock } from "../../api/hooks.ts";
import type { Logbook as Log, LogEntry, Me, OneConversation } from "../../api/types.ts";
import { Button, Input, Select, Wrong } from "../../parts/controls.tsx";
import { Playback } from "./Playback.tsx";
import { Script } from "../../parts/Script.tsx";
import { addDays, longDate, OUTCOME_WORDS, outcomeTone } from "../../parts/words.ts";

/** A day's conversations, line by line; one unfolds where it stands. */
export function Logbook({ me }: { me: Me }) {
  const { id } = useParams();
  const [params, setParams] = useSearchParams();
  const navigate = useNavigate();
  const clock = useHouseClock(me);
  const opened = useGet<OneConversation>(id ? `/conversations/${id}` : null);
  const ownDay = opened.data?.id === id ? opened.data?.turns[0]?.at.date : undefined;
  const date = params.get("day") ?? ownDay ?? clock.date;
  const log = useGet<Log>(`/logbook?date=${date}`);
  const [find, setFind] = useState("");
  const [line, setLine] = useState("");
  const [outcome, setOutcome] = useState("");
  const go = (to: string): void => {
    void navigate("/logbook");
    setParams(to === clock.date ? {} : { day: to });
  };
  const unfold = (to: string | null): void =>
    void navigate({ pathname: to ? `/logbook/${to}` : "/logbook", search: date === clock.date ? "" : `?day=${date}` });
  useEffect(() => {
    const press = (e: KeyboardEvent): void => {
      if (e.key === "Escape" && id) unfold(null);
    };
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  });
  const words = find.trim().toLowerCase();
  const list = (log.data?.conversations ?? []).filter(
    (c) =>
      (!line || c.line === line) &&
      (!outcome || c.outcome === outcome) &&
      (!words || `${c.clientName ?? ""} ${c.first ?? ""} ${c.last.map((w) => w.text).join(" ")}`.toLowerCase().includes(words)),
  );
  return (
    <main className="min-h-0 flex-1 overflow-y-auto">
      <div className="flex items-baseline gap-3 border-b border-hairline py-4 pr-10 pl-[92px]">
        <h1 className="font-serif text-xl font-semibold">{longDate(date)}</h1>
        <Button kind="quiet" aria-label="The day before" onClick={() => go(addDays(date, -1))}>
          ‹
        </Button>
        <Button kind="quiet" onClick={() => go(clock.date)} disabled={date === clock.date}>
          today
        </Button>
        <Button kind="quiet" aria-label="The day after" onClick={() => go(addDays(date, 1))}>
          ›
        </Button>
        <span className="ml-auto flex gap-2">
          <Select aria-label="Line" className="!w-auto" value={line} onChange={(e) => setLine(e.target.value)}>
            <option value="">all lines</option>
            {me.house.lines.map((l) => (
              <option key={l.key}>{l.name}</option>
            ))}
          </Select>
          <Select aria-label="What came of it" className="!w-auto" value={outcome} onChange={(e) => setOutcome(e.target.value)}>
            <option value="">whatever came of it</option>
            {Object.entries(OUTCOME_WORDS).map(([k, v]) => (
              <option key={k} value={k}>
                {v}
              </option>
            ))}
          </Select>
          <Input
            aria-label="Find words or a name"
            placeholder="find words or a name"
            className="!w-52"
            value={find}
            onChange={(e) => setFind(e.target.value)}
          />
        </span>
      </div>
      {log.error && !log.data ? <Wrong error={log.error} /> : null}
      {log.data && list.length === 0 ? (
        <p className="px-[92px] py-6 text-quiet">
          {log.data.conversations.length === 0 ? "Nobody has talked to the receptionist on this day." : "Nothing fits. Change the words or the choices above."}
        </p>
      ) : null}
      <ul>
        {list.map((c) => (
          <li key={c.id} className={`border-b border-hairline ${c.id === id ? "bg-raised" : ""}`}>
            <Row c={c} open={c.id === id} onClick={() => unfold(c.id === id ? null : c.id)} />
            {c.id === id && opened.data?.id === c.id ? (
              <div className="pr-10 pb-5 pl-5">
                {opened.data.calls.map((call) => (
                  <Playback key={call.id} call={call} client={opened.data?.clientName?.split(" ")[0] ?? "Client"} conversation={c.id} />
                ))}
                <Script talk={opened.data} />
                <p className="mt-3 pl-[72px] text-quiet">
                  <a className="underline underline-offset-4" href={`/api/desk/conversations/${c.id}/saved`} download>
                    save this conversation
                  </a>{" "}
                  to play it again later
                </p>
              </div>
            ) : null}
          </li>
        ))}
      </ul>
    </main>
  );
}

function Row({ c, open, onClick }: { c: LogEntry; open: boolean; onClick: () => void }) {
  return (
    <button
      type="button"
      aria-expanded={open}
      onClick={onClick}
      className="grid min-h-[38px] w-full grid-cols-[72px_216px_132px_minmax(0,1fr)_72px] items-center gap-5 py-1.5 pr-10 text-left hover:bg-open"
    >
      <span className="text-right text-quiet">{c.at.time}</span>
      <span className="truncate">
        <b className={`font-semibold ${open ? "font-serif text-l" : ""}`}>{c.clientName ?? "New client"}</b>{" "}
        <span className="ml-1 text-s text-quiet">{c.line.toLowerCase()}</span>
      </span>
      <span className={`font-semibold ${c.status === "closed" || c.outcome ? outcomeTone(c.outcome) : "text-gentian"}`}>
        {c.outcome ? OUTCOME_WORDS[c.outcome] : c.status === "open" ? "talking" : c.status === "with-desk" ? "with the desk" : "nothing"}
      </span>
      <span className="truncate text-quiet">{open ? "" : c.first}</span>
      <span className="text-right text-s text-quiet">{c.status !== "closed" ? "now" : c.lastedMin < 1 ? "under 1 min" : `${c.lastedMin} min`}</span>
    </button>
  );
}
