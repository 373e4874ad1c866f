import { useRef, useState } from "react";
import { Link } from "react-router";
import { newRef, sendForm } from "../../api/client.ts";
import type { ExchangeReport } from "../../api/types.ts";
import { Button, Wrong } from "../../parts/controls.tsx";
import { again } from "./commands.ts";

type Kind = "clients" | "appointments" | "services";

const KINDS: { kind: Kind; name: string; needs: string; may: string; goes: string }[] = [
  { kind: "clients", name: "Clients", needs: "name (or first name and last name)", may: "phone, email, note, assessed", goes: "into the clients’ cards" },
  {
    kind: "appointments",
    name: "Coming appointments",
    needs: "date, time, service, staff, name",
    may: "length, room, places, phone, email, visitor",
    goes: "onto the day sheets, with their clients",
  },
  { kind: "services", name: "Services and prices", needs: "service, length", may: "price, staff, room, clean-up, also", goes: "into the handbook’s draft" },
];

const SHOWN: Record<Kind, string[]> = {
  clients: ["line", "name", "telephone", "email"],
  appointments: ["line", "client", "when", "what", "with", "noted"],
  services: ["line", "service", "length", "price", "who"],
};

/** The book that exists already: looked at line by line before anything is kept, and given out again. */
export function ExchangePage() {
  const [kind, setKind] = useState<Kind>("appointments");
  const [file, setFile] = useState<File | null>(null);
  const [report, setReport] = useState<ExchangeReport | null>(null);
  const [error, setError] = useState<unknown>(null);
  const [busy, setBusy] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  const about = KINDS.find((k) => k.kind === kind);

  const ask = async (f: File, of: Kind, keep: boolean): Promise<void> => {
    setBusy(true);
    setError(null);
    const form = new FormData();
    form.set("ref", newRef());
    form.set("keep", keep ? "yes" : "no");
    form.set("without", keep && (report?.wrong ?? 0) > 0 ? "yes" : "no");
    form.set("files", f);
    try {
      setReport(await sendForm<ExchangeReport>(`/exchange/${of}`, form));
      if (keep) await again();
    } catch (e) {
      setError(e);
      if (!keep) setReport(null);
    }
    setBusy(false);
  };
  const choose = (f: File | undefined): void => {
    if (!f) return;
    setFile(f);
    setReport(null);
    void ask(f, kind, false);
  };
  const turn = (k: Kind): void => {
    setKind(k);
    setReport(null);
    setFile(null);
    setError(null);
    if (input.current) input.current.value = "";
  };
  return (
    <main className="min-h-0 flex-1 overflow-y-auto px-10 py-6">
      <div className="flex items-baseline justify-between">
        <h1 className="font-serif text-xl font-semibold">The book that exists already</h1>
        <Link className="min-h-8 text-s text-gentian underline" to="/">
          Back to the desk
        </Link>
      </div>
      <p className="mt-1 max-w-[640px] font-serif text-quiet">
        A spreadsheet or a CSV file, with headings in its first line. You see every line before anything is kept, and nothing is ever half brought in.
      </p>
      <div className="mt-5 grid grid-cols-[260px_minmax(0,1fr)] gap-8">
        <div>
          <div role="radiogroup" aria-label="What is brought in">
            {KINDS.map((k) => (
              <label
                key={k.kind}
                className={`flex min-h-9 cursor-pointer items-center gap-2 border-l-3 pl-3 ${k.kind === kind ? "border-gentian font-semibold" : "border-hairline text-quiet"}`}
              >
                <input type="radio" name="kind" className="size-4" checked={k.kind === kind} onChange={() => turn(k.kind)} />
                {k.name}
              </label>
            ))}
          </div>
          <p className="mt-3 text-s text-quiet">
            Needs: {about?.needs}.<br />
            May have: {about?.may}.<br />
            It goes {about?.goes}.
          </p>
          <label className="mt-4 block">
            <span className="mb-1 block text-s font-semibold text-quiet">The file</span>
            <input
              ref={input}
              type="file"
              accept=".csv,.tsv,.txt,.xlsx"
              className="block w-full text-s file:mr-2 file:min-h-8 file:rounded-m file:border file:border-hairline file:bg-raised file:px-3 file:font-semibold"
              onChange={(e) => choose(e.target.files?.[0])}
            />
          </label>
          <h2 className="mt-8 text-s font-semibold text-quiet">Give out {about?.name.toLowerCase()}</h2>
          <p className="mt-1 flex gap-3 text-s">
            <a className="min-h-6 text-gentian underline" href={`/api/desk/exchange/${kind}.csv`}>
              as CSV
            </a>
            <a className="min-h-6 text-gentian underline" href={`/api/desk/exchange/${kind}.xlsx`}>
              as a spreadsheet
            </a>
          </p>
        </div>
        <div className="min-w-0">
          <Wrong error={error} />
          {busy ? <p className="text-quiet">Reading {file?.name}…</p> : null}
          {!report && !busy && !error ? <p className="font-serif text-quiet">Choose a file, and what it says stands here, line by line.</p> : null}
          {report ? (
            <>
              <div className="flex items-center gap-4">
                <p className="text-l">
                  <b className="font-semibold text-fern">{report.good} lines are good</b>
                  {report.wrong > 0 ? <b className="font-semibold text-clay">, {report.wrong} are wrong</b> : null}
                </p>
                {report.kept ? (
                  <p className="rounded-m bg-fern-pale px-3 py-1 text-s text-fern">
                    {kind === "services"
                      ? `${report.services ?? 0} services are in the draft.`
                      : `Brought in: ${report.appointments ? `${report.appointments} appointments, ` : ""}${report.clients ?? 0} new clients, ${report.known ?? 0} known already.`}
                  </p>
                ) : (
                  <Button kind="main" disabled={busy || report.good === 0} onClick={() => file && void ask(file, kind, true)}>
                    {report.wrong > 0 ? `Bring in the ${report.good} and leave out the ${report.wrong}` : `Bring in all ${report.good}`}
                  </Button>
                )}
              </div>
              {report.faults.length > 0 && !report.kept ? (
                <div className="mt-4">
                  <h2 className="text-s font-semibold text-clay">What is wrong</h2>
                  <ul className="mt-1 max-h-60 overflow-y-auto border-y border-hairline text-s" tabIndex={0} aria-label="What is wrong">
                    {report.faults.map((f, i) => (
                      <li key={i} className="grid grid-cols-[72px_120px_1fr] border-b border-hairline py-1 last:border-b-0">
                        <span className="text-quiet">line {f.line}</span>
                        <span className="font-semibold">{f.column}</span>
                        <span>{f.message}</span>
                      </li>
                    ))}
                  </ul>
                </div>
              ) : null}
              {report.shown.length > 0 ? (
                <div className="mt-4">
                  <h2 className="text-s font-semibold text-quiet">
                    {report.good > report.shown.length ? `The first ${report.shown.length} good lines` : "The good lines"}
                  </h2>
                  <table className="mt-1 w-full text-s">
                    <thead>
                      <tr className="text-left text-quiet">
                        {SHOWN[kind].map((h) => (
                          <th key={h} className="py-1 pr-3 font-normal">
                            {h}
                          </th>
                        ))}
                      </tr>
                    </thead>
                    <tbody>
                      {report.shown.map((line) => (
                        <tr key={line[0]} className="border-t border-hairline">
                          {line.map((cell, i) => (
                            <td key={i} className={`py-1 pr-3 ${i === 0 ? "text-quiet" : ""} ${kind === "appointments" && i === 5 ? "text-stamen" : ""}`}>
                              {cell}
                            </td>
                          ))}
                        </tr>
                      ))}
                    </tbody>
                  </table>
                </div>
              ) : null}
            </>
          ) : null}
        </div>
      </div>
    </main>
  );
}
